"""The room one cell takes at worst in a frame or case that is there."""

from firmcell.core.model.design import Joining
from firmcell.core.model.parts import Cell


def taken_by_cell(cell: Cell, joining: Joining, clear_m: float) -> tuple[float, float]:
    """Return the length one cell takes at worst with its metal, and its width.

    Parameters
    ----------
    cell : Cell
        The largest of its class counts.
    joining : Joining
        Strip and layers on its ends; the thicker of link and collecting strip counts for both.
    clear_m : float
        Between that metal and sides or lids, at each end, m.

    Returns
    -------
    length_m, width_m : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL, NICKEL
    >>> joining = Joining(link_strip=NICKEL, collector_strip=NICKEL)
    >>> length, width = taken_by_cell(CELL, joining, 0.0005)
    >>> round((length - CELL.length_m - CELL.length_tolerance_m - 2 * NICKEL.thickness_m) * 1e3, 6)
    1.0
    """
    strip_m = max(
        joining.link_strip.thickness_m * joining.link_layers,
        joining.collector_strip.thickness_m * joining.collector_layers,
    )
    length = cell.length_m + cell.length_tolerance_m + 2 * (strip_m + clear_m)
    return length, cell.diameter_m + cell.diameter_tolerance_m
