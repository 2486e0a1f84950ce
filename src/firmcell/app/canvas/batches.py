"""Shapes gathered by one look, as they are placed and painted."""

from dataclasses import dataclass, field
from functools import cache

from PySide6.QtCore import QPointF
from PySide6.QtGui import (
    QFont,
    QPainter,
    QPainterPath,
)

from firmcell.app.theme import FAMILY
from firmcell.core.pictures.drawing import Drawing, Label


@dataclass
class Batch:
    """Neighbouring shapes of one role and mark, painted with one pen and brush.

    Discs are kept apart from the path: filling each by itself is three times as fast as one path of many.
    """

    role: str
    mark: str
    path: QPainterPath
    width: float
    discs: list[tuple[QPointF, float]] = field(default_factory=list)

    def paint(self, painter: QPainter) -> None:
        """Paint with the pen and brush that are set."""
        for centre, radius in self.discs:
            painter.drawEllipse(centre, radius, radius)
        if not self.path.isEmpty():
            painter.drawPath(self.path)


@dataclass
class Placed:
    """A face and where it lies in the scene (mm, y down)."""

    drawing: Drawing
    origin: QPointF
    batches: list[Batch]
    labels: list[tuple[QPointF, Label]]


@cache
def label_font(pixels: int) -> QFont:
    """Return the font of a label so many pixels high."""
    font = QFont(FAMILY)
    font.setPixelSize(pixels)
    font.setWeight(QFont.Weight.DemiBold)
    return font


def to_scene(origin: QPointF, point: tuple[float, float]) -> QPointF:
    """Return a point of a drawing (mm, y up) in the scene, whose y goes down, from where the drawing lies."""
    return QPointF(origin.x() + point[0], origin.y() - point[1])
