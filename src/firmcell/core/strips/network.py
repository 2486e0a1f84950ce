"""The metal of a pack as a network of pads."""

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.joint_kinds import KINDS, JoinedBy
from firmcell.core.physics.resistor_network import Network
from firmcell.core.strips.runs import StripKind, StripRun, span_metres


@frozen(eq=False)
class Metalwork:
    """The metal of the pack as a network of pads.

    Attributes
    ----------
    network : resistors are the spans of all runs in order, then the leads of poles that have two; cells
        have their two joints in them.
    spans : for each resistor its run (place in the list of runs) and span.
    pad : node of the network by cell number and pole (True is plus).
    """

    network: Network
    spans: tuple[tuple[int, int], ...]
    pad: dict[tuple[int, bool], int]


def open_node(layout: Layout, work: Metalwork) -> int | None:
    """Return the first tap point from the minus that current from the pack's minus cannot cross, None if it
    flows."""
    network = work.network
    if network.whole:
        return None
    part = network.parts[network.poles[0]]
    for node in range(layout.series + 1):
        nodes = [work.pad[(c.number, True)] for c in layout.group_cells(node)] + [
            work.pad[(c.number, False)] for c in layout.group_cells(node + 1)
        ]
        if any(network.parts[n] != part for n in nodes):
            return node
    return layout.series


def metalwork(
    layout: Layout,
    runs: tuple[StripRun, ...],
    ohm_per_m: dict[StripKind, float],
    cell_ohm: ArrayLike,
    joint_ohm: ArrayLike = KINDS[JoinedBy.WELD].ohm,
    lead_ohm: float = 0.0,
) -> Metalwork:
    """Return the network of all pads, runs and cells.

    Parameters
    ----------
    layout : Layout
    runs : tuple of StripRun
    ohm_per_m : dict
        Resistance of the metal of each kind of run, Ω/m.
    cell_ohm : array_like
        D.C. resistance of the cells in order of `layout.cells`, Ω; one for all, or (n,).
    joint_ohm : array_like
        Resistance of the joint at one pad, Ω; one for all, or (n,).
    lead_ohm : float
        Of each of two leads of one pole, Ω; a pole with one lead ends at its pad.
    """
    pad: dict[tuple[int, bool], int] = {}
    for cell in layout.cells:
        for positive in (False, True):
            pad[(cell.number, positive)] = len(pad)
    ends, ohms, spans = [], [], []
    for place, run in enumerate(runs):
        at = [
            pad[(number, node == layout.by_number[number].group)]
            for number, node in zip(run.cells, run.nodes, strict=True)
        ]
        for number, ((i, j), length) in enumerate(zip(run.spans, span_metres(run), strict=True)):
            ends.append((at[i], at[j]))
            ohms.append(max(length * ohm_per_m[run.kind], 1e-9))
            spans.append((place, number))
    cells = np.array([(pad[(c.number, False)], pad[(c.number, True)]) for c in layout.cells])
    resistance = np.broadcast_to(np.asarray(cell_ohm, dtype=float), (len(cells),)) + 2 * np.asarray(joint_ohm)
    nodes, poles = len(pad), []
    for first, second, positive in zip(
        layout.lead_cells, layout.second_lead_cells, (False, True), strict=True
    ):
        if not second:
            poles.append(pad[(first, positive)])
            continue
        # Both leads of the pole meet in the contact.
        ends += [(pad[(number, positive)], nodes) for number in (first, second)]
        ohms += [max(lead_ohm, 1e-6)] * 2
        poles.append(nodes)
        nodes += 1
    network = Network(
        nodes=nodes,
        ends=np.array(ends, dtype=np.intp).reshape(-1, 2),
        ohm=np.array(ohms),
        cell_ends=cells,
        cell_ohm=resistance,
        poles=(poles[0], poles[1]),
    )
    return Metalwork(network, tuple(spans), pad)
