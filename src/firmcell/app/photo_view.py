"""A photo on the screen: zoomed, walked by keys, with what is marked in it and the design's face laid over
it."""

from dataclasses import dataclass, field

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QFont,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPixmap,
    QPolygonF,
    QResizeEvent,
    QTransform,
    QWheelEvent,
)
from PySide6.QtWidgets import QSizePolicy, QWidget

from firmcell.app.drawing_paint import paint_through
from firmcell.app.theme import FAMILY, Palette
from firmcell.core.base.arrays import Array
from firmcell.core.model.photo import Photo
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.strips.photo_differences import Difference

FINE, COARSE = 1.0, 12.0
"""Steps of the arrow keys, screen pixels; coarse with Shift."""
HALO = QColor(255, 255, 255, 215)
INK, PLUS, MINUS, MARK, WRONG = (QColor(c) for c in ("#1f2729", "#8a2008", "#123f66", "#0d5c63", "#b01c0a"))
"""Of marks on a photo, whatever the theme: they stand on a white edge of their own."""


@dataclass
class Shown:
    """What is painted over the photo.

    Attributes
    ----------
    face, to_px : the design's face and the map that lays it on the photo; None shows none.
    strength : how strongly that face shows, 0 to 1.
    way : points of a mark that is being made.
    picked : numbers of the cells taken up for a strip, from 1.
    """

    face: Drawing | None = None
    to_px: Array | None = None
    strength: float = 0.5
    differences: tuple[Difference, ...] = ()
    way: tuple[tuple[float, float], ...] = ()
    picked: tuple[int, ...] = ()
    radius_px: float = 12.0
    labels: dict[int, str] = field(default_factory=dict)


class PhotoView(QWidget):
    """Shows a photo; `pressed` tells a place in it that was clicked or confirmed by Enter."""

    pressed = Signal(QPointF)
    taken_back = Signal()

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.palette_, self.shown = palette, Shown()
        self._pixmap = QPixmap()
        self._photo: Photo | None = None
        self._zoom, self._corner, self._fitted = 1.0, QPointF(), True
        self.cross = QPointF()
        self._drag: QPointF | None = None
        self._moved = False
        self.setAccessibleName("Photo")
        self.setAccessibleDescription(
            "Arrow keys move the cross, with Shift further; Enter marks there, Backspace takes the last mark back; plus and minus zoom, 0 fits."
        )
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setCursor(Qt.CursorShape.CrossCursor)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumSize(320, 220)

    # -- what is shown ----------------------------------------------------------------------------------

    def show_photo(self, pixmap: QPixmap, photo: Photo | None) -> None:
        """Show another photo, or the same with other marks."""
        other = self._photo is None or photo is None or photo.sha256 != self._photo.sha256
        self._pixmap, self._photo = pixmap, photo
        if other:
            self.cross = QPointF(pixmap.width() / 2, pixmap.height() / 2)
            self.fit()
        self.update()

    def show_over(self, shown: Shown) -> None:
        """Paint other things over the photo."""
        self.shown = shown
        self.update()

    def fit(self) -> None:
        """The whole photo, as large as there is room."""
        if self._pixmap.isNull():
            return
        wide, high = self._pixmap.width(), self._pixmap.height()
        self._zoom = min(self.width() / wide, self.height() / high)
        self._corner = QPointF(
            (self.width() - wide * self._zoom) / 2, (self.height() - high * self._zoom) / 2
        )
        self._fitted = True
        self.update()

    def zoom(self, factor: float, at: QPointF | None = None) -> None:
        """Zoom about a place of the widget, or about the cross."""
        at = at if at is not None else self.on_widget(self.cross)
        kept = self.in_photo(at)
        self._zoom = min(max(self._zoom * factor, 0.02), 40.0)
        self._corner = at - kept * self._zoom
        self._fitted = False
        self.update()

    def in_photo(self, at: QPointF) -> QPointF:
        """The place in the photo, px, under a place of the widget."""
        return (at - self._corner) * (1 / self._zoom)

    def on_widget(self, at: QPointF) -> QPointF:
        """The place of the widget over a place in the photo, px."""
        return at * self._zoom + self._corner

    # -- mouse and keys ---------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._drag, self._moved = event.position(), False

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drag is not None and event.buttons() & Qt.MouseButton.LeftButton:
            way = event.position() - self._drag
            if self._moved or way.manhattanLength() > 6:
                self._corner, self._drag, self._moved, self._fitted = (
                    self._corner + way,
                    event.position(),
                    True,
                    False,
                )
        else:
            self.cross = self.in_photo(event.position())
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._drag is not None and not self._moved and event.button() == Qt.MouseButton.LeftButton:
            self.cross = self.in_photo(event.position())
            self._press()
        self._drag = None

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom(1.2 ** (event.angleDelta().y() / 120), event.position())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        step = (COARSE if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else FINE) / self._zoom
        ways = {
            Qt.Key.Key_Left: (-1, 0),
            Qt.Key.Key_Right: (1, 0),
            Qt.Key.Key_Up: (0, -1),
            Qt.Key.Key_Down: (0, 1),
        }
        key = event.key()
        if key in ways:
            x, y = ways[Qt.Key(key)]
            self.cross += QPointF(x * step, y * step)
            self._keep_in_sight()
        elif key in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space):
            self._press()
        elif key == Qt.Key.Key_Backspace:
            self.taken_back.emit()
        elif key in (Qt.Key.Key_Plus, Qt.Key.Key_Equal):
            self.zoom(1.25)
        elif key == Qt.Key.Key_Minus:
            self.zoom(0.8)
        elif key == Qt.Key.Key_0:
            self.fit()
        else:
            super().keyPressEvent(event)
            return
        self.update()

    def _press(self) -> None:
        if self._pixmap.isNull() or not QRectF(self._pixmap.rect()).contains(self.cross):
            return
        self.pressed.emit(QPointF(self.cross))

    def _keep_in_sight(self) -> None:
        at = self.on_widget(self.cross)
        inside = QRectF(self.rect()).adjusted(20, 20, -20, -20)
        dx = min(inside.right() - at.x(), 0.0) + max(inside.left() - at.x(), 0.0)
        dy = min(inside.bottom() - at.y(), 0.0) + max(inside.top() - at.y(), 0.0)
        self._corner += QPointF(dx, dy)

    def resizeEvent(self, event: QResizeEvent) -> None:
        if self._fitted:
            self.fit()

    # -- painting ---------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), QColor(self.palette_.bench))
        if self._pixmap.isNull():
            painter.setPen(QColor(self.palette_.quiet))
            words = "Drop a photo here, paste one, or choose a file."
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, words)
            return
        painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
        lies = QTransform(self._zoom, 0, 0, self._zoom, self._corner.x(), self._corner.y())
        painter.setTransform(lies)
        painter.drawPixmap(0, 0, self._pixmap)
        painter.resetTransform()
        over = self.shown
        if over.face is not None and over.to_px is not None and over.strength > 0:
            painter.setOpacity(over.strength)
            paint_through(painter, over.face, qt_map(over.to_px) * lies, self.palette_)
            painter.setOpacity(1.0)
        if self._photo is not None:
            self._paint_marks(painter, self._photo)
        self._paint_cross(painter)

    def _paint_marks(self, painter: QPainter, photo: Photo) -> None:
        self._paint_scale(painter, photo)
        for strip in photo.strips:
            ends = [photo.cells[n - 1].at_px for n in strip.cells if n <= len(photo.cells)]
            self._line(painter, ends, INK, 4.0)
        for wire in photo.wires:
            self._line(painter, list(wire.way_px), MARK, 3.0)
            self._words(painter, self.on_widget(QPointF(*wire.way_px[-1])) + QPointF(8, -6), wire.name)
        for number, cell in enumerate(photo.cells, start=1):
            self._paint_cell(painter, number, QPointF(*cell.at_px), cell.plus)
        self._line(painter, list(self.shown.way), MARK, 2.5)
        for number, told in enumerate(self.shown.differences, start=1):
            self._paint_difference(painter, number, self.on_widget(QPointF(*told.at_px)))

    def _paint_scale(self, painter: QPainter, photo: Photo) -> None:
        points = [self.on_widget(QPointF(*p)) for p in (photo.corners_px or photo.ends_px)]
        closed = len(photo.corners_px) == 4
        for pen in (QPen(HALO, 4.0), QPen(MARK, 1.8)):
            painter.setPen(pen)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            if closed:
                painter.drawPolygon(QPolygonF(points))
            elif len(points) > 1:
                painter.drawPolyline(QPolygonF(points))
            for at in points:
                painter.drawLine(at - QPointF(7, 0), at + QPointF(7, 0))
                painter.drawLine(at - QPointF(0, 7), at + QPointF(0, 7))
        for number, at in enumerate(points, start=1):
            self._words(painter, at + QPointF(8, -8), str(number))

    def _paint_cell(self, painter: QPainter, number: int, at: QPointF, plus: bool | None) -> None:
        at = self.on_widget(at)
        radius = max(self.shown.radius_px * self._zoom, 9.0)
        colour = PLUS if plus else MINUS if plus is False else INK
        for pen in (QPen(HALO, 4.5), QPen(colour, 2.0)):
            painter.setPen(pen)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(at, radius, radius)
        if number in self.shown.picked:
            painter.setPen(QPen(MARK, 3.0))
            painter.drawEllipse(at, radius + 5, radius + 5)
        sign = {True: "+", False: "−", None: "?"}[plus]
        self._words(painter, at + QPointF(-4, 5), f"{self.shown.labels.get(number, number)} {sign}", colour)

    def _paint_difference(self, painter: QPainter, number: int, at: QPointF) -> None:
        painter.setPen(QPen(HALO, 5.0))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(at.x() - 13, at.y() - 13, 26, 26))
        painter.setPen(QPen(WRONG, 2.6))
        painter.drawRect(QRectF(at.x() - 13, at.y() - 13, 26, 26))
        self._words(painter, at + QPointF(16, -10), str(number), WRONG)

    def _line(
        self, painter: QPainter, points: list[tuple[float, float]], colour: QColor, wide: float
    ) -> None:
        if len(points) < 1:
            return
        way = QPolygonF([self.on_widget(QPointF(*p)) for p in points])
        for pen in (QPen(HALO, wide + 3), QPen(colour, wide)):
            pen.setCapStyle(Qt.PenCapStyle.RoundCap)
            painter.setPen(pen)
            painter.drawPolyline(way)

    def _words(self, painter: QPainter, at: QPointF, words: str, colour: QColor | None = None) -> None:
        font = QFont(FAMILY)
        font.setPointSizeF(self.font().pointSizeF())
        font.setWeight(QFont.Weight.Bold)
        painter.setFont(font)
        box = painter.fontMetrics().boundingRect(words).translated(at.toPoint()).adjusted(-3, -1, 3, 1)
        painter.fillRect(box, HALO)
        painter.setPen(colour or INK)
        painter.drawText(at, words)

    def _paint_cross(self, painter: QPainter) -> None:
        if not self.hasFocus() and not self.underMouse():
            return
        at = self.on_widget(self.cross)
        for pen in (QPen(HALO, 3.0), QPen(MARK, 1.2)):
            painter.setPen(pen)
            painter.drawLine(at - QPointF(14, 0), at - QPointF(4, 0))
            painter.drawLine(at + QPointF(4, 0), at + QPointF(14, 0))
            painter.drawLine(at - QPointF(0, 14), at - QPointF(0, 4))
            painter.drawLine(at + QPointF(0, 4), at + QPointF(0, 14))


def qt_map(h: Array) -> QTransform:
    """Return a projective map of column points as Qt has it, for rows."""
    m = np.asarray(h, dtype=float)
    return QTransform(*(float(v) for v in m.T.reshape(-1)))
