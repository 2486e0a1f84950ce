"""The section on what matters most: each single joint and piece taken away in turn."""

from collections.abc import Callable, Iterator
from typing import TYPE_CHECKING, Any

from PySide6.QtWidgets import QHBoxLayout

from firmcell.app.background import Search
from firmcell.app.pages.strip_forms import WORST_JOINTS
from firmcell.core.base.wording import figures, percent
from firmcell.core.pictures.strip_colours import Shown
from firmcell.core.strips.failures import Failure, all_failures
from firmcell.core.strips.under_load import UnderLoad

if TYPE_CHECKING:
    from firmcell.app.pages.strips_page import StripsPage


class StripFailures:
    """The section on what matters most: each single joint and piece taken away in turn."""

    def __init__(self, page: "StripsPage") -> None:
        self.page = page

    def build(self) -> None:
        self.page.section("Most critical joints")
        self.page.text(
            "Each joint and each piece of strip gone, one by one: what is over its limit then. Look at these first, tug them, and double their welds where they are welded."
        )
        self.joints = self.page.table(
            ("If this joint fails", "Most loaded part", "Its load", "Load now", "Pack +mΩ"),
            "Most critical joints",
            wide=1,
        )
        self.doubled = self.page.text("")
        row = QHBoxLayout()
        self.double_button = self.page.button(
            "Do&uble their welds",
            self.page.fixes_section.double_welds,
            "Twice the weld pairs on both pads of the cells in this list; the work plan then says so",
        )
        self.single_button = self.page.button(
            "All welds single",
            lambda: self.page.fixes_section._set_doubled(()),
            "No cell has twice the weld pairs any more",
        )
        row.addWidget(self.double_button)
        row.addWidget(self.single_button)
        self.page.body.addLayout(row)

    def look_further(self) -> Iterator[tuple[float, Any]]:
        """What each failure leads to; read off the interface thread."""
        session, metal = self.page.session, self.page.session.metal
        assert metal is not None
        for part, failures in all_failures(metal, session.design.cell.current_continuous_a):
            yield part, (metal, failures)

    def _run(self, steps: Callable[[], Iterator[tuple[float, Any]]], done: Callable[[Any], None]) -> None:
        if self.page._search is not None:
            self.page._search.cancel()
        search = Search(steps, self.page)
        search.progressed.connect(lambda step: self.page.progress.setValue(round(step[0] * 100)))
        search.finished.connect(lambda step: self._finished(search, step, done))
        search.refused.connect(self.page.session.refused)
        self.page._search = search.start()

    def _finished(self, search: Search, step: tuple[float, Any] | None, done: Callable[[Any], None]) -> None:
        if self.page._search is search:
            self.page._search = None
            self.page.progress.hide()
        if step is not None:
            done(step[1])

    def looked(self, result: tuple[UnderLoad, tuple[Failure, ...]]) -> None:
        metal, failures = result
        if metal is not self.page.session.metal:
            return
        self.page._failures = failures
        rows = []
        for f in failures[:WORST_JOINTS]:
            worst = f.worst_ref.removeprefix("segment:").replace(":", " ")
            then = {"pack": "the pack is open", "cell": f"idle; {worst}"}.get(f.opens, worst)
            rows.append(
                (
                    self._failure_ref(f),
                    (
                        self._failure_words(f),
                        then,
                        percent(f.share),
                        percent(f.share_before),
                        figures(f.resistance_more_ohm * 1e3, 2),
                    ),
                )
            )
        self.joints.set_rows(rows)
        if self.page.shown is Shown.MATTERS:
            self.page.load_changed.emit()

    def failure_shares(self) -> dict[str, float]:
        """For each segment the worst that follows if it lets go, as a share of limit; the pack open counts as
        ten."""
        return {
            f.ref.removeprefix("segment:"): 10.0 if f.opens == "pack" else f.share
            for f in self.page._failures
            if f.ref.startswith("segment:")
        }

    def _failure_ref(self, f: Failure) -> str:
        kind, _, name = f.ref.partition(":")
        if kind == "lead":
            return "lead:plus"
        return f"cell:{name}" if kind == "joint" else f"strip:{name.rpartition('.')[0]}"

    def _failure_words(self, f: Failure) -> str:
        kind, _, name = f.ref.partition(":")
        if kind == "lead":
            return "one of two leads of a pole"
        return f"a joint of cell {name}" if kind == "joint" else f"strip {name}"
