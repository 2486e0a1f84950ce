"""The elementwise root finder against SciPy's."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.optimize import brentq

from firmcell.core.physics.root_finding import FEW, bisect


@given(st.lists(st.floats(0.1, 500), min_size=1, max_size=20), st.floats(1.0, 3.0))
def test_it_agrees_with_scipy_on_smooth_rising_curves(targets, power):
    wanted = np.array(targets)
    found = bisect(lambda x: x**power - wanted, np.zeros(len(targets)), 600.0)
    for one, target in zip(found, targets, strict=True):
        exact = brentq(lambda x, t=target: x**power - t, 0.0, 600.0)
        # Twelve halvings of 600 leave 0.15; the straight line through them is far nearer on smooth curves.
        assert one == pytest.approx(exact, abs=0.02)


def test_a_function_that_stays_on_one_side_gives_the_nearer_end():
    assert bisect(lambda x: x + 1, 0.0, 2.0) == pytest.approx(0.0, abs=1e-3)
    assert bisect(lambda x: x - 9, 0.0, 2.0) == pytest.approx(2.0)


@pytest.mark.parametrize("count", [1, 7, FEW, FEW + 1, 2 * FEW])
def test_few_and_many_are_found_alike_in_any_shape(count):
    """Of few the bounds are cut into many parts at once, of many into halves."""
    wanted = np.linspace(0.5, 80.0, count)
    found = bisect(lambda x: x**2 - wanted, np.zeros(count), 10.0)
    assert found == pytest.approx(np.sqrt(wanted), abs=1e-5)
    twice = bisect(lambda x: x**2 - wanted, np.zeros((2, count)), 10.0)
    assert twice == pytest.approx(np.stack([found, found]), abs=1e-5)


def test_of_several_crossings_the_first_is_found_where_a_thing_that_warms_comes_to_rest():
    """Loss less heat of a strip that would run away from 6 on, but comes to rest at 2."""
    found = bisect(lambda x: (x - 2) * (6 - x) * (x + 1), np.zeros(3), 10.0)
    assert found == pytest.approx(np.full(3, 2.0), abs=1e-3)
