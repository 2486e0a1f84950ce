"""The job file: one SQLite database a job, durable, append-only, hash-chained."""

import hashlib
import json
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from datetime import datetime
from pathlib import Path
from types import TracebackType
from typing import Any, Self, cast

from pydantic import ValidationError

from firmcell.core.base.quantity import Frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.records.events import (
    GENESIS,
    PAYLOAD,
    RECORD_KINDS,
    Event,
    Payload,
    PhotoKept,
    first_broken_link,
    payload_json,
    sealed,
)
from firmcell.store.job_faults import FAULTS, plain, told
from firmcell.store.job_header import build_file, check_new, connect, migrate, read_header
from firmcell.store.job_lock import Lock, try_to_hold
from firmcell.store.revisions import Attachment, Revision, parts_in
from firmcell.store.sql_tables import SCHEMA_VERSION
from firmcell.store.validation_words import first_fault

SUFFIX = ".firmcell"


def now() -> str:
    """The present time as it is recorded."""
    return datetime.now().astimezone().isoformat(timespec="milliseconds")


def _event(path: Path, row: tuple[Any, ...]) -> Event:
    """The record of a row of the table of events."""
    names = ("seq", "time", "person", "instrument", "step", "revision", "data", "prev", "hash")
    values = dict(zip(names, row, strict=True))
    try:
        data = _payload(values["data"])
        if all(isinstance(values[name], int if name in WHOLE else str) for name in names):
            # As this program wrote it; the chain of hashes tells whether somebody else did.
            return Event.model_construct(**{**values, "data": data})
        return Event(**{**values, "data": data})
    except ValidationError as error:
        raise Refusal(f"Record {row[0]} in {path} cannot be read: {first_fault(error, Frozen)}") from None


WHOLE = ("seq", "revision")


def _payload(text: object) -> Payload:
    """What a record holds, checked as its kind alone: to make the check of every kind takes a tenth of the
    start."""
    try:
        raw = json.loads(str(text))
    except (json.JSONDecodeError, RecursionError):
        raw = None
    model = RECORD_KINDS.get(str(raw.get("kind"))) if isinstance(raw, dict) else None
    found = model.model_validate_json(str(text)) if model else PAYLOAD.validate_json(str(text))
    return cast("Payload", found)


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
        self, path: Path, db: sqlite3.Connection, lock: "Lock | None", read_only_because: str | None
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
        check_new(path)
        try:
            build_file(path)
        except FAULTS as error:
            path.unlink(missing_ok=True)
            raise Refusal(f"{path} cannot be made: {plain(error)}") from None
        return cls.open(path)

    @classmethod
    def open(cls, path: Path, read_only: bool = False) -> "JobFile":
        """Open a job file; read-only if asked, if it cannot be written, or if another window holds it.

        Raises
        ------
        Refusal
            If it is missing, foreign, damaged, or from a newer version. Such a file is never written to.
        """
        version = read_header(path)
        because, lock = ("opened for reading only", None) if read_only else try_to_hold(path)
        try:
            db = connect(path, because is not None)
        except FAULTS as error:
            if lock:
                lock.release()
            raise Refusal(f"{path} cannot be opened: {plain(error)}") from None
        job = cls(path, db, lock, because)
        try:
            job._look_over(version)
        except BaseException:
            job.close()
            raise
        return job

    def _look_over(self, version: int) -> None:
        with told(self.path, "is damaged"):
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
        with suppress(*FAULTS):
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
        with told(self.path, "cannot be read"):
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
        with told(self.path, "cannot be read"):
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
        with told(self.path, "cannot be read"):
            row = self._db.execute(
                "SELECT number, time, person, note, design FROM revisions ORDER BY number DESC LIMIT 1"
            ).fetchone()
        if row is None:
            raise Refusal(f"{self.path} holds no design.")
        return Revision(*row)

    def parts(self) -> list[tuple[str, str, dict[str, Any]]]:
        """Kind, name and values of every part that was ever in the design."""
        with told(self.path, "cannot be read"):
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
        with told(self.path, "cannot be read"):
            rows = self._db.execute(
                "SELECT seq, time, person, instrument, step, revision, data, prev, hash FROM events ORDER BY seq"
            ).fetchall()
        return [_event(self.path, row) for row in rows]

    def verify(self, read: list[Event] | None = None) -> str | None:
        """Return a sentence about the first record that was changed, or the first photo that is not the one
        recorded; None if everything holds. `read` is the records, where they were read from the file just
        now."""
        events = self.events() if read is None else read
        broken = first_broken_link(events)
        photos = [e for e in events if isinstance(e.data, PhotoKept)]
        if broken or not photos:
            return broken
        kept = {hashlib.sha256(a.content).hexdigest() for a in self.attachments()}
        for event in photos:
            assert isinstance(event.data, PhotoKept)
            if event.data.sha256 not in kept:
                return f"The photo of record {event.seq} ({event.data.name}) was changed or removed."
        return None

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
        with told(self.path, "cannot be read"):
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
        check_new(path)
        try:
            target = sqlite3.connect(path)
            try:
                self._db.backup(target)
            finally:
                target.close()
        except FAULTS as error:
            path.unlink(missing_ok=True)
            raise Refusal(f"{path} cannot be written: {plain(error)}") from None

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
        except FAULTS as error:
            raise Refusal(
                f"{self.path.name} could not be written: {plain(error)} What was recorded before is safe."
            ) from None


class SavedDesigns:
    """The designs of a job by the number of their revision, each read once; None where one cannot be read."""

    def __init__(self, job: JobFile) -> None:
        self._job, self._read = job, dict[int, Design | None]()

    def __call__(self, number: int) -> Design | None:
        """The design of a revision."""
        if number not in self._read:
            found = next((r for r in self._job.revisions() if r.number == number), None)
            try:
                self._read[number] = found.design() if found is not None else None
            except Refusal:
                self._read[number] = None
        return self._read[number]
