"""Work off the interface thread: it can be abandoned or cancelled, and what it finds comes back on the
interface thread.

Every job is kept alive here until its last word has been delivered: a job that is dropped while its thread
still runs, or while its result waits in the event queue, would take the program down.
"""

import time
from collections.abc import Callable, Iterator
from typing import Any

from PySide6.QtCore import QObject, QRunnable, QThreadPool, Signal, Slot
from shiboken6 import isValid

from firmcell.core.base.refusal import Refusal

TELL_EVERY_S = 0.05
_ALIVE: set["_Job"] = set()
_ENDED: list[tuple[float, "_Job"]] = []
REMEMBERED_S = 2.0
"""An ended job is kept this long: its thread must have let go of it, so that it is destroyed on the interface
thread."""


def _forget_ended() -> None:
    """Let go of jobs that ended a while ago; only ever called on the interface thread."""
    now = time.monotonic()
    while _ENDED and now - _ENDED[0][0] > REMEMBERED_S:
        _, job = _ENDED.pop(0)
        # The pool keeps hold of the runner now and then, long after its end.
        job._runner.forget()
        if isValid(job):
            # What is connected to it often holds it in turn, a ring that no search for garbage sees through:
            # page, job and all would stay for ever.
            job.deleteLater()


def end_all(seconds: float = 5.0) -> bool:
    """Let go of all work and wait until the threads have ended; for the end of the program. Returns whether
    they did."""
    for job in tuple(_ALIVE):
        job.give_up()
    return QThreadPool.globalInstance().waitForDone(int(seconds * 1000))


def _nothing(*_: Any) -> None:
    """What an ended job calls: nothing, so that it holds on to nobody."""


def _no_steps() -> Iterator[Any]:
    """The steps of a search that has ended."""
    return iter(())


class _Runner(QRunnable):
    def __init__(self, work: Callable[[], None]) -> None:
        super().__init__()
        self.setAutoDelete(False)
        self._work = work

    def run(self) -> None:
        self._work()

    def forget(self) -> None:
        """Hold on to nothing; only ever called long after `run` has ended."""
        self._work = _nothing


class _Job(QObject):
    """What both kinds of work share: a thread, and slots that are called on the interface thread."""

    _stepped = Signal(object)
    _ended = Signal(object, str)

    def __init__(self) -> None:
        super().__init__()
        self._runner = _Runner(self._run)
        self._stepped.connect(self._on_step)
        self._ended.connect(self._on_end)

    def _work(self) -> Any:
        raise NotImplementedError

    def _run(self) -> None:
        result, sentence = None, ""
        try:
            result = self._work()
        except Refusal as refusal:
            sentence = refusal.sentence
        except OSError as error:
            sentence = f"{error.filename or 'The file'} could not be written: {error.strerror}."
        finally:
            if isValid(self):
                self._ended.emit(result, sentence)

    def _begin(self) -> None:
        _forget_ended()
        _ALIVE.add(self)
        QThreadPool.globalInstance().start(self._runner)

    @Slot(object)
    def _on_step(self, step: object) -> None:
        self.step_came(step)

    @Slot(object, str)
    def _on_end(self, result: object, sentence: str) -> None:
        _ALIVE.discard(self)
        _ENDED.append((time.monotonic(), self))
        self.end_came(result, sentence)
        self.let_go()

    def give_up(self) -> None:
        """The result is not wanted any more; end as soon as may be."""

    def let_go(self) -> None:
        """Called last: hold on to nothing, so that no ring of references is left for a search for garbage."""

    def step_came(self, step: object) -> None:
        """Called on the interface thread at each step told."""

    def end_came(self, result: object, sentence: str) -> None:
        """Called on the interface thread at the end, with a result or a sentence why there is none."""


class Task(_Job):
    """One piece of work in the thread pool. `give_up` makes its result be thrown away."""

    def __init__(
        self, work: Callable[[], Any], done: Callable[[Any], None], refused: Callable[[str], None]
    ) -> None:
        super().__init__()
        self.abandoned: bool = False
        self._call, self._done, self._refused = work, done, refused

    def give_up(self) -> None:
        """The result is not wanted any more."""
        self.abandoned = True

    def start(self) -> "Task":
        """Begin."""
        self._begin()
        return self

    def _work(self) -> Any:
        return self._call()

    def end_came(self, result: object, sentence: str) -> None:
        if self.abandoned:
            return
        if sentence:
            self._refused(sentence)
        else:
            self._done(result)

    def let_go(self) -> None:
        self._call = self._done = self._refused = _nothing


class Search(_Job):
    """A search that gets better and better: an iterator is read until it ends or is cancelled.

    Signals
    -------
    progressed : the latest step, at most twenty a second.
    finished : the last step read, also after `cancel`; None if there was none.
    refused : a sentence why nothing could be found.
    """

    progressed = Signal(object)
    finished = Signal(object)
    refused = Signal(str)

    def __init__(self, steps: Callable[[], Iterator[Any]], owner: QObject) -> None:
        super().__init__()
        self._owner = owner
        self._steps = steps
        self._cancelled: bool = False
        self._given_up: bool = False

    def start(self) -> "Search":
        """Begin."""
        self._begin()
        return self

    def cancel(self) -> None:
        """Stop at the next step and take what there is."""
        self._cancelled = True

    def give_up(self) -> None:
        """Stop at the next step; nobody is told."""
        self._cancelled = self._given_up = True

    def _work(self) -> Any:
        last, told = None, 0.0
        for last in self._steps():
            if self._cancelled:
                break
            if time.monotonic() - told > TELL_EVERY_S:
                told = time.monotonic()
                self._stepped.emit(last)
                # Python hands the interpreter over only now and then; the window must not wait for it.
                time.sleep(0.001)
        return last

    def step_came(self, step: object) -> None:
        if isValid(self._owner) and not self._given_up:
            self.progressed.emit(step)

    def end_came(self, result: object, sentence: str) -> None:
        if not isValid(self._owner) or self._given_up:
            return
        if sentence:
            self.refused.emit(sentence)
        else:
            self.finished.emit(result)

    def let_go(self) -> None:
        self._steps = _no_steps
