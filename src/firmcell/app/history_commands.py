"""What the Job menu asks of the history of a job: to look at it, and to begin another job from its design."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFileDialog

from firmcell.app.session import guarded
from firmcell.store.job_file import SUFFIX, JobFile

if TYPE_CHECKING:
    from firmcell.app.history_window import HistoryWindow
    from firmcell.app.main_window import MainWindow


class HistoryCommands:
    """Saved designs, remarks and attachments of the open job, and a job made of its design."""

    history_window: "HistoryWindow"

    def __init__(self, window: "MainWindow") -> None:
        self.window = window

    def show(self) -> None:
        """Show saved designs, remarks and attachments, in a window of their own."""
        session = self.window.session
        if session is None:
            self.window.tell("Open a job first.")
            return
        # Loaded when first wanted.
        from firmcell.app.history_window import HistoryWindow

        session.save()
        self.history_window = HistoryWindow(session, self.window.system, self.window.look, self.window)
        self.history_window.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.history_window.show()

    def save_template(self) -> None:
        """Ask where, and make another job of this design, with none of its records."""
        session = self.window.session
        if session is None:
            return
        start = session.path.with_name(f"{session.path.stem} (template){SUFFIX}")
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Save as a template", str(start), f"Firm Cell job (*{SUFFIX})"
        )
        if name:
            self.write_template(Path(name if name.endswith(SUFFIX) else name + SUFFIX))

    def write_template(self, path: Path) -> None:
        """Make another job of this design: no records, serial number, photos or measured cells."""
        session = self.window.session
        assert session is not None
        design, person = session.design.as_template, session.person

        def make() -> None:
            JobFile.create(path, design, person, f"from {session.path.name}").close()
            self.window.tell(f"{path} holds this design and no record.")

        guarded(make, self.window.tell)
