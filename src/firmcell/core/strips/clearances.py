"""Distances on each face between metal of different potentials, and what strips run over."""

import itertools
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.geometry.plane import bands_apart, near_pairs, point_from_band, segments_apart
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining, StripStyle
from firmcell.core.model.parts import Cell
from firmcell.core.strips.made_of import pad_overhang
from firmcell.core.strips.runs import StripKind, StripRun, strip_runs, tail_lengths

PLACING_M = 0.0005
"""How far a strip may lie beside its line, m; common practice, no source."""


class TooNear(Frozen):
    """Metal nearer to metal of another potential than asked for.

    Attributes
    ----------
    strip : id of the strip.
    other : id of the other strip, or ``cell:N`` where it is a cell it is not welded to.
    gap_m : least distance with tolerances, m; 0 where they cross or one lies over the other.
    """

    strip: str
    other: str
    gap_m: float


@frozen
class _Segments:
    """Straight pieces of strips on one face: run (place in the list), ends, half width."""

    run: NDArray[np.intp]
    starts: Array
    ends: Array
    half: Array


@lru_cache(maxsize=16)
def strips_too_near(layout: Layout, joining: Joining, cell: Cell) -> tuple[TooNear, ...]:
    """Return where strips of different tap points, or a strip and a cell it is not welded to, are too near.

    Tolerances count: each strip may lie half a millimetre aside, cells are at their largest. A bridge
    between blocks is insulated and left out; plates are kept apart when they are cut.
    """
    if joining.style is StripStyle.PLATES:
        return ()
    runs = [r for r in strip_runs(layout) if r.kind is not StripKind.BRIDGE]
    found: list[TooNear] = []
    for face in {r.face for r in runs}:
        mine = [r for r in runs if r.face is face]
        segments = _segments(layout, mine, joining)
        if len(segments.run):
            found += _strip_to_strip(mine, segments, joining.gap_m)
            found += _strip_to_cell(mine, segments, layout, cell, joining.gap_m)
    return tuple(sorted(found, key=lambda f: (f.gap_m, f.strip, f.other)))


def _segments(layout: Layout, runs: list[StripRun], joining: Joining) -> _Segments:
    place, starts, ends, half = [], [], [], []
    past = pad_overhang(joining)
    for n, run in enumerate(runs):
        strip = joining.collector_strip if run.kind is StripKind.COLLECTOR else joining.link_strip
        # The tail for the main lead is metal like the rest.
        before, after = (past + tail for tail in tail_lengths(layout, run))
        points = np.array(run.points_m)
        if len(points) == 1:
            points = points + np.array([[0.0, -before], [0.0, after]])
        else:
            first, last = points[0] - points[1], points[-1] - points[-2]
            points = points.copy()
            points[0] += first / np.hypot(*first) * before
            points[-1] += last / np.hypot(*last) * after
        for a, b in itertools.pairwise(points):
            place.append(n)
            starts.append(a)
            ends.append(b)
            half.append(strip.width_m / 2)
    return _Segments(
        np.array(place, dtype=np.intp),
        np.array(starts).reshape(-1, 2),
        np.array(ends).reshape(-1, 2),
        np.array(half),
    )


def _strip_to_strip(runs: list[StripRun], s: _Segments, gap_m: float) -> list[TooNear]:
    node = np.array([run.node for run in runs])[s.run]
    longest = float(np.hypot(*(s.ends - s.starts).T).max())
    reach = longest + 2 * s.half.max() + gap_m + 2 * PLACING_M
    i, j = near_pairs((s.starts + s.ends) / 2, reach).T
    other = node[i] != node[j]
    i, j = i[other], j[other]
    # With round ends the strips would be longer than they are: whatever is far enough then, is.
    rounded = segments_apart(s.starts[i], s.ends[i], s.starts[j], s.ends[j]) - s.half[i] - s.half[j]
    maybe = rounded < gap_m + 2 * PLACING_M
    i, j = i[maybe], j[maybe]
    gaps = bands_apart(s.starts[i], s.ends[i], s.half[i], s.starts[j], s.ends[j], s.half[j]) - 2 * PLACING_M
    worst: dict[tuple[str, str], float] = {}
    for n in np.flatnonzero(gaps < gap_m - 1e-9).tolist():
        a, b = sorted((runs[s.run[i[n]]].id, runs[s.run[j[n]]].id))
        worst[(a, b)] = min(worst.get((a, b), np.inf), max(float(gaps[n]), 0.0))
    return [TooNear.model_construct(strip=a, other=b, gap_m=g) for (a, b), g in worst.items()]


def _strip_to_cell(
    runs: list[StripRun], s: _Segments, layout: Layout, cell: Cell, gap_m: float
) -> list[TooNear]:
    if not cell.is_round:
        return []
    radius = cell.largest_m[0] / 2
    longest = float(np.hypot(*(s.ends - s.starts).T).max())
    reach = longest / 2 + radius + s.half.max() + PLACING_M + gap_m
    count = len(s.run)
    i, j = near_pairs(np.vstack([(s.starts + s.ends) / 2, layout.points_m]), reach).T
    mixed = (i < count) & (j >= count)
    i, j = i[mixed], j[mixed] - count
    # Over a cell of its own tap point a strip is only unwelded; over any other it lies on a strange can.
    node, group = np.array([run.node for run in runs])[s.run[i]], np.array([c.group for c in layout.cells])[j]
    strange = (node != group) & (node != group - 1)
    i, j = i[strange], j[strange]
    gaps = point_from_band(s.starts[i], s.ends[i], s.half[i], layout.points_m[j]) - radius - PLACING_M
    worst: dict[tuple[str, int], float] = {}
    for n in np.flatnonzero(gaps < gap_m - 1e-9).tolist():
        run, number = runs[s.run[i[n]]], layout.cells[j[n]].number
        if number not in run.cells:
            worst[(run.id, number)] = min(worst.get((run.id, number), np.inf), max(float(gaps[n]), 0.0))
    return [TooNear.model_construct(strip=a, other=f"cell:{n}", gap_m=g) for (a, n), g in worst.items()]
