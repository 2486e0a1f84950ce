"""A new sleeve on a bare cell: flat width, cut length, and what the cell becomes."""

from math import pi

from firmcell.core.base.frozen import frozen
from firmcell.core.model.cell_sleeves import LIP_M, SHRINKS_ALONG, stock_flat
from firmcell.core.model.job_details import ReSleeve
from firmcell.core.model.parts import Cell


@frozen
class SleevedCell:
    """The finished cell.

    Attributes
    ----------
    bare_m, long_m : diameter and length of the bare can, as measured or the largest of its class, m.
    flat_m : flat width of the stock sleeve that slides on and grips; None if there is none.
    cut_m : cut length, both lips in it, m.
    diameter_m, length_m : outside once sleeved, m.
    fits_length, fits_width : whether the holder takes it; None where no limit is entered.
    """

    bare_m: float
    long_m: float
    flat_m: float | None
    cut_m: float
    diameter_m: float
    length_m: float
    fits_length: bool | None
    fits_width: bool | None


def sleeved_cell(cell: Cell, job: ReSleeve) -> SleevedCell:
    """Return what a cell becomes with a new sleeve and ring.

    Parameters
    ----------
    cell : Cell
        Its class: the largest of it counts where nothing is measured.
    job : ReSleeve

    Returns
    -------
    sleeved : SleevedCell

    Notes
    -----
    Flat width is half the circumference. The lip at the negative end adds one wall to the length, at the
    positive end the ring and
    the lip lie below the nub. Thickness of a shrunk sleeve all round adds two walls to the diameter.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> job = ReSleeve(diameter_m=0.0182, length_m=0.065, wall_m=0.0001)
    >>> made = sleeved_cell(CELL, job)
    >>> round(made.flat_m * 1e3, 6)  # half of 57.2 mm is 28.6 mm: the next size
    29.5
    >>> round(made.diameter_m * 1e3, 6), round(made.length_m * 1e3, 6)
    (18.4, 65.1)
    """
    bare = job.diameter_m or cell.diameter_m + cell.diameter_tolerance_m
    long = job.length_m or cell.length_m + cell.length_tolerance_m
    across, length = bare + 2 * job.wall_m, long + job.wall_m
    return SleevedCell(
        bare,
        long,
        stock_flat(pi * bare / 2),
        (long + 2 * LIP_M) * SHRINKS_ALONG,
        across,
        length,
        None if job.holder_m is None else length <= job.holder_m,
        None if job.holder_width_m is None else across <= job.holder_width_m,
    )
