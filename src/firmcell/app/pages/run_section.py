"""The run of the pack: what is asked, what it gives, its curves, and the pack at any moment of it."""

from collections.abc import Callable
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import (
    QComboBox,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QProgressBar,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.pages.run_curves import RunCurves
from firmcell.app.plain import PlainLabel
from firmcell.app.session import Session
from firmcell.app.wheel import calm
from firmcell.core.analysis.run_of_design import (
    Asked,
    charge_unsure_v,
    conductors_of,
    run_with_band,
    run_with_cells,
)
from firmcell.core.analysis.run_words import band_words, conductor_words, run_words
from firmcell.core.analysis.storage_words import storage_words, stored
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.measured_values import as_measured, capacities
from firmcell.core.cells.age import Age
from firmcell.core.run.charge_plan import SURE, charge_plan
from firmcell.core.run.demand import Demand, of_duty, steady
from firmcell.core.run.run_result import RunResult
from firmcell.store.run_files import plan_csv, profile_from_csv, run_csv
from firmcell.store.strangers import text_of
from firmcell.store.units import parse, show
from firmcell.store.whole_files import write_whole

STEADY, DUTY, CURRENT, POWER, PROFILE, CHARGE, STORE = (
    "the brief's steady current",
    "the brief's current with its peaks",
    "a current",
    "a power",
    "a profile from a file",
    "nothing: charge it",
    "nothing: left in store",
)
OWN_CELL = "those of the design"
UNITS = {CURRENT: "A", POWER: "W"}
TELL_MS = 80


class RunSection(QWidget):
    """The run of the pack: what is asked of it, and what it gives."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.result: RunResult | None = None
        self._profile: Demand | None = None
        self._task: Task | None = None
        self._of: tuple[Any, ...] = ()
        self._planned: tuple[tuple[RunResult, ...], float, tuple[float, float, float]] = ((), 0.0, SURE)
        self._left, self._stop = [1.0], [False]
        body = QVBoxLayout(self)
        body.setContentsMargins(0, 0, 0, 0)
        body.setSpacing(6)
        self._asked(body)
        self._running(body)
        self.words = PlainLabel("")
        self.words.setWordWrap(True)
        self.words.setAccessibleName("What the run gives")
        self.words.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        body.addWidget(self.words)
        self.curves = RunCurves()
        body.addWidget(self.curves)
        self._clock = QTimer(self)
        self._clock.setInterval(TELL_MS)
        self._clock.timeout.connect(self._tell_progress)
        self._fit_value()

    # -- what is asked ----------------------------------------------------------------------------------

    def _asked(self, body: QVBoxLayout) -> None:
        grid = QGridLayout()
        self.drawn = self._choice(("&Drawn", (STEADY, DUTY, CURRENT, POWER, PROFILE, CHARGE, STORE)), grid, 0)
        self.value = self._entry(("How m&uch", "10 A"), grid, 1)
        self.start = self._entry(("From a c&harge of", "100 %"), grid, 2)
        ambient = self.session.design.brief.ambient_max_k
        self.ambient = self._entry(("&Air, and pack at the start", show(ambient, "K")), grid, 3)
        self.age = self._choice(("Cell&s are", tuple(a.value for a in Age)), grid, 4)
        self.cell = self._choice(("With ce&lls", (OWN_CELL, *self._others())), grid, 5)
        self.drawn.currentIndexChanged.connect(self._fit_value)
        body.addLayout(grid)
        row = QHBoxLayout()
        self.go = self._button("&Run it", self.run, "Works out the run; a few seconds at most")
        self.go.setProperty("main", "true")
        self.keep = self._button(
            "&Keep to compare", self._keep, "The curves of this run stay, dashed, behind those of the next"
        )
        self.out = self._button(
            "CS&V…", self._save, "The run moment by moment: what to compare a charge at the bench with"
        )
        self.plan = self._button(
            "Pla&n…", self._save_plan, "Of a charge: between what its readings should lie, minute by minute"
        )
        for button in (self.go, self.keep, self.out, self.plan):
            row.addWidget(button)
        row.addStretch(1)
        body.addLayout(row)
        self._may_keep(False)

    def _others(self) -> tuple[str, ...]:
        """Other cells of the library that go into the same places."""
        own = self.session.design.cell
        alike = (own.form, own.size, own.chemistry.is_lithium)
        return tuple(
            c.name
            for c in self.session.library.cells
            if (c.form, c.size, c.chemistry.is_lithium) == alike and c.name != own.name
        )

    def _choice(self, what: tuple[str, tuple[str, ...]], grid: QGridLayout, row: int) -> QComboBox:
        label, box = PlainLabel(what[0]), calm(QComboBox())
        box.addItems(list(what[1]))
        box.setAccessibleName(what[0].replace("&", ""))
        label.setBuddy(box)
        grid.addWidget(label, row, 0)
        grid.addWidget(box, row, 1)
        return box

    def _entry(self, what: tuple[str, str], grid: QGridLayout, row: int) -> QLineEdit:
        label, line = PlainLabel(what[0]), QLineEdit(what[1])
        line.setAccessibleName(what[0].replace("&", ""))
        line.returnPressed.connect(self.run)
        label.setBuddy(line)
        grid.addWidget(label, row, 0)
        grid.addWidget(line, row, 1)
        return line

    def _button(self, text: str, call: Callable[[], object], tip: str) -> QPushButton:
        button = QPushButton(text)
        button.setToolTip(tip)
        button.setAccessibleDescription(tip)
        button.clicked.connect(lambda _=False: call())
        return button

    def _fit_value(self) -> None:
        """The value asked for goes with what is drawn."""
        what = self.drawn.currentText()
        if what == PROFILE and self.isVisible():
            self._choose_profile()
        self.value.setEnabled(what in UNITS)
        brief = self.session.design.brief
        told = {
            STEADY: show(brief.current_steady_a, "A"),
            DUTY: f"{show(brief.current_steady_a, 'A')}, peaks of {show(brief.current_peak_a, 'A')}",
            PROFILE: "a profile" if self._profile is None else "as in the file",
            CHARGE: show(self.session.design.charge_current_a, "A") + " in",
            STORE: "what board and cells take",
        }
        if what in told:
            self.value.setText(told[what])
        else:
            middle = brief.current_steady_a * self.session.analysis.pack.voltage_nominal_v
            self.value.setText(show(brief.current_steady_a, "A") if what == CURRENT else f"{middle:.0f} W")

    def _choose_profile(self) -> None:
        name, _ = QFileDialog.getOpenFileName(
            self, "Profile: time_s and current_a or power_w", "", "CSV (*.csv)"
        )
        if not name:
            return
        try:
            self._profile = profile_from_csv(text_of(Path(name)), Path(name).name)
        except Refusal as refusal:
            self.words.setText(refusal.sentence)

    def _demand(self) -> Demand | None:
        what, brief = self.drawn.currentText(), self.session.design.brief
        if what in UNITS:
            value = parse(self.value.text(), UNITS[what], UNITS[what])
            if value <= 0:
                raise Refusal("What is drawn is more than 0.")
            return steady(value, watts=what == POWER)
        if what == PROFILE:
            if self._profile is None:
                raise Refusal("Choose a file first: a CSV with the columns time_s and current_a or power_w.")
            return self._profile
        return {STEADY: steady(brief.current_steady_a), DUTY: of_duty(brief.duty)}.get(what)

    def _may_keep(self, may: bool) -> None:
        self.keep.setEnabled(may)
        self.out.setEnabled(may)
        self.plan.setEnabled(may and self.result is not None and self.result.delivered_as < 0)

    def _keep(self) -> None:
        self.curves.keep_it()

    def _save(self) -> None:
        if self.result is not None:
            self._write("The run moment by moment", "run.csv", run_csv(self.result))

    def _save_plan(self) -> None:
        self._write("The plan of the charge", "charge-plan.csv", plan_csv(charge_plan(*self._planned)))

    def _write(self, title: str, proposed: str, text: str) -> None:
        name, _ = QFileDialog.getSaveFileName(self, title, proposed, "CSV (*.csv)")
        if not name:
            return
        try:
            write_whole(Path(name), text.encode(), replace=True)
        except Refusal as refusal:
            self.words.setText(refusal.sentence)
        except OSError as error:
            self.words.setText(f"{name} could not be written: {error.strerror}.")

    # -- the run ----------------------------------------------------------------------------------------

    def _running(self, body: QVBoxLayout) -> None:
        row = QHBoxLayout()
        row.setContentsMargins(0, 0, 0, 0)
        self.progress = QProgressBar()
        self.progress.setRange(0, 100)
        self.progress.setAccessibleName("Progress of the run")
        row.addWidget(self.progress, 1)
        row.addWidget(self._button("S&top", self.stop, "Ends the run where it is"))
        self.busy = QWidget()
        self.busy.setLayout(row)
        self.busy.hide()
        body.addWidget(self.busy)

    def run(self) -> None:
        """Work out the run, off the interface thread."""
        s = self.session
        if s.metal is None:
            self.words.setText("The strips are still being worked out; try again in a moment.")
            return
        try:
            start = parse(self.start.text(), "1", "%")
            if not 0 < start <= 1:
                raise Refusal("A run starts from more than 0 and up to 100 %.")
            age = Age(self.age.currentText())
            asked = Asked(self._demand(), start, parse(self.ambient.text(), "K", "°C"), age)
        except Refusal as refusal:
            self.words.setText(refusal.sentence)
            return
        self.give_up()
        if self.drawn.currentText() == STORE:
            found = stored(s.design, s.analysis, start, asked.ambient_k)
            self.words.setText("\n".join(storage_words(found, s.design, start)))
            return
        design, measured, metal, analysis = s.design, as_measured(s.design, s.state), s.metal, s.analysis
        known, left, stop = capacities(measured, s.state), [1.0], [False]
        # Of this run alone: one that was given up stays told to end.
        self._left, self._stop = left, stop

        def told(least: float) -> bool:
            left[0] = least
            return stop[0]

        other = next((c for c in s.library.cells if c.name == self.cell.currentText()), None)

        def work() -> Any:
            if other is None:
                found = run_with_band(measured, analysis, metal, asked, known, told)
                return *found, conductors_of(measured, metal, found[0], asked.ambient_k)
            found, warm = run_with_cells(design, other, s.library, asked, told)
            return *found, warm

        def done(found: Any) -> None:
            self._ended()
            if design is not self.session.design:
                return
            self.result, edges, model, conductors = found
            run_by = design if other is None else design.edited("cell", other)
            self._of, runs = (design,), (self.result, *(edges or ()))
            self._planned = runs, asked.ambient_k, charge_unsure_v(run_by)
            words = run_words(self.result, run_by) + conductor_words(conductors, self.result)
            if edges is not None:
                words.append(band_words(edges, model.source))
            self.words.setText("\n".join(words))
            self._may_keep(True)
            self._show_result()

        def refused(sentence: str) -> None:
            self._ended()
            self.words.setText(sentence)

        self.busy.show()
        self._clock.start()
        self._task = Task(work, done, refused).start()

    def _tell_progress(self) -> None:
        self.progress.setValue(round(100 * (1 - max(self._left[0], 0.0))))

    def _ended(self) -> None:
        self._task = None
        self._clock.stop()
        self.busy.hide()

    def stop(self) -> None:
        """End the run where it is."""
        self._stop[0] = True

    def give_up(self) -> None:
        """Let go of a run that nobody waits for any more."""
        self._stop[0] = True
        if self._task is not None:
            self._task.give_up()
            self._ended()

    def forget_if_changed(self) -> None:
        """A run of another design is shown no longer."""
        if self.result is not None and self._of != (self.session.design,):
            self.result = None
            self.words.setText("The design has changed since the run: run it again.")
            self._may_keep(False)
            self._show_result()
        others = (OWN_CELL, *self._others())
        if tuple(self.cell.itemText(n) for n in range(self.cell.count())) != others:
            self.cell.clear()
            self.cell.addItems(list(others))
        if self.drawn.currentText() not in UNITS:
            self._fit_value()

    def _show_result(self) -> None:
        self.curves.show_run(self.result, self.session.design.cell.temperature_max_k)
