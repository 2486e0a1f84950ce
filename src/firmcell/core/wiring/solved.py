"""The wiring solved as a circuit: what a meter reads between two points, and what a short there meets."""

from collections.abc import Collection

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.physics.resistor_network import Network, solve
from firmcell.core.wiring.graph import EdgePart, Wiring

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


def source_between(wiring: Wiring, black: str, red: str, without: Collection[str] = ()) -> Source | None:
    """Return what a meter reads from one point to another at rest, and the resistance behind it.

    Parameters
    ----------
    wiring : Wiring
    black, red : str
        Ids of nodes.
    without : collection of str
        Ids of edges that are not there yet, or of a switch that is open.

    Returns
    -------
    source : Source or None
        None where nothing joins the two, and a meter drifts about nothing.

    References
    ----------
    .. [1] kirchhoff
    """
    part = wiring.reached(black, without)
    if red not in part:
        return None
    if red == black:
        return Source(0.0, 0.0)
    place = {name: n for n, name in enumerate(part)}
    there = [e for e in wiring.edges if e.start in place and e.id not in without]
    resistors = [e for e in there if e.part is not EdgePart.CELL]
    cells = [e for e in there if e.part is EdgePart.CELL]
    network = Network(
        nodes=len(place),
        ends=np.array([(place[e.start], place[e.end]) for e in resistors], dtype=np.intp).reshape(-1, 2),
        ohm=np.array([max(e.ohm, LEAST_OHM) for e in resistors]),
        cell_ends=np.array([(place[e.start], place[e.end]) for e in cells], dtype=np.intp).reshape(-1, 2),
        cell_ohm=np.array([max(e.ohm, LEAST_CELL_OHM) for e in cells]),
        poles=(place[black], place[red]),
    )
    emf = np.array([e.volts for e in cells])
    rest = solve(network, emf, 0.0).volts[place[red]]
    loaded = solve(network, 0.0 * emf, 1.0).volts[place[red]]
    return Source(float(rest), -float(loaded))
