"""Whether the tables of a file are those of a job, and nothing else is in it."""

import sqlite3
from functools import cache

from firmcell.store.sql_tables import MIGRATIONS

Entry = tuple[str, str, str, str]


def _entries(db: sqlite3.Connection) -> set[Entry]:
    rows = db.execute("SELECT type, name, tbl_name, coalesce(sql, '') FROM sqlite_master").fetchall()
    return {(str(kind), str(name), str(table), " ".join(str(sql).split())) for kind, name, table, sql in rows}


@cache
def _published(version: int) -> frozenset[Entry]:
    """What a file of this version holds, as docs/file-format.md says."""
    db = sqlite3.connect(":memory:")
    try:
        for statements in MIGRATIONS[:version]:
            for statement in statements:
                db.execute(statement)
        return frozenset(_entries(db))
    finally:
        db.close()


def strange_schema(db: sqlite3.Connection, version: int) -> tuple[str | None, str | None]:
    """Return what is strange about the tables of a file: what forbids reading it, and what forbids writing.

    A table that is not as published may hold anything, so that nothing of it is read. A trigger, view or
    index that does not belong there, or one that is missing, could make records vanish: nothing is written.
    """
    found, right = _entries(db), _published(version)
    missing, more = right - found, found - right
    table = next((e for e in sorted(missing) if e[0] == "table"), None)
    if table is not None:
        return f"its table “{table[1]}” is not as Firm Cell makes it", None
    if more:
        kind, name = sorted(more)[0][:2]
        return (
            None,
            f"it holds a {kind} “{name}” that Firm Cell does not make, and records could be lost by it",
        )
    if missing:
        kind, name = sorted(missing)[0][:2]
        return None, f"its {kind} “{name}” is missing, which guards the records"
    return None, None
