"""The plan of a charge: runs of cells within their class stay in it, and what goes wrong leaves it."""

from dataclasses import replace

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.run_of_design import Asked, CellsAs, pack_in_time, run_of, run_with_band
from firmcell.core.run.charge_plan import against_plan, charge_plan
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import orchard_hoist
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()
HOIST = orchard_hoist(LIBRARY)
ANALYSIS = analyse(HOIST, LIBRARY)
METAL = solve_under_load(HOIST, ANALYSIS.layout, ANALYSIS.pack.run_time_s)
ASKED = Asked(None, 0.3, 298.15)


@pytest.fixture(scope="module")
def plan():
    middle, edges, _ = run_with_band(HOIST, ANALYSIS, METAL, ASKED)
    return charge_plan((middle, *edges), 298.15)


def faults(plan, run, volts=0.0):
    return [
        told
        for time, v, kelvin in zip(run.time_s, run.voltage_v, run.temperature_max_k, strict=True)
        if time > 0 and (told := against_plan(plan, float(time), float(v) + volts, float(kelvin)))
    ]


@pytest.mark.parametrize("resistance", [0.85, 1.0, 1.2])
def test_cells_within_their_class_stay_in_the_plan(plan, resistance):
    pack = pack_in_time(HOIST, ANALYSIS, METAL, CellsAs(resistance=resistance, scatter=0.03))
    assert not faults(plan, run_of(HOIST, pack, ASKED))


def test_it_goes_minute_by_minute_and_narrows_to_the_charger(plan):
    assert np.diff(plan.time_s[:-1]) == pytest.approx(60.0)
    assert (plan.low_v < plan.high_v).all()
    assert (plan.low_a <= plan.high_a).all()
    # At the end all stand at the charger's voltage, give or take the meter.
    assert plan.high_v[-1] - plan.low_v[-1] < 0.011 * 42.0
    assert plan.low_a[0] == pytest.approx(HOIST.charge_current_a)


def test_what_is_wrong_leaves_it(plan):
    run, _, _ = run_with_band(HOIST, ANALYSIS, METAL, ASKED)
    # One group shorted, and one put in the other way round.
    assert "missing, reversed or shorted" in faults(plan, run, -3.6)[0]
    assert faults(plan, run, -7.2)
    # A group too many, a joint of half an ohm at 5 A.
    assert "a joint resists" in faults(plan, run, +2.5)[0]
    hot = replace(run, temperature_max_k=run.temperature_max_k + 8.0)
    assert "stop the charge" in faults(plan, hot)[0]
    # The pack was at another charge than thought.
    other = run_of(HOIST, pack_in_time(HOIST, ANALYSIS, METAL), Asked(None, 0.75, 298.15))
    assert "fuller than thought" in faults(plan, other)[0]
