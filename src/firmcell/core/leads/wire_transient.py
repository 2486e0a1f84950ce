"""A wire through time: conductor and insulation as they warm, with resistance that rises.

The insulation is three shells; heat must pass through the inner ones before the outer ones store it, so in a
short the copper is alone at first. Loss from the surface is the steady heat balance of the wire as it is
laid.
"""

import itertools
from collections.abc import Callable, Sequence
from functools import cached_property, lru_cache
from typing import TypeVar

import numpy as np
from numpy.typing import ArrayLike, NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.leads.wire_rating import INSULATION_HEAT_CAPACITY, heat_given_off
from firmcell.core.model.duty import NEVER_S
from firmcell.core.model.parts import Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import (
    CELSIUS_20,
    COPPER_COEFFICIENT,
    COPPER_DENSITY,
    COPPER_HEAT_CAPACITY,
    INSULATION_CONDUCTIVITY,
    conductor_diameter,
)

SHELLS = 3
HOTTEST_K = 1300.0
"""Copper is about to melt; nothing is reckoned beyond, K."""
TABLE_TO_K, TABLE_POINTS = 900.0, 61
GROWTH = 1.3
"""Each step of a run is so many times the last; checked against steps a hundred times finer."""
CREEPS_K = 0.2


class Wires:
    """Wires as they are laid, ready to be run through time; arrays are (wires,) or (wires, nodes)."""

    def __init__(self, wires: Sequence[Wire], ambient_k: float, laying: WireLaying, together: int) -> None:
        area = np.array([w.area_m2 for w in wires])
        outer = np.array([w.outer_diameter_m for w in wires]) / 2
        inner = np.minimum(conductor_diameter(area) / 2, outer * 0.98)
        edges = inner[:, None] + (outer - inner)[:, None] * np.arange(SHELLS + 1) / SHELLS
        middle = (edges[:, 1:] + edges[:, :-1]) / 2
        rings = np.pi * np.diff(edges**2, axis=1)
        copper = area * COPPER_DENSITY * COPPER_HEAT_CAPACITY
        self.ambient_k = ambient_k
        self.capacity = np.column_stack([copper, rings * INSULATION_HEAT_CAPACITY])
        between = np.column_stack([inner, middle])
        self.conducts = 2 * np.pi * INSULATION_CONDUCTIVITY / np.log(between[:, 1:] / between[:, :-1])
        self.ohm_20 = np.array([w.resistance_ohm_per_m for w in wires])
        self._tabulate(wires, laying, together)

    def _tabulate(self, wires: Sequence[Wire], laying: WireLaying, together: int) -> None:
        """Loss by temperature of the outermost shell, on an even grid, from the steady heat balance."""
        conductor = np.linspace(self.ambient_k, TABLE_TO_K, TABLE_POINTS)
        loss = heat_given_off(wires, conductor, self.ambient_k, laying, together)
        shell = conductor - loss * (1 / self.conducts).sum(axis=1)[:, None]
        self.grid_k = np.linspace(self.ambient_k, TABLE_TO_K, TABLE_POINTS)
        self.loss_w_m = np.array([np.interp(self.grid_k, s, q) for s, q in zip(shell, loss, strict=True)])
        # Beyond what the table knows the loss goes on as at its end: the temperature errs high.
        self.known = conductor, loss

    def settled(self, current_a: Array) -> Array:
        """Return the steady temperatures (wires, nodes) at a current (wires,), K; what runs away is at the
        table's end."""
        conductor, loss = self.known
        heat = current_a[:, None] ** 2 * self.ohm_20[:, None] * _risen(conductor[None])
        over = loss - heat
        found = np.empty(len(current_a))
        for n, row in enumerate(over):
            stays = np.flatnonzero(row >= 0)
            at = stays[0] if len(stays) else TABLE_POINTS - 1
            if at == 0 or not len(stays):
                found[n] = conductor[at]
                continue
            part = -row[at - 1] / (row[at] - row[at - 1])
            found[n] = conductor[at - 1] + part * (conductor[at] - conductor[at - 1])
        flow = np.array([np.interp(k, conductor, q) for k, q in zip(found, loss, strict=True)])
        drops = np.cumsum(flow[:, None] / self.conducts, axis=1)
        return np.column_stack([found, found[:, None] - drops])

    def stay_below(self, current_a: Array, start_k: float, limit_k: float) -> NDArray[np.bool_]:
        """Return for which currents (n,) one wire stays below a temperature for ever: on the way there as
        much is given off as comes in."""
        conductor, loss = self.known
        way = (conductor >= start_k) & (conductor <= limit_k - CREEPS_K)
        heat = current_a[:, None] ** 2 * self.ohm_20[0] * _risen(conductor[way])
        return np.asarray((loss[0, way] >= heat).any(axis=1))

    def flows(self, limit_k: float) -> Array:
        """Return the conductances between conductor, shells and air (wires, nodes, nodes) with the loss of a
        limit, W/m·K."""
        loss = np.array([np.interp(limit_k, self.known[0], q) for q in self.known[1]])
        shell_rise = limit_k - self.ambient_k - loss * (1 / self.conducts).sum(axis=1)
        found = np.zeros((len(loss), SHELLS + 1, SHELLS + 1))
        for n in range(SHELLS):
            for a, b in ((n, n + 1), (n + 1, n)):
                found[:, a, a] += self.conducts[:, n]
                found[:, a, b] -= self.conducts[:, n]
        found[:, -1, -1] += loss / np.maximum(shell_rise, 1e-9)
        return found

    def step(self, start_k: Array, current_a: Array, seconds: Array) -> Array:
        """Return the temperatures after one step: two half steps against a whole one, implicit, of second
        order."""
        # The whole step and the first half are taken side by side: numpy's calls cost more than what they
        # add.
        both = self._twice._implicit(
            np.concatenate([start_k, start_k]),
            np.concatenate([current_a, current_a]),
            np.concatenate([seconds, seconds / 2]),
        )
        whole, first = both[: len(start_k)], both[len(start_k) :]
        half = self._implicit(first, current_a, seconds / 2)
        return np.minimum(np.maximum(2 * half - whole, self.ambient_k), HOTTEST_K)

    @cached_property
    def alone(self) -> "OneWire":
        """The first of the wires, to be run in plain numbers."""
        return OneWire(self)

    @cached_property
    def _twice(self) -> "Wires":
        """The same wires, and once more."""
        return self._with(lambda values: np.concatenate([values, values]))

    def repeated(self, count: int) -> "Wires":
        """The same wire many times, for many currents."""
        return self._with(lambda values: np.repeat(values, count, axis=0))

    def _with(self, change: Callable[[Array], Array]) -> "Wires":
        many = object.__new__(Wires)
        many.ambient_k, many.grid_k, many.known = self.ambient_k, self.grid_k, self.known
        for name in ("capacity", "conducts", "ohm_20", "loss_w_m"):
            setattr(many, name, change(getattr(self, name)))
        return many

    @cached_property
    def _table(self) -> tuple[float, Array, Array, NDArray[np.intp]]:
        """Spacing of the table, K; the loss in each of its rows drawn back to 0 K, and its slope; the wires'
        own numbers."""
        spread = float(self.grid_k[1] - self.grid_k[0])
        slope = np.diff(self.loss_w_m, axis=1) / spread
        return spread, self.loss_w_m[:, :-1] - slope * self.grid_k[:-1], slope, np.arange(len(slope))

    @cached_property
    def _by_node(self) -> tuple[Array, list[Array], Array]:
        """Capacities (nodes, wires), conductances between nodes [(wires,)], and what each node passes on to
        its neighbours (nodes, wires)."""
        between = list(np.ascontiguousarray(self.conducts.T))
        inner = [a + b for a, b in itertools.pairwise(between)]
        return np.ascontiguousarray(self.capacity.T), between, np.array([between[0], *inner, between[-1]])

    def _implicit(self, start_k: Array, current_a: Array, seconds: Array) -> Array:
        spread, at_zero, slopes, rows = self._table
        capacity, between, carries = self._by_node
        at = _row_of((start_k[:, -1] - self.ambient_k) / spread)
        heat = current_a**2 * self.ohm_20
        stores = capacity / seconds
        right, diagonal = list(stores * start_k.T), list(stores + carries)
        diagonal[0] -= heat * COPPER_COEFFICIENT
        right[0] += heat * (1 - COPPER_COEFFICIENT * CELSIUS_20)
        diagonal[-1] += slopes[rows, at]
        right[-1] -= at_zero[rows, at]
        return np.array(_through_chain(right, diagonal, between)).T

    def loss_slope(self, shell_k: Array) -> Array:
        """How much more each wire gives off for each kelvin of its outermost shell (wires,), W/m·K."""
        spread, _, slopes, rows = self._table
        at = _row_of((shell_k - self.ambient_k) / spread)
        return np.asarray(np.maximum(slopes[rows, at], 1e-9))

    def first_step(self, current_a: Array, rise_k: float) -> Array:
        """A first step in which the copper alone would warm by `rise_k`, s."""
        heat = np.maximum(current_a**2 * self.ohm_20, 1e-12)
        return np.asarray(np.minimum(self.capacity[:, 0] * rise_k / heat, 60.0))


class OneWire:
    """One wire as it is laid: what `Wires` does, in plain numbers, a tenth of what NumPy's calls cost."""

    def __init__(self, laid: Wires) -> None:
        spread, at_zero, slopes, _ = laid._table
        self._ambient_k, self._spread = laid.ambient_k, spread
        self._at_zero, self._slopes = at_zero[0].tolist(), slopes[0].tolist()
        capacity, between, carries = laid._by_node
        self._capacity, self._carries = capacity[:, 0].tolist(), carries[:, 0].tolist()
        self._between = [float(each[0]) for each in between]
        self._ohm_20 = float(laid.ohm_20[0])

    def run(self, kelvin: list[float], current_a: float, seconds: float) -> tuple[list[float], float]:
        """Return the temperatures after a time at one current, and the highest of the conductor in it, K."""
        heat, copper = current_a**2 * self._ohm_20, self._capacity[0]
        longest = 0.25 * copper / max(heat * COPPER_COEFFICIENT, 1e-12)
        step, top = min(2.0 * copper / max(heat, 1e-12), 60.0), kelvin[0]
        while seconds > 1e-9:
            step = min(step, seconds)
            kelvin = self._step(kelvin, heat, step)
            top = max(top, kelvin[0])
            if kelvin[0] >= HOTTEST_K:
                break
            seconds, step = seconds - step, min(step * GROWTH, longest)
        return kelvin, top

    def _step(self, start_k: list[float], heat: float, seconds: float) -> list[float]:
        whole = self._implicit(start_k, heat, seconds)
        half = self._implicit(self._implicit(start_k, heat, seconds / 2), heat, seconds / 2)
        return [min(max(2 * h - w, self._ambient_k), HOTTEST_K) for h, w in zip(half, whole, strict=True)]

    def _implicit(self, start_k: list[float], heat: float, seconds: float) -> list[float]:
        at = min(max(int((start_k[-1] - self._ambient_k) / self._spread), 0), TABLE_POINTS - 2)
        stores = [c / seconds for c in self._capacity]
        right = [c * k for c, k in zip(stores, start_k, strict=True)]
        diagonal = [c + k for c, k in zip(stores, self._carries, strict=True)]
        diagonal[0] -= heat * COPPER_COEFFICIENT
        right[0] += heat * (1 - COPPER_COEFFICIENT * CELSIUS_20)
        diagonal[-1] += self._slopes[at]
        right[-1] -= self._at_zero[at]
        return _through_chain(right, diagonal, self._between)


N = TypeVar("N", float, Array)


def _through_chain(right: list[N], diagonal: list[N], between: list[N]) -> list[N]:
    """Thomas' way through a chain of nodes, each a number or an array over wires: a solver of SciPy's is a
    little faster for many wires, and would be loaded at every start for it."""
    for n, conducts in enumerate(between):
        share = conducts / diagonal[n]
        diagonal[n + 1] -= share * conducts
        right[n + 1] += share * right[n]
    right[-1] /= diagonal[-1]
    for n in range(len(between) - 1, -1, -1):
        right[n] = (right[n] + between[n] * right[n + 1]) / diagonal[n]
    return right


def _row_of(place: Array) -> Array:
    """The row of the table that a place lies in; the first or the last where it lies outside."""
    # Not `clip`, which costs three times as much for a few dozen numbers.
    return np.minimum(np.maximum(place.astype(int), 0), TABLE_POINTS - 2)  # type: ignore[no-any-return]


def _risen(kelvin: Array) -> Array:
    return np.asarray(1 + COPPER_COEFFICIENT * (kelvin - CELSIUS_20))


@lru_cache(maxsize=64)
def laid_wires(wires: tuple[Wire, ...], ambient_k: float, laying: WireLaying, together: int) -> Wires:
    """Return wires as they are laid; those looked at last are remembered."""
    return Wires(wires, ambient_k, laying, together)


def seconds_to(
    wire: Wire,
    current_a: ArrayLike,
    loaded_a: float,
    limits_k: Sequence[float],
    ambient_k: float,
    laying: WireLaying = WireLaying.FREE,
    together: int = 1,
    until_s: ArrayLike = NEVER_S,
) -> Array:
    """Return how long a wire takes to each of some temperatures, from where a steady current holds it.

    Parameters
    ----------
    wire : Wire
    current_a, loaded_a : array_like, shape (n,), and float
        A, and the steady current before it.
    limits_k : sequence of float
        m temperatures of the conductor, K.
    ambient_k, laying, together : float, WireLaying, int
        Air, K; how it lies, and wires in the bundle.
    until_s : array_like, shape () or (n,)
        What takes longer need not be told apart from never, s.

    Returns
    -------
    time : ndarray, shape (m, n)
        s; `NEVER_S` where it is not reached before.

    Notes
    -----
    Between two steps the temperature is taken as straight; the last step counts short, to the safe side.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> time = float(seconds_to(WIRE, [3000.0], 0.0, [393.15], 293.15)[0, 0])
    >>> # The copper alone: C ln(1 + a ΔT)/(a I² R) = 6.90 J/m·K ln(1.393)/(0.00393 × 90 000 W/m), 6.46 ms.
    >>> bool(0.98 * 6.46e-3 < time < 1.02 * 6.46e-3)
    True
    """
    current = np.atleast_1d(np.asarray(current_a, dtype=float))
    one = laid_wires((wire,), ambient_k, laying, together)
    start = one.settled(np.array([loaded_a]))
    limits = np.asarray(limits_k, dtype=float)[:, None]
    found = np.full((len(limits), len(current)), NEVER_S)
    # What settles below the lowest limit would else be followed for days.
    asked = np.flatnonzero(~one.stay_below(current, float(start[0, 0]), float(limits.min())))
    if len(asked):
        many = one.repeated(len(asked))
        begin = np.repeat(start, len(asked), axis=0)
        until = np.broadcast_to(np.asarray(until_s, dtype=float), current.shape)[asked]
        found[:, asked] = _crossings(many, begin, current[asked], limits, until)
    return found


def stands_at_least(
    wire: Wire,
    current_a: ArrayLike,
    loaded_a: float,
    limit_k: float,
    ambient_k: float,
    laying: WireLaying = WireLaying.FREE,
    together: int = 1,
) -> Array:
    """Return a time in which a wire does not reach a temperature for certain: its copper would have to warm
    alone, with nothing given off.

    Parameters
    ----------
    wire : Wire
    current_a, loaded_a : array_like, and float
        A, and the steady current before it.
    limit_k, ambient_k : float
        Temperature of the conductor, and of the air, K.
    laying : WireLaying
    together : int
        Wires in the bundle.

    Returns
    -------
    time : ndarray
        s, in the shape of the current; 0 where it is over the limit before.

    Notes
    -----
    C ln((1 + α ΔT₂)/(1 + α ΔT₁))/(α I² R), ΔT over 20 °C: by `seconds_to` it takes longer.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> sure = stands_at_least(WIRE, 3000.0, 0.0, 393.15, 293.15)  # 6.46 ms as in `seconds_to`, by hand
    >>> bool(abs(float(sure) * 1e3 - 6.46) < 0.02)
    True
    """
    laid = laid_wires((wire,), ambient_k, laying, together)
    start = float(laid.settled(np.array([loaded_a]))[0, 0])
    warmer = float(_risen(np.array(limit_k)) / _risen(np.array(start)))
    heat = np.maximum(np.asarray(current_a, dtype=float), 1e-9) ** 2 * wire.resistance_ohm_per_m
    return np.asarray(laid.capacity[0, 0] * max(np.log(warmer), 0.0) / (COPPER_COEFFICIENT * heat))


def _crossings(wires: Wires, kelvin: Array, current_a: Array, limits_k: Array, until_s: Array) -> Array:
    """When the conductor of each wire (n) passes each limit (m, 1), s (m, n)."""
    found = np.where(kelvin[:, 0] >= limits_k, 0.0, NEVER_S)
    step = wires.first_step(current_a, 1.0)
    time = np.zeros(len(current_a))
    while True:
        after = wires.step(kelvin, current_a, step)
        crossed = (found >= NEVER_S) & (after[:, 0] >= limits_k)
        if crossed.any():
            part = (limits_k - kelvin[:, 0]) / np.maximum(after[:, 0] - kelvin[:, 0], 1e-12)
            found = np.where(crossed, time + np.clip(part, 0, 1) * step, found)
        # A millikelvin a second, also in the short steps of a wire that nearly runs away.
        moved = np.abs(after - kelvin).max(axis=1)
        still = moved < 1e-3 * np.minimum(step, 1.0)
        time, kelvin = time + step, after
        if not ((found >= NEVER_S).any(axis=0) & (time < until_s) & ~still).any():
            return found
        step = next_step(wires, kelvin, current_a, step, moved)


def next_step(
    wires: Wires, kelvin: Array, current_a: Array, step: Array, moved_k: Array | None = None
) -> Array:
    """A longer step, but none in which rising resistance alone would run away with the sum.

    A wire that moved by less than `CREEPS_K` in the last one may take any step in which more is given off
    than the heat of its rising resistance adds: the implicit sum is steady then, and one that has all but
    settled needs few.
    """
    risen = current_a**2 * wires.ohm_20 * COPPER_COEFFICIENT
    if moved_k is not None:
        carried = 1 / ((1 / wires.conducts).sum(axis=1) + 1 / wires.loss_slope(kelvin[:, -1]))
        risen = np.where(moved_k < CREEPS_K, risen - carried, risen)
    return np.asarray(np.minimum(step * GROWTH, 0.25 * wires.capacity[:, 0] / np.maximum(risen, 1e-12)))
