"""The charts of the Leads page: every gauge by current, and the fuse in time."""

from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtWidgets import QWidget

from firmcell.app.pages.lead_figures import LONG_S
from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.leads.fuse_timing import LEADS_TOGETHER, opening_times, strip_times, wire_times
from firmcell.core.leads.insulation_class import like
from firmcell.core.leads.wire_rating import ABYC_105, CUSTOM, NFPA_75, carriers, rated_current
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.physics.wire_heat import awg_area
from firmcell.core.pictures.lead import profile_of
from firmcell.core.strips.pieces import collecting_strip

if TYPE_CHECKING:
    from firmcell.app.pages.leads_page import LeadsPage


class LeadCharts:
    """The charts of the Leads page: every gauge by current, and the fuse in time."""

    def __init__(self, page: "LeadsPage") -> None:
        self.page = page

    def build(self) -> None:
        self.page.section("Charts")
        self.charts_here = QWidget()
        self.page.body.addWidget(self.charts_here)
        self.chart_button = self.page.button(
            "Show the c&harts",
            self.show_charts,
            "Current against copper area with published tables; the fuse in time; the lead along its length",
        )
        self.page.body.addWidget(self.chart_button)

    def show_charts(self) -> None:
        """Make the charts, once."""
        if self.page._plots:
            return
        self.chart_button.hide()
        for key, name, across, up in (
            ("gauge", "Current against copper area", "copper area, mm²", "current, A"),
            ("fuse", "How long each stands a current", "current, A", "time, s"),
            ("along", "Along the lead at the steady current", "from the pack, mm", "temperature, °C"),
        ):
            plot = Plot(name, across, up, self.page.look, falls=key == "fuse")
            if key != "along":
                plot.plot.setLogMode(x=True, y=True)
            title = PlainLabel(name)
            title.setObjectName("quiet")
            place = self.page.body.indexOf(self.charts_here)
            self.page.body.insertWidget(place, plot)
            self.page.body.insertWidget(place, title)
            self.page._plots[key] = plot
        self.draw()

    def draw(self) -> None:
        for plot in self.page._plots.values():
            plot.clear()
        self.draw_gauges(self.page._plots["gauge"])
        self.draw_fuse(self.page._plots["fuse"])
        profile = profile_of(self.page.session.design, self.page.session.analysis)
        along = self.page._plots["along"]
        along.line(profile.place_m * 1e3, profile.temperature_k - ZERO_CELSIUS, "", along.palette_now.accent)

    def draw_gauges(self, chart: Plot) -> None:
        brief, leads = self.page.session.design.brief, self.page.session.design.leads
        wires = sorted(like(self.page.session.library.wires, leads.wire), key=lambda w: w.area_m2)
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
        ends, each_a = area[[0, -1]], brief.current_steady_a / carriers(leads.parallel)
        chart.line(ends, np.full(2, each_a), "steady current", p.ink, dashed=True)
        chart.marks(np.array([leads.wire.area_m2 * 1e6]), np.array([each_a]), "this lead", "s", p.ink)

    def draw_fuse(self, chart: Plot) -> None:
        s = self.page.session
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
        share = carriers(leads.parallel)
        asked = current / share, brief.duty.lasting_a / share, insulation_k, brief.ambient_max_k
        stands = wire_times(leads.wire, *asked, leads.laying, LEADS_TOGETHER)
        shown(stands, "wire stands", p.accent)
        strip = collecting_strip(s.analysis.layout, s.design.joining, s.analysis.strips)
        stands = strip_times(*strip, current, brief.duty.lasting_a, brief.ambient_max_k)
        shown(stands, "collecting strip stands", p.note)
        chart.marks(np.array([brief.current_peak_a]), np.array([brief.peak_duration_s]), "peak", "s", p.ink)
