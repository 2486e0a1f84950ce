"""Peeled samples at the bench: recorded, charted, judged; settings that worked come back in the next job."""

import json

import pytest
from PySide6.QtWidgets import QLineEdit

from firmcell.core.analysis.findings import Stage
from firmcell.core.records.events import PeelTest, Upkeep, UpkeepKind, WeldSample
from firmcell.core.records.ledger import Ledger
from firmcell.store import weld_settings
from firmcell.store.weld_settings import keep_setting, setting_that_worked


@pytest.fixture
def welds(hoist_window):
    hoist_window.go(Stage.BENCH)
    return hoist_window.pages[Stage.BENCH].welds


def test_a_peel_is_typed_recorded_and_charted(welds, qtbot):
    line = welds.form.fields["force_n"].row.editor
    assert isinstance(line, QLineEdit)
    for force in ("48", "50", "47", "51", "49", "20"):
        line.clear()
        qtbot.keyClicks(line, force)
        assert welds.record_peel()
    assert [e.data.force_n for e in welds.session.events if isinstance(e.data, PeelTest)][-1] == 20.0
    assert welds.verdict.text().startswith("Stop: the last peel force, 20")
    assert welds.verdict.objectName() == "fault"
    assert welds._plot is not None
    assert welds._plot.isVisibleTo(welds.page)
    assert welds.upkeep(UpkeepKind.DRESSED)
    assert isinstance(welds.session.events[-1].data, Upkeep)


def test_a_peel_without_a_value_is_refused_in_a_sentence(welds, qtbot):
    with qtbot.waitSignal(welds.session.refused) as told:
        assert not welds.record_peel()
    assert "peel force or the diameter" in told.args[0]


def test_the_least_force_is_a_field_and_ages_no_record(welds):
    before = welds.session.state
    welds.session.edit("joining.least_peel_n", 30.0, "least")
    assert welds.session.state.steps == before.steps


def test_a_setting_that_worked_is_offered_in_the_next_job(tmp_path, monkeypatch, hoist):
    monkeypatch.setattr(weld_settings, "_file", lambda: tmp_path / "kept" / "weld-settings.json")
    strip = hoist.joining.link_strip.name
    assert setting_that_worked(hoist, strip) is None

    def sample(setting, peeled, held):
        return WeldSample(
            machine="bench welder", setting=setting, pulses=2, strip=strip, peeled=peeled, held=held
        )

    keep_setting(hoist, sample("level 5", 10, 7))
    keep_setting(hoist, sample("level 6", 12, 12))
    keep_setting(hoist, sample("level 6", 10, 10))
    known = setting_that_worked(hoist, strip)
    assert (known["setting"], known["peeled"], known["held"]) == ("level 6", 22, 22)
    assert setting_that_worked(hoist.edited("joining.link_layers", 5), strip) is None, (
        "other layers, another setting"
    )
    (tmp_path / "kept" / "weld-settings.json").write_text("not json")
    assert setting_that_worked(hoist, strip) is None
    (tmp_path / "kept" / "weld-settings.json").write_text(json.dumps([{"strip": 1}, 5]))
    assert setting_that_worked(hoist, strip) is None


def test_it_fills_the_form_of_a_job_without_samples(hoist_window, tmp_path, monkeypatch):
    page = hoist_window.pages.get(Stage.BENCH)
    hoist_window.go(Stage.BENCH)
    page = hoist_window.pages[Stage.BENCH]
    monkeypatch.setattr(weld_settings, "_file", lambda: tmp_path / "weld-settings.json")
    design = page.session.design
    strip = design.joining.link_strip.name
    keep_setting(
        design, WeldSample(machine="old welder", setting="7", pulses=3, strip=strip, peeled=5, held=5)
    )
    page.session.events = Ledger(e for e in page.session.events if not isinstance(e.data, WeldSample))
    step = next(s for s in page.session.steps if s.code == "weld-sample")
    given = page.step_card.given("weld-sample", step)
    assert (given["machine"], given["setting"], given["pulses"]) == ("old welder", "7", 3)
