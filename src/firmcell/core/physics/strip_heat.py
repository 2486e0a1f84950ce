"""How much current a strip carries before it is hotter than the cell it is welded to may be."""

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.model.parts import Strip
from firmcell.core.physics.convection import plate_loss
from firmcell.core.physics.root_finding import bisect
from firmcell.core.physics.wire_heat import CELSIUS_20, resistance_at
from firmcell.core.physics.wire_in_time import rise_without_loss

SHEET_EMISSIVITY = 0.9
"""The strip radiates through the sheet that lies on it; generic class value for polymer and paper."""

STEPS = 64
"""Of temperature, from the start to the limit."""


def resistance_per_metre(strip: Strip, layers: int, temperature_k: ArrayLike) -> Array:
    """Return the resistance of `layers` strips one on the other, Ω/m, at a temperature in K.

    The layers share the current evenly, as they do when every weld goes through all of them.

    Parameters
    ----------
    strip : Strip
        .
    layers : int
        One on the other.
    temperature_k : array_like
        K.

    Returns
    -------
    resistance : ndarray
        Ω/m.

    References
    ----------
    .. [1] crc

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0,
    ...     heat_capacity_j_kg_k=444.0)
    >>> float(resistance_per_metre(nickel, 1, 293.15).round(5))  # 69.3 nΩ·m over 1.2 mm²
    0.05775
    """
    at_20 = strip.resistivity_ohm_m / (strip.section_m2 * layers)
    return resistance_at(at_20, temperature_k, strip.temperature_coefficient_per_k)


def long_run_limit(strip: Strip, layers: int, limit_k: float, ambient_k: float, down: bool = False) -> float:
    """Return the steady current in A that holds a long strip at `limit_k` in air at `ambient_k`.

    One face gives heat off to still air and surroundings; the face towards the cells counts as
    closed, and what the cells carry off is not counted. Both err to the safe side for short
    links. A limit at or below ambient gives 0.

    Parameters
    ----------
    strip : Strip
        .
    layers : int
        One on the other.
    limit_k, ambient_k : float
        K.
    down : bool
        Whether its free face looks down.

    Returns
    -------
    current : float
        A.

    References
    ----------
    .. [1] churchill-chu-1975a

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0,
    ...     heat_capacity_j_kg_k=444.0)
    >>> long_run_limit(nickel, 1, 303.15, 303.15)
    0.0
    """
    if limit_k <= ambient_k:
        return 0.0
    loss = plate_loss(limit_k, ambient_k, strip.width_m, SHEET_EMISSIVITY, down)
    return float(np.sqrt(loss / resistance_per_metre(strip, layers, limit_k)))


def long_run_temperature(
    strip: Strip, layers: int, current_a: ArrayLike, ambient_k: float, down: bool = False
) -> Array:
    """Return the steady temperature in K of a long strip at `current_a`; 773.15 means it runs away.

    Parameters
    ----------
    strip : Strip
        .
    layers : int
        One on the other.
    current_a : array_like
        A.
    ambient_k : float
        K.
    down : bool
        Whether its free face looks down.

    Returns
    -------
    temperature : ndarray
        K.

    References
    ----------
    .. [1] churchill-chu-1975a

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0,
    ...     heat_capacity_j_kg_k=444.0)
    >>> round(float(long_run_temperature(nickel, 1, 0.0, 303.15)), 1)
    303.1
    """
    ohm = float(resistance_per_metre(strip, layers, CELSIUS_20))
    return settled_temperature(
        np.asarray(current_a, dtype=float),
        ohm,
        strip.temperature_coefficient_per_k,
        strip.width_m,
        ambient_k,
        down,
    )


def settled_temperature(
    current_a: ArrayLike,
    ohm_per_m: ArrayLike,
    coefficient: ArrayLike,
    width_m: ArrayLike,
    ambient_k: float,
    down: ArrayLike = False,
) -> Array:
    """Return the steady temperature of long strips, each of its own metal; 773.15 K means it runs away.

    Parameters
    ----------
    current_a, ohm_per_m, coefficient, width_m : array_like
        A; Ω/m at 20 °C, 1/K of its rise with temperature, m. They broadcast.
    ambient_k : float
        K.
    down : array_like of bool
        Whether the free face looks down.

    Returns
    -------
    temperature : ndarray
        K.

    References
    ----------
    .. [1] churchill-chu-1975a

    Examples
    --------
    >>> cold, melts = settled_temperature([0.0, 1e4], 0.05, 0.006, 0.008, 303.15)
    >>> round(float(cold)), round(float(melts), 2)
    (303, 773.15)
    """
    current = np.asarray(current_a, dtype=float)

    def imbalance(strip_k: Array) -> Array:
        heat = current**2 * resistance_at(ohm_per_m, strip_k, coefficient)
        return plate_loss(strip_k, ambient_k, width_m, SHEET_EMISSIVITY, down) - heat

    return bisect(imbalance, np.full(current.shape, ambient_k), 773.15)


def heat_capacity_per_metre(strip: Strip, layers: int) -> float:
    """Return what `layers` of strip take up for each kelvin.

    Parameters
    ----------
    strip : Strip
    layers : int

    Returns
    -------
    capacity : float
        J/m·K.

    References
    ----------
    .. [1] crc

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import NICKEL
    >>> round(heat_capacity_per_metre(NICKEL, 2), 3)  # 2 × 1.2e-6 m² × 8900 kg/m³ × 444 J/kg·K
    9.484
    """
    return strip.section_m2 * layers * strip.density_kg_m3 * strip.heat_capacity_j_kg_k


def adiabatic_rise(
    strip: Strip, layers: int, current_a: ArrayLike, seconds: float, start_k: ArrayLike
) -> Array:
    """Return the rise in K of the strip in `seconds` at `current_a` from `start_k` if it loses no heat: an
    upper bound.

    Parameters
    ----------
    strip : Strip
        .
    layers : int
        One on the other.
    current_a : array_like, shape (n,)
        A.
    seconds : float
        s.
    start_k : array_like, shape (n,)
        K.

    Returns
    -------
    rise : ndarray, shape (n,)
        K.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0,
    ...     heat_capacity_j_kg_k=444.0)
    >>> # 1.218 K/s at first: (e^(0.006·1.218) − 1)/0.006
    >>> round(float(adiabatic_rise(nickel, 1, 10.0, 1.0, 293.15)), 3)
    1.222
    """
    heat = np.square(current_a) * resistance_per_metre(strip, layers, start_k)
    first = heat / heat_capacity_per_metre(strip, layers)
    return rise_without_loss(first, seconds, start_k, strip.temperature_coefficient_per_k)


def seconds_to_reach(
    strip: Strip,
    layers: int,
    current_a: ArrayLike,
    start_k: float,
    limit_k: float,
    ambient_k: float,
    down: bool = False,
) -> Array:
    """Return how long in s a long strip takes from `start_k` to `limit_k`; inf where it never gets there.

    t = ∫ C dT / (I² R(T) − loss(T)), by midpoints: the integrand is convex, so the sum errs to the short,
    safe side. The loss is that of `long_run_limit`, from one face.

    Parameters
    ----------
    strip : Strip
        .
    layers : int
        One on the other.
    current_a : array_like, shape (n,)
        A.
    start_k, limit_k, ambient_k : float
        K.
    down : bool
        Whether its free face looks down.

    Returns
    -------
    time : ndarray, shape (n,)
        s.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0,
    ...     heat_capacity_j_kg_k=444.0)
    >>> float(seconds_to_reach(nickel, 1, 1.0, 293.15, 393.15, 293.15))
    inf
    """
    current = np.asarray(current_a, dtype=float)[..., None]
    if start_k >= limit_k:
        return np.zeros(current.shape[:-1])
    step = (limit_k - start_k) / STEPS
    # The limit itself stands last: heat less loss is concave in temperature, and the start is a steady state
    # of less.
    kelvin = np.append(start_k + step * (np.arange(STEPS) + 0.5), limit_k)
    gain = current**2 * resistance_per_metre(strip, layers, kelvin)
    net = gain - plate_loss(kelvin, ambient_k, strip.width_m, SHEET_EMISSIVITY, down)
    gets_there = (net > 0).all(axis=-1)
    terms = heat_capacity_per_metre(strip, layers) * step / np.where(net > 0, net, 1.0)[..., :-1]
    return np.where(gets_there, terms.sum(axis=-1), np.inf)
