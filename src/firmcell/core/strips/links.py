"""Straight lines of neighbouring pads, and the runs along them that join one group."""

import itertools
from collections.abc import Iterable, Iterator, Mapping, Sequence
from math import atan2, cos, degrees, hypot, radians, sin

from firmcell.core.geometry.connected import DisjointSets, grown_parts
from firmcell.core.layout.cell_places import Layout


def is_straight(points: Sequence[tuple[float, float]], tolerance: float = 0.02) -> bool:
    """Whether points in order lie on one line; `tolerance` is how far aside for how far along.

    Parameters
    ----------
    points : sequence
        (x, y) in order, m.
    tolerance : float
        How far aside for how far along.

    Returns
    -------
    straight : bool

    Examples
    --------
    >>> is_straight([(0, 0), (1, 0), (2, 0)]), is_straight([(0, 0), (1, 0), (2, 1)])
    (True, False)
    """
    for a, b, c in zip(points, points[1:], points[2:], strict=False):
        first, second = (b[0] - a[0], b[1] - a[1]), (c[0] - b[0], c[1] - b[1])
        across = first[0] * second[1] - first[1] * second[0]
        along = first[0] * second[0] + first[1] * second[1]
        if along <= 0 or abs(across) > tolerance * along:
            return False
    return True


def direction_of(a: tuple[float, float], b: tuple[float, float]) -> int:
    """Direction of a line in whole degrees, 0 to 179, either way round.

    Parameters
    ----------
    a, b : tuple
        (x, y), m.

    Returns
    -------
    degrees : int
        0 to 179.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> direction_of((0, 0), (1, 1)), direction_of((1, 1), (0, 0))
    (45, 45)
    """
    return round(degrees(atan2(b[1] - a[1], b[0] - a[0]))) % 180


def spanning_runs(layout: Layout, pads: dict[int, tuple[float, float]]) -> list[list[int]]:
    """Return straight runs of cells that join all pads with as few pieces as a greedy choice finds.

    Parameters
    ----------
    layout : Layout
    pads : dict
        Pads of one group on one face by cell number, m.

    Notes
    -----
    Neighbours in one line make a run. The longest is laid first, then those that join most of what
    does not hang together yet, cut to the part that does. Parts with no neighbours between them are
    joined by a strip between their nearest pads, which the rules then speak of.
    """
    pairs = [(a, b) for a in pads for b in layout.adjacency[a] if a < b and b in pads]
    chains = [chain for _, chain in chains_of(pads, pairs)]
    parts = DisjointSets(pads)
    runs: list[list[int]] = []
    while chains:
        scored = []
        for chain in chains:
            useful = useful_part(parts, chain)
            if useful:
                scored.append((useful[2], -chain[0], chain[useful[0] : useful[1] + 1]))
        if not scored:
            break
        best = max(scored)[2]
        for a, b in itertools.pairwise(best):
            parts.join(a, b)
        runs.append(best)
        chains = [c for c in chains if len({parts.find(m) for m in c}) > 1]
    while len({parts.find(m) for m in pads}) > 1:
        a, b = nearest_of_other_part(parts, pads)
        parts.join(a, b)
        runs.append([a, b])
    return runs


def chains_of(
    pads: Mapping[int, tuple[float, float]], pairs: Iterable[tuple[int, int]]
) -> Iterator[tuple[int, list[int]]]:
    """Yield the straight lines of neighbouring pads, each in order along it, with its direction in degrees.

    Parameters
    ----------
    pads : mapping
        Places by number, m.
    pairs : iterable of tuple of int
        Neighbours.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> list(chains_of({1: (0, 0), 2: (1, 0), 3: (2, 0)}, [(1, 2), (2, 3)]))
    [(0, [1, 2, 3])]
    """
    edges: dict[int, dict[int, list[int]]] = {}
    for a, b in pairs:
        way = edges.setdefault(direction_of(pads[a], pads[b]), {})
        way.setdefault(a, []).append(b)
        way.setdefault(b, []).append(a)
    for degrees_, near in edges.items():
        c, s = cos(radians(degrees_)), sin(radians(degrees_))
        for line in grown_parts(near, near):
            yield degrees_, sorted(line, key=lambda m: pads[m][0] * c + pads[m][1] * s)


def useful_part(parts: DisjointSets, chain: Sequence[int]) -> tuple[int, int, int] | None:
    """Return the first and last place of the part of a line that joins something, and how much it joins.

    Parameters
    ----------
    parts : DisjointSets
        What hangs together so far.
    chain : sequence of int
        Pads in order along the line.

    Returns
    -------
    part : tuple of int, or None
        None where all of it hangs together already.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> parts = DisjointSets([1, 2, 3, 4])
    >>> parts.join(1, 2)
    True
    >>> useful_part(parts, [1, 2, 3])
    (1, 2, 1)
    """
    roots = [parts.find(m) for m in chain]
    joins = len(set(roots)) - 1
    if not joins:
        return None
    first, last = 0, len(chain) - 1
    while roots[first] in roots[first + 1 : last + 1]:
        first += 1
    while roots[last] in roots[first:last]:
        last -= 1
    return first, last, joins


def nearest_of_other_part(parts: DisjointSets, pads: Mapping[int, tuple[float, float]]) -> tuple[int, int]:
    """Return the two nearest pads that do not hang together yet.

    Parameters
    ----------
    parts : DisjointSets
        What hangs together so far.
    pads : mapping
        Places by number, m.

    Returns
    -------
    pair : tuple of int

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> nearest_of_other_part(DisjointSets([1, 2, 3]), {1: (0, 0), 2: (5, 0), 3: (2, 0)})
    (1, 3)
    """
    roots = {m: parts.find(m) for m in pads}
    return min(
        ((a, b) for a, b in itertools.combinations(sorted(pads), 2) if roots[a] != roots[b]),
        key=lambda ab: (hypot(pads[ab[0]][0] - pads[ab[1]][0], pads[ab[0]][1] - pads[ab[1]][1]), ab),
    )
