"""The wiring as a straight schematic, and as a board with nails to make the harness on at 1:1."""

from firmcell.core.analysis.figures import Analysis
from firmcell.core.bms.sense_leads import plug_places
from firmcell.core.bms.wire_list import WireEntry, tap_colour, wire_list
from firmcell.core.model.design import Design
from firmcell.core.model.parts import SwitchSide
from firmcell.core.pictures.drawing import Area, Disc, Drawing, Label, Shape, Stroke, bounds_of, rectangle
from firmcell.core.strips.under_load import UnderLoad

ROW, CELL_W, PLUG_X = 17.0, 34.0, 128.0
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
}


def schematic(design: Design, analysis: Analysis) -> Drawing:
    """Return the pack as a ladder: groups from minus at the foot to plus on top, sense leads to the plug as
    its pads are printed.

    Each lead has its colour; leads cross where the plug's order runs against the pack's.
    """
    series = design.series
    board = design.bms.board
    shapes: list[Shape] = []
    targets: dict[str, tuple[float, float]] = {}
    high = series * ROW
    for group in range(1, series + 1):
        y = (group - 0.5) * ROW
        shapes.append(
            Area(rectangle(0, y - ROW * 0.36, CELL_W, y + ROW * 0.36), "wiring.body", f"group:{group}")
        )
        shapes.append(Label((CELL_W / 2 + 2.5, y), f"group {group}", 6.4, "wiring.text", f"group:{group}"))
        shapes.append(Label((2.6, y + ROW * 0.21), "+", 6.2, "face.plus", f"group:{group}"))
        shapes.append(Label((2.6, y - ROW * 0.21), "−", 6.2, "face.minus", f"group:{group}"))
        targets[f"group:{group}"] = (CELL_W / 2, y)
    names = board.pad_names if board else tuple(f"B{n}" for n in range(series + 1))
    order = plug_places(names, series)
    step = high / max(len(names) - 1, 1)
    for tap in analysis.bms.taps:
        n = tap.number
        y = n * ROW
        face = "top" if tap.face.value == "top" else "bottom"
        shapes.append(Stroke(((CELL_W / 2, y - 1.3), (CELL_W / 2, y + 1.3)), 0.8, "wiring.line"))
        end = order.get(n)
        to = end * step if end is not None else y
        if tap.wire_length_m:
            bend = CELL_W + 20.0
            line = ((CELL_W / 2, y), (bend, y), (PLUG_X - 14.0, to), (PLUG_X, to))
            shapes.append(Stroke(line, 2.2, "wiring.line", f"tap:{n}"))
            shapes.append(Stroke(line, 1.6, INKS[tap_colour(n, series)], f"tap:{n}"))
        shapes.append(Disc((CELL_W / 2, y), 1.8, "tap", f"tap:{n}"))
        words = f"B{n} {face}, {tap.wire_length_m * 1e3:.0f} mm" if tap.wire_length_m else f"B{n} {face}"
        shapes.append(Label((CELL_W + 1.5, y + 4.4), words, 6.6, "wiring.quiet", f"tap:{n}", anchor="start"))
        targets[f"tap:{n}"] = (CELL_W / 2, y)
    shapes.append(
        Area(rectangle(PLUG_X, -4.0, PLUG_X + 18.0, high + 4.0), "board" if board else "wiring.body", "board")
    )
    for place, name in enumerate(names):
        shapes.append(Disc((PLUG_X, place * step), 1.1, "board.pad", "board"))
        shapes.append(
            Label(
                (PLUG_X + 10.0, place * step), name, 6.4, "label.board" if board else "wiring.text", "board"
            )
        )
    targets["board"] = (PLUG_X + 8.0, high / 2)
    shapes += _main_leads(design, high)
    title = f"{board.name if board else 'Balance plug only'}, minus at the foot"
    shapes.append(Label((-8.0, high + 23.0), title, 7.0, "label.title", anchor="start"))
    return Drawing("wiring", tuple(shapes), bounds_of(shapes), targets)


def _main_leads(design: Design, high: float) -> list[Shape]:
    """Plus over the top, minus under the foot; the line that the board switches goes through it."""
    board, leads = design.bms.board, design.leads
    plus_y, minus_y, end = high + 11.0, -12.0, PLUG_X + 36.0
    shapes: list[Shape] = []
    for pole, sign, start, y in (("plus", "+", high, plus_y), ("minus", "−", 0.0, minus_y)):
        role, ref = f"wiring.{pole}", f"lead:{pole}"
        edge = high + 4.0 if pole == "plus" else -4.0
        through = board is not None and (board.switch_side is SwitchSide.HIGH) == (pole == "plus")
        if through:
            shapes.append(
                Stroke(
                    ((CELL_W / 2, start), (CELL_W / 2, y), (PLUG_X + 4.0, y), (PLUG_X + 4.0, edge)),
                    2.2,
                    role,
                    ref,
                )
            )
            shapes.append(Stroke(((PLUG_X + 13.0, edge), (PLUG_X + 13.0, y), (end, y)), 2.2, role, ref))
            for x, name in ((PLUG_X + 1.0, f"B{sign}"), (PLUG_X + 19.0, f"P{sign}")):
                shapes.append(
                    Label((x, y + (6.0 if pole == "plus" else -6.0)), name, 6.4, "wiring.text", ref)
                )
        else:
            shapes.append(Stroke(((CELL_W / 2, start), (CELL_W / 2, y), (end, y)), 2.2, role, ref))
        shapes.append(Label((end + 5.0, y), sign, 7.0, f"lead.{pole}.sign", ref))
    if leads.fuse is not None:
        shapes.append(
            Area(rectangle(CELL_W + 6, plus_y - 3.2, CELL_W + 26, plus_y + 3.2), "lead.fuse", "fuse")
        )
        shapes.append(
            Label((CELL_W + 16, plus_y), f"{leads.fuse.rating_a:g} A", 6.4, "lead.fuse.text", "fuse")
        )
    return shapes


def nail_board(design: Design, analysis: Analysis, metal: UnderLoad | None = None) -> Drawing:
    """Return the board to make the harness on, at 1:1 in mm: a nail at each end of every wire, all beginning
    at the plug.

    Long wires go round nails and come back, so that the board stays within a page's width where it can.
    """
    entries = [
        e
        for e in wire_list(design, analysis.bms.taps, metal)
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
