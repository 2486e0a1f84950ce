"""Type the tap readings in order; each lights its tap, and the verdict stands as soon as it can."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QLineEdit, QPushButton, QWidget

from firmcell.app.background import Task
from firmcell.app.fields import RecordForm
from firmcell.app.pages.base_page import Page
from firmcell.app.pages.two_points import TwoPoints
from firmcell.app.plain import PlainLabel
from firmcell.app.session import SIMULATED, guarded
from firmcell.app.theme import sized
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import percent, volts
from firmcell.core.records.events import InsulationReading, PointReading, TapReading
from firmcell.core.tap_check.faults import MOST_SERIES
from firmcell.core.tap_check.group_verdicts import Proof, Verdict, reading_plan
from firmcell.core.tap_check.practice_pack import PracticePack, practice_pack
from firmcell.core.tap_check.recorded_readings import (
    meter_words,
    pack_asked,
    ruling_of,
)
from firmcell.core.tap_check.unseen import unseen_kinds
from firmcell.store.units import parse

WORDS = {Verdict.RIGHT: "right", Verdict.LOOK: "look", Verdict.WRONG: "WRONG", Verdict.MISSING: "to read"}


class TestsPage(Page):
    """Taps against the prediction, insulation, and what they prove."""

    stage, heading = Stage.TESTS, "Tests: what the meter says"
    begins_at_once = True
    back_to_bench = Signal()
    practise = Signal()
    meter_address = SIMULATED

    def build(self) -> None:
        self.verdict = PlainLabel()
        self.verdict.setWordWrap(True)
        self.verdict.setFont(sized(1.2, QFont.Weight.DemiBold))
        self.verdict.setAccessibleName("Verdict on the taps")
        self.body.addWidget(self.verdict)
        self.section("Taps against B0")
        self.text(
            "Prove the meter first: red on a cell’s plus reads plus. Then black stays on B0; type what you read and press Enter; the next tap is waiting. A minus sign counts. "
            "Type every place that the meter shows. From 60 V on it shows tenths only: those taps are read from pin to pin."
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
        self.unseen = self.text()
        self.unseen.setAccessibleName("What voltages cannot show")
        row = QHBoxLayout()
        self.meter_button = self.button(
            "Read with the &meter",
            self.read_with_meter,
            "Takes the reading of the tap at hand from the meter chosen in the Bench menu",
        )
        row.addWidget(self.meter_button)
        row.addWidget(
            self.button("&Practise…", self.practise.emit, "A pack with a hidden fault and a simulated meter")
        )
        self.body.addLayout(row)
        self.section("What it may be")
        self.suspicions = self.table(
            ("What is wrong", "How likely", "Safe to plug in?"), "Explanations", wide=0
        )
        self.suspicions.picked.connect(self._light)
        self.unexplained = self.text("")
        self.section("Between any two points")
        self.text(
            "Pins are those of the plug; strips are the pack's own metal, which tells where a lead really ends."
        )
        self._make_between()
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

    def _make_between(self) -> None:
        self.two_points = TwoPoints(self)
        self.points, self.between = self.two_points.points, self.two_points.between
        self.across, self.next_words = self.two_points.across, self.two_points.next_words
        self.enter_between = self.two_points.enter

    def _show_doctor(self) -> None:
        """What the readings may mean, likeliest first, and the reading that tells most next."""
        self.two_points.fill()
        ruling = ruling_of(self.session.design, self.session.state)
        told, proof = ruling.doctor, ruling.proof
        rows = []
        if told is not None:
            for number, s in enumerate(told.suspicions[:6]):
                if s.probability < 0.005:
                    break
                plug = "NO" if s.dangerous else "yes" if proof.verdict is Verdict.RIGHT else "not yet"
                rows.append((str(number), (s.words, percent(s.probability), plug)))
        self.suspicions.set_rows(rows)
        self._told = told
        other = (
            f"{percent(told.unexplained)} that it is none of these: look at the wiring itself."
            if told and told.unexplained > 0.01
            else ""
        )
        self.unexplained.setText(other)
        self.unexplained.setVisible(bool(other))
        self.two_points.tell(proof)

    def _light(self, number: str) -> None:
        if self._told is not None and number.isdigit() and int(number) < len(self._told.suspicions):
            refs = self._told.suspicions[int(number)].refs
            if refs:
                self.picked.emit(refs[0])

    def read_with_meter(self) -> None:
        """Take the reading of the first tap that is not read yet from the meter, off the interface thread."""
        session = self.session
        tap = next(
            (n for n in range(1, session.design.series + 1) if self._recorded(n) is None),
            session.design.series,
        )
        for number, line in enumerate(self._lines, start=1):
            if line.hasFocus():
                tap = number
        black, red = self._black(tap), tap
        wanted = self._proof().next_reading
        if self._recorded(tap) is not None and wanted is not None and max(wanted) <= session.design.series:
            # Every row is read: the reading that is asked for besides.
            black, red = wanted
        self.meter_button.setEnabled(False)
        address, pack = self.meter_address, self._clipped_to()

        def read() -> tuple[str, float]:
            # Imported here: instruments are not needed to look at a pack.
            from firmcell.instruments.meter_link import MeterLink

            with MeterLink(address, pack) as meter:
                return meter.name, meter.volts(black, red)

        def taken(result: tuple[str, float]) -> None:
            self.meter_button.setEnabled(True)
            name, volts = result
            if guarded(
                lambda: session.record(_taken(black, red, volts), "tap-voltages", name[:80]),
                session.refused.emit,
            ):
                self.picked.emit(f"tap:{red}")
                if red < len(self._lines):
                    self._lines[red].setFocus()

        def failed(sentence: str) -> None:
            self.meter_button.setEnabled(True)
            session.refused.emit(sentence)

        self._reading = Task(read, taken, failed).start()

    def _clipped_to(self) -> PracticePack | None:
        """The sound pack that the simulated meter is clipped to; a real meter needs none."""
        design = self.session.design
        if self.meter_address != SIMULATED or not 2 <= design.series <= MOST_SERIES:
            return None
        return practice_pack(pack_asked(design, self.session.state), 0, 7)

    def _black(self, tap: int) -> int:
        """The pin that a tap is first read against: B0, beyond 60 V the one before."""
        plan = reading_plan(pack_asked(self.session.design, self.session.state))
        return plan[tap - 1][0] if tap <= len(plan) else 0

    def _recorded(self, tap: int) -> float | None:
        """What is recorded of the reading that a row asks for, V."""
        state, black = self.session.state, self._black(tap)
        return state.point_volts.get((f"B{black}", f"B{tap}")) if black else state.tap_volts.get(tap)

    def _make_rows(self) -> None:
        for widget in self.findChildren(QWidget):
            if widget.property("tap") is not None:
                self.grid.removeWidget(widget)
                widget.deleteLater()
        self._lines, self._verdicts, self._expects = [], [], []
        for column, heading in enumerate(("Tap", "Expect", "Reading", "V", "")):
            label = PlainLabel(heading)
            label.setObjectName("quiet")
            label.setProperty("tap", -1)
            self.grid.addWidget(label, 0, column)
        for tap in self.session.analysis.bms.taps[1:]:
            black = self._black(tap.number)
            against = f" from B{black}" if black else ""
            name, expect, verdict = (
                PlainLabel(f"{tap.name}{against} ({tap.face.value})"),
                PlainLabel(),
                PlainLabel(),
            )
            line = QLineEdit()
            line.setAlignment(Qt.AlignmentFlag.AlignRight)
            line.setAccessibleName(f"Reading at {tap.name} against B{black}, volts")
            line.setMaximumWidth(line.fontMetrics().horizontalAdvance("−000.000 V") + 24)
            line.returnPressed.connect(lambda n=tap.number: self.enter(n))
            widgets: tuple[QWidget, ...] = (name, expect, line, PlainLabel("V"), verdict)
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
        self._show_doctor()
        right = proof.verdict is Verdict.RIGHT
        meter = meter_words(s.state) if right else ""
        self.verdict.setText(" ".join(words for words in (proof.words, proof.remark, meter) if words))
        self.verdict.setObjectName("fault" if proof.verdict is Verdict.WRONG else "")
        self.verdict.style().polish(self.verdict)
        for group, line, verdict, expect, tap in zip(
            proof.groups, self._lines, self._verdicts, self._expects, s.analysis.bms.taps[1:], strict=True
        ):
            black = self._black(tap.number)
            expect.setText(volts(tap.now_v if not black else s.design.cell_now_v))
            if not line.isModified():
                reading = self._recorded(tap.number)
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
        self._tell_unseen(right)
        self.insulation.set_rows(
            [("", (i.between, f"{i.ohms / 1e6:.4g} MΩ", f"{i.test_v:g} V")) for i in s.state.insulation]
        )

    def _tell_unseen(self, right: bool) -> None:
        """What reads right and need not be, said at the moment of right, with the test for each."""
        d = self.session.design
        kinds = unseen_kinds(d.series, d.parallel, bool(self.session.analysis.bms.sense_wire_total_m))
        lines = [f"{k.what[0].upper()}{k.what[1:]}. Test: {k.test}." for k in kinds]
        self.unseen.setText("\n".join(("What voltages cannot show, and what does:", *lines)))
        self.unseen.setVisible(right and d.cell_count > 1)

    def _proof(self) -> Proof:
        s = self.session
        return ruling_of(s.design, s.state).proof

    def enter(self, tap: int) -> bool:
        """Record the reading typed for a tap and go to the next one."""
        line = self._lines[tap - 1]

        def write() -> None:
            value = parse(line.text(), "V", "V")
            if abs(value) > 2000:
                raise Refusal(f"{line.text()} V is no reading of a pack.")
            line.setModified(False)
            self.session.record(_taken(self._black(tap), tap, value), "tap-voltages")

        if not guarded(write, self.session.refused.emit):
            line.setModified(True)
            return False
        self.picked.emit(f"tap:{tap}")
        following = self._lines[tap] if tap < len(self._lines) else None
        if following is not None:
            following.setFocus()
            following.selectAll()
        return True

    def take_focus(self) -> None:
        waiting = next((line for line in self._lines if not line.text()), None)
        if waiting is not None:
            waiting.setFocus(Qt.FocusReason.OtherFocusReason)
            self.ensureWidgetVisible(waiting)

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


def _taken(black: int, red: int, value: float) -> PointReading | TapReading:
    """The record of a reading from one pin to another, V."""
    if black:
        return PointReading(black=f"B{black}", red=f"B{red}", volts=value)
    return TapReading(tap=red, volts=value)
