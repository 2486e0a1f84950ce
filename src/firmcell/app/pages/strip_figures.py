"""Figures of the Strips page in words."""

from typing import TYPE_CHECKING

from firmcell.core.base.wording import celsius, figures, millimetres, milliohms, percent, plural
from firmcell.core.model.design import StripStyle
from firmcell.core.strips.plates import least_gap, plates, sheet_area

if TYPE_CHECKING:
    from firmcell.app.pages.strips_page import StripsPage


class StripFigures:
    """Figures of the Strips page in words."""

    def __init__(self, page: "StripsPage") -> None:
        self.page = page

    def hottest_strip(self) -> str:
        loaded, metal = self.page.loaded(), self.page.session.metal
        if loaded is None or metal is None or not len(loaded.share):
            return self.waiting()
        hot = int(loaded.in_place_k.argmax())
        most = int(loaded.share.argmax())
        s = metal.figures.segments
        return (
            f"{celsius(float(loaded.in_place_k[hot]))} in place ({s[hot].id}); most loaded {s[most].id} at "
            f"{percent(float(loaded.share[most]))} of its limit"
        )

    def hottest_cell(self) -> str:
        loaded, metal = self.page.loaded(), self.page.session.metal
        if loaded is None or metal is None:
            return self.waiting()
        hot = int(loaded.cell_k.argmax())
        return (
            f"cell {metal.layout.cells[hot].number} {celsius(float(loaded.cell_k[hot]))} at the end of a run, "
            f"{float(loaded.cell_k.max() - loaded.cell_k.min()):.0f} K over the coolest; "
            f"{celsius(self.page.session.design.cell.temperature_max_k)} is allowed"
            + (
                f"; at the steady current it would settle at {celsius(metal.figures.settled_cell_k)} if it went on for ever"
            )
        )

    def heat(self) -> str:
        loaded = self.page.loaded()
        if loaded is None:
            return self.waiting()
        hours = self.page.session.analysis.pack.run_time_s / 3600
        return (
            f"{figures(loaded.strips_w)} W in strips ({figures(loaded.strips_w * hours)} Wh in a run), "
            f"{figures(loaded.cells_w)} W in cells and joints"
        )

    def resistance(self) -> str:
        metal = self.page.session.metal
        if metal is None or metal.figures.resistance_ohm is None:
            return self.waiting()
        r = metal.figures.resistance_ohm
        return f"{milliohms(r)} from B− to B+ warm; it sags {figures(r * self.page.load_a)} V"

    def sharing(self) -> str:
        metal = self.page.session.metal
        if metal is None or not metal.figures.whole:
            return self.waiting()
        worst = max(metal.figures.cells, key=lambda c: abs(c.deviation))
        return (
            f"within {abs(worst.deviation) * 100:.1f} % of an even part (cell {worst.number} is farthest off)"
        )

    def waiting(self) -> str:
        if self.page.session.analysis.open_at is not None:
            return f"no current: open at B{self.page.session.analysis.open_at}"
        return "…"

    def stock(self) -> str:
        """How each strip is cut from lengths of a metre, or what area of sheet the plates take."""
        d, a = self.page.session.design, self.page.session.analysis
        words = [
            f"{c.strip}: {c.cut_m:.2f} m in {plural(c.pieces, 'piece')}, from {plural(c.lengths, 'length')} of "
            f"{c.stock_m:.0f} m with {c.offcut_m:.2f} m left over"
            for c in a.strip_cuts
        ]
        if d.joining.style is StripStyle.PLATES:
            made = plates(a.layout, d.joining, d.cell)
            area = sheet_area(made, d.joining)
            words.append(
                f"plates: {area * 1e4:.0f} cm² of {d.joining.link_strip.thickness_m * 1e3:.2f} mm sheet, "
                f"the nearest two {millimetres(least_gap(made) or 0.0)} apart"
            )
        return "; ".join(words)
