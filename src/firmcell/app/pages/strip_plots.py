"""The plots of the Strips page: currents, heat along the run, choice of strip, scatter of drawn packs."""

from typing import TYPE_CHECKING, Any

import numpy as np
from PySide6.QtWidgets import QWidget

from firmcell.app.pages.strip_forms import SAMPLES
from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.theme import PALETTES
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import milliohms, plural
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.strips.duty_heat import duty_temperatures
from firmcell.core.strips.failures import Scatter, ScatterBands, monte_carlo
from firmcell.core.strips.strip_choice import BAR_THICKNESS_M, STRIP_THICKNESS_M, WELDERS, strip_choices
from firmcell.core.strips.under_load import UnderLoad

if TYPE_CHECKING:
    from firmcell.app.pages.strips_page import StripsPage


class StripPlots:
    """The plots of the Strips page: currents, heat along the run, choice of strip, scatter of drawn packs."""

    def __init__(self, page: "StripsPage") -> None:
        self.page = page

    def build(self) -> None:
        self.page.section("Plots")
        self.plots_here = QWidget()
        self.page.body.addWidget(self.plots_here)
        self.plot_button = self.page.button(
            "Show the &plots",
            self.show_plots,
            "Cell currents, temperature over the duty cycle, and strips to choose from",
        )
        self.page.body.addWidget(self.plot_button)

    def show_plots(self) -> None:
        """Make the plots, once."""
        if self.page._plots:
            return
        palette = PALETTES["dark" if self.page.palette().window().color().lightness() < 128 else "light"]
        self.plot_button.hide()
        for key, name, across, up in (
            (
                "cells",
                "Current of each cell; thin lines: where nine of ten scattered packs lie, once drawn",
                "cell",
                "current, A",
            ),
            ("duty", "Temperature over the duty cycle", "time, min", "temperature, °C"),
            ("choice", "Strips for the most loaded link", "thickness, mm", "rise as a long strip, K"),
        ):
            plot = Plot(name, across, up, palette)
            title = PlainLabel(name)
            title.setObjectName("quiet")
            title.setWordWrap(True)
            place = self.page.body.indexOf(self.plots_here)
            self.page.body.insertWidget(place, plot)
            self.page.body.insertWidget(place, title)
            self.page._plots[key] = plot
        self.draw()

    def draw(self) -> None:
        metal = self.page.session.metal
        if metal is None or not metal.figures.whole:
            return
        for plot in self.page._plots.values():
            plot.clear()
        p, cells = self.page._plots["cells"].palette_now, metal.figures.cells
        numbers = np.array([c.number for c in cells], dtype=float)
        currents = np.array([c.current_a for c in cells])
        self.page._plots["cells"].bars(numbers, currents, p.accent)
        if self.page._bands is not None:
            even = currents / np.maximum(1 + np.array([c.deviation for c in cells]), 1e-9)
            low, _, high = self.page._bands.cell_share * even
            self.page._plots["cells"].ticks(numbers, low, high, p.ink)
        self._draw_duty(metal)
        self._draw_choice(metal)

    def _draw_duty(self, metal: UnderLoad) -> None:
        plot, design = self.page._plots["duty"], self.page.session.design
        seconds = max(self.page.session.analysis.pack.run_time_s, 60.0)
        time, found = duty_temperatures(design, metal, seconds, max(seconds / 240, 1.0))
        minutes, warm = time / 60, found - ZERO_CELSIUS
        p = plot.palette_now
        plot.line(minutes, warm.max(axis=1), "hottest cell", p.stop)
        plot.line(minutes, warm.mean(axis=1), "mean", p.accent)
        plot.line(minutes, warm.min(axis=1), "coolest cell", p.note)
        limit = design.cell.temperature_max_k - ZERO_CELSIUS
        plot.line(np.array([0, minutes[-1]]), np.array([limit, limit]), "allowed", p.attention, dashed=True)

    def _draw_choice(self, metal: UnderLoad) -> None:
        plot, design = self.page._plots["choice"], self.page.session.design
        links = [s for s in metal.figures.segments if s.kind.value in ("link", "plate")]
        if not links:
            return
        current = max(s.current_a for s in links)
        p = plot.palette_now
        bars = design.joining.joined_by is JoinedBy.SCREW
        low = 0.0
        for welder, high in WELDERS if design.joining.joined_by is JoinedBy.WELD else ():
            plot.zone(low, high * 1e3, welder, p.bench if low == 0 else p.panel)
            low = high * 1e3
        colours = (p.accent, p.note, p.attention, p.good, p.stop)
        for colour, choice in zip(
            colours,
            strip_choices(design.joining.link_strip, current, design.brief.ambient_max_k, bars),
            strict=False,
        ):
            plot.line(choice.thickness_m * 1e3, choice.rise_k, f"{choice.width_m * 1e3:.0f} mm wide", colour)
        allowed = design.cell.temperature_max_k - design.brief.ambient_max_k
        plot.line(
            np.array(BAR_THICKNESS_M if bars else STRIP_THICKNESS_M) * 1e3,
            np.array([allowed, allowed]),
            "allowed",
            p.ink,
            dashed=True,
        )
        plot.plot.setYRange(0, max(3 * allowed, 10))

    def draw_packs(self) -> None:
        """Draw packs with scattered cells and tell what that does."""
        metal = self.page.session.metal
        if metal is None or not metal.figures.whole:
            return
        self.page.progress.show()
        self.page.progress.setValue(0)
        self.page.failures._run(
            lambda: monte_carlo(metal, Scatter(), SAMPLES), lambda bands: self.drawn(metal, bands)
        )

    def drawn(self, metal: UnderLoad, bands: ScatterBands) -> None:
        if metal is not self.page.session.metal:
            return
        self.page._bands = bands
        most, ohms = bands.greatest_share, bands.resistance_ohm

        def at(values: Any, part: float) -> float:
            return float(values[min(int(part * len(values)), len(values) - 1)])

        self.page.scatter_words.setText(
            f"{plural(bands.samples, 'pack')} drawn: the most loaded cell carries {at(most, 0.5):.2f} of an even part in half of them, "
            f"{at(most, 0.95):.2f} in the worst twentieth; resistance {milliohms(at(ohms, 0.05))} to {milliohms(at(ohms, 0.95))}; "
            f"the smallest group holds {at(bands.capacity, 0.05) * 100:.1f} % of the mean in the worst twentieth."
        )
        if self.page._plots:
            self.draw()
