"""No metal of two tap points is nearer on any exported outline than the program says: shapely on the templates of random packs."""

import itertools
import os
from contextlib import suppress
from functools import cache

import numpy as np
import pytest
from shapely.geometry import Point, Polygon
from shapely.ops import unary_union

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Arrangement, Lattice, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Strip
from firmcell.core.pictures.drawing import Stroke
from firmcell.core.pictures.face import face_drawing
from firmcell.core.pictures.templates import templates
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import cases, found

ROUNDS = int(os.environ.get("FIRMCELL_ROUNDS", cases(40)))
SHELF = shipped_library()
BASE = hoist_in_rows(SHELF)
CELLS = [c for c in SHELF.cells if c.is_round]
LINKS = [
    part_named(SHELF, Strip, f"pure nickel strip {size}") for size in ("0.1 × 5", "0.15 × 8", "0.3 × 10")
]


def random_pack(dice):
    """A pack in rows, or searched in a random box, circle or outline; strips or plates; leads anywhere."""
    cell = CELLS[dice.integers(len(CELLS))]
    series, parallel = int(dice.integers(2, 13)), int(dice.integers(1, 8))
    link, collector = (LINKS[dice.integers(3)] for _ in range(2))
    design = BASE.with_edits(
        ("cell", cell), ("series", series), ("parallel", parallel), ("brief.blocked", ()), ("brief.outline_m", ()),
        ("brief.space", SpaceShape.BOX), ("joining.link_strip", link), ("joining.link_layers", 1),
        ("joining.collector_strip", collector), ("joining.style", list(StripStyle)[dice.integers(2)]),
    )  # fmt: skip
    pitch = cell.diameter_m + cell.diameter_tolerance_m
    way = int(dice.integers(4))
    if way == 0:
        arrangement = Arrangement(
            rows=int(dice.integers(1, 2 * parallel + 1)),
            lattice=(Lattice.SQUARE, Lattice.STAGGERED)[dice.integers(2)],
            turn_axis=BASE.arrangement.turn_axis,
        )
        return design.edited("arrangement", arrangement)
    side = pitch * (series * parallel * dice.uniform(1.2, 1.7)) ** 0.5 + 0.006
    stretch = dice.uniform(0.6, 1.6)
    length, width = side * stretch, side / stretch + 0.01
    edits = [("brief.box_length_m", length), ("brief.box_width_m", width)]
    if way == 2:
        edits += [("brief.space", SpaceShape.CYLINDER), ("brief.box_length_m", side * 1.25)]
        edits += [("brief.box_width_m", side * 1.25)]
    elif way == 3:
        cut_x, cut_y = length * dice.uniform(0.2, 0.6), width * dice.uniform(0.2, 0.6)
        ring = ((0, 0), (length, 0), (length, width - cut_y), (length - cut_x, width), (0, width))
        edits += [("brief.space", SpaceShape.OUTLINE), ("brief.outline_m", ring)]
    design = design.with_edits(*edits)
    found_ = laid_out(arrange(design, seed=int(dice.integers(99)), effort=0.2, trials=False))
    return design.edited("arrangement", found_.arrangement)


@cache
def packs():
    """Random packs that the tests here share, since to search their places takes longest."""
    dice, made = np.random.default_rng(18), []
    for _ in range(ROUNDS):
        with suppress(Refusal):
            made.append(random_pack(dice))
    return tuple(made)


def outlines(design, analysis):
    """Of each face, the metal of each tap point as it is cut, m."""
    shapes = {}
    for template in templates(design, analysis):
        face = template.layer.split("_")[0]
        for shape in template.drawing.shapes:
            role = getattr(shape, "role", "")
            if role not in ("template.strip", "template.plate") or not shape.ref.startswith("strip:N"):
                continue
            node = int(shape.ref.removeprefix("strip:N").split("-")[0])
            shapes.setdefault((face, node), []).append(Polygon(np.array(shape.points) / 1e3).buffer(0))
    return {key: unary_union(parts) for key, parts in shapes.items()}


def least_apart(metal):
    pairs = itertools.combinations(sorted(metal), 2)
    return min((metal[a].distance(metal[b]) for a, b in pairs if a[0] == b[0]), default=np.inf)


@pytest.mark.slow
def test_whatever_lies_too_near_on_an_outline_is_told_and_strip_of_fair_width_never_does():
    """A plate's holes count as metal here, which errs to the safe side; strips may lie half a millimetre aside each."""
    clear = told = laid = 0
    for design in packs():
        laid += 1
        analysis = analyse(design, SHELF)
        apart = least_apart(outlines(design, analysis))
        speaks = "SR-8" in found(design, SHELF)
        asked = design.joining.gap_m
        assert speaks or apart >= asked - 2e-5, (design.joining.style, apart)
        if design.joining.style is StripStyle.STRIPS:
            widest = max(design.joining.link_strip.width_m, design.joining.collector_strip.width_m)
            # Where strip is no wider than half a pitch the program lays nothing that it has to tell.
            assert not (speaks and widest <= 0.5 * analysis.layout.pitch_m), found(design, SHELF)[
                "SR-8"
            ].sentence
        told += speaks
        clear += not speaks
    assert laid > 0.6 * ROUNDS
    assert clear > 0.3 * laid
    assert told > 0


def bare_end(design, analysis, positive):
    """Where a main lead is drawn to begin and how wide it lies there bare, m: worked out here from the picture, not from
    the check: a lug for the thread (13 mm for M6, generic class value) or strands half as wide again as their copper."""
    drawing = face_drawing(design, analysis, analysis.bms.taps[design.series if positive else 0].face)
    ref = "lead:plus" if positive else "lead:minus"
    start = (
        np.array(next(s for s in drawing.shapes if s.ref == ref and isinstance(s, Stroke)).points[0]) / 1e3
    )
    wide = 0.013 if design.joining.leads_bolted else 1.5 * 2 * (design.leads.wire.area_m2 / np.pi) ** 0.5
    return Point(start).buffer(wide / 2)


@pytest.mark.slow
@pytest.mark.parametrize("bolted", [False, True])
def test_the_bare_end_of_a_main_lead_over_other_metal_is_told(bolted):
    """Heavy wire and lugs on the strips of random packs; a disc where the picture begins the lead is less than the
    program's band, so that all it finds must be told."""
    dice = np.random.default_rng(5)
    near = 0
    for design in packs():
        wires = [w for w in SHELF.wires if (6e-6 if bolted else 30e-6) < w.area_m2 < 130e-6]
        design = design.with_edits(
            ("joining.style", StripStyle.STRIPS), ("leads.wire", wires[dice.integers(len(wires))]),
            *((("joining.joined_by", JoinedBy.SCREW), ("joining.thread_m", 0.006)) if bolted else ()),
        )  # fmt: skip
        analysis = analyse(design, SHELF)
        metal = outlines(design, analysis)
        for positive in (False, True):
            node = design.series if positive else 0
            face = analysis.bms.taps[node].face.value
            end = bare_end(design, analysis, positive)
            others = [m for (f, n), m in metal.items() if f.lower() == face and n != node]
            if min((end.distance(m) for m in others), default=np.inf) < design.joining.gap_m:
                near += 1
                assert "SR-8" in found(design, SHELF), (node, end.centroid)
    # A bar is as long as its lug asks for; soldered strands go where they are put.
    assert near > 0 or bolted
