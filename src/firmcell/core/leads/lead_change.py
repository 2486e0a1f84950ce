"""Changing the connector of a live pack: what wire is left, where the sleeve waits, what the heat does, which
end is live."""

from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.leads.soldering import JointWork, far_end_rise, joint_work
from firmcell.core.model.design import Design, FirstLead
from firmcell.core.model.job_details import TakeOff
from firmcell.core.model.parts import Connector, Wire

CUT_BEHIND_M = 0.004
"""A cut lies this far behind the old body; common practice, no source."""
TRIMMED_M = 0.003
"""Taken off an unsoldered end, so that no old solder goes into the new cup; common practice, no source."""
SLEEVE_SHRINKS_RISE_K = 55.0
"""Rise at which a common sleeve begins to shrink where it waits (about 75 °C from a 20 °C bench); generic
class value."""


@frozen
class ChangedLead:
    """One conductor of a lead change.

    Attributes
    ----------
    left_m : wire from the pack to where the new cup begins.
    lost_m : what the change takes off it.
    parked_m : how far from the joint the sleeve must wait to stay as it is.
    needed_m : least wire for cup, sleeve and its waiting place.
    reaches : whether it still reaches.
    sleeve_can_wait : whether there is room for the sleeve to wait.
    """

    work: JointWork
    left_m: float
    lost_m: float
    parked_m: float
    needed_m: float
    reaches: bool
    sleeve_can_wait: bool


def parking_distance(seconds: float) -> float:
    """Return how far along copper wire from a soldered end the rise stays below what shrinks a sleeve.

    Parameters
    ----------
    seconds : float
        The iron stays on, s.

    Returns
    -------
    distance : float
        m.

    References
    ----------
    .. [1] carslaw-jaeger

    Examples
    --------
    >>> from firmcell.core.leads.soldering import far_end_rise
    >>> away = parking_distance(4.0)
    >>> bool(abs(far_end_rise(away, 4.0) - SLEEVE_SHRINKS_RISE_K) < 0.01)
    True
    >>> round(parking_distance(16.0) / away, 6)  # heat spreads with the square root of the time
    2.0
    """
    low, high = 0.0, 1.0
    for _ in range(40):
        middle = (low + high) / 2
        low, high = (middle, high) if far_end_rise(middle, seconds) > SLEEVE_SHRINKS_RISE_K else (low, middle)
    return high


@lru_cache(maxsize=32)
def _changed(
    wire: Wire, new: Connector, there_m: float, reach_m: float, cut: bool, old_depth_m: float
) -> ChangedLead:
    lost = CUT_BEHIND_M if cut else TRIMMED_M
    # Cutting leaves the piece in the old cup behind; what is stripped for the new one goes into it and is not
    # lost.
    left = there_m - lost - (old_depth_m if cut else 0.0)
    work = joint_work(wire, new, max(left, 1e-3))
    parked = parking_distance(2 * work.seconds)
    sleeve = work.sleeve.cut_m if work.sleeve else 0.0
    needed = new.cup_depth_m + parked + sleeve
    return ChangedLead(work, left, there_m - left, parked, needed, left >= reach_m, left >= needed)


def changed_lead(design: Design) -> ChangedLead:
    """Return what the change of connector in `design` makes of each of its leads."""
    job, leads = design.lead_change, design.leads
    cut = job.take_off is TakeOff.CUT
    depth = job.old_connector.cup_depth_m if job.old_connector and cut else 0.0
    return _changed(leads.wire, leads.connector, job.wire_there_m, job.reach_m, cut, depth)


def pole_order(design: Design) -> tuple[str, str]:
    """Return the two poles in the order they are worked."""
    order = ("minus", "plus")
    return order if design.leads.first_lead is FirstLead.NEGATIVE else (order[1], order[0])
