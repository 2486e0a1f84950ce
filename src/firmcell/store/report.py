"""What ``firm-cell analyse --json`` gives out; its fields are stable and described in docs/analyse-json.md."""

from firmcell.core.analysis import ANALYSIS_FORMAT, Analysis
from firmcell.core.build import BuildState
from firmcell.core.connectors import ConnectorAsk, ranked_connectors
from firmcell.core.design import Design
from firmcell.core.expected import expected_readings
from firmcell.core.faults import MOST_SERIES
from firmcell.core.findings import Finding
from firmcell.core.guard_choice import ranked_boards
from firmcell.core.metal import Metal, MetalFigures
from firmcell.core.proof_readings import diagnosis_of, pack_asked
from firmcell.core.quantity import Frozen
from firmcell.core.rules.guard import board_ask
from firmcell.core.shelf import Shelf
from firmcell.core.wire_plan import WireEntry, wire_list
from firmcell.core.work_plan import steps_of


class ReportedFinding(Frozen):
    """A finding: code, severity (stop, attention, note), stage, sentence, reason, source, refs, and the cure in words."""

    code: str
    severity: str
    stage: str
    sentence: str
    reason: str
    source: str
    refs: tuple[str, ...]
    cure: str | None


class ReportedChoice(Frozen):
    """A connector or board of the shelf against this job, best first: whether it fits, its current, and why not."""

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

    right: bool
    decided: bool
    words: str
    likeliest: tuple[str, ...]
    probabilities: tuple[float, ...]


class ReportedStep(Frozen):
    """A step of the work plan."""

    code: str
    title: str
    words: str
    cautions: tuple[str, ...]
    expected: str
    hold: bool


class Report(Frozen):
    """Job title and kind, analysis, choices compared, wire list, expected readings, work plan and findings."""

    format: int = ANALYSIS_FORMAT
    job: str
    kind: str
    connectors: tuple[ReportedChoice, ...]
    boards: tuple[ReportedChoice, ...]
    wires: tuple[WireEntry, ...]
    expected: tuple[ReportedReading, ...]
    doctor: ReportedDoctor | None
    steps: tuple[ReportedStep, ...]
    analysis: Analysis
    metal: MetalFigures
    findings: tuple[ReportedFinding, ...]


def report(
    design: Design, analysis: Analysis, metal: Metal, state: BuildState, shelf: Shelf, findings: tuple[Finding, ...]
) -> Report:  # fmt: skip
    """Return the report of a job: its design analysed, its records so far, and the parts at hand."""
    brief, leads = design.brief, design.leads
    ask = ConnectorAsk(
        brief.current_steady_a,
        brief.current_peak_a,
        analysis.pack.voltage_full_v,
        brief.ambient_max_k,
        leads.wire,
    )
    told = diagnosis_of(design, state)
    readings = expected_readings(pack_asked(design, state)) if 2 <= design.series <= MOST_SERIES else ()
    return Report(
        job=brief.title,
        kind=design.kind.value,
        analysis=analysis,
        metal=metal.figures,
        connectors=tuple(
            ReportedChoice(name=f.connector.name, fits=f.fits, limit_a=f.limit_a, words=f.words)
            for f in ranked_connectors(shelf.connectors, ask)
        ),
        boards=tuple(
            ReportedChoice(name=f.board.name, fits=f.fits, limit_a=f.board.current_continuous_a, words=f.words)
            for f in ranked_boards(shelf.boards, board_ask(design))
        ),
        wires=wire_list(design, analysis, metal),
        expected=tuple(
            ReportedReading(black=f"B{r.black}", red=f"B{r.red}", voltage_v=r.volts, plus_minus_v=r.plus_minus) for r in readings
        ),
        doctor=ReportedDoctor(
            right=told.right, decided=told.decided, words=told.words,
            likeliest=tuple(s.words for s in told.suspicions[:6]), probabilities=tuple(s.probability for s in told.suspicions[:6]),
        ) if told else None,
        steps=tuple(
            ReportedStep(code=s.code, title=s.title, words=s.words, cautions=s.cautions, expected=s.expected, hold=s.hold)
            for s in steps_of(design, analysis)
        ),
        findings=tuple(
            ReportedFinding(
                code=f.code, severity=f.severity.word, stage=f.stage.value, sentence=f.sentence, reason=f.reason,
                source=f.source, refs=f.refs, cure=f.cure.words if f.cure else None,
            )
            for f in findings
        ),
    )  # fmt: skip
