"""Fuse between load and wire, and against the short-circuit current of the pack."""

import numpy as np

from firmcell.core.base.quantity import Frozen
from firmcell.core.leads.fuse_timing import BANDS
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Fuse, FuseKind

STEADY_SHARE = 0.80
"""Largest steady load on a fuse, of its rating; common practice, no source."""
PEAK_HOLDS = 1.5
"""A fuse must hold a peak for so many times its duration by the quick end of its band; engineering
judgement."""
MOST_MULTIPLE = 10.0
TOO_LARGE = 2.0
"""A fuse of so many times what the wire carries protects it from nothing but a dead short; engineering
judgement."""


class FuseFit(Frozen):
    """How a fuse sits between load, wire and fault. Currents in A, voltages in V."""

    fuse: str
    least_rating_a: float
    greatest_rating_a: float
    carries_load: bool
    protects_wire: bool
    breaks_fault: bool
    voltage_is_enough: bool

    @property
    def fits(self) -> bool:
        """All four hold."""
        return self.carries_load and self.protects_wire and self.breaks_fault and self.voltage_is_enough


def held_multiple(construction: FuseKind, seconds: float) -> float:
    """Return the largest multiple of its rating that a fuse holds for certain for a time.

    Parameters
    ----------
    construction : FuseKind
    seconds : float
        s.

    Returns
    -------
    multiple : float
        1, `MOST_MULTIPLE` at most.

    References
    ----------
    .. [1] iso-8820

    Examples
    --------
    >>> round(held_multiple(FuseKind.BLADE, 0.15), 6), round(held_multiple(FuseKind.BOLTED, 120.0), 6)
    (2.0, 1.35)
    """
    multiple, quick, _ = np.array(BANDS[construction]).T
    if seconds < quick[-1]:
        return float(min(multiple[-1] * np.sqrt(quick[-1] / max(seconds, 1e-9)), MOST_MULTIPLE))
    found = np.interp(np.log(seconds), np.log(quick[::-1]), np.log(multiple[::-1]))
    return float(np.exp(found))


def least_rating(duty: Duty, construction: FuseKind = FuseKind.BOLTED) -> float:
    """Return the smallest rating that carries the load without ageing or nuisance blowing.

    Parameters
    ----------
    duty : Duty
        Steady, or by its mean square where peaks come again; and each peak for its real seconds.
    construction : FuseKind

    Returns
    -------
    rating : float
        A.

    References
    ----------
    .. [1] common-practice
    .. [2] iso-8820

    Examples
    --------
    >>> least_rating(Duty(24.0, 24.0, 0.0))  # four fifths of the rating steadily
    30.0
    >>> least_rating(Duty(10.0, 54.0, 80.0))  # a bolted fuse holds 1.35 times its rating for 120 s
    40.0
    """
    steady = duty.lasting_a / STEADY_SHARE
    if duty.peak_s <= 0 or duty.peak_a <= duty.steady_a:
        return steady
    return max(steady, duty.peak_a / held_multiple(construction, PEAK_HOLDS * duty.peak_s))


def fit_fuse(fuse: Fuse, duty: Duty, wire_limit_a: float, fault_a: float, full_v: float) -> FuseFit:
    """Return whether `fuse` carries the load, protects the wire and can break the prospective fault."""
    least = least_rating(duty, fuse.construction)
    return FuseFit.model_construct(
        fuse=fuse.name,
        least_rating_a=least,
        greatest_rating_a=wire_limit_a,
        carries_load=fuse.rating_a >= least - 1e-9,
        protects_wire=fuse.rating_a <= wire_limit_a + 1e-9,
        breaks_fault=fuse.breaking_a >= fault_a,
        voltage_is_enough=fuse.voltage_dc_v >= full_v,
    )
