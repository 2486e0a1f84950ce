"""Rules on jobs other than a new pack: lead change, machine leads, power cable."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, celsius, figures, millimetres, square_millimetres, volts
from firmcell.core.leads.lead_change import changed_lead
from firmcell.core.leads.lugs import lug_takes
from firmcell.core.leads.power_cable import cable_figures, lug_for
from firmcell.core.leads.soldering import TOUCH_K
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import CellForm, Connector, Contact, Keying
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule


@rule("LC-1", Stage.LEADS, Severity.STOP, source="lengths of the lead",
      reason="A lead that is too short is pulled on, and the pull lands on the pack's joints.")  # fmt: skip
def lead_too_short(s: Situation) -> Iterator[Hit]:
    """After the change the lead does not reach any more."""
    if s.design.kind is not JobKind.LEAD_CHANGE:
        return
    lead, job = changed_lead(s.design), s.design.lead_change
    if not lead.reaches:
        yield Hit(
            f"The change takes {millimetres(lead.lost_m)}; {millimetres(max(lead.left_m, 0.0))} are left and {millimetres(job.reach_m)} "
            "must be reached: unsolder instead, or splice longer wire on first.", ("lead:plus", "lead:minus"),
        )  # fmt: skip


@rule("LC-2", Stage.LEADS, Severity.ATTENTION, source="conduction along copper, half-infinite rod (Carslaw and Jaeger)",
      reason="A sleeve that shrinks where it waits does not slide over the joint any more, and one begins again.")  # fmt: skip
def no_room_for_sleeve(s: Situation) -> Iterator[Hit]:
    """The sleeve cannot wait far enough from the heat."""
    if s.design.kind is not JobKind.LEAD_CHANGE:
        return
    lead = changed_lead(s.design)
    if not lead.sleeve_can_wait:
        yield Hit(
            f"Sleeve and cup want {millimetres(lead.needed_m)} of wire (the sleeve waits {millimetres(lead.parked_m)} from the joint); "
            f"{millimetres(max(lead.left_m, 0.0))} are left: clamp a heat sink between, or hold it back with a wet cloth.",
            ("lead:plus",),
        )  # fmt: skip


@rule("LC-3", Stage.LEADS, Severity.STOP, source="conduction along copper, half-infinite rod (Carslaw and Jaeger)",
      reason="A cell or pouch tab that is heated through its lead is harmed where nobody sees it.")  # fmt: skip
def heat_reaches_the_cell(s: Situation) -> Iterator[Hit]:
    """Soldering heat reaches cells or tabs through what is left of the lead."""
    if s.design.kind is not JobKind.LEAD_CHANGE:
        return
    rise = changed_lead(s.design).work.far_rise_k
    pouch = s.design.cell.form is CellForm.POUCH
    if rise > (TOUCH_K / 2 if pouch else TOUCH_K):
        yield Hit(
            f"Soldering warms the pack's end of the lead by up to {rise:.0f} K{' at a pouch tab' if pouch else ''}: clamp a heat sink "
            "on the wire, use a stronger iron for a shorter time, or crimp.", ("lead:plus", "lead:minus"),
        )  # fmt: skip


@rule("LC-4", Stage.LEADS, Severity.ATTENTION, source="what is entered",
      reason="Its polarity, cup and pins decide how it comes off.")  # fmt: skip
def old_connector_unknown(s: Situation) -> Iterator[Hit]:
    """The connector that comes off is not named."""
    if s.design.kind is JobKind.LEAD_CHANGE and s.design.lead_change.old_connector is None:
        yield Hit("Which connector comes off is not entered.", ("connector",))


@rule("LC-5", Stage.LEADS, Severity.ATTENTION, source=COMMON_PRACTICE,
      reason="The iron can bridge both contacts of the old connector, which are live to each other.")  # fmt: skip
def unsoldering_live(s: Situation) -> Iterator[Hit]:
    """Unsoldering both contacts of a live connector close together."""
    d = s.design
    old = d.lead_change.old_connector
    if (
        d.kind is JobKind.LEAD_CHANGE
        and d.lead_change.take_off.value.startswith("unsoldered")
        and old
        and old.contact_size_m < 0.004
    ):
        yield Hit(
            f"Unsoldering {old.name} keeps the iron {millimetres(2 * old.contact_size_m)} from the other live contact: cut instead, or cover "
            "that one with polyimide tape first.", ("connector",),
        )  # fmt: skip


def _bullet(s: Situation) -> Connector | None:
    """The smallest bare bullets that carry the motor's current with this wire."""
    brief, wire = s.design.brief, s.design.leads.wire
    fit = (
        c for c in s.library.connectors
        if c.contact is Contact.BULLET and c.current_continuous_a >= brief.current_steady_a
        and c.current_peak_a >= brief.current_peak_a and c.wire_area_max_m2 * 1.001 >= wire.area_m2
    )  # fmt: skip
    return min(fit, key=lambda c: c.current_continuous_a, default=None)


def _bullet_fix(s: Situation) -> Fix | None:
    part = _bullet(s)
    return Fix(f"Take {part.name}", (("machine.bullet", part),)) if part else None


@rule("ML-1", Stage.LEADS, Severity.STOP, source="class value",
      reason="Overloaded bullets unsolder themselves.")  # fmt: skip
def bullets_do_not_do(s: Situation) -> Iterator[Hit]:
    """Bullets missing, too weak or too small for the wire."""
    if s.design.kind is not JobKind.MACHINE_LEADS:
        return
    bullet, brief, wire = s.design.machine.bullet, s.design.brief, s.design.leads.wire
    if bullet is None:
        yield Hit("No bullets are chosen for the motor's wires.", ("connector",), _bullet_fix(s))
    elif bullet.current_continuous_a < brief.current_steady_a or bullet.current_peak_a < brief.current_peak_a:
        yield Hit(
            f"{bullet.name} carries {amperes(bullet.current_continuous_a)}, {amperes(bullet.current_peak_a)} at the peak; "
            f"{amperes(brief.current_steady_a)} and {amperes(brief.current_peak_a)} flow.", ("connector",), _bullet_fix(s),
        )  # fmt: skip
    elif wire.area_m2 > bullet.wire_area_max_m2 * 1.001:
        yield Hit(
            f"{wire.gauge} does not go into the cup of {bullet.name}: it takes {square_millimetres(bullet.wire_area_max_m2)}.",
            ("connector",), _bullet_fix(s),
        )  # fmt: skip


@rule("ML-2", Stage.LEADS, Severity.ATTENTION, source=COMMON_PRACTICE,
      reason="A motor that is turned gives voltage; bare males on the live side touch each other.")  # fmt: skip
def males_on_the_controller(s: Situation) -> Iterator[Hit]:
    """Exposed bullets on the side that is live."""
    if s.design.kind is JobKind.MACHINE_LEADS and not s.design.machine.female_on_controller:
        yield Hit(
            "The controller drives the motor: its bullets should be the female, covered ones.", ("connector",),
            Fix("Female bullets on the controller", (("machine.female_on_controller", True),)),
        )  # fmt: skip


@rule("ML-3", Stage.LEADS, Severity.NOTE, source=COMMON_PRACTICE,
      reason="Side by side and bare at the same length they touch when a sleeve slips.")  # fmt: skip
def equal_lengths(s: Situation) -> Iterator[Hit]:
    """Wires of one length."""
    if s.design.kind is JobKind.MACHINE_LEADS and not s.design.machine.staggered:
        yield Hit(
            "The motor's wires are cut to one length: it looks neat, and their joints lie side by side.",
            ("lead:plus",),
        )


@rule("PC-1", Stage.LEADS, Severity.STOP, source="barrel and stud as stamped",
      reason="A barrel too wide lets strands move, one too narrow costs strands; a hole too large does not clamp.")  # fmt: skip
def lug_does_not_fit(s: Situation) -> Iterator[Hit]:
    """A lug is missing, or not for this conductor and stud."""
    d = s.design
    if d.kind is not JobKind.POWER_CABLE:
        return
    for where in ("source", "load"):
        lug, stud = getattr(d.cable, f"{where}_lug"), getattr(d.cable, f"{where}_stud_m")
        best = lug_for(s.library, d.leads.wire, stud)
        fix = Fix(f"Take {best.name} at the {where}", ((f"cable.{where}_lug", best),)) if best else None
        if lug is None:
            yield Hit(f"No lug is chosen at the {where}.", ("connector",), fix)
        elif not lug_takes(lug, d.leads.wire):
            yield Hit(
                f"{lug.name} takes {square_millimetres(lug.area_min_m2)} to {square_millimetres(lug.area_max_m2)}; the wire has "
                f"{square_millimetres(d.leads.wire.area_m2)}.", ("connector",), fix,
            )  # fmt: skip
        elif abs(lug.stud_m - stud) > 0.1e-3:
            yield Hit(
                f"{lug.name} is for M{lug.stud_m * 1e3:.0f}; the stud at the {where} is M{stud * 1e3:.0f}.",
                ("connector",),
                fix,
            )


@rule("PC-2", Stage.LEADS, Severity.ATTENTION, source=COMMON_PRACTICE,
      reason="Nothing protects that piece: chafed through, it burns until the source is empty.")  # fmt: skip
def bare_before_the_fuse(s: Situation) -> Iterator[Hit]:
    """No second insulation on what lies ahead of the protection."""
    if s.design.kind is JobKind.POWER_CABLE and not s.design.cable.second_insulation:
        yield Hit(
            "The wire between source and fuse has no second insulation.", ("lead:plus",),
            Fix("Put a second insulation on it", (("cable.second_insulation", True),)),
        )  # fmt: skip


@rule("PC-3", Stage.LEADS, Severity.STOP, source="heat balance by duty; drop at working temperature, both conductors",
      reason="Too thin it cooks its insulation, or the load gets too little.")  # fmt: skip
def cable_too_thin(s: Situation) -> Iterator[Hit]:
    """The cable fails on current, peak or drop."""
    if s.design.kind is not JobKind.POWER_CABLE:
        return
    if s.design.leads.limit_k <= s.design.brief.ambient_max_k:
        yield Hit(
            f"A conductor no hotter than {celsius(s.design.leads.limit_k)} carries nothing in air of {celsius(s.design.brief.ambient_max_k)}.",
            ("lead:plus",), Fix("Let it reach 80 °C", (("leads.limit_k", 353.15),)),
        )  # fmt: skip
        return
    found = cable_figures(s.design, s.library)
    row = found.present
    if not row.fails:
        return
    fix = (
        Fix(f"Take {found.proposed.wire.name}", (("leads.wire", found.proposed.wire),))
        if found.proposed
        else None
    )
    words = {
        "current": f"carries {amperes(row.limit_a)} of {amperes(s.design.brief.current_steady_a)} by its duty (it would reach {celsius(row.temperature_k)})",
        "peak": f"reaches {celsius(row.peak_k)} at the peak",
        "drop": f"loses {figures(row.drop_v)} V of the {volts(s.design.leads.drop_limit_v)} allowed",
    }
    severity = Severity.ATTENTION if row.fails == ("drop",) else Severity.STOP
    yield Hit(f"{row.wire.gauge} {' and '.join(words[w] for w in row.fails)}.", ("lead:plus",), fix, severity)


@rule("PC-4", Stage.LEADS, Severity.NOTE, source=COMMON_PRACTICE,
      reason="A connector that can be reversed or pulled apart under load is no switch.")  # fmt: skip
def machine_input_unkeyed(s: Situation) -> Iterator[Hit]:
    """The controller's half of the pack's connector can be reversed."""
    if s.design.kind is JobKind.MACHINE_LEADS and s.design.leads.connector.keying is Keying.UNKEYED:
        yield Hit(
            "The controller's input connector can be mated backwards: mark it, or take a keyed one.",
            ("connector",),
        )
