"""What a meter should read between any two taps, and by how much it may be off before something is wrong."""

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.tap_check.diagnosis import PackAsked

COVERS = 2.0
"""Standard deviations told as ±."""


@frozen
class Expected:
    """A reading from tap `black` to tap `red`: what is expected and ±, V."""

    black: int
    red: int
    volts: float
    plus_minus: float


def expected_reading(asked: PackAsked, pins: tuple[int, ...], black: int, red: int) -> Expected:
    """Return what the meter should show from one tap to another, with uncertainty from cells, scatter and
    meter. `pins` tells how many groups lie below each tap, from the wiring.

    Groups share how well their common voltage is known (in proportion to their number); their scatter adds in
    quadrature, as do the meter's accuracy and digits. ± is two standard deviations.
    """
    between = pins[red] - pins[black]
    groups = abs(between)
    volts = between * asked.now_v
    meter = asked.meter
    gain = meter.gain_error * abs(volts)
    digits = float(meter.digit_error(np.array(abs(volts))))
    var = (groups * asked.known_to_v / 2) ** 2 + groups * asked.scatter_v**2 + gain**2 + digits**2
    return Expected(black, red, volts, COVERS * var**0.5)


def expected_readings(asked: PackAsked, pins: tuple[int, ...]) -> tuple[Expected, ...]:
    """Return every pin against B0, then each pin against the one before."""
    against = [expected_reading(asked, pins, 0, n) for n in range(1, asked.series + 1)]
    return (*against, *(expected_reading(asked, pins, n - 1, n) for n in range(1, asked.series + 1)))
