"""The pack as a network of resistors and cells, solved exactly by nodal equations."""

from collections.abc import Callable
from functools import cached_property

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.connected import DisjointSets

Indices = NDArray[np.intp]
DENSE = 120
"""Nodes up to which the equations are solved as a full matrix."""


@frozen(eq=False)
class Network:
    """Nodes joined by resistors and by cells.

    Attributes
    ----------
    nodes : number of nodes.
    ends : node pairs (m, 2) of the resistors.
    ohm : resistance of each (m,), Ω.
    cell_ends : node pairs (n, 2) of the cells, minus first.
    cell_ohm : resistance of each cell with its joints (n,), Ω.
    poles : nodes of the pack's minus and plus.
    """

    nodes: int
    ends: Indices
    ohm: Array
    cell_ends: Indices
    cell_ohm: Array
    poles: tuple[int, int]

    @cached_property
    def parts(self) -> Indices:
        """Which connected part each node (nodes,) is in, by resistors and cells."""
        both = np.vstack([self.ends, self.cell_ends])
        if self.nodes <= DENSE:
            return _few_parts(self.nodes, both)
        from scipy.sparse import coo_array
        from scipy.sparse.csgraph import connected_components

        graph = coo_array((np.ones(len(both)), (both[:, 0], both[:, 1])), shape=(self.nodes, self.nodes))
        return np.asarray(connected_components(graph, directed=False)[1])

    @property
    def whole(self) -> bool:
        """Whether current can flow from pole to pole."""
        return bool(self.parts[self.poles[0]] == self.parts[self.poles[1]])

    @cached_property
    def factor(self) -> "Factor":
        """The factorised conductance matrix, kept for as many solutions as are wanted."""
        return Factor(self)


class Factor:
    """LU factors of the conductance matrix, one node of each connected part held at 0 V.

    Attributes
    ----------
    held, free : the nodes that are held, and the others (f,).
    place : where each node stands among the free ones (nodes,); −1 where it is held.
    solve_free : voltages of the free nodes for currents that enter there (f, k).
    """

    def __init__(self, network: Network) -> None:
        self.network = network
        both = np.vstack([network.ends, network.cell_ends])
        siemens = 1.0 / np.concatenate([network.ohm, network.cell_ohm])
        a, b = both.T
        rows = np.concatenate([a, b, a, b])
        columns = np.concatenate([a, b, b, a])
        values = np.concatenate([siemens, siemens, -siemens, -siemens])
        # The first node of each part. Not by np.unique, which loads numpy.ma at its first call: 20 ms of the
        # start.
        order = np.argsort(network.parts, kind="stable")
        self.held = order[np.flatnonzero(np.diff(network.parts[order], prepend=-1))]
        # The pack's minus is where voltages are counted from.
        part = network.parts[network.poles[0]]
        self.held[network.parts[self.held] == part] = network.poles[0]
        unheld = np.ones(network.nodes, dtype=bool)
        unheld[self.held] = False
        self.free = np.flatnonzero(unheld)
        place = self.place = np.full(network.nodes, -1)
        place[self.free] = np.arange(len(self.free))
        inside = (place[rows] >= 0) & (place[columns] >= 0)
        at = place[rows[inside]], place[columns[inside]]
        self.solve_free = linear_solver(len(self.free), at, values[inside])

    def solve(self, injected_a: Array) -> Array:
        """Return node voltages (nodes, k) for currents (nodes, k) that enter at the nodes, V."""
        volts = np.zeros(injected_a.shape)
        if len(self.free):
            volts[self.free] = self.solve_free(np.ascontiguousarray(injected_a[self.free]))
        return volts


def linear_solver(size: int, at: tuple[Indices, Indices], values: Array) -> Callable[[Array], Array]:
    """Return what solves the symmetric equations with these entries (row and column, summed where they
    coincide)."""
    if size <= DENSE:
        # SciPy's sparse solver takes a tenth of a second to load; small packs do without it.
        full = np.zeros((size, size))
        np.add.at(full, at, values)
        inverse = np.linalg.inv(full)
        return lambda right: np.asarray(inverse @ right)
    from scipy.sparse import coo_array
    from scipy.sparse.linalg import splu

    matrix = coo_array((values, at), shape=(size, size)).tocsc()
    solve_sparse = splu(
        matrix, permc_spec="MMD_AT_PLUS_A", diag_pivot_thresh=0.0, options={"SymmetricMode": True}
    ).solve
    return lambda right: np.asarray(solve_sparse(right))


def _few_parts(nodes: int, pairs: Indices) -> Indices:
    sets = DisjointSets(range(nodes))
    for a, b in pairs.tolist():
        sets.join(a, b)
    number: dict[int, int] = {}
    return np.array([number.setdefault(sets.find(n), len(number)) for n in range(nodes)], dtype=np.intp)


@frozen(eq=False)
class Solution:
    """Voltages and currents of one state.

    Attributes
    ----------
    volts : of the nodes against the pack's minus (nodes,), V.
    current_a : through the resistors from the first end to the second (m,), A.
    cell_a : out of the plus of the cells (n,), A.
    """

    volts: Array
    current_a: Array
    cell_a: Array


def solve(network: Network, cell_volts: ArrayLike, load_a: float) -> Solution:
    """Return the exact state of `network` under a load current.

    Parameters
    ----------
    network : Network
    cell_volts : array_like
        Open-circuit voltage of the cells, V; one for all, or (n,).
    load_a : float
        Current that the load takes from plus to minus, A. Ignored where plus and minus do not hang together.

    Notes
    -----
    Nodal equations (Kirchhoff, Ohm): each cell is a current source U/R beside its resistance R.
    """
    emf = np.broadcast_to(np.asarray(cell_volts, dtype=float), network.cell_ohm.shape)
    source = emf / network.cell_ohm
    injected = np.zeros(network.nodes)
    np.add.at(injected, network.cell_ends[:, 1], source)
    np.add.at(injected, network.cell_ends[:, 0], -source)
    if network.whole:
        injected[network.poles[1]] -= load_a
        injected[network.poles[0]] += load_a
    volts = network.factor.solve(injected[:, None])[:, 0]
    low, high = volts[network.cell_ends].T
    return Solution(
        volts=volts,
        current_a=(volts[network.ends[:, 0]] - volts[network.ends[:, 1]]) / network.ohm,
        cell_a=(emf - (high - low)) / network.cell_ohm,
    )
