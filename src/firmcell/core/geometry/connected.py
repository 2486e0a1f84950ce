"""What hangs together: the connected parts of a set under a neighbourhood, at once or as pairs are joined.

By hand and not by `scipy.sparse.csgraph`, which takes 0.4 s to load: a third of the time the whole program
needs to start.
"""

from collections.abc import Iterable, Iterator, Mapping, Sequence

Near = Mapping[int, Iterable[int]] | Sequence[Iterable[int]]


def grown_parts(members: Iterable[int], near: Near) -> Iterator[list[int]]:
    """Yield the parts that `members` fall into, in no order; `near` gives the neighbours of each."""
    left = set(members)
    while left:
        reach = [left.pop()]
        part = list(reach)
        while reach:
            for other in near[reach.pop()]:
                if other in left:
                    left.remove(other)
                    reach.append(other)
                    part.append(other)
        yield part


def connected_parts(members: Iterable[int], near: Near) -> list[list[int]]:
    """Return the parts that `members` fall into, largest first, each sorted; `near` gives the neighbours of
    each."""
    return sorted((sorted(part) for part in grown_parts(members, near)), key=lambda p: (-len(p), p))


class DisjointSets:
    """Which members hang together so far, as pairs of them are joined."""

    def __init__(self, members: Iterable[int]) -> None:
        self.of = {m: m for m in members}

    def find(self, m: int) -> int:
        """The member that stands for the part `m` belongs to."""
        while self.of[m] != m:
            self.of[m] = self.of[self.of[m]]
            m = self.of[m]
        return m

    def join(self, a: int, b: int) -> bool:
        """Join two; False if they hung together already."""
        a, b = self.find(a), self.find(b)
        self.of[a] = b
        return a != b
