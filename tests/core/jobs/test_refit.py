"""A refit: nothing moves before it is recorded, what goes in fits and may be charged, and the worth of it is told."""

import re

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.changes.existing_pack import PackAsItIs
from firmcell.core.jobs import existing_job, passport_of, plan_of, steps_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.model.brief import Brief
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.job_details import JobKind, OldTabs
from firmcell.core.model.parts import Board, Cell, Connector
from firmcell.core.pictures.pocket import pocket_drawing
from firmcell.core.records.build_state import EMPTY_STATE, fold
from firmcell.core.records.event_words import event_words
from firmcell.core.records.events import AsFound, Checked, FoundThing, sealed
from firmcell.store.demo import lamp_refit
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
LAMP = lamp_refit(SHELF)
BRIEF = Brief(
    title="t",
    load_voltage_min_v=9,
    load_voltage_max_v=15,
    current_steady_a=2,
    current_peak_a=4,
    run_time_s=600,
)


def codes(design):
    return [s.code for s in steps_of(design, analyse(design, SHELF))]


def test_the_demo_stands_without_a_stop_and_its_charger_is_told():
    told = found(LAMP, SHELF)
    assert not [f for f in told.values() if f.severity is Severity.STOP]
    assert "0.258 A (C/12) goes on. Unplug it after 22 h" in told["CH-2"].sentence


def test_everything_is_recorded_before_anything_moves_and_poles_come_first():
    """JOBS.md's order: common practice, no source."""
    plan = codes(LAMP)
    order = (
        "refit-photo", "refit-open", "refit-record", "refit-polarity", "refit-free", "refit-halves", "refit-lift", "check-cells",
        "refit-set", "weld-bottom-N0", "weld-bottom-N4", "weld-top-N5", "weld-top-N1", "refit-read-parts", "weld-bottom-N2",
        "measure-total", "lead-minus", "refit-pads", "tap-voltages", "host-charge", "refit-close", "refit-runs", "final-look",
    )  # fmt: skip
    places = [plan.index(code) for code in order]
    assert places == sorted(places)
    held = {s.code for s in steps_of(LAMP, analyse(LAMP, SHELF)) if s.hold}
    assert {
        "refit-photo",
        "refit-open",
        "refit-record",
        "refit-polarity",
        "refit-set",
        "refit-read-parts",
        "host-charge",
    } <= held


@pytest.mark.parametrize(("series", "halves"), [(1, 3), (2, 2), (5, 1), (7, 3), (6, 6), (10, 2)])
def test_parts_are_joined_after_each_of_them_is_read(series, halves):
    """Each joint between cells is made once; those between parts after the reading of the parts."""
    design = LAMP.with_edits(("series", series), ("refit.halves", halves))
    plan = codes(design)
    welds = [c for c in plan if re.fullmatch(r"weld-(top|bottom)-N\d+", c)]
    assert sorted(int(c.rsplit("N", 1)[1]) for c in welds) == list(range(series + 1))
    late = [c for c in welds if "refit-read-parts" in plan and plan.index(c) > plan.index("refit-read-parts")]
    assert len(late) == min(halves, series) - 1
    assert len(set(plan)) == len(plan)


def test_what_stays_needs_no_making_up():
    kept, made = codes(LAMP), codes(LAMP.edited("refit.leads_stay", False))
    assert "connector-plug-in" not in kept
    assert "connector-plug-in" in made
    board = part_named(SHELF, Board, "lithium-ion BMS 4S 20 A")
    lithium = LAMP.with_edits(
        ("cell", part_named(SHELF, Cell, "18650 balanced 3.0 Ah")), ("series", 4), ("bms.board", board)
    )
    assert "sense-harness" not in codes(lithium)
    assert "sense-harness" in codes(lithium.edited("refit.board_stays", False))


def test_a_pack_as_it_is_becomes_a_refit_with_nothing_proposed_over_it():
    old = part_named(SHELF, Cell, "AA cadmium 0.8 Ah")
    told = PackAsItIs(series=10, parallel=2, cell=old, connector=part_named(SHELF, Connector, "T-blade pair"))
    design = existing_job(told, BRIEF, JobKind.REFIT, SHELF)
    assert (design.series, design.parallel, design.cell) == (10, 2, old)
    assert (design.refit.old_series, design.refit.old_parallel, design.refit.old_cell) == (10, 2, old)
    assert design.leads.fuse is None
    assert "RF-3" in found(design, SHELF)
    assert found(design, SHELF)["RF-3"].severity is Severity.ATTENTION, "like for like"
    assert "CH-1" not in found(design, SHELF)


def test_cells_that_nobody_knows_are_chosen_first():
    design = existing_job(PackAsItIs(series=6, parallel=1, size="sub-C"), BRIEF, JobKind.REFIT, SHELF)
    assert {"EX-1", "EX-2", "EX-4"} <= found(design, SHELF).keys()
    assert "iron phosphate" not in found(design, SHELF)["EX-1"].sentence, "sub-C cells are nickel"
    assert not {"LE-3", "LE-4", "LE-5", "LE-6"} & found(design, SHELF).keys(), (
        "nothing is said of what is not known"
    )
    told = found(design, SHELF)["RF-1"]
    assert told.severity is Severity.STOP
    chosen = told.fix.applied(design)
    assert "RF-1" not in found(chosen, SHELF)
    assert chosen.cell.size == "sub-C"
    rows = {w.name: w for w in plan_of(chosen).worth(chosen, analyse(chosen, SHELF))}
    assert rows["Energy"].before == "not known"
    assert rows["Energy"].words == ""


def test_lithium_into_a_host_that_charges_nickel_is_refused_and_the_plan_says_so():
    lithium = LAMP.with_edits(("cell", part_named(SHELF, Cell, "18650 balanced 3.0 Ah")), ("series", 2))
    told = found(lithium, SHELF)
    assert told["CH-1"].severity is Severity.STOP
    assert "never charged without voltage control" in told["CH-1"].sentence
    step = next(s for s in steps_of(lithium, analyse(lithium, SHELF)) if s.code == "host-charge")
    assert step.words.startswith("Not in this host:")
    unknown = lithium.edited("host_charger.end", ChargeEnd.NOT_ENTERED)
    assert found(unknown, SHELF)["RF-3"].severity is Severity.STOP
    page = passport_of(lithium, analyse(lithium, SHELF), EMPTY_STATE, (), Bound(""))
    assert page.cautions[0].startswith("Never charged in its host")


def test_room_current_voltage_and_tabs_are_judged():
    assert "RF-2" not in found(LAMP, SHELF)
    assert "44.5 mm" in found(LAMP.edited("refit.pocket_length_m", 0.0444), SHELF)["RF-2"].sentence
    assert "wide" in found(LAMP.edited("refit.pocket_width_m", 0.0226), SHELF)["RF-2"].sentence
    weak = LAMP.edited("cell", LAMP.cell.model_copy(update={"current_continuous_a": 5.0}))
    assert "the new ones give 5 A" in found(weak, SHELF)["RF-4"].sentence
    assert "RF-4" not in found(LAMP, SHELF)
    assert "20 % over" in found(LAMP.edited("series", 6), SHELF)["RF-5"].sentence
    thick = LAMP.with_edits(("refit.old_tabs", OldTabs.WELD), ("refit.old_tab_m", 0.0003))
    told = found(thick, SHELF)["RF-6"]
    assert told.severity is Severity.STOP
    assert "RF-6" not in found(told.fix.applied(thick), SHELF)
    assert "refit-flat" in codes(thick)
    assert "refit-flat" not in codes(LAMP)
    assert "0 of 5 are tested" in found(LAMP.edited("refit.reclaimed", True), SHELF)["RF-7"].sentence


def test_the_worth_is_that_of_the_two_packs_by_hand():
    """By hand: 1.1 Ah measured against 3.0 Ah at 6 V nominal, sag by resistance, weight by the cells."""
    rows = {w.name: w for w in plan_of(LAMP).worth(LAMP, analyse(LAMP, SHELF))}
    assert rows["Energy"].before == "6.6 Wh"
    assert rows["Energy"].after == "18 Wh"
    assert rows["Energy"].change == pytest.approx(3.0 / 1.1 - 1)
    old = part_named(SHELF, Cell, "sub-C cadmium 1.8 Ah")
    more = analyse(LAMP, SHELF).pack.sag_steady_v - 1.8 * 5 * (LAMP.cell.resistance_ohm - old.resistance_ohm)
    assert float(rows["Sag at 1.8 A"].before.split()[0]) == pytest.approx(more, abs=0.006)
    assert rows["Weight"].before == f"{(analyse(LAMP, SHELF).pack.mass_kg - 5 * 0.006) * 1e3:.0f} g"


def test_a_thing_as_found_is_kept_and_told_on_the_passport():
    wire = AsFound(
        thing=FoundThing.WIRE,
        words="thin, cut insulation",
        colour="red",
        begins="strip B5",
        ends="switch",
        length_m=0.08,
    )
    event = sealed(1, "2026-01-01T00:00:00+00:00", "Wren", "", "refit-record", 1, wire, "0" * 64)
    assert event_words(event) == "a wire: thin, cut insulation, red, from strip B5 to switch, 80 mm"
    state = fold([event])
    assert state.as_found == (wire,)
    page = passport_of(LAMP, analyse(LAMP, SHELF), state, (), Bound(""))
    assert "Found: a wire: thin, cut insulation, red, from strip B5 to switch, 80 mm." in page.records
    step = next(s for s in steps_of(LAMP, analyse(LAMP, SHELF)) if s.code == "refit-open")
    plan = steps_of(LAMP, analyse(LAMP, SHELF))
    photo = sealed(1, "t", "", "", "refit-photo", 1, Checked(right=plan[0].checks), "0" * 64)
    assert obstacle(plan[0], plan, fold([photo]), [photo], LAMP) is None
    assert obstacle(step, plan, fold([photo]), [photo], LAMP) is not None


def test_the_cell_is_drawn_in_its_room():
    drawing = pocket_drawing(LAMP)
    words = " ".join(getattr(s, "text", "") for s in drawing.shapes)
    assert "44.5 mm at worst" in words
    assert "45.0 mm there" in words
    edges = [s for s in drawing.shapes if s.role == "space.edge"]
    assert len(edges) == 2
    assert max(x for x, _ in edges[0].points) == pytest.approx(45.0)
    assert pocket_drawing(LAMP.edited("refit.old_cell", None)).bounds[3] < drawing.bounds[3]


def test_nickel_has_no_voltage_to_charge_to():
    """Common practice, no source: a nickel cell falls when full; “charge to 7.25 V” would never end, or end too soon."""
    page = passport_of(LAMP, analyse(LAMP, SHELF), EMPTY_STATE, (), Bound(""))
    assert "Charge to" not in dict(page.limits)
    assert "charge to" not in page.essentials
    lithium = LAMP.with_edits(("cell", part_named(SHELF, Cell, "18650 balanced 3.0 Ah")), ("series", 2))
    assert dict(passport_of(lithium, analyse(lithium, SHELF), EMPTY_STATE, (), Bound("")).limits)[
        "Charge to"
    ].startswith("8.40 V")


def test_a_sleeve_goes_on_before_the_host_closes_over_the_pack():
    order = codes(LAMP.edited("insulation.sleeve", SHELF.sleeves[3]))
    assert order.index("connector-reading") < order.index("sleeve") < order.index("host-charge")
    assert order.index("sleeve") < order.index("refit-close")
    assert order.count("sleeve") == 1
    assert "sleeve" not in codes(LAMP)
