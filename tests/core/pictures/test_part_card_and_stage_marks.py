"""What is told of each part of the picture, and what each stage paints on it."""

import itertools

import pytest
from shapely.geometry import Point, box

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Stage
from firmcell.core.jobs.new_pack import new_pack_steps
from firmcell.core.model.design import Face, TurnAxis
from firmcell.core.pictures.drawing import Area, Disc, Label, Stroke, bounds_of
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.part_card import describe
from firmcell.core.pictures.stage_marks import stage_paint
from firmcell.core.records.build_state import EMPTY_STATE, BuildState
from firmcell.store.demo import DEMO_JOBS

# -- leads ---------------------------------------------------------------------------------------------


# -- fuse ----------------------------------------------------------------------------------------------


# -- insulation --------------------------------------------------------------------------------------------


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


@pytest.mark.parametrize(
    "ref",
    [
        "",
        "cell:0",
        "cell:41",
        "cell:x",
        "strip:N99-L1",
        "tap:11",
        "group:0",
        "group:11",
        "lead:left",
        "spoon:1",
        "node:99",
    ],
)
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


def test_each_stage_paints_its_own_matter(hoist, library):
    hoist = hoist.with_edits(("brief.current_peak_a", 46.0), ("brief.current_steady_a", 27.5))
    hoist_analysis = analyse(hoist, library)
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
    # 6.9 of 7.9 A facing down is over 80 %, and so are the collecting strips; what only evens out is not.
    assert metal.marks["strip:N2-L1"] == "look"
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
