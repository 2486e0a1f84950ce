"""Where every cell stands, in whole rows or each in its own place, and which cells are neighbours."""

from collections.abc import Iterable, Sequence
from functools import cached_property, lru_cache

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import Frozen
from firmcell.core.geometry.connected import connected_parts
from firmcell.core.geometry.plane import near_pairs
from firmcell.core.layout.rows import flat_lines, grid_positions, stack_size, which_way_up
from firmcell.core.layout.stick import FOLD_GAP_M, is_stick
from firmcell.core.model.design import Arrangement, Face, Lattice, StripRef
from firmcell.core.model.limits import LEAD_TAIL_M, PAD_OVERHANG_M
from firmcell.core.model.parts import Cell

NEIGHBOUR = 1.2
"""Cells up to this many pitches apart are neighbours whose pads a strip joins directly."""
ONE_PLACE = 0.02
"""Cells nearer than this part of the reach of neighbours stand in one place."""
LAYER_GAP_M = 0.020
"""Between the blocks of a layered pack where they lie side by side on the bench, m."""


class CellPlace(Frozen):
    """One cell in the pack, seen from above its top face.

    Attributes
    ----------
    number : counts from 1; in whole rows along the serpentine, which starts at the pack's negative end.
    group : group in series, from 1 at the negative end.
    column, row : in whole rows; 0 for a placed cell.
    x_m, y_m : centre, m; x along the pack, y across it, origin at the middle of the cells.
    positive_up : whether the positive end is on the top face; of a flat cell, whether its positive
        terminal is at the far end of its width.
    angle_rad : of a flat cell's thickness against x.
    block : which part of a split or layered pack, from 1.
    layer : from 1 at the bottom; layers lie side by side on the bench.
    """

    number: int
    group: int
    column: int
    row: int
    x_m: float
    y_m: float
    positive_up: bool
    angle_rad: float = 0.0
    block: int = 1
    layer: int = 1


class Layout(Frozen):
    """All cells and the neighbourhood between them.

    Attributes
    ----------
    pitch_m, width_pitch_m : distance of touching neighbours' centres, m; they differ for flat cells.
    length_m, width_m : of the cells, outer edge to outer edge at the pitch, on the bench.
    links : for each pair of consecutive groups, how many direct neighbour pairs they have.
    origin_m : where the middle of the cells lies, from the middle of the space.
    lead_cells : numbers of the cells at whose pads the minus and the plus lead are joined.
    second_lead_cells : the same of second leads; 0 where there is none.
    layer_step_m : how far apart the layers lie on the bench.
    stacked_m : length and width once the layers are one above the other, m.
    drawn, removed : strips put in or left out by hand.
    terminal_m : of flat cells, half the distance of the two terminals; 0 for round ones.
    """

    cells: tuple[CellPlace, ...]
    pitch_m: float
    width_pitch_m: float
    columns: int
    rows: int
    length_m: float
    width_m: float
    links: tuple[int, ...]
    origin_m: tuple[float, float] = (0.0, 0.0)
    lead_cells: tuple[int, int] = (1, 1)
    second_lead_cells: tuple[int, int] = (0, 0)
    layers: int = 1
    layer_step_m: float = 0.0
    stacked_m: tuple[float, float] = (0.0, 0.0)
    terminal_m: float = 0.0
    in_rows: bool = True
    drawn: tuple[StripRef, ...] = ()
    removed: tuple[StripRef, ...] = ()

    def __hash__(self) -> int:
        return id(self)

    def lifted_m(self, layer: int) -> float:
        """How far in y a layer lies from its place in the space, m."""
        return (layer - 1) * self.layer_step_m

    @property
    def series(self) -> int:
        """Number of groups."""
        return len(self.links) + 1

    @cached_property
    def _by_group(self) -> dict[int, tuple[CellPlace, ...]]:
        found: dict[int, list[CellPlace]] = {}
        for cell in self.cells:
            found.setdefault(cell.group, []).append(cell)
        return {group: tuple(cells) for group, cells in found.items()}

    def group_cells(self, group: int) -> tuple[CellPlace, ...]:
        """The cells of a group (from 1) in order of number; none for a group that lost all its cells."""
        return self._by_group.get(group, ())

    @cached_property
    def by_number(self) -> dict[int, CellPlace]:
        """Cells by number."""
        return {cell.number: cell for cell in self.cells}

    @cached_property
    def points_m(self) -> Array:
        """Centres (n, 2) in order of `cells`, m."""
        return np.array([(c.x_m, c.y_m) for c in self.cells]).reshape(-1, 2)

    @cached_property
    def stacked_points_m(self) -> Array:
        """Centres (n, 2) with the layers one above the other, m."""
        lifted = [self.lifted_m(cell.layer) for cell in self.cells]
        return np.asarray(self.points_m - np.column_stack([np.zeros(len(lifted)), lifted]))

    @cached_property
    def neighbours(self) -> NDArray[np.intp]:
        """Index pairs (k, 2) into `cells` of direct neighbours, within one block."""
        angles = np.array([c.angle_rad for c in self.cells])
        aside = self.width_pitch_m / 4 if self.terminal_m else None
        found = neighbour_indices(
            self.points_m, [c.block for c in self.cells], self.pitch_m * NEIGHBOUR, angles, aside
        )
        return np.vstack([found, self._turns]) if self.terminal_m else found

    @property
    def _turns(self) -> NDArray[np.intp]:
        """Index pairs (k, 2) of flat cells end to end, where one row of them turns into the next: of two
        groups that follow on each other, with the two terminals to be joined side by side."""
        pairs = near_pairs(self.points_m, self.width_pitch_m * NEIGHBOUR)
        turns = []
        for i, j in pairs.tolist():
            low, high = sorted((self.cells[i], self.cells[j]), key=lambda c: c.group)
            along = (high.x_m - low.x_m) * np.cos(low.angle_rad) + (high.y_m - low.y_m) * np.sin(
                low.angle_rad
            )
            if high.group - low.group != 1 or high.block != low.block or abs(along) > self.pitch_m / 4:
                continue
            (ax, ay), (bx, by) = self.pad(low, True), self.pad(high, False)
            if np.hypot(ax - bx, ay - by) < self.width_pitch_m - self.terminal_m:
                turns.append((i, j))
        return np.array(turns, dtype=np.intp).reshape(-1, 2)

    @cached_property
    def adjacency(self) -> dict[int, tuple[int, ...]]:
        """Numbers of the direct neighbours of each cell."""
        near: dict[int, list[int]] = {c.number: [] for c in self.cells}
        for i, j in self.neighbours.tolist():
            a, b = self.cells[i].number, self.cells[j].number
            near[a].append(b)
            near[b].append(a)
        return {number: tuple(sorted(others)) for number, others in near.items()}

    def group_up(self, group: int) -> bool:
        """Whether most cells of a group stand plus up; for an empty one what alternation asks for."""
        cells = self.group_cells(group)
        if not cells:
            return self.group_up(group - 1) is False if group > 1 else True
        return 2 * sum(c.positive_up for c in cells) >= len(cells)

    def face_of(self, cell: CellPlace, positive: bool) -> Face:
        """The face that a pole of a cell is on."""
        if self.terminal_m:
            return Face.TOP
        return Face.TOP if cell.positive_up == positive else Face.BOTTOM

    def pad(self, cell: CellPlace, positive: bool) -> tuple[float, float]:
        """Where the pad of a pole lies in the plane, m."""
        if not self.terminal_m:
            return (cell.x_m, cell.y_m)
        out = self.terminal_m if cell.positive_up == positive else -self.terminal_m
        return (
            cell.x_m - out * float(np.sin(cell.angle_rad)),
            cell.y_m + out * float(np.cos(cell.angle_rad)),
        )

    def parts_of(self, numbers: Iterable[int]) -> list[list[int]]:
        """Return the connected parts that cells fall into, by direct neighbours; largest first."""
        return connected_parts(numbers, self.adjacency)


def neighbour_indices(
    points_m: Array,
    blocks: Sequence[int],
    reach_m: float,
    angles: Array | None = None,
    aside_m: float | None = None,
) -> NDArray[np.intp]:
    """Return index pairs (k, 2) of points within reach and in one block.

    Of flat cells, `aside_m` is how far one may stand aside of the other across its `angles` (rad), so
    that their wide sides lie together and their terminals in line.
    """
    pairs = near_pairs(points_m, reach_m)
    # A hand can put one cell into another: no strip leads from a place to itself.
    apart = np.hypot(*(points_m[pairs[:, 0]] - points_m[pairs[:, 1]]).T)
    pairs = np.asarray(pairs[apart > ONE_PLACE * reach_m], dtype=np.intp)
    if len(pairs) and len(set(blocks)) > 1:
        block = np.array(blocks)
        pairs = pairs[block[pairs[:, 0]] == block[pairs[:, 1]]]
    if len(pairs) and aside_m is not None and angles is not None:
        angle = angles[pairs[:, 0]]
        way = points_m[pairs[:, 1]] - points_m[pairs[:, 0]]
        pairs = pairs[np.abs(-way[:, 0] * np.sin(angle) + way[:, 1] * np.cos(angle)) < aside_m]
    return pairs


def pitches(cell: Cell, gap_m: float) -> tuple[float, float]:
    """Return the distance of touching neighbours' centres along and across, m, at the largest cell."""
    along, across = cell.largest_m
    return along + gap_m, across + gap_m


def _pitches(cell: Cell, arrangement: Arrangement) -> tuple[float, float]:
    """As `pitches`; along the open row of a stick with room for the folds."""
    along, across = pitches(cell, arrangement.gap_m)
    return (along + FOLD_GAP_M if is_stick(arrangement) else along), across


def rows_of(parallel: int, count: int, arrangement: Arrangement) -> int:
    """How many cells stand across in whole rows: of sticks as many as are in parallel, so that each group
    folds as one."""
    return min(parallel if is_stick(arrangement) else arrangement.rows, count)


@lru_cache(maxsize=32)
def lay_out(cell: Cell, series: int, parallel: int, arrangement: Arrangement) -> Layout:
    """Return the place, group and direction of every cell.

    In whole rows cells stand at the pitch of the largest cell the tolerance allows. Groups are
    consecutive runs of the serpentine, so each is connected; direction alternates from group to
    group, so that series links lie on one face and are one pitch long. Placed cells stand where they
    were put; the layers of a layered pack are laid side by side.
    """
    cells, size = (
        _placed(cell, arrangement) if arrangement.placed else _in_rows(cell, series, parallel, arrangement)
    )
    pitch, width_pitch = _pitches(cell, arrangement)
    points, origin = np.array([(c.x_m, c.y_m) for c in cells]), (0.0, 0.0)
    if size is None:
        low, high = _bounds(points, cell, cells)
        middle = (low + high) / 2
        points, origin = points - middle, (float(middle[0]), float(middle[1]))
        cells = tuple(
            CellPlace.model_construct(**{**dict(c), "x_m": float(x), "y_m": float(y)})
            for c, (x, y) in zip(cells, points, strict=True)
        )
    outer = size or _size(points, cell, cells, arrangement.gap_m)
    in_rows = arrangement.in_rows
    rows = rows_of(parallel, len(cells), arrangement) if in_rows else 0
    layout = Layout.model_construct(
        cells=cells,
        pitch_m=pitch,
        width_pitch_m=width_pitch,
        columns=-(-len(cells) // rows) if in_rows else 0,
        rows=rows,
        length_m=outer[0],
        width_m=outer[1],
        links=(0,) * (series - 1),
        origin_m=origin,
        lead_cells=(1, 1),
        layers=max((c.layer for c in cells), default=1),
        layer_step_m=_layer_step(cell, arrangement) if arrangement.placed else 0.0,
        stacked_m=_stacked(cells, cell, arrangement, outer),
        terminal_m=0.0 if cell.is_round else cell.terminal_spacing_m / 2,
        in_rows=in_rows,
        drawn=arrangement.drawn,
        removed=arrangement.removed,
    )
    lead_cells = tuple(
        _lead_cell(layout, group, wanted)
        for group, wanted in ((1, arrangement.minus_at_m), (series, arrangement.plus_at_m))
    )
    also = tuple(
        0 if wanted is None else _lead_cell(layout, group, wanted)
        for group, wanted in ((1, arrangement.minus_also_m), (series, arrangement.plus_also_m))
    )
    # Two leads on one pad are one lead.
    second = tuple(0 if b == a else b for a, b in zip(lead_cells, also, strict=True))
    return layout.model_copy(
        update={"links": _links(layout, series), "lead_cells": lead_cells, "second_lead_cells": second}
    )


def _stacked(
    cells: tuple[CellPlace, ...], cell: Cell, arrangement: Arrangement, outer: tuple[float, float]
) -> tuple[float, float]:
    if all(c.layer == 1 for c in cells):
        return outer
    points = np.array([(p.x_m, p.y_m) for p in arrangement.placed])
    return _size(points, cell, cells, arrangement.gap_m)


def _links(layout: Layout, series: int) -> tuple[int, ...]:
    """Count the neighbour pairs between each two consecutive groups."""
    group = np.array([c.group for c in layout.cells])
    first, second = group[layout.neighbours[:, 0]], group[layout.neighbours[:, 1]]
    low = np.minimum(first, second)[np.abs(first - second) == 1]
    counted = np.bincount(low, minlength=series + 1)
    return tuple(int(counted[k]) for k in range(1, series))


def _in_rows(
    cell: Cell, series: int, parallel: int, arrangement: Arrangement
) -> tuple[tuple[CellPlace, ...], tuple[float, float] | None]:
    pitch, across = _pitches(cell, arrangement)
    count = series * parallel
    rows = rows_of(parallel, count, arrangement)
    plain = arrangement.lattice is Lattice.FREE or is_stick(arrangement)
    lattice = Lattice.SQUARE if plain else arrangement.lattice
    grid = grid_positions(count, rows, pitch, lattice) if cell.is_round else flat_lines(count, rows, pitch)
    size = stack_size(count, rows, pitch, lattice, across)
    ups = which_way_up(grid, parallel, arrangement.first_positive_up, cell.is_round)
    xy = grid[:, :2] * np.array([1.0, across / pitch])
    cells = tuple(
        CellPlace.model_construct(
            number=i + 1,
            group=i // parallel + 1,
            column=int(grid[i, 2]),
            row=int(grid[i, 3]),
            x_m=float(xy[i, 0]) - (size[0] - pitch) / 2,
            y_m=float(xy[i, 1]) - (size[1] - across) / 2,
            positive_up=ups[i],
            angle_rad=0.0,
            block=1,
            layer=1,
        )
        for i in range(count)
    )
    return cells, size


def _placed(cell: Cell, arrangement: Arrangement) -> tuple[tuple[CellPlace, ...], None]:
    halves = 2 if arrangement.split_gap_m > 0 else 1
    spread = _layer_step(cell, arrangement)
    cells = tuple(
        CellPlace.model_construct(
            number=n,
            group=p.group,
            column=0,
            row=0,
            x_m=p.x_m,
            y_m=p.y_m - ((p.block - 1) // halves) * spread,
            positive_up=p.up,
            angle_rad=p.angle_rad,
            block=p.block,
            layer=(p.block - 1) // halves + 1,
        )
        for n, p in enumerate(arrangement.placed, start=1)
    )
    return cells, None


def _layer_step(cell: Cell, arrangement: Arrangement) -> float:
    """How far apart the layers lie on the bench, in y."""
    ys = [p.y_m for p in arrangement.placed]
    return max(ys) - min(ys) + max(cell.largest_m) + LAYER_GAP_M


def _half_extent(cell: Cell, angles: Array) -> Array:
    """Half the size (n, 2) of cells along x and y."""
    along, across = cell.largest_m
    if cell.is_round:
        return np.full((len(angles), 2), along / 2)
    c, s = np.abs(np.cos(angles)), np.abs(np.sin(angles))
    return np.column_stack([along * c + across * s, along * s + across * c]) / 2


def _bounds(points: Array, cell: Cell, cells: tuple[CellPlace, ...]) -> tuple[Array, Array]:
    half = _half_extent(cell, np.array([c.angle_rad for c in cells]))
    return (points - half).min(axis=0), (points + half).max(axis=0)


def _size(points: Array, cell: Cell, cells: tuple[CellPlace, ...], gap_m: float) -> tuple[float, float]:
    low, high = _bounds(points, cell, cells)
    return float(high[0] - low[0]) + gap_m, float(high[1] - low[1]) + gap_m


TAIL_REACH_M = PAD_OVERHANG_M + LEAD_TAIL_M
"""How far past the middle of its last pad strip with a tail for the lead reaches, m."""
TAIL_AND_GAP_M = 0.0065
"""Half a wide strip and the distance to the next cell, m; a first choice, the distances are checked. Engineering
judgement."""


def _lead_cell(layout: Layout, group: int, wanted: tuple[float, float] | None) -> int:
    """The cell of a pole's group where the lead leaves: nearest to where it is wanted; else one past which a
    tail of strip lies over no cell of another group, nearest to the rear long edge."""
    cells = layout.group_cells(group)
    if not cells:
        return layout.cells[0].number
    if wanted is None:
        enough = layout.pitch_m / 2 + TAIL_AND_GAP_M

        def best(c: CellPlace) -> tuple[float, ...]:
            room, inside = _tail_room(layout, c)
            return round(min(room, enough), 4), inside, round(c.y_m, 7), round(abs(c.x_m), 7), c.x_m

        return max(cells, key=best).number
    x, y = wanted[0] - layout.origin_m[0], wanted[1] - layout.origin_m[1]
    return min(cells, key=lambda c: (c.x_m - x) ** 2 + (c.y_m - y) ** 2).number


def _outward(layout: Layout, cell: CellPlace) -> list[Array]:
    """The ways in which strip along a row of its group goes on past a cell, as unit vectors; that of a cell
    alone lies across the pack."""
    here = np.array([cell.x_m, cell.y_m])
    near = [layout.by_number[n] for n in layout.adjacency[cell.number]]
    own = [np.array([c.x_m, c.y_m]) - here for c in near if c.group == cell.group]
    ways = [-way / np.hypot(*way) for way in own] or [np.array([0.0, 1.0])]
    return [w for w in ways if all(w @ other < 0.9 * np.hypot(*other) for other in own)]


def _tail_room(layout: Layout, cell: CellPlace) -> tuple[float, bool]:
    """How far the middles of other groups' cells are from where a tail of strip past a cell would lie, m, and
    whether it would lie within the outline of the pack."""
    if layout.terminal_m:
        return np.inf, True
    here = np.array([cell.x_m, cell.y_m])
    outward = _outward(layout, cell)
    if not outward:
        # Between others of its row: the lead is joined to the strip itself.
        return 0.0, True
    tips = np.array([here + way * TAIL_REACH_M for way in outward])
    points = layout.points_m
    low, high = points.min(axis=0) - layout.pitch_m / 2, points.max(axis=0) + layout.pitch_m / 2
    inside = bool(((tips >= low) & (tips <= high)).all())
    others = np.array(
        [(c.x_m, c.y_m) for c in layout.cells if c.group != cell.group and c.layer == cell.layer]
    ).reshape(-1, 2)
    rooms = [np.inf]
    for way in outward if len(others) else ():
        along = np.clip((others - here) @ way, 0.0, TAIL_REACH_M)
        rooms.append(float(np.hypot(*(others - here - along[:, None] * way).T).min()))
    return min(rooms), inside


def lead_cell(layout: Layout, positive: bool) -> CellPlace:
    """Return the cell whose pad is nearest the main lead of a pole."""
    return layout.by_number[layout.lead_cells[1 if positive else 0]]


def place_in_space(layout: Layout, cell: CellPlace) -> tuple[float, float]:
    """Return the middle of a cell from the middle of the space, m: where an arrangement keeps the place of a
    lead."""
    return cell.x_m + layout.origin_m[0], cell.y_m + layout.origin_m[1] + layout.lifted_m(cell.layer)
