"""Where on the picture boxes with text stand already."""

from collections.abc import Iterator

from PySide6.QtCore import QRectF

BIN_PX = 48.0

Edges = tuple[float, float, float, float]
"""Left, top, right and bottom: plain numbers are held against each other five times as fast as rectangles of
Qt, and a picture has hundreds."""


class TakenBoxes:
    """Boxes by the square of the picture that they lie in: a new one is held against its neighbours alone."""

    def __init__(self) -> None:
        self._bins: dict[tuple[int, int], list[Edges]] = {}

    def add(self, box: QRectF) -> None:
        """Take a place."""
        edges = _edges(box)
        for at in _squares(edges):
            self._bins.setdefault(at, []).append(edges)

    def meets(self, box: QRectF) -> bool:
        """Whether a box lies over one that is there."""
        edges = _edges(box)
        left, top, right, bottom = edges
        for at in _squares(edges):
            for there in self._bins.get(at, ()):
                if left < there[2] and there[0] < right and top < there[3] and there[1] < bottom:
                    return True
        return False

    def copy(self) -> "TakenBoxes":
        """The same boxes, to which others can be added apart."""
        made = TakenBoxes()
        made._bins = {at: list(boxes) for at, boxes in self._bins.items()}
        return made


def _edges(box: QRectF) -> Edges:
    left, top = box.left(), box.top()
    return left, top, left + box.width(), top + box.height()


def _squares(edges: Edges) -> Iterator[tuple[int, int]]:
    left, top, right, bottom = edges
    for column in range(int(left // BIN_PX), int(right // BIN_PX) + 1):
        for row in range(int(top // BIN_PX), int(bottom // BIN_PX) + 1):
            yield column, row
