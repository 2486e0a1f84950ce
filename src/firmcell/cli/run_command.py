"""``firm-cell run``: the pack of a job through time."""

import argparse
import json
import sys
from typing import TYPE_CHECKING

from firmcell.cli.inputs import name_of, quantity, text_from
from firmcell.cli.wrong_call import WrongCall

if TYPE_CHECKING:
    from firmcell.core.analysis.figures import Analysis
    from firmcell.core.analysis.run_of_design import Asked
    from firmcell.core.model.design import Design
    from firmcell.core.run.charge_plan import ChargePlan
    from firmcell.core.run.demand import Demand


def run_run(arguments: argparse.Namespace) -> int:
    """Print or write what a run of the pack gives."""
    from pathlib import Path

    from firmcell.core.analysis.run_of_design import (
        AGES,
        Asked,
        charge_unsure_v,
        conductors_of,
        run_with_band,
    )
    from firmcell.core.analysis.run_words import band_words, conductor_words, run_words
    from firmcell.core.run.charge_plan import charge_plan
    from firmcell.store.run_files import plan_csv, run_csv, run_data
    from firmcell.store.whole_files import write_whole
    from firmcell.store.whole_job import measured_pack, open_read_only

    if arguments.store and arguments.age != "new":
        raise WrongCall("In store the age of the cells is not counted: leave out --age.")
    if (arguments.plan or arguments.against) and not arguments.charge:
        raise WrongCall("A plan is of a charge: give --charge as well.")
    with open_read_only(arguments.job) as job:
        design, analysis, metal, capacity = measured_pack(job)
    start = quantity(arguments.start, "1", "%")
    if not 0 < start <= 1:
        raise WrongCall(f"The run starts from {arguments.start}: more than 0 and up to 100 % is right.")
    room = min(max(298.15, design.brief.ambient_min_k), design.brief.ambient_max_k)
    asked = Asked(
        demand=None if arguments.charge else _demand(arguments, design),
        start=start,
        ambient_k=quantity(arguments.ambient, "K", "°C") if arguments.ambient else room,
        age=AGES[arguments.age],
    )
    if arguments.store:
        return _stored(arguments, design, analysis, asked)
    # Before the run, which takes seconds: what is wrong with the file is told at once.
    readings = _readings(arguments.against) if arguments.against else []
    result, edges, model = run_with_band(design, analysis, metal, asked, capacity)
    conductors = conductors_of(design, metal, result, asked.ambient_k)
    words = run_words(result, design) + conductor_words(conductors, result)
    if edges is not None:
        words.append(band_words(edges, model.source))
    if arguments.plan or arguments.against:
        plan = charge_plan((result, *(edges or ())), asked.ambient_k, charge_unsure_v(design))
        if arguments.against:
            return _compared(plan, readings)
        if arguments.plan == "-":
            sys.stdout.write(plan_csv(plan))
        else:
            write_whole(Path(arguments.plan), plan_csv(plan).encode(), arguments.force)
        return 0
    if arguments.json:
        print(json.dumps(run_data(result, words, conductors), ensure_ascii=False))
    elif arguments.csv == "-":
        sys.stdout.write(run_csv(result))
    elif arguments.csv:
        write_whole(Path(arguments.csv), run_csv(result).encode(), arguments.force)
    else:
        print("\n".join(words))
    return 0


def _readings(log: str) -> list[tuple[float, float, float]]:
    """Time, voltage and temperature of each reading of a log."""
    from firmcell.store.run_files import log_from_csv

    columns = log_from_csv(text_from(log), name_of(log))
    return list(zip(*(column.tolist() for column in columns), strict=True))


def _compared(plan: "ChargePlan", readings: list[tuple[float, float, float]]) -> int:
    """Say which readings of a log lie outside the plan of the charge; 1 if any does."""
    from firmcell.core.run.charge_plan import against_plan

    told = [
        against_plan(plan, time, volts, kelvin if kelvin == kelvin else None)  # not a number: not read
        for time, volts, kelvin in readings
    ]
    outside = [words for words in told if words]
    if not outside:
        print(f"All {len(told)} readings lie within the plan.")
        return 0
    print(f"{len(outside)} of {len(told)} readings lie outside the plan. The first: {outside[0]}")
    return 1


def _stored(arguments: argparse.Namespace, design: "Design", analysis: "Analysis", asked: "Asked") -> int:
    """Print or write what becomes of the pack in store."""
    from pathlib import Path

    from firmcell.core.analysis.storage_words import storage_words, stored
    from firmcell.store.run_files import storage_csv, storage_data
    from firmcell.store.whole_files import write_whole

    found = stored(design, analysis, asked.start, asked.ambient_k)
    words = storage_words(found, design, asked.start)
    if arguments.json:
        print(json.dumps(storage_data(found, words), ensure_ascii=False))
    elif arguments.csv == "-":
        sys.stdout.write(storage_csv(found))
    elif arguments.csv:
        write_whole(Path(arguments.csv), storage_csv(found).encode(), arguments.force)
    else:
        print("\n".join(words))
    return 0


def _demand(arguments: argparse.Namespace, design: "Design") -> "Demand":

    from firmcell.core.run.demand import of_duty, steady
    from firmcell.store.run_files import profile_from_csv

    if arguments.current:
        value, watts = quantity(arguments.current, "A", "A"), False
    elif arguments.power:
        value, watts = quantity(arguments.power, "W", "W"), True
    elif arguments.profile:
        return profile_from_csv(text_from(arguments.profile), name_of(arguments.profile))
    elif arguments.duty:
        return of_duty(design.brief.duty)
    else:
        value, watts = design.brief.current_steady_a, False
    if value <= 0:
        raise WrongCall("The current or power of a run is more than 0.")
    return steady(value, watts)
