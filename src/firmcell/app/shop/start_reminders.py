"""What falls due, shown on the start page: looked for off the interface thread while no job is open."""

from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from firmcell.app.background import Search
from firmcell.core.base.visible import visible

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.shop.day_look import Looked

AFTER_MS = 2500
"""From the first picture of the window until it is looked, ms."""
SHOWN = 4
"""So many reminders stand on the page; the others are in the window of the day."""


class StartReminders(QObject):
    """Looks once, a moment after the start; a job that is opened ends it."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window = window
        self._search: Search | None = None
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(AFTER_MS)
        self._later.timeout.connect(self.look)

    def begin(self) -> None:
        """Look a moment from now."""
        self._later.start()

    def look(self) -> None:
        """Look now, if no job is open."""
        from firmcell.app.job_list_window import FOLDER_KEY
        from firmcell.register.register import known_register

        kept = str(self.window.settings.value(FOLDER_KEY, "") or "")
        folder = Path(kept) if kept and Path(kept).is_dir() else None
        if self.window.session is not None or not (folder or known_register()):
            return
        from firmcell.app.shop.day_look import look

        library = self.window.library
        midnight = datetime.now().astimezone().replace(hour=0, minute=0, second=0, microsecond=0)
        self._search = Search(lambda: look(folder, library, "", midnight), self)
        self._search.progressed.connect(self._found)
        self._search.finished.connect(lambda _: self.stop())
        self._search.refused.connect(lambda _: self.stop())
        self._search.start()

    def stop(self) -> None:
        """Look no further."""
        self._later.stop()
        if self._search is not None:
            self._search.give_up()
            self._search = None

    def _found(self, found: "Looked") -> None:
        from firmcell.app.start_page import StartPage
        from firmcell.core.jobs.reminders import soon

        page = self.window.stack.widget(0)
        if self.window.session is not None or not isinstance(page, StartPage):
            self.stop()
            return
        today = datetime.now().astimezone().date()
        due = soon(found.every_reminder, today)
        lines = [visible(f"{r.about}, {r.due(today)}: {r.words}") for r in due[:SHOWN]]
        if len(due) > SHOWN:
            lines.append(f"{len(due) - SHOWN} more")
        page.show_due(lines)
