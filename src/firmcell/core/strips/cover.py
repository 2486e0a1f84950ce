"""The fewest straight strips that join the pads of one tap point, with a link to the next group for every
cell that can have one.

What is better, in this order: cells without a link of their own; pads with more than two strips on them; a
span that carries the current of too many cells; pieces; welds; directions. docs/layout-objective.md says
why.
"""

from collections import Counter
from collections.abc import Iterable, Iterator, Mapping
from functools import lru_cache
from itertools import pairwise
from math import hypot
from typing import NamedTuple

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.geometry.connected import DisjointSets
from firmcell.core.strips.links import chains_of, direction_of, nearest_of_other_part, useful_part

MOST_ON_A_PAD = 2
"""Strips that lie on one pad; more do not weld through. Common practice, no source."""
EVEN_SHARE = 1.5
"""A span that carries more cells' current than this gets help from strips beside it, where there can be
any: strip is chosen for about one. Engineering judgement."""
WAYS_TRIED = 3
"""Directions that the links are tried along, the one with most of them first."""
MOST_HELP = 12
"""Strips or pads added at most to relieve a span."""
A_PIECE = 10
"""Pads of an extension that are worth one piece more; engineering judgement."""
Pads = Mapping[int, tuple[float, float]]

LEAST_SPAN_M = 1e-4
"""No span is taken to be shorter, m."""


class _Strip(NamedTuple):
    """A part of a line, from its place `low` to its place `high`."""

    line: int
    low: int
    high: int


class _Node(NamedTuple):
    """The pads of a tap point, with what strips may lie on them.

    Attributes
    ----------
    ours : whether a pad is of the first group.
    across : for each pad the pads of the other group beside it.
    lines : every straight line of neighbouring pads.
    ways : direction of each line, degrees.
    """

    at: tuple[tuple[float, float], ...]
    ours: tuple[bool, ...]
    across: tuple[frozenset[int], ...]
    lines: list[tuple[int, ...]]
    ways: list[int]

    def pads(self, strip: _Strip) -> tuple[int, ...]:
        """The pads that a strip is joined to, in order."""
        return self.lines[strip.line][strip.low : strip.high + 1]

    def spans(self, strips: Iterable[_Strip]) -> Iterator[tuple[int, int]]:
        """Every two pads between which a strip runs straight."""
        return (span for strip in strips for span in pairwise(self.pads(strip)))

    def linked(self, strips: Iterable[_Strip]) -> set[int]:
        """Pads with a strip to the other group on them."""
        return {m for a, b in self.spans(strips) if b in self.across[a] for m in (a, b)}

    def on(self, strips: Iterable[_Strip]) -> Counter[int]:
        """How many strips lie on each pad."""
        return Counter(m for strip in strips for m in self.pads(strip))

    def parts(self, strips: Iterable[_Strip]) -> DisjointSets:
        """What hangs together."""
        parts = DisjointSets(range(len(self.at)))
        for a, b in self.spans(strips):
            parts.join(a, b)
        return parts

    def is_whole(self, strips: Iterable[_Strip]) -> bool:
        """Whether all pads hang together."""
        parts = self.parts(strips)
        return len({parts.find(m) for m in range(len(self.at))}) == 1

    def metres(self, a: int, b: int) -> float:
        """Between two pads, m; a little even where a hand put both into one place."""
        return max(hypot(self.at[a][0] - self.at[b][0], self.at[a][1] - self.at[b][1]), LEAST_SPAN_M)


def fewest_strips(
    pads: Pads, first: Iterable[int], near: Mapping[int, Iterable[int]]
) -> tuple[tuple[int, ...], ...]:
    """Return straight strips that join all pads of a tap point between two groups.

    Parameters
    ----------
    pads : mapping
        Place of each pad by the number of its cell, m.
    first : iterable of int
        Cells of the one group; the rest are of the other.
    near : mapping
        For each cell its neighbours, of whatever group.

    Returns
    -------
    pieces : tuple of tuple of int
        Cells that each strip is joined to, in order along it.

    Notes
    -----
    Lines along each direction that has links are laid first, cut to their links or whole, then what still
    lacks a link, then what does not hang together; then every strip that is not needed goes, and every end
    of one that is not; then spans with too much to carry get help. Of the ways tried the best is kept. Not
    exact: tests hold it against an integer program.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    Two rows of three: three links and one strip along a row.

    >>> rows = {n: (0.02 * (n % 3), 0.02 * (n // 3)) for n in range(6)}
    >>> beside = {0: [1, 3], 1: [0, 2, 4], 2: [1, 5], 3: [0, 4], 4: [1, 3, 5], 5: [2, 4]}
    >>> sorted(map(len, fewest_strips(rows, [0, 1, 2], beside)))
    [2, 2, 2, 3]
    """
    ours = frozenset(first)
    numbers = sorted(pads)
    # The same pads elsewhere get the same strips: a pattern is thought about once.
    index = {m: n for n, m in enumerate(numbers)}
    x0, y0 = min(x for x, _ in pads.values()), min(y for _, y in pads.values())
    places = tuple((round(pads[m][0] - x0, 7), round(pads[m][1] - y0, 7)) for m in numbers)
    pairs = tuple((n, index[o]) for n, m in enumerate(numbers) for o in near[m] if o in index and m < o)
    found = _fewest(places, tuple(m in ours for m in numbers), pairs)
    return tuple(tuple(numbers[n] for n in piece) for piece in found)


@lru_cache(maxsize=512)
def _fewest(
    places: tuple[tuple[float, float], ...], ours: tuple[bool, ...], pairs: tuple[tuple[int, int], ...]
) -> tuple[tuple[int, ...], ...]:
    across: list[set[int]] = [set() for _ in places]
    for a, b in pairs:
        if ours[a] != ours[b]:
            across[a].add(b)
            across[b].add(a)
    lines = list(chains_of(dict(enumerate(places)), pairs))
    node = _Node(
        places, ours, tuple(map(frozenset, across)), [tuple(line) for _, line in lines], [w for w, _ in lines]
    )
    links = Counter(
        direction_of(places[a], places[b]) for a, others in enumerate(across) for b in others if a < b
    )
    tried = [
        _finished(node, _along(node, way, whole), way)
        for way, _ in links.most_common(WAYS_TRIED)
        for whole in (False, True)
    ]
    best = min(tried, key=lambda strips: _cost(node, strips))
    return tuple(node.pads(strip) for strip in best)


def _along(node: _Node, way: int, whole: bool) -> list[_Strip]:
    """The lines of one direction with a link in them, from their first link to their last, or from end to
    end."""
    found = []
    for number, line in enumerate(node.lines):
        linked = [n for n, (a, b) in enumerate(pairwise(line)) if b in node.across[a]]
        if node.ways[number] == way and linked:
            ends = (0, len(line) - 1) if whole else (linked[0], linked[-1] + 1)
            found.append(_Strip(number, *ends))
    return found


def _finished(node: _Node, strips: list[_Strip], way: int) -> list[_Strip]:
    """The strips with those that are missing, without those that are not needed."""
    strips = _all_joined(node, _all_linked(node, strips), way)
    return _relieved(node, _in_one(_trimmed(node, _without_needless(node, strips))))


def _all_linked(node: _Node, strips: list[_Strip]) -> list[_Strip]:
    """With a link more for each pad that could have one and has none."""
    links = {}
    for number, line in enumerate(node.lines):
        for n, (a, b) in enumerate(pairwise(line)):
            if b in node.across[a]:
                links[a, b] = links[b, a] = _Strip(number, n, n + 1)
    linked, on = node.linked(strips), node.on(strips)
    while lacking := {a for a, _ in links} - linked:
        # First where two get a link by one strip, then where few lie already.
        a, b = min(
            ((a, b) for a, b in links if a in lacking),
            key=lambda ab: (ab[1] in linked, max(on[ab[0]], on[ab[1]]), ab),
        )
        strips.append(links[a, b])
        linked |= {a, b}
        on.update((a, b))
    return strips


def _all_joined(node: _Node, strips: list[_Strip], way: int) -> list[_Strip]:
    """With strips more until all pads hang together: the one that joins most parts first, where few lie
    already, and not along the links if it can be."""
    parts, on = node.parts(strips), node.on(strips)
    left = set(range(len(node.lines)))
    while left:
        offers = []
        for number in left:
            useful = useful_part(parts, node.lines[number])
            if useful is not None:
                strip = _Strip(number, *useful[:2])
                full = sum(on[m] >= MOST_ON_A_PAD for m in node.pads(strip))
                size = strip.low - strip.high
                offers.append((useful[2] - full, node.ways[number] != way, size, -number, strip))
        if not offers:
            break
        strip = max(offers)[-1]
        for a, b in node.spans([strip]):
            parts.join(a, b)
        strips.append(strip)
        on.update(node.pads(strip))
        left = {n for n in left if len({parts.find(m) for m in node.lines[n]}) > 1}
    while len({parts.find(m) for m in range(len(node.at))}) > 1:
        # Over a gap; the rules speak of it.
        a, b = nearest_of_other_part(parts, dict(enumerate(node.at)))
        parts.join(a, b)
        node.lines.append((a, b))
        node.ways.append(direction_of(node.at[a], node.at[b]))
        strips.append(_Strip(len(node.lines) - 1, 0, 1))
    return strips


def _does_as_well(node: _Node, fewer: list[_Strip], strips: list[_Strip]) -> bool:
    return node.linked(fewer) >= node.linked(strips) and node.is_whole(fewer)


def _without_needless(node: _Node, strips: list[_Strip]) -> list[_Strip]:
    for strip in sorted(strips, key=lambda s: (s.high - s.low, s)):
        fewer = [s for s in strips if s is not strip]
        if _does_as_well(node, fewer, strips):
            strips = fewer
    return strips


def _trimmed(node: _Node, strips: list[_Strip]) -> list[_Strip]:
    """Without the ends that are joined and linked by other strips as well."""
    for number, strip in enumerate(strips):
        for cut in ((1, 0), (0, -1)):
            while strip.high - strip.low > 1:
                shorter = _Strip(strip.line, strip.low + cut[0], strip.high + cut[1])
                trial = [*strips[:number], shorter, *strips[number + 1 :]]
                if not _does_as_well(node, trial, strips):
                    break
                strips, strip = trial, shorter
    return strips


def _in_one(strips: list[_Strip]) -> list[_Strip]:
    """With strips that go on in the line of another made one piece with it."""
    found: list[_Strip] = []
    for strip in sorted(strips):
        last = found[-1] if found else None
        if last is not None and last.line == strip.line and strip.low <= last.high:
            found[-1] = _Strip(last.line, last.low, max(last.high, strip.high))
        else:
            found.append(strip)
    return found


# -- current ------------------------------------------------------------------------------------------------


class _Flow:
    """What each span carries, in cells' currents, when every cell gives the same and strip is alike all over.

    Attributes
    ----------
    spans : pads of each span, shape (k, 2).
    volts : of each pad against the first, with strip of 1 Ω/m.
    loads : of each span.
    """

    def __init__(self, node: _Node, strips: list[_Strip]) -> None:
        self.node, count = node, len(node.at)
        self.spans = np.array(list(node.spans(strips)))
        self.conducts = np.array([1 / node.metres(a, b) for a, b in self.spans.tolist()])
        between = np.zeros((count, count))
        np.add.at(between, (self.spans[:, 0], self.spans[:, 1]), self.conducts)
        between = between + between.T
        ours = np.array(node.ours)
        # Every cell of the first group puts one cell's current in; those of the other take it up alike.
        given = np.where(ours, 1.0, -ours.sum() / (~ours).sum())
        self._inverse = np.zeros((count, count))
        self._inverse[1:, 1:] = np.linalg.inv((np.diag(between.sum(axis=1)) - between)[1:, 1:])
        self.volts = self._inverse @ given
        self.loads = self._carried(self.volts)

    def _carried(self, volts: Array) -> Array:
        return np.asarray(np.abs(volts[self.spans[:, 0]] - volts[self.spans[:, 1]]) * self.conducts)

    @property
    def worst(self) -> tuple[int, int]:
        """The span that carries most."""
        a, b = self.spans[int(self.loads.argmax())].tolist()
        return a, b

    def load_with(self, a: int, b: int) -> float:
        """What the most loaded span carries with a strip more between two pads: a change of rank one."""
        conducts = 1 / self.node.metres(a, b)
        pulled = self._inverse[:, a] - self._inverse[:, b]
        carried = conducts * (self.volts[a] - self.volts[b]) / (1 + conducts * (pulled[a] - pulled[b]))
        after = self._carried(self.volts - pulled * carried)
        return max(float(after.max()), abs(float(carried)))


def worst_load(pads: Pads, first: Iterable[int], pieces: Iterable[tuple[int, ...]]) -> float:
    """Return what the most loaded span of the strips of a tap point carries, in cells' currents.

    Parameters
    ----------
    pads : mapping
        Place of each pad by the number of its cell, m.
    first : iterable of int
        Cells of the one group, each of which puts one cell's current in.
    pieces : iterable of tuple of int
        Cells that each strip is joined to; together they join all pads.

    Returns
    -------
    load : float

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    Two cells that reach the other group through one link:

    >>> worst_load({1: (0, 0), 2: (0, 1), 3: (1, 0), 4: (1, 1)}, [1, 2], [(1, 2), (1, 3), (3, 4)])
    2.0
    """
    numbers, ours = sorted(pads), frozenset(first)
    index = {m: n for n, m in enumerate(numbers)}
    lines = [tuple(index[m] for m in piece) for piece in pieces]
    node = _Node(
        tuple(pads[m] for m in numbers), tuple(m in ours for m in numbers), (), lines, [0] * len(lines)
    )
    return round(
        float(_Flow(node, [_Strip(n, 0, len(line) - 1) for n, line in enumerate(lines)]).loads.max()), 9
    )


def _relieved(node: _Node, strips: list[_Strip]) -> list[_Strip]:
    """With strips longer or more, one at a time, as long as the most loaded span has too much and that
    helps."""
    for _ in range(MOST_HELP):
        flow = _Flow(node, strips)
        load = float(flow.loads.max())
        if load <= EVEN_SHARE:
            break
        helps = list(_helps(node, strips, flow.worst))
        offers = [
            (max(after, EVEN_SHARE), price, number)
            for number, (price, (a, b), _) in enumerate(helps)
            if (after := flow.load_with(a, b)) < load - 0.05
        ]
        if not offers:
            break
        strips = helps[min(offers)[-1]][-1]
    return strips


def _helps(
    node: _Node, strips: list[_Strip], worst: tuple[int, int]
) -> Iterator[tuple[int, tuple[int, int], list[_Strip]]]:
    """What may be laid near the most loaded span, one strip longer by a pad or one of two pads more: what it
    costs, the span that it adds, and all strips then."""
    on = node.on(strips)
    here = {m for line in node.lines for a, b in pairwise(line) if {a, b} & set(worst) for m in (a, b)}
    free = {m for m in range(len(node.at)) if on[m] < MOST_ON_A_PAD}
    for number, strip in enumerate(strips):
        line = node.lines[strip.line]
        for low, high, end, more in (
            (strip.low - 1, strip.high, strip.low, strip.low - 1),
            (strip.low, strip.high + 1, strip.high, strip.high + 1),
        ):
            if 0 <= more < len(line) and line[more] in free and here & {line[end], line[more]}:
                longer = [*strips[:number], _Strip(strip.line, low, high), *strips[number + 1 :]]
                yield 1, (line[end], line[more]), longer
    present = set(node.spans(strips))
    for number, line in enumerate(node.lines):
        for n, (a, b) in enumerate(pairwise(line)):
            if a in free and b in free and here & {a, b} and (a, b) not in present:
                yield A_PIECE, (a, b), [*strips, _Strip(number, n, n + 1)]


def _cost(node: _Node, strips: list[_Strip]) -> tuple[float, ...]:
    linked, on = node.linked(strips), node.on(strips)
    load = float(_Flow(node, strips).loads.max())
    return (
        sum(bool(others) and m not in linked for m, others in enumerate(node.across)),
        sum(max(n - MOST_ON_A_PAD, 0) for n in on.values()),
        round(max(load, EVEN_SHARE), 1),
        len(strips),
        sum(on.values()),
        len({node.ways[strip.line] for strip in strips}),
    )
