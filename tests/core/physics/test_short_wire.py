"""Short copper wires between two cool ends, against a transient of our own in small steps, and published figures."""

from math import pi

import numpy as np
import pytest

from firmcell.core.physics.short_wire import (
    COPPER_MELTS_K,
    LOSES_MOST,
    carries,
    melts_for_certain,
    melts_no_sooner,
    middle_rise,
    preece,
    resistance,
)

ENDS_K = 293.15
SIZES = [(0.0002, 0.004), (0.0003, 0.008), (0.0005, 0.008), (0.0005, 0.02), (0.0008, 0.012), (0.0003, 0.05)]


def settle(diameter, length, current, loss, seconds=20.0, conducts=400.0):
    """Middle temperature of a wire after a while, and when it came to the melting point (None if never): half of it in 20
    pieces, explicit steps, conductivity, density and heat capacity of copper at 300 K (CRC Handbook, from memory)."""
    n = 20
    dx, area, around = length / 2 / n, pi / 4 * diameter**2, pi * diameter
    heat = 8960.0 * 385.0 * area * dx
    # A piece more before the first and behind the last: the end mirrored at its warmth, and the middle at itself.
    all_k = np.full(n + 2, ENDS_K)
    t, left, right = all_k[1:-1], all_k[:-2], all_k[2:]
    step = 0.4 * 8960.0 * 385.0 * dx**2 / conducts
    clock = 0.0
    while clock < seconds:
        made = current**2 * 1.7241e-8 * (1 + 0.00393 * (t - 293.15)) / area * dx
        all_k[0], all_k[-1] = 2 * ENDS_K - t[0], t[-1]
        flow = conducts * area / dx * (left + right - 2 * t)
        change = step * (made + flow - loss * around * dx * (t - ENDS_K)) / heat
        t += change
        clock += step
        if t[-1] >= COPPER_MELTS_K:
            return t[-1], clock
        if np.abs(change).max() < 1e-9:
            break
    return t[-1], None


@pytest.mark.parametrize(("diameter", "length"), SIZES)
def test_what_melts_for_certain_melts_in_small_steps_and_what_is_less_does_not(diameter, length):
    current = melts_for_certain(diameter, length, ENDS_K)
    assert settle(diameter, length, 1.02 * current, LOSES_MOST)[1] is not None
    assert settle(diameter, length, 0.98 * current, LOSES_MOST)[1] is None


@pytest.mark.parametrize(("diameter", "length"), SIZES)
def test_the_middle_is_never_hotter_than_told(diameter, length):
    """Without any loss on the way it is as told; with loss less."""
    current = carries(diameter, length, ENDS_K, 60.0)
    told = middle_rise(diameter, length, ENDS_K, current)
    assert told == pytest.approx(60.0)
    assert settle(diameter, length, current, 0.0, conducts=380.0)[0] - ENDS_K == pytest.approx(60.0, rel=0.01)
    assert settle(diameter, length, current, 50.0)[0] - ENDS_K < 60.0


@pytest.mark.parametrize(("diameter", "length"), SIZES)
def test_no_wire_melts_sooner_than_told(diameter, length):
    current = 3 * melts_for_certain(diameter, length, ENDS_K)
    _, seconds = settle(diameter, length, current, LOSES_MOST)
    assert seconds >= 0.99 * melts_no_sooner(diameter, current, ENDS_K)


def test_a_short_wire_melts_at_the_melting_voltage_of_copper_contacts():
    """0.43 V between the ends melts copper however long it is, while the air takes nothing (R. Holm, Electric Contacts,
    value from memory). A wire of 4 mm loses little to the air; its mean resistance lies between cold and molten."""
    current = melts_for_certain(0.0003, 0.004, ENDS_K)
    cold, hot = resistance(0.0003, 0.004), resistance(0.0003, 0.004, COPPER_MELTS_K)
    assert cold * current < 0.43 < hot * current
    assert 0.6 * hot * current == pytest.approx(0.43, rel=0.25)


def test_long_thin_wires_come_near_preeces_formula_and_short_ones_do_not():
    """Preece, value from memory; a wire in air is not certain to melt before up to twice of it here, since thin wires lose more."""
    for diameter in (0.0002, 0.0005, 0.0008):
        assert 1.0 < melts_for_certain(diameter, 1.0, ENDS_K) / preece(diameter) < 1.5
        assert melts_for_certain(diameter, 0.008, ENDS_K) > 3 * preece(diameter)
