"""Tables that show rows of text with a ref each, and the list of findings."""

import csv
import io
from collections.abc import Sequence
from functools import partial
from string import digits
from typing import Any

from PySide6.QtCore import (
    QAbstractListModel,
    QAbstractTableModel,
    QEvent,
    QModelIndex,
    QPersistentModelIndex,
    QRectF,
    QSize,
    Qt,
    QTimer,
    Signal,
)
from PySide6.QtGui import (
    QContextMenuEvent,
    QDropEvent,
    QFont,
    QFontMetrics,
    QGuiApplication,
    QKeyEvent,
    QKeySequence,
    QPainter,
    QPixmap,
)
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QListView,
    QMenu,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTableView,
    QWidget,
)

from firmcell.app.icons import paint_mark
from firmcell.app.language.edge import told
from firmcell.app.sorting import sort_key
from firmcell.app.theme import Palette
from firmcell.core.analysis.findings import Finding
from firmcell.core.base.visible import visible

Index = QModelIndex | QPersistentModelIndex
REF_ROLE = Qt.ItemDataRole.UserRole
ITEM_ROLE = Qt.ItemDataRole.UserRole + 1
MEASURED_ROWS = 60
"""So many rows of a table decide how wide its columns are."""
MOST_OF_LINE = 0.4
"""Part of a finding's line that its fix may take."""


class RowsModel(QAbstractTableModel):
    """Rows of text; the first item of each row is its ref."""

    def __init__(self, headings: Sequence[str], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.headings = tuple(headings)
        self._rows: list[tuple[str, tuple[str, ...]]] = []
        self._given: list[tuple[str, tuple[str, ...]]] = []
        self.order = (-1, False)
        self.movable = False
        self.pictures: dict[str, QPixmap] = {}

    def set_rows(self, rows: Sequence[tuple[str, tuple[str, ...]]]) -> None:
        """Replace all rows: (ref, texts); they keep the order that was chosen."""
        self._given = list(rows)
        rows = self._in_order()
        if rows == self._rows:
            return
        if len(rows) == len(self._rows):
            other = [n for n, (now, before) in enumerate(zip(rows, self._rows, strict=True)) if now != before]
            self._rows = rows
            self.dataChanged.emit(self.index(other[0], 0), self.index(other[-1], len(self.headings) - 1))
            return
        self.beginResetModel()
        self._rows = rows
        self.endResetModel()

    def _in_order(self) -> list[tuple[str, tuple[str, ...]]]:
        column, falling = self.order
        if column < 0:
            return self._given
        told = [row for row in self._given if row[1][column].strip()]
        # What is empty stands last, rising or falling.
        empty = [row for row in self._given if not row[1][column].strip()]
        return [*sorted(told, key=lambda row: sort_key(row[1][column]), reverse=falling), *empty]

    def sort(self, column: int, order: Qt.SortOrder = Qt.SortOrder.AscendingOrder) -> None:
        """Put the rows in order by a column; by none (-1) they stand as they were given."""
        self.order = column, order is Qt.SortOrder.DescendingOrder
        self.layoutAboutToBeChanged.emit()
        before = self._rows
        self._rows = self._in_order()
        if before != self._rows:
            places = {row: n for n, row in enumerate(self._rows)}
            for index in self.persistentIndexList():
                self.changePersistentIndex(index, self.index(places[before[index.row()]], index.column()))
        self.layoutChanged.emit()

    def as_csv(self) -> str:
        """All rows as they stand, under their headings."""
        held = io.StringIO()
        writer = csv.writer(held)
        writer.writerow(self.headings)
        writer.writerows(texts for _, texts in self._rows)
        return held.getvalue()

    def rowCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008
        return 0 if parent.isValid() else len(self._rows)

    def columnCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008
        return len(self.headings)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        ref, texts = self._rows[index.row()]
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.ToolTipRole):
            return told(visible(texts[index.column()]))
        if role == REF_ROLE:
            return ref
        if role == Qt.ItemDataRole.DecorationRole and index.column() == 0:
            return self.pictures.get(ref)
        return None

    def flags(self, index: Index) -> Qt.ItemFlag:
        flags = super().flags(index)
        if not self.movable:
            return flags
        return flags | Qt.ItemFlag.ItemIsDragEnabled | Qt.ItemFlag.ItemIsDropEnabled

    def headerData(
        self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole
    ) -> Any:
        if role == Qt.ItemDataRole.DisplayRole and orientation == Qt.Orientation.Horizontal:
            by, falling = self.order
            sign = (" ▾" if falling else " ▴") if section == by else ""
            return told(self.headings[section]) + sign
        return None


def _of_one_width(font: QFont) -> dict[int, str]:
    """What takes each digit for a nought, where a font gives all of them the same width: of figures that
    change no column is measured anew."""
    widths = {QFontMetrics(font).horizontalAdvance(digit) for digit in digits}
    return dict.fromkeys(map(ord, digits), "0") if len(widths) == 1 else {}


class RowsTable(QTableView):
    """A table of rows that tells the ref of the row picked."""

    picked = Signal(str)
    chosen = Signal(str)
    moved = Signal(str, str)

    def __init__(
        self, headings: Sequence[str], name: str, wide: int = -1, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.rows = RowsModel(headings, self)
        self.setModel(self.rows)
        self.setAccessibleName(name)
        self.setAlternatingRowColors(True)
        self.setShowGrid(False)
        self.setWordWrap(False)
        self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.setTabKeyNavigation(False)
        self.verticalHeader().hide()
        self.verticalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        self.verticalHeader().setDefaultSectionSize(QFontMetrics(self.font()).height() + 8)
        header = self.horizontalHeader()
        header.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft)
        # By so many rows: to look at ten thousand takes a second, and a table not yet shown looks at all it
        # has.
        header.setResizeContentsPrecision(MEASURED_ROWS)
        header.setHighlightSections(False)
        # Qt's own sign of the order takes room in every heading; the model puts one beside its name.
        header.setSectionsClickable(True)
        header.sectionClicked.connect(self._clicked)
        self._sortable = True
        self._wide, self._least_em = wide, 0
        self._held: list[tuple[str, ...] | None] = [None] * len(headings)
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(0)
        self._later.timeout.connect(self._fit_anew)
        if wide >= 0:
            header.setSectionResizeMode(wide, QHeaderView.ResizeMode.Stretch)
        self.selectionModel().currentChanged.connect(
            lambda now, _: self.picked.emit(str(now.data(REF_ROLE) or ""))
        )
        self.activated.connect(lambda index: self.chosen.emit(str(index.data(REF_ROLE) or "")))

    def set_rows(self, rows: Sequence[tuple[str, tuple[str, ...]]]) -> None:
        """Replace all rows and keep the height to what is needed, up to a dozen rows."""
        self.rows.set_rows(rows)
        self._fit_columns(rows)
        line = QFontMetrics(self.font()).height() + 9
        self.setMinimumHeight(line * (min(len(rows), 12) + 1) + 6)

    def show_pictures(self, pictures: dict[str, QPixmap], size: QSize) -> None:
        """Show a small picture before each row, by its ref."""
        self.rows.pictures = pictures
        self.setIconSize(size)
        self.verticalHeader().setDefaultSectionSize(size.height() + 6)
        self.resizeColumnToContents(0)
        self.viewport().update()

    def _fit_columns(self, rows: Sequence[tuple[str, tuple[str, ...]]]) -> None:
        """Make columns as wide as what they hold, where that is not what it was: a header that does so by
        itself measures every text of every column at every record."""
        alike = _of_one_width(self.font())
        for column, before in enumerate(self._held):
            held = tuple(told(texts[column]).translate(alike) for _, texts in rows[:MEASURED_ROWS])
            if held != before and column != self._wide:
                self._held[column] = held
                self.resizeColumnToContents(column)

        self._keep_room()

    def _keep_room(self) -> None:
        """Where there is no room the window scrolls: the column that says what it is is never squeezed
        out."""
        if self._least_em and self._wide >= 0:
            others = sum(self.columnWidth(n) for n in range(len(self._held)) if n != self._wide)
            em = QFontMetrics(self.font()).height()
            self.setMinimumWidth(
                others + self._least_em * em + 2 * self.verticalScrollBar().sizeHint().width()
            )

    def keep_wide(self, em: int) -> None:
        """Let the wide column be at least so many heights of letters wide."""
        self._least_em = em

    def changeEvent(self, event: QEvent) -> None:
        """Another font or style: every column is measured anew."""
        super().changeEvent(event)
        if event.type() in (QEvent.Type.FontChange, QEvent.Type.StyleChange):
            # A look that changes tells each table so a dozen times over.
            self._later.start()

    def _fit_anew(self) -> None:
        for column, held in enumerate(self._held):
            if held is not None:
                self.resizeColumnToContents(column)
        self._keep_room()

    def let_move(self) -> None:
        """Let rows be dragged on to each other; `moved` tells the ref of the one and of the other."""
        self.rows.movable = True
        # The order of these rows is what they tell.
        self._sortable = False
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)

    def dropEvent(self, event: QDropEvent) -> None:
        """A row let go on another: what shows the rows decides what becomes of them."""
        onto = self.indexAt(event.position().toPoint())
        # Taken as a copy, so that the view takes no row away itself.
        event.setDropAction(Qt.DropAction.CopyAction)
        event.accept()
        if onto.isValid():
            self.moved.emit(str(self.currentIndex().data(REF_ROLE) or ""), str(onto.data(REF_ROLE) or ""))

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        self.menu_of_table().exec(event.globalPos())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.matches(QKeySequence.StandardKey.Copy):
            self.copy_row()
        else:
            super().keyPressEvent(event)

    def menu_of_table(self) -> QMenu:
        """What can be done with the table: the Menu key brings it too."""
        menu = QMenu(self)
        menu.addAction("&Copy the row", self.copy_row)
        menu.addAction(
            "Copy the &table as CSV", lambda: QGuiApplication.clipboard().setText(self.rows.as_csv())
        )
        if self._sortable:
            menu.addSeparator()
            for column in range(self.rows.columnCount()):
                name = self.rows.headings[column]
                if name:
                    menu.addAction(f"In order of {name}", partial(self._sort, column))
            menu.addAction("As it &was", partial(self._sort, -1))
        return menu

    def _clicked(self, column: int) -> None:
        """A heading is clicked: rising, then falling, then as the rows were given."""
        by, falling = self.rows.order
        if by != column:
            self._sort(column)
        elif not falling:
            self._sort(column, Qt.SortOrder.DescendingOrder)
        else:
            self._sort(-1)

    def _sort(self, column: int, order: Qt.SortOrder = Qt.SortOrder.AscendingOrder) -> None:
        if self._sortable:
            self.rows.sort(column, order)
            self._fit_anew()

    def copy_row(self) -> None:
        """Copy the row picked, its texts parted by tabs."""
        row = self.currentIndex().row()
        if row >= 0:
            texts = (str(self.rows.index(row, c).data()) for c in range(self.rows.columnCount()))
            QGuiApplication.clipboard().setText("\t".join(texts))

    def pick(self, ref: str) -> None:
        """Select the row of `ref`, if it is there."""
        for row in range(self.rows.rowCount()):
            if self.rows.index(row, 0).data(REF_ROLE) == ref:
                self.setCurrentIndex(self.rows.index(row, 0))
                return


def low(table: RowsTable, rows: int = 3) -> None:
    """Let a table that shares its height with others be as low as a few rows."""
    table.setMinimumHeight((QFontMetrics(table.font()).height() + 9) * (rows + 1))


class ItemsModel(QAbstractListModel):
    """A list of things, each told whole to its delegate under `ITEM_ROLE`; subclasses say each in words and
    in its tip."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.items: tuple[Any, ...] = ()

    def set_items(self, items: tuple[Any, ...]) -> None:
        """Replace all; what is the same stays as it is, with its row picked."""
        if self.same(items):
            return
        self.beginResetModel()
        self.items = items
        self.endResetModel()

    def same(self, items: tuple[Any, ...]) -> bool:
        """Whether these are the things shown, in every part that is shown."""
        return items == self.items

    def rowCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008
        return 0 if parent.isValid() else len(self.items)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        item = self.items[index.row()]
        if role == ITEM_ROLE:
            return item
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return self.words(item)
        return self.tip(item) if role == Qt.ItemDataRole.ToolTipRole else None

    def words(self, item: Any) -> str:
        """An item in one line; what a screen reader says."""
        raise NotImplementedError

    def tip(self, item: Any) -> str:
        """What more there is to know of it."""
        raise NotImplementedError


class FindingsModel(ItemsModel):
    """The findings, worst first."""

    def same(self, items: tuple[Any, ...]) -> bool:
        """Findings with other fixes compare as equal, but show other words."""
        return super().same(items) and all(a.fix == b.fix for a, b in zip(items, self.items, strict=True))

    def words(self, item: Finding) -> str:
        fix = f" Fix: {item.fix.words}." if item.fix else ""
        return f"{item.severity.word}, {item.stage.value}, {item.code}: {item.sentence}{fix}"

    def tip(self, item: Finding) -> str:
        fix = f"\nFix: {item.fix.words}" if item.fix else ""
        return f"{item.sentence}\n{item.reason}\nSource: {item.source}{fix}"


class _FindingDelegate(QStyledItemDelegate):
    """One line: mark, code, sentence, and at the right the fix."""

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.palette = palette

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        return QSize(100, QFontMetrics(option.font).height() + 9)

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        finding: Finding = index.data(ITEM_ROLE)
        p = self.palette
        picked = bool(option.state & QStyle.StateFlag.State_Selected)
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(option.rect, p.colour("accent" if picked else "raised"))
        ink = p.colour("on_accent" if picked else "ink")
        quiet = p.colour("on_accent" if picked else "quiet")
        word = finding.severity.word
        shade = ink if picked else p.colour(word)
        box = QRectF(option.rect)
        size = box.height() - 13
        paint_mark(
            painter,
            word,
            QRectF(box.left() + 10, box.top() + 6.5, size, size),
            shade,
            p.colour("accent" if picked else "raised"),
        )
        bold = QFont(option.font)
        bold.setWeight(QFont.Weight.DemiBold)
        metrics = QFontMetrics(bold)
        x = box.left() + 16 + size
        painter.setFont(bold)
        painter.setPen(shade)
        width = metrics.horizontalAdvance("attention ") + 4
        centre = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft
        painter.drawText(QRectF(x, box.top(), width, box.height()), centre, word)
        x += width
        painter.setFont(option.font)
        painter.setPen(quiet)
        width = metrics.horizontalAdvance("LE-10  ") + 2
        painter.drawText(QRectF(x, box.top(), width, box.height()), centre, finding.code)
        x += width
        right = box.right() - 10
        if finding.fix:
            text = f"Ctrl+. {finding.fix.words}" if picked else finding.fix.words
            # The sentence comes first: a long fix gives way, and is whole in the tip.
            text = QFontMetrics(bold).elidedText(
                text, Qt.TextElideMode.ElideRight, int(box.width() * MOST_OF_LINE)
            )
            painter.setFont(bold)
            painter.setPen(p.colour("on_accent" if picked else "accent"))
            width = metrics.horizontalAdvance(text) + 6
            painter.drawText(
                QRectF(right - width, box.top(), width, box.height()),
                Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight,
                text,
            )
            right -= width + 14
            painter.setFont(option.font)
        painter.setPen(ink)
        sentence = QFontMetrics(option.font).elidedText(
            finding.sentence, Qt.TextElideMode.ElideRight, int(right - x)
        )
        painter.drawText(QRectF(x, box.top(), right - x, box.height()), centre, visible(sentence))
        painter.restore()


class FindingsList(QListView):
    """Findings always in sight; Enter goes to the place, Ctrl+. applies the fix."""

    go = Signal(object)

    def __init__(self, palette: Palette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAccessibleName("Findings, worst first")
        self.findings = FindingsModel(self)
        self.setModel(self.findings)
        self._delegate = _FindingDelegate(palette, self)
        self.setItemDelegate(self._delegate)
        self.setUniformItemSizes(True)
        self.activated.connect(self._go)
        self.clicked.connect(self._go)

    def _go(self, index: QModelIndex) -> None:
        self.go.emit(index.data(ITEM_ROLE))

    def set_palette(self, palette: Palette) -> None:
        """Change the colours."""
        self._delegate.palette = palette
        self.viewport().update()

    def picked_or_first(self) -> Finding | None:
        """The finding picked, or the worst; None if there is none."""
        index = self.currentIndex()
        if not index.isValid():
            index = self.findings.index(0, 0)
        return index.data(ITEM_ROLE) if self.findings.rowCount() else None

    def current(self) -> Finding | None:
        """The finding picked, or the first that has a fix."""
        index = self.currentIndex()
        if index.isValid():
            return index.data(ITEM_ROLE)  # type: ignore[no-any-return]
        rows = (self.findings.index(i, 0).data(ITEM_ROLE) for i in range(self.findings.rowCount()))
        return next((f for f in rows if f.fix), None)
