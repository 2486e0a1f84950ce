"""Groups as straight rows where there are any, then as two lines side by side: a beam search over disjoint
shapes.

Each shape is a set of places as the bits of a whole number, so that whether two overlap is one operation. A
way through the places is a chain of shapes, each touching the next with as many cells as it can.
"""

from collections.abc import Iterator, Sequence
from math import atan2, cos, degrees, radians, sin
from typing import NamedTuple

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.geometry.connected import grown_parts

MOST_PLACES = 1500
"""Beyond, the search would take longer than one waits for it."""
MOST_SHAPES = 4000
MOST_NEXT = 40
"""Shapes looked at after each, those that touch it with most cells."""
BEAM_WORK = 4_000_000
"""Ways kept after each group, times the square of the places: many where there are few places, so that it
takes about as long for all."""
MOST_LOOKED_AT = 4
"""Ways that are looked at for each one kept, whether they can be ended."""
LOOK_EVERY = 100
"""Ways carried on between two looks whether to stop."""
GIVEN = 6
"""Ways given at last, the best first."""
BENT = 3.0
"""Score lost for each line beyond the first that a group lies on: its strips change direction there."""
CLOSED_IN = 5.0
"""Score lost for each free place without a free one beside it: it can be in no group any more."""
UNEVEN = 3
"""By how many cells the two lines of a shape of more than `SMALL` may differ."""
SMALL = 6


class _Shape(NamedTuple):
    bits: int
    around: int
    places: tuple[int, ...]
    lines: int


class _Way(NamedTuple):
    score: float
    used: int
    shapes: tuple[int, ...]
    closed: float = 0.0


def lines_through(points: Array, near: list[list[int]]) -> list[list[list[int]]]:
    """Return for each direction of the lattice its lines: neighbours in a row, in order along it.

    Parameters
    ----------
    points : Array
        Places (n, 2), m.
    near : list of list of int
        Neighbours of each.

    Examples
    --------
    >>> lines_through(np.array([[0.0, 0.0], [1.0, 0.0], [2.0, 0.0]]), [[1], [0, 2], [1]])
    [[[0, 1, 2]]]
    """
    by_way: dict[int, dict[int, list[int]]] = {}
    for a, others in enumerate(near):
        for b in others:
            x, y = (points[b] - points[a]).tolist()
            by_way.setdefault(round(degrees(atan2(y, x))) % 180, {}).setdefault(a, []).append(b)
    found = []
    for way, beside in sorted(by_way.items()):
        along = points @ np.array([cos(radians(way)), sin(radians(way))])
        found.append(sorted(sorted(line, key=lambda m: along[m]) for line in grown_parts(beside, beside)))
    return found


class Rows:
    """Chains of groups of few lines through some places.

    Parameters
    ----------
    near : list of list of int
        Neighbours of each place.
    lines : list
        As `lines_through` gives.
    series, parallel : int
        Groups, and cells in each.
    worth : sequence of float
        Score of two groups of which so many cells touch the other group.
    """

    def __init__(
        self,
        near: list[list[int]],
        lines: list[list[list[int]]],
        series: int,
        parallel: int,
        worth: Sequence[float],
    ) -> None:
        self.series, self.parallel, self.n = series, parallel, len(near)
        self.masks = [_bits(others) for others in near]
        self.worth = worth
        self.beam = max(16, min(300, BEAM_WORK // max(self.n, 1) ** 2))
        every = {
            tuple(line[i : i + k])
            for way in lines
            for line in way
            for k in range(2, parallel + 1)
            for i in range(len(line) - k + 1)
        } | {(m,) for m in range(self.n)}
        self.segments: dict[int, list[tuple[int, ...]]] = {}
        for segment in sorted(every):
            self.segments.setdefault(len(segment), []).append(segment)

    def ways(self, straight: bool) -> Iterator[list[int] | None]:
        """Yield the group of each place, from 1, 0 where none is, the best way first; nothing where there is
        no way. `straight` leaves out shapes of two lines. None is yielded now and then while it looks, so
        that whoever reads may stop."""
        shapes = self._shapes(straight)
        rims = [[(1 << p, self.masks[p]) for p in _places(s.around)] for s in shapes]
        begun = [_Way(_closed(s.bits, rims[i]), s.bits, (i,)) for i, s in enumerate(shapes)]
        ways, after = self._kept(begun, shapes, 1), _After(shapes, self.n)
        for number in range(2, self.series + 1):
            offers: dict[tuple[int, int], _Way] = {}
            for at, way in enumerate(ways):
                if at % LOOK_EVERY == 0:
                    yield None
                for other, served in after.shapes(way.shapes[-1]):
                    shape = shapes[other]
                    if way.used & shape.bits:
                        continue
                    used = way.used | shape.bits
                    score = way.score + self.worth[served] - BENT * (shape.lines - 1)
                    known = offers.get((used, other))
                    if known is not None:
                        # Both close in the same places, so that the one that was better before stays it.
                        closed = known.closed
                        if score + closed <= known.score:
                            continue
                    else:
                        closed = _closed(used, rims[other])
                    offers[used, other] = _Way(score + closed, used, (*way.shapes, other), closed)
            yield None
            ways = self._kept(list(offers.values()), shapes, number)
        for way in ways[:GIVEN]:
            groups = [0] * self.n
            for group, number in enumerate(way.shapes, start=1):
                for place in shapes[number].places:
                    groups[place] = group
            yield groups

    def _shapes(self, straight: bool) -> list[_Shape]:
        found = {_bits(s): (s, 1) for s in self.segments.get(self.parallel, ())}
        least = self.parallel / 2 if not straight and self.parallel > 1 else self.parallel
        for length in range(self.parallel - 1, 0, -1):
            short = self.parallel - length
            if length < least or (self.parallel > SMALL and length - short > UNEVEN):
                continue
            others = [(_bits(s), s) for s in self.segments.get(short, ())]
            for long in self.segments.get(length, ()):
                bits = _bits(long)
                around = self._around(bits)
                for other, places in others:
                    if not other & ~around and bits | other not in found and len(found) < MOST_SHAPES:
                        found[bits | other] = (*long, *places), 2
        return [_Shape(bits, self._around(bits), places, lines) for bits, (places, lines) in found.items()]

    def _around(self, bits: int) -> int:
        """The places beside some others."""
        found = 0
        for place in _places(bits):
            found |= self.masks[place]
        return found & ~bits

    def _kept(self, offers: list[_Way], shapes: list[_Shape], number: int) -> list[_Way]:
        """The best of the ways so far that can still be ended."""
        kept: list[_Way] = []
        left = (self.series - number) * self.parallel
        for way in sorted(offers, key=lambda w: (-w.score, w.shapes))[: MOST_LOOKED_AT * self.beam]:
            if not left or self._can_hold(shapes[way.shapes[-1]].around & ~way.used, way.used, left):
                kept.append(way)
                if len(kept) == self.beam:
                    break
        return kept

    def _can_hold(self, beside: int, used: int, cells: int) -> bool:
        """Whether the free places that hang together with one of these hold so many cells: all groups to come
        lie in one piece, since each touches the next."""
        masks = self.masks
        while beside:
            part = front = beside & -beside
            while front:
                more = 0
                while front:
                    low = front & -front
                    more |= masks[low.bit_length() - 1]
                    front ^= low
                front = more & ~used & ~part
                part |= front
                if part.bit_count() >= cells:
                    return True
            beside &= ~part
        return False


class _After:
    """The shapes that may follow each, found when they are asked for."""

    def __init__(self, shapes: list[_Shape], places: int) -> None:
        self.known: dict[int, list[tuple[int, int]]] = {}
        self.all = shapes
        self.on: list[list[int]] = [[] for _ in range(places)]
        for number, shape in enumerate(shapes):
            for place in shape.places:
                self.on[place].append(number)

    def shapes(self, number: int) -> list[tuple[int, int]]:
        """Numbers of the shapes that touch one, with how many cells of the one that touches with fewer."""
        if number not in self.known:
            shape = self.all[number]
            beside = {other for place in _places(shape.around) for other in self.on[place]}
            touching = []
            for other in beside:
                it = self.all[other]
                if not it.bits & shape.bits:
                    served = min((it.bits & shape.around).bit_count(), (shape.bits & it.around).bit_count())
                    touching.append((-served, it.lines, other))
            self.known[number] = [(other, -less) for less, _, other in sorted(touching)[:MOST_NEXT]]
        return self.known[number]


def _closed(used: int, rim: list[tuple[int, int]]) -> float:
    """What is lost by the free places that a shape closes in; `rim` are the places round it, each as a bit
    with those of its neighbours."""
    free = ~used
    count = 0
    for bit, beside in rim:
        if free & bit and not beside & free:
            count += 1
    return -CLOSED_IN * count


def _bits(places: tuple[int, ...] | list[int]) -> int:
    return sum(1 << m for m in places)


def _places(bits: int) -> Iterator[int]:
    while bits:
        low = bits & -bits
        yield low.bit_length() - 1
        bits ^= low
