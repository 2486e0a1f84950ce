"""The plane region that the cells of a pack may stand in: rings less blocked places, or a circle."""

from dataclasses import field
from functools import cached_property

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.plane import distance_to_ring, hull, inside, perimeter, signed_area

CIRCLE_POINTS = 180
"""Corners of the polygon that is drawn for a circle; distances to a circle are exact."""


@frozen(eq=False)
class Region:
    """Where cells may stand, seen along their axis, lengths in m.

    Attributes
    ----------
    ring : corners of the outer line (n, 2).
    holes : blocked places inside it, each a ring (k, 2).
    discs : round places inside it that are taken (k, 3): x, y and radius.
    radius_m : set for a circle about the origin; `ring` is then only its picture.
    """

    ring: Array
    holes: tuple[Array, ...] = ()
    discs: Array = field(default_factory=lambda: np.empty((0, 3)))
    radius_m: float | None = None

    @cached_property
    def bounds(self) -> tuple[float, float, float, float]:
        """Least x, least y, greatest x, greatest y."""
        (x0, y0), (x1, y1) = self.ring.min(axis=0), self.ring.max(axis=0)
        return float(x0), float(y0), float(x1), float(y1)

    @cached_property
    def _sides(self) -> tuple[Array, Array] | None:
        """Of a convex ring: normals of its sides, and how far out they lie."""
        return _half_planes(self.ring)

    @property
    def area_m2(self) -> float:
        """Area less the holes (holes that stick out count whole, so this errs low)."""
        outer = np.pi * self.radius_m**2 if self.radius_m else abs(signed_area(self.ring))
        return float(outer - sum(abs(signed_area(h)) for h in self.holes))

    def depth(self, points: Array) -> Array:
        """Return how deep each of `points` (m, 2) lies inside, m: distance to the nearest edge, below 0
        outside.

        Outside a convex ring, beside a corner, it is the distance from the line of a side and not from the
        corner.
        """
        if self.radius_m is not None:
            deep = self.radius_m - np.hypot(points[:, 0], points[:, 1])
        elif self._sides is not None:
            normals, reach = self._sides
            deep = (reach[:, None] - normals @ points.T).min(axis=0)
        else:
            deep = distance_to_ring(self.ring, points)
            deep = np.where(inside(self.ring, points), deep, -deep)
        for hole in self.holes:
            away = distance_to_ring(hole, points)
            deep = np.minimum(deep, np.where(inside(hole, points), -away, away))
        for x, y, radius in self.discs:
            deep = np.minimum(deep, np.hypot(points[:, 0] - x, points[:, 1] - y) - radius)
        return np.asarray(deep)


def _half_planes(ring: Array) -> tuple[Array, Array] | None:
    """Return outward normals (n, 2) and distances (n,) of the sides of a convex ring, None for any other.

    Inside a convex ring the nearest side is the nearest edge, and this is ten times as fast.
    """
    if signed_area(ring) < 0:
        ring = ring[::-1]
    way = np.roll(ring, -1, axis=0) - ring
    turn = way[:, 0] * np.roll(way[:, 1], -1) - way[:, 1] * np.roll(way[:, 0], -1)
    if (turn < -1e-15).any():
        return None
    normals = np.column_stack([way[:, 1], -way[:, 0]]) / np.hypot(way[:, 0], way[:, 1])[:, None]
    return normals, np.asarray((normals * ring).sum(axis=1))


def rectangle_region(length_m: float, width_m: float) -> Region:
    """Return a rectangle about the origin."""
    a, b = length_m / 2, width_m / 2
    return Region(np.array([[-a, -b], [a, -b], [a, b], [-a, b]]))


def circle_region(diameter_m: float) -> Region:
    """Return a circle about the origin."""
    angle = np.arange(CIRCLE_POINTS) * 2 * np.pi / CIRCLE_POINTS
    r = diameter_m / 2
    return Region(np.column_stack([r * np.cos(angle), r * np.sin(angle)]), radius_m=r)


def most_cells(region: Region, reach_m: float, pitch_m: float) -> int:
    """Return a number of discs that certainly cannot be exceeded.

    Two bounds, the lower counts. By area: every disc lies whole in the region, so their areas add up
    to no more than it has. By centres, N. Oler (1961): at most 2/√3·A/d² + L/(2d) + 1 points at
    distance d or more in a convex set of area A and perimeter L; taken on the convex hull of where a
    centre may be (from memory).

    Parameters
    ----------
    region : Region
    reach_m : float
        Least distance of a centre from the edge, m.
    pitch_m : float
        Least distance of two centres, m.
    """
    if region.radius_m is not None:
        r = region.radius_m - reach_m
        if r < 0:
            return 0
        area, around = np.pi * r**2, 2 * np.pi * r
    else:
        centres = centre_hull(region, reach_m)
        if centres is None:
            return 0
        area = abs(signed_area(centres)) if len(centres) > 2 else 0.0
        around = perimeter(centres)
    oler = 2 / np.sqrt(3) * area / pitch_m**2 + around / (2 * pitch_m) + 1
    plain = region.area_m2 / (np.pi * min(reach_m, pitch_m / 2) ** 2)
    return int(np.floor(min(oler, plain) + 1e-9))


def centre_hull(region: Region, reach_m: float) -> Array | None:
    """Return the convex hull (n, 2) of the places a centre may be at, or None if there is none."""
    # shapely takes a tenth of a second to load; only looking for places needs it.
    from shapely.geometry import Polygon

    shape = Polygon(region.ring)
    for hole in region.holes:
        shape = shape.difference(Polygon(hole))
    core = shape.buffer(-reach_m + 1e-9)
    if core.is_empty:
        return None
    outer = core.convex_hull
    points = np.array(outer.exterior.coords if hasattr(outer, "exterior") else outer.coords)
    return hull(points)
