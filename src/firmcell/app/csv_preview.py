"""What a file of readings says, beside what the program reads out of it, before it is taken."""

from PySide6.QtWidgets import QDialog, QDialogButtonBox, QHBoxLayout, QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.tables import RowsTable
from firmcell.store.csv_rows import Rows

MOST_LINES = 200
"""More lines of the file are not shown; what is read out of it is shown whole."""


class CsvPreview(QDialog):
    """The lines of the file at left, the readings at right."""

    def __init__(
        self, name: str, rows: Rows, said: str, read_as: tuple[tuple[str, str], ...], parent: QWidget
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle(f"Take readings of {name}")
        self.said = PlainLabel(said)
        self.said.setWordWrap(True)
        self.file, self.read = self._in_file(name, rows), RowsTable(("Cell", "Read as"), "Read as", wide=1)
        self.read.set_rows([(f"row:{n}", each) for n, each in enumerate(read_as)])
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take = buttons.addButton("&Take these readings", QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        column = QVBoxLayout(self)
        column.addWidget(self.said)
        side_by_side = QHBoxLayout()
        for title, table, share in ((f"In {name}", self.file, 3), ("Read as", self.read, 2)):
            part = QVBoxLayout()
            part.addWidget(PlainLabel(title))
            part.addWidget(table)
            side_by_side.addLayout(part, share)
        column.addLayout(side_by_side, 1)
        column.addWidget(buttons)
        font = self.fontMetrics()
        self.resize(font.averageCharWidth() * 130, font.height() * 32)
        self.take.setDefault(True)
        self.take.setFocus()

    @staticmethod
    def _in_file(name: str, rows: Rows) -> RowsTable:
        """The table as it stands in the file; short lines are filled up."""
        columns = max((len(row) for _, row in rows), default=1)
        heads = rows[0][1] if rows else []
        headings = ("Line", *heads, *[""] * (columns - len(heads)))
        table = RowsTable(headings, f"Lines of {name}")
        table.set_rows(
            [
                (f"line:{line}", (str(line), *row, *[""] * (columns - len(row))))
                for line, row in rows[1 : MOST_LINES + 1]
            ]
        )
        return table
