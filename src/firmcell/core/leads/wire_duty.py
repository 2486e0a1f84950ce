"""Wires in the run that a duty describes: on and off by turns, and peaks that come again."""

from collections.abc import Sequence
from functools import lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.leads.wire_transient import HOTTEST_K, TABLE_TO_K, Wires, laid_wires, next_step
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Wire
from firmcell.core.model.wire_laying import WireLaying

TURNS_MARGIN = 0.985
"""Loss is less while the wire is cooler than at its limit; against the transient the limit is then kept."""
MOST_CYCLES = 15


def turns_factor(
    wires: Sequence[Wire],
    limit_k: float,
    ambient_k: float,
    laying: WireLaying,
    together: int,
    on_s: float,
    off_s: float,
) -> Array:
    """Return how many times its steady current each wire carries if that is on and off by turns for ever.

    Parameters
    ----------
    wires : sequence of Wire
        n of them.
    limit_k : float
        Which the conductor reaches at the end of each turn, K.
    ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle.
    on_s, off_s : float
        By turns, s; steady where either is not above zero.

    Returns
    -------
    factor : ndarray, shape (n,)
        1 or more.

    Notes
    -----
    Conductor and shells with the loss of the limit: of each of their modes (rate λ, part w of the conductor's
    rise) the turns leave (1 − e^−λ on)/(1 − e^−λ(on + off)); heat goes with current squared.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> free = WireLaying.FREE
    >>> quick = turns_factor([WIRE], 378.15, 303.15, free, 1, 0.001, 0.001)  # half the time, quick turns: √2
    >>> round(float(quick[0]) / TURNS_MARGIN, 3)
    1.414
    >>> turns_factor([WIRE], 378.15, 303.15, free, 1, 60.0, 0.0).tolist()
    [1.0]
    """
    if on_s <= 0 or off_s <= 0:
        return np.ones(len(wires))
    laid = laid_wires(tuple(wires), ambient_k, laying, together)
    root = np.sqrt(laid.capacity)
    rates, modes = np.linalg.eigh(laid.flows(limit_k) / root[:, :, None] / root[:, None, :])
    weight = modes[:, 0, :] ** 2 / rates
    left = -np.expm1(-rates * on_s) / -np.expm1(-rates * (on_s + off_s))
    factor = TURNS_MARGIN * np.sqrt(weight.sum(axis=1) / (weight * left).sum(axis=1))
    return np.asarray(np.maximum(factor, 1.0))


def hottest_in_duty(
    wires: tuple[Wire, ...], duty: Duty, ambient_k: float, laying: WireLaying, together: int = 1
) -> Array:
    """Return the highest temperature of each wire's conductor in the run that a duty describes.

    Steady current, then the peak for its seconds; where peaks come again, as often as it takes until they are
    no higher than before.

    Parameters
    ----------
    wires : tuple of Wire
        n of them.
    duty : Duty
    ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle.

    Returns
    -------
    temperature : ndarray, shape (n,)
        K; `HOTTEST_K` where it melts.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.leads.wire_rating import working_temperatures
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> free = WireLaying.FREE
    >>> steady = float(hottest_in_duty((WIRE,), Duty(20.0, 20.0, 10.0), 303.15, free)[0])
    >>> bool(abs(steady - working_temperatures([WIRE], 20.0, 303.15, free)[0]) < 0.5)
    True
    """
    return _hottest(wires, duty, ambient_k, laying, together)


@lru_cache(maxsize=64)
def _hottest(
    wires: tuple[Wire, ...], duty: Duty, ambient_k: float, laying: WireLaying, together: int
) -> Array:
    count = len(wires)
    steady, peak = np.full(count, duty.steady_a), np.full(count, duty.peak_a)
    return hottest_each(wires, steady, peak, duty.peak_s, duty.every_s, ambient_k, laying, together)


def hottest_each(
    wires: tuple[Wire, ...],
    steady_a: Array,
    peak_a: Array,
    peak_s: float,
    every_s: float | None,
    ambient_k: float,
    laying: WireLaying,
    together: int,
) -> Array:
    """Return what `hottest_in_duty` does, each wire at currents of its own.

    Parameters
    ----------
    wires : tuple of Wire
        n of them.
    steady_a, peak_a : ndarray, shape (n,)
        A; a peak below the steady current is none.
    peak_s : float
        s.
    every_s : float or None
        s; None once.
    ambient_k : float
        K.
    laying : WireLaying
    together : int
        Wires in the bundle.

    Returns
    -------
    temperature : ndarray, shape (n,)
        K.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> amps, none, free = np.array([0.0, 20.0]), np.zeros(2), WireLaying.FREE
    >>> cold, warm = hottest_each((WIRE, WIRE), amps, none, 0.0, None, 303.15, free, 1)
    >>> round(float(cold), 2), bool(warm > 320)
    (303.15, True)
    """
    laid = laid_wires(wires, ambient_k, laying, together)
    peak_a = np.maximum(peak_a, steady_a)
    # Those that even the mean current melts would take the most steps to say so.
    part = peak_s / every_s if every_s else 0.0
    stands = laid.settled(np.sqrt(part * peak_a**2 + (1 - part) * steady_a**2))[:, 0] < TABLE_TO_K - 1
    found = np.full(len(wires), HOTTEST_K)
    if stands.any():
        some = tuple(w for w, yes in zip(wires, stands, strict=True) if yes)
        here = laid if stands.all() else laid_wires(some, ambient_k, laying, together)
        found[stands] = _cycled(here, steady_a[stands], peak_a[stands], peak_s, every_s)
    return found


def _cycled(laid: Wires, steady_a: Array, peak_a: Array, peak_s: float, every_s: float | None) -> Array:
    kelvin = laid.settled(steady_a)
    hottest = kelvin[:, 0].copy()
    if peak_s <= 0 or (peak_a <= steady_a).all():
        return hottest
    rest = (every_s or 0.0) - peak_s
    if every_s is not None and rest <= 0:
        return laid.settled(peak_a)[:, 0]
    if every_s is not None:
        # About where it comes to rest: what the mean square of the current holds, after one rest.
        mean = np.sqrt((peak_a**2 * peak_s + steady_a**2 * rest) / every_s)
        kelvin, _ = _run(laid, np.maximum(kelvin, laid.settled(mean)), steady_a, rest)
    for _ in range(MOST_CYCLES):
        before = hottest
        kelvin, hottest = _run(laid, kelvin, peak_a, peak_s)
        # From above or from below: when a peak is as the last one was, all that follow are.
        if every_s is None or (np.abs(hottest - before) < 0.2).all():
            break
        kelvin, _ = _run(laid, kelvin, steady_a, rest)
    return hottest


def _run(laid: Wires, kelvin: Array, current_a: Array, seconds: float) -> tuple[Array, Array]:
    """Temperatures after a time at one current, and the highest of each conductor in it."""
    if len(kelvin) == 1:
        after, highest = laid.alone.run(kelvin[0].tolist(), float(current_a[0]), seconds)
        return np.array([after]), np.array([highest])
    left = np.full(len(kelvin), seconds)
    step = laid.first_step(current_a, 2.0)
    top = kelvin[:, 0]
    while (left > 1e-9).any():
        step = np.minimum(step, left)
        # Wires that are done take a step of nearly nothing.
        kelvin = laid.step(kelvin, current_a, np.maximum(step, 1e-9))
        top = np.maximum(top, kelvin[:, 0])
        left = np.where(kelvin[:, 0] >= HOTTEST_K, 0.0, left - step)
        step = np.where(left > 1e-9, next_step(laid, kelvin, current_a, np.maximum(step, 1e-6)), 0.0)
    return kelvin, top
