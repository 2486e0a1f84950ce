"""Paint a drawing into a box of the screen: small pictures in lists, where no hand reaches into them."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import (
    QColor,
    QFont,
    QPainter,
    QPainterPath,
    QPainterPathStroker,
    QPen,
    QPolygonF,
    QTransform,
)

from firmcell.app.theme import FAMILY, Palette
from firmcell.core.base.visible import visible
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape


def paint_drawing(painter: QPainter, drawing: Drawing, box: QRectF, palette: Palette) -> None:
    """Paint `drawing` as large as it fits into `box`, upright, in the middle."""
    x0, y0, x1, y1 = drawing.bounds
    scale = min(box.width() / max(x1 - x0, 1e-6), box.height() / max(y1 - y0, 1e-6))
    middle = box.center()

    def place(x: float, y: float) -> QPointF:
        return QPointF(middle.x() + (x - (x0 + x1) / 2) * scale, middle.y() - (y - (y0 + y1) / 2) * scale)

    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    for shape in drawing.shapes:
        fill, line, width = palette.roles.get(shape.role, (palette.ink, None, 0.0))
        painter.setBrush(QColor(fill) if fill else Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor(line), max(width * scale, 0.8)) if line else Qt.PenStyle.NoPen)
        if isinstance(shape, Disc):
            painter.drawEllipse(place(*shape.centre), shape.radius * scale, shape.radius * scale)
        elif isinstance(shape, Area):
            painter.drawPolygon(QPolygonF([place(*p) for p in shape.points]))
        elif isinstance(shape, Label):
            painter.setPen(QColor(fill or palette.ink))
            _label(painter, shape, place(*shape.centre), scale)
        else:
            painter.setPen(QPen(QColor(fill or line or palette.ink), max(shape.width * scale, 1.0)))
            painter.drawPolyline(QPolygonF([place(*p) for p in shape.points]))
    painter.restore()


def _label(painter: QPainter, label: Label, at: QPointF, scale: float) -> None:
    """A text of its own height, at or round its place."""
    font = QFont(FAMILY)
    font.setPixelSize(max(round(label.height * scale * 1.25), 1))
    font.setWeight(QFont.Weight.DemiBold)
    painter.setFont(font)
    room = max(100.0, 10 * label.height * scale)
    wide = 16 * room
    left = {"start": at.x(), "end": at.x() - wide}.get(label.anchor, at.x() - wide / 2)
    side = {"start": Qt.AlignmentFlag.AlignLeft, "end": Qt.AlignmentFlag.AlignRight}.get(
        label.anchor, Qt.AlignmentFlag.AlignHCenter
    )
    box = QRectF(left, at.y() - room, wide, 2 * room)
    painter.drawText(box, side | Qt.AlignmentFlag.AlignVCenter, visible(label.text))


def paint_through(painter: QPainter, drawing: Drawing, lies: QTransform, palette: Palette) -> None:
    """Paint `drawing` where a projective map of its millimetres puts it, y upwards in the drawing; sizes,
    numbers and titles are left out, and signs stay upright."""
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    for shape in drawing.shapes:
        if shape.role.startswith(("label.", "dimension")):
            continue
        if isinstance(shape, Label):
            _label_through(painter, shape, lies, palette)
            continue
        fill, line, _ = palette.roles.get(shape.role, (palette.ink, None, 0.0))
        painter.setBrush(QColor(fill) if fill else Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor(line), 1.0) if line else Qt.PenStyle.NoPen)
        painter.drawPath(lies.map(_outline(shape)))
    painter.restore()


def _outline(shape: Shape) -> QPainterPath:
    """The edge of a shape, mm."""
    path = QPainterPath()
    if isinstance(shape, Disc):
        path.addEllipse(QPointF(*shape.centre), shape.radius, shape.radius)
    elif isinstance(shape, Area):
        path.addPolygon(QPolygonF([QPointF(*p) for p in shape.points]))
        path.closeSubpath()
    elif not isinstance(shape, Label):
        way = QPainterPath()
        way.addPolygon(QPolygonF([QPointF(*p) for p in shape.points]))
        pen = QPainterPathStroker()
        pen.setWidth(max(shape.width, 0.05))
        path = pen.createStroke(way).simplified()
    return path


def _label_through(painter: QPainter, label: Label, lies: QTransform, palette: Palette) -> None:
    x, y = label.centre
    at, above = lies.map(QPointF(x, y)), lies.map(QPointF(x, y + label.height))
    high = ((above.x() - at.x()) ** 2 + (above.y() - at.y()) ** 2) ** 0.5
    font = QFont(FAMILY)
    font.setPixelSize(max(round(high * 1.25), 1))
    font.setWeight(QFont.Weight.DemiBold)
    painter.setFont(font)
    painter.setPen(QColor(palette.roles.get(label.role, (palette.ink, None, 0.0))[0] or palette.ink))
    painter.drawText(QRectF(at.x() - 200, at.y() - 100, 400, 200), Qt.AlignmentFlag.AlignCenter, label.text)
