"""The work plan of machine leads: bullets between controller and motor, and the controller's input connector;
all of it dead."""

from collections.abc import Iterator, Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import (
    amperes,
    millimetres,
    square_millimetres,
)
from firmcell.core.jobs.cautions import lead_joint
from firmcell.core.jobs.parts_used import Used, Uses, joint_sleeves
from firmcell.core.jobs.passport import leads_handed_over
from firmcell.core.jobs.plan import LEADS_STAGES, JobPlan, PageSection, Subject, leads_picture, leads_plate
from firmcell.core.leads.soldering import held_straight, joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind, SleeveWhen
from firmcell.core.model.limits import CUP_SLACK
from firmcell.core.model.parts import Connector, Contact, Keying
from firmcell.core.pictures.lead import LeadEnd, LeadWay
from firmcell.core.records.step import Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable, Topic
from firmcell.core.wiring.other_wiring import PHASES

OWN = RuleTable()

STAGGER_M = 0.015
BARE_WINDINGS = "A motor with bare windings for leads: enamel is burnt or scraped off first, or the joint only looks good."


def machine_lead_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of fitting bullets and the input connector in order."""
    return tuple(step for part in (_dead, _bullets, _input, _prove) for step in part(d, a))


def _dead(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "machine-dead",
        "Before",
        "Pack unplugged, capacitors empty",
        "Unplug the pack and take it away from the bench. Measure across the controller's input: its capacitors hold their voltage for "
        "minutes. Discharge them through a resistor, not with a screwdriver.",
        cautions=("A charged controller sparks and can hurt as a pack does.",),
        records=("checked",),
        checks=("Pack is off the bench", "Input reads under 2 V", "Motor cannot turn by itself"),
        hold=True,
    )


def _bullets(d: Design, a: Analysis) -> Iterator[Step]:
    job = d.machine
    bullet = job.bullet or d.leads.connector
    work = joint_work(d.leads.wire, bullet, d.leads.length_m)
    sleeve = f"{work.sleeve.words}, {millimetres(work.sleeve.cut_m)}" if work.sleeve else "sleeve"
    when = (
        f"Sleeve on the wire first, far back ({sleeve})."
        if job.sleeve is SleeveWhen.BEFORE
        else f"The sleeve slides over the bullet afterwards ({sleeve}); try that with a bare bullet first."
    )
    for side in ("controller", "motor"):
        sex = "female" if (side == "controller") == job.female_on_controller else "male"
        # The far side runs the opposite way, or the difference would double when they are mated.
        than = "shorter" if side == "controller" else "longer"
        stagger = (
            f" Each wire {millimetres(STAGGER_M)} {than} than the one before{', the other way round than on the controller' if side == 'motor' else ''}, so that no two joints lie side by side and mated wires are of one length."
            if job.staggered
            else ""
        )
        for phase in range(1, job.phases + 1):
            yield Step(
                f"bullet-{side}-{phase}",
                f"Bullets on the {side}",
                f"{side.capitalize()} wire {phase}: {sex} bullet",
                f"{bullet.name}, {sex}. {when} Strip {millimetres(work.strip_m)}, tin, cup about half full, then the wire in; {work.iron_class_w} W "
                f"iron, about {work.seconds:.0f} s. Hold the bullet in a hole in a block of metal, its side hole towards the iron hand.{stagger if phase == 1 else ''}",
                **lead_joint(
                    "solder-joint",
                    *((BARE_WINDINGS,) if side == "motor" else ()),
                    sleeve=job.sleeve is SleeveWhen.BEFORE,
                ),
                expected="wire bottomed in the cup, bullet's outside free of solder",
                refs=("connector",),
                wires=(f"phase.{side}.{PHASES[phase - 1]}",),
            )
    yield Step(
        "machine-sleeves",
        "Bullets on the motor",
        "Sleeve every bullet",
        "Females covered to their mouth, males down to the contact. Shrink from the middle.",
        records=("checked",),
        checks=(
            "No bare metal when mated",
            "No two joints side by side" if job.staggered else "Sleeves overlap all bare metal",
        ),
        hold=True,
    )


def _input(d: Design, a: Analysis) -> Iterator[Step]:
    work = joint_work(d.leads.wire, d.leads.connector, d.leads.length_m)
    for sign, shown, pole in (("-", "−", "minus"), ("+", "+", "plus")):
        yield Step(
            f"machine-input-{pole}",
            "Input",
            f"Input {pole}: into the contact marked {shown}",
            f"The half that mates with {d.leads.connector.name} on the pack. {held_straight(d.leads.connector)} The controller's {pole} by its own marking, into the "
            f"contact whose sign moulded on the body is {shown}. {work.iron_class_w} W iron, about {work.seconds:.0f} s, sleeve on first.",
            **lead_joint(
                "solder-joint",
                "Plus and minus exchanged here destroys the controller at the first plugging in.",
                cap=d.leads.connector.loose_contacts,
            ),
            expected="wire bottomed, sleeve over all bare metal",
            refs=("connector",),
            wires=(f"main.{sign}",),
            hold=True,
        )


def _prove(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "machine-continuity",
        "Prove",
        "Continuity and no shorts, still dead",
        "Input plus to the contact marked +, minus to −; not to each other once the capacitors have settled. Each motor wire to the other "
        "through the winding, none to the motor's case.",
        records=("checked",),
        checks=(
            "Input plus on +",
            "Input minus on −",
            "Plus and minus not joined",
            "Motor wires joined through the winding, alike",
            "No motor wire to the case",
        ),
        refs=("connector",),
        hold=True,
    )
    precharge = (
        f" The load's capacitors spark ({a.leads.spark_j:.1f} J): precharge through {a.leads.precharge_ohm:.0f} Ω."
        if a.leads.precharge_ohm
        else ""
    )
    yield Step(
        "machine-first-power",
        "Prove",
        "First power, nothing on the shaft",
        f"Plug the pack in, keep the hand by the plug.{precharge} Turn slowly.",
        cautions=("Nothing on the shaft, nobody near it.",),
        records=("checked",),
        checks=(
            "No smoke, no smell, no heat",
            "Turns the right way"
            if d.machine.phases == 2
            else "Turns the right way, or two of three wires exchanged",
        ),
        hold=True,
    )


def _bullet(s: Situation) -> Connector | None:
    """The smallest bare bullets that carry the motor's current with this wire."""
    brief, wire = s.design.brief, s.design.leads.wire
    fit = (
        c
        for c in s.library.connectors
        if c.contact is Contact.BULLET
        and c.current_continuous_a >= brief.duty.lasting_a
        and c.current_peak_a >= brief.current_peak_a
        and c.wire_area_max_m2 * CUP_SLACK >= wire.area_m2
    )
    return min(fit, key=lambda c: c.current_continuous_a, default=None)


def _bullet_fix(s: Situation) -> Fix | None:
    part = _bullet(s)
    return Fix(f"Use {part.name}", (("machine.bullet", part),)) if part else None


@OWN.rule(
    "ML-1", Stage.LEADS, Severity.STOP, source="class value", reason="Overloaded bullets unsolder themselves."
)
def bullets_do_not_do(s: Situation) -> Iterator[Hit]:
    """Bullets missing, too weak or too small for the wire."""
    bullet, brief, wire = s.design.machine.bullet, s.design.brief, s.design.leads.wire
    if bullet is None:
        yield Hit("No bullets are chosen for the motor's wires.", ("connector",), _bullet_fix(s))
    elif bullet.current_continuous_a < brief.duty.lasting_a or bullet.current_peak_a < brief.current_peak_a:
        yield Hit(
            f"{bullet.name} carries {amperes(bullet.current_continuous_a)}, {amperes(bullet.current_peak_a)} at the peak; "
            f"{amperes(brief.duty.lasting_a)} and {amperes(brief.current_peak_a)} flow.",
            ("connector",),
            _bullet_fix(s),
        )
    elif wire.area_m2 > bullet.wire_area_max_m2 * CUP_SLACK:
        yield Hit(
            f"{wire.gauge} does not go into the cup of {bullet.name}: it takes {square_millimetres(bullet.wire_area_max_m2)}.",
            ("connector",),
            _bullet_fix(s),
        )


@OWN.rule(
    "ML-2",
    Stage.LEADS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="A motor that is turned gives voltage; bare males on the live side touch each other.",
)
def males_on_the_controller(s: Situation) -> Iterator[Hit]:
    """Exposed bullets on the side that is live."""
    if not s.design.machine.female_on_controller:
        yield Hit(
            "The controller drives the motor: its bullets should be the female, covered ones.",
            ("connector",),
            Fix("Female bullets on the controller", (("machine.female_on_controller", True),)),
        )


@OWN.rule(
    "ML-3",
    Stage.LEADS,
    Severity.NOTE,
    source=COMMON_PRACTICE,
    reason="Side by side and bare at the same length they touch when a sleeve slips.",
)
def equal_lengths(s: Situation) -> Iterator[Hit]:
    """Wires of one length."""
    if not s.design.machine.staggered:
        yield Hit(
            "The motor's wires are cut to one length: it looks neat, and their joints lie side by side.",
            ("lead:plus",),
        )


@OWN.rule(
    "ML-4",
    Stage.LEADS,
    Severity.NOTE,
    source=COMMON_PRACTICE,
    reason="A connector that can be reversed or pulled apart under load is no switch.",
)
def machine_input_unkeyed(s: Situation) -> Iterator[Hit]:
    """The controller's half of the pack's connector can be reversed."""
    if s.design.leads.connector.keying is Keying.UNKEYED:
        yield Hit(
            "The controller's input connector can be mated backwards: mark it, or take a keyed one.",
            ("connector",),
        )


def _way(design: Design) -> LeadWay:
    machine = design.machine
    return LeadWay(
        LeadEnd.CONTROLLER,
        LeadEnd.BULLETS,
        to="to the motor",
        conductors=machine.phases,
        staggered=machine.staggered,
        fused=False,
    )


def _ends(design: Design) -> tuple[str, str]:
    return "Bullets", design.machine.bullet.name if design.machine.bullet else "none"


def _uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """A pair of bullets for each wire of the motor, and the input's half of the connector; the wires are
    there."""
    bullet = d.machine.bullet or d.leads.connector
    at_bullet, at_input = (joint_work(d.leads.wire, c, d.leads.length_m) for c in (bullet, d.leads.connector))
    for step in steps:
        if step.code.startswith("bullet-"):
            if step.code.startswith("bullet-controller-"):
                yield Used(step.code, "connector", bullet.name, 1)
            yield from joint_sleeves(step.code, at_bullet.sleeve, 1)
        elif step.code.startswith("machine-input-"):
            if step.code == "machine-input-minus":
                yield Used(step.code, "connector", d.leads.connector.name, 1)
            yield from joint_sleeves(step.code, at_input.sleeve, 1)


PLAN = JobPlan(
    kind=JobKind.MACHINE_LEADS,
    subject=Subject.LEADS,
    stages=LEADS_STAGES,
    own_steps=machine_lead_steps,
    uses=_uses,
    own=OWN,
    live=False,
    # The controller's half is not live, and what charges the pack is another job's matter.
    topics=frozenset({Topic.PLUG, Topic.STEADY}),
    sections={
        Stage.LEADS: (
            PageSection(
                "Bullets to the motor",
                tuple(
                    f"machine.{n}"
                    for n in ("phases", "bullet", "female_on_controller", "sleeve", "staggered")
                ),
                words="The connector below is the pack's; its mate goes on the controller's input. All of it is done dead.",
            ),
        )
    },
    lead_way=_way,
    picture=leads_picture(_way),
    plate=leads_plate,
    handed_over=leads_handed_over(_ends),
)
