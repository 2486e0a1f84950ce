"""A file of readings is shown beside what is read out of it, and taken only when that is right."""

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFileDialog

from firmcell.core.analysis.findings import Stage


@pytest.fixture
def chosen(monkeypatch, tmp_path):
    """The file that is picked in the dialog of the system."""
    path = tmp_path / "out of the meter.csv"
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *args: (str(path), ""))
    return path


def shown(qtbot, window):
    qtbot.waitUntil(lambda: window.jobs.measured.preview is not None, timeout=5000)
    return window.jobs.measured.preview


def column(table, number):
    return [table.rows.index(n, number).data() for n in range(table.rows.rowCount())]


def test_a_capacity_beside_the_resistance_is_not_taken_for_it(hoist_window, qtbot, chosen):
    chosen.write_text(
        "# meter\ncell;capacity mAh;resistance mΩ;voltage V\n1;2987;21,5;3,61\n2;2950;22;3,62\n4;2801;180\n"
    )
    hoist_window.go(Stage.STRIPS)
    hoist_window.page(Stage.STRIPS).measured_wanted.emit()
    dialog = shown(qtbot, hoist_window)
    assert dialog.isVisible()
    assert column(dialog.file, 2) == ["2987", "2950", "2801"]
    assert column(dialog.file, 0) == ["3", "4", "5"]
    assert column(dialog.file, 4) == ["3,61", "3,62", ""]
    assert column(dialog.read, 1)[:5] == ["21.5 mΩ", "22 mΩ", "not measured", "180 mΩ", "not measured"]
    assert dialog.said.text().startswith("3 of 40 cells: 21.5 mΩ to 180 mΩ, the middle one 22 mΩ.")
    # 180 mΩ is no reading of a cell: cancelled, nothing is taken.
    qtbot.keyClick(dialog, Qt.Key.Key_Escape)
    assert not any(hoist_window.session.design.measured_ohm)


def test_what_is_right_is_taken_by_one_key(hoist_window, qtbot, chosen):
    chosen.write_text("cell,R mΩ\n2,22\n")
    hoist_window.jobs.measured.choose_measured()
    dialog = shown(qtbot, hoist_window)
    qtbot.keyClick(dialog.take, Qt.Key.Key_Space)
    assert hoist_window.session.design.measured_ohm[1] == pytest.approx(0.022)
    hoist_window.session.undo_stack.undo()
    assert not any(hoist_window.session.design.measured_ohm)


def test_tests_of_cells_are_looked_at_before_they_are_recorded(window, qtbot, chosen):
    assert window.opening.open_demo("lamp-refit")
    chosen.write_text("cell,capacity Ah,resistance mΩ\n1,2.7,5.2\n")
    before = len(window.session.events)
    window.jobs.measured.choose_tests()
    dialog = shown(qtbot, window)
    assert column(dialog.read, 0) == ["cell 1"]
    assert column(dialog.read, 1) == ["2.70 Ah, 5.2 mΩ"]
    assert len(window.session.events) == before
    dialog.accept()
    assert len(window.session.events) == before + 1


def test_a_file_that_cannot_be_read_is_told_and_shows_nothing(hoist_window, qtbot, chosen):
    chosen.write_text("cell,voltage\n1,3.6\n")
    hoist_window.jobs.measured.choose_measured()
    qtbot.waitUntil(lambda: "no column is headed" in hoist_window.banner.text(), timeout=5000)
    assert hoist_window.jobs.measured.preview is None


def test_a_preview_of_another_job_takes_nothing(hoist_window, qtbot, chosen):
    chosen.write_text("cell,R mΩ\n2,22\n")
    hoist_window.jobs.measured.choose_measured()
    dialog = shown(qtbot, hoist_window)
    assert hoist_window.opening.open_demo("lamp-refit")
    dialog.accept()
    assert not any(hoist_window.session.design.measured_ohm)
