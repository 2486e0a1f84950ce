"""What of the metal of a pack lies bare, in the words that steps use for it: whole faces, taps, rims, wire
ends."""

from firmcell.core.model.design import Face

EVERYTHING = "everything"
RIMS = "rims"
"""Rims of the cans, at the positive ends: negative metal beside positive."""
PINS = "pins"
"""Places of the sense plug and the balance plug."""
PADS = "pads"
"""Pads of the board."""
ENDS = "ends"
"""Ends of wires at contacts, fuses, studs and joints: what a sleeve covers."""
FREE = "free"
"""Ends of wires that are joined at the pack only."""


def face_area(face: Face) -> str:
    """All metal of one face."""
    return f"face:{face.value}"


def tap_area(number: int) -> str:
    """The strip where the sense lead of a tap is joined."""
    return f"tap:{number}"


def node_area(number: int) -> str:
    """All metal of a tap point."""
    return f"node:{number}"


def end_area(node: str) -> str:
    """One conducting point of the wiring, by its id."""
    return f"end:{node}"


BOTH_FACES = (face_area(Face.TOP), face_area(Face.BOTTOM))
