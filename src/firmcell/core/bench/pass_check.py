"""When a step may be passed: its records are there, they are good, and no hold point before it is open."""

from collections.abc import Iterable
from datetime import datetime, timedelta

from firmcell.core.base.wording import volts
from firmcell.core.model.design import Design
from firmcell.core.model.limits import LEAST_INSULATION_OHM
from firmcell.core.records.build_state import BuildState, standing_events
from firmcell.core.records.events import (
    CellCheck,
    Checked,
    CrimpJoint,
    Event,
    InsulationReading,
    NotRight,
    PolarityReading,
    ScrewJoint,
    SolderJoint,
    StepPassed,
    Weighing,
    WeldRow,
    WeldSample,
)
from firmcell.core.records.step import Step, held_by
from firmcell.core.tap_check.group_verdicts import Verdict
from firmcell.core.tap_check.recorded_readings import tap_verdict

RECORD_WORDS = {
    "cell-check": "the cell measurements",
    "cell-reading": "the reading of a cell",
    "cell-test": "the test of a cell",
    "joint-reading": "the resistance of a joint",
    "weld-sample": "a peeled sample",
    "weld-row": "the welds",
    "solder-joint": "the solder joint",
    "screw-joint": "the screws and their torque",
    "checked": "the look-over",
    "tap-reading": "the tap readings",
    "point-reading": "the reading between two points",
    "loaded-reading": "the reading under a load",
    "insulation-reading": "the insulation reading",
    "polarity-reading": "the polarity by meter",
    "crimp-joint": "the crimp",
    "as-found": "how it was found",
    "photo": "a photo",
    "weighing": "both weights",
}


LEAST_LIVE_V = 0.5
MOST_TAKEN_UP_KG = 0.0005
"""A wiped pack may weigh so much more after a dip, kg: what stays on its skin; engineering judgement."""


def records_since_rework(step: Step, events: Iterable[Event]) -> list[Event]:
    """Return the standing records of a step after its last "not right"."""
    standing, _ = standing_events(events)
    own = [e for e in standing if e.step == step.code]
    last = max((i for i, e in enumerate(own) if isinstance(e.data, NotRight)), default=-1)
    return own[last + 1 :]


def wanted_records(step: Step, events: Iterable[Event]) -> tuple[str, ...]:
    """Return the kinds of record still wanted for a step."""
    have = {e.data.kind for e in records_since_rework(step, events)}
    return tuple(kind for kind in step.records if kind not in have)


def waits_until(step: Step, steps: tuple[Step, ...], events: Iterable[Event]) -> datetime | None:
    """Return until when a step lasts by the clock; None where it has no clock, or nothing before it is passed
    yet.

    The clock begins when the last of the steps before it was passed.
    """
    if not step.wait_s:
        return None
    standing, _ = standing_events(events)
    before = {s.code for s in steps[: [s.code for s in steps].index(step.code)]}
    passed = [e.time for e in standing if isinstance(e.data, StepPassed) and e.step in before]
    return datetime.fromisoformat(passed[-1]) + timedelta(seconds=step.wait_s) if passed else None


def obstacle(
    step: Step,
    steps: tuple[Step, ...],
    state: BuildState,
    events: list[Event],
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
    step: Step, steps: tuple[Step, ...], state: BuildState, events: list[Event], design: Design
) -> str | None:
    held = held_by(steps, state, step.code)
    if held:
        return f"“{held.title}” comes first: it is a hold point."
    own = records_since_rework(step, events)
    latest: dict[str, object] = {e.data.kind: e.data for e in own}
    for kind in step.records:
        if kind == "tap-reading":
            proof = tap_verdict(design, state)
            if proof.verdict is not Verdict.RIGHT:
                return proof.words
        elif kind not in latest:
            return f"Record {RECORD_WORDS[kind]} first."
        else:
            fault = _fault(latest[kind], step)
            if fault:
                return fault
    return _changed(step, latest, events)


def _changed(step: Step, latest: dict[str, object], events: list[Event]) -> str | None:
    """Why a reading is not what it was in an earlier step, or None."""
    now = latest.get("polarity-reading")
    if not step.same_as or not isinstance(now, PolarityReading):
        return None
    standing, _ = standing_events(events)
    read = [e.data for e in standing if e.step == step.same_as and isinstance(e.data, PolarityReading)]
    if not read or abs(now.volts - read[-1].volts) <= step.spread_v:
        return None
    return f"It reads {volts(now.volts)}; before it read {volts(read[-1].volts)}. Something drains it, or it is another: find out before you go on."


def _fault(data: object, step: Step) -> str | None:
    match data:
        case CellCheck(lowest_v=low, highest_v=high, wraps_sound=sound):
            if high - low > step.spread_v:
                return f"They differ by {volts(high - low)}; within {volts(step.spread_v)} is right."
            return None if sound else "A wrap is not sound."
        case WeldSample(peeled=peeled, held=held) if held < peeled:
            return f"{peeled - held} of {peeled} samples did not hold; change the setting and peel again."
        case WeldRow(flat=flat, tug=tug) if not (flat and tug):
            return "The strip is not flat, or a weld let go."
        case SolderJoint(smooth=smooth, tug=tug) if not (smooth and tug):
            return "The joint is not smooth, or it let go."
        case ScrewJoint(faces_clean=clean, marked=marked) if not (clean and marked):
            return "A face is not clean, or a screw is not marked: undo it, clean, set it to its torque, mark it."
        case PolarityReading(volts=read) if read <= 0:
            return f"It reads {volts(read)} with red on plus: plus and minus are exchanged."
        case PolarityReading(volts=read) if read < LEAST_LIVE_V:
            return f"It reads only {volts(read)}: nothing is joined, or the pack is empty."
        case PolarityReading(volts=read) if step.reads_v and not step.reads_v[0] <= read <= step.reads_v[1]:
            low, high = step.reads_v
            return f"It reads {volts(read)}; {volts(low)} to {volts(high)} is right here. Measure again, and find out why before you go on."
        case CrimpJoint(strands_in=strands, tug=tug) if not (strands and tug):
            return "A strand is outside the barrel, or the crimp let go: cut it off and do it again."
        case Weighing(before_kg=before, after_kg=after) if after - before > MOST_TAKEN_UP_KG:
            return f"It is {(after - before) * 1e3:.1f} g heavier after the dip: water is in it. Open it, dry it, seal it again."
        case Checked(right=right, wrong=wrong):
            open_looks = [look for look in step.checks if look not in right]
            if wrong:
                return f"Not right: {wrong[0]}."
            return f"Not looked at: {open_looks[0]}." if open_looks else None
        case InsulationReading(ohms=ohms) if ohms < LEAST_INSULATION_OHM:
            return f"{ohms / 1e6:.2f} MΩ is too low; more than {LEAST_INSULATION_OHM / 1e6:g} MΩ is right."
    return None
