"""How strip warms in time: order, limits, and the sum of the heat. The simulation stands in test_connectors_and_fuses."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.layout.cell_places import lay_out
from firmcell.core.model.parts import Strip
from firmcell.core.physics.convection import plate_loss
from firmcell.core.physics.strip_heat import (
    SHEET_EMISSIVITY,
    adiabatic_rise,
    long_run_limit,
    long_run_temperature,
    resistance_per_metre,
    seconds_to_reach,
)
from firmcell.core.strips.pieces import collecting_strip, strip_pieces
from firmcell.store.part_files import shipped_library

STRIPS = shipped_library().strips
AIR = 303.15

strips = st.sampled_from(STRIPS)
layers = st.integers(1, 4)


@given(strips, layers, st.floats(1.05, 40.0), st.floats(0.0, 1.0))
def test_a_warm_strip_is_hot_sooner_than_a_cold_one(strip: Strip, n: int, over: float, load: float):
    holds = long_run_limit(strip, n, AIR + 60, AIR)
    warm = float(long_run_temperature(strip, n, load * holds, AIR))
    cold_s, warm_s = (
        float(seconds_to_reach(strip, n, over * holds, start, AIR + 60, AIR)) for start in (AIR, warm)
    )
    assert warm_s <= cold_s * (1 + 1e-6)


@given(strips, layers)
def test_the_current_that_holds_it_parts_never_from_some_time(strip: Strip, n: int):
    holds = long_run_limit(strip, n, AIR + 60, AIR)
    below, above = seconds_to_reach(strip, n, np.array([0.999, 1.001]) * holds, AIR, AIR + 60, AIR)
    assert below == np.inf
    assert np.isfinite(above)


@given(strips, layers, st.floats(100.0, 5000.0))
def test_layers_share_and_more_current_is_quicker(strip: Strip, n: int, current: float):
    times = seconds_to_reach(strip, n, np.array([current, 2 * current]), AIR, AIR + 150, AIR)
    assert times[1] < times[0] or times[0] == np.inf
    more = float(seconds_to_reach(strip, n + 1, current, AIR, AIR + 150, AIR))
    assert more > times[0] or times[0] == np.inf


def test_a_strip_at_its_limit_has_no_time_left():
    assert float(seconds_to_reach(STRIPS[0], 1, 10.0, AIR + 60, AIR + 60, AIR)) == 0.0


@given(strips, layers, st.floats(0.1, 20.0), st.floats(260.0, 360.0))
def test_rise_and_time_are_one_law_where_the_loss_is_small(strip: Strip, n: int, rise: float, start: float):
    """In a short of 1 ms and less nothing is lost: the time to a rise, put back, gives the rise."""
    takes = strip.section_m2 * n * strip.density_kg_m3 * strip.heat_capacity_j_kg_k
    current = np.sqrt(rise * takes / float(resistance_per_metre(strip, n, start)) / 1e-3)
    time = float(seconds_to_reach(strip, n, current, start, start + rise, start))
    assert adiabatic_rise(strip, n, float(current), time, start) == pytest.approx(rise, rel=0.01)


@given(strips, layers, st.floats(1.5, 6.0), st.floats(0.5, 60.0))
def test_the_rise_without_loss_is_above_one_with_loss(strip: Strip, n: int, over: float, seconds: float):
    """Forty explicit steps, each with the loss of the warmer state before it."""
    holds = long_run_limit(strip, n, AIR + 30, AIR)
    start = float(long_run_temperature(strip, n, holds, AIR))
    takes = strip.section_m2 * n * strip.density_kg_m3 * strip.heat_capacity_j_kg_k
    kelvin = start
    for _ in range(40):
        gain = (over * holds) ** 2 * float(resistance_per_metre(strip, n, kelvin))
        lost = float(plate_loss(kelvin, AIR, strip.width_m, SHEET_EMISSIVITY))
        kelvin = min(kelvin + (gain - lost) / takes * seconds / 40, 1500.0)
    assert adiabatic_rise(strip, n, over * holds, seconds, start) >= min(kelvin - start, 1200.0)


def test_the_collecting_strip_is_judged_by_its_most_loaded_tail(hoist):
    layout = lay_out(hoist.cell, hoist.series, hoist.parallel, hoist.arrangement)
    pieces = strip_pieces(layout, hoist.joining, hoist.cell, hoist.brief.duty, AIR, hoist.leads)
    strip, n, share = collecting_strip(layout, hoist.joining, pieces)
    assert (strip, n) == (hoist.joining.collector_strip, hoist.joining.collector_layers)
    assert share == max(p.lead_share for p in pieces)
    assert share > 0
    # Without a tail the whole current is taken, never none of it.
    assert collecting_strip(layout, hoist.joining, ())[2] == 1.0
