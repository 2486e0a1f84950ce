"""Charges a pack: lithium by constant current, then constant voltage, with the board's balancing; nickel by
time, by the fall of its voltage, or by how fast it warms."""

from collections.abc import Callable

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.run.engine import LONGEST_S, Asked, Moment, Play, Run, not_begun, played
from firmcell.core.run.pack_in_time import PackInTime
from firmcell.core.run.run_result import EndedBy, RunResult

TAPER_IT = 0.05
"""A charge is over when the current at constant voltage has fallen to a twentieth of It (common practice, no
source)."""
BALANCES_FROM_V = 0.03
"""A board bleeds a group from so far under the full voltage of a cell on, V; generic class value."""

EVEN_V = 0.005
"""Groups that stand no more than this over the lowest are left alone, V; generic class value."""


@frozen
class Charger:
    """A charger by its voltage and current, and what the board bleeds from a full group.

    Attributes
    ----------
    voltage_v, current_a : full voltage of the pack, and greatest current.
    outside_ohm : between the pack's poles and the charger, Ω.
    balance_a : what the board takes from a group that is nearly full, A; 0 does not balance.
    """

    voltage_v: float
    current_a: float
    outside_ohm: float
    balance_a: float = 0.0


class _Charging(Run):
    """A run into the pack."""

    def __init__(self, pack: PackInTime, charger: Charger, ambient_k: float) -> None:
        super().__init__(pack, ambient_k)
        self.charger = charger
        self.ends_a = TAPER_IT * float(self.one_it.mean()) * float(self.in_group.mean())

    def margins(self, m: Moment) -> dict[EndedBy, float]:
        """Full comes before what the board or the heat may end."""
        return {EndedBy.FULL: -m.current_a - self.ends_a, **super().margins(m)}

    def drained(self, cell_v: Array) -> Array:
        """The board's balancing, shared by the cells of a group."""
        volts = self.groups_v(cell_v)
        high = (volts > self.pack.limits.cell_most_v - BALANCES_FROM_V) & (volts > volts.min() + EVEN_V)
        return np.asarray((high * self.charger.balance_a / self.in_group)[self.group_of])


def charge(
    pack: PackInTime,
    charger: Charger,
    start: float | Array,
    ambient_k: float,
    told: Callable[[float], bool] | None = None,
) -> RunResult:
    """Return the charge of a rested pack at constant current, then constant voltage, until it is full.

    Parameters
    ----------
    pack : PackInTime
        Of n lithium cells.
    charger : Charger
    start : float or ndarray, shape (n,)
        State of charge at the start, 1 full.
    ambient_k : float
        K.
    told : callable, optional
        Called with the least charge now and then; stops the run where it returns True.

    Returns
    -------
    result : RunResult
        Currents into the pack are negative, and so are energy and charge delivered.

    Notes
    -----
    The charger gives its current, or less where that would lift its terminals over its voltage. It ends at
    a twentieth of It; at a group that the board holds too high; at a cell too hot; it does not begin below
    the cell's least temperature for charging.
    """
    run = _Charging(pack, charger, ambient_k)
    more_ohm = charger.outside_ohm - pack.outside_ohm

    def asked(open_v: float, ohm: float) -> float:
        return min(max(-charger.current_a, (open_v - charger.voltage_v) / (ohm + more_ohm)), 0.0)

    def at(time_s: float) -> Asked:
        return asked

    play = Play(at, lambda time_s: LONGEST_S, LONGEST_S, told or (lambda least: False))
    if ambient_k < pack.limits.cell_least_k:
        return not_begun(run, start, EndedBy.TOO_COLD)
    return played(run, play, start)


@frozen
class NickelCharger:
    """A charger that knows no voltage to end at: a constant current, or a source behind a resistor, and
    what ends it; None does not.

    Attributes
    ----------
    current_a, lasts_s : its current, and its clock.
    source_v, resistor_ohm : a source behind a resistor in place of the current, V and Ω.
    fall_v : fall of the pack's voltage under its top.
    rise_k_s : warming of the hottest cell, K/s.
    outside_ohm : between the pack's poles and the charger, Ω.
    """

    current_a: float
    lasts_s: float
    fall_v: float | None
    rise_k_s: float | None
    outside_ohm: float
    source_v: float | None = None
    resistor_ohm: float = 0.0


AFTER_START_S = 600.0
"""Neither fall nor warming is looked at before: both happen at the start of a charge too (common practice, no source)."""


class _NickelCharging(Run):
    """A run into a pack of nickel cells."""

    def __init__(self, pack: PackInTime, charger: NickelCharger, ambient_k: float) -> None:
        super().__init__(pack, ambient_k)
        self.charger, self.top_v = charger, 0.0

    def margins(self, m: Moment) -> dict[EndedBy, float]:
        """The signs of full come before too hot."""
        found: dict[EndedBy, float] = {}
        if m.time_s > AFTER_START_S:
            self.top_v = max(self.top_v, m.volts)
            if self.charger.fall_v is not None:
                found[EndedBy.FALL] = self.charger.fall_v - (self.top_v - m.volts)
            if self.charger.rise_k_s is not None:
                found[EndedBy.RISE] = self.charger.rise_k_s - self._warming(m)
        return {**found, **super().margins(m)}

    def _warming(self, m: Moment) -> float:
        """How fast the hottest cell warms, K/s."""
        lumps = self.pack.lumps
        strips_w = self.strips_w(m.cell_a, m.cell_v, m.volts, m.current_a)
        heat = self.heat_at(m) + strips_w * self.pack.strips.of_cell
        _, outer = self._outer_of(m.kelvin)
        i, j = lumps.pairs.T
        flow = lumps.pair_w_k * (m.kelvin[i] - m.kelvin[j])
        n = len(heat)
        given = np.bincount(i, flow, n) - np.bincount(j, flow, n) + outer * (m.kelvin - self.ambient_k)
        hottest = int(m.kelvin.argmax())
        return float((heat - given)[hottest] / lumps.capacity_j_k[hottest])


def charge_nickel(
    pack: PackInTime,
    charger: NickelCharger,
    start: float | Array,
    ambient_k: float,
    told: Callable[[float], bool] | None = None,
) -> RunResult:
    """Return the charge of a rested pack by a charger that knows no voltage, until clock, fall or warming
    end it.

    Parameters
    ----------
    pack : PackInTime
        Of n cells.
    charger : NickelCharger
    start : float or ndarray, shape (n,)
        State of charge at the start, 1 full.
    ambient_k : float
        K.
    told : callable, optional
        Called with the least charge now and then; stops the run where it returns True.

    Returns
    -------
    result : RunResult
        Ended by `EndedBy.TIME` where the clock did.
    """
    run = _NickelCharging(pack, charger, ambient_k)
    if ambient_k < pack.limits.cell_least_k:
        return not_begun(run, start, EndedBy.TOO_COLD)
    lasts = min(charger.lasts_s, LONGEST_S)

    def asked(open_v: float, ohm: float) -> float:
        if charger.source_v is None:
            return -charger.current_a
        return min((open_v - charger.source_v) / (ohm + charger.resistor_ohm), 0.0)

    def at(time_s: float) -> Asked:
        return asked

    return played(run, Play(at, lambda time_s: lasts, lasts, told or (lambda least: False)), start)
