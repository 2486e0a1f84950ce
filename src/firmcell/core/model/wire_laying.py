"""How wires lie, which decides how they give their heat off."""

from enum import StrEnum


class Lay(StrEnum):
    """How a wire is laid."""

    FREE = "free air"
    PAIR = "two together"
    SLEEVE = "in sleeve"
    BUNDLE = "bundled"
    JACKET = "inside the pack's jacket"
