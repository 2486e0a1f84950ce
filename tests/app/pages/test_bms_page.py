"""The BMS stage: boards compared, own boards, wiring beside the faces, and its own kinds of job."""

from itertools import combinations

import pytest
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QFontMetrics
from PySide6.QtWidgets import QLabel

from firmcell.app.board_dialog import BoardDialog
from firmcell.app.canvas.measures import GROWS_ELSE, SMALLEST_TEXT
from firmcell.app.pages.bms_page import BmsPage
from firmcell.core.analysis.findings import Stage
from firmcell.core.pictures.drawing import Label, bounds_of
from firmcell.core.pictures.stage_marks import stage_paint
from firmcell.core.records.events import Checked, PolarityReading, StepPassed
from firmcell.store.demo import hoist_in_rows
from firmcell.store.job_file import JobFile


@pytest.fixture
def page(hoist_window) -> BmsPage:
    hoist_window.go(Stage.BMS)
    return hoist_window.page(Stage.BMS)


def test_faces_and_schematic_stand_side_by_side(hoist_window, page):
    places = {f.drawing.title: f.origin for f in hoist_window.view._faces}
    assert "wiring" in places
    others = [origin.x() for title, origin in places.items() if title != "wiring"]
    assert all(places["wiring"].x() > x for x in others)
    hoist_window.view.select("tap:4")
    assert hoist_window.card.isVisible()


def test_a_board_is_taken_by_enter_and_each_says_why_not(qtbot, hoist_window, page):
    rows = [page.boards.rows.index(r, 2).data() for r in range(page.boards.rows.rowCount())]
    assert rows[0] == "fits"
    assert any("carries 20 A" in row for row in rows)
    fitting = [row == "fits" for row in rows]
    assert fitting == sorted(fitting, reverse=True)
    page.boards.setFocus()
    weak = next(n for n, row in enumerate(rows) if row == "carries 20 A")
    page.boards.setCurrentIndex(page.boards.rows.index(weak, 0))
    qtbot.keyClick(page.boards, Qt.Key.Key_Return)
    assert hoist_window.session.design.bms.board.current_continuous_a == 20
    assert any(f.code == "BM-3" for f in hoist_window.session.findings)
    hoist_window.undo()
    assert hoist_window.session.design.bms.board.current_continuous_a == 30


def test_without_a_board_the_page_says_what_that_asks(hoist_window, page):
    page._set(None)
    assert "balance plug" in page._without()
    assert "the charger must" in page._balances()
    assert not hoist_window.grab().isNull()


def test_the_wire_list_lights_its_part_and_can_be_written(hoist_window, page, tmp_path, qtbot):
    page.wires.setCurrentIndex(page.wires.rows.index(2, 0))
    assert hoist_window.view.selected == "tap:2"
    for kind, name in (("wires", "w.csv"), ("wiring", "w.pdf")):
        hoist_window.jobs.write_layout(kind, tmp_path / name)
        qtbot.waitUntil(lambda name=name: (tmp_path / name).exists(), timeout=15_000)


def test_a_board_of_ones_own_is_entered_kept_and_taken(qtbot, hoist_window, page):
    dialog = BoardDialog(hoist_window.session.design, "metric")
    qtbot.addWidget(dialog)
    for name, text in (("name", "Shed board"), ("pads", "B10, B9, B8, B7, B6, B5, B4, B3, B2, B1, B0")):
        line = dialog.form.fields[name].row.editor
        line.clear()
        qtbot.keyClicks(line, text)
        qtbot.keyClick(line, Qt.Key.Key_Return)
    dialog.accept()
    assert dialog.board is not None
    hoist_window.jobs.take_board(dialog.board)
    assert hoist_window.session.design.bms.board.name == "Shed board"
    assert "is kept in" in hoist_window.banner.text()
    assert any(b.name == "Shed board" for b in hoist_window.session.library.boards)
    again = hoist_window.page(Stage.BMS)
    assert "place 11" in again.wires.rows.index(0, 3).data()


def test_a_wrong_board_is_refused_in_one_sentence(qtbot, hoist_window):
    dialog = BoardDialog(hoist_window.session.design, "metric")
    qtbot.addWidget(dialog)
    line = dialog.form.fields["name"].row.editor
    line.clear()
    qtbot.keyClick(line, Qt.Key.Key_Return)
    dialog.accept()
    assert dialog.board is None
    assert dialog.fault.text()


def test_one_cell_has_its_own_picture_and_no_taps(window, qtbot):
    assert window.opening.open_demo("lamp-cell-bms")
    window.go(Stage.BMS)
    page = window.page(Stage.BMS)
    assert [f.drawing.title for f in window.view._faces] == ["with its board"]
    words = " ".join(label.text() for label in page.findChildren(QLabel))
    assert "Taps, from" not in words
    assert "fuse" not in words
    assert "strap to the positive last" in words
    window.view.select("strap")
    window.go(Stage.BENCH)
    assert {"ring", "strap", "sleeve"} <= set(window.view.targets())


@pytest.mark.parametrize(
    ("typed", "words"),
    [
        ("10", "25.0 °C"),
        ("4,102", "50.0 °C"),
        ("4102 ohm", "50.0 °C"),
        ("0", "touch"),
        ("5 Mohm", "open"),
        ("zebra", "zebra"),
    ],
)
def test_a_reading_of_the_sensor_becomes_a_temperature(qtbot, page, typed, words):
    page.sensor.setFocus()
    qtbot.keyClicks(page.sensor, typed)
    qtbot.keyClick(page.sensor, Qt.Key.Key_Return)
    assert words in page.sensor_words.text()


def test_the_wire_list_shows_where_each_wire_begins_and_ends(hoist_window, page, qtbot):
    qtbot.wait(5)
    table = page.wires
    rows = [[table.rows.index(r, c).data() for c in range(6)] for r in range(table.rows.rowCount())]
    assert rows[0][1:4] == ["B0", "cell 4, bottom", "place 1"]
    metrics = QFontMetrics(table.font())
    for column in (2, 3):
        for row in rows[:11]:
            assert metrics.horizontalAdvance(row[column]) < table.columnWidth(column), row


def test_the_bench_of_one_cell_marks_what_is_done_open_and_at_hand(window, qtbot):
    assert window.opening.open_demo("lamp-cell-bms")
    session = window.session
    steps = {s.code: s for s in session.steps}
    marks = stage_paint(
        Stage.BENCH, session.design, session.analysis, session.state, session.steps, steps["cell-bms-ring"]
    ).marks
    assert marks["ring"] == "lit"
    assert marks["strap"] == marks["sleeve"] == marks["board"] == "open"
    session.record(PolarityReading(at="cell", volts=3.6), "cell-bms-cell-check")
    session.record(StepPassed(), "cell-bms-cell-check")
    session.record(Checked(right=steps["cell-bms-ring"].checks), "cell-bms-ring")
    session.record(StepPassed(), "cell-bms-ring")
    marks = stage_paint(
        Stage.BENCH, session.design, session.analysis, session.state, session.steps, steps["cell-bms-strap"]
    ).marks
    assert marks["ring"] == "done"
    assert marks["strap"] == "lit"
    assert marks["sleeve"] == "open"


def test_the_schematic_beside_a_tall_pack_can_be_read(window, qtbot, tmp_path):
    """Of a pack four times as high as wide its letters could not be read."""
    tall = hoist_in_rows(window.library).with_edits(
        ("brief.space", "box"), ("brief.outline_m", ()), ("brief.blocked", ()), ("series", 4), ("parallel", 16), ("arrangement.rows", 16),
        ("bms.board", None), ("joining.doubled", ()),
    )  # fmt: skip
    JobFile.create(tmp_path / "tall.firmcell", tall).close()
    window.opening.open_path(tmp_path / "tall.firmcell")
    window.go(Stage.BMS)
    view = window.view
    *faces, wiring = view._faces
    assert wiring.drawing.title == "wiring"
    letters = [s.height for s in wiring.drawing.shapes if isinstance(s, Label)]
    assert min(letters) * view.scale() * GROWS_ELSE > SMALLEST_TEXT, "none too small to be painted"
    boxes = []
    for f in (*faces, wiring):
        # Without the ends of the main leads, which are not painted beside a schematic.
        shapes = [s for s in f.drawing.shapes if not s.role.startswith("lead")]
        x0, y0, x1, y1 = bounds_of(shapes)
        corners = [view._transform.map(f.origin + QPointF(x, -y)) for x, y in ((x0, y1), (x1, y0))]
        boxes.append(QRectF(*corners))
        assert QRectF(view.rect()).contains(boxes[-1]), f.drawing.title
    assert not any(a.intersects(b) for a, b in combinations(boxes, 2)), "none over another"
