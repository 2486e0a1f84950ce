"""Stack, designation, transport, sleeve, sampling: numbers worked by hand or from standards."""

import itertools
import math

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.cells.cell_model import CellState, advanced, heat_w, terminal_voltage
from firmcell.core.cells.class_models import behaviour
from firmcell.core.cells.steady_trace import TO_AIR_W_M2K
from firmcell.core.layout.series_parallel import (
    room_for_cells,
    series_parallel_options,
    usable_charge_and_energy,
)
from firmcell.core.model.chemistry import FACTS, Chemistry, resting_voltage
from firmcell.core.model.duty import Duty
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import Cell
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import part_named
from tests.conftest import cases


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
    # 1.5 for the ohmic part of the cells alone, and no tails of strip, so that it errs high.
    with_tails = 1.5 * 42 / (p.resistance_cells_ohm + p.resistance_strips_ohm)
    assert with_tails < p.short_circuit_a < 1.01 * with_tails
    assert p.mass_kg > 40 * hoist.cell.mass_kg


def test_slow_discharge_gives_the_rated_charge_and_no_more_than_the_rated_energy(library):
    """0.2 It at 25 °C to empty is how capacity is rated (IEC 61960-3): 4 A from 20 Ah."""
    cell = part_named(library, Cell, "21700 high-energy 5.0 Ah")
    charge, energy = usable_charge_and_energy(cell, 10, 4, Duty(4.0, 4.0, 0.0), 0.0, 0.0)
    assert float(charge) == pytest.approx(20 * 3600, rel=0.01)
    assert 0.97 < float(energy) / (20 * 3600 * 36.0) < 1.03


def test_usable_energy_against_small_steps(library):
    """The same cell emptied step by step, 1 s each, at 1 It from full: charge and energy within 1 %."""
    cell = part_named(library, Cell, "18650 balanced 3.0 Ah")
    own, state, kelvin = behaviour(cell), CellState.rested(behaviour(cell).full), 298.15
    to_air = TO_AIR_W_M2K * math.pi * cell.diameter_m * cell.length_m
    used = energy = 0.0
    while True:
        state = advanced(own.model, own.traits, state, 1.0, kelvin, 1.0)
        now = float(terminal_voltage(own.model, own.traits, state, 1.0, kelvin)[0])
        if now < 3.0:
            break
        heat = float(heat_w(own.model, own.traits, state, 1.0, now, kelvin)[0])
        kelvin += (heat - to_air * (kelvin - 298.15)) / (cell.mass_kg * 1000)
        used, energy = used + 3.0, energy + 3.0 * now
    found = usable_charge_and_energy(cell, 1, 1, Duty(3.0, 3.0, 0.0), 3.0, 0.0)
    assert float(found[0]) == pytest.approx(used, rel=0.01)
    assert float(found[1]) == pytest.approx(energy, rel=0.01)


@given(st.floats(0.1, 20.0), st.floats(1.05, 3.0))
@settings(max_examples=cases(25))
def test_more_current_never_delivers_more(current, more):
    from firmcell.store.part_files import shipped_library

    cell = part_named(shipped_library(), Cell, "18650 balanced 3.0 Ah")
    less = usable_charge_and_energy(cell, 7, 2, Duty(current * more, current * more, 0.0), 18.0, 0.01)
    best = usable_charge_and_energy(cell, 7, 2, Duty(current, current, 0.0), 18.0, 0.01)
    assert float(less[1]) <= float(best[1]) * 1.001


def test_the_cold_takes_energy_and_pulls_the_start_down(hoist, library):
    warm = analyse(hoist.edited("brief.ambient_min_k", 298.15), library).pack
    cold = analyse(hoist.edited("brief.ambient_min_k", 253.15), library).pack
    assert cold.energy_cold_j < warm.energy_cold_j == pytest.approx(warm.energy_usable_j)
    assert cold.voltage_cold_start_old_v < cold.voltage_cold_start_v < warm.voltage_cold_start_v


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
    room = room_for_cells(hoist.brief, hoist.cell)
    pitch = hoist.cell.diameter_m + hoist.cell.diameter_tolerance_m
    length, width = 0.238, 0.108
    assert room == 55  # 11 × 5 at 21.4 mm in 238 × 108 mm, counted by hand
    assert room <= math.pi / math.sqrt(12) * length * width / (math.pi / 4 * pitch**2)


def test_voltages_are_those_people_expect():
    """Common practice, no source: 2.5/3.6/4.20, 2.5/3.2/3.65, 1.5/2.3/2.7, 1.0/1.2/1.45 V."""
    assert (FACTS[Chemistry.LI_ION].empty_v, FACTS[Chemistry.LI_ION].full_v) == (2.5, 4.20)
    assert (FACTS[Chemistry.LFP].nominal_v, FACTS[Chemistry.LFP].full_v) == (3.2, 3.65)
    assert 2.7 <= FACTS[Chemistry.LTO].full_v <= 2.8
    assert (FACTS[Chemistry.NIMH].empty_v, FACTS[Chemistry.NIMH].nominal_v) == (1.0, 1.2)
    for chemistry in Chemistry:
        rest = resting_voltage(chemistry, [0, 0.25, 0.5, 0.75, 1.0])
        assert all(a < b for a, b in itertools.pairwise(rest))
        assert rest[-1] <= FACTS[chemistry].full_v


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
