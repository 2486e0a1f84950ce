"""What jobs do to the register as they are built: parts go out of stock, and what was learned is kept for all
benches."""

from collections.abc import Sequence
from uuid import UUID, uuid5

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.base.visible import visible
from firmcell.core.jobs.lessons_of import Taught, lesson_of
from firmcell.core.jobs.parts_list import used_in
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import EMPTY_LIBRARY, PartLibrary
from firmcell.core.records.build_state import EMPTY_STATE, BuildState, fold
from firmcell.core.records.events import (
    Correction,
    Event,
    JointReading,
    PeelTest,
    StepPassed,
    WatchedRun,
    WeldSample,
)
from firmcell.core.records.ledger import ledger_of
from firmcell.core.records.step import Step
from firmcell.core.stock.entries import Entry, TakenBack
from firmcell.core.stock.lessons import StepTimed
from firmcell.core.stock.part_entries import PartChanged
from firmcell.core.stock.part_words import amount_words, part_stands
from firmcell.core.stock.taking import Need, takings
from firmcell.core.stock.things import PartInStock
from firmcell.register.register import Register

OF_EVENTS = UUID("6d0d5f4c-3f5b-4b8e-9a52-0f0a1f6e2c11")
"""Under it the keys of entries that come of a record of a job: the same record gives the same key."""


LESSONS = ("setting-peeled", "peel-measured", "joint-measured", "capacity-measured", "timed")
"""What a record can have taught, as its keys name it."""


@frozen
class Noted:
    """A record of a job, as far as the workshop asks.

    Attributes
    ----------
    event : the record.
    design, analysis, steps : of the job as it was then.
    again : whether its step had been passed before: what that used is used, and a rework's own is told by
        hand.
    timed : family and seconds of the step, where it was done in one sitting.
    corrected : the record that it takes back, if it does.
    state, sample : what was measured up to it, and the sample welds recorded last before it.
    library : parts to choose from.
    """

    event: Event
    design: Design
    analysis: Analysis
    steps: tuple[Step, ...]
    again: bool = False
    timed: tuple[str, float] | None = None
    corrected: Event | None = None
    state: BuildState = EMPTY_STATE
    sample: WeldSample | None = None
    library: PartLibrary = EMPTY_LIBRARY


def note(register: Register, noted: Noted) -> str:
    """Write what a record of a job means for stock and experience, and say what was taken, in a sentence; ""
    where nothing was.

    Raises
    ------
    Refusal
        If it cannot be written.
    """
    event = noted.event
    parts = register.parts()
    if isinstance(event.data, Correction):
        entries = _taken_back(register, noted, parts)
        register.write(entries)
        back = sum(e.about in {p.key for p in parts} for e in entries)
        return "What that step had used is put back into stock." if back else ""
    changes = _used(register, noted, parts) if isinstance(event.data, StepPassed) and not noted.again else []
    register.write([*changes, *_learned(register, noted)])
    return _told(changes, parts, {p.key: p for p in register.parts()})


def key_of(event: Event, what: str) -> str:
    """Return the key of the entry that comes of a record for a part, or for what was learned."""
    return uuid5(OF_EVENTS, f"{event.hash}/{what}").hex


def _used(register: Register, noted: Noted, parts: Sequence[PartInStock]) -> list[Entry]:
    used = used_in(noted.design, noted.analysis, noted.steps)
    needs = [Need(u.what, u.name, u.much, u.cuts) for u in used if u.step == noted.event.step]
    title = next((s.title for s in noted.steps if s.code == noted.event.step), noted.event.step)
    entries = []
    for each in takings(needs, parts):
        data = PartChanged(by=-each.much, job=noted.design.brief.title, step=title)
        entry = register.entry(each.key, data, noted.event.person, noted.event.time)
        entries.append(entry.model_copy(update={"key": key_of(noted.event, each.key)}))
    return entries


def _learned(register: Register, noted: Noted) -> list[Entry]:
    event, data, job = noted.event, noted.event.data, noted.design.brief.title
    found: list[tuple[str, Taught | StepTimed]] = []
    taught = lesson_of(data, noted.design, noted.state, noted.sample, noted.library)
    if taught is not None:
        found.append((taught.kind, taught))
    if noted.timed is not None and isinstance(data, StepPassed):
        family, seconds = noted.timed
        found.append(("timed", StepTimed(family=family, seconds=seconds, job=job)))
    entries = []
    for what, lesson in found:
        key = key_of(event, what)
        entry = register.entry(key, lesson, event.person, event.time)
        entries.append(entry.model_copy(update={"key": key}))
    return entries


def _taken_back(register: Register, noted: Noted, parts: Sequence[PartInStock]) -> list[Entry]:
    if noted.corrected is None:
        return []
    gone, entries = noted.corrected, []
    abouts = [(part.key, part.key) for part in parts]
    abouts += [(key_of(gone, what), what) for what in LESSONS]
    for about, what in abouts:
        key, written = key_of(gone, what), register.about(about)
        if any(e.key == key for e in written):
            data = TakenBack(entry=key, reason=f"record {gone.seq} of the job was taken back")
            entry = register.entry(about, data, noted.event.person, noted.event.time)
            entries.append(entry.model_copy(update={"key": key_of(noted.event, what)}))
    return entries


def learn_from(
    register: Register,
    design: Design,
    events: Sequence[Event],
    library: PartLibrary,
) -> int:
    """Write what the records of a whole job teach of peels, joints and capacity, as if they had been noted
    when they were made; what is in already stays. Samples and times are not among them: what this bench kept
    of those before there was a register has no record that it could be known by.

    Returns
    -------
    count : int
        Entries that are new.

    Raises
    ------
    Refusal
        If it cannot be written.
    """
    entries, sample = list[Entry](), None
    standing = ledger_of(events)
    for event in standing.with_kind(WeldSample, PeelTest, JointReading, WatchedRun):
        if isinstance(event.data, WeldSample):
            sample = event.data
            continue
        before = fold([e for e in events if e.seq <= event.seq])
        taught = lesson_of(event.data, design, before, sample, library)
        if taught is None:
            continue
        key = key_of(event, taught.kind)
        if not register.about(key):
            entry = register.entry(key, taught, event.person, event.time)
            entries.append(entry.model_copy(update={"key": key}))
    register.write(entries)
    return len(entries)


def _told(changes: Sequence[Entry], before: Sequence[PartInStock], after: dict[str, PartInStock]) -> str:
    """What was taken, and of what little is left."""
    were, words = {p.key: p for p in before}, []
    for entry in changes:
        part = after.get(entry.about, were[entry.about])
        assert isinstance(entry.data, PartChanged)
        stands = part_stands(part)
        left = f"{stands}" if stands else f"{amount_words(part.is_, part.amount)} left"
        words.append(f"{amount_words(part.is_, -entry.data.by)} of {visible(part.is_.name)} ({left})")
    return f"Taken from stock: {', '.join(words)}." if words else ""
