"""A ladder by one stroke, and the strips of one tap point repeated at others."""

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.by_hand import draw_strip, layout_of, remove_strip
from firmcell.core.changes.many_strips import ladder_stroke, repeat_metal
from firmcell.core.model.design import Arrangement, Face, Lattice
from firmcell.core.strips.runs import StripKind, strip_runs
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
ROWS = hoist_in_rows(SHELF).edited("arrangement", Arrangement(rows=4, lattice=Lattice.SQUARE))


def runs_at(design, node):
    return [r for r in strip_runs(layout_of(design)) if r.node == node]


def bare(design, node):
    """`design` with all strips of a tap point left out."""
    for run in runs_at(design, node):
        design = design.with_edits(*remove_strip(design, run.id).edits)
    assert not runs_at(design, node)
    return design


def test_a_ladder_stroke_joins_all_that_was_bare():
    layout = layout_of(ROWS)
    design = bare(ROWS, 3)
    assert "SR-7" in found(design, SHELF)
    face = next(r.face for r in runs_at(ROWS, 3))
    cells = [c.number for g in (3, 4) for c in layout.group_cells(g)]
    laid = design.with_edits(*ladder_stroke(design, face, cells).edits)
    assert "SR-7" not in found(laid, SHELF)
    # Two rails of four and four rungs, by hand.
    assert sorted(len(r.cells) for r in runs_at(laid, 3)) == [2, 2, 2, 2, 4, 4]


def test_a_ladder_stroke_takes_the_place_of_what_joined_these_cells_otherwise():
    layout = layout_of(ROWS)
    face = next(r.face for r in runs_at(ROWS, 5))
    cells = [c.number for g in (5, 6) for c in layout.group_cells(g)]
    wrong = ROWS.with_edits(*draw_strip(ROWS, face, [cells[0], cells[1]]).edits)
    laid = wrong.with_edits(*ladder_stroke(wrong, face, cells).edits)
    assert sorted(len(r.cells) for r in runs_at(laid, 5)) == [2, 2, 2, 2, 4, 4]


def test_cells_that_do_not_meet_on_this_face_are_refused():
    layout = layout_of(ROWS)
    face = next(r.face for r in runs_at(ROWS, 3))
    cells = [c.number for g in (3, 4) for c in layout.group_cells(g)]
    for cells_, on in (
        ([c.number for c in layout.group_cells(3)], face),
        (cells, face.other),
        ([], Face.TOP),
    ):
        with pytest.raises(Refusal, match="two groups that follow"):
            ladder_stroke(ROWS, on, cells_)


@pytest.mark.parametrize("to", [4, 5, 8])
def test_a_tap_point_repeats_what_was_changed_at_another(to):
    """Of the rungs one is left out; at the other tap point the one in the same place goes, on either face."""
    rung = next(r for r in runs_at(ROWS, 2) if r.kind is StripKind.LINK)
    changed = ROWS.with_edits(*remove_strip(ROWS, rung.id).edits)
    edit = repeat_metal(changed, 2, to)
    repeated = changed.with_edits(*edit.edits)
    before, now = runs_at(ROWS, to), runs_at(repeated, to)
    assert sorted(len(r.cells) for r in now) == sorted(len(r.cells) for r in runs_at(changed, 2))
    gone = {frozenset(r.cells) for r in before} - {frozenset(r.cells) for r in now}
    assert gone
    assert all(len(cells) == 2 for cells in gone), "a rung, no rail"
    assert all(runs_at(repeated, n) == runs_at(changed, n) for n in range(11) if n != to)
    # Repeated once more nothing changes.
    again = repeated.with_edits(*repeat_metal(repeated, 2, to).edits)
    assert [r.cells for r in runs_at(again, to)] == [r.cells for r in now]


def test_pads_that_do_not_lie_alike_are_refused():
    with pytest.raises(Refusal, match="do not lie as those of B2"):
        repeat_metal(ROWS, 2, 0)
    uneven = ROWS.edited("arrangement", Arrangement(rows=3, lattice=Lattice.SQUARE))
    refused = 0
    for to in range(2, 10):
        try:
            repeat_metal(uneven, 1, to)
        except Refusal:
            refused += 1
    assert refused > 0
