"""Edits of the layout by hand. Each returns the edits of a design and what they do in words; nothing is
forbidden.

A state that is bad (a torn group, a cell the wrong way round) is told by the rules and shown on the picture.
"""

from collections.abc import Sequence

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import millimetres, plural
from firmcell.core.layout.cell_places import CellPlace, Layout, lay_out
from firmcell.core.layout.places import nearest_place
from firmcell.core.model.brief import Blocked
from firmcell.core.model.design import Design, Face, PlacedCell, StripRef
from firmcell.core.strips.runs import StripRun, metal_runs

Edits = tuple[tuple[str, object], ...]
SNAP = 0.6
"""A moved cell falls into a free place within this many pitches."""


@frozen
class HandEdit:
    """Edits that belong together, and words for undo."""

    edits: Edits
    words: str


def layout_of(design: Design) -> Layout:
    """Return the layout of `design`."""
    return lay_out(design.cell, design.series, design.parallel, design.arrangement)


def placed_cells(design: Design) -> tuple[PlacedCell, ...]:
    """Return every cell in a place of its own; cells that stand in whole rows stay where they are."""
    if design.arrangement.placed:
        return design.arrangement.placed
    return tuple(
        PlacedCell(x_m=c.x_m, y_m=c.y_m, group=c.group, up=c.positive_up) for c in layout_of(design).cells
    )


def in_space(layout: Layout, cell_or_layer: CellPlace | int, x_m: float, y_m: float) -> tuple[float, float]:
    """Return where a point of the bench lies in the space, from its middle, m."""
    layer = cell_or_layer if isinstance(cell_or_layer, int) else cell_or_layer.layer
    return x_m + layout.origin_m[0], y_m + layout.origin_m[1] + layout.lifted_m(layer)


def with_cells(design: Design, changed: dict[int, PlacedCell], more: Edits = ()) -> Edits:
    """Return the edits that put changed cells, by number, in the places of the old."""
    cells = placed_cells(design)
    new = tuple(changed.get(n, cell) for n, cell in enumerate(cells, start=1))
    return (("arrangement.placed", new), *more)


def move_cell(design: Design, number: int, x_m: float, y_m: float, snap: bool = True) -> HandEdit:
    """Move a cell to a point of the space (m, from its middle); with `snap` it falls into a free place near
    by."""
    cells, a = placed_cells(design), design.arrangement
    cell = cells[number - 1]
    pitch = layout_of(design).pitch_m
    spot = nearest_place(a, x_m, y_m, pitch * SNAP) if snap else None
    spare = a.spare_m
    if spot is not None:
        spare = (*(s for s in spare if s != spot), (cell.x_m, cell.y_m, cell.block))
        moved = cell.model_copy(update={"x_m": spot[0], "y_m": spot[1], "block": spot[2]})
    else:
        moved = cell.model_copy(update={"x_m": x_m, "y_m": y_m})
    edits = with_cells(design, {number: moved}, (("arrangement.spare_m", spare),))
    return HandEdit(edits, f"Move cell {number} to {millimetres(moved.x_m)}, {millimetres(moved.y_m)}")


def turn_cells(design: Design, numbers: Sequence[int]) -> HandEdit:
    """Turn cells end for end."""
    cells = placed_cells(design)
    turned = {n: cells[n - 1].model_copy(update={"up": not cells[n - 1].up}) for n in numbers}
    return HandEdit(with_cells(design, turned), f"Turn {cells_in_words(numbers)}")


def swap_cells(design: Design, first: int, second: int) -> HandEdit:
    """Exchange the groups of two cells, and which way they stand with it."""
    cells = placed_cells(design)
    a, b = cells[first - 1], cells[second - 1]
    changed = {
        first: a.model_copy(update={"group": b.group, "up": b.up}),
        second: b.model_copy(update={"group": a.group, "up": a.up}),
    }
    return HandEdit(with_cells(design, changed), f"Swap cells {first} and {second}")


def paint_cells(design: Design, numbers: Sequence[int], group: int) -> HandEdit:
    """Put cells into a group; they stand as it stands."""
    cells, up = placed_cells(design), layout_of(design).group_up(group)
    changed = {n: cells[n - 1].model_copy(update={"group": group, "up": up}) for n in numbers}
    return HandEdit(with_cells(design, changed), f"Put {cells_in_words(numbers)} into group {group}")


def lock_cells(design: Design, numbers: Sequence[int], locked: bool) -> HandEdit:
    """Lock cells in their place and group, or unlock them."""
    cells = placed_cells(design)
    changed = {n: cells[n - 1].model_copy(update={"locked": locked}) for n in numbers}
    return HandEdit(
        with_cells(design, changed), f"{'Lock' if locked else 'Unlock'} {cells_in_words(numbers)}"
    )


def block_place(design: Design, place: Blocked) -> HandEdit:
    """Keep a place of the space free."""
    return HandEdit((("brief.blocked", (*design.brief.blocked, place)),), f"Block a place: {place.name}")


def unblock_place(design: Design, index: int) -> HandEdit:
    """Give a blocked place (counted from 0) free again."""
    kept = tuple(b for n, b in enumerate(design.brief.blocked) if n != index)
    return HandEdit((("brief.blocked", kept),), f"Unblock {design.brief.blocked[index].name}")


def move_terminal(design: Design, positive: bool, x_m: float, y_m: float) -> HandEdit:
    """Want a main lead to leave near a point of the space (m, from its middle)."""
    path = "arrangement.plus_at_m" if positive else "arrangement.minus_at_m"
    return HandEdit(((path, (x_m, y_m)),), f"Let {'plus' if positive else 'minus'} leave elsewhere")


def second_terminal(design: Design, positive: bool, x_m: float, y_m: float) -> HandEdit:
    """Want a second lead of a pole near a point of the space (m); where one is already, it is taken away."""
    pole = "plus" if positive else "minus"
    path = f"arrangement.{pole}_also_m"
    changed = design.edited(path, (x_m, y_m))
    place = 1 if positive else 0
    if layout_of(changed).second_lead_cells[place] in (0, layout_of(design).second_lead_cells[place]):
        return HandEdit(((path, None),), f"Only one {pole} lead")
    return HandEdit(((path, (x_m, y_m)),), f"A second {pole} lead")


def draw_strip(design: Design, face: Face, cells: Sequence[int]) -> HandEdit:
    """Lay a strip over the pads of cells on a face; one that was left out comes back."""
    ref = StripRef(face=face, cells=tuple(cells))
    a = design.arrangement
    kept = tuple(r for r in a.removed if not same_strip(r, ref))
    if len(kept) < len(a.removed):
        return HandEdit((("arrangement.removed", kept),), f"Lay the strip over {cells_in_words(cells)} again")
    return HandEdit((("arrangement.drawn", (*a.drawn, ref)),), f"Draw a strip over {cells_in_words(cells)}")


def remove_strip(design: Design, run_id: str) -> HandEdit | None:
    """Take a strip away by its id; None if there is none."""
    run = next((r for r in metal_runs(layout_of(design), design.joining) if r.id == run_id), None)
    if run is None:
        return None
    a, ref = design.arrangement, strip_ref(run)
    if run.by_hand:
        kept = tuple(r for r in a.drawn if not same_strip(r, ref))
        return HandEdit((("arrangement.drawn", kept),), f"Take away strip {run.id}")
    return HandEdit((("arrangement.removed", (*a.removed, ref)),), f"Leave out strip {run.id}")


def whole_rows(design: Design) -> HandEdit:
    """Go back to whole rows, everything done by hand given up."""
    names = ("placed", "spare_m", "drawn", "removed")
    return HandEdit(tuple((f"arrangement.{name}", ()) for name in names), "Back to whole rows")


def strip_ref(run: StripRun) -> StripRef:
    """Return how a run is kept in an arrangement."""
    return StripRef(face=run.face, cells=run.cells)


def same_strip(a: StripRef, b: StripRef) -> bool:
    """Whether two are one strip, either way round."""
    return a.face is b.face and a.cells in (b.cells, b.cells[::-1])


def cells_in_words(numbers: Sequence[int]) -> str:
    """Return some cells by name, many by their count."""
    if len(numbers) == 1:
        return f"cell {numbers[0]}"
    if len(numbers) <= 4:
        return "cells " + ", ".join(str(n) for n in numbers)
    return plural(len(numbers), "cell")
