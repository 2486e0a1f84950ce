"""Measured resistances of cells from a CSV, found by its headings and their units."""

import re
from typing import NamedTuple

from firmcell.core.base.refusal import Refusal
from firmcell.store.csv_rows import is_alternating, table_rows
from firmcell.store.units import parse, parse_number

MOST_OHM = 10.0
RIGHT = "a first line such as “cell,resistance mΩ” is right"
NUMBER_WORDS = frozenset({"cell", "cells", "number", "no", "nr", "#", "n"})
RESISTANCE_WORDS = frozenset({"resistance", "r", "ri", "ir", "dcir", "dcr", "esr"})
UNITS = frozenset({"µω", "μω", "uohm", "mω", "mohm", "mohms", "ω", "ohm", "ohms"})


class _Columns(NamedTuple):
    number: int | None
    resistance: int
    unit: str | None


def resistances_from_csv(text: str, where: str, cells: int) -> tuple[float, ...]:
    """Return the resistance of each of `cells` cells in Ω, 0 where none was measured.

    The first line names the columns: one with the d.c. resistance and its unit, and one with the cell's
    number (without it the lines are in the order of the cells). Other columns, such as voltage, are passed
    over, and so are lines that begin with #. A unit may stand with each value instead.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    table = table_rows(text, where)
    if not table:
        raise Refusal(f"{where} holds no resistance; {RIGHT}.")
    columns = _columns(table[0][1], f"{where}, line {table[0][0]}")
    found: dict[int, float] = {}
    for line, row in table[1:]:
        number, ohm = _entry(row, columns, len(found) + 1, f"{where}, line {line}")
        if not 1 <= number <= cells:
            raise Refusal(f"{where}, line {line}: there is no cell {number}; this pack has {cells}.")
        if number in found:
            raise Refusal(f"{where}, line {line}: cell {number} stands here a second time.")
        found[number] = ohm
    if not found:
        raise Refusal(f"{where} holds a heading but no resistance beneath it.")
    return tuple(found.get(n, 0.0) for n in range(1, cells + 1))


def _words(heading: str) -> list[str]:
    return [word for word in re.split(r"[\s_()\[\]/,.:·-]+", heading.strip().lower()) if word]


def _columns(headings: list[str], where: str) -> _Columns:
    """Which column holds what, by the words of its heading."""
    words = [_words(h) for h in headings]
    alternating = [heading for heading in headings if is_alternating(heading)]
    resistance = [
        n for n, w in enumerate(words) if RESISTANCE_WORDS & set(w) and headings[n] not in alternating
    ]
    if not resistance and alternating:
        raise Refusal(
            f"{where}: “{alternating[0]}” is an a.c. reading, which lies below the d.c. resistance and makes a pack look "
            "better than it is; measure with d.c. (IEC 61960-3)."
        )
    if not resistance:
        raise Refusal(f"{where}: no column is headed “resistance”; {RIGHT}.")
    if len(resistance) > 1:
        both = " and ".join(f"“{headings[n]}”" for n in resistance[:2])
        raise Refusal(f"{where}: {both} are both headed as a resistance; leave one of them.")
    numbers = [n for n, w in enumerate(words) if n != resistance[0] and NUMBER_WORDS & set(w)]
    if not numbers and len(headings) > 1:
        raise Refusal(f"{where}: no column is headed “cell”, for the numbers of the cells; {RIGHT}.")
    unit = next((word for word in words[resistance[0]] if word in UNITS), None)
    return _Columns(numbers[0] if numbers else None, resistance[0], unit)


def _entry(row: list[str], columns: _Columns, next_number: int, where: str) -> tuple[int, float]:
    """Number of the cell and its resistance in Ω from one line."""
    try:
        value = row[columns.resistance]
        number = next_number if columns.number is None else parse_number(row[columns.number])
    except (IndexError, Refusal):
        raise Refusal(f"{where}: “{', '.join(row)}” is no cell number and resistance.") from None
    if number != int(number):
        raise Refusal(f"{where}: {row[columns.number or 0]} is no number of a cell.")
    ohm = _ohms(value, columns.unit, where)
    if not 0 < ohm <= MOST_OHM:
        raise Refusal(f"{where}: {value} is no resistance of a cell; write it like 23.5 mΩ.")
    return int(number), ohm


def _ohms(text: str, unit: str | None, where: str) -> float:
    try:
        parse_number(text)
    except Refusal:
        try:
            return parse(text, "Ω", "mΩ")
        except Refusal:
            raise Refusal(f"{where}: “{text}” is no resistance; write it like 23.5 mΩ.") from None
    if unit is None:
        raise Refusal(f"{where}: {text} has no unit; {RIGHT}, or write it like 23.5 mΩ.")
    scale = {"m": 1e-3, "µ": 1e-6, "μ": 1e-6, "u": 1e-6}.get(unit[0], 1.0)
    return parse_number(text) * scale
