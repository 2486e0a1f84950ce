"""What lies under a point."""

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import (
    QPolygonF,
)

from firmcell.core.pictures.drawing import Area, Disc, Shape, Stroke


def holds(shape: Shape, point: tuple[float, float]) -> bool:
    """Whether a point lies on a shape."""
    x, y = point
    if isinstance(shape, Disc):
        return (x - shape.centre[0]) ** 2 + (y - shape.centre[1]) ** 2 <= shape.radius**2
    if isinstance(shape, Area):
        return QPolygonF([QPointF(*p) for p in shape.points]).containsPoint(
            QPointF(x, y), Qt.FillRule.OddEvenFill
        )
    if isinstance(shape, Stroke):
        reach = max(shape.width / 2, 0.8)
        return any(
            distance(point, a, b) <= reach for a, b in zip(shape.points, shape.points[1:], strict=False)
        )
    return False


def distance(point: tuple[float, float], a: tuple[float, float], b: tuple[float, float]) -> float:
    """Distance of a point from a segment."""
    dx, dy = b[0] - a[0], b[1] - a[1]
    length = dx * dx + dy * dy
    along = (
        0.0 if length == 0 else max(0.0, min(1.0, ((point[0] - a[0]) * dx + (point[1] - a[1]) * dy) / length))
    )
    return float(((point[0] - a[0] - along * dx) ** 2 + (point[1] - a[1] - along * dy) ** 2) ** 0.5)
