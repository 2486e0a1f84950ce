"""Connectors: what each carries at this ambient with this wire, what it heats, and how well it suits the
pack."""

from collections.abc import Sequence
from functools import lru_cache

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.suitability import Judged
from firmcell.core.base.wording import amperes, square_millimetres, volts
from firmcell.core.leads.soldering import BRASS_HEAT_CAPACITY, contact_mass
from firmcell.core.model.duty import Duty
from firmcell.core.model.limits import CUP_SLACK
from firmcell.core.model.parts import Connector, Contact, Keying, Wire
from firmcell.core.physics.wire_heat import ampacity

CONNECTOR_RATED_AT_K = 303.15
"""Ambient at which connector currents are given (30 °C); generic class value."""

LITTLE_MARGIN = 1.05
THINNEST_IN_CUP = 0.12
"""A wire with less of the cup's largest area than this is too thin for it; engineering judgement."""


def connector_limit(connector: Connector, ambient_k: float) -> float:
    """Return the steady current of a connector in warmer air.

    Parameters
    ----------
    connector : Connector
    ambient_k : float
        K.

    Returns
    -------
    current : float
        A.

    Notes
    -----
    Heat goes with current squared, so the limit goes with the square root of the rise left to the body's
    greatest temperature, from the ambient the class value is given at (30 °C); never above it.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> round(connector_limit(PLUG, 323.15), 2)  # 60 of 80 K are left at 50 °C: 40 √(60/80)
    34.64
    >>> connector_limit(PLUG, 273.15)  # cold air does not make it a larger one
    40.0
    """
    left = (connector.temperature_max_k - ambient_k) / (connector.temperature_max_k - CONNECTOR_RATED_AT_K)
    return connector.current_continuous_a * float(np.sqrt(min(max(left, 0.0), 1.0)))


def wire_as_hot_as(connector: Connector, wire: Wire, ambient_k: float) -> float:
    """Return the steady current at which the wire in free air is as hot as the connector's body may be.

    Above it the wire heats the contact instead of cooling it, whatever the contact itself could carry. Heat
    balance as in `rated_current`, but not held to the insulation's limit.

    Parameters
    ----------
    connector : Connector
    wire : Wire
    ambient_k : float
        K.

    Returns
    -------
    current : float
        A.

    References
    ----------
    .. [1] churchill-chu-1975b

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG, WIRE
    >>> from firmcell.core.physics.wire_heat import wire_temperatures
    >>> current = wire_as_hot_as(PLUG, WIRE, 303.15)
    >>> round(float(wire_temperatures([WIRE], current, 303.15)[0]), 1)  # the body's 110 °C
    383.1
    """
    return _current_that_heats(wire, connector.temperature_max_k, ambient_k)


@lru_cache(maxsize=256)
def _current_that_heats(wire: Wire, limit_k: float, ambient_k: float) -> float:
    return float(ampacity(wire.resistance_ohm_per_m, wire.area_m2, wire.outer_diameter_m, limit_k, ambient_k))


def allowed_current(connector: Connector, wire: Wire, ambient_k: float) -> tuple[float, str]:
    """Return the steady current of a connector with this wire in its cups, and which of the two rules it.

    Parameters
    ----------
    connector : Connector
    wire : Wire
    ambient_k : float
        K.

    Returns
    -------
    current : float
        A.
    rules : str
        "the contact" or "the wire in its cup".

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG, WIRE
    >>> heavy = WIRE.model_copy(
    ...     update={"area_m2": 8e-6, "resistance_ohm_per_m": 0.0022, "outer_diameter_m": 5.5e-3}
    ... )
    >>> allowed_current(PLUG, heavy, 303.15)
    (40.0, 'the contact')
    >>> allowed_current(PLUG, WIRE, 303.15)[1]
    'the wire in its cup'
    """
    own = connector_limit(connector, ambient_k)
    by_wire = wire_as_hot_as(connector, wire, ambient_k)
    return (own, "the contact") if own <= by_wire else (by_wire, "the wire in its cup")


def contact_temperature(connector: Connector, current_a: float, ambient_k: float) -> float:
    """Return the contact's temperature at a steady current: the class's rise at its rating, by current
    squared.

    Parameters
    ----------
    connector : Connector
    current_a, ambient_k : float
        A, K.

    Returns
    -------
    temperature : float
        K.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> round(contact_temperature(PLUG, 20.0, 303.15) - 303.15, 2)  # half the rating, a quarter of 80 K
    20.0
    """
    rise = connector.temperature_max_k - CONNECTOR_RATED_AT_K
    return ambient_k + rise * (current_a / connector.current_continuous_a) ** 2


def contact_time_constant(connector: Connector) -> float:
    """Return the time in which a contact comes within 1/e of its final temperature, its own metal alone.

    The plastic round it takes up heat as well, so it errs to the quick, safe side.

    Parameters
    ----------
    connector : Connector

    Returns
    -------
    time : float
        s.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> # Both halves: 2 × 1.275 g × 380 J/kg·K over 0.0005 Ω (40 A)² / 80 K
    >>> round(contact_time_constant(PLUG), 1)
    96.9
    """
    rise = connector.temperature_max_k - CONNECTOR_RATED_AT_K
    watts = connector.contact_resistance_ohm * connector.current_continuous_a**2
    return 2 * contact_mass(connector) * BRASS_HEAT_CAPACITY * rise / watts


def contact_in_duty(connector: Connector, duty: Duty, ambient_k: float) -> float:
    """Return the highest temperature of a contact in the run that a duty describes.

    Parameters
    ----------
    connector : Connector
    duty : Duty
    ambient_k : float
        K.

    Returns
    -------
    temperature : float
        K.

    Notes
    -----
    First order in time. Where peaks come again, at the end of each turn: θp (1 − e^−on) + θs (1 − e^−off)
    e^−on over 1 − e^−(on + off), times in time constants.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> # A very long peak: all of its 80 K.
    >>> round(contact_in_duty(PLUG, Duty(20.0, 40.0, 1e4), 303.15) - 303.15, 3)
    80.0
    >>> round(contact_in_duty(PLUG, Duty(20.0, 40.0, 0.0), 303.15) - 303.15, 3)  # none: a quarter
    20.0
    """
    steady = contact_temperature(connector, duty.steady_a, ambient_k) - ambient_k
    peak = contact_temperature(connector, max(duty.peak_a, duty.steady_a), ambient_k) - ambient_k
    constant = contact_time_constant(connector)
    fades = float(np.exp(-duty.peak_s / constant))
    if duty.every_s is None:
        return ambient_k + steady * fades + peak * (1 - fades)
    rests = float(np.exp(-max(duty.every_s - duty.peak_s, 0.0) / constant))
    top = (peak * (1 - fades) + steady * (1 - rests) * fades) / max(1 - fades * rests, 1e-12)
    return ambient_k + top


SAME_SIZE_M = 0.0003
"""Contacts that differ by less go into each other, with or without force; common practice, no source."""


def mates(one: Connector, other: Connector) -> bool:
    """Return whether two connectors can be pushed together: by kind, number and size of contacts, not by
    name."""
    if one.contact is Contact.OTHER or other.contact is Contact.OTHER:
        return one.name == other.name
    return (
        one.contact is other.contact
        and one.contacts == other.contacts
        and abs(one.contact_size_m - other.contact_size_m) < SAME_SIZE_M
    )


@frozen
class ConnectorAsk:
    """What is asked of a connector: currents in A, voltage in V, the wire, and which contacts it needs."""

    steady_a: float
    peak_a: float
    full_v: float
    ambient_k: float
    wire: Wire
    on_the_pack: bool = True


@frozen
class ConnectorFit(Judged):
    """One class against what is asked.

    Attributes
    ----------
    connector : the class.
    limit_a, ruled_by : steady current at this ambient with this wire, and what sets it.
    contact_k : temperature of its contacts at the steady current.
    heat_w : of both contact pairs.
    """

    connector: Connector
    limit_a: float
    ruled_by: str
    contact_k: float
    heat_w: float


def fit_connector(connector: Connector, ask: ConnectorAsk) -> ConnectorFit:
    """Return how a class of connector suits what is asked."""
    limit, ruled = allowed_current(connector, ask.wire, ask.ambient_k)
    stops, marks = [], []
    if connector.contacts < 2:
        stops.append("it has one contact")
    if limit < ask.steady_a:
        stops.append(f"carries {amperes(limit)}, limited by {ruled}")
    if connector.current_peak_a < ask.peak_a:
        stops.append(f"takes {amperes(connector.current_peak_a)} at the peak")
    if connector.voltage_v < ask.full_v:
        stops.append(f"is for {volts(connector.voltage_v)}")
    if ask.wire.area_m2 > connector.wire_area_max_m2 * CUP_SLACK:
        stops.append(f"its cup takes {square_millimetres(connector.wire_area_max_m2)}")
    elif ask.wire.area_m2 < THINNEST_IN_CUP * connector.wire_area_max_m2:
        marks.append("the wire is too thin for this solder cup")
    if ask.steady_a <= limit < LITTLE_MARGIN * ask.steady_a:
        marks.append("no margin over the steady current")
    if ask.on_the_pack and not connector.pack_half_shrouded:
        stops.append("no half with shrouded contacts")
    if connector.keying is Keying.UNKEYED:
        marks.append("can be mated backwards")
    heat = 2 * connector.contact_resistance_ohm * ask.steady_a**2
    return ConnectorFit(
        tuple(stops),
        tuple(marks),
        connector,
        limit,
        ruled,
        contact_temperature(connector, ask.steady_a, ask.ambient_k),
        heat,
    )


def ranked_connectors(connectors: Sequence[Connector], ask: ConnectorAsk) -> tuple[ConnectorFit, ...]:
    """Return all classes, the best first: those that fit, keyed before unkeyed, then the smallest that does.

    Of those that do not fit the one with the fewest reasons against it comes first.
    """
    fits = [fit_connector(c, ask) for c in connectors]
    return tuple(
        sorted(
            fits,
            key=lambda f: (len(f.stops), len(f.marks), f.connector.current_continuous_a, f.connector.name),
        )
    )
