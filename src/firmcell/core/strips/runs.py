"""Runs of strip and plates on both faces, generated from the groups: where they lie and what they join."""

import itertools
from collections import Counter
from collections.abc import Iterator
from enum import StrEnum
from functools import lru_cache
from math import hypot
from typing import NamedTuple

from firmcell.core.layout.cell_places import CellPlace, Layout
from firmcell.core.model.design import Face, Joining, StripStyle
from firmcell.core.strips.cover import fewest_strips
from firmcell.core.strips.ladders import facing_rows, ladder_spans, rail_metres
from firmcell.core.strips.links import is_straight, spanning_runs
from firmcell.core.strips.tap_points import Node, node_pads, nodes_of, pole_on


class StripKind(StrEnum):
    """What a strip is for."""

    LINK = "link"
    PARALLEL = "parallel"
    COLLECTOR = "collector"
    BRIDGE = "bridge"
    PLATE = "plate"
    LADDER = "ladder"


class StripRun(NamedTuple):
    """One piece of metal before its current is known: where it lies and what it joins.

    Attributes
    ----------
    cells, points_m : the pads it is welded to and their places.
    nodes : the tap point that each pad belongs to; all the same but for a wrong strip drawn by hand.
    spans : pairs of places in `cells` between which current flows straight.
    by_hand : whether it was drawn by hand.
    pluses : of a plate, how many of its pads are a cell's plus.
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
    pluses: int = 0

    @property
    def bends(self) -> bool:
        """Whether the run is not straight, so that it cannot be one strip."""
        return self.kind not in (StripKind.PLATE, StripKind.LADDER) and not is_straight(self.points_m)


class _NodeRuns:
    """The runs of one node, as they are generated."""

    def __init__(self, layout: Layout, node: Node) -> None:
        self.layout, self.node, self.pads = layout, node, node_pads(layout, node)
        self.made: list[tuple[StripKind, str, list[int]]] = []

    def generate(self) -> None:
        plus, minus = self.node.plus_cells, self.node.minus_cells
        if plus and minus:
            self._between(plus, minus)
            return
        group = plus or minus
        if not group:
            # Two groups that a hand painted empty: there is nothing to join.
            return
        runs = spanning_runs(self.layout, {c.number: self.pads[c.number] for c in group})
        for run in runs or [[c.number for c in group]]:
            self.made.append((StripKind.COLLECTOR, "C", run))

    def _between(self, plus: tuple[CellPlace, ...], minus: tuple[CellPlace, ...]) -> None:
        """Strips that join one group to the next, and each within itself where that is still to be done."""
        ours, theirs = ({c.number for c in group} for group in (plus, minus))
        if any(b in theirs for a in ours for b in self.layout.adjacency[a]):
            for piece in fewest_strips(self.pads, ours, self.layout.adjacency):
                sides = {m in ours for m in piece}
                kind, tag = (
                    (StripKind.LINK, "L")
                    if len(sides) > 1
                    else (StripKind.PARALLEL, "P" if True in sides else "M")
                )
                self.made.append((kind, tag, list(piece)))
            return
        nearest = min(
            itertools.product(sorted(ours), sorted(theirs)),
            key=lambda ab: hypot(
                self.pads[ab[0]][0] - self.pads[ab[1]][0], self.pads[ab[0]][1] - self.pads[ab[1]][1]
            ),
        )
        apart = len({c.block for c in (*plus, *minus)}) > 1
        self.made.append((StripKind.BRIDGE, "B", [*nearest]) if apart else (StripKind.LINK, "L", [*nearest]))
        for side, group in (("P", plus), ("M", minus)):
            for run in spanning_runs(self.layout, {c.number: self.pads[c.number] for c in group}):
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


def strip_runs(layout: Layout) -> tuple[StripRun, ...]:
    """Return every run of strip on both faces, in order of node; it depends on the layout alone, and is kept
    on it, as its adjacency is.

    Runs left out by hand are missing, runs drawn by hand come at the end of their node.
    """
    cells, drawn, removed, runs = layout.__dict__.get(KEPT_ON_LAYOUT, (None, (), (), ()))
    if cells is layout.cells and (drawn, removed) == (layout.drawn, layout.removed):
        return runs  # type: ignore[no-any-return]
    runs = _strip_runs(layout)
    layout.__dict__[KEPT_ON_LAYOUT] = layout.cells, layout.drawn, layout.removed, runs
    return runs


KEPT_ON_LAYOUT = "strip_runs"


def _strip_runs(layout: Layout) -> tuple[StripRun, ...]:
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


def metal_runs(layout: Layout, joining: Joining) -> tuple[StripRun, ...]:
    """Return the runs of strip, ladders where they are wanted and two rows face each other, or a plate for
    each tap point with a span between each two neighbouring pads."""
    return _metal_runs(layout, joining.style, joining.ladder_strip is not None)


@lru_cache(maxsize=32)
def _metal_runs(layout: Layout, style: StripStyle, laddered: bool) -> tuple[StripRun, ...]:
    if style is StripStyle.STRIPS:
        return _with_ladders(layout) if laddered else strip_runs(layout)
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
                pluses=len(node.plus_cells),
            )
        )
    return tuple(sorted(made, key=lambda r: (r.node, r.kind is StripKind.PLATE)))


def _with_ladders(layout: Layout) -> tuple[StripRun, ...]:
    """The runs of strip, with one ladder in place of those of each tap point whose pads lie in two facing
    rows, unless that ladder was left out by hand."""
    left_out = {(r.face, r.cells) for r in layout.removed}
    ladders = {}
    for node in nodes_of(layout):
        rows = facing_rows(layout, node)
        if rows is None or (node.face, (*rows[0], *rows[1])) in left_out:
            continue
        cells, pads = (*rows[0], *rows[1]), node_pads(layout, node)
        points = tuple(pads[m] for m in cells)
        ladders[node.number] = StripRun(
            f"N{node.number}-W1",
            node.number,
            node.face,
            StripKind.LADDER,
            cells,
            points,
            rail_metres(points),
            (node.number,) * len(cells),
            ladder_spans(len(rows[0])),
        )
    others = [r for r in strip_runs(layout) if r.node not in ladders or r.by_hand]
    return tuple(sorted([*ladders.values(), *others], key=lambda r: r.node))


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


def span_metres(run: StripRun) -> list[float]:
    """Return the length of each span of a run.

    Parameters
    ----------
    run : StripRun

    Returns
    -------
    lengths : list of float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace
    >>> run = SimpleNamespace(points_m=((0.0, 0.0), (0.03, 0.04), (0.03, 0.1)), spans=((0, 1), (1, 2)))
    >>> [round(metres, 6) for metres in span_metres(run)]
    [0.05, 0.06]
    """
    return [
        hypot(run.points_m[j][0] - run.points_m[i][0], run.points_m[j][1] - run.points_m[i][1])
        for i, j in run.spans
    ]


def leads_on(layout: Layout, run: StripRun) -> tuple[int, ...]:
    """Return the cells at which main leads are joined to the tails of a collecting strip or to a plate;
    mostly none."""
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


def facing_down(face: Face, standing: bool) -> bool:
    """Whether the free side of strip on a face looks down as the pack stands; on cells that lie it is
    upright."""
    return standing and face is Face.BOTTOM
