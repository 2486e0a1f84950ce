"""Readings that look mistyped: told before they are written, since a wrong one is believed later."""

from firmcell.core.base.quantity import AH
from firmcell.core.base.wording import figures, milliohms
from firmcell.core.model.parts import Cell
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import CellTested

CAPACITY_OF_CLASS = (0.3, 1.15)
RESISTANCE_OF_CLASS = (0.4, 4.0)
PAST_VOLTS = 0.06
"""Over full, V: meters and chargers differ by less."""
BELOW_VOLTS = 0.5
"""Under empty, V."""
CAPACITY_GAINED = 1.05
RESISTANCE_CHANGED = 2.0
"""Against the newest reading of the same cell. All of these are engineering judgement: wide enough for worn cells, narrow
enough for a wrong range or a slipped point."""


def doubts(test: CellTested, cell: Cell | None, line: CellLine | None) -> tuple[str, ...]:
    """Return what looks mistyped in a test, a clause each; none for nothing.

    Parameters
    ----------
    test : CellTested
    cell : Cell or None
        Its class; None where it is not known.
    line : CellLine or None
        The cell as it was known before; None for a new one.

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> found = doubts(CellTested(ohms=10 * CELL.resistance_ohm), CELL, None)
    >>> found[0].partition(" is ")[2]
    '10 times what its class resists'
    """
    found = list[str]()
    if test.capacity_as is not None:
        found += _capacity(test.capacity_as, cell, line)
    if test.ohms is not None:
        found += _resistance(test.ohms, cell, line)
    if test.rest_v is not None and cell is not None:
        if test.rest_v > cell.full_v + PAST_VOLTS:
            found.append(f"{test.rest_v:.3f} V is over full, {cell.full_v:.2f} V")
        elif test.rest_v < cell.empty_v - BELOW_VOLTS:
            found.append(
                f"{test.rest_v:.3f} V is far under empty, {cell.empty_v:.2f} V: dead, or red and black changed"
            )
    return tuple(found)


def _capacity(value: float, cell: Cell | None, line: CellLine | None) -> list[str]:
    told = f"{figures(value / AH, 4)} Ah"
    if cell is not None:
        share = value / cell.capacity_as
        if not CAPACITY_OF_CLASS[0] <= share <= CAPACITY_OF_CLASS[1]:
            return [f"{told} is {figures(share, 2)} times what its class holds"]
    if line is not None and line.capacity_as and value > CAPACITY_GAINED * line.capacity_as:
        return [f"{told} is more than it held before, {figures(line.capacity_as / AH, 4)} Ah"]
    return []


def _resistance(value: float, cell: Cell | None, line: CellLine | None) -> list[str]:
    told = milliohms(value)
    if cell is not None:
        share = value / cell.resistance_ohm
        if not RESISTANCE_OF_CLASS[0] <= share <= RESISTANCE_OF_CLASS[1]:
            return [f"{told} is {figures(share, 2)} times what its class resists"]
    if line is not None and line.ohms:
        change = value / line.ohms
        if not 1 / RESISTANCE_CHANGED <= change <= RESISTANCE_CHANGED:
            return [f"{told} is far from what was measured before, {milliohms(line.ohms)}"]
    return []
