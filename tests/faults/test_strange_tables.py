"""Tables that somebody altered: nothing vanishes, nothing runs for ever, nothing is written."""

import sqlite3
import time

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import Remark
from firmcell.store.job_file import JobFile
from tests.conftest import patience

PLANTED = {
    "trigger": "CREATE TRIGGER quiet AFTER INSERT ON events BEGIN SELECT RAISE(IGNORE); END",
    "trigger before": "CREATE TRIGGER gone BEFORE INSERT ON events BEGIN SELECT RAISE(IGNORE); END",
    "view": "CREATE VIEW more AS SELECT 1",
    "index": "CREATE INDEX slow ON events (person)",
    "table": "CREATE TABLE notes (text TEXT)",
    "guard dropped": "DROP TRIGGER events_no_delete",
}


@pytest.mark.parametrize("what", PLANTED)
def test_a_file_with_something_planted_is_read_and_never_written(job, what):
    job.append(Remark(text="before"))
    path = job.path
    job.close()
    db = sqlite3.connect(path)
    db.execute(PLANTED[what])
    db.commit()
    db.close()
    before = path.read_bytes()
    with JobFile.open(path) as opened:
        assert opened.read_only_because
        assert [e.data.text for e in opened.events()] == ["before"]
        with pytest.raises(Refusal, match="reading only"):
            opened.append(Remark(text="would vanish"))
    assert path.read_bytes() == before


ENDLESS = "WITH RECURSIVE c(x) AS (SELECT 1 UNION ALL SELECT x + 1 FROM c) SELECT x FROM c"


@pytest.mark.parametrize("table", ["events", "revisions", "parts", "attachments", "chain"])
@pytest.mark.parametrize("kind", ["view", "other columns", "missing"])
def test_a_table_that_is_no_table_of_ours_is_refused_within_two_seconds(job, table, kind):
    path = job.path
    job.close()
    db = sqlite3.connect(path)
    for (name,) in db.execute("SELECT name FROM sqlite_master WHERE type = 'trigger'").fetchall():
        db.execute(f"DROP TRIGGER {name}")
    db.execute(f"DROP TABLE {table}")
    if kind == "view":
        db.execute(f"CREATE VIEW {table} AS {ENDLESS}")
    elif kind == "other columns":
        db.execute(f"CREATE TABLE {table} (seq, number, kind, name, data DEFAULT (random()))")
    db.commit()
    db.close()
    before, began = path.read_bytes(), time.monotonic()
    with pytest.raises(Refusal, match=f"its table “{table}” is not as Firm Cell makes it"):
        JobFile.open(path)
    assert time.monotonic() - began < patience(2)
    assert path.read_bytes() == before


def test_a_read_that_never_ends_is_cut_off(job):
    """Should an endless thing get past the look at the tables, the clock ends it."""
    began = time.monotonic()
    with pytest.raises(Refusal, match="takes too long"), job._reading("cannot be read", 0.3):
        job._db.execute(f"SELECT count(*) FROM ({ENDLESS})").fetchone()
    assert time.monotonic() - began < patience(2)
    job.append(Remark(text="and work goes on"))


@pytest.mark.parametrize("table", ["events", "revisions"])
def test_a_row_of_a_hundred_megabytes_is_refused(job, table):
    path = job.path
    job.close()
    db = sqlite3.connect(path)
    if table == "events":
        db.execute(
            "INSERT INTO events VALUES (1, '', '', '', '', 1, zeroblob(1) || printf('%.*c', 100000000, 'x'), '', 'a')"
        )
    else:
        db.execute(
            "INSERT INTO revisions (time, person, note, design) VALUES ('', '', '', printf('%.*c', 100000000, '['))"
        )
    db.commit()
    db.close()
    began = time.monotonic()
    with pytest.raises(Refusal, match="too long to be one"):
        JobFile.open(path)
    assert time.monotonic() - began < patience(2)
