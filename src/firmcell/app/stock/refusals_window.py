"""What the server did not take, and what to do about each of it."""

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QDialog, QHBoxLayout, QInputDialog, QPushButton, QVBoxLayout, QWidget

from firmcell.app.form_dialog import fit_on_desktop
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.tables import REF_ROLE, RowsTable
from firmcell.core.stock.entries import CellAdded, Entry
from firmcell.core.stock.stock_words import told
from firmcell.register.register import Register

WORDS = (
    "Another bench was first. Nothing of this is lost: give a cell another serial, or leave an entry out. "
    "Then do what is to be done with what the register holds now."
)


class RefusalsWindow(QDialog):
    """A line for each entry that was refused; `settled` tells that one was decided."""

    settled = Signal()

    def __init__(self, register: Register, person: str, parent: QWidget) -> None:
        super().__init__(parent)
        self._register, self._person = register, person
        self.setWindowTitle("Not taken by the server")
        column = QVBoxLayout(self)
        words = PlainLabel(WORDS)
        words.setWordWrap(True)
        column.addWidget(words)
        self.table = RowsTable(("What was written", "Why it was not taken"), "Entries that were not taken", 1)
        self.table.setWordWrap(True)
        column.addWidget(self.table, 1)
        self.why = PlainLabel()
        self.why.setWordWrap(True)
        column.addWidget(self.why)
        row = QHBoxLayout()
        self.serial, self.out = QPushButton("Another &serial…"), QPushButton("&Leave it out")
        for button, call in ((self.serial, self._ask_serial), (self.out, self._leave_out)):
            button.setAutoDefault(False)
            button.clicked.connect(lambda _=False, call=call: call())
            row.addWidget(button)
        row.addStretch(1)
        column.addLayout(row)
        self.table.picked.connect(lambda _: self._picked())
        em = self.fontMetrics().height()
        self.resize(52 * em, 20 * em)
        fit_on_desktop(self)
        self.show_refusals()

    def show_refusals(self) -> None:
        """Show what is not decided yet."""
        self._refused = {entry.key: (entry, why) for entry, why in self._register.refusals()}
        self.table.set_rows([(key, (told(e), why)) for key, (e, why) in self._refused.items()])
        if self._refused:
            self.table.setCurrentIndex(self.table.rows.index(0, 0))
        self._picked()

    def _current(self) -> Entry | None:
        found = self._refused.get(str(self.table.currentIndex().data(REF_ROLE) or ""))
        return found[0] if found else None

    def _picked(self) -> None:
        entry = self._current()
        self.serial.setEnabled(entry is not None and isinstance(entry.data, CellAdded))
        self.out.setEnabled(entry is not None)
        self.why.setText(self._refused[entry.key][1] if entry else "Nothing is left to decide.")

    def _ask_serial(self) -> None:
        entry = self._current()
        if entry is None or not isinstance(entry.data, CellAdded):
            return
        serial, sure = QInputDialog.getText(
            self, "Another serial", f"The cell that was written as {entry.data.serial} is"
        )
        if sure and serial.strip():
            self.give_serial(entry, serial)

    def give_serial(self, entry: Entry, serial: str) -> None:
        """Give a cell another serial, and let what was measured on it follow."""
        if guarded(lambda: self._register.serial_instead(entry, serial, self._person), self.why.setText):
            self.show_refusals()
            self.settled.emit()

    def _leave_out(self) -> None:
        entry = self._current()
        if entry is not None:
            self._register.give_up(entry)
            self.show_refusals()
            self.settled.emit()
