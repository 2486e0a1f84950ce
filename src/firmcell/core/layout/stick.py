"""Cells end to end: welded in an open row, then folded at each tab into a stick, or several side by side."""

from math import pi

from firmcell.core.model.design import Arrangement, Design, Lie

FOLD_GAP_M = 0.003
"""Between the cells of the open row, so that the tab has length to fold, m; common practice, no source."""
FOLDED_M = 0.002
"""A folded tab with the sheet in the fold between two cell ends, at least, m; no sharper, as nickel cracks; common
practice, no source."""


def is_stick(arrangement: Arrangement) -> bool:
    """Whether the cells are folded end to end."""
    return arrangement.lie is Lie.STICK


def stick_length(design: Design, metal_m: float) -> float:
    """Return the length of the folded cells, metal on both ends, m.

    Parameters
    ----------
    design : Design
    metal_m : float
        What strip adds to one end, m.

    Returns
    -------
    length : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> cell = Of(length_m=0.065, length_tolerance_m=0.0)
    >>> round(stick_length(Of(cell=cell, series=3), 0.0002), 4)  # 3 × 65 mm, two folds, metal at both ends
    0.1994
    """
    one = design.cell.length_m + design.cell.length_tolerance_m
    fold = max(FOLDED_M, 2 * metal_m)
    return design.series * one + (design.series - 1) * fold + 2 * metal_m


def half_round(parallel: int, diameter_m: float) -> float:
    """Return half of what a sleeve goes round sticks side by side, m.

    Parameters
    ----------
    parallel : int
    diameter_m : float
        Of one, with what lies round it, m.

    Returns
    -------
    half : float

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> round(half_round(1, 0.02) / 0.01, 4)  # half round a circle
    3.1416
    """
    return (parallel - 1) * diameter_m + pi * diameter_m / 2
