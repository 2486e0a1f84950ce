"""The job file: one SQLite database a job, durable, append-only, hash-chained."""

import errno
import fcntl
import getpass
import json
import os
import socket
import sqlite3
import stat
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from dataclasses import dataclass
from datetime import datetime
from pathlib import Path
from types import TracebackType
from typing import Any, Self

from pydantic import ValidationError

from firmcell.core.base.quantity import Frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Part
from firmcell.core.records.events import (
    GENESIS,
    PAYLOAD,
    Event,
    Payload,
    first_broken_link,
    payload_json,
    sealed,
)
from firmcell.store.format_1 import brought_up
from firmcell.store.sql_tables import APPLICATION_ID, MIGRATIONS, SCHEMA_VERSION
from firmcell.store.validation_words import first_fault

SUFFIX = ".firmcell"
_MAGIC = b"SQLite format 3\x00"
_FULL = ("full", "disk i/o")
# A damaged file can make SQLite's own message unreadable, which Python then reports in place of it.
_FAULTS = (sqlite3.Error, OSError, UnicodeDecodeError)


@dataclass(frozen=True)
class Revision:
    """One saved state of the design."""

    number: int
    time: str
    person: str
    note: str
    design_json: str

    def design(self) -> Design:
        """The design itself.

        Raises
        ------
        Refusal
            If it was written by a newer version or is damaged.
        """
        return read_design(self.design_json, f"design revision {self.number}")


@dataclass(frozen=True)
class Attachment:
    """A file kept in the job."""

    name: str
    media_type: str
    time: str
    content: bytes


def read_design(text: str, where: str) -> Design:
    """Return the design in a JSON text.

    Raises
    ------
    Refusal
        In one sentence, naming `where`.
    """
    try:
        raw = json.loads(text)
    except (json.JSONDecodeError, RecursionError):
        raise Refusal(f"{where} cannot be read: it is not JSON.") from None
    try:
        # As JSON again, for what JSON has no word for: tuples, kinds, places.
        return Design.model_validate_json(json.dumps(brought_up(raw)))
    except ValidationError as error:
        raise Refusal(f"{where} cannot be read: {first_fault(error, Design)}") from None


def now() -> str:
    """The present time as it is recorded."""
    return datetime.now().astimezone().isoformat(timespec="milliseconds")


def here() -> str:
    """Who holds a file: user, machine and process."""
    try:
        user = getpass.getuser()
    except (KeyError, OSError):
        user = "somebody"
    return f"{user} on {socket.gethostname()}, process {os.getpid()}"


class JobFile:
    """An open job file.

    Use `create` or `open`. Every change is on disk when the call returns.

    Attributes
    ----------
    path : Path
    read_only_because : str or None
        A sentence if nothing can be written, such as another window holding the file.
    """

    def __init__(
        self, path: Path, db: sqlite3.Connection, lock: "_Lock | None", read_only_because: str | None
    ) -> None:
        self.path = path
        self.read_only_because = read_only_because
        self._db = db
        self._lock = lock

    # -- opening and closing ------------------------------------------------------------------------

    @classmethod
    def create(cls, path: Path, design: Design, person: str = "", note: str = "begun") -> "JobFile":
        """Make a new job file and open it.

        Raises
        ------
        Refusal
            If something of that name is there already, or the folder cannot be written.
        """
        job = cls.create_empty(path)
        job.add_revision(design, person, note)
        return job

    @classmethod
    def create_empty(cls, path: Path) -> "JobFile":
        """Make a new job file without a design and open it; raises as `create` does."""
        _check_new(path)
        try:
            _build(path)
        except _FAULTS as error:
            path.unlink(missing_ok=True)
            raise Refusal(f"{path} cannot be made: {_plain(error)}") from None
        return cls.open(path)

    @classmethod
    def open(cls, path: Path, read_only: bool = False) -> "JobFile":
        """Open a job file; read-only if asked, if it cannot be written, or if another window holds it.

        Raises
        ------
        Refusal
            If it is missing, foreign, damaged, or from a newer version. Such a file is never written to.
        """
        version = _read_header(path)
        because, lock = ("opened for reading only", None) if read_only else _try_to_hold(path)
        try:
            db = _connect(path, because is not None)
        except _FAULTS as error:
            if lock:
                lock.release()
            raise Refusal(f"{path} cannot be opened: {_plain(error)}") from None
        job = cls(path, db, lock, because)
        try:
            job._look_over(version)
        except BaseException:
            job.close()
            raise
        return job

    def _look_over(self, version: int) -> None:
        with _told(self.path, "is damaged"):
            result = self._db.execute("PRAGMA quick_check(1)").fetchone()[0]
            if result != "ok":
                raise Refusal(
                    f"{self.path} is damaged ({result}); it is left as it is. Work from a copy or a backup."
                )
            if version < SCHEMA_VERSION and not self.read_only_because:
                migrate(self._db, version)
            self._db.execute("SELECT count(*) FROM revisions").fetchone()
            self._db.execute("SELECT count(*) FROM events").fetchone()

    def close(self) -> None:
        """Close the file and let go of it."""
        # Everything that was recorded is on disk already; a file that cannot even be closed must not stay
        # held.
        with suppress(*_FAULTS):
            self._db.close()
        if self._lock:
            self._lock.release()
            self._lock = None

    def __enter__(self) -> Self:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self.close()

    # -- designs --------------------------------------------------------------------------------------

    def add_revision(self, design: Design, person: str = "", note: str = "") -> int:
        """Save `design` as a new revision, with a copy of every part in it; returns its number.

        A design equal to the last one saved makes no new revision.
        """
        text = design.model_dump_json()
        with _told(self.path, "cannot be read"):
            last = self._db.execute(
                "SELECT number, design FROM revisions ORDER BY number DESC LIMIT 1"
            ).fetchone()
        if last and last[1] == text:
            return int(last[0])
        with self._writing():
            cursor = self._db.execute(
                "INSERT INTO revisions (time, person, note, design) VALUES (?, ?, ?, ?)",
                (now(), person, note, text),
            )
            for part in parts_in(design):
                self._db.execute(
                    "INSERT OR REPLACE INTO parts (kind, name, part) VALUES (?, ?, ?)",
                    (part.kind, part.name, part.model_dump_json()),
                )
        return int(cursor.lastrowid or 0)

    def revisions(self) -> list[Revision]:
        """All saved designs, oldest first."""
        with _told(self.path, "cannot be read"):
            rows = self._db.execute(
                "SELECT number, time, person, note, design FROM revisions ORDER BY number"
            )
            return [Revision(*row) for row in rows]

    def latest(self) -> Revision:
        """The design saved last.

        Raises
        ------
        Refusal
            If there is none.
        """
        with _told(self.path, "cannot be read"):
            row = self._db.execute(
                "SELECT number, time, person, note, design FROM revisions ORDER BY number DESC LIMIT 1"
            ).fetchone()
        if row is None:
            raise Refusal(f"{self.path} holds no design.")
        return Revision(*row)

    def parts(self) -> list[tuple[str, str, dict[str, Any]]]:
        """Kind, name and values of every part that was ever in the design."""
        with _told(self.path, "cannot be read"):
            rows = self._db.execute("SELECT kind, name, part FROM parts ORDER BY kind, name").fetchall()
        return [(kind, name, json.loads(text)) for kind, name, text in rows]

    # -- records --------------------------------------------------------------------------------------

    def append(self, data: Payload, step: str = "", person: str = "", instrument: str = "") -> Event:
        """Record one event; it is on disk when this returns.

        Raises
        ------
        Refusal
            If the file is read-only or the disk is full; nothing recorded before is lost.
        """
        with self._writing():
            last = self._db.execute("SELECT seq, hash FROM events ORDER BY seq DESC LIMIT 1").fetchone()
            seq, prev = (last[0] + 1, last[1]) if last else (1, GENESIS)
            revision = self._db.execute("SELECT coalesce(max(number), 0) FROM revisions").fetchone()[0]
            event = sealed(seq, now(), person, instrument, step, revision, data, prev)
            self._insert(event)
        return event

    def _insert(self, event: Event) -> None:
        self._db.execute(
            "INSERT INTO events (seq, time, person, instrument, step, revision, data, prev, hash)"
            " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
            (
                event.seq,
                event.time,
                event.person,
                event.instrument,
                event.step,
                event.revision,
                payload_json(event.data),
                event.prev,
                event.hash,
            ),
        )

    def events(self) -> list[Event]:
        """All records, oldest first.

        Raises
        ------
        Refusal
            If a record cannot be read.
        """
        events = []
        with _told(self.path, "cannot be read"):
            rows = self._db.execute(
                "SELECT seq, time, person, instrument, step, revision, data, prev, hash FROM events ORDER BY seq"
            ).fetchall()
        for row in rows:
            try:
                events.append(
                    Event(
                        seq=row[0],
                        time=row[1],
                        person=row[2],
                        instrument=row[3],
                        step=row[4],
                        revision=row[5],
                        data=PAYLOAD.validate_json(row[6]),
                        prev=row[7],
                        hash=row[8],
                    )
                )
            except ValidationError as error:
                raise Refusal(
                    f"Record {row[0]} in {self.path} cannot be read: {first_fault(error, Frozen)}"
                ) from None
        return events

    def verify(self) -> str | None:
        """Return a sentence about the first record that was changed, or None if the chain holds."""
        return first_broken_link(self.events())

    # -- attachments ----------------------------------------------------------------------------------

    def attach(self, name: str, media_type: str, content: bytes) -> None:
        """Keep a file in the job."""
        with self._writing():
            self._db.execute(
                "INSERT INTO attachments (name, media_type, time, content) VALUES (?, ?, ?, ?)",
                (name, media_type, now(), content),
            )

    def attachments(self) -> list[Attachment]:
        """All files kept in the job."""
        with _told(self.path, "cannot be read"):
            if not self._db.execute("SELECT 1 FROM sqlite_master WHERE name = 'attachments'").fetchone():
                return []
            rows = self._db.execute("SELECT name, media_type, time, content FROM attachments ORDER BY number")
            return [Attachment(*row) for row in rows]

    # -- whole files ----------------------------------------------------------------------------------

    def take_over(
        self, revisions: list[Revision], events: list[Event], attachments: list[Attachment]
    ) -> None:
        """Fill a new, empty file with everything of another; numbers, times and hashes stay as they are."""
        with self._writing():
            for r in revisions:
                self._db.execute(
                    "INSERT INTO revisions VALUES (?, ?, ?, ?, ?)",
                    (r.number, r.time, r.person, r.note, r.design_json),
                )
                for part in parts_in(r.design()):
                    self._db.execute(
                        "INSERT OR REPLACE INTO parts VALUES (?, ?, ?)",
                        (part.kind, part.name, part.model_dump_json()),
                    )
            for event in events:
                self._insert(event)
            for a in attachments:
                self._db.execute(
                    "INSERT INTO attachments (name, media_type, time, content) VALUES (?, ?, ?, ?)",
                    (a.name, a.media_type, a.time, a.content),
                )

    def copy_to(self, path: Path) -> None:
        """Write a whole copy to `path`, which must not exist."""
        _check_new(path)
        try:
            target = sqlite3.connect(path)
            try:
                self._db.backup(target)
            finally:
                target.close()
        except _FAULTS as error:
            path.unlink(missing_ok=True)
            raise Refusal(f"{path} cannot be written: {_plain(error)}") from None

    @contextmanager
    def _writing(self) -> Iterator[None]:
        if self.read_only_because:
            raise Refusal(f"{self.path.name} is open for reading only: {self.read_only_because}.")
        try:
            self._db.execute("BEGIN IMMEDIATE")
            try:
                yield
                self._db.execute("COMMIT")
            except BaseException:
                if self._db.in_transaction:
                    self._db.execute("ROLLBACK")
                raise
        except _FAULTS as error:
            raise Refusal(
                f"{self.path.name} could not be written: {_plain(error)} What was recorded before is safe."
            ) from None


@dataclass
class _Lock:
    """A lock beside the file that dies with the process; the file itself names the holder."""

    descriptor: int
    path: Path

    def release(self) -> None:
        self.path.unlink(missing_ok=True)
        os.close(self.descriptor)


def _lock_path(path: Path) -> Path:
    return path.with_name(f".{path.name}.held")


def _try_to_hold(path: Path) -> tuple[str | None, _Lock | None]:
    """Take the lock; otherwise say in words why the file is read-only."""
    if not os.access(path, os.W_OK):
        return "the file is write-protected", None
    if not os.access(path.parent, os.W_OK):
        return "its folder is write-protected", None
    lock_path = _lock_path(path)
    for _ in range(3):
        try:
            descriptor = os.open(lock_path, os.O_RDWR | os.O_CREAT | os.O_NOFOLLOW, 0o644)
        except OSError as error:
            if error.errno == errno.ELOOP:
                return f"its lock {lock_path.name} is a link to another file; remove the link", None
            return f"it cannot be held for writing ({error.strerror})", None
        # What is written over must be a lock of ours: a second name of some other file is not.
        about = os.fstat(descriptor)
        if not stat.S_ISREG(about.st_mode) or about.st_nlink > 1:
            os.close(descriptor)
            return f"its lock {lock_path.name} is another file by a second name; remove it", None
        try:
            fcntl.flock(descriptor, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            holder = os.read(descriptor, 200).decode(errors="replace").strip()
            os.close(descriptor)
            return f"it is open elsewhere ({holder or 'unknown'})", None
        # The holder before may have removed the name between our open and our lock; then it is no lock.
        try:
            ours = os.fstat(descriptor).st_ino == lock_path.stat().st_ino
        except FileNotFoundError:
            ours = False
        if ours:
            os.ftruncate(descriptor, 0)
            os.write(descriptor, here().encode())
            return None, _Lock(descriptor, lock_path)
        os.close(descriptor)
    return "it is being opened and closed elsewhere", None


def _check_new(path: Path) -> None:
    if path.exists():
        raise Refusal(f"{path} is there already; choose another name.")
    if not path.parent.is_dir():
        raise Refusal(f"The folder {path.parent} does not exist.")
    if not os.access(path.parent, os.W_OK):
        raise Refusal(f"The folder {path.parent} is write-protected; choose another.")


def _read_header(path: Path) -> int:
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
    if len(head) < 100 or not head.startswith(_MAGIC):
        raise Refusal(f"{path} is not a Firm Cell job file, or its beginning is damaged.")
    if int.from_bytes(head[68:72], "big") != APPLICATION_ID:
        raise Refusal(f"{path} is a database of another program, not a Firm Cell job.")
    version = int.from_bytes(head[60:64], "big")
    if version > SCHEMA_VERSION:
        raise Refusal(
            f"{path} was written by a newer Firm Cell (file version {version}, this one reads up to {SCHEMA_VERSION})."
        )
    return version


def _build(path: Path) -> None:
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


def _connect(path: Path, read_only: bool) -> sqlite3.Connection:
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


@contextmanager
def _told(path: Path, what: str) -> Iterator[None]:
    try:
        yield
    except _FAULTS as error:
        raise Refusal(f"{path} {what}: {_plain(error)} It is left as it is.") from None


def _plain(error: Exception) -> str:
    if isinstance(error, UnicodeDecodeError):
        return "its contents are damaged."
    text = str(error)
    if any(word in text.lower() for word in _FULL) or getattr(error, "errno", None) == 28:
        return "the disk is full or cannot be written; free some space and do it again."
    if "locked" in text:
        return "another program is writing to it; try again."
    return (getattr(error, "strerror", None) or text).rstrip(".") + "."


def parts_in(design: Design) -> list[Part]:
    """Return every part that a design holds."""
    found: list[Part] = []

    def walk(model: Frozen) -> None:
        for _, value in model:
            if isinstance(value, Part):
                found.append(value)
            elif isinstance(value, Frozen):
                walk(value)

    walk(design)
    return found
