"""A run in words."""

from firmcell.core.base.quantity import AH, WH
from firmcell.core.base.wording import amperes, celsius, duration, figures, percent, volts, watt_hours
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.run.conductors import Conductor
from firmcell.core.run.run_result import EndedBy, RunResult


def ended_words(result: RunResult, design: Design) -> str:
    """Return in one sentence what ended a run, where, and when."""
    board, cell, brief = design.bms.board, design.cell, design.brief
    at = result.ended_at
    why = {
        EndedBy.LOAD: f"the load gets no more than the {volts(brief.load_voltage_min_v)} it needs",
        EndedBy.CELL_EMPTY: f"cell {at} is empty, {volts(cell.empty_v)}",
        EndedBy.BOARD_UNDER: f"the board opens: group {at} is down to {volts(board.under_voltage_v if board else 0)}",
        EndedBy.BOARD_OVER: f"the board opens: group {at} is up to {volts(board.over_voltage_v if board else 0)}",
        EndedBy.CELL_OVER: f"cell {at} is over its full voltage, {volts(cell.full_v)}: a board or a balance charge must hold it",
        EndedBy.BOARD_TRIP: f"the board opens: more than {amperes(board.current_peak_a if board else 0)}",
        EndedBy.FUSE: "the fuse may open",
        EndedBy.TOO_HOT: f"cell {at} is at its greatest temperature, {celsius(cell.temperature_max_k)}",
        EndedBy.TOO_COLD: f"too cold to charge: the cells need {celsius(cell.temperature_charge_min_k)}",
        EndedBy.COLD_TO_GIVE: f"too cold: the cells give current from {celsius(cell.temperature_discharge_min_k)} on",
        EndedBy.TOO_MUCH: "the pack cannot give what is asked at any voltage",
        EndedBy.FULL: "the pack is full",
        EndedBy.FALL: "the voltage falls, the pack is full",
        EndedBy.RISE: "the cells warm by 1 K a minute, the pack is full",
        EndedBy.TIME: _clock_words(result, design),
        EndedBy.STOPPED: "it was stopped here, what follows was not worked out",
        EndedBy.OPEN: "the strips leave no way for the current",
    }[result.ended_by]
    seconds = float(result.time_s[-1])
    if seconds <= 0:
        return f"It does not begin: {why}."
    return f"It ends after {duration(seconds)}: {why}."


def _clock_words(result: RunResult, design: Design) -> str:
    """What the end of a time means: of what was asked, of a charger's clock, or of our patience."""
    host = design.host_charger
    if result.delivered_as >= 0:
        return "what was asked is over"
    if host.end in (ChargeEnd.NOT_ENTERED, ChargeEnd.UNKNOWN) or host.clock_s is not None:
        return "its clock ends the charge"
    return "nothing ends this charge, and it was followed no longer"


def run_words(result: RunResult, design: Design) -> list[str]:
    """Return a run in words: what ended it, what it gave, what is left, and how warm it was."""
    charging = result.delivered_as < 0
    given = "taken in" if charging else "given to the load"
    energy, charge = abs(result.energy_j), abs(result.delivered_as)
    words = [ended_words(result, design)]
    if result.time_s[-1] > 0:
        words.append(f"{watt_hours(energy)} and {figures(charge / AH)} Ah {given}.")
    least, most = float(result.charge_min[-1]), float(result.charge_max[-1])
    words.append(
        f"Charge at the end: {percent(max(least, 0))} in the weakest cell, {percent(most)} in the fullest."
    )
    hottest = int(result.temperature_max_k.argmax())
    warmest = int(result.numbers[int(result.cell_k[hottest].argmax())])
    words.append(f"Warmest: cell {warmest}, {celsius(float(result.temperature_max_k[hottest]))}.")
    low = float(result.voltage_v.min())
    where = "charger" if charging else "load"
    words.append(
        f"Voltage at the {where} from {volts(float(result.voltage_v[0]))}, at the least {volts(low)}."
    )
    return words


def conductor_words(conductors: tuple[Conductor, ...], result: RunResult) -> list[str]:
    """Return how warm strips, leads and contacts got in a run, and since when one is too warm."""
    if result.time_s[-1] <= 0:
        return []
    each = []
    for one in conductors:
        which = f" ({one.where[one.hottest]})" if one.where else ""
        each.append(f"{one.name}{which} {celsius(one.hottest_k)}")
    words = [f"At their warmest: {', '.join(each)}."]
    for one in conductors:
        since = one.over_from(result)
        if since is not None:
            words.append(
                f"The {one.name} are over the {celsius(one.limit_k)} they may have"
                + (f" from {duration(since)} on." if since > 0 else " from the start.")
            )
    return words


def moment_words(result: RunResult, moment: int) -> str:
    """Return a moment of a run in words."""
    warm = result.cell_k[moment]
    hottest = int(warm.argmax())
    current = float(result.current_a[moment])
    way = "out" if current >= 0 else "in"
    return (
        f"After {duration(float(result.time_s[moment]))}: {volts(float(result.voltage_v[moment]))}, "
        f"{amperes(abs(current))} {way}, cell {int(result.numbers[hottest])} at {celsius(float(warm[hottest]))}, "
        f"{percent(max(float(result.charge_min[moment]), 0))} left in the weakest cell."
    )


def band_words(edges: tuple[RunResult, RunResult], source: str) -> str:
    """Return in one sentence between what a run lies by how cells of a class differ."""
    low, high = sorted(edges, key=lambda r: float(r.time_s[-1]))
    return (
        f"Cells of a class differ: between {duration(float(low.time_s[-1]))} with {abs(low.energy_j) / WH:.0f} Wh and "
        f"{duration(float(high.time_s[-1]))} with {abs(high.energy_j) / WH:.0f} Wh. Model: {source}."
    )
