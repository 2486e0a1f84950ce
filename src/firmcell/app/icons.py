"""Icons drawn here: one for each stage, and the marks of states and findings."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPen, QPolygonF

from firmcell.core.analysis.findings import Stage


def paint_stage(painter: QPainter, stage: Stage, box: QRectF, colour: QColor) -> None:
    """Draw the icon of a stage into `box`: what one handles there, in line."""
    painter.save()
    painter.translate(box.topLeft())
    painter.scale(box.width() / 24, box.height() / 24)
    painter.setPen(
        QPen(colour, 1.7, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)
    )
    painter.setBrush(Qt.BrushStyle.NoBrush)
    _DRAW[stage](painter, colour)
    painter.restore()


def _lines(painter: QPainter, *runs: tuple[tuple[float, float], ...]) -> None:
    for run in runs:
        painter.drawPolyline(QPolygonF([QPointF(*p) for p in run]))


def _brief(p: QPainter, c: QColor) -> None:
    _lines(
        p,
        ((6, 3), (18, 3), (18, 21), (6, 21), (6, 3)),
        ((9, 8), (15, 8)),
        ((9, 12), (15, 12)),
        ((9, 16), (13, 16)),
    )


def _cells(p: QPainter, c: QColor) -> None:
    p.drawRoundedRect(QRectF(7, 5, 10, 16), 2, 2)
    p.drawRect(QRectF(10, 2.5, 4, 2.5))
    _lines(p, ((10, 13), (14, 13)), ((12, 11), (12, 15)))


def _stack(p: QPainter, c: QColor) -> None:
    for x, y in ((7, 7), (17, 7), (7, 17), (17, 17)):
        p.drawEllipse(QPointF(x, y), 4.2, 4.2)


def _metal(p: QPainter, c: QColor) -> None:
    p.save()
    p.translate(12, 12)
    p.rotate(-32)
    p.drawRect(QRectF(-10, -3.2, 20, 6.4))
    for x in (-6, 6):
        p.drawEllipse(QPointF(x, -1), 0.6, 0.6)
        p.drawEllipse(QPointF(x + 1.6, 1), 0.6, 0.6)
    p.restore()


def _leads(p: QPainter, c: QColor) -> None:
    path = QPainterPath(QPointF(3, 20))
    path.cubicTo(3, 8, 12, 20, 13, 11)
    p.drawPath(path)
    p.drawRect(QRectF(10.5, 5, 6, 6))
    _lines(p, ((12.5, 5), (12.5, 2)), ((14.7, 5), (14.7, 2)))


def _bms(p: QPainter, c: QColor) -> None:
    p.drawRoundedRect(QRectF(3, 6, 18, 12), 1.5, 1.5)
    for x in (6, 9, 12, 15, 18):
        _lines(p, ((x, 18), (x, 21.5)))
    p.drawRect(QRectF(9, 9.5, 6, 5))


def _insulation(p: QPainter, c: QColor) -> None:
    p.drawEllipse(QRectF(3, 7, 5, 10))
    p.drawArc(QRectF(16, 7, 5, 10), -90 * 16, 180 * 16)
    _lines(p, ((5.5, 7), (18.5, 7)), ((5.5, 17), (18.5, 17)))


def _bench(p: QPainter, c: QColor) -> None:
    _lines(
        p,
        ((2, 15), (22, 15)),
        ((4, 15), (4, 22)),
        ((20, 15), (20, 22)),
        ((9, 15), (17, 4)),
        ((15.4, 2.8), (18.6, 5.2)),
    )


def _proof(p: QPainter, c: QColor) -> None:
    p.drawRoundedRect(QRectF(5, 2.5, 14, 19), 2, 2)
    p.drawArc(QRectF(7.5, 6, 9, 9), 20 * 16, 140 * 16)
    _lines(p, ((12, 11.5), (14.6, 7.2)))
    p.drawEllipse(QPointF(12, 17), 1.8, 1.8)


def _passport(p: QPainter, c: QColor) -> None:
    p.drawRoundedRect(QRectF(3, 5, 18, 14), 1.5, 1.5)
    for x, y in ((6, 8), (9.5, 8), (6, 11.5)):
        p.fillRect(QRectF(x, y, 2.4, 2.4), c)
    _lines(p, ((14, 9), (18, 9)), ((14, 12), (18, 12)), ((6, 16.4), (18, 16.4)))


_DRAW = {
    Stage.BRIEF: _brief,
    Stage.CELLS: _cells,
    Stage.LAYOUT: _stack,
    Stage.STRIPS: _metal,
    Stage.LEADS: _leads,
    Stage.BMS: _bms,
    Stage.INSULATION: _insulation,
    Stage.BENCH: _bench,
    Stage.TESTS: _proof,
    Stage.PASSPORT: _passport,
}


def paint_mark(painter: QPainter, mark: str, box: QRectF, colour: QColor, ground: QColor) -> None:
    """Draw the mark of a state, told by shape: stop octagon, look triangle, fine tick, note dot, empty
    ring."""
    painter.save()
    painter.translate(box.topLeft())
    painter.scale(box.width() / 16, box.height() / 16)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(colour)
    pen = QPen(ground, 2, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap)
    if mark == "stop":
        painter.drawPolygon(
            QPolygonF(
                [
                    QPointF(*p)
                    for p in ((5, 1), (11, 1), (15, 5), (15, 11), (11, 15), (5, 15), (1, 11), (1, 5))
                ]
            )
        )
        painter.setPen(pen)
        painter.drawLine(QPointF(4.5, 8), QPointF(11.5, 8))
    elif mark in ("look", "attention"):
        painter.drawPolygon(QPolygonF([QPointF(8, 1), QPointF(15.5, 15), QPointF(0.5, 15)]))
        painter.setPen(pen)
        painter.drawLine(QPointF(8, 6), QPointF(8, 10))
        painter.drawPoint(QPointF(8, 12.7))
    elif mark in ("fine", "good", "right"):
        painter.setPen(
            QPen(colour, 2.4, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)
        )
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPolyline(QPolygonF([QPointF(2.5, 8.5), QPointF(6.5, 12.5), QPointF(13.5, 3.5)]))
    elif mark == "note":
        painter.drawEllipse(QPointF(8, 8), 4, 4)
    else:
        painter.setPen(QPen(colour, 1.6))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(QPointF(8, 8), 4.6, 4.6)
    painter.restore()
