"""Text that may come from a file is shown as text: no markup, no links, no pictures, nothing hidden in it."""

from html import escape

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QWidget

from firmcell.app.language.edge import told
from firmcell.core.base.visible import visible


class PlainLabel(QLabel):
    """A label that shows its text as it is."""

    def __init__(self, text: str = "", parent: QWidget | None = None) -> None:
        super().__init__(visible(text), parent)
        self.setTextFormat(Qt.TextFormat.PlainText)

    def setText(self, text: str) -> None:
        """Show another text."""
        super().setText(visible(text))


class RichLabel(QLabel):
    """A label whose text is put together by the program, what comes from files in it through `as_html`."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setTextFormat(Qt.TextFormat.RichText)


def as_html(text: str) -> str:
    """Return a text for a place that shows markup."""
    return escape(told(visible(text)))


def as_text(text: str) -> str:
    """Return a text for a place that guesses whether it is markup, such as a tooltip: shown as it is."""
    plain = visible(text)
    return f"<span>{escape(plain)}</span>" if "<" in plain or "&" in plain else plain
