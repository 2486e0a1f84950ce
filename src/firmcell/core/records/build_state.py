"""The state of a build: a fold over its records."""

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
    CellFitted,
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
from firmcell.core.records.incidents import OpenIncident, note_incident
from firmcell.core.records.ledger import Ledger, code_of, ledger_of


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


OPEN_STEP = StepState()


@frozen
class BuildState:
    """Everything the records say, taken-back ones left out.

    Attributes
    ----------
    steps : by step code.
    tap_volts : latest reading by tap number, V.
    cell_ohm, cell_volts : latest reading by cell number, Ω and V.
    cell_tests : latest test of each reclaimed cell, by number.
    fitted : serial of the cell set in each place, by number.
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
    fitted: dict[int, str] = field(default_factory=dict)
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
        return self.steps.get(code, OPEN_STEP)

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


class Folding:
    """The state of a build as its records come, one after another; those taken back are not given."""

    def __init__(self) -> None:
        self._taps: dict[int, float] = {}
        self._cell_ohm: dict[int, float] = {}
        self._cell_volts: dict[int, float] = {}
        self._tests: dict[int, CellTest] = {}
        self._fitted: dict[int, str] = {}
        self._joints: list[float] = []
        self._read: dict[Across | None, dict[tuple[str, str], float]] = {a: {} for a in (None, *Across)}
        self._kept: dict[type, list[Any]] = {kind: [] for kind in KEPT.values()}
        self._incidents: dict[int, OpenIncident] = {}
        self._of_step: defaultdict[str, list[Event]] = defaultdict(list)
        self._steps: dict[str, StepState] = {}
        self._touched: set[str] = set()

    def add(self, event: Event) -> None:
        """Take one more record that stands."""
        data = event.data
        # One look at the kind, not a dozen.
        kind = type(data)
        if kind is Correction:
            return
        if event.step:
            code = code_of(event)
            self._of_step[code].append(event)
            self._touched.add(code)
        note_incident(self._incidents, event)
        if kind in self._kept:
            self._kept[kind].append(data)
        elif isinstance(data, TapReading):
            self._taps[data.tap] = data.volts
        elif isinstance(data, CellReading | CellTest):
            volts = data.volts if isinstance(data, CellReading) else data.second_v
            if isinstance(data, CellTest):
                self._tests[data.cell] = data
            if data.ohms is not None:
                self._cell_ohm[data.cell] = data.ohms
            if volts is not None:
                self._cell_volts[data.cell] = volts
        elif isinstance(data, CellFitted):
            self._fitted[data.cell] = data.serial
        elif isinstance(data, PointReading | LoadedReading):
            self._read[getattr(data, "across", None)][data.black, data.red] = data.volts
        elif isinstance(data, JointReading):
            self._joints.append(data.ohms)

    def state(self, events: Ledger) -> BuildState:
        """The state now; `events` are those it was made from, with those taken back."""
        for code in self._touched:
            self._steps[code] = _step_state(self._of_step[code])
        self._touched.clear()
        return BuildState(
            steps=dict(self._steps),
            tap_volts=dict(self._taps),
            cell_ohm=dict(self._cell_ohm),
            cell_volts=dict(self._cell_volts),
            cell_tests=dict(self._tests),
            fitted=dict(self._fitted),
            joint_ohm=tuple(self._joints),
            point_volts=dict(self._read[None]),
            lamp_volts=dict(self._read[Across.LAMP]),
            loaded_volts=dict(self._read[Across.PACK_LOADED]),
            taken_back=events.taken,
            event_count=len(events),
            incidents=tuple(self._incidents.values()),
            **{name: tuple(self._kept[kind]) for name, kind in KEPT.items()},
        )


def fold(events: Iterable[Event]) -> BuildState:
    """Return the state after `events`, oldest first."""
    ledger, folding = ledger_of(events), Folding()
    for event in ledger.standing:
        folding.add(event)
    return folding.state(ledger)


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
