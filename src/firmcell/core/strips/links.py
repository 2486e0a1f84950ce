"""Direct links between two groups, and the straight runs that join one group."""

import itertools
from collections import Counter
from collections.abc import Iterator, Sequence
from math import atan2, cos, degrees, hypot, radians, sin

from firmcell.core.geometry.connected import DisjointSets, grown_parts
from firmcell.core.layout.cell_places import CellPlace, Layout


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


def link_matching(
    layout: Layout, first: tuple[CellPlace, ...], second: tuple[CellPlace, ...]
) -> list[tuple[int, int]]:
    """Return direct links from plus of `first` to minus of `second` (cell numbers), one for every cell that
    can have one.

    First the largest set with each cell in at most one; of equally many, links along the direction most
    pairs have, so that the strips lie parallel. Then each cell left over that touches the other group
    gets a link to the one there that has fewest.
    """
    theirs = {c.number: c for c in second}
    pads = {c.number: layout.pad(c, True) for c in first} | {
        n: layout.pad(c, False) for n, c in theirs.items()
    }
    choices = {c.number: [n for n in layout.adjacency[c.number] if n in theirs] for c in first}
    directions = Counter(direction_of(pads[i], pads[j]) for i, found in choices.items() for j in found)
    for i, found in choices.items():
        found.sort(key=lambda j, i=i: (-directions[direction_of(pads[i], pads[j])], j))  # type: ignore[misc]
    taken: dict[int, int] = {}

    def place(i: int, tried: set[int]) -> bool:
        for j in choices[i]:
            if j not in tried:
                tried.add(j)
                if j not in taken or place(taken[j], tried):
                    taken[j] = i
                    return True
        return False

    # Cells with one choice only go first, so that most get the direction they like.
    for cell in sorted(first, key=lambda c: (len(choices[c.number]), c.number)):
        place(cell.number, set())
    links = {(i, j) for j, i in taken.items()}
    used = Counter(n for link in links for n in link)
    for i, found in choices.items():
        if found and not used[i]:
            _add_link(links, used, min(((i, j) for j in found), key=lambda ij: (used[ij[1]], ij)))
    for j in theirs:
        found = [i for i in layout.adjacency[j] if i in choices]
        if found and not used[j]:
            _add_link(links, used, min(((i, j) for i in found), key=lambda ij: (used[ij[0]], ij)))
    return sorted(links)


def _add_link(links: set[tuple[int, int]], used: Counter[int], link: tuple[int, int]) -> None:
    links.add(link)
    used.update(link)


def spanning_runs(
    layout: Layout, pads: dict[int, tuple[float, float]], avoid: int | None = None
) -> list[list[int]]:
    """Return straight runs of cells that join all pads with as few pieces as a greedy choice finds.

    Parameters
    ----------
    layout : Layout
    pads : dict
        Pads of one group on one face by cell number, m.
    avoid : int, optional
        A direction in degrees (that of the series links) that is taken only if nothing else joins as many.

    Notes
    -----
    Neighbours in one line make a run. The longest is laid first, then those that join most of what
    does not hang together yet, cut to the part that does. Parts with no neighbours between them are
    joined by a strip between their nearest pads, which the rules then speak of.
    """
    edges: dict[int, dict[int, list[int]]] = {}
    for a in pads:
        for b in layout.adjacency[a]:
            if a < b and b in pads:
                way = edges.setdefault(direction_of(pads[a], pads[b]), {})
                way.setdefault(a, []).append(b)
                way.setdefault(b, []).append(a)
    chains = [chain for way, near in edges.items() for chain in _chains(near, pads, way)]
    parts = DisjointSets(pads)
    runs: list[list[int]] = []
    while chains:
        scored = []
        for chain in chains:
            useful = _useful(parts, chain)
            if useful:
                along = direction_of(pads[chain[0]], pads[chain[-1]])
                scored.append((useful[2], along != avoid, -chain[0], chain[useful[0] : useful[1] + 1]))
        if not scored:
            break
        best = max(scored)[3]
        for a, b in itertools.pairwise(best):
            parts.join(a, b)
        runs.append(best)
        chains = [c for c in chains if len({parts.find(m) for m in c}) > 1]
    while len({parts.find(m) for m in pads}) > 1:
        a, b = _nearest_of_other_part(parts, pads)
        parts.join(a, b)
        runs.append([a, b])
    return runs


def _chains(
    near: dict[int, list[int]], pads: dict[int, tuple[float, float]], way: int
) -> Iterator[list[int]]:
    """Lines of neighbours of one direction, each in order along it."""
    c, s = cos(radians(way)), sin(radians(way))
    for line in grown_parts(near, near):
        yield sorted(line, key=lambda m: pads[m][0] * c + pads[m][1] * s)


def _useful(parts: DisjointSets, chain: list[int]) -> tuple[int, int, int] | None:
    """First and last place of the piece of a chain that joins something, and how much it joins."""
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


def _nearest_of_other_part(parts: DisjointSets, pads: dict[int, tuple[float, float]]) -> tuple[int, int]:
    roots = {m: parts.find(m) for m in pads}
    return min(
        ((a, b) for a, b in itertools.combinations(sorted(pads), 2) if roots[a] != roots[b]),
        key=lambda ab: (hypot(pads[ab[0]][0] - pads[ab[1]][0], pads[ab[0]][1] - pads[ab[1]][1]), ab),
    )
