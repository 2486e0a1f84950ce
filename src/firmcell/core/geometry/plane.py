"""Polygons and distances in the plane, on plain arrays; checked against shapely in the tests."""

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array


def signed_area(ring: Array) -> float:
    """Return the area of a ring (n, 2) by the shoelace formula, positive anticlockwise, in its unit
    squared."""
    x, y = ring[:, 0], ring[:, 1]
    return float(np.dot(x, np.roll(y, -1)) - np.dot(y, np.roll(x, -1))) / 2


def perimeter(ring: Array) -> float:
    """Return the length round a ring (n, 2)."""
    return float(np.hypot(*(np.roll(ring, -1, axis=0) - ring).T).sum())


def inside(ring: Array, points: Array) -> NDArray[np.bool_]:
    """Return for each of `points` (m, 2) whether it lies inside a ring (n, 2), by counting crossings."""
    (x, y), (x0, y0) = points.T, ring.T
    x1, y1 = np.roll(ring, -1, axis=0).T
    rises = (y0[:, None] > y) != (y1[:, None] > y)
    with np.errstate(divide="ignore", invalid="ignore"):
        at = x0[:, None] + (y - y0[:, None]) * ((x1 - x0) / (y1 - y0))[:, None]
    return np.asarray((rises & (x < at)).sum(axis=0) % 2 == 1)


def distance_to_ring(ring: Array, points: Array) -> Array:
    """Return the distance of each of `points` (m, 2) from the line of a ring (n, 2)."""
    return np.asarray(distance_to_segments(ring, np.roll(ring, -1, axis=0), points).min(axis=0))


def distance_to_segments(starts: Array, ends: Array, points: Array) -> Array:
    """Return the distances (n, m) between n segments and m points."""
    way = ends - starts
    square = (way**2).sum(axis=1)
    from_start = points[None, :, :] - starts[:, None, :]
    along = np.einsum("nmk,nk->nm", from_start, way) / np.where(square == 0, 1, square)[:, None]
    nearest = np.clip(along, 0, 1)[:, :, None] * way[:, None, :]
    return np.asarray(np.hypot(*np.moveaxis(from_start - nearest, 2, 0)))


def ring_fault(ring: Array) -> str | None:
    """Return what is wrong with a ring (n, 2) in m as the end of a sentence, or None if it bounds an area.

    It needs three corners and an area, and no two of its sides may cross or touch but neighbours at
    their common corner.
    """
    if len(ring) < 3:
        return f"has {len(ring)} corners; it needs at least 3"
    if not np.isfinite(ring).all():
        return "has a corner that is not a number"
    if abs(signed_area(ring)) < 1e-6:
        return f"encloses {abs(signed_area(ring)) * 1e6:.2f} mm²; nothing fits in it"
    n = len(ring)
    starts, ends = ring, np.roll(ring, -1, axis=0)
    if (np.hypot(*(ends - starts).T) < 1e-9).any():
        return "has the same corner twice in a row"
    for i in range(n - 1):
        others = np.arange(i + 2, n if i else n - 1)
        if not len(others):
            continue
        near = segments_apart(starts[i], ends[i], starts[others], ends[others])
        if (near < 1e-9).any():
            j = int(others[int(near.argmin())])
            x, y = (starts[j] + ends[j]) / 2 * 1e3
            return f"crosses or touches itself: side {i + 1} and side {j + 1} (near {x:.1f}, {y:.1f} mm)"
    return None


def point_from_segment(starts: Array, ends: Array, points: Array) -> Array:
    """Return the distance (n,) of each of `points` from the segment of the same place; arrays (n, 2)
    broadcast."""
    way, to = ends - starts, points - starts
    square = (way**2).sum(axis=-1)
    along = np.clip((to * way).sum(axis=-1) / np.where(square == 0, 1, square), 0, 1)
    return np.asarray(np.hypot(*np.moveaxis(to - along[..., None] * way, -1, 0)))


def segments_apart(a: Array, b: Array, c: Array, d: Array) -> Array:
    """Return the distance (n,) of each segment `a` to `b` from that `c` to `d` of the same place; 0 where
    they cross.

    Arrays (n, 2) or (2,) broadcast.
    """
    a, b, c, d = np.broadcast_arrays(a, b, c, d)
    nearest = np.minimum(
        np.minimum(point_from_segment(c, d, a), point_from_segment(c, d, b)),
        np.minimum(point_from_segment(a, b, c), point_from_segment(a, b, d)),
    )

    def side(o: Array, u: Array, v: Array) -> Array:
        return np.asarray(
            (u[..., 0] - o[..., 0]) * (v[..., 1] - o[..., 1])
            - (u[..., 1] - o[..., 1]) * (v[..., 0] - o[..., 0])
        )

    crosses = (side(a, b, c) * side(a, b, d) < 0) & (side(c, d, a) * side(c, d, b) < 0)
    return np.where(crosses, 0.0, nearest)


def point_from_band(starts: Array, ends: Array, half: Array, points: Array) -> Array:
    """Return the distance (n,) of each of `points` from the rectangle `half` either side of a segment; 0
    inside."""
    way = ends - starts
    length = np.hypot(way[:, 0], way[:, 1])
    unit = way / np.where(length == 0, 1, length)[:, None]
    to = points - (starts + ends) / 2
    along = np.abs((to * unit).sum(axis=1)) - length / 2
    across = np.abs(to[:, 1] * unit[:, 0] - to[:, 0] * unit[:, 1]) - half
    return np.asarray(np.hypot(np.maximum(along, 0), np.maximum(across, 0)))


def bands_apart(a: Array, b: Array, half_ab: Array, c: Array, d: Array, half_cd: Array) -> Array:
    """Return the distance (n,) of rectangles `half` either side of segments `a` to `b` and `c` to `d`; 0
    where they touch."""
    first, second = _band_corners(a, b, half_ab), _band_corners(c, d, half_cd)
    apart = np.full(len(a), np.inf)
    for i in range(4):
        for j in range(4):
            sides = segments_apart(first[:, i], first[:, (i + 1) % 4], second[:, j], second[:, (j + 1) % 4])
            apart = np.minimum(apart, sides)
    within = np.minimum(
        point_from_band(a, b, half_ab, (c + d) / 2), point_from_band(c, d, half_cd, (a + b) / 2)
    )
    return np.where(within == 0, 0.0, apart)


def _band_corners(starts: Array, ends: Array, half: Array) -> Array:
    way = ends - starts
    length = np.hypot(way[:, 0], way[:, 1])
    across = (
        np.column_stack([-way[:, 1], way[:, 0]]) / np.where(length == 0, 1, length)[:, None] * half[:, None]
    )
    return np.stack([starts - across, ends - across, ends + across, starts + across], axis=1)


def hull(points: Array) -> Array:
    """Return the convex hull (k, 2) of points (n, 2), anticlockwise, by Andrew's monotone chain."""
    ordered = sorted(set(map(tuple, points.tolist())))
    if len(ordered) < 3:
        return np.array(ordered)

    def half(way: list[tuple[float, ...]]) -> list[tuple[float, ...]]:
        chain: list[tuple[float, ...]] = []
        for p in way:
            while len(chain) > 1:
                (ax, ay), (bx, by) = chain[-2], chain[-1]
                if (bx - ax) * (p[1] - ay) - (by - ay) * (p[0] - ax) > 0:
                    break
                chain.pop()
            chain.append(p)
        return chain[:-1]

    return np.array(half(ordered) + half(ordered[::-1]))


def turned(points: Array, angle_rad: float) -> Array:
    """Return points (n, 2) turned anticlockwise about the origin."""
    c, s = np.cos(angle_rad), np.sin(angle_rad)
    return np.asarray(points @ np.array([[c, s], [-s, c]]))


def near_pairs(points: Array, reach: float) -> NDArray[np.intp]:
    """Return the index pairs (k, 2), first below second, of points (n, 2) not farther apart than `reach`.

    Points are sorted into squares as wide as `reach`, so that only those of neighbouring squares are
    compared.
    """
    n = len(points)
    if n < 2:
        return np.empty((0, 2), dtype=np.intp)
    square = np.floor((points - points.min(axis=0)) / reach).astype(np.int64) + 1
    high = int(square[:, 1].max()) + 2
    key = square[:, 0] * high + square[:, 1]
    order = np.argsort(key, kind="stable")
    key = key[order]
    x, y = points[order].T
    firsts, seconds = [], []
    for step in (0, 1, high - 1, high, high + 1):
        low = np.searchsorted(key, key + step, side="left")
        if step == 0:
            low = np.arange(1, n + 1)
        counts = np.maximum(np.searchsorted(key, key + step, side="right") - low, 0)
        i = np.repeat(np.arange(n), counts)
        j = np.arange(len(i)) - np.repeat(np.cumsum(counts) - counts, counts) + np.repeat(low, counts)
        near = (x[i] - x[j]) ** 2 + (y[i] - y[j]) ** 2 <= reach**2
        firsts.append(i[near])
        seconds.append(j[near])
    pairs = np.sort(np.column_stack([order[np.concatenate(firsts)], order[np.concatenate(seconds)]]), axis=1)
    return pairs[np.lexsort((pairs[:, 1], pairs[:, 0]))]
