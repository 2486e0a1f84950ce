"""Strips, leads and contacts through a run, and what cells give in the cold and at the weak edge of their class."""

import numpy as np
import pytest
from tests.conftest import found

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.run_of_design import Asked, conductors_of, run_with_band
from firmcell.core.analysis.run_words import conductor_words, run_words
from firmcell.core.leads.connectors import contact_in_duty, contact_time_constant
from firmcell.core.leads.wire_duty import hottest_in_duty
from firmcell.core.model.duty import Duty
from firmcell.core.model.wire_laying import WireLaying
from firmcell.core.run.conductors import contact_through, wire_through
from firmcell.core.run.demand import of_duty, steady
from firmcell.core.run.run_result import EndedBy
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import bee_house_scale, orchard_hoist
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()
AIR = 303.15


def ran(design, demand, ambient_k=298.15):
    analysis = analyse(design, LIBRARY)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    result, _, _ = run_with_band(design, analysis, metal, Asked(demand, 1.0, ambient_k))
    return design, metal, result


@pytest.fixture(scope="module")
def hoist_run():
    return ran(orchard_hoist(LIBRARY), steady(25.0))


@pytest.mark.parametrize("laying", [WireLaying.FREE, WireLaying.PAIR])
def test_a_wire_in_a_duty_is_what_the_rules_reckon_with(laying):
    """Steady for an hour, then the peak: the same highest temperature by both ways through the same transient."""
    wire = LIBRARY.wires[8]
    duty = Duty(12.0, 30.0, 20.0)
    time = np.concatenate([np.linspace(0, 3600, 241), 3600 + np.linspace(0, 20, 41)])
    current = np.where(np.arange(len(time)) <= 240, 12.0, 30.0)
    mine = wire_through(wire, laying, 2, AIR, time, current)
    told = float(hottest_in_duty((wire,), duty, AIR, laying, 2)[0])
    assert mine.max() == pytest.approx(told, abs=0.7)
    assert mine[0] == AIR


def test_a_contact_in_a_duty_is_what_the_rules_reckon_with():
    plug = LIBRARY.connectors[3]
    amps = plug.current_continuous_a
    time = np.array([0.0, 50 * contact_time_constant(plug), 50 * contact_time_constant(plug) + 1e-6])
    time = np.append(time, time[-1] + 15.0)
    mine = contact_through(plug, AIR, time, np.array([0.5, 0.5, 1.0, 1.0]) * amps)
    assert mine[-1] == pytest.approx(contact_in_duty(plug, Duty(0.5 * amps, amps, 15.0), AIR), abs=0.01)


def test_strips_stand_over_their_cells_by_what_was_solved(hoist_run):
    """Never cooler than a cell, nor warmer than without any loss to the air: I² R L / 8 κA in the middle (a fin solved
    by hand), and half of each segment's and joint's heat through the joints at its ends."""
    design, metal, result = hoist_run
    strips, leads, contacts = conductors_of(design, metal, result, 298.15)
    at = {n: k for k, n in enumerate(result.numbers.tolist())}
    spans = zip(metal.figures.segments, metal.kinds, metal.span_lengths_m, metal.joint_k, strict=True)
    most = []
    for s, kind, length, joint_k in spans:
        strip, layers = metal.strips[kind]
        carries = strip.conductivity_w_m_k * strip.section_m2 * layers
        own = (s.heat_w * length / (8 * carries) + joint_k) * (25.0 / metal.current_a) ** 2
        most.append(np.mean([result.cell_k[-1][at[n]] for n in s.cells]) + own)
    assert max(most) - 0.3 < strips.kelvin[-1] < max(most)
    assert (strips.kelvin >= result.temperature_max_k - 0.5).all()
    assert 298.15 < leads.hottest_k < leads.limit_k
    assert 298.15 < contacts.hottest_k < contacts.limit_k
    assert not [w for w in conductor_words((strips, leads, contacts), result) if "may have" in w]


def test_what_gets_too_warm_is_told_with_its_time():
    design = orchard_hoist(LIBRARY).with_edits(("leads.limit_k", 300.15))
    design, metal, result = ran(design, of_duty(design.brief.duty))
    told = conductor_words(conductors_of(design, metal, result, 298.15), result)
    assert told[0].startswith("At their warmest: strips (")
    assert any(w.startswith("The leads are over the 27 °C they may have from ") for w in told)


def test_cells_give_nothing_below_what_they_are_made_for():
    design = bee_house_scale(LIBRARY)
    *_, cold = ran(design, steady(0.5), 252.0)
    *_, warmer = ran(design, steady(0.5), 253.15)
    assert cold.ended_by is EndedBy.COLD_TO_GIVE
    assert run_words(cold, design)[0] == "It does not begin: too cold: the cells give current from −20 °C on."
    assert warmer.ended_by is not EndedBy.COLD_TO_GIVE
    assert "BR-4" in found(design.edited("brief.ambient_min_k", 248.15), LIBRARY)
    assert "BR-4" not in found(design.edited("brief.ambient_min_k", 253.15), LIBRARY)


def test_the_weak_edge_of_a_class_is_judged_and_measured_cells_narrow_it():
    design = orchard_hoist(LIBRARY)
    pack = analyse(design, LIBRARY).pack
    assert pack.energy_weak_j < pack.energy_usable_j
    between = (pack.energy_weak_j + pack.energy_usable_j) / 2
    asked = design.edited("brief.energy_j", between)
    told = found(asked, LIBRARY)["LY-19"]
    assert "any of their class" in told.sentence
    measured = asked.edited("measured_ohm", (design.cell.resistance_ohm,) * design.cell_count)
    assert analyse(measured, LIBRARY).pack.weak_more_ohm == pytest.approx(0.0, abs=1e-12)
    assert "LY-19" not in found(measured, LIBRARY)
    half = asked.edited("measured_ohm", (design.cell.resistance_ohm,) * (design.cell_count // 2))
    assert 0 < analyse(half, LIBRARY).pack.weak_more_ohm < pack.weak_more_ohm
