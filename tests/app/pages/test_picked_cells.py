"""Many cells at once on the Layout stage of the real window: picked by frame and by key, carried, mirrored, copied; a ladder,
the numbers of the groups and a distance by one stroke."""

import numpy as np
import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QInputDialog

from firmcell.app.canvas.tools import Tool
from firmcell.app.picked_cells import PICKED_COMMANDS
from firmcell.core.analysis.findings import Stage
from firmcell.core.changes.by_hand import placed_cells
from firmcell.core.strips.runs import strip_runs
from tests.app.pages.test_layout_page import design, drag, only_top, press


@pytest.fixture
def stack(hoist_window):
    hoist_window.go(Stage.LAYOUT)
    hoist_window.session.edit_all(
        (
            ("arrangement.placed", ()),
            ("arrangement.spare_m", ()),
            ("arrangement.rows", 4),
            ("arrangement.lattice", "square"),
        ),
        "Whole rows",
    )
    hoist_window.panel.take_tool(Tool.SELECT)
    return hoist_window


def group(window, number):
    return [c.number for c in window.session.analysis.layout.group_cells(number)]


def corners(window, numbers):
    """Two corners of a frame on the top face that holds just these cells."""
    at = only_top(window)
    points = np.array([(at[f"cell:{n}"].x(), at[f"cell:{n}"].y()) for n in numbers])
    low, high = points.min(axis=0) - 6, points.max(axis=0) + 6
    return QPoint(*map(int, low)), QPoint(*map(int, high))


def places(window, numbers):
    cells = placed_cells(design(window))
    return np.array([(cells[n - 1].x_m, cells[n - 1].y_m) for n in numbers])


def test_a_frame_picks_and_a_drag_carries_all_of_them(stack, qtbot):
    last = group(stack, 10)
    drag(qtbot, stack, *corners(stack, last))
    assert sorted(stack.hand.picked.numbers) == sorted(last)
    before, scale = places(stack, last), stack.view.scale()
    start = only_top(stack)[f"cell:{last[0]}"]
    # 30 mm to the right: clear of the rest, so that nothing snaps.
    drag(qtbot, stack, start, start + QPoint(round(30 * scale), 0))
    moved = places(stack, last) - before
    assert moved[:, 0] == pytest.approx(0.030, abs=0.001)
    assert moved[:, 1] == pytest.approx(0.0, abs=0.001)
    assert sorted(stack.hand.picked.numbers) == sorted(last), "they stay picked"
    stack.undo()
    assert places(stack, last) == pytest.approx(before)


def test_carried_cells_fall_back_into_touch(stack, qtbot):
    last = group(stack, 10)
    stack.hand.picked.pick(last)
    before, scale = places(stack, last), stack.view.scale()
    start = only_top(stack)[f"cell:{last[0]}"]
    drag(qtbot, stack, start, start + QPoint(round(4 * scale), 0))
    assert places(stack, last) == pytest.approx(before, abs=1e-5)


def test_shift_adds_and_a_click_beside_lets_go(stack, qtbot):
    drag(qtbot, stack, *corners(stack, group(stack, 1)))
    at = only_top(stack)
    other = group(stack, 5)[0]
    # The offscreen platform passes no modifiers to keyboardModifiers(): the toggle itself is what Shift calls.
    stack.hand.picked.toggle(other)
    assert set(stack.hand.picked.numbers) == {*group(stack, 1), other}
    stack.hand.picked.toggle(other)
    assert set(stack.hand.picked.numbers) == set(group(stack, 1))
    qtbot.mouseClick(stack.view, Qt.MouseButton.LeftButton, pos=at[f"cell:{other}"])
    assert stack.hand.picked.numbers == [other]
    qtbot.mouseClick(stack.view, Qt.MouseButton.LeftButton, pos=QPoint(4, stack.view.height() - 4))
    assert stack.hand.picked.numbers == []


def test_all_of_it_by_keyboard(stack, qtbot):
    view = stack.view
    view.setFocus()
    view.select("cell:3")
    qtbot.keyClick(view, Qt.Key.Key_Space)
    assert stack.hand.picked.numbers == [3]
    stack.hand.picked.run("group")
    picked = stack.hand.picked.numbers
    assert sorted(picked) == sorted(group(stack, 1))
    before = places(stack, picked)
    qtbot.keyClick(view, Qt.Key.Key_Right)
    qtbot.keyClick(view, Qt.Key.Key_Up, Qt.KeyboardModifier.ShiftModifier)
    assert places(stack, picked) - before == pytest.approx(np.array([[0.001, 0.0001]] * 4))
    assert stack.hand.picked.numbers == picked
    qtbot.keyClick(view, Qt.Key.Key_Escape)
    assert stack.hand.picked.numbers == []
    stack.hand.picked.run("row")
    assert len(stack.hand.picked.numbers) == 10
    stack.hand.picked.run("all")
    assert len(stack.hand.picked.numbers) == 40


@pytest.mark.parametrize(("name", "words"), [(c[0], c[1]) for c in PICKED_COMMANDS if c[0] not in ("all", "group", "row", "repeat-strips", "arc")])  # fmt: skip
def test_every_command_has_a_button_that_does_it_and_is_undone(stack, qtbot, name, words):
    stack.hand.picked.pick(group(stack, 10) if name in ("copy", "delete", "touch") else [1, 2, 9])
    if name == "touch":
        stack.hand.apply(stack.hand.picked.nudge(stack.session, 5, 3, False))
        stack.hand.picked.pick(group(stack, 10))
    before = design(stack)
    press(qtbot, stack.page(Stage.LAYOUT), words)
    after = design(stack)
    assert after != before
    assert (after.series - before.series) == {"copy": 1, "delete": -1}.get(name, 0)
    stack.undo()
    assert design(stack) == before


def test_a_command_that_cannot_be_done_says_why_and_changes_nothing(stack, qtbot):
    said = []
    stack.session.refused.connect(said.append)
    before = design(stack)
    stack.hand.picked.pick([1, 2])
    press(qtbot, stack.page(Stage.LAYOUT), "Delete")
    stack.hand.picked.pick([])
    stack.view.select("")
    press(qtbot, stack.page(Stage.LAYOUT), "Line up")
    press(qtbot, stack.page(Stage.LAYOUT), "Repeat strips")
    assert [w.split(":")[0] for w in said] == [
        "A pack has as many cells in every group",
        "Pick cells first",
        "Pick a strip or a tap first",
    ]
    assert design(stack) == before


def test_a_row_is_bent_round_the_radius_that_was_asked_for(stack, qtbot, monkeypatch):
    row = [n for n in range(1, 41) if n % 8 in (1, 0)]
    stack.hand.picked.pick(row)
    monkeypatch.setattr(QInputDialog, "getDouble", lambda *_: (150.0, True))
    press(qtbot, stack.page(Stage.LAYOUT), "Bend into an arc…")
    assert np.ptp(places(stack, row)[:, 1]) > 0.01
    before = design(stack)
    monkeypatch.setattr(QInputDialog, "getDouble", lambda *_: (150.0, False))
    press(qtbot, stack.page(Stage.LAYOUT), "Bend into an arc…")
    assert design(stack) == before


def test_a_ladder_by_a_frame(stack, qtbot):
    layout = stack.session.analysis.layout
    node = next(n for n in range(1, 10) if stack.session.analysis.bms.taps[n].face.value == "top")
    for run in [r for r in strip_runs(layout) if r.node == node]:
        stack.hand.apply(_removed(stack, run))
    stack.panel.take_tool(Tool.LADDER)
    drag(qtbot, stack, *corners(stack, [*group(stack, node), *group(stack, node + 1)]))
    there = [r for r in strip_runs(stack.session.analysis.layout) if r.node == node]
    assert sorted(len(r.cells) for r in there) == [2, 2, 2, 2, 4, 4]


def _removed(window, run):
    from firmcell.core.changes.by_hand import remove_strip

    layout = window.session.analysis.layout
    now = next(r for r in strip_runs(layout) if r.cells == run.cells and r.face is run.face)
    return remove_strip(design(window), now.id)


def test_one_stroke_numbers_the_groups_from_the_other_end(stack, qtbot):
    first, last = group(stack, 1), group(stack, 10)
    stack.panel.take_tool(Tool.NUMBER)
    at = only_top(stack)
    row = sorted(
        (n for n in range(1, 41) if abs(at[f"cell:{n}"].y() - at[f"cell:{last[0]}"].y()) < 5),
        key=lambda n: at[f"cell:{n}"].x(),
    )
    drag(qtbot, stack, at[f"cell:{row[-1]}"], at[f"cell:{row[0]}"], steps=60)
    assert group(stack, 1) == last
    assert group(stack, 10) == first


def test_a_stroke_from_cell_to_cell_measures_middles_and_gap(stack, qtbot):
    said = []
    stack.hand.measured.connect(said.append)
    stack.panel.take_tool(Tool.MEASURE)
    at = only_top(stack)
    drag(qtbot, stack, at["cell:1"], at["cell:3"])
    cell, pitch = design(stack).cell, stack.session.analysis.layout.pitch_m
    assert (
        f"{2 * pitch * 1e3:.1f} mm from middle to middle; {(2 * pitch - cell.diameter_m) * 1e3:.1f} mm between"
        in said[-1]
    )
    stack.view.select("cell:1")
    qtbot.keyClick(stack.view, Qt.Key.Key_Space)
    stack.view.select("cell:3")
    qtbot.keyClick(stack.view, Qt.Key.Key_Space)
    assert said[-1].startswith("Cells 1 and 3")
    assert stack.banner.text() == said[-1]
    drag(qtbot, stack, QPoint(5, 5), QPoint(5 + round(20 * stack.view.scale()), 5))
    assert float(said[-1].partition(" mm")[0].rpartition(" ")[2]) == pytest.approx(
        20, abs=1 / stack.view.scale()
    )
    assert "0 mm across" in said[-1]


@pytest.mark.parametrize("name", [c[0] for c in PICKED_COMMANDS])
def test_a_job_without_a_layout_says_so_and_stays_as_it_is(window, name):
    window.opening.open_demo("log-splitter-cable")
    before = window.session.design
    window.view.select("cell:1")
    window.hand.picked.run(name)
    window.panel.take_tool(Tool.NUMBER)
    assert window.session.design == before
    assert window.view.tool is Tool.LOOK
    assert "has no Layout stage" in window.banner.text()


def test_strips_of_the_tap_picked_are_repeated_at_the_next(stack, qtbot):
    run = next(r for r in strip_runs(stack.session.analysis.layout) if r.node == 2 and len(r.cells) == 2)
    stack.hand.apply(_removed(stack, run))
    stack.view.select("tap:2")
    many = len(strip_runs(stack.session.analysis.layout))
    stack.hand.picked.run("repeat-strips")
    assert len(strip_runs(stack.session.analysis.layout)) == many - 1
