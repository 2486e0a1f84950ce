"""What of the records counts: proofs age when what they rest on is done again, taken back or changed.

A proof counts only if it was taken after everything that it proves. So a reading before a weld, a reading
before a joint was remade, and one of a design that has changed since are passed over, and their step is open
again, with the reason.
"""

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import Any

from firmcell.core.base.frozen import frozen
from firmcell.core.bench.record_faults import record_fault
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState, Folding, StepState, StepStatus
from firmcell.core.records.events import Correction, Event, NotRight, PolarityReading, Remark, StepPassed
from firmcell.core.records.ledger import Ledger, code_of, ledger_of
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

    events: Ledger
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
    return Counting(ledger_of(events)).now(steps, design, revision)


class Counting:
    """The records of one job that count, kept up as more come: one more is one looked at, not all of them,
    unless it changes what counts of the others."""

    def __init__(self, events: Ledger) -> None:
        self._all = events
        self._seen = 0
        self._dropped: frozenset[int] = frozenset()
        self._counted, self._folding = Ledger(), Folding()

    def now(
        self, steps: Sequence[Step], design: Design, revision: Callable[[int], Design | None]
    ) -> Standing:
        """What counts of the records as they are now, with arguments as for `standing`; the records returned
        grow with the next call."""
        stale = _Stale(steps, self._all, design, revision)
        dropped = frozenset(stale.reasons)
        new = self._all[self._seen :]
        if dropped == self._dropped and not any(type(e.data) is Correction for e in new):
            for event in new:
                self._counted.append(event)
                self._folding.add(event)
        else:
            self._counted, self._folding = Ledger(e for e in self._all if e.seq not in dropped), Folding()
            for event in self._counted.standing:
                self._folding.add(event)
        self._seen, self._dropped = len(self._all), dropped
        state, reasons = _reopened(steps, self._counted, self._folding.state(self._counted), design, stale)
        return Standing(self._counted, replace(state, event_count=len(self._all)), reasons)


def _reopened(
    steps: Sequence[Step], counted: Ledger, state: BuildState, design: Design, stale: "_Stale"
) -> tuple[BuildState, dict[str, str]]:
    """The state with the steps open again whose proof counts no longer, and why each is."""
    reasons: dict[str, str] = {}
    changed: dict[str, StepState] = {}
    for step in steps:
        own = stale.of_step(step.code)
        now = state.step(step.code)
        reason = own
        if not own and now.status is StepStatus.PASSED:
            reason = record_fault(step, counted, state, design, passed=True)
        if reason and (own or now.status is StepStatus.PASSED):
            if now.status is not StepStatus.NOT_RIGHT:
                changed[step.code] = replace(now, status=StepStatus.BEGUN, reopened=reason, title=step.title)
            reasons[step.code] = reason
    return (replace(state, steps={**state.steps, **changed}) if changed else state), reasons


class _Stale:
    """Numbers of the records that count no longer, each with the reason."""

    def __init__(
        self,
        steps: Sequence[Step],
        events: Ledger,
        design: Design,
        revision: Callable[[int], Design | None],
    ) -> None:
        self.steps, self.events = steps, events
        self.by_code = {s.code: s for s in steps}
        self.reasons: dict[int, str] = {}
        self._last_of: dict[str, int] = {}
        self._of_other_designs(design, revision)
        self._before_what_they_prove()
        self._by_a_wrong_meter()

    def of_step(self, code: str) -> str | None:
        """Why a step is open again: the last of its records that count no longer, if none came after it."""
        last = self._last_of.get(code)
        if last is None:
            return None
        after = (e for e in self.events.of_step(code) if e.seq > last and e.seq not in self.reasons)
        if any(isinstance(e.data, StepPassed) for e in after):
            return None
        return self.reasons[last]

    def _drop(self, event: Event, reason: str) -> None:
        if type(event.data) in (Correction, Remark):
            return
        self.reasons.setdefault(event.seq, reason)
        code = code_of(event)
        self._last_of[code] = max(event.seq, self._last_of.get(code, 0))

    def _of_other_designs(self, design: Design, revision: Callable[[int], Design | None]) -> None:
        changed: dict[int, frozenset[str]] = {}
        for number, code, events in self.events.by_revision_and_step():
            step = self.by_code.get(code)
            if step is None:
                continue
            if number not in changed:
                before = revision(number)
                changed[number] = _changed(before, design) if before is not None else frozenset()
            found = [CALLED.get(name, name) for name in _rests_on(step) if name in changed[number]]
            for event in events if found else ():
                if not isinstance(event.data, NotRight):
                    self._drop(
                        event,
                        f"The design has changed since: {', '.join(found)}. Do it again, or undo the change.",
                    )

    def _touched(self) -> dict[str, tuple[int, str]]:
        """The last touch of each making step: its number, and what was done, in words."""
        touched: dict[str, tuple[int, str]] = {}
        for code, step in self.by_code.items():
            own = self.events.of_step(code) if _can_make(step) else []
            last = next((e for e in reversed(own) if _makes(step, e)), None)
            if last is not None:
                words = "was found not right" if isinstance(last.data, NotRight) else "was done"
                touched[code] = last.seq, f"“{step.title}” {words}"
        for event in self.events.with_kind(Correction):
            assert isinstance(event.data, Correction)
            if event.data.seq > len(self.events):
                continue
            other = self.events[event.data.seq - 1]
            taken_from = self.by_code.get(code_of(other))
            if taken_from is not None and _makes(taken_from, other):
                told = event.seq, f"a record of “{taken_from.title}” was taken back"
                touched[taken_from.code] = max(touched.get(taken_from.code, told), told)
        return touched

    def _before_what_they_prove(self) -> None:
        """Walk over the plan: after each making step's last touch, no earlier record proves it."""
        touched = self._touched()
        latest: tuple[int, str] = (0, "")
        for step in self.steps:
            seq, words = latest
            for event in self.events.of_step(step.code) if seq and _proves(step) else ():
                if event.seq >= seq:
                    break
                if type(event.data) is not NotRight:
                    self._drop(
                        event, f"After it {words} (record {seq}): it proves nothing of that. Do it again."
                    )
            latest = max(latest, touched.get(step.code, latest))

    def _by_a_wrong_meter(self) -> None:
        wrong = 0
        for event in self.events.of_step(METER_CHECK):
            if isinstance(event.data, NotRight) or (
                isinstance(event.data, PolarityReading) and event.data.volts <= 0
            ):
                wrong = event.seq
        for event in self.events.standing if wrong else ():
            if event.seq >= wrong:
                break
            code = code_of(event)
            step = self.by_code.get(code)
            read = event.data.kind in METER or (step is not None and bool(METER & set(step.records)))
            if read and code != METER_CHECK:
                self._drop(event, f"The meter was found wrong after it (record {wrong}). Read it again.")


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
