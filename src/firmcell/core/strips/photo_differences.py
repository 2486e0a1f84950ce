"""The design's face laid over a photo of it: how it lies there, and every place where the two differ."""

import re
from itertools import combinations

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import millimetres
from firmcell.core.geometry.connected import DisjointSets
from firmcell.core.geometry.homography import mapped, rigid
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.from_photo import cells_seen, scale_of
from firmcell.core.model.design import Face, TurnAxis
from firmcell.core.model.photo import Photo
from firmcell.core.strips.runs import strip_runs

OFF_SHARE = 0.12
"""Of a cell's diameter: further off than this a cell stands elsewhere than drawn. A hand clicks to about a tenth."""
WELL_LAID_M = 0.0002
"""Nearer than this is right, m: a hand clicks no better."""
STRAY_SHARE = 0.6
"""Further off than this it is another cell."""
ON_CELL_SHARE = 0.5
"""Of a cell's diameter: a wire that ends nearer to a cell's middle is on it."""
TAP_NAME = re.compile(r"\bB ?(\d{1,3}(?!\d)|[-−–+])", re.IGNORECASE)
MIRRORED_SHARE = 0.5
"""A mirrored fit so much better than the true one says that the photo is of the other face, or mirrored."""


@frozen
class Difference:
    """One place where photo and design differ: where in the photo, px, and in words."""

    at_px: tuple[float, float]
    words: str


@frozen
class OverPhoto:
    """A face of the design over a photo.

    Attributes
    ----------
    to_px : projective map from the face as it lies, in mm with y upwards, to the photo's pixels, shape (3,
        3).
    found : every difference, the dangerous ones first.
    mirrored : whether the cells lie as those of the other face, or of a mirrored photo, do.
    """

    to_px: Array
    found: tuple[Difference, ...]
    mirrored: bool


def over_photo(photo: Photo, face: Face, layout: Layout, axis: TurnAxis, diameter_m: float) -> OverPhoto:
    """Return how a face of the design lies over a photo of it, and where the two differ.

    Parameters
    ----------
    photo : Photo
        To scale, with cells marked; what is not marked in it is not compared but for cells.
    face, axis : Face, TurnAxis
        Which face, and about which axis the pack is turned over.
    layout : Layout
    diameter_m : float
        Of a cell.

    Raises
    ------
    Refusal
        If the photo is not to scale, or fewer than two cells are marked in it.

    Notes
    -----
    Never mirrored: the face is turned and shifted only, as a paper laid on the photo would be. If the cells
    fit much better mirrored, that is said and nothing else.
    """
    seen, scale = cells_seen(photo), scale_of(photo)
    if scale is None or len(seen) < 2:
        raise Refusal("Mark at least two cells in the photo first: by them the drawing is laid on it.")
    sign = _as_it_lies(face, axis)
    drawn = np.array([(c.x_m, c.y_m) for c in layout.cells]) * sign
    up = [c.positive_up is (face is Face.TOP) for c in layout.cells]
    (turn, shift), off = _laid(seen, drawn, [c.plus for c in photo.cells], up)
    _, other_off = _laid(seen * np.array([-1.0, 1.0]), drawn, [c.plus for c in photo.cells], up)
    lies = np.eye(3)
    lies[:2, :2], lies[:2, 2] = turn, shift
    to_px = np.linalg.inv(scale) @ np.linalg.inv(lies) @ np.diag([1e-3, 1e-3, 1.0])
    on_paper = seen @ turn.T + shift
    mirrored = off > OFF_SHARE * diameter_m and other_off < MIRRORED_SHARE * off
    if mirrored:
        words = f"The cells lie as those of the {face.value} face do in a mirror: is it the other face, or a mirrored photo?"
        return OverPhoto(to_px, (Difference(photo.cells[0].at_px, words),), True)
    partner, found = _cells_differ(photo, on_paper, drawn, up, to_px, diameter_m)
    wires = _wires_differ(photo, seen, scale, layout, partner, up, diameter_m)
    return OverPhoto(to_px, (*wires, *_strips_differ(photo, face, layout, partner), *found), False)


def _as_it_lies(face: Face, axis: TurnAxis) -> Array:
    if face is Face.TOP:
        return np.array([1.0, 1.0])
    return np.array([1.0, -1.0] if axis is TurnAxis.LONG else [-1.0, 1.0])


def _laid(
    seen: Array, drawn: Array, plus: list[bool | None], up: list[bool]
) -> tuple[tuple[Array, Array], float]:
    """Turn and shift that lay the seen cells on the drawn ones, and how far off they then are on the whole,
    m.

    Of a layout that fits in more than one way the one with the most ends alike is taken.
    """
    best: tuple[tuple[float, float], tuple[Array, Array], float] | None = None
    for quarter in range(4):
        c, s = round(np.cos(quarter * np.pi / 2)), round(np.sin(quarter * np.pi / 2))
        turn = np.array([[c, -s], [s, c]], dtype=float)
        shift = drawn.mean(axis=0) - turn @ seen.mean(axis=0)
        for _ in range(6):
            laid = seen @ turn.T + shift
            away = np.hypot(laid[:, None, 0] - drawn[None, :, 0], laid[:, None, 1] - drawn[None, :, 1])
            nearest = away.argmin(axis=1)
            turn, shift = _by_most(seen, drawn[nearest])
        laid = seen @ turn.T + shift
        off = np.hypot(*(laid - drawn[nearest]).T)
        twice = len(nearest) - len(set(nearest.tolist()))
        unlike = sum(p is not None and p is not up[n] for p, n in zip(plus, nearest, strict=True))
        size = float(off.mean())
        # A tenth of a millimetre more or less does not decide; which ends are alike does.
        rank = (round(size * 1e3) + 10 * twice, unlike)
        if best is None or rank < best[0]:
            best = rank, (turn, shift), size
    assert best is not None
    return best[1], best[2]


def _by_most(seen: Array, true: Array) -> tuple[Array, Array]:
    """Turn and shift by which most points lie right: one cell that stands elsewhere must not pull the rest
    along."""
    turn, shift = rigid(seen, true)
    for _ in range(30):
        off = np.hypot(*(seen @ turn.T + shift - true).T)
        turn, shift = rigid(seen, true, 1 / np.maximum(off, WELL_LAID_M))
    return turn, shift


def _cells_differ(
    photo: Photo, laid: Array, drawn: Array, up: list[bool], to_px: Array, diameter_m: float
) -> tuple[dict[int, int], list[Difference]]:
    """Which drawn cell each seen one is, both from 0, and what differs: ends first, then places."""
    away = np.hypot(laid[:, None, 0] - drawn[None, :, 0], laid[:, None, 1] - drawn[None, :, 1])
    partner: dict[int, int] = {}
    ends, places = [], []
    for flat in np.argsort(away, axis=None):
        a, b = divmod(int(flat), away.shape[1])
        if a not in partner and b not in partner.values() and away[a, b] < STRAY_SHARE * diameter_m:
            partner[a] = b
    for a, cell in enumerate(photo.cells):
        if a not in partner:
            places.append(Difference(cell.at_px, f"Cell {a + 1} of the photo is not in the design."))
            continue
        b, off = partner[a], float(away[a, partner[a]])
        if cell.plus is not None and cell.plus is not up[b]:
            shows, drawn_as = ("plus", "minus") if cell.plus else ("minus", "plus")
            ends.append(
                Difference(
                    cell.at_px, f"Cell {b + 1} shows {shows} in the photo and {drawn_as} in the design."
                )
            )
        if off > OFF_SHARE * diameter_m:
            places.append(
                Difference(cell.at_px, f"Cell {b + 1} stands {millimetres(off)} from where it is drawn.")
            )
    for b in sorted(set(range(len(drawn))) - set(partner.values())):
        x, y = mapped(to_px, drawn[b : b + 1] * 1e3)[0]
        places.append(
            Difference((float(x), float(y)), f"Cell {b + 1} of the design is not marked in the photo.")
        )
    return partner, ends + places


def _wires_differ(
    photo: Photo,
    seen: Array,
    scale: Array,
    layout: Layout,
    partner: dict[int, int],
    up: list[bool],
    diameter_m: float,
) -> list[Difference]:
    """Wires that end on a cell whose end here is another tap point than the wire is named for, and wires that
    join two tap points."""
    found = []
    for wire in photo.wires:
        points: list[tuple[int, int]] = []
        for end in (wire.way_px[0], wire.way_px[-1]):
            away = np.hypot(*(seen - mapped(scale, np.array([end]))[0]).T)
            nearest = int(away.argmin())
            if nearest in partner and away[nearest] < ON_CELL_SHARE * diameter_m:
                cell = layout.cells[partner[nearest]]
                points.append((cell.number, cell.group if up[partner[nearest]] else cell.group - 1))
        named = _named_tap(wire.name, layout.series)
        for number, tap in points:
            if named is not None and tap != named:
                told = f"The wire named “{wire.name}” ends on cell {number}, which is B{tap} in the design, not B{named}."
                found.append(Difference(wire.way_px[-1], told))
        if len({tap for _, tap in points}) > 1:
            (one, low), (other, high) = points
            told = f"A wire joins cells {one} and {other}: B{low} and B{high} in the design, a dead short unless something is in it."
            found.append(Difference(wire.way_px[0], told))
    return found


def _named_tap(name: str, series: int) -> int | None:
    """Which tap point a wire is named for: “B3”, “B-”, “B+ red”; None where no name or several are in it."""
    ends = {"-": 0, "−": 0, "–": 0, "+": series}
    marks = {m.group(1) for m in TAP_NAME.finditer(name)}
    if len(marks) != 1:
        return None
    mark = marks.pop()
    return ends[mark] if mark in ends else int(mark)


def _strips_differ(photo: Photo, face: Face, layout: Layout, partner: dict[int, int]) -> list[Difference]:
    """Cells that are joined on this face in the one and not in the other; nothing where no strip is
    marked."""
    if not photo.strips:
        return []
    seen, drawn = DisjointSets(partner.values()), DisjointSets(partner.values())
    for strip in photo.strips:
        known = [partner[n - 1] for n in strip.cells if n - 1 in partner]
        for other in known[1:]:
            seen.join(known[0], other)
    for run in strip_runs(layout):
        known = [n - 1 for n in run.cells if n - 1 in drawn.of] if run.face is face else []
        for other in known[1:]:
            drawn.join(known[0], other)
    at = {b: photo.cells[a].at_px for a, b in partner.items()}
    joined, apart = [], []
    # Of several pairs that say the same one is told; what is joined and what is apart never hide each other.
    told = {now: DisjointSets(partner.values()) for now in (True, False)}
    for one, other in combinations(sorted(partner.values()), 2):
        now, then = seen.find(one) == seen.find(other), drawn.find(one) == drawn.find(other)
        if now == then or not told[now].join(one, other):
            continue
        middle = ((at[one][0] + at[other][0]) / 2, (at[one][1] + at[other][1]) / 2)
        if now:
            joined.append(
                Difference(
                    middle,
                    f"Cells {one + 1} and {other + 1} are joined in the photo; the design keeps them apart.",
                )
            )
        else:
            apart.append(
                Difference(
                    middle,
                    f"The design joins cells {one + 1} and {other + 1}; no strip is marked in the photo.",
                )
            )
    return joined + apart
