"""Where a function of an array crosses zero, elementwise.

By hand and not by `scipy.optimize`, which takes 0.6 s to load; the tests hold it against SciPy.
"""

from collections.abc import Callable

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array

FEW, PARTS_OF_FEW, CUTS_OF_FEW, HALVINGS = 120, 16, 3, 12
"""For so many values NumPy's calls cost more than what they add up: their bounds are cut into many parts at once, those
of more values into halves."""


def bisect(function: Callable[[Array], Array], low: ArrayLike, high: ArrayLike) -> Array:
    """Return where a function of an array crosses zero from below, elementwise.

    Parameters
    ----------
    function : callable
        Of an array of the bounds' shape, or of several such arrays one on the other; elementwise.
    low, high : array_like
        Bounds.

    Returns
    -------
    crossing : ndarray
        In the unit of the bounds; the nearer end where the function stays on one side. Functions cross once
        here; of several crossings it is one, and of up to `FEW` values the first that a sixteenth of the
        bounds tells apart.

    Notes
    -----
    What is left after 12 halvings has one straight line put through its ends: for the smooth curves used here
    that is as exact as 24 halvings. Of few values the bounds are cut into 16 parts three times: as much.

    References
    ----------
    .. [1] press-recipes

    Examples
    --------
    >>> round(float(bisect(lambda x: x**2 - 2, 0.0, 2.0)), 6)  # √2
    1.414214
    """
    ends = np.array(np.broadcast_arrays(low, high), dtype=float)
    if ends[0].size <= FEW:
        for _ in range(CUTS_OF_FEW):
            ends, values = _first_part(function, ends)
    else:
        lower, upper = ends
        for _ in range(HALVINGS):
            middle = (lower + upper) / 2
            above = function(middle) > 0
            lower, upper = np.where(above, lower, middle), np.where(above, middle, upper)
        ends, values = np.stack([lower, upper]), np.stack([function(lower), function(upper)])
    crosses = (values[0] <= 0) & (values[1] > 0)
    slope = np.where(crosses, values[1] - values[0], 1.0)
    line = ends[0] - values[0] / slope * (ends[1] - ends[0])
    return np.asarray(np.where(crosses, line, np.where(values[1] <= 0, ends[1], ends[0])))


def _first_part(function: Callable[[Array], Array], ends: Array) -> tuple[Array, Array]:
    """The first of the parts between two ends (2, …) at whose end the function is above zero, else the last;
    and its values at the ends of that."""
    share = (np.arange(PARTS_OF_FEW + 1) / PARTS_OF_FEW).reshape(-1, *(1,) * (ends.ndim - 1))
    places = ends[0] + (ends[1] - ends[0]) * share
    found = function(places)
    above = (found > 0).reshape(len(found), -1)
    above[-1] = True
    last = np.maximum(above.argmax(axis=0), 1)
    at = np.stack([last - 1, last]), np.arange(len(last))
    return tuple(each.reshape(len(found), -1)[at].reshape(ends.shape) for each in (places, found))
