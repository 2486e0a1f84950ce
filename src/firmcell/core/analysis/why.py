"""Why a finding matters: the physics, where its limit comes from, and what can be done."""

from collections.abc import Iterable

from firmcell.core.analysis.findings import Finding, Severity

WEIGHS = {
    Severity.STOP: "Built so, it hurts somebody, breaks, or does not do what was asked. The passport stays unfinished while it stands.",
    Severity.ATTENTION: "It may be right as it is. Decide it with open eyes.",
    Severity.NOTE: "Worth a look; nothing has to be done.",
}


def why(finding: Finding, terms: Iterable[tuple[str, str]] = ()) -> tuple[tuple[str, str], ...]:
    """Return headings and paragraphs that explain a finding.

    Parameters
    ----------
    finding : Finding
    terms : iterable of (str, str)
        Words of the trade and what they mean; those that the finding uses are explained.

    Returns
    -------
    parts : tuple of (str, str)
        Heading and text, in the order of reading.

    Examples
    --------
    >>> from firmcell.core.analysis.findings import Stage
    >>> told = "It sags.", "Cells resist.", "common practice, no source"
    >>> one = Finding("XX-1", Severity.NOTE, Stage.LEADS, *told)
    >>> [heading for heading, _ in why(one, [("sag", "voltage lost under load"), ("tap", "a point")])]
    ['How much it weighs', 'Why it matters', 'Where it comes from', 'What can be done', 'sag']
    """
    parts = [
        ("How much it weighs", f"{finding.severity.word.capitalize()}. {WEIGHS[finding.severity]}"),
        ("Why it matters", finding.reason),
        ("Where it comes from", f"{_capital(finding.source)}. {_trust(finding.source)}".strip()),
        ("What can be done", _remedy(finding)),
    ]
    used = f"{finding.sentence} {finding.reason}".lower()
    return (*parts, *((name, meaning) for name, meaning in terms if name.lower() in used))


def _trust(source: str) -> str:
    """How far a source may be relied on."""
    if "no source" in source or "judgement" in source:
        return (
            "No published source stands behind this limit: where you know better from measuring, go by that."
        )
    if "memory" in source:
        return "It is named from memory: look it up before you rely on the figure."
    return ""


def _remedy(finding: Finding) -> str:
    if finding.fix is not None:
        return f"{_capital(finding.fix.words)} (Ctrl+. does it, Ctrl+Z takes it back)."
    return f"There is no one right change. The {finding.stage.heading} page is where it is decided; Enter on the finding goes there."


def _capital(text: str) -> str:
    return text[:1].upper() + text[1:].rstrip(".")
