"""What is told of cells matched into a pack, in sentences."""

import math

from firmcell.core.base.wording import amperes, celsius, figures, plural, watt_hours
from firmcell.core.model.design import Design
from firmcell.core.stock.into_pack import Candidates, Gives, Placed
from firmcell.core.stock.matching import ALIKE, Matching
from firmcell.core.stock.matching_words import matching_words

TELLS_K = 0.05
TELLS_SHARE = 5e-4


def into_pack_words(
    design: Design,
    found: Candidates,
    matching: Matching,
    places: Placed,
    gives: Gives | None,
    alike: float = ALIKE,
) -> list[str]:
    """Return what a builder is told: which cells were looked at, how alike the groups are, what the places
    gain, what the spread costs."""
    board = design.bms.board
    words = [
        candidate_words(found, design),
        *matching_words(matching, board.balance_current_a if board else 0.0, alike),
    ]
    if math.isfinite(places.hottest_k):
        words.append(_places_words(places))
    if gives is not None:
        words.append(_gives_words(gives))
    return words


def candidate_words(found: Candidates, design: Design) -> str:
    """Return which cells were looked at, and why others were not."""
    left = ", ".join(f"{count} {why}" for why, count in sorted(found.left_out.items(), key=lambda p: -p[1]))
    told = f"{plural(len(found.lines), 'cell')} of {design.cell.name} may go in"
    return f"{told}; left out: {left}." if left else f"{told}."


def _places_words(places: Placed) -> str:
    gain = places.plain_k - places.hottest_k
    if gain < TELLS_K:
        return "Places by resistance gain nothing here: the cells stand as their serials follow."
    return (
        f"Placed by resistance the hottest cell is {figures(gain, 2)} °C cooler, {celsius(places.hottest_k)} at the end of a run; "
        f"the most loaded one carries {figures(places.most_it, 3)} of its capacity an hour, {figures(places.plain_it, 3)} as serials follow."
    )


def _gives_words(gives: Gives) -> str:
    how = (
        f"In a run at {amperes(gives.current_a)} (at the brief's steady current warmth ends it before a group is empty)"
        if gives.gently
        else f"In a run at {amperes(gives.current_a)}"
    )
    costs = 1 - gives.matched_j / gives.alike_j
    hand = 1 - gives.by_hand_j / gives.alike_j
    told = f"{how} the pack gives {watt_hours(gives.matched_j)}."
    if max(abs(costs), abs(hand)) < TELLS_SHARE:
        return f"{told} That is what it would give with all groups alike: the spread costs nothing that could be measured, dealt by hand neither."
    return f"{told} The spread costs {_share(costs)} of that, dealt by hand {_share(hand)}."


def _share(value: float) -> str:
    return "nothing" if value < TELLS_SHARE else f"{figures(value * 100, 2)} %"
