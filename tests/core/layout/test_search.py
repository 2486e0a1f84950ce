"""The layout engine in real spaces: every cell inside, none over another, whole groups; edits by hand and their findings."""

import itertools

import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import Point, Polygon

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.by_hand import (
    block_place,
    draw_strip,
    in_space,
    layout_of,
    lock_cells,
    move_cell,
    move_terminal,
    paint_cells,
    placed_cells,
    remove_strip,
    swap_cells,
    turn_cells,
    unblock_place,
    whole_rows,
)
from firmcell.core.jobs import findings_of
from firmcell.core.layout.cell_places import lay_out
from firmcell.core.layout.places import find_places, shares_of
from firmcell.core.layout.search import ORDER, arrange, laid_out, regroup
from firmcell.core.layout.space import rooms_of, wall_of
from firmcell.core.model.brief import Blocked, SpaceShape
from firmcell.core.model.design import Face, Lattice, Lie, PlacedCell, StripRef, StripStyle, TurnAxis
from firmcell.core.model.parts import Cell, CellForm
from firmcell.core.pictures.face import as_it_lies, face_drawing
from firmcell.core.pictures.section import end_layers, section_drawing
from firmcell.core.pictures.templates import templates
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.strips.plates import least_gap, plates
from firmcell.core.strips.runs import StripKind, strip_runs
from firmcell.core.strips.tap_points import nodes_of
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import cases, found, patience

L_SHAPE = ((0, 0), (0.26, 0), (0.26, 0.07), (0.12, 0.07), (0.12, 0.16), (0, 0.16))
TRIANGLE = ((0, 0), (0.36, 0), (0.10, 0.24))


def spaced(design, outline, **more):
    return design.with_edits(
        ("brief.space", SpaceShape.OUTLINE),
        ("brief.outline_m", outline),
        ("bms.board", None),
        *((path.replace("__", "."), value) for path, value in more.items()),
    )


def arranged(design, **options):
    step = laid_out(arrange(design, **{"trials": False, "effort": 0.3, **options}))
    return design.edited("arrangement", step.arrangement)


@pytest.mark.parametrize("outline", [L_SHAPE, TRIANGLE, hoist_in_rows(shipped_library()).brief.outline_m])
def test_every_cell_stands_in_the_outline_in_one_whole_group(hoist, library, outline):
    design = arranged(spaced(hoist, outline, series=8, parallel=4))
    analysis = analyse(design, library)
    layout, ring = analysis.layout, Polygon(rooms_of(design)[0].region.ring)
    radius, wall = design.cell.largest_m[0] / 2, wall_of(design)
    spots = [Point(in_space(layout, c, c.x_m, c.y_m)) for c in layout.cells]
    for spot in spots:
        assert ring.buffer(1e-6).contains(spot.buffer(radius + wall - 1e-6))
    for a, b in itertools.combinations(spots, 2):
        assert a.distance(b) >= 2 * radius - 1e-6
    graph = nx.Graph()
    graph.add_nodes_from(c.number for c in layout.cells)
    graph.add_edges_from((a, b) for a, near in layout.adjacency.items() for b in near)
    for group in range(1, 9):
        cells = layout.group_cells(group)
        assert len(cells) == 4
        assert nx.is_connected(graph.subgraph([c.number for c in cells]))
        assert len({c.positive_up for c in cells}) == 1
    assert not {
        c for c, f in found(design, library).items() if c.startswith("ST-") and f.severity is Severity.STOP
    }
    # Every pad is covered, and strips of two tap points keep apart; where only a tail does not, its fix clears it.
    spoken = found(design, library)
    assert not {"SR-6", "SR-7"} & set(spoken)
    if "SR-8" in spoken:
        assert all("-C" in near.strip + near.other for near in analysis.too_near)
        assert "SR-8" not in found(spoken["SR-8"].fix.applied(design), library)
    assert analysis.fit.gap_wall_m == pytest.approx(
        min(ring.exterior.distance(s) for s in spots) - radius, abs=1e-7
    )


def test_engine_prefers_whole_columns_where_a_box_takes_them(hoist, library):
    design = arranged(hoist)
    assert min(analyse(design, library).layout.links) >= 4


@pytest.mark.slow
def test_engine_and_demo_are_the_same_each_time(odd_hoist):
    """The stored demo is what the engine finds with the same seed; tools/lay_demo.py writes it."""
    import runpy
    from pathlib import Path

    tool = runpy.run_path(str(Path(__file__).parents[3] / "tools/lay_demo.py"))
    assert tool["demo_arrangement"]() == odd_hoist.arrangement


def test_a_post_and_a_kept_place_stay_free(odd_hoist, library):
    layout = analyse(odd_hoist, library).layout
    radius = odd_hoist.cell.largest_m[0] / 2
    for place in odd_hoist.brief.blocked:
        shape = (
            Point(place.x_m, place.y_m).buffer(place.length_m / 2)
            if place.round
            else Point(place.x_m, place.y_m)
            .buffer(1, cap_style="square")
            .intersection(
                Polygon(
                    [
                        (place.x_m + sx * place.length_m / 2, place.y_m + sy * place.width_m / 2)
                        for sx, sy in ((-1, -1), (1, -1), (1, 1), (-1, 1))
                    ]
                )
            )
        )
        for c in layout.cells:
            assert (
                shape.distance(Point(in_space(layout, c, c.x_m, c.y_m))) >= radius + wall_of(odd_hoist) - 1e-5
            )


@pytest.mark.parametrize(
    ("lie", "layers", "split", "series", "parallel"),
    [
        (Lie.STANDING, 2, 0.0, 10, 6),
        (Lie.STANDING, 1, 0.004, 10, 3),
        (Lie.ACROSS, 1, 0.0, 6, 3),
        (Lie.ALONG, 3, 0.0, 6, 4),
    ],
)
def test_lying_layered_and_split_packs(hoist, library, lie, layers, split, series, parallel):
    design = hoist.with_edits(
        ("arrangement.lie", lie),
        ("arrangement.layers", layers),
        ("arrangement.split_gap_m", split),
        ("series", series),
        ("parallel", parallel),
        ("bms.board", None),
        ("brief.box_height_m", 0.15),
        ("brief.box_length_m", 0.25),
    )
    design = arranged(design)
    analysis = analyse(design, library)
    layout, e = analysis.layout, analysis.insulation.envelope
    blocks = [{c.block for c in layout.group_cells(g)} for g in range(1, series + 1)]
    assert all(len(b) == 1 for b in blocks)
    halves = 2 if split else 1
    assert {c.block for c in layout.cells} <= set(range(1, layers * halves + 1))
    crossings = sum(a != b for a, b in itertools.pairwise(blocks))
    assert sum(p.kind is StripKind.BRIDGE for p in analysis.strips) == crossings
    # The envelope is of the pack as welded, cells upright, whichever way it lies in the space.
    assert e.height_m >= layers * design.cell.length_m
    assert e.fits
    assert analysis.open_at is None
    if layers > 1:
        ys = {layer: {round(c.y_m, 6) for c in layout.cells if c.layer == layer} for layer in (1, 2)}
        assert max(ys[2]) < min(ys[1])


def test_a_lying_cell_needs_its_length_in_the_outline(hoist):
    narrow = spaced(hoist, ((0, 0), (0.24, 0), (0.24, 0.06), (0, 0.06)), arrangement__lie=Lie.ACROSS)
    with pytest.raises(Refusal, match="this way round"):
        laid_out(arrange(narrow))
    wide = spaced(hoist, ((0, 0), (0.24, 0), (0.24, 0.08), (0, 0.08)), arrangement__lie=Lie.ACROSS)
    # Seen along the cells the room is the length of the tray × its height.
    assert rooms_of(wide)[0].region.bounds[2] * 2 == pytest.approx(0.24)


def test_too_many_cells_are_refused_with_what_would_fit(hoist):
    small = spaced(hoist, ((0, 0), (0.12, 0), (0.12, 0.11), (0, 0.11)))
    with pytest.raises(Refusal, match=r"40 cells do not fit.*square \d+.*With 2 in parallel"):
        laid_out(arrange(small))
    with pytest.raises(Refusal, match="no space"):
        laid_out(arrange(hoist.edited("brief.box_length_m", None)))


def test_advice_says_what_would_help(hoist):
    """Ten groups of three in a lane two cells wide cannot give every cell its link; two in parallel can."""
    lane = spaced(hoist, ((0, 0), (0.36, 0), (0.36, 0.048), (0, 0.048)), series=10, parallel=3)
    step = laid_out(arrange(lane, effort=0.3))
    assert "only" in step.advice[0]
    assert any("One cell fewer in parallel (2)" in words for words in step.advice)


def test_groups_are_shared_over_blocks_by_what_they_hold():
    assert shares_of(10, [6, 6]) == [5, 5]
    assert shares_of(10, [2, 9]) == [2, 8] or shares_of(10, [2, 9]) == [1, 9]
    assert shares_of(10, [4, 5]) is None


def test_flat_cells_stack_and_turn_for_short_links(library, hoist):
    cell = part_named(library, Cell, "prismatic iron phosphate 50 Ah")
    design = hoist.with_edits(
        ("cell", cell),
        ("series", 4),
        ("parallel", 2),
        ("bms.board", None),
        ("brief.box_length_m", 0.30),
        ("brief.box_width_m", 0.16),
        ("brief.box_height_m", 0.22),
    )
    design = arranged(design)
    analysis = analyse(design, library)
    layout = analysis.layout
    assert {n.face for n in nodes_of(layout)} == {Face.TOP}
    for node in range(1, 4):
        links = [p for p in analysis.strips if p.node == node and p.kind is StripKind.LINK]
        # One straight bar over four terminals in line, not from corner to corner.
        assert [len(p.cells) for p in links] == [4]
        assert len({round(y, 6) for _, y in links[0].points_m}) == 1
    assert analysis.pack.cell_designation == "IFpP29/135/185"
    assert not {"LY-6", "LY-13"} & set(found(design, library))
    # Taps sit on terminals, not in the middle of a cell.
    by_number = layout.by_number
    assert all(abs(abs(t.y_m - by_number[t.cell].y_m) - 0.045) < 1e-6 for t in analysis.bms.taps)
    drawing = face_drawing(design, analysis, Face.TOP)
    assert sum(s.role == "cell.plus" for s in drawing.shapes) == 8
    assert not any(s.role == "cell.plus" for s in face_drawing(design, analysis, Face.BOTTOM).shapes)


def test_a_flat_cell_without_width_is_refused(library):
    cell = library.cells[0]
    with pytest.raises(ValueError, match="flat cell needs a width"):
        Cell.model_validate({**cell.model_dump(), "form": CellForm.POUCH})


# -- by hand -------------------------------------------------------------------------------------------


def test_cells_in_rows_stay_where_they_are_when_the_hand_begins(hoist, library):
    moved = hoist.with_edits(*turn_cells(hoist, [5]).edits)
    before, after = layout_of(hoist), layout_of(moved)
    assert after.points_m == pytest.approx(before.points_m, abs=1e-9)
    assert [c.group for c in after.cells] == [c.group for c in before.cells]


def test_bad_states_are_found_and_never_forbidden(odd_hoist, library):
    a, b = placed_cells(odd_hoist)[0], placed_cells(odd_hoist)[20]
    onto = move_cell(odd_hoist, 1, b.x_m + 0.001, b.y_m, snap=False)
    cases = {
        "LY-8": onto,
        "LY-9": move_cell(odd_hoist, 1, -0.118, a.y_m, snap=False),
        "LY-10": swap_cells(odd_hoist, 1, 40),
        "LY-11": paint_cells(odd_hoist, [1], 2),
        "LY-12": turn_cells(odd_hoist, [7]),
    }
    for code, edit in cases.items():
        findings = found(odd_hoist.with_edits(*edit.edits), library)
        assert findings[code].severity is Severity.STOP, code
    clean = found(odd_hoist, library)
    assert not set(cases) & set(clean)


def test_a_turned_cell_is_turned_back_by_its_fix(odd_hoist, library):
    wrong = odd_hoist.with_edits(*turn_cells(odd_hoist, [7]).edits)
    finding = found(wrong, library)["LY-12"]
    assert "cell:7" in finding.refs
    assert finding.fix.applied(wrong).arrangement == odd_hoist.arrangement


def test_a_moved_cell_falls_into_a_free_place_and_leaves_its_own(odd_hoist):
    odd_hoist = odd_hoist.edited("arrangement.spare_m", ((0.085, -0.035, 1),))
    x, y, block = odd_hoist.arrangement.spare_m[0]
    moved = odd_hoist.with_edits(*move_cell(odd_hoist, 4, x + 0.004, y - 0.003).edits)
    cell = moved.arrangement.placed[3]
    assert (cell.x_m, cell.y_m, cell.block) == (x, y, block)
    was = odd_hoist.arrangement.placed[3]
    assert (was.x_m, was.y_m, was.block) in moved.arrangement.spare_m
    assert len(moved.arrangement.spare_m) == len(odd_hoist.arrangement.spare_m)


@given(st.integers(1, 40), st.integers(1, 40))
@settings(max_examples=cases(20))
def test_swapping_twice_changes_nothing(first, second):
    from firmcell.store.demo import orchard_hoist

    design = orchard_hoist(shipped_library())
    once = design.with_edits(*swap_cells(design, first, second).edits)
    assert once.with_edits(*swap_cells(once, first, second).edits) == design


def test_locked_cells_keep_place_and_group_when_sorted_or_placed_anew(odd_hoist):
    held = [1, 2, 17]
    locked = odd_hoist.with_edits(*lock_cells(odd_hoist, held, True).edits)
    kept = {(p.x_m, p.y_m, p.group) for p in locked.arrangement.placed if p.locked}
    again = laid_out(regroup(locked, seed=5, effort=0.3)).arrangement
    assert {(p.x_m, p.y_m, p.group) for p in again.placed if p.locked} == kept
    anew = laid_out(arrange(locked, (Lattice.STAGGERED,), effort=0.3, trials=False)).arrangement
    spots = {(round(p.x_m, 6), round(p.y_m, 6)) for p in anew.placed} | {
        (round(x, 6), round(y, 6)) for x, y, _ in anew.spare_m
    }
    assert {(round(x, 6), round(y, 6)) for x, y, _ in kept} <= spots


def test_blocking_a_place_where_cells_stand_is_told(odd_hoist, library):
    cell = odd_hoist.arrangement.placed[10]
    edit = block_place(
        odd_hoist, Blocked(name="cable", x_m=cell.x_m, y_m=cell.y_m, length_m=0.01, width_m=0.01)
    )
    blocked = odd_hoist.with_edits(*edit.edits)
    assert "cell:11" in found(blocked, library)["LY-9"].refs
    assert blocked.with_edits(*unblock_place(blocked, 2).edits) == odd_hoist


def test_the_lead_follows_the_terminal(odd_hoist, library):
    cells = [n for n, p in enumerate(odd_hoist.arrangement.placed, start=1) if p.group == 1]
    for number in cells:
        p = odd_hoist.arrangement.placed[number - 1]
        moved = odd_hoist.with_edits(*move_terminal(odd_hoist, False, p.x_m, p.y_m).edits)
        assert layout_of(moved).lead_cells[0] == number
        tail = [p for p in analyse(moved, library).strips if p.node == 0 and p.lead_share]
        assert len(tail) == 1
        assert number in tail[0].cells


def test_strips_are_left_out_and_come_back(odd_hoist, library):
    run = next(r for r in strip_runs(layout_of(odd_hoist)) if r.kind is StripKind.LINK)
    without = odd_hoist.with_edits(*remove_strip(odd_hoist, run.id).edits)
    assert run.cells not in {r.cells for r in strip_runs(layout_of(without)) if r.face is run.face}
    back = without.with_edits(*draw_strip(without, run.face, run.cells[::-1]).edits)
    assert back == odd_hoist
    # Without every link of a tap point no current can flow at all.
    open_ = odd_hoist
    for r in strip_runs(layout_of(odd_hoist)):
        if r.node == 3:
            edit = remove_strip(
                open_,
                next(x.id for x in strip_runs(layout_of(open_)) if x.cells == r.cells and x.face is r.face),
            )
            open_ = open_.with_edits(*edit.edits)
    assert "open at B3" in found(open_, library)["SR-7"].sentence
    assert found(open_, library)["SR-7"].fix.applied(open_) == odd_hoist


def test_a_strip_over_two_tap_points_is_a_dead_short_with_a_fix(odd_hoist, library):
    layout = layout_of(odd_hoist)
    first, third = layout.group_cells(1)[0], layout.group_cells(3)[0]
    wrong = odd_hoist.with_edits(*draw_strip(odd_hoist, Face.TOP, [first.number, third.number]).edits)
    finding = found(wrong, library)["SR-6"]
    assert finding.severity is Severity.STOP
    assert finding.fix.applied(wrong) == odd_hoist
    assert {"SR-8"} <= set(found(wrong, library))


def test_a_bent_strip_is_told(odd_hoist, library):
    layout = layout_of(odd_hoist)
    start = layout.cells[0]
    near = [n for n in layout.adjacency[start.number] if layout.by_number[n].group == start.group]
    far = next(
        n
        for m in near
        for n in layout.adjacency[m]
        if n not in (start.number, m) and n in layout.adjacency[start.number]
    )
    middle = next(m for m in near if far in layout.adjacency[m])
    bent = odd_hoist.with_edits(*draw_strip(odd_hoist, Face.TOP, [start.number, middle, far]).edits)
    assert "SR-9" in found(bent, library)


def test_back_to_rows_and_another_count_give_up_places(odd_hoist):
    assert odd_hoist.with_edits(*whole_rows(odd_hoist).edits).arrangement.in_rows
    assert odd_hoist.edited("series", 9).arrangement.in_rows
    with pytest.raises(ValueError, match="40 cells are placed"):
        odd_hoist.with_edits(("series", 9), ("arrangement.placed", odd_hoist.arrangement.placed))


# -- pictures ------------------------------------------------------------------------------------------


@given(st.floats(-1, 1), st.floats(-1, 1), st.sampled_from(list(Face)), st.sampled_from(list(TurnAxis)))
def test_mirrored_twice_is_the_same(x, y, face, axis):
    there = as_it_lies(face, axis)
    assert there(*there(x, y)) == (x, y)


@pytest.mark.parametrize("axis", list(TurnAxis))
def test_the_odd_tray_is_mirrored_truly_with_its_cells(odd_hoist, library, axis):
    design = odd_hoist.edited("arrangement.turn_axis", axis)
    analysis = analyse(design, library)
    top, bottom = (face_drawing(design, analysis, f) for f in Face)
    for ref, (x, y) in top.targets.items():
        if ref.startswith(("cell:", "blocked:", "spare:")):
            assert bottom.targets[ref] == pytest.approx((x, -y) if axis is TurnAxis.LONG else (-x, y))
    edges = [next(s for s in d.shapes if s.role == "space.edge") for d in (top, bottom)]
    mirrored = [(x, -y) if axis is TurnAxis.LONG else (-x, y) for x, y in edges[0].points]
    assert np.array(edges[1].points) == pytest.approx(np.array(mirrored))


def test_section_adds_up_to_the_outer_height(odd_hoist, library):
    layers = end_layers(odd_hoist.cell, odd_hoist.joining, odd_hoist.insulation)
    whole = odd_hoist.cell.length_m + odd_hoist.cell.length_tolerance_m + 2 * sum(x.height_m for x in layers)
    analysis = analyse(odd_hoist, library)
    assert analysis.insulation.envelope.height_m == pytest.approx(whole, abs=1e-6)
    drawing = section_drawing(odd_hoist, analysis)
    bodies = [s for s in drawing.shapes if s.role == "cell.body"]
    assert {round(max(y for _, y in s.points), 6) for s in bodies} == {odd_hoist.cell.length_m * 1e3}
    assert any(
        getattr(s, "text", "").startswith("foam")
        for s in section_drawing(
            odd_hoist.edited("insulation.foam_m", 0.002),
            analyse(odd_hoist.edited("insulation.foam_m", 0.002), library),
        ).shapes
    )


def test_plates_cover_their_pads_and_keep_apart(odd_hoist, library):
    design = odd_hoist.edited("joining.style", StripStyle.PLATES)
    layout = layout_of(design)
    made = plates(layout, design.joining, design.cell)
    assert [p.node for p in made] == list(range(11))
    for plate in made:
        assert plate.parts == 1
        shape = Polygon(plate.outline_m, plate.holes_m)
        for x, y in plate.pads_m.values():
            assert shape.contains(Point(x, y).buffer(design.cell.nub_diameter_m / 2))
        for slot in plate.slots_m:
            assert shape.contains(Polygon(slot))
        assert plate.area_m2 == pytest.approx(
            shape.area - sum(Polygon(s).area for s in plate.slots_m), rel=1e-6
        )
    gaps = [
        Polygon(a.outline_m).distance(Polygon(b.outline_m))
        for a, b in itertools.combinations(made, 2)
        if a.face is b.face
    ]
    assert least_gap(made) == pytest.approx(min(gaps))
    # Half a millimetre of placing on each side comes on top of the gap asked for; arcs are polygons.
    assert min(gaps) >= design.joining.gap_m + 0.0009
    assert not [
        c
        for c, f in found(design, library).items()
        if c.startswith("ME-") and f.severity is Severity.STOP and c != "SR-1"
    ]


def test_strips_of_a_sound_layout_keep_apart_and_wide_ones_do_not(odd_hoist, library):
    assert analyse(odd_hoist, library).too_near == ()
    wide = next(s for s in library.strips if s.width_m > 0.02)
    near = analyse(odd_hoist.edited("joining.link_strip", wide), library).too_near
    assert near
    assert near[0].gap_m == 0


def test_every_lattice_gives_its_count_and_bound(odd_hoist):
    choices = {c.lattice: c for c in find_places(odd_hoist, ORDER)}
    assert set(choices) == set(ORDER)
    assert all(c.count <= c.bound for c in choices.values())
    assert choices[Lattice.STAGGERED].count > choices[Lattice.SQUARE].count


def test_a_strip_ref_must_name_cells():
    with pytest.raises(ValueError, match="at least 1"):
        StripRef(face=Face.TOP, cells=())


def test_placed_cells_may_stand_anywhere_and_analysis_still_holds(hoist, library):
    """A heap without any neighbours: torn, unlinked, and still every number is there."""
    cells = tuple(
        PlacedCell(x_m=0.05 * (n % 7), y_m=0.05 * (n // 7), group=n % 10 + 1, up=n % 3 == 0)
        for n in range(40)
    )
    design = hoist.with_edits(("arrangement.placed", cells))
    analysis = analyse(design, library)
    assert analysis.layout.links == (0,) * 9
    codes = set(found(design, library))
    assert {"LY-10", "LY-12", "LY-6"} <= codes
    lay_out(design.cell, 10, 4, design.arrangement)
    for face in Face:
        assert face_drawing(design, analysis, face).shapes


@pytest.mark.slow
def test_a_small_pack_in_a_vast_space_is_found_quickly_and_stands_together(hoist, library):
    import time

    vast = hoist.with_edits(("brief.box_length_m", 2.0), ("brief.box_width_m", 1.5), ("bms.board", None))
    began = time.perf_counter()
    design = arranged(vast)
    assert time.perf_counter() - began < patience(5)
    assert min(analyse(design, library).layout.links) >= 4
    assert len(design.arrangement.spare_m) <= 80
    envelope = analyse(design, library).insulation.envelope
    assert envelope.length_m * envelope.width_m < 3 * 40 * 0.0214**2


def test_a_block_that_takes_no_group_is_passed_over(hoist, library):
    # The left half of a split pack is all blocked, and nine in parallel leave links to improve on.
    half = Blocked(x_m=-0.1, y_m=0.0, length_m=0.13, width_m=0.2)
    design = arranged(
        hoist.with_edits(
            ("series", 2),
            ("parallel", 9),
            ("bms.board", None),
            ("arrangement.split_gap_m", 0.02),
            ("brief.box_length_m", 0.34),
            ("brief.blocked", (half,)),
        ),
        effort=0.05,
    )
    assert {p.block for p in design.arrangement.placed} == {2}
    assert analyse(design, library).open_at is None


def test_flat_cells_apart_are_offered_strips_for_a_plate_that_falls_apart(hoist, library):
    cell = part_named(library, Cell, "prismatic iron phosphate 50 Ah")
    design = hoist.with_edits(
        ("cell", cell),
        ("series", 6),
        ("parallel", 1),
        ("arrangement.rows", 3),
        ("bms.board", None),
        ("joining.style", StripStyle.PLATES),
    )
    analysis = analyse(design, library)
    torn = [f for f in findings_of(Situation(design, analysis, EMPTY_STATE, library)) if f.code == "SR-10"]
    assert torn[0].severity is Severity.STOP
    assert "pieces" in torn[0].sentence
    # The template is drawn all the same, without a tab on a piece that the lead does not reach.
    assert templates(design, analysis)
    fixed = torn[0].fix.applied(design)
    assert fixed.joining.style is StripStyle.STRIPS
    assert analyse(fixed, library).open_at is None


def test_plates_with_no_room_for_their_gap_are_drawn_and_told(hoist, library):
    for gap in (0.016, 0.02):
        design = hoist.with_edits(("joining.style", StripStyle.PLATES), ("joining.gap_m", gap))
        findings = findings_of(Situation(design, analyse(design, library), EMPTY_STATE, library))
        told = next(f for f in findings if f.code == "SR-8")
        assert told.severity is Severity.STOP
        assert "no room for plates" in told.sentence
    easy = hoist.with_edits(("joining.style", StripStyle.PLATES))
    assert "SR-8" not in found(easy, library)
