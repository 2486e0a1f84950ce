"""A first design from a brief: the lightest cell and stack that does it, and the rest cured rule by rule."""

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.strip_fixes import verified_cures
from firmcell.core.insulation.outer_size import next_stock_size
from firmcell.core.layout.cell_places import best_rows
from firmcell.core.layout.series_parallel import StackOption, stack_options
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Arrangement, Design, Guarding, Jacket, Joining, Lattice, Leads
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import Shelf
from firmcell.core.model.parts import Cell, Keying, StripMetal
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.rules import find
from firmcell.core.strips.under_load import metal_state

MOST_CURES = 30


def best_stack(brief: Brief, cells: tuple[Cell, ...]) -> tuple[Cell, StackOption]:
    """Return the cell and pair that does the brief with the least mass; if none does, the one that fails on least.

    Raises
    ------
    Refusal
        If there is no cell to choose from, or no pair in reach at all.
    """
    found = [(cell, option) for cell in cells for option in stack_options(brief, cell)]
    if not found:
        raise Refusal(
            "No cell on the shelf makes a pack for this voltage window; look at the brief's voltages."
        )
    return min(found, key=lambda pair: (len(pair[1].reasons), pair[1].mass_cells_kg))


def propose(brief: Brief, shelf: Shelf, cell: Cell | None = None) -> Design:
    """Return a first design for `brief` from the parts of `shelf`; `cell` fixes the cell.

    Starts from plain choices and applies the cures of the rules that speak, the worst first, as long
    as each makes the worst better. What cannot be cured stays as findings.

    Raises
    ------
    Refusal
        If the shelf lacks a kind of part or nothing is in reach.
    """
    for kind in ("cells", "strips", "wires", "connectors"):
        if not getattr(shelf, kind):
            raise Refusal(f"There are no {kind} on the shelf.")
    chosen, option = best_stack(brief, (cell,) if cell else shelf.cells)
    pitch = chosen.diameter_m + chosen.diameter_tolerance_m
    # Flat cells hang together face to face only, so without a space to fit they stand in one row.
    rows = option.parallel if chosen.is_round else 1
    if brief.box_m:
        length, width, _ = (side - 2 * brief.clearance_m for side in brief.box_m)
        rows = best_rows(
            option.series * option.parallel, option.parallel, pitch, Lattice.SQUARE, length, width
        )
    nickel = [s for s in shelf.strips if s.metal is StripMetal.NICKEL] or list(shelf.strips)
    # The widest that still is a strip and not a sheet, of the thickness every welder joins.
    strip = min(nickel, key=lambda s: (abs(s.thickness_m - 0.00015), abs(s.width_m - 0.008)))
    connector = next(
        (
            c
            for c in shelf.connectors
            if c.keying is Keying.KEYED and c.pack_half_shrouded and c.contacts == 2
        ),
        shelf.connectors[0],
    )
    wires = sorted(shelf.wires, key=lambda w: w.area_m2)
    sense = min(wires, key=lambda w: abs(w.area_m2 - 0.205e-6))
    design = Design(
        brief=brief,
        cell=chosen,
        series=option.series,
        parallel=option.parallel,
        arrangement=Arrangement(rows=rows),
        joining=Joining(link_strip=strip, collector_strip=strip),
        leads=Leads(wire=sense, connector=connector),
        guarding=Guarding(sense_wire=sense),
        jacket=Jacket(),
        cell_now_v=chosen.facts.storage_v,
        charge_current_a=chosen.current_charge_a * option.parallel / 2,
    )
    return _with_sleeves(_carrying(_cured(design, shelf), shelf), shelf)


def _carrying(design: Design, shelf: Shelf) -> Design:
    """The design with overloaded metal cured as the solved pack says, as far as that can be."""
    analysis = analyse(design, shelf)
    metal = metal_state(design, analysis.layout, analysis.pack.run_time_s)
    cures = verified_cures(design, analysis, metal, shelf)
    return _cured(cures[0].cure.applied(design), shelf) if cures else design


def _cured(design: Design, shelf: Shelf) -> Design:
    for _ in range(MOST_CURES):
        findings = find(Situation(design, analyse(design, shelf), EMPTY_STATE, shelf))
        for finding in findings:
            # Stack and cell were chosen above on purpose; notes are left for the builder to decide.
            if finding.cure and finding.severity < Severity.NOTE and finding.stage not in ("cells", "brief"):
                cured = finding.cure.applied(design)
                if cured != design:
                    design = cured
                    break
        else:
            break
    return design


def _with_sleeves(design: Design, shelf: Shelf) -> Design:
    outer = analyse(design, shelf).jacket.envelope
    along = next_stock_size(shelf.sleeves, outer.bare_width_m, outer.bare_height_m)
    return design.edited("jacket.sleeve", along) if along and design.jacket.sleeve is None else design


def as_job(design: Design, kind: JobKind, shelf: Shelf) -> Design:
    """Return the design as a job of `kind`, what that kind asks for chosen from the shelf as far as its rules can."""
    if kind is JobKind.NEW_PACK:
        return design
    edits: list[tuple[str, object]] = [("kind", kind)]
    if kind is JobKind.POWER_CABLE:
        edits += [("cable.source_v", design.series * design.cell.full_v), ("leads.length_m", 1.5)]
    if kind is JobKind.CELL_GUARD:
        edits += [("series", 1), ("parallel", 1), ("arrangement.rows", 1)]
    return _cured(design.with_edits(*edits), shelf)
