"""The packs that would do a brief, as small true pictures beside it while it is typed."""

from PySide6.QtCore import QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QIcon, QPainter, QPixmap
from PySide6.QtWidgets import QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from firmcell.app.background import Search
from firmcell.app.drawing_paint import paint_drawing
from firmcell.app.plain import PlainLabel
from firmcell.app.theme import Palette
from firmcell.core.analysis.analyse import analyse
from firmcell.core.changes.choices import PackChoice, pack_choices
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import Face
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.hand_order import without_wires
from firmcell.core.stock.at_hand import NOTHING, AtHand

LIGHTEST_FIRST = "These would do it, the lightest first. The first is made unless you pick another."
STOCK_FIRST = "These would do it, those of cells in stock first. The first is made unless you pick another."
NEAREST = "No pack does all of it; this one comes nearest."
ASK_MS = 350
"""After the last key, ms until packs are looked for."""
PICTURE_EM = (8.0, 5.0)
"""Width and height of a picture in heights of letters."""
ASK_FIRST = "As soon as voltages and current are there, packs that would do it appear here."


class PackChoices(QWidget):
    """Packs to choose from; `cell` is that of the pack picked."""

    changed = Signal()

    def __init__(
        self, library: PartLibrary, palette: Palette, inch: bool = False, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.inch = inch
        self.library, self.look = library, palette
        self.shown: tuple[PackChoice, ...] = ()
        self.at_hand = NOTHING
        self._search: Search | None = None
        self._asked: tuple[Brief, Welder | None] | None = None
        self._picked = ""
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self.told = PlainLabel(ASK_FIRST)
        self.told.setWordWrap(True)
        self.told.setObjectName("quiet")
        column.addWidget(self.told)
        self.list = QListWidget()
        self.list.setAccessibleName("Packs that would do it; the one picked is made")
        self.list.setWordWrap(True)
        em = self.fontMetrics().height()
        self.list.setIconSize(QSize(round(PICTURE_EM[0] * em), round(PICTURE_EM[1] * em)))
        self.list.setMinimumSize(18 * em, 12 * em)
        self.list.currentRowChanged.connect(self._pick)
        column.addWidget(self.list, 1)
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(ASK_MS)
        self._later.timeout.connect(self._begin)

    @property
    def cell(self) -> Cell | None:
        """The cell of the pack that is picked, or of the first; None while there is none."""
        picked = (c.cell for c in self.shown if c.cell.name == self._picked)
        return next(picked, self.shown[0].cell if self.shown else None)

    def ask(self, brief: Brief | None, welder: Welder | None) -> None:
        """Look for packs that do a brief, a moment after the last key; None while too little is told."""
        asked = (brief, welder) if brief is not None else None
        if asked == self._asked:
            return
        self._asked = asked
        self.stop()
        if asked is None:
            self._show(())
            self.told.setText(ASK_FIRST)
        else:
            self.told.setText("Looking for packs that would do it …")
            self._later.start()

    def take_stock(self, at_hand: AtHand) -> None:
        """Look again with what the shop has."""
        asked = self._asked
        self.at_hand, self._asked = at_hand, None
        if asked is not None:
            self.ask(*asked)

    def stop(self) -> None:
        """Look no further."""
        self._later.stop()
        if self._search is not None:
            self._search.give_up()
            self._search = None

    def _begin(self) -> None:
        assert self._asked is not None
        brief, welder = self._asked
        at_hand = self.at_hand
        self._search = Search(lambda: pack_choices(brief, self.library, welder, at_hand=at_hand), self)
        self._search.progressed.connect(self._show)
        self._search.finished.connect(self._end)
        self._search.refused.connect(self._refused)
        self._search.start()

    def _end(self, found: tuple[PackChoice, ...]) -> None:
        self._search = None
        self._show(found)

    def _refused(self, sentence: str) -> None:
        self._search = None
        self._show(())
        self.told.setText(sentence)

    def _show(self, found: tuple[PackChoice, ...]) -> None:
        self.shown = found
        self.list.blockSignals(True)
        self.list.clear()
        for choice in found:
            item = QListWidgetItem(f"{choice.title}\n{choice.words(self.inch)}")
            item.setIcon(QIcon(self._picture(choice)))
            self.list.addItem(item)
        names = [c.cell.name for c in found]
        self.list.setCurrentRow(names.index(self._picked) if self._picked in names else -1)
        self.list.blockSignals(False)
        if found:
            self.told.setText(
                NEAREST if found[0].lacks else STOCK_FIRST if found[0].in_stock else LIGHTEST_FIRST
            )
        self.changed.emit()

    def _pick(self, row: int) -> None:
        self._picked = self.shown[row].cell.name if 0 <= row < len(self.shown) else ""
        self.changed.emit()

    def _picture(self, choice: PackChoice) -> QPixmap:
        """Its upper face as it would be, to the scale of the widest; nothing until it is worked out."""
        ratio, size = self.devicePixelRatioF(), self.list.iconSize()
        picture = QPixmap(size * ratio)
        picture.setDevicePixelRatio(ratio)
        picture.fill(Qt.GlobalColor.transparent)
        if choice.design is None:
            return picture
        longest = max(c.size_m[0] for c in self.shown if c.size_m is not None)
        assert choice.size_m is not None
        face = without_wires(face_drawing(choice.design, analyse(choice.design, self.library), Face.TOP))
        share = choice.size_m[0] / longest
        box = QRectF(0, 0, size.width() * share, size.height())
        box.moveCenter(QRectF(0, 0, size.width(), size.height()).center())
        painter = QPainter(picture)
        paint_drawing(painter, face, box, self.look)
        painter.end()
        return picture
