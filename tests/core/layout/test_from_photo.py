"""A layout from photos of both faces: what is marked is what comes out, and what does not go together is told."""

import itertools

import networkx as nx
import numpy as np
import pytest
from hypothesis import example, given
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.layout_from_photos import layout_edits, other_reading
from firmcell.core.layout.cell_places import lay_out
from firmcell.core.layout.from_photo import pack_seen, placed_cells, pushed_apart, scale_of
from firmcell.core.model.design import Arrangement, Face, TurnAxis
from firmcell.core.model.parts import Cell
from firmcell.core.model.photo import Photo, PhotoShows, SeenCell, SeenStrip
from firmcell.core.strips.runs import strip_runs
from firmcell.store.demo_lamp import lamp_refit
from firmcell.store.part_files import part_named, shipped_library
from tests.core.geometry.test_homography import camera

SHELF = shipped_library()
CELL = part_named(SHELF, Cell, "18650 balanced 3.0 Ah")
FRAME = np.array([(-0.15, 0.1), (0.15, 0.1), (0.15, -0.1), (-0.15, -0.1)])
NAMES = {Face.TOP: PhotoShows.TOP, Face.BOTTOM: PhotoShows.BOTTOM}


def photographed(layout, face, axis=TurnAxis.LONG, view=(0.3, -0.2, 0.1, 0.5), order=None, click=True):
    """The photo of a face of a layout through a camera of our own, with every cell and strip marked as a hand would."""
    sign = np.array([1, 1]) if face is Face.TOP else np.array([1, -1] if axis is TurnAxis.LONG else [-1, 1])
    numbers = order or [c.number for c in layout.cells]
    seen = camera(*view)
    places = np.array([(layout.by_number[n].x_m, layout.by_number[n].y_m) for n in numbers]) * sign
    spots = seen(places).round() if click else seen(places)
    where = {n: place for place, n in enumerate(numbers, start=1)}
    return Photo(
        name="p.jpg",
        sha256="0" * 64,
        width_px=3000,
        height_px=2000,
        shows=NAMES[face],
        corners_px=tuple(map(tuple, seen(FRAME).tolist())),
        length_m=0.3,
        width_m=0.2,
        cells=tuple(
            SeenCell(at_px=tuple(s), plus=layout.by_number[n].positive_up is (face is Face.TOP))
            for s, n in zip(spots.tolist(), numbers, strict=True)
        ),
        strips=tuple(
            SeenStrip(cells=tuple(where[n] for n in run.cells))
            for run in strip_runs(layout)
            if run.face is face and set(run.cells) <= set(where)
        ),
    )


def both(layout, axis=TurnAxis.LONG, order=None):
    return (
        photographed(layout, Face.TOP, axis),
        photographed(layout, Face.BOTTOM, axis, view=(-0.25, 0.15, -0.2, 0.45), order=order),
    )


packs = st.tuples(st.integers(1, 8), st.integers(1, 4), st.sampled_from(list(TurnAxis)), st.integers(0, 999))


@given(pack=packs)
def test_the_pack_in_the_photos_is_the_pack(pack):
    """Round trip: a layout of our own, photographed from two sides, the bottom's cells marked in any order."""
    series, parallel, axis, seed = pack
    layout = lay_out(CELL, series, parallel, Arrangement(rows=parallel, turn_axis=axis))
    order = np.random.default_rng(seed).permutation([c.number for c in layout.cells]).tolist()
    top, bottom = both(layout, axis, order)
    seen = pack_seen(top, bottom, axis, CELL.diameter_m)
    assert seen.faults == ()
    assert (seen.series, seen.parallel) == (series, parallel)
    assert seen.group == tuple(c.group for c in layout.cells)
    assert seen.up == tuple(c.positive_up for c in layout.cells)
    away = np.hypot(*(seen.places_m - [(c.x_m, c.y_m) for c in layout.cells]).T)
    assert away.max() < 0.4e-3
    placed = placed_cells(seen, CELL.diameter_m)
    for a, b in itertools.combinations(placed, 2):
        assert np.hypot(a.x_m - b.x_m, a.y_m - b.y_m) > CELL.diameter_m - 5e-6


@given(
    pack=st.tuples(st.integers(2, 7), st.integers(1, 3), st.integers(0, 999)),
    fault=st.sampled_from(["turned", "cut", "joined", "both"]),
)
def test_what_comes_out_without_a_word_is_what_the_marks_say(pack, fault):
    """Attack: wrong marks. Either something is told, or the groups are those that a graph of our own (networkx) finds in the marks."""
    series, parallel, seed = pack
    layout = lay_out(CELL, series, parallel, Arrangement(rows=parallel))
    top, bottom = both(layout)
    r = np.random.default_rng(seed)
    top, bottom = spoiled(top, bottom, fault, r)
    seen = pack_seen(top, bottom, TurnAxis.LONG, CELL.diameter_m)
    if seen.faults:
        with pytest.raises(Refusal, match="do not go together"):
            placed_cells(seen, CELL.diameter_m)
        return
    net = nx.Graph()
    net.add_nodes_from((face, n) for face in "tb" for n in range(1, len(top.cells) + 1))
    for name, photo in (("t", top), ("b", bottom)):
        for strip in photo.strips:
            net.add_edges_from(((name, a), (name, b)) for a, b in itertools.pairwise(strip.cells))
    part = {end: number for number, ends in enumerate(nx.connected_components(net)) for end in ends}
    way = nx.DiGraph()
    for n, cell in enumerate(top.cells, start=1):
        a, b = (part["b", n], part["t", n]) if cell.plus else (part["t", n], part["b", n])
        assert a != b
        way.add_edge(a, b)
        way.nodes[a]["group"] = seen.group[n - 1]
    line = list(nx.topological_sort(way))
    assert nx.is_directed_acyclic_graph(way)
    assert all(way.out_degree(v) <= 1 and way.in_degree(v) <= 1 for v in way)
    assert [way.nodes[v]["group"] for v in line[:-1]] == list(range(1, seen.series + 1))
    assert len(set(np.bincount(seen.group)[1:])) == 1


def spoiled(top, bottom, fault, r):
    if fault in ("turned", "both"):
        n = int(r.integers(len(top.cells)))
        for photo in (top, bottom):
            cells = list(photo.cells)
            cells[n] = cells[n].model_copy(update={"plus": not cells[n].plus})
            if photo is top:
                top = top.model_copy(update={"cells": tuple(cells)})
            else:
                bottom = bottom.model_copy(update={"cells": tuple(cells)})
    if fault in ("cut", "both") and top.strips:
        n = int(r.integers(len(top.strips)))
        top = top.model_copy(update={"strips": top.strips[:n] + top.strips[n + 1 :]})
    if fault == "joined":
        a, b = (int(v) + 1 for v in r.choice(len(top.cells), 2, replace=False))
        top = top.model_copy(update={"strips": (*top.strips, SeenStrip(cells=(a, b)))})
    return top, bottom


def test_each_fault_is_told_in_plain_words():
    layout = lay_out(CELL, 3, 2, Arrangement(rows=2))
    top, bottom = both(layout)

    def told(**changes):
        return " ".join(
            pack_seen(top.model_copy(update=changes), bottom, TurnAxis.LONG, CELL.diameter_m).faults
        )

    cells = list(top.cells)
    cells[1] = cells[1].model_copy(update={"plus": not cells[1].plus})
    assert f"Cell 2 shows {'plus' if cells[1].plus else 'minus'} on both faces." in told(cells=tuple(cells))
    assert "names a cell that is not marked" in told(strips=(*top.strips, SeenStrip(cells=(1, 99))))
    assert "a strip is missing" in told(strips=top.strips[:-1])
    everything = tuple(range(1, 7))
    whole = [p.model_copy(update={"strips": (SeenStrip(cells=everything),)}) for p in (top, bottom)]
    assert "a dead short" in pack_seen(*whole, TurnAxis.LONG, CELL.diameter_m).faults[0]
    assert "end at one strip" in told(strips=(SeenStrip(cells=everything),))
    blind = tuple(c.model_copy(update={"plus": None}) for c in top.cells)
    assert told(cells=blind) == "", "one face tells the other"
    both_blind = [
        p.model_copy(update={"cells": tuple(c.model_copy(update={"plus": None}) for c in p.cells)})
        for p in (top, bottom)
    ]
    assert "is not marked" in pack_seen(*both_blind, TurnAxis.LONG, CELL.diameter_m).faults[0]
    with pytest.raises(Refusal, match="5 cells marked, the bottom 6"):
        told(cells=top.cells[:-1])
    with pytest.raises(Refusal, match="No cell is marked"):
        pack_seen(
            *(p.model_copy(update={"cells": ()}) for p in (top, bottom)), TurnAxis.LONG, CELL.diameter_m
        )
    with pytest.raises(Refusal, match="not to scale"):
        told(corners_px=())


def test_a_pack_turned_about_the_other_axis_is_told_where_it_shows():
    """An L of five cells: turned about the other axis its marks do not meet."""
    top, bottom = both(lay_out(CELL, 5, 1, Arrangement(rows=1)))
    low = np.array([(0, 0), (0.0185, 0), (0.037, 0), (0.0555, 0), (0.0555, 0.0185)])
    seen = camera(0, 0, 0, 0.5)
    spots = {TurnAxis.LONG: seen(low * [1, -1]), TurnAxis.SHORT: seen(low * [-1, 1])}
    flat = {"corners_px": tuple(map(tuple, seen(FRAME).tolist()))}

    def marked(photo, where):
        cells = tuple(
            c.model_copy(update={"at_px": tuple(s)}) for c, s in zip(photo.cells, where.tolist(), strict=True)
        )
        return photo.model_copy(update={"cells": cells, **flat})

    upper = marked(top, seen(low))
    for axis in TurnAxis:
        assert not pack_seen(upper, marked(bottom, spots[axis]), axis, CELL.diameter_m).faults
        other = next(a for a in TurnAxis if a is not axis)
        assert "other axis" in pack_seen(upper, marked(bottom, spots[axis]), other, CELL.diameter_m).faults[0]


@given(
    series=st.integers(1, 9),
    parallel=st.integers(1, 4),
    rows=st.integers(1, 4),
    axis=st.sampled_from(list(TurnAxis)),
)
@example(series=4, parallel=1, rows=2, axis=TurnAxis.LONG)
@example(series=8, parallel=1, rows=2, axis=TurnAxis.SHORT)
def test_turned_about_the_other_axis_is_told_or_harmless_or_said_to_be_undecided(
    series, parallel, rows, axis
):
    """Attack: the pack was turned about the axis that the design does not name. A symmetric pack looks alike both ways; then that is said."""
    layout = lay_out(CELL, series, parallel, Arrangement(rows=min(rows, series * parallel)))
    top, bottom = both(layout, axis)
    other = next(a for a in TurnAxis if a is not axis)
    seen = pack_seen(top, bottom, other, CELL.diameter_m)
    true = tuple(c.group for c in layout.cells), tuple(c.positive_up for c in layout.cells)
    if not seen.faults and (seen.group, seen.up) != true:
        lamp = lamp_refit(SHELF).with_edits(
            ("cell", CELL), ("photos", (top, bottom)), ("arrangement.turn_axis", other)
        )
        assert "prove by meter" in other_reading(lamp)


def test_a_chain_beside_a_ring_is_told():
    """Found by attack: cells of which some form a chain and others a ring of their own."""
    layout = lay_out(CELL, 4, 1, Arrangement(rows=1))
    top, bottom = both(layout)
    ringed = bottom.model_copy(update={"strips": (SeenStrip(cells=(3, 4)),)})
    told = pack_seen(top, ringed, TurnAxis.LONG, CELL.diameter_m).faults
    assert told
    assert "ring" in told[0] or "chains" in told[0]


def test_two_points_make_a_scale_where_the_camera_looked_straight_on():
    photo = Photo(
        name="p",
        sha256="0" * 64,
        width_px=1000,
        height_px=800,
        ends_px=((100, 700), (600, 700)),
        apart_m=0.25,
    )
    h = scale_of(photo)
    assert h[0, 0] == pytest.approx(0.0005)
    assert h[1, 1] == pytest.approx(-0.0005)
    with pytest.raises(Refusal, match="two points are one"):
        scale_of(photo.model_copy(update={"ends_px": ((1, 1), (2, 2))}))
    with pytest.raises(Refusal, match="no rectangle"):
        scale_of(
            photo.model_copy(
                update={"corners_px": ((0, 0), (0, 90), (90, 90), (90, 0)), "length_m": 0.1, "width_m": 0.1}
            )
        )
    assert scale_of(photo.model_copy(update={"apart_m": None})) is None


@given(seed=st.integers(0, 500))
def test_cells_marked_too_near_are_pushed_apart_and_others_stay(seed):
    r = np.random.default_rng(seed)
    grid = np.array([(x * 0.0184, y * 0.0184) for x in range(4) for y in range(3)]) + r.normal(
        0, 0.0002, (12, 2)
    )
    pushed = pushed_apart(grid, 0.0184)
    apart = np.hypot(*(pushed[:, None] - pushed[None]).T)
    assert apart[np.triu_indices(12, 1)].min() > 0.0184 * 0.9995
    assert np.hypot(*(pushed - grid).T).max() < 0.0015
    wide = grid * 1.2
    assert pushed_apart(wide, 0.0184) == pytest.approx(wide)


def test_the_demo_lamp_is_read_from_its_photos():
    lamp = lamp_refit(SHELF)
    edits = dict(layout_edits(lamp))
    assert (edits["series"], edits["parallel"]) == (5, 1)
    assert [p.group for p in edits["arrangement.placed"]] == [1, 2, 3, 4, 5]
    assert [p.up for p in edits["arrangement.placed"]] == [True, False, True, False, True]
    made = lamp.with_edits(*edits.items())
    assert made.arrangement.placed[4].y_m > made.arrangement.placed[0].y_m + 0.004, "where its glue gave way"
    with pytest.raises(Refusal, match="photo of the bottom face is missing"):
        layout_edits(lamp.edited("photos", lamp.photos[:1]))
