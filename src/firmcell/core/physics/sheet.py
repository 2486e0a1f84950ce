"""A thin sheet of metal with joints on it: resistance between them, how current spreads, how warm it gets."""

from collections.abc import Sequence
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.physics.resistor_network import Indices, linear_solver

LEAST_METAL = 1e-3
"""Squares of the grid with less metal than this share are left out."""
SUB_ROWS = 4
"""Lines through each row of squares by which the metal in them is measured."""


@frozen(eq=False)
class SheetGrid:
    """A sheet cut into squares.

    Attributes
    ----------
    step_m : side of a square, m.
    at_m : middles of the squares that hold metal (n, 2), m.
    metal : share of each square that is metal (n,).
    pairs : neighbouring squares (k, 2).
    open : share of the side between them that is metal (k,).
    upright : whether the two lie one above the other (k,), else side by side.
    """

    step_m: float
    at_m: Array
    metal: Array
    pairs: Indices
    open: Array
    upright: Array

    def near(self, middles_m: ArrayLike, radius_m: float, least_m: float = 0.0) -> Indices:
        """Return the squares within a radius of any of some points (p, 2), but not nearer than `least_m`; the
        nearest one where there is none."""
        points = np.asarray(middles_m, dtype=float).reshape(-1, 2)
        within = self._tree.query_ball_point(points, radius_m)
        found = np.array(sorted({square for some in within for square in some}), dtype=np.intp)
        apart = np.hypot(*(self.at_m[found, None, :] - points[None]).transpose(2, 0, 1))
        found = found[(apart >= least_m).all(axis=1)]
        return found if len(found) else np.asarray(self.nearest(points)[:1])

    def nearest(self, points_m: Array) -> Indices:
        """Return the square nearest to each of some points (p, 2)."""
        return np.asarray(self._tree.query(points_m)[1], dtype=np.intp)

    @cached_property
    def _tree(self) -> Any:
        from scipy.spatial import cKDTree

        return cKDTree(self.at_m)


def grid_of(shape: Any, step_m: float) -> SheetGrid:
    """Return a sheet cut into squares; of one that falls apart, its largest piece.

    Parameters
    ----------
    shape : shapely.Polygon
        With what is cut out of it, m.
    step_m : float
        Side of a square, m.

    Notes
    -----
    Squares at the edge conduct by the part of their sides that is metal, measured along the side.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from shapely.geometry import box
    >>> grid = grid_of(box(0.0, 0.0, 0.01, 0.004), 0.001)
    >>> len(grid.at_m), round(float(grid.metal.sum()) * 1e-6, 8)  # 40 squares, 40 mm²
    (40, 4e-05)
    """
    x0, y0, x1, y1 = shape.bounds
    nx, ny = (max(int(np.ceil((b - a) / step_m - 1e-9)), 1) for a, b in ((x0, x1), (y0, y1)))
    x = (x0 + x1) / 2 + (np.arange(nx + 1) - nx / 2) * step_m
    y = (y0 + y1) / 2 + (np.arange(ny + 1) - ny / 2) * step_m
    rings = _rings(shape)
    rows = (y[:-1, None] + (np.arange(SUB_ROWS) + 0.5) / SUB_ROWS * step_m).ravel()
    metal = _covered(rings, rows, x, False).reshape(ny, SUB_ROWS, nx).mean(axis=1)
    beside = _covered(rings, x[1:-1], y, True).T  # (ny, nx − 1)
    above = _covered(rings, y[1:-1], x, False)  # (ny − 1, nx)
    number = np.arange(nx * ny).reshape(ny, nx)
    pairs = np.vstack(
        [
            np.column_stack([number[:, :-1].ravel(), number[:, 1:].ravel()]),
            np.column_stack([number[:-1].ravel(), number[1:].ravel()]),
        ]
    )
    opened = np.concatenate([beside.ravel(), above.ravel()])
    upright = np.arange(len(pairs)) >= beside.size
    kept = (opened > LEAST_METAL) & (metal.ravel()[pairs] > LEAST_METAL).all(axis=1)
    whole = _largest(nx * ny, pairs[kept], metal.ravel())
    kept &= whole[pairs[:, 0]]
    place = np.cumsum(whole) - 1
    middle = np.stack(np.meshgrid((x[:-1] + x[1:]) / 2, (y[:-1] + y[1:]) / 2), axis=-1).reshape(-1, 2)
    return SheetGrid(
        step_m, middle[whole], metal.ravel()[whole], place[pairs[kept]], opened[kept], upright[kept]
    )


def _covered(rings: Sequence[Array], lines: Array, edges: Array, upright: bool) -> Array:
    """What share of each stretch between `edges` (e,) is metal, on each of some lines (l,) evenly apart: an
    array (l, e − 1). The outer rings run against the clock, those round openings with it.

    Going along a line, metal begins where it crosses an edge of one sense and ends at one of the other.
    """
    found = np.zeros((len(lines), len(edges)))
    if not len(lines):
        return np.diff(found, axis=1)
    apart = float(lines[1] - lines[0]) if len(lines) > 1 else 1.0
    begin = np.vstack(rings)
    end = np.vstack([np.roll(ring, -1, axis=0) for ring in rings])
    on, off = (0, 1) if upright else (1, 0)
    low = np.ceil((np.minimum(begin[:, on], end[:, on]) - lines[0]) / apart).astype(int)
    high = np.ceil((np.maximum(begin[:, on], end[:, on]) - lines[0]) / apart).astype(int)
    low, high = np.clip(low, 0, len(lines)), np.clip(high, 0, len(lines))
    edge = np.repeat(np.arange(len(begin)), high - low)
    line = np.arange(len(edge)) - np.repeat(np.cumsum(high - low) - high, high - low)
    rise = end[edge] - begin[edge]
    at = begin[edge, off] + rise[:, off] * (lines[line] - begin[edge, on]) / rise[:, on]
    sense = np.sign(rise[:, on]) * (1.0 if upright else -1.0)
    order = np.argsort(line, kind="stable")
    starts = np.searchsorted(line[order], np.arange(len(lines)))
    past = np.maximum(edges[None] - at[order][:, None], 0.0) * sense[order][:, None]
    some = np.flatnonzero(np.diff(np.append(starts, len(order))) > 0)
    if len(some):
        found[some] = np.add.reduceat(past, starts[some], axis=0)
    return np.asarray(np.diff(found, axis=1) / np.diff(edges))


def _rings(shape: Any) -> list[Array]:
    """The rings of a polygon or several: outer ones against the clock, openings with it."""
    from shapely.geometry.polygon import orient

    found = []
    for part in getattr(shape, "geoms", [shape]):
        turned = orient(part)
        found += [np.array(ring.coords)[:-1] for ring in (turned.exterior, *turned.interiors)]
    return found


def _largest(count: int, pairs: Indices, metal: Array) -> Array:
    """Which squares belong to the piece with most metal."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import connected_components

    graph = coo_array((np.ones(len(pairs)), (pairs[:, 0], pairs[:, 1])), shape=(count, count))
    part = connected_components(graph, directed=False)[1]
    return np.asarray((part == np.bincount(part, metal).argmax()) & (metal > LEAST_METAL))


@frozen(eq=False)
class SheetFields:
    """How the potential spreads over a sheet, for any potentials and currents at its joints.

    Attributes
    ----------
    grid : of n squares.
    links : conductance between each pair of neighbouring squares, for a sheet of 1 Ω a square (k,), S.
    share : what each square has of the potential of each pad, no current at the tabs (n, p); sums to 1.
    per_a : potential of each square for 1 A into each tab, all pads at 0 (n, t), for a sheet of 1 Ω a square.
    siemens : conductance between the joints, pads first, for such a sheet (p + t, p + t), S: currents into
        the sheet from its joints' potentials.
    tab_squares : one square of each tab.
    """

    grid: SheetGrid
    links: Array
    share: Array
    per_a: Array
    siemens: Array
    tab_squares: tuple[int, ...]

    def between(self, first: int, second: int) -> float:
        """Return the resistance between two joints with nothing joined to the others, in a sheet of 1 Ω a
        square, Ω."""
        z = self._impedance
        return float(z[first, first] + z[second, second] - 2 * z[first, second])

    @cached_property
    def _impedance(self) -> Array:
        """Potential of each joint for 1 A into each, out at the last (p + t, p + t), for 1 Ω a square."""
        last = len(self.siemens) - 1
        found = np.zeros_like(self.siemens)
        found[:last, :last] = np.linalg.inv(self.siemens[:last, :last])
        return found

    def potential(self, pads_v: Array, tabs_a: Array, square_ohm: float) -> Array:
        """Return the potential of each square (n,) for potentials of the pads (p,) and currents into the tabs
        (t,), V."""
        return np.asarray(self.share @ pads_v + square_ohm * (self.per_a @ tabs_a))


def sheet_fields(grid: SheetGrid, pads: Sequence[Indices], tabs: Sequence[Indices]) -> SheetFields:
    """Return how the potential spreads from the joints of a sheet.

    Parameters
    ----------
    grid : SheetGrid
    pads, tabs : sequences of ndarray
        Squares under each joint to a cell, and under the end of each main lead; a joint is all of one
        potential.

    Notes
    -----
    Laplace's equation in the plane, by finite volumes. A joint covers its squares to their edge, from where
    it is half a square to the middle of the next.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from shapely.geometry import box
    >>> grid = grid_of(box(0.0, 0.0, 0.011, 0.004), 0.001)
    >>> ends = [np.flatnonzero(grid.at_m[:, 0] < 0.001), np.flatnonzero(grid.at_m[:, 0] > 0.01)]
    >>> bar = sheet_fields(grid, ends, [])  # 9 mm long between the joints and 4 mm wide: 2.25 squares
    >>> round(bar.between(0, 1), 6)
    2.25
    """
    n, p, t = len(grid.at_m), len(pads), len(tabs)
    label = np.full(n, -1)
    for number, squares in enumerate([*pads, *tabs]):
        label[squares] = number
    # Unknown are the free squares and each tab as one; pads are given.
    free = label < 0
    place = np.where(free, np.cumsum(free) - 1, -1)
    size = int(free.sum()) + t
    for number in range(t):
        place[label == p + number] = int(free.sum()) + number
    a, b = grid.pairs.T
    s = grid.open * np.where(free[a] != free[b], 2.0, 1.0)
    answer = _laplace(size, t, (place[a], place[b]), (label[a], label[b]), s, p)
    whole = np.zeros((n, p + t))
    whole[place >= 0] = answer[place[place >= 0]]
    for number in range(p):
        whole[label == number, number] = 1.0
    share, per_a = whole[:, :p], whole[:, p:]
    # Current into each pad with the tabs free, for 1 V at each: what flows out of its squares.
    flow = s[:, None] * (share[a] - share[b])
    between = np.zeros((p, p))
    for ends, sign in ((label[a], 1.0), (label[b], -1.0)):
        mine = (ends >= 0) & (ends < p)
        np.add.at(between, ends[mine], sign * flow[mine])
    first = tuple(int(np.flatnonzero(label == p + number)[0]) for number in range(t))
    siemens = np.zeros((p + t, p + t))
    at_tabs = share[list(first)] if t else np.zeros((0, p))
    own = np.linalg.inv(per_a[list(first)]) if t else np.zeros((0, 0))
    siemens[:p, :p] = between + at_tabs.T @ own @ at_tabs
    siemens[:p, p:], siemens[p:, :p] = -at_tabs.T @ own, -own @ at_tabs
    siemens[p:, p:] = own
    return SheetFields(grid, s, share, per_a, (siemens + siemens.T) / 2, first)


def _laplace(
    size: int, tabs: int, at: tuple[Indices, Indices], label: tuple[Indices, Indices], links: Array, pads: int
) -> Array:
    """The potentials of the unknowns, tabs last (size, p + t), for 1 V at each pad and 1 A into each tab,
    from both ends of each link: which unknown, −1 for a pad, and which joint."""
    u, v = at
    inner = (u >= 0) & (v >= 0)
    rows = np.concatenate([u[u >= 0], v[v >= 0], u[inner], v[inner]])
    columns = np.concatenate([u[u >= 0], v[v >= 0], v[inner], u[inner]])
    values = np.concatenate([links[u >= 0], links[v >= 0], -links[inner], -links[inner]])
    right = np.zeros((size, pads + tabs))
    for here, there, other in ((u, v, label[1]), (v, u, label[0])):
        edge = (here >= 0) & (there < 0)
        np.add.at(right, (here[edge], other[edge]), links[edge])
    right[size - tabs + np.arange(tabs), pads + np.arange(tabs)] = 1.0
    return linear_solver(size, (rows, columns), values)(right)
