"""Plates as sheets: joints, bands, shapes that recur, what they may carry, and what they fall back to."""

import random
from types import SimpleNamespace

import numpy as np
import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Situation
from firmcell.core.jobs import findings_of
from firmcell.core.model.design import Lattice, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.physics.resistor_network import Network, solve
from firmcell.core.records.build_state import EMPTY_STATE
from firmcell.core.strips import plate_sheets, plates
from firmcell.core.strips.current_shares import strip_shares
from firmcell.core.strips.failures import all_failures
from firmcell.core.strips.plate_sheets import sheet_load
from firmcell.core.strips.runs import StripKind, metal_runs
from firmcell.core.strips.under_load import solve_under_load
from tests.core.strips.test_under_load import SHELF, layout_of, plain


def plated(**changes):
    return plain(joining__style=StripStyle.PLATES, bms__board=None, **changes)


def under_load(design, seconds=600.0):
    return solve_under_load(design, layout_of(design), seconds)


@pytest.mark.parametrize("lattice", [Lattice.SQUARE, Lattice.STAGGERED])
@pytest.mark.parametrize("joined", [JoinedBy.WELD, JoinedBy.SOLDER, JoinedBy.SCREW])
def test_finer_squares_change_little_and_never_for_the_worse(lattice, joined, monkeypatch):
    design = plated(series=4, arrangement__lattice=lattice, joining__joined_by=joined)
    layout = layout_of(design)
    usual = strip_shares(layout, design.joining, design.cell)
    for cached in (plate_sheets.plate_sheets, plate_sheets._solved, strip_shares):
        cached.cache_clear()
    monkeypatch.setattr(plate_sheets, "SQUARES", 60_000)
    monkeypatch.setattr(plate_sheets, "STEPS_M", (0.0002, 0.001))
    fine = strip_shares(layout, design.joining, design.cell)
    for cached in (plate_sheets.plate_sheets, plate_sheets._solved, strip_shares):
        cached.cache_clear()
    joints = sum(i**2 for i in fine.cells.values()) * 2 * 0.0002
    assert 0.98 < (usual.heat_ohm - joints) / (fine.heat_ohm - joints) < 1.06


def test_a_collecting_plate_brings_all_of_the_current_to_its_tab():
    metal = under_load(plated())
    load = metal.current_a
    for node in (0, 10):
        bands = [s for s in metal.figures.segments if s.node == node]
        tab = next(s for s in bands if s.cells[0] == s.cells[1])
        assert tab.current_a == pytest.approx(load, rel=1e-6)
        # Beside it the plate carries what three of four cells give.
        beside = max(s.current_a for s in bands if s is not tab)
        assert beside == pytest.approx(0.75 * load, rel=0.05)
        # The tab is 10 mm wide.
        assert tab.density_a_m2 == pytest.approx(load / (0.010 * metal.bands.thick_m), rel=0.03)
        assert tab.peak_a_m2 >= tab.density_a_m2


def test_bands_carry_what_their_potentials_say():
    metal = under_load(plated())
    rng = np.random.default_rng(4)
    for one in metal.work.sheets.values():
        volts = rng.normal(size=len(one.nodes))
        pads = len(volts) - len(one.sheet.tab_cells)
        into = one.sheet.fields.siemens @ volts / one.sheet.square_ohm
        found = sheet_load(one.sheet, volts[:pads], into[pads:])
        assert found.current_a == pytest.approx(one.sheet.flow @ volts / one.sheet.square_ohm, rel=1e-6)
        assert found.heat_w.sum() == pytest.approx(float(volts @ into), rel=1e-6)


def test_equal_plates_are_solved_once():
    plate_sheets.plate_sheets.cache_clear()
    plate_sheets._solved.cache_clear()
    under_load(plated(series=20, parallel=10, arrangement__rows=10))
    assert plate_sheets._solved.cache_info().misses <= 8 < 21


def test_plates_that_cannot_be_solved_count_as_bars(monkeypatch):
    design = plated()
    monkeypatch.setattr(plate_sheets, "_solved", lambda shape: None)
    plate_sheets.plate_sheets.cache_clear()
    metal = under_load(design.edited("serial", "as bars").edited("leads.length_m", 0.31))
    plate_sheets.plate_sheets.cache_clear()
    assert not metal.work.sheets
    assert {s.kind for s in metal.figures.segments} == {StripKind.PLATE}


def test_a_tab_too_narrow_for_its_current_is_told():
    design = plated(
        series=3, parallel=8, arrangement__rows=8, brief__current_steady_a=60.0, brief__current_peak_a=80.0
    )
    analysis = analyse(design, SHELF)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    tabs = [s for s in metal.figures.segments if s.cells[0] == s.cells[1]]
    assert len(tabs) == 2
    assert all(s.share > 1 for s in tabs)
    told = [
        f
        for f in findings_of(Situation(design, analysis, EMPTY_STATE, SHELF, metal=metal))
        if f.code == "SR-1"
    ]
    assert told
    assert "late N" in told[0].sentence


def test_a_joint_that_lets_go_loads_the_plate_as_a_network_without_it_says():
    metal = under_load(plated(series=4, parallel=6, arrangement__rows=6))
    *_, (_, found) = all_failures(metal, 100.0)
    by_ref = {f.ref: f for f in found}
    assert not [f for f in found if f.ref.startswith("segment")]
    limits = np.array([s.limit_a for s in metal.figures.segments])
    for number in (1, 9):
        place = next(n for n, c in enumerate(metal.layout.cells) if c.number == number)
        net = metal.network
        kept = np.arange(len(net.cell_ohm)) != place
        rest = Network(net.nodes, net.ends, net.ohm, net.cell_ends[kept], net.cell_ohm[kept], net.poles)
        state = solve(rest, 0.0, metal.current_a)
        flows = np.concatenate(
            [
                np.abs(one.sheet.flow @ state.volts[one.nodes]) / one.sheet.square_ohm
                for one in metal.work.sheets.values()
            ]
        )
        worst = max(float((flows / limits).max()), by_ref[f"joint:{number}"].cell_share)
        assert by_ref[f"joint:{number}"].share == pytest.approx(worst, rel=1e-6)


@pytest.mark.parametrize("seed", range(8))
def test_whatever_plates_are_chosen_heat_and_current_close(seed):
    """Random packs, joints, gaps and cells: what the poles lose is what metal, joints and cells turn to heat; nothing is
    negative or undefined, and no band carries more on the mean than at its fullest."""
    rng = random.Random(seed)
    design = plated(
        series=rng.randint(1, 6),
        parallel=rng.randint(1, 6),
        arrangement__rows=rng.choice([1, 2, 3]),
        arrangement__lattice=rng.choice(list(Lattice)),
        joining__joined_by=rng.choice([JoinedBy.WELD, JoinedBy.SOLDER, JoinedBy.SCREW]),
        joining__gap_m=rng.choice([0.0, 0.0005, 0.001, 0.003]),
        joining__link_layers=rng.randint(1, 3),
        joining__welds_per_pad=rng.randint(1, 3),
        cell=rng.choice([c for c in SHELF.cells if c.is_round]),
    )
    metal = under_load(design)
    state, network, segments = metal.state, metal.network, metal.figures.segments
    heat = (state.current_a**2 * network.ohm).sum() + (state.cell_a**2 * network.cell_ohm).sum()
    if metal.figures.whole:
        assert -state.volts[network.poles[1]] * metal.current_a == pytest.approx(heat, rel=1e-6)
    assert sum(s.heat_w for s in segments) == pytest.approx(metal.figures.strips_w, rel=1e-6)
    for s in segments:
        figures = (s.current_a, s.share, s.in_place_k, s.density_a_m2, s.limit_a, s.resistance_ohm, s.heat_w)
        assert all(np.isfinite(figures))
        assert min(figures) >= 0
        assert not metal.work.sheets or s.density_a_m2 <= s.peak_a_m2 * 1.001 + 1


def bar_rise(metal, current_a, long_m, pad_k):
    """Rise of the far end of a bar as wide as a tab whose resistance rises as it warms, one end at a pad's temperature,
    nothing lost on the way: in 60 pieces, over and over until it stands."""
    strip, pieces = metal.bands.strip, 60
    step, section = long_m / pieces, plates.TAB_M[1] * metal.bands.thick_m
    kelvin = np.full(pieces, pad_k)
    for _ in range(400):
        ohm = (
            strip.resistivity_ohm_m * (1 + strip.temperature_coefficient_per_k * (kelvin - 293.15)) / section
        )
        # What passes a place is all that is made beyond it.
        flow = np.cumsum((current_a**2 * ohm * step)[::-1])[::-1]
        kelvin = pad_k + np.cumsum(flow) * step / (strip.conductivity_w_m_k * section)
    return kelvin[-1] - pad_k


def test_a_hot_tab_stands_between_two_bars_and_counts_as_hot_as_itself():
    """No cooler than a bar from the edge of the weld spots (2 + 0.75 mm) to the joint of the lead, no hotter than one
    from the middle of the pad; the plate round the pad is wider than the tab and the spots are narrower."""
    design = plated(
        series=12, parallel=2, arrangement__rows=2, joining__link_layers=1, brief__current_peak_a=40.0
    )
    metal = under_load(design.edited("brief.current_steady_a", 30.0), 60.0)
    # The lead is soldered to the middle of the tab, within half its width less a square.
    joint = metal.layout.pitch_m / 2 + plates.TAB_M[0] / 2 - (plates.TAB_M[1] / 2 - 0.0006)
    for node in (0, 12):
        tab = next(s for s in metal.figures.segments if s.node == node and s.cells[0] == s.cells[1])
        pad = max(c.temperature_k for c in metal.figures.cells if c.number == tab.cells[0])
        least, most = (bar_rise(metal, tab.current_a, joint - edge, pad) for edge in (0.00275, 0.0))
        assert least < tab.in_place_k - pad < most, node
    # Its plate's resistors have risen more than those of the cool plates between.
    cold = metal.bands.work.network.ohm
    risen = [
        float((metal.network.ohm[one.ohms] / cold[one.ohms]).mean()) for one in metal.work.sheets.values()
    ]
    assert risen[0] > min(risen[1:-1]) + 0.01


def test_a_plate_of_a_hundred_pads_is_a_sheet_and_loses_more_than_bars(monkeypatch):
    """Bars from pad to pad tell too little of plates: current crowds round each joint."""
    large = plated(series=2, parallel=50, arrangement__rows=50, brief__load_voltage_min_v=4.0)
    layout = layout_of(large)
    sheets = strip_shares(layout, large.joining, large.cell)
    assert (
        len(plate_sheets.plate_sheets(layout, large.joining, large.cell, metal_runs(layout, large.joining)))
        == 3
    )
    bars = strip_shares(layout, large.joining, large.cell, sheets=False)
    assert sheets.heat_ohm > 1.1 * bars.heat_ohm
    for cached in (plate_sheets.plate_sheets, plate_sheets._solved, strip_shares):
        cached.cache_clear()
    # Cut as coarsely as any plate ever is: not lighter.
    monkeypatch.setattr(plate_sheets, "MOST_KEPT", 1)
    coarse = strip_shares(layout, large.joining, large.cell)
    for cached in (plate_sheets.plate_sheets, plate_sheets._solved, strip_shares):
        cached.cache_clear()
    assert 1.0 < coarse.heat_ohm / sheets.heat_ohm < 1.15


def test_pairs_left_out_of_a_plate_carry_nothing():
    """Against the whole matrix of the sheet: all currents into its joints, for any potentials."""
    metal = under_load(plated(series=4, parallel=20, arrangement__rows=20))
    random = np.random.default_rng(3)
    for one in metal.work.sheets.values():
        pairs, siemens = one.sheet.pairs()
        n = len(one.sheet.fields.siemens)
        assert len(pairs) < n * (n - 1) / 2
        volts = random.normal(size=n)
        flow = siemens * (volts[pairs[:, 0]] - volts[pairs[:, 1]])
        into = np.bincount(pairs[:, 0], flow, n) - np.bincount(pairs[:, 1], flow, n)
        whole = one.sheet.fields.siemens @ volts / one.sheet.square_ohm
        assert into == pytest.approx(whole, abs=2e-5 * np.abs(whole).max())
        # Resistance between two joints, by solving the whole matrix with one of them held.
        held = np.linalg.solve(one.sheet.fields.siemens[1:, 1:], np.eye(n - 1)[:, n - 2])
        assert one.sheet.fields.between(0, n - 1) == pytest.approx(held[n - 2], rel=1e-6)


def test_no_joint_of_a_plate_is_left_hanging():
    """A joint on a hair of metal conducts less than what is left out elsewhere; its best pair stays."""
    siemens = np.array([[2.0, -2.0, 0.0], [-2.0, 2.0 + 1e-9, -1e-9], [0.0, -1e-9, 1e-9]])
    sheet = plate_sheets.PlateSheet(SimpleNamespace(siemens=siemens), None, (), (), 0.001, 1.0)
    pairs, between = sheet.pairs()
    assert pairs.tolist() == [[0, 1], [1, 2]]
    assert between == pytest.approx([2000.0, 1e-6])
