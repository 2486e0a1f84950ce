"""A pack in a charger that is there: may it be charged in it, and what happens if it is.

Nickel is full when its voltage falls and it warms: what matters is the current that goes on after that, and
for how long. Lithium is full at a voltage: what matters is that this voltage is kept. A charger that knows no
voltage therefore never charges lithium.
"""

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.suitability import Judged
from firmcell.core.base.wording import amperes, figures, percent, volts
from firmcell.core.model.chemistry import Chemistry, resting_voltage
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd, HostCharger
from firmcell.core.model.parts import Cell

FOR_EVER_C = 0.05
"""Of its capacity an hour, what a full nickel cell bears for ever: common practice, as cells for permanent charge are rated
(IEC 61951-2, from memory)."""
SLOW_C = 0.1
"""The standard charge of a nickel cell, for 16 h (IEC 61951-2, from memory)."""
STANDARD_H = 16.0
CLOCK_ONLY_C = 0.3
"""Above it no clock alone ends a nickel charge: a full pack put in again boils. Engineering judgement."""
DROP_SEEN_C = {Chemistry.NIMH: 0.5, Chemistry.NICD: 0.3}
"""Below it the drop of a full cell may be too small to be seen; common practice, no source."""
SLOW_FACTOR, FAST_FACTOR, FAST_C = 1.6, 1.2, 0.5
"""Charge put in for charge held, at a tenth of the capacity an hour and at half of it; between them in proportion."""
OVER_FULL = 1.005
"""A lithium charger's voltage may be over that of full cells by so much: its own tolerance."""
MAINS = 1.10
"""Open voltage of an unregulated source on high mains over what was measured."""
WARM_FULL_V = 1.38
"""Of a nickel cell that is full and warm: it has fallen from its top, and a charger with a resistor then gives more. Generic class
value."""
SEEN_LOW_V = 0.9
"""Of a nickel cell that is empty as a charge begins."""
POINTS = 101


@frozen
class ChargeInHost(Judged):
    """What a host's charger does to a pack.

    Attributes
    ----------
    first_a, after_full_a : current at the beginning, and that which goes on once the pack is full, A; None
        where not known. Both at their worst.
    full_after_s : until an empty pack is full, s; None where it never is, or that is not known.
    filled : how full an empty pack is when the charge ends, 0 to 1; None where not known.
    """

    first_a: float | None
    after_full_a: float | None
    full_after_s: float | None
    filled: float | None


def charge_factor(rate_c: float) -> float:
    """Return the charge a nickel cell must be given for what it holds.

    Parameters
    ----------
    rate_c : float
        Current over capacity, 1/h.

    Returns
    -------
    factor : float
        1.6 up to a tenth of the capacity an hour, 1.2 from half of it on, in proportion between.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> charge_factor(0.1), charge_factor(0.5), round(charge_factor(0.3), 6)
    (1.6, 1.2, 1.4)
    """
    return float(np.interp(rate_c, (SLOW_C, FAST_C), (SLOW_FACTOR, FAST_FACTOR)))


def charge_in_host(
    charger: HostCharger, cell: Cell, series: int, parallel: int, has_board: bool
) -> ChargeInHost:
    """Return whether a pack may be charged in a charger that is there, and what happens if it is.

    Parameters
    ----------
    charger : HostCharger
        As far as it is known; what is not known counts against it.
    cell : Cell
        The cells that will be in the pack.
    series, parallel : int
        Groups in series, cells in parallel.
    has_board : bool
        Whether a board watches each group.

    Returns
    -------
    charge : ChargeInHost
        `stops` say why it is refused, `marks` what must be done or known.

    References
    ----------
    .. [1] iec-61951-2
    .. [2] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> old = HostCharger(end=ChargeEnd.CLOCK, current_a=0.2, clock_s=36_000.0)
    >>> charge_in_host(old, CELL, 3, 1, True).fits
    False
    """
    if charger.end is ChargeEnd.NOT_ENTERED:
        return _unknown("How the host charges is not entered: no charge in it before that is known.")
    if cell.chemistry.is_lithium:
        return _lithium(charger, cell, series, parallel, has_board)
    if not cell.known:
        return _unknown(
            "The cells are not known: no charge in the host before their chemistry and capacity are."
        )
    return _nickel(charger, cell, series, parallel)


def charged_in_host(design: Design) -> ChargeInHost:
    """Return what the host's charger does to the pack of a design; as `charge_in_host`."""
    return charge_in_host(
        design.host_charger, design.cell, design.series, design.parallel, design.bms.board is not None
    )


def _unknown(words: str) -> ChargeInHost:
    return ChargeInHost((words,), (), None, None, None, None)


def _amp_hours(cell: Cell, parallel: int) -> float:
    return cell.capacity_as / 3600 * parallel


# -- lithium ------------------------------------------------------------------------------------------------


def _lithium(charger: HostCharger, cell: Cell, series: int, parallel: int, has_board: bool) -> ChargeInHost:
    name = cell.facts.label
    if charger.end is not ChargeEnd.VOLTAGE:
        last = " The board's cut-off is the last line, and no charger." if has_board else ""
        return _unknown(
            f"{name} is never charged without voltage control: this charge ends by {charger.end.value}. It would go on into cells "
            f"that are full, until they vent.{last}"
            if charger.end is not ChargeEnd.UNKNOWN
            else f"{name} is never charged by what is not known: measure the charger's open voltage, find out how it ends, or use another."
        )
    if not cell.known:
        return _unknown(
            "The cells are not known: no charge before their chemistry is, by which the voltage goes."
        )
    filled, stops, marks = _by_voltage(charger, cell, series)
    greatest = cell.current_charge_a * parallel
    if charger.current_a is None:
        marks.append("Its current is not entered: measure it into a pack that is half empty.")
    elif charger.current_a > greatest * 1.001:
        stops.append(f"It gives {amperes(charger.current_a)}; the cells take {amperes(greatest)}.")
    if not has_board and not charger.charges_each and series > 1:
        marks.append(
            "Neither it nor a board sees each group: one may go past full while the sum is right. Balance it elsewhere."
        )
    if charger.stays_on:
        marks.append("It goes on holding the pack at full: take the pack off when it is full.")
    if stops or charger.current_a is None or filled is None:
        known = None if stops else filled
        return ChargeInHost(tuple(stops), tuple(marks), charger.current_a, 0.0, None, known)
    until: float | None = cell.capacity_as * parallel * filled / charger.current_a
    if until is not None and charger.clock_s is not None and until > charger.clock_s:
        filled *= charger.clock_s / until
        until = None
        marks.append(_ends_early(charger.clock_s, filled))
    return ChargeInHost((), tuple(marks), charger.current_a, 0.0, until, filled)


def _ends_early(clock_s: float, filled: float) -> str:
    return f"Its clock ends after {_hours(clock_s)}: an empty pack is then about {percent(filled)} full."


def _by_voltage(charger: HostCharger, cell: Cell, series: int) -> tuple[float | None, list[str], list[str]]:
    """How full the voltage of a charger leaves lithium cells, what forbids it and what is to be said."""
    full_v, empty_v = series * cell.full_v, series * float(resting_voltage(cell.chemistry, 0.05))
    if charger.open_v is None:
        return None, ["Its voltage is not entered: measure it with no pack on it."], []
    each = volts(charger.open_v / series)
    goes = f"It goes up to {volts(charger.open_v)}"
    if charger.open_v > full_v * OVER_FULL:
        return None, [f"{goes}, {each} a cell; {volts(cell.full_v)} is full. It overcharges every cell."], []
    if charger.open_v < empty_v:
        return None, [f"{goes}; even an empty pack has {volts(empty_v)}. It charges nothing."], []
    filled = _held_at(cell, charger.open_v / series)
    short = f"It ends at {each} a cell: about {percent(filled)} of the capacity, which the cells like."
    return filled, [], [short] if filled < 0.97 else []


def _held_at(cell: Cell, cell_v: float) -> float:
    """How full a lithium cell is once it rests at a voltage."""
    soc = np.linspace(0.0, 1.0, POINTS)
    if cell_v >= cell.full_v * 0.998:
        return 1.0
    return float(np.interp(cell_v, resting_voltage(cell.chemistry, soc), soc))


# -- nickel -------------------------------------------------------------------------------------------------


def _nickel(charger: HostCharger, cell: Cell, series: int, parallel: int) -> ChargeInHost:
    if charger.end is ChargeEnd.VOLTAGE:
        return _unknown(
            f"{cell.facts.label} is not full at a voltage: it falls when full. A charger that waits for one goes on into full cells, or never "
            "fills them."
        )
    first, over, full_after = _currents(charger, cell, series, parallel)
    if first is None or over is None:
        need = (
            "its open voltage and its resistor"
            if charger.end is ChargeEnd.RESISTOR
            else "its current (a meter in series, the pack half full)"
        )
        return ChargeInHost(
            (),
            (
                f"Measure {need}: how warm the pack gets when full is not known. Do not leave it alone till then.",
            ),
            first,
            over,
            None,
            None,
        )
    capacity = _amp_hours(cell, parallel)
    rate = over / capacity
    stops, marks = _after_full(charger, cell, rate, capacity, full_after)
    greatest = cell.current_charge_a * parallel
    if first > greatest * 1.001:
        stops.append(f"It begins with {amperes(first)}; the cells take {amperes(greatest)}.")
    filled = 1.0 if full_after is not None else None
    if full_after is None:
        marks.append(
            f"It does not fill the pack: near full nothing flows from {volts(charger.open_v or 0.0)}."
        )
    elif charger.clock_s is not None and charger.clock_s < 0.97 * full_after:
        filled = charger.clock_s / full_after
        marks.append(f"{_ends_early(charger.clock_s, filled)} {_hours(full_after)} would fill it.")
        full_after = None
    return ChargeInHost(tuple(stops), tuple(marks), first, over, full_after, filled)


def _currents(
    charger: HostCharger, cell: Cell, series: int, parallel: int
) -> tuple[float | None, float | None, float | None]:
    """Current at first and after full, both at their worst, and the time to full; None where not known."""
    capacity = _amp_hours(cell, parallel)
    if charger.end is not ChargeEnd.RESISTOR:
        if charger.current_a is None:
            return None, None, None
        hours = charge_factor(charger.current_a / capacity) * capacity / charger.current_a
        return charger.current_a, charger.current_a, hours * 3600
    if charger.open_v is None or charger.resistor_ohm is None:
        return None, None, None
    ohm = charger.resistor_ohm + series * cell.resistance_ohm / parallel
    high = charger.open_v * MAINS
    first = max(high - series * SEEN_LOW_V, 0.0) / ohm
    over = max(high - series * WARM_FULL_V, 0.0) / ohm
    # Charging voltage goes from that of an empty cell at rest up to full.
    soc = np.linspace(0.0, 1.0, POINTS)
    rest = resting_voltage(cell.chemistry, soc)
    flows = (charger.open_v - series * (rest + (cell.full_v - rest[-1]) * soc)) / ohm
    if flows.min() <= 0:
        return first, over, None
    factors = np.array([charge_factor(i / capacity) for i in flows])
    hours = float(np.trapezoid(factors * capacity / flows, soc))
    return first, over, hours * 3600


def _after_full(
    charger: HostCharger, cell: Cell, rate: float, capacity: float, full_after: float | None
) -> tuple[list[str], list[str]]:
    """What the current does that goes on once the pack is full; `rate` is it over the capacity, 1/h."""
    goes_on = _rate(rate, capacity)
    if charger.end is ChargeEnd.DROP:
        return _by_drop(charger, cell, rate)
    if charger.end is ChargeEnd.HEAT:
        return [], [
            "It ends by warmth: its sensor must lie on one of the new cells, in the middle of the pack, and the first charge is watched to its end."
        ]
    if charger.end is ChargeEnd.UNKNOWN and rate > SLOW_C * 1.001:
        return [
            f"What ends it is not known, and {goes_on} is too much for a full pack: find out what ends it, or use another charger."
        ], []
    if charger.end is ChargeEnd.UNKNOWN:
        return [], [
            f"What ends it is not known: {goes_on} goes on until somebody unplugs it. First charge watched; feel the pack every half hour."
        ]
    if rate <= FOR_EVER_C:
        return [], []
    if charger.clock_s is None:
        return _no_clock(cell, rate, goes_on, full_after)
    given = rate * charger.clock_s / 3600
    wanted = charge_factor(rate)
    if rate <= SLOW_C * 1.001 and charger.clock_s <= 1.25 * STANDARD_H * 3600:
        return [], []
    if rate > CLOCK_ONLY_C or given > 1.1 * wanted:
        return [
            f"After full {goes_on} goes on until the clock ends it ({_hours(charger.clock_s)}, {given:.1f} times the capacity): a pack put in again when "
            "full gets all of that as heat."
        ], []
    return [], [f"Only a clock ends {goes_on}: put it in empty, never twice in a row."]


def _no_clock(cell: Cell, rate: float, goes_on: str, full_after: float | None) -> tuple[list[str], list[str]]:
    hours = charge_factor(rate) / rate
    if rate > SLOW_C * 1.001:
        return [
            f"Nothing ends it: {goes_on} goes on into a full pack, until it is hot. It needs a clock of {hours:.0f} h, or another charger."
        ], []
    more = "; metal hydride bears less of it than cadmium" if cell.chemistry is Chemistry.NIMH else ""
    until = hours if full_after is None else full_after / 3600
    return [], [f"Nothing ends it: {goes_on} goes on. Unplug it after {until:.0f} h{more}."]


def _by_drop(charger: HostCharger, cell: Cell, rate: float) -> tuple[list[str], list[str]]:
    seen = DROP_SEEN_C[cell.chemistry]
    backed = charger.clock_s is not None and rate * charger.clock_s / 3600 <= 1.1 * charge_factor(rate)
    if rate < seen and not backed and rate > SLOW_C * 1.001:
        return [
            f"At {rate_words(rate)} the drop of {cell.facts.label.lower()} may not be seen ({rate_words(seen)} and more shows it), "
            "and no clock is behind it."
        ], []
    behind = "" if backed else " No clock is behind it: stay by it."
    return [], [f"That it sees the drop must be proven: watch the first charge to its end.{behind}"]


def _hours(seconds: float) -> str:
    return f"{figures(seconds / 3600, 2)} h"


def _rate(rate: float, capacity: float) -> str:
    return f"{amperes(rate * capacity)} ({rate_words(rate)})"


def rate_words(rate_c: float) -> str:
    """Return a current over the capacity, 1/h, as the trade says it: C/12, or 1.5 C."""
    return "nothing" if rate_c <= 0 else f"C/{1 / rate_c:.0f}" if rate_c < 0.7 else f"{figures(rate_c, 2)} C"
