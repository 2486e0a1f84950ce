"""Rules on fuse wires at the cells."""

from collections.abc import Iterator
from math import isinf

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, millimetres, milliohms, plural
from firmcell.core.leads.cell_fuses import CellFuse, best_wire, cell_fuse, outlasts
from firmcell.core.model.design import StripStyle
from firmcell.core.rules.table import COMMON_PRACTICE, PHYSICS, Hit, rule

NONE = Fix("No fuse wires", (("joining.fuse_wire_m", None),))


def _figures(s: Situation) -> CellFuse | None:
    wire = s.design.joining.fuse_wire_m
    if wire is None or not s.design.joining.fused:
        return None
    return cell_fuse(s.design, wire, s.analysis.pack.short_circuit_a)


def _another(s: Situation) -> Fix:
    """The wire that does all that is asked, or none."""
    best = best_wire(s.design, s.analysis.pack.short_circuit_a, s.design.leads.fuse)
    if best is None or best.diameter_m == s.design.joining.fuse_wire_m:
        return NONE
    return Fix(f"Fuse wire of {best.diameter_m * 1e3:.2f} mm", (("joining.fuse_wire_m", best.diameter_m),))


@rule(
    "SR-23",
    Stage.STRIPS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A strip that lies on the plus bridges the wire, and the fuse is none.",
)
def nowhere_to_lay_fuse_wire(s: Situation) -> Iterator[Hit]:
    """Fuse wires where strip covers the pads."""
    joining = s.design.joining
    if joining.fuse_wire_m is None or joining.fused:
        return
    if joining.style is StripStyle.STRIPS:
        plated = Fix("Cut plates", (("joining.style", StripStyle.PLATES),))
        yield Hit(
            "Fuse wires are laid over windows of cut plates; strips lie on the plus itself.", fix=plated
        )
    else:
        yield Hit(f"Cells joined by {joining.joined_by.value} take no fuse wires.", fix=NONE)


@rule(
    "SR-24",
    Stage.STRIPS,
    Severity.STOP,
    source=PHYSICS,
    reason="A fuse wire that glows in use ages, lets its solder go, and melts on a good day.",
)
def fuse_wire_too_thin(s: Situation) -> Iterator[Hit]:
    """Fuse wires too hot in use."""
    figures = _figures(s)
    if figures is not None and not figures.carries:
        hotter = (
            "never settles"
            if isinf(figures.rise_k)
            else f"is {figures.rise_k:.0f} K hotter in its middle than its ends"
        )
        yield Hit(
            f"A fuse wire of {figures.diameter_m * 1e3:.2f} mm, {millimetres(figures.free_m)} free, carries up to {amperes(figures.peak_a)} and {hotter}.",
            refs=("joining.fuse_wire_m",),
            fix=_another(s),
        )


@rule(
    "SR-25",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=PHYSICS,
    reason="A fuse that does not open only warms the place; builders then trust what is not there.",
)
def fuse_wire_does_not_open(s: Situation) -> Iterator[Hit]:
    """Fuse wires that leave a shorted cell on its neighbours."""
    figures, cell = _figures(s), s.design.cell
    if figures is None or figures.leaves(cell.resistance_ohm):
        return
    said = f"A fuse wire of {figures.diameter_m * 1e3:.2f} mm, {millimetres(figures.free_m)} free, is certain to melt from {amperes(figures.melts_a)}"
    if s.design.parallel == 1:
        yield Hit(
            "With one cell in a group no neighbour feeds a shorted cell: fuse wires serve nothing.", fix=NONE
        )
    elif figures.neighbours_too:
        yield Hit(
            "With two cells in a group the wires of both carry the same current: one that melts may be the good cell's.",
            fix=NONE,
        )
    elif figures.softest_ohm <= 0:
        yield Hit(
            f"{said}; its neighbours drive {amperes(figures.hard_a)} into a shorted cell at most.",
            fix=_another(s),
        )
    else:
        yield Hit(
            f"{said}: a cell shorted inside by more than {milliohms(figures.softest_ohm)} stays on its neighbours; "
            f"its own resistance is {milliohms(cell.resistance_ohm)}.",
            fix=_another(s),
        )


@rule(
    "SR-26",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=PHYSICS,
    reason="Bare wire breaks one cell's voltage; at the pack's an arc stands in each.",
)
def fuse_wires_before_fuse(s: Situation) -> Iterator[Hit]:
    """Fuse wires that a short of the pack melts before its main fuse opens."""
    figures, fuse = _figures(s), s.design.leads.fuse
    if figures is None or s.design.parallel == 1:
        return
    short = s.analysis.pack.short_circuit_a
    if fuse is None or not outlasts(figures, fuse, short):
        who = f"before the {fuse.name}" if fuse else "and there is no main fuse"
        yield Hit(
            f"A short of the pack drives {amperes(short / s.design.parallel)} through each fuse wire: a whole group of them may melt {who}.",
            fix=_another(s) if fuse else None,
        )


@rule(
    "SR-27",
    Stage.STRIPS,
    Severity.NOTE,
    source=COMMON_PRACTICE,
    reason="Its neighbours hold the group's voltage; only a test under load or of capacity finds it.",
)
def melted_wire_is_not_seen(s: Situation) -> Iterator[Hit]:
    """What fuse wires do, and what they hide."""
    figures = _figures(s)
    if figures is None or not figures.leaves(s.design.cell.resistance_ohm):
        return
    yield Hit(
        f"Each fuse wire lets go of a cell shorted inside by up to {milliohms(figures.softest_ohm)}, from {amperes(figures.melts_a)} on; a softer short it does not see. "
        f"A melted one shows in no voltage at rest: the group just has {plural(s.design.parallel - 1, 'cell')}."
    )
