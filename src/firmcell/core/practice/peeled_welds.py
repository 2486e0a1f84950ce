"""A strip peeled off a cell: what the two welds left on strip and cell."""

import numpy as np

from firmcell.core.pictures.drawing import Area, Disc, Drawing, Point, Shape, Stroke, bounds_of, rectangle
from firmcell.core.practice.task import Choice, Subject, Task

GOOD, COLD, BURNT, ONE, EDGE, DIRTY = range(6)
CHOICES = (
    "both welds hold: keep the setting",
    "too cold: more power or time, on scrap first",
    "burnt through: less power or time, on scrap first",
    "one of the two does not hold: clean and dress the electrodes, press evenly",
    "too near the edge of the strip: move the electrodes in",
    "poor pressure or dirt: press harder, clean, try again",
)
KINDS = ("both hold", "too cold", "burnt through", "one of two", "at the edge", "pressure or dirt")
WHY = (
    "Each weld tore a hole into the strip and left its nugget on the cell: the weld is stronger than the strip.",
    "The strip came off whole, with faint rings: nothing flowed together. It would let go at the first knock.",
    "The strip is holed with blown edges and blue all round, and the cell has a pit: the can is only some tenths of a millimetre thick. "
    "A can that is pitted is taken out of use.",
    "One side left its nugget, the other only a ring: the current went through one electrode's spot more than the other's.",
    "One hole is torn out at the edge: there was too little strip round the weld to hold it.",
    "Black specks, splashes and small pits off the spots: the current sprang over where metal did not lie on metal.",
)
LOOK = "On the cell: are there nuggets, rings or pits? In the strip: torn holes, or blown ones with blue round them?"


def weld_task(dice: np.random.Generator, kind: int) -> Task:
    """Return a peeled pair of welds of number `kind`, with sizes by chance."""
    spot, apart = float(dice.uniform(0.8, 1.1)), float(dice.uniform(2.6, 3.6))
    which = int(dice.integers(2))
    strip, cell = _strip(dice, kind, spot, apart, which), _cell(dice, kind, spot, apart, which)
    harmful = frozenset({GOOD}) if kind != GOOD else frozenset()
    if kind in (BURNT, DIRTY):
        # More power on a can that is pitted opens it.
        harmful |= {COLD}
    if kind == BURNT:
        harmful |= {DIRTY, ONE}
    question = "A sample of strip, peeled off a dead cell after welding. What does it show, and what is done?"
    choices = tuple(Choice(words) for words in CHOICES)
    shown = ("fault",) if kind != GOOD else ()
    return Task(
        Subject.WELD, KINDS[kind], (strip, cell), question, choices, kind, harmful, WHY[kind], LOOK, shown
    )


def _at(apart: float, kind: int) -> tuple[Point, Point]:
    y = 2.25 if kind == EDGE else 0.0
    return (-apart / 2, y), (apart / 2, y)


def _ragged(dice: np.random.Generator, at: Point, reach: float, rough: float) -> tuple[Point, ...]:
    """A torn edge round a point."""
    turns = np.linspace(0, 2 * np.pi, 22, endpoint=False)
    reaches = reach * (1 + rough * dice.uniform(-1, 1, 22))
    return tuple(
        (at[0] + float(d * np.cos(a)), at[1] + float(d * np.sin(a)))
        for a, d in zip(turns, reaches, strict=True)
    )


def _ring_mark(at: Point, reach: float, ref: str) -> Shape:
    turns = np.linspace(0, 2 * np.pi, 30)
    return Stroke(
        tuple((at[0] + reach * float(np.cos(a)), at[1] + reach * float(np.sin(a))) for a in turns),
        0.12,
        "seen.mark",
        ref,
    )


def _specks(dice: np.random.Generator, at: Point, reach: float, count: int) -> list[Shape]:
    found: list[Shape] = []
    for _ in range(count):
        a, d = float(dice.uniform(0, 2 * np.pi)), reach * float(dice.uniform(0.9, 2.2))
        centre = (at[0] + d * float(np.cos(a)), at[1] + d * float(np.sin(a)))
        found.append(Disc(centre, float(dice.uniform(0.06, 0.2)), "seen.pit", "fault"))
    return found


def _strip(dice: np.random.Generator, kind: int, spot: float, apart: float, which: int) -> Drawing:
    half = 3.5
    shapes: list[Shape] = [Area(rectangle(-9.0, -half, 9.0, half), "strip.parallel")]
    for n, at in enumerate(_at(apart, kind)):
        if kind == COLD or (kind == ONE and n == which):
            shapes.append(_ring_mark(at, spot, "fault"))
        elif kind == BURNT:
            shapes.append(Disc(at, 2.1 * spot, "seen.heat", "fault"))
            shapes.append(Area(_ragged(dice, at, 1.5 * spot, 0.3), "seen.scorch", "fault"))
            shapes.append(Area(_ragged(dice, at, 1.25 * spot, 0.25), "face.hole", "fault"))
        elif kind == DIRTY:
            shapes.append(_ring_mark(at, 0.8 * spot, "fault"))
            shapes += _specks(dice, at, spot, 14)
        else:
            shapes.append(
                Area(
                    _ragged(dice, at, spot, 0.14), "face.hole", "fault" if kind == EDGE and n == which else ""
                )
            )
            if kind == EDGE and n == which:
                notch = (
                    (at[0] - 0.8 * spot, half + 0.05),
                    (at[0] - 0.6 * spot, at[1]),
                    (at[0] + 0.6 * spot, at[1]),
                    (at[0] + 0.9 * spot, half + 0.05),
                )
                shapes.append(Area(notch, "seen.hole", "fault"))
    return Drawing("The strip, underside", tuple(shapes), bounds_of(shapes))


def _cell(dice: np.random.Generator, kind: int, spot: float, apart: float, which: int) -> Drawing:
    shapes: list[Shape] = [Disc((0.0, 0.0), 9.0, "cell.wrap"), Disc((0.0, 0.0), 8.2, "seen.can")]
    for n, at in enumerate(_at(apart, kind)):
        # Seen from above, the strip's underside is the cell's mirror image.
        at = (-at[0], at[1])
        if kind == COLD or (kind == ONE and n == which):
            shapes.append(_ring_mark(at, spot, "fault"))
        elif kind == BURNT:
            shapes.append(Disc(at, 1.9 * spot, "seen.heat", "fault"))
            shapes.append(Area(_ragged(dice, at, 0.9 * spot, 0.25), "seen.scorch", "fault"))
            shapes.append(Area(_ragged(dice, at, 0.6 * spot, 0.25), "face.hole", "fault"))
            shapes += _specks(dice, at, 1.5 * spot, 6)
        elif kind == DIRTY:
            shapes.append(_ring_mark(at, 0.8 * spot, "fault"))
            shapes += _specks(dice, at, spot, 10)
        else:
            shapes.append(Area(_ragged(dice, at, 0.92 * spot, 0.14), "strip.parallel"))
            shapes.append(Disc(at, 0.5 * spot, "weld"))
    return Drawing("The cell", tuple(shapes), bounds_of(shapes))
