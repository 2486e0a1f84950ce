"""Light or dark, metric or inch, and the axis the pack is turned about."""

from typing import TYPE_CHECKING

from PySide6.QtWidgets import (
    QApplication,
)

from firmcell.app.session import guarded
from firmcell.app.start_page import StartPage
from firmcell.app.theme import PALETTES, style_sheet
from firmcell.core.model.design import TurnAxis

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow


class Looks:
    """Light or dark, metric or inch, and the axis the pack is turned about."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window

    def toggle_look(self) -> None:
        """Change between light and dark."""
        self.window.look = PALETTES["dark" if self.window.look.name == "light" else "light"]
        self.window.settings.setValue("look", self.window.look.name)
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
        QApplication.instance().setStyleSheet(style_sheet(self.window.look))  # type: ignore[union-attr]
        for part in (self.window.plate, self.window.rail, self.window.view, self.window.findings):
            part.set_palette(self.window.look)
        start = self.window.stack.widget(0)
        if isinstance(start, StartPage):
            start.picture.set_palette(self.window.look)
