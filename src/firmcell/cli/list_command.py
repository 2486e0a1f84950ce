"""``firm-cell list``: the jobs of a folder with the state of each."""

import argparse
import json
from dataclasses import fields
from datetime import date
from typing import TYPE_CHECKING, Any

from firmcell.cli.wrong_call import RIGHT
from firmcell.core.base.visible import visible

if TYPE_CHECKING:
    from firmcell.store.job_list import JobLine


def run_list(arguments: argparse.Namespace) -> int:
    """Print a line for each job of a folder."""
    from firmcell.store.job_list import job_files, line_of
    from firmcell.store.part_files import load_library

    library, _ = load_library()
    lines = [line_of(path, library) for path in job_files(arguments.folder)]
    if arguments.json:
        print(json.dumps([_as_json(line) for line in lines], indent=1, ensure_ascii=False))
        return RIGHT
    for line in lines:
        name = " ".join(part for part in (line.title or line.path.stem, line.what) if part)
        due = line.due(date.today())
        print(visible(f"{name:<32} {line.stands:<12} {due:<14} {line.at:<48} {line.path}"))
    if not lines:
        print(f"{arguments.folder}: no job in it.")
    return RIGHT


def _as_json(line: "JobLine") -> dict[str, Any]:
    """Everything but the picture."""
    told = {f.name: getattr(line, f.name) for f in fields(line) if f.name != "picture"}
    return {**told, "path": str(line.path)}
