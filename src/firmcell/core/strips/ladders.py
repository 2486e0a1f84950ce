"""Ladder strip: wide strip, slotted at each pad, that joins two facing rows of pads in one piece."""

from math import hypot

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.layout.cell_places import Layout
from firmcell.core.strips.tap_points import Node, node_pads

BAND_OF_WIDTH, BAND_OF_PITCH = 0.34, 0.6
"""What of a ladder strip stands for each of its two rails, and for a rung: this share of its width, at most this of the
pitch. The rest is slots, and the way that current crowds round the welds. From a slotted sheet in finite differences, 10 to
27 mm pitch and 27 to 35 mm wide: never better than that (tests/core/strips/test_ladders.py)."""
LADDER_REACH_M = 0.0025
"""A ladder strip reaches at least this far past the middles of its pads, for two weld spots beside a slot, m;
common practice, no source."""
STRAIGHT_M = 0.0005
"""Pads this far from a straight line still lie on it, m."""


def ladder_band(width_m: float, pitch_m: float) -> float:
    """Return how wide the strip is that stands for a rail or a rung of a ladder.

    Parameters
    ----------
    width_m : float
        Of the ladder strip, m.
    pitch_m : float
        From pad to pad, m.

    Returns
    -------
    width : float
        m.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> round(ladder_band(0.027, 0.0215), 5), round(ladder_band(0.035, 0.0145), 5)
    (0.00918, 0.0087)
    """
    return min(BAND_OF_WIDTH * width_m, BAND_OF_PITCH * pitch_m)


def facing_rows(layout: Layout, node: Node) -> tuple[list[int], list[int]] | None:
    """Return the cells of a tap point in two straight rows, each facing one of the other a pitch away; None
    if they stand in any other way.

    Parameters
    ----------
    layout : Layout
    node : Node

    Returns
    -------
    rows : two lists of int, or None
        Numbers of cells, in order along the rows: whose plus it is, and whose minus.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.strips.tap_points import nodes_of
    >>> from firmcell.core.changes.by_hand import layout_of
    >>> from firmcell.store.demo import bee_house_scale
    >>> from firmcell.store.part_files import shipped_library
    >>> layout = layout_of(bee_house_scale(shipped_library()))
    >>> [facing_rows(layout, node) for node in nodes_of(layout)][:2]
    [None, ([1, 2], [4, 3])]
    """
    if layout.terminal_m or len(node.plus_cells) != len(node.minus_cells) or len(node.plus_cells) < 2:
        return None
    pads = node_pads(layout, node)
    plus = _along({c.number: pads[c.number] for c in node.plus_cells}, layout.pitch_m)
    if plus is None:
        return None
    minus, way = [], np.array(pads[plus[-1]]) - np.array(pads[plus[0]])
    way = way / np.hypot(*way)
    theirs = {c.number for c in node.minus_cells}
    for number in plus:
        here = np.array(pads[number])
        facing = [m for m in layout.adjacency[number] if m in theirs]
        square = [m for m in facing if abs((np.array(pads[m]) - here) @ way) < STRAIGHT_M]
        if len(square) != 1:
            return None
        minus.append(square[0])
    steps = [np.array(pads[b]) - np.array(pads[a]) for a, b in zip(plus, minus, strict=True)]
    sides = {bool(way[0] * step[1] - way[1] * step[0] > 0) for step in steps}
    return (plus, minus) if len(set(minus)) == len(minus) and len(sides) == 1 else None


def _along(pads: dict[int, tuple[float, float]], pitch_m: float) -> list[int] | None:
    """Cells in order along a straight row without a gap; None if they are none."""
    points = np.array(list(pads.values()))
    spread = points - points.mean(axis=0)
    way = np.linalg.svd(spread, full_matrices=False)[2][0]
    way = way if way[np.abs(way).argmax()] > 0 else -way
    if float(np.abs(spread @ np.array([-way[1], way[0]])).max()) > STRAIGHT_M:
        return None
    along = spread @ way
    order = np.argsort(along)
    steps = np.diff(along[order])
    return [list(pads)[n] for n in order] if bool((steps < 1.2 * pitch_m).all()) else None


def ladder_spans(count: int) -> tuple[tuple[int, int], ...]:
    """Return the spans of a ladder over two rows of `count` pads, first row first: both rails, then the
    rungs.

    Parameters
    ----------
    count : int
        Pads in a row.

    Returns
    -------
    spans : tuple of pairs
        Places of pads.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> ladder_spans(2)
    ((0, 1), (2, 3), (0, 2), (1, 3))
    """
    rails = [(row + n, row + n + 1) for row in (0, count) for n in range(count - 1)]
    return (*rails, *((n, count + n) for n in range(count)))


def middle_line(points_m: tuple[tuple[float, float], ...]) -> Array:
    """Return the middle line (2, 2) of a ladder from the pads of its two rows, first row first, m.

    Parameters
    ----------
    points_m : tuple of pairs
        Both rows in one order.

    Returns
    -------
    line : Array

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> middle_line(((0.0, 0.0), (0.02, 0.0), (0.0, 0.02), (0.02, 0.02))).tolist()
    [[0.0, 0.01], [0.02, 0.01]]
    """
    points = np.array(points_m)
    half = len(points) // 2
    return np.asarray((points[[0, half - 1]] + points[[half, 2 * half - 1]]) / 2)


def rail_metres(points_m: tuple[tuple[float, float], ...]) -> float:
    """Return the length of a ladder from its first to its last pad, m.

    Parameters
    ----------
    points_m : tuple of pairs
        Both rows in one order.

    Returns
    -------
    length : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> rail_metres(((0.0, 0.0), (0.02, 0.0), (0.0, 0.02), (0.02, 0.02)))
    0.02
    """
    (ax, ay), (bx, by) = middle_line(points_m).tolist()
    return hypot(bx - ax, by - ay)
