"""Ways of joining strip and cells: their resistance in the network, their joints, holes, steps, records and rules."""

import numpy as np
import pytest
from shapely.geometry import Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.changes.first_design import propose
from firmcell.core.changes.strip_fixes import metal_cures
from firmcell.core.jobs.work_plan import steps_of
from firmcell.core.model.brief import Brief
from firmcell.core.model.design import MetalStyle
from firmcell.core.model.joint_kinds import KINDS, JoinedBy, joints_by_face, terminal_torque
from firmcell.core.model.parts import Cell, Strip, StripMetal
from firmcell.core.pictures.drawing import Disc
from firmcell.core.pictures.templates import templates
from firmcell.core.records.build_state import fold
from firmcell.core.records.events import ScrewJoint
from firmcell.core.strips.plates import plates
from firmcell.core.strips.strips import joint_resistances
from firmcell.core.strips.under_load import metal_state
from firmcell.store.part_files import part_named
from tests.conftest import found


@pytest.fixture(scope="module")
def barn(shelf):
    """A 4S1P pack of large prismatic cells, as the program proposes it from a brief."""
    brief = Brief(
        title="Barn lights", load_voltage_min_v=10.5, load_voltage_max_v=14.8, current_steady_a=30, current_peak_a=60,
        peak_duration_s=20, energy_j=500 * 3600, space="box", box_length_m=0.26, box_width_m=0.18, box_height_m=0.24,
        clearance_m=0.002,
    )  # fmt: skip
    return propose(brief, shelf, part_named(shelf, Cell, "prismatic iron phosphate 50 Ah"))


def joined(design, by):
    return design.edited("joining.joined_by", by)


# -- resistance -----------------------------------------------------------------------------------------


@pytest.mark.parametrize("by", JoinedBy)
def test_two_joints_a_cell_add_to_the_pack(barn, shelf, by):
    """Ohm: 4S1P has every cell and its two joints in one line, so the pack differs by eight joints, whatever the bars."""
    weld = metal_state(joined(barn, JoinedBy.WELD), analyse(barn, shelf).layout, 600.0)
    other = metal_state(joined(barn, by), analyse(barn, shelf).layout, 600.0)
    cells = other.network.cell_ohm - weld.network.cell_ohm
    assert cells == pytest.approx(2 * (KINDS[by].ohm - KINDS[JoinedBy.WELD].ohm), abs=1e-12)


def test_a_measured_joint_counts_whatever_the_kind(hoist, shelf):
    layout = analyse(hoist, shelf).layout
    for by in JoinedBy:
        measured = joined(hoist, by).edited("joining.joint_ohm", 0.00033)
        assert joint_resistances(layout, measured.joining) == pytest.approx(0.00033)


def test_only_welds_can_be_doubled(hoist, shelf):
    layout = analyse(hoist, shelf).layout
    twice = hoist.edited("joining.doubled", (1, 2))
    assert joint_resistances(layout, twice.joining)[:3] == pytest.approx([1e-4, 1e-4, 2e-4])
    soldered = joint_resistances(layout, joined(twice, JoinedBy.TABS).joining)
    assert np.ptp(soldered) == 0
    assert "Double" not in "".join(
        s.words for s in steps_of(joined(twice, JoinedBy.TABS), analyse(twice, shelf))
    )


def test_joints_are_counted_once_a_pad(hoist, shelf):
    welded = analyse(hoist.edited("joining.link_layers", 3), shelf)
    soldered = analyse(joined(hoist.edited("joining.link_layers", 3), JoinedBy.TABS), shelf)
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


def test_large_cells_are_proposed_with_screwed_bars_and_a_fuse_that_breaks_their_short(barn, shelf):
    analysis = analyse(barn, shelf)
    assert barn.joining.joined_by is JoinedBy.SCREW
    assert barn.joining.link_strip.metal is StripMetal.COPPER
    # Common practice, no source: a bar is at least two and a half threads wide.
    assert barn.joining.link_strip.width_m >= 2.5 * barn.joining.thread_m
    assert barn.leads.fuse.breaking_a >= analysis.pack.short_circuit_a
    assert not {"ME-1", "ME-2", "ME-4", "ME-14", "ME-16"} & set(found(barn, shelf))


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
def test_what_does_not_suit_the_cell_is_told_and_cured(hoist, shelf, cell, by, severity):
    design = joined(hoist, by).with_edits(("cell", part_named(shelf, Cell, cell)), ("guarding.board", None))
    told = found(design, shelf)["ME-14"]
    assert told.severity is severity
    if told.cure is not None:
        assert "ME-14" not in found(told.cure.applied(design), shelf)
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
def test_what_suits_the_cell_is_let_be(hoist, shelf, cell, by):
    design = joined(hoist, by).with_edits(("cell", part_named(shelf, Cell, cell)), ("guarding.board", None))
    assert "ME-14" not in found(design, shelf)


def test_copper_is_hard_to_weld_and_not_to_solder_or_screw(hoist, shelf):
    assert "ME-4" in found(hoist, shelf)
    for by in (JoinedBy.TABS, JoinedBy.SOLDER, JoinedBy.SCREW):
        assert "ME-4" not in found(joined(hoist, by), shelf)


def test_a_narrow_strip_under_a_screw_is_cured_by_a_bar(barn, shelf):
    nickel = part_named(shelf, Strip, "pure nickel strip 0.15 × 8")
    narrow = barn.edited("joining.link_strip", nickel)
    told = found(narrow, shelf)["ME-16"]
    assert "8.0 mm" in told.sentence
    assert "15.0 mm" in told.sentence
    cured = told.cure.applied(narrow)
    assert "ME-16" not in found(cured, shelf)
    old, new = narrow.joining.link_strip, cured.joining.link_strip
    assert new.section_m2 / new.resistivity_ohm_m >= old.section_m2 / old.resistivity_ohm_m


def test_a_thread_without_known_torque_is_told(barn, shelf):
    assert terminal_torque(0.006) == 4.5
    assert terminal_torque(0.007) is None
    odd = barn.edited("joining.thread_m", 0.007)
    assert "7.0 mm" in found(odd, shelf)["ME-15"].sentence
    assert "as the cell's sheet says" in "".join(s.words for s in steps_of(odd, analyse(odd, shelf)))


def test_cures_of_screwed_bars_are_bars_that_take_the_screw(barn, shelf):
    weak = barn.with_edits(
        ("brief.current_steady_a", 110.0), ("brief.current_peak_a", 110.0), ("joining.link_layers", 1),
        ("joining.collector_layers", 1),
    )  # fmt: skip
    analysis = analyse(weak, shelf)
    metal = metal_state(weak, analysis.layout, analysis.pack.run_time_s)
    assert metal.figures.worst_share > 1
    *_, (_, cures) = metal_cures(weak, analysis.layout, metal, shelf, analysis.pack.run_time_s)
    assert cures
    for cure in cures:
        changed = cure.cure.applied(weak)
        assert "ME-16" not in found(changed, shelf)
        assert "weld" not in cure.cure.words
        solved = metal_state(changed, analyse(changed, shelf).layout, analysis.pack.run_time_s)
        assert solved.figures.worst_share <= 1


# -- holes ----------------------------------------------------------------------------------------------


def test_holes_for_screws_in_strips_and_plates(barn, shelf):
    discs = [
        s for t in templates(barn, analyse(barn, shelf)) for s in t.drawing.shapes if isinstance(s, Disc)
    ]
    holes = [d for d in discs if d.ref.startswith("strip:")]
    # M6 and half a millimetre of ease (common practice, no source).
    assert {round(h.radius, 3) for h in holes} == {3.25}
    plated = barn.edited("joining.style", MetalStyle.PLATES)
    for plate in plates(analyse(plated, shelf).layout, plated.joining, plated.cell):
        assert len(plate.slots_m) == len(plate.pads_m)
        for hole in plate.slots_m:
            assert Polygon(hole).area == pytest.approx(np.pi * 0.00325**2, rel=0.02)
            assert np.ptp(np.hypot(*(hole - hole.mean(axis=0)).T)) < 1e-9
    soldered = joined(plated, JoinedBy.TABS)
    assert not any(
        p.slots_m for p in plates(analyse(soldered, shelf).layout, soldered.joining, soldered.cell)
    )


def test_a_bar_reaches_past_its_screw(barn, shelf):
    """Common practice, no source: one and a half threads from the screw to the end of its bar."""
    link = next(p for p in analyse(barn, shelf).strips if len(p.cells) == 2)
    pitch = np.hypot(*np.subtract(*link.points_m))
    assert link.length_m == pytest.approx(pitch + 2 * 0.009)
    welded = next(p for p in analyse(joined(barn, JoinedBy.WELD), shelf).strips if len(p.cells) == 2)
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
def test_the_work_plan_speaks_of_the_joint_at_hand(hoist, shelf, by, first, record):
    design = joined(hoist, by)
    steps = steps_of(design, analyse(design, shelf))
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


def test_flat_cells_are_never_turned_over_and_have_no_rings(barn, shelf):
    codes = [s.code for s in steps_of(barn, analyse(barn, shelf))]
    assert not any(c.startswith("turn-") or c == "rings" for c in codes)
    assert codes.count("measure-top") == 1
    assert "measure-bottom" not in codes
    assert "ME-5" not in found(barn.edited("jacket.rings", False), shelf)
    pouch = next(c for c in shelf.cells if "pouch" in c.name)
    tabs = joined(barn, JoinedBy.TABS).edited("cell", pouch)
    said = next(s for s in steps_of(tabs, analyse(tabs, shelf)) if s.code == "weld-top-N1")
    assert "pouch" in said.cautions[0]


def test_a_screw_without_its_mark_passes_no_step(barn, shelf):
    from tests.core.records.test_records import chain

    steps = steps_of(barn, analyse(barn, shelf))
    step = next(s for s in steps if "screw-joint" in s.records)
    good = ScrewJoint(joint="B0", screws=1, torque_nm=4.5, faces_clean=True, marked=True)
    bad = good.model_copy(update={"marked": False})
    for record, stopped in ((bad, True), (good, False)):
        events = chain((step.code, record))
        why = obstacle(step, (step,), fold(events), events, barn)
        assert bool(why) == stopped
    assert fold(chain((step.code, good))).screw_joints == (good,)
