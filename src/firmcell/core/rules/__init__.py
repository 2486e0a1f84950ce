"""The table of general rules and the one call that runs rules."""

from collections.abc import Iterable

from firmcell.core.analysis.findings import Finding, Situation, Stage
from firmcell.core.rules import bms, brief, cells, insulation, layout, leads, records, strips
from firmcell.core.rules.table import RULES, Rule

_MODULES = (brief, cells, layout, strips, leads, bms, insulation, records)


def find(situation: Situation, rules_that_speak: Iterable[Rule]) -> tuple[Finding, ...]:
    """Return every finding of the given rules, worst first, then in the order of the stages."""
    rules = list(rules_that_speak)
    found = [finding for rule in rules for finding in rule.run(situation)]
    stages = list(Stage)
    order = {rule.code: (stages.index(rule.stage), place) for place, rule in enumerate(rules)}
    found.sort(key=lambda f: (f.severity, order[f.code]))
    return tuple(found)


__all__ = ["RULES", "Rule", "find"]
