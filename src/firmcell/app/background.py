"""Work off the interface thread: it can be abandoned, and its result or refusal comes back by signal."""

import time
from collections.abc import Callable, Iterator
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


TELL_EVERY_S = 0.05


class Search(QObject):
    """A search that gets better and better, off the interface thread: an iterator is read until it ends or is cancelled.

    Signals
    -------
    progressed : the latest step, at most twenty a second.
    finished : the last step read, also after `cancel`; None if there was none.
    refused : a sentence why nothing could be found.
    """

    progressed = Signal(object)
    finished = Signal(object)
    refused = Signal(str)

    def __init__(self, steps: Callable[[], Iterator[Any]], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._cancelled: bool = False
        self._runner = _Runner(lambda: self._read(steps))

    def start(self) -> "Search":
        """Begin."""
        QThreadPool.globalInstance().start(self._runner)
        return self

    def cancel(self) -> None:
        """Stop at the next step and take what there is."""
        self._cancelled = True

    def _read(self, steps: Callable[[], Iterator[Any]]) -> None:
        last, told = None, 0.0
        try:
            for last in steps():
                if self._cancelled:
                    break
                if time.monotonic() - told > TELL_EVERY_S:
                    told = time.monotonic()
                    self.progressed.emit(last)
                    # Python hands the interpreter over only now and then; the window must not wait for it.
                    time.sleep(0.001)
        except Refusal as refusal:
            self.refused.emit(refusal.sentence)
            return
        self.finished.emit(last)


class _Runner(QRunnable):
    def __init__(self, work: Callable[[], None]) -> None:
        super().__init__()
        self.setAutoDelete(False)
        self._work = work

    def run(self) -> None:
        self._work()
