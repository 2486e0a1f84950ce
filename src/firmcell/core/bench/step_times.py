"""How long a step takes: by what it asks for, or as this workshop took for its like."""

import re
from collections.abc import Iterable, Mapping
from datetime import datetime
from itertools import pairwise
from statistics import median

from firmcell.core.records.events import Event, StepPassed
from firmcell.core.records.ledger import ledger_of
from firmcell.core.records.step import Step

BASE_S = {
    "checked": 60.0,
    "cell-check": 120.0,
    "weld-sample": 900.0,
    "weld-row": 120.0,
    "solder-joint": 420.0,
    "screw-joint": 180.0,
    "crimp-joint": 300.0,
    "tap-reading": 120.0,
    "polarity-reading": 60.0,
    "insulation-reading": 180.0,
    "as-found": 240.0,
    "weighing": 300.0,
}
"""By the kind of record, s; engineering judgement."""
EACH_CHECK_S, EACH_CELL_S, EACH_JOINT_S, EACH_TAP_S = 20.0, 25.0, 12.0, 20.0
WATCHED_S = {"first-charge": 3 * 3600.0, "host-charge": 3 * 3600.0, "balance-charge": 2 * 3600.0}
"""Steps that somebody stays by, s; engineering judgement."""
LEAST_S = 60.0
LONGEST_S = 2700.0
"""A longer pause between two passed steps is a break and teaches nothing, s."""
ENOUGH = 3
"""So many of its like make this workshop's time count."""


def family(code: str) -> str:
    """Return what a step's code is without its number: steps of one family take alike."""
    return re.sub(r"-?N?\d+$", "", code)


def estimated(
    step: Step, learned: Mapping[str, float], cells: int = 0, joints: int = 0, taps: int = 0
) -> float:
    """Return how long a step takes, s, without what it lasts by the clock.

    Parameters
    ----------
    step : Step
    learned : mapping
        Seconds by family, as this workshop took; those count before any estimate.
    cells, joints, taps : int
        That are measured, joined or read in it.

    Returns
    -------
    seconds : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> look = Step("rings", "Prepare", "t", "w.", records=("checked",), checks=("a", "b"))
    >>> estimated(look, {}), estimated(look, {"rings": 300.0})
    (100.0, 300.0)
    """
    own = learned.get(family(step.code))
    if own is not None:
        return own
    seconds = sum(BASE_S.get(kind, 60.0) for kind in step.records) + EACH_CHECK_S * len(step.checks)
    if "cell-check" in step.records:
        seconds += EACH_CELL_S * cells
    if "weld-row" in step.records or "screw-joint" in step.records:
        seconds += EACH_JOINT_S * joints
    if "tap-reading" in step.records:
        seconds += EACH_TAP_S * taps
    return max(seconds, LEAST_S) + WATCHED_S.get(step.code, 0.0)


def taken(events: Iterable[Event]) -> list[tuple[str, float]]:
    """Return family and seconds of each step passed within one sitting of the one before, in order."""
    passed = ledger_of(events).with_kind(StepPassed)
    found = []
    for before, after in pairwise(passed):
        seconds = (datetime.fromisoformat(after.time) - datetime.fromisoformat(before.time)).total_seconds()
        if 0 < seconds <= LONGEST_S:
            found.append((family(after.step), seconds))
    return found


def learned(samples: Mapping[str, list[float]]) -> dict[str, float]:
    """Return the median of each family that was timed often enough, s."""
    return {name: median(times) for name, times in samples.items() if len(times) >= ENOUGH}
