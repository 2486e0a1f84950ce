"""Where a cell lies once the pack is turned over, and which of its ends is then seen."""

import numpy as np

from firmcell.core.model.design import Face, TurnAxis
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
    shifted,
)
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.practice.task import Choice, Subject, Task

PITCH = 20.0
CHOICES = (Choice("plus is seen there"), Choice("minus is seen there"))
LOOK = "Think of the line as a hinge: what lies on it stays, what is left of it goes right, or front goes to rear. Every cell shows its other end."


def turned_task(dice: np.random.Generator, kind: int) -> Task:
    """Return a pack with one cell marked, to be found again once turned over: about the long axis (0) or the
    short."""
    axis = (TurnAxis.LONG, TurnAxis.SHORT)[kind]
    columns, rows = int(dice.integers(3, 6)), int(dice.integers(2, 4))
    at = [(c * PITCH, r * PITCH) for r in range(rows) for c in range(columns)]
    # Groups stand by columns, turned about by turns; now and then one is not as the others.
    plus = [(round(x / PITCH) % 2 == 0) != bool(dice.random() < 0.15) for x, _ in at]
    marked = int(dice.integers(len(at)))
    turn = as_it_lies(Face.BOTTOM, axis)
    turned = [turn(*p) for p in at]
    letters = [chr(ord("a") + n) for n in dice.permutation(len(at)).tolist()]
    top = _top(at, plus, marked, axis)
    places = [(letters[n], turned[n]) for n in range(len(at))]
    bottom = _bottom(places)
    in_order = sorted(range(len(at)), key=lambda n: letters[n])
    choices = tuple(Choice(f"at {letters[n]}", f"place:{letters[n]}") for n in in_order)
    seen = int(plus[marked])
    words = "plus" if not plus[marked] else "minus"
    along = "long" if kind == 0 else "short"
    why = (
        f"Turned about the {along} axis, {'front and rear' if kind == 0 else 'left and right'} change places and "
        f"{'left and right' if kind == 0 else 'front and rear'} stay; every cell shows its other end, here {words}."
    )
    return Task(
        Subject.TURNED,
        f"about the {along} axis",
        (top, bottom),
        f"The pack is turned over about its {along} axis, the dashed line. Where is the cell that is ringed, and which end is seen?",
        CHOICES,
        seen,
        frozenset({1 - seen}),
        why,
        LOOK,
        (f"place:{letters[marked]}",),
        choices,
        in_order.index(marked),
    )


def _cells(at: list[Point]) -> list[Shape]:
    xs, ys = [p[0] for p in at], [p[1] for p in at]
    reach = PITCH * 0.55
    box = rectangle(min(xs) - reach, min(ys) - reach, max(xs) + reach, max(ys) + reach)
    return [Area(box, "outline.insulation"), *(Disc(p, 0.46 * PITCH, "cell.wrap") for p in at)]


def _top(at: list[Point], plus: list[bool], marked: int, axis: TurnAxis) -> Drawing:
    shapes = _cells(at)
    for p, up in zip(at, plus, strict=True):
        shapes.append(Disc(p, 0.2 * PITCH if up else 0.36 * PITCH, "cell.plus" if up else "cell.minus"))
        shapes.append(Label(p, "+" if up else "−", 0.3 * PITCH, "mark.plus" if up else "mark.minus"))
    x, y = at[marked]
    turns = np.linspace(0, 2 * np.pi, 40)
    ring = tuple((x + 0.5 * PITCH * float(np.cos(a)), y + 0.5 * PITCH * float(np.sin(a))) for a in turns)
    shapes.append(Stroke(ring, 0.08 * PITCH, "seen.pointer"))
    xs, ys = [p[0] for p in at], [p[1] for p in at]
    cx, cy = (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2
    long = axis is TurnAxis.LONG
    start, end = (min(xs), max(xs)) if long else (min(ys), max(ys))
    dashes = np.arange(start - 0.9 * PITCH, end + 0.9 * PITCH, 0.24 * PITCH)
    for d in dashes.tolist():
        a, b = d, d + 0.14 * PITCH
        shapes.append(
            Stroke(((a, cy), (b, cy)) if long else ((cx, a), (cx, b)), 0.05 * PITCH, "seen.pointer")
        )
    return Drawing("Top face, as it lies", tuple(shapes), bounds_of(shapes))


def _bottom(places: list[tuple[str, Point]]) -> Drawing:
    shapes = _cells([p for _, p in places])
    for letter, p in places:
        shapes.append(Disc(p, 0.36 * PITCH, "seen.blank", f"place:{letter}"))
        shapes.append(Label(p, letter, 0.3 * PITCH, "label.section"))
    targets = {f"place:{letter}": p for letter, p in places}
    drawing = Drawing("Turned over", tuple(shapes), bounds_of(shapes), targets)
    # Under the first picture, as the pack lies on the bench again.
    return shifted(drawing, -PITCH * 0.55 - drawing.bounds[0], 0.0)
