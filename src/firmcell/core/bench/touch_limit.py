"""Whether bare metal may be touched at two places at once, for every step of a plan: from the groups alone,
so that a plan with hundreds of cells is judged as it is edited."""

from collections.abc import Iterable
from dataclasses import replace

from firmcell.core.base.wording import volts
from firmcell.core.bench.live_map import ENDS_OF_WIRES, OF_KIND
from firmcell.core.bench.moment import Before, Moment, moment_of
from firmcell.core.bms.taps import Tap
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.model.limits import TOUCH_LIMIT_V
from firmcell.core.records.areas import FREE, end_area, face_area, node_area, tap_area
from firmcell.core.records.step import Step
from firmcell.core.wiring.graph import EdgePart, NodeKind, Wiring

FIRST_CHARGE = "first-charge"
"""From this step on cells may be full."""


def with_touch_limit(
    steps: tuple[Step, ...],
    design: Design,
    layout: Layout,
    taps: tuple[Tap, ...],
    wiring: Wiring,
    before: Before,
) -> tuple[Step, ...]:
    """Return the steps; each in which bare metal stands over the touch limit says so."""
    if design.series * design.cell.full_v <= TOUCH_LIMIT_V or not design.details.opens_pack:
        return steps
    found = []
    full = False
    for step in steps:
        full = full or step.code == FIRST_CHARGE
        each = design.cell.full_v if full else design.cell_now_v
        moment = moment_of(wiring, steps, None, step.code, before, design.series)
        open_v = each * open_groups(layout, taps, wiring, moment)
        if open_v > TOUCH_LIMIT_V:
            said = f"Up to {volts(open_v)} between bare metal here: over the touch limit. One hand, gloves, covers."
            step = replace(step, cautions=(*step.cautions, said))
        found.append(step)
    return tuple(found)


def open_groups(layout: Layout, taps: tuple[Tap, ...], wiring: Wiring, moment: Moment) -> int:
    """Return over how many groups in series bare metal lies that hangs together at a moment.

    Groups hang together where the metal of the tap point between them is on; a wire end stands at the tap
    that it is joined to.
    """
    # Along the chain of ends: minus of group 1, its plus, minus of group 2 and so on; a cell that is not in
    # and a tap point whose metal is not on each begin a new part.
    part = [0]
    for end in range(1, 2 * layout.series):
        group, node = (end + 1) // 2, end // 2
        joined = group in moment.seated if end % 2 else node in moment.on
        part.append(part[-1] + (not joined))
    bare: dict[int, list[int]] = {}
    for end in range(2 * layout.series):
        group, node = end // 2 + 1, (end + 1) // 2
        there = group in moment.seated or node in moment.on
        if there and _pads_bare(layout, taps, moment, group, node):
            bare.setdefault(part[end], []).append(node)
    for node in _wired_ends(wiring, moment):
        bare.setdefault(part[max(2 * node - 1, 0)], []).append(node)
    return max((max(nodes) - min(nodes) for nodes in bare.values()), default=0)


def _pads_bare(layout: Layout, taps: tuple[Tap, ...], moment: Moment, group: int, node: int) -> bool:
    tap_cell = taps[node].cell
    for cell in layout.group_cells(group):
        areas = [face_area(layout.face_of(cell, node == group)), node_area(node)]
        if cell.number == tap_cell:
            areas.append(tap_area(node))
        if moment.is_bare(areas):
            return True
    return False


def _wired_ends(wiring: Wiring, moment: Moment) -> Iterable[int]:
    """The tap that each bare end of a wire stands at, by what is made."""
    there = moment.made | moment.begun
    gone = {e.id for e in wiring.of(EdgePart.WIRE)} - there
    gone |= {e.id for e in wiring.of(EdgePart.CELL)}
    if not moment.board_on:
        gone |= {e.id for e in wiring.edges if e.part is EdgePart.BMS or e.id.startswith("plug.")}
    for tap in range(len(wiring.nodes)):
        name = f"B{tap}"
        if name not in wiring.by_id:
            return
        for node in wiring.reached(name, gone):
            kind = wiring.by_id[node].kind
            if kind in ENDS_OF_WIRES:
                by = {e.id for e in wiring.at(node) if e.part is EdgePart.WIRE} & there
                areas = [end_area(node), *([OF_KIND[kind]] if kind in OF_KIND else [])]
                if by and by <= moment.begun:
                    areas.append(FREE)
                if moment.is_bare(areas, unless=bool(by) and kind is not NodeKind.JOINT):
                    yield tap
