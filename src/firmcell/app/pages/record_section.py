"""The list of records on the Bench page, and how one is taken back."""

from typing import TYPE_CHECKING

from PySide6.QtWidgets import QHBoxLayout, QInputDialog, QLineEdit, QPushButton

from firmcell.app.plain import as_text
from firmcell.app.session import guarded
from firmcell.core.records.event_words import event_words, initials, others_named
from firmcell.core.records.events import Correction, Event

if TYPE_CHECKING:
    from firmcell.app.pages.bench_page import BenchPage


class RecordSection:
    """Every record of the job, newest first."""

    def __init__(self, page: "BenchPage") -> None:
        self.page, self.session = page, page.session
        self._rows: dict[tuple[int, bool], tuple[str, tuple[str, ...]]] = {}
        self._shown: list[tuple[str, tuple[str, ...]]] = []
        self._taken: frozenset[int] = frozenset()
        page.section("Record")
        self.log = page.table(("No.", "Time", "By", "What"), "Records of this job, newest first", wide=3)
        self.button = QPushButton("Take back…")
        self.button.setToolTip("Takes the picked record back by a further record; nothing is erased")
        self.button.clicked.connect(self._take_back)
        row = QHBoxLayout()
        row.addStretch(1)
        row.addWidget(self.button)
        page.body.addLayout(row)

    def fill(self) -> None:
        """Show the records as they are now."""
        events, taken = self.session.events, self.session.events.taken
        if taken != self._taken:
            self._taken, self._shown = taken, []
        # Newest first: what is shown already is put after what came since.
        new = [self._row(e, e.seq in taken) for e in reversed(events[len(self._shown) :])]
        self._shown = new + self._shown
        self.log.set_rows(self._shown)

    def _row(self, event: Event, taken: bool) -> tuple[str, tuple[str, ...]]:
        """A record in the list; each is put into words once."""
        at = event.seq, taken
        if at not in self._rows:
            words = ("(taken back) " if taken else "") + event_words(event)
            time = event.time[5:16].replace("T", " ")
            self._rows[at] = (f"event:{event.seq}", (str(event.seq), time, event.person, words))
        return self._rows[at]

    def _take_back(self) -> None:
        ref = str(self.log.currentIndex().siblingAtColumn(0).data() or "")
        if not ref:
            self.session.refused.emit("First pick the record to take back in the list.")
            return
        reason, given = QInputDialog.getText(
            self.page, "Take back", f"Why is record {ref} taken back?", QLineEdit.EchoMode.Normal
        )
        if given and reason.strip():
            self.agree_and_take_back(int(ref), reason.strip())

    def agree_and_take_back(self, seq: int, reason: str) -> None:
        """Take a record back; where two people are named in the log, the other one agrees with initials."""
        others = others_named(self.session.events, self.session.person)
        if others:
            typed, given = QInputDialog.getText(
                self.page,
                "Take back",
                as_text(f"Initials of {' or '.join(others)}, who agrees:"),
                QLineEdit.EchoMode.Normal,
            )
            if not given or typed.strip().upper() not in {initials(name) for name in others}:
                self.session.refused.emit(
                    f"Record {seq} stands: {' or '.join(others)} did not agree with initials."
                )
                return
            reason = f"{reason} (agreed: {typed.strip().upper()})"
        data = Correction(seq=seq, reason=reason)
        guarded(lambda: self.session.record(data), self.session.refused.emit)
