"""Rules on a pack that is there already: what is not known of it, and what that forbids."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.wording import amperes, figures, square_millimetres
from firmcell.core.model.limits import TOUCH_LIMIT_V
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule


@rule(
    "EX-1",
    Stage.BRIEF,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="What a cell can do is not told by its size: two of one size may differ four times in current.",
)
def cells_not_known(s: Situation) -> Iterator[Hit]:
    """Cells of which only the size is known."""
    d = s.design
    if d.cell.known:
        return
    cell, parallel = d.cell, d.parallel
    flat = (
        "; iron phosphate rests near 3.3 V and is overcharged above 3.65 V"
        if cell.chemistry.is_lithium
        else ""
    )
    yield Hit(
        f"The cells are not known: each figure is the worst of size {cell.size}. Until one is measured, draw no more than "
        f"{amperes(cell.current_continuous_a * parallel)}, charge with no more than {amperes(cell.current_charge_a * parallel)}, and promise no energy, "
        f"no run time and no sag ({figures(cell.capacity_as / 3600 * parallel)} Ah is the least of its size). They count as {cell.facts.label.lower()}: no charge "
        f"before their chemistry is known{flat}."
    )


@rule(
    "EX-2",
    Stage.BRIEF,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Insulation hides the copper; a thick wire may be a thin one in a thick cover.",
)
def wire_not_known(s: Situation) -> Iterator[Hit]:
    """Leads of which the gauge is not known."""
    d = s.design
    if not d.leads.wire.known:
        yield Hit(
            f"The gauge of the leads is not known and counts as {square_millimetres(d.leads.wire.area_m2)}: strip a little, count and measure the strands, "
            "and enter it in Leads.",
            ("lead:plus",),
        )


@rule(
    "EX-3",
    Stage.BRIEF,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Whoever trusts a fuse that is not there has none.",
)
def fuse_not_known(s: Situation) -> Iterator[Hit]:
    """A pack of which nobody knows whether it has a fuse."""
    d, pack = s.design, s.analysis.pack
    if d.existing is not None and not d.existing.fuse_known and d.leads.fuse is None:
        over = f" It is over {TOUCH_LIMIT_V:g} V." if pack.voltage_full_v > TOUCH_LIMIT_V else ""
        yield Hit(
            f"Whether there is a fuse is not known: work as if there were none. A short drives about {amperes(pack.short_circuit_a)}.{over}",
            ("lead:plus",),
        )


@rule(
    "EX-4",
    Stage.BRIEF,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="What a connector carries, and whether it can be mated backwards, is not told by its looks.",
)
def connector_not_known(s: Situation) -> Iterator[Hit]:
    """A pack whose connector is not known."""
    part = s.design.leads.connector
    if s.design.existing is not None and not part.known:
        yield Hit(
            "Which connector is on it is not known: nothing is promised of what it carries, nor that it cannot be mated backwards. Measure its contacts, and enter it in Leads.",
            ("connector",),
        )
