"""A charge or a capacity test watched: readings laid over the plan as they come, an alarm at its edge, and a
verdict."""

import time
from collections.abc import Callable
from functools import partial
from typing import Any

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.session import Session, guarded
from firmcell.app.theme import Palette
from firmcell.app.tones import sound
from firmcell.app.wheel import calm
from firmcell.core.analysis.watch_plan import WatchPlan, watch_plan
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import volts
from firmcell.core.records.events import Watched, WatchedRun
from firmcell.core.run.watch import Reading, alarm, has_ended, verdict
from firmcell.instruments.kinds import Kind
from firmcell.instruments.link import SIMULATED, Link
from firmcell.instruments.listed import Listed, instruments
from firmcell.instruments.stand_ins import Played, StandIn
from firmcell.store.run_files import readings_csv
from firmcell.store.units import parse

EVERY_MS = 1000
FASTER = 300.0
"""The stand-ins play so much faster than a real charge goes."""
CHARGE_STEP = "first-charge"


class WatchWindow(QDialog):
    """Plan, readings and alarm of one run."""

    def __init__(self, session: Session, look: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.setWindowTitle("Watch a charge or a capacity test")
        self.readings: list[Reading] = []
        self.plan: WatchPlan | None = None
        self._links: list[Link] = []
        self._task: Task | None = None
        self._begun, self._faster, self._warned = 0.0, 1.0, ""
        self._clock: Callable[[], float] = time.monotonic
        self._make_widgets(look)
        self._timer = QTimer(self)
        self._timer.setInterval(EVERY_MS)
        self._timer.timeout.connect(self._ask)

    def _make_widgets(self, look: Palette) -> None:
        column = QVBoxLayout(self)
        grid = QGridLayout()
        self.what = calm(QComboBox())
        for what in Watched:
            self.what.addItem(what.value.capitalize(), what)
        self.what.setAccessibleName("What is watched")
        self.amps = QLineEdit(f"{self.session.design.charge_current_a:g}")
        self.amps.setAccessibleName("Current of the capacity test, amperes")
        for row, (words, part) in enumerate((("&What", self.what), ("&Current of the test, A", self.amps))):
            label = PlainLabel(words)
            label.setBuddy(part)
            grid.addWidget(label, row, 0)
            grid.addWidget(part, row, 1)
        column.addLayout(grid)
        self.from_words = PlainLabel(self._sources())
        self.from_words.setObjectName("quiet")
        self.from_words.setWordWrap(True)
        column.addWidget(self.from_words)
        plots = QHBoxLayout()
        self.volts_plot = Plot("Voltage against the plan", "time, min", "voltage, V", look)
        self.warm_plot = Plot("Warmth against the plan", "time, min", "hottest, °C", look)
        plots.addWidget(self.volts_plot)
        plots.addWidget(self.warm_plot)
        column.addLayout(plots, 1)
        self.said = PlainLabel(
            "Connect the charger to the mains, then to the pack; sensors on the cells in the middle. Then start."
        )
        self.said.setWordWrap(True)
        self.said.setAccessibleName("What the readings say")
        column.addWidget(self.said)
        buttons = QHBoxLayout()
        self.start_button, self.stop_button, self.keep_button = (
            QPushButton(words) for words in ("&Start watching", "S&top", "&Record it")
        )
        for button, call in (
            (self.start_button, self.start),
            (self.stop_button, self.stop),
            (self.keep_button, self.keep),
        ):
            button.clicked.connect(lambda _=False, call=call: call())
            buttons.addWidget(button)
        self.stop_button.setEnabled(False)
        self.keep_button.setEnabled(False)
        column.addLayout(buttons)
        let_scroll(self)
        self.resize(900, 560)
        fit_on_desktop(self)

    @property
    def _kind(self) -> Kind:
        return Kind.CHARGER if self._watched is Watched.CHARGE else Kind.LOAD

    @property
    def _watched(self) -> Watched:
        # Qt hands a word back as a plain text.
        return Watched(self.what.currentData())

    def _sources(self) -> str:
        every = instruments()
        told = ", ".join(every[kind].label for kind in (self._kind, Kind.THERMOMETER))
        return f"Read from: {told} (menu Bench, Instruments). Simulated ones play the run {FASTER:.0f} times faster."

    # -- the plan ---------------------------------------------------------------------------------------

    def start(self) -> None:
        """Work the plan out, off the interface thread, then read."""
        what, session = self._watched, self.session
        try:
            amps = parse(self.amps.text(), "A", "A")
        except Refusal as refusal:
            self.said.setText(refusal.sentence)
            return
        design, analysis, metal = session.design, session.analysis, session.metal
        if metal is None:
            self.said.setText("The pack is still being worked out; a moment, then start again.")
            return
        self.from_words.setText(self._sources())
        self.said.setText("The plan is worked out …")
        self.start_button.setEnabled(False)

        def done(plan: WatchPlan) -> None:
            self.plan = plan
            guarded(self._begin, self._failed)

        self._task = Task(lambda: watch_plan(design, analysis, metal, what, amps), done, self._failed).start()

    def _failed(self, sentence: str) -> None:
        self._end_links()
        self.start_button.setEnabled(True)
        self.said.setText(sentence)

    def _begin(self) -> None:
        assert self.plan is not None
        every = instruments()
        self._begun = self._clock()
        simulated = all(every[kind].address == SIMULATED for kind in (self._kind, Kind.THERMOMETER))
        self._faster = FASTER if simulated else 1.0
        self._links = [self._link(every[kind]) for kind in (self._kind, Kind.THERMOMETER)]
        self._links[0].tell("OUTP ON" if self._kind is Kind.CHARGER else "INP ON")
        self.readings, self._warned = [], ""
        self.said.setText("Watching.")
        self.stop_button.setEnabled(True)
        self.keep_button.setEnabled(False)
        self._timer.start(EVERY_MS)
        self._draw()

    def _link(self, listed: Listed) -> Link:
        """An instrument, or its stand-in with the run as it should go."""
        assert self.plan is not None
        played = self.plan.played
        now = [float(t) for t in played.time_s]

        def series(values: Any) -> Played:
            return Played(now, [float(v) for v in values], self._faster, self._clock)

        holds: dict[str, Any] = (
            {"first": series(played.temperature_max_k), "second": series(played.temperature_mean_k)}
            if listed.kind is Kind.THERMOMETER
            else {"volts": series(played.voltage_v), "amps": series(abs(played.current_a))}
        )
        return Link(listed.kind, listed.address, StandIn(listed.kind, holds))

    # -- readings ---------------------------------------------------------------------------------------

    def _ask(self) -> None:
        if self._task is not None and self._task_runs:
            return
        at = (self._clock() - self._begun) * self._faster
        source, warm = self._links
        self._task_runs = True

        def read() -> Reading:
            return Reading(at, source.read("volts"), source.read("amps"), warm.read("first"))

        def done(reading: Reading) -> None:
            self._task_runs = False
            self.take(reading)

        def failed(sentence: str) -> None:
            self._task_runs = False
            self._warn(f"{sentence} Nobody watches now: stay with it, or stop the charge.")

        self._task = Task(read, done, failed).start()

    _task_runs = False

    def take(self, reading: Reading) -> None:
        """Take in one reading."""
        if self.plan is None or not self._timer.isActive():
            return
        self.readings.append(reading)
        told = alarm(self.plan.plan, self.readings)
        if told:
            self._warn(told)
        else:
            self._warned = ""
            shown = volts(reading.volts) if reading.volts is not None else "no voltage"
            warm = f", {reading.kelvin - ZERO_CELSIUS:.1f} °C" if reading.kelvin is not None else ""
            self.said.setText(
                f"After {reading.time_s / 60:.0f} min: {shown}, {reading.amps or 0.0:.2f} A{warm}. In the plan."
            )
            self._dress("said")
        self._draw()
        over = reading.time_s >= float(self.plan.played.time_s[-1]) and self._faster > 1
        empty = self._kind is Kind.LOAD and reading.volts is not None and reading.volts <= self.plan.until_v
        if over or empty or (self._kind is Kind.CHARGER and has_ended(self.readings)):
            self.stop()

    def _warn(self, words: str) -> None:
        self._dress("fault")
        self.said.setText(words)
        if words != self._warned:
            sound(False)
        self._warned = words

    def _dress(self, name: str) -> None:
        self.said.setObjectName(name)
        self.said.style().unpolish(self.said)
        self.said.style().polish(self.said)

    def stop(self) -> None:
        """Stop watching, switch the source off, and say what the run says."""
        self._timer.stop()
        self._end_links()
        self.start_button.setEnabled(True)
        self.stop_button.setEnabled(False)
        if self.plan is None or not self.readings:
            return
        told = verdict(self.plan.plan, self.readings, self.plan.rated_as)
        self._dress("expected" if told.right else "fault")
        self.said.setText(" ".join(told.words))
        self.keep_button.setEnabled(not self.session.read_only_because)
        sound(told.right)

    def _end_links(self) -> None:
        off = {Kind.CHARGER: "OUTP OFF", Kind.LOAD: "INP OFF"}
        for link in self._links:
            if link.kind in off:
                guarded(partial(link.tell, off[link.kind]), self.said.setText)
            link.close()
        self._links = []

    def keep(self) -> bool:
        """Record the verdict, and the readings as an attachment."""
        if self.plan is None or not self.readings:
            return False
        told = verdict(self.plan.plan, self.readings, self.plan.rated_as)
        what = self._watched
        data = WatchedRun(
            what=what,
            seconds=told.seconds,
            readings=len(self.readings),
            outside=told.faults,
            end_v=told.end_v,
            most_k=told.most_k,
            capacity_as=told.capacity_as,
        )
        label = instruments()[self._kind].label

        def write() -> None:
            self.session.record(data, CHARGE_STEP, label)
            name = f"{what.value.replace(' ', '-')}-{len(self.session.events)}.csv"
            self.session.job.attach(name, "text/csv", readings_csv(self.readings).encode("utf-8"))

        kept = guarded(write, self.said.setText)
        self.keep_button.setEnabled(not kept)
        return kept

    def _draw(self) -> None:
        assert self.plan is not None
        plan = self.plan.plan
        minutes = plan.time_s / 60
        p = self.volts_plot.palette_now
        for plot in (self.volts_plot, self.warm_plot):
            plot.clear()
        self.volts_plot.line(minutes, plan.low_v, "plan", p.attention, dashed=True, width=1.0)
        self.volts_plot.line(minutes, plan.high_v, "", p.attention, dashed=True, width=1.0)
        self.warm_plot.line(
            minutes, plan.most_k - ZERO_CELSIUS, "no warmer than", p.stop, dashed=True, width=1.0
        )
        read = [(r.time_s / 60, r.volts, r.kelvin) for r in self.readings]
        for plot, values in (
            (self.volts_plot, [(t, v) for t, v, _ in read if v is not None]),
            (self.warm_plot, [(t, k - ZERO_CELSIUS) for t, _, k in read if k is not None]),
        ):
            if values:
                plot.line([t for t, _ in values], [v for _, v in values], "read", p.accent)

    def closeEvent(self, event: Any) -> None:
        self._timer.stop()
        self._end_links()
        super().closeEvent(event)
