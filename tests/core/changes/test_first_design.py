"""A first design from many briefs: it meets the brief wherever anything in the part library can."""

import pytest
from hypothesis import example, given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.findings import Severity
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.first_design import propose
from firmcell.core.model.brief import Brief
from firmcell.core.model.part_library import EMPTY_LIBRARY
from firmcell.store.part_files import shipped_library
from tests.conftest import found


@pytest.mark.slow
@given(
    low=st.floats(3, 40),
    width=st.floats(1.25, 1.8),
    steady=st.floats(0.2, 40),
    peak=st.floats(1, 2.5),
    hours=st.floats(0.2, 4),
)
@example(low=36.0, width=1.75, steady=0.34, peak=1.0, hours=2.5)  # over 60 V when full
@settings(max_examples=25, deadline=None)
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
    # Where the part library has no board, no strip or no connector for it, the finding stays and says so.
    allowed = {"CE-1", "CE-3", "LY-1", "SR-1", "SR-2", "LE-3", "LE-8"}
    if design.series * design.cell.full_v > 60.0:
        # Only the builder can say what keeps hands off more than 60 V; no design can.
        allowed.add("BR-1")
    if not design.cell.is_round:
        # The library's strips are for round cells; between terminals of thin flat cells there may be no room for them.
        allowed.add("SR-8")
    assert stops <= allowed


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
@settings(max_examples=20, deadline=None)
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
