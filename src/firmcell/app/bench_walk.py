"""The answers in bench mode: what was said of a step so far, and what goes on record."""

from typing import TYPE_CHECKING, Any

from firmcell.app.session import Session, guarded
from firmcell.app.tones import sound
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import volts
from firmcell.core.bench.two_places import cell_band
from firmcell.core.bench.walk import POINTS, Ask, AskKind, asks_of, points_of, right_band, tap_asks
from firmcell.core.records.events import (
    RECORD_KINDS,
    Checked,
    NotRight,
    Payload,
    PointReading,
    TapReading,
)
from firmcell.core.records.step import Step
from firmcell.core.tap_check.recorded_readings import tap_verdict
from firmcell.store.units import parse

if TYPE_CHECKING:
    from firmcell.app.bench_screen import BenchScreen

EACH_BY_ITSELF = ("tap-reading", POINTS)


class BenchWalk:
    """One step, question by question.

    Attributes
    ----------
    asks, at : what is asked, and which of it now.
    answers, right, given : by field; looks found right; what was known beforehand.
    doubt : what is about to be recorded as not right; empty for nothing.
    sure : whether the next Enter records a reading out of its band.
    """

    def __init__(self, screen: "BenchScreen", session: Session) -> None:
        self.screen, self.session = screen, session
        self.asks: tuple[Ask, ...] = ()
        self.at = 0
        self.answers: dict[str, Any] = {}
        self.given: dict[str, Any] = {}
        self.right: list[str] = []
        self.doubt, self.sure = "", False

    @property
    def asked(self) -> Ask | None:
        """What is asked now."""
        return self.asks[self.at] if self.at < len(self.asks) else None

    def begin(self, step: Step | None) -> None:
        """Begin a step from its first question."""
        s = self.session
        self.answers, self.right, self.at, self.doubt, self.sure = {}, [], 0, "", False
        if step is None:
            self.asks = ()
            return
        wanted = s.still_wanted(step)
        card = self.screen.window_._bench().step_card
        self.given = card.given(wanted[0], step) if wanted else {}
        if "tap-reading" in step.records and wanted in ((), ("tap-reading",)):
            proof = tap_verdict(s.design, s.state)
            self.asks = tap_asks(step, s.state.tap_volts.keys(), proof, s.design.series)
        else:
            self.asks = asks_of(step, wanted, self.given)

    def press(self, ask: Ask, yes: bool) -> None:
        """Answer what is asked: yes and next, or no and back."""
        if self.doubt:
            self._doubted(yes)
        elif yes:
            self._yes(ask)
        else:
            self._no(ask)

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
                self.screen.left.emit()
                self.screen.window_.go(Stage.TESTS)
                return
        self._next()

    def _no(self, ask: Ask) -> None:
        match ask.kind:
            case AskKind.YES_NO:
                self.answers[ask.field] = False
                self._next()
            case AskKind.LOOK:
                self.doubt = ask.title
                self.screen.show_ask()
            case AskKind.PASS:
                self.doubt = "this step"
                self.screen.show_ask()
            case AskKind.NUMBER | AskKind.WORDS:
                self.at, self.sure = max(self.at - 1, 0), False
                self.screen.show_ask()

    def _doubted(self, yes: bool) -> None:
        reason, self.doubt = self.doubt, ""
        s, step = self.session, self.screen.step
        if not yes or step is None:
            self.screen.show_ask()
            return
        if guarded(lambda: s.record(NotRight(reason=reason), step.code), self._refused):
            self.screen.begin()
            self.screen.say(f"Recorded as not right: {reason}. Do it again.", right=False)

    def _refused(self, sentence: str) -> None:
        self.screen.say(sentence, right=False)

    def _typed(self, ask: Ask) -> bool:
        """Take what is typed; whether it may stand."""
        text = self.screen.field.text().strip()
        try:
            value = self._parsed(ask, text)
        except Refusal as refusal:
            self._refused(refusal.sentence)
            return False
        s, step = self.session, self.screen.step
        band = right_band(ask, step, cell_band(s.design, s.state)) if step else None
        if band is not None and not band[0] <= value <= band[1] and not self.sure:
            self.sure = True
            self._refused(
                f"{volts(value)}: {volts(band[0])} to {volts(band[1])} is right. Enter records it as it is."
            )
            return False
        self.sure = False
        if ask.record in EACH_BY_ITSELF:
            return self._read(ask, value)
        self.answers[ask.field] = value
        return True

    def _read(self, ask: Ask, value: float) -> bool:
        """Each reading of taps is a record of its own."""
        s, step = self.session, self.screen.step
        assert step is not None
        data: Payload
        if ask.record == POINTS:
            black, red = points_of(ask)
            data = PointReading(black=black, red=red, volts=value)
        else:
            data = TapReading(tap=int(ask.field), volts=value)
        if not guarded(lambda: s.record(data, step.code, self.screen.meter.name), self._refused):
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
        unit = self.screen.unit.text() or None
        value = parse(text, ask.si if ask.si not in ("", "count") else "1", unit)
        return int(value) if ask.whole else value

    def _next(self) -> None:
        self.at += 1
        if self.at < len(self.asks):
            self.screen.show_ask()
        elif self.asks[-1].record in EACH_BY_ITSELF:
            self.screen.begin()
        else:
            self._record()

    def _record(self) -> None:
        """Everything for one record is answered: it goes to disk."""
        s, step, record = self.session, self.screen.step, self.asks[-1].record
        if step is None:
            return

        def write() -> None:
            payload: Any = (
                Checked(right=tuple(self.right), **self.answers)
                if record == "checked"
                else RECORD_KINDS[record].model_validate({**self.given, **self.answers})
            )
            s.record(payload, step.code, self.screen.meter.name)

        if not guarded(write, self._refused):
            self.at = len(self.asks) - 1
            return
        self.screen.begin()
        obstacle = s.obstacle(step) if self.asked and self.asked.kind is AskKind.PASS else None
        if obstacle:
            self.screen.say(obstacle, right=False)
        else:
            sound(True)

    def _pass(self) -> None:
        obstacle = self.session.obstacle(step) if (step := self.screen.step) else None
        if obstacle:
            self._refused(obstacle)
            return
        if self.screen.window_._bench().pass_now():
            sound(True)
            self.screen.begin()
