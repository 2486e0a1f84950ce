"""Discs pushed apart, against the densest packings known (E. Specht's tables and Graham, Lubachevsky 1996 for circles; Nurmela,
Östergård 1997 for squares; all values from memory): a hundredth of a per cent to a thousandth more room than those need."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.geometry.plane import hull
from firmcell.core.geometry.region import Region, circle_region, most_cells, rectangle_region
from firmcell.core.geometry.squeeze import squeezed
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.layout.space import wall_of
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Lattice
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import cases

SHELF = shipped_library()
IN_CIRCLE = {
    7: 3.0,
    10: 3.813,
    12: 4.029,
    14: 4.328,
    16: 4.615,
    18: 4.863,
    19: 4.863,
    22: 5.439,
    27: 5.906,
    37: 6.759,
}
"""Radius of the least circle known for so many discs of radius 1."""
IN_SQUARE = {10: 0.148204, 13: 0.133993, 17: 0.117196, 20: 0.111382, 30: 0.091671}
"""Radius of so many discs in a square of side 1."""


def looked_for(region, reach, pitch, count):
    return list(squeezed(region, reach, pitch, count))[-1]


def holds(region, reach, pitch, points):
    apart = np.hypot(*(points[:, None] - points[None]).transpose(2, 0, 1))[np.triu_indices(len(points), 1)]
    return apart.min() >= pitch * (1 - 1e-6) and region.depth(points).min() >= reach - 1e-7


@pytest.mark.parametrize(("count", "radius"), IN_CIRCLE.items())
def test_as_many_discs_in_a_circle_as_are_known_to_fit(count, radius):
    region = circle_region(2 * radius * 0.01 * 1.001)
    found = looked_for(region, 0.01, 0.02, count)
    assert found is not None
    assert len(found) == count
    assert holds(region, 0.01, 0.02, found)


@pytest.mark.parametrize(("count", "radius"), IN_SQUARE.items())
def test_as_many_discs_in_a_square_as_are_known_to_fit(count, radius):
    side = 0.01 / radius * 1.001
    region = rectangle_region(side, side)
    found = looked_for(region, 0.01, 0.02, count)
    assert found is not None
    assert holds(region, 0.01, 0.02, found)


@pytest.mark.parametrize(("count", "radius"), [(7, 3.0), (12, 4.029), (19, 4.863)])
def test_never_more_than_there_can_be(count, radius):
    """A circle a hundredth too small for so many, each proven or held to be optimal."""
    assert looked_for(circle_region(2 * radius * 0.01 * 0.99), 0.01, 0.02, count) is None


@given(
    st.lists(st.tuples(st.floats(-0.06, 0.06), st.floats(-0.06, 0.06)), min_size=3, max_size=7),
    st.integers(2, 14),
)
@settings(max_examples=cases(40))
def test_what_is_found_in_any_outline_holds(corners, count):
    ring = hull(np.array(corners))
    if len(ring) < 3 or np.ptp(ring, axis=0).min() < 0.02:
        return
    region = Region(ring)
    if count > most_cells(region, 0.009, 0.018):
        return
    found = looked_for(region, 0.009, 0.018, count)
    assert found is None or holds(region, 0.009, 0.018, found)


def round_space(series, parallel, diameter_m):
    return hoist_in_rows(SHELF).with_edits(
        ("series", series), ("parallel", parallel), ("brief.space", SpaceShape.CYLINDER), ("brief.blocked", ()),
        ("brief.box_length_m", diameter_m), ("brief.box_width_m", diameter_m),
    )  # fmt: skip


def test_nineteen_cells_stand_in_a_circle_that_no_lattice_fills():
    """The ring of twelve about six about one needs 4.864 cell radii; a lattice of nineteen needs 5."""
    design = round_space(19, 1, 0.1)
    cell = design.cell.largest_m[0]
    room = 4.863703 * cell * 1.002 + 2 * wall_of(design)
    design = design.with_edits(("brief.box_length_m", room), ("brief.box_width_m", room))
    found = laid_out(arrange(design, seed=1, effort=0.3, trials=False))
    assert found.arrangement.lattice is Lattice.FREE
    points = np.array([(p.x_m, p.y_m) for p in found.arrangement.placed])
    assert len(points) == 19
    assert holds(circle_region(room), cell / 2 + wall_of(design), cell, points)
    # A hundredth less room: it is refused, and the sentence says that seventeen find a place (eighteen need as large a circle as nineteen).
    tight = design.with_edits(("brief.box_length_m", room * 0.985), ("brief.box_width_m", room * 0.985))
    with pytest.raises(Refusal, match="free 17"):
        laid_out(arrange(tight, seed=1, effort=0.3, trials=False))


def test_while_it_pushes_it_can_be_stopped_after_every_start():
    tight = round_space(19, 1, 0.1)
    room = 4.863703 * tight.cell.largest_m[0] * 0.985 + 2 * wall_of(tight)
    steps = arrange(tight.with_edits(("brief.box_length_m", room), ("brief.box_width_m", room)), seed=1)
    words = [next(steps).words for _ in range(10)]
    steps.close()
    assert words.count("pushing cells together") >= 5
    assert "impossible" in words[0]
