"""Plates as sheets of metal: what they resist from joint to joint, and current and warmth in the bands
between pads."""

from collections.abc import Sequence
from dataclasses import field
from functools import cached_property, lru_cache
from typing import Any

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining
from firmcell.core.model.joint_kinds import HOLE_EASE_M, JoinedBy
from firmcell.core.model.parts import Cell
from firmcell.core.physics.resistor_network import Indices
from firmcell.core.physics.sheet import SheetFields, SheetGrid, grid_of, sheet_fields
from firmcell.core.strips.joints import SOLDERED_RADIUS_M, SPOT_RADIUS_M
from firmcell.core.strips.made_of import metal_of
from firmcell.core.strips.plates import TAB_M, Plate, plates
from firmcell.core.strips.runs import StripKind, StripRun

SQUARES = 8000
"""About so many squares a plate is cut into, but none smaller or larger than `STEPS_M`."""
STEPS_M = (0.0005, 0.001)
MOST_KEPT = 8_000_000
"""Squares × pads that are kept of a plate; one with many pads is cut more coarsely, up to `COARSEST_M`."""
COARSEST_M = 0.002
"""Three plates of 200 pads against squares of 1 mm: resistance 4 and 10 % high at 1.5 and 2 mm, use of the limit 0.4 and
0.9 % low."""
SPOT_APART_M, PAIRS_OVER_M = 0.002, 0.004
"""How far weld spots lie from the slot between them, and over what length of it several pairs do, m; common practice,
no source."""
LEAST_BETWEEN = 1e-6
"""Joints with others between them conduct less than this share of the most that two of the plate do: left out. With 200
pads that leaves an eighth of the pairs, and half a millionth of the conductance out."""


@frozen(eq=False)
class Bands:
    """The sheet divided among its bands: metal between two neighbouring pads, then that between a pad and the
    tab of a main lead.

    Attributes
    ----------
    count : number of bands.
    of_square : band of each square (n,).
    cut_a, cut_b : squares on both sides of each link that the middle of a band cuts (c,).
    cut_band, cut_open, cut_sign : band of each such link, its conductance in sheets of 1 Ω, and whether it
        runs towards the band's second end.
    """

    count: int
    of_square: Indices
    cut_a: Indices
    cut_b: Indices
    cut_band: Indices
    cut_open: Array
    cut_sign: Array


@frozen(eq=False)
class PlateSheet:
    """One plate as a sheet.

    Attributes
    ----------
    fields : of its joints, pads in the order of the run's cells, then tabs.
    bands : of the run's spans in order, then one a tab.
    tab_cells : the cell whose main lead each tab is for.
    tabs_m : middle of each tab (t, 2).
    square_ohm : resistance of a square at 20 °C, all layers, Ω.
    conducts_w_k : heat conductivity × thickness, all layers, W/K.
    """

    fields: SheetFields
    bands: Bands
    tab_cells: tuple[int, ...]
    tabs_m: tuple[tuple[float, float], ...]
    square_ohm: float
    conducts_w_k: float

    @cached_property
    def flow(self) -> Array:
        """Current through each band for 1 V at each joint and a sheet of 1 Ω a square (b, p + t), S."""
        return _flow_of(self.fields, self.bands)

    def pairs(self) -> tuple[Indices, Array]:
        """Return pairs of joints (k, 2) and the conductance between them at 20 °C (k,), S."""
        i, j = np.triu_indices(len(self.fields.siemens), 1)
        between = -self.fields.siemens[i, j]
        kept = between > LEAST_BETWEEN * between.max(initial=0.0)
        # No joint is left hanging, however little metal it hangs on.
        best = np.maximum(np.triu(-self.fields.siemens, 1), np.tril(-self.fields.siemens, -1)).max(axis=1)
        kept |= (between >= best[i]) | (between >= best[j])
        return np.column_stack([i, j])[kept], between[kept] / self.square_ohm


@frozen(eq=False)
class SheetLoad:
    """What a plate carries in one state.

    Attributes
    ----------
    current_a : through each band (b,), towards its second end, A.
    heat_w : made in each (b,), W.
    cut_a_m : current for each metre of width, mean where the band's middle cuts it, or over a tab (b,), A/m.
    peak_a_m : greatest in a square of the band outside joints (b,), A/m.
    rise_k : how much hotter than the pads' metal its hottest square is (b,), K.
    """

    current_a: Array
    heat_w: Array
    cut_a_m: Array
    peak_a_m: Array
    rise_k: Array


@lru_cache(maxsize=8)
def plate_sheets(
    layout: Layout, joining: Joining, cell: Cell, runs: tuple[StripRun, ...]
) -> dict[int, PlateSheet]:
    """Return the plates as sheets, by place in `runs`.

    A plate that falls apart cannot be made and is left out, and so is one whose joints lie on each other:
    they count as bars from pad to pad.
    """
    places = {r.node: n for n, r in enumerate(runs) if r.kind is StripKind.PLATE}
    if not places:
        return {}
    strip, layers = metal_of(layout, joining, StripKind.PLATE)
    thick = strip.section_m2 / strip.width_m * layers
    found = {}
    for plate in plates(layout, joining, cell):
        place = places.get(plate.node)
        if place is None or plate.parts > 1:
            continue
        shape, tab_cells = _shape_of(plate, runs[place], layout, joining)
        solved = _solved(shape)
        if solved is None:
            continue
        found[place] = PlateSheet(
            *solved,
            tab_cells,
            plate.tabs_m[-len(tab_cells) :] if tab_cells else (),
            strip.resistivity_ohm_m / thick,
            strip.conductivity_w_m_k * thick,
        )
    return found


def _shape_of(
    plate: Plate, run: StripRun, layout: Layout, joining: Joining
) -> tuple["_Shape", tuple[int, ...]]:
    """What the solution of one plate reads, and the cells whose leads its tabs are for; plates of one shape
    share their solution, wherever they lie."""
    from shapely.geometry import Polygon
    from shapely.ops import unary_union

    pole = 0 if run.node == 0 else 1
    leads = [n for n in (layout.lead_cells[pole], layout.second_lead_cells[pole]) if n in plate.pads_m]
    tabs = dict(zip(leads, plate.tabs_m, strict=False))
    tab_cells = tuple(tabs)
    origin = np.array(run.points_m[0])
    # A fuse wire joins each plus.
    pluses = sorted(n for n in plate.pads_m if layout.by_number[n].group == run.node)
    ends = {n: wire[1] for n, wire in zip(pluses, plate.wires_m, strict=False)}
    fused = bool(plate.wires_m)
    wired = [ends.get(n, plate.pads_m[n]) for n in run.cells] if fused else []
    whole = Polygon(plate.outline_m - origin, [ring - origin for ring in plate.holes_m])
    metal = whole.difference(unary_union([Polygon(ring - origin) for ring in plate.slots_m]))
    middle = metal.centroid
    like = (metal.area * 1e3, metal.length, middle.x, middle.y, *metal.bounds)
    return _Shape(
        metal,
        tuple(round(value, 4) for value in like),
        _keyed(np.array(run.points_m) - origin),
        _keyed(np.array(wired) - origin) if fused else (),
        _keyed(np.array(list(tabs.values())).reshape(-1, 2) - origin),
        run.spans,
        tuple(run.cells.index(n) for n in tab_cells),
        joining.joined_by,
        joining.thread_m,
        joining.welds_per_pad,
    ), tab_cells


def _keyed(points: Array) -> tuple[tuple[float, float], ...]:
    """Points rounded to a micrometre, so that equal shapes in other places are the same."""
    return tuple((x, y) for x, y in np.round(points, 6).tolist())


@frozen
class _Shape:
    """All that a plate's solution reads, in metres from its first pad.

    Outlines of one shape in two places differ by the arithmetic, down to their number of corners; they are
    told apart by area, edge, middle and extent.
    """

    metal: Any = field(compare=False)
    like: tuple[float, ...]
    pads: tuple[tuple[float, float], ...]
    wired: tuple[tuple[float, float], ...]
    tabs: tuple[tuple[float, float], ...]
    spans: tuple[tuple[int, int], ...]
    tab_pads: tuple[int, ...]
    joined_by: JoinedBy
    thread_m: float
    welds: int


@lru_cache(maxsize=64)
def _solved(shape: _Shape) -> tuple[SheetFields, Bands] | None:
    """The fields and bands of a shape; None where nothing lies between joints: there is but one, or they lie
    on each other."""
    if not shape.spans and not shape.tabs:
        return None
    finest = min((shape.metal.area * len(shape.pads) / MOST_KEPT) ** 0.5, COARSEST_M)
    step = max(float(np.clip((shape.metal.area / SQUARES) ** 0.5, *STEPS_M)), finest)
    grid = grid_of(shape.metal, step)
    pads = [_under_pad(grid, shape, number) for number in range(len(shape.pads))]
    tabs = [grid.near(tab, TAB_M[1] / 2 - step) for tab in shape.tabs]
    taken = np.concatenate(pads)
    tabs = [np.setdiff1d(tab, taken) for tab in tabs]
    squares = np.concatenate([*pads, *tabs])
    if len(np.unique(squares)) < len(squares) or not all(len(joint) for joint in (*pads, *tabs)):
        return None
    fields = sheet_fields(grid, pads, tabs)
    return fields, _bands(fields, shape)


def _under_pad(grid: SheetGrid, shape: _Shape, number: int) -> Indices:
    """The squares that hang on a cell's pad without metal between."""
    middle = np.array(shape.pads[number])
    if shape.wired and shape.wired[number] != shape.pads[number]:
        return grid.near(shape.wired[number], SPOT_RADIUS_M)
    match shape.joined_by:
        case JoinedBy.WELD:
            over = np.linspace(-PAIRS_OVER_M / 2, PAIRS_OVER_M / 2, shape.welds) if shape.welds > 1 else [0.0]
            spots = [(side * SPOT_APART_M, y) for side in (-1, 1) for y in over]
            return grid.near(middle + np.array(spots), SPOT_RADIUS_M)
        case JoinedBy.SCREW:
            hole = (shape.thread_m + HOLE_EASE_M) / 2
            return grid.near(middle, shape.thread_m, hole - grid.step_m)
        case JoinedBy.TABS | JoinedBy.SOLDER:
            return grid.near(middle, SOLDERED_RADIUS_M)


def _bands(fields: SheetFields, shape: _Shape) -> Bands:
    """Divide the squares among the bands: each goes with the nearest line from pad to pad, or to tab."""
    from scipy.spatial import cKDTree

    grid, points = fields.grid, np.array(shape.pads)
    ends = np.vstack([points, np.array(shape.tabs).reshape(-1, 2)])
    pairs = [*shape.spans, *((p, len(points) + t) for t, p in enumerate(shape.tab_pads))]
    # A band is cut where the nearest pad or tab changes from one of its ends to the other.
    nearest = cKDTree(ends).query(grid.at_m)[1]
    of_square = _nearest_band(grid.at_m, ends, pairs, nearest)
    a, b = grid.pairs.T
    band_of = np.full((len(ends), len(ends)), -1)
    band_of[tuple(np.array(pairs).T)] = np.arange(len(pairs))
    chosen, sign = [], []
    for i, j, way_of in ((nearest[a], nearest[b], 1.0), (nearest[b], nearest[a], -1.0)):
        crossing = np.flatnonzero(band_of[i, j] >= 0)
        chosen.append(crossing)
        sign.append(np.full(len(crossing), way_of))
    cut, signs = np.concatenate(chosen), np.concatenate(sign)
    band = np.maximum(band_of[nearest[a[cut]], nearest[b[cut]]], band_of[nearest[b[cut]], nearest[a[cut]]])
    return Bands(len(pairs), of_square, a[cut], b[cut], band, fields.links[cut], signs)


def _nearest_band(at_m: Array, ends: Array, pairs: Sequence[tuple[int, int]], nearest: Indices) -> Indices:
    """Which of the lines between pairs of ends each of some places (n, 2) lies nearest to, of those that
    leave the end nearest to it; of an end without a line, any."""
    leaving: list[list[int]] = [[] for _ in ends]
    for number, pair in enumerate(pairs):
        for end in pair:
            leaving[end].append(number)
    lines = np.full((len(ends), max(len(some) for some in leaving)), -1)
    for end, some in enumerate(leaving):
        lines[end, : len(some)] = some
    mine = lines[nearest]
    first, second = np.array(pairs, dtype=np.intp).T[:, np.maximum(mine, 0)]
    way = ends[second] - ends[first]
    from_first = at_m[:, None, :] - ends[first]
    long = np.maximum((way**2).sum(axis=2), 1e-12)
    along = np.clip((from_first * way).sum(axis=2) / long, 0.0, 1.0)
    apart = np.hypot(*(from_first - along[..., None] * way).transpose(2, 0, 1))
    apart[mine < 0] = np.inf
    best = mine[np.arange(len(mine)), apart.argmin(axis=1)]
    return np.asarray(np.maximum(best, 0), dtype=np.intp)


def _flow_of(fields: SheetFields, bands: Bands) -> Array:
    """Current through each band for 1 V at each joint and a sheet of 1 Ω a square (b, p + t), S."""
    tabs = len(fields.tab_squares)
    pads = len(fields.siemens) - tabs
    into_tabs = fields.siemens[pads:]
    # What each square has of the potential of every joint: the tabs' by the currents that they drive.
    share = np.pad(fields.share, ((0, 0), (0, tabs))) + fields.per_a @ into_tabs
    flow = (share[bands.cut_a] - share[bands.cut_b]) * (bands.cut_open * bands.cut_sign)[:, None]
    found = np.zeros((bands.count, pads + tabs))
    np.add.at(found, bands.cut_band, flow)
    return found


def sheet_load(sheet: PlateSheet, pads_v: Array, tabs_a: Array, warmer: float = 1.0) -> SheetLoad:
    """Return what a plate carries in a state.

    Parameters
    ----------
    sheet : PlateSheet
    pads_v, tabs_a : ndarray
        Potential of the metal at each pad (p,), V, and current into each tab (t,), A.
    warmer : float
        Resistance of its metal over that at 20 °C.

    Notes
    -----
    With the pads at one temperature and no loss to the air (which keeps it on the warm side), potential φ and
    rise θ of a sheet go together: θ + φ²/2ρk is harmonic, so that it is φᵢ²/2ρk at the pads, spread as the
    potential itself is, and at the tabs the current brings 2 φ I (Kohlrausch, for more than two contacts).

    References
    ----------
    .. [1] incropera
    """
    fields, grid, bands = sheet.fields, sheet.fields.grid, sheet.bands
    square_ohm, count = sheet.square_ohm * warmer, bands.count
    base = pads_v - pads_v.mean()  # the squares of large potentials would swallow their small difference
    phi = fields.potential(base, tabs_a, square_ohm)
    a, b = grid.pairs.T
    drop = phi[a] - phi[b]
    heat = fields.links * drop**2 / square_ohm
    heat_w = np.bincount(bands.of_square[a], heat / 2, count) + np.bincount(
        bands.of_square[b], heat / 2, count
    )
    flow = (phi[bands.cut_a] - phi[bands.cut_b]) * bands.cut_open * bands.cut_sign / square_ohm
    current = np.bincount(bands.cut_band, flow, count)
    density = _density(grid, drop * fields.links / (grid.open * square_ohm * grid.step_m))
    on_cut = np.bincount(bands.cut_band, bands.cut_open * density[bands.cut_a], count)
    cut_width = np.bincount(bands.cut_band, bands.cut_open, count)
    across = on_cut / np.maximum(cut_width, 1e-9)
    tabs = slice(count - len(tabs_a), count)
    peak = _greatest(bands.of_square, density, count)
    over_tab = np.minimum(np.abs(tabs_a) / TAB_M[1], peak[tabs])
    across[tabs] = np.maximum(across[tabs], over_tab)
    twice = 2 * square_ohm * sheet.conducts_w_k
    at_tabs = phi[list(fields.tab_squares)]
    harmonic = fields.share @ base**2 + square_ohm * (fields.per_a @ (2 * at_tabs * tabs_a))
    rise = np.maximum((harmonic - phi**2) / twice, 0.0)
    return SheetLoad(
        current_a=np.asarray(current, dtype=float),
        heat_w=np.asarray(heat_w, dtype=float),
        cut_a_m=across,
        peak_a_m=peak,
        rise_k=_greatest(bands.of_square, rise, count),
    )


def _density(grid: SheetGrid, link_a_m: Array) -> Array:
    """Current for each metre of width in each square (n,), from that over each side (k,), A/m."""
    n = len(grid.at_m)
    square = np.zeros(n)
    for upright in (False, True):
        mine = grid.upright == upright
        a, b = grid.pairs[mine].T
        weight, flow = grid.open[mine], grid.open[mine] * link_a_m[mine]
        total = np.bincount(a, weight, n) + np.bincount(b, weight, n)
        mean = (np.bincount(a, flow, n) + np.bincount(b, flow, n)) / np.maximum(total, 1e-9)
        square += mean**2
    return np.asarray(np.sqrt(square))


def _greatest(of_square: NDArray[np.intp], values: Array, count: int) -> Array:
    """The greatest value in each band (count,)."""
    found = np.zeros(count)
    np.maximum.at(found, of_square, values)
    return found
