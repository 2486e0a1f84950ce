"""The run on the Brief page, driven as a user does it: by keys and the slider."""

import pytest
from PySide6.QtCore import Qt

from firmcell.app.pages import run_section
from firmcell.core.analysis.findings import Stage
from firmcell.core.pictures.run_paint import ShownInRun, run_paint
from firmcell.core.run.run_result import EndedBy


@pytest.fixture
def brief(hoist_window, qtbot):
    hoist_window.go(Stage.BRIEF)
    page = hoist_window.pages[Stage.BRIEF]
    qtbot.waitUntil(lambda: hoist_window.session.metal is not None, timeout=10_000)
    return page


def run_now(page, qtbot):
    before = page.run.result
    page.run.go.setFocus()
    qtbot.keyClick(page.run.go, Qt.Key.Key_Space)
    qtbot.waitUntil(lambda: page.run.result is not None and page.run.result is not before, timeout=30_000)


def test_a_run_is_told_drawn_and_scrubbed(brief, hoist_window, qtbot):
    section = brief.run
    assert not section.curves.isVisibleTo(brief)
    run_now(brief, qtbot)
    assert section.result.ended_by is EndedBy.TOO_HOT
    assert section.words.text().startswith("It ends after ")
    assert "Cells of a class differ" in section.words.text()
    assert section.curves.isVisibleTo(brief)
    assert len(section.curves.plots) == 4
    # The picture shows the pack at the moment of the slider, hotter the later.
    section.curves.slider.setValue(0)
    cold = [b.tone for b in hoist_window.view.overlay.bands[0]]
    section.curves.slider.setFocus()
    qtbot.keyClick(section.curves.slider, Qt.Key.Key_End)
    warm = [b.tone for b in hoist_window.view.overlay.bands[0]]
    assert max(cold) == pytest.approx(0.0)
    assert min(warm) > 0.7
    ended = section.words.text().removeprefix("It ends after ").split(":")[0]
    assert section.curves.moment_words.text().startswith(f"After {ended}: ")
    section.curves.paint_what.setCurrentIndex(1)
    assert section.curves.shown is ShownInRun.CHARGE
    assert hoist_window.view.overlay.scale.title == "charge left in the cell"
    # Elsewhere nothing of it is painted.
    hoist_window.go(Stage.LAYOUT)
    assert hoist_window.view.overlay.scale is None


def test_a_job_opened_with_a_kept_analysis_runs(brief, qtbot):
    """Its layout is equal to that of the solved strips, and another object: it was told for ever to try again later."""
    analysis = brief.session.analysis
    brief.session.analysis = analysis.model_copy(update={"layout": analysis.layout.model_copy()})
    run_now(brief, qtbot)
    assert brief.run.words.text().startswith("It ends after ")


def test_two_runs_lie_over_each_other_and_an_edit_forgets_them(brief, hoist_window, qtbot):
    section = brief.run
    run_now(brief, qtbot)
    qtbot.keyClick(section.keep, Qt.Key.Key_Space)
    section.age.setCurrentText("end of life")
    run_now(brief, qtbot)
    assert section.curves.kept is not section.result
    assert section.result.time_s[-1] < section.curves.kept.time_s[-1]
    assert len(section.curves.plots["volts"].plot.listDataItems()) == 2
    hoist_window.session.edit("brief.ambient_max_k", 300.0, "test")
    assert section.result is None
    assert "run it again" in section.words.text()
    assert not section.curves.isVisibleTo(brief)


def test_the_same_pack_with_other_cells_lies_over_it(brief, hoist_window, qtbot):
    section = brief.run
    run_now(brief, qtbot)
    qtbot.keyClick(section.keep, Qt.Key.Key_Space)
    assert [section.cell.itemText(n) for n in range(section.cell.count())] == [
        "those of the design",
        "21700 power 4.0 Ah",
    ]
    section.cell.setFocus()
    qtbot.keyClick(section.cell, Qt.Key.Key_Down)
    run_now(brief, qtbot)
    # Less capacity, and less than half of the resistance: cooler for as long as it runs.
    own, power = section.curves.kept, section.result
    early = own.at(600.0), power.at(600.0)
    assert power.temperature_max_k[early[1]] < own.temperature_max_k[early[0]] - 5
    assert "At their warmest: strips" in section.words.text()
    # The design itself keeps its cells; with others the choice is anew.
    assert hoist_window.session.design.cell.name == "21700 high-energy 5.0 Ah"
    other = next(c for c in hoist_window.session.library.cells if c.name == "21700 power 4.0 Ah")
    hoist_window.session.edit("cell", other, "test")
    assert section.cell.itemText(1) == "21700 high-energy 5.0 Ah"


def test_what_is_typed_wrong_is_told_in_a_sentence(brief, qtbot):
    section = brief.run
    section.drawn.setCurrentText(run_section.POWER)
    for line, wrong in (
        (section.value, "much"),
        (section.value, "-3 W"),
        (section.start, "140 %"),
        (section.ambient, "warm"),
    ):
        right = line.text()
        line.setText(wrong)
        qtbot.keyClick(line, Qt.Key.Key_Return)
        assert section.result is None
        assert section.words.text().endswith(".")
        line.setText(right)
    section.value.setText("150 W")
    run_now(brief, qtbot)
    assert section.result.ended_by is EndedBy.LOAD


def test_a_profile_and_a_charge(brief, qtbot, tmp_path, monkeypatch):
    section = brief.run
    profile = tmp_path / "climb.csv"
    profile.write_text("time_s,current_a\n0,10\n120,30\n180,-5\n240,0\n", encoding="utf-8")
    monkeypatch.setattr(run_section.QFileDialog, "getOpenFileName", lambda *_: (str(profile), ""))
    monkeypatch.setattr(section, "isVisible", lambda: True)
    section.drawn.setCurrentText(run_section.PROFILE)
    run_now(brief, qtbot)
    assert section.result.time_s[-1] == pytest.approx(240.0)
    section.drawn.setCurrentText(run_section.CHARGE)
    section.start.setText("60 %")
    section.ambient.setText("20 °C")
    run_now(brief, qtbot)
    assert section.result.ended_by is EndedBy.FULL
    profile.write_text("time,what\n0,10\n", encoding="utf-8")
    section.drawn.setCurrentText(run_section.PROFILE)
    assert "time_s,current_a" in section.words.text()


def test_a_run_goes_out_as_csv(brief, qtbot, tmp_path, monkeypatch):
    section, out = brief.run, tmp_path / "run.csv"
    assert not section.out.isEnabled()
    run_now(brief, qtbot)
    monkeypatch.setattr(run_section.QFileDialog, "getSaveFileName", lambda *_: (str(out), ""))
    qtbot.keyClick(section.out, Qt.Key.Key_Space)
    rows = out.read_text(encoding="utf-8").splitlines()
    assert rows[0].startswith("time_s,voltage_v,current_a")
    assert len(rows) == len(section.result.time_s) + 1
    monkeypatch.setattr(
        run_section.QFileDialog, "getSaveFileName", lambda *_: (str(tmp_path / "no" / "run.csv"), "")
    )
    qtbot.keyClick(section.out, Qt.Key.Key_Space)
    assert not section.words.text().startswith("It ends")
    assert section.words.text().endswith(".")


def test_a_run_can_be_stopped(brief, qtbot, monkeypatch):
    section = brief.run
    section.drawn.setCurrentText(run_section.CURRENT)
    section.value.setText("1 A")
    section.run()
    section.stop()
    qtbot.waitUntil(lambda: section.result is not None, timeout=30_000)
    assert section.result.ended_by is EndedBy.STOPPED
    assert "stopped here" in section.words.text()
    assert "Cells of a class differ" not in section.words.text()
    assert section.result.charge_min[-1] > 0.5


def test_discs_stand_on_the_cells(brief, hoist_window, qtbot):
    run_now(brief, qtbot)
    s, section = hoist_window.session, brief.run
    axis = s.design.arrangement.turn_axis
    paint = run_paint(section.result, section.curves.moment, ShownInRun.TEMPERATURE, s.analysis.layout, axis)
    for face, bands in paint.bands.items():
        cans = {
            shape.ref: shape
            for shape in s.picture(face).shapes
            if shape.ref.startswith("cell:") and hasattr(shape, "radius")
        }
        for band in bands:
            if band.ref in cans:
                assert cans[band.ref].centre == pytest.approx(band.line[0], abs=0.02)
    hottest = int(section.result.numbers[section.result.cell_k[section.curves.moment].argmax()])
    told = {b.ref for b in next(iter(paint.bands.values())) if b.text}
    assert f"cell:{hottest}" in told


def test_the_plan_of_a_charge_is_written(brief, qtbot, monkeypatch, tmp_path):
    section, path = brief.run, tmp_path / "plan.csv"
    run_now(brief, qtbot)
    assert not section.plan.isEnabled()
    section.drawn.setCurrentText(run_section.CHARGE)
    section.start.setText("40 %")
    run_now(brief, qtbot)
    monkeypatch.setattr(run_section.QFileDialog, "getSaveFileName", lambda *_: (str(path), ""))
    qtbot.keyClick(section.plan, Qt.Key.Key_Space)
    first = path.read_text(encoding="utf-8").splitlines()
    assert first[0] == "time_s,low_v,high_v,low_a,high_a,most_k"
    assert len(first) > 100


def test_a_pack_left_in_store_says_when_to_charge_it_again(brief):
    section = brief.run
    section.drawn.setCurrentText(run_section.STORE)
    assert not section.value.isEnabled()
    section.start.setText("50 %")
    section.ambient.setText("15 °C")
    section.run()
    assert section.words.text().startswith("Put away 50 % full at 15 °C: nearly empty (5 %) after about ")
    section.start.setText("0 %")
    section.run()
    assert "more than 0" in section.words.text()
