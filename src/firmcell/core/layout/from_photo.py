"""A layout read from photos of both faces: which cells form a group, in what order, and which end of each
is up."""

from collections.abc import Callable
from itertools import pairwise

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.geometry.connected import DisjointSets
from firmcell.core.geometry.homography import corners_fault, homography, mapped, rigid
from firmcell.core.model.design import Face, PlacedCell, TurnAxis
from firmcell.core.model.photo import Photo, PhotoShows

APART_SHARE = 0.5
"""Of a cell's diameter: cells marked on both faces further apart than this are not the same cell."""
PUSHES = 60


def scale_of(photo: Photo) -> Array | None:
    """Return the map from a photo's pixels to the plane it shows, m, y upwards; None where it is not to
    scale yet.

    Raises
    ------
    Refusal
        If the corners bound no rectangle, or the two points are one.
    """
    if len(photo.corners_px) == 4 and photo.length_m and photo.width_m:
        corners = np.array(photo.corners_px)
        fault = corners_fault(corners)
        if fault:
            raise Refusal(f"The four corners bound no rectangle: {fault}.")
        length, width = photo.length_m, photo.width_m
        return homography(corners, np.array([(0, width), (length, width), (length, 0), (0, 0)], dtype=float))
    if len(photo.ends_px) == 2 and photo.apart_m:
        ends = np.array(photo.ends_px)
        pixels = float(np.hypot(*(ends[1] - ends[0])))
        if pixels < 4:
            raise Refusal("The two points are one: click them as far apart as you know the size of.")
        each = photo.apart_m / pixels
        return np.array([[each, 0, 0], [0, -each, each * photo.height_px], [0, 0, 1.0]])
    return None


def cells_seen(photo: Photo) -> Array:
    """Return the middles of a photo's cells in the plane it shows, shape (n, 2), m.

    Raises
    ------
    Refusal
        If the photo is not to scale, or as `scale_of`.
    """
    scale = scale_of(photo)
    if scale is None:
        raise Refusal(
            f"“{photo.name}” is not to scale yet: click four corners of a rectangle, or two points, and enter their size."
        )
    if not photo.cells:
        return np.zeros((0, 2))
    return mapped(scale, np.array([c.at_px for c in photo.cells]))


def pixel_size(photo: Photo, at_px: tuple[float, float]) -> float | None:
    """Return the size of a pixel near a place in a photo, m; None where it is not to scale."""
    scale = scale_of(photo)
    if scale is None:
        return None
    x, y = at_px
    one, other = mapped(scale, np.array([(x, y), (x + 1, y)]))
    return float(np.hypot(*(other - one)))


def over_to_top(axis: TurnAxis) -> Callable[[Array], Array]:
    """Return what takes places on the bottom face as it lies, turned over about an axis, to the top's."""
    sign = np.array([1.0, -1.0] if axis is TurnAxis.LONG else [-1.0, 1.0])
    return lambda points: np.asarray(points * sign)


@frozen
class SeenPack:
    """What two photos say.

    Attributes
    ----------
    places_m : middles of the cells seen from above the top, origin in their middle, shape (n, 2), m; in the
        order of the top photo.
    up : whether plus is on the top face.
    group : group in series, from 1 at the negative end; 0 where it could not be told.
    series, parallel : 0 where they could not be told.
    faults : what does not go together, one sentence each; with any, nothing should be made of it.
    """

    places_m: Array
    up: tuple[bool, ...]
    group: tuple[int, ...]
    series: int
    parallel: int
    faults: tuple[str, ...]


def pack_seen(top: Photo, bottom: Photo, axis: TurnAxis, diameter_m: float) -> SeenPack:
    """Return the pack that the photos of both faces show.

    Parameters
    ----------
    top, bottom : Photo
        To scale, every cell marked in both, strips named by the cells they join.
    axis : TurnAxis
        About which the pack was turned between the two.
    diameter_m : float
        Of a cell, to tell which mark is which cell.

    Returns
    -------
    seen : SeenPack

    Raises
    ------
    Refusal
        If a photo is not to scale, or the two show different numbers of cells.

    Notes
    -----
    Each end of each cell is a point; strips join points on their face. What hangs together is one potential;
    a cell leads from that of its minus to that of its plus; cells between the same two are a group. The
    potentials of a pack form one chain.
    """
    above, below = cells_seen(top), over_to_top(axis)(cells_seen(bottom))
    if len(above) != len(below):
        raise Refusal(
            f"The top photo has {len(above)} cells marked, the bottom {len(below)}; every cell is marked in both."
        )
    if not len(above):
        raise Refusal("No cell is marked yet: click the middle of each in both photos.")
    match, faults = _matched(above, below, diameter_m)
    up, told = _directions(top, bottom, match)
    faults += told
    points = DisjointSets(range(2 * len(above)))
    for strip in top.strips:
        _join(points, [n - 1 for n in strip.cells], len(above), "top", faults)
    under = {b: a for a, b in enumerate(match)}
    for strip in bottom.strips:
        cells = [under.get(n - 1, -1) for n in strip.cells]
        _join(points, [n + len(above) if n >= 0 else -1 for n in cells], 2 * len(above), "bottom", faults)
    nets = [(points.find(n), points.find(n + len(above))) for n in range(len(above))]
    leads = [(t, b) if not plus_up else (b, t) for (t, b), plus_up in zip(nets, up, strict=True)]
    group, series, parallel, more = _chain(leads)
    middle = above.mean(axis=0)
    return SeenPack(above - middle, up, group, series, parallel, tuple(faults + more))


def _join(points: DisjointSets, ends: list[int], last: int, face: str, faults: list[str]) -> None:
    if any(not 0 <= n < last for n in ends):
        faults.append(f"A strip on the {face} face names a cell that is not marked.")
        return
    for one, other in pairwise(ends):
        points.join(one, other)


def _matched(above: Array, below: Array, diameter_m: float) -> tuple[list[int], list[str]]:
    """For each cell of the top which mark of the bottom it is, the bottom laid on the top by its middle and
    then turned a little."""
    turn, shift = np.eye(2), above.mean(axis=0) - below.mean(axis=0)
    for _ in range(4):
        laid = below @ turn.T + shift
        away = np.hypot(*(above[:, None, :] - laid[None, :, :]).T).T
        nearest = away.argmin(axis=1)
        if len(above) < 2:
            break
        turn, shift = rigid(below[nearest], above)
    faults = []
    if (
        len(set(nearest.tolist())) < len(above)
        or away[range(len(above)), nearest].max() > APART_SHARE * diameter_m
    ):
        worst = int(away[range(len(above)), nearest].argmax())
        faults.append(
            f"Cell {worst + 1} of the top photo has no partner on the bottom: is the pack turned about the other axis, or is one photo mirrored?"
        )
    return [int(n) for n in nearest], faults


def _directions(top: Photo, bottom: Photo, match: list[int]) -> tuple[tuple[bool, ...], list[str]]:
    up, faults = [], []
    for number, (seen, other) in enumerate(zip(top.cells, match, strict=True), start=1):
        below = bottom.cells[other].plus
        if seen.plus is None and below is None:
            faults.append(f"Which end of cell {number} is plus is not marked.")
        elif seen.plus is not None and seen.plus == below:
            faults.append(f"Cell {number} shows {'plus' if seen.plus else 'minus'} on both faces.")
        up.append(bool(seen.plus if seen.plus is not None else not below))
    return tuple(up), faults


def _chain(leads: list[tuple[int, int]]) -> tuple[tuple[int, ...], int, int, list[str]]:
    """Groups in order along the chain of potentials that the cells lead along."""
    none = (0,) * len(leads)
    follows: dict[int, set[int]] = {}
    before: dict[int, set[int]] = {}
    for a, b in leads:
        follows.setdefault(a, set()).add(b)
        before.setdefault(b, set()).add(a)
    starts = sorted(set(follows) - set(before))
    for word, ways, end in (("begin", follows, 0), ("end", before, 1)):
        forked = next((net for net, others in ways.items() if len(others) > 1), None)
        if forked is not None:
            cells = [n for n, lead in enumerate(leads, start=1) if lead[end] == forked]
            return (
                none,
                0,
                0,
                [
                    f"Cells {_named(cells)} {word} at one strip and part after it: a strip is missing, or one is too many, or a cell is marked the wrong way round."
                ],
            )
    if len(starts) != 1:
        what = "go round in a ring, a dead short" if not starts else f"fall into {len(starts)} chains"
        return none, 0, 0, [f"The cells {what}: a strip is missing, or a cell is marked the wrong way round."]
    order: dict[tuple[int, int], int] = {}
    net = starts[0]
    while net in follows:
        (after,) = follows[net]
        order[net, after] = len(order) + 1
        net = after
    ring = [n for n, lead in enumerate(leads, start=1) if lead not in order]
    if ring:
        words = f"Cells {_named(ring)} go round in a ring, a dead short: a cell is marked the wrong way round, or a strip is one too many."
        return none, 0, 0, [words]
    group = tuple(order[lead] for lead in leads)
    sizes = [group.count(g) for g in range(1, len(order) + 1)]
    faults = []
    if len(set(sizes)) > 1:
        odd = min(range(len(sizes)), key=lambda g: sizes[g]) + 1
        faults.append(f"Group {odd} has {sizes[odd - 1]} cells, others {max(sizes)}.")
    return group, len(order), max(sizes), faults


def _named(cells: list[int]) -> str:
    return ", ".join(map(str, cells[:6])) + (" …" if len(cells) > 6 else "")


def placed_cells(seen: SeenPack, diameter_m: float) -> tuple[PlacedCell, ...]:
    """Return the cells in their places, pushed apart where marks came nearer than cells can stand.

    Raises
    ------
    Refusal
        If the photos do not go together.
    """
    if seen.faults:
        raise Refusal(f"The photos do not go together yet. {seen.faults[0]}")
    places = pushed_apart(seen.places_m, diameter_m)
    return tuple(
        PlacedCell(x_m=round(x, 6), y_m=round(y, 6), group=g, up=up)
        for (x, y), g, up in zip(places.tolist(), seen.group, seen.up, strict=True)
    )


def pushed_apart(places: Array, least_m: float) -> Array:
    """Return places moved as little as it takes so that no two are nearer than `least_m`, shape (n, 2).

    A hand clicks half a millimetre beside the middle; two cells cannot stand in one place.
    """
    moved = places.copy()
    for _ in range(PUSHES):
        way = moved[:, None, :] - moved[None, :, :]
        apart = np.hypot(way[..., 0], way[..., 1])
        np.fill_diagonal(apart, np.inf)
        close = np.clip(least_m * (1 + 1e-6) - apart, 0, None)
        if close.max() <= least_m * 1e-6:
            break
        step = way * (close / np.where(np.isfinite(apart) & (apart > 0), apart, 1))[..., None] / 2
        moved = moved + step.sum(axis=1)
    return np.asarray(moved)


def photo_of(photos: tuple[Photo, ...], face: Face) -> Photo | None:
    """Return the last photo that shows a face."""
    shows = PhotoShows.TOP if face is Face.TOP else PhotoShows.BOTTOM
    return next((p for p in reversed(photos) if p.shows is shows), None)
