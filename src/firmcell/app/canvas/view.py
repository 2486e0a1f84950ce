"""The pack on the bench: both faces to scale, zoomed, panned, clicked and walked by keyboard."""

from collections.abc import Iterator

from PySide6.QtCore import QPointF, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import (
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPixmap,
    QResizeEvent,
    QTransform,
    QWheelEvent,
)
from PySide6.QtWidgets import QSizePolicy, QWidget

from firmcell.app.canvas.batches import Placed, to_scene
from firmcell.app.canvas.hit_test import holds
from firmcell.app.canvas.layers import layer_of
from firmcell.app.canvas.mouse_and_keys import Hands
from firmcell.app.canvas.overlay import OverlayPainter
from firmcell.app.canvas.painter import PackPainter
from firmcell.app.canvas.placing import Placing
from firmcell.app.canvas.tools import Gesture, Tool
from firmcell.app.theme import Palette
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.pictures.strip_colours import Band, Scale

CRISP_AFTER_MS = 90


class PackView(QWidget):
    """Shows drawings of the core; emits `picked` with the ref of what was clicked or walked to ("" for
    nothing)."""

    picked = Signal(str)
    gestured = Signal(object)
    key_pressed = Signal(object)

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.painter, self.placing, self.hands = PackPainter(self), Placing(self), Hands(self)
        self.overlay = OverlayPainter(self)
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
        self._faces: list[Placed] = []
        self._built = True
        self._shown: list[Drawing] = []
        self._scene = QRectF(0, 0, 100, 100)
        self._transform = QTransform()
        self._fitted = True
        self._selected = ""
        self._drag: QPointF | None = None
        self._moved = False
        self._cache: QPixmap | None = None
        self._over: QPixmap | None = None
        self._cached_at = QTransform()
        self._crisp = QTimer(self)
        self._crisp.setSingleShot(True)
        self._crisp.setInterval(CRISP_AFTER_MS)
        self._crisp.timeout.connect(self._renew)
        self.tool = Tool.LOOK
        self._gesture: Gesture | None = None
        self.marked: tuple[str, ...] = ()

    def show_bands(
        self, bands: list[tuple[Band, ...]], scale: Scale | None, covered: list[frozenset[str]] | None = None
    ) -> None:
        """Lay coloured bands over the faces, in their order; hatch what of each is `covered`, by ref."""
        if self.overlay.lay(bands, scale, covered or []) or self._cached_at != self._transform:
            self._renew()
        self._over = None
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

        def beside(face: Placed) -> float:
            x0, y0, x1, y1 = face.drawing.bounds
            x, y = scene.x() - face.origin.x(), face.origin.y() - scene.y()
            return max(x0 - x, x - x1, 0.0) + max(y0 - y, y - y1, 0.0)

        number = min(range(len(self._faces)), key=lambda n: beside(self._faces[n]))
        face = self._faces[number]
        return number, (scene.x() - face.origin.x(), face.origin.y() - scene.y())

    # -- what is shown --------------------------------------------------------------------------------

    def show_faces(self, drawings: list[Drawing], paint: StagePaint | None = None) -> None:
        """Show these faces, one under the other or side by side, whichever is larger on the screen."""
        same = len(drawings) == len(self._shown) and all(
            a is b for a, b in zip(drawings, self._shown, strict=True)
        )
        outlying = self.placing.outlying()
        before, self._paint = self._paint, paint or self._paint
        if same and self._paint == before:
            return
        if same and (self._paint.marks, self._paint.quiet) == (before.marks, before.quiet):
            # Only texts differ; what is painted under them stays as it is built.
            self._renew()
            return
        size = self._scene.size()
        if not same or self.placing.outlying() != outlying:
            self.placing.place(drawings)
            self._shown = list(drawings)
        self._built = False
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
        return {ref: to_scene(f.origin, at) for f in self._faces for ref, at in f.drawing.targets.items()}

    def each_place(self) -> Iterator[tuple[str, QPointF]]:
        """Every part with its place in the scene; what is seen on both faces comes twice."""
        for face in self._faces:
            for ref, at in face.drawing.targets.items():
                yield ref, to_scene(face.origin, at)

    def place_of(self, ref: str) -> QPointF | None:
        """Where a part is on the widget, or None."""
        at = self.targets().get(ref)
        return self._transform.map(at) if at is not None else None

    # -- looking --------------------------------------------------------------------------------------

    def fit(self) -> None:
        """Show everything."""
        self.placing.show(self.placing.fitted(self._faces) if self._faces else self._scene)
        self._fitted = True

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
        self._cache = self._over = None
        self.update()

    def _moved_about(self) -> None:
        """While the hand moves the picture its last painting is moved; it is painted anew when the hand
        rests."""
        self._crisp.start()
        self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        if self._faces:
            self.placing.place(self._shown)
            self._built = False
            if self._fitted:
                self.fit()
        self._renew()

    # -- painting -------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._cache is None:
            # Built when it is painted: a window gets its size after its first pictures.
            if not self._built:
                self.placing.build()
                self._built = True
            self._cache = layer_of(self, self.painter.paint_all)
            self._cached_at = QTransform(self._transform)
        if self._over is None and self.overlay.scale is not None:
            # Apart from what lies under it: a moment of a run changes the bands alone.
            self._over = layer_of(self, self.overlay.paint_bands)
        painter = QPainter(self)
        if self._cached_at != self._transform:
            painter.fillRect(self.rect(), self._palette.colour("bench"))
            painter.setTransform(self._cached_at.inverted()[0] * self._transform)
        painter.drawPixmap(0, 0, self._cache)
        if self._over is not None:
            painter.drawPixmap(0, 0, self._over)
        painter.resetTransform()
        self.painter.paint_tool(painter)
        if self.hasFocus():
            painter.setPen(QPen(self._palette.colour("accent"), 2))
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))

    # -- hand -----------------------------------------------------------------------------------------

    def ref_at(self, place: QPointF, kinds: tuple[str, ...] = ("",)) -> str:
        """Return the ref of the topmost part at a point of the widget, of refs that begin with one of
        `kinds`."""
        scene = self._transform.inverted()[0].map(place)
        for face in reversed(self._faces):
            point = (scene.x() - face.origin.x(), face.origin.y() - scene.y())
            for shape in reversed(face.drawing.shapes):
                if (
                    shape.ref.startswith(kinds)
                    and shape.ref
                    and not self.painter.quiet(shape.role)
                    and holds(shape, point)
                ):
                    return shape.ref
        return ""

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        if self.tool is not Tool.LOOK and event.button() == Qt.MouseButton.LeftButton and self._faces:
            self._gesture = self.hands.begin(event.position())
            self.hands.touch(event.position())
            return
        self._drag, self._moved = event.position(), False

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._gesture is not None:
            at, g = event.position(), self._gesture
            g.way.append((at.x(), at.y()))
            g.moved = g.moved or (at - QPointF(*g.way[0])).manhattanLength() > 4
            self.hands.touch(at)
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
        if self.tool is Tool.LOOK:
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
        if self.hands.wants(key, moves.keys()):
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
            self.hands.walk(1 if key == Qt.Key.Key_BracketRight else -1)
        elif key == Qt.Key.Key_Escape and self._selected:
            self.select("")
        else:
            super().keyPressEvent(event)
