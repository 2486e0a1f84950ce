"""What is asked of a pack over time: a current or a power, steady, in peaks, or by a profile."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.duty import Duty


@frozen(eq=False)
class Demand:
    """A current or a power that changes at given moments and holds between them.

    Attributes
    ----------
    times_s, values : when each value begins (k,), from 0 on, and the value (k,), A or W; out of the pack is
    positive.
    watts : whether the values are powers.
    repeats_s : after this it begins again; 0 never. The last value then lasts until there.
    lasts_s : when the demand is over, s; infinite if only the pack ends it.
    """

    times_s: Array
    values: Array
    watts: bool = False
    repeats_s: float = 0.0
    lasts_s: float = float("inf")

    def at(self, time_s: float) -> float:
        """Return the value asked for from a moment on."""
        within = time_s % self.repeats_s if self.repeats_s else time_s
        return float(self.values[max(int(np.searchsorted(self.times_s, within + 1e-9, "right")) - 1, 0)])

    def next_change(self, time_s: float) -> float:
        """Return when the value changes next, s; infinite if it never does."""
        before = (time_s + 1e-9) // self.repeats_s * self.repeats_s if self.repeats_s else 0.0
        later = self.times_s[self.times_s > time_s - before + 1e-9]
        if len(later):
            change = before + float(later[0])
        else:
            change = before + self.repeats_s if self.repeats_s else float("inf")
        return min(change, self.lasts_s)


def steady(value: float, watts: bool = False, lasts_s: float = float("inf")) -> Demand:
    """Return a constant current (A) or power (W)."""
    return Demand(np.zeros(1), np.array([value]), watts, lasts_s=lasts_s)


def of_duty(duty: Duty) -> Demand:
    """Return the current of a brief: each time begins with the peak, and steady follows.

    A peak that never comes again comes once, at the start: when the pack is as cold as it will be.
    """
    values = np.array([duty.peak_a, duty.steady_a])
    if duty.every_s and duty.peak_s >= duty.every_s:
        return steady(duty.peak_a)
    if duty.peak_s <= 0 or duty.peak_a <= duty.steady_a:
        return steady(duty.steady_a)
    return Demand(np.array([0.0, duty.peak_s]), values, repeats_s=duty.every_s or 0.0)


def of_profile(times_s: Array, values: Array, watts: bool) -> Demand:
    """Return the demand of a profile: each value holds until the next one's time; the last row ends it.

    Raises
    ------
    Refusal
        If times do not rise from 0 or a value is not a number.
    """
    if len(times_s) < 2:
        raise Refusal(
            "A profile needs at least two rows: when each value begins, and when the last one ends."
        )
    if not (np.isfinite(times_s).all() and np.isfinite(values).all()):
        raise Refusal("A profile holds a time or a value that is not a number.")
    if times_s[0] != 0 or (np.diff(times_s) <= 0).any():
        raise Refusal("The times of a profile begin at 0 and rise from row to row.")
    return Demand(times_s[:-1], values[:-1], watts, lasts_s=float(times_s[-1]))
