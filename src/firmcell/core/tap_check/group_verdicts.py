"""The one verdict on tap readings: right, doubtful, wrong or not enough, with the reading that would tell.

A group is right only if it lies inside what is allowed with all that the meter may be off; where a
difference of two readings is too coarse for that, the group is asked for from pin to pin.
"""

from collections.abc import Mapping
from enum import StrEnum

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import volts
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.limits import GROUP_SPREAD_GOOD_V, GROUP_SPREAD_V
from firmcell.core.model.parts import Cell
from firmcell.core.tap_check.diagnosis import PackAsked
from firmcell.core.tap_check.group_intervals import GroupInterval, GroupReading, group_intervals, shown_by
from firmcell.core.tap_check.points import point_name, point_taps

OVER_FULL_V = 0.05
"""A lithium group may stand so far over its full voltage before it is wrong, V: below where boards cut off; common
practice, no source."""
NICKEL_LEAST = 0.5
"""A nickel group may rest as low as this part of its nominal voltage: flat, not dead; engineering judgement."""
FAR_FROM_CELLS_V = 0.15
"""How far groups may stand from the cells as measured before joining, V; engineering judgement."""
NOTHING_V = 0.02
"""Between two points of one metal a meter shows no more than this, V; common practice, no source."""
PLATEAU_V = {
    Chemistry.LI_ION: (
        (0.0, 2.85, "titanate cells rest there; lithium-ion at that voltage is empty"),
        (2.85, 3.42, "iron phosphate cells rest there; lithium-ion at that voltage is nearly empty"),
    ),
    Chemistry.LFP: (
        (3.45, 9.0, "iron phosphate does not rest above 3.45 V, lithium-ion does"),
        (0.0, 2.85, "titanate cells rest there; iron phosphate at that voltage is empty"),
    ),
}
"""Where a group of this chemistry stands like one of another, from and to in V, and why; generic class values."""
FEW_GROUPS = 3
"""Packs of no more groups are read twice over, for a slip in typing would not show in the other groups."""
COARSE_V = 0.1
"""Digits of a reading that count for more than this, V, were taken or typed too coarsely."""
ENOUGH_IN_RANGE = 4
"""So many groups read in one range are held against each other without its calibration."""
CHEMISTRY_PROVEN = "chemistry"
"""Name of the test that proves the chemistry of every cell."""


STOP = "Do not plug in. "


class Verdict(StrEnum):
    """What readings are."""

    MISSING = "not enough"
    RIGHT = "right"
    LOOK = "doubtful"
    WRONG = "wrong"


@frozen
class GroupVerdict:
    """One group: its voltage as best known (V) or None, how far that may be off, the verdict and why."""

    group: int
    step_v: float | None
    off_v: float
    verdict: Verdict
    words: str


@frozen
class Proof:
    """What all readings say.

    Attributes
    ----------
    groups : each group.
    spread_v : of those that read plausibly, V; None for fewer than two.
    verdict, words : on the whole; only with "right" may the plug go in.
    next_reading : the points (black, red) whose reading is wanted next; None if none is.
    remark : what follows from a right pack, such as a balance charge.
    """

    groups: tuple[GroupVerdict, ...]
    spread_v: float | None
    verdict: Verdict
    words: str
    next_reading: tuple[int, int] | None = None
    remark: str = ""


def judge_readings(
    readings: Mapping[tuple[int, int], float], asked: PackAsked, proven: frozenset[str] = frozenset()
) -> Proof:
    """Return the verdict on readings between the points of a pack.

    Parameters
    ----------
    readings : mapping
        Volts by black and red point, numbered as in `points`.
    asked : PackAsked
    proven : frozenset of str
        Names of tests passed besides, such as `CHEMISTRY_PROVEN`.

    Notes
    -----
    Never right while a group is not known, nor where the meter cannot tell it from a wrong one. A step that
    falls, is nothing, or holds two groups is a wiring fault whatever the total says; which one, the tap
    doctor tells.
    """
    s, cell = asked.series, asked.cell
    known = group_intervals(asked.meter, {k: v for k, v in readings.items() if max(k) <= s}, s)
    middle = _Middle(known, asked)
    groups = tuple(_judge(g, known.get(g), middle, asked, proven) for g in range(1, s + 1))
    plain = [g.step_v for g in groups if g.step_v is not None and g.verdict is not Verdict.WRONG]
    spread = max(plain) - min(plain) if len(plain) > 1 else None
    wrong = next((g for g in groups if g.verdict is Verdict.WRONG), None)
    if abs(readings.get((0, 0), 0.0)) > NOTHING_V:
        return Proof(groups, spread, Verdict.WRONG, f"{STOP}B0 against itself must read nothing.")
    strips = _off_their_strips(readings, asked)
    if wrong is not None or strips:
        return Proof(groups, spread, Verdict.WRONG, f"{STOP}{strips or (wrong.words if wrong else '')}.")
    missing = [g for g in groups if g.verdict is Verdict.MISSING]
    if missing:
        first = missing[0]
        return Proof(groups, spread, Verdict.MISSING, *_wanted(readings, known, missing, first, asked))
    doubtful = next((g for g in groups if g.verdict is Verdict.LOOK), None)
    if doubtful is not None:
        again = (doubtful.group - 1, doubtful.group)
        return Proof(
            groups,
            spread,
            Verdict.LOOK,
            f"Not right yet. {doubtful.words}.",
            None if again in readings else again,
        )
    if asked.measured and abs(middle.volts - asked.now_v) > FAR_FROM_CELLS_V + middle.off_v:
        words = (
            f"Not right yet. The groups stand at about {volts(middle.volts)}; the cells measured {volts(asked.now_v)} before they were joined: "
            "something loads or charges the pack, or these are other cells."
        )
        return Proof(groups, spread, Verdict.LOOK, words)
    words = "Every tap is in order and the groups are alike."
    remark = ""
    if spread is not None and spread > GROUP_SPREAD_GOOD_V:
        words = "Every tap is in order."
        remark = f"The groups differ by {volts(spread)}: a balance charge follows at once."
    if not cell.chemistry.is_lithium and min(plain) < cell.empty_v:
        remark = f"{remark} A group is flat: charge slowly.".strip()
    return Proof(groups, spread, Verdict.RIGHT, words, None, remark)


class _Middle:
    """What the groups stand at together, V, how far that may be off, and the same of each range by itself."""

    def __init__(self, known: Mapping[int, GroupInterval], asked: PackAsked) -> None:
        cell = asked.cell

        def plain(reading: GroupReading) -> bool:
            return 0.5 * cell.empty_v < reading.volts < 1.3 * cell.full_v

        best = [i.best for i in known.values() if plain(i.best)]
        self.accuracy = asked.meter.accuracy
        self.volts = float(np.median([b.volts for b in best])) if best else asked.now_v
        digits = float(np.median([b.digits_v for b in best])) if best else 0.0
        self.off_v = _of_median(digits, len(best)) + self.accuracy * self.volts
        self.by_range: dict[int, tuple[float, float]] = {}
        for ranged in range(3):
            ways = [
                next((w for w in i.ways if w.ranged == ranged and plain(w)), None) for i in known.values()
            ]
            some = [w for w in ways if w is not None]
            if len(some) >= ENOUGH_IN_RANGE:
                middle = float(np.median([w.volts for w in some]))
                off = _of_median(float(np.median([w.digits_v for w in some])), len(some))
                self.by_range[ranged] = middle, off
        self.few_direct = sum(i.direct for i in known.values()) < min(ENOUGH_IN_RANGE, asked.series)

    def apart(self, known: GroupInterval) -> tuple[float, float]:
        """How far a group stands from the others, and by how much that may be off, V, the closest way."""
        found = []
        for way in known.ways:
            if way.ranged in self.by_range:
                # The calibration acts on all alike.
                middle, off = self.by_range[way.ranged]
                away = way.volts - middle
                found.append((way.digits_v + off + self.accuracy * abs(away), away))
            away = way.volts - self.volts
            found.append((way.off_v + self.off_v, away))
        unsure, away = min(found)
        return away, unsure


def _of_median(digits_v: float, count: int) -> float:
    """How far the median of readings may be off that are each off by `digits_v` at most, V."""
    return digits_v if count < 4 else 1.5 * digits_v / count**0.5


def _judge(
    group: int, known: GroupInterval | None, middle: _Middle, asked: PackAsked, proven: frozenset[str]
) -> GroupVerdict:
    between = f"B{group - 1} to B{group}"
    if known is None:
        return GroupVerdict(group, None, 0.0, Verdict.MISSING, f"{between}: not read yet")
    best, cell = known.best, asked.cell

    def told(verdict: Verdict, words: str) -> GroupVerdict:
        return GroupVerdict(group, best.volts, best.off_v, verdict, words)

    wiring = _wiring_words(between, best, cell)
    if wiring:
        return told(Verdict.WRONG, wiring)
    low, high = _allowed(cell)
    if best.volts + best.off_v < low:
        return told(Verdict.WRONG, f"{between} is {volts(best.volts)}, under empty ({volts(cell.empty_v)})")
    if best.volts - best.off_v > high:
        return told(Verdict.WRONG, f"{between} is {volts(best.volts)}, over full ({volts(cell.full_v)})")
    away, unsure = middle.apart(known)
    others = f"{between} is {volts(best.volts)}, the others stand at about {volts(middle.volts)}"
    if abs(away) - unsure > GROUP_SPREAD_V:
        return told(Verdict.WRONG, others)
    if known.contradicts:
        words = f"{between} reads {volts(best.volts)} one way and otherwise by other readings: a poor contact, or something moved; read both again"
        return told(Verdict.LOOK, words)
    if asked.series <= FEW_GROUPS and not known.direct:
        # Where two readings say all, a slip in typing one of them could hide what is wrong.
        return told(Verdict.MISSING, f"{between} is read from pin to pin as well in so small a pack")
    inside = low <= best.volts - best.off_v and best.volts + best.off_v <= high
    if not inside or abs(away) + unsure > GROUP_SPREAD_V:
        finer = (
            "; take it in the meter's finest range and type every place" if best.digits_v > COARSE_V else ""
        )
        if known.direct and not (inside and middle.few_direct):
            near = (
                f"{others}, give or take {volts(unsure)}"
                if inside
                else f"{between} is {volts(best.volts)}, give or take {volts(best.off_v)}"
            )
            return told(Verdict.LOOK, f"{near}: too near what is allowed to be called right{finer}")
        words = f"{between} is known to {volts(max(unsure, best.off_v))} only: read it from pin to pin"
        return told(Verdict.MISSING, words)
    for start, end, why in PLATEAU_V.get(cell.chemistry, ()):
        if CHEMISTRY_PROVEN not in proven and start <= best.volts <= end:
            return told(
                Verdict.LOOK, f"{between} is {volts(best.volts)}: {why}. Prove the chemistry of every cell"
            )
    return told(Verdict.RIGHT, volts(best.volts))


def _wiring_words(between: str, best: GroupReading, cell: Cell) -> str:
    """Why a step can only be a wiring fault or a dead group; "" if it need not be."""
    if best.volts + best.off_v < -0.3 * cell.nominal_v:
        return f"{between} falls by {volts(-best.volts)}: two taps exchanged, or a group the wrong way round"
    if abs(best.volts) + best.off_v < 0.3 * cell.nominal_v:
        return f"{between} is {volts(best.volts)}: both on one point, a broken lead, or an empty group"
    if best.volts - best.off_v > 1.6 * cell.nominal_v:
        return f"{between} is {volts(best.volts)}: more than one group between them; a tap is one group off"
    return ""


def _allowed(cell: Cell) -> tuple[float, float]:
    """Least and greatest voltage of a group that may be plugged in, V."""
    if cell.chemistry.is_lithium:
        return cell.empty_v, cell.full_v + OVER_FULL_V
    return NICKEL_LEAST * cell.nominal_v, cell.full_v + OVER_FULL_V


def _off_their_strips(readings: Mapping[tuple[int, int], float], asked: PackAsked) -> str:
    """Two points of what should be one metal that are not, in words; "" if none was found so."""
    taps = point_taps(asked.series)
    for (black, red), shown in shown_by(asked.meter, readings).items():
        one, other = sorted((black, red))
        if (
            one < other < len(taps)
            and taps[one] == taps[other]
            and abs(shown.volts) > NOTHING_V + asked.meter.digits * shown.place_v
        ):
            first, second = (point_name(p, asked.series) for p in (one, other))
            start = f"{first[0].upper()}{first[1:]}"
            return f"{start} against {second} reads {volts(shown.volts)}; on one metal it reads nothing"
    return ""


def _nearest(group: int, series: int) -> list[int]:
    """The other groups, the nearest first."""
    return sorted(set(range(1, series + 1)) - {group}, key=lambda n: (abs(n - group), n))


def reading_plan(asked: PackAsked) -> tuple[tuple[int, int], ...]:
    """Return the points (black, red) of the first readings.

    Parameters
    ----------
    asked : PackAsked

    Returns
    -------
    plan : tuple of (int, int)
        Every pin against B0 while the meter shows hundredths, from pin to pin beyond.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> plan = reading_plan(PackAsked(20, CELL, 3.7))  # 16 of them are just under 60 V
    >>> plan[0], plan[15], plan[16]
    ((0, 1), (0, 16), (16, 17))
    """
    most = asked.meter.counts * 1e-2
    return tuple((0, n) if n * asked.now_v < most else (n - 1, n) for n in range(1, asked.series + 1))


def _wanted(
    readings: Mapping[tuple[int, int], float],
    known: Mapping[int, GroupInterval],
    missing: list[GroupVerdict],
    first: GroupVerdict,
    asked: PackAsked,
) -> tuple[str, tuple[int, int]]:
    """What is said while a reading is wanted, and which one."""
    if not readings:
        return "No tap is read yet. Black probe on B0, then B1, B2 … in order.", (0, 1)
    unknown = [g for g in missing if g.group not in known]
    if not unknown:
        # Read from pin to pin already, it wants others read so, to stand beside it in one range.
        group = next((g.group for g in missing if not known[g.group].direct), None) or next(
            n for n in _nearest(first.group, asked.series) if not known[n].direct
        )
        return f"Nothing wrong so far, and {first.words}.", (group - 1, group)
    at = unknown[0].group
    many = f"{len(unknown)} of {asked.series} groups are not known yet; nothing wrong so far."
    following = reading_plan(asked)[at - 1]
    if following[0]:
        many += " From here on read from pin to pin: against B0 the meter shows tenths only."
    return many, following if following not in readings else (at - 1, at)
