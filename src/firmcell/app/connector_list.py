"""The connector picker: each class by its mating face, best first, with what speaks against it."""

from PySide6.QtCore import (
    QModelIndex,
    QPersistentModelIndex,
    QRectF,
    QSize,
    Qt,
    Signal,
)
from PySide6.QtGui import QFont, QFontMetrics, QPainter
from PySide6.QtWidgets import (
    QAbstractItemView,
    QListView,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QWidget,
)

from firmcell.app.drawing_paint import paint_drawing
from firmcell.app.icons import paint_mark
from firmcell.app.tables import ITEM_ROLE, ItemsModel
from firmcell.app.theme import Palette, sized
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import amperes, celsius
from firmcell.core.leads.connectors import ConnectorFit
from firmcell.core.pictures.connector_faces import connector_face

Index = QModelIndex | QPersistentModelIndex
ROWS_SHOWN = 4


def _mark(fit: ConnectorFit) -> str:
    return "stop" if fit.stops else "look" if fit.marks else "fine"


class ConnectorModel(ItemsModel):
    """Classes of connector against what is asked, best first."""

    def words(self, item: ConnectorFit) -> str:
        return f"{item.connector.name}: {item.words}; carries {amperes(item.limit_a)}"

    def tip(self, item: ConnectorFit) -> str:
        c = item.connector
        return (
            f"{c.name}\nOn the pack: {c.pack_half}\n{c.polarity_mark}\n"
            f"Peak {amperes(c.current_peak_a)}, contacts about {celsius(item.contact_k)} at the steady current"
        )


class _ConnectorDelegate(QStyledItemDelegate):
    """Face at the left, then name, verdict and figures."""

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.palette = palette

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        return QSize(240, round(QFontMetrics(option.font).height() * 3.6))

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        fit: ConnectorFit = index.data(ITEM_ROLE)
        p = self.palette
        picked = bool(option.state & QStyle.StateFlag.State_Selected)
        painter.save()
        box = QRectF(option.rect)
        painter.fillRect(box, p.colour("accent" if picked else "raised"))
        ink, quiet = (p.colour("on_accent"),) * 2 if picked else (p.colour("ink"), p.colour("quiet"))
        wide = box.height() * 1.6
        card = QRectF(box.left() + 4, box.top() + 4, wide, box.height() - 8)
        painter.fillRect(card, p.colour("bench"))
        paint_drawing(painter, connector_face(fit.connector), card.adjusted(6, 4, -6, -4), p)
        text = box.adjusted(wide + 14, 5, -28, -5)
        line = QFontMetrics(option.font).height()
        left = Qt.AlignmentFlag.AlignLeft
        painter.setPen(ink)
        painter.setFont(sized(1.0, QFont.Weight.DemiBold))
        name = QFontMetrics(painter.font()).elidedText(
            visible(fit.connector.name), Qt.TextElideMode.ElideRight, int(text.width())
        )
        painter.drawText(text, left, name)
        painter.setFont(option.font)
        painter.setPen(quiet)
        figures = f"{amperes(fit.limit_a)} with this wire, {amperes(fit.connector.current_peak_a)} peak"
        painter.drawText(text.adjusted(0, line * 1.05, 0, 0), left, figures)
        shade = {"stop": "stop", "look": "attention", "fine": "good"}[_mark(fit)]
        painter.setPen(p.colour("on_accent") if picked else p.colour(shade))
        words = QFontMetrics(option.font).elidedText(
            visible(fit.words), Qt.TextElideMode.ElideRight, int(text.width())
        )
        painter.drawText(text.adjusted(0, line * 2.1, 0, 0), left, words)
        ground = p.colour("accent" if picked else "raised")
        paint_mark(
            painter,
            _mark(fit),
            QRectF(box.right() - 22, box.top() + 8, 13, 13),
            p.colour("on_accent") if picked else p.colour(shade),
            ground,
        )
        painter.restore()


class ConnectorList(QListView):
    """Pick a connector by its face; Enter selects it."""

    chosen = Signal(str)

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.fits = ConnectorModel(self)
        self.setModel(self.fits)
        self._delegate = _ConnectorDelegate(palette, self)
        self.setItemDelegate(self._delegate)
        self.setAccessibleName("Connectors, best first")
        self.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.activated.connect(lambda index: self.chosen.emit(index.data(ITEM_ROLE).connector.name))
        self.setMinimumHeight(round(self.fontMetrics().height() * 3.6) * ROWS_SHOWN + 6)

    def set_palette(self, palette: Palette) -> None:
        """Change the colours."""
        self._delegate.palette = palette
        self.viewport().update()

    def show_fits(self, fits: tuple[ConnectorFit, ...], present: str) -> None:
        """Show the classes; the one in the design is picked."""
        if fits != self.fits.items:
            self.fits.set_items(fits)
        names = [fit.connector.name for fit in fits]
        if present in names and not self.hasFocus():
            self.setCurrentIndex(self.fits.index(names.index(present)))
