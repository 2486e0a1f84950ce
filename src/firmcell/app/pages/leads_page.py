"""The Leads stage: wire, connector, fuse, and what the joint asks of the bench."""

import numpy as np
from PySide6.QtWidgets import QComboBox, QGridLayout, QLabel, QWidget

from firmcell.app.connector_list import ConnectorList
from firmcell.app.pages.base_page import Page
from firmcell.app.plots import Plot
from firmcell.app.session import guarded
from firmcell.app.theme import PALETTES, Palette
from firmcell.app.wheel import calm
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import amperes, celsius, figures, millimetres, percent, volts
from firmcell.core.leads.connectors import ConnectorAsk, ranked_connectors
from firmcell.core.leads.fuse_timing import fusible_link, opening_times, strip_times, wire_times
from firmcell.core.leads.insulation_class import INSULATIONS, covered, like
from firmcell.core.leads.precharge import precharge
from firmcell.core.leads.soldering import TOUCH_K, JointWork, joint_work
from firmcell.core.leads.wire_rating import ABYC_105, CUSTOM, NFPA_75, published_figures, rated_current
from firmcell.core.model.parts import Conductor
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import awg_area
from firmcell.core.pictures.lead import profile_of
from firmcell.core.rules.table import Topic
from firmcell.core.strips.made_of import metal_of
from firmcell.core.strips.runs import StripKind

HOPELESS = 0.7
"""Share of the current a gauge must carry to be worth a row."""
LONG_S = 1e5


class LeadsPage(Page):
    """Wire, connector and fuse."""

    stage, heading = Stage.LEADS, "Leads: wire, connector, fuse"

    def build(self) -> None:
        self._plots: dict[str, Plot] = {}
        self._wire_section()
        if self._plugged:
            self._connector_section()
        if Topic.FUSE in self.session.plan.topics:
            self._fuse_section()
        if self._plugged:
            self._joint_section()
        self._chart_section()

    @property
    def _plugged(self) -> bool:
        return Topic.PLUG in self.session.plan.topics

    @property
    def look(self) -> Palette:
        """The palette the window has now."""
        return PALETTES["dark" if self.palette().window().color().lightness() < 128 else "light"]

    # -- sections ---------------------------------------------------------------------------------------

    def _wire_section(self) -> None:
        s = self.session
        self.section("Main leads")
        for name in ("wire", "length_m", "laying", "drop_limit_v", "limit_k"):
            self.field(f"leads.{name}")
        grid = QGridLayout()
        grid.setColumnStretch(0, 5)
        grid.setColumnStretch(1, 5)
        self.insulation, self.conductor, self.tinned = calm(QComboBox()), calm(QComboBox()), calm(QComboBox())
        for combo, words, choices in (
            (self.insulation, "&Insulation", tuple(INSULATIONS)),
            (self.conductor, "&Conductor", tuple(c.value for c in Conductor)),
            (self.tinned, "&Strands", ("plain", "tinned")),
        ):
            combo.addItems(list(choices))
            combo.setAccessibleName(words.replace("&", ""))
            combo.activated.connect(lambda _: self._cover())
            label = QLabel(words)
            label.setBuddy(combo)
            row = grid.rowCount()
            grid.addWidget(label, row, 0)
            grid.addWidget(combo, row, 1)
        self.body.addLayout(grid)
        self.figures(
            (
                "Carries",
                lambda: (
                    f"{amperes(s.analysis.leads.limit_a)} by heat balance, {s.design.leads.laying.value}; {amperes(s.design.brief.current_steady_a)} drawn"
                ),
            ),
            ("Tables say", lambda: self._published()),
            (
                "Warms to",
                lambda: (
                    f"{celsius(s.analysis.leads.temperature_k)}, and {s.analysis.leads.peak_rise_k:.0f} K more in the peak at most"
                ),
            ),
            (
                "Loses",
                lambda: (
                    f"{figures(s.analysis.leads.drop_steady_v * 1e3)} mV steady, {figures(s.analysis.leads.drop_peak_v * 1e3)} mV at the peak"
                ),
            ),
            (
                "In a short",
                lambda: (
                    f"about {amperes(s.analysis.pack.short_circuit_a)}; the wire withstands it {figures(s.analysis.leads.withstand_s, 2)} s"
                ),
            ),
            ("Laid", lambda: self._laid()),
            (
                "Proposed",
                lambda: (
                    f"{s.analysis.leads.proposed_wire or 'none'}; ruled by {s.analysis.leads.rules_gauge}"
                ),
            ),
        )
        self.gauges = self.table(
            ("Wire", "Carries", "Loses", "Warms to", "Verdict"), "Gauges compared", wide=4
        )
        self.gauges.chosen.connect(self._take)

    def _connector_section(self) -> None:
        s = self.session
        self.section("Connector")
        self.text("Best for this pack first; the face is that of the half on the pack. Enter takes it.")
        self.picker = ConnectorList(self.look)
        self.picker.chosen.connect(self._take_connector)
        self.body.addWidget(self.picker)
        self.field("leads.connector")
        self.figures(
            ("On the pack", lambda: f"{s.design.leads.connector.pack_half}; the mate goes on the load"),
            (
                "Polarity",
                lambda: (
                    s.design.leads.connector.polarity_mark or "no mark known: make one before anything is cut"
                ),
            ),
            (
                "Carries",
                lambda: (
                    f"{amperes(s.analysis.leads.connector_limit_a)} at {celsius(s.design.brief.ambient_max_k)}, ruled by {s.analysis.leads.connector_ruled_by}; "
                    f"{s.analysis.leads.connector_margin:.2f} times the steady current"
                ),
            ),
            ("Contacts", lambda: self._contacts()),
            ("Plugging in", lambda: self._plugging_in()),
        )
        for name in ("charge_connector", "charge_same_pins", "adapters"):
            self.field(f"leads.{name}")

    def _fuse_section(self) -> None:
        s = self.session
        self.section("Fuse or breaker")
        for name in ("fuse", "fuse_at_m", "fuse_holder_ohm"):
            self.field(f"leads.{name}")
        self.figures(
            (
                "Rating",
                lambda: (
                    f"from {amperes(s.analysis.leads.fuse_least_a)} (carries the load) to {amperes(s.analysis.leads.limit_a)} (protects the wire)"
                ),
            ),
            (
                "Must break",
                lambda: (
                    f"{amperes(s.analysis.pack.short_circuit_a)} at {volts(s.analysis.pack.voltage_full_v)} d.c."
                ),
            ),
            ("In time", lambda: self._in_time()),
            (
                "Where",
                lambda: (
                    "in the plus lead, as near the pack as it goes; a second sleeve over the wire before it"
                ),
            ),
            ("At each cell", lambda: self._links()),
            (
                "Schools",
                lambda: (
                    "a fuse is cheap and certain; a breaker is quick to reset in a bad place and slower to open"
                ),
            ),
        )

    def _joint_section(self) -> None:
        self.section("At the bench: this joint")
        for name in ("alloy", "flux", "first_lead"):
            self.field(f"leads.{name}")
        self.figures(
            ("Iron", lambda: self._iron()),
            (
                "Strip",
                lambda: f"{millimetres(self._work().strip_m)} for the cup; a crimp barrel's depth and 1 mm",
            ),
            ("Sleeve", lambda: self._joint_sleeve()),
            ("Heat runs", lambda: self._heat_runs()),
            (
                "Good looks",
                lambda: (
                    "bright and smooth, strands in outline"
                    if self.session.design.leads.alloy.value.startswith("leaded")
                    else "smooth, strands in outline; lead-free is dull even when good"
                ),
            ),
            ("Crimped instead", lambda: self._pull()),
        )

    def _chart_section(self) -> None:
        self.section("Charts")
        self.charts_here = QWidget()
        self.body.addWidget(self.charts_here)
        self.chart_button = self.button(
            "Show the c&harts",
            self.show_charts,
            "Current against copper area with published tables; the fuse in time; the lead along its length",
        )
        self.body.addWidget(self.chart_button)

    # -- words ------------------------------------------------------------------------------------------

    def _work(self) -> JointWork:
        leads = self.session.design.leads
        return joint_work(leads.wire, leads.connector, leads.length_m)

    def _published(self) -> str:
        found = published_figures(self.session.design.leads.wire)
        if not found:
            return "no table here for this size; the figure above stands alone"
        words = ", ".join(f"{amperes(amps)} ({name})" for name, amps in found)
        return f"{words}: alone in free air at 30 °C, at their own limits"

    def _laid(self) -> str:
        s = self.session
        mass = 2 * s.design.leads.length_m * s.design.leads.wire.mass_kg_per_m * 1e3
        return (
            f"{millimetres(s.design.leads.wire.outer_diameter_m)} thick, bent no tighter than "
            f"{millimetres(s.analysis.leads.bend_m)} inside, {figures(mass)} g for both"
        )

    def _contacts(self) -> str:
        leads, s = self.session.design.leads, self.session
        lost = 2 * leads.connector.contact_resistance_ohm * s.design.brief.current_steady_a
        cycles = f"; {leads.connector.mating_cycles} matings" if leads.connector.mating_cycles else ""
        return f"about {celsius(s.analysis.leads.contact_k)}, {figures(lost * 1e3)} mV{cycles}"

    def _plugging_in(self) -> str:
        s = self.session
        found = precharge(s.analysis.pack.voltage_full_v, s.design.brief.load_capacitance_f)
        if found is None:
            return "no capacitors in the load by the brief: no rush"
        a = s.analysis.leads
        return (
            f"{figures(a.spark_j)} J spark, up to {amperes(a.inrush_a)} for a moment; through {figures(found.ohm)} Ω, "
            f"{figures(found.watt)} W it is {amperes(found.peak_a)} and done in {figures(found.seconds, 2)} s. Never switch the load on "
            f"through it: it would burn with {figures(found.watt_if_left)} W"
        )

    def _in_time(self) -> str:
        p, fuse = self.session.analysis.protection, self.session.design.leads.fuse
        if p is None or fuse is None:
            return "no fuse"
        holds = (
            "holds the peak for good"
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

    def _links(self) -> str:
        d = self.session.design
        if d.parallel < 2:
            return "one cell a group: the main fuse is its fuse"
        amps = 2.5 * max(d.brief.current_peak_a / d.parallel, d.cell.current_continuous_a)
        return (
            f"option: a link of {fusible_link(amps) * 1e3:.2f} mm bare copper at each cell melts at about {amperes(amps)} "
            "(Preece, in free air) and leaves a shorted cell alone"
        )

    def _iron(self) -> str:
        work = self._work()
        return (
            f"{work.iron_class_w} W or more (needs {work.iron_w:.0f} W), wide tip at 370–400 °C, about {work.seconds:.0f} s "
            "to come to heat: much heat for a short time"
        )

    def _joint_sleeve(self) -> str:
        sleeve = self._work().sleeve
        if sleeve is None:
            return "no stock size slides over the contact and grips the wire: put it on before the contact"
        return (
            f"{millimetres(sleeve.supplied_m)} shrinking to {millimetres(sleeve.recovered_m)}, cut {millimetres(sleeve.cut_m)}; "
            "on the wire first, far back from the heat"
        )

    def _heat_runs(self) -> str:
        rise = self._work().far_rise_k
        length = self.session.design.leads.length_m
        if rise > TOUCH_K:
            return f"up to {rise:.0f} K at the pack through {millimetres(length)} of wire: solder it before it is on the pack, or clamp a heat sink on"
        return f"at most {max(rise, 0.0):.1f} K at the pack through {millimetres(length)} of wire"

    def _pull(self) -> str:
        work = self._work()
        if work.pull_n is None:
            return "outside the tables of pull-out forces"
        return f"must hold {work.pull_n:.0f} N ({work.pull_source})"

    # -- showing ----------------------------------------------------------------------------------------

    def refresh_more(self) -> None:
        s = self.session
        leads, brief = s.design.leads, s.design.brief
        rows = []
        for o in s.analysis.leads.options:
            if o.limit_a < HOPELESS * brief.current_steady_a and o.wire != leads.wire.name:
                continue
            verdict = "good" if o.good else "too thick" if not o.fits_connector else "too thin"
            hot = "runs away" if o.temperature_k > 700 else celsius(o.temperature_k)
            rows.append((o.wire, (o.wire, amperes(o.limit_a), f"{figures(o.drop_v * 1e3)} mV", hot, verdict)))
        self.gauges.set_rows(rows)
        for combo, value in (
            (self.insulation, leads.wire.insulation),
            (self.conductor, leads.wire.conductor.value),
            (self.tinned, "tinned" if leads.wire.tinned else "plain"),
        ):
            combo.setCurrentIndex(combo.findText(value))
        ask = ConnectorAsk(
            brief.current_steady_a,
            brief.current_peak_a,
            s.analysis.pack.voltage_full_v,
            brief.ambient_max_k,
            leads.wire,
            on_the_pack=Topic.PACK_PLUG in s.plan.topics,
        )
        if self._plugged:
            self.picker.set_palette(self.look)
            self.picker.show_fits(ranked_connectors(s.library.connectors, ask), leads.connector.name)
        if self._plots:
            self._draw_charts()

    def _cover(self) -> None:
        """The same gauge with the insulation, conductor and tinning chosen."""
        present = self.session.design.leads.wire
        plain = next((w for w in self.session.library.wires if w.gauge == present.gauge), present)
        wire = covered(
            plain,
            self.insulation.currentText(),
            Conductor(self.conductor.currentText()),
            self.tinned.currentText() == "tinned",
        )
        guarded(lambda: self.session.edit("leads.wire", wire, f"Take {wire.name}"), self.session.refused.emit)

    def _take(self, name: str) -> None:
        present = self.session.design.leads.wire
        wire = next((w for w in like(self.session.library.wires, present) if w.name == name), None)
        if wire:
            guarded(lambda: self.session.edit("leads.wire", wire, f"Take {name}"), self.session.refused.emit)

    def _take_connector(self, name: str) -> None:
        part = next((c for c in self.session.library.connectors if c.name == name), None)
        if part:
            guarded(
                lambda: self.session.edit("leads.connector", part, f"Take a {name}"),
                self.session.refused.emit,
            )

    # -- charts -----------------------------------------------------------------------------------------

    def show_charts(self) -> None:
        """Make the charts, once."""
        if self._plots:
            return
        self.chart_button.hide()
        for key, name, across, up in (
            ("gauge", "Current against copper area", "copper area, mm²", "current, A"),
            ("fuse", "How long each stands a current", "current, A", "time, s"),
            ("along", "Along the lead at the steady current", "from the pack, mm", "temperature, °C"),
        ):
            plot = Plot(name, across, up, self.look, falls=key == "fuse")
            if key != "along":
                plot.plot.setLogMode(x=True, y=True)
            title = QLabel(name)
            title.setObjectName("quiet")
            place = self.body.indexOf(self.charts_here)
            self.body.insertWidget(place, plot)
            self.body.insertWidget(place, title)
            self._plots[key] = plot
        self._draw_charts()

    def _draw_charts(self) -> None:
        for plot in self._plots.values():
            plot.clear()
        self._draw_gauges(self._plots["gauge"])
        self._draw_fuse(self._plots["fuse"])
        profile = profile_of(self.session.design, self.session.analysis)
        along = self._plots["along"]
        along.line(profile.place_m * 1e3, profile.temperature_k - ZERO_CELSIUS, "", along.palette_now.accent)

    def _draw_gauges(self, chart: Plot) -> None:
        brief, leads = self.session.design.brief, self.session.design.leads
        wires = sorted(like(self.session.library.wires, leads.wire), key=lambda w: w.area_m2)
        area = np.array([w.area_m2 * 1e6 for w in wires])
        chart.plain_ticks("left", (1, 2, 5, 10, 20, 50, 100, 200, 500))
        chart.plain_ticks("bottom", (0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100))
        p = chart.palette_now
        for laying, colour in (
            (WireLaying.FREE, p.accent),
            (WireLaying.PAIR, p.good),
            (WireLaying.SLEEVE, p.note),
        ):
            chart.line(
                area, rated_current(wires, leads.limit_k, brief.ambient_max_k, laying), laying.value, colour
            )
        for (name, table), symbol, colour in zip(
            (
                ("NFPA 70 310.17, 75 °C", NFPA_75),
                ("ABYC E-11, 105 °C", ABYC_105),
                ("hobby's chassis figure", CUSTOM),
            ),
            ("o", "t", "d"),
            (p.stop, p.attention, p.quiet),
            strict=True,
        ):
            chart.marks(
                awg_area(list(table)) * 1e6, np.array(list(table.values()), dtype=float), name, symbol, colour
            )
        ends = area[[0, -1]]
        chart.line(ends, np.full(2, brief.current_steady_a), "steady current", p.ink, dashed=True)
        chart.marks(
            np.array([leads.wire.area_m2 * 1e6]), np.array([brief.current_steady_a]), "this lead", "s", p.ink
        )

    def _draw_fuse(self, chart: Plot) -> None:
        s = self.session
        brief, leads, p = s.design.brief, s.design.leads, chart.palette_now
        chart.plain_ticks("left", (0.001, 0.01, 0.1, 1, 10, 100, 1000, 10000))
        chart.plain_ticks("bottom", (5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000))
        short = max(s.analysis.pack.short_circuit_a, 2 * brief.current_peak_a)
        current = np.geomspace(max(brief.current_steady_a * 0.8, 1.0), short, 160)

        def shown(times: np.ndarray, name: str, colour: str, dashed: bool = False) -> None:
            known = times < LONG_S
            if known.any():
                chart.line(current[known], times[known], name, colour, dashed)

        if leads.fuse is not None:
            least, most = opening_times(leads.fuse, current)
            shown(least, "fuse opens from", p.attention, True)
            shown(most, "fuse open by", p.attention)
        insulation_k = leads.wire.insulation_limit_k
        holds = float(rated_current((leads.wire,), insulation_k, brief.ambient_max_k, leads.laying, 2)[0])
        stands = wire_times(
            leads.wire, current, brief.current_steady_a, holds, insulation_k, brief.ambient_max_k
        )
        shown(stands, "wire stands", p.accent)
        strip = metal_of(s.analysis.layout, s.design.joining, StripKind.COLLECTOR)
        share = max((piece.lead_share for piece in s.analysis.strips), default=1.0)
        shown(strip_times(*strip, share, current, brief.ambient_max_k), "collecting strip stands", p.note)
        chart.marks(np.array([brief.current_peak_a]), np.array([brief.peak_duration_s]), "peak", "s", p.ink)

    def point_at(self, ref: str) -> None:
        if ref == "connector" and self._plugged:
            self.picker.setFocus()
