"""Rules on the bars whose ends bear the lugs of the main leads."""

from collections.abc import Iterator

import numpy as np

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.arrays import Array
from firmcell.core.base.wording import millimetres
from firmcell.core.model.design import StripStyle
from firmcell.core.rules.table import Hit, rule
from firmcell.core.strips.laid import laid_points
from firmcell.core.strips.lead_ends import lead_seat
from firmcell.core.strips.runs import leads_on, metal_runs

SEEN_M = 0.008
"""A tail that reaches no farther past the cells is folded down or lies within the ease of a box, m; engineering
judgement."""


@rule(
    "SR-22",
    Stage.STRIPS,
    Severity.ATTENTION,
    source="geometry of lug, bar and cells",
    reason="The outer size counts cells, sheet and sleeve, not bars that stick out.",
)
def bars_stick_out(s: Situation) -> Iterator[Hit]:
    """Bars for lugs that reach past the outline of the cells."""
    layout, d = s.analysis.layout, s.design
    if d.joining.style is StripStyle.PLATES or not d.joining.leads_bolted:
        return
    seat = lead_seat(d.joining, d.leads, layout.pitch_m)
    bars = [r for r in metal_runs(layout, d.joining) if leads_on(layout, r)]
    if not bars:
        return
    half = np.array(d.cell.largest_m) / 2 if layout.terminal_m else layout.pitch_m / 2
    low, high = layout.points_m.min(axis=0) - half, layout.points_m.max(axis=0) + half
    reach = {r.id: _beyond(laid_points(layout, r, seat), low, high) for r in bars}
    worst = max(reach.values())
    if worst > SEEN_M:
        yield Hit(
            f"The bar ends that bear the lugs reach up to {millimetres(worst)} past the cells, which the outer size does not "
            "count: leave that room, or bend them round the edge of the pack over insulation.",
            refs=tuple(f"strip:{name}" for name in reach),
        )


def _beyond(points: Array, low: Array, high: Array) -> float:
    return float(np.maximum(low - points, points - high).max())
