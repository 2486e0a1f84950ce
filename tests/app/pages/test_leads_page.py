"""The Leads stage and the jobs about leads, in the real window by mouse and key."""

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.app.pages.leads_page import LeadsPage
from firmcell.app.tables import ITEM_ROLE
from firmcell.core.analysis.findings import Stage
from firmcell.core.model.job_details import JobKind


@pytest.fixture
def page(hoist_window) -> LeadsPage:
    hoist_window.go(Stage.LEADS)
    return hoist_window.page(Stage.LEADS)


def test_the_picker_takes_a_connector_by_key_and_undo_gives_it_back(qtbot, hoist_window, page):
    before = hoist_window.session.design.leads.connector.name
    picker = page.picker
    assert picker.currentIndex().data(ITEM_ROLE).connector.name == before
    assert picker.fits.rowCount() == len(hoist_window.session.library.connectors)
    picker.setFocus()
    picker.setCurrentIndex(picker.fits.index(0))
    name = picker.currentIndex().data(ITEM_ROLE).connector.name
    qtbot.keyClick(picker, Qt.Key.Key_Return)
    assert hoist_window.session.design.leads.connector.name == name != before
    hoist_window.undo()
    assert hoist_window.session.design.leads.connector.name == before


def test_the_picker_says_in_words_what_it_shows(page):
    first, last = (page.picker.fits.index(n) for n in (0, page.picker.fits.rowCount() - 1))
    assert "fits" in first.data(Qt.ItemDataRole.AccessibleTextRole)
    assert "carries" in last.data(Qt.ItemDataRole.AccessibleTextRole)
    assert "On the pack" in first.data(Qt.ItemDataRole.ToolTipRole)
    assert not page.picker.grab().isNull()


def test_another_insulation_is_one_choice(qtbot, hoist_window, page):
    page.insulation.setCurrentText("PVC 80")
    page.insulation.activated.emit(page.insulation.currentIndex())
    wire = hoist_window.session.design.leads.wire
    assert (wire.gauge, wire.insulation) == ("10 AWG", "PVC 80")
    assert all("PVC 80" in page.gauges.rows.index(r, 0).data() for r in range(page.gauges.rows.rowCount()))
    page.gauges.setCurrentIndex(page.gauges.rows.index(0, 0))
    page.gauges.chosen.emit(page.gauges.rows.index(0, 0).data())
    assert hoist_window.session.design.leads.wire.insulation == "PVC 80"


def test_charts_show_fuse_wire_and_strip(hoist_window, page):
    page.charts.show_charts()
    assert set(page._plots) == {"gauge", "fuse", "along"}
    names = [item.name() for item in page._plots["fuse"].plot.listDataItems()]
    assert {"fuse open by", "wire stands", "collecting strip stands", "peak"} <= set(names)
    hoist_window.session.edit("leads.fuse", None, "no fuse")
    names = [item.name() for item in page._plots["fuse"].plot.listDataItems()]
    assert "fuse open by" not in names


def test_the_lead_is_drawn_and_its_parts_tell_their_numbers(hoist_window, page):
    for ref in ("lead:plus", "connector", "fuse"):
        assert hoist_window.view.place_of(ref) is not None
        hoist_window.view.select(ref)
        assert hoist_window.card.isVisible()


@pytest.mark.parametrize("name", ["sprayer-lead-change", "barrow-machine-leads", "log-splitter-cable"])
def test_a_job_of_another_kind_shows_only_its_stages(qtbot, window, name):
    assert window.opening.open_demo(name)
    for stage in (Stage.BRIEF, Stage.LEADS, Stage.BENCH, Stage.PASSPORT):
        window.go(stage)
        assert window.stage is stage
        assert not window.grab().isNull()
    window.go(Stage.STRIPS)
    assert window.stage is Stage.PASSPORT
    assert "has no Strips stage" in window.banner.text()
    window.rail.setFocus()
    for _ in range(6):
        QTest.keyClick(window.rail, Qt.Key.Key_Up)
    assert window.stage is Stage.BRIEF
    QTest.keyClick(window.rail, Qt.Key.Key_Down)
    assert window.stage is Stage.LEADS


def test_the_kind_can_be_changed_and_taken_back(hoist_window):
    hoist_window.go(Stage.STRIPS)
    hoist_window.session.edit("kind", JobKind.POWER_CABLE, "kind")
    assert hoist_window.stage is Stage.BRIEF
    hoist_window.go(Stage.LEADS)
    hoist_window.undo()
    assert hoist_window.session.design.kind is JobKind.NEW_PACK
    hoist_window.go(Stage.STRIPS)
    assert hoist_window.stage is Stage.STRIPS


def test_polarity_is_recorded_at_the_bench(qtbot, window):
    assert window.opening.open_demo("sprayer-lead-change")
    window.go(Stage.BENCH)
    bench = window.page(Stage.BENCH)
    for box in bench._looks:
        box.setChecked(True)
    assert bench.record_now("checked")
    assert bench.pass_now()
    assert bench.step.code == "lead-change-mark"
    for name, text in (("at", "old plug"), ("volts", "-38.2")):
        line = bench._form.fields[name].row.editor
        line.clear()
        qtbot.keyClicks(line, text)
        qtbot.keyClick(line, Qt.Key.Key_Return)
    assert bench.record_now("polarity-reading")
    assert not bench.pass_now()
    assert "exchanged" in window.banner.text()


def test_a_new_job_asks_for_its_kind(qtbot, window, tmp_path):
    dialog = NewPackDialog("metric", tmp_path, window.library)
    qtbot.addWidget(dialog)
    assert dialog.kinds.count() == len(JobKind)
    dialog.kinds.setCurrentText("power cable")
    values = {
        "title": "Winch", "load_voltage_min_v": "10", "load_voltage_max_v": "15", "current_steady_a": "80",
        "current_peak_a": "150",
    }  # fmt: skip
    for name, text in values.items():
        line = dialog.form.fields[name].row.editor
        line.clear()
        qtbot.keyClicks(line, text)
        qtbot.keyClick(line, Qt.Key.Key_Return)
    dialog.accept()
    assert dialog.job_kind is JobKind.POWER_CABLE
    window.jobs.make_from_brief(dialog.brief, dialog.path, dialog.job_kind)
    qtbot.waitUntil(lambda: window.session is not None, timeout=20_000)
    assert window.session.design.kind is JobKind.POWER_CABLE
    assert window.session.design.cable.source_lug is not None
