"""Leads, fuse, insulation, descriptions and stage pictures: worked by hand or against an independent package."""

import itertools

import pytest
from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import MultiPoint, Point, box

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.wording import celsius, duration, figures, kilograms, volts
from firmcell.core.jobs.new_pack import new_pack_steps
from firmcell.core.leads.connectors import connector_limit
from firmcell.core.leads.fuse_rating import fit_fuse, least_rating
from firmcell.core.leads.main_leads import loop_resistance, wire_options
from firmcell.core.model.design import BoardPlace, Face, TurnAxis
from firmcell.core.model.parts import Connector, Fuse, Wire
from firmcell.core.pictures.drawing import Area, Disc, Label, Stroke, bounds_of
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.part_card import describe
from firmcell.core.pictures.stage_marks import stage_paint
from firmcell.core.records.build_state import EMPTY_STATE, BuildState
from firmcell.store.demo import DEMO_JOBS
from firmcell.store.part_files import part_named, shipped_library

# -- leads ---------------------------------------------------------------------------------------------


def test_loop_of_the_hoist_by_hand(hoist):
    """2 × 0.25 m of 10 AWG at 20 °C (3.343 mΩ/m) + 2 × 0.4 mΩ contacts + 1 mΩ fuse = 3.47 mΩ."""
    per_metre = 1.7241e-8 * 1.02 / 5.261e-6
    assert loop_resistance(hoist.leads, hoist.leads.wire, 293.15) == pytest.approx(
        0.5 * per_metre + 0.0018, rel=1e-3
    )


def test_no_fuse_no_fuse_resistance(hoist):
    bare = hoist.edited("leads.fuse", None)
    less = loop_resistance(hoist.leads, hoist.leads.wire, 293.15) - loop_resistance(
        bare.leads, bare.leads.wire, 293.15
    )
    assert less == pytest.approx(0.001)


def test_connector_derates_with_the_root_of_the_rise_left(library):
    """Body limit 105 °C, given at 30 °C: at 60 °C the rise left is 45 of 75 K, √0.6 = 0.7746, by hand."""
    part = part_named(library, Connector, "keyed twin-bullet 4.5 mm")
    assert connector_limit(part, 303.15) == pytest.approx(70)
    assert connector_limit(part, 333.15) == pytest.approx(70 * 0.7746, rel=1e-4)
    assert connector_limit(part, 263.15) == pytest.approx(70)  # never above the class value
    assert connector_limit(part, 400.0) == 0


def test_proposed_wire_is_the_smallest_that_does_it(hoist, hoist_analysis, library):
    good = [o for o in hoist_analysis.leads.options if o.good]
    assert hoist_analysis.leads.proposed_wire == good[0].wire
    areas = {w.name: w.area_m2 for w in library.wires}
    for option in hoist_analysis.leads.options:
        if areas[option.wire] < areas[good[0].wire]:
            assert not option.good


@given(amps=st.floats(0.5, 80), more=st.floats(0.1, 40))
def test_more_current_never_needs_a_thinner_wire(amps, more):
    from firmcell.store.demo import orchard_hoist

    library = shipped_library()
    leads = orchard_hoist(library).leads
    areas = {w.name: w.area_m2 for w in library.wires}
    _, small, _ = wire_options(library.wires, leads, amps, 1.5 * amps, 303.15)
    _, large, _ = wire_options(library.wires, leads, amps + more, 1.5 * (amps + more), 303.15)
    if small and large:
        assert areas[large] >= areas[small]
    assert small or not large


def test_what_rules_the_gauge_is_told(hoist, library):
    def ruled(drop, length):
        design = hoist.edited("leads.length_m", length).edited("leads.drop_limit_v", drop)
        return analyse(design, library).leads

    # 33.3 A of fuse for 25 A steady: the wire must carry the fuse, not only the load.
    assert ruled(5.0, 0.25).rules_gauge == "fuse"
    assert ruled(0.3, 1.5).rules_gauge == "drop"
    assert ruled(0.01, 5.0).proposed_wire is None


# -- fuse ----------------------------------------------------------------------------------------------


def test_fuse_between_load_and_wire(library):
    """Common practice: steady at most 80 %, a short peak at most 135 % of the rating: 25 A and 45 A need 33.3 A."""
    assert least_rating(25, 45) == pytest.approx(33.33, rel=1e-3)
    assert least_rating(30, 31) == pytest.approx(37.5)
    fuse = part_named(library, Fuse, "bolted fuse 80 V, 40 A")
    assert fit_fuse(fuse, 25, 45, 51, 650, 42).fits
    assert not fit_fuse(fuse, 35, 45, 51, 650, 42).carries_load
    assert not fit_fuse(fuse, 25, 45, 38, 650, 42).protects_wire
    assert not fit_fuse(fuse, 25, 45, 51, 2600, 42).breaks_fault
    assert not fit_fuse(fuse, 25, 45, 51, 650, 84).voltage_is_enough


# -- insulation --------------------------------------------------------------------------------------------


def test_outer_size_by_hand(hoist, hoist_analysis):
    """Length 10 × 21.4 + 2 × 0.5 side + 9 board + 0.25 sheet = 224.25 bare, + 2 × 0.3 cross sleeve = 224.85 mm."""
    e = hoist_analysis.insulation.envelope
    assert e.bare_length_m == pytest.approx(0.22425)
    assert e.length_m == pytest.approx(0.22485)
    assert e.bare_width_m == pytest.approx(4 * 0.0214 + 0.001)
    # 70.3 + 0.3 cell, twice (2 × 0.15 strip + 0.25 sheet + 0.06 tape).
    assert e.bare_height_m == pytest.approx(0.0706 + 2 * (0.0003 + 0.00031))
    assert e.margin_width_m == pytest.approx(0.110 - 0.002 - e.width_m)


def test_outer_size_holds_every_cell(library):
    for _, make in DEMO_JOBS.values():
        design = make(library)
        analysis = analyse(design, library)
        e = analysis.insulation.envelope
        hull = MultiPoint([(c.x_m, c.y_m) for c in analysis.layout.cells]).convex_hull.buffer(
            design.cell.diameter_m / 2
        )
        x0, y0, x1, y1 = hull.bounds
        assert x1 - x0 <= e.bare_length_m
        assert y1 - y0 <= e.bare_width_m


def test_board_on_top_makes_it_higher_and_outside_neither(hoist, library):
    sizes = {}
    for place in BoardPlace:
        e = analyse(hoist.edited("bms.place", place), library).insulation.envelope
        sizes[place] = (e.bare_length_m, e.bare_height_m)
    board, sheet = hoist.bms.board.height_m, hoist.insulation.sheet_m
    assert sizes[BoardPlace.END][0] - sizes[BoardPlace.OUTSIDE][0] == pytest.approx(board + sheet)
    assert sizes[BoardPlace.TOP][1] - sizes[BoardPlace.OUTSIDE][1] == pytest.approx(board + sheet)


# -- pictures ------------------------------------------------------------------------------------------


@pytest.mark.parametrize("name", DEMO_JOBS)
@pytest.mark.parametrize("axis", list(TurnAxis))
def test_every_part_of_the_picture_can_be_described_and_pointed_at(library, name, axis):
    design = DEMO_JOBS[name][1](library).edited("arrangement.turn_axis", axis)
    analysis = analyse(design, library)
    shown = set()
    for face in Face:
        drawing = face_drawing(design, analysis, face)
        shown |= set(drawing.targets)
        for shape in drawing.shapes:
            if shape.ref:
                assert describe(shape.ref, design, analysis) is not None, shape.ref
        for ref in drawing.targets:
            told = describe(ref, design, analysis)
            assert told is not None, ref
            assert told.title
            assert all(value for _, value in told.rows)
        x0, y0, x1, y1 = drawing.bounds
        assert all(x0 <= x <= x1 and y0 <= y <= y1 for x, y in drawing.targets.values())
    wanted = {f"cell:{c.number}" for c in analysis.layout.cells} | {f"strip:{p.id}" for p in analysis.strips}
    wanted |= {f"tap:{t.number}" for t in analysis.bms.taps} | {"lead:plus", "lead:minus"}
    assert wanted <= shown


@pytest.mark.parametrize("ref", ["", "cell:0", "cell:41", "cell:x", "strip:N99-L1", "tap:11", "group:0", "group:11",
                                 "lead:left", "spoon:1", "node:99"])  # fmt: skip
def test_what_is_not_there_has_no_description(hoist, hoist_analysis, ref):
    assert describe(ref, hoist, hoist_analysis) is None


def test_strip_pads_lie_on_their_cells_and_taps_within_their_cell(hoist, hoist_analysis):
    for face in Face:
        drawing = face_drawing(hoist, hoist_analysis, face)
        cells = {s.ref: Point(s.centre).buffer(s.radius) for s in drawing.shapes if s.role == "cell.wrap"}
        for tap in hoist_analysis.bms.taps:
            if tap.face is face:
                assert cells[f"cell:{tap.cell}"].contains(Point(drawing.targets[f"tap:{tap.number}"]))
        for a, b in itertools.combinations(cells.values(), 2):
            assert a.intersection(b).area < 1e-9


def test_insulation_outline_is_the_outer_size(hoist, hoist_analysis):
    e = hoist_analysis.insulation.envelope
    for face in Face:
        outline = next(
            s for s in face_drawing(hoist, hoist_analysis, face).shapes if s.role == "outline.insulation"
        )
        xs, ys = zip(*outline.points, strict=True)
        shape = box(min(xs), min(ys), max(xs), max(ys))
        assert shape.area == pytest.approx(e.length_m * e.width_m * 1e6, rel=1e-9)


def test_bounds_hold_every_kind_of_shape():
    shapes = [
        Disc((0, 0), 2, "r"),
        Area(((5, 5), (6, 7), (4, 6)), "r"),
        Stroke(((-9, 1), (0, 1)), 2, "r"),
        Label((0, 9), "x", 1, "r"),
    ]
    assert bounds_of(shapes) == pytest.approx((-10, -2, 6, 9.6))
    assert bounds_of([]) == (0, 0, 1, 1)


def test_each_stage_paints_its_own_matter(hoist, hoist_analysis):
    steps = new_pack_steps(hoist, hoist_analysis)
    step = next(s for s in steps if s.code == "weld-bottom-N2")
    pictures = {
        stage: stage_paint(
            stage, hoist, hoist_analysis, EMPTY_STATE, steps, step if stage is Stage.BENCH else None
        )
        for stage in Stage
    }
    assert all(p.caption for p in pictures.values())
    metal = pictures[Stage.STRIPS]
    # 6.25 of 7.9 A is under 80 %; the collecting strips at 25 A are above.
    assert metal.marks["strip:N1-L1"] == "good"
    assert metal.marks["strip:N0-C1"] == "look"
    assert {pictures[Stage.BENCH].marks[ref] for ref in step.refs} == {"lit"}
    assert pictures[Stage.BENCH].marks["strip:N4-L1"] == "open"
    wrong = BuildState(tap_volts={1: 3.56, 2: 10.68, 3: 7.12})
    proof = stage_paint(Stage.TESTS, hoist, hoist_analysis, wrong, steps, None)
    assert proof.marks["tap:1"] == "good"
    assert proof.marks["tap:2"] == "bad"
    assert proof.marks["tap:9"] == "open"
    assert proof.values["tap:2"] == "10.68 V"


def test_an_overloaded_strip_is_painted_bad(hoist, library):
    design = hoist.edited("brief.current_steady_a", 44.0)
    analysis = analyse(design, library)
    picture = stage_paint(Stage.STRIPS, design, analysis, EMPTY_STATE, (), None)
    assert {p.id for p in analysis.strips if p.share_of_limit > 1} == {
        ref.removeprefix("strip:") for ref, mark in picture.marks.items() if mark == "bad"
    }


# -- words ---------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("value", "text"),
    [
        (0, "0"),
        (25, "25"),
        (6.25, "6.25"),
        (0.00012345, "0.000123"),
        (1234.5, "1230"),
        (-3.456, "−3.46"),
        (1e7, "10000000"),
    ],
)
def test_figures_have_three_digits_and_no_exponent(value, text):
    assert figures(value) == text


def test_words_of_quantities():
    assert volts(3.456) == "3.46 V"
    assert volts(-1) == "−1.00 V"
    assert celsius(268.15) == "−5 °C"
    assert kilograms(0.85) == "850 g"
    assert kilograms(2.816) == "2.82 kg"
    assert [duration(s) for s in (10, 300, 9000)] == ["10 s", "5 min", "2.5 h"]


def test_thinner_wire_of_the_same_copper_class_is_never_cooler(library):
    from firmcell.core.physics.wire_heat import wire_temperatures

    wires = sorted((w for w in library.of(Wire) if "AWG" in w.gauge), key=lambda w: w.area_m2)
    temperatures = wire_temperatures(wires, 10.0, 303.15)
    assert all(thin >= thick - 1e-6 for thin, thick in itertools.pairwise(temperatures))
