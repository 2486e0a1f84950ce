"""Reclaimed cells: drift against a cell with a leak of our own, verdicts, who goes with whom, and the tables they come in."""

import itertools

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.reclaimed import OUT_A_DAY, lost_at_rest, matched, reclaimed_cell, spread_of
from firmcell.core.jobs import findings_of
from firmcell.core.model.chemistry import Chemistry, resting_voltage
from firmcell.core.model.parts import Cell
from firmcell.core.records.build_state import fold
from firmcell.core.records.event_words import event_words
from firmcell.core.records.events import CellTest, sealed
from firmcell.store.cell_tests_csv import cell_tests_from_csv
from firmcell.store.demo import bee_house_scale
from firmcell.store.demo_lamp import lamp_refit
from firmcell.store.part_files import part_named, shipped_library

SHELF = shipped_library()
CELL = part_named(SHELF, Cell, "18650 balanced 3.0 Ah")
DAY = 86_400.0


@given(
    chemistry=st.sampled_from([Chemistry.LI_ION, Chemistry.LTO]),
    begin=st.floats(0.3, 1.0),
    ohm=st.floats(200, 100_000),
    days=st.floats(1, 60),
)
def test_a_leak_is_found_from_two_readings(chemistry, begin, ohm, days):
    """Own march in time: a cell of 3 Ah with a resistor across it, step by step."""
    soc, step = begin, days * DAY / 2000
    for _ in range(2000):
        soc -= float(resting_voltage(chemistry, soc)) / ohm * step / 10_800
        if soc < 0.05:
            return
    first, second = (float(resting_voltage(chemistry, s)) for s in (begin, soc))
    assert lost_at_rest(chemistry, first, second, days * DAY) == pytest.approx(
        (begin - soc) / days, abs=2e-3 / days
    )


def a_cell(**more):
    whole = {"cell": 1, "capacity_as": 0.95 * CELL.capacity_as, "ohms": 1.1 * CELL.resistance_ohm, "first_v": 4.000, "second_v": 3.999, "rest_s": 7 * DAY}  # fmt: skip
    return reclaimed_cell(CELL, CellTest(**(whole | more)))


@pytest.mark.parametrize(
    ("more", "stop", "mark"),
    [
        ({}, "", ""),
        ({"capacity_as": 0.55 * CELL.capacity_as}, "holds 55 %", ""),
        ({"capacity_as": 0.7 * CELL.capacity_as}, "", "holds 70 %"),
        ({"capacity_as": None}, "", "capacity not tested"),
        ({"ohms": 3 * CELL.resistance_ohm}, "3 times", ""),
        ({"ohms": 2 * CELL.resistance_ohm}, "", "2 times"),
        ({"second_v": 3.90}, "a day at rest", ""),
        ({"second_v": 3.975}, "", "a day at rest"),
        ({"rest_s": 0.5 * DAY}, "", "a week tells more"),
        ({"second_v": 4.003, "rest_s": 0.5 * DAY}, "", "do not tell whether it drains"),
        ({"first_v": None}, "", "not read twice"),
        ({"first_v": 2.0, "second_v": 1.9}, "under 2.50 V", ""),
    ],
)
def test_what_a_test_says_of_a_cell(more, stop, mark):
    found = a_cell(**more)
    assert (stop in "; ".join(found.stops)) if stop else found.fits
    if mark:
        assert mark in "; ".join(found.marks)
    if not more:
        assert found.words == "fits"


@pytest.mark.parametrize("chemistry", [Chemistry.LI_ION, Chemistry.LFP, Chemistry.NIMH])
@pytest.mark.parametrize("days", [1, 2, 3, 5, 7, 14])
def test_no_cell_that_drains_too_fast_passes_in_silence(chemistry, days):
    """A simulated cell loses 1.2 to 4 times what puts it out; its first reading was up to 12 mV low from the last discharge."""
    cell = CELL.model_copy(update={"chemistry": chemistry, "empty_v": 0.9})
    out = OUT_A_DAY[chemistry.is_lithium]
    random = np.random.default_rng(days)
    for full, leak, rises in random.uniform((0.3, 1.2, 0.0), (0.95, 4.0, 0.012), (300, 3)):
        left = full - leak * out * days
        if left < 0:
            continue
        first, second = (float(resting_voltage(chemistry, soc)) for soc in (full, left))
        tested = CellTest(cell=1, capacity_as=cell.capacity_as, ohms=cell.resistance_ohm, first_v=first - rises, second_v=second, rest_s=days * DAY)  # fmt: skip
        found = reclaimed_cell(cell, tested)
        assert found.stops or any("drain" in mark or "a day" in mark for mark in found.marks), (
            full,
            leak,
            rises,
        )


def test_life_that_is_left_is_told_only_where_it_is_known():
    """By hand: a fifth lost in 400 cycles leaves twice that down to 60 %... from 80 % the other fifth in 400."""
    assert a_cell(capacity_as=0.8 * CELL.capacity_as, cycles=400).cycles_left == pytest.approx(400)
    assert a_cell(cycles=None).cycles_left is None
    assert a_cell(capacity_as=1.02 * CELL.capacity_as, cycles=10).cycles_left is None


@given(
    series=st.integers(1, 3),
    parallel=st.integers(1, 3),
    values=st.lists(st.floats(1.0, 3.0), min_size=9, max_size=9),
)
def test_matching_is_near_the_best_there_is(series, parallel, values):
    """Against every assignment there is, by brute force, on up to nine cells."""
    cells = {n: values[n - 1] for n in range(1, series * parallel + 1)}
    groups = matched(cells, series, parallel)
    assert sorted(n for g in groups for n in g) == sorted(cells)
    assert all(len(g) == parallel for g in groups)
    best = min(
        spread_of(tuple(p[i * parallel : (i + 1) * parallel] for i in range(series)), cells)
        for p in itertools.islice(itertools.permutations(cells), 2000)
    )
    in_order = spread_of(
        tuple(tuple(range(i * parallel + 1, (i + 1) * parallel + 1)) for i in range(series)), cells
    )
    assert spread_of(groups, cells) <= in_order + 1e-9
    assert spread_of(groups, cells) <= best + 0.12
    assert spread_of(groups, {}) == 0.0


def findings(design, *tests):
    events = [sealed(n, "t", "", "", "", 1, t, "0" * 64) for n, t in enumerate(tests, start=1)]
    found = findings_of(Situation(design, analyse(design, SHELF), fold(events), SHELF))
    return {f.code: f for f in reversed(found)}


def test_rules_name_who_is_out_who_goes_with_whom_and_who_gets_hot():
    scale = bee_house_scale(SHELF)
    full = scale.cell.capacity_as
    held = (1.0, 0.95, 0.7, 0.72, 0.9, 0.92, 0.75, 0.98)
    tests = [
        CellTest(cell=n, capacity_as=full * h, ohms=scale.cell.resistance_ohm)
        for n, h in enumerate(held, start=1)
    ]
    told = findings(scale, *tests)
    assert "RC-1" not in told
    assert told["RC-2"].severity is Severity.ATTENTION
    assert "Sorted otherwise by" in told["RC-2"].sentence
    worse = [*tests[:-1], CellTest(cell=8, capacity_as=full * 0.4, ohms=scale.cell.resistance_ohm * 1.8)]
    told = findings(scale, *worse)
    assert told["RC-1"].severity is Severity.STOP
    assert "Cell 8 is out" in told["RC-1"].sentence
    assert "times its fair share" in told["RC-3"].sentence
    lamp = lamp_refit(SHELF)
    hot = findings(lamp, *(CellTest(cell=n, ohms=0.02 if n == 4 else 0.01) for n in range(1, 6)))
    assert "Cell 4 makes 2 times the heat" in hot["RC-3"].sentence
    assert "RF-7" not in hot
    unproven = findings(lamp.edited("refit.reclaimed", True), CellTest(cell=1))
    assert "1 of 5 are tested" in unproven["RF-7"].sentence


def test_a_test_is_a_record_and_its_resistance_counts():
    test = CellTest(
        cell=3,
        capacity_as=9000.0,
        ohms=0.031,
        first_v=4.0,
        second_v=3.99,
        rest_s=5 * DAY,
        cycles=120,
        origin="old drill",
    )
    event = sealed(1, "t", "", "", "check-cells", 1, test, "0" * 64)
    assert (
        event_words(event)
        == "cell 3 tested: 2.50 Ah, 31.0 mΩ, 4.000 to 3.990 V in 5.0 days, 120 cycles, old drill"
    )
    state = fold([event])
    assert state.cell_tests[3] == test
    assert state.cell_ohm[3] == 0.031
    assert state.cell_volts[3] == 3.99


# -- tables ---------------------------------------------------------------------------------------------

GOOD = "cell,capacity Ah,resistance mΩ,first V,second V,days,cycles,origin,remark\n1,2.41,28,4.01,4.00,7,300,drill,x\n2;\n".replace(
    "2;\n", "2,,30.5,,,,,\n"
)


def test_a_table_is_read_by_its_headings_and_units():
    one, two = cell_tests_from_csv(GOOD, "t.csv", 8)
    assert one.capacity_as == pytest.approx(2.41 * 3600)
    assert one.ohms == pytest.approx(0.028)
    assert one.rest_s == pytest.approx(7 * DAY)
    assert one.cycles == 300
    assert one.origin == "drill"
    assert two.ohms == pytest.approx(0.0305)
    assert two.capacity_as is None
    (milli,) = cell_tests_from_csv("capacity mAh;cell\n2410;4\n", "t.csv", 8)
    assert milli.capacity_as == pytest.approx(2.41 * 3600)


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("", "is empty"),
        ("capacity\n1\n", "no column is headed “cell”"),
        ("cell,capacity\n", "no cell beneath"),
        ("cell,cell\n1,1\n", "same heading"),
        ("cell\n9\n", "there is no cell 9"),
        ("cell\n1\n1\n", "a second time"),
        ("cell\n1.5\n", "no whole number"),
        ("cell,capacity\n1,lots\n", "line 2"),
        ("cell,impedance mΩ\n1,20\n", "a.c. reading"),
        ("cell,resistance\n1,99999\n", "line 2"),
    ],
)
def test_a_table_that_is_not_right_is_refused_with_its_line(text, words):
    with pytest.raises(Refusal) as refused:
        cell_tests_from_csv(text, "t.csv", 8)
    assert words in refused.value.sentence


@given(st.text(alphabet="cel,;\tpaiy 0123456789.\nΩmVrst\"'", max_size=120))
def test_any_table_is_read_or_refused(text):
    for body in (text, f"cell,capacity,resistance\n{text}"):
        told = ""
        try:
            assert cell_tests_from_csv(body, "t.csv", 40)
        except Refusal as refusal:
            told = refusal.sentence
        assert not told or told.startswith("t.csv")
