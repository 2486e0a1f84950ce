"""Forms that people build, each from the brief to the template that is cut by: common practice, no source."""

import numpy as np
import pytest
from shapely.geometry import Point, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.layout.space import rooms_of
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Lie, StripStyle
from firmcell.core.pictures.templates import templates
from firmcell.core.strips.layout_measures import strips_needed
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
BASE = hoist_in_rows(SHELF).with_edits(
    ("brief.blocked", ()), ("brief.outline_m", ()), ("arrangement.plus_at_m", None), ("brief.space", SpaceShape.BOX),
    ("brief.box_height_m", 0.09), ("bms.board", None), ("insulation.sleeve", None), ("insulation.cross_sleeve", None),
    ("brief.mass_limit_kg", None),
)  # fmt: skip


def form(series, parallel, length, width, *edits):
    return BASE.with_edits(
        ("series", series), ("parallel", parallel), ("brief.box_length_m", length), ("brief.box_width_m", width), *edits
    )  # fmt: skip


def outline(series, parallel, *ring):
    xs, ys = zip(*ring, strict=True)
    return form(
        series, parallel, max(xs) - min(xs), max(ys) - min(ys),
        ("brief.space", SpaceShape.OUTLINE), ("brief.outline_m", ring),
    )  # fmt: skip


FORMS = {
    "flat row": form(6, 1, 0.135, 0.026),
    "two rows": form(7, 2, 0.155, 0.048),
    "brick": form(5, 4, 0.112, 0.091),
    "triangle": outline(5, 3, (0, 0), (0.16, 0), (0, 0.16)),
    "hump": outline(7, 3, (0, 0), (0.2, 0), (0.2, 0.05), (0.14, 0.05), (0.14, 0.1), (0.06, 0.1), (0.06, 0.05), (0, 0.05)),
    "round": form(5, 3, 0.12, 0.12, ("brief.space", SpaceShape.CYLINDER)),
    "saddle of two halves": form(6, 4, 0.175, 0.095, ("arrangement.split_gap_m", 0.03)),
    "two layers": form(6, 3, 0.074, 0.07, ("arrangement.layers", 2), ("brief.box_height_m", 0.165)),
    "lying": form(6, 2, 0.15, 0.08, ("arrangement.lie", Lie.ACROSS), ("brief.box_height_m", 0.06)),
    "an L": outline(6, 4, (0, 0), (0.19, 0), (0.19, 0.095), (0.095, 0.095), (0.095, 0.19), (0, 0.19)),
}  # fmt: skip


@pytest.mark.slow
@pytest.mark.parametrize("style", StripStyle)
@pytest.mark.parametrize("name", FORMS)
def test_a_form_goes_from_its_brief_to_its_templates(name, style):
    brief = FORMS[name].edited("joining.style", style)
    arrangement = laid_out(arrange(brief, trials=False, work=strips_needed)).arrangement
    design = brief.edited("arrangement", arrangement)
    analysis = analyse(design, SHELF)
    layout = analysis.layout
    # Every cell within its room, by shapely, none nearer to another than their largest size.
    rooms = {room.block: Polygon(room.region.ring) for room in rooms_of(design)}
    for cell, place in zip(layout.cells, arrangement.placed, strict=True):
        assert (
            rooms[cell.block].buffer(1e-6).contains(Point(place.x_m, place.y_m).buffer(cell_radius(design)))
        )
    for block in rooms:
        points = np.array([(p.x_m, p.y_m) for p in arrangement.placed if p.block == block]).reshape(-1, 2)
        away = np.hypot(*(points[:, None] - points[None]).transpose(2, 0, 1)) + np.eye(len(points))
        assert away.min() >= design.cell.largest_m[0] - 1e-7
    # Whole groups in one piece, each in one block.
    for group in range(1, design.series + 1):
        cells = layout.group_cells(group)
        assert len(cells) == design.parallel
        assert len({c.block for c in cells}) == 1
        assert len(layout.parts_of(c.number for c in cells)) == 1
    stops = {c: f.sentence for c, f in found(design, SHELF).items() if f.severity is Severity.STOP}
    assert not {c: s for c, s in stops.items() if c.startswith("LY-") or c == "SR-8"}
    drawn = {t.layer: t.drawing for t in templates(design, analysis)}
    assert len(drawn) == 6
    for face in ("TOP", "BOTTOM"):
        refs = {s.ref for s in drawn[f"{face}_CELLS"].shapes if s.ref.startswith("cell:")}
        assert len(refs) == design.cell_count
    metal = {
        s.ref
        for layer, d in drawn.items()
        if "CELLS" not in layer
        for s in d.shapes
        if s.ref.startswith("strip:")
    }
    assert metal == {f"strip:{p.id}" for p in analysis.strips if p.kind.value != "bridge"}
    if style is StripStyle.STRIPS:
        blocks = len({c.block for c in layout.cells})
        by_hand = (design.series - 1) * (design.parallel + (design.parallel > 1)) + 2
        # In an odd outline rows turn, and a span that would carry too much gets a strip more.
        assert len(analysis.strips) <= 1.1 * by_hand + blocks


def cell_radius(design):
    return design.cell.largest_m[0] / 2
