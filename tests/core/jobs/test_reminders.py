"""What is to be looked at again: by hand from the day it was built, measured or checked."""

from datetime import UTC, date, datetime, timedelta

import pytest

from firmcell.core.jobs.day_plan import IRON, JobToDo, Shift, Work, day_plan
from firmcell.core.jobs.day_words import blocks, clock, day_of, plan_words
from firmcell.core.jobs.day_works import tool_of
from firmcell.core.jobs.reminders import (
    Built,
    cell_reminders,
    pack_reminders,
    promised_reminder,
    soon,
    tool_reminders,
)
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import Origin, PlaceKind
from firmcell.core.stock.things import ToolInShop
from firmcell.core.stock.tool_entries import ToolIs, ToolKind
from firmcell.store import demo
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()
BUILT = datetime(2026, 11, 28, 12, tzinfo=UTC)
TODAY = date(2026, 11, 28)
H = 3600.0


def built(design, **also):
    told = {"measured": BUILT, "tested": BUILT, "looked": BUILT} | also
    return Built(design, BUILT, **told)


def days(design, **also):
    return {r.kind: (r.day - TODAY).days for r in pack_reminders(built(design, **also), "x")}


def test_a_pack_is_measured_in_store_and_tested_again_after_a_year():
    found = days(demo.orchard_hoist(SHELF))
    assert found["re-test"] == 365
    # At most 5 % a month and what the board takes: from a half to a twentieth in nine months or less; half of that.
    assert 30 < found["storage"] <= 0.45 / 0.05 * 30 / 2 + 1
    later = days(demo.orchard_hoist(SHELF), measured=BUILT + timedelta(days=40))
    assert later["storage"] == found["storage"] + 40, "from when it was measured last"
    assert later["re-test"] == 365
    tested = days(demo.orchard_hoist(SHELF), tested=BUILT + timedelta(days=100))
    assert tested["re-test"] == 465


def test_nickel_is_told_its_own_way():
    words = {r.kind: r.words for r in pack_reminders(built(demo.hay_loft_lantern(SHELF)), "x")}
    assert "slow full charge" in words["storage"]
    assert "charge it up to half" not in words["storage"]


def test_a_wet_jacket_is_looked_at_after_four_weeks_and_then_each_season():
    design = demo.DEMO_JOBS["pond-wet-jacket"][1](SHELF)
    assert days(design)["rust"] == 28
    assert days(design, looked=BUILT + timedelta(days=30))["rust"] == 30 + 91


def test_what_is_promised_is_a_reminder():
    design = demo.orchard_hoist(SHELF)
    assert promised_reminder(design.edited("brief.promised", ""), "x") == ()
    (found,) = promised_reminder(design.edited("brief.promised", "2026-12-01"), "x")
    assert (found.day, found.due(TODAY)) == (date(2026, 12, 1), "in 3 days")
    assert found.due(date(2026, 12, 2)) == "overdue by 1 day"


def test_tools_fall_due_when_they_are_to_be_checked():
    def tool(every, ago=None, right=True):
        checked = "" if ago is None else (BUILT - timedelta(days=ago)).isoformat()
        is_ = ToolIs(tool=ToolKind.METER, name="m", every_days=every)
        return ToolInShop(key="1" * 32, is_=is_, told_by="1" * 32, checked=checked, was_right=right)

    def due(*told):
        return [(r.day - TODAY).days for r in tool_reminders([tool(*told)], TODAY)]

    assert due(365, 365) == [0]
    assert due(365, 300) == [65]
    assert due(365, 400) == [-35]
    assert due(365) == [0], "never checked"
    assert due(None, 10) == []
    (wrong,) = tool_reminders([tool(365, 10, False)], TODAY)
    assert "was not right" in wrong.words
    assert wrong.day == TODAY


def test_cells_that_were_read_once_want_their_second_reading():
    def line(serial, place, ago, second=None, kind=PlaceKind.DRAWER):
        tested = (BUILT - timedelta(days=ago)).isoformat()
        return CellLine(
            serial,
            serial,
            "c",
            "",
            Origin.NEW,
            "",
            kind,
            place,
            None,
            "",
            1.0,
            0.1,
            3.6,
            None,
            3.6,
            second,
            1.0,
            tested,
        )

    lines = [
        line("1", "A1", 14),
        line("2", "A1", 14),
        line("3", "A1", 4),
        line("4", "A1", 14, 3.59),
        line("5", "Hoist", 14, kind=PlaceKind.JOB),
    ]
    found = cell_reminders(lines)
    assert [(r.about, (r.day - TODAY).days, r.words) for r in found] == [
        ("drawer A1", 0, "2 cells of it want their second reading at rest."),
        ("drawer A1", 10, "1 cell of it wants its second reading at rest."),
    ]
    assert [r.day for r in soon(found, TODAY)] == [TODAY, TODAY + timedelta(days=10)]
    assert soon(found, TODAY - timedelta(days=6))[-1].day == TODAY
    assert len({r.uid for r in found}) == 2


def test_steps_of_one_job_with_one_tool_are_one_block():
    def work(code, hours, tool="", watched=False):
        return Work(code, code, hours * H, 0.0, "", tool, watched)

    jobs = [
        JobToDo(
            "a",
            (
                work("look", 0.5),
                work("solder", 1, IRON),
                work("read", 0.5),
                work("charge", 2, "charger", True),
            ),
        ),
        JobToDo("b", (work("measure", 1),)),
    ]
    plan = day_plan(jobs, Shift())
    told = blocks(plan)
    assert [b.steps for b in told if b.job == 0] == ["look … read (3 steps)", "charge"]
    assert [s for b in told for s in b.slots if s.person == 0] == sorted(plan.slots, key=lambda s: s.begins_s)
    words = plan_words(plan, jobs, TODAY, TODAY)
    assert words.startswith("5 steps in 2 jobs, done today at ")
    late = [JobToDo("late", (work("x", 5),), due_s=-86_400.0), JobToDo("long", (work("weld it", 11),))]
    words = plan_words(day_plan(late, Shift(now_s=20 * H)), late, TODAY, TODAY)
    assert "late is late by" in words
    assert "“weld it” takes about 11 h, longer than a day" in words
    assert plan_words(day_plan([], Shift()), [], TODAY, TODAY) == "Nothing is left to do in these jobs."
    assert (clock(30 * H), day_of(30 * H, TODAY, TODAY), day_of(60 * H, TODAY, TODAY)) == (
        "06:00",
        "tomorrow",
        "Mon 30 Nov",
    )


@pytest.mark.parametrize("name", sorted(demo.DEMO_JOBS))
def test_steps_that_heat_name_their_tool(name):
    """By what each asks to record, and by the word in its title: not by the planner's own table."""
    from firmcell.core.analysis.analyse import analyse
    from firmcell.core.jobs import steps_of

    design = demo.DEMO_JOBS[name][1](SHELF)
    for step in steps_of(design, analyse(design, SHELF)):
        tool = tool_of(step)
        if "solder-joint" in step.records and "weld-row" not in step.records:
            assert tool == "soldering iron", step.code
        if "weld-row" in step.records:
            assert tool == "spot welder", step.code
        if "hot air" in step.words.lower() and "solder-joint" not in step.records:
            assert tool in ("heat gun", "crimp tool"), step.code
        if not step.records or step.records == ("tap-reading",):
            assert tool == "", step.code
