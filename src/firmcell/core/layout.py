"""Where every cell stands: a rectangular stack, filled in serpentine, with alternating direction."""

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from firmcell.core.design import Arrangement, Lattice
from firmcell.core.parts import Cell
from firmcell.core.quantity import Frozen

Array = NDArray[np.float64]
SIN60 = float(np.sqrt(3) / 2)


class CellPlace(Frozen):
    """One cell in the pack, seen from above its top face.

    Attributes
    ----------
    number : counts from 1 along the serpentine, which starts at the pack's negative end.
    group : group in series, from 1 at the negative end.
    x_m, y_m : centre, m; x along the pack, y across it, origin at the middle of the cells.
    positive_up : whether the positive end is on the top face.
    """

    number: int
    group: int
    column: int
    row: int
    x_m: float
    y_m: float
    positive_up: bool


class Layout(Frozen):
    """All cells and the neighbourhood between them.

    Attributes
    ----------
    pitch_m : distance of touching neighbours' centres, m.
    links : for each pair of consecutive groups, how many direct neighbour pairs they have.
    """

    cells: tuple[CellPlace, ...]
    pitch_m: float
    columns: int
    rows: int
    length_m: float
    width_m: float
    links: tuple[int, ...]

    def group_cells(self, group: int) -> tuple[CellPlace, ...]:
        """The cells of a group (from 1) in serpentine order."""
        per_group = len(self.cells) // (len(self.links) + 1)
        return self.cells[(group - 1) * per_group : group * per_group]


def grid_positions(count: int, rows: int, pitch_m: float, lattice: Lattice) -> Array:
    """Return the centres of `count` cells filled column by column in serpentine.

    Parameters
    ----------
    count, rows : int
    pitch_m : float
        Distance of neighbours' centres, m.
    lattice : Lattice

    Returns
    -------
    ndarray, shape (count, 4)
        x (m), y (m), column, row; not yet centred.
    """
    index = np.arange(count)
    column, step = np.divmod(index, rows)
    row = np.where(column % 2 == 0, step, rows - 1 - step)
    if lattice is Lattice.STAGGERED:
        x = column * pitch_m * SIN60
        y = row * pitch_m + (column % 2) * pitch_m / 2
    else:
        x = column * pitch_m
        y = row * pitch_m
    return np.column_stack([x, y, column, row]).astype(float)


def stack_size(count: int, rows: int, pitch_m: float, lattice: Lattice) -> tuple[float, float]:
    """Return length and width in m of the cells alone, from outer edge to outer edge at the pitch."""
    rows = min(rows, count)
    columns = -(-count // rows)
    if lattice is Lattice.STAGGERED:
        extra = 0.5 if columns > 1 else 0.0
        return ((columns - 1) * SIN60 + 1) * pitch_m, (rows + extra) * pitch_m
    return columns * pitch_m, rows * pitch_m


def best_rows(
    count: int, parallel: int, pitch_m: float, lattice: Lattice, length_m: float, width_m: float
) -> int:
    """Return the number of cells across that fits a space best.

    Counts that fit come first; among them whole groups in a column (a multiple of `parallel`), then
    the flattest use of the length. If nothing fits, the one that sticks out least.
    """
    best, best_key = 1, (3, 1, float("inf"))
    for rows in range(1, count + 1):
        along, across = stack_size(count, rows, pitch_m, lattice)
        over = max(along - length_m, 0.0) + max(across - width_m, 0.0)
        if across > width_m and best_key[0] == 0:
            break
        key = (0 if over == 0 else 1, 0 if rows % parallel == 0 else 1, over or abs(along / length_m - 1))
        if key < best_key:
            best, best_key = rows, key
    return best


@lru_cache(maxsize=32)
def lay_out(cell: Cell, series: int, parallel: int, arrangement: Arrangement) -> Layout:
    """Return the place, group and direction of every cell.

    Cells stand at the pitch of the largest cell the tolerance allows. Groups are consecutive runs of
    the serpentine, so each is connected; direction alternates from group to group, so that series
    links lie on one face and are one pitch long.
    """
    pitch = cell.diameter_m + cell.diameter_tolerance_m + arrangement.gap_m
    count = series * parallel
    rows = min(arrangement.rows, count)
    grid = grid_positions(count, rows, pitch, arrangement.lattice)
    length, width = stack_size(count, rows, pitch, arrangement.lattice)
    xy = grid[:, :2] - np.array([length - pitch, width - pitch]) / 2
    cells = tuple(
        CellPlace.model_construct(
            number=i + 1,
            group=i // parallel + 1,
            column=int(grid[i, 2]),
            row=int(grid[i, 3]),
            x_m=float(xy[i, 0]),
            y_m=float(xy[i, 1]),
            positive_up=(i // parallel % 2 == 0) == arrangement.first_positive_up,
        )
        for i in range(count)
    )
    links = tuple(
        len(
            neighbour_pairs(
                xy[k * parallel : (k + 1) * parallel], xy[(k + 1) * parallel : (k + 2) * parallel], pitch
            )
        )
        for k in range(series - 1)
    )
    return Layout.model_construct(
        cells=cells,
        pitch_m=pitch,
        columns=-(-count // rows),
        rows=rows,
        length_m=length,
        width_m=width,
        links=links,
    )


def neighbour_pairs(first: Array, second: Array, pitch_m: float) -> list[tuple[int, int]]:
    """Return the index pairs of points of `first` (n, 2) and `second` (m, 2) that lie one pitch apart."""
    distance = np.hypot(*(first[:, None, :] - second[None, :, :]).transpose(2, 0, 1))
    return [(int(i), int(j)) for i, j in np.argwhere(distance < pitch_m * 1.01)]
