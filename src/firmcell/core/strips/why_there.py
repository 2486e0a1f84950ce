"""What a strip is there for: what would hang apart, have no link or carry too much without it."""

from enum import Enum
from functools import lru_cache
from itertools import pairwise

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes
from firmcell.core.layout.cell_places import Layout
from firmcell.core.strips.cover import worst_load
from firmcell.core.strips.runs import StripKind, StripRun, strip_runs
from firmcell.core.strips.tap_points import Node, node_pads, nodes_of


class Why(Enum):
    """What a strip between two groups is there for, the least need first."""

    SPARE = 0
    RELIEVES = 1
    LINKS = 2
    HOLDS = 3


@frozen
class Need:
    """What would be missing without a strip.

    Attributes
    ----------
    node : tap point it belongs to.
    why : the most it is needed for.
    cells : those that would hang apart, or have no link of their own.
    parts : into how many parts the tap point would fall.
    now, without : most that any span of the tap point carries with it and without, in currents of one cell.
    """

    node: int
    why: Why
    cells: tuple[int, ...] = ()
    parts: int = 1
    now: float = 0.0
    without: float = 0.0

    def in_short(self, cell_a: float) -> str:
        """A few words for the picture, `cell_a` being what each cell gives, A."""
        match self.why:
            case Why.HOLDS:
                return f"holds {self.cells[0]}" + (f" +{len(self.cells) - 1}" if len(self.cells) > 1 else "")
            case Why.LINKS:
                return f"links {self.cells[0]}" + (f" +{len(self.cells) - 1}" if len(self.cells) > 1 else "")
            case Why.RELIEVES:
                return f"else {amperes(self.without * cell_a)}, not {amperes(self.now * cell_a)}"
            case Why.SPARE:
                return "spare"


MOST_NAMED = 6
LESS_THAN = 1.02
"""A span that carries no more than this times what it did does not need the strip."""


def missing_without(layout: Layout, name: str, cell_a: float) -> str:
    """Return in words what a strip between two groups is needed for; empty for others.

    Parameters
    ----------
    layout : Layout
    name : str
        Id of the strip.
    cell_a : float
        What each cell gives, A.

    Returns
    -------
    words : str

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.store.demo import bee_house_scale
    >>> from firmcell.store.part_files import shipped_library
    >>> from firmcell.core.changes.by_hand import layout_of
    >>> missing_without(layout_of(bee_house_scale(shipped_library())), "N1-P1", 0.25)
    'cells 2 and 3 hang apart from the others of B1'
    """
    need = strip_needs(layout).get(name)
    if need is None:
        return ""
    node, cells = need.node, need.cells
    many = len(cells) > 1
    if need.parts > 2:
        return f"B{node} falls into {need.parts} parts"
    match need.why:
        case Why.HOLDS:
            return f"{_named(set(cells))} hang{'' if many else 's'} apart from the others of B{node}"
        case Why.LINKS:
            return f"{_named(set(cells))} {'have' if many else 'has'} no link of {'their' if many else 'its'} own to the next group"
        case Why.RELIEVES:
            then, now = need.without * cell_a, need.now * cell_a
            return f"the fullest span here carries {amperes(then)} instead of {amperes(now)}"
        case Why.SPARE:
            return "nothing hangs apart and no span carries more: it is a spare"


@lru_cache(maxsize=8)
def strip_needs(layout: Layout) -> dict[str, Need]:
    """Return what each strip between two groups is there for, by its id; others have no entry."""
    nodes = {node.number: node for node in nodes_of(layout)}
    by_node: dict[int, list[StripRun]] = {}
    for run in strip_runs(layout):
        by_node.setdefault(run.node, []).append(run)
    return {
        run.id: _need(layout, nodes[number], run, [r for r in runs if r is not run])
        for number, runs in by_node.items()
        for run in runs
        if run.kind in (StripKind.LINK, StripKind.PARALLEL)
    }


def _need(layout: Layout, node: Node, run: StripRun, rest: list[StripRun]) -> Need:
    ours = {c.number for c in node.plus_cells}
    pads = node_pads(layout, node)
    parts = _parts(set(pads), rest)
    if len(parts) > 1:
        return Need(node.number, Why.HOLDS, tuple(sorted(parts[-1])), len(parts))
    lost = _linked([run], ours) - _linked(rest, ours)
    if lost:
        return Need(node.number, Why.LINKS, tuple(sorted(lost)))
    now, then = (worst_load(pads, ours, [r.cells for r in each]) for each in ([run, *rest], rest))
    why = Why.RELIEVES if then > LESS_THAN * now else Why.SPARE
    return Need(node.number, why, now=now, without=then)


def _parts(pads: set[int], runs: list[StripRun]) -> list[set[int]]:
    """What hangs together, the largest part first."""
    parts: list[set[int]] = [{m} for m in pads]
    for run in runs:
        touched = [part for part in parts if part & set(run.cells)]
        parts = [part for part in parts if part not in touched] + [{m for part in touched for m in part}]
    return sorted(parts, key=lambda part: (-len(part), sorted(part)))


def _linked(runs: list[StripRun], ours: set[int]) -> set[int]:
    return {m for r in runs for a, b in pairwise(r.cells) if (a in ours) != (b in ours) for m in (a, b)}


def _named(cells: set[int]) -> str:
    numbers = sorted(cells)
    if len(numbers) == 1:
        return f"cell {numbers[0]}"
    if len(numbers) > MOST_NAMED:
        return f"cells {', '.join(map(str, numbers[:MOST_NAMED]))} and {len(numbers) - MOST_NAMED} more"
    return f"cells {', '.join(map(str, numbers[:-1]))} and {numbers[-1]}"
