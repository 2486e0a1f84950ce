"""A bench's copy of the register of a server: what waits for it, and what it did not take."""

from collections.abc import Iterable, Sequence
from typing import Any

from sqlalchemy import bindparam, func, select, update

from firmcell.core.stock.entries import Entry
from firmcell.register.book import Book, CellsAsTheyStand, keep, kept, row_of
from firmcell.register.database import reading, writing
from firmcell.register.tables import ENTRIES

WAITS = (ENTRIES.c.number.is_(None)) & (ENTRIES.c.refused == "") & (ENTRIES.c.settled == 0)


class BenchBook(Book):
    """A book that also holds what is on its way."""

    def adopt(self, numbered: Sequence[tuple[int, Entry]]) -> None:
        """Take over entries of the server with their numbers, and what they make of their cells; what waited
        here and is among them waits no longer."""
        with writing(self.engine, self.url) as connection:
            here = set(self.keys_among(connection, [e.key for _, e in numbered]))
            fresh = [{**row_of(e), "written": 0, "number": n} for n, e in numbered if e.key not in here]
            if fresh:
                connection.execute(ENTRIES.insert(), fresh)
            waited = [{"of": e.key, "gets": n} for n, e in numbered if e.key in here]
            if waited:
                given = {"number": bindparam("gets"), "refused": "", "settled": 0}
                connection.execute(
                    update(ENTRIES).where(ENTRIES.c.key == bindparam("of")).values(given), waited
                )
            if numbered:
                keep(connection, "newest", str(max(int(kept(connection, "newest")), numbered[-1][0])))
                self.fold(connection, {e.about for _, e in numbered})

    def refuse(self, reasons: Sequence[tuple[Entry, str]]) -> None:
        """Note why the server did not take entries that waited here: they count no longer, and stay until
        somebody settles them."""
        with writing(self.engine, self.url) as connection:
            for entry, why in reasons:
                connection.execute(update(ENTRIES).where(ENTRIES.c.key == entry.key).values(refused=why))
            self.fold(connection, {e.about for e, _ in reasons})

    def settle(self, keys: Iterable[str], why: str = "") -> None:
        """Note that somebody decided about refused entries; with a reason also about some that waited."""
        with writing(self.engine, self.url) as connection:
            cells = set[str]()
            for entry in self.entries_with(connection, ENTRIES.c.key, list(keys)):
                values: dict[str, Any] = {"settled": 1} | ({"refused": why} if why else {})
                connection.execute(update(ENTRIES).where(ENTRIES.c.key == entry.key).values(**values))
                cells.add(entry.about)
            self.fold(connection, cells)

    def instead(self, refused: str, entry: Entry) -> str:
        """Let an entry wait in the place of a refused one, before all that was written after it; returns why
        it cannot."""
        with writing(self.engine, self.url) as connection:
            why = CellsAsTheyStand(self, connection, [entry]).why_not(entry)
            if why:
                return why
            place = select(ENTRIES.c.written).where(ENTRIES.c.key == refused)
            written = int(connection.execute(place).scalar_one())
            connection.execute(ENTRIES.insert(), {**row_of(entry), "written": written, "number": None})
            connection.execute(update(ENTRIES).where(ENTRIES.c.key == refused).values(settled=1))
            self.fold(connection, {entry.about})
        return ""

    def let_wait(self, there: set[str]) -> int:
        """Let every numbered entry that is not among `there` wait again; returns how many do: the server lost
        them."""
        with writing(self.engine, self.url) as connection:
            rows = connection.execute(
                select(ENTRIES.c.key, ENTRIES.c.about)
                .where(ENTRIES.c.number.is_not(None))
                .order_by(ENTRIES.c.number)
            ).all()
            lost = [row for row in rows if row.key not in there]
            # Its numbers are given anew: none here may stand in their way.
            connection.execute(update(ENTRIES).values(number=None))
            # They were in before anything that waits was written.
            first = int(connection.execute(select(func.min(ENTRIES.c.written))).scalar() or 0)
            for place, row in enumerate(lost):
                connection.execute(
                    update(ENTRIES).where(ENTRIES.c.key == row.key).values(written=first - len(lost) + place)
                )
            keep(connection, "newest", "0")
            self.fold(connection, {row.about for row in rows})
        return len(lost)

    def waiting(self) -> list[Entry]:
        """What still has to go to the server, in the order in which it was written."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(
                select(ENTRIES).where(WAITS).order_by(ENTRIES.c.written, ENTRIES.c.key)
            )
            return [self.entry_of(row) for row in found]

    def waiting_count(self) -> int:
        """How many entries still have to go to the server."""
        with reading(self.engine, self.url) as connection:
            return int(
                connection.execute(select(func.count()).select_from(ENTRIES).where(WAITS)).scalar_one()
            )

    def refusals(self) -> list[tuple[Entry, str]]:
        """What the server refused and nobody settled yet, and why."""
        with reading(self.engine, self.url) as connection:
            found = connection.execute(
                select(ENTRIES)
                .where(ENTRIES.c.refused != "", ENTRIES.c.settled == 0)
                .order_by(ENTRIES.c.written, ENTRIES.c.key)
            )
            return [(self.entry_of(row), row.refused) for row in found]
