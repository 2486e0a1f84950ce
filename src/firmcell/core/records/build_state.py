"""The state of a build: a fold over its events."""

from collections import defaultdict
from collections.abc import Iterable
from dataclasses import field
from enum import StrEnum
from typing import Any

from firmcell.core.base.frozen import frozen
from firmcell.core.records.events import (
    Across,
    AsFound,
    CellCheck,
    CellReading,
    CellTest,
    Checked,
    Correction,
    CrimpJoint,
    Event,
    InsulationReading,
    JointReading,
    LoadedReading,
    NotRight,
    PhotoKept,
    PointReading,
    PolarityReading,
    ScrewJoint,
    SolderJoint,
    StepPassed,
    TapReading,
    Weighing,
    WeldRow,
    WeldSample,
)
from firmcell.core.records.incidents import OpenIncident, open_incidents


class StepStatus(StrEnum):
    """Where a step stands."""

    OPEN = "open"
    BEGUN = "begun"
    PASSED = "passed"
    NOT_RIGHT = "not right"


@frozen
class StepState:
    """One step's status, how often it was reworked, the numbers of its records that count, and why it is open
    again once it was passed, with its title then."""

    status: StepStatus = StepStatus.OPEN
    rework: int = 0
    records: tuple[int, ...] = ()
    person: str = ""
    time: str = ""
    note: str = ""
    reopened: str = ""
    title: str = ""


@frozen
class BuildState:
    """Everything the records say, taken-back ones left out.

    Attributes
    ----------
    steps : by step code.
    tap_volts : latest reading by tap number, V.
    cell_ohm, cell_volts : latest reading by cell number, Ω and V.
    cell_tests : latest test of each reclaimed cell, by number.
    joint_ohm : every joint measured, Ω.
    point_volts : latest reading between two points, by the names of black and red, V.
    lamp_volts, loaded_volts : the same with a lamp across the points, and with the pack under load, V.
    taken_back : numbers of events that a correction names.
    incidents : those that nobody has resolved.
    """

    steps: dict[str, StepState] = field(default_factory=dict)
    tap_volts: dict[int, float] = field(default_factory=dict)
    cell_ohm: dict[int, float] = field(default_factory=dict)
    cell_volts: dict[int, float] = field(default_factory=dict)
    cell_tests: dict[int, CellTest] = field(default_factory=dict)
    joint_ohm: tuple[float, ...] = ()
    point_volts: dict[tuple[str, str], float] = field(default_factory=dict)
    lamp_volts: dict[tuple[str, str], float] = field(default_factory=dict)
    loaded_volts: dict[tuple[str, str], float] = field(default_factory=dict)
    insulation: tuple[InsulationReading, ...] = ()
    cell_checks: tuple[CellCheck, ...] = ()
    weld_samples: tuple[WeldSample, ...] = ()
    weld_rows: tuple[WeldRow, ...] = ()
    solder_joints: tuple[SolderJoint, ...] = ()
    screw_joints: tuple[ScrewJoint, ...] = ()
    checks: tuple[Checked, ...] = ()
    polarity: tuple[PolarityReading, ...] = ()
    crimps: tuple[CrimpJoint, ...] = ()
    as_found: tuple[AsFound, ...] = ()
    photos: tuple[PhotoKept, ...] = ()
    weighings: tuple[Weighing, ...] = ()
    taken_back: frozenset[int] = frozenset()
    event_count: int = 0
    incidents: tuple[OpenIncident, ...] = ()

    def step(self, code: str) -> StepState:
        """The state of a step; open if nothing is recorded."""
        return self.steps.get(code, StepState())

    @property
    def reworks(self) -> int:
        """How many times any step was found not right."""
        return sum(state.rework for state in self.steps.values())


EMPTY_STATE = BuildState()
KEPT: dict[str, type] = {
    "insulation": InsulationReading,
    "cell_checks": CellCheck,
    "weld_samples": WeldSample,
    "weld_rows": WeldRow,
    "solder_joints": SolderJoint,
    "screw_joints": ScrewJoint,
    "checks": Checked,
    "polarity": PolarityReading,
    "crimps": CrimpJoint,
    "as_found": AsFound,
    "photos": PhotoKept,
    "weighings": Weighing,
}
"""Records that are kept whole, by the field of the state."""
RENAMED_STEPS = {
    f"guard-{name}": f"cell-bms-{name}"
    for name in ("cell-check", "ring", "minus", "strap", "wake", "sleeve", "proof")
}
"""Codes of steps in the records of version 0.1, by what they are called now; a record itself is never
rewritten."""


def standing_events(events: Iterable[Event]) -> tuple[list[Event], frozenset[int]]:
    """Return the events that count and the numbers taken back; a taken-back correction takes nothing back."""
    everything = list(events)
    taken: set[int] = set()
    # Later corrections first: one that takes back a correction restores what that one took.
    for event in reversed([e for e in everything if type(e.data) is Correction]):
        assert isinstance(event.data, Correction)
        if event.seq not in taken and event.data.seq < event.seq:
            taken.add(event.data.seq)
    if not taken:
        return everything, frozenset()
    return [event for event in everything if event.seq not in taken], frozenset(taken)


def fold(events: Iterable[Event]) -> BuildState:
    """Return the state after `events`, oldest first."""
    everything = list(events)
    standing, taken = standing_events(everything)
    of_step: defaultdict[str, list[Event]] = defaultdict(list)
    taps: dict[int, float] = {}
    cell_ohm: dict[int, float] = {}
    cell_volts: dict[int, float] = {}
    tests: dict[int, CellTest] = {}
    joints: list[float] = []
    read: dict[Across | None, dict[tuple[str, str], float]] = {a: {} for a in (None, *Across)}
    kept: dict[type, list[Any]] = {kind: [] for kind in KEPT.values()}
    for event in standing:
        data = event.data
        # One look at the kind, not a dozen: ten thousand records are folded at each new one.
        kind = type(data)
        if kind is Correction:
            continue
        if event.step:
            of_step[event.step].append(event)
        if kind in kept:
            kept[kind].append(data)
        elif isinstance(data, TapReading):
            taps[data.tap] = data.volts
        elif isinstance(data, CellReading | CellTest):
            volts = data.volts if isinstance(data, CellReading) else data.second_v
            if isinstance(data, CellTest):
                tests[data.cell] = data
            if data.ohms is not None:
                cell_ohm[data.cell] = data.ohms
            if volts is not None:
                cell_volts[data.cell] = volts
        elif isinstance(data, PointReading | LoadedReading):
            read[getattr(data, "across", None)][data.black, data.red] = data.volts
        elif isinstance(data, JointReading):
            joints.append(data.ohms)
    steps = _step_states(of_step)
    return BuildState(
        steps=steps,
        tap_volts=taps,
        cell_ohm=cell_ohm,
        cell_volts=cell_volts,
        cell_tests=tests,
        joint_ohm=tuple(joints),
        point_volts=read[None],
        lamp_volts=read[Across.LAMP],
        loaded_volts=read[Across.PACK_LOADED],
        taken_back=taken,
        event_count=len(everything),
        incidents=open_incidents(standing),
        **{name: tuple(kept[kind]) for name, kind in KEPT.items()},
    )


def _step_states(of_step: dict[str, list[Event]]) -> dict[str, StepState]:
    """The state of each step after its records, by its code as it is called now."""
    renamed: dict[str, list[Event]] = {}
    for code, own in of_step.items():
        renamed.setdefault(RENAMED_STEPS.get(code, code), []).extend(own)
    if len(renamed) < len(of_step):
        for own in renamed.values():
            own.sort(key=lambda event: event.seq)
    return {code: _step_state(own) for code, own in renamed.items()}


def _step_state(own: list[Event]) -> StepState:
    status, rework, note = StepStatus.OPEN, 0, ""
    for event in own:
        data = event.data
        if isinstance(data, StepPassed):
            status, note = StepStatus.PASSED, data.note
        elif isinstance(data, NotRight):
            status, rework, note = StepStatus.NOT_RIGHT, rework + 1, data.reason
        elif status is StepStatus.OPEN or status is StepStatus.PASSED:
            # A new record on a passed step opens it again: it has to be passed anew.
            status = StepStatus.BEGUN
    last = own[-1]
    return StepState(status, rework, tuple(event.seq for event in own), last.person, last.time, note)
