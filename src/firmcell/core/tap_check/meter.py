"""The meter that readings are taken with: its ranges, its accuracy, and what it shows on a lead that
floats."""

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen


@frozen
class Meter:
    """A hand meter by its data sheet.

    Attributes
    ----------
    accuracy : of the reading; taken as the calibration of a range, the same for all readings in it.
    digits : last places that a reading may be off besides.
    counts : largest number it shows; its ranges are this times 0.001, 0.01 and 0.1 V.
    """

    accuracy: float = 0.005
    digits: float = 2.0
    counts: int = 6000

    def range_of(self, volts: ArrayLike) -> NDArray[np.intp]:
        """Return the range (0, 1, 2) that each reading in V is taken in."""
        size = np.abs(np.asarray(volts, dtype=float))
        return np.asarray(
            (size >= self.counts * 1e-3).astype(int) + (size >= self.counts * 1e-2), dtype=np.intp
        )

    def resolution(self, volts: ArrayLike) -> Array:
        """Return the last place in V at each reading."""
        return np.asarray(10.0 ** (self.range_of(volts) - 3.0))

    def digit_error(self, volts: ArrayLike) -> Array:
        """Return the standard deviation in V of what differs from reading to reading: the digits, evenly
        spread."""
        return np.asarray(self.digits * self.resolution(volts) / np.sqrt(3))

    @property
    def gain_error(self) -> float:
        """Standard deviation of a range's calibration, relative: the accuracy, evenly spread."""
        return self.accuracy / float(np.sqrt(3))

    def read(self, volts: ArrayLike, gains: ArrayLike, dice: "np.random.Generator") -> Array:
        """Return what it shows for true voltages (…, n) with the calibrations (…, 3) of its ranges, V."""
        return self.shows(volts, gains, dice.uniform(-self.digits, self.digits, np.shape(volts)))

    def shows(self, volts: ArrayLike, gains: ArrayLike, off_digits: ArrayLike) -> Array:
        """Return the same with the last place of each reading (…, n) off by so many digits."""
        true = np.asarray(volts, dtype=float)
        spot = self.range_of(true)
        gain = np.take_along_axis(np.broadcast_to(gains, (*true.shape[:-1], 3)), spot, axis=-1)
        step = self.resolution(true)
        return np.asarray(np.round((true * (1 + gain) + np.asarray(off_digits) * step) / step) * step)


HAND_METER = Meter()
"""A common one of 6000 counts, 0.5 % + 2 digits."""
FLOATING_SHARES, FLOATING_SD_V = (0.35, 0.35), (0.003, 0.06)
"""A lead that floats reads nothing or next to nothing in most cases (10 MΩ pull it to the other probe), anything now
and then; engineering judgement. So nothing, read between two points of what should be one metal, does not prove that
they are joined."""


def floating_density(volts: ArrayLike, most_v: float) -> Array:
    """Return the density of a reading on a floating lead: mostly nothing, else anything.

    Parameters
    ----------
    volts : array_like
        Readings, V.
    most_v : float
        Greatest voltage in the pack, V.

    Returns
    -------
    density : ndarray
        1/V.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> import numpy as np
    >>> volts = np.arange(-50.0, 50.0, 0.001)
    >>> round(float(np.sum(floating_density(volts, 40.0)) * 0.001), 3)  # a density: its integral is one
    1.0
    """
    read = np.asarray(volts, dtype=float)
    density = (1 - sum(FLOATING_SHARES)) * (np.abs(read) <= 1.2 * most_v) / (2.4 * most_v)
    for share, sd in zip(FLOATING_SHARES, FLOATING_SD_V, strict=True):
        density += share * np.exp(-0.5 * (read / sd) ** 2) / (sd * np.sqrt(2 * np.pi))
    return np.asarray(density)
