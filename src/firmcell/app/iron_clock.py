"""The clock of an iron in bench mode: on the joint, off it, and how long to hold still."""

from time import monotonic
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from firmcell.app.tones import tick
from firmcell.core.bench.record_faults import longest_on_joint
from firmcell.core.bench.walk import Ask
from firmcell.core.leads.soldering import heated_after, joint_work

if TYPE_CHECKING:
    from firmcell.app.bench_screen import BenchScreen

EVERY_MS = 1000
OWN_CUP = "connector-"
"""Steps at the cup of the connector of the design; other kinds solder other contacts, of which nothing is told."""
SLOW = 2.0
"""An iron that takes so many times longer than it should cooks what lies behind; engineering judgement."""


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

    def expected(self) -> str:
        """How long the iron takes, where the joint is a wire in the cup of a connector; else nothing is
        known of it."""
        step, leads = self.screen.step, self.screen.session.design.leads
        watts = self.screen.walk.answers.get("iron_w")
        if step is None or not step.code.startswith(OWN_CUP) or not watts or leads.connector is None:
            return ""
        work = joint_work(leads.wire, leads.connector, leads.length_m)
        after = heated_after(work, leads.wire, watts)
        if after > SLOW * work.seconds:
            return f"With {watts:.0f} W it is hot after about {after:.0f} s: too slow. {work.iron_class_w} W is right."
        return f"With {watts:.0f} W it is hot after about {after:.0f} s."

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
        told = f"{on:.0f} s on the joint, {longest:.0f} s at most. Tab when the tip lifts. {self.expected()}"
        self.screen.say(told.strip())
        if on >= 1:
            tick()
