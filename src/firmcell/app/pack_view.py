"""The pack on the bench: both faces to scale, zoomed, panned, clicked and walked by keyboard."""

import math
from dataclasses import dataclass, field
from enum import StrEnum
from functools import cache

from PySide6.QtCore import QPointF, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import (
    QColor,
    QFont,
    QFontMetricsF,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPainterPath,
    QPainterPathStroker,
    QPaintEvent,
    QPen,
    QPixmap,
    QPolygonF,
    QResizeEvent,
    QTransform,
    QWheelEvent,
)
from PySide6.QtWidgets import QSizePolicy, QWidget

from firmcell.app.theme import FAMILY, Palette
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.pictures.strip_colours import Band, Scale

GRID_MM = 10.0
CRISP_AFTER_MS = 90
SMALLEST_TEXT = 5.5
THIN_MM = 2.0
FEW_DISCS = 12
BACK_OVER_TEXT = 0.86
"""Radius of the disc behind a number over the height of the number."""
SMALLEST_WELD_SCALE = 2.0
"""Pixels per mm below which weld points are specks that only cost time."""
QUIET_OPACITY = 0.16
MARK_COLOURS = {
    "good": "good",
    "look": "attention",
    "bad": "stop",
    "lit": "lit",
    "done": "good",
    "open": "quiet",
}


class Tool(StrEnum):
    """What the mouse does to the picture."""

    LOOK = "look"
    MOVE = "move a cell"
    TURN = "turn a cell"
    SWAP = "swap two cells"
    PAINT = "paint into a group"
    LOCK = "lock or unlock"
    BLOCK = "block a place"
    MINUS = "let minus leave here"
    PLUS = "let plus leave here"
    STRIP = "draw or remove a strip"


TOOL_KEYS = {Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Enter}


@dataclass
class Gesture:
    """One stroke of the mouse with a tool.

    Attributes
    ----------
    face : number of the drawing it began on.
    start, end : in mm of that drawing.
    refs : parts it went over, in order.
    way : points on the widget.
    """

    face: int
    start: tuple[float, float]
    end: tuple[float, float]
    refs: list[str]
    way: list[tuple[float, float]]
    moved: bool = False


@dataclass
class _Batch:
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
class _Placed:
    """A face and where it lies in the scene (mm, y down)."""

    drawing: Drawing
    origin: QPointF
    batches: list[_Batch]
    labels: list[tuple[QPointF, Label]]


@cache
def _label_font(pixels: int) -> QFont:
    font = QFont(FAMILY)
    font.setPixelSize(pixels)
    font.setWeight(QFont.Weight.DemiBold)
    return font


def _to_scene(origin: QPointF, point: tuple[float, float]) -> QPointF:
    return QPointF(origin.x() + point[0], origin.y() - point[1])


class PackView(QWidget):
    """Shows drawings of the core; emits `picked` with the ref of what was clicked or walked to ("" for nothing)."""

    picked = Signal(str)
    gestured = Signal(object)
    key_pressed = Signal(object)

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAccessibleName("Picture of the pack")
        self.setAccessibleDescription(
            "Arrow keys move, plus and minus zoom, 0 fits; brackets walk from part to part."
        )
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumSize(220, 160)
        self._palette = palette
        self._paint = StagePaint()
        self._faces: list[_Placed] = []
        self._scene = QRectF(0, 0, 100, 100)
        self._transform = QTransform()
        self._fitted = True
        self._selected = ""
        self._drag: QPointF | None = None
        self._moved = False
        self._cache: QPixmap | None = None
        self._cached_at = QTransform()
        self._crisp = QTimer(self)
        self._crisp.setSingleShot(True)
        self._crisp.setInterval(CRISP_AFTER_MS)
        self._crisp.timeout.connect(self._renew)
        self.tool = Tool.LOOK
        self._gesture: Gesture | None = None
        self.marked: tuple[str, ...] = ()
        self._bands: list[tuple[Band, ...]] = []
        self._scale_words: Scale | None = None

    def show_bands(self, bands: list[tuple[Band, ...]], scale: Scale | None) -> None:
        """Lay coloured bands over the faces, in the order these are shown; they are painted over the rest at once."""
        self._bands, self._scale_words = bands, scale
        self.update()

    # -- tools ------------------------------------------------------------------------------------------

    def set_tool(self, tool: Tool) -> None:
        """What the mouse and the space bar do to the picture."""
        self.tool, self._gesture, self.marked = tool, None, ()
        self.setCursor(Qt.CursorShape.ArrowCursor if tool is Tool.LOOK else Qt.CursorShape.CrossCursor)
        self.update()

    def mark(self, refs: tuple[str, ...]) -> None:
        """Outline parts that a tool has taken up so far."""
        self.marked = refs
        self.update()

    def on_face(self, place: QPointF) -> tuple[int, tuple[float, float]]:
        """Return which drawing lies nearest under a point of the widget, and the point there in its mm."""
        scene = self._transform.inverted()[0].map(place)

        def beside(face: _Placed) -> float:
            x0, y0, x1, y1 = face.drawing.bounds
            x, y = scene.x() - face.origin.x(), face.origin.y() - scene.y()
            return max(x0 - x, x - x1, 0.0) + max(y0 - y, y - y1, 0.0)

        number = min(range(len(self._faces)), key=lambda n: beside(self._faces[n]))
        face = self._faces[number]
        return number, (scene.x() - face.origin.x(), face.origin.y() - scene.y())

    # -- what is shown --------------------------------------------------------------------------------

    def show_faces(self, drawings: list[Drawing], paint: StagePaint | None = None) -> None:
        """Show these faces, one under the other or side by side, whichever is larger on the screen."""
        same = len(drawings) == len(self._faces) and all(
            a is b.drawing for a, b in zip(drawings, self._faces, strict=True)
        )
        before, self._paint = self._paint, paint or self._paint
        if same and self._paint == before:
            return
        if same and (self._paint.marks, self._paint.quiet) == (before.marks, before.quiet):
            # Only texts differ; what is painted under them stays as it is built.
            self._renew()
            return
        size = self._scene.size()
        if not same:
            self._place(drawings)
        self._build()
        if self._fitted or self._scene.size() != size:
            self.fit()
        self._renew()

    def set_palette(self, palette: Palette) -> None:
        """Change the colours."""
        self._palette = palette
        self._renew()

    @property
    def selected(self) -> str:
        """Ref of the part that is picked."""
        return self._selected

    def select(self, ref: str) -> None:
        """Pick a part by its ref, as if clicked; "" picks nothing."""
        self._selected = ref
        self._renew()
        self.picked.emit(ref)

    def targets(self) -> dict[str, QPointF]:
        """All parts that can be picked, with their place in the scene."""
        return {ref: _to_scene(f.origin, at) for f in self._faces for ref, at in f.drawing.targets.items()}

    def place_of(self, ref: str) -> QPointF | None:
        """Where a part is on the widget, or None."""
        at = self.targets().get(ref)
        return self._transform.map(at) if at is not None else None

    def _place(self, drawings: list[Drawing]) -> None:
        gap = 8.0
        if len(drawings) > 2 and drawings[-1].title == "wiring":
            self._place_beside(drawings, gap)
            return
        sizes = [(d.bounds[2] - d.bounds[0], d.bounds[3] - d.bounds[1]) for d in drawings]
        under = (max(w for w, _ in sizes), sum(h for _, h in sizes) + gap * (len(sizes) - 1))
        beside = (sum(w for w, _ in sizes) + gap * (len(sizes) - 1), max(h for _, h in sizes))

        def scale(whole: tuple[float, float]) -> float:
            return min(max(self.width(), 1) / whole[0], max(self.height(), 1) / whole[1])

        stack = scale(under) >= scale(beside)
        self._faces = []
        x = y = 0.0
        left = min(d.bounds[0] for d in drawings)
        for drawing, (w, h) in zip(drawings, sizes, strict=True):
            # Under each other the faces keep one x axis, so that a column is seen through both.
            origin = QPointF(-left if stack else x - drawing.bounds[0], y + drawing.bounds[3])
            self._faces.append(_Placed(drawing, origin, [], []))
            x, y = (0.0, y + h + gap) if stack else (x + w + gap, 0.0)
        self._scene = QRectF(0, 0, *(under if stack else beside))

    def _place_beside(self, drawings: list[Drawing], gap: float) -> None:
        """The faces under each other, and the last picture at their side."""
        *faces, last = drawings
        left = min(d.bounds[0] for d in faces)
        wide = max(d.bounds[2] for d in faces) - left
        high = sum(d.bounds[3] - d.bounds[1] for d in faces) + gap * (len(faces) - 1)
        tall = last.bounds[3] - last.bounds[1]
        whole = max(high, tall)
        self._faces, y = [], (whole - high) / 2
        for drawing in faces:
            self._faces.append(_Placed(drawing, QPointF(-left, y + drawing.bounds[3]), [], []))
            y += drawing.bounds[3] - drawing.bounds[1] + gap
        origin = QPointF(wide + gap - last.bounds[0], (whole - tall) / 2 + last.bounds[3])
        self._faces.append(_Placed(last, origin, [], []))
        self._scene = QRectF(0, 0, wide + gap + last.bounds[2] - last.bounds[0], whole)

    def _build(self) -> None:
        for face in self._faces:
            face.batches, face.labels = [], []
            for shape in face.drawing.shapes:
                if isinstance(shape, Label):
                    face.labels.append((_to_scene(face.origin, shape.centre), shape))
                else:
                    self._add(face, shape)

    def _add(self, face: _Placed, shape: Shape) -> None:
        role = shape.role
        if role == "cell.wrap" and getattr(shape, "tone", 0) % 2:
            role = "cell.wrap.odd"
        mark = self._paint.marks.get(shape.ref, "") if role not in ("weld", "cell.wrap") else ""
        width = shape.width if isinstance(shape, Stroke) else 0.0
        batch = next(
            (b for b in reversed(face.batches[-12:]) if (b.role, b.mark, b.width) == (role, mark, width)),
            None,
        )
        if batch is None:
            batch = _Batch(role, mark, QPainterPath(), width)
            face.batches.append(batch)
        if isinstance(shape, Disc):
            batch.discs.append((_to_scene(face.origin, shape.centre), shape.radius))
        elif isinstance(shape, Area):
            batch.path.addPolygon(
                QPolygonF([_to_scene(face.origin, p) for p in (*shape.points, shape.points[0])])
            )
        elif isinstance(shape, Stroke):
            points = [_to_scene(face.origin, p) for p in shape.points]
            batch.path.moveTo(points[0])
            for point in points[1:]:
                batch.path.lineTo(point)

    # -- looking --------------------------------------------------------------------------------------

    def fit(self) -> None:
        """Show everything."""
        margin = 10.0
        # The caption stands in the top line, by itself.
        top = self.fontMetrics().height() + margin
        room = self.height() - top - margin
        scale = min(
            (self.width() - 2 * margin) / max(self._scene.width(), 1),
            room / max(self._scene.height(), 1),
        )
        scale = max(scale, 0.05)
        dx = (self.width() - self._scene.width() * scale) / 2
        dy = top + (room - self._scene.height() * scale) / 2
        self._transform = QTransform(scale, 0, 0, scale, dx, dy)
        self._fitted = True
        self._renew()

    def zoom(self, factor: float, about: QPointF | None = None) -> None:
        """Zoom about a point of the widget (its middle if none is given)."""
        scale = self._transform.m11() * factor
        if not 0.2 <= scale <= 200:
            return
        centre = about or QPointF(self.width() / 2, self.height() / 2)
        scene = self._transform.inverted()[0].map(centre)
        self._transform = QTransform(
            scale, 0, 0, scale, centre.x() - scene.x() * scale, centre.y() - scene.y() * scale
        )
        self._fitted = False
        self._moved_about()

    def pan(self, dx: float, dy: float) -> None:
        """Move the picture by pixels."""
        t = self._transform
        self._transform = QTransform(t.m11(), 0, 0, t.m22(), t.dx() + dx, t.dy() + dy)
        self._fitted = False
        self._moved_about()

    def scale(self) -> float:
        """Pixels per millimetre."""
        return self._transform.m11()

    def _renew(self) -> None:
        self._crisp.stop()
        self._cache = None
        self.update()

    def _moved_about(self) -> None:
        """While the hand moves the picture its last painting is moved; it is painted anew when the hand rests."""
        self._crisp.start()
        self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        if self._faces:
            self._place([f.drawing for f in self._faces])
            self._build()
            if self._fitted:
                self.fit()
        self._renew()

    # -- painting -------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._cache is None:
            ratio = self.devicePixelRatioF()
            self._cache = QPixmap(self.size() * ratio)
            self._cache.setDevicePixelRatio(ratio)
            painter = QPainter(self._cache)
            painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.TextAntialiasing)
            self._paint_all(painter)
            painter.end()
            self._cached_at = QTransform(self._transform)
        painter = QPainter(self)
        if self._cached_at == self._transform:
            painter.drawPixmap(0, 0, self._cache)
        else:
            painter.fillRect(self.rect(), self._palette.colour("bench"))
            painter.setTransform(self._cached_at.inverted()[0] * self._transform)
            painter.drawPixmap(0, 0, self._cache)
            painter.resetTransform()
        self._paint_bands(painter)
        self._paint_tool(painter)
        if self.hasFocus():
            painter.setPen(QPen(self._palette.colour("accent"), 2))
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))

    def _paint_all(self, painter: QPainter) -> None:
        painter.fillRect(self.rect(), self._palette.colour("bench"))
        self._paint_grid(painter)
        painter.setTransform(self._transform)
        for face in self._faces:
            for batch in face.batches:
                self._paint_batch(painter, batch)
        painter.resetTransform()
        for face in self._faces:
            for at, label in face.labels:
                self._paint_label(painter, at, label)
        self._paint_values(painter)
        self._paint_selected(painter)
        self._paint_caption(painter)

    def _paint_grid(self, painter: QPainter) -> None:
        step = GRID_MM * self.scale()
        if step < 6:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        painter.setPen(QPen(self._palette.colour("grid"), 1))
        x = self._transform.dx() % step
        while x < self.width():
            painter.drawLine(QPointF(x, 0), QPointF(x, self.height()))
            x += step
        y = self._transform.dy() % step
        while y < self.height():
            painter.drawLine(QPointF(0, y), QPointF(self.width(), y))
            y += step
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, True)

    def _quiet(self, role: str) -> bool:
        return any(role.startswith(beginning) for beginning in self._paint.quiet)

    def _paint_batch(self, painter: QPainter, batch: _Batch) -> None:
        fill_name, line_name, line_width = self._palette.roles.get(batch.role, (None, None, 0))
        quiet = self._quiet(batch.role)
        if batch.role == "weld" and (quiet or self.scale() < SMALLEST_WELD_SCALE):
            return
        if (
            batch.role.endswith(".back")
            and batch.discs
            and batch.discs[0][1] / BACK_OVER_TEXT * self.scale() < SMALLEST_TEXT
        ):
            # Its number would be too small to be painted; a dot alone tells nothing.
            return
        painter.setOpacity(QUIET_OPACITY if quiet else 1.0)
        fill = QColor(fill_name) if fill_name else QColor(0, 0, 0, 0)
        line = QColor(line_name) if line_name else None
        marked = bool(batch.mark) and not quiet
        if marked and batch.mark in ("good", "look", "bad", "lit"):
            fill = self._palette.colour(MARK_COLOURS[batch.mark])
        if batch.width:
            self._paint_stroke(painter, batch, fill, line, line_width, marked)
        else:
            painter.setPen(QPen(line, line_width) if line else Qt.PenStyle.NoPen)
            if marked and batch.mark == "open":
                painter.setOpacity(0.35)
            if batch.role == "outline.insulation" and marked:
                painter.setPen(QPen(self._palette.colour("accent"), 1.2))
                fill = QColor(fill_name or "#00000000")
            painter.setBrush(fill)
            if len(batch.discs) > FEW_DISCS:
                self._paint_discs(painter, batch.discs)
            else:
                batch.paint(painter)
        painter.setOpacity(1.0)

    def _paint_discs(self, painter: QPainter, discs: list[tuple[QPointF, float]]) -> None:
        """Paint many discs of a few sizes as copies of one picture each, a quarter of the time of painting every one."""
        scale, ratio = self.scale(), self.devicePixelRatioF()
        pen, brush, opacity = QPen(painter.pen()), painter.brush(), painter.opacity()
        sprites: dict[float, QPixmap] = {}
        painter.save()
        painter.resetTransform()
        painter.setOpacity(1.0)  # it is in the sprite already
        for centre, radius in discs:
            place = self._transform.map(centre)
            reach = (radius + pen.widthF()) * scale + 1
            if not (-reach < place.x() < self.width() + reach and -reach < place.y() < self.height() + reach):
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

    def _paint_stroke(
        self, painter: QPainter, batch: _Batch, fill: QColor, line: QColor | None, edge: float, marked: bool
    ) -> None:
        painter.setBrush(Qt.BrushStyle.NoBrush)
        flat, join = Qt.PenCapStyle.FlatCap, Qt.PenJoinStyle.RoundJoin
        if marked and batch.mark == "open":
            outline = QPen(self._palette.colour("quiet"), 0.5, Qt.PenStyle.DashLine)
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
        if line is not None and not self._quiet(batch.role):
            painter.setPen(QPen(line, batch.width + 2 * edge, Qt.PenStyle.SolidLine, flat, join))
            painter.drawPath(batch.path)
        painter.setPen(QPen(fill, batch.width, Qt.PenStyle.SolidLine, flat, join))
        painter.drawPath(batch.path)

    def _paint_label(self, painter: QPainter, at: QPointF, label: Label) -> None:
        height = label.height * self.scale()
        if height < SMALLEST_TEXT:
            return
        place = self._transform.map(at)
        if not (-300 < place.x() < self.width() + 300 and -60 < place.y() < self.height() + 60):
            return
        if self._quiet(label.role):
            # Too faint to be read anyway; drawing them would only cost time.
            return
        fill, _, _ = self._palette.roles.get(label.role, (None, None, 0))
        painter.setFont(_label_font(max(round(height), 1)))
        painter.setPen(QColor(fill or self._palette.ink))
        if label.anchor == "start":
            painter.drawText(QPointF(place.x(), place.y() + height * 0.36), label.text)
        else:
            box = QRectF(place.x() - 500, place.y() - height, 1000, 2 * height)
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, label.text)

    def _paint_values(self, painter: QPainter) -> None:
        if not self._paint.values:
            return
        font = QFont(FAMILY)
        font.setPixelSize(max(11, min(15, round(3.6 * self.scale()))))
        font.setWeight(QFont.Weight.DemiBold)
        painter.setFont(font)
        metrics = QFontMetricsF(font)
        for ref, at in self.targets().items():
            text = self._paint.values.get(ref)
            if not text:
                continue
            edge = self._palette.colour(MARK_COLOURS.get(self._paint.marks.get(ref, ""), "quiet"))
            self._paint_tag(painter, self._transform.map(at), text, metrics, edge)

    def _paint_selected(self, painter: QPainter) -> None:
        if not self._selected:
            return
        painter.setTransform(self._transform)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for face in self._faces:
            for shape in face.drawing.shapes:
                if shape.ref != self._selected or isinstance(shape, Label):
                    continue
                # Dark under light, so that it is seen on every ground.
                for colour, width in (("ink", 1.6), ("lit", 0.9)):
                    painter.setPen(QPen(self._palette.colour(colour), width))
                    if isinstance(shape, Disc):
                        painter.drawEllipse(_to_scene(face.origin, shape.centre), shape.radius, shape.radius)
                    elif isinstance(shape, Area):
                        painter.drawPolygon(QPolygonF([_to_scene(face.origin, p) for p in shape.points]))
                    elif isinstance(shape, Stroke):
                        points = [_to_scene(face.origin, p) for p in shape.points]
                        painter.drawPolyline(QPolygonF(points))
        painter.resetTransform()

    def _paint_bands(self, painter: QPainter) -> None:
        if self._scale_words is None:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setTransform(self._transform)
        ramp = self._palette.ramp_colours()
        pen = QPen(ramp[0], 1, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap)
        for face, bands in zip(self._faces, self._bands, strict=False):
            for band in bands:
                pen.setColor(ramp[round(min(max(band.tone, 0.0), 1.0) * (len(ramp) - 1))])
                pen.setWidthF(band.width * 0.8)
                painter.setPen(pen)
                painter.drawLine(_to_scene(face.origin, band.line[0]), _to_scene(face.origin, band.line[1]))
        painter.resetTransform()
        font = _label_font(max(11, min(15, round(3.6 * self.scale()))))
        painter.setFont(font)
        metrics = QFontMetricsF(font)
        for face, bands in zip(self._faces, self._bands, strict=False):
            for band in bands:
                if band.text:
                    (x0, y0), (x1, y1) = band.line
                    at = self._transform.map(_to_scene(face.origin, ((x0 + x1) / 2, (y0 + y1) / 2)))
                    self._paint_tag(painter, at, band.text, metrics, self._palette.colour("ink"))
        self._paint_scale(painter, self._scale_words, ramp)

    def _paint_tag(
        self, painter: QPainter, at: QPointF, text: str, metrics: QFontMetricsF, edge: QColor
    ) -> None:
        width = metrics.horizontalAdvance(text) + 8
        box = QRectF(at.x() - width / 2, at.y() - metrics.height() / 2, width, metrics.height())
        painter.setPen(QPen(edge, 1.5))
        painter.setBrush(self._palette.colour("raised"))
        painter.drawRoundedRect(box, 3, 3)
        painter.setPen(self._palette.colour("ink"))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    def _paint_scale(self, painter: QPainter, words: Scale, ramp: list[QColor]) -> None:
        font = QFont(self.font())
        font.setPointSizeF(font.pointSizeF() * 0.92)
        painter.setFont(font)
        metrics = QFontMetricsF(font)
        high, wide = metrics.height(), 150.0
        left, top = 12.0, self.height() - high * 1.9
        for n, colour in enumerate(ramp):
            painter.fillRect(
                QRectF(left + n * wide / len(ramp), top, wide / len(ramp) + 1, high * 0.6), colour
            )
        painter.setPen(self._palette.colour("ink"))
        line = QRectF(left, top + high * 0.6, wide, high)
        painter.drawText(line, Qt.AlignmentFlag.AlignLeft, words.low)
        painter.drawText(line, Qt.AlignmentFlag.AlignRight, words.high)
        painter.drawText(QRectF(left, top - high, 3 * wide, high), Qt.AlignmentFlag.AlignLeft, words.title)

    def _paint_tool(self, painter: QPainter) -> None:
        """What a tool has taken up, and the way of the mouse so far."""
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setTransform(self._transform)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for ref in self.marked:
            for face in self._faces:
                at = face.drawing.targets.get(ref)
                if at is not None:
                    painter.setPen(QPen(self._palette.colour("accent"), 1.2))
                    painter.drawEllipse(_to_scene(face.origin, at), 7.0, 7.0)
        painter.resetTransform()
        g = self._gesture
        if g is None or not g.moved:
            return
        painter.setPen(QPen(self._palette.colour("accent"), 2, Qt.PenStyle.DashLine))
        first, last = QPointF(*g.way[0]), QPointF(*g.way[-1])
        if self.tool is Tool.BLOCK:
            painter.drawRect(QRectF(first, last).normalized())
        elif self.tool is Tool.MOVE:
            painter.drawLine(first, last)
            painter.drawEllipse(last, 9.0 * self.scale(), 9.0 * self.scale())
        else:
            painter.drawPolyline(QPolygonF([QPointF(*p) for p in g.way]))

    def _paint_caption(self, painter: QPainter) -> None:
        if not self._paint.caption:
            return
        font = QFont(self.font())
        font.setPointSizeF(font.pointSizeF() * 0.92)
        painter.setFont(font)
        painter.setPen(self._palette.colour("quiet"))
        painter.drawText(
            self.rect().adjusted(12, 6, -12, -6),
            Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft,
            self._paint.caption,
        )

    # -- hand -----------------------------------------------------------------------------------------

    def ref_at(self, place: QPointF, kinds: tuple[str, ...] = ("",)) -> str:
        """Return the ref of the topmost part at a point of the widget, of refs that begin with one of `kinds`."""
        scene = self._transform.inverted()[0].map(place)
        for face in reversed(self._faces):
            point = (scene.x() - face.origin.x(), face.origin.y() - scene.y())
            for shape in reversed(face.drawing.shapes):
                if (
                    shape.ref.startswith(kinds)
                    and shape.ref
                    and not self._quiet(shape.role)
                    and _holds(shape, point)
                ):
                    return shape.ref
        return ""

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        if self.tool is not Tool.LOOK and event.button() == Qt.MouseButton.LeftButton and self._faces:
            at = event.position()
            number, start = self.on_face(at)
            self._gesture = Gesture(number, start, start, [], [(at.x(), at.y())])
            self._touch(at)
            return
        self._drag, self._moved = event.position(), False

    def _touch(self, at: QPointF) -> None:
        assert self._gesture is not None
        # A blocked place may lie under a cell; the tool that blocks sees only those.
        ref = self.ref_at(at, ("blocked:",) if self.tool is Tool.BLOCK else ("cell:", "spare:"))
        if ref and (not self._gesture.refs or self._gesture.refs[-1] != ref):
            self._gesture.refs.append(ref)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._gesture is not None:
            at, g = event.position(), self._gesture
            g.way.append((at.x(), at.y()))
            g.moved = g.moved or (at - QPointF(*g.way[0])).manhattanLength() > 4
            self._touch(at)
            self.update()
            return
        if self._drag is not None and event.buttons():
            step = event.position() - self._drag
            if self._moved or step.manhattanLength() > 4:
                self._moved = True
                self.pan(step.x(), step.y())
                self._drag = event.position()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._gesture is not None:
            g, self._gesture = self._gesture, None
            _, g.end = self.on_face(event.position())
            self.update()
            self.gestured.emit(g)
            return
        if not self._moved:
            self.select(self.ref_at(event.position()))
        self._drag = None

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.fit()

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom(1.0015 ** event.angleDelta().y(), event.position())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        step = 40
        moves = {
            Qt.Key.Key_Left: (step, 0),
            Qt.Key.Key_Right: (-step, 0),
            Qt.Key.Key_Up: (0, step),
            Qt.Key.Key_Down: (0, -step),
        }
        key = Qt.Key(event.key())
        if self.tool is not Tool.LOOK and key in TOOL_KEYS | moves.keys() and self._selected:
            self.key_pressed.emit(event)
            return
        if key in moves:
            self.pan(*moves[key])
        elif key in (Qt.Key.Key_Plus, Qt.Key.Key_Equal):
            self.zoom(1.25)
        elif key == Qt.Key.Key_Minus:
            self.zoom(0.8)
        elif key == Qt.Key.Key_0:
            self.fit()
        elif key in (Qt.Key.Key_BracketRight, Qt.Key.Key_BracketLeft):
            self._walk(1 if key == Qt.Key.Key_BracketRight else -1)
        elif key == Qt.Key.Key_Escape and self._selected:
            self.select("")
        else:
            super().keyPressEvent(event)

    def _walk(self, by: int) -> None:
        refs = [r for r in self.targets() if not r.startswith("node:")]
        if refs:
            now = refs.index(self._selected) if self._selected in refs else (-1 if by > 0 else 0)
            self.select(refs[(now + by) % len(refs)])


def _holds(shape: Shape, point: tuple[float, float]) -> bool:
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
            _distance(point, a, b) <= reach for a, b in zip(shape.points, shape.points[1:], strict=False)
        )
    return False


def _distance(point: tuple[float, float], a: tuple[float, float], b: tuple[float, float]) -> float:
    """Distance of a point from a segment."""
    dx, dy = b[0] - a[0], b[1] - a[1]
    length = dx * dx + dy * dy
    along = (
        0.0 if length == 0 else max(0.0, min(1.0, ((point[0] - a[0]) * dx + (point[1] - a[1]) * dy) / length))
    )
    return float(((point[0] - a[0] - along * dx) ** 2 + (point[1] - a[1] - along * dy) ** 2) ** 0.5)
