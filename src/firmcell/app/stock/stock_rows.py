"""Cells of the register as rows of a table, and which of them are shown."""

from collections.abc import Callable, Iterable, Mapping

from firmcell.app.sorting import Key, sort_key
from firmcell.core.base.quantity import AH
from firmcell.core.base.serials import serial_key
from firmcell.core.base.wording import plural
from firmcell.core.model.parts import Cell
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.stock_words import judged, stands, values, where

HEADINGS = ("Serial", "Stands", "Class", "Lot", "Ah", "mΩ", "At rest, V", "Lost, mV/day", "Where", "Measured")
WHERE_COLUMN = 8
ALL, JOBS, SCRAPPED = "all", "jobs", "scrapped"
"""Places that are no drawer, by ref; a drawer's is “drawer:” and its name."""

Row = tuple[str, tuple[str, ...]]
Shows = Callable[[CellLine], bool]


class Judge:
    """Rows of cells and how they stand, worked out once for each state of each cell."""

    def __init__(self, classes: Iterable[Cell]) -> None:
        self.classes: Mapping[str, Cell] = {cell.name: cell for cell in classes}
        self._known: dict[str, tuple[CellLine, Row, Key]] = {}

    def row(self, line: CellLine) -> Row:
        """A cell as a row."""
        return self._of(line)[1]

    def order(self, line: CellLine) -> Key:
        """By what cells stand in order: HL-9 before HL-10."""
        return self._of(line)[2]

    def _of(self, line: CellLine) -> tuple[CellLine, Row, Key]:
        known = self._known.get(line.key)
        if known is None or (known[0] is not line and known[0] != line):
            known = line, self._made(line), sort_key(line.serial)
            self._known[line.key] = known
        return known

    def _made(self, line: CellLine) -> Row:
        return line.key, (
            line.serial,
            stands(judged(line, self.classes.get(line.class_name))),
            line.class_name,
            line.lot,
            "" if line.capacity_as is None else f"{line.capacity_as / AH:.3f}",
            "" if line.ohms is None else f"{line.ohms * 1e3:.1f}",
            "" if line.rest_v is None else f"{line.rest_v:.3f}",
            values(line)[3].partition(" ")[0],
            where(line),
            line.tested[:10],
        )


def places(lines: Iterable[CellLine]) -> list[Row]:
    """Return all, each drawer, jobs and scrapped, with how many cells are there."""
    counts = {ALL: 0, JOBS: 0, SCRAPPED: 0}
    drawers = dict[str, int]()
    for line in lines:
        counts[ALL] += 1
        if line.place_kind is PlaceKind.DRAWER:
            drawers[line.place] = drawers.get(line.place, 0) + 1
        else:
            counts[JOBS if line.place_kind is PlaceKind.JOB else SCRAPPED] += 1
    return [
        (ALL, ("All cells", str(counts[ALL]))),
        *((f"drawer:{name}", (name or "no drawer told", str(n))) for name, n in sorted(drawers.items())),
        (JOBS, ("In jobs", str(counts[JOBS]))),
        (SCRAPPED, ("Scrapped", str(counts[SCRAPPED]))),
    ]


def shown_by(place: str, words: str) -> Shows:
    """Return which cells are shown: those of a place in which every word stands somewhere."""
    wanted = words.lower().split()

    def shows(line: CellLine) -> bool:
        if place == JOBS and line.place_kind is not PlaceKind.JOB:
            return False
        if place == SCRAPPED and line.place_kind is not PlaceKind.SCRAPPED:
            return False
        if place.startswith("drawer:") and (
            line.place_kind is not PlaceKind.DRAWER or line.place != place.removeprefix("drawer:")
        ):
            return False
        told = (
            f"{line.serial} {serial_key(line.serial)} {line.class_name} {line.lot} {line.pack} {where(line)}"
        )
        return all(word in told.lower() for word in wanted)

    return shows


def counted(shown: int, of: int) -> str:
    """Return how many of all are shown."""
    return plural(of, "cell") if shown == of else f"{shown} of {plural(of, 'cell')}"
