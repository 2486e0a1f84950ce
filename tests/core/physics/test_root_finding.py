"""The elementwise root finder against SciPy's."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.optimize import brentq

from firmcell.core.physics.root_finding import bisect


@given(st.lists(st.floats(0.1, 500), min_size=1, max_size=20), st.floats(1.0, 3.0))
def test_it_agrees_with_scipy_on_smooth_rising_curves(targets, power):
    wanted = np.array(targets)
    found = bisect(lambda x: x**power - wanted, 0.0, 600.0)
    for one, target in zip(found, targets, strict=True):
        exact = brentq(lambda x, t=target: x**power - t, 0.0, 600.0)
        # Twelve halvings of 600 leave 0.15; the straight line through them is far nearer on smooth curves.
        assert one == pytest.approx(exact, abs=0.02)


def test_a_function_that_stays_on_one_side_gives_the_nearer_end():
    assert bisect(lambda x: x + 1, 0.0, 2.0) == pytest.approx(0.0, abs=1e-3)
    assert bisect(lambda x: x - 9, 0.0, 2.0) == pytest.approx(2.0)
