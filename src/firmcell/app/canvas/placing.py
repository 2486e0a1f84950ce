"""Where each picture lies in the view, and its shapes in batches of one look."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF
from PySide6.QtGui import (
    QPainterPath,
    QPolygonF,
)

from firmcell.app.canvas.batches import Batch, Placed, to_scene
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke

if TYPE_CHECKING:
    from firmcell.app.canvas.view import PackView


class Placing:
    """Where each picture lies in the view, and its shapes in batches of one look."""

    def __init__(self, view: "PackView") -> None:
        self.view = view

    def place(self, drawings: list[Drawing]) -> None:
        gap = 8.0
        if len(drawings) > 2 and drawings[-1].title == "wiring":
            self.place_beside(drawings, gap)
            return
        sizes = [(d.bounds[2] - d.bounds[0], d.bounds[3] - d.bounds[1]) for d in drawings]
        under = (max(w for w, _ in sizes), sum(h for _, h in sizes) + gap * (len(sizes) - 1))
        beside = (sum(w for w, _ in sizes) + gap * (len(sizes) - 1), max(h for _, h in sizes))

        def scale(whole: tuple[float, float]) -> float:
            return min(max(self.view.width(), 1) / whole[0], max(self.view.height(), 1) / whole[1])

        stack = scale(under) >= scale(beside)
        self.view._faces = []
        x = y = 0.0
        left = min(d.bounds[0] for d in drawings)
        for drawing, (w, h) in zip(drawings, sizes, strict=True):
            # Under each other the faces keep one x axis, so that a column is seen through both.
            origin = QPointF(-left if stack else x - drawing.bounds[0], y + drawing.bounds[3])
            self.view._faces.append(Placed(drawing, origin, [], []))
            x, y = (0.0, y + h + gap) if stack else (x + w + gap, 0.0)
        self.view._scene = QRectF(0, 0, *(under if stack else beside))

    def place_beside(self, drawings: list[Drawing], gap: float) -> None:
        """The faces under each other, and the last picture at their side."""
        *faces, last = drawings
        left = min(d.bounds[0] for d in faces)
        wide = max(d.bounds[2] for d in faces) - left
        high = sum(d.bounds[3] - d.bounds[1] for d in faces) + gap * (len(faces) - 1)
        tall = last.bounds[3] - last.bounds[1]
        whole = max(high, tall)
        self.view._faces, y = [], (whole - high) / 2
        for drawing in faces:
            self.view._faces.append(Placed(drawing, QPointF(-left, y + drawing.bounds[3]), [], []))
            y += drawing.bounds[3] - drawing.bounds[1] + gap
        origin = QPointF(wide + gap - last.bounds[0], (whole - tall) / 2 + last.bounds[3])
        self.view._faces.append(Placed(last, origin, [], []))
        self.view._scene = QRectF(0, 0, wide + gap + last.bounds[2] - last.bounds[0], whole)

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
