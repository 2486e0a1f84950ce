"""From the space in the brief to the plane regions in which the faces of the cells may lie."""

from functools import lru_cache
from typing import NamedTuple

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.plane import signed_area
from firmcell.core.geometry.region import CIRCLE_POINTS, Region, circle_region, rectangle_region
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.brief import Blocked, Brief, SpaceShape
from firmcell.core.model.design import Arrangement, Design, Lie

POSITIONS_TRIED = 61


@frozen(eq=False)
class Room:
    """One region for one block of cells.

    Attributes
    ----------
    block : from 1; layers count upwards, within a layer the halves of a split pack along it.
    layer : from 1 at the bottom.
    region : in the plane across the cells' axis, from the middle of the space, m.
    """

    block: int
    layer: int
    region: Region


class SpaceKey(NamedTuple):
    """Just what the regions depend on."""

    space: SpaceShape
    box_m: tuple[float, float, float]
    outline_m: tuple[tuple[float, float], ...]
    blocked: tuple[Blocked, ...]
    lie: Lie
    layers: int
    split_gap_m: float
    axis_m: float


def rooms_of(design: Design) -> tuple[Room, ...]:
    """Return the regions for the cells of `design`; none if the brief gives no space."""
    return rooms_for(design.brief, design.arrangement, design.cell.length_m + design.cell.length_tolerance_m)


def rooms_for(brief: Brief, arrangement: Arrangement, cell_length_m: float) -> tuple[Room, ...]:
    """Return the regions for cells of a length in the space of `brief`; none if it gives no space."""
    if brief.box_m is None or is_stick(arrangement):
        # A stick is measured as a whole: no cell of its open row stands where it will be.
        return ()
    return _rooms(
        SpaceKey(
            brief.space,
            brief.box_m,
            brief.outline_m,
            brief.blocked,
            arrangement.lie,
            arrangement.layers,
            arrangement.split_gap_m,
            cell_length_m * arrangement.layers,
        )
    )


def wall_of(design: Design) -> float:
    """Return how far a cell keeps from the edge of the space: clearance, side sheet and sleeves, m."""
    insulation = design.insulation
    walls = sum(
        s.wall_m / s.recovered_ratio for s in (insulation.sleeve, insulation.cross_sleeve) if s is not None
    )
    return design.brief.clearance_m + insulation.side_m + walls


def blocked_ring(place: Blocked) -> Array:
    """Return the outline of a blocked place (n, 2); of a round one a polygon that holds the circle."""
    a, b = place.length_m / 2, place.width_m / 2
    if place.round:
        angle = np.arange(36) * 2 * np.pi / 36
        ring = np.column_stack([np.cos(angle), np.sin(angle)]) * a / np.cos(np.pi / 36)
    else:
        ring = np.array([[-a, -b], [a, -b], [a, b], [-a, b]])
    return np.asarray(ring + np.array([place.x_m, place.y_m]))


def _centred(ring: Array) -> Array:
    middle = (ring.min(axis=0) + ring.max(axis=0)) / 2
    ring = ring - middle
    return ring if signed_area(ring) > 0 else ring[::-1]


@lru_cache(maxsize=16)
def _rooms(key: SpaceKey) -> tuple[Room, ...]:
    if key.space is SpaceShape.PROFILE:
        plane = _across_profile(key)
    else:
        plane = _standing(key) if key.lie is Lie.STANDING else _lying(key)
    if plane is None:
        return ()
    halves = _halves(plane, key.split_gap_m) if key.split_gap_m > 0 else (plane,)
    return tuple(
        Room(layer * len(halves) + n + 1, layer + 1, half)
        for layer in range(key.layers)
        for n, half in enumerate(halves)
    )


def _standing(key: SpaceKey) -> Region:
    length, width, _ = key.box_m
    holes = tuple(blocked_ring(b) for b in key.blocked)
    if key.space is SpaceShape.CYLINDER:
        whole = circle_region(length)
        return Region(whole.ring, holes, radius_m=whole.radius_m)
    ring = (
        _centred(np.array(key.outline_m, dtype=float))
        if key.space is SpaceShape.OUTLINE
        else rectangle_region(length, width).ring
    )
    return Region(ring, holes)


def _lying(key: SpaceKey) -> Region | None:
    """The widest rectangle of the other direction × height in which cells of this length can lie side by
    side.

    A line of cells takes the whole length `axis_m` along its axis, so a place across the axis is free
    if nothing of the outline's outside and no blocked place lies in that band; both are projected.
    """
    from shapely import affinity
    from shapely.geometry import Polygon, box
    from shapely.ops import unary_union

    plan = _standing(key)
    free = Polygon(plan.ring).difference(unary_union([Polygon(h) for h in plan.holes]))
    if key.lie is Lie.ALONG:
        # Turned so that the axis of the cells always runs along y.
        free = affinity.rotate(free, 90, origin=(0, 0))
    x0, y0, x1, y1 = free.bounds
    if y1 - y0 < key.axis_m - 1e-9:
        return None
    ys = {y for _, y in free.exterior.coords} if hasattr(free, "exterior") else set()
    starts = [*np.linspace(y0, y1 - key.axis_m, POSITIONS_TRIED), *ys, *(y - key.axis_m for y in ys)]
    best = (0.0, 0.0, 0.0)
    for start in starts:
        if not y0 - 1e-9 <= start <= y1 - key.axis_m + 1e-9:
            continue
        rest = box(x0, start, x1, start + key.axis_m).difference(free)
        parts = [g for g in getattr(rest, "geoms", [rest]) if g.area > 1e-12]
        taken = sorted((g.bounds[0], g.bounds[2]) for g in parts)
        at = x0
        for low, high in [*taken, (x1, x1)]:
            best = max(best, (low - at, at, low))
            at = max(at, high)
    width, low, high = best
    if width <= 0:
        return None
    half = key.box_m[2] / 2
    return Region(np.array([[low, -half], [high, -half], [high, half], [low, half]]))


def _across_profile(key: SpaceKey) -> Region | None:
    """The cross-section of a prism, in which cells that lie along it are seen from their ends; None for any
    that do not. Its left is the rear, as of lying cells in any space; a blocked place takes all its width."""
    from shapely.geometry import Polygon, box

    if key.lie is not Lie.ALONG or key.axis_m > key.box_m[0] + 1e-9:
        return None
    ring = _centred(np.array(key.outline_m, dtype=float))
    free = Polygon(ring)
    _, y0, _, y1 = free.bounds
    for blocked in key.blocked:
        half = blocked.width_m / 2
        free = free.difference(box(-blocked.y_m - half, y0, -blocked.y_m + half, y1))
    largest = max(getattr(free, "geoms", [free]), key=lambda g: g.area)
    return None if largest.is_empty else Region(np.array(largest.exterior.coords)[:-1])


def _halves(region: Region, gap_m: float) -> tuple[Region, ...]:
    """Cut a region across its longer side, `gap_m` between the halves."""
    from shapely.geometry import Polygon, box

    x0, y0, x1, y1 = region.bounds
    along = x1 - x0 >= y1 - y0
    middle = (x0 + x1) / 2 if along else (y0 + y1) / 2
    whole = Polygon(region.ring)
    low, high = middle - gap_m / 2, middle + gap_m / 2
    cuts = (
        (box(x0, y0, low, y1), box(high, y0, x1, y1))
        if along
        else (box(x0, y0, x1, low), box(x0, high, x1, y1))
    )
    halves = []
    for cut in cuts:
        part = whole.intersection(cut)
        largest = max(getattr(part, "geoms", [part]), key=lambda g: g.area)
        if not largest.is_empty:
            halves.append(Region(np.array(largest.exterior.coords)[:-1], region.holes))
    return tuple(halves)


assert CIRCLE_POINTS % 4 == 0, "a circle must touch its box"
