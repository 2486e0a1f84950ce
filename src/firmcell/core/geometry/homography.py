"""A flat thing seen aslant: from points of a photo to the plane it shows, and back."""

import numpy as np

from firmcell.core.base.arrays import Array

LEAST_SIDE = 4.0
"""Corners of a photo nearer together than this many pixels are one, px."""


def homography(seen: Array, true: Array) -> Array:
    """Return the projective map that takes each seen point to its true place.

    Parameters
    ----------
    seen, true : ndarray, shape (n, 2)
        At least four points of which no three lie on a line; more are fitted.

    Returns
    -------
    h : ndarray, shape (3, 3)
        Scaled so that its last element is 1.

    Raises
    ------
    ValueError
        If the points do not fix a map.

    Notes
    -----
    Direct linear transform on points moved to their middle and scaled, smallest singular vector.

    References
    ----------
    .. [1] hartley-zisserman

    Examples
    --------
    >>> square = np.array([[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [0.0, 1.0]])
    >>> h = homography(square, square * 2 + 3)
    >>> mapped(h, np.array([[0.5, 0.5]])).round(9).tolist()
    [[4.0, 4.0]]
    """
    if len(seen) < 4 or len(seen) != len(true):
        raise ValueError("four points and their places are wanted")
    from_scale, to_scale = _levelled(seen), _levelled(true)
    a, b = mapped(from_scale, seen), mapped(to_scale, true)
    rows = []
    for (x, y), (u, v) in zip(a, b, strict=True):
        rows.append([-x, -y, -1, 0, 0, 0, u * x, u * y, u])
        rows.append([0, 0, 0, -x, -y, -1, v * x, v * y, v])
    _, sizes, right = np.linalg.svd(np.array(rows))
    if sizes[7] < 1e-9 * sizes[0]:
        raise ValueError("three of the points lie on one line")
    h = np.linalg.inv(to_scale) @ right[8].reshape(3, 3) @ from_scale
    return np.asarray(h / h[2, 2])


def _levelled(points: Array) -> Array:
    """What moves points to their middle and scales them to a mean distance of √2."""
    middle = points.mean(axis=0)
    reach = float(np.hypot(*(points - middle).T).mean())
    if reach == 0:
        raise ValueError("all points are one")
    s = np.sqrt(2) / reach
    return np.array([[s, 0, -s * middle[0]], [0, s, -s * middle[1]], [0, 0, 1.0]])


def mapped(h: Array, points: Array) -> Array:
    """Return where a projective map takes points.

    Parameters
    ----------
    h : ndarray, shape (3, 3)
    points : ndarray, shape (n, 2)

    Returns
    -------
    ndarray, shape (n, 2)

    References
    ----------
    .. [1] hartley-zisserman

    Examples
    --------
    >>> mapped(np.diag([2.0, 2.0, 1.0]), np.array([[1.0, 3.0]])).tolist()
    [[2.0, 6.0]]
    """
    away = np.column_stack((points, np.ones(len(points)))) @ h.T
    return np.asarray(away[:, :2] / away[:, 2:])


def corners_fault(corners: Array) -> str | None:
    """Return why four corners in order do not bound a rectangle seen aslant, as the end of a sentence, or
    None.

    Parameters
    ----------
    corners : ndarray, shape (4, 2)
        Clockwise as seen in a photo, y down, px.
    """
    sides = np.roll(corners, -1, axis=0) - corners
    if np.hypot(*sides.T).min() < LEAST_SIDE:
        return "two of them are one"
    after = np.roll(sides, -1, axis=0)
    turns = sides[:, 0] * after[:, 1] - sides[:, 1] * after[:, 0]
    if (turns < 0).all():
        return "they go round the wrong way: upper left first, then upper right, lower right, lower left"
    if not (turns > 0).all():
        return "their sides cross, or one corner is pushed in"
    return None


def rigid(seen: Array, true: Array, weights: Array | None = None) -> tuple[Array, Array]:
    """Return turn and shift that bring seen points nearest to their true places, with no mirroring.

    Parameters
    ----------
    seen, true : ndarray, shape (n, 2)
    weights : ndarray, shape (n,), optional
        How much each point counts; all alike by default.

    Returns
    -------
    turn : ndarray, shape (2, 2)
    shift : ndarray, shape (2,)
        ``seen @ turn.T + shift`` lies nearest to `true` in the (weighted) least-squares sense.

    References
    ----------
    .. [1] kabsch

    Examples
    --------
    >>> turn, shift = rigid(np.array([[0.0, 0.0], [1.0, 0.0]]), np.array([[1.0, 1.0], [1.0, 2.0]]))
    >>> turn.round(9).tolist(), shift.round(9).tolist()
    ([[0.0, -1.0], [1.0, 0.0]], [1.0, 1.0])
    """
    share = np.ones(len(seen)) if weights is None else weights
    share = (share / share.sum())[:, None]
    from_middle, to_middle = (share * seen).sum(axis=0), (share * true).sum(axis=0)
    left, _, right = np.linalg.svd((seen - from_middle).T @ (share * (true - to_middle)))
    sign = np.diag([1.0, np.sign(np.linalg.det(right.T @ left.T)) or 1.0])
    turn = right.T @ sign @ left.T
    return np.asarray(turn), np.asarray(to_middle - turn @ from_middle)
