"""The window on a desk that somebody comes back to."""

import pytest
from PySide6.QtCore import QPoint, QPointF, QRectF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QLabel, QWidget

from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.core.analysis.findings import Stage
from firmcell.core.model.design import Face
from firmcell.core.pictures.drawing import Label
from firmcell.store.demo import hoist_in_rows
from firmcell.store.job_file import JobFile
from firmcell.store.units import parse
from tests.app.conftest import letters
from tests.conftest import CI


def test_stage_and_splitter_are_found_again(hoist_window, qtbot):
    window = hoist_window
    window.go(Stage.LEADS)
    window.split.setSizes([500, 640])
    left = window.split.sizes()
    path = window.session.path
    window.opening.open_demo("bee-house-scale")
    assert window.stage is Stage.BRIEF, "a job never left begins at its brief"
    window.opening.open_path(path)
    assert window.stage is Stage.LEADS
    window.close()
    again = type(window)(window.library, window.settings, window.demo_folder)
    qtbot.addWidget(again)
    again.show()
    again.resize(1280, 800)
    assert again.opening.open_path(path)
    assert again.stage is Stage.LEADS
    assert again.split.sizes() == pytest.approx(left, abs=4)
    again.close()


@pytest.mark.parametrize(
    ("first", "second", "words"),
    [
        (("load_voltage_min_v", "30 V"), ("load_voltage_max_v", "15 V"), "must be below the highest"),
        (("current_peak_a", "10 A"), ("current_steady_a", "20 A"), "must be at least the steady"),
        (("ambient_max_k", "10 C"), ("ambient_min_k", "20 C"), "must not be warmer"),
    ],
)
def test_a_new_job_that_contradicts_itself_is_told_at_the_field_at_once(
    window, qtbot, tmp_path, first, second, words
):
    dialog = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(dialog)
    dialog.show()
    for name, text in (first, second):
        editor = dialog.form.fields[name].row.editor
        editor.clear()
        qtbot.keyClicks(editor, text)
        dialog.form.fields[name].enter()
    wrong, right = dialog.form.fields[second[0]].row, dialog.form.fields[first[0]].row
    assert wrong.is_faulty
    assert words in wrong.hint.text()
    assert not right.is_faulty
    # Mended at the other field: what was told goes away.
    editor = dialog.form.fields[first[0]].row.editor
    editor.clear()
    qtbot.keyClicks(editor, {"current_peak_a": "30 A", "load_voltage_min_v": "12 V"}.get(first[0], "25 C"))
    dialog.form.fields[first[0]].enter()
    assert not wrong.is_faulty
    assert not right.is_faulty


CELLS_ONLY = ("space", "outline", "cell")


def on_screen(view, face, roles):
    """The box round some shapes of a face, in pixels of the picture."""
    shapes = [s for s in face.drawing.shapes if s.role.startswith(roles) and not isinstance(s, Label)]
    xs, ys = [], []
    for s in shapes:
        for x, y in getattr(s, "points", ()) or (s.centre,):
            reach = getattr(s, "radius", 0.0)
            xs += [x - reach, x + reach]
            ys += [y - reach, y + reach]
    corners = (min(xs), max(ys)), (max(xs), min(ys))
    return QRectF(*(view._transform.map(face.origin + QPointF(x, -y)) for x, y in corners))


@pytest.mark.parametrize("stage", [Stage.BRIEF, Stage.CELLS, Stage.LAYOUT, Stage.STRIPS])
def test_the_faces_fill_the_picture_and_not_the_ends_of_their_leads(hoist_window, stage):
    view = hoist_window.view
    hoist_window.go(stage)
    boxes = [on_screen(view, face, CELLS_ONLY) for face in view._faces]
    room = QRectF(view.rect())
    assert all(room.contains(box) for box in boxes), "nothing of the pack is cut"
    filled = sum(b.width() * b.height() for b in boxes) / (room.width() * room.height())
    assert filled > 0.7


def test_a_small_pack_is_as_large_as_a_large_one(window, tmp_path):
    """Two cells: the words about them are longer than they are, and must not make them small."""
    design = hoist_in_rows(window.library).with_edits(("series", 2), ("parallel", 1), ("arrangement.rows", 1))
    JobFile.create(tmp_path / "two.firmcell", design).close()
    window.opening.open_path(tmp_path / "two.firmcell")
    window.go(Stage.LAYOUT)
    view = window.view
    boxes = [on_screen(view, face, CELLS_ONLY) for face in view._faces]
    assert all(QRectF(view.rect()).contains(box) for box in boxes)
    high = boxes[-1].bottom() - boxes[0].top()
    wide = boxes[-1].right() - boxes[0].left()
    assert max(high / view.height(), wide / view.width()) > 0.6


def test_one_face_alone_is_larger_and_kept(hoist_window, qtbot):
    window, view = hoist_window, hoist_window.view
    window.go(Stage.LAYOUT)
    both = view.scale()
    ctrl_alt = Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.AltModifier
    QTest.keyClick(window, Qt.Key.Key_3, ctrl_alt)
    assert window.panel.shown() == [Face.BOTTOM]
    assert view.scale() > both
    assert window.settings.value("faces") == "bottom"
    window.go(Stage.BMS)
    assert window.panel.shown() == [Face.BOTTOM, "wiring"]
    window.go(Stage.BENCH)
    assert window.panel.shown() == [Face.TOP, Face.BOTTOM], "what is live may be on either face"
    window.go(Stage.BMS)
    QTest.keyClick(window, Qt.Key.Key_1, ctrl_alt)
    assert window.panel.shown() == [Face.TOP, Face.BOTTOM, "wiring"]


def test_findings_and_plate_give_way_and_open_on_demand(hoist_window, qtbot):
    window, box, plate = hoist_window, hoist_window.findings_box, hoist_window.plate
    qtbot.wait(20)
    line = window.findings.sizeHintForRow(0)
    assert window.findings.height() < 1.6 * line
    assert box.height() < 2 * line
    picture = window.view.height()
    QTest.keyClick(window, Qt.Key.Key_F6)
    qtbot.waitUntil(lambda: window.view.height() < picture)
    assert window.findings.height() > 4 * line
    QTest.keyClick(window, Qt.Key.Key_F6)
    qtbot.waitUntil(lambda: window.view.height() == picture)
    QTest.keyClick(window, Qt.Key.Key_F5)
    assert box.is_open
    assert window.findings.hasFocus()
    assert window.findings.currentIndex().isValid()
    thin = plate.height()
    QTest.keyClick(window, Qt.Key.Key_F7)
    qtbot.waitUntil(lambda: plate.height() > 1.4 * thin)
    for words in ("10S4P", "720 Wh"):
        assert words in plate.toolTip()
    # Nothing wrong: no empty list, but a sentence.
    box.show_findings(())
    assert box.title.text() == "Nothing found wrong"
    assert not window.findings.isVisible()


def test_no_number_on_the_picture_is_too_small_to_be_read(hoist_window, monkeypatch):
    """What is painted is at least ten pixels high; numbers of cells are painted at the bench's usual size."""
    from firmcell.app.canvas import painter as module

    sizes = {}

    def noted(pixels):
        sizes[pixels] = sizes.get(pixels, 0) + 1
        return real(pixels)

    real = module.label_font
    monkeypatch.setattr(module, "label_font", noted)
    for stage in (Stage.BRIEF, Stage.LAYOUT, Stage.LEADS, Stage.BMS, Stage.INSULATION):
        sizes.clear()
        hoist_window.go(stage)
        hoist_window.view._renew()
        hoist_window.view.grab()
        assert min(sizes) >= 10, stage
        if stage is Stage.BRIEF:
            assert sum(sizes.values()) > 80, "the numbers of forty cells on both faces are there"


SIZES = ((640, 400), (1024, 640), (1280, 800), (1920, 1080), (3840, 2160))


def cut_off(page):
    """What does not fit into the width of a page: names of widgets, with what they need and have."""
    inside, room = page.widget(), page.viewport().width()
    found = []
    if inside.minimumSizeHint().width() > room:
        found.append(f"the page needs {inside.minimumSizeHint().width()} of {room}")
    for part in inside.findChildren(QWidget):
        if not part.isVisible() or not isinstance(part, (QLabel, QAbstractButton)):
            continue
        needed = part.minimumSizeHint()
        if part.width() < needed.width() - 1 or part.height() < needed.height() - 1:
            found.append(f"{part.text()!r} has {part.size().toTuple()} of {needed.toTuple()}")
        right = part.mapTo(inside, QPoint(part.width(), 0)).x()
        if right > room + 1:
            found.append(f"{part.text()!r} ends at {right} of {room}")
    return found


@pytest.mark.slow
@pytest.mark.parametrize(
    ("size", "larger"),
    # In CI the tightest and the usual; ./check by hand walks through all.
    [((640, 400), 1.0), ((1024, 640), 1.5), ((1280, 800), 1.0)]
    if CI
    else [(size, larger) for size in SIZES for larger in (1.0, 1.5)],
)
def test_nothing_is_cut_on_any_page_at_any_size(hoist_window, qapp, qtbot, size, larger):
    window = hoist_window
    with letters(qapp, window, larger):
        for _ in range(2):
            # A window is first made as small as its old contents let it.
            window.resize(*size)
            qtbot.wait(20)
        assert window.size().toTuple() == size
        for stage in Stage:
            window.go(stage)
            window.desk.show(page=True)
            page = window.page(stage)
            assert page.isVisible()
            # Labels that wrap find their height in several rounds.
            for _ in range(40):
                qtbot.wait(30)
                cut = cut_off(page)
                if not cut:
                    break
            assert cut == [], f"{stage.value} at {size}"
            window.desk.show(page=False)
            assert window.view.isVisible()
            assert window.view.width() > 150
            assert window.view.height() > 150
        assert window.rail.height() >= window.rail.minimumSizeHint().height()


def test_where_there_is_room_for_one_the_keys_bring_the_other(hoist_window, qtbot):
    window = hoist_window
    for _ in range(2):
        window.resize(500, 400)
        qtbot.wait(20)
    window.go(Stage.BRIEF)
    assert (window.desk.one, window.view.isVisible(), window.page_stack.isVisible()) == (True, False, True)
    QTest.keyClick(window, Qt.Key.Key_F3)
    assert window.view.hasFocus()
    assert not window.page_stack.isVisible()
    QTest.keyClick(window, Qt.Key.Key_F4)
    assert window.page(Stage.BRIEF).isAncestorOf(window.focusWidget())
    qtbot.mouseClick(window.desk.turn, Qt.MouseButton.LeftButton)
    assert window.view.isVisible()
    window.resize(1280, 800)
    qtbot.wait(20)
    assert window.view.isVisible()
    assert window.page_stack.isVisible()
    assert not window.desk.turn.isVisible()


def test_the_keys_walk_through_the_sections_of_a_page(hoist_window, qtbot):
    window = hoist_window
    window.go(Stage.STRIPS)
    page = window.page(Stage.STRIPS)
    qtbot.wait(20)
    ctrl = Qt.KeyboardModifier.ControlModifier
    titles = [page.jump.list.itemText(n) for n in range(page.jump.list.count())]
    assert titles[:2] == ["Load", "Strip"]
    for title in titles[1:4]:
        QTest.keyClick(window, Qt.Key.Key_PageDown, ctrl)
        heading = next(h for h in page._headings if h.text() == title)
        assert abs(heading.mapTo(page.viewport(), QPoint(0, 0)).y()) < 6, "it stands at the upper edge"
        assert page.jump.list.currentText() == title
    QTest.keyClick(window, Qt.Key.Key_PageUp, ctrl)
    assert page.jump.list.currentText() == titles[2]
    page.verticalScrollBar().setValue(0)
    assert page.jump.list.currentText() == "Load", "it tells where one has scrolled to"
    # A page of two sections has no list.
    window.go(Stage.CELLS)
    qtbot.wait(50)
    assert not window.page(Stage.CELLS).jump.isVisible()


def test_packs_appear_beside_a_brief_while_it_is_typed_and_one_is_picked(window, qtbot, tmp_path):
    dialog = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(dialog)
    dialog.show()
    assert "As soon as voltages" in dialog.choices.told.text()

    def enter(name, text):
        editor = dialog.form.fields[name].row.editor
        editor.clear()
        qtbot.keyClicks(editor, text)
        qtbot.keyClick(editor, Qt.Key.Key_Return)
        dialog.form.fields[name].enter()

    enter("current_steady_a", "100 W")
    assert "needs the voltage" in dialog.form.fields["current_steady_a"].row.hint.text()
    enter("load_voltage_min_v", "10")
    assert dialog.form.typed()["current_steady_a"] == pytest.approx(10.0), "taken once the voltage is there"
    enter("load_voltage_max_v", "14.8")
    enter("current_steady_a", "100 W")
    assert dialog.form.typed()["current_steady_a"] == pytest.approx(10.0), (
        "at the lowest voltage, where it is greatest"
    )
    # A lower voltage asks for more current, and what is still read as 100 W must not stay at 10 A.
    enter("load_voltage_min_v", "8")
    assert dialog.form.typed()["current_steady_a"] == pytest.approx(12.5)
    enter("load_voltage_min_v", "10")
    assert dialog.form.typed()["current_steady_a"] == pytest.approx(10.0)
    enter("energy_j", "2,5 km at 24 Wh/km")
    assert dialog.form.typed()["energy_j"] == pytest.approx(60 * 3600)
    shown = dialog.choices
    qtbot.waitUntil(lambda: bool(shown.shown) and all(c.design for c in shown.shown), timeout=60_000)
    assert shown.list.count() == len(shown.shown) > 1
    assert dialog.cell == shown.shown[0].cell
    shown.list.setCurrentRow(1)
    assert dialog.cell == shown.shown[1].cell
    icon = shown.list.item(1).icon().pixmap(shown.list.iconSize()).toImage()
    colours = {
        icon.pixelColor(x, y).name() for x in range(0, icon.width(), 3) for y in range(0, icon.height(), 3)
    }
    assert len(colours) > 5, "a picture of the pack"
    # A job about leads has no cells to choose.
    dialog.kinds.setCurrentText("power cable")
    assert not shown.isVisible()
    assert dialog.cell is None
    dialog.reject()


@pytest.mark.parametrize(
    ("text", "watt_hours"),
    [("20 km at 12 Wh/km", 240.0), ("10 miles x 20 Wh/mi", 200.0), ("1.609344 km @ 10 Wh/mile", 10.0)],
)
def test_energy_is_told_as_people_say_it(text, watt_hours):
    assert parse(text, "J") == pytest.approx(watt_hours * 3600)


def test_what_stands_under_the_title_is_in_the_list_of_sections(hoist_window):
    hoist_window.go(Stage.BENCH)
    page = hoist_window.page(Stage.BENCH)
    assert page.jump.titles[:2] == ("Bench", "Photos and remarks of this step")
    assert page.jump.list.currentText() == "Bench", "the step at hand, not what follows it"


@pytest.mark.parametrize(
    ("first", "text", "low", "high"),
    [
        ("load_voltage_min_v", "36 V nominal", 30.0, 42.0),
        ("load_voltage_max_v", "36V nom.", 30.0, 42.0),
        ("load_voltage_min_v", "7,2 nominal", 6.0, 8.4),
    ],
)
def test_a_nominal_voltage_is_taken_as_a_guess_and_says_so(window, qtbot, tmp_path, first, text, low, high):
    dialog = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(dialog)
    dialog.show()
    editor = dialog.form.fields[first].row.editor
    qtbot.keyClicks(editor, text)
    dialog.form.fields[first].enter()
    typed = dialog.form.typed()
    assert typed["load_voltage_min_v"] == pytest.approx(low)
    assert typed["load_voltage_max_v"] == pytest.approx(high)
    assert dialog.guessed.isVisible()
    assert "in its sheet" in dialog.guessed.text()


def test_a_nominal_voltage_leaves_what_is_told_and_too_little_is_refused(window, qtbot, tmp_path):
    dialog = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(dialog)
    dialog.show()
    for name, text in (("load_voltage_max_v", "43"), ("load_voltage_min_v", "36 V nominal")):
        editor = dialog.form.fields[name].row.editor
        editor.clear()
        qtbot.keyClicks(editor, text)
        dialog.form.fields[name].enter()
    assert dialog.form.typed()["load_voltage_max_v"] == pytest.approx(43.0)
    editor = dialog.form.fields["load_voltage_min_v"].row.editor
    editor.clear()
    qtbot.keyClicks(editor, "1 V nominal")
    dialog.form.fields["load_voltage_min_v"].enter()
    assert "less than one lithium-ion cell" in dialog.form.fields["load_voltage_min_v"].row.hint.text()
