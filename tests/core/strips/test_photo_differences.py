"""The design over a photo of it: laid true, never mirrored, and every difference pointed at."""

import re

import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.geometry.homography import mapped
from firmcell.core.layout.cell_places import lay_out
from firmcell.core.model.design import Arrangement, Face, PlacedCell, TurnAxis
from firmcell.core.model.parts import Cell
from firmcell.core.model.photo import SeenStrip, SeenWire
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.strips.photo_differences import _named_tap, over_photo
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import cases
from tests.core.layout.test_from_photo import photographed

CELL = part_named(shipped_library(), Cell, "18650 balanced 3.0 Ah")


def over(photo, face, layout, axis=TurnAxis.LONG):
    return over_photo(photo, face, layout, axis, CELL.diameter_m)


@settings(max_examples=cases(24))
@given(
    series=st.integers(2, 6),
    parallel=st.integers(1, 3),
    face=st.sampled_from(list(Face)),
    axis=st.sampled_from(list(TurnAxis)),
    view=st.tuples(st.floats(-0.5, 0.5), st.floats(-0.5, 0.5), st.floats(-0.3, 0.3), st.floats(0.35, 0.6)),
)
def test_the_drawn_face_lies_on_the_photo_to_half_a_millimetre(series, parallel, face, axis, view):
    """The face as the program draws it (as_it_lies), through the map, lands on the cells that our own camera saw: true also for the mirrored bottom."""
    layout = lay_out(CELL, series, parallel, Arrangement(rows=parallel, turn_axis=axis))
    photo = photographed(layout, face, axis, view)
    laid = over(photo, face, layout, axis)
    assert laid.found == ()
    place = as_it_lies(face, axis)
    drawn = np.array([place(c.x_m * 1e3, c.y_m * 1e3) for c in layout.cells])
    off = np.hypot(*(mapped(laid.to_px, drawn) - [c.at_px for c in photo.cells]).T)
    assert off.max() < 2.5, "px; a pixel is about a quarter of a millimetre"


def test_a_mirrored_photo_is_told_and_nothing_else():
    ell = [(0, 0), (1, 0), (2, 0), (3, 0), (3, 1), (3, 2)]
    placed = lay_out(
        CELL,
        6,
        1,
        Arrangement(
            rows=1,
            placed=tuple(
                PlacedCell(x_m=x * 0.019, y_m=y * 0.019, group=n, up=n % 2 == 1)
                for n, (x, y) in enumerate(ell, start=1)
            ),
        ),
    )
    photo = photographed(placed, Face.TOP)
    spots = [c.at_px for c in photo.cells]
    mirrored = photo.model_copy(
        update={
            "cells": tuple(
                c.model_copy(update={"at_px": (3000 - x, y)})
                for c, (x, y) in zip(photo.cells, spots, strict=True)
            ),
            "corners_px": tuple((3000 - x, y) for x, y in (photo.corners_px[i] for i in (1, 0, 3, 2))),
        }
    )
    laid = over(mirrored, Face.TOP, placed)
    assert laid.mirrored
    assert len(laid.found) == 1
    assert "mirror" in laid.found[0].words


def test_every_kind_of_difference_is_pointed_at_where_it_is():
    layout = lay_out(CELL, 4, 2, Arrangement(rows=2))
    photo = photographed(layout, Face.TOP)
    cells = list(photo.cells)
    wrong = cells[2].model_copy(update={"plus": not cells[2].plus})
    (only,) = over(
        photo.model_copy(update={"cells": (*cells[:2], wrong, *cells[3:])}), Face.TOP, layout
    ).found
    assert "Cell 3 shows" in only.words
    assert only.at_px == cells[2].at_px
    x, y = cells[7].at_px
    moved = cells[7].model_copy(update={"at_px": (x + 30, y)})
    told = over(photo.model_copy(update={"cells": (*cells[:7], moved)}), Face.TOP, layout).found
    assert len(told) == 1
    assert "Cell 8 stands" in told[0].words
    assert float(told[0].words.split("stands ")[1].split(" mm")[0]) == pytest.approx(
        30 * 0.5 / 2400 * 1e3, rel=0.25
    )
    gone = over(photo.model_copy(update={"cells": tuple(cells[:7]), "strips": ()}), Face.TOP, layout).found
    assert [d.words for d in gone] == ["Cell 8 of the design is not marked in the photo."]
    assert gone[0].at_px == pytest.approx(cells[7].at_px, abs=3)
    extra = cells[0].model_copy(update={"at_px": (cells[0].at_px[0] - 300, cells[0].at_px[1])})
    assert "Cell 9 of the photo is not in the design." in [
        d.words for d in over(photo.model_copy(update={"cells": (*cells, extra)}), Face.TOP, layout).found
    ]


def test_strips_that_differ_are_told_the_dangerous_first():
    layout = lay_out(CELL, 4, 2, Arrangement(rows=2))
    photo = photographed(layout, Face.TOP)
    without_1 = tuple(s for s in photo.strips if 1 not in s.cells)
    cut = over(photo.model_copy(update={"strips": without_1}), Face.TOP, layout).found
    assert cut
    assert all("no strip is marked" in d.words for d in cut)
    net = nx.Graph()
    net.add_nodes_from(range(1, 9))
    for strip in photo.strips:
        nx.add_path(net, strip.cells)
    pair = next((a, b) for a in range(1, 9) for b in range(a + 1, 9) if not nx.has_path(net, a, b))
    joined = over(
        photo.model_copy(update={"strips": (*without_1, SeenStrip(cells=pair))}), Face.TOP, layout
    ).found
    assert "are joined in the photo; the design keeps them apart" in joined[0].words
    assert over(photo.model_copy(update={"strips": ()}), Face.TOP, layout).found == (), (
        "nothing marked, nothing compared"
    )


def test_fewer_than_two_cells_lay_nothing():
    layout = lay_out(CELL, 4, 2, Arrangement(rows=2))
    photo = photographed(layout, Face.TOP)
    with pytest.raises(Refusal, match="at least two cells"):
        over(photo.model_copy(update={"cells": photo.cells[:1]}), Face.TOP, layout)


def wired(photo, layout, face, names):
    """The photo with a wire from the middle of some cells off the pack, named for the tap point that the cell's end is."""
    ways = []
    for number, name in names.items():
        (x, y), cell = photo.cells[number - 1].at_px, layout.cells[number - 1]
        tap = cell.group if cell.positive_up is (face is Face.TOP) else cell.group - 1
        told = f"B{tap} white" if name is None else name
        ways.append(SeenWire(way_px=((x + 900, y - 40), (x + 300, y), (x + 4, y + 3)), name=told))
    return photo.model_copy(update={"wires": tuple(ways)})


@settings(max_examples=cases(24))
@given(
    series=st.integers(3, 8),
    parallel=st.integers(1, 3),
    face=st.sampled_from(list(Face)),
    axis=st.sampled_from(list(TurnAxis)),
    data=st.data(),
)
def test_sense_leads_in_a_photo_that_are_swapped_are_told_and_right_ones_are_not(
    series, parallel, face, axis, data
):
    layout = lay_out(CELL, series, parallel, Arrangement(rows=parallel, turn_axis=axis))
    photo = photographed(layout, face, axis)
    right = wired(photo, layout, face, {c.number: None for c in layout.cells})
    assert over(right, face, layout, axis).found == ()
    names = [wire.name for wire in right.wires]
    one = data.draw(st.integers(0, len(names) - 1))
    other = data.draw(st.sampled_from([n for n in range(len(names)) if names[n] != names[one]]))
    swapped = dict(enumerate(names, start=1)) | {one + 1: names[other], other + 1: names[one]}
    told = over(wired(photo, layout, face, swapped), face, layout, axis).found
    assert [sorted(int(n) for n in re.findall(r"cell (\d+)", d.words)) for d in told] == [
        [n] for n in sorted((one + 1, other + 1))
    ]
    assert all(names[n - 1][:2] in d.words for d, n in zip(told, sorted((one + 1, other + 1)), strict=True))


@pytest.mark.parametrize(
    ("name", "tap"),
    [("B0", 0), ("b 3, white", 3), ("B−", 0), ("B- black", 0), ("red, B+", 4), ("B10", 10), ("B1 to B2", None),
     ("red to switch", None), ("", None), ("AB3", None), ("B1234", None)],
)  # fmt: skip
def test_the_tap_a_wire_is_named_for(name, tap):
    assert _named_tap(name, 4) == tap


def test_a_wire_from_one_tap_point_to_another_is_told_first():
    layout = lay_out(CELL, 4, 1, Arrangement(rows=1))
    photo = photographed(layout, Face.TOP)
    by_tap = {}
    for cell in layout.cells:
        by_tap.setdefault(cell.group if cell.positive_up else cell.group - 1, []).append(
            photo.cells[cell.number - 1].at_px
        )
    low, high = sorted(by_tap)[:2]
    short = SeenWire(way_px=(by_tap[low][0], (40.0, 40.0), by_tap[high][0]), name="green")
    same = SeenWire(way_px=(by_tap[low][0], by_tap[low][-1]), name="link")
    alone = over(photo.model_copy(update={"wires": (same,)}), Face.TOP, layout).found
    assert alone == ()
    (told,) = over(photo.model_copy(update={"wires": (same, short)}), Face.TOP, layout).found
    assert f"B{low} and B{high} in the design, a dead short" in told.words
