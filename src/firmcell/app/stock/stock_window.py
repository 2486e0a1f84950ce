"""The cells of the workshop: drawers at left, their cells, one cell at right, and readings typed below."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QSettings, Qt
from PySide6.QtGui import QKeySequence, QShortcut
from PySide6.QtWidgets import (
    QAbstractItemView,
    QDialog,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QMenu,
    QPushButton,
    QScrollArea,
    QSplitter,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.stock.cell_card import CellCard
from firmcell.app.stock.reading_line import ReadingLine
from firmcell.app.stock.stock_acts import StockActs
from firmcell.app.stock.stock_rows import ALL, HEADINGS, WHERE_COLUMN, Judge, counted, places, shown_by
from firmcell.app.stock.stock_state import StockState
from firmcell.app.tables import REF_ROLE, RowsTable, low
from firmcell.app.theme import Palette, sized
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.stock.cell_line import CellLine

if TYPE_CHECKING:
    from firmcell.register.register import Register

EMPTY = "No cell is in the register yet. Take new cells in, read a table of cells, or look round in the drawers of the demo farm."


class StockWindow(QDialog):
    """Everything that is known of the workshop's cells.

    Parameters
    ----------
    library : PartLibrary
        Classes that cells are judged by.
    settings : QSettings
        Who is at the bench.
    place : str
        Of the register; "" as it is set up.
    demo : Path
        Folder of the demo.
    """

    def __init__(
        self,
        library: PartLibrary,
        settings: QSettings,
        look: Palette,
        demo: Path,
        place: str = "",
        parent: QWidget | None = None,
    ) -> None:
        super().__init__(parent)
        self.settings, self.demo = settings, demo
        self.judge = Judge(library.of(Cell))
        self.state = StockState(place, self)
        self.acts = StockActs(self)
        self.setWindowTitle("Cells in stock")
        self._make_widgets(look)
        self._make_keys()
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(76 * em, 46 * em)
        fit_on_desktop(self)
        self.state.opened.connect(self._opened)
        self.state.changed.connect(self._changed)
        self.state.told.connect(self._told)
        self.state.open()

    def _make_widgets(self, look: Palette) -> None:
        column = QVBoxLayout(self)
        column.addLayout(self._top())
        column.addWidget(self._middle(look), 1)
        self.reading = ReadingLine(self.with_serial, lambda line: self.judge.classes.get(line.class_name))
        column.addWidget(self.reading)
        column.addLayout(self._bottom())
        self._connect()
        self._enable()

    def _top(self) -> QHBoxLayout:
        """The search, and what can be done."""
        top, acts = QHBoxLayout(), self.acts
        self.search = QLineEdit()
        self.search.setPlaceholderText("Serial, class, lot, drawer or job; or scan a code")
        self.search.setAccessibleName("Find cells")
        self.search.setClearButtonEnabled(True)
        self.search.textChanged.connect(lambda _: self._show())
        self.search.returnPressed.connect(self._open_found)
        label = PlainLabel("&Find")
        label.setBuddy(self.search)
        top.addWidget(label)
        top.addWidget(self.search, 1)
        self.buttons: dict[str, QPushButton] = {}
        for name, words, call in (
            ("new", "&New cells…", acts.new_cells),
            ("move", "&Move…", acts.move_picked),
            ("describe", "&What it is…", acts.describe_picked),
            ("import", "Read a &table…", acts.choose_table),
            ("csv", "Write C&SV…", acts.write_csv),
            ("labels", "&Labels", lambda: None),
        ):
            button = QPushButton(words)
            button.setAutoDefault(False)
            button.clicked.connect(lambda _=False, call=call: call())
            top.addWidget(button)
            self.buttons[name] = button
        labels = QMenu(self)
        labels.addAction("For the &wraps of the cells…").triggered.connect(
            lambda _=False: acts.write_labels()
        )
        labels.addAction("For the &drawers…").triggered.connect(lambda _=False: acts.write_tray_labels())
        self.buttons["labels"].setMenu(labels)
        return top

    def _middle(self, look: Palette) -> QSplitter:
        """Places, cells, and one cell."""
        split = QSplitter(Qt.Orientation.Horizontal)
        self.places = RowsTable(("Place", "Cells"), "Drawers, jobs and scrap", 0)
        self.table = RowsTable(HEADINGS, "Cells; Enter reads one", WHERE_COLUMN)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.card = CellCard(look)
        middle = QWidget()
        inside = QVBoxLayout(middle)
        inside.setContentsMargins(0, 0, 0, 0)
        inside.addWidget(self.table, 1)
        self.empty = PlainLabel(EMPTY)
        self.empty.setWordWrap(True)
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.empty.setFont(sized(1.2))
        self.empty.hide()
        inside.addWidget(self.empty, 1)
        self.count = PlainLabel()
        self.count.setObjectName("quiet")
        inside.addWidget(self.count)
        # In low windows the cell scrolls.
        beside = QScrollArea()
        beside.setWidget(self.card)
        beside.setWidgetResizable(True)
        beside.setFrameShape(QFrame.Shape.NoFrame)
        beside.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.places.setMinimumWidth(self.fontMetrics().horizontalAdvance("no drawer told MM 1000"))
        for part, share in ((self.places, 3), (middle, 12), (beside, 6)):
            split.addWidget(part)
            split.setStretchFactor(split.count() - 1, share)
        em = self.fontMetrics().height()
        split.setSizes([8 * em, 47 * em, 21 * em])
        split.setChildrenCollapsible(False)
        return split

    def _bottom(self) -> QHBoxLayout:
        """How the register stands."""
        bottom = QHBoxLayout()
        self.said = PlainLabel("Opening the register …")
        self.said.setWordWrap(True)
        self.said.setAccessibleName("State of the register")
        bottom.addWidget(self.said, 1)
        self.refused = QPushButton("Not &taken by the server…")
        self.farm = QPushButton("The demo far&m’s drawers")
        for button, call in (
            (self.refused, self.acts.show_refusals),
            (self.farm, lambda: self.state.open_demo(self.demo)),
        ):
            button.setAutoDefault(False)
            button.clicked.connect(lambda _=False, call=call: call())
            button.hide()
            bottom.addWidget(button)
        return bottom

    def _connect(self) -> None:
        acts = self.acts
        self.places.picked.connect(lambda _: self._show())
        self.table.picked.connect(self._picked)
        self.table.selectionModel().selectionChanged.connect(lambda *_: self._enable())
        self.table.chosen.connect(acts.read)
        self.card.taken_back.connect(acts.take_back)
        self.reading.written.connect(acts.write_test)
        self.reading.found.connect(lambda line: self.pick(line.key))
        self.reading.unknown.connect(acts.unknown)

    def _make_keys(self) -> None:
        for keys, call in (
            (QKeySequence.StandardKey.Find, self._to_search),
            (QKeySequence("F8"), self._to_reading),
            (QKeySequence("F9"), self.acts.read_instrument),
            (QKeySequence.StandardKey.Undo, self.acts.undo),
        ):
            QShortcut(QKeySequence(keys), self).activated.connect(call)

    def _to_search(self) -> None:
        self.search.setFocus()
        self.search.selectAll()

    def _to_reading(self) -> None:
        self.reading.serial.setFocus()

    # -- the register ------------------------------------------------------------------------------------

    @property
    def register(self) -> "Register | None":
        """The register, once it is open."""
        return self.state.register

    @property
    def lines(self) -> dict[str, CellLine]:
        """Every cell, by key."""
        return self.state.lines

    @property
    def person(self) -> str:
        """Who is at the bench."""
        return str(self.settings.value("person", ""))

    def _opened(self) -> None:
        self.places.setCurrentIndex(self.places.rows.index(0, 0))
        self.search.setFocus()

    def _changed(self, key: str) -> None:
        self._show_places()
        self._show()
        if key:
            self._picked(self._current())

    def _told(self, sentence: str) -> None:
        self.said.setText(sentence)
        there, refused = bool(self.lines), self.state.refused
        self.table.setVisible(there)
        self.empty.setVisible(not there)
        self.farm.setVisible(not there and self.register is not None)
        self.refused.setVisible(refused > 0)
        self.refused.setText(f"Not &taken by the server: {refused}…")

    # -- what is shown -----------------------------------------------------------------------------------

    def _show_places(self) -> None:
        now = str(self.places.currentIndex().data(REF_ROLE) or ALL)
        rows = places(self.lines.values())
        self.places.set_rows(rows)
        low(self.places)
        refs = [ref for ref, _ in rows]
        self.places.setCurrentIndex(self.places.rows.index(refs.index(now) if now in refs else 0, 0))

    def _show(self) -> None:
        place = str(self.places.currentIndex().data(REF_ROLE) or ALL)
        shows = shown_by(place, self.search.text())
        picked = self.picked_keys()
        lines = sorted(filter(shows, self.lines.values()), key=self.judge.order)
        self.table.set_rows([self.judge.row(line) for line in lines])
        low(self.table)
        # Every serial is whole: the table measures its first rows only.
        longest = max((line.serial for line in lines), key=len, default="")
        wide = self.table.fontMetrics().horizontalAdvance(f"{longest}MM")
        self.table.setColumnWidth(0, max(wide, self.table.columnWidth(0)))
        self.count.setText(counted(len(lines), len(self.lines)))
        if picked and picked[0] != self._current():
            self.pick(picked[0], show_all=False)
        self._enable()

    def _current(self) -> str:
        return str(self.table.currentIndex().data(REF_ROLE) or "")

    def picked_keys(self) -> list[str]:
        """Keys of the cells that are picked in the list."""
        return [str(index.data(REF_ROLE)) for index in self.table.selectionModel().selectedRows()]

    def picked_lines(self) -> list[CellLine]:
        """The cells that are picked in the list."""
        return [self.lines[key] for key in self.picked_keys() if key in self.lines]

    def pick(self, key: str, show_all: bool = True) -> None:
        """Pick a cell in the list; where it is not among those shown, all are shown."""
        for again in (False, True):
            for row in range(self.table.rows.rowCount()):
                index = self.table.rows.index(row, 0)
                if index.data(REF_ROLE) == key:
                    self.table.setCurrentIndex(index)
                    self.table.scrollTo(index)
                    return
            if again or not show_all:
                return
            self.search.clear()
            self.places.setCurrentIndex(self.places.rows.index(0, 0))

    def _picked(self, key: str) -> None:
        register, line = self.register, self.lines.get(key)
        if register is None or line is None:
            self.card.show_cell(None, None)
        else:
            self.card.show_cell(register.history(key), self.judge.classes.get(line.class_name))
        self._enable()

    def _enable(self) -> None:
        there = self.register is not None
        picked = self.picked_keys()
        for name in ("new", "import"):
            self.buttons[name].setEnabled(there)
        for name in ("csv", "labels"):
            self.buttons[name].setEnabled(there and self.table.rows.rowCount() > 0)
        self.buttons["move"].setEnabled(bool(picked))
        self.buttons["describe"].setEnabled(len(picked) == 1)
        self.reading.setEnabled(there)

    def with_serial(self, serial: str) -> CellLine | None:
        """The cell with a serial, or None."""
        return self.register.knows(serial) if self.register is not None else None

    def _open_found(self) -> None:
        """A serial typed or scanned whole goes to its cell; else the first that is shown is picked."""
        line = self.with_serial(self.search.text().strip())
        if line is not None:
            self.search.clear()
            self.pick(line.key)
        elif self.table.rows.rowCount():
            self.table.setCurrentIndex(self.table.rows.index(0, 0))
        self.table.setFocus()

    def done(self, result: int) -> None:
        """Let go of the register."""
        self.state.close()
        super().done(result)
