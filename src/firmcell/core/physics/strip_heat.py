"""How much current a strip carries before it is hotter than the cell it is welded to may be."""

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.model.parts import Strip
from firmcell.core.physics.convection import plate_loss
from firmcell.core.physics.root_finding import bisect
from firmcell.core.physics.wire_heat import resistance_at

SHEET_EMISSIVITY = 0.9
"""The strip radiates through the sheet that lies on it; generic class value for polymer and paper."""


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
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0, heat_capacity_j_kg_k=444.0)
    >>> float(resistance_per_metre(nickel, 1, 293.15).round(5))  # 69.3 nΩ·m over 1.2 mm²
    0.05775
    """
    at_20 = strip.resistivity_ohm_m / (strip.section_m2 * layers)
    return resistance_at(at_20, temperature_k, strip.temperature_coefficient_per_k)


def long_run_limit(strip: Strip, layers: int, limit_k: float, ambient_k: float) -> float:
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
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0, heat_capacity_j_kg_k=444.0)
    >>> long_run_limit(nickel, 1, 303.15, 303.15)
    0.0
    """
    if limit_k <= ambient_k:
        return 0.0
    loss = plate_loss(limit_k, ambient_k, strip.width_m, SHEET_EMISSIVITY)
    return float(np.sqrt(loss / resistance_per_metre(strip, layers, limit_k)))


def long_run_temperature(strip: Strip, layers: int, current_a: ArrayLike, ambient_k: float) -> Array:
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
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0, heat_capacity_j_kg_k=444.0)
    >>> round(float(long_run_temperature(nickel, 1, 0.0, 303.15)), 1)
    303.1
    """
    current = np.asarray(current_a, dtype=float)

    def imbalance(strip_k: Array) -> Array:
        heat = current**2 * resistance_per_metre(strip, layers, strip_k)
        return plate_loss(strip_k, ambient_k, strip.width_m, SHEET_EMISSIVITY) - heat

    return bisect(imbalance, np.full(current.shape, ambient_k), 773.15)


def adiabatic_rise(strip: Strip, layers: int, current_a: float, seconds: float) -> float:
    """Return the rise in K of the strip in `seconds` at `current_a` if it loses no heat, by its resistivity at 20 °C.

    Without loss is on the safe side; the cold resistivity is not: a nickel strip that starts at 80 °C has
    about a third more resistance, and its rise is that much greater.

    Parameters
    ----------
    strip : Strip
        .
    layers : int
        One on the other.
    current_a : float
        A.
    seconds : float
        s.

    Returns
    -------
    rise : float
        K.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0, heat_capacity_j_kg_k=444.0)
    >>> round(adiabatic_rise(nickel, 1, 10.0, 1.0), 3)  # 5.775 W/m over 4.742 J/m·K
    1.218
    """
    section = strip.section_m2 * layers
    heat = current_a**2 * strip.resistivity_ohm_m / section * seconds
    return heat / (section * strip.density_kg_m3 * strip.heat_capacity_j_kg_k)
