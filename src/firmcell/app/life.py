"""What happens to the program from outside and by surprise: signals that end it, and faults nobody thought
of."""

import faulthandler
import logging
import os
import signal
import socket
import sys
import threading
import traceback
from contextlib import suppress
from logging.handlers import RotatingFileHandler
from pathlib import Path
from types import TracebackType
from typing import TYPE_CHECKING, TextIO

from platformdirs import user_state_path
from PySide6.QtCore import QObject, QSocketNotifier, Qt, QTimer
from PySide6.QtWidgets import QApplication, QMessageBox

from firmcell import __version__
from firmcell.core.base.visible import visible

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

LOG = logging.getLogger("firmcell")
LOG_BYTES, LOG_FILES = 500_000, 3
_CRASH: list[TextIO] = []
ENDING = (signal.SIGTERM, signal.SIGHUP, signal.SIGINT)
"""By each of these the program saves and ends."""


def state_folder() -> Path:
    """Return the user's folder for what the program notes of itself."""
    return user_state_path("firm-cell")


def begin_log() -> Path | None:
    """Write a log with rotation from now on; returns where, or None where it cannot be written."""
    LOG.setLevel(logging.INFO)
    # Never at the end of the output of a command.
    LOG.propagate = False
    try:
        folder = state_folder()
        folder.mkdir(parents=True, exist_ok=True)
        path = folder / "log.txt"
        handler = RotatingFileHandler(
            path, maxBytes=LOG_BYTES, backupCount=LOG_FILES, encoding="utf-8", delay=False
        )
        # Where the program itself breaks down, the last lines are here.
        # Added to: who starts again after it must still find them.
        _CRASH.append((folder / "crash.txt").open("a", encoding="utf-8"))
        faulthandler.enable(_CRASH[-1])
    except (OSError, RuntimeError):
        LOG.addHandler(logging.NullHandler())
        return None
    handler.setFormatter(logging.Formatter("%(asctime)s %(levelname)s %(message)s"))
    LOG.addHandler(handler)
    LOG.info("Firm Cell %s begins, process %d", __version__, os.getpid())
    return path


def end_log() -> None:
    """Close the log."""
    for handler in list(LOG.handlers):
        LOG.removeHandler(handler)
        handler.close()
    if _CRASH:
        faulthandler.disable()
    while _CRASH:
        _CRASH.pop().close()


class Life(QObject):
    """Ends the program in order when it is told to, and says what is saved when something unexpected
    happens."""

    def __init__(self, application: QApplication, window: "MainWindow", log: Path | None) -> None:
        super().__init__(application)
        self.window, self.log = window, log
        self._showing = False
        self._hear, self._say = socket.socketpair()
        for end in (self._hear, self._say):
            end.setblocking(False)
        self._notifier = QSocketNotifier(self._hear.fileno(), QSocketNotifier.Type.Read, self)
        self._notifier.activated.connect(self._heard)
        self._before: dict[int, object] = {}
        self._hooks = sys.excepthook, threading.excepthook

    def begin(self) -> None:
        """Listen to signals and to what nobody caught."""
        signal.set_wakeup_fd(self._say.fileno(), warn_on_full_buffer=False)
        for number in ENDING:
            # What is done is done on the interface thread, woken by the socket.
            self._before[number] = signal.signal(number, lambda *_: None)
        sys.excepthook = self.unexpected
        threading.excepthook = lambda told: self._note(told.exc_type, told.exc_value, told.exc_traceback)

    def end(self) -> None:
        """Leave signals and faults as they were."""
        if self._before:
            signal.set_wakeup_fd(-1)
        for number, before in self._before.items():
            signal.signal(number, before)  # type: ignore[arg-type]
        self._before.clear()
        sys.excepthook, threading.excepthook = self._hooks
        self._notifier.setEnabled(False)
        for end in (self._hear, self._say):
            end.close()
        end_log()

    def _heard(self) -> None:
        numbers = b""
        with suppress(OSError):
            numbers = self._hear.recv(64)
        ending = [n for n in numbers if n in ENDING]
        if ending:
            self.end_by(ending[0])

    def end_by(self, number: int) -> None:
        """Save at once and end, without a question: nobody may be there to answer."""
        session = self.window.session
        saved = session is None or session.save()
        LOG.info("ended by %s, saved: %s", signal.Signals(number).name, saved)
        if session is not None:
            session.given_up = True
        self.window.close()
        QApplication.exit(128 + number)

    def _note(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        LOG.error("unexpected:\n%s", "".join(traceback.format_exception(kind, error, trace)))
        sys.__excepthook__(kind or Exception, error or Exception(), trace)

    def unexpected(
        self, kind: type[BaseException], error: BaseException, trace: TracebackType | None
    ) -> None:
        """Note what happened, save, and say so once the program listens again."""
        self._note(kind, error, trace)
        if issubclass(kind, KeyboardInterrupt):
            self.end_by(signal.SIGINT)
        elif not self._showing:
            self._showing = True
            QTimer.singleShot(0, self._show)

    def words(self) -> str:
        """What is said when something unexpected happened: what is saved, and where the log is."""
        session = self.window.session
        kept = "No job was open."
        if session is not None:
            saved = session.save()
            kept = (
                f"Everything is saved in {session.path}."
                if saved
                else f"Every record is saved in {session.path}; the last changes of the design are NOT: "
                "use Job, Save a copy as, before you close."
            )
        log = f" What happened is noted in {self.log}." if self.log else ""
        return visible(
            f"Something unexpected happened, by a fault of the program. {kept}{log} You can go on, or close the program and open the job again."
        )

    def _show(self) -> None:
        try:
            box = QMessageBox(self.window)
            box.setIcon(QMessageBox.Icon.Warning)
            box.setWindowTitle("Something unexpected happened")
            box.setTextFormat(Qt.TextFormat.PlainText)
            box.setText(self.words())
            box.exec()
        finally:
            self._showing = False


def begin_life(application: QApplication, window: "MainWindow") -> Life:
    """Begin the log, and listen to signals and faults from now on."""
    life = Life(application, window, begin_log())
    life.begin()
    return life
