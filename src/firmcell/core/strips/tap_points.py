"""Tap points: the metal that is at one potential, and the pads it lies on."""

from firmcell.core.base.quantity import Frozen
from firmcell.core.layout.cell_places import CellPlace, Layout
from firmcell.core.model.design import Face


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


def pole_on(layout: Layout, cell: CellPlace, face: Face) -> bool:
    """Whether the positive pole of a round cell is on a face."""
    return layout.face_of(cell, True) is face
