"""Places for a number of round cells where no lattice holds them: pushed apart until none overlaps."""

from collections.abc import Iterator

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.geometry.region import Region

STARTS = 24
"""Starts tried for one number of cells; engineering judgement."""
STARTS_DRAWN = 40
"""Drawn at random for each start, of which the most even is taken."""
SPARE = 2e-5
"""Cells are pushed this part farther apart than they need be, so that what is found holds exactly."""
DONE = 1e-11
"""Sum of squared overlaps, in pitches, below which there are none."""


def squeezed(
    region: Region, reach_m: float, pitch_m: float, count: int, first: Array | None = None, seed: int = 1
) -> Iterator[Array | None]:
    """Look for places of `count` discs; yields None after each start, and the places (count, 2) in m once
    found, which is the end.

    Overlaps with each other and with the edge are springs; from each start their energy is brought to its
    least (L-BFGS). Starts are rings in a circle, the places of a lattice with more thrown in, and random.

    Parameters
    ----------
    region : Region
    reach_m : float
        Least distance of a middle from the edge, m.
    pitch_m : float
        Least distance of two middles, m.
    count : int
    first : ndarray, optional
        Places (k, 2) that a lattice found, fewer than `count`.
    seed : int
    """
    dice = np.random.default_rng(seed)
    for start in _starts(region, reach_m, pitch_m, count, first, dice):
        points = _pushed_apart(region, reach_m, pitch_m, start)
        if points is not None:
            yield points
            return
        yield None


def _pushed_apart(region: Region, reach_m: float, pitch_m: float, start: Array) -> Array | None:
    """The places at the least energy, m; None if some still overlap."""
    # Read here: only looking for places needs it.
    from scipy.optimize import minimize

    count = len(start)
    i, j = np.triu_indices(count, 1)
    apart, deep = 1 + SPARE, reach_m / pitch_m * (1 + SPARE)
    step = 1e-6
    ways = np.array([[step, 0.0], [-step, 0.0], [0.0, step], [0.0, -step]])

    def energy(flat: Array) -> tuple[float, Array]:
        at = flat.reshape(-1, 2)
        way = at[i] - at[j]
        long = np.maximum(np.hypot(way[:, 0], way[:, 1]), 1e-9)
        over = np.maximum(apart - long, 0.0)
        pull = (-2 * over / long)[:, None] * way
        slope = np.zeros_like(at)
        np.add.at(slope, i, pull)
        np.add.at(slope, j, -pull)
        depth = region.depth(at * pitch_m) / pitch_m
        short = np.maximum(deep - depth, 0.0)
        out = np.flatnonzero(short)
        if len(out):
            around = (at[out][:, None] + ways[None]).reshape(-1, 2)
            d = (region.depth(around * pitch_m) / pitch_m).reshape(-1, 4)
            inward = np.column_stack([d[:, 0] - d[:, 1], d[:, 2] - d[:, 3]]) / (2 * step)
            slope[out] -= 2 * short[out, None] * inward
        return float((over**2).sum() + (short**2).sum()), slope.ravel()

    found = minimize(
        energy,
        start.ravel() / pitch_m,
        jac=True,
        method="L-BFGS-B",
        options={"maxiter": 400, "ftol": 1e-16, "gtol": 1e-9},
    )
    if found.fun > DONE:
        return None
    points = np.asarray(found.x.reshape(-1, 2) * pitch_m)
    way = points[i] - points[j]
    clear = not len(i) or float(np.hypot(way[:, 0], way[:, 1]).min()) >= pitch_m * (1 - 1e-7)
    return points if clear and float(region.depth(points).min()) >= reach_m - 1e-8 else None


def _starts(
    region: Region, reach_m: float, pitch_m: float, count: int, first: Array | None, dice: np.random.Generator
) -> Iterator[Array]:
    if region.radius_m is not None:
        yield from _rings(region.radius_m - reach_m, pitch_m, count, dice)
    x0, y0, x1, y1 = region.bounds
    low, size = np.array([x0, y0]), np.array([x1 - x0, y1 - y0])

    def thrown(many: int, beside: Array) -> Array:
        """Points inside, each as far as can be drawn from those before."""
        points = beside
        for _ in range(many):
            drawn = low + dice.random((STARTS_DRAWN, 2)) * size
            room = np.minimum(region.depth(drawn) - reach_m, pitch_m)
            if len(points):
                room = np.minimum(
                    room, np.hypot(*(drawn[:, None] - points[None]).transpose(2, 0, 1)).min(axis=1) - pitch_m
                )
            points = np.vstack([points, drawn[room.argmax()]])
        return points

    for k in range(STARTS):
        if first is not None and 0 < len(first) < count and k % 2 == 0:
            shaken = first + dice.normal(0.0, 0.12 * pitch_m, first.shape)
            yield thrown(count - len(first), shaken)
        else:
            yield thrown(count, np.empty((0, 2)))


def _rings(radius_m: float, pitch_m: float, count: int, dice: np.random.Generator) -> Iterator[Array]:
    """Rings about the middle of a circle, each as full as it can be from outside in, turned at random; with
    the outermost full, or one or two fewer on it."""
    if radius_m <= 0:
        return
    for fewer in range(3):
        left, radius, points = count, radius_m, []
        while left > 0 and radius > 0.2 * pitch_m:
            fit = (
                int(np.pi / np.arcsin(min(pitch_m / (2 * radius), 1.0)) + 1e-9)
                if 2 * radius >= pitch_m
                else 1
            )
            many = min(max(fit - (fewer if radius == radius_m else 0), 1), left)
            angle = dice.random() * 2 * np.pi + np.arange(many) * 2 * np.pi / many
            points += [(radius * np.cos(a), radius * np.sin(a)) for a in angle]
            left, radius = left - many, radius - pitch_m
        points += [(0.1 * pitch_m * dice.normal(), 0.1 * pitch_m * dice.normal()) for _ in range(left)]
        yield np.array(points)
