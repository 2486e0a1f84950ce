"""Straight rows are found where there are any, and groups of two lines where there are none."""

import itertools
from itertools import pairwise

import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.layout.cell_places import lay_out
from firmcell.core.layout.group_rows import Rows, lines_through
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.model.brief import SpaceShape
from firmcell.core.strips.layout_measures import strips_needed
from firmcell.core.strips.runs import strip_runs
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import cases

BASE = hoist_in_rows(shipped_library())
BARE = (("brief.blocked", ()), ("arrangement.plus_at_m", None), ("arrangement.minus_at_m", None))
ELL = ((0, 0), (0.24, 0), (0.24, 0.11), (0.11, 0.11), (0.11, 0.22), (0, 0.22))


def boxed(series, parallel, length, width):
    return BASE.with_edits(
        *BARE, ("brief.space", SpaceShape.BOX), ("brief.outline_m", ()), ("series", series), ("parallel", parallel),
        ("brief.box_length_m", length), ("brief.box_width_m", width),
    )  # fmt: skip


def ell(series, parallel):
    return BASE.with_edits(
        *BARE, ("brief.space", SpaceShape.OUTLINE), ("brief.outline_m", ELL), ("series", series), ("parallel", parallel),
        ("brief.box_length_m", 0.24), ("brief.box_width_m", 0.22),
    )  # fmt: skip


def laid(design):
    found = laid_out(arrange(design, trials=False, work=strips_needed))
    return lay_out(design.cell, design.series, design.parallel, found.arrangement)


def is_straight(layout, group):
    """By singular values: no cell off the line through the others."""
    points = np.array([(c.x_m, c.y_m) for c in layout.group_cells(group)])
    return np.linalg.svd(points - points.mean(axis=0), compute_uv=False)[1] < 1e-4


def straight_rows(layout):
    return sum(is_straight(layout, g) for g in range(1, layout.series + 1))


@pytest.mark.slow
@pytest.mark.parametrize(
    ("design", "rows", "pieces"),
    [
        # Rows found by an independent search; pieces of a hand-made layout: a link a cell and one strip along each row.
        (boxed(13, 4, 0.310, 0.110), 13, 12 * 5 + 2),
        (ell(10, 4), 10, 9 * 5 + 2),
        (boxed(7, 3, 0.175, 0.080), 7, 6 * 4 + 2),
        (boxed(14, 6, 0.330, 0.160), 14, 13 * 7 + 2),
        (boxed(10, 5, 0.250, 0.130), 10, 9 * 6 + 2),
        (boxed(10, 5, 0.130, 0.250), 10, 9 * 6 + 2),
        (boxed(20, 10, 0.470, 0.235), 20, 19 * 11 + 2),
    ],
)
def test_straight_rows_where_there_are_any_and_no_more_pieces_than_by_hand(design, rows, pieces):
    layout = laid(design)
    assert straight_rows(layout) == rows
    assert len(strip_runs(layout)) <= pieces
    assert min(layout.links) >= design.parallel


@pytest.mark.slow
def test_the_odd_tray_has_fewer_pieces_than_its_first_layout_had():
    """65 pieces and 660 weld pairs before; what a hand would need for ten straight rows is 47."""
    design = BASE.edited("arrangement.plus_at_m", (0.089, -0.022))
    layout = laid(design)
    assert straight_rows(layout) >= 8
    groups = [{c.number for c in layout.group_cells(g)} for g in range(1, 11)]
    touching = [
        min(sum(any(m in b for m in layout.adjacency[n]) for n in a) for a, b in ((x, y), (y, x)))
        for x, y in pairwise(groups)
    ]
    assert sum(touching) >= 35, "all but one of 36 have a link of their own"
    assert len(strip_runs(layout)) <= 50


def lattice(count_x, count_y, staggered):
    points = np.array(
        [
            (x + (y % 2) / 2 * staggered, y * (0.75**0.5 if staggered else 1))
            for y in range(count_y)
            for x in range(count_x)
        ]
    )
    near = [
        [j for j in range(len(points)) if 0 < np.hypot(*(points[i] - points[j])) < 1.2]
        for i in range(len(points))
    ]
    return points, near


@given(
    count_x=st.integers(3, 8),
    count_y=st.integers(2, 6),
    staggered=st.booleans(),
    parallel=st.integers(2, 5),
    series=st.integers(2, 6),
    gone=st.sets(st.integers(0, 47), max_size=4),
    straight=st.booleans(),
)
@settings(max_examples=cases(60))
@pytest.mark.slow
def test_whatever_is_found_are_disjoint_whole_groups_that_touch(
    count_x, count_y, staggered, parallel, series, gone, straight
):
    points, near = lattice(count_x, count_y, staggered)
    kept = [n for n in range(len(points)) if n not in gone]
    index = {n: k for k, n in enumerate(kept)}
    points = points[kept]
    near = [[index[j] for j in near[n] if j in index] for n in kept]
    worth = [float(k) for k in range(parallel + 1)]
    rows = Rows(near, lines_through(points, near), series, parallel, worth)
    for groups in filter(None, rows.ways(straight)):
        graph = nx.Graph((a, b) for a, others in enumerate(near) for b in others)
        graph.add_nodes_from(range(len(points)))
        members = [[n for n, g in enumerate(groups) if g == k] for k in range(1, series + 1)]
        assert [len(m) for m in members] == [parallel] * series
        for group in members:
            assert nx.is_connected(graph.subgraph(group))
            if straight:
                spots = points[group] - points[group].mean(axis=0)
                assert np.linalg.svd(spots, compute_uv=False)[1] < 1e-9
        for one, other in itertools.pairwise(members):
            assert any(b in near[a] for a in one for b in other)


@pytest.mark.parametrize("staggered", [False, True])
@pytest.mark.parametrize(("count_x", "count_y"), [(4, 5), (5, 4), (3, 6)])
def test_a_full_lattice_of_whole_rows_is_always_divided_into_them(count_x, count_y, staggered):
    points, near = lattice(count_x, count_y, staggered)
    rows = Rows(near, lines_through(points, near), count_y, count_x, [10.0 * k for k in range(count_x + 1)])
    best = next(filter(None, rows.ways(straight=True)))
    assert sorted(best) == sorted(g for g in range(1, count_y + 1) for _ in range(count_x))
    assert all(
        len({round(points[n][1], 6) for n, g in enumerate(best) if g == k}) == 1
        for k in range(1, count_y + 1)
    )
