"""Rules on ladder strip over two rows."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import millimetres
from firmcell.core.model.design import StripStyle
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule
from firmcell.core.strips.ladders import LADDER_REACH_M
from firmcell.core.strips.runs import StripKind


@rule(
    "SR-19",
    Stage.STRIPS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A weld at the very edge of the strip tears out, and one beside it joins nothing.",
)
def narrow_ladder(s: Situation) -> Iterator[Hit]:
    """Ladder strip too narrow for the two rows it joins."""
    ladder, layout = s.design.joining.ladder_strip, s.analysis.layout
    if ladder is None or not any(p.kind is StripKind.LADDER for p in s.analysis.strips):
        return
    least = layout.pitch_m + 2 * LADDER_REACH_M
    if ladder.width_m < least - 1e-9:
        fit = [t for t in s.library.strips if least <= t.width_m and t.metal is ladder.metal]
        best = min(fit, key=lambda t: (t.width_m, abs(t.thickness_m - ladder.thickness_m)), default=None)
        yield Hit(
            f"{ladder.name} is {millimetres(ladder.width_m)} wide; two rows {millimetres(layout.pitch_m)} apart need {millimetres(least)}.",
            refs=("joining.ladder_strip",),
            fix=Fix(f"Use {best.name}", (("joining.ladder_strip", best),))
            if best
            else Fix("No ladder strip", (("joining.ladder_strip", None),)),
        )


@rule(
    "SR-20",
    Stage.STRIPS,
    Severity.NOTE,
    source="geometry of the layout",
    reason="A ladder needs two straight rows of as many cells, each facing one of the other row.",
)
def no_place_for_ladder(s: Situation) -> Iterator[Hit]:
    """A ladder strip that is wanted and fits nowhere, or not everywhere."""
    joining, series = s.design.joining, s.design.series
    if joining.ladder_strip is None or joining.style is StripStyle.PLATES:
        return
    laid = {p.node for p in s.analysis.strips if p.kind is StripKind.LADDER}
    if series > 1 and len(laid) < series - 1:
        words = (
            f"The ladder strip fits at {len(laid)} of {series - 1} tap points between groups; strips are laid at the others, whose pads do not lie in two facing rows."
            if laid
            else "The ladder strip fits at no tap point, as no pads lie in two facing rows; strips are laid."
        )
        yield Hit(
            words,
            refs=tuple(f"node:{n}" for n in range(1, series) if n not in laid),
        )
