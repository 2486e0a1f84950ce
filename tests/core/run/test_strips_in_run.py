"""Strips through a run: against the metal solved anew at another current and in other air, and what their heat does."""

from dataclasses import replace

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.run_of_design import pack_in_time
from firmcell.core.model.design import StripStyle
from firmcell.core.run.conductors import strips_through
from firmcell.core.run.demand import steady
from firmcell.core.run.engine import discharge
from firmcell.core.run.run_result import EndedBy
from firmcell.core.run.strips_in_run import strips_in_run
from firmcell.core.strips.under_load import solve_under_load
from firmcell.store.demo import hoist_in_rows, orchard_hoist
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()
PACKS = {
    "strips": orchard_hoist(LIBRARY),
    "rows": hoist_in_rows(LIBRARY),
    "plates": hoist_in_rows(LIBRARY).with_edits(("joining.style", StripStyle.PLATES)),
}


def solved(design, amperes, kelvin):
    asked = design.with_edits(
        ("brief.ambient_min_k", min(kelvin, design.brief.ambient_min_k)),
        ("brief.ambient_max_k", kelvin),
        ("brief.current_steady_a", amperes),
        ("brief.current_peak_a", 2 * amperes),
    )
    return solve_under_load(asked, analyse(asked, LIBRARY).layout, 300.0)


@pytest.mark.parametrize("name", PACKS)
@pytest.mark.parametrize(
    ("amperes", "kelvin"), [(10.0, 303.15), (50.0, 303.15), (25.0, 263.15), (60.0, 313.15)]
)
def test_what_they_resist_is_what_a_new_solution_says(name, amperes, kelvin):
    usual, other = (solved(PACKS[name], *at) for at in ((25.0, 303.15), (amperes, kelvin)))
    strips = strips_in_run(usual)
    told = strips.grown(other.cell_k, amperes)
    found = other.network.ohm / usual.network.ohm
    metal = strips.more > 0
    assert metal.any()
    assert np.abs(told[metal] / found[metal] - 1).max() < 0.01
    # On the warm side where they differ: the loss to the air grows as well.
    lost = other.state.current_a**2 * other.network.ohm
    assert float(told @ lost) >= 0.999 * float(found @ lost)


def test_cold_nickel_resists_less_as_the_handbook_says():
    """Nickel 0.6 %, plated steel 0.5 % for each kelvin of its value at 20 °C (a handbook's figures, from memory)."""
    strips = strips_in_run(solved(PACKS["strips"], 25.0, 303.15))
    alike = np.full(PACKS["strips"].cell_count, 293.15)
    at_20, at_minus_10 = strips.grown(alike, 0.0), strips.grown(alike - 30.0, 0.0)
    metal = strips.more > 0
    assert (at_minus_10 / at_20)[metal].min() > 1 - 30 * 0.0062
    assert (at_minus_10 / at_20)[metal].max() < 1 - 30 * 0.0048
    assert (at_20[~metal] == 1).all()


def made_ready(design, grows=True):
    analysis = analyse(design, LIBRARY)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    pack = pack_in_time(design, analysis, metal)
    limits = replace(pack.limits, cell_most_k=400.0, load_least_v=None, board_trip_a=None, fuse=None)
    pack = replace(pack, limits=limits)
    if grows:
        return pack, metal
    strips = replace(pack.strips, more=0 * pack.strips.more, of_cell=0 * pack.strips.of_cell)
    return replace(pack, strips=strips), metal


@pytest.mark.parametrize("name", PACKS)
def test_a_pack_of_thin_metal_is_warmer_by_what_is_lost_in_it(name):
    """A metal of a third of its thickness: its heat goes into the cells that it lies on."""
    design = PACKS[name]
    thin = design.with_edits(
        *(
            (f"joining.{which}.thickness_m", getattr(design.joining, which).thickness_m / 3)
            for which in ("link_strip", "collector_strip")
        )
    )
    pack, _ = made_ready(thin)
    without, _ = made_ready(thin, grows=False)
    run, cool = (discharge(p, steady(15.0, lasts_s=1200.0), 1.0, 298.15) for p in (pack, without))
    assert run.ended_by is EndedBy.TIME
    warmer = float((run.cell_k[-1] - cool.cell_k[-1]) @ pack.lumps.capacity_j_k)
    outside = float(np.trapezoid(run.current_a**2 * pack.outside_ohm, run.time_s))
    lost = run.drop_j - outside
    # Most of it is still in the cells; the rest is in the air already.
    assert 0.5 * lost < warmer < 1.02 * lost
    assert (run.cell_k[-1] >= cool.cell_k[-1] - 1e-6).all()


def test_a_peak_warms_strips_as_a_new_solution_says():
    design = PACKS["strips"]
    pack, metal = made_ready(design)
    run = discharge(pack, steady(50.0, lasts_s=60.0), 1.0, 303.15)
    kelvin, _ = strips_through(metal, run)
    fresh = solved(design, 50.0, 303.15)
    # Told from a solution in which cells at 80 °C stood in air of 30 °C, and the strips were cooler than they.
    assert max(s.in_place_k for s in metal.figures.segments) < metal.cell_k.max()
    # The new solution has its nickel between cells that are 22 K warmer: 0.6 % for each kelvin.
    warmer = float(fresh.cell_k.mean() - run.cell_k[-1].mean())
    own_k = float(fresh.own_k.max()) / (1 + 0.0055 * warmer)
    assert kelvin[-1] - run.cell_k[-1].mean() == pytest.approx(own_k, rel=0.04)
