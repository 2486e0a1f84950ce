"""The day by the real window: jobs are planned, ticked off, opened from the plan; reminders at the start and in a
calendar."""

from datetime import UTC, datetime, timedelta

import pytest
from icalendar import Calendar
from PySide6.QtCore import Qt, QTime
from PySide6.QtTest import QTest
from shiboken6 import isValid

from firmcell.app.shop.day_window import DayWindow
from firmcell.app.start_page import StartPage
from firmcell.core.records.events import Checked
from firmcell.core.stock.tool_entries import ToolAdded, ToolChecked, ToolIs, ToolKind
from firmcell.register.register import Register, new_key, register_place
from firmcell.store.calendar_file import calendar, wall_time
from firmcell.store.demo import bee_house_scale, log_splitter_cable
from firmcell.store.job_day import job_day
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library

NOW = datetime(2026, 11, 27, 9, 30).astimezone()


@pytest.fixture
def jobs(tmp_path):
    library, folder = shipped_library(), tmp_path / "jobs"
    folder.mkdir()
    scale = bee_house_scale(library).edited("brief.promised", "2026-11-27")
    JobFile.create(folder / "scale.firmcell", scale, "Ada", "x").close()
    JobFile.create(folder / "cable.firmcell", log_splitter_cable(library), "Ada", "x").close()
    (folder / "broken.firmcell").write_text("nothing")
    return folder


@pytest.fixture
def day(window, qtbot, jobs):
    made = DayWindow(window, jobs, "", NOW)
    made.show()
    made.resize(1280, 800)
    qtbot.waitUntil(
        lambda: made.jobs.count() == 2 and made.plan is not None and "step" in made.said.text(),
        timeout=30_000,
    )
    qtbot.waitUntil(lambda: len({s.job for s in made.plan.slots}) == 2, timeout=20_000)
    yield made
    made.close()


def test_the_days_are_planned_and_changed_by_keys(day, qtbot, window):
    first = day.table.rows.index(0, 0).data()
    assert first == "today 09:30", "from now on"
    assert ("is late by" in day.said.text()) == bool(day.plan.late)
    assert "broken.firmcell" in day.said.text(), "what cannot be read is told"
    both = len(day.plan.slots)
    item = next(day.jobs.item(n) for n in range(2) if "Log splitter" in day.jobs.item(n).text())
    day.jobs.setCurrentItem(item)
    QTest.keyClick(day.jobs, Qt.Key.Key_Space)
    qtbot.waitUntil(lambda: 0 < len(day.plan.slots) < both, timeout=20_000)
    assert all("Bee-house" in day.table.rows.index(n, 2).data() for n in range(day.table.rows.rowCount()))
    day.ends.setTime(QTime(7, 0))
    assert "Work ends before it begins" in day.said.text()
    day.ends.setTime(QTime(17, 0))
    day.people.setValue(2)
    qtbot.waitUntil(lambda: day.table.rows.index(0, 6).data() == "1", timeout=20_000)
    # 27 November 2026 is a Friday: what is left goes on on Monday.
    days = {int(s.begins_s // 86_400) for s in day.plan.slots}
    assert days <= {0, 3, 4}
    again = DayWindow(window, day.folder, "", NOW)
    assert again.people.value() == 2, "kept"
    again.done(0)


def test_windows_that_still_work_go_with_the_main_one(window, qtbot, jobs):
    """Closed while jobs are read and the plan is worked out: nothing of it comes back to a window that is gone."""
    window.settings.setValue("jobs folder", str(jobs))
    shown = [window.workshop.show_day(), window.workshop.show_shopping(), window.workshop.show_across()]
    qtbot.wait(150)
    window.close()
    assert not any(isValid(each) and each.isVisible() for each in shown)
    qtbot.wait(1500)


def test_a_step_of_the_plan_opens_its_job(day, window):
    day.table.setCurrentIndex(day.table.rows.index(0, 0))
    day.open_(day.table.rows._rows[0][0])
    assert window.session is not None
    assert window.session.design.brief.title in ("Bee-house scale", "Log splitter cable")


def test_the_calendar_is_read_by_another_program(day, tmp_path):
    """By the icalendar package: times in their zone, whole days, alarms, no identity twice."""
    assert day.reminders.rows.index(0, 3).data().startswith("Promised")
    assert day.write(tmp_path / "w.ics")
    text = (tmp_path / "w.ics").read_bytes()
    events = Calendar.from_ical(text).walk("VEVENT")
    steps = [e for e in events if isinstance(e.decoded("dtstart"), datetime)]
    assert len(events) - len(steps) == 1
    assert min(e.decoded("dtstart") for e in steps) == NOW
    assert all(e.decoded("dtend") > e.decoded("dtstart") for e in steps)
    assert len({e["uid"] for e in events}) == len(events)
    promised = next(e for e in events if not isinstance(e.decoded("dtstart"), datetime))
    assert f"{promised.decoded('dtstart')}" == "2026-11-27"
    assert promised.walk("VALARM")
    assert calendar([], None, (), day.midnight, NOW.astimezone(UTC)).startswith(b"BEGIN:VCALENDAR")
    assert wall_time(day.midnight, 9.5 * 3600) == NOW


def test_what_was_built_reminds_of_itself(window, tmp_path):
    """A cable has nothing to look at again; a pack whose steps are not all passed is promised, not built."""
    library = shipped_library()
    midnight = NOW.replace(hour=0, minute=0)
    JobFile.create(tmp_path / "a.firmcell", log_splitter_cable(library), "Ada", "x").close()
    told = job_day(tmp_path / "a.firmcell", library, {"cable-route": 1234.0}, midnight)
    assert told.reminders == ()
    assert told.to_do.works[0].work_s == 1234.0, "as this workshop took"
    with JobFile.open(tmp_path / "a.firmcell") as job:
        job.append(Checked(right=("x",)), "cable-route", "Ada")
    assert len(job_day(tmp_path / "a.firmcell", library, {}, midnight).to_do.works) == len(told.to_do.works)


def test_what_falls_due_stands_on_the_start_page(window, qtbot):
    page = window.stack.widget(0)
    assert isinstance(page, StartPage)
    window.workshop.reminders.look()
    assert not page.due.isVisible(), "a shop without register and jobs is reminded of nothing"
    with Register(register_place()) as register:
        key = new_key()
        is_ = ToolIs(tool=ToolKind.METER, name="bench meter", every_days=30)
        ago = (datetime.now().astimezone() - timedelta(days=33)).isoformat(timespec="seconds")
        register.write([register.entry(key, ToolAdded(is_=is_), "Ada", ago)])
        register.write([register.entry(key, ToolChecked(right=True), "Ada", ago)])
    window.workshop.reminders.look()
    qtbot.waitUntil(page.due.isVisible, timeout=20_000)
    assert page.due_words.text() == "bench meter, overdue by 3 days: Check the meter against something known."
    window.workshop.reminders.stop()
