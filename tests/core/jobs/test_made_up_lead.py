"""A lead by itself, in all its forms; loose contacts and bare ends of a lead change."""

import itertools

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.jobs import as_job, plan_of, steps_of
from firmcell.core.leads.soldering import held_straight
from firmcell.core.model.job_details import JobKind, LeadForm, TakeOff
from firmcell.core.model.parts import Connector
from firmcell.store.demo import hoist_in_rows, sprayer_lead_change
from firmcell.store.demo_mending import gate_charge_lead
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
GATE = gate_charge_lead(SHELF)
KEYED, BULLETS, BLADES = (
    part_named(SHELF, Connector, name)
    for name in ("keyed twin-bullet 3.5 mm", "bare bullet pair 4 mm", "modular genderless blade pair, small")
)


def of(form, **more):
    edits = [("made_up.form", form), *((f"made_up.{k}", v) for k, v in more.items())]
    return GATE.with_edits(*edits)


def steps(design):
    return steps_of(design, analyse(design, SHELF))


@pytest.mark.parametrize(("form", "fused"), list(itertools.product(LeadForm, (True, False))))
def test_sleeves_are_on_before_any_joint_and_every_wire_is_made_once(form, fused):
    """The sleeve forgotten before the joint is the trade's classic: common practice, no source."""
    design = of(form, far_connector=KEYED)
    if not fused:
        design = design.edited("leads.fuse", None)
    analysis = analyse(design, SHELF)
    plan = steps_of(design, analysis)
    codes = [s.code for s in plan]
    sleeves = plan[codes.index("lead-sleeves")]
    assert sleeves.hold
    assert "cannot be undone" in sleeves.cautions[0]
    joints = [n for n, s in enumerate(plan) if "solder-joint" in s.records]
    assert min(joints) > codes.index("lead-sleeves")
    assert codes.index("lead-shrink") > max(joints)
    made = [w for s in plan for w in s.wires]
    assert sorted(made) == sorted(e.id for e in analysis.wiring.wires)
    assert len(set(codes)) == len(codes)


def test_the_charge_leads_order_is_charger_first():
    """Common practice, no source: a charge lead goes into the charger before the pack."""
    step = next(s for s in steps(GATE) if s.code == "lead-polarity")
    assert step.words.startswith("The charger's end first, always")
    told = found(GATE, SHELF)
    assert "live and may touch" in told["MU-2"].sentence
    assert "MU-2" not in found(GATE.edited("made_up.far_connector", KEYED), SHELF)


def test_the_covered_half_is_on_the_end_that_is_live_by_itself():
    """Of an extension the far end is live while the near one is plugged in: it gets the half that packs get."""
    plan = {s.code: s for s in steps(of(LeadForm.EXTENSION, far_connector=None))}
    assert KEYED.pack_half in plan["far-plus"].words
    assert f"mates with {KEYED.pack_half}" in plan["near-plus"].words
    plain = found(of(LeadForm.EXTENSION, far_connector=None), SHELF)
    assert not [f for f in plain.values() if f.severity is not Severity.NOTE]
    bare = found(of(LeadForm.ADAPTER, far_connector=BULLETS), SHELF)
    assert ("MU-2" in bare) == (not BULLETS.pack_half_shrouded)
    assert "mated backwards" in bare["MU-4"].sentence
    assert "alike" in found(of(LeadForm.ADAPTER, far_connector=None), SHELF)["MU-4"].sentence


def test_a_weak_far_end_stops_and_its_fix_mends_it():
    weak = part_named(SHELF, Connector, "crimp housing 2.0 mm pitch, two-way")
    design = of(LeadForm.ADAPTER, far_connector=weak)
    told = found(design, SHELF)["MU-1"]
    assert told.severity is Severity.STOP
    assert "MU-1" not in found(told.fix.applied(design), SHELF)


def test_two_packs_on_one_y_are_stopped_without_a_fuse():
    """By hand: 1 V over twice source and lead resistance."""
    design = of(LeadForm.Y_LEAD, far_connector=KEYED, joins_packs=True)
    assert found(design, SHELF)["MU-3"].severity is Severity.ATTENTION
    bare = design.edited("leads.fuse", None)
    told = found(bare, SHELF)["MU-3"]
    assert told.severity is Severity.STOP
    loop = analyse(bare, SHELF).leads.loop_ohm
    ampere = float(told.sentence.split("about ")[1].split(" A")[0])
    assert ampere == pytest.approx(1 / (2 * 16.8 / 900 + 2 * loop), rel=0.01)
    assert "MU-3" not in found(of(LeadForm.Y_LEAD, far_connector=KEYED), SHELF)
    assert KEYED.pack_half in next(s for s in steps(design) if s.code == "near-plus").words


def test_cores_that_look_alike_are_traced_in_a_hold_point():
    plan = {s.code: s for s in steps(of(LeadForm.EXTENSION, same_coloured=True, spare_cores=3))}
    assert plan["lead-cut"].hold
    assert "trace each by continuity" in plan["lead-cut"].words
    assert "3 thin wires" in plan["lead-cut"].words
    spliced = {s.code: s for s in steps(of(LeadForm.SPLICE, spare_cores=2))}
    assert "2 thin wires" in spliced["splice-spare"].title


def test_a_loads_half_is_made_dead_with_no_source_in_it():
    design = of(LeadForm.LOAD, far_connector=KEYED)
    plan = steps(design)
    assert plan[0].code == "lead-dead"
    assert plan[0].hold
    assert "by its own marking" in plan[0].words
    assert not any(s.probes for s in plan)
    assert "cell.source" not in {e.id for e in analyse(design, SHELF).wiring.edges}
    assert any("exchanged destroy" in c for s in plan for c in s.cautions)


def test_what_the_lead_loses_is_wire_contacts_and_fuse_by_hand():
    design = of(LeadForm.EXTENSION, far_connector=KEYED)
    figures = analyse(design, SHELF).leads
    wire = design.leads.wire
    warm = 1 + 0.00393 * (figures.temperature_k - 293.15)
    ohm = (
        2 * 0.6 * wire.resistance_ohm_per_m * warm + 4 * KEYED.contact_resistance_ohm + design.leads.fuse_ohm
    )
    assert figures.drop_steady_v == pytest.approx(6.0 * ohm, rel=0.01)
    assert analyse(design.edited("leads.fuse", None), SHELF).leads.drop_steady_v < figures.drop_steady_v


@pytest.mark.parametrize("form", LeadForm)
def test_each_form_is_drawn_with_its_ends(form):
    drawing = plan_of(GATE).leads_picture(of(form, far_connector=BULLETS), analyse(of(form), SHELF))
    words = [getattr(s, "text", "") for s in drawing.shapes]
    bodies = [s for s in drawing.shapes if s.role == "face.body"]
    assert len(bodies) == {LeadForm.Y_LEAD: 3, LeadForm.SPLICE: 1, LeadForm.LOAD: 1}.get(form, 2)
    assert ("wires that are there" in words) == (form is LeadForm.SPLICE)
    assert ("load, dead" in words) == (form is LeadForm.LOAD)


def test_a_job_of_this_kind_begins_from_a_pack_without_a_stop_of_its_own():
    design = as_job(hoist_in_rows(SHELF), JobKind.MADE_UP_LEAD, SHELF)
    assert design.made_up.source_v == pytest.approx(42.0)
    assert not [
        c for c, f in found(design, SHELF).items() if c.startswith("MU") and f.severity is Severity.STOP
    ]
    assert design.leads.fuse is not None, "a lead that a pack can burn gets one"
    assert "fuse.a" in {n.id for n in analyse(design, SHELF).wiring.nodes}


# -- loose contacts, bare ends --------------------------------------------------------------------------


def test_loose_contacts_go_in_a_jig_and_their_cap_on_first():
    """Common practice, no source: a mate cannot hold straight what is not in its body yet."""
    assert BLADES.loose_contacts
    assert not KEYED.loose_contacts
    assert "jig" in held_straight(BLADES)
    assert "mate" in held_straight(KEYED)
    change = sprayer_lead_change(SHELF).edited("leads.connector", BLADES)
    plan = {s.code: s for s in steps(change)}
    assert "Jig for the contacts at hand" in plan["lead-change-ready"].checks
    assert "until it latches" in plan["lead-on-plus"].words
    assert "jig" in " ".join(plan["lead-on-plus"].cautions)
    lead = of(LeadForm.EXTENSION, far_connector=BLADES)
    assert "Caps on" in next(s for s in steps(lead) if s.code == "lead-sleeves").checks


def test_a_pack_that_came_with_bare_ends_has_nothing_to_take_off():
    change = sprayer_lead_change(SHELF).with_edits(
        ("lead_change.take_off", TakeOff.BARE), ("lead_change.old_connector", None)
    )
    assert "LC-4" not in found(change, SHELF)
    plan = {s.code: s for s in steps(change)}
    assert "bare ends, one uncovered at a time" in plan["lead-change-mark"].words
    assert plan["lead-off-plus"].title == "Uncover the plus wire only"
    assert any("never both uncovered" in c for c in plan["lead-off-minus"].cautions)
