"""Joints of a run on its pads: how many, and their resistance."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Joining
from firmcell.core.model.joint_kinds import KINDS, JoinedBy
from firmcell.core.physics.short_wire import resistance
from firmcell.core.strips.made_of import strip_asked
from firmcell.core.strips.runs import StripKind, StripRun

TAB_M, TAB_FREE_M = 0.015, 0.006
"""A tab as it is cut, and what of it lies free between the bar and the weld, m; engineering judgement."""


CONDUCTS_W_MK = 80.0
"""Heat conductivity of nickel strip at about 60 °C, W/m·K; below that of pure nickel at 300 K (90.7, Incropera,
from memory)."""


def tab_rise(joining: Joining, current_a: float, ends_k: float) -> float:
    """Return how much hotter than its two ends the middle of a tab is, K; 0 without tabs.

    Parameters
    ----------
    joining : Joining
    current_a : float
        Through one tab, A.
    ends_k : float
        Temperature of bar and cell, K.

    Returns
    -------
    rise : float
        K. No heat is given off on the way, and the resistance is that of the hottest place all along: it
        errs high.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.design import Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> tabbed = Joining(link_strip=NICKEL, collector_strip=NICKEL, collector_tabs=NICKEL)
    >>> by_hand = 6.93e-8 * (20 * 0.006 / 1.2e-6) ** 2 / (8 * 80)  # ρ (I L / A)² / 8 k at 20 °C
    >>> bool(1.0 < tab_rise(tabbed, 20.0, 293.15) / by_hand < 1.02)
    True
    """
    tab = joining.collector_tabs if joining.on_tabs else None
    if tab is None:
        return 0.0
    cold = (current_a * TAB_FREE_M / tab.section_m2) ** 2 * tab.resistivity_ohm_m / (8 * CONDUCTS_W_MK)
    alpha = tab.temperature_coefficient_per_k
    risen = 1 + alpha * (ends_k - 293.15)
    # rise = cold × (risen + α rise): with the resistance of the hottest place all along.
    return cold * risen / max(1 - alpha * cold, 1e-3)


def joint_resistance(joining: Joining) -> float:
    """Return the resistance of the joint on one pad: as measured, else of the generic class of its kind.

    Parameters
    ----------
    joining : Joining

    Returns
    -------
    resistance : float
        Ω.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.design import Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> joint_resistance(Joining(link_strip=NICKEL, collector_strip=NICKEL, joint_ohm=0.0003))
    0.0003
    """
    return joining.joint_ohm or KINDS[joining.joined_by].ohm


SPOT_RADIUS_M, SOLDERED_RADIUS_M = 0.00075, 0.003
"""Radius of one weld spot, two a pair, and of a soldered joint, m; common practice, no source."""
CAN_M, CAN_W_MK, CAN_REACH_M = 0.0003, 50.0, 0.005
"""Wall of a can or cap, its conductivity (W/m·K), and how far round a joint the heat spreads in it before it is in
the cell, m; generic class values."""


def joint_k_per_w(joining: Joining) -> float:
    """Return how much hotter the metal at a pad is than the cell under it for each watt that passes.

    Heat spreads from the spots of the joint in the cell's thin wall. That it comes together to them in the
    strip is made up for by the span, which counts from middle to middle of the pads and is shorter.

    Parameters
    ----------
    joining : Joining

    Returns
    -------
    resistance : float
        K/W; none into the solid terminal that a screw sits in.

    Notes
    -----
    ln(r₂/r₁) / 2πkt from a circle to another in a sheet, for each spot, to `CAN_REACH_M`.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.design import Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> joining = Joining(link_strip=NICKEL, collector_strip=NICKEL, welds_per_pad=1)
    >>> round(joint_k_per_w(joining), 2)  # ln(5 / 0.75) / (2 × 2π × 50 × 0.3e-3)
    10.06
    """
    match joining.joined_by:
        case JoinedBy.WELD:
            spots, radius = 2 * joining.welds_per_pad, SPOT_RADIUS_M
        case JoinedBy.SCREW:
            return 0.0
        case JoinedBy.TABS | JoinedBy.SOLDER:
            spots, radius = 1, SOLDERED_RADIUS_M
    return float(np.log(CAN_REACH_M / radius) / (2 * np.pi * spots * CAN_W_MK * CAN_M))


def joint_count(run: StripRun, joining: Joining) -> int:
    """Return the weld pairs of a run, all layers, with twice as many on pads of doubled cells; or its
    soldered or screwed joints.

    What lies under the strip is welded through the first layer on it and needs no welds of its own. Solder
    and screws hold all layers at once.
    """
    pads = len(run.cells)
    if joining.fused and run.kind is StripKind.PLATE:
        # A plus has a soldered wire in place of them.
        pads -= run.pluses
    if joining.joined_by is not JoinedBy.WELD:
        return pads
    if joining.doubled and not joining.fused:
        pads += len(set(run.cells) & set(joining.doubled))
    if joining.on_tabs and run.kind is StripKind.COLLECTOR:
        return pads * joining.welds_per_pad
    return pads * strip_asked(joining, run.kind)[1] * joining.welds_per_pad


def joint_resistances(layout: Layout, joining: Joining) -> Array:
    """Return the resistance of the joint on one pad of each cell; twice the welds have half of it.

    Parameters
    ----------
    layout : Layout
        Of n cells.
    joining : Joining

    Returns
    -------
    resistance : ndarray, shape (n,)
        Ω.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from types import SimpleNamespace
    >>> from firmcell.core.model.design import Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> cells = SimpleNamespace(number=1, group=1), SimpleNamespace(number=2, group=2)
    >>> two = SimpleNamespace(cells=cells, series=2)
    >>> joining = Joining(link_strip=NICKEL, collector_strip=NICKEL, joint_ohm=0.0004, doubled=(2,))
    >>> joint_resistances(two, joining).tolist()
    [0.0004, 0.0002]
    """
    doubled = set(joining.doubled) if joining.joined_by is JoinedBy.WELD else set()
    parts = np.array([0.5 if c.number in doubled else 1.0 for c in layout.cells])
    # A cell at an end of the pack has its tab on one of its two pads: half of it counts with each.
    ends = np.array([(c.group == 1) + (c.group == layout.series) for c in layout.cells])
    # The fuse wire is at one pole; half of it counts with each.
    return joint_resistance(joining) * parts + 0.5 * (tab_resistance(joining) * ends + fuse_wire_ohm(joining))


FUSE_WIRE_WARM_K = 60.0
"""By how much a fuse wire in use is taken to be warmer than 20 °C where its resistance counts, K; engineering
judgement."""


def fuse_wire_ohm(joining: Joining) -> float:
    """Return the resistance of the fuse wire at a cell in use, Ω; 0 without.

    Parameters
    ----------
    joining : Joining

    Returns
    -------
    resistance : float
        Ω.

    References
    ----------
    .. [1] iec-60028

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> fused = Of(fused=True, fuse_wire_m=0.0003, fuse_free_m=0.008)
    >>> round(fuse_wire_ohm(fused) / (1.7241e-8 * 0.008 / (0.7854 * 0.0003**2)), 3)  # 0.00393 × 60 more
    1.236
    """
    if not joining.fused or joining.fuse_wire_m is None:
        return 0.0
    return resistance(joining.fuse_wire_m, joining.fuse_free_m, 293.15 + FUSE_WIRE_WARM_K)


def tab_resistance(joining: Joining) -> float:
    """Return the resistance of a tab between a collecting bar and a cell, Ω; 0 without tabs.

    Parameters
    ----------
    joining : Joining

    Returns
    -------
    resistance : float
        Ω.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from firmcell.core.model.design import Joining
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> tabbed = Joining(link_strip=NICKEL, collector_strip=NICKEL, collector_tabs=NICKEL)
    >>> by_hand = NICKEL.resistivity_ohm_m * 0.006 / NICKEL.section_m2  # 6 mm of it
    >>> round(tab_resistance(tabbed) / by_hand, 9)
    1.0
    """
    tab = joining.collector_tabs if joining.on_tabs else None
    return tab.resistivity_ohm_m * TAB_FREE_M / tab.section_m2 if tab else 0.0
