"""Metal that a strip or plate needs besides its pads, tail and tab for the main lead, keeps its distance like the rest."""

import numpy as np
from shapely.geometry import LineString, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.model.design import StripStyle
from firmcell.core.strips.made_of import PAD_OVERHANG_M
from firmcell.core.strips.plates import TAB_M, plates
from firmcell.core.strips.runs import LEAD_TAIL_M, strip_runs, tail_lengths
from tests.conftest import found


def test_the_tail_of_a_collecting_strip_keeps_its_distance_too(odd_hoist, library):
    design = odd_hoist.edited("arrangement.plus_at_m", None)
    layout = analyse(design, library).layout
    run = next(r for r in strip_runs(layout) if any(tail_lengths(layout, r)) and r.node == 10)
    # By hand: the strip with its tail as a polygon against every strip of another tap point of the face.
    (x0, y0), (x1, y1) = run.points_m[-2:]
    along = np.array([x1 - x0, y1 - y0]) / np.hypot(x1 - x0, y1 - y0)
    end = np.array([x1, y1]) + along * (PAD_OVERHANG_M + LEAD_TAIL_M)
    tail = LineString([(x1, y1), end]).buffer(design.joining.collector_strip.width_m / 2, cap_style="flat")
    others = [
        LineString(r.points_m).buffer(design.joining.link_strip.width_m / 2, cap_style="square")
        for r in strip_runs(layout)
        if r.face is run.face and r.node != run.node and len(r.points_m) > 1
    ]
    assert min(tail.distance(o) for o in others) == 0
    spoken = found(design, library)["SR-8"]
    assert spoken.severity is Severity.STOP
    assert run.id in spoken.sentence
    assert "SR-8" not in found(spoken.fix.applied(design), library)


def test_the_tab_of_a_plate_is_laid_where_nothing_is_in_its_way(hoist, odd_hoist, library):
    for design in (hoist, odd_hoist, odd_hoist.edited("arrangement.plus_at_m", None)):
        design = design.edited("joining.style", StripStyle.PLATES)
        layout = analyse(design, library).layout
        made = plates(layout, design.joining, design.cell)
        for pole, node in ((0, 0), (1, 10)):
            plate = next(p for p in made if p.node == node)
            x, y = plate.pads_m[layout.lead_cells[pole]]
            # The tab reaches half a pitch and 12 mm past the pad, on one side at least.
            reach = layout.pitch_m / 2 + TAB_M[0]
            corners = plate.outline_m - np.array([x, y])
            assert np.abs(corners).max() >= reach - 1e-6
            shape = Polygon(plate.outline_m)
            for other in made:
                if other.face is plate.face and other.node != node:
                    assert shape.distance(Polygon(other.outline_m)) >= design.joining.gap_m * 0.999
