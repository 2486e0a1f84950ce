"""Every dialog on a small desktop and with large letters; contrast of what is read and of what is typed into."""

import re

import pytest
from PySide6.QtWidgets import QAbstractButton, QLabel, QLineEdit, QScrollArea, QWidget

from firmcell.app.board_dialog import BoardDialog
from firmcell.app.find_box import FindBox
from firmcell.app.form_dialog import fit_on_desktop
from firmcell.app.history_window import HistoryWindow
from firmcell.app.instruments_window import InstrumentsWindow
from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.app.photo_window import PhotoWindow
from firmcell.app.theme import PALETTES, style_sheet
from firmcell.core.analysis.findings import Stage
from tests.app.conftest import letters
from tests.conftest import CI

DIALOGS = {
    "help": lambda w: w.learning.help_window(),
    "find": FindBox,
    "new job": lambda w: NewPackDialog("metric", w.demo_folder, w.library, w),
    "history": lambda w: HistoryWindow(w.session, "metric", w.look, w),
    "photos": lambda w: PhotoWindow(w.session, "metric", w.look, w),
    "own board": lambda w: BoardDialog(w.session.design, "metric", w),
    "watch": lambda w: w.at_bench.watch_window(),
    "instruments": InstrumentsWindow,
    "trainer": lambda w: w.at_bench.trainer(),
    "by eye": lambda w: w.at_bench.by_eye(),
}


def inside_of(dialog):
    """What of a dialog scrolls, or the dialog."""
    areas = [a for a in dialog.findChildren(QScrollArea) if a.parent() is dialog]
    return areas[0].widget() if areas else dialog


# In CI the tightest alone; ./check by hand does both.
@pytest.mark.parametrize("larger", [1.5] if CI else [1.0, 1.5])
@pytest.mark.parametrize("name", list(DIALOGS))
def test_a_dialog_fits_a_small_desktop_and_cuts_nothing(hoist_window, qapp, qtbot, name, larger):
    with letters(qapp, hoist_window, larger):
        dialog = DIALOGS[name](hoist_window)
        qtbot.addWidget(dialog)
        dialog.show()
        desktop = dialog.screen().availableGeometry().size()
        fit_on_desktop(dialog)
        qtbot.wait(20)
        assert dialog.width() <= desktop.width()
        assert dialog.height() <= desktop.height()
        for size in ((640, 400), (1024, 640)):
            dialog.resize(*size)
            qtbot.wait(30)
            assert dialog.size().toTuple() == size, f"it needs {dialog.minimumSizeHint().toTuple()}"
            inside = inside_of(dialog)
            if size[0] == 1024:
                assert inside.minimumSizeHint().width() <= 1024
            for part in inside.findChildren(QWidget):
                if not part.isVisible() or not isinstance(part, (QLabel, QAbstractButton)):
                    continue
                if part.minimumSizeHint().width() > part.width() + 1:
                    pytest.fail(f"{part.text()!r} has {part.width()} of {part.minimumSizeHint().width()}")
        dialog.close()


def luminance(colour):
    """Relative luminance of a colour as WCAG 2.2 defines it (from memory)."""
    values = [int(colour[at : at + 2], 16) / 255 for at in (1, 3, 5)]
    linear = [v / 12.92 if v <= 0.04045 else ((v + 0.055) / 1.055) ** 2.4 for v in values]
    return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2]


def contrast(one, other):
    low, high = sorted((luminance(one), luminance(other)))
    return (high + 0.05) / (low + 0.05)


def rules_of(palette):
    """Selector and declarations of each rule of the style sheet."""
    for selector, body in re.findall(r"([^{}]+)\{([^{}]*)\}", style_sheet(palette)):
        pairs = (part.partition(":") for part in body.split(";") if ":" in part)
        yield selector.strip(), {key.strip(): value.strip() for key, _, value in pairs}


def test_contrast_is_measured_as_published():
    """Black on white is 21, and #767676 the lightest grey of 4.5 on white (WCAG 2.2, from memory)."""
    assert contrast("#000000", "#ffffff") == pytest.approx(21.0)
    assert contrast("#767676", "#ffffff") == pytest.approx(4.54, abs=0.01)


@pytest.mark.parametrize("palette", PALETTES.values(), ids=list(PALETTES))
def test_what_is_read_has_contrast_enough(palette):
    """4.5 for text (WCAG 2.2, 1.4.3, from memory); what cannot be used now is left out, as there."""
    seen = 0
    for selector, said in rules_of(palette):
        if "color" not in said or ":disabled" in selector:
            continue
        grounds = [said["background"]] if said.get("background", "").startswith("#") else []
        for ground in grounds or [palette.panel, palette.raised]:
            assert contrast(said["color"], ground) >= 4.5, (selector, said["color"], ground)
            seen += 1
    assert seen > 12
    for ink, ground in (
        (palette.plate_ink, palette.plate),
        (palette.plate_quiet, palette.plate),
        (palette.ink, palette.field),
        (palette.ink, palette.bench),
        (palette.quiet, palette.bench),
        (palette.stop, palette.raised),
        (palette.attention, palette.raised),
        (palette.note, palette.raised),
        (palette.good, palette.panel),
    ):
        assert contrast(ink, ground) >= 4.5, (ink, ground)


@pytest.mark.parametrize("palette", PALETTES.values(), ids=list(PALETTES))
def test_edges_of_what_is_used_can_be_seen(palette):
    """3 between the edge of a field or button and what is on either side of it (WCAG 2.2, 1.4.11, from memory)."""
    used = re.compile(
        r"^(QLineEdit|QComboBox|QPlainTextEdit|QSpinBox|QPushButton|QToolButton|QCheckBox::indicator)"
    )
    seen = 0
    for selector, said in rules_of(palette):
        if not used.match(selector) or ":disabled" in selector or "QAbstractItemView" in selector:
            continue
        for key, value in said.items():
            edge = re.search(r"#[0-9a-fA-F]{6}", value)
            if key.startswith("border") and "radius" not in key and edge:
                assert contrast(edge.group(), palette.panel) >= 3.0, (selector, value)
                seen += 1
                inner = said.get("background", "")
                if inner.startswith("#") and inner != edge.group():
                    assert contrast(edge.group(), inner) >= 3.0, (selector, value)
    assert seen >= 10


def test_every_page_is_still_dressed_after_the_look_changes(hoist_window):
    hoist_window.go(Stage.BRIEF)
    field = next(f for f in hoist_window.page(Stage.BRIEF).findChildren(QLineEdit) if f.isVisible())
    for _ in range(2):
        hoist_window.looks.toggle_look()
        picture = field.grab().toImage()
        ground = picture.pixelColor(picture.width() // 2, 5).name()
        assert ground == hoist_window.look.field
