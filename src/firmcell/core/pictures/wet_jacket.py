"""A jacketed pack cut along its length, and its end plates at true size with a notch for each wire."""

from math import cos, pi, sin

from firmcell.core.base.wording import millimetres
from firmcell.core.insulation.wet_jacket import JacketedPack
from firmcell.core.model.design import Design
from firmcell.core.pictures.drawing import (
    Area,
    Drawing,
    Label,
    Point,
    Shape,
    Stroke,
    bounds_of,
    rectangle,
)
from firmcell.core.pictures.templates import Template

MM = 1e3
SEEN_MM = 0.7
TEXT_MM = 3.4
ROUND_STEPS = 8


def plate_outline(made: JacketedPack, corner_m: float, notched: bool) -> tuple[Point, ...]:
    """Return the outline of an end plate, mm, its middle at 0; notches open at the upper edge, their bottoms
    round."""
    half_w, half_h = made.plate_m[0] * MM / 2, made.plate_m[1] * MM / 2
    r = min(corner_m * MM, half_w, half_h)
    points: list[Point] = []
    for x, y, begin in (
        (half_w - r, -half_h + r, -pi / 2),
        (half_w - r, half_h - r, 0.0),
        (-half_w + r, half_h - r, pi / 2),
        (-half_w + r, -half_h + r, pi),
    ):
        points += [
            (x + r * cos(begin + t * pi / 2 / ROUND_STEPS), y + r * sin(begin + t * pi / 2 / ROUND_STEPS))
            for t in range(ROUND_STEPS + 1)
        ]
        if not notched or begin not in (0.0, pi):
            continue
        # From right to left along the upper edge, from left to right along the lower one.
        way = 1 if begin == 0.0 else -1
        edge = [n for n in made.notches if n.upper is (way > 0)]
        for notch in sorted(edge, key=lambda n: -way * n.at_m):
            cut = _notch(way * notch.at_m * MM, half_h, notch.wide_m * MM / 2, notch.deep_m * MM)
            points += [(way * x, way * y) for x, y in cut]
    return tuple(points)


def _notch(x: float, top: float, half: float, deep: float) -> list[Point]:
    """Down one side, round the bottom, up the other, from right to left."""
    low = top - deep + half
    bottom = [
        (x + half * cos(t * pi / ROUND_STEPS), low - half * sin(t * pi / ROUND_STEPS))
        for t in range(ROUND_STEPS + 1)
    ]
    return [(x + half, top), *bottom, (x - half, top)]


def plate_templates(design: Design, made: JacketedPack) -> tuple[Template, ...]:
    """Return both end plates at true size: the one that the wires leave through, and the blind one."""
    found = []
    for name, layer, notched in (
        ("end plate, wires", "WIRES_PLATE", True),
        ("end plate, blind", "BLIND_PLATE", False),
    ):
        outline = plate_outline(made, design.wet_jacket.corner_m, notched)
        low = -made.plate_m[1] * MM / 2
        words = f"{name}, {millimetres(design.wet_jacket.plate_m)} thick"
        shapes: list[Shape] = [
            Area(outline, "template.plate"),
            Stroke(((-2, 0), (2, 0)), 0.15, "template.cross"),
            Stroke(((0, -2), (0, 2)), 0.15, "template.cross"),
            Label((0.0, low / 2), words, 2.2, "template.text"),
        ]
        found.append(Template(name, layer, Drawing(name, tuple(shapes), bounds_of(shapes))))
    return tuple(found)


def jacket_drawing(design: Design, made: JacketedPack) -> Drawing:
    """Return the finished pack cut along its length, wires to the right, and beside it the plate that they
    leave
    through; thin layers drawn thicker than they are."""
    job = design.wet_jacket
    long, half, plate, lip = job.length_m * MM, job.height_m * MM / 2, job.plate_m * MM, job.lip_m * MM
    wall = max(job.wall_m * MM, SEEN_MM)
    right = long + 2 * plate
    shapes: list[Shape] = [
        Area(rectangle(plate, -half, plate + long, half), "outline.insulation", "pack"),
        Label((plate + long / 2, 0.0), "pack", 6.0, "label.dimension", "pack"),
    ]
    inner = half - wall * 0.2
    for x in (0.0, plate + long):
        shapes.append(Area(rectangle(x, -inner, x + plate, inner), "board", "plate"))
    wide = design.leads.wire.outer_diameter_m * MM
    out = inner - wide / 2
    for y, role in ((out, "lead.plus"), (-out, "lead.minus")):
        shapes.append(Stroke(((plate + long, y), (right + lip + 26, y)), wide, role, "lead:" + role[5:]))
        # On its outer side the fillet of the rim lies over it.
        bead, side = job.bead_m * MM, -1 if y > 0 else 1
        at = y + side * wide / 2
        shapes.append(
            Area(((right, at), (right + bead, at), (right, at + side * bead)), "sealant", "sealant")
        )
    for side in (-1, 1):
        y = side * (half + wall / 2)
        shapes.append(Stroke(((-lip, y), (right + lip, y)), wall, "sleeve", "sleeve"))
        bead = job.bead_m * MM
        for x, way in ((0.0, -1), (right, 1)):
            corner = ((x, side * half), (x + way * bead, side * half), (x, side * (half - bead)))
            shapes.append(Area(corner, "sealant", "sealant"))
    shapes += _sizes(design, made, right, half, lip)
    shapes += _plate_beside(design, made, right + lip + 44)
    targets = {
        "pack": (plate + long / 2, 0.0),
        "sleeve": (right / 2, half),
        "plate": (plate / 2, 0.0),
        "sealant": (right, half),
    }
    targets |= {"lead:plus": (right + lip + 18, out), "lead:minus": (right + lip + 18, -out)}
    return Drawing("wet jacket", tuple(shapes), bounds_of(shapes), targets)


def _sizes(design: Design, made: JacketedPack, right: float, half: float, lip: float) -> list[Shape]:
    y = -half - 7.0
    flat = made.sleeve.name if made.sleeve else "no stock sleeve"
    told = (
        f"{millimetres(made.size_m[0])} finished, {millimetres(made.size_m[1])} × {millimetres(made.size_m[2])}",
        f"{flat}, cut {millimetres(made.cut_m)}; lip {millimetres(design.wet_jacket.lip_m)} past each plate, trimmed",
    )
    line: list[Shape] = [Stroke(((-lip, y), (right + lip, y)), 0.2, "dimension")]
    line += [Stroke(((x, y - 1.2), (x, y + 1.2)), 0.2, "dimension") for x in (-lip, right + lip)]
    words = [
        Label((-lip, y - 4.5 - 5.5 * n), text, TEXT_MM, "label.dimension", anchor="start")
        for n, text in enumerate(told)
    ]
    title = Label(
        (-lip, half + 8.0),
        "Cut along its length; thin layers drawn thicker than they are",
        TEXT_MM,
        "label.title",
        anchor="start",
    )
    return [*line, *words, title]


def _plate_beside(design: Design, made: JacketedPack, x: float) -> list[Shape]:
    """The plate that the wires leave through, from outside, with its notches."""
    outline = plate_outline(made, design.wet_jacket.corner_m, True)
    x += made.plate_m[0] * MM / 2
    moved = tuple((px + x, py) for px, py in outline)
    words = f"end plate {made.plate_m[0] * MM:.1f} × {millimetres(made.plate_m[1])}"
    return [
        Area(moved, "board", "plate"),
        Label(
            (x - made.plate_m[0] * MM / 2, -made.plate_m[1] * MM / 2 - 5.0),
            words,
            TEXT_MM,
            "label.dimension",
            "plate",
            anchor="start",
        ),
    ]
