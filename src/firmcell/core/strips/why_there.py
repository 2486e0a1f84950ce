"""What a strip is there for: what would hang apart, have no link or carry too much without it."""

from itertools import pairwise

from firmcell.core.base.wording import amperes
from firmcell.core.layout.cell_places import Layout
from firmcell.core.strips.cover import worst_load
from firmcell.core.strips.runs import StripKind, StripRun, strip_runs
from firmcell.core.strips.tap_points import node_pads, nodes_of

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
    runs = strip_runs(layout)
    run = next((r for r in runs if r.id == name), None)
    if run is None or run.kind not in (StripKind.LINK, StripKind.PARALLEL):
        return ""
    rest = [r for r in runs if r.node == run.node and r is not run]
    node = nodes_of(layout)[run.node]
    ours = {c.number for c in node.plus_cells}
    pads = node_pads(layout, node)
    parts = _parts(set(pads), rest)
    if len(parts) > 2:
        return f"B{run.node} falls into {len(parts)} parts"
    if len(parts) > 1:
        cut_off = parts[-1]
        return (
            f"{_named(cut_off)} hang{'s' if len(cut_off) == 1 else ''} apart from the others of B{run.node}"
        )
    lost = _linked([run], ours) - _linked(rest, ours)
    if lost:
        many = len(lost) > 1
        return f"{_named(lost)} {'have' if many else 'has'} no link of {'their' if many else 'its'} own to the next group"
    now, then = (worst_load(pads, ours, [r.cells for r in each]) for each in ([run, *rest], rest))
    if then > LESS_THAN * now:
        return f"the fullest span here carries {amperes(then * cell_a)} instead of {amperes(now * cell_a)}"
    return "nothing hangs apart and no span carries more: it is a spare"


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
