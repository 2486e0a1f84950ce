"""What readings say of each group's voltage, with the meter's error: an interval, not a number.

A group is read from pin to pin, or as the difference of two readings with one probe in common. Two readings
in one range share its calibration, so that their difference is nearly as good as a direct one; across a
change of range it is not, and where the meter shows tenths it says next to nothing.
"""

from collections.abc import Mapping

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.tap_check.meter import Meter

COARSE_FROM = 2
"""So many readings that end at a place before their last were taken in a range that shows no more."""
CONTACT_V = 0.005
"""What probes and pins add to any reading, V; engineering judgement."""


@frozen
class GroupReading:
    """One way in which a group was read.

    Attributes
    ----------
    volts : V.
    digits_v : how far it may be off by last places and contact, V.
    gain_v : how far by the calibration of the ranges, V.
    ranged : the range whose calibration it has; None across two.
    direct : whether it was read from pin to pin.
    """

    volts: float
    digits_v: float
    gain_v: float
    ranged: int | None
    direct: bool

    @property
    def off_v(self) -> float:
        """How far it may be off in all, V."""
        return self.digits_v + self.gain_v


@frozen
class GroupInterval:
    """What all readings together say of a group.

    Attributes
    ----------
    low_v, high_v : where it lies, V; `high_v` below `low_v` where readings contradict each other.
    ways : each way in which it was read, the closest first.
    """

    low_v: float
    high_v: float
    ways: tuple[GroupReading, ...]

    @property
    def best(self) -> GroupReading:
        """The closest way."""
        return self.ways[0]

    @property
    def direct(self) -> bool:
        """Whether it was read from pin to pin."""
        return any(way.direct for way in self.ways)

    @property
    def contradicts(self) -> bool:
        """Whether no voltage is in agreement with all readings."""
        return self.high_v < self.low_v


@frozen
class Shown:
    """A reading with its last place and range."""

    volts: float
    place_v: float
    ranged: int


def shown_by(meter: Meter, readings: Mapping[tuple[int, int], float]) -> dict[tuple[int, int], Shown]:
    """Return each reading with its last place in V: the meter's own, or a coarser one if all end there."""
    found = {}
    sure = {}
    for points, volts in readings.items():
        # Just under the end of a range it may be from the next one, unless it ends at a finer place.
        own = float(meter.resolution(volts))
        most = abs(volts) * (1 + 2 * meter.accuracy) + meter.digits * 10 * own
        if not _ends_at(np.array([volts]), float(meter.resolution(most))):
            most = abs(volts)
        found[points] = Shown(volts, float(meter.resolution(most)), int(meter.range_of(most)))
        sure[points] = own
    least = _coarse([(v, sure[points]) for points, v in readings.items() if v != 0])
    for points, s in found.items():
        if s.place_v < least:
            # Held in a higher range by hand: each tenfold place is one range up.
            ranged = min(s.ranged + round(float(np.log10(least / s.place_v))), 2)
            found[points] = Shown(s.volts, least, ranged)
    return found


def _coarse(readings: list[tuple[float, float]]) -> float:
    """The last place at which readings (V, and the place they could have) end where finer ones were to be
    had; else 0."""
    for place in (0.1, 0.01):
        finer = np.array([v for v, own in readings if own < 0.99 * place])
        if len(finer) >= COARSE_FROM and _ends_at(finer, place):
            return place
    return 0.0


def _ends_at(volts: Array, place: float) -> bool:
    """Whether readings are whole multiples of a place, V."""
    return bool(np.allclose(volts / place, np.round(volts / place), atol=1e-3))


def group_intervals(
    meter: Meter, readings: Mapping[tuple[int, int], float], series: int
) -> dict[int, GroupInterval]:
    """Return where each group lies by all readings that tell of it; groups nothing tells of are left out.

    Parameters
    ----------
    meter : Meter
    readings : mapping
        Volts by black and red point; pins are 0 to `series`, more are passed over.
    series : int

    Returns
    -------
    intervals : dict
        By group, from 1.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> found = group_intervals(Meter(), {(0, 1): 3.712, (0, 2): 7.43, (0, 3): 11.14}, 3)
    >>> round(found[1].best.off_v, 4), found[2].best.ranged  # 0.5 %, 2 digits and contact; a change of range
    (0.0256, None)
    """
    shown = shown_by(meter, readings)
    both_ways = dict(shown)
    for (black, red), s in shown.items():
        both_ways.setdefault((red, black), Shown(-s.volts, s.place_v, s.ranged))
    # A probe on its own point reads nothing, exactly.
    for point in {p for points in shown for p in points}:
        both_ways[point, point] = Shown(0.0, 0.0, -1)
    found = {}
    for group in range(1, series + 1):
        ways = _ways(meter, both_ways, group)
        if ways:
            low = max(w.volts - w.off_v for w in ways)
            high = min(w.volts + w.off_v for w in ways)
            ways.sort(key=lambda w: (w.off_v, not w.direct))
            found[group] = GroupInterval(low, high, tuple(ways))
    return found


def _ways(meter: Meter, shown: Mapping[tuple[int, int], Shown], group: int) -> list[GroupReading]:
    ways = []
    for (black, red), there in shown.items():
        if red != group:
            continue
        here = shown.get((black, group - 1))
        if here is None:
            continue
        volts = there.volts - here.volts
        direct = black == group - 1 or black == group
        digits = meter.digits * (there.place_v + here.place_v) + CONTACT_V
        if here.ranged == there.ranged or -1 in (here.ranged, there.ranged):
            ranged, gain = max(here.ranged, there.ranged), meter.accuracy * abs(volts)
            ways.append(GroupReading(volts, digits, gain, ranged, direct))
        else:
            gain = meter.accuracy * (abs(there.volts) + abs(here.volts))
            ways.append(GroupReading(volts, digits, gain, None, direct))
    return ways
