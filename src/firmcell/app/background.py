"""Work off the interface thread: it can be abandoned, and its result or refusal comes back by signal."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QRunnable, QThreadPool, Signal

from firmcell.core.refusal import Refusal


class _Signals(QObject):
    done = Signal(object)
    refused = Signal(str)


class Task(QRunnable):
    """One piece of work in the thread pool. `abandon` makes its result be thrown away."""

    def __init__(
        self, work: Callable[[], Any], done: Callable[[Any], None], refused: Callable[[str], None]
    ) -> None:
        super().__init__()
        self.abandoned: bool = False
        self._work = work
        self._signals = _Signals()
        self._signals.done.connect(lambda result: None if self.abandoned else done(result))
        self._signals.refused.connect(lambda sentence: None if self.abandoned else refused(sentence))
        self.setAutoDelete(False)

    def abandon(self) -> None:
        """The result is not wanted any more."""
        self.abandoned = True

    def start(self) -> "Task":
        """Begin."""
        QThreadPool.globalInstance().start(self)
        return self

    def run(self) -> None:
        try:
            result = self._work()
        except Refusal as refusal:
            self._signals.refused.emit(refusal.sentence)
        except OSError as error:
            self._signals.refused.emit(
                f"{error.filename or 'The file'} could not be written: {error.strerror}."
            )
        else:
            self._signals.done.emit(result)
