"""Plans over several jobs: nobody does two things at once, no tool is in two jobs, clocks are kept and used."""

import random
from itertools import pairwise, permutations

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.jobs.day_plan import (
    ATTEND_S,
    CHANGE_S,
    CHARGER,
    DAY_S,
    HOT,
    IRON,
    WELDER,
    JobToDo,
    Shift,
    Work,
    day_plan,
)

H = 3600.0
EIGHT = 8 * H


def work(code, hours, wait=0.0, tool="", watched=False):
    return Work(code, code, hours * H, wait * H, "", tool, watched)


def at(plan, code):
    return next(s for s in plan.slots if s.work.code == code)


def check_is_possible(plan, jobs, shift, tools):
    """By the slots alone, with nothing taken from the planner."""
    for n, job in enumerate(jobs):
        mine = [s for s in plan.slots if s.job == n]
        assert [s.work.code for s in mine] == [w.code for w in job.works[: len(mine)]], "in order"
        ends = job.passed_s
        for slot in mine:
            assert slot.begins_s >= ends - 1e-6, "one step of a job after another"
            assert slot.ends_s >= ends + slot.work.wait_s - 1e-6, "not passed before its clock"
            assert slot.ends_s >= slot.begins_s + slot.work.work_s - 1e-6
            ends = slot.ends_s
    for person in range(shift.people):
        mine = sorted((s for s in plan.slots if s.person == person), key=lambda s: s.begins_s)
        for one, other in pairwise(mine):
            busy = min(one.work.work_s, ATTEND_S) if one.work.watched else one.work.work_s
            assert other.begins_s >= one.begins_s + busy - 1e-6, "one thing at a time"
        for charge in (s for s in mine if s.work.watched):
            for slot in mine:
                if slot.work.tool in HOT:
                    beside = charge.begins_s < slot.begins_s < charge.ends_s - 1e-6
                    assert not beside, "nothing hot beside a charge that is watched"
    for tool in {s.work.tool for s in plan.slots if s.work.tool}:
        using = sorted((s.begins_s, s.ends_s) for s in plan.slots if s.work.tool == tool)
        for moment, _ in using:
            assert sum(b <= moment < e - 1e-6 for b, e in using) <= tools.get(tool, 1)
    for slot in plan.slots:
        day = slot.begins_s // DAY_S * DAY_S
        assert slot.begins_s - day >= shift.begins_s - 1e-6, "not before work begins"
        assert slot.begins_s >= shift.now_s
        assert day / DAY_S not in shift.days_off
        if slot.work.work_s + CHANGE_S <= shift.ends_s - shift.begins_s:
            assert slot.begins_s + slot.work.work_s - day <= shift.ends_s + 1e-6, "done before the evening"


WORKS = st.lists(
    st.builds(
        work,
        st.just("w"),
        st.floats(0.1, 3.0),
        st.sampled_from([0.0, 0.0, 2.0, 20.0]),
        st.sampled_from(["", WELDER, IRON, ""]),
    )
    | st.builds(work, st.just("charge"), st.floats(1.0, 3.0), tool=st.just(CHARGER), watched=st.just(True)),
    min_size=1,
    max_size=5,
)


@settings(max_examples=40, deadline=None)
@given(st.lists(WORKS, min_size=1, max_size=4), st.integers(1, 3), st.integers(1, 2), st.data())
def test_every_plan_can_be_done(lists, people, welders, data):
    days = [data.draw(st.none() | st.integers(1, 5)) for _ in lists]
    jobs = [
        JobToDo(f"job {n}", tuple(works), due_s=None if day is None else day * DAY_S)
        for n, (works, day) in enumerate(zip(lists, days, strict=True))
    ]
    shift = Shift(people=people, days_off=frozenset((1,)), now_s=data.draw(st.floats(0, DAY_S)))
    tools = {WELDER: welders}
    plan = day_plan(jobs, shift, tools)
    check_is_possible(plan, jobs, shift, tools)
    assert len(plan.slots) == sum(map(len, lists)), "all of it is planned"
    late = {n for n, job in enumerate(jobs) if job.due_s is not None and plan.done_s[n] > job.due_s}
    assert set(plan.late) == late
    assert plan == day_plan(jobs, shift, tools), "the same every time"


def test_a_cure_of_one_job_is_time_for_another():
    """By hand: two hours, four hours of cure, one hour; and three hours of another job, which fit into the cure."""
    cures = JobToDo("jacket", (work("seal", 2), work("look", 1, wait=4)))
    other = JobToDo("scale", (work("solder", 3, tool=IRON),))
    plan = day_plan([other, cures], Shift())
    assert at(plan, "seal").begins_s == EIGHT
    assert at(plan, "solder").begins_s == EIGHT + 2 * H
    # The look may begin an hour before the cure is over and passes with it; the iron took ten minutes more.
    assert at(plan, "look").begins_s == EIGHT + 5 * H + CHANGE_S
    assert plan.done_s == (EIGHT + 5 * H + CHANGE_S, EIGHT + 6 * H + CHANGE_S)
    one_after_another = 2 + 4 + 3
    assert max(plan.done_s) - EIGHT < one_after_another * H


def test_a_cure_runs_through_the_night_and_a_step_does_not():
    job = JobToDo("jacket", (work("seal", 2), work("look", 1, wait=24), work("dip", 8)))
    plan = day_plan([job], Shift())
    assert at(plan, "look").ends_s == EIGHT + 26 * H
    # Tomorrow from 10 to 17 are seven hours: the dip of eight is done the day after.
    assert at(plan, "dip").begins_s == 2 * DAY_S + EIGHT
    assert plan.too_long == ()
    whole = JobToDo("long", (work("weld", 11),))
    assert day_plan([whole], Shift()).too_long == (0,)
    assert day_plan([whole], Shift()).slots[0].begins_s == EIGHT, "planned from the morning on, and told"


def test_what_is_promised_first_is_done_first_and_what_cannot_be_is_told():
    long = JobToDo("long", (work("a", 8),), due_s=9 * DAY_S)
    short = JobToDo("short", (work("b", 3),), due_s=DAY_S)
    plan = day_plan([long, short], Shift())
    assert [s.work.code for s in plan.slots] == ["b", "a"]
    assert plan.late == ()
    hopeless = JobToDo("late", (work("c", 3),), due_s=-DAY_S)
    assert day_plan([long, hopeless], Shift()).late == (1,)


def test_hot_work_lies_together():
    """Three jobs that each weld and solder: each change to the other tool costs time."""
    jobs = [
        JobToDo(f"{n}", (work(f"weld {n}", 1, tool=WELDER), work(f"solder {n}", 1, tool=IRON)))
        for n in range(3)
    ]
    plan = day_plan(jobs, Shift())
    assert plan.changes == 1
    assert [s.work.tool for s in plan.slots] == [WELDER] * 3 + [IRON] * 3


def best_of_all_orders(jobs, shift):
    """The earliest end by trying every order of the steps of all jobs, each begun as early as can be: one person,
    nothing watched. Written anew, by the rules alone."""
    best = None
    for order in set(permutations([n for n, job in enumerate(jobs) for _ in job.works])):
        at, passed, free, hand = [0] * len(jobs), [job.passed_s for job in jobs], 0.0, ""
        for n in order:
            work = jobs[n].works[at[n]]
            takes = work.work_s + (CHANGE_S if work.tool in HOT and work.tool != hand else 0.0)
            start = max(free, passed[n], passed[n] + work.wait_s - work.work_s)
            day, of_day = start // DAY_S * DAY_S, start % DAY_S
            if of_day < shift.begins_s:
                start = day + shift.begins_s
            elif of_day + takes > shift.ends_s:
                start = day + DAY_S + shift.begins_s
            free, passed[n], at[n] = start + takes, max(start + takes, passed[n] + work.wait_s), at[n] + 1
            hand = work.tool if work.tool in HOT else hand
        best = min(best, max(passed)) if best is not None else max(passed)
    return best


def test_small_plans_end_as_early_as_any():
    dice = random.Random(3)
    over = []
    for _ in range(40):
        jobs = [
            JobToDo(
                f"{n}",
                tuple(
                    work(
                        f"{n}{k}",
                        dice.uniform(0.2, 2.5),
                        dice.choice([0, 0, 1.5, 5]),
                        dice.choice(["", WELDER, IRON]),
                    )
                    for k in range(2 + (n == 0))
                ),
                EIGHT,
            )
            for n in range(dice.choice([2, 3]))
        ]
        best = best_of_all_orders(jobs, Shift())
        over.append((max(day_plan(jobs, Shift()).done_s) - EIGHT) / (best - EIGHT))
    assert min(over) > 1 - 1e-9, "none is earlier than the earliest"
    assert sum(share < 1.0001 for share in over) >= 38
    assert max(over) < 1.05


def test_a_second_welder_and_a_second_pair_of_hands_are_used():
    jobs = [JobToDo(f"{n}", (work("weld", 2, tool=WELDER),)) for n in range(2)]
    assert max(day_plan(jobs, Shift(people=2)).done_s) == EIGHT + 4 * H + CHANGE_S, "one welder, in one hand"
    assert max(day_plan(jobs, Shift(people=2), {WELDER: 2}).done_s) == EIGHT + 2 * H + CHANGE_S
    assert max(day_plan(jobs, Shift(), {WELDER: 2}).done_s) == EIGHT + 4 * H + CHANGE_S, "one pair of hands"


def test_beside_a_charge_one_measures_but_does_not_solder():
    charge = JobToDo("c", (work("charge", 3, tool=CHARGER, watched=True),))
    quiet, hot = JobToDo("q", (work("measure", 1),)), JobToDo("h", (work("solder", 1, tool=IRON),))
    plan = day_plan([charge, quiet, hot], Shift())
    check_is_possible(plan, [charge, quiet, hot], Shift(), {})
    assert max(plan.done_s) <= EIGHT + 4 * H + CHANGE_S
    assert at(plan, "measure").begins_s > at(plan, "charge").begins_s


def test_what_waits_already_is_counted_from_when_it_began():
    """Passed two hours before the plan begins to count: three of five hours of rest are left."""
    job = JobToDo("rest", (work("read", 0.5, wait=5),), passed_s=EIGHT - 2 * H)
    plan = day_plan([job], Shift(now_s=EIGHT))
    assert plan.slots[0].ends_s == EIGHT + 3 * H
    assert day_plan([], Shift()).slots == ()


@pytest.mark.parametrize("count", [5, 12])
def test_a_shop_full_of_jobs_is_planned_within_its_bounds(count):
    """No plan ends before all work is done by as many hands as there are: a bound, not our own output."""
    jobs = [
        JobToDo(
            f"{n}",
            (
                work("prepare", 1 + n % 3),
                work("weld", 2, tool=WELDER),
                work("read", 0.5, wait=3),
                work("solder", 1.5, tool=IRON),
                work("charge", 3, tool=CHARGER, watched=True),
            ),
        )
        for n in range(count)
    ]
    shift = Shift(people=2)
    plan = day_plan(jobs, shift)
    check_is_possible(plan, jobs, shift, {})
    charges = 3 * count / 9
    assert max(plan.done_s) / DAY_S >= charges - 1, "one charger"
    assert max(plan.done_s) / DAY_S <= 2 * charges + 2
