"""Where each picture lies in the view, and its shapes in batches of one look."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import (
    QPainterPath,
    QPainterPathStroker,
    QPolygonF,
    QTransform,
)

from firmcell.app.canvas.batches import Batch, Placed, to_scene
from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Drawing,
    Label,
    Shape,
    Stroke,
    bounds_of,
    scaled,
    trimmed_bounds,
)

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


GAP_MM, BESIDE_MM = 3.0, 8.0
"""Between pictures one under the other, whose words part them, and side by side."""
BOXES_KEPT = 8
OUTLYING = ("lead", "tap", "label.tap")
"""What runs out far beyond the cells: where it stands back, the picture is fitted to the rest."""


def _shape(drawing: Drawing) -> float:
    """Width over height."""
    x0, y0, x1, y1 = drawing.bounds
    return (x1 - x0) / (y1 - y0)


def outline_of(face: Placed, refs: frozenset[str]) -> QPainterPath:
    """Return the outline of some parts of a face, by ref, in the scene; of a cell its largest disc."""
    path = QPainterPath()
    path.setFillRule(Qt.FillRule.WindingFill)
    cells: set[str] = set()
    stroker = QPainterPathStroker()
    stroker.setCapStyle(Qt.PenCapStyle.FlatCap)
    for shape in face.drawing.shapes:
        if shape.ref not in refs or isinstance(shape, Label) or shape.role == "weld":
            continue
        if isinstance(shape, Disc):
            if shape.ref not in cells:
                path.addEllipse(to_scene(face.origin, shape.centre), shape.radius, shape.radius)
            cells.add(shape.ref)
        elif isinstance(shape, Area):
            path.addPolygon(QPolygonF([to_scene(face.origin, p) for p in (*shape.points, shape.points[0])]))
        else:
            way = QPainterPath(to_scene(face.origin, shape.points[0]))
            for point in shape.points[1:]:
                way.lineTo(to_scene(face.origin, point))
            stroker.setWidth(shape.width)
            path.addPath(stroker.createStroke(way))
    return path


class Placing:
    """Where each picture lies in the view, and its shapes in batches of one look."""

    def __init__(self, view: "PackView") -> None:
        self.view = view
        self._boxes: list[tuple[Drawing, tuple[str, ...], tuple[float, float, float, float]]] = []

    def outlying(self) -> tuple[str, ...]:
        """Roles to which the picture is not fitted, at the stage that is shown."""
        return tuple(role for role in self.view._paint.quiet if role.startswith(OUTLYING))

    def fitted(self, faces: list[Placed]) -> QRectF:
        """The part of the scene that is shown when all is fitted in."""
        without, whole = self.outlying(), QRectF()
        for face in faces:
            x0, y0, x1, y1 = self._trimmed(face.drawing, without)
            whole = whole.united(QRectF(to_scene(face.origin, (x0, y1)), to_scene(face.origin, (x1, y0))))
        return whole

    def fit_part(self) -> bool:
        """Show the part that is picked as large as it can be with what lies round it; whether there is
        one."""
        box = self.around(self.view._selected) if self.view._selected else QRectF()
        if box.isEmpty():
            return False
        self.show(box)
        self.view._fitted = False
        return True

    def show(self, box: QRectF) -> None:
        """Show a part of the scene as large as the widget has room for it."""
        margin = 6.0
        # The caption stands in the top line by itself, the scale of colours in the lowest.
        line = self.view.fontMetrics().height()
        top = line + margin
        room = self.view.height() - top - line - margin / 2
        scale = min((self.view.width() - 2 * margin) / max(box.width(), 1), room / max(box.height(), 1))
        scale = max(scale, 0.05)
        dx = (self.view.width() - box.width() * scale) / 2 - box.left() * scale
        dy = top + (room - box.height() * scale) / 2 - box.top() * scale
        self.view._transform = QTransform(scale, 0, 0, scale, dx, dy)
        self.view._renew()

    def around(self, ref: str) -> QRectF:
        """The part of the scene round a part, with as much again on each side; empty if it is not drawn."""
        # One place: of a part on both faces that on the last, where its card points to.
        for face in reversed(self.view._faces):
            shapes: list[Shape] = [
                s for s in face.drawing.shapes if s.ref == ref and not isinstance(s, Label)
            ]
            if shapes:
                x0, y0, x1, y1 = bounds_of(shapes)
                box = QRectF(to_scene(face.origin, (x0, y1)), to_scene(face.origin, (x1, y0)))
                side = max(box.width(), box.height())
                return box.adjusted(-side, -side, side, side)
        return QRectF()

    def _trimmed(self, drawing: Drawing, without: tuple[str, ...]) -> tuple[float, float, float, float]:
        for known, roles, box in self._boxes:
            if known is drawing and roles == without:
                return box
        box = trimmed_bounds(drawing, without)
        self._boxes = [(drawing, without, box), *self._boxes[:BOXES_KEPT]]
        return box

    def place(self, drawings: list[Drawing]) -> None:
        """Lay the drawings out in the way that shows them largest."""
        schematic = drawings[-1] if len(drawings) > 1 and drawings[-1].title == "wiring" else None
        plain = drawings[:-1] if schematic else drawings
        ways = [self._under(plain), self._beside(plain)]
        if schematic:
            ways = [[*way, at] for way in ways for at in self._schematic(schematic, self.fitted(way))]
        faces = max(ways, key=lambda way: self._scale(self.fitted(way)))
        self.view._faces = faces
        self.view._scene = self.fitted(faces)

    def _schematic(self, drawing: Drawing, box: QRectF) -> tuple[Placed, Placed]:
        """A drawing without scale beside the faces, as high as they are, and under them, as high or wide."""
        y0, y1 = drawing.bounds[1], drawing.bounds[3]
        beside = scaled(drawing, box.height() / (y1 - y0))
        under = scaled(drawing, min(box.height(), box.width() / _shape(drawing)) / (y1 - y0))
        right = QPointF(box.right() + GAP_MM - beside.bounds[0], box.top() + beside.bounds[3])
        below = QPointF(box.left() - under.bounds[0], box.bottom() + GAP_MM + under.bounds[3])
        return Placed(beside, right, [], []), Placed(under, below, [], [])

    def _scale(self, box: QRectF) -> float:
        return min(max(self.view.width(), 1) / box.width(), max(self.view.height(), 1) / box.height())

    def _under(self, drawings: list[Drawing]) -> list[Placed]:
        """One under the other, with one x axis, so that a column is seen through both."""
        left, y, placed = min(d.bounds[0] for d in drawings), 0.0, []
        for drawing in drawings:
            placed.append(Placed(drawing, QPointF(-left, y + drawing.bounds[3]), [], []))
            y += drawing.bounds[3] - drawing.bounds[1] + GAP_MM
        return placed

    def _beside(self, drawings: list[Drawing]) -> list[Placed]:
        """Side by side."""
        x, placed = 0.0, []
        for drawing in drawings:
            placed.append(Placed(drawing, QPointF(x - drawing.bounds[0], drawing.bounds[3]), [], []))
            x += drawing.bounds[2] - drawing.bounds[0] + BESIDE_MM
        return placed

    def build(self) -> None:
        for face in self.view._faces:
            face.batches, face.labels = [], []
            for shape in face.drawing.shapes:
                if isinstance(shape, Label):
                    face.labels.append((to_scene(face.origin, shape.centre), shape))
                else:
                    self.add(face, shape)

    def add(self, face: Placed, shape: Shape) -> None:
        role = shape.role
        if role == "cell.wrap" and getattr(shape, "tone", 0) % 2:
            role = "cell.wrap.odd"
        mark = self.view._paint.marks.get(shape.ref, "") if role not in ("weld", "cell.wrap") else ""
        width = shape.width if isinstance(shape, Stroke) else 0.0
        batch = next(
            (b for b in reversed(face.batches[-12:]) if (b.role, b.mark, b.width) == (role, mark, width)),
            None,
        )
        if batch is None:
            batch = Batch(role, mark, QPainterPath(), width)
            face.batches.append(batch)
        if isinstance(shape, Disc):
            batch.discs.append((to_scene(face.origin, shape.centre), shape.radius))
        elif isinstance(shape, Area):
            batch.path.addPolygon(
                QPolygonF([to_scene(face.origin, p) for p in (*shape.points, shape.points[0])])
            )
        elif isinstance(shape, Stroke):
            points = [to_scene(face.origin, p) for p in shape.points]
            batch.path.moveTo(points[0])
            for point in points[1:]:
                batch.path.lineTo(point)
