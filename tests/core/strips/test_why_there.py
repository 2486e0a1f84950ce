"""Why a strip is there: each is taken out of the layout, and what the card says of it is looked up in a graph of what is left."""

import re
from itertools import pairwise

import networkx as nx

from firmcell.core.changes.by_hand import layout_of
from firmcell.core.model.design import Arrangement, Face, StripRef
from firmcell.core.pictures.strip_colours import why_paint
from firmcell.core.strips.runs import StripKind, strip_runs
from firmcell.core.strips.under_load import solve_under_load
from firmcell.core.strips.why_there import Why, missing_without, strip_needs


def left_without(layout, run):
    graph = nx.Graph()
    for other in strip_runs(layout):
        if other.node == run.node:
            graph.add_nodes_from(other.cells)
            if other.id != run.id:
                nx.add_path(graph, other.cells)
    return graph


def test_what_is_said_of_each_strip_is_so_once_it_is_gone(odd_hoist):
    layout = layout_of(odd_hoist)
    said = set()
    for run in strip_runs(layout):
        words = missing_without(layout, run.id, 6.25)
        if run.kind is StripKind.COLLECTOR:
            assert words == ""
            continue
        graph = left_without(layout, run)
        parts = sorted(nx.connected_components(graph), key=len)
        said.add(re.sub(r"[\d., and]+", " ", words))
        if "parts" in words:
            assert words == f"B{run.node} falls into {len(parts)} parts"
        elif "apart" in words:
            assert len(parts) == 2
            cells = {int(n) for n in re.findall(r"\d+", words.split(" hang")[0])}
            assert cells in parts
        else:
            assert len(parts) == 1
        if "no link" in words:
            (cell,) = (int(n) for n in re.findall(r"cell (\d+) ", words))
            group = layout.by_number[cell].group
            assert all(layout.by_number[m].group == group for m in graph[cell])
    assert len(said) >= 4, "the demo has strips of every sort"


def test_a_strip_more_than_needed_is_called_a_spare(odd_hoist):
    """A second rail along the other row of two straight ones: with a link a cell nothing runs through it."""
    rows = odd_hoist.edited("arrangement", Arrangement(rows=4))
    layout = layout_of(rows)
    links = [r for r in strip_runs(layout) if r.node == 3 and r.kind is StripKind.LINK]
    rail = next(r for r in strip_runs(layout) if r.node == 3 and r.kind is StripKind.PARALLEL)
    other = tuple(next(m for a, b in pairwise(r.cells) for m in (a, b) if m not in rail.cells) for r in links)
    order = tuple(sorted(other, key=lambda m: layout.by_number[m].y_m))
    more = rows.edited("arrangement.drawn", (StripRef(face=rail.face, cells=order),))
    drawn = next(r for r in strip_runs(layout_of(more)) if r.by_hand)
    assert missing_without(layout_of(more), drawn.id, 6.25).endswith("it is a spare")


def test_the_picture_names_what_could_be_left_out_and_for_how_many_amperes_it_is_there(odd_hoist):
    """Cells painted into other groups need links and rails for the current: each label says what the card says."""
    metal = solve_under_load(odd_hoist, layout_of(odd_hoist), 600.0)
    paint = why_paint(metal, 6.25, odd_hoist.arrangement.turn_axis)
    bands = [band for face in Face for band in paint.bands[face]]
    assert len(bands) == len(metal.figures.segments)
    labels = {band.ref.removeprefix("strip:"): band.text for band in bands if band.text}
    needs = strip_needs(layout_of(odd_hoist))
    assert set(labels) == {name for name, need in needs.items() if need.why is not Why.HOLDS}
    for name, text in labels.items():
        card = missing_without(layout_of(odd_hoist), name, 6.25)
        for number in re.findall(r"[\d.]+ A|(?<=links )\d+", text):
            assert number in card, (text, card)
