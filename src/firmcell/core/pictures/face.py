"""The picture of one face of the pack, as it lies after turning."""

from collections.abc import Callable
from functools import lru_cache
from typing import NamedTuple

import numpy as np

from firmcell.core.analysis.figures import Analysis
from firmcell.core.bms.taps import Tap
from firmcell.core.geometry.plane import hull, turned
from firmcell.core.insulation.outer_size import Envelope, board_place
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.space import Room, blocked_ring, rooms_of
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.brief import Blocked, SpaceShape
from firmcell.core.model.design import (
    Arrangement,
    Bms,
    BoardPlace,
    Design,
    Face,
    Joining,
    Leads,
    Lie,
    PackInsulation,
    StripStyle,
    TurnAxis,
)
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Cell, StripMetal
from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Drawing,
    Label,
    Point,
    Shape,
    Stroke,
    bounds_of,
    rectangle,
)
from firmcell.core.pictures.face_labels import FaceLabels
from firmcell.core.pictures.face_measures import MM
from firmcell.core.pictures.face_wires import FaceWires, PlugOnBoard, plug_on_board
from firmcell.core.strips.laid import laid_points
from firmcell.core.strips.lead_ends import lead_seat
from firmcell.core.strips.made_of import metal_of, width_laid
from firmcell.core.strips.plates import plates
from firmcell.core.strips.runs import StripKind, metal_runs


def as_it_lies(face: Face, axis: TurnAxis) -> Callable[[float, float], Point]:
    """Return the map from the pack's own x, y (seen from above the top face) to the face as it lies.

    The top is seen as it is. Turned about its long axis, the bottom has front and rear exchanged;
    about its short axis, left and right.
    """
    if face is Face.TOP:
        return lambda x, y: (x, y)
    if axis is TurnAxis.LONG:
        return lambda x, y: (x, -y)
    return lambda x, y: (-x, y)


class FaceMatter(NamedTuple):
    """Just what the picture of a face reads, so that an edit of a current does not draw anything anew."""

    face: Face
    series: int
    cell: Cell
    arrangement: Arrangement
    joining: Joining
    leads: Leads
    bms: Bms
    insulation: PackInsulation
    layout: Layout
    envelope: Envelope
    taps: tuple[Tap, ...]
    rooms: tuple[Room, ...]
    board_at: Blocked | None
    blocked: tuple[Blocked, ...]
    plug: PlugOnBoard | None


def face_drawing(design: Design, analysis: Analysis, face: Face) -> Drawing:
    """Return the picture of a face: cells with polarity, rings, strips, taps with their leads, board, main
    leads."""
    return _face_drawing(
        FaceMatter(
            face,
            design.series,
            design.cell,
            design.arrangement,
            design.joining,
            design.leads,
            design.bms,
            design.insulation,
            analysis.layout,
            analysis.insulation.envelope,
            analysis.bms.taps,
            _shown_rooms(design),
            board_place(design),
            design.brief.blocked,
            plug_on_board(analysis.wiring),
        )
    )


def _shown_rooms(design: Design) -> tuple[Room, ...]:
    """The regions to show: a plain box round whole rows tells nothing."""
    plain = design.brief.space is SpaceShape.BOX and not design.brief.blocked
    return () if plain and design.arrangement.in_rows else rooms_of(design)


@lru_cache(maxsize=16)
def _face_drawing(matter: FaceMatter) -> Drawing:
    painter = _FacePainter(matter)
    painter.space()
    painter.outline()
    painter.cells()
    painter.group_borders()
    painter.strips()
    painter.wires.board()
    painter.wires.tap_leads()
    painter.wires.main_leads()
    painter.words.labels()
    painter.words.dimensions()
    return Drawing(
        title=f"{matter.face.value} face",
        shapes=tuple(painter.shapes),
        bounds=bounds_of(painter.shapes),
        targets=painter.targets,
    )


class _FacePainter:
    def __init__(self, matter: FaceMatter) -> None:
        self.wires, self.words = FaceWires(self), FaceLabels(self)
        self.face, self.series, self.cell, self.arrangement = matter[:4]
        self.joining, self.leads, self.bms, self.insulation = matter[4:8]
        self.layout, self.envelope, self.taps, self.rooms, self.board_at, self.blocked = matter[8:14]
        self.plug = matter.plug
        face, arrangement, bms, insulation, layout = (
            self.face,
            self.arrangement,
            self.bms,
            self.insulation,
            self.layout,
        )
        self.place = as_it_lies(face, arrangement.turn_axis)
        self.shapes: list[Shape] = []
        self.targets: dict[str, Point] = {}
        self.half_length, self.half_width = layout.length_m * MM / 2, layout.width_m * MM / 2
        board = bms.board
        at_end = board is not None and bms.place is BoardPlace.END and self.board_at is None
        self.board_depth = board.height_m * MM if board and at_end else 0.0
        self.end = self.half_length + insulation.side_m * MM + self.board_depth
        # Leads run outside the space where one is drawn.
        rear = [self.bench(0.0, room.region.bounds[3], room.layer)[1] for room in self.rooms]
        self.rear = max([self.half_width, *rear])
        ends = [self.bench(room.region.bounds[2], 0.0)[0] for room in self.rooms]
        self.end = max([self.end, *ends])

    def path(self, *points: Point) -> tuple[Point, ...]:
        return tuple(self.place(x, y) for x, y in points)

    def bench(self, x_m: float, y_m: float, layer: int = 1) -> Point:
        """A point of the space (m) where it lies on the bench, mm."""
        layout = self.layout
        return (
            (x_m - layout.origin_m[0]) * MM,
            (y_m - layout.origin_m[1] - layout.lifted_m(layer)) * MM,
        )

    def space(self) -> None:
        """The space the cells were placed in, what is blocked in it, and the free places."""
        drawn: set[int] = set()
        for room in self.rooms:
            ring = [self.bench(x, y, room.layer) for x, y in room.region.ring.tolist()]
            self.shapes.append(Area(self.path(*ring), "space.edge", "space"))
            if room.layer in drawn or self.arrangement.lie is not Lie.STANDING:
                continue
            drawn.add(room.layer)
            for number, place in enumerate(self.blocked):
                corners = [self.bench(x, y, room.layer) for x, y in blocked_ring(place).tolist()]
                ref = f"blocked:{number}"
                self.shapes.append(Area(self.path(*corners), "space.blocked", ref))
                at = self.place(*self.bench(place.x_m, place.y_m, room.layer))
                self.targets.setdefault(ref, at)
                if not place.holds_board:
                    self.shapes.append(Label(at, place.name, 3.0, "label.blocked", ref))
        radius = self.cell.largest_m[0] * MM / 2 * 0.94
        halves = 2 if self.arrangement.split_gap_m > 0 else 1
        for number, (x, y, block) in enumerate(self.arrangement.spare_m):
            at = self.place(*self.bench(x, y, (block - 1) // halves + 1))
            ref = f"spare:{number}"
            self.targets[ref] = at
            if self.layout.terminal_m:
                # Flat cells of one block all lie the same way.
                turn = self.layout.cells[0].angle_rad
                half = np.array([self.cell.diameter_m, self.cell.width_m]) * MM / 2 * 0.94
                box = turned(np.array([[-1, -1], [1, -1], [1, 1], [-1, 1]]) * half, turn)
                middle = np.array(self.bench(x, y, (block - 1) // halves + 1))
                self.shapes.append(Area(self.path(*map(tuple, (box + middle).tolist())), "place.spare", ref))
            else:
                self.shapes.append(Disc(at, radius, "place.spare", ref))

    def outline(self) -> None:
        e = self.envelope
        if is_stick(self.arrangement):
            # What goes round it is round the folded stick, in the section.
            return
        if not self.layout.in_rows:
            self._hull_outline()
            return
        side = (e.length_m * MM - 2 * self.half_length - self.board_depth) / 2
        edge = (e.width_m * MM - 2 * self.half_width) / 2
        corners = rectangle(
            -self.half_length - side,
            -self.half_width - edge,
            self.half_length + side + self.board_depth,
            self.half_width + edge,
        )
        self.shapes.append(Area(self.path(*corners), "outline.insulation", "insulation"))

    def group_borders(self) -> None:
        """A line between neighbours of different groups, so that the groups are seen as areas."""
        layout = self.layout
        six = max((len(v) for v in layout.adjacency.values()), default=0) > 4
        half = layout.pitch_m * MM * (0.29 if six else 0.5)
        if layout.terminal_m:
            half = layout.width_pitch_m * MM / 2
        for i, j in layout.neighbours.tolist():
            a, b = layout.cells[i], layout.cells[j]
            if a.group == b.group:
                continue
            x, y = (a.x_m + b.x_m) / 2 * MM, (a.y_m + b.y_m) / 2 * MM
            dx, dy = b.x_m - a.x_m, b.y_m - a.y_m
            long = (dx * dx + dy * dy) ** 0.5
            ux, uy = -dy / long * half, dx / long * half
            line = self.path((x - ux, y - uy), (x + ux, y + uy))
            self.shapes.append(Stroke(line, 1.1, "group.border"))

    def _hull_outline(self) -> None:
        """The line a sleeve takes round each layer of placed cells."""
        insulation = self.insulation
        walls = sum(
            s.wall_m / s.recovered_ratio
            for s in (insulation.sleeve, insulation.cross_sleeve)
            if s is not None
        )
        reach = (self.layout.pitch_m / 2 + insulation.side_m + walls) * MM
        angles = np.arange(24) * np.pi / 12
        ring = np.column_stack([np.cos(angles), np.sin(angles)]) * reach
        if self.layout.terminal_m:
            half = self.layout.width_pitch_m / 2 * MM + insulation.side_m * MM
            ring = np.array([[-reach, -half], [reach, -half], [reach, half], [-reach, half]])
        for layer in range(1, self.layout.layers + 1):
            mine = np.array([(c.x_m, c.y_m) for c in self.layout.cells if c.layer == layer]) * MM
            line = hull((hull(mine)[:, None] + ring[None]).reshape(-1, 2))
            if self.layout.layers > 1:
                words = f"layer {layer}" + (", lowest" if layer == 1 else "")
                at = self.place(float(line[:, 0].mean()), float(line[:, 1].max()) + 4.0)
                self.shapes.append(Label(at, words, 5.0, "label.title"))
            self.shapes.append(
                Area(self.path(*map(tuple, line.tolist())), "outline.insulation", "insulation")
            )

    def _flat_cells(self) -> None:
        """Prismatic and pouch cells: both terminals on the top face."""
        cell, layout = self.cell, self.layout
        half = np.array([cell.diameter_m, cell.width_m]) * MM / 2
        post = cell.nub_diameter_m * MM / 2
        for c in layout.cells:
            ref, middle = f"cell:{c.number}", np.array([c.x_m, c.y_m]) * MM
            corners = turned(np.array([[-1, -1], [1, -1], [1, 1], [-1, 1]]) * half, c.angle_rad) + middle
            self.shapes.append(Area(self.path(*map(tuple, corners.tolist())), "cell.wrap", ref, c.group))
            self.targets[ref] = self.place(*middle.tolist())
            if self.face is Face.TOP:
                for plus in (True, False):
                    x, y = layout.pad(c, plus)
                    at = self.place(x * MM, y * MM)
                    self.shapes.append(Disc(at, post, "cell.plus" if plus else "cell.minus", ref, c.group))
                    out = self.place(*(middle + (np.array([x, y]) * MM - middle) * 1.22).tolist())
                    self.shapes.append(
                        Label(
                            out, "+" if plus else "−", post * 1.2, "mark.plus" if plus else "mark.minus", ref
                        )
                    )
            self.shapes.append(Label(self.targets[ref], str(c.number), post * 0.6, "label.cell", ref))

    def cells(self) -> None:
        cell = self.cell
        if self.layout.terminal_m:
            self._flat_cells()
            return
        radius, nub = cell.diameter_m * MM / 2, cell.nub_diameter_m * MM / 2
        for c in self.layout.cells:
            at = self.place(c.x_m * MM, c.y_m * MM)
            ref = f"cell:{c.number}"
            plus_here = c.positive_up == (self.face is Face.TOP)
            self.targets[ref] = at
            self.shapes.append(Disc(at, radius, "cell.wrap", ref, c.group))
            if plus_here:
                if self.insulation.rings:
                    self.shapes.append(Disc(at, radius * 0.86, "cell.ring", ref, c.group))
                self.shapes.append(Disc(at, nub, "cell.plus", ref, c.group))
            else:
                self.shapes.append(Disc(at, radius * 0.86, "cell.minus", ref, c.group))
            off = radius * 0.60
            self.shapes.append(
                Label(
                    (at[0] - off * 0.94, at[1] + off * 0.94),
                    "+" if plus_here else "−",
                    radius * 0.84,
                    "mark.plus" if plus_here else "mark.minus",
                    ref,
                )
            )
            self.shapes.append(
                Label((at[0] + off, at[1] - off), str(c.number), radius * 0.30, "label.cell", ref)
            )
        for number, p in enumerate(self.arrangement.placed, start=1):
            if p.locked:
                x, y = self.targets[f"cell:{number}"]
                side, off = radius * 0.16, radius * 0.62
                box = rectangle(x - off - side, y - off - side, x - off + side, y - off + side)
                self.shapes.append(Area(box, "mark.locked", f"cell:{number}"))
                arch = (
                    (x - off - side * 0.6, y - off + side),
                    (x - off - side * 0.6, y - off + 2 * side),
                    (x - off + side * 0.6, y - off + 2 * side),
                    (x - off + side * 0.6, y - off + side),
                )
                self.shapes.append(Stroke(arch, radius * 0.06, "mark.locked.arch", f"cell:{number}"))

    def strips(self) -> None:
        order = {StripKind.PARALLEL: 0, StripKind.COLLECTOR: 1, StripKind.LINK: 2, StripKind.BRIDGE: 3}
        order[StripKind.LADDER] = 0
        plated = self.joining.style is StripStyle.PLATES
        if plated:
            self._plates()
        runs = [
            r
            for r in metal_runs(self.layout, self.joining)
            if r.face is self.face and (not plated or r.kind is StripKind.BRIDGE)
        ]
        seat = lead_seat(self.joining, self.leads, self.layout.pitch_m)
        welds: list[Shape] = []
        marks = _joint_marks(self.joining)
        for piece in sorted(runs, key=lambda r: order[r.kind]):
            strip, layers = metal_of(self.layout, self.joining, piece.kind)
            points = [self.place(x * MM, y * MM) for x, y in piece.points_m]
            cut = laid_points(self.layout, piece, seat)
            stretched = tuple(self.place(x * MM, y * MM) for x, y in cut.tolist())
            ref = f"strip:{piece.id}"
            middle = points[len(points) // 2 - 1], points[len(points) // 2]
            self.targets[ref] = (
                ((middle[0][0] + middle[1][0]) / 2, (middle[0][1] + middle[1][1]) / 2)
                if len(points) > 1
                else points[0]
            )
            self.targets.setdefault(f"node:{piece.node}", self.targets[ref])
            wide = width_laid(self.joining, piece.kind) * MM
            self.shapes.append(Stroke(stretched, wide, strip_role(piece.kind, strip.metal), ref, layers))
            for x, y in points:
                welds += [Disc((x + dx, y + dy), r, "weld", ref) for dx, dy, r in marks]
        self.shapes += welds

    def _plates(self) -> None:
        for plate in plates(self.layout, self.joining, self.cell):
            if plate.face is not self.face:
                continue
            ref = f"strip:{plate.id}"
            outline = [(x * MM, y * MM) for x, y in plate.outline_m.tolist()]
            self.shapes.append(Area(self.path(*outline), "plate", ref, plate.node))
            self.targets[ref] = self.place(
                *(np.array(list(plate.pads_m.values())).mean(axis=0) * MM).tolist()
            )
            self.targets.setdefault(f"node:{plate.node}", self.targets[ref])
            for slot in plate.slots_m:
                self.shapes.append(Area(self.path(*map(tuple, (slot * MM).tolist())), "plate.slot", ref))
            for wire in plate.wires_m:
                ends = tuple(self.place(*end) for end in (wire * MM).tolist())
                wide = (self.joining.fuse_wire_m or 0.0) * MM
                self.shapes.append(Stroke(ends, wide, "strip.link.copper", ref))


def strip_role(kind: StripKind, metal: StripMetal) -> str:
    """The role that a piece is drawn in: what it is for, and copper in its own colour."""
    copper = ".copper" if metal is StripMetal.COPPER and kind is not StripKind.BRIDGE else ""
    return f"strip.{'link' if kind is StripKind.LADDER else kind.value}{copper}"


def _joint_marks(joining: Joining) -> tuple[tuple[float, float, float], ...]:
    """How the joint on one pad is drawn: discs by their place about the middle and radius, mm."""
    match joining.joined_by:
        case JoinedBy.WELD:
            return ((-1.2, -0.9, 0.45), (1.2, 0.9, 0.45))
        case JoinedBy.SCREW:
            return ((0.0, 0.0, joining.thread_m * MM * 0.8),)
        case JoinedBy.TABS | JoinedBy.SOLDER:
            return ((0.0, 0.0, 1.5),)
