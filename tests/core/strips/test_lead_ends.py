"""How wide the bare end of a main lead lies, against the shipped lugs; where it is joined."""

import pytest

from firmcell.core.changes.by_hand import layout_of
from firmcell.core.leads.lugs import fitting_lugs, lug_takes
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.strips.lead_ends import BAR_THREADS_M, lead_end_at, lead_end_width, lead_thread, lug_width
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library

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
    end = lead_end_at(layout_of(moved), moved.joining, inner.number, 0)
    assert end is not None
    assert set(end.between) < {c.number for c in group}
    a, b = (layout.by_number[n] for n in end.between)
    assert end.middle == pytest.approx(((a.x_m + b.x_m) / 2, (a.y_m + b.y_m) / 2))
