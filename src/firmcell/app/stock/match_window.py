"""Cells of the drawers matched into the pack that is open: which may go in, what they give, and who stands
where."""

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QFormLayout,
    QHBoxLayout,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from firmcell.app.background import Task
from firmcell.app.form_dialog import fit_on_desktop, let_scroll
from firmcell.app.plain import PlainLabel
from firmcell.app.session import Session, guarded
from firmcell.app.stock.stock_forms import choice
from firmcell.app.stock.stock_state import StockState
from firmcell.app.tables import REF_ROLE, RowsTable, low
from firmcell.core.base.refusal import Refusal
from firmcell.core.records.build_state import StepStatus
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.fitting import DRY_FIT
from firmcell.core.stock.into_pack import Limits, Order
from firmcell.core.stock.matched_into import Matched, Question, match_into
from firmcell.core.stock.matching import ALIKE
from firmcell.store.units import parse

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

ORDERS = {order: order.value for order in Order}


class MatchWindow(QDialog):
    """Limits at left, groups and picking list at right, and what it gives above them.

    Signals
    -------
    taken : the cells were put into the design and, in the register, into the job.
    """

    taken = Signal()

    def __init__(self, window: "MainWindow", session: Session, place: str = "") -> None:
        super().__init__(window)
        self.window_, self.session = window, session
        self.found: Matched | None = None
        self._task: Task | None = None
        self.locked: dict[str, int] = {}
        design = session.design
        self.setWindowTitle(f"Match cells into {design.brief.title or 'the pack'}")
        outer = QHBoxLayout(self)
        outer.addWidget(self._limits())
        outer.addLayout(self._result(), 1)
        let_scroll(self)
        em = self.fontMetrics().height()
        self.resize(62 * em, 36 * em)
        fit_on_desktop(self)
        self.state = StockState(place, self)
        self.state.opened.connect(self._opened)
        self.state.told.connect(self._told)
        self.state.open()

    @property
    def job(self) -> str:
        """What the register calls this job."""
        return self.session.design.brief.title or self.session.path.stem

    def _limits(self) -> QWidget:
        side = QWidget()
        form = QFormLayout(side)
        design = self.session.design
        head = PlainLabel(f"{design.series}S{design.parallel}P of {design.cell.name}")
        head.setWordWrap(True)
        form.addRow(head)
        self.drawers = QListWidget()
        self.drawers.setAccessibleName("Drawers that cells are taken from")
        self.drawers.setMinimumHeight(self.fontMetrics().height() * 6)
        self.least, self.most = QLineEdit(), QLineEdit()
        self.marked = QCheckBox("&Also cells with a word against them")
        self.marked.setChecked(True)
        self.alike = QLineEdit("0.04 %")
        self.order: QComboBox = choice(ORDERS, Order.RESISTANCE)
        for words, part in (
            ("&Drawers", self.drawers),
            ("&Least capacity", self.least),
            ("Most &resistance", self.most),
            ("Alike &within", self.alike),
            ("&Places", self.order),
        ):
            label = PlainLabel(words)
            label.setBuddy(part)
            part.setAccessibleName(words.replace("&", ""))
            form.addRow(label, part)
        self.least.setPlaceholderText("none, or 4.8 Ah")
        self.most.setPlaceholderText("none, or 30 mΩ")
        form.addRow(self.marked)
        self.go = QPushButton("&Match")
        self.go.setProperty("main", "true")
        self.go.setEnabled(False)
        self.go.clicked.connect(lambda _=False: self.match())
        form.addRow(self.go)
        side.setMaximumWidth(self.fontMetrics().height() * 22)
        return side

    def _result(self) -> QVBoxLayout:
        column = QVBoxLayout()
        self.said = PlainLabel("Opening the register …")
        self.said.setWordWrap(True)
        self.said.setAccessibleName("What the matching gives")
        column.addWidget(self.said)
        tables = QHBoxLayout()
        self.groups = RowsTable(("Group", "Ah", "mΩ", "Cells"), "Groups", 3)
        self.picking = RowsTable(("Drawer", "Serial", "Group", "Place"), "Picking list, drawer by drawer")
        tables.addWidget(self.groups, 3)
        tables.addWidget(self.picking, 2)
        column.addLayout(tables, 1)
        column.addLayout(self._locks())
        buttons = QHBoxLayout()
        self.take = QPushButton("&Take these cells")
        self.take.setToolTip("They stand in the design, each in its place, and in the register in this job")
        self.take.clicked.connect(lambda _=False: self.take_them())
        self.close_button = QPushButton("&Close")
        self.close_button.setAutoDefault(False)
        self.close_button.clicked.connect(self.reject)
        buttons.addStretch(1)
        for button in (self.take, self.close_button):
            buttons.addWidget(button)
        self.take.setEnabled(False)
        column.addLayout(buttons)
        return column

    def _locks(self) -> QHBoxLayout:
        """Cells that stay in their groups at the next matching."""
        row = QHBoxLayout()
        self.lock_words = PlainLabel("A cell picked in the list can be locked to its group.")
        self.lock_words.setWordWrap(True)
        self.lock_words.setObjectName("quiet")
        row.addWidget(self.lock_words, 1)
        self.lock, self.free = QPushButton("Loc&k to its group"), QPushButton("&Free all")
        for button, call in ((self.lock, self.lock_picked), (self.free, self.free_all)):
            button.setAutoDefault(False)
            button.setEnabled(False)
            button.clicked.connect(lambda _=False, call=call: call())
            row.addWidget(button)
        self.picking.picked.connect(lambda _: self._show_locks())
        return row

    def lock_picked(self) -> None:
        """Lock the cell that is picked in the list to its group, or free it again."""
        ref = str(self.picking.currentIndex().data(REF_ROLE) or "")
        if self.found is None or not ref:
            return
        group = next((g for line, g in self.found.group_of_line if line.serial == ref), None)
        if ref in self.locked:
            del self.locked[ref]
        elif group is not None:
            self.locked[ref] = group
        self._show_locks()

    def free_all(self) -> None:
        """Lock no cell."""
        self.locked.clear()
        self._show_locks()

    def _show_locks(self) -> None:
        ref = str(self.picking.currentIndex().data(REF_ROLE) or "")
        self.lock.setEnabled(bool(ref))
        self.lock.setText("Free it agai&n" if ref in self.locked else "Loc&k to its group")
        self.free.setEnabled(bool(self.locked))
        told = ", ".join(f"{serial} (group {group})" for serial, group in sorted(self.locked.items()))
        self.lock_words.setText(
            f"Locked at the next matching: {told}."
            if told
            else "A cell picked in the list can be locked to its group."
        )

    def _opened(self) -> None:
        """Offer the drawers that hold this class."""
        name = self.session.design.cell.name
        counts = dict[str, int]()
        for line in self.state.lines.values():
            if line.class_name == name and line.place_kind is PlaceKind.DRAWER:
                counts[line.place] = counts.get(line.place, 0) + 1
        here = any(c.class_name == name and c.place == self.job for c in self.state.lines.values())
        self.drawers.clear()
        for drawer, count in sorted(counts.items()):
            item = QListWidgetItem(f"{drawer or 'no drawer told'} ({count})")
            item.setData(Qt.ItemDataRole.UserRole, drawer)
            item.setCheckState(Qt.CheckState.Checked)
            self.drawers.addItem(item)
        self.go.setEnabled(bool(counts) or here)
        self.said.setText(
            "Press Match: the groups will hold, resist and lose alike."
            if counts or here
            else f"No drawer of the register holds a cell of {name}. Take cells in first (menu Workshop, Cells in stock)."
        )

    def _told(self, sentence: str) -> None:
        if self.state.register is None:
            self.said.setText(sentence)

    def question(self) -> Question:
        """Return what is asked.

        Raises
        ------
        Refusal
            If a limit is none.
        """
        cell = self.session.design.cell
        items = [self.drawers.item(row) for row in range(self.drawers.count())]
        drawers = [i.data(Qt.ItemDataRole.UserRole) for i in items if i.checkState() is Qt.CheckState.Checked]
        if items and not drawers:
            raise Refusal("Tick at least one drawer.")
        alike = parse(self.alike.text() or "0.04 %", "1", "%") / 2
        if not 0 <= alike <= 0.05:
            raise Refusal("Alike within 0 to 10 %.")
        least, most = self.least.text().strip(), self.most.text().strip()
        limits = Limits(
            frozenset(map(str, drawers)),
            parse(least, "A·s", "Ah") / cell.capacity_as if least else 0.0,
            parse(most, "Ω", "mΩ") / cell.resistance_ohm if most else float("inf"),
            self.marked.isChecked(),
            self.job,
        )
        locked = tuple(sorted(self.locked.items()))
        return Question(limits, alike or ALIKE, Order(self.order.currentData()), locked)

    def match(self) -> None:
        """Match, off the interface thread."""
        asked: list[Question] = []
        if self._task is not None or not guarded(lambda: asked.append(self.question()), self.said.setText):
            return
        self.said.setText("Matching …")
        self.go.setEnabled(False)
        self.take.setEnabled(False)
        lines: tuple[CellLine, ...] = tuple(self.state.lines.values())
        work = partial(match_into, self.session.design, self.window_.library, lines, asked[0])
        self._task = Task(work, self._came, self._failed).start()

    def _came(self, found: Matched) -> None:
        self._task, self.found = None, found
        self.said.setText("\n".join(found.words))
        self.groups.set_rows(found.group_rows)
        self.picking.set_rows(found.picking_rows)
        for table in (self.groups, self.picking):
            low(table, 4)
        self.go.setEnabled(True)
        self.take.setEnabled(True)
        self.take.setFocus()

    def _failed(self, sentence: str) -> None:
        self._task = None
        self.said.setText(sentence)
        self.go.setEnabled(True)

    def take_them(self) -> None:
        """Put the cells into the design and, in the register, into this job."""
        found, register = self.found, self.state.register
        if found is None or register is None:
            return
        from firmcell.register.into_job import ALREADY_SET

        if self.session.state.step(DRY_FIT).status is StepStatus.PASSED:
            self.said.setText(ALREADY_SET)
            return
        from firmcell.register.work import matched_into

        job = self.job
        person = str(self.window_.settings.value("person", ""))
        entries = matched_into(register, found.group_of_line, job, person)
        if not guarded(lambda: self.state.write(entries), self.said.setText):
            return
        if self.session.edit_all(found.edits, "Take matched cells"):
            self.window_.tell(
                f"{len(found.group_of_line)} cells are in the design, and in the register in “{job}”."
            )
            self.taken.emit()
            self.accept()

    def done(self, result: int) -> None:
        """Let go of the register."""
        if self._task is not None:
            self._task.give_up()
        self.state.close()
        super().done(result)
