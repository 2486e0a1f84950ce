"""The page handed over with the pack, and its export."""

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QFont, QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.pages.base_page import Page
from firmcell.app.plain import PlainLabel
from firmcell.app.session import bound_of
from firmcell.app.theme import sized
from firmcell.app.wheel import calm
from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs.handed_out import hands_out
from firmcell.core.jobs.passport import Passport
from firmcell.core.pictures.pack_label import STOCKS_MM
from firmcell.store.whole_job import passport_of

AS_THE_SIDE = "label as its side, on a sheet"


class QrCode(QWidget):
    """A QR code, always dark on white so that any reader takes it."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._matrix: list[list[int]] = []
        self.setAccessibleName("QR code of the essentials")

    def set_text(self, text: str) -> None:
        """Show another text."""
        # Imported on first use: it brings half of the network library with it, which starting need not wait
        # for.
        import segno

        self._matrix = [list(row) for row in segno.make(text, error="m", micro=False).matrix_iter(border=2)]
        self.setAccessibleDescription(text)
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(132, 132)

    def minimumSizeHint(self) -> QSize:
        return self.sizeHint()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        side = min(self.width(), self.height())
        painter.fillRect(QRectF(0, 0, side, side), QColor("white"))
        step = side / max(len(self._matrix), 1)
        for y, row in enumerate(self._matrix):
            for x, dark in enumerate(row):
                if dark:
                    painter.fillRect(QRectF(x * step, y * step, step + 0.5, step + 0.5), QColor("black"))


class PassportPage(Page):
    """What will stand on the passport, and the buttons that write it."""

    stage, heading = Stage.PASSPORT, "Passport: what goes with the pack"
    begins_at_once = True
    export = Signal(str)

    def build(self) -> None:
        top = QHBoxLayout()
        words, plan = QVBoxLayout(), self.session.plan
        self.designation = PlainLabel()
        self.designation.setFont(sized(1.5, QFont.Weight.DemiBold))
        self.unfinished = PlainLabel()
        self.unfinished.setWordWrap(True)
        words.addWidget(self.designation)
        words.addWidget(self.unfinished)
        for kind, text in (("pdf", "Write the PDF… (Ctrl+P)"), ("html", "Write the HTML…")):
            button = QPushButton(text)
            button.setProperty("main", "true" if kind == "pdf" else "false")
            button.clicked.connect(lambda _, k=kind: self.export.emit(k))
            words.addWidget(button)
        for kind, text in (("label", "Label at 1:1, PDF…"), ("sketch", "Wiring sketch for the lid, PDF…")):
            button = QPushButton(text)
            button.clicked.connect(lambda _, k=kind: self.export.emit(k))
            button.setVisible(hands_out(plan, kind))
            words.addWidget(button)
        self.stock = calm(QComboBox())
        self.stock.setEditable(True)
        self.stock.setAccessibleName("Size of the label")
        typed = self.stock.lineEdit()
        assert typed is not None  # It can be edited.
        typed.setAccessibleName("Size of the label")
        self.stock.setToolTip("Of a printer of labels, wide × high in mm; any other size can be typed")
        self.stock.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.stock.setMinimumContentsLength(12)
        self.stock.addItem(AS_THE_SIDE)
        self.stock.addItems([f"{wide:g} × {high:g} mm, label printer" for wide, high in STOCKS_MM])
        self.stock.setVisible(hands_out(plan, "label"))
        words.addWidget(self.stock)
        self.photos = QCheckBox("With the photos of the steps")
        words.addWidget(self.photos)
        words.addStretch(1)
        top.addLayout(words, 1)
        self.qr = QrCode()
        top.addWidget(self.qr)
        self.body.addLayout(top)
        self.section("On the label")
        for path in ("serial", "builder", "charge_current_a"):
            self.field(path)
        self.section("Ratings")
        self.ratings = self._pairs()
        self.limits_title = self.section("Charging and storage")
        self.limits = self._pairs()
        self.worth_title = self.section("Before and after")
        self.worth = self._pairs()
        self.section("Cautions")
        self.cautions = self.text(name="caution")
        self.section("Record")
        self.records = self.text(name="")

    def _pairs(self) -> QGridLayout:
        grid = QGridLayout()
        grid.setVerticalSpacing(2)
        grid.setColumnStretch(1, 1)
        self.body.addLayout(grid)
        return grid

    def refresh_more(self) -> None:
        if not self.isVisible():
            return
        s = self.session
        page: Passport = passport_of(s.design, s.state, s.library, bound_of(s))
        self.designation.setText(page.designation)
        self.unfinished.setText(
            f"Finished: every step is passed{' and the taps are right' if page.taps else ''}."
            if page.finished
            else f"Not finished: {page.unfinished}"
        )
        self.unfinished.setObjectName("" if page.finished else "fault")
        self.unfinished.style().polish(self.unfinished)
        self.qr.set_text(page.essentials)
        _fill(self.ratings, page.ratings)
        self.limits_title.setText(page.limits_title)
        _fill(self.limits, page.limits)
        self.worth_title.setVisible(bool(page.worth))
        rows = tuple(
            (name, f"{before} → {after}{f' ({change})' * bool(change)}")
            for name, before, after, change in page.worth
        )
        _fill(self.worth, rows)
        self.cautions.setText("\n".join(page.cautions))
        self.records.setText("\n".join(page.records))

    def showEvent(self, event: object) -> None:
        self.refresh_more()


def _fill(grid: QGridLayout, pairs: tuple[tuple[str, str], ...]) -> None:
    for row, (name, value) in enumerate(pairs):
        for column, text in enumerate((name, value)):
            item = grid.itemAtPosition(row, column)
            label = item.widget() if item else None
            if not isinstance(label, QLabel):
                label = PlainLabel()
                label.setWordWrap(column == 1)
                label.setObjectName("quiet" if column == 0 else "")
                label.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
                grid.addWidget(label, row, column, Qt.AlignmentFlag.AlignTop)
            label.setText(text)
