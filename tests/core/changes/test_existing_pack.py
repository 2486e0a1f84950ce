"""A pack that is there is taken as it is: no count, cell, wire or fuse of it is changed, and what is not known is said."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.existing_pack import PackAsItIs, as_it_is, window_of, worst_of_size
from firmcell.core.jobs import PLANS, existing_job, steps_of
from firmcell.core.model.brief import Brief
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import Cell, Connector, Wire
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import cases, found

SHELF = shipped_library()
WIRE = part_named(SHELF, Wire, "20 AWG silicone")
CELL = part_named(SHELF, Cell, "18650 balanced 3.0 Ah")
KINDS = (JobKind.LEAD_CHANGE, JobKind.BMS_RETROFIT)


def brief(cell, series, amps=3.0):
    empty, full = window_of(cell, series)
    return Brief(
        title="t",
        load_voltage_min_v=empty,
        load_voltage_max_v=full,
        current_steady_a=amps,
        current_peak_a=2 * amps,
    )


def job(kind, series=6, parallel=1, amps=3.0, **told):
    known = {"cell": CELL, "wire": WIRE, **told}
    pack = PackAsItIs(series=series, parallel=parallel, **known)
    return existing_job(pack, brief(pack.cell or worst_of_size(SHELF, pack.size), series, amps), kind, SHELF)


@settings(max_examples=cases(40), deadline=None)
@given(
    kind=st.sampled_from(KINDS),
    series=st.integers(1, 16),
    parallel=st.integers(1, 6),
    amps=st.floats(0.5, 60),
)
@pytest.mark.slow
def test_what_is_there_stays_as_it_is(kind, series, parallel, amps):
    """A 6S pack used to come out as 5S, a 4S1P as 4S2P with a fuse added."""
    design = job(kind, series, parallel, amps)
    assert (design.series, design.parallel) == (series, parallel)
    assert design.cell == CELL
    assert design.leads.wire == WIRE
    assert design.leads.fuse is None
    for finding in found(design, SHELF).values():
        for path, _ in finding.fix.edits if finding.fix else ():
            assert path.startswith((*PLANS[kind].proposes, "brief.")), (finding.code, path)


def test_a_cell_that_is_not_known_counts_with_the_worst_of_its_size():
    cell = worst_of_size(SHELF, "18650")
    same = [c for c in SHELF.cells if c.size == "18650" and c.chemistry is cell.chemistry]
    assert len(same) > 2
    for other in same:
        assert cell.capacity_as <= other.capacity_as
        assert cell.current_continuous_a <= other.current_continuous_a
        assert cell.current_charge_a <= other.current_charge_a
        assert cell.resistance_ohm <= other.resistance_ohm, "a short must not be told too small"
        assert cell.empty_v >= other.empty_v
        assert cell.full_v <= other.full_v
        assert cell.diameter_m >= other.diameter_m
    # An old one may be weaker than any class that is new: no more than 1 C, charged at half of it.
    assert cell.current_continuous_a <= cell.capacity_as / 3600 * (1 + 1e-9)
    assert cell.current_charge_a <= cell.capacity_as / 7200 * (1 + 1e-9)


def test_what_is_not_known_is_said_with_what_it_forbids():
    design = job(JobKind.BMS_RETROFIT, 4, 2, cell=None, size="18650", wire=None, fuse_known=False)
    told = found(design, SHELF)
    assert "draw no more than 5 A" in told["EX-1"].sentence
    assert "gauge of the leads is not known" in told["EX-2"].sentence
    assert "work as if there were none" in told["EX-3"].sentence
    a = analyse(design, SHELF)
    plate = dict(PLANS[design.kind].plate(design, a)[1])
    assert plate["Capacity"] == plate["Energy"] == "not known"
    assert "no charge before their chemistry is known" in told["EX-1"].sentence
    assert "no sag" in told["EX-1"].sentence, "its resistance is the least, for the short"
    # What is entered later is known from then on.
    entered = design.with_edits(("cell", CELL), ("leads.wire", WIRE), ("leads.fuse", SHELF.fuses[0]))
    assert not {"EX-1", "EX-2", "EX-3"} & found(entered, SHELF).keys()
    known = found(job(JobKind.BMS_RETROFIT, 4, 2), SHELF)
    assert not {"EX-1", "EX-2", "EX-3"} & known.keys()


def test_a_board_is_proposed_for_the_pack_and_the_plan_runs_on_it():
    design = job(JobKind.BMS_RETROFIT, 4, 1)
    assert design.bms.board is not None
    assert design.bms.board.series == 4
    steps = steps_of(design, analyse(design, SHELF))
    assert steps[0].reads_v == pytest.approx((4 * CELL.empty_v, 4 * (CELL.full_v + 0.05)))


def test_the_connector_that_is_there_comes_off():
    old = part_named(SHELF, Connector, "keyed twin-bullet 2 mm")
    design = job(JobKind.LEAD_CHANGE, connector=old)
    assert design.lead_change.old_connector == old


def test_what_cannot_be_is_refused_in_a_sentence():
    with pytest.raises(Refusal, match="no cell of size “99”"):
        worst_of_size(SHELF, "99")
    with pytest.raises(Refusal, match="does not begin with a pack that is there"):
        job(JobKind.POWER_CABLE)
    with pytest.raises(Refusal, match="no wires"):
        as_it_is(
            PackAsItIs(series=4, parallel=1, cell=CELL),
            brief(CELL, 4),
            SHELF.model_copy(update={"wires": ()}),
        )
