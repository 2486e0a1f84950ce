"""A tab of the shop's window: a table of things at left, one of them with its history at right."""

from collections.abc import Callable, Sequence

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QFont
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QSplitter, QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.stock.stock_forms import StockForm
from firmcell.app.tables import REF_ROLE, RowsTable, low
from firmcell.app.theme import sized
from firmcell.core.base.visible import visible
from firmcell.core.stock.cell_history import taken_back, when
from firmcell.core.stock.entries import Entry
from firmcell.core.stock.part_words import thing_told

ALWAYS = ("new", "import")
"""Buttons that need nothing that is picked."""


class ThingsTab(QWidget):
    """Shows things of one family; what is done with them is in the tabs made from this.

    Signals
    -------
    told : a sentence for the window's last line.
    """

    told = Signal(str)

    def __init__(
        self,
        state: ShopState,
        person: Callable[[], str],
        headings: Sequence[str],
        name: str,
        empty: str,
        wide: int,
    ) -> None:
        super().__init__()
        self.state, self.person = state, person
        column = QVBoxLayout(self)
        self.buttons: dict[str, QPushButton] = {}
        self.row = QHBoxLayout()
        column.addLayout(self.row)
        self.table = RowsTable(headings, name, wide)
        self.table.keep_wide(12)
        self.empty = PlainLabel(empty)
        self.empty.setWordWrap(True)
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.empty.setFont(sized(1.2))
        left = QWidget()
        inside = QVBoxLayout(left)
        inside.setContentsMargins(0, 0, 0, 0)
        inside.addWidget(self.table, 1)
        inside.addWidget(self.empty, 1)
        self.card = _ThingCard()
        split = QSplitter(Qt.Orientation.Horizontal)
        split.addWidget(left)
        split.addWidget(self.card)
        split.setStretchFactor(0, 5)
        split.setStretchFactor(1, 2)
        em = self.fontMetrics().height()
        split.setSizes([52 * em, 22 * em])
        split.setChildrenCollapsible(False)
        column.addWidget(split, 1)
        self.table.picked.connect(lambda _: self.pick_told())
        self.card.back.clicked.connect(lambda _=False: self._take_back())

    def button(self, name: str, words: str, call: Callable[[], object], end: bool = False) -> None:
        """Add a button above the table."""
        button = QPushButton(words)
        button.setAutoDefault(False)
        button.clicked.connect(lambda _=False: call())
        self.row.addWidget(button)
        self.buttons[name] = button
        if end:
            self.row.addStretch(1)

    def show_rows(self, rows: Sequence[tuple[str, tuple[str, ...]]]) -> None:
        """Show all things, the one that is picked still picked."""
        now = self.picked_key()
        self.table.set_rows(rows)
        low(self.table)
        refs = [ref for ref, _ in rows]
        if refs:
            self.table.setCurrentIndex(self.table.rows.index(refs.index(now) if now in refs else 0, 0))
        self.table.setVisible(bool(refs))
        self.empty.setVisible(not refs)
        self.pick_told()

    def picked_key(self) -> str:
        """Key of the thing that is picked."""
        return str(self.table.currentIndex().data(REF_ROLE) or "")

    def pick_told(self) -> None:
        """Show the thing that is picked."""
        key = self.picked_key()
        title, words = self.words_of(key) if key else ("", "")
        history = self.state.history(key) if key and self.state.link.register is not None else ()
        self.card.show_thing(title, words, history)
        for name, button in self.buttons.items():
            button.setEnabled(self.state.link.register is not None and (bool(key) or name in ALWAYS))

    def words_of(self, key: str) -> tuple[str, str]:
        """Title of a thing, and what is told under it."""
        raise NotImplementedError

    def run(self, form: StockForm) -> None:
        """Show a dialog until it is done with."""
        form.exec()
        form.deleteLater()

    def _take_back(self) -> None:
        entry = self.card.picked()
        if entry is not None:
            guarded(lambda: self.state.take_back(entry, "written by mistake", self.person()), self.told.emit)


class _ThingCard(QWidget):
    """One thing: what it is, and all that was written of it."""

    def __init__(self) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(self.fontMetrics().height() // 2, 0, 0, 0)
        self.title, self.words = PlainLabel(), PlainLabel()
        self.title.setFont(sized(1.25, QFont.Weight.DemiBold))
        for label in (self.title, self.words):
            label.setWordWrap(True)
            column.addWidget(label)
        self.history = RowsTable(("When", "What"), "All that was written of it", 1)
        column.addWidget(self.history, 1)
        self.who = PlainLabel()
        self.who.setObjectName("quiet")
        self.who.setWordWrap(True)
        column.addWidget(self.who)
        row = QHBoxLayout()
        row.addStretch(1)
        self.back = QPushButton("Take this entry &back")
        self.back.setAutoDefault(False)
        row.addWidget(self.back)
        column.addLayout(row)
        self.history.picked.connect(lambda _: self._picked())
        self._entries: dict[str, Entry] = {}
        self._gone: frozenset[str] = frozenset()

    def show_thing(self, title: str, words: str, history: Sequence[Entry]) -> None:
        """Show one thing; "" for none."""
        self.title.setText(title)
        self.words.setText(words)
        self._entries = {entry.key: entry for entry in history}
        self._gone = taken_back(list(reversed(history)))
        self.history.set_rows(
            [
                (
                    entry.key,
                    (
                        f"{when(entry.time):%Y-%m-%d}",
                        thing_told(entry) + (" (taken back)" if entry.key in self._gone else ""),
                    ),
                )
                for entry in history
            ]
        )
        low(self.history, 5)
        for part in (self.history, self.back, self.who):
            part.setVisible(bool(title))
        self._picked()

    def picked(self) -> Entry | None:
        """The entry that is picked."""
        return self._entries.get(str(self.history.currentIndex().data(REF_ROLE) or ""))

    def _picked(self) -> None:
        entry = self.picked()
        self.back.setEnabled(entry is not None and entry.key not in self._gone)
        by = ", ".join(visible(w) for w in (entry.person, entry.bench) if w) if entry else ""
        self.who.setText(f"{when(entry.time):%Y-%m-%d %H:%M}, {by}" if entry else "")
