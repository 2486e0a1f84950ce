"""One file under several names, locks that are links, and a job taken away while it is open."""

import errno
import os
import sqlite3
import subprocess
import sys

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import Remark
from firmcell.store import held_file, job_lock
from firmcell.store.job_file import JobFile
from firmcell.store.part_names import part_beside


def test_a_link_is_another_name_of_one_job(job, tmp_path):
    other = tmp_path / "shortcut.firmcell"
    other.symlink_to(job.path)
    with JobFile.open(other) as second:
        assert second.path == job.path
        assert "open elsewhere" in second.read_only_because
    path = job.path
    job.close()
    with JobFile.open(other) as again:
        again.append(Remark(text="by the other name"))
    assert other.is_symlink(), "the link stays a link"
    with JobFile.open(path) as job:
        assert job.events()[-1].data.text == "by the other name"


def test_a_hard_link_is_never_written_through(job, tmp_path):
    """As a backup by hard links makes: writing would change the backup too."""
    path, backup = job.path, tmp_path / "backup.firmcell"
    job.close()
    os.link(path, backup)
    before = backup.read_bytes()
    for name in (path, backup):
        with JobFile.open(name) as opened:
            assert "second name" in opened.read_only_because
            with pytest.raises(Refusal, match="reading only"):
                opened.append(Remark(text="x"))
    assert backup.read_bytes() == before
    backup.unlink()
    with JobFile.open(path) as opened:
        assert opened.read_only_because is None


def test_a_making_cut_off_at_its_last_moment_leaves_a_job_that_is_written_to(job):
    """Killed between the new name and the end of the first one: a hard link of the program's own."""
    path = job.path
    job.close()
    os.link(path, part_beside(path))
    with JobFile.open(path) as opened:
        assert opened.read_only_because is None
        opened.append(Remark(text="x"))
    assert [p.name for p in path.parent.iterdir()] == [path.name]


def test_nothing_lies_beside_a_job_so_nothing_there_can_be_destroyed(job, tmp_path):
    path, other = job.path, tmp_path / "accounts.txt"
    other.write_text("years of work")
    job.append(Remark(text="x"))
    assert [p.name for p in path.parent.iterdir() if p != other] == [path.name]
    job.close()
    for suffix in ("-wal", "-shm", "-journal"):
        link = path.with_name(path.name + suffix)
        link.symlink_to(other)
        with pytest.raises(Refusal, match="remove the link"):
            JobFile.open(path)
        link.unlink()
    path.with_name(f".{path.name}.held").symlink_to(other)
    with JobFile.open(path) as again:
        again.append(Remark(text="y"))
    assert other.read_text() == "years of work"


def test_another_process_is_held_off_whatever_it_deletes(job):
    for left in job.path.parent.iterdir():
        if left != job.path:
            left.unlink()
    code = (
        "import sys; from pathlib import Path; from firmcell.store.job_file import JobFile\n"
        "print(JobFile.open(Path(sys.argv[1])).read_only_because)"
    )
    done = subprocess.run(
        [sys.executable, "-c", code, str(job.path)], capture_output=True, text=True, check=True
    )
    assert f"process {os.getpid()}" in done.stdout


def test_reading_leaves_no_file_and_no_new_time(job):
    path = job.path
    job.close()
    before = path.stat().st_mtime_ns
    with JobFile.open(path, read_only=True) as reader:
        reader.events()
        assert reader.verify().fault is None
        assert [p.name for p in path.parent.iterdir()] == [path.name]
    assert path.stat().st_mtime_ns == before


def test_a_disk_that_takes_no_locks_is_told_from_a_second_window(job, monkeypatch):
    """As some network folders answer: nothing is written there, for a second writer would not be seen."""
    path = job.path
    job.close()

    def no_locks(*_):
        raise OSError(errno.EOPNOTSUPP, os.strerror(errno.EOPNOTSUPP))

    monkeypatch.setattr(job_lock.fcntl, "flock", no_locks)
    with JobFile.open(path) as opened:
        assert "takes no locks" in opened.read_only_because


def test_a_check_that_takes_too_long_refuses_no_job(job, monkeypatch):
    path = job.path
    job.close()
    monkeypatch.setattr(held_file, "QUICK_CHECK_S", -1.0)
    monkeypatch.setattr(held_file, "STEPS_BETWEEN", 1)
    with JobFile.open(path) as opened:
        opened.append(Remark(text="goes on"))


# -- taken away while it is open ------------------------------------------------------------------------


def test_a_job_that_is_moved_is_followed(job, tmp_path):
    old, new = job.path, tmp_path / "elsewhere" / "renamed.firmcell"
    new.parent.mkdir()
    job.append(Remark(text="before"))
    old.rename(new)
    job.append(Remark(text="after"))
    assert (job.path, job.moved_from) == (new, old)
    assert not old.exists()
    job.close()
    with JobFile.open(new) as again:
        assert [e.data.text for e in again.events()] == ["before", "after"]


def test_a_job_that_is_deleted_says_so_and_is_saved_elsewhere_with_everything(job, tmp_path):
    job.append(Remark(text="before"))
    job.path.unlink()
    with pytest.raises(Refusal, match="was deleted while it was open"):
        job.append(Remark(text="after"))
    assert not job.path.exists(), "nothing is made in its place"
    assert [e.data.text for e in job.events()] == ["before"]
    job.copy_to(tmp_path / "saved.firmcell")
    with JobFile.open(tmp_path / "saved.firmcell") as saved:
        assert saved.verify().fault is None
        assert [e.data.text for e in saved.events()] == ["before"]


def test_a_job_that_is_replaced_never_touches_the_new_file(job, hoist, tmp_path):
    path, other = job.path, tmp_path / "other.firmcell"
    job.append(Remark(text="mine"))
    with JobFile.create(other, hoist.edited("serial", "restored")) as made:
        made.append(Remark(text="theirs"))
    os.replace(other, path)
    before = path.read_bytes()
    for _ in range(2):
        with pytest.raises(Refusal, match="was replaced by another file"):
            job.append(Remark(text="lost?"))
    with pytest.raises(Refusal):
        job.add_revision(hoist.edited("serial", "X"))
    job.close()
    assert path.read_bytes() == before
    with JobFile.open(path) as theirs:
        assert [e.data.text for e in theirs.events()] == ["theirs"]


def test_a_file_that_is_taken_away_in_the_middle_of_a_write_is_told(job, monkeypatch):
    """Between the first look and the end of the write: the record went with the file, and is not called recorded."""
    path = job.path
    real = JobFile._insert

    def take_away(self, event):
        real(self, event)
        path.unlink()

    monkeypatch.setattr(JobFile, "_insert", take_away)
    with pytest.raises(Refusal, match="was deleted"):
        job.append(Remark(text="in the middle"))
    assert [e.data.text for e in job.events()] == ["in the middle"], "and is kept in memory"


def test_a_file_written_in_the_way_of_0_2_is_read_and_brought_over(job):
    """What was new stood in a second file beside the job, which was left there after a power cut."""
    path = job.path
    job.append(Remark(text="one"))
    job.close()
    old = sqlite3.connect(path, isolation_level=None)
    assert old.execute("PRAGMA journal_mode = WAL").fetchone()[0] == "wal"
    old.execute("PRAGMA wal_autocheckpoint = 0")
    old.execute(
        "INSERT INTO revisions (time, person, note, design) SELECT time, 'in the log', note, design FROM revisions"
    )
    content, log = path.read_bytes(), path.with_name(path.name + "-wal").read_bytes()
    old.close()
    path.write_bytes(content)
    path.with_name(path.name + "-wal").write_bytes(log)
    with JobFile.open(path, read_only=True) as reader:
        assert [r.person for r in reader.revisions()][-1] == "in the log"
    assert path.with_name(path.name + "-wal").read_bytes() == log, "reading changes nothing"
    with JobFile.open(path) as writer:
        assert [r.person for r in writer.revisions()][-1] == "in the log"
        assert "beside the chain" in writer.verify().fault
    assert [p.name for p in path.parent.iterdir()] == [path.name]
