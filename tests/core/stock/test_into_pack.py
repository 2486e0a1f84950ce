"""Cells of the drawers into a pack: which may go in, who stands where, and what it gives, against counts by hand."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from tests.conftest import cases

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.many_cells import delete_cells
from firmcell.core.layout.cell_places import CellPlace
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import Origin, PlaceKind
from firmcell.core.stock.first_charge import first_charge
from firmcell.core.stock.fitting import fitting, scanned
from firmcell.core.stock.into_pack import Gives, Limits, Order, candidates, gives, into_design, placed
from firmcell.core.stock.into_pack_words import into_pack_words
from firmcell.core.stock.matched_into import Question, match_into
from firmcell.core.stock.matching import Wanted, matched
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import bee_house_scale, hay_loft_lantern
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()
SCALE = bee_house_scale(SHELF)
CELL = SCALE.cell


def line(n: int, share: float = 1.0, ohm: float = 1.0, **other) -> CellLine:
    values = {
        "key": f"{n:032x}",
        "serial": f"HF-{n:03d}",
        "class_name": CELL.name,
        "lot": "F7",
        "origin": Origin.NEW,
        "pack": "",
        "place_kind": PlaceKind.DRAWER,
        "place": "B2",
        "place_group": None,
        "placed_by": "0" * 32,
        "capacity_as": share * CELL.capacity_as,
        "ohms": ohm * CELL.resistance_ohm,
        "rest_v": None,
        "cycles": None,
        "rest_first_v": 3.30,
        "rest_second_v": 3.30,
        "rest_s": 14 * 86_400.0,
        "tested": "2026-11-20T12:00:00+00:00",
    }
    return CellLine(**{**values, **other})


def test_which_cells_may_go_in_and_why_others_may_not():
    lines = [
        line(1),
        line(2, class_name="another"),
        line(3, place_kind=PlaceKind.JOB, place="Hoist"),
        line(4, place_kind=PlaceKind.JOB, place="Scale"),
        line(5, place="B3"),
        line(6, capacity_as=None),
        line(7, 0.5),
        line(8, 0.7),
        line(9, 0.93),
        line(10, 1.0, 1.3),
        line(11, place_kind=PlaceKind.SCRAPPED),
    ]
    found = candidates(lines, SCALE, Limits(frozenset(["B2"]), 0.95, 1.2, marked=False, job="Scale"))
    assert [c.serial for c in found.lines] == ["HF-001", "HF-004"]
    assert found.left_out == {
        "in other jobs or scrapped": 2,
        "in other drawers": 1,
        "capacity not tested": 1,
        "out by their measurements": 1,
        "with a word against them": 1,
        "hold too little": 1,
        "resist too much": 1,
    }
    assert [c.serial for c in candidates(lines, SCALE, Limits()).lines] == [
        f"HF-{n:03d}" for n in (1, 5, 8, 9, 10)
    ]


DRAWER = st.lists(st.tuples(st.floats(0.85, 1.0), st.floats(0.7, 1.5)), min_size=8, max_size=12, unique=True)


@settings(max_examples=cases(20), deadline=None)
@given(DRAWER, st.sampled_from(list(Order)))
def test_each_cell_stands_in_its_group_and_places_never_make_it_hotter(drawer, order):
    found = candidates([line(n, *values) for n, values in enumerate(drawer, start=1)], SCALE, Limits())
    matching = matched(found.stock, Wanted(4, 2))
    analysis = analyse(SCALE, SHELF)
    places = placed(SCALE, analysis, found, matching, order)
    assert len(set(places.cell_of.tolist())) == 8
    for cell in analysis.layout.cells:
        assert matching.group_of[places.cell_of[cell.number - 1]] == cell.group
    if order is Order.RESISTANCE:
        assert places.hottest_k <= places.plain_k + 0.01
        # As it is told, so it is once the cells stand in the design.
        design = SCALE.with_edits(*into_design(found, places.cell_of))
        metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
        assert max(c.temperature_k for c in metal.figures.cells) == pytest.approx(places.hottest_k, abs=1e-6)


def told_gives(shares: list[float]) -> tuple[Gives, list[float]]:
    """What the run says of eight cells in the scale, its load content with any voltage, and the groups' capacities."""
    scale = SCALE.edited("brief.load_voltage_min_v", 8.0)
    found = candidates([line(n, share) for n, share in enumerate(shares, start=1)], SCALE, Limits())
    matching = matched(found.stock, Wanted(4, 2))
    cell_of = placed(scale, analyse(scale, SHELF), found, matching, Order.SERIAL).cell_of
    design = scale.with_edits(*into_design(found, cell_of))
    analysis = analyse(design, SHELF)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    told = gives(design, analysis, metal, found, matching)
    assert told is not None
    return told, matching.capacity_as.tolist()


def test_what_the_spread_costs_is_what_the_weakest_group_holds_less():
    """Counted by hand: all groups give what the weakest holds. Iron phosphate's voltage is flat, so energy goes as charge; the
    run and the count agree within a hundredth."""
    told, groups = told_gives([1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 0.8, 0.8])
    by_hand = 1 - min(groups) / (sum(groups) / 4)
    assert 1 - told.matched_j / told.alike_j == pytest.approx(by_hand, abs=0.01)
    alike, _ = told_gives([1.0] * 8)
    assert alike.matched_j == pytest.approx(alike.alike_j, rel=1e-3)


def test_words_tell_cost_and_gain():
    found = match_into(SCALE, SHELF, [line(n, 1 - 0.01 * n, 1 + 0.05 * n) for n in range(1, 13)], Question())
    text = "\n".join(found.words)
    assert "12 cells of 26650 iron phosphate" in text
    assert "In a run at 1.5 A the pack gives" in text
    assert len(found.group_rows) == 4
    assert len(found.picking_rows) == len(found.group_of_line) == 8
    lines = [line(n) for n in range(1, 9)]
    plain = candidates(lines, SCALE, Limits())
    matching = matched(plain.stock, Wanted(4, 2))
    places = placed(SCALE, analyse(SCALE, SHELF), plain, matching, Order.RESISTANCE)
    costly = Gives(0.6, True, 90.0 * 3600, 85.0 * 3600, 100.0 * 3600)
    told = into_pack_words(SCALE, plain, matching, places, costly)
    assert "gain nothing here" in told[-2]
    assert "warmth ends it before a group is empty" in told[-1]
    assert told[-1].endswith("The spread costs 10 % of that, dealt by hand 15 %.")


def test_too_few_cells_are_a_sentence():
    with pytest.raises(Refusal, match="4S2P takes 8"):
        match_into(SCALE, SHELF, [line(1)], Question())


def test_serials_go_with_their_cells_when_a_group_is_deleted_and_vanish_with_another_count():
    design = SCALE.with_edits(
        ("cell_serials", tuple(f"S{n}" for n in range(1, 9))),
        ("measured_as", tuple(9000.0 + n for n in range(1, 9))),
    )
    layout = analyse(design, SHELF).layout
    gone = [c.number for c in layout.group_cells(4)]
    fewer = design.with_edits(*delete_cells(design, gone).edits)
    assert fewer.cell_serials == tuple(f"S{n}" for n in range(1, 9) if n not in gone)
    assert fewer.measured_as == tuple(9000.0 + n for n in range(1, 9) if n not in gone)
    assert design.with_edits(("series", 3)).cell_serials == ()
    assert design.as_template.cell_serials == ()


def test_a_scan_tells_the_place_and_what_is_not_of_the_pack():
    layout = analyse(SCALE, SHELF).layout
    serials = tuple(f"HF-{n:03d}" for n in range(1, 9))
    at = fitting(serials, layout, {3: "HF-003", 4: "HF-099", 20: "HF-001"})
    assert 3 not in at.open
    assert 4 in at.open, "another cell stands there"
    cell: CellPlace = next(c for c in layout.cells if c.number == 4)
    found = scanned(at, layout, " hf- 004")
    assert (found.number, found.right) == (4, True)
    assert found.words.endswith(f"place 4, group {cell.group}, plus {'up' if cell.positive_up else 'down'}.")
    assert not scanned(at, layout, "HF-003").right
    assert scanned(at, layout, "HF-099").words == "HF-099 is not of this pack. Put it aside."


def test_capacities_that_were_not_measured_are_no_number():
    found = candidates([line(n, ohms=None) for n in range(1, 9)], SCALE, Limits())
    assert np.isnan(found.stock.ohm).all()
    matching = matched(found.stock, Wanted(4, 2))
    places = placed(SCALE, analyse(SCALE, SHELF), found, matching, Order.RESISTANCE)
    assert np.isnan(places.hottest_k)
    assert dict(into_design(found, places.cell_of))["measured_ohm"] == ()


@pytest.mark.parametrize(("weak", "with_board"), [(0.9, True), (0.97, False), (1.0, True)])
def test_the_first_charge_tells_how_far_groups_are_apart(weak, with_board):
    """By hand: from half, the weak group is full after half of what it holds went in; the others then lack the rest of
    their half. A board bleeds the weak one meanwhile, so that less is lacking."""
    design = bee_house_scale(SHELF)
    if not with_board:
        design = design.edited("bms.board", None)
    analysis = analyse(design, SHELF)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    held = np.array([1.0] * 6 + [weak] * 2) * design.cell.capacity_as
    told = first_charge(design, analysis, metal, held)
    by_hand = (1 - weak) / 2
    if weak == 1.0:
        assert told.words.endswith("all groups alike.")
        return
    if not with_board:
        assert told.short == pytest.approx(by_hand, rel=0.01)
        assert "no board balances it" in told.words
        return
    bled = design.bms.board.balance_current_a * told.seconds
    group = 2 * design.cell.capacity_as
    assert by_hand - bled / group <= told.short <= by_hand * 1.01
    assert told.more_s == pytest.approx(told.short * group / design.bms.board.balance_current_a, rel=0.02)
    assert "% short, and the board has to bleed the others for about" in told.words


def test_nickel_is_not_balanced():
    design = hay_loft_lantern(SHELF)
    analysis = analyse(design, SHELF)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    assert first_charge(design, analysis, metal, np.full(5, design.cell.capacity_as)) is None
