"""Leads of the charger thinner than the main ones: a fuse of their own, in the wiring, the list, the steps and the rules."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.jobs import steps_of
from firmcell.core.leads.wire_rating import rated_current
from firmcell.core.model.parts import Connector, Wire
from firmcell.core.wiring.current_way import charge_loop
from firmcell.core.wiring.graph import EdgePart
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
SMALL = part_named(SHELF, Connector, "keyed twin-bullet 2 mm")
THIN = part_named(SHELF, Wire, "20 AWG silicone")
FIVE_A = next(f for f in SHELF.fuses if f.rating_a == 10.0 and f.voltage_dc_v >= 58 and f.breaking_a >= 1000)


@pytest.fixture
def charged(hoist):
    """A small plug for a charger of 3 A on a pack whose leads are 10 AWG."""
    return hoist.with_edits(("leads.charge_connector", SMALL), ("charge_current_a", 3.0))


def test_a_small_plug_gets_leads_and_a_fuse_of_its_own(charged):
    told = found(charged, SHELF)["LE-19"]
    assert "cup takes" in told.sentence
    mended = told.fix.applied(charged)
    assert mended.leads.charge_connector == SMALL, "the plug that was chosen stays"
    wire, fuse = mended.leads.charge_wire, mended.leads.charge_fuse
    carries = float(rated_current((wire,), mended.leads.limit_k, 303.15, mended.leads.laying, 2)[0])
    assert fuse.rating_a <= carries
    assert fuse.rating_a >= 3.0 / 0.75 - 1e-9, "at three quarters of its rating (common practice, no source)"
    a = analyse(mended, SHELF)
    assert fuse.breaking_a >= a.pack.short_circuit_a
    assert fuse.voltage_dc_v >= 42.0
    assert not {"LE-19", "LE-23"} & found(mended, SHELF).keys()


def test_thin_leads_behind_the_main_fuse_alone_are_a_stop(charged):
    bare = charged.edited("leads.charge_wire", THIN)
    told = found(bare, SHELF)["LE-23"]
    assert told.severity is Severity.STOP
    assert "40 A" in told.sentence
    assert "LE-23" not in found(told.fix.applied(bare), SHELF)
    unfused = found(bare.edited("leads.fuse", None), SHELF)["LE-23"]
    assert "no fuse" in unfused.sentence


def test_a_wire_too_thin_for_the_charger_is_a_stop(charged):
    weak = charged.with_edits(
        ("leads.charge_wire", THIN), ("charge_current_a", 18.0), ("leads.charge_fuse", FIVE_A)
    )
    assert "the charger gives" in found(weak, SHELF)["LE-23"].sentence


def test_a_fuse_that_cannot_break_the_short_is_a_stop(charged):
    glass = FIVE_A.model_copy(update={"breaking_a": 50.0, "name": "small tube"})
    told = found(charged.with_edits(("leads.charge_wire", THIN), ("leads.charge_fuse", glass)), SHELF)
    assert "breaks 50 A" in told["LE-23"].sentence
    low = FIVE_A.model_copy(update={"voltage_dc_v": 32.0, "name": "low one"})
    told = found(charged.with_edits(("leads.charge_wire", THIN), ("leads.charge_fuse", low)), SHELF)
    assert "not for 42.00 V" in told["LE-23"].sentence


def test_leads_as_thick_as_the_main_ones_need_no_fuse_of_their_own(charged):
    assert "LE-23" not in found(charged, SHELF)
    assert "LE-23" not in found(charged.edited("leads.charge_wire", charged.leads.wire), SHELF)


def test_the_fuse_lies_in_the_way_of_the_charge_and_a_step_puts_it_there(charged):
    made = charged.with_edits(("leads.charge_wire", THIN), ("leads.charge_fuse", FIVE_A))
    a = analyse(made, SHELF)
    wires = [e for e in a.wiring.wires if e.id.startswith("charge.")]
    assert {e.wire.gauge for e in wires} == {"20 AWG"}
    assert len(wires) == 3
    cut = a.wiring.reached("B10", {"fuse.charge"})
    assert "charge.+" not in cut
    assert "load.+" in cut
    step = next(s for s in steps_of(made, a) if s.code == "leads-charge")
    assert FIVE_A.name in step.words
    assert set(step.wires) == {e.id for e in wires}


def test_what_the_charge_loses_counts_the_thin_wire(charged):
    """By hand: two leads of 0.25 m of 20 AWG (0.5176 mm², IACS with 2 % for stranding), against 10 AWG."""
    made = charged.with_edits(("leads.charge_wire", THIN), ("leads.charge_fuse", FIVE_A))
    a = analyse(made, SHELF)
    loop, wire = charge_loop(a.wiring, made.leads)
    assert wire == THIN
    assert loop.metres == pytest.approx(0.5)
    assert THIN.resistance_ohm_per_m == pytest.approx(1.7241e-8 * 1.02 / 0.5176e-6, rel=0.03)
    fuse = sum(e.ohm for e in a.wiring.of(EdgePart.FUSE) if e.id == "fuse.charge")
    contacts = 2 * SMALL.contact_resistance_ohm
    # Besides: the main lead's wire from the strip to the board.
    to_board = next(e.ohm for e in a.wiring.wires if e.wire.name == "B−")
    assert loop.ohm >= fuse + contacts
    assert loop.ohm <= fuse + contacts + to_board + 0.005
    assert a.charge_way.drop_v > analyse(charged, SHELF).charge_way.drop_v


def test_one_lead_of_the_main_gauge_behind_a_fuse_for_several_is_a_stop(charged):
    """Three main leads side by side have a fuse for three; the charger's single lead of that gauge stands a third of it."""
    heavy = next(f for f in SHELF.fuses if f.rating_a == 100.0 and f.voltage_dc_v >= 58)
    three = charged.with_edits(("leads.parallel", 3), ("leads.fuse", heavy))
    carries = float(rated_current((three.leads.wire,), three.leads.limit_k, 303.15, three.leads.laying, 2)[0])
    assert carries < heavy.rating_a
    told = found(three, SHELF)["LE-23"]
    assert told.severity is Severity.STOP
    assert "lets more through" in told.sentence
    assert "LE-23" not in found(
        three.edited("leads.parallel", 1).edited("leads.fuse", charged.leads.fuse), SHELF
    )
