"""Prismatic and pouch cells in lines beside each other: where one line turns into the next, the two terminals to be joined
lie side by side."""

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.changes.by_hand import layout_of
from firmcell.core.model.design import Arrangement
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Strip
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
FLAT = [c for c in SHELF.cells if not c.is_round]
NARROW, BAR = (
    part_named(SHELF, Strip, "pure nickel strip 0.1 × 5"),
    part_named(SHELF, Strip, "copper bar 2 × 15"),
)


def pack(cell, series, parallel, rows):
    strip = BAR if cell.diameter_m > 0.02 else NARROW
    return hoist_in_rows(SHELF).with_edits(
        ("cell", cell), ("series", series), ("parallel", parallel), ("arrangement", Arrangement(rows=rows)),
        ("joining.joined_by", JoinedBy.SCREW if strip is BAR else JoinedBy.WELD), ("joining.link_strip", strip),
        ("joining.collector_strip", strip), ("joining.link_layers", 1), ("joining.collector_layers", 1),
    )  # fmt: skip


@pytest.mark.parametrize("cell", FLAT, ids=lambda c: c.name)
@pytest.mark.parametrize(
    ("series", "parallel", "rows"), [(8, 1, 2), (7, 1, 2), (9, 1, 3), (15, 1, 3), (8, 2, 2), (4, 3, 2)]
)
def test_every_group_is_linked_and_nothing_crosses(cell, series, parallel, rows):
    design = pack(cell, series, parallel, rows)
    layout = layout_of(design)
    assert min(layout.links) >= 1
    assert analyse(design, SHELF).open_at is None
    assert not {"SR-7", "SR-8", "LY-6", "LY-10"} & set(found(design, SHELF))
    # By hand: each link spans one thickness, but at a turn from terminal to terminal of the two lines.
    lines = sorted({round(c.y_m, 6) for c in layout.cells})
    assert len(lines) == rows
    across = layout.width_pitch_m - 2 * layout.terminal_m
    for low in range(1, series):
        ends = [
            np.hypot(*np.subtract(layout.pad(a, True), layout.pad(b, False)))
            for a in layout.group_cells(low)
            for b in layout.group_cells(low + 1)
        ]
        turn = {round(c.y_m, 6) for g in (low, low + 1) for c in layout.group_cells(g)}
        assert min(ends) == pytest.approx(across if len(turn) > 1 else layout.pitch_m, rel=0.01)


def test_lines_of_even_length_cannot_turn_twice_and_it_is_told():
    """Six cells in three lines of two: after the first turn the next faces away, whichever way the first is put."""
    design = pack(FLAT[0], 6, 1, 3)
    assert "No cell of groups 4 and 5" in found(design, SHELF)["LY-6"].sentence


def test_a_single_line_alternates_from_the_first_as_it_was_asked_for():
    for first in (True, False):
        design = pack(FLAT[0], 6, 2, 1).edited("arrangement.first_positive_up", first)
        assert [c.positive_up for c in layout_of(design).cells] == [
            first ^ (g % 2 == 1) for g in range(6) for _ in range(2)
        ]
