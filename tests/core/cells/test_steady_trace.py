"""Discharges at a constant current, against the same cell followed in steps a hundred times finer."""

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.cells.cell_model import (
    CELL_HEAT_CAPACITY,
    CellState,
    advanced,
    heat_w,
    lag_share,
    terminal_voltage,
)
from firmcell.core.cells.class_models import behaviour
from firmcell.core.cells.steady_trace import AT_IT, TO_AIR_W_M2K, steady_trace, voltage_at_start
from firmcell.core.layout.series_parallel import usable_charge_and_energy
from firmcell.core.model.duty import Duty
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import found

CELLS = [cell for cell in shipped_library().cells if cell.is_round]
FINE = np.unique(np.concatenate([np.geomspace(1e-5, 0.02, 120), np.linspace(0.0, 1.12, 1500)]))


AIR_K = np.array([253.15, 263.15, 298.15, 318.15])


def followed(cell, rates, ambient_k):
    """Energy until a cell is empty, over the rated one (n,), and the voltages on the way (steps, n); currents, It, and air, K,
    are (n,) both."""
    own, state = behaviour(cell), CellState.rested(np.full(len(rates), behaviour(cell).full))
    kelvin, going, energy = ambient_k.copy(), np.ones(len(rates), dtype=bool), np.zeros(len(rates))
    share = lag_share(ambient_k)
    to_air = TO_AIR_W_M2K * np.pi * cell.diameter_m * cell.length_m
    before, way = None, []
    for step in np.diff(FINE, prepend=0.0):
        seconds = step * 3600.0 / rates
        if step:
            state = advanced(own.model, own.traits, state, rates, kelvin, seconds)
        volts = terminal_voltage(own.model, own.traits, state, rates, kelvin)
        heat = heat_w(own.model, own.traits, state, rates, volts, kelvin, share)
        kelvin = kelvin + (heat - (kelvin - ambient_k) * to_air) * seconds / (
            cell.mass_kg * CELL_HEAT_CAPACITY
        )
        going = going & (volts >= cell.empty_v)
        energy += np.where(going, (volts + (volts if before is None else before)) / 2 * step, 0.0)
        before = volts
        way.append(volts)
    return energy / cell.nominal_v, np.array(way)


@pytest.mark.parametrize("cell", CELLS, ids=lambda cell: cell.name)
def test_no_more_energy_is_promised_than_small_steps_give(cell):
    """A cold cell may fall to its end in the first minute and recover as it warms: the load is off by then."""
    rates = np.geomspace(0.1, max(cell.current_peak_a * 3600 / cell.capacity_as, 2.0), 12)
    fine, _ = followed(cell, np.tile(rates, len(AIR_K)), np.repeat(AIR_K, len(rates)))
    for ambient_k, right in zip(AIR_K, fine.reshape(len(AIR_K), -1), strict=True):
        told = np.array(
            [
                usable_charge_and_energy(cell, 1, 1, Duty(amps, amps, 0.0), 0.0, 0.0, ambient_k)[1]
                for amps in rates * cell.capacity_as / 3600
            ]
        ) / (cell.capacity_as * cell.nominal_v)
        assert (told <= right + 0.015).all(), ambient_k
        if ambient_k > 290:
            # All but those that hang at their end of discharge from the beginning.
            assert np.quantile(right - told, 0.8) < 0.015, ambient_k


def test_what_lies_between_the_currents_worked_out_is_as_if_it_were_one_of_them():
    middle = np.sqrt(AT_IT[60:90] * AT_IT[61:91])
    cell = CELLS[0]
    _, way = followed(cell, middle, np.full(len(middle), 298.15))
    trace = steady_trace(cell, middle, 298.15)
    for rate, (told, right) in enumerate(zip(trace.volts, way.T, strict=True)):
        shown = np.interp(trace.given[:60], FINE, right)
        alive = shown > cell.empty_v
        assert np.abs(told[:60] - shown)[alive].max() < 0.02, rate


def test_beyond_the_last_current_a_discharge_is_worked_out_for_itself():
    cell = CELLS[0]
    last = steady_trace(cell, [AT_IT[-1], AT_IT[-1] * 1.0001], 298.15).volts[:, 0]
    assert last[0] == pytest.approx(last[1], abs=1e-3)
    assert steady_trace(cell, [2 * AT_IT[-1]], 298.15).volts[0, 0] < last[0]


@pytest.mark.parametrize("cell", CELLS[::3], ids=lambda cell: cell.name)
def test_a_long_peak_in_the_cold_does_not_seem_to_be_held(cell):
    """Against steps of a twentieth of a second: 0.8 V too much was told for five minutes at −20 °C."""
    own, kelvin = behaviour(cell), np.array([253.15, 263.15, 273.15])
    rate = cell.current_continuous_a * 3600.0 / cell.capacity_as
    rates, state, gone = np.full(3, rate), CellState.rested(np.full(3, own.full)), 0.0
    for seconds in (10.0, 60.0, 300.0):
        for _ in range(round((seconds - gone) / 0.05)):
            state = advanced(own.model, own.traits, state, rates, kelvin, 0.05)
        gone = seconds
        right = terminal_voltage(own.model, own.traits, state, rates, kelvin)
        told = np.array([voltage_at_start(cell, rate, seconds, float(k)) for k in kelvin])
        alive = right > cell.empty_v - 0.5
        assert (told - right)[alive] == pytest.approx(0.0, abs=0.02), seconds


def test_cells_that_collapse_in_a_peak_leave_no_voltage_and_not_less():
    """Five minutes of 1.5 It at −15 °C, where the sum of losses is above the voltage at rest."""
    cell = next(cell for cell in CELLS if cell.name.startswith("21700 high-energy"))
    brief = {"current_steady_a": 22.0, "current_peak_a": 30.8, "peak_duration_s": 300.0}
    brief |= {"ambient_min_k": 258.15, "load_voltage_min_v": 26.0}
    edits = [(f"brief.{name}", value) for name, value in brief.items()]
    pack = hoist_in_rows(shipped_library()).with_edits(("cell", cell), ("bms.board", None), *edits)
    assert analyse(pack, shipped_library()).pack.voltage_cold_start_v == 0.0
    assert "pulls the load down to 0" in found(pack, shipped_library())["LY-18"].sentence
