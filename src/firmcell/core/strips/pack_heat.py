"""Heat in strips and cells: a strip as a fin anchored on the cells, the pack as one lump a cell with a path
to air."""

from collections.abc import Callable

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.geometry.plane import near_pairs
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.limits import RUNAWAY_K
from firmcell.core.model.parts import Cell, Strip
from firmcell.core.physics.convection import plate_loss
from firmcell.core.physics.resistor_network import linear_solver
from firmcell.core.physics.strip_heat import SHEET_EMISSIVITY, resistance_per_metre

CELL_HEAT_CAPACITY = 1000.0
"""J/kg·K of a whole cell; generic class value (published figures lie between 830 and 1100)."""
AIR_CONDUCTIVITY = 0.027
"""W/m·K of still air at 40 °C (Incropera's table, value from memory)."""
WRAP_M, WRAP_CONDUCTIVITY = 0.0001, 0.15
"""Thickness (m) and conductivity (W/m·K) of a cell's wrap; generic class value."""
SHEET_CONDUCTIVITY = 0.15
"""W/m·K of insulation sheet, tape and sleeve; generic class value."""
FOAM_CONDUCTIVITY = 0.04
"""W/m·K; generic class value."""


def fin_conductance(width_m: ArrayLike, surface_k: ArrayLike, ambient_k: float) -> Array:
    """Return the heat a metre of strip loses from one face for each kelvin over the air.

    Parameters
    ----------
    width_m : array_like
        m.
    surface_k : array_like
        K; taken at least 1 K over the air.
    ambient_k : float
        K.

    Returns
    -------
    conductance : ndarray
        W/m·K.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.physics.convection import plate_loss
    >>> lost = float(plate_loss(333.15, 303.15, 8e-3, SHEET_EMISSIVITY))
    >>> bool(abs(float(fin_conductance(8e-3, 333.15, 303.15)) * 30.0 - lost) < 1e-9)
    True
    """
    surface = np.maximum(np.asarray(surface_k, dtype=float), ambient_k + 1.0)
    return np.asarray(plate_loss(surface, ambient_k, width_m, SHEET_EMISSIVITY) / (surface - ambient_k))


def fin_middle_rise(
    current_a: ArrayLike,
    ohm_per_m: ArrayLike,
    length_m: ArrayLike,
    conduction_w_m_per_k: ArrayLike,
    loss_w_m_k: ArrayLike,
    ends_rise_k: ArrayLike,
) -> Array:
    """Return how far over the air the hottest point of a heated fin is whose ends are held, K.

    Parameters
    ----------
    current_a, ohm_per_m : array_like
        Heat made is I²R' a metre.
    length_m : array_like
        Between the two ends.
    conduction_w_m_per_k : array_like
        Conductivity × section, W·m/K.
    loss_w_m_k : array_like
        Heat lost a metre and kelvin, W/m·K.
    ends_rise_k : array_like
        Rise of both ends (mean of the two) over the air, K.

    Returns
    -------
    rise : ndarray
        Of the middle, K.

    Notes
    -----
    κA θ″ − h θ + I²R' = 0 with θ given at x = ±L/2: θ(0) = q/h + (θe − q/h) / cosh(mL/2), m² = h/κA
    (fin with heat generation, solved by hand).

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> rise = fin_middle_rise(10.0, 0.05, 0.02, 1e-4, 1e-6, 0.0)
    >>> round(float(rise), 2)  # hardly any loss: I² R′ L² / 8 k A
    2.5
    """
    heat = np.asarray(current_a, dtype=float) ** 2 * np.asarray(ohm_per_m, dtype=float)
    h = np.asarray(loss_w_m_k, dtype=float)
    half = np.sqrt(h / np.asarray(conduction_w_m_per_k, dtype=float)) * np.asarray(length_m, dtype=float) / 2
    fade = 1 / np.cosh(np.minimum(half, 300.0))
    free = heat / h
    return np.asarray(free * (1 - fade) + np.asarray(ends_rise_k, dtype=float) * fade)


OWN_RISE_K = 5.0
"""A strip between cells that are at their limit already may be this much hotter than they are: then the cells
are at fault and not the strip. Engineering judgement."""


def fin_limit(
    strip: Strip, layers: int, length_m: ArrayLike, limit_k: float, ambient_k: float, ends_k: ArrayLike
) -> Array:
    """Return the current that brings the middle of a short strip between two cells to what it may have.

    Parameters
    ----------
    strip : Strip
    layers : int
    length_m : array_like
        From cell to cell, m.
    limit_k, ambient_k : float
        K.
    ends_k : array_like
        Temperature of the cells at its ends, K.

    Returns
    -------
    current : ndarray
        A.

    Notes
    -----
    It may have `limit_k`, or 5 K more than its ends where those are near the limit already. Metal and loss
    are taken at that temperature.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> from firmcell.core.physics.strip_heat import resistance_per_metre
    >>> limit = float(fin_limit(NICKEL, 1, 0.02, 333.15, 303.15, 303.15))
    >>> ohm = float(resistance_per_metre(NICKEL, 1, 333.15))
    >>> loss = float(fin_conductance(8e-3, 333.15, 303.15))
    >>> carries = NICKEL.conductivity_w_m_k * 1.2e-6
    >>> round(float(fin_middle_rise(limit, ohm, 0.02, carries, loss, 0.0)), 6)  # it is the inverse of the fin
    30.0
    """
    allowed_k = np.maximum(limit_k, np.asarray(ends_k, dtype=float) + OWN_RISE_K)
    ohm = resistance_per_metre(strip, layers, allowed_k)
    h = fin_conductance(strip.width_m, allowed_k, ambient_k)
    conduction = strip.conductivity_w_m_k * strip.section_m2 * layers
    half = np.sqrt(h / conduction) * np.asarray(length_m, dtype=float) / 2
    fade = 1 / np.cosh(np.minimum(half, 300.0))
    room = (allowed_k - ambient_k) - (np.asarray(ends_k, dtype=float) - ambient_k) * fade
    allowed = h * np.maximum(room, 0.0) / np.maximum(1 - fade, 1e-12)
    return np.asarray(np.sqrt(allowed / ohm))


def touching_conductance(radius_m: float, length_m: float, gap_m: float) -> float:
    """Return the heat two parallel cylinders side by side exchange for each kelvin, W/K.

    Through the wraps and the wedge of still air between them: G = π k L √(r/δ) for a narrow gap δ
    (the gap r(θ²) + δ integrated over the near side). Radiation and glue are left out, which keeps
    the middle of the pack warmer than it is.

    Parameters
    ----------
    radius_m, length_m, gap_m : float
        m.

    Returns
    -------
    conductance : float
        W/K.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> one = touching_conductance(0.009, 0.065, 2e-4)
    >>> round(touching_conductance(0.009, 0.130, 2e-4) / one, 6)  # in proportion to the length
    2.0
    """
    narrow = gap_m + 2 * WRAP_M * AIR_CONDUCTIVITY / WRAP_CONDUCTIVITY
    return float(np.pi * AIR_CONDUCTIVITY * length_m * np.sqrt(radius_m / narrow))


@frozen
class Wrapping:
    """What lies between the cells and the air: sheet, tape and sleeve together, and foam, m."""

    sheets_m: float
    foam_m: float


@frozen(eq=False)
class PackLumps:
    """Each cell a lump with its neighbours and its share of the outside.

    Attributes
    ----------
    capacity_j_k : heat capacity of each cell with its metal (n,), J/K.
    pairs : neighbours, index pairs (k, 2).
    pair_w_k : conductance of each pair (k,), W/K.
    outside_m2 : outer surface that belongs to each cell (n,), m².
    barrier_m2k_w : thermal resistance of what covers the cells, m²K/W.
    """

    capacity_j_k: Array
    pairs: NDArray[np.intp]
    pair_w_k: Array
    outside_m2: Array
    barrier_m2k_w: float

    def solver(self, own_w_k: Array) -> Callable[[Array], Array]:
        """Return what solves (exchange between cells + `own_w_k` of each) × rise = heat."""
        n = len(own_w_k)
        (i, j), g, own = self.pairs.T, self.pair_w_k, np.arange(n)
        at = np.concatenate([i, j, i, j, own]), np.concatenate([i, j, j, i, own])
        return linear_solver(n, at, np.concatenate([g, g, -g, -g, own_w_k]))

    def outer_conductance(self, mean_k: float, ambient_k: float) -> Array:
        """Return the conductance of each cell to the air (n,), W/K, with the surface at a mean temperature of
        the pack.

        Convection as from a plate as high as a cell is thick, and radiation; in series with what covers the
        cells.
        """
        surface = max(mean_k, ambient_k + 1.0)
        for _ in range(3):
            h = float(plate_loss(surface, ambient_k, PLATE_M, SHEET_EMISSIVITY)) / (
                PLATE_M * (surface - ambient_k)
            )
            through = 1 / (1 / h + self.barrier_m2k_w)
            surface = ambient_k + max((mean_k - ambient_k) * through / h, 1.0)
        return np.asarray(self.outside_m2 * through)


PLATE_M = 0.08
"""Height of the pack's sides for convection, m: about the length of a common cell; it enters by its quarter
power."""


def pack_lumps(
    layout: Layout,
    cell: Cell,
    wrapping: Wrapping,
    strip_pairs: NDArray[np.intp],
    strip_w_k: Array,
    metal_kg: float,
) -> PackLumps:
    """Return the lumps of a pack.

    Parameters
    ----------
    layout, cell : Layout, Cell
    wrapping : Wrapping
    strip_pairs, strip_w_k : ndarray
        Cells that a strip joins (index pairs) and what it conducts, W/K.
    metal_kg : float
        Strips, spread evenly over the cells (450 J/kg·K, nickel and steel).
    """
    n, length = len(layout.cells), cell.length_m
    points = layout.points_m
    if cell.is_round:
        near = near_pairs(points, layout.pitch_m * 1.25)
        same = np.array(
            [layout.cells[i].block == layout.cells[j].block for i, j in near.tolist()], dtype=bool
        )
        near = near[same] if len(near) else near
        radius = cell.diameter_m / 2
        apart = np.hypot(*(points[near[:, 0]] - points[near[:, 1]]).T) - cell.diameter_m
        touch = np.array([touching_conductance(radius, length, max(float(g), 0.0)) for g in apart])
        # A free cell shows its whole side; each touching neighbour takes a sixth of it on the densest
        # lattice.
        seen = np.zeros(n)
        np.add.at(seen, near.ravel(), 1)
        side = np.pi * cell.diameter_m * length * np.clip(1 - seen / 6, 0, 1)
        ends = 2 * layout.pitch_m**2 * np.ones(n)
    else:
        near = layout.neighbours
        face = cell.width_m * length
        touch = np.full(len(near), face / (2 * WRAP_M / WRAP_CONDUCTIVITY + 0.0005 / AIR_CONDUCTIVITY))
        seen = np.zeros(n)
        np.add.at(seen, near.ravel(), 1)
        side = face * np.clip(2 - seen, 0, 2) + 2 * cell.diameter_m * length
        ends = 2 * cell.diameter_m * cell.width_m * np.ones(n)
    pairs = np.vstack([near, strip_pairs]) if len(strip_pairs) else near
    conductance = np.concatenate([touch, strip_w_k]) if len(strip_pairs) else touch
    covers = wrapping.sheets_m / SHEET_CONDUCTIVITY + wrapping.foam_m / FOAM_CONDUCTIVITY
    capacity = np.full(n, cell.mass_kg * CELL_HEAT_CAPACITY + metal_kg * 450.0 / max(n, 1))
    return PackLumps(capacity, pairs.astype(np.intp), conductance, side + ends, covers)


def steady_temperatures(lumps: PackLumps, heat_w: Array, ambient_k: float) -> Array:
    """Return the temperature each cell settles at under a constant heat.

    Parameters
    ----------
    lumps : PackLumps
        Of n cells.
    heat_w : ndarray, shape (n,)
        W.
    ambient_k : float
        K.

    Returns
    -------
    temperature : ndarray, shape (n,)
        K, `RUNAWAY_K` at most.

    Notes
    -----
    Conductance to the air is found together with the mean temperature it depends on.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> import numpy as np
    >>> class Lone:  # one cell that loses 0.1 W for each kelvin
    ...     outside_m2 = np.ones(1)
    ...     outer_conductance = staticmethod(lambda mean_k, ambient_k: np.array([0.1]))
    ...     solver = staticmethod(lambda diagonal: lambda heat: heat / diagonal)
    >>> steady_temperatures(Lone(), np.array([2.0]), 300.0).tolist()
    [320.0]
    """
    mean = ambient_k + 5.0
    temperatures = np.full(len(heat_w), mean)
    for _ in range(12):
        temperatures = ambient_k + lumps.solver(lumps.outer_conductance(mean, ambient_k))(heat_w)
        new = float(np.average(temperatures, weights=lumps.outside_m2))
        if abs(new - mean) < 0.01:
            break
        mean = new
    return np.asarray(np.minimum(temperatures, RUNAWAY_K))


def run_temperatures(
    lumps: PackLumps, heat_w: Array, ambient_k: float, step_s: float, start_k: Array | None = None
) -> Array:
    """Return the temperature of each cell at each moment.

    Parameters
    ----------
    lumps : PackLumps
        Of n cells.
    heat_w : ndarray, shape (steps, n)
        Heat of each cell during each step, W.
    ambient_k, step_s : float
        K, s.
    start_k : ndarray, shape (n,), optional
        Temperatures to begin with, K; the air's if left out.

    Returns
    -------
    temperature : ndarray, shape (steps + 1, n)
        K.

    Notes
    -----
    Implicit Euler: C (T⁺ − T)/Δt = Q − G T⁺ − Ga (T⁺ − Ta), stable at any step; the conductance to the air
    follows the mean temperature every fourth of the way.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> import numpy as np
    >>> class Lone:  # 50 J/K, 0.1 W/K to the air
    ...     capacity_j_k = np.array([50.0])
    ...     outer_conductance = staticmethod(lambda mean_k, ambient_k: np.array([0.1]))
    ...     solver = staticmethod(lambda diagonal: lambda heat: heat / diagonal)
    >>> run = run_temperatures(Lone(), np.full((500, 1), 2.0), 300.0, 1.0)[:, 0]
    >>> round(float(run[-1]), 1)  # 20 K (1 − 1/e) after one time constant of 500 s
    312.6
    """
    n = len(lumps.capacity_j_k)
    rise = np.zeros(n) if start_k is None else start_k - ambient_k
    out = [rise]
    every = max(len(heat_w) // 4, 1)
    solve = lumps.solver(lumps.capacity_j_k)
    for number, heat in enumerate(heat_w):
        if number % every == 0:
            outer = lumps.outer_conductance(ambient_k + float(rise.mean()), ambient_k)
            solve = lumps.solver(outer + lumps.capacity_j_k / step_s)
        rise = solve(heat + lumps.capacity_j_k / step_s * rise)
        out.append(rise)
    return np.asarray(ambient_k + np.array(out))
