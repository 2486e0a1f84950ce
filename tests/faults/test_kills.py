"""Killed at any moment: afterwards there is nothing, or a good file with everything that was called done."""

import os
import random
import signal
import sqlite3
import subprocess
import sys
import time
from pathlib import Path

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.store.job_file import JobFile
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS
from tests.faults.rounds import rounds

BEGIN = """
import sys
from pathlib import Path
from firmcell.store.job_file import JobFile
from firmcell.core.records.events import TapReading
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from firmcell.store.whole_files import write_whole
path = Path(sys.argv[1])
"""
DOES = {
    "records": """
job = JobFile.open(path)
print("ready", flush=True)
for n in range(100000):
    job.append(TapReading(tap=1, volts=n / 1000), "tap-voltages")
    print(n, flush=True)
""",
    "makes": """
design = hoist_in_rows(shipped_library())
print("ready", flush=True)
for n in range(1000):
    JobFile.create(path.with_name(f"{n}.firmcell"), design).close()
    print(n, flush=True)
""",
    "copies": """
job = JobFile.open(path)
print("ready", flush=True)
for n in range(1000):
    job.copy_to(path.with_name(f"{n}.firmcell"))
    print(n, flush=True)
""",
    "brings up": """
JobFile.open
print("ready", flush=True)
JobFile.open(path).close()
print(0, flush=True)
""",
    "exports": """
print("ready", flush=True)
for n in range(100000):
    write_whole(path.with_name("out.csv"), bytes([65 + n % 26]) * 300000, replace=True)
    print(n, flush=True)
""",
}


def killed(what: str, path: Path, wait_s: float) -> int:
    """Run it, kill it so long after it began, and return the last number that was called done, or −1."""
    process = subprocess.Popen(
        [sys.executable, "-c", BEGIN + DOES[what], str(path)], stdout=subprocess.PIPE, text=True
    )
    assert process.stdout is not None
    assert process.stdout.readline() == "ready\n"
    time.sleep(wait_s)
    os.kill(process.pid, signal.SIGKILL)
    said = [line for line in process.stdout.read().splitlines(keepends=True) if line.endswith("\n")]
    process.stdout.close()
    process.wait()
    return int(said[-1]) if said else -1


def old_file(path: Path, design: str) -> None:
    """A file as version 0.1 made it, with many revisions, so that bringing it up takes a while."""
    db = sqlite3.connect(path, isolation_level=None)
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    db.execute("BEGIN")
    for statement in MIGRATIONS[0]:
        db.execute(statement)
    rows = [(str(n), "Wren", "", design) for n in range(400)]
    db.executemany("INSERT INTO revisions (time, person, note, design) VALUES (?, ?, ?, ?)", rows)
    db.execute("PRAGMA user_version = 1")
    db.execute("COMMIT")
    db.close()


@pytest.mark.slow
@pytest.mark.parametrize("what", DOES)
def test_a_kill_leaves_nothing_or_a_good_file(what, tmp_path, hoist):
    dice = random.Random(what)
    bad = []
    for number in range(rounds(2, 200)):
        folder = tmp_path / str(number)
        folder.mkdir()
        path = folder / "job.firmcell"
        if what == "brings up":
            old_file(path, hoist.model_dump_json())
        elif what != "makes":
            JobFile.create(path, hoist).close()
        last = killed(what, path, dice.uniform(0, 0.25))
        for reader in (True, False):
            for file in sorted(folder.glob("*.firmcell")):
                if file.name.startswith("."):
                    continue
                try:
                    with JobFile.open(file, read_only=reader) as job:
                        if job.verify().fault or not job.revisions():
                            bad.append((number, file.name, job.verify().fault))
                        if what == "records":
                            assert len(job.events()) >= last + 1
                        if what == "brings up":
                            assert len(job.revisions()) == 400
                except Refusal as refusal:
                    bad.append((number, file.name, refusal.sentence))
        if what in ("makes", "copies"):
            assert all((folder / f"{n}.firmcell").exists() for n in range(last + 1))
        if what == "exports" and (folder / "out.csv").exists():
            content = (folder / "out.csv").read_bytes()
            assert len(content) == 300000
            assert len(set(content)) == 1
    assert not bad, bad
