"""Events, their chain, the fold, the work plan and the verdict on taps."""

from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.bench.pass_check import obstacle
from firmcell.core.bench.record_faults import wanted_records
from firmcell.core.jobs.new_pack import new_pack_steps
from firmcell.core.records.build_state import StepStatus, fold
from firmcell.core.records.events import (
    GENESIS,
    CellCheck,
    Checked,
    Correction,
    NotRight,
    Remark,
    SolderJoint,
    StepPassed,
    TapReading,
    WeldRow,
    WeldSample,
    first_broken_link,
    sealed,
)
from firmcell.core.records.step import next_step
from firmcell.core.tap_check.diagnosis import PackAsked
from firmcell.core.tap_check.group_verdicts import Verdict, judge_readings
from firmcell.core.tap_check.meter import Meter
from firmcell.store.demo import hay_loft_lantern


def chain(*entries):
    events, prev = [], GENESIS
    for n, (step, data) in enumerate(entries, start=1):
        events.append(sealed(n, f"2026-01-01T00:00:{n:02d}+00:00", "Wren", "", step, 1, data, prev))
        prev = events[-1].hash
    return events


def test_a_sound_chain_holds_and_every_kind_of_tampering_shows():
    events = chain(*[("s", Remark(text=f"remark {n}")) for n in range(6)])
    assert first_broken_link(events) is None
    assert "missing" in first_broken_link(events[1:])
    assert "missing" in first_broken_link(events[:2] + events[3:])
    reworded = events[2].model_copy(update={"data": Remark(text="other")})
    assert "Record 3" in first_broken_link([*events[:2], reworded, *events[3:]])
    other = chain(*[("s", Remark(text=f"lie {n}")) for n in range(6)])
    assert "does not follow" in first_broken_link([*events[:3], *other[3:]])


@given(
    st.integers(0, 5),
    st.sampled_from(["person", "instrument", "time", "step"]),
    st.text(min_size=1, max_size=20),
)
def test_changing_any_field_of_any_record_shows(index, field, text):
    events = chain(*[("s", Remark(text=f"remark {n}")) for n in range(6)])
    changed = events[index].model_copy(update={field: text})
    assert (first_broken_link([*events[:index], changed, *events[index + 1 :]]) is None) == (
        changed == events[index]
    )


def test_fold_passes_reworks_and_takes_back():
    events = chain(
        ("a", Checked(right=("x",))), ("a", StepPassed()),
        ("b", NotRight(reason="wavy")), ("b", Checked(right=("x",))), ("b", StepPassed()),
        ("t", TapReading(tap=1, volts=3.6)), ("t", TapReading(tap=1, volts=3.7)),
        ("", Correction(seq=7, reason="wrong tap")),
    )  # fmt: skip
    state = fold(events)
    assert state.step("a").status is StepStatus.PASSED
    assert (state.step("b").status, state.step("b").rework) == (StepStatus.PASSED, 1)
    assert state.tap_volts == {1: 3.6}
    assert state.taken_back == {7}
    assert state.step("unheard of").status is StepStatus.OPEN
    # Taking the correction back restores the reading.
    again = [*events, sealed(9, "t", "", "", "", 1, Correction(seq=8, reason="was right"), events[-1].hash)]
    assert fold(again).tap_volts == {1: 3.7}


def test_a_record_on_a_passed_step_opens_it_again():
    events = chain(("a", Checked(right=("x",))), ("a", StepPassed()), ("a", Checked(right=("x",))))
    assert fold(events).step("a").status is StepStatus.BEGUN


def test_steps_cover_every_strip_tap_and_lead_once(hoist, hoist_analysis):
    steps = new_pack_steps(hoist, hoist_analysis)
    codes = [s.code for s in steps]
    assert len(codes) == len(set(codes))
    welded = [r for s in steps if s.code.startswith("weld-") and s.face for r in s.refs]
    assert sorted(welded) == sorted(f"strip:{p.id}" for p in hoist_analysis.strips)
    wired = [r for s in steps if s.code.startswith("taps-") for r in s.refs]
    assert sorted(wired) == sorted(f"tap:{t.number}" for t in hoist_analysis.bms.taps)
    assert (
        codes.index("lead-minus")
        < codes.index("lead-plus")
        < codes.index("tap-voltages")
        < codes.index("board-on")
    )
    assert codes.index("weld-sample") < min(i for i, c in enumerate(codes) if c.startswith("weld-bottom"))
    assert all(s.cautions for s in steps if s.code.startswith(("weld-", "lead-", "first-")))


def test_over_60_v_the_cautions_say_so(hoist, library):
    from firmcell.core.analysis.analyse import analyse
    from firmcell.core.jobs import steps_of

    high = hoist.edited("series", 20).edited("arrangement.rows", 4)
    words = " ".join(c for s in steps_of(high, analyse(high, library)) for c in s.cautions)
    assert "touch limit" in words
    low = " ".join(c for s in steps_of(hoist, analyse(hoist, library)) for c in s.cautions)
    assert "touch limit" not in low


def test_a_pack_without_board_has_no_step_for_one(library):
    from firmcell.core.analysis.analyse import analyse

    design = hay_loft_lantern(library)
    codes = [s.code for s in new_pack_steps(design, analyse(design, library))]
    assert "board-on" not in codes
    # Lithium without a board still has its balance lead.
    from firmcell.store.demo import bee_house_scale

    bare = bee_house_scale(library).edited("bms.board", None)
    assert "taps-top" in [s.code for s in new_pack_steps(bare, analyse(bare, library))]
    assert not any(c.startswith("taps-") for c in codes)
    assert "tap-voltages" in codes


GOOD = {
    "cell-check": CellCheck(count=40, lowest_v=3.55, highest_v=3.57, wraps_sound=True),
    "weld-sample": WeldSample(machine="m", setting="1", pulses=1, strip="s", peeled=22, held=22),
    "weld-row": WeldRow(machine="m", setting="1", pulses=1, strip="s", welds=400, flat=True, tug=True),
    "solder-joint": SolderJoint(joint="j", iron_w=80, tip_k=653, alloy="a", seconds=3, smooth=True, tug=True),
}
BAD = {
    "cell-check": CellCheck(count=40, lowest_v=3.3, highest_v=3.57, wraps_sound=True),
    "weld-sample": WeldSample(machine="m", setting="1", pulses=1, strip="s", peeled=22, held=21),
    "weld-row": WeldRow(machine="m", setting="1", pulses=1, strip="s", welds=400, flat=True, tug=False),
    "solder-joint": SolderJoint(
        joint="j", iron_w=80, tip_k=653, alloy="a", seconds=3, smooth=False, tug=True
    ),
}


def test_no_step_is_passed_without_good_records_and_open_hold_points_stop(hoist, hoist_analysis):
    steps = new_pack_steps(hoist, hoist_analysis)
    for kind in GOOD:
        step = next(s for s in steps if kind in s.records)
        alone = (step,)
        assert obstacle(step, alone, fold([]), [], hoist).startswith("Record")
        for records, stopped in (([BAD[kind]], True), ([GOOD[kind]], False), ([GOOD[kind], BAD[kind]], True)):
            events = chain(*[(step.code, r) for r in records])
            assert bool(obstacle(step, alone, fold(events), events, hoist)) == stopped
        reworked = chain((step.code, GOOD[kind]), (step.code, NotRight(reason="no")))
        assert wanted_records(step, reworked) == (kind,)
        assert obstacle(step, alone, fold(reworked), reworked, hoist)
    assert "hold point" in obstacle(steps[3], steps, fold([]), [], hoist)
    assert next_step(steps, fold([])) is steps[0]


def test_unticked_looks_are_named(hoist, hoist_analysis):
    step = next(s for s in new_pack_steps(hoist, hoist_analysis) if s.code == "dry-fit")
    events = chain((step.code, Checked(right=step.checks[:-1])))
    assert step.checks[-1] in obstacle(step, (step,), fold(events), events, hoist)


# -- taps ----------------------------------------------------------------------------------------------


def readings(cells):
    total, out = 0.0, {}
    for number, volts in enumerate(cells, start=1):
        total += volts
        out[number] = total
    return out


NO_ERROR = Meter(accuracy=0.0, digits=0.0, counts=600_000)


def judge(taps, hoist, series=10, cell=None):
    """With a meter that errs by nothing but its contact, so that what is asked of the groups alone is seen."""
    asked = PackAsked(series, cell or hoist.cell, 3.56, meter=NO_ERROR)
    return judge_readings({(0, n): v for n, v in taps.items() if n <= series}, asked)


def test_a_healthy_pack_is_right_and_a_missing_reading_never(hoist):
    whole = readings([3.56] * 10)
    assert judge(whole, hoist).verdict is Verdict.RIGHT
    for gone in whole:
        partial = {k: v for k, v in whole.items() if k != gone}
        assert judge(partial, hoist).verdict is Verdict.MISSING
    assert judge({}, hoist).verdict is Verdict.MISSING


def test_spread_follows_common_practice(hoist):
    """Common practice: under 0.05 V is the target, 0.13 V accepted with a balance charge, more is not."""
    assert judge(readings([3.56] * 9 + [3.60]), hoist).verdict is Verdict.RIGHT
    balanced = judge(readings([3.56] * 9 + [3.66]), hoist)
    assert balanced.verdict is Verdict.RIGHT
    assert "balance charge follows at once" in balanced.remark
    assert judge(readings([3.56] * 9 + [3.72]), hoist).verdict is Verdict.WRONG


@given(
    st.integers(2, 24), st.data(), st.floats(2.9, 4.15), st.floats(0, 0.02),
)  # fmt: skip
def test_no_single_wiring_fault_is_called_right(series, data, cell_v, scatter):
    from firmcell.store.part_files import shipped_library

    cell = next(c for c in shipped_library().cells if c.name.startswith("21700 high"))
    cells = [cell_v + data.draw(st.floats(-scatter, scatter)) for _ in range(series)]
    whole = readings(cells)
    fault = data.draw(st.sampled_from(["swap", "shift", "reversed", "empty", "broken"]))
    place = data.draw(st.integers(1, series))
    if fault == "swap":
        other = data.draw(st.integers(1, series).filter(lambda n: n != place))
        whole[place], whole[other] = whole[other], whole[place]
    elif fault == "shift":
        whole = {k: v + cells[0] for k, v in whole.items()}
    elif fault == "reversed":
        cells[place - 1] *= -1
        whole = readings(cells)
    elif fault == "empty":
        cells[place - 1] = 0.4
        whole = readings(cells)
    else:
        whole[place] = 0.0
    assert judge(whole, None, series, cell).verdict is Verdict.WRONG


def test_readings_of_taps_that_a_shorter_pack_has_no_longer_are_passed_over(hoist):
    volts = {n: 3.56 * n for n in range(1, 11)}
    shorter = judge(volts, hoist, 6)
    assert shorter.verdict is Verdict.RIGHT
    del volts[4]
    assert judge(volts, hoist, 6).verdict is not Verdict.RIGHT


def test_other_faults_are_not_called_an_exchange(hoist):
    reversed_group = readings([3.56, 3.56, -3.56, 3.56, 3.56, 3.56, 3.56, 3.56, 3.56, 3.56])
    assert "exchanged." not in judge(reversed_group, hoist).words
    missing = readings([3.56] * 10)
    missing[3], missing[4] = missing[4], missing[3]
    del missing[2]
    assert "exchanged." not in judge(missing, hoist).words


def test_a_meter_not_on_b0_shows(hoist):
    assert judge({0: 3.6, **readings([3.56] * 10)}, hoist).verdict is Verdict.WRONG
