"""Keeps what is on screen safe: a job file that goes away, a save that fails, a window that closes."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QEvent, QObject, Qt, QTimer
from PySide6.QtWidgets import QFileDialog, QMessageBox

from firmcell.app.session import Session, guarded
from firmcell.core.base.visible import visible
from firmcell.store.job_file import SUFFIX, JobFile

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

LOOK_MS = 3000
"""Between two looks whether the file is still there, ms; besides, at every return to the window."""


class Keeping(QObject):
    """Looks after the file of the open job, and asks what to do where it cannot be kept there."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window = window
        self._told: object = None
        window.installEventFilter(self)
        self._timer = QTimer(self)
        self._timer.setInterval(LOOK_MS)
        self._timer.timeout.connect(self.look)
        self._timer.start()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Look at every return to the window."""
        if event.type() == QEvent.Type.WindowActivate:
            QTimer.singleShot(0, self.look)
        return False

    def look(self) -> None:
        """Look whether the file is still the one that is open; follow it, or ask where to go on."""
        session = self.window.session
        if session is None:
            return
        guarded(session.job.look_round, self.window.tell)
        if session.job.moved_from is not None:
            session.job.moved_from = None
            self.window.opening.remember(session.path)
            self.window._show_title()
            self.window.tell(f"The job was moved to {session.path}; everything goes on there.", keep=True)
        if session.job.adrift and self._told is not session.job:
            self._told = session.job
            self.window.tell(session.job.adrift, keep=True)
            self.ask(session, session.job.adrift, closing=False)

    def may_close(self, session: Session) -> bool:
        """Save; where that fails, ask. Returns whether the job may be closed, saved or given up."""
        while not session.save() and not session.given_up:
            because = session.not_saved_because
            if not self.ask(session, because, closing=True):
                return False
        return True

    def ask(self, session: Session, because: str, closing: bool) -> bool:
        """Ask what to do with a job that cannot be kept where it is; returns whether something was done."""
        box = QMessageBox(self.window)
        box.setIcon(QMessageBox.Icon.Warning)
        box.setWindowTitle("The job could not be saved")
        box.setTextFormat(Qt.TextFormat.PlainText)
        box.setText(visible(because))
        elsewhere = box.addButton("Save &elsewhere…", QMessageBox.ButtonRole.AcceptRole)
        again = discard = None
        if closing:
            again = box.addButton("Try &again", QMessageBox.ButtonRole.ActionRole)
            discard = box.addButton("&Discard what is not saved", QMessageBox.ButtonRole.DestructiveRole)
        later = box.addButton("&Later" if not closing else "&Keep it open", QMessageBox.ButtonRole.RejectRole)
        box.setDefaultButton(elsewhere)
        box.setEscapeButton(later)
        box.exec()
        chosen = box.clickedButton()
        if chosen is elsewhere:
            return self.elsewhere(session)
        if discard is not None and chosen is discard:
            session.given_up = True
            return True
        return again is not None and chosen is again

    def elsewhere(self, session: Session) -> bool:
        """Ask for a place, and go on there with everything."""
        start = session.path.with_name(f"{session.path.stem} (saved){SUFFIX}")
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Save the job elsewhere", str(start), f"Firm Cell job (*{SUFFIX})"
        )
        return bool(name) and self.go_on_in(session, Path(name if name.endswith(SUFFIX) else name + SUFFIX))

    def go_on_in(self, session: Session, path: Path) -> bool:
        """Write everything to `path` and go on there."""

        def go() -> None:
            session.job.copy_to(path)
            session.go_on_in(JobFile.open(path))

        done = guarded(go, self.window.tell)
        if done:
            self.window.opening.remember(session.path)
            self.window._show_title()
            self.window.tell(f"Everything is saved in {session.path}; work goes on there.", keep=True)
        return done
