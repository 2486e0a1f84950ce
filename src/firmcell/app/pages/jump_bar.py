"""The line over a long page: which section one is in, and the way to the others."""

from collections.abc import Callable

from PySide6.QtCore import QEvent, QObject, Qt, QTimer, Signal
from PySide6.QtGui import QWheelEvent
from PySide6.QtWidgets import (
    QApplication,
    QComboBox,
    QHBoxLayout,
    QLabel,
    QScrollArea,
    QToolButton,
    QWidget,
)

from firmcell.app.language.edge import told
from firmcell.app.wheel import calm

FEWEST = 3
"""Sections from which a page has a list of them."""
NEAR_PX = 12
"""A section whose heading is so far under the upper edge is the one that is read."""


class JumpBar(QWidget):
    """Sections of a page by name; `go` is called with the heading to scroll to."""

    changed = Signal()

    def __init__(self, go: Callable[[QLabel], None], parent: QWidget) -> None:
        super().__init__(parent)
        self._go = go
        self._headings: tuple[QLabel, ...] = ()
        self._titles: tuple[str, ...] = ()
        # A page shows and hides several at once.
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(0)
        self._later.timeout.connect(self.changed)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 4, 14, 2)
        row.setSpacing(4)
        self.list = calm(QComboBox())
        self.list.setAccessibleName("Section of the page")
        self.list.setMinimumContentsLength(12)
        self.list.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.list.activated.connect(lambda n: self._go(self._headings[n]))
        row.addWidget(self.list, 1)
        for arrow, by, words in (
            (Qt.ArrowType.UpArrow, -1, "Section before (Ctrl+Page Up)"),
            (Qt.ArrowType.DownArrow, 1, "Next section (Ctrl+Page Down)"),
        ):
            button = QToolButton()
            button.setAutoRaise(True)
            button.setArrowType(arrow)
            button.setToolTip(words)
            button.setAccessibleName(words)
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            button.clicked.connect(lambda _=False, by=by: self.step(by))
            row.addWidget(button)

    def wheelEvent(self, event: QWheelEvent) -> None:
        """The wheel over the bar scrolls the page as well."""
        page = self.parentWidget()
        if isinstance(page, QScrollArea):
            QApplication.sendEvent(page.verticalScrollBar(), event)

    @property
    def titles(self) -> tuple[str, ...]:
        """The sections that are there."""
        return self._titles

    def go_to(self, title: str) -> None:
        """Scroll to a section by its title, as it is called in the program or as it is shown."""
        shown = next((name for name in (title, told(title)) if name in self._titles), None)
        if shown is not None:
            self._go(self._headings[self._titles.index(shown)])

    def watch(self, heading: QLabel) -> None:
        """Tell by `changed` when this heading comes or goes."""
        heading.installEventFilter(self)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() in (QEvent.Type.ShowToParent, QEvent.Type.HideToParent):
            self._later.start()
        return False

    def show_sections(self, headings: list[QLabel]) -> bool:
        """Offer these sections; whether there are enough of them for a list."""
        titles = tuple(h.text() for h in headings)
        self._headings = tuple(headings)
        if titles != self._titles:
            self._titles = titles
            now = self.list.currentIndex()
            self.list.clear()
            self.list.addItems([title.replace("&", "") for title in titles])
            self.list.setCurrentIndex(max(min(now, len(titles) - 1), 0))
        return len(headings) >= FEWEST

    def at(self, top: int) -> None:
        """The page is scrolled so far: show the section that is read there."""
        if self._headings:
            reached = [n for n, h in enumerate(self._headings) if h.y() <= top + NEAR_PX]
            self.list.setCurrentIndex(reached[-1] if reached else 0)

    def step(self, by: int) -> None:
        """Go to the next section, or the one before."""
        if self._headings:
            wanted = min(max(self.list.currentIndex() + by, 0), len(self._headings) - 1)
            self.list.setCurrentIndex(wanted)
            self._go(self._headings[wanted])
