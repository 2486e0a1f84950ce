"""What the shop's windows show: read from the register, written to it, and kept alike with a server."""

from collections.abc import Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from firmcell.app.stock.register_link import RegisterLink
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import plural
from firmcell.core.stock.entries import Entry, TakenBack, Told
from firmcell.core.stock.things import PartInStock, ShopWays, ToolInShop

if TYPE_CHECKING:
    from firmcell.register.register import Register, Synced


class ShopState(QObject):
    """Parts, tools and ways as the register has them.

    Signals
    -------
    changed : what is shown is to be shown anew.
    told : a sentence on the state of the register.
    """

    changed = Signal()
    told = Signal(str)

    def __init__(self, place: str, parent: QObject) -> None:
        super().__init__(parent)
        self.parts: list[PartInStock] = []
        self.tools: list[ToolInShop] = []
        self.ways = ShopWays()
        self.last: Entry | None = None
        self._away = ""
        self.link = RegisterLink(place, self)
        self.link.opened.connect(self.reload)
        self.link.refused.connect(self.told)
        self.link.met.connect(self._met)

    @property
    def register(self) -> "Register":
        """The register.

        Raises
        ------
        Refusal
            While it is not open yet.
        """
        if self.link.register is None:
            raise Refusal("The register is not open yet.")
        return self.link.register

    def open(self) -> None:
        """Open the register, off the interface thread."""
        self.link.open()

    def close(self) -> None:
        """Let go of the register."""
        self.link.close()

    def _met(self, met: "Synced") -> None:
        self._away = met.away
        if met.came or met.sent or met.refused or met.again:
            self.reload()
        else:
            self._tell()

    def reload(self) -> None:
        """Read everything anew."""
        register = self.link.register
        if register is None:
            return
        self.parts, self.tools, self.ways = register.parts(), register.tools(), register.ways()
        self._tell()
        self.changed.emit()

    def write(self, about: str, data: Told, person: str) -> None:
        """Write one entry, and meet the server.

        Raises
        ------
        Refusal
            Why it cannot go in.
        """
        entry = self.register.entry(about, data, person)
        self.register.write([entry])
        self.last = entry
        self.reload()
        self.link.meet()

    def write_all(self, entries: Sequence[Entry]) -> None:
        """Write entries, all or none, and meet the server.

        Raises
        ------
        Refusal
            Why they cannot go in.
        """
        self.register.write(entries)
        self.last = None
        self.reload()
        self.link.meet()

    def take_back(self, entry: Entry, reason: str, person: str) -> None:
        """Take an entry back.

        Raises
        ------
        Refusal
            If it was taken back already.
        """
        self.write(entry.about, TakenBack(entry=entry.key, reason=reason), person)
        self.last = None

    def history(self, key: str) -> Sequence[Entry]:
        """All that was written about one part or tool, newest first."""
        return list(reversed(self.register.about(key)))

    def _tell(self) -> None:
        register = self.link.register
        if register is None:
            return
        words = [f"{plural(len(self.parts), 'part')} in stock, {plural(len(self.tools), 'tool')}."]
        if self._away:
            words.append(f"{self._away} Work goes on here.")
        if register.waiting:
            told = plural(register.waiting, "entry", "entries").capitalize()
            words.append(f"{told} of this bench wait for the server.")
        self.told.emit(" ".join((*words, f"Register: {register.where}")))
