"""One pure function from a design to everything the program knows about it."""

from typing import Any

from firmcell.core.base.quantity import AH, WH, Frozen
from firmcell.core.bms.board_choice import (
    Selectivity,
    balancing_time,
    selectivity,
    spread_charge,
    storage_days,
)
from firmcell.core.bms.sense_leads import sense_short
from firmcell.core.bms.taps import Tap, tap_list
from firmcell.core.insulation.outer_size import (
    Envelope,
    SleeveFit,
    board_place,
    envelope,
    fit_sleeve,
    flat_width_needed,
    metal_height,
)
from firmcell.core.layout.cell_places import Layout, lay_out
from firmcell.core.layout.fit_in_space import FitFigures, fit_figures
from firmcell.core.layout.series_parallel import (
    END_OF_DISCHARGE_SOC,
    PEAK_SOC,
    SeriesParallel,
    series_parallel_options,
    usable_charge_and_energy,
)
from firmcell.core.leads.fuse_timing import Protection, protection
from firmcell.core.leads.main_leads import (
    LUGS_ON_STUDS,
    SHORT_CIRCUIT_FACTOR,
    LeadFigures,
    lead_figures,
    prospective_short_circuit,
)
from firmcell.core.model.chemistry import resting_voltage
from firmcell.core.model.design import BoardPlace, Design
from firmcell.core.model.designation import cell_designation, pack_designation, transport_class
from firmcell.core.model.limits import GROUP_SPREAD_V
from firmcell.core.model.part_library import EMPTY_LIBRARY, PartLibrary
from firmcell.core.model.parts import Strip
from firmcell.core.strips.clearances import TooNear, strips_too_near
from firmcell.core.strips.current_shares import strip_shares
from firmcell.core.strips.layout_measures import LayoutMeasures, layout_measures
from firmcell.core.strips.made_of import metal_of
from firmcell.core.strips.pieces import StripPiece, strip_pieces
from firmcell.core.strips.runs import StripKind
from firmcell.core.strips.stock import StockPlan, stock_lengths, stock_plan

ANALYSIS_FORMAT = 2
"""Version of the analysis as given out by ``firm-cell analyse --json``."""


class PackFigures(Frozen):
    """The pack as a whole. The unit is the end of each name; ``_ah`` and ``_wh`` repeat SI fields for labels."""

    designation: str
    cell_designation: str
    series: int
    parallel: int
    voltage_empty_v: float
    voltage_nominal_v: float
    voltage_full_v: float
    voltage_now_v: float
    capacity_as: float
    capacity_ah: float
    energy_j: float
    energy_wh: float
    energy_usable_j: float
    energy_usable_wh: float
    run_time_s: float
    cell_current_steady_a: float
    cell_current_peak_a: float
    c_rate_steady_per_h: float
    c_rate_peak_per_h: float
    resistance_cells_ohm: float
    resistance_strips_ohm: float
    resistance_bms_ohm: float
    resistance_leads_ohm: float
    resistance_total_ohm: float
    sag_steady_v: float
    sag_peak_v: float
    voltage_end_steady_v: float
    voltage_end_peak_v: float
    heat_steady_w: float
    heat_peak_w: float
    short_circuit_a: float
    mass_kg: float
    transport: str


class BmsFigures(Frozen):
    """Taps and what the board asks for.

    Attributes
    ----------
    storage_days : from the storage voltage until nearly empty, board and cells draining; None without a
        board.
    balance_s : to even out a spread of 0.13 V between two groups; None without a board or if it does not
        balance.
    selective : whether load, board, fuse and wire open in order; None without a board.
    sense_short_a, sense_melts_s : if two neighbouring sense leads touch at the plug.
    sense_fuse_a : a fuse worth putting at each tap, or None.
    """

    taps: tuple[Tap, ...]
    sense_wire_total_m: float
    standby_days: float | None
    storage_days: float | None
    balance_s: float | None
    selective: Selectivity | None
    sense_short_a: float
    sense_melts_s: float
    sense_fuse_a: float | None


class InsulationFigures(Frozen):
    """Outer size and sleeves."""

    envelope: Envelope
    sleeve: SleeveFit | None
    cross_sleeve: SleeveFit | None
    sleeve_flat_needed_m: float
    cross_flat_needed_m: float


class Analysis(Frozen):
    """Everything computed from one design."""

    format: int = ANALYSIS_FORMAT
    pack: PackFigures
    options: tuple[SeriesParallel, ...]
    layout: Layout
    fit: FitFigures
    measures: LayoutMeasures
    strips: tuple[StripPiece, ...]
    too_near: tuple[TooNear, ...]
    strip_cuts: tuple[StockPlan, ...]
    open_at: int | None
    strip_stock_m: dict[str, float]
    strip_limit_k: float
    leads: LeadFigures
    protection: Protection | None
    bms: BmsFigures
    insulation: InsulationFigures

    def __hash__(self) -> int:
        return id(self)


STORED_AT_SOC = 0.5


def _bms_more(
    design: Design,
    capacity: float,
    leads: LeadFigures,
    taps: tuple[Tap, ...],
    peak: float,
    ambient: float,
    full: float,
    source_ohm: float,
    strip: tuple[Strip, int, float],
) -> dict[str, Any]:
    """What is told of the board beyond its taps."""
    board, cell, wire = design.bms.board, design.cell, design.bms.sense_wire
    longest = max((t.wire_length_m for t in taps), default=0.0)
    sense = sense_short(wire, longest, cell.full_v, cell.resistance_ohm / design.parallel)
    found: dict[str, Any] = {
        "storage_days": None,
        "balance_s": None,
        "selective": None,
        "sense_short_a": sense.short_a,
        "sense_melts_s": sense.melts_s,
        "sense_fuse_a": sense.fuse_a if longest else None,
    }
    if board is not None:
        middle = float(resting_voltage(cell.chemistry, STORED_AT_SOC))
        behind = spread_charge(cell, capacity, middle - GROUP_SPREAD_V, middle)
        found["storage_days"] = storage_days(capacity, board.standby_current_a, STORED_AT_SOC)
        if cell.chemistry.is_lithium and board.balance_current_a > 0:
            found["balance_s"] = balancing_time(behind, board.balance_current_a)
        found["selective"] = selectivity(
            board,
            design.leads.fuse,
            design.leads.wire,
            design.leads.laying,
            strip,
            peak,
            design.brief.current_steady_a,
            prospective_short_circuit(full, source_ohm),
            ambient,
        )
    return found


def analyse(design: Design, library: PartLibrary = EMPTY_LIBRARY) -> Analysis:
    """Return the whole analysis of `design`; `library` is what gauges are proposed from.

    Pure: the same design and library give the same analysis. Each part is memoised on what it reads.
    """
    design = design.as_made
    brief, cell, leads = design.brief, design.cell, design.leads
    steady, peak, ambient = brief.current_steady_a, brief.current_peak_a, brief.ambient_max_k
    layout = lay_out(cell, design.series, design.parallel, design.arrangement)
    lead_ohm = leads.length_m * leads.wire.resistance_ohm_per_m
    pieces = strip_pieces(
        layout,
        design.joining,
        cell.resistance_ohm,
        steady,
        peak,
        brief.peak_duration_s,
        cell.temperature_max_k,
        ambient,
        lead_ohm,
    )
    cells_ohm = design.series * cell.resistance_ohm / design.parallel
    shares = strip_shares(layout, design.joining, cell.resistance_ohm, lead_ohm)
    strips_ohm = shares.heat_ohm
    board = design.bms.board
    bms_ohm = board.resistance_ohm if board else 0.0
    full = design.series * cell.full_v
    source_ohm = cells_ohm + strips_ohm
    supply = design.details.supply
    if supply is not None:
        # The source is not a pack of ours: lugs on its studs, and its short-circuit current as entered.
        full = supply.full_v
        leads = leads.model_copy(update={"connector": LUGS_ON_STUDS})
        source_ohm = SHORT_CIRCUIT_FACTOR * full / supply.short_a
    figures = lead_figures(
        leads,
        library.wires,
        steady,
        peak,
        brief.peak_duration_s,
        ambient,
        cell.temperature_max_k,
        full,
        source_ohm,
        brief.load_capacitance_f,
    )
    tails = [p.lead_share for p in pieces if p.lead_share]
    collecting = (*metal_of(layout, design.joining, StripKind.COLLECTOR), max(tails, default=1.0))
    protects = (
        protection(
            leads.fuse,
            leads.wire,
            leads.laying,
            collecting,
            steady,
            peak,
            ambient,
            prospective_short_circuit(full, source_ohm),
            figures.inrush_i2t_a2s,
        )
        if leads.fuse
        else None
    )
    total_ohm = cells_ohm + strips_ohm + bms_ohm + figures.loop_ohm
    delivered, usable = usable_charge_and_energy(
        cell, design.series, design.parallel, steady, brief.load_voltage_min_v, total_ohm - cells_ohm
    )
    capacity = cell.capacity_as * design.parallel
    energy = capacity * design.series * cell.nominal_v
    height = cell.length_m + 2 * metal_height(design)
    kept = board_place(design) if design.bms.place is BoardPlace.END else None
    taps = tap_list(
        layout,
        cell,
        design.bms,
        design.cell_now_v,
        height,
        kept.x_m - layout.origin_m[0] if kept else None,
        shares,
        steady,
    )
    fit = fit_figures(design, layout)
    outer = envelope(design, layout, fit)
    insulation = design.insulation
    end, dip = (
        design.series * float(resting_voltage(cell.chemistry, soc)) - current * total_ohm
        for soc, current in ((END_OF_DISCHARGE_SOC, steady), (PEAK_SOC, peak))
    )
    mass = (
        design.cell_count * cell.mass_kg
        + sum(piece.mass_kg for piece in pieces)
        + 2 * leads.length_m * leads.wire.mass_kg_per_m
    )
    return Analysis(
        pack=PackFigures(
            designation=pack_designation(cell, design.series, design.parallel),
            cell_designation=cell_designation(cell),
            series=design.series,
            parallel=design.parallel,
            voltage_empty_v=design.series * cell.empty_v,
            voltage_nominal_v=design.series * cell.nominal_v,
            voltage_full_v=full,
            voltage_now_v=design.series * design.cell_now_v,
            capacity_as=capacity,
            capacity_ah=capacity / AH,
            energy_j=energy,
            energy_wh=energy / WH,
            energy_usable_j=float(usable),
            energy_usable_wh=float(usable) / WH,
            run_time_s=float(delivered) / steady,
            cell_current_steady_a=steady / design.parallel,
            cell_current_peak_a=peak / design.parallel,
            c_rate_steady_per_h=steady / (capacity / AH),
            c_rate_peak_per_h=peak / (capacity / AH),
            resistance_cells_ohm=cells_ohm,
            resistance_strips_ohm=strips_ohm,
            resistance_bms_ohm=bms_ohm,
            resistance_leads_ohm=figures.loop_ohm,
            resistance_total_ohm=total_ohm,
            sag_steady_v=steady * total_ohm,
            sag_peak_v=peak * total_ohm,
            voltage_end_steady_v=end,
            voltage_end_peak_v=dip,
            heat_steady_w=steady**2 * (cells_ohm + strips_ohm),
            heat_peak_w=peak**2 * (cells_ohm + strips_ohm),
            short_circuit_a=prospective_short_circuit(full, source_ohm),
            mass_kg=mass,
            transport=transport_class(cell.chemistry, cell.capacity_as * cell.nominal_v, energy),
        ),
        options=series_parallel_options(brief, cell),
        layout=layout,
        fit=fit,
        measures=layout_measures(layout, pieces),
        strips=pieces,
        too_near=strips_too_near(layout, design.joining, cell),
        strip_cuts=stock_plan(pieces),
        open_at=shares.open_at,
        strip_stock_m=stock_lengths(pieces),
        strip_limit_k=cell.temperature_max_k,
        leads=figures,
        protection=protects,
        bms=BmsFigures(
            taps=taps,
            sense_wire_total_m=sum(tap.wire_length_m for tap in taps),
            standby_days=capacity / board.standby_current_a / 86_400
            if board and board.standby_current_a
            else None,
            **_bms_more(design, capacity, figures, taps, peak, ambient, full, source_ohm, collecting),
        ),
        insulation=InsulationFigures(
            envelope=outer,
            sleeve=fit_sleeve(
                insulation.sleeve,
                outer.bare_width_m,
                outer.bare_height_m,
                outer.bare_length_m,
                insulation.lip_m,
            )
            if insulation.sleeve
            else None,
            cross_sleeve=fit_sleeve(
                insulation.cross_sleeve,
                outer.bare_length_m,
                outer.bare_height_m,
                outer.bare_width_m,
                insulation.lip_m,
            )
            if insulation.cross_sleeve
            else None,
            sleeve_flat_needed_m=flat_width_needed(outer.bare_width_m, outer.bare_height_m),
            cross_flat_needed_m=flat_width_needed(outer.bare_length_m, outer.bare_height_m),
        ),
    )
