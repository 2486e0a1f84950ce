"""Rules on the charger's connector and its leads."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, square_millimetres, volts
from firmcell.core.leads.connectors import ConnectorAsk, fit_connector, mates, ranked_connectors
from firmcell.core.leads.fuse_rating import fit_fuse
from firmcell.core.leads.insulation_class import like
from firmcell.core.leads.wire_rating import rated_current
from firmcell.core.model.duty import Duty
from firmcell.core.model.limits import CUP_SLACK, TOUCH_LIMIT_V
from firmcell.core.model.parts import Connector, Fuse, Keying, Wire
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, Topic, rule
from firmcell.core.wiring.solved import passed

CHARGE_S = 3600.0
"""A charge lasts long enough to be steady, s."""
BOTH_LEADS = 2


def _ask(s: Situation, wire: Wire) -> ConnectorAsk:
    """What is asked of the charger's connector on leads of a wire."""
    d = s.design
    charge = d.charge_current_a
    return ConnectorAsk(charge, charge, s.analysis.pack.voltage_full_v, d.brief.ambient_max_k, wire)


def load_connectors(s: Situation) -> Iterator[Connector]:
    """What the load is plugged into: nothing where the leads end in lugs, or two connectors side by side."""
    leads = s.design.leads
    yield leads.outlet
    if leads.second_connector is not None:
        yield leads.second_connector


def charge_connectors(s: Situation) -> Iterator[Connector]:
    """Connectors of the part library that suit the charger and do not mate with the load's."""
    for fit in ranked_connectors(s.library.connectors, _ask(s, s.design.leads.to_charger)):
        part = fit.connector
        mated = any(mates(part, other) for other in load_connectors(s))
        if fit.fits and not fit.marks and part.contacts == 2 and not mated:
            yield part


def charge_fix(s: Situation) -> Fix | None:
    """A connector for the charger that suits its leads and mates with nothing of the load's."""
    part = next(charge_connectors(s), None)
    return Fix(f"Use a {part.name} for the charger", (("leads.charge_connector", part),)) if part else None


def _carries(s: Situation, wire: Wire) -> float:
    """What a wire may carry as a charger's lead, A."""
    leads, brief = s.design.leads, s.design.brief
    return float(rated_current((wire,), leads.limit_k, brief.ambient_max_k, leads.laying, BOTH_LEADS)[0])


def _fuse_for(s: Situation, wire: Wire) -> Fuse | None:
    """The smallest fuse that carries the charge, protects a wire and breaks the pack's short."""
    pack, limit = s.analysis.pack, _carries(s, wire)
    duty = Duty(s.design.charge_current_a, s.design.charge_current_a, CHARGE_S)
    for fuse in sorted(s.library.fuses, key=lambda f: (f.resettable, f.rating_a)):
        if fit_fuse(fuse, duty, limit, pack.short_circuit_a, pack.voltage_full_v).fits:
            return fuse
    return None


def _own_leads(s: Situation, connector: Connector) -> Fix | None:
    """The thinnest leads that a fuse of their own protects and the connector takes."""
    for wire in sorted(like(s.library.wires, s.design.leads.wire), key=lambda w: w.area_m2):
        if wire.area_m2 > connector.wire_area_max_m2 * CUP_SLACK:
            break
        fuse = _fuse_for(s, wire)
        if fuse is not None and not fit_connector(connector, _ask(s, wire)).stops:
            edits = (("leads.charge_wire", wire), ("leads.charge_fuse", fuse))
            return Fix(f"{wire.name} for the charger's leads, with a {fuse.name} of their own", edits)
    return None


@rule(
    "LE-19",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PACK_PLUG,),
    source="class values, as for the load's connector",
    reason="The charger's connector is as live as the load's, and for longer.",
)
def charge_connector_too_weak(s: Situation) -> Iterator[Hit]:
    """The charger's connector does not do what is asked of it."""
    d = s.design
    part = d.leads.charge_connector
    if part is None:
        return
    full = s.analysis.pack.voltage_full_v
    fit = fit_connector(part, _ask(s, d.leads.to_charger))
    if fit.stops:
        yield Hit(
            f"The charger's {part.name}: {'; '.join(fit.stops)}. {amperes(d.charge_current_a)} of charge flow.",
            ("connector",),
            _own_leads(s, part) or charge_fix(s),
        )
    elif part.keying is Keying.UNKEYED:
        severity = Severity.STOP if full > TOUCH_LIMIT_V else Severity.ATTENTION
        yield Hit(
            f"The charger's {part.name} can be mated backwards at {volts(full)}.",
            ("connector",),
            charge_fix(s),
            severity,
        )


@rule(
    "LE-23",
    Stage.LEADS,
    Severity.STOP,
    topics=(Topic.PACK_PLUG,),
    source="heat balance of an insulated wire; " + COMMON_PRACTICE,
    reason="The pack drives its whole short-circuit current into the charger's leads; the main fuse lets through more than they stand.",
)
def charge_leads_unprotected(s: Situation) -> Iterator[Hit]:
    """Leads of the charger too thin for its current, or for the fuse that is in their way."""
    d, leads = s.design, s.design.leads
    if "charge.+" not in s.analysis.wiring.by_id:
        return
    wire, carries = leads.to_charger, _carries(s, leads.to_charger)
    own = leads.charge_fuse
    on_the_way = {p.edge.id for p in passed(s.analysis.wiring, "charge.-", "charge.+")}
    fuse = own or (leads.fuse if "fuse" in on_the_way else None)
    if carries < d.charge_current_a:
        words = f"{wire.gauge} carries {amperes(carries)}; the charger gives {amperes(d.charge_current_a)}."
    elif fuse is None and wire.area_m2 >= leads.wire.area_m2:
        return  # No worse than the main leads, of which LE-7 speaks.
    elif fuse is None:
        words = f"The charger's leads of {square_millimetres(wire.area_m2)} have no fuse: a short in them burns them."
    elif fuse.rating_a > carries:
        words = (
            f"The {fuse.name} lets more through than the charger's {wire.gauge} carries, {amperes(carries)}."
        )
    elif fuse.voltage_dc_v < s.analysis.pack.voltage_full_v:
        words = f"The charger's {fuse.name} is not for {volts(s.analysis.pack.voltage_full_v)}."
    elif fuse.breaking_a < s.analysis.pack.short_circuit_a:
        words = f"The charger's {fuse.name} breaks {amperes(fuse.breaking_a)}; a short drives about {amperes(s.analysis.pack.short_circuit_a)}."
    else:
        return
    part = leads.charge_connector or leads.connector
    yield Hit(words, ("connector",), _own_leads(s, part))
