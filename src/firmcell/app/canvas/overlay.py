"""What is laid over the picture: bands with their scale, hatching, texts that give way to each other."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QLineF, QPointF, QRectF, QSizeF, Qt
from PySide6.QtGui import QBrush, QColor, QFont, QFontMetricsF, QPainter, QPen, QPixmap

from firmcell.app.canvas.batches import label_font, to_scene
from firmcell.app.canvas.measures import DANGER_MM, HATCH_OPACITY, LEAST_TEXT, MARK_COLOURS, TAG_TRIES
from firmcell.app.canvas.placing import outline_of
from firmcell.app.canvas.taken_boxes import TakenBoxes
from firmcell.app.theme import FAMILY
from firmcell.core.pictures.strip_colours import Band, Scale

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView

TAGS_KEPT = 1000
"""Texts in boxes that are kept painted: more are only met while one zooms."""
TAG_EDGE = 2.0
"""Room round a box for its line, px."""


class OverlayPainter:
    """Paints what is laid over the picture."""

    def __init__(self, view: "PackView") -> None:
        self.view = view
        self.bands: list[tuple[Band, ...]] = []
        self.scale: Scale | None = None
        self.covered: list[frozenset[str]] = []
        self._tags: dict[tuple[object, ...], QPixmap] = {}
        self._value_boxes = TakenBoxes()
        self.least_text = LEAST_TEXT

    def lay(self, bands: list[tuple[Band, ...]], scale: Scale | None, covered: list[frozenset[str]]) -> bool:
        """Lay these over the faces; returns whether what is hatched has changed."""
        before, self.covered = self.covered, covered
        self.bands, self.scale = bands, scale
        return before != covered

    def paint_bands(self, painter: QPainter) -> None:
        if self.scale is None:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setTransform(self.view._transform)
        ramp = self.view._palette.ramp_colours()
        for (tone, width), lines in self._lines(len(ramp)).items():
            painter.setPen(QPen(ramp[tone], width * 0.8, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
            painter.drawLines(lines)
        for face, bands in zip(self.view._faces, self.bands, strict=False):
            for band in bands:
                if band.danger:
                    self.paint_danger(
                        painter, to_scene(face.origin, band.line[0]), to_scene(face.origin, band.line[1])
                    )
        painter.resetTransform()
        # Once more: they lie under the bands.
        self.paint_values(painter)
        font = label_font(max(self.least_text, min(15, round(3.6 * self.view.scale()))))
        painter.setFont(font)
        metrics = QFontMetricsF(font)
        taken = self._value_boxes.copy()
        told = [
            (face, band)
            for face, bands in zip(self.view._faces, self.bands, strict=False)
            for band in bands
            if band.text
        ]
        # What warns stands first, and as near as it can; the others give way.
        for face, band in sorted(told, key=lambda t: not t[1].danger):
            (x0, y0), (x1, y1) = band.line
            at = self.view._transform.map(to_scene(face.origin, ((x0 + x1) / 2, (y0 + y1) / 2)))
            if band.danger:
                at.setY(at.y() - metrics.height() - DANGER_MM * self.view.scale())
            edge = self.view._palette.colour("stop" if band.danger else "ink")
            self.paint_tag(painter, at, band.text, metrics, edge, taken)
        self.paint_scale(painter, self.scale, ramp)

    def _lines(self, tones: int) -> dict[tuple[int, float], list[QLineF]]:
        """The bands that are no danger, by tone (of so many) and width, in mm of the scene: a pack of 200
        cells has 600."""
        lines: dict[tuple[int, float], list[QLineF]] = {}
        for face, bands in zip(self.view._faces, self.bands, strict=False):
            x, y = face.origin.x(), face.origin.y()
            for band in bands:
                if not band.danger:
                    tone = round(min(max(band.tone, 0.0), 1.0) * (tones - 1))
                    (x0, y0), (x1, y1) = band.line
                    lines.setdefault((tone, band.width), []).append(QLineF(x + x0, y - y0, x + x1, y - y1))
        return lines

    def paint_danger(self, painter: QPainter, start: QPointF, end: QPointF) -> None:
        """A line between two pieces that must not be bridged, with a ring round each."""
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for colour, width in (("raised", 2.2), ("stop", 1.1)):
            painter.setPen(QPen(self.view._palette.colour(colour), width))
            painter.drawLine(start, end)
            for at in (start, end):
                painter.drawEllipse(at, DANGER_MM, DANGER_MM)

    def paint_covered(self, painter: QPainter) -> None:
        """Hatch what lies under a cover."""
        if not self.covered:
            return
        painter.setTransform(self.view._transform)
        painter.setPen(Qt.PenStyle.NoPen)
        brush = QBrush(self.view._palette.colour("ink"), Qt.BrushStyle.BDiagPattern)
        brush.setTransform(self.view._transform.inverted()[0])
        painter.setOpacity(HATCH_OPACITY)
        for path in [outline_of(f, refs) for f, refs in zip(self.view._faces, self.covered, strict=False)]:
            painter.fillPath(path, brush)
        painter.setOpacity(1.0)
        painter.resetTransform()

    def paint_tag(
        self,
        painter: QPainter,
        at: QPointF,
        text: str,
        metrics: QFontMetricsF,
        edge: QColor,
        taken: TakenBoxes,
    ) -> None:
        """A text in a box at a place, or as near to it as no box stands yet."""
        width, high = metrics.horizontalAdvance(text) + 8, metrics.height()
        box = QRectF(at.x() - width / 2, at.y() - high / 2, width, high)
        for step in range(1, TAG_TRIES):
            if not taken.meets(box):
                break
            up = (step + 1) // 2 * (high + 1) * (1 if step % 2 else -1)
            box.moveTop(at.y() - high / 2 + up)
        taken.add(box)
        painter.drawPixmap(
            box.topLeft() - QPointF(TAG_EDGE, TAG_EDGE), self._tag(text, painter.font(), edge, box)
        )

    def _tag(self, text: str, font: QFont, edge: QColor, box: QRectF) -> QPixmap:
        """A text in its box, painted once: the same numbers stand all over a pack."""
        ground, ink = self.view._palette.colour("raised"), self.view._palette.colour("ink")
        ratio = self.view.devicePixelRatioF()
        key = (text, font.pixelSize(), edge.rgba(), ground.rgba(), ratio)
        if key not in self._tags:
            if len(self._tags) > TAGS_KEPT:
                self._tags.clear()
            size = box.size() + QSizeF(2 * TAG_EDGE, 2 * TAG_EDGE)
            made = QPixmap((size * ratio).toSize())
            made.setDevicePixelRatio(ratio)
            made.fill(Qt.GlobalColor.transparent)
            painter = QPainter(made)
            painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.TextAntialiasing)
            painter.setFont(font)
            inner = QRectF(QPointF(TAG_EDGE, TAG_EDGE), box.size())
            painter.setPen(QPen(edge, 1.5))
            painter.setBrush(ground)
            painter.drawRoundedRect(inner, 3, 3)
            painter.setPen(ink)
            painter.drawText(inner, Qt.AlignmentFlag.AlignCenter, text)
            painter.end()
            self._tags[key] = made
        return self._tags[key]

    def paint_scale(self, painter: QPainter, words: Scale, ramp: list[QColor]) -> None:
        font = QFont(self.view.font())
        font.setPointSizeF(font.pointSizeF() * 0.92)
        if self.least_text > LEAST_TEXT:
            font.setPixelSize(self.least_text)
        painter.setFont(font)
        # In the line under the faces, which no face is fitted into.
        metrics = QFontMetricsF(font)
        high, wide, space = metrics.height(), 150.0, metrics.horizontalAdvance("  ")
        left, top = 12.0, self.view.height() - high - 4
        painter.setPen(self.view._palette.colour("ink"))
        for text in (words.title, words.low):
            line = QRectF(left, top, metrics.horizontalAdvance(text) + 1, high)
            painter.drawText(line, Qt.AlignmentFlag.AlignLeft, text)
            left = line.right() + space
        for n, colour in enumerate(ramp):
            piece = QRectF(left + n * wide / len(ramp), top + high * 0.2, wide / len(ramp) + 1, high * 0.6)
            painter.fillRect(piece, colour)
        left += wide + space
        painter.drawText(QRectF(left, top, 3 * wide, high), Qt.AlignmentFlag.AlignLeft, words.high)

    def paint_values(self, painter: QPainter) -> None:
        self._value_boxes = TakenBoxes()
        if not self.view._paint.values:
            return
        font = QFont(FAMILY)
        font.setPixelSize(max(self.least_text, min(15, round(3.6 * self.view.scale()))))
        font.setWeight(QFont.Weight.DemiBold)
        painter.setFont(font)
        metrics = QFontMetricsF(font)
        for ref, at in self.view.each_place():
            text = self.view._paint.values.get(ref)
            if not text:
                continue
            edge = self.view._palette.colour(MARK_COLOURS.get(self.view._paint.marks.get(ref, ""), "quiet"))
            self.paint_tag(painter, self.view._transform.map(at), text, metrics, edge, self._value_boxes)
