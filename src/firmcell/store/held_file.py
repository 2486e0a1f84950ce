"""A job's database: held by one, followed where it is moved, never written to once it is another file."""

import os
import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from math import inf
from pathlib import Path
from time import monotonic
from typing import Self

from firmcell.core.base.closing import Closes
from firmcell.core.base.refusal import Refusal
from firmcell.store.job_faults import FAULTS, plain, told
from firmcell.store.job_header import (
    check_beside,
    connect_to_read,
    connect_to_write,
    folder_can_be_written,
    migrate,
    read_header,
)
from firmcell.store.job_lock import Lock, identity_of, try_to_hold
from firmcell.store.schema_check import strange_schema
from firmcell.store.sql_tables import SCHEMA_VERSION
from firmcell.store.whole_files import check_new, new_whole

READ_S, QUICK_CHECK_S = 2.0, 20.0
"""Longest that one look into a file may take, and the check of every page of it, s."""
STEPS_BETWEEN = 20_000
"""Steps of the database between two looks at the clock."""
LONGEST_DESIGN = 20_000_000
"""No design is longer than this, bytes; no record than a twentieth of it."""


class HeldFile(Closes):
    """An open job file as a database.

    Attributes
    ----------
    path : Path
        Where it stands; it is followed where it is moved within its disk.
    read_only_because : str or None
        A sentence if nothing can be written, such as another window holding the file.
    adrift : str or None
        A sentence once the file was deleted or replaced by another while it was open. What it held is kept in
        memory, for `copy_to`.
    """

    def __init__(
        self,
        path: Path,
        db: sqlite3.Connection,
        lock: "Lock | None",
        read_only_because: str | None,
        folder: Path | None = None,
    ) -> None:
        self.path = path
        self.read_only_because = read_only_because
        self.adrift: str | None = None
        self.moved_from: Path | None = None
        self._db = db
        self._lock = lock
        self._folder = folder
        self._until = inf
        db.set_progress_handler(self._too_long, STEPS_BETWEEN)

    @classmethod
    def open(cls, path: Path, read_only: bool = False) -> Self:
        """Open a job file; read-only if asked, if it cannot be written, or if another window holds it.

        Raises
        ------
        Refusal
            If it is missing, foreign, damaged, or from a newer version. Such a file is never written to.
        """
        # A link is another name of one job.
        path = Path(os.path.realpath(path))
        read_header(path)
        check_beside(path)
        because, lock = ("opened for reading only", None) if read_only else try_to_hold(path)
        folder = None
        try:
            if because is None:
                db = connect_to_write(path)
            else:
                db, folder = connect_to_read(path)
        except FAULTS as error:
            if lock:
                lock.release()
            raise Refusal(f"{path} cannot be opened: {plain(error)}") from None
        job = cls(path, db, lock, because, folder)
        try:
            job._look_over()
        except BaseException:
            job.close()
            raise
        return job

    def _look_over(self) -> None:
        with self._reading("is damaged"):
            # Not from the first bytes: those may be of a change that was cut off and is undone by now.
            version = int(self._db.execute("PRAGMA user_version").fetchone()[0])
            unreadable, unsafe = strange_schema(self._db, version)
        if unreadable:
            raise Refusal(f"{self.path} is not a Firm Cell job: {unreadable}. It is left as it is.")
        if unsafe and not self.read_only_because:
            self.read_only_because = unsafe
        with self._reading("is damaged", QUICK_CHECK_S):
            result = self._quick_check()
            if result != "ok":
                raise Refusal(
                    f"{self.path} is damaged ({result}); it is left as it is. Work from a copy or a backup."
                )
        if version < SCHEMA_VERSION and not self.read_only_because:
            try:
                migrate(self._db, version)
            except FAULTS as error:
                self.read_only_because = (
                    f"it is of an older version and could not be brought up: {plain(error).rstrip('.')}"
                )
        with self._reading("is damaged"):
            longest = self._db.execute(
                # As bytes: the length of a text ends at its first zero.
                "SELECT max(coalesce((SELECT max(length(CAST(design AS BLOB))) FROM revisions), 0),"
                " 20 * coalesce((SELECT max(length(CAST(data AS BLOB))) FROM events), 0))"
            ).fetchone()[0]
        if longest > LONGEST_DESIGN:
            raise Refusal(
                f"{self.path} holds a design or record that is too long to be one; it is left as it is."
            )

    def _quick_check(self) -> str:
        """What the database says of every page; "ok" too where a large job on a slow disk would take too
        long."""
        try:
            return str(self._db.execute("PRAGMA quick_check(1)").fetchone()[0])
        except sqlite3.OperationalError as error:
            if str(error) == "interrupted":
                return "ok"
            raise

    def close(self) -> None:
        """Close the file and let go of it."""
        # Everything that was recorded is on disk already; a file that cannot even be closed must not stay
        # held.
        with suppress(*FAULTS):
            self._db.close()
        if self._lock:
            self._lock.release()
            self._lock = None
        if self._folder:
            shutil.rmtree(self._folder, ignore_errors=True)
            self._folder = None

    # -- whether it is still there --------------------------------------------------------------------

    def look_round(self) -> str | None:
        """Return a sentence if the file is no longer the one that stands under its name; None if it is.

        A file that was moved within its disk is followed, and `moved_from` says so.
        """
        if self.adrift or self._lock is None or identity_of(self.path) == self._lock.identity:
            return self.adrift
        there = self._lock.where_now()
        if there is not None and folder_can_be_written(there):
            followed = connect_to_write(there)
            self._db.close()
            self._db = followed
            self._db.set_progress_handler(self._too_long, STEPS_BETWEEN)
            self.moved_from, self.path = self.path, there
            return None
        gone = "was deleted" if identity_of(self.path) is None else "was replaced by another file"
        if there is not None:
            gone = f"was moved to {there}, where nothing can be written"
        # What the held file holds, in memory: nothing of what stands there now is touched.
        memory = sqlite3.connect(":memory:", isolation_level=None)
        memory.deserialize(self._lock.content())
        self._db.close()
        self._db = memory
        self.adrift = (
            f"{self.path.name} {gone} while it was open, by another program. Nothing more is written there. "
            "Everything up to now is kept here: save it under another name."
        )
        self.read_only_because = gone + " while it was open"
        return self.adrift

    def copy_to(self, path: Path) -> None:
        """Write a whole copy to `path`, which must not exist."""
        path = Path(os.path.abspath(path))
        check_new(path)
        try:
            with new_whole(path) as part:
                target = sqlite3.connect(part)
                try:
                    self._db.backup(target)
                finally:
                    target.close()
        except FAULTS as error:
            raise Refusal(f"{path} cannot be written: {plain(error)}") from None

    @contextmanager
    def _writing(self) -> Iterator[None]:
        if self.read_only_because is None:
            self._must_be_there()
        if self.read_only_because:
            raise Refusal(
                self.adrift or f"{self.path.name} is open for reading only: {self.read_only_because}."
            )
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
        # Taken away in the middle: what was just written went with it.
        self._must_be_there()

    def _must_be_there(self) -> None:
        try:
            adrift = self.look_round()
        except FAULTS as error:
            raise Refusal(f"{self.path.name} could not be written: {plain(error)}") from None
        if adrift:
            raise Refusal(adrift)

    @contextmanager
    def _reading(self, what: str = "cannot be read", seconds: float = READ_S) -> Iterator[None]:
        """Within a time: a file from a stranger may hold what takes for ever to read."""
        outer = self._until
        self._until = min(outer, monotonic() + seconds)
        try:
            with told(self.path, what):
                yield
        finally:
            self._until = outer

    def _too_long(self) -> int:
        return int(monotonic() > self._until)
