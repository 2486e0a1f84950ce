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
    """
    at_20 = strip.resistivity_ohm_m / (strip.section_m2 * layers)
    return resistance_at(at_20, temperature_k, strip.temperature_coefficient_per_k)


def long_run_limit(strip: Strip, layers: int, limit_k: float, ambient_k: float) -> float:
    """Return the steady current in A that holds a long strip at `limit_k` in air at `ambient_k`.

    One face gives heat off to still air and surroundings; the face towards the cells counts as
    closed, and what the cells carry off is not counted. Both err to the safe side for short
    links. A limit at or below ambient gives 0.
    """
    if limit_k <= ambient_k:
        return 0.0
    loss = plate_loss(limit_k, ambient_k, strip.width_m, SHEET_EMISSIVITY)
    return float(np.sqrt(loss / resistance_per_metre(strip, layers, limit_k)))


def long_run_temperature(strip: Strip, layers: int, current_a: ArrayLike, ambient_k: float) -> Array:
    """Return the steady temperature in K of a long strip at `current_a`; 773.15 means it runs away."""
    current = np.asarray(current_a, dtype=float)

    def imbalance(strip_k: Array) -> Array:
        heat = current**2 * resistance_per_metre(strip, layers, strip_k)
        return plate_loss(strip_k, ambient_k, strip.width_m, SHEET_EMISSIVITY) - heat

    return bisect(imbalance, np.full(current.shape, ambient_k), 773.15)


def adiabatic_rise(strip: Strip, layers: int, current_a: float, seconds: float) -> float:
    """Return the rise in K of the strip in `seconds` at `current_a` if it loses no heat: an upper bound."""
    section = strip.section_m2 * layers
    heat = current_a**2 * strip.resistivity_ohm_m / section * seconds
    return heat / (section * strip.density_kg_m3 * strip.heat_capacity_j_kg_k)
