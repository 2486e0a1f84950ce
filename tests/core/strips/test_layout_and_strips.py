"""Layout, strips, taps and pictures: geometry, conservation of current, true mirroring."""

import itertools
import pickle

import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import Point

from firmcell.core.analysis.analyse import analyse
from firmcell.core.changes.by_hand import layout_of
from firmcell.core.layout.cell_places import lay_out
from firmcell.core.layout.rows import stack_size
from firmcell.core.model.design import Arrangement, Face, Joining, Lattice, StripRef, TurnAxis
from firmcell.core.model.joint_kinds import KINDS, JoinedBy
from firmcell.core.model.parts import Strip
from firmcell.core.physics.strip_heat import long_run_limit, long_run_temperature
from firmcell.core.pictures.drawing import Disc
from firmcell.core.pictures.face import face_drawing
from firmcell.core.strips.current_shares import strip_shares
from firmcell.core.strips.runs import strip_runs
from firmcell.core.strips.tap_points import nodes_of
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import cases

SHAPES = st.tuples(
    st.integers(1, 14), st.integers(1, 9), st.integers(1, 12), st.sampled_from(list(Lattice)), st.booleans()
)


def _lay(series, parallel, rows, lattice, up):
    cell = shipped_library().cells[4]
    return lay_out(cell, series, parallel, Arrangement(rows=rows, lattice=lattice, first_positive_up=up))


@given(SHAPES)
def test_cells_do_not_overlap_and_lie_inside_the_size(shape):
    layout = _lay(*shape)
    xy = np.array([[c.x_m, c.y_m] for c in layout.cells])
    if len(xy) > 1:
        gaps = np.hypot(*(xy[:, None] - xy[None]).transpose(2, 0, 1)) + np.eye(len(xy))
        assert gaps.min() >= layout.pitch_m * (1 - 1e-9)
    assert np.abs(xy[:, 0]).max() + layout.pitch_m / 2 <= layout.length_m / 2 + 1e-9
    assert np.abs(xy[:, 1]).max() + layout.pitch_m / 2 <= layout.width_m / 2 + 1e-9


@given(SHAPES)
def test_groups_are_connected_alternate_and_link_to_the_next(shape):
    series, parallel = shape[0], shape[1]
    layout = _lay(*shape)
    graph = nx.Graph()
    graph.add_nodes_from(c.number for c in layout.cells)
    for a in layout.cells:
        for b in layout.cells:
            if a.number < b.number and np.hypot(a.x_m - b.x_m, a.y_m - b.y_m) < layout.pitch_m * 1.01:
                graph.add_edge(a.number, b.number)
    for group in range(1, series + 1):
        cells = layout.group_cells(group)
        assert len(cells) == parallel
        assert nx.is_connected(graph.subgraph([c.number for c in cells]))
        assert len({c.positive_up for c in cells}) == 1
    ups = [layout.group_cells(g)[0].positive_up for g in range(1, series + 1)]
    assert all(a != b for a, b in itertools.pairwise(ups))
    assert all(links >= 1 for links in layout.links)


def test_whole_columns_give_a_link_for_every_cell():
    assert set(_lay(10, 4, 4, Lattice.SQUARE, True).links) == {4}


def test_size_of_a_square_stack_by_hand():
    assert stack_size(40, 4, 0.0214, Lattice.SQUARE) == pytest.approx((0.214, 0.0856))


def test_staggered_size_against_shapely(hoist):
    design = hoist.edited("arrangement.lattice", Lattice.STAGGERED)
    layout = lay_out(design.cell, 10, 4, design.arrangement)
    discs = Point(0, 0).buffer(0)
    for c in layout.cells:
        discs = discs.union(Point(c.x_m, c.y_m).buffer(layout.pitch_m / 2, quad_segs=64))
    x0, y0, x1, y1 = discs.bounds
    assert (x1 - x0, y1 - y0) == pytest.approx((layout.length_m, layout.width_m), rel=1e-9)


def test_collecting_strip_carries_k_over_p():
    """Analytic: fed evenly by P cells and tapped at one end, k/P in the k-th span (REFERENCES.md)."""
    library = shipped_library()
    # Cells of a great resistance feed evenly whatever the strip does.
    cell = library.cells[4].model_copy(update={"resistance_ohm": 1e5})
    layout = lay_out(cell, 1, 5, Arrangement(rows=5))
    strip = part_named(library, Strip, "pure nickel strip 0.15 × 8")
    shares = strip_shares(layout, Joining(link_strip=strip, collector_strip=strip), cell)
    for run, spans in zip(strip_runs(layout), shares.spans, strict=True):
        assert spans == pytest.approx([0.2, 0.4, 0.6, 0.8], rel=1e-6), run.id
    assert sum(shares.cells.values()) == pytest.approx(1.0)


@pytest.mark.slow
@given(SHAPES)
@settings(max_examples=cases(40))
def test_every_pad_has_metal_and_series_links_carry_the_whole_current(shape):
    series, parallel, rows, lattice, up = shape
    library = shipped_library()
    from firmcell.store.demo import orchard_hoist

    base = orchard_hoist(library).model_copy(update={"series": series, "parallel": parallel})
    design = base.model_copy(
        update={"arrangement": Arrangement(rows=rows, lattice=lattice, first_positive_up=up)}
    )
    analysis = analyse(design, library)
    for node in nodes_of(analysis.layout):
        pieces = [p for p in analysis.strips if p.node == node.number]
        covered = {n for p in pieces for n in p.cells}
        assert covered == {c.number for c in node.minus_cells + node.plus_cells}
        assert {p.face for p in pieces} == {node.face}
        if node.plus_cells and node.minus_cells:
            ours = {c.number for c in node.plus_cells}
            crossing = [
                share
                for p in pieces
                for (a, b), share in zip(itertools.pairwise(p.cells), p.span_share, strict=True)
                if (a in ours) != (b in ours)
            ]
            # Where strips run to and fro between the groups a little comes back and crosses again.
            assert 1 - 1e-9 < sum(crossing) < 1.6
        else:
            assert sum(p.lead_share for p in pieces) == 1.0


def test_joule_heat_of_a_ladder_by_hand(hoist, library):
    """2S1P: two joints a cell and one link of one pitch, a tail of 10 mm with a soldered lead at each end; parallel strips do not exist."""
    design = hoist.edited("series", 2).edited("parallel", 1).edited("arrangement.rows", 1)
    analysis = analyse(design, library)
    strip = design.joining.link_strip
    link = strip.resistivity_ohm_m * analysis.layout.pitch_m / (strip.section_m2 * design.joining.link_layers)
    collecting = design.joining.collector_strip
    layers = design.joining.collector_layers
    tail = (
        collecting.resistivity_ohm_m * 0.010 / (collecting.section_m2 * layers) + KINDS[JoinedBy.SOLDER].ohm
    )
    assert analysis.pack.resistance_strips_ohm == pytest.approx(4 * 0.0002 + link + 2 * tail)


def test_strip_limit_falls_in_the_range_of_common_practice(library):
    """Common practice, no source: 0.15 × 8 nickel is used for about 5 to 10 A."""
    strip = part_named(library, Strip, "pure nickel strip 0.15 × 8")
    assert 5 <= long_run_limit(strip, 1, 333.15, 303.15) <= 10


@given(layers=st.integers(1, 6), ambient=st.floats(260, 320))
def test_strip_limit_and_temperature_are_inverse(layers, ambient):
    strip = part_named(shipped_library(), Strip, "pure nickel strip 0.15 × 8")
    limit = long_run_limit(strip, layers, 333.15, ambient)
    assert float(long_run_temperature(strip, layers, limit, ambient)) == pytest.approx(333.15, abs=0.05)


def test_taps_alternate_and_rise_by_one_cell(hoist, hoist_analysis):
    taps = hoist_analysis.bms.taps
    assert [t.name for t in taps] == [f"B{k}" for k in range(11)]
    assert {t.face for t in taps[::2]} == {Face.BOTTOM}
    assert {t.face for t in taps[1::2]} == {Face.TOP}
    for low, high in itertools.pairwise(taps):
        assert high.full_v - low.full_v == pytest.approx(hoist.cell.full_v)
        assert high.now_v - low.now_v == pytest.approx(hoist.cell_now_v)
    # Printed steps of a lithium-ion board: 3.7, 7.4, 11.1 … (common practice, no source).
    assert [t.printed for t in taps[:3]] == ["B−", "3.7", "7.4"]
    assert taps[-1].printed == "B+"


@pytest.mark.parametrize("axis", list(TurnAxis))
def test_bottom_face_is_truly_mirrored(hoist, library, axis):
    design = hoist.edited("arrangement.turn_axis", axis)
    analysis = analyse(design, library)
    top, bottom = (face_drawing(design, analysis, f) for f in (Face.TOP, Face.BOTTOM))
    for cell in analysis.layout.cells:
        (x, y), (mx, my) = top.targets[f"cell:{cell.number}"], bottom.targets[f"cell:{cell.number}"]
        assert (mx, my) == pytest.approx((x, -y) if axis is TurnAxis.LONG else (-x, y))


def test_each_cell_shows_plus_on_one_face_and_minus_on_the_other(hoist, hoist_analysis):
    shown = {}
    for face in Face:
        for shape in face_drawing(hoist, hoist_analysis, face).shapes:
            if isinstance(shape, Disc) and shape.role in ("cell.plus", "cell.minus"):
                shown.setdefault(shape.ref, set()).add(shape.role)
    assert len(shown) == 40
    assert all(roles == {"cell.plus", "cell.minus"} for roles in shown.values())


def test_picture_is_to_scale(hoist, hoist_analysis):
    wraps = [s for s in face_drawing(hoist, hoist_analysis, Face.TOP).shapes if s.role == "cell.wrap"]
    assert {s.radius for s in wraps} == {10.6}  # 21.2 mm class
    xs = sorted({round(s.centre[0], 6) for s in wraps})
    assert np.diff(xs) == pytest.approx(21.4)  # largest cell the tolerance allows


def test_runs_kept_on_a_layout_are_those_of_its_own_cells_and_strips_by_hand(hoist):
    """A copy of a layout with a strip left out, or with other cells, is laid anew; what is written down of a layout has no runs in it."""
    layout = layout_of(hoist)
    runs = strip_runs(layout)
    assert strip_runs(layout) is runs
    gone = runs[3]
    without = layout.model_copy(update={"removed": (StripRef(face=gone.face, cells=gone.cells),)})
    assert [r.cells for r in strip_runs(without)] == [r.cells for r in runs if r is not gone]
    fewer = layout.model_copy(update={"cells": tuple(c for c in layout.cells if c.group <= 9)})
    fewer.__dict__.pop("_by_group", None)
    assert strip_runs(fewer) is not runs
    again = pickle.loads(pickle.dumps(layout))
    assert strip_runs(again) == runs
    assert "strip_runs" not in layout.model_dump()
