"""Plugging in: the rush of current into the load's capacitors, its spark, and the resistor that takes it
instead."""

from math import ceil, exp, log10

from firmcell.core.base.frozen import frozen

E12 = (10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82)
"""Preferred values of resistors (IEC 60063, values from memory)."""
WATTS = (0.25, 0.5, 1.0, 2.0, 5.0, 10.0, 25.0, 50.0)
SECONDS = 1.0
"""Charged to 95 % in three time constants, in about this time: as long as a hand holds a plug half in;
engineering judgement."""
PULSE = 10.0
"""A wire-wound resistor takes for a second or two about this times its rated power; generic class value."""
HARMLESS_V = 2.0


@frozen
class Inrush:
    """What plugging in without precharge does: A, s, J, and the energy let through by each ohm, A²s."""

    peak_a: float
    time_constant_s: float
    energy_j: float
    i2t_a2s: float


def inrush(voltage_v: float, capacitance_f: float, loop_ohm: float) -> Inrush:
    """Return the rush into empty capacitors through the loop of pack, leads and contacts.

    A capacitor through a resistance: V/R e^(−t/RC); it loses ½CV² in R whatever R is, and ∫i² dt = CV²/2R.
    The capacitor's own resistance and all inductance are left out, so the peak errs high.

    Parameters
    ----------
    voltage_v : float
        V.
    capacitance_f : float
        F.
    loop_ohm : float
        Ω.

    Returns
    -------
    rush : Inrush
        Peak in A, energy in J, I²t in A²s.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> rush = inrush(36.0, 1e-3, 0.1)  # V/R, CV²/2, CV²/2R
    >>> round(rush.peak_a, 3), round(rush.energy_j, 3), round(rush.i2t_a2s, 3)
    (360.0, 0.648, 6.48)
    """
    if capacitance_f <= 0:
        return Inrush(0.0, 0.0, 0.0, 0.0)
    energy = 0.5 * capacitance_f * voltage_v**2
    return Inrush(voltage_v / loop_ohm, loop_ohm * capacitance_f, energy, energy / loop_ohm)


@frozen
class Precharge:
    """The resistor that takes the rush.

    Attributes
    ----------
    ohm : a preferred value.
    watt : the rating to take, of a wire-wound one.
    peak_a, peak_w, energy_j : at the first moment, and taken up in all.
    seconds : to 95 % of the voltage.
    left_v : what the contacts then still close on.
    watt_if_left : what it turns to heat if the load is switched on with only the resistor in the way; it
        burns.
    """

    ohm: float
    watt: float
    peak_a: float
    peak_w: float
    energy_j: float
    seconds: float
    left_v: float
    watt_if_left: float


def preferred(ohm: float) -> float:
    """Return the smallest preferred value (E12) not under `ohm`, Ω.

    Parameters
    ----------
    ohm : float
        Ω.

    Returns
    -------
    value : float
        Ω.

    References
    ----------
    .. [1] iec-60063

    Examples
    --------
    >>> round(preferred(101.0), 6), round(preferred(0.82), 6)
    (120.0, 0.82)
    """
    decade = 10.0 ** (ceil(log10(ohm)) - 2)
    for power in (decade, decade * 10):
        for value in E12:
            if value * power >= ohm * (1 - 1e-9):
                return value * power
    return 100 * decade


def precharge(voltage_v: float, capacitance_f: float) -> Precharge | None:
    """Return the resistor for precharging `capacitance_f` at `voltage_v`; None where there is nothing to
    charge.

    Three time constants in about a second; never so small that more than 2 A flow. The resistor takes up
    ½CV², the energy the capacitors are charged with (the other half of CV²).

    Parameters
    ----------
    voltage_v : float
        V.
    capacitance_f : float
        F.

    Returns
    -------
    resistor : Precharge or None
        Ω, W and s.

    References
    ----------
    .. [1] common-practice
    .. [2] iec-60063

    Examples
    --------
    >>> precharge(36.0, 0.0) is None
    True
    """
    if capacitance_f <= 0 or voltage_v <= HARMLESS_V:
        return None
    ohm = preferred(max(SECONDS / (3 * capacitance_f), voltage_v / 2.0))
    energy = 0.5 * capacitance_f * voltage_v**2
    seconds = 3 * ohm * capacitance_f
    asked = energy / max(seconds, 0.1) / PULSE * 3
    watt = next((w for w in WATTS if w >= max(asked, 0.5)), WATTS[-1])
    return Precharge(
        ohm,
        watt,
        voltage_v / ohm,
        voltage_v**2 / ohm,
        energy,
        seconds,
        voltage_v * exp(-3),
        voltage_v**2 / ohm,
    )
