"""What people expect of a program on a desk: dragged files, copied numbers and pictures, one key that finds everything."""

import csv
import io

import pytest
from PySide6.QtCore import QEvent, QMimeData, QObject, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent, QGuiApplication, QImage
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from firmcell.app.find_box import FindBox, found, places_of
from firmcell.app.looks import chosen_look
from firmcell.app.sorting import sort_key
from firmcell.app.tables import RowsTable
from firmcell.app.theme import PALETTES
from firmcell.core.analysis.findings import Stage
from firmcell.store.demo import make_demo
from firmcell.store.exchange import json_pieces


def let_go(window, *paths):
    mime = QMimeData()
    mime.setUrls([QUrl.fromLocalFile(str(p)) for p in paths])
    nothing, copy = Qt.KeyboardModifier.NoModifier, Qt.DropAction.CopyAction
    window.dropEvent(QDropEvent(QPointF(9, 9), copy, mime, Qt.MouseButton.LeftButton, nothing))


def test_files_let_go_over_the_window_go_where_they_belong(window, tmp_path, qtbot, monkeypatch):
    job = make_demo("bee-house-scale", tmp_path)
    (tmp_path / "notes.xyz").write_text("x")
    let_go(window, tmp_path / "notes.xyz")
    assert "notes.xyz” is none of the files" in window.banner.text()
    (tmp_path / "cells.csv").write_text("cell,resistance mΩ\n" + "".join(f"{n},20\n" for n in range(1, 9)))
    let_go(window, tmp_path / "cells.csv")
    assert "Open a job first" in window.banner.text()
    let_go(window, job)
    assert window.session.path == job
    let_go(window, tmp_path / "cells.csv")
    qtbot.waitUntil(lambda: window.jobs.measured.preview is not None)
    window.jobs.measured.preview.accept()
    assert window.session.design.measured_ohm[0] == pytest.approx(0.020)
    image = QImage(400, 300, QImage.Format.Format_RGB32)
    image.fill(Qt.GlobalColor.gray)
    for name in ("top.png", "bottom.png"):
        image.save(str(tmp_path / name))
    let_go(window, tmp_path / "top.png", tmp_path / "bottom.png")
    qtbot.waitUntil(lambda: len(window.session.design.photos) == 2, timeout=30_000)
    assert [p.name for p in window.session.design.photos] == ["top.png", "bottom.png"]
    window.jobs.photo_window.close()
    window.session.save()
    exchanged = tmp_path / "other.json"
    exchanged.write_bytes(b"".join(json_pieces(window.session.job)))
    made = tmp_path / "made"
    monkeypatch.setattr(
        "firmcell.app.job_commands.QFileDialog.getSaveFileName", lambda *_, **__: (str(made), "")
    )
    let_go(window, exchanged)
    qtbot.waitUntil(lambda: window.session.path == made.with_suffix(".firmcell"), timeout=10_000)
    assert len(window.session.design.photos) == 2


def test_the_picture_is_copied_and_written_as_pixels_and_as_drawing(hoist_window, tmp_path, qtbot):
    window = hoist_window
    window.go(Stage.STRIPS)
    window.copying.picture()
    mime = QGuiApplication.clipboard().mimeData()
    svg = bytes(mime.data("image/svg+xml").data()).decode()
    assert svg.startswith("<svg")
    assert "top face" in svg or "Top: 208.3" in svg
    assert mime.imageData().width() == 2 * window.view.width()
    for name in ("face.svg", "face.png"):
        window.copying.write_picture(tmp_path / name)
        qtbot.waitUntil((tmp_path / name).exists)
    assert (tmp_path / "face.svg").read_text() == svg
    assert QImage(str(tmp_path / "face.png")).height() == 2 * window.view.height()


def test_one_key_finds_commands_findings_steps_and_parts(hoist_window, qtbot):
    window = hoist_window
    window.go(Stage.BRIEF)
    QTest.keyClick(window, Qt.Key.Key_F, Qt.KeyboardModifier.ControlModifier)
    box = window.menus.find_box
    assert box.isVisible()
    qtbot.keyClicks(box.typed, "cell 12")
    assert box.list.item(0).text().startswith("Part: Cell 12")
    qtbot.keyClick(box.typed, Qt.Key.Key_Return)
    assert not box.isVisible()
    assert window.view.selected == "cell:12"
    assert "Cell 12" in window.view.accessibleDescription()
    kinds = {place.kind for place in places_of(window)}
    assert {"Job", "View", "Finding", "Step", "Part", "Brief"} <= kinds

    def go(words):
        box = FindBox(window)
        box.typed.setText(words)
        box.go()
        box.deleteLater()

    go("sleeve along")
    go("findings focus")
    assert window.findings.hasFocus() or window.findings_box.is_open
    go("run the pack through time")
    assert window.stage is Stage.BRIEF
    go("step " + window.session.steps[5].title)
    assert window.stage is Stage.BENCH
    assert window.page(Stage.BENCH).step is window.session.steps[5]
    first = window.stage
    go("zzzz nothing")
    assert window.stage is first
    # What begins with the words typed stands before what only holds them.
    names = [p.name for p in found(places_of(window), "le")]
    assert names[0].lower().startswith("le")


def test_rows_are_sorted_by_what_they_measure_and_copied(qtbot):
    table = RowsTable(("Part", "Carries"), "things", wide=0)
    qtbot.addWidget(table)
    table.resize(400, 300)
    table.show()
    rows = [("r:1", ("cell 10", "1.2 A")), ("r:2", ("cell 9", "950 mA")), ("r:3", ("cell 11", "−3 A"))]
    table.set_rows(rows)

    def column(n):
        return [table.rows.index(r, n).data() for r in range(table.rows.rowCount())]

    assert column(0) == ["cell 10", "cell 9", "cell 11"], "as given"
    table.pick("r:1")
    header = table.horizontalHeader()
    spot = QPoint(header.sectionViewportPosition(1) + 8, header.height() // 2)
    qtbot.mouseClick(header.viewport(), Qt.MouseButton.LeftButton, pos=spot)
    assert column(1) == ["−3 A", "950 mA", "1.2 A"]
    assert table.currentIndex().siblingAtColumn(0).data() == "cell 10", "the row that was picked stays picked"
    table.set_rows([*rows, ("r:4", ("cell 12", "1 mA"))])
    assert column(1) == ["−3 A", "1 mA", "950 mA", "1.2 A"], "new rows come where they belong"
    table.pick("r:1")
    qtbot.keyClick(table, Qt.Key.Key_C, Qt.KeyboardModifier.ControlModifier)
    assert QGuiApplication.clipboard().text() == "cell 10\t1.2 A"
    table.set_rows([*rows, ("r:4", ("cell 12", ""))])
    qtbot.mouseClick(header.viewport(), Qt.MouseButton.LeftButton, pos=spot)
    assert column(1) == ["1.2 A", "950 mA", "−3 A", ""], "falling; what is empty stays last"
    table.set_rows([*rows, ("r:4", ("cell 12", "1 mA"))])
    actions = {a.text(): a for a in table.menu_of_table().actions()}
    actions["As it &was"].trigger()
    assert column(0) == ["cell 10", "cell 9", "cell 11", "cell 12"]
    actions["Copy the &table as CSV"].trigger()
    told = list(csv.reader(io.StringIO(QGuiApplication.clipboard().text())))
    assert told == [
        ["Part", "Carries"],
        ["cell 10", "1.2 A"],
        ["cell 9", "950 mA"],
        ["cell 11", "−3 A"],
        ["cell 12", "1 mA"],
    ]


@pytest.mark.parametrize(
    "rising",
    [
        ("0.5 mΩ", "2 mΩ", "1 Ω", "1.5 kΩ"),
        ("45 s", "2 min", "1 h", "3 days"),
        ("9 mm", "0.2 m", "1.1 m"),
        ("−10 °C", "0 °C", "25 °C"),
        ("N2-L4.1", "N10-L1.1", "N10-L2", "out"),
        ("5 %", "64 %", "120 %", "n.a.", ""),
    ],
)
def test_the_order_of_texts_is_that_of_what_they_mean(rising):
    mixed = [*rising[1::2], *rising[::2]]
    assert sorted(mixed, key=sort_key) == list(rising)


def test_the_look_is_the_desktops_until_one_is_chosen(hoist_window, monkeypatch):
    window, dark = hoist_window, [Qt.ColorScheme.Dark]

    class Hints:
        def colorScheme(self):
            return dark[0]

    monkeypatch.setattr(QGuiApplication, "styleHints", staticmethod(Hints))
    assert chosen_look(window.settings) is PALETTES["dark"]
    window.looks.follow_desktop()
    assert window.look.name == "dark"
    window.looks.toggle_look()
    assert (window.look.name, window.settings.value("look")) == ("light", "light")
    window.looks.follow_desktop()
    assert window.look.name == "light", "what was chosen stays"
    window.looks.as_desktop()
    assert window.look.name == "dark"
    dark[0] = Qt.ColorScheme.Unknown
    window.looks.follow_desktop()
    assert window.look.name == "light"


def test_a_change_of_look_styles_each_widget_a_few_times_not_once_for_each_of_its_parents(hoist_window):
    window = hoist_window
    for stage in Stage:
        window.go(stage)
    application = QApplication.instance()

    class Counted(QObject):
        styled = 0

        def eventFilter(self, _watched, event):
            self.styled += event.type() == QEvent.Type.StyleChange
            return False

    counted = Counted()
    application.installEventFilter(counted)
    window.looks.toggle_look()
    application.removeEventFilter(counted)
    widgets = len(application.allWidgets())
    assert widgets > 1000
    assert widgets <= counted.styled <= 3 * widgets


def test_photos_open_one_window_for_a_job_not_one_each_time(hoist_window):
    window = hoist_window
    window.jobs.photos()
    first = window.jobs.photo_window
    window.jobs.photos()
    assert window.jobs.photo_window is first
    first.close()
    QTest.qWait(10)
    window.jobs.photos()
    assert window.jobs.photo_window.isVisible()
    window.jobs.photo_window.close()


def test_jobs_opened_lately_are_in_the_menu(hoist_window, tmp_path):
    window = hoist_window
    hoist = window.session.path
    scale = make_demo("bee-house-scale", tmp_path)
    window.opening.open_path(scale)
    window.menus.recent.aboutToShow.emit()
    names = [a.text() for a in window.menus.recent.actions()]
    assert names[:2] == [scale.name, hoist.name]
    window.menus.recent.actions()[1].trigger()
    assert window.session.path == hoist


def test_the_parts_are_on_the_bench_page_and_go_out_as_a_file(hoist_window, tmp_path):
    hoist_window.go(Stage.BENCH)
    parts = hoist_window.page(Stage.BENCH).parts
    rows = [
        tuple(parts.list.rows.index(r, c).data() for c in range(4)) for r in range(parts.list.rows.rowCount())
    ]
    assert rows[0] == ("21700 high-energy 5.0 Ah", "42", "", "")
    assert any("nickel" in row[0] and "30 mm" in row[3] for row in rows)
    assert parts.write(tmp_path / "parts.csv")
    told = list(csv.DictReader(io.StringIO((tmp_path / "parts.csv").read_text())))
    assert [row["class"] for row in told] == [row[0] for row in rows]
    assert not parts.write(tmp_path / "none" / "parts.csv")
    assert "does not exist" in hoist_window.banner.text()


def test_the_part_picked_is_shown_large_and_the_whole_again(hoist_window, qtbot):
    window, view = hoist_window, hoist_window.view
    window.go(Stage.LAYOUT)
    keys = Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier
    view.select("")
    QTest.keyClick(window, Qt.Key.Key_0, keys)
    assert "Pick a part" in window.banner.text()
    qtbot.wait(20)
    whole = view.scale()
    view.select("cell:17")
    QTest.keyClick(window, Qt.Key.Key_0, keys)
    assert view.scale() > 2 * whole
    at = view.place_of("cell:17")
    assert abs(at.x() - view.width() / 2) < 2
    assert abs(at.y() - view.height() / 2) < view.fontMetrics().height()
    QTest.keyClick(window, Qt.Key.Key_0, Qt.KeyboardModifier.ControlModifier)
    assert view.scale() == pytest.approx(whole)
