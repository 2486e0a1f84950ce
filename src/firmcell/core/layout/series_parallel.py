"""How many cells in series and in parallel: every pair in reach, and why an unfit one fails."""

from functools import lru_cache

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base import wording as w
from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import Frozen
from firmcell.core.cells.cell_model import WARM_K
from firmcell.core.cells.steady_trace import PEAK_LEFT, steady_trace
from firmcell.core.layout.rows import SIN60
from firmcell.core.layout.space import rooms_for
from firmcell.core.model.brief import Brief, SpaceShape
from firmcell.core.model.design import Arrangement, Lie
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Cell

END_OF_DISCHARGE_SOC = 0.25
"""State of charge at which the load must still get its least voltage under the steady current: a pack that it cuts off
sooner is too low for it. Engineering judgement."""
PEAK_SOC = PEAK_LEFT
"""State of charge at which the load must still get its least voltage under the peak current."""
PATH_OHM_PER_GROUP = 0.0015
"""Strip, joints and a share of board, leads and fuse, for each group in series, while none is chosen yet;
generic class value."""
MOST_SERIES = 64


class SeriesParallel(Frozen):
    """One pair of series and parallel count.

    Attributes
    ----------
    reasons : what it fails on, in words; empty if feasible.
    energy_usable_j : from full to the load's cut-off at the steady current, J.
    cell_steady_a, cell_peak_a : current of one cell, A.
    voltage_end_v : pack under steady current with a quarter of its charge left, V.
    """

    series: int
    parallel: int
    feasible: bool
    reasons: tuple[str, ...]
    voltage_full_v: float
    voltage_nominal_v: float
    voltage_end_v: float
    energy_usable_j: float
    cell_steady_a: float
    cell_peak_a: float
    mass_cells_kg: float

    @property
    def edits(self) -> tuple[tuple[str, object], ...]:
        """The edits of a design that make it this count, each group in a column of its own."""
        return (("series", self.series), ("parallel", self.parallel), ("arrangement.rows", self.parallel))

    @property
    def label(self) -> str:
        """Such as 10S4P."""
        return f"{self.series}S{self.parallel}P"


def usable_charge_and_energy(
    cell: Cell,
    series: ArrayLike,
    parallel: ArrayLike,
    duty: Duty,
    load_min_v: float,
    path_ohm: ArrayLike,
    ambient_k: float = WARM_K,
    more_ohm: float = 0.0,
) -> tuple[Array, Array]:
    """Return charge (A·s) and energy (J) that new cells deliver from full at the steady current of a duty
    to the cut-off.

    The cut-off is the higher of the load's least voltage and the empty voltage of the groups. The
    cells are alike and follow the model of their class in time, warming themselves; each resists by
    `more_ohm` more than that. `path_ohm` is everything else in the loop. `series`, `parallel` and
    `path_ohm` broadcast.
    """
    s, p, path = np.broadcast_arrays(*(np.asarray(v, dtype=float) for v in (series, parallel, path_ohm)))
    trace = steady_trace(cell, (duty.steady_a * 3600.0 / (p * cell.capacity_as)).ravel(), ambient_k)
    cells = trace.volts.reshape(*p.shape, -1) - (duty.steady_a / p * more_ohm)[..., None]
    pack = s[..., None] * cells - duty.steady_a * path[..., None]
    # How far over the nearer of its two ends each moment lies; the first one below ends it.
    over = np.minimum(pack - load_min_v, s[..., None] * (cells - cell.empty_v))
    ended = over < 0
    first = np.where(ended.any(axis=-1), ended.argmax(axis=-1), len(trace.given) - 1)
    before = np.maximum(first - 1, 0)

    def at(table: Array, place: NDArray[np.intp]) -> Array:
        return np.asarray(np.take_along_axis(table, place[..., None], axis=-1)[..., 0])

    here, there = at(over, before), at(over, first)
    part = np.clip(here / np.maximum(here - there, 1e-12), 0.0, 1.0)
    used = trace.given[before] + part * (trace.given[first] - trace.given[before])
    sums = np.concatenate(
        [
            np.zeros((*pack.shape[:-1], 1)),
            np.cumsum((pack[..., 1:] + pack[..., :-1]) / 2 * np.diff(trace.given), axis=-1),
        ],
        axis=-1,
    )
    last = at(pack, before)
    area = at(sums, before) + (used - trace.given[before]) * (2 * last + part * (at(pack, first) - last)) / 2
    begun = over[..., 0] >= 0
    capacity = cell.capacity_as * p
    return np.where(begun, capacity * used, 0.0), np.where(begun, capacity * area, 0.0)


def loaded_voltages(
    cell: Cell, series: ArrayLike, parallel: ArrayLike, duty: Duty, path_ohm: ArrayLike
) -> tuple[Array, Array]:
    """Return the pack voltages in V under the steady current with a quarter of the charge left, and at the
    end of a peak with three tenths, 0 where the cells collapse; `path_ohm` is everything in the loop but
    the cells. Arguments broadcast."""
    s, p, path = np.broadcast_arrays(*(np.asarray(v, dtype=float) for v in (series, parallel, path_ohm)))
    trace = steady_trace(cell, (duty.steady_a * 3600.0 / (p * cell.capacity_as)).ravel(), WARM_K)
    end = trace.voltage_left(END_OF_DISCHARGE_SOC).reshape(p.shape)
    dip = trace.voltage_in_peak(duty.peak_a / duty.steady_a, duty.peak_s).reshape(p.shape)
    steady, peak = s * end - duty.steady_a * path, s * dip - duty.peak_a * path
    return np.maximum(steady, 0.0), np.maximum(peak, 0.0)


def _series_range(brief: Brief, cell: Cell) -> range:
    low = max(1, int(brief.load_voltage_min_v / cell.full_v))
    high = min(MOST_SERIES, int(np.ceil(brief.load_voltage_max_v / cell.empty_v)))
    if high - low > 24:
        middle = round((brief.load_voltage_min_v + brief.load_voltage_max_v) / 2 / cell.nominal_v)
        low, high = max(low, middle - 12), min(high, middle + 12)
    return range(low, max(low, high) + 1)


def _least_parallel(brief: Brief, cell: Cell, series: int) -> int:
    least = max(
        np.ceil(brief.duty.lasting_a / cell.current_continuous_a - 1e-9),
        np.ceil(brief.current_peak_a / cell.current_peak_a - 1e-9),
        1,
    )
    wanted = brief.energy_wanted_j
    if wanted is not None:
        least = max(least, np.ceil(wanted / (series * cell.nominal_v * cell.capacity_as)))
    return int(least)


def _judge(
    brief: Brief,
    cell: Cell,
    series: int,
    parallel: int,
    energy: float,
    ends_v: tuple[float, float],
    room: int | None,
) -> SeriesParallel:
    """Return the option `series` × `parallel` with everything it fails on; `room` is how many cells fit."""
    reasons: list[str] = []
    full = series * cell.full_v
    if full > brief.load_voltage_max_v + 1e-9:
        reasons.append(f"full it gives {w.volts(full)}, the load accepts {w.volts(brief.load_voltage_max_v)}")
    end, dip = ends_v
    if end < brief.load_voltage_min_v:
        reasons.append(
            f"near empty it gives {w.volts(end)} under load, the load needs {w.volts(brief.load_voltage_min_v)}"
        )
    if end >= brief.load_voltage_min_v > dip:
        reasons.append(
            f"the peak pulls it down to {w.volts(dip)}, the load needs {w.volts(brief.load_voltage_min_v)}"
        )
    steady, peak = brief.duty.lasting_a / parallel, brief.current_peak_a / parallel
    if steady > cell.current_continuous_a + 1e-9:
        reasons.append(
            f"each cell gives {w.amperes(steady)} steadily, its limit is {w.amperes(cell.current_continuous_a)}"
        )
    if peak > cell.current_peak_a + 1e-9:
        reasons.append(
            f"each cell gives {w.amperes(peak)} at the peak, its limit is {w.amperes(cell.current_peak_a)}"
        )
    wanted = brief.energy_wanted_j
    if wanted is not None and energy < wanted:
        reasons.append(f"it delivers {w.watt_hours(energy)}, {w.watt_hours(wanted)} is wanted")
    mass = series * parallel * cell.mass_kg
    if brief.mass_limit_kg is not None and mass > brief.mass_limit_kg:
        reasons.append(
            f"the cells alone weigh {w.kilograms(mass)}, the limit is {w.kilograms(brief.mass_limit_kg)}"
        )
    if room is not None and series * parallel > room:
        reasons.append(f"{series * parallel} cells are too many: the space takes at most {room} standing")
    return SeriesParallel.model_construct(
        series=series,
        parallel=parallel,
        feasible=not reasons,
        reasons=tuple(reasons),
        voltage_full_v=full,
        voltage_nominal_v=series * cell.nominal_v,
        voltage_end_v=end,
        energy_usable_j=energy,
        cell_steady_a=steady,
        cell_peak_a=peak,
        mass_cells_kg=mass,
    )


def room_for_cells(brief: Brief, cell: Cell) -> int | None:
    """Return how many standing, touching cells of the largest size a box takes; None if no space is given.

    Of any other space, or with blocked places, the number its area cannot exceed; how many really fit
    is for the layout engine to find.
    """
    if brief.box_m is None:
        return None
    if brief.space is not SpaceShape.BOX or brief.blocked:
        along, across = cell.largest_m
        lie = Lie.ALONG if brief.space is SpaceShape.PROFILE else Lie.STANDING
        whole = cell.length_m + cell.length_tolerance_m
        rooms = rooms_for(brief, Arrangement.model_construct(rows=1, lie=lie), whole)
        covered = np.pi / 4 * along**2 if cell.is_round else along * across
        return int(sum(room.region.area_m2 for room in rooms) / covered)
    length, width, height = (side - 2 * brief.clearance_m for side in brief.box_m)
    if cell.length_m + cell.length_tolerance_m > height:
        return 0
    pitch = cell.diameter_m + cell.diameter_tolerance_m
    across, along = int(width / pitch + 1e-9), int(length / pitch + 1e-9)
    best = across * along
    # Staggered columns stand closer, and every second one is half a pitch aside.
    columns = int((length / pitch - 1) / SIN60 + 1 + 1e-9) if length >= pitch else 0
    rows = int(width / pitch - (0.5 if columns > 1 else 0.0) + 1e-9)
    return max(best, columns * rows)


def _pairs(brief: Brief, cell: Cell) -> list[tuple[int, int]]:
    return [
        (series, parallel)
        for series in _series_range(brief, cell)
        for need in [_least_parallel(brief, cell, series)]
        for parallel in range(max(1, need - 2), min(need + 4, 200) + 1)
        if series * parallel <= 2000
    ]


@lru_cache(maxsize=128)
def series_parallel_options(brief: Brief, cell: Cell) -> tuple[SeriesParallel, ...]:
    """Return every pair worth listing: all series counts near the window, parallel counts near the need.

    Feasible pairs come first, fewest cells first; then the unfit ones with their reasons.
    """
    pairs = _pairs(brief, cell)
    if not pairs:
        return ()
    counts = np.array(pairs, dtype=float)
    path = counts[:, 0] * PATH_OHM_PER_GROUP
    of_pairs = cell, counts[:, 0], counts[:, 1]
    _, energies = usable_charge_and_energy(*of_pairs, brief.duty, brief.load_voltage_min_v, path)
    ends = zip(*(v.tolist() for v in loaded_voltages(*of_pairs, brief.duty, path)), strict=True)
    room = room_for_cells(brief, cell)
    options = [
        _judge(brief, cell, series, parallel, energy, ends_v, room)
        for (series, parallel), energy, ends_v in zip(pairs, energies.tolist(), ends, strict=True)
    ]
    options.sort(key=lambda o: (not o.feasible, len(o.reasons), o.series * o.parallel, o.series))
    return tuple(options)


class CellChoice(Frozen):
    """What a cell would make of the brief: its best pair, or why it makes none."""

    cell: Cell
    option: SeriesParallel | None


def compare_cells(brief: Brief, cells: tuple[Cell, ...]) -> tuple[CellChoice, ...]:
    """Return every cell with its best pair, those that do the brief first, then by mass."""
    choices = []
    for cell in cells:
        options = series_parallel_options(brief, cell)
        best = min(options, key=lambda o: (len(o.reasons), o.mass_cells_kg), default=None)
        choices.append(CellChoice(cell=cell, option=best))
    return tuple(
        sorted(
            choices, key=lambda c: (len(c.option.reasons), c.option.mass_cells_kg) if c.option else (99, 0.0)
        )
    )
