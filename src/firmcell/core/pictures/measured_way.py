"""A distance measured on the picture, in words."""

from math import hypot

from firmcell.core.base.wording import millimetres
from firmcell.core.layout.cell_places import CellPlace
from firmcell.core.model.parts import Cell

Point = tuple[float, float]


def measured_words(
    start_m: Point, end_m: Point, cells: tuple[CellPlace | None, CellPlace | None], cell: Cell
) -> str:
    """Return what a stroke from one point to another measures: from cell to cell their middles and the gap
    between them, else from point to point.

    Parameters
    ----------
    start_m, end_m : tuple of float
        On the face as it lies, m.
    cells : pair of CellPlace or None
        The cell under each end.
    cell : Cell
        For the gap; its nominal size, round.
    """
    first, last = cells
    if first is not None and last is not None and first.number != last.number:
        apart = hypot(last.x_m - first.x_m, last.y_m - first.y_m)
        gap = apart - cell.diameter_m
        between = (
            ""
            if not cell.is_round
            else f"; {millimetres(gap)} between them"
            if gap >= 0
            else f"; they would overlap by {millimetres(-gap)}"
        )
        return f"Cells {first.number} and {last.number}: {millimetres(apart)} from middle to middle{between}"
    along, across = abs(end_m[0] - start_m[0]), abs(end_m[1] - start_m[1])
    return f"{millimetres(hypot(along, across))}: {millimetres(along)} along, {millimetres(across)} across"
