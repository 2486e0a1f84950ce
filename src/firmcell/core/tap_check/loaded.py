"""Readings under a load: what a meter of ten megohms cannot see, a lamp does."""

from collections.abc import Mapping

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import percent, volts

HELD = 0.03
"""A reading that falls by more than this part with a lamp or 1 kΩ across its points is held by a poor contact: a
sound lead loses a thousandth; engineering judgement."""
SCATTER, DIGITS_V = 0.05, 0.006
"""A group may sag by this part more than the others, as cells differ, and by this much in V, as the meter errs;
engineering judgement. Simulated (cells differ by 6 %), a cell missing is found in 99 of 100 packs of 2 to 6 in parallel,
in 93 of 8, in 77 of 10; of more it mostly is not."""
ENOUGH_GROUPS = 3


@frozen
class LoadedFault:
    """What a loaded reading shows: the group, whether it is wrong or only doubtful, and words."""

    group: int
    wrong: bool
    words: str


def loaded_faults(
    at_rest: Mapping[int, float], across: Mapping[int, float], loaded: Mapping[int, float], parallel: int
) -> tuple[LoadedFault, ...]:
    """Return what readings under load say against a pack.

    Parameters
    ----------
    at_rest : mapping
        Of each group, V.
    across : mapping
        Of groups with a lamp or 1 kΩ across their two pins, V.
    loaded : mapping
        Of groups while the whole pack gives one steady current, V.
    parallel : int
        Cells of each group: one that is missing makes the group sag by 1/(parallel − 1) more; half of that is
        told.

    Returns
    -------
    faults : tuple of LoadedFault

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> [f.group for f in loaded_faults({1: 3.7, 2: 3.7}, {1: 3.69, 2: 1.2}, {}, 4)]
    [2]
    """
    found = []
    for group, read in sorted(across.items()):
        rest = at_rest.get(group)
        if rest and (rest - read) / rest > HELD:
            words = (
                f"B{group - 1} to B{group} falls from {volts(rest)} to {volts(read)} with a lamp or 1 kΩ across it, by {percent((rest - read) / rest)}: "
                "a lead there is held by a strand, by dirt or not at all"
            )
            found.append(LoadedFault(group, True, words))
    sags = {group: at_rest[group] - read for group, read in loaded.items() if group in at_rest}
    if len(sags) >= ENOUGH_GROUPS:
        middle = float(np.median(list(sags.values())))
        more = max(0.5 / max(parallel - 1, 1), SCATTER)
        for group, sag in sorted(sags.items()):
            if sag > middle + max(more * middle, DIGITS_V):
                words = f"Under load group {group} sags by {volts(sag)}, the others by about {volts(middle)}: a cell in it is not joined, a joint is cold, or a cell is tired"
                found.append(LoadedFault(group, False, words))
    return tuple(found)
