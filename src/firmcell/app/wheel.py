"""The wheel scrolls the page; it changes a choice only where one has gone into it."""

from typing import TypeVar

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtWidgets import QAbstractSlider, QAbstractSpinBox, QComboBox

Editor = TypeVar("Editor", QComboBox, QAbstractSpinBox, QAbstractSlider)


class _Calm(QObject):
    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() != QEvent.Type.Wheel:
            return False
        editor = self.parent()
        if isinstance(editor, (QComboBox, QAbstractSpinBox, QAbstractSlider)) and editor.hasFocus():
            return False
        # Ignored here, it goes on to the page behind.
        event.ignore()
        return True


def calm(editor: Editor) -> Editor:
    """Return the combo box, spin box or slider after teaching it to leave the wheel to the page while it
    has no focus."""
    # The wheel itself must not bring the focus either, as it does by default.
    editor.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
    editor.installEventFilter(_Calm(editor))
    return editor
