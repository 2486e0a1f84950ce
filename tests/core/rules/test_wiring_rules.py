"""Rules read from the wiring: board, charger, fuse, voltage; and readings that cannot be right."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.jobs import findings_of, steps_of
from firmcell.core.leads.connectors import mates
from firmcell.core.model.brief import TouchMeasures
from firmcell.core.model.design import LeadEnds
from firmcell.core.model.parts import ChargePort, Connector, Fuse, Keying
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.records.events import PolarityReading, sealed
from firmcell.core.rules.wiring import past_the_board
from firmcell.core.strips.clearances import CREEPAGE_MM, least_distance, strips_too_near
from firmcell.core.wiring.graph import Edge, EdgePart, Wiring
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()


def boarded(hoist, **changes):
    return hoist.edited("bms.board", hoist.bms.board.model_copy(update=changes))


def test_a_wire_past_the_board_is_seen_whatever_made_it(hoist, hoist_analysis, library):
    """A graph with one wire too many, from the collecting strip straight to the connector: the rule must see it."""
    wiring = hoist_analysis.wiring
    assert past_the_board(wiring) == ()
    wrong = Edge(id="stray", start="lead.-", end="cup.load.-", part=EdgePart.WIRE, ohm=0.001)
    broken = Wiring(nodes=wiring.nodes, edges=(*wiring.edges, wrong))
    assert past_the_board(broken) == ("load",)
    analysis = hoist_analysis.model_copy(update={"wiring": broken})
    codes = {f.code: f for f in findings_of(Situation(hoist, analysis, EMPTY_STATE, library, None, ()))}
    assert codes["BM-13"].severity is Severity.STOP


def test_a_pad_that_nothing_reaches_is_a_stop(hoist, hoist_analysis, library):
    wiring = hoist_analysis.wiring
    cut = Wiring(nodes=wiring.nodes, edges=tuple(e for e in wiring.edges if e.id != "sense.4"))
    analysis = hoist_analysis.model_copy(update={"wiring": cut})
    codes = {f.code: f for f in findings_of(Situation(hoist, analysis, EMPTY_STATE, library, None, ()))}
    assert "printed B4" in codes["BM-14"].sentence


def test_a_charge_port_of_its_own_wants_a_connector_that_does_not_mate(hoist, library):
    separate = boarded(hoist, charge_port=ChargePort.SEPARATE)
    finding = found(separate, library)["BM-15"]
    assert finding.severity is Severity.STOP
    mended = finding.fix.applied(separate)
    codes = found(mended, library)
    assert not {"BM-15", "LE-11", "LE-19"} & set(codes)
    assert not mates(mended.leads.charge_connector, mended.leads.connector)
    same = mended.edited(
        "leads.charge_connector", hoist.leads.connector.model_copy(update={"name": "another name"})
    )
    assert found(same, library)["LE-11"].severity is Severity.STOP, "judged by contact and size, not by name"


def test_on_a_common_port_a_like_connector_does_harm_only_with_exchanged_pins(hoist, library):
    like = hoist.edited("leads.charge_connector", hoist.leads.connector)
    assert "LE-11" not in found(like, library)
    assert (
        "a short at the first mistake"
        in found(like.edited("leads.charge_same_pins", False), library)["LE-11"].sentence
    )


def test_which_connectors_mate_goes_by_contact_and_size():
    def plug(name):
        return part_named(SHELF, Connector, name)

    assert mates(plug("keyed twin-bullet 5.5 mm"), plug("keyed twin-bullet 5.5 mm, spark-limiting"))
    assert not mates(plug("keyed twin-bullet 4 mm"), plug("keyed twin-bullet 4.5 mm"))
    assert not mates(plug("keyed twin-bullet 4 mm"), plug("bare bullet pair 4 mm"))


def test_the_chargers_connector_is_judged_like_the_loads(hoist, library):
    small = hoist.with_edits(
        ("leads.charge_connector", part_named(library, Connector, "crimp housing 1.25 mm pitch, two-way")),
        ("charge_current_a", 8.0),
    )
    finding = found(small, library)["LE-19"]
    assert finding.severity is Severity.STOP
    assert "LE-19" not in found(finding.fix.applied(small), library)
    bare = next(
        c
        for c in library.connectors
        if c.keying is Keying.UNKEYED
        and c.pack_half_shrouded
        and c.wire_area_max_m2 >= hoist.leads.wire.area_m2
    )
    assert "mated backwards" in found(hoist.edited("leads.charge_connector", bare), library)["LE-19"].sentence


def test_a_fuse_beyond_the_end_of_its_lead_is_a_stop_with_a_fix(hoist, library):
    far = hoist.edited("leads.fuse_at_m", hoist.leads.length_m)
    finding = found(far, library)["LE-20"]
    assert finding.severity is Severity.STOP
    assert "LE-20" not in found(finding.fix.applied(far), library)


# -- voltage ------------------------------------------------------------------------------------------------


def test_metal_is_kept_apart_by_its_voltage():
    """IEC 60664-1, pollution degree 2 (values from memory): 1.25 mm at 63 V, 1.4 at 100, 1.6 at 160, 2.5 at 250, 4 at 400."""
    assert (least_distance([63, 100, 160, 250, 400]) * 1e3).tolist() == pytest.approx(
        [1.25, 1.4, 1.6, 2.5, 4.0]
    )
    assert (least_distance([61, 99, 149]) * 1e3).tolist() == pytest.approx([1.25, 1.4, 1.6]), (
        "the next voltage of the table"
    )
    assert list(CREEPAGE_MM.values()) == sorted(CREEPAGE_MM.values())


def test_strips_far_apart_in_series_are_kept_farther_apart_than_neighbours(odd_hoist):
    """With no distance asked for, what is left are the voltages; the same pack at fifty times the voltage shows more."""
    cell = odd_hoist.cell
    layout = analyse(odd_hoist, SHELF).layout
    joining = odd_hoist.joining.model_copy(update={"gap_m": 0.0})
    low = strips_too_near(layout, joining, cell, odd_hoist.leads)
    high = strips_too_near(layout, joining, cell.model_copy(update={"full_v": 200.0}), odd_hoist.leads)
    assert len(high) > len(low)
    assert all(t.gap_m < t.needed_m for t in high)
    assert max(t.needed_m for t in high) >= 4.0e-3


@pytest.mark.parametrize(
    ("series", "measures", "severity"),
    [
        (14, TouchMeasures.NONE, None),
        (17, TouchMeasures.NONE, Severity.STOP),
        (17, TouchMeasures.TAKEN, Severity.ATTENTION),
        (30, TouchMeasures.TAKEN, Severity.STOP),
        (30, TouchMeasures.LICENSED, Severity.ATTENTION),
    ],
)
def test_over_the_touch_limit_it_is_a_stop_until_the_builder_says_what_is_done(
    hoist, library, series, measures, severity
):
    """60 V d.c. (IEC 62368-1) and 120 V d.c. (IEC 60364-4-41), values from memory."""
    high = hoist.with_edits(("series", series), ("brief.measures", measures), ("bms.board", None))
    finding = found(high, library).get("BR-1")
    assert (finding.severity if finding else None) is severity


def test_insulation_and_fuse_are_for_the_voltage_of_the_full_pack(hoist, library):
    thin = hoist.edited("leads.wire", hoist.leads.wire.model_copy(update={"rated_v": 30.0}))
    assert found(thin, library)["LE-21"].severity is Severity.STOP
    low = hoist.edited("leads.fuse", part_named(library, Fuse, "blade fuse 32 V, 40 A"))
    assert "would hold an arc" in found(low, library)["LE-8"].sentence
    assert max(f.voltage_dc_v for f in library.fuses) == 500


# -- readings -------------------------------------------------------------------------------------------------


def blocked(design, code: str, volts: float) -> str | None:
    """What stands in the way of passing a step after this reading in it."""
    steps = steps_of(design, analyse(design, SHELF))
    step = next(s for s in steps if s.code == code)
    reading = PolarityReading(at="strips", volts=volts)
    event = sealed(1, "2026-11-26T10:00:00+00:00", "Wren Ashby", "", code, 1, reading, "0" * 64)
    return obstacle(step, (step,), EMPTY_STATE, [event], design)


def test_a_reading_that_cannot_be_right_does_not_pass(hoist):
    """16.8 V on a pack of two groups must not pass; nor nothing, nor one group less."""
    two = hoist.with_edits(("series", 2), ("cell_now_v", 3.7), ("bms.board", None))
    assert blocked(two, "measure-total", 7.42) is None
    for volts in (16.8, 3.71, 0.0, -7.4, 8.6):
        assert blocked(two, "measure-total", volts), volts
    assert blocked(hoist, "measure-total", 9 * hoist.cell_now_v)


def test_a_cell_at_nine_tenths_of_a_volt_gets_no_board(hoist):
    from firmcell.core.jobs import as_job
    from firmcell.core.model.job_details import JobKind

    cell = as_job(hoist, JobKind.CELL_BMS, SHELF)
    assert "2.50 V to 4.25 V" in blocked(cell, "cell-bms-cell-check", 0.9)
    assert blocked(cell, "cell-bms-cell-check", 3.6) is None


def test_a_second_connector_of_the_load_counts_as_one_the_charger_may_be_pushed_into(hoist, library):
    charger = part_named(library, Connector, "keyed twin-bullet 4 mm")
    board = hoist.bms.board.model_copy(update={"charge_port": ChargePort.SEPARATE})
    apart = hoist.with_edits(
        ("bms.board", board),
        ("leads.charge_connector", charger),
        ("leads.connector", part_named(library, Connector, "keyed twin-bullet 5.5 mm")),
    )
    assert "LE-11" not in found(apart, library)
    both = apart.edited("leads.second_connector", charger)
    finding = found(both, library)["LE-11"]
    assert finding.severity is Severity.STOP
    mended = finding.fix.applied(both)
    assert "LE-11" not in found(mended, library)
    assert not mates(mended.leads.charge_connector, mended.leads.second_connector)


def test_leads_that_end_in_lugs_mate_with_no_charger(hoist, library):
    like = hoist.with_edits(
        ("leads.charge_connector", hoist.leads.connector),
        ("leads.charge_same_pins", False),
        ("leads.ends", LeadEnds.STUDS),
    )
    assert "LE-11" not in found(like, library)
