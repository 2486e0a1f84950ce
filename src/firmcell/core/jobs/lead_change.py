"""The work plan of a lead change: a finished, always-live pack, one conductor at a time, the other covered."""

from collections.abc import Iterator

from firmcell.core.analysis.analyse import Analysis
from firmcell.core.base.wording import amperes, millimetres, volts
from firmcell.core.leads.lead_change import changed_lead, pole_order
from firmcell.core.leads.soldering import TOUCH_K
from firmcell.core.model.design import Design, Flux
from firmcell.core.model.job_details import TakeOff
from firmcell.core.records.step import Step
from firmcell.core.rules.brief import TOUCH_LIMIT_V

SIGN = {"plus": "+", "minus": "−"}


def lead_change_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of changing the connector in order; every one says which end is live."""
    return tuple(step for part in (_before, _ready, _poles, _after) for step in part(d, a))


def _before(d: Design, a: Analysis) -> Iterator[Step]:
    old = d.lead_change.old_connector.name if d.lead_change.old_connector else "the old connector"
    yield Step(
        "lead-change-unplug", "Before", "Nothing on the pack",
        "Unplug load and charger. The pack stays live whatever is done: it cannot be switched off.",
        cautions=("Rings, watch and bracelets off. Fire plan ready: sand or water by, a non-burning bench.",),
        records=("checked",), checks=("Load unplugged", "Charger unplugged", "Rings and watch off", "Nothing conducting under the work"),
        hold=True,
    )  # fmt: skip
    yield Step(
        "lead-change-mark", "Before", "Find plus with the meter and mark it",
        f"Measure at {old}. Tie tape marked + to the wire that is plus, at the pack, and mark both sides of the old body. Colours of "
        "wires are no proof.",
        records=("polarity-reading",),
        expected=f"{volts(d.series * d.cell.empty_v)} to {volts(a.pack.voltage_full_v)} with red on plus", refs=("lead:plus", "lead:minus"), hold=True,
    )  # fmt: skip


def _ready(d: Design, a: Analysis) -> Iterator[Step]:
    lead, new = changed_lead(d), d.leads.connector
    sleeve = lead.work.sleeve
    sleeves = (
        f"two pieces of {millimetres(sleeve.supplied_m)} sleeve, {millimetres(sleeve.cut_m)} each" if sleeve
        else "sleeve that goes on before the contact"
    )  # fmt: skip
    sink = (
        f" Clamp a heat sink on the wire: the pack's end would warm by {lead.work.far_rise_k:.0f} K."
        if lead.work.far_rise_k > TOUCH_K else ""
    )  # fmt: skip
    flux = " Rosin flux by." if d.leads.flux is Flux.EXTRA else ""
    yield Step(
        "lead-change-ready", "Before", "Everything within reach before the first cut",
        f"{new.name}, {new.pack_half}, clamped so that it cannot skid, an unconnected mate plugged in (never a live one). "
        f"{lead.work.iron_class_w} W iron, wide tip, {sleeves}, {d.leads.alloy.value}.{flux} Covers for two wire ends.{sink}",
        cautions=("The mate in the new connector must be connected to nothing.",),
        records=("checked",),
        checks=("Mate unconnected", "Connector clamped", "Sleeves cut and at hand", "Covers for both wire ends at hand", "Iron hot, tip tinned"),
        refs=("connector",), hold=True,
    )  # fmt: skip


def _poles(d: Design, a: Analysis) -> Iterator[Step]:
    lead = changed_lead(d)
    order = pole_order(d)
    over = ("Over 60 V: gloves and covers.",) if a.pack.voltage_full_v > TOUCH_LIMIT_V else ()
    short = f"A slip that bridges both shorts the pack: about {amperes(a.pack.short_circuit_a)}."
    for number, pole in enumerate(order):
        other = order[1 - number]
        first = number == 0
        where_other = (
            "still whole in the old connector and covered"
            if first
            else "already in the new connector, sleeved"
        )
        if d.lead_change.take_off is TakeOff.CUT:
            title, do = (
                f"Cut the {pole} wire only",
                (
                    f"Cut {millimetres(lead.lost_m)} from its end, behind the old body. The {other} wire is {where_other}. Cover the "
                    "end at once, fold the other back."
                ),
            )
            caution = "Never both wires in one cut: the cutter itself is the short."
        else:
            title, do = (
                f"Unsolder the {pole} wire only",
                (
                    f"Cover the {other} contact with polyimide tape, then lift the {pole} wire out of its cup and trim the end. The "
                    f"{other} wire is {where_other}."
                ),
            )
            caution = "The iron must not bridge both contacts: they are live to each other."
        live = f"Live now: the {pole} wire's end, against the {other} wire and everything joined to it."
        yield Step(
            f"lead-off-{pole}", f"{pole.capitalize()} wire", title, f"{do} {live}", cautions=(caution, short, *over), records=("checked",),
            checks=(f"Only the {pole} wire is free", f"The {other} wire is covered", "The free end is covered until it is worked"),
            refs=(f"lead:{pole}",), hold=True,
        )  # fmt: skip
        yield Step(
            f"lead-on-{pole}", f"{pole.capitalize()} wire", f"Solder the {pole} wire to the contact marked {SIGN[pole]}",
            f"Sleeve on the wire first, {millimetres(lead.parked_m)} back. Strip {millimetres(lead.work.strip_m)}, tin wire and cup apart, cup half "
            f"full; heat the cup first, about {lead.work.seconds:.0f} s, then the wire in. Hold until it is solid. Sign moulded on the body "
            f"decides, not its colour. {live}",
            cautions=(f"The other contact {'is empty' if first else 'is live'}: keep the mate in and the iron on this side.", *over),
            records=("solder-joint",), expected="wire bottomed in the cup, strands in outline, insulation up to the cup, body not distorted",
            refs=(f"lead:{pole}", "connector"), hold=True,
        )  # fmt: skip
        yield Step(
            f"lead-sleeve-{pole}", f"{pole.capitalize()} wire", f"Sleeve the {pole} joint",
            f"Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle. Only then the {other} wire."
            if first else "Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle.",
            cautions=("Hot air away from the cells.",), records=("checked",),
            checks=("No bare metal outside the sleeve", "Sleeve grips wire and cup", "Body not distorted"), refs=(f"lead:{pole}",), hold=True,
        )  # fmt: skip


def _after(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "lead-change-polarity", "Prove", "Polarity by meter before the first mating",
        "Take the mate out. Red probe into the contact marked +, black into −, without touching both with one probe.",
        cautions=("A probe tip that slips across shorts the pack.",), records=("polarity-reading",),
        expected=f"the same as before, {volts(d.series * d.cell.empty_v)} to {volts(a.pack.voltage_full_v)}", refs=("connector",), hold=True,
    )  # fmt: skip
    yield Step(
        "lead-change-mate", "Prove", "The mate on the load, then mate once",
        "The load's half is changed dead, with its own capacitors discharged. Check its plus by the load's marking, not by the old plug. "
        "Pull on the bodies, never on the wires.",
        records=("checked",),
        checks=("Load's half: plus by its marking", "Mated without force", "Both joints tugged once more", "Key fits one way only"),
        refs=("connector",), hold=True,
    )  # fmt: skip
    yield Step(
        "lead-change-load", "Prove", "A minute under load",
        f"Load it with about {amperes(d.brief.current_steady_a)} and feel the connector and both joints.",
        cautions=("A joint that warms more than its neighbour is done again.",), records=("checked",),
        checks=("Connector no warmer than the hand bears", "Both joints alike"), refs=("connector",), hold=True,
    )  # fmt: skip
