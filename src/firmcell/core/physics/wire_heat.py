"""Copper wire: gauge, resistance, heat balance, drop and what it withstands in a short circuit."""

from collections.abc import Sequence

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.model.parts import Wire
from firmcell.core.physics.convection import cylinder_loss
from firmcell.core.physics.root_finding import bisect

COPPER_COEFFICIENT = 0.00393
"""1/K at 20 °C (IEC 60028, value from memory)."""


COPPER_DENSITY = 8960.0


COPPER_HEAT_CAPACITY = 385.0
"""J/kg·K (CRC Handbook, value from memory)."""


CELSIUS_20 = 293.15


CLASS_2_OHM_PER_KM = {
    0.5: 36.0,
    0.75: 24.5,
    1: 18.1,
    1.5: 12.1,
    2.5: 7.41,
    4: 4.61,
    6: 3.08,
    10: 1.83,
    16: 1.15,
    25: 0.727,
    35: 0.524,
    50: 0.387,
    70: 0.268,
    95: 0.193,
    120: 0.153,
    150: 0.124,
    185: 0.0991,
    240: 0.0754,
    300: 0.0601,
}
"""Largest resistance of solid and stranded plain copper at 20 °C by mm² (IEC 60228 classes 1 and 2, values
from memory)."""


STRANDED_FILL = 0.85
"""Copper in the circle round a stranded conductor; generic class value."""


INSULATION_CONDUCTIVITY = 0.20
"""W/m·K, generic class value for silicone, PVC and XLPE (they lie between 0.17 and 0.3)."""


PAIR_FACTOR = 0.90
"""Of the free-air current, for two leads lying together and for the spread of the calculation against
the published tables (it lands 0 to 14 % above them without this factor). Engineering judgement."""


INSULATION_EMISSIVITY = 0.9
"""Generic class value for polymer surfaces of any colour."""


def awg_diameter(gauge: ArrayLike) -> Array:
    """Return the diameter in m of a solid round wire; gauge 0 is 1/0, −1 is 2/0 and so on.

    ASTM B258: 0.127 mm × 92^((36−n)/39).

    Parameters
    ----------
    gauge : array_like
        1/0 is 0, 2/0 is −1 and so on.

    Returns
    -------
    diameter : ndarray
        m.

    References
    ----------
    .. [1] astm-b258

    Examples
    --------
    >>> [round(float(awg_diameter(n)) * 1e3, 3) for n in (36, -3)]  # by definition 0.0050 in and 0.4600 in
    [0.127, 11.684]
    """
    return np.asarray(0.127e-3 * 92.0 ** ((36.0 - np.asarray(gauge, dtype=float)) / 39.0))


def awg_area(gauge: ArrayLike) -> Array:
    """Return the copper area in m² of an AWG gauge (ASTM B258).

    Parameters
    ----------
    gauge : array_like
        As in `awg_diameter`.

    Returns
    -------
    area : ndarray
        m².

    References
    ----------
    .. [1] astm-b258

    Examples
    --------
    >>> [round(float(awg_area(n)) * 1e6, 3) for n in (10, 14)]
    [5.261, 2.081]
    """
    return np.asarray(np.pi / 4 * awg_diameter(gauge) ** 2)


def resistance_at(resistance_20: ArrayLike, temperature_k: ArrayLike, coefficient: ArrayLike) -> Array:
    """Return resistance at a temperature from its value at 20 °C; linear in temperature, same unit as given.

    Parameters
    ----------
    resistance_20 : array_like
        At 20 °C, any unit.
    temperature_k : array_like
        K.
    coefficient : array_like
        1/K, against 20 °C.

    Returns
    -------
    resistance : ndarray
        In the unit given.

    References
    ----------
    .. [1] iec-60028

    Examples
    --------
    >>> round(float(resistance_at(1.0, 293.15 + 100, 0.00393)), 3)
    1.393
    """
    rise = np.asarray(temperature_k, dtype=float) - CELSIUS_20
    return np.asarray(
        np.asarray(resistance_20, dtype=float) * (1 + np.asarray(coefficient, dtype=float) * rise)
    )


def conductor_diameter(area_m2: ArrayLike) -> Array:
    """Return the diameter in m of the circle round a stranded conductor of copper area `area_m2`.

    Parameters
    ----------
    area_m2 : array_like
        Copper, m².

    Returns
    -------
    diameter : ndarray
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> round(float(conductor_diameter(4e-6) / conductor_diameter(1e-6)), 6)  # with the root of the area
    2.0
    """
    return np.asarray(np.sqrt(4 * np.asarray(area_m2, dtype=float) / (np.pi * STRANDED_FILL)))


def insulation_barrier(area_m2: ArrayLike, outer_diameter_m: ArrayLike) -> Array:
    """Return the thermal resistance of the insulation of one metre of wire, K·m/W (hollow cylinder).

    Parameters
    ----------
    area_m2 : array_like
        Copper, m².
    outer_diameter_m : array_like
        Over the insulation, m.

    Returns
    -------
    barrier : ndarray
        K·m/W.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> inner = conductor_diameter(1e-6)
    >>> round(float(insulation_barrier(1e-6, inner * np.e)) * 2 * np.pi * INSULATION_CONDUCTIVITY, 6)  # ln e
    1.0
    """
    outer = np.asarray(outer_diameter_m, dtype=float)
    inner = np.minimum(conductor_diameter(area_m2), outer)
    return np.asarray(np.log(outer / inner) / (2 * np.pi * INSULATION_CONDUCTIVITY))


def wire_heat_loss(
    conductor_k: ArrayLike, ambient_k: ArrayLike, area_m2: ArrayLike, outer_diameter_m: ArrayLike
) -> Array:
    """Return the heat in W/m that leaves a horizontal insulated wire alone in still air.

    Conductor and ambient in K, copper area in m², outer diameter in m; arrays broadcast.
    Conduction through the insulation in series with convection (Churchill and Chu) and radiation.

    Parameters
    ----------
    conductor_k, ambient_k : array_like
        K.
    area_m2 : array_like
        Copper, m².
    outer_diameter_m : array_like
        m.

    Returns
    -------
    loss : ndarray
        W/m.

    References
    ----------
    .. [1] churchill-chu-1975b
    .. [2] incropera

    Examples
    --------
    >>> abs(float(wire_heat_loss(300.0, 300.0, 2e-6, 0.003))) < 1e-6
    True
    """
    conductor = np.asarray(conductor_k, dtype=float)
    ambient = np.asarray(ambient_k, dtype=float)
    outer = np.asarray(outer_diameter_m, dtype=float)
    barrier = insulation_barrier(area_m2, outer)

    def imbalance(surface: Array) -> Array:
        lost = cylinder_loss(surface, ambient, outer, INSULATION_EMISSIVITY)
        return np.asarray(surface + barrier * lost - conductor)

    surface = bisect(imbalance, ambient, np.maximum(conductor, ambient) + 0 * barrier)
    return cylinder_loss(surface, ambient, outer, INSULATION_EMISSIVITY)


def ampacity(
    resistance_20_ohm_per_m: ArrayLike,
    area_m2: ArrayLike,
    outer_diameter_m: ArrayLike,
    conductor_k: ArrayLike,
    ambient_k: ArrayLike,
) -> Array:
    """Return the steady current in A that holds the conductor at `conductor_k` in still air at `ambient_k`.

    Resistance at 20 °C in Ω/m, area in m², diameter in m, temperatures in K; arrays broadcast.
    A conductor limit at or below ambient gives 0.

    Parameters
    ----------
    resistance_20_ohm_per_m : array_like
        At 20 °C, Ω/m.
    area_m2 : array_like
        Copper, m².
    outer_diameter_m : array_like
        m.
    conductor_k, ambient_k : array_like
        K.

    Returns
    -------
    current : ndarray
        A.

    References
    ----------
    .. [1] nfpa-70
    .. [2] abyc-e11

    Examples
    --------
    >>> held = float(ampacity(3.28e-3, 5.26e-6, 0.0045, 348.15, 303.15))  # 10 AWG; 310.17 at 75 °C says 50 A
    >>> 0.95 < held / 50 < 1.2
    True
    >>> float(ampacity(3.28e-3, 5.26e-6, 0.0045, 303.15, 303.15))
    0.0
    """
    conductor = np.asarray(conductor_k, dtype=float)
    resistance = resistance_at(resistance_20_ohm_per_m, conductor, COPPER_COEFFICIENT)
    loss = np.maximum(wire_heat_loss(conductor, ambient_k, area_m2, outer_diameter_m), 0.0)
    return np.asarray(np.where(conductor > np.asarray(ambient_k), np.sqrt(loss / resistance), 0.0))


def wire_temperatures(wires: Sequence[Wire], current_a: float, ambient_k: float) -> Array:
    """Return for each wire the steady conductor temperature in free air.

    Parameters
    ----------
    wires : sequence of Wire
        n of them.
    current_a, ambient_k : float
        A, K.

    Returns
    -------
    temperature : ndarray, shape (n,)
        K; 773.15 means it runs away.

    Notes
    -----
    I²R(T) against natural convection and radiation of a horizontal cylinder, through the insulation.

    References
    ----------
    .. [1] churchill-chu-1975b

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> cold, warm, hot = (float(wire_temperatures([WIRE], amps, 303.15)[0]) for amps in (0.0, 20.0, 1000.0))
    >>> round(cold, 2), hot  # no current, no rise; at 1000 A it runs away
    (303.15, 773.15)
    >>> from firmcell.core.physics.convection import cylinder_loss
    >>> # Of the outside at the most; the conductor is hotter.
    >>> loss = float(cylinder_loss(warm, 303.15, 3e-3, 0.9))
    >>> heat = 20.0**2 * 0.01 * (1 + 0.00393 * (warm - 293.15))
    >>> bool(heat < loss < 1.2 * heat)
    True
    """
    resistance, area, outer = _columns(wires)
    barrier = insulation_barrier(area, outer)

    def imbalance(surface: Array) -> Array:
        loss = cylinder_loss(surface, ambient_k, outer, INSULATION_EMISSIVITY)
        conductor = surface + barrier * loss
        return loss - current_a**2 * resistance_at(resistance, conductor, COPPER_COEFFICIENT)

    surface = bisect(imbalance, np.full(len(wires), ambient_k), 773.15)
    loss = cylinder_loss(surface, ambient_k, outer, INSULATION_EMISSIVITY)
    return np.asarray(np.minimum(surface + barrier * loss, 773.15))


def _columns(wires: Sequence[Wire]) -> tuple[Array, Array, Array]:
    table = np.array([[w.resistance_ohm_per_m, w.area_m2, w.outer_diameter_m] for w in wires]).reshape(-1, 3)
    return table[:, 0], table[:, 1], table[:, 2]
