"""A pack ready to run: its network, cells, lumps, and what may end a run."""

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.cell_model import CellModel, CellTraits
from firmcell.core.model.parts import Fuse
from firmcell.core.physics.resistor_network import Factor, Network
from firmcell.core.run.strips_in_run import StripsInRun
from firmcell.core.strips.pack_heat import PackLumps

STALE = 0.12
"""Cells whose resistance has changed by more than this share of what all have since the network was factorised have it
done anew."""
ALL_STALE = 0.7, 1.5
"""And so when all resist less or more than these times what they did: further off the rounds below would not settle."""
MOST_ROUNDS = 40
FEW = 200
"""Up to so many cells the network is condensed on to them."""
STRIPS_STALE = 0.002
"""Strips that have changed the pack's resistance by more than this share since then likewise."""
SOLVED = 1e-5
"""In the last round no current of a cell moves by more than this share of the greatest."""


@frozen
class RunLimits:
    """What may end a run; None is not limited.

    Attributes
    ----------
    load_least_v, cell_least_v, cell_most_v, cell_most_k, cell_least_k : load's cut-off; empty, full and
        hottest of a cell, and the coldest at which it may be charged.
    cell_gives_from_k : the coldest at which it may be discharged, K.
    cell_over_v : no cell is charged beyond, V; nickel has no such voltage.
    board_least_v, board_most_v, board_trip_a, board_delay_s : of a group, by the board; current at which it
    opens.
    fuse : in the main line.
    """

    load_least_v: float | None
    cell_least_v: float
    cell_most_v: float
    cell_most_k: float
    cell_least_k: float
    cell_over_v: float | None = None
    cell_gives_from_k: float = 0.0
    board_least_v: float | None = None
    board_most_v: float | None = None
    board_trip_a: float | None = None
    board_delay_s: float = 0.0
    fuse: Fuse | None = None


@frozen(eq=False)
class PackInTime:
    """Everything a run reads of a pack of n cells.

    Attributes
    ----------
    numbers, groups : of the cells (n,), as in the layout.
    network : of strips and cells; its cells' resistances are replaced by the model's.
    joint_ohm : both joints of each cell (n,), Ω.
    outside_ohm : between the pack's poles and the load: tails, board, leads, connector, fuse, Ω.
    model, traits, full : of the cells; traits hold one value for each cell; charge at which they are full.
    lumps : of the cells.
    strips : how the network's resistors change through a run.
    """

    numbers: NDArray[np.intp]
    groups: NDArray[np.intp]
    network: Network
    joint_ohm: Array
    outside_ohm: float
    model: CellModel
    traits: CellTraits
    full: float
    lumps: PackLumps
    limits: RunLimits
    strips: StripsInRun

    @property
    def count(self) -> int:
        """Number of cells."""
        return len(self.numbers)


class PackCurrents:
    """Solves the network for cells whose voltage and resistance change, on one factorisation.

    A cell of resistance R = R̄ + δ under a current J looks from outside like a cell of R̄ whose voltage is
    lower by δ J. For few cells the network is condensed on to them once, and J solved at once; for many, J
    is found by going round a few times with the factors of R̄, which are made anew when δ has grown.
    """

    def __init__(self, network: Network, strips: StripsInRun) -> None:
        self._network, self._strips = network, strips
        self._grown = np.ones(len(network.ohm))
        self._plus, self._minus = network.cell_ends[:, 1], network.cell_ends[:, 0]
        n = len(network.cell_ends)
        self._few = n <= FEW
        self._ohm = np.zeros(0)
        self._factor: Factor | None = None
        self._found = np.zeros((n, 2))
        self._of_cells, self._of_load = np.zeros((n, n)), np.zeros(n)
        self._poles = np.zeros(n)
        self._load_ohm = 0.0

    def solve(self, inner_v: Array, ohm: Array) -> tuple[Array, Array, float, float]:
        """Return what each cell gives with nothing drawn, and what it gives more for each ampere drawn
        (n,); the voltage between the poles with nothing drawn, V, and the resistance behind them, Ω.

        Parameters
        ----------
        inner_v, ohm : ndarray, shape (n,)
            Voltage behind the resistance of each cell, and that resistance with its joints.
        """
        if self._factor is None or (not self._few and self._stale(ohm)):
            self._take_up(ohm)
        delta = ohm - self._ohm
        found = self._at_once(inner_v, delta) if self._few else self._in_rounds(inner_v, delta)
        if found is None:
            self._take_up(ohm)
            delta = np.zeros_like(ohm)
            found = self._in_rounds(inner_v, delta)
            assert found is not None, "with their own factors the first round is right"
        # What stands between the poles is linear in the sources that the cells are, and in the load.
        seen = np.column_stack([inner_v - delta * found[:, 0], -delta * found[:, 1]])
        open_v, drop = self._poles @ seen
        return found[:, 0], found[:, 1], float(open_v), float(self._load_ohm - drop)

    def warm(self, cell_k: Array, current_a: float) -> None:
        """Let the strips resist as they do between cells at `cell_k` (n,), K, at a current of the pack, A."""
        grown = self._strips.grown(cell_k, current_a)
        if float(np.abs(grown / self._grown - 1) @ self._strips.weight) > STRIPS_STALE:
            self._grown, self._factor = grown, None
            self._network = replace(self._network, ohm=self._strips.ohm * grown)

    def _stale(self, ohm: Array) -> bool:
        ratio = ohm / self._ohm
        mean = float(ratio.mean())
        apart = max(float(ratio.max()) - mean, mean - float(ratio.min()))
        return apart > STALE * mean or not ALL_STALE[0] < mean < ALL_STALE[1]

    def _take_up(self, ohm: Array) -> None:
        n, net = len(ohm), self._network
        self._ohm = ohm.copy()
        self._factor = Factor(Network(net.nodes, net.ends, net.ohm, net.cell_ends, self._ohm, net.poles))
        low, high = net.poles
        load = np.zeros((net.nodes, 1))
        load[low], load[high] = 1.0, -1.0
        volts = self._factor.solve(load)[:, 0]
        self._load_ohm = float(volts[low] - volts[high])
        across = volts[self._plus] - volts[self._minus]
        self._of_load = -across / ohm
        # By reciprocity: what a cell puts between the poles is what the load draws from it.
        self._poles = -across / ohm
        if self._few:
            each = np.zeros((net.nodes, n))
            each[self._plus, np.arange(n)] += 1 / ohm
            each[self._minus, np.arange(n)] -= 1 / ohm
            volts = self._factor.solve(each)
            self._of_cells = (np.eye(n) - (volts[self._plus] - volts[self._minus])) / ohm[:, None]

    def _at_once(self, inner_v: Array, delta: Array) -> Array:
        right = np.column_stack([self._of_cells @ inner_v, self._of_load])
        return np.asarray(np.linalg.solve(np.eye(len(delta)) + self._of_cells * delta, right))

    def _in_rounds(self, inner_v: Array, delta: Array) -> Array | None:
        """As `_at_once`, a little nearer each round; None if it cannot be had from these factors."""
        assert self._factor is not None
        factor, siemens, found = self._factor, 1 / self._ohm, self._found.T
        plus, minus = factor.place[self._plus], factor.place[self._minus]
        # The last place stands for the nodes that are held at 0 V.
        drawn, volts = np.zeros((2, len(factor.free) + 1)), np.zeros((2, len(factor.free) + 1))
        # What is wrong are currents from cell to cell, which go with the cells' conductance: were all
        # resistances greater by one share, the first round would be right.
        share = 1 / (1 + float((delta * siemens).mean()))
        for number in range(MOST_ROUNDS):
            source = -delta * found
            source[0] += inner_v
            source *= siemens
            drawn[:, plus], drawn[:, minus] = source, -source
            volts[:, :-1] = factor.solve_free(drawn[:, :-1].T).T
            change = source - (volts[:, plus] - volts[:, minus]) * siemens - found
            change[1] += self._of_load
            # The first is taken whole: it leaves nothing that is no current from cell to cell.
            found = found + (share if number else 1.0) * change
            moved, most = np.abs(change).max(axis=1), np.abs(found).max(axis=1)
            if (moved <= SOLVED * np.maximum(most, 1e-3)).all():
                self._found = found.T
                return self._found
        return None


def aged(traits: CellTraits, capacity: float, resistance: float) -> CellTraits:
    """Return cells that have lost capacity and whose resistances have grown."""
    return CellTraits(
        traits.rated_as,
        np.asarray(traits.capacity) * capacity,
        np.asarray(traits.resistance) * resistance,
        np.asarray(traits.transport) * resistance,
    )
