"""Cells sorted into groups that hold alike, resist alike and lose alike.

The weakest group ends a discharge and the fullest a charge: what the others hold more is carried for
nothing. So first of all the groups hold the same; then they resist the same, as far as that costs nothing of
it; then they lose the same.
"""

from collections.abc import Mapping
from dataclasses import field

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal

ALIKE = 2e-4
"""Groups that hold within this share of their mean, up or down, are alike: capacity is not measured better than twenty
times this. Resistance and loss may be evened out within it."""
MAH_AS = 3.6
"""A milliampere hour, A·s."""
NEXT_TO_NOTHING = 1e-12
TRIES = 900
"""Cells over all starts at random: many for a small pack, none for a large one, which the exchanges even out anyway."""


@frozen(eq=False)
class Stock:
    """Cells to choose from; NaN where something was not measured.

    Attributes
    ----------
    capacity_as : (n,), A·s.
    ohm : d.c. resistance (n,), Ω.
    loss_v_s : voltage lost at rest (n,), V/s.
    """

    capacity_as: Array
    ohm: Array
    loss_v_s: Array


@frozen
class Wanted:
    """What is to be made of them.

    Attributes
    ----------
    series, parallel : groups, and cells in each.
    least_as, most_ohm, most_loss_v_s : what a cell must hold and may resist and lose; one that was not
    measured
        is not held against the last two.
    alike : groups within this share of their mean count as alike: resistance and loss are evened out within
    it.
    locked : group of each cell that has one already, by its place in the stock.
    """

    series: int
    parallel: int
    least_as: float = 0.0
    most_ohm: float = float("inf")
    most_loss_v_s: float = float("inf")
    alike: float = ALIKE
    locked: Mapping[int, int] = field(default_factory=dict)


@frozen(eq=False)
class Matching:
    """Cells in groups.

    Attributes
    ----------
    group_of : of each cell of the stock, from 1; 0 is a spare (n,).
    capacity_as : of each group (s,), A·s.
    ohm, loss_v_s : resistance of each group, Ω, and the mean loss of its cells, V/s (s,); NaN where one was
    not
        measured.
    bound_as : no sorting of these cells has groups that hold more alike than this, A·s.
    by_hand_as : spread of the groups dealt out by hand, to and fro from the fullest cell down, A·s.
    by_hand : those groups, as `group_of` (n,).
    """

    group_of: NDArray[np.intp]
    capacity_as: Array
    ohm: Array
    loss_v_s: Array
    bound_as: float
    by_hand_as: float
    by_hand: NDArray[np.intp]

    @property
    def spread_as(self) -> float:
        """By how much the fullest group holds more than the emptiest, A·s."""
        return float(np.ptp(self.capacity_as))

    @property
    def share(self) -> float:
        """That as a share of their mean."""
        return self.spread_as / float(self.capacity_as.mean())

    @property
    def ohm_share(self) -> float:
        """Spread of the groups' resistances over their mean; NaN if one was not measured."""
        return float(np.ptp(self.ohm) / self.ohm.mean())


def matched(stock: Stock, wanted: Wanted) -> Matching:
    """Return the cells of a stock in groups, the rest as spares.

    Parameters
    ----------
    stock : Stock
        Of n cells.
    wanted : Wanted

    Returns
    -------
    matching : Matching

    Raises
    ------
    Refusal
        If there are not enough cells within the limits, or the locked ones cannot all be in.

    Notes
    -----
    Of more cells than are needed, those that hold most are taken: the weakest group is what the pack is. Then
    cells of fuller groups give way to spares, as long as no group comes to hold less than the weakest: what
    they hold more would be carried for nothing.
    Start by largest differencing with equal counts (Michiels and others), or by hand if that is better; then
    the two cells are exchanged that even out most, of the group that is farthest off and any other, until no
    exchange helps. Resistance and then loss are evened out the same way, by exchanges that leave capacities
    alike.

    References
    ----------
    .. [1] karmarkar-karp
    .. [2] bldm

    Examples
    --------
    >>> import numpy as np
    >>> cells = Stock(np.array([5.0, 4.0, 3.0, 2.0, 9.0]), np.full(5, np.nan), np.full(5, np.nan))
    >>> found = matched(cells, Wanted(2, 2))
    >>> found.group_of.tolist(), found.capacity_as.tolist()  # 5 + 4, and the 9 with the least that is enough
    ([2, 2, 0, 1, 1], [11.0, 9.0])
    """
    chosen = _chosen(stock, wanted)
    by_hand = _by_hand(capacity := np.asarray(stock.capacity_as, dtype=float), chosen, wanted)
    groups = _evened(capacity, chosen, by_hand, wanted)
    free = ~np.isin(groups, list(wanted.locked))
    _spare_the_full(groups, free, capacity, np.setdiff1d(_within(stock, wanted), chosen))
    kept = [_Kept.of(capacity, groups, wanted.alike)]
    for other in (1 / stock.ohm, stock.loss_v_s):
        if np.isfinite(other[groups]).all():
            _exchange(groups, free, np.asarray(other, dtype=float), tuple(kept))
            kept.append(_Kept.of(other, groups, wanted.alike))
    return Matching(
        _numbered(groups, len(capacity)),
        capacity[groups].sum(axis=1),
        1 / (1 / stock.ohm[groups]).sum(axis=1),
        stock.loss_v_s[groups].mean(axis=1),
        _bound(capacity[groups]),
        float(np.ptp(capacity[by_hand].sum(axis=1))),
        _numbered(by_hand, len(capacity)),
    )


def _numbered(groups: NDArray[np.intp], cells: int) -> NDArray[np.intp]:
    """Group of each cell, from 1; 0 for a spare (n,)."""
    found = np.zeros(cells, dtype=np.intp)
    for number, of in enumerate(groups, start=1):
        found[of] = number
    return found


def _evened(
    capacity: Array, chosen: NDArray[np.intp], by_hand: NDArray[np.intp], wanted: Wanted
) -> NDArray[np.intp]:
    """Groups (s, p) that hold as much alike as any found from several starts: largest differencing, dealt by
    hand, and at random for packs that are small enough."""
    starts = [_started(capacity, chosen, wanted)]
    if not wanted.locked:
        dice = np.random.default_rng(1)
        starts += [by_hand.copy()]
        starts += [dice.permutation(chosen).reshape(by_hand.shape) for _ in range(TRIES // len(chosen))]
    for groups in starts:
        _exchange(groups, ~np.isin(groups, list(wanted.locked)), capacity)
    return min(starts, key=lambda groups: float(np.ptp(capacity[groups].sum(axis=1))))


def _chosen(stock: Stock, wanted: Wanted) -> NDArray[np.intp]:
    """Places of the cells that are taken, the locked ones among them."""
    needed, locked = wanted.series * wanted.parallel, wanted.locked
    if wanted.series < 1 or wanted.parallel < 1:
        raise Refusal("A pack has at least one group of one cell.")
    for group in set(locked.values()):
        if not 1 <= group <= wanted.series:
            raise Refusal(f"A cell is locked to group {group}; there are groups 1 to {wanted.series}.")
        held = sum(g == group for g in locked.values())
        if held > wanted.parallel:
            raise Refusal(f"{held} cells are locked to group {group}, which takes {wanted.parallel}.")
    for place in locked:
        if not np.isfinite(stock.capacity_as[place]):
            raise Refusal("The capacity of a locked cell was not measured: its group cannot be matched.")
    places = _within(stock, wanted)
    if len(places) < needed:
        raise Refusal(
            f"{len(places)} of {len(stock.capacity_as)} cells are within the limits; {wanted.series}S{wanted.parallel}P takes {needed}."
        )
    free = [p for p in places.tolist() if p not in locked]
    free.sort(key=lambda p: -stock.capacity_as[p])
    return np.array([*locked, *free[: needed - len(locked)]], dtype=np.intp)


def _within(stock: Stock, wanted: Wanted) -> NDArray[np.intp]:
    """Places of the cells within the limits; of locked ones whatever they are."""
    fit = np.isfinite(stock.capacity_as) & (stock.capacity_as >= max(wanted.least_as, NEXT_TO_NOTHING))
    fit &= ~(stock.ohm > wanted.most_ohm) & ~(stock.loss_v_s > wanted.most_loss_v_s)
    fit[list(wanted.locked)] = True
    return np.flatnonzero(fit)


def _spare_the_full(
    groups: NDArray[np.intp], free: NDArray[np.bool_], capacity: Array, spares: NDArray[np.intp]
) -> None:
    """Put spares in place of cells of the fuller groups, in place: each group as near to the weakest as one
    exchange after another brings it, never below."""
    spares = spares.copy()
    sums = capacity[groups].sum(axis=1)
    enough = float(sums.min()) * (1 - NEXT_TO_NOTHING)
    waiting = list(np.argsort(-sums)) if len(spares) else []
    while waiting:
        a = int(waiting.pop(0))
        # What the group would hold with spare k in place of its cell i (i, k).
        held = sums[a] - capacity[groups[a]][:, None] + capacity[spares][None, :]
        held = np.where(free[a][:, None] & (held >= enough), held, np.inf)
        i, k = (int(n) for n in np.unravel_index(int(held.argmin()), held.shape))
        if held[i, k] < sums[a] * (1 - NEXT_TO_NOTHING):
            groups[a, i], spares[k] = spares[k], groups[a, i]
            sums[a] = held[i, k]
            # The cell that came out may do for any other group; each time less is taken, so that this ends.
            waiting = list(np.argsort(-sums))


def _by_hand(capacity: Array, chosen: NDArray[np.intp], wanted: Wanted) -> NDArray[np.intp]:
    """Dealt out from the fullest down, to and fro over the groups (s, p), whatever is locked."""
    rows = chosen[np.argsort(-capacity[chosen], kind="stable")].reshape(wanted.parallel, wanted.series)
    rows[1::2] = rows[1::2, ::-1].copy()
    return np.ascontiguousarray(rows.T)


def _started(capacity: Array, chosen: NDArray[np.intp], wanted: Wanted) -> NDArray[np.intp]:
    """Groups to begin with (s, p)."""
    if wanted.locked:
        return _dealt_round_locked(capacity, chosen, wanted)
    order = chosen[np.argsort(-capacity[chosen], kind="stable")]
    # Each block is one cell for every group; two are joined so that the most of one meets the least of the
    # other.
    blocks = [
        (order[row][:, None], capacity[order[row]])
        for row in np.arange(len(order)).reshape(wanted.parallel, -1)
    ]
    while len(blocks) > 1:
        blocks.sort(key=lambda block: float(np.ptp(block[1])))
        (a, sums_a), (b, sums_b) = blocks.pop(), blocks.pop()
        down, up = np.argsort(-sums_a, kind="stable"), np.argsort(sums_b, kind="stable")
        blocks.append((np.hstack([a[down], b[up]]), sums_a[down] + sums_b[up]))
    return np.ascontiguousarray(blocks[0][0])


def _dealt_round_locked(capacity: Array, chosen: NDArray[np.intp], wanted: Wanted) -> NDArray[np.intp]:
    """Locked cells in their groups; each other one, the fullest first, to the group that holds least and has
    room."""
    held: list[list[int]] = [[] for _ in range(wanted.series)]
    for place, group in wanted.locked.items():
        held[group - 1].append(place)
    free = [p for p in chosen.tolist() if p not in wanted.locked]
    for place in sorted(free, key=lambda p: -capacity[p]):
        room = [g for g in range(wanted.series) if len(held[g]) < wanted.parallel]
        # By what it would hold if its empty places held as much as those that are taken do.
        at = min(room, key=lambda g: (capacity[held[g]].sum() if held[g] else 0.0, g))
        held[at].append(place)
    return np.array(held, dtype=np.intp)


@frozen(eq=False)
class _Kept:
    """What an exchange may not undo: each group's sum of `value` (n,) stays between two bounds."""

    value: Array
    low: float
    high: float

    @classmethod
    def of(cls, value: Array, groups: NDArray[np.intp], alike: float) -> "_Kept":
        """As far apart as the groups are now, or within twice a share of their mean, up and down of it where
        that holds all of them."""
        sums = value[groups].sum(axis=1)
        low, high, mean = float(sums.min()), float(sums.max()), float(sums.mean())
        wide = 2 * alike * abs(mean)
        if high - low < wide:
            low = float(np.clip(mean - wide / 2, high - wide, low))
            high = low + wide
        return cls(value, low, high)

    def allows(self, groups: NDArray[np.intp], a: int) -> NDArray[np.bool_]:
        """Whether cell i of group a may change places with cell j of b (b, i, j)."""
        sums = self.value[groups].sum(axis=1)
        moved = self.value[groups[a]][None, :, None] - self.value[groups][:, None, :]
        here, there = sums[a] - moved, sums[:, None, None] + moved
        return np.asarray(
            (here >= self.low) & (here <= self.high) & (there >= self.low) & (there <= self.high)
        )


def _exchange(
    groups: NDArray[np.intp], free: NDArray[np.bool_], value: Array, kept: tuple[_Kept, ...] = ()
) -> None:
    """Exchange cells in place, until the groups' sums of `value` cannot be evened out further without undoing
    what is kept."""
    sums = value[groups].sum(axis=1)
    mean = sums.mean()
    scale = max(float((sums**2).mean()), NEXT_TO_NOTHING)
    waiting = list(np.argsort(-np.abs(sums - mean)))
    while waiting:
        a = int(waiting.pop(0))
        # From cell i of a to cell j of b: (b, i, j).
        delta = value[groups[a]][None, :, None] - value[groups][:, None, :]
        off_a, off_b = sums[a] - mean - delta, (sums - mean)[:, None, None] + delta
        gain = (sums[a] - mean) ** 2 + ((sums - mean) ** 2)[:, None, None] - off_a**2 - off_b**2
        allowed = free[a][None, :, None] & free[:, None, :]
        for other in kept:
            allowed = allowed & other.allows(groups, a)
        allowed[a] = False
        gain = np.where(allowed, gain, -np.inf)
        b, i, j = (int(k) for k in np.unravel_index(int(gain.argmax()), gain.shape))
        if gain[b, i, j] <= NEXT_TO_NOTHING * scale:
            continue
        groups[a, i], groups[b, j] = groups[b, j], groups[a, i]
        for at in (a, b):
            sums[at] = value[groups[at]].sum()
        # Whoever is farthest off now comes first; all are looked at again.
        waiting = list(np.argsort(-np.abs(sums - mean)))


def _bound(capacity: Array) -> float:
    """Least spread that any sorting of these cells (s, p) into groups has, A·s."""
    s, p = capacity.shape
    if s == 1:
        return 0.0
    order = np.sort(capacity.ravel())
    whole = float(order.sum())
    if p == 1:
        return float(order[-1] - order[0])
    # The group of the fullest cell holds at least so much, that of the emptiest at most.
    least_of_most = float(order[-1] + order[: p - 1].sum())
    most_of_least = float(order[0] + order[-(p - 1) :].sum())
    bound: float = max(
        least_of_most - (whole - least_of_most) / (s - 1),
        (whole - most_of_least) / (s - 1) - most_of_least,
        0.0,
    )
    counted = order / MAH_AS
    if np.abs(counted - np.round(counted)).max() < 1e-6 and round(whole / MAH_AS) % s:
        # Told in whole milliampere hours that do not divide by the groups.
        bound = max(bound, MAH_AS)
    return bound
