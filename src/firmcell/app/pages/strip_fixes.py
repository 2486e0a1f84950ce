"""The section of solved fixes for overloaded strips, and of doubled welds."""

from typing import TYPE_CHECKING

from firmcell.app.pages.strip_forms import WORST_JOINTS
from firmcell.core.base.wording import percent, plural
from firmcell.core.changes.strip_fixes import VerifiedFix

if TYPE_CHECKING:
    from firmcell.app.pages.strips_page import StripsPage


class StripFixes:
    """The section of solved fixes for overloaded strips, and of doubled welds."""

    def __init__(self, page: "StripsPage") -> None:
        self.page = page

    def show(self, fixes: tuple[VerifiedFix, ...]) -> None:
        self.page._fixes = fixes
        over = self.page.session.metal is not None and self.page.session.metal.figures.worst_share > 1
        words = (
            ""
            if not over
            else "Fixes for what is overloaded:"
            if fixes
            else "Looking for fixes …"
            if self.page.session.strip_fixes is None
            else "No single change with parts from the library fixes it."
        )
        self.page.fix_title.setText(words)
        self.page.fix_title.setVisible(over)
        for widget in (self.page.fixes, self.page.fix_button):
            widget.setVisible(bool(fixes))
        self.page.fixes.set_rows(
            [
                (
                    str(n),
                    (
                        c.fix.words,
                        percent(c.share),
                        f"{c.mass_kg * 1e3:+.1f} g".replace("-", "−"),
                        f"{c.joints:+d}".replace("-", "−"),
                    ),
                )
                for n, c in enumerate(fixes)
            ]
        )
        self.page.fixes.setMinimumHeight(self.page.fixes.sizeHint().height() // 3)

    def _take_fix(self, number: str) -> None:
        if number.isdigit() and int(number) < len(self.page._fixes):
            fix = self.page._fixes[int(number)].fix
            self.page.session.edit_all(fix.edits, fix.words)

    def take_picked(self) -> None:
        index = self.page.fixes.currentIndex()
        self._take_fix(str(index.row() if index.isValid() else 0))

    def double_welds(self) -> None:
        """Double the welds of the cells whose joints are in the list."""
        listed = [f.ref.partition(":") for f in self.page._failures[:WORST_JOINTS]]
        cells = {int(name) for kind, _, name in listed if kind == "joint"}
        for kind, _, name in listed:
            if kind == "segment" and self.page.session.metal is not None:
                cells |= {
                    n for s in self.page.session.metal.figures.segments if s.id == name for n in s.cells
                }
        self._set_doubled(tuple(sorted(cells | set(self.page.session.design.joining.doubled))))

    def _set_doubled(self, cells: tuple[int, ...]) -> None:
        words = f"Double the welds of {plural(len(cells), 'cell')}" if cells else "All welds single"
        self.page.session.edit_all((("joining.doubled", cells),), words)
