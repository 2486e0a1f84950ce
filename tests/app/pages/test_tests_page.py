"""The Proof stage: readings in a row, the doctor's words, any two points, the meter, and the trainer."""

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication

from firmcell.app.pages import tests_page
from firmcell.core.analysis.findings import Stage
from firmcell.core.pictures.stage_marks import stage_paint
from firmcell.core.records.events import PolarityReading, StepPassed
from firmcell.core.tap_check.faults import FaultKind
from firmcell.core.tap_check.group_verdicts import Verdict
from firmcell.core.tap_check.practice_pack import hidden_fault
from firmcell.core.tap_check.recorded_readings import tap_verdict


@pytest.fixture
def page(hoist_window) -> tests_page.TestsPage:
    hoist_window.go(Stage.TESTS)
    return hoist_window.page(Stage.TESTS)


def type_all(qtbot, page, volts):
    page._lines[0].setFocus()
    for number, value in enumerate(volts):
        line = page._lines[number]
        line.clear()
        qtbot.keyClicks(line, f"{value:.2f}")
        qtbot.keyClick(line, Qt.Key.Key_Return)


def rows(table):
    return [
        tuple(table.rows.index(r, c).data() for c in range(table.rows.columnCount()))
        for r in range(table.rows.rowCount())
    ]


def test_odd_readings_typed_in_a_row_become_a_diagnosis(qtbot, hoist_window, page):
    volts = [3.56 * n for n in range(1, 11)]
    volts[2], volts[3] = volts[3], volts[2]
    type_all(qtbot, page, volts)
    assert page.verdict.text() == "Do not plug in. The leads of B3 and B4 are exchanged."
    first = rows(page.suspicions)[0]
    assert "B3 and B4 are exchanged" in first[0]
    assert first[2] == "NO"
    session = hoist_window.session
    assert any(f.code == "TE-1" and "B3 and B4" in f.sentence for f in session.findings)
    paint = stage_paint(Stage.TESTS, session.design, session.analysis, session.state, session.steps, None)
    assert [r for r, mark in paint.marks.items() if mark == "bad"] == ["tap:3", "tap:4"]
    page.suspicions.setCurrentIndex(page.suspicions.rows.index(0, 0))
    assert hoist_window.view.selected == "tap:3"


def test_the_diagnosis_does_not_wait_for_the_rest(qtbot, page):
    type_all(qtbot, page, [3.56, 7.12, 14.24, 10.68, 17.80, 21.36])
    assert page.verdict.text() == "Do not plug in. The leads of B3 and B4 are exchanged."


def test_sound_readings_are_right_and_nothing_is_proposed(qtbot, page):
    type_all(qtbot, page, [3.56 * n for n in range(1, 11)])
    assert page.verdict.text().startswith("Every tap is in order and the groups are alike.")
    assert rows(page.suspicions)[0][0] == "every tap in order"
    assert page.next_words.text() == ""


def test_a_reading_between_two_points_settles_what_reads_alike(qtbot, hoist_window, page):
    """All readings negative: plug mirrored or meter leads exchanged; one reading on the pack's own strips tells."""
    type_all(qtbot, page, [-3.56 * n for n in range(1, 11)])
    before = {row[0] for row in rows(page.suspicions)[:2]}
    assert any("meter" in words for words in before)
    assert "Next: black on" in page.next_words.text()
    page.points[0].setCurrentText("strip B0")
    page.points[1].setCurrentText("B0")
    qtbot.keyClicks(page.between, "0.00")
    qtbot.keyClick(page.between, Qt.Key.Key_Return)
    assert hoist_window.session.state.point_volts[("strip B0", "B0")] == 0.0
    assert "meter" in rows(page.suspicions)[0][0]


def test_the_same_point_twice_and_letters_are_refused(qtbot, hoist_window, page):
    page.points[0].setCurrentText("B2")
    page.points[1].setCurrentText("B2")
    assert not page.enter_between()
    assert "same point" in hoist_window.banner.text()
    page.points[1].setCurrentText("B3")
    qtbot.keyClicks(page.between, "abc")
    assert not page.enter_between()
    assert hoist_window.session.state.point_volts == {}


def test_the_simulated_meter_fills_the_row_by_one_key(qtbot, hoist_window, page):
    for tap in range(1, 11):
        hoist_window.at_bench.read_meter()
        qtbot.waitUntil(lambda tap=tap: tap in hoist_window.session.state.tap_volts, timeout=10_000)
    assert hoist_window.session.events[-1].instrument.startswith("Simulated")
    s = hoist_window.session
    # Where the difference of two readings is too coarse the same key takes the reading that is asked for besides.
    for extra in range(1, 5):
        if tap_verdict(s.design, s.state).next_reading is None:
            break
        hoist_window.at_bench.read_meter()
        qtbot.waitUntil(lambda extra=extra: len(s.state.point_volts) == extra, timeout=10_000)
    assert tap_verdict(s.design, s.state).verdict is Verdict.RIGHT
    assert "Test: " in page.unseen.text()
    assert "Do not plug in" not in page.verdict.text()


def test_a_meter_that_does_not_answer_is_told_and_can_be_changed(qtbot, hoist_window, page):
    hoist_window.at_bench.set_meter("TCPIP::127.0.0.1::9::SOCKET")
    page.read_with_meter()
    qtbot.waitUntil(lambda: "No meter answers" in hoist_window.banner.text(), timeout=20_000)
    assert page.meter_button.isEnabled()
    hoist_window.at_bench.set_meter("simulated")
    assert page.meter_address == "simulated"


@pytest.fixture
def trainer(hoist_window, qtbot):
    made = hoist_window.at_bench.trainer()
    qtbot.addWidget(made)
    made.show()
    return made


def test_the_trainer_is_played_by_key_and_scored(qtbot, trainer):
    pack = next(
        p
        for p in (hidden_fault(trainer.asked, n) for n in range(60))
        if p.faults and p.faults[0].kind is FaultKind.SWAPPED
    )
    trainer.lay_out(pack)
    for _ in range(10):
        qtbot.keyClick(trainer.read_button, Qt.Key.Key_Space)
    assert len(trainer.readings) == 10
    assert trainer.shown.text().endswith(" V")
    trainer.kinds.setCurrentText(FaultKind.SWAPPED.value)
    trainer.places.setCurrentText(pack.faults[0].words)
    qtbot.keyClick(trainer.name_button, Qt.Key.Key_Space)
    assert "points. Yes" in trainer.words.text()
    assert not trainer.name_button.isEnabled()
    # The picture shows the fault, the table what each reading told, the history the score.
    assert set(pack.faults[0].refs) <= set(trainer.view._paint.marks)
    assert trainer.table.rows.index(9, 3).data().endswith("%")
    assert trainer.history.scores()[-1] == (FaultKind.SWAPPED.value, 100)
    assert "1 scores" in trainer.history.curve.accessibleDescription()


def test_several_faults_are_named_one_after_another(qtbot, trainer):
    trainer.level.setCurrentIndex(2)
    pack = next(p for p in (hidden_fault(trainer.asked, n, 3) for n in range(60)) if len(p.faults) == 3)
    trainer.lay_out(pack)
    for _ in range(10):
        trainer.read()
    for fault in pack.faults:
        trainer.kinds.setCurrentText(fault.kind.value)
        trainer.places.setCurrentText(fault.words)
        if fault is not pack.faults[-1]:
            qtbot.keyClick(trainer.add_button, Qt.Key.Key_Space)
    trainer.name_it()
    assert "points. Yes" in trainer.words.text()


def test_calling_a_dangerous_pack_right_scores_nothing(trainer):
    pack = next(
        p for p in (hidden_fault(trainer.asked, n) for n in range(60)) if p.faults and p.faults[0].dangerous
    )
    trainer.lay_out(pack)
    trainer.read()
    trainer.kinds.setCurrentText(FaultKind.RIGHT.value)
    trainer.name_it()
    assert trainer.words.text().startswith("0 points. The board would be gone")


def test_a_click_on_two_taps_reads_between_them_and_hints_help(qtbot, trainer):
    for ref in ("tap:2", "tap:5"):
        at = trainer.view.place_of(ref).toPoint()
        qtbot.mouseClick(trainer.view, Qt.MouseButton.LeftButton, pos=at)
    assert [(r.black, r.red) for r in trainer.readings] == [(2, 5)]
    trainer.hint()
    assert "would read from" in trainer.words.text()
    before = trainer.pack.seed
    trainer.another()
    assert trainer.pack.seed == before + 1
    assert trainer.readings == []
    trainer.points[1].setCurrentIndex(0)
    trainer.read()
    assert "same point" in trainer.words.text()


def test_coming_to_proof_the_next_reading_waits_for_the_number_pad(hoist_window, qtbot):
    window = hoist_window
    window.activateWindow()
    window.view.setFocus()
    qtbot.keyClick(window, Qt.Key.Key_9, Qt.KeyboardModifier.AltModifier)
    for volts in ("3.56", "7.12"):
        line = QApplication.focusWidget()
        qtbot.keyClicks(line, volts)
        qtbot.keyClick(line, Qt.Key.Key_Enter, Qt.KeyboardModifier.KeypadModifier)
    assert window.session.state.tap_volts == {1: 3.56, 2: 7.12}
    window.go(Stage.BMS)
    window.rail.setFocus()
    # Arrows only look; Enter goes to work there, at the first tap not read yet.
    for _ in range(3):
        qtbot.keyClick(window.rail, Qt.Key.Key_Down)
    assert window.stage is Stage.TESTS
    assert window.rail.hasFocus()
    qtbot.keyClick(window.rail, Qt.Key.Key_Return)
    assert QApplication.focusWidget().accessibleName() == "Reading at B3 against B0, volts"


def test_no_card_lies_over_the_readings_while_they_are_typed(qtbot, hoist_window, page):
    type_all(qtbot, page, [3.56, 7.12])
    assert not hoist_window.card.isVisible()
    hoist_window.view.select("tap:2")
    assert hoist_window.card.isVisible()


def test_all_right_asks_for_the_meter_to_be_proven_until_it_is(qtbot, hoist_window, page):
    type_all(qtbot, page, [3.56 * n for n in range(1, 11)])
    assert page.verdict.text().startswith("Every tap is in order")
    assert "prove the meter" in page.verdict.text()
    hoist_window.session.record(PolarityReading(at="cell 1", volts=3.56), "meter-check")
    page.refresh()
    # Recorded is not passed: the step asks for plus.
    assert "prove the meter" in page.verdict.text()
    hoist_window.session.record(StepPassed(), "meter-check")
    page.refresh()
    assert "meter" not in page.verdict.text()
