"""How wide the bare end of a main lead lies, against the shipped lugs; where it is joined."""

from math import hypot, sqrt

import pytest
from shapely.geometry import LineString, Point

from firmcell.core.changes.by_hand import layout_of
from firmcell.core.changes.first_design import propose
from firmcell.core.leads.lugs import fitting_lugs, lug_takes
from firmcell.core.model.brief import Brief
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.strips.laid import laid_points
from firmcell.core.strips.lead_ends import (
    BAR_THREADS_M,
    lead_end_at,
    lead_end_width,
    lead_ends_on,
    lead_seat,
    lead_thread,
    lug_width,
)
from firmcell.core.strips.runs import leads_on, metal_runs
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
BARS = hoist_in_rows(SHELF).edited("joining.collector_tabs", SHELF.strips[2])
THREADS = sorted({thread for _, thread in BAR_THREADS_M} | {0.012})


@pytest.mark.parametrize("lug", SHELF.lugs, ids=lambda lug: lug.name)
def test_no_shipped_lug_is_wider_than_it_is_taken_to_be(lug):
    assert lug_width(lug.stud_m, lug.area_max_m2) >= lug.palm_width_m - 1e-9


def test_every_wire_that_a_lug_takes_has_one_for_the_screw_of_its_bar():
    """Wire for which a main lead is bolted: from 0.75 mm² on there is a lug of the stud that is named."""
    looked = 0
    for wire in SHELF.wires:
        if not any(lug_takes(lug, wire) for lug in SHELF.lugs):
            continue
        looked += 1
        stud = lead_thread(BARS.joining, BARS.leads.model_copy(update={"wire": wire}))
        assert fitting_lugs(SHELF.lugs, wire, stud), (wire.name, stud)
    assert looked > 10


def test_leads_side_by_side_are_as_wide_as_all_of_them_and_lugs_lie_on_each_other():
    soldered = hoist_in_rows(SHELF)
    one, two = (soldered.leads.model_copy(update={"parallel": n}) for n in (1, 2))
    assert lead_end_width(soldered.joining, two) == pytest.approx(2 * lead_end_width(soldered.joining, one))
    assert lead_end_width(BARS.joining, two) == lead_end_width(BARS.joining, one)
    screwed = soldered.joining.model_copy(update={"joined_by": JoinedBy.SCREW, "thread_m": 0.008})
    assert lead_thread(screwed, one) == 0.008


def test_a_lead_in_the_middle_of_its_strip_is_joined_between_two_cells():
    design = hoist_in_rows(SHELF)
    layout = layout_of(design)
    group = layout.group_cells(1)
    inner = sorted(group, key=lambda c: c.y_m)[1]
    moved = design.edited("arrangement.minus_at_m", (inner.x_m, inner.y_m))
    end = lead_end_at(layout_of(moved), moved.joining, moved.leads, inner.number, 0)
    assert end is not None
    assert set(end.between) < {c.number for c in group}
    a, b = (layout.by_number[n] for n in end.between)
    assert end.middle == pytest.approx(((a.x_m + b.x_m) / 2, (a.y_m + b.y_m) / 2))


@pytest.mark.parametrize(("low", "steady"), [(9.0, 241.0), (18.0, 114.0), (30.0, 150.0)])
def test_a_lug_on_a_bar_lies_past_the_cells_of_other_groups(low, steady):
    """Lugs of 17 to 24 mm on rows 18 to 22 mm apart, by shapely; and what sticks out is said."""
    brief = Brief(
        title="winch",
        load_voltage_min_v=low,
        load_voltage_max_v=1.5 * low,
        current_steady_a=steady,
        current_peak_a=steady,
        run_time_s=720.0,
    )
    design = propose(brief, SHELF)
    assert design.joining.leads_bolted
    assert design.cell.is_round  # what is worked out by hand below holds for rows of those
    layout = layout_of(design)
    seat = lead_seat(design.joining, design.leads, layout.pitch_m)
    radius, looked, out = design.cell.largest_m[0] / 2, 0, 0.0
    edge = (
        max(c.x_m for c in layout.cells) + layout.pitch_m / 2,
        max(c.y_m for c in layout.cells) + layout.pitch_m / 2,
    )
    for run in metal_runs(layout, design.joining):
        bars = lead_ends_on(layout, run, seat) if leads_on(layout, run) else []
        for end in bars:
            looked += 1
            lug = LineString([end.start, end.end]).buffer(seat.width_m / 2, cap_style="flat")
            assert hypot(*(end.end - end.start)) == pytest.approx(seat.width_m)
            strange = [c for c in layout.cells if c.group not in (run.node, run.node + 1)]
            assert min(lug.distance(Point(c.x_m, c.y_m)) for c in strange) >= radius + 0.001
            bar = LineString(laid_points(layout, run, seat)).buffer(1e-6)
            assert bar.contains(LineString([end.start, end.end]))
            out = max(out, *(max(abs(x) - edge[0], abs(y) - edge[1]) for x, y in lug.exterior.coords))
    assert looked == 2
    told = found(design, SHELF)
    assert "SR-8" not in told
    # By hand: a lug as long as it is wide, whose inner corners lie 2 mm off the cans of the next row.
    aside = layout.pitch_m - seat.width_m / 2
    inner = max(sqrt(max((layout.pitch_m / 2 + 0.002) ** 2 - aside**2, 0.0)), seat.past_m)
    assert out == pytest.approx(inner + seat.width_m - layout.pitch_m / 2, abs=0.0001)
    assert f"{out * 1e3:.1f} mm past the cells" in told["SR-22"].sentence
