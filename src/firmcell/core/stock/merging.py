"""What a table says of cells, held against the register: what is new, what is known, what contradicts."""

from collections.abc import Callable, Iterable
from enum import StrEnum

from firmcell.core.base.frozen import frozen
from firmcell.core.base.serials import serial_key
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import plural
from firmcell.core.stock.cell_history import CellHistory, when
from firmcell.core.stock.entries import (
    CellAdded,
    CellDescribed,
    CellMoved,
    CellTested,
    Entry,
    Origin,
    PlaceKind,
    Told,
)

NAMES = {"class_name": "class", "lot": "lot", "origin": "origin", "pack": "pack it came from"}
"""Fields that say what a cell is, as people call them."""


class Rule(StrEnum):
    """What to do where a table and the register say different things of a cell."""

    KEEP = "the register is right"
    TABLE = "the table is right"
    SKIP = "leave out cells that are known"


@frozen
class Incoming:
    """One cell of a table.

    Attributes
    ----------
    line : of the table.
    serial, class_name, lot, origin, pack, drawer, job : "" or unknown for what is not told.
    group : of the job; None for none told.
    scrapped : whether the table says so.
    tests : what was measured, each with its time, ISO 8601.
    dated : whether the table says when; else the tests are held against the newest ones.
    """

    line: int
    serial: str
    class_name: str
    lot: str
    origin: Origin
    pack: str
    drawer: str
    tests: tuple[tuple[str, CellTested], ...]
    dated: bool
    job: str = ""
    group: int | None = None
    scrapped: bool = False


@frozen
class Merged:
    """What becomes of one cell of a table.

    Attributes
    ----------
    serial : of the cell.
    words : what will be written, or why nothing.
    entries : to write.
    marks : whether somebody should look at it: the two disagree.
    """

    serial: str
    words: str
    entries: tuple[Entry, ...]
    marks: bool = False


SCRAPPED_THERE = "scrapped in the table it came from"
Write = Callable[[str, Told, str], Entry]
"""Makes an entry of a cell, what is told, and a time ("" for now)."""


def merged(
    coming: Iterable[Incoming],
    known: Callable[[str], CellHistory | None],
    rule: Rule,
    new_key: Callable[[], str],
    write: Write,
) -> tuple[Merged, ...]:
    """Return what becomes of each cell of a table; nothing is written by this.

    Parameters
    ----------
    coming : iterable of Incoming
    known : callable
        The cell of the register with a serial, or None.
    rule : Rule
    new_key, write : callable
        Gives an identity; makes an entry.

    Returns
    -------
    merged : tuple of Merged
        Rows of one serial together, in the order of the table.
    """
    by_serial: dict[str, list[Incoming]] = {}
    for each in coming:
        by_serial.setdefault(serial_key(each.serial), []).append(each)
    return tuple(_one(rows, known(rows[0].serial), rule, new_key, write) for rows in by_serial.values())


def _one(
    rows: list[Incoming], cell: CellHistory | None, rule: Rule, new_key: Callable[[], str], write: Write
) -> Merged:
    told = _together(rows)
    tests = [pair for row in rows for pair in row.tests]
    if cell is None:
        key = new_key()
        added = CellAdded(
            serial=told.serial,
            class_name=told.class_name,
            lot=told.lot,
            origin=told.origin,
            pack=told.pack,
            drawer=told.drawer,
        )
        entries = [write(key, added, ""), *(write(key, test, time) for time, test in tests)]
        words = f"new, {plural(len(tests), 'test')}" if tests else "new"
        if told.job or told.scrapped:
            to = PlaceKind.SCRAPPED if told.scrapped else PlaceKind.JOB
            place, why = ("", SCRAPPED_THERE) if told.scrapped else (told.job, "")
            gone = CellMoved(to=to, place=place, group=told.group, reason=why, after=entries[0].key)
            entries.append(write(key, gone, ""))
            words += ", scrapped" if told.scrapped else f", in the job {visible(told.job)}"
        return Merged(told.serial, words, tuple(entries))
    if rule is Rule.SKIP:
        return Merged(cell.serial, "known: left out", ())
    return _known(told, tests, cell, rule, write)


def _known(
    told: Incoming, tests: list[tuple[str, CellTested]], cell: CellHistory, rule: Rule, write: Write
) -> Merged:
    entries, words, marks = list[Entry](), list[str](), False
    fresh = [(time, test) for time, test in tests if not _has(cell, time, test, told.dated)]
    entries += [write(cell.key, test, time) for time, test in fresh]
    if fresh:
        words.append(plural(len(fresh), "new test"))
    is_: dict[str, object] = {name: getattr(cell, name) for name in NAMES}
    for name, called in NAMES.items():
        said, held = getattr(told, name), is_[name]
        if said in ("", Origin.UNKNOWN, held):
            continue
        if held in ("", Origin.UNKNOWN):
            is_[name] = said
            words.append(f"{called}: {visible(said)}")
        else:
            marks = True
            is_[name] = said if rule is Rule.TABLE else held
            wins = "the table’s is taken" if rule is Rule.TABLE else "the register’s stays"
            words.append(
                f"{called}: the table says {visible(said)}, the register {visible(str(held))}: {wins}"
            )
    if any(is_[name] != getattr(cell, name) for name in NAMES):
        new = CellDescribed.model_validate({"serial": cell.serial, **is_, "after": cell.told_by})
        entries.append(write(cell.key, new, ""))
    if told.drawer and told.drawer != cell.place:
        marks = True
        words.append(f"the table has it in drawer {visible(told.drawer)}: it is not moved by a table")
    if told.scrapped and cell.to is not PlaceKind.SCRAPPED:
        marks = True
        words.append("the table says that it is scrapped: scrap it here too, or find out why")
    return Merged(cell.serial, "known: " + ("; ".join(words) or "nothing new"), tuple(entries), marks)


def _together(rows: list[Incoming]) -> Incoming:
    """Rows of one serial as one cell: what one says and another leaves out counts."""
    first = rows[0]

    def told(name: str) -> str:
        return next((v for row in rows if (v := getattr(row, name)) not in ("", Origin.UNKNOWN)), "")

    return Incoming(
        first.line,
        first.serial,
        told("class_name"),
        told("lot"),
        Origin(told("origin") or Origin.UNKNOWN),
        told("pack"),
        told("drawer"),
        (),
        all(row.dated for row in rows),
        told("job"),
        next((row.group for row in rows if row.group is not None), None),
        any(row.scrapped for row in rows),
    )


def _has(cell: CellHistory, time: str, test: CellTested, dated: bool) -> bool:
    """Whether the register holds this very test: of the same time where that is told, else at all."""
    return any(held == test and (not dated or when(entry.time) == when(time)) for entry, held in cell.tests)
