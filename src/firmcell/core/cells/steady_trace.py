"""One cell emptied at a constant current: its voltage and warmth over the charge given, for many currents
at once."""

from dataclasses import replace
from functools import lru_cache

import numpy as np
from numpy.typing import ArrayLike, NDArray

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
    [
        [0.0],
        np.geomspace(0.001, 0.1, 16),
        np.linspace(0.1, 0.85, 26)[1:],
        np.linspace(0.85, 1.12, 28)[1:],
    ]
)
"""Shares of the rated capacity at which the voltage is worked out; past 1 for slow and warm discharges. Close in the
beginning: a cold cell may fall to its end there, before it has warmed itself, and the load is cut off for good."""
AT_IT = np.geomspace(0.01, 40.0, 122)
"""Currents, It, at which a class is discharged; 7 % apart, so that the energy of what lies between is within 0.1 %
of the rated one of being worked out for itself. Slower ones are taken as the first."""
PEAK_STEP_S, LEAST_STEPS, MOST_STEPS = 1.5, 6, 300
"""A peak is followed in steps of so many seconds: in longer ones a cold cell that collapses in a minute would seem to hold."""
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
    cell, rates : the cell, and the currents (n,), It.
    at_peak : state and temperature, K, with `PEAK_LEFT` of the charge left (5, n).
    """

    given: Array
    volts: Array
    kelvin: Array
    heat_j: Array
    cell: Cell
    rates: Array
    at_peak: Array

    def voltage_left(self, left: float) -> Array:
        """Return the voltage under the steady current with so much of the rated charge left (n,), V."""
        return np.array([np.interp(1.0 - left, self.given, row) for row in self.volts])

    def voltage_in_peak(self, times: float, seconds: float) -> Array:
        """Return the voltage at the end of a peak of so many times the current, with `PEAK_LEFT` of the
        charge left (n,), V."""
        *state, kelvin = self.at_peak
        return _peak(behaviour(self.cell), CellState(*state), self.rates * times, seconds, kelvin)


def steady_trace(cell: Cell, rates: ArrayLike, ambient_k: float) -> SteadyTrace:
    """Return discharges at constant currents in air of a temperature, the cell warming itself.

    Parameters
    ----------
    cell : Cell
    rates : array_like, shape (n,)
        Current, It, of each; below the first of `AT_IT` it is taken as that.
    ambient_k : float
        K.

    Returns
    -------
    trace : SteadyTrace

    Notes
    -----
    A cell is discharged once at each of `AT_IT`; between four of them everything is a cubic over the
    logarithm of the current (Lagrange). Beyond the last each is worked out for itself.

    References
    ----------
    .. [1] plett

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> slow, fast = steady_trace(CELL, [0.2, 1.0], 298.15).volts[:, 10]
    >>> bool(slow > fast)
    True
    """
    asked = np.maximum(np.asarray(rates, dtype=float), AT_IT[0])
    if (asked > AT_IT[-1]).any():
        rows = _discharged(cell, asked, ambient_k)
    else:
        weights, first = _between(np.log(asked))
        rows = np.einsum("nj,njk->nk", weights, _table(cell, ambient_k)[first[:, None] + np.arange(4)])
    volts, kelvin, heat_j, at_peak = np.split(rows, np.arange(1, 4) * len(GIVEN), axis=1)
    return SteadyTrace(GIVEN, volts, kelvin, heat_j, cell, asked, at_peak.T)


def _between(logs: Array) -> tuple[Array, NDArray[np.intp]]:
    """Weights of four neighbours (n, 4) in an even grid, and the first of them (n,)."""
    step = np.log(AT_IT[1] / AT_IT[0])
    place = (logs - np.log(AT_IT[0])) / step
    first = np.clip(place.astype(int) - 1, 0, len(AT_IT) - 4)
    x = place - first
    a, b, c, d = x, x - 1, x - 2, x - 3
    return np.stack([-b * c * d / 6, a * c * d / 2, -a * b * d / 2, a * b * c / 6], axis=1), first


@lru_cache(maxsize=80)
def _table(cell: Cell, ambient_k: float) -> Array:
    return _discharged(cell, AT_IT, ambient_k)


def _discharged(cell: Cell, rates: Array, ambient_k: float) -> Array:
    """Discharges, one a row (n, 3 k + 5): voltage, V, temperature, K, and heat until then, J, at each of
    `GIVEN`; then the state and temperature at the peak."""
    own, count = behaviour(cell), len(rates)
    state, kelvin = CellState.rested(np.full(count, own.full)), np.full(count, ambient_k)
    holds = cell.mass_kg * CELL_HEAT_CAPACITY
    sides = np.pi * cell.diameter_m if cell.is_round else 2 * (cell.diameter_m + cell.width_m)
    to_air = TO_AIR_W_M2K * sides * cell.length_m
    made, share = np.zeros(count), lag_share(ambient_k)
    out, at_peak = np.empty((3, len(GIVEN), count)), np.empty((5, count))
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
        out[:, place] = volts, kelvin, made
        if place == peak_at:
            at_peak[:] = state.charge, state.fast_v, state.lag, state.depletion, kelvin
    return np.concatenate([*out, at_peak]).T


def _peak(own: Behaviour, state: CellState, rates: Array, seconds: float, kelvin: Array) -> Array:
    """The voltage at the end of a peak from a state, V."""
    steps = min(max(int(np.ceil(seconds / PEAK_STEP_S)), LEAST_STEPS), MOST_STEPS)
    for _ in range(steps):
        state = advanced(own.model, own.traits, state, rates, kelvin, seconds / steps)
    return terminal_voltage(own.model, own.traits, state, rates, kelvin)


def heat_over_ohmic(cell: Cell, current_a: float, seconds: float) -> float:
    """Return the mean heat of a cell over a run from full over what its d.c. resistance makes.

    Parameters
    ----------
    cell : Cell
    current_a, seconds : float
        Of one cell, A; how long, s.

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
    if rate < AT_IT[0]:
        return 1.0
    trace = steady_trace(cell, [rate], WARM_K)
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
