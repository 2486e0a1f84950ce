"""Lead change, machine leads and power cable: stages, rules with their fixes, and the order of work."""

from math import erfc, sqrt

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.bms.single_cell import cell_with_board
from firmcell.core.changes.first_design import propose
from firmcell.core.jobs import PLANS, as_job, findings_of, plan_of, steps_of
from firmcell.core.leads.insulation_class import smallest_bend
from firmcell.core.leads.lead_change import changed_lead, parking_distance, pole_order
from firmcell.core.leads.lead_profile import lead_profile
from firmcell.core.leads.power_cable import cable_figures, lug_for
from firmcell.core.model.job_details import CLASS_SHORT_A, JobKind, SourceClass, TakeOff
from firmcell.core.model.parts import Connector, Lug, Wire
from firmcell.core.pictures.lead import profile_of
from firmcell.core.records.build_state import EMPTY_STATE, fold
from firmcell.core.records.events import CrimpJoint, PolarityReading, sealed
from firmcell.core.rules import RULES
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import (
    barrow_machine_leads,
    hoist_in_rows,
    lamp_cell_bms,
    log_splitter_cable,
    sprayer_lead_change,
)
from firmcell.store.part_files import part_named, shipped_library

SHELF = shipped_library()
SPRAYER, BARROW, SPLITTER = (
    make(SHELF) for make in (sprayer_lead_change, barrow_machine_leads, log_splitter_cable)
)
LAMP = lamp_cell_bms(SHELF)
JOBS = {"cell with board": LAMP, "lead change": SPRAYER, "machine leads": BARROW, "power cable": SPLITTER}


def found(design):
    findings = findings_of(Situation(design, analyse(design, SHELF), EMPTY_STATE, SHELF))
    return {f.code: f for f in reversed(findings)}


def steps(design):
    return steps_of(design, analyse(design, SHELF))


# -- kinds in general -----------------------------------------------------------------------------------


def test_every_kind_has_a_plan_and_rules_are_told_apart():
    assert set(PLANS) == set(JobKind)
    for kind, plan in PLANS.items():
        assert plan.kind is kind
        assert plan.stages[0] is Stage.BRIEF
        assert Stage.BENCH in plan.stages
        assert {r.stage for r in plan.rules} <= set(plan.stages)
        assert not set(plan.own.rules) & set(RULES)
    assert PLANS[JobKind.NEW_PACK].stages == tuple(Stage)
    assert set(RULES.values()) <= set(PLANS[JobKind.NEW_PACK].rules)


@pytest.mark.parametrize(
    ("kind", "silent", "speaks"),
    [
        # The controller's half is not live, and what charges the pack is another job's matter.
        (JobKind.MACHINE_LEADS, "BR-2 PA-1 LE-6 LE-7 LE-8 LE-10 LE-11 LE-12 LE-14 LE-15 LE-16 SR-1 LC-1 PC-1", "LE-1 LE-3 ML-1 ML-4"),
        (JobKind.POWER_CABLE, "BR-2 PA-1 LE-1 LE-3 LE-4 LE-5 LE-6 LE-9 LE-10 LE-11 LE-12 LE-13 LE-17 ML-1", "LE-7 LE-8 PC-1 PC-3"),
        (JobKind.LEAD_CHANGE, "LE-10 LE-18 SR-1", "LE-1 LE-3 LE-6 LE-14 LC-1"),
        (JobKind.CELL_BMS, "BM-6 BM-7 BM-8 BM-9 BM-10 BM-11 LE-1", "BM-1 BM-3 CB-1"),
        (JobKind.HOLDER_PACK, "BM-11 SR-1 IN-1", "BM-1 BM-6 LE-1 HP-1"),
        (JobKind.BMS_RETROFIT, "LE-18 SR-1 HP-1", "BM-1 BM-11 LE-1 IN-1"),
    ],
)  # fmt: skip
def test_rules_speak_by_what_they_are_about(kind, silent, speaks):
    codes = {r.code for r in PLANS[kind].rules}
    assert not codes & set(silent.split())
    assert set(speaks.split()) <= codes


@pytest.mark.parametrize("name", JOBS)
def test_the_demo_jobs_have_no_stop_and_their_steps_are_told_apart(name):
    design = JOBS[name]
    assert not [f for f in found(design).values() if f.severity is Severity.STOP]
    plan = steps(design)
    assert len({s.code for s in plan}) == len(plan) >= 7
    assert all(s.words and s.title and s.phase for s in plan)
    drawing = plan_of(design).leads_picture(design, analyse(design, SHELF))
    refs = {r for s in plan for r in s.refs if r.startswith(("lead", "connector", "fuse"))}
    assert refs <= set(drawing.targets) | {"lead:third"}


@pytest.mark.parametrize("kind", JobKind)
def test_a_job_of_any_kind_is_made_from_a_brief_without_its_own_stops(kind, hoist):
    design = as_job(propose(hoist.brief, SHELF), kind, SHELF)
    assert design.kind is kind
    stops = {c for c, f in found(design).items() if f.severity is Severity.STOP}
    assert not {c for c in stops if c.startswith(("LC", "ML", "PC"))}


# -- lead change ----------------------------------------------------------------------------------------


def test_never_are_both_conductors_open_at_once():
    """Cut, solder and sleeve of the first pole come before the second is touched: the order of the trade."""
    for take_off in TakeOff:
        codes = [s.code for s in steps(SPRAYER.edited("lead_change.take_off", take_off))]
        first, second = pole_order(SPRAYER)
        assert codes.index(f"lead-sleeve-{first}") < codes.index(f"lead-off-{second}")
        for pole in (first, second):
            assert (
                codes.index(f"lead-off-{pole}")
                < codes.index(f"lead-on-{pole}")
                < codes.index(f"lead-sleeve-{pole}")
            )
        assert codes.index("lead-change-mark") < codes.index(f"lead-off-{first}")
        assert codes.index("lead-change-polarity") < codes.index("lead-change-mate")


def test_each_step_on_live_metal_says_what_is_live_and_what_a_slip_does():
    for step in steps(SPRAYER):
        if step.code.startswith(("lead-off", "lead-on")):
            assert "Live now" in step.words
            assert step.cautions
            assert step.hold
    cut = next(s for s in steps(SPRAYER) if s.code == "lead-off-minus")
    assert any("cutter itself is the short" in c for c in cut.cautions)


def test_the_school_of_first_lead_is_followed():
    positive = SPRAYER.edited("leads.first_lead", "positive first")
    codes = [s.code for s in steps(positive)]
    assert codes.index("lead-off-plus") < codes.index("lead-off-minus")


def test_what_is_left_by_hand():
    """170 mm there; cut 4 mm behind a body whose cup took 4 mm: 162 mm. Unsoldered only 3 mm are trimmed."""
    assert changed_lead(SPRAYER).left_m == pytest.approx(0.162)
    assert changed_lead(SPRAYER.edited("lead_change.take_off", TakeOff.UNSOLDER)).left_m == pytest.approx(
        0.167
    )


def test_the_sleeve_waits_where_it_stays_cold():
    """ΔT erfc(x/2√(αt)) = 55 K with 210 K at the iron and α of copper 1.16e-4 m²/s (Carslaw and Jaeger, from memory)."""
    x = parking_distance(8.0)
    alpha = 401 / (8960 * 385)
    assert 210 * erfc(x / (2 * sqrt(alpha * 8))) == pytest.approx(55, abs=0.5)


@pytest.mark.parametrize(
    ("code", "edits"),
    [
        ("LC-1", [("lead_change.reach_m", 0.168)]),
        ("LC-2", [("lead_change.wire_there_m", 0.06), ("lead_change.reach_m", 0.02)]),
        ("LC-3", [("lead_change.wire_there_m", 0.05), ("lead_change.reach_m", 0.02)]),
        ("LC-4", [("lead_change.old_connector", None)]),
        ("LC-5", [("lead_change.take_off", TakeOff.UNSOLDER)]),
    ],
)
def test_a_lead_change_that_cannot_be_done_as_planned_is_found(code, edits):
    assert code not in found(SPRAYER)
    assert code in found(SPRAYER.with_edits(*edits))


def test_a_pouch_pack_bears_less_heat(library):
    pouch = next(c for c in library.cells if "pouch" in c.name)
    near = SPRAYER.with_edits(("lead_change.wire_there_m", 0.080), ("lead_change.reach_m", 0.02))
    rise = changed_lead(near).work.far_rise_k
    assert 10 < rise < 20
    assert "LC-3" not in found(near)
    assert "LC-3" in found(near.with_edits(("cell", pouch), ("cell_now_v", 3.7)))


def test_reversed_polarity_stops_the_step(hoist):
    plan = steps(SPRAYER)
    step = next(s for s in plan if s.code == "lead-change-mark")

    def verdict(volts):
        events = [sealed(1, "t", "p", "", step.code, 1, PolarityReading(at="plug", volts=volts), "0" * 64)]
        return obstacle(step, (step,), fold(events), events, SPRAYER)

    assert "exchanged" in verdict(-38.1)
    assert "nothing is joined" in verdict(0.02)
    assert verdict(38.1) is None


# -- machine leads --------------------------------------------------------------------------------------


def test_machine_leads_begin_dead_and_fit_every_bullet():
    plan = steps(BARROW)
    assert plan[0].code == "machine-dead"
    assert plan[0].hold
    assert sum(s.code.startswith("bullet-") for s in plan) == 6
    assert sum(s.code.startswith("bullet-") for s in steps(BARROW.edited("machine.phases", 2))) == 4
    words = " ".join(s.title for s in plan)
    assert "Controller wire 1: female" in words
    assert "Motor wire 1: male" in words


@pytest.mark.parametrize(
    ("code", "edits"),
    [
        ("ML-1", [("machine.bullet", None)]),
        ("ML-1", [("machine.bullet", part_named(SHELF, Connector, "bare bullet pair 2 mm"))]),
        ("ML-2", [("machine.female_on_controller", False)]),
        ("ML-3", [("machine.staggered", False)]),
    ],
)
def test_machine_leads_rules_and_fixes(code, edits):
    assert code not in found(BARROW)
    faulty = BARROW.with_edits(*edits)
    finding = found(faulty)[code]
    if finding.fix:
        assert code not in found(finding.fix.applied(faulty))


# -- power cable ----------------------------------------------------------------------------------------


def test_the_source_is_what_is_entered_and_joined_last():
    a = analyse(SPLITTER, SHELF)
    assert a.pack.voltage_full_v == 14.4
    assert a.pack.short_circuit_a == pytest.approx(1800)
    codes = [s.code for s in steps(SPLITTER)]
    joins = [c for c in codes if c.startswith("join-")]
    assert joins == [
        "join-fuse",
        "join-load-minus",
        "join-load-plus",
        "join-source-plus",
        "join-source-minus",
    ]
    assert codes.index("cable-sleeves") < codes.index("crimp-source-plus")
    assert codes.index("cable-insulation") < codes.index("join-source-plus") < codes.index("cable-polarity")


def test_drop_by_hand():
    """50 mm² class 5 is 0.386 Ω/km at 20 °C (IEC 60228, from memory): 150 A over 2 × 2.4 m is 278 mV cold, some more warm."""
    row = cable_figures(SPLITTER, SHELF).present
    assert 0.278 < row.drop_v < 0.278 * 1.12


def test_a_short_run_needs_less_copper_than_a_steady_one():
    steady = cable_figures(
        SPLITTER.with_edits(("cable.on_s", 0.0), ("cable.off_s", 0.0), ("leads.drop_limit_v", 3.0)), SHELF
    )
    by_turns = cable_figures(SPLITTER.edited("leads.drop_limit_v", 3.0), SHELF)
    assert by_turns.proposed.wire.area_m2 < steady.proposed.wire.area_m2


@pytest.mark.parametrize(
    ("code", "edits"),
    [
        ("PC-1", [("cable.source_lug", None)]),
        ("PC-1", [("cable.source_stud_m", 0.012)]),
        ("PC-1", [("cable.load_lug", part_named(SHELF, Lug, "crimp lug 25 mm² (4 AWG), M10"))]),
        ("PC-2", [("cable.second_insulation", False)]),
        ("PC-3", [("leads.wire", part_named(SHELF, Wire, "6 mm² silicone"))]),
        ("PC-3", [("leads.drop_limit_v", 0.2)]),
    ],
)
def test_cable_rules_and_fixes(code, edits):
    assert code not in found(SPLITTER)
    faulty = SPLITTER.with_edits(*edits)
    finding = found(faulty)[code]
    assert finding.fix is not None
    assert code not in found(finding.fix.applied(faulty))


def test_a_lug_of_the_library_or_none():
    assert lug_for(SHELF, SPLITTER.leads.wire, 0.010).name == "crimp lug 50 mm² (1/0 AWG), M10"
    assert lug_for(SHELF, SPLITTER.leads.wire, 0.02) is None
    assert smallest_bend(SPLITTER.leads.wire) > 0.03


def test_a_bad_crimp_stops_the_step():
    plan = steps(SPLITTER)
    step = next(s for s in plan if s.code == "crimp-source-plus")
    bad = CrimpJoint(joint="plus", die="50", crimps=2, strands_in=False, tug=True)
    events = [sealed(1, "t", "p", "", step.code, 1, bad, "0" * 64)]
    assert "strand" in obstacle(step, (step,), fold(events), events, SPLITTER)


# -- guard's own jobs -----------------------------------------------------------------------------------


def test_a_board_under_a_cell_adds_what_the_trade_says():
    """About 2.5 mm or more in length (common practice, no source)."""
    made = cell_with_board(LAMP)
    assert 0.0025 <= made.added_m <= 0.004
    assert made.length_m > LAMP.cell.length_m + made.added_m
    assert made.fits_holder
    assert made.fits_charger
    assert made.fits_width is None
    # An 18 mm cell goes into sleeve of 29.5 mm flat: half its circumference is 28.3 mm and more over the strap.
    assert made.sleeve_flat_m == pytest.approx(0.0295)


@pytest.mark.parametrize(
    ("code", "edits"),
    [
        ("CB-1", [("cell_bms.holder_m", 0.066)]),
        ("CB-1", [("cell_bms.holder_width_m", 0.0182)]),
        ("CB-2", [("parallel", 2)]),
        ("CB-3", [("cell.diameter_m", 0.05)]),
    ],
)
def test_cell_bms_rules(code, edits):
    assert code not in found(LAMP)
    assert code in found(LAMP.with_edits(*edits))


def test_the_strap_meets_the_positive_last_and_the_board_is_woken_before_the_sleeve():
    codes = [s.code for s in steps(LAMP)]
    assert codes == [
        "cell-bms-cell-check",
        "cell-bms-ring",
        "weld-sample",
        "cell-bms-minus",
        "cell-bms-strap",
        "cell-bms-wake",
        "cell-bms-sleeve",
        "cell-bms-proof",
    ]
    assert all(s.hold for s in steps(LAMP))


def test_bms_retrofit_records_before_anything_moves_and_plugs_in_last():
    codes = [s.code for s in steps(hoist_in_rows(SHELF).edited("kind", JobKind.BMS_RETROFIT))]
    assert codes[0] == "fit-record"
    order = [
        "fit-groups",
        "sense-harness",
        "taps-bottom",
        "taps-top",
        "fit-minus-lead",
        "tap-voltages",
        "board-on",
        "first-charge",
    ]
    assert [c for c in codes if c in order] == order


def test_no_cell_goes_into_a_holder_before_the_harness_is_measured():
    """Solder wiring and boards before cells go into holders; more than 5 MΩ between the poles (common practice, no source)."""
    design = hoist_in_rows(SHELF).edited("kind", JobKind.HOLDER_PACK)
    plan = steps(design)
    codes = [s.code for s in plan]
    assert (
        codes.index("holder-links")
        < codes.index("holder-insulation")
        < codes.index("check-cells")
        < codes.index("holder-group-1")
    )
    assert sum(c.startswith("holder-group-") for c in codes) == 10
    assert "5 MΩ" in next(s for s in plan if s.code == "holder-insulation").expected
    assert "holder-host-plug" not in codes
    plug = part_named(SHELF, Connector, "many-pin host plug")
    assert "holder-host-plug" in [s.code for s in steps(design.edited("holder.host_plug", plug))]


def test_clips_are_judged(hoist):
    design = hoist.with_edits(("kind", JobKind.HOLDER_PACK), ("holder.clip_a", 5.0))
    told = found(design)
    assert "6.25 A of 5 A" in told["HP-1"].sentence
    assert "HP-2" in told
    assert "HP-1" not in found(design.edited("holder.clip_a", 8.0))


# -- along the lead -------------------------------------------------------------------------------------


def test_a_long_lead_settles_in_its_middle_and_its_ends_are_held():
    wire = part_named(SHELF, Wire, "12 AWG silicone")
    p = lead_profile(wire, 3.0, 25.0, 303.15, 330.0, 333.15, 350.0)
    assert p.temperature_k[[0, -1]] == pytest.approx([333.15, 350.0])
    assert p.temperature_k[60] == pytest.approx(330.0, abs=0.5)
    # By hand: 25 A through 3 m at 5.21 mΩ/m (IACS, 12 AWG) is 0.39 V cold.
    assert 0.39 < p.lost_v[-1] < 0.39 * 1.2


def test_a_lead_without_current_runs_from_end_to_end():
    wire = part_named(SHELF, Wire, "12 AWG silicone")
    p = lead_profile(wire, 0.1, 1e-6, 300.0, 300.0, 330.0, 300.0)
    assert (p.temperature_k[:-1] >= p.temperature_k[1:] - 1e-9).all()
    assert p.lost_v[-1] == pytest.approx(0, abs=1e-6)


def test_the_profile_of_a_design_begins_at_the_cells_and_ends_at_the_contact(hoist):
    a = analyse(hoist, SHELF)
    p = profile_of(hoist, a)
    assert p.temperature_k[0] == pytest.approx(hoist.cell.temperature_max_k)
    assert p.temperature_k[-1] == pytest.approx(a.leads.contact_k)
    assert p.place_m[-1] == hoist.leads.length_m


def test_clips_are_the_joints_of_a_holder_pack(hoist):
    """Two clips a cell in place of two welds: 2 S (R_clip − R_weld)/P more in the pack, by Ohm's law; equal cells share evenly enough."""
    base = hoist.with_edits(
        ("series", 6),
        ("parallel", 1),
        ("arrangement.rows", 1),
        ("bms.board", None),
        ("joining.doubled", ()),
    )
    held = base.edited("kind", JobKind.HOLDER_PACK)
    welded, clipped = analyse(base, SHELF), analyse(held, SHELF)
    more = (clipped.pack.sag_steady_v - welded.pack.sag_steady_v) / base.brief.current_steady_a
    assert more == pytest.approx(2 * 6 * (held.holder.clip_ohm - 0.0002), rel=1e-6)
    warm = [solve_under_load(d, welded.layout, 600.0).network.cell_ohm.sum() for d in (base, held)]
    assert warm[1] - warm[0] == pytest.approx(more, rel=1e-9)
    # A clip that was measured counts instead of its class.
    known = held.edited("joining.joint_ohm", 0.003)
    assert (analyse(known, SHELF).pack.sag_steady_v - welded.pack.sag_steady_v) / 25 == pytest.approx(
        2 * 6 * (0.003 - 0.0002), rel=1e-6
    )


def test_a_source_known_by_its_class_drives_what_its_class_drives():
    starter = SPLITTER.edited("cable.source_class", SourceClass.STARTER)
    assert analyse(starter, SHELF).pack.short_circuit_a == pytest.approx(3000)
    assert analyse(SPLITTER, SHELF).pack.short_circuit_a == pytest.approx(SPLITTER.cable.source_short_a)
    assert set(SourceClass) - {SourceClass.ENTERED} == set(CLASS_SHORT_A)
