"""The pack at one moment of the build: which pads hang together, what a meter reads between any two, and what
is live now."""

import re
from collections.abc import Iterable
from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import Layout
from firmcell.core.leads.main_leads import prospective_short_circuit
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.records.step import Step
from firmcell.core.strips.runs import metal_runs
from firmcell.core.wiring.graph import EdgePart, NodeKind, Wiring

Pad = tuple[int, bool]
"""A cell's number, and True for its plus."""
_WELD = re.compile(r"weld-(?:top|bottom)-N(\d+)")


@frozen
class Moment:
    """What hangs together with what.

    Attributes
    ----------
    part : by pad, which connected part it is in.
    volts : by pad, against the lowest of its part, V.
    groups_in_series : greatest number of cells in series in any part.
    """

    part: dict[Pad, int]
    volts: dict[Pad, float]
    groups_in_series: int

    def between(self, black: Pad, red: Pad) -> float | None:
        """Return what a meter reads, V; None where nothing joins the two, and it drifts about nothing."""
        if self.part[black] != self.part[red]:
            return None
        return self.volts[red] - self.volts[black]

    @property
    def greatest(self) -> tuple[float, Pad, Pad]:
        """The greatest voltage between two bare points that hang together: V, and from where to where."""
        ends: dict[int, tuple[Pad, Pad]] = {}
        for pad, part in self.part.items():
            low, high = ends.get(part, (pad, pad))
            ends[part] = (
                pad if self.volts[pad] < self.volts[low] else low,
                pad if self.volts[pad] > self.volts[high] else high,
            )
        low, high = max(ends.values(), key=lambda pair: self.volts[pair[1]] - self.volts[pair[0]])
        return self.volts[high] - self.volts[low], low, high


def welded_nodes(state: BuildState) -> frozenset[int]:
    """Return the tap points whose metal is welded by the records: steps passed or begun count, since metal
    may be on."""
    found = set()
    for code, step in state.steps.items():
        match = _WELD.fullmatch(code)
        if match and step.status is not StepStatus.OPEN:
            found.add(int(match.group(1)))
    return frozenset(found)


@lru_cache(maxsize=64)
def moment_of(layout: Layout, design: Design, nodes: frozenset[int]) -> Moment:
    """Return the pack with the metal of these tap points on, its cells all at the voltage measured now."""
    pads: list[Pad] = [(c.number, pole) for c in layout.cells for pole in (False, True)]
    joined: dict[Pad, list[tuple[Pad, float]]] = {pad: [] for pad in pads}

    def join(a: Pad, b: Pad, volts: float) -> None:
        joined[a].append((b, volts))
        joined[b].append((a, -volts))

    for cell in layout.cells:
        join((cell.number, False), (cell.number, True), design.cell_now_v)
    for run in metal_runs(layout, design.joining.style):
        if run.node in nodes:
            own = [
                (number, node == layout.by_number[number].group)
                for number, node in zip(run.cells, run.nodes, strict=True)
            ]
            for i, j in run.spans:
                join(own[i], own[j], 0.0)
    part: dict[Pad, int] = {}
    volts: dict[Pad, float] = {}
    most = 0
    for number, start in enumerate(pads):
        if start in part:
            continue
        part[start], volts[start] = number, 0.0
        reach = [start]
        mine = [start]
        while reach:
            pad = reach.pop()
            for other, step in joined[pad]:
                if other not in part:
                    part[other], volts[other] = number, volts[pad] + step
                    reach.append(other)
                    mine.append(other)
        low = min(volts[p] for p in mine)
        for p in mine:
            volts[p] -= low
        if design.cell_now_v > 0:
            most = max(most, round(max(volts[p] for p in mine) / design.cell_now_v))
    return Moment(part, volts, most)


@frozen
class Live:
    """The worst that two bare points can do now: V, A in the first moment at most, and which they are."""

    volts: float
    short_a: float
    black: Pad
    red: Pad

    @property
    def words(self) -> str:
        """In words."""

        def named(pad: Pad) -> str:
            return f"cell {pad[0]} {'plus' if pad[1] else 'minus'}"

        return (
            f"up to {self.volts:.2f} V, between {named(self.red)} and {named(self.black)}; a tool across them drives up to about "
            f"{self.short_a:.0f} A"
        )


def live_now(layout: Layout, design: Design, nodes: Iterable[int]) -> Live:
    """Return the greatest voltage between two points that hang together, and what a short there may drive.

    The resistance is that of so many whole groups in series, as if all their cells were joined already: the
    current errs high.
    """
    moment = moment_of(layout, design, frozenset(nodes))
    volts, black, red = moment.greatest
    ohm = max(moment.groups_in_series, 1) * design.cell.resistance_ohm / design.parallel
    return Live(volts, prospective_short_circuit(volts, ohm), black, red)


def live_words(layout: Layout, design: Design, state: BuildState, step: str) -> str:
    """Return what is live before and after a weld step, or before any other; empty once all metal is on."""
    nodes = welded_nodes(state)
    match = _WELD.fullmatch(step)
    before = live_now(layout, design, nodes)
    if match is None or int(match.group(1)) in nodes:
        return f"Live now: {before.words}."
    after = live_now(layout, design, nodes | {int(match.group(1))})
    if abs(after.volts - before.volts) < 1e-6:
        return f"Live now and after it: {before.words}."
    return f"Live now: {before.words}. After it: {after.words}."


def live_ends_words(wiring: Wiring, steps: tuple[Step, ...], code: str) -> str:
    """Return which wire ends are open and live once a step is done, and how far they read from each other.

    What earlier steps made counts as there whether they are passed or not: one works in their order. Contacts
    of a plug count as open as soon as a wire reaches them. Empty where the step makes no wire.
    """
    made: set[str] = set()
    begun: set[str] = set()
    for step in steps:
        made |= {*step.wires, *step.begins}
        begun = (begun | set(step.begins)) - set(step.wires)
        if step.code == code:
            if not step.wires and not step.begins:
                return ""
            break
    else:
        return ""
    unmade = {e.id for e in wiring.of(EdgePart.WIRE)} - made
    # The plug stays out of the board, and its switch open, until the board is connected.
    unmade |= {e.id for e in wiring.edges if e.id.startswith("plug.") or e.part is EdgePart.BMS}
    live = wiring.reached("B0", unmade)
    ends = {
        node: volts
        for node, volts in live.items()
        if wiring.by_id[node].kind in OPEN_ENDS
        and any(e.part is EdgePart.WIRE and e.id in made for e in wiring.at(node))
    }
    if len(ends) < 1:
        return ""

    def name(node: str) -> str:
        free = any(e.id in begun for e in wiring.at(node))
        return ("the free end for the " if free else "") + wiring.by_id[node].label

    low, high = min(ends, key=lambda n: ends[n]), max(ends, key=lambda n: ends[n])
    if len(ends) == 1:
        return f"Live after it: {name(low)}, against all metal of the pack."
    return f"Live after it: {len(ends)} open ends, up to {ends[high] - ends[low]:.2f} V between {name(low)} and {name(high)}."


OPEN_ENDS = {
    NodeKind.SENSE_PIN,
    NodeKind.BALANCE_PIN,
    NodeKind.CUP,
    NodeKind.STUD,
    NodeKind.BOARD_PAD,
    NodeKind.FUSE_END,
}
"""Where a wire may end with metal that can be touched."""
