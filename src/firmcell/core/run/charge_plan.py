"""What a charge should look like minute by minute: the plan that readings at the bench are held against."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import celsius
from firmcell.core.run.run_result import RunResult
from firmcell.core.strips.heat_envelope import AIR_EDGE

METER_SHARE = 0.005
"""By how much a reading may be off that is right, as a share of it: a hand meter with leads; common practice, no source."""
SETTLES_K = 2.0
"""A cell may be so much warmer than the plan before it is told: a sensor on a sleeve, a hand near it; engineering
judgement."""


@frozen(eq=False)
class ChargePlan:
    """A charge at k moments, from the coolest to the warmest and from the least to the most that cells of a
    class do.

    Attributes
    ----------
    time_s : from the beginning (k,).
    low_v, high_v : of the pack at the charger (k,), V.
    low_a, high_a : into the pack (k,), A.
    most_k : the hottest cell is no warmer (k,), K.
    """

    time_s: Array
    low_v: Array
    high_v: Array
    low_a: Array
    high_a: Array
    most_k: Array


SURE = (0.0, 0.0, float("inf"))
"""Nothing is unsure but what the runs span."""


def charge_plan(
    runs: tuple[RunResult, ...],
    ambient_k: float,
    unsure_v: tuple[float, float, float] = SURE,
    every_s: float = 60.0,
) -> ChargePlan:
    """Return the plan of a charge from its runs with cells in the middle and at the edges of their class.

    Parameters
    ----------
    runs : tuple of RunResult
        Of the same charge.
    ambient_k : float
        K.
    unsure_v : tuple of float
        How much lower, and how much higher, a right charge may stand than the runs, and up to what voltage
        that may take it, V.
    every_s : float
        From moment to moment, s.

    Returns
    -------
    plan : ChargePlan
        Until the last of the runs ends; one that is over stays where it ended, with no current.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> time = np.array([0.0, 120.0])
    >>> one = Of(time_s=time, voltage_v=np.array([36.0, 38.0]), current_a=np.array([-2.0, -2.0]),
    ...     temperature_max_k=np.array([300.0, 302.0]))
    >>> plan = charge_plan((one,), 300.0)
    >>> plan.time_s.tolist(), plan.low_v.round(3).tolist()  # half of a hundredth below 36, 37 and 38 V
    ([0.0, 60.0, 120.0], [35.82, 36.815, 37.81])
    """
    last = max(float(run.time_s[-1]) for run in runs)
    time = np.append(np.arange(0.0, last, every_s), last)
    volts = np.array([np.interp(time, run.time_s, run.voltage_v) for run in runs])
    amps = np.array([np.interp(time, run.time_s, -run.current_a, right=0.0) for run in runs])
    kelvin = np.array([np.interp(time, run.time_s, run.temperature_max_k) for run in runs])
    most = volts.max(axis=0)
    # No further than the charger goes, so that one that goes too high is told.
    high = np.maximum(most, np.minimum(most + unsure_v[1], unsure_v[2]))
    return ChargePlan(
        time_s=time,
        low_v=volts.min(axis=0) * (1 - METER_SHARE) - unsure_v[0],
        high_v=high * (1 + METER_SHARE),
        low_a=amps.min(axis=0),
        high_a=amps.max(axis=0),
        most_k=ambient_k + (kelvin.max(axis=0) - ambient_k) * AIR_EDGE + SETTLES_K,
    )


def against_plan(plan: ChargePlan, time_s: float, volts: float | None, kelvin: float | None) -> str:
    """Return in one sentence what is wrong with a reading of a charge; nothing where it lies in the plan.

    Parameters
    ----------
    plan : ChargePlan
    time_s : float
        Since the charge began.
    volts, kelvin : float or None
        Read at the charger, and of the hottest cell.
    """
    # Between two minutes the voltage bends, most in the first: what both ends allow is allowed.
    after = int(np.clip(np.searchsorted(plan.time_s, time_s), 1, len(plan.time_s) - 1))
    low = float(plan.low_v[after - 1 : after + 1].min())
    high = float(plan.high_v[after - 1 : after + 1].max())
    most = float(np.interp(time_s, plan.time_s, plan.most_k))
    at = f"{time_s / 60:.0f} min"
    if kelvin is not None and kelvin > most:
        return (
            f"After {at} a cell is at {celsius(kelvin)}, and {celsius(most)} is the most to be expected: "
            "stop the charge and find out why."
        )
    if volts is None or low <= volts <= high:
        return ""
    why = (
        "a cell is missing, reversed or shorted, or the pack was emptier than thought"
        if volts < low
        else "a joint resists, a group is full already, or the pack was fuller than thought"
    )
    return f"After {at} it is at {volts:.2f} V, and {low:.2f} to {high:.2f} V is to be expected: {why}."
