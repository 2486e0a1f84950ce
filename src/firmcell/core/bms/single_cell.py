"""A protection board under one round cell: how long and thick it becomes, and what sleeve goes over it."""

from math import pi

from firmcell.core.base.frozen import frozen
from firmcell.core.model.cell_sleeves import LIP_M, SHRINKS_ALONG, stock_flat
from firmcell.core.model.design import Design


@frozen
class CellWithBoard:
    """The finished cell.

    Attributes
    ----------
    added_m, length_m, diameter_m : what the board adds, and the outside once sleeved (worst cell).
    fits_holder, fits_charger, fits_width : None where no limit is entered.
    sleeve_flat_m, sleeve_cut_m : of the new sleeve; None if no stock size slides on and grips.
    """

    added_m: float
    length_m: float
    diameter_m: float
    fits_holder: bool | None
    fits_charger: bool | None
    fits_width: bool | None
    sleeve_flat_m: float | None
    sleeve_cut_m: float


def cell_with_board(design: Design) -> CellWithBoard:
    """Return what the cell of `design` becomes with its board, strap, disc and sleeve, largest cell of its
    class."""
    job, cell, board = design.cell_bms, design.cell, design.bms.board
    added = (board.height_m if board else 0.0) + job.ring_m
    length = cell.length_m + cell.length_tolerance_m + added + 2 * job.sleeve_wall_m
    bare = cell.diameter_m + cell.diameter_tolerance_m
    across = bare + job.strap_thickness_m + 2 * job.sleeve_wall_m
    # Round the cell and over the strap; flat width is half the circumference.
    half_round = pi * (bare + job.strap_thickness_m) / 2
    flat = stock_flat(half_round)

    def within(limit: float | None, size: float) -> bool | None:
        return None if limit is None else size <= limit

    return CellWithBoard(
        added,
        length,
        across,
        within(job.holder_m, length),
        within(job.charger_m, length),
        within(job.holder_width_m, across),
        flat,
        (cell.length_m + added + 2 * LIP_M) * SHRINKS_ALONG,
    )
