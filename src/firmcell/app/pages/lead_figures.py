"""Figures of the Leads page in words."""

from typing import TYPE_CHECKING

from firmcell.core.base.wording import amperes, celsius, figures, millimetres, percent
from firmcell.core.leads.cell_fuses import best_wire, cell_fuse
from firmcell.core.leads.precharge import precharge
from firmcell.core.leads.soldering import TOUCH_K, JointWork, joint_work
from firmcell.core.leads.wire_rating import published_figures
from firmcell.core.physics.short_wire import preece

if TYPE_CHECKING:
    from firmcell.app.pages.leads_page import LeadsPage

LONG_S = 1e5


class LeadFigures:
    """Figures of the Leads page in words."""

    def __init__(self, page: "LeadsPage") -> None:
        self.page = page

    def published(self) -> str:
        found = published_figures(self.page.session.design.leads.wire)
        if not found:
            return "no table here for this size; the figure above stands alone"
        words = ", ".join(f"{amperes(amps)} ({name})" for name, amps in found)
        return f"{words}: alone in free air at 30 °C, at their own limits"

    def laid(self) -> str:
        s = self.page.session
        mass = 2 * s.design.leads.length_m * s.design.leads.wire.mass_kg_per_m * 1e3
        return (
            f"{millimetres(s.design.leads.wire.outer_diameter_m)} thick, bent no tighter than "
            f"{millimetres(s.analysis.leads.bend_m)} inside, {figures(mass)} g for both"
        )

    def contacts(self) -> str:
        leads, s = self.page.session.design.leads, self.page.session
        lost = 2 * leads.outlet.contact_resistance_ohm * s.design.brief.current_steady_a
        cycles = f"; {leads.outlet.mating_cycles} matings" if leads.outlet.mating_cycles else ""
        return f"about {celsius(s.analysis.leads.contact_k)}, {figures(lost * 1e3)} mV{cycles}"

    def plugging_in(self) -> str:
        s = self.page.session
        found = precharge(s.analysis.pack.voltage_full_v, s.design.brief.load_capacitance_f)
        if found is None:
            return "no capacitors in the load by the brief: no rush"
        a = s.analysis.leads
        return (
            f"{figures(a.spark_j)} J spark, up to {amperes(a.inrush_a)} for a moment; through {figures(found.ohm)} Ω, "
            f"{figures(found.watt)} W it is {amperes(found.peak_a)} and done in {figures(found.seconds, 2)} s. Never switch the load on "
            f"through it: it would burn with {figures(found.watt_if_left)} W"
        )

    def in_time(self) -> str:
        p, fuse = self.page.session.analysis.protection, self.page.session.design.leads.fuse
        if p is None or fuse is None:
            return "no fuse"
        holds = (
            "carries the peak indefinitely"
            if p.peak_s > LONG_S
            else f"holds the peak {figures(p.peak_s, 2)} s for certain"
        )
        slow = (
            "always before the wire is damaged"
            if p.slow_from_a is None or p.slow_to_a is None
            else f"later than the wire stands from {amperes(p.slow_from_a)} to {amperes(p.slow_to_a)}"
        )
        return (
            f"{holds}; opens a dead short within {figures(p.short_s, 2)} s, {slow}; plugging in is "
            f"{percent(p.inrush_share)} of what it takes"
        )

    def links(self) -> str:
        d = self.page.session.design
        if d.parallel < 2:
            return "one cell a group: the main fuse is its fuse"
        wire = d.joining.fuse_wire_m if d.joining.fused else None
        short = self.page.session.analysis.pack.short_circuit_a
        best = cell_fuse(d, wire, short) if wire else best_wire(d, short, d.leads.fuse)
        if best is None:
            return "no bare wire both carries the load and lets go of a shorted cell before the main fuse acts: none is offered"
        return (
            f"{'' if wire else 'option: '}{best.diameter_m * 1e3:.2f} mm bare copper at each plus, {millimetres(best.free_m)} free, melts for certain from "
            f"{amperes(best.melts_a)}; a long wire in free air would at about {amperes(preece(best.diameter_m))} (Preece), but a short one gives its heat to its ends"
        )

    def iron(self) -> str:
        work = self.work()
        return (
            f"{work.iron_class_w} W or more (needs {work.iron_w:.0f} W), wide tip at 370–400 °C, about {work.seconds:.0f} s "
            "to come to heat: much heat for a short time"
        )

    def joint_sleeve(self) -> str:
        sleeve = self.work().sleeve
        if sleeve is None:
            return "no stock size slides over the contact and grips the wire: put it on before the contact"
        return (
            f"{millimetres(sleeve.supplied_m)} shrinking to {millimetres(sleeve.recovered_m)}, cut {millimetres(sleeve.cut_m)}; "
            "on the wire first, far back from the heat"
        )

    def heat_runs(self) -> str:
        rise = self.work().far_rise_k
        length = self.page.session.design.leads.length_m
        if rise > TOUCH_K:
            return f"up to {rise:.0f} K at the pack through {millimetres(length)} of wire: solder it before it is on the pack, or clamp a heat sink on"
        return f"at most {max(rise, 0.0):.1f} K at the pack through {millimetres(length)} of wire"

    def pull(self) -> str:
        work = self.work()
        if work.pull_n is None:
            return "outside the tables of pull-out forces"
        return f"must hold {work.pull_n:.0f} N ({work.pull_source})"

    def work(self) -> JointWork:
        leads = self.page.session.design.leads
        return joint_work(leads.wire, leads.outlet, leads.length_m)
