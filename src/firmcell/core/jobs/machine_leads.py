"""The work plan of machine leads: bullets between controller and motor, and the controller's input connector; all of it dead."""

from collections.abc import Iterator

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.base.wording import millimetres
from firmcell.core.leads.soldering import joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import SleeveWhen
from firmcell.core.records.step import Step

STAGGER_M = 0.015


def machine_lead_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of fitting bullets and the input connector in order."""
    return tuple(step for part in (_dead, _bullets, _input, _prove) for step in part(d, a))


def _dead(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "machine-dead", "Before", "Pack unplugged, capacitors empty",
        "Unplug the pack and take it away from the bench. Measure across the controller's input: its capacitors hold their voltage for "
        "minutes. Discharge them through a resistor, not with a screwdriver.",
        cautions=("A charged controller sparks and can hurt as a pack does.",), records=("checked",),
        checks=("Pack is off the bench", "Input reads under 2 V", "Motor cannot turn by itself"), hold=True,
    )  # fmt: skip


def _bullets(d: Design, a: Analysis) -> Iterator[Step]:
    job = d.machine
    bullet = job.bullet or d.leads.connector
    work = joint_work(d.leads.wire, bullet, d.leads.length_m)
    sleeve = (
        f"{millimetres(work.sleeve.supplied_m)} sleeve, {millimetres(work.sleeve.cut_m)}"
        if work.sleeve
        else "sleeve"
    )
    when = (
        f"Sleeve on the wire first, far back ({sleeve})." if job.sleeve is SleeveWhen.BEFORE
        else f"The sleeve slides over the bullet afterwards ({sleeve}); try that with a bare bullet first."
    )  # fmt: skip
    for side in ("controller", "motor"):
        sex = "female" if (side == "controller") == job.female_on_controller else "male"
        stagger = (
            f" Each wire {millimetres(STAGGER_M)} shorter than the one before, so that no two joints lie side by side."
            if job.staggered else ""
        )  # fmt: skip
        for phase in range(1, job.phases + 1):
            yield Step(
                f"bullet-{side}-{phase}", f"Bullets on the {side}", f"{side.capitalize()} wire {phase}: {sex} bullet",
                f"{bullet.name}, {sex}. {when} Strip {millimetres(work.strip_m)}, tin, cup about half full, then the wire in; {work.iron_class_w} W "
                f"iron, about {work.seconds:.0f} s.{stagger if phase == 1 else ''}",
                cautions=("Motor windings are enamelled wire: burn or scrape the enamel off, or the joint only looks good.",)
                if side == "motor" else (),
                records=("solder-joint",), expected="wire bottomed in the cup, bullet's outside free of solder", refs=("connector",),
            )  # fmt: skip
    yield Step(
        "machine-sleeves", "Bullets on the motor", "Sleeve every bullet",
        "Females covered to their mouth, males down to the contact. Shrink from the middle.", records=("checked",),
        checks=("No bare metal when mated", "No two joints side by side" if job.staggered else "Sleeves overlap all bare metal"), hold=True,
    )  # fmt: skip


def _input(d: Design, a: Analysis) -> Iterator[Step]:
    work = joint_work(d.leads.wire, d.leads.connector, d.leads.length_m)
    yield Step(
        "machine-input", "Input", "The pack's mate on the controller's input",
        f"The half that mates with {d.leads.connector.name} on the pack. Plus and minus by the controller's own marking and the signs moulded "
        f"on the body. {work.iron_class_w} W iron, about {work.seconds:.0f} s a contact, sleeve on first.",
        cautions=("Plus and minus exchanged here destroys the controller at the first plugging in.",), records=("solder-joint",),
        expected="wires bottomed, sleeves over all bare metal", refs=("connector",), hold=True,
    )  # fmt: skip


def _prove(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "machine-continuity", "Prove", "Continuity and no shorts, still dead",
        "Input plus to the contact marked +, minus to −; not to each other once the capacitors have settled. Each motor wire to the other "
        "through the winding, none to the motor's case.",
        records=("checked",),
        checks=("Input plus on +", "Input minus on −", "Plus and minus not joined", "Motor wires joined through the winding, alike",
               "No motor wire to the case"),
        refs=("connector",), hold=True,
    )  # fmt: skip
    precharge = (
        f" The load's capacitors spark ({a.leads.spark_j:.1f} J): precharge through {a.leads.precharge_ohm:.0f} Ω."
        if a.leads.precharge_ohm else ""
    )  # fmt: skip
    yield Step(
        "machine-first-power", "Prove", "First power, nothing on the shaft",
        f"Plug the pack in, keep the hand by the plug.{precharge} Turn slowly.",
        cautions=("Nothing on the shaft, nobody near it.",), records=("checked",),
        checks=("No smoke, no smell, no heat", "Turns the right way" if d.machine.phases == 2 else "Turns the right way, or two of three wires exchanged"),
        hold=True,
    )  # fmt: skip
