"""What is shown when no job is open: new, open, recent, and the demo jobs of the farm."""

from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from firmcell.app.theme import sized
from firmcell.store.demo import DEMO_JOBS


class StartPage(QWidget):
    """Four ways to a job."""

    new_wanted = Signal()
    open_wanted = Signal()
    path_wanted = Signal(str)
    demo_wanted = Signal(str)

    def __init__(self, recent: list[str], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        outer = QHBoxLayout(self)
        outer.addStretch(1)
        column = QVBoxLayout()
        column.setSpacing(8)
        outer.addLayout(column, 3)
        outer.addStretch(1)
        column.addStretch(2)
        title = QLabel("Firm Cell")
        title.setFont(sized(2.6, QFont.Weight.Bold))
        column.addWidget(title)
        words = QLabel("The whole pack in one model: every number, wire, step and check on the bench comes from it.")
        words.setWordWrap(True)
        words.setObjectName("quiet")
        words.setFont(sized(1.1))
        column.addWidget(words)
        row = QHBoxLayout()
        for text, signal, main in (("New pack… (Ctrl+N)", self.new_wanted, "true"), ("Open a job… (Ctrl+O)", self.open_wanted, "false")):
            button = QPushButton(text)
            button.setProperty("main", main)
            button.setFont(sized(1.1, QFont.Weight.DemiBold))
            button.clicked.connect(signal)
            row.addWidget(button)
        row.addStretch(1)
        column.addSpacing(10)
        column.addLayout(row)
        lists = QGridLayout()
        lists.setHorizontalSpacing(30)
        column.addSpacing(12)
        column.addLayout(lists)
        self._list(lists, 0, "Lately open", [(Path(p).stem, p, lambda _=False, p=p: self.path_wanted.emit(p)) for p in recent[:6]], "Nothing yet; jobs you open are listed here.")
        demos = [(text, name, lambda _=False, n=name: self.demo_wanted.emit(n)) for name, (text, _) in DEMO_JOBS.items()]
        self._list(lists, 1, "From the workshop of Hollin Lea, an invented farm", demos, "")
        column.addStretch(3)

    def _list(self, grid: QGridLayout, column: int, heading: str, entries: list[tuple[str, str, object]], empty: str) -> None:
        label = QLabel(heading)
        label.setObjectName("section")
        label.setFont(sized(1.02, QFont.Weight.DemiBold))
        grid.addWidget(label, 0, column)
        if not entries:
            none = QLabel(empty)
            none.setObjectName("quiet")
            none.setWordWrap(True)
            grid.addWidget(none, 1, column, Qt.AlignmentFlag.AlignTop)
        for row, (text, tip, call) in enumerate(entries, start=1):
            button = QPushButton(text)
            button.setToolTip(tip)
            button.setStyleSheet("text-align: left;")
            button.clicked.connect(call)
            grid.addWidget(button, row, column)
        grid.setColumnStretch(column, 1)
