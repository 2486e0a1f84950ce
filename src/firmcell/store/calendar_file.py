"""Reminders and the plan of the days as iCalendar (RFC 5545), for any calendar."""

from collections.abc import Iterable, Sequence
from datetime import UTC, datetime, timedelta
from uuid import UUID, uuid5

from icalendar import Alarm, Calendar, Event

from firmcell.core.base.visible import visible
from firmcell.core.jobs.day_plan import DayPlan, JobToDo
from firmcell.core.jobs.day_words import blocks
from firmcell.core.jobs.reminders import Reminder

NAMES = UUID("0f3c35c6-9e5d-4a0f-8a53-2f4a5a7c9d10")
"""Under it the identities of what stands in a calendar: the same thing, written again, replaces itself."""
MORNING = timedelta(hours=8)
"""From midnight until a reminder rings."""


def calendar(
    reminders: Iterable[Reminder],
    plan: DayPlan | None,
    jobs: Sequence[JobToDo],
    midnight: datetime,
    now: datetime,
) -> bytes:
    """Return reminders as whole days that ring in the morning, and the steps of a plan at their times.

    Parameters
    ----------
    reminders : iterable of Reminder
    plan : DayPlan or None
    jobs : sequence of JobToDo
        Those of the plan.
    midnight : datetime
        Beginning of the plan, with its offset.
    now : datetime
        When it is written.
    """
    made = Calendar()
    made.add("prodid", "-//Firm Cell//workshop//EN")
    made.add("version", "2.0")
    for reminder in reminders:
        made.add_component(_of_reminder(reminder, now))
    for block in blocks(plan) if plan is not None else ():
        event = Event()
        title = jobs[block.job].title
        event.add("uid", str(uuid5(NAMES, f"{title}/{block.slots[0].work.code}")))
        event.add("dtstamp", now.astimezone(UTC))
        event.add("dtstart", wall_time(midnight, block.begins_s).astimezone(UTC))
        event.add("dtend", wall_time(midnight, block.ends_s).astimezone(UTC))
        event.add("summary", visible(f"{title}: {block.steps}"))
        lines = [slot.work.title for slot in block.slots]
        event.add("description", visible_lines((*lines, f"With: {block.needs}" if block.needs else "")))
        made.add_component(event)
    return bytes(made.to_ical())


def visible_lines(lines: Sequence[str]) -> str:
    """Return lines as one text, what cannot be seen in them shown."""
    return "\n".join(visible(line) for line in lines if line)


def wall_time(midnight: datetime, seconds: float) -> datetime:
    """Return the moment so long after a midnight by the clock on the wall, which summer time moves."""
    return (midnight.replace(tzinfo=None) + timedelta(seconds=seconds)).astimezone()


def _of_reminder(reminder: Reminder, now: datetime) -> Event:
    event = Event()
    event.add("uid", str(uuid5(NAMES, reminder.uid)))
    event.add("dtstamp", now.astimezone(UTC))
    event.add("dtstart", reminder.day)
    event.add("dtend", reminder.day + timedelta(days=1))
    event.add("summary", visible(f"{reminder.about}: {reminder.words}"))
    alarm = Alarm()
    alarm.add("action", "DISPLAY")
    alarm.add("description", visible(reminder.words))
    alarm.add("trigger", MORNING)
    event.add_component(alarm)
    return event
