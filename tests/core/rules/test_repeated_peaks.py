"""Peaks that come again heat as their mean square does: every part with a steady limit is held to that, not to the base load."""

import random

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.model.duty import Duty
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
STEADY_LIMITS = ("CE-1", "BM-3", "SR-1", "SR-2", "LE-1")


def duties(count):
    rng = random.Random(12)
    for _ in range(count):
        steady = rng.uniform(2, 15)
        every = rng.uniform(2, 120)
        yield steady, steady * rng.uniform(1.5, 5), every * rng.uniform(0.05, 0.9), every


def test_the_mean_square_is_what_a_body_slower_than_the_peaks_settles_at():
    """Own simulation: one lump, loss by its rise, marched through the turns until they repeat."""
    for steady, peak, on, every in duties(25):
        slow = 50 * every
        step = every / 400
        times = np.arange(0, every, step)
        heat = np.where(times < on, peak**2, steady**2)
        rise, mean = 0.0, np.nan
        for _ in range(300):
            seen = []
            for watts in heat:
                rise += step / slow * (watts - rise)
                seen.append(rise)
            mean = float(np.mean(seen))
        assert Duty(steady, peak, on, every).lasting_a == pytest.approx(mean**0.5, rel=0.01)


def test_what_never_comes_again_leaves_the_steady_current_alone():
    assert Duty(8.0, 40.0, 10.0).lasting_a == 8.0
    assert Duty(8.0, 40.0, 60.0, 30.0).lasting_a == 40.0, "a peak that never ends"


@pytest.mark.slow
def test_parts_are_judged_as_for_a_steady_current_of_the_same_heat(hoist):
    """Dangerous side: a steady limit that speaks for the equal steady current and is silent for the peaks."""
    told = 0
    for base, top, on, every in duties(8):
        steady, peak = 2.5 * base, 2.5 * top
        part = on / every
        equal = (part * peak**2 + (1 - part) * steady**2) ** 0.5
        again = hoist.with_edits(
            ("brief.current_steady_a", steady),
            ("brief.current_peak_a", peak),
            ("brief.peak_duration_s", on),
            ("brief.peak_every_s", every),
        )
        even = hoist.with_edits(("brief.current_steady_a", equal), ("brief.current_peak_a", max(peak, equal)))
        spoken = [{c for c in STEADY_LIMITS if c in found(d, SHELF)} for d in (again, even)]
        # BM-3 and CE-1 alike; what heats in the peak itself may speak the more.
        assert spoken[0] >= spoken[1], (steady, peak, on, every)
        told += bool(spoken[1])
    assert told >= 3


def test_strips_start_a_fault_as_warm_as_their_duty_keeps_them(hoist):
    again = hoist.with_edits(
        ("brief.current_steady_a", 10.0),
        ("brief.current_peak_a", 45.0),
        ("brief.peak_duration_s", 30.0),
        ("brief.peak_every_s", 60.0),
    )
    once = again.edited("brief.peak_every_s", None)
    warm, cool = (analyse(d, SHELF) for d in (again, once))
    # √((10² + 45²)/2) = 32.6 A in place of 10 A.
    assert max(p.current_steady_a for p in warm.strips) / max(
        p.current_steady_a for p in cool.strips
    ) == pytest.approx(3.26, abs=0.01)
    assert max(p.temperature_k for p in warm.strips) > max(p.temperature_k for p in cool.strips) + 5
