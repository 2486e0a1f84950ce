"""The job file: durable, append-only, held by one, and never writing to what is not its own."""

import os
import sqlite3
import subprocess
import sys
from pathlib import Path

import pytest
from hypothesis import HealthCheck, example, given, settings
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import Remark, TapReading
from firmcell.store.job_file import JobFile
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS, SCHEMA_VERSION
from tests.conftest import cases


def test_everything_is_there_after_closing_and_opening(tmp_path, hoist):
    path = tmp_path / "a.firmcell"
    with JobFile.create(path, hoist, "Wren") as job:
        job.append(TapReading(tap=1, volts=3.561), "tap-voltages", "Wren", "meter")
        job.add_revision(hoist.edited("serial", "X-1"), "Tam", "serial")
        job.append(Remark(text="naïve ½ Ω"), person="Tam")
        job.attach("photo.png", "image/png", b"\x89PNG\x00\xff")
    with JobFile.open(path) as job:
        assert job.latest().design() == hoist.edited("serial", "X-1")
        assert [r.person for r in job.revisions()] == ["Wren", "Tam"]
        first, second = job.events()
        assert first.data == TapReading(tap=1, volts=3.561)
        assert (first.person, first.instrument, first.step, first.revision) == (
            "Wren",
            "meter",
            "tap-voltages",
            1,
        )
        assert second.data.text == "naïve ½ Ω"
        assert second.revision == 2
        assert job.verify().fault is None
        assert job.attachments()[0].content == b"\x89PNG\x00\xff"
        assert {("cell", hoist.cell.name), ("wire", hoist.leads.wire.name)} <= {
            (k, n) for k, n, _ in job.parts()
        }
        assert job.add_revision(job.latest().design()) == 2  # nothing new, no revision


def test_log_and_revisions_cannot_be_changed_even_by_sql(job):
    job.append(Remark(text="one"))
    other = sqlite3.connect(job.path)
    for statement in (
        "UPDATE events SET person = 'x'",
        "DELETE FROM events",
        "UPDATE revisions SET note = 'x'",
        "DELETE FROM revisions",
    ):
        with pytest.raises(sqlite3.IntegrityError, match="never changed"):
            other.execute(statement)
    other.close()


def test_tampering_behind_the_triggers_shows(job):
    for n in range(3):
        job.append(Remark(text=f"remark {n}"))
    other = sqlite3.connect(job.path)
    other.execute("DROP TRIGGER events_no_update")
    other.execute("UPDATE events SET data = replace(data, 'remark 1', 'remark 9') WHERE seq = 2")
    other.commit()
    other.close()
    assert "Record 2" in job.verify().fault


def test_second_window_reads_only_and_says_who_holds_it(job):
    with JobFile.open(job.path) as second:
        assert "it is open elsewhere" in second.read_only_because
        assert str(os.getpid()) in second.read_only_because
        assert second.latest().design() == job.latest().design()
        with pytest.raises(Refusal, match="reading only"):
            second.append(Remark(text="x"))
        job.append(Remark(text="seen by the second too"))
        assert len(second.events()) == 1
    job.append(Remark(text="the first still writes"))


def test_hold_ends_with_the_holder(job):
    path = job.path
    job.close()
    with JobFile.open(path) as again:
        assert again.read_only_because is None
    assert not list(path.parent.glob(".*.held"))


KILLED = """
import sys, os
from pathlib import Path
from firmcell.store.job_file import JobFile
from firmcell.core.records.events import TapReading
job = JobFile.open(Path(sys.argv[1]))
for n in range(100000):
    job.append(TapReading(tap=1, volts=n / 1000), "tap-voltages")
    print(n, flush=True)
"""


def test_kill_9_loses_nothing_shown_as_recorded(job):
    path = job.path
    job.close()
    process = subprocess.Popen([sys.executable, "-c", KILLED, str(path)], stdout=subprocess.PIPE, text=True)
    said = [process.stdout.readline() for _ in range(25)]
    process.kill()
    said += process.stdout.readlines()
    process.wait()
    process.stdout.close()
    last = int([line for line in said if line.endswith("\n")][-1])
    with JobFile.open(path) as again:
        assert again.read_only_because is None
        assert len(again.events()) >= last + 1
        assert again.verify().fault is None


def _refused(path: Path) -> str:
    before = path.read_bytes() if path.is_file() else None
    with pytest.raises(Refusal) as caught:
        JobFile.open(path).close()
    if before is not None:
        assert path.read_bytes() == before
    return caught.value.sentence


def test_files_that_are_no_jobs_are_refused_and_left_alone(tmp_path, hoist):
    assert "There is no file" in _refused(tmp_path / "none.firmcell")
    assert "is not a file" in _refused(tmp_path)
    (tmp_path / "empty").write_bytes(b"")
    assert "is empty" in _refused(tmp_path / "empty")
    (tmp_path / "text").write_text("hello " * 100)
    assert "not a Firm Cell job" in _refused(tmp_path / "text")
    foreign = sqlite3.connect(tmp_path / "foreign")
    foreign.execute("CREATE TABLE t (x)")
    foreign.commit()
    foreign.close()
    assert "another program" in _refused(tmp_path / "foreign")
    JobFile.create(tmp_path / "new.firmcell", hoist).close()
    newer = sqlite3.connect(tmp_path / "new.firmcell")
    newer.execute(f"PRAGMA user_version = {SCHEMA_VERSION + 1}")
    newer.commit()
    newer.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    newer.close()
    assert "newer Firm Cell" in _refused(tmp_path / "new.firmcell")


@pytest.mark.parametrize("keep", [50, 99, 100, 3000, 4096, 9000, 20000])
def test_truncated_files_are_told(tmp_path, hoist, keep):
    path = tmp_path / "a.firmcell"
    JobFile.create(path, hoist).close()
    path.write_bytes(path.read_bytes()[:keep])
    assert _refused(path)


@given(st.integers(0, 40_000), st.binary(min_size=1, max_size=40))
@example(2861, b"\xde^?\x9b\xc2")  # makes SQLite's own message undecodable
@settings(max_examples=cases(60), deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
def test_damage_anywhere_is_a_refusal_or_a_readable_job(tmp_path, hoist, place, noise):
    path = tmp_path / "damaged.firmcell"
    path.unlink(missing_ok=True)
    with JobFile.create(path, hoist) as job:
        for n in range(5):
            job.append(Remark(text=f"remark {n}"))
    content = bytearray(path.read_bytes())
    place %= len(content)
    content[place : place + len(noise)] = noise
    path.write_bytes(content)
    try:
        with JobFile.open(path) as job:
            job.latest().design()
            job.events()
            job.verify()
    except Refusal as refusal:
        assert refusal.sentence  # noqa: PT017


def test_full_disk_is_told_and_nothing_is_lost(job):
    job.append(Remark(text="before"))
    pages = job._db.execute("PRAGMA page_count").fetchone()[0]
    job._db.execute(f"PRAGMA max_page_count = {pages + 1}")

    def fill() -> None:
        for _ in range(200):
            job.append(Remark(text="x" * 500))

    with pytest.raises(Refusal, match="disk is full"):
        fill()
    job._db.execute("PRAGMA max_page_count = 1000000")
    assert job.verify().fault is None
    job.append(Remark(text="after"))


def test_read_only_file_and_folder_open_for_reading(job, monkeypatch):
    job.append(Remark(text="one"))
    path = job.path
    job.close()
    real = os.access
    for denied, words in ((path, "file is write-protected"), (path.parent, "folder is write-protected")):
        monkeypatch.setattr(
            os,
            "access",
            lambda p, mode, d=denied: mode != os.W_OK or (Path(p) != d and real(p, mode)),
        )
        with JobFile.open(path) as again:
            assert words in again.read_only_because
            assert len(again.events()) == 1
    monkeypatch.setattr(os, "access", lambda p, mode: False)
    with pytest.raises(Refusal, match="write-protected"):
        JobFile.create(path.with_name("b.firmcell"), again_design(path, monkeypatch))


def again_design(path, monkeypatch):
    with JobFile.open(path, read_only=True) as job:
        return job.latest().design()


def test_older_file_is_migrated(tmp_path, hoist):
    path = tmp_path / "old.firmcell"
    old = sqlite3.connect(path, isolation_level=None)
    old.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    for statement in MIGRATIONS[0]:
        old.execute(statement)
    old.execute("PRAGMA user_version = 1")
    old.execute(
        "INSERT INTO revisions (time, person, note, design) VALUES ('t', 'p', 'n', ?)",
        (hoist.model_dump_json(),),
    )
    old.close()
    with JobFile.open(path, read_only=True) as job:
        assert job.attachments() == []
    with JobFile.open(path) as job:
        job.attach("a", "text/plain", b"b")
        assert job.latest().design() == hoist
        assert job._db.execute("PRAGMA user_version").fetchone()[0] == SCHEMA_VERSION


def test_copy_holds_everything(job, tmp_path):
    job.append(Remark(text="one"))
    job.copy_to(tmp_path / "copy.firmcell")
    with JobFile.open(tmp_path / "copy.firmcell") as copy:
        assert copy.events() == job.events()
    with pytest.raises(Refusal, match="there already"):
        job.copy_to(tmp_path / "copy.firmcell")
    with pytest.raises(Refusal, match="there already"):
        JobFile.create(job.path, job.latest().design())
    with pytest.raises(Refusal, match="does not exist"):
        JobFile.create(tmp_path / "no" / "a.firmcell", job.latest().design())


def test_a_design_of_a_part_no_longer_in_the_library_opens(tmp_path, hoist):
    own = hoist.edited("cell", hoist.cell.model_copy(update={"name": "gone from the part library"}))
    JobFile.create(tmp_path / "a.firmcell", own).close()
    with JobFile.open(tmp_path / "a.firmcell") as job:
        assert job.latest().design().cell.name == "gone from the part library"
