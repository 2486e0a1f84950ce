"""How the cells sit in the space: the tightest gaps, and what overlaps or sticks out."""

import itertools
from functools import lru_cache

import numpy as np

from firmcell.core.base.quantity import Frozen
from firmcell.core.geometry.packing import Footprint, overlaps
from firmcell.core.geometry.plane import hull, near_pairs
from firmcell.core.layout.cell_places import Layout
from firmcell.core.layout.space import Room, rooms_of, wall_of
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Design


class FitFigures(Frozen):
    """The tightest gaps at the largest cell the tolerance allows.

    Attributes
    ----------
    gap_cells_m : between two cells; below 0 they overlap. None for a single cell, or flat ones.
    gap_wall_m : between a cell and the edge of the space or a blocked place; None without a space.
    wall_needed_m : what that must be: clearance, side sheet and sleeves.
    overlapping : pairs of cell numbers that overlap.
    outside : numbers of cells nearer to the edge than needed.
    hull_sticks_out : whether a sleeve, which spans inner corners, would leave the space.
    """

    gap_cells_m: float | None
    gap_wall_m: float | None
    wall_needed_m: float
    overlapping: tuple[tuple[int, int], ...]
    outside: tuple[int, ...]
    hull_sticks_out: bool

    @property
    def room_m(self) -> float | None:
        """What is left beyond what is needed at the edge, m; below 0 it does not fit."""
        return None if self.gap_wall_m is None else self.gap_wall_m - self.wall_needed_m


def fit_figures(design: Design, layout: Layout) -> FitFigures:
    """Return how the cells of `layout` sit in the space of the brief."""
    along, across = design.cell.largest_m
    free = design.brief.space is not SpaceShape.BOX or bool(design.brief.blocked) or not layout.in_rows
    rooms = rooms_of(design) if free else ()
    sleeved = design.insulation.sleeve is not None or design.insulation.cross_sleeve is not None
    return _fit(layout, Footprint(along, across, design.cell.is_round), rooms, wall_of(design), sleeved)


@lru_cache(maxsize=16)
def _fit(
    layout: Layout, footprint: Footprint, rooms: tuple[Room, ...], wall_m: float, sleeved: bool
) -> FitFigures:
    points = layout.points_m
    angles = np.array([c.angle_rad for c in layout.cells])
    pairs = overlaps(points, footprint, angles)
    gap = None
    near = near_pairs(points, layout.pitch_m * 3)
    if footprint.round and len(near):
        gap = float(np.hypot(*(points[near[:, 0]] - points[near[:, 1]]).T).min()) - footprint.along_m
    wall, outside, sticks_out = None, [], False
    for room in rooms:
        mine = (
            [n for n, c in enumerate(layout.cells) if c.block == room.block]
            if not layout.in_rows
            else (list(range(len(layout.cells))) if room.block == 1 else [])
        )
        if not mine:
            continue
        # On the bench layers lie side by side; in the space they are one above the other.
        there = points[mine] + np.array(layout.origin_m)
        there[:, 1] += np.array([layout.lifted_m(layout.cells[n].layer) for n in mine])
        each_angle = sorted(set(angles[mine].tolist()))
        depth = np.concatenate(
            [footprint.room(room.region, there[angles[mine] == angle], angle) for angle in each_angle]
        )
        order = np.concatenate([np.array(mine)[angles[mine] == angle] for angle in each_angle])
        wall = min(float(depth.min()), wall if wall is not None else np.inf)
        outside += [layout.cells[n].number for n in order[depth < wall_m - 1e-6].tolist()]
        if sleeved and len(there) > 2:
            half = footprint.along_m / 2
            line = hull(there)
            closed = np.vstack([line, line[:1]])
            way = np.vstack([np.linspace(a, b, 9)[:-1] for a, b in itertools.pairwise(closed)])
            sticks_out |= bool(
                room.region.depth(way).min() < half + wall_m - 1e-6 <= depth.min() + half + 1e-6
            )
    return FitFigures.model_construct(
        gap_cells_m=gap,
        gap_wall_m=wall,
        wall_needed_m=wall_m,
        overlapping=tuple((layout.cells[i].number, layout.cells[j].number) for i, j in pairs.tolist()),
        outside=tuple(sorted(outside)),
        hull_sticks_out=sticks_out,
    )
