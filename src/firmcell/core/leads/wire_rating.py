"""What a wire carries as it is laid: alone, in pairs, in sleeve, in a bundle; steadily or by turns; and which
gauge to take."""

from collections.abc import Sequence

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.parts import Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.convection import cylinder_loss
from firmcell.core.physics.root_finding import bisect
from firmcell.core.physics.wire_heat import (
    COPPER_COEFFICIENT,
    COPPER_DENSITY,
    COPPER_HEAT_CAPACITY,
    INSULATION_EMISSIVITY,
    PAIR_FACTOR,
    ampacity,
    insulation_barrier,
    resistance_at,
)

SLEEVE_GAP_M, SLEEVE_WALL_M = 0.0005, 0.0005
"""Still air between wire and sleeve, and wall of the sleeve, m; generic class value."""
AIR_CONDUCTIVITY, SLEEVE_CONDUCTIVITY = 0.027, 0.20
"""W/m·K (still air from memory, Incropera; sleeve generic class value)."""
LIES_FREE = 0.5
"""Part of a wire's surface that gives heat off when the other lies on the cells; engineering judgement."""
INSULATION_HEAT_CAPACITY = 1.7e6
"""J/m³·K of silicone, PVC and XLPE; generic class value (they lie between 1.3e6 and 2.1e6)."""


BUNDLED = ((3, 0.7), (6, 0.6), (24, 0.5))
"""Most wires in a bundle, and the factor of each (ABYC E-11, values from memory)."""


NFPA_75: dict[int, float] = {14: 30, 12: 35, 10: 50, 8: 70, 6: 95, 4: 125, 2: 170, 0: 230, -1: 265, -3: 360}
NFPA_90: dict[int, float] = {14: 35, 12: 40, 10: 55, 8: 80, 6: 105, 4: 140, 2: 190, 0: 260, -1: 300, -3: 405}
"""NFPA 70 table 310.17, single copper conductors in free air at 30 °C, 75 and 90 °C columns, A by AWG number
(values from memory; 0 is 1/0)."""
ABYC_105: dict[int, float] = {
    18: 20,
    16: 25,
    14: 35,
    12: 45,
    10: 60,
    8: 80,
    6: 120,
    4: 160,
    2: 210,
    0: 285,
    -1: 330,
    -3: 445,
}
"""ABYC E-11, 105 °C insulation outside engine spaces, A by AWG number (values from memory)."""
CUSTOM: dict[int, float] = {
    24: 3.5,
    22: 7,
    20: 11,
    18: 16,
    16: 22,
    14: 32,
    12: 41,
    10: 55,
    8: 73,
    6: 101,
    4: 135,
    2: 181,
    0: 245,
    -1: 283,
}
"""What the hobby takes for chassis wiring, A by AWG number: a table that goes from hand to hand without its
conditions (from memory; common practice, no source)."""


def rated_current(
    wires: Sequence[Wire], limit_k: float, ambient_k: float, laying: WireLaying, together: int = 1
) -> Array:
    """Return for each wire the steady current that holds its conductor at a limit.

    Parameters
    ----------
    wires : sequence of Wire
        n of them.
    limit_k : float
        K; the insulation's limit if that is lower.
    ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle that all carry this current; only for `WireLaying.BUNDLE`.

    Returns
    -------
    current : ndarray, shape (n,)
        A.

    Raises
    ------
    Refusal
        For a bundle of none.

    Notes
    -----
    In a sleeve a layer of still air and the wall come on top of the insulation. A bundle gives its heat off
    over the circle round it, 1.155·√n wires across, and each wire's share of that must pass its own
    insulation; since the middle of a large bundle is warmer, no more is taken than free air times the factor
    of ABYC E-11. Two in one sleeve are rated as two in free air at most. Inside the pack's insulation the
    wire lies on the cells: half its surface gives heat off, through the sleeve, and `ambient_k` is then what
    it is in there, such as the greatest temperature of the cells.

    References
    ----------
    .. [1] churchill-chu-1975b
    .. [2] nfpa-70

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> float(rated_current([WIRE], 303.15, 303.15, WireLaying.FREE)[0])  # no rise allowed, no current
    0.0
    >>> free, three = (
    ...     float(rated_current([WIRE], 378.15, 303.15, laying, n)[0])
    ...     for laying, n in ((WireLaying.FREE, 1), (WireLaying.BUNDLE, 3))
    ... )
    >>> bool(free > three)
    True
    """
    if together < 1:
        raise Refusal("A bundle has at least one wire.")
    limits = np.minimum(limit_k, [w.insulation_limit_k for w in wires])
    return _current_at(wires, limits, ambient_k, laying, together)


def working_temperatures(
    wires: Sequence[Wire], current_a: ArrayLike, ambient_k: float, laying: WireLaying, together: int = 1
) -> Array:
    """Return for each wire the steady temperature of its conductor, laid as `laying` says.

    Parameters
    ----------
    wires : sequence of Wire
        n of them.
    current_a : array_like
        One for all, or each its own (n,), A.
    ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle.

    Returns
    -------
    temperature : ndarray, shape (n,)
        K; 773.15 means it runs away.

    References
    ----------
    .. [1] churchill-chu-1975b

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> limit = rated_current([WIRE], 378.15, 303.15, WireLaying.SLEEVE)[0]
    >>> round(float(working_temperatures([WIRE], limit, 303.15, WireLaying.SLEEVE)[0]))  # back at the limit
    378
    """
    return np.asarray(
        bisect(
            lambda kelvin: (
                _current_at(wires, kelvin, ambient_k, laying, together) - np.asarray(current_a, dtype=float)
            ),
            np.full(len(wires), ambient_k),
            np.full(len(wires), 773.15),
        )
    )


def _current_at(
    wires: Sequence[Wire], conductor_k: Array, ambient_k: float, laying: WireLaying, together: int
) -> Array:
    """The current that holds each conductor at its temperature in `conductor_k`, whatever its insulation
    stands."""
    resistance, area, outer = (
        np.array([[w.resistance_ohm_per_m, w.area_m2, w.outer_diameter_m] for w in wires]).reshape(-1, 3).T
    )
    free = ampacity(resistance, area, outer, conductor_k, ambient_k)
    if laying in (WireLaying.FREE, WireLaying.PAIR):
        return np.asarray(free * (PAIR_FACTOR if laying is WireLaying.PAIR else 1.0))
    barrier, across, share = insulation_barrier(area, outer), outer, 1.0
    if laying in (WireLaying.SLEEVE, WireLaying.INSULATION):
        inner, outside = outer + 2 * SLEEVE_GAP_M, outer + 2 * (SLEEVE_GAP_M + SLEEVE_WALL_M)
        barrier = barrier + np.log(inner / outer) / (2 * np.pi * AIR_CONDUCTIVITY)
        barrier = barrier + np.log(outside / inner) / (2 * np.pi * SLEEVE_CONDUCTIVITY)
        across, share = outside, LIES_FREE if laying is WireLaying.INSULATION else 1.0
    else:
        across, share = 1.155 * np.sqrt(together) * outer, 1.0 / together

    def imbalance(surface: Array) -> Array:
        lost = cylinder_loss(surface, ambient_k, across, INSULATION_EMISSIVITY) * share
        return np.asarray(surface + barrier * lost - conductor_k)

    surface = bisect(imbalance, np.full(len(wires), ambient_k), np.maximum(conductor_k, ambient_k))
    lost = np.maximum(cylinder_loss(surface, ambient_k, across, INSULATION_EMISSIVITY) * share, 0.0)
    found = np.sqrt(lost / resistance_at(resistance, conductor_k, COPPER_COEFFICIENT))
    if laying is WireLaying.SLEEVE and together > 1:
        found = found * PAIR_FACTOR
    # No way of laying wires together is better than what free air and the factor for so many allow.
    found = np.minimum(found, free * together_factor(together))
    return np.asarray(np.where(conductor_k > ambient_k, found, 0.0))


def together_factor(together: int) -> float:
    """Return by how much wires that all carry current are rated lower for lying together.

    Parameters
    ----------
    together : int
        Wires.

    Returns
    -------
    factor : float
        1; of the rating in free air.

    References
    ----------
    .. [1] abyc-e11

    Examples
    --------
    >>> [together_factor(n) for n in (1, 3, 5, 8, 30)]
    [1.0, 0.7, 0.6, 0.5, 0.4]
    """
    if together <= 2:
        return PAIR_FACTOR if together == 2 else 1.0
    return next((factor for most, factor in BUNDLED if together <= most), 0.4)


def carriers(parallel: int) -> float:
    """Return how many times what one of two leads carries so many leads of each pole carry side by side.

    Parameters
    ----------
    parallel : int
        Leads of each pole.

    Returns
    -------
    times : float
        1; less than their number, since all of both poles lie together.

    References
    ----------
    .. [1] abyc-e11

    Examples
    --------
    >>> carriers(1)
    1.0
    >>> bool(1.0 < carriers(2) < 2.0)
    True
    """
    return parallel * together_factor(2 * parallel) / together_factor(2)


def heat_given_off(
    wires: Sequence[Wire], conductor_k: Array, ambient_k: float, laying: WireLaying, together: int = 1
) -> Array:
    """Return the heat that leaves each wire steadily at each temperature of its conductor.

    Parameters
    ----------
    wires : sequence of Wire
        n of them.
    conductor_k : ndarray, shape (m,)
        K.
    ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle.

    Returns
    -------
    heat : ndarray, shape (n, m)
        W/m.

    References
    ----------
    .. [1] churchill-chu-1975b

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> heat = heat_given_off([WIRE], np.array([303.15, 378.15]), 303.15, WireLaying.FREE)[0]
    >>> amps = float(rated_current([WIRE], 378.15, 303.15, WireLaying.FREE)[0])
    >>> round(float(heat[0]), 9), bool(abs(heat[1] - amps**2 * 0.01 * (1 + 0.00393 * 85)) < 1e-6)
    (0.0, True)
    """
    each = [wire for wire in wires for _ in conductor_k]
    kelvin = np.tile(conductor_k, len(wires))
    current = _current_at(each, kelvin, ambient_k, laying, together)
    ohms = resistance_at([w.resistance_ohm_per_m for w in each], kelvin, COPPER_COEFFICIENT)
    return np.asarray((current**2 * ohms).reshape(len(wires), -1))


def time_constant(
    wire: Wire, limit_k: float, ambient_k: float, laying: WireLaying = WireLaying.FREE, together: int = 1
) -> float:
    """Return the time in which a wire comes within 1/e of its final temperature.

    Parameters
    ----------
    wire : Wire
    limit_k, ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle.

    Returns
    -------
    time : float
        s; 0 where no current is allowed.

    Notes
    -----
    Heat capacity of copper and insulation over the heat given off for each kelvin at the limit.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> from firmcell.core.physics.wire_heat import COPPER_DENSITY, COPPER_HEAT_CAPACITY
    >>> current = float(rated_current([WIRE], 373.15, 303.15, WireLaying.FREE)[0])
    >>> # Given off at 100 °C, 70 K over the air.
    >>> watts_per_kelvin = current**2 * 0.01 * (1 + 0.00393 * 80) / 70
    >>> copper = 2e-6 * COPPER_DENSITY * COPPER_HEAT_CAPACITY
    >>> bool(time_constant(WIRE, 373.15, 303.15) > copper / watts_per_kelvin)  # the insulation comes on top
    True
    """
    limit = min(limit_k, wire.insulation_limit_k)
    current = float(rated_current((wire,), limit, ambient_k, laying, together)[0])
    if current == 0:
        return 0.0
    heat = current**2 * float(resistance_at(wire.resistance_ohm_per_m, limit, COPPER_COEFFICIENT))
    covering = max(np.pi / 4 * wire.outer_diameter_m**2 - wire.area_m2, 0.0)
    capacity = wire.area_m2 * COPPER_DENSITY * COPPER_HEAT_CAPACITY + covering * INSULATION_HEAT_CAPACITY
    return capacity * (limit - ambient_k) / heat


def gauge_number(wire: Wire) -> int | None:
    """Return the AWG number of a wire by its gauge (0 is 1/0), None for a metric one."""
    text = wire.gauge.removesuffix(" AWG")
    if text == wire.gauge:
        return None
    return 1 - int(text[:-2]) if text.endswith("/0") else int(text)


def published_figures(wire: Wire) -> tuple[tuple[str, float], ...]:
    """Return what published tables give for a gauge, named, A."""
    number = gauge_number(wire)
    tables = (
        ("NFPA 70 310.17 75 °C", NFPA_75),
        ("NFPA 70 310.17 90 °C", NFPA_90),
        ("ABYC E-11 105 °C", ABYC_105),
        ("hobby's chassis figure", CUSTOM),
    )
    return tuple(
        (name, float(table[number])) for name, table in tables if number is not None and number in table
    )
