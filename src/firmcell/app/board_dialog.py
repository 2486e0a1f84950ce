"""A board of the user's own: its figures, and the names printed on its pads in the order they lie."""

from pydantic import ValidationError
from PySide6.QtGui import QFont
from PySide6.QtWidgets import (
    QDialogButtonBox,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.fields import RecordForm
from firmcell.app.form_dialog import FormDialog
from firmcell.app.plain import PlainLabel
from firmcell.app.theme import sized
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Board
from firmcell.store.units import System
from firmcell.store.validation_words import first_fault


class BoardDialog(FormDialog):
    """Asks for a board; `board` holds it once accepted."""

    def __init__(self, design: Design, system: System, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle("Own board")
        self.board: Board | None = None
        layout = QVBoxLayout(self)
        title = PlainLabel("A board of your own")
        title.setFont(sized(1.3, QFont.Weight.DemiBold))
        layout.addWidget(title)
        words = PlainLabel(
            "Pads: as printed, in the order they lie, commas between, such as B-, B1, B2, B3, B4 or B+, 11.1, 7.4, 3.7, B-. The wiring is "
            "drawn in that order. Voltages a group; what you do not know, leave as it is."
        )
        words.setWordWrap(True)
        words.setObjectName("quiet")
        layout.addWidget(words)
        area = QScrollArea()
        area.setWidgetResizable(True)
        facts, cell = design.cell.facts, design.cell
        present = design.bms.board
        given = (
            present.model_dump()
            if present
            else {
                "chemistry": cell.chemistry,
                "series": design.series,
                "current_continuous_a": design.brief.current_steady_a,
                "current_peak_a": design.brief.current_peak_a * 1.5,
                "current_charge_a": design.charge_current_a,
                "over_voltage_v": facts.full_v + 0.05,
                "under_voltage_v": facts.empty_v + 0.2,
                "balance_current_a": 0.05,
                "resistance_ohm": 0.005,
                "standby_current_a": 2e-5,
                "length_m": 0.06,
                "width_m": 0.05,
                "height_m": 0.008,
            }
        )
        given |= {"name": "my board", "source": "entered by the user"}
        self.form = RecordForm(Board, system, given)
        area.setWidget(self.form)
        layout.addWidget(area, 1)
        self.fault = PlainLabel()
        self.fault.setObjectName("fault")
        self.fault.setWordWrap(True)
        layout.addWidget(self.fault)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        keep = QPushButton("Keep and take it")
        keep.setProperty("main", "true")
        keep.setAutoDefault(False)
        buttons.addButton(keep, QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.button(QDialogButtonBox.StandardButton.Cancel).setAutoDefault(False)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        layout.addWidget(buttons)
        self.resize(560, 640)

    def accept(self) -> None:
        try:
            self.board = Board.model_validate(self.form.values())
        except Refusal as refusal:
            self.fault.setText(refusal.sentence)
            return
        except ValidationError as error:
            self.fault.setText(first_fault(error, Board))
            return
        super().accept()
