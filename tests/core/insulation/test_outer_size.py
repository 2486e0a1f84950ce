"""Outer size and sleeves: by hand, against shapely, and common practice."""

import pytest
from shapely.geometry import MultiPoint, box

from firmcell.core.analysis.analyse import analyse
from firmcell.core.insulation.outer_size import fit_sleeve, flat_width_needed, next_stock_size
from firmcell.core.model.design import BoardPlace
from firmcell.core.model.parts import Sleeve
from firmcell.store.demo import DEMO_JOBS


def test_outer_size_by_hand(hoist, hoist_analysis):
    """Length 10 × 21.4 + 2 × 0.5 side + 9 board + 0.25 sheet = 224.25 bare, + 2 × 0.3 cross sleeve = 224.85 mm."""
    e = hoist_analysis.insulation.envelope
    assert e.bare_length_m == pytest.approx(0.22425)
    assert e.length_m == pytest.approx(0.22485)
    assert e.bare_width_m == pytest.approx(4 * 0.0214 + 0.001)
    # 70.3 + 0.3 cell, twice (2 × 2 × 0.15 strip where links cross parallel strips, 0.25 sheet, 0.06 tape).
    assert e.bare_height_m == pytest.approx(0.0706 + 2 * (0.0006 + 0.00031))
    assert e.margin_width_m == pytest.approx(0.110 - 0.002 - e.width_m)


def test_outer_size_holds_every_cell(library):
    for _, make in DEMO_JOBS.values():
        design = make(library)
        analysis = analyse(design, library)
        e = analysis.insulation.envelope
        hull = MultiPoint([(c.x_m, c.y_m) for c in analysis.layout.cells]).convex_hull.buffer(
            design.cell.diameter_m / 2
        )
        x0, y0, x1, y1 = hull.bounds
        assert x1 - x0 <= e.bare_length_m
        assert y1 - y0 <= e.bare_width_m


def test_board_on_top_makes_it_higher_and_outside_neither(hoist, library):
    sizes = {}
    for place in BoardPlace:
        e = analyse(hoist.edited("bms.place", place), library).insulation.envelope
        sizes[place] = (e.bare_length_m, e.bare_height_m)
    board, sheet = hoist.bms.board.height_m, hoist.insulation.sheet_m
    assert sizes[BoardPlace.END][0] - sizes[BoardPlace.OUTSIDE][0] == pytest.approx(board + sheet)
    assert sizes[BoardPlace.TOP][1] - sizes[BoardPlace.OUTSIDE][1] == pytest.approx(board + sheet)


def test_flat_width_is_half_the_perimeter_of_shapely():
    section = box(0, 0, 0.0872, 0.0722)
    assert flat_width_needed(0.0872, 0.0722) - 0.002 == pytest.approx(section.length / 2)


def test_common_practice_105_mm_sleeve_holds_six_cells_in_a_row_of_three():
    """Common practice, no source: a 105 mm flat sleeve held a six-cell pack; two by three 18 mm cells, 65 mm high:
    W + H = 3 × 18.5 or 2 × 18.5 + 65 = 102 mm, so 105 is the next size that slides on."""
    sleeves = tuple(Sleeve(name=str(f), flat_width_m=f / 1e3) for f in (85, 95, 105, 120, 140))
    assert next_stock_size(sleeves, 2 * 0.0185, 0.065).name == "105"


def test_sleeve_that_cannot_grip_is_refused():
    fit = fit_sleeve(Sleeve(name="s", flat_width_m=0.4), 0.08, 0.07, 0.2, 0.01)
    assert fit.slides_on
    assert not fit.grips
    assert fit.cut_length_m == pytest.approx(0.22 / 0.9)
