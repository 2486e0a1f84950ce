"""The trainer: a practice pack with a hidden fault, a simulated meter, and a score."""

from functools import partial
from typing import Any

from PySide6.QtCore import QSettings, Qt
from PySide6.QtGui import QFont
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QPushButton,
    QRadioButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.canvas.view import PackView
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.practice_history import PracticeHistory
from firmcell.app.tables import RowsTable
from firmcell.app.theme import Palette, sized
from firmcell.app.wheel import calm
from firmcell.core.base.wording import percent
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.tap_check.diagnosis import PackAsked, Reading
from firmcell.core.tap_check.faults import Fault, FaultKind
from firmcell.core.tap_check.points import point_count, point_name
from firmcell.core.tap_check.practice_pack import (
    HINT_COSTS,
    PracticePack,
    faults_of,
    hidden_fault,
    same_fault,
    score,
    told_by,
)
from firmcell.core.tap_check.ruling import rule_on


class Trainer(QDialog):
    """Choose two points, read the meter, name the fault; scored by readings used and by danger.

    Keys: arrows in the two lists choose points, Enter reads, Alt and the letters underlined do the rest.
    """

    def __init__(
        self,
        asked: PackAsked,
        faces: list[Drawing],
        palette: Palette,
        settings: QSettings,
        parent: QWidget | None = None,
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle("Practise: what is wrong with this pack?")
        self.asked, self.settings = asked, settings
        self.readings: list[Reading] = []
        self.pack: PracticePack
        self._red_next = False
        outer = QHBoxLayout(self)
        self.view = PackView(palette)
        quiet = ("strip", "weld", "lead", "place", "group.border")
        self._blank = StagePaint(
            quiet=quiet, caption="Click a tap: black probe, then red. It is not told what is wrong."
        )
        self.view.picked.connect(self._clicked)
        outer.addWidget(self.view, 3)
        column = QVBoxLayout()
        outer.addLayout(column, 2)
        self.faces = faces
        self._make_meter(column)
        self._make_naming(column)
        self.history = PracticeHistory(settings, "practice/history", self)
        column.addWidget(self.history)
        let_scroll(self)
        self.resize(1060, 700)
        fit_on_desktop(self)
        self.another()

    def _make_meter(self, column: QVBoxLayout) -> None:
        self.shown = PlainLabel("– – –")
        self.shown.setFont(sized(2.6, QFont.Weight.Bold))
        self.shown.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.shown.setAccessibleName("The meter shows")
        column.addWidget(self.shown)
        row = QHBoxLayout()
        self._way = QButtonGroup(self)
        for number, text in enumerate(("a click is a &pin of the plug", "a &strip of the pack")):
            button = QRadioButton(text)
            button.setChecked(number == 0)
            self._way.addButton(button, number)
            row.addWidget(button)
        column.addLayout(row)
        grid = QGridLayout()
        self.points = (calm(QComboBox()), calm(QComboBox()))
        names = [point_name(p, self.asked.series) for p in range(point_count(self.asked.series))]
        for number, (combo, words) in enumerate(
            zip(self.points, ("&Black probe", "&Red probe"), strict=True)
        ):
            combo.addItems(names)
            combo.setAccessibleName(words.replace("&", ""))
            label = PlainLabel(words)
            label.setBuddy(combo)
            grid.addWidget(label, number, 0)
            grid.addWidget(combo, number, 1)
        grid.setColumnStretch(1, 1)
        column.addLayout(grid)
        self.points[1].setCurrentIndex(1)
        self.read_button = QPushButton("R&ead the meter")
        self.read_button.setProperty("main", "true")
        self.read_button.setDefault(True)
        self.read_button.clicked.connect(self.read)
        column.addWidget(self.read_button)
        self.table = RowsTable(("Black", "Red", "Reads", "Truth likely"), "Readings so far", wide=0)
        column.addWidget(self.table, 1)

    def _make_naming(self, column: QVBoxLayout) -> None:
        row = QHBoxLayout()
        self.kinds, self.places = calm(QComboBox()), calm(QComboBox())
        self.kinds.addItems([kind.value for kind in FaultKind])
        self.kinds.setAccessibleName("Kind of fault")
        self.kinds.currentIndexChanged.connect(self._fill_places)
        self.places.setAccessibleName("Where")
        self.places.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        label = PlainLabel("It &is")
        label.setBuddy(self.kinds)
        row.addWidget(label)
        row.addWidget(self.kinds, 1)
        row.addWidget(self.places, 2)
        column.addLayout(row)
        row = QHBoxLayout()
        self.add_button = QPushButton("&One more fault")
        self.add_button.setAutoDefault(False)
        self.add_button.setToolTip("Keeps this one and lets you choose another: a pack may have several")
        self.add_button.clicked.connect(self.add)
        row.addWidget(self.add_button)
        self.level = calm(QComboBox())
        self.level.addItems(["one fault at most", "up to two faults", "up to three faults"])
        self.level.setAccessibleName("Level")
        level: Any = self.settings.value("practice/level", 0)
        self.level.setCurrentIndex(int(level))
        self.level.currentIndexChanged.connect(self._choose_level)
        row.addWidget(self.level)
        self.name_button = QPushButton("&Name it")
        self.name_button.setAutoDefault(False)
        self.name_button.clicked.connect(self.name_it)
        row.addWidget(self.name_button)
        column.addLayout(row)
        self.words = PlainLabel()
        self.words.setWordWrap(True)
        self.words.setAccessibleName("How you did")
        column.addWidget(self.words)
        row = QHBoxLayout()
        for text, call in (("&Hint", self.hint), ("&Another pack", self.another), ("&Close", self.accept)):
            button = QPushButton(text)
            button.setAutoDefault(False)
            button.clicked.connect(partial(self._call, call))
            row.addWidget(button)
        column.addLayout(row)

    def _call(self, call: object, _: bool = False) -> None:
        call()  # type: ignore[operator]

    # -- practising -------------------------------------------------------------------------------------

    def another(self) -> None:
        """Lay out another pack; each has a number."""
        seed = int(self.settings.value("practice/seed", 0)) + 1  # type: ignore[call-overload]
        self.settings.setValue("practice/seed", seed)
        self.lay_out(hidden_fault(self.asked, seed, self.level.currentIndex() + 1, self.history.weak()))

    def _choose_level(self, index: int) -> None:
        self.settings.setValue("practice/level", index)

    def lay_out(self, pack: PracticePack) -> None:
        """Begin with this pack."""
        self.pack, self.readings, self.hints = pack, [], 0
        self.named: list[Fault] = []
        self.table.set_rows([])
        self.shown.setText("– – –")
        known = "cells measured" if self.asked.measured else "cells near"
        self.words.setText(
            f"Pack {pack.seed}: {self.asked.series} groups, {known} {self.asked.now_v:.2f} V. What is wrong, if anything?"
        )
        for button in (self.name_button, self.read_button, self.add_button):
            button.setEnabled(True)
        self.points[0].setCurrentIndex(0)
        self.points[1].setCurrentIndex(1)
        self._fill_places()
        self.view.show_faces(self.faces, self._blank)

    def _fill_places(self) -> None:
        """The faults of the kind chosen, each with its place."""
        kind = list(FaultKind)[self.kinds.currentIndex()]
        self._faults = [f[0] for f in faults_of(self.asked).faults if f[0].kind is kind]
        self.places.clear()
        self.places.addItems([f.words for f in self._faults])
        self.places.setEnabled(len(self._faults) > 1)

    def _chosen(self) -> list[Fault]:
        fault = self._faults[max(self.places.currentIndex(), 0)] if self._faults else None
        if fault is None or fault.kind is FaultKind.RIGHT:
            return list(self.named)
        return [*(f for f in self.named if not same_fault(f, fault)), fault]

    def add(self) -> None:
        """Keep the fault chosen, and let another be chosen besides."""
        self.named = self._chosen()
        said = " and ".join(f.words for f in self.named) or "nothing yet"
        self.words.setText(f"So far: {said}. Choose another, or name it.")

    def _clicked(self, ref: str) -> None:
        kind, _, number = ref.partition(":")
        if kind != "tap" or not number.isdigit():
            return
        point = int(number) + (self.asked.series + 1) * self._way.checkedId()
        self.points[1 if self._red_next else 0].setCurrentIndex(point)
        if self._red_next:
            self.read()
        self._red_next = not self._red_next

    def read(self) -> None:
        """Read the meter between the two points."""
        black, red = (combo.currentIndex() for combo in self.points)
        if black == red:
            self.words.setText("Both probes are on the same point.")
            return
        volts = self.pack.read(black, red)
        self.shown.setText(self._as_shown(volts))
        self.readings.append(Reading(black, red, volts))
        self._fill_table([])
        if black == 0 and red < self.asked.series:
            # The next in the row is what most want.
            self.points[1].setCurrentIndex(red + 1)

    def _fill_table(self, told: list[float]) -> None:
        """The readings so far; once the fault is named, how likely the truth was after each."""
        series = self.asked.series
        self.table.set_rows(
            [
                (
                    "",
                    (
                        point_name(r.black, series),
                        point_name(r.red, series),
                        self._as_shown(r.volts),
                        percent(told[n]) if n < len(told) else "",
                    ),
                )
                for n, r in enumerate(self.readings)
            ]
        )

    def _as_shown(self, volts: float) -> str:
        """With the places that the meter has in its range."""
        places = 3 - int(self.asked.meter.range_of(volts))
        return f"{volts:.{places}f} V".replace("-", "−")

    def name_it(self) -> None:
        """Say what is wrong, and see it on the picture, with what each reading told."""
        told = score(self.pack, self._chosen(), self.readings, self.hints)
        self.history.add(told.kinds or ((FaultKind.RIGHT.value, told.points),))
        self.words.setText(f"{told.points} points. {told.words}")
        for button in (self.name_button, self.read_button, self.add_button):
            button.setEnabled(False)
        self._fill_table(told_by(self.pack, self.readings))
        marks = {ref: "bad" for fault in self.pack.faults for ref in fault.refs}
        caption = " and ".join(f.words for f in self.pack.faults) or "Nothing is wrong with this pack."
        self.view.show_faces(
            self.faces, StagePaint(marks, self._blank.quiet, f"{caption[0].upper()}{caption[1:]}")
        )

    def hint(self) -> None:
        """What the tap doctor would read next."""
        self.hints += 1
        told = rule_on(self.readings, self.asked).proof
        if told.next_reading is None:
            self.words.setText("The tap doctor would say by now.")
            return
        black, red = told.next_reading
        series = self.asked.series
        self.words.setText(
            f"The tap doctor would read from {point_name(black, series)} to {point_name(red, series)}. A hint costs {HINT_COSTS} points."
        )
        self.points[0].setCurrentIndex(black)
        self.points[1].setCurrentIndex(red)
