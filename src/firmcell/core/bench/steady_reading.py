"""When a reading of a meter stands still, so that it may be taken by itself."""

from collections.abc import Sequence

ALIKE = 3
"""So many readings in a row must agree."""
WITHIN_SHARE, WITHIN_V = 0.003, 0.004
"""How far they may lie apart: a share of the reading, and some digits, V; engineering judgement."""
LEAST_V = 0.15
"""Below it probes in the air cannot be told from probes on metal, V; engineering judgement."""


def steady(readings: Sequence[float]) -> float | None:
    """Return the reading that the last few agree on; None while they wander, or lie where probes in the air
    do.

    Parameters
    ----------
    readings : sequence of float
        Oldest first, V.

    Examples
    --------
    >>> steady([0.02, 7.05, 7.12, 7.121, 7.119])
    7.12
    >>> steady([7.12, 7.0]) is None
    True
    """
    last = list(readings[-ALIKE:])
    if len(last) < ALIKE:
        return None
    middle = sorted(last)[ALIKE // 2]
    if abs(middle) < LEAST_V or max(last) - min(last) > WITHIN_SHARE * abs(middle) + WITHIN_V:
        return None
    return middle


LIFTED_SHARE, LIFTED_V = 0.02, 0.05
"""A reading that differs so much from the one taken is of other places, or of probes lifted."""


class SteadyTaker:
    """Takes each steady reading once: after one is taken, the probes must have been somewhere else."""

    def __init__(self) -> None:
        self._readings: list[float] = []
        self._taken: float | None = None

    def feed(self, reading: float) -> float | None:
        """Take in one reading of the meter, V; returns the steady one where there is a new one."""
        if (
            self._taken is not None
            and abs(reading - self._taken) > LIFTED_SHARE * abs(self._taken) + LIFTED_V
        ):
            self._taken = None
        self._readings = [*self._readings[1 - ALIKE :], reading]
        found = steady(self._readings) if self._taken is None else None
        if found is not None:
            self._taken = found
        return found
