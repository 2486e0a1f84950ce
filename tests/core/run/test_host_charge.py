"""Charge by old equipment: a source behind a resistor, a clock, a current that nothing ends."""

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.run_of_design import Asked, charger_of_host, pack_in_time, run_of
from firmcell.core.analysis.run_words import ended_words
from firmcell.core.model.host_charger import ChargeEnd, HostCharger
from firmcell.core.run.run_result import EndedBy
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import bee_house_scale, hay_loft_lantern
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()
HOUR = 3600.0


def charged(design, host, start=0.1):
    design = design.edited("host_charger", host)
    analysis = analyse(design, LIBRARY)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    pack = pack_in_time(design, analysis, metal)
    return design, pack, run_of(design, pack, Asked(None, start, 298.15))


def test_a_resistor_gives_what_the_voltage_over_it_drives():
    """Ohm's law at each moment: (source − voltage at the charger) / resistor; ended by its clock and by nothing else."""
    lantern = hay_loft_lantern(LIBRARY)
    host = HostCharger(end=ChargeEnd.RESISTOR, open_v=9.0, resistor_ohm=10.0, clock_s=14 * HOUR)
    design, _, run = charged(lantern, host)
    assert run.ended_by is EndedBy.TIME
    assert run.time_s[-1] == pytest.approx(14 * HOUR, abs=0.1)
    assert -run.current_a == pytest.approx((9.0 - run.voltage_v) / 10.0, rel=1e-6)
    assert -run.current_a[1] > -run.current_a[len(run.time_s) // 2]
    assert ended_words(run, design).endswith("its clock ends the charge.")


def test_a_full_nickel_pack_is_boiled_by_what_does_not_end():
    """All that comes in past full is heat; the warmer the pack, the lower its voltage and the more a resistor gives."""
    lantern = hay_loft_lantern(LIBRARY)
    one = lantern.cell.capacity_as / HOUR
    told, pack, run = charged(lantern, HostCharger(end=ChargeEnd.NEVER, current_a=0.3 * one), 0.9)
    assert run.ended_by in (EndedBy.TIME, EndedBy.TOO_HOT)
    assert run.ended_by is EndedBy.TOO_HOT or "nothing ends this charge" in ended_words(run, told)
    late = run.time_s > 0.6 * run.time_s[-1]
    assert np.diff(run.charge_max[late]).max() < 0.01
    assert run.temperature_max_k[-1] > 298.15 + 5
    assert pack.limits.cell_over_v is None


def test_lithium_in_a_charger_that_knows_no_voltage_goes_over():
    scale = bee_house_scale(LIBRARY).edited("bms.board", None)
    _, _, run = charged(scale, HostCharger(end=ChargeEnd.CLOCK, current_a=1.0, clock_s=20 * HOUR), 0.5)
    assert run.ended_by is EndedBy.CELL_OVER
    assert run.time_s[-1] < 20 * HOUR


def test_what_is_not_told_is_not_made_up():
    lantern = hay_loft_lantern(LIBRARY)
    for host in (
        HostCharger(),
        HostCharger(end=ChargeEnd.RESISTOR, open_v=9.0),
        HostCharger(end=ChargeEnd.CLOCK, clock_s=HOUR),
        HostCharger(end=ChargeEnd.VOLTAGE, current_a=0.2, open_v=7.0),
    ):
        design, pack, _ = charged(lantern, host)
        assert charger_of_host(design, pack) is None
