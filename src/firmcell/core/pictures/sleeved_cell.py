"""A cell with its new sleeve and ring, cut along its axis, and its positive end seen from above."""

from firmcell.core.base.wording import millimetres
from firmcell.core.insulation.cell_sleeve import sleeved_cell
from firmcell.core.model.cell_sleeves import LIP_M
from firmcell.core.model.design import Design
from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Drawing,
    Label,
    Shape,
    Stroke,
    bounds_of,
    rectangle,
)
from firmcell.core.pictures.single_cell import MM, NUB_MM, SEEN_MM, TEXT_MM


def sleeved_cell_drawing(design: Design) -> Drawing:
    """Return the finished cell to scale, negative end at the left; thin layers are drawn thicker than they
    are."""
    job, part = design.re_sleeve, design.cell
    made = sleeved_cell(part, job)
    long, half, nub = made.long_m * MM, made.bare_m * MM / 2, part.nub_diameter_m * MM / 2
    rim, ring, wall, lip = long - NUB_MM, max(job.ring_m * MM, SEEN_MM), SEEN_MM, LIP_M * MM
    end = (long + half + 16.0, 0.0)
    shapes: list[Shape] = [
        Disc(end, half, "cell.wrap", "cell:1"),
        Disc(end, half - lip * 0.5, "ring", "ring"),
        Disc(end, nub, "cell.nub", "cell:1"),
        Area(rectangle(0, -half, rim, half), "cell.body", "cell:1"),
        Area(rectangle(0, -half * 0.85, 1.0, half * 0.85), "cell.minus", "cell:1"),
        Area(rectangle(rim, -nub, long, nub), "cell.nub", "cell:1"),
    ]
    for side in (-1, 1):
        low, high = sorted((side * nub, side * half))
        shapes.append(Area(rectangle(rim, low, rim + ring, high), "ring", "ring"))
        y = side * (half + wall / 2)
        # Over the can, and a lip inwards over both ends: over the ring at the positive, over the can's
        # bottom at the negative.
        way = (
            (-wall / 2, y - side * lip),
            (-wall / 2, y),
            (rim + ring + wall / 2, y),
            (rim + ring + wall / 2, y - side * lip),
        )
        shapes.append(Stroke(way, wall, "sleeve", "sleeve"))
    for x, sign, role in ((6.0, "−", "mark.minus"), (long - 7.0, "+", "mark.plus")):
        shapes.append(Label((x, 0.0), sign, 6.0, role, "cell:1"))
    shapes += _sizes(long, half, f"{millimetres(made.length_m)} with its sleeve")
    shapes.append(
        Label((end[0], -half - 3.6), f"⌀ {millimetres(made.diameter_m)}", TEXT_MM, "label.dimension")
    )
    flat = f"sleeve {millimetres(made.flat_m)} flat" if made.flat_m else "no stock sleeve slides on and grips"
    told = (
        (long * 0.3, half + wall, f"{flat}, cut {millimetres(made.cut_m)}", "sleeve", 4.0),
        (rim + ring / 2, half * 0.7, f"ring {millimetres(job.ring_m)}, under the lip", "ring", 9.0),
    )
    for x, low, text, ref, up in told:
        high = half + 5.0 + up
        shapes.append(Stroke(((x, low), (x, high - 2.0)), 0.18, "dimension"))
        anchor = "start" if ref == "sleeve" else "middle"
        shapes.append(Label((x, high), text, TEXT_MM, "label.dimension", ref, anchor=anchor))
    words = "Cut along the axis; thin layers drawn thicker than they are"
    shapes.append(Label((0.0, half + 20.0), words, TEXT_MM, "label.title", anchor="start"))
    targets = {"cell:1": (long / 2, 0.0), "ring": (rim, half), "sleeve": (long * 0.3, -half)}
    return Drawing("with its sleeve", tuple(shapes), bounds_of(shapes), targets)


def _sizes(long: float, half: float, words: str) -> list[Shape]:
    """The length, under the cell."""
    y = -half - 7.0
    ticks: list[Shape] = [Stroke(((x, y - 1.2), (x, y + 1.2)), 0.2, "dimension") for x in (0.0, long)]
    line = Stroke(((0.0, y), (long, y)), 0.2, "dimension")
    return [line, *ticks, Label((long / 2, y - 2.6), words, TEXT_MM, "label.dimension")]
