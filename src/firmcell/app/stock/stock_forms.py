"""Dialogs for cells that come in, go elsewhere, or were told wrongly."""

from collections.abc import Callable, Iterable, Mapping, Sequence
from enum import Enum
from typing import Any

from PySide6.QtWidgets import (
    QComboBox,
    QDialogButtonBox,
    QFormLayout,
    QLineEdit,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.form_dialog import FormDialog
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.wheel import calm
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.serials import MOST, letters_of, serials_from
from firmcell.core.base.wording import plural
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import Origin, PlaceKind

ORIGINS = {Origin.NEW: "new", Origin.RECLAIMED: "reclaimed", Origin.UNKNOWN: "not known"}
GOES = {PlaceKind.DRAWER: "into a drawer", PlaceKind.JOB: "into a job", PlaceKind.SCRAPPED: "scrapped"}


class StockForm(FormDialog):
    """Rows of fields, a sentence for what is wrong, and two buttons; `take` is called by the first, and its
    refusal is shown."""

    def __init__(self, title: str, button: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(title)
        column = QVBoxLayout(self)
        self.form = QFormLayout()
        column.addLayout(self.form)
        self.fault = PlainLabel()
        self.fault.setObjectName("fault")
        self.fault.setWordWrap(True)
        column.addWidget(self.fault)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.ok = buttons.addButton(button, QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.accepted.connect(self._accept)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.take: Callable[[], None] = lambda: None

    def row(self, words: str, editor: QWidget) -> None:
        """Add a field with its name."""
        label = PlainLabel(words)
        label.setBuddy(editor)
        editor.setAccessibleName(words.replace("&", ""))
        self.form.addRow(label, editor)

    def _accept(self) -> None:
        if guarded(self.take, self.fault.setText):
            self.accept()


def choice(values: Mapping[Any, str], now: Enum) -> QComboBox:
    """Return a choice of one of an enumeration."""
    box = calm(QComboBox())
    for value, words in values.items():
        box.addItem(words, value.value)
    box.setCurrentIndex(list(values).index(now))
    return box


def words_or_known(known: Iterable[str], now: str = "") -> QComboBox:
    """Return a field for words that offers those that are known."""
    box = calm(QComboBox())
    box.setEditable(True)
    box.addItems(sorted({word for word in known if word}))
    box.setCurrentText(now)
    return box


def whole_number() -> QSpinBox:
    """Return a field for a whole number; arrows of the keyboard change it."""
    box = QSpinBox()
    box.setButtonSymbols(QSpinBox.ButtonSymbols.NoButtons)
    calm(box)
    return box


class NewCells(StockForm):
    """Cells come in: their serials count up from the first."""

    def __init__(
        self, lines: Sequence[CellLine], classes: Iterable[str], serial: str, parent: QWidget
    ) -> None:
        super().__init__("Cells that come in", "Take them &in", parent)
        self._lines = lines
        self.serial = QLineEdit(serial)
        self.count = whole_number()
        self.count.setRange(1, MOST)
        self.which = PlainLabel()
        self.which.setObjectName("quiet")
        self.cell = words_or_known(classes)
        self.lot = QLineEdit()
        self.origin = choice(ORIGINS, Origin.NEW)
        self.pack = words_or_known(line.pack for line in lines)
        drawers = [line.place for line in lines if line.place_kind is PlaceKind.DRAWER]
        self.drawer = words_or_known(drawers)
        self.row("&First serial", self.serial)
        self.row("&How many", self.count)
        self.form.addRow("", self.which)
        self.row("&Class of cell", self.cell)
        self.row("&Lot, as printed", self.lot)
        self.row("&Origin", self.origin)
        self.row("&Pack they come from", self.pack)
        self.row("&Drawer", self.drawer)
        self.serial.textChanged.connect(self._show)
        self.count.valueChanged.connect(self._show)
        self._show()
        self.serial.setFocus()

    def serials(self) -> tuple[str, ...]:
        """The serials asked for."""
        return serials_from(self.serial.text(), self.count.value())

    def _show(self) -> None:
        try:
            every = self.serials()
        except Refusal as refusal:
            self.which.setText(refusal.sentence if self.serial.text() else "")
            return
        self.which.setText(f"{every[0]} to {every[-1]}" if len(every) > 1 else every[0])
        if not self.cell.currentText():
            # Cells whose serials begin alike are mostly alike.
            letters = letters_of(every[0])
            alike = [line for line in self._lines if letters and letters_of(line.serial) == letters]
            if alike:
                self.cell.setCurrentText(alike[-1].class_name)


class MoveCells(StockForm):
    """Cells go elsewhere."""

    def __init__(self, picked: Sequence[CellLine], lines: Sequence[CellLine], parent: QWidget) -> None:
        super().__init__(f"Move {plural(len(picked), 'cell')}", "&Move", parent)
        self._lines = lines
        self.to = choice(GOES, PlaceKind.DRAWER)
        self.place = words_or_known(())
        self.group = whole_number()
        self.group.setRange(0, 1000)
        self.group.setSpecialValueText("not told")
        self.reason = QLineEdit()
        self.row("&Where", self.to)
        self.row("&Name", self.place)
        self.row("&Group", self.group)
        self.row("Wh&y", self.reason)
        self.to.currentIndexChanged.connect(self._show)
        self._show()

    @property
    def kind(self) -> PlaceKind:
        """Where they go."""
        return PlaceKind(self.to.currentData())

    def _show(self) -> None:
        """Only what this way asks for."""
        kind = self.kind
        known = sorted({line.place for line in self._lines if line.place_kind is kind and line.place})
        now = self.place.currentText()
        self.place.clear()
        self.place.addItems(known)
        self.place.setCurrentText(now)
        self.form.setRowVisible(self.place, kind is not PlaceKind.SCRAPPED)
        self.form.setRowVisible(self.group, kind is PlaceKind.JOB)


class DescribeCell(StockForm):
    """What a cell is was told wrongly, or was not known."""

    def __init__(
        self, line: CellLine, lines: Sequence[CellLine], classes: Iterable[str], parent: QWidget
    ) -> None:
        super().__init__(f"What {line.serial} is", "&Write it", parent)
        self.serial = QLineEdit(line.serial)
        self.cell = words_or_known(classes, line.class_name)
        self.lot = QLineEdit(line.lot)
        self.origin = choice(ORIGINS, line.origin)
        self.pack = words_or_known((each.pack for each in lines), line.pack)
        self.row("&Serial", self.serial)
        self.row("&Class of cell", self.cell)
        self.row("&Lot, as printed", self.lot)
        self.row("&Origin", self.origin)
        self.row("&Pack it comes from", self.pack)
