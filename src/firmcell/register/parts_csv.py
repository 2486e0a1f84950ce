"""Parts in stock as a table: read by its headings, and written so that it reads back."""

import csv
import io
from collections.abc import Sequence
from typing import Any

from pydantic import ValidationError

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import harmless_cell, visible
from firmcell.core.stock.at_hand import named
from firmcell.core.stock.entries import Entry
from firmcell.core.stock.part_entries import PartAdded, PartCounted, PartDescribed, PartIs, PartKind
from firmcell.core.stock.part_words import amount_words
from firmcell.core.stock.things import PartInStock
from firmcell.register.register import Register, new_key
from firmcell.store.cell_tests_csv import table_under_headings
from firmcell.store.units import parse, parse_number
from firmcell.store.validation_words import first_fault

HEADINGS = ("kind", "class", "there", "place", "supplier", "price", "least", "sold")
OTHER_NAMES = {
    "part": "class",
    "name": "class",
    "amount": "there",
    "stock": "there",
    "where": "place",
    "location": "place",
}
RIGHT = "a first line such as “kind,class,there,place,supplier,price,least,sold” is right"
SAME = 1e-6
"""Amounts that differ by no more are the same, m."""


@frozen
class PartRow:
    """One line of a table.

    Attributes
    ----------
    line : its number.
    is_ : what the part is.
    amount : m or pieces.
    told : headings that the table has a value for.
    """

    line: int
    is_: PartIs
    amount: float
    told: frozenset[str]


@frozen
class PartRead:
    """What becomes of a line.

    Attributes
    ----------
    words : in one line.
    entries : what is written for it.
    """

    words: str
    entries: tuple[Entry, ...]


def parts_from_csv(text: str, where: str) -> tuple[PartRow, ...]:
    """Return the parts of a table: lengths with or without a unit (metres), all else in pieces.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    table = table_under_headings(text, where, RIGHT)
    line, row = table[0]
    headings = [_heading(cell) for cell in row]
    known = [h for h in headings if h]
    if len(set(known)) < len(known):
        twice = next(h for h in known if known.count(h) > 1)
        raise Refusal(f"{where}, line {line}: two columns are headed “{twice}”.")
    for wanted in ("class", "there"):
        if wanted not in known:
            raise Refusal(f"{where}, line {line}: no column is headed “{wanted}”; {RIGHT}.")
    found, seen = [], dict[tuple[str, str, str], int]()
    for line, row in table[1:]:
        part = _row(line, dict(zip(headings, row, strict=False)), f"{where}, line {line}")
        key = _key(part.is_)
        if key in seen:
            at = f" at {visible(part.is_.place)}" if part.is_.place else ""
            raise Refusal(
                f"{where}, line {line}: {visible(part.is_.name)}{at} stands on line {seen[key]} already; give each roll or box a place of its own."
            )
        seen[key] = line
        found.append(part)
    return tuple(found)


def _heading(text: str) -> str:
    words = text.lower().replace("_", " ").split()
    first = OTHER_NAMES.get(words[0], words[0]) if words else ""
    return first if first in HEADINGS else ""


def _key(is_: PartIs) -> tuple[str, str, str]:
    return is_.part.value, named(is_.name), named(is_.place)


def _row(line: int, cells: dict[str, str], where: str) -> PartRow:
    told = {name: text.strip() for name, text in cells.items() if name and text.strip()}
    kind = told.get("kind", PartKind.OTHER.value).lower()
    part = next((k for k in PartKind if k.value == kind), None)
    if part is None:
        kinds = ", ".join(k.value for k in PartKind)
        raise Refusal(f"{where}: “{visible(kind)}” is no kind of part; there are {kinds}.")

    def amount(name: str) -> float | None:
        text = told.get(name)
        if text is None:
            return None
        value = parse(text, "m", "m") if part.by_length else parse_number(text)
        if not part.by_length and value != int(value):
            raise Refusal(
                f"{visible(told.get('class', ''))} is counted by the piece: {text} is no whole number."
            )
        return value

    try:
        is_ = PartIs.model_validate(
            {
                "part": part,
                "name": told.get("class", ""),
                "place": told.get("place", ""),
                "supplier": told.get("supplier", ""),
                "price": parse_number(told["price"]) if "price" in told else None,
                "least": amount("least"),
                "sold": amount("sold"),
            }
        )
        there = amount("there")
    except Refusal as refusal:
        raise Refusal(f"{where}: {refusal.sentence}") from None
    except ValidationError as error:
        raise Refusal(f"{where}: {first_fault(error, PartIs)}") from None
    if there is None or there < 0:
        raise Refusal(f"{where}: how much of {visible(is_.name)} is there is not told; 4.5 m or 12 is right.")
    return PartRow(line, is_, there, frozenset(told))


def parts_merged(register: Register, rows: Sequence[PartRow], person: str) -> tuple[PartRead, ...]:
    """Return what becomes of each line: a part that is not known at its place comes in; one that is known is
    counted, and what the table tells of it otherwise is written. Nothing is written by this."""
    known: dict[tuple[str, str, str], PartInStock] = {}
    for part in register.parts():
        known.setdefault(_key(part.is_), part)
    return tuple(_merged(register, row, known.get(_key(row.is_)), person) for row in rows)


def _merged(register: Register, row: PartRow, part: PartInStock | None, person: str) -> PartRead:
    name = visible(row.is_.name) + (f" ({visible(row.is_.place)})" if row.is_.place else "")
    much = amount_words(row.is_, row.amount)
    if part is None:
        added = register.entry(new_key(), PartAdded(is_=row.is_, amount=row.amount), person)
        return PartRead(f"{name}: comes in, {much}", (added,))
    entries, words = list[Entry](), list[str]()
    if abs(part.amount - row.amount) > SAME:
        entries.append(register.entry(part.key, PartCounted(amount=row.amount), person))
        words.append(f"counted, {much}; {amount_words(part.is_, part.amount)} by the register")
    fresh: dict[str, Any] = {
        n: getattr(row.is_, n) for n in ("supplier", "price", "least", "sold") if n in row.told
    }
    is_ = part.is_.model_copy(update=fresh)
    if is_ != part.is_:
        entries.append(register.entry(part.key, PartDescribed(is_=is_, after=part.told_by), person))
        words.append("told anew")
    return PartRead(f"{name}: {', '.join(words) or 'as it is known'}", tuple(entries))


def parts_csv(parts: Sequence[PartInStock]) -> str:
    """Return parts as a table that reads back."""
    out = io.StringIO()
    write = csv.writer(out, lineterminator="\n")
    write.writerow(HEADINGS)
    for part in parts:
        is_ = part.is_
        unit = " m" if is_.part.by_length else ""

        def amount(value: float | None, unit: str = unit) -> str:
            return "" if value is None else f"{max(value, 0.0):g}{unit}"

        price = "" if is_.price is None else f"{is_.price:g}"
        row = (is_.part.value, is_.name, amount(part.amount), is_.place, is_.supplier, price)
        write.writerow([harmless_cell(t) for t in (*row, amount(is_.least), amount(is_.sold))])
    return out.getvalue()
