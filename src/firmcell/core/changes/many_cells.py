"""Edits of many cells at once: move, mirror, turn, line up, bring to touch, copy, delete, number."""

from collections import Counter
from collections.abc import Callable, Sequence
from math import hypot

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.by_hand import Edits, HandEdit, cells_in_words, layout_of, placed_cells, with_cells
from firmcell.core.model.design import OF_EACH_CELL, Design, PlacedCell, StripRef

SNAP_REACH = 0.6
"""Cells that are let go fall into touch with others within this many pitches."""
ALL_TOUCH = 0.4
"""A place where all moved cells touch others is worth being so many pitches farther than one where none does."""
SAME_M = 1e-5
"""Places nearer than this are the same, m."""
LEVEL_RAD = np.radians(15)
"""A row this near to level or upright is made so."""
ROW = 0.3
"""Cells stand in one row if they lie aside of each other by less than this many pitches."""


def move_cells(
    design: Design, numbers: Sequence[int], dx_m: float, dy_m: float, snap: bool = True
) -> HandEdit:
    """Move cells together by dx, dy (m); with `snap` they come to touch the others where they are near."""
    cells, chosen = placed_cells(design), _whole(numbers)
    step = np.array([dx_m, dy_m])
    if snap:
        step = step + _into_touch(design, chosen, step)
    moved = {n: _at(cells[n - 1], np.array([cells[n - 1].x_m, cells[n - 1].y_m]) + step) for n in chosen}
    return HandEdit(_placed(design, moved), f"Move {cells_in_words(chosen)}")


def touch_cells(design: Design, numbers: Sequence[int]) -> HandEdit:
    """Bring cells together to where they touch the others, the nearest way.

    Raises
    ------
    Refusal
        If no cell is near enough.
    """
    chosen = _whole(numbers)
    step = _into_touch(design, chosen, np.zeros(2), reach=2.5)
    if not step.any():
        raise Refusal("These cells touch others already, or none is within two cells of them.")
    return move_cells(design, chosen, float(step[0]), float(step[1]), snap=False)


def mirror_cells(design: Design, numbers: Sequence[int], left_right: bool) -> HandEdit:
    """Mirror cells about the middle of what they take up, left for right or front for rear."""
    axis = np.array([-1.0, 1.0] if left_right else [1.0, -1.0])
    return _turned(design, numbers, lambda p: p * axis, lambda angle: -angle, "Mirror")


def quarter_turn(design: Design, numbers: Sequence[int]) -> HandEdit:
    """Turn cells by a quarter about the middle of what they take up, anticlockwise."""
    return _turned(
        design, numbers, lambda p: p[:, ::-1] * np.array([-1.0, 1.0]), lambda angle: angle + np.pi / 2, "Turn"
    )


def _turned(
    design: Design,
    numbers: Sequence[int],
    way: Callable[[Array], Array],
    turn: Callable[[float], float],
    verb: str,
) -> HandEdit:
    cells, chosen = placed_cells(design), _whole(numbers)
    points = _points(cells, chosen)
    middle = (points.min(axis=0) + points.max(axis=0)) / 2
    new = way(points - middle) + middle
    moved = {
        n: _at(cells[n - 1], p).model_copy(update={"angle_rad": _within(turn(cells[n - 1].angle_rad))})
        for n, p in zip(chosen, new, strict=True)
    }
    return HandEdit(_placed(design, moved), f"{verb} {cells_in_words(chosen)}")


def align_cells(design: Design, numbers: Sequence[int]) -> HandEdit:
    """Line cells up in a straight row, touching; level or upright if they nearly are.

    Raises
    ------
    Refusal
        If there are fewer than two.
    """
    cells, chosen = placed_cells(design), _whole(numbers)
    if len(chosen) < 2:
        raise Refusal("Pick at least two cells to line up.")
    points, pitch = _points(cells, chosen), layout_of(design).pitch_m
    middle = points.mean(axis=0)
    way = np.linalg.svd(points - middle, full_matrices=False)[2][0]
    angle = float(np.arctan2(way[1], way[0]))
    level = round(angle / (np.pi / 2)) * np.pi / 2
    angle = level if abs(angle - level) < LEVEL_RAD else angle
    way = np.array([np.cos(angle), np.sin(angle)])
    order = np.argsort((points - middle) @ way)
    new = np.empty_like(points)
    new[order] = middle + np.outer((np.arange(len(chosen)) - (len(chosen) - 1) / 2) * pitch, way)
    moved = {n: _at(cells[n - 1], p) for n, p in zip(chosen, new, strict=True)}
    return HandEdit(_placed(design, moved), f"Line up {cells_in_words(chosen)}")


def bend_cells(design: Design, numbers: Sequence[int], radius_m: float) -> HandEdit:
    """Bend cells from along x into an arc that bulges to the rear; the middles of the innermost row lie on
    `radius_m`, and neighbours along it go on touching.

    Raises
    ------
    Refusal
        If the radius is too small for them.
    """
    cells, chosen = placed_cells(design), _whole(numbers)
    points, pitch = _points(cells, chosen), layout_of(design).pitch_m
    if radius_m < pitch:
        raise Refusal(f"The radius must be at least {pitch * 1e3:.0f} mm, from cell to cell.")
    step = 2 * float(np.arcsin(pitch / (2 * radius_m)))
    low, middle = points[:, 1].min(), (points[:, 0].min() + points[:, 0].max()) / 2
    angle = (points[:, 0] - middle) / pitch * step
    if float(np.ptp(angle)) > 2 * np.pi - step + 1e-9:
        most = int(2 * np.pi / step + 1e-9)
        raise Refusal(f"They would close more than a circle: {most} in a row go round at this radius.")
    out = radius_m + points[:, 1] - low
    new = np.column_stack([middle + out * np.sin(angle), low - radius_m + out * np.cos(angle)])
    turned = {
        n: _at(cells[n - 1], p).model_copy(update={"angle_rad": _within(cells[n - 1].angle_rad - a)})
        for n, p, a in zip(chosen, new, angle.tolist(), strict=True)
    }
    return HandEdit(_placed(design, turned), f"Bend {cells_in_words(chosen)} round {radius_m * 1e3:.0f} mm")


def row_of(design: Design, number: int) -> list[int]:
    """Return the cells of the level row that a cell stands in, neighbour by neighbour, left to right."""
    layout = layout_of(design)
    here = layout.by_number[number]
    row, open_ = {number}, [number]
    while open_:
        now = open_.pop()
        for other in layout.adjacency[now]:
            if other not in row and abs(layout.by_number[other].y_m - here.y_m) < ROW * layout.pitch_m:
                row.add(other)
                open_.append(other)
    return sorted(row, key=lambda n: layout.by_number[n].x_m)


def copy_cells(design: Design, numbers: Sequence[int], dx_m: float, dy_m: float) -> HandEdit:
    """Copy cells to dx, dy (m) beside themselves: whole groups become new groups in series after the last, as
    many cells of every group become more cells in parallel.

    Raises
    ------
    Refusal
        If they are neither, as a pack has as many cells in every group.
    """
    cells, chosen = placed_cells(design), _whole(numbers)
    groups = Counter(cells[n - 1].group for n in chosen)
    step = np.array([dx_m, dy_m])
    new, counts = list(cells), _counts(design, groups)
    if counts is None:
        raise Refusal(_whole_groups_words(design, "copied"))
    series, parallel = counts
    later = {g: design.series + k for k, g in enumerate(sorted(groups), start=1)}
    for n in chosen:
        cell = cells[n - 1]
        update: dict[str, object] = {"locked": False}
        if series:
            # Groups that follow on each other stand in turn.
            last_up = _group_up(cells, design.series)
            update["group"] = later[cell.group]
            update["up"] = last_up == ((later[cell.group] - design.series) % 2 == 0)
        new.append(_at(cell, np.array([cell.x_m, cell.y_m]) + step).model_copy(update=update))
    edits: Edits = (
        ("series", design.series + series),
        ("parallel", design.parallel + parallel),
        ("arrangement.placed", tuple(new)),
        *((name, ()) for name in OF_EACH_CELL if getattr(design, name)),
    )
    lost = "; measured resistances are given up" if design.measured_ohm else ""
    return HandEdit(edits, f"Copy {cells_in_words(chosen)}{lost}")


def delete_cells(design: Design, numbers: Sequence[int]) -> HandEdit:
    """Delete cells: whole groups, or as many cells of every group; strips by hand over them go too.

    Raises
    ------
    Refusal
        If they are neither, or none would be left.
    """
    cells, chosen = placed_cells(design), _whole(numbers)
    groups = Counter(cells[n - 1].group for n in chosen)
    counts = _counts(design, groups)
    if counts is None:
        raise Refusal(_whole_groups_words(design, "deleted"))
    series, parallel = counts
    if design.series == series or design.parallel == parallel:
        raise Refusal("One cell at least must be left.")
    gone = set(chosen)
    kept = [n for n in range(1, len(cells) + 1) if n not in gone]
    place = {n: k for k, n in enumerate(kept, start=1)}
    left = [g for g in range(1, design.series + 1) if not (series and g in groups)]
    group = {g: k for k, g in enumerate(left, start=1)}
    new = [cells[n - 1].model_copy(update={"group": group[cells[n - 1].group]}) for n in kept]
    new = _alternating(new)
    spare = design.arrangement.spare_m + tuple(
        (cells[n - 1].x_m, cells[n - 1].y_m, cells[n - 1].block) for n in chosen
    )
    edits: Edits = (
        ("series", design.series - series),
        ("parallel", design.parallel - parallel),
        ("arrangement.placed", tuple(new)),
        ("arrangement.spare_m", spare),
        *_strips_kept(design, place),
        ("joining.doubled", tuple(place[n] for n in design.joining.doubled if n in place)),
        *(
            (name, tuple(values[n - 1] for n in kept) if len(values) == len(cells) else ())
            for name in OF_EACH_CELL
            if (values := getattr(design, name))
        ),
    )
    return HandEdit(edits, f"Delete {cells_in_words(chosen)}")


def number_groups(design: Design, passed: Sequence[int]) -> HandEdit | None:
    """Number the groups in the order in which a stroke passed over their cells, from the minus end; groups it
    did not touch follow in their old order. None if nothing changes."""
    cells = placed_cells(design)
    order = list(dict.fromkeys(cells[n - 1].group for n in passed))
    order += [g for g in range(1, design.series + 1) if g not in order]
    new = {g: k for k, g in enumerate(order, start=1)}
    if all(g == k for g, k in new.items()):
        return None
    numbered = [c.model_copy(update={"group": new[c.group]}) for c in cells]
    edits: Edits = (
        ("arrangement.placed", tuple(_alternating(numbered))),
        # Strips were drawn for the tap points of the old order.
        ("arrangement.drawn", ()),
        ("arrangement.removed", ()),
    )
    by_hand = design.arrangement.drawn or design.arrangement.removed
    lost = "; strips by hand are given up" if by_hand else ""
    return HandEdit(edits, f"Number the groups along the stroke{lost}")


def _alternating(cells: list[PlacedCell]) -> list[PlacedCell]:
    """The cells with every second group the other way up, beginning as the first one stands; cells that stood
    against their group still do."""
    most = {g: _group_up(cells, g) for g in {c.group for c in cells}}
    first = most.get(1, True)
    return [
        c if most[c.group] == (first == (c.group % 2 == 1)) else c.model_copy(update={"up": not c.up})
        for c in cells
    ]


def _group_up(cells: Sequence[PlacedCell], group: int) -> bool:
    mine = [c.up for c in cells if c.group == group]
    return 2 * sum(mine) >= len(mine)


def _counts(design: Design, groups: Counter[int]) -> tuple[int, int] | None:
    """How many groups, or how many cells of every group; (groups, 0) or (0, cells); None if neither."""
    if set(groups.values()) == {design.parallel}:
        return len(groups), 0
    if len(groups) == design.series and len(set(groups.values())) == 1:
        return 0, next(iter(groups.values()))
    return None


def _whole_groups_words(design: Design, done: str) -> str:
    return (
        f"A pack has as many cells in every group: whole groups of {design.parallel} can be {done}, "
        f"or as many cells of each of the {design.series} groups."
    )


def _strips_kept(design: Design, place: dict[int, int]) -> Edits:
    """Strips drawn and left out by hand with the new numbers of their cells; those over a cell that is gone
    are given up."""

    def kept(refs: tuple[StripRef, ...]) -> tuple[StripRef, ...]:
        whole = (r for r in refs if all(n in place for n in r.cells))
        return tuple(r.model_copy(update={"cells": tuple(place[n] for n in r.cells)}) for r in whole)

    a = design.arrangement
    return (("arrangement.drawn", kept(a.drawn)), ("arrangement.removed", kept(a.removed)))


def _into_touch(design: Design, chosen: Sequence[int], step: Array, reach: float = SNAP_REACH) -> Array:
    """The further way (2,), m, that brings moved cells to touch most of the others without overlap; none if
    no place is within `reach` pitches."""
    cells, pitch = placed_cells(design), layout_of(design).pitch_m
    blocks = {cells[n - 1].block for n in chosen}
    others = [n for n in range(1, len(cells) + 1) if n not in set(chosen) and cells[n - 1].block in blocks]
    if not others or not design.cell.is_round:
        return np.zeros(2)
    mine, theirs = _points(cells, chosen) + step, _points(cells, others)
    angles = np.radians(np.arange(0, 360, 30))
    contacts = np.column_stack([np.cos(angles), np.sin(angles)]) * pitch
    way = mine[:, None] - theirs[None]
    near = np.argwhere(np.hypot(way[..., 0], way[..., 1]) < (1 + reach) * pitch)
    moves = [np.zeros((1, 2))]
    for i, j in near.tolist():
        gap = way[i, j]
        long = float(np.hypot(*gap))
        straight = gap / long * pitch if long > SAME_M else np.array([pitch, 0.0])
        moves.append(np.vstack([contacts, straight]) - gap)
    tried = np.unique(np.round(np.vstack(moves), 7), axis=0)
    tried = tried[np.hypot(*tried.T) <= reach * pitch]
    best, least = np.zeros(2), np.inf
    for move in tried:
        apart = np.hypot(*(mine[:, None] + move - theirs[None]).transpose(2, 0, 1))
        if apart.min() < pitch - SAME_M:
            continue
        touching = float((apart < pitch + SAME_M).any(axis=1).mean())
        price = float(np.hypot(*move)) - ALL_TOUCH * pitch * touching
        if touching > 0 and price < least:
            best, least = move, price
    return np.asarray(best)


def _placed(design: Design, changed: dict[int, PlacedCell]) -> Edits:
    """The edits that put changed cells in their places; a free place that one of them stands on now is free
    no longer."""
    reach = layout_of(design).pitch_m / 2
    taken = [(c.x_m, c.y_m, c.block) for c in changed.values()]
    free = tuple(
        (x, y, block)
        for x, y, block in design.arrangement.spare_m
        if all(b != block or hypot(cx - x, cy - y) > reach for cx, cy, b in taken)
    )
    return with_cells(design, changed, (("arrangement.spare_m", free),))


def _points(cells: Sequence[PlacedCell], numbers: Sequence[int]) -> Array:
    return np.array([(cells[n - 1].x_m, cells[n - 1].y_m) for n in numbers]).reshape(-1, 2)


def _at(cell: PlacedCell, point: Array) -> PlacedCell:
    return cell.model_copy(update={"x_m": float(point[0]), "y_m": float(point[1])})


def _within(angle: float) -> float:
    return float((angle + np.pi) % (2 * np.pi) - np.pi)


def _whole(numbers: Sequence[int]) -> list[int]:
    """The numbers in order, each once.

    Raises
    ------
    Refusal
        If there are none.
    """
    if not numbers:
        raise Refusal("Pick cells first: drag a frame round them, or press Space on each.")
    return sorted(set(numbers))
