"""A reading between any two points of a pack, at rest or with a load across, and which one is wanted next."""

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLineEdit

from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.wheel import calm
from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import Across, LoadedReading, PointReading
from firmcell.core.tap_check.group_verdicts import Proof, Verdict
from firmcell.core.tap_check.points import point_count, point_label, point_name
from firmcell.core.tap_check.recorded_readings import readings_of
from firmcell.store.units import parse

if TYPE_CHECKING:
    from firmcell.app.pages.tests_page import TestsPage


class TwoPoints:
    """Two points to choose, a field for what is read between them, and what is across them."""

    def __init__(self, page: "TestsPage") -> None:
        self.page, self.session = page, page.session
        row = QHBoxLayout()
        self.points = (calm(QComboBox()), calm(QComboBox()))
        for combo, words in zip(self.points, ("&Black", "&Red"), strict=True):
            label = PlainLabel(words)
            label.setBuddy(combo)
            combo.setAccessibleName(f"{words[1:]} probe on")
            row.addWidget(label)
            row.addWidget(combo, 1)
        self.page.body.addLayout(row)
        row = QHBoxLayout()
        self.between = QLineEdit()
        self.between.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.between.setAccessibleName("Reading between the two points, volts")
        self.between.setPlaceholderText("reading")
        self.between.returnPressed.connect(self.enter)
        row.addWidget(self.between, 1)
        row.addWidget(PlainLabel("V"))
        self.across = calm(QComboBox())
        self.across.addItem("nothing across", None)
        for across in Across:
            self.across.addItem(across.value, across)
        self.across.setAccessibleName("What is across the two points")
        self.across.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        row.addWidget(self.across, 1)
        row.addWidget(self.page.button("R&ecord", self.enter, "Records the reading between the two points"))
        self.page.body.addLayout(row)
        self.next_words = self.page.text("")

    def fill(self) -> None:
        series = self.session.design.series
        names = [point_label(p, series) for p in range(point_count(series))]
        if [self.points[0].itemText(n) for n in range(self.points[0].count())] == names:
            return
        for combo in self.points:
            combo.clear()
            combo.addItems(names)
        self.points[1].setCurrentIndex(1)

    def enter(self) -> bool:
        """Record the reading typed between the two points chosen."""
        black, red = (combo.currentText() for combo in self.points)

        def write() -> None:
            if black == red:
                raise Refusal("Both probes are on the same point.")
            value = parse(self.between.text(), "V", "V")
            if abs(value) > 2000:
                raise Refusal(f"{self.between.text()} V is no reading of a pack.")
            across = self.across.currentData()
            if across is None:
                self.session.record(PointReading(black=black, red=red, volts=value), "tap-voltages")
            else:
                self.session.record(
                    LoadedReading(black=black, red=red, volts=value, across=Across(across)), "tap-unseen"
                )

        done = guarded(write, self.session.refused.emit)
        if done:
            self.between.clear()
            self.tell(self.page._proof())
        return done

    def tell(self, proof: Proof) -> None:
        """Say which reading is wanted next, and choose its points."""
        series = self.session.design.series
        if proof.next_reading is None or not readings_of(self.session.state, series):
            self.next_words.setText("")
            return
        black, red = proof.next_reading
        why = "" if proof.verdict is Verdict.MISSING else "; it best tells the likeliest apart"
        self.next_words.setText(
            f"Next: black on {point_name(black, series)}, red on {point_name(red, series)}{why}."
        )
        # Not while somebody types a reading of the points that stand there.
        if not (self.between.hasFocus() and self.between.text()):
            self.points[0].setCurrentIndex(black)
            self.points[1].setCurrentIndex(red)
