"""Board, sense leads and main leads on the picture of a face."""

from typing import TYPE_CHECKING

from firmcell.core.layout.cell_places import lead_cell
from firmcell.core.layout.space import blocked_ring
from firmcell.core.model.brief import Blocked
from firmcell.core.model.design import (
    BoardPlace,
    Face,
)
from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Label,
    Stroke,
    rectangle,
)
from firmcell.core.pictures.face_measures import FIRST_LANE_MM, LANE_MM, LEAD_OUT_MM, MM
from firmcell.core.wiring.pack_wiring import pole_through_board

if TYPE_CHECKING:
    from firmcell.core.pictures.face import _FacePainter


class FaceWires:
    """Board, sense leads and main leads on the picture of a face."""

    def __init__(self, face: "_FacePainter") -> None:
        self.face = face

    def board(self) -> None:
        """The board where it lies, with its pads."""
        board = self.face.bms.board
        place = self.face.bms.place
        if board is not None and self.face.board_at is not None and place is BoardPlace.END:
            self.board_in_its_place(self.face.board_at, board.series)
            return
        if (
            board is None
            or place is BoardPlace.OUTSIDE
            or (place is BoardPlace.TOP and self.face.face is Face.BOTTOM)
        ):
            return
        half = board.width_m * MM / 2
        long = board.length_m * MM / 2
        if place is BoardPlace.END:
            x0 = self.face.half_length + self.face.insulation.side_m * MM
            corners = rectangle(x0, -half, x0 + board.height_m * MM, half)
        else:
            corners = rectangle(-long, -half, long, half)
        points = self.face.path(*corners)
        centre = (sum(x for x, _ in points) / 4, sum(y for _, y in points) / 4)
        self.face.targets["board"] = centre
        self.face.shapes.append(Area(points, "board", "board"))
        if place is BoardPlace.TOP:
            self.face.shapes.append(Label(centre, "BMS", 5.0, "label.board", "board"))
        # One pad for each tap, so that it reads as a board and not as a bar.
        pads = board.series + 1
        for n in range(pads):
            along = (n + 0.5) / pads * 2 - 1
            x = (
                self.face.half_length + self.face.insulation.side_m * MM + 2.0
                if place is BoardPlace.END
                else along * long * 0.9
            )
            y = along * half * 0.9 if place is BoardPlace.END else half - 2.0
            self.face.shapes.append(Disc(self.face.place(x, y), 0.8, "board.pad", "board"))

    def board_in_its_place(self, kept: Blocked, series: int) -> None:
        """The board in the place the space keeps for it."""
        corners = [self.face.bench(x, y) for x, y in blocked_ring(kept).tolist()]
        self.face.targets["board"] = self.face.place(*self.face.bench(kept.x_m, kept.y_m))
        self.face.shapes.append(Area(self.face.path(*corners), "board", "board"))
        lengthwise = kept.length_m >= kept.width_m
        side = max(kept.length_m, kept.width_m) * 0.45
        for n in range(series + 1):
            along = ((n + 0.5) / (series + 1) * 2 - 1) * side
            x, y = kept.x_m + along * lengthwise, kept.y_m + along * (not lengthwise)
            self.face.shapes.append(Disc(self.face.place(*self.face.bench(x, y)), 0.8, "board.pad", "board"))

    def tap_leads(self) -> None:
        """Every sense lead of this face, on a lane of its own."""
        for tap in self.face.taps:
            if tap.face is not self.face.face:
                continue
            ref = f"tap:{tap.number}"
            x, y = tap.x_m * MM, tap.y_m * MM
            lane = self.face.rear + FIRST_LANE_MM + tap.number * LANE_MM
            target = 0.0 if self.face.bms.place is BoardPlace.TOP else self.face.end + 4.0
            if self.face.board_at is not None and self.face.bms.place is BoardPlace.END:
                target = self.face.bench(self.face.board_at.x_m, 0.0)[0]
            # The lead leaves beside the strip's end so that pad, strip and lead can all be seen.
            leaves = x + min(self.face.cell.diameter_m * MM * 0.30, 7.0)
            wire = self.face.path((leaves, y + 2.0), (leaves, lane), (target, lane))
            if tap.wire_length_m:
                self.face.shapes.append(Stroke(wire, 0.7, "tap.wire", ref, tap.number))
            at = self.face.place(leaves, y + 2.0)
            self.face.targets[ref] = at
            self.face.shapes.append(Disc(at, 1.5, "tap", ref, tap.number))

    def main_leads(self) -> None:
        """The main leads, as thick as they are; the one the board switches is marked with the pad it goes
        to."""
        diameter = self.face.wire.outer_diameter_m * MM
        nodes = {True: self.face.series, False: 0}
        for positive, number in nodes.items():
            tap = self.face.taps[number]
            if tap.face is not self.face.face:
                continue
            lane = (
                self.face.rear
                + FIRST_LANE_MM
                + (self.face.series + 1) * LANE_MM
                + diameter * (1.2 if positive else 2.6)
            )
            role, ref = ("lead.plus", "lead:plus") if positive else ("lead.minus", "lead:minus")
            second = self.face.layout.second_lead_cells[1 if positive else 0]
            cells = [
                lead_cell(self.face.layout, positive),
                *([self.face.layout.by_number[second]] if second else []),
            ]
            for number, cell in reversed(list(enumerate(cells))):
                x, y = (v * MM for v in self.face.layout.pad(cell, positive))
                start = x - min(self.face.cell.diameter_m * MM * 0.22, 5.0)
                along = lane - number * diameter * 0.5
                wire = self.face.path((start, y), (start, along), (self.face.end + LEAD_OUT_MM, along))
                self.face.shapes.append(Stroke(wire, diameter, role, ref))
                self.face.targets[ref] = wire[1]
            end = self.face.place(self.face.end + LEAD_OUT_MM + 5.0, lane)
            sign = "+" if positive else "−"
            through = pole_through_board(self.face.bms.board) == ("plus" if positive else "minus")
            self.face.shapes.append(Label(end, f"B{sign}" if through else sign, 6.5, f"{role}.sign", ref))
