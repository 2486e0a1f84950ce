"""The work plan of a made-up lead: sleeves first, both ends, cover, prove; nothing is live before the last
steps."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import amperes, figures, millimetres, plural, volts
from firmcell.core.jobs.cautions import NO_WAY_BACK
from firmcell.core.jobs.readings import READS
from firmcell.core.leads.soldering import held_straight, joint_sleeve, joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import LeadForm
from firmcell.core.model.parts import Connector
from firmcell.core.records.areas import ENDS
from firmcell.core.records.step import Step

SPLICED = (LeadForm.SPLICE, LeadForm.LOAD)
LAP_DIAMETERS = 4.0
"""Length over which two stripped ends are pushed into each other, wire diameters; common practice, no source."""
POLES = (("minus", "-", "−"), ("plus", "+", "+"))


def far_connector(d: Design) -> Connector:
    """Return the connector at the far end."""
    return d.made_up.far_connector or d.leads.connector


def made_up_lead_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of making up a lead in order; nothing is live until it is proven."""
    return tuple(step for part in (_begin, _near, _far, _covered, _proven) for step in part(d, a))


def _begin(d: Design, a: Analysis) -> Iterator[Step]:
    yield from _dead(d)
    yield _cut(d)
    yield _sleeves(d)


def _dead(d: Design) -> Iterator[Step]:
    job = d.made_up
    if job.form is LeadForm.LOAD:
        yield Step(
            "lead-dead",
            "Before",
            "The load unplugged and empty",
            "Unplug it from its pack. Its capacitors hold their voltage for minutes: measure, and empty them through a resistor. Find its plus by its own marking, "
            "not by the old plug, and mark that wire.",
            cautions=("A charged load sparks and can hurt as a pack does.",),
            records=("checked",),
            checks=("Nothing plugged in", "Reads under 2 V", "Plus wire marked by the load's own marking"),
            hold=True,
        )
    if job.form is LeadForm.SPLICE:
        yield Step(
            "lead-dead",
            "Before",
            "The wires that are there are dead",
            "Unplugged at their other end, where nothing can be plugged in meanwhile. A pack's own leads are never spliced both at once: one conductor at a time, the other covered.",
            cautions=("Wires of a pack stay live: then it is a lead change, one conductor at a time.",),
            records=("checked",),
            checks=("Unplugged, and kept so", "Plus marked"),
            hold=True,
        )


def _cut(d: Design) -> Step:
    job, leads = d.made_up, d.leads
    count = 2 * (2 if job.form is LeadForm.Y_LEAD else 1)
    alike = (
        " The cores look alike: trace each by continuity and mark both its ends, before anything is joined."
        if job.same_coloured
        else ""
    )
    spare = (
        f" {plural(job.spare_cores, 'thin wire')} beside them, each traced and numbered at both ends."
        if job.spare_cores
        else ""
    )
    return Step(
        "lead-cut",
        "Wire",
        "Cut, trace and mark the wires",
        f"{plural(count, 'piece')} of {leads.wire.gauge}, {figures(leads.length_m)} m each, all of one length.{alike}{spare}",
        records=("checked",),
        checks=(
            "Pieces of one length",
            "Plus marked at both ends",
            *(("Each core traced by continuity",) if job.same_coloured else ()),
        ),
        refs=("lead:plus", "lead:minus"),
        hold=job.same_coloured,
    )


def _sleeves(d: Design) -> Step:
    job, leads = d.made_up, d.leads
    sleeve = joint_work(leads.wire, far_connector(d), leads.length_m).sleeve
    words = (
        f"{sleeve.words}, {millimetres(sleeve.cut_m)} each"
        if sleeve
        else "sleeve that passes the contact and grips the wire"
    )
    caps = (
        " Caps of both connectors too."
        if leads.connector.loose_contacts or far_connector(d).loose_contacts
        else ""
    )
    over = (
        " The outer sleeve over everything goes on first of all."
        if job.form in SPLICED or job.spare_cores
        else ""
    )
    return Step(
        "lead-sleeves",
        "Wire",
        "Sleeves and caps on the wires, now",
        f"Sleeves on every wire, for both ends: {words}.{caps}{over} Push them to the middle, away from the heat.",
        cautions=(NO_WAY_BACK,),
        records=("checked",),
        checks=(
            "Sleeve for each joint on its wire",
            *(("Caps on",) if caps else ()),
            *(("Outer sleeve on",) if over else ()),
        ),
        refs=("lead:plus", "lead:minus"),
        hold=True,
    )


def _near(d: Design, a: Analysis) -> Iterator[Step]:
    job, leads = d.made_up, d.leads
    if job.form in SPLICED:
        yield from _spliced(d, a)
        return
    half = half_words(d)[0]
    work = joint_work(leads.wire, leads.connector, leads.length_m)
    for pole, sign, shown in POLES:
        both = (
            " Both wires of this pole go into the one cup, twisted together; if they do not fit, splice them first."
            if job.form is LeadForm.Y_LEAD
            else ""
        )
        yield Step(
            f"near-{pole}",
            "Near end",
            f"Near end, {pole}: into the contact marked {shown}",
            f"{leads.connector.name}, {half}. {held_straight(leads.connector)} Strip {millimetres(work.strip_m)}, tin wire and cup apart; {work.iron_class_w} W iron, about "
            f"{work.seconds:.0f} s.{both}",
            records=("solder-joint",),
            expected="wire bottomed in the cup, insulation up to the cup, tug holds",
            refs=(f"lead:{pole}", "connector"),
            begins=_wires(a, sign),
        )


def _spliced(d: Design, a: Analysis) -> Iterator[Step]:
    leads, job = d.leads, d.made_up
    lap = LAP_DIAMETERS * leads.wire.outer_diameter_m
    sleeve = joint_sleeve(leads.wire.outer_diameter_m, leads.wire.outer_diameter_m, lap)
    size = f"{sleeve.words}, {millimetres(sleeve.cut_m)}" if sleeve else "a sleeve"
    for pole, sign, _ in POLES:
        yield Step(
            f"splice-{pole}",
            "Splice",
            f"Splice {pole}: wire into wire",
            f"Strip {millimetres(lap)} of both, push the strands into each other, bind them flat, solder right round until it has run through. The other conductor's splice lies "
            f"{millimetres(2 * lap)} further along, so that the two never lie side by side. Then {size} over it, shrunk.",
            records=("solder-joint",),
            expected="no strand stands out, smooth all round, tug holds",
            refs=(f"lead:{pole}",),
            begins=_wires(a, sign),
        )
    if job.spare_cores:
        yield Step(
            "splice-spare",
            "Splice",
            f"The {plural(job.spare_cores, 'thin wire')}",
            "Number to number, each joint in a sleeve of its own, staggered along the lead.",
            records=("checked",),
            checks=(
                "Each number to its number",
                "Each joint sleeved",
                "None joined to another, by continuity",
            ),
            hold=True,
        )


def _far(d: Design, a: Analysis) -> Iterator[Step]:
    part, half = far_connector(d), half_words(d)[1]
    work = joint_work(d.leads.wire, part, d.leads.length_m)
    forked = d.made_up.form is LeadForm.Y_LEAD
    for number, prefix in enumerate(("main", "branch") if forked else ("main",), start=1):
        which = f" {number}" if forked else ""
        for pole, sign, shown in POLES:
            made = tuple(e.id for e in a.wiring.wires if e.id.startswith(f"{prefix}.{sign}"))
            yield Step(
                f"far-{pole}{number if forked else ''}",
                f"Far end{which}",
                f"Far end{which}, {pole}: into the contact marked {shown}",
                f"{part.name}, {half}. {held_straight(part)} Check with the meter that this wire is the one in the near end's {shown}, then strip "
                f"{millimetres(work.strip_m)}, tin both, {work.iron_class_w} W iron, about {work.seconds:.0f} s.",
                cautions=("Plus and minus exchanged here are found by whatever is plugged in first.",),
                records=("solder-joint",),
                expected="wire bottomed in the cup, insulation up to the cup, tug holds",
                refs=(f"lead:{pole}", "connector"),
                wires=made,
            )


def _covered(d: Design, a: Analysis) -> Iterator[Step]:
    fuse = d.leads.fuse
    if fuse is not None:
        yield Step(
            "lead-fuse",
            "Cover",
            "The fuse's holder in its lead",
            f"{fuse.name}, {millimetres(d.leads.fuse_at_m)} from the near end, both joints sleeved; the fuse itself in last of all.",
            records=("checked",),
            checks=("Both joints sleeved", "Holder closes"),
            refs=("fuse",),
        )
    caps = (" Push caps home.") if d.leads.connector.loose_contacts or far_connector(d).loose_contacts else ""
    yield Step(
        "lead-shrink",
        "Cover",
        "Slide the sleeves over, shrink them",
        f"Wipe flux while warm; over all bare metal, from the middle of each.{caps}",
        records=("checked",),
        checks=("No bare metal outside a sleeve", "Sleeves grip wire and cup", "Bodies not distorted"),
        refs=("connector",),
        hold=True,
        covers=(ENDS,),
    )


def _proven(d: Design, a: Analysis) -> Iterator[Step]:
    job = d.made_up
    yield Step(
        "lead-continuity",
        "Prove",
        "Continuity from end to end, nothing across",
        "Plus to plus and minus to minus at every end, by the signs on the bodies; none across. Wiggle the wires at both ends meanwhile.",
        records=("checked",),
        checks=(
            "Plus of each end joined to plus",
            "Minus to minus",
            "Nothing across, wiggled",
            "Mates at both ends without force",
        ),
        refs=("lead:plus", "lead:minus"),
        hold=True,
    )
    if job.form is LeadForm.LOAD:
        yield Step(
            "lead-first-power",
            "Prove",
            "First power",
            f"Read the pack's connector first: plus where this half has plus. Then plug in, hand by the plug. {_spark(a)}".strip(),
            cautions=("Plus and minus exchanged destroy the load at once.",),
            records=("checked",),
            checks=(
                "Pack's connector read, plus matches",
                "Load runs",
                "Connector no warmer than the hand bears",
            ),
            refs=("connector",),
            hold=True,
            powers=True,
        )
        return
    yield _polarity(d)
    yield Step(
        "lead-load",
        "Prove",
        "A minute under load",
        f"Load it with about {amperes(d.brief.current_steady_a)}; feel both ends and every joint.",
        cautions=("A joint that warms more than its neighbour is done again.",),
        records=("checked",),
        checks=("Both ends no warmer than the hand bears", f"It loses under {volts(d.leads.drop_limit_v)}"),
        refs=("connector",),
        hold=True,
    )


def _polarity(d: Design) -> Step:
    if d.made_up.form is LeadForm.CHARGE:
        return Step(
            "lead-polarity",
            "Prove",
            "Polarity by meter, charger first",
            "The charger's end first, always: with the pack's end in first the plugs at the charger are bare and live. Then read the pack's end: red into the contact "
            "marked +. Some chargers give nothing without a pack: then continuity, checked twice, is what there is.",
            cautions=("Never the pack's end into a pack while the other end lies open.",),
            records=("checked",),
            offers=("polarity-reading",),
            checks=("Charger's end was in first", "Pack's end reads plus on +, or continuity checked twice"),
            refs=("connector",),
            hold=True,
            powers=True,
        )
    return Step(
        "lead-polarity",
        "Prove",
        "Polarity by meter, through the lead",
        "Plug the near end into its source and read the far end: red into the contact marked +.",
        cautions=("From here on the far end is live: a probe that slips across shorts the source.",),
        records=("polarity-reading",),
        expected=f"up to {READS} with red on plus",
        probes=("load.-", "load.+"),
        refs=("connector",),
        hold=True,
        powers=True,
    )


def _spark(a: Analysis) -> str:
    if not a.leads.precharge_ohm:
        return ""
    return f"Its capacitors spark ({a.leads.spark_j:.1f} J): precharge through {a.leads.precharge_ohm:.0f} Ω."


def _wires(a: Analysis, sign: str) -> tuple[str, ...]:
    return tuple(e.id for e in a.wiring.wires if e.id.split(".")[1] == sign)


def half_words(d: Design) -> tuple[str, str]:
    """Return which half goes on the near and on the far end: whatever can be live with its mate off is the
    covered
    one."""
    near, far = d.leads.connector, far_connector(d)
    mate = f"the half that mates with {near.pack_half}"
    if d.made_up.form is LeadForm.LOAD:
        return "", f"the half that mates with {far.pack_half}"
    if d.made_up.form is LeadForm.CHARGE:
        return mate, "the half that the charger takes"
    if d.made_up.form is LeadForm.Y_LEAD and d.made_up.joins_packs:
        return near.pack_half, f"the halves that mate with {far.pack_half}"
    return mate, far.pack_half
