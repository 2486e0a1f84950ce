"""Work step by step: what to do, the caution for it, what to record, passed or not right."""

from itertools import pairwise
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtGui import QDragEnterEvent, QDropEvent
from PySide6.QtWidgets import (
    QApplication,
    QCheckBox,
    QInputDialog,
    QLayout,
    QLineEdit,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.bench_kept import on_bench
from firmcell.app.fields import RecordForm
from firmcell.app.pages.base_page import Page
from firmcell.app.pages.between_places import BetweenPlaces
from firmcell.app.pages.order_of_joints import OrderOfJoints
from firmcell.app.pages.parts_section import PartsSection
from firmcell.app.pages.record_section import RecordSection
from firmcell.app.pages.step_card import ASKED, StepCard
from firmcell.app.pages.step_notes import StepNotes
from firmcell.app.pages.weld_section import WeldSection
from firmcell.app.plain import as_html, as_text
from firmcell.app.session import guarded
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import about, volts
from firmcell.core.bench.live_map import LiveMap, live_map
from firmcell.core.jobs.lay_out import LaidOut, laid_out
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.events import (
    RECORD_KINDS,
    Checked,
    NotRight,
    PolarityReading,
    StepPassed,
)
from firmcell.core.records.ledger import Ledger
from firmcell.core.records.step import Step

CLOCK_MS = 20_000
MARKS = {
    StepStatus.OPEN: "○",
    StepStatus.BEGUN: "◆",
    StepStatus.PASSED: "✓",
    StepStatus.NOT_RIGHT: "■ not right",
}


class BenchPage(Page):
    """The step at hand and the list of all steps."""

    stage, heading = Stage.BENCH, "Bench"
    begins_at_once = True
    go_to_tests = Signal()
    photos_wanted = Signal()
    step_shown = Signal()

    def build(self) -> None:
        self.step_card = StepCard(self)
        self.step: Step | None = None
        self.picked_ref = ""
        self.read_with = ""
        self.reading: Task | None = None
        self._form: RecordForm | None = None
        self._looks: list[QCheckBox] = []
        self._kept: dict[str, dict[str, Any]] = {}
        self._shown: tuple[object, ...] = ()
        self._place = ""
        self._clock = QTimer(self)
        self._clock.setInterval(CLOCK_MS)
        self._clock.timeout.connect(self.refresh)
        self.progress = self.text()
        self.card = QVBoxLayout()
        self.body.addLayout(self.card)
        self.notes = StepNotes(self)
        self.setAcceptDrops(True)
        self.between = BetweenPlaces(self)
        self.section("All steps")
        self.list = self.table(("", "Step", "Read", "About", "By"), "Steps of this job", wide=1)
        self.list.picked.connect(self._picked_step)
        self.order = OrderOfJoints(self)
        self.welds = WeldSection(self)
        self.section("Lay out before you begin")
        self.lay_out = self.text(name="")
        self.lay_out.setTextFormat(Qt.TextFormat.RichText)
        self.parts = PartsSection(self)
        self.records = RecordSection(self)
        self.log, self.take_back = self.records.log, self.records.button

    # -- which step -------------------------------------------------------------------------------------

    def refresh_more(self) -> None:
        s = self.session
        codes = [step.code for step in s.steps]
        if self.step is not None and self.step.code in codes:
            self.step = s.steps[codes.index(self.step.code)]
        else:
            self.step = s.current_step
        # A step that lasts by the clock is looked at again while it is shown.
        if self.step is not None and self.step.wait_s:
            self._clock.start()
        else:
            self._clock.stop()
        passed = sum(s.state.step(c).status is StepStatus.PASSED for c in codes)
        place = f"Step {codes.index(self.step.code) + 1} of {len(codes)}" if self.step else "All steps passed"
        self.progress.setText(
            f"{place}; {passed} passed, {s.state.reworks} reworked. {self._left()}Recording as {s.person or 'nobody named (menu Bench, Who is at the bench)'}."
        )
        read = last_read(s.events)
        self.list.blockSignals(True)
        self.list.set_rows(
            [
                (
                    f"step:{step.code}",
                    (
                        MARKS[s.state.step(step.code).status],
                        step.title,
                        read.get(step.code, ""),
                        about(s.times.of(step)),
                        s.state.step(step.code).person,
                    ),
                )
                for step in s.steps
            ]
        )
        self.records.fill()
        self.parts.fill()
        self.lay_out.setText(lay_out_words(laid_out(s.design, s.analysis, s.steps)))
        # The list stands at the step at hand: the focus, when it comes there, must not choose another step.
        self.list.pick(f"step:{self.step.code}" if self.step else "")
        self.list.blockSignals(False)
        self._show_card()
        self.notes.fill()
        self.between.fill()
        self.order.fill()
        self.welds.fill()

    def _left(self) -> str:
        """How much work is left, and how much waiting."""
        work, waiting = self.session.times.left()
        if not work:
            return ""
        clock = f", and {about(waiting)} by the clock" if waiting else ""
        return f"About {about(work)} of work left{clock}. "

    def take_focus(self) -> None:
        waiting = next(
            (w for w in _widgets(self.card) if w.focusPolicy() & Qt.FocusPolicy.TabFocus and w.isEnabled()),
            None,
        )
        if waiting is not None:
            waiting.show()
            waiting.setFocus(Qt.FocusReason.OtherFocusReason)

    def _picked_step(self, ref: str) -> None:
        code = ref.partition(":")[2]
        step = next((step for step in self.session.steps if step.code == code), None)
        if step is not None and (self.step is None or step.code != self.step.code):
            self.show_step(step)

    def show_step(self, step: Step | None) -> None:
        """Show another step."""
        self.step = step
        self.refresh()
        self.step_shown.emit()

    def live(self) -> LiveMap:
        """What bare metal is live while the step that is shown is at hand."""
        return live_map(on_bench(self.session), self.session.state, self.step.code if self.step else "")

    # -- the card ---------------------------------------------------------------------------------------

    def _show_card(self) -> None:
        step, s = self.step, self.session
        wanted = s.still_wanted(step) if step else ()
        state = s.state.step(step.code) if step else None
        shown = (
            step,
            wanted,
            state,
            s.person,
            s.read_only_because,
            s.obstacle(step) if step else "",
            self.live().words,
            s.meter_doubts,
        )
        if shown == self._shown:
            return
        self._shown = shown
        place = step.code if step else ""
        another, self._place = place != self._place, place
        self.step_card.keep_typed()
        focus = self._focus_in_card()
        if focus is not None:
            # Else the focus wanders on through the page as the card is taken down, and the page scrolls after
            # it.
            focus.clearFocus()
        _clear(self.card)
        self._form, self._looks = None, []
        self.step_card.fill(step, wanted, state)
        self._order_by_tab(focus is not None)
        if another:
            self.verticalScrollBar().setValue(0)

    def _focus_in_card(self) -> QWidget | None:
        focus = QApplication.focusWidget()
        return next((w for w in _widgets(self.card) if w is focus), None)

    def _order_by_tab(self, focused: bool) -> None:
        """Let the tab key go through the card first, and keep the focus in it if it was there."""
        made = [w for w in _widgets(self.card) if w.focusPolicy() & Qt.FocusPolicy.TabFocus]
        for before, after in pairwise([*made, self.list, self.log, self.take_back]):
            QWidget.setTabOrder(before, after)
        # With everything recorded the next thing is to pass: space does it.
        usable = [w for w in made if w.isEnabled()]
        first = next((w for w in usable if w.property("passes")), next(iter(usable), None))
        if focused and first is not None:
            # A new widget is shown a moment later, and could not take the focus before.
            first.show()
            first.setFocus(Qt.FocusReason.OtherFocusReason)

    # -- recording --------------------------------------------------------------------------------------

    def record_now(self, kind: str) -> bool:
        """Record what the form holds; returns whether it is on disk."""
        step = self.step
        if step is None:
            return False

        def write() -> None:
            if kind == "checked":
                # By what the step asks for, and not by what its box shows: that may be in another language.
                right = tuple(str(box.property(ASKED)) for box in self._looks if box.isChecked())
                if not right:
                    raise Refusal("Nothing is ticked: tick each thing you have looked at and found right.")
                measured = self._form.values() if self._form is not None else {}
                self.session.record(Checked(right=right, **measured), step.code)
            else:
                assert self._form is not None
                payload: Any = RECORD_KINDS[kind].model_validate(self._form.values())
                self.session.record(payload, step.code, self.take_read_with())

        self._shown = ()
        form, mark = self._form, step.code + kind
        if form is not None:
            # What is recorded now is not kept as typed for the next record of this kind.
            form.setProperty("step", "")
        done = guarded(write, self.session.refused.emit)
        if not done and form is not None:
            form.setProperty("step", mark)
        return done

    def take_read_with(self) -> str:
        """How the next record names the instrument that it was read with; once."""
        name, self.read_with = self.read_with, ""
        return name

    def pass_now(self) -> bool:
        """Pass the step at hand and show the next one."""
        step = self.step
        if step is None:
            return False
        self._record_reading(step)
        obstacle = self.session.obstacle(step)
        if obstacle:
            self.session.refused.emit(obstacle)
            return False
        if not guarded(lambda: self.session.record(StepPassed(), step.code), self.session.refused.emit):
            return False
        self.show_step(self.session.current_step)
        return True

    def _record_reading(self, step: Step) -> None:
        """A reading that is typed and is all that is wanted is recorded by the key that passes its step."""
        if self.session.still_wanted(step) == ("polarity-reading",) and self._form is not None:
            self._form.fields["volts"].enter()
            if self._form.typed().get("volts") is not None:
                self.record_now("polarity-reading")

    def not_right(self, reason: str = "") -> bool:
        """Record that the step is not right; asks for the reason if none is given."""
        step = self.step
        if step is None:
            return False
        if not reason:
            reason, given = QInputDialog.getText(
                self,
                "Not right",
                as_text(f"What is not right with “{step.title}”?"),
                QLineEdit.EchoMode.Normal,
            )
            if not given or not reason.strip():
                return False
        return guarded(
            lambda: self.session.record(NotRight(reason=reason.strip()), step.code), self.session.refused.emit
        )

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        urls = event.mimeData().urls()
        self.notes.take_files([Path(u.toLocalFile()) for u in urls if u.isLocalFile()])
        event.acceptProposedAction()

    def point_at(self, ref: str) -> None:
        self.picked_ref = ref
        if self.step is None or ref not in self.step.refs:
            step = next((s for s in self.session.steps if ref in s.refs and s.records), None)
            if step is not None and ref.startswith(("strip", "tap", "lead")):
                self.list.pick(f"step:{step.code}")


def last_read(events: Ledger) -> dict[str, str]:
    """Return the latest reading of each step that asks for one, in words, by the step's code."""
    read = events.with_kind(PolarityReading)
    return {e.step: volts(e.data.volts) for e in read if isinstance(e.data, PolarityReading)}


def lay_out_words(laid: LaidOut) -> str:
    """Return what is laid out as rich text; what goes on before any joint in bold."""
    parts = (("Tools", laid.tools), ("Parts", laid.parts), ("Used up", laid.used_up))
    lines = [f"<b>{as_html(line[0].upper() + line[1:])}</b>" for line in laid.first]
    lines += [f"{as_html(name)}: {', '.join(map(as_html, items))}" for name, items in parts if items]
    return "<br>".join(lines)


def _widgets(layout: QLayout) -> list[QWidget]:
    """Widgets of a layout and what they hold, in reading order."""
    found: list[QWidget] = []
    for n in range(layout.count()):
        item = layout.itemAt(n)
        widget, inner = (item.widget(), item.layout()) if item is not None else (None, None)
        if widget is not None:
            found.append(widget)
            inner = widget.layout()
        if inner is not None:
            found += _widgets(inner)
    return found


def _clear(layout: QLayout) -> None:
    while (item := layout.takeAt(0)) is not None:
        widget, inner = item.widget(), item.layout()
        if widget is not None:
            widget.hide()
            widget.deleteLater()
        elif inner is not None:
            _clear(inner)
