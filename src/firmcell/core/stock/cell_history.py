"""One cell of the workshop: what all entries about it come to."""

from collections.abc import Iterable, Sequence
from datetime import datetime

from firmcell.core.base.frozen import frozen
from firmcell.core.bench.reclaimed import SETTLES_V
from firmcell.core.stock.entries import (
    CellAdded,
    CellDescribed,
    CellMoved,
    CellTested,
    Entry,
    Origin,
    PlaceKind,
    TakenBack,
)


@frozen
class Rest:
    """Two readings of a cell that rested in between.

    Attributes
    ----------
    first_v, second_v : V.
    seconds : between them, s.
    """

    first_v: float
    second_v: float
    seconds: float


@frozen
class CellHistory:
    """A cell as all entries about it leave it.

    Attributes
    ----------
    key : identity of the cell.
    serial, class_name, lot, origin, pack : what it is.
    told_by : entry that said so last.
    to, place, group, reason : where it is; the group of the job, None for none told.
    placed_by : entry that put it there; a move names it.
    entries : all about it, oldest first.
    gone : keys of those that were taken back.
    """

    key: str
    serial: str
    class_name: str
    lot: str
    origin: Origin
    pack: str
    told_by: str
    to: PlaceKind
    place: str
    group: int | None
    reason: str
    placed_by: str
    entries: tuple[Entry, ...]
    gone: frozenset[str]

    @property
    def tests(self) -> tuple[tuple[Entry, CellTested], ...]:
        """The tests that count, by the time they were made."""
        found = [
            (e, e.data) for e in self.entries if isinstance(e.data, CellTested) and e.key not in self.gone
        ]
        return tuple(sorted(found, key=lambda pair: when(pair[0].time)))

    def latest(self, name: str) -> tuple[Entry, float] | None:
        """Return the newest value of a field of tests, such as `capacity_as`, and its entry."""
        for entry, test in reversed(self.tests):
            value = getattr(test, name)
            if value is not None:
                return entry, float(value)
        return None

    @property
    def drawer_before(self) -> str:
        """The drawer that it was in last; "" for none told."""
        found = ""
        for entry in self.entries:
            if entry.key in self.gone:
                continue
            if isinstance(entry.data, CellAdded):
                found = entry.data.drawer
            elif isinstance(entry.data, CellMoved) and entry.data.to is PlaceKind.DRAWER:
                found = entry.data.place
        return found

    @property
    def rest(self) -> Rest | None:
        """The newest rest that has two readings, none from before the cell came out of a job."""
        return _rest(self)


def when(time: str) -> datetime:
    """Return a time of an entry.

    Raises
    ------
    ValueError
        If it is none.
    """
    found = datetime.fromisoformat(time)
    return found if found.tzinfo is not None else found.astimezone()


def folded(entries: Iterable[Entry]) -> CellHistory | None:
    """Return what entries about one cell come to.

    Parameters
    ----------
    entries : iterable of Entry
        About one cell, in the order in which the register holds them.

    Returns
    -------
    cell : CellHistory or None
        None if the cell was never added, or its coming in was taken back.
    """
    every = tuple(entries)
    gone = taken_back(every)
    standing = [e for e in every if e.key not in gone]
    added = next((e for e in standing if isinstance(e.data, CellAdded)), None)
    if added is None or not isinstance(added.data, CellAdded):
        return None
    is_: CellAdded | CellDescribed = added.data
    told_by = placed_by = added.key
    to, place, group, reason = PlaceKind.DRAWER, added.data.drawer, None, ""
    for entry in standing:
        if isinstance(entry.data, CellDescribed):
            is_, told_by = entry.data, entry.key
        elif isinstance(entry.data, CellMoved):
            moved = entry.data
            to, place, group, reason, placed_by = moved.to, moved.place, moved.group, moved.reason, entry.key
    return CellHistory(
        added.about,
        is_.serial,
        is_.class_name,
        is_.lot,
        is_.origin,
        is_.pack,
        told_by,
        to,
        place,
        group,
        reason,
        placed_by,
        every,
        gone,
    )


def taken_back(entries: Sequence[Entry]) -> frozenset[str]:
    """Return the keys of entries that were taken back; what takes back can be taken back in turn."""
    gone: set[str] = set()
    for entry in reversed(entries):
        if isinstance(entry.data, TakenBack) and entry.key not in gone:
            gone.add(entry.data.entry)
    return frozenset(gone)


def _rest(cell: CellHistory) -> Rest | None:
    """The first and the last reading of the newest rest that has two: a capacity test and a job end a rest,
    and what was known before a job says nothing of the cell that came out of it."""
    marks = [
        when(e.time)
        for e in cell.entries
        if e.key not in cell.gone
        and (
            (isinstance(e.data, CellTested) and e.data.capacity_as is not None)
            or (isinstance(e.data, CellMoved) and e.data.to is PlaceKind.JOB)
        )
    ]
    came_out = [when(e.time) for e in _out_of_jobs(cell)]
    # In a pack it rests only beside the others: what it loses by itself cannot be read there.
    in_job = min((when(e.time) for e in _in_its_job(cell)), default=None)
    read = [
        (when(e.time), t.rest_v)
        for e, t in cell.tests
        if t.rest_v is not None
        and all(when(e.time) >= out for out in came_out)
        and (in_job is None or when(e.time) <= in_job)
    ]
    for part in reversed(_parted(read, sorted(marks))):
        seconds = (part[-1][0] - part[0][0]).total_seconds()
        if seconds > 0:
            return Rest(part[0][1], part[-1][1], seconds)
    return None


def _out_of_jobs(cell: CellHistory) -> list[Entry]:
    """The moves by which the cell came out of a job."""
    found, in_job = list[Entry](), False
    for entry in cell.entries:
        if isinstance(entry.data, CellMoved) and entry.key not in cell.gone:
            if in_job and entry.data.to is not PlaceKind.JOB:
                found.append(entry)
            in_job = entry.data.to is PlaceKind.JOB
    return found


def _in_its_job(cell: CellHistory) -> list[Entry]:
    """The moves into the job where the cell is now; none where it is in no job."""
    found = list[Entry]()
    for entry in cell.entries:
        if isinstance(entry.data, CellMoved) and entry.key not in cell.gone:
            found = [*found, entry] if entry.data.to is PlaceKind.JOB else []
    return found


def _parted(read: list[tuple[datetime, float]], marks: list[datetime]) -> list[list[tuple[datetime, float]]]:
    """Readings, by time, in rests: parted at the marks, and where the voltage rose by more than a cell does
    that recovers, for then somebody charged it."""
    parts: list[list[tuple[datetime, float]]] = []
    lowest = float("inf")
    for at, volts in read:
        parted = not parts or any(parts[-1][-1][0] < mark <= at for mark in marks)
        if parted or volts > lowest + SETTLES_V:
            parts.append([])
            lowest = float("inf")
        parts[-1].append((at, volts))
        lowest = min(lowest, volts)
    return parts
