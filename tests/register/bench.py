"""A bench of its own in a process of its own, for the tests: it writes cells and says which, until it is
told to stop or is killed."""

import sys
import time
from pathlib import Path

from firmcell.core.base.refusal import Refusal
from firmcell.core.stock.entries import CellAdded, CellTested
from firmcell.register.register import Register, new_key


def work(place: str, folder: Path, name: str, seconds: float) -> None:
    """Write one cell after another, with a test; say its keys once it is on disk; meet the server now and
    then."""
    register = Register(place, folder, name)
    until = time.monotonic() + seconds
    number = 0
    while time.monotonic() < until:
        number += 1
        cell = new_key()
        entries = [
            register.entry(cell, CellAdded(serial=f"{name}-{number}-{cell[:4]}", drawer="A1"), name),
            register.entry(cell, CellTested(capacity_as=18_000 + number, rest_v=3.6), name),
        ]
        register.write(entries)
        print(*(e.key for e in entries), flush=True)
        if number % 3 == 0:
            try:
                register.sync()
            except Refusal as refusal:
                print("refused", refusal.sentence, file=sys.stderr, flush=True)
    register.close()


if __name__ == "__main__":
    work(sys.argv[1], Path(sys.argv[2]), sys.argv[3], float(sys.argv[4]))
