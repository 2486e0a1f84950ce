"""What ``firm-cell analyse --json`` gives out; its fields are stable and described in docs/analyse-json.md."""

from firmcell.core.analysis import ANALYSIS_FORMAT, Analysis
from firmcell.core.findings import Finding
from firmcell.core.metal import MetalFigures
from firmcell.core.quantity import Frozen


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


class Report(Frozen):
    """Job title, analysis and findings."""

    format: int = ANALYSIS_FORMAT
    job: str
    analysis: Analysis
    metal: MetalFigures
    findings: tuple[ReportedFinding, ...]


def report(title: str, analysis: Analysis, metal: MetalFigures, findings: tuple[Finding, ...]) -> Report:
    """Return the report of a design."""
    return Report(
        job=title,
        analysis=analysis,
        metal=metal,
        findings=tuple(
            ReportedFinding(
                code=f.code, severity=f.severity.word, stage=f.stage.value, sentence=f.sentence, reason=f.reason,
                source=f.source, refs=f.refs, cure=f.cure.words if f.cure else None,
            )
            for f in findings
        ),
    )  # fmt: skip
