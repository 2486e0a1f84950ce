"""Readings typed or scanned as fast as a meter gives them: serial, Enter, value, Enter, next cell."""

from collections.abc import Callable

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QCheckBox, QGridLayout, QLineEdit, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.parts import Cell
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.doubts import doubts
from firmcell.core.stock.entries import CellTested
from firmcell.store.units import parse, show_number

FIELDS = (
    ("capacity_as", "&Capacity, Ah", "A·s", "Ah", 1e6),
    ("ohms", "&Resistance, mΩ", "Ω", "mΩ", 10.0),
    ("rest_v", "&At rest, V", "V", "V", 6.0),
)
"""Field of a test, what it is called, its unit, what a bare number means, and the most it can be."""
BEGIN = "Scan or type a serial, then Enter. Enter goes on from value to value; a value that is left empty is not written."


class ReadingLine(QWidget):
    """Fields that Enter walks through; `written` tells the cell and its test.

    Parameters
    ----------
    find : callable
        The cell with a serial, or None.
    classes : callable
        The class of a cell, or None.
    """

    written = Signal(object, object)
    found = Signal(object)
    unknown = Signal(str)

    def __init__(
        self,
        find: Callable[[str], CellLine | None],
        classes: Callable[[CellLine], Cell | None],
        parent: QWidget | None = None,
    ) -> None:
        super().__init__(parent)
        self._find, self._class_of = find, classes
        self.line: CellLine | None = None
        self._doubted: tuple[str, ...] = ()
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        self.serial = QLineEdit()
        self.serial.setAccessibleName("Serial of the cell that is measured")
        label = PlainLabel("&Serial")
        label.setBuddy(self.serial)
        grid.addWidget(label, 0, 0)
        grid.addWidget(self.serial, 1, 0)
        self.values: dict[str, QLineEdit] = {}
        self.ticks: dict[str, QCheckBox] = {}
        for column, (name, words, *_) in enumerate(FIELDS, start=1):
            tick = QCheckBox(words)
            tick.setChecked(True)
            tick.setToolTip("Whether Enter stops here")
            edit = QLineEdit()
            edit.setAccessibleName(words.replace("&", ""))
            tick.toggled.connect(edit.setEnabled)
            grid.addWidget(tick, 0, column)
            grid.addWidget(edit, 1, column)
            self.values[name], self.ticks[name] = edit, tick
            edit.returnPressed.connect(lambda n=name: self._next(n))
        self.serial.returnPressed.connect(self.look)
        self.said = PlainLabel(BEGIN)
        self.said.setWordWrap(True)
        self.said.setAccessibleName("What became of the reading")
        grid.addWidget(self.said, 2, 0, 1, len(FIELDS) + 1)

    def focused(self) -> str:
        """Name of the value that is being typed; "" for none."""
        return next((name for name, edit in self.values.items() if edit.hasFocus()), "")

    def take(self, name: str, value: float) -> None:
        """Write a value that an instrument read into its field, as if it had been typed; Enter goes on."""
        _, _, si, bare, _ = next(field for field in FIELDS if field[0] == name)
        edit = self.values[name]
        edit.setText(f"{show_number(value, si, 'metric', bare)}")
        edit.selectAll()
        self.say("Read by the instrument; Enter goes on.")

    def say(self, sentence: str) -> None:
        """Say what became of a reading."""
        self.said.setText(sentence)
        self.said.setAccessibleDescription(sentence)

    def look(self) -> None:
        """Look for the cell whose serial was typed, and go on to its first value."""
        serial = self.serial.text().strip()
        if not serial:
            return
        self.line = self._find(serial)
        if self.line is None:
            self.unknown.emit(serial)
            return
        self.found.emit(self.line)
        self.say(f"{self.line.serial}: what was read?")
        self._next("")

    def _next(self, after: str) -> None:
        """Go on to the next value that is wanted; after the last one write."""
        if after and self._scanned(after):
            return
        names = [name for name, *_ in FIELDS]
        for name in names[names.index(after) + 1 if after else 0 :]:
            if self.ticks[name].isChecked():
                self.values[name].setFocus(Qt.FocusReason.TabFocusReason)
                self.values[name].selectAll()
                return
        self.write()

    def _scanned(self, name: str) -> bool:
        """Whether a code was scanned where a value was wanted: then this cell is done, and the next begun."""
        text = self.values[name].text().strip()
        if not text or self._find(text) is None:
            return False
        try:
            parse(text, "1", "1")
        except Refusal:
            self.values[name].clear()
        else:
            # A serial of figures alone cannot be told from a value.
            return False
        self.write()
        if self.line is None:
            self.serial.setText(text)
            self.look()
        return True

    def write(self) -> None:
        """Write what was typed, unless something looks mistyped: then say so, and write it at the next
        Enter."""
        if self.line is None:
            self.serial.setFocus()
            return
        try:
            test = self._test()
        except Refusal as refusal:
            self.say(refusal.sentence)
            return
        if test is None:
            self.say(f"Nothing was typed for {self.line.serial}.")
            self._begin_anew()
            return
        found = doubts(test, self._class_of(self.line), self.line)
        if found and found != self._doubted:
            self._doubted = found
            self.say(f"{self.line.serial}: {'; '.join(found)}. Enter once more writes it all the same.")
            return
        line = self.line
        self._begin_anew()
        self.written.emit(line, test)

    def _test(self) -> CellTested | None:
        told = dict[str, float]()
        for name, words, si, bare, most in FIELDS:
            text = self.values[name].text().strip()
            if not self.ticks[name].isChecked() or not text:
                continue
            try:
                value = parse(text, si, bare)
                if (name != "rest_v" and not value > 0) or abs(value) > most:
                    raise Refusal(f"{text} cannot be: {words.replace('&', '')}.")
            except Refusal:
                self.values[name].setFocus()
                self.values[name].selectAll()
                raise
            told[name] = value
        return CellTested.model_validate(told) if told else None

    def _begin_anew(self) -> None:
        self.line, self._doubted = None, ()
        for edit in (self.serial, *self.values.values()):
            edit.clear()
        self.serial.setFocus()
