"""One cell beside the list: how it stands and why, its readings as a plot, and everything that was
written."""

from datetime import datetime

from PySide6.QtCore import Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QHBoxLayout, QInputDialog, QPushButton, QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.plots import Plot
from firmcell.app.tables import REF_ROLE, RowsTable, low
from firmcell.app.theme import Palette, sized
from firmcell.core.bench.reclaimed import DAY_S
from firmcell.core.model.parts import Cell
from firmcell.core.stock.cell_history import CellHistory, when
from firmcell.core.stock.cell_line import line_of
from firmcell.core.stock.entries import CellAdded
from firmcell.core.stock.stock_words import (
    HistoryLine,
    history_lines,
    judged,
    marks_of,
    stands,
    values,
    where,
)

NOTHING_PICKED = "Pick a cell, or scan its code."
NOT_JUDGED = "Its class is not in the part library: what is measured cannot be judged."


class CellCard(QWidget):
    """Shows one cell; `taken_back` tells the key of an entry and why."""

    taken_back = Signal(str, str)

    def __init__(self, look: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.cell: CellHistory | None = None
        self.told: dict[str, HistoryLine] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self.title = PlainLabel(NOTHING_PICKED)
        self.title.setFont(sized(1.4, QFont.Weight.DemiBold))
        self.title.setWordWrap(True)
        self.what, self.marks = PlainLabel(), PlainLabel()
        self.what.setObjectName("quiet")
        for label in (self.what, self.marks):
            label.setWordWrap(True)
        for part in (self.title, self.what, self.marks):
            column.addWidget(part)
        self.plot = Plot("Voltage at rest", "days", "at rest, V", look)
        self.plot.setMinimumHeight(self.fontMetrics().height() * 11)
        column.addWidget(self.plot, 2)
        self.history = RowsTable(("When", "What"), "All that was written of the cell", 1)
        column.addWidget(self.history, 3)
        self.who = PlainLabel()
        self.who.setObjectName("quiet")
        self.who.setWordWrap(True)
        column.addWidget(self.who)
        row = QHBoxLayout()
        row.addStretch(1)
        self.back = QPushButton("Ta&ke this entry back…")
        self.back.setAutoDefault(False)
        self.back.setEnabled(False)
        self.back.clicked.connect(lambda _=False: self._ask_back())
        self.history.picked.connect(self._picked)
        row.addWidget(self.back)
        column.addLayout(row)
        column.addStretch(0)
        self.show_cell(None, None)

    def show_cell(self, cell: CellHistory | None, kind: Cell | None) -> None:
        """Show a cell, and its class where that is known."""
        self.cell = cell
        self.plot.clear()
        for part in (self.what, self.marks, self.plot, self.history, self.who, self.back):
            part.setVisible(cell is not None)
        if cell is None:
            self.title.setText(NOTHING_PICKED)
            return
        line = line_of(cell)
        verdict = judged(line, kind)
        self.title.setText(f"{line.serial}: {stands(verdict)}")
        came = f"from {line.pack}" if line.pack else line.origin.value
        lot = f"lot {line.lot}" if line.lot else ""
        self.what.setText(", ".join(w for w in (line.class_name, lot, came, where(line), *values(line)) if w))
        self.marks.setText(
            NOT_JUDGED if verdict is None else f"{marks_of(verdict)}." if marks_of(verdict) else ""
        )
        self.marks.setVisible(bool(self.marks.text()))
        self._draw(cell)
        self.told = {each.key: each for each in history_lines(cell)}
        self.history.set_rows(
            [
                (each.key, (each.day[:10], f"{each.words} (taken back)" if each.gone else each.words))
                for each in self.told.values()
            ]
        )
        low(self.history, 5)
        self.back.setEnabled(False)

    def _draw(self, cell: CellHistory) -> None:
        """The resting voltages by day, and when the capacity was tested."""
        colours = self.plot.palette_now
        read = [(when(e.time), t.rest_v) for e, t in cell.tests if t.rest_v is not None]
        self.plot.setVisible(len(read) > 1)
        if len(read) < 2:
            return
        began = read[0][0]
        days = [_days(began, at) for at, _ in read]
        self.plot.line(days, [v for _, v in read], "", colours.accent)
        tests = [
            _days(began, when(e.time))
            for e, t in cell.tests
            if t.capacity_as is not None and when(e.time) > began
        ]
        low = min(v for _, v in read)
        # Named only where there is more than one thing to tell apart.
        self.plot.marks(days, [v for _, v in read], "at rest" if tests else None, "o", colours.accent)
        if tests:
            self.plot.marks(tests, [low] * len(tests), "capacity tested", "t", colours.quiet)

    def _picked(self, key: str) -> None:
        gone = self.cell.gone if self.cell else frozenset()
        self.back.setEnabled(bool(key) and key not in gone)
        each = self.told.get(key)
        self.who.setText(f"{each.day}: {each.words}. Written by {each.by}." if each else "")

    def _ask_back(self) -> None:
        key = str(self.history.currentIndex().data(REF_ROLE) or "")
        if self.cell is None or not key:
            return
        first = next(e for e in self.cell.entries if e.key == key)
        what = (
            "The cell was never there, because"
            if isinstance(first.data, CellAdded)
            else "It is wrong, because"
        )
        reason, sure = QInputDialog.getText(self, "Take an entry back", what)
        if sure and reason.strip():
            self.taken_back.emit(key, reason.strip())


def _days(began: datetime, at: datetime) -> float:
    return (at - began).total_seconds() / DAY_S
