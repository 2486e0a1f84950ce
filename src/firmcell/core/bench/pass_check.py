"""When a step may be passed: its records are there, they are good, and no hold point before it is open."""

from collections.abc import Iterable
from datetime import datetime, timedelta

from firmcell.core.bench.record_faults import record_fault
from firmcell.core.model.design import Design
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.events import (
    Event,
    StepPassed,
)
from firmcell.core.records.ledger import ledger_of
from firmcell.core.records.step import Step, held_by


def waits_until(step: Step, steps: tuple[Step, ...], events: Iterable[Event]) -> datetime | None:
    """Return until when a step lasts by the clock; None where it has no clock, or nothing before it is passed
    yet.

    The clock begins when the last of the steps before it was passed.
    """
    if not step.wait_s:
        return None
    before = {s.code for s in steps[: [s.code for s in steps].index(step.code)]}
    passed = [e.time for e in ledger_of(events).with_kind(StepPassed) if e.step in before]
    return datetime.fromisoformat(passed[-1]) + timedelta(seconds=step.wait_s) if passed else None


def obstacle(
    step: Step,
    steps: tuple[Step, ...],
    state: BuildState,
    events: Iterable[Event],
    design: Design,
    now: datetime | None = None,
) -> str | None:
    """Return in one sentence why `step` may not be passed yet, or None; `now` is what the clock says, and
    without it no step is held back by time."""
    fault = _without_clock(step, steps, state, events, design)
    until = waits_until(step, steps, events)
    if fault or until is None or now is None or now >= until:
        return fault
    day = "" if until.date() == now.date() else f"{until:%A} "
    return f"{step.waits_for or 'It lasts'} until {day}{until:%H:%M}: {_left(until - now)} more."


def _left(time: timedelta) -> str:
    minutes = int(time.total_seconds() // 60) + 1
    return f"{minutes} min" if minutes < 120 else f"{minutes / 60:.0f} h"


def _without_clock(
    step: Step, steps: tuple[Step, ...], state: BuildState, events: Iterable[Event], design: Design
) -> str | None:
    if state.incidents:
        first = state.incidents[0]
        return f"Record {first.seq} tells of an incident, “{first.words}”: say what was found and done (menu Bench) before work goes on."
    held = held_by(steps, state, step.code)
    if held:
        return f"“{held.title}” comes first: it is a hold point."
    return _not_set(step, state, design) or record_fault(step, events, state, design)


def _not_set(step: Step, state: BuildState, design: Design) -> str | None:
    """Cells that were matched by serial and are not scanned into their places yet."""
    if "cell-fitted" not in step.offers:
        return None
    planned = [n for n, serial in enumerate(design.cell_serials, start=1) if serial]
    done = sum(n in state.fitted for n in planned)
    if done == len(planned):
        return None
    return f"{done} of {len(planned)} cells are scanned into their places; scan the others (menu Workshop)."
