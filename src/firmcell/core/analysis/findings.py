"""A finding: one line with the numbers, its reason and source, and the edit that fixes it."""

from dataclasses import field
from enum import IntEnum, StrEnum

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import BuildState
from firmcell.core.strips.under_load import UnderLoad


class Severity(IntEnum):
    """How bad a finding is; sorts worst first."""

    STOP = 0
    ATTENTION = 1
    NOTE = 2

    @property
    def word(self) -> str:
        """As shown to people."""
        return self.name.lower()


class Stage(StrEnum):
    """The stages of a job, in the trade's order."""

    BRIEF = "brief"
    CELLS = "cells"
    LAYOUT = "layout"
    STRIPS = "strips"
    LEADS = "leads"
    BMS = "bms"
    INSULATION = "insulation"
    BENCH = "bench"
    TESTS = "tests"
    PASSPORT = "passport"

    @property
    def heading(self) -> str:
        """As shown to people."""
        return "BMS" if self is Stage.BMS else self.value.capitalize()


@frozen
class Fix:
    """An edit that fixes a finding: dotted field paths and new values, and what it does in words."""

    words: str
    edits: tuple[tuple[str, object], ...]

    def applied(self, design: Design) -> Design:
        """Return the fixed design."""
        return design.with_edits(*self.edits)


@frozen
class Finding:
    """What a rule found.

    Attributes
    ----------
    code : stable code of the rule, such as SR-1.
    severity, stage : how bad, and where to go.
    sentence : what is so, with the numbers.
    reason : why it matters.
    source : standard, physics or common practice.
    refs : parts of the picture it is about, such as ``strip:N0-C1``.
    fix : the edit that fixes it, where one exists.
    """

    code: str
    severity: Severity
    stage: Stage
    sentence: str
    reason: str
    source: str
    refs: tuple[str, ...] = ()
    fix: Fix | None = field(default=None, compare=False)


@frozen
class Situation:
    """What a rule looks at.

    Attributes
    ----------
    metal : the pack solved with its heat; None while that is still being worked out.
    strip_fixes : changes that fix overloaded metal, each solved before it is offered, the smallest first.
    """

    design: Design
    analysis: Analysis
    state: BuildState
    library: PartLibrary
    metal: UnderLoad | None = None
    strip_fixes: tuple["Fix", ...] = ()
