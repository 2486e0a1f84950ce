"""The points of a pack that a probe may touch: pins of the plug, the pack's own metal, and the ends of cells.

They are numbered in one row: pins 0 to S, the strips of B0 to BS, of each group the end of its cells at the
lower tap, and of each the end at the upper tap. An end is named by its place, not by its sign: what is plus
there is what the reading tells.
"""

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.refusal import Refusal

Whole = NDArray[np.intp]


def point_count(series: int) -> int:
    """Return how many points a pack of `series` groups has.

    Parameters
    ----------
    series : int

    Returns
    -------
    count : int

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> point_count(3)  # four pins, four strips, two ends of each of three groups
    14
    """
    return 2 * (series + 1) + 2 * series


def point_taps(series: int) -> Whole:
    """Return the tap whose metal each point should be on.

    Parameters
    ----------
    series : int

    Returns
    -------
    taps : ndarray of int, (points,)

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> point_taps(2).tolist()
    [0, 1, 2, 0, 1, 2, 0, 1, 1, 2]
    """
    pins, groups = np.arange(series + 1), np.arange(series)
    return np.concatenate([pins, pins, groups, groups + 1])


def end_of(group: int, tap: int, series: int) -> int:
    """Return the point at the end of a group's cells at one of its two taps.

    Parameters
    ----------
    group : int
        From 1.
    tap : int
        `group` − 1 or `group`.
    series : int

    Returns
    -------
    point : int

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> end_of(2, 1, 3), end_of(2, 2, 3)
    (9, 12)
    """
    return 2 * (series + 1) + group - 1 + (series if tap == group else 0)


def point_name(point: int, series: int) -> str:
    """Return how a point is called in a sentence: pin B3, the strip of B3, or the end of a group's cells.

    Parameters
    ----------
    point, series : int

    Returns
    -------
    name : str

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> point_name(3, 10), point_name(14, 10), point_name(24, 10)
    ('pin B3', 'the strip of B3', 'the end of a cell of group 3 at B2')
    """
    tap = int(point_taps(series)[point])
    if point <= series:
        return f"pin B{tap}"
    if point <= 2 * series + 1:
        return f"the strip of B{tap}"
    return f"the end of a cell of group {_group(point, series)} at B{tap}"


def point_label(point: int, series: int) -> str:
    """Return the short name of a point, which `point_number` reads and records keep.

    Parameters
    ----------
    point, series : int

    Returns
    -------
    label : str

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> [point_label(p, 2) for p in (1, 4, 6, 9)]
    ['B1', 'strip B1', 'group 1 at B0', 'group 2 at B2']
    """
    tap = int(point_taps(series)[point])
    if point <= series:
        return f"B{tap}"
    return f"strip B{tap}" if point <= 2 * series + 1 else f"group {_group(point, series)} at B{tap}"


def point_number(name: str, series: int) -> int:
    """Return the point of ``B3`` (a pin of the plug), ``strip B3`` or ``group 3 at B2`` (an end of a cell).

    Parameters
    ----------
    name : str
        In capitals or not.
    series : int

    Returns
    -------
    point : int

    Raises
    ------
    Refusal
        If there is no such point.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> point_number("strip b3", 10), point_number("group 3 at B2", 10)
    (14, 24)
    """
    labels = [point_label(p, series).lower() for p in range(point_count(series))]
    plain = " ".join(name.lower().split())
    if plain not in labels and plain.isdigit():
        plain = f"b{plain}"
    if plain not in labels:
        raise Refusal(
            f"“{name}” is no point of this pack; B0 to B{series} are pins, strip B0 to strip B{series} its metal, "
            f"group 1 at B0 to group {series} at B{series} the ends of cells."
        )
    return labels.index(plain)


def _group(point: int, series: int) -> int:
    return (point - 2 * (series + 1)) % series + 1
