"""Tap readings against the prediction, in plain words."""

from enum import StrEnum

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import volts
from firmcell.core.model.limits import GROUP_SPREAD_GOOD_V, GROUP_SPREAD_V
from firmcell.core.model.parts import Cell


class Verdict(StrEnum):
    """What a group reading is."""

    MISSING = "missing"
    RIGHT = "right"
    LOOK = "look"
    WRONG = "wrong"


@frozen
class GroupVerdict:
    """The step from one tap to the next: its voltage (V) or None, the verdict and why."""

    group: int
    step_v: float | None
    verdict: Verdict
    words: str


@frozen
class Proof:
    """All groups, the spread (V) of those that read plausibly, and the verdict on the whole."""

    groups: tuple[GroupVerdict, ...]
    spread_v: float | None
    verdict: Verdict
    words: str


def judge_taps(tap_volts: dict[int, float], series: int, cell: Cell, lithium: bool) -> Proof:
    """Return the verdict on readings against B0.

    Parameters
    ----------
    tap_volts : dict
        Tap number (0 to `series`) to reading, V. B0 may be left out; it is the reference, 0 V.
    series : int
    cell : Cell
        Its empty and full voltages bound what a group may read.
    lithium : bool
        Whether a group outside those bounds is dangerous.

    Notes
    -----
    Never right while a reading is missing. A step that falls, is nothing, or holds two groups is a
    wiring fault whatever the total says; which one, the tap doctor tells.
    """
    # A pack that was made shorter since may have readings of taps that it has no longer.
    readings: dict[int, float] = {0: 0.0} | {tap: v for tap, v in tap_volts.items() if tap <= series}
    rough: list[GroupVerdict] = []
    for group in range(1, series + 1):
        low, high = readings.get(group - 1), readings.get(group)
        rough.append(_judge_step(group, None if low is None or high is None else high - low, cell, lithium))
    if abs(readings[0]) > 0.02:
        rough[0] = GroupVerdict(
            1, rough[0].step_v, Verdict.WRONG, f"B0 itself reads {volts(readings[0])}; it must be 0"
        )
    steps = [g.step_v for g in rough if g.step_v is not None and g.verdict is not Verdict.WRONG]
    spread = max(steps) - min(steps) if len(steps) > 1 else None
    groups = rough
    if spread is not None and spread > GROUP_SPREAD_GOOD_V:
        middle = sorted(steps)[len(steps) // 2]
        groups = [
            GroupVerdict(
                g.group,
                g.step_v,
                Verdict.WRONG if abs(g.step_v - middle) > GROUP_SPREAD_V else Verdict.LOOK,
                f"{volts(g.step_v)}, the others stand at about {volts(middle)}",
            )
            if g.step_v is not None
            and g.verdict is Verdict.RIGHT
            and abs(g.step_v - middle) > GROUP_SPREAD_GOOD_V / 2
            else g
            for g in rough
        ]
    verdict, words = _overall(groups, spread, len(readings) - 1)
    return Proof(tuple(groups), spread, verdict, words)


def _judge_step(group: int, step: float | None, cell: Cell, lithium: bool) -> GroupVerdict:
    between = f"B{group - 1} to B{group}"
    if step is None:
        return GroupVerdict(group, None, Verdict.MISSING, f"{between}: not read yet")
    if step < -0.3 * cell.nominal_v:
        words = f"{between} falls by {volts(-step)}: two taps exchanged, or a group the wrong way round"
        return GroupVerdict(group, step, Verdict.WRONG, words)
    if abs(step) < 0.3 * cell.nominal_v:
        words = f"{between} is {volts(step)}: both on one point, a broken lead, or an empty group"
        return GroupVerdict(group, step, Verdict.WRONG, words)
    if step > 1.6 * cell.nominal_v:
        words = f"{between} is {volts(step)}: more than one group between them; a tap is one group off"
        return GroupVerdict(group, step, Verdict.WRONG, words)
    if step > cell.full_v + 0.02:
        words = f"{between} is {volts(step)}, over full ({volts(cell.full_v)})"
        return GroupVerdict(group, step, Verdict.WRONG, words)
    if step < cell.empty_v:
        words = f"{between} is {volts(step)}, under empty ({volts(cell.empty_v)})"
        return GroupVerdict(group, step, Verdict.WRONG if lithium else Verdict.LOOK, words)
    return GroupVerdict(group, step, Verdict.RIGHT, volts(step))


def _overall(groups: list[GroupVerdict], spread: float | None, read: int) -> tuple[Verdict, str]:
    wrong = [g for g in groups if g.verdict is Verdict.WRONG]
    missing = [g for g in groups if g.verdict is Verdict.MISSING]
    if wrong:
        return Verdict.WRONG, f"Do not plug in. {wrong[0].words}."
    if missing:
        if not read:
            return Verdict.MISSING, "No tap is read yet. Black probe on B0, then B1, B2 … in order."
        return (
            Verdict.MISSING,
            f"{len(missing)} of {len(groups)} groups are not known yet; nothing wrong so far.",
        )
    if spread is not None and spread > GROUP_SPREAD_V:
        return Verdict.WRONG, f"The groups differ by {volts(spread)}, more than {volts(GROUP_SPREAD_V)}."
    if spread is not None and spread > GROUP_SPREAD_GOOD_V:
        return (
            Verdict.LOOK,
            f"The groups differ by {volts(spread)}: acceptable only if a balance charge follows at once.",
        )
    if any(g.verdict is Verdict.LOOK for g in groups):
        return Verdict.LOOK, "Every tap is in order; a group stands outside its usual range."
    return Verdict.RIGHT, "Every tap is in order and the groups are alike."
