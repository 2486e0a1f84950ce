"""The clock of an iron in bench mode: on the joint, off it, and how long to hold still."""

from time import monotonic
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from firmcell.app.tones import tick
from firmcell.core.bench.record_faults import longest_on_joint
from firmcell.core.bench.walk import Ask

if TYPE_CHECKING:
    from firmcell.app.bench_screen import BenchScreen

EVERY_MS = 1000


class IronClock(QObject):
    """One key when the tip touches, the same when it lifts: the time stands in the field, each second is
    heard."""

    def __init__(self, screen: "BenchScreen") -> None:
        super().__init__(screen)
        self.screen = screen
        self.began: float | None = None
        self.lifted: float | None = None
        self._timer = QTimer(self)
        self._timer.setInterval(EVERY_MS)
        self._timer.timeout.connect(self.tell)

    def times(self, ask: Ask | None) -> bool:
        """Whether what is asked is how long the iron was on the joint."""
        return ask is not None and (ask.record, ask.field) == ("solder-joint", "seconds")

    def stop(self) -> None:
        """Forget the joint: something else is asked."""
        self._timer.stop()
        self.began = self.lifted = None

    def press(self) -> None:
        """The tip touches, or lifts."""
        now = monotonic()
        if self.began is None or self.lifted is not None:
            self.began, self.lifted = now, None
            self.screen.field.clear()
        else:
            self.lifted = now
            self.screen.field.setText(f"{max(now - self.began, 0.1):.1f}")
        self._timer.start()
        self.tell()

    def tell(self) -> None:
        """Say how long the iron has been on, or off; sound each second, and wrong past the longest time."""
        step = self.screen.step
        if self.began is None or step is None:
            return
        if self.lifted is not None:
            off = monotonic() - self.lifted
            self.screen.say(
                f"Off for {off:.0f} s. Hold still until the shine goes dull; Enter takes the time."
            )
            return
        on, longest = monotonic() - self.began, longest_on_joint(step)
        if on > longest:
            self.screen.say(
                f"{on:.0f} s: lift the iron. More than {longest:.0f} s heats what lies behind.", right=False
            )
            return
        self.screen.say(f"{on:.0f} s on the joint, {longest:.0f} s at most. Tab when the tip lifts.")
        if on >= 1:
            tick()
