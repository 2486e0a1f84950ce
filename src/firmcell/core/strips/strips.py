"""Strips on both faces, generated from the groups: what they join, how long they are, what they carry.

Currents are those of the real network of pads, strips and alike cells, solved exactly.
"""

import itertools
from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from enum import StrEnum
from functools import lru_cache
from math import atan2, cos, degrees, hypot, radians, sin
from typing import NamedTuple

import numpy as np
from numpy.typing import ArrayLike, NDArray
from pydantic import computed_field

from firmcell.core.base.quantity import Frozen
from firmcell.core.layout.cell_places import CellPlace, Layout
from firmcell.core.layout.grouping import links_bound
from firmcell.core.model.design import Face, Joining, StripStyle
from firmcell.core.model.joint_kinds import EDGE_THREADS, KINDS, LEAST_BAR_THREADS, JoinedBy
from firmcell.core.model.parts import Strip
from firmcell.core.physics import strip_heat as strip_limit
from firmcell.core.physics.resistor_network import Network, solve
from firmcell.core.strips.two_metals import laid_together

Array = NDArray[np.float64]

PAD_OVERHANG_M = 0.004
"""Strip past the centre of its last pad, m, welded or soldered; common practice, no source."""
LEAD_TAIL_M = 0.010
"""Strip past the last pad to solder the main lead on, m; common practice, no source."""
MOST_LAYERS = 8


class StripKind(StrEnum):
    """What a strip is for."""

    LINK = "link"
    PARALLEL = "parallel"
    COLLECTOR = "collector"
    BRIDGE = "bridge"
    PLATE = "plate"


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
    joined_by, joints : how it is joined; weld pairs in all its layers, or soldered or screwed joints.
    under : name of the strip that lies under it, one layer, or None.
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
    under: str | None
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
    joined_by: JoinedBy
    joints: int
    mass_kg: float

    @computed_field  # type: ignore[prop-decorator]
    @property
    def weld_pairs(self) -> int:
        """Weld pairs in all its layers; none where it is not welded."""
        return self.joints if self.joined_by is JoinedBy.WELD else 0

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
    nodes = []
    for number in range(layout.series + 1):
        plus = layout.group_cells(number) if number > 0 else ()
        minus = layout.group_cells(number + 1) if number < layout.series else ()
        up = layout.group_up(number) if number > 0 else not layout.group_up(1)
        face = Face.TOP if up or layout.terminal_m else Face.BOTTOM
        nodes.append(Node.model_construct(number=number, face=face, minus_cells=minus, plus_cells=plus))
    return tuple(nodes)


def node_pads(layout: Layout, node: Node) -> dict[int, tuple[float, float]]:
    """Return the pads of a node by cell number, m."""
    return {c.number: layout.pad(c, True) for c in node.plus_cells} | {
        c.number: layout.pad(c, False) for c in node.minus_cells
    }


class StripRun(NamedTuple):
    """One piece of metal before its current is known: where it lies and what it joins.

    Attributes
    ----------
    cells, points_m : the pads it is welded to and their places.
    nodes : the tap point that each pad belongs to; all the same but for a wrong strip drawn by hand.
    spans : pairs of places in `cells` between which current flows straight.
    by_hand : whether it was drawn by hand.
    """

    id: str
    node: int
    face: Face
    kind: StripKind
    cells: tuple[int, ...]
    points_m: tuple[tuple[float, float], ...]
    run_m: float
    nodes: tuple[int, ...]
    spans: tuple[tuple[int, int], ...]
    by_hand: bool = False

    @property
    def bends(self) -> bool:
        """Whether the run is not straight, so that it cannot be one strip."""
        return self.kind is not StripKind.PLATE and not _straight(self.points_m)


def _straight(points: Sequence[tuple[float, float]], tolerance: float = 0.02) -> bool:
    for a, b, c in zip(points, points[1:], points[2:], strict=False):
        first, second = (b[0] - a[0], b[1] - a[1]), (c[0] - b[0], c[1] - b[1])
        across = first[0] * second[1] - first[1] * second[0]
        along = first[0] * second[0] + first[1] * second[1]
        if along <= 0 or abs(across) > tolerance * along:
            return False
    return True


def _direction(a: tuple[float, float], b: tuple[float, float]) -> int:
    """Direction of a line in whole degrees, 0 to 179, either way round."""
    return round(degrees(atan2(b[1] - a[1], b[0] - a[0]))) % 180


def link_matching(
    layout: Layout, first: tuple[CellPlace, ...], second: tuple[CellPlace, ...]
) -> list[tuple[int, int]]:
    """Return direct links from plus of `first` to minus of `second` (cell numbers), one for every cell that can have one.

    First the largest set with each cell in at most one; of equally many, links along the direction most
    pairs have, so that the strips lie parallel. Then each cell left over that touches the other group
    gets a link to the one there that has fewest.
    """
    theirs = {c.number: c for c in second}
    pads = {c.number: layout.pad(c, True) for c in first} | {
        n: layout.pad(c, False) for n, c in theirs.items()
    }
    choices = {c.number: [n for n in layout.adjacency[c.number] if n in theirs] for c in first}
    directions = Counter(_direction(pads[i], pads[j]) for i, found in choices.items() for j in found)
    for i, found in choices.items():
        found.sort(key=lambda j, i=i: (-directions[_direction(pads[i], pads[j])], j))  # type: ignore[misc]
    taken: dict[int, int] = {}

    def place(i: int, tried: set[int]) -> bool:
        for j in choices[i]:
            if j not in tried:
                tried.add(j)
                if j not in taken or place(taken[j], tried):
                    taken[j] = i
                    return True
        return False

    # Cells with one choice only go first, so that most get the direction they like.
    for cell in sorted(first, key=lambda c: (len(choices[c.number]), c.number)):
        place(cell.number, set())
    links = {(i, j) for j, i in taken.items()}
    used = Counter(n for link in links for n in link)
    for i, found in choices.items():
        if found and not used[i]:
            _add_link(links, used, min(((i, j) for j in found), key=lambda ij: (used[ij[1]], ij)))
    for j in theirs:
        found = [i for i in layout.adjacency[j] if i in choices]
        if found and not used[j]:
            _add_link(links, used, min(((i, j) for i in found), key=lambda ij: (used[ij[0]], ij)))
    return sorted(links)


def _add_link(links: set[tuple[int, int]], used: Counter[int], link: tuple[int, int]) -> None:
    links.add(link)
    used.update(link)


class _Parts:
    """Which pads hang together so far (disjoint sets)."""

    def __init__(self, members: Iterable[int]) -> None:
        self.of = {m: m for m in members}

    def find(self, m: int) -> int:
        while self.of[m] != m:
            self.of[m] = self.of[self.of[m]]
            m = self.of[m]
        return m

    def join(self, a: int, b: int) -> bool:
        """Join two; False if they hung together already."""
        a, b = self.find(a), self.find(b)
        self.of[a] = b
        return a != b


def spanning_runs(
    layout: Layout, pads: dict[int, tuple[float, float]], avoid: int | None = None
) -> list[list[int]]:
    """Return straight runs of cells that join all pads with as few pieces as a greedy choice finds.

    Parameters
    ----------
    layout : Layout
    pads : dict
        Pads of one group on one face by cell number, m.
    avoid : int, optional
        A direction in degrees (that of the series links) that is taken only if nothing else joins as many.

    Notes
    -----
    Neighbours in one line make a run. The longest is laid first, then those that join most of what
    does not hang together yet, cut to the part that does. Parts with no neighbours between them are
    joined by a strip between their nearest pads, which the rules then speak of.
    """
    edges: dict[int, dict[int, list[int]]] = {}
    for a in pads:
        for b in layout.adjacency[a]:
            if a < b and b in pads:
                way = edges.setdefault(_direction(pads[a], pads[b]), {})
                way.setdefault(a, []).append(b)
                way.setdefault(b, []).append(a)
    chains = [chain for way, near in edges.items() for chain in _chains(near, pads, way)]
    parts = _Parts(pads)
    runs: list[list[int]] = []
    while chains:
        scored = []
        for chain in chains:
            useful = _useful(parts, chain)
            if useful:
                along = _direction(pads[chain[0]], pads[chain[-1]])
                scored.append((useful[2], along != avoid, -chain[0], chain[useful[0] : useful[1] + 1]))
        if not scored:
            break
        best = max(scored)[3]
        for a, b in itertools.pairwise(best):
            parts.join(a, b)
        runs.append(best)
        chains = [c for c in chains if len({parts.find(m) for m in c}) > 1]
    while len({parts.find(m) for m in pads}) > 1:
        a, b = _nearest_of_other_part(parts, pads)
        parts.join(a, b)
        runs.append([a, b])
    return runs


def _chains(
    near: dict[int, list[int]], pads: dict[int, tuple[float, float]], way: int
) -> Iterator[list[int]]:
    """Lines of neighbours of one direction, each in order along it."""
    left = set(near)
    c, s = cos(radians(way)), sin(radians(way))
    while left:
        reach = [left.pop()]
        line = list(reach)
        while reach:
            for other in near[reach.pop()]:
                if other in left:
                    left.remove(other)
                    reach.append(other)
                    line.append(other)
        yield sorted(line, key=lambda m: pads[m][0] * c + pads[m][1] * s)


def _useful(parts: _Parts, chain: list[int]) -> tuple[int, int, int] | None:
    """First and last place of the piece of a chain that joins something, and how much it joins."""
    roots = [parts.find(m) for m in chain]
    joins = len(set(roots)) - 1
    if not joins:
        return None
    first, last = 0, len(chain) - 1
    while roots[first] in roots[first + 1 : last + 1]:
        first += 1
    while roots[last] in roots[first:last]:
        last -= 1
    return first, last, joins


def _nearest_of_other_part(parts: _Parts, pads: dict[int, tuple[float, float]]) -> tuple[int, int]:
    roots = {m: parts.find(m) for m in pads}
    return min(
        ((a, b) for a, b in itertools.combinations(sorted(pads), 2) if roots[a] != roots[b]),
        key=lambda ab: (hypot(pads[ab[0]][0] - pads[ab[1]][0], pads[ab[0]][1] - pads[ab[1]][1]), ab),
    )


class _NodeRuns:
    """The runs of one node, as they are generated."""

    def __init__(self, layout: Layout, node: Node) -> None:
        self.layout, self.node, self.pads = layout, node, node_pads(layout, node)
        self.made: list[tuple[StripKind, str, list[int]]] = []

    def generate(self) -> None:
        plus, minus = self.node.plus_cells, self.node.minus_cells
        links = self._links(plus, minus) if plus and minus else []
        ways = Counter(_direction(self.pads[i], self.pads[j]) for i, j in links)
        avoid = ways.most_common(1)[0][0] if ways else None
        for side, group in (("P", plus), ("M", minus)):
            pads = {c.number: self.pads[c.number] for c in group}
            for run in spanning_runs(self.layout, pads, avoid):
                self._parallel(side, run, links)
            if len(group) == 1 and not links:
                self.made.append((StripKind.COLLECTOR, "C", [group[0].number]))

    def _links(self, plus: tuple[CellPlace, ...], minus: tuple[CellPlace, ...]) -> list[tuple[int, int]]:
        links = link_matching(self.layout, plus, minus)
        kind = StripKind.LINK
        if not links:
            ours, theirs = ({c.number for c in group} for group in (plus, minus))
            links = [
                min(
                    itertools.product(sorted(ours), sorted(theirs)),
                    key=lambda ab: hypot(
                        self.pads[ab[0]][0] - self.pads[ab[1]][0], self.pads[ab[0]][1] - self.pads[ab[1]][1]
                    ),
                )
            ]
            blocks = {c.block for c in (*plus, *minus)}
            kind = StripKind.BRIDGE if len(blocks) > 1 else StripKind.LINK
        for i, j in links:
            self.made.append((kind, "B" if kind is StripKind.BRIDGE else "L", [i, j]))
        return links

    def _parallel(self, side: str, run: list[int], links: list[tuple[int, int]]) -> None:
        """Lay a parallel strip; one that goes on in the line of a link becomes one piece with it."""
        if not links:
            self.made.append((StripKind.COLLECTOR, "C", run))
            return
        for n, (kind, tag, cells) in enumerate(self.made):
            if kind is not StripKind.LINK:
                continue
            for mine, theirs in (
                (run, cells),
                (run, cells[::-1]),
                (run[::-1], cells),
                (run[::-1], cells[::-1]),
            ):
                if mine[-1] == theirs[0] and _straight([self.pads[m] for m in (mine[-2], *theirs[:2])]):
                    self.made[n] = (kind, tag, [*mine, *theirs[1:]])
                    return
        self.made.append((StripKind.PARALLEL, side, run))

    def runs(self) -> Iterator[StripRun]:
        """The runs in order: links, parallel strips, collecting strips, each numbered from 1."""
        counts: Counter[str] = Counter()
        node = self.node
        for kind, tag, cells in sorted(self.made, key=lambda made: "LBPMC".index(made[1])):
            counts[tag] += 1
            yield _run(
                f"N{node.number}-{tag}{counts[tag]}",
                node.number,
                node.face,
                kind,
                cells,
                [self.pads[m] for m in cells],
                [node.number] * len(cells),
            )


def _run(
    name: str,
    node: int,
    face: Face,
    kind: StripKind,
    cells: list[int],
    points: list[tuple[float, float]],
    nodes: list[int],
    by_hand: bool = False,
) -> StripRun:
    length = sum(hypot(b[0] - a[0], b[1] - a[1]) for a, b in itertools.pairwise(points))
    spans = tuple((i, i + 1) for i in range(len(cells) - 1))
    return StripRun(name, node, face, kind, tuple(cells), tuple(points), length, tuple(nodes), spans, by_hand)


@lru_cache(maxsize=32)
def strip_runs(layout: Layout) -> tuple[StripRun, ...]:
    """Return every run of strip on both faces, in order of node; it depends on the layout alone.

    Runs left out by hand are missing, runs drawn by hand come at the end of their node.
    """
    left_out = {(r.face, frozenset((r.cells, r.cells[::-1]))) for r in layout.removed}
    runs: list[StripRun] = []
    for node in nodes_of(layout):
        laid = _NodeRuns(layout, node)
        laid.generate()
        runs += [r for r in laid.runs() if (r.face, frozenset((r.cells, r.cells[::-1]))) not in left_out]
    for number, drawn in enumerate(layout.drawn, start=1):
        hand = _drawn_run(layout, drawn.face, drawn.cells, number)
        if hand is not None:
            runs.append(hand)
    return tuple(sorted(runs, key=lambda r: r.node))


@lru_cache(maxsize=32)
def metal_runs(layout: Layout, style: StripStyle) -> tuple[StripRun, ...]:
    """Return the runs of strip, or a plate for each tap point with a span between each two neighbouring pads."""
    if style is StripStyle.STRIPS:
        return strip_runs(layout)
    made = [r for r in strip_runs(layout) if r.kind is StripKind.BRIDGE]
    for node in nodes_of(layout):
        pads = node_pads(layout, node)
        cells = sorted(pads)
        place = {m: n for n, m in enumerate(cells)}
        spans = tuple(
            (place[a], place[b]) for a in cells for b in layout.adjacency[a] if a < b and b in place
        )
        made.append(
            StripRun(
                f"N{node.number}-S1",
                node.number,
                node.face,
                StripKind.PLATE,
                tuple(cells),
                tuple(pads[m] for m in cells),
                0.0,
                (node.number,) * len(cells),
                spans,
            )
        )
    return tuple(sorted(made, key=lambda r: (r.node, r.kind is StripKind.PLATE)))


def pole_on(layout: Layout, cell: CellPlace, face: Face) -> bool:
    """Whether the positive pole of a round cell is on a face."""
    return layout.face_of(cell, True) is face


def _drawn_run(layout: Layout, face: Face, cells: tuple[int, ...], number: int) -> StripRun | None:
    known = [layout.by_number[n] for n in cells if n in layout.by_number]
    if not known:
        return None
    if layout.terminal_m:
        # A flat cell has both pads on this face: the strip is meant for the tap point that most have.
        counts = Counter(n for c in known for n in (c.group - 1, c.group))
        node = max(counts, key=lambda n: (counts[n], -n))
        poles = [c.group == node for c in known]
    else:
        poles = [pole_on(layout, c, face) for c in known]
    nodes = [c.group if plus else c.group - 1 for c, plus in zip(known, poles, strict=True)]
    points = [layout.pad(c, plus) for c, plus in zip(known, poles, strict=True)]
    ends = {0, layout.series}
    kind = (
        StripKind.COLLECTOR
        if set(nodes) <= ends and len(set(nodes)) == 1
        else StripKind.LINK
        if len({c.group for c in known}) > 1
        else StripKind.PARALLEL
    )
    return _run(
        f"N{nodes[0]}-H{number}", nodes[0], face, kind, [c.number for c in known], points, nodes, True
    )


@dataclass(frozen=True, eq=False)
class Metalwork:
    """The metal of the pack as a network of pads.

    Attributes
    ----------
    network : resistors are the spans of all runs in order, then the leads of poles that have two; cells
        have their
        two joints in them.
    spans : for each resistor its run (place in the list of runs) and span.
    pad : node of the network by cell number and pole (True is plus).
    """

    network: Network
    spans: tuple[tuple[int, int], ...]
    pad: dict[tuple[int, bool], int]


def open_node(layout: Layout, work: Metalwork) -> int | None:
    """Return the first tap point from the minus that current from the pack's minus cannot cross, None if it flows."""
    network = work.network
    if network.whole:
        return None
    part = network.parts[network.poles[0]]
    for node in range(layout.series + 1):
        nodes = [work.pad[(c.number, True)] for c in layout.group_cells(node)] + [
            work.pad[(c.number, False)] for c in layout.group_cells(node + 1)
        ]
        if any(network.parts[n] != part for n in nodes):
            return node
    return layout.series


def span_metres(run: StripRun) -> list[float]:
    """Return the length of each span of a run, m."""
    return [
        hypot(run.points_m[j][0] - run.points_m[i][0], run.points_m[j][1] - run.points_m[i][1])
        for i, j in run.spans
    ]


def metalwork(
    layout: Layout,
    runs: tuple[StripRun, ...],
    ohm_per_m: dict[StripKind, float],
    cell_ohm: ArrayLike,
    joint_ohm: ArrayLike = KINDS[JoinedBy.WELD].ohm,
    lead_ohm: float = 0.0,
) -> Metalwork:
    """Return the network of all pads, runs and cells.

    Parameters
    ----------
    layout : Layout
    runs : tuple of StripRun
    ohm_per_m : dict
        Resistance of the metal of each kind of run, Ω/m.
    cell_ohm : array_like
        D.C. resistance of the cells in order of `layout.cells`, Ω; one for all, or (n,).
    joint_ohm : array_like
        Resistance of the joint at one pad, Ω; one for all, or (n,).
    lead_ohm : float
        Of each of two leads of one pole, Ω; a pole with one lead ends at its pad.
    """
    pad: dict[tuple[int, bool], int] = {}
    for cell in layout.cells:
        for positive in (False, True):
            pad[(cell.number, positive)] = len(pad)
    ends, ohms, spans = [], [], []
    for place, run in enumerate(runs):
        at = [
            pad[(number, node == layout.by_number[number].group)]
            for number, node in zip(run.cells, run.nodes, strict=True)
        ]
        for number, ((i, j), length) in enumerate(zip(run.spans, span_metres(run), strict=True)):
            ends.append((at[i], at[j]))
            ohms.append(max(length * ohm_per_m[run.kind], 1e-9))
            spans.append((place, number))
    cells = np.array([(pad[(c.number, False)], pad[(c.number, True)]) for c in layout.cells])
    resistance = np.broadcast_to(np.asarray(cell_ohm, dtype=float), (len(cells),)) + 2 * np.asarray(joint_ohm)
    nodes, poles = len(pad), []
    for first, second, positive in zip(
        layout.lead_cells, layout.second_lead_cells, (False, True), strict=True
    ):
        if not second:
            poles.append(pad[(first, positive)])
            continue
        # Both leads of the pole meet in the contact.
        ends += [(pad[(number, positive)], nodes) for number in (first, second)]
        ohms += [max(lead_ohm, 1e-6)] * 2
        poles.append(nodes)
        nodes += 1
    network = Network(
        nodes=nodes,
        ends=np.array(ends, dtype=np.intp).reshape(-1, 2),
        ohm=np.array(ohms),
        cell_ends=cells,
        cell_ohm=resistance,
        poles=(poles[0], poles[1]),
    )
    return Metalwork(network, tuple(spans), pad)


class _Metal:
    """Figures of one strip in a number of layers, worked out once for all its pieces."""

    def __init__(
        self, layout: Layout, joining: Joining, kind: StripKind, limit_k: float, ambient_k: float
    ) -> None:
        self.strip, self.layers = metal_of(layout, joining, kind)
        self.asked, self.laid, self.under = strip_asked(joining, kind)
        if self.under is None:
            # The heat given off does not depend on the layers, and resistance goes with their inverse.
            single = strip_limit.long_run_limit(self.strip, 1, limit_k, ambient_k)
            self.limits = [single * n**0.5 for n in range(1, MOST_LAYERS + 1)]
        else:
            part = "collector" if kind in (StripKind.COLLECTOR, StripKind.BRIDGE) else "link"
            self.limits = [
                strip_limit.long_run_limit(*metal_of(layout, more, kind), limit_k, ambient_k)
                for more in (
                    joining.model_copy(update={f"{part}_layers": n}) for n in range(1, MOST_LAYERS + 1)
                )
            ]
        self.ohm_per_m = float(strip_limit.resistance_per_metre(self.strip, self.layers, 293.15))

    def layers_needed(self, current_a: float) -> int:
        for n, limit in enumerate(self.limits, start=1):
            if limit >= current_a:
                return n
        return MOST_LAYERS + 1


@dataclass(frozen=True, eq=False)
class StripShares:
    """How one ampere of pack current divides over the metal, the cells being alike.

    Attributes
    ----------
    spans : share of each span, by run.
    cells : share of each cell, by number.
    leads : share of each lead, by pole (True is plus) and the cell it is joined at.
    pads : voltage of each pad by cell and pole against the pack's minus for one ampere, cells without
        voltage, V/A.
    heat_ohm : resistance that makes the heat of all strips and joints at any pack current, Ω.
    open_at : the tap point where no current can pass, None if it flows from pole to pole.
    """

    spans: tuple[tuple[float, ...], ...]
    cells: dict[int, float]
    leads: dict[tuple[bool, int], float]
    pads: dict[tuple[int, bool], float]
    heat_ohm: float
    open_at: int | None


@lru_cache(maxsize=32)
def strip_shares(layout: Layout, joining: Joining, cell_ohm: float, lead_ohm: float = 0.0) -> StripShares:
    """Return the division of the pack current over the real layout, solved exactly for equal cells."""
    runs = metal_runs(layout, joining.style)
    per_metre = ohms_per_metre(layout, joining)
    joint_ohm = joint_resistances(layout, joining)
    work = metalwork(layout, runs, per_metre, cell_ohm, joint_ohm, lead_ohm)
    state = solve(work.network, 0.0, 1.0)
    shares: list[list[float]] = [[] for _ in runs]
    strips = slice(len(work.spans))
    for (place, _), current in zip(work.spans, np.abs(state.current_a[strips]).tolist(), strict=True):
        # Below a billionth is the arithmetic, not a current.
        shares[place].append(current if current > 1e-9 else 0.0)
    heat = float(
        (state.current_a**2 * work.network.ohm)[strips].sum() + (state.cell_a**2 * 2 * joint_ohm).sum()
    )
    cells = {c.number: float(i) for c, i in zip(layout.cells, state.cell_a, strict=True)}
    seconds = np.abs(state.current_a[len(work.spans) :]).tolist()
    leads: dict[tuple[bool, int], float] = {}
    for first, second, positive in zip(
        layout.lead_cells, layout.second_lead_cells, (False, True), strict=True
    ):
        leads[positive, first] = seconds.pop(0) if second else 1.0
        if second:
            leads[positive, second] = seconds.pop(0)
    pads = {pad: float(state.volts[node]) for pad, node in work.pad.items()}
    return StripShares(tuple(tuple(s) for s in shares), cells, leads, pads, heat, open_node(layout, work))


def pad_overhang(joining: Joining) -> float:
    """Return how far strip reaches past the middle of its last pad, m."""
    if joining.joined_by is JoinedBy.SCREW:
        return max(PAD_OVERHANG_M, EDGE_THREADS * joining.thread_m)
    return PAD_OVERHANG_M


def strip_takes_screw(strip: Strip, joining: Joining) -> bool:
    """Whether strip is wide enough for the hole of a screw, where screws join it."""
    return (
        joining.joined_by is not JoinedBy.SCREW
        or strip.width_m >= LEAST_BAR_THREADS * joining.thread_m - 1e-9
    )


def joint_resistance(joining: Joining) -> float:
    """Return the resistance of the joint on one pad, Ω: as measured, else of the generic class of its kind."""
    return joining.joint_ohm or KINDS[joining.joined_by].ohm


def metal_of(layout: Layout, joining: Joining, kind: StripKind) -> tuple[Strip, int]:
    """Return the strip and layers of a kind of run; nickel on copper is one strip that stands for both.

    Of a plate it is a strip of the link metal that stands for the plate between two neighbouring pads: on a
    square
    lattice each span has a band of the plate as wide as the pitch to itself, on a staggered one 1/√3 of it,
    so that
    a large plate has its true resistance in every direction; less the gap to the next plate.
    """
    if kind in (StripKind.COLLECTOR, StripKind.BRIDGE):
        return laid_together(joining.collector_strip, joining.collector_layers, joining.collector_under)
    if kind is StripKind.PLATE:
        six = max((len(v) for v in layout.adjacency.values()), default=0) > 4
        band = {"width_m": max(layout.pitch_m * (3**-0.5 if six else 1.0) - joining.gap_m, 0.001)}
        under = joining.link_under.model_copy(update=band) if joining.link_under else None
        return laid_together(joining.link_strip.model_copy(update=band), joining.link_layers, under)
    return laid_together(joining.link_strip, joining.link_layers, joining.link_under)


def strip_asked(joining: Joining, kind: StripKind) -> tuple[Strip, int, Strip | None]:
    """Return strip, layers and what lies under it, as they are bought and laid, for a kind of run."""
    if kind in (StripKind.COLLECTOR, StripKind.BRIDGE):
        return joining.collector_strip, joining.collector_layers, joining.collector_under
    return joining.link_strip, joining.link_layers, joining.link_under


def joint_count(run: StripRun, joining: Joining) -> int:
    """Return the weld pairs of a run, all layers, with twice as many on pads of doubled cells; or its soldered or screwed joints.

    What lies under the strip is welded through the first layer on it and needs no welds of its own. Solder
    and screws hold
    all layers at once.
    """
    pads = len(run.cells)
    if joining.joined_by is not JoinedBy.WELD:
        return pads
    if joining.doubled:
        pads += len(set(run.cells) & set(joining.doubled))
    return pads * strip_asked(joining, run.kind)[1] * joining.welds_per_pad


def joint_resistances(layout: Layout, joining: Joining) -> Array:
    """Return the resistance of the joint on one pad of each cell (n,), Ω; twice the welds have half of it."""
    doubled = set(joining.doubled) if joining.joined_by is JoinedBy.WELD else set()
    parts = np.array([0.5 if c.number in doubled else 1.0 for c in layout.cells])
    return joint_resistance(joining) * parts


def ohms_per_metre(layout: Layout, joining: Joining) -> dict[StripKind, float]:
    """Return the resistance per metre at 20 °C of each kind of run, Ω/m."""
    return {
        kind: float(strip_limit.resistance_per_metre(*metal_of(layout, joining, kind), 293.15))
        for kind in StripKind
    }


def leads_on(layout: Layout, run: StripRun) -> tuple[int, ...]:
    """Return the cells at which main leads are joined to the tails of a collecting strip or to a plate; mostly none."""
    if run.kind not in (StripKind.COLLECTOR, StripKind.PLATE) or run.node not in (0, layout.series):
        return ()
    place = 0 if run.node == 0 else 1
    wanted = [n for n in (layout.lead_cells[place], layout.second_lead_cells[place]) if n]
    if run.kind is StripKind.PLATE:
        return tuple(wanted)

    def bears(at: int) -> bool:
        beside = (
            r for r in strip_runs(layout) if r.node == run.node and r.kind is run.kind and at in r.cells
        )
        first = next(beside, None)
        return first is not None and first.id == run.id

    return tuple(at for at in wanted if bears(at))


def tail_lengths(layout: Layout, run: StripRun) -> tuple[float, float]:
    """Return how much longer a run is at its first and its last pad for the main leads joined there, m; mostly 0, 0."""
    if run.kind is StripKind.PLATE:
        return 0.0, 0.0
    ends = [0.0, 0.0]
    for number in leads_on(layout, run):
        ends[1 if run.cells[-1] == number else 0] += LEAD_TAIL_M
    return ends[0], ends[1]


@lru_cache(maxsize=32)
def strip_pieces(
    layout: Layout,
    joining: Joining,
    cell_ohm: float,
    current_steady_a: float,
    current_peak_a: float,
    peak_s: float,
    limit_k: float,
    ambient_k: float,
    lead_ohm: float = 0.0,
) -> tuple[StripPiece, ...]:
    """Return every piece of strip on both faces, in order of node.

    Parameters
    ----------
    layout : Layout
    joining : Joining
    cell_ohm : float
        D.C. resistance of a cell, Ω.
    current_steady_a, current_peak_a : float
        Pack current, A.
    peak_s : float
        Duration of the peak, s.
    limit_k, ambient_k : float
        Temperature the strip may reach and that of the surrounding air, K.
    lead_ohm : float
        Of one lead, Ω; it matters to the strips only where a pole has two.
    """
    shares = strip_shares(layout, joining, cell_ohm, lead_ohm)
    runs = metal_runs(layout, joining.style)
    metals = {kind: _Metal(layout, joining, kind, limit_k, ambient_k) for kind in {r.kind for r in runs}}
    # The tail of a plate is as wide as the plate there; what a strip's tail carries, its band does not.
    joined = [leads_on(layout, run) for run in runs]
    tails = [
        max((shares.leads[run.node != 0, at] for at in cells), default=0.0)
        for run, cells in zip(runs, joined, strict=True)
    ]
    loads = [
        max([*spans, 0.0 if run.kind is StripKind.PLATE else tail], default=0.0)
        for run, spans, tail in zip(runs, shares.spans, tails, strict=True)
    ]
    temperatures = {
        kind: dict(
            zip(some, _temperatures(metal, tuple(m * current_steady_a for m in some), ambient_k), strict=True)
        )
        for kind, metal in metals.items()
        for some in [sorted({m for m, run in zip(loads, runs, strict=True) if run.kind is kind})]
    }
    pieces: list[StripPiece] = []
    for run, span_share, tail, most in zip(runs, shares.spans, tails, loads, strict=True):
        metal = metals[run.kind]
        strip, layers = metal.strip, metal.layers
        length = (
            0.0
            if run.kind is StripKind.PLATE
            else run.run_m + 2 * pad_overhang(joining) + sum(tail_lengths(layout, run))
        )
        steady, peak = most * current_steady_a, most * current_peak_a
        temperature = temperatures[run.kind][most]
        pieces.append(
            StripPiece.model_construct(
                id=run.id,
                node=run.node,
                face=run.face,
                kind=run.kind,
                cells=run.cells,
                points_m=run.points_m,
                strip=metal.asked.name,
                width_m=strip.width_m,
                thickness_m=metal.asked.thickness_m,
                layers=metal.laid,
                under=metal.under.name if metal.under else None,
                length_m=length,
                span_share=span_share,
                lead_share=tail,
                current_steady_a=steady,
                current_peak_a=peak,
                limit_a=metal.limits[metal.laid - 1],
                temperature_k=temperature,
                peak_temperature_k=temperature + strip_limit.adiabatic_rise(strip, layers, peak, peak_s),
                layers_needed=metal.layers_needed(steady),
                resistance_ohm=metal.ohm_per_m * run.run_m,
                joined_by=joining.joined_by,
                joints=joint_count(run, joining),
                mass_kg=strip.section_m2 * layers * length * strip.density_kg_m3,
            )
        )
    return tuple(pieces)


def _temperatures(metal: _Metal, currents_a: tuple[float, ...], ambient_k: float) -> list[float]:
    found = strip_limit.long_run_temperature(metal.strip, metal.layers, np.array(currents_a), ambient_k)
    return [float(k) for k in found]


def stock_lengths(pieces: tuple[StripPiece, ...]) -> dict[str, float]:
    """Return metres of each strip needed, layers counted, offcuts not; plates are cut from sheet and not in it."""
    lengths: dict[str, float] = {}
    for piece in pieces:
        if piece.kind is not StripKind.PLATE:
            lengths[piece.strip] = lengths.get(piece.strip, 0.0) + piece.length_m * piece.layers
            if piece.under:
                lengths[piece.under] = lengths.get(piece.under, 0.0) + piece.length_m
    return lengths


class StockPlan(Frozen):
    """How one strip is cut from lengths of stock.

    Attributes
    ----------
    lengths : how many stock lengths are begun.
    cut_m : sum of all cut pieces, m.
    offcut_m : what is left of the lengths begun, m.
    pieces : number of cut pieces, and how many different lengths they have.
    """

    strip: str
    stock_m: float
    lengths: int
    cut_m: float
    offcut_m: float
    pieces: int
    different: int


def stock_plan(pieces: tuple[StripPiece, ...], stock_m: float = 1.0) -> tuple[StockPlan, ...]:
    """Return how the pieces are cut from lengths of stock, longest first, each from the first length it fits.

    First fit decreasing needs at most 11/9 of the fewest lengths (Johnson 1973, from memory). A piece
    longer than the stock counts as a length of its own.
    """
    cuts: dict[str, list[float]] = {}
    for piece in pieces:
        if piece.kind is not StripKind.PLATE:
            cuts.setdefault(piece.strip, []).extend([piece.length_m] * piece.layers)
            if piece.under:
                cuts.setdefault(piece.under, []).append(piece.length_m)
    plans = []
    for strip, lengths in cuts.items():
        left: list[float] = []
        for cut in sorted(lengths, reverse=True):
            place = next((n for n, room in enumerate(left) if room >= cut - 1e-9), None)
            if place is None:
                left.append(max(stock_m - cut, 0.0))
            else:
                left[place] -= cut
        plans.append(
            StockPlan(
                strip=strip,
                stock_m=stock_m,
                lengths=len(left),
                cut_m=sum(lengths),
                offcut_m=sum(left),
                pieces=len(lengths),
                different=len({round(cut, 4) for cut in lengths}),
            )
        )
    return tuple(plans)


class LayoutMeasures(Frozen):
    """How good a layout is.

    Attributes
    ----------
    links, links_least : direct links between consecutive groups, all and the fewest.
    links_bound : what all of them cannot exceed on this lattice.
    links_least_at : the first of the two groups that share the fewest.
    collecting_m : longest way along a collecting strip to the lead, m.
    pieces, different : pieces of strip (one layer), and how many different lengths they have.
    welds, joints : by face, weld pairs; and whatever it is joined by.
    """

    links: int
    links_least: int
    links_least_at: int
    links_bound: int
    collecting_m: float
    pieces: int
    different: int
    welds: dict[str, int]
    joints: dict[str, int]


def layout_measures(layout: Layout, pieces: tuple[StripPiece, ...]) -> LayoutMeasures:
    """Return the measures of a layout with its strips."""
    sizes = [len(layout.group_cells(g)) for g in range(1, layout.series + 1)]
    within = {
        g
        for g in range(1, layout.series)
        if {c.block for c in layout.group_cells(g)} == {c.block for c in layout.group_cells(g + 1)}
    }
    counted = [(k, g) for g, k in enumerate(layout.links, start=1) if g in within]
    least, at = min(counted, default=(0, 0))
    six = max((len(v) for v in layout.adjacency.values()), default=0) > 4
    bound = links_bound(len(layout.cells), len(layout.neighbours), layout.series, max(sizes, default=1), six)
    ways = [p.length_m for p in pieces if p.kind is StripKind.COLLECTOR]
    strips = [p for p in pieces if p.kind is not StripKind.PLATE]
    return LayoutMeasures(
        links=sum(k for k, _ in counted),
        links_least=least,
        links_least_at=at,
        links_bound=bound,
        collecting_m=max(ways, default=0.0),
        pieces=len(pieces),
        different=len({round(p.length_m, 4) for p in strips}),
        welds={face.value: sum(p.weld_pairs for p in pieces if p.face is face) for face in Face},
        joints={face.value: sum(p.joints for p in pieces if p.face is face) for face in Face},
    )
