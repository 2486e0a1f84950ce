"""Cells scanned as they are set: where each one goes, which are in, and which is the next."""

from collections.abc import Mapping

from firmcell.core.base.frozen import frozen
from firmcell.core.base.serials import serial_key
from firmcell.core.base.visible import visible
from firmcell.core.layout.cell_places import Layout

DRY_FIT = "dry-fit"
"""Code of the step at which cells are set: before it is passed others may be matched."""


@frozen
class Fitting:
    """How far the cells are set.

    Attributes
    ----------
    planned : serial planned for each place, by number.
    set_in : serial scanned for each place, by number.
    order : numbers of all places, group by group.
    """

    planned: Mapping[int, str]
    set_in: Mapping[int, str]
    order: tuple[int, ...]

    @property
    def open(self) -> tuple[int, ...]:
        """Places without their cell, in order."""
        return tuple(
            n for n in self.order if serial_key(self.set_in.get(n, "")) != serial_key(self.planned[n])
        )


@frozen
class Scan:
    """What a scanned code means.

    Attributes
    ----------
    number : of the place where the cell goes; 0 if it has none here.
    words : what to do.
    right : whether it is to be recorded.
    """

    number: int
    words: str
    right: bool


def fitting(serials: tuple[str, ...], layout: Layout, fitted: Mapping[int, str]) -> Fitting:
    """Return how far the cells of a design are set, by what was recorded."""
    planned = {n: serial for n, serial in enumerate(serials, start=1) if serial}
    order = tuple(
        c.number for c in sorted(layout.cells, key=lambda c: (c.group, c.number)) if c.number in planned
    )
    return Fitting(planned, {n: s for n, s in fitted.items() if n in planned}, order)


def scanned(at: Fitting, layout: Layout, serial: str) -> Scan:
    """Return where a scanned cell goes."""
    key = serial_key(serial)
    number = next((n for n, planned in at.planned.items() if serial_key(planned) == key), 0)
    told = visible(serial.strip())
    if not number:
        return Scan(0, f"{told} is not of this pack. Put it aside.", False)
    cell = next(c for c in layout.cells if c.number == number)
    place = f"place {number}, group {cell.group}, plus {'up' if cell.positive_up else 'down'}"
    if number not in at.open:
        return Scan(number, f"{told} was set already: {place}.", False)
    return Scan(number, f"{told}: {place}.", True)
