"""Do the welds hold: peeled samples as a control chart, what was done to the welder, joints against their
class."""

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QHBoxLayout

from firmcell.app.fields import RecordForm
from firmcell.app.session import guarded
from firmcell.app.theme import PALETTES
from firmcell.core.bench.weld_control import (
    control_chart,
    held_words,
    joints_words,
    peels_of,
    samples_words,
    weld_verdict,
)
from firmcell.core.model.joint_kinds import KINDS
from firmcell.core.records.events import PeelTest, Upkeep, UpkeepKind
from firmcell.store.weld_settings import setting_that_worked

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage
    from firmcell.app.plots import Plot

GO = {True: "expected", False: "fault", None: "caution"}
SAMPLE_STEP = "weld-sample"


class WeldSection:
    """The chart of peeled samples with its verdict."""

    def __init__(self, page: "BenchPage") -> None:
        self.page, self.session = page, page.session
        self.shown = any(step.code == SAMPLE_STEP for step in self.session.steps)
        self._plot: Plot | None = None
        if not self.shown:
            return
        page.section("Do the welds hold?")
        self.verdict = page.text()
        self.verdict.setAccessibleName("Whether to weld on")
        self.more = page.text()
        page.field("joining.least_peel_n")
        self.form = RecordForm(PeelTest, page.system, {}, page)
        page.body.addWidget(self.form)
        row = QHBoxLayout()
        row.addWidget(
            page.button("Chart this &peel", self.record_peel, "Records the sample and puts it on the chart")
        )
        page.body.addLayout(row)
        row = QHBoxLayout()
        for kind in UpkeepKind:
            tip = "Records it: what is measured from here on is compared by itself"
            row.addWidget(page.button(kind.value.capitalize(), partial(self.upkeep, kind), tip))
        page.body.addLayout(row)
        self.place = QHBoxLayout()
        page.body.addLayout(self.place)

    def fill(self) -> None:
        """Say what is proven so far."""
        if not self.shown:
            return
        s = self.session
        peels = peels_of(s.counting)
        told = weld_verdict(peels.values, peels.since, peels.unit, s.design.joining.least_peel_n, peels.what)
        joints = joints_words(s.state.joint_ohm, KINDS[s.design.joining.joined_by].ohm)
        known = setting_that_worked(s.design, s.design.joining.link_strip.name)
        worked = (
            f"Worked here before: {known['machine']}, {known['setting']}, {known['pulses']} pulses. {held_words(known['peeled'], known['held'])}"
            if known
            else ""
        )
        self.verdict.setText(told.words)
        self.verdict.setObjectName(GO[told.go])
        self.verdict.style().polish(self.verdict)
        self.more.setText("\n".join(w for w in (*told.more, samples_words(s.counting), joints, worked) if w))
        self._draw(peels.values, f"{peels.what}, {peels.unit}", s.design.joining.least_peel_n)

    def _draw(self, values: tuple[float, ...], up: str, least: float | None) -> None:
        chart = control_chart(values)
        if chart is None:
            if self._plot is not None:
                self._plot.hide()
            return
        if self._plot is None:
            from firmcell.app.plots import Plot

            dark = self.page.palette().window().color().lightness() < 128
            self._plot = Plot(
                "Peeled samples", "sample", up, PALETTES["dark" if dark else "light"], falls=True
            )
            self.place.addWidget(self._plot)
        self._plot.show()
        self._plot.clear()
        across = list(range(1, len(values) + 1))
        ends = [1, len(values)]
        p = self._plot.palette_now
        self._plot.line(ends, [chart.centre, chart.centre], "mean", p.quiet, width=1.0)
        for name, at in (("limits of chance", chart.low), ("", chart.high)):
            self._plot.line(ends, [at, at], name, p.attention, dashed=True)
        if least is not None:
            self._plot.line(ends, [least, least], "least that is right", p.stop)
        self._plot.line(across, list(values), "", p.accent, width=1.0)
        self._plot.marks(across, list(values), "measured", "o", p.accent)
        odd = [n for n in range(len(values)) if chart.out[n]]
        self._plot.marks(
            [n + 1 for n in odd], [values[n] for n in odd], "no chance" if odd else "", "x", p.stop
        )

    def record_peel(self) -> bool:
        """Record one peeled sample."""

        def write() -> None:
            self.session.record(PeelTest.model_validate(self.form.values()), SAMPLE_STEP)

        return guarded(write, self.session.refused.emit)

    def upkeep(self, kind: UpkeepKind) -> bool:
        """Record what was done to the welder."""
        return guarded(lambda: self.session.record(Upkeep(what=kind), SAMPLE_STEP), self.session.refused.emit)
