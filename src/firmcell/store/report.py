"""What ``firm-cell analyse --json`` gives out; its fields are stable and described in
docs/analyse-json.md."""

from functools import reduce
from operator import or_
from typing import TYPE_CHECKING

from firmcell.core.analysis.figures import ANALYSIS_FORMAT, Analysis
from firmcell.core.analysis.findings import Finding
from firmcell.core.base.quantity import Frozen
from firmcell.core.bms.board_choice import ranked_boards
from firmcell.core.jobs import PLANS, plan_of
from firmcell.core.leads.connectors import ConnectorAsk, ranked_connectors
from firmcell.core.leads.soldering import joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import Step
from firmcell.core.rules.bms import board_ask
from firmcell.core.strips.load_figures import UnderLoadFigures
from firmcell.core.strips.under_load import UnderLoad
from firmcell.core.tap_check.expected_readings import expected_readings
from firmcell.core.tap_check.faults import MOST_SERIES
from firmcell.core.tap_check.group_verdicts import Verdict
from firmcell.core.tap_check.recorded_readings import pack_asked, ruling_of
from firmcell.core.wiring.graph import Wiring
from firmcell.core.wiring.solved import pin_groups
from firmcell.core.wiring.wire_list import WireEntry, wire_list


class ReportedFinding(Frozen):
    """A finding: code, severity (stop, attention, note), stage, sentence, reason, source, refs, and the fix
    in words."""

    code: str
    severity: str
    stage: str
    sentence: str
    reason: str
    source: str
    refs: tuple[str, ...]
    fix: str | None


class ReportedChoice(Frozen):
    """A connector or board of the part library against this job, best first: whether it fits, its current,
    and why not."""

    name: str
    fits: bool
    limit_a: float
    words: str


class ReportedReading(Frozen):
    """What a meter should read from one tap to another, ± two standard deviations."""

    black: str
    red: str
    voltage_v: float
    plus_minus_v: float


class ReportedDoctor(Frozen):
    """What the recorded tap readings say: only with `right` may the plug go in."""

    verdict: str
    right: bool
    decided: bool
    words: str
    likeliest: tuple[str, ...]
    probabilities: tuple[float, ...]


class ReportedJoint(Frozen):
    """What soldering one lead into its cup asks of the bench, and a crimp instead."""

    iron_w: float
    iron_class_w: int
    heats_s: float
    strip_m: float
    far_rise_k: float
    sleeve_supplied_m: float | None
    sleeve_cut_m: float | None
    pull_out_newton: float | None
    pull_out_source: str


class ReportedStep(Frozen):
    """A step of the work plan."""

    code: str
    title: str
    words: str
    cautions: tuple[str, ...]
    expected: str
    hold: bool
    wires: tuple[str, ...]


if TYPE_CHECKING:
    Details = Frozen | None
else:
    # What the kind of job reports of its own, each as its plan says.
    Details = reduce(or_, (p.report_model for p in PLANS.values() if p.report_model)) | None


class Report(Frozen):
    """Job title and kind, the kind's own details, analysis, choices compared, wire list, expected readings,
    work plan and findings."""

    format: int = ANALYSIS_FORMAT
    job: str
    kind: str
    connectors: tuple[ReportedChoice, ...]
    boards: tuple[ReportedChoice, ...]
    wires: tuple[WireEntry, ...]
    wiring: Wiring
    expected: tuple[ReportedReading, ...]
    doctor: ReportedDoctor | None
    joint: ReportedJoint
    details: Details
    steps: tuple[ReportedStep, ...]
    analysis: Analysis
    under_load: UnderLoadFigures
    findings: tuple[ReportedFinding, ...]


def report(
    design: Design,
    analysis: Analysis,
    metal: UnderLoad,
    state: BuildState,
    library: PartLibrary,
    findings: tuple[Finding, ...],
) -> Report:
    """Return the report of a job: its design analysed, its records so far, and the parts at hand."""
    brief, leads, plan = design.brief, design.leads, plan_of(design)
    ask = ConnectorAsk(
        brief.current_steady_a,
        brief.current_peak_a,
        analysis.pack.voltage_full_v,
        brief.ambient_max_k,
        leads.wire,
    )
    return Report(
        job=brief.title,
        kind=design.kind.value,
        analysis=analysis,
        under_load=metal.figures,
        connectors=tuple(
            ReportedChoice(name=f.connector.name, fits=f.fits, limit_a=f.limit_a, words=f.words)
            for f in ranked_connectors(library.connectors, ask)
        ),
        boards=tuple(
            ReportedChoice(
                name=f.board.name, fits=f.fits, limit_a=f.board.current_continuous_a, words=f.words
            )
            for f in ranked_boards(library.boards, board_ask(design))
        ),
        wiring=analysis.wiring,
        wires=wire_list(analysis.wiring, metal),
        expected=_expected(design, state, pin_groups(analysis.wiring)),
        doctor=_doctor(design, state),
        joint=_joint(design),
        details=plan.reported(design, library) if plan.reported else None,
        steps=_steps(plan.steps(design, analysis)),
        findings=_findings(findings),
    )


def _expected(design: Design, state: BuildState, pins: tuple[int, ...]) -> tuple[ReportedReading, ...]:
    if not pins or not 2 <= design.series <= MOST_SERIES:
        return ()
    return tuple(
        ReportedReading(black=f"B{r.black}", red=f"B{r.red}", voltage_v=r.volts, plus_minus_v=r.plus_minus)
        for r in expected_readings(pack_asked(design, state), pins)
    )


def _doctor(design: Design, state: BuildState) -> ReportedDoctor | None:
    ruling = ruling_of(design, state)
    told = ruling.doctor
    if told is None:
        return None
    return ReportedDoctor(
        verdict=ruling.proof.verdict.value,
        right=ruling.proof.verdict is Verdict.RIGHT,
        decided=ruling.decided,
        words=ruling.proof.words,
        likeliest=tuple(s.words for s in told.suspicions[:6]),
        probabilities=tuple(s.probability for s in told.suspicions[:6]),
    )


def _steps(steps: tuple[Step, ...]) -> tuple[ReportedStep, ...]:
    return tuple(
        ReportedStep(
            code=s.code,
            title=s.title,
            words=s.words,
            cautions=s.cautions,
            expected=s.expected,
            hold=s.hold,
            wires=s.wires,
        )
        for s in steps
    )


def _findings(findings: tuple[Finding, ...]) -> tuple[ReportedFinding, ...]:
    return tuple(
        ReportedFinding(
            code=f.code,
            severity=f.severity.word,
            stage=f.stage.value,
            sentence=f.sentence,
            reason=f.reason,
            source=f.source,
            refs=f.refs,
            fix=f.fix.words if f.fix else None,
        )
        for f in findings
    )


def _joint(design: Design) -> ReportedJoint:
    work = joint_work(design.leads.wire, design.leads.connector, design.leads.length_m)
    return ReportedJoint(
        iron_w=work.iron_w,
        iron_class_w=work.iron_class_w,
        heats_s=work.seconds,
        strip_m=work.strip_m,
        far_rise_k=work.far_rise_k,
        sleeve_supplied_m=work.sleeve.supplied_m if work.sleeve else None,
        sleeve_cut_m=work.sleeve.cut_m if work.sleeve else None,
        pull_out_newton=work.pull_n,
        pull_out_source=work.pull_source,
    )
