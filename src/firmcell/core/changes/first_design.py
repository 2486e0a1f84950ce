"""A first design from a brief: the lightest cell and cell count that meet it, and the rest fixed rule by
rule."""

from collections.abc import Collection, Iterator

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Finding, Severity, Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.strip_fixes import verified_fixes
from firmcell.core.insulation.outer_size import next_stock_size
from firmcell.core.layout.rows import best_rows, stack_size
from firmcell.core.layout.series_parallel import SeriesParallel, series_parallel_options
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import (
    Arrangement,
    Bms,
    Design,
    Joining,
    JointOrder,
    Lattice,
    Leads,
    PackInsulation,
)
from firmcell.core.model.joint_kinds import JoinedBy, Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell, CellForm, Keying, StripMetal
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.rules import RULES, Rule, find
from firmcell.core.strips.bars import a_bar_carries, least_bar
from firmcell.core.strips.under_load import solve_under_load

MOST_FIXES = 30
CELL_WORK_KG = 0.01
"""What a cell more may save in mass before it is not worth its work, kg; engineering judgement."""
BARS_FROM_A = 60.0
"""From this current on collecting strips of round cells are bars on tabs from the start: strip would heat unevenly, and so would
the links that lean on it. Engineering judgement."""
POUCH_TO_A = 10.0
"""Above it strip that carries the current is too wide for the room between pouch tabs, which are clamped between bars
made for them; a cell chosen by hand stays. Engineering judgement."""


def best_series_parallel(brief: Brief, cells: tuple[Cell, ...]) -> tuple[Cell, SeriesParallel]:
    """Return the cell and pair that does the brief with the least mass; if none does, the one that fails on
    least.

    Raises
    ------
    Refusal
        If there is no cell to choose from, or no pair in reach at all.
    """
    found = [
        (cell, option) for cell in joinable(brief, cells) for option in series_parallel_options(brief, cell)
    ]
    if not found:
        raise Refusal(
            "No cell in the part library makes a pack for this voltage window; look at the brief's voltages."
        )
    return min(found, key=lambda pair: (len(pair[1].reasons), weight_and_work(pair[1])))


def joinable(brief: Brief, cells: tuple[Cell, ...]) -> tuple[Cell, ...]:
    """Return the cells whose ends this program's parts can join at the current of a brief; all if none
    are."""
    found = tuple(c for c in cells if c.form is not CellForm.POUCH or brief.duty.lasting_a <= POUCH_TO_A)
    return found or cells


def with_room_for_bars(brief: Brief, library: PartLibrary) -> tuple[Cell, ...]:
    """Return the cells whose collecting strips can carry the current; all of the library where none can.

    Seven groups of 167 thin cells have the voltage for 300 A, and no bar as narrow as one of their rows has
    the section for it.
    """
    current, gap_m = brief.duty.lasting_a, Joining.model_fields["gap_m"].default
    if current < BARS_FROM_A:
        return library.cells
    able = [
        c
        for c in library.cells
        if not c.is_round or a_bar_carries(c, library, gap_m, current, brief.ambient_max_k)
    ]
    return tuple(able) or library.cells


def weight_and_work(option: SeriesParallel) -> float:
    """Return the mass of the cells, and `CELL_WORK_KG` for each: a ring, welds and checks at both its
    ends."""
    return option.mass_cells_kg + CELL_WORK_KG * option.series * option.parallel


def propose(
    brief: Brief,
    library: PartLibrary,
    cell: Cell | None = None,
    rules: Collection[Rule] = tuple(RULES.values()),
    welder: Welder | None = Welder.MEDIUM,
) -> Design:
    """Return a first design for `brief` from the parts of `library`; `cell` says which cell, `welder` what
    the shop welds with: with none, factory tabs are soldered.

    Starts from plain choices and applies the fixes of the rules that speak, the worst first, as long
    as each makes the worst better. What cannot be fixed stays as findings.

    Raises
    ------
    Refusal
        If the part library lacks a kind of part or nothing is in reach.
    """
    for kind in ("cells", "strips", "wires", "connectors"):
        if not getattr(library, kind):
            raise Refusal(f"There are no {kind} in the part library.")
    chosen, option = best_series_parallel(brief, (cell,) if cell else with_room_for_bars(brief, library))
    # Flat cells hang together face to face only, so without a space to fit they stand in one row.
    rows = option.parallel if chosen.is_round else 1
    if brief.box_m:
        brief, rows = _placed_in_box(brief, chosen, option, rows)
    nickel = [s for s in library.strips if s.metal is StripMetal.NICKEL] or list(library.strips)
    # The widest that still is a strip and not a sheet, of the thickness every welder joins.
    strip = min(nickel, key=lambda s: (abs(s.thickness_m - 0.00015), abs(s.width_m - 0.008)))
    connector = next(
        (
            c
            for c in library.connectors
            if c.keying is Keying.KEYED and c.pack_half_shrouded and c.contacts == 2
        ),
        library.connectors[0],
    )
    wires = sorted(library.wires, key=lambda w: w.area_m2)
    sense = min(wires, key=lambda w: abs(w.area_m2 - 0.205e-6))
    design = Design(
        brief=brief,
        cell=chosen,
        series=option.series,
        parallel=option.parallel,
        arrangement=Arrangement(rows=rows),
        joining=Joining(
            order=JointOrder.LEAST_EXPOSED,
            link_strip=strip,
            collector_strip=strip,
            joined_by=JoinedBy.WELD if welder else JoinedBy.TABS,
            welder=welder or Welder.MEDIUM,
        ),
        leads=Leads(wire=sense, connector=connector),
        bms=Bms(sense_wire=sense),
        insulation=PackInsulation(),
        cell_now_v=chosen.facts.storage_v,
        charge_current_a=chosen.current_charge_a * option.parallel / 2,
    )
    design = _with_bars(design, library)
    return _with_sleeves(_carrying(with_fixes(design, library, rules), library, rules), library)


AROUND_CELLS_M = 0.012
"""What insulation and a board at the end add to the cells along and across, before the outer size is known, m."""


def _placed_in_box(brief: Brief, cell: Cell, option: SeriesParallel, straight: int) -> tuple[Brief, int]:
    """The brief and the rows across with which the cells fit its box: each group in a straight row if that
    can be, the box seen from its other side if it fits that way round only."""
    count, pitch = option.series * option.parallel, cell.diameter_m + cell.diameter_tolerance_m
    length, width, _ = (side - 2 * brief.clearance_m for side in brief.box_m or (0.0, 0.0, 0.0))
    along, across = stack_size(count, straight, pitch, Lattice.SQUARE)

    def fits(long: float, wide: float) -> bool:
        return along + AROUND_CELLS_M <= long and across + AROUND_CELLS_M <= wide

    if cell.is_round and not fits(length, width) and fits(width, length) and not brief.blocked:
        turned = {"box_length_m": brief.box_width_m, "box_width_m": brief.box_length_m}
        return brief.model_copy(update=turned), straight
    if cell.is_round and fits(length, width):
        return brief, straight
    return brief, best_rows(count, option.parallel, pitch, Lattice.SQUARE, length, width)


def _with_bars(design: Design, library: PartLibrary) -> Design:
    """The design with collecting bars where the current asks for them and the part library has them."""
    current = design.brief.duty.lasting_a
    if current < BARS_FROM_A:
        return design
    found = least_bar(design, analyse(design, library).layout, library, current)
    return design.with_edits(*found[1]) if found else design


def _carrying(design: Design, library: PartLibrary, rules: Collection[Rule]) -> Design:
    """The design with overloaded metal fixed as the solved pack says, as far as that can be."""
    analysis = analyse(design, library)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    fixes = verified_fixes(design, analysis, metal, library)
    return with_fixes(fixes[0].fix.applied(design), library, rules) if fixes else design


def with_fixes(
    design: Design, library: PartLibrary, rules: Collection[Rule], only: tuple[str, ...] = ("",)
) -> Design:
    """Return the design after the fixes that the given rules offer, the worst finding first, notes left
    out. What is no stop is not fixed at the price of one, and no fix leads back to a design that was left.
    `only` names the beginnings of the fields that may be changed."""
    left = [design]
    findings = _findings(design, library, rules)
    for _ in range(MOST_FIXES):
        for severity, fixed in _better(design, findings, only):
            if fixed in left:
                continue
            after = _findings(fixed, library, rules)
            if severity is Severity.STOP or not _stops(after) - _stops(findings):
                design, findings = fixed, after
                left.append(design)
                break
        else:
            break
    return design


def _better(
    design: Design, findings: tuple[Finding, ...], only: tuple[str, ...]
) -> Iterator[tuple[Severity, Design]]:
    """How bad each finding is that has a fix, the worst first, and the design that it leads to."""
    for finding in findings:
        # Layout and cell were chosen above on purpose; notes are left for the builder to decide.
        asked = finding.severity < Severity.NOTE and finding.stage not in ("cells", "brief")
        if asked and finding.fix and all(path.startswith(only) for path, _ in finding.fix.edits):
            yield finding.severity, finding.fix.applied(design)


def _findings(design: Design, library: PartLibrary, rules: Collection[Rule]) -> tuple[Finding, ...]:
    return find(Situation(design, analyse(design, library), EMPTY_STATE, library), rules)


def _stops(findings: tuple[Finding, ...]) -> set[str]:
    return {finding.code for finding in findings if finding.severity is Severity.STOP}


def _with_sleeves(design: Design, library: PartLibrary) -> Design:
    outer = analyse(design, library).insulation.envelope
    along = next_stock_size(library.sleeves, outer.bare_width_m, outer.bare_height_m)
    return design.edited("insulation.sleeve", along) if along and design.insulation.sleeve is None else design
