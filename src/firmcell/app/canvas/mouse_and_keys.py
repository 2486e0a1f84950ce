"""What mouse, wheel and keys do on the picture."""

from collections.abc import Iterable
from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, Qt

from firmcell.app.canvas.tools import LET_GO_KEYS, TOOL_KEYS, Gesture, Tool

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


class Hands:
    """What mouse, wheel and keys do on the picture."""

    def __init__(self, view: "PackView") -> None:
        self.view = view

    def begin(self, at: QPointF) -> Gesture:
        """A stroke that begins at a point of the widget."""
        number, start = self.view.on_face(at)
        carries = self.view.tool is Tool.SELECT and self.view.ref_at(at, ("cell:",)) in self.view.marked
        return Gesture(number, start, start, [], [(at.x(), at.y())], carries=carries)

    def touch(self, at: QPointF) -> None:
        assert self.view._gesture is not None
        # A blocked place may lie under a cell; the tool that blocks sees only those.
        ref = self.view.ref_at(at, ("blocked:",) if self.view.tool is Tool.BLOCK else ("cell:", "spare:"))
        if ref and (not self.view._gesture.refs or self.view._gesture.refs[-1] != ref):
            self.view._gesture.refs.append(ref)

    def wants(self, key: Qt.Key, moves: Iterable[Qt.Key]) -> bool:
        """Whether a key is for the tool: on a part that is picked, or on those that the tool has taken up."""
        if self.view.tool is Tool.LOOK:
            return False
        taken = bool(self.view.marked) and key in {*LET_GO_KEYS, *moves}
        return taken or (bool(self.view.selected) and key in {*TOOL_KEYS, *moves})

    def walk(self, by: int) -> None:
        refs = [r for r in self.view.targets() if not r.startswith("node:")]
        if refs:
            now = refs.index(self.view._selected) if self.view._selected in refs else (-1 if by > 0 else 0)
            self.view.select(refs[(now + by) % len(refs)])
