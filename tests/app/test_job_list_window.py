"""The window that lists the jobs of a folder."""

from datetime import date

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from firmcell.app.job_list_window import JobListWindow
from firmcell.core.records.events import StepPassed
from firmcell.store.demo import make_demo
from firmcell.store.job_file import JobFile


def test_the_window_lists_them_and_enter_opens_one(hoist_window, qtbot, tmp_path):
    folder = tmp_path / "jobs"
    make_demo("orchard-hoist", folder)
    make_demo("log-splitter-cable", folder / "cables")
    window = hoist_window
    window.settings.setValue("jobs folder", str(folder))
    QTest.keyClick(
        window, Qt.Key.Key_O, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier
    )
    listed = window.opening.job_list
    qtbot.waitUntil(lambda: "2 jobs" in listed.where.text(), timeout=20_000)
    assert "0 built, 1 with a stop" in listed.where.text()
    rows = listed.table.rows
    row = next(n for n in range(rows.rowCount()) if rows.index(n, 3).data() == "power cable")
    listed.table.setCurrentIndex(listed.table.rows.index(row, 0))
    QTest.keyClick(listed.table, Qt.Key.Key_Return)
    assert window.session.path == folder / "cables" / "log-splitter-cable.firmcell"
    assert not listed.isVisible()


def test_a_folder_without_jobs_and_one_that_is_gone_are_told(hoist_window, qtbot, tmp_path):
    window = hoist_window
    window.opening.show_list()
    listed = window.opening.job_list
    (tmp_path / "none").mkdir()
    listed.look(tmp_path / "none")
    qtbot.waitUntil(lambda: "no job in it" in listed.where.text(), timeout=5_000)
    listed.look(tmp_path / "gone")
    qtbot.waitUntil(lambda: "is not a folder" in listed.where.text(), timeout=5_000)
    listed.close()


@pytest.fixture
def board(window, qtbot, tmp_path):
    folder = tmp_path / "jobs"
    for name, day in (
        ("bee-house-scale", "2026-12-02"),
        ("log-splitter-cable", "2026-11-20"),
        ("lamp-cell-bms", ""),
    ):
        path = make_demo(name, folder)
        with JobFile.open(path) as job:
            job.add_revision(job.latest().design().edited("brief.promised", day), "Ada", "promised")
    made = JobListWindow(window, folder, date(2026, 11, 28))
    made.show()
    qtbot.waitUntil(lambda: "3 jobs" in made.where.text(), timeout=20_000)
    yield made
    made.close()


def titles(made):
    rows = made.table.rows
    return [rows.index(n, 0).data() for n in range(rows.rowCount())]


def anew(made, qtbot):
    qtbot.waitUntil(lambda: "looking" not in made.where.text(), timeout=20_000)


def test_what_is_promised_first_stands_first_with_its_picture(board):
    assert titles(board) == ["Log splitter cable", "Bee-house scale", "Lambing lamp cell"]
    promised = [board.table.rows.index(n, 2).data() for n in range(3)]
    assert promised == ["2026-11-20, late by 8 days", "2026-12-02, in 4 days", ""]
    assert "1 late" in board.where.text()
    for n in range(3):
        icon = board.table.rows.index(n, 0).data(Qt.ItemDataRole.DecorationRole).toImage()
        inked = {icon.pixel(x, y) for x in range(0, icon.width(), 3) for y in range(0, icon.height(), 3)}
        assert len(inked) > 3, titles(board)[n]
    board.table.setCurrentIndex(board.table.rows.index(1, 0))
    assert board.card.title.text() == "Bee-house scale"
    assert "promised for 2026-12-02, in 4 days" in board.card.words.text()
    assert board.card.picture.drawing is not None


def test_jobs_are_found_by_any_word_of_theirs(board):
    board.words.setText("bee 4s2p")
    assert titles(board) == ["Bee-house scale"]
    board.words.setText("power cable")
    assert titles(board) == ["Log splitter cable"]
    board.words.setText("nothing of the kind")
    assert titles(board) == []
    assert board.card.title.text() == "No job is picked."


def test_a_job_that_is_done_with_goes_into_the_archive_and_back(board, qtbot):
    board.table.setCurrentIndex(board.table.rows.index(1, 0))
    board.card.archive_button.click()
    anew(board, qtbot)
    assert (board.folder / "archive" / "bee-house-scale.firmcell").is_file()
    assert "Bee-house scale" not in titles(board)
    assert "1 done with" in board.where.text()
    board.archive_too.setChecked(True)
    board.table.setCurrentIndex(board.table.rows.index(titles(board).index("Bee-house scale"), 0))
    assert "Not done" in board.card.archive_button.text()
    board.card.archive_button.click()
    anew(board, qtbot)
    assert (board.folder / "bee-house-scale.firmcell").is_file()


def test_a_job_that_is_open_is_not_moved(board, window, qtbot):
    path = board.folder / "bee-house-scale.firmcell"
    board.table.setCurrentIndex(board.table.rows.index(1, 0))
    with JobFile.open(path):
        board.card.archive_button.click()
        assert "cannot be moved: it is open elsewhere" in board.where.text()
    window.opening.open_path(path)
    board.card.archive_button.click()
    assert "is open in this window" in board.where.text()
    assert path.is_file()


def test_another_job_begins_with_the_design_of_one(board, qtbot):
    line = next(line for line in board.lines if line.what == "4S2P")
    with JobFile.open(line.path) as job:
        job.append(StepPassed(), "dry-fit", "Ada")
    target = board.folder / "again.firmcell"
    board.template(line, target)
    anew(board, qtbot)
    with JobFile.open(target, read_only=True) as job:
        assert job.events() == []
        assert job.latest().design().brief.promised == ""
        assert job.latest().design().series == 4
    board.template(line, target)
    assert "again.firmcell" in board.where.text()
