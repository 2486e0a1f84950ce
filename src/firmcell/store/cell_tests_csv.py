"""Tests of reclaimed cells from a CSV, each column found by its heading."""

from pydantic import ValidationError

from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import CellTest
from firmcell.store.csv_rows import Rows, is_alternating, table_rows
from firmcell.store.units import parse, parse_number
from firmcell.store.validation_words import first_fault

COLUMNS = {
    "cell": ("cell", "", ""),
    "capacity": ("capacity_as", "A·s", "Ah"),
    "resistance": ("ohms", "Ω", "mΩ"),
    "first": ("first_v", "V", "V"),
    "second": ("second_v", "V", "V"),
    "days": ("rest_s", "s", "d"),
    "cycles": ("cycles", "", ""),
    "origin": ("origin", "", ""),
}
"""Heading, field, its SI unit, and what a bare number means."""
UNITS_IN_HEADINGS = {
    "mah": "mAh",
    "ah": "Ah",
    "mω": "mΩ",
    "mohm": "mΩ",
    "ω": "Ω",
    "ohm": "Ω",
    "mv": "mV",
    "v": "V",
    "h": "h",
    "hours": "h",
}
"""Last word of a heading, in small letters, and the unit it stands for."""
RIGHT = "a first line such as “cell,capacity Ah,resistance mΩ,first V,second V,days,cycles,origin” is right"


def cell_tests_from_csv(text: str, where: str, cells: int) -> tuple[CellTest, ...]:
    """Return the tests of cells from a table; bare numbers are Ah, mΩ, V and days.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    table = table_under_headings(text, where, RIGHT)
    line, headings = table[0]
    fields = [_column(heading, f"{where}, line {line}") for heading in headings]
    if "cell" not in [f[0] for f in fields if f]:
        raise Refusal(f"{where}, line {line}: no column is headed “cell”; {RIGHT}.")
    if len({f[0] for f in fields if f}) < len([f for f in fields if f]):
        raise Refusal(f"{where}, line {line}: two columns have the same heading.")
    found: dict[int, CellTest] = {}
    for line, row in table[1:]:
        test = _test(row, fields, f"{where}, line {line}")
        if test.cell > cells:
            raise Refusal(f"{where}, line {line}: there is no cell {test.cell}; this pack has {cells}.")
        if test.cell in found:
            raise Refusal(f"{where}, line {line}: cell {test.cell} stands here a second time.")
        found[test.cell] = test
    return tuple(found.values())


def table_under_headings(text: str, where: str, right: str) -> Rows:
    """Return the rows of a table of cells, its headings first.

    Raises
    ------
    Refusal
        If there are no headings, saying what is `right`, or no cell beneath them.
    """
    table = table_rows(text, where)
    if not table:
        raise Refusal(f"{where} is empty; {right}.")
    if len(table) == 1:
        raise Refusal(f"{where} holds headings but no cell beneath them.")
    return table


def words_of(heading: str, where: str) -> list[str]:
    """Return the words of a heading, in small letters.

    Raises
    ------
    Refusal
        If it heads a.c. readings.
    """
    if is_alternating(heading):
        raise Refusal(
            f"{where}: “{heading}” is an a.c. reading, which lies below the d.c. resistance; measure with d.c. (IEC 61960-3)."
        )
    return heading.lower().replace("_", " ").replace("(", " ").replace(")", " ").split()


def _column(heading: str, where: str) -> tuple[str, str, str] | None:
    words = words_of(heading, where)
    if not words:
        return None
    known = COLUMNS.get(words[0])
    if known is None:
        return None
    name, si, bare = known
    return name, si, UNITS_IN_HEADINGS.get(words[-1], bare)


def _test(row: list[str], fields: list[tuple[str, str, str] | None], where: str) -> CellTest:
    given: dict[str, object] = {}
    for text, column in zip(row, fields, strict=False):
        if column is None or not text:
            continue
        try:
            given[column[0]] = _value(text, *column)
        except Refusal as refusal:
            raise Refusal(f"{where}: {refusal.sentence}") from None
    try:
        return CellTest.model_validate(given)
    except ValidationError as error:
        raise Refusal(f"{where}: {first_fault(error, CellTest)}") from None


def _value(text: str, name: str, si: str, bare: str) -> object:
    if name == "origin":
        return text[:500]
    if si:
        return parse(text, si, bare)
    number = parse_number(text)
    if number != int(number):
        raise Refusal(f"“{text}” is no whole number.")
    return int(number)
