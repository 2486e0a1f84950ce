"""Main leads from the strips to the load: drop, temperature, connector, fuse and the spark at plugging in."""

from functools import lru_cache
from typing import Any

import numpy as np
from pydantic import Field, computed_field

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.leads.connectors import allowed_current, contact_in_duty, contact_temperature
from firmcell.core.leads.fuse_rating import FuseFit, fit_fuse, least_rating
from firmcell.core.leads.insulation_class import like, smallest_bend
from firmcell.core.leads.precharge import inrush, precharge
from firmcell.core.leads.wire_duty import hottest_in_duty
from firmcell.core.leads.wire_rating import carriers, rated_current, working_temperatures
from firmcell.core.model.design import LeadEnds, Leads
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR, Duty, Supply
from firmcell.core.model.limits import CUP_SLACK
from firmcell.core.model.parts import FuseKind, Wire
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import COPPER_COEFFICIENT, PAIR_FACTOR, resistance_at, wire_temperatures
from firmcell.core.physics.wire_in_time import withstand_seconds

LEADS_TOGETHER = 2


@frozen
class Loop:
    """The loop outside the cells and their strips, as the wiring tells it.

    Attributes
    ----------
    metres : of main lead that the whole current passes; two side by side count as half of one, m.
    ohm : of contacts and fuse, Ω; tails of strip and their joints count with the strips.
    """

    metres: float
    ohm: float


@frozen
class GaugesAsk:
    """What the gauges of the part library are judged by: leads and loop as they would be wired, and the air
    round them, K."""

    wires: tuple[Wire, ...]
    leads: Leads
    loop: Loop
    duty: Duty
    ambient_k: float


class WireOption(Frozen):
    """One gauge for the main leads: what it allows and what it costs."""

    wire: str
    limit_a: float
    drop_v: float
    temperature_k: float
    peak_k: float
    fits_connector: bool
    good: bool


class WayFigures(Frozen):
    """What a current loses between the strips and a connector, the board's switch apart.

    Attributes
    ----------
    loop_ohm : of leads, contacts and fuse as wired, Ω.
    drop_v, heat_w : at its current.
    """

    loop_ohm: float
    drop_v: float
    heat_w: float


def way_figures(loop: Loop, wire: Wire, current_a: float, temperature_k: float) -> WayFigures:
    """Return what a current loses on its way through a loop.

    Parameters
    ----------
    loop : Loop
    wire : Wire
    current_a, temperature_k : float
        A; of the copper, K.

    Returns
    -------
    figures : WayFigures

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> round(way_figures(Loop(1.0, 0.001), WIRE, 5.0, 293.15).heat_w, 6)  # 25 A² through 11 mΩ
    0.275
    """
    ohm = loop_resistance(loop, wire, temperature_k)
    return WayFigures.model_construct(loop_ohm=ohm, drop_v=current_a * ohm, heat_w=current_a**2 * ohm)


class LeadFigures(Frozen):
    """Everything between the strips and the load.

    Attributes
    ----------
    wire_ohm : one lead, at its working temperature.
    loop_ohm : from the end of the strips to the load's connector and back: leads, contacts and fuse, as
        wired.
    limit_a : steady current the wire may carry by heat balance as it is laid; see `rated_current`.
    bend_m : smallest inside radius the wire may be laid with.
    connector_ruled_by : whether contact or wire sets what the connector carries.
    contact_k, contact_peak_k : temperature of its contacts at the steady current, and the highest in the
        duty.
    peak_rise_k : how much hotter than steadily the wire gets in the duty, by the transient of wire and
        insulation.
    inrush_a, inrush_i2t_a2s : first current into the load's empty capacitors, and what a fuse sees of it.
    precharge_ohm, precharge_w : resistor that takes the rush instead, and its rating; None where there is
        none.
    withstand_s : how long the wire survives the prospective short circuit.
    spark_j : energy of the load's capacitors at full voltage; the same is lost in the spark or resistor.
    """

    wire_ohm: float
    loop_ohm: float
    drop_steady_v: float
    drop_peak_v: float
    heat_steady_w: float
    limit_a: float
    temperature_k: float
    peak_rise_k: float
    contact_peak_k: float
    bend_m: float
    withstand_s: float
    connector_limit_a: float
    connector_margin: float
    connector_ruled_by: str
    contact_k: float
    wire_fits_cup: bool
    spark_j: float
    inrush_a: float
    inrush_i2t_a2s: float
    precharge_ohm: float | None
    precharge_w: float | None
    fuse: FuseFit | None
    fuse_least_a: float
    asked: GaugesAsk = Field(exclude=True)

    # Worked out when they are looked at: most edits are made where no list of gauges is shown.
    @computed_field  # type: ignore[prop-decorator]
    @property
    def options(self) -> tuple[WireOption, ...]:
        """Every gauge near the load, thinnest first."""
        return wire_options(self.asked)[0]

    @computed_field  # type: ignore[prop-decorator]
    @property
    def proposed_wire(self) -> str | None:
        """The smallest gauge that does it, or None."""
        return wire_options(self.asked)[1]

    @computed_field  # type: ignore[prop-decorator]
    @property
    def rules_gauge(self) -> str:
        """Which of current, fuse, peak or drop decided the proposed gauge."""
        return wire_options(self.asked)[2]


def prospective_short_circuit(full_v: float, source_ohm: float) -> float:
    """Return the current in A that a short at the leads may drive, on the safe side.

    Full voltage over the resistance of cells and strips, times `SHORT_CIRCUIT_FACTOR`: fuses must
    break it and wires withstand it, so it may be too high but not too low.

    Parameters
    ----------
    full_v : float
        V.
    source_ohm : float
        Ω.

    Returns
    -------
    current : float
        A.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> round(prospective_short_circuit(40.0, 0.1), 6)  # one and a half times 400 A
    600.0
    """
    return SHORT_CIRCUIT_FACTOR * full_v / source_ohm


def loop_resistance(loop: Loop, wire: Wire, temperature_k: float) -> float:
    """Return the resistance of the loop outside the pack.

    Parameters
    ----------
    loop : Loop
        Metres of lead, and what else is in the way.
    wire : Wire
    temperature_k : float
        Of the copper, K.

    Returns
    -------
    resistance : float
        Ω.

    References
    ----------
    .. [1] iec-60028

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> round(loop_resistance(Loop(1.0, 0.001), WIRE, 393.15), 6)  # 10 mΩ (1 + 0.00393 × 100) and 1 mΩ
    0.01493
    """
    per_metre = float(resistance_at(wire.resistance_ohm_per_m, temperature_k, COPPER_COEFFICIENT))
    return loop.metres * per_metre + loop.ohm


def _fits(leads: Leads, wire: Wire) -> bool:
    """Whether what goes into one cup goes in: each lug has its own wire, a plug's cup takes all of a pole."""
    wires = 1 if leads.ends is LeadEnds.STUDS else leads.parallel
    return wires * wire.area_m2 <= leads.outlet.wire_area_max_m2 * CUP_SLACK


@lru_cache(maxsize=64)
def _limits(wires: tuple[Wire, ...], limit_k: float, ambient_k: float, laying: WireLaying) -> Array:
    return rated_current(wires, limit_k, ambient_k, laying, LEADS_TOGETHER)


@lru_cache(maxsize=64)
def _temperatures(wires: tuple[Wire, ...], steady_a: float, ambient_k: float, laying: WireLaying) -> Array:
    if laying in (WireLaying.FREE, WireLaying.PAIR):
        return wire_temperatures(
            wires, steady_a / (PAIR_FACTOR if laying is WireLaying.PAIR else 1.0), ambient_k
        )
    return working_temperatures(wires, steady_a, ambient_k, laying, LEADS_TOGETHER)


@lru_cache(maxsize=64)
def wire_options(ask: GaugesAsk) -> tuple[tuple[WireOption, ...], str | None, str]:
    """Return every gauge judged, the name of the smallest good one, and what ruled the choice.

    A good one carries the least fuse that carries the load, so that a fuse can protect it, and stays within
    its insulation in every peak of the duty.
    """
    leads, duty, ambient_k = ask.leads, ask.duty, ask.ambient_k
    share = carriers(leads.parallel)
    steady_a = duty.lasting_a
    fuse_a = least_rating(duty, leads.fuse.construction if leads.fuse else FuseKind.BOLTED)
    options = []
    ruled = "current"
    proposed: str | None = None
    reasons: list[str] = []
    wires = tuple(sorted(like(ask.wires, leads.wire), key=lambda each: each.area_m2))
    limits = share * _limits(wires, leads.limit_k, ambient_k, leads.laying)
    temperatures = _temperatures(wires, steady_a / share, ambient_k, leads.laying)
    near = (limits >= steady_a * 0.25) & (limits <= steady_a * 8)
    wires = tuple(wire for wire, yes in zip(wires, near.tolist(), strict=True) if yes)
    hottest = (
        hottest_in_duty(wires, duty.over(share), ambient_k, leads.laying, LEADS_TOGETHER)
        if wires
        else np.zeros(0)
    )
    for wire, limit, temperature, peak_k in zip(
        wires, limits[near].tolist(), temperatures[near].tolist(), hottest.tolist(), strict=True
    ):
        drop = steady_a * loop_resistance(ask.loop, wire, min(temperature, wire.insulation_limit_k))
        fits = _fits(leads, wire)
        fails = [
            name
            for name, failed in (
                ("current", limit < steady_a),
                ("fuse", limit < fuse_a),
                ("peak", peak_k > wire.insulation_limit_k),
                ("drop", drop > leads.drop_limit_v),
            )
            if failed
        ]
        if not fails and fits and proposed is None:
            proposed, ruled = wire.name, reasons[-1] if reasons else "current"
        if fails:
            reasons.append(fails[0])
        options.append(
            WireOption.model_construct(
                wire=wire.name,
                limit_a=limit,
                drop_v=drop,
                temperature_k=temperature,
                peak_k=peak_k,
                fits_connector=fits,
                good=not fails and fits,
            )
        )
    return tuple(options), proposed, ruled if proposed else "nothing fits: see drop limit and connector"


def _temperature_of(
    wire: Wire, wires: tuple[Wire, ...], steady_a: float, ambient_k: float, laying: WireLaying
) -> float:
    """Usually it is one of the part library's, whose temperatures are worked out in one go."""
    known = tuple(sorted(like(wires, wire), key=lambda each: each.area_m2))
    known = known if wire in known else (wire,)
    return float(_temperatures(known, steady_a, ambient_k, laying)[known.index(wire)])


def _rush_ohm(leads: Leads, supply: Supply, loop_ohm: float) -> float:
    """What a rush meets: as quick as the first of a short, and the element of the fuse cold, so left out."""
    return supply.full_v / supply.short_a + loop_ohm - (leads.fuse.element_ohm if leads.fuse else 0.0)


def _plugging_in(leads: Leads, supply: Supply, loop_ohm: float, capacitance_f: float) -> dict[str, Any]:
    """The figures of the spark, and of the resistor that takes it instead."""
    rush = inrush(supply.full_v, capacitance_f, _rush_ohm(leads, supply, loop_ohm))
    resistor = precharge(supply.full_v, capacitance_f)
    return {
        "spark_j": rush.energy_j,
        "inrush_a": rush.peak_a,
        "inrush_i2t_a2s": rush.i2t_a2s,
        "precharge_ohm": resistor.ohm if resistor else None,
        "precharge_w": resistor.watt if resistor else None,
    }


def air_round(laying: WireLaying, ambient_k: float, inside_k: float) -> float:
    """The air that leads lie in.

    Parameters
    ----------
    laying : WireLaying
        How they lie where they are warmest.
    ambient_k, inside_k : float
        Air round the pack, and inside its insulation, K.

    Returns
    -------
    float
        K; that inside the insulation where they are laid in there, and never cooler than outside.

    References
    ----------
    Common practice, no source: a wire's rating counts for the air that the wire itself lies in.

    Examples
    --------
    >>> air_round(WireLaying.INSULATION, 298.15, 333.15), air_round(WireLaying.PAIR, 298.15, 333.15)
    (333.15, 298.15)
    """
    return max(inside_k, ambient_k) if laying is WireLaying.INSULATION else ambient_k


@lru_cache(maxsize=32)
def lead_figures(
    leads: Leads,
    loop: Loop,
    wires: tuple[Wire, ...],
    duty: Duty,
    supply: Supply,
    ambient_k: float,
    inside_k: float,
    load_capacitance_f: float,
) -> LeadFigures:
    """Return the figures of the main leads.

    Parameters
    ----------
    loop : Loop
        To the load's connector, from the wiring.
    duty, supply
        What flows, and what drives it: cells and strips, or another source.
    ambient_k, inside_k : float
        Air round the leads, and inside the pack's insulation, K; the latter counts for leads laid in there.
    load_capacitance_f : float
        Of the load, F; what rushes into it when it is plugged in.
    """
    wire, steady_a, peak_a = leads.wire, duty.steady_a, duty.peak_a
    around = air_round(leads.laying, ambient_k, inside_k)
    share = carriers(leads.parallel)
    limit = share * float(_limits((wire,), leads.limit_k, around, leads.laying)[0])
    temperature = _temperature_of(wire, wires, steady_a / share, around, leads.laying)
    hot = min(temperature, wire.insulation_limit_k)
    loop_ohm = loop_resistance(loop, wire, hot)
    fault, full_v = supply.short_a, supply.full_v
    peak_k = float(hottest_in_duty((wire,), duty.over(share), around, leads.laying, LEADS_TOGETHER)[0])
    allowed, rules_connector = allowed_current(leads.outlet, wire, ambient_k)
    return LeadFigures.model_construct(
        wire_ohm=leads.length_m * float(resistance_at(wire.resistance_ohm_per_m, hot, COPPER_COEFFICIENT)),
        loop_ohm=loop_ohm,
        drop_steady_v=steady_a * loop_ohm,
        drop_peak_v=peak_a * loop_resistance(loop, wire, min(peak_k, wire.insulation_limit_k)),
        heat_steady_w=steady_a**2 * loop_ohm,
        limit_a=limit,
        temperature_k=temperature,
        peak_rise_k=max(peak_k - temperature, 0.0),
        contact_peak_k=contact_in_duty(leads.outlet, duty, ambient_k),
        bend_m=smallest_bend(wire),
        withstand_s=withstand_seconds(wire.area_m2, fault, wire.insulation),
        connector_limit_a=allowed,
        connector_margin=allowed / duty.lasting_a,
        connector_ruled_by=rules_connector,
        contact_k=contact_temperature(leads.outlet, steady_a, ambient_k),
        wire_fits_cup=_fits(leads, wire),
        **_plugging_in(leads, supply, loop_ohm, load_capacitance_f),
        fuse=fit_fuse(leads.fuse, duty, limit, fault, full_v) if leads.fuse else None,
        fuse_least_a=least_rating(duty, leads.fuse.construction if leads.fuse else FuseKind.BOLTED),
        asked=GaugesAsk(wires, leads, loop, duty, around),
    )
