"""Fields of every kind, the record form, tables, and looks measured by published contrast rules."""

import itertools

import pytest
from PySide6.QtCore import QPoint, QPointF, QRect, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontMetricsF, QImage, QPainter
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractSpinBox,
    QApplication,
    QCheckBox,
    QComboBox,
    QGridLayout,
    QLineEdit,
    QWidget,
)

from firmcell.app.canvas.view import PackView
from firmcell.app.fields import Field, RecordForm, bare_type, field_at, limits
from firmcell.app.icons import paint_mark, paint_stage
from firmcell.app.main_window import within
from firmcell.app.tables import RowsTable
from firmcell.app.theme import DARK, FAMILY, LIGHT, PALETTES, style_sheet
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Design, Face, Lattice
from firmcell.core.model.parts import Fuse, Wire
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.records.events import CellCheck, InsulationReading, SolderJoint, WeldSample
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.pens.ink import PAPER

# -- fields --------------------------------------------------------------------------------------------


def make(qtbot, path, value, system="metric", choices=()):
    host = QWidget()
    qtbot.addWidget(host)
    grid = QGridLayout(host)
    model, name = field_at(Design, path)
    taken = []
    field = Field(grid, model, name, taken.append, system, choices)
    field.show_value(value)
    host.show()
    return host, field, taken


def enter(qtbot, field, text):
    editor = field.row.editor
    editor.selectAll()
    qtbot.keyClicks(editor, text) if text else qtbot.keyClick(editor, Qt.Key.Key_Delete)
    qtbot.keyClick(editor, Qt.Key.Key_Return)


def test_types_and_limits_are_read_from_the_models():
    assert bare_type(Brief, "energy_j") == (float, True)
    assert bare_type(Brief, "wet") == (bool, False)
    assert bare_type(*field_at(Design, "leads.fuse")) == (Fuse, True)
    assert bare_type(*field_at(Design, "arrangement.lattice")) == (Lattice, False)
    assert limits(*field_at(Design, "series")) == (1, 64)
    assert limits(*field_at(Design, "arrangement.gap_m")) == (0, 0.05)
    assert limits(Brief, "box_length_m") == (0, 100)


@pytest.mark.parametrize(
    ("path", "value", "shown", "typed", "taken"),
    [
        ("brief.box_length_m", 0.24, "240", "25 cm", 0.25), ("brief.ambient_max_k", 303.15, "30", "86 degF", 303.15),
        ("brief.energy_j", 1.98e6, "550", "0,6 kWh", 2.16e6), ("brief.energy_j", 1.98e6, "550", "", None),
        ("brief.peak_duration_s", 10.0, "10", "2 min", 120.0), ("series", 10, "10", "12", 12),
        ("brief.title", "Hoist", "Hoist", "Gate", "Gate"), ("leads.fuse_holder_ohm", 0.001, "1", "1500 uohm", None),
        ("brief.load_capacitance_f", 0.0022, "2200", "3 mF", 0.003),
    ],
)  # fmt: skip
def test_text_fields_show_and_take(qtbot, path, value, shown, typed, taken):
    _, field, got = make(qtbot, path, value)
    assert field.row.editor.text() == shown
    enter(qtbot, field, typed)
    if path.endswith("holder_ohm"):
        assert field.row.is_faulty  # “uohm” is not a unit known here
        assert not got
    elif taken is None:
        assert got == [None]
    else:
        assert got == [pytest.approx(taken)]


def test_the_range_is_shown_while_the_field_has_the_focus(qtbot):
    host, field, _ = make(qtbot, "arrangement.gap_m", 0.0)
    qtbot.waitExposed(host)
    field.row.editor.setFocus()
    qtbot.waitUntil(lambda: field.row.hint.text() != "")
    assert field.row.hint.text() == "from 0 to 50 mm; bare numbers are mm"
    assert field.row.editor.toolTip() == field.row.hint.text()


def test_notes_of_range_and_fault_move_nothing(hoist_window, qtbot):
    page = hoist_window.go(Stage.BRIEF) or hoist_window.page(Stage.BRIEF)
    rows = [field.row for _, field in page._fields if field.row.editor.isVisible()]

    def places():
        QApplication.processEvents()
        return [row.editor.mapTo(page.widget(), QPoint(0, 0)) for row in rows]

    before = places()
    numbers = [row for row in rows if isinstance(row.editor, QLineEdit) and row.editor.toolTip()]
    for row in numbers[:6]:
        row.editor.setFocus()
        assert places() == before
        assert row.hint.isVisible()
        row.fault(
            "A sentence that says what is wrong, at some length, so that it needs more than one line here."
        )
        assert places() == before
        assert not row.hint.geometry().intersects(row.editor.geometry())
        row.fault("")
    assert places() == before


def test_a_range_that_has_room_beside_its_label_covers_no_other_field(hoist_window):
    page = hoist_window.go(Stage.LAYOUT) or hoist_window.page(Stage.LAYOUT)
    QApplication.processEvents()
    rows = [field.row for _, field in page._fields if field.row.editor.isVisible()]
    first = next(row for row in rows if row.label.text() == "Groups in series")
    first.editor.setFocus()
    QApplication.processEvents()
    assert first.hint.text() == "from 1 to 64"
    note = first.hint.geometry()
    words = first.label.fontMetrics().horizontalAdvance(first.label.text())
    assert note.left() >= first.label.x() + words
    for row in rows:
        if row.editor.parentWidget() is first.hint.parentWidget():
            assert not note.intersects(row.editor.geometry()), row.label.text()
            assert row is first or not note.intersects(row.label.geometry()), row.label.text()


@pytest.mark.parametrize("width", [1280, 1024, 900])
def test_no_title_of_a_field_is_cut(hoist_window, width):
    hoist_window.resize(width, 800)
    for stage in (
        Stage.BRIEF,
        Stage.CELLS,
        Stage.LAYOUT,
        Stage.STRIPS,
        Stage.LEADS,
        Stage.BMS,
        Stage.INSULATION,
    ):
        hoist_window.go(stage)
        for _ in range(3):
            QApplication.processEvents()
        for _, field in hoist_window.page(stage)._fields:
            label = field.row.label
            if label.isVisible() and label.text():
                assert label.height() >= label.heightForWidth(label.width()), (stage, label.text())


def test_the_wheel_over_a_field_without_focus_changes_nothing_and_scrolls_the_page(hoist_window, qtbot):
    for stage in (Stage.STRIPS, Stage.LEADS, Stage.LAYOUT, Stage.TESTS, Stage.BRIEF):
        hoist_window.go(stage)
        page, design = hoist_window.page(stage), hoist_window.session.design
        page.setFocus()
        choices = [
            w
            for w in page.findChildren(QWidget)
            if isinstance(w, (QComboBox, QAbstractSpinBox)) and w.isVisible() and w.isEnabled()
        ]
        assert choices
        bar = page.verticalScrollBar()
        for choice in choices:
            page.ensureWidgetVisible(choice)
            QApplication.processEvents()
            shown, at = getattr(choice, "currentIndex", lambda: None)(), bar.value()
            for turn in (-120, 120):
                spot = choice.mapTo(hoist_window, choice.rect().center())
                QTest.wheelEvent(hoist_window.windowHandle(), QPointF(spot), QPoint(0, turn))
                QApplication.processEvents()
                if turn < 0 and at < bar.maximum():
                    assert bar.value() > at, (stage, choice.accessibleName())
            assert not choice.hasFocus()
            assert getattr(choice, "currentIndex", lambda: None)() == shown
        assert hoist_window.session.design == design


@pytest.mark.parametrize(
    "desktop", [QRect(0, 0, 1024, 640), QRect(0, 27, 1280, 773), QRect(1920, 0, 640, 400)]
)
@pytest.mark.parametrize(
    "wanted", [QRect(0, 0, 1280, 800), QRect(-400, -50, 900, 500), QRect(5000, 3000, 800, 300)]
)
def test_the_window_fits_the_desktop_with_its_frame(desktop, wanted):
    placed = within(wanted, desktop)
    frame = placed.adjusted(-4, -36, 4, 4)
    assert desktop.contains(frame)
    assert placed.width() == min(wanted.width(), desktop.width() - 8)


def test_what_the_model_refuses_is_told_and_typed_text_stays(qtbot):
    def refuse(_):
        raise Refusal("the others do not allow it.")

    host = QWidget()
    qtbot.addWidget(host)
    model, name = field_at(Design, "series")
    field = Field(QGridLayout(host), model, name, refuse, "metric")
    field.show_value(10)
    enter(qtbot, field, "12")
    assert field.row.hint.text() == "the others do not allow it."
    assert field.row.editor.text() == "12"
    assert field.row.editor.accessibleDescription() == "the others do not allow it."


def test_choices_show_parts_that_are_gone_from_the_library(qtbot, library, hoist):
    gone = hoist.leads.wire.model_copy(update={"name": "gone"})
    _, field, got = make(qtbot, "leads.wire", gone, choices=library.of(Wire))
    combo = field.row.editor
    assert isinstance(combo, QComboBox)
    assert combo.currentText() == "gone (only in this job)"
    combo.setCurrentIndex(1)
    combo.activated.emit(1)
    assert got == [library.wires[0]]


def test_optional_choices_offer_none_and_lists_take(qtbot, library, hoist):
    _, field, got = make(qtbot, "leads.fuse", hoist.leads.fuse, choices=library.of(Fuse))
    combo = field.row.editor
    assert combo.itemText(0) == "none"
    combo.setCurrentIndex(0)
    combo.activated.emit(0)
    assert got == [None]
    _, lattice, got = make(qtbot, "arrangement.lattice", Lattice.SQUARE)
    assert [lattice.row.editor.itemText(i) for i in range(2)] == ["square", "staggered"]
    lattice.row.editor.setCurrentIndex(1)
    lattice.row.editor.activated.emit(1)
    assert got == [Lattice.STAGGERED]


def test_yes_and_no(qtbot):
    _, field, got = make(qtbot, "brief.wet", False)
    assert isinstance(field.row.editor, QCheckBox)
    qtbot.keyClick(field.row.editor, Qt.Key.Key_Space)
    assert got == [True]


def test_record_form_names_the_first_thing_missing_and_reads_units(qtbot):
    form = RecordForm(InsulationReading, "metric", {"between": "plus to outside"})
    qtbot.addWidget(form)
    with pytest.raises(Refusal, match="Test voltage is missing"):
        form.values()
    for name, text in (("test_v", "9"), ("ohms", "8 Mohm")):
        enter(qtbot, form.fields[name], text)
    assert form.values() == {"between": "plus to outside", "test_v": 9.0, "ohms": 8e6}
    assert form.typed()["ohms"] == 8e6


@pytest.mark.parametrize("model", [CellCheck, WeldSample, SolderJoint, InsulationReading])
def test_no_record_form_starts_with_its_result_filled_in(qtbot, model):
    """What is to be measured or judged must never stand there by itself."""
    form = RecordForm(model, "metric", {})
    qtbot.addWidget(form)
    for field in form.fields.values():
        editor = field.row.editor
        if isinstance(editor, QCheckBox):
            assert not editor.isChecked()
        elif isinstance(editor, QLineEdit):
            assert editor.text() == ""


def test_table_keeps_the_row_and_tells_refs(qtbot):
    table = RowsTable(("A", "B"), "test")
    qtbot.addWidget(table)
    picked, chosen = [], []
    table.picked.connect(picked.append)
    table.chosen.connect(chosen.append)
    rows = [(f"r{n}", (str(n), "x")) for n in range(5)]
    table.set_rows(rows)
    table.pick("r3")
    assert picked == ["r3"]
    table.set_rows([(ref, (a, "y")) for ref, (a, _) in rows])
    assert table.currentIndex().row() == 3
    assert table.rows.index(3, 1).data() == "y"
    table.show()
    table.setFocus()
    qtbot.keyClick(table, Qt.Key.Key_Return)
    assert chosen == ["r3"]
    table.set_rows(rows[:2])
    assert table.rows.rowCount() == 2


# -- looks ---------------------------------------------------------------------------------------------


def luminance(colour: str) -> float:
    """Relative luminance of WCAG 2.1 (published formula)."""
    parts = [
        v / 12.92 if v <= 0.04045 else ((v + 0.055) / 1.055) ** 2.4 for v in QColor(colour).getRgbF()[:3]
    ]
    return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2]


def contrast(a: str, b: str) -> float:
    low, high = sorted((luminance(a), luminance(b)))
    return (high + 0.05) / (low + 0.05)


TEXT_ON_GROUND = [
    ("ink", "panel"), ("ink", "raised"), ("ink", "field"), ("quiet", "panel"), ("quiet", "raised"), ("quiet", "bench"),
    ("accent", "panel"), ("accent", "raised"), ("on_accent", "accent"), ("plate_ink", "plate"), ("plate_quiet", "plate"),
    ("stop", "panel"), ("stop", "raised"), ("attention", "raised"), ("note", "raised"), ("panel", "attention"),
]  # fmt: skip


@pytest.mark.parametrize("palette", PALETTES.values(), ids=PALETTES)
@pytest.mark.parametrize(("text", "ground"), TEXT_ON_GROUND)
def test_text_has_the_contrast_of_wcag_aa(palette, text, ground):
    """WCAG 2.1 success criterion 1.4.3: at least 4.5 to 1."""
    assert contrast(getattr(palette, text), getattr(palette, ground)) >= 4.5


@pytest.mark.parametrize("palette", PALETTES.values(), ids=PALETTES)
def test_polarity_stays_apart_without_red_and_green(palette):
    """Seen by deuteranopes (matrix of Machado and others 2009, severity 1, from memory), plus and minus ends differ
    clearly; and the signs + and − stand beside them in any case."""
    matrix = ((0.367, 0.861, -0.228), (0.280, 0.673, 0.047), (-0.012, 0.043, 0.969))

    def seen(colour):
        rgb = QColor(colour).getRgbF()[:3]
        return [sum(m * v for m, v in zip(row, rgb, strict=True)) for row in matrix]

    plus, minus = seen(palette.roles["cell.plus"][0]), seen(palette.roles["cell.minus"][0])
    assert sum((a - b) ** 2 for a, b in zip(plus, minus, strict=True)) ** 0.5 > 0.2


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_every_role_has_a_colour_on_screen_and_on_paper(library, name):
    design = DEMO_JOBS[name][1](library)
    analysis = analyse(design, library)
    for face in Face:
        for shape in face_drawing(design, analysis, face).shapes:
            for known in (PAPER, LIGHT.roles, DARK.roles):
                assert shape.role in known


def test_the_shipped_font_is_used_has_every_sign_and_figures_of_one_width(qapp):
    font = QFont(FAMILY)
    font.setPixelSize(40)
    metrics = QFontMetricsF(font)
    assert len({metrics.horizontalAdvance(d) for d in "0123456789"}) == 1
    for sign in "ΩΔ²³°·×−≥≤→✓≈½–…“”+±µ○◆■":
        assert metrics.inFontUcs4(ord(sign)), sign


def test_style_sheet_names_no_pixel_size_of_text():
    for palette in PALETTES.values():
        assert "font-size" not in style_sheet(palette)


def _picture(draw) -> QImage:
    image = QImage(48, 48, QImage.Format.Format_ARGB32)
    image.fill(QColor("white"))
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    draw(painter)
    painter.end()
    return image


def test_icons_differ_from_each_other(qapp):
    box, ink = QRectF(4, 4, 40, 40), QColor("black")
    icons = [_picture(lambda p, s=s: paint_stage(p, s, box, ink)) for s in Stage]
    marks = [
        _picture(lambda p, m=m: paint_mark(p, m, box, ink, QColor("white")))
        for m in ("stop", "look", "fine", "note", "empty")
    ]
    blank = _picture(lambda p: None)
    for group in (icons, marks):
        assert all(a != b for a, b in itertools.combinations([*group, blank], 2))


# -- the pack view -------------------------------------------------------------------------------------


@pytest.fixture
def view(qtbot, hoist, hoist_analysis):
    made = PackView(LIGHT)
    made.resize(700, 540)
    made.show_faces([face_drawing(hoist, hoist_analysis, f) for f in Face], StagePaint())
    qtbot.addWidget(made)
    made.show()
    return made


def test_every_part_is_found_where_it_is_shown(view, hoist_analysis):
    for tap in hoist_analysis.bms.taps:
        assert view.ref_at(view.place_of(f"tap:{tap.number}")) == f"tap:{tap.number}"
    for piece in hoist_analysis.strips:
        found = view.ref_at(view.place_of(f"strip:{piece.id}"))
        assert found.startswith(("strip:", "group:"))


def test_zoom_keeps_the_point_under_the_pointer(view):
    about = QPointF(200, 150)
    before = view._transform.inverted()[0].map(about)
    view.zoom(2.5, about)
    after = view._transform.inverted()[0].map(about)
    assert (after - before).manhattanLength() < 1e-6
    scale = view.scale()
    view.zoom(1e6)
    assert view.scale() == scale  # beyond all reason: stays
    view.fit()
    assert view.rect().contains(view.place_of("cell:1").toPoint())


def test_columns_of_both_faces_stand_over_each_other(view, hoist_analysis):
    """Under each other the faces keep one x axis when the pack is turned about its long axis."""
    top, bottom = (f.drawing.targets for f in view._faces)
    for cell in hoist_analysis.layout.cells:
        ref = f"cell:{cell.number}"
        scene = [f.origin.x() + t[ref][0] for f, t in zip(view._faces, (top, bottom), strict=True)]
        assert scene[0] == pytest.approx(scene[1])


def test_quiet_parts_cannot_be_clicked(view, hoist, hoist_analysis):
    place = view.place_of("tap:1")
    view.show_faces([f.drawing for f in view._faces], StagePaint(quiet=("tap", "label.tap")))
    assert not view.ref_at(place).startswith("tap")


def test_a_thousand_cells_show_and_zoom(qtbot, hoist, library):
    big = hoist.edited("series", 40).edited("parallel", 25).edited("arrangement.rows", 25)
    analysis = analyse(big, library)
    view = PackView(DARK)
    view.resize(700, 540)
    qtbot.addWidget(view)
    view.show_faces([face_drawing(big, analysis, f) for f in Face], StagePaint())
    view.show()
    assert len([r for r in view.targets() if r.startswith("cell:")]) == 1000
    assert not view.grab().isNull()
    view.zoom(4)
    assert not view.grab().isNull()
