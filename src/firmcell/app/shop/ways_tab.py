"""How the shop likes to work: schools among which a first design of a new job follows the shop's."""

from collections.abc import Callable

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QFormLayout, QVBoxLayout, QWidget

from firmcell.app.plain import PlainLabel
from firmcell.app.session import guarded
from firmcell.app.shop.shop_state import ShopState
from firmcell.app.wheel import calm
from firmcell.core.stock.tool_entries import SHOP_KEY, WaysTold
from firmcell.core.stock.ways import WAYS

WORDS = "The first design of a new job follows these, and takes the parts that are in stock, as long as no stop and no attention comes of it. Jobs that are there stay as they are."
NONE = "no preference"


class WaysTab(QWidget):
    """A choice for each way; what is chosen is written at once.

    Signals
    -------
    told : a sentence for the window's last line.
    """

    told = Signal(str)

    def __init__(self, state: ShopState, person: Callable[[], str]) -> None:
        super().__init__()
        self.state, self.person = state, person
        column = QVBoxLayout(self)
        words = PlainLabel(WORDS)
        words.setWordWrap(True)
        words.setObjectName("quiet")
        column.addWidget(words)
        form = QFormLayout()
        column.addLayout(form)
        column.addStretch(1)
        self.choices: dict[str, QComboBox] = {}
        for way in WAYS:
            box = calm(QComboBox())
            box.addItem(NONE, "")
            for value in way.values:
                box.addItem(str(value.value), way.told(value))
            box.setAccessibleName(way.title)
            box.activated.connect(lambda _=0: self._chosen())
            label = PlainLabel(way.title)
            label.setBuddy(box)
            form.addRow(label, box)
            self.choices[way.path] = box
        state.changed.connect(self.show_ways)
        self.show_ways()

    def show_ways(self) -> None:
        """Show what is liked."""
        for way in WAYS:
            liked = way.liked(self.state.ways.ways)
            box = self.choices[way.path]
            box.setCurrentIndex(box.findData(way.told(liked)) if liked is not None else 0)
            box.setEnabled(self.state.link.register is not None)

    def _chosen(self) -> None:
        ways = tuple(
            (path, str(box.currentData())) for path, box in self.choices.items() if box.currentData()
        )
        if ways != self.state.ways.ways:
            data = WaysTold(ways=ways, after=self.state.ways.told_by)
            guarded(lambda: self.state.write(SHOP_KEY, data, self.person()), self.told.emit)
            self.show_ways()
