"""Thermistors: resistance and temperature by the B equation, and what a reading says."""

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design

T25_K = 298.15


def ntc_resistance(kelvin: ArrayLike, ohm_25: float = 10_000.0, b_k: float = 3435.0) -> Array:
    """Return the resistance in Ω at a temperature in K: R25 exp(B (1/T − 1/298.15)), the B equation.

    Parameters
    ----------
    kelvin : array_like
        K.
    ohm_25 : float
        At 25 °C, Ω.
    b_k : float
        B, K.

    Returns
    -------
    resistance : ndarray
        Ω.

    References
    ----------
    .. [1] steinhart-b

    Examples
    --------
    >>> float(ntc_resistance(298.15))
    10000.0
    >>> round(float(ntc_resistance(323.15)), -1)  # exp(3435 × −2.5948e-4) = 0.4101
    4100.0
    """
    return np.asarray(ohm_25 * np.exp(b_k * (1 / np.asarray(kelvin, dtype=float) - 1 / T25_K)))


def ntc_temperature(ohm: ArrayLike, ohm_25: float = 10_000.0, b_k: float = 3435.0) -> Array:
    """Return the temperature in K of a resistance in Ω; the B equation turned round.

    Parameters
    ----------
    ohm : array_like
        Ω.
    ohm_25 : float
        At 25 °C, Ω.
    b_k : float
        B, K.

    Returns
    -------
    temperature : ndarray
        K.

    References
    ----------
    .. [1] steinhart-b

    Examples
    --------
    >>> round(float(ntc_temperature(4101.2)) - 273.15, 1)
    50.0
    """
    return np.asarray(1 / (1 / T25_K + np.log(np.asarray(ohm, dtype=float) / ohm_25) / b_k))


COLDEST_K, WARMEST_K = 233.15, 398.15
"""Outside these a reading is no temperature of a pack but a fault of the sensor or its leads."""


def sensor_words(ohm: float, ohm_25: float, b_k: float) -> str:
    """Return what a reading of a sensor with this curve says, in words: a temperature, or what is wrong with
    it.

    Raises
    ------
    Refusal
        If it is no resistance.
    """
    if not 0 <= ohm < 1e9:
        raise Refusal("A sensor reads between nothing and some megohms.")
    if ohm < float(ntc_resistance(WARMEST_K, ohm_25, b_k)):
        return "its leads touch, or it is another class of sensor"
    if ohm > float(ntc_resistance(COLDEST_K, ohm_25, b_k)):
        return "it is open, unplugged, or another class of sensor"
    return f"{float(ntc_temperature(ohm, ohm_25, b_k)) - ZERO_CELSIUS:.1f} °C"


def thermistor_readings(design: Design) -> tuple[tuple[float, float], ...]:
    """Return what to check the board's sensors by: ice, a cool and a warm room, body heat, the cell's limit.

    Parameters
    ----------
    design : Design

    Returns
    -------
    readings : tuple of (temperature, resistance)
        K, Ω; empty without a board.

    References
    ----------
    .. [1] steinhart-b

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> pack = Of(bms=Of(board=Of(ntc_ohm=10_000.0, ntc_b_k=3435.0)), cell=Of(temperature_max_k=333.15))
    >>> # By definition at 25 °C.
    >>> [round(ohm) for kelvin, ohm in thermistor_readings(pack) if kelvin == 298.15]
    [10000]
    """
    board = design.bms.board
    if board is None:
        return ()
    kelvin = (273.15, 288.15, 298.15, 313.15, design.cell.temperature_max_k)
    return tuple((k, float(ntc_resistance(k, board.ntc_ohm, board.ntc_b_k))) for k in kelvin)
