"""What is to be looked at again, and when: packs that were built, cells that rest, tools that are checked."""

from collections import Counter
from collections.abc import Iterable
from datetime import date, datetime, timedelta

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import plural
from firmcell.core.jobs.wet_jacket_steps import LOOK_WEEKS
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.run.storage import AT_K, STORED_AT_SOC, in_store
from firmcell.core.stock.cell_history import when
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.part_words import check_due
from firmcell.core.stock.things import ToolInShop

DAY_S = 86_400.0
RETEST = timedelta(days=365)
"""From a capacity test, or from the day a pack was built, to the next; engineering judgement."""
SEASON = timedelta(weeks=13)
"""After the first look at a wet jacket, between further ones: after each season; engineering judgement."""
REST = timedelta(days=14)
"""Between the two readings that show which resting cell drains; common practice, no source."""
LONGEST_STORE = timedelta(days=365)
"""A pack in store is measured at least so often, however little it loses; engineering judgement."""
SHOWN = timedelta(days=14)
"""What falls due within this is shown at the start."""


@frozen
class Reminder:
    """One thing to look at again.

    Attributes
    ----------
    kind : re-test, storage, rust, check, rest or promised.
    day : when it falls due.
    words : what is to be done, a sentence.
    about : title of the job, name of the tool, or drawer.
    uid : the same for the same thing each time it is worked out.
    """

    kind: str
    day: date
    words: str
    about: str
    uid: str

    def due(self, today: date) -> str:
        """When that is, in words."""
        days = (self.day - today).days
        if days < 0:
            return f"overdue by {plural(-days, 'day')}"
        return "today" if not days else "tomorrow" if days == 1 else f"in {plural(days, 'day')}"


@frozen
class Built:
    """A pack that was built, as far as reminders ask.

    Attributes
    ----------
    built : when its last step was passed.
    measured, tested, looked : when a voltage, its capacity, and anything at all was recorded last.
    """

    design: Design
    built: datetime
    measured: datetime
    tested: datetime
    looked: datetime


def pack_reminders(pack: Built, uid: str) -> tuple[Reminder, ...]:
    """Return what a pack that was built is to be looked at for.

    Parameters
    ----------
    pack : Built
    uid : str
        Of its job.
    """
    design, title = pack.design, pack.design.brief.title
    found = []
    if design.kind is JobKind.WET_JACKET:
        looked_since = pack.looked > pack.built
        day = pack.looked + SEASON if looked_since else pack.built + timedelta(weeks=LOOK_WEEKS)
        words = "Look through the jacket for rust, bubbles and damp; put what is seen into the job."
        found.append(Reminder("rust", day.date(), words, title, f"{uid}-rust"))
    found.append(_stored(pack, uid))
    words = "Test its capacity again, and measure every group."
    found.append(Reminder("re-test", (pack.tested + RETEST).date(), words, title, f"{uid}-re-test"))
    return tuple(found)


def _stored(pack: Built, uid: str) -> Reminder:
    """When a pack that lies unused is to be measured: in half the time in which the worst of its class is
    nearly empty."""
    design = pack.design
    drain = design.bms.board.standby_current_a if design.bms.board is not None else 0.0
    capacity = design.cell.capacity_as * design.parallel
    store = in_store(design.cell.chemistry, capacity, drain, STORED_AT_SOC, AT_K)
    half = float(store.nearly_empty_s[2]) / 2
    after = timedelta(seconds=half) if np.isfinite(half) else LONGEST_STORE
    day = (pack.measured + min(after, LONGEST_STORE)).date()
    words = "If it lies unused: measure it, and charge it up to half."
    if not design.cell.chemistry.is_lithium:
        words = "If it lies unused: measure it; nickel that was empty wants a slow full charge."
    return Reminder("storage", day, words, design.brief.title, f"{uid}-storage")


def promised_reminder(design: Design, uid: str) -> tuple[Reminder, ...]:
    """Return the day an open job is promised for; nothing where none is."""
    if not design.brief.promised:
        return ()
    whom = f" to {visible(design.brief.customer)}" if design.brief.customer else ""
    day = date.fromisoformat(design.brief.promised)
    title = design.brief.title
    return (Reminder("promised", day, f"Promised{whom}.", title, f"{uid}-promised"),)


def tool_reminders(tools: Iterable[ToolInShop], today: date) -> tuple[Reminder, ...]:
    """Return when tools are to be checked; one that never was is due today."""
    found = []
    for tool in tools:
        if tool.is_.every_days is None:
            continue
        due = check_due(tool)
        words = f"Check the {tool.is_.tool.value} against something known."
        day = due.date() if due is not None else today
        if tool.checked and not tool.was_right:
            words, day = (
                f"The {tool.is_.tool.value} was not right when it was checked: mend it or put it away.",
                today,
            )
        found.append(Reminder("check", day, words, tool.is_.name, f"{tool.key}-check"))
    return tuple(found)


def cell_reminders(lines: Iterable[CellLine]) -> tuple[Reminder, ...]:
    """Return when cells that rest in drawers want their second reading, drawer by drawer."""
    wanted: Counter[tuple[str, date]] = Counter()
    for line in lines:
        read_once = line.rest_v is not None and line.rest_second_v is None
        if line.place_kind is PlaceKind.DRAWER and read_once and line.tested:
            wanted[line.place, (when(line.tested) + REST).date()] += 1
    found = []
    for (place, day), count in sorted(wanted.items(), key=lambda pair: (pair[0][1], pair[0][0])):
        cells = plural(count, "cell")
        words = f"{cells} of it want their second reading at rest."
        if count == 1:
            words = f"{cells} of it wants its second reading at rest."
        about = f"drawer {place}" if place else "cells without a drawer"
        found.append(Reminder("rest", day, words, about, f"{place}-{day}-rest"))
    return tuple(found)


def soon(reminders: Iterable[Reminder], today: date) -> list[Reminder]:
    """Return those that are overdue or fall due soon, the most overdue first."""
    return sorted((r for r in reminders if r.day <= today + SHOWN), key=lambda r: (r.day, r.about))
