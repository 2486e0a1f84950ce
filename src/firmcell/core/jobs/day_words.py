"""A plan of the days in words."""

from collections.abc import Sequence
from datetime import date, timedelta

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import about, plural
from firmcell.core.jobs.day_plan import DAY_S, DayPlan, JobToDo, Slot


def clock(seconds: float) -> str:
    """Return the time of day of a moment of a plan.

    Examples
    --------
    >>> clock(86_400.0 + 8 * 3600.0 + 5 * 60.0)
    '08:05'
    """
    minutes = round(seconds % DAY_S / 60.0) % (24 * 60)
    return f"{minutes // 60:02d}:{minutes % 60:02d}"


def day_of(seconds: float, first: date, today: date) -> str:
    """Return the day of a moment of a plan: today, tomorrow, or its weekday and date."""
    day = first + timedelta(days=int(seconds // DAY_S))
    if day == today:
        return "today"
    return "tomorrow" if day == today + timedelta(days=1) else f"{day:%a} {day.day} {day:%b}"


def slot_words(slot: Slot) -> str:
    """Return what a slot needs, or waited for."""
    words = [slot.work.tool]
    if slot.work.watched:
        words.append("watched")
    if slot.work.wait_s and slot.work.waits_for:
        words.append(f"{slot.work.waits_for[:1].lower()}{slot.work.waits_for[1:]} first")
    return ", ".join(word for word in words if word)


@frozen
class Block:
    """Steps of one job that somebody does one after another with the same tool.

    Attributes
    ----------
    slots : in their order.
    """

    slots: tuple[Slot, ...]

    @property
    def begins_s(self) -> float:
        """When the first is begun, s from the beginning of the plan."""
        return self.slots[0].begins_s

    @property
    def ends_s(self) -> float:
        """When the last is done, s from the beginning of the plan."""
        return self.slots[-1].ends_s

    @property
    def job(self) -> int:
        """Number of the job."""
        return self.slots[0].job

    @property
    def person(self) -> int:
        """Who does them, from 0."""
        return self.slots[0].person

    @property
    def work_s(self) -> float:
        """How long somebody is busy, s."""
        return sum(slot.work.work_s for slot in self.slots)

    @property
    def steps(self) -> str:
        """What is done: the step, or the first and the last and how many they are."""
        first, last = self.slots[0].work.title, self.slots[-1].work.title
        if len(self.slots) == 1:
            return first
        return f"{first} … {last} ({len(self.slots)} steps)"

    @property
    def needs(self) -> str:
        """What it needs, or waited for."""
        return ", ".join(dict.fromkeys(w for slot in self.slots for w in slot_words(slot).split(", ") if w))


def blocks(plan: DayPlan) -> tuple[Block, ...]:
    """Return the steps of a plan in blocks, in the order in which they begin: those of one job that follow on
    each other with one tool, or with none in between."""
    found: list[list[Slot]] = []
    last: dict[int, list[Slot]] = {}
    for slot in plan.slots:
        now = last.get(slot.person)
        if now is not None and _goes_on(now, slot):
            now.append(slot)
        else:
            last[slot.person] = [slot]
            found.append(last[slot.person])
    return tuple(Block(tuple(some)) for some in found)


def _goes_on(block: Sequence[Slot], slot: Slot) -> bool:
    before = block[-1]
    tools = {each.work.tool for each in (*block, slot)} - {""}
    same_day = before.begins_s // DAY_S == slot.begins_s // DAY_S
    follows = slot.begins_s <= before.ends_s + 60.0 and not slot.work.watched and not before.work.watched
    return before.job == slot.job and same_day and follows and len(tools) <= 1


def plan_words(plan: DayPlan, jobs: Sequence[JobToDo], first: date, today: date) -> str:
    """Return when all is done, and what is late or longer than a day, in sentences."""
    if not plan.slots:
        return "Nothing is left to do in these jobs."
    ends = [end for end in plan.done_s if end is not None]
    told = [f"{plural(len(plan.slots), 'step')} in {plural(sum(bool(j.works) for j in jobs), 'job')}"]
    if len(ends) == len(plan.done_s):
        last = max(end for end, job in zip(ends, jobs, strict=True) if job.works)
        told[0] += f", done {day_of(last, first, today)} at {clock(last)}."
    else:
        told[0] += "; not all of it is done within 90 days."
    for n in plan.late:
        end, due = plan.done_s[n], jobs[n].due_s
        if end is not None and due is not None:
            days = int(-(-(end - due) // DAY_S))
            told.append(
                f"{jobs[n].title} is late by {plural(days, 'day')}: done {day_of(end, first, today)}."
            )
    for n in plan.too_long:
        longest = max(jobs[n].works, key=lambda work: work.work_s)
        told.append(
            f"{jobs[n].title}: “{longest.title}” takes about {about(longest.work_s)}, longer than a day; it is planned from the morning on."
        )
    return " ".join(told)
