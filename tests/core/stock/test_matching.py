"""Cells in groups: against the exact optimum by mixed-integer programming, against sorting by hand, and what must hold of
any stock."""

import numpy as np
import pytest
from hypothesis import example, given
from hypothesis import strategies as st
from scipy.optimize import Bounds, LinearConstraint, milp

from firmcell.core.base.refusal import Refusal
from firmcell.core.stock.matching import MAH_AS, Stock, Wanted, matched


def stock(capacity, ohm=None, loss=None):
    capacity = np.asarray(capacity, dtype=float)
    unknown = np.full(len(capacity), np.nan)
    return Stock(
        capacity,
        unknown if ohm is None else np.asarray(ohm, float),
        unknown if loss is None else np.asarray(loss, float),
    )


def exact_spread(capacity, series, parallel):
    """Least of the fullest group less the emptiest, every cell used, by SciPy's HiGHS: a cell is in one group (binary),
    a group has its cells, and lies between low and high."""
    n, s = len(capacity), series
    cost = np.zeros(n * s + 2)
    cost[-2], cost[-1] = 1.0, -1.0
    rows, low, high = [], [], []
    for cell in range(n):
        row = np.zeros(n * s + 2)
        row[cell * s : (cell + 1) * s] = 1
        rows.append(row), low.append(1), high.append(1)
    for group in range(s):
        row = np.zeros(n * s + 2)
        row[group : n * s : s] = 1
        rows.append(row), low.append(parallel), high.append(parallel)
        for at, sign in ((-2, 1), (-1, -1)):
            row = np.zeros(n * s + 2)
            row[group : n * s : s] = -sign * np.asarray(capacity)
            row[at] = sign
            rows.append(row), low.append(0), high.append(np.inf)
    whole = np.ones(n * s + 2)
    whole[-2:] = 0
    limits = Bounds(np.zeros(n * s + 2), np.append(np.ones(n * s), [np.inf, np.inf]))
    found = milp(
        cost, integrality=whole, bounds=limits, constraints=LinearConstraint(np.array(rows), low, high)
    )
    assert found.success
    return found.fun


@pytest.mark.parametrize(("series", "parallel"), [(2, 3), (3, 2), (4, 2), (3, 3), (2, 5)])
def test_small_packs_against_the_exact_optimum(series, parallel):
    random = np.random.default_rng(series * 10 + parallel)
    for _ in range(4):
        capacity = np.round(random.normal(2500, 60, series * parallel), 0)
        found = matched(stock(capacity), Wanted(series, parallel))
        best = exact_spread(capacity, series, parallel)
        assert found.bound_as <= best + 1e-6
        assert found.spread_as == pytest.approx(best, abs=1e-6)


def exact_weakest(capacity, series, parallel):
    """Most that the weakest group can hold, cells left over being spares, by SciPy's HiGHS."""
    n, s = len(capacity), series
    cost = np.append(np.zeros(n * s), -1.0)
    rows, low, high = [], [], []
    for cell in range(n):
        row = np.zeros(n * s + 1)
        row[cell * s : (cell + 1) * s] = 1
        rows.append(row), low.append(0), high.append(1)
    for group in range(s):
        members = np.zeros(n * s + 1)
        members[group : n * s : s] = 1
        rows.append(members), low.append(parallel), high.append(parallel)
        holds = np.append(np.zeros(n * s), -1.0)
        holds[group : n * s : s] = capacity
        rows.append(holds), low.append(0), high.append(np.inf)
    limits = Bounds(np.zeros(n * s + 1), np.append(np.ones(n * s), np.inf))
    whole = np.append(np.ones(n * s), 0)
    found = milp(
        cost, integrality=whole, bounds=limits, constraints=LinearConstraint(np.array(rows), low, high)
    )
    assert found.success
    return -found.fun


@pytest.mark.parametrize(("series", "parallel", "spares"), [(2, 3, 2), (3, 2, 3), (2, 4, 2)])
def test_of_small_drawers_with_spares_the_weakest_group_is_as_strong_as_can_be(series, parallel, spares):
    random = np.random.default_rng(series * 10 + parallel)
    for _ in range(3):
        capacity = np.round(random.normal(2500, 60, series * parallel + spares), 0)
        found = matched(stock(capacity), Wanted(series, parallel))
        assert found.capacity_as.min() == pytest.approx(exact_weakest(capacity, series, parallel), abs=1e-6)


@pytest.mark.slow
def test_a_thousand_cells_in_a_hundred_groups_of_ten():
    """Asked is a spread under 0.05 % with cells of 2 % scatter."""
    random = np.random.default_rng(7)
    cells = stock(
        random.normal(1, 0.02, 1000) * 18_000,
        random.normal(1, 0.08, 1000) * 0.02,
        random.exponential(1e-10, 1000),
    )
    found = matched(cells, Wanted(100, 10))
    assert found.share < 5e-4
    assert found.spread_as <= found.by_hand_as
    alone = matched(stock(cells.capacity_as), Wanted(100, 10))
    assert alone.share < 1e-5
    dealt = matched(stock(cells.capacity_as, cells.ohm), Wanted(100, 10))
    assert dealt.ohm_share < 0.2 * float(
        np.ptp(1 / (1 / cells.ohm.reshape(100, 10)).sum(axis=1)) / found.ohm.mean()
    )


STOCKS = st.integers(1, 6).flatmap(
    lambda series: st.integers(1, 5).flatmap(
        lambda parallel: st.tuples(
            st.just(series),
            st.just(parallel),
            st.lists(st.integers(1000, 3000), min_size=series * parallel, max_size=series * parallel + 8),
        )
    )
)


@example(
    (
        6,
        3,
        [
            1134,
            1222,
            1231,
            1333,
            1282,
            1308,
            1331,
            1242,
            1604,
            1688,
            1922,
            2211,
            1502,
            1495,
            1589,
            2284,
            2392,
            1975,
        ],
    )
)
@given(STOCKS)
def test_what_holds_of_any_stock(asked):
    series, parallel, mah = asked
    capacity = np.array(mah) * MAH_AS
    found = matched(stock(capacity, np.array(mah) * 1e-5), Wanted(series, parallel))
    counts = np.bincount(found.group_of, minlength=series + 1)
    assert (counts[1:] == parallel).all()
    assert counts[0] == len(mah) - series * parallel
    for group in range(1, series + 1):
        assert found.capacity_as[group - 1] == pytest.approx(capacity[found.group_of == group].sum())
    assert found.spread_as <= max(found.by_hand_as, 4.1e-4 * found.capacity_as.mean()) + 1e-6
    assert found.bound_as <= found.spread_as + 1e-6


@given(STOCKS)
def test_spares_take_the_place_of_what_would_be_carried_for_nothing(asked):
    """The weakest group holds what it would of the fullest cells alone, and no spare could lighten another group further."""
    series, parallel, mah = asked
    capacity = np.array(mah) * MAH_AS
    found = matched(stock(capacity), Wanted(series, parallel))
    fullest = np.sort(capacity)[::-1][: series * parallel]
    alone = matched(stock(fullest), Wanted(series, parallel))
    assert found.capacity_as.min() >= alone.capacity_as.min() - 1e-6
    assert found.spread_as <= alone.spread_as + 1e-6
    spares, least = capacity[found.group_of == 0], found.capacity_as.min()
    for group, held in enumerate(found.capacity_as, start=1):
        for one in capacity[found.group_of == group]:
            other = held - one + spares
            assert not ((other >= least + 1e-6) & (other < held - 1e-6)).any()


def test_limits_locked_cells_and_what_was_not_measured():
    capacity = [9000.0, 8000.0, 8500.0, 8700.0, 100.0, np.nan, 8600.0, 8400.0]
    ohm = [0.02, 0.02, 0.02, 0.9, 0.02, 0.02, np.nan, 0.02]
    cells = stock(capacity, ohm)
    found = matched(cells, Wanted(2, 2, least_as=1000.0, most_ohm=0.05, locked={7: 2}))
    assert found.group_of[7] == 2
    assert (found.group_of[[3, 4, 5]] == 0).all()
    assert np.isnan(found.ohm_share)
    held = matched(cells, Wanted(2, 2, locked={0: 1, 2: 1}))
    assert sorted(np.flatnonzero(held.group_of == 1)) == [0, 2]


@pytest.mark.parametrize(
    ("wanted", "said"),
    [
        (Wanted(3, 3), "7 of 8 cells are within the limits; 3S3P takes 9"),
        (Wanted(0, 2), "at least one group of one cell"),
        (Wanted(2, 2, locked={0: 3}), "locked to group 3; there are groups 1 to 2"),
        (Wanted(2, 1, locked={0: 1, 1: 1}), "2 cells are locked to group 1, which takes 1"),
        (Wanted(2, 2, locked={5: 1}), "capacity of a locked cell was not measured"),
    ],
)
def test_what_cannot_be_is_a_sentence(wanted, said):
    with pytest.raises(Refusal, match=said):
        matched(stock([9000.0, 8000.0, 8500.0, 8700.0, 100.0, np.nan, 8600.0, 8400.0]), wanted)


def test_resistance_is_evened_out_only_where_capacity_stays_alike():
    """Two cells that hold the same and resist otherwise change places; others do not."""
    cells = stock([100.0] * 4, [0.01, 0.01, 0.03, 0.03])
    found = matched(cells, Wanted(2, 2))
    assert found.ohm_share == pytest.approx(0.0)
    fixed = matched(stock([100.0, 90.0, 100.0, 90.0], [0.01, 0.01, 0.03, 0.03]), Wanted(2, 2))
    assert fixed.spread_as == 0.0
