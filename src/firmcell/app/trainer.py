"""The trainer: a practice pack with a hidden fault, a simulated meter, and a score."""

from functools import partial

from PySide6.QtCore import QSettings, Qt
from PySide6.QtGui import QFont
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QRadioButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.canvas.view import PackView
from firmcell.app.tables import RowsTable
from firmcell.app.theme import Palette, sized
from firmcell.app.wheel import calm
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.tap_check.diagnosis import PackAsked, Reading, point_name
from firmcell.core.tap_check.faults import FaultKind
from firmcell.core.tap_check.practice_pack import PracticePack, hidden_fault, score
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
        self.view.show_faces(
            faces,
            StagePaint(
                quiet=quiet, caption="Click a tap: black probe, then red. It is not told what is wrong."
            ),
        )
        self.view.picked.connect(self._clicked)
        outer.addWidget(self.view, 3)
        column = QVBoxLayout()
        outer.addLayout(column, 2)
        self._make_meter(column)
        self._make_naming(column)
        self.resize(1060, 660)
        self.another()

    def _make_meter(self, column: QVBoxLayout) -> None:
        self.shown = QLabel("– – –")
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
        names = [point_name(p, self.asked.series) for p in range(2 * self.asked.series + 2)]
        for number, (combo, words) in enumerate(
            zip(self.points, ("&Black probe", "&Red probe"), strict=True)
        ):
            combo.addItems(names)
            combo.setAccessibleName(words.replace("&", ""))
            label = QLabel(words)
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
        self.table = RowsTable(("Black", "Red", "Reads"), "Readings so far", wide=0)
        column.addWidget(self.table, 1)

    def _make_naming(self, column: QVBoxLayout) -> None:
        row = QHBoxLayout()
        self.kinds = calm(QComboBox())
        self.kinds.addItems([kind.value for kind in FaultKind])
        self.kinds.setAccessibleName("What is wrong")
        label = QLabel("It &is")
        label.setBuddy(self.kinds)
        row.addWidget(label)
        row.addWidget(self.kinds, 1)
        self.name_button = QPushButton("&Name it")
        self.name_button.setAutoDefault(False)
        self.name_button.clicked.connect(self.name_it)
        row.addWidget(self.name_button)
        column.addLayout(row)
        self.words = QLabel()
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
        """Lay out another pack; each has a number, so that a pack can be practised again."""
        seed = int(self.settings.value("practice/seed", 0)) + 1  # type: ignore[call-overload]
        self.settings.setValue("practice/seed", seed)
        self.lay_out(hidden_fault(self.asked, seed))

    def lay_out(self, pack: PracticePack) -> None:
        """Begin with this pack."""
        self.pack, self.readings = pack, []
        self.table.set_rows([])
        self.shown.setText("– – –")
        self.words.setText(
            f"Pack {pack.seed}: {self.asked.series} groups, cells measured {self.asked.now_v:.2f} V. What is wrong, if anything?"
        )
        self.name_button.setEnabled(True)
        self.read_button.setEnabled(True)
        self.points[0].setCurrentIndex(0)
        self.points[1].setCurrentIndex(1)

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
        series = self.asked.series
        self.table.set_rows(
            [
                (
                    "",
                    (
                        point_name(r.black, series),
                        point_name(r.red, series),
                        self._as_shown(r.volts),
                    ),
                )
                for r in self.readings
            ]
        )
        if black == 0 and red < series:
            # The next in the row is what most want.
            self.points[1].setCurrentIndex(red + 1)

    def _as_shown(self, volts: float) -> str:
        """With the places that the meter has in its range."""
        places = 3 - int(self.asked.meter.range_of(volts))
        return f"{volts:.{places}f} V".replace("-", "−")

    def name_it(self) -> None:
        """Say what is wrong, and see."""
        told = score(self.pack, list(FaultKind)[self.kinds.currentIndex()], len(self.readings))
        best = int(self.settings.value("practice/points", 0)) + told.points  # type: ignore[call-overload]
        self.settings.setValue("practice/points", best)
        self.words.setText(f"{told.points} points. {told.words}")
        self.name_button.setEnabled(False)
        self.read_button.setEnabled(False)

    def hint(self) -> None:
        """What the tap doctor would read next."""
        told = rule_on(self.readings, self.asked).proof
        if told.next_reading is None:
            self.words.setText("The tap doctor would say by now.")
            return
        black, red = told.next_reading
        series = self.asked.series
        self.words.setText(
            f"The tap doctor would read from {point_name(black, series)} to {point_name(red, series)}."
        )
        self.points[0].setCurrentIndex(black)
        self.points[1].setCurrentIndex(red)
