"""What all jobs show together, in rows of a table."""

from collections.abc import Sequence
from string import ascii_uppercase

from firmcell.core.base.quantity import AH
from firmcell.core.base.wording import about, figures, milliohms, percent, watt_hours
from firmcell.core.stock.across import (
    CameBack,
    CapacityPoint,
    JointGroup,
    PeelGroup,
    TimeGroup,
    mean_and_doubt,
)

Rows = list[tuple[str, ...]]


def letters(count: int) -> list[str]:
    """Return a letter for each row, as it stands under its place in the plot: A to Z, then AA."""
    return [(ascii_uppercase[n // 26 - 1] if n >= 26 else "") + ascii_uppercase[n % 26] for n in range(count)]


def peel_rows(groups: Sequence[PeelGroup]) -> Rows:
    """Return a row for each setting."""
    rows: Rows = []
    for letter, group in zip(letters(len(groups)), groups, strict=True):
        layers = f", {group.layers} layers" if group.layers > 1 else ""
        mean = least = hole = ""
        if group.forces_n:
            middle, doubt = mean_and_doubt(group.forces_n)
            mean = f"{figures(middle)} N" + (f" ± {figures(doubt, 2)}" if doubt is not None else "")
            least = f"{figures(min(group.forces_n))} N"
        if group.torn_m:
            hole = f"{figures(min(group.torn_m) * 1e3)} to {figures(max(group.torn_m) * 1e3)} mm"
        count = str(len(group.forces_n) + len(group.torn_m))
        rows.append((letter, group.strip + layers, group.setting, count, mean, least, hole, group.machine))
    return rows


def joint_rows(groups: Sequence[JointGroup]) -> Rows:
    """Return a row for each strip and kind of joint."""
    return [
        (
            letter,
            group.strip,
            group.joined_by,
            str(len(group.ohms)),
            milliohms(sum(group.ohms) / len(group.ohms)),
            milliohms(max(group.ohms)),
            milliohms(group.expected_ohm),
        )
        for letter, group in zip(letters(len(groups)), groups, strict=True)
    ]


def family_words(family: str) -> str:
    """Return what steps of a family are called.

    Examples
    --------
    >>> family_words("weld-bottom")
    'Weld bottom'
    """
    return family.replace("-", " ").capitalize()


def time_rows(groups: Sequence[TimeGroup]) -> Rows:
    """Return a row for each family of steps."""
    return [
        (
            letter,
            family_words(group.family),
            str(len(group.seconds)),
            about(group.median_s),
            about(min(group.seconds)),
            about(max(group.seconds)),
            about(sum(group.seconds)),
        )
        for letter, group in zip(letters(len(groups)), groups, strict=True)
    ]


def capacity_rows(packs: Sequence[CapacityPoint]) -> Rows:
    """Return a row for each pack."""
    return [
        (
            pack.job,
            pack.cell,
            pack.day[:10],
            f"{figures(pack.predicted_as / AH)} Ah",
            f"{figures(pack.measured_as / AH)} Ah",
            percent(pack.share),
            f"{watt_hours(pack.energy_j[1])} of {watt_hours(pack.energy_j[0])}",
        )
        for pack in packs
    ]


def back_rows(back: Sequence[CameBack]) -> Rows:
    """Return a row for each cell."""
    return [
        (
            each.serial,
            each.class_name,
            each.lot,
            each.job,
            each.went[:10],
            each.came[:10],
            "scrapped" if each.scrapped else "back in a drawer",
            each.reason,
        )
        for each in back
    ]
