"""What mouse, wheel and keys do on the picture."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF

from firmcell.app.canvas.tools import Tool

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


class Hands:
    """What mouse, wheel and keys do on the picture."""

    def __init__(self, view: "PackView") -> None:
        self.view = view

    def touch(self, at: QPointF) -> None:
        assert self.view._gesture is not None
        # A blocked place may lie under a cell; the tool that blocks sees only those.
        ref = self.view.ref_at(at, ("blocked:",) if self.view.tool is Tool.BLOCK else ("cell:", "spare:"))
        if ref and (not self.view._gesture.refs or self.view._gesture.refs[-1] != ref):
            self.view._gesture.refs.append(ref)

    def walk(self, by: int) -> None:
        refs = [r for r in self.view.targets() if not r.startswith("node:")]
        if refs:
            now = refs.index(self.view._selected) if self.view._selected in refs else (-1 if by > 0 else 0)
            self.view.select(refs[(now + by) % len(refs)])
