"""A sheet of metal against closed forms from textbooks, and against its own heat solved another way."""

import numpy as np
import pytest
from scipy.sparse import coo_array
from scipy.sparse.linalg import spsolve
from shapely.geometry import Point, Polygon, box

from firmcell.core.physics.sheet import grid_of, sheet_fields


@pytest.mark.parametrize(("step", "within"), [(0.0008, 0.03), (0.0004, 0.015)])
def test_a_ring_between_two_circles(step, within):
    """ln(b/a) / 2π squares (Laplace's equation in the plane, any textbook of electromagnetism; from memory)."""
    outer, inner = 0.030, 0.008
    grid = grid_of(Point(0.0017, -0.0004).buffer(outer + 0.003, quad_segs=64), step)
    radius = np.hypot(*(grid.at_m - [0.0017, -0.0004]).T)
    held = [np.flatnonzero(radius <= inner), np.flatnonzero(radius >= outer)]
    # Squares cover the area of a circle, or leave that of one free.
    a, b = (np.sqrt((radius < edge).sum() * step**2 / np.pi) for edge in (inner, outer))
    squares = np.log(b / a) / (2 * np.pi)
    assert sheet_fields(grid, held, []).between(0, 1) == pytest.approx(squares, rel=within)


def test_two_round_joints_on_a_large_sheet():
    """arcosh(d / 2a) / π squares between discs of radius a, d apart (two parallel wires, from memory)."""
    grid = grid_of(box(-0.2, -0.2, 0.2, 0.2), 0.001)
    radius, apart = 0.006, 0.04
    discs = [grid.near([x, 0.0], radius) for x in (-apart / 2, apart / 2)]
    # A disc of squares conducts like a circle of its area.
    circle = np.sqrt(len(discs[0]) * 1e-6 / np.pi)
    squares = np.arccosh(apart / (2 * circle)) / np.pi
    assert sheet_fields(grid, discs, []).between(1, 0) == pytest.approx(squares, rel=0.03)


def test_metal_is_measured_at_any_angle_and_with_openings():
    shape = Polygon([(0, 0), (0.031, 0.008), (0.021, 0.033), (-0.004, 0.02)])
    shape = shape.difference(box(0.0101, 0.0102, 0.0109, 0.0162)).difference(Point(0.018, 0.02).buffer(0.004))
    for step in (0.0005, 0.001):
        grid = grid_of(shape, step)
        assert grid.metal.sum() * step**2 == pytest.approx(shape.area, rel=0.003)
    assert len(grid_of(box(0, 0, 0.01, 0.01).union(box(0.02, 0, 0.022, 0.002)), 0.001).at_m) == 100


def test_a_slot_across_a_bar_makes_the_way_longer():
    """A bar of 20 × 10 mm with a cut of 0.8 × 6 mm across: more than the bar, less than the bar with 4 mm all along."""
    bar = box(0.0, 0.0, 0.02, 0.01)
    cut = bar.difference(box(0.0096, 0.002, 0.0104, 0.008))
    found = []
    for shape in (bar, cut):
        grid = grid_of(shape, 0.0005)
        ends = [np.flatnonzero(grid.at_m[:, 0] < 0.0005), np.flatnonzero(grid.at_m[:, 0] > 0.0195)]
        found.append(sheet_fields(grid, ends, []).between(0, 1))
    assert found[0] == pytest.approx(1.9, rel=1e-6)  # 19 mm between the ends
    assert 1.05 * found[0] < found[1] < 19.0 / 4


def heat_solved(grid, links, pads, source):
    """Temperature over the pads of a sheet that makes `source` in each square (W) and conducts 1 W/K a square."""
    n = len(grid.at_m)
    a, b = grid.pairs.T
    held = np.zeros(n, dtype=bool)
    held[np.concatenate(pads)] = True
    place = np.cumsum(~held) - 1
    rows, columns, values = [], [], []
    for u, v in ((a, b), (b, a)):
        mine = ~held[u]
        rows.append(place[u[mine]])
        columns.append(place[u[mine]])
        values.append(links[mine])
        both = mine & ~held[v]
        rows.append(place[u[both]])
        columns.append(place[v[both]])
        values.append(-links[both])
    matrix = coo_array(
        (np.concatenate(values), (np.concatenate(rows), np.concatenate(columns))),
        shape=((~held).sum(),) * 2,
    ).tocsc()
    rise = np.zeros(n)
    rise[~held] = spsolve(matrix, source[~held])
    return rise


@pytest.mark.parametrize("tabbed", [False, True])
def test_potential_tells_the_temperature(tabbed):
    """Kohlrausch's relation, which the bands use, against the heat equation solved outright on the same squares."""
    from firmcell.core.strips.plate_sheets import Bands, PlateSheet, sheet_load

    shape = box(0.0, 0.0, 0.05, 0.02).difference(box(0.02, 0.006, 0.024, 0.014))
    grid = grid_of(shape, 0.0005)
    pads = [grid.near(at, 0.0015) for at in ((0.006, 0.006), (0.03, 0.012), (0.016, 0.016))]
    tabs = [np.flatnonzero(grid.at_m[:, 0] > 0.046)] if tabbed else []
    fields = sheet_fields(grid, pads, tabs)
    square_ohm, conducts = 0.0005, 0.011
    none = np.zeros(0, dtype=np.intp)
    every = np.zeros(len(grid.at_m), dtype=np.intp)
    sheet = PlateSheet(
        fields,
        Bands(1, every, none, none, none, np.zeros(0), np.zeros(0)),
        (1,) * len(tabs),
        (),
        square_ohm,
        conducts,
    )
    volts, amps = np.array([0.0, 0.012, -0.004]), np.array([17.0] if tabbed else [])
    found = sheet_load(sheet, volts, amps)
    phi = fields.potential(volts - volts.mean(), amps, square_ohm)
    a, b = grid.pairs.T
    lost = fields.links * (phi[a] - phi[b]) ** 2 / square_ohm
    source = np.bincount(a, lost / 2, len(phi)) + np.bincount(b, lost / 2, len(phi))
    rise = heat_solved(grid, fields.links, pads, source / conducts)
    # The tab is of one temperature in the one, and nearly so in the other.
    assert found.rise_k[0] == pytest.approx(rise.max(), rel=0.03)
    assert found.heat_w[0] == pytest.approx(lost.sum(), rel=1e-9)


def test_a_bar_between_two_pads_warms_as_its_voltage_says():
    """V² / 8 ρk between two ends of one temperature (Kohlrausch's relation; from memory)."""
    from firmcell.core.strips.plate_sheets import Bands, PlateSheet, sheet_load

    grid = grid_of(box(0.0, 0.0, 0.021, 0.006), 0.0005)
    ends = [np.flatnonzero(grid.at_m[:, 0] < 0.0005), np.flatnonzero(grid.at_m[:, 0] > 0.0205)]
    none, every = np.zeros(0, dtype=np.intp), np.zeros(len(grid.at_m), dtype=np.intp)
    bands = Bands(1, every, none, none, none, np.zeros(0), np.zeros(0))
    sheet = PlateSheet(sheet_fields(grid, ends, []), bands, (), (), 0.0006, 0.0105)
    rise = sheet_load(sheet, np.array([0.02, 0.0]), np.zeros(0)).rise_k[0]
    assert rise == pytest.approx(0.02**2 / (8 * 0.0006 * 0.0105), rel=0.01)
    # Warmer metal resists more and, at one voltage, makes less heat.
    assert sheet_load(sheet, np.array([0.02, 0.0]), np.zeros(0), 1.2).rise_k[0] == pytest.approx(rise / 1.2)
