"""The window that lists the jobs of a folder."""

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from firmcell.store.demo import make_demo


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
    row = next(n for n, line in enumerate(listed.lines) if line.kind == "power cable")
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
