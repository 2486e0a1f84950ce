"""The job board: jobs of a folder with picture, state, open findings and the day they are promised for."""

from datetime import date
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QSize, Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QSplitter,
    QVBoxLayout,
)

from firmcell.app.background import Search
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.job_card import JobCard, picture_of
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.tables import REF_ROLE, RowsTable, low
from firmcell.core.base.wording import plural
from firmcell.store.job_file import SUFFIX
from firmcell.store.job_list import JobLine, archived, copied_as_template, lines_of

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

FOLDER_KEY = "jobs folder"
HEADINGS = ("Job", "Stands", "Promised", "Kind", "Pack", "Steps passed", "Saved")
PICTURE_EM = (5.0, 3.0)
"""Width and height of a picture in heights of letters."""


class JobListWindow(QDialog):
    """Every job of a folder, a line each, and the one that is picked at the right."""

    def __init__(self, window: "MainWindow", folder: Path, today: date | None = None) -> None:
        super().__init__(window)
        self.window_, self.folder, self.today = window, folder, today or date.today()
        self.lines: tuple[JobLine, ...] = ()
        self._search: Search | None = None
        self.setWindowTitle("Jobs in a folder")
        column = QVBoxLayout(self)
        column.addLayout(self._top())
        self.where = PlainLabel()
        self.where.setWordWrap(True)
        column.addWidget(self.where)
        self.table = RowsTable(HEADINGS, "Jobs of the folder; Enter opens one", 5)
        self.table.chosen.connect(self.open_)
        self.table.picked.connect(self._picked)
        self.card = JobCard(window.look)
        for button, call in (
            (self.card.open_button, self._open_picked),
            (self.card.archive_button, self.archive),
            (self.card.template_button, self._ask_template),
        ):
            button.clicked.connect(lambda _=False, call=call: call())
        split = QSplitter(Qt.Orientation.Horizontal)
        split.addWidget(self.table)
        split.addWidget(self.card)
        split.setStretchFactor(0, 5)
        split.setStretchFactor(1, 2)
        split.setChildrenCollapsible(False)
        column.addWidget(split, 1)
        em = self.fontMetrics().height()
        split.setSizes([50 * em, 20 * em])
        let_scroll(self)
        self.resize(72 * em, 36 * em)
        fit_on_desktop(self)
        self.look(folder)

    def _top(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.words = QLineEdit()
        self.words.setPlaceholderText("Job, for whom, kind, step or finding")
        self.words.setAccessibleName("Find jobs")
        self.words.setClearButtonEnabled(True)
        self.words.textChanged.connect(lambda _: self._show(self.lines))
        label = PlainLabel("&Find")
        label.setBuddy(self.words)
        self.archive_too = QCheckBox("Also those done &with")
        self.archive_too.toggled.connect(lambda _: self._show(self.lines))
        other = QPushButton("Another f&older…")
        other.setAutoDefault(False)
        other.clicked.connect(lambda _=False: self.choose())
        row.addWidget(label)
        row.addWidget(self.words, 1)
        row.addWidget(self.archive_too)
        row.addWidget(other)
        return row

    def choose(self) -> None:
        """Ask for another folder."""
        name = QFileDialog.getExistingDirectory(self, "Jobs in a folder", str(self.folder))
        if name:
            self.look(Path(name))

    def look(self, folder: Path) -> None:
        """Show the jobs of a folder; they come in one after another, read off the interface thread."""
        self._stop()
        self.folder = folder
        self.window_.settings.setValue(FOLDER_KEY, str(folder))
        self._show(())
        self.where.setText(f"{folder}: looking …")
        library = self.window_.library
        self._search = Search(lambda: lines_of(folder, library), self)
        self._search.progressed.connect(self._show)
        self._search.finished.connect(self._end)
        self._search.refused.connect(self._refused)
        self._search.start()

    def _stop(self) -> None:
        if self._search is not None:
            self._search.give_up()
            self._search = None

    def _shown(self) -> list[JobLine]:
        """The jobs that are looked for: those promised first come first."""
        words = self.words.text().lower().split()

        def wanted(line: JobLine) -> bool:
            if line.is_archived and not self.archive_too.isChecked():
                return False
            told = " ".join(
                (
                    line.title,
                    line.path.stem,
                    line.customer,
                    line.kind,
                    line.what,
                    line.step,
                    line.stands,
                    *line.open_findings,
                )
            ).lower()
            return all(word in told for word in words)

        return sorted(
            filter(wanted, self.lines), key=lambda line: (line.is_built, line.promised or "9", line.title)
        )

    def _show(self, lines: tuple[JobLine, ...]) -> None:
        self.lines = lines
        now = str(self.table.currentIndex().data(REF_ROLE) or "")
        shown = self._shown()
        self.table.set_rows([(str(line.path), self._texts(line)) for line in shown])
        low(self.table)
        em = self.fontMetrics().height()
        size = QSize(round(PICTURE_EM[0] * em), round(PICTURE_EM[1] * em))
        look, ratio = self.window_.look, self.devicePixelRatioF()
        pictures = {str(line.path): picture_of(line, size, ratio, look) for line in shown}
        self.table.show_pictures(pictures, size)
        refs = [str(line.path) for line in shown]
        if refs:
            self.table.setCurrentIndex(self.table.rows.index(refs.index(now) if now in refs else 0, 0))
        self._picked(str(self.table.currentIndex().data(REF_ROLE) or ""))

    def _texts(self, line: JobLine) -> tuple[str, ...]:
        due = line.due(self.today)
        promised = f"{line.promised}, {due}" if due else line.promised
        title = line.title or str(line.path.relative_to(self.folder))
        return title, line.stands, promised, line.kind, line.what, line.at, line.saved[:10]

    def _current(self) -> JobLine | None:
        ref = str(self.table.currentIndex().data(REF_ROLE) or "")
        return next((line for line in self.lines if str(line.path) == ref), None)

    def _picked(self, ref: str) -> None:
        self.card.show_job(next((line for line in self.lines if str(line.path) == ref), None), self.today)

    def _end(self, lines: tuple[JobLine, ...] | None) -> None:
        self._search = None
        self._show(lines or ())
        if not self.table.hasFocus() and self.table.rows.rowCount():
            # Nobody has gone into the list while the jobs came in: what is promised first is shown.
            self.table.setCurrentIndex(self.table.rows.index(0, 0))
        here = [line for line in self.lines if not line.is_archived]
        built = sum(line.is_built for line in here)
        stopped = sum(line.stops > 0 for line in here)
        late = sum(line.due(self.today).startswith("late") for line in here)
        done_with = len(self.lines) - len(here)
        words = f"{self.folder}: {plural(len(here), 'job')}, {built} built, {stopped} with a stop"
        words += f", {late} late" if late else ""
        words += f"; {done_with} done with" if done_with else ""
        self.where.setText(f"{words}." if self.lines else f"{self.folder}: no job in it.")

    def _refused(self, sentence: str) -> None:
        self._search = None
        self.where.setText(sentence)

    def open_(self, ref: str) -> None:
        """Open a job, and go."""
        if ref and self.window_.opening.open_path(Path(ref)):
            self.accept()

    def _open_picked(self) -> None:
        line = self._current()
        if line is not None:
            self.open_(str(line.path))

    def archive(self) -> None:
        """Put the picked job among those done with, or back."""
        line, session = self._current(), self.window_.session
        if line is None:
            return
        if session is not None and session.path.resolve() == line.path.resolve():
            self.where.setText(f"{line.title} is open in this window: close it first (Ctrl+W).")
            return
        if guarded(lambda: archived(line.path), self.where.setText):
            self.look(self.folder)

    def _ask_template(self) -> None:
        line = self._current()
        if line is None:
            return
        start = line.path.with_name(f"{line.path.stem} (again){SUFFIX}")
        name, _ = QFileDialog.getSaveFileName(
            self, "Begin another job with this design", str(start), f"Firm Cell job (*{SUFFIX})"
        )
        if name:
            self.template(line, Path(name if name.endswith(SUFFIX) else name + SUFFIX))

    def template(self, line: JobLine, target: Path) -> None:
        """Begin another job with the design of one, without its records."""
        person = str(self.window_.settings.value("person", ""))
        if guarded(lambda: copied_as_template(line.path, target, person), self.where.setText):
            self.look(self.folder)

    def done(self, result: int) -> None:
        """Look no further when it is closed."""
        self._stop()
        super().done(result)
