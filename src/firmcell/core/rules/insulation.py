"""Rules on insulation, sleeve and transport."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import millimetres
from firmcell.core.insulation.outer_size import SleeveFit, next_stock_size
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule


def _judge_sleeve(
    s: Situation, fit: SleeveFit | None, words: str, part: str, sides: tuple[float, float]
) -> Iterator[Hit]:
    stock = next_stock_size(s.library.sleeves, *sides)
    fix = Fix(f"Use {stock.name}", ((f"insulation.{part}", stock),)) if stock else None
    if fit and not fit.slides_on:
        yield Hit(
            f"{words} is {millimetres(fit.flat_supplied_m)} flat; it slides on from "
            f"{millimetres(fit.flat_needed_m)}.",
            ("sleeve",),
            fix,
        )
    if fit and not fit.grips:
        yield Hit(
            f"{words} shrinks to {millimetres(fit.flat_recovered_m)} flat; the pack is "
            f"{millimetres(fit.around_m / 2)}, so it stays loose.",
            ("sleeve",),
            fix,
        )


@rule(
    "IN-1",
    Stage.INSULATION,
    Severity.STOP,
    topics=(Topic.INSIDE,),
    source="flat width = half the perimeter, plus ease",
    reason="A sleeve that is forced on tears at the first corner; one that is loose protects nothing.",
)
def sleeve_size(s: Situation) -> Iterator[Hit]:
    """Sleeve too small or too large."""
    e, j = s.analysis.insulation.envelope, s.analysis.insulation
    yield from _judge_sleeve(s, j.sleeve, "The sleeve", "sleeve", (e.bare_width_m, e.bare_height_m))
    yield from _judge_sleeve(
        s, j.cross_sleeve, "The second sleeve", "cross_sleeve", (e.bare_length_m, e.bare_height_m)
    )


@rule(
    "IN-2",
    Stage.INSULATION,
    Severity.ATTENTION,
    topics=(Topic.INSIDE,),
    source=COMMON_PRACTICE,
    reason="Bare joints and rims are live; extra insulation weighs two or three grams.",
)
def no_sleeve(s: Situation) -> Iterator[Hit]:
    """No sleeve at all."""
    if s.design.insulation.sleeve is None and not s.design.details.cased:
        e = s.analysis.insulation.envelope
        stock = next_stock_size(s.library.sleeves, e.bare_width_m, e.bare_height_m)
        fix = Fix(f"Use {stock.name}", (("insulation.sleeve", stock),)) if stock else None
        yield Hit("The pack has no sleeve.", ("sleeve",), fix)


@rule(
    "IN-3",
    Stage.INSULATION,
    Severity.NOTE,
    topics=(Topic.INSIDE,),
    source=COMMON_PRACTICE,
    reason="One sleeve leaves both ends open; a second across it closes them.",
)
def ends_open(s: Situation) -> Iterator[Hit]:
    """Only one sleeve on a pack that gets wet or shaken."""
    brief, insulation = s.design.brief, s.design.insulation
    if insulation.sleeve and insulation.cross_sleeve is None and (brief.wet or brief.shaken):
        e = s.analysis.insulation.envelope
        stock = next_stock_size(s.library.sleeves, e.bare_length_m, e.bare_height_m)
        fix = Fix(f"Use {stock.name} across", (("insulation.cross_sleeve", stock),)) if stock else None
        yield Hit("One sleeve leaves the ends open, and it gets wet or shaken.", ("sleeve",), fix)


@rule(
    "IN-4",
    Stage.INSULATION,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="Strip edges wear through sleeve in use.",
)
def no_sheet(s: Situation) -> Iterator[Hit]:
    """No sheet over the joints."""
    if s.design.insulation.sheet_m < 0.0001:
        yield Hit(
            f"The sheet over the joints is {s.design.insulation.sheet_m * 1e3:.2f} mm; 0.10 mm is the least.",
            fix=Fix("Use 0.25 mm sheet", (("insulation.sheet_m", 0.00025),)),
        )


@rule(
    "PA-1",
    Stage.PASSPORT,
    Severity.NOTE,
    topics=(Topic.CHARGE,),
    source="UN Manual of Tests and Criteria 38.3 (from memory)",
    reason="Carriers ask for it; the rating in watt-hours is marked on the case.",
)
def transport(s: Situation) -> Iterator[Hit]:
    """Transport class of a lithium pack over 100 Wh."""
    if s.design.cell.chemistry.is_lithium and s.analysis.pack.energy_wh > 100:
        yield Hit(f"For transport this is a {s.analysis.pack.transport}.")


@rule(
    "PA-2",
    Stage.PASSPORT,
    Severity.NOTE,
    source=COMMON_PRACTICE,
    reason="In two years somebody has to know which pack this is.",
)
def no_serial(s: Situation) -> Iterator[Hit]:
    """Passport without a serial or a name."""
    missing = [
        w for w, value in (("serial number", s.design.serial), ("builder", s.design.builder)) if not value
    ]
    if missing:
        yield Hit(f"The passport has no {' and no '.join(missing)}.")
