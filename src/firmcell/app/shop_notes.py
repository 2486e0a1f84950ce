"""Takes out of stock what a step used, and keeps what jobs teach in the register, off the interface
thread."""

from collections import deque
from collections.abc import Callable
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from firmcell.app.background import Task
from firmcell.core.bench.step_times import taken
from firmcell.core.records.events import (
    Correction,
    Event,
    JointReading,
    PeelTest,
    StepPassed,
    WatchedRun,
    WeldSample,
)
from firmcell.core.stock.part_words import meters_in_doubt

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow
    from firmcell.app.session import Session
    from firmcell.register.have import Have
    from firmcell.register.shop_work import Noted

ASKS = (StepPassed, WeldSample, PeelTest, JointReading, WatchedRun, Correction)


class ShopNotes(QObject):
    """Writes down for the workshop what is recorded in jobs; one record after another.

    A workshop that has no register yet is not given one by this. A job of the demo writes into the demo
    farm's register only.

    Signals
    -------
    told : a sentence on what was taken from stock, or why nothing could be written.
    written : something may have changed in the register.
    """

    told = Signal(str)
    written = Signal()

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window, self.demo = window, window.demo_folder
        self._waiting: deque[tuple[str, Noted]] = deque()
        self._task: Task | None = None
        self._looking: Task | None = None
        self._look_again = False
        self._made: Path | None = None

    def made(self, path: Path) -> None:
        """A job was just made at a path: what must be bought for it is told once the stock is known."""
        self._made = path
        self.look()

    def note(self, event: Event) -> None:
        """A record was just written in the job that is open."""
        data, session = event.data, self.window.session
        if session is None or not isinstance(data, ASKS):
            return
        place = self.place_for(session.path)
        if not place:
            return
        # Loaded when first wanted: a workshop without a register never does.
        from firmcell.register.shop_work import Noted

        passed = session.events.with_kind(StepPassed)
        corrected = None
        if isinstance(data, Correction):
            corrected = next((e for e in session.events if e.seq == data.seq), None)
        timed = taken(passed[-2:]) if isinstance(data, StepPassed) else []
        again = any(e.step == event.step and e.seq != event.seq for e in passed)
        noted = Noted(
            event,
            session.design,
            session.analysis,
            session.steps,
            again,
            timed[0] if timed else None,
            corrected,
            session.state,
            next(
                (
                    e.data
                    for e in reversed(session.events.with_kind(WeldSample))
                    if isinstance(e.data, WeldSample)
                ),
                None,
            ),
            session.library,
        )
        self._waiting.append((place, noted))
        self._go_on()

    def place_for(self, job: Path) -> str:
        """Where the register is that a job at a path writes to; "" where there is none."""
        from firmcell.register.register import known_register

        if job.resolve().is_relative_to(self.demo.resolve()):
            farm = self.demo / "register.sqlite"
            return str(farm) if farm.exists() else ""
        return known_register()

    def _go_on(self) -> None:
        if self._task is not None or not self._waiting:
            return
        place, noted = self._waiting.popleft()
        self._task = Task(_writer(place, noted, self.demo), self._done, self._done).start()

    def look(self) -> None:
        """Read what parts there are, for the job that is open; one reading after another, so that the newest
        is what stands."""
        session = self.window.session
        place = self.place_for(session.path) if session is not None else ""
        if session is None or not place:
            return
        if self._looking is not None:
            self._look_again = True
            return

        def work() -> "Have":
            from firmcell.register.have import have

            return have(place)

        path = session.path
        self._looking = Task(
            work, lambda have: self._found(have, path), lambda _: self._found(None, path)
        ).start()

    def _found(self, have: "Have | None", path: Path) -> None:
        session, self._looking = self.window.session, None
        if self._look_again:
            self._look_again = False
            self.look()
            return
        if session is None or have is None or session.path != path:
            return
        doubts = meters_in_doubt(have.tools, datetime.now().astimezone())
        if (session.parts_there, session.meter_doubts) != (have.parts, doubts):
            session.parts_there, session.meter_doubts = have.parts, doubts
            self.window._refresh()
        if self._made == path:
            self._made = None
            self._say_what_is_missing(session, have)

    def _say_what_is_missing(self, session: "Session", have: "Have") -> None:
        """What must be bought for a new job, and whether the shop's iron will do."""
        from firmcell.core.jobs.parts_list import parts_list
        from firmcell.core.jobs.shopping import iron_words, to_buy_words

        lines = parts_list(session.design, session.analysis, session.steps)
        told = (
            to_buy_words(lines, have.parts),
            iron_words(session.design, session.steps, have.tools),
        )
        words = " ".join(word for word in told if word)
        if words:
            self.told.emit(words)

    def _done(self, sentence: str) -> None:
        self._task = None
        self.look()
        if sentence:
            self.told.emit(sentence)
        self.written.emit()
        self._go_on()

    @property
    def busy(self) -> bool:
        """Whether something is still being written."""
        return self._task is not None or bool(self._waiting)


def _writer(place: str, noted: "Noted", demo: Path) -> Callable[[], str]:
    def work() -> str:
        from firmcell.register.learned import exchange_lessons
        from firmcell.register.register import Register
        from firmcell.register.shop_work import note

        with Register(place) as register:
            sentence = note(register, noted)
            if register.shared:
                register.sync()
            if not Path(place).is_relative_to(demo):
                exchange_lessons(register)
        return sentence

    return work
