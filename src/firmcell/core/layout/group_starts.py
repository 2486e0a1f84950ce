"""First groupings to begin a search from: orders and bands through the places."""

from collections.abc import Iterator
from math import sqrt
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array

if TYPE_CHECKING:
    from firmcell.core.layout.grouping import _Search


class Starts:
    """First groupings to begin a search from: orders and bands through the places."""

    def __init__(self, search: "_Search") -> None:
        self.search = search

    def starts(self) -> Iterator[list[int]]:
        """Snakes through bands of every useful width, along every direction of the lattice, both ways
        round."""
        for order in self._orders():
            taken = [i for i in order if self.search.fixed[i] != 0][
                : self.search.series * self.search.parallel
            ]
            groups = [0] * self.search.n
            for number, place in enumerate(taken):
                groups[place] = number // self.search.parallel + 1
            for candidate in (groups, [self.search.series + 1 - g if g else 0 for g in groups]):
                yield self.fitted(candidate) if self.search.places.fixed else candidate

    def _orders(self) -> Iterator[list[int]]:
        points, pitch = self.search.places.points_m, self.search.places.pitch_m
        six = max((len(v) for v in self.search.near), default=0) > 4
        step = np.pi / 6 if six else np.pi / 4
        for k in range(6 if six else 4):
            angle = self.search.places.angle_rad + k * step
            along = points @ np.array([np.cos(angle), np.sin(angle)])
            across = points @ np.array([-np.sin(angle), np.cos(angle)])
            across = across - across.min()
            width = float(across.max()) + pitch
            rows = max(1, round(width / pitch))
            counts = {
                1,
                2,
                3,
                4,
                rows,
                max(1, rows // 2),
                max(1, round(rows / self.search.parallel)),
                max(1, round(rows / sqrt(self.search.parallel))),
            }
            for bands in sorted(c for c in counts if c <= rows):
                for band in self._bands(along, across, width, bands):
                    forth = np.where(band % 2 == 0, along, -along)
                    # Within a column of the sweep, up and down in turn, so that a cut inside one stays
                    # together.
                    column = np.round((forth - forth.min()) / (pitch * (0.5 if six else 1.0)) + 1e-6)
                    zigzag = np.where(column % 2 == 0, across, -across)
                    yield np.lexsort((zigzag, column, band)).tolist()
                    yield np.lexsort((zigzag, forth.round(9), band)).tolist()

    def _bands(self, along: Array, across: Array, width: float, bands: int) -> Iterator[NDArray[np.intp]]:
        """The band of each place: of even width, of whole groups, of even counts, and of even parts of each
        column."""
        pitch = self.search.places.pitch_m

        def by_edges(edges: Array) -> NDArray[np.intp]:
            return np.searchsorted(edges, across + pitch * 1e-6, side="right")

        yield by_edges(np.arange(1, bands) * width / bands)
        # Bands of whole groups side by side, what is left over last.
        if width > self.search.parallel * pitch > 0:
            yield by_edges(
                np.arange(self.search.parallel, width / pitch, self.search.parallel) * pitch
                - pitch / 2
                + 1e-9
            )
        if bands > 1:
            yield by_edges(np.quantile(across, np.arange(1, bands) / bands))
            # In an outline that narrows, every band runs its whole length, so that bands meet where one
            # turns.
            column = np.round((along - along.min()) / pitch + 1e-6).astype(int)
            order = np.lexsort((across, column))
            size = np.bincount(column)
            rank = np.empty(len(order), dtype=int)
            rank[order] = np.arange(len(order)) - (np.cumsum(size) - size)[column[order]]
            yield rank * bands // size[column]

    def fitted(self, groups: list[int]) -> list[int]:
        """Return `groups` with what is fixed put right and every group brought to its size."""
        groups = [f if f >= 0 else g for f, g in zip(self.search.fixed, groups, strict=True)]
        counts = [0] * (self.search.series + 1)
        for place, group in enumerate(groups):
            if group > self.search.series:
                groups[place] = 0
        for group in groups:
            counts[group] += 1
        for place in range(self.search.n):
            group = groups[place]
            if group and counts[group] > self.search.parallel and self.search.fixed[place] < 0:
                counts[group] -= 1
                groups[place] = 0
        spare = [i for i in range(self.search.n) if groups[i] == 0 and self.search.fixed[i] < 0]
        for group in range(1, self.search.series + 1):
            while counts[group] < self.search.parallel and spare:

                def far(i: int, group: int = group) -> tuple[bool, bool]:
                    around = [groups[j] for j in self.search.near[i]]
                    return (group not in around, group - 1 not in around)

                place = min(spare, key=far)
                spare.remove(place)
                groups[place] = group
                counts[group] += 1
        return groups
