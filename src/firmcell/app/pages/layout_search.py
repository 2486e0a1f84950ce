"""The section of the layout engine: find places, sort again, with progress and cancel."""

from collections.abc import Callable, Iterator
from typing import TYPE_CHECKING

from PySide6.QtWidgets import (
    QComboBox,
    QHBoxLayout,
    QProgressBar,
    QWidget,
)

from firmcell.app.background import Search
from firmcell.app.plain import PlainLabel
from firmcell.app.wheel import calm
from firmcell.core.changes import by_hand as hand
from firmcell.core.layout.places import ORDER
from firmcell.core.layout.search import Arranged, arrange, regroup
from firmcell.core.model.design import Design, Lattice
from firmcell.core.strips.layout_measures import strips_needed

if TYPE_CHECKING:
    from firmcell.app.pages.layout_page import LayoutPage

LATTICES: dict[str, tuple[Lattice, ...]] = {
    "best of all": ORDER,
    "square": (Lattice.SQUARE,),
    "staggered": (Lattice.STAGGERED,),
    "free, hugging the edges": (Lattice.FREE,),
}
MORE_EFFORT = 3.0


class LayoutSearch:
    """The section of the layout engine: find places, sort again, with progress and cancel."""

    def __init__(self, page: "LayoutPage") -> None:
        self.page = page

    def build(self) -> None:
        self.page.section("Places and groups")
        self.space = self.page.text("")
        row = QHBoxLayout()
        label = PlainLabel("&Lattice")
        self.lattice = calm(QComboBox())
        self.lattice.addItems(list(LATTICES))
        self.lattice.setAccessibleName("Lattice to look for places on")
        label.setBuddy(self.lattice)
        row.addWidget(label)
        row.addWidget(self.lattice, 1)
        self.page.body.addLayout(row)
        self.page.field("arrangement.gap_m")
        row = QHBoxLayout()
        self.finder = self.page.button(
            "&Find places", self._find, "Looks for the best angle, offset and lattice, then sorts into groups"
        )
        self.finder.setProperty("main", "true")
        self.sorter = self.page.button(
            "&Sort again",
            self._sort,
            "Cells keep their places; groups are sorted anew, locked cells keep theirs. Each press tries further.",
        )
        self.in_rows = self.page.button(
            "Whole &rows", self.whole_rows, "Drops individual places: cells stand in whole rows again"
        )
        for button in (self.finder, self.sorter, self.in_rows):
            row.addWidget(button)
        self.page.body.addLayout(row)
        row = QHBoxLayout()
        self.progress = QProgressBar()
        self.progress.setRange(0, 100)
        self.progress.setAccessibleName("Progress of the search")
        self.cancel = self.page.button(
            "S&top and keep the best", self.cancel_search, "Ends the search with the best so far (Esc)"
        )
        row.addWidget(self.progress, 1)
        row.addWidget(self.cancel)
        self.running = QWidget()
        self.running.setLayout(row)
        row.setContentsMargins(0, 0, 0, 0)
        self.running.hide()
        self.page.body.addWidget(self.running)
        self.outcome = self.page.text("")
        self.outcome.hide()

    def _find(self) -> None:
        design, lattices, self.page._seed = self.page.session.design, LATTICES[self.lattice.currentText()], 1
        self._run(lambda: arrange(design, lattices, work=strips_needed), "Find places")

    def _sort(self) -> None:
        design, seed = self.page.session.design, self.page._seed
        self.page._seed += 1
        self._run(lambda: regroup(design, seed, MORE_EFFORT), "Sort into groups")

    def _run(self, steps: Callable[[], Iterator[Arranged]], words: str) -> None:
        if self.page._search is not None:
            return
        design = self.page.session.design
        search = Search(steps, self.page)
        search.progressed.connect(self._step)
        search.finished.connect(lambda last: self._done(last, design, words))
        search.refused.connect(self._refused)
        self.page._search = search.start()
        self._show_running(True)

    def cancel_search(self) -> None:
        """End a search that runs, with what there is."""
        if self.page._search is not None:
            self.page._search.cancel()

    def _step(self, step: Arranged) -> None:
        self.progress.setValue(round(step.fraction * 100))
        self.progress.setFormat(f"{step.words} %p %")

    def _done(self, last: Arranged | None, design: Design, words: str) -> None:
        self.page._search = None
        self._show_running(False)
        if last is None or last.arrangement is None:
            self._say("Stopped before a layout was found; nothing has changed.")
            return
        if design != self.page.session.design:
            self._say(
                "The design was changed while the search ran; its result is thrown away. Start it again."
            )
            return
        self.page.session.edit_all((("arrangement", last.arrangement),), words)
        found = "; ".join(f"{c.lattice.value} {c.count}" for c in last.choices if c.count)
        bound = max((c.bound for c in last.choices), default=0)
        self._say(
            f"Places found: {found}; more than {bound} are impossible there. {' '.join(last.advice)}".strip()
        )

    def _refused(self, sentence: str) -> None:
        self.page._search = None
        self._show_running(False)
        self._say(sentence)
        self.page.session.refused.emit(sentence)

    def _show_running(self, on: bool) -> None:
        self.running.setVisible(on)
        self.progress.setValue(0)
        for button in (self.finder, self.sorter, self.in_rows):
            button.setEnabled(not on)

    def _say(self, words: str) -> None:
        self.outcome.setText(words)
        self.outcome.setVisible(bool(words))

    def whole_rows(self) -> None:
        edit = hand.whole_rows(self.page.session.design)
        self.page.session.edit_all(edit.edits, edit.words)
