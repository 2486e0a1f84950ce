"""Packs that would do a brief, to choose from while it is still being told."""

from collections.abc import Iterator
from dataclasses import replace

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.base import wording as w
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.first_design import joinable, propose, weight_and_work, with_room_for_bars
from firmcell.core.changes.from_stock import Weight, of_stock_first, weight_of
from firmcell.core.layout.series_parallel import SeriesParallel, series_parallel_options
from firmcell.core.model.brief import Brief
from firmcell.core.model.chemistry import FACTS, Chemistry
from firmcell.core.model.design import Design
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.rules import RULES, find
from firmcell.core.stock.at_hand import NOTHING, AtHand
from firmcell.core.strips.under_load import solve_under_load

INCH_M = 0.0254
LEAST_LOADED_V = 3.0
"""What tools and vehicles for lithium-ion cells take as empty under load, V a cell; common practice, no source."""
MOST = 4
"""Packs shown to choose from."""


@frozen
class PackChoice:
    """A pack that would do a brief, or comes nearest.

    Attributes
    ----------
    cell : Cell
    series, parallel : counts.
    design : worked out whole; None while that is still going on.
    lacks : what speaks against its counts; empty where it does the brief.
    mass_kg, energy_j, run_time_s : of the whole pack, to the load; of the cells alone until it is worked out.
    size_m : length, width and height outside.
    hottest_k : its warmest cell at the end of a run in the warmest air.
    in_stock : whether the shop has so many cells of its class.
    """

    cell: Cell
    series: int
    parallel: int
    lacks: tuple[str, ...]
    mass_kg: float
    energy_j: float
    design: Design | None = None
    run_time_s: float = 0.0
    size_m: tuple[float, float, float] | None = None
    hottest_k: float | None = None
    in_stock: bool = False

    @property
    def title(self) -> str:
        """Counts and cell: 10S4P of 21700 high-energy 5.0 Ah."""
        return f"{self.series}S{self.parallel}P of {self.cell.name}"

    def words(self, inch: bool = False) -> str:
        """What it weighs, measures (in mm or inches), gives, costs, and how warm it gets."""
        told = [w.kilograms(self.mass_kg), f"{w.watt_hours(self.energy_j)} to the load"]
        if self.run_time_s:
            told.append(f"runs {w.duration(self.run_time_s)}")
        if self.size_m is not None:
            sides = [f"{side / INCH_M:.2f}" if inch else f"{side * 1e3:.0f}" for side in self.size_m]
            told.append(" × ".join(sides) + (" in" if inch else " mm"))
        if self.hottest_k is not None:
            over = self.hottest_k > self.cell.temperature_max_k
            told.append(f"warms to {w.celsius(self.hottest_k)}" + (": too warm" if over else ""))
        if self.in_stock:
            told.append("cells in stock")
        elif self.cell.price is not None:
            told.append(f"cells for {self.series * self.parallel * self.cell.price:.2f}")
        if self.lacks:
            told.append(f"but {self.lacks[0]}")
        return ", ".join(told)


def window_of_nominal(nominal_v: float) -> tuple[int, float, float]:
    """Return what a nominal voltage on a plate usually means: cells in series, lowest and highest voltage.

    Parameters
    ----------
    nominal_v : float
        V; of lithium-ion cells. Nothing of a load is known by it: it is a guess to begin with.

    Raises
    ------
    Refusal
        If it is less than one cell's.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> window_of_nominal(36.0)
    (10, 30.0, 42.0)
    """
    facts = FACTS[Chemistry.LI_ION]
    series = round(nominal_v / facts.nominal_v)
    if series < 1:
        raise Refusal(
            f"{w.volts(nominal_v)} is less than one lithium-ion cell; say the lowest and the highest voltage."
        )
    return series, round(series * LEAST_LOADED_V, 6), round(series * facts.full_v, 6)


def pack_choices(
    brief: Brief,
    library: PartLibrary,
    welder: Welder | None = Welder.MEDIUM,
    most: int = MOST,
    at_hand: AtHand = NOTHING,
) -> Iterator[tuple[PackChoice, ...]]:
    """Yield the packs to choose from, again and again as more of them is known: first by counts, then each
    worked out whole.

    Parameters
    ----------
    brief : Brief
        As far as it is told.
    library : PartLibrary
    welder : Welder or None
        What the shop welds with.
    most : int
        How many at most; packs that do the brief, or the one that lacks least where none does.
    at_hand : AtHand
        What the shop has: packs of cells that are there come first.

    Raises
    ------
    Refusal
        If no cell makes a pack of such a voltage.
    """
    cells = joinable(brief, with_room_for_bars(brief, library))
    options = [(cell, o) for cell in cells for o in series_parallel_options(brief, cell)]
    best: dict[str, tuple[Cell, SeriesParallel]] = {}

    def rank(pair: tuple[Cell, SeriesParallel]) -> tuple[int, bool, float]:
        cell, option = pair
        there = at_hand.enough_cells(cell.name, option.series * option.parallel)
        return len(option.reasons), not there, weight_and_work(option)

    for cell, option in sorted(options, key=rank):
        best.setdefault(cell.name, (cell, option))
    if not best:
        raise Refusal("No cell in the part library makes a pack for this voltage window.")
    found = list(best.values())
    able = [pair for pair in found if not pair[1].reasons]
    chosen = [_by_counts(cell, option, at_hand) for cell, option in (able or found[:1])[:most]]
    yield tuple(chosen)
    for place, choice in enumerate(chosen):
        chosen[place] = _whole(choice, brief, library, welder, at_hand)
        yield tuple(chosen)


def _by_counts(cell: Cell, option: SeriesParallel, at_hand: AtHand) -> PackChoice:
    return PackChoice(
        cell,
        option.series,
        option.parallel,
        option.reasons,
        option.mass_cells_kg,
        option.energy_usable_j,
        in_stock=at_hand.enough_cells(cell.name, option.series * option.parallel),
    )


def _whole(
    choice: PackChoice, brief: Brief, library: PartLibrary, welder: Welder | None, at_hand: AtHand
) -> PackChoice:
    """The same with its design: layout, strips, leads, board and sleeve, and its heat."""

    def weigh(design: Design) -> Weight:
        analysis = analyse(design, library)
        metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
        situation = Situation(design, analysis, EMPTY_STATE, library, metal)
        return weight_of(find(situation, RULES.values()))

    design = of_stock_first(
        lambda parts: propose(brief, parts, choice.cell, welder=welder),
        weigh,
        library,
        at_hand,
        thorough=False,
    )
    analysis = analyse(design, library)
    pack, outside = analysis.pack, analysis.insulation.envelope
    figures = solve_under_load(design, analysis.layout, pack.run_time_s).figures
    return replace(
        choice,
        design=design,
        series=design.series,
        parallel=design.parallel,
        mass_kg=pack.mass_kg,
        energy_j=pack.energy_usable_j,
        run_time_s=pack.run_time_s,
        size_m=(outside.length_m, outside.width_m, outside.height_m),
        hottest_k=figures.hottest_cell_k if figures.whole else None,
    )
