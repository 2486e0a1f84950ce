"""What is left to do in job files, and when what was built is to be looked at again."""

from collections.abc import Iterable, Mapping
from datetime import date, datetime, timedelta
from pathlib import Path

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.frozen import frozen
from firmcell.core.jobs import plan_of, steps_of
from firmcell.core.jobs.day_plan import JobToDo
from firmcell.core.jobs.day_works import works_of
from firmcell.core.jobs.plan import Subject
from firmcell.core.jobs.reminders import Built, Reminder, pack_reminders, promised_reminder
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.events import (
    Event,
    PolarityReading,
    StepPassed,
    TapReading,
    Watched,
    WatchedRun,
)
from firmcell.store.job_file import JobFile
from firmcell.store.whole_job import standing_of


@frozen
class JobDay:
    """One job.

    Attributes
    ----------
    path : its file.
    to_do : what is left of it; nothing where it is built.
    reminders : when it is to be looked at again, or is promised for.
    """

    path: Path
    to_do: JobToDo
    reminders: tuple[Reminder, ...]


def job_day(path: Path, library: PartLibrary, learned: Mapping[str, float], midnight: datetime) -> JobDay:
    """Return what is left of a job, and what it reminds of.

    Parameters
    ----------
    path : Path
    library : PartLibrary
    learned : mapping
        Seconds of steps by family, as this workshop took.
    midnight : datetime
        Beginning of the first day of the plan.

    Raises
    ------
    Refusal
        If it cannot be read.
    """
    with JobFile.open(path, read_only=True) as job:
        design = job.latest().design()
        analysis = analyse(design, library)
        standing = standing_of(job, design, analysis)
        events = job.events()
    state, steps = standing.state, steps_of(design, analysis)
    left = [s for s in steps if state.step(s.code).status is not StepStatus.PASSED]
    passed = max((when(e) for e in events if isinstance(e.data, StepPassed)), default=midnight)
    due = None
    if design.brief.promised:
        ends = date.fromisoformat(design.brief.promised) + timedelta(days=1)
        due = float((ends - midnight.date()).days) * 86_400.0
    to_do = JobToDo(
        design.brief.title,
        works_of(left, learned, design, analysis.strips),
        (passed - midnight).total_seconds(),
        due,
    )
    uid = f"{path.stem}/{design.brief.title}"
    if left:
        return JobDay(path, to_do, promised_reminder(design, uid))
    packs = plan_of(design).subject is Subject.PACK or design.kind is JobKind.WET_JACKET
    if not packs:
        return JobDay(path, to_do, ())
    built = Built(
        design,
        passed,
        _last(events, passed, TapReading, PolarityReading, WatchedRun),
        max((when(e) for e in events if _is_capacity(e)), default=passed),
        max((when(e) for e in events), default=passed),
    )
    return JobDay(path, to_do, pack_reminders(built, uid))


def when(event: Event) -> datetime:
    """Return when a record was made, with its offset."""
    found = datetime.fromisoformat(event.time)
    return found if found.tzinfo is not None else found.astimezone()


def _last(events: Iterable[Event], else_: datetime, *kinds: type) -> datetime:
    return max((when(e) for e in events if isinstance(e.data, kinds)), default=else_)


def _is_capacity(event: Event) -> bool:
    return isinstance(event.data, WatchedRun) and event.data.what is Watched.CAPACITY
