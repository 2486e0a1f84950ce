"""Collecting bars on tabs: resistance by hand, joints, lengths, and what the bench is told."""

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import steps_of
from firmcell.core.model.joint_kinds import KINDS, JoinedBy
from firmcell.core.model.parts import Strip
from firmcell.core.strips.bars import bar_on_tabs
from firmcell.core.strips.joints import TAB_M, joint_resistances, tab_resistance, tab_rise
from firmcell.core.strips.runs import StripKind
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
NICKEL = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
BAR = part_named(SHELF, Strip, "copper bar 1 × 15")


@pytest.fixture
def barred(hoist):
    return hoist.with_edits(
        ("joining.collector_strip", BAR), ("joining.collector_layers", 1), ("joining.collector_tabs", NICKEL)
    )


def test_a_tab_has_the_resistance_of_six_millimetres_of_its_strip(barred):
    """96 nΩ·m (commercially pure, the warm edge; from memory) × 6 mm over 1.2 mm²: 0.48 mΩ, in the way of the cells of the two end groups once each."""
    assert tab_resistance(barred.joining) == pytest.approx(96e-9 * 0.006 / 1.2e-6, rel=0.01)
    layout = analyse(barred, SHELF).layout
    joints = dict(
        zip((c.group for c in layout.cells), joint_resistances(layout, barred.joining), strict=True)
    )
    weld = KINDS[JoinedBy.WELD].ohm
    assert joints[1] == joints[10] == pytest.approx(weld + 0.48e-3 / 2, rel=0.01)
    assert joints[5] == pytest.approx(weld)


def test_only_the_tabs_are_welded_and_bought(barred, hoist):
    pieces = [p for p in analyse(barred, SHELF).strips if p.kind is StripKind.COLLECTOR]
    assert all(p.tabs == NICKEL.name and p.strip == BAR.name for p in pieces)
    assert sum(p.joints for p in pieces) == sum(len(p.cells) for p in pieces) * barred.joining.welds_per_pad
    more = analyse(barred, SHELF).strip_stock_m
    bars = sum(p.length_m for p in pieces)
    assert more[BAR.name] == pytest.approx(bars)
    links = sum(p.length_m * p.layers for p in analyse(barred, SHELF).strips if p.strip == NICKEL.name)
    assert more.get(NICKEL.name, 0.0) == pytest.approx(links + TAB_M * sum(len(p.cells) for p in pieces))


def test_tabs_count_only_where_round_cells_are_welded(barred):
    screwed = barred.edited("joining.joined_by", JoinedBy.SCREW)
    assert not screwed.joining.on_tabs
    assert tab_resistance(screwed.joining) == 0


def test_a_bar_on_tabs_is_no_copper_that_a_small_welder_meets(barred, hoist):
    assert "SR-4" in found(hoist.edited("joining.collector_tabs", None), SHELF)
    assert not [f for c, f in found(barred, SHELF).items() if c == "SR-4" and "Collecting" in f.sentence]


def test_the_least_bar_that_carries_the_current_is_chosen(hoist):
    layout = analyse(hoist, SHELF).layout
    words, edits = bar_on_tabs(hoist, layout, SHELF, 60.0, 1)
    chosen = dict(edits)["joining.collector_strip"]
    assert chosen.name in words
    assert chosen.width_m < layout.pitch_m, "over its own group only"
    smaller = [
        s
        for s in SHELF.strips
        if "bar" in s.name and s.section_m2 < chosen.section_m2 and s.width_m < layout.pitch_m
    ]
    for bar in smaller:
        design = hoist.with_edits(*edits).edited("joining.collector_strip", bar)
        piece = max(
            (p for p in analyse(design, SHELF).strips if p.kind is StripKind.COLLECTOR),
            key=lambda p: p.width_m,
        )
        assert piece.limit_a < 60.0
    assert bar_on_tabs(hoist, layout, SHELF, 1e5, 4) is None


def test_bars_even_out_what_the_cells_carry(hoist):
    """A long group: with thin strip the cells by the lead carry more; a bar of fifty times the copper evens them out."""
    long = hoist.with_edits(
        ("brief.outline_m", ()), ("brief.blocked", ()), ("series", 2), ("parallel", 12), ("arrangement.rows", 12), ("arrangement.placed", ()),
        ("joining.collector_strip", NICKEL), ("joining.collector_layers", 1),
    )  # fmt: skip
    barred = long.with_edits(("joining.collector_strip", BAR), ("joining.collector_tabs", NICKEL))
    spread = [
        solve_under_load(d, analyse(d, SHELF).layout, 600.0).figures.greatest_deviation
        for d in (long, barred)
    ]
    assert spread[1] < spread[0] / 3


def test_the_bench_is_told_to_solder_the_tabs_off_the_pack_and_to_bolt_the_leads(barred):
    a = analyse(barred, SHELF)
    steps = {s.code: s for s in steps_of(barred, a)}
    collecting = next(s for s in steps.values() if s.title.startswith("B0: collecting"))
    assert "off the pack, solder a tab" in collecting.words
    assert "ring lug" in steps["lead-plus"].words
    assert steps["lead-plus"].records == ("checked", "crimp-joint")
    ends = [e.wire.ending for e in a.wiring.wires if e.start.startswith("lead.")]
    assert all(end.startswith("crimp a ring lug for the bar") for end in ends)


def test_a_tall_pile_of_layers_is_told_and_its_fix_carries_as_much(hoist):
    piled = hoist.with_edits(("joining.link_strip", NICKEL), ("joining.link_layers", 6))
    told = found(piled, SHELF)["SR-17"]
    assert "6 layers of pure nickel strip 0.15 × 8" in told.sentence
    after = told.fix.applied(piled).joining
    assert after.link_layers <= 4
    assert after.link_strip.width_m <= NICKEL.width_m
    before = 6 * NICKEL.section_m2 / NICKEL.resistivity_ohm_m
    assert after.link_layers * after.link_strip.section_m2 / after.link_strip.resistivity_ohm_m >= before
    assert "SR-17" not in found(told.fix.applied(piled), SHELF)
    assert "SR-17" not in found(piled.edited("joining.link_layers", 4), SHELF)


def middle_of_a_tab(amps, thick, wide, ends_k, length=0.006, points=201):
    """Own finite differences: a conductor of nickel with both ends held, nothing given off, resistance by the place's own temperature."""
    kelvin, step = np.full(points, ends_k), length / (points - 1)
    for _ in range(80):
        heat = (amps / (thick * wide)) ** 2 * 96e-9 * (1 + 0.006 * (kelvin - 293.15))
        matrix = (
            np.diag(np.full(points - 1, 1.0), 1) + np.diag(np.full(points - 1, 1.0), -1) - 2 * np.eye(points)
        )
        right = -heat * step**2 / 80.0
        matrix[0], matrix[-1] = np.eye(points)[0], np.eye(points)[-1]
        right[[0, -1]] = ends_k
        kelvin = np.linalg.solve(matrix, right)
    return float(kelvin.max()) - ends_k


@pytest.mark.parametrize(("thick", "wide"), [(0.2, 10.0), (0.15, 8.0), (0.1, 5.0)])
@pytest.mark.parametrize("amps", [5.0, 15.0, 30.0])
def test_a_tab_is_told_no_cooler_than_it_is(barred, thick, wide, amps):
    tab = NICKEL.model_copy(update={"thickness_m": thick / 1e3, "width_m": wide / 1e3})
    joining = barred.joining.model_copy(update={"collector_tabs": tab})
    true = middle_of_a_tab(amps, thick / 1e3, wide / 1e3, 333.15)
    assert true * 0.999 <= tab_rise(joining, amps, 333.15) <= true * 1.15 + 0.1


def test_a_thin_tab_is_told_and_its_fix_carries_it(barred):
    thin = part_named(SHELF, Strip, "pure nickel strip 0.1 × 5")
    weak = barred.with_edits(
        ("joining.collector_tabs", thin), ("brief.current_steady_a", 100.0), ("brief.current_peak_a", 100.0)
    )
    told = found(weak, SHELF)["SR-18"]
    assert "25 A" in told.sentence
    assert "SR-18" not in found(told.fix.applied(weak), SHELF)
    assert "SR-18" not in found(barred, SHELF)
    assert tab_rise(barred.edited("joining.collector_tabs", None).joining, 100.0, 333.15) == 0
