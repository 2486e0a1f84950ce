"""Light or dark, metric or inch, and the axis the pack is turned about."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QSettings, Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import (
    QApplication,
)

from firmcell.app.session import guarded
from firmcell.app.start_page import StartPage
from firmcell.app.theme import PALETTES, Palette, style_sheet
from firmcell.core.model.design import TurnAxis

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow


def chosen_look(settings: QSettings) -> Palette:
    """The look that was chosen; of none, that of the desktop, which is light where it tells nothing."""
    chosen = str(settings.value("look", ""))
    if chosen in PALETTES:
        return PALETTES[chosen]
    dark = QGuiApplication.styleHints().colorScheme() is Qt.ColorScheme.Dark
    return PALETTES["dark" if dark else "light"]


class Looks(QObject):
    """Light or dark, metric or inch, and the axis the pack is turned about."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window = window

    def toggle_look(self) -> None:
        """Change between light and dark."""
        self._take(PALETTES["dark" if self.window.look.name == "light" else "light"])
        self.window.settings.setValue("look", self.window.look.name)

    def as_desktop(self) -> None:
        """Be light or dark as the desktop is, from now on."""
        self.window.settings.remove("look")
        self.follow_desktop()

    def follow_desktop(self) -> None:
        """Be as the desktop is now, unless the user has chosen."""
        wanted = chosen_look(self.window.settings)
        if wanted is not self.window.look:
            self._take(wanted)

    def _take(self, look: Palette) -> None:
        self.window.look = look
        self.dress()
        self.window.panel.paint()

    def set_system(self, system: str) -> None:
        """Show metric or inch units."""
        self.window.system = "inch" if system == "inch" else "metric"
        self.window.settings.setValue("system", self.window.system)
        if self.window.session is not None:
            self.window._drop_pages()
            self.window.go(self.window.stage)

    def turn_axis(self) -> None:
        """Turn the pack about its other axis in the picture and in the work plan."""
        session = self.window.session
        if session is None:
            return
        axis = TurnAxis.SHORT if session.design.arrangement.turn_axis is TurnAxis.LONG else TurnAxis.LONG
        guarded(
            lambda: session.edit("arrangement.turn_axis", axis, f"Turn about the {axis.value} axis"),
            self.window.tell,
        )

    def dress(self) -> None:
        """Show everything in the look that was chosen."""
        application = QApplication.instance()
        # Qt styles a widget once for each of its ancestors where one sheet takes the place of another, but
        # once where there was none: a third of the time.
        application.setStyleSheet("")  # type: ignore[union-attr]
        application.setStyleSheet(style_sheet(self.window.look))  # type: ignore[union-attr]
        for part in (self.window.plate, self.window.rail, self.window.view, self.window.findings):
            part.set_palette(self.window.look)
        start = self.window.stack.widget(0)
        if isinstance(start, StartPage):
            start.picture.set_palette(self.window.look)
