"""Rules on wire, connector and fuse."""

from collections.abc import Iterator
from dataclasses import replace

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, celsius, duration, figures, percent, square_millimetres, volts
from firmcell.core.leads.connectors import ConnectorAsk, ranked_connectors
from firmcell.core.leads.insulation_class import covered, like
from firmcell.core.leads.main_leads import Loop, wire_options
from firmcell.core.leads.soldering import heating_seconds
from firmcell.core.model.design import LeadEnds
from firmcell.core.model.limits import TOUCH_LIMIT_V
from firmcell.core.model.parts import Connector, Contact, Keying, Wire
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule
from firmcell.core.wiring.current_way import loop_of

HEAT_BALANCE = "heat balance of an insulated wire, Churchill and Chu, checked against NFPA 70 table 310.17"


LUGS_FROM_A = 60.0
"""From here on a lead may end in lugs on studs in place of a plug; engineering judgement."""
MOST_SIDE_BY_SIDE = 4
ABSURD_K = 673.15
"""Beyond this (400 °C) a temperature is not told in numbers: all that is left is that it burns."""
SPARK_J = 0.05
"""Spark energy from which contacts are visibly eaten; common practice, no source."""


def _wire_for(s: Situation, least_a: float) -> tuple[str, tuple[tuple[str, object], ...]] | None:
    """The smallest wire that carries `least_a` within the drop, in words and edits.

    With another connector if the present one's cup is too small for it.
    """
    wires = {w.name: w for w in like(s.library.wires, s.design.leads.wire)}
    for option in s.analysis.leads.options:
        if option.limit_a < least_a or option.drop_v > s.design.leads.drop_limit_v:
            continue
        if option.peak_k > s.design.leads.limit_k:
            continue
        wire = wires[option.wire]
        if option.fits_connector and s.analysis.leads.connector_margin >= 1:
            return wire.name, (("leads.wire", wire),)
        connector = _fitting_connector(s, wire)
        if connector is not None:
            return f"{wire.name} and a {connector.name}", (
                ("leads.wire", wire),
                ("leads.connector", connector),
                ("leads.ends", LeadEnds.PLUG),
            )
        if s.design.brief.duty.lasting_a < LUGS_FROM_A:
            continue
        # What no plug of the part library carries ends in lugs under nuts.
        return f"{wire.name} with lugs on studs", (("leads.wire", wire), ("leads.ends", LeadEnds.STUDS))
    enough = any(option.limit_a >= least_a for option in s.analysis.leads.options)
    if enough and s.design.brief.duty.lasting_a < LUGS_FROM_A:
        return None
    return _side_by_side(s, least_a)


def _side_by_side(s: Situation, least_a: float) -> tuple[str, tuple[tuple[str, object], ...]] | None:
    """One to four leads of each pole with lugs on studs, where no lead with a plug of the part library will
    do."""
    leads, present = s.design.leads, loop_of(s.analysis.wiring)
    for parallel in range(leads.parallel, MOST_SIDE_BY_SIDE + 1):
        tried = leads.model_copy(update={"parallel": parallel, "ends": LeadEnds.STUDS})
        contacts = 2 * (tried.outlet.contact_resistance_ohm - leads.outlet.contact_resistance_ohm)
        loop = Loop(present.metres * leads.parallel / parallel, max(present.ohm + contacts, 0.0))
        options, proposed, _ = wire_options(replace(s.analysis.leads.asked, leads=tried, loop=loop))
        limit = next((o.limit_a for o in options if o.wire == proposed), 0.0)
        if proposed is not None and limit >= least_a:
            wire = next(w for w in like(s.library.wires, leads.wire) if w.name == proposed)
            many = f"{parallel} leads of {wire.name} for each pole" if parallel > 1 else wire.name
            return f"{many} with lugs on studs", (
                ("leads.wire", wire),
                ("leads.parallel", parallel),
                ("leads.ends", LeadEnds.STUDS),
            )
    return None


def _proposed_wire(s: Situation) -> Fix | None:
    found = _wire_for(s, max(s.design.brief.duty.lasting_a, s.analysis.leads.fuse_least_a))
    if found is None or found[1] == (("leads.wire", s.design.leads.wire),):
        return None
    return Fix(f"Use {found[0]}", found[1])


def _fitting_connector(s: Situation, wire: Wire) -> Connector | None:
    """The smallest keyed, shrouded pair that carries the load and takes the wire."""
    brief = s.design.brief
    ask = ConnectorAsk(
        brief.duty.lasting_a,
        brief.current_peak_a,
        s.analysis.pack.voltage_full_v,
        brief.ambient_max_k,
        wire,
    )
    fits = (f for f in ranked_connectors(s.library.connectors, ask) if f.fits and not f.marks)
    return next((f.connector for f in fits if f.connector.contacts == 2), None)


def _better_connector(s: Situation) -> Fix | None:
    part = _fitting_connector(s, s.design.leads.wire)
    if part is not None and part != s.design.leads.connector:
        return Fix(f"Use a {part.name}", (("leads.connector", part), ("leads.ends", LeadEnds.PLUG)))
    # With a heavier wire a larger plug may do, or lugs.
    found = _wire_for(s, max(s.design.brief.duty.lasting_a, s.analysis.leads.fuse_least_a))
    return Fix(f"Use {found[0]}", found[1]) if found is not None else None


@rule(
    "LE-1",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.STEADY,),
    source=HEAT_BALANCE,
    reason="A lead this hot softens sleeve and connector, and burns the hand.",
)
def wire_too_thin(s: Situation) -> Iterator[Hit]:
    """Wire over its heat-balance limit."""
    f, duty = s.analysis.leads, s.design.brief.duty
    drawn = duty.lasting_a
    if drawn > f.limit_a:
        how = (
            f"{amperes(drawn)} is drawn"
            if drawn == duty.steady_a
            else f"{amperes(drawn)} is the mean square of what is drawn"
        )
        yield Hit(
            f"{s.design.leads.wire.gauge} carries {amperes(f.limit_a)} at {celsius(s.design.leads.limit_k)}; {how}"
            f"{_would_reach(f.temperature_k)}.",
            refs=("lead:plus", "lead:minus"),
            fix=_proposed_wire(s),
        )


def _would_reach(kelvin: float) -> str:
    """A temperature that means something; beyond that there is no number worth saying."""
    return f" (it would reach {celsius(kelvin)})" if kelvin < ABSURD_K else " (it would burn its insulation)"


@rule(
    "LE-22",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.STEADY,),
    source="transient of conductor and insulation with resistance that rises, checked against finite differences",
    reason="Insulation that is cooked once cracks later, where nobody looks.",
)
def wire_too_hot_in_the_peak(s: Situation) -> Iterator[Hit]:
    """A wire that the peaks of the brief heat past its insulation, or past what the design allows."""
    f, leads, duty = s.analysis.leads, s.design.leads, s.design.brief.duty
    hottest = f.temperature_k + f.peak_rise_k
    if duty.lasting_a > f.limit_a or f.peak_rise_k < 0.5:
        return
    again = f" every {duration(duty.every_s)}" if duty.every_s else ""
    peak = f"{amperes(duty.peak_a)} for {duration(duty.peak_s)}{again}"
    reaches = f"reaches {celsius(hottest)}" if hottest < ABSURD_K else "burns its insulation"
    if hottest > leads.wire.insulation_limit_k:
        yield Hit(
            f"{leads.wire.gauge} {reaches} in the peak of {peak}; its insulation stands {celsius(leads.wire.insulation_limit_k)}.",
            ("lead:plus", "lead:minus"),
            _proposed_wire(s),
        )
    elif hottest > leads.limit_k:
        yield Hit(
            f"{leads.wire.gauge} {reaches} in the peak of {peak}; {celsius(leads.limit_k)} is asked for.",
            ("lead:plus", "lead:minus"),
            _proposed_wire(s),
            Severity.ATTENTION,
        )


@rule(
    "LE-2",
    Stage.LEADS,
    Severity.ATTENTION,
    source="resistance at working temperature, both leads, contacts, fuse",
    reason="Voltage lost in the leads is lost to the load and warms the leads.",
)
def drop_too_large(s: Situation) -> Iterator[Hit]:
    """Drop over what is allowed."""
    f, limit = s.analysis.leads, s.design.leads.drop_limit_v
    if f.drop_steady_v > limit:
        yield Hit(
            f"The leads lose {volts(f.drop_steady_v)}; {volts(limit)} is allowed.", fix=_proposed_wire(s)
        )
    elif f.drop_peak_v > limit:
        yield Hit(
            f"At the peak the leads lose {volts(f.drop_peak_v)}; {volts(limit)} is allowed.",
            severity=Severity.NOTE,
        )


@rule(
    "LE-3",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PLUG,),
    source="class value, derated by ambient",
    reason="Overloaded contacts melt their housing, and then the poles can touch.",
)
def connector_overloaded(s: Situation) -> Iterator[Hit]:
    """Connector over its current or voltage."""
    brief, part, f = s.design.brief, s.design.leads.outlet, s.analysis.leads
    if not part.known:
        return  # EX-4 says so.
    if brief.duty.lasting_a > f.connector_limit_a:
        yield Hit(
            f"The connector carries {amperes(f.connector_limit_a)} at {celsius(brief.ambient_max_k)}, limited by {f.connector_ruled_by}; "
            f"{amperes(brief.duty.lasting_a)} is drawn.",
            ("connector",),
            _better_connector(s),
        )
    elif f.contact_peak_k > part.temperature_max_k:
        yield Hit(
            f"In the peak of {duration(brief.peak_duration_s)} the contacts reach {celsius(min(f.contact_peak_k, ABSURD_K))}"
            f"{' or more' if f.contact_peak_k > ABSURD_K else ''}; {celsius(part.temperature_max_k)} is what the body stands.",
            ("connector",),
            _better_connector(s),
        )
    elif brief.current_peak_a > part.current_peak_a:
        yield Hit(
            f"The connector takes {amperes(part.current_peak_a)} at the peak; {amperes(brief.current_peak_a)} "
            "is drawn.",
            ("connector",),
            _better_connector(s),
        )
    if s.analysis.pack.voltage_full_v > part.voltage_v:
        yield Hit(
            f"The connector is for {volts(part.voltage_v)}; the full pack gives "
            f"{volts(s.analysis.pack.voltage_full_v)}.",
            ("connector",),
            _better_connector(s),
        )


@rule(
    "LE-4",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PLUG,),
    source="class value of the cup",
    reason="Cut strands or a wire half outside the cup make a joint that lets go.",
)
def wire_too_thick_for_cup(s: Situation) -> Iterator[Hit]:
    """Wire does not go into the connector."""
    if not s.analysis.leads.wire_fits_cup and s.design.leads.outlet.known:
        wire, part = s.design.leads.wire, s.design.leads.outlet
        yield Hit(
            f"{wire.gauge} ({square_millimetres(wire.area_m2)}) does not fit the cup: it takes "
            f"{square_millimetres(part.wire_area_max_m2)}.",
            ("connector",),
            _better_connector(s) or _proposed_wire(s),
        )


@rule(
    "LE-5",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.PLUG,),
    source=COMMON_PRACTICE,
    reason="Plugged in backwards once, the load is destroyed or the pack is shorted through it.",
)
def connector_unkeyed(s: Situation) -> Iterator[Hit]:
    """Connector can be reversed."""
    if s.design.leads.outlet.keying is Keying.UNKEYED and s.design.leads.outlet.known:
        yield Hit("The connector can be mated backwards.", ("connector",), _better_connector(s))


@rule(
    "LE-6",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PACK_PLUG,),
    source=COMMON_PRACTICE,
    reason="A pack is always live: its contacts must not be touchable.",
)
def pack_half_bare(s: Situation) -> Iterator[Hit]:
    """Pack half has exposed contacts."""
    if not s.design.leads.outlet.pack_half_shrouded and s.design.leads.outlet.known:
        yield Hit("The half on the pack has exposed contacts.", ("connector",), _better_connector(s))


@rule(
    "LE-9",
    Stage.LEADS,
    Severity.NOTE,
    topics=(Topic.PLUG,),
    source="½CV²; " + COMMON_PRACTICE,
    reason="The spark eats the contacts at each mating.",
)
def spark(s: Situation) -> Iterator[Hit]:
    """Inrush into the load's capacitors."""
    energy = s.analysis.leads.spark_j
    if energy > SPARK_J and not s.design.leads.outlet.anti_spark:
        yield Hit(
            f"Plugging in charges the load's capacitors with {figures(energy)} J through the contacts: "
            f"use a spark-limiting connector, or precharge through {figures(s.analysis.leads.precharge_ohm or 0)} Ω, "
            f"{figures(s.analysis.leads.precharge_w or 0)} W.",
            ("connector",),
        )


@rule(
    "LE-10",
    Stage.LEADS,
    Severity.NOTE,
    topics=(Topic.INSIDE,),
    source=COMMON_PRACTICE,
    reason="Cells, strips and leads all warm with the square of the current.",
)
def large_loss(s: Situation) -> Iterator[Hit]:
    """Share of energy lost inside the pack."""
    p = s.analysis.pack
    share = p.sag_steady_v / p.voltage_nominal_v
    if share > 0.05:
        yield Hit(
            f"{percent(share)} of the voltage is lost inside at the steady current: "
            f"{figures(p.heat_steady_w)} W of heat in cells and strips."
        )


@rule(
    "LE-12",
    Stage.LEADS,
    Severity.ATTENTION,
    topics=(Topic.PACK_PLUG,),
    source=COMMON_PRACTICE,
    reason="Each adapter is two more pairs of contacts to warm, to come loose and to be made up with the poles exchanged.",
)
def adapter_chain(s: Situation) -> Iterator[Hit]:
    """Adapters between pack and load."""
    leads = s.design.leads
    if leads.adapters:
        lost = 2 * leads.outlet.contact_resistance_ohm * leads.adapters * s.design.brief.current_steady_a
        words = "An adapter" if leads.adapters == 1 else f"A chain of {leads.adapters} adapters"
        severity = Severity.NOTE if leads.adapters == 1 else Severity.ATTENTION
        yield Hit(
            f"{words} between pack and load loses {figures(lost * 1e3)} mV at the steady current; change the connector instead.",
            ("connector",),
            Fix("No adapter", (("leads.adapters", 0),)),
            severity,
        )


@rule(
    "LE-13",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PLUG,),
    source="60 V d.c., IEC 62368-1 ES1 limit (value from memory)",
    reason="Above it touching both contacts can hurt.",
)
def touchable_above_the_limit(s: Situation) -> Iterator[Hit]:
    """A bare or unkeyed connector on a pack of more than the touch limit."""
    full, part = s.analysis.pack.voltage_full_v, s.design.leads.outlet
    if full > TOUCH_LIMIT_V and (not part.pack_half_shrouded or part.contact is Contact.BULLET):
        yield Hit(
            f"The full pack gives {volts(full)}, over {volts(TOUCH_LIMIT_V)}: its connector must be one body with "
            "contacts out of reach of a finger.",
            ("connector",),
            _better_connector(s),
        )


@rule(
    "LE-17",
    Stage.LEADS,
    Severity.NOTE,
    topics=(Topic.PLUG,),
    source=COMMON_PRACTICE,
    reason="The insulation draws back or melts while the cup comes to heat, and bare copper is left.",
)
def insulation_melts_at_the_iron(s: Situation) -> Iterator[Hit]:
    """PVC on a wire that is soldered into a large cup."""
    wire = s.design.leads.wire
    if wire.insulation.startswith("PVC") and wire.area_m2 > 1.5e-6:
        silicone = covered(wire, "silicone", wire.conductor, wire.tinned)
        yield Hit(
            f"{wire.gauge} with {wire.insulation} is soldered for about {heating_seconds(wire.area_m2):.0f} s: the insulation "
            "draws back.",
            ("lead:plus",),
            Fix("Take silicone", (("leads.wire", silicone),)),
        )
