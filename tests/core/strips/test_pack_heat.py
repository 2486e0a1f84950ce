"""The lumps of a pack against a block of finite differences, and what must hold of any envelope."""

import numpy as np
import pytest

from firmcell.core.layout.cell_places import Layout, lay_out
from firmcell.core.model.brief import Stands
from firmcell.core.model.design import Arrangement, Lattice, Lie
from firmcell.core.model.parts import Cell
from firmcell.core.strips.heat_envelope import SHEET_CONDUCTIVITY, Surroundings, Wrapping, envelope_of
from firmcell.core.strips.pack_heat import pack_lumps, run_temperatures, steady_temperatures
from firmcell.store.part_files import part_named, shipped_library
from tests.core.strips.heat_block import Block

CELL = part_named(shipped_library(), Cell, "18650 high-energy 3.4 Ah")
AIR_K, HEAT_W, RUN_S = 303.15, 0.44, 3600.0
"""3.4 A through 38 mΩ, for an hour, in air of 30 °C."""


def layout(a, b, lattice, gap_m=0.0, layers=1):
    one = lay_out(CELL, a, b, Arrangement(rows=b, lattice=lattice, gap_m=gap_m))
    if layers == 1:
        return one
    cells = tuple(
        c.model_copy(
            update={"number": k * a * b + c.number, "layer": k + 1, "block": k + 1, "y_m": c.y_m + 0.3 * k}
        )
        for k in range(layers)
        for c in one.cells
    )
    return anew(one, cells=cells, layers=layers, layer_step_m=0.3)


def anew(laid, **changed):
    """A layout with something changed, and nothing remembered of the one before."""
    return Layout.model_construct(
        **{**{name: getattr(laid, name) for name in Layout.model_fields}, **changed}
    )


def lumps(laid, stands=Stands.SURFACE, cover_m2k_w=0.0, box_m=None, lie=Lie.STANDING):
    wrapping = Wrapping(cover_m2k_w * SHEET_CONDUCTIVITY, 0.0)
    envelope = envelope_of(laid, CELL, wrapping, Surroundings(stands, lie, box_m))
    return pack_lumps(laid, CELL, envelope, np.empty((0, 2), dtype=np.intp), np.empty(0), 0.0)


def hottest(found, heat_w=HEAT_W):
    heat = np.full(len(found.capacity_j_k), heat_w)
    end = run_temperatures(found, np.tile(heat, (40, 1)), AIR_K, RUN_S / 40)[-1]
    return float(end.max()), float(steady_temperatures(found, heat, AIR_K).max())


@pytest.mark.slow
@pytest.mark.parametrize(
    ("a", "b", "lattice", "gap_m", "layers", "stands", "cover"),
    [
        (5, 4, Lattice.SQUARE, 0.0, 1, Stands.SURFACE, 0.0),
        (8, 6, Lattice.STAGGERED, 0.0, 1, Stands.FREE, 0.0),
        (10, 4, Lattice.SQUARE, 0.001, 1, Stands.SURFACE, 0.003),
        (13, 2, Lattice.SQUARE, 0.002, 1, Stands.FREE, 0.002),
        (5, 4, Lattice.SQUARE, 0.0, 2, Stands.FREE, 0.0),
    ],
)
def test_hottest_cell_against_finite_differences(a, b, lattice, gap_m, layers, stands, cover):
    """Within 3 K at the end of a run; settled within 5 K, or above it: the warm side."""
    points = layout(a, b, lattice, gap_m).points_m
    block = Block(points, CELL.diameter_m, CELL.length_m, layers, cover, stands is Stands.FREE)
    end, settled = (float(t.max()) for t in block.solved(HEAT_W, CELL.mass_kg * 1000, RUN_S, AIR_K))
    mine_end, mine_settled = hottest(lumps(layout(a, b, lattice, gap_m, layers), stands, cover))
    assert mine_end == pytest.approx(end, abs=1.5)
    assert -3.0 < mine_settled - settled < (5.0 if layers == 1 else 8.0)


@pytest.mark.slow
def test_a_hundred_cells_as_in_the_references():
    """10S10P 18650, square, 3.4 A a cell, 30 °C: 56 °C at the end with all faces free, 59 °C on a floor; settling at
    78 and 98 °C (own and an outside three-dimensional block; the settled ones on the warm side)."""
    end, settled = hottest(lumps(layout(10, 10, Lattice.SQUARE), Stands.FREE))
    assert end - 273.15 == pytest.approx(56, abs=3)
    assert 78 - 1 < settled - 273.15 < 78 + 5
    end, settled = hottest(lumps(layout(10, 10, Lattice.SQUARE), Stands.SURFACE))
    assert end - 273.15 == pytest.approx(59, abs=3)
    assert 98 - 1 < settled - 273.15 < 98 + 9


def test_the_envelope_is_the_outline_and_not_the_sum_of_the_sides():
    """Outline of 10 × 4 cells of 18.4 mm at 18.6 mm: 2 (9 + 3) pitches and the turn of one circle, by hand."""
    found = lumps(layout(10, 4, Lattice.SQUARE), Stands.FREE).envelope
    around = 2 * (9 + 3) * 0.0186 + np.pi * 0.0184
    sides = float(found.side_m2.sum())
    assert sides == pytest.approx(around * CELL.length_m, rel=0.005)
    assert sides < 0.4 * 40 * np.pi * CELL.diameter_m * CELL.length_m
    assert float(found.top_m2.sum()) <= (9 * 0.0186 + 0.0184) * (3 * 0.0186 + 0.0184) + 1e-9
    assert found.outside_m2.sum() == pytest.approx(sides + found.top_m2.sum() + found.under_m2.sum())


def test_two_layers_share_one_envelope():
    one, two = (
        lumps(layout(6, 4, Lattice.SQUARE), Stands.FREE),
        lumps(layout(6, 4, Lattice.SQUARE, layers=2), Stands.FREE),
    )
    assert two.outside_m2.sum() < 2 * one.outside_m2.sum()
    assert two.envelope.top_m2.sum() == pytest.approx(one.envelope.top_m2.sum())
    assert len(two.pairs) == 2 * len(one.pairs) + 24
    assert hottest(two)[1] > hottest(one)[1]


def test_what_is_round_a_pack_in_order_of_warmth():
    laid = layout(8, 5, Lattice.SQUARE)
    free, surface = hottest(lumps(laid, Stands.FREE)), hottest(lumps(laid, Stands.SURFACE))
    roomy = hottest(lumps(laid, Stands.CLOSED, box_m=(0.5, 0.4, 0.3)))
    tight, foam = hottest(lumps(laid, Stands.CLOSED)), hottest(lumps(laid, Stands.SURFACE, cover_m2k_w=0.1))
    assert free[1] < surface[1] < roomy[1] < tight[1]
    assert surface[1] < foam[1]
    assert all(end < settled for end, settled in (free, surface, roomy, tight, foam))


def test_a_wide_slot_makes_two_envelopes():
    near = layout(6, 4, Lattice.SQUARE)
    apart = (c.model_copy(update={"x_m": c.x_m + (0.02 if c.x_m > 0 else 0.0)}) for c in near.cells)
    far = anew(near, cells=tuple(apart))
    assert lumps(far).envelope.side_m2.sum() > 1.3 * lumps(near).envelope.side_m2.sum()


@pytest.mark.parametrize("lie", list(Lie))
def test_every_way_to_lie_gives_off_what_it_makes(lie):
    found = lumps(layout(5, 2, Lattice.SQUARE), lie=lie)
    heat = np.full(10, 0.3)
    kelvin = steady_temperatures(found, heat, AIR_K)
    given = found.outer_conductance(found.surface_k(kelvin), AIR_K) @ (kelvin - AIR_K)
    assert given == pytest.approx(3.0, rel=2e-3)
