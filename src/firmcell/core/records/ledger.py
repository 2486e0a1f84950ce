"""The records of a job, sorted by step, kind and revision as they come: nobody looks through all of them."""

from collections import defaultdict
from collections.abc import Iterable, Iterator, Sequence
from typing import Any, TypeVar, overload

from firmcell.core.records.events import Correction, Event

T = TypeVar("T")

RENAMED_STEPS = {
    f"guard-{name}": f"cell-bms-{name}"
    for name in ("cell-check", "ring", "minus", "strap", "wake", "sleeve", "proof")
}
"""Codes of steps in the records of version 0.1, by what they are called now; a record itself is never
rewritten."""


def code_of(event: Event) -> str:
    """Return the code of the step that a record answers, as it is called now."""
    return RENAMED_STEPS.get(event.step, event.step)


class Ledger(Sequence[Event]):
    """All records of a job, oldest first; it grows at the end.

    Attributes
    ----------
    standing : list of Event
        Those that are not taken back, corrections among them; only looked at from outside.
    taken : frozenset of int
        Numbers of those that are.
    """

    def __init__(self, events: Iterable[Event] = ()) -> None:
        self._all = list(events)
        self._sort()

    def append(self, event: Event) -> None:
        """Take one more record; only a correction makes all be looked at anew."""
        self._all.append(event)
        if type(event.data) is Correction:
            self._sort()
        else:
            self._place(event)

    def of_step(self, code: str) -> list[Event]:
        """The standing records of a step, by its code as it is called now."""
        return self._of_step.get(code, [])

    def of_kind(self, kind: type[T]) -> list[T]:
        """What the standing records of a kind say, oldest first."""
        return [event.data for event in self.with_kind(kind)]  # type: ignore[misc]

    def with_kind(self, *kinds: type[Any]) -> list[Event]:
        """The standing records of some kinds, oldest first."""
        if len(kinds) == 1:
            return self._of_kind.get(kinds[0], [])
        found = [event for kind in kinds for event in self._of_kind.get(kind, [])]
        return sorted(found, key=lambda event: event.seq)

    def by_revision_and_step(self) -> Iterator[tuple[int, str, list[Event]]]:
        """The standing records of each revision and step: its number, its code, and they."""
        for (revision, code), events in self._of_revision.items():
            yield revision, code, events

    def _sort(self) -> None:
        self.taken = _taken_back(self._all)
        self.standing: list[Event] = []
        self._of_step: defaultdict[str, list[Event]] = defaultdict(list)
        self._of_kind: defaultdict[type, list[Event]] = defaultdict(list)
        self._of_revision: defaultdict[tuple[int, str], list[Event]] = defaultdict(list)
        for event in self._all:
            if event.seq not in self.taken:
                self._place(event)

    def _place(self, event: Event) -> None:
        code = code_of(event)
        self.standing.append(event)
        self._of_step[code].append(event)
        self._of_kind[type(event.data)].append(event)
        self._of_revision[event.revision, code].append(event)

    def __len__(self) -> int:
        return len(self._all)

    @overload
    def __getitem__(self, at: int) -> Event: ...

    @overload
    def __getitem__(self, at: slice) -> list[Event]: ...

    def __getitem__(self, at: int | slice) -> Event | list[Event]:
        return self._all[at]

    def __iter__(self) -> Iterator[Event]:
        return iter(self._all)


def ledger_of(events: Iterable[Event]) -> Ledger:
    """Return records as a ledger: the same where they are one."""
    return events if isinstance(events, Ledger) else Ledger(events)


def _taken_back(events: Sequence[Event]) -> frozenset[int]:
    """Numbers of the records taken back; a taken-back correction takes nothing back."""
    taken: set[int] = set()
    # Later corrections first: one that takes back a correction restores what that one took.
    for event in reversed([e for e in events if type(e.data) is Correction]):
        assert isinstance(event.data, Correction)
        if event.seq not in taken and event.data.seq < event.seq:
            taken.add(event.data.seq)
    return frozenset(taken)
