"""A table of cells beside what becomes of each of them, before it is written."""

from collections.abc import Sequence

from PySide6.QtWidgets import QComboBox, QDialog, QDialogButtonBox, QHBoxLayout, QVBoxLayout, QWidget

from firmcell.app.form_dialog import fit_on_desktop
from firmcell.app.plain import PlainLabel
from firmcell.app.stock.stock_forms import choice
from firmcell.app.tables import RowsTable, low
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import plural
from firmcell.core.stock.entries import Entry
from firmcell.core.stock.merging import Merged, Rule
from firmcell.register.cells_csv import CellTable
from firmcell.register.register import Register
from firmcell.register.work import table_merged

RULES = {rule: rule.value for rule in Rule}
MOST_LINES = 200


class StockImport(QDialog):
    """The file at left, what becomes of its cells at right, and the rule where the two disagree."""

    def __init__(self, register: Register, text: str, name: str, person: str, parent: QWidget) -> None:
        super().__init__(parent)
        self._register, self._text, self._name, self._person = register, text, name, person
        self.setWindowTitle(f"Take cells of {name}")
        self.merged: tuple[Merged, ...] = ()
        self.rule: QComboBox = choice(RULES, Rule.KEEP)
        self.rule.setAccessibleName("Where the table and the register disagree")
        self.said = PlainLabel()
        self.said.setWordWrap(True)
        table = self._merge()
        column = QVBoxLayout(self)
        column.addWidget(self.said)
        row = QHBoxLayout()
        label = PlainLabel("Where the table and the register &disagree")
        label.setBuddy(self.rule)
        row.addWidget(label)
        row.addWidget(self.rule)
        row.addStretch(1)
        column.addLayout(row)
        self.file = self._file_table(table, name)
        self.becomes = RowsTable(("Cell", "What becomes of it"), "What becomes of each cell", 1)
        tables = QHBoxLayout()
        tables.addWidget(self.file, 3)
        tables.addWidget(self.becomes, 3)
        column.addLayout(tables, 1)
        self.whole = PlainLabel()
        self.whole.setWordWrap(True)
        column.addWidget(self.whole)
        self.becomes.picked.connect(self._picked)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take = buttons.addButton("&Write it", QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.accepted.connect(self._write)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.rule.currentIndexChanged.connect(self._anew)
        self._show(table)
        font = self.fontMetrics()
        self.resize(font.averageCharWidth() * 150, font.height() * 34)
        fit_on_desktop(self)
        self.take.setFocus()

    @property
    def entries(self) -> Sequence[Entry]:
        """What is to be written."""
        return [entry for cell in self.merged for entry in cell.entries]

    def _merge(self) -> CellTable:
        rule = Rule(self.rule.currentData())
        table, self.merged = table_merged(self._register, self._text, self._name, rule, self._person)
        return table

    def _anew(self) -> None:
        self._show(self._merge())

    def _show(self, table: CellTable) -> None:
        marked = sum(cell.marks for cell in self.merged)
        words = [
            f"{plural(len(self.merged), 'cell')}, {plural(len(self.entries), 'entry', 'entries')} to write."
        ]
        if marked:
            words.append(
                f"{plural(marked, 'cell').capitalize()} told otherwise than in the register: first in the list."
            )
        if table.passed_over:
            words.append(f"Not read: {', '.join(f'“{heading}”' for heading in table.passed_over)}.")
        self.said.setText(" ".join(words))
        self.becomes.set_rows([(f"cell:{n}", (c.serial, c.words)) for n, c in enumerate(self._in_order())])
        low(self.becomes)
        self.take.setEnabled(bool(self.entries))

    def _picked(self, ref: str) -> None:
        """The whole of a line that is longer than the column."""
        found = {f"cell:{n}": cell for n, cell in enumerate(self._in_order())}.get(ref)
        self.whole.setText(f"{found.serial}: {found.words}" if found else "")

    def _in_order(self) -> list[Merged]:
        """What needs a look stands first."""
        return sorted(self.merged, key=lambda cell: not cell.marks)

    def _file_table(self, table: CellTable, name: str) -> RowsTable:
        wide = max(len(row) for _, row in table.rows)
        heads = table.rows[0][1]
        shown = RowsTable(("Line", *heads, *[""] * (wide - len(heads))), f"Lines of {name}")
        shown.set_rows(
            [
                (f"line:{line}", (str(line), *row, *[""] * (wide - len(row))))
                for line, row in table.rows[1 : MOST_LINES + 1]
            ]
        )
        low(shown)
        return shown

    def _write(self) -> None:
        try:
            self._register.write(self.entries)
        except Refusal as refusal:
            self.said.setText(refusal.sentence)
            return
        self.accept()
