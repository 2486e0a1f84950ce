"""A cell holder in two halves as watertight surfaces: bores for the cells, a lip that keeps each from falling
through."""

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.parts import Cell

CIRCLE = 48
LEAST_WALL_M = 0.0008
"""Thinnest wall that a printer with a common nozzle lays as two lines; common practice, no source."""


@frozen
class HolderSize:
    """Sizes of one half, m.

    Attributes
    ----------
    ease_m : bore over the diameter of the largest cell.
    lip_m : how far the lip reaches over the cell's rim, all round.
    base_m : thickness of the lip.
    depth_m : from the outside of the lip to the inner edge.
    """

    ease_m: float = 0.0003
    lip_m: float = 0.0025
    base_m: float = 0.0016
    depth_m: float = 0.010


@frozen(eq=False)
class Mesh:
    """A closed surface: corners (n, 3) in m and triangles (k, 3), anticlockwise seen from outside."""

    vertices_m: Array
    triangles: NDArray[np.intp]

    def moved(self, by: tuple[float, float, float]) -> "Mesh":
        """Return it shifted, m."""
        return Mesh(self.vertices_m + np.array(by), self.triangles)


class _Surface:
    """Collects triangles; equal corners become one, so that the surface closes."""

    def __init__(self) -> None:
        self.places: dict[tuple[float, float, float], int] = {}
        self.triangles: list[tuple[int, int, int]] = []

    def corner(self, x: float, y: float, z: float) -> int:
        key = (round(x, 9), round(y, 9), round(z, 9))
        return self.places.setdefault(key, len(self.places))

    def flat(self, triangles: list[Array], z: float, up: bool) -> None:
        """Level triangles (3, 2) at a height, seen from above or below."""
        for t in triangles:
            (ax, ay), (bx, by), (cx, cy) = t.tolist()
            left = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax) > 0
            order = t if left == up else t[::-1]
            a, b, c = (self.corner(x, y, z) for x, y in order.tolist())
            self.triangles.append((a, b, c))

    def wall(self, ring: Array, low: float, high: float) -> None:
        """Upright wall over a ring; its outside is to the right of the ring's way."""
        points = ring.tolist()
        for (ax, ay), (bx, by) in zip(points, points[1:] + points[:1], strict=True):
            a, b = self.corner(ax, ay, low), self.corner(bx, by, low)
            c, d = self.corner(bx, by, high), self.corner(ax, ay, high)
            self.triangles += [(a, b, c), (a, c, d)]

    def step(self, inner: Array, outer: Array, z: float) -> None:
        """Level band between two rings of as many corners, anticlockwise, seen from above."""
        n = len(inner)
        for i in range(n):
            j = (i + 1) % n
            a, b, c, d = (
                self.corner(float(p[0]), float(p[1]), z) for p in (inner[i], inner[j], outer[j], outer[i])
            )
            self.triangles += [(a, c, b), (a, d, c)]

    def mesh(self) -> Mesh:
        return Mesh(np.array(list(self.places)), np.array(self.triangles, dtype=np.intp))


def holder_halves(
    layout: Layout, cell: Cell, gap_m: float, size: HolderSize | None = None
) -> tuple[Mesh, Mesh]:
    """Return the lower half and the upper half, each lying on its lip side.

    Parameters
    ----------
    layout : Layout
    cell : Cell
        Round.
    gap_m : float
        Between the largest cells, m: the wall between two bores is what the ease leaves of it.
    size : HolderSize, optional

    Raises
    ------
    Refusal
        If the cells are not round or stand too near for a wall.
    """
    if not cell.is_round:
        raise Refusal("A holder with bores is for round cells; these are flat.")
    size = size or HolderSize()
    wall = gap_m - size.ease_m
    if wall < LEAST_WALL_M - 1e-9:
        need = (LEAST_WALL_M + size.ease_m) * 1e3
        raise Refusal(
            f"The cells stand {gap_m * 1e3:.1f} mm apart; a holder needs a gap of at least {need:.1f} mm between them. "
            "Set the gap in the Layout stage and find places anew."
        )
    points = layout.points_m
    radius = cell.largest_m[0] / 2 + size.ease_m / 2
    lower = _half(points, radius, max(wall, 0.0016), size)
    # The upper half looks the other way: it is the mirror image.
    upper = _half(points * np.array([1.0, -1.0]), radius, max(wall, 0.0016), size)
    return lower, upper


def _circle(centre: Array, radius: float) -> Array:
    angle = np.arange(CIRCLE) * 2 * np.pi / CIRCLE
    # Flats must not be nearer than the cell.
    reach = radius / np.cos(np.pi / CIRCLE)
    return np.asarray(centre + reach * np.column_stack([np.cos(angle), np.sin(angle)]))


def _half(points: Array, radius: float, wall: float, size: HolderSize) -> Mesh:
    from shapely import constrained_delaunay_triangles
    from shapely.geometry import Point, Polygon
    from shapely.geometry.polygon import orient
    from shapely.ops import unary_union

    reach = radius / np.cos(np.pi / CIRCLE) + wall
    body = unary_union([Point(p).buffer(reach, quad_segs=12) for p in points]).buffer(wall).buffer(-wall)
    body = body.simplify(2e-5)
    large = [_circle(p, radius) for p in points]
    small = [_circle(p, radius - size.lip_m) for p in points]
    surface = _Surface()
    for part in getattr(body, "geoms", [body]):
        outline = orient(part)
        here = [n for n, p in enumerate(points) if outline.contains(Point(p))]
        own_holes = [np.array(r.coords)[:-1] for r in outline.interiors]
        for rings, z, up in ((small, 0.0, False), (large, size.depth_m, True)):
            level = Polygon(outline.exterior, [*own_holes, *(rings[n] for n in here)])
            triangles = [np.array(t.exterior.coords)[:3] for t in constrained_delaunay_triangles(level).geoms]
            surface.flat(triangles, z, up)
        surface.wall(np.array(outline.exterior.coords)[:-1], 0.0, size.depth_m)
        for hole in own_holes:
            surface.wall(hole, 0.0, size.depth_m)
        for n in here:
            surface.step(small[n], large[n], size.base_m)
            surface.wall(small[n][::-1], 0.0, size.base_m)
            surface.wall(large[n][::-1], size.base_m, size.depth_m)
    return surface.mesh()
