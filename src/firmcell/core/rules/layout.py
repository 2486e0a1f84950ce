"""Rules on series and parallel count and on the layout."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import (
    amperes,
    celsius,
    kilograms,
    millimetres,
    percent,
    plural,
    volts,
    watt_hours,
)
from firmcell.core.layout.cell_places import lay_out
from firmcell.core.layout.rows import best_rows, stack_size
from firmcell.core.layout.series_parallel import END_OF_DISCHARGE_SOC, PEAK_SOC
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.design import Arrangement, Lattice
from firmcell.core.rules.table import COMMON_PRACTICE, PHYSICS, Hit, rule
from firmcell.core.strips.runs import StripKind

TIGHT_M = 0.001


def _best_feasible(s: Situation) -> Fix | None:
    """The feasible pair nearest the present one, if any."""
    feasible = [o for o in s.analysis.options if o.feasible]
    if not feasible:
        return None
    option = min(
        feasible, key=lambda o: (abs(o.series - s.design.series), abs(o.parallel - s.design.parallel))
    )
    if (option.series, option.parallel) == (s.design.series, s.design.parallel):
        return None
    return Fix(f"Make it {option.label}", option.edits)


@rule(
    "LY-1",
    Stage.LAYOUT,
    Severity.STOP,
    source=PHYSICS,
    reason="A full pack above what the load accepts destroys the load at first plugging in.",
)
def too_high(s: Situation) -> Iterator[Hit]:
    """Full voltage above the load's limit."""
    full, limit = s.analysis.pack.voltage_full_v, s.design.brief.load_voltage_max_v
    if full > limit + 1e-9:
        yield Hit(
            f"Fully charged it gives {volts(full)}; the load accepts {volts(limit)}.", fix=_best_feasible(s)
        )


@rule(
    "LY-2",
    Stage.LAYOUT,
    Severity.ATTENTION,
    source="cell model of the class, resistance of the whole loop",
    reason="The load switches off before the cells are empty.",
)
def too_low(s: Situation) -> Iterator[Hit]:
    """Voltage near empty below what the load needs."""
    need = s.design.brief.load_voltage_min_v
    for when, value, _ in _late_looks(s):
        if value < need:
            yield Hit(f"The load sees {volts(value)} {when}; it needs {volts(need)}.", fix=_best_feasible(s))
            return


def _late_looks(s: Situation) -> tuple[tuple[str, float, float], ...]:
    """When the load sees least, what it sees, V, and at what current, A."""
    pack, duty = s.analysis.pack, s.design.brief.duty
    steadily = f"at the steady current with {percent(END_OF_DISCHARGE_SOC)} left"
    return (
        (steadily, pack.voltage_end_steady_v, duty.steady_a),
        (f"at the peak with {percent(PEAK_SOC)} left", pack.voltage_end_peak_v, duty.peak_a),
    )


@rule(
    "LY-3",
    Stage.LAYOUT,
    Severity.ATTENTION,
    source="cell model of the class at the steady current, 25 °C",
    reason="It will not run as long as asked.",
)
def too_little_energy(s: Situation) -> Iterator[Hit]:
    """Usable energy below what is wanted."""
    wanted, have = s.design.brief.energy_wanted_j, s.analysis.pack.energy_usable_j
    if wanted is not None and have < wanted:
        yield Hit(
            f"It delivers {watt_hours(have)} to the load; {watt_hours(wanted)} is wanted.",
            fix=_best_feasible(s),
        )


@rule(
    "LY-19",
    Stage.LAYOUT,
    Severity.NOTE,
    source="greatest resistance of cells of the class, see docs/run.md",
    reason="Cells of a class differ; until they are measured the pack may be one of the weaker ones.",
)
def too_little_with_weak_cells(s: Situation) -> Iterator[Hit]:
    """Voltage or energy enough with cells as their class is in the middle, and not at its weak edge."""
    need, pack, wanted = s.design.brief.load_voltage_min_v, s.analysis.pack, s.design.brief.energy_wanted_j
    weak = "With cells that resist as much as any of their class"
    for when, value, current in _late_looks(s):
        sees = value - current * pack.weak_more_ohm
        if sees < need <= value:
            yield Hit(
                f"{weak} the load sees {volts(sees)} {when}; it needs {volts(need)}. Measure the cells."
            )
            return
    if wanted is not None and pack.energy_weak_j < wanted <= pack.energy_usable_j:
        yield Hit(
            f"{weak} the load gets {watt_hours(pack.energy_weak_j)}; {watt_hours(wanted)} is wanted. Measure the cells."
        )


@rule(
    "LY-18",
    Stage.LAYOUT,
    Severity.ATTENTION,
    source="cell model of the class from full at the coldest place, resistance of the whole loop",
    reason="Cold cells resist more: a load that runs in summer may not start in winter.",
)
def too_low_in_the_cold(s: Situation) -> Iterator[Hit]:
    """The peak at the coldest start, and the energy there, below what the load needs."""
    brief, pack = s.design.brief, s.analysis.pack
    need, where = brief.load_voltage_min_v, celsius(brief.ambient_min_k)
    if pack.voltage_cold_start_v < need:
        yield Hit(
            f"At {where}, full and rested, the peak of {amperes(brief.current_peak_a)} pulls the load down to "
            f"{volts(pack.voltage_cold_start_v)}; it needs {volts(need)}. Warm the pack first, or take more cells in parallel."
        )
    elif pack.voltage_cold_start_old_v < need:
        yield Hit(
            f"At {where} the peak will pull the load down to {volts(pack.voltage_cold_start_old_v)} once the cells are worn; "
            f"it needs {volts(need)}.",
            severity=Severity.NOTE,
        )
    wanted = brief.energy_wanted_j
    if wanted is not None and pack.energy_cold_j < wanted <= pack.energy_usable_j:
        yield Hit(
            f"At {where} it may give as little as {watt_hours(pack.energy_cold_j)}; {watt_hours(wanted)} is wanted. "
            "The run on the Brief page works it out for the whole pack.",
            severity=Severity.NOTE,
        )


@rule(
    "LY-4",
    Stage.LAYOUT,
    Severity.STOP,
    source="outer size with the largest cells of the class",
    reason="A pack that is squeezed in presses on cells, wraps and joints.",
)
def does_not_fit(s: Situation) -> Iterator[Hit]:
    """Outer size over the space."""
    e = s.analysis.insulation.envelope
    over = [
        f"{word} by {millimetres(-margin)}"
        for word, margin in (
            ("too long", e.margin_length_m),
            ("too wide", e.margin_width_m),
            ("too high", e.margin_height_m),
        )
        if margin is not None and margin < -1e-9
    ]
    if over:
        yield Hit(
            f"It does not fit the space with the clearance asked for: {', '.join(over)}."
            + (" Find places in the Layout stage." if s.analysis.fit.room_m is not None else ""),
            fix=_rows_that_fit(s),
        )


def _in_the_box(s: Situation, rows: int, lattice: Lattice) -> bool:
    """Whether so many rows fit the space asked for; True where none is asked for."""
    box, e, layout = s.design.brief.box_m, s.analysis.insulation.envelope, s.analysis.layout
    if box is None:
        return True
    length, width, _ = (side - 2 * s.design.brief.clearance_m for side in box)
    along, across = stack_size(s.design.cell_count, rows, layout.pitch_m, lattice)
    more = e.length_m - layout.length_m, e.width_m - layout.width_m
    return along + more[0] <= length and across + more[1] <= width


def _rows_that_fit(s: Situation) -> Fix | None:
    design, e = s.design, s.analysis.insulation.envelope
    if design.brief.box_m is None or (e.margin_height_m or 0) < 0:
        return None
    layout = s.analysis.layout
    extra_length, extra_width = e.length_m - layout.length_m, e.width_m - layout.width_m
    length, width, _ = (side - 2 * design.brief.clearance_m for side in design.brief.box_m)
    if not layout.in_rows or s.analysis.fit.room_m is not None or is_stick(design.arrangement):
        return None
    for lattice in (Lattice.SQUARE, Lattice.STAGGERED):
        rows = best_rows(
            design.cell_count,
            design.parallel,
            layout.pitch_m,
            lattice,
            length - extra_length,
            width - extra_width,
        )
        if _in_the_box(s, rows, lattice):
            return Fix(
                f"Arrange the cells {rows} across, {lattice.value}",
                (("arrangement.rows", rows), ("arrangement.lattice", lattice)),
            )
    return None


@rule(
    "LY-5",
    Stage.LAYOUT,
    Severity.NOTE,
    source=COMMON_PRACTICE,
    reason="Compartments of one nominal size differ by fractions of a millimetre.",
)
def tight_fit(s: Situation) -> Iterator[Hit]:
    """Fits, with less than a millimetre to spare."""
    e = s.analysis.insulation.envelope
    if e.fits:
        least = min(m for m in (e.margin_length_m, e.margin_width_m, e.margin_height_m) if m is not None)
        if least < TIGHT_M:
            yield Hit(f"Beyond the clearance only {millimetres(least)} is left. Measure the real hole.")


@rule(
    "LY-6",
    Stage.LAYOUT,
    Severity.ATTENTION,
    source="geometry of the layout",
    reason="Cells without a link of their own send their current along the parallel strip.",
)
def few_links(s: Situation) -> Iterator[Hit]:
    """Cells of a group that touch no cell of the next."""
    m, layout = s.analysis.measures, s.analysis.layout
    # Of flat cells one bar runs over the terminals of both groups: where they touch once, all have their
    # link.
    enough = 1 if layout.terminal_m else s.design.parallel
    if layout.series < 2 or m.served_least >= enough or not m.served_least_at:
        return
    fix = None
    if layout.in_rows:
        straight = s.design.arrangement.model_copy(update={"rows": s.design.parallel})
        links = min(lay_out(s.design.cell, s.design.series, s.design.parallel, straight).links)
        if links >= s.design.parallel and _in_the_box(s, straight.rows, straight.lattice):
            fix = Fix(
                f"Put each group in one column, {s.design.parallel} across",
                (("arrangement", Arrangement.model_validate(straight.model_dump())),),
            )
    g, served = m.served_least_at, m.served_least
    many = f"Only {served} of {plural(s.design.parallel, 'cell')}" if served else "No cell"
    yield Hit(
        f"{many} of groups {g} and {g + 1} touch{'es' if served < 2 else ''} the other group"
        + (
            "."
            if layout.in_rows
            else "; sort the groups again, or try another lattice or one cell fewer in parallel."
        ),
        refs=(f"group:{g}", f"group:{g + 1}"),
        fix=fix,
        severity=Severity.STOP
        if not served
        else Severity.ATTENTION
        if 2 * served < s.design.parallel
        else Severity.NOTE,
    )


@rule(
    "LY-7",
    Stage.LAYOUT,
    Severity.ATTENTION,
    source="sum of the parts",
    reason="The limit was set in the brief.",
)
def too_heavy(s: Situation) -> Iterator[Hit]:
    """Mass over the limit."""
    limit = s.design.brief.mass_limit_kg
    if limit is not None and s.analysis.pack.mass_kg > limit:
        yield Hit(
            f"It weighs {kilograms(s.analysis.pack.mass_kg)} without the insulation; the limit is {kilograms(limit)}."
        )


@rule(
    "LY-8",
    Stage.LAYOUT,
    Severity.STOP,
    source="outer size with the largest cells of the class",
    reason="Two cells cannot stand in one place.",
)
def cells_overlap(s: Situation) -> Iterator[Hit]:
    """Cells that overlap."""
    pairs = s.analysis.fit.overlapping
    if pairs:
        a, b = pairs[0]
        more = f" and {len(pairs) - 1} more pairs" if len(pairs) > 1 else ""
        yield Hit(
            f"Cells {a} and {b}{more} overlap; their centres must be {millimetres(s.analysis.layout.pitch_m)} apart.",
            refs=tuple(dict.fromkeys(f"cell:{n}" for pair in pairs for n in pair)),
        )


@rule(
    "LY-9",
    Stage.LAYOUT,
    Severity.STOP,
    source="outline of the space, blocked places, largest cells of the class",
    reason="A cell pressed against the wall or a post is dented or rubs its wrap through.",
)
def cells_outside(s: Situation) -> Iterator[Hit]:
    """Cells too near to the edge of the space or a blocked place."""
    fit = s.analysis.fit
    if fit.outside and fit.gap_wall_m is not None:
        first = (
            f"Cell {fit.outside[0]} stands" if len(fit.outside) == 1 else f"{len(fit.outside)} cells stand"
        )
        yield Hit(
            f"{first} too near to the edge of the space or a blocked place: {millimetres(fit.gap_wall_m)}, "
            f"{millimetres(fit.wall_needed_m)} is needed for clearance, sheet and sleeve. Find places anew, or move it.",
            refs=tuple(f"cell:{n}" for n in fit.outside),
        )


@rule(
    "LY-10",
    Stage.LAYOUT,
    Severity.STOP,
    source="geometry of the layout",
    reason="A strip between the parts of a torn group runs over cells of another potential.",
)
def torn_group(s: Situation) -> Iterator[Hit]:
    """A group whose cells do not all hang together."""
    layout = s.analysis.layout
    for group in range(1, layout.series + 1):
        parts = layout.parts_of(c.number for c in layout.group_cells(group))
        if len(parts) > 1:
            few = parts[-1]
            apart = (
                f"cells {', '.join(str(n) for n in few[:4])} stand"
                if len(few) > 1
                else f"cell {few[0]} stands"
            )
            yield Hit(
                f"Group {group} is torn into {len(parts)} parts: {apart} apart from the rest.",
                refs=tuple(f"cell:{n}" for part in parts[1:] for n in part),
            )


@rule(
    "LY-11",
    Stage.LAYOUT,
    Severity.STOP,
    source=PHYSICS,
    reason="The smallest group is empty first and is driven on by the others; the largest is never full.",
)
def uneven_groups(s: Situation) -> Iterator[Hit]:
    """Groups of different counts of cells."""
    layout = s.analysis.layout
    sizes = {g: len(layout.group_cells(g)) for g in range(1, layout.series + 1)}
    off = {g: n for g, n in sizes.items() if n != s.design.parallel}
    if off:
        words = ", ".join(f"group {g} has {n}" for g, n in list(off.items())[:4])
        yield Hit(
            f"{words.capitalize()}; every group must have {s.design.parallel}.",
            refs=tuple(f"group:{g}" for g in off if sizes[g]),
        )


@rule(
    "LY-12",
    Stage.LAYOUT,
    Severity.STOP,
    source=PHYSICS,
    reason="A cell turned the wrong way in its group is a dead short through the first strip.",
)
def turned_cell(s: Situation) -> Iterator[Hit]:
    """A cell that stands the other way than its group."""
    layout = s.analysis.layout
    wrong = [
        c
        for g in range(1, layout.series + 1)
        for c in layout.group_cells(g)
        if c.positive_up != layout.group_up(g)
    ]
    if wrong:
        c = wrong[0]
        more = f" and {len(wrong) - 1} more" if len(wrong) > 1 else ""
        turned = {w.number: w for w in wrong}
        placed = tuple(
            p.model_copy(update={"up": not p.up}) if n in turned else p
            for n, p in enumerate(s.design.arrangement.placed, start=1)
        )
        yield Hit(
            f"Cell {c.number}{more} stands the other way than the rest of group {c.group}: it would short the group.",
            refs=tuple(f"cell:{w.number}" for w in wrong),
            fix=Fix(f"Turn {plural(len(wrong), 'cell')}", (("arrangement.placed", placed),))
            if placed
            else None,
        )


@rule(
    "LY-13",
    Stage.LAYOUT,
    Severity.STOP,
    source="geometry of the layout",
    reason="Plus of one group and minus of the next must lie on one face to be joined by strip.",
)
def same_way(s: Situation) -> Iterator[Hit]:
    """Two consecutive groups of round cells that stand the same way."""
    layout = s.analysis.layout
    if layout.terminal_m:
        return
    same = [g for g in range(1, layout.series) if layout.group_up(g) == layout.group_up(g + 1)]
    if same:
        first = layout.group_up(1)
        placed = tuple(
            p.model_copy(update={"up": (p.group % 2 == 1) == first}) for p in s.design.arrangement.placed
        )
        yield Hit(
            f"Groups {same[0]} and {same[0] + 1} stand the same way up: no strip on one face can join them.",
            refs=tuple(f"group:{g}" for g in same),
            fix=Fix("Turn every second group", (("arrangement.placed", placed),)) if placed else None,
        )


@rule(
    "LY-14",
    Stage.LAYOUT,
    Severity.ATTENTION,
    source="outline of the space, convex hull of the cells",
    reason="Sleeve spans inner corners in a straight line; a pack for an inner corner needs sheet and tape instead.",
)
def sleeve_spans_corner(s: Situation) -> Iterator[Hit]:
    """A sleeve would leave the space where the outline turns inwards."""
    if s.analysis.fit.hull_sticks_out:
        yield Hit(
            "The cells fit the outline, a sleeve round them does not: it would span an inner corner or a post.",
            refs=("insulation",),
            fix=Fix(
                "Leave the sleeves out, sheet and tape instead",
                (("insulation.sleeve", None), ("insulation.cross_sleeve", None)),
            ),
        )


@rule(
    "LY-15",
    Stage.LAYOUT,
    Severity.NOTE,
    source=COMMON_PRACTICE,
    reason="Blocks move against each other; stiff strip between them tears its welds.",
)
def bridge_between_blocks(s: Situation) -> Iterator[Hit]:
    """Consecutive groups in different blocks."""
    bridges = [p for p in s.analysis.strips if p.kind is StripKind.BRIDGE]
    if bridges:
        nodes = ", ".join(f"B{p.node}" for p in bridges)
        yield Hit(
            f"{nodes} crosses from one block to the next: use flexible insulated wire of at least "
            f"{amperes(s.design.brief.current_steady_a)} there, not strip.",
            refs=tuple(f"strip:{p.id}" for p in bridges),
        )
