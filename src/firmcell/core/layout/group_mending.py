"""Healing torn groups: what hangs apart is passed on along a chain of groups."""

from collections.abc import Iterator, Sequence
from math import inf
from typing import TYPE_CHECKING

from firmcell.core.geometry.connected import connected_parts

if TYPE_CHECKING:
    from firmcell.core.layout.grouping import _Search


class Mending:
    """Healing torn groups: what hangs apart is passed on along a chain of groups."""

    def __init__(self, search: "_Search") -> None:
        self.search = search

    def healed(self, groups: Sequence[int]) -> list[int]:
        """Return `groups` with torn groups put together where that makes the whole better.

        Each cell of a lesser part goes to a neighbouring group, which gives one on, and so on, until
        the last gives one to the main part: a chain of moves no single swap could begin.
        """
        best, best_score = list(groups), self.search.score(groups)
        for _ in range(self.search.series):
            trials = [(self.search.score(trial), trial) for trial in self._mended(best)]
            score, mended = max(trials, default=(-inf, best))
            if score <= best_score:
                break
            best, best_score = mended, score
        return best

    def _mended(self, groups: list[int]) -> Iterator[list[int]]:
        """For each torn group and each of its parts: everything else of it moved there, where that can be
        done."""
        for group, members in enumerate(self.search._members(groups)):
            parts = connected_parts(members, self.search.near) if group else []
            for main in parts if len(parts) > 1 else []:
                trial, grown = list(groups), set(main)
                if all(
                    self.search.fixed[cell] < 0 and self._passed_on(trial, cell, group, grown)
                    for cell in members
                    if cell not in main
                ):
                    yield trial

    def _passed_on(self, groups: list[int], cell: int, group: int, main: set[int]) -> bool:
        """Give `cell` away and let the main part of its group grow by one at the other end of the chain."""
        way = self._chain_of_groups(groups, cell, group, main)
        if way is None:
            return False
        members = self.search._members(groups)
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
            if m == but or self.search.fixed[m] >= 0 or not any(j in target for j in self.search.near[m]):
                continue
            if giver == 0 or self.search._parts([x for x in members if x != m]) == 1:
                return m
        return None

    def _chain_of_groups(self, groups: list[int], cell: int, group: int, main: set[int]) -> list[int] | None:
        """Groups from one beside `cell` to one beside the main part, each beside the next; 0 are free
        places."""
        beside: dict[int, set[int]] = {}
        for i, j in self.search.places.pairs.tolist():
            for a, b in ((i, j), (j, i)):
                goal = -1 if b in main else groups[b]
                if groups[a] != group and goal != groups[a]:
                    beside.setdefault(groups[a], set()).add(goal)
        if any(g == 0 for g in groups):
            # A free place need not lie beside another: giving one up and taking another is one move.
            beside.setdefault(0, set())
        begin = [
            g
            for g in {groups[j] for j in self.search.near[cell]} | ({0} if 0 in beside else set())
            if g != group
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
