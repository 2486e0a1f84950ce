"""Practising by eye: chosen by key or by a click on the picture, scored, remembered, shown afterwards."""

import pytest
from PySide6.QtCore import Qt

from firmcell.core.practice.subjects import task_of
from firmcell.core.practice.task import Subject


@pytest.fixture
def practice(window, qtbot):
    made = window.at_bench.by_eye()
    qtbot.addWidget(made)
    made.show()
    return made


def laid(practice, subject, kind, seed=3):
    practice.lay_out(task_of(subject, seed, kind, practice.connectors))
    return practice.task


def test_it_is_played_by_keys_alone_and_needs_no_job(qtbot, practice):
    task = laid(practice, Subject.JOINT, 1)
    qtbot.keyClick(practice, Qt.Key(Qt.Key.Key_1 + task.answer))
    qtbot.keyClick(practice, Qt.Key.Key_Return)
    assert practice.words.text().startswith("100 points. Yes")
    assert practice.view._paint.marks == {"fault": "bad"}, "the picture shows it"
    assert practice.history.scores() == [(task.kind, 100)]
    qtbot.keyClick(practice, Qt.Key.Key_Return)
    assert practice.task is not task
    assert practice.words.text() == ""


def test_missed_danger_scores_nothing_and_is_asked_more_often(qtbot, practice):
    task = laid(practice, Subject.WELD, 2)
    qtbot.keyClick(practice, Qt.Key.Key_1)
    qtbot.keyClick(practice, Qt.Key.Key_Return)
    assert practice.words.text().startswith("0 points. That would do harm")
    assert practice.history.weak() == {task.kind: 1.0}
    assert "burnt through 0 %" in practice.history.weakest.text()


def test_a_place_is_chosen_by_a_click_on_the_picture(qtbot, practice):
    task = laid(practice, Subject.TURNED, 1)
    practice.group.button(task.answer).click()
    practice.name_it()
    assert practice.words.text() == "Choose where it is, or click on it."
    at = practice.view.place_of(task.places[task.place].ref).toPoint()
    qtbot.mouseClick(practice.view, Qt.MouseButton.LeftButton, pos=at)
    assert practice.places.currentText() == task.places[task.place].words
    practice.name_it()
    assert "100 points" in practice.words.text()


def test_nothing_chosen_is_said_and_a_hint_costs(qtbot, practice):
    task = laid(practice, Subject.CRIMP, 3)
    practice.name_it()
    assert practice.words.text() == "Choose one of the answers."
    qtbot.keyClick(practice.hint_button, Qt.Key.Key_Space)
    assert "costs 20 points" in practice.words.text()
    practice.group.button(task.answer).click()
    practice.name_it()
    assert practice.words.text().startswith("80 points")


def test_the_subject_is_kept_and_every_answer_is_announced(qtbot, practice, window):
    practice.subjects.setCurrentText(Subject.CONNECTOR.value)
    assert practice.task.subject is Subject.CONNECTOR
    again = window.at_bench.by_eye()
    qtbot.addWidget(again)
    assert again.task.subject is Subject.CONNECTOR
    for button, choice in zip(again.group.buttons(), again.task.choices, strict=True):
        assert button.accessibleName() == choice.words
