"""A charge or a capacity test that is watched: readings as they come, held against the plan, and at the end
a verdict."""

from collections.abc import Sequence

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH, WH
from firmcell.core.base.wording import celsius, figures, plural, volts
from firmcell.core.run.charge_plan import ChargePlan, against_plan

IN_A_ROW = 2
"""So many readings in a row must lie outside before it is told: one alone may be a hand at the probe; engineering
judgement. Warmth is told at once."""
ENDED_A = 0.05
"""Below this share of the greatest current a charge counts as ended."""
SHORT_OF = 0.90
"""A capacity under this share of the rated one is told; common practice, no source."""


@frozen
class Reading:
    """What instruments showed at one moment.

    Attributes
    ----------
    time_s : since the beginning.
    volts, amps : at the charger or load, current without its sign; None where not read.
    kelvin : of the hottest place measured; None where not read.
    """

    time_s: float
    volts: float | None
    amps: float | None = None
    kelvin: float | None = None


@frozen
class WatchVerdict:
    """What a watched run says.

    Attributes
    ----------
    right : whether nothing left the plan.
    words : one sentence for each thing, worst first.
    faults : how many readings lay outside.
    seconds, end_v, most_k : how long, the last voltage, and the warmest; None where not read.
    capacity_as, energy_j : given in a capacity test; None in a charge.
    """

    right: bool
    words: tuple[str, ...]
    faults: int
    seconds: float
    end_v: float | None
    most_k: float | None
    capacity_as: float | None = None
    energy_j: float | None = None


def alarm(plan: ChargePlan, readings: Sequence[Reading]) -> str:
    """Return in one sentence what is wrong now; nothing where the last readings lie in the plan.

    Parameters
    ----------
    plan : ChargePlan
    readings : sequence of Reading
        Oldest first.
    """
    if not readings:
        return ""
    last = readings[-1]
    hot = against_plan(plan, last.time_s, None, last.kelvin)
    if hot:
        return hot
    told = [against_plan(plan, r.time_s, r.volts, None) for r in readings[-IN_A_ROW:]]
    return told[-1] if len(told) == IN_A_ROW and all(told) else ""


def has_ended(readings: Sequence[Reading]) -> bool:
    """Whether the current has died away, as at the end of a charge."""
    amps = [r.amps for r in readings if r.amps is not None]
    return len(amps) > IN_A_ROW and max(amps) > 0 and max(amps[-IN_A_ROW:]) < ENDED_A * max(amps)


def verdict(plan: ChargePlan, readings: Sequence[Reading], rated_as: float | None = None) -> WatchVerdict:
    """Return what a watched run says.

    Parameters
    ----------
    plan : ChargePlan
    readings : sequence of Reading
    rated_as : float or None
        Of a capacity test the rated capacity, A·s; None in a charge.
    """
    if not readings:
        return WatchVerdict(False, ("Nothing was read.",), 0, 0.0, None, None)
    outside = [told for r in readings if (told := against_plan(plan, r.time_s, r.volts, r.kelvin))]
    warm = [r.kelvin for r in readings if r.kelvin is not None]
    read = [r.volts for r in readings if r.volts is not None]
    lasted = readings[-1].time_s
    words = []
    if outside:
        words.append(
            f"{plural(len(outside), 'reading')} of {len(readings)} left the plan, first so: {outside[0]}"
        )
    else:
        words.append(f"All {plural(len(readings), 'reading')} lay in the plan, over {lasted / 60:.0f} min.")
    if read:
        words.append(f"It ended at {volts(read[-1])}.")
    words.append(f"Warmest: {celsius(max(warm))}." if warm else "Warmth was not measured: feel it.")
    capacity, energy = given_by(readings) if rated_as is not None else (None, None)
    short = False
    if capacity is not None and energy is not None and rated_as:
        short = capacity < SHORT_OF * rated_as
        words.append(
            f"It gave {figures(capacity / AH, 3)} Ah and {figures(energy / WH, 3)} Wh: {capacity / rated_as:.0%} of the rated capacity"
            + (", too little." if short else ".")
        )
    return WatchVerdict(
        not outside and not short,
        tuple(words),
        len(outside),
        lasted,
        read[-1] if read else None,
        max(warm, default=None),
        capacity,
        energy,
    )


def given_by(readings: Sequence[Reading]) -> tuple[float, float]:
    """Return the charge and energy that readings add up to, A·s and J, by the trapezoidal rule; what was
    not read counts as nothing.

    Examples
    --------
    >>> given_by([Reading(0.0, 40.0, 2.0), Reading(3600.0, 30.0, 2.0)])
    (7200.0, 252000.0)
    """
    kept = [r for r in readings if r.amps is not None]
    if len(kept) < 2:
        return 0.0, 0.0
    time = np.array([r.time_s for r in kept])
    amps = np.array([abs(r.amps or 0.0) for r in kept])
    power = amps * np.array([r.volts or 0.0 for r in kept])
    return float(np.trapezoid(amps, time)), float(np.trapezoid(power, time))
