"""The wiring of a pack with every cell and every span of strip, so that one moment of the build can be read
from it."""

from collections.abc import Iterator
from functools import lru_cache

from firmcell.core.bms.taps import Tap
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.strips.joints import joint_resistances
from firmcell.core.strips.made_of import ohms_per_metre
from firmcell.core.strips.runs import StripKind, metal_runs, span_metres
from firmcell.core.wiring.graph import Edge, EdgePart, Node, NodeKind, Wiring

LEAD_ENDS = {"strip.minus": (0, False), "strip.plus": (1, True)}


def cell_end(number: int, plus: bool) -> str:
    """The id of one end of a cell."""
    return f"cell.{number}{'+' if plus else '-'}"


def span_id(run: str, number: int) -> str:
    """The id of one span of a run of strip."""
    return f"span.{run}.{number}"


@lru_cache(maxsize=16)
def cell_by_cell(wiring: Wiring, layout: Layout, design: Design, taps: tuple[Tap, ...]) -> Wiring:
    """Return the wiring of a pack with each cell in place of its group, and each span of strip.

    All else is as in `wiring`, joined to the cell end that it is soldered to; `taps` tell where.
    """
    groups = {e.id for e in wiring.of(EdgePart.CELL)}
    ends = [
        Node.model_construct(
            id=cell_end(c.number, plus),
            kind=NodeKind.CELL_END,
            label=f"cell {c.number} {'plus' if plus else 'minus'}",
        )
        for c in layout.cells
        for plus in (False, True)
    ]
    moved = dict(_lead_edges(wiring, layout))
    edges = [
        *_cells(layout, design),
        *_spans(layout, design),
        *_taps(wiring, layout, taps),
        *(moved.get(e.id, e) for e in wiring.edges if e.id not in groups),
    ]
    return Wiring.model_construct(nodes=(*wiring.nodes, *ends), edges=tuple(edges))


def _made(name: str, start: str, end: str, part: EdgePart, ohm: float = 0.0, volts: float = 0.0) -> Edge:
    return Edge.model_construct(id=name, start=start, end=end, part=part, ohm=ohm, volts=volts, wire=None)


def _cells(layout: Layout, design: Design) -> Iterator[Edge]:
    """The cells, each with its two joints in its resistance."""
    joints = joint_resistances(layout, design.joining).tolist()
    for c, joint in zip(layout.cells, joints, strict=True):
        yield _made(
            f"cell.{c.number}",
            cell_end(c.number, False),
            cell_end(c.number, True),
            EdgePart.CELL,
            design.cell.resistance_ohm + 2 * joint,
            design.cell_now_v,
        )


def _spans(layout: Layout, design: Design) -> Iterator[Edge]:
    """Every span of strip but the bridges between two modules, which are wires of the wiring."""
    per_metre = ohms_per_metre(layout, design.joining)
    for run in metal_runs(layout, design.joining):
        if run.kind is StripKind.BRIDGE:
            continue
        at = [
            cell_end(number, node == layout.by_number[number].group)
            for number, node in zip(run.cells, run.nodes, strict=True)
        ]
        for n, ((i, j), length) in enumerate(zip(run.spans, span_metres(run), strict=True)):
            yield _made(span_id(run.id, n), at[i], at[j], EdgePart.STRIP, length * per_metre[run.kind])


def _taps(wiring: Wiring, layout: Layout, taps: tuple[Tap, ...]) -> Iterator[Edge]:
    """Each tap point on the cell end where its lead is joined."""
    for tap in taps:
        name = f"B{tap.number}"
        end = tap.cell, layout.by_number[tap.cell].group == tap.number
        other = f"{name}.2"
        if other in wiring.by_id:
            # One half of the point is the plus of the group before, the other the minus of the next.
            end = layout.group_cells(tap.number)[0].number, True
            beyond = cell_end(layout.group_cells(tap.number + 1)[0].number, False)
            yield _made(f"on.{other}", beyond, other, EdgePart.JOINT)
        yield _made(f"on.{name}", cell_end(*end), name, EdgePart.JOINT)


def _lead_edges(wiring: Wiring, layout: Layout) -> Iterator[tuple[str, Edge]]:
    """The tails of the collecting strips, each begun at the cell where it leaves."""
    for edge in wiring.edges:
        name = edge.id.removesuffix(".2")
        if name in LEAD_ENDS:
            place, plus = LEAD_ENDS[name]
            cells = layout.lead_cells if name == edge.id else layout.second_lead_cells
            begun = cell_end(cells[place], plus)
            yield edge.id, _made(edge.id, begun, edge.end, EdgePart.STRIP, edge.ohm)
