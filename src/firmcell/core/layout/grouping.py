"""Which cell belongs to which group: constructive starts along the lattice, then seeded annealing.

A layout is good when every group hangs together, consecutive groups touch at as many cells as
possible and at no fewer than they have cells, the poles come out where they are wanted, and every
tap can be reached from the edge. Groups are numbered in series from the negative end.
"""

import itertools
from collections.abc import Iterable, Iterator, Sequence
from math import exp

import numpy as np

from firmcell.core.geometry.connected import grown_parts
from firmcell.core.layout.group_mending import Mending
from firmcell.core.layout.group_rows import BENT, MOST_PLACES, Rows, lines_through
from firmcell.core.layout.group_starts import Starts
from firmcell.core.layout.grouping_problem import (
    BURIED,
    TORN,
    UNLINKED,
    WAY,
    Grouping,
    PlacesToGroup,
    Progress,
)

LINK, LINK_MORE, CROWDED = 10.0, 1.0, 15.0
"""Score of each cell with a link of its own, of each further pair, and lost by the square of the cells'
currents that each link carries beyond its own."""


TELL_EVERY = 400
"""Moves between two reports."""


LOOK_EVERY = 8
"""Constructed starts between two reports."""


BEST_STARTS = 3


def group_cells(
    places: PlacesToGroup,
    series: int,
    parallel: int,
    minus_at: tuple[float, float] | None = None,
    plus_at: tuple[float, float] | None = None,
    seed: int = 1,
    effort: float = 1.0,
    keep: Sequence[int] | None = None,
    rows: bool = True,
) -> Iterator[Progress]:
    """Yield better and better assignments of places to groups; stop reading to cancel.

    Parameters
    ----------
    places : PlacesToGroup
        At least `series` × `parallel` places.
    series, parallel : int
    minus_at, plus_at : tuple, optional
        Where the poles are wanted, m.
    seed : int
        The same seed gives the same result.
    effort : float
        Moves in proportion; 1 is meant for everyday use.
    keep : sequence of int, optional
        An assignment to begin with, beside the constructed ones.
    rows : bool
        Whether to look for straight rows; not again where `keep` comes from such a look.

    Raises
    ------
    ValueError
        If there are fewer places than cells.
    """
    search = _Search(places, series, parallel, minus_at, plus_at, _Dice(seed))
    kept = [search.starting.fitted(list(keep))] if keep is not None else []
    scored: dict[tuple[int, ...], float] = {}
    # A tenth of the work is looking at constructed starts.
    starts = itertools.chain(kept, search.starting.starts(), search.rows() if rows else ())
    yield from _look(search, starts, scored)
    best = max(scored, key=lambda s: scored[s])
    if search.is_perfect(best):
        yield Progress(1.0, search.result(best, scored[best]))
        return
    promising_ones = sorted(scored, key=lambda s: -scored[s])[: 2 * BEST_STARTS]
    yield from _look(search, map(search.mending.healed, promising_ones), scored)
    yield from _annealed(search, scored, int(effort * min(12_000 + 50 * series * parallel, 60_000)))


def _annealed(search: "_Search", scored: dict[tuple[int, ...], float], moves: int) -> Iterator[Progress]:
    """Better the best assignments by so many swaps in all, and heal what comes of it."""
    chosen = sorted(scored, key=lambda s: -scored[s])[:BEST_STARTS]
    best, best_score = chosen[0], scored[chosen[0]]
    each, done = max(moves // len(chosen), 1), 0
    for promising in chosen:
        for groups, score in search.anneal(list(promising), each):
            done += TELL_EVERY
            if score > best_score + 1e-9:
                best_score, best = score, tuple(groups)
            yield Progress(min(done / (each * len(chosen)), 1.0), search.result(best, best_score))
        if search.is_perfect(best):
            break
    mended = tuple(search.mending.healed(best))
    if (score := search.score(mended)) > best_score:
        best, best_score = mended, score
    yield Progress(1.0, search.result(best, best_score))


def _look(
    search: "_Search", starts: Iterable[Sequence[int] | None], scored: dict[tuple[int, ...], float]
) -> Iterator[Progress]:
    """Score assignments that were not scored yet, telling the best so far now and then, and at each None."""
    best = max(scored, key=lambda s: scored[s], default=())
    for number, start in enumerate(starts):
        if start is None:
            if best:
                yield Progress(0.0, search.result(best, scored[best]))
            continue
        key = tuple(start)
        if key not in scored:
            scored[key] = search.score(list(start))
            if not best or scored[key] > scored[best]:
                best = key
        if number % LOOK_EVERY == 0:
            yield Progress(0.0, search.result(best, scored[best]))


class _Dice:
    """Even numbers from 0 to 1, the same for the same seed; drawn in blocks, since one by one they are
    slow."""

    def __init__(self, seed: int) -> None:
        self._source = np.random.default_rng(seed)
        self._drawn: list[float] = []

    def random(self) -> float:
        """The next number."""
        if not self._drawn:
            self._drawn = self._source.random(4096).tolist()
        return self._drawn.pop()


class _Search:
    def __init__(
        self,
        places: PlacesToGroup,
        series: int,
        parallel: int,
        minus_at: tuple[float, float] | None,
        plus_at: tuple[float, float] | None,
        dice: "_Dice",
    ) -> None:
        self.starting, self.mending = Starts(self), Mending(self)
        self.places, self.series, self.parallel, self.dice = places, series, parallel, dice
        self.n = len(places.points_m)
        if self.n < series * parallel:
            raise ValueError(f"{self.n} places are too few for {series * parallel} cells")
        self.fixed = list(places.fixed) or [-1] * self.n
        self.near: list[list[int]] = [[] for _ in range(self.n)]
        self.pair_list: list[tuple[int, int]] = [(i, j) for i, j in places.pairs.tolist()]
        for i, j in self.pair_list:
            self.near[i].append(j)
            self.near[j].append(i)
        most = max((len(v) for v in self.near), default=0)
        full = 6 if most > 4 else 4
        self.at_edge = [len(v) < full for v in self.near]
        self.value = [self._link_value(k) for k in range(parallel + 1)]
        self._last: Grouping | None = None
        self.lines = lines_through(places.points_m, self.near)
        self._line_of = [self._numbered(lines) for lines in self.lines]
        self.way = [self._ways(minus_at), self._ways(plus_at)]

    def _numbered(self, lines: list[list[int]]) -> list[int]:
        """The line that each place lies on; one by itself where it lies on none of this direction."""
        found = list(range(-1, -self.n - 1, -1))
        for number, line in enumerate(lines):
            for place in line:
                found[place] = number
        return found

    def _bends(self, members: Sequence[int]) -> int:
        """How many lines a group lies on beyond the first, along the direction that needs fewest."""
        return min((len({of[m] for m in members}) for of in self._line_of), default=1) - 1

    def _ways(self, at: tuple[float, float] | None) -> list[float] | None:
        if at is None:
            return None
        apart = np.hypot(*(self.places.points_m - np.array(at)).T) / self.places.pitch_m
        return [float(v) * WAY for v in apart - apart.min()]

    def _link_value(self, served: int) -> float:
        """What it is worth that so many cells of both groups have a link of their own."""
        if not served:
            return -UNLINKED
        return LINK * served - CROWDED * (self.parallel / served - 1) ** 2

    # -- constructing -----------------------------------------------------------------------------------

    def rows(self) -> Iterator[list[int] | None]:
        """Groups of one line, or where there is no way of such of one or two, from either pole; None while it
        looks."""
        if self.places.fixed or self.parallel == 1 or self.n > MOST_PLACES:
            return
        rows = Rows(self.near, self.lines, self.series, self.parallel, self.value)
        for straight in (True, False):
            perfect = False
            for groups in rows.ways(straight):
                yield groups
                if groups is not None:
                    yield [self.series + 1 - g if g else 0 for g in groups]
                    perfect = perfect or self.is_perfect(groups)
            if perfect:
                return

    # -- judging ----------------------------------------------------------------------------------------

    def _parts(self, members: Sequence[int]) -> int:
        """How many parts a group falls into."""
        return sum(1 for _ in grown_parts(members, self.near))

    def _members(self, groups: Sequence[int]) -> list[list[int]]:
        members: list[list[int]] = [[] for _ in range(self.series + 1)]
        for place, group in enumerate(groups):
            members[group].append(place)
        return members

    def score(self, groups: Sequence[int]) -> float:
        """The score of a whole assignment."""
        state = _State(self, list(groups))
        members = state.members
        total = sum(state.worth(k) for k in range(1, self.series))
        for group in range(1, self.series + 1):
            total -= TORN * (self._parts(members[group]) - 1)
        total -= BENT * sum(self._bends(group) for group in members[1:])
        total -= sum(self._buried(k, members) for k in range(self.series + 1))
        return total - self._pole_ways(members)

    def _buried(self, node: int, members: list[list[int]]) -> float:
        here = (members[node] if node else []) + (members[node + 1] if node < self.series else [])
        return 0.0 if any(self.at_edge[i] for i in here) else BURIED

    def _pole_ways(self, members: list[list[int]]) -> float:
        total = 0.0
        for way, group in zip(self.way, (1, self.series), strict=True):
            if way is not None and members[group]:
                total += min(way[i] for i in members[group])
        return total

    def result(self, groups: Sequence[int], score: float) -> Grouping:
        """An assignment with what is to be known of it; the last one is kept, most questions are about it."""
        if self._last is None or self._last.groups != tuple(groups):
            self._last = self._told(groups, score)
        return self._last

    def _told(self, groups: Sequence[int], score: float) -> Grouping:
        members = self._members(groups)
        torn = tuple(g for g in range(1, self.series + 1) if self._parts(members[g]) != 1)
        state = _State(self, list(groups))
        served = tuple(state.served(k) for k in range(1, self.series))
        bends = sum(self._bends(group) for group in members[1:])
        return Grouping(tuple(groups), score, tuple(state.links[1 : self.series]), served, torn, bends)

    def is_perfect(self, groups: Sequence[int]) -> bool:
        """Whether nothing that matters can get better: whole groups, a link for every cell, poles and taps in
        place."""
        state = _State(self, list(groups))
        members = state.members
        return (
            all(self._parts(members[g]) == 1 for g in range(1, self.series + 1))
            and all(state.served(k) >= self.parallel for k in range(1, self.series))
            and self._pole_ways(members) < WAY / 2
            and not any(self._buried(k, members) for k in range(self.series + 1))
        )

    # -- healing ----------------------------------------------------------------------------------------

    # -- bettering --------------------------------------------------------------------------------------

    def anneal(self, groups: list[int], moves: int) -> Iterator[tuple[list[int], float]]:
        """Swap places along the borders of groups; yields the best so far every `TELL_EVERY` moves."""
        score = self.score(groups)
        state = _State(self, groups)
        state.parts = [0, *(self._parts(m) for m in state.members[1:])]
        best, best_score = list(groups), score
        dice, near, fixed = self.dice, self.near, self.fixed
        hot, cold = 30.0, 0.5
        for move in range(moves):
            if move and move % TELL_EVERY == 0:
                yield best, best_score
            u = int(dice.random() * self.n)
            if fixed[u] >= 0 or not near[u]:
                continue
            v = near[u][int(dice.random() * len(near[u]))]
            a, b = groups[u], groups[v]
            if a == b:
                continue
            w = self._partner(state, u, a, b)
            if w is None:
                continue
            before = self._local(state, a, b)
            kept = state.parts[a], state.parts[b]
            state.swap(u, w)
            # The free places, group 0, need not hang together.
            for g in (a, b):
                state.parts[g] = self._parts(state.members[g]) if g else 0
            gain = self._local(state, a, b) - before
            heat = hot * (cold / hot) ** (move / moves)
            if gain >= 0 or dice.random() < exp(gain / heat):
                score += gain
                if score > best_score + 1e-9:
                    best, best_score = list(groups), score
            else:
                state.swap(u, w)
                state.parts[a], state.parts[b] = kept
        yield best, best_score

    def _partner(self, state: "_State", u: int, a: int, b: int) -> int | None:
        """A place of group b to give to a for u: one that touches a elsewhere, if a is a group."""
        groups, members = state.groups, state.members
        pool = members[b] if b else [j for m in members[a] for j in self.near[m] if groups[j] == 0]
        for _ in range(6):
            if not pool:
                return None
            w = pool[int(self.dice.random() * len(pool))]
            if (
                w != u
                and self.fixed[w] < 0
                and (a == 0 or any(groups[j] == a and j != u for j in self.near[w]) or self.parallel == 1)
            ):
                return w
        return None

    def _local(self, state: "_State", a: int, b: int) -> float:
        """The part of the score that a swap between groups a and b can change."""
        members, series = state.members, self.series
        total = -self._pole_ways(members)
        for k in {g + d for g in (a, b) if g for d in (-1, 0)}:
            if 0 < k < series:
                total += state.worth(k)
            total -= self._buried(k, members)
        for g in (a, b):
            if g:
                total -= BENT * self._bends(members[g]) + TORN * state.parts[g]
        return total


class _State:
    """An assignment with its counts kept up to date, one place at a time.

    Attributes
    ----------
    links : neighbour pairs between groups k and k + 1.
    low, high : how many cells of group k touch group k + 1, and how many of k + 1 touch k.
    up, down : for each place how many neighbours are in the next and in the group before.
    parts : how many parts each group is in; kept by whoever swaps.
    """

    def __init__(self, search: _Search, groups: list[int]) -> None:
        self.search, self.groups = search, groups
        n, series = search.n, search.series
        self.members: list[list[int]] = [[] for _ in range(series + 1)]
        self.links, self.low, self.high = ([0] * (series + 2) for _ in range(3))
        self.up, self.down = [0] * n, [0] * n
        for place, group in enumerate(groups):
            self.members[group].append(place)
        for i, j in search.pair_list:
            a, b = groups[i], groups[j]
            if not a or not b:
                continue
            if a > b:
                i, j, a, b = j, i, b, a
            if b - a == 1:
                self.links[a] += 1
                self.low[a] += not self.up[i]
                self.high[a] += not self.down[j]
                self.up[i] += 1
                self.down[j] += 1
        self.parts = [0] * (series + 1)

    def served(self, k: int) -> int:
        """How many cells of groups k and k + 1 have a link of their own at most, by the lesser group."""
        return min(self.low[k], self.high[k])

    def worth(self, k: int) -> float:
        """The score of what lies between groups k and k + 1."""
        served = min(self.low[k], self.high[k], self.search.parallel)
        return self.search.value[served] + LINK_MORE * (self.links[k] - served)

    def swap(self, u: int, w: int) -> None:
        """Exchange the groups of two places."""
        a, b = self.groups[u], self.groups[w]
        self._take(u, a)
        self._put(u, b)
        self._take(w, b)
        self._put(w, a)

    def _take(self, place: int, old: int) -> None:
        self.members[old].remove(place)
        self.groups[place] = 0
        if not old:
            return
        self.low[old] -= self.up[place] > 0
        self.high[old - 1] -= self.down[place] > 0
        self.links[old] -= self.up[place]
        self.links[old - 1] -= self.down[place]
        self.up[place] = self.down[place] = 0
        for j in self.search.near[place]:
            other = self.groups[j]
            if other == old - 1 and other:
                self.up[j] -= 1
                self.low[other] -= not self.up[j]
            elif other == old + 1:
                self.down[j] -= 1
                self.high[old] -= not self.down[j]

    def _put(self, place: int, new: int) -> None:
        self.members[new].append(place)
        self.groups[place] = new
        if not new:
            return
        for j in self.search.near[place]:
            other = self.groups[j]
            if other == new - 1 and other:
                self.low[other] += not self.up[j]
                self.up[j] += 1
                self.down[place] += 1
            elif other == new + 1:
                self.high[new] += not self.down[j]
                self.down[j] += 1
                self.up[place] += 1
        self.low[new] += self.up[place] > 0
        self.high[new - 1] += self.down[place] > 0
        self.links[new] += self.up[place]
        self.links[new - 1] += self.down[place]
