"""The windows of the workshop at the sizes of real desks: as small as the desk, nothing cut, every button by keyboard."""

from datetime import datetime

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QLabel, QLineEdit

from firmcell.app.shop.across_window import AcrossWindow
from firmcell.app.shop.day_window import DayWindow
from firmcell.app.shop.shop_window import ShopWindow
from firmcell.app.shop.shopping_window import ShoppingWindow
from firmcell.app.stock.fit_window import FitWindow
from firmcell.app.stock.match_window import MatchWindow
from firmcell.app.stock.stock_window import StockWindow
from firmcell.app.tables import RowsTable
from firmcell.register.demo import demo_register
from firmcell.store.demo import bee_house_scale, make_demo
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library
from tests.app.conftest import letters
from tests.conftest import CI

SIZES = (
    [((640, 400), 1.0), ((1024, 640), 1.5)]
    if CI
    else [((640, 400), 1.0), ((1024, 640), 1.0), ((1024, 640), 1.5), ((1280, 800), 1.0)]
)


@pytest.fixture
def scale(window, tmp_path):
    design = bee_house_scale(shipped_library())
    serials = tuple(f"HF-{n:04d}" for n in range(1, design.cell_count + 1))
    JobFile.create(tmp_path / "s.firmcell", design.edited("cell_serials", serials), "Ada", "x").close()
    assert window.opening.open_path(tmp_path / "s.firmcell")
    return window


def made(name, window, qtbot, tmp_path):
    farm = demo_register(tmp_path / "farm.sqlite", datetime.now().astimezone())
    if name == "stock":
        shown = StockWindow(window.library, window.settings, window.look, tmp_path, str(farm), window)
        shown.show()
        qtbot.waitUntil(lambda: len(shown.lines) == 400, timeout=20_000)
        shown.pick(shown.register.with_serial("HM-0037").key)
    elif name == "match":
        shown = MatchWindow(window, window.session, str(farm))
        shown.show()
        qtbot.waitUntil(shown.go.isEnabled, timeout=20_000)
        shown.match()
        qtbot.waitUntil(shown.take.isEnabled, timeout=30_000)
    elif name == "shop":
        shown = ShopWindow(window.library, window.settings, str(farm), window)
        shown.show()
        qtbot.waitUntil(lambda: len(shown.state.parts) == 20, timeout=20_000)
    elif name == "shopping":
        shown = ShoppingWindow(window, window.session.path.parent, window.session.path, str(farm))
        shown.show()
        qtbot.waitUntil(lambda: len(shown.lines) > 8, timeout=20_000)
    elif name == "day":
        shown = DayWindow(window, window.session.path.parent, str(farm))
        shown.show()
        qtbot.waitUntil(lambda: shown.plan is not None and len(shown.plan.slots) > 8, timeout=20_000)
    elif name == "across":
        shown = AcrossWindow(window, tmp_path, str(farm))
        shown.show()
        qtbot.waitUntil(lambda: shown.across is not None, timeout=20_000)
    elif name == "fit":
        shown = FitWindow(window, window.session)
        shown.show()
        shown.serial.setText("HF-0003")
        shown.scan()
    else:
        make_demo("orchard-hoist", tmp_path / "jobs")
        window.settings.setValue("jobs folder", str(tmp_path / "jobs"))
        window.opening.show_list()
        shown = window.opening.job_list
        qtbot.waitUntil(lambda: "1 job" in shown.where.text(), timeout=20_000)
    return shown


def squeezed(shown):
    """Labels and buttons with less room than their words need; what lies beyond the edge is scrolled to."""
    found = []
    for part in [*shown.findChildren(QLabel), *shown.findChildren(QAbstractButton)]:
        needed = part.minimumSizeHint()
        if (
            part.isVisible()
            and part.text()
            and (part.width() < needed.width() - 1 or part.height() < needed.height() - 1)
        ):
            found.append(f"{part.text()!r} has {part.size().toTuple()} of {needed.toTuple()}")
    return found


@pytest.mark.slow
@pytest.mark.parametrize("name", ["stock", "match", "fit", "board", "shop", "shopping", "day", "across"])
def test_nothing_is_cut_and_all_is_named(name, scale, qapp, qtbot, tmp_path):
    shown = made(name, scale, qtbot, tmp_path)
    for size, larger in SIZES:
        with letters(qapp, scale, larger):
            for _ in range(3):
                shown.resize(*size)
                qtbot.wait(30)
            assert (shown.width(), shown.height()) == size, f"{name} at {size}, letters × {larger}"
            for _ in range(40):
                qtbot.wait(30)
                cut = squeezed(shown)
                if not cut:
                    break
            assert cut == [], f"{name} at {size}, letters × {larger}"
            if name in ("shop", "shopping", "day", "across"):
                # The column that says what a row is about is never squeezed out.
                em = shown.fontMetrics().height()
                for table in shown.findChildren(RowsTable):
                    wide = (
                        table.columnWidth(table._wide) if table.isVisible() and table._wide >= 0 else em * 99
                    )
                    assert wide >= 8 * em or table.accessibleName().startswith("All that was"), (
                        table.accessibleName()
                    )
    for part in [*shown.findChildren(QLineEdit), *shown.findChildren(QAbstractButton)]:
        if (
            part.isVisible()
            and part.focusPolicy() & Qt.FocusPolicy.TabFocus
            and not part.objectName().startswith("qt_")
        ):
            assert (
                part.accessibleName()
                or getattr(part, "text", str)()
                or part.parent().inherits("QComboBox")
                or part.parent().inherits("QAbstractSpinBox")
            ), part
    shown.close()


@pytest.mark.parametrize("name", ["stock", "match", "fit", "board", "shop", "shopping", "day", "across"])
def test_every_button_is_reached_by_the_tab_key(name, scale, qtbot, tmp_path):
    shown = made(name, scale, qtbot, tmp_path)
    shown.resize(1280, 800)
    shown.activateWindow()
    seen = set()
    for _ in range(80):
        at = shown.focusWidget()
        if at is not None:
            seen.add(at)
        QTest.keyClick(at or shown, Qt.Key.Key_Tab)
    missed = [
        b.text()
        for b in shown.findChildren(QAbstractButton)
        if b.isVisible() and b.isEnabled() and b.text() and b not in seen
    ]
    assert missed == []
    assert any(isinstance(w, QLabel) for w in shown.findChildren(QLabel))
    shown.close()
