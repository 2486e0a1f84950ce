"""Measured resistances of cells from a CSV: one value a cell in order, or cell number and value."""

import csv
import io

from firmcell.core.refusal import Refusal
from firmcell.store.units import parse, parse_number

MOST_OHM = 10.0


def resistances_from_csv(text: str, where: str, cells: int) -> tuple[float, ...]:
    """Return the resistance of each of `cells` cells in Ω, 0 where none was measured.

    A line holds a value alone (in the order of the cells) or a cell's number and its value; mΩ unless a
    unit is written. A heading and lines that begin with # are passed over.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    delimiter = ";" if ";" in text else "\t" if "\t" in text else ","
    try:
        rows = list(csv.reader(io.StringIO(text), delimiter=delimiter))
    except csv.Error as error:
        raise Refusal(f"{where} is not a readable CSV file: {error}.") from None
    found: dict[int, float] = {}
    for line, row in enumerate(rows, start=1):
        values = [cell.strip() for cell in row if cell.strip()]
        if not values or values[0].startswith("#"):
            continue
        try:
            number = len(found) + 1 if len(values) == 1 else int(parse_number(values[0]))
            ohm = _ohms(values[-1])
        except (Refusal, ValueError, OverflowError):
            if not found and line <= 2:
                continue
            raise Refusal(
                f"{where}, line {line}: “{', '.join(values)}” is no cell number and resistance."
            ) from None
        if not 1 <= number <= cells:
            raise Refusal(f"{where}, line {line}: there is no cell {number}; this pack has {cells}.")
        if not 0 < ohm <= MOST_OHM:
            raise Refusal(
                f"{where}, line {line}: {values[-1]} is no resistance of a cell; write it like 23.5 mΩ."
            )
        found[number] = ohm
    if not found:
        raise Refusal(f"{where} holds no resistance; one value a line is right, in the order of the cells.")
    return tuple(found.get(n, 0.0) for n in range(1, cells + 1))


def _ohms(text: str) -> float:
    try:
        return parse_number(text) * 1e-3
    except Refusal:
        return parse(text, "Ω", "mΩ")
