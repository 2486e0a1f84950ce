"""Looking what the shop and the jobs of a folder ask for: what is left to do, and what is to be looked at
again."""

from collections.abc import Iterator
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs.reminders import Reminder, cell_reminders, tool_reminders
from firmcell.core.model.part_library import PartLibrary

if TYPE_CHECKING:
    from firmcell.store.job_day import JobDay


@frozen(eq=False)
class Looked:
    """What was found so far.

    Attributes
    ----------
    tools : how many of each kind there are.
    reminders : of tools and cells; those of jobs are with them.
    jobs, faults : jobs that were read, and why others could not be.
    """

    tools: tuple[tuple[str, int], ...] = ()
    reminders: tuple[Reminder, ...] = ()
    jobs: tuple["JobDay", ...] = ()
    faults: tuple[str, ...] = ()

    @property
    def every_reminder(self) -> list[Reminder]:
        """All reminders, the most overdue first."""
        every = [*self.reminders, *(r for job in self.jobs for r in job.reminders)]
        return sorted(every, key=lambda r: (r.day, r.about))


def look(folder: Path | None, library: PartLibrary, place: str, midnight: datetime) -> Iterator[Looked]:
    """Yield what was found so far: tools and cells of the shop, then one job of a folder after another.

    Parameters
    ----------
    folder : Path or None
        None for no jobs.
    library : PartLibrary
    place : str
        Of the register; "" for the shop's own.
    midnight : datetime
        Beginning of the day.
    """
    from firmcell.register.have import have
    from firmcell.store.job_day import job_day
    from firmcell.store.job_list import ARCHIVE, job_files
    from firmcell.store.step_times import learned_times

    shop = have(place)
    counted: dict[str, int] = {}
    for tool in shop.tools:
        counted[tool.is_.tool.value] = counted.get(tool.is_.tool.value, 0) + 1
    reminders = (*tool_reminders(shop.tools, midnight.date()), *cell_reminders(shop.cells))
    found = Looked(tuple(counted.items()), reminders)
    yield found
    learned = learned_times()
    for path in job_files(folder) if folder is not None else ():
        if path.parent.name == ARCHIVE:
            continue
        jobs, faults = found.jobs, found.faults
        try:
            jobs = (*jobs, job_day(path, library, learned, midnight))
        except Refusal as refusal:
            faults = (*faults, refusal.sentence)
        found = Looked(found.tools, found.reminders, jobs, faults)
        yield found
