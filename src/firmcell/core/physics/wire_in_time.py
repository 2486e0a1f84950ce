"""Copper wire in time: what it warms by in a peak, and what it withstands in a short circuit."""

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.model.parts import Wire
from firmcell.core.physics.wire_heat import (
    CELSIUS_20,
    COPPER_COEFFICIENT,
    COPPER_DENSITY,
    COPPER_HEAT_CAPACITY,
    resistance_at,
)

MOLTEN_RISE_K = 1500.0
"""Copper melts at 1358 K, nickel at 1728 K (CRC Handbook, values from memory)."""
WITHSTAND_K = {"pvc": 115.0, "xlpe": 143.0, "silicone": 143.0, "ptfe": 143.0}
"""A·√s/mm² for copper from working to final temperature (IEC 60364-4-43, values from memory);
silicone and PTFE are taken as rubber for 90 °C, which errs to the safe side."""


def rise_without_loss(
    first_k_per_s: ArrayLike, seconds: ArrayLike, start_k: ArrayLike, coefficient: float
) -> Array:
    """Return the rise in K of a conductor that loses no heat, its resistance rising as it warms.

    dT/dt = r (1 + a (T − T0)) has the solution (e^(a r t) − 1)/a. It is an upper bound of the rise, held to
    `MOLTEN_RISE_K`, since copper and nickel have melted by then.

    Parameters
    ----------
    first_k_per_s : array_like, shape (n,)
        Rise in the first moment, K/s, by the resistance at `start_k`.
    seconds : array_like, shape (n,)
        s.
    start_k : array_like, shape (n,)
        K.
    coefficient : float
        Of resistance, 1/K against 20 °C.

    Returns
    -------
    rise : ndarray, shape (n,)
        K.

    References
    ----------
    .. [1] iec-60028

    Examples
    --------
    >>> rise_without_loss([10.0, 1e9, 0.0], 5.0, 293.15, 0.004).round(2).tolist()  # (e^0.2 − 1)/0.004
    [55.35, 1500.0, 0.0]
    """
    here = coefficient / (1 + coefficient * (np.asarray(start_k, dtype=float) - CELSIUS_20))
    straight = np.asarray(first_k_per_s, dtype=float) * np.asarray(seconds, dtype=float)
    # Of no current there is no rise, and nothing to divide by.
    grows = np.maximum(np.minimum(here * straight, 50.0), 1e-12)
    return np.minimum(straight * (np.expm1(grows) / grows), MOLTEN_RISE_K)  # type: ignore[no-any-return]


def adiabatic_rise(wire: Wire, current_a: float, seconds: float, start_k: float) -> float:
    """Return how much the copper alone warms in a while, losing no heat.

    Parameters
    ----------
    wire : Wire
    current_a, seconds : float
        A, s.
    start_k : float
        Temperature at the start, K.

    Returns
    -------
    rise : float
        K.

    Notes
    -----
    Resistance rises with temperature: dT/dt = r (1 + a (T − T0)) gives (e^(a r t) − 1)/a.

    References
    ----------
    .. [1] iec-60364-4-43

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> # 1 W/m into 2e-6 m² × 8960 kg/m³ × 385 J/kg·K: 0.14494 K/s; (e^(0.00393·14.494) − 1)/0.00393
    >>> round(adiabatic_rise(WIRE, 10.0, 100.0, 293.15), 1)
    14.9
    """
    heat = current_a**2 * float(resistance_at(wire.resistance_ohm_per_m, start_k, COPPER_COEFFICIENT))
    first = heat / (wire.area_m2 * COPPER_DENSITY * COPPER_HEAT_CAPACITY)
    return float(rise_without_loss(first, seconds, start_k, COPPER_COEFFICIENT))


def withstand_k(insulation: str) -> float:
    """Return k in A·√s/mm² of an insulation by its first word; an unknown one counts as PVC, the lowest.

    Parameters
    ----------
    insulation : str
        Its class, such as “silicone”.

    Returns
    -------
    k : float
        A·√s/mm².

    References
    ----------
    .. [1] iec-60364-4-43

    Examples
    --------
    >>> withstand_k("PVC 80"), withstand_k("something else")
    (115.0, 115.0)
    """
    return WITHSTAND_K.get((insulation.split() or [""])[0].lower(), WITHSTAND_K["pvc"])


def withstand_seconds(area_m2: float, current_a: float, insulation: str) -> float:
    """Return how long in s a copper wire withstands a short circuit of `current_a`.

    Adiabatic equation I²t = k²S² (IEC 60364-4-43); unknown insulation is taken as PVC, the lowest k.

    Parameters
    ----------
    area_m2 : float
        Copper, m².
    current_a : float
        A.
    insulation : str
        Its class.

    Returns
    -------
    time : float
        s.

    References
    ----------
    .. [1] iec-60364-4-43

    Examples
    --------
    >>> round(withstand_seconds(1e-6, 115.0, "PVC"), 6)  # k S = 115 A for one second
    1.0
    """
    k = withstand_k(insulation)
    return (k * area_m2 * 1e6 / current_a) ** 2


def onderdonk_fusing(area_m2: float, seconds: float, ambient_k: float = 298.15) -> float:
    """Return the current in A that melts a bare copper wire in `seconds`.

    Onderdonk: I = A √(log10(1 + (1083 − Ta)/(234 + Ta)) / (33 t)), A in circular mils, Ta in °C.

    Parameters
    ----------
    area_m2 : float
        Copper, m².
    seconds : float
        s.
    ambient_k : float
        K.

    Returns
    -------
    current : float
        A.

    References
    ----------
    .. [1] onderdonk

    Examples
    --------
    >>> round(onderdonk_fusing(5.261e-6, 1.0), -1)  # 10 382 cmil × √(0.7063 / 33)
    1520.0
    """
    circular_mils = 4 / np.pi * area_m2 / (25.4e-6) ** 2
    celsius = ambient_k - 273.15
    return float(circular_mils * np.sqrt(np.log10(1 + (1083 - celsius) / (234 + celsius)) / (33 * seconds)))
