"""Readings of a charge as they come: what is right stays silent, what is wrong is told at the second reading; a capacity
test adds up."""

from dataclasses import replace

import numpy as np
import pytest
from tests.core.run.test_charge_plan import ANALYSIS, ASKED, HOIST, METAL

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.run_of_design import (
    Asked,
    CellsAs,
    charge_unsure_v,
    pack_in_time,
    run_of,
    run_with_band,
)
from firmcell.core.analysis.watch_plan import begun_at, watch_plan
from firmcell.core.cells.class_models import curves_of
from firmcell.core.records.events import Watched
from firmcell.core.run.charge_plan import against_plan, charge_plan
from firmcell.core.run.demand import steady
from firmcell.core.run.watch import Reading, alarm, given_by, has_ended, verdict
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import hay_loft_lantern, hoist_in_rows
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()


@pytest.fixture(scope="module")
def charge():
    return watch_plan(HOIST, ANALYSIS, METAL, Watched.CHARGE, 0.0)


@pytest.fixture(scope="module")
def capacity():
    return watch_plan(HOIST, ANALYSIS, METAL, Watched.CAPACITY, 10.0)


def read_from(run, every_s=300.0, volts=0.0, kelvin=0.0):
    times = np.arange(every_s, float(run.time_s[-1]), every_s)
    return [
        Reading(
            float(t),
            float(np.interp(t, run.time_s, run.voltage_v)) + volts,
            float(np.interp(t, run.time_s, np.abs(run.current_a))),
            float(np.interp(t, run.time_s, run.temperature_max_k)) + kelvin,
        )
        for t in times
    ]


def silent(plan, readings):
    return not any(alarm(plan, readings[: n + 1]) for n in range(len(readings)))


def test_the_plan_begins_where_the_cells_stand(charge):
    assert begun_at(HOIST) == pytest.approx(ASKED.start, abs=0.25)
    assert 0.0 < begun_at(HOIST) < begun_at(HOIST.edited("cell_now_v", 3.9)) < 1.0
    assert charge.played.charge_min[0] == pytest.approx(begun_at(HOIST), abs=0.02)
    assert charge.rated_as is None


def test_a_right_charge_is_silent_and_passes(charge):
    readings = read_from(charge.played)
    assert silent(charge.plan, readings)
    told = verdict(charge.plan, readings)
    assert told.right
    assert "lay in the plan" in told.words[0]
    assert told.end_v == pytest.approx(42.0, abs=0.3)


def test_cells_of_more_resistance_within_the_class_are_silent(charge):
    pack = pack_in_time(HOIST, ANALYSIS, METAL, CellsAs(resistance=1.15))
    asked = replace(ASKED, start=begun_at(HOIST), ambient_k=295.15)
    assert silent(charge.plan, read_from(run_of(HOIST, pack, asked)))


@pytest.mark.parametrize(
    ("volts", "kelvin", "words"),
    [(-3.6, 0.0, "shorted"), (2.6, 0.0, "a joint resists"), (0.0, 9.0, "stop the charge")],
)
def test_what_is_wrong_is_told_at_the_second_reading_at_the_latest(charge, volts, kelvin, words):
    readings = read_from(charge.played, volts=volts, kelvin=kelvin)
    first = next(n for n in range(1, len(readings)) if alarm(charge.plan, readings[: n + 1]))
    assert first <= 2 or kelvin
    assert words in alarm(charge.plan, readings[: first + 1])
    told = verdict(charge.plan, readings)
    assert not told.right
    assert told.faults > 0


def test_one_slip_of_a_probe_is_no_alarm_and_stands_in_the_verdict(charge):
    readings = read_from(charge.played)
    readings[5] = replace(readings[5], volts=0.0)
    assert silent(charge.plan, readings)
    assert verdict(charge.plan, readings).faults == 1


def test_a_charge_has_ended_when_its_current_has_died_away():
    amps = [5.0, 5.0, 4.0, 2.0, 0.2, 0.1]
    readings = [Reading(float(n), 42.0, a) for n, a in enumerate(amps)]
    assert has_ended(readings)
    assert not has_ended(readings[:-1])
    assert not has_ended([])


def test_a_capacity_test_adds_up_and_too_little_is_told(capacity):
    readings = read_from(capacity.played, every_s=60.0)
    told = verdict(capacity.plan, readings, capacity.rated_as)
    assert told.right, told.words
    # Constant 10 A: the charge is current × time, whatever the voltage.
    assert told.capacity_as == pytest.approx(10.0 * (readings[-1].time_s - readings[0].time_s), rel=1e-6)
    assert 0.9 < told.capacity_as / capacity.rated_as < 1.02
    early = verdict(capacity.plan, readings[: len(readings) // 2], capacity.rated_as)
    assert not early.right
    assert "too little" in early.words[-1]
    assert given_by([]) == (0.0, 0.0)
    assert given_by([Reading(0.0, None, 2.0), Reading(10.0, None, 2.0)]) == (20.0, 0.0)


def test_nothing_read_is_no_pass(charge):
    assert not verdict(charge.plan, []).right
    assert alarm(charge.plan, []) == ""
    cold = verdict(charge.plan, [Reading(60.0, None)])
    assert "feel it" in " ".join(cold.words)


def small_pack(name, now_v):
    """Four of a cell in series and two side by side, as they came, in a charger of 0.3 It (nickel 0.1 It)."""
    cell = next(c for c in LIBRARY.cells if c.name == name)
    lithium = cell.chemistry.is_lithium
    current = cell.capacity_as / 3600 * 2 * (0.3 if lithium else 0.1)
    edits = {"cell": cell, "series": 4, "parallel": 2, "arrangement.rows": 2, "cell_now_v": now_v}
    edits |= {"bms.board": None, "leads.fuse": None, "charge_current_a": current}
    edits |= {"brief.load_voltage_min_v": 4 * cell.empty_v, "brief.load_voltage_max_v": 4 * cell.full_v + 1}
    return (hoist_in_rows(LIBRARY) if lithium else hay_loft_lantern(LIBRARY)).with_edits(*edits.items())


@pytest.mark.parametrize(
    ("name", "now_v"),
    [
        ("18650 power 2.5 Ah", 3.43),
        ("18650 power 2.5 Ah", 3.61),
        ("pouch lithium-ion 10 Ah", 3.72),
        ("18650 iron phosphate 1.5 Ah", 3.28),
    ],
)
def test_cells_of_a_class_without_a_set_are_silent_wherever_their_curve_lies(name, now_v):
    """Between the class's curve and the one lowered to the rated energy, up to 0.16 V a cell: a right charge of such a pack
    left the plan with most of its readings. A group that is shorted is told all the same."""
    design = small_pack(name, now_v)
    analysis = analyse(design, LIBRARY)
    metal = solve_under_load(design, analysis.layout, 3600.0)
    watched = watch_plan(design, analysis, metal, Watched.CHARGE, 0.0)
    lowered, *_, plain = curves_of(design.cell) * 2
    pack = pack_in_time(design, analysis, metal)
    for share in (0.0, 0.3, 0.7, 1.0):
        resting = lowered.resting_v * share + plain.resting_v * (1 - share)
        asked = Asked(None, max(float(np.interp(now_v, resting, plain.charge)), 0.02), 295.15)
        run = run_of(design, replace(pack, model=replace(pack.model, resting_v=resting)), asked)
        assert silent(watched.plan, read_from(run, every_s=600.0)), share
        shorted = read_from(run, every_s=600.0, volts=-now_v)
        assert alarm(watched.plan, shorted[:3]), share
    tested = watch_plan(design, analysis, metal, Watched.CAPACITY, design.cell.capacity_as / 3600)
    run = run_of(
        design,
        pack_in_time(design, analysis, metal, CellsAs(curve=-1)),
        Asked(steady(design.cell.capacity_as / 3600), 1.0, 295.15),
    )
    assert silent(tested.plan, read_from(run, every_s=600.0)), "a capacity test by the class's curve"


def test_a_charger_that_goes_too_high_is_told_by_every_plan():
    design = small_pack("18650 power 2.5 Ah", 3.61)
    analysis = analyse(design, LIBRARY)
    metal = solve_under_load(design, analysis.layout, 3600.0)
    run, edges, _ = run_with_band(design, analysis, metal, Asked(None, 0.5, 295.15))
    plan = charge_plan((run, *edges), 295.15, charge_unsure_v(design))
    full_v = 4 * design.cell.full_v
    assert plan.high_v.max() < full_v * 1.006
    # On the way the class's curve is in the plan, 0.15 V a cell higher.
    assert not against_plan(
        plan, 1200.0, float(np.interp(1200.0, run.time_s, run.voltage_v)) + 4 * 0.15, None
    )


def test_nickel_is_silent_however_full_it_was():
    """At rest its voltage tells little of its charge, and curves of handbooks lie up to 40 mV apart."""
    design = small_pack("sub-C metal hydride 3.0 Ah", 1.24)
    analysis = analyse(design, LIBRARY)
    metal = solve_under_load(design, analysis.layout, 3600.0)
    watched = watch_plan(design, analysis, metal, Watched.CHARGE, 0.0)
    pack = pack_in_time(design, analysis, metal, CellsAs(curve=-1))
    for start in {begun_at(design, curve) for curve in range(len(curves_of(design.cell)))}:
        run = run_of(design, pack, Asked(None, start, 295.15))
        for aside in (-0.1, 0.1):
            assert silent(watched.plan, read_from(run, every_s=1200.0, volts=aside)), (start, aside)
        assert alarm(watched.plan, read_from(run, every_s=1200.0, volts=-1.3)[:3])
