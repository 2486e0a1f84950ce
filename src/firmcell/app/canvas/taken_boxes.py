"""Where on the picture boxes with text stand already."""

from collections.abc import Iterator

from PySide6.QtCore import QRectF

BIN_PX = 48.0


class TakenBoxes:
    """Boxes by the square of the picture that they lie in: a new one is held against its neighbours alone."""

    def __init__(self) -> None:
        self._bins: dict[tuple[int, int], list[QRectF]] = {}

    def add(self, box: QRectF) -> None:
        """Take a place; the box is not moved afterwards."""
        for at in _squares(box):
            self._bins.setdefault(at, []).append(box)

    def meets(self, box: QRectF) -> bool:
        """Whether a box lies over one that is there."""
        return any(box.intersects(other) for at in _squares(box) for other in self._bins.get(at, ()))

    def copy(self) -> "TakenBoxes":
        """The same boxes, to which others can be added apart."""
        made = TakenBoxes()
        made._bins = {at: list(boxes) for at, boxes in self._bins.items()}
        return made


def _squares(box: QRectF) -> Iterator[tuple[int, int]]:
    for column in range(int(box.left() // BIN_PX), int(box.right() // BIN_PX) + 1):
        for row in range(int(box.top() // BIN_PX), int(box.bottom() // BIN_PX) + 1):
            yield column, row
