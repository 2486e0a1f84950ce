"""Rules on series and parallel count and on the layout."""

from collections.abc import Iterator

from firmcell.core.design import Arrangement
from firmcell.core.findings import Cure, Severity, Situation, Stage
from firmcell.core.layout import best_rows, lay_out, stack_size
from firmcell.core.rules.table import COMMON_PRACTICE, PHYSICS, Hit, rule
from firmcell.core.wording import kilograms, millimetres, volts, watt_hours

TIGHT_M = 0.001


def _best_feasible(s: Situation) -> Cure | None:
    """The feasible pair nearest the present one, if any."""
    feasible = [o for o in s.analysis.options if o.feasible]
    if not feasible:
        return None
    option = min(
        feasible, key=lambda o: (abs(o.series - s.design.series), abs(o.parallel - s.design.parallel))
    )
    if (option.series, option.parallel) == (s.design.series, s.design.parallel):
        return None
    return Cure(f"Make it {option.label}", option.edits)


@rule("ST-1", Stage.STACK, Severity.STOP, source=PHYSICS,
      reason="A full pack above what the load accepts destroys the load at first plugging in.")  # fmt: skip
def too_high(s: Situation) -> Iterator[Hit]:
    """Full voltage above the load's limit."""
    full, limit = s.analysis.pack.voltage_full_v, s.design.brief.load_voltage_max_v
    if full > limit + 1e-9:
        yield Hit(f"Full it gives {volts(full)}; the load accepts {volts(limit)}.", cure=_best_feasible(s))


@rule("ST-2", Stage.STACK, Severity.ATTENTION, source="generic resting curve, resistance of the whole loop",
      reason="The load switches off before the cells are empty.")  # fmt: skip
def too_low(s: Situation) -> Iterator[Hit]:
    """Voltage near empty below what the load needs."""
    need = s.design.brief.load_voltage_min_v
    for when, value in (
        ("at the steady current with 10 % left", s.analysis.pack.voltage_end_steady_v),
        ("at the peak with 20 % left", s.analysis.pack.voltage_end_peak_v),
    ):
        if value < need:
            yield Hit(f"The load sees {volts(value)} {when}; it needs {volts(need)}.", cure=_best_feasible(s))
            return


@rule("ST-3", Stage.STACK, Severity.ATTENTION, source="generic resting curve at the steady current",
      reason="It will not run as long as asked.")  # fmt: skip
def too_little_energy(s: Situation) -> Iterator[Hit]:
    """Usable energy below what is wanted."""
    wanted, have = s.design.brief.energy_wanted_j, s.analysis.pack.energy_usable_j
    if wanted is not None and have < wanted:
        yield Hit(
            f"It delivers {watt_hours(have)} to the load; {watt_hours(wanted)} is wanted.",
            cure=_best_feasible(s),
        )


@rule("ST-4", Stage.STACK, Severity.STOP, source="outer size with the largest cells of the class",
      reason="A pack that is squeezed in presses on cells, wraps and joints.")  # fmt: skip
def does_not_fit(s: Situation) -> Iterator[Hit]:
    """Outer size over the space."""
    e = s.analysis.jacket.envelope
    over = [
        f"{word} by {millimetres(-margin)}"
        for word, margin in (
            ("too long", e.margin_length_m), ("too wide", e.margin_width_m), ("too high", e.margin_height_m),
        )
        if margin is not None and margin < -1e-9
    ]  # fmt: skip
    if over:
        yield Hit(
            f"It does not fit the space with the clearance asked for: {', '.join(over)}.",
            cure=_rows_that_fit(s),
        )


def _rows_that_fit(s: Situation) -> Cure | None:
    design, e = s.design, s.analysis.jacket.envelope
    if design.brief.box_m is None or (e.margin_height_m or 0) < 0:
        return None
    layout = s.analysis.layout
    extra_length, extra_width = e.length_m - layout.length_m, e.width_m - layout.width_m
    length, width, _ = (side - 2 * design.brief.clearance_m for side in design.brief.box_m)
    for lattice in type(design.arrangement.lattice):
        rows = best_rows(
            design.cell_count,
            design.parallel,
            layout.pitch_m,
            lattice,
            length - extra_length,
            width - extra_width,
        )
        along, across = stack_size(design.cell_count, rows, layout.pitch_m, lattice)
        if along + extra_length <= length and across + extra_width <= width:
            return Cure(
                f"Lay it {rows} across, {lattice.value}",
                (("arrangement.rows", rows), ("arrangement.lattice", lattice)),
            )
    return None


@rule("ST-5", Stage.STACK, Severity.NOTE, source=COMMON_PRACTICE,
      reason="Compartments of one nominal size differ by fractions of a millimetre.")  # fmt: skip
def tight_fit(s: Situation) -> Iterator[Hit]:
    """Fits, with less than a millimetre to spare."""
    e = s.analysis.jacket.envelope
    if e.fits:
        least = min(m for m in (e.margin_length_m, e.margin_width_m, e.margin_height_m) if m is not None)
        if least < TIGHT_M:
            yield Hit(f"Beyond the clearance only {millimetres(least)} is left. Measure the real hole.")


@rule("ST-6", Stage.STACK, Severity.ATTENTION, source="geometry of the layout",
      reason="Cells without a link of their own send their current along the parallel strip.")  # fmt: skip
def few_links(s: Situation) -> Iterator[Hit]:
    """Fewer direct links between groups than cells in parallel."""
    per_node: dict[int, int] = {}
    for piece in s.analysis.strips:
        if piece.kind == "link":
            per_node[piece.node] = per_node.get(piece.node, 0) + 1
    least = min(per_node.values(), default=s.design.parallel)
    if least < s.design.parallel:
        straight = s.design.arrangement.model_copy(update={"rows": s.design.parallel})
        cure = None
        if (
            min(lay_out(s.design.cell, s.design.series, s.design.parallel, straight).links)
            >= s.design.parallel
        ):
            cure = Cure(
                f"Put each group in one column, {s.design.parallel} across",
                (("arrangement", Arrangement.model_validate(straight.model_dump())),),
            )
        yield Hit(
            f"Some neighbouring groups share only {least} direct link{'s' if least != 1 else ''} for "
            f"{s.design.parallel} cells.",
            refs=tuple(f"node:{n}" for n, count in per_node.items() if count == least),
            cure=cure,
        )


@rule("ST-7", Stage.STACK, Severity.ATTENTION, source="sum of the parts",
      reason="The limit was set in the brief.")  # fmt: skip
def too_heavy(s: Situation) -> Iterator[Hit]:
    """Mass over the limit."""
    limit = s.design.brief.mass_limit_kg
    if limit is not None and s.analysis.pack.mass_kg > limit:
        yield Hit(
            f"It weighs {kilograms(s.analysis.pack.mass_kg)} without the jacket; the limit is {kilograms(limit)}."
        )
