"""Where cells can stand: the best lattice, angle and offset in each part of the space."""

from collections.abc import Iterator, Sequence
from math import hypot

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.geometry.packing import Footprint, Places, centred, free_places, search_lattices
from firmcell.core.geometry.region import Region, most_cells
from firmcell.core.geometry.squeeze import squeezed
from firmcell.core.layout.cell_places import pitches
from firmcell.core.layout.space import Room, rooms_of, wall_of
from firmcell.core.model.design import Arrangement, Design, Lattice
from firmcell.core.model.parts import Cell

ORDER = (Lattice.SQUARE, Lattice.STAGGERED, Lattice.FREE)


FREE_DIRECTIONS = 4
OTHER_WAYS, MOST_TURNED = 1, 80
"""Ways of turning a lattice that are looked at beside the best, for packs of so many cells at most: each costs as much as
the best."""


@frozen
class Choice:
    """One way of placing cells: a lattice, its places in each block, and how many could ever fit.

    Attributes
    ----------
    bound : a number of cells that certainly cannot be exceeded (area, and Oler's bound on centres).
    """

    lattice: Lattice
    rooms: tuple[Room, ...]
    places: tuple[Places, ...]
    bound: int

    @property
    def count(self) -> int:
        """Places found in all blocks together."""
        return sum(len(p) for p in self.places)

    def groups_in(self, parallel: int) -> list[int]:
        """How many whole groups each block holds."""
        return [len(p) // parallel for p in self.places]


def footprint_of(cell: Cell) -> Footprint:
    """Return what the largest cell covers, seen along its axis."""
    along, across = cell.largest_m
    return Footprint(along, across, cell.is_round)


def find_places(
    design: Design, lattices: Sequence[Lattice] = ORDER, keep_locked: bool = True
) -> Iterator[Choice]:
    """Yield for each lattice the best places found in the space of the brief.

    Cells locked in their place are kept: they are in the places of their block, and the lattice goes through
    one of them.

    Raises
    ------
    Refusal
        If the brief gives no space or no cell fits in it that way round.
    """
    rooms = rooms_of(design)
    if not rooms:
        raise Refusal(
            "There is no space to look in: give length, width and height in the brief"
            + (", long enough for the cells this way round." if design.brief.box_m else ".")
        )
    cell, wall = design.cell, wall_of(design)
    spacing = pitches(cell, design.arrangement.gap_m)
    footprint = footprint_of(cell)
    locked = [p for p in design.arrangement.placed if p.locked] if keep_locked else []
    for lattice in lattices:
        if lattice is not Lattice.SQUARE and not cell.is_round:
            continue
        found, bound, others = [], 0, list[Places]()
        for room in rooms:
            held = np.array([(p.x_m, p.y_m) for p in locked if p.block == room.block]).reshape(-1, 2)
            region = around(room.region, held, spacing[0], footprint, wall)
            enough = design.cell_count - len(held) if len(rooms) == 1 else design.cell_count
            best, *others = best_places(region, footprint, spacing, wall, lattice, held, enough)
            found.append(
                Places(np.vstack([held, best.points_m]), best.lattice, best.angle_rad, best.spacing_m)
            )
            bound += bound_of(room.region, cell, wall, spacing)
        yield Choice(lattice, rooms, tuple(found), bound)
        if len(rooms) == 1 and not locked and design.cell_count <= MOST_TURNED:
            # Turned another way the same lattice may hold rows that it does not hold so.
            yield from (Choice(lattice, rooms, (other,), bound) for other in others)


MOST_PUSHED = 60
"""Cells for which places are looked for by pushing them apart; more take too long."""


def push_in(design: Design, best: Choice) -> Iterator[Choice | None]:
    """Push round cells together where no lattice holds enough of them; `best` is the fullest lattice. Yields
    None while it looks, and what it finds: places for all cells, else for as many as it finds more.

    Only in one room without cells that keep their place.
    """
    cell, wanted = design.cell, design.cell_count
    held = any(p.locked for p in design.arrangement.placed)
    if (
        not cell.is_round
        or len(best.rooms) > 1
        or held
        or not best.count < wanted <= min(best.bound, MOST_PUSHED)
    ):
        return
    room, places = best.rooms[0], best.places[0]
    pitch, reach = pitches(cell, design.arrangement.gap_m)[0], cell.largest_m[0] / 2 + wall_of(design)
    counts = [wanted, *range(best.count + 1, wanted)]
    for count in counts:
        found: Array | None = None
        for trial in squeezed(room.region, reach, pitch, count, places.points_m):
            found = trial
            yield None
        if found is not None:
            pushed = Places(found, Lattice.FREE.value, 0.0, (pitch, pitch))
            yield Choice(Lattice.FREE, best.rooms, (pushed,), best.bound)
        if (found is None) != (count == wanted):
            # All have a place; or one more than the last found has none.
            return


def bound_of(region: Region, cell: Cell, wall: float, spacing: tuple[float, float]) -> int:
    """Return more than how many cells are impossible in a region."""
    if cell.is_round:
        return most_cells(region, cell.largest_m[0] / 2 + wall, spacing[0])
    return int(region.area_m2 / (cell.largest_m[0] * cell.largest_m[1]))


def around(region: Region, held: Array, pitch: float, footprint: Footprint, wall: float) -> Region:
    """The region without what held cells take up, so that centres keep a pitch from theirs."""
    if not len(held):
        return region
    if footprint.round:
        reach = pitch - footprint.along_m / 2 - wall - 1e-7
        discs = np.column_stack([held, np.full(len(held), reach)])
        return Region(region.ring, region.holes, discs, region.radius_m)
    boxes = tuple(np.asarray(c) for c in footprint.corners(held, 0.0))
    return Region(region.ring, (*region.holes, *boxes), radius_m=region.radius_m)


def best_places(
    region: Region,
    footprint: Footprint,
    spacing: tuple[float, float],
    wall: float,
    lattice: Lattice,
    anchors: Array,
    enough: int,
) -> list[Places]:
    """Return the places of the best lattice of one kind in a region, and then those of others of its kind,
    turned another way, that hold enough too."""
    if lattice is Lattice.FREE:
        tries: Iterator[Places] = (
            free_places(region, footprint, spacing[0], wall, k * 2 * np.pi / FREE_DIRECTIONS)
            for k in range(FREE_DIRECTIONS)
        )
    else:
        tries = search_lattices(region, footprint, spacing, wall, (lattice.value,), anchors)
    # Lattices come in order of plainness, along the sides of the space first: one that holds enough is not
    # left for one that holds more.
    held = list(tries)
    best = max(held, key=lambda places: min(len(places), enough))
    if len(anchors) or lattice is Lattice.FREE:
        return [best]
    others = [p for p in held if p is not best and len(p) >= enough][:OTHER_WAYS]
    return [centred(region, footprint, places) for places in (best, *others)]


def compact(choice: Choice, design: Design) -> Choice:
    """Return the choice with no more places in a block than twice what is wanted, those nearest to one
    corner.

    In a space far larger than the pack most places are of no use, and sorting cells into them all takes long.
    """
    most = max(2 * design.cell_count, design.cell_count + 40)
    kept = []
    for places in choice.places:
        points = places.points_m
        if len(points) > most:
            corner = np.array(design.arrangement.minus_at_m or points.min(axis=0))
            points = points[np.sort(np.argsort(np.hypot(*(points - corner).T), kind="stable")[:most])]
        kept.append(Places(points, places.lattice, places.angle_rad, places.spacing_m))
    return Choice(choice.lattice, choice.rooms, tuple(kept), choice.bound)


def shares_of(total: int, room: Sequence[int]) -> list[int] | None:
    """Divide `total` groups over blocks in proportion to what they hold; None if they hold too few."""
    if sum(room) < total:
        return None
    shares = [min(r, total * r // sum(room)) for r in room]
    while sum(shares) < total:
        most = max(range(len(room)), key=lambda b: (room[b] - shares[b], -b))
        shares[most] += 1
    return shares


def box_round(points: Array, pitch: float) -> Array:
    """Return the corners of a box round points, a pitch away."""
    (x0, y0), (x1, y1) = points.min(axis=0) - pitch, points.max(axis=0) + pitch
    return np.array([[x0, y0], [x1, y0], [x1, y1], [x0, y1]])


def nearest_place(
    arrangement: Arrangement, x_m: float, y_m: float, within_m: float
) -> tuple[float, float, int] | None:
    """Return the free place (x, y, block) nearest to a point, if one is within reach, m."""
    found = min(arrangement.spare_m, key=lambda s: hypot(s[0] - x_m, s[1] - y_m), default=None)
    return found if found is not None and hypot(found[0] - x_m, found[1] - y_m) <= within_m else None
