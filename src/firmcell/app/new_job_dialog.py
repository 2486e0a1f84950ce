"""The few dialogs: a new pack from its brief, and the sheet of shortcuts."""

import re
from contextlib import suppress
from functools import partial
from pathlib import Path

from PySide6.QtGui import QFont, QResizeEvent
from PySide6.QtWidgets import (
    QBoxLayout,
    QComboBox,
    QDialogButtonBox,
    QFileDialog,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.existing_form import ExistingForm
from firmcell.app.fields import RecordForm
from firmcell.app.form_dialog import FormDialog, let_scroll
from firmcell.app.pack_choices import PackChoices
from firmcell.app.plain import PlainLabel
from firmcell.app.theme import PALETTES, Palette, sized
from firmcell.app.wheel import calm
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import plural, volts
from firmcell.core.changes.choices import window_of_nominal
from firmcell.core.changes.existing_pack import PackAsItIs, cell_of, window_of
from firmcell.core.jobs import PLANS
from firmcell.core.jobs.plan import Subject
from firmcell.core.model.brief import IN_ORDER, Brief, order_fault
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.stock.at_hand import NOTHING, AtHand
from firmcell.store.job_file import SUFFIX
from firmcell.store.units import System, parse
from firmcell.store.validation_words import first_fault

NO_WELDER = "none: tabs on the cells are soldered"
WINDOW = ("load_voltage_min_v", "load_voltage_max_v")
CURRENTS = ("current_steady_a", "current_peak_a")


NOMINAL = re.compile(r"\s*(nominal|nom\.?)\s*$", re.IGNORECASE)
BESIDE_EM = 38
"""From this width in heights of letters, packs have room beside the fields."""


class NewPackDialog(FormDialog):
    """Asks for the brief and the file, and for the pack as it is where a job begins with one; `brief`,
    `existing` and `path` hold them once accepted."""

    def __init__(
        self,
        system: System,
        folder: Path,
        library: PartLibrary,
        parent: QWidget | None = None,
        shop: str = Welder.MEDIUM,
        look: Palette | None = None,
    ) -> None:
        super().__init__(parent)
        self.existing: PackAsItIs | None = None
        self.setWindowTitle("New job")
        self.brief: Brief | None = None
        self.at_hand = NOTHING
        self.job_kind = JobKind.NEW_PACK
        self.path = folder / f"new-pack{SUFFIX}"
        self._across = QBoxLayout(QBoxLayout.Direction.LeftToRight, self)
        layout = QVBoxLayout()
        self._across.addLayout(layout, 3)
        self.choices = PackChoices(library, look or PALETTES["light"], system == "inch")
        self._across.addWidget(self.choices, 2)
        title = PlainLabel("What is to be done, and what is asked of it?")
        title.setFont(sized(1.3, QFont.Weight.DemiBold))
        layout.addWidget(title)
        self.kinds = self._choice(layout, "&Kind of job", [kind.value for kind in JobKind])
        words = PlainLabel(
            "A first design is made from this: for a pack the lightest cells that meet it; for leads: wire, connector and fuse. "
            "A pack that is there stays as it is. Everything can be changed after."
        )
        words.setWordWrap(True)
        words.setObjectName("quiet")
        layout.addWidget(words)
        layout.addWidget(self._asked(system, library), 1)
        layout.addWidget(self._guess())
        # Strip is chosen for what the shop can weld; what was chosen last is offered again.
        self.welders = self._choice(layout, "&Spot welder of the shop", [*Welder, NO_WELDER])
        self.welders.setCurrentText(shop)
        row = QHBoxLayout()
        self.file = QLineEdit(str(self.path))
        self.file.setAccessibleName("File of the job")
        browse = QPushButton("Choose…")
        # Enter in a field takes that field; no button may answer to it.
        browse.setAutoDefault(False)
        browse.clicked.connect(self._browse)
        row.addWidget(PlainLabel("File"))
        row.addWidget(self.file, 1)
        row.addWidget(browse)
        layout.addLayout(row)
        self.fault = PlainLabel()
        self.fault.setObjectName("fault")
        self.fault.setWordWrap(True)
        layout.addWidget(self.fault)
        layout.addWidget(self._buttons())
        em = self.fontMetrics().height()
        self.resize(48 * em, 34 * em)
        self.welders.currentIndexChanged.connect(self._ask)
        self._ask()
        let_scroll(self)

    def resizeEvent(self, event: QResizeEvent) -> None:
        """In a narrow window the packs stand below the fields, not beside them."""
        wide = event.size().width() >= BESIDE_EM * self.fontMetrics().height()
        way = QBoxLayout.Direction.LeftToRight if wide else QBoxLayout.Direction.TopToBottom
        self._across.setDirection(way)
        super().resizeEvent(event)

    def _guess(self) -> PlainLabel:
        """What a nominal voltage was taken for; out of sight until there is one."""
        self.guessed = PlainLabel()
        self.guessed.setObjectName("caution")
        self.guessed.setWordWrap(True)
        self.guessed.hide()
        return self.guessed

    def _buttons(self) -> QDialogButtonBox:
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        make = QPushButton("Make the job")
        make.setProperty("main", "true")
        make.setAutoDefault(False)
        buttons.addButton(make, QDialogButtonBox.ButtonRole.AcceptRole)
        cancel = buttons.button(QDialogButtonBox.StandardButton.Cancel)
        cancel.setAutoDefault(False)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        return buttons

    def _choice(self, layout: QVBoxLayout, words: str, choices: list[str]) -> QComboBox:
        """A named choice in a row of its own."""
        row, label, box = QHBoxLayout(), PlainLabel(words), calm(QComboBox())
        box.addItems(choices)
        box.setAccessibleName(words.replace("&", ""))
        label.setBuddy(box)
        row.addWidget(label)
        row.addWidget(box, 1)
        layout.addLayout(row)
        return box

    def take_stock(self, at_hand: AtHand, welder: Welder | None) -> None:
        """Propose of what the shop has, and with its strongest spot welder."""
        self.at_hand = at_hand
        self.choices.take_stock(at_hand)
        if welder is not None:
            self.welders.setCurrentText(welder.value)

    @property
    def welder(self) -> Welder | None:
        """What the shop welds with; None if it does not."""
        chosen = self.welders.currentText()
        return None if chosen == NO_WELDER else Welder(chosen)

    def _asked(self, system: System, library: PartLibrary) -> QScrollArea:
        """The fields: the pack as it is, and the brief."""
        area = QScrollArea()
        area.setWidgetResizable(True)
        self.form = RecordForm(
            Brief, system, {"title": "", "peak_duration_s": 10.0}, skip=("customer", "promised")
        )
        for field in self.form.fields.values():
            field.committed.connect(self._ask)
        for name in CURRENTS:
            self.form.fields[name].also = self._from_watts
        for name in WINDOW:
            self.form.fields[name].also = partial(self._from_nominal, name)
        self.form.fields[WINDOW[0]].committed.connect(self._watts_anew)
        self._contradicting: set[str] = set()
        for pair in IN_ORDER:
            for name in pair:
                self.form.fields[name].committed.connect(partial(self._show_order, name))
        self.pack = ExistingForm(library)
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.addWidget(self.pack)
        column.addWidget(self.form, 1)
        area.setWidget(inside)
        self.kinds.currentIndexChanged.connect(lambda _: self._show_pack())
        self._show_pack()
        return area

    @property
    def _begins_with_pack(self) -> bool:
        return bool(PLANS[list(JobKind)[self.kinds.currentIndex()]].proposes)

    def _show_pack(self) -> None:
        """The pack as it is, where the job begins with one; its voltages follow from its cells."""
        self.pack.setVisible(self._begins_with_pack)
        for name in WINDOW:
            self.form.fields[name].set_shown(not self._begins_with_pack)
        self.choices.setVisible(self._proposes_pack)

    def _show_order(self, name: str) -> None:
        """Say at once, at the field just entered, what contradicts another."""
        for pair in (p for p in IN_ORDER if name in p):
            fault = order_fault({n: v for n, v in self.form.typed().items() if n in pair})
            for other in self._contradicting.intersection(pair):
                self.form.fields[other].row.fault("")
            self._contradicting -= set(pair)
            if fault:
                self._contradicting.add(name)
                self.form.fields[name].row.fault(f"{fault[0].upper()}{fault[1:]}.")

    @property
    def _proposes_pack(self) -> bool:
        """Whether the kind of job makes a pack, whose cells can be chosen."""
        plan = PLANS[list(JobKind)[self.kinds.currentIndex()]]
        return not plan.proposes and plan.subject is Subject.PACK

    def _ask(self) -> None:
        """Look for packs that would do what is told so far."""
        told = {"title": "new", **{k: v for k, v in self.form.typed().items() if v not in (None, "")}}
        steady = told.get("current_steady_a")
        if not self._proposes_pack or not isinstance(steady, float) or not all(n in told for n in WINDOW):
            self.choices.ask(None, None)
            return
        told.setdefault("current_peak_a", steady)
        try:
            brief = Brief.model_validate(told)
        except ValueError:
            # What contradicts itself is told at its field.
            self.choices.ask(None, None)
            return
        self.choices.ask(brief, self.welder)

    def _from_nominal(self, name: str, text: str) -> float | None:
        """A voltage told as on a plate, such as 36 V nominal: the window that usually goes with it. Where the
        other end is empty it is filled too."""
        plain = NOMINAL.sub("", text)
        if plain == text:
            return None
        series, *window = window_of_nominal(parse(plain, "V", "V"))
        low_high = dict(zip(WINDOW, window, strict=True))
        for other in (n for n in WINDOW if n != name):
            editor = self.form.fields[other].row.editor
            assert isinstance(editor, QLineEdit)
            if not editor.text().strip():
                editor.setText(f"{low_high[other]:g}")
                editor.setModified(True)
                self.form.fields[other].enter()
        self.guessed.setText(
            f"Taken as {plural(series, 'lithium-ion cell')} in series: {volts(window[0])} to {volts(window[1])}. "
            "What the load really stands is on its plate or in its sheet; read it there before you build."
        )
        self.guessed.show()
        return low_high[name]

    def _from_watts(self, text: str) -> float | None:
        """A current told as a power, such as 500 W: what it is at the lowest voltage, where it is
        greatest."""
        try:
            watts = parse(text, "W")
        except Refusal:
            return None
        lowest = self.form.typed().get("load_voltage_min_v")
        if not isinstance(lowest, float) or lowest <= 0:
            raise Refusal("A power needs the voltage it is drawn at: say first how far down the load works.")
        return watts / lowest

    def _watts_anew(self) -> None:
        """Another lowest voltage: a current told as a power is another one, and must not stay too small."""
        for name in CURRENTS:
            editor = self.form.fields[name].row.editor
            assert isinstance(editor, QLineEdit)
            with suppress(Refusal):
                if self._from_watts(editor.text()) is not None:
                    editor.setModified(True)
                    self.form.fields[name].enter()

    def _browse(self) -> None:
        name, _ = QFileDialog.getSaveFileName(
            self, "File of the job", self.file.text(), f"Firm Cell job (*{SUFFIX})"
        )
        if name:
            self.file.setText(name)

    def accept(self) -> None:
        try:
            self.existing = self.pack.read() if self._begins_with_pack else None
            self.brief = self._read()
            self.job_kind = list(JobKind)[self.kinds.currentIndex()]
            self.path = job_path(self.file.text())
        except Refusal as refusal:
            self.fault.setText(refusal.sentence)
            return
        self.choices.stop()
        super().accept()

    def reject(self) -> None:
        self.choices.stop()
        super().reject()

    @property
    def cell(self) -> Cell | None:
        """The cell of the pack that was picked; None leaves it to the program."""
        return self.choices.cell if self._proposes_pack else None

    def _read(self) -> Brief:
        from pydantic import ValidationError

        if self.existing is not None:
            cell = cell_of(self.existing, self.pack.library)
            for name, value in zip(WINDOW, window_of(cell, self.existing.series), strict=True):
                self.form.fields[name].show_value(value)
                self.form.take(name, value)
        try:
            return Brief.model_validate(self.form.values())
        except ValidationError as error:
            raise Refusal(first_fault(error, Brief)) from None


def job_path(text: str) -> Path:
    """Return the path typed, with the suffix of job files.

    Raises
    ------
    Refusal
        If nothing is typed.
    """
    if not text.strip():
        raise Refusal("The job needs a file name.")
    path = Path(text.strip()).expanduser()
    return path if path.suffix == SUFFIX else path.with_name(path.name + SUFFIX)
