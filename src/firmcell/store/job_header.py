"""The first bytes of a job file, and its making."""

import os
import sqlite3
from pathlib import Path

from firmcell.core.base.refusal import Refusal
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS, SCHEMA_VERSION

MAGIC = b"SQLite format 3\x00"


def check_new(path: Path) -> None:
    """Refuse a path at which no new file can be made."""
    if path.exists():
        raise Refusal(f"{path} is there already; choose another name.")
    if not path.parent.is_dir():
        raise Refusal(f"The folder {path.parent} does not exist.")
    if not os.access(path.parent, os.W_OK):
        raise Refusal(f"The folder {path.parent} is write-protected; choose another.")


def read_header(path: Path) -> int:
    """Return the schema version after looking at the first bytes only."""
    if not path.exists():
        raise Refusal(f"There is no file {path}.")
    if not path.is_file():
        raise Refusal(f"{path} is not a file.")
    try:
        with path.open("rb") as stream:
            head = stream.read(100)
    except OSError as error:
        raise Refusal(f"{path} cannot be read: {error.strerror}.") from None
    if not head:
        raise Refusal(f"{path} is empty; it is not a Firm Cell job.")
    if len(head) < 100 or not head.startswith(MAGIC):
        raise Refusal(f"{path} is not a Firm Cell job file, or its beginning is damaged.")
    if int.from_bytes(head[68:72], "big") != APPLICATION_ID:
        raise Refusal(f"{path} is a database of another program, not a Firm Cell job.")
    version = int.from_bytes(head[60:64], "big")
    if version > SCHEMA_VERSION:
        raise Refusal(
            f"{path} was written by a newer Firm Cell (file version {version}, this one reads up to {SCHEMA_VERSION})."
        )
    return version


def build_file(path: Path) -> None:
    """Make an empty job file of the present schema."""
    db = sqlite3.connect(path, isolation_level=None)
    try:
        db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
        migrate(db, 0)
        db.execute("PRAGMA journal_mode = WAL")
    finally:
        db.close()


def migrate(db: sqlite3.Connection, version: int) -> None:
    """Bring a file of schema `version` up to the present one, each step in its own transaction."""
    for number in range(version, SCHEMA_VERSION):
        db.execute("BEGIN IMMEDIATE")
        for statement in MIGRATIONS[number]:
            db.execute(statement)
        db.execute(f"PRAGMA user_version = {number + 1}")
        db.execute("COMMIT")


def connect(path: Path, read_only: bool) -> sqlite3.Connection:
    """Open the database of a job, for reading alone or for writing as well."""
    quoted = path.absolute().as_uri()
    if not read_only:
        db = sqlite3.connect(f"{quoted}?mode=rw", uri=True, isolation_level=None, timeout=5)
        db.execute("PRAGMA synchronous = FULL")
        db.execute("PRAGMA foreign_keys = ON")
        return db
    # In a folder that cannot be written SQLite cannot make its shared-memory file.
    wal = path.with_name(path.name + "-wal")
    still = not os.access(path.parent, os.W_OK) and not wal.exists()
    return sqlite3.connect(
        f"{quoted}?mode=ro{'&immutable=1' if still else ''}", uri=True, isolation_level=None, timeout=5
    )
