"""The bench, driven by keys: the focus never chooses a step, and stays in the card when a record is made."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QCheckBox, QComboBox, QLabel, QLineEdit, QPushButton

from firmcell.core.build import StepStatus
from firmcell.core.findings import Stage


def bench_of(window):
    window.activateWindow()
    window.go(Stage.BENCH)
    return window.page(Stage.BENCH)


def test_coming_from_a_field_by_key_shows_the_step_at_hand(hoist_window, qtbot):
    window = hoist_window
    window.activateWindow()
    window.go(Stage.LEADS)
    window.page(Stage.LEADS).findChild(QComboBox).setFocus()
    qtbot.keyClick(window, Qt.Key.Key_8, Qt.KeyboardModifier.AltModifier)
    bench = window.page(Stage.BENCH)
    assert bench.step == window.session.current_step
    assert window.session.state.step(bench.step.code).status is not StepStatus.PASSED
    assert bench.verticalScrollBar().value() == 0
    title = next(w for w in bench.findChildren(QLabel) if w.text() == bench.step.title and w.isVisible())
    assert title.visibleRegion().boundingRect().height() == title.height()
    # The list stands at it too.
    assert bench.list.currentIndex().siblingAtColumn(1).data() == bench.step.title


def test_focus_in_the_list_of_steps_chooses_none(hoist_window, qtbot):
    bench = bench_of(hoist_window)
    step = bench.step
    bench.list.setFocus()
    assert bench.step is step
    qtbot.keyClick(bench.list, Qt.Key.Key_Down)
    assert bench.step is not step
    assert bench.step.title == bench.list.currentIndex().siblingAtColumn(1).data()


def test_tab_goes_through_the_card_before_the_list(hoist_window, qtbot):
    bench = bench_of(hoist_window)
    card = next(w for w in bench.widget().findChildren(QLineEdit) if w.isVisible())
    card.setFocus()
    seen = []
    while (focus := QApplication.focusWidget()) is not bench.list:
        seen.append(focus)
        assert len(seen) < 60
        qtbot.keyClick(focus, Qt.Key.Key_Tab)
    words = [w.text() for w in seen if isinstance(w, QPushButton)]
    assert "Not right… (Ctrl+R)" in words
    assert any(w.startswith("Record welds") for w in words)


def test_recording_by_key_keeps_the_step_and_the_focus(qtbot, window):
    assert window.open_demo("sprayer-lead-change")
    bench = bench_of(window)
    step = bench.step
    for box in bench.findChildren(QCheckBox):
        box.setFocus()
        qtbot.keyClick(box, Qt.Key.Key_Space)
    record = next(b for b in bench.findChildren(QPushButton) if b.text() == "Record what is ticked")
    record.setFocus()
    qtbot.keyClick(record, Qt.Key.Key_Space)
    assert bench.step.code == step.code
    assert not window.session.obstacle(bench.step)
    # With everything recorded, space passes the step: a foot switch has two keys.
    passed = QApplication.focusWidget()
    assert isinstance(passed, QPushButton)
    assert passed.text().startswith("Passed")
    qtbot.keyClick(passed, Qt.Key.Key_Space)
    assert window.session.state.step(step.code).status is StepStatus.PASSED
    assert bench.step.code != step.code


def test_bench_mode_begins_with_the_title_of_the_step(hoist_window, qtbot):
    bench = bench_of(hoist_window)
    next(w for w in bench.widget().findChildren(QLineEdit) if w.isVisible()).setFocus()
    hoist_window.set_bench_mode(True)
    qtbot.wait(50)
    title = next(w for w in bench.findChildren(QLabel) if w.text() == bench.step.title and w.isVisible())
    assert title.visibleRegion().boundingRect().height() == title.height()
    assert isinstance(QApplication.focusWidget(), QLineEdit)
