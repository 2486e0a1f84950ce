"""Stack, designation, transport, sleeve, sampling: numbers worked by hand or from standards."""

import itertools

import pytest
from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import box

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.quantity import WH
from firmcell.core.bench.weld_samples import proven_reliability, zero_failure_sample
from firmcell.core.insulation.outer_size import fit_sleeve, flat_width_needed, next_stock_size
from firmcell.core.layout.series_parallel import (
    room_for_cells,
    series_parallel_options,
    usable_charge_and_energy,
)
from firmcell.core.model.brief import Brief
from firmcell.core.model.chemistry import FACTS, Chemistry, resting_voltage
from firmcell.core.model.designation import cell_designation, pack_designation, transport_class
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import Cell, Sleeve
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import part_named


def test_hoist_figures_by_hand(hoist, hoist_analysis):
    """10S4P of 5 Ah at 3.6 V: 36 V, 20 Ah, 720 Wh; 25 A over 4 cells is 6.25 A, 1.25 C; cells 10 × 24/4 = 60 mΩ."""
    p = hoist_analysis.pack
    assert (p.voltage_empty_v, p.voltage_nominal_v, p.voltage_full_v) == pytest.approx((25.0, 36.0, 42.0))
    assert p.capacity_ah == pytest.approx(20.0)
    assert p.energy_wh == pytest.approx(720.0)
    assert p.cell_current_steady_a == pytest.approx(6.25)
    assert p.cell_current_peak_a == pytest.approx(11.25)
    assert p.c_rate_steady_per_h == pytest.approx(1.25)
    assert p.resistance_cells_ohm == pytest.approx(0.060)
    assert p.sag_steady_v == pytest.approx(25 * p.resistance_total_ohm)
    assert p.heat_steady_w == pytest.approx(625 * (p.resistance_cells_ohm + p.resistance_strips_ohm))
    # 1.5 for the ohmic part of the cells alone, so that it errs high.
    assert p.short_circuit_a == pytest.approx(1.5 * 42 / (p.resistance_cells_ohm + p.resistance_strips_ohm))
    assert p.mass_kg > 40 * hoist.cell.mass_kg


def test_usable_energy_of_an_ideal_cell_is_the_area_under_its_curve(library):
    """No current and no cut-off: the mean of the resting curve times the capacity (numpy trapezoid)."""
    import numpy as np

    cell = part_named(library, Cell, "21700 high-energy 5.0 Ah")
    charge, energy = usable_charge_and_energy(cell, 10, 4, 0.0, 0.0, 0.0)
    soc = np.linspace(0, 1, 4001)
    mean = float(np.trapezoid(resting_voltage(cell.chemistry, soc), soc))
    assert float(charge) == pytest.approx(20 * 3600, rel=1e-9)
    assert float(energy) == pytest.approx(10 * mean * 20 * 3600, rel=2e-3)


@given(st.floats(0.0, 40.0), st.floats(0.5, 40.0))
def test_more_current_never_delivers_more(current, more):
    from firmcell.store.part_files import shipped_library

    cell = part_named(shipped_library(), Cell, "18650 balanced 3.0 Ah")
    less = usable_charge_and_energy(cell, 7, 2, current + more, 18.0, 0.01)
    best = usable_charge_and_energy(cell, 7, 2, current, 18.0, 0.01)
    assert float(less[1]) <= float(best[1]) + 1e-6


def test_every_feasible_pair_meets_the_brief_and_every_other_says_why(hoist):
    options = series_parallel_options(hoist.brief, hoist.cell)
    assert {(o.series, o.parallel) for o in options if o.feasible} >= {(10, 4)}
    for o in options:
        assert o.feasible == (not o.reasons)
        if o.feasible:
            assert o.series * hoist.cell.full_v <= hoist.brief.load_voltage_max_v
            assert o.cell_steady_a <= hoist.cell.current_continuous_a
            assert o.energy_usable_j >= hoist.brief.energy_j
    nine = next(o for o in options if (o.series, o.parallel) == (9, 5))
    assert "near empty" in nine.reasons[0]
    assert "the load accepts 43.00 V" in next(o for o in options if o.series == 11).reasons[0]


def test_room_in_a_box_is_between_one_cell_and_the_packing_bound(hoist):
    """No more circles than the densest packing π/√12 allows (published bound)."""
    import math

    room = room_for_cells(hoist.brief, hoist.cell)
    pitch = hoist.cell.diameter_m + hoist.cell.diameter_tolerance_m
    length, width = 0.238, 0.108
    assert room == 55  # 11 × 5 at 21.4 mm in 238 × 108 mm, counted by hand
    assert room <= math.pi / math.sqrt(12) * length * width / (math.pi / 4 * pitch**2)


@pytest.mark.parametrize(
    ("name", "designation"),
    [
        ("21700 high-energy 5.0 Ah", "INR22/71"),  # IEC 61960-3: dimensions rounded up (from memory)
        ("18650 power 2.5 Ah", "INR19/65"),
        ("26650 iron phosphate 3.3 Ah", "IFpR27/66"),
        ("AA metal hydride 2.0 Ah", "HR15/51"),  # IEC 61951-2 (from memory)
        ("sub-C cadmium 1.8 Ah", "KR23/43"),
    ],
)
def test_cell_designations(library, name, designation):
    assert cell_designation(part_named(library, Cell, name)) == designation


def test_pack_designation(library):
    cell = part_named(library, Cell, "21700 high-energy 5.0 Ah")
    assert pack_designation(cell, 10, 4) == "10INR22/71-4"
    assert pack_designation(cell, 1, 1) == "INR22/71"


def test_transport_lines_of_20_and_100_wh():
    """UN 38.3 and air transport: 20 Wh a cell, 100 Wh a battery (from memory)."""
    assert "small" in transport_class(Chemistry.LI_ION, 20 * WH, 100 * WH)
    assert "fully regulated" in transport_class(Chemistry.LI_ION, 20.1 * WH, 60 * WH)
    assert "fully regulated" in transport_class(Chemistry.LFP, 10 * WH, 100.1 * WH)
    assert "nickel" in transport_class(Chemistry.NIMH, 3 * WH, 300 * WH)


def test_voltages_are_those_people_expect():
    """TRADE table, common practice: 2.5/3.6/4.20, 2.5/3.2/3.65, 1.5/2.3/2.7, 1.0/1.2/1.45 V."""
    assert (FACTS[Chemistry.LI_ION].empty_v, FACTS[Chemistry.LI_ION].full_v) == (2.5, 4.20)
    assert (FACTS[Chemistry.LFP].nominal_v, FACTS[Chemistry.LFP].full_v) == (3.2, 3.65)
    assert 2.7 <= FACTS[Chemistry.LTO].full_v <= 2.8
    assert (FACTS[Chemistry.NIMH].empty_v, FACTS[Chemistry.NIMH].nominal_v) == (1.0, 1.2)
    for chemistry in Chemistry:
        rest = resting_voltage(chemistry, [0, 0.25, 0.5, 0.75, 1.0])
        assert all(a < b for a, b in itertools.pairwise(rest))
        assert rest[-1] <= FACTS[chemistry].full_v


def test_flat_width_is_half_the_perimeter_of_shapely():
    section = box(0, 0, 0.0872, 0.0722)
    assert flat_width_needed(0.0872, 0.0722) - 0.002 == pytest.approx(section.length / 2)


def test_common_practice_105_mm_sleeve_holds_six_cells_in_a_row_of_three():
    """Common practice, no source: a 105 mm flat sleeve held a six-cell pack; two by three 18 mm cells, 65 mm high:
    W + H = 3 × 18.5 or 2 × 18.5 + 65 = 102 mm, so 105 is the next size that slides on."""
    sleeves = tuple(Sleeve(name=str(f), flat_width_m=f / 1e3) for f in (85, 95, 105, 120, 140))
    assert next_stock_size(sleeves, 2 * 0.0185, 0.065).name == "105"


def test_sleeve_that_cannot_grip_is_refused():
    fit = fit_sleeve(Sleeve(name="s", flat_width_m=0.4), 0.08, 0.07, 0.2, 0.01)
    assert fit.slides_on
    assert not fit.grips
    assert fit.cut_length_m == pytest.approx(0.22 / 0.9)


@pytest.mark.parametrize(
    ("confidence", "reliability", "n"), [(0.9, 0.9, 22), (0.9, 0.95, 45), (0.95, 0.99, 299)]
)
def test_zero_failure_samples(confidence, reliability, n):
    """Published values: 22, 45, 299 (from memory)."""
    assert zero_failure_sample(confidence, reliability) == n
    assert proven_reliability(confidence, n) >= reliability > proven_reliability(confidence, n - 1)


@pytest.mark.parametrize("bad", [0.0, 1.0, -1.0])
def test_sample_size_refuses_certainties(bad):
    with pytest.raises(ValueError, match="between 0 and 1"):
        zero_failure_sample(bad, 0.9)


def test_all_demo_jobs_meet_their_brief(library):
    for _, make in DEMO_JOBS.values():
        design = make(library)
        if design.kind is not JobKind.NEW_PACK:
            continue
        analysis = analyse(design, library)
        assert analysis.insulation.envelope.fits
        assert any(
            o.feasible and (o.series, o.parallel) == (design.series, design.parallel)
            for o in analysis.options
        )


def test_brief_refuses_what_makes_no_sense():
    good = {"load_voltage_min_v": 10, "load_voltage_max_v": 14, "current_steady_a": 1, "current_peak_a": 2}
    Brief(**good)
    for change in ({"load_voltage_min_v": 15}, {"current_peak_a": 0.5}, {"current_steady_a": float("nan")},
                   {"current_steady_a": float("inf")}, {"title": ""}, {"ambient_min_k": 320}):  # fmt: skip
        with pytest.raises(ValueError):  # noqa: PT011
            Brief(**{**good, **change})
