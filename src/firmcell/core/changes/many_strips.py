"""Strips by one stroke: a ladder over two rows of pads; one tap point's strips repeated at another."""

from collections import Counter
from collections.abc import Iterable, Sequence

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.by_hand import HandEdit, layout_of, same_strip, strip_ref
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design, Face, StripRef
from firmcell.core.strips.links import spanning_runs
from firmcell.core.strips.runs import strip_runs
from firmcell.core.strips.tap_points import node_pads, nodes_of

ALIKE = 0.25
"""Pads lie alike if none is farther than this many pitches from where it should be."""


def ladder_stroke(design: Design, face: Face, cells: Sequence[int]) -> HandEdit:
    """Lay a ladder over cells on a face: a strip along each row, and a link from each cell to one that faces
    it in the other group; strips that joined just these cells otherwise are left out.

    Raises
    ------
    Refusal
        If the cells are not of two groups that follow on each other and meet on this face.
    """
    layout = layout_of(design)
    groups = Counter(layout.by_number[n].group for n in cells)
    nodes = [
        node
        for node in nodes_of(layout)
        if node.face is face
        and 0 < node.number < layout.series
        and {node.number, node.number + 1} <= set(groups)
    ]
    if not nodes:
        raise Refusal("A ladder joins two groups that follow on each other, on the face where they meet.")
    node = max(nodes, key=lambda n: groups[n.number] + groups[n.number + 1])
    pads, picked = node_pads(layout, node), set(cells)
    ours = [c.number for c in node.plus_cells if c.number in picked]
    theirs = [c.number for c in node.minus_cells if c.number in picked]
    lay = [run for side in (ours, theirs) for run in spanning_runs(layout, {n: pads[n] for n in side})]
    lay += _rungs(layout, pads, ours, theirs)
    return _in_place_of(
        design, node.number, face, lay, set(ours) | set(theirs), f"Lay a ladder at B{node.number}"
    )


def _rungs(
    layout: Layout, pads: dict[int, tuple[float, float]], ours: Sequence[int], theirs: Sequence[int]
) -> list[list[int]]:
    """Pairs of cells of two groups that touch, as many as can be, the nearest first."""
    # Read here: the first window needs no solver.
    from scipy.optimize import linear_sum_assignment

    far = 1e3
    cost = np.array(
        [
            [
                float(np.hypot(*np.subtract(pads[a], pads[b]))) if b in layout.adjacency[a] else far
                for b in theirs
            ]
            for a in ours
        ]
    ).reshape(len(ours), len(theirs))
    rows, columns = linear_sum_assignment(cost)
    return [[ours[i], theirs[j]] for i, j in zip(rows, columns, strict=True) if cost[i, j] < far]


def repeat_metal(design: Design, node: int, to: int) -> HandEdit:
    """Lay at another tap point what is laid at one, shifted, turned or mirrored as its pads lie.

    Raises
    ------
    Refusal
        If the pads of the two do not lie alike.
    """
    layout = layout_of(design)
    nodes = nodes_of(layout)
    one, other = nodes[node], nodes[to]
    kinds = [(len(n.plus_cells), len(n.minus_cells)) for n in (one, other)]
    words = f"The pads of B{to} do not lie as those of B{node} do; its strips cannot be repeated there."
    if kinds[0] != kinds[1]:
        raise Refusal(words)
    here, there = node_pads(layout, one), node_pads(layout, other)
    sides = [[[c.number for c in s] for s in (n.plus_cells, n.minus_cells)] for n in (one, other)]
    same = _same_pads(here, there, sides[0], sides[1], ALIKE * layout.pitch_m)
    if same is None:
        raise Refusal(words)
    lay = [[same[n] for n in run.cells] for run in strip_runs(layout) if run.node == node]
    return _in_place_of(design, to, other.face, lay, set(there), f"Repeat the strips of B{node} at B{to}")


def _same_pads(
    here: dict[int, tuple[float, float]],
    there: dict[int, tuple[float, float]],
    ours: Sequence[Sequence[int]],
    theirs: Sequence[Sequence[int]],
    within_m: float,
) -> dict[int, int] | None:
    """Which pad answers to which, of the plus and of the minus side each, once the pads of one tap point are
    shifted, turned by quarters or mirrored on to those of the other; None if they do not lie alike."""
    from scipy.optimize import linear_sum_assignment

    best: tuple[float, dict[int, int]] | None = None
    low, far = (np.array(list(p.values())) for p in (here, there))
    for turn in _turns():
        worst, same = 0.0, dict[int, int]()
        for mine, yours in zip(ours, theirs, strict=True):
            if not mine:
                continue
            a = (np.array([here[n] for n in mine]) - low.mean(axis=0)) @ turn
            b = np.array([there[n] for n in yours]) - far.mean(axis=0)
            cost = np.hypot(*(a[:, None] - b[None]).transpose(2, 0, 1))
            rows, columns = linear_sum_assignment(cost)
            worst = max(worst, float(cost[rows, columns].max()))
            same |= {mine[i]: yours[j] for i, j in zip(rows, columns, strict=True)}
        if worst <= within_m and (best is None or worst < best[0] - 1e-9):
            best = worst, same
    return best[1] if best else None


def _turns() -> Iterable[Array]:
    quarter = np.array([[0.0, 1.0], [-1.0, 0.0]])
    for flip in (np.eye(2), np.diag([1.0, -1.0])):
        for n in range(4):
            yield flip @ np.linalg.matrix_power(quarter, n)


def _in_place_of(
    design: Design, node: int, face: Face, lay: Sequence[Sequence[int]], among: set[int], words: str
) -> HandEdit:
    """Draw the runs of `lay` at a tap point, and leave out those there that join cells of `among` only and
    are not in it."""
    layout, a = layout_of(design), design.arrangement
    wanted = {frozenset((tuple(run), tuple(run)[::-1])): StripRef(face=face, cells=tuple(run)) for run in lay}
    there = {frozenset((r.cells, r.cells[::-1])): r for r in strip_runs(layout) if r.node == node}
    gone = [r for key, r in there.items() if key not in wanted and set(r.cells) <= among]
    drawn = [ref for key, ref in wanted.items() if key not in there]

    # One that was left out by hand comes back; one that was drawn by hand goes.
    back = [r for r in drawn if any(same_strip(r, other) for other in a.removed)]
    lost = [strip_ref(r) for r in gone if r.by_hand]
    kept = tuple(r for r in a.drawn if not any(same_strip(r, other) for other in lost))
    removed = tuple(r for r in a.removed if not any(same_strip(r, other) for other in back))
    return HandEdit(
        (
            ("arrangement.drawn", (*kept, *(r for r in drawn if r not in back))),
            (
                "arrangement.removed",
                (*removed, *(strip_ref(r) for r in gone if not r.by_hand)),
            ),
        ),
        words,
    )
