"""Help: every key, and the words of the trade."""

from html import escape

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QFont
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFrame,
    QGridLayout,
    QLineEdit,
    QScrollArea,
    QTabWidget,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.plain import PlainLabel
from firmcell.app.theme import sized
from firmcell.store.glossary import terms, terms_with


def _scrolled(page: QWidget) -> QScrollArea:
    scroll = QScrollArea()
    scroll.setWidgetResizable(True)
    scroll.setWidget(page)
    scroll.setFrameShape(QFrame.Shape.NoFrame)
    return scroll


class ShortcutSheet(QDialog):
    """Every key by place, and on a second tab every word of the trade."""

    def __init__(
        self, groups: list[tuple[str, list[tuple[str, str]]]], parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle("Help")
        layout = QVBoxLayout(self)
        self.tabs = QTabWidget()
        keys_page = QWidget()
        grid = QGridLayout(keys_page)
        grid.setHorizontalSpacing(26)
        columns = 2
        for number, (heading, keys) in enumerate(groups):
            box = QVBoxLayout()
            title = PlainLabel(heading)
            title.setObjectName("section")
            title.setFont(sized(1.05, QFont.Weight.DemiBold))
            box.addWidget(title)
            lines = QGridLayout()
            lines.setHorizontalSpacing(16)
            for row, (key, what) in enumerate(keys):
                cap = PlainLabel(key)
                cap.setFont(sized(1.0, QFont.Weight.DemiBold))
                lines.addWidget(cap, row, 0)
                lines.addWidget(PlainLabel(what), row, 1)
            lines.setColumnStretch(1, 1)
            box.addLayout(lines)
            box.addStretch(1)
            grid.addLayout(box, number // columns, number % columns, Qt.AlignmentFlag.AlignTop)
        self.tabs.addTab(_scrolled(keys_page), "&Keys")
        self.tabs.addTab(self._words(), "&Words of the trade")
        layout.addWidget(self.tabs)
        close = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        close.rejected.connect(self.reject)
        layout.addWidget(close)
        if parent is not None:
            self.resize(parent.size().boundedTo(QSize(980, 700)) * 0.92)

    def _words(self) -> QWidget:
        page = QWidget()
        column = QVBoxLayout(page)
        self._terms = terms()
        self.typed = QLineEdit()
        self.typed.setPlaceholderText("Find a word")
        self.typed.setAccessibleName("Find a word")
        self.typed.setClearButtonEnabled(True)
        self.typed.textChanged.connect(self._find)
        column.addWidget(self.typed)
        self.words = PlainLabel()
        self.words.setTextFormat(Qt.TextFormat.RichText)
        self.words.setWordWrap(True)
        self.words.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.words.setAccessibleName("Words of the trade")
        column.addWidget(_scrolled(self.words), 1)
        self._find("")
        return page

    def _find(self, typed: str) -> None:
        found = terms_with(self._terms, typed)
        rows = "".join(f"<p><b>{escape(name)}</b><br>{escape(meaning)}</p>" for name, meaning in found)
        self.words.setText(rows or "No word here holds that.")
