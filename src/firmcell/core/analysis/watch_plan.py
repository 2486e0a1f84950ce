"""What a watched charge or capacity test should look like, from the run of the pack."""

import numpy as np

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.run_of_design import Asked, charge_unsure_v, run_with_band
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.age import Age
from firmcell.core.cells.class_models import curves_of
from firmcell.core.model.design import Design
from firmcell.core.records.events import Watched
from firmcell.core.run.charge_plan import SURE, ChargePlan, charge_plan
from firmcell.core.run.demand import steady
from firmcell.core.run.run_result import RunResult
from firmcell.core.strips.under_load import UnderLoad

LEAST_BEGUN = 0.02
ROOM_K = 295.15
"""A bench in a room, where nobody said otherwise, K."""


@frozen(eq=False)
class WatchPlan:
    """A run that is going to be watched.

    Attributes
    ----------
    plan : its band, moment by moment.
    played : how it should go with cells in the middle of their class.
    rated_as : of a capacity test what the pack is rated at, A·s; None in a charge.
    until_v : at which a discharge ends, V.
    """

    plan: ChargePlan
    played: RunResult
    rated_as: float | None
    until_v: float


def begun_at(design: Design, curve: int = 0) -> float:
    """Return the charge that cells stand at by their voltage at rest, 0 to 1, by one of their `curves_of`."""
    model = curves_of(design.cell)[curve]
    order = np.argsort(model.resting_v)
    return float(np.interp(design.cell_now_v, model.resting_v[order], model.charge[order]))


def watch_plan(
    design: Design,
    analysis: Analysis,
    metal: UnderLoad,
    what: Watched,
    current_a: float,
    ambient_k: float = ROOM_K,
) -> WatchPlan:
    """Return the plan of a first charge, or of a capacity test from full at a current.

    Raises
    ------
    Refusal
        If the run cannot begin.
    """
    charging = what is Watched.CHARGE
    until_v = design.series * design.cell.empty_v
    if not charging and design.brief.load_voltage_min_v > until_v:
        # An electronic load goes on to where the cells are empty, further than the pack's own load.
        design = design.edited("brief.load_voltage_min_v", until_v)
    lithium, runs = design.cell.chemistry.is_lithium, list[RunResult]()
    # Where a class has no set of its own, cells lie anywhere between two curves: a run by any of them
    # is right. Nickel follows its class's in charge; what tells so little is how full it was.
    for curve in range(len(curves_of(design.cell))):
        begun = max(min(begun_at(design, curve), 0.98), LEAST_BEGUN) if charging else 1.0
        asked = Asked(None if charging else steady(current_a), begun, ambient_k, Age.NEW)
        by = curve if lithium or not charging else None
        middle, edges, _ = run_with_band(design, analysis, metal, asked, curve=by)
        runs += [middle, *(edges or ())]
    unsure = SURE if lithium or not charging else charge_unsure_v(design)
    rated = None if charging else design.parallel * design.cell.capacity_as
    return WatchPlan(charge_plan(tuple(runs), ambient_k, unsure), runs[0], rated, until_v)
