"""How the pack current divides over strips, cells and leads, solved exactly for equal cells."""

from functools import lru_cache

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining, Leads, StripStyle
from firmcell.core.model.limits import LEAD_TAIL_M
from firmcell.core.model.parts import Cell
from firmcell.core.physics.resistor_network import solve
from firmcell.core.strips.joints import joint_resistances
from firmcell.core.strips.made_of import ohms_per_metre
from firmcell.core.strips.network import metalwork, open_node
from firmcell.core.strips.plate_sheets import plate_sheets
from firmcell.core.strips.runs import StripKind, metal_runs


@frozen(eq=False)
class StripShares:
    """How one ampere of pack current divides over the metal, the cells being alike.

    Attributes
    ----------
    spans : share of each span, by run.
    cells : share of each cell, by number.
    leads : share of each lead, by pole (True is plus) and the cell it is joined at.
    pads : voltage of each pad by cell and pole against the pack's minus for one ampere, cells without
        voltage, V/A.
    heat_ohm : resistance that makes the heat of all strips and joints at any pack current, Ω.
    open_at : the tap point where no current can pass, None if it flows from pole to pole.
    """

    spans: tuple[tuple[float, ...], ...]
    cells: dict[int, float]
    leads: dict[tuple[bool, int], float]
    pads: dict[tuple[int, bool], float]
    heat_ohm: float
    open_at: int | None


def one_lead_ohm(layout: Layout, joining: Joining, leads: Leads) -> float:
    """Return the resistance of one main lead and the end of strip that it is joined to; of a plate that end
    counts with the plate.

    Parameters
    ----------
    layout : Layout
    joining : Joining
    leads : Leads

    Returns
    -------
    resistance : float
        Ω, at 20 °C.

    References
    ----------
    .. [1] iec-60228

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> leads = Of(length_m=0.3, wire=Of(resistance_ohm_per_m=0.004))
    >>> plates = Of(style=StripStyle.PLATES)
    >>> round(one_lead_ohm(Of(), plates, leads), 6)
    0.0012
    """
    wire_ohm = leads.length_m * leads.wire.resistance_ohm_per_m
    if joining.style is StripStyle.PLATES:
        return wire_ohm
    return wire_ohm + LEAD_TAIL_M * ohms_per_metre(layout, joining)[StripKind.COLLECTOR]


@lru_cache(maxsize=32)
def strip_shares(
    layout: Layout, joining: Joining, cell: Cell, lead_ohm: float = 0.0, sheets: bool = True
) -> StripShares:
    """Return the division of the pack current over the real layout, solved exactly for equal cells.

    Parameters
    ----------
    layout : Layout
    joining : Joining
    cell : Cell
    lead_ohm : float
        Of each of two leads of one pole with the strip between it and the pad, Ω.
    sheets : bool
        Whether plates are solved as sheets, which takes a moment, or count as bars from pad to pad.
    """
    runs = metal_runs(layout, joining)
    per_metre = ohms_per_metre(layout, joining)
    joint_ohm = joint_resistances(layout, joining)
    solved = plate_sheets(layout, joining, cell, runs) if sheets else {}
    work = metalwork(layout, runs, per_metre, cell.resistance_ohm, joint_ohm, lead_ohm, solved)
    state = solve(work.network, 0.0, 1.0)
    shares: list[list[float]] = [[] for _ in runs]
    strips = slice(len(work.spans))
    for (place, _), current in zip(work.spans, np.abs(state.current_a[strips]).tolist(), strict=True):
        # Below a billionth is the arithmetic, not a current.
        shares[place].append(current if current > 1e-9 else 0.0)
    for place, one in work.sheets.items():
        bands = np.abs(one.load(state.volts, state.current_a, 1.0).current_a)
        shares[place] = [i if i > 1e-9 else 0.0 for i in bands[: len(runs[place].spans)].tolist()]
    lost = state.current_a**2 * work.network.ohm
    heat = float(lost.sum() - lost[work.of_leads].sum() + (state.cell_a**2 * 2 * joint_ohm).sum())
    cells = {c.number: float(i) for c, i in zip(layout.cells, state.cell_a, strict=True)}
    seconds = np.abs(state.current_a[work.of_leads]).tolist()
    leads: dict[tuple[bool, int], float] = {}
    for first, second, positive in zip(
        layout.lead_cells, layout.second_lead_cells, (False, True), strict=True
    ):
        leads[positive, first] = seconds.pop(0) if second else 1.0
        if second:
            leads[positive, second] = seconds.pop(0)
    pads = {pad: float(state.volts[node]) for pad, node in work.pad.items()}
    return StripShares(tuple(tuple(s) for s in shares), cells, leads, pads, heat, open_node(layout, work))
