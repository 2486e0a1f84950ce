"""A step taken one thing at a time, for a hand that holds an iron: look, yes or no, number, and at the end
passed."""

import re
from collections.abc import Collection, Mapping
from enum import Enum
from types import NoneType, UnionType
from typing import Any, Union, get_args, get_origin

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import unit_of
from firmcell.core.bench.two_places import METER_SHARE, METER_V
from firmcell.core.records.events import RECORD_KINDS
from firmcell.core.records.step import Step
from firmcell.core.tap_check.group_verdicts import Proof, Verdict
from firmcell.core.tap_check.points import point_label

TAP = "tap:"
POINTS, ONTO = "point-reading", " > "
BAD_IF_YES = frozenset(("sparks",))
"""Fields that are right when the answer is no."""


class AskKind(Enum):
    """What is asked of the builder."""

    LOOK = "look"
    YES_NO = "yes or no"
    NUMBER = "number"
    WORDS = "words"
    PASS = "passed"
    ELSEWHERE = "elsewhere"


@frozen
class Ask:
    """One thing that is asked.

    Attributes
    ----------
    kind : what answer it wants.
    record, field : of which record, and of which of its fields; of a look the field is empty.
    title : what is asked, in words.
    si : unit of a number; empty for a count.
    given : what is likely, confirmed by one key; None where nothing is.
    whole : whether a number counts things.
    why : what it is asked for, in words; empty where that is plain.
    """

    kind: AskKind
    record: str
    field: str
    title: str
    si: str = ""
    given: Any = None
    whole: bool = False
    why: str = ""


PASSED = Ask(AskKind.PASS, "", "", "Passed?")


def asks_of(step: Step, wanted: tuple[str, ...], given: Mapping[str, Any]) -> tuple[Ask, ...]:
    """Return what is asked next in a step: everything for the record that is wanted first, or whether it is
    passed.

    Parameters
    ----------
    step : Step
    wanted : tuple of str
        Kinds of record that are still wanted, in order; readings of taps are asked by `tap_asks`.
    given : mapping
        What is known beforehand of the first of them, by field; words that are known are not asked again.
    """
    if not wanted:
        return (PASSED,)
    record = wanted[0]
    looks = tuple(Ask(AskKind.LOOK, record, "", words) for words in step.checks if record == "checked")
    names = step.measures if record == "checked" else tuple(RECORD_KINDS[record].model_fields)
    return (*looks, *(ask for name in names if (ask := _of_field(record, name, given)) is not None))


def tap_asks(step: Step, read: Collection[int], proof: Proof, series: int) -> tuple[Ask, ...]:
    """Return what is asked of the taps of a step: those that are not read, then the reading between two that
    tells most, then whether it is passed.

    Parameters
    ----------
    step : Step
    read : collection of int
        Taps that are read already.
    proof : Proof
        What the readings say so far.
    series : int
    """
    taps = sorted(int(r[len(TAP) :]) for r in step.refs if r.startswith(TAP))
    unread = tuple(
        Ask(AskKind.NUMBER, "tap-reading", str(n), f"B{n} against B0", "V")
        for n in taps
        if n and n not in read
    )
    if unread or proof.verdict is Verdict.RIGHT:
        return unread or (PASSED,)
    if proof.verdict is Verdict.MISSING and proof.next_reading is not None:
        black, red = (point_label(p, series) for p in proof.next_reading)
        return (
            Ask(
                AskKind.NUMBER, POINTS, f"{black}{ONTO}{red}", f"{red} against {black}", "V", why=proof.words
            ),
        )
    return (Ask(AskKind.ELSEWHERE, "tap-reading", "", "The taps do not read as they must: go to Tests"),)


def points_of(ask: Ask) -> tuple[str, str]:
    """Return where black and red are for a reading between two points."""
    black, _, red = ask.field.partition(ONTO)
    return black, red


def right_band(ask: Ask, step: Step, cell_v: tuple[float, float]) -> tuple[float, float] | None:
    """Return between what a reading is right, V; None where nothing is known of it beforehand.

    Parameters
    ----------
    ask : Ask
    step : Step
        That it belongs to.
    cell_v : tuple of float
        Least and greatest voltage of one cell, V.
    """
    if ask.si != "V":
        return None
    if ask.record == "tap-reading":
        groups = int(ask.field)
        off = METER_SHARE * groups * cell_v[1] + METER_V
        return groups * cell_v[0] - off, groups * cell_v[1] + off
    if ask.record == POINTS:
        black, red = (int(re.findall(r"B(\d+)", end)[-1]) for end in points_of(ask))
        between = sorted((red - black) * v for v in cell_v)
        off = METER_SHARE * max(map(abs, between)) + METER_V
        return between[0] - off, between[1] + off
    return step.reads_v if ask.record == "polarity-reading" else None


def _of_field(record: str, name: str, given: Mapping[str, Any]) -> Ask | None:
    model = RECORD_KINDS[record]
    info = model.model_fields[name]
    kind, optional = _plain(info.annotation)
    title = info.title or name
    if name == "kind" or kind is tuple:
        return None
    if kind is bool:
        return Ask(AskKind.YES_NO, record, name, title, given=name not in BAD_IF_YES)
    if kind in (int, float):
        if optional and name not in given and record != "checked":
            return None
        si = unit_of(model, name) or ""
        return Ask(AskKind.NUMBER, record, name, title, si, given.get(name), kind is int)
    if given.get(name) or optional or not info.is_required():
        return None
    return Ask(AskKind.WORDS, record, name, title)


def _plain(annotation: Any) -> tuple[type, bool]:
    """The plain type of a field and whether it may be left empty."""
    optional = False
    if get_origin(annotation) in (Union, UnionType):
        annotation = next(a for a in get_args(annotation) if a is not NoneType)
        optional = True
    while get_origin(annotation) is not None and get_args(annotation):
        if get_origin(annotation) is tuple:
            return tuple, optional
        annotation = get_args(annotation)[0]
    return annotation, optional
