"""The register behind the window: opened off the interface thread, and kept alike with a server."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer, Signal

from firmcell.app.background import Task

if TYPE_CHECKING:
    from firmcell.register.register import Register, Synced

MEET_MS = 30_000
"""Between two meetings with a server, ms; besides, after each thing that is written."""


class RegisterLink(QObject):
    """Opens a register and meets its server.

    Signals
    -------
    opened : the register is there.
    refused : a sentence why it is not, or why the server does not let this bench in.
    met : what came of a meeting.
    """

    opened = Signal()
    refused = Signal(str)
    met = Signal(object)

    def __init__(self, place: str, parent: QObject) -> None:
        super().__init__(parent)
        self.place = place
        self.register: Register | None = None
        self._task: Task | None = None
        self._again = False
        self._timer = QTimer(self)
        self._timer.setInterval(MEET_MS)
        self._timer.timeout.connect(self.meet)

    def open(self) -> None:
        """Open it; what loads a database takes a while the first time."""

        def work() -> "Register":
            from firmcell.register.register import Register

            return Register(self.place)

        self._task = Task(work, self._opened, self.refused.emit).start()

    def _opened(self, register: "Register") -> None:
        self.register, self._task = register, None
        self.opened.emit()
        if register.shared:
            self._timer.start()
            self.meet()

    def meet(self) -> None:
        """Meet the server, off the interface thread; one meeting at a time."""
        register = self.register
        if register is None or not register.shared:
            return
        if self._task is not None:
            self._again = True
            return
        self._task = Task(register.sync, self._came, self._failed).start()

    def _came(self, met: "Synced") -> None:
        self._task = None
        self.met.emit(met)
        self._once_more()

    def _failed(self, sentence: str) -> None:
        self._task = None
        self.refused.emit(sentence)
        self._again = False

    def _once_more(self) -> None:
        """Something was written during the meeting."""
        again, self._again = self._again, False
        if again:
            self.meet()

    def close(self) -> None:
        """Let go of the register."""
        self._timer.stop()
        if self._task is not None:
            self._task.give_up()
        if self.register is not None:
            self.register.close()
            self.register = None
