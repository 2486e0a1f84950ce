"""One moment of a build: which metal is on, which wires are made, which cells are in, and what lies bare.

It is folded from the steps in the order of the plan, each by where it stands in the records.
"""

from collections.abc import Callable, Iterable, Iterator
from copy import copy
from functools import cached_property

from firmcell.core.base.frozen import frozen
from firmcell.core.bench.cell_by_cell import span_id
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.records.areas import BOTH_FACES, ENDS, EVERYTHING, RIMS, end_area
from firmcell.core.records.build_state import BuildState, StepStatus
from firmcell.core.records.step import Step
from firmcell.core.strips.runs import metal_runs
from firmcell.core.wiring.graph import EdgePart, NodeKind, Wiring

BOARD_ON = "board-on"
"""The step that connects the board: its switch is open, and its plug out, until then."""
SOURCE = "cell.source"
SLEEVED = frozenset((NodeKind.CUP, NodeKind.FUSE_END, NodeKind.STUD, NodeKind.JOINT))
"""Ends of wires that a sleeve covers."""


@frozen
class Before:
    """What is there before the first step.

    Attributes
    ----------
    closed : a pack that is joined and covered already.
    cells_in : whether the cells are in their places.
    powered : whether a source that is not cells is on.
    inside : whether the pack is opened in this job; where it is not, its leads are all that is touched.
    """

    inside: bool = True
    closed: bool = False
    cells_in: bool = True
    powered: bool = False


@frozen
class Moment:
    """One moment of a build.

    Attributes
    ----------
    on : numbers of the tap points whose metal is on.
    seated : numbers of the groups whose cells are in.
    made, begun : ids of wires that are joined at both ends, or at the pack only.
    board_on, powered : whether the board is connected, and a source on.
    acts : what was laid bare (true) or covered (false), oldest first, in the words of `records.areas`.
    """

    on: frozenset[int]
    seated: frozenset[int]
    made: frozenset[str]
    begun: frozenset[str]
    board_on: bool
    powered: bool
    acts: tuple[tuple[frozenset[str], bool], ...]

    def is_bare(self, areas: Iterable[str], unless: bool = True) -> bool:
        """Whether what belongs to `areas` lies bare: the last act on any of them says so; `unless` there was
        none."""
        last, none = self._last_on, (-1, unless)
        return max((last.get(area, none) for area in (EVERYTHING, *areas)), key=lambda found: found[0])[1]

    @cached_property
    def _last_on(self) -> dict[str, tuple[int, bool]]:
        """The last act on each area: its place among all, and whether it laid bare."""
        return {area: (n, bare) for n, (touched, bare) in enumerate(self.acts) for area in touched}


def moment_of(
    wiring: Wiring, steps: tuple[Step, ...], state: BuildState | None, code: str, before: Before, series: int
) -> Moment:
    """Return the moment at which the step of this code is at hand, just before what it covers is covered.

    Parameters
    ----------
    wiring : Wiring
        Of the job.
    steps : tuple of Step
        The work plan.
    state : BuildState or None
        The records; None takes every step before it as passed and none after it as begun.
    code : str
        Of the step at hand; empty for none: as the records say.
    before : Before
    series : int
        Groups in series.

    Notes
    -----
    A step that is begun or not right may have put its metal on and has covered nothing.
    """
    codes = [s.code for s in steps]
    at = codes.index(code) if code in codes else len(codes)

    def status(n: int) -> StepStatus:
        if state is not None:
            return state.step(codes[n]).status
        return StepStatus.PASSED if n < at else StepStatus.OPEN

    return _Fold(wiring, before, series).over(steps, status, at)


def moments_in_order(
    wiring: Wiring, steps: tuple[Step, ...], before: Before, series: int
) -> Iterator[Moment]:
    """Return for each step the moment at which it is at hand, all before it passed: as `moment_of` without
    records, but each step is looked at once."""
    fold = _Fold(wiring, before, series)
    fold.board_on = not any(s.code == BOARD_ON for s in steps)
    for step in steps:
        yield fold.split().at(step)
        fold.do(step)
        fold.done(step)


class _Fold:
    def __init__(self, wiring: Wiring, before: Before, series: int) -> None:
        self.wiring = wiring
        self.edges = {e.id: e for e in wiring.wires}
        self.on: set[int] = set(range(series + 1)) if before.closed else set()
        self.seated: set[int] = set(range(1, series + 1)) if before.cells_in else set()
        self.made: set[str] = set()
        self.begun: set[str] = set()
        self.powered, self.inside = before.powered, before.inside
        self.board_on = True
        self.acts: list[tuple[frozenset[str], bool]] = []
        self.told: set[str] = set()
        if before.closed:
            self._act((*BOTH_FACES, RIMS), bare=False)

    def over(self, steps: tuple[Step, ...], status: Callable[[int], StepStatus], at: int) -> Moment:
        self.board_on = not any(s.code == BOARD_ON for s in steps)
        for n, step in enumerate(steps):
            now = status(n)
            if n == at:
                continue
            if now is StepStatus.OPEN:
                continue
            self.do(step)
            if now is StepStatus.PASSED:
                self.done(step)
        return self.at(steps[at]) if at < len(steps) else self.moment()

    def split(self) -> "_Fold":
        """What can go on by itself from here."""
        other = copy(self)
        for name in ("on", "seated", "made", "begun", "acts", "told"):
            setattr(other, name, copy(getattr(self, name)))
        return other

    def at(self, step: Step) -> Moment:
        """The moment with a step at hand."""
        self.do(step)
        self._act(step.opens, bare=True)
        return self.moment()

    def moment(self) -> Moment:
        """The moment as it is."""
        return Moment(
            frozenset(self.on),
            frozenset(self.seated),
            frozenset(self.made),
            frozenset(self.begun - self.made),
            self.board_on,
            self.powered,
            tuple(self.acts),
        )

    def _act(self, areas: Iterable[str], bare: bool) -> None:
        found = set(areas)
        if ENDS in found:
            found.remove(ENDS)
            found |= self._sleeved_ends()
        if found or not bare:
            self.acts.append((frozenset(found), bare))

    def _sleeved_ends(self) -> set[str]:
        """Ends of all wires made or begun so far that a sleeve covers."""
        ends = {n for name in self.made | self.begun for n in (self.edges[name].start, self.edges[name].end)}
        return {end_area(n) for n in ends if self.wiring.by_id[n].kind in SLEEVED}

    def do(self, step: Step) -> None:
        """What a step puts on, makes and lays bare, once it is begun."""
        self.on |= set(step.joins)
        self.seated |= set(step.seats)
        self.made |= set(step.wires) & self.edges.keys()
        self.begun |= set(step.begins) & self.edges.keys()
        self.powered = self.powered or step.powers
        self.board_on = self.board_on or step.code == BOARD_ON
        # What was covered off the pack is not bared by its wire; all other ends of a wire are.
        ends = {
            end_area(n)
            for name in step.wires
            if name in self.edges
            for n in (self.edges[name].start, self.edges[name].end)
            if self.inside or self.wiring.by_id[n].kind is not NodeKind.JOINT
        }
        self._act(ends - self.told, bare=True)
        self._act(step.bares, bare=True)
        waiting = {end_area(self.edges[n].end) for n in step.begins if n in self.edges}
        self._act(waiting, bare=False)

    def done(self, step: Step) -> None:
        """What a step takes off and covers, once it is passed."""
        if step.lifts:
            self.on.clear()
        self._act(step.covers, bare=False)
        if step.covers:
            self.told |= {a for a in self.acts[-1][0] if a.startswith("end:")}


def not_there(wiring: Wiring, layout: Layout, design: Design, moment: Moment) -> frozenset[str]:
    """Return the edges of a wiring, cell by cell or by groups, that are not there at a moment.

    The span of a strip that is not on, wires that are not made, cells that are not in, the switch and the
    plug of a board that is not connected, and a source that is off.
    """
    gone = {e.id for e in wiring.of(EdgePart.WIRE)} - moment.made - moment.begun
    if not moment.board_on:
        gone |= {e.id for e in wiring.edges if e.part is EdgePart.BMS or e.id.startswith("plug.")}
    if not moment.powered:
        gone.add(SOURCE)
    if len(moment.on) <= design.series:
        for run in metal_runs(layout, design.joining):
            if run.node not in moment.on:
                gone |= {span_id(run.id, n) for n in range(len(run.spans))}
    if len(moment.seated) < design.series:
        gone |= {f"cell.{c.number}" for c in layout.cells if c.group not in moment.seated}
    return frozenset(gone)
