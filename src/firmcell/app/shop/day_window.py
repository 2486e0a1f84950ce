"""The day: steps of several jobs in the order that uses cures and charges, and what is to be looked at
again."""

from datetime import datetime, timedelta
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, QTime
from PySide6.QtWidgets import (
    QCheckBox,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QPushButton,
    QSplitter,
    QTabWidget,
    QTimeEdit,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Search
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.shop.day_look import Looked, look
from firmcell.app.shop.job_ticks import JobTicks, Newest
from firmcell.app.stock.stock_forms import whole_number
from firmcell.app.tables import RowsTable, low
from firmcell.app.wheel import calm
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import about, plural
from firmcell.core.jobs.day_plan import DAY_S, DayPlan, JobToDo, Shift, day_plan
from firmcell.core.jobs.day_words import blocks, clock, day_of, plan_words
from firmcell.core.jobs.reminders import Reminder

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.store.job_day import JobDay

HEADINGS = ("When", "Until", "Job", "Step", "With", "Takes", "Who")
BEGINS_KEY, ENDS_KEY, PEOPLE_KEY, WEEKEND_KEY = "day/begins", "day/ends", "day/people", "day/weekend"


class DayWindow(QDialog):
    """Jobs at left, ticked; the steps of the days, and reminders, at right.

    Parameters
    ----------
    window : MainWindow
    folder : Path
        Whose jobs are planned.
    place : str
        Of the register; "" for the shop's own.
    now : datetime, optional
        As if it were then.
    """

    def __init__(
        self, window: "MainWindow", folder: Path, place: str = "", now: datetime | None = None
    ) -> None:
        super().__init__(window)
        self.window_, self.folder = window, folder
        self.now = now or datetime.now().astimezone()
        self.midnight = self.now.replace(hour=0, minute=0, second=0, microsecond=0)
        self.found: Looked | None = None
        self.plan: DayPlan | None = None
        self.planned: tuple[JobToDo, ...] = ()
        self._newest = Newest(self._refused)
        self.setWindowTitle("The day")
        column = QVBoxLayout(self)
        column.addLayout(self._hours())
        column.addWidget(self._middle(), 1)
        self.said = PlainLabel(f"{folder}: looking …")
        self.said.setWordWrap(True)
        self.said.setAccessibleName("How the plan stands")
        row = QHBoxLayout()
        row.addWidget(self.said, 1)
        self.write_button = QPushButton("Write a &calendar…")
        self.write_button.setAutoDefault(False)
        self.write_button.clicked.connect(lambda _=False: self.choose())
        row.addWidget(self.write_button)
        column.addLayout(row)
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(76 * em, 42 * em)
        fit_on_desktop(self)
        library, midnight = window.library, self.midnight
        self._search = Search(lambda: look(folder, library, place, midnight), self)
        self._search.progressed.connect(self._show_jobs)
        self._search.finished.connect(self._looked)
        self._search.refused.connect(self._refused)
        self._search.start()

    def _hours(self) -> QHBoxLayout:
        """When work is done, and by how many."""
        kept, row = self.window_.settings, QHBoxLayout()
        self.begins, self.ends = QTimeEdit(), QTimeEdit()
        for box, key, usual, words in (
            (self.begins, BEGINS_KEY, "08:00", "Work &from"),
            (self.ends, ENDS_KEY, "17:00", "&to"),
        ):
            box.setDisplayFormat("HH:mm")
            box.setButtonSymbols(QTimeEdit.ButtonSymbols.NoButtons)
            box.setTime(QTime.fromString(str(kept.value(key, usual)), "HH:mm"))
            calm(box)
            box.setAccessibleName(words.replace("&", ""))
            box.timeChanged.connect(lambda _: self._ask())
            label = PlainLabel(words)
            label.setBuddy(box)
            row.addWidget(label)
            row.addWidget(box)
        self.people = whole_number()
        self.people.setRange(1, 6)
        self.people.setValue(int(str(kept.value(PEOPLE_KEY, 1))))
        self.people.setAccessibleName("People at the benches")
        self.people.valueChanged.connect(lambda _: self._ask())
        label = PlainLabel("&People")
        label.setBuddy(self.people)
        self.weekend = QCheckBox("Saturday and S&unday too")
        self.weekend.setChecked(str(kept.value(WEEKEND_KEY, "false")) == "true")
        self.weekend.toggled.connect(lambda _: self._ask())
        row.addWidget(label)
        row.addWidget(self.people)
        row.addWidget(self.weekend)
        row.addStretch(1)
        return row

    def _middle(self) -> QSplitter:
        split = QSplitter(Qt.Orientation.Horizontal)
        left = QWidget()
        column = QVBoxLayout(left)
        column.setContentsMargins(0, 0, 0, 0)
        label = PlainLabel("&Jobs that are planned; Space ticks one")
        label.setWordWrap(True)
        self.jobs = JobTicks("Jobs that are planned")
        label.setBuddy(self.jobs)
        self.jobs.itemChanged.connect(lambda _: self._ask())
        column.addWidget(label)
        column.addWidget(self.jobs, 1)
        self.tabs = QTabWidget()
        self.tabs.setAccessibleName("Plan and reminders")
        self.table = RowsTable(HEADINGS, "Steps of the days; Enter opens the job", 3)
        self.table.keep_wide(14)
        self.table.chosen.connect(self.open_)
        self.reminders = RowsTable(("Due", "Day", "Of", "What"), "What is to be looked at again", 3)
        self.reminders.keep_wide(14)
        self.tabs.addTab(self.table, "&Steps")
        self.tabs.addTab(self.reminders, "&Reminders")
        split.addWidget(left)
        split.addWidget(self.tabs)
        split.setStretchFactor(0, 1)
        split.setStretchFactor(1, 4)
        split.setChildrenCollapsible(False)
        em = self.fontMetrics().height()
        split.setSizes([16 * em, 60 * em])
        return split

    # -- jobs --------------------------------------------------------------------------------------------

    def _show_jobs(self, found: Looked) -> None:
        self.found = found
        self.jobs.blockSignals(True)
        shown = self.jobs.every_path()
        for job in found.jobs:
            if not job.to_do.works or str(job.path) in shown:
                continue
            busy = about(sum(work.work_s for work in job.to_do.works))
            words = f"{plural(len(job.to_do.works), 'step')}, about {busy} of work"
            self.jobs.add(job.path, f"{visible(job.to_do.title)}\n{words}", ticked=True)
        self.jobs.blockSignals(False)
        self._show_reminders()
        self._ask()

    def _refused(self, sentence: str) -> None:
        self.said.setText(sentence)

    def _looked(self, found: Looked | None) -> None:
        if found is not None:
            self._show_jobs(found)

    def every_reminder(self) -> list[Reminder]:
        """All reminders, the most overdue first."""
        return self.found.every_reminder if self.found is not None else []

    def _show_reminders(self) -> None:
        today = self.now.date()
        rows = [
            (str(n), (r.due(today), f"{r.day}", r.about, r.words))
            for n, r in enumerate(self.every_reminder())
        ]
        self.reminders.set_rows(rows)
        low(self.reminders)
        late = sum(r.day <= today for r in self.every_reminder())
        self.tabs.setTabText(1, f"&Reminders ({late} due)" if late else "&Reminders")

    # -- the plan ----------------------------------------------------------------------------------------

    def shift(self) -> Shift:
        """When work is done, from now on."""
        begins, ends = (box.time().msecsSinceStartOfDay() / 1e3 for box in (self.begins, self.ends))
        off = frozenset[int]()
        if not self.weekend.isChecked():
            first = self.midnight.date()
            off = frozenset(n for n in range(90) if (first + timedelta(days=n)).weekday() >= 5)
        now = (self.now - self.midnight).total_seconds()
        return Shift(begins, ends, self.people.value(), off, now)

    def _keep(self) -> None:
        kept = self.window_.settings
        kept.setValue(BEGINS_KEY, self.begins.time().toString("HH:mm"))
        kept.setValue(ENDS_KEY, self.ends.time().toString("HH:mm"))
        kept.setValue(PEOPLE_KEY, self.people.value())
        kept.setValue(WEEKEND_KEY, "true" if self.weekend.isChecked() else "false")

    def ticked(self) -> tuple["JobDay", ...]:
        """The jobs that are ticked."""
        if self.found is None:
            return ()
        on = self.jobs.ticked()
        return tuple(job for job in self.found.jobs if str(job.path) in on)

    def _ask(self) -> None:
        """Plan, off the interface thread."""
        if self.found is None:
            return
        shift = self.shift()
        if shift.ends_s <= shift.begins_s:
            self.said.setText("Work ends before it begins: the second time must be the later one.")
            return
        self._keep()
        jobs, tools = self.ticked(), dict(self.found.tools)
        to_do = tuple(job.to_do for job in jobs)

        def show(plan: DayPlan) -> None:
            self._show_plan(plan, jobs)

        self._newest.ask(lambda: day_plan(to_do, shift, tools), show)

    def _show_plan(self, plan: DayPlan, jobs: tuple["JobDay", ...]) -> None:
        self.plan = plan
        self.planned = tuple(job.to_do for job in jobs)
        first, today = self.midnight.date(), self.now.date()
        rows = []
        for n, block in enumerate(blocks(plan)):
            many = block.ends_s // DAY_S > block.begins_s // DAY_S
            until = (f"{day_of(block.ends_s, first, today)} " if many else "") + clock(block.ends_s)
            texts = (
                f"{day_of(block.begins_s, first, today)} {clock(block.begins_s)}",
                until,
                self.planned[block.job].title,
                block.steps,
                block.needs,
                about(block.work_s),
                f"{block.person + 1}" if self.people.value() > 1 else "",
            )
            rows.append((f"{n}:{jobs[block.job].path}", texts))
        self.table.set_rows(rows)
        low(self.table)
        faults = "".join(f" {fault}" for fault in (self.found.faults if self.found else ()))
        self.said.setText(f"{plan_words(plan, self.planned, first, today)}{faults}")

    def open_(self, ref: str) -> None:
        """Open the job of a step, and go."""
        _, _, path = ref.partition(":")
        if path and self.window_.opening.open_path(Path(path)):
            self.accept()

    # -- calendar ----------------------------------------------------------------------------------------

    def choose(self) -> None:
        """Ask where, and write plan and reminders as a calendar."""
        start = str(self.folder / "workshop.ics")
        name, _ = QFileDialog.getSaveFileName(self, "Write a calendar", start, "iCalendar (*.ics)")
        if name:
            self.write(Path(name))

    def write(self, path: Path) -> bool:
        """Write plan and reminders as a calendar; the dialog has asked whether a file is replaced."""
        from firmcell.store.calendar_file import calendar
        from firmcell.store.whole_files import write_whole

        def content() -> bytes:
            return calendar(self.every_reminder(), self.plan, self.planned, self.midnight, self.now)

        done = guarded(lambda: write_whole(path, content(), replace=True), self.said.setText)
        if done:
            self.said.setText(f"{path} is written: any calendar takes it in.")
        return done

    def done(self, result: int) -> None:
        """Look no further when it is closed."""
        self._search.give_up()
        self._newest.give_up()
        super().done(result)
