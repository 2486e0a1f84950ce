"""What if one joint or link lets go: every one of them, from one factorisation, worst first; and scatter of
the cells."""

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.physics.resistor_network import Network, solve
from firmcell.core.strips.under_load import UnderLoad

CHUNK = 256
CUT = 1e-9
FULL_MATRIX = 300
"""Nodes up to which samples are solved in blocks of full matrices."""


class Failure(Frozen):
    """One joint or link gone, and the worst that follows at the steady current.

    Attributes
    ----------
    ref : what lets go: ``joint:12`` is a joint of cell 12, ``segment:N3-L1.2`` a piece of strip,
        ``lead:2`` one of two leads.
    opens : whether the pack, or a cell of it, carries nothing any more: ``pack``, ``cell`` or empty.
    worst_ref : the cell or segment most over its limit then.
    share, share_before : its share of limit then and before.
    cell_share : greatest share of any cell's limit then.
    resistance_more_ohm : how much the pack's resistance rises.
    """

    ref: str
    opens: str
    worst_ref: str
    share: float
    share_before: float
    cell_share: float
    resistance_more_ohm: float


@frozen(eq=False)
class Removed:
    """States after removal of each of some branches, one column each.

    Attributes
    ----------
    current_a : of the resistors (m, k), A.
    cell_a : of the cells (n, k), A.
    pole_v : voltage of the pack's plus (k,), V.
    cut : whether the removal cuts the network in two (k,).
    volts : potential of each node (nodes, k), V.
    """

    current_a: Array
    cell_a: Array
    pole_v: Array
    cut: NDArray[np.bool_]
    volts: Array


def remove_each(
    network: Network, current_a: Array, cell_a: Array, volts: Array, branches: NDArray[np.intp]
) -> Removed:
    """Return the state after removing each of `branches`, by a rank-one update of the network's one
    factorisation.

    Branches 0 … m−1 are the resistors, m … m+n−1 the cells. A branch with current i between a and b that
    is taken away is the same as a current i put in at a and taken out at b of what is left:
    ΔV = Z u · i / (1 − g uᵀZ u), u = e_a − e_b (Sherman and Morrison).
    """
    m = len(network.ohm)
    ends = np.vstack([network.ends, network.cell_ends])
    siemens = 1 / np.concatenate([network.ohm, network.cell_ohm])
    # Through a cell the current runs from its minus to its plus.
    flow = np.concatenate([current_a, cell_a])
    a, b = ends[branches].T
    columns = np.zeros((network.nodes, len(branches)))
    place = np.arange(len(branches))
    columns[a, place] += 1.0
    columns[b, place] -= 1.0
    answer = network.factor.solve(columns)
    left = 1 - siemens[branches] * (answer[a, place] - answer[b, place])
    cut = np.abs(left) < CUT
    factor = np.where(cut, 0.0, flow[branches] / np.where(cut, 1.0, left))
    change = answer * factor
    now = flow[:, None] + siemens[:, None] * (change[ends[:, 0]] - change[ends[:, 1]])
    now[branches, place] = 0.0
    return Removed(
        now[:m], now[m:], volts[network.poles[1]] + change[network.poles[1]], cut, volts[:, None] + change
    )


def all_failures(metal: UnderLoad, cell_limit_a: float) -> Iterator[tuple[float, tuple[Failure, ...]]]:
    """Yield how far the search is and every failure so far, worst first; the last holds all.

    Joints of cells and segments of strip, each alone, at the steady current. The joint of a cell at either
    end takes the whole cell away, so both are told as one branch. Of two leads on one pole each is taken away
    as well. Doubled joints are passed over: what lets go there is one of two. A plate is one piece and is not
    taken apart; what its metal carries when a joint lets go is judged.
    """
    network, state, figures = metal.network, metal.state, metal.figures
    m, n, spans, doubled = len(network.ohm), len(network.cell_ohm), len(metal.work.spans), set(metal.doubled)
    lead = metal.work.of_leads.stop
    # A lead is judged with the leads, a plate by its bands; here they only must not count as overloaded.
    limits = np.array([max(s.limit_a, 1e-6) for s in figures.segments[:spans]] + [np.inf] * (m - spans))
    in_plates = _BandShares(metal)
    before = np.abs(state.current_a) / limits
    cells_before = np.abs(state.cell_a) / cell_limit_a
    base = np.concatenate([before, cells_before, in_plates.of(state.volts[:, None])[:, 0]])
    branch_names = [f"segment:{s.id}" for s in figures.segments[:spans]]
    branch_names += [f"lead:{n + 1}" for n in range(lead - spans)]
    names = branch_names + ["plate"] * (m - lead) + [f"cell:{c.number}" for c in figures.cells]
    names += [f"segment:{s.id}" for s in figures.segments[spans:]]
    pole = float(state.volts[network.poles[1]])
    found: list[Failure] = []
    everything = np.concatenate([np.arange(lead), m + np.arange(n)])
    for start in range(0, len(everything), CHUNK):
        some = everything[start : start + CHUNK]
        gone = remove_each(network, state.current_a, state.cell_a, state.volts, some)
        shares = np.concatenate(
            [
                np.abs(gone.current_a) / limits[:, None],
                np.abs(gone.cell_a) / cell_limit_a,
                in_plates.of(gone.volts),
            ]
        )
        worst = shares.argmax(axis=0)
        for k, branch in enumerate(some.tolist()):
            if branch >= m and figures.cells[branch - m].number in doubled:
                continue
            opens = ""
            if gone.cut[k]:
                opens = _what_opens(metal, branch)
            elif branch >= m:
                opens = "cell"
            ref = branch_names[branch] if branch < m else f"joint:{figures.cells[branch - m].number}"
            w = int(worst[k])
            more = (pole - float(gone.pole_v[k])) / max(metal.current_a, 1e-12)
            found.append(
                Failure.model_construct(
                    ref=ref,
                    opens=opens,
                    worst_ref=names[w],
                    share=float(shares[w, k]),
                    share_before=float(base[w]),
                    cell_share=float(shares[m : m + n, k].max()) if n else 0.0,
                    resistance_more_ohm=max(more, 0.0),
                )
            )
        ranked = tuple(sorted(found, key=lambda f: (f.opens != "pack", -f.share, f.ref)))
        yield min((start + len(some)) / len(everything), 1.0), ranked


class _BandShares:
    """Share of their limits that the bands of plates have, from the potentials of their joints."""

    def __init__(self, metal: UnderLoad) -> None:
        self._nodes = [one.nodes for one in metal.work.sheets.values()]
        warmer = [one.sheet.square_ohm for one in metal.work.sheets.values()]
        flows = [one.sheet.flow for one in metal.work.sheets.values()]
        limits = iter(metal.figures.segments[len(metal.work.spans) :])
        self._rows = [
            flow / (ohm * np.array([max(next(limits).limit_a, 1e-6) for _ in flow])[:, None])
            for flow, ohm in zip(flows, warmer, strict=True)
        ]

    def of(self, volts: Array) -> Array:
        """The shares (b, k) for k sets of potentials of all nodes (nodes, k)."""
        found = [np.abs(rows @ volts[nodes]) for rows, nodes in zip(self._rows, self._nodes, strict=True)]
        return np.vstack(found) if found else np.zeros((0, volts.shape[1]))


def _what_opens(metal: UnderLoad, branch: int) -> str:
    """What a branch that cuts the network leaves without current: the pack, a cell, or nothing that
    matters."""
    network, m = metal.network, len(metal.network.ohm)
    keep = np.arange(m) != branch
    cells = np.arange(len(network.cell_ohm)) != branch - m
    rest = Network(
        network.nodes,
        network.ends[keep],
        network.ohm[keep],
        network.cell_ends[cells],
        network.cell_ohm[cells],
        network.poles,
    )
    if not rest.whole:
        return "pack"
    flow = metal.state.current_a[branch] if branch < m else metal.state.cell_a[branch - m]
    return "cell" if abs(float(flow)) > 1e-9 else ""


class Scatter(Frozen):
    """How much the cells of a class may differ, as standard deviations over the mean.

    Attributes
    ----------
    resistance, capacity, joint : of cells and of welds.
    """

    resistance: float = 0.05
    capacity: float = 0.01
    joint: float = 0.25


@frozen(eq=False)
class ScatterBands:
    """What scatter does, over all samples.

    Attributes
    ----------
    cell_share : current of each cell over an even part, percentiles 5, 50, 95 (3, n).
    greatest_share : greatest of all cells in each sample (k,), sorted.
    resistance_ohm : of the pack in each sample (k,), sorted.
    capacity : of the smallest group over the mean (k,), sorted.
    samples : how many were drawn.
    """

    cell_share: Array
    greatest_share: Array
    resistance_ohm: Array
    capacity: Array
    samples: int


def monte_carlo(
    metal: UnderLoad, scatter: Scatter, samples: int = 1000, seed: int = 1
) -> Iterator[tuple[float, ScatterBands]]:
    """Yield how far it is and the bands so far. Cells and joints are drawn from log-normal spreads, the same
    for a seed.

    Small packs are solved in blocks of full matrices, large ones one by one.
    """
    dice = np.random.default_rng(seed)
    network, layout = metal.network, metal.layout
    n, m = len(network.cell_ohm), len(network.ohm)
    group = np.array([c.group for c in layout.cells])
    even = metal.current_a / np.maximum(np.bincount(group, minlength=group.max() + 1), 1)[group]
    joint_ohm = metal.joint_ohm
    own = network.cell_ohm - 2 * joint_ohm
    block = 100 if network.nodes <= FULL_MATRIX else 5
    shares, ohms, capacities = [], [], []
    done = 0
    while done < samples:
        k = min(block, samples - done)
        cell_ohm = own * np.exp(scatter.resistance * dice.standard_normal((k, n)))
        cell_ohm += joint_ohm * np.exp(scatter.joint * dice.standard_normal((k, 2, n))).sum(axis=1)
        capacity = np.exp(scatter.capacity * dice.standard_normal((k, n)))
        sums = np.array([np.bincount(group, weights=c)[1:] for c in capacity])
        sizes = np.maximum(np.bincount(group)[1:], 1)
        cell_a, pole = _solve_block(network, cell_ohm, metal.current_a, m)
        shares.append(cell_a / even)
        ohms.append(-pole / metal.current_a)
        capacities.append((sums / sizes).min(axis=1))
        done += k
        whole = np.vstack(shares)
        yield (
            done / samples,
            ScatterBands(
                cell_share=np.percentile(whole, [5, 50, 95], axis=0),
                greatest_share=np.sort(whole.max(axis=1)),
                resistance_ohm=np.sort(np.concatenate(ohms)),
                capacity=np.sort(np.concatenate(capacities)),
                samples=done,
            ),
        )


def _solve_block(network: Network, cell_ohm: Array, load_a: float, m: int) -> tuple[Array, Array]:
    """Cell currents (k, n) and voltage of the plus pole (k,) for k sets of cell resistances."""
    if network.nodes > FULL_MATRIX:
        states = [
            solve(
                Network(network.nodes, network.ends, network.ohm, network.cell_ends, ohm, network.poles),
                0.0,
                load_a,
            )
            for ohm in cell_ohm
        ]
        return np.array([s.cell_a for s in states]), np.array([s.volts[network.poles[1]] for s in states])
    factor = network.factor
    free, place = factor.free, np.full(network.nodes, -1)
    place[free] = np.arange(len(free))
    k, size = len(cell_ohm), len(free)
    matrices = np.zeros((k, size, size))

    def stamp(ends: NDArray[np.intp], siemens: Array) -> None:
        a, b = place[ends[:, 0]], place[ends[:, 1]]
        for rows, columns, sign in ((a, a, 1), (b, b, 1), (a, b, -1), (b, a, -1)):
            inside = (rows >= 0) & (columns >= 0)
            for row, column, value in zip(rows[inside], columns[inside], siemens[:, inside].T, strict=True):
                matrices[:, row, column] += sign * value

    stamp(network.ends, np.broadcast_to(1 / network.ohm, (k, m)))
    stamp(network.cell_ends, 1 / cell_ohm)
    right = np.zeros(network.nodes)
    right[network.poles[1]] -= load_a
    right[network.poles[0]] += load_a
    volts = np.zeros((k, network.nodes))
    volts[:, free] = np.linalg.solve(matrices, np.broadcast_to(right[free], (k, size))[..., None])[..., 0]
    low, high = volts[:, network.cell_ends[:, 0]], volts[:, network.cell_ends[:, 1]]
    return -(high - low) / cell_ohm, volts[:, network.poles[1]]
