"""Numbers of groups and the dimensions on the picture of a face."""

from typing import TYPE_CHECKING

from firmcell.core.layout.cell_places import CellPlace
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.design import (
    Face,
)
from firmcell.core.pictures.drawing import (
    Disc,
    Label,
    Point,
    Stroke,
)
from firmcell.core.pictures.face_measures import FIRST_LANE_MM, LANE_MM, MM

if TYPE_CHECKING:
    from firmcell.core.pictures.face import _FacePainter


class FaceLabels:
    """Numbers of groups and the dimensions on the picture of a face."""

    def __init__(self, face: "_FacePainter") -> None:
        self.face = face

    def labels(self) -> None:
        """Group numbers and tap names, over everything else."""
        layout = self.face.layout
        size = min(self.face.cell.diameter_m * MM * 0.2, 4.4)
        for group in range(1, layout.series + 1):
            cells = layout.group_cells(group)
            if not cells:
                continue
            first, second = cells[(len(cells) - 1) // 2], cells[len(cells) // 2]
            at = self.face.place((first.x_m + second.x_m) / 2 * MM, (first.y_m + second.y_m) / 2 * MM)
            if not layout.in_rows:
                at = self._on_central_cell(cells)
            elif len(cells) == 1:
                at = (
                    at[0] + self.face.cell.diameter_m * MM * 0.26,
                    at[1] + self.face.cell.diameter_m * MM * 0.26,
                )
            self.face.targets[f"group:{group}"] = at
            self.face.shapes.append(Disc(at, size * 0.85, "label.group.back", f"group:{group}", group))
            self.face.shapes.append(Label(at, str(group), size, "label.group", f"group:{group}"))
        for tap in self.face.taps:
            if tap.face is self.face.face:
                x = self.face.targets[f"tap:{tap.number}"][0]
                sign = 1.0 if self.face.place(0.0, 1.0)[1] > 0 else -1.0
                lane = FIRST_LANE_MM + self.face.rear + (tap.number * LANE_MM if tap.wire_length_m else 0.0)
                at = (x, sign * (lane + (2.6 if tap.number == self.face.series else 0.0)))
                self.face.shapes.append(Disc(at, 2.5, "label.tap.back", f"tap:{tap.number}", tap.number))
                self.face.shapes.append(Label(at, tap.name, 2.9, "label.tap", f"tap:{tap.number}"))

    def _on_central_cell(self, cells: tuple[CellPlace, ...]) -> Point:
        """A place on the cell nearest to the middle of a group, beside its end."""
        x, y = (sum(v) / len(cells) for v in zip(*((c.x_m, c.y_m) for c in cells), strict=True))
        cell = min(cells, key=lambda c: (c.x_m - x) ** 2 + (c.y_m - y) ** 2)
        at = self.face.place(cell.x_m * MM, cell.y_m * MM)
        off = self.face.cell.diameter_m * MM * (0.26 if not self.face.layout.terminal_m else 0.0)
        return (at[0] + off, at[1] + off)

    def dimensions(self) -> None:
        """Outer length and width beside the face."""
        e = self.face.envelope
        x0, x1 = -self.face.half_length, self.face.half_length + self.face.board_depth
        side = -1.0 if self.face.place(0.0, 1.0)[1] > 0 else 1.0
        front = [-self.face.bench(0.0, room.region.bounds[1], room.layer)[1] for room in self.face.rooms]
        y = side * (max([self.face.half_width, *front]) + 4.0)
        ends = sorted((self.face.place(x0, 0)[0], self.face.place(x1, 0)[0]))
        self.face.shapes.append(Stroke(((ends[0], y), (ends[1], y)), 0.25, "dimension"))
        for x in ends:
            self.face.shapes.append(Stroke(((x, y - 1.6), (x, y + 1.6)), 0.25, "dimension"))
        title = "Top" if self.face.face is Face.TOP else "Bottom"
        axis = self.face.arrangement.turn_axis.value
        how = "" if self.face.face is Face.TOP else f", turned over about the {axis} axis"
        size = (
            "the open row, before it is folded into a stick"
            if is_stick(self.face.arrangement)
            else f"{e.length_m * MM:.1f} × {e.width_m * MM:.1f} mm outside"
        )
        self.face.shapes.append(
            Label((ends[0], y + side * 5.0), f"{title}{how}: {size}", 6.4, "label.title", anchor="start")
        )
