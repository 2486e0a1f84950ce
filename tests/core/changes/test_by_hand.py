"""Edits by hand go through states that no engine would make; each is told, and none breaks the program."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import steps_of
from firmcell.core.model.design import Face, StripStyle
from firmcell.core.pictures.face import face_drawing
from firmcell.core.strips.under_load import solve_under_load
from tests.conftest import found


@pytest.mark.parametrize("style", StripStyle)
@pytest.mark.parametrize("empty", [{1}, {10}, {5}, {1, 2}, {9, 10}, {4, 5, 6}])
def test_groups_painted_empty_are_told_and_nothing_fails(odd_hoist, library, empty, style):
    """Painting goes through such states; each screen shows them, and LY-11 says which group has no cell."""
    other = next(g for g in (3, 7) if g not in empty)
    placed = tuple(
        p.model_copy(update={"group": other}) if p.group in empty else p for p in odd_hoist.arrangement.placed
    )
    design = odd_hoist.with_edits(("arrangement.placed", placed), ("joining.style", style))
    analysis = analyse(design, library)
    told = found(design, library)["LY-11"].sentence.lower()
    assert all(f"group {g} has 0" in told for g in empty)
    assert len(analysis.bms.taps) == 11
    assert steps_of(design, analysis)
    assert all(face_drawing(design, analysis, face).shapes for face in Face)
    solve_under_load(design, analysis.layout, 600.0)
