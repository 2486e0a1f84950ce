"""The table of general rules and the one call that runs rules."""

from collections.abc import Iterable

from firmcell.core.analysis.findings import Finding, Situation, Stage
from firmcell.core.rules import (
    bms,
    brief,
    cell_fuses,
    cells,
    charger,
    existing,
    forms,
    fuses,
    host_charger,
    insulation,
    ladders,
    layout,
    leads,
    lugs,
    reclaimed,
    records,
    strip_load,
    strips,
    wiring,
)
from firmcell.core.rules.table import RULES, Rule

_MODULES = (
    brief,
    existing,
    cells,
    reclaimed,
    layout,
    strips,
    strip_load,
    ladders,
    forms,
    lugs,
    cell_fuses,
    leads,
    fuses,
    bms,
    charger,
    host_charger,
    wiring,
    insulation,
    records,
)


def find(situation: Situation, rules_that_speak: Iterable[Rule]) -> tuple[Finding, ...]:
    """Return every finding of the given rules, worst first, then in the order of the stages and codes."""
    found = [finding for rule in rules_that_speak for finding in rule.run(situation)]
    stages = list(Stage)

    def place(finding: Finding) -> tuple[int, int, str, int]:
        family, _, number = finding.code.partition("-")
        return finding.severity, stages.index(finding.stage), family, int(number)

    found.sort(key=place)
    return tuple(found)


__all__ = ["RULES", "Rule", "find"]
