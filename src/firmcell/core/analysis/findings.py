"""A finding: one line with the numbers, its reason and source, and the edit that cures it."""

from dataclasses import dataclass, field
from enum import IntEnum, StrEnum

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import Shelf
from firmcell.core.records.build_state import BuildState
from firmcell.core.strips.under_load import Metal


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
    STACK = "stack"
    METAL = "metal"
    LEADS = "leads"
    GUARD = "guard"
    JACKET = "jacket"
    BENCH = "bench"
    PROOF = "proof"
    PASSPORT = "passport"


@dataclass(frozen=True)
class Cure:
    """An edit that cures a finding: dotted field paths and new values, and what it does in words."""

    words: str
    edits: tuple[tuple[str, object], ...]

    def applied(self, design: Design) -> Design:
        """Return the cured design."""
        return design.with_edits(*self.edits)


@dataclass(frozen=True)
class Finding:
    """What a rule found.

    Attributes
    ----------
    code : stable code of the rule, such as ME-1.
    severity, stage : how bad, and where to go.
    sentence : what is so, with the numbers.
    reason : why it matters.
    source : standard, physics or common practice.
    refs : parts of the picture it is about, such as ``strip:N0-C1``.
    cure : the edit that cures it, where one exists.
    """

    code: str
    severity: Severity
    stage: Stage
    sentence: str
    reason: str
    source: str
    refs: tuple[str, ...] = ()
    cure: Cure | None = field(default=None, compare=False)


@dataclass(frozen=True)
class Situation:
    """What a rule looks at.

    Attributes
    ----------
    metal : the pack solved with its heat; None while that is still being worked out.
    metal_cures : changes that cure overloaded metal, each solved before it is offered, the smallest first.
    """

    design: Design
    analysis: Analysis
    state: BuildState
    shelf: Shelf
    metal: Metal | None = None
    metal_cures: tuple["Cure", ...] = ()
