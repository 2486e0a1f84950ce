"""The cells that the window shows: read from the register, written to it, and kept alike with a server."""

from collections.abc import Sequence
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from firmcell.app.stock.register_link import RegisterLink
from firmcell.core.base.wording import plural
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import Entry
from firmcell.core.stock.stock_words import summary

if TYPE_CHECKING:
    from firmcell.register.register import Register, Synced


class StockState(QObject):
    """Every cell in a line, by key.

    Signals
    -------
    opened : the register is there.
    changed : key of the one cell that changed; "" for many.
    told : a sentence on the state of the register.
    """

    opened = Signal()
    changed = Signal(str)
    told = Signal(str)

    def __init__(self, place: str, parent: QObject) -> None:
        super().__init__(parent)
        self.lines: dict[str, CellLine] = {}
        self.refused = 0
        self._away = self._clock = self._went_back = ""
        self._begin(place)

    def _begin(self, place: str) -> None:
        self.link = RegisterLink(place, self)
        self.link.opened.connect(self._opened)
        self.link.refused.connect(self.told)
        self.link.met.connect(self._met)

    @property
    def register(self) -> "Register | None":
        """The register, once it is open."""
        return self.link.register

    def open(self) -> None:
        """Open the register, off the interface thread."""
        self.link.open()

    def open_demo(self, folder: Path) -> None:
        """Open the drawers of the demo farm instead."""
        from firmcell.register.demo import demo_register

        path = demo_register(folder / "register.sqlite", datetime.now().astimezone())
        self.link.close()
        self._begin(str(path))
        self.link.open()

    def close(self) -> None:
        """Let go of the register."""
        self.link.close()

    def _opened(self) -> None:
        if self.register is not None:
            self._went_back = self.register.clock_words()
        self.reload()
        self.opened.emit()

    def _met(self, met: "Synced") -> None:
        self._away, self._clock = met.away, met.clock_words
        if met.came or met.sent or met.refused or met.again:
            self.reload()
        else:
            self._tell()

    def reload(self) -> None:
        """Read all cells anew."""
        if self.register is not None:
            self.lines = {line.key: line for line in self.register.lines()}
            self._tell()
            self.changed.emit("")

    def write(self, entries: Sequence[Entry]) -> None:
        """Write entries, all or none, and meet the server.

        Raises
        ------
        Refusal
            Why they cannot go in.
        """
        register = self.register
        assert register is not None
        register.write(entries)
        cells = {entry.about for entry in entries}
        line = register.line(next(iter(cells))) if len(cells) == 1 else None
        if line is None:
            self.reload()
        else:
            # One cell among ten thousand: it alone is read again.
            self.lines[line.key] = line
            self._tell()
            self.changed.emit(line.key)
        self.link.meet()

    def _tell(self) -> None:
        """Say how many cells are where, and what waits."""
        register = self.register
        if register is None:
            return
        words = [summary(tuple(self.lines.values()))] if self.lines else []
        words += [told for told in (self._went_back, self._clock) if told]
        if self._away:
            words.append(f"{self._away} Work goes on here.")
        waiting = register.waiting
        if waiting:
            told = plural(waiting, "entry", "entries").capitalize()
            words.append(f"{told} of this bench wait for the server.")
        words.append(f"Register: {register.where}")
        self.refused = len(register.refusals()) if register.shared else 0
        self.told.emit(" ".join(words))
