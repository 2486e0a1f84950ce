"""``firm-cell match``: cells of a drawer sorted into groups."""

import argparse
import json
from pathlib import Path
from typing import TYPE_CHECKING, Any

from firmcell.cli.inputs import name_of, quantity, text_from
from firmcell.cli.wrong_call import WrongCall

if TYPE_CHECKING:
    from firmcell.core.stock.matched_into import Matched
    from firmcell.core.stock.matching import Matching
    from firmcell.store.stock_csv import Drawer


def run_match(arguments: argparse.Namespace) -> int:
    """Print which cells go into which group."""
    if Path(arguments.cells).suffix == ".firmcell":
        return _into_job(arguments)
    if arguments.series is None or arguments.parallel is None:
        raise WrongCall("--series and --parallel say what is made of the cells of a table.")
    if arguments.save:
        raise WrongCall("--save is for a job: the cells of a table stay what they are.")
    from firmcell.core.stock.matching import Wanted, matched
    from firmcell.core.stock.matching_words import matching_words
    from firmcell.store.stock_csv import drawer_from_csv, groups_csv
    from firmcell.store.whole_files import write_whole

    drawer = drawer_from_csv(text_from(arguments.cells), name_of(arguments.cells))
    alike = quantity(arguments.alike, "1", "1") / 2
    if not 0 <= alike <= 0.05:
        raise WrongCall("--alike is from 0 % to 10 %.")
    wanted = Wanted(
        arguments.series,
        arguments.parallel,
        quantity(arguments.least_capacity, "A·s", "Ah") if arguments.least_capacity else 0.0,
        quantity(arguments.most_resistance, "Ω", "mΩ") if arguments.most_resistance else float("inf"),
        alike=alike,
        locked=drawer.locked,
    )
    found = matched(drawer.stock, wanted)
    balance_a = quantity(arguments.balance, "A", "A") if arguments.balance else 0.0
    words = matching_words(found, balance_a, alike)
    if arguments.csv is not None:
        write_whole(Path(arguments.csv), groups_csv(drawer, found).encode(), arguments.force)
    if arguments.json:
        print(json.dumps(_as_json(drawer, found, words), ensure_ascii=False, indent=1))
        return 0
    for group in range(1, wanted.series + 1):
        cells = [s for s, g in zip(drawer.serials, found.group_of.tolist(), strict=True) if g == group]
        print(f"{group:>4}  {found.capacity_as[group - 1] / 3600:8.4f} Ah  {'  '.join(cells)}")
    print("\n".join(words))
    return 0


def _into_job(arguments: argparse.Namespace) -> int:
    """Match cells of the register into the pack of a job."""
    from firmcell.core.stock.into_pack import Limits
    from firmcell.core.stock.matched_into import Question, match_into
    from firmcell.register.into_job import put_into_job
    from firmcell.register.register import Register
    from firmcell.store.job_file import JobFile
    from firmcell.store.part_files import load_library

    if arguments.csv is not None or arguments.series is not None or arguments.parallel is not None:
        raise WrongCall(
            "Of a job what is made is known; --series, --parallel and --csv are for a table of cells."
        )
    alike = quantity(arguments.alike, "1", "1") / 2
    if not 0 <= alike <= 0.05:
        raise WrongCall("--alike is from 0 % to 10 %.")
    with (
        Register(arguments.register or "") as register,
        JobFile.open(Path(arguments.cells), read_only=not arguments.save) as job,
    ):
        register.sync()
        design = job.latest().design()
        cell = design.cell
        name = design.brief.title or Path(arguments.cells).stem
        limits = Limits(
            frozenset(arguments.drawer or ()),
            quantity(arguments.least_capacity, "A·s", "Ah") / cell.capacity_as
            if arguments.least_capacity
            else 0.0,
            quantity(arguments.most_resistance, "Ω", "mΩ") / cell.resistance_ohm
            if arguments.most_resistance
            else float("inf"),
            job=name,
        )
        found = match_into(design, load_library()[0], register.lines(), Question(limits, alike))
        if arguments.save:
            put_into_job(job, register, found, name, arguments.person)
            register.sync()
    if arguments.json:
        print(json.dumps(_job_json(found), ensure_ascii=False, indent=1))
        return 0
    for _, (group, held, ohm, cells) in found.group_rows:
        print(f"{group:>4}  {held} Ah  {ohm + ' mΩ' if ohm else '':>9}  {cells}")
    print("\n".join(found.words))
    for _, (drawer, serial, group, place) in found.picking_rows:
        print(f"{drawer:<12} {serial:<16} group {group:>3}  place {place:>4}")
    return 0


def _job_json(found: "Matched") -> dict[str, Any]:
    edits = dict(found.edits)
    return {
        "serials": edits["cell_serials"],
        "capacity_as": edits["measured_as"],
        "resistance_ohm": edits["measured_ohm"],
        "groups": {line.serial: group for line, group in found.group_of_line},
        "words": found.words,
    }


def _as_json(drawer: "Drawer", found: "Matching", words: list[str]) -> dict[str, Any]:
    return {
        "groups": [
            [s for s, g in zip(drawer.serials, found.group_of.tolist(), strict=True) if g == group + 1]
            for group in range(len(found.capacity_as))
        ],
        "spares": [s for s, g in zip(drawer.serials, found.group_of.tolist(), strict=True) if g == 0],
        "capacity_as": found.capacity_as.tolist(),
        "spread_as": found.spread_as,
        "bound_as": found.bound_as,
        "by_hand_as": found.by_hand_as,
        "words": words,
    }
