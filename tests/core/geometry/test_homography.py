"""From a photo to the plane it shows, against a pinhole camera of our own: a wall, a lens centre, straight rays."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.geometry.homography import corners_fault, homography, mapped, rigid


def camera(tilt, turn, roll, away_m, focal_px=2400.0, middle_px=(1500.0, 1000.0)):
    """Return what projects points of the plane z = 0 (m) by a pinhole turned and set back: similar triangles, nothing else."""

    def rot(axis, angle):
        c, s = np.cos(angle), np.sin(angle)
        m = np.eye(3)
        i, j = [k for k in range(3) if k != axis]
        m[i, i], m[i, j], m[j, i], m[j, j] = c, -s, s, c
        return m

    r = rot(2, roll) @ rot(0, tilt) @ rot(1, turn)

    def seen(points):
        at = np.column_stack((points, np.zeros(len(points)))) @ r.T
        depth = away_m - at[:, 2]
        return np.column_stack(
            (middle_px[0] + focal_px * at[:, 0] / depth, middle_px[1] - focal_px * at[:, 1] / depth)
        )

    return seen


views = st.tuples(st.floats(-0.6, 0.6), st.floats(-0.6, 0.6), st.floats(-0.4, 0.4), st.floats(0.3, 0.6))


@given(view=views, seed=st.integers(0, 10_000))
def test_places_on_a_pack_of_200_mm_are_told_to_0_3_mm_from_clicks_to_the_pixel(view, seed):
    """The issue's bar: 0.3 mm on 200 mm, corners and cells clicked to the nearest pixel."""
    seen = camera(*view)
    corners = np.array([(-0.1, 0.06), (0.1, 0.06), (0.1, -0.06), (-0.1, -0.06)])
    inside = np.random.default_rng(seed).uniform((-0.1, -0.06), (0.1, 0.06), (40, 2))
    h = homography(seen(corners).round(), corners)
    off = np.hypot(*(mapped(h, seen(inside).round()) - inside).T)
    assert off.max() < 0.3e-3 + 0.5 * pixel_m(seen, inside), "half a pixel is lost where a pixel is large"
    exact = homography(seen(corners), corners)
    assert np.hypot(*(mapped(exact, seen(inside)) - inside).T).max() < 1e-9


def pixel_m(seen, places):
    """Size of the largest pixel over these places, m."""
    step = 1e-5
    away = seen(places + np.array([step, 0])) - seen(places)
    return float(step / np.hypot(*away.T).min())


def test_straight_on_at_300_mm_a_pixel_is_fine_enough_for_0_3_mm():
    seen = camera(0.35, -0.3, 0.1, 0.4)
    corners = np.array([(-0.1, 0.06), (0.1, 0.06), (0.1, -0.06), (-0.1, -0.06)])
    grid = np.array([(x, y) for x in np.linspace(-0.1, 0.1, 21) for y in np.linspace(-0.06, 0.06, 13)])
    h = homography(seen(corners).round(), corners)
    assert np.hypot(*(mapped(h, seen(grid).round()) - grid).T).max() < 0.3e-3


@given(view=views)
def test_there_and_back_is_where_one_began(view):
    seen = camera(*view)
    corners = np.array([(-0.1, 0.06), (0.1, 0.06), (0.1, -0.06), (-0.1, -0.06)])
    h = homography(seen(corners), corners)
    assert mapped(np.linalg.inv(h), corners) == pytest.approx(seen(corners), abs=1e-6)


def test_corners_that_bound_no_rectangle_are_told():
    square = np.array([(0, 0), (100, 0), (100, 80), (0, 80)], dtype=float)
    assert corners_fault(square) is None
    assert "wrong way" in corners_fault(square[::-1])
    assert "cross" in corners_fault(square[[0, 2, 1, 3]])
    assert "one" in corners_fault(square[[0, 0, 2, 3]])
    assert "pushed in" in corners_fault(np.array([(0, 0), (100, 0), (20, 20), (0, 80)], dtype=float))
    with pytest.raises(ValueError, match="line"):
        homography(np.array([(0, 0), (1, 0), (2, 0), (3, 0)], dtype=float), square)
    with pytest.raises(ValueError, match="four points"):
        homography(square[:3], square[:3])
    with pytest.raises(ValueError, match="one"):
        homography(np.zeros((4, 2)), square)


@given(angle=st.floats(-3.1, 3.1), x=st.floats(-1, 1), y=st.floats(-1, 1), seed=st.integers(0, 1000))
def test_a_turn_and_a_shift_are_found_and_a_mirror_never(angle, x, y, seed):
    points = np.random.default_rng(seed).uniform(-1, 1, (6, 2))
    c, s = np.cos(angle), np.sin(angle)
    turn, shift = rigid(points, points @ np.array([[c, -s], [s, c]]).T + (x, y))
    assert turn == pytest.approx(np.array([[c, -s], [s, c]]), abs=1e-9)
    assert shift == pytest.approx((x, y), abs=1e-9)
    mirrored, _ = rigid(points, points * [-1, 1])
    assert np.linalg.det(mirrored) == pytest.approx(1.0)
