"""The Leads stage: wire, connector, fuse, and what the joint asks of the bench."""

from PySide6.QtWidgets import QComboBox, QGridLayout, QLabel

from firmcell.app.connector_list import ConnectorList
from firmcell.app.pages.base_page import Page
from firmcell.app.pages.lead_charts import LeadCharts
from firmcell.app.pages.lead_figures import LeadFigures
from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.session import guarded
from firmcell.app.tables import RowsTable
from firmcell.app.theme import PALETTES, Palette
from firmcell.app.wheel import calm
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.wording import amperes, celsius, figures, millimetres, volts
from firmcell.core.leads.connectors import ConnectorAsk, ranked_connectors
from firmcell.core.leads.insulation_class import INSULATIONS, covered, like
from firmcell.core.model.parts import Conductor
from firmcell.core.pictures.way_table import HEADINGS, way_tables
from firmcell.core.rules.table import Topic

HOPELESS = 0.7
"""Share of the current a gauge must carry to be worth a row."""


class LeadsPage(Page):
    """Wire, connector and fuse."""

    stage, heading = Stage.LEADS, "Leads: wire, connector, fuse"

    def build(self) -> None:
        self.charts, self.told = LeadCharts(self), LeadFigures(self)
        self._plots: dict[str, Plot] = {}
        self._wire_section()
        if self._plugged:
            self._connector_section()
        if Topic.FUSE in self.session.plan.topics:
            self._fuse_section()
        if self._plugged:
            self._joint_section()
        self._way_section()
        self.charts.build()

    @property
    def _plugged(self) -> bool:
        return Topic.PLUG in self.session.plan.topics

    @property
    def look(self) -> Palette:
        """The palette the window has now."""
        return PALETTES["dark" if self.palette().window().color().lightness() < 128 else "light"]

    # -- sections ---------------------------------------------------------------------------------------

    def _wire_section(self) -> None:
        self.section("Main leads")
        for name in ("wire", "parallel", "length_m", "laying", "drop_limit_v", "limit_k"):
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
            label = PlainLabel(words)
            label.setBuddy(combo)
            row = grid.rowCount()
            grid.addWidget(label, row, 0)
            grid.addWidget(combo, row, 1)
        self.body.addLayout(grid)
        self._wire_figures()
        self.gauges = self.table(
            ("Wire", "Carries", "Loses", "Warms to", "Verdict"), "Gauges compared", wide=4
        )
        self.gauges.chosen.connect(self._take)

    def _wire_figures(self) -> None:
        s = self.session
        self.figures(
            (
                "Carries",
                lambda: (
                    f"{amperes(s.analysis.leads.limit_a)} by heat balance, {s.design.leads.laying.value}; {amperes(s.design.brief.current_steady_a)} drawn"
                ),
            ),
            ("Published ratings", lambda: self.told.published()),
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
                "In a short circuit",
                lambda: (
                    f"about {amperes(s.analysis.pack.short_circuit_a)}; the wire withstands it {figures(s.analysis.leads.withstand_s, 2)} s"
                ),
            ),
            ("Laid", lambda: self.told.laid()),
            (
                "Suggested wire",
                lambda: (
                    f"{s.analysis.leads.proposed_wire or 'none'}; limited by {s.analysis.leads.rules_gauge}"
                ),
            ),
        )

    def _connector_section(self) -> None:
        s = self.session
        self.section("Connector")
        self.text("Best for this pack first; the face is that of the half on the pack. Enter selects it.")
        self.picker = ConnectorList(self.look)
        self.picker.chosen.connect(self._take_connector)
        self.body.addWidget(self.picker)
        self.field("leads.ends")
        self.field("leads.connector")
        self.figures(
            ("On the pack", lambda: f"{s.design.leads.outlet.pack_half}; the mate goes on the load"),
            (
                "Polarity",
                lambda: (
                    s.design.leads.outlet.polarity_mark or "no mark known: make one before anything is cut"
                ),
            ),
            (
                "Carries",
                lambda: (
                    f"{amperes(s.analysis.leads.connector_limit_a)} at {celsius(s.design.brief.ambient_max_k)}, limited by {s.analysis.leads.connector_ruled_by}; "
                    f"{s.analysis.leads.connector_margin:.2f} times the steady current"
                ),
            ),
            ("Contacts", lambda: self.told.contacts()),
            ("Plugging in", lambda: self.told.plugging_in()),
        )
        for name in (
            "second_connector",
            "charge_connector",
            "charge_same_pins",
            "charge_wire",
            "charge_fuse",
            "adapters",
        ):
            self.field(f"leads.{name}")

    def _fuse_section(self) -> None:
        s = self.session
        self.section("Fuse or breaker")
        for name in ("fuse", "fuse_in", "fuse_at_m", "fuse_holder_ohm"):
            self.field(f"leads.{name}")
        self.figures(
            (
                "Rating",
                lambda: (
                    f"from {amperes(s.analysis.leads.fuse_least_a)} (carries the load) to {amperes(s.analysis.leads.limit_a)} (protects the wire)"
                ),
            ),
            (
                "Breaking capacity needed",
                lambda: (
                    f"{amperes(s.analysis.pack.short_circuit_a)} at {volts(s.analysis.pack.voltage_full_v)} d.c."
                ),
            ),
            ("Timing", lambda: self.told.in_time()),
            (
                "Where",
                lambda: (
                    "in the plus lead, as near the pack as it goes; a second sleeve over the wire before it"
                ),
            ),
            ("Cell fuse links", lambda: self.told.links()),
            (
                "Fuse or breaker?",
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
            ("Iron", lambda: self.told.iron()),
            (
                "Strip off",
                lambda: (
                    f"{millimetres(self.told.work().strip_m)} for the cup; a crimp barrel's depth and 1 mm"
                ),
            ),
            ("Sleeve", lambda: self.told.joint_sleeve()),
            ("Heat at the far end", lambda: self.told.heat_runs()),
            (
                "A good joint looks like",
                lambda: (
                    "bright and smooth, strands in outline"
                    if self.session.design.leads.alloy.value.startswith("leaded")
                    else "smooth, strands in outline; lead-free is dull even when good"
                ),
            ),
            ("If crimped instead", lambda: self.told.pull()),
        )

    def _way_section(self) -> None:
        """The whole way of the current, there and back, piece by piece."""
        self.section("Way of the current")
        self._ways: list[tuple[QLabel, RowsTable, QLabel]] = []
        for table in way_tables(self.session.design, self.session.analysis):
            title = self.text(table.title)
            rows = self.table(HEADINGS, table.title, wide=0)
            self._ways.append((title, rows, self.text(table.total)))

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
        for (title, table, total), told in zip(self._ways, way_tables(s.design, s.analysis), strict=False):
            title.setText(told.title)
            table.set_rows(list(told.rows))
            total.setText(told.total)
        if self._plots:
            self.charts.draw()

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

    def point_at(self, ref: str) -> None:
        if ref == "connector" and self._plugged:
            self.picker.setFocus()
