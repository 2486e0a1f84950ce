"""A host's battery compartment, or its tray, takes another pack than it was made for."""

from collections.abc import Iterator
from dataclasses import replace
from math import pi

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import amperes, figures, millimetres, percent, volts
from firmcell.core.charging.in_host import charged_in_host
from firmcell.core.jobs.before_after import Compared
from firmcell.core.jobs.cautions import FIRE_PLAN, NO_WAY_BACK
from firmcell.core.jobs.host_charge import HOST_CHARGE
from firmcell.core.jobs.passport import HandedOver, leads_handed_over
from firmcell.core.jobs.plan import LEADS_STAGES, JobPlan, PageSection, Subject, leads_plate
from firmcell.core.jobs.readings import READS
from firmcell.core.leads.soldering import held_straight, joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.limits import OTHER_VOLTS
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.tray import plug_size, tray_drawing
from firmcell.core.records.areas import ENDS, EVERYTHING
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.event_words import found_words
from firmcell.core.records.step import Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable, Topic

OWN = RuleTable()
COIL_FILLS = 0.5
"""Share of its room that coiled wire fills; engineering judgement."""


@frozen
class InHost:
    """A pack in a host beside the cells that were in it.

    Attributes
    ----------
    old_full_v, new_full_v : nothing drawn, V.
    old_load_v, new_load_v : at the steady current, V.
    taken_m3, room_m3 : pack, plug and coiled wire; the room, None where it is not measured.
    """

    old_full_v: float
    new_full_v: float
    old_load_v: float
    new_load_v: float
    taken_m3: float
    room_m3: float | None

    @property
    def over(self) -> float:
        """Full voltage over the old, as a share."""
        return self.new_full_v / self.old_full_v - 1

    @property
    def faster(self) -> float:
        """Voltage under load over the old, as a share: about how much faster a motor turns."""
        return self.new_load_v / self.old_load_v - 1 if self.old_load_v > 0 else 0.0


def in_host(d: Design, a: Analysis) -> InHost:
    """Return what the pack of a design does in its host beside the old cells; voltages at half charge under
    load."""
    job, steady = d.tray, d.brief.current_steady_a
    old_load = job.old_cells * max(job.old_each_v - steady * job.old_each_ohm, 0.0)
    wire = d.leads.wire.outer_diameter_m
    coil = 2 * pi * wire**2 / 4 * job.coil_m / COIL_FILLS
    plug_long, plug_wide = plug_size(d)
    sides = (job.cavity_length_m, job.cavity_width_m, job.cavity_height_m)
    room = None if None in sides else (sides[0] or 0) * (sides[1] or 0) * (sides[2] or 0)
    return InHost(
        job.old_cells * job.old_full_v,
        a.pack.voltage_full_v,
        old_load,
        max(a.pack.voltage_nominal_v - steady * a.pack.resistance_total_ohm, 0.0),
        job.pack_length_m * job.pack_width_m * job.pack_height_m + coil + plug_long * plug_wide * plug_wide,
        room,
    )


def tray_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of fitting a pack into a host's tray in order."""
    return tuple(step for part in (_as_found, _cleared, _leads, _contacts, _proven) for step in part(d, a))


def _as_found(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "tray-record",
        "As found",
        "Polarity of every contact, on record",
        "Photograph the empty tray. The sign moulded at each contact, and then proof: a set of cells in, meter on the two contacts that lead on into the host. Signs in old trays "
        "are worn, and springs are not always minus.",
        cautions=("The new pack stays away until the end; its plug is live.", FIRE_PLAN),
        records=("as-found", "checked"),
        checks=("Tray photographed", "Each contact's sign recorded", "The two that lead on found by meter"),
        refs=("contact",),
        photos=True,
        hold=True,
    )
    yield Step(
        "tray-remove",
        "As found",
        "Cells out, mark the two contacts that stay",
        f"All {d.tray.old_cells} cells out. Plus and minus written beside the two contacts that lead on into the host.",
        records=("checked",),
        checks=("Cells out", "Both contacts marked"),
        refs=("contact",),
    )


def _cleared(d: Design, a: Analysis) -> Iterator[Step]:
    job = d.tray
    if not job.unmodified:
        yield Step(
            "tray-clear",
            "Room",
            "The rest out, ribs cut",
            "Other contacts, bridges and springs out; ribs cut that stand in the way, never a wall that holds a screw.",
            cautions=("Goggles; a mask for the dust.", "No metal dust in the host: cover its openings."),
            records=("checked",),
            checks=("Only the two contacts left", "Edges deburred", "No dust in the host"),
        )
    size = f"{job.pack_length_m * 1e3:.0f} × {job.pack_width_m * 1e3:.0f} × {millimetres(job.pack_height_m)}"
    yield Step(
        "tray-trial",
        "Room",
        "Try it with a dummy",
        f"A block of {size}, wood or card, with the plug and a turn of wire: it goes in and out without force, and the lid closes.",
        cautions=("Never try with the pack: a corner of the tray cuts its wrap.",),
        records=("checked",),
        checks=("Dummy in and out without force", "Lid closes", "No edge or screw towards it"),
        refs=("pack",),
        hold=True,
    )


def _leads(d: Design, a: Analysis) -> Iterator[Step]:
    work = joint_work(d.leads.wire, d.leads.connector, d.leads.length_m)
    sleeve = f"{work.sleeve.words}, {millimetres(work.sleeve.cut_m)}" if work.sleeve else "a sleeve"
    yield Step(
        "tray-leads",
        "Leads",
        "Leads rather long than short, sleeves on them now",
        f"{d.leads.wire.gauge}, {millimetres(d.leads.length_m)} each. Sleeves on both, for the plug ({sleeve}) and for the contacts.",
        cautions=(NO_WAY_BACK,),
        records=("checked",),
        checks=("Sleeves for the plug on", "Sleeves for the contacts on", "Plus marked at both ends"),
        refs=("lead:plus", "lead:minus"),
        hold=True,
    )
    for pole, sign, shown in (("minus", "-", "−"), ("plus", "+", "+")):
        yield Step(
            f"tray-plug-{pole}",
            "Leads",
            f"Host's half of the plug, {pole}",
            f"The half that mates with {d.leads.connector.name} on the pack, contact marked {shown}. {held_straight(d.leads.connector)} Strip {millimetres(work.strip_m)}, "
            f"{work.iron_class_w} W iron, about {work.seconds:.0f} s.",
            cautions=("Never the pack itself as the mate.",),
            records=("solder-joint",),
            expected="wire bottomed in the cup, tug holds, sleeve over all bare metal",
            refs=(f"lead:{pole}", "connector"),
            begins=tuple(e.id for e in a.wiring.wires if e.id.split(".")[1] == sign),
        )


def _contacts(d: Design, a: Analysis) -> Iterator[Step]:
    where = "the adapter's ends" if d.tray.unmodified else "the contact that stays"
    for pole, sign in (("minus", "-"), ("plus", "+")):
        yield Step(
            f"tray-contact-{pole}",
            "Contacts",
            f"Contact {pole}: hook, tin, solder, quickly",
            f"Clean {where} bright, hook the wire through or round it, tin and solder: hot and short. Plastic that softens lets the contact lean; hold it with pliers until it is cold.",
            cautions=("Plus to plus by the mark made before, not by the spring.",),
            records=("solder-joint",),
            expected="solder through the hook, contact straight, tug holds",
            refs=(f"lead:{pole}", "contact"),
            wires=tuple(e.id for e in a.wiring.wires if e.id.split(".")[1] == sign),
        )
    yield Step(
        "tray-cover",
        "Contacts",
        "Shrink; glue for the pull",
        "Sleeves over both contacts' joints. Hot glue holds the wire against a pull; it is no insulation.",
        records=("checked",),
        checks=("No bare metal but the contacts' faces", "A pull on the plug moves no joint"),
        refs=("contact",),
        covers=(ENDS,),
    )


def _proven(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "tray-continuity",
        "Prove",
        "Continuity: plus to plus, none across",
        "From the plug's + to the contact marked +, minus to minus; none across, the host switched off.",
        records=("checked",),
        checks=("Plus to plus", "Minus to minus", "None across"),
        refs=("contact",),
        hold=True,
    )
    yield Step(
        "tray-polarity",
        "Prove",
        "Polarity with the pack in and the tray out",
        "Tray out of the host, or its leads off: pack plugged in, red on the contact marked +, black on −.",
        cautions=("Live now: a probe that slips shorts the pack.",),
        records=("polarity-reading",),
        expected=f"{READS}, red on the contact marked +",
        probes=("load.-", "load.+"),
        any_charge=True,
        refs=("contact",),
        hold=True,
        powers=True,
    )
    charge = ""
    if d.host_charger.end is not ChargeEnd.NOT_ENTERED and charged_in_host(d).stops:
        charge = f" Mark the host's charger: not for this pack. {charged_in_host(d).stops[0]}"
    yield Step(
        "tray-run",
        "Prove",
        "Lid on, a short burst, feel the contacts",
        f"Two seconds first, then ten; wires clear of what turns. Feel both contacts and the plug.{charge}",
        cautions=("Out at once if it races, smells or warms.",),
        records=("checked",),
        checks=(
            "Lid closes, no wire pinched",
            "Runs as it did, not racing",
            "Contacts and plug no warmer than the hand bears",
            *(("Charger marked",) if charge else ()),
        ),
        refs=("contact",),
        hold=True,
        powers=True,
        covers=(EVERYTHING,),
    )


# -- rules ----------------------------------------------------------------------------------------------


@OWN.rule(
    "TR-1",
    Stage.LEADS,
    Severity.STOP,
    source="full voltage of both; " + COMMON_PRACTICE,
    reason="A motor or a lamp made for the old cells takes a higher voltage as more current, heat and wear, or not at all.",
)
def more_volts_than_before(s: Situation) -> Iterator[Hit]:
    """The full pack is more than a tenth over the cells before, or over what the host stands."""
    d, host = s.design, in_host(s.design, s.analysis)
    if d.tray.motor_v is not None and host.new_full_v > d.tray.motor_v:
        yield Hit(
            f"Full, the pack has {volts(host.new_full_v)}; the host stands {volts(d.tray.motor_v)}.",
            ("pack",),
        )
    elif host.over > OTHER_VOLTS:
        words = f"Full, the pack has {volts(host.new_full_v)}; {d.tray.old_cells} fresh cells had {volts(host.old_full_v)}: {percent(host.over)} over."
        reason = d.tray.over_reason.strip()
        if reason:
            yield Hit(f"{words} Entered as right, because: {reason}", ("pack",), severity=Severity.ATTENTION)
        else:
            yield Hit(
                f"{words} Find out what the host stands, or enter why it is right; it is recorded.", ("pack",)
            )


@OWN.rule(
    "TR-2",
    Stage.LEADS,
    Severity.ATTENTION,
    source="Ohm's law, old cells and new pack at the steady current",
    reason="People judge by speed: what sagged before no longer does.",
)
def runs_otherwise(s: Situation) -> Iterator[Hit]:
    """Under load the voltage differs by more than a tenth from before."""
    host = in_host(s.design, s.analysis)
    if abs(host.faster) > OTHER_VOLTS:
        word = "faster" if host.faster > 0 else "slower"
        yield Hit(
            f"At {amperes(s.design.brief.current_steady_a)} the old cells gave {volts(host.old_load_v)}, the pack gives {volts(host.new_load_v)}: about {percent(abs(host.faster))} {word}.",
            ("pack",),
        )


@OWN.rule(
    "TR-3",
    Stage.LEADS,
    Severity.STOP,
    source="sizes as measured",
    reason="What is pressed in is worn through by the tray's edges.",
)
def no_room_in_tray(s: Situation) -> Iterator[Hit]:
    """The pack is larger than its room, or leaves none for plug and wire."""
    job, host = s.design.tray, in_host(s.design, s.analysis)
    pack = sorted((job.pack_length_m, job.pack_width_m, job.pack_height_m))
    room = (job.cavity_length_m, job.cavity_width_m, job.cavity_height_m)
    if host.room_m3 is None:
        yield Hit(
            "The room in the tray is not measured: length, width, height.",
            ("space",),
            severity=Severity.ATTENTION,
        )
        return
    for size, limit in zip(pack, sorted(side or 0.0 for side in room), strict=True):
        if size > limit:
            yield Hit(
                f"The pack's {millimetres(size)} does not go into the room's {millimetres(limit)}.", ("pack",)
            )
            return
    if host.taken_m3 > host.room_m3:
        yield Hit(
            f"Pack, plug and {millimetres(job.coil_m)} of coiled wire take {figures(host.taken_m3 * 1e6)} ml; the room has {figures(host.room_m3 * 1e6)} ml.",
            ("pack",),
        )


@OWN.rule(
    "TR-4",
    Stage.LEADS,
    Severity.STOP,
    source="class value, or what is entered of the host",
    reason="A sprung contact made for small cells glows at the current of a larger pack.",
)
def contacts_too_weak(s: Situation) -> Iterator[Hit]:
    """The host's own contacts carry less than flows, or that is not known."""
    carries, flows = s.design.tray.contact_a, s.design.brief.duty.lasting_a
    if carries is None:
        yield Hit(
            f"What the host's contacts carry is not known; {amperes(flows)} will flow: solder to them, do not press, and feel them.",
            ("contact",),
            severity=Severity.ATTENTION,
        )
    elif carries < flows:
        yield Hit(f"The host's contacts carry {amperes(carries)}; {amperes(flows)} flow.", ("contact",))


@OWN.rule(
    "TR-5",
    Stage.LEADS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A host made for throw-away cells runs them until they are flat; lithium cells do not come back from that.",
)
def nothing_stops_it_when_empty(s: Situation) -> Iterator[Hit]:
    """A lithium pack without a board in a host without a cut-off."""
    d = s.design
    if d.cell.chemistry.is_lithium and d.bms.board is None:
        yield Hit(
            f"Nothing stops it when it is empty: the pack has no board, and a host for {d.tray.old_cells} cells knows no {volts(s.analysis.pack.voltage_empty_v)}. A pack with a board.",
            ("pack",),
        )


# -- what is told of it ---------------------------------------------------------------------------------


def _volts(d: Design, a: Analysis, library: PartLibrary) -> str:
    host = in_host(d, a)
    return f"full {volts(host.new_full_v)}, before {volts(host.old_full_v)}; under load {volts(host.new_load_v)}, before {volts(host.old_load_v)}"


def _room(d: Design, a: Analysis, library: PartLibrary) -> str:
    host = in_host(d, a)
    room = "not measured" if host.room_m3 is None else f"{figures(host.room_m3 * 1e6)} ml"
    return f"pack, plug and wire take {figures(host.taken_m3 * 1e6)} ml; room {room}"


def _worth(d: Design, a: Analysis) -> tuple[Compared, ...]:
    host = in_host(d, a)
    steady = amperes(d.brief.current_steady_a)
    return (
        Compared("Full", volts(host.old_full_v), volts(host.new_full_v), host.over),
        Compared(f"At {steady}", volts(host.old_load_v), volts(host.new_load_v), host.faster),
    )


def _picture(d: Design, a: Analysis) -> Drawing:
    return tray_drawing(d)


def _handed_over(parts: HandedOver, d: Design, a: Analysis, state: BuildState) -> HandedOver:
    kept = leads_handed_over()(parts, d, a, state)
    reason = d.tray.over_reason.strip()
    why = (f"A higher voltage than the host had, entered as right: {reason}",) if reason else ()
    found = tuple(f"Found: {found_words(f)}." for f in state.as_found)
    return replace(kept, cautions=(*why, *kept.cautions), records=(*kept.records, *found))


class TrayReport(Frozen):
    """A pack in a host's tray."""

    old_full_v: float
    new_full_v: float
    old_load_v: float
    new_load_v: float
    taken_m3: float
    room_m3: float | None


def _report(design: Design, library: PartLibrary) -> TrayReport:
    host = in_host(design, analyse(design, library))
    return TrayReport(**{name: getattr(host, name) for name in TrayReport.model_fields})


PLAN = JobPlan(
    kind=JobKind.TRAY,
    subject=Subject.LEADS,
    stages=LEADS_STAGES,
    own_steps=tray_steps,
    topics=frozenset({Topic.CHARGE, Topic.PLUG, Topic.STEADY, Topic.FUSE}),
    own=OWN,
    live=False,
    proposes=("tray.", "leads.wire", "leads.fuse"),
    sections={
        Stage.BRIEF: (HOST_CHARGE,),
        Stage.LEADS: (
            PageSection(
                "What the host took",
                tuple(
                    f"tray.{n}"
                    for n in (
                        "old_cells",
                        "old_each_v",
                        "old_full_v",
                        "old_each_ohm",
                        "motor_v",
                        "over_reason",
                        "contact_a",
                        "unmodified",
                    )
                ),
                (("Voltage", _volts),),
            ),
            PageSection(
                "Room in the tray",
                tuple(
                    f"tray.{n}"
                    for n in (
                        "cavity_length_m",
                        "cavity_width_m",
                        "cavity_height_m",
                        "pack_length_m",
                        "pack_width_m",
                        "pack_height_m",
                        "coil_m",
                    )
                ),
                (("Room", _room),),
                words="The leads below are the host's, from the pack's plug to the two contacts that stay.",
            ),
        ),
    },
    picture=_picture,
    caption="The compartment from above, to scale: pack, plug, coiled wire, the two contacts that stay.",
    plate=leads_plate,
    handed_over=_handed_over,
    worth=_worth,
    reported=_report,
    report_model=TrayReport,
)
