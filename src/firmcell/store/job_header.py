"""The first bytes of a job file, its making, and its opening as a database."""

import os
import shutil
import sqlite3
import tempfile
from contextlib import suppress
from pathlib import Path

from firmcell.core.base.refusal import Refusal
from firmcell.store.job_chain import take_into_chain
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS, SCHEMA_VERSION

MAGIC = b"SQLite format 3\x00"
LONGEST_VALUE = 128_000_000
"""No value in a job is longer than this, bytes; a photo is at most a third of it."""
OLD_LOG = 2
"""In the header of files that keep what is new in a second file beside them, as version 0.2 and before did."""


def read_header(path: Path) -> int:
    """Return the schema version after looking at the first bytes only."""
    if not path.exists():
        raise Refusal(f"There is no file {path}.")
    if not path.is_file():
        raise Refusal(f"{path} is not a file.")
    head = _head(path)
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


def check_beside(path: Path) -> None:
    """Refuse a job beside which a link lies where the database keeps what it is just writing."""
    for suffix in ("-journal", "-wal", "-shm"):
        beside = path.with_name(path.name + suffix)
        if beside.is_symlink():
            raise Refusal(
                f"{path} cannot be opened: {beside.name} beside it is a link to another file; remove the link."
            )


def _head(path: Path) -> bytes:
    try:
        with path.open("rb") as stream:
            return stream.read(100)
    except OSError as error:
        raise Refusal(f"{path} cannot be read: {error.strerror}.") from None


def is_job(path: Path) -> bool:
    """Return whether a file is a job, by its first bytes."""
    try:
        head = _head(path)
    except Refusal:
        return False
    return head.startswith(MAGIC) and int.from_bytes(head[68:72], "big") == APPLICATION_ID


def build_file(path: Path) -> sqlite3.Connection:
    """Make an empty job file of the present schema, whose chain has not begun, under a name that nobody
    else knows, and return it open."""
    db = sqlite3.connect(path, isolation_level=None)
    _make_sure(db)
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    migrate(db, 0)
    return db


def migrate(db: sqlite3.Connection, version: int) -> None:
    """Bring a file of schema `version` up to the present one, wholly or not at all."""
    db.execute("BEGIN IMMEDIATE")
    try:
        for statements in MIGRATIONS[version:]:
            for statement in statements:
                db.execute(statement)
        if version:
            take_into_chain(db, version)
        db.execute(f"PRAGMA user_version = {SCHEMA_VERSION}")
        db.execute("COMMIT")
    except BaseException:
        if db.in_transaction:
            db.execute("ROLLBACK")
        raise


def connect_to_write(path: Path) -> sqlite3.Connection:
    """Open the database of a job for writing.

    What is new is written into the file itself, and no second file is left beside it: a job can be copied and
    moved like any document.
    """
    db = sqlite3.connect(f"{path.absolute().as_uri()}?mode=rw", uri=True, isolation_level=None, timeout=5)
    _make_sure(db)
    mode = db.execute("PRAGMA journal_mode = DELETE").fetchone()[0]
    if mode != "delete":
        db.close()
        raise sqlite3.OperationalError("database is locked")
    return db


def connect_to_read(path: Path) -> tuple[sqlite3.Connection, Path | None]:
    """Open the database of a job for reading; nothing is written beside it.

    Returns
    -------
    db : sqlite3.Connection
    folder : Path or None
        A temporary folder with a copy, where a write was cut off and is undone in the copy; the caller
        removes it.
    """
    quoted = path.absolute().as_uri()
    beside = path.with_name(path.name + "-wal")
    if _head(path)[18:19] == bytes([OLD_LOG]):
        if not (beside.exists() and beside.stat().st_size):
            return _careful(
                sqlite3.connect(f"{quoted}?mode=ro&immutable=1", uri=True, isolation_level=None)
            ), None
        return _of_a_copy(path, ("-wal",))
    db = _careful(sqlite3.connect(f"{quoted}?mode=ro", uri=True, isolation_level=None, timeout=5))
    try:
        db.execute("SELECT count(*) FROM sqlite_master").fetchone()
    except sqlite3.OperationalError as error:
        if getattr(error, "sqlite_errorcode", 0) & 0xFF not in (
            sqlite3.SQLITE_READONLY,
            sqlite3.SQLITE_CANTOPEN,
        ):
            db.close()
            raise
        db.close()
        return _of_a_copy(path, ("-journal",))
    except BaseException:
        db.close()
        raise
    return db, None


def _of_a_copy(path: Path, more: tuple[str, ...]) -> tuple[sqlite3.Connection, Path]:
    """A copy in a temporary folder, where what was cut off can be undone."""
    folder = Path(tempfile.mkdtemp(prefix="firm-cell-"))
    try:
        copy = folder / "job"
        shutil.copyfile(path, copy)
        for suffix in more:
            with suppress(FileNotFoundError):
                shutil.copyfile(path.with_name(path.name + suffix), copy.with_name(copy.name + suffix))
        db = _careful(sqlite3.connect(copy, isolation_level=None))
        db.execute("SELECT count(*) FROM sqlite_master").fetchone()
    except BaseException:
        shutil.rmtree(folder, ignore_errors=True)
        raise
    return db, folder


def _careful(db: sqlite3.Connection) -> sqlite3.Connection:
    """With what a file from a stranger must not do switched off."""
    db.execute("PRAGMA trusted_schema = OFF")
    db.setlimit(sqlite3.SQLITE_LIMIT_LENGTH, LONGEST_VALUE)
    db.setlimit(sqlite3.SQLITE_LIMIT_ATTACHED, 0)
    return db


def _make_sure(db: sqlite3.Connection) -> None:
    """Every change is on disk when it is said to be."""
    _careful(db)
    db.execute("PRAGMA synchronous = EXTRA")
    db.execute("PRAGMA foreign_keys = ON")


def folder_can_be_written(path: Path) -> bool:
    """Return whether files can be made beside `path`."""
    return os.access(path.parent, os.W_OK)
