"""Strips on both faces, generated from the groups: what they join, how long they are, what they carry.

Currents here are by simple division: series links share evenly, each cell takes the nearest way to a
link or to the lead. A collecting strip fed evenly by P cells and tapped at one end carries k/P of the
current in its k-th span.
"""

import itertools
from enum import StrEnum
from functools import lru_cache
from math import hypot
from typing import NamedTuple

import numpy as np
from pydantic import computed_field

from firmcell.core import strip_limit
from firmcell.core.design import Joining
from firmcell.core.layout import CellPlace, Layout, neighbour_pairs
from firmcell.core.parts import Strip
from firmcell.core.quantity import Frozen

PAD_OVERHANG_M = 0.004
"""Strip past the centre of its last pad, m; common practice, no source."""
LEAD_TAIL_M = 0.010
"""Strip past the last pad to solder the main lead on, m; common practice, no source."""
JOINT_OHM = 0.0002
"""Resistance of the welds on one pad, Ω; generic class value."""
MOST_LAYERS = 8


class Face(StrEnum):
    """The two faces of the pack."""

    TOP = "top"
    BOTTOM = "bottom"

    @property
    def other(self) -> "Face":
        """The face on the other side."""
        return Face.BOTTOM if self is Face.TOP else Face.TOP


class StripKind(StrEnum):
    """What a strip is for."""

    LINK = "link"
    PARALLEL = "parallel"
    COLLECTOR = "collector"


class StripPiece(Frozen):
    """One cut piece of strip.

    Attributes
    ----------
    id : such as ``N3-L2``: node 3 (tap B3), link 2; P is a parallel strip, C a collecting strip.
    node : tap point that the piece belongs to, 0 to S.
    cells : numbers of the cells it is welded to, in order.
    points_m : their centres, (x, y) in m.
    length_m : cut length of one layer.
    span_share : for each span between neighbouring pads, the share of pack current it carries.
    lead_share : share of pack current between its last pad and the main lead (collectors only).
    current_steady_a, current_peak_a : in the most loaded place.
    limit_a : steady current that brings a long strip to the cell's temperature limit in the hottest place.
    temperature_k : long-run, at the steady current in the hottest place.
    peak_temperature_k : after the peak, starting from that, losing no further heat.
    layers_needed : fewest layers whose limit is not below the steady current.
    """

    id: str
    node: int
    face: Face
    kind: StripKind
    cells: tuple[int, ...]
    points_m: tuple[tuple[float, float], ...]
    strip: str
    width_m: float
    thickness_m: float
    layers: int
    length_m: float
    span_share: tuple[float, ...]
    lead_share: float
    current_steady_a: float
    current_peak_a: float
    limit_a: float
    temperature_k: float
    peak_temperature_k: float
    layers_needed: int
    resistance_ohm: float
    weld_pairs: int
    mass_kg: float

    @computed_field  # type: ignore[prop-decorator]
    @property
    def share_of_limit(self) -> float:
        """Steady current over limit."""
        return self.current_steady_a / self.limit_a if self.limit_a else float("inf")


class Node(Frozen):
    """One tap point: the metal that is at one potential. Number 0 is the negative end."""

    number: int
    face: Face
    minus_cells: tuple[CellPlace, ...]
    plus_cells: tuple[CellPlace, ...]


def nodes_of(layout: Layout) -> tuple[Node, ...]:
    """Return the S + 1 nodes in order from the negative end, each with the cells it touches."""
    series = len(layout.links) + 1
    nodes = []
    for number in range(series + 1):
        plus = layout.group_cells(number) if number > 0 else ()
        minus = layout.group_cells(number + 1) if number < series else ()
        up = plus[0].positive_up if plus else not minus[0].positive_up
        nodes.append(
            Node.model_construct(
                number=number, face=Face.TOP if up else Face.BOTTOM, minus_cells=minus, plus_cells=plus
            )
        )
    return tuple(nodes)


def straight_runs(cells: tuple[CellPlace, ...]) -> list[list[int]]:
    """Split a path of cells into straight runs; neighbours share the corner cell. Returns index lists."""
    if len(cells) < 2:
        return []
    runs = [[0, 1]]
    for i in range(2, len(cells)):
        a, b, c = cells[i - 2], cells[i - 1], cells[i]
        turn = (b.x_m - a.x_m) * (c.y_m - b.y_m) - (b.y_m - a.y_m) * (c.x_m - b.x_m)
        if abs(turn) < 1e-9:
            runs[-1].append(i)
        else:
            runs.append([i - 1, i])
    return runs


def link_matching(
    first: tuple[CellPlace, ...], second: tuple[CellPlace, ...], pitch_m: float
) -> list[tuple[int, int]]:
    """Return the largest set of direct links, each cell in at most one, same row preferred (index pairs)."""
    xy = [np.array([[c.x_m, c.y_m] for c in group]) for group in (first, second)]
    choices: dict[int, list[int]] = {}
    for i, j in neighbour_pairs(xy[0], xy[1], pitch_m):
        choices.setdefault(i, []).append(j)
    for i, found in choices.items():
        found.sort(key=lambda j, i=i: first[i].row != second[j].row)  # type: ignore[misc]
    taken: dict[int, int] = {}

    def place(i: int, tried: set[int]) -> bool:
        for j in choices.get(i, []):
            if j not in tried:
                tried.add(j)
                if j not in taken or place(taken[j], tried):
                    taken[j] = i
                    return True
        return False

    for i in range(len(first)):
        place(i, set())
    return sorted((i, j) for j, i in taken.items())


def path_span_shares(count: int, exits: list[int]) -> list[float]:
    """Return the share of the current in each of the count−1 spans of a path of equal cells.

    Each cell sends its part to the nearest of `exits` (indices on the path).
    """
    spans = np.zeros(max(count - 1, 0))
    for i in range(count):
        way_out = min(exits, key=lambda e: (abs(e - i), e))
        low, high = sorted((i, way_out))
        spans[low:high] += 1.0 / count
    return [float(v) for v in spans]


class StripRun(NamedTuple):
    """One run of strip before metal and current are chosen: where it lies and what share it carries."""

    id: str
    node: int
    face: Face
    kind: StripKind
    cells: tuple[int, ...]
    points_m: tuple[tuple[float, float], ...]
    run_m: float
    span_share: tuple[float, ...]
    lead_share: float


@lru_cache(maxsize=32)
def strip_runs(layout: Layout) -> tuple[StripRun, ...]:
    """Return every run of strip on both faces, in order of node; it depends on the layout alone."""
    runs: list[StripRun] = []

    def add(
        tag: str, node: Node, kind: StripKind, cells: list[CellPlace], shares: list[float], lead: float
    ) -> None:
        points = tuple((c.x_m, c.y_m) for c in cells)
        run = sum(hypot(b[0] - a[0], b[1] - a[1]) for a, b in itertools.pairwise(points))
        numbers = tuple(c.number for c in cells)
        runs.append(
            StripRun(
                f"N{node.number}-{tag}",
                node.number,
                node.face,
                kind,
                numbers,
                points,
                run,
                tuple(shares),
                lead,
            )
        )

    for node in nodes_of(layout):
        plus, minus = node.plus_cells, node.minus_cells
        if plus and minus:
            links = link_matching(plus, minus, layout.pitch_m)
            for n, (i, j) in enumerate(links, start=1):
                add(f"L{n}", node, StripKind.LINK, [plus[i], minus[j]], [1.0 / len(links)], 0.0)
            for side, group, exits in (
                ("P", plus, [i for i, _ in links]),
                ("M", minus, [j for _, j in links]),
            ):
                shares = path_span_shares(len(group), exits)
                for n, run in enumerate(straight_runs(group), start=1):
                    cells = [group[i] for i in run]
                    add(f"{side}{n}", node, StripKind.PARALLEL, cells, shares[run[0] : run[-1]], 0.0)
        else:
            group = plus or minus
            if _lead_index(group) == 0:
                group = group[::-1]
            shares = path_span_shares(len(group), [len(group) - 1])
            straight = straight_runs(group) or [[0]]
            for n, run in enumerate(straight, start=1):
                cells, lead = [group[i] for i in run], 1.0 if run is straight[-1] else 0.0
                add(f"C{n}", node, StripKind.COLLECTOR, cells, shares[run[0] : run[-1]], lead)
    return tuple(runs)


class _Metal:
    """Figures of one strip in a number of layers, worked out once for all its pieces."""

    def __init__(self, strip: Strip, layers: int, limit_k: float, ambient_k: float) -> None:
        self.strip, self.layers = strip, layers
        # The heat given off does not depend on the layers, and resistance goes with their inverse.
        single = strip_limit.long_run_limit(strip, 1, limit_k, ambient_k)
        self.limits = [single * n**0.5 for n in range(1, MOST_LAYERS + 1)]
        self.ohm_per_m = float(strip_limit.resistance_per_metre(strip, layers, 293.15))

    def layers_needed(self, current_a: float) -> int:
        for n, limit in enumerate(self.limits, start=1):
            if limit >= current_a:
                return n
        return MOST_LAYERS + 1


@lru_cache(maxsize=32)
def strip_pieces(
    layout: Layout,
    joining: Joining,
    current_steady_a: float,
    current_peak_a: float,
    peak_s: float,
    limit_k: float,
    ambient_k: float,
) -> tuple[StripPiece, ...]:
    """Return every piece of strip on both faces, in order of node.

    Parameters
    ----------
    layout : Layout
    joining : Joining
    current_steady_a, current_peak_a : float
        Pack current, A.
    peak_s : float
        Duration of the peak, s.
    limit_k, ambient_k : float
        Temperature the strip may reach and that of the surrounding air, K.
    """
    link = _Metal(joining.link_strip, joining.link_layers, limit_k, ambient_k)
    collector = _Metal(joining.collector_strip, joining.collector_layers, limit_k, ambient_k)
    pieces: list[StripPiece] = []
    for run in strip_runs(layout):
        metal = collector if run.kind is StripKind.COLLECTOR else link
        strip, layers = metal.strip, metal.layers
        length = run.run_m + 2 * PAD_OVERHANG_M + (LEAD_TAIL_M if run.lead_share else 0.0)
        most = max([*run.span_share, run.lead_share], default=0.0)
        steady, peak = most * current_steady_a, most * current_peak_a
        temperature = _temperature(strip, layers, steady, ambient_k)
        pieces.append(
            StripPiece.model_construct(
                id=run.id, node=run.node, face=run.face, kind=run.kind, cells=run.cells, points_m=run.points_m,
                strip=strip.name, width_m=strip.width_m, thickness_m=strip.thickness_m, layers=layers,
                length_m=length, span_share=run.span_share, lead_share=run.lead_share,
                current_steady_a=steady, current_peak_a=peak, limit_a=metal.limits[layers - 1],
                temperature_k=temperature,
                peak_temperature_k=temperature + strip_limit.adiabatic_rise(strip, layers, peak, peak_s),
                layers_needed=metal.layers_needed(steady), resistance_ohm=metal.ohm_per_m * run.run_m,
                weld_pairs=len(run.cells) * layers * joining.welds_per_pad,
                mass_kg=strip.section_m2 * layers * length * strip.density_kg_m3,
            )
        )  # fmt: skip
    return tuple(pieces)


@lru_cache(maxsize=512)
def _temperature(strip: Strip, layers: int, current_a: float, ambient_k: float) -> float:
    return float(strip_limit.long_run_temperature(strip, layers, current_a, ambient_k))


def _lead_index(group: tuple[CellPlace, ...]) -> int:
    """Index of the end of a group's path where the main lead leaves: the one nearer the rear long edge."""
    first, last = group[0], group[-1]
    return 0 if (first.y_m, abs(first.x_m)) > (last.y_m, abs(last.x_m)) else len(group) - 1


def lead_cell(layout: Layout, positive: bool) -> CellPlace:
    """Return the cell whose pad is nearest the main lead of a pole."""
    group = layout.group_cells(len(layout.links) + 1 if positive else 1)
    return group[_lead_index(group)]


def metal_resistance(pieces: tuple[StripPiece, ...], parallel: int, series: int) -> float:
    """Return the resistance in Ω that makes the heat of all strips and joints at any pack current.

    Sum over spans of resistance × share², so I² times it is the heat; each cell has welds at both ends.
    """
    total = 2 * series * JOINT_OHM / parallel
    for piece in pieces:
        spans = len(piece.span_share)
        if spans:
            each = piece.resistance_ohm / spans
            total += each * sum(s * s for s in piece.span_share)
    return total


def stock_lengths(pieces: tuple[StripPiece, ...]) -> dict[str, float]:
    """Return metres of each strip needed, layers counted, offcuts not."""
    lengths: dict[str, float] = {}
    for piece in pieces:
        lengths[piece.strip] = lengths.get(piece.strip, 0.0) + piece.length_m * piece.layers
    return lengths
