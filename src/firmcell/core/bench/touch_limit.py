"""Whether bare metal may be touched at two places at once, for every step of a plan: from the groups alone,
so that a plan with hundreds of cells is judged as it is edited."""

from collections.abc import Iterable
from dataclasses import field, replace
from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import volts
from firmcell.core.bench.live_map import ENDS_OF_WIRES, OF_KIND
from firmcell.core.bench.moment import Before, Moment, moments_in_order
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
    open_at = _open_at(_Build.of(ends_of_groups(layout, taps), wiring, steps, before, design.series))
    for step, groups in zip(steps, open_at, strict=True):
        full = full or step.code == FIRST_CHARGE
        each = design.cell.full_v if full else design.cell_now_v
        open_v = each * groups
        if open_v > TOUCH_LIMIT_V:
            said = f"Up to {volts(open_v)} between bare metal here: over the touch limit. One hand, gloves, covers."
            step = replace(step, cautions=(*step.cautions, said))
        found.append(step)
    return tuple(found)


Ends = tuple[frozenset[tuple[str, ...]], ...]
"""For each end of each group, minus of group 1 first, the areas that a pad of it may belong to."""


def ends_of_groups(layout: Layout, taps: tuple[Tap, ...]) -> Ends:
    """Return what metal the pads at the ends of all groups belong to, each kind of pad once."""
    found = []
    for end in range(2 * layout.series):
        group, node = end // 2 + 1, (end + 1) // 2
        kinds = set()
        for cell in layout.group_cells(group):
            areas = face_area(layout.face_of(cell, node == group)), node_area(node)
            kinds.add((*areas, tap_area(node)) if cell.number == taps[node].cell else areas)
        found.append(frozenset(kinds))
    return tuple(found)


@frozen
class _Build:
    """What the open groups of all steps read, compared by its parts: most edits of a design change none of
    them."""

    ends: Ends
    before: Before
    series: int
    joined: tuple[tuple[str, str, str, EdgePart], ...]
    kinds: tuple[tuple[str, NodeKind], ...]
    done: tuple[tuple[object, ...], ...]
    wiring: Wiring = field(compare=False)
    steps: tuple[Step, ...] = field(compare=False)

    @classmethod
    def of(cls, ends: Ends, wiring: Wiring, steps: tuple[Step, ...], before: Before, series: int) -> "_Build":
        """Return what the steps of a plan read."""
        return cls(
            ends,
            before,
            series,
            tuple((e.id, e.start, e.end, e.part) for e in wiring.edges),
            tuple((n.id, n.kind) for n in wiring.nodes),
            tuple(
                (s.code, s.joins, s.lifts, s.seats, s.powers, s.wires, s.begins, s.opens, s.bares, s.covers)
                for s in steps
            ),
            wiring,
            steps,
        )


@lru_cache(maxsize=8)
def _open_at(build: _Build) -> tuple[int, ...]:
    moments = moments_in_order(build.wiring, build.steps, build.before, build.series)
    return tuple(open_groups(build.ends, build.wiring, moment) for moment in moments)


def open_groups(ends: Ends, wiring: Wiring, moment: Moment) -> int:
    """Return over how many groups in series bare metal lies that hangs together at a moment.

    Groups hang together where the metal of the tap point between them is on; a wire end stands at the tap
    that it is joined to.
    """
    # Along the chain of ends: minus of group 1, its plus, minus of group 2 and so on; a cell that is not in
    # and a tap point whose metal is not on each begin a new part.
    part = [0]
    for end in range(1, len(ends)):
        group, node = (end + 1) // 2, end // 2
        joined = group in moment.seated if end % 2 else node in moment.on
        part.append(part[-1] + (not joined))
    bare: dict[int, list[int]] = {}
    for end, pads in enumerate(ends):
        group, node = end // 2 + 1, (end + 1) // 2
        there = group in moment.seated or node in moment.on
        if there and any(moment.is_bare(areas) for areas in pads):
            bare.setdefault(part[end], []).append(node)
    for node in _wired_ends(wiring, moment):
        bare.setdefault(part[max(2 * node - 1, 0)], []).append(node)
    return max((max(nodes) - min(nodes) for nodes in bare.values()), default=0)


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
