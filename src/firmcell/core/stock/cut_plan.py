"""Which pieces are cut from which length, so that least is bought and least is left over."""

from collections import Counter
from collections.abc import Sequence
from math import ceil

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal

STEP_M = 1e-4
"""Lengths are counted in these, m; a cut is rounded up to one, a rest down."""
SECONDS = 2.0
"""So long the exact plan is looked for; then the best that was found counts, s."""
MOST_LENGTHS = 60


@frozen
class CutFrom:
    """One length of stock, and what is cut from it.

    Attributes
    ----------
    rest : number of the rest among those that were given; None for one that is bought.
    length_m : m.
    cuts : m, the longest first.
    """

    rest: int | None
    length_m: float
    cuts: tuple[float, ...]

    @property
    def left_m(self) -> float:
        """What is left of it, m."""
        return max(self.length_m - sum(self.cuts), 0.0)


@frozen
class CutPlan:
    """How pieces are cut.

    Attributes
    ----------
    lengths : those that are begun, rests first.
    bought_m : what is bought in all, m.
    least_m : no plan buys less, m.
    exact : whether no plan buys less, and of those that buy as little none takes more from short rests.
    """

    lengths: tuple[CutFrom, ...]
    bought_m: float
    least_m: float
    exact: bool

    @property
    def left_m(self) -> float:
        """What is left of all that is begun, m."""
        return sum(length.left_m for length in self.lengths)


def cut_plan(cuts: Sequence[float], rests: Sequence[float], sold_m: float | None = None) -> CutPlan:
    """Return how pieces are cut from rests that are there and lengths that are bought.

    Least is bought first, then as much as can be is cut from short rests, so that the longest stays long.
    Each piece is cut from one length. An integer programme (HiGHS) within `SECONDS`, begun with first fit
    decreasing.

    Parameters
    ----------
    cuts : sequence of float
        Lengths of the pieces, m, each above 0.
    rests : sequence of float
        Lengths that are there, m.
    sold_m : float, optional
        The length in which it is sold, m; where it is not told, one length of what is missing is bought.

    Raises
    ------
    Refusal
        If a piece is longer than any length that is there or sold.

    References
    ----------
    .. [1] gilmore-gomory

    Examples
    --------
    >>> plan = cut_plan([0.3, 0.3, 0.2], [0.5, 0.62])
    >>> [(c.rest, c.cuts) for c in plan.lengths], plan.bought_m
    ([(0, (0.3, 0.2)), (1, (0.3,))], 0.0)
    """
    wanted = sorted((ceil(round(c / STEP_M, 6)) for c in cuts), reverse=True)
    there = [int(round(r / STEP_M, 6)) for r in rests]
    if not wanted:
        return CutPlan((), 0.0, 0.0, True)
    sold = int(round(sold_m / STEP_M, 6)) if sold_m is not None else None
    longest = max([*there, sold or wanted[0]])
    if wanted[0] > longest:
        raise Refusal(
            f"A piece of {wanted[0] * STEP_M * 1e3:.0f} mm is longer than what is sold, {longest * STEP_M * 1e3:.0f} mm."
        )
    first = _first_fit(wanted, there, sold)
    if len(first.lengths) > MOST_LENGTHS:
        return first
    return _solved(wanted, there, sold, first)


def _first_fit(wanted: Sequence[int], there: Sequence[int], sold: int | None) -> CutPlan:
    """Each piece, the longest first, into the shortest rest that takes it; what fits none is bought."""
    left, placed, bought = list(there), [list[int]() for _ in there], list[list[int]]()
    for cut in wanted:
        fits = [n for n, room in enumerate(left) if room >= cut]
        if fits:
            n = min(fits, key=lambda n: left[n])
            left[n] -= cut
            placed[n].append(cut)
            continue
        room_in = next((b for b in bought if sold is None or sum(b) + cut <= sold), None)
        if room_in is None:
            bought.append([cut])
        else:
            room_in.append(cut)
    return _plan(there, placed, bought, sold, least=0, exact=not bought and sum(map(bool, placed)) <= 1)


def _plan(
    there: Sequence[int],
    placed: Sequence[Sequence[int]],
    bought: Sequence[Sequence[int]],
    sold: int | None,
    least: int,
    exact: bool,
) -> CutPlan:
    lengths = [
        CutFrom(
            n, round(there[n] * STEP_M, 6), tuple(round(c * STEP_M, 6) for c in sorted(cuts, reverse=True))
        )
        for n, cuts in enumerate(placed)
        if cuts
    ]
    for cuts in bought:
        if cuts:
            length = sold if sold is not None else sum(cuts)
            in_m = tuple(round(c * STEP_M, 6) for c in sorted(cuts, reverse=True))
            lengths.append(CutFrom(None, round(length * STEP_M, 6), in_m))
    bought_m = float(sum(c.length_m for c in lengths if c.rest is None))
    return CutPlan(tuple(lengths), round(bought_m, 6), round(least * STEP_M, 6), exact)


def _solved(wanted: Sequence[int], there: Sequence[int], sold: int | None, first: CutPlan) -> CutPlan:
    kinds = sorted(Counter(wanted).items(), reverse=True)
    sizes = np.array([size for size, _ in kinds], dtype=float)
    counts = np.array([count for _, count in kinds], dtype=float)
    new = sum(c.rest is None for c in first.lengths) if sold is not None else 1
    rooms = np.array([*there, *([sold or sum(wanted)] * new)], dtype=float)
    fresh = (np.arange(len(rooms)) >= len(there)).astype(float)
    solved = _programme(sizes, counts, rooms, fresh, sold is not None)
    if solved is None:
        return first
    made, least, exact = solved
    pieces = [
        [int(sizes[k]) for k in range(len(sizes)) for _ in range(int(made[k, b]))] for b in range(len(rooms))
    ]
    placed, bought = pieces[: len(there)], pieces[len(there) :]
    found = _plan(there, placed, bought, sold, least, exact)
    return found if exact or found.bought_m <= first.bought_m else first


def _dearness(rooms: Array, fresh: Array) -> Array:
    """How dear it is to cut from each length, 0 to 1: the longer it is the dearer, what is bought the
    most."""
    longest = max(float(rooms.max()), 1.0)
    return np.where(fresh > 0, 1.0, 0.9 * rooms / longest)


def _programme(
    sizes: Array, counts: Array, rooms: Array, fresh: Array, in_lengths: bool
) -> tuple[Array, int, bool] | None:
    """Pieces of each size in each length; columns are sizes × lengths, then whether each length is begun."""
    # Loaded when first wanted: most windows cut nothing.
    from scipy.optimize import Bounds, LinearConstraint, milp
    from scipy.sparse import lil_matrix

    kinds, lengths = len(sizes), len(rooms)
    n = kinds * lengths
    total = float((sizes * counts).sum())
    # Bought is counted in lengths, or in the share of all that is wanted; one step of it outweighs from which
    # rests the others come.
    step = 1.0 if in_lengths else 1.0 / total
    dear = _dearness(rooms, fresh) * step / (2.0 * total)
    cost = np.zeros(n + lengths)
    for b in range(lengths):
        each = float(dear[b]) + (1.0 / total if fresh[b] and not in_lengths else 0.0)
        cost[b * kinds : (b + 1) * kinds] = sizes * each
        cost[n + b] = 1.0 if fresh[b] and in_lengths else 0.0
    rows = lil_matrix((kinds + lengths, n + lengths))
    low, high = np.zeros(kinds + lengths), np.zeros(kinds + lengths)
    for k in range(kinds):
        rows[k, [b * kinds + k for b in range(lengths)]] = 1.0
        low[k] = high[k] = counts[k]
    for b in range(lengths):
        rows[kinds + b, b * kinds : (b + 1) * kinds] = sizes / rooms[b] if rooms[b] else sizes
        rows[kinds + b, n + b] = -1.0 if rooms[b] else 0.0
        low[kinds + b] = -np.inf
    most = np.concatenate([np.tile(counts, lengths), np.ones(lengths)])
    found = milp(
        cost,
        constraints=LinearConstraint(rows.tocsr(), low, high),
        integrality=np.ones(n + lengths),
        bounds=Bounds(0, most),
        options={"time_limit": SECONDS, "mip_rel_gap": 0.0},
    )
    if found.x is None:
        return None
    made = np.round(found.x[:n]).reshape(lengths, kinds).T
    bound = float(getattr(found, "mip_dual_bound", None) or 0.0)
    each = int(rooms[-1]) if in_lengths else 1
    least = int(np.floor(bound / step + 1e-6)) * each if np.isfinite(bound) else 0
    return made, max(least, 0), found.status == 0
