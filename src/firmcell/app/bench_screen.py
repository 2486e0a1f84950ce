"""Bench mode: one step fills the screen, one thing is asked at a time, and three keys do it all."""

from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QEvent, QObject, Qt, QTimer, Signal
from PySide6.QtGui import QFont, QKeyEvent, QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QLineEdit, QSizePolicy, QVBoxLayout, QWidget

from firmcell.app.bench_kept import on_bench
from firmcell.app.bench_meter import BenchMeter
from firmcell.app.bench_picture import BenchPicture
from firmcell.app.bench_walk import BenchWalk
from firmcell.app.instrument_reads import read_by_meter
from firmcell.app.iron_clock import IronClock
from firmcell.app.language.edge import told
from firmcell.app.plain import PlainLabel
from firmcell.app.theme import FAMILY
from firmcell.app.tones import sound
from firmcell.core.base.wording import about
from firmcell.core.bench.live_map import live_map
from firmcell.core.bench.walk import Ask, AskKind
from firmcell.core.records.step import Step
from firmcell.store.units import show_number, shown_unit

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

SMALLEST, SMALL, LARGE, HUGE = 1 / 40, 1 / 34, 1 / 22, 1 / 15
"""Height of letters over that of the screen."""
KEYS = {
    Qt.Key.Key_Space: "A",
    Qt.Key.Key_Return: "A",
    Qt.Key.Key_Enter: "A",
    Qt.Key.Key_PageDown: "A",
    Qt.Key.Key_Right: "A",
    Qt.Key.Key_Backspace: "B",
    Qt.Key.Key_PageUp: "B",
    Qt.Key.Key_Left: "B",
    Qt.Key.Key_Tab: "C",
    Qt.Key.Key_Backtab: "C",
    Qt.Key.Key_Asterisk: "C",
    Qt.Key.Key_F8: "C",
}
TYPING = frozenset((AskKind.NUMBER, AskKind.WORDS))
LEGEND = {
    AskKind.LOOK: "Space: it is right   ·   Backspace: not right   ·   Tab: turn the picture",
    AskKind.YES_NO: "Space: yes   ·   Backspace: no   ·   Tab: turn the picture",
    AskKind.NUMBER: "Digits, then Enter   ·   Backspace: back   ·   Tab: turn the picture",
    AskKind.WORDS: "Type, then Enter   ·   Backspace: back",
    AskKind.PASS: "Space: passed   ·   Backspace: not right   ·   Tab: turn the picture",
    AskKind.ELSEWHERE: "Space: go there",
}
TICK_MS = 1000
SAID_MS = 4000


class BenchScreen(QWidget):
    """The step at hand over the whole window."""

    left = Signal()

    def __init__(self, window: "MainWindow") -> None:
        super().__init__()
        assert window.session is not None
        self.window_, self.session = window, window.session
        self.setAccessibleName("Bench mode")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.walk = BenchWalk(self, self.session)
        self.meter = BenchMeter(self)
        self.iron = IronClock(self)
        self._make_widgets()
        self._clock = QTimer(self)
        self._clock.setInterval(TICK_MS)
        self._clock.timeout.connect(self._tick)
        self._clock.start()

    def _make_widgets(self) -> None:
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        self.view = BenchPicture(self.session, self.window_.look)
        self.view.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        row.addWidget(self.view, 12)
        side = QWidget()
        column = QVBoxLayout(side)
        row.addWidget(side, 10)
        self.place, self.title, self.words, self.caution, self.live = (PlainLabel() for _ in range(5))
        self.ask, self.said, self.legend = (PlainLabel() for _ in range(3))
        self.caution.setObjectName("caution")
        self.live.setObjectName("quiet")
        self.legend.setObjectName("quiet")
        self.field, self.unit = QLineEdit(), PlainLabel()
        self.field.installEventFilter(self)
        for label in (self.place, self.title, self.words, self.caution, self.live):
            label.setWordWrap(True)
            column.addWidget(label)
        column.addStretch(1)
        self.ask.setWordWrap(True)
        column.addWidget(self.ask)
        entry = QHBoxLayout()
        self.field.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.field.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        entry.addWidget(self.field, 1)
        entry.addWidget(self.unit)
        column.addLayout(entry)
        self.said.setWordWrap(True)
        self.said.setAccessibleName("Answer of the program")
        column.addWidget(self.said)
        column.addStretch(1)
        self.legend.setWordWrap(True)
        column.addWidget(self.legend)
        self.parts = (
            (self.place, SMALLEST),
            (self.title, LARGE),
            (self.words, SMALL),
            (self.caution, SMALL),
            (self.live, SMALLEST),
            (self.ask, HUGE),
            (self.said, SMALL),
            (self.legend, SMALLEST),
        )

    # -- what is shown ----------------------------------------------------------------------------------

    @property
    def step(self) -> Step | None:
        """The step at hand, the one that the page shows."""
        return self.window_._bench().step

    @property
    def asked(self) -> Ask | None:
        """What is asked now."""
        return self.walk.asked

    def begin(self) -> None:
        """Show the step at hand from its first question."""
        step = self.step
        self.walk.begin(step)
        if step is not None and step.face is not None:
            self.view.face = step.face
        self._show()

    def _show(self) -> None:
        s, step = self.session, self.step
        if step is None:
            self.title.setText("Every step is passed. The passport is ready.")
            for label in (self.place, self.words, self.caution, self.live, self.ask):
                label.setText("")
        else:
            codes = [x.code for x in s.steps]
            hold = " · hold point" if step.hold else ""
            left, _ = s.times.left()
            self.place.setText(
                f"Step {codes.index(step.code) + 1} of {len(codes)} · {step.phase}{hold} · about {about(left)} of work left"
            )
            self.title.setText(step.title)
            self.words.setText(step.words if len(told(step.words)) < MOST_WORDS else "")
            live = live_map(on_bench(s), s.state, step.code)
            over = (live.over_words,) if live.over_touch_limit else ()
            cautions = tuple(c for c in step.cautions if "touch limit" not in c)
            doubts = s.meter_doubts[:1] if read_by_meter(step) else ()
            cautions = (*(*over, *cautions)[:MOST_CAUTIONS], *doubts)
            self.caution.setText("\n".join(cautions))
            self.caution.setVisible(bool(cautions))
            self.live.setText(live.short_words)
        self.show_ask()
        self.view.paint(step)

    def show_ask(self) -> None:
        """Show what is asked now."""
        ask = self.asked
        typing = ask is not None and ask.kind in TYPING and not self.walk.doubt
        self.field.setVisible(typing)
        self.unit.setVisible(typing)
        self.field.clear()
        if ask is None:
            self.ask.setText("")
            self.legend.setText("Esc: leave bench mode")
            return
        looks = [a for a in self.walk.asks if a.kind is AskKind.LOOK]
        count = f"{looks.index(ask) + 1} of {len(looks)}: " if ask in looks and len(looks) > 1 else ""
        mark = "?" if ask.kind is AskKind.YES_NO else ""
        self.ask.setText(f"Not right: {self.walk.doubt}?" if self.walk.doubt else f"{count}{ask.title}{mark}")
        unit = shown_unit(ask.si, self.window_.system) if ask.si not in ("", "count") else ""
        self.unit.setText("MΩ" if ask.si == "Ω" and ask.record == "insulation-reading" else unit)
        if typing:
            self.field.setPlaceholderText("" if ask.given is None else self._as_typed(ask.given))
            self.field.setAccessibleName(f"{ask.title} {self.unit.text()}".strip())
            self.field.setFocus(Qt.FocusReason.OtherFocusReason)
        else:
            self.setFocus(Qt.FocusReason.OtherFocusReason)
        keys = (
            "Space: record it as not right   ·   Backspace: it was a slip"
            if self.walk.doubt
            else LEGEND[ask.kind]
        )
        if self.meter.reads(ask) and not self.walk.doubt:
            keys = keys.replace("turn the picture", "read the instrument")
        elif self.iron.times(ask):
            keys = keys.replace("turn the picture", "the tip touches, or lifts")
        self.legend.setText(f"{keys}   ·   Esc:\u00a0leave")
        told = ask.si == "V" or ask.kind is AskKind.PASS
        if ask.why and not self.walk.doubt:
            self.say(ask.why)
        elif self.iron.times(ask) and not self.walk.doubt:
            self.say(self.iron.expected())
        elif self.step is not None and self.step.expected and told and not self.walk.doubt:
            self.say(f"Expect: {self.step.expected}")
        else:
            self.say("")
        self.iron.stop()
        self.meter.listen(ask if not self.walk.doubt else None)
        self._tick()

    def _as_typed(self, value: Any) -> str:
        return f"{value:g}" if isinstance(value, (int, float)) else str(value)

    def say(self, words: str, right: bool | None = None) -> None:
        """Answer under the question; with a sound where something was right or wrong."""
        self.said.setText(words)
        self.said.setObjectName("fault" if right is False else "said")
        self.said.style().polish(self.said)
        # A new dress brings the letters of the dress with it.
        self.said.setFont(_letters(max(self.height(), 1) * SMALL, right is False))
        if right is not None:
            sound(right)

    def _tick(self) -> None:
        """A step that lasts by the clock tells how long."""
        ask, step = self.asked, self.step
        if ask is None or step is None or ask.kind is not AskKind.PASS or self.walk.doubt:
            return
        obstacle = self.session.obstacle(step)
        if obstacle:
            self.said.setText(obstacle)

    def resizeEvent(self, event: QResizeEvent) -> None:
        high = max(self.height(), 1)
        for label, share in self.parts:
            label.setFont(_letters(high * share, share >= LARGE))
        for part in (self.field, self.unit):
            part.setFont(_letters(high * HUGE, True))
        self.view.overlay.least_text = round(high * SMALLEST)
        super().resizeEvent(event)

    # -- keys -------------------------------------------------------------------------------------------

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if watched is self.field and isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            return self._key(event)
        return super().eventFilter(watched, event)

    def event(self, event: QEvent) -> bool:
        # Tab would move the focus before a key press is seen.
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress and self._key(event):
            return True
        return super().event(event)

    def _key(self, event: QKeyEvent) -> bool:
        key = Qt.Key(event.key())
        if key in (Qt.Key.Key_Escape, Qt.Key.Key_F11):
            self.left.emit()
            return True
        button = KEYS.get(key)
        if button is None or event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            return False
        typing = self.field.isVisible() and self.field.hasFocus()
        words = typing and self.asked is not None and self.asked.kind is AskKind.WORDS
        if words and key in (Qt.Key.Key_Space, Qt.Key.Key_Asterisk):
            return False
        if typing and (key in (Qt.Key.Key_Left, Qt.Key.Key_Right) or (button == "B" and self.field.text())):
            return False
        self.press(button)
        return True

    def press(self, button: str) -> None:
        """One of the three: A yes, B no, C turn, read or time."""
        ask = self.asked
        if ask is None:
            return
        if button == "C":
            self._turn_or_read(ask)
        else:
            self.walk.press(ask, button == "A")

    def _turn_or_read(self, ask: Ask) -> None:
        if self.meter.reads(ask):
            self.meter.read_once()
            return
        if self.iron.times(ask) and not self.walk.doubt:
            self.iron.press()
            return
        self.view.turn()
        self.view.paint(self.step)

    def let_go(self) -> None:
        """Stop the clock, the meter and the button box."""
        self._clock.stop()
        self.meter.close()

    def take_reading(self, value: float) -> None:
        """A reading of an instrument is entered as if typed."""
        ask = self.asked
        if ask is None or not self.meter.reads(ask) or self.walk.doubt:
            return
        self.field.setText(show_number(value, ask.si, self.window_.system, self.unit.text()))
        # A reading out of its band is never recorded without a hand.
        self.walk.sure = False
        self.press("A")


MOST_WORDS = 260
"""Longer words of a step stay on the page: from two metres nobody reads them."""
MOST_CAUTIONS = 2


def _letters(pixels: float, bold: bool) -> QFont:
    font = QFont(FAMILY)
    font.setPixelSize(max(round(pixels), 11))
    font.setWeight(QFont.Weight.DemiBold if bold else QFont.Weight.Normal)
    return font
