"""The meter and the button box in bench mode: a reading that stands still is taken by itself."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from firmcell.app.background import Task
from firmcell.app.session import SIMULATED
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.steady_reading import SteadyTaker
from firmcell.core.bench.walk import Ask, AskKind

if TYPE_CHECKING:
    from firmcell.app.bench_screen import BenchScreen
    from firmcell.instruments.button_box import ButtonBox

EVERY_MS = 400
BOX_EVERY_MS = 60


class ClippedTo:
    """What the simulated meter is held on: it reads what a right pack would."""

    def __init__(self, value: float) -> None:
        self.value = value

    def read(self, black: int, red: int) -> float:
        """The voltage there."""
        return self.value


class BenchMeter(QObject):
    """Reads the meter off the interface thread while a voltage is asked, and the button box all the time."""

    def __init__(self, screen: "BenchScreen") -> None:
        super().__init__(screen)
        self.screen = screen
        settings = screen.window_.settings
        self.address = str(settings.value("meter", SIMULATED))
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
        wanted = ask is not None and ask.kind is AskKind.NUMBER and ask.si == "V"
        if wanted and self.address != SIMULATED:
            self._timer.start()
        else:
            self._timer.stop()

    def read_once(self) -> None:
        """Take one reading now."""
        self._read(self._taken)

    def _poll(self) -> None:
        self._read(self._fed)

    def _read(self, then: object) -> None:
        if self._task is not None:
            return
        address, step = self.address, self.screen.step
        band = step.reads_v if step is not None else None
        session = self.screen.session
        held = sum(band) / 2 if band else session.design.cell_now_v if session else 0.0

        def read() -> tuple[str, float]:
            from firmcell.instruments.meter_link import MeterLink

            with MeterLink(address, ClippedTo(held)) as meter:  # type: ignore[arg-type]
                return meter.name, meter.volts()

        def done(result: tuple[str, float]) -> None:
            self._task = None
            self.name = result[0][:80]
            then(result[1])  # type: ignore[operator]

        def failed(sentence: str) -> None:
            self._task = None
            self._timer.stop()
            self.screen.say(sentence, right=False)

        self._task = Task(read, done, failed).start()

    def _taken(self, value: float) -> None:
        self.screen.take_reading(value)

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
