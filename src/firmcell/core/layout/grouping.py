"""Which cell belongs to which group: constructive starts along the lattice, then seeded annealing.

A layout is good when every group hangs together, consecutive groups touch at as many cells as
possible and at no fewer than they have cells, the poles come out where they are wanted, and every
tap can be reached from the edge. Groups are numbered in series from the negative end.
"""

import itertools
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from math import ceil, exp, inf, sqrt

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.geometry.connected import connected_parts, grown_parts

TORN = 2000.0
"""Score lost for each part that a group falls into beyond the first."""
UNLINKED = 600.0
"""Score lost where two consecutive groups do not touch at all."""
LINK, LINK_MORE, SHORT_OF = 10.0, 1.0, 5.0
"""Score of each cell with a link of its own, of each further pair, and lost by the square of those without."""
BURIED = 25.0
"""Score lost for a tap that has no cell at the edge."""
WAY = 6.0
"""Score lost for each pitch between a pole and where it is wanted."""
ROUGH = 1.5
"""Score of each pair of neighbours within a group, so that groups are compact and their strips few."""
TELL_EVERY = 400
"""Moves between two reports."""
LOOK_EVERY = 8
"""Constructed starts between two reports."""
BEST_STARTS = 3


@dataclass(frozen=True)
class PlacesToGroup:
    """Places to be given to groups.

    Attributes
    ----------
    points_m : centres (n, 2), m.
    pitch_m : distance of neighbours, m.
    pairs : neighbours, index pairs (k, 2).
    angle_rad : direction of the lattice's rows.
    fixed : for each place its group (from 1) if it must keep it, 0 if it must stay empty, −1 if free.
    """

    points_m: Array
    pitch_m: float
    pairs: NDArray[np.intp]
    angle_rad: float
    fixed: tuple[int, ...] = ()


@dataclass(frozen=True)
class Grouping:
    """One assignment.

    Attributes
    ----------
    groups : for each place its group from 1, or 0 where no cell stands.
    score : the higher the better; only comparable for the same places and counts.
    links : neighbour pairs between each two consecutive groups.
    served : of each two consecutive groups, how many cells of the one that has fewer touch the other.
    torn : groups (from 1) that do not hang together.
    """

    groups: tuple[int, ...]
    score: float
    links: tuple[int, ...]
    served: tuple[int, ...]
    torn: tuple[int, ...]

    @property
    def sound(self) -> bool:
        """Whether every group hangs together and touches the next."""
        return not self.torn and all(self.links)


@dataclass(frozen=True)
class Progress:
    """Where the search is: a fraction of the moves planned, and the best so far."""

    fraction: float
    best: Grouping


def pair_bound(parallel: int, staggered: bool) -> int:
    """Return the most neighbour pairs two connected groups of `parallel` cells can have between them.

    Both together are at most as close as the densest piece of the lattice: n cells have at most
    ⌊3n − √(12n − 3)⌋ neighbour pairs staggered (H. Harborth, 1974) and ⌊2n − 2√n⌋ square (F. Harary,
    H. Harborth, 1976), from memory; each group needs at least n − 1 of its own to hang together.
    """
    n = 2 * parallel
    most = 3 * n - ceil(sqrt(12 * n - 3) - 1e-9) if staggered else 2 * n - ceil(2 * sqrt(n) - 1e-9)
    return max(most - 2 * (parallel - 1), 1)


def links_bound(cells: int, neighbour_pairs: int, series: int, parallel: int, staggered: bool) -> int:
    """Return a number of links that all consecutive groups together cannot exceed.

    Of the neighbour pairs that exist, each group needs `parallel` − 1 to hang together.
    """
    own = series * (parallel - 1)
    return max(min(neighbour_pairs - own, (series - 1) * pair_bound(parallel, staggered)), 0)


def group_cells(
    places: PlacesToGroup,
    series: int,
    parallel: int,
    minus_at: tuple[float, float] | None = None,
    plus_at: tuple[float, float] | None = None,
    seed: int = 1,
    effort: float = 1.0,
    keep: Sequence[int] | None = None,
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

    Raises
    ------
    ValueError
        If there are fewer places than cells.
    """
    search = _Search(places, series, parallel, minus_at, plus_at, _Dice(seed))
    kept = [search.fitted(list(keep))] if keep is not None else []
    scored: dict[tuple[int, ...], float] = {}
    best: tuple[int, ...] = ()
    best_score = -inf
    # A tenth of the work is looking at constructed starts.
    for number, start in enumerate(itertools.chain(kept, search.starts())):
        key = tuple(start)
        if key in scored:
            continue
        scored[key] = search.score(start)
        if scored[key] > best_score:
            best, best_score = key, scored[key]
        if number % LOOK_EVERY == 0:
            yield Progress(0.0, search.result(best, best_score))
    if search.is_perfect(best):
        yield Progress(1.0, search.result(best, best_score))
        return
    for promising in sorted(scored, key=lambda s: -scored[s])[: 2 * BEST_STARTS]:
        mended = tuple(search.healed(promising))
        if mended == promising:
            continue
        scored[mended] = search.score(mended)
        if scored[mended] > best_score:
            best, best_score = mended, scored[mended]
        yield Progress(0.0, search.result(best, best_score))
    chosen = sorted(scored, key=lambda s: -scored[s])[:BEST_STARTS]
    moves = int(effort * min(12_000 + 50 * series * parallel, 60_000) / len(chosen))
    done = 0
    for promising in chosen:
        for groups, score in search.anneal(list(promising), max(moves, 1)):
            done += TELL_EVERY
            if score > best_score + 1e-9:
                best_score, best = score, tuple(groups)
            yield Progress(min(done / (max(moves, 1) * len(chosen)), 1.0), search.result(best, best_score))
        if search.is_perfect(best):
            break
    mended = tuple(search.healed(best))
    if (score := search.score(mended)) > best_score:
        best, best_score = mended, score
    yield Progress(1.0, search.result(best, best_score))


class _Dice:
    """Even numbers from 0 to 1, the same for the same seed; drawn in blocks, since one by one they are slow."""

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
        self.way = [self._ways(minus_at), self._ways(plus_at)]

    def _ways(self, at: tuple[float, float] | None) -> list[float] | None:
        if at is None:
            return None
        apart = np.hypot(*(self.places.points_m - np.array(at)).T) / self.places.pitch_m
        return [float(v) * WAY for v in apart - apart.min()]

    def _link_value(self, served: int) -> float:
        """What it is worth that so many cells of both groups have a link of their own."""
        return LINK * served - SHORT_OF * (self.parallel - served) ** 2 - (0 if served else UNLINKED)

    # -- constructing -----------------------------------------------------------------------------------

    def starts(self) -> Iterator[list[int]]:
        """Snakes through bands of every useful width, along every direction of the lattice, both ways round."""
        for order in self._orders():
            taken = [i for i in order if self.fixed[i] != 0][: self.series * self.parallel]
            groups = [0] * self.n
            for number, place in enumerate(taken):
                groups[place] = number // self.parallel + 1
            for candidate in (groups, [self.series + 1 - g if g else 0 for g in groups]):
                yield self.fitted(candidate) if self.places.fixed else candidate

    def _orders(self) -> Iterator[list[int]]:
        points, pitch = self.places.points_m, self.places.pitch_m
        six = max((len(v) for v in self.near), default=0) > 4
        step = np.pi / 6 if six else np.pi / 4
        for k in range(6 if six else 4):
            angle = self.places.angle_rad + k * step
            along = points @ np.array([np.cos(angle), np.sin(angle)])
            across = points @ np.array([-np.sin(angle), np.cos(angle)])
            across = across - across.min()
            width = float(across.max()) + pitch
            rows = max(1, round(width / pitch))
            counts = {
                1,
                2,
                3,
                4,
                rows,
                max(1, rows // 2),
                max(1, round(rows / self.parallel)),
                max(1, round(rows / sqrt(self.parallel))),
            }
            for bands in sorted(c for c in counts if c <= rows):
                for band in self._bands(along, across, width, bands):
                    forth = np.where(band % 2 == 0, along, -along)
                    # Within a column of the sweep, up and down in turn, so that a cut inside one stays
                    # together.
                    column = np.round((forth - forth.min()) / (pitch * (0.5 if six else 1.0)) + 1e-6)
                    zigzag = np.where(column % 2 == 0, across, -across)
                    yield np.lexsort((zigzag, column, band)).tolist()
                    yield np.lexsort((zigzag, forth.round(9), band)).tolist()

    def _bands(self, along: Array, across: Array, width: float, bands: int) -> Iterator[NDArray[np.intp]]:
        """The band of each place: of even width, of whole groups, of even counts, and of even parts of each column."""
        pitch = self.places.pitch_m

        def by_edges(edges: Array) -> NDArray[np.intp]:
            return np.searchsorted(edges, across + pitch * 1e-6, side="right")

        yield by_edges(np.arange(1, bands) * width / bands)
        # Bands of whole groups side by side, what is left over last.
        if width > self.parallel * pitch > 0:
            yield by_edges(np.arange(self.parallel, width / pitch, self.parallel) * pitch - pitch / 2 + 1e-9)
        if bands > 1:
            yield by_edges(np.quantile(across, np.arange(1, bands) / bands))
            # In an outline that narrows, every band runs its whole length, so that bands meet where one
            # turns.
            column = np.round((along - along.min()) / pitch + 1e-6).astype(int)
            order = np.lexsort((across, column))
            size = np.bincount(column)
            rank = np.empty(len(order), dtype=int)
            rank[order] = np.arange(len(order)) - (np.cumsum(size) - size)[column[order]]
            yield rank * bands // size[column]

    def fitted(self, groups: list[int]) -> list[int]:
        """Return `groups` with what is fixed put right and every group brought to its size."""
        groups = [f if f >= 0 else g for f, g in zip(self.fixed, groups, strict=True)]
        counts = [0] * (self.series + 1)
        for place, group in enumerate(groups):
            if group > self.series:
                groups[place] = 0
        for group in groups:
            counts[group] += 1
        for place in range(self.n):
            group = groups[place]
            if group and counts[group] > self.parallel and self.fixed[place] < 0:
                counts[group] -= 1
                groups[place] = 0
        spare = [i for i in range(self.n) if groups[i] == 0 and self.fixed[i] < 0]
        for group in range(1, self.series + 1):
            while counts[group] < self.parallel and spare:

                def far(i: int, group: int = group) -> tuple[bool, bool]:
                    around = [groups[j] for j in self.near[i]]
                    return (group not in around, group - 1 not in around)

                place = min(spare, key=far)
                spare.remove(place)
                groups[place] = group
                counts[group] += 1
        return groups

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
        total += ROUGH * sum(state.own) - sum(self._buried(k, members) for k in range(self.series + 1))
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
        return Grouping(tuple(groups), score, tuple(state.links[1 : self.series]), served, torn)

    def is_perfect(self, groups: Sequence[int]) -> bool:
        """Whether nothing that matters can get better: whole groups, a link for every cell, poles and taps in place."""
        state = _State(self, list(groups))
        members = state.members
        return (
            all(self._parts(members[g]) == 1 for g in range(1, self.series + 1))
            and all(state.served(k) >= self.parallel for k in range(1, self.series))
            and self._pole_ways(members) < WAY / 2
            and not any(self._buried(k, members) for k in range(self.series + 1))
        )

    # -- healing ----------------------------------------------------------------------------------------

    def healed(self, groups: Sequence[int]) -> list[int]:
        """Return `groups` with torn groups put together where that makes the whole better.

        Each cell of a lesser part goes to a neighbouring group, which gives one on, and so on, until
        the last gives one to the main part: a chain of moves no single swap could begin.
        """
        best, best_score = list(groups), self.score(groups)
        for _ in range(self.series):
            trials = [(self.score(trial), trial) for trial in self._mended(best)]
            score, mended = max(trials, default=(-inf, best))
            if score <= best_score:
                break
            best, best_score = mended, score
        return best

    def _mended(self, groups: list[int]) -> Iterator[list[int]]:
        """For each torn group and each of its parts: everything else of it moved there, where that can be done."""
        for group, members in enumerate(self._members(groups)):
            parts = connected_parts(members, self.near) if group else []
            for main in parts if len(parts) > 1 else []:
                trial, grown = list(groups), set(main)
                if all(
                    self.fixed[cell] < 0 and self._passed_on(trial, cell, group, grown)
                    for cell in members
                    if cell not in main
                ):
                    yield trial

    def _passed_on(self, groups: list[int], cell: int, group: int, main: set[int]) -> bool:
        """Give `cell` away and let the main part of its group grow by one at the other end of the chain."""
        way = self._chain_of_groups(groups, cell, group, main)
        if way is None:
            return False
        members = self._members(groups)
        groups[cell] = way[0]
        members[way[0]].append(cell)
        for giver, taker in zip(way, [*way[1:], group], strict=True):
            target = main if taker == group else set(members[taker])
            given = self._given(groups, members[giver], giver, target, cell)
            if given is None:
                return False
            groups[given] = taker
            members[giver].remove(given)
            members[taker].append(given)
            if taker == group:
                main.add(given)
        return True

    def _given(
        self, groups: list[int], members: list[int], giver: int, target: set[int], but: int
    ) -> int | None:
        """A place of `giver` beside `target` that it can spare without falling apart."""
        for m in members:
            if m == but or self.fixed[m] >= 0 or not any(j in target for j in self.near[m]):
                continue
            if giver == 0 or self._parts([x for x in members if x != m]) == 1:
                return m
        return None

    def _chain_of_groups(self, groups: list[int], cell: int, group: int, main: set[int]) -> list[int] | None:
        """Groups from one beside `cell` to one beside the main part, each beside the next; 0 are free places."""
        beside: dict[int, set[int]] = {}
        for i, j in self.places.pairs.tolist():
            for a, b in ((i, j), (j, i)):
                goal = -1 if b in main else groups[b]
                if groups[a] != group and goal != groups[a]:
                    beside.setdefault(groups[a], set()).add(goal)
        if any(g == 0 for g in groups):
            # A free place need not lie beside another: giving one up and taking another is one move.
            beside.setdefault(0, set())
        begin = [
            g for g in {groups[j] for j in self.near[cell]} | ({0} if 0 in beside else set()) if g != group
        ]
        back: dict[int, int | None] = dict.fromkeys(begin)
        queue = list(begin)
        while queue:
            at = queue.pop(0)
            if -1 in beside.get(at, ()):
                way = [at]
                while (before := back[way[-1]]) is not None:
                    way.append(before)
                return way[::-1]
            for other in sorted(beside.get(at, ())):
                if other not in back and other != group and other >= 0:
                    back[other] = at
                    queue.append(other)
        return None

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
                total += ROUGH * state.own[g] - TORN * state.parts[g]
        return total


class _State:
    """An assignment with its counts kept up to date, one place at a time.

    Attributes
    ----------
    links : neighbour pairs between groups k and k + 1.
    low, high : how many cells of group k touch group k + 1, and how many of k + 1 touch k.
    up, down : for each place how many neighbours are in the next and in the group before.
    own : neighbour pairs within each group.
    parts : how many parts each group is in; kept by whoever swaps.
    """

    def __init__(self, search: _Search, groups: list[int]) -> None:
        self.search, self.groups = search, groups
        n, series = search.n, search.series
        self.members: list[list[int]] = [[] for _ in range(series + 1)]
        self.links, self.low, self.high = ([0] * (series + 2) for _ in range(3))
        self.up, self.down, self.own = [0] * n, [0] * n, [0] * (series + 2)
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
            elif a == b:
                self.own[a] += 1
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
            if other == old:
                self.own[old] -= 1
            elif other == old - 1 and other:
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
            if other == new:
                self.own[new] += 1
            elif other == new - 1 and other:
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
