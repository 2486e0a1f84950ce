"""Which gauge to take: every wire of the part library against what is asked, in its duty."""

from collections.abc import Sequence

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.leads.wire_duty import hottest_each, turns_factor
from firmcell.core.leads.wire_rating import (
    published_figures,
    rated_current,
    time_constant,
    working_temperatures,
)
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import COPPER_COEFFICIENT, resistance_at
from firmcell.core.physics.wire_in_time import onderdonk_fusing, withstand_seconds


@frozen
class WireAsk:
    """What is asked of a wire.

    Attributes
    ----------
    current_a, peak_a, peak_s, every_s : steady, and a peak of that duration from the steady temperature,
        once or so often.
    length_m : of one conductor; the drop is that of both.
    drop_v : allowed over both.
    on_s, off_s : if it is on and off by turns; 0 off is steady.
    short_a : prospective short circuit, A; 0 leaves it out.
    """

    current_a: float
    length_m: float
    drop_v: float
    ambient_k: float
    limit_k: float = 353.15
    peak_a: float = 0.0
    peak_s: float = 0.0
    every_s: float | None = None
    laying: WireLaying = WireLaying.PAIR
    together: int = 2
    on_s: float = 0.0
    off_s: float = 0.0
    short_a: float = 0.0


@frozen
class WireRow:
    """One gauge against what is asked.

    Attributes
    ----------
    limit_a : steady, or by turns.
    temperature_k : of the conductor at the current asked; 773.15 is where it runs away.
    peak_k : the highest in the duty.
    drop_v, loss_w : over both conductors at working temperature.
    withstand_s, fusing_a : how long it withstands the short circuit; what melts bare copper in a second.
    fails : what it fails on: current, peak, drop; empty if it does.
    published : named figures of published tables for this gauge, A.
    """

    wire: Wire
    limit_a: float
    temperature_k: float
    peak_k: float
    drop_v: float
    loss_w: float
    time_constant_s: float
    withstand_s: float
    fusing_a: float
    fails: tuple[str, ...]
    published: tuple[tuple[str, float], ...]


def compare_wires(wires: Sequence[Wire], ask: WireAsk) -> tuple[WireRow, ...]:
    """Return every wire against `ask`, thinnest first.

    Raises
    ------
    Refusal
        If the current or length is not above zero, or the limit is not above the air's temperature.
    """
    if ask.current_a <= 0 or ask.length_m <= 0:
        raise Refusal("Current and length must be above zero.")
    if ask.limit_k <= ask.ambient_k:
        raise Refusal("The conductor's limit must be above the temperature of the air.")
    ordered = sorted(wires, key=lambda w: w.area_m2)
    steady = rated_current(ordered, ask.limit_k, ask.ambient_k, ask.laying, ask.together)
    constants = [time_constant(w, ask.limit_k, ask.ambient_k, ask.laying, ask.together) for w in ordered]
    factors = turns_factor(ordered, ask.limit_k, ask.ambient_k, ask.laying, ask.together, ask.on_s, ask.off_s)
    # By turns the wire is as warm as a steady current would make it that is less by that factor.
    current = ask.current_a / factors
    temperatures = working_temperatures(ordered, current, ask.ambient_k, ask.laying, ask.together)
    peaks = temperatures
    if ask.peak_a > 0:
        # A peak on top of turns starts from what the steady current of the same heat holds.
        peaks = hottest_each(
            tuple(ordered),
            current,
            np.full(len(ordered), ask.peak_a),
            ask.peak_s,
            ask.every_s,
            ask.ambient_k,
            ask.laying,
            ask.together,
        )
    return tuple(
        _row(wire, float(limit), kelvin, peak_k, constant, ask)
        for wire, limit, kelvin, peak_k, constant in zip(
            ordered, steady * factors, temperatures.tolist(), peaks.tolist(), constants, strict=True
        )
    )


def _row(
    wire: Wire, limit: float, temperature: float, peak_k: float, constant: float, ask: WireAsk
) -> WireRow:
    ohm_per_m = float(resistance_at(wire.resistance_ohm_per_m, temperature, COPPER_COEFFICIENT))
    drop = ask.current_a * ohm_per_m * ask.length_m * 2
    fails = []
    if limit < Duty(ask.current_a, max(ask.peak_a, ask.current_a), ask.peak_s, ask.every_s).lasting_a:
        fails.append("current")
    if ask.peak_a > 0 and peak_k > wire.insulation_limit_k:
        fails.append("peak")
    if drop > ask.drop_v:
        fails.append("drop")
    withstand = (
        withstand_seconds(wire.area_m2, ask.short_a, wire.insulation) if ask.short_a > 0 else float("inf")
    )
    return WireRow(
        wire,
        limit,
        temperature,
        peak_k,
        drop,
        ask.current_a * drop,
        constant,
        withstand,
        onderdonk_fusing(wire.area_m2, 1.0, ask.ambient_k),
        tuple(fails),
        published_figures(wire),
    )


def proposed(rows: Sequence[WireRow]) -> tuple[WireRow | None, str]:
    """Return the thinnest wire that fails on nothing and what ruled it: what the next thinner one fails
    on."""
    for number, row in enumerate(rows):
        if not row.fails:
            before = rows[number - 1].fails if number else ()
            return row, " and ".join(before) or "nothing: the thinnest does"
    return None, "nothing in the part library does"
