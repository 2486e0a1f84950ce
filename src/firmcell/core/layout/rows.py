"""Cells in whole rows: where each stands, which way up, and how many rows fit a space best."""

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.model.design import Lattice

SIN60 = float(np.sqrt(3) / 2)


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


def stack_size(
    count: int, rows: int, pitch_m: float, lattice: Lattice, width_pitch_m: float | None = None
) -> tuple[float, float]:
    """Return length and width in m of the cells alone, from outer edge to outer edge at the pitch.

    `width_pitch_m` is the pitch across, if it is another (flat cells).
    """
    rows = min(rows, count)
    columns = -(-count // rows)
    across = pitch_m if width_pitch_m is None else width_pitch_m
    if lattice is Lattice.STAGGERED:
        extra = 0.5 if columns > 1 else 0.0
        return ((columns - 1) * SIN60 + 1) * pitch_m, (rows + extra) * across
    return columns * pitch_m, rows * across


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


def flat_lines(count: int, rows: int, pitch_m: float) -> Array:
    """Flat cells in lines, wide side to wide side, there and back; returns as `grid_positions` does."""
    long = -(-count // rows)
    row, step = np.divmod(np.arange(count), long)
    column = np.where(row % 2 == 0, step, long - 1 - step)
    return np.column_stack([column * pitch_m, row * pitch_m, column, row]).astype(float)


def which_way_up(grid: Array, parallel: int, first_up: bool, is_round: bool) -> list[bool]:
    """Whether each cell stands plus up.

    Groups alternate; where a line of flat cells turns into the next they do not, so that the two terminals to
    be joined lie side by side, and the first cell stands so that they do at the first turn.
    """
    groups = np.arange(len(grid)) // parallel
    if is_round or not grid[:, 3].any():
        return [(group % 2 == 0) == first_up for group in groups.tolist()]
    ups, up = [], True
    for n, (group, row) in enumerate(zip(groups.tolist(), grid[:, 3].tolist(), strict=True)):
        if n and group != groups[n - 1] and row == grid[n - 1, 3]:
            up = not up
        ups.append(up)
    # The last cell before the first turn has its plus towards the next line.
    last = int(np.flatnonzero(grid[:, 3] == 0)[-1])
    return [u == ups[last] for u in ups]
