"""The wiring as a straight schematic, and as a board with nails to make the harness on at 1:1."""

from firmcell.core.analysis.figures import Analysis
from firmcell.core.model.design import Design
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke, bounds_of, rectangle
from firmcell.core.strips.under_load import UnderLoad
from firmcell.core.wiring.wire_list import WireEntry, wire_list

ROW, CELL_W, PLUG_X, BOARD_W = 17.0, 34.0, 115.0, 22.0
OUT_X, OUT_W, OUT_H, TRUNK, BALANCE_X = PLUG_X + BOARD_W + 12.0, 26.0, 26.0, 18.0, -26.0
BOARD_END = 10.0
"""Of the board beyond its last pad, where B and P and the switch between them are."""
OUTLETS = {"load": "load", "load2": "load 2", "charge": "charger"}
"""Connectors by the name of their contacts, as they stand in the drawing."""
NAIL_LANE, NAIL_R = 7.0, 1.2
INKS = {
    "black": "wire.black",
    "white": "wire.white",
    "yellow": "wire.yellow",
    "blue": "wire.blue",
    "green": "wire.green",
    "brown": "wire.brown",
    "grey": "wire.grey",
    "violet": "wire.violet",
    "orange": "wire.orange",
    "red": "wire.red",
    "two white": "wire.white",
    "any": "wire.grey",
}


def schematic(design: Design, analysis: Analysis) -> Drawing:
    """Return the pack as a ladder: groups from minus at the foot to plus on top, sense leads to the plug as
    its pads are printed, and the whole way of the current through board and fuse to load and charger.

    Each lead has its colour; leads cross where the plug's order runs against the pack's.
    """
    painter = _Ladder(design, analysis)
    painter.groups()
    painter.sense_leads()
    painter.board()
    for sign in ("+", "−"):
        painter.trunk(sign)
    painter.outlets()
    board = design.bms.board
    title = f"{board.name if board else 'Balance plug only'}, minus at the foot"
    painter.shapes.append(Label((-8.0, painter.high + 38.0), title, 7.0, "label.title", anchor="start"))
    return Drawing("wiring", tuple(painter.shapes), bounds_of(painter.shapes), painter.targets)


class _Ladder:
    """Draws the wiring of a pack as a ladder, from its graph."""

    def __init__(self, design: Design, analysis: Analysis) -> None:
        self.design, self.analysis, self.wiring = design, analysis, analysis.wiring
        self.high = design.series * ROW
        self.shapes: list[Shape] = []
        self.targets: dict[str, tuple[float, float]] = {}
        pads = [n for n in self.wiring.nodes if n.id.startswith(("bms.pad.", "balance."))]
        self.pads = sorted(
            (n for n in pads if n.id.startswith("bms.pad.")), key=lambda n: int(n.id.rpartition(".")[2])
        ) or [n for n in pads if n.id.startswith("balance.")]
        self.step = self.high / max(len(self.pads) - 1, 1)
        self.plug_ref = "board"
        self.outs = [name for name in OUTLETS if f"cup.{name}.+" in self.wiring.by_id]

    def groups(self) -> None:
        """The groups, one above the other."""
        letter = 6.4 if self.design.series < 10 else 5.6
        for group in range(1, self.design.series + 1):
            y, ref = (group - 0.5) * ROW, f"group:{group}"
            self.shapes.append(Area(rectangle(0, y - ROW * 0.36, CELL_W, y + ROW * 0.36), "wiring.body", ref))
            self.shapes.append(Label((CELL_W / 2 + 2.5, y), f"group {group}", letter, "wiring.text", ref))
            self.shapes.append(Label((2.6, y + ROW * 0.21), "+", 6.2, "face.plus", ref))
            self.shapes.append(Label((2.6, y - ROW * 0.21), "−", 6.2, "face.minus", ref))
            self.targets[ref] = (CELL_W / 2, y)

    def sense_leads(self) -> None:
        """Every sense lead to its place in the plug, balance leads to theirs on the left."""
        places = {pad.id: n * self.step for n, pad in enumerate(self.pads)}
        for tap in self.analysis.bms.taps:
            y, ref = tap.number * ROW, f"tap:{tap.number}"
            self.shapes.append(Stroke(((CELL_W / 2, y - 1.3), (CELL_W / 2, y + 1.3)), 0.8, "wiring.line"))
            words = f"B{tap.number} {tap.face.value}"
            words += f", {tap.wire_length_m * 1e3:.0f} mm" if tap.wire_length_m else ""
            self.shapes.append(
                Label((CELL_W + 1.5, y + 4.4), words, 6.6, "wiring.quiet", ref, anchor="start")
            )
            self.targets[ref] = (CELL_W / 2, y)
        for edge in self.wiring.wires:
            made = edge.wire
            if made is None or not made.ref.startswith("tap:") or edge.id.startswith("bridge."):
                continue
            y = int(made.ref.removeprefix("tap:")) * ROW
            pin = self._pad_of(edge.end)
            if pin in places:
                bend = CELL_W + 20.0
                line = ((CELL_W / 2, y), (bend, y), (PLUG_X - 12.0, places[pin]), (PLUG_X, places[pin]))
            elif edge.end.startswith("balance."):
                line = ((CELL_W / 2, y), (-6.0, y), (-6.0, y), (BALANCE_X, y))
                self.shapes.append(Disc((BALANCE_X, y), 1.1, "board.pad", made.ref))
            elif edge.end in ("bms.B-", "bms.B+"):
                out = self._edge_y(edge.end[-1]) * 1.0
                line = ((CELL_W / 2, y), (CELL_W + 20.0, y), (PLUG_X - 6.0, out), (PLUG_X + 3.0, out))
            else:
                line = ((CELL_W / 2, y), (CELL_W + 20.0, y), (CELL_W + 30.0, y), (CELL_W + 34.0, y))
                self.shapes.append(Label((CELL_W + 40.0, y), "?", 7.0, "wiring.text", made.ref))
            self.shapes.append(Stroke(line, 2.2, "wiring.line", made.ref))
            self.shapes.append(Stroke(line, 1.6, INKS[made.colour], made.ref))
        for tap in self.analysis.bms.taps:
            self.shapes.append(Disc((CELL_W / 2, tap.number * ROW), 1.8, "tap", f"tap:{tap.number}"))
        if self.design.bms.board is not None and "balance.0" in self.wiring.by_id:
            box = rectangle(BALANCE_X - 10.0, -4.0, BALANCE_X, self.high + 4.0)
            self.shapes.append(Area(box, "wiring.body", "balance"))
            self.shapes.append(
                Label((BALANCE_X - 5.0, self.high + 9.0), "balance plug", 6.4, "wiring.text", "balance")
            )

    def _pad_of(self, end: str) -> str:
        """The pad of the board behind a pin of the plug; the end itself if it is no pin."""
        if not end.startswith("sense.pin."):
            return end
        return f"bms.pad.{end.rpartition('.')[2]}"

    def _edge_y(self, sign: str) -> float:
        return self.high + BOARD_END if sign == "+" else -BOARD_END

    def board(self) -> None:
        """The board with its pads, and the switch between B and P."""
        board = self.design.bms.board
        self.shapes.append(
            Area(
                rectangle(PLUG_X, -BOARD_END, PLUG_X + BOARD_W, self.high + BOARD_END),
                "board" if board else "wiring.body",
                "board",
            )
        )
        for n, pad in enumerate(self.pads):
            y = n * self.step
            name = pad.label.rpartition("printed ")[2] if board else f"B{n}"
            self.shapes.append(Disc((PLUG_X, y), 1.1, "board.pad", "board"))
            self.shapes.append(
                Label((PLUG_X + 9.0, y), name, 6.4, "label.board" if board else "wiring.text", "board")
            )
        self.targets["board"] = (PLUG_X + 8.0, self.high / 2)

    def trunk(self, sign: str) -> None:
        """One pole from the strip by way of board and fuse to where it branches."""
        plain = sign.replace("−", "-")
        pole = "plus" if sign == "+" else "minus"
        role, ref = f"wiring.{pole}", f"lead:{pole}"
        start, y = (self.high, self.high + TRUNK) if sign == "+" else (0.0, -TRUNK)
        through = f"bms.P{plain}" in self.wiring.by_id
        end = OUT_X + OUT_W / 2
        if through:
            edge = self._edge_y(plain)
            b, p = PLUG_X + 4.0, PLUG_X + BOARD_W - 8.0
            self._line(((CELL_W / 2, start), (CELL_W / 2, y), (b, y), (b, edge)), role, ref)
            self._line(((p, edge), (p, y), (end, y)), role, f"{ref}-out")
            self.targets[f"{ref}-out"] = (p, y)
            inside = edge - 2.5 if sign == "+" else edge + 2.5
            # The switch, drawn open: nothing leaves past it.
            self._line(((b, edge), (b, inside)), "label.board", "board", 0.8)
            self._line(((p, edge), (p, inside)), "label.board", "board", 0.8)
            self._line(
                ((b, inside), (p - 3.0, inside + (1.8 if sign == "−" else -1.8))), "label.board", "board", 0.8
            )
            out = y + (6.0 if sign == "+" else -6.0)
            for x, name in ((b, f"B{sign}"), (p, f"P{sign}")):
                self.shapes.append(Label((x, out), name, 6.4, "wiring.text", ref))
        else:
            self._line(((CELL_W / 2, start), (CELL_W / 2, y), (end, y)), role, ref)
        fuse = self.design.leads.fuse
        if fuse is not None and f"main.{plain}.a" in {e.id for e in self.wiring.wires}:
            self.shapes.append(
                Area(rectangle(CELL_W + 6, y - 3.2, CELL_W + 26, y + 3.2), "lead.fuse", "fuse")
            )
            self.shapes.append(Label((CELL_W + 16, y), f"{fuse.rating_a:g} A", 6.4, "lead.fuse.text", "fuse"))

    def outlets(self) -> None:
        """The connectors of load and charger, each joined to both trunks."""
        middle = self.high / 2
        for n, name in enumerate(self.outs):
            x = OUT_X + n * (OUT_W + 8.0)
            box = rectangle(x, middle - OUT_H / 2, x + OUT_W, middle + OUT_H / 2)
            self.shapes.append(Area(box, "wiring.body", "connector"))
            self.shapes.append(Label((x + OUT_W / 2, middle), OUTLETS[name], 6.4, "wiring.text", "connector"))
            if name == "load":
                self.targets["connector"] = (x + OUT_W / 2, middle)
            for sign in ("+", "−"):
                self._branch(name, sign, x + OUT_W / 2, middle)

    def _branch(self, name: str, sign: str, x: float, middle: float) -> None:
        plain = sign.replace("−", "-")
        pole = "plus" if sign == "+" else "minus"
        role, ref = f"wiring.{pole}", f"lead:{pole}"
        way = 1.0 if sign == "+" else -1.0
        y = self.high + TRUNK if sign == "+" else -TRUNK
        at = middle + way * OUT_H / 2
        wire = next((e for e in self.wiring.edges if e.end == f"cup.{name}.{plain}"), None)
        if wire is not None and wire.wire is not None:
            ref = wire.wire.ref
        if wire is not None and wire.start.startswith("bms.C"):
            # From the charge port of its own, past the load's line.
            c, edge, below = PLUG_X + BOARD_W - 2.5, self._edge_y(plain), y + way * 9.0
            self._line(((c, edge), (c, below), (x, below), (x, at)), role, ref)
            self.shapes.append(Label((c + 6.5, below + way * -4.0), f"C{sign}", 6.4, "wiring.text", ref))
        elif x > OUT_X + OUT_W:
            self._line(((OUT_X + OUT_W / 2, y), (x, y), (x, at)), role, ref)
        else:
            self._line(((x, y), (x, at)), role, ref)
        self.shapes.append(Label((x + 6.0, at + way * 5.5), sign, 9.0, "wiring.text", ref))

    def _line(self, points: tuple[tuple[float, float], ...], role: str, ref: str, width: float = 2.2) -> None:
        self.shapes.append(Stroke(points, width, role, ref))


def nail_board(design: Design, analysis: Analysis, metal: UnderLoad | None = None) -> Drawing:
    """Return the board to make the harness on, at 1:1 in mm: a nail at each end of every wire, all beginning
    at the plug.

    Long wires go round nails and come back, so that the board stays within a page's width where it can.
    """
    entries = [
        e
        for e in wire_list(analysis.wiring, metal)
        if not e.ref.startswith("lead:") or e.name.startswith("B")
    ]
    longest = max((e.length_m for e in entries), default=0.1) * 1e3
    shapes: list[Shape] = []
    y = 0.0
    for entry in entries:
        y = _nailed(shapes, entry, y)
    wide = min(longest, FOLD_MM) + 34.0
    shapes.append(Area(rectangle(-8.0, y + NAIL_LANE / 2, -2.0, NAIL_LANE), "wiring.body", "board"))
    shapes.append(Label((-5.0, NAIL_LANE + 4.0), "plug", 3.4, "wiring.text"))
    title = f"{design.brief.title}: wires of the BMS, {len(entries)} pieces; lay each from nail to nail, cut, mark its number"
    shapes.append(Label((-8.0, NAIL_LANE + 11.0), title, 3.8, "label.title", anchor="start"))
    shapes.append(Stroke(((-10.0, y), (wide, y)), 0.01, "template.cross"))
    return Drawing("nail board", tuple(shapes), bounds_of(shapes))


FOLD_MM = 150.0


def _nailed(shapes: list[Shape], entry: WireEntry, y: float) -> float:
    """One wire to and fro between nails; the sum of its straight pieces is its cut length. Returns where the
    next begins."""
    left = entry.length_m * 1e3
    x, way = 0.0, 1.0
    shapes.append(Disc((0.0, y), NAIL_R, "wiring.nail"))
    ref = entry.ref
    lane = NAIL_LANE / 2
    while left > 1e-6:
        run = min(left, FOLD_MM if way > 0 else x)
        end = x + way * run
        shapes.append(Stroke(((x, y), (end, y)), 0.9, "wiring.line", ref))
        shapes.append(Stroke(((x, y), (end, y)), 0.6, INKS[entry.colour], ref))
        left -= run
        x = end
        if left > 1e-6:
            step = min(lane, left)
            shapes.append(Stroke(((x, y), (x, y - step)), 0.6, INKS[entry.colour], ref))
            y, left = y - step, left - step
            way = -way
        shapes.append(Disc((x, y), NAIL_R, "wiring.nail"))
    words = f"{entry.number}  {entry.name}  {entry.length_m * 1e3:.0f} mm {entry.gauge} {entry.colour}"
    at = x + 4.0 if way > 0 else FOLD_MM + 4.0
    shapes.append(Label((at, y), words, 2.8, "wiring.text", ref, anchor="start"))
    return y - NAIL_LANE
