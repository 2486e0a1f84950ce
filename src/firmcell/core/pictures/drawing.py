"""One description for every pen: plain shapes in millimetres, each with a role and what it shows.

x runs to the right and y upwards; a pen turns them to its own axes. Text is never mirrored.
"""

from collections.abc import Callable
from dataclasses import field, replace

from firmcell.core.base.frozen import frozen
from firmcell.core.base.tongue import Tell

Point = tuple[float, float]


@frozen
class Disc:
    """A filled circle."""

    centre: Point
    radius: float
    role: str
    ref: str = ""
    tone: int = 0


@frozen
class Area:
    """A filled polygon."""

    points: tuple[Point, ...]
    role: str
    ref: str = ""
    tone: int = 0


@frozen
class Stroke:
    """A line of real width along points."""

    points: tuple[Point, ...]
    width: float
    role: str
    ref: str = ""
    tone: int = 0


@frozen
class Label:
    """A text of real height, centred on its place unless `anchor` is start or end."""

    centre: Point
    text: str
    height: float
    role: str
    ref: str = ""
    anchor: str = "middle"


Shape = Disc | Area | Stroke | Label


@frozen
class Drawing:
    """Shapes in painting order and the box round them: least x, least y, greatest x, greatest y (mm)."""

    title: str
    shapes: tuple[Shape, ...]
    bounds: tuple[float, float, float, float]
    targets: dict[str, Point] = field(default_factory=dict)
    """Where to point at, by ref: one place for every thing that can be clicked or lit."""


def told_drawing(drawing: Drawing, tell: Tell) -> Drawing:
    """Return a drawing with its labels in another language."""
    return replace(
        drawing,
        title=tell(drawing.title),
        shapes=tuple(
            replace(each, text=tell(each.text)) if isinstance(each, Label) else each
            for each in drawing.shapes
        ),
    )


def bounds_of(shapes: list[Shape]) -> tuple[float, float, float, float]:
    """Return the box round shapes, labels by a rough width."""
    points: tuple[Point, ...]
    xs: list[float] = []
    ys: list[float] = []
    for shape in shapes:
        if isinstance(shape, Disc):
            reach = shape.radius
            points = (shape.centre,)
        elif isinstance(shape, Label):
            reach, points = shape.height * 0.6, (shape.centre,)
            if shape.anchor == "start":
                # Nothing here knows the font; half its height is a wide letter.
                x, y = shape.centre
                points = (shape.centre, (x + len(shape.text) * shape.height * 0.5, y))
        elif isinstance(shape, Stroke):
            reach, points = shape.width / 2, shape.points
        else:
            reach, points = 0.0, shape.points
        for x, y in points:
            xs += (x - reach, x + reach)
            ys += (y - reach, y + reach)
    return (min(xs), min(ys), max(xs), max(ys)) if xs else (0.0, 0.0, 1.0, 1.0)


def trimmed_bounds(drawing: Drawing, without: tuple[str, ...]) -> tuple[float, float, float, float]:
    """Return the box round a drawing without the roles that begin with any of `without`, and without the
    width of its titles: words about a small pack are longer than the pack, and need not grow with it."""
    kept: list[Shape] = [
        replace(s, anchor="middle") if isinstance(s, Label) and s.role == "label.title" else s
        for s in drawing.shapes
        if not without or not s.role.startswith(without)
    ]
    return bounds_of(kept) if kept else drawing.bounds


def scaled(drawing: Drawing, factor: float) -> Drawing:
    """Return `drawing` larger or smaller, lines and letters too; only for what is not to scale."""

    def grow(p: Point) -> Point:
        return (p[0] * factor, p[1] * factor)

    def grown(shape: Shape) -> Shape:
        if isinstance(shape, Disc):
            return replace(shape, centre=grow(shape.centre), radius=shape.radius * factor)
        if isinstance(shape, Label):
            return replace(shape, centre=grow(shape.centre), height=shape.height * factor)
        points = tuple(grow(p) for p in shape.points)
        if isinstance(shape, Stroke):
            return replace(shape, points=points, width=shape.width * factor)
        return replace(shape, points=points)

    x0, y0, x1, y1 = drawing.bounds
    targets = {ref: grow(at) for ref, at in drawing.targets.items()}
    bounds = (x0 * factor, y0 * factor, x1 * factor, y1 * factor)
    return Drawing(drawing.title, tuple(grown(s) for s in drawing.shapes), bounds, targets)


def mapped(shape: Shape, to: Callable[[Point], Point]) -> Shape:
    """Return `shape` with each of its points where `to` puts it; radii, widths and letters stay."""
    if isinstance(shape, Disc | Label):
        return replace(shape, centre=to(shape.centre))
    return replace(shape, points=tuple(to(p) for p in shape.points))


def shifted(drawing: Drawing, dx: float, dy: float) -> Drawing:
    """Return `drawing` moved by mm."""

    def move(p: Point) -> Point:
        return (p[0] + dx, p[1] + dy)

    shapes = tuple(mapped(s, move) for s in drawing.shapes)
    x0, y0, x1, y1 = drawing.bounds
    targets = {ref: move(at) for ref, at in drawing.targets.items()}
    return Drawing(drawing.title, shapes, (x0 + dx, y0 + dy, x1 + dx, y1 + dy), targets)


def together(drawings: list[Drawing], title: str, gap: float = 10.0) -> Drawing:
    """Return drawings under each other as one, the first on top."""
    shapes: list[Shape] = []
    below = 0.0
    for drawing in drawings:
        moved = shifted(drawing, 0.0, below - drawing.bounds[3])
        shapes += moved.shapes
        below = moved.bounds[1] - gap
    xs = [b for d in drawings for b in (d.bounds[0], d.bounds[2])]
    return Drawing(title, tuple(shapes), (min(xs), below + gap, max(xs), 0.0))


def rectangle(x0: float, y0: float, x1: float, y1: float) -> tuple[Point, ...]:
    """Corners of an upright rectangle."""
    return ((x0, y0), (x1, y0), (x1, y1), (x0, y1))
