"""What was measured at the bench takes the place of what the design assumed."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.model.design import Design
from firmcell.core.physics.resistor_network import solve
from firmcell.core.records.build_state import BuildState
from firmcell.core.strips.under_load import UnderLoad


def as_measured(design: Design, state: BuildState) -> Design:
    """Return the design with recorded resistances and capacities of cells, and resistances of joints, in
    the place of assumed ones; its cells at the mean of their recorded voltages, once each has one.

    A recorded cell counts before one read from a list; the joint's resistance is the mean of all that were
    measured. With nothing recorded it is the design itself. Readings of cells that the pack does not have are
    passed over.
    """
    edits: list[tuple[str, object]] = []
    known = {n: ohm for n, ohm in state.cell_ohm.items() if n <= design.cell_count}
    if known:
        ohms = [*design.measured_ohm[: design.cell_count]]
        ohms += [0.0] * (design.cell_count - len(ohms))
        for number, ohm in known.items():
            ohms[number - 1] = ohm
        edits.append(("measured_ohm", tuple(ohms)))
    held = capacities(design, state)
    if held.any():
        edits.append(("measured_as", tuple(held.tolist())))
    volts = [state.cell_volts.get(n) for n in range(1, design.cell_count + 1)]
    read = [v for v in volts if v]
    if len(read) == len(volts) and design.cell.empty_v <= sum(read) / len(read) <= design.cell.full_v:
        edits.append(("cell_now_v", sum(read) / len(read)))
    if state.joint_ohm:
        edits.append(("joining.joint_ohm", sum(state.joint_ohm) / len(state.joint_ohm)))
    return design.with_edits(*edits) if edits else design


def capacities(design: Design, state: BuildState) -> Array:
    """Return the recorded capacity of each cell (n,), A·s, 0 where none was recorded."""
    found = np.zeros(design.cell_count)
    for number, test in state.cell_tests.items():
        if test.capacity_as is not None and number <= design.cell_count:
            found[number - 1] = test.capacity_as
    return found


def at_first_touch(metal: UnderLoad, cell_volts: dict[int, float]) -> Array:
    """Return what each cell gives (n,), A, with nothing drawn, all strips on and every cell still at its own
    voltage.

    Parameters
    ----------
    metal : UnderLoad
        The solved pack.
    cell_volts : dict
        Resting voltage of cells by number, V; a cell without one stands at the mean of its group's, which
        drives nothing.

    Notes
    -----
    By d.c. resistance, so the very first moment is about half as much again; it dies away as the cells even
    out.
    """
    cells = metal.layout.cells
    volts = np.array([cell_volts.get(c.number, np.nan) for c in cells])
    groups = np.array([c.group for c in cells])
    for group in set(groups.tolist()):
        mine = groups == group
        known = volts[mine & ~np.isnan(volts)]
        volts[mine & np.isnan(volts)] = known.mean() if len(known) else 0.0
    return solve(metal.network, volts, 0.0).cell_a
