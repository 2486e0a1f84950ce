"""A small old pack as it was found: sound, or with one fault at one place."""

import numpy as np

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
from firmcell.core.practice.task import Choice, Subject, Task

SOUND, RIPPLED, BROWNED, RUST, NO_RING, OVER_RIM, LOOSE, CUT = range(8)
CHOICES = (
    "nothing to be seen",
    "strip rippled by heat",
    "wrap browned by heat",
    "rust or leakage",
    "ring missing at a plus",
    "strip lies over the rim",
    "a cell's weld has let go",
    "insulation of the wire is cut",
)
WHY = (
    "Nothing is seen from outside. Measure every group before it is trusted.",
    "Strip that waves carried more than it can: it sags on to the rim, and its welds were hot. Find out what it carried.",
    "The cell was hotter than its neighbours: worn, or joined badly. It is not used again.",
    "The seal has let something out, or water came in. The cell is not used again, and the strip there is replaced.",
    "The can is minus right up to the rim: without a ring, the strip on the plus is one scratch away from a short.",
    "A strip on plus that reaches over the rim lies on minus, with the wrap between them only.",
    "The strip stands off this cell: the others of its group carry its share, and it is not charged or watched with them.",
    "Copper shows through: where the wire lies on strip or can, it is a short.",
)
LOOK = "Go over it cell by cell: colour of the wrap, ring, edge of the strip, its welds; then along the wire."
PITCH, REACH = 20.0, 9.2


def as_found_task(dice: np.random.Generator, kind: int) -> Task:
    """Return an old pack with fault number `kind` at a place by chance."""
    columns = int(dice.integers(3, 5))
    at = [(c * PITCH, -r * PITCH) for r in range(2) for c in range(columns)]
    plus = [c % 2 == 0 for _ in range(2) for c in range(columns)]
    pluses = [n for n in range(len(at)) if plus[n]]
    if kind in (NO_RING, OVER_RIM):
        where = int(dice.choice(pluses))
    elif kind == RIPPLED:
        where = int(dice.integers(columns))
    else:
        where = int(dice.integers(len(at)))
    shapes: list[Shape] = []
    for n, p in enumerate(at):
        shapes += _cell(dice, n, p, plus[n], kind if n == where else SOUND)
    for c in range(columns):
        shapes += _strip(c, kind if kind != RIPPLED or c == where else SOUND, where, columns)
    shapes += _wire(dice, columns, kind)
    drawing = Drawing("As found, seen from above", tuple(shapes), bounds_of(shapes))
    places = tuple(Choice(f"cell {n + 1}", f"cell:{n}") for n in range(len(at)))
    places += tuple(
        Choice(f"strip of cells {c + 1} and {c + 1 + columns}", f"strip:{c}") for c in range(columns)
    )
    places += (Choice("the wire", "wire"), Choice("nowhere"))
    place = {SOUND: len(places) - 1, CUT: len(places) - 2, RIPPLED: len(at) + where}.get(kind, where)
    harmful = frozenset({SOUND}) if kind != SOUND else frozenset()
    return Task(
        Subject.AS_FOUND,
        CHOICES[kind],
        (drawing,),
        "An old pack, opened. What is wrong with it, and where?",
        tuple(Choice(words) for words in CHOICES),
        kind,
        harmful,
        WHY[kind],
        LOOK,
        (places[place].ref,) if kind != SOUND else (),
        places,
        place,
    )


def _cell(dice: np.random.Generator, n: int, p: Point, plus: bool, kind: int) -> list[Shape]:
    ref = f"cell:{n}"
    shapes: list[Shape] = [Disc(p, REACH, "cell.wrap", ref)]
    if kind == BROWNED:
        shapes.append(Disc(p, REACH, "seen.browned", ref))
    if plus:
        shapes.append(Disc(p, 0.86 * REACH, "seen.can", ref))
        if kind != NO_RING:
            shapes.append(Disc(p, 0.84 * REACH, "ring", ref))
        shapes.append(Disc(p, 0.4 * REACH, "cell.plus", ref))
    else:
        shapes.append(Disc(p, 0.84 * REACH, "seen.can", ref))
    if kind == RUST:
        for _ in range(26):
            a, d = float(dice.uniform(0, 2 * np.pi)), REACH * float(dice.uniform(0.45, 0.95))
            spot = (p[0] + d * float(np.cos(a)), p[1] + d * float(np.sin(a)))
            shapes.append(Disc(spot, float(dice.uniform(0.25, 0.8)), "seen.rust", ref))
    sign = "+" if plus else "−"
    shapes.append(
        Label((p[0] - 0.62 * REACH, p[1] + 0.6 * REACH), sign, 3.0, "mark.plus" if plus else "mark.minus")
    )
    shapes.append(Label((p[0] + 1.02 * REACH, p[1] - 0.9 * REACH), str(n + 1), 2.4, "label.cell"))
    return shapes


def _strip(c: int, kind: int, where: int, columns: int) -> list[Shape]:
    """The strip that joins the two cells of a column."""
    x, half, ref = c * PITCH, 3.5, f"strip:{c}"
    top, low = 4.5, -PITCH - 4.5
    if kind == RIPPLED:
        ys = np.linspace(top, low, 60)
        wave = 1.1 * np.sin(np.linspace(0, 9 * np.pi, 60))
        edge = [(x + half + float(w), float(y)) for w, y in zip(wave, ys, strict=True)]
        back = [(x - half + float(w), float(y)) for w, y in zip(wave[::-1], ys[::-1], strict=True)]
        shapes: list[Shape] = [Area((*edge, *back), "strip.parallel", ref)]
        for n in range(1, 9):
            y = top + (low - top) * n / 9
            shapes.append(Stroke(((x - half, y), (x + half, y)), 0.35, "seen.heat", ref))
    else:
        over = kind == OVER_RIM and where % columns == c
        first = where < columns
        shapes = [Area(rectangle(x - half, low, x + half, top), "strip.parallel", ref)]
        if over:
            y = 0.0 if first else -PITCH
            tip = rectangle(x, y - half, x + REACH + 1.6, y + half)
            shapes.append(Area(tip, "strip.link", f"cell:{where}"))
    for r, y in enumerate((0.0, -PITCH)):
        if kind == LOOSE and where == r * columns + c:
            ref = f"cell:{where}"
            shapes.append(Area(rectangle(x - half, y - 3.4, x + half, y + 3.4), "seen.lifted", ref))
            shapes += [Disc((x + dx, y), 0.8, "face.hole", ref) for dx in (-1.6, 1.6)]
            continue
        shapes += [Disc((x + dx, y), 0.8, "weld") for dx in (-1.6, 1.6)]
    return shapes


def _wire(dice: np.random.Generator, columns: int, kind: int) -> list[Shape]:
    """The plus wire, along the front of the pack."""
    y, x0, x1 = 1.55 * REACH, -0.5 * PITCH, (columns - 0.2) * PITCH
    way = ((0.0, 3.6), (-0.3 * PITCH, y), (x1, y))
    shapes: list[Shape] = [Stroke(way, 3.0, "lead.plus", "wire"), Disc((0.0, 3.6), 2.1, "seen.solder")]
    if kind == CUT:
        x = float(dice.uniform(0.25, 0.85)) * (x1 - x0) + x0
        shapes.append(Area(((x - 1.4, y + 1.5), (x, y - 0.3), (x + 1.4, y + 1.5)), "seen.copper", "wire"))
        shapes.append(
            Stroke(((x - 1.5, y + 1.6), (x, y - 0.4), (x + 1.5, y + 1.6)), 0.25, "seen.scorch", "wire")
        )
    return shapes
