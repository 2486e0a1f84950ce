"""The table of rules and the one call that runs it."""

from firmcell.core.analysis.findings import Finding, Situation, Stage
from firmcell.core.jobs.kinds import speaks
from firmcell.core.rules import (
    bms,
    bms_jobs,
    brief,
    cells,
    insulation,
    layout,
    leads,
    other_jobs,
    records,
    strips,
)
from firmcell.core.rules.table import RULES, Rule

_MODULES = (brief, cells, layout, strips, leads, other_jobs, bms, bms_jobs, insulation, records)


def find(situation: Situation) -> tuple[Finding, ...]:
    """Return every finding, worst first, then in the order of the stages."""
    kind = situation.design.kind
    found = [
        finding
        for rule in RULES.values()
        if speaks(rule.code, rule.stage, kind)
        for finding in rule.run(situation)
    ]
    stages = list(Stage)
    order = {code: (stages.index(rule.stage), place) for place, (code, rule) in enumerate(RULES.items())}
    found.sort(key=lambda f: (f.severity, order[f.code]))
    return tuple(found)


__all__ = ["RULES", "Rule", "find"]
