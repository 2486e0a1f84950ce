"""Faults of a job file in words."""

import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from firmcell.core.base.refusal import Refusal

FULL = ("full", "disk i/o")


# A damaged file can make SQLite's own message unreadable, which Python then reports in place of it.
FAULTS = (sqlite3.Error, OSError, UnicodeDecodeError)


@contextmanager
def told(path: Path, what: str) -> Iterator[None]:
    """Tell a fault of the database as a refusal: the file, what it is, and why; a full disk or one that is
    switched off is not taken for damage."""
    try:
        yield
    except FAULTS as error:
        said = what if _damaged(error) else what.replace("is damaged", "cannot be read")
        raise Refusal(f"{path} {said}: {plain(error)} It is left as it is.") from None


def _damaged(error: Exception) -> bool:
    code = getattr(error, "sqlite_errorcode", None)
    if code is None:
        return not isinstance(error, OSError)
    return code & 0xFF in (
        sqlite3.SQLITE_CORRUPT,
        sqlite3.SQLITE_NOTADB,
        sqlite3.SQLITE_ERROR,
        sqlite3.SQLITE_FORMAT,
    )


def plain(error: Exception) -> str:
    """Return a fault as the end of a sentence."""
    if isinstance(error, UnicodeDecodeError):
        return "its contents are damaged."
    text = str(error)
    if any(word in text.lower() for word in FULL) or getattr(error, "errno", None) == 28:
        return "the disk is full or cannot be written; free some space and do it again."
    if text == "interrupted":
        return "it takes too long, and is not as Firm Cell writes it."
    if "locked" in text:
        return "another program is writing to it; try again."
    return (getattr(error, "strerror", None) or text).rstrip(".") + "."
