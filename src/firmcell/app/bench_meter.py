"""The meter and the button box in bench mode: a reading that stands still is taken by itself."""

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from firmcell.app.background import Task
from firmcell.app.instrument_reads import instrument_of, read_field
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.steady_reading import SteadyTaker
from firmcell.core.bench.two_places import cell_band
from firmcell.core.bench.walk import Ask, AskKind, right_band
from firmcell.instruments.kinds import Kind
from firmcell.instruments.link import SIMULATED

if TYPE_CHECKING:
    from firmcell.app.bench_screen import BenchScreen
    from firmcell.instruments.button_box import ButtonBox

EVERY_MS = 400
BOX_EVERY_MS = 60


class BenchMeter(QObject):
    """Reads the meter off the interface thread while a voltage is asked, and the button box all the time."""

    def __init__(self, screen: "BenchScreen") -> None:
        super().__init__(screen)
        self.screen = screen
        settings = screen.window_.settings
        self.name = ""
        self.taker = SteadyTaker()
        self._asked: Ask | None = None
        self._task: Task | None = None
        self._timer = QTimer(self)
        self._timer.setInterval(EVERY_MS)
        self._timer.timeout.connect(self._poll)
        self.box: ButtonBox | None = None
        self._box_timer = QTimer(self)
        self._box_timer.setInterval(BOX_EVERY_MS)
        self._box_timer.timeout.connect(self._ask_box)
        box = str(settings.value("button box", ""))
        if box:
            self.connect_box(box)

    def connect_box(self, address: str) -> None:
        """Listen to a button box."""
        from firmcell.instruments.button_box import ButtonBox

        try:
            self.box = ButtonBox(address)
        except Refusal as refusal:
            self.screen.window_.tell(refusal.sentence)
            return
        self._box_timer.start()

    def close(self) -> None:
        """Stop listening."""
        self._timer.stop()
        self._box_timer.stop()
        if self.box is not None:
            self.box.close()
            self.box = None

    def listen(self, ask: Ask | None) -> None:
        """Follow a real meter while a voltage is asked; the simulated one reads when it is told to."""
        self._asked = ask
        self.name = ""
        listed = instrument_of(ask.record, ask.field) if self.reads(ask) and ask else None
        if listed is not None and listed.kind is Kind.METER and listed.address != SIMULATED:
            self._timer.start()
        else:
            self._timer.stop()

    def reads(self, ask: Ask | None) -> bool:
        """Whether an instrument reads what is asked."""
        return (
            ask is not None
            and ask.kind is AskKind.NUMBER
            and instrument_of(ask.record, ask.field) is not None
        )

    def read_once(self) -> None:
        """Take one reading now."""
        self._read(self.screen.take_reading)

    def _poll(self) -> None:
        self._read(self._fed)

    def _read(self, then: Callable[[float], None]) -> None:
        ask, session = self._asked, self.screen.session
        if self._task is not None or ask is None:
            return
        step = self.screen.step
        band = right_band(ask, step, cell_band(session.design, session.state)) if step is not None else None
        held = sum(band) / 2 if band else session.design.cell_now_v

        def done(value: float, name: str) -> None:
            self._task = None
            self.name = name
            then(value)

        def failed(sentence: str) -> None:
            self._task = None
            self._timer.stop()
            self.screen.say(sentence, right=False)

        self._task = read_field(ask.record, ask.field, held, done, failed)

    def _fed(self, value: float) -> None:
        found = self.taker.feed(value)
        if found is not None and self._asked is not None:
            self.screen.take_reading(found)

    def _ask_box(self) -> None:
        if self.box is None:
            return
        try:
            pressed = self.box.pressed()
        except Refusal as refusal:
            self._box_timer.stop()
            self.screen.say(refusal.sentence, right=False)
            return
        for button in pressed:
            self.screen.press(button)
