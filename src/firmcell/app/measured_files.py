"""Readings of cells out of a CSV: shown beside what the file says, then taken."""

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtWidgets import QFileDialog

from firmcell.app.background import Task
from firmcell.app.csv_preview import CsvPreview
from firmcell.app.session import guarded
from firmcell.core.base.wording import milliohms
from firmcell.core.records.event_words import tested_words
from firmcell.store.csv_rows import Rows, table_rows
from firmcell.store.strangers import text_of

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.core.records.events import CellTest

FILES = "CSV (*.csv *.txt);;All files (*)"
ReadAs = tuple[tuple[str, str], ...]


class MeasuredFiles:
    """What instruments wrote about the cells of the open job."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window
        self.preview: CsvPreview | None = None

    def choose_measured(self) -> None:
        """Ask for a file with measured resistances of the cells, show what it says, and take it."""
        path = self._chosen("Measured cells")
        if path is not None:
            self.take_measured(path, look=True)

    def take_measured(self, path: Path, look: bool = False) -> None:
        """Let the measured resistances in a file count instead of those of the class."""
        session = self.window.session
        if session is None:
            return
        cells = session.design.cell_count

        def read(text: str) -> tuple[float, ...]:
            from firmcell.store.resistance_csv import resistances_from_csv

            return resistances_from_csv(text, path.name, cells)

        def shown(ohms: tuple[float, ...]) -> tuple[str, ReadAs]:
            there = sorted(ohm for ohm in ohms if ohm > 0)
            said = (
                f"{len(there)} of {cells} cells: {milliohms(there[0])} to {milliohms(there[-1])}, the middle one "
                f"{milliohms(there[len(there) // 2])}. Ten times more or less than you expect: a wrong unit stands in the file."
            )
            return said, tuple(
                (f"cell {n}", milliohms(ohm) if ohm else "not measured")
                for n, ohm in enumerate(ohms, start=1)
            )

        def take(ohms: tuple[float, ...]) -> None:
            if session.edit_all((("measured_ohm", ohms),), f"Take the measured cells of {path.name}"):
                self.window.tell(f"{sum(o > 0 for o in ohms)} of {len(ohms)} cells are measured now.")

        self._read(path, read, shown if look else None, take)

    def take_dropped(self, path: Path) -> None:
        """Take a file that was let go over the window: tests of cells where it tells of capacity, else
        resistances; shown beside what it says first."""
        text = text_of(path)
        tests = "capac" in text.partition("\n")[0].lower()
        (self.take_tests if tests else self.take_measured)(path, look=True)

    def choose_tests(self) -> None:
        """Ask for a file with tests of reclaimed cells, show what it says, and record them."""
        path = self._chosen("Tests of cells")
        if path is not None:
            self.take_tests(path, look=True)

    def take_tests(self, path: Path, look: bool = False) -> None:
        """Record the tests of reclaimed cells that a file holds, one record a cell."""
        session = self.window.session
        if session is None:
            self.window.tell("Open a job first: the tests are recorded in it.")
            return
        cells = session.design.cell_count

        def read(text: str) -> "tuple[CellTest, ...]":
            from firmcell.store.cell_tests_csv import cell_tests_from_csv

            return cell_tests_from_csv(text, path.name, cells)

        def shown(tests: "tuple[CellTest, ...]") -> tuple[str, ReadAs]:
            said = f"{len(tests)} tests for the {cells} cells of this job. Each becomes a record."
            rows = [tested_words(test).partition(" tested: ") for test in tests]
            return said, tuple((cell, words) for cell, _, words in rows)

        def take(tests: "tuple[CellTest, ...]") -> None:
            step = "check-cells" if any(s.code == "check-cells" for s in session.steps) else ""
            for test in tests:
                session.record(test, step)
            self.window.tell(f"{len(tests)} tests of cells are recorded.")

        self._read(path, read, shown if look else None, take)

    def _chosen(self, title: str) -> Path | None:
        folder = str(self.window.settings.value("folder", Path.home()))
        name, _ = QFileDialog.getOpenFileName(self.window, title, folder, FILES)
        return Path(name) if name else None

    def _read(
        self,
        path: Path,
        read: Callable[[str], Any],
        shown: Callable[[Any], tuple[str, ReadAs]] | None,
        take: Callable[[Any], None],
    ) -> None:
        """Read a file off the interface thread; show it where it was asked for by hand; then take it, if the
        same job is still open."""
        session = self.window.session

        def both() -> tuple[Rows, Any]:
            text = text_of(path)
            return table_rows(text, path.name), read(text)

        def keep(what: Any) -> None:
            if self.window.session is session:
                guarded(lambda: take(what), self.window.tell)

        def found(got: tuple[Rows, Any]) -> None:
            rows, what = got
            if shown is None or self.window.session is not session:
                keep(what)
                return
            said, read_as = shown(what)
            self.preview = CsvPreview(path.name, rows, said, read_as, self.window)
            self.preview.accepted.connect(lambda: keep(what))
            self.preview.open()

        self.window._tasks.append(Task(both, found, self.window.tell).start())
