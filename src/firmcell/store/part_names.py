"""Names of files that are being made, before they get their own."""

import os
import secrets
from contextlib import suppress
from pathlib import Path

LONGEST = 180
"""Of the name it will have so many bytes are kept; a disk bears 255."""


def part_beside(path: Path) -> Path:
    """Return a name beside `path` that nobody else has."""
    return path.with_name(f"{_beginning(path)}{secrets.token_hex(6)}.part")


def _beginning(path: Path) -> str:
    return f".{os.fsdecode(os.fsencode(path.name)[:LONGEST])}."


def drop_own_part(path: Path) -> None:
    """Take away the first name of a file, where its making was cut off just after it got its own: a second
    name would keep it from being written to for ever."""
    beginning = _beginning(path)
    with suppress(OSError), os.scandir(path.parent) as entries:
        for entry in entries:
            if (
                entry.name.startswith(beginning)
                and entry.name.endswith(".part")
                and path.samefile(entry.path)
            ):
                os.unlink(entry.path)
