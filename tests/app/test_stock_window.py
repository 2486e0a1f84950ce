"""The cells in stock on the screen: found, read in as fast as a meter gives values, moved, taken back, read from
tables; two benches at one server."""

from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QInputDialog, QWidget

from firmcell.app.stock.stock_window import StockWindow
from firmcell.core.stock.entries import CellAdded, CellTested, PlaceKind
from firmcell.register.register import Register, register_place
from firmcell.register.work import added, measured, moved
from tests.register.conftest import database, server  # noqa: F401

TOLD = CellAdded(serial="-", class_name="21700 high-energy 5.0 Ah", lot="L7", drawer="A3")


def opened(window, qtbot, place: Path | str = "") -> StockWindow:
    stock = StockWindow(window.library, window.settings, window.look, window.demo_folder, str(place), window)
    stock.show()
    stock.resize(1280, 800)
    qtbot.waitUntil(lambda: stock.register is not None, timeout=20_000)
    return stock


@pytest.fixture
def stock(window, qtbot, tmp_path):
    with Register(str(tmp_path / "r.sqlite"), bench="bench 1") as register:
        register.write(added(register, ["HL-1", "HL-2", "HL-3"], TOLD, "Ada"))
        one = register.with_serial("HL-1")
        register.write([measured(register, one, CellTested(capacity_as=17_640, ohms=0.025), "Ada")])
    made = opened(window, qtbot, tmp_path / "r.sqlite")
    yield made
    made.close()


def typed(widget: QWidget, text: str) -> None:
    QTest.keyClicks(widget, text)
    QTest.keyClick(widget, Qt.Key.Key_Return)


def test_the_menu_opens_the_drawers_and_the_farm_is_there_to_look_round(window, qtbot):
    QTest.keyClick(
        window, Qt.Key.Key_D, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.AltModifier
    )
    stock = window.workshop.stock
    qtbot.waitUntil(lambda: stock.empty.isVisible(), timeout=20_000)
    assert "No cell is in the register yet" in stock.empty.text()
    assert not stock.buttons["move"].isEnabled()
    stock.farm.click()
    qtbot.waitUntil(lambda: len(stock.lines) == 400, timeout=30_000)
    assert not stock.empty.isVisible()
    assert "311 in 10 drawers" in stock.said.text()
    assert window.workshop.show_stock() is stock
    QTest.keyClick(stock, Qt.Key.Key_F1)
    assert window.learning.help.shown == "12-workshop"
    window.learning.help.close()
    stock.close()
    assert window.workshop.stock is None


def test_readings_are_typed_from_cell_to_cell_by_the_keyboard_alone(stock):
    line = stock.reading
    QTest.keyClick(stock, Qt.Key.Key_F8)
    assert line.serial.hasFocus()
    typed(line.serial, "hl-2")
    assert stock.card.title.text() == "HL-2: look"
    assert line.values["capacity_as"].hasFocus()
    typed(line.values["capacity_as"], "4,92")
    typed(line.values["ohms"], "24.6")
    typed(line.values["rest_v"], "3.602")
    held = stock.register.with_serial("HL-2")
    assert held.capacity_as == pytest.approx(4.92 * 3600)
    assert held.ohms == pytest.approx(0.0246)
    assert held.rest_v == 3.602
    assert "Written: HL-2 holds 4.92 Ah, resists 24.6 mΩ, rests at 3.602 V" in line.said.text()
    assert line.serial.hasFocus()
    assert stock.register.history(held.key).entries[-1].person == "Wren Ashby"
    # Voltages alone: Enter stops at what is ticked.
    line.ticks["capacity_as"].setChecked(False)
    line.ticks["ohms"].setChecked(False)
    typed(line.serial, "HL-3")
    assert line.values["rest_v"].hasFocus()
    typed(line.values["rest_v"], "3.601")
    assert stock.register.with_serial("HL-3").rest_v == 3.601
    QTest.keyClick(stock, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert stock.register.with_serial("HL-3").rest_v is None
    assert "Taken back" in line.said.text()
    QTest.keyClick(stock, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert "Nothing that was written last" in line.said.text()


def test_a_slipped_point_is_asked_about_and_a_bad_value_is_told(stock):
    line = stock.reading
    typed(line.serial, "HL-2")
    typed(line.values["capacity_as"], "49.2")
    typed(line.values["ohms"], "")
    typed(line.values["rest_v"], "")
    assert "49.2 Ah is 9.8 times what its class holds. Enter once more" in line.said.text()
    assert stock.register.with_serial("HL-2").capacity_as is None
    QTest.keyClick(line.values["rest_v"], Qt.Key.Key_Return)
    assert stock.register.with_serial("HL-2").capacity_as == pytest.approx(49.2 * 3600)
    typed(line.serial, "HL-2")
    for text, says in (("lots", "is not a number"), ("-4", "cannot be: Capacity, Ah")):
        line.values["capacity_as"].clear()
        QTest.keyClicks(line.values["capacity_as"], text)
        line.write()
        assert says in line.said.text()
        assert line.values["capacity_as"].hasFocus()


def test_a_code_scanned_where_a_value_was_wanted_begins_the_next_cell(stock):
    line = stock.reading
    typed(line.serial, "HL-2")
    typed(line.values["capacity_as"], "4.9")
    typed(line.values["ohms"], "HL-3")
    assert stock.register.with_serial("HL-2").capacity_as == pytest.approx(4.9 * 3600)
    assert line.line.serial == "HL-3"
    assert line.values["capacity_as"].hasFocus()


def test_a_serial_that_is_not_known_can_come_in_at_once(stock, monkeypatch):
    def take_in(form) -> None:
        assert form.serial.text() == "HL-9"
        assert form.cell.currentText() == TOLD.class_name, "as the others whose serials begin alike"
        form.drawer.setCurrentText("B1")
        form._accept()

    monkeypatch.setattr("firmcell.app.stock.stock_forms.NewCells.exec", take_in)
    typed(stock.reading.serial, "HL-9")
    assert stock.register.with_serial("HL-9").place == "B1"
    assert stock.reading.values["capacity_as"].hasFocus()
    monkeypatch.setattr("firmcell.app.stock.stock_forms.NewCells.exec", lambda form: form.reject())
    stock.reading.serial.setText("X9")
    stock.reading.look()
    assert "There is no cell X9" in stock.reading.said.text()


def test_cells_are_found_by_any_word_and_a_whole_serial_goes_to_its_cell(stock):
    stock.search.setText("l7 a3")
    assert stock.count.text() == "3 cells"
    stock.search.setText("l7 hl-2")
    assert stock.count.text() == "1 of 3 cells"
    stock.search.clear()
    typed(stock.search, "hl-3")
    assert stock.card.title.text().startswith("HL-3")
    assert stock.search.text() == ""
    assert stock.table.hasFocus()
    QTest.keyClick(stock.table, Qt.Key.Key_Return)
    assert stock.reading.line.serial == "HL-3"
    stock.search.setText("no such")
    assert stock.table.rows.rowCount() == 0
    assert not stock.buttons["csv"].isEnabled()


def test_new_cells_count_up_and_a_serial_that_is_taken_is_told_in_the_form(stock):
    form = stock.acts.form_for_new("HL-3")
    form.count.setValue(3)
    assert form.which.text() == "HL-3 to HL-5"
    form.cell.setCurrentText(TOLD.class_name)
    form._accept()
    assert "The serial HL-3 belongs to another cell" in form.fault.text()
    form.serial.setText("HL-0010")
    form.lot.setText("L8")
    form._accept()
    rows = stock.table.rows
    assert [rows.index(n, 0).data() for n in range(6)] == [
        "HL-1",
        "HL-2",
        "HL-3",
        "HL-0010",
        "HL-0011",
        "HL-0012",
    ]
    form.serial.setText("HL")
    assert "holds no number to count up" in form.which.text()
    form.deleteLater()


def test_cells_move_and_one_that_moved_meanwhile_is_told(stock):
    stock.pick(stock.register.with_serial("HL-1").key)
    stock.table.selectAll()
    form = stock.acts.form_for_move(stock.picked_lines())
    form.to.setCurrentIndex(form.to.findData(PlaceKind.JOB.value))
    assert form.group.isVisibleTo(form)
    form.place.setCurrentText("Hoist")
    form.group.setValue(2)
    # Another window, or another program, was first.
    other = Register(str(stock.register.url.database))
    other.write(moved(other, [other.with_serial("HL-2")], PlaceKind.DRAWER, "B9", "Ben"))
    other.close()
    form._accept()
    assert "HL-2 is in drawer B9" in form.fault.text()
    assert stock.register.with_serial("HL-1").place == "A3", "all of them or none"
    stock.state.reload()
    stock.table.selectAll()
    again = stock.acts.form_for_move(stock.picked_lines())
    again.to.setCurrentIndex(again.to.findData(PlaceKind.JOB.value))
    again.place.setCurrentText("Hoist")
    again._accept()
    assert {line.place for line in stock.lines.values()} == {"Hoist"}
    jobs = next(n for n in range(9) if stock.places.rows.index(n, 0).data() == "In jobs")
    stock.places.setCurrentIndex(stock.places.rows.index(jobs, 0))
    assert stock.count.text() == "3 cells"
    form.deleteLater()
    again.deleteLater()


def test_what_a_cell_is_can_be_told_anew_and_an_entry_taken_back(stock, monkeypatch):
    key = stock.register.with_serial("HL-1").key
    stock.pick(key)
    form = stock.acts.form_for_description(stock.lines[key])
    form.serial.setText("HL-2")
    form._accept()
    assert "belongs to another cell" in form.fault.text()
    form.serial.setText("HL-1b")
    form._accept()
    assert stock.card.title.text().startswith("HL-1b")
    row = next(n for n in range(3) if "holds" in stock.card.history.rows.index(n, 1).data())
    stock.card.history.setCurrentIndex(stock.card.history.rows.index(row, 0))
    assert "Written by Ada, bench 1" in stock.card.who.text()
    monkeypatch.setattr(QInputDialog, "getText", lambda *_, **__: ("wrong range", True))
    stock.card.back.click()
    assert stock.lines[key].capacity_as is None
    assert any("(taken back)" in stock.card.history.rows.index(n, 1).data() for n in range(4))
    form.deleteLater()


def test_a_table_is_shown_beside_what_becomes_of_it(stock, tmp_path):
    path = tmp_path / "cells.csv"
    path.write_text(
        "serial,class,lot,capacity Ah,colour\nHL-1,,L9,4.8,red\nHL-7,21700 high-energy 5.0 Ah,,4.7,\n"
    )
    stock.acts.read_table(path)
    preview = stock.acts.preview
    assert "2 cells, 3 entries to write." in preview.said.text()
    assert "1 cell told otherwise than in the register" in preview.said.text()
    assert "Not read: “colour”" in preview.said.text()
    preview.becomes.setCurrentIndex(preview.becomes.rows.index(0, 0))
    assert "lot: the table says L9, the register L7" in preview.whole.text()
    preview.rule.setCurrentIndex(1)
    assert "the table’s is taken" in preview.becomes.rows.index(0, 1).data()
    preview.take.click()
    assert stock.register.with_serial("HL-1").lot == "L9"
    assert len(stock.lines) == 4
    path.write_text("serial,serial\n1,2\n")
    stock.acts.read_table(path)
    assert "two columns say the same" in stock.said.text()


def test_the_list_is_written_as_a_table_and_as_labels(stock, tmp_path, monkeypatch):
    for name, call in (
        ("c.csv", stock.acts.write_csv),
        ("l.pdf", stock.acts.write_labels),
        ("d.pdf", stock.buttons["labels"].menu().actions()[1].trigger),
    ):
        target = tmp_path / name
        monkeypatch.setattr(
            "PySide6.QtWidgets.QFileDialog.getSaveFileName", lambda *_, t=target: (str(t), "")
        )
        stock.search.setText("hl-2")
        call()
        assert "is written" in stock.said.text()
        assert target.stat().st_size > 100
    assert (tmp_path / "c.csv").read_text().count("HL-") == 1


def test_where_the_register_is_can_be_set_up(window, tmp_path):
    window.workshop.set_place(str(tmp_path / "mine.sqlite"))
    assert register_place() == str(tmp_path / "mine.sqlite")
    window.workshop.set_place("")
    assert register_place().endswith("/register.sqlite")


@pytest.mark.slow
def test_two_benches_at_one_server(window, qtbot, tmp_path, monkeypatch, database):  # noqa: F811
    """A cell that another bench took, and a serial that it gave away: told here, and decided here."""
    with Register(database, tmp_path / "other", "bench B") as other:
        other.write(added(other, ["HL-1"], TOLD, "Ben"))
        other.sync()
        stock = opened(window, qtbot, database)
        qtbot.waitUntil(lambda: "HL-1" in [c.serial for c in stock.lines.values()], timeout=20_000)
        stock.register.sync()
        other.write(moved(other, other.lines(), PlaceKind.JOB, "Lantern", "Ben"))
        other.write(added(other, ["HL-5"], TOLD, "Ben"))
        other.sync()
    register = stock.register
    register.write(moved(register, register.lines(), PlaceKind.JOB, "Hoist", "Ada"))
    register.write(added(register, ["HL-5"], TOLD, "Ada"))
    stock.state.link.meet()
    qtbot.waitUntil(lambda: stock.refused.isVisible(), timeout=20_000)
    assert stock.refused.text() == "Not &taken by the server: 2…"
    stock.refused.click()
    shown = stock.acts.refusals
    assert "HL-1 is in the job “Lantern”" in shown.why.text()
    assert not shown.serial.isEnabled()
    shown.out.click()
    assert "The serial HL-5 belongs to another cell" in shown.why.text()
    monkeypatch.setattr(QInputDialog, "getText", lambda *_, **__: ("HL-6", True))
    shown.serial.click()
    assert shown.why.text() == "Nothing is left to decide."
    shown.close()
    qtbot.waitUntil(lambda: register.waiting == 0 and not stock.refused.isVisible(), timeout=20_000)
    assert sorted(c.serial for c in stock.lines.values()) == ["HL-1", "HL-5", "HL-6"]
    stock.close()


def test_the_meter_reads_the_field_one_stands_in(stock, qtbot):
    """With the simulated meter that ships with the program."""
    line = stock.reading
    QTest.keyClick(stock, Qt.Key.Key_F9)
    assert "go to that field first" in line.said.text()
    typed(line.serial, "HL-2")
    line.values["rest_v"].setFocus()
    QTest.keyClick(stock, Qt.Key.Key_F9)
    qtbot.waitUntil(lambda: bool(line.values["rest_v"].text()), timeout=20_000)
    assert "Enter goes on" in line.said.text()
    read = float(line.values["rest_v"].text())
    line.values["ohms"].setFocus()
    QTest.keyClick(stock, Qt.Key.Key_F9)
    qtbot.waitUntil(lambda: bool(line.values["ohms"].text()), timeout=20_000)
    assert line.values["ohms"].text() == "0.204", "the stand-in of the meter of milliohms"
    line.values["ohms"].clear()
    line.write()
    line.write()
    assert stock.register.with_serial("HL-2").rest_v == pytest.approx(read)
