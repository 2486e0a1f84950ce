"""Metal that a strip or plate needs besides its pads, tail and tab for the main lead, keeps its distance like the rest."""

import numpy as np
from shapely.geometry import LineString, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.model.design import StripStyle
from firmcell.core.model.limits import LEAD_TAIL_M, PAD_OVERHANG_M
from firmcell.core.strips.laid import tail_lengths
from firmcell.core.strips.lead_ends import lead_seat
from firmcell.core.strips.plates import TAB_M, plates
from firmcell.core.strips.runs import strip_runs
from tests.conftest import found


def test_the_tail_of_a_collecting_strip_keeps_its_distance_too(odd_hoist, library):
    """The pole's groups moved about, so that at some of their cells the tail runs over a strip of another group: told there and only there."""
    first = analyse(odd_hoist, library).layout
    near, clear = 0, 0
    for number in range(1, odd_hoist.cell_count + 1, 3):
        # Exchanging the last group with another brings its collecting strip among others.
        other = first.by_number[number].group
        if other in (9, 10):
            continue
        change = {other: 10, 10: other}
        placed = tuple(
            p.model_copy(update={"group": change.get(p.group, p.group)}) for p in odd_hoist.arrangement.placed
        )
        last = [p for p in placed if p.group == 10]
        for at in (last[0], last[-1]):
            design = odd_hoist.with_edits(
                ("arrangement.placed", placed), ("arrangement.plus_at_m", (at.x_m, at.y_m))
            )
            layout = analyse(design, library).layout
            seat = lead_seat(design.joining, design.leads, layout.pitch_m)
            run = next(
                (r for r in strip_runs(layout) if any(tail_lengths(layout, r, seat)) and r.node == 10), None
            )
            if run is None or len(run.points_m) < 2:
                continue
            apart = min(_tail(design, layout, run).distance(o) for o in _others(design, layout, run))
            spoken = found(design, library).get("SR-8")
            told = spoken is not None and run.id in spoken.sentence
            if apart == 0:
                assert spoken is not None
                assert spoken.severity is Severity.STOP
                near += 1
            elif apart > 0.003:
                assert not told
                clear += 1
    assert near >= 3
    assert clear >= 3


def _tail(design, layout, run):
    """By hand: the strip's tail as a polygon."""
    seat = lead_seat(design.joining, design.leads, layout.pitch_m)
    ends = run.points_m[-2:] if tail_lengths(layout, run, seat)[1] else run.points_m[1::-1]
    (x0, y0), (x1, y1) = ends
    along = np.array([x1 - x0, y1 - y0]) / np.hypot(x1 - x0, y1 - y0)
    end = np.array([x1, y1]) + along * (PAD_OVERHANG_M + LEAD_TAIL_M)
    return LineString([(x1, y1), end]).buffer(design.joining.collector_strip.width_m / 2, cap_style="flat")


def _others(design, layout, run):
    return [
        LineString(r.points_m).buffer(design.joining.link_strip.width_m / 2, cap_style="square")
        for r in strip_runs(layout)
        if r.face is run.face and r.node != run.node and len(r.points_m) > 1
    ]


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
