"""The steps of several jobs over the days: what cures and charges in one job is time for another, hot work
lies together, and no tool is in two jobs at once."""

from collections.abc import Callable, Sequence

import numpy as np

from firmcell.core.base.frozen import frozen

DAY_S = 86_400.0
TRIES = 240
"""So many orders are tried; the best counts."""
MOST_STEPS = 24_000
"""Of large shops fewer are tried: so many steps are planned in all, two seconds or so."""
WELDER, IRON, HEAT_GUN, CRIMPER, CHARGER = (
    "spot welder",
    "soldering iron",
    "heat gun",
    "crimp tool",
    "charger",
)
HOT = frozenset((WELDER, IRON, HEAT_GUN))
"""Tools that heat: their work lies together, and beside a charge that is watched none is done."""
LONGEST_DAYS = 90
IDLES = 0.15
"""How often, in a random order, somebody who is free waits for the next moment."""
CHANGE_S = 600.0
"""To clear the bench for another hot tool and bring it to heat, s; engineering judgement."""
ATTEND_S = 900.0
"""From the beginning of a watched charge nothing else is done beside it, s; engineering judgement."""


@frozen
class Work:
    """A step that is still to be done.

    Attributes
    ----------
    code, title : of the step.
    work_s : somebody is busy with it for so long, s.
    wait_s : it is not passed sooner than so long after the step before it, s.
    waits_for : what that clock waits for, in words.
    tool : what it needs that no other job can have at the same time; "" for nothing.
    watched : whether it goes on by itself under somebody's eyes: a charge.
    """

    code: str
    title: str
    work_s: float
    wait_s: float = 0.0
    waits_for: str = ""
    tool: str = ""
    watched: bool = False


@frozen
class JobToDo:
    """A job with what is left of it.

    Attributes
    ----------
    title : of the job.
    works : steps in their order.
    passed_s : when the step before the first of them was passed, s from the beginning of the plan (negative:
        before it).
    due_s : end of the day it is promised for, s from the beginning; None where none is.
    """

    title: str
    works: tuple[Work, ...]
    passed_s: float = 0.0
    due_s: float | None = None


@frozen
class Shift:
    """When work is done: from and to these seconds of each day; the plan begins at midnight of its first day.

    Attributes
    ----------
    begins_s, ends_s : of the day, s.
    people : who work at the same time.
    days_off : days from the first (0) that nobody works.
    now_s : nothing is begun before, s from the beginning of the plan.
    """

    begins_s: float = 8 * 3600.0
    ends_s: float = 17 * 3600.0
    people: int = 1
    days_off: frozenset[int] = frozenset()
    now_s: float = 0.0


@frozen
class Slot:
    """One step in the plan.

    Attributes
    ----------
    job, work : of which job, and what.
    person : who does it, from 0.
    begins_s, ends_s : s from the beginning of the plan.
    ready_s : when it could have been begun; before it, the job waited for a clock.
    """

    job: int
    work: Work
    person: int
    begins_s: float
    ends_s: float
    ready_s: float


@frozen
class DayPlan:
    """The plan.

    Attributes
    ----------
    slots : in the order in which they begin.
    done_s : when each job is done, s from the beginning; None for one that is not within 90 days.
    late : numbers of jobs that are done after the day they are promised for.
    too_long : numbers of jobs with a step that is longer than a working day: it is planned from the morning
        on.
    """

    slots: tuple[Slot, ...]
    done_s: tuple[float | None, ...]
    late: tuple[int, ...]
    too_long: tuple[int, ...]

    @property
    def changes(self) -> int:
        """How often somebody puts one hot tool away for another."""
        last: dict[int, str] = {}
        count = 0
        for slot in self.slots:
            if slot.work.tool in HOT:
                count += last.get(slot.person, slot.work.tool) != slot.work.tool
                last[slot.person] = slot.work.tool
        return count


def day_plan(
    jobs: Sequence[JobToDo], shift: Shift, tools: dict[str, int] | None = None, seed: int = 0
) -> DayPlan:
    """Return when each step is done, and by whom.

    Parameters
    ----------
    jobs : sequence of JobToDo
    shift : Shift
    tools : dict, optional
        How many of each tool there are; one of each that is not in it.
    seed : int
        The orders that are tried are the same for the same seed.

    Returns
    -------
    plan : DayPlan
        Of all that were tried the one with least lateness, then the fewest late jobs, then the earliest
        ends, then the fewest changes of hot tools.

    Notes
    -----
    Each change to another hot tool takes `CHANGE_S`. A list of jobs by priority: whoever is free does the
    first step that can be begun. Priorities are tried by promised day, by what is left, and at random; then
    which step comes next is thrown by dice, and now and then none is begun. A step is never broken off for
    the night; a clock runs through it. Beside a charge that is watched the same person does only what heats
    nothing.
    """
    if not jobs:
        return DayPlan((), (), (), ())
    have = dict(tools or {})
    plans = [_planned(jobs, order, keep, shift, have) for order, keep in _orders(jobs, seed)]
    dice = np.random.default_rng(seed)
    numbers = tuple(range(len(jobs)))
    tries = _tries(jobs) // 2 if len(jobs) > 1 else 0
    plans += [_planned(jobs, numbers, False, shift, have, dice) for _ in range(tries)]
    return min(plans, key=_weight(jobs))


def _tries(jobs: Sequence[JobToDo]) -> int:
    return max(min(TRIES, MOST_STEPS // max(sum(len(job.works) for job in jobs), 1)), 8)


def _orders(jobs: Sequence[JobToDo], seed: int) -> list[tuple[tuple[int, ...], bool]]:
    """Orders of the jobs to try, each with and without keeping to the tool that is hot."""
    left = [sum(w.work_s + w.wait_s for w in job.works) for job in jobs]
    numbers = list(range(len(jobs)))
    never = max(left) * 10 + LONGEST_DAYS * DAY_S

    def due(n: int) -> float:
        told = jobs[n].due_s
        return never if told is None else told

    found = [
        tuple(sorted(numbers, key=lambda n: (due(n), -left[n]))),
        tuple(sorted(numbers, key=lambda n: due(n) - left[n])),
        tuple(sorted(numbers, key=lambda n: -left[n])),
        tuple(sorted(numbers, key=lambda n: left[n])),
    ]
    rng = np.random.default_rng(seed)
    for _ in range(min(_tries(jobs) // 4, 8 * len(jobs) ** 2)):
        found.append(tuple(int(n) for n in rng.permutation(len(jobs))))
    unique = list(dict.fromkeys(found))
    return [(order, keep) for order in unique for keep in (False, True)]


def _weight(jobs: Sequence[JobToDo]) -> Callable[[DayPlan], tuple[float, int, float, float, int]]:
    """What a plan is judged by; less is better."""

    def weight(plan: DayPlan) -> tuple[float, int, float, float, int]:
        ends = [LONGEST_DAYS * DAY_S if end is None else end for end in plan.done_s]
        late = sum(
            max(end - job.due_s, 0.0) for end, job in zip(ends, jobs, strict=True) if job.due_s is not None
        )
        return late, len(plan.late), max(ends), sum(ends), plan.changes

    return weight


def _planned(
    jobs: Sequence[JobToDo],
    order: Sequence[int],
    keep: bool,
    shift: Shift,
    have: dict[str, int],
    dice: np.random.Generator | None = None,
) -> DayPlan:
    bench = _Bench(jobs, shift, have)
    now = bench.working(shift.now_s)
    while bench.left and now < LONGEST_DAYS * DAY_S:
        for person in range(shift.people):
            if dice is not None and dice.random() < IDLES and bench.busy(now):
                # To wait for what is ready soon can be better than to begin something long.
                continue
            while bench.begin_one(person, now, _thrown(order, dice), keep):
                pass
        now = bench.working(bench.next_moment(now))
    slots = tuple(sorted(bench.slots, key=lambda slot: (slot.begins_s, slot.person)))
    done = tuple(None if n in bench.left else bench.passed[n] for n in range(len(jobs)))
    late = tuple(
        n
        for n, job in enumerate(jobs)
        if job.due_s is not None and (done[n] is None or (done[n] or 0.0) > job.due_s)
    )
    long = tuple(n for n, job in enumerate(jobs) if any(w.work_s > bench.day_s for w in job.works))
    return DayPlan(slots, done, late, long)


def _thrown(order: Sequence[int], dice: np.random.Generator | None) -> Sequence[int]:
    """The jobs in their order, or in one thrown by dice."""
    return order if dice is None else [order[n] for n in dice.permutation(len(order))]


class _Bench:
    """People, tools and jobs while a plan is made."""

    def __init__(self, jobs: Sequence[JobToDo], shift: Shift, have: dict[str, int]) -> None:
        self.jobs, self.shift = jobs, shift
        self.day_s = shift.ends_s - shift.begins_s
        self.at = [0] * len(jobs)
        self.passed = [job.passed_s for job in jobs]
        self.free = [0.0] * shift.people
        self.watches = [0.0] * shift.people
        self.in_hand = [""] * shift.people
        self.tools = {
            tool: [0.0] * max(have.get(tool, 1), 1)
            for tool in {w.tool for job in jobs for w in job.works if w.tool}
        }
        self.left = {n for n, job in enumerate(jobs) if job.works}
        self.slots: list[Slot] = []

    def working(self, at: float) -> float:
        """That moment, or the next one at which somebody works."""
        day = int(at // DAY_S)
        if at - day * DAY_S >= self.shift.ends_s:
            day, at = day + 1, (day + 1) * DAY_S
        while day in self.shift.days_off and day < LONGEST_DAYS:
            day, at = day + 1, (day + 1) * DAY_S
        return max(at, day * DAY_S + self.shift.begins_s)

    def ready(self, job: int) -> float:
        """When the next step of a job can be begun, its clock in mind: what is done meanwhile may be."""
        work = self.jobs[job].works[self.at[job]]
        return max(self.passed[job], self.passed[job] + work.wait_s - work.work_s)

    def busy(self, now: float) -> bool:
        """Whether something goes on or is waited for: only then is it no loss to begin nothing."""
        moments = (*self.free, *(self.ready(n) for n in self.left))
        return any(m > now for m in moments)

    def begin_one(self, person: int, now: float, order: Sequence[int], keep: bool) -> bool:
        """Let a person begin the first step that can be; returns whether there was one."""
        if self.free[person] > now:
            return False
        able = [n for n in order if n in self.left and self._can(person, n, now)]
        if not able:
            return False
        chosen = able[0]
        if keep and self.in_hand[person]:
            same = (n for n in able if self.jobs[n].works[self.at[n]].tool == self.in_hand[person])
            chosen = next(same, chosen)
        self._begin(person, chosen, now)
        return True

    def _can(self, person: int, job: int, now: float) -> bool:
        work = self.jobs[job].works[self.at[job]]
        if self.ready(job) > now:
            return False
        if work.tool and min(self.tools[work.tool]) > now:
            return False
        if work.tool in HOT and self.watches[person] > now:
            return False
        ends = now - now // DAY_S * DAY_S + self._takes(person, work)
        fresh = now - now // DAY_S * DAY_S <= self.shift.begins_s
        return ends <= self.shift.ends_s or (self._takes(person, work) > self.day_s and fresh)

    def _takes(self, person: int, work: Work) -> float:
        """How long it takes somebody, the change to another hot tool in it, s."""
        changes = work.tool in HOT and work.tool != self.in_hand[person]
        return work.work_s + (CHANGE_S if changes else 0.0)

    def _begin(self, person: int, job: int, now: float) -> None:
        work = self.jobs[job].works[self.at[job]]
        takes = self._takes(person, work)
        ends = max(now + takes, self.passed[job] + work.wait_s)
        self.slots.append(Slot(job, work, person, now, ends, self.ready(job)))
        busy = min(takes, ATTEND_S) if work.watched else takes
        self.free[person] = now + busy
        if work.watched:
            self.watches[person] = max(self.watches[person], ends)
        if work.tool:
            units = self.tools[work.tool]
            units[units.index(min(units))] = ends
            self.in_hand[person] = work.tool if work.tool in HOT else self.in_hand[person]
        self.passed[job] = ends
        self.at[job] += 1
        if self.at[job] == len(self.jobs[job].works):
            self.left.discard(job)

    def next_moment(self, now: float) -> float:
        """The next moment at which something changes."""
        moments = [*self.free, *self.watches, *(m for units in self.tools.values() for m in units)]
        moments += [self.ready(n) for n in self.left]
        later = [m for m in moments if m > now]
        day = now // DAY_S * DAY_S
        # What does not fit today is looked at again in the morning.
        return min([*later, day + DAY_S])
