"""A dialog with fields: Enter takes the field one is in, and presses nothing."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeyEvent, QShowEvent
from PySide6.QtWidgets import QDialog, QFrame, QPushButton, QScrollArea, QVBoxLayout, QWidget


def fit_on_desktop(window: QWidget) -> None:
    """Make a window no larger than the desktop it is shown on; what does not fit must scroll."""
    screen = window.screen()
    if screen is not None:
        room = screen.availableGeometry().size()
        window.resize(window.size().boundedTo(room))


def let_scroll(window: QDialog) -> None:
    """Let a window be as small as its desktop: what it holds scrolls where it has no room."""
    inside, area = QWidget(), QScrollArea()
    held = window.layout()
    assert held is not None
    # A layout that is given to another widget takes along all that is in it.
    inside.setLayout(held)
    area.setWidget(inside)
    area.setWidgetResizable(True)
    area.setFrameShape(QFrame.Shape.NoFrame)
    outer = QVBoxLayout(window)
    outer.setContentsMargins(0, 0, 0, 0)
    outer.addWidget(area)


class FormDialog(QDialog):
    """Asks for values.

    A button box makes its first button the default one as it is shown, whatever that button says of itself:
    Enter in a field would then accept the dialog as soon as what is typed so far is valid.
    """

    def showEvent(self, event: QShowEvent) -> None:
        fit_on_desktop(self)
        super().showEvent(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        enter = event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter)
        if enter and not isinstance(self.focusWidget(), QPushButton):
            event.accept()
            return
        super().keyPressEvent(event)
