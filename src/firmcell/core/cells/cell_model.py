"""One cell in time: resting voltage, ohmic resistance, and three ways in which it tires under a current.

Currents are in *It*, multiples of the current that empties the rated capacity in one hour, so that one set of
parameters serves every size of cell of a class. A state and all of a cell's parameters may be arrays over
cells.
"""

from functools import cached_property

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen

GAS_J_MOL_K, FARADAY_AS_MOL, WARM_K = 8.314463, 96485.33, 298.15
"""Gas constant, Faraday's constant (CODATA), and the temperature at which parameters are given, K."""
CELL_HEAT_CAPACITY = 1000.0
"""J/kg·K of a whole cell; generic class value (published figures lie between 830 and 1100)."""
KNOTS = np.array([0.0, 0.05, 0.15, 0.3, 0.5, 0.7, 0.9, 1.0])
"""States of charge at which the resistances of a model are given."""
BELOW_EMPTY_V = 30.0
"""Fall of the resting voltage for each unit of charge below empty, V: steep, as at the end of every curve."""
NEARLY_NONE_LEFT = 0.95
"""Depletion from which on its logarithm goes on as a straight line."""


@frozen(eq=False)
class CellModel:
    """Parameters of one class of cell.

    Attributes
    ----------
    name, source : of the parameters, and where they come from.
    charge, resting_v, entropy_v_k : resting voltage and its change with temperature over state of charge
    (k,).
    ohmic_v, fast_v : ohmic and fast resistance at `KNOTS` (8,), V for each It at 25 °C.
    depth : how far the surface of the grains lags behind the mean charge at `KNOTS` (8,), charge for each It.
    ohmic_j, fast_j, depth_j, depth_time_j, depletion_j, depletion_time_j, exchange_j : activation energies,
        J/mol.
    fast_s, depth_s, depletion_s : time constants, s.
    depletion_it, depletion_v, crowding : current at which the electrolyte runs out (before crowding), the
        voltage scale of that, and by how much it runs out faster the less is left.
    depletion_late : by how much more it runs out as the cell empties, over that at full: the grains near the
        separator are full by then, and the current goes the whole way through the electrode.
    exchange_it : exchange current of the charge transfer, It.
    charge_factor : ohmic resistance in charge over that in discharge.
    capacity_ratio : charge between the ends of the resting curve over the rated capacity.
    side_it, side_width : of nickel: current that makes gas instead of charge at the full charge, It, and by
    how much
        more charge it grows e-fold; none where `side_it` is 0.
    side_v_k : by how much the voltage falls for each kelvin where all of the current makes gas, V/K.
    resistance_band : greatest and least resistance of cells of the class over that of the model; an honest
        guess where it says so in `source`.
    """

    name: str
    source: str
    charge: Array
    resting_v: Array
    entropy_v_k: Array
    ohmic_v: Array
    fast_v: Array
    depth: Array
    ohmic_j: float
    fast_j: float
    depth_j: float
    depth_time_j: float
    depletion_j: float
    depletion_time_j: float
    exchange_j: float
    fast_s: float
    depth_s: float
    depletion_s: float
    depletion_it: float
    depletion_v: float
    crowding: float
    exchange_it: float
    charge_factor: float
    capacity_ratio: float
    resistance_band: tuple[float, float]
    side_it: float = 0.0
    side_width: float = 0.04
    side_v_k: float = 0.0
    depletion_late: float = 0.0

    @cached_property
    def activations_j(self) -> Array:
        """Of the fast branch, of the lag in time and in depth, of the depletion in time and in depth
        (5, 1), J/mol."""
        each = self.fast_j, self.depth_time_j, self.depth_j, self.depletion_time_j, self.depletion_j
        return np.array(each)[:, None]

    @cached_property
    def instant_j(self) -> Array:
        """Of the ohmic resistance and of the charge transfer (2, 1), J/mol."""
        return np.array([self.ohmic_j, self.exchange_j])[:, None]

    def side_current(self, charge: Array, current_it: Array) -> Array:
        """Return how much of a charge current makes gas and heat instead of charge (n,), It; 0 in
        discharge."""
        if not self.side_it:
            return np.zeros_like(charge)
        gas = self.side_it * np.exp(np.minimum((charge - 1.0) / self.side_width, 8.0))
        return np.asarray(np.clip(np.minimum(gas, -current_it), 0.0, None))

    def resting(self, charge: ArrayLike) -> Array:
        """Return the resting voltage at states of charge, V; it falls steeply below empty and rises above
        full."""
        z = np.asarray(charge, dtype=float)
        inside = np.interp(z, self.charge, self.resting_v)
        return np.asarray(inside + np.minimum(z, 0.0) * BELOW_EMPTY_V + np.maximum(z - 1.0, 0.0))

    def entropy(self, charge: ArrayLike) -> Array:
        """Return the change of the resting voltage with temperature, V/K."""
        return np.asarray(np.interp(np.asarray(charge, dtype=float), self.charge, self.entropy_v_k))

    def gas_w(self, charge: Array, current_it: Array, temperature_k: ArrayLike, rated_a: ArrayLike) -> Array:
        """Return what of a charge is not kept in the cells (n,), W: in gas that becomes water again it takes
        the whole voltage that heat is counted from along; `rated_a` is the current of 1 It, A."""
        kept_v = self.resting(charge) - np.asarray(temperature_k) * self.entropy(charge)
        return np.asarray(self.side_current(charge, current_it) * np.asarray(rated_a) * kept_v)


@frozen(eq=False)
class CellState:
    """What a cell remembers; each an array over cells.

    Attributes
    ----------
    charge : mean state of charge, 1 full.
    fast_v : over the fast branch, V.
    lag : of the surface of the grains behind the mean charge.
    depletion : of the electrolyte, 0 rested, 1 run out.
    """

    charge: Array
    fast_v: Array
    lag: Array
    depletion: Array

    @classmethod
    def rested(cls, charge: ArrayLike) -> "CellState":
        """Return the state after a long rest at a state of charge."""
        z = np.atleast_1d(np.asarray(charge, dtype=float))
        return cls(z, np.zeros_like(z), np.zeros_like(z), np.zeros_like(z))


@frozen(eq=False)
class CellTraits:
    """What sets one cell apart from its model; each a float or an array over cells.

    Attributes
    ----------
    rated_as : rated capacity when new, A·s: what It stands for.
    capacity : capacity left over that when new.
    resistance : ohmic and fast resistance and charge transfer over those of the model.
    transport : what lags and what runs out over those of the model.
    """

    rated_as: ArrayLike
    capacity: ArrayLike = 1.0
    resistance: ArrayLike = 1.0
    transport: ArrayLike = 1.0


def arrhenius(activation_j: ArrayLike, temperature_k: ArrayLike) -> Array:
    """Return by how much a resistance is greater than at 25 °C.

    Parameters
    ----------
    activation_j : array_like
        J/mol.
    temperature_k : array_like
        K; the two are broadcast.

    Returns
    -------
    ratio : ndarray

    References
    ----------
    .. [1] arrhenius

    Examples
    --------
    >>> round(float(arrhenius(20_000.0, 263.15)), 2)  # exp(20 000 / 8.314 × (1/263.15 − 1/298.15))
    2.92
    """
    kelvin = np.asarray(temperature_k, dtype=float)
    return np.asarray(np.exp(np.asarray(activation_j) / GAS_J_MOL_K * (1 / kelvin - 1 / WARM_K)))


def advanced(
    model: CellModel,
    traits: CellTraits,
    state: CellState,
    current_it: ArrayLike,
    temperature_k: ArrayLike,
    step_s: float | Array,
) -> CellState:
    """Return the state after a step of constant current and temperature.

    Parameters
    ----------
    model : CellModel
    traits : CellTraits
    state : CellState
        Of n cells.
    current_it, temperature_k : array_like, shape (n,)
        Out of the plus, It; K.
    step_s : float or ndarray
        s.

    Returns
    -------
    state : CellState

    Notes
    -----
    Charge by counting; the others fall towards their settled value with their time constant, solved exactly.
    Settled: current × fast resistance; × depth; over the limiting one, lowered by crowding and as it empties.

    References
    ----------
    .. [1] plett

    Examples
    --------
    >>> from firmcell.core.cells.published_sets import SETS
    >>> hour = advanced(SETS["Chen2020"], CellTraits(18_000.0), CellState.rested(1.0), 0.5, 298.15, 3600.0)
    >>> used = 0.5 / SETS["Chen2020"].capacity_ratio
    >>> bool(abs(1 - hour.charge[0] - used) < 1e-12)
    True
    """
    it = np.asarray(current_it, dtype=float)
    grown, harder = np.asarray(traits.resistance, dtype=float), np.asarray(traits.transport, dtype=float)
    middle = ((charge := _counted(model, traits, state.charge, it, step_s)) + state.charge) / 2
    cold_fast, cold_time, cold_depth, cold_flow, cold_gone = _colder(model.activations_j, temperature_k)
    left = np.maximum(1 - model.crowding * np.minimum(np.maximum(state.depletion, -0.5), 1.2), 0.02)
    fast = np.exp(-np.asarray(step_s) / model.fast_s)
    slow = np.exp(-step_s / (model.depth_s * cold_time))
    flow = np.exp(-step_s * left / (model.depletion_s * cold_flow))
    fast_v = it * grown * np.interp(middle, KNOTS, model.fast_v) * cold_fast
    lag = it * harder * np.interp(middle, KNOTS, model.depth) * cold_depth
    late = 1.0 + model.depletion_late * np.minimum(np.maximum(1.0 - middle, 0.0), 1.0)
    gone = it * harder * late / model.depletion_it * cold_gone / left
    return CellState(
        charge,
        state.fast_v * fast + (1 - fast) * fast_v,
        state.lag * slow + (1 - slow) * lag,
        state.depletion * flow + (1 - flow) * gone,
    )


def _colder(activations_j: Array, temperature_k: ArrayLike) -> Array:
    """By how much each of some resistances is greater than at 25 °C (kinds, n): all at once, as for the few
    cells of a class one exponential costs what a thousand do."""
    return arrhenius(activations_j, np.atleast_1d(temperature_k))


SIDE_STEPS = 4


def _counted(model: CellModel, traits: CellTraits, charge: Array, it: Array, step_s: float | Array) -> Array:
    """The charge after a step; of nickel in parts, as what is not taken up grows quickly near full."""
    hours = np.asarray(step_s) / 3600.0 / (model.capacity_ratio * np.asarray(traits.capacity))
    if not model.side_it or not (it < 0).any():
        return np.asarray(charge - it * hours)
    for _ in range(SIDE_STEPS):
        charge = charge - (it + model.side_current(charge, it)) * hours / SIDE_STEPS
    return charge


def inner_voltage(model: CellModel, state: CellState) -> Array:
    """Return the voltage behind the ohmic resistance (n,), V: resting voltage at the grains' surface less
    what the fast branch and the depletion take."""
    gone = np.minimum(state.depletion, NEARLY_NONE_LEFT)
    lost = -np.log1p(-gone) + (state.depletion - gone) / (1 - NEARLY_NONE_LEFT)
    return np.asarray(model.resting(state.charge - state.lag) - state.fast_v - model.depletion_v * lost)


def gas_voltage(model: CellModel, charge: Array, current_it: Array, temperature_k: ArrayLike) -> Array:
    """Return by how much the voltage of nickel falls as it warms in overcharge (n,), V: the fall that ends
    a charge."""
    if not model.side_it:
        return np.zeros_like(charge)
    current_it = _like(current_it, charge)
    share = model.side_current(charge, current_it) / np.maximum(-current_it, 1e-9)
    return np.asarray(share * model.side_v_k * (np.asarray(temperature_k, dtype=float) - WARM_K))


def ohmic_voltage(
    model: CellModel, traits: CellTraits, charge: Array, temperature_k: ArrayLike
) -> tuple[Array, Array, Array]:
    """Return what the instantaneous loss is made of: V for each It of ohmic resistance, the voltage scale
    of the charge transfer, V, and its exchange current, It.

    Notes
    -----
    Loss = ohmic × i + 2 (R T / F) asinh(i / 2 i₀): Ohm, and Butler and Volmer with equal ends.
    """
    grown = np.asarray(traits.resistance, dtype=float)
    cold_ohmic, cold_exchange = _colder(model.instant_j, temperature_k)
    ohmic = grown * np.interp(charge, KNOTS, model.ohmic_v) * cold_ohmic
    scale = 2 * GAS_J_MOL_K * np.asarray(temperature_k, dtype=float) / FARADAY_AS_MOL
    exchange = model.exchange_it / cold_exchange / grown
    return np.asarray(ohmic), _like(scale, charge), _like(exchange, charge)


def _like(values: Array, cells: Array) -> Array:
    """Values for each cell; NumPy's own way costs five times as much where they are that already."""
    return values if values.shape == cells.shape else np.broadcast_to(values, cells.shape)


def chord_ohm(
    model: CellModel, traits: CellTraits, charge: Array, temperature_k: ArrayLike, current_it: ArrayLike
) -> Array:
    """Return the instantaneous loss over the current (n,), V for each It: the resistance that a network
    sees."""
    it = np.asarray(current_it, dtype=float)
    ohmic, scale, exchange = ohmic_voltage(model, traits, charge, temperature_k)
    ratio = it / (2 * exchange)
    small = np.abs(ratio) < 1e-6
    slope = np.where(small, 1.0, np.arcsinh(ratio) / np.where(small, 1.0, ratio)) / (2 * exchange)
    return np.asarray(ohmic * np.where(it < 0, model.charge_factor, 1.0) + scale * slope)


def terminal_voltage(
    model: CellModel, traits: CellTraits, state: CellState, current_it: ArrayLike, temperature_k: ArrayLike
) -> Array:
    """Return the voltage between the poles (n,), V.

    Parameters
    ----------
    model : CellModel
    traits : CellTraits
    state : CellState
        Of n cells.
    current_it : array_like, shape (n,)
        Out of the plus, It.
    temperature_k : array_like, shape (n,)
        K.

    Returns
    -------
    voltage : ndarray, shape (n,)
        V.

    References
    ----------
    .. [1] plett

    Examples
    --------
    >>> from firmcell.core.cells.published_sets import SETS
    >>> rest = terminal_voltage(SETS["Chen2020"], CellTraits(18_000.0), CellState.rested(1.0), 0.0, 298.15)
    >>> [round(float(v), 3) for v in rest]
    [4.2]
    """
    it = np.asarray(current_it, dtype=float)
    ohm = chord_ohm(model, traits, state.charge, temperature_k, it)
    fall = gas_voltage(model, state.charge, it, temperature_k)
    return np.asarray(inner_voltage(model, state) - fall - it * ohm)


LAG_COUNTS_K = (273.15, 293.15)
"""Air from which on the loss by the lag counts as heat: not at all up to the first, wholly from the second on."""


def lag_share(ambient_k: ArrayLike) -> Array:
    """Return how much of what the lag loses is counted as heat at once, by the air, K.

    Whether it comes out at once is not settled: the full model of PyBaMM leaves it out, with its heat of
    mixing it gives more than is counted here. In warm air it is counted, so that no cell comes out too
    cool; in the cold it is not, so that no pack is said to warm itself to a run that it does not give.
    """
    low, high = LAG_COUNTS_K
    return np.asarray(np.clip((np.asarray(ambient_k, dtype=float) - low) / (high - low), 0.0, 1.0))


def source_voltage(
    model: CellModel, state: CellState, temperature_k: ArrayLike, share: ArrayLike = 1.0
) -> Array:
    """Return the voltage that heat is counted from (n,), V: resting, less what of the lag is not counted,
    less T dU/dT."""
    left = model.resting(state.charge - (1.0 - np.asarray(share)) * state.lag)
    return np.asarray(left - np.asarray(temperature_k) * model.entropy(state.charge))


def heat_w(
    model: CellModel,
    traits: CellTraits,
    state: CellState,
    current_it: ArrayLike,
    voltage_v: ArrayLike,
    temperature_k: ArrayLike,
    share: ArrayLike = 1.0,
) -> Array:
    """Return the heat that cells make (n,), W: what the resting voltage at the mean charge would give and the
    poles do not, and the reversible heat; of what the lag loses a share.

    Notes
    -----
    I (U − V) − I T dU/dT (Bernardi, Pawlikowski and Newman), and all that goes into gas and back into water.
    """
    ampere = np.asarray(current_it) * np.asarray(traits.rated_as) / 3600.0
    own = source_voltage(model, state, temperature_k, share) - np.asarray(voltage_v)
    one_it = np.asarray(traits.rated_as) / 3600.0
    lost = model.gas_w(state.charge, np.asarray(current_it, dtype=float), temperature_k, one_it)
    return np.asarray(ampere * own + lost)
