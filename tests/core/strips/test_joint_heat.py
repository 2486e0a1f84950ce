"""Heat through the joints, and strip that looks down."""

import numpy as np
import pytest
from shapely.geometry import box

from firmcell.core.model.design import Face, Lie
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Strip
from firmcell.core.physics.convection import plate_loss
from firmcell.core.physics.sheet import grid_of, sheet_fields
from firmcell.core.strips.joints import SPOT_RADIUS_M, joint_k_per_w
from firmcell.core.strips.pack_heat import fin_middle_rise
from firmcell.core.strips.runs import StripKind
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.part_files import part_named
from tests.core.strips.test_under_load import SHELF, layout_of, plain


@pytest.mark.parametrize(
    ("name", "pairs"),
    [
        ("pure nickel strip 0.15 × 8", 1),
        ("pure nickel strip 0.15 × 8", 2),
        ("pure nickel strip 0.2 × 10", 2),
        ("copper strip 0.2 × 10", 1),
    ],
)
def test_a_strip_between_two_welded_pads_is_no_cooler_than_a_sheet(name, pairs):
    """The bar from middle to middle of the pads against the same strip as a sheet with weld spots of their size
    (Kohlrausch's relation in the plane), neither giving heat to the air."""
    strip, pitch, current = part_named(SHELF, Strip, name), 0.0214, 9.0
    width = strip.width_m
    grid = grid_of(box(-0.006, -width / 2, pitch + 0.006, width / 2), 0.00025)
    over = [0.0] if pairs == 1 else [-0.002, 0.002]
    pads = [
        grid.near([(at + side * 0.002, y) for side in (-1, 1) for y in over], SPOT_RADIUS_M)
        for at in (0.0, pitch)
    ]
    square_ohm = strip.resistivity_ohm_m / strip.thickness_m
    fields = sheet_fields(grid, pads, [])
    volts = current * fields.between(0, 1) * square_ohm
    truth = volts**2 / (8 * strip.resistivity_ohm_m * strip.conductivity_w_m_k)
    ohm_per_m = strip.resistivity_ohm_m / strip.section_m2
    conducts = strip.conductivity_w_m_k * strip.section_m2
    bar = float(fin_middle_rise(current, ohm_per_m, pitch, conducts, 1e-9, 0.0))
    assert truth < bar < 1.7 * truth


def test_more_spots_carry_heat_better():
    one, two = (plain(joining__welds_per_pad=n).joining for n in (1, 2))
    soldered, screwed = (plain(joining__joined_by=by).joining for by in (JoinedBy.SOLDER, JoinedBy.SCREW))
    assert joint_k_per_w(two) == pytest.approx(joint_k_per_w(one) / 2)
    assert joint_k_per_w(screwed) == 0 < joint_k_per_w(soldered) < joint_k_per_w(one)


def test_joints_make_the_strip_warmer_than_its_cells():
    metal = solve_under_load(plain(), layout_of(plain()), 600.0)
    links = [n for n, kind in enumerate(metal.kinds) if kind is StripKind.LINK]
    assert (metal.joint_k[links] > 0).all()
    for n in links:
        s = metal.figures.segments[n]
        cells = [c.temperature_k for c in metal.figures.cells if c.number in s.cells]
        assert s.in_place_k > min(cells)


def test_a_strip_that_looks_down_loses_less():
    """McAdams: half of what a horizontal plate that looks up gives (Incropera, from memory); radiation stays."""
    up, down = (float(plate_loss(333.15, 303.15, 0.008, 0.9, side)) for side in (False, True))
    shines = float(plate_loss(333.15, 303.15, 0.008, 0.9) - plate_loss(333.15, 303.15, 0.008, 0.0))
    assert 0.4 < (down - shines) / (up - shines) < 0.7
    both = plate_loss(333.15, 303.15, 0.008, 0.9, np.array([False, True]))
    assert both.tolist() == [up, down]


def test_what_lies_on_the_bottom_face_may_carry_less_unless_the_cells_lie():
    for lie in Lie:
        design = plain(arrangement__lie=lie)
        metal = solve_under_load(design, layout_of(design), 600.0)
        limits = {
            face: {
                round(s.limit_long_run_a, 6)
                for s in metal.figures.segments
                if s.face is face and s.kind is StripKind.LINK
            }
            for face in Face
        }
        top, bottom = (max(limits[face]) for face in (Face.TOP, Face.BOTTOM))
        if lie is Lie.STANDING:
            assert 0.75 * top < bottom < 0.95 * top
        else:
            assert bottom == top
