"""The order of joints on the Bench page: chosen, moved by keys, dragged, undone."""

import pytest
from PySide6.QtCore import QMimeData, QPointF, Qt
from PySide6.QtGui import QDropEvent

from firmcell.core.analysis.findings import Stage
from firmcell.core.model.design import JointOrder


@pytest.fixture
def bench(hoist_window, qtbot):
    hoist_window.activateWindow()
    hoist_window.go(Stage.BENCH)
    qtbot.wait(20)
    return hoist_window.pages[Stage.BENCH]


def joints(bench, face="bottom"):
    return [s.code for s in bench.session.steps if s.joins and s.face is not None and s.face.value == face]


def show(bench, code):
    bench.show_step(next(s for s in bench.session.steps if s.code == code))


def drop(bench, code, onto):
    """Drag the row of one step and let it go on that of another, as the hand does."""
    table = bench.list
    table.pick(f"step:{code}")
    rows = [table.rows.index(n, 0) for n in range(table.rows.rowCount())]
    codes = [s.code for s in bench.session.steps]
    table.scrollTo(rows[codes.index(onto)])
    at = QPointF(table.visualRect(rows[codes.index(onto)]).center())
    keys = Qt.KeyboardModifier.NoModifier
    move = Qt.DropAction.MoveAction
    data = table.rows.mimeData([rows[codes.index(code)]])
    assert isinstance(data, QMimeData)
    table.dropEvent(QDropEvent(at, move, data, Qt.MouseButton.LeftButton, keys))


def test_a_joint_is_moved_by_key_and_its_price_is_told(bench, qtbot):
    before = joints(bench)
    show(bench, before[2])
    qtbot.keyClick(
        bench.window(), Qt.Key.Key_Up, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.AltModifier
    )
    # A button pressed by its key is let go a moment later.
    qtbot.waitUntil(lambda: joints(bench) != before)
    assert joints(bench) == [before[0], before[2], before[1], *before[3:]]
    assert bench.session.design.joining.order is JointOrder.OWN
    assert "expose" in bench.order.price.text()
    assert bench.step.code == before[2]
    bench.session.undo_stack.undo()
    assert joints(bench) == before


def test_a_step_is_dragged_to_the_place_of_another(bench):
    before = joints(bench)
    drop(bench, before[0], before[3])
    assert joints(bench) == [*before[1:4], before[0], *before[4:]]
    drop(bench, before[0], before[1])
    assert joints(bench) == before
    bench.session.undo_stack.undo()
    bench.session.undo_stack.undo()
    assert joints(bench) == before


def test_only_joints_of_one_face_are_dragged(bench):
    told = []
    bench.session.refused.connect(told.append)
    before = [s.code for s in bench.session.steps]
    drop(bench, joints(bench)[0], joints(bench, "top")[1])
    drop(bench, "sleeve", joints(bench)[0])
    assert len(told) == 2
    assert "same face" in told[0]
    assert [s.code for s in bench.session.steps] == before
    drop(bench, joints(bench)[0], joints(bench)[0])
    assert len(told) == 2


def test_the_first_joint_of_a_face_goes_no_earlier(bench):
    told = []
    bench.session.refused.connect(told.append)
    show(bench, joints(bench)[0])
    assert not bench.order.move(-1)
    assert "first of its face already" in told[0]
    show(bench, "sleeve")
    assert not bench.order.move(1)
    assert "Show the step of a joint first" in told[1]
