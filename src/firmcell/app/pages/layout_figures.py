"""Figures of the Layout page in words."""

from typing import TYPE_CHECKING

from firmcell.core.base.wording import (
    millimetres,
)
from firmcell.store.units import show

if TYPE_CHECKING:
    from firmcell.app.pages.layout_page import LayoutPage


class LayoutFigures:
    """Figures of the Layout page in words."""

    def __init__(self, page: "LayoutPage") -> None:
        self.page = page

    def links(self) -> str:
        m, p = self.page.session.analysis.measures, self.page.session.design.parallel
        if self.page.session.design.series < 2:
            return "one group only"
        g = m.served_least_at
        if m.served_least >= p:
            return f"{m.links}; every cell touches the next group"
        return (
            f"{m.links}; only {m.served_least} of {p} cells of groups {g} and {g + 1} touch the other group"
        )

    def gaps(self) -> str:
        fit = self.page.session.analysis.fit
        words = []
        if fit.gap_cells_m is not None:
            words.append(
                f"{millimetres(max(fit.gap_cells_m, 0.0) if abs(fit.gap_cells_m) < 1e-6 else fit.gap_cells_m)} between cells"
            )
        if fit.gap_wall_m is not None:
            words.append(
                f"{millimetres(fit.gap_wall_m)} to the edge, {millimetres(fit.wall_needed_m)} needed"
            )
        return ", ".join(words) or "–"

    def outside(self) -> str:
        e = self.page.session.analysis.insulation.envelope
        return " × ".join(show(v, "m", self.page.system) for v in (e.length_m, e.width_m, e.height_m))

    def left(self) -> str:
        e = self.page.session.analysis.insulation.envelope
        margins = (e.margin_length_m, e.margin_width_m, e.margin_height_m)
        if any(m is None for m in margins):
            return "no space given in the brief"
        if self.page.session.analysis.fit.room_m is not None:
            return f"at the edge {show(margins[1] or 0.0, 'm', self.page.system)}, height {show(margins[2] or 0.0, 'm', self.page.system)}"
        return ", ".join(
            f"{word} {show(m or 0.0, 'm', self.page.system)}"
            for word, m in zip(("length", "width", "height"), margins, strict=True)
        )
