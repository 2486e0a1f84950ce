"""Where cells may stand: the best lattice, its angle and offset by search, or free places that hug the
edge."""

from collections.abc import Iterable, Iterator

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.plane import near_pairs, turned
from firmcell.core.geometry.region import Region

SIN60 = float(np.sqrt(3) / 2)
REFINED = 5
"""Offsets tried along each direction about the best, on a finer step."""
STEP_RAD = np.pi / 12
CENTRING_M = 0.008
"""Cells that are nearer to the edge than the nearest and this can become the nearest when all are shifted by
half of it."""
EPS = 1e-9


@frozen
class Footprint:
    """What a cell covers, seen along its axis, at its largest.

    Attributes
    ----------
    along_m, across_m : sides of the rectangle, m; the diameter twice for a round cell.
    round : whether it is a disc.
    """

    along_m: float
    across_m: float
    round: bool = True

    def corners(self, centres: Array, angle_rad: float) -> Array:
        """Return the corners (n, 4, 2) of rectangles about `centres` turned by `angle_rad`."""
        a, b = self.along_m / 2, self.across_m / 2
        box = turned(np.array([[-a, -b], [a, -b], [a, b], [-a, b]]), angle_rad)
        return np.asarray(centres[:, None, :] + box[None, :, :])

    def room(self, region: Region, centres: Array, angle_rad: float) -> Array:
        """Return for each centre (n,) the least distance of the cell from the region's edge, m; below 0 it
        sticks out."""
        if self.round:
            return np.asarray(region.depth(centres) - self.along_m / 2)
        corners = self.corners(centres, angle_rad)
        room = region.depth(corners.reshape(-1, 2)).reshape(-1, 4).min(axis=1)
        # A corner of the edge may poke in between two corners of the cell.
        half = np.array([self.along_m, self.across_m]) / 2 - EPS
        for ring in (region.ring, *region.holes):
            for x, y in ring:
                local = turned(np.array([x, y]) - centres, -angle_rad)
                room[(np.abs(local) < half).all(axis=1)] = -EPS * 10
        return np.asarray(room)


@frozen(eq=False)
class Places:
    """Places found for cells.

    Attributes
    ----------
    points_m : centres (n, 2).
    lattice : square, staggered or free.
    angle_rad : of the lattice's rows against x.
    spacing_m : along and across of the lattice.
    """

    points_m: Array
    lattice: str
    angle_rad: float
    spacing_m: tuple[float, float]

    def __len__(self) -> int:
        return len(self.points_m)


def lattice_points(
    bounds: tuple[float, float, float, float],
    spacing_m: tuple[float, float],
    staggered: bool,
    angle_rad: float,
) -> Array:
    """Return the points (n, 2) of a lattice through the origin that cover a box however it is shifted by one
    spacing."""
    x0, y0, x1, y1 = bounds
    reach = np.hypot(max(abs(x0), abs(x1)), max(abs(y0), abs(y1)))
    dx, dy = spacing_m[0], spacing_m[1] * (SIN60 if staggered else 1.0)
    nx, ny = int(np.ceil(reach / dx)) + 2, int(np.ceil(reach / dy)) + 2
    i, j = np.meshgrid(np.arange(-nx, nx + 1), np.arange(-ny, ny + 1))
    x = i * dx + (j % 2) * dx / 2 * staggered
    points = turned(np.column_stack([x.ravel(), (j * dy).ravel()]).astype(float), angle_rad)
    margin = 2 * max(dx, dy)
    keep = (
        (points[:, 0] >= x0 - margin)
        & (points[:, 0] <= x1 + margin)
        & (points[:, 1] >= y0 - margin)
        & (points[:, 1] <= y1 + margin)
    )
    return points[keep]


def angles_worth_trying(region: Region, staggered: bool, round_cells: bool) -> list[float]:
    """Return lattice angles in rad: those of the region's sides first, then every 15°, each once within the
    symmetry."""
    period = np.pi / 3 if staggered else np.pi / 2
    # A staggered lattice lies along a side by its rows or, turned by half its period, across it.
    half = period / 2 if staggered else 0.0
    sides = np.roll(region.ring, -1, axis=0) - region.ring
    if region.radius_m is not None:
        wanted = [0.0]
    else:
        lengths = np.hypot(sides[:, 0], sides[:, 1])
        long = sides[lengths > 0.15 * lengths.max()]
        wanted = [
            0.0,
            half,
            *(float(np.arctan2(y, x)) + h for x, y in long for h in ([0.0, half] if half else [0.0])),
        ]
        wanted += [k * STEP_RAD for k in range(1, round(period / STEP_RAD))]
    if not round_cells:
        wanted += [w + np.pi / 2 for w in wanted]
        period = np.pi
    found: list[float] = []
    for angle in wanted:
        angle = angle % period
        if all(min(abs(angle - f), period - abs(angle - f)) > 1e-3 for f in found):
            found.append(float(angle))
    return found


def search_lattices(
    region: Region,
    footprint: Footprint,
    spacing_m: tuple[float, float],
    wall_m: float,
    lattices: Iterable[str],
    anchors: Array | None = None,
) -> Iterator[Places]:
    """Yield the best offset of each lattice at each angle worth trying.

    Parameters
    ----------
    region : Region
    footprint : Footprint
        The largest cell.
    spacing_m : tuple
        Distance of neighbours' centres along and across, m.
    wall_m : float
        Clearance between a cell and the edge, m.
    lattices : iterable of str
        ``square``, ``staggered``.
    anchors : ndarray, optional
        Points (k, 2) that a lattice may go through, such as cells that keep their place.
    """
    for lattice in lattices:
        staggered = lattice == "staggered"
        for angle in angles_worth_trying(region, staggered, footprint.round):
            yield _best_offset(region, footprint, spacing_m, wall_m, staggered, angle, anchors)


def _best_offset(
    region: Region,
    footprint: Footprint,
    spacing_m: tuple[float, float],
    wall_m: float,
    staggered: bool,
    angle: float,
    anchors: Array | None,
) -> Places:
    base = lattice_points(region.bounds, spacing_m, staggered, angle)
    dx, dy = spacing_m[0], spacing_m[1] * (SIN60 if staggered else 1.0)
    # Rows that just touch a straight side are found exactly by offsets taken from the sides themselves.
    offsets = 7 if len(base) < 400 else 5
    steps = np.arange(offsets) / offsets
    trial = np.array([(u * dx, v * dy) for u in steps for v in steps])
    trial = np.vstack([trial, _snug_offsets(region, footprint, wall_m, dx, dy, angle)])
    if anchors is not None and len(anchors):
        trial = turned(anchors[:4], -angle)
    best, most = _count(region, footprint, wall_m, base, turned(trial, angle), angle)
    fine = np.linspace(-0.5, 0.5, REFINED) / offsets
    near = np.array([(u * dx, v * dy) for u in fine for v in fine]) + trial[best]
    second, more = _count(region, footprint, wall_m, base, turned(near, angle), angle)
    shift = turned(near[second : second + 1], angle) if more > most else turned(trial[best : best + 1], angle)
    points = base + shift
    fits = footprint.room(region, points, angle) >= wall_m - EPS
    return Places(points[fits], "staggered" if staggered else "square", angle, spacing_m)


def _snug_offsets(
    region: Region, footprint: Footprint, wall_m: float, dx: float, dy: float, angle: float
) -> Array:
    """Offsets that put a row just against the least x and least y of the region, seen turned by the angle."""
    ring = turned(region.ring, -angle)
    # Both directions of the lattice, each against its low and its high side.
    us = {
        (side(ring[:, 0]) + sign * (footprint.along_m / 2 + wall_m)) % dx
        for side, sign in ((np.min, 1), (np.max, -1))
    }
    vs = {
        (side(ring[:, 1]) + sign * (footprint.across_m / 2 + wall_m)) % dy
        for side, sign in ((np.min, 1), (np.max, -1))
    }
    u_all = {*us, *((u + dx / 2) % dx for u in us)}
    return np.array([(u, v) for u in sorted(u_all) for v in sorted(vs)])


def _count(
    region: Region, footprint: Footprint, wall_m: float, base: Array, shifts: Array, angle: float
) -> tuple[int, int]:
    """Return which shift takes most cells, and how many."""
    points = (base[None, :, :] + shifts[:, None, :]).reshape(-1, 2)
    fits = np.zeros(len(points), dtype=bool)
    x0, y0, x1, y1 = region.bounds
    reach = min(footprint.along_m, footprint.across_m) / 2 + wall_m - EPS
    maybe = (
        (points[:, 0] >= x0 + reach)
        & (points[:, 0] <= x1 - reach)
        & (points[:, 1] >= y0 + reach)
        & (points[:, 1] <= y1 - reach)
    )
    fits[maybe] = footprint.room(region, points[maybe], angle) >= wall_m - EPS
    counts = fits.reshape(len(shifts), -1).sum(axis=1)
    best = int(counts.argmax())
    return best, int(counts[best])


def centred(region: Region, footprint: Footprint, places: Places) -> Places:
    """Return the places shifted together towards the most even room to the edge."""
    points, angle = places.points_m, places.angle_rad
    if not len(points):
        return places
    room = footprint.room(region, points, angle)
    # Only cells near the edge decide.
    edge = np.flatnonzero(room < room.min() + CENTRING_M)
    shift, least, step = np.zeros(2), float(room.min()), CENTRING_M / 2
    while step > 2e-5:
        moves = shift + step * np.array([[1, 0], [-1, 0], [0, 1], [0, -1]])
        trial = (points[edge][None] + moves[:, None]).reshape(-1, 2)
        rooms = footprint.room(region, trial, angle).reshape(4, -1).min(axis=1)
        best = int(np.argmax(rooms))
        if rooms[best] > least + EPS and np.hypot(*moves[best]) < CENTRING_M / 2:
            shift, least = moves[best], float(rooms[best])
        else:
            step /= 2
    return Places(points + shift, places.lattice, angle, places.spacing_m)


def free_places(
    region: Region, footprint: Footprint, pitch_m: float, wall_m: float, direction_rad: float
) -> Places:
    """Return places of round cells dropped one by one, each as low as it goes towards `direction_rad`.

    A candidate touches two of: the line that centres must keep from the edge, and cells placed
    before. The lowest is taken, so cells hug the edges of an outline that no lattice follows.
    """
    from shapely.geometry import Polygon

    shape = Polygon(turned(region.ring, -direction_rad))
    for hole in region.holes:
        shape = shape.difference(Polygon(turned(hole, -direction_rad)))
    core = shape.buffer(-(footprint.along_m / 2 + wall_m), quad_segs=24)
    lines = [
        np.array(ring.coords)
        for part in getattr(core, "geoms", [core])
        if not part.is_empty
        for ring in (part.exterior, *part.interiors)
    ]
    if not lines:
        return Places(np.empty((0, 2)), "free", direction_rad, (pitch_m, pitch_m))
    starts, ends = np.vstack([r[:-1] for r in lines]), np.vstack([r[1:] for r in lines])
    candidates = starts.copy()
    placed = np.empty((0, 2))
    limit = pitch_m * (1 - 1e-7)
    while len(candidates):
        lowest = np.lexsort((np.round(candidates[:, 0], 7), np.round(candidates[:, 1], 7)))[0]
        new = candidates[lowest]
        fresh = np.vstack([_on_edge(new, pitch_m, starts, ends), _on_two(new, placed, pitch_m)])
        placed = np.vstack([placed, new])
        if len(fresh):
            back = turned(fresh, direction_rad)
            fresh = fresh[footprint.room(region, back, 0.0) >= wall_m - 1e-6]
            if len(fresh):
                clear = np.hypot(*np.moveaxis(fresh[:, None] - placed[None, :-1], 2, 0)).min(
                    axis=1, initial=np.inf
                )
                fresh = fresh[clear >= limit]
        keep = np.hypot(*(candidates - new).T) >= limit
        candidates = np.vstack([candidates[keep], fresh])
    return Places(turned(placed, direction_rad), "free", direction_rad, (pitch_m, pitch_m))


def _on_edge(centre: Array, reach: float, starts: Array, ends: Array) -> Array:
    """Points (k, 2) of the segments at distance `reach` from a centre."""
    way, from_centre = ends - starts, starts - centre
    a = (way**2).sum(axis=1)
    b = (way * from_centre).sum(axis=1)
    c = (from_centre**2).sum(axis=1) - reach**2
    under = b**2 - a * c
    ok = (under >= 0) & (a > 0)
    root = np.sqrt(under[ok])
    found = []
    for sign in (-1, 1):
        t = (-b[ok] + sign * root) / a[ok]
        on = (t >= 0) & (t <= 1)
        found.append(starts[ok][on] + t[on, None] * way[ok][on])
    return np.vstack(found)


def _on_two(centre: Array, placed: Array, reach: float) -> Array:
    """Points (k, 2) at distance `reach` from a centre and from one of the placed cells."""
    if not len(placed):
        return np.empty((0, 2))
    way = placed - centre
    apart = np.hypot(way[:, 0], way[:, 1])
    near = apart <= 2 * reach
    way, apart = way[near], apart[near]
    middle = centre + way / 2
    high = np.sqrt(np.maximum(reach**2 - (apart / 2) ** 2, 0))
    across = np.column_stack([-way[:, 1], way[:, 0]]) / apart[:, None]
    return np.vstack([middle + high[:, None] * across, middle - high[:, None] * across])


def overlaps(points: Array, footprint: Footprint, angles: Array) -> NDArray[np.intp]:
    """Return the pairs (k, 2) of cells that overlap by more than a micrometre.

    Rectangles are compared by separating axes: two that overlap do so along the sides of both.
    """
    pairs = near_pairs(points, float(np.hypot(footprint.along_m, footprint.across_m)))
    if not len(pairs):
        return pairs
    if footprint.round:
        apart = np.hypot(*(points[pairs[:, 0]] - points[pairs[:, 1]]).T)
        return np.asarray(pairs[apart < footprint.along_m - 1e-6])
    half = np.array([footprint.along_m, footprint.across_m]) / 2
    i, j = pairs.T
    way = points[j] - points[i]
    axes = np.stack(
        [
            np.column_stack([np.cos(angles), np.sin(angles)]),
            np.column_stack([-np.sin(angles), np.cos(angles)]),
        ],
        axis=1,
    )
    apart = np.zeros(len(pairs), dtype=bool)
    for test in (axes[i], axes[j]):
        for k in range(2):
            axis = test[:, k]
            reach = sum(
                half[m] * np.abs((axes[side][:, m] * axis).sum(axis=1)) for side in (i, j) for m in range(2)
            )
            apart |= np.abs((way * axis).sum(axis=1)) >= reach - 1e-6
    return np.asarray(pairs[~apart])
