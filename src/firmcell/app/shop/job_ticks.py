"""The jobs of a folder with a tick each, and work that is done anew whenever a tick changes."""

from collections.abc import Callable
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QListWidget, QListWidgetItem

from firmcell.app.background import Task
from firmcell.app.tables import REF_ROLE


class JobTicks(QListWidget):
    """Jobs, ticked or not; Space ticks one."""

    def __init__(self, name: str) -> None:
        super().__init__()
        self.setAccessibleName(name)
        self.setWordWrap(True)

    def every_path(self) -> set[str]:
        """The jobs that are listed."""
        return {str(self.item(n).data(REF_ROLE)) for n in range(self.count())}

    def add(self, path: Path, words: str, ticked: bool) -> None:
        """List one more job."""
        item = QListWidgetItem(words)
        item.setData(REF_ROLE, str(path))
        item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
        item.setCheckState(Qt.CheckState.Checked if ticked else Qt.CheckState.Unchecked)
        self.addItem(item)

    def ticked(self) -> set[str]:
        """Paths of the jobs that are ticked."""
        items = (self.item(n) for n in range(self.count()))
        return {str(i.data(REF_ROLE)) for i in items if i.checkState() is Qt.CheckState.Checked}


class Newest:
    """One piece of work at a time, off the interface thread: what is asked for while one runs is begun after
    it, the newest only. A piece that is refused stops nothing that follows.
    """

    def __init__(self, refused: Callable[[str], None]) -> None:
        self._refused = refused
        self._task: Task | None = None
        self._next: tuple[Callable[[], Any], Callable[[Any], None]] | None = None

    def ask(self, work: Callable[[], Any], done: Callable[[Any], None]) -> None:
        """Begin a piece of work, or keep it for after the one that runs."""
        if self._task is not None:
            self._next = (work, done)
            return
        self._task = Task(
            work, lambda found: self._ended(done, found), lambda why: self._ended(self._refused, why)
        ).start()

    def _ended(self, then: Callable[[Any], None], what: Any) -> None:
        self._task, following, self._next = None, self._next, None
        then(what)
        if following is not None:
            self.ask(*following)

    def give_up(self) -> None:
        """Nothing more is wanted."""
        self._next = None
        if self._task is not None:
            self._task.give_up()
