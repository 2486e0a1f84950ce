"""A small curve of scores, the last on the right."""

from PySide6.QtCore import QPointF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

SHOWN = 40


class Curve(QWidget):
    """Scores of 0 to 100 as a line, from the oldest shown to the newest, with a mark at 50."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self._points: list[int] = []
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName("Scores so far")

    def show_points(self, points: list[int]) -> None:
        """Show the last of these scores."""
        self._points = points[-SHOWN:]
        mean = sum(self._points) / len(self._points) if self._points else 0.0
        self.setAccessibleDescription(f"{len(self._points)} scores, {mean:.0f} points in the mean")
        self.setToolTip(self.accessibleDescription())
        self.update()

    def sizeHint(self) -> QSize:
        """Three lines of text high."""
        return QSize(120, 3 * self.fontMetrics().height())

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        colour, edge = self.palette().text().color(), 4.0
        wide, high = self.width() - 2 * edge, self.height() - 2 * edge
        painter.setPen(QPen(colour, 0.5, Qt.PenStyle.DotLine))
        painter.drawLine(QPointF(edge, edge + high / 2), QPointF(edge + wide, edge + high / 2))
        step = wide / max(len(self._points) - 1, 1)
        line = [
            QPointF(edge + n * step, edge + high * (1 - points / 100))
            for n, points in enumerate(self._points)
        ]
        painter.setPen(QPen(colour, 1.6))
        painter.drawPolyline(line)
        for point in line:
            painter.drawEllipse(point, 1.6, 1.6)
        painter.end()
