"""Ways of joining strip and cells: their resistance in the network, their joints, holes, steps, records and rules."""

import numpy as np
import pytest
from shapely.geometry import Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.changes.first_design import propose
from firmcell.core.changes.strip_fixes import strip_fixes
from firmcell.core.jobs import steps_of
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import StripStyle
from firmcell.core.model.joint_kinds import KINDS, JoinedBy, joints_by_face, terminal_torque
from firmcell.core.model.parts import Cell, Strip, StripMetal
from firmcell.core.pictures.drawing import Disc
from firmcell.core.pictures.templates import templates
from firmcell.core.records.build_state import fold
from firmcell.core.records.events import ScrewJoint
from firmcell.core.strips.joints import joint_resistances
from firmcell.core.strips.plates import plates
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.part_files import part_named
from tests.conftest import found


@pytest.fixture(scope="module")
def barn(library):
    """A 4S1P pack of large prismatic cells, as the program proposes it from a brief."""
    brief = Brief(
        title="Barn lights",
        load_voltage_min_v=10.5,
        load_voltage_max_v=14.8,
        current_steady_a=30,
        current_peak_a=60,
        peak_duration_s=20,
        energy_j=500 * 3600,
        space="box",
        box_length_m=0.26,
        box_width_m=0.18,
        box_height_m=0.24,
        clearance_m=0.002,
    )
    return propose(brief, library, part_named(library, Cell, "prismatic iron phosphate 50 Ah"))


def joined(design, by):
    return design.edited("joining.joined_by", by)


# -- resistance -----------------------------------------------------------------------------------------


@pytest.mark.parametrize("by", JoinedBy)
def test_two_joints_a_cell_add_to_the_pack(barn, library, by):
    """Ohm: 4S1P has every cell and its two joints in one line, so the pack differs by eight joints, whatever the bars."""
    weld = solve_under_load(joined(barn, JoinedBy.WELD), analyse(barn, library).layout, 600.0)
    other = solve_under_load(joined(barn, by), analyse(barn, library).layout, 600.0)
    cells = other.network.cell_ohm - weld.network.cell_ohm
    assert cells == pytest.approx(2 * (KINDS[by].ohm - KINDS[JoinedBy.WELD].ohm), abs=1e-12)


def test_a_measured_joint_counts_whatever_the_kind(hoist, library):
    layout = analyse(hoist, library).layout
    for by in JoinedBy:
        measured = joined(hoist, by).edited("joining.joint_ohm", 0.00033)
        assert joint_resistances(layout, measured.joining) == pytest.approx(0.00033)


def test_only_welds_can_be_doubled(hoist, library):
    layout = analyse(hoist, library).layout
    twice = hoist.edited("joining.doubled", (1, 2))
    assert joint_resistances(layout, twice.joining)[:3] == pytest.approx([1e-4, 1e-4, 2e-4])
    soldered = joint_resistances(layout, joined(twice, JoinedBy.TABS).joining)
    assert np.ptp(soldered) == 0
    assert "Double" not in "".join(
        s.words for s in steps_of(joined(twice, JoinedBy.TABS), analyse(twice, library))
    )


def test_joints_are_counted_once_a_pad(hoist, library):
    welded = analyse(hoist.edited("joining.link_layers", 3), library)
    soldered = analyse(joined(hoist.edited("joining.link_layers", 3), JoinedBy.TABS), library)
    for a, b in zip(welded.strips, soldered.strips, strict=True):
        assert a.joints == a.weld_pairs == len(a.cells) * a.layers * 2
        assert b.joints == len(b.cells)
        assert b.weld_pairs == 0
    assert sum(soldered.measures.welds.values()) == 0
    assert sum(soldered.measures.joints.values()) == sum(len(p.cells) for p in soldered.strips)


def test_joints_in_words():
    assert (
        joints_by_face(JoinedBy.WELD, {"top": 96, "bottom": 88}) == "96 on top, 88 on the bottom (weld pairs)"
    )
    assert joints_by_face(JoinedBy.SCREW, {"top": 8, "bottom": 0}) == "8 on top (screwed joints)"
    assert joints_by_face(JoinedBy.TABS, {"top": 0, "bottom": 0}) == "none"


# -- what suits the cell --------------------------------------------------------------------------------


def test_large_cells_are_proposed_with_screwed_bars_and_a_fuse_that_breaks_their_short(barn, library):
    analysis = analyse(barn, library)
    assert barn.joining.joined_by is JoinedBy.SCREW
    assert barn.joining.link_strip.metal is StripMetal.COPPER
    # Common practice, no source: a bar is at least two and a half threads wide.
    assert barn.joining.link_strip.width_m >= 2.5 * barn.joining.thread_m
    assert barn.leads.fuse.breaking_a >= analysis.pack.short_circuit_a
    assert not {"SR-1", "SR-2", "SR-4", "SR-14", "SR-16"} & set(found(barn, library))


@pytest.mark.parametrize(
    ("cell", "by", "severity"),
    [
        ("21700 high-energy 5.0 Ah", JoinedBy.SCREW, Severity.STOP),
        ("21700 high-energy 5.0 Ah", JoinedBy.SOLDER, Severity.ATTENTION),
        ("prismatic iron phosphate 50 Ah", JoinedBy.WELD, Severity.ATTENTION),
        ("prismatic iron phosphate 50 Ah", JoinedBy.SOLDER, Severity.STOP),
        ("prismatic iron phosphate 50 Ah", JoinedBy.TABS, Severity.STOP),
        ("pouch lithium-ion 10 Ah", JoinedBy.TABS, Severity.ATTENTION),
    ],
)
def test_what_does_not_suit_the_cell_is_told_and_fixed(hoist, library, cell, by, severity):
    design = joined(hoist, by).with_edits(("cell", part_named(library, Cell, cell)), ("bms.board", None))
    told = found(design, library)["SR-14"]
    assert told.severity is severity
    if told.fix is not None:
        assert "SR-14" not in found(told.fix.applied(design), library)
    else:
        assert "clip" in told.sentence


@pytest.mark.parametrize(
    ("cell", "by"),
    [
        ("21700 high-energy 5.0 Ah", JoinedBy.WELD),
        ("21700 high-energy 5.0 Ah", JoinedBy.TABS),
        ("prismatic iron phosphate 50 Ah", JoinedBy.SCREW),
        ("pouch lithium-ion 10 Ah", JoinedBy.WELD),
        ("pouch lithium-ion 10 Ah", JoinedBy.SCREW),
    ],
)
def test_what_suits_the_cell_is_let_be(hoist, library, cell, by):
    design = joined(hoist, by).with_edits(("cell", part_named(library, Cell, cell)), ("bms.board", None))
    assert "SR-14" not in found(design, library)


def test_copper_is_hard_to_weld_and_not_to_solder_or_screw(hoist, library):
    assert "SR-4" in found(hoist, library)
    for by in (JoinedBy.TABS, JoinedBy.SOLDER, JoinedBy.SCREW):
        assert "SR-4" not in found(joined(hoist, by), library)


def test_a_narrow_strip_under_a_screw_is_fixed_by_a_bar(barn, library):
    nickel = part_named(library, Strip, "pure nickel strip 0.15 × 8")
    narrow = barn.edited("joining.link_strip", nickel)
    told = found(narrow, library)["SR-16"]
    assert "8.0 mm" in told.sentence
    assert "15.0 mm" in told.sentence
    fixed = told.fix.applied(narrow)
    assert "SR-16" not in found(fixed, library)
    old, new = narrow.joining.link_strip, fixed.joining.link_strip
    assert new.section_m2 / new.resistivity_ohm_m >= old.section_m2 / old.resistivity_ohm_m


def test_a_thread_without_known_torque_is_told(barn, library):
    assert terminal_torque(0.006) == 4.5
    assert terminal_torque(0.007) is None
    odd = barn.edited("joining.thread_m", 0.007)
    assert "7.0 mm" in found(odd, library)["SR-15"].sentence
    assert "as the cell's sheet says" in "".join(s.words for s in steps_of(odd, analyse(odd, library)))


def test_fixes_of_screwed_bars_are_bars_that_take_the_screw(barn, library):
    weak = barn.with_edits(
        ("brief.current_steady_a", 110.0),
        ("brief.current_peak_a", 110.0),
        ("joining.link_layers", 1),
        ("joining.collector_layers", 1),
    )
    analysis = analyse(weak, library)
    metal = solve_under_load(weak, analysis.layout, analysis.pack.run_time_s)
    assert metal.figures.worst_share > 1
    *_, (_, fixes) = strip_fixes(weak, analysis.layout, metal, library, analysis.pack.run_time_s)
    assert fixes
    for fix in fixes:
        changed = fix.fix.applied(weak)
        assert "SR-16" not in found(changed, library)
        assert "weld" not in fix.fix.words
        solved = solve_under_load(changed, analyse(changed, library).layout, analysis.pack.run_time_s)
        assert solved.figures.worst_share <= 1


# -- holes ----------------------------------------------------------------------------------------------


def test_holes_for_screws_in_strips_and_plates(barn, library):
    discs = [
        s for t in templates(barn, analyse(barn, library)) for s in t.drawing.shapes if isinstance(s, Disc)
    ]
    holes = [d for d in discs if d.ref.startswith("strip:")]
    # M6 and half a millimetre of ease (common practice, no source).
    assert {round(h.radius, 3) for h in holes} == {3.25}
    plated = barn.edited("joining.style", StripStyle.PLATES)
    for plate in plates(analyse(plated, library).layout, plated.joining, plated.cell):
        assert len(plate.slots_m) == len(plate.pads_m)
        for hole in plate.slots_m:
            assert Polygon(hole).area == pytest.approx(np.pi * 0.00325**2, rel=0.02)
            assert np.ptp(np.hypot(*(hole - hole.mean(axis=0)).T)) < 1e-9
    soldered = joined(plated, JoinedBy.TABS)
    assert not any(
        p.slots_m for p in plates(analyse(soldered, library).layout, soldered.joining, soldered.cell)
    )


def test_a_bar_reaches_past_its_screw(barn, library):
    """Common practice, no source: one and a half threads from the screw to the end of its bar."""
    link = next(p for p in analyse(barn, library).strips if len(p.cells) == 2)
    pitch = np.hypot(*np.subtract(*link.points_m))
    assert link.length_m == pytest.approx(pitch + 2 * 0.009)
    welded = next(p for p in analyse(joined(barn, JoinedBy.WELD), library).strips if len(p.cells) == 2)
    assert welded.length_m == pytest.approx(pitch + 2 * 0.004)


# -- steps and records ----------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("by", "first", "record"),
    [
        (JoinedBy.WELD, "weld-sample", "weld-row"),
        (JoinedBy.TABS, "tabs-look", "solder-joint"),
        (JoinedBy.SOLDER, "solder-sample", "solder-joint"),
        (JoinedBy.SCREW, "screw-faces", "screw-joint"),
    ],
)
def test_the_work_plan_speaks_of_the_joint_at_hand(hoist, library, by, first, record):
    design = joined(hoist, by)
    steps = steps_of(design, analyse(design, library))
    codes = [s.code for s in steps]
    rows = [s for s in steps if s.code.startswith("weld-") and "-N" in s.code]
    assert codes.index(first) < codes.index(rows[0].code)
    assert len(rows) == 11
    for step in rows:
        assert step.records == (record,)
        said = " ".join((step.phase, step.title, step.words, *step.cautions)).lower()
        assert ("weld" in said) == (by is JoinedBy.WELD)
    # The caution stands at the step where it counts.
    assert all(s.cautions for s in rows)


def test_flat_cells_are_never_turned_over_and_have_no_rings(barn, library):
    codes = [s.code for s in steps_of(barn, analyse(barn, library))]
    assert not any(c.startswith("turn-") or c == "rings" for c in codes)
    assert codes.count("measure-top") == 1
    assert "measure-bottom" not in codes
    assert "SR-5" not in found(barn.edited("insulation.rings", False), library)
    pouch = next(c for c in library.cells if "pouch" in c.name)
    tabs = joined(barn, JoinedBy.TABS).edited("cell", pouch)
    said = next(s for s in steps_of(tabs, analyse(tabs, library)) if s.code == "weld-top-N1")
    assert "pouch" in said.cautions[0]


def test_a_screw_without_its_mark_passes_no_step(barn, library):
    from tests.core.records.test_records import chain

    steps = steps_of(barn, analyse(barn, library))
    step = next(s for s in steps if "screw-joint" in s.records)
    good = ScrewJoint(joint="B0", screws=1, torque_nm=4.5, faces_clean=True, marked=True)
    bad = good.model_copy(update={"marked": False})
    for record, stopped in ((bad, True), (good, False)):
        events = chain((step.code, record))
        why = obstacle(step, (step,), fold(events), events, barn)
        assert bool(why) == stopped
    assert fold(chain((step.code, good))).screw_joints == (good,)
