"""The wiring solved as a circuit: what a meter reads between two points, what a short there meets, and
where a current passes."""

from collections.abc import Collection, Mapping, Sequence
from functools import lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.physics.resistor_network import Indices, Network, solve
from firmcell.core.wiring.graph import Edge, EdgePart, Wiring

LEAST_OHM = 1e-6
"""An edge of no resistance is given this, Ω: far below any joint."""
LEAST_CELL_OHM = 1e-9


@frozen
class Source:
    """What two points are, seen from outside: a voltage behind a resistance.

    Attributes
    ----------
    volts : at rest, from the black point to the red one, V.
    ohm : between them, Ω.
    """

    volts: float
    ohm: float


def sources_in(
    wiring: Wiring, part: Mapping[str, float], pairs: Sequence[tuple[str, str]], without: Collection[str] = ()
) -> list[Source]:
    """Return what a meter reads between pairs of nodes of one connected part at rest, and the
    resistance behind it, solved at once.

    Parameters
    ----------
    wiring : Wiring
    part : mapping
        Nodes of the part, with the voltage of each at rest against any one of them, V.
    pairs : sequence of (str, str)
        Black and red of each.
    without : collection of str
        Ids of edges that are not there.

    Returns
    -------
    sources : list of Source

    References
    ----------
    .. [1] kirchhoff
    """
    network, place = _of_part(wiring, part, pairs[0], without)
    injected = np.zeros((len(place), len(pairs)))
    black, red = (np.array([place[pair[end]] for pair in pairs]) for end in (0, 1))
    columns = np.arange(len(pairs))
    np.add.at(injected, (red, columns), 1.0)
    np.add.at(injected, (black, columns), -1.0)
    volts = network.factor.solve(injected)
    ohms = (volts[red, columns] - volts[black, columns]).tolist()
    return [
        Source(part[high] - part[low], max(ohm, 0.0)) for (low, high), ohm in zip(pairs, ohms, strict=True)
    ]


def shorts_between(
    wiring: Wiring, part: Mapping[str, float], ends: Sequence[str], without: Collection[str] = ()
) -> Array:
    """Return the current that a tool across any two of some nodes of one connected part drives (n, n), A.

    Parameters
    ----------
    wiring : Wiring
    part : mapping
        Nodes of the part, with the voltage of each at rest against any one of them, V.
    ends : sequence of str
        Where a tool may touch, n of them.
    without : collection of str
        Ids of edges that are not there.

    Returns
    -------
    short_a : ndarray, shape (n, n)
        A; 0 where both are at one potential.

    References
    ----------
    .. [1] kirchhoff
    """
    network, place = _of_part(wiring, part, (ends[0], ends[-1]), without)
    at = np.array([place[name] for name in ends])
    injected = np.zeros((len(place), len(ends)))
    injected[at, np.arange(len(ends))] = 1.0
    # Between two nodes lies what each is behind alone, less twice what they share.
    shared = network.factor.solve(injected)[at]
    ohms = np.diag(shared)[:, None] + np.diag(shared)[None, :] - shared - shared.T
    volts = np.array([part[name] for name in ends])
    apart = np.abs(volts[:, None] - volts[None, :])
    live = (apart > 1e-9) & (ohms > 0)
    return np.asarray(np.where(live, apart / np.where(live, ohms, 1.0), 0.0))


def pin_groups(wiring: Wiring) -> tuple[int, ...]:
    """Return how many groups lie between B0 and each tap, read where its lead ends: at its place of the
    plug, at its pad, or at the tap itself where none is led out. Empty where there is no pack.

    References
    ----------
    .. [1] kirchhoff
    """
    if "B0" not in wiring.by_id:
        return ()
    ends: dict[int, str] = {}
    for edge in wiring.wires:
        kind, _, number = edge.id.partition(".")
        if kind in ("sense", "balance") and number.isdigit():
            ends.setdefault(int(number), edge.end)
    taps = [n for n in range(len(wiring.nodes)) if f"B{n}" in wiring.by_id]
    # The plug is out: what is read is each place of it, not the board.
    out = {e.id for e in wiring.edges if e.part in (EdgePart.BMS, EdgePart.CONTACT)}
    read = wiring.reached("B0", out)
    each = next((e.volts for e in wiring.of(EdgePart.CELL)), 1.0)
    return tuple(round(read[ends.get(n, f"B{n}")] / each) for n in taps)


def _of_part(
    wiring: Wiring, part: Mapping[str, float], poles: tuple[str, str], without: Collection[str]
) -> tuple[Network, dict[str, int]]:
    """The network of a connected part, and the place of each of its nodes in it."""
    near = {e.id: e for name in part for e in wiring.at(name)}
    place = {name: n for n, name in enumerate(part)}
    return _network([e for e in near.values() if e.id not in without], place, poles)[0], place


def _network(
    edges: list[Edge], place: dict[str, int], poles: tuple[str, str]
) -> tuple[Network, list[Edge], list[Edge]]:
    """The network of some edges, with its cells and its resistors in order."""
    cells = [e for e in edges if e.part is EdgePart.CELL]
    others = [e for e in edges if e.part is not EdgePart.CELL]

    def ends(of: list[Edge]) -> Indices:
        return np.array([(place[e.start], place[e.end]) for e in of], dtype=np.intp).reshape(-1, 2)

    network = Network(
        nodes=len(place),
        ends=ends(others),
        ohm=np.array([max(e.ohm, LEAST_OHM) for e in others]),
        cell_ends=ends(cells),
        cell_ohm=np.array([max(e.ohm, LEAST_CELL_OHM) for e in cells]),
        poles=(place[poles[0]], place[poles[1]]),
    )
    return network, cells, others


@frozen
class Passed:
    """One edge that a current passes.

    Attributes
    ----------
    edge : which.
    share : of the whole current; negative where it runs from the end to the start of the edge.
    """

    edge: Edge
    share: float


LEAST_SHARE = 1e-6


@lru_cache(maxsize=32)
def passed(wiring: Wiring, black: str, red: str) -> tuple[Passed, ...]:
    """Return the edges that a current out at `red` and back in at `black` passes, with its share in each.

    The order is that of the wiring. Empty where nothing joins the two.

    References
    ----------
    .. [1] kirchhoff
    """
    part = wiring.reached(black)
    if red not in part or red == black:
        return ()
    there = [e for e in wiring.edges if e.start in part]
    network, cells, others = _network(there, {name: n for n, name in enumerate(part)}, (black, red))
    solution = solve(network, 0.0, 1.0)
    share = dict(zip((e.id for e in others), solution.current_a.tolist(), strict=True))
    share |= dict(zip((e.id for e in cells), solution.cell_a.tolist(), strict=True))
    return tuple(Passed(e, share[e.id]) for e in there if abs(share[e.id]) > LEAST_SHARE)
