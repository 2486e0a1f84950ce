"""A block of cells by finite differences, written from first principles and sharing nothing with the lumps but the
correlations of natural convection: every millimetre of cell, wrap and air in the plane of the faces. Along its axis a
cell is even (it conducts some 25 W/m·K that way: h L / 2 k is about 0.01), so a layer is one node high."""

import numpy as np
import scipy.sparse as sparse
import shapely
from scipy.sparse.linalg import splu
from shapely.geometry import MultiPoint

from firmcell.core.physics.convection import nusselt_horizontal_plate, nusselt_plate, rayleigh

SIGMA = 5.670374419e-8
RADIAL, AIR, WRAP, WRAP_M = 1.0, 0.027, 0.15, 1e-4
BETWEEN_M2K_W = 0.012


class Block:
    """Cells at `points_m` in each of so many layers; heat, W, and capacity, J/K, of each."""

    def __init__(
        self, points_m, diameter_m, length_m, layers=1, cover_m2k_w=0.0, underneath=True, grid_m=1.2e-3
    ):
        self.layers, self.cover, self.underneath = layers, cover_m2k_w, underneath
        self.points, self.radius, self.length, self.step = points_m, diameter_m / 2, length_m, grid_m
        low, high = points_m.min(axis=0) - self.radius, points_m.max(axis=0) + self.radius
        across = np.ceil((high - low) / grid_m).astype(int)
        x, y = (low[k] + (np.arange(across[k]) + 0.5) * grid_m for k in (0, 1))
        self.x, self.y = np.meshgrid(x, y, indexing="ij")
        hull = MultiPoint([tuple(p) for p in points_m]).buffer(self.radius).convex_hull
        self.hull, self.inside = hull, shapely.contains_xy(hull, self.x, self.y)
        self.node = -np.ones(self.x.shape, dtype=int)
        self.node[self.inside] = np.arange(self.inside.sum())
        apart = np.array([np.hypot(self.x - a, self.y - b) for a, b in points_m])
        self.cell_of = apart.argmin(axis=0)[self.inside]
        self.is_cell = (apart.min(axis=0) < self.radius)[self.inside]

    def conductivity(self, x, y):
        apart = np.min([np.hypot(x - a, y - b) for a, b in self.points], axis=0)
        return np.where(apart < self.radius - WRAP_M, RADIAL, np.where(apart < self.radius, WRAP, AIR))

    def links(self):
        """Between neighbouring nodes: the conductivities along the way in series, ten of them."""
        parts = (np.arange(10) + 0.5) / 10 * self.step
        found = []
        for first, second, (dx, dy) in (
            (np.s_[:-1], np.s_[1:], (1, 0)),
            (np.s_[:, :-1], np.s_[:, 1:], (0, 1)),
        ):
            x, y = self.x[first], self.y[first]
            series = 10 / sum(1 / self.conductivity(x + dx * p, y + dy * p) for p in parts)
            a, b = self.node[first], self.node[second]
            both = (a >= 0) & (b >= 0)
            found.append((a[both], b[both], (series * self.length)[both]))
        return (np.concatenate(part) for part in zip(*found, strict=True))

    def surfaces(self, surface_k, air_k):
        """Conductance of each node to the air, the surface at one temperature."""

        def h(length, nusselt):
            ra, pr, conducts = rayleigh(surface_k, air_k, length)
            radiates = 0.9 * SIGMA * (surface_k + air_k) * (surface_k**2 + air_k**2)
            return 1 / (1 / (float(nusselt(ra, pr) * conducts / length) + radiates) + self.cover)

        wide = np.pad(self.inside, 1)
        open_sides = sum(
            self.inside & ~np.roll(wide, shift, axis)[1:-1, 1:-1] for axis in (0, 1) for shift in (-1, 1)
        )[self.inside].astype(float)
        side_m2 = open_sides / open_sides.sum() * self.hull.length * self.length
        spread = self.hull.area / self.hull.length
        n = int(self.inside.sum())
        out = np.tile(side_m2 * h(self.length * self.layers, nusselt_plate), self.layers)
        out[-n:] += self.step**2 * h(spread, lambda ra, pr: nusselt_horizontal_plate(ra, True))
        if self.underneath:
            out[:n] += self.step**2 * h(spread, lambda ra, pr: nusselt_horizontal_plate(ra, False))
        return out

    def solved(self, heat_w, capacity_j_k, seconds, air_k, steps=40):
        """Return the temperature of each cell (layers, n) at the end of a run, and settled, K."""
        a, b, g = self.links()
        n = int(self.inside.sum())
        each = np.bincount(self.cell_of[self.is_cell], minlength=len(self.points))
        weight = np.where(self.is_cell, 1 / np.maximum(each[self.cell_of], 1), 0.0)
        rows = [a + k * n for k in range(self.layers)]
        columns = [b + k * n for k in range(self.layers)]
        values = [g] * self.layers
        own = np.flatnonzero(self.is_cell)
        for k in range(self.layers - 1):
            rows.append(own + k * n)
            columns.append(own + (k + 1) * n)
            values.append(np.full(len(own), self.step**2 / BETWEEN_M2K_W))
        i, j, v = np.concatenate(rows), np.concatenate(columns), np.concatenate(values)
        size = n * self.layers
        flows = sparse.coo_array(
            (np.concatenate([v, v, -v, -v]), (np.concatenate([i, j, i, j]), np.concatenate([i, j, j, i]))),
            shape=(size, size),
        ).tocsc()
        heat, holds = np.tile(weight * heat_w, self.layers), np.tile(weight * capacity_j_k, self.layers)
        holds = holds + np.where(holds > 0, 0.0, 1.2 * 1005 * self.step**2 * self.length)

        def of_cells(rise):
            return air_k + np.array(
                [np.bincount(self.cell_of, part * weight) for part in rise.reshape(self.layers, n)]
            )

        def outer(rise, out):
            mean = float((rise * out).sum() / out.sum())
            return self.surfaces(air_k + max(mean, 1.0), air_k)

        rise, out, dt = np.zeros(size), self.surfaces(air_k + 2.0, air_k), seconds / steps
        for k in range(steps):
            if k % 5 == 0:
                out = outer(rise, out)
                factor = splu((flows + sparse.diags_array(out + holds / dt)).tocsc())
            rise = factor.solve(heat + holds / dt * rise)
        end = of_cells(rise)
        for _ in range(25):
            before, out = rise, outer(rise, out)
            rise = splu((flows + sparse.diags_array(out)).tocsc()).solve(heat)
            if np.abs(rise - before).max() < 0.05:
                break
        return end, of_cells(rise)
