"""How worn cells are taken to be."""

from enum import StrEnum


class Age(StrEnum):
    """How worn the cells are."""

    NEW = "new"
    HALF = "half worn"
    END = "end of life"


WORN = {Age.NEW: (1.0, 1.0), Age.HALF: (0.9, 1.25), Age.END: (0.8, 1.5)}
"""Capacity left and resistance grown. End of life at 80 % and one and a half times: common practice, no source."""
