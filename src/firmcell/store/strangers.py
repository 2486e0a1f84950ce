"""Files from strangers: read within limits, refused in one sentence, never followed anywhere."""

import json
import os
import stat
from pathlib import Path
from typing import Any

from firmcell.core.base.refusal import Refusal

MOST_BYTES = 20_000_000
MOST_JSON_BYTES = 400_000_000
"""A whole job as JSON may hold its photos."""


def bytes_of(path: Path, most: int = MOST_BYTES) -> bytes:
    """Return what a file holds.

    Raises
    ------
    Refusal
        If it is not there, no plain file (a pipe or a device would wait for ever), too large, or cannot be
        read.
    """
    try:
        descriptor = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC)
    except FileNotFoundError:
        raise Refusal(f"There is no file {path}.") from None
    except OSError as error:
        raise Refusal(f"{path} cannot be read: {(error.strerror or str(error)).lower()}.") from None
    about = os.fstat(descriptor)
    if not stat.S_ISREG(about.st_mode):
        os.close(descriptor)
        raise Refusal(f"{path} is no plain file.")
    with os.fdopen(descriptor, "rb") as stream:
        if about.st_size > most:
            raise Refusal(f"{path.name} is larger than {most // 1_000_000} MB; save less in it.")
        try:
            return stream.read(most + 1)[:most]
        except OSError as error:
            raise Refusal(f"{path} cannot be read: {(error.strerror or str(error)).lower()}.") from None


def text_of(path: Path, most: int = MOST_BYTES) -> str:
    """Return what a file holds as text; raises as `bytes_of`, and if it is no text in UTF-8."""
    try:
        return bytes_of(path, most).decode("utf-8-sig")
    except UnicodeDecodeError:
        raise Refusal(f"{path.name} cannot be read as text in UTF-8.") from None


def json_of(text: str, where: str) -> Any:
    """Return what a JSON text holds.

    Raises
    ------
    Refusal
        If it is not JSON, nested too deeply, or a number in it has thousands of digits.
    """
    try:
        return json.loads(text)
    except json.JSONDecodeError as error:
        raise Refusal(f"{where} is not JSON, line {error.lineno}.") from None
    except RecursionError:
        raise Refusal(f"{where} is nested too deeply.") from None
    except ValueError:
        raise Refusal(f"{where} holds a number of too many digits.") from None
