"""The register as a bench sees it: always at hand, with what it wrote on disk before it says so; where a
server is shared, kept alike with that whenever it can be reached."""

import hashlib
import os
import socket
from collections.abc import Iterable, Sequence
from datetime import UTC, datetime
from pathlib import Path
from threading import Lock
from uuid import uuid4

from platformdirs import user_config_path, user_data_path
from sqlalchemy.engine import URL

from firmcell.core.base.closing import Closes
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.wording import about, plural
from firmcell.core.stock.cell_history import CellHistory, when
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import CellAdded, Entry, Told
from firmcell.core.stock.part_entries import PartKind
from firmcell.core.stock.things import PART, TOOL, WAYS, PartInStock, ShopWays, ToolInShop
from firmcell.core.stock.tool_entries import ToolKind
from firmcell.register.bench_book import BenchBook
from firmcell.register.book import Book
from firmcell.register.database import Away, address, shown

PLACE_VARIABLE = "FIRMCELL_REGISTER"
FILE_NAME = "register.sqlite"
CLOCK_OFF_S = 120.0
"""Two clocks that differ by less put readings of different benches in their right order, s."""
AT_ONCE = 500
"""So many entries go to the server in one go: each is in whole, or not at all, and comes again."""


@frozen
class Synced:
    """What came of meeting the server.

    Attributes
    ----------
    sent, came : entries that it took, and that others wrote.
    refused : entries it did not take, and why, this time.
    again : entries that it had lost and was given again.
    waiting : entries that still wait here.
    away : why it could not be reached; "" if it was.
    clock_s : by how much the clock of this bench is ahead of the server's, s.
    """

    sent: int = 0
    came: int = 0
    refused: tuple[tuple[Entry, str], ...] = ()
    again: int = 0
    waiting: int = 0
    away: str = ""
    clock_s: float = 0.0

    @property
    def clock_words(self) -> str:
        """What a clock that is off does, in a sentence; "" for one that is right."""
        if abs(self.clock_s) <= CLOCK_OFF_S:
            return ""
        way = "ahead of" if self.clock_s > 0 else "behind"
        return (
            f"The clock of this bench is {about(abs(self.clock_s))} {way} the server's: set it. "
            "Readings made here are else taken for newer or older than they are."
        )


def register_place(told: str = "") -> str:
    """Return where the register is: as told, by the variable FIRMCELL_REGISTER, as it was set up on this
    machine (`keep_place`), or in the data folder."""
    usual = str(user_data_path("firm-cell") / FILE_NAME)
    return told or os.environ.get(PLACE_VARIABLE, "") or _kept_place() or usual


def known_register() -> str:
    """Return where the register is if there is one already: a server, or a file that is there; else ""."""
    place = register_place()
    return place if "://" in place or Path(place).expanduser().exists() else ""


def keep_place(told: str) -> URL:
    """Set up where the register of this machine is; "" for the data folder.

    Raises
    ------
    Refusal
        If it cannot be one, or cannot be kept.
    """
    url = address(told or str(user_data_path("firm-cell") / FILE_NAME))
    file = _place_file()
    try:
        file.parent.mkdir(parents=True, exist_ok=True)
        # An address may hold a password.
        file.touch(mode=0o600)
        file.write_text(told, encoding="utf-8")
    except OSError as error:
        raise Refusal(f"{file} could not be written: {error.strerror}.") from None
    return url


def _kept_place() -> str:
    try:
        return _place_file().read_text(encoding="utf-8").strip()
    except (OSError, ValueError):
        return ""


def _place_file() -> Path:
    return user_config_path("firm-cell") / "register"


def this_bench() -> str:
    """Return the name of this machine."""
    return socket.gethostname()


def new_key() -> str:
    """Return an identity that nobody else gives."""
    return uuid4().hex


class Register(Closes):
    """The cells of a workshop.

    Parameters
    ----------
    place : str
        Path of a file, or address of a server; "" as `register_place` finds it.
    copies : Path, optional
        Folder for this bench's copy of what a server holds; the data folder if left out.
    bench : str, optional
        Name of this bench.

    Raises
    ------
    Refusal
        If the file, or this bench's copy, cannot be used.
    """

    def __init__(self, place: str = "", copies: Path | None = None, bench: str = "") -> None:
        self.url = address(register_place(place))
        self.bench = bench or this_bench()
        self._server: Book | None = None
        self._meeting, self._closed = Lock(), False
        self.shared = self.url.drivername != "sqlite"
        self._own = BenchBook(_copy_of(self.url, copies) if self.shared else self.url)

    def close(self) -> None:
        """Let go of all files and connections; a meeting with the server that is under way does so at its
        end."""
        self._closed = True
        if self._meeting.acquire(blocking=False):
            try:
                self._let_go()
            finally:
                self._meeting.release()

    def _let_go(self) -> None:
        self._own.close()
        if self._server is not None:
            self._server.close()

    @property
    def where(self) -> str:
        """Where it is, for people."""
        return shown(self.url)

    def entry(self, about: str, data: Told, person: str = "", time: str = "") -> Entry:
        """Return an entry about a cell or another thing as of now, not yet written."""
        now = time or datetime.now().astimezone().isoformat(timespec="seconds")
        return Entry(key=new_key(), about=about, time=now, person=person, bench=self.bench, data=data)

    def clock_words(self) -> str:
        """Say that the clock of this bench went back since it wrote last; "" if it did not."""
        last = self._own.last_of(self.bench)
        if last is None:
            return ""
        back = (when(last.time) - datetime.now(UTC)).total_seconds()
        if back <= CLOCK_OFF_S:
            return ""
        return (
            f"The clock of this machine went back: it wrote something at {when(last.time):%Y-%m-%d %H:%M}, later than now. "
            "Set it: readings made now are else taken for older ones."
        )

    def write(self, entries: Sequence[Entry]) -> None:
        """Write entries, all of them or none; they are on disk when this returns.

        Raises
        ------
        Refusal
            Why they cannot go in: the first of them, and how many.
        """
        reasons = [why for why in self._own.put(entries, waits=self.shared, whole=True) if why]
        if reasons:
            raise Refusal(_first_of(reasons, len(entries)))

    def lines(self) -> list[CellLine]:
        """Return every cell in a line, by serial."""
        return self._own.lines()

    def with_serial(self, serial: str) -> CellLine:
        """Return the cell with a serial.

        Raises
        ------
        Refusal
            If there is none.
        """
        found = self._own.with_serial(serial)
        if found is None:
            raise Refusal(f"There is no cell {serial} in the register.")
        return found

    def line(self, cell: str) -> CellLine | None:
        """Return a cell by its key; None if there is none."""
        return self._own.line(cell)

    def knows(self, serial: str) -> CellLine | None:
        """Return the cell with a serial; None if there is none."""
        return self._own.with_serial(serial)

    def history(self, cell: str) -> CellHistory:
        """Return one cell, by its key, with all that was written of it.

        Raises
        ------
        Refusal
            If there is none.
        """
        found = self._own.history(cell)
        if found is None:
            raise Refusal("This cell is no longer in the register: its coming in was taken back.")
        return found

    def histories(self, serials: Sequence[str]) -> dict[str, CellHistory]:
        """Return cells by `serial_key`, of those serials that are known."""
        return self._own.histories(serials)

    def parts(self) -> list[PartInStock]:
        """Return every part in stock, by kind and name."""
        found = [each for each in self._own.things(PART) if isinstance(each, PartInStock)]
        return sorted(found, key=lambda p: (list(PartKind).index(p.is_.part), p.is_.name, p.is_.place))

    def tools(self) -> list[ToolInShop]:
        """Return every tool, by kind and name."""
        found = [each for each in self._own.things(TOOL) if isinstance(each, ToolInShop)]
        return sorted(found, key=lambda t: (list(ToolKind).index(t.is_.tool), t.is_.name))

    def ways(self) -> ShopWays:
        """Return how the shop likes to work."""
        found = [each for each in self._own.things(WAYS) if isinstance(each, ShopWays)]
        return found[0] if found else ShopWays()

    def about(self, key: str) -> list[Entry]:
        """Return all that was written about one part or tool, in its order."""
        return self._own.about(key)

    def lessons(self, kind: str) -> list[Entry]:
        """Return what jobs taught: entries of a kind, such as "step-timed", that count."""
        return self._own.of_kind(kind)

    @property
    def waiting(self) -> int:
        """How many entries still wait for the server."""
        return self._own.waiting_count() if self.shared else 0

    def refusals(self) -> list[tuple[Entry, str]]:
        """Entries that the server did not take and that nobody decided about, with the reasons."""
        return self._own.refusals()

    def serial_instead(self, refused: Entry, serial: str, person: str = "") -> None:
        """Give a cell another serial whose coming in was refused; what was measured on it follows.

        Raises
        ------
        Refusal
            If that serial is taken too.
        """
        if not isinstance(refused.data, CellAdded):
            raise Refusal("Only a cell that was refused when it came in can be given another serial.")
        data = refused.data.model_copy(update={"serial": serial.strip()})
        entry = self.entry(refused.about, CellAdded.model_validate(data.model_dump()), person, refused.time)
        why = self._own.instead(refused.key, entry)
        if why:
            raise Refusal(why)

    def give_up(self, refused: Entry) -> int:
        """Leave a refused entry out for good, and with the coming in of a cell all that waits about it;
        returns how many entries that are. They stay in this bench's copy."""
        keys = [refused.key]
        if isinstance(refused.data, CellAdded):
            keys += [e.key for e in self._own.waiting() if e.about == refused.about]
        self._own.settle(keys[:1])
        self._own.settle(keys[1:], "The coming in of its cell was given up.")
        return len(keys)

    def bring(self, other: Book) -> list[tuple[Entry, str]]:
        """Write all that another register holds; returns what cannot go in, and why."""
        number, refused = 0, list[tuple[Entry, str]]()
        while some := other.since(number, AT_ONCE):
            entries = [e for _, e in some]
            reasons = self._own.put(entries, waits=self.shared)
            refused += [(e, why) for e, why in zip(entries, reasons, strict=True) if why]
            number = some[-1][0]
        return refused

    def sync(self, join: bool = False) -> Synced:
        """Meet the server: fetch what others wrote, send what waits here. Without a server nothing is to do.

        Parameters
        ----------
        join : bool
            The server may be another than the one met so far: it is given all that is here.

        Raises
        ------
        Refusal
            If it is another register than the one this copy was made from, or does not let this bench in.
        """
        if not self.shared:
            return Synced()
        with self._meeting:
            try:
                return Synced() if self._closed else self._sync(join)
            except Away as away:
                return Synced(waiting=self.waiting, away=away.sentence)
            finally:
                if self._closed:
                    self._let_go()

    def _sync(self, join: bool) -> Synced:
        if self._server is None:
            self._server = Book(self.url)
        clock = self._server.clock()
        ahead = (datetime.now(UTC) - clock).total_seconds() if clock is not None else 0.0
        again = self._same_server(self._server, join)
        came = self._fetch(self._server)
        sent, refused = self._send(self._server)
        came += self._fetch(self._server) - sent
        # What is right enough is told as right: two meetings in which nothing happened are alike.
        off = ahead if abs(ahead) > CLOCK_OFF_S else 0.0
        return Synced(sent, max(came, 0), tuple(refused), again, self.waiting, clock_s=off)

    def _same_server(self, server: Book, join: bool) -> int:
        """Look whether this is the server that was met last, with all that was on it then; returns how many
        entries it lost."""
        theirs, ours = server.value("register"), self._own.value("server")
        if ours and theirs != ours and not join:
            raise Refusal(
                f"The register at {self.where} is not the one this bench knew there: it was made anew. "
                f"{plural(self._own.newest, 'entry', 'entries').capitalize()} of the old one are kept here; “firm-cell stock sync --join” puts them into the new one."
            )
        self._own.keep("server", theirs)
        newest = self._own.newest
        if newest and server.key_of(newest) != self._own.key_of(newest):
            # It was put back to an older state.
            return self._own.let_wait(server.keys())
        return 0

    def _fetch(self, server: Book) -> int:
        came = 0
        while some := server.since(self._own.newest):
            self._own.adopt(some)
            came += len(some)
        return came

    def _send(self, server: Book) -> tuple[int, list[tuple[Entry, str]]]:
        waiting = self._sendable()
        refused, sent = list[tuple[Entry, str]](), 0
        for start in range(0, len(waiting), AT_ONCE):
            some = waiting[start : start + AT_ONCE]
            no_cell = {e.about for e, _ in refused if isinstance(e.data, CellAdded)}
            some = [e for e in some if e.about not in no_cell]
            reasons = server.put(some)
            bad = [(e, why) for e, why in zip(some, reasons, strict=True) if why]
            added = {e.about for e, _ in bad if isinstance(e.data, CellAdded)}
            # What was measured on a cell that was not let in is no fault: it waits for its serial.
            bad = [(e, why) for e, why in bad if isinstance(e.data, CellAdded) or e.about not in added]
            self._own.refuse(bad)
            refused += bad
            sent += len(some) - sum(map(bool, reasons))
        return sent, refused

    def _sendable(self) -> list[Entry]:
        """What waits, without the cells whose coming in was refused and is not decided yet."""
        held = {e.about for e, _ in self._own.refusals() if isinstance(e.data, CellAdded)}
        return [e for e in self._own.waiting() if e.about not in held]


def _copy_of(url: URL, folder: Path | None) -> URL:
    """Where this bench keeps its copy of a server's register."""
    named = url.set(password=None).render_as_string()
    name = f"register-{hashlib.sha256(named.encode()).hexdigest()[:12]}.sqlite"
    return address(str((folder or user_data_path("firm-cell")) / name))


def _first_of(reasons: Iterable[str], of: int) -> str:
    every = list(reasons)
    if of == 1:
        return every[0]
    more = (
        f" {plural(len(every), 'entry', 'entries').capitalize()} of {of} cannot go in."
        if len(every) > 1
        else ""
    )
    return f"{every[0]}{more} Nothing of this was written."
