"""Where each picture lies in the view, and its shapes in batches of one look."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import (
    QPainterPath,
    QPainterPathStroker,
    QPolygonF,
)

from firmcell.app.canvas.batches import Batch, Placed, to_scene
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke, scaled

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


GAP_MM = 8.0


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

    def place(self, drawings: list[Drawing]) -> None:
        schematic = drawings[-1] if len(drawings) > 2 and drawings[-1].title == "wiring" else None
        plain = drawings[:-1] if schematic else drawings

        def whole(way: tuple[list[Placed], tuple[float, float]]) -> tuple[float, float]:
            wide, high = way[1]
            return (wide + GAP_MM + high * _shape(schematic), high) if schematic else (wide, high)

        way = max((self._under(plain), self._beside(plain)), key=lambda way: self._scale(whole(way)))
        faces, size = way[0], whole(way)
        if schematic:
            # It has no scale: it is drawn as large as the faces are high, whichever way they lie.
            large = scaled(schematic, size[1] / (schematic.bounds[3] - schematic.bounds[1]))
            origin = QPointF(way[1][0] + GAP_MM - large.bounds[0], large.bounds[3])
            faces = [*faces, Placed(large, origin, [], [])]
        self.view._faces = faces
        self.view._scene = QRectF(0, 0, *size)

    def _scale(self, whole: tuple[float, float]) -> float:
        return min(max(self.view.width(), 1) / whole[0], max(self.view.height(), 1) / whole[1])

    def _under(self, drawings: list[Drawing]) -> tuple[list[Placed], tuple[float, float]]:
        """One under the other, with one x axis, so that a column is seen through both."""
        left, y, placed = min(d.bounds[0] for d in drawings), 0.0, []
        for drawing in drawings:
            placed.append(Placed(drawing, QPointF(-left, y + drawing.bounds[3]), [], []))
            y += drawing.bounds[3] - drawing.bounds[1] + GAP_MM
        return placed, (max(d.bounds[2] - d.bounds[0] for d in drawings), y - GAP_MM)

    def _beside(self, drawings: list[Drawing]) -> tuple[list[Placed], tuple[float, float]]:
        """Side by side."""
        x, placed = 0.0, []
        for drawing in drawings:
            placed.append(Placed(drawing, QPointF(x - drawing.bounds[0], drawing.bounds[3]), [], []))
            x += drawing.bounds[2] - drawing.bounds[0] + GAP_MM
        return placed, (x - GAP_MM, max(d.bounds[3] - d.bounds[1] for d in drawings))

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
