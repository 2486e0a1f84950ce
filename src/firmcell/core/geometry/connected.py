"""What hangs together: the connected parts of a set under a neighbourhood."""

from collections.abc import Iterable, Mapping, Sequence


def connected_parts(
    members: Iterable[int], near: Mapping[int, Iterable[int]] | Sequence[Iterable[int]]
) -> list[list[int]]:
    """Return the parts that `members` fall into, largest first, each sorted; `near` gives the neighbours of each."""
    left = set(members)
    parts = []
    while left:
        reach = [left.pop()]
        part = list(reach)
        while reach:
            for other in near[reach.pop()]:
                if other in left:
                    left.remove(other)
                    reach.append(other)
                    part.append(other)
        parts.append(sorted(part))
    return sorted(parts, key=lambda p: (-len(p), p))
