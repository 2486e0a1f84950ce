"""Cells of a drawer from a CSV, and their groups as one; each column is found by its heading."""

import csv
import io
from collections.abc import Sequence

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import harmless_cell
from firmcell.core.stock.matching import Matching, Stock
from firmcell.store.cell_tests_csv import UNITS_IN_HEADINGS, table_under_headings, words_of
from firmcell.store.units import parse, parse_number

SERIALS = ("serial", "cell", "id", "label")
COLUMNS = {
    "capacity": ("A·s", "Ah"),
    "resistance": ("Ω", "mΩ"),
    "first": ("V", "V"),
    "second": ("V", "V"),
    "days": ("s", "d"),
}
"""Heading, SI unit, and what a bare number means."""
RIGHT = "a first line such as “serial,capacity Ah,resistance mΩ,first V,second V,days,group” is right"


@frozen(eq=False)
class Drawer:
    """Cells by serial, and the group that some are locked to."""

    serials: tuple[str, ...]
    stock: Stock
    locked: dict[int, int]


def drawer_from_csv(text: str, where: str) -> Drawer:
    """Return the cells of a table: serial, capacity, and where measured resistance, voltage before and after
    a rest of some days, and the group a cell is to stay in. Bare numbers are Ah, mΩ, V and days.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    table = table_under_headings(text, where, RIGHT)
    line, headings = table[0]
    columns = [_named(heading, f"{where}, line {line}") for heading in headings]
    for name in ("serial", "capacity"):
        if name not in [c[0] for c in columns]:
            raise Refusal(f"{where}, line {line}: no column is headed “{name}”; {RIGHT}.")
    names = [c[0] for c in columns if c[0]]
    if len(set(names)) < len(names):
        twice = next(n for n in names if names.count(n) > 1)
        raise Refusal(f"{where}, line {line}: two columns are headed “{twice}”.")
    rows: dict[str, dict[str, float]] = {}
    for line, row in table[1:]:
        serial, values = _cell(row, columns, f"{where}, line {line}")
        if serial in rows:
            raise Refusal(f"{where}, line {line}: the serial “{serial}” stands here a second time.")
        rows[serial] = values
    return _drawer(rows)


def _named(heading: str, where: str) -> tuple[str, str]:
    """What a column holds, and what a bare number in it means."""
    words = words_of(heading, where)
    if not words:
        return "", ""
    if words[0] in SERIALS:
        return "serial", ""
    if words[0] == "group":
        return "group", ""
    if words[0] in COLUMNS:
        return words[0], UNITS_IN_HEADINGS.get(words[-1], COLUMNS[words[0]][1])
    return "", ""


def _cell(row: Sequence[str], columns: Sequence[tuple[str, str]], where: str) -> tuple[str, dict[str, float]]:
    serial, values = "", dict[str, float]()
    for text, (name, bare) in zip(row, columns, strict=False):
        if name == "serial":
            serial = text
        elif name and text:
            try:
                value = parse_number(text) if name == "group" else parse(text, COLUMNS[name][0], bare)
            except Refusal as refusal:
                raise Refusal(f"{where}: {refusal.sentence}") from None
            if name == "group" and value != int(value):
                raise Refusal(f"{where}: “{text}” is no number of a group.")
            if name in ("capacity", "resistance", "days") and not value > 0:
                raise Refusal(f"{where}: a {name} is more than 0.")
            values[name] = value
    if not serial:
        raise Refusal(f"{where}: the cell has no serial.")
    return serial, values


def _drawer(rows: dict[str, dict[str, float]]) -> Drawer:
    def column(name: str) -> np.ndarray[tuple[int], np.dtype[np.float64]]:
        return np.array([values.get(name, np.nan) for values in rows.values()])

    fall = column("first") - column("second")
    # A voltage that rises at rest was read too early or in the wrong column: what is lost is not known.
    loss = np.where(fall >= 0, fall, np.nan) / column("days")
    locked = {n: int(values["group"]) for n, values in enumerate(rows.values()) if "group" in values}
    return Drawer(tuple(rows), Stock(column("capacity"), column("resistance"), loss), locked)


def groups_csv(drawer: Drawer, found: Matching) -> str:
    """Return every cell with its group, 0 for a spare, in order of the groups."""
    out = io.StringIO()
    write = csv.writer(out, lineterminator="\n")
    write.writerow(["group", "serial", "capacity_ah", "resistance_mohm"])
    order = np.lexsort((np.arange(len(found.group_of)), np.where(found.group_of == 0, 10**6, found.group_of)))
    for n in order.tolist():
        ohm = drawer.stock.ohm[n]
        write.writerow(
            [
                int(found.group_of[n]),
                harmless_cell(drawer.serials[n]),
                f"{drawer.stock.capacity_as[n] / AH:.4f}" if np.isfinite(drawer.stock.capacity_as[n]) else "",
                f"{ohm * 1e3:.3f}" if np.isfinite(ohm) else "",
            ]
        )
    return out.getvalue()
