"""Fuse wires at cells: a shorted group solved by hand as a net, the rules, and what the plates then look like."""

import numpy as np
import pytest
from shapely.geometry import LineString, Point, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.jobs import plan_of
from firmcell.core.leads.cell_fuses import STOCK_M, best_wire, cell_fuse, outlasts
from firmcell.core.model.design import StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.strips.plates import plates
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import found

SHELF = shipped_library()
PLATED = hoist_in_rows(SHELF).edited("joining.style", StripStyle.PLATES)
FUSED = PLATED.edited("joining.fuse_wire_m", 0.0003)


def into_the_short(volts, cell_ohm, wire_ohm, parallel, short_ohm):
    """Current in the wire of a cell that is a resistor: nodal analysis of the bus and its branches, written here."""
    healthy = 1 / (cell_ohm + wire_ohm)
    shorted = 1 / (short_ohm + wire_ohm)
    bus = (parallel - 1) * healthy * volts / ((parallel - 1) * healthy + shorted)
    return bus * shorted


@pytest.mark.parametrize("parallel", [3, 4, 9, 20])
@pytest.mark.parametrize("diameter", [0.0002, 0.0003, 0.0005])
def test_the_softest_short_that_opens_a_wire_is_that_of_the_net(parallel, diameter):
    design = FUSED.with_edits(("parallel", parallel), ("series", 4), ("arrangement.rows", parallel))
    f, cell = cell_fuse(design, diameter, 500.0), design.cell
    wire = 1.7241e-8 * f.free_m / (np.pi / 4 * diameter**2)
    hardest = into_the_short(cell.empty_v, cell.resistance_ohm, wire, parallel, 0.0)
    assert f.hard_a == pytest.approx(hardest)
    if f.softest_ohm <= 0:
        assert hardest <= f.melts_a
        return
    for ohm, opens in ((0.99 * f.softest_ohm, True), (1.01 * f.softest_ohm, False)):
        current = into_the_short(cell.empty_v, cell.resistance_ohm, wire, parallel, ohm)
        assert (current > f.melts_a) is opens
        # The neighbours' wires carry a part of it each, and stay.
        assert current / (parallel - 1) < f.melts_a


def test_what_is_offered_carries_the_load_lets_go_of_a_short_and_outlasts_the_main_fuse():
    """Over many counts: what is offered has nothing to be told of it, and small groups get none."""
    offered = {}
    for parallel in (1, 2, 3, 4, 8, 16, 24):
        design = PLATED.with_edits(("parallel", parallel), ("series", 4), ("arrangement.rows", parallel))
        short = analyse(design, SHELF).pack.short_circuit_a
        best = best_wire(design, short, design.leads.fuse)
        offered[parallel] = best
        if best is None:
            continue
        laid = design.edited("joining.fuse_wire_m", best.diameter_m)
        told = found(laid, SHELF)
        assert not {"SR-23", "SR-24", "SR-25", "SR-26"} & set(told), told
        assert "SR-27" in told
    assert offered[1] is offered[2] is None
    assert any(offered.values())


@pytest.mark.parametrize(
    ("edits", "code", "words"),
    [
        ((("joining.style", StripStyle.STRIPS),), "SR-23", "windows of cut plates"),
        ((("joining.joined_by", JoinedBy.TABS),), "SR-23", "take no fuse wires"),
        ((("joining.fuse_wire_m", 0.0002),), "SR-24", "in its middle than its ends"),
        ((("joining.fuse_free_m", 0.05), ("joining.fuse_wire_m", 0.0002)), "SR-24", "never settles"),
        ((("joining.fuse_wire_m", 0.0008),), "SR-25", "into a shorted cell at most"),
        ((("joining.fuse_wire_m", 0.0005),), "SR-25", "stays on its neighbours"),
        ((("leads.fuse", None),), "SR-26", "no main fuse"),
    ],
)
def test_what_is_wrong_with_fuse_wires_is_told(edits, code, words):
    finding = found(FUSED.with_edits(*edits), SHELF)[code]
    assert words in finding.sentence
    assert finding.severity is (Severity.STOP if code in {"SR-23", "SR-24"} else Severity.ATTENTION)
    if finding.fix is not None:
        assert code not in found(finding.fix.applied(FUSED.with_edits(*edits)), SHELF)


def test_a_wire_of_two_in_a_group_is_no_fuse():
    two = FUSED.with_edits(("parallel", 2), ("arrangement.rows", 2))
    assert "both carry the same current" in found(two, SHELF)["SR-25"].sentence


def test_thicker_wire_stands_a_short_of_the_pack_longer_and_the_fuse_is_asked_at_less_than_it_too():
    short = analyse(FUSED, SHELF).pack.short_circuit_a
    stands = [cell_fuse(FUSED, wire, short).pack_short_s for wire in STOCK_M]
    assert stands == sorted(stands)
    thick = cell_fuse(FUSED, 0.001, short)
    assert outlasts(thick, FUSED.leads.fuse, short)
    assert not outlasts(cell_fuse(FUSED, 0.0001, short), FUSED.leads.fuse, short)


def test_each_plus_has_a_window_and_a_wire_that_ends_on_its_own_plate():
    layout = analyse(FUSED, SHELF).layout
    made = plates(layout, FUSED.joining, FUSED.cell)
    wired = 0
    for plate in made:
        shape = Polygon(plate.outline_m, list(plate.holes_m))
        metal = shape.difference(Polygon())
        for slot in plate.slots_m:
            metal = metal.difference(Polygon(slot))
        for wire in plate.wires_m:
            wired += 1
            middle, end = Point(wire[0]), Point(wire[1])
            assert metal.distance(middle) > 0.003
            assert metal.contains(end)
            assert all(
                Polygon(other.outline_m).distance(LineString(wire)) > 0.001
                for other in made
                if other.face is plate.face and other is not plate
            )
        assert abs(metal.area - plate.area_m2) < 2e-6
    assert wired == FUSED.cell_count


def test_fuse_wires_count_in_resistance_and_steps_name_them():
    """Ohm by hand: ten wires in series, four side by side, and the plates weaker by their windows."""
    plain, fused = analyse(PLATED, SHELF), analyse(FUSED, SHELF)
    wire = 1.7241e-8 * (1 + 0.00393 * 60) * 0.008 / (np.pi / 4 * 0.0003**2)
    more = fused.pack.resistance_total_ohm - plain.pack.resistance_total_ohm
    assert 10 * wire / 4 < more < 10 * wire / 4 + 0.002
    steps = {s.code: s for s in plan_of(FUSED).steps(FUSED, fused)}
    last = steps["weld-bottom-N10"]
    assert last.records == ("solder-joint",)
    assert "4 fuse wires" in last.words
    assert "0.30 mm" in last.words
    assert "weld-row" in steps["weld-top-N1"].records
    assert any("rim" in caution for caution in last.cautions)
    assert sum(p.joints for p in plain.strips) > sum(p.joints for p in fused.strips)
