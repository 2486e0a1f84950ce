"""The metal of a pack as a network of pads."""

from dataclasses import field

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.joint_kinds import KINDS, JoinedBy
from firmcell.core.physics.resistor_network import Indices, Network
from firmcell.core.strips.plate_sheets import PlateSheet, SheetLoad, sheet_load
from firmcell.core.strips.runs import StripKind, StripRun, span_metres


@frozen(eq=False)
class SheetNodes:
    """A plate's place in the network.

    Attributes
    ----------
    sheet : the plate.
    nodes : of its pads, then of its tabs (p + t,).
    ohms : its resistors among those of the network, one from any joint to any other.
    """

    sheet: PlateSheet
    nodes: Indices
    ohms: slice

    def load(self, volts: Array, current_a: Array, warmer: float) -> SheetLoad:
        """Return what it carries, from the potentials of all nodes (nodes,), V, the current of each of the
        network's resistors (m,), A, and by how much its metal resists more than at 20 °C."""
        pads = len(self.nodes) - len(self.sheet.tab_cells)
        pairs, _ = self.sheet.pairs()
        into = np.zeros(len(self.nodes))
        np.add.at(into, pairs[:, 0], current_a[self.ohms])
        np.add.at(into, pairs[:, 1], -current_a[self.ohms])
        return sheet_load(self.sheet, volts[self.nodes[:pads]], into[pads:], warmer)


@frozen(eq=False)
class Metalwork:
    """The metal of the pack as a network of pads.

    Attributes
    ----------
    network : resistors are the spans of all runs of strip in order, then the leads of poles that have two,
        then those of plates; cells have their two joints in them.
    spans : for each of the first resistors its run (place in the list of runs) and span.
    pad : node of the network by cell number and pole (True is plus).
    leads : how many resistors are leads.
    sheets : plates that are sheets, by place in the list of runs.
    """

    network: Network
    spans: tuple[tuple[int, int], ...]
    pad: dict[tuple[int, bool], int]
    leads: int = 0
    sheets: dict[int, SheetNodes] = field(default_factory=dict)

    @property
    def of_leads(self) -> slice:
        """The resistors that are leads."""
        return slice(len(self.spans), len(self.spans) + self.leads)


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
    sheets: dict[int, PlateSheet] | None = None,
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
        Of each of two leads of one pole with the strip between it and the pad, Ω; a pole with one lead ends
        at its pad.
    sheets : dict, optional
        Plates as sheets, by place in `runs`; one that is missing is a bar from pad to pad. A pole on a sheet
        ends at its tab.
    """
    pad = {
        (c.number, positive): 2 * n + positive
        for n, c in enumerate(layout.cells)
        for positive in (False, True)
    }
    sheets = sheets or {}
    spans, ends, ohms = _spans(layout, [r for r in enumerate(runs) if r[0] not in sheets], ohm_per_m, pad)
    cells = np.array([(pad[(c.number, False)], pad[(c.number, True)]) for c in layout.cells])
    resistance = np.broadcast_to(np.asarray(cell_ohm, dtype=float), (len(cells),)) + 2 * np.asarray(joint_ohm)
    tabs = [(n, runs[place].node != 0) for place, sheet in sheets.items() for n in sheet.tab_cells]
    lead_at = pad | {tab: len(pad) + n for n, tab in enumerate(tabs)}
    poles, nodes = _leads(layout, lead_at, len(pad) + len(tabs), lead_ohm, ends, ohms)
    leads = len(ends) - len(spans)
    placed = {}
    for place, sheet in sheets.items():
        mine = _joints(layout, runs[place], sheet, pad, lead_at)
        pairs, siemens = sheet.pairs()
        placed[place] = SheetNodes(sheet, mine, slice(len(ends), len(ends) + len(pairs)))
        ends += [(a, b) for a, b in mine[pairs].tolist()]
        ohms += (1 / siemens).tolist()
    network = Network(
        nodes=nodes,
        ends=np.array(ends, dtype=np.intp).reshape(-1, 2),
        ohm=np.array(ohms),
        cell_ends=cells,
        cell_ohm=resistance,
        poles=poles,
    )
    return Metalwork(network, tuple(spans), pad, leads, placed)


def _spans(
    layout: Layout,
    runs: list[tuple[int, StripRun]],
    ohm_per_m: dict[StripKind, float],
    pad: dict[tuple[int, bool], int],
) -> tuple[list[tuple[int, int]], list[tuple[int, int]], list[float]]:
    """The spans of runs with their places, as run and number, and the nodes and resistance of each."""
    spans, ends, ohms = [], [], []
    for place, run in runs:
        at = [
            pad[(number, node == layout.by_number[number].group)]
            for number, node in zip(run.cells, run.nodes, strict=True)
        ]
        for number, ((i, j), length) in enumerate(zip(run.spans, span_metres(run), strict=True)):
            spans.append((place, number))
            ends.append((at[i], at[j]))
            ohms.append(max(length * ohm_per_m[run.kind], 1e-9))
    return spans, ends, ohms


def _leads(
    layout: Layout,
    lead_at: dict[tuple[int, bool], int],
    nodes: int,
    lead_ohm: float,
    ends: list[tuple[int, int]],
    ohms: list[float],
) -> tuple[tuple[int, int], int]:
    """Add the leads of poles that have two; returns the nodes of minus and plus, and how many nodes there
    are."""
    poles = []
    for first, second, positive in zip(
        layout.lead_cells, layout.second_lead_cells, (False, True), strict=True
    ):
        if not second:
            poles.append(lead_at[(first, positive)])
            continue
        # Both leads of the pole meet in the contact.
        ends += [(lead_at[(number, positive)], nodes) for number in (first, second)]
        ohms += [max(lead_ohm, 1e-6)] * 2
        poles.append(nodes)
        nodes += 1
    return (poles[0], poles[1]), nodes


def _joints(
    layout: Layout,
    run: StripRun,
    sheet: PlateSheet,
    pad: dict[tuple[int, bool], int],
    lead_at: dict[tuple[int, bool], int],
) -> Indices:
    """The nodes of a plate's pads, then of its tabs."""
    pads = [pad[n, node == layout.by_number[n].group] for n, node in zip(run.cells, run.nodes, strict=True)]
    return np.array([*pads, *(lead_at[n, run.node != 0] for n in sheet.tab_cells)], dtype=np.intp)
