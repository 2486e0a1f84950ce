"""What differs when a person reads at a terminal: colours, and a line that tells how far long work is."""

import os
import sys
from collections.abc import Iterable, Iterator
from time import monotonic
from typing import TextIO, TypeVar

T = TypeVar("T")
COLOURS = {"stop": "31", "attention": "33", "note": "34"}
"""Of the terminal, by severity; the word stands there as well."""
FIRST_S, EVERY_S = 0.7, 0.2
"""Work that takes longer is told of, so often, s."""


def coloured(word: str, severity: str, stream: TextIO | None = None) -> str:
    """Return a word in the colour of a severity, where the output is a terminal that wants colours
    (NO_COLOR and TERM=dumb are heeded)."""
    out = stream or sys.stdout
    wanted = out.isatty() and not os.environ.get("NO_COLOR") and os.environ.get("TERM") != "dumb"
    code = COLOURS.get(severity)
    return f"\033[1;{code}m{word}\033[0m" if wanted and code else word


def told(steps: Iterable[T], words: str, quiet: bool = False) -> Iterator[T]:
    """Pass steps of long work on, and tell on a terminal's standard error how many there were so far."""
    began = last = monotonic()
    shows, shown = sys.stderr.isatty() and not quiet, False
    for number, step in enumerate(steps, start=1):
        now = monotonic()
        if shows and now - began > FIRST_S and now - last > EVERY_S:
            last, shown = now, True
            print(f"\r{words}: {number}, {now - began:.0f} s", end="", file=sys.stderr, flush=True)
        yield step
    if shown:
        print("\r\033[K", end="", file=sys.stderr, flush=True)
