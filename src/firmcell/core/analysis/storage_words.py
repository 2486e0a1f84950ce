"""What becomes of a pack in store, in sentences."""

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import celsius, percent, volts
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
    if design.bms.board is not None:
        ruined = _days(found.empty_s[2] - found.nearly_empty_s[2])
        words.append(
            f"The board takes {percent(found.board_share)} of what is lost, and goes on when it has opened: as soon as {ruined} later a group "
            f"may stand below {volts(design.cell.empty_v)}. Such a group is never charged as if nothing had happened."
        )
    return words


def _days(seconds: float) -> str:
    """A time in store in days, months or years."""
    days = seconds / DAY
    if days > 20 * 365:
        return "more than 20 years"
    if days >= 3 * 365:
        return f"{days / 365.25:.0f} years"
    return f"{days:.0f} days" if days < 150 else f"{days / 30.4:.0f} months"
