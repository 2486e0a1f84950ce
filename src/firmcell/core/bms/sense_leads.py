"""What a short of sense leads does, and whether fuses in them are worth it."""

from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.model.parts import Wire
from firmcell.core.physics.wire_in_time import onderdonk_fusing

SENSE_FUSE_A = 0.5
"""Least sense fuse that balance current does not blow; generic class value."""
SLOW_TO_MELT_S = 30.0


@frozen
class SenseLead:
    """What a short of two sense leads would do, and whether a sense fuse is worth it.

    Attributes
    ----------
    short_a : through one group's sense leads shorted at the plug, their own resistance counted.
    melts_s : how long the thinnest copper stands it before it melts (Onderdonk); large is long.
    fuse_a : a sense fuse to put at each tap, or None where the lead is heavy enough to be seen.
    """

    short_a: float
    melts_s: float
    fuse_a: float | None


@lru_cache(maxsize=32)
def sense_short(wire: Wire, length_m: float, group_v: float, group_ohm: float) -> SenseLead:
    """Return what happens when two neighbouring sense leads touch at the plug."""
    loop = group_ohm + 2 * length_m * wire.resistance_ohm_per_m
    amps = group_v / loop
    one_second = onderdonk_fusing(wire.area_m2, 1.0)
    # Onderdonk's current goes with one over the root of time.
    melts = (one_second / amps) ** 2
    return SenseLead(amps, melts, SENSE_FUSE_A if melts < SLOW_TO_MELT_S else None)
