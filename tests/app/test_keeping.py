"""The file goes away, the disk is full, the window closes: nothing on screen is lost."""

import os

import pytest
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QFileDialog, QMessageBox

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import Remark
from firmcell.store.job_file import JobFile


def pressing(qtbot, *labels):
    """Press these buttons of the boxes that come up, one after another; what was said is in the list returned."""
    said, left = [], list(labels)

    def press():
        box = QApplication.activeModalWidget()
        if isinstance(box, QMessageBox) and left:
            said.append(box.text())
            label = left.pop(0)
            next(b for b in box.buttons() if b.text().replace("&", "").startswith(label)).click()
        if left:
            QTimer.singleShot(30, press)

    QTimer.singleShot(30, press)
    return said


def full(monkeypatch, on=True):
    """No more room on the disk, or room again."""
    real = JobFile.add_revision if not hasattr(full, "real") else full.real
    full.real = real

    def fails(self, *_, **__):
        raise Refusal("job.firmcell could not be written: the disk is full or cannot be written.")

    monkeypatch.setattr(JobFile, "add_revision", fails if on else real)


def test_a_job_moved_while_it_is_open_is_followed_and_named(hoist_window, qtbot):
    session = hoist_window.session
    new = session.path.with_name("renamed.firmcell")
    session.path.rename(new)
    hoist_window.keeping.look()
    assert session.path == new
    assert "was moved to" in hoist_window.banner.text()
    session.record(Remark(text="goes on"))
    assert str(new) in hoist_window.opening.recent()
    assert "renamed" in hoist_window.windowTitle()


def test_a_job_deleted_while_it_is_open_is_saved_elsewhere_with_what_is_on_screen(
    hoist_window, qtbot, monkeypatch, tmp_path
):
    session = hoist_window.session
    count = len(session.events)
    session.edit("serial", "UNSAVED-1", "serial")
    os.unlink(session.path)
    place = tmp_path / "rescued"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_, **__: (str(place), ""))
    said = pressing(qtbot, "Save elsewhere")
    hoist_window.keeping.look()
    assert "was deleted while it was open" in said[0]
    assert session.path == place.with_suffix(".firmcell")
    assert session.read_only_because is None
    session.record(Remark(text="goes on"))
    hoist_window.opening.close_job()
    with JobFile.open(place.with_suffix(".firmcell")) as job:
        assert job.latest().design().serial == "UNSAVED-1"
        assert len(job.events()) == count + 1
        assert job.verify().fault is None


def test_later_keeps_the_job_on_screen_and_asks_again_at_the_end(hoist_window, qtbot, monkeypatch):
    session = hoist_window.session
    os.unlink(session.path)
    said = pressing(qtbot, "Later")
    hoist_window.keeping.look()
    hoist_window.keeping.look()
    assert len(said) == 1, "said once"
    with pytest.raises(Refusal, match="was deleted"):
        session.record(Remark(text="x"))
    assert hoist_window.session is session


def test_a_full_disk_keeps_the_job_open_held_and_tried_again(hoist_window, qtbot, monkeypatch):
    session = hoist_window.session
    full(monkeypatch)
    session.edit("serial", "X-9", "serial")
    said = pressing(qtbot, "Keep it open")
    assert not hoist_window.close()
    assert "disk is full" in said[0]
    assert hoist_window.session is session
    with JobFile.open(session.path) as second:
        assert "open elsewhere" in second.read_only_because, "still held"
    full(monkeypatch, on=False)
    monkeypatch.setattr("firmcell.app.session.RETRY_MS", 50)
    session.edit("serial", "X-10", "serial")
    qtbot.waitUntil(lambda: not session.dirty, timeout=3000)
    assert session.job.latest().design().serial == "X-10"


def test_after_a_failed_save_it_is_tried_again_by_itself(hoist_window, qtbot, monkeypatch):
    session = hoist_window.session
    monkeypatch.setattr("firmcell.app.session.RETRY_MS", 50)
    full(monkeypatch)
    session.edit("serial", "X-11", "serial")
    assert not session.save()
    full(monkeypatch, on=False)
    qtbot.waitUntil(lambda: not session.dirty, timeout=3000)
    assert session.job.latest().design().serial == "X-11"


def test_the_window_can_always_be_closed(hoist_window, qtbot, monkeypatch):
    session, path = hoist_window.session, hoist_window.session.path
    full(monkeypatch)
    session.edit("serial", "LOST", "serial")
    said = pressing(qtbot, "Try again", "Discard")
    assert hoist_window.close()
    assert len(said) == 2
    full(monkeypatch, on=False)
    with JobFile.open(path) as job:
        assert job.read_only_because is None
        assert job.latest().design().serial != "LOST"


def test_a_file_changed_by_something_else_is_told_a_moment_after_opening(window, qtbot, job, tmp_path):
    import sqlite3

    path = job.path
    job.close()
    db = sqlite3.connect(path, isolation_level=None)
    sql = db.execute("SELECT sql FROM sqlite_master WHERE name = 'revisions_no_update'").fetchone()[0]
    db.execute("DROP TRIGGER revisions_no_update")
    db.execute("UPDATE revisions SET person = 'Somebody'")
    db.execute(sql)
    db.close()
    assert window.opening.open_path(path)
    qtbot.waitUntil(lambda: "Design revision 1 was changed" in window.banner.text(), timeout=5000)
