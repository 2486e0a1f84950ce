"""Assignment of cells to groups: against every possible one on small cases, bounds, repeatability."""

import itertools

import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.geometry.plane import near_pairs
from firmcell.core.layout.grouping import _Dice, _Search, group_cells
from firmcell.core.layout.grouping_problem import PlacesToGroup, links_bound, pair_bound
from tests.conftest import cases

PITCH = 0.0214


def places(rows, staggered=False, fixed=()):
    """Places from rows of text: an x is a place, anything else is none."""
    points = [
        (
            (column + (0.5 if staggered and row % 2 else 0.0)) * PITCH,
            row * PITCH * (0.8660254 if staggered else 1.0),
        )
        for row, line in enumerate(rows)
        for column, mark in enumerate(line)
        if mark == "x"
    ]
    xy = np.array(points)
    return PlacesToGroup(xy, PITCH, near_pairs(xy, PITCH * 1.2), 0.0, fixed)


def last(search):
    for step in search:
        found = step
    return found.best


def every_assignment(where, series, parallel):
    """All ways to fill ordered connected groups; each place is used at most once."""
    graph = nx.Graph(where.pairs.tolist())
    connected = [
        c
        for c in itertools.combinations(range(len(where.points_m)), parallel)
        if nx.is_connected(graph.subgraph(c))
    ]

    def fill(left, groups):
        if len(groups) == series:
            yield groups
            return
        for c in connected:
            if left.issuperset(c) and (
                not groups or any(graph.has_edge(a, b) for a in groups[-1] for b in c)
            ):
                yield from fill(left - set(c), [*groups, c])

    for groups in fill(set(range(len(where.points_m))), []):
        flat = [0] * len(where.points_m)
        for number, cells in enumerate(groups, start=1):
            for cell in cells:
                flat[cell] = number
        yield flat


SMALL = [
    (("xxxx", "xxxx", "xxxx"), False, 4, 3),
    ((".xxx", "xxxx", "xxxx", "x..."), False, 4, 3),
    (("xx..", "xxx.", "xxxx", "xxx."), False, 4, 3),
    (("xxxx", "xxxx", "xxxx"), True, 4, 3),
    ((".xx.", "xxxx", ".xxx", "xxx."), True, 4, 3),
    (("xxx", "xxx", "xxx"), True, 4, 2),
    (("xxxxx", "x...x"), False, 3, 2),
]


@pytest.mark.slow
@pytest.mark.parametrize(("rows", "staggered", "series", "parallel"), SMALL)
def test_search_finds_the_best_of_all_assignments(rows, staggered, series, parallel):
    where = places(rows, staggered)
    judge = _Search(where, series, parallel, None, None, _Dice(1))
    best = max(judge.score(flat) for flat in every_assignment(where, series, parallel))
    found = last(group_cells(where, series, parallel, effort=2))
    assert found.sound
    # Starts that are good enough end the search early, so a few points for compactness may be left.
    assert found.score >= best - 6


@pytest.mark.slow
@given(st.integers(2, 8), st.integers(1, 5), st.integers(3, 7), st.booleans(), st.integers(1, 99))
@settings(max_examples=cases(25))
def test_groups_are_whole_disjoint_and_within_the_bounds(series, parallel, width, staggered, seed):
    count = series * parallel + 3
    rows = ["x" * width] * (count // width + 1)
    where = places(rows, staggered)
    found = last(group_cells(where, series, parallel, seed=seed, effort=0.1))
    sizes = np.bincount(found.groups, minlength=series + 1)[1:]
    assert sizes.tolist() == [parallel] * series
    graph = nx.Graph(where.pairs.tolist())
    for g in range(1, series + 1):
        cells = [i for i, k in enumerate(found.groups) if k == g]
        assert (g in found.torn) == (not nx.is_connected(graph.subgraph(cells)))
    counted = [
        sum({found.groups[i], found.groups[j]} == {g, g + 1} for i, j in where.pairs.tolist())
        for g in range(1, series)
    ]
    assert list(found.links) == counted
    if not found.torn:
        assert all(k <= pair_bound(parallel, staggered) for k in found.links)
        assert sum(found.links) <= links_bound(count, len(where.pairs), series, parallel, staggered)
    again = last(group_cells(where, series, parallel, seed=seed, effort=0.1))
    assert again.groups == found.groups


def test_pair_bound_is_that_of_the_published_numbers():
    """Most contacts of n equal discs: 3n − √(12n − 3) rounded down (Harborth 1974): 7 discs 12, 10 discs 19, from memory."""
    # Two groups of 5: ten discs have at most 19 contacts, each group needs 4 of its own.
    assert pair_bound(5, True) == 19 - 8
    # Two columns of four on a square lattice: 8 cells have at most 10 contacts; 3 in each column.
    assert pair_bound(4, False) == 4


def test_the_best_so_far_only_gets_better_and_reading_may_stop():
    where = places(("xxxxxxx", ".xxxxxx", "xxxxx.x", "xxxxxxx"), True)
    scores = [step.best.score for step in itertools.islice(group_cells(where, 6, 4), 40)]
    assert scores == sorted(scores)


def test_poles_come_out_where_they_are_wanted():
    where = places(["x" * 10] * 4)
    far_left, far_right = (0.0, 0.0), (9 * PITCH, 0.0)
    found = last(group_cells(where, 10, 4, minus_at=far_right, plus_at=far_left))
    by_group = {g: where.points_m[np.array(found.groups) == g] for g in (1, 10)}
    assert np.hypot(*(by_group[1] - far_right).T).min() < PITCH / 2
    assert np.hypot(*(by_group[10] - far_left).T).min() < PITCH / 2


def test_fixed_places_keep_their_group_or_stay_empty():
    fixed = [-1] * 12
    fixed[0], fixed[5] = 4, 0
    where = places(("xxxx", "xxxx", "xxxx"), fixed=tuple(fixed))
    found = last(group_cells(where, 5, 2))
    assert found.groups[0] == 4
    assert found.groups[5] == 0


def test_too_few_places_are_refused():
    with pytest.raises(ValueError, match="too few"):
        next(group_cells(places(("xxx",)), 2, 2))


def test_healing_puts_a_torn_group_together():
    where = places(["x" * 6] * 3)
    search = _Search(where, 4, 4, None, None, _Dice(1))
    groups = [1, 1, 2, 2, 3, 0, 1, 2, 2, 3, 3, 0, 4, 4, 4, 3, 4, 1]
    before = search.result(groups, search.score(groups))
    assert before.torn
    after = search.mending.healed(groups)
    assert search.score(after) > search.score(groups)
    assert len(search.result(after, 0.0).torn) < len(before.torn)
