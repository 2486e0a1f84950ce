"""A pack in a host's charger, against marches in time of our own: nothing that is let through overcharges."""

from itertools import product

import numpy as np
import pytest
from hypothesis import example, given
from hypothesis import strategies as st

from firmcell.core.charging.in_host import (
    FOR_EVER_C,
    OVER_FULL,
    SLOW_C,
    charge_factor,
    charge_in_host,
)
from firmcell.core.model.chemistry import Chemistry, resting_voltage
from firmcell.core.model.host_charger import ChargeEnd, HostCharger
from firmcell.core.model.parts import Cell
from firmcell.store.part_files import part_named, shipped_library

SHELF = shipped_library()
HYDRIDE = part_named(SHELF, Cell, "sub-C metal hydride 3.0 Ah")
CADMIUM = part_named(SHELF, Cell, "sub-C cadmium 1.8 Ah")
LITHIUM = part_named(SHELF, Cell, "18650 balanced 3.0 Ah")
IRON = part_named(SHELF, Cell, "18650 iron phosphate 1.5 Ah")
NICKEL = tuple(c for c in SHELF.cells if c.chemistry in (Chemistry.NIMH, Chemistry.NICD))
LITHIUMS = tuple(c for c in SHELF.cells if c.chemistry.is_lithium)


def charged(charger, cell, series=5, parallel=1, board=True):
    return charge_in_host(charger, cell, series, parallel, board)


# -- lithium ------------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("end", "board"), [(e, b) for e, b in product(ChargeEnd, (True, False)) if e is not ChargeEnd.VOLTAGE]
)
def test_lithium_is_refused_wherever_no_voltage_is_kept(end, board):
    """Common practice, no source: a board's cut-off is no charger."""
    told = HostCharger(end=end, current_a=0.1, open_v=21.0, resistor_ohm=50.0, clock_s=3600.0)
    for cell in LITHIUMS:
        assert not charged(told, cell, board=board).fits


@given(
    cell=st.sampled_from(LITHIUMS),
    series=st.integers(1, 20),
    parallel=st.integers(1, 8),
    each_v=st.floats(1.0, 5.0),
    current=st.floats(0.01, 50),
)
@example(cell=IRON, series=4, parallel=1, each_v=4.2, current=0.5)
def test_a_lithium_charge_that_is_let_through_ends_at_full_cells(cell, series, parallel, each_v, current):
    """A march in time of our own: constant current through the cells' resistance up to the charger's voltage, then as much as
    that voltage drives, to the end."""
    told = HostCharger(end=ChargeEnd.VOLTAGE, current_a=current, open_v=each_v * series)
    verdict = charged(told, cell, series, parallel)
    if not verdict.fits:
        return
    assert current <= cell.current_charge_a * parallel * 1.001
    capacity = cell.capacity_as * parallel
    soc, step = 0.1, capacity / current / 1000
    while soc < 1.0:
        rest = series * float(resting_voltage(cell.chemistry, soc))
        flows = min(current, max(told.open_v - rest, 0.0) / (series * cell.resistance_ohm / parallel))
        if flows < current / 100:
            break
        soc += flows * step / capacity
    assert rest / series <= cell.full_v * OVER_FULL
    assert told.open_v / series <= cell.full_v * OVER_FULL
    assert verdict.filled == pytest.approx(min(soc, 1.0), abs=0.06)


def test_iron_phosphate_in_a_lithium_ion_charger_is_refused_and_the_other_way_is_half_filled():
    ion = HostCharger(end=ChargeEnd.VOLTAGE, current_a=1.0, open_v=16.8)
    assert "4.20 V a cell; 3.65 V is full" in charged(ion, IRON, 4).stops[0]
    iron = HostCharger(end=ChargeEnd.VOLTAGE, current_a=1.0, open_v=14.6)
    half = charged(iron, LITHIUM, 4)
    assert half.fits
    assert half.filled == pytest.approx(float(np.interp(3.65, *_curve(Chemistry.LI_ION))), abs=0.02)


def _curve(chemistry):
    soc = np.linspace(0, 1, 1001)
    return resting_voltage(chemistry, soc), soc


def test_what_is_not_known_of_a_lithium_charger_counts_against_it():
    assert not charged(HostCharger(), LITHIUM).fits
    assert "not entered" in charged(HostCharger(end=ChargeEnd.VOLTAGE, current_a=1.0), LITHIUM).stops[0]
    assert not charged(HostCharger(end=ChargeEnd.VOLTAGE, current_a=1.0, open_v=12.0), LITHIUM, 5).fits, (
        "charges nothing"
    )
    lone = charged(HostCharger(end=ChargeEnd.VOLTAGE, current_a=1.0, open_v=21.0), LITHIUM, board=False)
    assert "each group" in " ".join(lone.marks)
    assert "each group" not in " ".join(
        charged(
            HostCharger(end=ChargeEnd.VOLTAGE, current_a=1.0, open_v=21.0, charges_each=True),
            LITHIUM,
            board=False,
        ).marks
    )


# -- nickel -------------------------------------------------------------------------------------------------


def test_the_standard_charge_of_nickel_passes_without_a_word():
    """IEC 61951-2, value from memory: a tenth of the capacity for 16 h."""
    for cell in NICKEL:
        told = HostCharger(end=ChargeEnd.CLOCK, current_a=0.1 * cell.capacity_as / 3600, clock_s=16 * 3600.0)
        verdict = charged(told, cell)
        assert verdict.words == "fits"
        assert verdict.full_after_s == pytest.approx(16 * 3600, rel=1e-6)


@given(
    cell=st.sampled_from(NICKEL),
    series=st.integers(1, 20),
    end=st.sampled_from([ChargeEnd.NEVER, ChargeEnd.CLOCK, ChargeEnd.RESISTOR]),
    current=st.floats(0.01, 6),
    headroom=st.floats(0.5, 4.0),
    ohm=st.floats(0.5, 300),
    hours=st.one_of(st.none(), st.floats(0.5, 100)),
)
@example(cell=HYDRIDE, series=5, end=ChargeEnd.RESISTOR, current=1.0, headroom=3.0, ohm=2.0, hours=10.0)
def test_a_nickel_charge_without_a_stop_or_a_word_never_cooks_a_full_pack(
    cell, series, end, current, headroom, ohm, hours
):
    """The dangerous side: a pack that is full is put in again, warm, on high mains, and stays until the clock, or for ever."""
    clock = None if hours is None else hours * 3600
    told = HostCharger(
        end=end, current_a=current, open_v=headroom * 1.2 * series, resistor_ohm=ohm, clock_s=clock
    )
    verdict = charged(told, cell, series)
    capacity = cell.capacity_as / 3600
    if end is ChargeEnd.RESISTOR:
        rate = max(told.open_v * 1.1 - 1.38 * series, 0) / (ohm + series * cell.resistance_ohm) / capacity
    else:
        rate = current / capacity
    assert verdict.after_full_a == pytest.approx(rate * capacity)
    if verdict.fits:
        # What is let through with a word or without: never fast for ever, never more than once over at speed.
        assert rate <= SLOW_C * 1.01 or clock is not None
        assert rate <= SLOW_C * 1.01 or rate * hours <= 1.1 * charge_factor(rate) + 1e-9
    if not verdict.stops and not verdict.marks:
        assert rate <= FOR_EVER_C or (rate <= SLOW_C * 1.01 and hours is not None and hours <= 20)


@given(series=st.integers(1, 12), open_each=st.floats(1.7, 4.0), ohm=st.floats(1, 100))
def test_a_resistors_charge_takes_as_long_as_a_march_in_time_says(series, open_each, ohm):
    """Own march: at each second the current through the resistor from what the cells show, taken in by the factor of that current."""
    told = HostCharger(end=ChargeEnd.RESISTOR, open_v=open_each * series, resistor_ohm=ohm)
    verdict = charged(told, HYDRIDE, series)
    capacity, held, seconds, step = HYDRIDE.capacity_as, 0.0, 0.0, 30.0
    while held < capacity:
        soc = held / capacity
        top = HYDRIDE.full_v - float(resting_voltage(Chemistry.NIMH, 1.0))
        cells_v = series * (float(resting_voltage(Chemistry.NIMH, soc)) + top * soc)
        flows = (told.open_v - cells_v) / (ohm + series * HYDRIDE.resistance_ohm)
        factor = float(np.interp(flows * 3600 / capacity, (0.1, 0.5), (1.6, 1.2)))
        held += flows / factor * step
        seconds += step
    assert verdict.full_after_s == pytest.approx(seconds, rel=0.01, abs=2 * step)


def test_an_old_resistor_and_clock_with_larger_cells_and_with_fewer():
    """Issue's question: what an old charger that knows only a resistor and a clock does to other cells."""
    old = HostCharger(end=ChargeEnd.RESISTOR, open_v=18.0, resistor_ohm=33.0, clock_s=14 * 3600.0)
    larger = charged(old, HYDRIDE, 10)
    assert larger.fits
    assert "is then about" in " ".join(larger.marks), "the clock ends before larger cells are full"
    fewer = charged(old, CADMIUM, 6)
    assert fewer.after_full_a > charged(old, CADMIUM, 10).after_full_a
    assert not fewer.fits, "fewer cells leave more for the resistor: it overcharges"
    more = charged(old, CADMIUM, 14)
    assert "does not fill" in " ".join(more.marks)


def test_the_drop_must_be_seen_or_backed_by_a_clock():
    slow = HostCharger(end=ChargeEnd.DROP, current_a=0.6)
    assert not charged(slow, HYDRIDE).fits
    assert charged(slow.model_copy(update={"clock_s": 7 * 3600.0}), HYDRIDE).fits
    fast = charged(HostCharger(end=ChargeEnd.DROP, current_a=2.0), HYDRIDE)
    assert fast.fits
    assert "proven" in fast.words
    assert charged(HostCharger(end=ChargeEnd.DROP, current_a=0.6), CADMIUM).fits, "cadmium drops more"


def test_what_is_not_known_to_end_may_only_trickle():
    """A doubtful charger errs to the safe side: what goes on after full is all that counts."""
    slow = charged(HostCharger(end=ChargeEnd.UNKNOWN, current_a=0.28), HYDRIDE)
    assert slow.fits
    assert "not known" in slow.words
    assert not charged(HostCharger(end=ChargeEnd.UNKNOWN, current_a=0.6), HYDRIDE).fits


def test_nickel_is_not_charged_by_a_voltage_and_not_past_its_current():
    assert not charged(HostCharger(end=ChargeEnd.VOLTAGE, current_a=0.3, open_v=7.25), HYDRIDE).fits
    hot = charged(HostCharger(end=ChargeEnd.HEAT, current_a=9.0), HYDRIDE)
    assert "the cells take 3 A" in hot.stops[0]
    assert "sensor" in charged(HostCharger(end=ChargeEnd.HEAT, current_a=2.0), HYDRIDE).words
    assert "Measure its current" in charged(HostCharger(end=ChargeEnd.CLOCK, clock_s=3600.0), HYDRIDE).words
    unknown = HYDRIDE.model_copy(update={"source": "not known: of each figure the worst of its size"})
    assert not charged(HostCharger(end=ChargeEnd.NEVER, current_a=0.1), unknown).fits
