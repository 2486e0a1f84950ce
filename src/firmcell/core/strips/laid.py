"""Runs as they are cut: how far strip goes on past its last pads, and the tails for the main leads."""

from functools import lru_cache
from math import hypot

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.limits import LEAD_TAIL_M
from firmcell.core.strips.ladders import middle_line
from firmcell.core.strips.runs import StripKind, StripRun, leads_on


@frozen
class LeadSeat:
    """What of the collecting strips depends on how the main leads are joined to them.

    Attributes
    ----------
    past_m : how far any strip lies past the middle of its last pad, m.
    width_m : of the bare end of a lead, a lug or soldered strands, m.
    bolted : whether it is a lug, as long as it is wide, that stays clear of the cells of other groups.
    clear_m : from its edge to the middle of such a cell, m.
    """

    past_m: float
    width_m: float
    bolted: bool
    clear_m: float


def tail_lengths(layout: Layout, run: StripRun, seat: LeadSeat) -> tuple[float, float]:
    """Return how much longer a run is at its first and its last pad for the main leads joined there, m;
    mostly 0, 0."""
    if run.kind is StripKind.PLATE:
        return 0.0, 0.0
    ends = [0.0, 0.0]
    for number in leads_on(layout, run):
        # A lead at a pad between the ends is joined to the strip itself.
        if number in (run.cells[0], run.cells[-1]):
            last = run.cells[-1] == number
            if seat.bolted:
                # Lugs of two leads lie on each other.
                ends[last] = _lug_tail(layout, run, last, seat)
            else:
                ends[last] += LEAD_TAIL_M
    return ends[0], ends[1]


@lru_cache(maxsize=256)
def _lug_tail(layout: Layout, run: StripRun, last: bool, seat: LeadSeat) -> float:
    """How long the tail of a bar is, m, for a lug at its end to lie past the cells of other groups beside it.

    What lies straight ahead is in the way of the bar itself, however long it is.
    """
    number = run.cells[-1 if last else 0]
    least = max(LEAD_TAIL_M, seat.width_m)
    cell = layout.by_number[number]
    others = [(c.x_m, c.y_m) for c in layout.cells if c.group != cell.group]
    if layout.terminal_m or not others:
        return least
    points = np.array(run.points_m)
    here = points[-1 if last else 0]
    way = np.array(_single_way(layout, run)) if len(points) == 1 else unit(here - points[-2 if last else 1])
    along, across = ((np.array(others) - here) @ np.column_stack([way, (-way[1], way[0])])).T
    aside = np.maximum(np.abs(across) - seat.width_m / 2, 0.0)
    beside = (aside < seat.clear_m) & (np.abs(along) <= layout.pitch_m)
    past = along[beside] + np.sqrt(seat.clear_m**2 - aside[beside] ** 2)
    return least + max(float(past.max(initial=0.0)) - seat.past_m, 0.0)


WAYS_OF_A_SINGLE = 12
"""Directions that the strip on a single pad may lie along."""


@lru_cache(maxsize=64)
def _single_way(layout: Layout, run: StripRun) -> tuple[float, float]:
    """The direction in which the strip on a single pad leaves: where it stays farthest from other cells,
    towards the rear edge if all are alike and on flat cells."""
    cell = layout.by_number[run.cells[0]]
    here = np.array(run.points_m[0])
    others = np.array([(c.x_m, c.y_m) for c in layout.cells if c is not cell and c.block == cell.block])
    best = (0.0, 1.0)
    if not len(others) or layout.terminal_m:
        return best
    most = -1.0
    for k in range(WAYS_OF_A_SINGLE):
        angle = np.pi / 2 + k * 2 * np.pi / WAYS_OF_A_SINGLE
        way = np.array([np.cos(angle), np.sin(angle)])
        along = np.clip((others - here) @ way, 0.0, layout.pitch_m)
        room = round(float(np.hypot(*(others - here - along[:, None] * way).T).min()), 5)
        if room > most:
            most, best = room, (round(float(way[0]), 9), round(float(way[1]), 9))
    return best


def unit(way: Array) -> Array:
    """Return the direction of a way; of none, as between cells put into one place by hand, along the pack.

    Parameters
    ----------
    way : Array
        (2,), m.

    Returns
    -------
    direction : Array
        (2,), of length 1.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> unit(np.array([0.0, 0.02])).tolist(), unit(np.zeros(2)).tolist()
    ([0.0, 1.0], [1.0, 0.0])
    """
    long = hypot(way[0], way[1])
    return np.asarray(way / long) if long else np.array([1.0, 0.0])


def laid_points(layout: Layout, run: StripRun, seat: LeadSeat) -> Array:
    """Return the middle line of a run as it is cut: past its last pads, and on with a tail where a lead is
    joined.

    Parameters
    ----------
    layout : Layout
    run : StripRun
        No plate.
    seat : LeadSeat
        How the leads are joined.

    Returns
    -------
    points : Array
        (n, 2), m, at least two.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace
    >>> run = SimpleNamespace(points_m=((0.0, 0.0), (0.02, 0.0)), kind=StripKind.LINK, node=1)
    >>> laid_points(SimpleNamespace(series=3), run, LeadSeat(0.004, 0.005, False, 0.0)).tolist()
    [[-0.004, 0.0], [0.024, 0.0]]
    """
    before, after = (seat.past_m + tail for tail in tail_lengths(layout, run, seat))
    points = middle_line(run.points_m) if run.kind is StripKind.LADDER else np.array(run.points_m)
    if len(points) == 1:
        way = np.array(_single_way(layout, run))
        return np.asarray(points + np.array([-before * way, after * way]))
    first, last = points[0] - points[1], points[-1] - points[-2]
    points[0] += unit(first) * before
    points[-1] += unit(last) * after
    return points
