"""The next places of a step, numbered in the order of the hand."""

from collections.abc import Callable, Mapping
from dataclasses import replace

from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Face, TurnAxis
from firmcell.core.pictures.drawing import Drawing, Label, Point, Shape, bounds_of
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.pictures.strip_colours import MM, Band
from firmcell.core.records.step import Step
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.runs import StripKind

INWARD = 0.24
"""How far along its span the number of a link's pad stands, so that it hides no other at the same pad."""
DOT = 0.01
"""Length of the line that carries a number, mm."""
LINKING = (StripKind.LINK, StripKind.BRIDGE)
BESIDE = 0.3
"""How far beside a strip that joins cells of one group its numbers stand, over the pitch: the links leave on its other side."""
WIRED = (
    "tap",
    "label.tap",
    "lead",
    "board",
    "label.board",
    "dimension",
    "label.title",
    "label.dimension",
    "label.blocked",
    "space",
    "outline",
)
CLOSE = ("cell", "strip", "plate")
CLOSE_MM = 4.0
LARGER = 1.9
"""Numbers of cells are so much larger where they are read from two metres."""
NEARER = (0.6, 0.87)
"""And so much nearer to the middle of their cell, across and along."""


def numbered_places(
    step: Step,
    strips: tuple[StripPiece, ...],
    layout: Layout,
    face: Face,
    axis: TurnAxis,
    targets: Mapping[str, Point],
) -> tuple[Band, ...]:
    """Return a number at each place of a step on a face, in the order of the hand.

    Strips that join cells of one group come before links; along each, from pad to pad; then the strip whose
    cells have cooled longest, of such alike the one that begins nearest. Taps come by their numbers.

    Parameters
    ----------
    step : Step
    strips : tuple of StripPiece
        Of the pack.
    layout : Layout
    face : Face
        That is shown.
    axis : TurnAxis
        About which the pack is turned.
    targets : mapping
        Where parts are on the picture of the face, by ref, mm.
    """
    place = as_it_lies(face, axis)
    mine = [p for p in strips if f"strip:{p.id}" in step.refs and p.face is face and step.joins]
    found = _joints(mine, layout, lambda point: place(point[0] * MM, point[1] * MM))
    taps = sorted((int(r.partition(":")[2]), r) for r in step.refs if r.startswith("tap:") and r in targets)
    if not step.joins and step.face is face:
        found += [(ref, targets[ref]) for _, ref in taps]
    return tuple(
        Band((point, (point[0] + DOT, point[1])), 0.0, 0.0, ref, str(n))
        for n, (ref, point) in enumerate(found, start=1)
    )


def _joints(
    mine: list[StripPiece], layout: Layout, place: Callable[[Point], Point]
) -> list[tuple[str, Point]]:
    """Where the number of each joint of some strips stands, in the order of the hand."""
    groups = ([p for p in mine if p.kind not in LINKING], [p for p in mine if p.kind in LINKING])
    linked = [place(xy) for p in groups[1] for xy in p.points_m]
    found: list[tuple[str, Point]] = []
    at: Point = (0.0, 0.0)
    warmed: dict[int, int] = {}

    def wait(piece: StripPiece) -> tuple[int, float]:
        first = place(piece.points_m[0])
        return max(warmed.get(n, 0) for n in piece.cells), _far(first, at) if found else 0.0

    for pieces in groups:
        left = list(pieces)
        while left:
            piece = min(left, key=wait)
            left.remove(piece)
            points = [place(xy) for xy in piece.points_m]
            for n, point in enumerate(points):
                other = points[n + 1] if n + 1 < len(points) else points[n - 1]
                if piece.kind in LINKING and len(points) > 1:
                    shown = (
                        point[0] + INWARD * (other[0] - point[0]),
                        point[1] + INWARD * (other[1] - point[1]),
                    )
                else:
                    shown = _beside(point, other, linked, layout.pitch_m * MM * BESIDE)
                found.append((f"strip:{piece.id}", shown))
            # Pad by pad along a strip; a strip that lies twice on a cell warms it at its last pad.
            warmed |= {n: len(found) - len(piece.cells) + k for k, n in enumerate(piece.cells, start=1)}
            at = points[-1]
    return found


def _beside(point: Point, other: Point, linked: list[Point], by: float) -> Point:
    """A place beside a strip, on the side that no link leaves to."""
    if not linked or other == point:
        return point
    x, y = other[0] - point[0], other[1] - point[1]
    long = (x * x + y * y) ** 0.5
    across = (-y / long, x / long)
    middle = (sum(p[0] for p in linked) / len(linked), sum(p[1] for p in linked) / len(linked))
    away = (middle[0] - point[0]) * across[0] + (middle[1] - point[1]) * across[1] < 0
    side = by if away else -by
    return (point[0] + side * across[0], point[1] + side * across[1])


def without_wires(drawing: Drawing) -> Drawing:
    """Return the picture of a face without wires, board and measures, cut close: as it lies before anything
    is wired."""
    shapes = tuple(_large(s, drawing.targets) for s in drawing.shapes if not s.role.startswith(WIRED))
    x0, y0, x1, y1 = bounds_of([s for s in shapes if s.role.startswith(CLOSE)])
    room = CLOSE_MM
    return Drawing(drawing.title, shapes, (x0 - room, y0 - room, x1 + room, y1 + room), drawing.targets)


def _large(shape: Shape, targets: Mapping[str, Point]) -> Shape:
    """The number of a cell larger, and further in, so that it stays on its cell."""
    if not isinstance(shape, Label) or shape.role != "label.cell":
        return shape
    (x, y), (mid_x, mid_y) = shape.centre, targets.get(shape.ref, shape.centre)
    at = (mid_x + NEARER[0] * (x - mid_x), mid_y + NEARER[1] * (y - mid_y))
    return replace(shape, height=shape.height * LARGER, centre=at)


def _far(a: Point, b: Point) -> float:
    return (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2
