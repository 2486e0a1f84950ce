"""The instruments of the workshop: where each is asked, when it was calibrated, and whether it answers."""

from datetime import date
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QDialog, QGridLayout, QHBoxLayout, QLineEdit, QPushButton, QVBoxLayout, QWidget

from firmcell.app.background import Task
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import figures
from firmcell.instruments.kinds import MEASURES, Kind
from firmcell.instruments.listed import Listed, checked_date, instruments, keep_instrument

if TYPE_CHECKING:
    from firmcell.instruments.stand_ins import StandIn

HEADINGS = ("Instrument", "VISA address, or simulated", "Last calibration", "", "Answers")
SHOWN_IN = {
    "K": ("°C", 1.0, -273.15),
    "kg": ("g", 1e3, 0.0),
    "Ω": ("Ω", 1.0, 0.0),
    "V": ("V", 1.0, 0.0),
    "A": ("A", 1.0, 0.0),
}


def shown(value: float, si: str) -> str:
    """A value as the page shows it."""
    unit, factor, offset = SHOWN_IN[si]
    return f"{figures(value * factor + offset, 4)} {unit}"


class InstrumentsWindow(QDialog):
    """A row for each kind of instrument."""

    def __init__(self, parent: QWidget | None = None, stand_ins: "dict[Kind, StandIn] | None" = None) -> None:
        super().__init__(parent)
        self.setWindowTitle("Instruments")
        self._stand_ins = stand_ins or {}
        self._tasks: list[Task] = []
        self.addresses: dict[Kind, QLineEdit] = {}
        self.dates: dict[Kind, QLineEdit] = {}
        self.answers: dict[Kind, PlainLabel] = {}
        column = QVBoxLayout(self)
        words = PlainLabel(
            "What is listed here reads the fields of a record by one key, and each record names it with its calibration. "
            "“simulated” is a stand-in that ships with the program."
        )
        words.setWordWrap(True)
        column.addWidget(words)
        grid = QGridLayout()
        grid.setColumnStretch(1, 3)
        grid.setColumnStretch(4, 4)
        for n, heading in enumerate(HEADINGS):
            label = PlainLabel(heading)
            label.setObjectName("quiet")
            grid.addWidget(label, 0, n)
        for row, (kind, listed) in enumerate(instruments().items(), start=1):
            self._row(grid, row, kind, listed)
        column.addLayout(grid)
        self.said = PlainLabel()
        self.said.setObjectName("fault")
        self.said.setWordWrap(True)
        column.addWidget(self.said)
        buttons = QHBoxLayout()
        buttons.addStretch(1)
        done = QPushButton("Done")
        done.clicked.connect(self.accept)
        buttons.addWidget(done)
        column.addLayout(buttons)
        wanted = self.sizeHint().height()
        let_scroll(self)
        self.resize(860, wanted)
        fit_on_desktop(self)

    def _row(self, grid: QGridLayout, row: int, kind: Kind, listed: Listed) -> None:
        name = PlainLabel(kind.value.capitalize())
        address, when = QLineEdit(listed.address), QLineEdit(listed.calibrated)
        address.setAccessibleName(f"Address of the {kind.value}")
        when.setAccessibleName(f"Last calibration of the {kind.value}")
        when.setPlaceholderText("not known")
        name.setBuddy(address)
        ask = QPushButton("Keep and ask")
        ask.setAccessibleName(f"Keep and ask the {kind.value}")
        ask.clicked.connect(partial(self.ask, kind))
        answer = PlainLabel(listed.due(date.today()))
        answer.setWordWrap(True)
        answer.setAccessibleName(f"Answer of the {kind.value}")
        for n, part in enumerate((name, address, when, ask, answer)):
            grid.addWidget(part, row, n)
        self.addresses[kind], self.dates[kind], self.answers[kind] = address, when, answer

    def ask(self, kind: Kind, _: bool = False) -> None:
        """Keep what is typed of an instrument and read it once, off the interface thread."""
        self.said.setText("")
        try:
            when = checked_date(self.dates[kind].text())
        except Refusal as refusal:
            self.said.setText(refusal.sentence)
            return
        address, stand_in = self.addresses[kind].text().strip(), self._stand_ins.get(kind)
        self.answers[kind].setText("…")

        def read() -> tuple[str, list[str]]:
            from firmcell.instruments.link import Link

            with Link(kind, address, stand_in) as link:
                told = []
                for what, quantity in MEASURES[kind].items():
                    try:
                        told.append(shown(link.read(what), quantity.si))
                    except Refusal:
                        told.append("nothing connected")
                return link.name, told

        def done(found: tuple[str, list[str]]) -> None:
            listed = Listed(kind, address or "simulated", found[0][:60], when)
            try:
                keep_instrument(listed)
            except Refusal as refusal:
                self.said.setText(refusal.sentence)
            due = listed.due(date.today())
            self.answers[kind].setText(
                f"{', '.join(found[1])} · {found[0][:40]}" + (f" · {due}" if due else "")
            )

        def failed(sentence: str) -> None:
            self.answers[kind].setText("no answer")
            self.said.setText(sentence)

        self._tasks.append(Task(read, done, failed).start())
