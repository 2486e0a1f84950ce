"""Drawings at true size to cut, drill and lay out by: cells and holder, strips, plates, insulation sheet."""

from itertools import pairwise

import numpy as np

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.tongue import Tell
from firmcell.core.geometry.plane import hull
from firmcell.core.model.design import Design, Face, StripStyle
from firmcell.core.model.joint_kinds import HOLE_EASE_M, JoinedBy
from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Drawing,
    Label,
    Point,
    Shape,
    Stroke,
    bounds_of,
    told_drawing,
)
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.strips.laid import laid_points, unit
from firmcell.core.strips.lead_ends import lead_ends_on, lead_seat, lead_thread
from firmcell.core.strips.made_of import strip_asked, width_laid
from firmcell.core.strips.plates import plates
from firmcell.core.strips.runs import StripKind, metal_runs

MM = 1e3


@frozen
class Template:
    """One drawing at true size.

    Attributes
    ----------
    name : what it is for, such as “top face, strips”.
    layer : prefix of its layers in a DXF file.
    drawing : shapes in mm, as they lie with this face up.
    """

    name: str
    layer: str
    drawing: Drawing

    def told(self, tell: Tell) -> "Template":
        """Return it in another language; its layer is a name for machines."""
        return Template(tell(self.name), self.layer, told_drawing(self.drawing, tell))


def templates(design: Design, analysis: Analysis) -> tuple[Template, ...]:
    """Return all templates: cells, metal and sheet of each face."""
    made = []
    for face in Face:
        painter = _TemplatePainter(design, analysis, face)
        metal = "plates" if design.joining.style is StripStyle.PLATES else "strips"
        for what, draw in (("cells", painter.cells), (metal, painter.metal), ("sheet", painter.sheet)):
            shapes = draw()
            title = f"{face.value} face, {what}" + (" (number / group)" if what == "cells" else "")
            layer = f"{face.value.upper()}_{what.upper()}"
            made.append(Template(title, layer, Drawing(title, tuple(shapes), bounds_of(shapes))))
    return tuple(made)


class _TemplatePainter:
    def __init__(self, design: Design, analysis: Analysis, face: Face) -> None:
        self.design, self.layout, self.face = design, analysis.layout, face
        self.place = as_it_lies(face, design.arrangement.turn_axis)

    def path(self, points: Array) -> tuple[Point, ...]:
        """Points in m as they lie on this face, in mm."""
        return tuple(self.place(x * MM, y * MM) for x, y in points.tolist())

    def cells(self) -> list[Shape]:
        """Outline of every cell with a cross at its middle, number, group and sign."""
        cell = self.design.cell
        shapes: list[Shape] = []
        for c in self.layout.cells:
            middle = np.array([c.x_m, c.y_m])
            at, ref = self.place(c.x_m * MM, c.y_m * MM), f"cell:{c.number}"
            if cell.is_round:
                radius = cell.largest_m[0] / 2 * MM
                shapes.append(Disc(at, radius, "template.cell", ref))
            else:
                half, (co, si) = np.array(cell.largest_m) / 2, (np.cos(c.angle_rad), np.sin(c.angle_rad))
                turn = np.array([[co, si], [-si, co]])
                box = (np.array([[-1, -1], [1, -1], [1, 1], [-1, 1]]) * half) @ turn + middle
                shapes.append(Area(self.path(box), "template.cell", ref))
                radius = min(cell.largest_m) / 2 * MM
            x, y = at
            for cross in (((x - 2, y), (x + 2, y)), ((x, y - 2), (x, y + 2))):
                shapes.append(Stroke(cross, 0.15, "template.cross", ref))
            if cell.is_round:
                sign = "+" if c.positive_up == (self.face is Face.TOP) else "−"
                shapes.append(Label((x, y + radius * 0.55), sign, radius * 0.6, "template.text", ref))
            shapes.append(
                Label((x, y - radius * 0.5), f"{c.number} / {c.group}", radius * 0.28, "template.text", ref)
            )
        return shapes

    def metal(self) -> list[Shape]:
        """Strips as cut, or plates with their slots."""
        if self.design.joining.style is StripStyle.PLATES:
            return self._plates()
        shapes: list[Shape] = []
        # Of screws the hole itself, elsewhere a dot on the middle of the pad.
        joining = self.design.joining
        seat = lead_seat(joining, self.design.leads, self.layout.pitch_m)
        screw = (lead_thread(joining, self.design.leads) + HOLE_EASE_M) / 2 * MM
        mark = (joining.thread_m + HOLE_EASE_M) / 2 * MM if joining.joined_by is JoinedBy.SCREW else 0.5
        for run in metal_runs(self.layout, joining):
            if run.face is not self.face or run.kind is StripKind.BRIDGE:
                continue
            _, layers, under = strip_asked(self.design.joining, run.kind)
            half, points = width_laid(joining, run.kind) / 2, laid_points(self.layout, run, seat)
            if not run.bends:
                points = points[[0, -1]]
            for a, b in pairwise(points):
                way = unit(b - a)
                across = np.array([-way[1], way[0]]) * half
                box = np.array([a - across, b - across, b + across, a + across])
                shapes.append(Area(self.path(box), "template.strip", f"strip:{run.id}"))
            middle = (points[0] + points[-1]) / 2
            words = f"{run.id}" + (f" ×{layers}" if layers > 1 else "") + (" + copper" if under else "")
            shapes.append(
                Label(self.place(*(middle * MM).tolist()), words, 2.2, "template.text", f"strip:{run.id}")
            )
            for x, y in run.points_m:
                shapes.append(Disc(self.place(x * MM, y * MM), mark, "template.cross", f"strip:{run.id}"))
            for end in lead_ends_on(self.layout, run, seat) if seat.bolted else ():
                # The hole for the screw of the lug.
                x, y = end.middle
                shapes.append(Disc(self.place(x * MM, y * MM), screw, "template.cross", f"strip:{run.id}"))
        return shapes

    def _plates(self) -> list[Shape]:
        shapes: list[Shape] = []
        for plate in plates(self.layout, self.design.joining, self.design.cell):
            if plate.face is not self.face:
                continue
            ref = f"strip:{plate.id}"
            shapes.append(Area(self.path(plate.outline_m), "template.plate", ref))
            shapes += [Area(self.path(hole), "template.plate", ref) for hole in plate.holes_m]
            shapes += [Area(self.path(slot), "template.slot", ref) for slot in plate.slots_m]
            wide = (self.design.joining.fuse_wire_m or 0.0) * MM
            shapes += [Stroke(self.path(wire), wide, "template.cross", ref) for wire in plate.wires_m]
            middle = np.array(list(plate.pads_m.values())).mean(axis=0) * MM
            shapes.append(Label(self.place(*middle.tolist()), plate.id, 3.0, "template.text", ref))
        return shapes

    def sheet(self) -> list[Shape]:
        """The insulation sheet of this face: the hull of the cells, with room for the sheet round the
        sides."""
        shapes: list[Shape] = []
        design = self.design
        along, across = design.cell.largest_m
        angles = np.arange(48) * np.pi / 24
        for layer in range(1, self.layout.layers + 1):
            mine = [c for c in self.layout.cells if c.layer == layer]
            if design.cell.is_round:
                ring = np.column_stack([np.cos(angles), np.sin(angles)]) * (
                    along / 2 + design.insulation.side_m
                )
                corners = np.concatenate([ring + np.array([c.x_m, c.y_m]) for c in mine])
            else:
                half = np.array([along, across]) / 2 + design.insulation.side_m
                box = np.array([[-1, -1], [1, -1], [1, 1], [-1, 1]]) * half
                corners = np.concatenate(
                    [
                        box
                        @ np.array(
                            [
                                [np.cos(c.angle_rad), np.sin(c.angle_rad)],
                                [-np.sin(c.angle_rad), np.cos(c.angle_rad)],
                            ]
                        )
                        + np.array([c.x_m, c.y_m])
                        for c in mine
                    ]
                )
            line = hull(corners)
            shapes.append(Area(self.path(line), "template.sheet", "insulation"))
            middle = line.mean(axis=0) * MM
            words = f"sheet {design.insulation.sheet_m * MM:.2f} mm, {self.face.value} face"
            shapes.append(Label(self.place(*middle.tolist()), words, 4.0, "template.text", "insulation"))
        return shapes
