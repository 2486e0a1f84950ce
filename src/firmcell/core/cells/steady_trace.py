"""One cell emptied at a constant current: its voltage and warmth over the charge given, for many currents
at once."""

from dataclasses import replace
from functools import lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.cell_model import (
    CELL_HEAT_CAPACITY,
    WARM_K,
    CellState,
    advanced,
    heat_w,
    lag_share,
    terminal_voltage,
)
from firmcell.core.cells.class_models import Behaviour, behaviour
from firmcell.core.model.parts import Cell

TO_AIR_W_M2K = 5.0
"""What a cell in a pack gives off over its own side, W/m²K: more than most do in the middle of one, so that it stays
colder and gives less; engineering judgement."""
GIVEN = np.concatenate(
    [np.linspace(0, 0.85, 18)[[0, 1, 2, 4, 6, 8, 10, 12, 14, 15, 16, 17]], np.linspace(0.85, 1.12, 19)[1:]]
)
"""Shares of the rated capacity at which the voltage is worked out; past 1 for slow and warm discharges."""
LEAST_IT = 0.01
PEAK_STEPS = 3
PEAK_LEFT = 0.30
"""Share of the charge left at which a peak is looked at: it is among the points of `GIVEN`."""


@frozen(eq=False)
class SteadyTrace:
    """Discharges of a new cell from full, one a row.

    Attributes
    ----------
    given : share of the rated capacity (k,).
    volts, kelvin : between the poles, V, and of the cell, K (n, k).
    heat_j : heat made until then (n, k), J.
    peak_v : at the end of a peak with `PEAK_LEFT` of the charge left (n,), V.
    """

    given: Array
    volts: Array
    kelvin: Array
    heat_j: Array
    peak_v: Array

    def voltage_left(self, left: float) -> Array:
        """Return the voltage under the steady current with so much of the rated charge left (n,), V."""
        return np.array([np.interp(1.0 - left, self.given, row) for row in self.volts])


_ROWS: dict[tuple[Cell, float, float], dict[tuple[float, float], tuple[Array, ...]]] = {}
"""Discharges worked out, by cell and peak, then by current and air: an edit asks for few new ones."""
MOST_KINDS, MOST_ROWS = 32, 400


def steady_trace(
    cell: Cell, lanes: tuple[tuple[float, float], ...], peak: float = 1.0, peak_s: float = 0.0
) -> SteadyTrace:
    """Return discharges at constant currents in air of a temperature, the cell warming itself.

    Parameters
    ----------
    cell : Cell
    lanes : tuple of (float, float)
        Current, It, and air, K, of each of n discharges; a current below a hundredth is taken as that.
    peak, peak_s : float
        A peak over the steady current, and how long it lasts, s.

    Returns
    -------
    trace : SteadyTrace

    References
    ----------
    .. [1] plett

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> slow, fast = steady_trace(CELL, ((0.2, 298.15), (1.0, 298.15))).volts[:, 10]
    >>> bool(slow > fast)
    True
    """
    # The same current worked out in two ways differs in its last digits.
    lanes = tuple((round(rate, 9), kelvin) for rate, kelvin in lanes)
    key = cell, round(peak, 9), peak_s
    if key not in _ROWS and len(_ROWS) >= MOST_KINDS:
        _ROWS.clear()
    known = _ROWS.setdefault(key, {})
    missing = tuple(dict.fromkeys(lane for lane in lanes if lane not in known))
    if missing:
        if len(known) + len(missing) > MOST_ROWS:
            known.clear()
            missing = tuple(dict.fromkeys(lanes))
        found = _discharged(cell, missing, peak, peak_s)
        known.update(zip(missing, zip(*found, strict=True), strict=True))
    volts, kelvin, made, peak_v = (np.array(part) for part in zip(*(known[k] for k in lanes), strict=True))
    return SteadyTrace(GIVEN, volts, kelvin, made, peak_v)


def _discharged(
    cell: Cell, lanes: tuple[tuple[float, float], ...], peak: float, peak_s: float
) -> tuple[Array, ...]:
    """Voltage, temperature and heat (n, k) of discharges, and the voltage at a peak (n,)."""
    rates, ambient_k = np.array(lanes).T
    own, rates = behaviour(cell), np.maximum(rates, LEAST_IT)
    state = CellState.rested(np.full(len(rates), own.full))
    kelvin, out = ambient_k, []
    holds = cell.mass_kg * CELL_HEAT_CAPACITY
    sides = np.pi * cell.diameter_m if cell.is_round else 2 * (cell.diameter_m + cell.width_m)
    to_air = TO_AIR_W_M2K * sides * cell.length_m
    made, peak_v, share = np.zeros(len(rates)), np.zeros(len(rates)), lag_share(ambient_k)
    peak_at = int(np.argmax(GIVEN >= 1.0 - PEAK_LEFT - 1e-9))
    for place, step in enumerate(np.diff(GIVEN, prepend=0.0)):
        seconds = step * 3600.0 / rates
        if step:
            state = advanced(own.model, own.traits, state, rates, kelvin, seconds)
        volts = terminal_voltage(own.model, own.traits, state, rates, kelvin)
        heat = heat_w(own.model, own.traits, state, rates, volts, kelvin, share)
        settled, fades = ambient_k + heat / to_air, np.exp(-seconds * to_air / holds)
        kelvin = settled + (kelvin - settled) * fades
        made = made + heat * seconds
        out.append((volts, kelvin, made))
        if place == peak_at:
            peak_v = _peak(own, state, rates * peak, peak_s, kelvin)
    volts, kelvin, made = (np.array(part).T for part in zip(*out, strict=True))
    return volts, kelvin, made, peak_v


def _peak(own: Behaviour, state: CellState, rates: Array, seconds: float, kelvin: Array) -> Array:
    """The voltage at the end of a peak from a state, V."""
    for _ in range(PEAK_STEPS):
        state = advanced(own.model, own.traits, state, rates, kelvin, seconds / PEAK_STEPS)
    return terminal_voltage(own.model, own.traits, state, rates, kelvin)


def heat_over_ohmic(
    cell: Cell, current_a: float, seconds: float, peak: float = 1.0, peak_s: float = 0.0
) -> float:
    """Return the mean heat of a cell over a run from full over what its d.c. resistance makes.

    Parameters
    ----------
    cell : Cell
    current_a, seconds : float
        Of one cell, A; how long, s.
    peak, peak_s : float
        Of the duty; they change nothing, and let a discharge be found that was worked out before.

    Returns
    -------
    ratio : float
        At least 1: what a resistance of milliohms does not tell of, transport and reversible heat, is not let
        lower it.

    References
    ----------
    .. [1] plett

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> bool(heat_over_ohmic(CELL, 5.0, 3000.0) >= 1.0)
    True
    """
    rate = current_a * 3600.0 / cell.capacity_as
    if rate < LEAST_IT:
        return 1.0
    trace = steady_trace(cell, ((rate, WARM_K),), peak, peak_s)
    last = trace.volts[0] >= cell.empty_v
    until = min(rate * seconds / 3600.0, float(trace.given[last].max(initial=GIVEN[1])))
    made = float(np.interp(until, trace.given, trace.heat_j[0]))
    plain = current_a**2 * cell.resistance_ohm * until * 3600.0 / rate
    return max(made / max(plain, 1e-12), 1.0)


@lru_cache(maxsize=128)
def voltage_at_start(
    cell: Cell, current_it: float, seconds: float, kelvin: float, grown: float = 1.0
) -> float:
    """Return the voltage of a full, rested cell at the end of a current that begins at a temperature.

    Parameters
    ----------
    cell : Cell
    current_it, seconds : float
        It, s.
    kelvin : float
        K; the cell does not warm itself in so short a time.
    grown : float
        Resistances over those of a new cell.

    Returns
    -------
    voltage : float
        V.

    References
    ----------
    .. [1] plett

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> warm, cold = (voltage_at_start(CELL, 2.0, 10.0, kelvin) for kelvin in (298.15, 263.15))
    >>> bool(cold < warm)
    True
    """
    own = behaviour(cell)
    traits = replace(own.traits, resistance=np.asarray(own.traits.resistance) * grown, transport=grown)
    rate, state, at = np.array([current_it]), CellState.rested(own.full), np.array([kelvin])
    return float(_peak(replace(own, traits=traits), state, rate, seconds, at)[0])
