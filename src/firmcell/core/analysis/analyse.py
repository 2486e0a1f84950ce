"""One pure function from a design to everything the program knows about it."""

from typing import Any

import numpy as np

from firmcell.core.analysis.figures import Analysis, BmsFigures, InsulationFigures, PackFigures
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH, WH
from firmcell.core.bms.board_choice import (
    balancing_time,
    selectivity,
    spread_charge,
)
from firmcell.core.bms.sense_leads import sense_short
from firmcell.core.bms.taps import tap_list
from firmcell.core.cells.age import WORN, Age
from firmcell.core.cells.cell_model import WARM_K
from firmcell.core.cells.class_models import hottest_edge
from firmcell.core.cells.steady_trace import voltage_at_start
from firmcell.core.insulation.outer_size import (
    board_place,
    envelope,
    fit_sleeve,
    flat_width_needed,
    metal_height,
    sleeve_sides,
)
from firmcell.core.layout.cell_places import Layout, lay_out
from firmcell.core.layout.fit_in_space import fit_figures
from firmcell.core.layout.series_parallel import (
    loaded_voltages,
    usable_charge_and_energy,
)
from firmcell.core.leads.fuse_timing import Protection, protection
from firmcell.core.leads.main_leads import (
    LeadFigures,
    air_round,
    lead_figures,
    way_figures,
)
from firmcell.core.model.chemistry import resting_voltage
from firmcell.core.model.design import BoardPlace, Design, LeadEnds, Lie
from firmcell.core.model.designation import cell_designation, pack_designation, transport_class
from firmcell.core.model.duty import Supply
from firmcell.core.model.job_details import Wired
from firmcell.core.model.limits import GROUP_SPREAD_V
from firmcell.core.model.part_library import EMPTY_LIBRARY, PartLibrary
from firmcell.core.model.parts import Strip
from firmcell.core.run.storage import AT_K, STORED_AT_SOC, in_store
from firmcell.core.strips.clearances import strips_too_near
from firmcell.core.strips.current_shares import StripShares, one_lead_ohm, strip_shares
from firmcell.core.strips.layout_measures import layout_measures
from firmcell.core.strips.pieces import StripPiece, collecting_strip, strip_pieces
from firmcell.core.strips.runs import StripKind
from firmcell.core.strips.stock import stock_lengths, stock_plan
from firmcell.core.strips.under_load import cell_resistances
from firmcell.core.wiring.current_way import charge_loop, loop_of, tails_ohm
from firmcell.core.wiring.graph import Wiring
from firmcell.core.wiring.of_design import wiring_of


@frozen
class _Strips:
    """The metal of a design: runs as pieces, how the current divides, and what it leads to."""

    layout: Layout
    pieces: tuple[StripPiece, ...]
    shares: StripShares
    collecting: tuple[Strip, int, float]
    cells_ohm: float
    weak_more_ohm: float
    cells_like: float

    @property
    def ohm(self) -> float:
        """Resistance of cells and strips, Ω."""
        return self.cells_ohm + self.shares.heat_ohm


def analyse(design: Design, library: PartLibrary = EMPTY_LIBRARY, sheets: bool = True) -> Analysis:
    """Return the whole analysis of `design`; `library` is what gauges are proposed from.

    Without `sheets`, plates count as bars from pad to pad: from half to twice of their resistance, at once.

    Pure: the same design and library give the same analysis. Each part is memoised on what it reads.
    """
    design = design.as_made
    metal = _strips_of(design, sheets)
    supply = design.details.supply or Supply(design.series * design.cell.full_v, metal.ohm)
    bms = _bms_of(design, metal, supply)
    bridged = {piece.node for piece in metal.pieces if piece.kind is StripKind.BRIDGE}
    wiring = wiring_of(design, metal.layout, bms.taps, bridged)
    leads = _leads_of(design, library, supply, wiring)
    return Analysis.model_construct(
        pack=_pack_of(design, metal, leads, supply, tails_ohm(wiring)),
        options_of=(design.brief, design.cell),
        layout=metal.layout,
        fit=fit_figures(design, metal.layout),
        measures=layout_measures(metal.layout, metal.pieces),
        strips=metal.pieces,
        too_near=strips_too_near(metal.layout, design.joining, design.cell, design.leads),
        strip_cuts=stock_plan(metal.pieces),
        open_at=metal.shares.open_at,
        strip_stock_m=stock_lengths(metal.pieces),
        strip_limit_k=design.cell.temperature_max_k,
        leads=leads,
        charge_way=way_figures(
            *charge_loop(wiring, design.leads),
            design.charge_current_a,
            design.brief.ambient_max_k,
        ),
        protection=_protection_of(design, metal, leads, supply),
        bms=bms,
        insulation=_insulation_of(design, metal.layout),
        wiring=wiring,
    )


def _strips_of(design: Design, sheets: bool) -> _Strips:
    brief, cell, leads = design.brief, design.cell, design.leads
    layout = lay_out(cell, design.series, design.parallel, design.arrangement)
    one_ohm = one_lead_ohm(layout, design.joining, leads)
    standing = design.arrangement.lie is Lie.STANDING
    pieces = strip_pieces(
        layout, design.joining, cell, brief.duty, brief.ambient_max_k, leads, standing, sheets
    )
    return _Strips(
        layout,
        pieces,
        strip_shares(layout, design.joining, cell, one_ohm, sheets),
        collecting_strip(layout, design.joining, pieces),
        _cells_ohm(design, layout),
        _cells_ohm(design, layout, hottest_edge(cell)) - _cells_ohm(design, layout),
        cells_like(design, layout),
    )


def _cells_ohm(design: Design, layout: Layout, edge: float = 1.0) -> float:
    """Resistance of all cells, Ω: as measured where it was, else `edge` times that of the class; the cells
    of a group side by side."""
    if not any(design.measured_ohm):
        return edge * design.series * design.cell.resistance_ohm / design.parallel
    known = np.zeros(design.cell_count, dtype=bool)
    known[: len(design.measured_ohm)] = np.array(design.measured_ohm[: design.cell_count]) > 0
    ohms = cell_resistances(design) * np.where(known, 1.0, edge)
    siemens = np.bincount([c.group - 1 for c in layout.cells], 1.0 / ohms)
    return float((1.0 / siemens).sum())


def _leads_of(design: Design, library: PartLibrary, supply: Supply, wiring: Wiring) -> LeadFigures:
    brief, leads = design.brief, design.leads
    if design.details.wired is Wired.CABLE:
        # The source is not a pack of ours: lugs on its studs in place of a plug.
        leads = leads.model_copy(update={"ends": LeadEnds.STUDS})
    return lead_figures(
        leads,
        loop_of(wiring),
        library.wires,
        brief.duty,
        supply,
        brief.ambient_max_k,
        design.cell.temperature_max_k,
        brief.load_capacitance_f,
    )


def _protection_of(design: Design, metal: _Strips, figures: LeadFigures, supply: Supply) -> Protection | None:
    leads, brief = design.leads, design.brief
    if leads.fuse is None:
        return None
    return protection(
        leads.fuse,
        leads.wire,
        leads.laying,
        metal.collecting,
        brief.duty,
        air_round(leads.laying, brief.ambient_max_k, design.cell.temperature_max_k),
        supply.short_a,
        figures.inrush_i2t_a2s,
        leads.parallel,
    )


def _pack_of(
    design: Design, metal: _Strips, leads: LeadFigures, supply: Supply, ends_ohm: float
) -> PackFigures:
    """Voltage, content, resistance, sag, heat and mass of the pack as a whole."""
    cell, duty, board = design.cell, design.brief.duty, design.bms.board
    bms_ohm = board.resistance_ohm if board else 0.0
    inside_ohm = metal.ohm + ends_ohm  # of the tails of the collecting strips
    total_ohm = inside_ohm + bms_ohm + leads.loop_ohm
    # Cells measured to resist more than their class do so in the way of the current.
    path_ohm = total_ohm - design.series * cell.resistance_ohm / design.parallel
    delivered, usable = usable_charge_and_energy(
        cell, design.series, metal.cells_like, duty, design.brief.load_voltage_min_v, path_ohm
    )
    capacity = cell.capacity_as * design.parallel
    energy = capacity * design.series * cell.nominal_v
    end, dip = (float(v) for v in loaded_voltages(cell, design.series, metal.cells_like, duty, path_ohm))
    wires_kg = 2 * design.leads.parallel * design.leads.length_m * design.leads.wire.mass_kg_per_m
    return PackFigures.model_construct(
        designation=pack_designation(cell, design.series, design.parallel),
        cell_designation=cell_designation(cell),
        series=design.series,
        parallel=design.parallel,
        voltage_empty_v=design.series * cell.empty_v,
        voltage_nominal_v=design.series * cell.nominal_v,
        voltage_full_v=supply.full_v,
        voltage_now_v=design.series * design.cell_now_v,
        capacity_as=capacity,
        capacity_ah=capacity / AH,
        energy_j=energy,
        energy_wh=energy / WH,
        energy_usable_j=float(usable),
        energy_usable_wh=float(usable) / WH,
        run_time_s=float(delivered) / duty.steady_a,
        cell_current_steady_a=duty.lasting_a / design.parallel,
        cell_current_peak_a=duty.peak_a / design.parallel,
        c_rate_steady_per_h=duty.steady_a / (capacity / AH),
        c_rate_peak_per_h=duty.peak_a / (capacity / AH),
        resistance_cells_ohm=metal.cells_ohm,
        resistance_strips_ohm=metal.shares.heat_ohm + ends_ohm,
        resistance_bms_ohm=bms_ohm,
        resistance_leads_ohm=leads.loop_ohm,
        resistance_total_ohm=total_ohm,
        sag_steady_v=duty.steady_a * total_ohm,
        sag_peak_v=duty.peak_a * total_ohm,
        voltage_end_steady_v=end,
        voltage_end_peak_v=dip,
        **_at_the_edges(design, metal, path_ohm),
        heat_steady_w=duty.steady_a**2 * inside_ohm,
        heat_peak_w=duty.peak_a**2 * inside_ohm,
        short_circuit_a=supply.short_a,
        mass_kg=design.cell_count * cell.mass_kg + sum(piece.mass_kg for piece in metal.pieces) + wires_kg,
        transport=transport_class(cell.chemistry, cell.capacity_as * cell.nominal_v, energy),
    )


def cells_like(design: Design, layout: Layout) -> float:
    """Return how many cells of the class hold what the weakest group does, by the capacities that were
    measured."""
    if not any(design.measured_as):
        return float(design.parallel)
    held = np.full(design.cell_count, design.cell.capacity_as)
    measured = np.array(design.measured_as[: design.cell_count])
    held[: len(measured)] = np.where(measured > 0, measured, held[: len(measured)])
    of_groups = np.bincount([c.group - 1 for c in layout.cells], held)
    return float(of_groups.min()) / design.cell.capacity_as


def _at_the_edges(design: Design, metal: _Strips, path_ohm: float) -> dict[str, Any]:
    """What the pack delivers in the coldest place, J, and the voltage at the load at the end of a peak
    there, V, with new cells and at the end of their life, 0 where they collapse; and what with cells as weak
    as any of their class."""
    cell, duty, kelvin = design.cell, design.brief.duty, design.brief.ambient_min_k
    like = metal.cells_like
    of_pack = (cell, design.series, like, duty, design.brief.load_voltage_min_v, path_ohm)
    _, energy = usable_charge_and_energy(*of_pack, min(kelvin, WARM_K))
    _, weak = usable_charge_and_energy(*of_pack, more_ohm=metal.weak_more_ohm * like / design.series)
    rate = duty.peak_a * 3600.0 / (like * cell.capacity_as)
    drop = duty.peak_a * path_ohm
    new, old = (
        max(design.series * voltage_at_start(cell, rate, duty.peak_s, kelvin, grown) - drop, 0.0)
        for grown in (1.0, WORN[Age.END][1])
    )
    return {
        "energy_cold_j": float(energy),
        "energy_weak_j": float(weak),
        "weak_more_ohm": metal.weak_more_ohm,
        "voltage_cold_start_v": new,
        "voltage_cold_start_old_v": old,
    }


def _bms_of(design: Design, metal: _Strips, supply: Supply) -> BmsFigures:
    """Taps with their sense leads, and what is told of the board."""
    board, cell, duty, layout = design.bms.board, design.cell, design.brief.duty, metal.layout
    capacity = cell.capacity_as * design.parallel
    kept = board_place(design) if design.bms.place is BoardPlace.END else None
    taps = tap_list(
        layout,
        cell,
        design.bms,
        design.cell_now_v,
        cell.length_m + 2 * metal_height(design),
        kept.x_m - layout.origin_m[0] if kept else None,
        metal.shares,
        duty.steady_a,
    )
    longest = max((t.wire_length_m for t in taps), default=0.0)
    sense = sense_short(design.bms.sense_wire, longest, cell.full_v, cell.resistance_ohm / design.parallel)
    figures = BmsFigures.model_construct(
        taps=taps,
        sense_wire_total_m=sum(tap.wire_length_m for tap in taps),
        standby_days=None,
        storage_days=None,
        balance_s=None,
        selective=None,
        sense_short_a=sense.short_a,
        sense_melts_s=sense.melts_s,
        sense_fuse_a=sense.fuse_a if longest else None,
    )
    if board is None:
        return figures
    middle = float(resting_voltage(cell.chemistry, STORED_AT_SOC))
    behind = spread_charge(cell, capacity, middle - GROUP_SPREAD_V, middle)
    balances = cell.chemistry.is_lithium and board.balance_current_a > 0
    leads = design.leads
    ambient_k = air_round(leads.laying, design.brief.ambient_max_k, cell.temperature_max_k)
    kept_in_store = in_store(cell.chemistry, capacity, board.standby_current_a, STORED_AT_SOC, AT_K)
    return figures.model_copy(
        update={
            "standby_days": capacity / board.standby_current_a / 86_400 if board.standby_current_a else None,
            "storage_days": float(kept_in_store.nearly_empty_s[2]) / 86_400,
            "balance_s": balancing_time(behind, board.balance_current_a) if balances else None,
            "selective": selectivity(
                board,
                leads.fuse,
                leads.wire,
                leads.laying,
                metal.collecting,
                duty,
                supply.short_a,
                ambient_k,
                leads.parallel,
            ),
        }
    )


def _insulation_of(design: Design, layout: Layout) -> InsulationFigures:
    """Outer size, and the sleeves over it."""
    asked, outer = design.insulation, envelope(design, layout, fit_figures(design, layout))
    along, (across, high) = outer.bare_length_m, sleeve_sides(design, outer)
    return InsulationFigures.model_construct(
        envelope=outer,
        sleeve=fit_sleeve(asked.sleeve, across, high, along, asked.lip_m) if asked.sleeve else None,
        cross_sleeve=fit_sleeve(asked.cross_sleeve, along, high, across, asked.lip_m)
        if asked.cross_sleeve
        else None,
        sleeve_flat_needed_m=flat_width_needed(across, high),
        cross_flat_needed_m=flat_width_needed(along, high),
    )
