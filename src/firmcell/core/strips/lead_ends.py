"""The bare ends of the main leads where they are joined to the poles: how wide they lie there."""

from math import pi, sqrt

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining, Leads
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.limits import LEAD_TAIL_M
from firmcell.core.strips.laid import LeadSeat, laid_points, tail_lengths, unit
from firmcell.core.strips.made_of import PLACING_M, pad_overhang
from firmcell.core.strips.runs import StripRun, leads_on, strip_runs

BAR_THREADS_M = ((4.5e-6, 0.004), (11e-6, 0.005), (27e-6, 0.006), (75e-6, 0.008), (1.0, 0.010))
"""Screw that holds a lug on a collecting bar, m, by the wire's area in m² up to which it is used; engineering judgement,
lugs of these sizes are common."""
FLATTENED = 1.5
"""Width of a stranded end soldered flat over the diameter of a solid conductor of its area; engineering
judgement."""


def lead_thread(joining: Joining, leads: Leads) -> float:
    """Return the thread under which the lug of a main lead is set, m: of a cell's terminal, or by its wire.

    Parameters
    ----------
    joining : Joining
    leads : Leads

    Returns
    -------
    thread : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> lead_thread(Of(joined_by=JoinedBy.WELD), Of(wire=Of(area_m2=5e-6)))
    0.005
    """
    if joining.joined_by is JoinedBy.SCREW:
        return joining.thread_m
    return next(thread for most, thread in BAR_THREADS_M if leads.wire.area_m2 <= most)


def lug_width(stud_m: float, area_m2: float) -> float:
    """Return the width of a ring lug at its stud: by the stud, and of heavy cable by its barrel pressed flat.

    Parameters
    ----------
    stud_m : float
        Thread, m.
    area_m2 : float
        Of the conductor, m².

    Returns
    -------
    width : float
        m; no generic lug class of that stud and conductor is wider.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> round(lug_width(0.006, 16e-6), 4), round(lug_width(0.008, 70e-6), 4)
    (0.013, 0.0193)
    """
    return max(2 * stud_m + 0.001, 2.3 * sqrt(area_m2) + 0.0001)


def lead_end_width(joining: Joining, leads: Leads) -> float:
    """Return how wide the bare end of a main lead lies on its pole: the lug, or the strands soldered flat.

    Parameters
    ----------
    joining : Joining
    leads : Leads
        Wires in parallel are soldered side by side; lugs lie on each other.

    Returns
    -------
    width : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> round(lead_end_width(Of(leads_bolted=False), Of(wire=Of(area_m2=5e-6), parallel=1)), 5)
    0.00378
    """
    if joining.leads_bolted:
        return lug_width(lead_thread(joining, leads), leads.wire.area_m2)
    return FLATTENED * sqrt(4 * leads.wire.area_m2 / pi) * leads.parallel


LUG_CLEAR_M = 0.002
"""Least distance of a lug from the cans of other groups beside its bar, m, so that a spanner or a turned lug does
not meet one at once; engineering judgement."""


def lead_seat(joining: Joining, leads: Leads, pitch_m: float) -> LeadSeat:
    """Return how the main leads are joined to the collecting strips, for cells `pitch_m` apart."""
    clear = pitch_m / 2 + max(joining.gap_m + PLACING_M, LUG_CLEAR_M)
    width = lead_end_width(joining, leads)
    return LeadSeat(pad_overhang(joining, pitch_m), width, joining.leads_bolted, clear)


@frozen(eq=False)
class LeadEnd:
    """Where a main lead is joined to a collecting strip.

    Attributes
    ----------
    at : the cell it leaves at.
    between : that cell and its neighbour on the strip, between whose pads the lead is joined; None on a tail.
    start, end : middle line of the bare end (2,), m.
    """

    at: int
    between: tuple[int, int] | None
    start: Array
    end: Array

    @property
    def middle(self) -> tuple[float, float]:
        """Its middle, m."""
        x, y = (self.start + self.end) / 2
        return float(x), float(y)


def lead_ends_on(layout: Layout, run: StripRun, seat: LeadSeat) -> list[LeadEnd]:
    """Return the bare lead ends on a collecting strip; a lug is as long as it is wide.

    On a tail the end lies along it. A strip has none at a pad between others: there the lead is joined
    between two pads, away from the cells.
    """
    found: list[LeadEnd] = []
    joined = leads_on(layout, run)
    if not joined:
        return found
    tails = tail_lengths(layout, run, seat)
    points = laid_points(layout, run, seat)
    long = max(LEAD_TAIL_M, seat.width_m) if seat.bolted else LEAD_TAIL_M
    for number in joined:
        last, place = run.cells[-1] == number, run.cells.index(number)
        on_tail = number in (run.cells[0], run.cells[-1]) and bool(tails[1 if last else 0])
        if on_tail:
            tip, before = (points[-1], points[-2]) if last else (points[0], points[1])
        else:
            tip, before = np.array(run.points_m[place]), np.array(run.points_m[place + 1])
        way = unit(before - tip)
        middle = tip + way * long / 2 if on_tail else (tip + before) / 2
        half = max(LEAD_TAIL_M, seat.width_m) / 2
        between = None if on_tail else (number, run.cells[place + 1])
        found.append(LeadEnd(number, between, middle - way * half, middle + way * half))
    return found


def lead_end_at(layout: Layout, joining: Joining, leads: Leads, number: int, node: int) -> LeadEnd | None:
    """Return where a main lead is joined beside a cell to the collecting strip of a pole; None where there is
    no such strip."""
    if node not in (0, layout.series):
        return None
    seat = lead_seat(joining, leads, layout.pitch_m)
    for run in strip_runs(layout):
        if run.node == node and number in leads_on(layout, run):
            return next(end for end in lead_ends_on(layout, run, seat) if end.at == number)
    return None
