"""Files named on the command line; - is standard input."""

import sys
from pathlib import Path

from firmcell.cli.wrong_call import WrongCall

STANDARD = "-"


def text_from(path: Path | str, most: int | None = None) -> str:
    """Return the text of a file, or of standard input where - is given.

    Raises
    ------
    Refusal
        If it cannot be read, is too large, or is no text.
    """
    # Loaded when first wanted: asking for help reads nothing.
    from firmcell.core.base.refusal import Refusal
    from firmcell.store.strangers import MOST_BYTES, text_of

    limit = most or MOST_BYTES
    if str(path) != STANDARD:
        return text_of(Path(path), limit)
    content = sys.stdin.buffer.read(limit + 1) if hasattr(sys.stdin, "buffer") else sys.stdin.read().encode()
    if len(content) > limit:
        raise Refusal("What came on standard input is too large.")
    try:
        return content.decode("utf-8-sig")
    except UnicodeDecodeError:
        raise Refusal("What came on standard input cannot be read as text in UTF-8.") from None


def name_of(path: Path | str) -> str:
    """Return what an input is called in a sentence."""
    return "standard input" if str(path) == STANDARD else Path(path).name


def quantity(text: str, si: str, typed: str) -> float:
    """Return a quantity as it is typed, in SI units; a bare number is in the unit `typed`.

    Raises
    ------
    WrongCall
        If it is none.
    """
    # Loaded when first wanted.
    from firmcell.core.base.refusal import Refusal
    from firmcell.store.units import parse

    try:
        return parse(text, si, typed)
    except Refusal as refusal:
        raise WrongCall(refusal.sentence) from None
