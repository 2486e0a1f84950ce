"""Reclaimed cells: what a test and two readings at rest say of each, who goes with whom, what is left."""

from collections.abc import Mapping
from functools import lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.suitability import Judged
from firmcell.core.base.wording import figures, percent
from firmcell.core.model.chemistry import Chemistry, resting_voltage
from firmcell.core.model.parts import Cell
from firmcell.core.records.events import CellTest

DAY_S = 86_400.0
OUT_A_DAY = {True: 0.01, False: 0.03}
"""Of its capacity a day: a cell that loses more at rest is out; lithium, nickel. Common practice, no source."""
LOOK_A_DAY = {True: 0.003, False: 0.02}
"""Losing more is worth a word; engineering judgement."""
LEAST_DAYS = 2.0
"""Shorter rests tell the surface of the plates, not the cell; engineering judgement."""
SETTLES_V = 0.015
"""A cell may still rise by so much from the last discharge, which hides a loss; engineering judgement."""
OUT_CAPACITY, LOOK_CAPACITY = 0.6, 0.8
"""Of its class: less capacity is out, or worth a word; common practice, no source."""
OUT_OHM, LOOK_OHM = 2.5, 1.5
"""Times its class: more resistance is out, or worth a word; common practice, no source."""
END_OF_LIFE = OUT_CAPACITY
GROUPS_WITHIN, GROUPS_OUT = 0.05, 0.15
"""Groups in series whose capacities differ by more are worth a word, or not built; common practice, no source."""
BESIDE_OHM = 1.5
"""Cells side by side whose resistances differ by more share the current badly; engineering judgement."""


@frozen
class ReclaimedCell(Judged):
    """One reclaimed cell.

    Attributes
    ----------
    number : of the cell.
    capacity_share, ohm_share : of its class; None where not tested.
    lost_a_day : of its capacity, at rest; None where not read twice.
    cycles_left : until `END_OF_LIFE`; None where its cycles or capacity are not known.
    """

    number: int
    capacity_share: float | None
    ohm_share: float | None
    lost_a_day: float | None
    cycles_left: float | None


def lost_at_rest(chemistry: Chemistry, first_v: float, second_v: float, rest_s: float) -> float:
    """Return what a cell loses of its capacity in a day at rest.

    Parameters
    ----------
    chemistry : Chemistry
    first_v, second_v : float
        Resting voltages, V; the first at least an hour after the last current.
    rest_s : float
        Between them, s.

    Returns
    -------
    share : float
        Of the capacity, 1/day; below 0 it still recovered.

    Notes
    -----
    Both voltages are read off the generic resting curve. Where that is flat a millivolt is a large share,
    either way; `reclaimed_cell` then says that the readings do not tell.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> day = 86400.0
    >>> 0.0 < lost_at_rest(Chemistry.LI_ION, 4.10, 4.09, 7 * day) < 0.01
    True
    """
    soc, curve = _resting_curve(chemistry)
    first, second = (float(np.interp(v, curve, soc)) for v in (first_v, second_v))
    return (first - second) / (rest_s / DAY_S)


@lru_cache
def _resting_curve(chemistry: Chemistry) -> tuple[Array, Array]:
    """State of charge, and the resting voltage there, rising all the way, V (k,)."""
    soc = np.linspace(0.0, 1.0, 1001)
    return soc, np.maximum.accumulate(resting_voltage(chemistry, soc))


def reclaimed_cell(cell: Cell, test: CellTest) -> ReclaimedCell:
    """Return what a test says of one reclaimed cell of a class; what is not known counts as a mark."""
    lithium = cell.chemistry.is_lithium
    stops, marks = [], []
    capacity = None if test.capacity_as is None else test.capacity_as / cell.capacity_as
    ohm = None if test.ohms is None else test.ohms / cell.resistance_ohm
    if capacity is None:
        marks.append("capacity not tested")
    elif capacity < OUT_CAPACITY:
        stops.append(f"holds {percent(capacity)} of its class")
    elif capacity < LOOK_CAPACITY:
        marks.append(f"holds {percent(capacity)} of its class")
    if ohm is None:
        marks.append("resistance not measured")
    elif ohm > OUT_OHM:
        stops.append(f"has {figures(ohm, 2)} times the resistance of its class")
    elif ohm > LOOK_OHM:
        marks.append(f"has {figures(ohm, 2)} times the resistance of its class: that much more heat")
    lost = _lost(cell, test, stops, marks, lithium)
    if test.second_v is not None and test.second_v < cell.empty_v:
        stops.append(f"rests at {test.second_v:.2f} V, under {cell.empty_v:.2f} V")
    left = None
    if capacity is not None and test.cycles and capacity < 1:
        fade = (1 - capacity) / test.cycles
        left = max((capacity - END_OF_LIFE) / fade, 0.0)
    return ReclaimedCell(tuple(stops), tuple(marks), test.cell, capacity, ohm, lost, left)


def _lost(cell: Cell, test: CellTest, stops: list[str], marks: list[str], lithium: bool) -> float | None:
    if test.first_v is None or test.second_v is None or not test.rest_s:
        marks.append("not read twice at rest")
        return None
    lost = lost_at_rest(cell.chemistry, test.first_v, test.second_v, test.rest_s)
    days = test.rest_s / DAY_S
    if lost > OUT_A_DAY[lithium]:
        stops.append(f"loses {percent(lost)} of its capacity a day at rest")
        return lost
    if (
        lost_at_rest(cell.chemistry, test.first_v + SETTLES_V, test.second_v, test.rest_s)
        > OUT_A_DAY[lithium]
    ):
        marks.append("its two readings do not tell whether it drains: rest it for longer and read it again")
    elif lost > LOOK_A_DAY[lithium]:
        marks.append(f"loses {lost * 100:.1f} % of its capacity a day at rest")
    if days < LEAST_DAYS:
        marks.append(f"rested {figures(days, 2)} days only; a week tells more")
    return lost


def matched(capacities: Mapping[int, float], series: int, parallel: int) -> tuple[tuple[int, ...], ...]:
    """Return which cells go into which group, so that the groups' capacities differ little.

    Parameters
    ----------
    capacities : mapping
        Of each cell by number, any unit; as many as the pack has.
    series, parallel : int

    Returns
    -------
    groups : tuple of tuple of int
        Numbers of the cells of each group.

    Notes
    -----
    The largest first, each into the group that holds least and has a place left, or as they are numbered;
    then pairs are exchanged as long as that brings the fullest and the emptiest group nearer. The better of
    both.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> matched({1: 2.0, 2: 1.0, 3: 2.0, 4: 1.0}, 2, 2)
    ((1, 2), (3, 4))
    """

    def held(group: list[int]) -> float:
        return sum(capacities[n] for n in group)

    def apart(groups: list[list[int]]) -> float:
        return max(map(held, groups)) - min(map(held, groups))

    groups: list[list[int]] = [[] for _ in range(series)]
    for number in sorted(capacities, key=lambda n: (-capacities[n], n)):
        free = [g for g in groups if len(g) < parallel]
        min(free, key=held).append(number)
    numbers = sorted(capacities)
    as_numbered = [numbers[k * parallel : (k + 1) * parallel] for k in range(series)]
    for some in (groups, as_numbered):
        for _ in range(200):
            low, high = min(some, key=held), max(some, key=held)
            gap = held(high) - held(low)
            pairs = [(capacities[a] - capacities[b], a, b) for a in high for b in low]
            better = [(abs(gap - 2 * d), a, b) for d, a, b in pairs if 0 < d < gap]
            if not better:
                break
            _, a, b = min(better)
            high[high.index(a)], low[low.index(b)] = b, a
    best = min((groups, as_numbered), key=apart)
    return tuple(sorted(tuple(sorted(g)) for g in best))


def spread_of(groups: tuple[tuple[int, ...], ...], values: Mapping[int, float]) -> float:
    """Return by how much the sums of groups differ, as a share of the largest; 0 where a value is missing.

    Parameters
    ----------
    groups : tuple of tuple of int
    values : mapping

    Returns
    -------
    spread : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> spread_of(((1,), (2,)), {1: 2.0, 2: 1.5})
    0.25
    """
    if not all(n in values for g in groups for n in g):
        return 0.0
    sums = [sum(values[n] for n in g) for g in groups]
    return 1 - min(sums) / max(sums)
