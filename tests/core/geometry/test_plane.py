"""Plane geometry against shapely and SciPy, packing counts against published bounds."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.spatial import ConvexHull, cKDTree
from shapely.geometry import LineString, Point, Polygon

from firmcell.core.geometry.packing import Footprint, centred, free_places, overlaps, search_lattices
from firmcell.core.geometry.plane import (
    bands_apart,
    hull,
    near_pairs,
    perimeter,
    point_from_band,
    ring_fault,
    segments_apart,
    signed_area,
    turned,
)
from firmcell.core.geometry.region import Region, circle_region, most_cells, rectangle_region
from tests.conftest import cases

DENSEST = np.pi / np.sqrt(12)
"""Lagrange: no packing of equal discs in the plane is denser (REFERENCES.md)."""
POINT = st.tuples(st.floats(-0.3, 0.3), st.floats(-0.3, 0.3))


@st.composite
def rings(draw, most=9):
    """Star-shaped rings, many of them not convex."""
    n = draw(st.integers(3, most))
    radii = draw(st.lists(st.floats(0.06, 0.2), min_size=n, max_size=n))
    angle = np.arange(n) * 2 * np.pi / n + draw(st.floats(0, 1))
    return np.column_stack([np.cos(angle), np.sin(angle)]) * np.array(radii)[:, None]


@given(rings(), st.lists(POINT, min_size=1, max_size=20), st.booleans())
def test_depth_in_a_region_equals_shapely(ring, points, holed):
    hole = np.array([[-0.02, -0.02], [0.02, -0.02], [0.02, 0.02], [-0.02, 0.02]])
    region = Region(ring, (hole,) if holed else ())
    shape = Polygon(ring).difference(Polygon(hole)) if holed else Polygon(ring)
    depth = region.depth(np.array(points))
    for place, deep in zip(points, depth, strict=True):
        p = Point(place)
        away = shape.boundary.distance(p)
        if shape.contains(p):
            assert deep == pytest.approx(away, abs=1e-9)
        else:
            # Outside, beside a corner of a convex ring, the sides' lines may be nearer than the corner.
            assert -away - 1e-9 <= deep <= 1e-9


@given(st.lists(POINT, min_size=3, max_size=12))
def test_a_ring_is_faulty_just_where_shapely_calls_it_invalid(points):
    ring = np.round(np.array(points), 2)
    fault = ring_fault(ring)
    shape = Polygon(ring)
    if fault is None:
        assert shape.is_valid
        assert shape.area == pytest.approx(abs(signed_area(ring)))
        assert shape.length == pytest.approx(perimeter(ring))
    elif "corner" not in fault and shape.area > 2e-6:
        assert not shape.is_valid or "encloses" in fault or _touches_itself(ring)


def _touches_itself(ring):
    """Sides that share a point without being neighbours; shapely allows some of these."""
    n = len(ring)
    sides = [LineString([ring[i], ring[(i + 1) % n]]) for i in range(n)]
    return any(sides[i].distance(sides[j]) < 1e-8 for i in range(n) for j in range(i + 2, n if i else n - 1))


@given(st.lists(POINT, min_size=1, max_size=60), st.floats(0.01, 0.3))
def test_near_pairs_equal_those_of_a_tree(points, reach):
    xy = np.array(points)
    # Pairs at just the reach are either way right.
    tree = {tuple(sorted(p)) for p in cKDTree(xy).query_pairs(reach * (1 + 1e-9))}
    sure = {tuple(sorted(p)) for p in cKDTree(xy).query_pairs(reach * (1 - 1e-9))}
    found = {tuple(p) for p in near_pairs(xy, reach).tolist()}
    assert sure <= found <= tree


@given(POINT, POINT, POINT, POINT, st.floats(0.001, 0.02), st.floats(0.001, 0.02))
def test_distances_of_strips_equal_shapely(a, b, c, d, first, second):
    if min(np.hypot(*np.subtract(a, b)), np.hypot(*np.subtract(c, d))) < 1e-4:
        return
    lines = LineString([a, b]), LineString([c, d])
    a, b, c, d = (np.array([p]) for p in (a, b, c, d))
    assert segments_apart(a, b, c, d)[0] == pytest.approx(lines[0].distance(lines[1]), abs=1e-9)
    bands = [line.buffer(w, cap_style="flat") for line, w in zip(lines, (first, second), strict=True)]
    halves = np.array([first]), np.array([second])
    assert bands_apart(a, b, halves[0], c, d, halves[1])[0] == pytest.approx(
        bands[0].distance(bands[1]), abs=1e-9
    )
    assert point_from_band(a, b, halves[0], c)[0] == pytest.approx(bands[0].distance(Point(c[0])), abs=1e-9)


@given(st.lists(POINT, min_size=4, max_size=40))
def test_hull_equals_scipy(points):
    xy = np.array(points)
    try:
        theirs = ConvexHull(xy)
    except Exception:
        return
    assert abs(signed_area(hull(xy))) == pytest.approx(theirs.volume, rel=1e-6, abs=1e-12)


# -- packing -------------------------------------------------------------------------------------------


def best(region, d, lattice="square", wall=0.0):
    return max(search_lattices(region, Footprint(d, d), (d, d), wall, (lattice,)), key=len)


@pytest.mark.parametrize(("length", "width"), [(0.10, 0.06), (0.215, 0.0856), (0.13, 0.13)])
def test_square_count_in_a_box_is_that_of_rows_and_columns(length, width):
    d = 0.0214
    found = best(rectangle_region(length, width), d)
    assert len(found) >= int(length / d + 1e-9) * int(width / d + 1e-9)


@pytest.mark.parametrize(("rows", "columns"), [(3, 4), (5, 8), (4, 11)])
def test_staggered_count_in_a_box_that_just_takes_it(rows, columns):
    """Rows of k and k − 1 in turn, each √3/2 of a diameter further (plane geometry)."""
    d = 0.02
    width = d * (1 + (rows - 1) * np.sqrt(3) / 2) + 1e-6
    found = best(rectangle_region(columns * d + 1e-6, width), d, "staggered")
    assert len(found) >= rows * columns - rows // 2


@pytest.mark.parametrize(("ratio", "count"), [(3.0, 7), (5.0, 19), (7.0, 37)])
def test_hexagonal_numbers_in_a_circle(ratio, count):
    """A circle of 3, 5, 7 diameters takes 7, 19, 37 discs on the staggered lattice (hexagonal numbers)."""
    d = 0.02
    region = circle_region(ratio * d + 1e-6)
    assert len(best(region, d, "staggered")) >= count
    assert most_cells(region, d / 2, d) >= count


def test_known_best_packings_are_within_the_bound():
    """Circles in a circle, best known ratio of diameters (published tables, from memory): 2 → 2, 4 → 2.414, 5 → 2.701, 7 → 3."""
    for count, ratio in ((2, 2.0), (4, 2.4142), (5, 2.7013), (7, 3.0), (19, 4.8637)):
        assert most_cells(circle_region(ratio * 0.02 + 1e-6), 0.01, 0.02) >= count


@pytest.mark.slow
@given(rings(), st.sampled_from(["square", "staggered"]), st.floats(0, 0.003))
@settings(max_examples=cases(12))
def test_places_do_not_overlap_lie_inside_and_keep_to_the_bounds(ring, lattice, wall):
    d, region = 0.02, Region(ring)
    found = centred(region, Footprint(d, d), best(region, d, lattice, wall))
    shape = Polygon(ring)
    for p in found.points_m:
        assert shape.buffer(1e-7).contains(Point(p).buffer((d / 2 + wall) * 0.9999))
    assert not len(overlaps(found.points_m, Footprint(d, d), np.zeros(len(found))))
    assert len(found) <= most_cells(region, d / 2 + wall, d)
    assert len(found) * np.pi / 4 * d**2 <= DENSEST * shape.area + shape.length * d
    for p in free_places(region, Footprint(d, d), d, wall, 0.3).points_m:
        assert shape.buffer(1e-6).contains(Point(p).buffer((d / 2 + wall) * 0.999))


def test_free_places_find_what_no_lattice_does():
    """A ring of cells round a post: seven cells touch a circle that no lattice follows."""
    d = 0.02
    region = Region(circle_region(0.0662).ring, radius_m=0.0331, discs=np.array([[0.0, 0.0, 0.0129]]))
    free = free_places(region, Footprint(d, d), d, 0.0, 0.0)
    assert len(free) == 7
    assert len(free) > max(len(best(region, d, "square")), len(best(region, d, "staggered")))


@pytest.mark.slow
@given(rings(6), st.floats(0.015, 0.025), st.floats(0.03, 0.06))
@settings(max_examples=cases(12))
def test_flat_cells_do_not_overlap_and_lie_inside(ring, thick, wide):
    region, footprint = Region(ring), Footprint(thick, wide, False)
    found = max(search_lattices(region, footprint, (thick, wide), 0.0, ("square",)), key=len)
    shape = Polygon(ring).buffer(1e-7)
    for corners in footprint.corners(found.points_m, found.angle_rad):
        assert shape.contains(Polygon(corners).buffer(-1e-6))
    assert not len(overlaps(found.points_m, footprint, np.full(len(found), found.angle_rad)))


@given(st.lists(POINT, min_size=1, max_size=9), st.floats(-7, 7))
def test_turning_keeps_distances_and_back_is_the_same(points, angle):
    xy = np.array(points)
    assert np.hypot(*turned(xy, angle).T) == pytest.approx(np.hypot(*xy.T))
    assert turned(turned(xy, angle), -angle) == pytest.approx(xy, abs=1e-12)
