"""The metal under load: against ngspice, NumPy, networkx, closed forms; failures against fresh solves; heat in balance."""

import re
import shutil
import subprocess

import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.base.refusal import Refusal
from firmcell.core.bench.measured_values import as_measured
from firmcell.core.changes.by_hand import layout_of, move_terminal, remove_strip
from firmcell.core.changes.strip_fixes import _candidates, strip_fixes, verified_fixes
from firmcell.core.jobs import findings_of
from firmcell.core.jobs.new_pack import new_pack_steps
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.leads.spice_netlist import element_name, pad_name, spice_netlist
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Arrangement, JudgedBy, Lattice, StripStyle
from firmcell.core.model.parts import Strip, StripMetal
from firmcell.core.physics.resistor_network import Network, solve
from firmcell.core.pictures.strip_colours import Shown, at_load, strip_paint
from firmcell.core.records.build_state import EMPTY_STATE, BuildState
from firmcell.core.strips import under_load
from firmcell.core.strips.assay import Measured, assayed_strip, by_resistance, by_weight
from firmcell.core.strips.duty_heat import duty_temperatures
from firmcell.core.strips.failures import Scatter, all_failures, monte_carlo, remove_each
from firmcell.core.strips.pack_heat import fin_conductance, fin_limit, fin_middle_rise, steady_temperatures
from firmcell.core.strips.runs import StripKind, strip_runs
from firmcell.core.strips.two_metals import laid_together
from firmcell.core.strips.under_load import between, solve_under_load
from firmcell.store.demo import hay_loft_lantern, hoist_in_rows, orchard_hoist
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import cases

SHELF = shipped_library()
RUN_S = 2400.0


def plain(**edits):
    base = hoist_in_rows(SHELF).with_edits(
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.box_length_m", 0.24),
        ("brief.box_width_m", 0.11),
    )
    return base.with_edits(*((path.replace("__", "."), value) for path, value in edits.items()))


def odd_outline():
    design = plain(
        brief__space=SpaceShape.OUTLINE,
        brief__outline_m=((0, 0), (0.26, 0), (0.26, 0.07), (0.13, 0.07), (0.13, 0.16), (0, 0.16)),
        bms__board=None,
    )
    return design.edited("arrangement", laid_out(arrange(design, effort=0.2, trials=False)).arrangement)


def missing_weld():
    design = orchard_hoist(SHELF)
    run = next(r for r in strip_runs(layout_of(design)) if r.kind is StripKind.LINK)
    return design.with_edits(*remove_strip(design, run.id).edits)


def weak_cell():
    ohms = [0.0] * 40
    ohms[17] = 0.09
    return plain(measured_ohm=tuple(ohms))


def lead_in_the_middle():
    design = orchard_hoist(SHELF)
    cells = [p for p in design.arrangement.placed if p.group == 1]
    return design.with_edits(*move_terminal(design, False, cells[1].x_m, cells[1].y_m).edits)


def two_leads():
    """Minus and plus of the 10S4P each led off at two ends of their group."""
    rows = plain()
    layout = layout_of(rows)
    edits = []
    for group, pole in ((1, "minus"), (rows.series, "plus")):
        cells = sorted(layout.group_cells(group), key=lambda c: c.y_m)
        for cell, name in ((cells[0], "also"), (cells[-1], "at")):
            place = (cell.x_m + layout.origin_m[0], cell.y_m + layout.origin_m[1])
            edits.append((f"arrangement.{pole}_{name}_m", place))
    return rows.with_edits(*edits)


COPPER = part_named(SHELF, Strip, "copper strip 0.1 × 8")

LAYOUTS = {
    "square": plain(),
    "staggered": plain(arrangement__lattice=Lattice.STAGGERED),
    "two rows to a group": plain(arrangement__rows=8),
    "odd outline": odd_outline(),
    "demo": orchard_hoist(SHELF),
    "plates": plain(joining__style=StripStyle.PLATES),
    "staggered plates": orchard_hoist(SHELF).edited("joining.style", StripStyle.PLATES),
    "one missing strip": missing_weld(),
    "one weak cell": weak_cell(),
    "lead in the middle": lead_in_the_middle(),
    "two leads a pole": two_leads(),
    "copper under nickel": plain(joining__link_under=COPPER, joining__doubled=(3, 17, 18)),
    "20S40P": plain(series=20, parallel=40, arrangement__rows=40, brief__current_steady_a=250.0, brief__current_peak_a=250.0, bms__board=None),
}  # fmt: skip


def solved(design):
    return solve_under_load(design, layout_of(design), RUN_S)


# -- the network ---------------------------------------------------------------------------------------


@pytest.mark.slow
@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is installed by ./check")
@pytest.mark.parametrize("name", LAYOUTS)
def test_every_node_and_branch_equals_ngspice(name, tmp_path):
    """ngspice .op on the exported netlist as it is; every node voltage and branch current to 1e-6."""
    design = LAYOUTS[name]
    metal, volts, load = solved(design), 3.6, design.brief.current_steady_a
    leads = analyse(design, SHELF).leads
    path = tmp_path / "pack.cir"
    text = spice_netlist(metal, leads, volts, load, design.brief.title)
    # Currents of resistors are printed only if asked for; nothing else is added to the netlist.
    asked = "".join(f"print @{element_name(g.id).lower()}[i]\n" for g in metal.figures.segments)
    path.write_text(text.replace(".endc", asked + ".endc"))
    out = subprocess.run(
        ["ngspice", "-b", str(path)], capture_output=True, text=True, timeout=240, check=False
    ).stdout
    theirs = {
        key.strip(): float(value)
        for key, _, value in (line.partition("=") for line in out.splitlines() if line.count("=") == 1)
        if key.strip() and key.strip()[0] in "cvlt@" and value.strip()[:1] in "-0123456789"
    }
    mine = solve(metal.network, volts, load)
    # ngspice counts from the connector; we count from the minus pad.
    doubled, plated = bool(metal.layout.second_lead_cells[0]), bool(metal.work.sheets)
    begins = pad_name(metal.layout.lead_cells[0], False)
    offset = theirs["contact_minus" if doubled else "tab1_n0" if plated else begins]
    scale = max(abs(v) for v in mine.volts)
    for (number, positive), node in metal.work.pad.items():
        assert theirs[pad_name(number, positive)] - offset == pytest.approx(
            mine.volts[node], abs=1e-6 * scale
        )
    assert offset == pytest.approx(-load * (1e-6 if doubled else leads.wire_ohm), rel=1e-6)
    for cell, current in zip(metal.layout.cells, mine.cell_a, strict=True):
        # The current through a voltage source is counted into its plus.
        assert -theirs[f"vcell{cell.number}#branch"] == pytest.approx(current, abs=1e-6 * load)
    spans = metal.figures.segments[: len(metal.work.spans)]
    for segment, current in zip(spans, mine.current_a, strict=False):
        theirs_a = theirs[f"@{element_name(segment.id).lower()}[i]"]
        assert theirs_a == pytest.approx(current, abs=1e-6 * load), segment.id


@given(st.integers(2, 7), st.integers(1, 999))
@settings(max_examples=cases(30))
def test_networks_equal_a_dense_solve_and_networkx(size, seed):
    """A ring of resistors with one cell and random chords: NumPy's least squares, and networkx' effective resistance."""
    dice = np.random.default_rng(seed)
    pairs = [(i, (i + 1) % size) for i in range(size)] if size > 2 else [(0, 1)]
    pairs += [
        (a, b) for a in range(size) for b in range(a + 2, size) if dice.random() < 0.4 and (a, b) not in pairs
    ]
    ohm = dice.uniform(0.1, 3, len(pairs))
    network = Network(size, np.array(pairs), ohm, np.array([[0, size - 1]]), np.array([0.5]), (0, size - 1))
    state = solve(network, 2.0, 1.3)
    incidence = np.zeros((len(pairs) + 1, size))
    for row, (a, b) in enumerate([*pairs, (0, size - 1)]):
        incidence[row, a], incidence[row, b] = 1, -1
    siemens = np.diag(np.append(1 / ohm, 2.0))
    right = np.zeros(size)
    right[-1] += 2.0 / 0.5 - 1.3
    right[0] -= 2.0 / 0.5 - 1.3
    dense = np.linalg.lstsq(incidence.T @ siemens @ incidence, right, rcond=None)[0]
    assert state.volts - state.volts[0] == pytest.approx(dense - dense[0], abs=1e-9)
    graph = nx.Graph()
    for (a, b), r in zip(pairs, ohm, strict=True):
        if graph.has_edge(a, b):
            r = 1 / (1 / r + 1 / graph[a][b]["weight"])
        graph.add_edge(a, b, weight=r)
    probe = np.zeros((size, 1))
    probe[0], probe[-1] = 1, -1
    bare = Network(size, np.array(pairs), ohm, np.array([[0, size - 1]]), np.array([1e12]), (0, size - 1))
    answer = bare.factor.solve(probe)[:, 0]
    theirs = nx.resistance_distance(graph, 0, size - 1, weight="weight", invert_weight=True)
    assert answer[0] - answer[-1] == pytest.approx(theirs, rel=1e-6)


def test_collecting_strip_carries_k_over_p():
    """Fed evenly by P cells and tapped at one end it carries k/P in the k-th span (REFERENCES.md)."""
    design = plain(
        series=1,
        parallel=6,
        arrangement__rows=6,
        measured_ohm=(1e3,) * 6,
        brief__energy_j=None,
        bms__board=None,
    )
    spans = [s for s in solved(design).figures.segments if s.node == 0]
    assert sorted(s.current_a / 25 for s in spans) == pytest.approx([k / 6 for k in range(1, 6)], rel=1e-4)


def test_a_symmetric_pack_shares_evenly_and_its_parallel_strips_idle():
    metal = solved(plain(series=4, parallel=4, joining__collector_layers=8))
    inner = [s for s in metal.figures.segments if s.kind is StripKind.PARALLEL and s.node == 2]
    assert max(s.current_a for s in inner) < 0.02 * 25
    assert metal.figures.greatest_deviation < 0.02


def test_energy_balance():
    """What the cells give is what the load takes and what strips, joints and cells turn to heat."""
    for name, design in LAYOUTS.items():
        metal = solved(design)
        f, volts, load = metal.figures, 3.6, design.brief.current_steady_a
        state = solve(metal.network, volts, load)
        given_w = float((state.cell_a * volts).sum())
        taken = float(state.volts[metal.network.poles[1]]) * load
        heat = float(
            (state.current_a**2 * metal.network.ohm).sum() + (state.cell_a**2 * metal.network.cell_ohm).sum()
        )
        assert given_w == pytest.approx(taken + heat, rel=1e-9), name
        # Two leads of one pole are in the network; what they lose is counted with the leads.
        heat -= float((state.current_a**2 * metal.network.ohm)[metal.work.of_leads].sum())
        # Cells alike in voltage divide the load by resistance alone, so the figures are those of any voltage.
        by_ohm = float((state.cell_a**2 * (metal.network.cell_ohm - 2 * metal.joint_ohm)).sum())
        assert f.strips_w + f.joints_w + by_ohm == pytest.approx(heat, rel=1e-6), name
        # A cell makes more heat over a run than its resistance in milliohms tells of.
        assert f.cells_w > by_ohm, name
        assert f.resistance_ohm * load**2 == pytest.approx(heat, rel=1e-6), name
        assert sum(s.heat_w for s in f.segments) == pytest.approx(f.strips_w)
        per_group = np.bincount([c.group for c in f.cells], weights=[c.current_a for c in f.cells])[1:]
        assert per_group == pytest.approx(np.full(design.series, load), rel=1e-6), name


def test_open_place_is_named_and_nothing_fails(library):
    design = orchard_hoist(SHELF)
    for run in [r for r in strip_runs(layout_of(design)) if r.node == 6]:
        now = next(r for r in strip_runs(layout_of(design)) if r.cells == run.cells and r.face is run.face)
        design = design.with_edits(*remove_strip(design, now.id).edits)
    metal = solved(design)
    assert not metal.figures.whole
    assert metal.figures.open_at == 6
    findings = {f.code: f for f in findings_of(_situation(design, metal))}
    assert "open at B6" in findings["SR-7"].sentence
    assert "SR-11" not in findings


def test_between_two_pads_is_thevenins(library):
    """Plus to minus of one group: its voltage; resistance of the group in parallel, strips aside."""
    design = plain(series=3, parallel=5, arrangement__rows=5, bms__board=None)
    metal = solved(design)
    volts, ohm = between(metal, (8, True), (8, False), 3.7)
    assert volts == pytest.approx(3.7)
    cell = design.cell.resistance_ohm + 2 * 0.0002
    assert cell / 5 < ohm < cell / 5 * 1.5
    volts, _ = between(metal, (15, True), (1, False), 3.7)
    assert volts == pytest.approx(3 * 3.7)


# -- heat ----------------------------------------------------------------------------------------------


@pytest.mark.slow
@given(st.floats(0.5, 60), st.floats(0.005, 0.08), st.floats(0, 40))
@settings(max_examples=cases(40))
def test_fin_equals_a_numeric_solution_of_its_equation(current, length, ends):
    """Finite differences of κA θ″ − hθ + I²R' = 0 on 801 points, solved by NumPy."""
    conduction, ohm, h = 90.7 * 1.2e-6, 6.93e-8 / 1.2e-6, 0.012
    mine = float(fin_middle_rise(current, ohm, length, conduction, h, ends))
    n = 801
    step = length / (n - 1)
    matrix = np.diag(np.full(n, -2 * conduction / step**2 - h))
    off = np.full(n - 1, conduction / step**2)
    matrix += np.diag(off, 1) + np.diag(off, -1)
    right = np.full(n, -(current**2) * ohm)
    matrix[0], matrix[-1] = 0, 0
    matrix[0, 0] = matrix[-1, -1] = 1
    right[0] = right[-1] = ends
    assert mine == pytest.approx(np.linalg.solve(matrix, right)[n // 2], rel=1e-3, abs=1e-3)


def test_fin_limits_by_hand():
    """Without loss the middle is q L²/8κA over its ends; very long, it is q/h: a long strip."""
    conduction, ohm = 90.7 * 1.2e-6, 6.93e-8 / 1.2e-6
    short = float(fin_middle_rise(8.0, ohm, 0.02, conduction, 1e-9, 0.0))
    assert short == pytest.approx(64 * ohm * 0.02**2 / (8 * conduction), rel=1e-3)
    long = float(fin_middle_rise(8.0, ohm, 5.0, conduction, 0.012, 3.0))
    assert long == pytest.approx(64 * ohm / 0.012, rel=1e-6)


@given(st.floats(0.01, 0.06), st.floats(293, 318))
def test_fin_limit_and_rise_are_inverse(length, ends):
    strip = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
    limit = float(fin_limit(strip, 1, length, 333.15, 293.15, ends))
    ohm = strip.resistivity_ohm_m / strip.section_m2 * (1 + strip.temperature_coefficient_per_k * 40)
    h = float(fin_conductance(strip.width_m, 333.15, 293.15))
    rise = fin_middle_rise(limit, ohm, length, strip.conductivity_w_m_k * strip.section_m2, h, ends - 293.15)
    assert float(rise) == pytest.approx(40.0, rel=1e-6)


def test_lumps_give_off_what_they_make():
    metal = solved(plain())
    heat = np.array([c.heat_w for c in metal.figures.cells])
    temperatures = steady_temperatures(metal.lumps, heat, 303.15)
    mean = float(np.average(temperatures, weights=metal.lumps.outside_m2))
    out = metal.lumps.outer_conductance(mean, 303.15) * (temperatures - 303.15)
    assert out.sum() == pytest.approx(heat.sum(), rel=1e-3)
    # The middle of the pack is warmer than its edge.
    inner = [n for n, c in enumerate(metal.layout.cells) if len(metal.layout.adjacency[c.number]) == 4]
    outer = [n for n, c in enumerate(metal.layout.cells) if len(metal.layout.adjacency[c.number]) == 2]
    assert temperatures[inner].mean() > temperatures[outer].mean()


def test_a_short_run_heats_the_cells_by_their_own_capacity():
    """60 s at 25 A: so little is lost that ΔT = Q t/(m c), c = 1000 J/kg·K (generic class value)."""
    design = plain()
    metal = solve_under_load(design, layout_of(design), 60.0)
    mean = np.mean([c.temperature_k for c in metal.figures.cells]) - design.brief.ambient_max_k
    heat = np.mean([c.heat_w for c in metal.figures.cells])
    assert mean == pytest.approx(heat * 60 / metal.lumps.capacity_j_k[0], rel=0.03)


def test_resistance_and_temperature_settle_or_it_is_told():
    calm = solved(plain())
    assert calm.figures.passes <= 5
    assert not calm.figures.runs_away
    hot = plain(brief__current_steady_a=900.0, brief__current_peak_a=900.0)
    metal = solved(hot)
    assert metal.figures.runs_away
    assert "SR-13" in {f.code for f in findings_of(_situation(hot, metal))}


def test_duty_cycle_lies_between_steady_and_peak():
    design = plain(brief__peak_every_s=120.0, brief__peak_duration_s=30.0)
    metal = solved(design)
    _, duty = duty_temperatures(design, metal, 1200.0)
    _, steady = duty_temperatures(design.edited("brief.peak_every_s", None), metal, 1200.0)
    always = design.with_edits(("brief.current_steady_a", 45.0))
    _, peak = duty_temperatures(always, metal, 1200.0)
    assert steady[-1].max() < duty[-1].max() < peak[-1].max()
    # A quarter of the time at peak: the mean square of the current lies a quarter of the way.
    mean = design.brief.ambient_max_k
    share = (duty[-1].mean() - steady[-1].mean()) / (peak[-1].mean() - steady[-1].mean())
    assert mean < steady[-1].mean()
    assert share == pytest.approx(0.25, abs=0.06)
    # Without a peak that comes again the end of the run is no peak either, however fine the steps.
    _, fine = duty_temperatures(design.edited("brief.peak_every_s", None), metal, 1200.0, 2.0)
    assert fine[-1].max() == pytest.approx(steady[-1].max(), abs=0.3)
    assert (np.diff(steady.max(axis=1)) >= 0).all()


def _situation(design, metal):
    return Situation(design, analyse(design, SHELF), EMPTY_STATE, SHELF, metal)


def test_judged_by_what_the_design_says():
    thin = plain(joining__link_layers=1)
    shares = {}
    for by in JudgedBy:
        design = thin.edited("joining.judged_by", by)
        shares[by] = solved(design).figures.worst_share
    assert shares[JudgedBy.WORSE] == max(shares[JudgedBy.LONG_RUN], shares[JudgedBy.IN_PLACE])
    assert shares[JudgedBy.IN_PLACE] != shares[JudgedBy.LONG_RUN]


# -- what if -------------------------------------------------------------------------------------------


@pytest.mark.parametrize("name", ["square", "demo", "plates", "one weak cell"])
def test_each_failure_equals_a_fresh_solve(name):
    metal = solved(LAYOUTS[name])
    network, state = metal.network, metal.state
    m, n = len(network.ohm), len(network.cell_ohm)
    gone = remove_each(network, state.current_a, state.cell_a, state.volts, np.arange(m + n))
    for branch in range(m + n):
        if gone.cut[branch]:
            continue
        keep, cells = np.arange(m) != branch, np.arange(n) != branch - m
        fresh = solve(
            Network(
                network.nodes,
                network.ends[keep],
                network.ohm[keep],
                network.cell_ends[cells],
                network.cell_ohm[cells],
                network.poles,
            ),
            0.0,
            metal.current_a,
        )
        assert gone.current_a[keep, branch] == pytest.approx(fresh.current_a, abs=1e-6)
        assert gone.cell_a[cells, branch] == pytest.approx(fresh.cell_a, abs=1e-6)
        assert gone.pole_v[branch] == pytest.approx(fresh.volts[network.poles[1]], abs=1e-6)


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is installed by ./check")
def test_a_failure_equals_ngspice_without_that_resistor(tmp_path):
    design = LAYOUTS["demo"]
    metal, leads = solved(design), analyse(design, SHELF).leads
    text = spice_netlist(metal, leads, 0.0, 25.0, "one gone")
    for k in (0, 11, 40):
        name = element_name(metal.figures.segments[k].id)
        path = tmp_path / f"{k}.cir"
        path.write_text(
            "\n".join(line for line in text.splitlines() if not line.startswith(f"{name} ")) + "\n"
        )
        out = subprocess.run(
            ["ngspice", "-b", str(path)], capture_output=True, text=True, timeout=60, check=False
        ).stdout
        theirs = {
            int(line.split("#")[0][5:]): -float(line.split("=")[1])
            for line in out.splitlines()
            if line.startswith("vcell") and "=" in line
        }
        gone = remove_each(
            metal.network, metal.state.current_a, metal.state.cell_a, metal.state.volts, np.array([k])
        )
        for cell, current in zip(metal.layout.cells, gone.cell_a[:, 0], strict=True):
            assert theirs[cell.number] == pytest.approx(current, abs=1e-5)


def test_a_single_string_is_opened_by_every_link():
    design = plain(series=5, parallel=1, arrangement__rows=1, brief__energy_j=None, bms__board=None)
    metal = solved(design)
    *_, (part, failures) = all_failures(metal, 10.0)
    assert part == 1.0
    assert {f.opens for f in failures} == {"pack"}


def test_failures_are_ranked_and_progress_ends():
    metal = solved(LAYOUTS["demo"])
    steps = list(all_failures(metal, LAYOUTS["demo"].cell.current_continuous_a))
    assert steps[-1][0] == 1.0
    shares = [f.share for f in steps[-1][1] if not f.opens]
    assert shares == sorted(shares, reverse=True)
    assert len(steps[-1][1]) == len(metal.figures.segments) + 40


def test_scatter_is_the_same_for_a_seed_and_grows_with_its_cause():
    # Strip that hardly resists, so that the cells alone decide.
    metal = solved(LAYOUTS["square"].with_edits(("joining.link_layers", 4), ("joining.collector_layers", 4)))

    def bands(scatter, seed=1, samples=300):
        *_, (_, found) = monte_carlo(metal, scatter, samples, seed)
        return found

    first, again, other = bands(Scatter()), bands(Scatter()), bands(Scatter(), 2)
    assert np.array_equal(first.greatest_share, again.greatest_share)
    assert not np.array_equal(first.greatest_share, other.greatest_share)
    none = bands(Scatter(resistance=0.0, capacity=0.0, joint=0.0), samples=3)
    even = np.array([c.current_a for c in metal.figures.cells]) / (25 / 4)
    assert none.cell_share[1] == pytest.approx(even, rel=1e-6)
    assert none.capacity == pytest.approx(1.0)
    wide = bands(Scatter(resistance=0.15))
    assert np.median(wide.greatest_share) > np.median(first.greatest_share) > none.greatest_share[0]
    # Of P cells with relative scatter s in resistance one carries 1 + s·E[max of P normals]; P = 4: 1.03 s, for 10
    # groups together the greatest of 40 is near 2.2 s (tables of normal order statistics, from memory).
    assert np.median(first.greatest_share) - none.greatest_share[0] == pytest.approx(2.2 * 0.05, rel=0.35)


def test_large_packs_are_drawn_one_by_one_to_the_same_end():
    design = plain(series=16, parallel=10, arrangement__rows=10, bms__board=None)
    metal = solved(design)
    assert metal.network.nodes > 300
    *_, (_, found) = monte_carlo(metal, Scatter(resistance=0.0, joint=0.0), 3)
    even = np.array([c.current_a for c in metal.figures.cells]) / 2.5
    assert found.cell_share[1] == pytest.approx(even, rel=1e-6)


def test_a_measured_joint_counts_in_every_figure():
    # Two joints to each of 40 cells, 25/4 A in each but for the strips' slight unevenness: Δr of a joint adds
    # 10 · 2Δr / 4 to the pack, by hand.
    worse = plain().with_edits(("joining.joint_ohm", 0.0012))
    more = 10 * 2 * 0.001 / 4
    before, after = solved(plain()), solved(worse)
    assert after.figures.resistance_ohm - before.figures.resistance_ohm == pytest.approx(more, rel=0.02)
    pack = [analyse(d, SHELF).pack for d in (plain(), worse)]
    assert pack[1].resistance_strips_ohm - pack[0].resistance_strips_ohm == pytest.approx(more, rel=0.02)
    # A pack drawn without scatter is the pack itself.
    *_, (_, drawn) = monte_carlo(after, Scatter(resistance=0.0, capacity=0.0, joint=0.0), 2)
    assert drawn.resistance_ohm == pytest.approx(after.figures.resistance_ohm, rel=1e-9)


# -- fixes ---------------------------------------------------------------------------------------------


def test_fixes_are_solved_before_they_are_offered_and_hold():
    design = plain(joining__link_layers=1, brief__current_steady_a=34.0)
    metal = solved(design)
    assert metal.figures.worst_share > 1
    *_, (part, fixes) = strip_fixes(design, metal.layout, metal, SHELF, RUN_S)
    assert part == 1.0
    assert 1 <= len(fixes) <= 3
    assert [round(max(c.mass_kg, 0), 4) for c in fixes] == sorted(round(max(c.mass_kg, 0), 4) for c in fixes)
    for fix in fixes:
        after = solved(fix.fix.applied(design))
        assert after.figures.worst_share == pytest.approx(fix.share)
        assert after.figures.worst_share <= 1
    assert list(strip_fixes(plain(), layout_of(plain()), solved(plain()), SHELF, RUN_S)) == [(1.0, ())]


@pytest.mark.slow
def test_two_changes_are_joined_where_one_is_not_enough_and_hold():
    nickel = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
    design = plain(
        joining__collector_strip=nickel,
        joining__collector_layers=1,
        joining__link_layers=1,
        brief__current_steady_a=34.0,
    )
    # A shop with this strip alone: no bar, no copper.
    shelf = SHELF.model_copy(update={"strips": (nickel,)})
    metal = solved(design)
    steps = list(strip_fixes(design, metal.layout, metal, shelf, RUN_S))
    parts = [part for part, _ in steps]
    assert parts == sorted(parts)
    assert parts[-1] == 1.0
    fixes = steps[-1][1]
    assert fixes
    for fix in fixes:
        one, two = fix.fix.words.split("; ")
        assert one
        assert two
        # Neither half undoes the other, and the whole was solved.
        assert len({path for path, _ in fix.fix.edits}) == len(fix.fix.edits)
        assert solved(fix.fix.applied(design)).figures.worst_share == pytest.approx(fix.share)
        assert fix.share <= 1
    assert not [
        c
        for c in _candidates(design, metal.layout, metal, shelf)
        if solved(c.applied(design)).figures.worst_share <= 1
    ]


def test_leads_in_the_middle_halve_what_both_collecting_strips_carry():
    """P cells fed evenly: k/P of the current in the k-th span from the end; from the middle of 6 it is 3/6, from the end 5/6."""
    nickel = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
    design = plain(
        series=4,
        parallel=6,
        arrangement__rows=6,
        bms__board=None,
        joining__collector_strip=nickel,
        joining__collector_layers=1,
        joining__link_layers=3,
    )
    metal = solved(design)
    middle = next(
        c
        for c in _candidates(design, metal.layout, metal, SHELF)
        if c.words.startswith("Connect both leads in the middle")
    )
    assert {path for path, _ in middle.edits} == {"arrangement.minus_at_m", "arrangement.plus_at_m"}
    after = solved(middle.applied(design))

    def most(m):
        return max(s.current_a for s in m.figures.segments if s.kind is StripKind.COLLECTOR)

    # The cells next to the lead carry more than those far off, so the real figures are a little below the even ones.
    assert 0.70 * 5 / 6 < most(metal) / 25 < 5 / 6
    assert 0.70 * 3 / 6 < most(after) / 25 < 3.5 / 6
    assert after.figures.worst_share < metal.figures.worst_share


def test_an_overload_is_offered_only_a_fix_that_was_solved():
    design = plain(joining__link_layers=1, brief__current_steady_a=34.0)
    metal = solved(design)
    bare = {f.code: f for f in findings_of(_situation(design, metal))}
    assert bare["SR-1"].fix is None
    analysis = analyse(design, SHELF)
    fixes = verified_fixes(design, analysis, metal, SHELF)
    told = findings_of(Situation(design, analysis, EMPTY_STATE, SHELF, metal, tuple(c.fix for c in fixes)))
    offered = next(f for f in told if f.code == "SR-1").fix
    assert offered == fixes[0].fix
    after = offered.applied(design)
    assert "SR-1" not in {f.code for f in findings_of(_situation(after, solved(after)))}


def test_an_overload_and_hot_cells_are_found_with_the_solved_numbers():
    design = plain(joining__link_layers=1, brief__current_steady_a=34.0, brief__ambient_max_k=313.15)
    metal = solved(design)
    findings = {f.code: f for f in findings_of(_situation(design, metal))}
    assert "judged by" in findings["SR-1"].sentence
    assert findings["SR-11"].severity is Severity.STOP
    assert findings["SR-11"].refs == (f"cell:{metal.figures.hottest_cell}",)


def test_an_uneven_cell_is_found():
    design = weak_cell()
    findings = {f.code: f for f in findings_of(_situation(design, solved(design)))}
    assert "Cell 18 of group 5 carries" in findings["SR-12"].sentence
    assert "less" in findings["SR-12"].sentence


# -- picture -------------------------------------------------------------------------------------------


@given(st.floats(0, 60))
@settings(max_examples=cases(20))
def test_the_slider_scales_what_was_solved(load):
    metal = solved(LAYOUTS["demo"])
    loaded = at_load(metal, load, 303.15)
    factor = load / 25
    assert loaded.current_a == pytest.approx([s.current_a * factor for s in metal.figures.segments])
    assert loaded.strips_w == pytest.approx(metal.figures.strips_w * factor**2)
    assert loaded.cell_a == pytest.approx([c.current_a * factor for c in metal.figures.cells])


@pytest.mark.parametrize("shown", [s for s in Shown if s is not Shown.WHY])
def test_bands_lie_on_their_strips_and_ten_have_numbers(shown):
    design = LAYOUTS["demo"]
    metal = solved(design)
    paint = strip_paint(
        metal, at_load(metal, 25.0, 303.15), shown, design.arrangement.turn_axis, {"N3-L1.1": 1.4}
    )
    bands = [b for face in paint.bands.values() for b in face]
    assert len(bands) == len(metal.figures.segments)
    assert all(0 <= b.tone <= 1 for b in bands)
    assert 1 <= sum(bool(b.text) for b in bands) <= 10
    unit = {"share of limit": "%", "current": "A", "temperature in place": "°C", "heat": "mW"}.get(
        shown.value, "%"
    )
    assert paint.scale.high.endswith(unit)
    assert all(b.text.endswith(unit) for b in bands if b.text)


def test_at_its_own_load_the_slider_shows_what_was_solved():
    metal = solved(LAYOUTS["square"])
    loaded = at_load(metal, 25.0, 303.15)
    assert loaded.in_place_k == pytest.approx([s.in_place_k for s in metal.figures.segments], abs=0.2)
    assert loaded.share == pytest.approx([s.share for s in metal.figures.segments])


# -- assay ---------------------------------------------------------------------------------------------


def m(value, relative=0.005):
    return Measured(value, value * relative)


def test_assay_by_hand():
    """5 A over 100 mm of 0.15 × 8: nickel 6.93e-8 Ω·m drops 28.9 mV, steel of 1.2e-7 drops 50 mV (CRC, from memory)."""
    size = m(0.1), m(0.008), m(0.00015, 0.02)
    nickel = by_resistance(m(5.0), m(0.0289), *size)
    assert nickel.result.value == pytest.approx(6.93e-8, rel=1e-2)
    assert nickel.metal is StripMetal.NICKEL
    assert by_resistance(m(5.0), m(0.050), *size).metal is StripMetal.PLATED_STEEL
    assert by_resistance(m(5.0), m(0.0072), *size).metal is StripMetal.COPPER
    # Uncertainties add as squares.
    assert nickel.result.relative == pytest.approx((4 * 0.005**2 + 0.02**2) ** 0.5)


def test_assay_corrects_for_temperature():
    size = m(0.1), m(0.008), m(0.00015)
    warm = by_resistance(m(5.0), m(0.0289 * 1.12), *size, temperature_k=313.15)
    assert warm.result.value == pytest.approx(6.93e-8, rel=1e-2)


def test_a_doubtful_assay_counts_as_steel():
    rough = by_resistance(m(5.0), m(0.037, 0.2), m(0.1), m(0.008), m(0.00015, 0.2))
    assert rough.metal is None
    assert "plated steel" in rough.words
    strip = assayed_strip(part_named(SHELF, Strip, "pure nickel strip 0.15 × 8"), rough, 0.008, 0.00015)
    assert strip.metal is StripMetal.PLATED_STEEL
    assert strip.resistivity_ohm_m > rough.result.value


def test_weight_tells_nickel_from_steel_only_if_measured_well():
    """1 m of 0.15 × 8: nickel 8.9 g/cm³ weighs 10.68 g, steel 7.85 weighs 9.42 g (densities from memory)."""
    good = m(1.0, 0.001), m(0.008, 0.003), m(0.00015, 0.005)
    assert by_weight(m(0.01068, 0.001), *good).metal is StripMetal.NICKEL
    assert by_weight(m(0.00942, 0.001), *good).metal is StripMetal.PLATED_STEEL
    assert by_weight(m(0.0101, 0.01), m(1.0), m(0.008), m(0.00015, 0.05)).metal is None


def test_nothing_is_measured_from_nothing():
    with pytest.raises(Refusal, match="current must be above zero"):
        by_resistance(Measured(0.0, 0.1), m(1), m(1), m(1), m(1))
    assert "none of nickel" in by_resistance(m(5.0), m(5.0), m(0.1), m(0.008), m(0.00015)).words


def test_arrangement_of_rows_is_untouched_by_metal(library):
    design = plain()
    assert design.arrangement == Arrangement(rows=4)
    assert solved(design) is solved(design.edited("serial", "other"))


@pytest.mark.parametrize("lattice", [Lattice.SQUARE, Lattice.STAGGERED])
@pytest.mark.parametrize("along", [True, False])
def test_bars_of_a_large_plate_have_its_sheet_resistance_in_both_directions(lattice, along, monkeypatch):
    """The bars that stand for a plate while one types. Between two opposite rows of pads held at one voltage each, L/W squares of the sheet (definition of sheet resistance).

    One group of 20 × 20 cells under one plate; what sticks out half a pitch beside the outer pads is counted in W.
    """
    design = plain(
        series=2,
        parallel=200,
        arrangement__rows=20,
        arrangement__lattice=lattice,
        bms__board=None,
        joining__style=StripStyle.PLATES,
        joining__gap_m=0.0,
    )
    layout = layout_of(design)
    monkeypatch.setattr(under_load, "plate_sheets", lambda *of: {})
    under_load._metal_state.cache_clear()
    metal = solved(design)
    under_load._metal_state.cache_clear()
    plate = next(n for n, r in enumerate(metal.runs) if r.node == 1)
    mine = np.array([place == plate for place, _ in metal.work.spans])
    ends = metal.network.ends[mine]
    nodes = np.unique(ends)
    xy = np.array([layout.pad(layout.by_number[n], True) for n in metal.runs[plate].cells])
    numbers = [metal.work.pad[(n, layout.by_number[n].group == 1)] for n in metal.runs[plate].cells]
    at = dict(zip(numbers, xy.tolist(), strict=True))
    axis = 0 if along else 1
    values = np.array([at[n][axis] for n in nodes])
    edge = layout.pitch_m * 0.6
    low, high = values < values.min() + edge, values > values.max() - edge
    strip, layers = metal.strips[StripKind.PLATE]
    ohm = metal.span_lengths_m[mine] * strip.resistivity_ohm_m / (strip.section_m2 * layers)
    place = {n: k for k, n in enumerate(nodes)}
    matrix = np.zeros((len(nodes), len(nodes)))
    for (a, b), r in zip(ends, ohm, strict=True):
        i, j = place[a], place[b]
        matrix[i, i] += 1 / r
        matrix[j, j] += 1 / r
        matrix[i, j] -= 1 / r
        matrix[j, i] -= 1 / r
    free = ~(low | high)
    volts = np.where(high, 1.0, 0.0)
    volts[free] = np.linalg.solve(matrix[np.ix_(free, free)], -matrix[np.ix_(free, high)].sum(axis=1))
    current = (matrix @ volts)[high].sum()
    sheet = strip.resistivity_ohm_m / (strip.thickness_m * layers)
    length = values[high].mean() - values[low].mean()
    other = np.array([at[n][1 - axis] for n in nodes])
    width = other.max() - other.min() + layout.pitch_m * (1.0 if lattice is Lattice.SQUARE else 0.9)
    assert 1 / current == pytest.approx(sheet * length / width, rel=0.07)


# -- second leads, copper under nickel, doubled welds, what was measured -----------------------------------


def test_nickel_on_copper_carries_as_two_conductors_side_by_side():
    """By hand: two layers of 0.15 × 8 nickel beside 0.1 × 8 copper of 1.7241e-8 Ω·m and 401 W/m·K."""
    nickel = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
    both, layers = laid_together(nickel, 2, COPPER)
    assert layers == 1
    ohm_per_m = both.resistivity_ohm_m / both.section_m2
    assert 1 / ohm_per_m == pytest.approx(
        2 * 1.2e-6 / nickel.resistivity_ohm_m + 0.8e-6 / 1.7241e-8, rel=1e-6
    )
    kilos_per_m = both.section_m2 * both.density_kg_m3
    assert kilos_per_m == pytest.approx(2.4e-6 * nickel.density_kg_m3 + 0.8e-6 * 8960, rel=1e-6)
    assert both.conductivity_w_m_k == pytest.approx(
        (2.4 * nickel.conductivity_w_m_k + 0.8 * 401) / 3.2, rel=1e-6
    )
    assert laid_together(nickel, 2, None) == (nickel, 2)


def test_copper_under_the_links_is_cut_and_weighed_but_not_welded_again():
    bare, under = analyse(plain(), SHELF), analyse(plain(joining__link_under=COPPER), SHELF)
    links = [p for p in under.strips if p.under]
    assert {p.under for p in links} == {COPPER.name}
    assert {p.kind for p in links} == {StripKind.LINK, StripKind.PARALLEL}
    assert under.strip_stock_m[COPPER.name] == pytest.approx(sum(p.length_m for p in links))
    assert sum(under.measures.joints.values()) == sum(bare.measures.joints.values())
    assert under.pack.resistance_strips_ohm < bare.pack.resistance_strips_ohm
    added = sum(p.length_m for p in links) * COPPER.section_m2 * COPPER.density_kg_m3
    assert under.pack.mass_kg - bare.pack.mass_kg == pytest.approx(added)


def test_two_leads_share_the_current_and_the_collecting_strip_carries_less():
    one, two = solved(plain()), solved(two_leads())
    ends = two.layout.second_lead_cells
    assert 0 not in ends
    assert ends[0] != two.layout.lead_cells[0]

    def worst(metal):
        return max(s.current_a for s in metal.figures.segments if s.kind is StripKind.COLLECTOR)

    # A strip fed evenly by 4 cells and tapped at one end carries 3/4 in its last span, tapped at both ends 1/4.
    assert worst(one) == pytest.approx(0.75 * 25, rel=0.02)
    assert worst(two) == pytest.approx(0.25 * 25, rel=0.05)
    leads = two.state.current_a[two.work.of_leads]
    assert np.abs(leads).sum() == pytest.approx(2 * 25)
    # By symmetry each lead of a pole takes its half.
    assert np.abs(leads) == pytest.approx(12.5, rel=0.02)
    assert two.figures.resistance_ohm < one.figures.resistance_ohm


def test_two_leads_on_one_pad_are_one():
    design = plain()
    layout = layout_of(design)
    cell = layout.by_number[layout.lead_cells[0]]
    place = (cell.x_m + layout.origin_m[0], cell.y_m + layout.origin_m[1])
    assert layout_of(design.edited("arrangement.minus_also_m", place)).second_lead_cells == (0, 0)


def test_one_of_two_leads_gone_is_told():
    *_, (_, failures) = all_failures(solved(two_leads()), 10.0)
    gone = [f for f in failures if f.ref.startswith("lead:")]
    assert len(gone) == 4
    assert not any(f.opens for f in gone)
    assert all(f.share > 0.5 for f in gone)


def test_an_overloaded_collecting_strip_is_offered_a_second_lead_and_copper_under_it():
    nickel = part_named(SHELF, Strip, "pure nickel strip 0.15 × 8")
    design = plain(joining__collector_strip=nickel, joining__collector_layers=2, joining__link_layers=2)
    metal = solved(design)
    over = {s.kind for s in metal.figures.segments if s.share > 1}
    assert over == {StripKind.COLLECTOR}
    words = {fix.words for fix in _candidates(design, metal.layout, metal, SHELF)}
    assert any(w.startswith("Second leads of both poles") for w in words)
    assert any("copper strip 0.1 × 8 under the collecting strip" in w for w in words)
    *_, (_, fixes) = strip_fixes(design, metal.layout, metal, SHELF, RUN_S)
    assert fixes
    for fix in fixes:
        assert solved(fix.fix.applied(design)).figures.worst_share <= 1


def test_doubled_welds_halve_the_joint_and_are_no_longer_single():
    plain_metal, doubled = solved(plain()), solved(plain(joining__doubled=(3,)))
    assert doubled.joint_ohm[2] == pytest.approx(plain_metal.joint_ohm[2] / 2)
    *_, (_, failures) = all_failures(doubled, 10.0)
    assert "joint:3" not in {f.ref for f in failures}
    assert "joint:4" in {f.ref for f in failures}
    more = sum(analyse(plain(joining__doubled=(3,)), SHELF).measures.joints.values())
    assert more > sum(analyse(plain(), SHELF).measures.joints.values())
    words = " ".join(
        s.words
        for s in new_pack_steps(plain(joining__doubled=(3,)), analyse(plain(joining__doubled=(3,)), SHELF))
    )
    assert "Twice the weld pairs on cell 3" in words


def test_recorded_cells_and_joints_take_the_place_of_assumed_ones():
    design = plain()
    state = BuildState(cell_ohm={18: 0.09, 999: 0.5}, joint_ohm=(0.0004, 0.0006))
    known = as_measured(design, state)
    assert known.measured_ohm[17] == 0.09
    assert sum(known.measured_ohm) == 0.09
    assert known.joining.joint_ohm == pytest.approx(0.0005)
    assert solved(known).figures.cells[17].deviation == pytest.approx(
        solved(weak_cell()).figures.cells[17].deviation, abs=0.02
    )
    assert as_measured(design, BuildState()) is design


def test_the_end_of_a_collecting_strip_of_one_cell_is_judged():
    """A pack of single cells has no span of collecting strip: 30 A over a nickel strip of 0.1 × 5 is told all the same."""
    lantern = hay_loft_lantern(SHELF).with_edits(
        ("brief.current_steady_a", 30.0), ("brief.current_peak_a", 30.0)
    )
    thin = lantern.edited("joining.collector_strip", part_named(SHELF, Strip, "pure nickel strip 0.1 × 5"))
    metal = solved(thin)
    assert not [s for s in metal.figures.segments if s.kind is StripKind.COLLECTOR]
    told = [f.sentence for f in findings_of(_situation(thin, metal)) if f.code == "SR-2"]
    assert len(told) == 2
    assert "minus lead carries 30 A" in told[0]
    calm = solved(hay_loft_lantern(SHELF))
    assert "SR-2" not in {f.code for f in findings_of(_situation(hay_loft_lantern(SHELF), calm))}


def test_the_cell_that_carries_most_is_held_to_its_limit_and_not_the_even_part():
    """Three of four cells of group 5 resist five times as much: the fourth carries five eighths of 25 A (by hand: strips
    resist little), 15.6 A of its 10 A, though an even part is 6.25 A; at the peak of 45 A it is 28 A of 15 A."""
    ohms = [0.0] * 40
    layout = layout_of(orchard_hoist(SHELF))
    mates = [c.number for c in layout.group_cells(5)]
    for number in mates[1:]:
        ohms[number - 1] = 0.120
    design = orchard_hoist(SHELF).edited("measured_ohm", tuple(ohms))
    metal = solved(design)
    told = {f.code: f.sentence for f in findings_of(_situation(design, metal))}
    # Joints and strips take a little of it back.
    for code, by_hand in (("CE-1", 25 * 5 / 8), ("CE-3", 45 * 5 / 8)):
        found = re.match(rf"Cell {mates[0]} gives ([\d.]+) A", told[code])
        assert 0.92 * by_hand < float(found[1]) < by_hand, code
    even = {f.code for f in findings_of(_situation(orchard_hoist(SHELF), solved(orchard_hoist(SHELF))))}
    assert not even & {"CE-1", "CE-3"}
