"""Type the tap readings in order; each lights its tap, and the verdict stands as soon as it can."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QGridLayout, QLabel, QLineEdit, QPushButton, QWidget

from firmcell.app.fields import RecordForm
from firmcell.app.session import guarded
from firmcell.app.stages.page import Page
from firmcell.app.theme import sized
from firmcell.core.events import InsulationReading, TapReading
from firmcell.core.findings import Stage
from firmcell.core.proof import Proof, Verdict, judge_taps
from firmcell.core.refusal import Refusal
from firmcell.core.wording import volts
from firmcell.store.units import parse

WORDS = {Verdict.RIGHT: "right", Verdict.LOOK: "look", Verdict.WRONG: "WRONG", Verdict.MISSING: "to read"}


class ProofPage(Page):
    """Taps against the prediction, insulation, and what they prove."""

    stage, heading = Stage.PROOF, "Proof: what the meter says"
    back_to_bench = Signal()

    def build(self) -> None:
        self.verdict = QLabel()
        self.verdict.setWordWrap(True)
        self.verdict.setFont(sized(1.2, QFont.Weight.DemiBold))
        self.verdict.setAccessibleName("Verdict on the taps")
        self.body.addWidget(self.verdict)
        self.section("Taps against B0")
        self.text(
            "Black probe stays on B0. Type what you read and press Enter; the next tap is waiting. A minus sign counts."
        )
        self.grid = QGridLayout()
        self.grid.setVerticalSpacing(2)
        self.grid.setColumnStretch(4, 1)
        self.body.addLayout(self.grid)
        self._lines: list[QLineEdit] = []
        self._verdicts: list[QLabel] = []
        self._expects: list[QLabel] = []
        self._make_rows()
        self.details = self.text(name="fault")
        back = QPushButton("Back to the step at the bench")
        back.clicked.connect(self.back_to_bench)
        self.body.addWidget(back)
        self.section("Insulation")
        self.insulation = self.table(("Between", "Reading", "Test"), "Insulation readings", wide=0)
        self.form = RecordForm(
            InsulationReading, self.system, {"between": "plus to outside", "test_v": 9.0}, self
        )
        self.body.addWidget(self.form)
        button = QPushButton("Record insulation reading")
        button.clicked.connect(self.record_insulation)
        self.body.addWidget(button)

    def _make_rows(self) -> None:
        for widget in self.findChildren(QWidget):
            if widget.property("tap") is not None:
                self.grid.removeWidget(widget)
                widget.deleteLater()
        self._lines, self._verdicts, self._expects = [], [], []
        for column, heading in enumerate(("Tap", "Expect", "Reading", "V", "")):
            label = QLabel(heading)
            label.setObjectName("quiet")
            label.setProperty("tap", -1)
            self.grid.addWidget(label, 0, column)
        for tap in self.session.analysis.guard.taps[1:]:
            name, expect, verdict = QLabel(f"{tap.name} ({tap.face.value})"), QLabel(), QLabel()
            line = QLineEdit()
            line.setAlignment(Qt.AlignmentFlag.AlignRight)
            line.setAccessibleName(f"Reading at {tap.name} against B0, volts")
            line.setMaximumWidth(line.fontMetrics().horizontalAdvance("−000.000 V") + 24)
            line.returnPressed.connect(lambda n=tap.number: self.enter(n))
            widgets: tuple[QWidget, ...] = (name, expect, line, QLabel("V"), verdict)
            for column, widget in enumerate(widgets):
                widget.setProperty("tap", tap.number)
                self.grid.addWidget(widget, tap.number, column)
            self._lines.append(line)
            self._verdicts.append(verdict)
            self._expects.append(expect)

    def refresh_more(self) -> None:
        s = self.session
        if len(self._lines) != s.design.series:
            self._make_rows()
        proof = self._proof()
        self.verdict.setText(proof.words)
        self.verdict.setObjectName("fault" if proof.verdict is Verdict.WRONG else "")
        self.verdict.style().polish(self.verdict)
        for group, line, verdict, expect, tap in zip(
            proof.groups, self._lines, self._verdicts, self._expects, s.analysis.guard.taps[1:], strict=True
        ):
            expect.setText(volts(tap.now_v))
            if not line.isModified():
                reading = s.state.tap_volts.get(tap.number)
                line.setText("" if reading is None else f"{reading:.3f}")
            line.setEnabled(not s.read_only_because)
            step = f"{group.step_v:+.3f} V".replace("-", "−") if group.step_v is not None else ""
            verdict.setText(f"{step} {WORDS[group.verdict]}".strip())
            verdict.setToolTip(group.words)
            verdict.setObjectName("fault" if group.verdict is Verdict.WRONG else "quiet")
            verdict.style().polish(verdict)
        wrong = [g.words for g in proof.groups if g.verdict in (Verdict.WRONG, Verdict.LOOK)]
        self.details.setText("\n".join(f"{words[0].upper()}{words[1:]}." for words in wrong))
        self.details.setVisible(bool(wrong))
        self.insulation.set_rows(
            [("", (i.between, f"{i.ohms / 1e6:.4g} MΩ", f"{i.test_v:g} V")) for i in s.state.insulation]
        )

    def _proof(self) -> Proof:
        s = self.session
        return judge_taps(
            s.state.tap_volts, s.design.series, s.design.cell, s.design.cell.chemistry.is_lithium
        )

    def enter(self, tap: int) -> bool:
        """Record the reading typed for a tap and go to the next one."""
        line = self._lines[tap - 1]

        def write() -> None:
            value = parse(line.text(), "V", "V")
            if abs(value) > 2000:
                raise Refusal(f"{line.text()} V is no reading of a pack.")
            line.setModified(False)
            self.session.record(TapReading(tap=tap, volts=value), "tap-voltages")

        if not guarded(write, self.session.refused.emit):
            line.setModified(True)
            return False
        self.picked.emit(f"tap:{tap}")
        following = self._lines[tap] if tap < len(self._lines) else None
        if following is not None:
            following.setFocus()
            following.selectAll()
        return True

    def record_insulation(self) -> bool:
        """Record the insulation form."""
        return guarded(
            lambda: self.session.record(
                InsulationReading.model_validate(self.form.values()), "insulation-resistance"
            ),
            self.session.refused.emit,
        )

    def point_at(self, ref: str) -> None:
        kind, _, number = ref.partition(":")
        if kind == "tap" and number.isdigit() and 1 <= int(number) <= len(self._lines):
            self._lines[int(number) - 1].setFocus()
            self._lines[int(number) - 1].selectAll()
