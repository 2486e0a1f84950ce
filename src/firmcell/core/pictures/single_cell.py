"""A cell with a protection board under it, cut along its axis, and its positive end seen from above."""

from firmcell.core.base.wording import millimetres
from firmcell.core.bms.single_cell import cell_with_board
from firmcell.core.model.design import Design
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

MM = 1e3
SEEN_MM = 0.7
"""Ring, strap, tape and sleeve are drawn at least this thick, so that they can be seen; the words tell the
true thickness."""
NUB_MM = 1.4
"""How far the positive end stands out of the rim; generic class value."""
TEXT_MM = 3.0


def cell_bms_drawing(design: Design) -> Drawing:
    """Return the finished cell to scale: board at the left under the negative end, strap along the top,
    positive end at the right."""
    painter = _Painter(design)
    painter.cell()
    painter.board()
    painter.strap()
    painter.sleeve()
    painter.sizes()
    painter.end_view()
    painter.words()
    return Drawing("with its board", tuple(painter.shapes), bounds_of(painter.shapes), painter.targets)


class _Painter:
    """x along the cell from its negative end, the strap above."""

    def __init__(self, design: Design) -> None:
        self.job, self.part, self.bms = design.cell_bms, design.cell, design.bms.board
        self.made = cell_with_board(design)
        self.long, self.half = self.part.length_m * MM, self.part.diameter_m * MM / 2
        self.nub = self.part.nub_diameter_m * MM / 2
        self.ring = max(self.job.ring_m * MM, SEEN_MM)
        self.deep = self.bms.height_m * MM if self.bms else 0.0
        self.left = -self.ring - self.deep
        self.tape = SEEN_MM * 0.7
        self.thick = max(self.job.strap_thickness_m * MM, SEEN_MM)
        # Of shapes of one role all are painted where the first stands: what lies lowest comes first.
        self.end = (self.long + self.half + 16.0, 0.0)
        self.shapes: list[Shape] = [
            Disc(self.end, self.half, "cell.wrap", "cell:1"),
            Disc(self.end, self.half * 0.97, "ring", "ring"),
            Disc(self.end, self.nub, "cell.nub", "cell:1"),
        ]
        self.targets: dict[str, Point] = {}

    def _area(self, x0: float, y0: float, x1: float, y1: float, role: str, ref: str) -> None:
        self.shapes.append(Area(rectangle(x0, y0, x1, y1), role, ref))

    def cell(self) -> None:
        """Can, positive end, ring round it, disc on the negative end."""
        rim = self.long - NUB_MM
        self._area(0, -self.half, rim, self.half, "cell.body", "cell:1")
        self._area(0, -self.half * 0.85, 1.0, self.half * 0.85, "cell.minus", "cell:1")
        self._area(rim, -self.nub, self.long, self.nub, "cell.nub", "cell:1")
        for side in (-1, 1):
            low, high = sorted((side * self.nub, side * self.half))
            self._area(rim, low, rim + self.ring, high, "ring", "ring")
            low, high = sorted((side * 2.2, side * self.half))
            self._area(-self.ring, low, 0, high, "ring", "ring")
        for x, sign, role in ((6.0, "−", "mark.minus"), (self.long - 7.0, "+", "mark.plus")):
            self.shapes.append(Label((x, 0.0), sign, 6.0, role, "cell:1"))
        self.targets |= {"cell:1": (self.long / 2, 0.0), "ring": (rim, self.half)}

    def board(self) -> None:
        """The round board on the disc, its B− tab welded through the disc's hole."""
        if self.bms is None:
            return
        reach = self.half * 0.96
        self._area(self.left, -reach, -self.ring, reach, "board", "board")
        self._area(-self.ring, -1.6, 0.4, 1.6, "lead.contact", "board")
        self._area(self.left - 0.4, -self.half * 0.6, self.left, self.half * 0.6, "cell.minus", "board")
        self.targets["board"] = (self.left + self.deep / 2, 0.0)

    def strap(self) -> None:
        """From the board's B+ up the side and over the ring to the positive end, tape on both sides of it."""
        y = self.half + self.tape + self.thick / 2
        end = self.long - NUB_MM + self.ring + self.thick / 2
        for low in (self.half, self.half + self.tape + self.thick):
            self._area(0.5, low, self.long - NUB_MM - 0.5, low + self.tape, "tape", "strap")
        way = (
            (self.left + self.deep * 0.3, y),
            (end, y),
            (end, self.nub * 0.9),
            (self.long, self.nub * 0.35),
        )
        self.shapes.append(Stroke(way, self.thick, "strip.link", "strap"))
        self.targets["strap"] = (self.long * 0.6, y)

    def sleeve(self) -> None:
        """Shrunk over all of it, lips over both ends; the positive end and the board's middle stay bare."""
        top = self.half + 2 * self.tape + self.thick + SEEN_MM / 2
        right, left, lip = (
            self.long - NUB_MM + self.ring + self.thick + SEEN_MM / 2,
            self.left - SEEN_MM / 2,
            self.half * 0.35,
        )
        for side, y in ((1, top), (-1, -self.half - SEEN_MM / 2)):
            way = ((left, y - side * lip), (left, y), (right, y), (right, y - side * lip))
            self.shapes.append(Stroke(way, SEEN_MM, "sleeve", "sleeve"))
        self.targets["sleeve"] = (self.long * 0.3, -self.half)

    def sizes(self) -> None:
        """How long the cell was and becomes."""
        for y, x0, x1, words in (
            (-self.half - 6.0, 0.0, self.long, f"cell {millimetres(self.part.length_m)}"),
            (
                -self.half - 12.5,
                self.left,
                self.long,
                f"with its board {millimetres(self.made.length_m)} at most",
            ),
        ):
            self.shapes.append(Stroke(((x0, y), (x1, y)), 0.2, "dimension"))
            for x in (x0, x1):
                self.shapes.append(Stroke(((x, y - 1.2), (x, y + 1.2)), 0.2, "dimension"))
            self.shapes.append(Label(((x0 + x1) / 2, y - 2.6), words, TEXT_MM, "label.dimension"))

    def end_view(self) -> None:
        """The positive end from above: ring whole, strap over it, nub in the middle."""
        at = self.end
        wide = self.job.strap_width_m * MM / 2
        self._area(
            at[0] - wide,
            -self.nub * 0.5,
            at[0] + wide,
            self.half + self.tape + self.thick,
            "strip.link",
            "strap",
        )
        for side in (-1, 1):
            self.shapes.append(Disc((at[0] + side * wide * 0.45, 0.2), 0.4, "weld", "strap"))
        words = f"⌀ {millimetres(self.made.diameter_m)}"
        self.shapes.append(Label((at[0], -self.half - 3.6), words, TEXT_MM, "label.dimension"))

    def words(self) -> None:
        """What each layer is, with its true thickness, above the cell."""
        job, y = self.job, self.half + 9.0
        board = f"board {millimetres(self.bms.height_m)}" if self.bms else "no board"
        strap = (
            f"strap {job.strap_thickness_m * MM:g} × {job.strap_width_m * MM:g} mm, tape under and over it"
        )
        told = (
            (self.left + self.deep / 2, self.half * 0.5, self.left, board, "board"),
            (self.long * 0.45, self.half + self.tape + self.thick / 2, self.long * 0.3, strap, "strap"),
            (
                self.long - NUB_MM + self.ring / 2,
                self.half * 0.8,
                self.long - 4.0,
                f"ring {millimetres(job.ring_m)}",
                "ring",
            ),
        )
        for number, (x, low, at, text, ref) in enumerate(told):
            high = y + (4.6 if number == 1 else 0.0)
            self.shapes.append(Stroke(((x, low), (x, high - 2.0)), 0.18, "dimension"))
            self.shapes.append(Label((at, high), text, TEXT_MM, "label.dimension", ref, anchor="start"))
        flat = self.made.sleeve_flat_m
        sleeve = f"sleeve {millimetres(flat)} flat" if flat else "no stock sleeve slides on and grips"
        below = -self.half - 20.0
        self.shapes.append(
            Label(
                (self.left, below),
                sleeve + f", cut {millimetres(self.made.sleeve_cut_m)}",
                TEXT_MM,
                "label.dimension",
                "sleeve",
                anchor="start",
            )
        )
        self.shapes.append(
            Label(
                (self.left, y + 12.5),
                "Cut along the axis; thin layers drawn thicker than they are",
                TEXT_MM,
                "label.title",
                anchor="start",
            )
        )
