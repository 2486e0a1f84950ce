"""Places to group, and what a grouping is worth."""

from math import ceil, sqrt

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen

TORN = 2000.0
"""Score lost for each part that a group falls into beyond the first."""


UNLINKED = 600.0
"""Score lost where two consecutive groups do not touch at all."""


BURIED = 25.0
"""Score lost for a tap that has no cell at the edge."""


WAY = 6.0
"""Score lost for each pitch between a pole and where it is wanted."""


@frozen
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


@frozen
class Grouping:
    """One assignment.

    Attributes
    ----------
    groups : for each place its group from 1, or 0 where no cell stands.
    score : the higher the better; only comparable for the same places and counts.
    links : neighbour pairs between each two consecutive groups.
    served : of each two consecutive groups, how many cells of the one that has fewer touch the other.
    torn : groups (from 1) that do not hang together.
    bends : lines that groups lie on beyond one each.
    """

    groups: tuple[int, ...]
    score: float
    links: tuple[int, ...]
    served: tuple[int, ...]
    torn: tuple[int, ...]
    bends: int = 0

    @property
    def sound(self) -> bool:
        """Whether every group hangs together and touches the next."""
        return not self.torn and all(self.links)


@frozen
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
