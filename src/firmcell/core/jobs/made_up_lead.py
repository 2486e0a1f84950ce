"""A lead by itself: extension, adapter, Y, splice, charge lead, or the load's half on a load's own wires."""

from collections.abc import Iterator, Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import amperes, volts
from firmcell.core.jobs.made_up_lead_steps import SPLICED, far_connector, half_words, made_up_lead_steps
from firmcell.core.jobs.parts_used import Used, Uses, fuses_used, sleeves_used, wires_used
from firmcell.core.jobs.passport import leads_handed_over
from firmcell.core.jobs.plan import LEADS_STAGES, JobPlan, PageSection, Subject, leads_picture, leads_plate
from firmcell.core.leads.connectors import ConnectorAsk, fit_connector, mates, ranked_connectors
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind, LeadForm
from firmcell.core.model.limits import FIRST_TOUCH_SPREAD_V
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Contact, Keying
from firmcell.core.pictures.lead import LeadEnd, LeadWay
from firmcell.core.records.step import MAKING, Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable, Topic

OWN = RuleTable()
# -- rules ----------------------------------------------------------------------------------------------


def _ask(s: Situation) -> ConnectorAsk:
    d = s.design
    return ConnectorAsk(
        d.brief.duty.lasting_a,
        d.brief.current_peak_a,
        d.made_up.source_v,
        d.brief.ambient_max_k,
        d.leads.wire,
    )


@OWN.rule(
    "MU-1",
    Stage.LEADS,
    Severity.STOP,
    source="class values, as for the near end",
    reason="A lead is as strong as the weaker of its ends.",
)
def far_end_too_weak(s: Situation) -> Iterator[Hit]:
    """The far connector does not do what flows."""
    part = s.design.made_up.far_connector
    if part is None:
        return
    fit = fit_connector(part, _ask(s))
    if fit.stops:
        better = next(
            (f.connector for f in ranked_connectors(s.library.connectors, _ask(s)) if f.fits and not f.marks),
            None,
        )
        fix = (
            Fix(f"Use {better.name} at the far end", (("made_up.far_connector", better),)) if better else None
        )
        yield Hit(f"Far end, {part.name}: {'; '.join(fit.stops)}.", ("connector",), fix)


@OWN.rule(
    "MU-2",
    Stage.LEADS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Whatever is plugged in first decides what is bare and live.",
)
def bare_end_can_be_live(s: Situation) -> Iterator[Hit]:
    """An end whose contacts stand bare while the other is plugged in."""
    d = s.design
    if d.made_up.form is LeadForm.CHARGE and far_connector(d).contact is Contact.BULLET:
        yield Hit(
            "The charger's end is bare bullets: with the pack's end plugged in first they are live and may touch. Charger first, always; better a covered plug.",
            ("connector",),
        )
    elif d.made_up.form not in (LeadForm.LOAD, LeadForm.CHARGE) and not far_connector(d).pack_half_shrouded:
        yield Hit(
            f"At the far end the contacts of {far_connector(d).name} are not covered: live as soon as the near end is plugged in.",
            ("connector",),
        )


@OWN.rule(
    "MU-3",
    Stage.LEADS,
    Severity.STOP,
    source="charge equalises through both packs' resistance: I = ΔV/(R1 + R2)",
    reason="Two packs on one lead are one parallel group, joined at whatever voltage each happens to have.",
)
def joins_two_packs(s: Situation) -> Iterator[Hit]:
    """A Y that puts two packs side by side; a stop where no fuse is in it."""
    d = s.design
    if d.made_up.form is not LeadForm.Y_LEAD or not d.made_up.joins_packs:
        return
    # By the first current into a short, which errs high.
    ohm = 2 * d.made_up.source_v / d.made_up.source_short_a + 2 * s.analysis.leads.loop_ohm
    tenth = FIRST_TOUCH_SPREAD_V * d.made_up.source_v / 4.2
    words = (
        f"It joins two packs: the same kind, within {volts(tenth)} of each other before the second is plugged in (1 V apart drives about "
        f"{amperes(1.0 / ohm)} from one into the other), and a fuse in each branch."
    )
    yield Hit(words, ("connector",), severity=None if d.leads.fuse is None else Severity.ATTENTION)


@OWN.rule(
    "MU-4",
    Stage.LEADS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="An adapter is plugged in by whoever finds it, with whatever it fits.",
)
def adapter_can_be_reversed(s: Situation) -> Iterator[Hit]:
    """An end that can be mated backwards, or both ends alike in what is called an adapter."""
    d = s.design
    ends = {d.leads.connector.name: d.leads.connector, far_connector(d).name: far_connector(d)}
    if d.made_up.form not in SPLICED:
        for part in ends.values():
            if part.keying is Keying.UNKEYED:
                yield Hit(
                    f"Of the ends, {part.name} can be mated backwards: mark plus on both halves, or take a keyed one.",
                    ("connector",),
                )
    if d.made_up.form is LeadForm.ADAPTER and mates(d.leads.connector, far_connector(d)):
        yield Hit("Both ends of the adapter are alike: choose the connector at the far end.", ("connector",))


# -- what is told of it ---------------------------------------------------------------------------------


def _way(design: Design) -> LeadWay:
    job = design.made_up
    begins = {LeadForm.SPLICE: LeadEnd.SPLICE, LeadForm.LOAD: LeadEnd.LOAD}.get(job.form, LeadEnd.NEAR_PLUG)
    return LeadWay(
        begins,
        LeadEnd.PLUG,
        to=f"to {far_connector(design).name}",
        far_part=job.far_connector,
        forked=job.form is LeadForm.Y_LEAD,
    )


def _ends(design: Design) -> tuple[str, str]:
    near = {LeadForm.SPLICE: "splice", LeadForm.LOAD: "the load's wires"}.get(
        design.made_up.form, design.leads.connector.name
    )
    return "Ends", f"{near} → {far_connector(design).name}"


def _halves(d: Design, a: Analysis, library: PartLibrary) -> str:
    near, far = half_words(d)
    return f"near: {near or 'wires that are there'}; far: {far}"


def _short(d: Design, a: Analysis, library: PartLibrary) -> str:
    return (
        "none: it is the load's"
        if d.made_up.supply is None
        else f"drives {amperes(d.made_up.source_short_a)}"
    )


class MadeUpLeadReport(Frozen):
    """A lead by itself."""

    form: LeadForm
    near: str
    far: str
    length_m: float


def _report(design: Design, library: PartLibrary) -> MadeUpLeadReport:
    return MadeUpLeadReport(
        form=design.made_up.form,
        near=design.leads.connector.name,
        far=far_connector(design).name,
        length_m=design.leads.length_m,
    )


def _first_edits(design: Design) -> tuple[tuple[str, object], ...]:
    return (
        ("made_up.source_v", design.series * design.cell.full_v),
        ("leads.length_m", 0.3),
        ("leads.fuse", None),
    )


def _uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """The wires, a connector for each end that gets one, the fuse."""
    yield from wires_used(d, a, steps)
    yield from sleeves_used(d, a, steps)
    for step in steps:
        if "connector" in step.refs and MAKING & set(step.records) and "minus" in step.code:
            far = step.code.startswith("far-")
            yield Used(step.code, "connector", (far_connector(d) if far else d.leads.connector).name, 1)
    yield from fuses_used(d, a, steps)


PLAN = JobPlan(
    kind=JobKind.MADE_UP_LEAD,
    subject=Subject.LEADS,
    stages=LEADS_STAGES,
    own_steps=made_up_lead_steps,
    uses=_uses,
    own=OWN,
    live=False,
    topics=frozenset({Topic.PLUG, Topic.STEADY, Topic.FUSE}),
    first_edits=_first_edits,
    sections={
        Stage.LEADS: (
            PageSection(
                "The lead and its ends",
                tuple(
                    f"made_up.{n}"
                    for n in (
                        "form",
                        "far_connector",
                        "source_v",
                        "source_short_a",
                        "same_coloured",
                        "spare_cores",
                        "joins_packs",
                    )
                ),
                (("Halves", _halves), ("A short of the source", _short)),
                words="The connector below is that of the near end: the one at the source, or at the pack of a charge lead. A branch of a Y may have to carry all of the current.",
            ),
        )
    },
    lead_way=_way,
    picture=leads_picture(_way),
    plate=leads_plate,
    handed_over=leads_handed_over(_ends),
    reported=_report,
    report_model=MadeUpLeadReport,
)
