"""How good a layout is, by its strips."""

from firmcell.core.base.quantity import Frozen
from firmcell.core.layout.cell_places import Layout, lay_out
from firmcell.core.layout.grouping_problem import links_bound
from firmcell.core.model.design import Design, Face
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.runs import StripKind, metal_runs


class LayoutMeasures(Frozen):
    """How good a layout is.

    Attributes
    ----------
    links, links_least : direct links between consecutive groups, all and the fewest.
    links_bound : what all of them cannot exceed on this lattice.
    links_least_at : the first of the two groups that share the fewest.
    served_least, served_least_at : fewest cells of one of two consecutive groups that touch the other at all,
        and the first of those two groups. A cell may have several links, so there can be enough links while
        a cell has none.
    collecting_m : longest way along a collecting strip to the lead, m.
    pieces, different : pieces of strip (one layer), and how many different lengths they have.
    welds, joints : by face, weld pairs; and whatever it is joined by.
    """

    links: int
    links_least: int
    links_least_at: int
    links_bound: int
    served_least: int
    served_least_at: int
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
    served, served_at = min(((_served(layout, g), g) for g in within), default=(0, 0))
    six = max((len(v) for v in layout.adjacency.values()), default=0) > 4
    bound = links_bound(len(layout.cells), len(layout.neighbours), layout.series, max(sizes, default=1), six)
    ways = [p.length_m for p in pieces if p.kind is StripKind.COLLECTOR]
    strips = [p for p in pieces if p.kind is not StripKind.PLATE]
    return LayoutMeasures.model_construct(
        links=sum(k for k, _ in counted),
        links_least=least,
        links_least_at=at,
        links_bound=bound,
        served_least=served,
        served_least_at=served_at,
        collecting_m=max(ways, default=0.0),
        pieces=len(pieces),
        different=len({round(p.length_m, 4) for p in strips}),
        welds={face.value: sum(p.weld_pairs for p in pieces if p.face is face) for face in Face},
        joints={face.value: sum(p.joints for p in pieces if p.face is face) for face in Face},
    )


def _served(layout: Layout, group: int) -> int:
    """How many cells of a group and of the next touch the other one, of the two that which fewer do."""
    one, other = ({c.number for c in layout.group_cells(g)} for g in (group, group + 1))
    return min(
        sum(not mine.isdisjoint(layout.adjacency[c]) for c in theirs)
        for mine, theirs in ((one, other), (other, one))
    )


def strips_needed(design: Design) -> int:
    """Return how many pieces of strip the layout of a design takes: what two lattices are compared by.

    Parameters
    ----------
    design : Design

    Returns
    -------
    pieces : int

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.store.demo import bee_house_scale
    >>> from firmcell.store.part_files import shipped_library
    >>> strips_needed(bee_house_scale(shipped_library()))  # 2 at the poles; 3 between two groups
    11
    """
    layout = lay_out(design.cell, design.series, design.parallel, design.arrangement)
    return len(metal_runs(layout, design.joining))
