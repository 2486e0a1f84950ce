"""The old cell and the new one in the room that is there, one over the other."""

from firmcell.core.base.wording import millimetres
from firmcell.core.insulation.cell_pocket import taken_by_cell
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.drawing import Area, Drawing, Label, Shape, Stroke, bounds_of, rectangle
from firmcell.core.pictures.single_cell import MM, NUB_MM, SEEN_MM, TEXT_MM

BETWEEN_MM = 13.0
"""Between the two cells, for their words."""


def pocket_drawing(design: Design) -> Drawing:
    """Return old and new cell lying in the room for one, negative ends at the left, to scale; metal at both
    ends of
    the new one."""
    job, new = design.refit, design.cell
    length, width = taken_by_cell(new, design.joining, job.clear_m)
    old = job.old_cell
    wide = max(c.diameter_m for c in (new, old) if c is not None) * MM
    pitch = max(wide, (job.pocket_width_m or 0.0) * MM) + BETWEEN_MM
    shapes: list[Shape] = []
    rows = [(0.0, new, "goes in", "cell:1")] + ([(pitch, old, "comes out", "old")] if old is not None else [])
    for y, cell, word, ref in rows:
        room = (job.pocket_length_m, job.pocket_width_m)
        ends = (length - new.length_m) / 2 * MM if ref == "cell:1" else 0.0
        shapes += _room(y, room, cell, ends)
        shapes += _cell(y, cell, ref, ends)
        half = max(cell.diameter_m, job.pocket_width_m or 0.0) * MM / 2
        size = f"{cell.name} {word}: {millimetres(cell.length_m)} long, {millimetres(cell.diameter_m)} thick"
        shapes.append(Label((0.0, y + half + 3.4), size, TEXT_MM, "label.title", ref, anchor="start"))
    shapes += _metal(length * MM, new)
    shapes += _taken(
        length * MM, max(width, job.pocket_width_m or 0.0) * MM / 2, job.pocket_length_m, millimetres(length)
    )
    targets = {"cell:1": (length * MM / 2, 0.0)}
    return Drawing("room for one cell", tuple(shapes), bounds_of(shapes), targets)


def _room(y: float, room: tuple[float | None, float | None], cell: Cell, ends: float) -> list[Shape]:
    """The room as measured; where only one side of it is known, the cell's own stands for the other."""
    if room == (None, None):
        return []
    long = (room[0] or cell.length_m + 2 * ends / MM) * MM
    half = (room[1] or cell.diameter_m) * MM / 2
    return [Area(rectangle(0.0, y - half, long, y + half), "space.edge", "space")]


def _cell(y: float, cell: Cell, ref: str, begins: float) -> list[Shape]:
    half, nub = cell.diameter_m * MM / 2, cell.nub_diameter_m * MM / 2
    end = begins + cell.length_m * MM
    rim = end - NUB_MM
    return [
        Area(rectangle(begins, y - half, rim, y + half), "cell.body", ref),
        Area(rectangle(begins, y - half * 0.85, begins + 1.0, y + half * 0.85), "cell.minus", ref),
        Area(rectangle(rim, y - nub, end, y + nub), "cell.nub", ref),
        Label((begins + 7.0, y), "−", 6.0, "mark.minus", ref),
        Label((rim - 6.0, y), "+", 6.0, "mark.plus", ref),
    ]


def _metal(length: float, cell: Cell) -> list[Shape]:
    """Strip on both ends of the new cell, drawn at least as thick as can be seen."""
    half = cell.diameter_m * MM * 0.3
    spare = (length - cell.length_m * MM) / 2
    thick = max(spare * 0.35, SEEN_MM)
    return [
        Stroke(((x, -half), (x, half)), thick, "strip.collector", "strip")
        for x in (spare - thick / 2, length - spare + thick / 2)
    ]


def _taken(length: float, half: float, room: float | None, words: str) -> list[Shape]:
    """How long the new cell is at worst, and the room, under it."""
    y = -half - 5.0
    shapes: list[Shape] = []
    rows = [(length, f"{words} at worst, metal and clearance in it")]
    if room is not None:
        rows.append((room * MM, f"{millimetres(room)} there"))
    for n, (long, text) in enumerate(rows):
        low = y - n * 7.5
        shapes.append(Stroke(((0.0, low), (long, low)), 0.2, "dimension"))
        shapes += [Stroke(((x, low - 1.2), (x, low + 1.2)), 0.2, "dimension") for x in (0.0, long)]
        shapes.append(Label((0.0, low - 3.0), text, TEXT_MM, "label.dimension", anchor="start"))
    return shapes
