"""What of the records counts: proofs age when what they rest on is done again, taken back or changed.

A proof counts only if it was taken after everything that it proves. So a reading before a weld, a reading
before a joint was remade, and one of a design that has changed since are passed over, and their step is open
again, with the reason.
"""

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import Any

from firmcell.core.base.frozen import frozen
from firmcell.core.bench.record_faults import ACROSS_STEPS, record_fault
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import (
    RENAMED_STEPS,
    BuildState,
    StepState,
    StepStatus,
    fold,
    standing_events,
)
from firmcell.core.records.events import Correction, Event, NotRight, PolarityReading, Remark, StepPassed
from firmcell.core.records.step import MAKING, Step

METER = frozenset(
    ("tap-reading", "point-reading", "loaded-reading", "polarity-reading", "insulation-reading", "cell-check")
)
"""Kinds of record that rest on the meter."""
METER_CHECK = "meter-check"
AFTER_MAKING = frozenset(("Prove", "Close", "Seal", "Cover"))
"""Phases in which what was made is proven or covered."""
SAID_ONLY = {
    # More welds on some cells show in what their rows plan.
    "joining": ("judged_by", "joint_ohm", "welder", "doubled", "order", "own_order", "least_peel_n"),
    "arrangement": ("spare_m",),
    "leads": ("drop_limit_v", "limit_k"),
}
"""Fields of the design that change no metal, or are held against each record by themselves."""


@frozen
class Standing:
    """The records that count, and the state that they make.

    Attributes
    ----------
    events : those that count, oldest first; what is taken back is still among them, with what takes it back.
    state : the build; a step whose proof counts no longer is open again.
    reasons : why a step that was passed is open again, by its code.
    """

    events: tuple[Event, ...]
    state: BuildState
    reasons: dict[str, str]


def standing(
    steps: Sequence[Step],
    events: Sequence[Event],
    design: Design,
    revision: Callable[[int], Design | None],
) -> Standing:
    """Return what of the records of a job counts.

    Parameters
    ----------
    steps : sequence of Step
        The work plan of `design`, in order.
    events : sequence of Event
        All records, oldest first.
    design : Design
        As it is now.
    revision : callable
        Returns the design of a revision by its number, or None where it is not known; what was recorded
        against that is then taken as recorded against `design`.
    """
    stale = _Stale(steps, events, design, revision)
    counting = [e for e in events if e.seq not in stale.reasons]
    state = fold(counting)
    kept, _ = standing_events(counting)
    by_step: dict[str, list[Event]] = {}
    for event in kept:
        by_step.setdefault(event.step, []).append(event)
    samples = [e for e in kept if type(e.data) in ACROSS_STEPS]
    reasons: dict[str, str] = {}
    changed: dict[str, StepState] = {}
    for step in steps:
        own = stale.of_step(step.code)
        now = state.step(step.code)
        reason = own or (
            record_fault(
                step, counting, state, design, passed=True, kept=samples, of_step=by_step.get(step.code, [])
            )
            if now.status is StepStatus.PASSED
            else None
        )
        if reason and (own or now.status is StepStatus.PASSED):
            if now.status is not StepStatus.NOT_RIGHT:
                changed[step.code] = replace(now, status=StepStatus.BEGUN, reopened=reason, title=step.title)
            reasons[step.code] = reason
    if changed:
        state = replace(state, steps={**state.steps, **changed})
    return Standing(tuple(counting), replace(state, event_count=len(events)), reasons)


class _Stale:
    """Numbers of the records that count no longer, each with the reason."""

    def __init__(
        self,
        steps: Sequence[Step],
        events: Sequence[Event],
        design: Design,
        revision: Callable[[int], Design | None],
    ) -> None:
        self.steps, self.events = steps, events
        self.by_code = {s.code: s for s in steps}
        self.reasons: dict[int, str] = {}
        self._step_of: dict[int, str] = {}
        self.codes = {e.seq: RENAMED_STEPS.get(e.step, e.step) for e in events}
        kept, self.taken = standing_events(events)
        self.kept = [e for e in kept if type(e.data) not in (Correction, Remark)]
        self._of_other_designs(design, revision)
        self._before_what_they_prove()
        self._by_a_wrong_meter()

    def of_step(self, code: str) -> str | None:
        """Why a step is open again: the last of its records that count no longer, if none came after it."""
        own = [seq for seq, step in self._step_of.items() if step == code]
        if not own:
            return None
        last = max(own)
        after = (e for e in self.kept if e.seq > last and _code(e) == code and e.seq not in self.reasons)
        if any(isinstance(e.data, StepPassed) for e in after):
            return None
        return self.reasons[last]

    def _drop(self, event: Event, reason: str) -> None:
        self.reasons.setdefault(event.seq, reason)
        self._step_of[event.seq] = _code(event)

    def _of_other_designs(self, design: Design, revision: Callable[[int], Design | None]) -> None:
        changed: dict[int, frozenset[str]] = {}
        # By revision and step: thousands of records share them.
        why: dict[tuple[int, str], str] = {}
        for event in self.kept:
            at = event.revision, self.codes[event.seq]
            if why.get(at) == "":
                continue
            if at not in why:
                step = self.by_code.get(at[1])
                if event.revision not in changed:
                    before = revision(event.revision)
                    changed[event.revision] = _changed(before, design) if before is not None else frozenset()
                rests = _rests_on(step) if step is not None else []
                found = [CALLED.get(name, name) for name in rests if name in changed[event.revision]]
                why[at] = ", ".join(found)
            if why[at] and not isinstance(event.data, NotRight):
                self._drop(
                    event, f"The design has changed since: {why[at]}. Do it again, or undo the change."
                )

    def _before_what_they_prove(self) -> None:
        """Walk back over the plan: after each making step's last touch, no earlier record proves it."""
        touched: dict[str, tuple[int, str]] = {}
        making = {code for code, step in self.by_code.items() if _can_make(step)}
        codes = self.codes
        for event in self.events:
            if codes[event.seq] not in making and type(event.data) is not Correction:
                continue
            if isinstance(event.data, Correction) and event.seq not in self.taken:
                other = self.events[event.data.seq - 1] if event.data.seq <= len(self.events) else None
                step = self.by_code.get(_code(other)) if other is not None else None
                if step is not None and other is not None and _makes(step, other):
                    touched[step.code] = event.seq, f"a record of “{step.title}” was taken back"
            step = self.by_code.get(_code(event))
            if step is not None and event.seq not in self.taken and _makes(step, event):
                words = "was found not right" if isinstance(event.data, NotRight) else "was done"
                touched[step.code] = event.seq, f"“{step.title}” {words}"
        latest: tuple[int, str] = (0, "")
        bounds: dict[str, tuple[int, str]] = {}
        for step in self.steps:
            bounds[step.code] = latest
            if step.code in touched:
                latest = max(latest, touched[step.code])
        proving = {code for code, step in self.by_code.items() if _proves(step)}
        before = {code: bounds[code] for code in proving}
        for event in self.kept:
            bound = before.get(codes[event.seq])
            if bound is None or event.seq >= bound[0] or type(event.data) is NotRight:
                continue
            seq, words = bound
            self._drop(event, f"After it {words} (record {seq}): it proves nothing of that. Do it again.")

    def _by_a_wrong_meter(self) -> None:
        wrong = 0
        for event in self.kept:
            if self.codes[event.seq] != METER_CHECK:
                continue
            bad = isinstance(event.data, NotRight) or (
                isinstance(event.data, PolarityReading) and event.data.volts <= 0
            )
            if bad:
                wrong = event.seq
        for event in self.kept if wrong else ():
            step = self.by_code.get(_code(event))
            read = event.data.kind in METER or (step is not None and bool(METER & set(step.records)))
            if event.seq < wrong and read and _code(event) != METER_CHECK:
                self._drop(event, f"The meter was found wrong after it (record {wrong}). Read it again.")


def _code(event: Event | None) -> str:
    return RENAMED_STEPS.get(event.step, event.step) if event is not None else ""


def _can_make(step: Step) -> bool:
    """Whether metal is joined in a step."""
    return bool(MAKING & set(step.records) or step.wires or step.begins)


def _makes(step: Step, event: Event) -> bool:
    """Whether a record says that metal was joined in its step, or that it was not joined right."""
    making = MAKING & set(step.records)
    if not _can_make(step):
        return False
    if isinstance(event.data, NotRight):
        return True
    return event.data.kind in (making or set(step.records))


def _proves(step: Step) -> bool:
    """Whether a step proves or covers what was made before it."""
    if step.code == METER_CHECK:
        return False
    return step.phase in AFTER_MAKING or bool((METER - {"cell-check"}) & set(step.records))


CALLED = {
    "bms": "board and taps",
    "joining": "strips and joints",
    "arrangement": "layout",
    "details": "the job",
}
"""Parts of the design in the builder's words."""
PARTS = (
    "cell",
    "series",
    "parallel",
    "kind",
    "details",
    "arrangement",
    "joining",
    "leads",
    "bms",
    "insulation",
)


def _changed(before: Design, now: Design) -> frozenset[str]:
    """Which parts of the design have changed."""
    if before is now or before == now:
        return frozenset()
    return frozenset(name for name in PARTS if _matter(before, name) != _matter(now, name))


def _rests_on(step: Step) -> list[str]:
    """The parts of the design that a step rests on."""
    parts = ["cell", "series", "parallel", "kind", "details"]
    strips = any(r.startswith("strip:") for r in step.refs) or bool(MAKING & set(step.records))
    wires = bool(step.wires or step.begins) or any(
        r.startswith(("lead:", "tap:", "board", "connector")) for r in step.refs
    )
    if strips or wires or _proves(step):
        parts += ["arrangement", "joining"]
    if wires or _proves(step):
        parts += ["leads", "bms"]
    if step.phase in ("Insulate", "Close"):
        parts.append("insulation")
    return parts


def _matter(design: Design, name: str) -> Any:
    value = getattr(design, name)
    left = SAID_ONLY.get(name)
    return value.model_copy(update=dict.fromkeys(left)) if left else value
