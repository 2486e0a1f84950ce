"""Heat in strips and cells: a strip as a fin anchored on the cells, the pack as one lump a cell with a path
to air."""

from collections.abc import Callable

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.cell_model import CELL_HEAT_CAPACITY
from firmcell.core.geometry.plane import near_pairs
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.limits import RUNAWAY_K
from firmcell.core.model.parts import Cell, Strip
from firmcell.core.physics.convection import plate_loss
from firmcell.core.physics.resistor_network import linear_solver
from firmcell.core.physics.strip_heat import SHEET_EMISSIVITY, resistance_per_metre
from firmcell.core.strips.heat_envelope import AIR_CONDUCTIVITY, RADIAL_CONDUCTIVITY, Envelope

WRAP_M, WRAP_CONDUCTIVITY = 0.0001, 0.15
"""Thickness (m) and conductivity (W/m·K) of a cell's wrap; generic class value."""
BETWEEN_LAYERS_M2K_W = 0.012
"""Thermal resistance between the ends of two cells that stand one above the other: sheets, metal and the air
between them, m²K/W; engineering judgement."""


def fin_conductance(
    width_m: ArrayLike, surface_k: ArrayLike, ambient_k: float, down: ArrayLike = False
) -> Array:
    """Return the heat a metre of strip loses from one face for each kelvin over the air.

    Parameters
    ----------
    width_m : array_like
        m.
    surface_k : array_like
        K; taken at least 1 K over the air.
    ambient_k : float
        K.
    down : array_like of bool
        Whether the free face looks down.

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
    lost = plate_loss(surface, ambient_k, width_m, SHEET_EMISSIVITY, down)
    return np.asarray(lost / (surface - ambient_k))


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
    strip: Strip,
    layers: int,
    length_m: ArrayLike,
    limit_k: float,
    ambient_k: float,
    ends_k: ArrayLike,
    joints_k: ArrayLike = 0.0,
    down: ArrayLike = False,
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
    joints_k : array_like
        How much hotter than the cells the metal at the joints is, K.
    down : array_like of bool
        Whether the free face looks down.

    Returns
    -------
    current : ndarray
        A.

    Notes
    -----
    It may have `limit_k`, or 5 K more than its cells where those are near it. Metal and loss are taken there.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> from firmcell.core.physics.strip_heat import resistance_per_metre
    >>> limit = float(fin_limit(NICKEL, 1, 0.02, 333.15, 303.15, 303.15))
    >>> ohm = float(resistance_per_metre(NICKEL, 1, 333.15))
    >>> loss, carries = float(fin_conductance(8e-3, 333.15, 303.15)), NICKEL.conductivity_w_m_k * 1.2e-6
    >>> round(float(fin_middle_rise(limit, ohm, 0.02, carries, loss, 0.0)), 6)  # it is the inverse of the fin
    30.0
    """
    allowed_k = np.maximum(limit_k, np.asarray(ends_k, dtype=float) + OWN_RISE_K)
    ohm = resistance_per_metre(strip, layers, allowed_k)
    h = fin_conductance(strip.width_m, allowed_k, ambient_k, down)
    conduction = strip.conductivity_w_m_k * strip.section_m2 * layers
    half = np.sqrt(h / conduction) * np.asarray(length_m, dtype=float) / 2
    fade = 1 / np.cosh(np.minimum(half, 300.0))
    at_joints = np.asarray(ends_k, dtype=float) + np.asarray(joints_k, dtype=float) - ambient_k
    room = (allowed_k - ambient_k) - at_joints * fade
    allowed = h * np.maximum(room, 0.0) / np.maximum(1 - fade, 1e-12)
    return np.asarray(np.sqrt(allowed / ohm))


SIX_ROUND = 0.8
"""On a staggered lattice each of six ways carries so much of what one of four does: the heat crosses a cell at an
angle. Own finite differences over a unit cell of either lattice."""
ACROSS_A_CELL = 0.45
"""Conductance across a cell from one line of contact to the other, in units of its conductivity and length: own
finite differences give 0.3 to 0.6 for gaps of 0 to 2 mm."""


def touching_conductance(radius_m: float, length_m: float, gap_m: float) -> float:
    """Return the heat two parallel cylinders side by side exchange for each kelvin, W/K.

    Through the wraps and the wedge of still air between them, the gap r θ² + δ integrated over an eighth of
    a turn to either side, and across half of either cell. Radiation and glue are left out, which
    keeps the middle of the pack warmer than it is.

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
    steep = np.sqrt(radius_m / narrow)
    wedge = 2 * AIR_CONDUCTIVITY * steep * np.arctan(steep * np.sin(np.pi / 4))
    return float(length_m / (1 / wedge + 1 / (ACROSS_A_CELL * RADIAL_CONDUCTIVITY)))


@frozen(eq=False)
class PackLumps:
    """Each cell a lump with its neighbours and its share of the outside.

    Attributes
    ----------
    capacity_j_k : heat capacity of each cell with its metal (n,), J/K.
    pairs : neighbours, index pairs (k, 2).
    pair_w_k : conductance of each pair (k,), W/K.
    envelope : what is round all of them.
    """

    capacity_j_k: Array
    pairs: NDArray[np.intp]
    pair_w_k: Array
    envelope: Envelope

    @property
    def outside_m2(self) -> Array:
        """Outer surface that belongs to each cell (n,), m²."""
        return self.envelope.outside_m2

    def solver(self, own_w_k: Array) -> Callable[[Array], Array]:
        """Return what solves (exchange between cells + `own_w_k` of each) × rise = heat."""
        n = len(own_w_k)
        (i, j), g, own = self.pairs.T, self.pair_w_k, np.arange(n)
        at = np.concatenate([i, j, i, j, own]), np.concatenate([i, j, j, i, own])
        return linear_solver(n, at, np.concatenate([g, g, -g, -g, own_w_k]))

    def surface_k(self, temperature_k: Array) -> float:
        """Return the mean temperature of the cells weighted by what of the outside is theirs, K."""
        return float(np.average(temperature_k, weights=self.outside_m2))

    def outer_conductance(self, surface_k: float, ambient_k: float) -> Array:
        """Return the conductance of each cell to the air (n,), W/K, the outer cells at a mean temperature."""
        return self.envelope.conductance(min(surface_k, RUNAWAY_K), ambient_k)


def pack_lumps(
    layout: Layout,
    cell: Cell,
    envelope: Envelope,
    strip_pairs: NDArray[np.intp],
    strip_w_k: Array,
    metal_kg: float,
) -> PackLumps:
    """Return the lumps of a pack.

    Parameters
    ----------
    layout, cell : Layout, Cell
    envelope : Envelope
        What is round all cells.
    strip_pairs, strip_w_k : ndarray
        Cells that a strip joins (index pairs) and what it conducts, W/K.
    metal_kg : float
        Strips, spread evenly over the cells (450 J/kg·K, nickel and steel).
    """
    n, length = len(layout.cells), cell.length_m
    if cell.is_round:
        points = layout.points_m
        near = near_pairs(points, layout.pitch_m * 1.25)
        same = [layout.cells[i].block == layout.cells[j].block for i, j in near.tolist()]
        near = near[np.array(same, dtype=bool)] if len(near) else near
        apart = np.hypot(*(points[near[:, 0]] - points[near[:, 1]]).T) - cell.diameter_m
        touch = np.array(
            [touching_conductance(cell.diameter_m / 2, length, max(float(g), 0.0)) for g in apart]
        )
        round_each = np.bincount(near.ravel(), minlength=n)
        touch *= np.where(round_each[near].max(axis=1, initial=0) > 4, SIX_ROUND, 1.0)
        end_m2 = np.pi / 4 * cell.diameter_m**2
    else:
        near = layout.neighbours
        face = cell.width_m * length
        touch = np.full(len(near), face / (2 * WRAP_M / WRAP_CONDUCTIVITY + 0.0005 / AIR_CONDUCTIVITY))
        end_m2 = cell.diameter_m * cell.width_m
    above = _one_above_the_other(layout)
    pairs = np.vstack([near, strip_pairs.reshape(-1, 2), above])
    through = np.full(len(above), end_m2 / BETWEEN_LAYERS_M2K_W)
    conductance = np.concatenate([touch, strip_w_k, through])
    capacity = np.full(n, cell.mass_kg * CELL_HEAT_CAPACITY + metal_kg * 450.0 / max(n, 1))
    return PackLumps(capacity, pairs.astype(np.intp), conductance, envelope)


def _one_above_the_other(layout: Layout) -> NDArray[np.intp]:
    """Index pairs (k, 2) of cells of neighbouring layers that stand one above the other."""
    if layout.layers == 1:
        return np.empty((0, 2), dtype=np.intp)
    layer = np.array([c.layer for c in layout.cells])
    near = near_pairs(layout.stacked_points_m, layout.pitch_m / 2)
    return np.asarray(near[np.abs(layer[near[:, 0]] - layer[near[:, 1]]) == 1])


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
    ...     surface_k = staticmethod(lambda kelvin: float(kelvin.mean()))
    ...     outer_conductance = staticmethod(lambda mean_k, ambient_k: np.array([0.1]))
    ...     solver = staticmethod(lambda diagonal: lambda heat: heat / diagonal)
    >>> steady_temperatures(Lone(), np.array([2.0]), 300.0).tolist()
    [320.0]
    """
    mean = ambient_k + 5.0
    temperatures = np.full(len(heat_w), mean)
    for _ in range(12):
        temperatures = ambient_k + lumps.solver(lumps.outer_conductance(mean, ambient_k))(heat_w)
        new = lumps.surface_k(temperatures)
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
        K, `RUNAWAY_K` at most.

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
    ...     surface_k = staticmethod(lambda kelvin: float(kelvin.mean()))
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
            outer = lumps.outer_conductance(lumps.surface_k(ambient_k + rise), ambient_k)
            solve = lumps.solver(outer + lumps.capacity_j_k / step_s)
        rise = solve(heat + lumps.capacity_j_k / step_s * rise)
        out.append(rise)
    return np.asarray(np.minimum(ambient_k + np.array(out), RUNAWAY_K))
