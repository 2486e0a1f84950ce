"""The pack at one moment of the build: what hangs together, what a meter reads between any two points, and
what is live now. All of it is read from the wiring, cell by cell."""

import re
from collections.abc import Iterable
from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.bench.cell_by_cell import cell_end, span_id
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.records.step import Step
from firmcell.core.strips.runs import metal_runs
from firmcell.core.wiring.graph import EdgePart, NodeKind, Wiring
from firmcell.core.wiring.solved import greatest_short, sources_in

_WELD = re.compile(r"weld-(?:top|bottom)-N(\d+)")


def welded_nodes(state: BuildState) -> frozenset[int]:
    """Return the tap points whose metal is welded by the records: steps passed or begun count, since metal
    may be on."""
    found = set()
    for code, step in state.steps.items():
        match = _WELD.fullmatch(code)
        if match and step.status is not StepStatus.OPEN:
            found.add(int(match.group(1)))
    return frozenset(found)


def not_joined(wiring: Wiring, layout: Layout, design: Design, nodes: Iterable[int]) -> frozenset[str]:
    """Return the edges that are not there while only the metal of these tap points is on: strip of the
    others, and all wires."""
    on = set(nodes)
    strip = {
        span_id(run.id, n)
        for run in metal_runs(layout, design.joining)
        if run.node not in on
        for n in range(len(run.spans))
    }
    return frozenset(strip | {e.id for e in wiring.of(EdgePart.WIRE) if not _bridge_on(e.id, on)})


def _bridge_on(wire: str, nodes: set[int]) -> bool:
    """Whether a wire joins two modules at a tap point whose metal is on: it is made in that step."""
    kind, _, number = wire.partition(".")
    return kind == "bridge" and int(number) in nodes


@frozen
class Live:
    """The worst that bare cell ends can do now.

    Attributes
    ----------
    volts : between them, V.
    short_a : what a tool drives in the first moment at most, across them or across one group, A.
    black, red : the two that are farthest apart, in words.
    """

    volts: float
    short_a: float
    black: str
    red: str

    @property
    def words(self) -> str:
        """In words."""
        return (
            f"up to {self.volts:.2f} V, between {self.red} and {self.black}; a tool across two bare ends drives up to about "
            f"{self.short_a:.0f} A"
        )


MOST_ENDS = 400
"""Up to so many cell ends every pair of them is looked at."""
BETWEEN_OTHERS = 1.5
"""By how much a short between other ends than those looked at may be greater: 80 half-built packs needed up to
1.23. Engineering judgement."""
LOOSE = 2
"""Ends that hang together where a cell is joined to nothing."""


@lru_cache(maxsize=64)
def live_now(wiring: Wiring, layout: Layout, design: Design, nodes: frozenset[int]) -> Live:
    """Return the greatest voltage between two cell ends that hang together, and what a short there may drive.

    Parameters
    ----------
    wiring : Wiring
        Cell by cell.
    nodes : frozenset of int
        Tap points whose metal is on; no lead is.

    Notes
    -----
    The current is that of the solved circuit as it stands, cells at their voltage now, times
    `SHORT_CIRCUIT_FACTOR`: it may be
    too high but not too low.
    """
    without = not_joined(wiring, layout, design, nodes)
    worst = (0.0, "", "")
    short_a = 0.0
    own = [(cell_end(c.number, False), cell_end(c.number, True)) for c in layout.cells]
    loose_known = False
    for part in wiring.parts(without):
        ends = {name: v for name, v in part.items() if wiring.by_id[name].kind is NodeKind.CELL_END}
        if not ends:
            continue
        low, high = min(ends, key=lambda n: ends[n]), max(ends, key=lambda n: ends[n])
        worst = max(worst, (ends[high] - ends[low], low, high), key=lambda w: w[0])
        if len(ends) == LOOSE and loose_known:
            continue  # One loose cell is as good as another.
        loose_known = loose_known or len(ends) == LOOSE
        if len(ends) <= MOST_ENDS:
            drives = greatest_short(wiring, part, list(ends), without)
        else:
            # A short over one group meets the least resistance, over cells in series the highest voltage.
            pairs = [(low, high), *(pair for pair in own if pair[0] in ends)]
            told = (s.volts / s.ohm for s in sources_in(wiring, part, pairs, without) if s.ohm > 0)
            drives = BETWEEN_OTHERS * max(told, default=0.0)
        short_a = max(short_a, SHORT_CIRCUIT_FACTOR * drives)
    volts, low, high = worst
    return Live(volts, short_a, wiring.by_id[low].label, wiring.by_id[high].label)


def live_words(wiring: Wiring, layout: Layout, design: Design, state: BuildState, step: str) -> str:
    """Return what is live before and after a weld step, or before any other; `wiring` is cell by cell."""
    nodes = welded_nodes(state)
    match = _WELD.fullmatch(step)
    before = live_now(wiring, layout, design, nodes)
    if match is None or int(match.group(1)) in nodes:
        return f"Live now: {before.words}."
    after = live_now(wiring, layout, design, nodes | {int(match.group(1))})
    if abs(after.volts - before.volts) < 1e-6 and abs(after.short_a / before.short_a - 1) < 0.05:
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
