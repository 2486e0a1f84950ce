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


def plug_places(names: tuple[str, ...], series: int) -> dict[int, int | None]:
    """Return which place in a plug each tap goes to by what is printed there, from 0; None where no pad has
    its name.

    B0 is often printed B− or 0, the last one B+. Plain numbers, and nominal voltages that rise from pad to
    pad (3.7, 7.4 …), tell the order as well; so does a row of just the right length with none of these names.

    Parameters
    ----------
    names : tuple of str
        As printed, in the order they lie.
    series : int
        Groups.

    Returns
    -------
    places : dict
        Place of each tap from 0, or None.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> plug_places(("B-", "B1", "B2"), 2), plug_places(("B+", "3.7", "B-"), 2)
    ({0: 0, 1: 1, 2: 2}, {0: 2, 1: 1, 2: 0})
    """
    plain = [n.upper().replace("−", "-").replace(" ", "") for n in names]
    found: dict[int, int | None] = {}
    for tap in range(series + 1):
        wanted = (
            f"B{tap}",
            str(tap),
            *(("B-", "GND", "0V") if tap == 0 else ()),
            *(("B+",) if tap == series else ()),
        )
        found[tap] = next((plain.index(want) for want in wanted if want in plain), None)
    if any(place is None for place in found.values()):
        rising = _rising(plain)
        if rising is not None and len(rising) == series + 1:
            return dict(enumerate(rising))
        if len(names) == series + 1 and all(
            place is None for tap, place in found.items() if 0 < tap < series
        ):
            backwards = found.get(0) == series or found.get(series) == 0
            return {tap: series - tap if backwards else tap for tap in range(series + 1)}
    return found


def _rising(plain: list[str]) -> list[int] | None:
    """Places in order of the voltages printed on them, B− and 0 being nothing; None if one has no number."""
    volts = []
    for name in plain:
        text = "0" if name in ("B-", "GND", "B0") else name.removesuffix("V")
        try:
            volts.append(float(text))
        except ValueError:
            return None
    return sorted(range(len(plain)), key=lambda n: volts[n])
