"""What is wrong with the records of a step: what is wanted and missing, and values that cannot be right."""

from collections.abc import Iterable

from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import milliohms, plural, volts
from firmcell.core.bench.weld_samples import SAMPLE_SHARE, zero_failure_sample
from firmcell.core.model.design import Design
from firmcell.core.model.joint_kinds import KINDS, JoinedBy, terminal_torque
from firmcell.core.model.limits import LEAST_INSULATION_OHM
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.events import (
    CellCheck,
    Checked,
    CrimpJoint,
    Event,
    InsulationReading,
    JointReading,
    NotRight,
    PolarityReading,
    ScrewJoint,
    SolderJoint,
    Weighing,
    WeldRow,
    WeldSample,
)
from firmcell.core.records.ledger import Ledger, ledger_of
from firmcell.core.records.step import Step
from firmcell.core.tap_check.group_verdicts import NICKEL_LEAST, OVER_FULL_V, Verdict
from firmcell.core.tap_check.recorded_readings import tap_verdict

RECORD_WORDS = {
    "cell-check": "the cell measurements",
    "cell-reading": "the reading of a cell",
    "cell-test": "the test of a cell",
    "cell-fitted": "each cell in its place",
    "joint-reading": "the resistance of a joint",
    "weld-sample": "a peeled sample",
    "peel-test": "the peel force",
    "upkeep": "what was done to the welder",
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
    "watched-run": "the watched run",
}


LEAST_LIVE_V = 0.5
MOST_TAKEN_UP_KG = 0.0005
"""A wiped pack may weigh so much more after a dip, kg: what stays on its skin; engineering judgement."""
TWICE = 2.0
"""A cell with more than this many times the resistance of its class stands out; common practice, no source."""
JOINT_TIMES = 4.0
"""A joint with more than this many times the resistance of its class has not taken; engineering judgement."""
TIP_K = (553.15, 733.15)
"""Tips that solder electronics' alloys, K: 280 to 460 °C; common practice, no source."""
LONGEST_ON_CELL_S, LONGEST_S = 6.0, 60.0
"""Longest time of an iron on a cell's end, and on any joint of a lead, s; common practice, no source."""


def longest_on_joint(step: Step) -> float:
    """Return how long an iron may be on a joint of a step, s: on the end of a cell less than on a lead."""
    return LONGEST_ON_CELL_S if step.cools_s else LONGEST_S


def records_since_rework(step: Step, events: Iterable[Event]) -> list[Event]:
    """Return the standing records of a step after its last "not right"."""
    own = ledger_of(events).of_step(step.code)
    last = max((i for i, e in enumerate(own) if isinstance(e.data, NotRight)), default=-1)
    return own[last + 1 :]


def wanted_records(step: Step, events: Iterable[Event]) -> tuple[str, ...]:
    """Return the kinds of record still wanted for a step."""
    own = records_since_rework(step, events)
    have = {e.data.kind for e in own}
    if poles_left(step, own):
        have.discard("insulation-reading")
    return tuple(kind for kind in step.records if kind not in have)


def poles_left(step: Step, own: Iterable[Event]) -> tuple[str, ...]:
    """Return which of the poles of a step no insulation reading names yet; `own` are its records."""
    read = [e.data.between.lower() for e in own if isinstance(e.data, InsulationReading)]
    return tuple(pole for pole in step.poles if not any(between.startswith(pole) for between in read))


def record_fault(
    step: Step,
    events: Iterable[Event],
    state: BuildState,
    design: Design,
    passed: bool = False,
) -> str | None:
    """Return in one sentence what of a step's records is missing or cannot be right, or None.

    Parameters
    ----------
    step : Step
    events : iterable of Event
        Those that count, oldest first.
    state : BuildState
        What they make.
    design : Design
    passed : bool
        Whether the step was passed before: other words for what was looked at then, as of an earlier version,
        are no fault.
    """
    events = ledger_of(events)
    own = records_since_rework(step, events)
    latest: dict[str, object] = {e.data.kind: e.data for e in own}
    for kind in step.records:
        if kind == "tap-reading":
            proof = tap_verdict(design, state)
            if proof.verdict is not Verdict.RIGHT:
                return proof.words
        elif kind not in latest:
            return f"Record {RECORD_WORDS[kind]} first."
    made = sum(e.data.welds for e in own if isinstance(e.data, WeldRow))
    for (kind, _), data in {(e.data.kind, _named(e.data)): e.data for e in own}.items():
        if isinstance(data, WeldRow):
            # A row may be recorded in parts.
            data = data.model_copy(update={"welds": made})
        if passed and isinstance(data, Checked) and len(data.right) >= len(step.checks) and not data.wrong:
            continue
        fault = _fault(data, step, design) if kind in step.records or kind == "joint-reading" else None
        if fault:
            return fault
    left = poles_left(step, own) if "insulation-reading" in step.records else ()
    if left:
        return f"Insulation of {left[0]} is not read yet: record it as “{left[0]} to outside”."
    return _samples(step, own, events) or _changed(step, latest, events)


def _named(data: object) -> str:
    """What a record is about: each joint, and each pair of points of the insulation, has its own."""
    return str(getattr(data, "joint", "") or getattr(data, "between", ""))


def _samples(step: Step, own: list[Event], events: Ledger) -> str | None:
    """Why the samples of a setting do not stand for the welds made with it, or None."""
    rows = [e for e in own if isinstance(e.data, WeldRow)]
    if "weld-sample" in step.records:
        peeled = [e.data for e in own if isinstance(e.data, WeldSample)]
        last = _setting(peeled[-1])
        some = [s for s in peeled if _setting(s) == last]
        if any(s.held < s.peeled for s in some):
            return "With this setting a sample did not hold before: change it, or say so as not right and begin again."
        plenty = zero_failure_sample(SAMPLE_SHARE, SAMPLE_SHARE)
        need, have = step.counted or plenty, sum(s.peeled for s in some)
        proves = " prove 90 %" if need == plenty else " are asked for"
        return f"{have} samples peeled; {need} without a failure{proves}." if have < need else None
    samples = events.with_kind(WeldSample)
    if not rows or step.joints == 0 or not samples:
        return None
    row = rows[-1]
    before = [e.data for e in samples if e.seq < row.seq]
    good = [s for s in before if isinstance(s, WeldSample) and s.held == s.peeled]
    if not any(_setting(s)[:3] == _setting(row.data)[:3] for s in good):
        assert isinstance(row.data, WeldRow)
        return f"No sample was peeled and held before it with {row.data.machine}, setting {row.data.setting}: peel some, or set it as they were."
    return None


def _setting(data: object) -> tuple[object, ...]:
    """Welder, setting, pulses and strip of samples or a row."""
    return tuple(
        str(getattr(data, name)).strip().casefold() for name in ("machine", "setting", "pulses", "strip")
    )


def _against_design(data: object, step: Step, design: Design) -> str | None:
    """What of a record cannot be right by what was designed, or None."""
    cell = design.cell
    match data:
        case CellCheck(lowest_v=low, highest_v=high) if low > high:
            return f"The lowest, {volts(low)}, is above the highest, {volts(high)}."
        case CellCheck(count=count) if count < step.counted:
            return f"{count} of {step.counted} are measured."
        case CellCheck(lowest_v=low, highest_v=high, highest_ohm=ohm, wraps_sound=sound):
            lithium = cell.chemistry.is_lithium
            least = cell.empty_v if lithium else NICKEL_LEAST * cell.nominal_v
            if low < least or high > cell.full_v + OVER_FULL_V:
                return f"{volts(low)} to {volts(high)}: a {cell.name} stands between {volts(least)} and {volts(cell.full_v)}. Leave out what does not."
            if high - low > step.spread_v:
                return f"They differ by {volts(high - low)}; within {volts(step.spread_v)} is right."
            if ohm is not None and ohm > TWICE * cell.resistance_ohm:
                return f"One has {milliohms(ohm)}, a {cell.name} about {milliohms(cell.resistance_ohm)}: leave out what stands out."
            return None if sound else "A wrap is not sound."
        case WeldRow(welds=made) if made < step.joints:
            return f"{plural(made, 'weld pair')} made; {step.joints} are planned."
        case ScrewJoint(screws=made) if made < step.joints:
            return f"{plural(made, 'screw')} set; {step.joints} are planned."
        case ScrewJoint(torque_nm=torque) if step.joints:
            asked = terminal_torque(design.joining.thread_m)
            if asked is not None and not 0.7 * asked <= torque <= 1.3 * asked:
                return f"{torque:.1f} N·m; about {asked:.1f} N·m is right for this thread (the cell's sheet goes before that)."
        case SolderJoint(tip_k=tip) if not TIP_K[0] <= tip <= TIP_K[1]:
            return f"A tip at {tip - ZERO_CELSIUS:.0f} °C; {TIP_K[0] - ZERO_CELSIUS:.0f} to {TIP_K[1] - ZERO_CELSIUS:.0f} °C is right."
        case SolderJoint(seconds=seconds) if seconds > longest_on_joint(step):
            return f"{seconds:.0f} s on the joint; after {longest_on_joint(step):.0f} s heat goes into the cell and the insulation. Let it cool and use a larger tip."
        case JointReading(ohms=ohm):
            usual = KINDS[
                JoinedBy.WELD if design.joining.joined_by is JoinedBy.WELD else design.joining.joined_by
            ].ohm
            if ohm > JOINT_TIMES * usual:
                return f"The joint has {milliohms(ohm)}, a good one about {milliohms(usual)}: it has not taken. Make it again."
        case InsulationReading(test_v=test) if test <= 0:
            return "The test voltage is not above nothing: exchange the leads, and measure again."
    return None


def _changed(step: Step, latest: dict[str, object], events: Ledger) -> str | None:
    """Why a reading is not what it was in an earlier step, or None."""
    now = latest.get("polarity-reading")
    if not step.same_as or not isinstance(now, PolarityReading):
        return None
    read = [e.data for e in events.of_step(step.same_as) if isinstance(e.data, PolarityReading)]
    if not read or abs(now.volts - read[-1].volts) <= step.spread_v:
        return None
    return f"It reads {volts(now.volts)}; before it read {volts(read[-1].volts)}. Something drains it, or it is another: find out before you go on."


def _fault(data: object, step: Step, design: Design) -> str | None:
    found = _against_design(data, step, design)
    if found:
        return found
    match data:
        case WeldSample(peeled=peeled, held=held) if held < peeled:
            return f"{peeled - held} of {peeled} samples did not hold; change the setting and peel again."
        case WeldRow(flat=flat, tug=tug) if not (flat and tug):
            return "The strip is not flat, or a weld let go."
        case WeldRow(sparks=True):
            return "It sparked: look for a burnt hole, weld beside it, and record the row again."
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
