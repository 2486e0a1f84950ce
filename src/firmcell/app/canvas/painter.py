"""Paints what the view has placed: batches, labels, marks of the stage, tools and caption."""

import math
from typing import TYPE_CHECKING

from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import (
    QColor,
    QFont,
    QPainter,
    QPainterPathStroker,
    QPen,
    QPixmap,
    QPolygonF,
)

from firmcell.app.canvas.batches import Batch, label_font, to_scene
from firmcell.app.canvas.measures import (
    BACK_OVER_TEXT,
    FEW_DISCS,
    GRID_MM,
    GROWS,
    GROWS_ELSE,
    LARGEST_TITLE,
    MARK_COLOURS,
    MARK_MM,
    QUIET_OPACITY,
    SMALLEST_TEXT,
    SMALLEST_WELD_SCALE,
    THIN_MM,
)
from firmcell.app.canvas.tools import FRAMES, Tool
from firmcell.core.base.visible import visible
from firmcell.core.pictures.drawing import Area, Disc, Label, Stroke

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


class PackPainter:
    """Paints what the view has placed: batches, labels, marks of the stage, bands, tools, scale and
    caption."""

    def __init__(self, view: "PackView") -> None:
        self.view = view

    def paint_all(self, painter: QPainter) -> None:
        painter.fillRect(self.view.rect(), self.view._palette.colour("bench"))
        self.paint_grid(painter)
        painter.setTransform(self.view._transform)
        for face in self.view._faces:
            for batch in face.batches:
                self.paint_batch(painter, batch)
        painter.resetTransform()
        for face in self.view._faces:
            for at, label in face.labels:
                self.paint_label(painter, at, label)
        self.view.overlay.paint_covered(painter)
        self.view.overlay.paint_values(painter)
        self.paint_selected(painter)
        self.paint_caption(painter)

    def paint_grid(self, painter: QPainter) -> None:
        step = GRID_MM * self.view.scale()
        if step < 6:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        painter.setPen(QPen(self.view._palette.colour("grid"), 1))
        x = self.view._transform.dx() % step
        while x < self.view.width():
            painter.drawLine(QPointF(x, 0), QPointF(x, self.view.height()))
            x += step
        y = self.view._transform.dy() % step
        while y < self.view.height():
            painter.drawLine(QPointF(0, y), QPointF(self.view.width(), y))
            y += step
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, True)

    def quiet(self, role: str) -> bool:
        return any(role.startswith(beginning) for beginning in self.view._paint.quiet)

    def paint_batch(self, painter: QPainter, batch: Batch) -> None:
        fill_name, line_name, line_width = self.view._palette.roles.get(batch.role, (None, None, 0))
        quiet = self.quiet(batch.role)
        if batch.role == "weld" and (quiet or self.view.scale() < SMALLEST_WELD_SCALE):
            return
        if (
            batch.role.endswith(".back")
            and batch.discs
            and batch.discs[0][1] / BACK_OVER_TEXT * GROWS_ELSE * self.view.scale() < SMALLEST_TEXT
        ):
            # Its number would be too small to be painted; a dot alone tells nothing.
            return
        if quiet and self.view._faces[-1].drawing.title == "wiring" and batch.role.startswith("lead"):
            # The schematic stands where their ends would run to, and tells where they go.
            return
        painter.setOpacity(QUIET_OPACITY if quiet else 1.0)
        fill = QColor(fill_name) if fill_name else QColor(0, 0, 0, 0)
        line = QColor(line_name) if line_name else None
        marked = bool(batch.mark) and not quiet
        if marked and batch.mark in ("good", "look", "bad", "lit"):
            fill = self.view._palette.colour(MARK_COLOURS[batch.mark])
        if batch.width:
            self.paint_stroke(painter, batch, fill, line, line_width, marked)
        else:
            painter.setPen(QPen(line, line_width) if line else Qt.PenStyle.NoPen)
            if marked and batch.mark == "open":
                painter.setOpacity(0.35)
            if batch.role == "outline.insulation" and marked:
                painter.setPen(QPen(self.view._palette.colour("accent"), 1.2))
                fill = QColor(fill_name or "#00000000")
            painter.setBrush(fill)
            if len(batch.discs) > FEW_DISCS:
                self.paint_discs(painter, batch.discs)
            else:
                batch.paint(painter)
        painter.setOpacity(1.0)

    def paint_discs(self, painter: QPainter, discs: list[tuple[QPointF, float]]) -> None:
        """Paint many discs of a few sizes as copies of one picture each, a quarter of the time of painting
        every one."""
        scale, ratio = self.view.scale(), self.view.devicePixelRatioF()
        pen, brush, opacity = QPen(painter.pen()), painter.brush(), painter.opacity()
        sprites: dict[float, QPixmap] = {}
        painter.save()
        painter.resetTransform()
        painter.setOpacity(1.0)  # it is in the sprite already
        for centre, radius in discs:
            place = self.view._transform.map(centre)
            reach = (radius + pen.widthF()) * scale + 1
            if not (
                -reach < place.x() < self.view.width() + reach
                and -reach < place.y() < self.view.height() + reach
            ):
                continue
            if radius not in sprites:
                side = math.ceil(2 * reach * ratio)
                sprite = QPixmap(side, side)
                sprite.setDevicePixelRatio(ratio)
                sprite.fill(Qt.GlobalColor.transparent)
                one = QPainter(sprite)
                one.setRenderHint(QPainter.RenderHint.Antialiasing)
                one.setOpacity(opacity)
                one.setPen(pen)
                one.setBrush(brush)
                one.translate(side / ratio / 2, side / ratio / 2)
                one.scale(scale, scale)
                one.drawEllipse(QPointF(0, 0), radius, radius)
                one.end()
                sprites[radius] = sprite
            half = sprites[radius].width() / ratio / 2
            painter.drawPixmap(QPointF(place.x() - half, place.y() - half), sprites[radius])
        painter.restore()

    def paint_stroke(
        self, painter: QPainter, batch: Batch, fill: QColor, line: QColor | None, edge: float, marked: bool
    ) -> None:
        painter.setBrush(Qt.BrushStyle.NoBrush)
        flat, join = Qt.PenCapStyle.FlatCap, Qt.PenJoinStyle.RoundJoin
        if marked and batch.mark == "open":
            outline = QPen(self.view._palette.colour("quiet"), 0.5, Qt.PenStyle.DashLine)
            if batch.width < THIN_MM:
                painter.setPen(outline)
                painter.drawPath(batch.path)
                return
            stroker = QPainterPathStroker()
            stroker.setWidth(batch.width)
            stroker.setCapStyle(flat)
            painter.setPen(outline)
            painter.drawPath(stroker.createStroke(batch.path))
            return
        if line is not None and not self.quiet(batch.role):
            painter.setPen(QPen(line, batch.width + 2 * edge, Qt.PenStyle.SolidLine, flat, join))
            painter.drawPath(batch.path)
        painter.setPen(QPen(fill, batch.width, Qt.PenStyle.SolidLine, flat, join))
        painter.drawPath(batch.path)

    def paint_label(self, painter: QPainter, at: QPointF, label: Label) -> None:
        height = label.height * self.view.scale()
        if label.role in ("label.title", "dimension"):
            # Words about the picture, not on a part: they need not grow with it.
            height = min(height, LARGEST_TITLE)
        if height < SMALLEST_TEXT:
            if height * GROWS.get(label.role, GROWS_ELSE) < SMALLEST_TEXT:
                return
            height = SMALLEST_TEXT
        place = self.view._transform.map(at)
        if not (-300 < place.x() < self.view.width() + 300 and -60 < place.y() < self.view.height() + 60):
            return
        if self.quiet(label.role):
            # Too faint to be read anyway; drawing them would only cost time.
            return
        fill, _, _ = self.view._palette.roles.get(label.role, (None, None, 0))
        painter.setFont(label_font(max(round(height), 1)))
        painter.setPen(QColor(fill or self.view._palette.ink))
        if label.anchor == "start":
            text = visible(label.text)
            if label.role == "label.title":
                room = int(self.view.width() - place.x() - 6)
                text = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, room)
            painter.drawText(QPointF(place.x(), place.y() + height * 0.36), text)
        else:
            box = QRectF(place.x() - 500, place.y() - height, 1000, 2 * height)
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, visible(label.text))

    def paint_selected(self, painter: QPainter) -> None:
        if not self.view._selected:
            return
        painter.setTransform(self.view._transform)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for face in self.view._faces:
            for shape in face.drawing.shapes:
                if shape.ref != self.view._selected or isinstance(shape, Label):
                    continue
                # Dark under light, so that it is seen on every ground.
                for colour, width in (("ink", 1.6), ("lit", 0.9)):
                    painter.setPen(QPen(self.view._palette.colour(colour), width))
                    if isinstance(shape, Disc):
                        painter.drawEllipse(to_scene(face.origin, shape.centre), shape.radius, shape.radius)
                    elif isinstance(shape, Area):
                        painter.drawPolygon(QPolygonF([to_scene(face.origin, p) for p in shape.points]))
                    elif isinstance(shape, Stroke):
                        points = [to_scene(face.origin, p) for p in shape.points]
                        painter.drawPolyline(QPolygonF(points))
        painter.resetTransform()

    def paint_tool(self, painter: QPainter) -> None:
        """What a tool has taken up, and the way of the mouse so far."""
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setTransform(self.view._transform)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for ref in self.view.marked:
            for face in self.view._faces:
                at = face.drawing.targets.get(ref)
                if at is not None:
                    painter.setPen(QPen(self.view._palette.colour("accent"), 1.6))
                    painter.drawEllipse(to_scene(face.origin, at), MARK_MM, MARK_MM)
        painter.resetTransform()
        g = self.view._gesture
        if g is None or not g.moved:
            return
        painter.setPen(QPen(self.view._palette.colour("accent"), 2, Qt.PenStyle.DashLine))
        first, last = QPointF(*g.way[0]), QPointF(*g.way[-1])
        if g.carries:
            self._carried(painter, last - first)
        elif self.view.tool in FRAMES:
            painter.drawRect(QRectF(first, last).normalized())
        elif self.view.tool is Tool.MEASURE:
            painter.drawLine(first, last)
            apart = QLineF(first, last).length() / self.view.scale()
            _beside(painter, last, f"{apart:.1f} mm", self.view._palette.colour("raised"))
        elif self.view.tool is Tool.MOVE:
            painter.drawLine(first, last)
            painter.drawEllipse(last, 9.0 * self.view.scale(), 9.0 * self.view.scale())
        else:
            painter.drawPolyline(QPolygonF([QPointF(*p) for p in g.way]))

    def _carried(self, painter: QPainter, by: QPointF) -> None:
        """Where the picked cells would come to stand, on the face that they are dragged on."""
        g, scale = self.view._gesture, self.view.scale()
        assert g is not None
        face = self.view._faces[g.face]
        for ref in self.view.marked:
            at = face.drawing.targets.get(ref)
            if at is not None:
                middle = self.view._transform.map(to_scene(face.origin, at)) + by
                painter.drawEllipse(middle, MARK_MM * scale, MARK_MM * scale)

    def paint_caption(self, painter: QPainter) -> None:
        if not self.view._paint.caption:
            return
        font = QFont(self.view.font())
        font.setPointSizeF(font.pointSizeF() * 0.92)
        painter.setFont(font)
        painter.setPen(self.view._palette.colour("quiet"))
        painter.drawText(
            self.view.rect().adjusted(12, 6, -12, -6),
            Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft,
            self.view._paint.caption,
        )


def _beside(painter: QPainter, at: QPointF, words: str, ground: QColor) -> None:
    """Words beside a point of the widget, on a ground of their own."""
    room = QRectF(painter.fontMetrics().boundingRect(words)).adjusted(-4, -2, 4, 2)
    room.moveBottomLeft(at + QPointF(12, -8))
    painter.fillRect(room, ground)
    painter.drawText(room, Qt.AlignmentFlag.AlignCenter, words)
