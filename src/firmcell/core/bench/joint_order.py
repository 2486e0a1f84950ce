"""The order of joints that leaves least exposed: over all steps the sum of voltage × current of a short ×
joints, for the bare metal within reach of what is being joined.

What a step exposes depends on which metal is on by then, not on the order in which it came on. So the best
order of one face is found exactly, over all subsets of its tap points; of a face with many of them block by
block.
"""

from collections.abc import Callable, Sequence
from functools import cached_property, lru_cache

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import percent
from firmcell.core.bench.live_map import REACH_M
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design, Face, JointOrder
from firmcell.core.model.limits import TOUCH_LIMIT_V
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.tap_points import nodes_of

Bools = NDArray[np.bool_]
MOST_EXACT = 10
"""Up to so many tap points on a face every subset is looked at."""
OVER_TOUCH = 3.0
"""A step with bare metal over the touch limit counts so much more; engineering judgement."""
WALK = 2e-3
"""Share of a step's exposure for each tap point that the hand passes over: of orders alike the one that goes along is
taken. Engineering judgement."""


@frozen(eq=False)
class Chain:
    """The groups of a pack as a chain of ends: minus of group 1, its plus, minus of group 2, and so on.

    Attributes
    ----------
    series, parallel : groups, and cells in each.
    faces : of each tap point (S + 1,).
    joints : made at each tap point (S + 1,).
    apart_m : least distance between metal of two ends (2 S, 2 S), m.
    cell_v, cell_ohm : of one cell, with its joints.
    """

    series: int
    parallel: int
    faces: tuple[Face, ...]
    joints: Array
    apart_m: Array
    cell_v: float
    cell_ohm: float

    @cached_property
    def nodes(self) -> NDArray[np.intp]:
        """The tap point of each end (2 S,)."""
        return (np.arange(2 * self.series) + 1) // 2

    @cached_property
    def reach(self) -> Array:
        """How near the metal of two ends lies to a hand or a tool, from 1 to 0 (2 S, 2 S)."""
        return np.asarray(np.exp(-self.apart_m / REACH_M))


def chain_of(layout: Layout, joints: Sequence[int], cell_v: float, cell_ohm: float, height_m: float) -> Chain:
    """Return the chain of a pack.

    Parameters
    ----------
    layout : Layout
    joints : sequence of int
        Planned at each tap point, 0 to S.
    cell_v, cell_ohm : float
        Of a cell with its joints, V and Ω.
    height_m : float
        Between the faces, m.
    """
    series, faces = layout.series, [n.face for n in nodes_of(layout)]
    places = []
    for end in range(2 * series):
        cells = layout.group_cells(end // 2 + 1)
        plus = bool(end % 2)
        z = height_m if faces[(end + 1) // 2] is Face.TOP else 0.0
        places.append(np.array([(*layout.pad(c, plus), z) for c in cells]))
    apart = np.zeros((2 * series, 2 * series))
    for a in range(2 * series):
        for b in range(a + 1, 2 * series):
            gaps = places[a][:, None, :] - places[b][None, :, :]
            apart[a, b] = apart[b, a] = np.sqrt((gaps**2).sum(axis=2)).min()
    parallel = len(layout.cells) // series
    return Chain(series, parallel, tuple(faces), np.array(joints, dtype=float), apart, cell_v, cell_ohm)


def exposures(chain: Chain, on: Bools, node: int, covered: Face | None) -> Array:
    """Return what joining at one tap point exposes, for many states at once (k,), V·A.

    Parameters
    ----------
    chain : Chain
    on : ndarray of bool, shape (k, S + 1)
        Which tap points are on before it.
    node : int
        That is joined.
    covered : Face or None
        The face whose metal is covered already.

    Notes
    -----
    Of all bare ends that hang together with its own, the greatest voltage × current of a short × reach,
    times the joints. Cells are side by side as one where both ends of their group are joined; else one
    alone drives the current.
    """
    s = chain.series
    states = on.copy()
    states[:, node] = True
    both = states[:, :-1] & states[:, 1:]
    ohm = np.where(both, chain.cell_ohm / chain.parallel, chain.cell_ohm)
    linked = np.ones((len(on), 2 * s), dtype=bool)
    linked[:, 2::2] = states[:, 1:s]
    bare = np.array([chain.faces[n] is not covered for n in chain.nodes])
    own = np.flatnonzero(chain.nodes == node)
    return np.asarray(_worst(chain, ohm, linked, own, bare) * chain.joints[node])


def seat_exposures(chain: Chain, seated: Bools, group: int) -> Array:
    """Return what putting the cells of one group into wired holders exposes, for many states at once (k,),
    V·A: as `exposures`, every clip bare, for each of its cells.

    Parameters
    ----------
    chain : Chain
    seated : ndarray of bool, shape (k, S)
        Which groups are in before it.
    group : int
        From 1.
    """
    states = seated.copy()
    states[:, group - 1] = True
    ohm = np.full(states.shape, chain.cell_ohm / chain.parallel)
    linked = np.ones((len(states), 2 * chain.series), dtype=bool)
    linked[:, 1::2] = states
    bare = np.ones(2 * chain.series, dtype=bool)
    own = np.array([2 * group - 2, 2 * group - 1])
    return np.asarray(_worst(chain, ohm, linked, own, bare) * chain.parallel)


def _worst(chain: Chain, ohm: Array, linked: Bools, own: NDArray[np.intp], bare: Bools) -> Array:
    """The greatest voltage × current × reach between some ends and all bare ones that hang together with
    them (k,).

    `ohm` is that of each group (k, S), `linked` whether each end hangs together with the one before it (k,
    2 S).
    """
    # Resistance along the chain from the minus of group 1, group by group.
    along = np.concatenate([np.zeros((len(ohm), 1)), np.cumsum(ohm, axis=1)], axis=1)
    part = np.cumsum(~linked, axis=1)
    worst = np.zeros(len(ohm))
    for mine in own:
        others = np.flatnonzero(bare & (chain.nodes != chain.nodes[mine]))
        groups = np.abs(chain.nodes[others] - chain.nodes[mine])
        volts = groups * chain.cell_v
        # Between the ends lie the groups from the first to the last that is passed.
        low, high = np.minimum(mine, others), np.maximum(mine, others)
        passed = along[:, high // 2 + high % 2] - along[:, (low + 1) // 2]
        passed = np.maximum(passed, groups * chain.cell_ohm / chain.parallel)
        weight = chain.reach[mine, others] * np.where(volts > TOUCH_LIMIT_V, OVER_TOUCH, 1.0)
        hangs = part[:, [mine]] == part[:, others]
        found = np.where(hangs, volts**2 * weight / passed, 0.0)
        worst = np.maximum(worst, found.max(axis=1, initial=0.0))
    return worst


def cost_of(chain: Chain, order: Sequence[int], done: Sequence[int], covered: Face | None) -> float:
    """Return the sum of exposures of joining some tap points in an order after others are done, V·A."""
    on = np.zeros((1, chain.series + 1), dtype=bool)
    on[0, list(done)] = True
    total = 0.0
    before: int | None = None
    for node in order:
        step = float(exposures(chain, on, node, covered)[0])
        total += step if before is None else step * (1 + WALK * abs(node - before))
        on[0, node] = True
        before = node
    return total


def best_order(
    chain: Chain, nodes: Sequence[int], done: Sequence[int], covered: Face | None
) -> tuple[int, ...]:
    """Return the order of some tap points, after others are done, that exposes least.

    Found exactly up to `MOST_EXACT` of them; more are taken in blocks of neighbours, each found exactly.
    """

    def step(on: Bools, node: int) -> Array:
        return exposures(chain, on, node, covered)

    on = np.zeros(chain.series + 1, dtype=bool)
    on[list(done)] = True
    tried = [_by_blocks(blocks, on, step, 0) for blocks in _blocks(nodes)]
    return min(tried, key=lambda order: cost_of(chain, order, done, covered), default=())


def filling_order(chain: Chain) -> tuple[int, ...]:
    """Return the order in which the groups of wired holders are filled that exposes least."""

    def step(seated: Bools, group: int) -> Array:
        return seat_exposures(chain, seated, group)

    seated = np.zeros(chain.series, dtype=bool)
    tried = [_by_blocks(blocks, seated, step, 1) for blocks in _blocks(range(1, chain.series + 1))]
    return min(tried, key=lambda order: filling_cost(chain, order), default=())


def filling_cost(chain: Chain, order: Sequence[int]) -> float:
    """Return the sum of exposures of filling the groups of wired holders in an order, V·A."""
    seated = np.zeros((1, chain.series), dtype=bool)
    total = 0.0
    for group in order:
        total += float(seat_exposures(chain, seated, group)[0])
        seated[0, group - 1] = True
    return total


def _blocks(items: Sequence[int]) -> list[list[list[int]]]:
    """Items in blocks of neighbours, from either end."""
    count = max(-(-len(items) // MOST_EXACT), 1)
    blocks = [[int(n) for n in b] for b in np.array_split(np.array(sorted(items), dtype=int), count)]
    return [blocks, blocks[::-1]][: min(count, 2)]


def _by_blocks(
    blocks: list[list[int]], start: Bools, step: Callable[[Bools, int], Array], first: int
) -> tuple[int, ...]:
    """Blocks one after the other, each in its best order; `first` is the number of the first place of a
    state."""
    order: tuple[int, ...] = ()
    state = start.copy()
    for block in blocks:
        order += _exact(block, state, step, first)
        state[[n - first for n in block]] = True
    return order


def _exact(
    items: list[int], start: Bools, step_of: Callable[[Bools, int], Array], first: int
) -> tuple[int, ...]:
    """The best order, over all subsets; which one came last is kept, so that the way of the hand counts."""
    k = len(items)
    if k < 2:
        return tuple(items)
    subsets = np.arange(2**k)
    has = (subsets[:, None] >> np.arange(k)) & 1 == 1
    states = np.repeat(start[None, :], 2**k, axis=0)
    states[:, [n - first for n in items]] = has
    step = np.stack([step_of(states, n) for n in items], axis=1)
    walk = 1 + WALK * np.abs(np.subtract.outer(items, items))
    least = np.full((2**k, k), np.inf)
    came = np.full((2**k, k), -1)
    for j in range(k):
        least[1 << j, j] = step[0, j]
    count = has.sum(axis=1)
    for size in range(1, k):
        of_size = subsets[count == size]
        for j in range(k):
            before = of_size[~has[of_size, j]]
            told = least[before] + step[before, j][:, None] * walk[None, :, j]
            last = np.argmin(told, axis=1)
            least[before | 1 << j, j] = told[np.arange(len(before)), last]
            came[before | 1 << j, j] = last
    at, subset, order = int(np.argmin(least[-1])), 2**k - 1, []
    while at >= 0:
        order.append(items[at])
        subset, at = subset & ~(1 << at), int(came[subset, at])
    return tuple(reversed(order))


@frozen
class JointPlan:
    """The order of joints of both faces.

    Attributes
    ----------
    first, second : tap points of the face that is joined first, and of the other, in order.
    exposed : the sum of exposures, V·A.
    """

    first: tuple[int, ...]
    second: tuple[int, ...]
    exposed: float


def planned(chain: Chain, first: Face, order: Sequence[int]) -> JointPlan:
    """Return the plan in which the tap points of each face come as they stand in `order`; the metal of the
    first face is covered before the pack is turned."""
    mine = tuple(n for n in order if chain.faces[n] is first)
    other = tuple(n for n in order if chain.faces[n] is not first)
    return JointPlan(mine, other, cost_of(chain, mine, (), None) + cost_of(chain, other, mine, first))


def least_exposed(chain: Chain, first: Face) -> JointPlan:
    """Return the plan that leaves least exposed.

    On the first of two faces no more than two groups ever hang together, in whatever order: there it goes
    from minus to plus. Each tap point is joined whole: strips that join cells of one group first and all
    links last was measured on 150 packs and left up to two thirds more exposed, since cells that are side
    by side early drive more.
    """
    mine = [n for n in range(chain.series + 1) if chain.faces[n] is first]
    other = [n for n in range(chain.series + 1) if chain.faces[n] is not first]
    if not other:
        return planned(chain, first, best_order(chain, mine, (), None))
    return planned(chain, first, (*mine, *best_order(chain, other, mine, first)))


def order_of(design: Design, layout: Layout, strips: Sequence[StripPiece]) -> tuple[int, ...]:
    """Return the order in which the tap points of a pack are joined, as its design says."""
    if design.joining.order is JointOrder.ASCENDING:
        return tuple(range(design.series + 1))
    if design.joining.order is JointOrder.OWN:
        return _chosen(design.joining.own_order, range(design.series + 1))
    chain, first = chain_and_first(design, layout, strips)
    plan = _least(chain, first)
    return (*plan.first, *plan.second)


def groups_in_order(design: Design, layout: Layout) -> tuple[int, ...]:
    """Return the order in which the groups of wired holders are filled, as the design says."""
    groups = range(1, design.series + 1)
    if design.joining.order is JointOrder.ASCENDING:
        return tuple(groups)
    if design.joining.order is JointOrder.OWN:
        return _chosen(design.joining.own_order, groups)
    joints = (0,) * (design.series + 1)
    ohm = design.cell.resistance_ohm
    return _filling(_chain(layout, joints, design.cell_now_v, ohm, design.cell.length_m))


def exposed_of(design: Design, layout: Layout, strips: Sequence[StripPiece]) -> tuple[float, float]:
    """Return the sum of exposures of the order of a design, and the least there is, V·A."""
    chain, first = chain_and_first(design, layout, strips)
    return _planned(chain, first, order_of(design, layout, strips)).exposed, _least(chain, first).exposed


def chain_and_first(design: Design, layout: Layout, strips: Sequence[StripPiece]) -> tuple[Chain, Face]:
    """Return the chain of a pack, and the face that is joined first: the bottom, where there is metal on
    it."""
    joints = tuple(sum(p.joints for p in strips if p.node == n) for n in range(design.series + 1))
    ohm = design.cell.resistance_ohm
    chain = _chain(layout, joints, design.cell_now_v, ohm, design.cell.length_m)
    return chain, Face.BOTTOM if Face.BOTTOM in chain.faces else Face.TOP


def _chosen(chosen: Sequence[int], every: Sequence[int]) -> tuple[int, ...]:
    """What was chosen by hand and is there, then the rest."""
    kept = [n for n in dict.fromkeys(chosen) if n in every]
    return (*kept, *(n for n in every if n not in kept))


SAME = 1.0005
"""Exposures alike within this are the same in words."""
_chain = lru_cache(maxsize=16)(chain_of)
_planned = lru_cache(maxsize=32)(planned)
_least = lru_cache(maxsize=16)(least_exposed)
_filling = lru_cache(maxsize=16)(filling_order)


def order_words(design: Design, layout: Layout, strips: Sequence[StripPiece]) -> str:
    """Return what the order of a design exposes, against the least there is and against the plain one, in
    words."""
    exposed, least = exposed_of(design, layout, strips)
    chain, first = chain_and_first(design, layout, strips)
    plain = _planned(chain, first, tuple(range(design.series + 1))).exposed
    if least <= 0:
        return ""
    if exposed <= least * SAME:
        spared = (
            f": {percent(1 - least / plain)} less than from minus to plus" if plain > least * SAME else ""
        )
        return f"No order of these joints exposes less{spared}."
    return f"This order exposes {percent(exposed / least - 1)} more than need be: voltage × current of a short × joints, over all steps."


def moved(
    design: Design, layout: Layout, strips: Sequence[StripPiece], node: int, by: int
) -> tuple[int, ...] | None:
    """Return the order with one tap point moved among those of its face; None where it stands at the end
    already."""
    order = order_of(design, layout, strips)
    chain, _ = chain_and_first(design, layout, strips)
    mine = [n for n in order if chain.faces[n] is chain.faces[node]]
    at = mine.index(node)
    if not 0 <= at + by < len(mine):
        return None
    mine.insert(at + by, mine.pop(at))
    places = iter(mine)
    return tuple(next(places) if chain.faces[n] is chain.faces[node] else n for n in order)
