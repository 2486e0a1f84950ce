"""The line above the work that leads through the first pack: a stop, its task, and whether it is done."""

from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout

from firmcell.app.plain import PlainLabel
from firmcell.app.theme import sized
from firmcell.core.practice.first_pack import JobNow, first_pack

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.session import Session


class FirstPackBar(QFrame):
    """One stop after the other."""

    ended = Signal()

    def __init__(self, window: "MainWindow", session: "Session") -> None:
        super().__init__(window)
        self.window_, self.session = window, session
        self.setObjectName("expected")
        self.stops = first_pack(session.design, session.analysis)
        self._began = self._standing()
        self._done: set[int] = set()
        self.at = 0
        row = QHBoxLayout(self)
        column = QVBoxLayout()
        column.setSpacing(2)
        self.title, self.words, self.task = PlainLabel(), PlainLabel(), PlainLabel()
        self.title.setFont(sized(1.05, QFont.Weight.DemiBold))
        self.task.setFont(sized(1.0, QFont.Weight.DemiBold))
        for label, name in (
            (self.title, "Stop of the first pack"),
            (self.words, "What there is to see"),
            (self.task, "What to do here"),
        ):
            label.setWordWrap(True)
            label.setAccessibleName(name)
            column.addWidget(label)
        row.addLayout(column, 1)
        buttons = QVBoxLayout()
        self.next, self.back, self.end = (
            QPushButton(words) for words in ("Ne&xt stop", "One &back", "End it")
        )
        self.next.setProperty("main", True)
        self.next.clicked.connect(lambda _=False: self.go_to(self.at + 1))
        self.back.clicked.connect(lambda _=False: self.go_to(self.at - 1))
        self.end.clicked.connect(lambda _=False: self.ended.emit())
        steps = QHBoxLayout()
        steps.addWidget(self.back)
        steps.addWidget(self.next)
        buttons.addLayout(steps)
        buttons.addWidget(self.end)
        buttons.addStretch(1)
        row.addLayout(buttons)
        session.changed.connect(self.look)
        session.recorded.connect(self.look)
        session.destroyed.connect(self.ended)

    def _standing(self) -> JobNow:
        session = self.session
        return JobNow(session.design, session.state, tuple(session.findings))

    def go_to(self, at: int) -> None:
        """Show a stop, its page and what it lights; past the last one it ends."""
        if at >= len(self.stops):
            self.ended.emit()
            return
        self.at = max(at, 0)
        stop = self.stops[self.at]
        self.title.setText(f"{self.at + 1} of {len(self.stops)}: {stop.title}")
        self.words.setText(stop.words)
        self.back.setEnabled(self.at > 0)
        self.next.setText("Ne&xt stop" if self.at + 1 < len(self.stops) else "That &was it")
        window = self.window_
        window.go(stop.stage)
        if stop.section:
            window.page(stop.stage).jump.go_to(stop.section)
        window.panel.light(stop.ref if stop.ref in window.view.targets() else "")
        self.look()

    def look(self) -> None:
        """See whether the task at hand is done."""
        stop = self.stops[self.at]
        if stop.done is not None and self.at not in self._done and stop.done(self._began, self._standing()):
            self._done.add(self.at)
        sign = "✓ Done. " if self.at in self._done else "To do: " if stop.done else "Try it: "
        self.task.setText(f"{sign}{stop.task}" if stop.task else "")
        self.task.setVisible(bool(stop.task))
