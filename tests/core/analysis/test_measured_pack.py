"""What was measured at the bench reaches the figures of the whole pack."""

import pytest

from firmcell.core.analysis.analyse import analyse, cells_like
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.records.build_state import BuildState, CellTest
from firmcell.store.demo import orchard_hoist
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()
HOIST = orchard_hoist(LIBRARY)


def state(**known):
    return BuildState(**known)


def test_the_weakest_group_counts():
    """Four cells of 5 Ah a group; three of group 1 hold 4 Ah: 17 Ah where 20 Ah is rated, and the load gets less."""
    first = [c.number for c in analyse(HOIST, LIBRARY).layout.cells if c.group == 1][:3]
    tests = {n: CellTest(cell=n, capacity_as=4.0 * 3600) for n in first}
    measured = as_measured(HOIST, state(cell_tests=tests))
    layout = analyse(HOIST, LIBRARY).layout
    assert cells_like(measured, layout) * 5.0 == pytest.approx(17.0)
    assert cells_like(HOIST, layout) == 4.0
    rated, found = analyse(HOIST, LIBRARY).pack, analyse(measured, LIBRARY).pack
    # A harder discharge of less: at least in proportion, and not by half as much again.
    assert 0.75 < found.energy_usable_j / rated.energy_usable_j < 17 / 20
    assert found.run_time_s < 17 / 20 * rated.run_time_s
    assert found.energy_weak_j < rated.energy_weak_j
    # What is rated stays so: transport goes by it.
    assert (found.energy_j, found.capacity_as) == (rated.energy_j, rated.capacity_as)


def test_cells_that_hold_more_give_more():
    tests = {n: CellTest(cell=n, capacity_as=5.2 * 3600) for n in range(1, 41)}
    more = analyse(as_measured(HOIST, state(cell_tests=tests)), LIBRARY).pack
    assert 1.03 < more.energy_usable_j / analyse(HOIST, LIBRARY).pack.energy_usable_j < 1.06


def test_voltages_of_all_cells_give_the_pack_its_own():
    volts = {n: 3.60 + 0.001 * n for n in range(1, 41)}
    pack = analyse(as_measured(HOIST, state(cell_volts=volts)), LIBRARY).pack
    assert pack.voltage_now_v == pytest.approx(10 * (3.60 + 0.001 * 20.5))
    some = dict.fromkeys(range(1, 40), 3.2)
    assert as_measured(HOIST, state(cell_volts=some)) is HOIST
    # A reading that no cell has is for the rules, not for the figures.
    assert as_measured(HOIST, state(cell_volts=dict.fromkeys(range(1, 41), 0.4))) is HOIST


def test_measured_resistance_is_in_the_figures_too():
    known = dict.fromkeys(range(1, 41), 2 * HOIST.cell.resistance_ohm)
    pack = analyse(as_measured(HOIST, state(cell_ohm=known)), LIBRARY).pack
    plain = analyse(HOIST, LIBRARY).pack
    assert pack.resistance_cells_ohm == pytest.approx(2 * plain.resistance_cells_ohm)
    assert pack.energy_usable_j < plain.energy_usable_j
    assert pack.weak_more_ohm == pytest.approx(0.0, abs=1e-12)
