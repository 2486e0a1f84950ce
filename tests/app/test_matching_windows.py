"""Cells of the drawers into the open pack, and scanned into their places: by the real windows."""

from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from firmcell.app.stock.match_window import MatchWindow
from firmcell.core.analysis.findings import Stage
from firmcell.core.records.events import CellFitted
from firmcell.core.stock.entries import CellAdded, CellTested, PlaceKind
from firmcell.register.register import Register
from firmcell.register.work import added, measured, moved
from firmcell.store.demo import bee_house_scale
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library


@pytest.fixture
def scale(window, tmp_path):
    """The bee-house scale, 4S2P, with nothing recorded."""
    design = bee_house_scale(shipped_library())
    JobFile.create(tmp_path / "scale.firmcell", design, "Ada", "made for a test").close()
    assert window.opening.open_path(tmp_path / "scale.firmcell")
    return window


@pytest.fixture
def drawers(tmp_path, scale) -> Path:
    """Twelve cells of its class in two drawers, one of them out, one not tested, and one of another class."""
    place = tmp_path / "r.sqlite"
    cell = scale.session.design.cell
    with Register(str(place), bench="bench 1") as register:
        told = CellAdded(serial="-", class_name=cell.name, lot="F7", drawer="B2")
        register.write(added(register, [f"HF-{n:02d}" for n in range(1, 13)], told, "Ada"))
        register.write(
            added(register, ["X-1"], CellAdded(serial="-", class_name="another", drawer="B2"), "Ada")
        )
        lines = {line.serial: line for line in register.lines()}
        tests = [
            measured(
                register,
                lines[f"HF-{n:02d}"],
                CellTested(
                    capacity_as=(0.5 if n == 3 else 1.0 - 0.004 * n) * cell.capacity_as,
                    ohms=cell.resistance_ohm * (1 + 0.02 * ((n * 5) % 7)),
                ),
                "Ada",
            )
            for n in range(1, 12)
        ]
        register.write([*tests, *moved(register, [lines["HF-11"]], PlaceKind.DRAWER, "B3", "Ada")])
    return place


@pytest.fixture
def matching(scale, drawers, qtbot):
    made = MatchWindow(scale, scale.session, str(drawers))
    made.open()
    qtbot.waitUntil(made.go.isEnabled, timeout=20_000)
    yield made
    made.close()


def match(made, qtbot) -> None:
    made.match()
    qtbot.waitUntil(lambda: made.go.isEnabled(), timeout=30_000)


def test_cells_are_matched_and_stand_in_the_design_with_their_values(matching, scale, drawers, qtbot):
    match(matching, qtbot)
    words = matching.said.text()
    assert "10 cells of 26650 iron phosphate" in words
    assert "1 capacity not tested" in words
    assert "1 out by their measurements" in words
    assert "2 cells left over" in words
    assert matching.groups.rows.rowCount() == 4
    assert matching.picking.rows.rowCount() == 8
    assert matching.picking.rows.index(0, 0).data() == "B2"
    before = scale.session.design
    matching.take.click()
    design = scale.session.design
    assert len(set(design.cell_serials)) == 8
    assert "HF-03" not in design.cell_serials, "half its capacity: it is out"
    assert len(design.measured_as) == len(design.measured_ohm) == 8
    with Register(str(drawers)) as register:
        here = {line.serial: line for line in register.lines() if line.place_kind is PlaceKind.JOB}
        for number, serial in enumerate(design.cell_serials, start=1):
            line = here.pop(serial)
            group = next(c.group for c in scale.session.analysis.layout.cells if c.number == number)
            assert (line.place, line.place_group) == (design.brief.title, group)
            assert design.measured_as[number - 1] == pytest.approx(line.capacity_as)
            assert design.measured_ohm[number - 1] == pytest.approx(line.ohms)
        assert not here
    scale.go(Stage.CELLS)
    assert sorted(scale.view._paint.values.values()) == sorted(s[3:] for s in design.cell_serials)
    scale.undo()
    assert scale.session.design == before


def test_another_matching_puts_back_what_it_does_not_take(matching, scale, drawers, qtbot):
    match(matching, qtbot)
    matching.take.click()
    first = set(scale.session.design.cell_serials)
    again = MatchWindow(scale, scale.session, str(drawers))
    again.open()
    qtbot.waitUntil(again.go.isEnabled, timeout=20_000)
    # Only the lower eight of ten are alike enough in resistance: others than before.
    again.most.setText(f"{scale.session.design.cell.resistance_ohm * 1.11 * 1e3:.4f} mΩ")
    match(again, qtbot)
    again.take.click()
    second = set(scale.session.design.cell_serials)
    assert second != first
    with Register(str(drawers)) as register:
        here = {line.serial for line in register.lines() if line.place_kind is PlaceKind.JOB}
        assert here == second
        for serial in first - second:
            assert register.with_serial(serial).place in ("B2", "B3")
    again.close()


def test_bad_limits_and_too_few_cells_are_a_sentence(matching, qtbot):
    matching.least.setText("lots")
    matching.match()
    assert "is not a number" in matching.said.text()
    matching.least.setText("30 Ah")
    match(matching, qtbot)
    assert "0 of 0 cells are within the limits; 4S2P takes 8" in matching.said.text()
    matching.alike.setText("50 %")
    matching.match()
    assert "Alike within 0 to 10 %" in matching.said.text()
    for row in range(matching.drawers.count()):
        matching.drawers.item(row).setCheckState(Qt.CheckState.Unchecked)
    matching.match()
    assert "Tick at least one drawer" in matching.said.text()
    assert not matching.take.isEnabled()


def test_a_pack_whose_cells_are_set_takes_no_others(hoist_window, drawers_of_farm, qtbot):
    made = MatchWindow(hoist_window, hoist_window.session, str(drawers_of_farm))
    made.open()
    qtbot.waitUntil(made.go.isEnabled, timeout=20_000)
    match(made, qtbot)
    before = hoist_window.session.design
    made.take.click()
    assert "are set already" in made.said.text()
    assert hoist_window.session.design == before
    made.close()


@pytest.fixture
def drawers_of_farm(tmp_path):
    from datetime import datetime

    from firmcell.register.demo import demo_register

    return demo_register(tmp_path / "farm.sqlite", datetime.now().astimezone())


def test_the_menu_says_what_must_be_there_first(window, scale):
    assert window.workshop.scan_cells() is None
    assert "match cells into it first" in window.banner.text()
    window.opening.open_demo("sprayer-lead-change")
    assert window.workshop.match() is None
    assert "Open a job with a pack of its own" in window.banner.text()


def test_cells_are_scanned_into_their_places(matching, scale, qtbot):
    match(matching, qtbot)
    matching.take.click()
    session, serials = scale.session, scale.session.design.cell_serials
    made = scale.workshop.scan_cells()
    assert made.count.text() == "0 of 8 cells are set."

    def scan(text: str) -> str:
        QTest.keyClicks(made.serial, text)
        QTest.keyClick(made.serial, Qt.Key.Key_Return)
        return made.said.text()

    assert "is not of this pack. Put it aside" in scan("HF-03")
    told = scan(serials[4].lower().replace("-", "- "))
    cell = next(c for c in session.analysis.layout.cells if c.number == 5)
    assert f"place 5, group {cell.group}, plus {'up' if cell.positive_up else 'down'}." in told
    assert scale.view.selected == "cell:5"
    assert session.state.fitted == {5: serials[4]}
    assert scale.view._paint.values["cell:5"].startswith("✓")
    assert "was set already" in scan(serials[4])
    step = next(s for s in session.steps if s.code == "dry-fit")
    assert "cell-fitted" in step.offers
    assert session.events[-1].step == "dry-fit"
    made.back.click()
    assert session.state.fitted == {}
    for serial in serials[:3]:
        scan(serial)
    made.all.click()
    assert made.count.text() == "8 of 8 cells are set."
    assert session.state.fitted == dict(enumerate(serials, start=1))
    assert "RC-4" not in [f.code for f in session.findings]
    session.record(CellFitted(cell=2, serial="HF-03"), "dry-fit")
    assert any(f.code == "RC-4" and "Place 2 holds HF-03" in f.sentence for f in session.findings)
    made.close()


def test_a_cell_stays_in_the_group_that_it_is_locked_to(matching, qtbot):
    matching.match()
    qtbot.waitUntil(matching.take.isEnabled, timeout=30_000)
    assert not matching.lock.isEnabled()
    group = {line.serial: g for line, g in matching.found.group_of_line}
    matching.picking.setCurrentIndex(matching.picking.rows.index(0, 0))
    serial = matching.picking.rows.index(0, 1).data()
    matching.lock.click()
    assert matching.locked == {serial: group[serial]}
    assert f"{serial} (group {group[serial]})" in matching.lock_words.text()
    other = group[serial] % 4 + 1
    matching.locked[serial] = other
    matching.match()
    qtbot.waitUntil(matching.take.isEnabled, timeout=30_000)
    assert {line.serial: g for line, g in matching.found.group_of_line}[serial] == other
    matching.free.click()
    assert (matching.locked, matching.free.isEnabled()) == ({}, False)
    for locked, words in (
        ({"HF-03": 1}, "HF-03 is locked to group 1, but may not go in"),
        ({serial: 9}, "locked to group 9; this pack has 4"),
    ):
        matching.locked = locked
        matching.match()
        qtbot.waitUntil(lambda words=words: words in matching.said.text(), timeout=20_000)
