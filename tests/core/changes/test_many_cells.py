"""Edits of many cells at once: geometry by hand, and what must hold whatever is picked."""

from itertools import pairwise

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes import many_cells as many
from firmcell.core.changes.by_hand import layout_of, placed_cells, remove_strip
from firmcell.core.jobs import steps_of
from firmcell.core.model.design import Arrangement, Face, Lattice, StripStyle
from firmcell.core.model.parts import Strip
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.templates import templates
from firmcell.core.strips.runs import StripKind, metal_runs
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
LADDER = part_named(SHELF, Strip, "nickel ladder strip 0.15 × 27")
ROWS = hoist_in_rows(SHELF).edited("arrangement", Arrangement(rows=4, lattice=Lattice.SQUARE))
PITCH = layout_of(ROWS).pitch_m
SOME = st.lists(st.integers(1, 40), min_size=1, max_size=12, unique=True)


def after(edit, design=ROWS):
    return design.with_edits(*edit.edits)


def places(design):
    return np.array([(c.x_m, c.y_m) for c in placed_cells(design)])


def least_apart(design):
    points = places(design)
    apart = np.hypot(*(points[:, None] - points[None]).transpose(2, 0, 1))
    return apart[np.triu_indices(len(points), 1)].min()


@given(SOME, st.booleans())
def test_twice_mirrored_is_as_before_and_once_keeps_the_frame(numbers, left_right):
    once = after(many.mirror_cells(ROWS, numbers, left_right))
    assert places(after(many.mirror_cells(once, numbers, left_right), once)) == pytest.approx(places(ROWS))
    index = np.array(numbers) - 1
    for end in (np.min, np.max):
        assert end(places(once)[index], axis=0) == pytest.approx(end(places(ROWS)[index], axis=0))


@given(SOME)
def test_four_quarter_turns_are_none_and_one_keeps_distances(numbers):
    turned, index = ROWS, np.array(numbers) - 1
    for _ in range(4):
        turned = after(many.quarter_turn(turned, numbers), turned)
        mine, were = places(turned)[index], places(ROWS)[index]
        assert np.hypot(*(mine - mine[0]).T) == pytest.approx(np.hypot(*(were - were[0]).T))
    assert places(turned) == pytest.approx(places(ROWS))


def test_a_quarter_turn_is_anticlockwise():
    """Two cells level beside each other come to stand one over the other, the right one above."""
    row = many.row_of(ROWS, 1)[:2]
    turned = places(after(many.quarter_turn(ROWS, row)))
    left, right = turned[row[0] - 1], turned[row[1] - 1]
    assert left[0] == pytest.approx(right[0])
    assert right[1] - left[1] == pytest.approx(PITCH)


@given(SOME, st.floats(-0.03, 0.03), st.floats(-0.03, 0.03))
def test_cells_that_are_let_go_beside_others_touch_and_never_overlap_where_they_did_not(numbers, dx, dy):
    """The whole pack's first row is carried off clear of the rest and let go anywhere near."""
    away = after(many.move_cells(ROWS, numbers, 0.0, 0.2, snap=False))
    index = np.array(numbers) - 1
    assert places(away)[index] - places(ROWS)[index] == pytest.approx(np.array([[0.0, 0.2]] * len(numbers)))
    back = after(many.move_cells(away, numbers, dx, dy - 0.2), away)
    moved = places(back)[index] - places(away)[index]
    assert moved == pytest.approx(np.repeat(moved[:1], len(moved), axis=0)), "they keep together"
    free = after(many.move_cells(away, numbers, dx, dy - 0.2, snap=False), away)
    if least_apart(free) >= PITCH - 1e-5:
        assert least_apart(back) >= PITCH - 1e-4


def test_a_row_let_go_half_a_cell_off_falls_back_into_its_lattice():
    row = many.row_of(ROWS, 1)
    top = max(places(ROWS)[:, 1])
    row = next(
        r
        for r in (many.row_of(ROWS, n) for n in range(1, 41))
        if places(ROWS)[r[0] - 1][1] == pytest.approx(top)
    )
    off = after(many.move_cells(ROWS, row, 0.003, 0.004, snap=False))
    back = after(many.touch_cells(off, row), off)
    # Square on the row below, or staggered into it: whichever is nearer; all ten touch.
    assert least_apart(back) == pytest.approx(PITCH, abs=1e-5)
    layout = layout_of(back)
    assert all(any(m not in row for m in layout.adjacency[n]) for n in row[1:-1])


def test_lined_up_cells_touch_in_one_straight_row():
    crooked = after(many.move_cells(ROWS, [6], 0.002, 0.006, snap=False))
    row = [5, 6, 7]
    points = places(after(many.align_cells(crooked, row), crooked))[[4, 5, 6]]
    assert np.ptp(points, axis=0).min() == pytest.approx(0.0, abs=1e-9)
    steps = np.diff(points[np.lexsort(points.T)], axis=0)
    assert np.hypot(*steps.T) == pytest.approx([PITCH, PITCH])


def test_a_whole_group_is_copied_as_a_group_more_and_deleted_again():
    group = [c.number for c in layout_of(ROWS).group_cells(10)]
    more = after(many.copy_cells(ROWS, group, PITCH, 0.0))
    assert (more.series, more.parallel, more.cell_count) == (11, 4, 44)
    layout = layout_of(more)
    assert layout.group_up(11) is not layout.group_up(10)
    assert layout.links[-1] == 4, "it stands beside the last group, so each cell has a link"
    fewer = after(many.delete_cells(more, range(41, 45)), more)
    assert placed_cells(fewer) == placed_cells(ROWS)


def test_a_group_deleted_in_the_middle_leaves_the_rest_in_turn():
    group = [c.number for c in layout_of(ROWS).group_cells(4)]
    kept = after(many.delete_cells(ROWS, group))
    layout = layout_of(kept)
    assert (kept.series, len(layout.cells)) == (9, 36)
    ups = [layout.group_up(g) for g in range(1, 10)]
    assert all(a is not b for a, b in pairwise(ups))
    assert len(kept.arrangement.spare_m) == 4


def test_one_cell_of_every_group_makes_the_pack_narrower_and_odd_cells_are_refused():
    layout = layout_of(ROWS)
    firsts = [layout.group_cells(g)[0].number for g in range(1, 11)]
    kept = after(many.delete_cells(ROWS, firsts))
    assert (kept.series, kept.parallel) == (10, 3)
    for call in (lambda: many.delete_cells(ROWS, [1, 2]), lambda: many.copy_cells(ROWS, [1, 2], 0.1, 0.0)):
        with pytest.raises(Refusal, match="as many cells in every group"):
            call()
    with pytest.raises(Refusal, match="at least must be left"):
        many.delete_cells(ROWS, range(1, 41))
    with pytest.raises(Refusal, match="Pick cells first"):
        many.align_cells(ROWS, [])


def test_what_was_set_for_single_cells_goes_with_their_new_numbers():
    measured = tuple(0.02 + n / 1e4 for n in range(40))
    design = ROWS.with_edits(("joining.doubled", (2, 9)), ("measured_ohm", measured))
    run = next(
        r for r in metal_runs(layout_of(design), design.joining) if r.node == 9 and r.kind is StripKind.LINK
    )
    design = after(remove_strip(design, run.id), design)
    group = [c.number for c in layout_of(ROWS).group_cells(1)]
    kept = after(many.delete_cells(design, group), design)
    assert group == [1, 2, 3, 4]
    assert kept.joining.doubled == (5,)
    assert kept.measured_ohm == measured[4:]
    assert [r.cells for r in kept.arrangement.removed] == [tuple(n - 4 for n in run.cells)]


@given(st.permutations(range(1, 11)))
def test_groups_are_numbered_in_the_order_of_the_stroke(order):
    layout = layout_of(ROWS)
    stroke = [layout.group_cells(g)[1].number for g in order]
    edit = many.number_groups(ROWS, stroke)
    if list(order) == list(range(1, 11)):
        assert edit is None
        return
    now = layout_of(after(edit))
    for place, group in enumerate(order, start=1):
        assert {c.number for c in now.group_cells(place)} == {c.number for c in layout.group_cells(group)}
        assert now.group_up(place) is (now.group_up(1) if place % 2 else not now.group_up(1))


def test_groups_that_the_stroke_did_not_touch_follow_in_their_order():
    layout = layout_of(ROWS)
    edit = many.number_groups(ROWS, [layout.group_cells(g)[0].number for g in (10, 9)])
    now = layout_of(after(edit))
    sets = {frozenset(c.number for c in layout.group_cells(g)): g for g in range(1, 11)}
    assert [sets[frozenset(c.number for c in now.group_cells(g))] for g in range(1, 11)] == [
        10,
        9,
        *range(1, 9),
    ]


@given(
    st.lists(
        st.tuples(st.integers(1, 40), st.integers(1, 40), st.sampled_from([0.0, 1e-9, 1e-4, 0.003])),
        min_size=1,
        max_size=8,
    ),
    st.sampled_from(list(StripStyle)),
    st.booleans(),
)
def test_cells_put_into_one_another_are_told_and_break_nothing(moved, style, laddered):
    """A mirrored row may come to lie in another: everything is still drawn, planned and judged."""
    cells = list(placed_cells(ROWS))
    for which, other, beside in moved:
        at = cells[other - 1]
        cells[which - 1] = cells[which - 1].model_copy(update={"x_m": at.x_m + beside, "y_m": at.y_m})
    design = ROWS.with_edits(("arrangement.placed", tuple(cells)), ("joining.style", style), ("joining.ladder_strip", LADDER if laddered else None))  # fmt: skip
    analysis = analyse(design, SHELF)
    for face in Face:
        assert face_drawing(design, analysis, face).shapes
    templates(design, analysis)
    assert steps_of(design, analysis)
    stops = [f for f in found(design, SHELF).values() if f.severity is Severity.STOP]
    assert stops or least_apart(design) > 0.99 * PITCH


@given(st.floats(0.06, 0.6), st.integers(0, 3))
def test_a_row_bent_into_an_arc_lies_on_its_radius_and_still_touches(radius, which):
    rows = sorted(
        {tuple(many.row_of(ROWS, n)) for n in range(1, 41)}, key=lambda r: places(ROWS)[r[0] - 1][1]
    )
    row = list(rows[which])
    if 2 * np.pi < 10 * 2 * np.arcsin(PITCH / (2 * radius)):
        with pytest.raises(Refusal, match="in a row go round"):
            many.bend_cells(ROWS, row, radius)
        return
    bent = places(after(many.bend_cells(ROWS, row, radius)))[np.array(row) - 1]
    middle = np.array([places(ROWS)[np.array(row) - 1][:, 0].mean(), places(ROWS)[row[0] - 1][1] - radius])
    assert np.hypot(*(bent - middle).T) == pytest.approx(np.full(10, radius))
    assert np.hypot(*np.diff(bent, axis=0).T) == pytest.approx(np.full(9, PITCH))


def test_a_single_row_in_an_arc_is_a_pack_with_every_link():
    """Ten cells in series, bent round 150 mm: from brief to template, no cell without its link and nothing too near."""
    row = ROWS.with_edits(("parallel", 1), ("arrangement", Arrangement(rows=1)), ("brief.space", "box"))
    bent = after(many.bend_cells(row, range(1, 11), 0.15), row)
    assert layout_of(bent).links == (1,) * 9
    told = found(bent, SHELF)
    assert not {"SR-7", "SR-8", "LY-6", "LY-10"} & set(told)
    assert templates(bent, analyse(bent, SHELF))


def test_too_tight_an_arc_is_refused():
    with pytest.raises(Refusal, match="at least 2"):
        many.bend_cells(ROWS, many.row_of(ROWS, 1), 0.01)


def test_a_free_place_that_cells_are_moved_on_to_is_free_no_longer():
    row = many.row_of(ROWS, 1)
    x, y = places(ROWS)[0] + [0.0, 0.2]
    design = ROWS.edited("arrangement.spare_m", ((x, y, 1), (0.5, 0.5, 1)))
    moved = after(many.move_cells(design, row, 0.0, 0.2, snap=False), design)
    assert moved.arrangement.spare_m == ((0.5, 0.5, 1),)


def test_what_is_given_up_is_said():
    group = [c.number for c in layout_of(ROWS).group_cells(10)]
    measured = ROWS.edited("measured_ohm", (0.02,) * 40)
    assert "measured resistances are given up" in many.copy_cells(measured, group, PITCH, 0.0).words
    assert "given up" not in many.copy_cells(ROWS, group, PITCH, 0.0).words
    run = metal_runs(layout_of(ROWS), ROWS.joining)[4]
    changed = after(remove_strip(ROWS, run.id))
    assert "strips by hand are given up" in many.number_groups(changed, [40, 1]).words
