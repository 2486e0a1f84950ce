"""Rules on what was recorded."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.wording import percent
from firmcell.core.bench.weld_samples import SAMPLE_SHARE, proven_reliability, zero_failure_sample
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.limits import LEAST_INSULATION_OHM
from firmcell.core.records.build_state import StepStatus
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule
from firmcell.core.tap_check.group_verdicts import Verdict
from firmcell.core.tap_check.recorded_readings import ruling_of


@rule(
    "TE-1",
    Stage.TESTS,
    Severity.STOP,
    source="prediction from the design",
    reason="Wrong tap wiring is the most common way to kill a board or start a fire.",
)
def taps_wrong(s: Situation) -> Iterator[Hit]:
    """Recorded taps do not read as predicted."""
    if s.state.tap_volts or s.state.point_volts:
        ruling = ruling_of(s.design, s.state)
        proof, doctor = ruling.proof, ruling.doctor
        named = doctor.suspicions[0].refs if doctor and doctor.decided and doctor.suspicions else ()
        refs = named or tuple(
            f"tap:{g.group}" for g in proof.groups if g.verdict in (Verdict.WRONG, Verdict.LOOK)
        )
        if proof.verdict is Verdict.WRONG:
            yield Hit(proof.words, refs)
        elif proof.verdict is Verdict.LOOK:
            yield Hit(proof.words, refs, severity=Severity.ATTENTION)
        elif proof.remark:
            yield Hit(proof.remark, severity=Severity.ATTENTION)


@rule(
    "TE-2",
    Stage.TESTS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A leak between poles or to the case grows with damp and dirt.",
)
def insulation_low(s: Situation) -> Iterator[Hit]:
    """An insulation reading under the limit; the latest for each pair of points counts."""
    latest = {reading.between: reading for reading in s.state.insulation}
    for reading in latest.values():
        if reading.ohms < LEAST_INSULATION_OHM:
            yield Hit(
                f"Insulation {reading.between}: {reading.ohms / 1e6:.2f} MΩ; more than {LEAST_INSULATION_OHM / 1e6:g} MΩ is right."
            )


@rule(
    "BE-1",
    Stage.BENCH,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A joint that is not trusted is done again.",
)
def step_not_right(s: Situation) -> Iterator[Hit]:
    """A step stands as not right."""
    for code, state in s.state.steps.items():
        if state.status is StepStatus.NOT_RIGHT:
            yield Hit(f"Step {code} stands as not right: {state.note}.", (f"step:{code}",))


@rule(
    "BE-5",
    Stage.BENCH,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="What smoked once is damaged until it is known why, and may go on by itself hours later.",
)
def incident_open(s: Situation) -> Iterator[Hit]:
    """An incident that nobody has resolved."""
    for incident in s.state.incidents:
        yield Hit(
            f"Record {incident.seq}, “{incident.words}”: an incident, and nothing is recorded of what was found and done.",
            (f"step:{incident.step}",) if incident.step else (),
        )


@rule(
    "BE-4",
    Stage.BENCH,
    Severity.STOP,
    source="what a proof rests on came after it, was taken back, or was designed anew",
    reason="A proof counts only for what it was taken of.",
)
def step_open_again(s: Situation) -> Iterator[Hit]:
    """A step that was passed and is open again."""
    for code, state in s.state.steps.items():
        if state.reopened:
            yield Hit(f"“{state.title}” is open again. {state.reopened}", (f"step:{code}",))


@rule(
    "BE-2",
    Stage.BENCH,
    Severity.ATTENTION,
    source="no failure in n: n ≥ ln(1 − C)/ln R",
    reason="Few peels prove little, however good they look.",
)
def few_samples(s: Situation) -> Iterator[Hit]:
    """Weld rows made on too few good samples, or on failed ones."""
    if s.design.joining.joined_by is not JoinedBy.WELD:
        return
    samples = s.state.weld_samples
    if not samples:
        if s.state.weld_rows:
            yield Hit("Welds are recorded, and no sample was peeled before them.", severity=Severity.STOP)
        return
    last = samples[-1]
    if last.held < last.peeled:
        yield Hit(
            f"{last.peeled - last.held} of the last {last.peeled} sample welds peeled clean off: change the "
            "setting and peel again before welding the pack.",
            severity=Severity.STOP,
        )
        return
    same = [
        w
        for w in samples
        if (w.machine, w.setting, w.pulses, w.strip) == (last.machine, last.setting, last.pulses, last.strip)
    ]
    peeled = sum(w.peeled for w in same) if all(w.held == w.peeled for w in same) else last.peeled
    need = zero_failure_sample(SAMPLE_SHARE, SAMPLE_SHARE)
    if peeled < need:
        yield Hit(
            f"{peeled} sample welds peeled and all held: that proves {percent(proven_reliability(0.9, peeled))} "
            f"good welds with 90 % confidence; {need} prove 90 %."
        )
