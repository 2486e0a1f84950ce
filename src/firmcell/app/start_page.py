"""What is shown when no job is open: new, open, recent, and the demo jobs of the farm."""

from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QScrollArea, QVBoxLayout, QWidget

from firmcell.app.canvas.view import PackView
from firmcell.app.plain import PlainLabel, as_text
from firmcell.app.theme import Palette, sized
from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.visible import visible
from firmcell.core.model.design import Face
from firmcell.core.pictures.face import face_drawing
from firmcell.store.demo import DEMO_JOBS, orchard_hoist
from firmcell.store.part_files import shipped_library


class StartPage(QWidget):
    """Four ways to a job."""

    new_wanted = Signal()
    open_wanted = Signal()
    path_wanted = Signal(str)
    demo_wanted = Signal(str)
    first_pack_wanted = Signal()
    day_wanted = Signal()

    def __init__(self, recent: list[str], palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        outer = QHBoxLayout(self)
        outer.setContentsMargins(40, 0, 0, 0)
        outer.setSpacing(40)
        column = self._column(outer)
        # A pack on the bench, so that the first thing seen is what the program is about.
        self.picture = PackView(palette)
        self.picture.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.picture.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        library = shipped_library()
        design = orchard_hoist(library)
        analysis = analyse(design, library)
        self.picture.show_faces([face_drawing(design, analysis, face) for face in Face])
        outer.addWidget(self.picture, 6)
        column.addStretch(2)
        title = PlainLabel("Firm Cell")
        title.setFont(sized(2.6, QFont.Weight.Bold))
        column.addWidget(title)
        words = PlainLabel(
            "The whole pack in one model: every number, wire, step and check on the bench comes from it."
        )
        words.setWordWrap(True)
        words.setObjectName("quiet")
        words.setFont(sized(1.1))
        column.addWidget(words)
        row = QHBoxLayout()
        for text, signal, main in (
            ("New job… (Ctrl+N)", self.new_wanted, "true"),
            ("Open a job… (Ctrl+O)", self.open_wanted, "false"),
        ):
            button = QPushButton(text)
            button.setProperty("main", main)
            button.setFont(sized(1.1, QFont.Weight.DemiBold))
            button.clicked.connect(signal)
            row.addWidget(button)
        row.addStretch(1)
        column.addSpacing(10)
        column.addLayout(row)
        column.addWidget(self._due_box())
        demos = [
            (text, name, lambda _=False, n=name: self.demo_wanted.emit(n))
            for name, (text, _) in DEMO_JOBS.items()
        ]
        learn = [
            (
                "Your first pack, step by step",
                "Twelve stops from brief to passport, about twenty minutes",
                lambda _=False: self.first_pack_wanted.emit(),
            )
        ]
        latest = [(Path(p).stem, p, lambda _=False, p=p: self.path_wanted.emit(p)) for p in recent[:6]]
        for heading, entries, empty in (
            ("Recent jobs", latest, "Nothing yet; jobs you open are listed here."),
            ("To begin with", learn, ""),
            ("From the workshop of Hollin Lea, an invented farm", demos, ""),
        ):
            column.addSpacing(10)
            self._list(column, heading, entries, empty)
        column.addStretch(3)

    def _due_box(self) -> QWidget:
        """What falls due; out of sight until there is something."""
        self.due = QWidget()
        inside = QVBoxLayout(self.due)
        inside.setContentsMargins(0, 10, 0, 0)
        heading = PlainLabel("To be looked at")
        heading.setObjectName("section")
        heading.setFont(sized(1.02, QFont.Weight.DemiBold))
        self.due_words = PlainLabel()
        self.due_words.setWordWrap(True)
        self.due_words.setAccessibleName("What falls due")
        button = QPushButton("The day: plan and reminders… (Ctrl+Alt+T)")
        button.setStyleSheet("text-align: left;")
        button.clicked.connect(self.day_wanted)
        for part in (heading, self.due_words, button):
            inside.addWidget(part)
        self.due.hide()
        return self.due

    def show_due(self, lines: list[str]) -> None:
        """Show what falls due, a line each; nothing takes it out of sight."""
        self.due_words.setText("\n".join(lines))
        self.due.setVisible(bool(lines))

    def _column(self, outer: QHBoxLayout) -> QVBoxLayout:
        """The ways to a job. On a low desktop they scroll: the window need not be higher than the desktop."""
        side, area = QWidget(), QScrollArea()
        column = QVBoxLayout(side)
        column.setContentsMargins(0, 0, 8, 0)
        column.setSpacing(8)
        area.setWidget(side)
        area.setWidgetResizable(True)
        area.setFrameShape(QFrame.Shape.NoFrame)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        area.setAccessibleName("Ways to a job")
        outer.addWidget(area, 5)
        return column

    def _list(
        self, column: QVBoxLayout, heading: str, entries: list[tuple[str, str, Any]], empty: str
    ) -> None:
        label = PlainLabel(heading)
        label.setObjectName("section")
        label.setFont(sized(1.02, QFont.Weight.DemiBold))
        column.addWidget(label)
        if not entries:
            none = PlainLabel(empty)
            none.setObjectName("quiet")
            column.addWidget(none)
        for text, tip, call in entries:
            button = QPushButton(visible(text).replace("&", "&&"))
            button.setToolTip(as_text(tip))
            button.setStyleSheet("text-align: left;")
            button.clicked.connect(call)
            column.addWidget(button)
