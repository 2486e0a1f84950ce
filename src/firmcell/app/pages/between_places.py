"""Any two places of the pack at the bench: what a meter must show between them, and what else means."""

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QGridLayout, QHBoxLayout, QLineEdit

from firmcell.app.bench_kept import on_bench
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.wheel import calm
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.places_told import TwoPlaces, place_of_ref
from firmcell.core.bench.two_places import places_of
from firmcell.core.model.design import Face
from firmcell.store.units import parse

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage

PROBES = ("Black", "Red")
MOST_V = 2000.0


class BetweenPlaces:
    """Two places to choose, what a meter must show between them, and a field for what it shows."""

    def __init__(self, page: "BenchPage") -> None:
        self.page, self.session = page, page.session
        self._ids: tuple[str, ...] = ()
        self.page.section("Between any two places")
        grid = QGridLayout()
        grid.setColumnStretch(1, 1)
        self.places = (calm(QComboBox()), calm(QComboBox()))
        for row, (combo, words) in enumerate(zip(self.places, PROBES, strict=True)):
            label = PlainLabel(f"{words} on")
            label.setBuddy(combo)
            combo.setAccessibleName(f"{words} probe on")
            combo.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            combo.setMinimumContentsLength(12)
            combo.currentIndexChanged.connect(self.tell)
            keys = ("Ctrl+Alt+B", "Ctrl+Alt+D")[row]
            take = page.button(
                "Picked part",
                partial(self.take_picked, row),
                f"Puts the probe on the part picked on the picture ({keys})",
            )
            take.setShortcut(keys)
            take.setAccessibleName(f"{words} probe on the picked part")
            grid.addWidget(label, row, 0)
            grid.addWidget(combo, row, 1)
            grid.addWidget(take, row, 2)
        page.body.addLayout(grid)
        self.shown = page.text(name="")
        self.shown.setAccessibleName("What a meter must show")
        row_of_reading = QHBoxLayout()
        self.reading = QLineEdit()
        self.reading.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.reading.setAccessibleName("What the meter shows between the two places, volts")
        self.reading.setPlaceholderText("what it shows")
        self.reading.returnPressed.connect(self.judge)
        row_of_reading.addWidget(self.reading, 1)
        row_of_reading.addWidget(PlainLabel("V"))
        row_of_reading.addWidget(
            page.button("What does it &mean?", self.judge, "Says what the reading means")
        )
        page.body.addLayout(row_of_reading)
        self.meaning = page.text(name="")
        self.meaning.setAccessibleName("What the reading means")

    def fill(self) -> None:
        """Offer the places of the job as it is."""
        s = self.session
        places = places_of(on_bench(s).probed)
        ids = tuple(node for node, _ in places)
        if ids != self._ids:
            before = tuple(combo.currentData() for combo in self.places)
            first = tuple(n for n in ("B0", "B1") if n in ids) or ids[:2]
            self._ids = ids
            for number, combo in enumerate(self.places):
                combo.blockSignals(True)
                combo.clear()
                for node, label in places:
                    combo.addItem(label[:1].upper() + label[1:], node)
                wanted = before[number] if before[number] in ids else first[min(number, len(first) - 1)]
                combo.setCurrentIndex(ids.index(wanted))
                combo.blockSignals(False)
        self.tell()

    def _two(self) -> TwoPlaces:
        s, step = self.session, self.page.step
        return TwoPlaces(on_bench(s), s.state, step.code if step else "")

    def chosen(self) -> tuple[str, str]:
        """The ids of both places."""
        black, red = (str(combo.currentData() or "") for combo in self.places)
        return black, red

    def tell(self) -> None:
        """Say what a meter must show between the places chosen."""
        black, red = self.chosen()
        if black == red or not black or not red:
            self.shown.setText("Both probes are on the same place." if black else "")
            return
        told = self._two().told(black, red)
        self.shown.setText("\n".join(f"{what}: {how}." for what, how in told.words))

    def judge(self) -> bool:
        """Say what the reading typed means."""

        def say() -> None:
            black, red = self.chosen()
            if black == red:
                raise Refusal("Both probes are on the same place.")
            value = parse(self.reading.text(), "V", "V")
            if abs(value) > MOST_V:
                raise Refusal(f"{self.reading.text()} V is no reading of a pack.")
            self.meaning.setText("\n".join(self._two().judged(black, red, value)))

        return guarded(say, self.session.refused.emit)

    def take_picked(self, number: int) -> None:
        """Put a probe on the part that is picked on the picture."""
        s, step = self.session, self.page.step
        face = step.face if step is not None and step.face is not None else Face.TOP
        place = place_of_ref(self.page.picked_ref, face, on_bench(s))
        if place is None or place not in self._ids:
            s.refused.emit(
                "Pick a cell, a strip, a tap or a lead on the picture first: a probe stands on metal."
            )
            return
        self.places[number].setCurrentIndex(self._ids.index(place))
        self.meaning.setText("")
