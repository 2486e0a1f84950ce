"""The jobs of a folder with the state of each; Enter opens one."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QDialog, QFileDialog, QHBoxLayout, QPushButton, QVBoxLayout

from firmcell.app.background import Search
from firmcell.app.form_dialog import fit_on_desktop
from firmcell.app.plain import PlainLabel
from firmcell.app.tables import RowsTable
from firmcell.core.base.wording import plural
from firmcell.store.job_list import JobLine, lines_of

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

FOLDER_KEY = "jobs folder"


class JobListWindow(QDialog):
    """Every job of a folder, a line each."""

    def __init__(self, window: "MainWindow", folder: Path) -> None:
        super().__init__(window)
        self.window_, self.folder = window, folder
        self.lines: tuple[JobLine, ...] = ()
        self._search: Search | None = None
        self.setWindowTitle("Jobs in a folder")
        column = QVBoxLayout(self)
        row = QHBoxLayout()
        self.where = PlainLabel()
        self.where.setWordWrap(True)
        row.addWidget(self.where, 1)
        other = QPushButton("Another &folder…")
        other.setAutoDefault(False)
        other.clicked.connect(lambda _=False: self.choose())
        row.addWidget(other)
        column.addLayout(row)
        self.table = RowsTable(
            ("Stands", "Job", "Kind", "Pack", "Steps passed", "Saved"),
            "Jobs of the folder; Enter opens one",
            4,
        )
        self.table.chosen.connect(self.open_)
        column.addWidget(self.table, 1)
        em = self.fontMetrics().height()
        self.resize(62 * em, 26 * em)
        fit_on_desktop(self)
        self.look(folder)

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

    def _show(self, lines: tuple[JobLine, ...]) -> None:
        self.lines = lines
        self.table.set_rows(
            [
                (
                    str(line.path),
                    (
                        line.stands,
                        line.title or str(line.path.relative_to(self.folder)),
                        line.kind,
                        line.what,
                        line.at,
                        line.saved[:10],
                    ),
                )
                for line in lines
            ]
        )

    def _end(self, lines: tuple[JobLine, ...] | None) -> None:
        self._search = None
        self._show(lines or ())
        built = sum(line.steps > 0 and line.passed == line.steps for line in self.lines)
        stopped = sum(line.stops > 0 for line in self.lines)
        self.where.setText(
            f"{self.folder}: {plural(len(self.lines), 'job')}, {built} built, {stopped} with a stop."
            if self.lines
            else f"{self.folder}: no job in it."
        )

    def _refused(self, sentence: str) -> None:
        self._search = None
        self.where.setText(sentence)

    def open_(self, ref: str) -> None:
        """Open a job, and go."""
        if ref and self.window_.opening.open_path(Path(ref)):
            self.accept()

    def done(self, result: int) -> None:
        """Look no further when it is closed."""
        self._stop()
        super().done(result)
