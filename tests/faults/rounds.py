"""How often each fault is tried: short in `./check`, long in `./check --faults`."""

import os


def rounds(short: int, long: int) -> int:
    """Return how many rounds this run makes."""
    return long if os.environ.get("FIRMCELL_FAULTS") else short
