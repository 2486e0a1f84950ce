"""Cells folded end to end: lengths by hand, the sleeve round a circle, the tube it goes into, the step, and what cannot be
folded."""

from math import pi

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.by_hand import placed_cells
from firmcell.core.jobs import steps_of
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import BoardPlace, Lie, StripStyle
from firmcell.core.model.parts import Sleeve
from firmcell.core.pictures.drawing import Area
from firmcell.core.pictures.section import section_drawing
from firmcell.core.pictures.templates import templates
from firmcell.store.demo import hay_loft_lantern
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
LANTERN = hay_loft_lantern(SHELF)


def stick(series=5, parallel=1, *edits):
    return LANTERN.with_edits(
        ("arrangement.lie", Lie.STICK), ("arrangement.placed", ()), ("series", series), ("parallel", parallel),
        ("brief.space", SpaceShape.CYLINDER), ("brief.box_length_m", 0.05), ("brief.box_width_m", 0.05),
        ("brief.box_height_m", 0.4), ("insulation.cross_sleeve", None), *edits,
    )  # fmt: skip


@pytest.mark.parametrize("series", [1, 2, 5, 8])
def test_the_folded_length_is_cells_and_folds(series):
    design = stick(series)
    cell, insulation = design.cell, design.insulation
    one = cell.length_m + cell.length_tolerance_m
    envelope = analyse(design, SHELF).insulation.envelope
    # By hand: the cells, 2 mm a fold, and at both ends less than a millimetre of metal, sheet and tape.
    bare = (
        series * one + (series - 1) * 0.002 + 2 * (insulation.sheet_m + insulation.tape_m + insulation.foam_m)
    )
    assert bare < envelope.bare_length_m < bare + 0.002
    assert envelope.bare_width_m == pytest.approx(
        cell.diameter_m + cell.diameter_tolerance_m + 2 * insulation.side_m
    )


def test_the_sleeve_goes_round_the_cells_and_not_round_a_box():
    design = stick(5)
    sleeve = analyse(design, SHELF).insulation.sleeve
    round_ = pi * (design.cell.diameter_m + design.cell.diameter_tolerance_m + 2 * design.insulation.side_m)
    assert sleeve.around_m == pytest.approx(round_, rel=1e-6)
    two = analyse(stick(5, 2), SHELF).insulation.sleeve
    assert two.around_m == pytest.approx(round_ + 2 * round_ / pi, rel=0.05)
    # A sleeve of 75 mm flat shrinks to 37.5 mm: round a square of the same width it would grip, round the cells it is loose.
    wide = part_named(SHELF, Sleeve, "pack sleeve 75 mm flat")
    assert "stays loose" in found(design.edited("insulation.sleeve", wide), SHELF)["IN-1"].sentence


def test_a_tube_must_be_as_long_and_as_wide_as_the_stick():
    design = stick(5)
    need = analyse(design, SHELF).insulation.envelope
    clear = 2 * design.brief.clearance_m
    for extra, fits in ((1e-4, True), (-1e-4, False)):
        long = design.edited("brief.box_height_m", need.length_m + clear + extra)
        assert ("LY-4" not in found(long, SHELF)) is fits
        wide = need.height_m + clear + extra
        thin = design.with_edits(("brief.box_length_m", wide), ("brief.box_width_m", wide))
        assert ("LY-4" not in found(thin, SHELF)) is fits


def test_a_board_on_the_stick_must_pass_the_tube_by_its_corners():
    """Stick and board are as high as the tube less 2 mm, and would pass by their height alone."""
    board = next(b for b in SHELF.boards if b.series == 5)
    design = stick(5, 1, ("bms.board", board), ("bms.place", BoardPlace.TOP))
    outer = analyse(design, SHELF).insulation.envelope
    tube = outer.height_m + 2 * design.brief.clearance_m + 0.002
    thin = design.with_edits(("brief.box_length_m", tube), ("brief.box_width_m", tube))
    assert "LY-4" in found(thin, SHELF)
    corner = np.hypot(outer.width_m, outer.height_m) + 2 * design.brief.clearance_m + 1e-4
    wide = design.with_edits(("brief.box_length_m", corner), ("brief.box_width_m", corner))
    assert "LY-4" not in found(wide, SHELF)


def test_in_a_box_the_stick_lies_along_the_longest_side():
    lying = stick(5, 1, ("brief.space", SpaceShape.BOX), ("brief.box_length_m", 0.03), ("brief.box_width_m", 0.3), ("brief.box_height_m", 0.03))  # fmt: skip
    assert analyse(lying, SHELF).insulation.envelope.fits


@pytest.mark.parametrize(("series", "parallel"), [(5, 1), (6, 1), (4, 2), (3, 3)])
def test_every_cell_of_a_group_has_its_tab_and_the_row_alternates(series, parallel):
    layout = analyse(stick(series, parallel), SHELF).layout
    assert layout.links == (parallel,) * (series - 1)
    assert layout.rows == parallel
    # The open row leaves the tabs length to fold: at least a diameter and 3 mm from middle to middle.
    xs = np.unique(np.round(layout.points_m[:, 0], 6))
    cell = stick().cell
    assert np.diff(xs) == pytest.approx(
        np.full(series - 1, cell.diameter_m + cell.diameter_tolerance_m + 0.003)
    )


def test_folding_is_a_step_after_joining_that_must_be_passed():
    steps = steps_of(stick(5), analyse(stick(5), SHELF))
    codes = [s.code for s in steps]
    fold = next(s for s in steps if s.code == "fold-stick")
    assert codes.index("measure-total") < codes.index("fold-stick") < codes.index("lead-minus")
    assert fold.hold
    assert any("shorts that cell" in words for words in fold.cautions)
    assert "cover-top" not in codes
    standing = stick(5).edited("arrangement.lie", Lie.STANDING)
    assert "fold-stick" not in [s.code for s in steps_of(standing, analyse(standing, SHELF))]


def test_the_section_shows_the_stick_as_long_as_it_is():
    design = stick(5)
    drawing = section_drawing(design, analyse(design, SHELF))
    bodies = [np.array(s.points) for s in drawing.shapes if isinstance(s, Area) and s.role == "cell.body"]
    assert len(bodies) == 5
    whole = np.vstack(bodies)
    assert np.ptp(whole[:, 0]) == pytest.approx(5 * design.cell.length_m * 1e3 + 4 * 2.0)
    assert np.ptp(whole[:, 1]) == pytest.approx(design.cell.diameter_m * 1e3)
    assert templates(design, analyse(design, SHELF))


def test_what_cannot_be_folded_is_stopped_and_mended():
    good = stick(5)
    assert "LY-16" not in found(good, SHELF)
    flat = next(c for c in SHELF.cells if not c.is_round)
    for bad in (
        good.edited("arrangement.layers", 2),
        good.edited("arrangement.split_gap_m", 0.01),
        good.edited("joining.style", StripStyle.PLATES),
        good.edited("joining.ladder_strip", SHELF.strips[-1]),
        good.edited("cell", flat),
        good.edited("arrangement.placed", placed_cells(good)),
    ):
        finding = found(bad, SHELF)["LY-16"]
        assert "LY-16" not in found(bad.with_edits(*finding.fix.edits), SHELF), finding.sentence


def test_stiff_tabs_are_told_and_made_thinner():
    thick = stick(5, 1, ("joining.link_layers", 4))
    finding = found(thick, SHELF)["SR-21"]
    assert "SR-21" not in found(thick.with_edits(*finding.fix.edits), SHELF)


def test_there_is_nothing_to_look_for():
    with pytest.raises(Refusal, match="one after the other"):
        laid_out(arrange(stick(5)))
