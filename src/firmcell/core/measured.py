"""What was measured at the bench takes the place of what the design assumed."""

from firmcell.core.build import BuildState
from firmcell.core.design import Design


def as_measured(design: Design, state: BuildState) -> Design:
    """Return the design with recorded resistances of cells and joints in the place of assumed ones.

    A recorded cell counts before one read from a list; the joint's resistance is the mean of all that were measured. With
    nothing recorded it is the design itself. Readings of cells that the pack does not have are passed over.
    """
    edits: list[tuple[str, object]] = []
    known = {n: ohm for n, ohm in state.cell_ohm.items() if n <= design.cell_count}
    if known:
        ohms = [*design.measured_ohm[: design.cell_count]]
        ohms += [0.0] * (design.cell_count - len(ohms))
        for number, ohm in known.items():
            ohms[number - 1] = ohm
        edits.append(("measured_ohm", tuple(ohms)))
    if state.joint_ohm:
        edits.append(("joining.joint_ohm", sum(state.joint_ohm) / len(state.joint_ohm)))
    return design.with_edits(*edits) if edits else design
