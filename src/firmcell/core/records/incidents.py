"""Incidents: what must never be passed over in silence, and how each was resolved."""

import re

from firmcell.core.base.frozen import frozen
from firmcell.core.records.events import Event, Incident, NotRight, Remark, Resolution, StepPassed

_MEANT = re.compile(
    r"\b(smok\w*|smoul?der\w*|(on|caught|took) fire|flames?|burn(t|ed|ing)|hiss\w*|swell\w*|swollen|vent(ed|ing)|explo\w*|short[- ]circuit\w*)\b",
    re.IGNORECASE,
)
"""Words in a remark, a reason or a note that tell of an incident whatever it is recorded as."""
_DENIED = re.compile(r"\b(no|not|without|never)\s+(\w+\s+)?$", re.IGNORECASE)


@frozen
class OpenIncident:
    """An incident that nobody has resolved: the number of its record, its step, and what happened."""

    seq: int
    step: str
    words: str


MAY_TELL = (Incident, NotRight, Remark, Resolution, StepPassed)
"""Kinds of record that tell of one, or of its end."""


def note_incident(found: dict[int, OpenIncident], event: Event) -> None:
    """Add to the open incidents what a record tells of, or take out what it resolves.

    Parameters
    ----------
    found : dict of int to OpenIncident
        Those of the records before, by their numbers, oldest first.
    event : Event
        The next record that stands.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> tells_of_one("a puff of smoke at cell 12"), tells_of_one("no smoke, all cool")
    (True, False)
    """
    if type(event.data) not in MAY_TELL:
        return
    match event.data:
        case Resolution(seq=seq):
            found.pop(seq, None)
        case Incident(words=words):
            found[event.seq] = OpenIncident(event.seq, event.step, words)
        case NotRight(reason=words) | Remark(text=words) | StepPassed(note=words) if tells_of_one(words):
            found[event.seq] = OpenIncident(event.seq, event.step, words)


def tells_of_one(words: str) -> bool:
    """Whether words tell of smoke, fire or the like, and do not deny it."""
    return any(not _DENIED.search(words[: found.start()]) for found in _MEANT.finditer(words))
