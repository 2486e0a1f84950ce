"""A charge watched in the window: plan, readings of the stand-ins, alarm, verdict, and what goes on record."""

import csv
import io

import pytest

from firmcell.app import watch_window
from firmcell.core.analysis.findings import Stage
from firmcell.core.records.events import Watched, WatchedRun
from firmcell.core.run.watch import Reading
from firmcell.instruments import listed as listed_module
from firmcell.instruments.kinds import Kind
from firmcell.instruments.listed import Listed, keep_instrument


@pytest.fixture
def heard(monkeypatch):
    told = []
    monkeypatch.setattr(watch_window, "sound", told.append)
    return told


@pytest.fixture
def watch(hoist_window, qtbot, heard, tmp_path, monkeypatch):
    monkeypatch.setattr(listed_module, "_file", lambda: tmp_path / "instruments.json")
    monkeypatch.setattr(watch_window, "EVERY_MS", 30)
    hoist_window.go(Stage.BENCH)
    qtbot.waitUntil(lambda: hoist_window.session.metal is not None, timeout=20000)
    shown = hoist_window.at_bench.watch_window()
    qtbot.addWidget(shown)
    shown.show()
    now = [0.0]

    def clock():
        now[0] += 0.4
        return now[0]

    shown._clock = clock
    return shown


@pytest.mark.slow
def test_a_charge_is_watched_to_its_end_and_recorded(watch, qtbot, heard):
    watch.start()
    qtbot.waitUntil(lambda: bool(watch.readings) and not watch._timer.isActive(), timeout=60000)
    assert watch.said.text().startswith("All ")
    assert heard == [True]
    assert watch.keep()
    event = watch.session.events[-1]
    assert isinstance(event.data, WatchedRun)
    assert event.step == "first-charge"
    assert event.instrument == "simulated charger"
    assert event.data.outside == 0
    kept = watch.session.job.attachments()[-1]
    rows = list(csv.reader(io.StringIO(kept.content.decode())))
    assert rows[0] == ["time_s", "voltage_v", "current_a", "temperature_c"]
    assert len(rows) == event.data.readings + 1


@pytest.mark.slow
def test_a_reading_at_the_edge_alarms_once_and_switches_nothing_on(watch, qtbot, heard):
    watch.start()
    qtbot.waitUntil(lambda: watch.plan is not None and watch._timer.isActive(), timeout=60000)
    watch._timer.start(10_000_000)
    for n in range(3):
        watch.take(Reading(60.0 + n, 20.0, 2.0, 296.0))
    assert heard.count(False) == 1 or heard == [False]
    assert "missing, reversed or shorted" in watch.said.text()
    assert watch.said.objectName() == "fault"
    watch.take(Reading(70.0, 20.0, 2.0, 360.0))
    assert "stop the charge" in watch.said.text()
    link = watch._links[0]
    watch.stop()
    assert not link._stand_in.on
    assert "left the plan" in watch.said.text()


@pytest.mark.slow
def test_an_instrument_that_is_not_there_is_told_and_nothing_begins(watch, qtbot):
    keep_instrument(Listed(Kind.LOAD, "TCPIP::127.0.0.1::1::SOCKET"))
    watch.what.setCurrentIndex(list(Watched).index(Watched.CAPACITY))
    watch.start()
    qtbot.waitUntil(lambda: "No electronic load answers" in watch.said.text(), timeout=60000)
    assert watch.start_button.isEnabled()
    assert not watch.keep()
    watch.amps.setText("many")
    watch.start()
    assert "many" in watch.said.text()
