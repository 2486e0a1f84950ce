"""How a rule is entered in the table."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass

from firmcell.core.analysis.findings import Finding, Fix, Severity, Situation, Stage

Body = Callable[[Situation], Iterator["Hit"]]


@dataclass(frozen=True)
class Hit:
    """What the body of a rule yields: the sentence with the numbers, and what differs from the rule's defaults."""

    sentence: str
    refs: tuple[str, ...] = ()
    fix: Fix | None = None
    severity: Severity | None = None


@dataclass(frozen=True)
class Rule:
    """A rule: code, stage, usual severity, reason and source, and the function that looks."""

    code: str
    stage: Stage
    severity: Severity
    reason: str
    source: str
    body: Body

    def run(self, situation: Situation) -> Iterator[Finding]:
        """Yield the findings of this rule."""
        for hit in self.body(situation):
            severity = self.severity if hit.severity is None else hit.severity
            yield Finding(
                self.code, severity, self.stage, hit.sentence, self.reason, self.source, hit.refs, hit.fix
            )


RULES: dict[str, Rule] = {}

COMMON_PRACTICE = "common practice, no source"
PHYSICS = "physics"


def rule(code: str, stage: Stage, severity: Severity, *, reason: str, source: str) -> Callable[[Body], Body]:
    """Enter the decorated function in the table under `code`."""

    def enter(body: Body) -> Body:
        assert code not in RULES, f"rule {code} is there twice"
        RULES[code] = Rule(code, stage, severity, reason, source, body)
        return body

    return enter
