"""The rating plate along the top and the rail of stages at the left."""

from PySide6.QtCore import QEvent, QPointF, QRectF, QSettings, QSize, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QFont,
    QFontMetricsF,
    QHelpEvent,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
)
from PySide6.QtWidgets import QSizePolicy, QToolTip, QWidget

from firmcell.app.icons import paint_mark, paint_stage
from firmcell.app.theme import Palette, sized
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.visible import visible

KEY = "plate/open"
LEAST_ROW_PX = 24
"""A row of the rail without its name: the sign and a little room, px."""
SIGNS_PX = 68
"""Width of the rail without names, px."""
LEAST_GAP = 18.0
"""Between two figures of the plate in one line, px."""


class RatingPlate(QWidget):
    """The pack's rating plate, as it would be riveted to its case: always in sight, always of the present
    design."""

    def __init__(self, palette: Palette, settings: QSettings, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._palette = palette
        self.settings = settings
        self.is_open = settings.value(KEY) == "yes"
        self._title = self._designation = ""
        self._figures: tuple[tuple[str, str], ...] = ()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName("Rating plate")

    def sizeHint(self) -> QSize:
        return QSize(400, int(QFontMetricsF(self.font()).height() * (3.1 if self.is_open else 1.85)))

    def open(self, on: bool) -> None:
        """Show it large, or in one line."""
        self.is_open = on
        self.settings.setValue(KEY, "yes" if on else "no")
        self.updateGeometry()
        self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.open(not self.is_open)

    def set_palette(self, palette: Palette) -> None:
        """Change the colours."""
        self._palette = palette
        self.update()

    def show_plate(self, title: str, designation: str, figures: tuple[tuple[str, str], ...]) -> None:
        """Show title, designation and pairs of name and value."""
        title, designation = visible(title), visible(designation)
        figures = tuple((name, visible(value)) for name, value in figures)
        self._title, self._designation, self._figures = title, designation, figures
        words = f"{title}, {designation}, " + ", ".join(f"{n} {v}" for n, v in figures)
        self.setAccessibleDescription(words)
        self.setToolTip(words)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        p = self._palette
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        plate = QRectF(self.rect()).adjusted(8, 4, -8, -4)
        painter.setPen(QPen(p.colour("plate_quiet"), 1))
        painter.setBrush(p.colour("plate"))
        painter.drawRoundedRect(plate, 7, 7)
        painter.setPen(QPen(p.colour("plate_quiet"), 0.6))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(plate.adjusted(3.5, 3.5, -3.5, -3.5), 4, 4)
        for x in (plate.left() + 13, plate.right() - 13):
            painter.setBrush(p.colour("plate_quiet"))
            painter.drawEllipse(QPointF(x, plate.center().y()), 3.4, 3.4)
            painter.setPen(QPen(p.colour("plate"), 1.2))
            painter.drawLine(
                QPointF(x - 2.2, plate.center().y() - 1), QPointF(x + 2.2, plate.center().y() + 1)
            )
            painter.setPen(QPen(p.colour("plate_quiet"), 0.6))
        if self.is_open:
            self._paint_words(painter, plate.adjusted(26, 6, -26, -6))
        else:
            self._paint_line(painter, plate.adjusted(26, 2, -26, -2))

    def _paint_line(self, painter: QPainter, inner: QRectF) -> None:
        """Everything in one line; where it is too narrow the names go first, then the ends of the values."""
        p = self._palette
        bold, small = sized(1.04, QFont.Weight.DemiBold), sized(0.86)
        wide, narrow = QFontMetricsF(bold), QFontMetricsF(small)
        named = bool(self._figures)

        def room_of(names: bool) -> list[float]:
            return [
                wide.horizontalAdvance(value) + (narrow.horizontalAdvance(name) + 5 if names else 0)
                for name, value in self._figures
            ]

        middle = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft
        first = wide.horizontalAdvance(self._designation)
        rooms = room_of(True)
        if first + sum(rooms) + LEAST_GAP * len(rooms) > inner.width():
            named, rooms = False, room_of(False)
        gap = max((inner.width() - first - sum(rooms)) / max(len(rooms), 1), 0.0)
        painter.setFont(bold)
        painter.setPen(p.colour("plate_ink"))
        painter.drawText(inner, middle, self._designation)
        x = inner.left() + first + gap
        for (name, value), room in zip(self._figures, rooms, strict=True):
            painter.setPen(QPen(p.colour("plate_quiet"), 0.6))
            painter.drawLine(QPointF(x - gap / 2, inner.top() + 3), QPointF(x - gap / 2, inner.bottom() - 3))
            at = QRectF(x, inner.top(), max(inner.right() - x, 0.0), inner.height())
            if named:
                painter.setFont(small)
                painter.setPen(p.colour("plate_quiet"))
                painter.drawText(at, middle, name)
                at.setLeft(x + narrow.horizontalAdvance(name) + 5)
            painter.setFont(bold)
            painter.setPen(p.colour("plate_ink"))
            painter.drawText(at, middle, wide.elidedText(value, Qt.TextElideMode.ElideRight, at.width()))
            x += room + gap

    def _paint_words(self, painter: QPainter, inner: QRectF) -> None:
        p = self._palette
        big, small, bold = sized(1.35, QFont.Weight.DemiBold), sized(0.82), sized(1.12, QFont.Weight.DemiBold)
        upper = QRectF(inner.left(), inner.top(), inner.width(), inner.height() * 0.42)
        lower = QRectF(
            inner.left(), inner.top() + inner.height() * 0.40, inner.width(), inner.height() * 0.60
        )
        middle = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft
        name_width = (
            max(
                QFontMetricsF(big).horizontalAdvance(self._designation),
                QFontMetricsF(small).horizontalAdvance(self._title),
            )
            + 22
        )
        painter.setFont(small)
        painter.setPen(p.colour("plate_quiet"))
        painter.drawText(upper, middle, self._title)
        painter.setFont(big)
        painter.setPen(p.colour("plate_ink"))
        painter.drawText(lower, middle, self._designation)
        x = inner.left() + name_width
        room = (inner.right() - x) / max(len(self._figures), 1)
        for name, value in self._figures:
            painter.setPen(QPen(p.colour("plate_quiet"), 0.6))
            painter.drawLine(QPointF(x - 9, inner.top() + 2), QPointF(x - 9, inner.bottom() - 2))
            painter.setFont(small)
            painter.setPen(p.colour("plate_quiet"))
            painter.drawText(QRectF(x, upper.top(), room - 12, upper.height()), middle, name)
            painter.setFont(bold)
            painter.setPen(p.colour("plate_ink"))
            text = QFontMetricsF(bold).elidedText(value, Qt.TextElideMode.ElideRight, room - 12)
            painter.drawText(QRectF(x, lower.top(), room - 12, lower.height()), middle, text)
            x += room


class StageRail(QWidget):
    """The ten stages in the trade's order, each with its icon and state; arrows move, Enter goes to work
    there."""

    chosen = Signal(object)
    entered = Signal(object)

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._palette = palette
        self._states: dict[Stage, tuple[str, int]] = {}
        self._stages: tuple[Stage, ...] = tuple(Stage)
        self.current = Stage.BRIEF
        self.narrow = False
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName("Stages")
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Expanding)

    def sizeHint(self) -> QSize:
        metrics = QFontMetricsF(self.font())
        names = max(metrics.horizontalAdvance(stage.heading) for stage in Stage)
        wide = SIGNS_PX if self.narrow else names + 78
        return QSize(int(wide), int(metrics.height() * 24))

    def set_narrow(self, narrow: bool) -> None:
        """Show signs and states alone, without the names."""
        if narrow != self.narrow:
            self.narrow = narrow
            self.updateGeometry()
            self.update()

    def minimumSizeHint(self) -> QSize:
        row = LEAST_ROW_PX if self.narrow else QFontMetricsF(self.font()).height() * 1.5
        return QSize(self.sizeHint().width(), int(row * len(Stage)))

    def set_palette(self, palette: Palette) -> None:
        """Change the colours."""
        self._palette = palette
        self.update()

    def show_stages(self, stages: tuple[Stage, ...]) -> None:
        """Show just these stages; a job of another kind has fewer."""
        self._stages = stages
        self.update()

    def show_states(self, states: dict[Stage, tuple[str, int]]) -> None:
        """Show the state and number of findings of every stage."""
        self._states = states
        self._tell()
        self.update()

    def set_current(self, stage: Stage) -> None:
        """Mark the stage that is shown."""
        self.current = stage
        self._tell()
        self.update()

    def _tell(self) -> None:
        state, count = self._states.get(self.current, ("empty", 0))
        self.setAccessibleDescription(
            f"{self.current.value}, {state}" + (f", {count} findings" if count else "")
        )

    def _row(self) -> float:
        return min(self.height() / len(Stage), QFontMetricsF(self.font()).height() * 2.5)

    def paintEvent(self, event: QPaintEvent) -> None:
        p = self._palette
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), p.colour("panel"))
        painter.setPen(QPen(p.colour("rule"), 1))
        painter.drawLine(QPointF(self.width() - 0.5, 0), QPointF(self.width() - 0.5, self.height()))
        row = self._row()
        for number, stage in enumerate(self._stages):
            self._paint_row(painter, QRectF(0, number * row, self.width(), row), stage, number)

    def _paint_row(self, painter: QPainter, box: QRectF, stage: Stage, number: int) -> None:
        p = self._palette
        here = stage is self.current
        if here:
            painter.fillRect(box.adjusted(0, 1, 0, -1), p.colour("accent"))
            if self.hasFocus():
                painter.setPen(QPen(p.colour("lit"), 2))
                painter.drawRect(box.adjusted(2, 3, -3, -3))
        ink = p.colour("on_accent" if here else "ink")
        side = min(20.0, box.height() - 2)
        sign = QRectF(box.left() + 22 - side / 2, box.center().y() - side / 2, side, side)
        paint_stage(painter, stage, sign, ink)
        if not self.narrow:
            painter.setFont(sized(1.04, QFont.Weight.DemiBold if here else QFont.Weight.Medium))
            painter.setPen(ink)
            painter.drawText(box.adjusted(42, 0, -30, 0), Qt.AlignmentFlag.AlignVCenter, stage.heading)
        state, count = self._states.get(stage, ("empty", 0))
        shade = {"stop": "stop", "look": "attention", "fine": "good"}.get(state, "quiet")
        ground = p.colour("accent" if here else "panel")
        colour = QColor(p.on_accent) if here else p.colour(shade)
        size = min(13.0, box.height() - 2)
        paint_mark(
            painter, state, QRectF(box.right() - 26, box.center().y() - size / 2, size, size), colour, ground
        )
        if count > 1 and not self.narrow:
            painter.setFont(sized(0.8, QFont.Weight.DemiBold))
            painter.setPen(colour)
            painter.drawText(
                QRectF(box.right() - 42, box.top(), 14, box.height()),
                Qt.AlignmentFlag.AlignCenter,
                str(count),
            )

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QHelpEvent):
            number = int(event.pos().y() / self._row())
            name = self._stages[number].heading if 0 <= number < len(self._stages) else ""
            QToolTip.showText(event.globalPos(), name, self)
            return True
        return super().event(event)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        number = int(event.position().y() / self._row())
        if 0 <= number < len(self._stages):
            self.entered.emit(self._stages[number])

    def keyPressEvent(self, event: QKeyEvent) -> None:
        stages = list(self._stages)
        now = stages.index(self.current) if self.current in stages else 0
        if event.key() == Qt.Key.Key_Down:
            self.chosen.emit(stages[min(now + 1, len(stages) - 1)])
        elif event.key() == Qt.Key.Key_Up:
            self.chosen.emit(stages[max(now - 1, 0)])
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.entered.emit(stages[now])
        else:
            super().keyPressEvent(event)
