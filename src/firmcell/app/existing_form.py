"""The pack as it is: what is asked of a pack that is there already."""

from typing import Any

from PySide6.QtWidgets import QComboBox, QGridLayout, QLineEdit, QSizePolicy, QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.wheel import calm
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.existing_pack import UNKNOWN, PackAsItIs
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import NOT_KNOWN
from firmcell.store.units import parse
from firmcell.store.whole_job import pack_as_told

NONE, CHOOSE = "none", "choose its class, or its size alone"


class ExistingForm(QWidget):
    """Counts, cell, leads, fuse and board of a pack that is there; `read` gives them."""

    def __init__(self, library: PartLibrary, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.library = library
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        words = PlainLabel(
            "The pack as it is. Nothing is proposed over it; what is not known counts as the worst."
        )
        words.setWordWrap(True)
        words.setObjectName("quiet")
        box.addWidget(words)
        self._grid = QGridLayout()
        self._grid.setColumnStretch(1, 1)
        box.addLayout(self._grid)
        self.series, self.parallel = self._line("&Groups in series"), self._line("Cells in &parallel", "1")
        sizes = sorted({cell.size for cell in library.cells if cell.is_round})
        self.cell = self._combo("&Cell", [CHOOSE, *(f"{UNKNOWN}{s}" for s in sizes)], library.cells)
        self.wire = self._combo("&Wire of its leads", [NOT_KNOWN], library.wires)
        self.connector = self._combo("Conn&ector on it", [NOT_KNOWN], library.connectors)
        self.fuse = self._combo("F&use in it", [NOT_KNOWN, NONE], library.fuses)
        self.board = self._combo("&Board in it", [NONE], library.boards)

    def _row(self, words: str, editor: QWidget) -> None:
        label = PlainLabel(words)
        label.setBuddy(editor)
        editor.setAccessibleName(words.replace("&", ""))
        row = self._grid.rowCount()
        self._grid.addWidget(label, row, 0)
        self._grid.addWidget(editor, row, 1)

    def _line(self, words: str, text: str = "") -> QLineEdit:
        line = QLineEdit(text)
        self._row(words, line)
        return line

    def _combo(self, words: str, first: list[str], parts: tuple[Any, ...]) -> QComboBox:
        combo = calm(QComboBox())
        combo.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        combo.setMinimumContentsLength(12)
        combo.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        combo.addItems([*first, *(part.name for part in parts)])
        self._row(words, combo)
        return combo

    def read(self) -> PackAsItIs:
        """Return what is entered.

        Raises
        ------
        Refusal
            If a count is missing or out of range.
        """
        counts = {}
        for name, line in (("series", self.series), ("parallel", self.parallel)):
            if not line.text().strip():
                line.setFocus()
                raise Refusal(f"{line.accessibleName()} is missing.")
            counts[name] = int(parse(line.text(), "count"))
        cell = self.cell.currentText()
        if cell == CHOOSE:
            self.cell.setFocus()
            raise Refusal(
                "The cell is not chosen: take its class, or its size alone where that is all you know."
            )
        told: dict[str, Any] = {
            **counts,
            "cell": cell.replace(UNKNOWN, "unknown ", 1),
            "fuse": self.fuse.currentText().replace(NOT_KNOWN, "unknown"),
        }
        for name in ("wire", "connector", "board"):
            told[name] = getattr(self, name).currentText().replace(NOT_KNOWN, "unknown")
        return pack_as_told(told, self.library)
