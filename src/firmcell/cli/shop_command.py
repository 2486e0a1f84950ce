"""``firm-cell shop``: what the shop has, what jobs want, the day, and reminders, from a terminal or a
script."""

import argparse
import json
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from firmcell.cli.inputs import STANDARD, name_of, text_from
from firmcell.cli.wrong_call import FOUND, RIGHT, WrongCall

if TYPE_CHECKING:
    from firmcell.register.have import Have

Does = Callable[[argparse.Namespace], int]


def run_shop(arguments: argparse.Namespace) -> int:
    """Do what is asked of the shop."""
    return ACTIONS[arguments.action](arguments)


def _place(arguments: argparse.Namespace) -> str:
    from firmcell.register.register import register_place

    return register_place(arguments.register or "")


def _have(arguments: argparse.Namespace) -> "Have":
    from firmcell.register.have import have

    return have(arguments.register or "")


def _parts(arguments: argparse.Namespace) -> int:
    from firmcell.core.base.visible import visible
    from firmcell.core.stock.part_words import amount_words, part_stands

    parts = _have(arguments).parts
    if arguments.json:
        told = [{**p.is_.model_dump(mode="json"), "amount": p.amount, "counted": p.counted} for p in parts]
        print(json.dumps(told, ensure_ascii=False, indent=1))
        return RIGHT
    for part in parts:
        much, stands = amount_words(part.is_, part.amount), part_stands(part)
        print(
            visible(f"{part.is_.part.value:<10} {part.is_.name:<42} {much:>8}  {part.is_.place:<14} {stands}")
        )
    if not parts:
        print("No part is in stock by the register.")
    return RIGHT


def _tools(arguments: argparse.Namespace) -> int:
    from datetime import datetime

    from firmcell.core.base.visible import visible
    from firmcell.core.stock.part_words import tool_can, tool_stands

    now = datetime.now().astimezone()
    for tool in _have(arguments).tools:
        can, stands = tool_can(tool.is_), tool_stands(tool, now)
        print(visible(f"{tool.is_.tool.value:<15} {tool.is_.name:<32} {can:<26} {stands}"))
    return RIGHT


def _import(arguments: argparse.Namespace) -> int:
    import sys

    from firmcell.core.base.visible import visible
    from firmcell.register.parts_csv import parts_from_csv, parts_merged
    from firmcell.register.register import Register

    if len(arguments.items) != 1:
        raise WrongCall("shop import needs one table of parts, or - for standard input.")
    rows = parts_from_csv(text_from(arguments.items[0]), name_of(arguments.items[0]))
    with Register(_place(arguments)) as register:
        read = parts_merged(register, rows, arguments.person)
        for each in read:
            if not arguments.quiet:
                print(visible(each.words))
        if not arguments.dry_run:
            register.write([entry for each in read for entry in each.entries])
            if register.shared and register.sync().away:
                print("The server is away; what was written waits.", file=sys.stderr)
    return RIGHT


def _csv(arguments: argparse.Namespace) -> int:
    from firmcell.register.parts_csv import parts_csv

    if len(arguments.items) != 1:
        raise WrongCall("shop csv needs the file to write, or - for standard output.")
    return _written(arguments.items[0], parts_csv(_have(arguments).parts).encode(), arguments)


def _buy(arguments: argparse.Namespace) -> int:
    from firmcell.core.base.visible import visible
    from firmcell.core.jobs.shopping import shopping, told_together
    from firmcell.store.job_wants import wants_of_all
    from firmcell.store.part_files import load_library
    from firmcell.store.shopping_files import shopping_csv, shopping_pdf

    have = _have(arguments)
    jobs = wants_of_all(_jobs(arguments), load_library()[0], dict(have.cells_in_jobs))
    lines = shopping(jobs, have.parts, dict(have.cells_free))
    if arguments.out:
        title = ", ".join(job.title for job in jobs)
        if arguments.out.lower().endswith(".pdf"):
            return _written(arguments.out, shopping_pdf(title, lines, have.parts), arguments)
        return _written(arguments.out, shopping_csv(lines, have.parts).encode(), arguments)
    for each in lines:
        if each.buy:
            print(visible(f"{each.much(each.buy):>9}  {each.line.title:<44} {each.supplier:<22} {each.why}"))
    print(told_together(lines))
    return RIGHT


def _day(arguments: argparse.Namespace) -> int:
    from datetime import datetime, timedelta

    from firmcell.core.base.visible import visible
    from firmcell.core.jobs.day_plan import Shift, day_plan
    from firmcell.core.jobs.day_words import blocks, clock, day_of, plan_words
    from firmcell.store.calendar_file import calendar
    from firmcell.store.job_day import job_day
    from firmcell.store.part_files import load_library
    from firmcell.store.step_times import learned_times

    now = datetime.now().astimezone()
    midnight = now.replace(hour=0, minute=0, second=0, microsecond=0)
    library, learned = load_library()[0], learned_times()
    jobs = [job_day(path, library, learned, midnight) for path in _jobs(arguments)]
    to_do = [job.to_do for job in jobs]
    first = midnight.date()
    off = frozenset(n for n in range(90) if (first + timedelta(days=n)).weekday() >= 5)
    begins, ends = _hours(arguments.hours)
    shift = Shift(begins, ends, arguments.people, off, (now - midnight).total_seconds())
    have = _have(arguments)
    tools: dict[str, int] = {}
    for tool in have.tools:
        tools[tool.is_.tool.value] = tools.get(tool.is_.tool.value, 0) + 1
    plan = day_plan(to_do, shift, tools)
    if arguments.out:
        reminders = [r for job in jobs for r in job.reminders]
        return _written(arguments.out, calendar(reminders, plan, to_do, midnight, now), arguments)
    for block in blocks(plan):
        when = f"{day_of(block.begins_s, first, first)} {clock(block.begins_s)}"
        job = to_do[block.job].title
        print(visible(f"{when:<16} {clock(block.ends_s)}  {job:<24} {block.steps}  {block.needs}".rstrip()))
    print(plan_words(plan, to_do, first, first))
    return FOUND if plan.late else RIGHT


def _hours(told: str) -> tuple[float, float]:
    """From and to, s of the day, of 08:00-17:00."""
    import re

    found = re.fullmatch(r"(\d{1,2}):(\d\d)-(\d{1,2}):(\d\d)", told)
    if found is None:
        raise WrongCall(f"--hours {told}: 08:00-17:00 is right.")
    a, b, c, d = map(int, found.groups())
    begins, ends = a * 3600.0 + b * 60.0, c * 3600.0 + d * 60.0
    if not begins < ends <= 86_400.0 or b > 59 or d > 59:
        raise WrongCall(f"--hours {told}: the second is later than the first, and neither past 24:00.")
    return begins, ends


def _due(arguments: argparse.Namespace) -> int:
    from datetime import datetime

    from firmcell.core.base.visible import visible
    from firmcell.core.jobs.reminders import cell_reminders, tool_reminders
    from firmcell.store.job_day import job_day
    from firmcell.store.part_files import load_library

    have, library = _have(arguments), load_library()[0]
    now = datetime.now().astimezone()
    today = now.date()
    every = [*tool_reminders(have.tools, today), *cell_reminders(have.cells)]
    for path in _jobs(arguments, at_least=0):
        every += job_day(path, library, {}, now).reminders
    for each in sorted(every, key=lambda r: (r.day, r.about)):
        print(visible(f"{each.day}  {each.due(today):<22} {each.about}: {each.words}"))
    return FOUND if any(each.day <= today for each in every) else RIGHT


def _jobs(arguments: argparse.Namespace, at_least: int = 1) -> list[Path]:
    """The jobs that are named, and those of folders that are."""
    from firmcell.store.job_list import ARCHIVE, job_files

    found: list[Path] = []
    for item in arguments.items:
        path = Path(item)
        found += [p for p in job_files(path) if p.parent.name != ARCHIVE] if path.is_dir() else [path]
    if len(found) < at_least:
        raise WrongCall(f"shop {arguments.action} needs jobs, or a folder that holds some.")
    return found


def _written(out: str, content: bytes, arguments: argparse.Namespace) -> int:
    import sys

    from firmcell.store.whole_files import write_whole

    if out == STANDARD:
        sys.stdout.buffer.write(content)
    else:
        write_whole(Path(out), content, arguments.force)
    return RIGHT


ACTIONS: dict[str, Does] = {
    "parts": _parts,
    "tools": _tools,
    "import": _import,
    "csv": _csv,
    "buy": _buy,
    "day": _day,
    "due": _due,
}
