"""Sleeves of single cells, by the flat width they are sold in."""

FLAT_STOCK_M = tuple(mm * 1e-3 for mm in (17, 23, 29.5, 33, 36, 41, 46, 52, 60, 75))
"""Flat widths of cell sleeve on the market, m; generic class values."""
SHRINKS_TO, EASE_M = 0.55, 0.0001
LIP_M = 0.0035
"""Lip of a cell's sleeve over each end, m; common practice, no source."""
SHRINKS_ALONG = 1.08
"""Cut length over finished length: such sleeve shrinks along as well; generic class value."""


def stock_flat(half_round_m: float) -> float | None:
    """Return the narrowest stock sleeve that slides over half a circumference and shrinks on to it, as its
    flat width, m.

    None where there is none.
    """
    slides = (f for f in FLAT_STOCK_M if f >= half_round_m + EASE_M and f * SHRINKS_TO < half_round_m)
    return next(slides, None)


def cell_sleeve_name(flat_m: float) -> str:
    """Return what sleeve for single cells of a flat width is called.

    Examples
    --------
    >>> cell_sleeve_name(0.0295)
    'cell sleeve 29.5 mm flat'
    """
    return f"cell sleeve {flat_m * 1e3:g} mm flat"
