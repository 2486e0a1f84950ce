"""How the window uses the room it has: a rail of signs where it is narrow, one pane at a time where it is
small."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QSettings, Qt
from PySide6.QtGui import QFontMetricsF
from PySide6.QtWidgets import QLayout, QToolButton, QWidget

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

SIGNS_BELOW_EM = 46.0
"""Width of the window, in heights of its letters, below which the rail shows signs without names."""
ONE_BELOW_EM = 34.0
"""Below which picture and page are seen by turns."""
LEAST_PX = (480, 320)
KEY = "split"


class Desk(QObject):
    """Room for picture and page."""

    def __init__(self, window: "MainWindow", settings: QSettings) -> None:
        super().__init__(window)
        self.window, self.settings = window, settings
        self.one, self.page_in_front = False, True
        self.turn = QToolButton()
        self.turn.setAutoRaise(True)
        self.turn.clicked.connect(lambda _=False: self.show(not self.page_in_front))
        self.turn.hide()
        window.menuBar().setCornerWidget(self.turn)
        # What does not fit gives way; a layout that insists would make the window larger than the desktop.
        layout = window.layout()
        assert layout is not None
        layout.setSizeConstraint(QLayout.SizeConstraint.SetNoConstraint)
        window.setMinimumSize(*LEAST_PX)
        if settings.value(KEY) is not None:
            window.split.restoreState(settings.value(KEY))

    def keep(self) -> None:
        """Keep where the splitter stands, for the next start."""
        if not self.one:
            self.settings.setValue(KEY, self.window.split.saveState())

    def fit(self) -> None:
        """Use the width that the window has now."""
        em = QFontMetricsF(self.window.font()).height()
        width = self.window.width()
        self.window.rail.set_narrow(width < SIGNS_BELOW_EM * em)
        one = width < ONE_BELOW_EM * em
        if one != self.one:
            self.keep()
            self.one = one
            self.show(self.page_in_front)

    def show(self, page: bool) -> None:
        """Where only one is seen: bring the page to the front, or the picture."""
        self.page_in_front = page
        self.window.view.setVisible(not (self.one and page))
        self.window.page_stack.setVisible(not (self.one and not page))
        self.turn.setVisible(self.one)
        self.turn.setText("Picture (F3)" if page else "Page (F4)")
        self.turn.setAccessibleName("Show the picture" if page else "Show the page")
        self.turn.adjustSize()

    def focus(self, page: bool) -> None:
        """Put the keyboard on the picture or on the page, which comes to the front for it."""
        self.show(page)
        place = self.first_field() if page else self.window.view
        if place is not None:
            place.setFocus(Qt.FocusReason.ShortcutFocusReason)

    def first_field(self) -> QWidget | None:
        """What takes the keyboard first on the page that is shown."""
        page = self.window.pages.get(self.window.stage)
        if page is None:
            return None
        fields = [
            w
            for w in page.findChildren(QWidget)
            if w.focusPolicy() & Qt.FocusPolicy.TabFocus
            and w.isVisible()
            and w.isEnabled()
            and not page.jump.isAncestorOf(w)
        ]
        return fields[0] if fields else page
