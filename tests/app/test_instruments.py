"""The list of instruments, and fields of records read by one key; each record names what it was read with."""

import pytest
from PySide6.QtWidgets import QPushButton

from firmcell.app.instruments_window import InstrumentsWindow
from firmcell.core.analysis.findings import Stage
from firmcell.core.records.events import JointReading
from firmcell.instruments import listed as listed_module
from firmcell.instruments.kinds import Kind
from firmcell.instruments.listed import Listed, instruments, keep_instrument
from firmcell.instruments.stand_ins import StandIn


@pytest.fixture(autouse=True)
def own_list(tmp_path, monkeypatch):
    monkeypatch.setattr(listed_module, "_file", lambda: tmp_path / "instruments.json")


def test_an_instrument_is_kept_and_asked(qtbot):
    window = InstrumentsWindow(None, {Kind.SCALE: StandIn(Kind.SCALE, {"weight": 0.4213})})
    qtbot.addWidget(window)
    window.show()
    window.dates[Kind.SCALE].setText("2026-05-31")
    window.ask(Kind.SCALE)
    qtbot.waitUntil(lambda: "421.3 g" in window.answers[Kind.SCALE].text(), timeout=4000)
    assert instruments()[Kind.SCALE].calibrated == "2026-05-31"
    window.dates[Kind.SCALE].setText("last May")
    window.ask(Kind.SCALE)
    assert "is no date" in window.said.text()
    window.addresses[Kind.LOAD].setText("TCPIP::127.0.0.1::1::SOCKET")
    window.ask(Kind.LOAD)
    qtbot.waitUntil(lambda: "No electronic load answers" in window.said.text(), timeout=8000)
    named = [w for w in window.findChildren(QPushButton) if w.accessibleName().startswith("Keep and ask")]
    assert len(named) == len(Kind)


def test_a_joint_is_read_by_the_milliohm_meter_and_the_record_names_it(hoist_window, qtbot):
    keep_instrument(Listed(Kind.MILLIOHM, "simulated", "four-wire meter", "2026-05-31"))
    hoist_window.go(Stage.BENCH)
    page = hoist_window.pages[Stage.BENCH]
    page.show_step(next(s for s in page.session.steps if "joint-reading" in s.offers))
    qtbot.wait(20)
    read = next(
        b for b in page.findChildren(QPushButton) if b.text() == "Read with the milliohm meter, four wires"
    )
    record = next(b for b in page.findChildren(QPushButton) if b.text().startswith("Record one joint"))
    form = next(
        f for f in page.findChildren(type(page.welds.form)) if f.model is JointReading and f.isVisibleTo(page)
    )
    form.fields["joint"].row.editor.setText("N4 at cell 13")
    form.fields["joint"].row.editor.setModified(True)
    read.click()
    qtbot.waitUntil(lambda: bool(form.fields["ohms"].row.editor.text()), timeout=4000)
    record.click()
    event = page.session.events[-1]
    assert isinstance(event.data, JointReading)
    assert event.data.ohms == pytest.approx(0.000204, rel=0.01)
    assert event.instrument == "four-wire meter, calibrated 2026-05-31"
    assert page.read_with == "", "the next record was read with nothing"


def test_in_bench_mode_one_key_reads_the_scale(hoist, tmp_path, qtbot):
    """A wet jacket is weighed before and after its dip: the unit of the field is that of the scale's reading."""
    from firmcell.app.instrument_reads import read_field

    found = []
    task = read_field("weighing", "before_kg", None, lambda v, name: found.append((v, name)), found.append)
    qtbot.waitUntil(lambda: bool(found), timeout=4000)
    assert task is not None
    assert found[0][0] == pytest.approx(0.4213)
    assert found[0][1] == "simulated scale"
    assert read_field("weld-row", "welds", None, print, print) is None
