"""Cells that lie along a space given by its cross-section: a frame tube with a hump, a round tube flattened below."""

import numpy as np
import pytest
from shapely.geometry import Point, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.layout.space import wall_of
from firmcell.core.model.brief import Blocked, SpaceShape
from firmcell.core.model.design import Lie
from firmcell.core.pictures.templates import templates
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
HUMP = (
    (0.0, 0.0),
    (0.12, 0.0),
    (0.12, 0.035),
    (0.085, 0.035),
    (0.085, 0.075),
    (0.035, 0.075),
    (0.035, 0.035),
    (0.0, 0.035),
)
DOWN_TUBE = tuple(
    (0.05 + 0.05 * np.cos(a), max(0.05 + 0.05 * np.sin(a), 0.012))
    for a in np.linspace(0, 2 * np.pi, 40, endpoint=False)
)


def lying_in(profile, series, parallel, *edits):
    return hoist_in_rows(SHELF).with_edits(
        ("series", series), ("parallel", parallel), ("brief.space", SpaceShape.PROFILE), ("brief.outline_m", profile),
        ("brief.box_length_m", 0.09), ("brief.blocked", ()), ("arrangement.lie", Lie.ALONG), ("bms.board", None),
        ("insulation.sleeve", None), ("insulation.cross_sleeve", None), ("brief.mass_limit_kg", None), *edits,
    )  # fmt: skip


@pytest.mark.parametrize(
    ("profile", "series", "parallel"), [(HUMP, 4, 2), (DOWN_TUBE, 5, 2), (DOWN_TUBE, 3, 3)]
)
def test_every_cell_lies_inside_the_cross_section(profile, series, parallel):
    brief = lying_in(profile, series, parallel)
    design = brief.edited("arrangement", laid_out(arrange(brief, effort=0.3, trials=False)).arrangement)
    ring = np.array(profile)
    inside = Polygon(ring - (ring.min(axis=0) + ring.max(axis=0)) / 2)
    radius = design.cell.largest_m[0] / 2 + wall_of(design)
    for cell in design.arrangement.placed:
        assert inside.buffer(1e-6).contains(Point(cell.x_m, cell.y_m).buffer(radius - 1e-5))
    told = found(design, SHELF)
    assert not {"LY-4", "LY-10", "LY-17", "SR-7", "SR-8"} & set(told), told
    assert templates(design, analyse(design, SHELF))


def test_the_hump_is_used_and_its_shoulders_are_not():
    """Two levels: more cells below than in the hump above, none where the lid is low."""
    brief = lying_in(HUMP, 4, 2)
    placed = laid_out(arrange(brief, effort=0.3, trials=False)).arrangement.placed
    high = [c for c in placed if c.y_m > 0]
    assert high
    assert all(abs(c.x_m) < 0.025 for c in high)


def test_a_prism_shorter_than_a_cell_holds_none_and_standing_cells_are_stopped():
    short = lying_in(HUMP, 4, 2, ("brief.box_length_m", 0.06))
    with pytest.raises(Refusal, match="no space to look in"):
        laid_out(arrange(short))
    standing = lying_in(HUMP, 4, 2, ("arrangement.lie", Lie.STANDING))
    with pytest.raises(Refusal, match="the cells lie along it"):
        laid_out(arrange(standing))
    finding = found(standing, SHELF)["LY-17"]
    assert "LY-17" not in found(standing.with_edits(*finding.fix.edits), SHELF)


def test_a_blocked_place_takes_its_width_out_of_the_cross_section():
    """Blocked at the rear, which is the left of the cross-section."""
    post = Blocked(name="post", x_m=0.0, y_m=0.05, length_m=0.02, width_m=0.02)
    brief = lying_in(HUMP, 2, 2, ("brief.blocked", (post,)))
    placed = laid_out(arrange(brief, effort=0.3, trials=False)).arrangement.placed
    reach = brief.cell.largest_m[0] / 2
    assert all(c.x_m - reach > -0.04 - 1e-6 for c in placed)
