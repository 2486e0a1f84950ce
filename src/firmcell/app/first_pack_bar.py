"""The line above the work that leads through the first pack: a stop, its task, and whether it is done."""

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QFont, QResizeEvent
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QPushButton,
    QScrollArea,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.plain import PlainLabel
from firmcell.app.theme import sized
from firmcell.core.practice.first_pack import JobNow, first_pack

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.session import Session


MOST_OF_WINDOW = 0.3
"""Part of the window's height that the words may take; what is longer is scrolled."""


class _Words(QScrollArea):
    """What a stop says, as high as its words are, up to a part of the window."""

    def __init__(self, inside: QWidget) -> None:
        super().__init__()
        self.setWidget(inside)
        self.setWidgetResizable(True)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName("What the stop says")
        self.setStyleSheet("QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; }")

    def fit(self) -> None:
        """Take the height that the words want at this width."""
        inside = self.widget()
        wanted = inside.heightForWidth(max(self.viewport().width(), 1)) if inside is not None else 0
        self.setFixedHeight(max(min(wanted, int(MOST_OF_WINDOW * self.window().height())), 1))

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.fit()


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
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.setContentsMargins(0, 0, 0, 0)
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
        self._words = _Words(inside)
        row.addWidget(self._words, 1)
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
        self._words.fit()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        # The window may have become lower with the same width.
        self._words.fit()
