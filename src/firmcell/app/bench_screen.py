"""Bench mode: one step fills the screen, one thing is asked at a time, and three keys do it all, readable from two metres."""

from dataclasses import replace
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QEvent, QObject, Qt, QTimer, Signal
from PySide6.QtGui import QFont, QKeyEvent, QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QLineEdit, QSizePolicy, QVBoxLayout, QWidget

from firmcell.app.bench_meter import BenchMeter
from firmcell.app.canvas.view import PackView
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.theme import FAMILY
from firmcell.app.tones import sound
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import about, volts
from firmcell.core.bench.live_map import live_map
from firmcell.core.bench.two_places import cell_band
from firmcell.core.bench.walk import Ask, AskKind, asks_of, right_band
from firmcell.core.model.design import Face
from firmcell.core.model.joint_kinds import KINDS
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.hand_order import numbered_places, without_wires
from firmcell.core.pictures.live_paint import live_paint, with_live
from firmcell.core.pictures.stage_marks import stage_paint
from firmcell.core.records.events import RECORD_KINDS, Checked, NotRight, TapReading
from firmcell.core.records.step import Step
from firmcell.store.units import parse, shown_unit

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
    AskKind.NUMBER: "Digits, then Enter   ·   Backspace: back   ·   Tab: read the meter",
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
        self.window_, self.session = window, window.session
        assert self.session is not None
        self.setAccessibleName("Bench mode")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.asks: tuple[Ask, ...] = ()
        self.at, self.answers, self.right = 0, {}, []  # type: int, dict[str, Any], list[str]
        self.doubt, self.sure = "", False
        self.face = Face.TOP
        self._cut: tuple[Drawing, Drawing] | None = None
        self.meter = BenchMeter(self)
        self._make_widgets()
        self._clock = QTimer(self)
        self._clock.setInterval(TICK_MS)
        self._clock.timeout.connect(self._tick)
        self._clock.start()

    def _make_widgets(self) -> None:
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        self.view = PackView(self.window_.look)
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
        return self.asks[self.at] if self.at < len(self.asks) else None

    def begin(self) -> None:
        """Show the step at hand from its first question."""
        s, step = self.session, self.step
        assert s is not None
        self.answers, self.right, self.at, self.doubt, self.sure = {}, [], 0, "", False
        if step is None:
            self.asks = ()
        else:
            wanted = s.still_wanted(step)
            card = self.window_._bench().step_card
            self.given = card.given(wanted[0], step) if wanted else {}
            read = {f"tap:{n}" for n in s.state.tap_volts}
            self.asks = asks_of(step, wanted, self.given, read)
            if step.face is not None:
                self.face = step.face
        self._show()

    def _show(self) -> None:
        s, step = self.session, self.step
        assert s is not None
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
            self.words.setText(step.words if len(step.words) < MOST_WORDS else "")
            live = live_map(s.on_bench, s.state, step.code)
            over = (live.over_words,) if live.over_touch_limit else ()
            cautions = tuple(c for c in step.cautions if "touch limit" not in c)
            self.caution.setText("\n".join((*over, *cautions)[:MOST_CAUTIONS]))
            self.caution.setVisible(bool(over or cautions))
            self.live.setText(live.short_words)
        self._show_ask()
        self.paint()

    def _show_ask(self) -> None:
        ask = self.asked
        typing = ask is not None and ask.kind in TYPING and not self.doubt
        self.field.setVisible(typing)
        self.unit.setVisible(typing)
        self.field.clear()
        if ask is None:
            self.ask.setText("")
            self.legend.setText("Esc: leave bench mode")
            return
        looks = [a for a in self.asks if a.kind is AskKind.LOOK]
        count = f"{looks.index(ask) + 1} of {len(looks)}: " if ask in looks and len(looks) > 1 else ""
        mark = "?" if ask.kind is AskKind.YES_NO else ""
        self.ask.setText(f"Not right: {self.doubt}?" if self.doubt else f"{count}{ask.title}{mark}")
        unit = shown_unit(ask.si, self.window_.system) if ask.si not in ("", "count") else ""
        self.unit.setText("MΩ" if ask.si == "Ω" and ask.record == "insulation-reading" else unit)
        if typing:
            self.field.setPlaceholderText("" if ask.given is None else self._as_typed(ask.given))
            self.field.setAccessibleName(f"{ask.title} {self.unit.text()}".strip())
            self.field.setFocus(Qt.FocusReason.OtherFocusReason)
        else:
            self.setFocus(Qt.FocusReason.OtherFocusReason)
        keys = (
            "Space: record it as not right   ·   Backspace: it was a slip" if self.doubt else LEGEND[ask.kind]
        )
        self.legend.setText(f"{keys}   ·   Esc: leave")
        told = ask.si == "V" or ask.kind is AskKind.PASS
        if self.step is not None and self.step.expected and told and not self.doubt:
            self.say(f"Expect: {self.step.expected}")
        else:
            self.say("")
        self.meter.listen(ask if not self.doubt else None)
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
        if ask is None or step is None or ask.kind is not AskKind.PASS or self.doubt:
            return
        obstacle = self.session.obstacle(step) if self.session else None
        if obstacle:
            self.said.setText(obstacle)

    def paint(self) -> None:
        """The face as it lies now, what is live on it, and the next places numbered."""
        s, step = self.session, self.step
        assert s is not None
        if s.plan.picture is not None:
            self.view.show_faces([s.picture("job")])
            return
        wired = step is not None and bool(step.wires or step.begins or step.phase not in DRY)
        drawing = s.face(self.face) if wired else self._close(s.face(self.face))
        live = live_map(s.on_bench, s.state, step.code if step else "")
        marks = stage_paint(Stage.BENCH, s.design, s.analysis, s.state, s.steps, step)
        # No line so small that it is not read from two metres.
        paint = replace(with_live(marks, live), caption="")
        self.view.show_faces([drawing], paint)
        axis = s.design.arrangement.turn_axis
        told = live_paint(live, s.analysis.layout, s.design.joining, axis)
        numbers = (
            numbered_places(step, s.analysis.strips, s.analysis.layout, self.face, axis, drawing.targets)
            if step
            else ()
        )
        # Numbers of the next places stand alone: the eye looks for them.
        bands = (
            tuple(b if b.danger else b.unlabelled for b in told.bands[self.face])
            if numbers
            else told.bands[self.face]
        )
        self.view.show_bands([(*bands, *numbers)], told.scale, [told.covered[self.face]])

    def _close(self, drawing: Drawing) -> Drawing:
        """The face cut close; made once."""
        if self._cut is None or self._cut[0] is not drawing:
            self._cut = drawing, without_wires(drawing)
        return self._cut[1]

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
        """One of the three: A yes, B no, C turn or read."""
        ask = self.asked
        if ask is None:
            return
        if button == "C":
            self._turn_or_read(ask)
        elif self.doubt:
            self._doubted(button == "A")
        elif button == "A":
            self._yes(ask)
        else:
            self._no(ask)

    def _turn_or_read(self, ask: Ask) -> None:
        if ask.kind is AskKind.NUMBER and ask.si == "V":
            self.meter.read_once()
            return
        self.face = Face.BOTTOM if self.face is Face.TOP else Face.TOP
        self.paint()

    def _yes(self, ask: Ask) -> None:
        match ask.kind:
            case AskKind.LOOK:
                self.right.append(ask.title)
            case AskKind.YES_NO:
                self.answers[ask.field] = True
            case AskKind.NUMBER | AskKind.WORDS:
                if not self._typed(ask):
                    return
            case AskKind.PASS:
                self._pass()
                return
            case AskKind.ELSEWHERE:
                self.left.emit()
                self.window_.go(Stage.TESTS)
                return
        self._next()

    def _no(self, ask: Ask) -> None:
        match ask.kind:
            case AskKind.YES_NO:
                self.answers[ask.field] = False
                self._next()
            case AskKind.LOOK:
                self.doubt = ask.title
                self._show_ask()
            case AskKind.PASS:
                self.doubt = "this step"
                self._show_ask()
            case AskKind.NUMBER | AskKind.WORDS:
                self.at, self.sure = max(self.at - 1, 0), False
                self._show_ask()

    def _doubted(self, yes: bool) -> None:
        reason, self.doubt = self.doubt, ""
        s, step = self.session, self.step
        assert s is not None
        if not yes or step is None:
            self._show_ask()
            return
        if guarded(lambda: s.record(NotRight(reason=reason), step.code), self._refused):
            self.begin()
            self.say(f"Recorded as not right: {reason}. Do it again.", right=False)

    def _refused(self, sentence: str) -> None:
        self.say(sentence, right=False)

    def _typed(self, ask: Ask) -> bool:
        """Take what is typed; whether it may stand."""
        text = self.field.text().strip()
        try:
            value = self._parsed(ask, text)
        except Refusal as refusal:
            self._refused(refusal.sentence)
            return False
        s, step = self.session, self.step
        band = right_band(ask, step, cell_band(s.design, s.state)) if s and step else None
        if band is not None and not band[0] <= value <= band[1] and not self.sure:
            self.sure = True
            self._refused(
                f"{volts(value)}: {volts(band[0])} to {volts(band[1])} is right. Enter records it as it is."
            )
            return False
        self.sure = False
        if ask.record == "tap-reading":
            return self._tap_read(int(ask.field), value)
        self.answers[ask.field] = value
        return True

    def _tap_read(self, tap: int, value: float) -> bool:
        """Each tap is a record of its own."""
        s, step = self.session, self.step
        assert s is not None
        assert step is not None
        data = TapReading(tap=tap, volts=value)
        if not guarded(lambda: s.record(data, step.code, self.meter.name), self._refused):
            return False
        sound(True)
        return True

    def _parsed(self, ask: Ask, text: str) -> Any:
        if not text:
            if ask.given is None:
                raise Refusal(f"{ask.title} is missing.")
            return ask.given
        if ask.kind is AskKind.WORDS:
            return text
        unit = self.unit.text() or None
        value = parse(text, ask.si if ask.si not in ("", "count") else "1", unit)
        return int(value) if ask.whole else value

    def _next(self) -> None:
        self.at += 1
        if self.at < len(self.asks):
            self._show_ask()
        elif self.asks[-1].record == "tap-reading":
            self.begin()
        else:
            self._record()

    def _record(self) -> None:
        """Everything for one record is answered: it goes to disk."""
        s, step, record = self.session, self.step, self.asks[-1].record
        assert s is not None
        if step is None:
            return

        def write() -> None:
            payload: Any = (
                Checked(right=tuple(self.right), **self.answers)
                if record == "checked"
                else RECORD_KINDS[record].model_validate({**self.given, **self.answers})
            )
            s.record(payload, step.code, self.meter.name)

        if not guarded(write, self._refused):
            self.at = len(self.asks) - 1
            return
        self.begin()
        obstacle = s.obstacle(step) if self.asked and self.asked.kind is AskKind.PASS else None
        if obstacle:
            self.say(obstacle, right=False)
        else:
            sound(True)

    def _pass(self) -> None:
        obstacle = self.session.obstacle(self.step) if self.session and self.step else None
        if obstacle:
            self._refused(obstacle)
            return
        if self.window_._bench().pass_now():
            sound(True)
            self.begin()

    def let_go(self) -> None:
        """Stop the clock, the meter and the button box."""
        self._clock.stop()
        self.meter.close()

    def take_reading(self, value: float) -> None:
        """A steady reading of the meter is entered as if typed."""
        if (
            self.asked is not None
            and self.asked.kind is AskKind.NUMBER
            and self.asked.si == "V"
            and not self.doubt
        ):
            self.field.setText(f"{value:.4g}")
            self.press("A")


DRY = frozenset(("Prepare", *(kind.verb for kind in KINDS.values())))
"""Phases before anything is wired: the face alone is shown, as large as it goes."""
MOST_WORDS = 260
"""Longer words of a step stay on the page: from two metres nobody reads them."""
MOST_CAUTIONS = 2


def _letters(pixels: float, bold: bool) -> QFont:
    font = QFont(FAMILY)
    font.setPixelSize(max(round(pixels), 11))
    font.setWeight(QFont.Weight.DemiBold if bold else QFont.Weight.Normal)
    return font
