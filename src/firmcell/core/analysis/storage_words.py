"""What becomes of a pack in store, in sentences."""

import numpy as np

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import about, celsius, percent, volts
from firmcell.core.bms.board_choice import balancing_time
from firmcell.core.model.design import Design
from firmcell.core.run.storage import NEARLY_EMPTY, Storage, in_store

DAY = 86_400.0


def stored(design: Design, analysis: Analysis, start: float, kelvin: float) -> Storage:
    """Return a pack put away at a state of charge, in a store of some temperature; as `in_store`."""
    board = design.bms.board
    drain = board.standby_current_a if board is not None else 0.0
    return in_store(
        design.cell.chemistry, analysis.pack.capacity_ah * 3600.0, drain, max(min(start, 1.0), 0.0), kelvin
    )


def storage_words(found: Storage, design: Design, start: float) -> list[str]:
    """Return what a builder is told."""
    late, likely, early = (_days(s) for s in found.nearly_empty_s)
    words = [
        f"Put away {percent(start)} full at {celsius(found.kelvin)}: nearly empty ({percent(NEARLY_EMPTY)}) after about "
        f"{likely}, between {early} and {late} by how cells of the class differ."
    ]
    if not design.cell.chemistry.is_lithium:
        return [*words, "Nickel cells bear being empty; they want a slow full charge after it."]
    half = found.nearly_empty_s[2] / 2
    words.append(f"Measure it, and charge it up to half, every {_days(half)}.")
    if design.series > 1:
        words.append(_groups_apart(found, design, half))
    if design.bms.board is not None:
        ruined = _days(found.empty_s[2] - found.nearly_empty_s[2])
        words.append(
            f"The board takes {percent(found.board_share)} of what is lost, and goes on when it has opened: as soon as {ruined} later a group "
            f"may stand below {volts(design.cell.empty_v)}. Such a group is never charged as if nothing had happened."
        )
    return words


def _groups_apart(found: Storage, design: Design, after_s: float) -> str:
    """Groups that lose unlike each other: by their cells, and by the board."""
    behind, board = found.apart(after_s), design.bms.board
    told = f"Groups do not lose alike: by then one of the worst cells of the class is {percent(behind)} behind the others. "
    if board is None:
        return told + "Measure each group, and balance before the next charge."
    balances = balancing_time(behind * design.parallel * design.cell.capacity_as, board.balance_current_a)
    if np.isfinite(balances):
        told += f"The board needs about {about(balances)} at full charge to balance that. "
    return (
        told
        + "Whether the board itself draws alike from all groups, no data tells: measure each, not just the pack."
    )


def _days(seconds: float) -> str:
    """A time in store in days, months or years."""
    days = seconds / DAY
    if days > 20 * 365:
        return "more than 20 years"
    if days >= 3 * 365:
        return f"{days / 365.25:.0f} years"
    return f"{days:.0f} days" if days < 150 else f"{days / 30.4:.0f} months"
