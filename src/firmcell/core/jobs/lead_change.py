"""The work plan of a lead change: a finished, always-live pack, one conductor at a time, the other
covered."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import (
    amperes,
    millimetres,
    volts,
)
from firmcell.core.jobs.before_after import Compared, leads_compared
from firmcell.core.jobs.cautions import lead_joint
from firmcell.core.jobs.passport import leads_handed_over
from firmcell.core.jobs.plan import LEADS_STAGES, JobPlan, PageSection, Subject, leads_picture, leads_plate
from firmcell.core.jobs.readings import READS
from firmcell.core.jobs.wiring_steps import ids
from firmcell.core.leads.lead_change import ChangedLead, changed_lead, pole_order
from firmcell.core.leads.soldering import TOUCH_K, held_straight
from firmcell.core.model.design import Design, Flux
from firmcell.core.model.job_details import JobKind, TakeOff
from firmcell.core.model.limits import PACK_SPREAD_V, TOUCH_LIMIT_V
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import CellForm, Contact
from firmcell.core.pictures.lead import LeadEnd, LeadWay
from firmcell.core.records.areas import ENDS, end_area
from firmcell.core.records.step import Step
from firmcell.core.rules.table import ALL_TOPICS, COMMON_PRACTICE, Hit, RuleTable, Topic
from firmcell.core.wiring.graph import Edge

OWN = RuleTable()

SIGN = {"plus": "+", "minus": "−"}


def lead_change_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of changing the connector in order; every one says which end is live."""
    return tuple(step for part in (_before, _ready, _poles, _after) for step in part(d, a))


def _before(d: Design, a: Analysis) -> Iterator[Step]:
    bare = d.lead_change.take_off is TakeOff.BARE
    old = (
        "the bare ends, one uncovered at a time"
        if bare
        else d.lead_change.old_connector.name
        if d.lead_change.old_connector
        else "the old connector"
    )
    yield Step(
        "lead-change-unplug",
        "Before",
        "Nothing on the pack",
        "Unplug load and charger. The pack stays live whatever is done: it cannot be switched off. Bring it to storage charge first: "
        "what a slip can do is less then.",
        cautions=("Rings, watch and bracelets off. Fire plan ready: sand or water by, a non-burning bench.",),
        records=("checked",),
        checks=(
            "Load unplugged",
            "Charger unplugged",
            "Pack at storage charge",
            "Balance plug covered and tied out of the way",
            "Rings and watch off",
            "Nothing conducting under the work",
        ),
        hold=True,
    )
    yield Step(
        "lead-change-mark",
        "Before",
        "Find plus with the meter and mark it",
        f"Measure at {old}. Tie tape marked + to the wire that is plus, at the pack{'' if bare else ', and mark both sides of the old body'}. Colours of "
        "wires are no proof.",
        records=("polarity-reading",),
        expected=f"{READS} with red on plus",
        probes=("B0", f"B{d.series}"),
        any_charge=True,
        refs=("lead:plus", "lead:minus"),
        hold=True,
    )


def _ready(d: Design, a: Analysis) -> Iterator[Step]:
    lead, new = changed_lead(d), d.leads.connector
    sleeve = lead.work.sleeve
    sleeves = (
        f"two pieces of {sleeve.words}, {millimetres(sleeve.cut_m)} each"
        if sleeve
        else "sleeve that goes on before the contact"
    )
    sink = (
        f" Clamp a heat sink on the wire: the pack's end would warm by {lead.work.far_rise_k:.0f} K."
        if lead.work.far_rise_k > TOUCH_K
        else ""
    )
    flux = " Rosin flux by." if d.leads.flux is Flux.EXTRA else ""
    yield Step(
        "lead-change-ready",
        "Before",
        "Everything within reach before the first cut",
        f"{new.name}, {new.pack_half}, clamped so that it cannot skid. {held_straight(new)} "
        f"{lead.work.iron_class_w} W iron, wide tip, {sleeves}, {d.leads.alloy.value}.{flux} Covers for two wire ends.{sink}",
        cautions=()
        if new.loose_contacts
        else ("The mate in the new connector must be connected to nothing.",),
        records=("checked",),
        checks=(
            "Jig for the contacts at hand" if new.loose_contacts else "Mate unconnected",
            *(("Cap on the wires, or at hand for the first",) if new.loose_contacts else ()),
            "Connector clamped",
            "Sleeves cut and at hand",
            "Covers for both wire ends at hand",
            "Iron hot, tip tinned",
        ),
        refs=("connector",),
        hold=True,
    )


def _poles(d: Design, a: Analysis) -> Iterator[Step]:
    """Each pole in turn: off, on, sleeved, before the other is touched."""
    lead, order = changed_lead(d), pole_order(d)
    over = (f"Over {TOUCH_LIMIT_V:g} V: gloves and covers.",) if a.pack.voltage_full_v > TOUCH_LIMIT_V else ()
    short = f"A slip that bridges both shorts the pack: about {amperes(a.pack.short_circuit_a)}."
    for pole, other in (order, order[::-1]):
        first = pole == order[0]
        live = f"Live now: the {pole} wire's end, against the {other} wire and everything joined to it."
        yield _off(d, lead, pole, other, first, live, (short, *over))
        if any(e.end == "fuse.a" for e in _wires_of(a, pole)):
            yield _fuse_in(d, a, pole, live)
        yield _on(d, a, lead, pole, first, live, over)
        yield _sleeved(pole, other, first)


def _off(
    d: Design, lead: ChangedLead, pole: str, other: str, first: bool, live: str, cautions: tuple[str, ...]
) -> Step:
    where_other = (
        "still whole in the old connector and covered" if first else "already in the new connector, sleeved"
    )
    if d.lead_change.take_off is TakeOff.BARE:
        title = f"Uncover the {pole} wire only"
        do = (
            f"Take the cover off the {pole} wire and trim {millimetres(lead.lost_m)} of tarnished strand. The {other} wire is "
            f"{'covered' if first else 'already in the new connector, sleeved'}."
        )
        caution = "Two bare ends of a live pack: never both uncovered."
    elif d.lead_change.take_off is TakeOff.CUT:
        title = f"Cut the {pole} wire only"
        do = (
            f"Cut {millimetres(lead.lost_m)} from its end, behind the old body. The {other} wire is {where_other}. Cover the "
            "end at once, fold the other back."
        )
        caution = "Never both wires in one cut: the cutter itself is the short."
    else:
        title = f"Unsolder the {pole} wire only"
        do = (
            f"Cover the {other} contact with polyimide tape, then lift the {pole} wire out of its cup and trim the end. The "
            f"{other} wire is {where_other}."
        )
        caution = "The iron must not bridge both contacts: they are live to each other."
    return Step(
        f"lead-off-{pole}",
        f"{pole.capitalize()} wire",
        title,
        f"{do} {live}",
        cautions=(caution, *cautions),
        records=("checked",),
        checks=(
            f"Only the {pole} wire is free",
            f"The {other} wire is covered",
            "The free end is covered until it is worked",
        ),
        refs=(f"lead:{pole}",),
        hold=True,
        opens=(end_area(f"lead.{'+' if pole == 'plus' else '-'}"),),
    )


def _wires_of(a: Analysis, pole: str) -> list[Edge]:
    sign = "+" if pole == "plus" else "-"
    return [e for e in a.wiring.wires if e.id.startswith(f"main.{sign}")]


def _fuse_in(d: Design, a: Analysis, pole: str, live: str) -> Step:
    fuse = d.leads.fuse
    assert fuse is not None
    return Step(
        f"lead-fuse-{pole}",
        f"{pole.capitalize()} wire",
        f"The fuse into the {pole} wire",
        f"{fuse.name}, {millimetres(d.leads.fuse_at_m)} from the pack: cut, strip, sleeves on, join the pack's side first and sleeve it, then the "
        f"load's side. {live}",
        **lead_joint(
            "solder-joint", "The fuse itself stays out of its holder until the connector is on.", covered=True
        ),
        expected="both joints smooth, tug holds, no bare metal",
        refs=(f"lead:{pole}", "fuse"),
        wires=ids([e for e in _wires_of(a, pole) if e.end == "fuse.a"]),
        hold=True,
    )


def _on(
    d: Design, a: Analysis, lead: ChangedLead, pole: str, first: bool, live: str, over: tuple[str, ...]
) -> Step:
    heat_first = "wire and cup together" if d.leads.connector.contact is Contact.BULLET else "the cup first"
    latch = (
        f"Push it into the place marked {SIGN[pole]} until it latches, and tug. "
        if d.leads.connector.loose_contacts
        else ""
    )
    return Step(
        f"lead-on-{pole}",
        f"{pole.capitalize()} wire",
        f"Solder the {pole} wire to the contact marked {SIGN[pole]}",
        f"Sleeve on the wire first, {millimetres(lead.parked_m)} back. Strip {millimetres(lead.work.strip_m)}, tin wire and cup apart, cup half "
        f"full; heat {heat_first}, about {lead.work.seconds:.0f} s, then the wire in. Hold until it is solid. {latch}Sign moulded on the body "
        f"decides, not its colour. {live}",
        **lead_joint(
            "solder-joint",
            f"The other contact {'is empty' if first else 'is live'}: "
            + (
                "cover it, and keep this one in its jig."
                if d.leads.connector.loose_contacts
                else "keep the mate in and the iron on this side."
            ),
            *over,
            covered=True,
            cap=d.leads.connector.loose_contacts,
        ),
        expected="wire bottomed in the cup, strands in outline, insulation up to the cup, body not distorted",
        refs=(f"lead:{pole}", "connector"),
        wires=ids([e for e in _wires_of(a, pole) if e.end != "fuse.a"]),
        hold=True,
    )


def _sleeved(pole: str, other: str, first: bool) -> Step:
    return Step(
        f"lead-sleeve-{pole}",
        f"{pole.capitalize()} wire",
        f"Sleeve the {pole} joint",
        f"Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle. Only then the {other} wire."
        if first
        else "Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle.",
        cautions=("Hot air away from the cells.",),
        records=("checked",),
        checks=("No bare metal outside the sleeve", "Sleeve grips wire and cup", "Body not distorted"),
        refs=(f"lead:{pole}",),
        hold=True,
        covers=(ENDS,),
    )


def _after(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "lead-change-polarity",
        "Prove",
        "Polarity by meter before the first mating",
        "Take the mate out. Red probe into the contact marked +, black into −, without touching both with one probe.",
        cautions=("A probe tip that slips across shorts the pack.",),
        records=("polarity-reading",),
        expected=f"the same as before, {READS}",
        probes=("load.-", "load.+"),
        any_charge=True,
        same_as="lead-change-mark",
        spread_v=PACK_SPREAD_V,
        refs=("connector",),
        hold=True,
    )
    yield Step(
        "lead-change-mate",
        "Prove",
        "The mate on the load, then mate once",
        "The load's half is changed dead, with its own capacitors discharged. Check its plus by the load's marking, not by the old plug. "
        "Pull on the bodies, never on the wires.",
        records=("checked",),
        checks=(
            "Load's half: plus by its marking",
            "Mated without force",
            "Both joints tugged once more",
            "Key fits one way only",
        ),
        refs=("connector",),
        hold=True,
    )
    yield Step(
        "lead-change-load",
        "Prove",
        "A minute under load",
        f"Load it with about {amperes(d.brief.current_steady_a)} and feel the connector and both joints.",
        cautions=("A joint that warms more than its neighbour is done again.",),
        records=("checked",),
        checks=("Connector no warmer than the hand bears", "Both joints alike"),
        refs=("connector",),
        hold=True,
    )


@OWN.rule(
    "LC-1",
    Stage.LEADS,
    Severity.STOP,
    source="lengths of the lead",
    reason="A lead that is too short is pulled on, and the pull lands on the pack's joints.",
)
def lead_too_short(s: Situation) -> Iterator[Hit]:
    """After the change the lead does not reach any more."""
    lead, job = changed_lead(s.design), s.design.lead_change
    if not lead.reaches:
        yield Hit(
            f"The change takes {millimetres(lead.lost_m)}; {millimetres(max(lead.left_m, 0.0))} are left and {millimetres(job.reach_m)} "
            "must be reached: unsolder instead, or splice longer wire on first.",
            ("lead:plus", "lead:minus"),
        )


@OWN.rule(
    "LC-2",
    Stage.LEADS,
    Severity.ATTENTION,
    source="conduction along copper, half-infinite rod (Carslaw and Jaeger)",
    reason="A sleeve that shrinks where it waits does not slide over the joint any more, and one begins again.",
)
def no_room_for_sleeve(s: Situation) -> Iterator[Hit]:
    """The sleeve cannot wait far enough from the heat."""
    lead = changed_lead(s.design)
    if not lead.sleeve_can_wait:
        yield Hit(
            f"Sleeve and cup want {millimetres(lead.needed_m)} of wire (the sleeve waits {millimetres(lead.parked_m)} from the joint); "
            f"{millimetres(max(lead.left_m, 0.0))} are left: clamp a heat sink between, or hold it back with a wet cloth.",
            ("lead:plus",),
        )


@OWN.rule(
    "LC-3",
    Stage.LEADS,
    Severity.STOP,
    source="conduction along copper, half-infinite rod (Carslaw and Jaeger)",
    reason="A cell or pouch tab that is heated through its lead is harmed where nobody sees it.",
)
def heat_reaches_the_cell(s: Situation) -> Iterator[Hit]:
    """Soldering heat reaches cells or tabs through what is left of the lead."""
    rise = changed_lead(s.design).work.far_rise_k
    pouch = s.design.cell.form is CellForm.POUCH
    if rise > (TOUCH_K / 2 if pouch else TOUCH_K):
        yield Hit(
            f"Soldering warms the pack's end of the lead by up to {rise:.0f} K{' at a pouch tab' if pouch else ''}: clamp a heat sink "
            "on the wire, use a stronger iron for a shorter time, or crimp.",
            ("lead:plus", "lead:minus"),
        )


@OWN.rule(
    "LC-4",
    Stage.LEADS,
    Severity.ATTENTION,
    source="what is entered",
    reason="Its polarity, cup and pins decide how it comes off.",
)
def old_connector_unknown(s: Situation) -> Iterator[Hit]:
    """The connector that comes off is not named."""
    job = s.design.lead_change
    if job.old_connector is None and job.take_off is not TakeOff.BARE:
        yield Hit("Which connector comes off is not entered.", ("connector",))


@OWN.rule(
    "LC-5",
    Stage.LEADS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="The iron can bridge both contacts of the old connector, which are live to each other.",
)
def unsoldering_live(s: Situation) -> Iterator[Hit]:
    """Unsoldering both contacts of a live connector close together."""
    d = s.design
    old = d.lead_change.old_connector
    if d.lead_change.take_off.value.startswith("unsoldered") and old and old.contact_size_m < 0.004:
        yield Hit(
            f"Unsoldering {old.name} keeps the iron {millimetres(2 * old.contact_size_m)} from the other live contact: cut instead, or cover "
            "that one with polyimide tape first.",
            ("connector",),
        )


class LeadChangeReport(Frozen):
    """What is left of a lead after its connector is changed."""

    left_m: float
    lost_m: float
    sleeve_waits_m: float
    needed_m: float
    reaches: bool
    sleeve_can_wait: bool


def _report(design: Design, library: PartLibrary) -> LeadChangeReport:
    lead = changed_lead(design)
    return LeadChangeReport(
        left_m=lead.left_m,
        lost_m=lead.lost_m,
        sleeve_waits_m=lead.parked_m,
        needed_m=lead.needed_m,
        reaches=lead.reaches,
        sleeve_can_wait=lead.sleeve_can_wait,
    )


def _way(design: Design) -> LeadWay:
    return LeadWay(begins=LeadEnd.PACK)


def _live(d: Design, a: Analysis, library: PartLibrary) -> str:
    return (
        f"always: up to {volts(a.pack.voltage_full_v)}, a slip drives about {amperes(a.pack.short_circuit_a)}"
    )


def _left(d: Design, a: Analysis, library: PartLibrary) -> str:
    lead = changed_lead(d)
    return f"{millimetres(max(lead.left_m, 0.0))} of each wire; the change takes {millimetres(lead.lost_m)}"


def _waits(d: Design, a: Analysis, library: PartLibrary) -> str:
    lead = changed_lead(d)
    room = (
        "there is room"
        if lead.sleeve_can_wait
        else f"{millimetres(lead.needed_m)} of wire are wanted: heat sink or wet cloth"
    )
    return f"{millimetres(lead.parked_m)} from the joint; {room}"


def _far_end(d: Design, a: Analysis, library: PartLibrary) -> str:
    return f"warms by at most {changed_lead(d).work.far_rise_k:.0f} K while soldering"


def _first_edits(design: Design) -> tuple[tuple[str, object], ...]:
    """What is on a pack that is there comes off."""
    return () if design.existing is None else (("lead_change.old_connector", design.leads.connector),)


def _as_it_was(d: Design) -> Design | None:
    """The leads with the connector that comes off, for the comparison."""
    old = d.lead_change.old_connector
    if old is None:
        return None
    return d.with_edits(("leads.connector", old), ("leads.length_m", d.lead_change.wire_there_m))


def _worth(d: Design, a: Analysis) -> tuple[Compared, ...]:
    before = _as_it_was(d)
    return leads_compared(before, d, a) if before is not None else ()


PLAN = JobPlan(
    first_edits=_first_edits,
    worth=_worth,
    kind=JobKind.LEAD_CHANGE,
    closed=True,
    proposes=("lead_change.", "leads.connector", "leads.ends", "leads.length_m"),
    subject=Subject.LEADS,
    stages=LEADS_STAGES,
    own_steps=lead_change_steps,
    own=OWN,
    topics=ALL_TOPICS - {Topic.INSIDE, Topic.BUILT, Topic.NETWORK},
    sections={
        Stage.LEADS: (
            PageSection(
                "What is changed",
                tuple(f"lead_change.{n}" for n in ("old_connector", "take_off", "wire_there_m", "reach_m")),
            ),
            PageSection(
                "The pack as it is",
                ("cell", "series", "parallel"),
                (("Live", _live), ("Left", _left), ("Sleeve waits", _waits), ("Pack's end", _far_end)),
            ),
        )
    },
    lead_way=_way,
    picture=leads_picture(_way),
    plate=leads_plate,
    handed_over=leads_handed_over(),
    reported=_report,
    report_model=LeadChangeReport,
)
