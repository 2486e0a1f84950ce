"""One database of a register: entries go in one after another, and every cell is kept as they leave it."""

from collections import defaultdict
from collections.abc import Iterator, Sequence
from datetime import datetime
from typing import Any, TypeVar

from pydantic import ValidationError
from sqlalchemy import Connection, Row, delete, func, select, update
from sqlalchemy.engine import URL

from firmcell.core.base.closing import Closes
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.serials import serial_key
from firmcell.core.stock.cell_history import CellHistory, folded
from firmcell.core.stock.cell_line import CellLine, line_of
from firmcell.core.stock.entries import TOLD, CellAdded, CellDescribed, Entry, Origin, PlaceKind, TakenBack
from firmcell.core.stock.entry_check import why_not
from firmcell.core.stock.things import CELL, FAMILY_OF, Thing, family_of, why_not_of_thing
from firmcell.register.database import opened, reading, shown, writing
from firmcell.register.tables import CELLS, ENTRIES, KEPT
from firmcell.register.thing_rows import fold_things, rows_of_kind, things

T = TypeVar("T")
AT_ONCE = 500
"""So many values go into one question; SQLite takes no more than 999 in old builds."""
LINE_FIELDS = tuple(CellLine.__dataclass_fields__)


class Book(Closes):
    """A database that holds a register, or a bench's copy of one.

    Parameters
    ----------
    url : URL
        As `database.address` gives it.

    Raises
    ------
    Refusal
        If it cannot be opened; `database.Away` if it is a server that cannot be reached.
    """

    def __init__(self, url: URL) -> None:
        self.url = url
        self.engine = opened(url)

    def close(self) -> None:
        """Let go of the database."""
        self.engine.dispose()

    def value(self, name: str) -> str:
        """Return a value kept by name; "" if there is none."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(select(KEPT.c.value).where(KEPT.c.name == name)).scalar()
        return found or ""

    def keep(self, name: str, value: str) -> None:
        """Keep a value by name."""
        with writing(self.engine, self.url) as connection:
            keep(connection, name, value)

    @property
    def newest(self) -> int:
        """Number of the newest entry; 0 if there is none."""
        return int(self.value("newest"))

    def put(self, entries: Sequence[Entry], waits: bool = False, whole: bool = False) -> list[str]:
        """Put entries in, one after another; what is in already stays as it is.

        Parameters
        ----------
        entries : sequence of Entry
        waits : bool
            They are still to go to a server, which gives them their numbers.
        whole : bool
            Nothing goes in if one of them cannot.

        Returns
        -------
        refused : list of str
            For each entry why it did not go in, "" where it did.
        """
        with writing(self.engine, self.url) as connection:
            return self._put(connection, entries, waits, whole)

    def _put(self, connection: Connection, entries: Sequence[Entry], waits: bool, whole: bool) -> list[str]:
        known = set(self.keys_among(connection, [e.key for e in entries]))
        state = CellsAsTheyStand(self, connection, entries)
        refused, kept = [], list[Entry]()
        for entry in entries:
            if entry.key in known:
                refused.append("")
                continue
            refused.append(state.why_not(entry))
            if not refused[-1]:
                state.take(entry)
                kept.append(entry)
                known.add(entry.key)
        if kept and not (whole and any(refused)):
            self._write(connection, kept, waits)
        return refused

    def _write(self, connection: Connection, entries: Sequence[Entry], waits: bool) -> None:
        written = int(connection.execute(select(func.max(ENTRIES.c.written))).scalar() or 0)
        newest = int(kept(connection, "newest"))
        rows = []
        for place, entry in enumerate(entries, start=1):
            rows.append(
                {**row_of(entry), "written": written + place, "number": None if waits else newest + place}
            )
        connection.execute(ENTRIES.insert(), rows)
        if not waits:
            keep(connection, "newest", str(newest + len(entries)))
        self.fold(connection, {e.about for e in entries})

    def since(self, number: int, most: int = 2000) -> list[tuple[int, Entry]]:
        """Return entries after a number, oldest first, with their numbers."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(
                select(ENTRIES).where(ENTRIES.c.number > number).order_by(ENTRIES.c.number).limit(most)
            )
            return [(int(row.number), self.entry_of(row)) for row in found]

    def key_of(self, number: int) -> str:
        """Return the key of the entry with a number; "" if there is none."""
        with reading(self.engine, self.url) as connection:
            return connection.execute(select(ENTRIES.c.key).where(ENTRIES.c.number == number)).scalar() or ""

    def keys(self) -> set[str]:
        """Return the keys of all numbered entries."""
        with reading(self.engine, self.url) as connection:
            return set(
                connection.execute(select(ENTRIES.c.key).where(ENTRIES.c.number.is_not(None))).scalars()
            )

    def clock(self) -> datetime | None:
        """What the clock of a server says; None of a file, which has none."""
        if self.engine.dialect.name != "postgresql":
            return None
        with reading(self.engine, self.url) as connection:
            told: datetime = connection.execute(select(func.clock_timestamp())).scalar_one()
            return told

    def last_of(self, bench: str) -> Entry | None:
        """Return what a bench wrote last; None if nothing."""
        with reading(self.engine, self.url) as connection:
            row = connection.execute(
                select(ENTRIES)
                .where(ENTRIES.c.bench == bench)
                .order_by(ENTRIES.c.number.is_not(None), ENTRIES.c.written.desc(), ENTRIES.c.number.desc())
                .limit(1)
            ).first()
            return None if row is None else self.entry_of(row)

    def lines(self) -> list[CellLine]:
        """Return every cell in a line, by serial."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(select(CELLS).order_by(CELLS.c.serial_key, CELLS.c.waits))
            return [_line(row) for row in found]

    def with_serial(self, serial: str) -> CellLine | None:
        """Return the cell that carries a serial; None if there is none."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(
                select(CELLS).where(CELLS.c.serial_key == serial_key(serial)).order_by(CELLS.c.waits.desc())
            ).first()
            return None if found is None else _line(found)

    def line(self, cell: str) -> CellLine | None:
        """Return a cell by its key; None if there is none."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(select(CELLS).where(CELLS.c.key == cell)).first()
            return None if found is None else _line(found)

    def things(self, family: str) -> list[Thing]:
        """Return all parts in stock, all tools, or the ways of the shop."""
        with reading(self.engine, self.url) as connection:
            return things(connection, family)

    def about(self, key: str) -> list[Entry]:
        """Return all that counts of what was written about one thing, in its order."""
        with reading(self.engine, self.url) as connection:
            return self.counting(connection, [key])[key]

    def of_kind(self, kind: str) -> list[Entry]:
        """Return entries of a kind that were neither refused nor taken back, in their order."""
        with reading(self.engine, self.url) as connection:
            found = [self.entry_of(row) for row in rows_of_kind(connection, kind)]
            back = [self.entry_of(row).data for row in rows_of_kind(connection, "taken-back")]
        gone = {data.entry for data in back if isinstance(data, TakenBack)}
        return [entry for entry in found if entry.key not in gone]

    def history(self, cell: str) -> CellHistory | None:
        """Return one cell with all that was written of it."""
        with reading(self.engine, self.url) as connection:
            return folded(self.counting(connection, [cell])[cell])

    def histories(self, serials: Sequence[str]) -> dict[str, CellHistory]:
        """Return the cells with serials, by `serial_key`."""
        found = dict[str, CellHistory]()
        with reading(self.engine, self.url) as connection:
            for some in _in_parts(sorted({serial_key(serial) for serial in serials})):
                rows = connection.execute(
                    select(CELLS.c.key, CELLS.c.serial_key)
                    .where(CELLS.c.serial_key.in_(some))
                    .order_by(CELLS.c.waits)
                ).all()
                counting = self.counting(connection, [row.key for row in rows])
                for row in rows:
                    cell = folded(counting[row.key])
                    if cell is not None:
                        found[row.serial_key] = cell
        return found

    def keys_among(self, connection: Connection, keys: Sequence[str]) -> Iterator[str]:
        """Which of some keys are here."""
        for some in _in_parts(keys):
            yield from connection.execute(select(ENTRIES.c.key).where(ENTRIES.c.key.in_(some))).scalars()

    def entries_with(self, connection: Connection, column: Any, values: Sequence[str]) -> Iterator[Entry]:
        """Entries whose column holds one of some values."""
        for some in _in_parts(values):
            for row in connection.execute(select(ENTRIES).where(column.in_(some))):
                yield self.entry_of(row)

    def counting(self, connection: Connection, cells: Sequence[str]) -> dict[str, list[Entry]]:
        """Entries about cells that were not refused, in their order: numbered ones first."""
        found = defaultdict[str, list[Entry]](list)
        for some in _in_parts(cells):
            rows = connection.execute(
                select(ENTRIES)
                .where(ENTRIES.c.about.in_(some), ENTRIES.c.refused == "")
                .order_by(ENTRIES.c.number.is_(None), ENTRIES.c.number, ENTRIES.c.written, ENTRIES.c.key)
            )
            for row in rows:
                found[row.about].append(self.entry_of(row))
        return found

    def entry_of(self, row: Row[Any]) -> Entry:
        """The entry of a row.

        Raises
        ------
        Refusal
            If a newer version wrote it.
        """
        try:
            return Entry.model_construct(
                key=row.key,
                about=row.about,
                time=row.time,
                person=row.person,
                bench=row.bench,
                data=TOLD.validate_json(row.data),
            )
        except ValidationError:
            raise Refusal(
                f"The register {shown(self.url)} holds entry {row.key}, which this version does not know; install the newer Firm Cell here."
            ) from None

    def fold(self, connection: Connection, about: set[str]) -> None:
        """Write cells and other things anew as all that counts leaves them."""
        keys = sorted(about)
        counting = self.counting(connection, keys)
        fold_things(connection, counting, keys)
        waiting = set[str]()
        for some in _in_parts(keys):
            waiting |= set(
                connection.execute(
                    select(ENTRIES.c.key).where(
                        ENTRIES.c.about.in_(some), ENTRIES.c.number.is_(None), ENTRIES.c.refused == ""
                    )
                ).scalars()
            )
            connection.execute(delete(CELLS).where(CELLS.c.key.in_(some)))
        rows = []
        for key in keys:
            cell = folded(counting[key])
            if cell is not None:
                line = line_of(cell, cell.told_by in waiting)
                rows.append({n: getattr(line, n) for n in LINE_FIELDS} | _columns(line))
        if rows:
            connection.execute(CELLS.insert(), rows)


class CellsAsTheyStand:
    """Cells as they stand while entries go in one after another."""

    def __init__(self, book: Book, connection: Connection, entries: Sequence[Entry]) -> None:
        self._connection = connection
        self._written = book.counting(connection, sorted({e.about for e in entries}))
        self._book = book
        self._cells = {key: folded(of) for key, of in self._written.items()}
        self._by_serial: dict[str, set[str]] = defaultdict(set)
        for key, cell in self._cells.items():
            self._note(key, cell)
        told = [e.data.serial for e in entries if isinstance(e.data, CellAdded | CellDescribed)]
        self._carriers = dict.fromkeys(map(serial_key, told), ()) | self._ask(sorted(map(serial_key, told)))

    def why_not(self, entry: Entry) -> str:
        """Why an entry cannot go in."""
        before = self._written[entry.about]
        if (family_of(before) or FAMILY_OF.get(type(entry.data), CELL)) != CELL:
            return why_not_of_thing(entry, before)
        cell = self._cells.get(entry.about)
        after = folded([*self._written[entry.about], entry])
        return why_not(entry, cell, self._others(after, cell))

    def _others(self, after: CellHistory | None, cell: CellHistory | None) -> tuple[CellHistory, ...]:
        """Other cells with the serial that this one would have."""
        if after is None or (cell is not None and serial_key(cell.serial) == serial_key(after.serial)):
            return ()
        key = serial_key(after.serial)
        near = [self._cells[k] for k in sorted(self._by_serial[key]) if k != after.key]
        here = [c for c in near if c is not None and serial_key(c.serial) == key]
        if key not in self._carriers:
            self._carriers |= {key: (), **self._ask([key])}
        others = [k for k in self._carriers[key] if k not in self._cells]
        counting = self._book.counting(self._connection, others)
        there = [c for k in others if (c := folded(counting[k])) is not None]
        return tuple(here + there)

    def _ask(self, serials: Sequence[str]) -> dict[str, tuple[str, ...]]:
        """Which cells of the database carry serials."""
        found = defaultdict[str, tuple[str, ...]](tuple)
        for some in _in_parts(serials):
            for row in self._connection.execute(
                select(CELLS.c.serial_key, CELLS.c.key).where(CELLS.c.serial_key.in_(some))
            ):
                found[row.serial_key] += (row.key,)
        return dict(found)

    def take(self, entry: Entry) -> None:
        """An entry goes in."""
        self._written[entry.about].append(entry)
        self._cells[entry.about] = folded(self._written[entry.about])
        self._note(entry.about, self._cells[entry.about])

    def _note(self, key: str, cell: CellHistory | None) -> None:
        """Remember who carried a serial; whether it still does is looked at when it is asked for."""
        if cell is not None:
            self._by_serial[serial_key(cell.serial)].add(key)


def row_of(entry: Entry) -> dict[str, Any]:
    """The columns of an entry."""
    return {
        "key": entry.key,
        "about": entry.about,
        "kind": entry.data.kind,
        "time": entry.time,
        "person": entry.person,
        "bench": entry.bench,
        "data": entry.data.model_dump_json(exclude_defaults=False),
    }


def _columns(line: CellLine) -> dict[str, Any]:
    return {
        "serial_key": serial_key(line.serial),
        "origin": line.origin.value,
        "place_kind": line.place_kind.value,
        "waits": int(line.waits),
    }


def _line(row: Row[Any]) -> CellLine:
    given = {name: getattr(row, name) for name in LINE_FIELDS}
    return CellLine(
        **{
            **given,
            "origin": Origin(row.origin),
            "place_kind": PlaceKind(row.place_kind),
            "waits": bool(row.waits),
        }
    )


def _in_parts(values: Sequence[T]) -> Iterator[Sequence[T]]:
    for start in range(0, len(values), AT_ONCE):
        yield values[start : start + AT_ONCE]


def kept(connection: Connection, name: str) -> str:
    """A value kept by name; "" if there is none."""
    return connection.execute(select(KEPT.c.value).where(KEPT.c.name == name)).scalar() or ""


def keep(connection: Connection, name: str, value: str) -> None:
    """Keep a value by name."""
    done = connection.execute(update(KEPT).where(KEPT.c.name == name).values(value=value))
    if done.rowcount == 0:
        connection.execute(KEPT.insert(), {"name": name, "value": value})
