"""What the workshop knows beyond one job: its cells in stock, and where that is kept."""

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence, QShortcut
from PySide6.QtWidgets import QInputDialog, QLineEdit, QWidget

from firmcell.app.learning import WORKSHOP
from firmcell.app.session import guarded
from firmcell.app.shop_notes import ShopNotes
from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs.plan import Subject

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.stock.fit_window import FitWindow
    from firmcell.app.stock.match_window import MatchWindow
    from firmcell.app.stock.stock_window import StockWindow


class WorkshopCommands:
    """Opens the windows of the workshop."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window
        self.stock: StockWindow | None = None
        self.notes = ShopNotes(window)
        self.notes.told.connect(window.tell)

    def show_stock(self) -> "StockWindow":
        """Show the cells in stock."""
        # Loaded when first wanted.
        from firmcell.app.stock.stock_window import StockWindow

        if self.stock is None:
            window = self.window
            self.stock = StockWindow(
                window.library, window.settings, window.look, window.demo_folder, "", window
            )
            self.stock.finished.connect(lambda _: self._gone())
            self._guide_for(self.stock)
        self.stock.show()
        self.stock.raise_()
        self.stock.activateWindow()
        return self.stock

    def match(self) -> "MatchWindow | None":
        """Match cells of the drawers into the pack that is open."""
        from firmcell.app.stock.match_window import MatchWindow

        session = self.window.session
        if session is None or session.plan.subject is not Subject.PACK:
            self.window.tell("Open a job with a pack of its own first: its cells are what is matched.")
            return None
        self.matching = MatchWindow(self.window, session)
        self.matching.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._guide_for(self.matching)
        self.matching.open()
        return self.matching

    def scan_cells(self) -> "FitWindow | None":
        """Scan the cells of the open pack into their places."""
        from firmcell.app.stock.fit_window import FitWindow

        session = self.window.session
        if session is None or not session.design.cell_serials:
            self.window.tell("No serials are known of this pack: match cells into it first (Ctrl+Alt+G).")
            return None
        self.window.go(Stage.CELLS)
        self.fitting = FitWindow(self.window, session)
        self.fitting.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._guide_for(self.fitting)
        self.fitting.show()
        return self.fitting

    def _guide_for(self, shown: QWidget) -> None:
        """F1 in a window of the workshop opens the guide at its chapter."""
        key = QShortcut(QKeySequence(QKeySequence.StandardKey.HelpContents), shown)
        key.activated.connect(lambda: self.window.learning.show_chapter(WORKSHOP))

    def _gone(self) -> None:
        if self.stock is not None:
            self.stock.deleteLater()
            self.stock = None

    def ask_place(self) -> None:
        """Ask where the register is: a file, or a server that several benches share."""
        from firmcell.register.register import register_place

        told, sure = QInputDialog.getText(
            self.window,
            "Where the register is",
            "A file that ends in .sqlite, or postgresql://person@server/workshop for several benches.\n"
            "Nothing means the usual file in your data folder.",
            QLineEdit.EchoMode.Normal,
            register_place(),
        )
        if sure:
            guarded(lambda: self.set_place(told.strip()), self.window.tell)

    def set_place(self, told: str) -> None:
        """Keep where the register is, and open that the next time.

        Raises
        ------
        Refusal
            If it cannot be one.
        """
        from firmcell.register.database import shown
        from firmcell.register.register import keep_place

        url = keep_place(told)
        if self.stock is not None:
            self.stock.close()
        self.window.tell(f"The register is {shown(url)}.")

    def close(self) -> None:
        """Let go of all windows."""
        if self.stock is not None:
            self.stock.close()
