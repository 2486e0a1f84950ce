"""What a hand does at a form with the keyboard alone."""

from datetime import datetime, timedelta

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QCheckBox, QPushButton


class Later(datetime):
    """A clock two days on: every cure and every rest is over."""

    @classmethod
    def now(cls, tz=None):
        return datetime.now(tz) + timedelta(days=2)


def enter(qtbot, editor, value):
    """Type a value into a field, or tick a box."""
    editor.setFocus()
    if isinstance(editor, QCheckBox):
        if editor.isChecked() is not value:
            qtbot.keyClick(editor, Qt.Key.Key_Space)
        return
    editor.selectAll()
    qtbot.keyClicks(editor, value)
    qtbot.keyClick(editor, Qt.Key.Key_Return)


def press(qtbot, widget, begins):
    """Press the one button in reach whose words begin so and that is not merely offered."""
    # What was just made is shown a moment later.
    QApplication.processEvents()
    found = [
        b
        for b in widget.findChildren(QPushButton)
        if b.text().replace("&", "").startswith(begins) and b.isVisible() and "if measured" not in b.text()
    ]
    assert found, begins
    found[0].setFocus()
    qtbot.keyClick(found[0], Qt.Key.Key_Space)
