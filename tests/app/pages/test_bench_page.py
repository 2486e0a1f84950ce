"""The bench, driven by keys: the focus never chooses a step, and stays in the card when a record is made."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QCheckBox, QComboBox, QLabel, QLineEdit, QPushButton

from firmcell.core.analysis.findings import Stage
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.records.build_state import StepStatus


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
    assert window.opening.open_demo("sprayer-lead-change")
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


def test_screws_are_recorded_with_the_torque_that_is_known(hoist_window, qtbot):
    window = hoist_window
    window.session.edit("joining.joined_by", JoinedBy.SCREW, "screws")
    bench = bench_of(window)
    step = next(s for s in window.session.steps if "screw-joint" in s.records)
    bench.show_step(step)
    qtbot.wait(20)
    typed = {w.accessibleName(): w for w in bench.findChildren(QLineEdit) if w.isVisible()}
    assert typed["Torque N·m"].text() == "4.5"
    pieces = [p for p in window.session.analysis.strips if f"strip:{p.id}" in step.refs]
    assert typed["Screws set"].text() == str(sum(len(p.cells) for p in pieces))
    for box in bench.findChildren(QCheckBox):
        if box.isVisible():
            box.click()
    assert bench.record_now("screw-joint")
    made = window.session.state.screw_joints[-1]
    assert (made.torque_nm, made.faces_clean, made.marked) == (4.5, True, True)
    assert "4.5 N·m" in bench.log.rows.index(0, 3).data()


def test_metal_shows_only_the_fields_of_its_joints(hoist_window, qtbot):
    window = hoist_window
    window.go(Stage.STRIPS)
    page = window.page(Stage.STRIPS)
    fields = dict(page._fields)
    for by, welds, thread in (
        (JoinedBy.WELD, True, False),
        (JoinedBy.TABS, False, False),
        (JoinedBy.SCREW, False, True),
    ):
        combo = fields["joining.joined_by"].row.editor
        combo.setCurrentIndex(combo.findData(by))
        combo.activated.emit(combo.currentIndex())
        assert window.session.design.joining.joined_by is by
        assert fields["joining.welds_per_pad"].row.editor.isVisibleTo(page) is welds
        assert fields["joining.thread_m"].row.editor.isVisibleTo(page) is thread
        assert page.failures.double_button.isVisibleTo(page) is welds


def test_of_a_batch_one_key_leads_from_cell_to_cell(window, qtbot):
    """The reading is typed, Ctrl+Space records and passes it; the table has a row a cell with what it read."""
    assert window.opening.open_demo("torch-re-sleeve")
    bench = bench_of(window)
    qtbot.waitUntil(window.isActiveWindow)
    for n, volts in enumerate(("3.61", "3.58", "3.60", "3.59"), start=1):
        assert bench.step.title.startswith(f"Cell {n} of 4")
        line = bench._form.fields["volts"].row.editor
        line.setFocus()
        qtbot.keyClicks(line, volts)
        qtbot.keyClick(window, Qt.Key.Key_Space, Qt.KeyboardModifier.ControlModifier)
    assert bench.step.code == "re-sleeve-bench"
    model = bench.list.model()
    assert [model.index(r, 2).data() for r in range(5)] == ["3.61 V", "3.58 V", "3.60 V", "3.59 V", ""]
    readings = [e.data for e in window.session.events if e.data.kind == "polarity-reading"]
    assert [r.at.split(":")[0] for r in readings] == [f"Cell {n} of 4" for n in (1, 2, 3, 4)]


def test_the_key_that_passes_records_no_reading_that_is_wrong_or_not_typed(window, qtbot):
    assert window.opening.open_demo("torch-re-sleeve")
    bench = bench_of(window)
    qtbot.waitUntil(window.isActiveWindow)
    assert not bench.pass_now()
    assert not [e for e in window.session.events if e.data.kind == "polarity-reading"]
    line = bench._form.fields["volts"].row.editor
    line.setFocus()
    qtbot.keyClicks(line, "0.9")
    assert not bench.pass_now()
    assert bench.step.code == "re-sleeve-judge", (
        "a reading that cannot be right is recorded and does not pass"
    )


def test_parts_tell_what_they_cost_where_a_price_is_entered_and_go_on_paper(hoist_window, tmp_path):
    window, session = hoist_window, hoist_window.session
    window.go(Stage.BENCH)
    page = window.page(Stage.BENCH)
    assert not page.parts.cost.isVisibleTo(page), "no part has a price"
    session.edit("cell", session.design.cell.model_copy(update={"price": 4.5}), "price")
    rows = dict(page.parts.list.rows._rows)
    assert rows["part:0"][1] == "42, 189.00"
    assert page.parts.cost.text().startswith("Together 189.00 with spares")
    assert page.parts.write(tmp_path / "p.pdf")
    assert (tmp_path / "p.pdf").read_bytes().startswith(b"%PDF")
    assert page.parts.write(tmp_path / "p.csv")
    assert "189.00" in (tmp_path / "p.csv").read_text()
