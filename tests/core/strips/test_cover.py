"""Strips of a tap point: every pad joined, every link that can be, and hardly more pieces than an integer program needs."""

import itertools
from collections import Counter

import networkx as nx
import numpy as np
import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st
from scipy.optimize import LinearConstraint, milp

from firmcell.core.strips import cover
from firmcell.core.strips.cover import MOST_ON_A_PAD, fewest_strips
from tests.conftest import cases

PITCH = 0.0212
STAGGERED = [(1, 0), (0, 1), (-1, 1), (-1, 0), (0, -1), (1, -1)]
SQUARE = [(1, 0), (0, 1), (-1, 0), (0, -1)]


def place(spot, staggered):
    x, y = spot
    return (PITCH * (x + y / 2), PITCH * y * 3**0.5 / 2) if staggered else (PITCH * x, PITCH * y)


def grown(size, taken, start, beside, dice):
    """A connected group of places, grown at random."""
    group = [start]
    while len(group) < size:
        free = sorted({(x + dx, y + dy) for x, y in group for dx, dy in beside} - set(group) - set(taken))
        if not free:
            # It began in a hole of the other group.
            return None
        group.append(free[dice.integers(len(free))])
    return group


@st.composite
def nodes(draw, most=6):
    """Two connected groups side by side: places, the numbers of the first group, neighbours, and the ways of the lattice."""
    staggered, size = draw(st.booleans()), draw(st.integers(1, most))
    beside = STAGGERED if staggered else SQUARE
    dice = np.random.default_rng(draw(st.integers(0, 2**32)))
    first = grown(size, [], (0, 0), beside, dice)
    around = sorted({(x + dx, y + dy) for x, y in first for dx, dy in beside} - set(first))
    second = grown(size, first, around[dice.integers(len(around))], beside, dice)
    assume(second is not None)
    spots = [*first, *second]
    number = {spot: n for n, spot in enumerate(spots, start=1)}
    near = {
        number[x, y]: [number[x + dx, y + dy] for dx, dy in beside if (x + dx, y + dy) in number]
        for x, y in spots
    }
    pads = {number[spot]: place(spot, staggered) for spot in spots}
    return pads, frozenset(range(1, size + 1)), near, number


def links_of(pieces, ours):
    return {
        m
        for piece in pieces
        for a, b in itertools.pairwise(piece)
        if (a in ours) != (b in ours)
        for m in (a, b)
    }


def is_straight(pads, piece):
    points = np.array([pads[m] for m in piece])
    steps = np.diff(points, axis=0)
    return np.allclose(steps, steps[0], atol=1e-9)


@given(nodes(most=12))
@settings(max_examples=cases(150))
def test_every_pad_is_joined_and_linked_by_straight_strips_over_neighbours(node):
    pads, ours, near, _ = node
    pieces = fewest_strips(pads, ours, near)
    graph = nx.Graph()
    graph.add_nodes_from(pads)
    for piece in pieces:
        assert len(piece) >= 2
        assert is_straight(pads, piece)
        for a, b in itertools.pairwise(piece):
            assert b in near[a]
            graph.add_edge(a, b)
    assert nx.is_connected(graph)
    can = {m for m in pads if any((o in ours) != (m in ours) for o in near[m])}
    assert can <= links_of(pieces, ours)
    # No strip lies wholly within another.
    assert not any(set(a) <= set(b) for a, b in itertools.permutations(pieces, 2))


def segments_of(number, staggered_near):
    """Every straight row of neighbouring places, by the lattice alone."""
    ways = {
        (b[0] - a[0], b[1] - a[1]) for a in number for b in number if number[b] in staggered_near[number[a]]
    }
    found = set()
    for dx, dy in ways:
        for x, y in number:
            row = [(x, y)]
            while (row[-1][0] + dx, row[-1][1] + dy) in number:
                row.append((row[-1][0] + dx, row[-1][1] + dy))
                found.add(frozenset(number[s] for s in row))
    return sorted(found, key=sorted)


def fewest_by_program(number, ours, near):
    """The least number of pieces, by integer programming with cuts: every pad linked that can be, all in one piece."""
    segments = segments_of(number, near)
    can = {m for m in near if any((o in ours) != (m in ours) for o in near[m])}
    spot = {n: s for s, n in number.items()}

    def order(segment):
        return sorted(segment, key=lambda m: spot[m])

    serves = [links_of([order(s)], ours) for s in segments]
    rows = [[m in s for s in serves] for m in sorted(can)]
    while True:
        done = milp(
            np.ones(len(segments)),
            constraints=LinearConstraint(np.array(rows, dtype=float), lb=1),
            integrality=np.ones(len(segments)),
            bounds=(0, 1),
        )
        chosen = [s for s, x in zip(segments, done.x, strict=True) if x > 0.5]
        graph = nx.Graph()
        graph.add_nodes_from(near)
        for segment in chosen:
            nx.add_path(graph, order(segment))
        parts = list(nx.connected_components(graph))
        if len(parts) == 1:
            return len(chosen)
        rows += [[bool(s & part) and bool(s - part) for s in segments] for part in map(set, parts)]


@pytest.mark.slow
def test_hardly_more_pieces_than_an_integer_program_needs(monkeypatch):
    """Over 120 random tap points of up to 5 cells a group: HiGHS, by SciPy, with the same demands but that of two strips a pad."""
    monkeypatch.setattr(cover, "EVEN_SHARE", 1e9)
    cover._fewest.cache_clear()
    more = Counter()
    dice = np.random.default_rng(7)
    for _ in range(120):
        staggered, size = bool(dice.integers(2)), int(dice.integers(2, 6))
        beside = STAGGERED if staggered else SQUARE
        first = grown(size, [], (0, 0), beside, dice)
        around = sorted({(x + dx, y + dy) for x, y in first for dx, dy in beside} - set(first))
        second = grown(size, first, around[dice.integers(len(around))], beside, dice)
        number = {spot: n for n, spot in enumerate([*first, *second], start=1)}
        near = {
            number[x, y]: [number[x + dx, y + dy] for dx, dy in beside if (x + dx, y + dy) in number]
            for x, y in number
        }
        ours = frozenset(range(1, size + 1))
        pieces = fewest_strips({number[s]: place(s, staggered) for s in number}, ours, near)
        more[len(pieces) - fewest_by_program(number, ours, near)] += 1
    cover._fewest.cache_clear()
    assert min(more) >= 0, "the program's answer is the least there is"
    assert more[0] >= 110, more
    assert max(more) <= 2, more


@pytest.mark.parametrize("parallel", [1, 2, 4, 7])
def test_two_rows_get_a_link_a_cell_and_one_strip_along_a_row(parallel):
    """As a hand lays them: common practice, no source."""
    pads = {n + 1: (PITCH * (n % parallel), PITCH * (n // parallel)) for n in range(2 * parallel)}
    near = {a: [b for b in pads if 0 < np.hypot(*np.subtract(pads[a], pads[b])) < 1.2 * PITCH] for a in pads}
    pieces = fewest_strips(pads, range(1, parallel + 1), near)
    assert sorted(map(len, pieces)) == sorted([2] * parallel + ([parallel] if parallel > 1 else []))


def test_rows_end_to_end_get_one_long_strip():
    pads = {n: (PITCH * n, 0.0) for n in range(1, 9)}
    near = {n: [m for m in (n - 1, n + 1) if m in pads] for n in pads}
    (piece,) = fewest_strips(pads, [1, 2, 3, 4], near)
    assert sorted(piece) == list(pads)


def test_an_overloaded_span_gets_help_and_no_pad_three_strips(monkeypatch):
    """A comb: three of the first group reach the second through one cell only where nothing helps."""
    loads = []
    for limit in (1e9, 1.5):
        monkeypatch.setattr(cover, "EVEN_SHARE", limit)
        cover._fewest.cache_clear()
        spots = [(0, 0), (1, 0), (2, 0), (3, 0), (3, 1), (2, 1), (1, 1), (4, 0)]
        pads = {n: place(s, True) for n, s in enumerate(spots, start=1)}
        near = {
            a: [b for b in pads if 0 < np.hypot(*np.subtract(pads[a], pads[b])) < 1.2 * PITCH] for a in pads
        }
        pieces = fewest_strips(pads, [1, 2, 3, 4], near)
        assert max(Counter(m for p in pieces for m in p).values()) <= MOST_ON_A_PAD
        loads.append(worst_of(pads, [1, 2, 3, 4], pieces))
    cover._fewest.cache_clear()
    assert loads[1] <= loads[0]


def worst_of(pads, ours, pieces):
    """The greatest current in a span, in cells' currents: nodal equations by least squares, no inverse."""
    spans = [span for piece in pieces for span in itertools.pairwise(piece)]
    index = {m: n for n, m in enumerate(pads)}
    incidence = np.zeros((len(spans), len(pads)))
    for n, (a, b) in enumerate(spans):
        incidence[n, index[a]], incidence[n, index[b]] = 1, -1
    siemens = np.diag([1 / np.hypot(*np.subtract(pads[a], pads[b])) for a, b in spans])
    given = np.array([1.0 if m in ours else -len(ours) / (len(pads) - len(ours)) for m in pads])
    volts = np.linalg.lstsq(incidence.T @ siemens @ incidence, given, rcond=None)[0]
    return float(np.abs(siemens @ incidence @ volts).max())


@given(nodes(most=8))
@settings(max_examples=cases(80))
def test_the_load_it_reckons_with_is_that_of_the_nodal_equations(node):
    pads, ours, near, _ = node
    pieces = fewest_strips(pads, ours, near)
    numbers = sorted(pads)
    at = tuple(pads[m] for m in numbers)
    lines = [tuple(numbers.index(m) for m in piece) for piece in pieces]
    made = cover._Node(at, tuple(m in ours for m in numbers), (), lines, [0] * len(lines))
    flow = cover._Flow(made, [cover._Strip(n, 0, len(line) - 1) for n, line in enumerate(lines)])
    assert float(flow.loads.max()) == pytest.approx(worst_of(pads, ours, pieces), rel=1e-6)
    a, b = 0, len(numbers) - 1
    with_one = worst_of(pads, ours, [*pieces, (numbers[a], numbers[b])])
    assert flow.load_with(a, b) == pytest.approx(with_one, rel=1e-6)
