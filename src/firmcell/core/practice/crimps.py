"""A crimped barrel, cut across and seen from the side: sound, or with one fault."""

import numpy as np

from firmcell.core.pictures.drawing import Area, Disc, Drawing, Point, Shape, Stroke, bounds_of, rectangle
from firmcell.core.practice.task import Choice, Subject, Task

GOOD, LOOSE, TIGHT, FEW, INSULATION, OFFSET, SHORT = range(7)
CHOICES = (
    "sound: leave it",
    "too loose: the die or the setting is too large",
    "too tight: the die or the setting is too small",
    "strands are missing",
    "insulation is under the crimp",
    "the halves of the die were not in line",
    "the wire is not home in the barrel",
)
WHY = (
    "Strands are pressed to one body without hollows, the wall is whole and even, copper shows in the witness hole, "
    "and a finger of about 1 mm of bare wire is left before the insulation.",
    "Strands are still round, with air between them: current passes at a few points, they corrode and get hot, and the wire pulls out.",
    "The wall is thin and cracked, and metal is squeezed out at the sides: strands are thinned and break where they leave the barrel.",
    "There is a hollow where strands should be: some were cut off or bent back. What is left carries the whole current.",
    "A coat of insulation lies between strands and wall: hardly any metal touches. It gets hot at once, and it pulls out.",
    "The two halves are pushed past each other, with a fin at each side: one side is not pressed, the other is cut.",
    "No copper shows in the witness hole: the wire ends before the crimp, which holds it by its tip or not at all.",
)
LOOK = (
    "Hollows between strands, the thickness of the wall all round, what lies between, and the witness hole."
)
STRANDS = 19


def crimp_task(dice: np.random.Generator, kind: int) -> Task:
    """Return a crimp with fault number `kind`, or a sound one, with sizes by chance."""
    across, side = _across(dice, kind), _side(dice, kind)
    question = f"A crimp on a wire of {STRANDS} strands: cut across, and from the side. What is it?"
    harmful = frozenset({GOOD}) if kind != GOOD else frozenset()
    if kind == TIGHT:
        harmful |= {LOOSE}
    if kind == LOOSE:
        harmful |= {TIGHT}
    why = WHY[kind]
    choices = tuple(Choice(words) for words in CHOICES)
    shown = ("fault",) if kind != GOOD else ()
    return Task(
        Subject.CRIMP,
        CHOICES[kind].split(":")[0],
        (across, side),
        question,
        choices,
        kind,
        harmful,
        why,
        LOOK,
        shown,
    )


def hexagon(reach: float, by: float = 0.0, flat: float = 1.0) -> tuple[Point, ...]:
    """Corners of a hexagon of that radius, flattened by `flat`."""
    at = [by + np.pi / 3 * n for n in range(6)]
    return tuple((reach * float(np.cos(a)), flat * reach * float(np.sin(a))) for a in at)


def _places(pitch: float, flat: float = 1.0) -> list[Point]:
    """The middles of 19 strands, packed as closely as discs lie."""
    found = [(0.0, 0.0)]
    for ring, count in ((1, 6), (2, 12)):
        corners = [
            (ring * pitch * float(np.cos(np.pi / 3 * k)), ring * pitch * float(np.sin(np.pi / 3 * k)))
            for k in range(6)
        ]
        for k in range(6):
            (ax, ay), (bx, by) = corners[k], corners[(k + 1) % 6]
            found += [(ax + (bx - ax) * n / ring, ay + (by - ay) * n / ring) for n in range(ring)]
        assert len(found) == 1 + 3 * ring * (ring + 1), count
    return [(x, flat * y) for x, y in found]


def _across(dice: np.random.Generator, kind: int) -> Drawing:
    strand = float(dice.uniform(1.7, 2.0))
    by = float(dice.choice([0.0, np.pi / 6]))
    shapes: list[Shape] = []
    if kind == LOOSE:
        inner = 3.15 * strand
        shapes += _ring(1.32 * inner, inner)
        jitter = dice.normal(0, 0.06 * strand, (STRANDS, 2))
        for (x, y), (dx, dy) in zip(_places(1.16 * strand), jitter.tolist(), strict=True):
            shapes.append(Disc((x + dx, y + dy), 0.5 * strand, "seen.copper", "fault"))
    else:
        flat = 0.62 if kind == TIGHT else 1.0
        shapes += _pressed(kind, strand, by, flat, int(dice.integers(6)))
    drawing = tuple(shapes)
    return Drawing("Cut across", drawing, bounds_of(shapes))


def _ring(outer: float, inner: float) -> list[Shape]:
    return [Disc((0.0, 0.0), outer, "seen.cup"), Disc((0.0, 0.0), inner, "seen.hollow")]


def _pressed(kind: int, strand: float, by: float, flat: float, side: int) -> list[Shape]:
    """A hexagonal crimp: barrel, what lies inside, strands pressed to six-sided bodies."""
    inner = 2.62 * strand
    outer = inner * (1.16 if kind == TIGHT else 1.38)
    shapes: list[Shape] = []
    if kind == TIGHT:
        fin, thick = 1.75 * inner, 0.13 * inner
        shapes += [Area(((s * fin, 0.0), (0.0, thick), (0.0, -thick)), "seen.fin", "fault") for s in (-1, 1)]
    shapes.append(Area(hexagon(outer, by, flat), "seen.cup", "fault" if kind == TIGHT else ""))
    filling = {FEW: "seen.hollow", INSULATION: "lead.plus"}.get(kind, "seen.copper")
    ref = "fault" if kind in (FEW, INSULATION) else ""
    shapes.append(Area(hexagon(inner, by, flat), filling, ref))
    places = _places(0.93 * strand, flat)
    scale = 1.0
    if kind == INSULATION:
        scale = 0.72
        shapes.append(Area(hexagon(0.76 * inner, by, flat), "seen.copper"))
    if kind == FEW:
        away = (float(np.cos(by + side * np.pi / 3)), float(np.sin(by + side * np.pi / 3)))
        places = sorted(places, key=lambda p: p[0] * away[0] + p[1] * away[1])[:12]
    each = 0.555 * strand * scale
    for x, y in places:
        cell = tuple((scale * x + px, scale * y + py) for px, py in hexagon(each, np.pi / 6, flat))
        shapes.append(Area(cell, "seen.strand"))
    if kind == TIGHT:
        top = 0.84 * flat * outer
        crack = tuple((0.25 * inner + 0.08 * inner * (-1) ** k, top - 0.09 * inner * k) for k in range(5))
        shapes.append(Stroke(crack, 0.09 * strand, "seen.scorch", "fault"))
    if kind == OFFSET:
        shapes = _pushed(shapes, 0.5 * strand, outer)
    return shapes


def _pushed(shapes: list[Shape], by: float, outer: float) -> list[Shape]:
    """The upper half to the right, the lower to the left, and a fin at each step."""
    # Imported here: only this picture cuts shapes.
    from shapely.geometry import Polygon, box

    found: list[Shape] = []
    for shape in shapes:
        if not isinstance(shape, Area):
            continue
        for half, dx in ((box(-99, 0, 99, 99), by), (box(-99, -99, 99, 0), -by)):
            part = Polygon(shape.points).intersection(half)
            if not part.is_empty and part.geom_type == "Polygon":
                corners = tuple((x + dx, y) for x, y in list(part.exterior.coords)[:-1])
                found.append(Area(corners, shape.role, shape.ref))
    end = max(x for s in found if isinstance(s, Area) for x, _ in s.points)
    fin = ((end - 0.5 * outer, 0.0), (end + 0.22 * outer, 0.03 * outer), (end - 0.1 * outer, 0.2 * outer))
    other = tuple((-x, -y) for x, y in fin)
    return [Area(fin, "seen.fin", "fault"), Area(other, "seen.fin", "fault"), *found]


def _side(dice: np.random.Generator, kind: int) -> Drawing:
    """The lug from the side: barrel with its dents and witness hole, and the wire that goes in."""
    h, long = 2.6, float(dice.uniform(9.0, 11.0))
    gap = float(dice.uniform(0.7, 1.2))
    starts = long - 0.8 if kind == INSULATION else long + gap
    dent = {LOOSE: 0.08, TIGHT: 0.62}.get(kind, 0.3)
    a, b = 0.42 * long, 0.74 * long
    top = [(0.0, h), (a - 0.5, h), (a, h * (1 - dent)), (b, h * (1 - dent)), (b + 0.5, h), (long, h)]
    barrel = (*top, *((x, -y) for x, y in reversed(top)))
    insulated = (
        rectangle(starts, -h * 0.93, long + 7.0, h * 0.93)
        if kind != INSULATION
        else ((long, -h * 0.97), (long + 7.0, -h * 0.97), (long + 7.0, h * 0.97), (long, h * 0.97))
    )
    shapes: list[Shape] = [
        Area(((-6.5, -h * 0.55), (0.0, -h), (0.0, h), (-6.5, h * 0.55)), "seen.cup"),
        Disc((-5.8, 0.0), 1.5 * h, "seen.cup"),
        Disc((-5.8, 0.0), 0.75 * h, "face.hole"),
    ]
    shapes += [
        Stroke(
            ((long - 0.5, -0.72 * h + 0.24 * h * n), (max(starts, long), -0.72 * h + 0.24 * h * n)),
            0.2 * h,
            "seen.copper",
        )
        for n in range(7)
    ]
    shapes += [
        Area(insulated, "lead.plus"),
        Area(barrel, "seen.cup", "fault" if kind in (LOOSE, TIGHT) else ""),
        Disc(
            (0.16 * long, 0.0),
            0.55,
            "face.hole" if kind == SHORT else "seen.copper",
            "fault" if kind == SHORT else "",
        ),
        Stroke(
            tuple(
                (0.16 * long + 0.55 * float(np.cos(t)), 0.55 * float(np.sin(t)))
                for t in np.linspace(0, 2 * np.pi, 24)
            ),
            0.12,
            "seen.scorch",
        ),
    ]
    return Drawing("From the side", tuple(shapes), bounds_of(shapes))
