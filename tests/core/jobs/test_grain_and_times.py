"""Two grains of a plan, how long it takes, and what is laid out before it: for every kind of job."""

from dataclasses import replace
from datetime import datetime, timedelta
from itertools import pairwise

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.bench.step_times import LONGEST_S, estimated, family, learned, taken
from firmcell.core.jobs import passport_of, steps_of
from firmcell.core.jobs.cautions import CAP_ON, NO_WAY_BACK, OTHER_COVERED, SLEEVE_ON
from firmcell.core.jobs.lay_out import laid_out
from firmcell.core.jobs.passport import Bound
from firmcell.core.model.job_details import Grain
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Connector
from firmcell.core.records.build_state import EMPTY_STATE, fold
from firmcell.core.records.events import StepPassed, sealed
from firmcell.core.records.step import Step
from firmcell.store.demo import DEMO_JOBS, hay_loft_lantern, orchard_hoist, sprayer_lead_change
from firmcell.store.part_files import part_named, shipped_library

SHELF = shipped_library()


def both(name):
    full = DEMO_JOBS[name][1](SHELF)
    short = full.edited("grain", Grain.SHORT)
    return steps_of(full, analyse(full, SHELF)), steps_of(short, analyse(short, SHELF)), short


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_the_short_grain_keeps_every_hold_point_record_caution_and_wire(name):
    full, short, design = both(name)
    assert len(short) <= len(full)
    assert [s.code for s in full if s.hold] == [s.code for s in short if s.hold]
    for part in ("cautions", "checks", "wires", "begins", "refs"):
        assert {x for s in full for x in getattr(s, part)} == {x for s in short for x in getattr(s, part)}
    matter = [(s.code, k) for s in full for k in s.records if k != "checked"]
    assert matter == [(s.code, k) for s in short for k in s.records if k != "checked"]
    assert {s.code for s in short} <= {s.code for s in full}
    assert [s.reads_v for s in full if s.probes] == [s.reads_v for s in short if s.probes]
    page = passport_of(design, analyse(design, SHELF), EMPTY_STATE, short, Bound(""))
    assert "steps passed of the short plan" in page.records[0]


def test_the_short_grain_is_shorter_where_there_are_mere_looks():
    """At least the plans with a look that is no hold point lose a stop."""
    shorter = [name for name in DEMO_JOBS if len(both(name)[1]) < len(both(name)[0])]
    assert {"orchard-hoist", "pond-wet-jacket", "lamp-refit"} <= set(shorter)


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_what_was_heated_cools_by_the_clock_before_the_next_step(name):
    for plan in both(name)[:2]:
        for before, after in pairwise(plan):
            if before.cools_s:
                assert after.wait_s >= before.cools_s
                assert after.waits_for or after.wait_s > before.cools_s, "a cure of its own lasts longer"
        heats = {"sleeve", "jacket-shrink", "re-sleeve-shrink", "cell-bms-sleeve"}
        assert all(s.cools_s for s in plan if s.code in heats)


def test_cells_soldered_on_cool_between_joints_and_welded_ones_need_not():
    soldered = hay_loft_lantern(SHELF).edited("joining.joined_by", JoinedBy.SOLDER)
    for design, cools in ((soldered, True), (soldered.edited("joining.joined_by", JoinedBy.WELD), False)):
        joints = [s for s in steps_of(design, analyse(design, SHELF)) if s.code.startswith("weld-")]
        assert len(joints) > 2
        assert all(bool(s.cools_s) is cools for s in joints)
    plan = steps_of(soldered, analyse(soldered, SHELF))
    first, second = next((a, b) for a, b in pairwise(plan) if a.cools_s)
    began = datetime.fromisoformat("2026-03-01T10:00:00+00:00")
    log = passed((0, first.code))
    bare = replace(second, records=(), checks=(), probes=None)
    early = obstacle(bare, (first, bare), fold(log), log, soldered, began + timedelta(seconds=61))
    assert early == "What was heated cools until 10:02: 1 min more."
    assert obstacle(bare, (first, bare), fold(log), log, soldered, began + timedelta(seconds=120)) is None


# -- times ----------------------------------------------------------------------------------------------


def passed(*times):
    began = datetime.fromisoformat("2026-03-01T10:00:00+00:00")
    return [
        sealed(n, (began + timedelta(seconds=s)).isoformat(), "", "", code, 1, StepPassed(), "0" * 64)
        for n, (s, code) in enumerate(times, start=1)
    ]


def test_a_workshops_own_time_counts_once_there_is_enough_of_it():
    events = passed(
        (0, "rings"), (300, "weld-bottom-N2"), (900, "weld-bottom-N4"), (900 + LONGEST_S + 1, "weld-top-N1")
    )
    assert taken(events) == [("weld-bottom", 300.0), ("weld-bottom", 600.0)]
    assert learned({"weld-bottom": [300.0, 600.0]}) == {}
    assert learned({"weld-bottom": [300.0, 600.0, 420.0]}) == {"weld-bottom": 420.0}
    step = Step("weld-top-N3", "Weld", "t", "w.", records=("weld-row",))
    assert family(step.code) == "weld-top"
    assert estimated(step, {"weld-top": 77.0}) == 77.0
    assert estimated(step, {}, joints=20) > estimated(step, {}, joints=2)
    assert family("re-sleeve-judge-2") == "re-sleeve-judge"
    assert family("lead-plus") == "lead-plus"


@pytest.mark.parametrize("name", DEMO_JOBS)
def test_every_step_has_a_time_and_a_pack_takes_hours(name):
    full, _, design = both(name)
    total = sum(estimated(s, {}, design.cell_count, 10, design.series) for s in full)
    assert all(estimated(s, {}) > 0 for s in full)
    assert 600 < total < 24 * 3600


# -- laid out -------------------------------------------------------------------------------------------


def out(design):
    analysis = analyse(design, SHELF)
    return laid_out(design, analysis, steps_of(design, analysis))


def test_what_is_laid_out_is_what_the_plan_uses():
    hoist = out(orchard_hoist(SHELF))
    assert "spot welder" in hoist.tools
    assert "40 × 21700 high-energy 5.0 Ah" in hoist.parts
    assert "40 × insulator ring for 21700" in hoist.parts
    assert any("sleeve" in line and "before any joint" in line for line in hoist.first)
    change = out(sprayer_lead_change(SHELF))
    assert "spot welder" not in change.tools
    assert not any("AWG silicone wire" in part for part in change.parts), "its leads are there"
    assert any("covers for free ends" in line for line in change.used_up)
    lantern = out(hay_loft_lantern(SHELF))
    assert any("5 × " in part for part in lantern.parts)
    for name in DEMO_JOBS:
        assert out(DEMO_JOBS[name][1](SHELF)).tools


# -- what people forget ---------------------------------------------------------------------------------


def test_what_is_forgotten_is_ticked_before_the_joint_it_matters_for():
    """Common practice, no source: the sleeve forgotten before the joint is the trade's classic."""
    for name in ("orchard-hoist", "sprayer-lead-change", "barrow-machine-leads", "pond-wet-jacket"):
        full, _, _ = both(name)
        leads = [
            s
            for s in full
            if {"solder-joint", "crimp-joint"} & set(s.records)
            and any(r.startswith("lead:") or r == "connector" for r in s.refs)
        ]
        assert leads
        for step in leads:
            assert SLEEVE_ON in step.checks
            assert NO_WAY_BACK in step.cautions
            assert step.records[0] == "checked", "ticked before the joint is recorded"
    hoist = {s.code: s for s in both("orchard-hoist")[0]}
    assert OTHER_COVERED in hoist["lead-plus"].checks
    assert "Plus and minus still marked on the bench" in hoist["turn-top"].checks
    blades = part_named(SHELF, Connector, "modular genderless blade pair, small")
    loose = sprayer_lead_change(SHELF).edited("leads.connector", blades)
    assert (
        CAP_ON in next(s for s in steps_of(loose, analyse(loose, SHELF)) if s.code == "lead-on-plus").checks
    )
    balanced = orchard_hoist(SHELF).edited("bms.balance_plug", True)
    last = steps_of(balanced, analyse(balanced, SHELF))[-1]
    assert any("Balance plug clear" in c for c in last.checks)
