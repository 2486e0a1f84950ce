"""Fuse between load and wire, and against the short-circuit current of the pack."""

from firmcell.core.base.quantity import Frozen
from firmcell.core.model.parts import Fuse

STEADY_SHARE = 0.80
"""Largest steady load on a fuse, of its rating; common practice, no source."""
PEAK_SHARE = 1.35
"""Largest short peak (some seconds) on a slow fuse, of its rating; common practice, no source."""


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


def least_rating(current_steady_a: float, current_peak_a: float) -> float:
    """Return the smallest rating in A that carries the load without ageing or nuisance blowing.

    Parameters
    ----------
    current_steady_a, current_peak_a : float
        A.

    Returns
    -------
    rating : float
        A.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> least_rating(24.0, 27.0)  # four fifths of the rating steadily
    30.0
    """
    return max(current_steady_a / STEADY_SHARE, current_peak_a / PEAK_SHARE)


def fit_fuse(
    fuse: Fuse, steady_a: float, peak_a: float, wire_limit_a: float, fault_a: float, full_v: float
) -> FuseFit:
    """Return whether `fuse` carries the load, protects the wire and can break the prospective fault."""
    least = least_rating(steady_a, peak_a)
    return FuseFit(
        fuse=fuse.name,
        least_rating_a=least,
        greatest_rating_a=wire_limit_a,
        carries_load=fuse.rating_a >= least - 1e-9,
        protects_wire=fuse.rating_a <= wire_limit_a + 1e-9,
        breaks_fault=fuse.breaking_a >= fault_a,
        voltage_is_enough=fuse.voltage_dc_v >= full_v,
    )
