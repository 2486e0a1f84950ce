"""A design made ready to run: cells as measured, network, heat, and what may end it."""

from collections.abc import Callable
from dataclasses import replace

import numpy as np

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.age import WORN, Age
from firmcell.core.cells.cell_model import CellModel, CellTraits
from firmcell.core.cells.class_models import behaviour, curves_of, in_charge
from firmcell.core.charging.in_host import SLOW_FACTOR
from firmcell.core.leads.main_leads import LEADS_TOGETHER
from firmcell.core.leads.wire_rating import carriers
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.design import OF_EACH_CELL, Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.run.charge import Charger, NickelCharger, charge, charge_nickel
from firmcell.core.run.conductors import Conductor, contact_through, strips_through, wire_through
from firmcell.core.run.demand import Demand
from firmcell.core.run.engine import discharge
from firmcell.core.run.pack_in_time import PackInTime, RunLimits, aged
from firmcell.core.run.run_result import EndedBy, RunResult
from firmcell.core.run.strips_in_run import strips_in_run
from firmcell.core.strips.pack_heat import OWN_RISE_K
from firmcell.core.strips.under_load import UnderLoad, cell_resistances, solve_under_load
from firmcell.core.wiring.current_way import tails_ohm

AGES = {"new": Age.NEW, "half": Age.HALF, "end": Age.END}
"""By the words of the command line."""


@frozen
class CellsAs:
    """How the cells are taken.

    Attributes
    ----------
    age : new, half worn, or at the end.
    resistance : further factor on every resistance: an edge of the band of the class.
    scatter : standard deviation of capacity and resistance from cell to cell, as a share; 0 all alike.
    seed : of the scatter.
    curve : which of their `curves_of` their resting voltage follows.
    """

    age: Age = Age.NEW
    resistance: float = 1.0
    scatter: float = 0.0
    seed: int = 1
    curve: int = 0


def pack_in_time(
    design: Design,
    analysis: Analysis,
    metal: UnderLoad,
    cells: CellsAs | None = None,
    capacity_as: Array | None = None,
) -> PackInTime:
    """Return a design ready to run.

    Parameters
    ----------
    design : Design
        With the measured resistances of its cells, where there are.
    analysis, metal : Analysis, UnderLoad
        Of the design.
    cells : CellsAs, optional
        How they are taken; new and alike if left out.
    capacity_as : ndarray, shape (n,), optional
        Measured capacity of each cell, 0 where it was not measured, A·s.

    Notes
    -----
    A cell's measured resistance takes the place of its class's in proportion. The network is that at the
    steady current; its strips change with their warmth through a run.
    """
    design, cells = design.as_made, cells or CellsAs()
    own = behaviour(design.cell)
    n = design.cell_count
    capacity_left, grown = WORN[cells.age]
    resistance = np.asarray(own.traits.resistance) * cell_resistances(design) / design.cell.resistance_ohm
    capacity = np.full(n, float(np.asarray(own.traits.capacity)))
    if capacity_as is not None:
        capacity *= np.where(capacity_as > 0, capacity_as, design.cell.capacity_as) / design.cell.capacity_as
    if cells.scatter:
        random = np.random.default_rng(cells.seed)
        resistance = resistance * np.exp(cells.scatter * random.standard_normal(n))
        capacity = capacity * (1 - np.abs(cells.scatter * random.standard_normal(n)) / 2)
    traits = CellTraits(np.full(n, design.cell.capacity_as), capacity, resistance, np.ones(n))
    return PackInTime(
        numbers=np.array([c.number for c in metal.layout.cells], dtype=np.intp),
        groups=np.array([c.group for c in metal.layout.cells], dtype=np.intp),
        network=metal.network,
        joint_ohm=metal.joint_ohm,
        outside_ohm=outside_ohm(design, analysis),
        model=curves_of(design.cell)[cells.curve],
        traits=aged(traits, capacity_left, grown * cells.resistance),
        full=own.full,
        lumps=metal.lumps,
        limits=run_limits(design),
        strips=strips_in_run(metal),
    )


def outside_ohm(design: Design, analysis: Analysis) -> float:
    """Return the resistance between the cells' strips and the load, Ω: tails, board, leads, connector and
    fuse."""
    board = design.bms.board
    return tails_ohm(analysis.wiring) + (board.resistance_ohm if board else 0.0) + analysis.leads.loop_ohm


OVER_FULL_V = 0.05
"""A lithium cell is not charged further over its full voltage, V: what boards allow before they open (generic class
value)."""


def run_limits(design: Design) -> RunLimits:
    """Return what may end a run of a design."""
    cell, board = design.cell, design.bms.board
    return RunLimits(
        load_least_v=design.brief.load_voltage_min_v,
        cell_least_v=cell.empty_v,
        cell_most_v=cell.full_v,
        cell_most_k=cell.temperature_max_k,
        cell_least_k=cell.temperature_charge_min_k,
        cell_gives_from_k=cell.temperature_discharge_min_k,
        cell_over_v=cell.full_v + OVER_FULL_V if cell.chemistry.is_lithium else None,
        board_least_v=board.under_voltage_v if board else None,
        board_most_v=board.over_voltage_v if board else None,
        board_trip_a=board.current_peak_a if board else None,
        board_delay_s=board.trip_delay_s if board else 0.0,
        fuse=design.leads.fuse,
    )


@frozen(eq=False)
class Asked:
    """A run that is asked for.

    Attributes
    ----------
    demand : what is drawn; None charges the pack with the charger of the design.
    start : state of charge, 1 full.
    ambient_k : of the air, and of the pack at the start, K.
    """

    demand: Demand | None
    start: float
    ambient_k: float
    age: Age = Age.NEW


def run_of(
    design: Design, pack: PackInTime, asked: Asked, told: Callable[[float], bool] | None = None
) -> RunResult:
    """Return a run of a pack made ready."""
    if asked.demand is not None:
        return discharge(pack, asked.demand, asked.start, asked.ambient_k, told)
    pack = replace(pack, model=in_charge(pack.model, design.cell.chemistry))
    host = charger_of_host(design, pack)
    if host is not None:
        return charge_nickel(pack, host, asked.start, asked.ambient_k, told)
    if not design.cell.chemistry.is_lithium:
        return charge_nickel(pack, nickel_charger(design, pack), asked.start, asked.ambient_k, told)
    board = design.bms.board
    charger = Charger(
        voltage_v=design.series * design.cell.full_v,
        current_a=design.charge_current_a,
        outside_ohm=pack.outside_ohm,
        balance_a=board.balance_current_a if board else 0.0,
    )
    return charge(pack, charger, asked.start, asked.ambient_k, told)


SLOW_IT = 0.15
"""Up to this current nickel is charged by the clock alone; above, a fall of voltage or warmth must end it."""
FALL_V = {Chemistry.NIMH: 0.005, Chemistry.NICD: 0.010}
"""Fall of a cell's voltage that ends a fast charge, V (value from memory, IEC 61951-2 and common practice)."""
RISE_K_S = 1.0 / 60.0
"""Warming that ends a fast charge, K/s: 1 K/min (IEC 61951-2 and common practice, from memory)."""
FAST_CLOCK = 1.3
"""Charge put in over the capacity at which the clock behind a fast charge ends it; engineering judgement."""


def nickel_charger(design: Design, pack: PackInTime) -> NickelCharger:
    """Return how the charger of a design charges nickel: slowly by the clock, 1.6 times the capacity (a
    tenth for 16 h), or fast until the voltage falls or the cells warm by 1 K/min, with a clock of 1.3 times
    the capacity behind both."""
    whole = design.parallel * design.cell.capacity_as
    current = design.charge_current_a
    slow = current * 3600.0 / whole <= SLOW_IT
    return NickelCharger(
        current_a=current,
        lasts_s=(SLOW_FACTOR if slow else FAST_CLOCK) * whole / current,
        fall_v=None if slow else design.series * FALL_V[design.cell.chemistry],
        rise_k_s=None if slow else RISE_K_S,
        outside_ohm=pack.outside_ohm,
    )


DAY_S = 86_400.0
"""A charge that nothing ends is followed for a day."""


def charger_of_host(design: Design, pack: PackInTime) -> NickelCharger | None:
    """Return the charger that the pack's host brings along, where it knows no voltage to end at and its
    owner told enough of it; None otherwise."""
    told = design.host_charger
    by_source = told.end is ChargeEnd.RESISTOR
    if by_source and (told.open_v is None or told.resistor_ohm is None):
        return None
    if not by_source and (told.current_a is None or told.end not in BLIND):
        return None
    nickel = not design.cell.chemistry.is_lithium
    return NickelCharger(
        current_a=told.current_a or 0.0,
        lasts_s=told.clock_s or DAY_S,
        fall_v=design.series * FALL_V[design.cell.chemistry]
        if told.end is ChargeEnd.DROP and nickel
        else None,
        rise_k_s=RISE_K_S if told.end is ChargeEnd.HEAT and nickel else None,
        outside_ohm=pack.outside_ohm,
        source_v=told.open_v if by_source else None,
        resistor_ohm=told.resistor_ohm or 0.0 if by_source else 0.0,
    )


BLIND = (ChargeEnd.CLOCK, ChargeEnd.NEVER, ChargeEnd.DROP, ChargeEnd.HEAT)
"""Ends of a charge at a constant current that know no voltage."""


def run_with_band(
    design: Design,
    analysis: Analysis,
    metal: UnderLoad,
    asked: Asked,
    capacity_as: Array | None = None,
    told: Callable[[float], bool] | None = None,
    curve: int | None = None,
) -> tuple[RunResult, tuple[RunResult, RunResult] | None, CellModel]:
    """Return a run, the same with the cells of the least and the greatest resistance of their class, and
    the model.

    Where every cell's resistance was measured there is no band. Where no curve of `curves_of` is named it
    is the one that holds the rated energy, but in a charge of nickel the class's.
    """
    if curve is None:
        curve = -1 if asked.demand is None and not design.cell.chemistry.is_lithium else 0
    pack = pack_in_time(design, analysis, metal, CellsAs(asked.age, curve=curve), capacity_as)
    result = run_of(design, pack, asked, told)
    known = len(design.measured_ohm) >= design.cell_count and all(ohm > 0 for ohm in design.measured_ohm)
    begun = result.time_s[-1] > 0 and result.ended_by is not EndedBy.STOPPED
    if known or not begun:
        return result, None, pack.model
    low, high = (
        run_of(
            design,
            pack_in_time(design, analysis, metal, CellsAs(asked.age, edge, curve=curve), capacity_as),
            asked,
            told,
        )
        for edge in pack.model.resistance_band
    )
    if EndedBy.STOPPED in (low.ended_by, high.ended_by):
        return result, None, pack.model
    return result, (low, high), pack.model


NICKEL_UNSURE_V = 0.04
"""Curves of handbooks and the model of nickel in charge lie so far apart, V a cell."""


def charge_unsure_v(design: Design) -> tuple[float, float, float]:
    """Return how much lower, and how much higher, a right charge may stand than that of `run_with_band`,
    and up to what voltage, V of the pack: where a class has no set of its own, its curve is told lower than
    it may be."""
    if not design.cell.chemistry.is_lithium:
        return design.series * NICKEL_UNSURE_V, design.series * NICKEL_UNSURE_V, float("inf")
    own, *others = curves_of(design.cell)
    higher = max((float((other.resting_v - own.resting_v).max()) for other in others), default=0.0)
    return 0.0, design.series * higher, design.series * design.cell.full_v


def conductors_of(
    design: Design, metal: UnderLoad, result: RunResult, ambient_k: float
) -> tuple[Conductor, ...]:
    """Return strips, leads and contacts through a run of a design; of a charge those to the charger, if it
    has some of its own.

    Parameters
    ----------
    design : Design
    metal : UnderLoad
        Of the design.
    result : RunResult
    ambient_k : float
        Of the air, K.
    """
    leads, time_s = design.leads, result.time_s
    strips_k, where = strips_through(metal, result)
    charging = result.delivered_as < 0 and leads.charge_connector is not None
    wire = leads.to_charger if charging else leads.wire
    plug = leads.charge_connector if charging else leads.outlet
    share = 1.0 if charging else carriers(leads.parallel)
    # Laid in the insulation, the leads are in air as warm as the cells get.
    inside = leads.laying is WireLaying.INSULATION
    around = max(ambient_k, float(result.temperature_max_k.max())) if inside else ambient_k
    wire_k = wire_through(wire, leads.laying, LEADS_TOGETHER, around, time_s, result.current_a / share)
    found = [
        # Strips on cells that are at their limit may be a little warmer: then the cells are at fault.
        Conductor("strips", strips_k, design.cell.temperature_max_k + OWN_RISE_K, where),
        Conductor("leads", wire_k, min(leads.limit_k, wire.insulation_limit_k)),
    ]
    if plug is not None and plug.contact_resistance_ohm > 0:
        contact_k = contact_through(plug, ambient_k, time_s, result.current_a)
        found.append(Conductor("contacts", contact_k, plug.temperature_max_k))
    return tuple(found)


def run_with_cells(
    design: Design,
    cell: Cell,
    library: PartLibrary,
    asked: Asked,
    told: Callable[[float], bool] | None = None,
) -> tuple[tuple[RunResult, tuple[RunResult, RunResult] | None, CellModel], tuple[Conductor, ...]]:
    """Return what `run_with_band` and `conductors_of` do of the same pack with other cells, none of them
    measured."""
    other = design.with_edits(("cell", cell), *((name, ()) for name in OF_EACH_CELL))
    analysis = analyse(other, library)
    metal = solve_under_load(other, analysis.layout, analysis.pack.run_time_s)
    found = run_with_band(other, analysis, metal, asked, None, told)
    return found, conductors_of(other, metal, found[0], asked.ambient_k)
