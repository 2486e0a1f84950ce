"""A short bare copper wire held at both ends: what it carries, and what melts it for certain.

A wire of a few millimetres gives its heat to its ends, not to the air: it melts at several times the current
that formulas for long wires in free air give.
"""

from math import acos, cos, log, pi, sqrt

import numpy as np

from firmcell.core.physics.wire_heat import COPPER_COEFFICIENT, COPPER_DENSITY, COPPER_HEAT_CAPACITY

COPPER_RESISTIVITY = 1.7241e-8
"""Annealed copper at 20 °C, Ω·m (IEC 60028)."""
COPPER_MELTS_K = 1357.8
"""CRC Handbook, value from memory."""
CONDUCTS_MOST, CONDUCTS_LEAST = 400.0, 380.0
"""Heat conductivity of copper, W/m·K: at room temperature, and at 200 °C (Incropera, values from memory)."""
LOSES_MOST = 400.0
"""Most that a thin hot wire gives to air and by radiation, W/m²·K: nearly twice what the formula of Preece
comes to at the melting point (218, whatever the diameter), since thin wires lose more; engineering
judgement."""
LONGEST_M = 1.0
"""As long as this a wire of less than a millimetre no longer feels its ends."""


def resistance(diameter_m: float, length_m: float, temperature_k: float = 293.15) -> float:
    """Return the resistance of a copper wire.

    Parameters
    ----------
    diameter_m, length_m : float
        m.
    temperature_k : float
        K.

    Returns
    -------
    resistance : float
        Ω.

    References
    ----------
    .. [1] iec-60028

    Examples
    --------
    >>> round(resistance((4e-6 / pi) ** 0.5, 1.0), 7)  # one metre of 1 mm²
    0.017241
    """
    hot = 1 + COPPER_COEFFICIENT * (temperature_k - 293.15)
    return COPPER_RESISTIVITY * hot * length_m / (pi / 4 * diameter_m**2)


def carries(diameter_m: float, length_m: float, ends_k: float, rise_k: float) -> float:
    """Return the current at which the middle of a wire settles `rise_k` above its two ends.

    Nothing is given off on the way, so that the true rise is less.

    Parameters
    ----------
    diameter_m, length_m : float
        m; the length that is free.
    ends_k : float
        Temperature of both ends, K.
    rise_k : float
        K.

    Returns
    -------
    current : float
        A.

    Notes
    -----
    k θ'' = −J² ρ (1 + a θ), θ = 0 at both ends: the middle is at θ = (1/cos(b L/2) − 1)/a with
    b² = J² ρ a / k, a the coefficient against the resistivity ρ at the ends.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from math import isclose
    >>> current = carries(0.0005, 0.01, 293.15, 0.1)  # of small rises J² ρ L² / 8 k
    >>> density = current / (pi / 4 * 0.0005**2)
    >>> isclose(density**2 * COPPER_RESISTIVITY * 0.01**2 / (8 * CONDUCTS_LEAST), 0.1, rel_tol=1e-3)
    True
    """
    hot = 1 + COPPER_COEFFICIENT * (ends_k - 293.15)
    here = COPPER_COEFFICIENT / hot
    angle = acos(1 / (1 + here * rise_k))
    density = 2 * angle / length_m * sqrt(CONDUCTS_LEAST / (COPPER_RESISTIVITY * hot * here))
    return density * pi / 4 * diameter_m**2


def melts_for_certain(diameter_m: float, length_m: float, ends_k: float) -> float:
    """Return the current that melts a wire, if it lasts, even with both ends held cool.

    Parameters
    ----------
    diameter_m, length_m : float
        m; the length that is free.
    ends_k : float
        Temperature that both ends are held at, K.

    Returns
    -------
    current : float
        A; no lower current is certain to open it.

    Notes
    -----
    Steady heat in a thin wire, k T'' = h (4/d)(T − T0) − J² ρ(T). Multiplied by T' it is integrated once in
    closed form; half the length follows as the integral of dT/T' from the ends to a middle that has just
    come to melt.
    Conductivity and loss are taken high.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> long, short = melts_for_certain(0.0003, 1.0, 293.15), melts_for_certain(0.0003, 0.008, 293.15)
    >>> bool(short > 3 * long)
    True
    """
    from scipy.optimize import brentq

    area, top, a = pi / 4 * diameter_m**2, COPPER_MELTS_K, COPPER_COEFFICIENT
    over = top - ends_k
    hot = COPPER_RESISTIVITY * (1 + a * (top - 293.15))
    # A long wire: what its hottest place makes, it must lose there.
    least = sqrt(4 * LOSES_MOST / diameter_m * over / hot) * area
    s = (np.arange(4000) + 0.5) / 4000
    t = top - over * s**2

    def half(current: float) -> float:
        density = current / area
        made = density**2 * COPPER_RESISTIVITY * ((top - t) * (1 + a * ((top + t) / 2 - 293.15)))
        lost = 2 * LOSES_MOST / diameter_m * (over**2 - (t - ends_k) ** 2)
        slope = np.sqrt(2 * (made - lost) / CONDUCTS_MOST)
        return float((2 * over * s / slope).mean())

    if half(least * 1.0001) < length_m / 2:
        return least
    most = least * 1.0001
    while half(most) > length_m / 2:
        most *= 2
    return float(brentq(lambda i: half(i) - length_m / 2, least * 1.0001, most, rtol=1e-6))


def melts_no_sooner(diameter_m: float, current_a: float, start_k: float) -> float:
    """Return the time before which a wire cannot have come to its melting point, s: all heat stays in it.

    Parameters
    ----------
    diameter_m : float
        m.
    current_a : float
        A.
    start_k : float
        K.

    Returns
    -------
    time : float
        s.

    References
    ----------
    .. [1] onderdonk

    Examples
    --------
    >>> from firmcell.core.physics.wire_in_time import onderdonk_fusing
    >>> second = onderdonk_fusing(pi / 4 * 0.0005**2, 1.0)
    >>> bool(0.9 < melts_no_sooner(0.0005, second, 298.15) < 1.1)
    True
    """
    a = COPPER_COEFFICIENT
    grows = (1 + a * (COPPER_MELTS_K - 293.15)) / (1 + a * (start_k - 293.15))
    area = pi / 4 * diameter_m**2
    return (
        area**2 * COPPER_DENSITY * COPPER_HEAT_CAPACITY * log(grows) / (current_a**2 * COPPER_RESISTIVITY * a)
    )


def middle_rise(diameter_m: float, length_m: float, ends_k: float, current_a: float) -> float:
    """Return how much hotter than its ends the middle of a wire settles, K; it errs high, see `carries`.

    Parameters
    ----------
    diameter_m, length_m : float
        m; the length that is free.
    ends_k : float
        K.
    current_a : float
        A.

    Returns
    -------
    rise : float
        K; infinite where it does not settle.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> round(middle_rise(0.0004, 0.008, 333.15, carries(0.0004, 0.008, 333.15, 40.0)), 6)
    40.0
    """
    hot = 1 + COPPER_COEFFICIENT * (ends_k - 293.15)
    here = COPPER_COEFFICIENT / hot
    density = current_a / (pi / 4 * diameter_m**2)
    angle = density * sqrt(COPPER_RESISTIVITY * hot * here / CONDUCTS_LEAST) * length_m / 2
    return float("inf") if angle >= pi / 2 else (1 / cos(angle) - 1) / here


def preece(diameter_m: float) -> float:
    """Return the current that melts a long bare copper wire in free air.

    Preece: I = 80 d^1.5, d in mm (value from memory). It holds for wires away from anything that cools them.

    Parameters
    ----------
    diameter_m : float
        m.

    Returns
    -------
    current : float
        A.

    References
    ----------
    .. [1] preece

    Examples
    --------
    >>> preece(0.001)
    80.0
    """
    return float(80.0 * (diameter_m * 1e3) ** 1.5)
