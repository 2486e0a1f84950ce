"""Distances on each face between metal of different potentials, and what strips run over."""

import itertools
from functools import lru_cache

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.geometry.plane import bands_apart, near_pairs, point_from_band, segments_apart
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining, Leads, StripStyle
from firmcell.core.model.parts import Cell
from firmcell.core.strips.laid import laid_points
from firmcell.core.strips.lead_ends import lead_ends_on, lead_seat
from firmcell.core.strips.made_of import PLACING_M, width_laid
from firmcell.core.strips.runs import StripKind, StripRun, metal_runs

CREEPAGE_MM = {
    10: 0.40,
    16: 0.45,
    25: 0.50,
    32: 0.53,
    40: 1.10,
    50: 1.20,
    63: 1.25,
    80: 1.30,
    100: 1.40,
    125: 1.50,
    160: 1.60,
    200: 2.00,
    250: 2.50,
    320: 3.20,
    400: 4.00,
}
"""Along a surface in ordinary dirt, by working voltage: IEC 60664-1, pollution degree 2, material group III
(values from memory)."""


def least_distance(volts: ArrayLike) -> Array:
    """Return how far apart bare metal of different potential must be, whatever the design asks for.

    Parameters
    ----------
    volts : array_like
        Working voltage between the two, V.

    Returns
    -------
    distance : ndarray
        m; that of the next voltage in the table, and a hundredth of a millimetre a volt beyond it.

    References
    ----------
    .. [1] iec-60664-1

    Examples
    --------
    >>> (least_distance([42.0, 63.0, 90.0, 250.0, 500.0]) * 1e3).round(2).tolist()
    [1.2, 1.25, 1.4, 2.5, 5.0]
    """
    asked = np.asarray(volts, dtype=float)
    at, far = np.array(list(CREEPAGE_MM), dtype=float), np.array(list(CREEPAGE_MM.values()))
    place = np.minimum(np.searchsorted(at, asked - 1e-9), len(at) - 1)
    return np.asarray(np.where(asked > at[-1], asked * 0.01, far[place]) * 1e-3)


class TooNear(Frozen):
    """Metal nearer to metal of another potential than asked for.

    Attributes
    ----------
    strip : id of the strip.
    other : id of the other strip, or ``cell:N`` where it is a cell it is not welded to.
    gap_m : least distance with tolerances, m; 0 where they cross or one lies over the other.
    needed_m : what it must be: as asked for, or for the voltage between the two.
    by_lead : whether it is the bare end of a main lead on the strip, or on the other, that is so near.
    """

    strip: str
    other: str
    gap_m: float
    needed_m: float
    by_lead: bool = False


@frozen
class _Segments:
    """Straight pieces of strips on one face, and bare ends of leads on them: run (place in the list), ends,
    half width, whether a lead's end."""

    run: NDArray[np.intp]
    starts: Array
    ends: Array
    half: Array
    lead: NDArray[np.bool_]


@lru_cache(maxsize=16)
def strips_too_near(
    layout: Layout, joining: Joining, cell: Cell, leads: Leads, among: frozenset[str] | None = None
) -> tuple[TooNear, ...]:
    """Return where strips of different tap points, or a strip and a cell it is not welded to, are too near.

    The bare ends of the main leads, lugs or soldered strands, are metal of the strip they are joined to.
    Tolerances count: each strip may lie half a millimetre aside, cells are at their largest. A bridge
    between blocks is insulated and left out; plates are kept apart when they are cut.

    With `among` only strips of these ids are looked at: where strip was made narrower, nothing else can have
    come nearer.
    """
    if joining.style is StripStyle.PLATES:
        return ()
    runs = [
        r
        for r in metal_runs(layout, joining)
        if r.kind is not StripKind.BRIDGE and (among is None or r.id in among)
    ]
    found: list[TooNear] = []
    for face in {r.face for r in runs}:
        mine = [r for r in runs if r.face is face]
        segments = _segments(layout, mine, joining, leads)
        if len(segments.run):
            found += _strip_to_strip(mine, segments, joining.gap_m, cell.full_v)
            found += _strip_to_cell(mine, segments, layout, cell, joining.gap_m)
    return tuple(sorted(found, key=lambda f: (f.gap_m - f.needed_m, f.strip, f.other)))


def _segments(layout: Layout, runs: list[StripRun], joining: Joining, leads: Leads) -> _Segments:
    place, starts, ends, half, lead = [], [], [], [], []
    seat = lead_seat(joining, leads, layout.pitch_m)
    for n, run in enumerate(runs):
        width = width_laid(joining, run.kind)
        # The tail for the main lead is metal like the rest.
        for a, b in itertools.pairwise(laid_points(layout, run, seat)):
            place.append(n)
            starts.append(a)
            ends.append(b)
            half.append(width / 2)
            lead.append(False)
        for end in lead_ends_on(layout, run, seat):
            place.append(n)
            starts.append(end.start)
            ends.append(end.end)
            half.append(seat.width_m / 2)
            lead.append(True)
    return _Segments(
        np.array(place, dtype=np.intp),
        np.array(starts).reshape(-1, 2),
        np.array(ends).reshape(-1, 2),
        np.array(half),
        np.array(lead, dtype=bool),
    )


def _strip_to_strip(runs: list[StripRun], s: _Segments, gap_m: float, cell_v: float) -> list[TooNear]:
    node = np.array([run.node for run in runs])[s.run]
    longest = float(np.hypot(*(s.ends - s.starts).T).max())
    most = max(gap_m, float(least_distance((node.max() - node.min()) * cell_v)))
    reach = longest + 2 * s.half.max() + most + 2 * PLACING_M
    i, j = near_pairs((s.starts + s.ends) / 2, reach).T
    other = node[i] != node[j]
    i, j = i[other], j[other]
    # With round ends the strips would be longer than they are: whatever is far enough then, is.
    rounded = segments_apart(s.starts[i], s.ends[i], s.starts[j], s.ends[j]) - s.half[i] - s.half[j]
    needed = np.maximum(gap_m, least_distance(np.abs(node[i] - node[j]) * cell_v))
    maybe = rounded < needed + 2 * PLACING_M
    i, j, needed = i[maybe], j[maybe], needed[maybe]
    gaps = bands_apart(s.starts[i], s.ends[i], s.half[i], s.starts[j], s.ends[j], s.half[j]) - 2 * PLACING_M
    worst: dict[tuple[str, str], tuple[float, float, bool]] = {}
    for n in np.flatnonzero(gaps < needed - 1e-9).tolist():
        a, b = sorted((runs[s.run[i[n]]].id, runs[s.run[j[n]]].id))
        by_lead = bool(s.lead[i[n]] or s.lead[j[n]])
        found = (max(float(gaps[n]), 0.0), float(needed[n]), by_lead)
        worst[(a, b)] = min(worst.get((a, b), found), found)
    return [
        TooNear.model_construct(strip=a, other=b, gap_m=gap, needed_m=need, by_lead=by_lead)
        for (a, b), (gap, need, by_lead) in worst.items()
    ]


def _strip_to_cell(
    runs: list[StripRun], s: _Segments, layout: Layout, cell: Cell, gap_m: float
) -> list[TooNear]:
    if not cell.is_round:
        return []
    radius = cell.largest_m[0] / 2
    longest = float(np.hypot(*(s.ends - s.starts).T).max())
    node = np.array([run.node for run in runs])[s.run]
    groups = np.array([c.group for c in layout.cells])
    most = max(gap_m, float(least_distance((node.max() + groups.max()) * cell.full_v)))
    reach = longest / 2 + radius + s.half.max() + PLACING_M + most
    count = len(s.run)
    i, j = near_pairs(np.vstack([(s.starts + s.ends) / 2, layout.points_m]), reach).T
    mixed = (i < count) & (j >= count)
    i, j = i[mixed], j[mixed] - count
    # Over a cell of its own tap point a strip is only unwelded; over any other it lies on a strange can.
    strange = (node[i] != groups[j]) & (node[i] != groups[j] - 1)
    i, j = i[strange], j[strange]
    # A can is at the minus of its cell; through a chafed wrap that is what a strip would meet.
    needed = np.maximum(gap_m, least_distance(np.abs(node[i] - groups[j] + 1) * cell.full_v))
    gaps = point_from_band(s.starts[i], s.ends[i], s.half[i], layout.points_m[j]) - radius - PLACING_M
    worst: dict[tuple[str, int], tuple[float, float, bool]] = {}
    for n in np.flatnonzero(gaps < needed - 1e-9).tolist():
        run, number = runs[s.run[i[n]]], layout.cells[j[n]].number
        if number not in run.cells:
            found = (max(float(gaps[n]), 0.0), float(needed[n]), bool(s.lead[i[n]]))
            worst[(run.id, number)] = min(worst.get((run.id, number), found), found)
    return [
        TooNear.model_construct(strip=a, other=f"cell:{n}", gap_m=gap, needed_m=need, by_lead=by_lead)
        for (a, n), (gap, need, by_lead) in worst.items()
    ]
