"""Bench mode: a whole build by three keys and digits, readable from two metres, with meter and button box."""

import os
import pty
import wave

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel

from firmcell.app import bench_screen, bench_walk, iron_clock, session
from firmcell.app.tones import PLAYERS, RATE, samples, wav_file
from firmcell.core.analysis.findings import Stage
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.bench.record_faults import longest_on_joint
from firmcell.core.bench.steady_reading import SteadyTaker, steady
from firmcell.core.bench.walk import AskKind, asks_of, right_band, tap_asks
from firmcell.core.model.design import Face
from firmcell.core.pictures.hand_order import numbered_places, without_wires
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.events import NotRight, SolderJoint
from firmcell.core.records.step import Step
from firmcell.core.tap_check.group_verdicts import Proof, Verdict
from firmcell.instruments.button_box import ButtonBox

A, B, C = Qt.Key.Key_Space, Qt.Key.Key_Backspace, Qt.Key.Key_Tab


@pytest.fixture
def heard(monkeypatch):
    """What is sounded: True right, False wrong."""
    told = []
    monkeypatch.setattr(bench_screen, "sound", told.append)
    monkeypatch.setattr(bench_walk, "sound", told.append)
    return told


@pytest.fixture
def screen(hoist_window, qtbot, heard):
    hoist_window.go(Stage.BENCH)
    hoist_window.set_bench_mode(True)
    qtbot.wait(30)
    yield hoist_window.bench_screen
    if hoist_window.bench_screen is not None:
        hoist_window.set_bench_mode(False)


def press(qtbot, screen, key):
    target = screen.field if screen.field.isVisible() else screen
    qtbot.keyClick(target, key)


def answered(qtbot, screen, cell_v=3.56):
    """Answer what is asked as a right build would."""
    ask = screen.asked
    if ask.kind is AskKind.NUMBER:
        value = ask.given
        if ask.record == "tap-reading":
            value = cell_v * int(ask.field)
        elif ask.record == "point-reading":
            value = cell_v
        elif value is None:
            band = right_band(ask, screen.step, (cell_v, cell_v))
            told = {
                "lowest_v": cell_v - 0.002,
                "highest_v": cell_v + 0.002,
                "seconds": 2.0,
                "iron_w": 80.0,
                "ohms": 900,
                "volts": cell_v,
            }
            told |= {"peeled": 22, "held": 22, "test_v": 9.0, "overlap_m": 8, "torque_nm": 4.0, "crimps": 1}
            value = sum(band) / 2 if band else told.get(ask.field, 5)
        if ask.si == "K":
            value = 380
        qtbot.keyClicks(screen.field, f"{value:g}")
        press(qtbot, screen, Qt.Key.Key_Enter)
    elif ask.kind is AskKind.WORDS:
        qtbot.keyClicks(screen.field, "bench welder")
        press(qtbot, screen, Qt.Key.Key_Enter)
    elif ask.kind is AskKind.YES_NO and not ask.given:
        press(qtbot, screen, B)
    else:
        press(qtbot, screen, A)


def test_a_whole_build_by_three_keys_and_digits(screen, qtbot, heard, monkeypatch):
    """The farm's hoist from where it stands to its last look; clocks are passed over, no mouse and no other key."""
    monkeypatch.setattr(session, "obstacle", lambda *args: obstacle(*args[:5]))
    window = screen.window_
    seen = set()
    for _ in range(900):
        if screen.step is None:
            break
        before = (screen.step.code, screen.walk.at, len(window.session.events))
        seen.add(screen.step.code)
        answered(qtbot, screen)
        after = (screen.step.code if screen.step else "", screen.walk.at, len(window.session.events))
        assert after != before, (screen.asked, screen.said.text())
    assert screen.step is None
    assert {"weld-top-N5", "tap-voltages", "sleeve", "final-look"} <= seen
    assert all(window.session.state.step(s.code).status is StepStatus.PASSED for s in window.session.steps)
    assert window.session.state.tap_volts[10] == pytest.approx(35.6)
    assert False not in heard


KINDS = ("sprayer-lead-change", "torch-re-sleeve", "toy-tray", "lamp-refit", "pond-wet-jacket")


@pytest.mark.parametrize("name", KINDS)
def test_other_kinds_of_job_are_done_by_three_keys_too(window, qtbot, heard, monkeypatch, name):
    monkeypatch.setattr(session, "obstacle", lambda *args: obstacle(*args[:5]))
    assert window.opening.open_demo(name)
    cell_v = window.session.design.cell_now_v + 0.003
    window.go(Stage.BENCH)
    window.set_bench_mode(True)
    screen = window.bench_screen
    for _ in range(600):
        if screen.step is None:
            break
        before = (screen.step.code, screen.walk.at, len(window.session.events))
        answered(qtbot, screen, cell_v)
        after = (screen.step.code if screen.step else "", screen.walk.at, len(window.session.events))
        assert after != before, (screen.asked, screen.said.text())
    assert screen.step is None
    assert all(window.session.state.step(s.code).status is StepStatus.PASSED for s in window.session.steps)
    window.set_bench_mode(False)


def test_it_fills_the_window_and_nothing_else_is_in_sight(screen, qtbot):
    window = screen.window_
    assert screen.size() == window.centralWidget().size()
    assert not window.rail.isVisible()
    assert not window.menuBar().isVisible()
    assert len(screen.view._faces) == 1
    qtbot.keyClick(screen.field, Qt.Key.Key_Escape)
    assert window.rail.isVisible()
    assert window.bench_screen is None
    window.hide()


@pytest.mark.parametrize("size", [(1280, 800), (1920, 1080), (1024, 640)])
def test_letters_are_a_fortieth_of_the_screen_and_none_is_cut(screen, qtbot, size):
    screen.window_.resize(*size)
    qtbot.wait(60)
    for step in screen.session.steps:
        screen.window_._bench().show_step(step)
        screen.begin()
        qtbot.wait(1)
        labels = [w for w in screen.findChildren(QLabel) if w.isVisible() and w.text()]
        assert len(labels) >= 4
        for label in labels:
            assert label.font().pixelSize() >= int(screen.height() / 40), (step.code, label.text())
            assert label.heightForWidth(label.width()) <= label.height() + 1 or not label.wordWrap(), (
                size,
                step.code,
                label.text(),
            )
        low = max(label.geometry().bottom() for label in labels)
        assert low <= screen.height(), (size, step.code)
    assert screen.view.overlay.least_text >= int(screen.height() / 40)


def test_closing_the_job_leaves_bench_mode(screen, qtbot):
    window = screen.window_
    window.opening.close_job()
    qtbot.wait(30)
    assert window.bench_screen is None
    assert window.session is None


def test_right_and_wrong_sound_different_and_a_doubt_is_asked_back(screen, qtbot, heard):
    window = screen.window_
    window._bench().show_step(next(s for s in window.session.steps if s.code == "measure-total"))
    screen.begin()
    assert screen.asked.si == "V"
    qtbot.keyClicks(screen.field, "16.8")
    press(qtbot, screen, Qt.Key.Key_Enter)
    assert heard == [False]
    assert "34.30 V to 36.90 V is right" in screen.said.text()
    assert not window.session.state.polarity
    screen.field.clear()
    press(qtbot, screen, Qt.Key.Key_Enter)
    assert "missing" in screen.said.text()
    qtbot.keyClicks(screen.field, "35,6")
    press(qtbot, screen, Qt.Key.Key_Enter)
    assert heard[-1] is False, "recorded, and an earlier hold point is open still"
    assert window.session.state.polarity[-1].volts == pytest.approx(35.6)


def test_not_right_wants_two_presses(screen, qtbot, heard):
    window = screen.window_
    step = next(s for s in window.session.steps if s.code == "turn-top")
    window._bench().show_step(step)
    screen.begin()
    press(qtbot, screen, B)
    assert screen.ask.text().startswith("Not right: ")
    press(qtbot, screen, B)
    assert not screen.walk.doubt
    before = len(window.session.events)
    press(qtbot, screen, A)
    press(qtbot, screen, B)
    press(qtbot, screen, A)
    recorded = window.session.events[before:]
    assert [type(e.data) for e in recorded] == [NotRight]
    assert recorded[0].data.reason == step.checks[1]
    assert heard == [False]


def test_the_picture_turns_and_the_next_places_are_numbered(screen, qtbot):
    window = screen.window_
    assert screen.view.face is Face.BOTTOM
    texts = [b.text for b in screen.view.overlay.bands[0] if b.text]
    assert {str(n) for n in range(1, 13)} <= set(texts)
    window._bench().show_step(next(s for s in window.session.steps if s.code == "turn-bottom"))
    screen.begin()
    press(qtbot, screen, C)
    assert screen.view.face is Face.TOP
    assert screen.view._faces[0].drawing.title == "top face"


def test_places_go_strip_by_strip_and_the_parallel_strip_first(hoist_window):
    s = hoist_window.session
    step = next(x for x in s.steps if x.code == "weld-bottom-N4")
    drawing = s.face(Face.BOTTOM)
    axis = s.design.arrangement.turn_axis
    bands = numbered_places(step, s.analysis.strips, s.analysis.layout, Face.BOTTOM, axis, drawing.targets)
    assert [b.text for b in bands] == [str(n) for n in range(1, 13)]
    assert {b.ref for b in bands[:4]} == {"strip:N4-P1"}
    links = [b.ref for b in bands[4:]]
    assert links[::2] == links[1::2], "both ends of a link one after the other"
    # A cell cools between its joints: never two of the next three places on the same one.
    by_id = {f"strip:{p.id}": p for p in s.analysis.strips}
    cells = [by_id[ref].cells[n % len(by_id[ref].cells)] for n, ref in enumerate(b.ref for b in bands)]
    assert len(set(cells)) == 8
    for n, cell in enumerate(cells):
        assert cell not in cells[n + 1 : n + 4], (n, cells)
    other = numbered_places(
        step, s.analysis.strips, s.analysis.layout, Face.TOP, axis, s.face(Face.TOP).targets
    )
    assert other == ()
    taps = next(x for x in s.steps if x.code == "taps-bottom")
    bands = numbered_places(taps, s.analysis.strips, s.analysis.layout, Face.BOTTOM, axis, drawing.targets)
    assert [b.ref for b in bands] == [f"tap:{n}" for n in (0, 2, 4, 6, 8, 10)]
    close = without_wires(drawing)
    assert close.bounds[2] - close.bounds[0] < 0.9 * (drawing.bounds[2] - drawing.bounds[0])


def test_the_meter_is_read_by_one_key(screen, qtbot):
    window = screen.window_
    window._bench().show_step(next(s for s in window.session.steps if s.code == "measure-total"))
    screen.begin()
    press(qtbot, screen, C)
    qtbot.waitUntil(lambda: bool(window.session.state.polarity), timeout=5000)
    assert window.session.state.polarity[-1].volts == pytest.approx(35.6, abs=0.2)
    assert window.session.events[-1].instrument == "simulated bench meter"


def test_a_reading_is_taken_when_it_stands_still_and_only_once():
    taker = SteadyTaker()
    told = [taker.feed(v) for v in (0.01, 3.2, 7.1, 7.12, 7.121, 7.12, 7.12, 7.12)]
    assert [v for v in told if v is not None] == [7.12]
    assert [taker.feed(v) for v in (0.0, 7.12, 7.12)] == [None, None, None]
    assert taker.feed(7.12) == 7.12, "after the probes were lifted"
    assert steady([0.02, 0.02, 0.02]) is None, "probes in the air"


def test_a_button_box_at_a_serial_port_is_three_keys(screen, qtbot):
    """A real pseudo-terminal stands for the port."""
    ours, theirs = pty.openpty()
    screen.meter.connect_box(os.ttyname(theirs))
    assert screen.meter.box is not None
    window = screen.window_
    window._bench().show_step(next(s for s in window.session.steps if s.code == "turn-top"))
    screen.begin()
    os.write(ours, b"A\nnonsense\nA\r\n")
    qtbot.waitUntil(lambda: screen.walk.at == 2, timeout=3000)
    assert len(screen.walk.right) == 2
    screen.meter.close()
    os.close(ours)
    os.close(theirs)


def test_the_stand_in_of_the_box_and_a_port_that_is_not_there():
    with ButtonBox("simulated") as box:
        box.press("B")
        box.press("x")
        assert box.pressed() == ("B",)
        assert box.pressed() == ()
    with pytest.raises(Exception, match="No button box answers"):
        ButtonBox("/dev/not-there")


def test_each_sound_is_a_file_of_its_own(tmp_path):
    lengths = {}
    for name in ("right", "wrong", "tick"):
        with wave.open(str(wav_file(name, tmp_path)), "rb") as sound:
            lengths[name] = sound.getnframes() / RATE
            assert sound.getsampwidth() == 2
    assert lengths["wrong"] > 1.5 * lengths["right"] > 5 * lengths["tick"]
    assert max(map(abs, samples(((440.0, 0.1),)))) < 32767
    assert PLAYERS


def test_one_key_times_the_iron_on_the_joint(screen, qtbot, heard, monkeypatch):
    now, ticks = [100.0], []
    monkeypatch.setattr(iron_clock, "monotonic", lambda: now[0])
    monkeypatch.setattr(iron_clock, "tick", lambda: ticks.append(now[0]))
    page = screen.window_._bench()
    page.show_step(next(s for s in screen.session.steps if s.code == "taps-bottom"))
    screen.begin()
    while screen.asked.field != "seconds":
        answered(qtbot, screen)
    assert "the tip touches" in screen.legend.text()
    face = screen.view.face
    press(qtbot, screen, C)
    for _ in range(3):
        now[0] += 1.0
        screen.iron.tell()
    assert ticks == [101.0, 102.0, 103.0]
    assert "3 s on the joint, 60 s at most" in screen.said.text()
    heard.clear()
    now[0] = 161.0
    screen.iron.tell()
    assert heard == [False]
    assert "lift the iron" in screen.said.text()
    press(qtbot, screen, C)
    assert screen.field.text() == "61.0"
    # A second joint of the same: the clock begins anew.
    press(qtbot, screen, C)
    assert screen.field.text() == ""
    now[0] += 2.5
    press(qtbot, screen, C)
    assert screen.field.text() == "2.5"
    now[0] += 4.0
    screen.iron.tell()
    assert screen.said.text() == "Off for 4 s. Hold still until the shine goes dull; Enter takes the time."
    press(qtbot, screen, Qt.Key.Key_Enter)
    assert screen.asked.field == "smooth"
    assert screen.view.face is face
    assert screen.iron.began is None
    answered(qtbot, screen)
    answered(qtbot, screen)
    made = [e.data for e in screen.session.events if isinstance(e.data, SolderJoint)]
    assert made[-1].seconds == 2.5


def test_how_long_the_iron_takes_is_told_from_the_joint(screen, qtbot):
    window = screen.window_
    window._bench().show_step(next(s for s in window.session.steps if s.code == "connector-plug-in"))
    told = {}
    for watts in ("25", "150"):
        screen.begin()
        while screen.asked.field != "seconds":
            if screen.asked.field == "iron_w":
                qtbot.keyClicks(screen.field, watts)
                press(qtbot, screen, Qt.Key.Key_Enter)
            else:
                answered(qtbot, screen)
        told[watts] = screen.said.text()
    assert "With 25 W it is hot after about" in told["25"]
    assert "too slow" in told["25"]
    assert told["150"].startswith("With 150 W it is hot after about")
    assert "too slow" not in told["150"]


def test_on_the_end_of_a_cell_the_iron_may_stay_less_long():
    assert longest_on_joint(Step("x", "p", "t", "w", cools_s=120.0)) == 6.0
    assert longest_on_joint(Step("x", "p", "t", "w")) == 60.0


def test_what_is_asked_of_a_step():
    looks = Step("x", "p", "t", "w", records=("checked",), checks=("one", "two"), measures=("overlap_m",))
    asks = asks_of(looks, ("checked",), {})
    assert [(a.kind, a.title) for a in asks[:2]] == [(AskKind.LOOK, "one"), (AskKind.LOOK, "two")]
    assert asks[2].si == "m"
    assert asks_of(looks, (), {})[0].kind is AskKind.PASS
    row = asks_of(
        looks, ("weld-row",), {"machine": "m", "setting": "6", "strip": "s", "pulses": 2, "welds": 24}
    )
    assert [a.field for a in row] == ["pulses", "welds", "sparks", "flat", "tug"]
    assert [a.given for a in row[2:]] == [False, True, True]
    fresh = asks_of(looks, ("weld-row",), {})
    assert [a.kind for a in fresh[:2]] == [AskKind.WORDS, AskKind.WORDS]
    taps = Step("tap-voltages", "p", "t", "w", records=("tap-reading",), refs=("tap:0", "tap:1", "tap:2"))
    missing = Proof((), None, Verdict.MISSING, "read it", (1, 2))
    first = tap_asks(taps, {1}, missing, 2)
    assert [a.field for a in first] == ["2"]
    assert right_band(first[0], taps, (3.5, 3.6)) == pytest.approx((7.0 - 0.046, 7.2 + 0.046))
    between = tap_asks(taps, {1, 2}, missing, 2)[0]
    assert (between.title, between.why) == ("B2 against B1", "read it")
    assert right_band(between, taps, (3.5, 3.6)) == pytest.approx((3.5 - 0.028, 3.6 + 0.028))
    turned = tap_asks(taps, {1, 2}, Proof((), None, Verdict.MISSING, "", (2, 1)), 2)[0]
    assert right_band(turned, taps, (3.5, 3.6)) == pytest.approx((-3.6 - 0.028, -3.5 + 0.028))
    wrong = Proof((), None, Verdict.WRONG, "exchanged")
    assert tap_asks(taps, {1, 2}, wrong, 2)[0].kind is AskKind.ELSEWHERE
    assert tap_asks(taps, {1, 2}, Proof((), None, Verdict.RIGHT, ""), 2)[0].kind is AskKind.PASS


def test_readings_between_two_taps_are_asked_where_those_against_b0_do_not_tell(screen, qtbot):
    """Voltages that all end at a tenth look like those of a coarse meter: what lies between is not known."""
    window = screen.window_
    window._bench().show_step(next(s for s in window.session.steps if s.code == "tap-voltages"))
    screen.begin()
    for tap in range(1, 11):
        assert screen.asked.title == f"B{tap} against B0"
        qtbot.keyClicks(screen.field, f"{3.6 * tap:.1f}")
        press(qtbot, screen, Qt.Key.Key_Enter)
        if screen.walk.sure:
            # Out of its band, so Enter is pressed twice.
            press(qtbot, screen, Qt.Key.Key_Enter)
        if tap == 4:
            # Taken up again where it was left.
            screen.begin()
    asked = []
    while screen.asked.kind is AskKind.NUMBER and len(asked) < 12:
        asked.append(screen.asked.title)
        assert "read it from pin to pin" in screen.said.text()
        qtbot.keyClicks(screen.field, "3.56")
        press(qtbot, screen, Qt.Key.Key_Enter)
    assert asked[0] == "B2 against B1" or asked[0] == "B1 against B0"
    assert len(set(asked)) == len(asked) == len(window.session.state.point_volts)
