"""The findings under the work: the worst one in a line, or a list of them opened on demand."""

from PySide6.QtCore import QSettings, Qt
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QBoxLayout, QSizePolicy, QToolButton, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.tables import FindingsList
from firmcell.app.theme import Palette, sized
from firmcell.core.analysis.findings import Finding, Severity

OPEN_ROWS = 6
"""Findings in sight at once when the list is open."""
KEY = "findings/open"


class FindingsBox(QWidget):
    """How many there are and the worst, in one line; opened it is a list, with its heading above it."""

    def __init__(self, palette: Palette, settings: QSettings, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.settings = settings
        self._line = QBoxLayout(QBoxLayout.Direction.LeftToRight, self)
        self._line.setContentsMargins(10, 3, 10, 4)
        self._line.setSpacing(8)
        self._words, self.is_open = "", False
        head = QWidget()
        heading = QBoxLayout(QBoxLayout.Direction.LeftToRight, head)
        heading.setContentsMargins(0, 0, 0, 0)
        heading.setSpacing(6)
        self.toggle = QToolButton()
        self.toggle.setAutoRaise(True)
        self.toggle.setAccessibleName("All findings")
        self.toggle.setToolTip("All findings, or the worst alone (F6)")
        self.toggle.clicked.connect(lambda _=False: self.open(not self.is_open))
        heading.addWidget(self.toggle)
        self.title = PlainLabel()
        self.title.setObjectName("findingsTitle")
        self.title.setFont(sized(0.95, QFont.Weight.DemiBold))
        heading.addWidget(self.title)
        heading.addStretch(1)
        self._line.addWidget(head)
        self.list = FindingsList(palette)
        self.list.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self._line.addWidget(self.list, 1)
        self.open(settings.value(KEY) == "yes")

    def open(self, on: bool) -> None:
        """Show the list, or the worst alone."""
        self.is_open = on
        self.settings.setValue(KEY, "yes" if on else "no")
        self._line.setDirection(QBoxLayout.Direction.TopToBottom if on else QBoxLayout.Direction.LeftToRight)
        self.toggle.setArrowType(Qt.ArrowType.DownArrow if on else Qt.ArrowType.RightArrow)
        row = self.list.fontMetrics().height() + 9
        self.list.setFixedHeight(row * (OPEN_ROWS if on else 1) + 4)
        bar = Qt.ScrollBarPolicy.ScrollBarAsNeeded if on else Qt.ScrollBarPolicy.ScrollBarAlwaysOff
        self.list.setVerticalScrollBarPolicy(bar)
        self._tell()
        if not on:
            self.list.scrollTo(self.list.findings.index(0, 0))

    def show_findings(self, findings: tuple[Finding, ...]) -> None:
        """Show these, worst first."""
        self.list.findings.set_items(findings)
        counts = [sum(f.severity is severity for f in findings) for severity in Severity]
        self._words = ", ".join(f"{n} {_many(s.word, n)}" for n, s in zip(counts, Severity, strict=True) if n)
        self._tell()

    def _tell(self) -> None:
        if not self._words:
            self.title.setText("Nothing found wrong")
        elif self.is_open:
            self.title.setText(f"Findings: {self._words}.   Enter goes there, Ctrl+. applies a fix")
        else:
            self.title.setText(self._words)
        self.list.setVisible(bool(self._words))

    def enter(self) -> None:
        """Open the list and put the keyboard into it."""
        self.open(True)
        self.list.setFocus(Qt.FocusReason.ShortcutFocusReason)
        if not self.list.currentIndex().isValid():
            self.list.setCurrentIndex(self.list.findings.index(0, 0))


def _many(word: str, count: int) -> str:
    """A word of severity for so many: three notes, but three attention."""
    return f"{word}s" if count > 1 and word in ("stop", "note") else word
