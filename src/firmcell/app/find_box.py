"""One key to everything: commands, stages, findings, steps, and parts on the picture, found by what they are
called."""

from collections.abc import Callable, Iterable
from functools import partial
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QAction, QKeyEvent, QKeySequence
from PySide6.QtWidgets import QDialog, QLineEdit, QListWidget, QVBoxLayout

from firmcell.app.form_dialog import fit_on_desktop
from firmcell.core.analysis.findings import Stage
from firmcell.core.pictures.part_card import describe

if TYPE_CHECKING:
    from firmcell.app.main_window import MainWindow

MOST = 60
"""Lines shown at once; who types one letter more sees the rest."""
WALKING = (Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown)


class Place(NamedTuple):
    """Something that can be gone to or done: what kind, what it is called, its keys, and how."""

    kind: str
    name: str
    keys: str
    go: Callable[[], object]

    @property
    def line(self) -> str:
        """As it is shown."""
        return f"{self.kind}: {self.name}" + (f"   {self.keys}" if self.keys else "")


def found(places: Iterable[Place], typed: str) -> list[Place]:
    """Return the places that hold every word typed: those whose name begins with it first, then in their
    order."""
    words = typed.lower().split()

    def rank(place: Place) -> int:
        name = place.name.lower()
        if words and name.startswith(typed.lower().strip()):
            return 0
        return 1 if words and any(part.startswith(words[0]) for part in name.split()) else 2

    fitting = [p for p in places if all(word in p.line.lower() for word in words)]
    return sorted(fitting, key=rank)


def places_of(window: "MainWindow") -> list[Place]:
    """Return everything that the window can do and show now."""
    found_: list[Place] = []
    for menu in window.menus.all:
        for action in menu.actions():
            if action.text() and action.isEnabled() and not action.isSeparator() and action.menu() is None:
                found_.append(_command(menu.title().replace("&", ""), action))
    session = window.session
    if session is None:
        return found_
    for stage in session.plan.stages:
        for title in window.pages[stage].jump.titles if stage in window.pages else ():
            found_.append(Place(stage.heading, title, "", partial(window.go_to_section, stage, title)))
    for finding in session.findings:
        name = f"{finding.code} {finding.sentence}"
        found_.append(Place("Finding", name, "", partial(window.go_to_finding, finding)))
    if Stage.BENCH in session.plan.stages:
        for step in session.steps:
            found_.append(Place("Step", step.title, "", partial(window.at_bench.show_step, step)))
    for ref in window.view.targets():
        told = describe(ref, session.design, session.analysis, session.metal)
        if told is not None:
            found_.append(Place("Part", told.title, "", partial(window.panel.light, ref)))
    return found_


def _command(menu: str, action: QAction) -> Place:
    keys = action.shortcut().toString(QKeySequence.SequenceFormat.NativeText)
    return Place(menu, action.text().replace("&", "").rstrip("…"), keys, action.trigger)


class FindBox(QDialog):
    """A line to type in, and what fits; Enter goes there."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.setWindowTitle("Find")
        self.places = places_of(window)
        self._shown: list[Place] = []
        column = QVBoxLayout(self)
        self.typed = QLineEdit()
        self.typed.setPlaceholderText("a command, a finding, a step, a cell or strip")
        self.typed.setAccessibleName("Find a command, a finding, a step or a part")
        self.typed.setClearButtonEnabled(True)
        self.typed.textChanged.connect(self._show)
        self.typed.returnPressed.connect(self.go)
        self.typed.installEventFilter(self)
        column.addWidget(self.typed)
        self.list = QListWidget()
        self.list.setAccessibleName("What fits")
        self.list.itemActivated.connect(lambda _: self.go())
        column.addWidget(self.list, 1)
        em = self.fontMetrics().height()
        self.resize(34 * em, 22 * em)
        fit_on_desktop(self)
        self._show("")

    def _show(self, typed: str) -> None:
        self._shown = found(self.places, typed)[:MOST]
        self.list.clear()
        self.list.addItems([place.line for place in self._shown] or ["Nothing is called so."])
        self.list.setCurrentRow(0)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        # One types and walks through the list without leaving the line.
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress and event.key() in WALKING:
            self.list.keyPressEvent(event)
            return True
        return False

    def go(self) -> None:
        """Do or show what is picked; the box is gone by then, so that what is shown can take the keyboard."""
        row = self.list.currentRow()
        if not 0 <= row < len(self._shown):
            return
        place = self._shown[row]
        self.accept()
        place.go()
