"""Thermistors: resistance and temperature by the B equation and by Steinhart and Hart, and where one belongs."""

import numpy as np
from numpy.typing import ArrayLike, NDArray

Array = NDArray[np.float64]
T25_K = 298.15


def ntc_resistance(kelvin: ArrayLike, ohm_25: float = 10_000.0, b_k: float = 3435.0) -> Array:
    """Return the resistance in Ω at a temperature in K: R25 exp(B (1/T − 1/298.15)), the B equation."""
    return np.asarray(ohm_25 * np.exp(b_k * (1 / np.asarray(kelvin, dtype=float) - 1 / T25_K)))


def ntc_temperature(ohm: ArrayLike, ohm_25: float = 10_000.0, b_k: float = 3435.0) -> Array:
    """Return the temperature in K of a resistance in Ω; the B equation turned round."""
    return np.asarray(1 / (1 / T25_K + np.log(np.asarray(ohm, dtype=float) / ohm_25) / b_k))


def steinhart_hart(ohm: ArrayLike, a: float, b: float, c: float) -> Array:
    """Return the temperature in K: 1/T = a + b ln R + c (ln R)³ (Steinhart and Hart 1968, from memory)."""
    log = np.log(np.asarray(ohm, dtype=float))
    return np.asarray(1 / (a + b * log + c * log**3))


def steinhart_hart_from(points: tuple[tuple[float, float], ...]) -> tuple[float, float, float]:
    """Return a, b, c through three points of (K, Ω)."""
    log = np.log([ohm for _, ohm in points])
    found = np.linalg.solve(np.column_stack([np.ones(3), log, log**3]), [1 / kelvin for kelvin, _ in points])
    return float(found[0]), float(found[1]), float(found[2])
