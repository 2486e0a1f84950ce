"""What a run gave: its curves, and the slider that goes through it."""

import numpy as np
from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QComboBox, QGridLayout, QSlider, QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.theme import PALETTES
from firmcell.app.wheel import calm
from firmcell.core.analysis.run_words import moment_words
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.pictures.run_paint import ShownInRun
from firmcell.core.run.run_result import RunResult


class RunCurves(QWidget):
    """The curves of a run, another one dashed behind it, and the slider that goes through it.

    Signals
    -------
    moment_changed : the picture shows another moment, or another thing of it.
    """

    moment_changed = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.result: RunResult | None = None
        self.kept: RunResult | None = None
        self.shown = ShownInRun.TEMPERATURE
        self._allowed_k = 0.0
        self.plots: dict[str, Plot] = {}
        body = QVBoxLayout(self)
        body.setContentsMargins(0, 0, 0, 0)
        body.setSpacing(6)
        self._scrubber(body)
        self._plots_here = QVBoxLayout()
        body.addLayout(self._plots_here)
        self.hide()

    def _scrubber(self, body: QVBoxLayout) -> None:
        grid = QGridLayout()
        self.slider = calm(QSlider(Qt.Orientation.Horizontal))
        self.slider.setAccessibleName("Moment of the run")
        self.slider.setToolTip("Move it through the run; the picture shows the pack at that moment")
        self.slider.valueChanged.connect(self._moved)
        label = PlainLabel("&Moment")
        label.setBuddy(self.slider)
        grid.addWidget(label, 0, 0)
        grid.addWidget(self.slider, 0, 1)
        self.moment_words = PlainLabel("")
        self.moment_words.setWordWrap(True)
        grid.addWidget(self.moment_words, 1, 0, 1, 2)
        self.paint_what = calm(QComboBox())
        self.paint_what.addItems([s.value for s in ShownInRun])
        self.paint_what.setAccessibleName("What is painted on the cells")
        self.paint_what.currentIndexChanged.connect(self._choose_shown)
        label = PlainLabel("&Paint")
        label.setBuddy(self.paint_what)
        grid.addWidget(label, 2, 0)
        grid.addWidget(self.paint_what, 2, 1)
        body.addLayout(grid)

    @property
    def moment(self) -> int:
        """The number of the moment that the picture shows."""
        if self.result is None:
            return 0
        return self.result.at(self.slider.value() / 1000 * float(self.result.time_s[-1]))

    def _moved(self) -> None:
        if self.result is not None:
            self.moment_words.setText(moment_words(self.result, self.moment))
            for plot in self.plots.values():
                plot.upright(float(self.result.time_s[self.moment]) / 60)
        self.moment_changed.emit()

    def _choose_shown(self, index: int) -> None:
        self.shown = list(ShownInRun)[index]
        self.moment_changed.emit()

    def keep_it(self) -> None:
        """Keep this run's curves behind those of the next."""
        self.kept = self.result
        self._draw()

    def show_run(self, result: RunResult | None, allowed_k: float) -> None:
        """Show a run from its end, or none."""
        self.result, self._allowed_k = result, allowed_k
        runs = result is not None and len(result.time_s) > 1
        self.setVisible(runs)
        if runs and not self.plots:
            self._make_plots()
        self._draw()
        self.slider.blockSignals(True)
        self.slider.setRange(0, 1000)
        self.slider.setValue(1000)
        self.slider.blockSignals(False)
        self._moved()

    def _make_plots(self) -> None:
        palette = PALETTES["dark" if self.palette().window().color().lightness() < 128 else "light"]
        for key, up in (
            ("volts", "at the load, V"),
            ("amperes", "current, A"),
            ("kelvin", "temperature, °C"),
            ("charge", "charge left, %"),
        ):
            plot = Plot(f"{up} over the run", "time, min", up, palette, falls=key in ("volts", "charge"))
            plot.setMaximumHeight(plot.minimumHeight())
            self._plots_here.addWidget(plot)
            self.plots[key] = plot

    def dress(self, look: str) -> None:
        """Take the colours of the look."""
        for plot in self.plots.values():
            plot.dress(PALETTES[look])
        self._draw()

    def _draw(self) -> None:
        for plot in self.plots.values():
            plot.clear()
        for result, dashed in ((self.kept, True), (self.result, False)):
            if result is not None and self.plots:
                self._draw_one(result, dashed)

    def _draw_one(self, result: RunResult, dashed: bool) -> None:
        minutes = result.time_s / 60
        p = next(iter(self.plots.values())).palette_now
        curves = {
            "volts": ((result.voltage_v, "at the load", p.accent),),
            "amperes": ((np.abs(result.current_a), "current", p.accent),),
            "kelvin": (
                (result.temperature_max_k - ZERO_CELSIUS, "hottest cell", p.stop),
                (result.temperature_mean_k - ZERO_CELSIUS, "mean", p.accent),
            ),
            "charge": (
                (result.charge_max * 100, "fullest cell", p.accent),
                (result.charge_min * 100, "weakest cell", p.stop),
            ),
        }
        for key, lines in curves.items():
            for values, name, colour in lines:
                self.plots[key].line(minutes, values, "" if dashed else name, colour, dashed=dashed)
        if not dashed:
            limit = self._allowed_k - ZERO_CELSIUS
            ends = np.array([0.0, minutes[-1]])
            self.plots["kelvin"].line(ends, np.array([limit, limit]), "allowed", p.attention, dashed=True)
