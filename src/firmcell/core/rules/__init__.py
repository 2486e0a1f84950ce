"""The table of rules and the one call that runs it."""

from firmcell.core.findings import Finding, Situation
from firmcell.core.job_kinds import speaks
from firmcell.core.rules import (
    brief,
    cells,
    guard,
    guard_jobs,
    jacket,
    leads,
    metal,
    other_jobs,
    proof,
    stack,
)
from firmcell.core.rules.table import RULES, Rule

_MODULES = (brief, cells, stack, metal, leads, other_jobs, guard, guard_jobs, jacket, proof)


def find(situation: Situation) -> tuple[Finding, ...]:
    """Return every finding, worst first, then in the order of the stages."""
    kind = situation.design.kind
    found = [
        finding
        for rule in RULES.values()
        if speaks(rule.code, rule.stage, kind)
        for finding in rule.run(situation)
    ]
    order = {code: place for place, code in enumerate(RULES)}
    found.sort(key=lambda f: (f.severity, order[f.code]))
    return tuple(found)


__all__ = ["RULES", "Rule", "find"]
