"""The pack in bench mode: the face that is up, what is live on it, and the next places numbered."""

from dataclasses import replace

from firmcell.app.bench_kept import on_bench
from firmcell.app.canvas.view import PackView
from firmcell.app.session import Session
from firmcell.app.theme import Palette
from firmcell.core.analysis.findings import Stage
from firmcell.core.bench.live_map import live_map
from firmcell.core.model.design import Face
from firmcell.core.model.joint_kinds import KINDS
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.hand_order import numbered_places, without_wires
from firmcell.core.pictures.live_paint import live_paint, with_live
from firmcell.core.pictures.stage_marks import stage_paint
from firmcell.core.records.step import Step

DRY = frozenset(("Prepare", *(kind.verb for kind in KINDS.values())))
"""Phases before anything is wired: the face alone is shown, as large as it goes."""


class BenchPicture(PackView):
    """The face that lies up, turned over by one key."""

    def __init__(self, session: Session, look: Palette) -> None:
        super().__init__(look)
        self.session, self.face = session, Face.TOP
        self._cut: tuple[Drawing, Drawing] | None = None

    def turn(self) -> None:
        """Turn the pack over."""
        self.face = Face.BOTTOM if self.face is Face.TOP else Face.TOP

    def paint(self, step: Step | None) -> None:
        """The face as it lies now, what is live on it, and the next places numbered."""
        s = self.session
        if s.plan.picture is not None:
            self.show_faces([s.picture("job")])
            return
        wired = step is not None and bool(step.wires or step.begins or step.phase not in DRY)
        drawing = s.face(self.face) if wired else self._close(s.face(self.face))
        live = live_map(on_bench(s), s.state, step.code if step else "")
        marks = stage_paint(Stage.BENCH, s.design, s.analysis, s.state, s.steps, step)
        axis = s.design.arrangement.turn_axis
        told = live_paint(live, s.analysis.layout, s.design.joining, axis)
        numbers = (
            numbered_places(step, s.analysis.strips, s.analysis.layout, self.face, axis, drawing.targets)
            if step
            else ()
        )
        # No line so small that it is not read from two metres, and no value under a dot of live metal.
        paint = with_live(marks, live)
        self.show_faces([drawing], replace(paint, caption="", values={} if numbers else paint.values))
        # Numbers of the next places stand alone: the eye looks for them.
        bands = (
            tuple(b if b.danger else b.unlabelled for b in told.bands[self.face])
            if numbers
            else told.bands[self.face]
        )
        self.show_bands([(*bands, *numbers)], told.scale, [told.covered[self.face]])

    def _close(self, drawing: Drawing) -> Drawing:
        """The face cut close; made once."""
        if self._cut is None or self._cut[0] is not drawing:
            self._cut = drawing, without_wires(drawing)
        return self._cut[1]
