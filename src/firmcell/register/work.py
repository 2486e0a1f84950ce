"""What people do with cells of the register, as entries: by hand, by scanner, from a table."""

from collections.abc import Sequence
from datetime import datetime

from firmcell.core.base.serials import serial_key
from firmcell.core.stock.across import NOT_TAKEN
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import (
    CellAdded,
    CellMoved,
    CellTested,
    Entry,
    PlaceKind,
    Told,
)
from firmcell.core.stock.merging import Merged, Rule, merged
from firmcell.register.cells_csv import CellTable, cells_from_csv
from firmcell.register.register import Register, new_key


def added(register: Register, serials: Sequence[str], told: CellAdded, person: str) -> list[Entry]:
    """Return the entries by which cells come in, each with a serial of its own and all else alike."""
    entries = []
    for serial in serials:
        data = CellAdded.model_validate({**told.model_dump(), "serial": serial.strip()})
        entries.append(register.entry(new_key(), data, person))
    return entries


def moved(
    register: Register,
    lines: Sequence[CellLine],
    to: PlaceKind,
    place: str,
    person: str,
    group: int | None = None,
    reason: str = "",
) -> list[Entry]:
    """Return the entries by which cells go from where they were seen to another place."""
    return [
        register.entry(
            line.key,
            CellMoved(to=to, place=place, group=group, reason=reason, after=line.placed_by),
            person,
        )
        for line in lines
    ]


def matched_into(
    register: Register, lines: Sequence[tuple[CellLine, int]], job: str, person: str
) -> list[Entry]:
    """Return the entries by which matched cells go into a job, each into its group, and those that an
    earlier matching had put there go back into their drawers."""
    taken = {line.key for line, _ in lines}
    entries = list[Entry]()
    for line in register.lines():
        if line.place_kind is PlaceKind.JOB and line.place == job and line.key not in taken:
            drawer = register.history(line.key).drawer_before
            entries += moved(register, [line], PlaceKind.DRAWER, drawer, person, None, NOT_TAKEN)
    for line, group in lines:
        if (line.place_kind, line.place, line.place_group) != (PlaceKind.JOB, job, group):
            entries += moved(register, [line], PlaceKind.JOB, job, person, group, "matched")
    return entries


def measured(register: Register, line: CellLine, test: CellTested, person: str) -> Entry:
    """Return the entry of a test of a cell, made now."""
    return register.entry(line.key, test, person)


def table_merged(
    register: Register, text: str, where: str, rule: Rule, person: str
) -> tuple[CellTable, tuple[Merged, ...]]:
    """Return a table of cells, and what becomes of each cell in it; nothing is written by this.

    Raises
    ------
    Refusal
        If the table cannot be read.
    """
    table = cells_from_csv(text, where, datetime.now().astimezone())
    known = register.histories([cell.serial for cell in table.cells])

    def write(cell: str, data: Told, time: str) -> Entry:
        return register.entry(cell, data, person, time)

    done = merged(table.cells, lambda serial: known.get(serial_key(serial)), rule, new_key, write)
    return table, done
