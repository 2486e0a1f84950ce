"""How a rule is entered in a table, and what it is about."""

import re
from collections.abc import Callable, Iterator
from dataclasses import field
from enum import StrEnum

from firmcell.core.analysis.findings import Finding, Fix, Severity, Situation, Stage
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal

Body = Callable[[Situation], Iterator["Hit"]]


class Topic(StrEnum):
    """What a rule is about. A rule speaks in a kind of job that has all of its topics; one with none speaks
    wherever its stage is."""

    CHARGE = "cells that are charged and travel"
    INSIDE = "what is inside the pack is known"
    BUILT = "strips are laid and joined in this job"
    NETWORK = "strips carry the current to the taps"
    TAPS = "more than one group, with sense leads"
    PLUG = "a plug at the end of the leads"
    PACK_PLUG = "that plug is the pack's, and live"
    FUSE = "a fuse in the leads"
    STEADY = "leads judged by the steady current"


ALL_TOPICS = frozenset(Topic)


@frozen
class Hit:
    """What the body of a rule yields: the sentence with the numbers, and what differs from the rule's
    defaults."""

    sentence: str
    refs: tuple[str, ...] = ()
    fix: Fix | None = None
    severity: Severity | None = None


@frozen
class Rule:
    """A rule: code, stage, usual severity, reason and source, topics, and the function that looks."""

    code: str
    stage: Stage
    severity: Severity
    reason: str
    source: str
    topics: frozenset[Topic]
    body: Body

    def run(self, situation: Situation) -> Iterator[Finding]:
        """Yield the findings of this rule."""
        for hit in self.body(situation):
            severity = self.severity if hit.severity is None else hit.severity
            yield Finding(
                self.code, severity, self.stage, hit.sentence, self.reason, self.source, hit.refs, hit.fix
            )


@frozen
class RuleTable:
    """Rules by code, in the order they were entered."""

    rules: dict[str, Rule] = field(default_factory=dict)

    def rule(
        self,
        code: str,
        stage: Stage,
        severity: Severity,
        *,
        reason: str,
        source: str,
        topics: tuple[Topic, ...] = (),
    ) -> Callable[[Body], Body]:
        """Enter the decorated function in the table under `code`."""

        def enter(body: Body) -> Body:
            assert code not in self.rules, f"rule {code} is there twice"
            self.rules[code] = Rule(code, stage, severity, reason, source, frozenset(topics), body)
            return body

        return enter


PLUGGED = re.compile(r"[A-Z]{3,6}-\d+")
"""Codes of rules that a plug-in enters: three letters or more, the program's own have two."""


def plugged(
    code: str, stage: Stage, severity: Severity, *, reason: str, source: str, topics: tuple[Topic, ...] = ()
) -> Callable[[Body], Body]:
    """Enter the rule of a plug-in: with a code of its own kind, and so that a fault in it stops nothing.

    Raises
    ------
    Refusal
        If the code is not three to six capitals, a hyphen and a number, or is there already.
    """
    if not PLUGGED.fullmatch(code):
        raise Refusal(f"the code of a rule is three to six capitals, a hyphen and a number, not “{code}”")
    if code in GENERAL.rules:
        raise Refusal(f"there is a rule {code} already")

    def enter(body: Body) -> Body:
        def guarded(situation: Situation) -> Iterator[Hit]:
            try:
                yield from body(situation)
            except Exception as error:
                said = f"The rule {code} of a plug-in fails ({type(error).__name__}: {error}): what it would say is not known."
                yield Hit(said, severity=Severity.ATTENTION)

        GENERAL.rule(code, stage, severity, reason=reason, source=source, topics=topics)(guarded)
        return body

    return enter


GENERAL = RuleTable()
"""Rules of any job that has their stage and topics; a kind's own rules are in its own file."""
RULES = GENERAL.rules
rule = GENERAL.rule

COMMON_PRACTICE = "common practice, no source"
PHYSICS = "physics"
