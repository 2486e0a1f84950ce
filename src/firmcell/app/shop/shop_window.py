"""What the shop has and how it works: parts in stock, tools, settings that held, ways."""

from PySide6.QtCore import QSettings
from PySide6.QtGui import QKeySequence, QShortcut
from PySide6.QtWidgets import QDialog, QTabWidget, QVBoxLayout, QWidget

from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.shop.parts_tab import PartsTab
from firmcell.app.shop.settings_tab import SettingsTab
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.shop.tools_tab import ToolsTab
from firmcell.app.shop.ways_tab import WaysTab
from firmcell.core.model.part_library import PartLibrary


class ShopWindow(QDialog):
    """Four tabs over one register.

    Parameters
    ----------
    library : PartLibrary
        Classes to choose from.
    settings : QSettings
        Who is at the bench.
    place : str
        Of the register; "" as it is set up.
    """

    def __init__(
        self, library: PartLibrary, settings: QSettings, place: str = "", parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.settings = settings
        self.state = ShopState(place, self)
        self.setWindowTitle("What the shop has")
        column = QVBoxLayout(self)
        self.tabs = QTabWidget()
        self.tabs.setAccessibleName("Parts, tools, settings and ways")
        self.parts = PartsTab(self.state, self.person, library)
        self.tools = ToolsTab(self.state, self.person)
        self.known = SettingsTab(self.state)
        self.ways = WaysTab(self.state, self.person)
        for tab, words in (
            (self.parts, "&Parts in stock"),
            (self.tools, "&Tools"),
            (self.known, "&Settings that held"),
            (self.ways, "&How we work"),
        ):
            self.tabs.addTab(tab, words)
        column.addWidget(self.tabs, 1)
        self.said = PlainLabel("Opening the register …")
        self.said.setWordWrap(True)
        self.said.setAccessibleName("State of the register")
        column.addWidget(self.said)
        for tab_told in (self.parts.told, self.tools.told, self.ways.told, self.state.told):
            tab_told.connect(self.said.setText)
        QShortcut(QKeySequence(QKeySequence.StandardKey.Undo), self).activated.connect(self.undo)
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(74 * em, 40 * em)
        fit_on_desktop(self)
        self.state.open()

    def person(self) -> str:
        """Who is at the bench."""
        return str(self.settings.value("person", ""))

    def undo(self) -> None:
        """Take back what was written last in this window."""
        last = self.state.last
        if last is None:
            self.said.setText("Nothing was written in this window that could be taken back.")
        elif guarded(
            lambda: self.state.take_back(last, "written by mistake", self.person()), self.said.setText
        ):
            self.said.setText("What was written last is taken back.")

    def done(self, result: int) -> None:
        """Let go of the register."""
        self.state.close()
        super().done(result)
