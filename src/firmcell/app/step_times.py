"""How long the steps of a job take, learned as they are passed."""

from typing import TYPE_CHECKING

from firmcell.core.bench.step_times import estimated, taken
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.events import Payload, StepPassed, WeldSample
from firmcell.core.records.step import Step
from firmcell.core.strips.pieces import StripPiece
from firmcell.store.step_times import keep_time, learned_times
from firmcell.store.weld_settings import keep_setting

if TYPE_CHECKING:
    from firmcell.app.session import Session


class StepTimes:
    """Times of the steps of one open job."""

    def __init__(self, session: "Session") -> None:
        self.session = session
        self._learned: dict[str, float] | None = None
        self._strips: tuple[StripPiece, ...] = ()
        self._joints: dict[str, int] = {}

    def learn(self, data: Payload) -> None:
        """A step just passed teaches how long its like takes in this workshop, peeled samples which setting
        holds."""
        if isinstance(data, WeldSample):
            keep_setting(self.session.design, data)
        if not isinstance(data, StepPassed):
            return
        for name, seconds in taken(self.session.events.with_kind(StepPassed)[-2:]):
            keep_time(name, seconds)
            self._learned = None

    def of(self, step: Step) -> float:
        """About how long a step takes, s, without what it lasts by the clock."""
        if self._learned is None:
            self._learned = learned_times()
        s = self.session
        if self._strips is not s.analysis.strips:
            self._strips = s.analysis.strips
            self._joints = {f"strip:{p.id}": p.joints for p in self._strips}
        joints = sum(self._joints.get(ref, 0) for ref in step.refs)
        return estimated(step, self._learned, s.design.cell_count, joints, s.design.series)

    def left(self) -> tuple[float, float]:
        """Seconds of work left in the steps that are not passed, and of waiting by the clock."""
        s = self.session
        left = [step for step in s.steps if s.state.step(step.code).status is not StepStatus.PASSED]
        return sum(map(self.of, left)), sum(step.wait_s for step in left)
