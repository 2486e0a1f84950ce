"""What an analysis holds."""

from pydantic import Field, computed_field

from firmcell.core.base.quantity import Frozen
from firmcell.core.bms.board_choice import (
    Selectivity,
)
from firmcell.core.bms.taps import Tap
from firmcell.core.insulation.outer_size import (
    Envelope,
    SleeveFit,
)
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.fit_in_space import FitFigures
from firmcell.core.layout.series_parallel import SeriesParallel, series_parallel_options
from firmcell.core.leads.fuse_timing import Protection
from firmcell.core.leads.main_leads import (
    LeadFigures,
    WayFigures,
)
from firmcell.core.model.brief import Brief
from firmcell.core.model.parts import Cell
from firmcell.core.strips.clearances import TooNear
from firmcell.core.strips.layout_measures import LayoutMeasures
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.stock import StockPlan
from firmcell.core.wiring.graph import Wiring

ANALYSIS_FORMAT = 2
"""Version of the analysis as given out by ``firm-cell analyse --json``."""


class PackFigures(Frozen):
    """The pack as a whole. The unit is the end of each name; ``_ah`` and ``_wh`` repeat SI fields for
    labels.

    Attributes
    ----------
    energy_cold_j : as `energy_usable_j`, begun at the coldest place of use.
    energy_weak_j : as `energy_usable_j`, of cells that resist as much as any of their class; measured ones
    as measured.
    weak_more_ohm : what such cells add to the resistance of the pack.
    voltage_cold_start_v, voltage_cold_start_old_v : at the load at the end of a peak from full, rested, at
    the coldest
        place of use; of new cells, and at the end of their life.
    """

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
    energy_cold_j: float
    energy_weak_j: float
    weak_more_ohm: float
    voltage_cold_start_v: float
    voltage_cold_start_old_v: float
    heat_steady_w: float
    heat_peak_w: float
    short_circuit_a: float
    mass_kg: float
    transport: str


class BmsFigures(Frozen):
    """Taps and what the board asks for.

    Attributes
    ----------
    storage_days : from half full until nearly empty at 25 °C, board and cells draining, at the earliest by
    how
        cells of the class differ; None without a board.
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
    """Everything computed from one design.

    Attributes
    ----------
    charge_way : what the charger's current loses on its way in.
    """

    format: int = ANALYSIS_FORMAT
    pack: PackFigures
    # What the counts in series and in parallel are judged by.
    options_of: tuple[Brief, Cell] = Field(exclude=True)
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
    charge_way: WayFigures
    protection: Protection | None
    bms: BmsFigures
    insulation: InsulationFigures
    wiring: Wiring = Field(exclude=True)

    # Worked out when it is looked at: most edits are made where no such list is shown.
    @computed_field  # type: ignore[prop-decorator]
    @property
    def options(self) -> tuple[SeriesParallel, ...]:
        """Every pair of series and parallel count in reach of the brief."""
        return series_parallel_options(*self.options_of)

    def __hash__(self) -> int:
        return id(self)


def with_pack_of(analysis: Analysis, measured: Analysis) -> Analysis:
    """Return an analysis with the figures of the pack as it was measured; places, wiring and steps stay as
    designed."""
    return analysis.model_copy(update={"pack": measured.pack})
