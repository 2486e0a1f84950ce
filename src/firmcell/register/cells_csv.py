"""Cells by serial from a CSV, each column found by its heading, and the register as one."""

import csv
import io
from collections.abc import Iterable
from datetime import date, datetime, time, timedelta

from pydantic import ValidationError

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.serials import serial_key
from firmcell.core.base.visible import harmless_cell, visible
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import CellAdded, CellTested, Origin, PlaceKind
from firmcell.core.stock.merging import Incoming
from firmcell.store.cell_tests_csv import UNITS_IN_HEADINGS, table_under_headings, words_of
from firmcell.store.csv_rows import Rows
from firmcell.store.stock_csv import COLUMNS
from firmcell.store.units import parse, parse_number
from firmcell.store.validation_words import first_fault

WORDS = {
    "serial": ("serial", "cell", "id", "label"),
    "class_name": ("class", "type"),
    "lot": ("lot", "batch"),
    "origin": ("origin",),
    "pack": ("pack", "from"),
    "drawer": ("drawer", "place", "tray"),
    "date": ("date", "measured", "tested"),
    "instrument": ("instrument", "meter"),
    "cycles": ("cycles",),
    "job": ("job",),
    "group": ("group",),
    "scrapped": ("scrapped",),
}
"""Columns of words and whole numbers, and the first words of their headings."""
QUANTITIES = {**COLUMNS, "voltage": ("V", "V"), "temperature": ("K", "°C")}
"""First word of the heading, SI unit, and what a bare number means."""
RIGHT = "a first line such as “serial,class,lot,drawer,capacity Ah,resistance mΩ,voltage V,date” is right"
DATES = ("%Y-%m-%d", "%Y-%m-%d %H:%M", "%Y-%m-%dT%H:%M", "%Y-%m-%d %H:%M:%S", "%d.%m.%Y", "%d.%m.%Y %H:%M")
BEFORE_REST = timedelta(hours=1)
"""A capacity test of the same line as two resting voltages came before them; common practice, no source."""


@frozen
class CellTable:
    """What a file says of cells.

    Attributes
    ----------
    rows : the file as it stands, headings first.
    cells : as they were read.
    passed_over : headings that nothing was read of.
    """

    rows: Rows
    cells: tuple[Incoming, ...]
    passed_over: tuple[str, ...]


def cells_from_csv(text: str, where: str, now: datetime) -> CellTable:
    """Return the cells of a table; bare numbers are Ah, mΩ, V, days and °C.

    Parameters
    ----------
    text, where : str
        The file, and its name for sentences.
    now : datetime
        When a test was made that has no date; with its time zone.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    rows = table_under_headings(text, where, RIGHT)
    line, headings = rows[0]
    columns = [_column(heading, f"{where}, line {line}") for heading in headings]
    names = [name for name, _ in columns if name]
    if "serial" not in names:
        raise Refusal(f"{where}, line {line}: no column is headed “serial”; {RIGHT}.")
    for name in names:
        if names.count(name) > 1:
            twice = [h for h, (n, _) in zip(headings, columns, strict=True) if n == name]
            raise Refusal(
                f"{where}, line {line}: two columns say the same, “{visible(twice[0])}” and “{visible(twice[1])}”; give one of them another heading."
            )
    cells = [_cell(row, columns, line, f"{where}, line {line}", now) for line, row in rows[1:]]
    _agree(cells, where)
    passed_over = tuple(h for h, (name, _) in zip(headings, columns, strict=True) if h and not name)
    return CellTable(rows, tuple(cells), passed_over)


def _column(heading: str, where: str) -> tuple[str, str]:
    """What a column holds, and what a bare number in it means."""
    words = words_of(heading, where)
    if not words:
        return "", ""
    for name, known in WORDS.items():
        if words[0] in known:
            return name, ""
    if words[0] in QUANTITIES:
        return words[0], UNITS_IN_HEADINGS.get(words[-1], QUANTITIES[words[0]][1])
    return "", ""


def _cell(row: list[str], columns: list[tuple[str, str]], line: int, where: str, now: datetime) -> Incoming:
    told, measured = dict[str, str](), dict[str, float]()
    for text, (name, bare) in zip(row, columns, strict=False):
        if not name or not text:
            continue
        if name in WORDS:
            told[name] = text
            continue
        try:
            measured[name] = parse(text, QUANTITIES[name][0], bare)
        except Refusal as refusal:
            raise Refusal(f"{where}: {refusal.sentence}") from None
    if "serial" not in told:
        raise Refusal(f"{where}: the cell has no serial.")
    at = _date(told["date"], where, now) if "date" in told else now
    try:
        origin = Origin(told.get("origin", "unknown").lower())
    except ValueError:
        raise Refusal(
            f"{where}: “{visible(told['origin'])}” is no origin; new, reclaimed or unknown is right."
        ) from None
    if told.get("pack") and "origin" not in told:
        origin = Origin.RECLAIMED
    try:
        tests = tuple(_tests(told, measured, at, where))
        is_ = CellAdded(
            serial=told["serial"],
            class_name=told.get("class_name", ""),
            lot=told.get("lot", ""),
            origin=origin,
            pack=told.get("pack", ""),
            drawer=told.get("drawer", ""),
        )
    except ValidationError as error:
        model = CellAdded if error.title == "CellAdded" else CellTested
        raise Refusal(f"{where}: {first_fault(error, model)}") from None
    return Incoming(
        line,
        is_.serial,
        is_.class_name,
        is_.lot,
        is_.origin,
        is_.pack,
        is_.drawer,
        tests,
        "date" in told,
        told.get("job", ""),
        _whole(told["group"], "number of a group", where) if "group" in told else None,
        _yes(told.get("scrapped", ""), where),
    )


def _tests(
    told: dict[str, str], measured: dict[str, float], at: datetime, where: str
) -> Iterable[tuple[str, CellTested]]:
    """What one line measured, each at its time: the capacity before the rest, the second reading last."""
    rest = [measured.get(name) for name in ("first", "second", "days")]
    if any(v is not None for v in rest) and None in rest:
        raise Refusal(
            f"{where}: two readings at rest are “first”, “second” and the “days” between them; one is missing."
        )
    if rest[0] is not None and "voltage" in measured:
        raise Refusal(f"{where}: “voltage” and “second” both say what the cell measures now; leave one out.")
    days = timedelta(seconds=measured.get("days", 0.0))
    if days < timedelta(0) or (rest[0] is not None and not days):
        raise Refusal(f"{where}: the days between two readings are more than 0.")
    cycles = _whole(told["cycles"], "number of cycles", where) if "cycles" in told else None
    shared = {"instrument": told.get("instrument", ""), "kelvin": measured.get("temperature")}
    if "capacity" in measured:
        before = at - days - BEFORE_REST if rest[0] is not None else at
        yield _told(before), CellTested.model_validate({**shared, "capacity_as": measured["capacity"]})
    if rest[0] is not None:
        yield _told(at - days), CellTested.model_validate({**shared, "rest_v": rest[0]})
    now = {
        "ohms": measured.get("resistance"),
        "rest_v": rest[1] if rest[1] is not None else measured.get("voltage"),
        "cycles": cycles,
    }
    if any(v is not None for v in now.values()):
        yield _told(at), CellTested.model_validate({**shared, **now})


def _whole(text: str, what: str, where: str) -> int:
    try:
        number = parse_number(text)
    except Refusal as refusal:
        raise Refusal(f"{where}: {refusal.sentence}") from None
    if number != int(number) or number < 1:
        raise Refusal(f"{where}: “{visible(text)}” is no {what}.")
    return int(number)


def _yes(text: str, where: str) -> bool:
    """Whether a cell is scrapped: a word that may mean either is not guessed at."""
    if text.lower() in ("", "no", "false", "0"):
        return False
    if text.lower() in ("yes", "true", "1", "x", "scrapped"):
        return True
    raise Refusal(
        f"{where}: “{visible(text)}” does not say whether the cell is scrapped; yes or no is right."
    )


def _told(at: datetime) -> str:
    return at.isoformat(timespec="seconds")


def _date(text: str, where: str, now: datetime) -> datetime:
    """A day, or a day and a time, of this bench's clock; a day alone is its noon."""
    try:
        # As the register writes it: with the zone of the bench where it was measured.
        exact = datetime.fromisoformat(text)
    except ValueError:
        exact = None
    if exact is not None and exact.tzinfo is not None:
        if exact > now:
            raise Refusal(f"{where}: {visible(text)} is still to come.")
        return exact
    for form in DATES:
        try:
            found = datetime.strptime(text, form)
        except ValueError:
            continue
        if "%H" not in form:
            found = datetime.combine(date(found.year, found.month, found.day), time(12))
        # The zone of that day: a summer's reading is an hour off a winter's.
        told = found.astimezone()
        # Today's noon may still be to come.
        if told.date() == now.date() and "%H" not in form:
            return min(told, now)
        if told > now:
            raise Refusal(f"{where}: {visible(text)} is still to come.")
        return told
    raise Refusal(f"{where}: “{visible(text)}” is no date; write it as 2026-11-28 or 28.11.2026.")


def _agree(cells: list[Incoming], where: str) -> None:
    """Rows of one serial, and of one lot, say the same where they say something."""
    first: dict[tuple[str, str], Incoming] = {}
    for cell in cells:
        before = first.setdefault(("serial", serial_key(cell.serial)), cell)
        if before is not cell:
            if not (before.dated and cell.dated):
                raise Refusal(
                    f"{where}, line {cell.line}: the serial “{visible(cell.serial)}” stands on line {before.line} too; give both a date if they are two tests of one cell."
                )
            for name, called in (("class_name", "class"), ("lot", "lot"), ("drawer", "drawer")):
                one, other = getattr(before, name), getattr(cell, name)
                if one and other and one != other:
                    raise Refusal(
                        f"{where}, line {cell.line}: {visible(cell.serial)} has the {called} “{visible(other)}” here and “{visible(one)}” on line {before.line}."
                    )
        if cell.lot and cell.class_name:
            same_lot = first.setdefault(("lot", cell.lot), cell)
            if same_lot.class_name != cell.class_name:
                raise Refusal(
                    f"{where}, line {cell.line}: lot {visible(cell.lot)} is of class “{visible(cell.class_name)}” here and “{visible(same_lot.class_name)}” on line {same_lot.line}."
                )


HEADINGS = (
    "serial",
    "class",
    "lot",
    "origin",
    "pack",
    "drawer",
    "job",
    "group",
    "scrapped",
    "capacity Ah",
    "resistance mΩ",
    "voltage V",
    "first V",
    "second V",
    "days",
    "cycles",
    "date",
)


def lines_csv(lines: Iterable[CellLine]) -> str:
    """Return cells as a CSV: a line each, with the newest values."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(HEADINGS)
    for line in lines:
        values = (
            line.serial,
            line.class_name,
            line.lot,
            line.origin.value,
            line.pack,
            line.place if line.place_kind is PlaceKind.DRAWER else "",
            line.place if line.place_kind is PlaceKind.JOB else "",
            line.place_group,
            "yes" if line.place_kind is PlaceKind.SCRAPPED else "",
            _rounded(line.capacity_as, AH, 4),
            _rounded(line.ohms, 1e-3, 3),
            # Two readings at rest say the newest one too.
            _rounded(line.rest_v if line.rest_s is None else None, 1.0, 4),
            _rounded(line.rest_first_v, 1.0, 4),
            _rounded(line.rest_second_v, 1.0, 4),
            _rounded(line.rest_s, 86_400.0, 2),
            line.cycles,
            line.tested,
        )
        writer.writerow(["" if v is None else harmless_cell(v) for v in values])
    return out.getvalue()


def _rounded(value: float | None, unit: float, digits: int) -> float | None:
    return None if value is None else round(value / unit, digits)
