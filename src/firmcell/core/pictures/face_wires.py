"""Board, sense leads and main leads on the picture of a face, each led to the pad that the wiring says."""

from typing import TYPE_CHECKING, NamedTuple

from firmcell.core.layout.cell_places import lead_cell
from firmcell.core.layout.space import blocked_ring
from firmcell.core.model.design import BoardPlace, Face, StripStyle
from firmcell.core.pictures.drawing import Area, Disc, Label, Point, Stroke, rectangle
from firmcell.core.pictures.face_measures import FIRST_LANE_MM, LANE_MM, LEAD_OUT_MM, MM
from firmcell.core.strips.lead_ends import lead_end_at
from firmcell.core.wiring.graph import Wiring

if TYPE_CHECKING:
    from firmcell.core.pictures.face import _FacePainter

BESIDE_BOARD_MM, BESIDE_STEP_MM = 1.2, 0.7
"""Where sense leads go up beside the board, and how far apart."""


class PlugOnBoard(NamedTuple):
    """What a board's edge shows: the tap of each pad of the plug in order, and its own pads.

    Attributes
    ----------
    taps : by place of the plug; None where no lead goes.
    own : taps whose thin lead goes to the board's own pad.
    switched : sign of the pole that goes through the board.
    charge : whether there is a pad for the charger.
    """

    taps: tuple[int | None, ...]
    own: tuple[int, ...]
    switched: str
    charge: bool


def plug_on_board(wiring: Wiring) -> PlugOnBoard | None:
    """Return what the board shows by the wiring; None without a board."""
    sign = next((s for s in "-+" if f"bms.P{s}" in wiring.by_id), None)
    if sign is None:
        return None
    pads = [n.id for n in wiring.nodes if n.id.startswith("bms.pad.")]
    ends: dict[str, int] = {}
    own = []
    for edge in wiring.wires:
        if not edge.id.startswith("sense."):
            continue
        tap = int(edge.id.split(".")[1])
        if edge.end.startswith(("bms.B",)):
            own.append(tap)
        ends[edge.end.replace("sense.pin.", "bms.pad.")] = tap
    places = sorted(int(p.rpartition(".")[2]) for p in pads)
    count = places[-1] + 1 if places else 0
    return PlugOnBoard(
        tuple(ends.get(f"bms.pad.{n}") for n in range(count)),
        tuple(own),
        sign.replace("-", "−"),
        f"bms.C{sign}" in wiring.by_id,
    )


class FaceWires:
    """Board, sense leads and main leads on the picture of a face."""

    def __init__(self, face: "_FacePainter") -> None:
        self.face = face

    # -- the board ---------------------------------------------------------------------------------------

    def _board_box(self) -> tuple[Point, Point] | None:
        """Lower left and upper right corner of the board where this face shows it, mm; None where it does
        not."""
        f = self.face
        board, place = f.bms.board, f.bms.place
        if board is None or place is BoardPlace.OUTSIDE:
            return None
        if place is BoardPlace.TOP and f.face is Face.BOTTOM:
            return None
        if f.board_at is not None and place is BoardPlace.END:
            corners = [f.bench(x, y) for x, y in blocked_ring(f.board_at).tolist()]
            xs, ys = [x for x, _ in corners], [y for _, y in corners]
            return (min(xs), min(ys)), (max(xs), max(ys))
        long, half = board.length_m * MM / 2, board.width_m * MM / 2
        if place is BoardPlace.END:
            x0 = f.half_length + f.insulation.side_m * MM
            return (x0, -half), (x0 + board.height_m * MM, half)
        return (-long, -half), (long, half)

    def pads(self) -> dict[str, Point]:
        """Where the pads of the board lie on this face by name (`0`, `1` … of the plug, `B`, `P`, `C`),
        mm."""
        box, plug = self._board_box(), self.face.plug
        if box is None or plug is None:
            return {}
        (x0, y0), (x1, y1) = box
        tall = y1 - y0 >= x1 - x0
        long, short = (y1 - y0, x1 - x0) if tall else (x1 - x0, y1 - y0)
        start, across = (y0, (x0 + x1) / 2) if tall else (x0, (y0 + y1) / 2)
        found: dict[str, Point] = {}

        def put(name: str, along: float, side: float) -> None:
            a, c = start + along * long, across + side * short
            found[name] = (c, a) if tall else (a, c)

        count = len(plug.taps)
        for n in range(count):
            # Away from the end at which the main leads come in.
            put(str(n), 0.06 + 0.76 * (n + 0.5) / count, 0.0 if tall else 0.3)
        put("B", 0.95, -0.28)
        put("P", 0.95, 0.28)
        if plug.charge:
            put("C", 0.88, 0.28)
        return found

    def board(self) -> None:
        """The board where it lies, with its pads."""
        f, box = self.face, self._board_box()
        if box is None:
            return
        (x0, y0), (x1, y1) = box
        middle = f.place((x0 + x1) / 2, (y0 + y1) / 2)
        f.targets["board"] = middle
        f.shapes.append(Area(f.path(*rectangle(x0, y0, x1, y1)), "board", "board"))
        if f.bms.place is BoardPlace.TOP:
            f.shapes.append(Label(middle, "BMS", 5.0, "label.board", "board"))
        for x, y in self.pads().values():
            f.shapes.append(Disc(f.place(x, y), 0.8, "board.pad", "board"))

    # -- sense leads --------------------------------------------------------------------------------------

    def tap_leads(self) -> None:
        """Every sense lead of this face, on a lane of its own along the rear edge and up to its pad."""
        f, pads, plug = self.face, self.pads(), self.face.plug
        mine = [tap for tap in f.taps if tap.face is f.face]
        for order, tap in enumerate(mine):
            ref = f"tap:{tap.number}"
            x, y = tap.x_m * MM, tap.y_m * MM
            lane = f.rear + FIRST_LANE_MM + tap.number * LANE_MM
            # The lead leaves beside the strip's end so that pad, strip and lead can all be seen.
            leaves = x + min(f.cell.diameter_m * MM * 0.30, 7.0)
            begin = [(leaves, y + 2.0), (leaves, lane)]
            ends = [pads[str(n)] for n, t in enumerate(plug.taps if plug else ()) if t == tap.number and pads]
            if plug and tap.number in plug.own and "B" in pads:
                ends.append(pads["B"])
            if tap.wire_length_m:
                ways = [self._up_to(end, lane, order) for end in ends] or [[(self._away(), lane)]]
                for way in ways:
                    line = begin + way
                    f.shapes.append(Stroke(f.path(*line), 0.7, "tap.wire", ref, tap.number))
            at = f.place(leaves, y + 2.0)
            f.targets[ref] = at
            f.shapes.append(Disc(at, 1.5, "tap", ref, tap.number))

    def _up_to(self, pad: Point, lane: float, order: int) -> list[Point]:
        """From a lane at the rear up beside the board and across to a pad."""
        box = self._board_box()
        assert box is not None
        (x0, _), (x1, _) = box
        pack_right = (x0 + x1) / 2 < 0
        beside = BESIDE_BOARD_MM + order * BESIDE_STEP_MM
        x = x1 + beside if pack_right else x0 - beside
        if self.face.bms.place is BoardPlace.TOP:
            x = pad[0]
        return [(x, lane), (x, pad[1]), pad]

    def _away(self) -> float:
        """Where leads go that end at no pad of this face: to the board's end, or out of the picture."""
        f = self.face
        if f.bms.place is BoardPlace.TOP:
            return 0.0
        if f.board_at is not None and f.bms.place is BoardPlace.END:
            return f.bench(f.board_at.x_m, 0.0)[0]
        return f.end + 4.0

    # -- main leads ---------------------------------------------------------------------------------------

    def main_leads(self) -> None:
        """The main leads, as thick as they are; that of the pole which the board switches goes to its pad B,
        and another on from its pad P."""
        for positive in (True, False):
            self._main_lead(positive)

    def _joined_at(self, cell: int, node: int) -> tuple[float, float] | None:
        """Where a lead is joined to its collecting strip, mm; None on a plate."""
        f = self.face
        if f.joining.style is StripStyle.PLATES:
            return None
        end = lead_end_at(f.layout, f.joining, f.leads, cell, node)
        return None if end is None else (end.middle[0] * MM, end.middle[1] * MM)

    def _main_lead(self, positive: bool) -> None:
        f = self.face
        sign, number = ("+", f.series) if positive else ("−", 0)
        if f.taps[number].face is not f.face:
            return
        diameter = f.leads.wire.outer_diameter_m * MM
        lane = f.rear + FIRST_LANE_MM + (f.series + 1) * LANE_MM + diameter * (1.2 if positive else 2.6)
        role, ref = ("lead.plus", "lead:plus") if positive else ("lead.minus", "lead:minus")
        through = f.plug is not None and f.plug.switched == sign
        pads = self.pads() if through else {}
        out = (f.end + LEAD_OUT_MM, lane)
        second = f.layout.second_lead_cells[1 if positive else 0]
        cells = [lead_cell(f.layout, positive), *([f.layout.by_number[second]] if second else [])]
        for n, cell in reversed(list(enumerate(cells))):
            x, y = (v * MM for v in f.layout.pad(cell, positive))
            start = x - min(f.cell.diameter_m * MM * 0.22, 5.0)
            joint = self._joined_at(cell.number, number)
            if joint is not None:
                start, y = joint
            along = lane - n * diameter * 0.5
            if pads:
                b = pads["B"]
                line = [(start, y), (start, along), (b[0], along), b]
            else:
                line = [(start, y), (start, along), (out[0], along)]
            wire = f.path(*line)
            f.shapes.append(Stroke(wire, diameter, role, ref))
            f.targets[ref] = wire[1]
        if pads:
            p, further = pads["P"], lane + diameter * 1.4
            out = (out[0], further)
            ref = f"{ref}-out"
            wire = f.path(p, (p[0], further), out)
            f.shapes.append(Stroke(wire, diameter, role, ref))
            f.targets[ref] = wire[1]
            for name in ("B", "P"):
                x, y = pads[name]
                f.shapes.append(Label(f.place(x, y - 3.0), f"{name}{sign}", 3.4, "label.board", "board"))
            words = sign
        else:
            # The board is not on this face: the lead ends where it goes over the edge to it.
            words = f"to B{sign}" if through else sign
            if through:
                f.targets[f"{ref}-out"] = f.place(*out)
        f.shapes.append(
            Label(
                f.place(out[0] + 5.0 + (4.0 if len(words) > 1 else 0.0), out[1]),
                words,
                6.5,
                f"{role}.sign",
                ref,
            )
        )
