"""The card of the step at hand: its words, cautions and forms."""

from typing import TYPE_CHECKING, Any

from PySide6.QtGui import QFont
from PySide6.QtWidgets import (
    QCheckBox,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
)

from firmcell.app.fields import RecordForm
from firmcell.app.instrument_reads import instrument_of, read_by_meter, read_field
from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.theme import sized
from firmcell.core.bench.record_faults import poles_left, records_since_rework
from firmcell.core.model.joint_kinds import terminal_torque
from firmcell.core.records.build_state import StepState, StepStatus
from firmcell.core.records.events import RECORD_KINDS, Checked, WeldSample
from firmcell.core.records.step import Step
from firmcell.core.stock.part_words import IN_DOUBT
from firmcell.store.weld_settings import SETTING, setting_that_worked

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage

TITLES = {
    "cell-check": "Cells measured",
    "cell-reading": "One cell",
    "cell-test": "Test of one cell",
    "cell-fitted": "A cell in its place",
    "joint-reading": "One joint by four wires",
    "weld-sample": "Sample welds",
    "peel-test": "Peel test",
    "upkeep": "Upkeep of the welder",
    "weld-row": "Welds",
    "solder-joint": "Solder joint",
    "screw-joint": "Screws",
    "insulation-reading": "Insulation reading",
    "polarity-reading": "Polarity by meter",
    "crimp-joint": "Crimp",
    "as-found": "Thing as found",
    "weighing": "Both weights",
    "watched-run": "Watched run",
}


ASKED = "asked"
"""Under which a box keeps what the step asks to be looked at."""


class StepCard:
    """The card of the step at hand: its words, cautions and forms."""

    def __init__(self, page: "BenchPage") -> None:
        self.page = page

    def fill(self, step: Step | None, wanted: tuple[str, ...], state: StepState | None) -> None:
        s = self.page.session
        if step is None:
            self.line("Every step is passed. The passport is ready.", 1.2, QFont.Weight.DemiBold)
            return
        self.line(step.phase + (" · hold point" if step.hold else ""), 0.95).setObjectName("quiet")
        self.line(step.title, 1.35, QFont.Weight.DemiBold)
        self.line(step.words, 1.0)
        for caution in step.cautions:
            self.line(caution, 1.0, QFont.Weight.Medium).setObjectName("caution")
        for doubt in s.meter_doubts if read_by_meter(step) else ():
            self.line(f"{doubt} {IN_DOUBT}", 1.0, QFont.Weight.Medium).setObjectName("caution")
        if step.expected:
            self.line(f"Expect: {step.expected}", 1.0).setObjectName("expected")
        live = self.page.live()
        if live.over_touch_limit and not any("touch limit" in c for c in step.cautions):
            self.line(live.over_words, 1.0, QFont.Weight.Medium).setObjectName("caution")
        self.line(live.words, 1.0).setObjectName("quiet")
        if state and state.status is StepStatus.NOT_RIGHT:
            self.line(
                f"Stands as not right: {state.note}. Do it again and record it anew.", 1.0
            ).setObjectName("fault")
        if state and state.reopened:
            self.line(f"Open again. {state.reopened}", 1.0).setObjectName("fault")
        if not s.read_only_because:
            self.add_record(step, wanted)
        self.add_buttons(step)

    def line(self, words: str, size: float, weight: QFont.Weight = QFont.Weight.Normal) -> QLabel:
        label = PlainLabel(words)
        label.setWordWrap(True)
        label.setFont(sized(size, weight))
        self.page.card.addWidget(label)
        return label

    def add_record(self, step: Step, wanted: tuple[str, ...]) -> None:
        if "tap-reading" in step.records:
            button = QPushButton("Enter the readings in Tests")
            button.clicked.connect(self.page.go_to_tests)
            self.page.card.addWidget(button)
            return
        if step.photos:
            photos = QPushButton("Photos of the pack… (Ctrl+Shift+P)")
            photos.clicked.connect(self.page.photos_wanted)
            self.page.card.addWidget(photos)
        for kind in step.offers:
            self.add_offer(step, kind)
        kinds = wanted or step.records
        if not kinds:
            return
        kind = kinds[0]
        again = "" if wanted else " again"
        if kind == "checked":
            for look in step.checks:
                box = QCheckBox(look)
                box.setProperty(ASKED, look)
                box.setFont(sized(1.0))
                self.page._looks.append(box)
                self.page.card.addWidget(box)
            if step.measures:
                others = tuple(n for n in Checked.model_fields if n not in step.measures)
                self.page._form = RecordForm(Checked, self.page.system, {}, self.page, skip=others)
                self.page.card.addWidget(self.page._form)
            words = f"Record what is ticked{again}"
        else:
            self.page._form = RecordForm(
                RECORD_KINDS[kind], self.page.system, self.given(kind, step), self.page
            )
            self.page._form.setProperty("step", step.code + kind)
            self.page.card.addWidget(self.page._form)
            self.add_reading(self.page._form, kind, step)
            words = f"Record {TITLES[kind].lower()}{again}"
        record = QPushButton(words)
        record.setProperty("main", "true" if wanted else "false")
        record.clicked.connect(lambda: self.page.record_now(kind))
        self.page.card.addWidget(record)

    def add_offer(self, step: Step, kind: str) -> None:
        """A record that may be made here and need not."""
        form = RecordForm(RECORD_KINDS[kind], self.page.system, {}, self.page)
        form.setProperty("step", step.code + kind)
        record = QPushButton(f"Record {TITLES[kind].lower()} (if measured)")

        def write() -> None:
            payload: Any = RECORD_KINDS[kind].model_validate(form.values())
            self.page.session.record(payload, step.code, self.page.take_read_with())

        record.clicked.connect(lambda: guarded(write, self.page.session.refused.emit))
        self.page.card.addWidget(form)
        self.add_reading(form, kind, step)
        self.page.card.addWidget(record)

    def add_reading(self, form: RecordForm, kind: str, step: Step) -> None:
        """A key that reads the next empty field of a form from its instrument, where one does."""
        names = [name for name in form.fields if instrument_of(kind, name) is not None]
        if not names:
            return
        listed = instrument_of(kind, names[0])
        assert listed is not None
        button = QPushButton(f"Read with the {listed.kind.value}")
        button.setToolTip(f"{listed.label}; the list of instruments is in the Bench menu")

        def read() -> None:
            lines = {n: form.fields[n].row.editor for n in names}
            name = next((n for n, e in lines.items() if isinstance(e, QLineEdit) and not e.text()), names[-1])
            expected = sum(step.reads_v) / 2 if step.reads_v else self.page.session.design.cell_now_v

            def done(value: float, label: str) -> None:
                button.setEnabled(True)
                form.fields[name].type_in(value)
                self.page.read_with = label

            def failed(sentence: str) -> None:
                button.setEnabled(True)
                self.page.session.refused.emit(sentence)

            button.setEnabled(False)
            self.page.reading = read_field(kind, name, expected, done, failed)

        button.clicked.connect(read)
        self.page.card.addWidget(button)

    def add_buttons(self, step: Step) -> None:
        obstacle = self.page.session.obstacle(step)
        row = QHBoxLayout()
        passed = QPushButton("Passed (Ctrl+Space)")
        passed.setProperty("main", "true")
        passed.setProperty("passes", True)
        already = self.page.session.state.step(step.code).status is StepStatus.PASSED
        passed.setEnabled(not obstacle and not already and not self.page.session.read_only_because)
        passed.clicked.connect(self.page.pass_now)
        wrong = QPushButton("Not right… (Ctrl+R)")
        wrong.setEnabled(not self.page.session.read_only_because)
        wrong.clicked.connect(lambda: self.page.not_right())
        row.addWidget(passed)
        row.addWidget(wrong)
        self.page.card.addLayout(row)
        if obstacle and not already:
            self.line(obstacle, 0.95).setObjectName("quiet")

    def given(self, kind: str, step: Step) -> dict[str, Any]:
        """Sensible beginnings of a form: what was typed before, the last record of its kind, the design."""
        events = self.page.session.events
        last = events.of_kind(RECORD_KINDS[kind])[-1:]
        given = dict(last[0]) if last and kind in ("weld-sample", "weld-row", "solder-joint") else {}
        d = self.page.session.design
        if kind in ("weld-sample", "weld-row") and not given:
            known = setting_that_worked(d, d.joining.link_strip.name) or {}
            given |= {
                name: known[name]
                for name in SETTING
                if name in known and name in RECORD_KINDS[kind].model_fields
            }
        if kind == "weld-row":
            for sample in events.of_kind(WeldSample)[-1:]:
                given |= {name: getattr(sample, name) for name in ("machine", "setting", "pulses", "strip")}
            pieces = [p for p in self.page.session.analysis.strips if f"strip:{p.id}" in step.refs]
            given |= {
                "sparks": False,
                "flat": False,
                "tug": False,
            }
            given.pop("welds", None)
            if pieces:
                given |= {"strip": pieces[0].strip, "welds": sum(p.joints for p in pieces)}
        elif kind == "weld-sample":
            given |= {"strip": d.joining.link_strip.name}
            given.pop("peeled", None)
            given.pop("held", None)
        elif kind == "screw-joint":
            pieces = [p for p in self.page.session.analysis.strips if f"strip:{p.id}" in step.refs]
            given |= {
                "joint": step.title,
                "screws": sum(p.joints for p in pieces),
                "faces_clean": False,
                "marked": False,
            }
            torque = terminal_torque(d.joining.thread_m)
            if torque:
                given["torque_nm"] = torque
        elif kind == "solder-joint":
            given |= {"joint": step.title, "smooth": False, "tug": False}
            given.setdefault("tip_k", 653.15)
            given.setdefault("alloy", "tin-lead, rosin core")
            given.pop("seconds", None)
        elif kind == "cell-check":
            given |= {"count": step.counted or d.cell_count, "wraps_sound": False}
        elif kind == "polarity-reading":
            given |= {"at": step.title}
        elif kind == "insulation-reading":
            left = poles_left(step, records_since_rework(step, self.page.session.counting))
            given |= {"between": f"{left[0] if left else 'plus'} to outside", "test_v": 9.0}
        return given | self.page._kept.pop(step.code + kind, {})

    def keep_typed(self) -> None:
        """What was typed for a step and not recorded yet is there again when one comes back to it."""
        if self.page._form is not None and self.page._form.property("step"):
            self.page._kept[self.page._form.property("step")] = self.page._form.typed()
