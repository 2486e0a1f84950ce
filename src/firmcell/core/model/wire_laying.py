"""How wires lie, which decides how they give their heat off."""

from enum import StrEnum


class WireLaying(StrEnum):
    """How a wire is laid."""

    FREE = "free air"
    PAIR = "two together"
    SLEEVE = "in sleeve"
    BUNDLE = "bundled"
    INSULATION = "inside the pack's insulation"
