"""Tools of the hand on the picture, and one stroke with them."""

from dataclasses import dataclass
from enum import StrEnum

from PySide6.QtCore import Qt


class Tool(StrEnum):
    """What the mouse does to the picture."""

    LOOK = "look"
    SELECT = "pick cells"
    MOVE = "move a cell"
    TURN = "turn a cell"
    SWAP = "swap two cells"
    PAINT = "paint into a group"
    LOCK = "lock or unlock"
    BLOCK = "block a place"
    MINUS = "let minus leave here"
    PLUS = "let plus leave here"
    STRIP = "draw or remove a strip"
    LADDER = "lay a ladder"
    NUMBER = "number the groups"
    MEASURE = "measure"


TOOL_KEYS = {Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Enter}

LET_GO_KEYS = {Qt.Key.Key_Escape}
"""What lets go of the parts that a tool has taken up."""


FRAMES = {Tool.SELECT, Tool.BLOCK, Tool.LADDER}
"""Tools whose stroke is a frame."""


@dataclass
class Gesture:
    """One stroke of the mouse with a tool.

    Attributes
    ----------
    face : number of the drawing it began on.
    start, end : in mm of that drawing.
    refs : parts it went over, in order.
    way : points on the widget.
    carries : whether it began on a cell that is picked, so that it takes the picked cells along.
    """

    face: int
    start: tuple[float, float]
    end: tuple[float, float]
    refs: list[str]
    way: list[tuple[float, float]]
    moved: bool = False
    carries: bool = False


TOOL_SHORTCUTS = {
    Tool.LOOK: "Ctrl+1",
    Tool.MOVE: "Ctrl+2",
    Tool.TURN: "Ctrl+3",
    Tool.SWAP: "Ctrl+4",
    Tool.PAINT: "Ctrl+5",
    Tool.LOCK: "Ctrl+6",
    Tool.BLOCK: "Ctrl+7",
    Tool.MINUS: "Ctrl+8",
    Tool.PLUS: "Ctrl+9",
    Tool.STRIP: "Ctrl+L",
    Tool.SELECT: "Ctrl+K",
    Tool.LADDER: "Ctrl+Shift+L",
    Tool.NUMBER: "Ctrl+U",
    Tool.MEASURE: "Ctrl+M",
}
"""Keys that take up a tool."""
