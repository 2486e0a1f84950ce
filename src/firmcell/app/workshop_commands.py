"""What the workshop knows beyond one job: its cells in stock, and where that is kept."""

from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence, QShortcut
from PySide6.QtWidgets import QDialog, QInputDialog, QLineEdit, QWidget

from firmcell.app.background import Task
from firmcell.app.learning import WORKSHOP
from firmcell.app.session import guarded
from firmcell.app.shop.start_reminders import StartReminders
from firmcell.app.shop_notes import ShopNotes
from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs.plan import Subject

if TYPE_CHECKING:
    from collections.abc import Callable

    from firmcell.app.main_window import MainWindow
    from firmcell.app.shop.across_window import AcrossWindow
    from firmcell.app.shop.day_window import DayWindow
    from firmcell.app.shop.shop_window import ShopWindow
    from firmcell.app.shop.shopping_window import ShoppingWindow
    from firmcell.app.stock.fit_window import FitWindow
    from firmcell.app.stock.match_window import MatchWindow
    from firmcell.app.stock.stock_window import StockWindow
    from firmcell.register.have import Have


class WorkshopCommands:
    """Opens the windows of the workshop."""

    def __init__(self, window: "MainWindow") -> None:
        self.window = window
        self.stock: StockWindow | None = None
        self.shop: ShopWindow | None = None
        self.notes = ShopNotes(window)
        self.notes.told.connect(window.tell)
        self.notes.written.connect(self._written)
        self.reminders = StartReminders(window)

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

    def show_shop(self) -> "ShopWindow":
        """Show parts in stock, tools, settings that held, and how the shop works."""
        from firmcell.app.shop.shop_window import ShopWindow

        if self.shop is None:
            window = self.window
            self.shop = ShopWindow(window.library, window.settings, self.place(), window)
            self.shop.finished.connect(lambda _: self._shop_gone())
            self.shop.state.changed.connect(self.notes.look)
            self._guide_for(self.shop)
        self.shop.show()
        self.shop.raise_()
        self.shop.activateWindow()
        return self.shop

    def _jobs_folder(self) -> Path:
        """The folder of the open job, or the one whose jobs were looked at last."""
        from firmcell.app.job_list_window import FOLDER_KEY

        session = self.window.session
        kept = Path(str(self.window.settings.value(FOLDER_KEY, "") or Path.home()))
        return session.path.parent if session is not None else kept

    def show_day(self) -> "DayWindow":
        """Show the steps of the days over the jobs of a folder, and what is to be looked at again."""
        from firmcell.app.shop.day_window import DayWindow

        self.day = DayWindow(self.window, self._jobs_folder(), self.place())
        self.day.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._guide_for(self.day)
        self.day.show()
        return self.day

    def show_across(self) -> "AcrossWindow":
        """Show what all jobs show together."""
        from firmcell.app.shop.across_window import AcrossWindow

        self.across = AcrossWindow(self.window, self._jobs_folder(), self.place())
        self.across.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._guide_for(self.across)
        self.across.show()
        return self.across

    def show_shopping(self) -> "ShoppingWindow":
        """Show what the open job, or the jobs of the folder looked at last, still want."""
        from firmcell.app.shop.shopping_window import ShoppingWindow

        session = self.window.session
        picked = session.path if session is not None else None
        self.shopping = ShoppingWindow(self.window, self._jobs_folder(), picked, self.place())
        self.shopping.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._guide_for(self.shopping)
        self.shopping.show()
        return self.shopping

    def what_is_there(self, take: "Callable[[Have], None]") -> None:
        """Read what the shop has, off the interface thread, and hand it over; nothing where it has no
        register, or that cannot be read."""
        place = self.notes.place_for(self.window.session.path) if self.window.session is not None else ""

        def work() -> "Have":
            from firmcell.register.have import have

            return have(place)

        self.window._tasks.append(Task(work, take, lambda _: None).start())

    def place(self) -> str:
        """Where the register is that goes with the open job: the demo farm's for a job of the demo, made
        where it is not there yet; else "", the shop's own."""
        window = self.window
        job = window.session.path.resolve() if window.session is not None else None
        if job is None or not job.is_relative_to(window.demo_folder.resolve()):
            return ""
        from firmcell.register.demo import demo_register

        return str(demo_register(window.demo_folder / "register.sqlite", datetime.now().astimezone()))

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

    def _written(self) -> None:
        """A step took something out of stock: the window that shows it shows that."""
        if self.shop is not None:
            self.shop.state.reload()

    def _shop_gone(self) -> None:
        if self.shop is not None:
            self.shop.deleteLater()
            self.shop = None

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
        if self.shop is not None:
            self.shop.close()
        if self.stock is not None:
            self.stock.close()
        self.window.tell(f"The register is {shown(url)}.")

    def close(self) -> None:
        """Let go of all windows; what they are working out ends with them."""
        self.reminders.stop()
        for shown in self.window.findChildren(QDialog):
            shown.close()
        if self.shop is not None:
            self.shop.close()
        if self.stock is not None:
            self.stock.close()
