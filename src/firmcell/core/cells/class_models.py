"""Which model a cell of a class follows, and how it is fitted to the cell's own capacity and resistance."""

from dataclasses import replace
from functools import cache, lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.cells.cell_model import (
    KNOTS,
    WARM_K,
    CellModel,
    CellState,
    CellTraits,
    advanced,
    terminal_voltage,
)
from firmcell.core.cells.published_sets import SETS
from firmcell.core.model.chemistry import Chemistry, resting_voltage
from firmcell.core.model.parts import Cell, CellForm

ENERGY_CELL_V = 0.09
"""Resistance times capacity, V for each It, from which on a round lithium-ion cell is made for energy and not for
power; between the generic classes of either kind."""
LEAST_GROWN = 0.1
"""A cell of less resistance than its class loses by transport alone is taken to have this part of the ohmic one."""
WIDE = (0.7, 1.6)
"""Band of resistance of a class without a published set of its own; engineering judgement."""


@frozen(eq=False)
class Behaviour:
    """A cell's model with what sets the cell apart from it.

    Attributes
    ----------
    full : state of charge at which the resting voltage is the cell's full voltage.
    """

    model: CellModel
    traits: CellTraits
    full: float


@cache
def class_model(chemistry: Chemistry, form: CellForm, for_energy: bool) -> CellModel:
    """Return the model that stands for a class of cell, with its source."""
    if chemistry is Chemistry.LI_ION:
        if for_energy and form is not CellForm.POUCH:
            return SETS["ORegan2022"]
        # Its change of voltage with temperature, up to 4 mV/K, is ten times what such cells show and would
        # triple their heat: that of the other set is taken.
        lent = SETS["ORegan2022"]
        return replace(
            SETS["Mohtat2020"],
            name="lithium-ion power",
            entropy_v_k=lent.entropy(SETS["Mohtat2020"].charge),
            source=SETS["Mohtat2020"].source
            + "; it stands for every lithium-ion cell that is not a round energy cell: wide band",
            resistance_band=WIDE,
        )
    if chemistry is Chemistry.LFP:
        # The set was measured at one temperature: how it slows in the cold is borrowed.
        warm, lent = SETS["Prada2013"], SETS["ORegan2022"]
        return replace(
            warm,
            name="iron phosphate",
            source=f"{warm.source}; in the cold as {lent.source}: wide band",
            ohmic_j=lent.ohmic_j,
            fast_j=lent.fast_j,
            depth_j=lent.depth_j,
            depth_time_j=lent.depth_time_j,
            depletion_j=lent.depletion_j,
            depletion_time_j=lent.depletion_time_j,
            resistance_band=WIDE,
        )
    return _drawn_by_hand(chemistry)


HEAT_V = {Chemistry.NIMH: 1.37, Chemistry.NICD: 1.44}
"""Voltage at which nickel would make no heat, V: its reaction's enthalpy over its charge. Cadmium 1.44 V; hydride 1.51 V of
nickel and hydrogen less what the alloy binds hydrogen by, 25 to 40 kJ/mol or 0.13 to 0.21 V (handbooks of batteries, from
memory): near its upper end, so that a discharge errs to the warm side."""
HEAT_IN_CHARGE_V = {Chemistry.NIMH: 1.33, Chemistry.NICD: 1.40}
"""The same of a charge, the lower end of what is told of it: the less is kept, the warmer it gets, and the safer."""
CHARGE_OVER_V = {Chemistry.NIMH: 0.06, Chemistry.NICD: 0.06}
"""By how much nickel hydroxide rests higher in charge than in discharge at the same charge, V (common knowledge of its
hysteresis, from memory; generic class value)."""
OVER_FADES = (0.8, 1.0)
"""Between these states of charge that goes: the resting curve at full is the one after a charge."""


def _entropy(resting_v: Array, heat_v: float | None) -> Array:
    """The change of the resting voltage with temperature, V/K, so that heat is counted from a voltage."""
    return np.zeros_like(resting_v) if heat_v is None else (resting_v - heat_v) / WARM_K


@cache
def in_charge(model: CellModel, chemistry: Chemistry) -> CellModel:
    """Return the model of cells that are being charged: nickel stands higher, and what it keeps is less.

    Examples
    --------
    >>> from firmcell.core.model.parts import CellForm
    >>> plain = class_model(Chemistry.NIMH, CellForm.ROUND, False)
    >>> round(float(in_charge(plain, Chemistry.NIMH).resting(0.5) - plain.resting(0.5)), 6)
    0.06
    """
    if chemistry not in CHARGE_OVER_V:
        return model
    higher = model.resting_v + np.interp(model.charge, OVER_FADES, (CHARGE_OVER_V[chemistry], 0.0))
    return replace(model, resting_v=higher, entropy_v_k=_entropy(higher, HEAT_IN_CHARGE_V[chemistry]))


def _drawn_by_hand(chemistry: Chemistry) -> CellModel:
    """A class without a published set: the generic resting curve, flat resistances, a wide band.

    Of nickel: a tenth of It is taken up no further than full, 3 mV are lost for each kelvin of overcharge
    (common practice, no source).
    """
    charge = np.concatenate([np.linspace(0, 0.1, 11), np.linspace(0.15, 1, 18)])
    more_when_empty = np.array([2.5, 1.6, 1.2, 1.0, 1.0, 1.0, 1.0, 1.1])
    return CellModel(
        name=str(chemistry),
        source="generic class value, drawn by hand; no published set: wide band",
        charge=charge,
        resting_v=resting_voltage(chemistry, charge),
        entropy_v_k=_entropy(resting_voltage(chemistry, charge), HEAT_V.get(chemistry)),
        ohmic_v=0.030 * more_when_empty,
        fast_v=0.010 * more_when_empty,
        depth=0.02 * np.ones_like(KNOTS),
        ohmic_j=20_000.0,
        fast_j=30_000.0,
        depth_j=25_000.0,
        depth_time_j=10_000.0,
        depletion_j=20_000.0,
        depletion_time_j=0.0,
        exchange_j=30_000.0,
        fast_s=10.0,
        depth_s=300.0,
        depletion_s=60.0,
        depletion_it=12.0,
        depletion_v=0.05,
        crowding=0.3,
        exchange_it=5.0,
        charge_factor=1.0,
        capacity_ratio=1.0,
        resistance_band=WIDE,
        side_it=0.0 if chemistry.is_lithium else 0.1,
        side_v_k=0.0 if chemistry.is_lithium else 0.003,
    )


@cache
def pulse_v(model: CellModel, grown: float) -> float:
    """Return the resistance of a model by a step from 0.2 It to 1 It after 10 s, at half charge and 25 °C,
    V for each It; its ohmic and fast resistances `grown`."""
    traits, state = CellTraits(3600.0, resistance=grown), CellState.rested(0.5)
    volts = []
    for rate in (0.2, 1.0):
        state = advanced(model, traits, state, rate, WARM_K, 10.0)
        volts.append(float(terminal_voltage(model, traits, state, rate, WARM_K)[0]))
    return (volts[0] - volts[1]) / 0.8


@lru_cache(maxsize=128)
def behaviour(cell: Cell) -> Behaviour:
    """Return how a new cell of a class behaves.

    Parameters
    ----------
    cell : Cell

    Returns
    -------
    behaviour : Behaviour

    Notes
    -----
    Ohmic and fast resistances are scaled so that a step after 10 s finds the cell's d.c. resistance; charge
    so that 0.2 It from full to empty at 25 °C gives the rated capacity. What moves slowly in the grains and
    the electrolyte is left as in the set: it goes with the rate, and a resistance in milliohms tells
    nothing of it.

    References
    ----------
    .. [1] iec-61960

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> own = behaviour(CELL)
    >>> bool(0.5 < own.traits.resistance < 2.0), bool(0.9 < own.full <= 1.0)
    (True, True)
    """
    hours = cell.capacity_as / 3600.0
    model = _stands_for(cell)
    least, most = pulse_v(model, 1e-6), pulse_v(model, 1.0)
    grown = max((cell.resistance_ohm * hours - least) / (most - least), LEAST_GROWN)
    top = float(np.interp(cell.full_v, model.resting_v, model.charge))
    left = 1.0 / model.capacity_ratio
    for _ in range(3):
        used, mean_v = _delivered(model, CellTraits(cell.capacity_as, left, grown), top, cell.empty_v)
        left *= 1.0 / used
        if model.resistance_band == WIDE and mean_v > cell.nominal_v:
            model = _lowered(model, mean_v - cell.nominal_v)
    return Behaviour(model, CellTraits(cell.capacity_as, left, grown), top)


def _stands_for(cell: Cell) -> CellModel:
    """The model of a cell's class."""
    for_energy = cell.resistance_ohm * cell.capacity_as / 3600.0 >= ENERGY_CELL_V
    return class_model(cell.chemistry, cell.form, for_energy)


@lru_cache(maxsize=128)
def curves_of(cell: Cell) -> tuple[CellModel, ...]:
    """Return the models between which the resting voltage of a cell lies at any charge.

    Parameters
    ----------
    cell : Cell

    Returns
    -------
    models : tuple of CellModel
        That of `behaviour` first; behind it, where the class has no set of its own, one half way and the
        class's curve as it is.

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> curves_of(CELL)[0] is behaviour(CELL).model
    True
    """
    own, plain = behaviour(cell).model, _stands_for(cell)
    if np.allclose(own.resting_v, plain.resting_v):
        return (own,)
    half = replace(
        own,
        resting_v=(own.resting_v + plain.resting_v) / 2,
        entropy_v_k=(own.entropy_v_k + plain.entropy_v_k) / 2,
    )
    return own, half, plain


def _lowered(model: CellModel, by_v: float) -> CellModel:
    """A model of a stand-in class whose resting voltage is lower in the middle, so that the mean is the
    cell's own nominal voltage and it holds no more than its rated energy."""
    weight = np.interp(model.charge, [0.0, 0.1, 0.9, 1.0], [0.0, 1.0, 1.0, 0.0])
    # Poles and resting voltage both: what it lacks is no heat, which would warm a cold cell to a longer run.
    return replace(model, resting_v=model.resting_v - weight * by_v / 0.9)


def _delivered(model: CellModel, traits: CellTraits, charge: float, least_v: float) -> tuple[float, float]:
    """What a slow discharge (0.2 It at 25 °C) gives, over the rated capacity, and its mean voltage, V."""
    state, used, energy = CellState.rested(charge), 0.0, 0.0
    before = float(terminal_voltage(model, traits, state, 0.2, WARM_K)[0])
    for seconds in np.concatenate([np.full(25, 600.0), np.full(100, 50.0)]):
        state = advanced(model, traits, state, 0.2, WARM_K, float(seconds))
        now = float(terminal_voltage(model, traits, state, 0.2, WARM_K)[0])
        part = float(seconds) * 0.2 / 3600.0
        if now < least_v:
            part *= max(before - least_v, 0.0) / max(before - now, 1e-9)
            now = least_v
        used += part
        energy += part * (before + now) / 2
        if now <= least_v:
            break
        before = now
    return used, energy / max(used, 1e-9)


def lanes(own: Behaviour, count: int, charge: float | None = None) -> CellState:
    """Return `count` rested cells at a state of charge; full if none is given."""
    at: Array = np.full(count, own.full if charge is None else charge)
    return CellState.rested(at)


def hottest_edge(cell: Cell) -> float:
    """Return by how much the resistance of a cell of its class may be above that of the model."""
    return behaviour(cell).model.resistance_band[1]
