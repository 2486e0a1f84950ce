"""What the shop has, by the real windows: parts come in and go out as steps are passed, tools are checked, new jobs
take what is there, and the shopping list says what is not."""

import csv
import dataclasses
import io
import json
from datetime import datetime, timedelta

import pytest
from pypdf import PdfReader
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLabel

from firmcell.app.instrument_reads import read_by_meter
from firmcell.app.new_job_dialog import NewPackDialog
from firmcell.app.shop.job_ticks import Newest
from firmcell.app.shop.shop_window import ShopWindow
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.joint_kinds import Welder
from firmcell.core.records.events import Checked, Correction, StepPassed, WeldSample
from firmcell.core.stock.at_hand import AtHand, named
from firmcell.core.stock.part_entries import PartAdded, PartIs, PartKind
from firmcell.core.stock.tool_entries import ToolAdded, ToolChecked, ToolIs, ToolKind
from firmcell.register.register import Register, new_key, register_place
from firmcell.store.demo import bee_house_scale
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library

STEEL = "plated steel strip 0.15 × 8"


def keep(*told):
    """Write into the shop's own register."""
    with Register(register_place(), bench="bench 1") as register:
        register.write([register.entry(new_key(), data, "Ada") for data in told])


def strip(name, amount, **also):
    return PartAdded(is_=PartIs(part=PartKind.STRIP, name=name, **also), amount=amount)


def amounts():
    with Register(register_place()) as register:
        return {p.is_.name: p.amount for p in register.parts()}


@pytest.fixture
def shop(window, qtbot, tmp_path):
    made = ShopWindow(window.library, window.settings, str(tmp_path / "shop.sqlite"), window)
    made.show()
    made.resize(1280, 800)
    qtbot.waitUntil(lambda: made.state.link.register is not None, timeout=20_000)
    yield made
    made.close()


@pytest.fixture
def scale(window, tmp_path):
    design = bee_house_scale(shipped_library())
    JobFile.create(tmp_path / "scale.firmcell", design, "Ada", "made for a test").close()
    assert window.opening.open_path(tmp_path / "scale.firmcell")
    return window


def test_parts_come_in_are_counted_and_taken_back_by_keys(shop):
    assert "No part is in stock yet" in shop.parts.empty.text()
    assert shop.parts.card.words.text() == ""
    assert [b.isEnabled() for b in shop.parts.buttons.values()] == [
        True,
        False,
        False,
        False,
        False,
        True,
        False,
    ]
    form = shop.parts.form_for_new()
    assert STEEL in [form.name.itemText(n) for n in range(form.name.count())], "classes to choose from"
    form.name.setCurrentText(STEEL)
    form.amount.setText("half a roll")
    form.ok.click()
    assert form.fault.text()
    assert shop.state.parts == []
    form.amount.setText("13 ft")
    form.least.setText("500 mm")
    form.place.setCurrentText("rail 2")
    form.price.setText("0,70")
    form.ok.click()
    (part,) = shop.state.parts
    assert (part.amount, part.is_.least, part.is_.price) == (pytest.approx(3.9624), 0.5, 0.7)
    assert shop.parts.table.rows.index(0, 2).data() == "3.96 m"
    assert "no design asks for it" not in shop.parts.card.words.text()
    count = shop.parts.form_for_amount(True)
    count.amount.setText("0.4")
    count.ok.click()
    assert shop.parts.table.rows.index(0, 3).data() == "little left"
    went = shop.parts.form_for_amount(False)
    went.amount.setText("−150 mm")
    went.reason.setText("lent")
    went.ok.click()
    assert shop.state.parts[0].amount == pytest.approx(0.25)
    assert shop.parts.card.history.rows.index(0, 1).data() == "0.15 used: lent"
    QTest.keyClick(shop, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert shop.state.parts[0].amount == pytest.approx(0.4)
    QTest.keyClick(shop, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert "Nothing was written" in shop.said.text()
    anew = shop.parts.form_for_description()
    anew.place.setCurrentText("rail 3")
    anew.ok.click()
    assert shop.state.parts[0].is_.place == "rail 3"
    anew = shop.parts.form_for_description()
    anew.name.setCurrentText("that shiny roll")
    anew.ok.click()
    assert "no design asks for it" in shop.parts.card.words.text()
    shop.undo()
    shop.parts.leave()
    assert shop.state.parts == []
    shop.undo()
    assert len(shop.state.parts) == 1
    # An entry at the right is taken back.
    history = shop.parts.card.history.rows
    rows = [history.index(n, 1).data() for n in range(history.rowCount())]
    shop.parts.card.history.setCurrentIndex(shop.parts.card.history.rows.index(rows.index("counted: 0.4"), 0))
    shop.parts.card.back.click()
    assert shop.state.parts[0].amount == pytest.approx(3.9624)


def test_what_is_counted_by_the_piece_takes_no_half(shop):
    form = shop.parts.form_for_new()
    form.kind.setCurrentText("fuse")
    form.name.setCurrentText("blade fuse 32 V, 5 A")
    form.amount.setText("2.5")
    form.ok.click()
    assert "2.5 is no whole number" in form.fault.text()
    form.amount.setText("3")
    form.ok.click()
    assert [p.amount for p in shop.state.parts] == [3]
    form.amount.setText("")
    form.ok.click()
    assert "How much is not told" in form.fault.text()
    form.amount.setText("-3")
    form.ok.click()
    assert "How much is there" in form.fault.text(), "by the field's own title"
    assert "at least 0" in form.fault.text()


def test_a_meter_that_is_overdue_says_so_until_it_is_checked(shop):
    shop.tabs.setCurrentWidget(shop.tools)
    form = shop.tools.form_for_new()
    assert not form.form.isRowVisible(form.joins)
    form.name.setText("bench meter")
    for every in ("1.5", "0", "-3", "12h", "400000"):
        form.every.setText(every)
        form.ok.click()
        assert "is no number of days" in form.fault.text()
    form.every.setText("52 weeks")
    form.ok.click()
    assert shop.state.tools[0].is_.every_days == 364
    shop.undo()
    form = shop.tools.form_for_new()
    form.name.setText("bench meter")
    form.every.setText("1 year")
    form.ok.click()
    assert shop.tools.table.rows.index(0, 4).data() == "never checked"
    check = shop.tools.form_for_check()
    check.found.setText("4.0009 V against 4.0000 V")
    check.ok.click()
    assert shop.tools.table.rows.index(0, 4).data() == ""
    check = shop.tools.form_for_check()
    check.right.setChecked(False)
    check.ok.click()
    assert shop.tools.table.rows.index(0, 4).data() == "was not right when it was checked"
    welder = shop.tools.form_for_new()
    welder.kind.setCurrentText("spot welder")
    assert welder.form.isRowVisible(welder.joins)
    welder.name.setText("old box")
    welder.joins.setCurrentText(Welder.SMALL.value)
    welder.ok.click()
    assert [t.is_.joins for t in shop.state.tools] == [Welder.SMALL, None]
    assert shop.tools.table.rows.index(0, 2).data() == "joins nickel to 0.15 mm"


def test_ways_are_kept_as_they_are_chosen(shop, window, qtbot, tmp_path):
    shop.tabs.setCurrentWidget(shop.ways)
    box = shop.ways.choices["leads.flux"]
    box.setCurrentText("extra rosin flux, wiped off warm")
    box.activated.emit(box.currentIndex())
    assert dict(shop.state.ways.ways) == {"leads.flux": json.dumps("extra rosin flux, wiped off warm")}
    again = ShopWindow(window.library, window.settings, str(tmp_path / "shop.sqlite"), window)
    qtbot.waitUntil(lambda: again.state.link.register is not None, timeout=20_000)
    assert again.ways.choices["leads.flux"].currentText() == "extra rosin flux, wiped off warm"
    assert again.ways.choices["leads.alloy"].currentText() == "no preference"
    again.close()


def test_a_step_that_is_passed_takes_its_parts_and_its_record_taken_back_brings_them(scale, qtbot):
    keep(
        strip(STEEL, 4.0, least=3.9),
        PartAdded(is_=PartIs(part=PartKind.RINGS, name="insulator ring for 26650"), amount=20),
    )
    notes, session = scale.workshop.notes, scale.session
    rings = next(s for s in session.steps if s.code == "rings")
    session.record(Checked(right=rings.checks), "rings")
    passed = session.record(StepPassed(), "rings")
    qtbot.waitUntil(lambda: not notes.busy and amounts()["insulator ring for 26650"] == 12, timeout=20_000)
    assert "8 of insulator ring for 26650 (12 left)" in scale.banner.text()
    session.record(
        WeldSample(machine="w", setting="3", pulses=2, strip=STEEL, peeled=5, held=5), "weld-sample"
    )
    session.record(StepPassed(), "weld-sample")
    qtbot.waitUntil(lambda: not notes.busy and amounts()[STEEL] < 4, timeout=20_000)
    assert amounts()[STEEL] == pytest.approx(3.7), "0.3 m for samples"
    assert "little left" in scale.banner.text()
    with Register(register_place()) as register:
        (lesson,) = register.lessons("setting-peeled")
        assert (lesson.data.setting, lesson.data.held) == ("3", 5)
    session.record(Correction(seq=passed.seq, reason="not yet"))
    qtbot.waitUntil(lambda: not notes.busy and amounts()["insulator ring for 26650"] == 20, timeout=20_000)
    # What is in stock stands beside what the job wants.
    scale.enter(Stage.BENCH)
    page = scale.pages[Stage.BENCH]
    qtbot.waitUntil(lambda: 20 in [p.amount for p in session.parts_there], timeout=20_000)
    page.parts.fill()
    shown = {
        page.parts.list.rows.index(n, 0).data(): page.parts.list.rows.index(n, 2).data() for n in range(9)
    }
    assert shown["insulator ring for 26650"] == "20"
    assert shown["keyed twin-bullet 2 mm"] == "none: buy"


def test_a_meter_in_doubt_is_told_at_the_steps_that_read_with_one_and_in_bench_mode(scale, qtbot):
    old = datetime.now().astimezone() - timedelta(days=400)
    bench_meter, other, driver = (
        ToolAdded(is_=ToolIs(tool=kind, name=name, every_days=365))
        for kind, name in (
            (ToolKind.METER, "bench meter"),
            (ToolKind.METER, "new meter"),
            (ToolKind.OTHER, "torque driver"),
        )
    )
    with Register(register_place(), bench="bench 1") as register:
        keys = [new_key() for _ in range(3)]
        entries = [
            register.entry(k, d, "Ada") for k, d in zip(keys, (bench_meter, other, driver), strict=True)
        ]
        checked = [register.entry(k, ToolChecked(right=True), "Ada") for k in keys]
        checked[0] = checked[0].model_copy(update={"time": old.isoformat()})
        checked[2] = checked[2].model_copy(update={"time": old.isoformat()})
        register.write([*entries, *checked])
    scale.workshop.notes.look()
    session = scale.session
    qtbot.waitUntil(lambda: bool(session.meter_doubts), timeout=20_000)
    assert session.meter_doubts == ("bench meter: check overdue by 35 days.",)
    scale.enter(Stage.BENCH)
    page = scale.pages[Stage.BENCH]

    def told() -> bool:
        shown = (page.card.itemAt(n).widget() for n in range(page.card.count()))
        return any(isinstance(w, QLabel) and w.text().startswith("bench meter:") for w in shown)

    page.show_step(next(s for s in session.steps if "polarity-reading" in s.records))
    assert told()
    scale.toggle_bench_mode()
    assert "bench meter: check overdue" in scale.bench_screen.caution.text()
    scale.toggle_bench_mode()
    page.show_step(next(s for s in session.steps if s.code == "rings"))
    assert not told()
    # Held against a reference, it is good again at once.
    shop = scale.workshop.show_shop()
    qtbot.waitUntil(lambda: len(shop.state.tools) == 3, timeout=20_000)
    shop.state.write(keys[0], ToolChecked(right=True, found="reference 2.5 V"), "Ada")
    qtbot.waitUntil(lambda: not session.meter_doubts, timeout=20_000)
    shop.close()


@pytest.mark.parametrize("record", ["loaded-reading", "cell-test", "insulation-reading", "tap-reading"])
def test_every_record_of_volts_or_ohms_is_read_by_a_meter(scale, record):
    step = dataclasses.replace(scale.session.steps[0], records=(record,), offers=())
    assert read_by_meter(step)
    assert not read_by_meter(dataclasses.replace(step, records=("weighing",)))


def test_work_that_is_refused_stops_nothing_that_follows(qtbot):
    told, started = [], []

    def refuse():
        raise Refusal("no such cut.")

    def work(n):
        started.append(n)
        return n

    newest = Newest(told.append)
    newest.ask(refuse, told.append)
    newest.ask(lambda: work(1), told.append)
    newest.ask(lambda: work(2), told.append)
    qtbot.waitUntil(lambda: told == ["no such cut.", 2], timeout=5_000)
    assert started == [2], "only the newest of those that wait is begun"
    newest.ask(lambda: work(3), told.append)
    qtbot.waitUntil(lambda: told[-1] == 3, timeout=5_000)


def test_a_shop_without_a_register_gets_none_by_working(scale, qtbot):
    from firmcell.register.register import known_register

    assert known_register() == ""
    scale.session.record(StepPassed(), "rings")
    assert not scale.workshop.notes.busy
    assert known_register() == ""


def test_a_job_of_the_demo_writes_into_the_farms_register_only(window, qtbot):
    keep(strip("pure nickel strip 0.3 × 10", 9.0))
    assert window.opening.open_demo("orchard-hoist")
    shop = window.workshop.show_shop()
    qtbot.waitUntil(lambda: len(shop.state.parts) == 20, timeout=30_000)
    QTest.keyClick(shop, Qt.Key.Key_F1)
    assert window.learning.help.shown == "12-workshop"
    window.learning.help.close()
    before = sum(p.amount for p in shop.state.parts if p.is_.name == "pure nickel strip 0.3 × 10")
    session = window.session
    step = next(s.code for s in session.steps if s.code == "weld-top-N9")
    session.record(StepPassed(), step)
    qtbot.waitUntil(lambda: not window.workshop.notes.busy, timeout=20_000)
    # The open window shows it by itself.
    after = sum(p.amount for p in shop.state.parts if p.is_.name == "pure nickel strip 0.3 × 10")
    assert after < before
    assert amounts()["pure nickel strip 0.3 × 10"] == 9.0
    assert shop.known.table.rows.rowCount() == 4
    assert shop.known.table.rows.index(2, 8).data() == "94 %", "0.1^(1/44) = 0.949, rounded down"
    shop.close()
    assert window.workshop.shop is None


def test_a_new_job_takes_what_is_there(window, qtbot, tmp_path):
    keep(
        strip("pure nickel strip 0.2 × 10", 5.0),
        PartAdded(is_=PartIs(part=PartKind.WIRE, name="22 AWG silicone"), amount=9.0),
        PartAdded(is_=PartIs(part=PartKind.CONNECTOR, name="keyed twin-bullet 5.5 mm"), amount=2),
        ToolAdded(is_=ToolIs(tool=ToolKind.WELDER, name="w", joins=Welder.STRONG)),
    )
    told = []
    window.workshop.what_is_there(told.append)
    qtbot.waitUntil(lambda: bool(told), timeout=20_000)
    dialog = NewPackDialog(window.system, tmp_path, window.library, window)
    dialog.take_stock(told[0].at_hand, told[0].welder)
    assert dialog.welder is Welder.STRONG
    brief = bee_house_scale(shipped_library()).brief
    path = tmp_path / "made.firmcell"
    window.jobs.make_from_brief(brief, path, at_hand=dialog.at_hand, welder=dialog.welder)
    qtbot.waitUntil(lambda: window.session is not None and window.session.path == path, timeout=60_000)
    design = window.session.design
    assert design.bms.sense_wire.name == "22 AWG silicone"
    assert design.leads.connector.name == "keyed twin-bullet 5.5 mm"
    qtbot.waitUntil(lambda: "To be bought for it: " in window.banner.text(), timeout=20_000)
    assert "22 AWG" not in window.banner.text()
    dialog.deleteLater()


def test_packs_of_cells_that_are_there_come_first(window, qtbot, tmp_path):
    brief = bee_house_scale(shipped_library()).brief
    from firmcell.core.changes.choices import pack_choices

    usual = next(pack_choices(brief, window.library))
    other = usual[1].cell.name
    assert usual[0].cell.name != other
    stocked = next(pack_choices(brief, window.library, at_hand=AtHand(cells=((other, 500),))))
    assert stocked[0].cell.name == other
    assert "cells in stock" in stocked[0].words()
    few = next(pack_choices(brief, window.library, at_hand=AtHand(cells=((other, 1),))))
    assert few[0].cell.name == usual[0].cell.name, "one cell is no pack"
    assert named("A  b") == named("aB")


def test_the_shopping_list_of_two_jobs(scale, qtbot, tmp_path):
    keep(
        strip(STEEL, 0.30, place="rail 1"),
        strip(STEEL, 0.05),
        strip("copper strip 0.2 × 10", 0.2, least=0.5, sold=1.0, supplier="Fell Lane", price=3.2),
    )
    design = bee_house_scale(shipped_library())
    second = design.with_edits(("brief.title", "A second scale"))
    JobFile.create(tmp_path / "second.firmcell", second, "Ada", "x").close()
    shown = scale.workshop.show_shopping()
    qtbot.waitUntil(lambda: shown.jobs.count() == 2 and bool(shown.lines), timeout=30_000)
    ticked = [shown.jobs.item(n).checkState() is Qt.CheckState.Checked for n in range(2)]
    assert ticked == [True, False], "the open job alone"
    for n in range(2):
        shown.jobs.item(n).setCheckState(Qt.CheckState.Checked)

    def line(name):
        return next(each for each in shown.lines if each.line.name == name)

    qtbot.waitUntil(lambda: 2 in [e.line.count for e in shown.lines if "blade" in e.line.name])
    steel = line(STEEL)
    # Twice 0.4 m with a twentieth more and once the strip for samples… each job peels its own.
    assert steel.line.metres == pytest.approx(2 * 0.3995, abs=1e-3)
    assert steel.there == pytest.approx(0.35)
    assert steel.buy >= steel.line.much - 0.35
    assert line("blade fuse 32 V, 5 A").buy == 3, "two and one more"
    copper = line("copper strip 0.2 × 10")
    assert (copper.jobs, copper.buy, copper.cost) == ((), 1.0, 3.2), "little left"
    assert (copper.why, line("blade fuse 32 V, 5 A").why) == (
        "little left",
        "Bee-house scale, A second scale",
    )
    shown.table.setCurrentIndex(shown.table.rows.index(shown.lines.index(steel), 0))
    assert "From the 0.3 m (rail 1)" in shown.cuts.text()
    assert shown.write(tmp_path / "list.csv")
    rows = {r["class"]: r for r in csv.DictReader(io.StringIO((tmp_path / "list.csv").read_text()))}
    assert rows["copper strip 0.2 × 10"]["cost"] == "3.20"
    assert rows[STEEL]["jobs"] == "Bee-house scale; A second scale"
    assert shown.write(tmp_path / "list.pdf")
    text = " ".join(" ".join(p.extract_text() for p in PdfReader(tmp_path / "list.pdf").pages).split())
    for words in ("Fell Lane: 3.20", "No supplier told", "How it is cut", STEEL):
        assert words in text
    for n in range(2):
        shown.jobs.item(n).setCheckState(Qt.CheckState.Unchecked)
    qtbot.waitUntil(
        lambda: [each.line.name for each in shown.lines] == ["copper strip 0.2 × 10"], timeout=20_000
    )
    shown.close()


def test_all_jobs_are_shown_together(window, qtbot, tmp_path):
    assert window.opening.open_demo("orchard-hoist")
    shown = window.workshop.show_across()
    qtbot.waitUntil(lambda: shown.across is not None, timeout=30_000)
    assert "60 peels, 30 joints" in shown.said.text()
    assert "2 cells came back" in shown.said.text()
    row = [shown.peels.table.rows.index(2, n).data() for n in range(4)]
    assert row == ["C", "pure nickel strip 0.3 × 10", "level 6, double pulse", "24"]
    assert [shown.packs.table.rows.index(3, n).data() for n in (0, 5)] == ["Old mower, again", "87 %"]
    assert shown.times.table.rows.index(0, 1).data() == "Sense harness"
    assert shown.back.table.rows.rowCount() == 2
    shown.learn_from(window.demo_folder)
    qtbot.waitUntil(lambda: "peels" in shown.said.text(), timeout=30_000)
    assert "60 peels" in shown.said.text(), "the demo's jobs hold none that were measured"
    shown.learn_from(tmp_path / "nowhere")
    qtbot.waitUntil(lambda: "is not a folder" in shown.said.text(), timeout=20_000)
    shown.close()


def test_with_nothing_measured_each_page_says_what_would_stand_there(window, qtbot, tmp_path):
    from firmcell.app.shop.across_window import AcrossWindow

    shown = AcrossWindow(window, tmp_path, str(tmp_path / "empty.sqlite"))
    shown.show()
    qtbot.waitUntil(lambda: shown.across is not None, timeout=20_000)
    for n in range(shown.tabs.count()):
        shown.tabs.setCurrentIndex(n)
        page = shown.tabs.widget(n)
        assert page.empty.isVisible()
        assert not page.plot.isVisible()
    shown.close()
