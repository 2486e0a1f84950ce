"""Cut plans against every way there is, on small cases, and against a bound on large ones."""

from itertools import product
from math import ceil

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.stock.cut_plan import cut_plan


def best_of_all(cuts, rests, sold):
    """Least bought, and then how dear the lengths are that pieces come from (the longer the dearer, what is
    bought the most), by trying every place for every piece; lengths in mm."""
    longest = max([*rests, sold])
    best = None
    bins = [*rests, *([sold] * len(cuts))]
    for places in product(range(len(rests) + len(cuts)), repeat=len(cuts)):
        # Bought lengths are alike: they are begun in order.
        new = [p for p in places if p >= len(rests)]
        if any(p > len(rests) + len(set(new[:n])) for n, p in enumerate(new)):
            continue
        load = [0] * len(bins)
        for place, cut in zip(places, cuts, strict=True):
            load[place] += cut
        if any(used > room for used, room in zip(load, bins, strict=True)):
            continue
        bought = sum(sold for used in load[len(rests) :] if used)
        dear = dearness(load, rests, longest)
        best = min(best, (bought, dear)) if best else (bought, dear)
    return best


@settings(max_examples=60, deadline=None)
@given(
    st.lists(st.integers(20, 500), min_size=1, max_size=5),
    st.lists(st.integers(30, 900), max_size=3),
    st.integers(500, 1000),
)
def test_no_way_of_cutting_buys_less_or_takes_more_from_short_rests(cuts, rests, sold):
    plan = cut_plan([c / 1e3 for c in cuts], [r / 1e3 for r in rests], sold / 1e3)
    bought, dear = best_of_all(cuts, rests, sold)
    assert plan.exact
    assert plan.bought_m * 1e3 == pytest.approx(bought)
    load = [0.0] * len(rests)
    for length in plan.lengths:
        if length.rest is not None:
            load[length.rest] = sum(length.cuts) * 1e3
    new = [sum(length.cuts) * 1e3 for length in plan.lengths if length.rest is None]
    assert dearness([*load, *new], rests, max([*rests, sold])) == pytest.approx(dear, rel=1e-6)
    assert plan.least_m <= plan.bought_m + 1e-9
    check_is_a_plan(plan, cuts, rests, sold)


def dearness(load, rests, longest):
    from_rests = sum(0.9 * used * room / longest for used, room in zip(load, rests, strict=False))
    return from_rests + sum(load[len(rests) :])


def check_is_a_plan(plan, cuts, rests, sold):
    made = sorted(round(c * 1e3) for length in plan.lengths for c in length.cuts)
    assert made == sorted(cuts), "every piece once"
    used = [length.rest for length in plan.lengths if length.rest is not None]
    assert len(used) == len(set(used)), "each rest once"
    for length in plan.lengths:
        room = rests[length.rest] if length.rest is not None else sold
        if room is not None:
            assert length.length_m * 1e3 == pytest.approx(room)
        assert sum(length.cuts) <= length.length_m + 1e-9


@settings(max_examples=40, deadline=None)
@given(st.lists(st.integers(20, 400), min_size=1, max_size=40), st.lists(st.integers(30, 3000), max_size=4))
def test_where_it_is_sold_by_the_metre_only_what_is_missing_is_bought(cuts, rests):
    plan = cut_plan([c / 1e3 for c in cuts], [r / 1e3 for r in rests])
    check_is_a_plan(plan, cuts, rests, None)
    assert plan.bought_m * 1e3 >= sum(cuts) - sum(rests) - 1e-6
    if any(rest >= sum(cuts) for rest in rests):
        assert plan.bought_m == 0


def test_a_whole_shop_is_planned_in_time():
    """Pieces of three packs: as many lengths as the sum asks for, or one more (a bound, not our own output)."""
    cuts = [0.083] * 8 + [0.073] * 21 + [0.051] * 12 + [0.040] * 9 + [0.030] * 90
    plan = cut_plan(cuts, [0.46, 0.31, 0.12], 1.0)
    check_is_a_plan(plan, [round(c * 1e3) for c in cuts], [460, 310, 120], 1000)
    least = ceil((sum(cuts) - 0.89) / 1.0 - 1e-9)
    assert plan.bought_m == pytest.approx(least)


def test_a_piece_longer_than_all_is_told():
    with pytest.raises(Refusal, match="1200 mm is longer than what is sold, 1000 mm"):
        cut_plan([1.2, 0.1], [0.5], 1.0)
    assert cut_plan([], [1.0]).lengths == ()
    assert cut_plan([1.2], [1.3], 1.0).bought_m == 0, "a rest may be longer than what is sold"
