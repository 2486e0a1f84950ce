"""A first design from many briefs: it meets the brief wherever anything in the part library can."""

import pytest
from hypothesis import example, given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.first_design import propose
from firmcell.core.model.brief import Brief
from firmcell.core.model.joint_kinds import JoinedBy, Welder
from firmcell.core.model.part_library import EMPTY_LIBRARY
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.part_files import shipped_library
from tests.conftest import cases, found


@pytest.mark.slow
@given(
    low=st.floats(3, 40),
    width=st.floats(1.25, 1.8),
    steady=st.floats(0.2, 40),
    peak=st.floats(1, 2.5),
    hours=st.floats(0.2, 4),
)
@example(low=36.0, width=1.75, steady=0.34, peak=1.0, hours=2.5)  # over 60 V when full
@example(
    low=13.0, width=1.5, steady=21.0, peak=2.0, hours=0.25
)  # once pouch cells with room for 5 mm strip only
@settings(max_examples=cases(25), deadline=None)
def test_a_proposed_design_is_valid_and_its_stops_are_of_the_layout(low, width, steady, peak, hours):
    library = shipped_library()
    brief = Brief(
        title="t",
        load_voltage_min_v=low,
        load_voltage_max_v=low * width,
        current_steady_a=steady,
        current_peak_a=steady * peak,
        run_time_s=hours * 3600,
    )
    design = propose(brief, library)
    stops = {c for c, f in found(design, library).items() if f.severity is Severity.STOP}
    # Where no cell or no count of them fits the window, the finding stays and says so.
    allowed = {"CE-1", "CE-3", "LY-1"}
    if design.series * design.cell.full_v > 60.0:
        # Only the builder can say what keeps hands off more than 60 V; no design can.
        allowed.add("BR-1")
    if not design.cell.is_round:
        # The library's strips are for round cells; between terminals of thin flat cells there may be no room for them.
        allowed.add("SR-8")
    assert stops <= allowed


@pytest.mark.slow
@given(
    low=st.sampled_from([9.0, 11.0, 18.0, 20.0, 30.0, 36.0]),
    width=st.floats(1.4, 1.6),
    steady=st.floats(60, 300),
    peak=st.floats(1, 1.5),
    hours=st.sampled_from([0.2, 0.5, 1.0]),
)
@example(low=9.0, width=1.4, steady=278.0, peak=1.1, hours=0.2)  # copper links and two leads a pole on bars
@example(
    low=20.0, width=1.5, steady=266.0, peak=1.42, hours=1.0
)  # no plug of the part library loses little enough
@example(low=11.0, width=1.5, steady=251.0, peak=1.0, hours=1.0)  # a short of over 20 kA
@example(low=18.0, width=1.501, steady=299.6, peak=1.155, hours=0.2)  # cells too thin for any bar at 300 A
@example(low=9.0, width=1.5, steady=241.0, peak=1.0, hours=0.2)  # lugs wider than the pitch, on bars
@example(low=18.0, width=1.5, steady=241.0, peak=1.0, hours=0.2)
@settings(max_examples=cases(8), deadline=None)
def test_a_brief_of_60_to_300_a_gets_a_real_answer(low, width, steady, peak, hours):
    """Bars, bolted lugs, heavy leads, a fuse that breaks the short: no stop but that of a window no count of cells fits, and no hair of a wire."""
    library = shipped_library()
    brief = Brief(
        title="t",
        load_voltage_min_v=low,
        load_voltage_max_v=low * width,
        current_steady_a=steady,
        current_peak_a=steady * peak,
        run_time_s=hours * 3600,
    )
    design = propose(brief, library)
    told = found(design, library)
    stops = {c for c, f in told.items() if f.severity is Severity.STOP}
    assert stops <= {"LY-1", "CE-3"} | ({"BR-1"} if design.series * design.cell.full_v > 60.0 else set())
    assert "SR-17" not in told, "no pile of layers that welds badly"
    # 3 to 10 A/mm² is what heavy leads carry in practice (common practice, no source).
    assert steady / (design.leads.wire.area_m2 * 1e6 * design.leads.parallel) < 10
    assert design.leads.fuse is not None
    solved = solve_under_load(design, analyse(design, library).layout, hours * 3600)
    assert solved.figures.worst_share <= 1


@pytest.mark.slow
@given(
    low=st.floats(9, 34),
    width=st.floats(1.4, 1.6),
    steady=st.floats(1, 15),
    peak=st.floats(1, 1.5),
    hours=st.floats(0.5, 2),
)
@example(low=13.5625, width=1.5, steady=11.0, peak=1.0, hours=1.25)  # thin flat cells side by side
@example(low=20.24, width=1.406, steady=10.1, peak=1.39, hours=0.64)  # one alone, its strip crosswise
@example(low=9.0, width=1.5, steady=13.0, peak=1.0, hours=0.6875)  # no strip fits between the tabs of a pouch
@settings(max_examples=cases(20), deadline=None)
def test_within_reach_of_the_library_a_proposed_design_has_no_stop(low, width, steady, peak, hours):
    """What a small shop builds: 9 to 50 V, up to 15 A steadily; the library has parts for all of it."""
    library = shipped_library()
    brief = Brief(
        title="t",
        load_voltage_min_v=low,
        load_voltage_max_v=low * width,
        current_steady_a=steady,
        current_peak_a=steady * peak,
        run_time_s=hours * 3600,
    )
    stops = [f for f in found(propose(brief, library), library).values() if f.severity is Severity.STOP]
    assert not stops


def test_hoist_brief_gives_a_pack_without_stops(hoist, library):
    design = propose(hoist.brief, library)
    assert not [f for f in found(design, library).values() if f.severity is Severity.STOP]
    assert design.series == 10


def test_a_short_high_peak_gets_a_fuse_and_the_wire_it_protects(library):
    """7.25 A steady, 19 A for 30 s at 58.8 V: a fuse of 14.1 A at least (19/1.35), and a wire that carries it."""
    brief = Brief(
        title="t",
        load_voltage_min_v=46,
        load_voltage_max_v=60.5,
        current_steady_a=7.25,
        current_peak_a=19,
        peak_duration_s=30,
        run_time_s=5400,
    )
    design = propose(brief, library)
    assert design.leads.fuse.rating_a >= 19 / 1.35
    findings = found(design, library)
    assert not {"LE-1", "LE-7", "LE-8", "LY-3"} & set(findings)


def test_an_empty_library_is_told(hoist):
    with pytest.raises(Refusal, match="no cells in the part library"):
        propose(hoist.brief, EMPTY_LIBRARY)


def test_a_box_that_takes_straight_rows_the_other_way_round_gets_them(library):
    """7S18P of 21700 in 432 × 241 × 127 mm: 18 across only fit along the longer side; laid 7 across the groups would be blobs whose links burn.

    Two findings used to take each other's fix back until the search gave up, without a fuse, a sleeve or bars.
    """
    brief = Brief(
        title="winch",
        load_voltage_min_v=21.0,
        load_voltage_max_v=29.6,
        current_steady_a=117.0,
        current_peak_a=190.0,
        peak_duration_s=4.0,
        peak_every_s=90.0,
        energy_j=1.7 * 3.6e6,
        box_length_m=0.4318,
        box_width_m=0.2413,
        box_height_m=0.127,
        ambient_max_k=308.15,
    )
    design = propose(brief, library)
    told = found(design, library)
    assert not [f for f in told.values() if f.severity is Severity.STOP]
    assert design.arrangement.rows == design.parallel
    assert sorted((design.brief.box_length_m, design.brief.box_width_m)) == [0.2413, 0.4318]
    assert design.leads.fuse is not None
    assert design.bms.board is not None
    assert "LE-7" not in told


def test_no_fix_of_few_links_sends_a_pack_out_of_its_box(hoist, library):
    """What LY-6 offers must fit, or it is not offered."""
    boxed = hoist.with_edits(
        ("brief.space", "box"), ("brief.outline_m", ()), ("brief.blocked", ()), ("series", 7), ("parallel", 18), ("arrangement.rows", 7),
        ("arrangement.placed", ()), ("brief.box_length_m", 0.4318), ("brief.box_width_m", 0.2413), ("brief.box_height_m", 0.127),
    )  # fmt: skip
    told = found(boxed, library)
    assert "LY-6" in told
    assert told["LY-6"].fix is None
    wide = found(boxed.edited("brief.box_width_m", 0.5), library)["LY-6"]
    assert "18 across" in wide.fix.words
    assert "LY-4" not in found(wide.fix.applied(boxed.edited("brief.box_width_m", 0.5)), library)


@pytest.mark.parametrize("welder", [*Welder, None])
def test_strip_is_chosen_for_what_the_shop_welds_with(welder):
    """Thirty amperes on three cells in parallel ask for more than one thin strip: the welder says how thick it may be."""
    brief = Brief(
        title="t",
        load_voltage_min_v=30.0,
        load_voltage_max_v=45.0,
        current_steady_a=30.0,
        current_peak_a=40.0,
        run_time_s=1800.0,
    )
    library = shipped_library()
    design = propose(brief, library, welder=welder)
    if welder is None:
        assert design.joining.joined_by is JoinedBy.TABS
        return
    assert design.joining.joined_by is JoinedBy.WELD
    assert design.joining.welder is welder
    for strip in (design.joining.link_strip, design.joining.collector_tabs or design.joining.collector_strip):
        assert strip.thickness_m <= welder.thickest_m + 1e-9
    assert "SR-4" not in found(design, library)
