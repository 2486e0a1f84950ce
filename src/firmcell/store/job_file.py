"""The job file: one SQLite database a job, durable, append-only, hash-chained."""

import hashlib
import json
import os
from collections.abc import Callable, Iterator
from dataclasses import replace
from datetime import datetime
from math import inf
from pathlib import Path
from typing import Any, cast

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
    payload_json,
    sealed,
)
from firmcell.store.held_file import HeldFile
from firmcell.store.job_chain import (
    ROWS,
    Link,
    Verified,
    add_row,
    begin_chain,
    has_table,
    head_of,
    keep_or_begin,
    link_at,
    link_with,
    links_of,
    verified,
)
from firmcell.store.job_faults import FAULTS, plain
from firmcell.store.job_header import build_file
from firmcell.store.revisions import Attachment, Revision, parts_in
from firmcell.store.validation_words import first_fault
from firmcell.store.whole_files import check_new, new_whole

SUFFIX = ".firmcell"
REVISIONS = ROWS["revision"]


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
    except (ValueError, RecursionError):
        raw = None
    model = RECORD_KINDS.get(str(raw.get("kind"))) if isinstance(raw, dict) else None
    found = model.model_validate_json(str(text)) if model else PAYLOAD.validate_json(str(text))
    return cast("Payload", found)


class JobFile(HeldFile):
    """An open job file.

    Use `create` or `open`. Every change is on disk when the call returns.
    """

    # -- opening and closing ------------------------------------------------------------------------

    @classmethod
    def create(cls, path: Path, design: Design, person: str = "", note: str = "begun") -> "JobFile":
        """Make a new job file and open it; it is there with its design, or not at all.

        Raises
        ------
        Refusal
            If something of that name is there already, or the folder cannot be written.
        """

        def fill(job: JobFile) -> None:
            with job._writing():
                begin_chain(job._db)
            job.add_revision(design, person, note)

        return cls.made(path, fill)

    @classmethod
    def made(cls, path: Path, fill: Callable[["JobFile"], object]) -> "JobFile":
        """Make a new job file with what `fill` puts into it, the beginning of its chain among it, and open
        it; raises as `create` does."""
        path = Path(os.path.abspath(path))
        check_new(path)
        try:
            with new_whole(path) as part, cls(path, build_file(part), None, None) as job:
                fill(job)
        except FAULTS as error:
            raise Refusal(f"{path} cannot be made: {plain(error)}") from None
        return cls.open(path)

    # -- designs --------------------------------------------------------------------------------------

    def add_revision(self, design: Design, person: str = "", note: str = "") -> int:
        """Save `design` as a new revision, with a copy of every part in it; returns its number.

        A design equal to the last one saved makes no new revision.
        """
        text = design.model_dump_json()
        with self._reading():
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
            number = int(cursor.lastrowid or 0)
            add_row(self._db, "revision", number)
            self._keep_parts(design)
        return number

    def _keep_parts(self, design: Design) -> None:
        """Keep a copy of every part of a design, where it is new or not as it was."""
        for part in parts_in(design):
            at, text = (part.kind, part.name), part.model_dump_json()
            kept = self._db.execute("SELECT part FROM parts WHERE kind = ? AND name = ?", at).fetchone()
            if kept is None or kept[0] != text:
                self._db.execute(
                    "INSERT OR REPLACE INTO parts (kind, name, part) VALUES (?, ?, ?)", (*at, text)
                )
                add_row(self._db, "part", at)

    def revisions(self) -> list[Revision]:
        """All saved designs, oldest first."""
        with self._reading():
            return [Revision(*row) for row in self._db.execute(f"{REVISIONS} ORDER BY number")]

    def revision(self, number: int) -> Revision:
        """A saved design by its number; refused if there is none."""
        return self._revision(f"{REVISIONS} WHERE number = ?", (number,), f"no design no. {number}")

    def latest(self) -> Revision:
        """The design saved last; refused if there is none."""
        return self._revision(f"{REVISIONS} ORDER BY number DESC LIMIT 1", (), "no design")

    def _revision(self, statement: str, values: tuple[int, ...], none: str) -> Revision:
        with self._reading():
            row = self._db.execute(statement, values).fetchone()
        if row is None:
            raise Refusal(f"{self.path} holds {none}.")
        return Revision(*row)

    def parts(self) -> list[tuple[str, str, dict[str, Any]]]:
        """Kind, name and values of every part that was ever in the design."""
        with self._reading():
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
            add_row(self._db, "event", seq)
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
        with self._reading():
            rows = self._db.execute(
                "SELECT seq, time, person, instrument, step, revision, data, prev, hash FROM events ORDER BY seq"
            ).fetchall()
        return [_event(self.path, row) for row in rows]

    def verify(self, signatures: bool = True) -> Verified:
        """Look over everything the file holds: records, designs, parts, attachments, and their one chain.

        Parameters
        ----------
        signatures : bool
            Whether each signature is looked at; the last one always is.
        """
        with self._reading("cannot be read", inf):
            found = verified(self._db, signatures)
            return found if found.fault else replace(found, fault=self._photo_fault())

    def _photo_fault(self) -> str | None:
        """The first photo that is not the one recorded."""
        photos = [e for e in self.events() if isinstance(e.data, PhotoKept)]
        if not photos:
            return None
        kept = set(self.attachment_numbers())
        for event in photos:
            assert isinstance(event.data, PhotoKept)
            if event.data.sha256 not in kept:
                return f"The photo of record {event.seq} ({event.data.name}) was changed or removed."
        return None

    def links(self) -> list[Link]:
        """The whole chain; empty in an old file."""
        with self._reading():
            return links_of(self._db)

    def head(self) -> Link | None:
        """The last link of the chain, which stands for everything before it; None in an old file."""
        with self._reading():
            return head_of(self._db)

    def link_at(self, number: int) -> Link | None:
        """A link of the chain by its number."""
        with self._reading():
            return link_at(self._db, number)

    def link_with(self, beginning: str) -> Link | None:
        """A link of the chain by its hash, or the beginning of it."""
        with self._reading():
            return link_with(self._db, beginning)

    # -- attachments ----------------------------------------------------------------------------------

    def attach(self, name: str, media_type: str, content: bytes) -> None:
        """Keep a file in the job."""
        with self._writing():
            cursor = self._db.execute(
                "INSERT INTO attachments (name, media_type, time, content) VALUES (?, ?, ?, ?)",
                (name, media_type, now(), content),
            )
            add_row(self._db, "attachment", int(cursor.lastrowid or 0))

    def attachments(self) -> list[Attachment]:
        """All files kept in the job."""
        return [attachment for _, attachment in self.each_attachment()]

    def attachment_numbers(self) -> dict[str, int]:
        """The number of each attachment by the SHA-256 of its content; one after another, for they may be
        more than memory holds."""
        return {hashlib.sha256(a.content).hexdigest(): number for number, a in self.each_attachment()}

    def each_attachment(self) -> Iterator[tuple[int, Attachment]]:
        """Number and attachment, one after another."""
        for number, *_ in self.attachment_list():
            yield number, self.attachment(number)

    def attachment_list(self) -> list[tuple[int, str, str, str, int]]:
        """Number, name, media type, time and size in bytes of each attachment, without its content."""
        with self._reading():
            if not has_table(self._db, "attachments"):
                return []
            return self._db.execute(
                "SELECT number, name, media_type, time, length(content) FROM attachments ORDER BY number"
            ).fetchall()

    def attachment(self, number: int) -> Attachment:
        """One attachment by its number.

        Raises
        ------
        Refusal
            If there is none.
        """
        with self._reading():
            row = self._db.execute(
                "SELECT name, media_type, time, content FROM attachments WHERE number = ?", (number,)
            ).fetchone()
        if row is None:
            raise Refusal(f"{self.path.name} has no attachment {number}.")
        return Attachment(*row)

    # -- whole files ----------------------------------------------------------------------------------

    def take_over(
        self, revisions: list[Revision], events: list[Event], attachments: list[Attachment], chain: list[Link]
    ) -> None:
        """Fill a new, empty file with everything of another; numbers, times and hashes of records stay as
        they are.

        Its chain stays too, signatures and all, if it is whole and stands for just these rows; otherwise a
        new one begins, which names where the former ended.
        """
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
            keep_or_begin(self._db, chain)


class SavedDesigns:
    """The designs of a job by the number of their revision, each read once; None where one cannot be read."""

    def __init__(self, job: JobFile) -> None:
        self._job, self._read = job, dict[int, Design | None]()
        self._known = dict[str, Design]()

    def know(self, design_json: str, design: Design) -> None:
        """Take a design that was read already for every revision that has its text."""
        self._known[design_json] = design

    def __call__(self, number: int) -> Design | None:
        """The design of a revision."""
        if number not in self._read:
            try:
                revision = self._job.revision(number)
                self._read[number] = self._known.get(revision.design_json) or revision.design()
            except Refusal:
                self._read[number] = None
        return self._read[number]
