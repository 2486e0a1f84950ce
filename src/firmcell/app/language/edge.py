"""The edge at which texts are told in another language: where Qt takes them to show them.

Every label, button, menu, tip, table and painted word goes through a setter of Qt. Those are led through the
catalogue once, at the start, and only where the language is not English: no call can be forgotten, and
English costs nothing. Fields that hold what a person typed are not among them.
"""

from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtGui import QAction, QFontMetrics, QFontMetricsF, QPainter
from PySide6.QtWidgets import (
    QAbstractButton,
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QGroupBox,
    QInputDialog,
    QLabel,
    QLineEdit,
    QListWidgetItem,
    QMenu,
    QMenuBar,
    QMessageBox,
    QPlainTextEdit,
    QPushButton,
    QRadioButton,
    QTabWidget,
    QToolButton,
    QWidget,
)

from firmcell.app.language.catalogue import Catalogue

ENGLISH = Qt.ItemDataRole.UserRole + 77
"""Role under which an item of a list keeps its English text."""
MADE_WITH_TEXT = (
    QLabel,
    QPushButton,
    QCheckBox,
    QRadioButton,
    QToolButton,
    QAction,
    QMenu,
    QGroupBox,
    QListWidgetItem,
)
SETTERS: dict[Any, tuple[str, ...]] = {
    QLabel: ("setText",),
    QAbstractButton: ("setText",),
    QAction: ("setText", "setToolTip", "setStatusTip"),
    QWidget: (
        "setToolTip",
        "setWindowTitle",
        "setAccessibleName",
        "setAccessibleDescription",
        "setStatusTip",
    ),
    QDialog: ("setWindowTitle",),
    QGroupBox: ("setTitle",),
    QMenu: ("setTitle", "addAction", "addMenu"),
    QMenuBar: ("addMenu",),
    QLineEdit: ("setPlaceholderText",),
    QPlainTextEdit: ("setPlaceholderText",),
    QTabWidget: ("addTab", "setTabText"),
    QMessageBox: ("setText", "setInformativeText", "addButton"),
    QDialogButtonBox: ("addButton",),
    QPainter: ("drawText",),
    QFontMetrics: ("horizontalAdvance", "boundingRect", "elidedText"),
    QFontMetricsF: ("horizontalAdvance", "boundingRect", "elidedText"),
}
ASKING: dict[Any, tuple[str, ...]] = {
    QInputDialog: ("getText", "getDouble", "getInt", "getItem", "getMultiLineText"),
    QFileDialog: ("getOpenFileName", "getOpenFileNames", "getSaveFileName", "getExistingDirectory"),
    QMessageBox: ("question", "warning", "information", "critical"),
}
"""Dialogs that are asked in one call: their title and, where it is no path, what they say first."""
_kept: dict[tuple[Any, str], Any] = {}
_spoken: list[Catalogue] = []


def told(text: str) -> str:
    """Return a text of the program as it is shown, for what no setter of Qt takes: tables, plots."""
    return _spoken[-1].tell(text) if _spoken else text


def language() -> str:
    """Return the code of the language that is spoken."""
    return _spoken[-1].language if _spoken else "en"


def number(text: str) -> str:
    """Return a number with the decimal sign of the language."""
    return _spoken[-1].numbers(text) if _spoken else text


def speak(catalogue: Catalogue) -> None:
    """Let everything that Qt shows from now on be told in another language."""
    if _spoken:
        hush()
    _spoken.append(catalogue)
    for kind in MADE_WITH_TEXT:
        _lead(kind, "__init__")
    for kind, names in SETTERS.items():
        for name in names:
            _lead(kind, name)
    for kind, names in ASKING.items():
        for name in names:
            _lead_asking(kind, name)
    _lead_lists()


def hush() -> None:
    """Show texts as they are made, in English."""
    _spoken.clear()
    for (kind, name), old in _kept.items():
        setattr(kind, name, old)
    _kept.clear()


def _lead(kind: Any, name: str) -> None:
    old = getattr(kind, name)

    def led(self: Any, *given: Any, **named: Any) -> Any:
        return old(self, *(told(str(one)) if isinstance(one, str) else one for one in given), **named)

    _kept[kind, name] = old
    setattr(kind, name, led)


def _lead_asking(kind: Any, name: str) -> None:
    old = getattr(kind, name)
    says = 1 if kind is QFileDialog else 2

    def led(parent: Any, *given: Any, **named: Any) -> Any:
        return old(parent, *(told(one) for one in given[:says]), *given[says:], **named)

    _kept[kind, name] = old
    setattr(kind, name, staticmethod(led))


def _lead_lists() -> None:
    """Lists to choose from show what is told, and are asked for what they were given: what is chosen is
    looked up by its English text."""
    add: Any = QComboBox.addItem
    text_at, current = QComboBox.itemText, QComboBox.currentText
    find, set_text = QComboBox.findText, QComboBox.setCurrentText

    def add_item(self: QComboBox, *given: Any) -> None:
        at = next(n for n, one in enumerate(given) if isinstance(one, str))
        add(self, *given[:at], told(str(given[at])), *given[at + 1 :])
        self.setItemData(self.count() - 1, str(given[at]), ENGLISH)

    def add_items(self: QComboBox, texts: Any) -> None:
        for text in texts:
            add_item(self, text)

    def item_text(self: QComboBox, index: int) -> str:
        given = self.itemData(index, ENGLISH)
        return given if isinstance(given, str) else text_at(self, index)

    def current_text(self: QComboBox) -> str:
        shown = current(self)
        index = self.currentIndex()
        return item_text(self, index) if index >= 0 and shown == text_at(self, index) else shown

    def find_text(self: QComboBox, text: str, *flags: Any) -> int:
        for index in range(self.count()):
            if item_text(self, index) == text:
                return index
        return find(self, text, *flags)

    def set_current_text(self: QComboBox, text: str) -> None:
        index = find_text(self, text)
        if index >= 0:
            self.setCurrentIndex(index)
        else:
            set_text(self, text)

    for name, new in (
        ("addItem", add_item),
        ("addItems", add_items),
        ("itemText", item_text),
        ("currentText", current_text),
        ("findText", find_text),
        ("setCurrentText", set_current_text),
    ):
        _kept[QComboBox, name] = getattr(QComboBox, name)
        setattr(QComboBox, name, new)
