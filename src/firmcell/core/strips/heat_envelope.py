"""How the heat of a pack gets to the air: one envelope round all cells, on feet, on a surface or in a
compartment."""

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.connected import DisjointSets
from firmcell.core.geometry.plane import hull, near_pairs, perimeter, signed_area
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.brief import Stands
from firmcell.core.model.design import Lie
from firmcell.core.model.parts import Cell
from firmcell.core.physics.convection import (
    STEFAN_BOLTZMANN,
    nusselt_horizontal_plate,
    nusselt_plate,
    rayleigh,
)
from firmcell.core.physics.strip_heat import SHEET_EMISSIVITY

SHEET_CONDUCTIVITY = 0.15
"""W/m·K of insulation sheet, tape and sleeve; generic class value."""
FOAM_CONDUCTIVITY = 0.04
"""W/m·K; generic class value."""
AIR_CONDUCTIVITY = 0.027
"""W/m·K of still air at 40 °C (Incropera's table, value from memory)."""
AIR_EDGE = 1.1
"""By how much the rise over the air may be above what was worked out, from the air alone: what is written of still air
holds to a tenth or so (Incropera, from memory); engineering judgement."""
PIECE_M = 0.002
ONE_HULL_M = 0.005
"""Cells with less air than this between them share one envelope, m: nothing rises through so narrow a slot;
engineering judgement."""
WALL_M, WALL_CONDUCTIVITY = 0.003, 0.2
"""Wall of a closed compartment, m and W/m·K: plastic, 3 mm; generic class value. Metal is better."""
AROUND_M = 0.010
"""Air round a pack in a compartment of unknown size, m; engineering judgement."""


@frozen
class Wrapping:
    """What lies between the cells and the air: sheet, tape and sleeve together, and foam, m."""

    sheets_m: float
    foam_m: float

    @property
    def barrier_m2k_w(self) -> float:
        """Thermal resistance of what covers the cells, m²K/W."""
        return self.sheets_m / SHEET_CONDUCTIVITY + self.foam_m / FOAM_CONDUCTIVITY


@frozen
class Surroundings:
    """Where a pack stands and which way its cells lie; the inner size of its compartment, m, if known."""

    stands: Stands = Stands.SURFACE
    lie: Lie = Lie.STANDING
    box_m: tuple[float, float, float] | None = None


@frozen(eq=False)
class Envelope:
    """The outside of a pack, and which part of it belongs to each cell.

    Attributes
    ----------
    side_m2, side_cell, side_air_m : the outline in short pieces (k,): area, m², the cell that is nearest,
    and the
        air between it and that cell, m.
    side_parts : how much of the outline is upright, faces up and faces down.
    upright_m2, top_m2, under_m2 : of the ends of each cell (n,) by the way they face, m².
    height_m, spread_m : length for convection of what is upright, and of what lies (area over perimeter), m.
    barrier_m2k_w, cell_m2k_w : of what covers the cells, and from the middle of a cell to its side, m²K/W.
    walls_m2 : of a closed compartment without its floor; 0 in the open.
    """

    side_m2: Array
    side_cell: NDArray[np.intp]
    side_air_m: Array
    side_parts: tuple[float, float, float]
    upright_m2: Array
    top_m2: Array
    under_m2: Array
    height_m: float
    spread_m: float
    barrier_m2k_w: float
    cell_m2k_w: float
    walls_m2: float

    @property
    def outside_m2(self) -> Array:
        """Outer surface that belongs to each cell (n,), m²."""
        ends = self.upright_m2 + self.top_m2 + self.under_m2
        return np.asarray(ends + sum(self.side_parts) * self._of_cells(self.side_m2))

    def _of_cells(self, pieces: Array) -> Array:
        """Sum over the pieces of the outline that belong to each cell (n,)."""
        return np.asarray(
            np.bincount(self.side_cell, weights=pieces, minlength=len(self.upright_m2)), dtype=float
        )

    def conductance(self, mean_k: float, ambient_k: float) -> Array:
        """Return the conductance of each cell to the air (n,), W/K, with the cells at the surface at a mean
        temperature.

        Parameters
        ----------
        mean_k, ambient_k : float
            K.

        Notes
        -----
        Natural convection by the place of each face, and radiation, in series with what covers the cells;
        then, for all of it, with the walls of a closed compartment, whose air is taken to be as warm
        everywhere.
        """
        if not self.walls_m2:
            return self._to_air(mean_k, ambient_k)
        inside_k, out, part = ambient_k, np.zeros(0), 0.0
        for _ in range(4):
            out = self._to_air(mean_k, inside_k)
            whole = float(out.sum())
            inner = _surface(inside_k, ambient_k, self.height_m, 0)
            wall = self.walls_m2 / (2 / inner + WALL_M / WALL_CONDUCTIVITY)
            part = wall / (whole + wall)
            inside_k = ambient_k + max(mean_k - ambient_k, 1.0) * (1 - part)
        return np.asarray(out * part)

    def _to_air(self, mean_k: float, air_k: float) -> Array:
        surface = max(mean_k, air_k + 1.0)
        h = [0.0, 0.0, 0.0]
        for _ in range(3):
            for n, (length, facing) in enumerate(
                ((self.height_m, 0), (self.spread_m, 1), (self.spread_m, -1))
            ):
                h[n] = _surface(surface, air_k, length, facing)
            through = 1 / (1 + self.barrier_m2k_w * h[0])
            surface = air_k + max((mean_k - air_k) * through, 1.0)
        upright, up, down = (1 / (1 / each + self.barrier_m2k_w) for each in h)
        groove = self.side_air_m / AIR_CONDUCTIVITY + self.cell_m2k_w + self.barrier_m2k_w
        side = sum(
            part * self._of_cells(self.side_m2 / (1 / each + groove))
            for part, each in zip(self.side_parts, h, strict=True)
        )
        return np.asarray(side + self.upright_m2 * upright + self.top_m2 * up + self.under_m2 * down)


def _surface(surface_k: float, air_k: float, length_m: float, facing: int) -> float:
    """Convection and radiation of a surface that is upright (0), faces up (1) or down (−1), W/m²K."""
    warm = max(surface_k, air_k + 1.0)
    ra, pr, conducts = rayleigh(warm, air_k, length_m)
    nusselt = nusselt_horizontal_plate(ra, facing > 0) if facing else nusselt_plate(ra, pr)
    radiates = SHEET_EMISSIVITY * STEFAN_BOLTZMANN * (warm + air_k) * (warm**2 + air_k**2)
    return float(nusselt * conducts / length_m) + radiates


RADIAL_CONDUCTIVITY = 1.0
"""W/m·K of a wound cell across its axis; published figures lie between 0.5 and 1.5, from memory."""


Pieces = tuple[Array, NDArray[np.intp], Array]
"""The outline in short pieces: size, the nearest cell, and the air between, m."""


@lru_cache(maxsize=8)
def envelope_of(layout: Layout, cell: Cell, wrapping: Wrapping, where: Surroundings) -> Envelope:
    """Return the envelope of a pack: the convex outline of its cells, as high as all layers together.

    Parameters
    ----------
    layout, cell : Layout, Cell
    wrapping : Wrapping
    where : Surroundings

    Returns
    -------
    envelope : Envelope

    Notes
    -----
    The outline's length is shared out to the nearest cells; grooves between cells, and the faces between
    layers, give nothing to the air. Where cells lie, a quarter of the outline faces up and a quarter down,
    and the ends are upright.

    References
    ----------
    .. [1] incropera
    """
    n = len(layout.cells)
    layer = np.array([c.layer for c in layout.cells])
    points = layout.stacked_points_m
    plan, around = np.zeros(n), 0.0
    sides: list[Pieces] = []
    for own in _hulls(points, layer, cell):
        ring = hull(_outline(layout, cell, points, own))
        sides.append(_pieces(ring, points, own, cell))
        plan[own] = min(
            signed_area(ring) / len(own), layout.pitch_m * (layout.width_pitch_m or layout.pitch_m)
        )
        around = max(around, perimeter(ring))
    metres = np.concatenate([each[0] for each in sides])
    nearest = np.concatenate([each[1] for each in sides])
    air_m = np.concatenate([each[2] for each in sides])
    if where.lie is Lie.STICK:
        # Each cell shows its side; half of it may lie against the next line of a folded stick.
        metres, nearest, air_m = np.full(n, np.pi * cell.diameter_m / 2), np.arange(n), np.zeros(n)
        plan, around = np.zeros(n), np.pi * cell.diameter_m
    return _as_it_lies(
        (metres * cell.length_m, nearest.astype(np.intp), air_m),
        np.where(layer == layer.max(), plan, 0.0),
        np.where(layer == 1, plan, 0.0),
        around,
        cell,
        layout.layers,
        wrapping.barrier_m2k_w,
        where,
    )


def _as_it_lies(
    side: Pieces,
    top: Array,
    under: Array,
    around_m: float,
    cell: Cell,
    layers: int,
    barrier_m2k_w: float,
    where: Surroundings,
) -> Envelope:
    high = cell.length_m * layers
    if where.lie is Lie.STANDING:
        shares, upright, up, down = (1.0, 0.0, 0.0), np.zeros_like(top), top, under
        height, spread = high, max(float(top.sum()) / max(around_m, 1e-6), 0.005)
    else:
        shares, upright, up, down = (0.5, 0.25, 0.25), top + under, np.zeros_like(top), np.zeros_like(top)
        height, spread = max(around_m / 4, cell.diameter_m), high / 4
    walls = 0.0
    if where.stands is not Stands.FREE:
        shares, down = (shares[0], shares[1], 0.0), np.zeros_like(down)
    if where.stands is Stands.CLOSED:
        # Of a compartment of unknown size: the pack with a little air round it.
        edge = around_m / 4 + 2 * AROUND_M
        length, width, deep = where.box_m or (edge, edge, high + 2 * AROUND_M)
        walls = length * width + 2 * deep * (length + width)
    inner = cell.diameter_m / (4 * RADIAL_CONDUCTIVITY)
    return Envelope(*side, shares, upright, up, down, height, spread, barrier_m2k_w, inner, walls)


def _hulls(points: Array, layer: Array, cell: Cell) -> list[Array]:
    """Index arrays of the cells that share one envelope: of one layer, with no slot of air between them."""
    sets = DisjointSets(range(len(points)))
    reach = max(cell.diameter_m, cell.width_m) + ONE_HULL_M
    for a, b in near_pairs(points, reach).tolist():
        if layer[a] == layer[b]:
            sets.join(a, b)
    groups: dict[int, list[int]] = {}
    for k in range(len(points)):
        groups.setdefault(sets.find(k), []).append(k)
    return [np.array(own) for own in groups.values()]


def _outline(layout: Layout, cell: Cell, points: Array, own: Array) -> Array:
    """Points on the outlines of cells."""
    if cell.is_round:
        # The outline of equal discs is that of the discs at the corners of the outline of their middles.
        corners = hull(points[own])
        turns = np.linspace(0, 2 * np.pi, 24, endpoint=False)
        ring = cell.diameter_m / 2 * np.column_stack([np.cos(turns), np.sin(turns)])
        return np.asarray((corners[:, None] + ring[None]).reshape(-1, 2))
    angle = np.array([layout.cells[k].angle_rad for k in own.tolist()])
    half = np.array([[-1, -1], [1, -1], [1, 1], [-1, 1]]) * (cell.diameter_m / 2, cell.width_m / 2)
    c, s = np.cos(angle)[:, None], np.sin(angle)[:, None]
    x, y = half[:, 0], half[:, 1]
    turned = np.stack([c * x - s * y, s * x + c * y], axis=-1)
    return np.asarray((points[own][:, None] + turned).reshape(-1, 2))


def _pieces(ring: Array, points: Array, own: Array, cell: Cell) -> Pieces:
    """The ring in pieces of 2 mm: their length, the nearest of the cells, and the air between, m."""
    ends = np.vstack([ring, ring[:1]])
    step = np.diff(ends, axis=0)
    length = np.hypot(*step.T)
    count = np.maximum(np.ceil(length / PIECE_M).astype(np.intp), 1)
    at = np.concatenate(
        [a + d * ((np.arange(k) + 0.5) / k)[:, None] for a, d, k in zip(ends[:-1], step, count, strict=True)]
    )
    near, apart = np.empty(len(at), dtype=np.intp), np.zeros(len(at))
    for low in range(0, len(at), 512):
        some = np.hypot(*(at[low : low + 512, None] - points[own][None]).transpose(2, 0, 1))
        near[low : low + 512] = some.argmin(axis=1)
        apart[low : low + 512] = some.min(axis=1)
    air_m = np.maximum(apart - cell.diameter_m / 2, 0.0) if cell.is_round else np.zeros(len(at))
    return np.repeat(length / count, count), np.asarray(own[near], dtype=np.intp), air_m
