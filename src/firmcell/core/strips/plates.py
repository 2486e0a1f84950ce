"""Plates cut from sheet, one for each tap point: outline, and a slot beside each weld or a hole for each
screw."""

import itertools
from collections.abc import Sequence
from dataclasses import replace
from functools import lru_cache
from typing import Any

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.plane import signed_area
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.rows import SIN60
from firmcell.core.model.design import Face, Joining
from firmcell.core.model.joint_kinds import HOLE_EASE_M, JoinedBy
from firmcell.core.model.parts import Cell
from firmcell.core.strips.clearances import least_distance
from firmcell.core.strips.made_of import PLACING_M, window_radius
from firmcell.core.strips.tap_points import Node, node_pads, nodes_of

SLOT_M = (0.0008, 0.006)
"""Width and length of the slot between the two welds of a pad: it sends the welding current through the
cell's metal instead of across the plate; common practice, no source."""
CORNER_M = 0.002
SPECK_M2 = 1e-6
"""Slivers smaller than this are left in the sheet, m²."""
TAB_M = (0.012, 0.010)
"""Length and width of the tab for the main lead, m."""
WELDS_M = 0.003
"""The welds of a pad lie within this of its middle."""
WIRE_LAP_M = 0.0015
"""How far a fuse wire is soldered on to its plate, m; common practice, no source."""
LEAST_REACH_M = 0.004
"""A plate reaches this far round the middle of a pad, slot and welds included, even where the gap wanted has
no room."""


@frozen(eq=False)
class Plate:
    """One plate.

    Attributes
    ----------
    node, face : tap point it belongs to and face it lies on.
    outline_m : corners (n, 2).
    holes_m : inner outlines (k, 2) each, where the plate goes round something.
    slots_m : corners (4, 2) of each weld slot, or (24, 2) of each hole for a screw; none for solder. Also
        the round windows (24, 2) at each plus that a fuse wire joins.
    pads_m : middle of each pad by cell number.
    area_m2 : metal area, slots taken off.
    parts : into how many pieces it falls; more than one cannot be cut as a plate.
    tabs_m : middle of the tab of each main lead.
    wires_m : the two ends of the fuse wire at each plus, from its middle to the plate; none without.
    """

    node: int
    face: Face
    outline_m: Array
    holes_m: tuple[Array, ...]
    slots_m: tuple[Array, ...]
    pads_m: dict[int, tuple[float, float]]
    area_m2: float
    parts: int
    tabs_m: tuple[tuple[float, float], ...] = ()
    wires_m: tuple[Array, ...] = ()

    @property
    def id(self) -> str:
        """Such as N3-S1."""
        return f"N{self.node}-S1"


def gap_wanted(layout: Layout, joining: Joining, cell: Cell) -> float:
    """Return how far plates are kept apart: as asked for, or for the voltage of the whole pack.

    Parameters
    ----------
    layout : Layout
    joining : Joining
    cell : Cell

    Returns
    -------
    gap : float
        m.

    References
    ----------
    .. [1] iec-60664-1

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> gap_wanted(Of(series=10), Of(gap_m=0.001), Of(full_v=4.2))  # 42 V
    0.0012
    """
    return max(joining.gap_m, float(least_distance(layout.series * cell.full_v)))


@lru_cache(maxsize=8)
def plates(layout: Layout, joining: Joining, cell: Cell) -> tuple[Plate, ...]:
    """Return the plate of every tap point.

    Around each pad the plate reaches as far as half the pitch allows with the gap to the next plate;
    between neighbouring pads it is filled, and inner corners are rounded.
    """
    from shapely.geometry import MultiLineString, MultiPoint
    from shapely.ops import unary_union

    apart = gap_wanted(layout, joining, cell) + 2 * PLACING_M
    reach = max(min((layout.pitch_m - apart) / 2, cell.largest_m[0] / 2), LEAST_REACH_M)
    six = max((len(v) for v in layout.adjacency.values()), default=0) > 4
    # Between two pads a third one may stand as near as the lattice allows.
    neck = max(min(reach * 0.9, layout.pitch_m * (SIN60 if six else 1.0) - reach - apart), LEAST_REACH_M / 2)
    # A hand may have painted a group empty: a tap point without a cell has no plate.
    nodes = tuple(node for node in nodes_of(layout) if node.plus_cells or node.minus_cells)
    plain = []
    for node in nodes:
        pads = node_pads(layout, node)
        discs = MultiPoint(list(pads.values())).buffer(reach, quad_segs=12)
        bars = MultiLineString(
            [(pads[a], pads[b]) for a in pads for b in layout.adjacency[a] if a < b and b in pads]
        ).buffer(neck, cap_style="flat")
        plain.append(unary_union([discs, bars]))
    return _with_tabs(_rounded(layout, joining, nodes, plain, apart), layout, cell, apart)


def _rounded(
    layout: Layout, joining: Joining, nodes: tuple[Node, ...], plain: list[Any], apart: float
) -> list[Plate]:
    """The plates of outlines `plain`, one a node, with inner corners rounded and openings cut."""
    from shapely.geometry import MultiPoint, Polygon
    from shapely.ops import unary_union

    found: list[Plate] = []
    made = list(plain)
    for place, node in enumerate(nodes):
        pads = node_pads(layout, node)
        # Rounding inner corners must not bring a plate nearer to the others, rounded already or not yet.
        x0, y0, x1, y1 = plain[place].bounds
        near = apart + CORNER_M
        about = (x0 - near, y0 - near, x1 + near, y1 + near)
        others = unary_union(
            [
                m
                for n, m in enumerate(made)
                if n != place and nodes[n].face is node.face and _meet(about, m.bounds)
            ]
        )
        smooth = plain[place].buffer(CORNER_M).buffer(-CORNER_M).difference(others.buffer(apart))
        smooth = unary_union([plain[place].difference(others.buffer(apart * 0.999)), smooth]).simplify(1e-5)
        round_window = {c.number for c in node.plus_cells} if joining.fused else set()
        slots = _openings(joining, [at for number, at in pads.items() if number not in round_window])
        slots += _windows(window_radius(joining, layout.pitch_m), [pads[n] for n in sorted(round_window)])
        if not smooth.covers(MultiPoint(list(pads.values())).buffer(WELDS_M)):
            # The gap wanted leaves no metal to weld to: drawn without it, and SR-8 tells.
            smooth = plain[place]
        made[place] = smooth
        parts = [p for p in getattr(smooth, "geoms", [smooth]) if p.area > SPECK_M2]
        largest = max(parts, key=lambda p: p.area)
        assert isinstance(largest, Polygon)
        area = sum(p.area for p in parts) - sum(signed_area(slot) for slot in slots)
        found.append(
            Plate(
                node.number,
                node.face,
                np.array(largest.exterior.coords)[:-1],
                tuple(np.array(ring.coords)[:-1] for ring in largest.interiors),
                slots,
                pads,
                float(area),
                len(parts),
                wires_m=_fuse_wires(layout, joining, pads, sorted(round_window)),
            )
        )
    return found


def _with_tabs(made: list[Plate], layout: Layout, cell: Cell, apart: float) -> tuple[Plate, ...]:
    """The plates of the two poles with a tab for each main lead, on the side that keeps its distance.

    Where no side does, the tab lies on the one that comes nearest to it, and the distance between plates
    tells.
    """
    from shapely.geometry import MultiPoint, Polygon, box
    from shapely.ops import unary_union

    for place, plate in enumerate(made):
        if plate.node not in (0, layout.series):
            continue
        pole = 0 if plate.node == 0 else 1
        shape = Polygon(plate.outline_m, list(plate.holes_m))
        others = unary_union([Polygon(p.outline_m) for p in made if p.face is plate.face and p is not plate])
        strange = [(c.x_m, c.y_m) for c in layout.cells if c.number not in plate.pads_m]
        cans = MultiPoint(strange).buffer(min(cell.largest_m) / 2) if strange else Polygon()
        tabs: list[tuple[float, float]] = []
        for number in (layout.lead_cells[pole], layout.second_lead_cells[pole]):
            if number not in plate.pads_m:
                continue
            x, y = plate.pads_m[number]
            out, half = layout.pitch_m / 2 + TAB_M[0], TAB_M[1] / 2
            sides = (
                box(x - half, y, x + half, y + out),
                box(x - half, y - out, x + half, y),
                box(x, y - half, x + out, y + half),
                box(x - out, y - half, x, y + half),
            )
            kept = [min(apart, _gap(side, others)) + min(apart, _gap(side, cans)) for side in sides]
            best = kept.index(max(kept))
            shape = unary_union([shape, sides[best]])
            way = ((0, 1), (0, -1), (1, 0), (-1, 0))[best]
            tabs.append((x + way[0] * (out - TAB_M[0] / 2), y + way[1] * (out - TAB_M[0] / 2)))
        # Of a plate that falls apart this may be the piece without the pad: it stays as it is.
        if isinstance(shape, Polygon):
            made[place] = replace(
                plate,
                outline_m=np.array(shape.exterior.coords)[:-1],
                holes_m=tuple(np.array(ring.coords)[:-1] for ring in shape.interiors),
                area_m2=plate.area_m2 + shape.area - Polygon(plate.outline_m, list(plate.holes_m)).area,
                tabs_m=tuple(tabs),
            )
    return tuple(made)


def _gap(side: Any, other: Any) -> float:
    """Distance in m between two shapes, any distance to nothing."""
    return np.inf if other.is_empty else float(side.distance(other))


def _meet(a: tuple[float, ...], b: tuple[float, ...]) -> bool:
    """Whether two boxes (least x, least y, greatest x, greatest y) overlap; it spares the far plates."""
    return a[0] <= b[2] and b[0] <= a[2] and a[1] <= b[3] and b[1] <= a[3]


def _openings(joining: Joining, middles: Sequence[tuple[float, float]]) -> tuple[Array, ...]:
    """What is cut out at each pad: a slot between two welds, or the hole of a screw."""
    match joining.joined_by:
        case JoinedBy.WELD:
            a, b = SLOT_M[0] / 2, SLOT_M[1] / 2
            shape = np.array([[-a, -b], [a, -b], [a, b], [-a, b]])
        case JoinedBy.SCREW:
            turn = np.linspace(0, 2 * np.pi, 24, endpoint=False)
            shape = np.stack([np.cos(turn), np.sin(turn)], axis=1) * (joining.thread_m + HOLE_EASE_M) / 2
        case JoinedBy.TABS | JoinedBy.SOLDER:
            return ()
    return tuple(np.array(middle) + shape for middle in middles)


def _windows(radius_m: float, middles: Sequence[tuple[float, float]]) -> tuple[Array, ...]:
    """Round openings at each plus, for fuse wires."""
    turn = np.linspace(0, 2 * np.pi, 24, endpoint=False)
    ring = np.stack([np.cos(turn), np.sin(turn)], axis=1) * radius_m
    return tuple(np.array(middle) + ring for middle in middles)


def _fuse_wires(
    layout: Layout, joining: Joining, pads: dict[int, tuple[float, float]], wired: Sequence[int]
) -> tuple[Array, ...]:
    """The fuse wires of a plate: from the middle of each plus to metal towards its nearest pad."""
    found = []
    for number in wired:
        here = np.array(pads[number])
        others = [np.array(at) - here for other, at in pads.items() if other != number]
        way = min(others, key=lambda w: float(np.hypot(*w)), default=np.array([0.0, 1.0]))
        long = window_radius(joining, layout.pitch_m) + WIRE_LAP_M
        found.append(np.array([here, here + way / max(float(np.hypot(*way)), 1e-9) * long]))
    return tuple(found)


@lru_cache(maxsize=8)
def least_gap(all_plates: tuple[Plate, ...]) -> float | None:
    """Return the least distance between two plates of one face, m; None for fewer than two."""
    from shapely import STRtree
    from shapely.geometry import Polygon

    gaps: list[float] = []
    for face in Face:
        shapes = [Polygon(p.outline_m) for p in all_plates if p.face is face]
        if len(shapes) > 1:
            gaps += STRtree(shapes).query_nearest(shapes, exclusive=True, return_distance=True)[1].tolist()
    return min(gaps, default=None)


@lru_cache(maxsize=8)
def lead_gap(all_plates: tuple[Plate, ...], width_m: float) -> float | None:
    """Return the least distance of a main lead's bare end on its tab from another plate or another lead's end
    on its face; None where there is neither.

    Parameters
    ----------
    all_plates : tuple of Plate
    width_m : float
        Of the bare end, m; it lies square on the middle of its tab.

    Returns
    -------
    gap : float or None
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> square = np.array([[0.0, 0.0], [0.02, 0.0], [0.02, 0.02], [0.0, 0.02]])
    >>> one = Plate(0, Face.TOP, square, (), (), {}, 4e-4, 1, ((0.01, 0.025),))
    >>> other = Plate(2, Face.TOP, square + [0.0, 0.04], (), (), {}, 4e-4, 1)
    >>> round(lead_gap((one, other), 0.01), 6)  # from 30 mm to 40 mm
    0.01
    """
    from shapely.geometry import Polygon, box

    half = width_m / 2
    ends = [(p, box(x - half, y - half, x + half, y + half)) for p in all_plates for x, y in p.tabs_m]
    gaps = [
        float(end.distance(Polygon(p.outline_m)))
        for plate, end in ends
        for p in all_plates
        if p is not plate and p.face is plate.face
    ]
    gaps += [
        float(a.distance(b))
        for (one, a), (other, b) in itertools.combinations(ends, 2)
        if one is not other and one.face is other.face
    ]
    return min(gaps, default=None)


def sheet_area(made: Sequence[Plate], joining: Joining) -> float:
    """Return the area of sheet that the plates of a pack take, all layers; the waste round them not counted.

    Parameters
    ----------
    made : sequence of Plate
    joining : Joining

    Returns
    -------
    area : float
        m².

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace
    >>> two = [SimpleNamespace(area_m2=0.001), SimpleNamespace(area_m2=0.002)]
    >>> round(sheet_area(two, SimpleNamespace(link_layers=2)), 6)
    0.006
    """
    return sum(p.area_m2 for p in made) * joining.link_layers
