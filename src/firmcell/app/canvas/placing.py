"""Where each picture lies in the view, and its shapes in batches of one look."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF
from PySide6.QtGui import (
    QPainterPath,
    QPolygonF,
)

from firmcell.app.canvas.batches import Batch, Placed, to_scene
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke, scaled

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


GAP_MM = 8.0


class Placing:
    """Where each picture lies in the view, and its shapes in batches of one look."""

    def __init__(self, view: "PackView") -> None:
        self.view = view

    def place(self, drawings: list[Drawing]) -> None:
        if len(drawings) > 2 and drawings[-1].title == "wiring":
            # The schematic has no scale: it is drawn as large as the faces are high, whichever way they lie.
            ways = [self._beside(drawings[:-1]), self._under(drawings[:-1])]
            faces, size = max(
                (self._with_schematic(way, drawings[-1]) for way in ways), key=lambda way: self._scale(way[1])
            )
        else:
            faces, size = max(
                (self._under(drawings), self._beside(drawings)), key=lambda way: self._scale(way[1])
            )
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

    def _with_schematic(
        self, way: tuple[list[Placed], tuple[float, float]], schematic: Drawing
    ) -> tuple[list[Placed], tuple[float, float]]:
        """The faces as they lie, and the schematic at their side in their height."""
        placed, (wide, high) = way
        large = scaled(schematic, high / (schematic.bounds[3] - schematic.bounds[1]))
        origin = QPointF(wide + GAP_MM - large.bounds[0], large.bounds[3])
        whole = wide + GAP_MM + large.bounds[2] - large.bounds[0]
        return [*placed, Placed(large, origin, [], [])], (whole, high)

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
