"""A wire soldered into a connector's cup, cut along its axis: sound, or with one fault."""

import numpy as np

from firmcell.core.pictures.drawing import (
    Area,
    Disc,
    Drawing,
    Point,
    Shape,
    Stroke,
    bounds_of,
    mapped,
    rectangle,
)
from firmcell.core.practice.task import Choice, Subject, Task

GOOD, COLD, FLOATING, LITTLE, BLOB, BURNT, CROOKED = range(7)
CHOICES = (
    "sound: leave it",
    "cold, or moved while it set",
    "the wire floats and is not home in the cup",
    "too little solder",
    "a blob hangs underneath",
    "insulation melted back, strands bare",
    "the contact stands crooked in softened plastic",
)
WHY = (
    "Solder runs out thin on to wall and strands, the strands show in outline, the wire is home and the insulation whole. "
    "Dull is no fault of lead-free solder.",
    "The solder stands in lumps and does not run out on to the wall: it was too cold, or the wire moved. It lets go when it is pulled or gets warm.",
    "The wire ends short of the cup's floor and lies in solder all round: only solder holds it. It lets go when it is hot.",
    "Strands lie bare in the cup and there are hollows: too small a section carries the current.",
    "The drop outside keeps the sleeve from lying close, and can reach the other contact.",
    "Bare strands between cup and insulation can be reached and break where they leave the solder; the sleeve may not cover them.",
    "The plastic gave way under the heat: the contact no longer meets its mate straight, and may touch too little or push out.",
)
LOOK = "Follow the edge of the solder along the wall, then the end of the wire, then the insulation."


def joint_task(dice: np.random.Generator, kind: int) -> Task:
    """Return a joint with fault number `kind`, or a sound one, with sizes by chance."""
    leaded = bool(dice.integers(2))
    drawing = _picture(dice, kind, leaded)
    alloy = "leaded solder" if leaded else "lead-free solder"
    question = f"A wire in its cup, cut along the middle; {alloy}. What is it?"
    harmful = frozenset({GOOD}) if kind != GOOD else frozenset()
    choices = tuple(Choice(words) for words in CHOICES)
    shown = ("fault",) if kind != GOOD else ()
    return Task(
        Subject.JOINT,
        CHOICES[kind].split(":")[0],
        (drawing,),
        question,
        choices,
        kind,
        harmful,
        WHY[kind],
        LOOK,
        shown,
    )


def _picture(dice: np.random.Generator, kind: int, leaded: bool) -> Drawing:
    r = float(dice.uniform(1.5, 2.2))
    wall, long = 0.22 * r, float(dice.uniform(4.2, 5.0)) * r
    wire = 0.78 * r
    home = 0.55 * r
    tip = home + (float(dice.uniform(1.8, 2.3)) * r if kind == FLOATING else 0.12 * r)
    gap = long + (float(dice.uniform(1.7, 2.3)) * r if kind == BURNT else float(dice.uniform(0.15, 0.3)) * r)
    rise = 0.24 * r if kind == FLOATING else 0.0
    wire_role = ("lead.plus", "lead.minus")[int(dice.integers(2))]
    cup: list[Shape] = [
        Area(rectangle(0.0, -r - wall, long, -r), "seen.cup"),
        Area(rectangle(0.0, -r, home, r), "seen.cup"),
        Area(rectangle(0.0, r, 0.5 * long, r + wall), "seen.cup"),
        Area(rectangle(-2.0 * r, -0.55 * r, 0.0, 0.55 * r), "seen.cup"),
    ]
    body: list[Shape] = [Area(rectangle(-2.6 * r, -1.9 * r, -0.5 * r, 1.9 * r), "face.body")]
    if kind == CROOKED:
        slack = ((-0.5 * r, -1.9 * r), (0.25 * r, -1.5 * r), (0.1 * r, -0.6 * r), (-0.5 * r, 0.2 * r))
        body.append(Area(slack, "face.body", "fault"))
    shapes = [
        *_solder_below(dice, kind, leaded, r, wall, home, long),
        *_wire(tip, gap, wire, rise, wire_role, r, long, kind),
        *_solder_over(dice, kind, leaded, r, home, long),
    ]
    joint = [*cup, *shapes]
    if kind == CROOKED:
        joint = [turned_by(s, -0.17) for s in joint]
    if bool(dice.integers(2)):
        joint, body = [left_for_right(s) for s in joint], [left_for_right(s) for s in body]
    found = [*body, *joint]
    return Drawing("A wire in its cup, cut along", tuple(found), bounds_of(found))


def _wire(
    tip: float, gap: float, half: float, rise: float, role: str, r: float, long: float, kind: int
) -> list[Shape]:
    """Strands from their tip to the insulation, and the insulation."""
    count = 7
    each = 2 * half / count
    ys = [rise - half + each * (n + 0.5) for n in range(count)]
    ref = "fault" if kind == FLOATING else ""
    shapes: list[Shape] = [Stroke(((tip, y), (gap, y)), each * 0.86, "seen.copper", ref) for y in ys]
    thick = half * 1.45
    if kind == BURNT:
        shapes.append(Stroke(((long, rise), (gap, rise)), 0.25 * half, "seen.scorch", "fault"))
        end = [
            (gap + 0.5 * r * (0.3 + 0.7 * abs(np.sin(2.3 * n))), rise - thick * 1.2 + 2.4 * thick * n / 8)
            for n in range(9)
        ]
        far = gap + 2.4 * r
        shapes.append(Area((*end, (far, rise + thick), (far, rise - thick)), role, "fault"))
    else:
        shapes.append(Area(rectangle(gap, rise - thick, gap + 2.4 * r, rise + thick), role))
    return shapes


def _solder_below(
    dice: np.random.Generator, kind: int, leaded: bool, r: float, wall: float, home: float, long: float
) -> list[Shape]:
    """Solder behind the strands: what fills the cup."""
    role = "seen.solder" if leaded and kind != COLD else "seen.solder.dull"
    shapes: list[Shape] = []
    if kind == LITTLE:
        # A puddle on the floor: hollows above it.
        top = [
            (home + (0.7 * long - home) * n / 10, -r + 0.5 * r * (1 - n / 10) ** 0.7 + 0.05 * r)
            for n in range(11)
        ]
        shapes.append(Area(((home, -r), *top, (0.75 * long, -r)), role, "fault"))
    elif kind == COLD:
        shapes.append(Area(((home, -r), (home, -0.7 * r), (0.9 * long, -0.85 * r), (0.9 * long, -r)), role))
    else:
        # From the lip down on to the strands at the mouth, hollow as wetted metal stands.
        top = [_fillet(t, home, long, r) for t in np.linspace(0, 1, 14)]
        shapes.append(
            Area(((home, -r), (home, r), *top, (long, -r)), role, "fault" if kind == FLOATING else "")
        )
    if kind == BLOB:
        x = float(dice.uniform(0.35, 0.7)) * long
        drop = [
            (x + 0.95 * r * float(np.cos(a)), -r - wall + 1.15 * r * float(np.sin(a)))
            for a in np.linspace(np.pi, 2 * np.pi, 16)
        ]
        shapes.append(Area(tuple(drop), role, "fault"))
    return shapes


def _fillet(t: float, home: float, long: float, r: float) -> Point:
    """The top of good solder, from the lip (t = 0) to the mouth of the cup (t = 1)."""
    x = home + t * (1.06 * long - home)
    start = 0.5 * long
    if x < start:
        return x, r
    s = (x - start) / (1.06 * long - start)
    return x, r - 0.24 * r * (1 - (1 - s) ** 2)


def _lumps(dice: np.random.Generator, start: float, end: float, r: float) -> list[Point]:
    count = 26
    bulge = dice.uniform(0.55, 1.25, 5)
    tops = []
    for n in range(count + 1):
        t = n / count
        lump = float(bulge[min(int(t * 5), 4)])
        tops.append((start + t * (end - start), r * (0.25 + lump * abs(np.sin(5 * np.pi * t)))))
    return tops


def _solder_over(
    dice: np.random.Generator, kind: int, leaded: bool, r: float, home: float, long: float
) -> list[Shape]:
    """What lies over the strands: a thin veil through which they show, shine, cracks."""
    if kind == LITTLE:
        return []
    shapes: list[Shape] = []
    if kind == COLD:
        lumps = _lumps(dice, home, 0.9 * long, r)
        foot = [(x, -0.3 * r + 0.2 * r * float(np.sin(2.1 * n))) for n, (x, _) in enumerate(lumps)]
        shapes.append(Area((*lumps, *reversed(foot)), "seen.solder.dull", "fault"))
        for n in range(3):
            x = home + (0.9 * long - home) * (n + 1) / 4
            crack = tuple((x + 0.12 * r * (-1) ** k, -0.5 * r + 0.36 * r * k) for k in range(4))
            shapes.append(Stroke(crack, 0.07 * r, "seen.scorch", "fault"))
        shapes += [
            Disc(
                (float(dice.uniform(home + 0.3 * r, 0.85 * long)), float(dice.uniform(-0.6, 0.6)) * r),
                0.06 * r,
                "seen.pit",
            )
            for _ in range(24)
        ]
        return shapes
    if leaded:
        shapes.append(Stroke(((home + 0.3 * r, 0.86 * r), (0.62 * long, 0.86 * r)), 0.1 * r, "seen.shine"))
    return shapes


def turned_by(shape: Shape, angle: float) -> Shape:
    """Return a shape turned about the origin, radians."""
    c, s = float(np.cos(angle)), float(np.sin(angle))
    return mapped(shape, lambda p: (c * p[0] - s * p[1], s * p[0] + c * p[1]))


def left_for_right(shape: Shape) -> Shape:
    """Return a shape mirrored left for right."""
    return mapped(shape, lambda p: (-p[0], p[1]))
