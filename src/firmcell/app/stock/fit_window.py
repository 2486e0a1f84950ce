"""The dry fit by scanner: a cell is scanned, its place is told and lit on the picture, and that is
recorded."""

from typing import TYPE_CHECKING

from PySide6.QtGui import QFont
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLineEdit, QPushButton, QVBoxLayout

from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.session import Session, guarded
from firmcell.app.tables import RowsTable, low
from firmcell.app.theme import sized
from firmcell.app.tones import sound
from firmcell.core.base.visible import visible
from firmcell.core.records.events import CellFitted, Correction
from firmcell.core.stock.fitting import DRY_FIT, Fitting, fitting, scanned

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

BEGIN = "Scan the cell in your hand: its place is told here and lit on the picture."


class FitWindow(QDialog):
    """Stands beside the picture while cells are set."""

    def __init__(self, window: "MainWindow", session: Session) -> None:
        super().__init__(window)
        self.window_, self.session = window, session
        self.last = 0
        self.setWindowTitle("Cells into their places")
        column = QVBoxLayout(self)
        label = PlainLabel("&Serial, typed or scanned")
        self.serial = QLineEdit()
        self.serial.setFont(sized(1.6))
        self.serial.setAccessibleName("Serial of the cell in your hand")
        self.serial.returnPressed.connect(self.scan)
        label.setBuddy(self.serial)
        self.said = PlainLabel(BEGIN)
        self.said.setFont(sized(2.0, QFont.Weight.DemiBold))
        self.said.setWordWrap(True)
        self.said.setAccessibleName("Where the cell goes")
        self.said.setMinimumHeight(self.said.fontMetrics().height() * 3)
        self.count = PlainLabel()
        self.count.setObjectName("quiet")
        self.open_places = RowsTable(
            ("Place", "Group", "Plus", "Serial"), "Places that wait for their cell", 3
        )
        self.open_places.picked.connect(self._light)
        for part in (label, self.serial, self.said, self.count):
            column.addWidget(part)
        column.addWidget(self.open_places, 1)
        row = QHBoxLayout()
        self.back = QPushButton("Take the last one &back")
        self.back.setAutoDefault(False)
        self.back.clicked.connect(lambda _=False: self.take_back())
        self.all = QPushButton("All stand as &planned")
        self.all.setToolTip("Without a scanner: each serial was read and stands where the picture has it")
        self.all.setAutoDefault(False)
        self.all.clicked.connect(lambda _=False: self.all_as_planned())
        close = QPushButton("&Close")
        close.setAutoDefault(False)
        close.clicked.connect(self.accept)
        row.addWidget(self.back)
        row.addWidget(self.all)
        row.addStretch(1)
        row.addWidget(close)
        column.addLayout(row)
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(26 * em, 30 * em)
        fit_on_desktop(self)
        self.show_places()
        self.serial.setFocus()

    @property
    def at(self) -> Fitting:
        """How far the cells are set."""
        s = self.session
        return fitting(s.design.cell_serials, s.analysis.layout, s.state.fitted)

    def show_places(self) -> None:
        """Show which places wait."""
        at, cells = self.at, {c.number: c for c in self.session.analysis.layout.cells}
        self.open_places.set_rows(
            [
                (
                    str(n),
                    (
                        str(n),
                        str(cells[n].group),
                        "up" if cells[n].positive_up else "down",
                        visible(at.planned[n]),
                    ),
                )
                for n in at.open
            ]
        )
        low(self.open_places, 4)
        of = len(at.order)
        self.count.setText(f"{of - len(at.open)} of {of} cells are set.")
        self.back.setEnabled(self.last > 0)
        self.all.setEnabled(bool(at.open))

    def _light(self, number: str) -> None:
        if number:
            self.window_.view.select(f"cell:{number}")

    def scan(self) -> None:
        """Tell where the scanned cell goes, and record that it is set there."""
        text = self.serial.text().strip()
        self.serial.clear()
        if not text:
            return
        found = scanned(self.at, self.session.analysis.layout, text)
        self._say(found.words)
        sound(found.right)
        if found.number:
            self._light(str(found.number))
        if not found.right:
            return
        if guarded(lambda: self._keep(found.number), self._say):
            self.show_places()
            if not self.at.open:
                self._say(f"{found.words} All cells are set.")

    def _keep(self, number: int) -> None:
        step = DRY_FIT if any(s.code == DRY_FIT for s in self.session.steps) else ""
        record = CellFitted(cell=number, serial=self.at.planned[number])
        self.last = self.session.record(record, step).seq

    def all_as_planned(self) -> None:
        """Record that all that wait stand as planned: somebody read each serial in its place."""

        def keep() -> None:
            for number in self.at.open:
                self._keep(number)

        if guarded(keep, self._say):
            self._say("All cells are set as planned.")
        self.show_places()

    def take_back(self) -> None:
        """Take back what was scanned last: that cell is not set."""
        seq = self.last
        if seq and guarded(
            lambda: self.session.record(Correction(seq=seq, reason="not set after all")), self._say
        ):
            self.last = 0
            self._say("Taken back. Scan the cell in your hand.")
            self.show_places()
        self.serial.setFocus()

    def _say(self, sentence: str) -> None:
        self.said.setText(sentence)
        self.said.setAccessibleDescription(sentence)
