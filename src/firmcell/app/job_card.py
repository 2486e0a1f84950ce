"""One job of the board: its picture, what stands against it, the step at hand, what can be done with it."""

from datetime import date

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QFont, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import QFrame, QPushButton, QScrollArea, QSizePolicy, QVBoxLayout, QWidget

from firmcell.app.drawing_paint import paint_drawing
from firmcell.app.plain import PlainLabel
from firmcell.app.theme import Palette, sized
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.hand_order import without_wires
from firmcell.store.job_list import JobLine

MOST_FINDINGS = 6


def picture_of(line: JobLine, size: QSize, ratio: float, look: Palette) -> QPixmap:
    """Return the picture of a job for a list; nothing on it where it cannot be read."""
    picture = QPixmap(size * ratio)
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    if line.picture is not None:
        painter = QPainter(picture)
        box = QRectF(1, 1, size.width() - 2, size.height() - 2)
        # Of a pack its cells; of a cable or a lead there is nothing else.
        paint_drawing(painter, without_wires(line.picture) if line.what else line.picture, box, look)
        painter.end()
    return picture


class JobPicture(QWidget):
    """The picture of one job."""

    def __init__(self, look: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.look = look
        self.drawing: Drawing | None = None
        self.setMinimumHeight(self.fontMetrics().height() * 9)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Preferred)
        self.setAccessibleName("Picture of the job")

    def show_drawing(self, drawing: Drawing | None) -> None:
        """Show another one."""
        self.drawing = drawing
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        if self.drawing is not None:
            painter = QPainter(self)
            paint_drawing(painter, self.drawing, QRectF(self.rect()).adjusted(4, 4, -4, -4), self.look)
            painter.end()


class JobCard(QScrollArea):
    """What is known of the job that is picked."""

    def __init__(self, look: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        inside = QWidget()
        column = QVBoxLayout(inside)
        self.title = PlainLabel()
        self.title.setFont(sized(1.3, QFont.Weight.DemiBold))
        self.words, self.findings = PlainLabel(), PlainLabel()
        self.words.setObjectName("quiet")
        self.picture = JobPicture(look)
        self.open_button = QPushButton("&Open")
        self.open_button.setProperty("main", "true")
        self.archive_button = QPushButton()
        self.template_button = QPushButton("&Begin another job with this design…")
        for label in (self.title, self.words, self.findings):
            label.setWordWrap(True)
        for part in (self.title, self.words, self.picture, self.findings):
            column.addWidget(part)
        column.addStretch(1)
        for button in (self.open_button, self.template_button, self.archive_button):
            button.setAutoDefault(False)
            column.addWidget(button)
        self.setWidget(inside)
        self.setWidgetResizable(True)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.show_job(None, date.today())

    def show_job(self, line: JobLine | None, today: date) -> None:
        """Show a job, or that none is picked."""
        self.picture.show_drawing(line.picture if line else None)
        readable = line is not None and not line.fault
        self.open_button.setEnabled(line is not None)
        self.template_button.setEnabled(readable)
        self.archive_button.setEnabled(readable)
        if line is None:
            self.title.setText("No job is picked.")
            self.words.setText("")
            self.findings.setText("")
            self.archive_button.setText("&Done with")
            return
        due = line.due(today)
        promised = f"promised for {line.promised}" + (f", {due}" if due else "") if line.promised else ""
        self.title.setText(line.title or line.path.name)
        told = (line.customer, f"{line.what} {line.kind}".strip(), line.stands, line.at, promised)
        self.words.setText("; ".join(word for word in dict.fromkeys(told) if word))
        more = len(line.open_findings) - MOST_FINDINGS
        lines = [*line.open_findings[:MOST_FINDINGS], *([f"and {more} more"] if more > 0 else [])]
        self.findings.setText("\n".join(lines))
        self.archive_button.setText(
            "Not done &with after all" if line.is_archived else "&Done with: into the archive"
        )
