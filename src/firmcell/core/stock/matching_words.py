"""What a matching of cells gives and costs, in sentences."""

import numpy as np

from firmcell.core.base.quantity import AH
from firmcell.core.base.wording import about, figures, plural
from firmcell.core.bms.board_choice import balancing_time
from firmcell.core.stock.matching import ALIKE, Matching

SURE = 0.005
"""What a capacity test is good for, as a share; common practice, no source."""


def matching_words(found: Matching, balance_a: float = 0.0, alike: float = ALIKE) -> list[str]:
    """Return what a builder is told of groups; with the balance current of a board, how long it takes, and
    within which share of their mean groups counted as alike."""
    mean, least = float(found.capacity_as.mean()), float(found.capacity_as.min())
    spares = int((found.group_of == 0).sum())
    words = [
        f"The groups hold {figures(least / AH, 4)} to {figures(float(found.capacity_as.max()) / AH, 4)} Ah: {_share(found.share)} apart. "
        f"Dealt out by hand, from the fullest down, it would be {_share(found.by_hand_as / mean)}."
    ]
    if found.bound_as > 0:
        words[0] += f" Less than {_share(found.bound_as / mean)} cannot be had from these cells."
    if spares:
        words[0] += f" {plural(spares, 'cell').capitalize()} left over."
    if found.share < SURE:
        words.append(
            f"A capacity test is good for about {_share(SURE)}: what the groups differ by below that, the test cannot tell."
        )
    words.append(
        f"The weakest group ends the discharge: {_share((mean - least) / mean)} of the content of the others is carried for nothing."
    )
    if balance_a > 0:
        words.append(
            f"After a full discharge the board's {figures(balance_a * 1e3)} mA need about {about(balancing_time(found.spread_as, balance_a))} to bring the groups together."
        )
    if np.isfinite(found.ohm).all():
        words.append(
            f"Their resistances differ by {_share(found.ohm_share)}; they were evened out as far as capacities stay within {_share(2 * alike)}."
        )
    else:
        words.append(
            "Resistances were not all measured: a group that resists more warms more and reads low under load."
        )
    if not np.isfinite(found.loss_v_s).all():
        words.append(
            "What cells lose at rest was not measured of all of them: a group that loses more falls behind in store."
        )
    return words


def _share(value: float) -> str:
    """A share in per cent to two figures."""
    return f"{figures(value * 100, 2)} %"
