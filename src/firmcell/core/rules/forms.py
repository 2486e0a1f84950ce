"""Rules on cells folded end to end, and on those in a space seen from its end."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Lie, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import StripMetal
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule

FOLDS_M = 0.0002
"""Strip no thicker than this is folded by hand without cracking or pulling at its welds, m; common practice, no
source."""


@rule(
    "LY-16",
    Stage.LAYOUT,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="Only a straight open row of round cells in one block can be folded at its tabs.",
)
def cannot_fold(s: Situation) -> Iterator[Hit]:
    """A stick of cells that cannot be folded."""
    a, d = s.design.arrangement, s.design
    if not is_stick(a):
        return
    stand = Fix("Stand the cells", (("arrangement.lie", Lie.STANDING),))
    if not d.cell.is_round:
        yield Hit("Flat cells are not folded end to end: let them stand or lie.", fix=stand)
    elif a.placed:
        names = ("placed", "spare_m", "drawn", "removed")
        rows = Fix("Back to whole rows", tuple((f"arrangement.{name}", ()) for name in names))
        yield Hit("Cells in places of their own cannot be folded into a stick.", fix=rows)
    elif a.layers > 1 or a.split_gap_m > 0:
        edits = (("arrangement.layers", 1), ("arrangement.split_gap_m", 0.0))
        yield Hit("A stick has no layers and no halves.", fix=Fix("One block", edits))
    elif d.joining.style is StripStyle.PLATES or d.joining.joined_by is JoinedBy.SCREW:
        yield Hit("Cells are folded at tabs of strip; plates and screws cannot be folded.", fix=stand)
    elif d.joining.ladder_strip is not None:
        single = Fix("Strips in place of the ladder", (("joining.ladder_strip", None),))
        yield Hit(
            "Cells are folded at single tabs; ladder strip would be folded along its welds.", fix=single
        )


@rule(
    "LY-17",
    Stage.LAYOUT,
    Severity.STOP,
    source="geometry of the space",
    reason="Its height differs from place to place: only cells along it are held against its outline.",
)
def across_the_profile(s: Situation) -> Iterator[Hit]:
    """Cells that do not lie along a space given by its cross-section."""
    a = s.design.arrangement
    if s.design.brief.space is not SpaceShape.PROFILE or a.lie is Lie.ALONG:
        return
    yield Hit(
        "The space is given as seen from its end; only cells that lie along it are judged against that outline.",
        fix=Fix("Lay the cells along it", (("arrangement.lie", Lie.ALONG),)),
    )


@rule(
    "SR-21",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="A stiff tab pulls at its welds when it is folded, and cracks in the fold.",
)
def stiff_tabs(s: Situation) -> Iterator[Hit]:
    """Tabs too thick to fold."""
    joining = s.design.joining
    thick = joining.link_layers * joining.link_strip.thickness_m
    under = joining.link_under.thickness_m if joining.link_under else 0.0
    if not is_stick(s.design.arrangement) or thick + under <= FOLDS_M + 1e-9 or s.design.series < 2:
        return
    thin = [
        t
        for t in s.library.strips
        if t.thickness_m <= FOLDS_M and t.metal is StripMetal.NICKEL and t.width_m <= s.design.cell.diameter_m
    ]
    best = max(thin, key=lambda t: t.section_m2, default=None)
    yield Hit(
        f"The tabs are {(thick + under) * 1e3:.2f} mm thick; up to {FOLDS_M * 1e3:.1f} mm is folded without cracking.",
        fix=Fix(
            f"Tabs of {best.name}",
            (("joining.link_strip", best), ("joining.link_layers", 1), ("joining.link_under", None)),
        )
        if best
        else None,
    )
