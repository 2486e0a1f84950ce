"""The shopping list: what the chosen jobs still want, what is there, what must be bought, how it is cut."""

from collections.abc import Iterator
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QLocale, Qt
from PySide6.QtWidgets import (
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QPushButton,
    QSplitter,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Search
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.language.edge import language
from firmcell.app.language.spoken import tongue_of
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.shop.job_ticks import JobTicks, Newest
from firmcell.app.tables import REF_ROLE, RowsTable, low
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import plural
from firmcell.core.jobs.shopping import JobWants, ToBuy, cut_words, shopping, told_of, told_together
from firmcell.core.model.part_library import PartLibrary

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.register.have import Have

HEADINGS = ("Part", "Wanted", "There", "Buy", "Supplier", "Cost", "For")


@frozen(eq=False)
class _Looked:
    """What was found so far."""

    have: "Have"
    jobs: tuple[tuple[Path, JobWants], ...] = ()
    faults: tuple[str, ...] = ()


def _look(folder: Path, library: PartLibrary, place: str) -> Iterator[_Looked]:
    """The stock, then one job of a folder after another."""
    from firmcell.register.have import have
    from firmcell.store.job_list import ARCHIVE, job_files
    from firmcell.store.job_wants import wants_of

    found = _Looked(have(place))
    yield found
    in_jobs = dict(found.have.cells_in_jobs)
    for path in job_files(folder):
        if path.parent.name == ARCHIVE:
            continue
        try:
            wants = wants_of(path, library, in_jobs)
        except Refusal as refusal:
            found = _Looked(found.have, found.jobs, (*found.faults, refusal.sentence))
        else:
            found = _Looked(found.have, (*found.jobs, (path, wants)), found.faults)
        yield found


class ShoppingWindow(QDialog):
    """Jobs at left, ticked; what they want at right.

    Parameters
    ----------
    window : MainWindow
    folder : Path
        Whose jobs are listed.
    picked : Path or None
        The job that is ticked at first; None ticks all.
    place : str
        Of the register; "" for the shop's own.
    """

    def __init__(self, window: "MainWindow", folder: Path, picked: Path | None, place: str = "") -> None:
        super().__init__(window)
        self.window_, self.folder, self.picked = window, folder, picked
        self.found: _Looked | None = None
        self.lines: tuple[ToBuy, ...] = ()
        self._newest = Newest(self._refused)
        self.setWindowTitle("Shopping list")
        column = QVBoxLayout(self)
        column.addWidget(self._middle(), 1)
        self.said = PlainLabel(f"{folder}: looking …")
        self.said.setWordWrap(True)
        self.said.setAccessibleName("What is to be bought")
        row = QHBoxLayout()
        row.addWidget(self.said, 1)
        self.csv, self.pdf = QPushButton("Write C&SV…"), QPushButton("Write &PDF…")
        for button, kind in ((self.csv, "csv"), (self.pdf, "pdf")):
            button.setAutoDefault(False)
            button.setEnabled(False)
            button.clicked.connect(lambda _=False, kind=kind: self.choose(kind))
            row.addWidget(button)
        column.addLayout(row)
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(76 * em, 42 * em)
        fit_on_desktop(self)
        library = window.library
        self._search = Search(lambda: _look(folder, library, place), self)
        self._search.progressed.connect(self._show_jobs)
        self._search.finished.connect(self._looked)
        self._search.refused.connect(self._refused)
        self._search.start()

    def _middle(self) -> QSplitter:
        split = QSplitter(Qt.Orientation.Horizontal)
        left = QWidget()
        column = QVBoxLayout(left)
        column.setContentsMargins(0, 0, 0, 0)
        label = PlainLabel("&Jobs it is for; Space ticks one")
        self.jobs = JobTicks("Jobs that the list is for")
        label.setBuddy(self.jobs)
        self.jobs.itemChanged.connect(lambda _: self._ask())
        column.addWidget(label)
        column.addWidget(self.jobs, 1)
        right = QWidget()
        beside = QVBoxLayout(right)
        beside.setContentsMargins(0, 0, 0, 0)
        self.table = RowsTable(HEADINGS, "Parts that the jobs want", 0)
        self.table.keep_wide(12)
        self.table.picked.connect(lambda _: self._show_cuts())
        beside.addWidget(self.table, 3)
        self.cuts = PlainLabel()
        self.cuts.setWordWrap(True)
        self.cuts.setAccessibleName("How it is cut")
        self.cuts.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.cuts.setMinimumHeight(self.fontMetrics().height() * 5)
        beside.addWidget(self.cuts)
        split.addWidget(left)
        split.addWidget(right)
        split.setStretchFactor(0, 1)
        split.setStretchFactor(1, 4)
        split.setChildrenCollapsible(False)
        em = self.fontMetrics().height()
        split.setSizes([16 * em, 60 * em])
        return split

    # -- jobs --------------------------------------------------------------------------------------------

    def _show_jobs(self, found: _Looked) -> None:
        self.found = found
        self.jobs.blockSignals(True)
        for path, wants in found.jobs[self.jobs.count() :]:
            parts = len({(u.what, u.name) for u in wants.used})
            ticked = parts > 0 if self.picked is None else path.resolve() == self.picked.resolve()
            self.jobs.add(path, f"{visible(wants.title)}\n{plural(parts, 'part')} still wanted", ticked)
        self.jobs.blockSignals(False)
        self._ask()

    def _refused(self, sentence: str) -> None:
        self.said.setText(sentence)

    def _looked(self, found: _Looked | None) -> None:
        if found is not None:
            self._show_jobs(found)

    def ticked(self) -> list[JobWants]:
        """The jobs that are ticked."""
        if self.found is None:
            return []
        on = self.jobs.ticked()
        return [wants for path, wants in self.found.jobs if str(path) in on]

    # -- the list ----------------------------------------------------------------------------------------

    def _ask(self) -> None:
        """Work the list out, off the interface thread: the cuts of many pieces take a moment."""
        if self.found is None:
            return
        jobs, have = self.ticked(), self.found.have
        self._newest.ask(lambda: shopping(jobs, have.parts, dict(have.cells_free)), self._show_lines)

    def _show_lines(self, lines: tuple[ToBuy, ...]) -> None:
        # What must be bought comes first; each part keeps its place in the order of the trade.
        lines = tuple(sorted(lines, key=lambda each: not each.buy))
        self.lines = lines
        parts = self.found.have.parts if self.found is not None else ()
        rows = []
        for n, each in enumerate(lines):
            there = each.much(each.there) if each.there else ""
            cost = "" if each.cost is None or not each.buy else f"{each.cost:.2f}"
            wanted = each.line.with_spare if each.jobs else "little left"
            buy = each.much(each.buy) if each.buy else "–"
            texts = (each.line.title, wanted, there, buy, each.supplier, cost, each.why)
            rows.append((str(n), texts))
        self.table.set_rows(rows)
        low(self.table)
        kept = "" if parts else " No part is in stock by the register (Workshop, What the shop has)."
        faults = "".join(f" {fault}" for fault in (self.found.faults if self.found else ()))
        self.said.setText(
            f"{told_together(lines)}{kept}{faults}"
            if lines
            else f"{self.folder}: no job wants a part.{faults}"
        )
        for button in (self.csv, self.pdf):
            button.setEnabled(bool(lines))
        if lines and not self.table.currentIndex().isValid():
            self.table.setCurrentIndex(self.table.rows.index(0, 0))
        self._show_cuts()

    def _show_cuts(self) -> None:
        """How the picked part is cut, or where it lies."""
        ref = self.table.currentIndex().data(REF_ROLE)
        if ref is None or int(ref) >= len(self.lines) or self.found is None:
            self.cuts.setText("")
            return
        each, parts = self.lines[int(ref)], self.found.have.parts
        told = told_of(each, parts)
        words = [each.line.title + (f": there are {told}." if told else ".")]
        words += [f"{line}." for line in cut_words(each, parts)]
        words += [each.doubt] if each.doubt else []
        self.cuts.setText("\n".join(map(visible, words)))

    # -- files -------------------------------------------------------------------------------------------

    def choose(self, kind: str) -> None:
        """Ask where, and write the list."""
        start = str(self.folder / f"shopping-list.{kind}")
        name, _ = QFileDialog.getSaveFileName(self, "Write the shopping list", start, f"*.{kind}")
        if name:
            self.write(Path(name))

    def write(self, path: Path) -> bool:
        """Write the list to a file; the dialog has asked whether one that is there is replaced."""
        from firmcell.store.shopping_files import shopping_csv, shopping_pdf
        from firmcell.store.whole_files import write_whole

        parts = self.found.have.parts if self.found is not None else ()
        titles = ", ".join(wants.title for wants in self.ticked())
        metric = QLocale().measurementSystem() is QLocale.MeasurementSystem.MetricSystem

        def content() -> bytes:
            if path.suffix.lower() == ".pdf":
                paper = "a4" if metric else "letter"
                return shopping_pdf(titles, self.lines, parts, paper, tongue_of(language()))
            return shopping_csv(self.lines, parts).encode()

        done = guarded(lambda: write_whole(path, content(), replace=True), self.said.setText)
        if done:
            self.said.setText(f"{path} is written.")
        return done

    def done(self, result: int) -> None:
        """Look no further when it is closed."""
        self._search.give_up()
        self._newest.give_up()
        super().done(result)
