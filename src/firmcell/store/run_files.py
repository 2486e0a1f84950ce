"""Profiles that a run is asked for, and runs handed out, as CSV and JSON."""

import csv
import io
from collections.abc import Sequence
from math import isfinite
from typing import Any

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.refusal import Refusal
from firmcell.core.run.charge_plan import ChargePlan
from firmcell.core.run.conductors import Conductor
from firmcell.core.run.demand import Demand, of_profile
from firmcell.core.run.run_result import RunResult
from firmcell.core.run.storage import Storage
from firmcell.core.run.watch import Reading
from firmcell.store.csv_rows import table_rows
from firmcell.store.units import parse_number

RIGHT = "a first line such as “time_s,current_a” or “time_s,power_w” is right"
TIME_WORDS = {
    "time_s": 1.0,
    "time s": 1.0,
    "time": 1.0,
    "t": 1.0,
    "s": 1.0,
    "time_min": 60.0,
    "time min": 60.0,
}
VALUE_WORDS = {
    "current_a": False,
    "current a": False,
    "current": False,
    "a": False,
    "power_w": True,
    "power w": True,
    "power": True,
    "w": True,
}
RUN_FORMAT = 1


def profile_from_csv(text: str, where: str) -> Demand:
    """Return the demand of a table of time and current or power; each value holds until the next row's time.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    table = table_rows(text, where)
    if not table:
        raise Refusal(f"{where} holds no profile; {RIGHT}.")
    line, headings = table[0]
    named = [_plain(h) for h in headings]
    times = [k for k, name in enumerate(named) if name in TIME_WORDS]
    values = [k for k, name in enumerate(named) if name in VALUE_WORDS]
    if len(times) != 1 or len(values) != 1:
        raise Refusal(
            f"{where}, line {line}: one column of time and one of current or power are wanted; {RIGHT}."
        )
    found = np.array(
        [_row(row, (times[0], values[0]), f"{where}, line {n}") for n, row in table[1:]]
    ).reshape(-1, 2)
    try:
        return of_profile(
            found[:, 0] * TIME_WORDS[named[times[0]]], found[:, 1], VALUE_WORDS[named[values[0]]]
        )
    except Refusal as refusal:
        raise Refusal(f"{where}: {refusal.sentence}") from None


VOLTS_WORDS = {"voltage_v": 1.0, "voltage v": 1.0, "voltage": 1.0, "v": 1.0, "mv": 1e-3, "voltage_mv": 1e-3}
KELVIN_WORDS = {
    "temperature_k": 0.0,
    "temperature_c": ZERO_CELSIUS,
    "temperature °c": ZERO_CELSIUS,
    "°c": ZERO_CELSIUS,
    "c": ZERO_CELSIUS,
}
LOG_RIGHT = "a first line such as “time_s,voltage_v,temperature_c” is right; the temperature may be missing"


def log_from_csv(text: str, where: str) -> tuple[Array, Array, Array]:
    """Return times (k,), s, voltages (k,), V, and temperatures (k,), K, of a log of a charge, its columns
    told apart by their headings; temperatures are not a number where there is none.

    Raises
    ------
    Refusal
        Naming the line and what would be right.
    """
    table = table_rows(text, where)
    if len(table) < 2:
        raise Refusal(f"{where} holds no readings; {LOG_RIGHT}.")
    line, headings = table[0]
    named = [_plain(h) for h in headings]
    found = {}
    for what, words in (("time", TIME_WORDS), ("voltage", VOLTS_WORDS), ("temperature", KELVIN_WORDS)):
        columns = [k for k, name in enumerate(named) if name in words]
        if len(columns) > 1 or (not columns and what != "temperature"):
            raise Refusal(f"{where}, line {line}: one column of {what} is wanted; {LOG_RIGHT}.")
        found[what] = columns[0] if columns else None
    wanted = tuple(k for k in found.values() if k is not None)
    rows = np.array([_numbers(row, wanted, f"{where}, line {n}") for n, row in table[1:]])
    kelvin = np.full(len(rows), np.nan)
    if found["temperature"] is not None:
        kelvin = rows[:, 2] + KELVIN_WORDS[named[found["temperature"]]]
    time, volts = found["time"] or 0, found["voltage"] or 0
    return rows[:, 0] * TIME_WORDS[named[time]], rows[:, 1] * VOLTS_WORDS[named[volts]], kelvin


def _plain(heading: str) -> str:
    """A heading in small letters, its unit without brackets."""
    for bracket in "()[]":
        heading = heading.replace(bracket, " ")
    return " ".join(heading.lower().split())


def _numbers(row: list[str], columns: tuple[int, ...], where: str) -> list[float]:
    try:
        return [parse_number(row[k]) for k in columns]
    except (IndexError, ValueError, Refusal):
        raise Refusal(f"{where}: a number is wanted in each column, such as 120 and 38.4.") from None


def _row(row: list[str], columns: tuple[int, int], where: str) -> tuple[float, float]:
    try:
        time, value = (parse_number(row[k]) for k in columns)
    except (IndexError, ValueError, Refusal):
        raise Refusal(f"{where}: a time and a value are wanted here, such as 120 and 12.5.") from None
    return time, value


COLUMNS = (
    "time_s",
    "voltage_v",
    "current_a",
    "group_least_v",
    "group_most_v",
    "temperature_max_k",
    "temperature_mean_k",
    "charge_min",
    "charge_max",
)


def run_csv(result: RunResult) -> str:
    """Return a run moment by moment; the unit is the end of each heading."""
    return _table(COLUMNS, [getattr(result, name) for name in COLUMNS])


def _table(headings: Sequence[str], columns: Sequence[Array]) -> str:
    """Columns of numbers under their headings."""
    out = io.StringIO()
    write = csv.writer(out, lineterminator="\n")
    write.writerow(headings)
    for row in zip(*(column.tolist() for column in columns), strict=True):
        write.writerow([f"{value:.6g}" for value in row])
    return out.getvalue()


PLAN_COLUMNS = ("time_s", "low_v", "high_v", "low_a", "high_a", "most_k")


def plan_csv(plan: ChargePlan) -> str:
    """Return the plan of a charge moment by moment; the unit is the end of each heading."""
    return _table(PLAN_COLUMNS, [getattr(plan, name) for name in PLAN_COLUMNS])


def readings_csv(readings: Sequence[Reading]) -> str:
    """Return watched readings; the unit is the end of each heading, what was not read is empty."""
    out = io.StringIO()
    write = csv.writer(out, lineterminator="\n")
    write.writerow(("time_s", "voltage_v", "current_a", "temperature_c"))
    for r in readings:
        warm = None if r.kelvin is None else r.kelvin - ZERO_CELSIUS
        values = (r.time_s, r.volts, r.amps, warm)
        write.writerow(["" if v is None else f"{v:.6g}" for v in values])
    return out.getvalue()


STORAGE_EDGES = ("latest", "likely", "earliest")


def storage_csv(found: Storage) -> str:
    """Return the charge of a pack in store over time, for the edges of its class."""
    headings = ("time_s", *(f"charge_{edge}" for edge in STORAGE_EDGES))
    return _table(headings, [found.time_s, *found.charge])


def storage_data(found: Storage, words: list[str]) -> dict[str, Any]:
    """Return a pack in store as data for JSON; a time of more than twenty years is null."""

    def times(values: Array) -> dict[str, float | None]:
        named = zip(STORAGE_EDGES, values.tolist(), strict=True)
        return {edge: value if isfinite(value) else None for edge, value in named}

    return {
        "format": RUN_FORMAT,
        "time_s": found.time_s.tolist(),
        "charge": dict(zip(STORAGE_EDGES, found.charge.tolist(), strict=True)),
        "nearly_empty_s": times(found.nearly_empty_s),
        "empty_s": times(found.empty_s),
        "group_behind": [found.apart(time) for time in found.time_s.tolist()],
        "temperature_k": found.kelvin,
        "board_share": found.board_share,
        "words": words,
    }


def run_data(result: RunResult, words: list[str], conductors: tuple[Conductor, ...] = ()) -> dict[str, Any]:
    """Return a run as data for JSON: columns over time, totals in SI, what ended it, and how warm strips,
    leads and contacts got."""
    return {
        "format": RUN_FORMAT,
        **{name: [round(v, 6) for v in getattr(result, name).tolist()] for name in COLUMNS},
        "energy_j": result.energy_j,
        "delivered_as": result.delivered_as,
        "heat_j": result.heat_j,
        "lost_in_metal_j": result.drop_j,
        "ended_by": str(result.ended_by),
        "ended_at": result.ended_at,
        "conductors": [
            {
                "name": one.name,
                "hottest_k": one.hottest_k,
                "limit_k": one.limit_k,
                "hottest_after_s": float(result.time_s[one.hottest]),
                "over_from_s": one.over_from(result),
                "where": one.where[one.hottest] if one.where else None,
            }
            for one in conductors
        ],
        "words": words,
    }
