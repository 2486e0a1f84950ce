"""The section that tells voltage, resistance and short circuit between two pads."""

from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtWidgets import QComboBox, QHBoxLayout

from firmcell.app.plain import PlainLabel
from firmcell.app.wheel import calm
from firmcell.core.base.wording import amperes, milliohms
from firmcell.core.leads.main_leads import prospective_short_circuit
from firmcell.core.strips.under_load import UnderLoad, between

if TYPE_CHECKING:
    from firmcell.app.pages.strips_page import StripsPage


class BetweenPads:
    """The section that tells voltage, resistance and short circuit between two pads."""

    def __init__(self, page: "StripsPage") -> None:
        self.page = page

    def build(self) -> None:
        self.page.section("Between two points")
        row = QHBoxLayout()
        self.points = (calm(QComboBox()), calm(QComboBox()))
        for combo, name in zip(self.points, ("From", "To"), strict=True):
            label = PlainLabel(name)
            combo.setAccessibleName(f"{name} this pad")
            combo.currentIndexChanged.connect(self.tell)
            label.setBuddy(combo)
            row.addWidget(label)
            row.addWidget(combo, 1)
        self.page.body.addLayout(row)
        self.between_words = self.page.text("")

    def fill(self, metal: UnderLoad) -> None:
        pads = [(c.number, plus) for c in metal.layout.cells for plus in (True, False)]
        if pads == self.page._pads:
            return
        self.page._pads = pads
        minus, plus = metal.layout.lead_cells
        for combo, start in zip(self.points, ((plus, True), (minus, False)), strict=True):
            combo.blockSignals(True)
            combo.clear()
            combo.addItems([f"cell {number} {'plus' if positive else 'minus'}" for number, positive in pads])
            combo.setCurrentIndex(pads.index(start))
            combo.blockSignals(False)

    def _pad(self, combo: QComboBox) -> tuple[int, bool] | None:
        return (
            self.page._pads[combo.currentIndex()]
            if 0 <= combo.currentIndex() < len(self.page._pads)
            else None
        )

    def tell(self) -> None:
        metal, design = self.page.session.metal, self.page.session.design
        first, second = (self._pad(combo) for combo in self.points)
        if metal is None or first is None or second is None:
            return
        volts, ohm = between(metal, first, second, design.cell_now_v)
        if not np.isfinite(ohm):
            self.between_words.setText("Nothing joins these two points.")
            return
        short = prospective_short_circuit(abs(volts), ohm) if ohm > 0 else 0.0
        self.between_words.setText(
            f"{volts:.2f} V now at no load, {milliohms(ohm)}; a short there drives about {amperes(short)} in its first moment."
        )
