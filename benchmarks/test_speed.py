"""Speed as ratios against a named reference in the same run.

    .venv/bin/python -m pytest benchmarks --benchmark-only

The reference is NumPy inverting a 400 × 400 matrix, done here ten times: what this machine does at this moment. Each
benchmark prints its median, and its ratio to the reference's.
"""

import os
import re
import shutil
import statistics
import subprocess
import sys
import time
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from firmcell.core import jobs
from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.run_of_design import CellsAs, pack_in_time
from firmcell.core.bench import joint_order, live_map, places_told
from firmcell.core.bms import taps
from firmcell.core.cells import steady_trace
from firmcell.core.layout import cell_places, fit_in_space, series_parallel
from firmcell.core.layout.search import arrange, laid_out
from firmcell.core.leads import main_leads
from firmcell.core.leads.spice_netlist import spice_netlist
from firmcell.core.model import chemistry, design
from firmcell.core.physics import resistor_network
from firmcell.core.pictures.strip_colours import Shown, at_load, strip_paint
from firmcell.core.records.build_state import BuildState, StepState, StepStatus
from firmcell.core.run.demand import steady
from firmcell.core.run.engine import discharge
from firmcell.core.run.pack_in_time import PackInTime
from firmcell.core.strips import clearances, current_shares, made_of, network, pieces, runs, under_load
from firmcell.core.strips.failures import Scatter, all_failures, monte_carlo
from firmcell.core.tap_check.diagnosis import PackAsked
from firmcell.core.tap_check.doctor import diagnose
from firmcell.core.tap_check.faults import Fault, FaultKind
from firmcell.core.tap_check.practice_pack import faults_of, practice_pack
from firmcell.store.demo import hoist_in_rows, orchard_hoist
from firmcell.store.part_files import shipped_library

# Drawn without a screen, as the tests are.
os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
SHELF = shipped_library()
CACHED = [
    getattr(module, name)
    for module in (
        chemistry,
        clearances,
        design,
        fit_in_space,
        cell_places,
        main_leads,
        series_parallel,
        current_shares,
        pieces,
        runs,
        steady_trace,
        taps,
    )
    for name in dir(module)
    if hasattr(getattr(module, name), "cache_clear")
]


@pytest.fixture(scope="module")
def reference() -> float:
    matrix = np.random.default_rng(1).normal(size=(400, 400))
    times = []
    for _ in range(10):
        start = time.perf_counter()
        np.linalg.inv(matrix)
        times.append(time.perf_counter() - start)
    return statistics.median(times)


def tell(benchmark, reference: float, what: str) -> None:
    median = benchmark.stats.stats.median
    benchmark.extra_info["ratio"] = median / reference
    print(f"\n{what}: {median * 1e3:.1f} ms, {median / reference:.2f} × a 400 × 400 inverse")


def forget() -> None:
    for cached in CACHED:
        cached.cache_clear()


def big(series: int, parallel: int) -> design.Design:
    base = orchard_hoist(SHELF)
    return base.edited("series", series).edited("parallel", parallel).edited("arrangement.rows", parallel)


@pytest.mark.parametrize(("series", "parallel"), [(10, 4), (20, 10), (40, 25)])
def test_analyse_from_nothing(benchmark, reference, series, parallel):
    pack = big(series, parallel)
    benchmark.pedantic(lambda: analyse(pack, SHELF), setup=forget, rounds=20)
    tell(benchmark, reference, f"analyse {series}S{parallel}P, nothing remembered")


def test_analyse_after_an_edit(benchmark, reference):
    pack = big(10, 4)
    analyse(pack, SHELF)
    edits = iter(
        pack.edited("joining.welds_per_pad", n % 10 + 1).edited("cell_now_v", 3 + n / 1000)
        for n in range(10_000)
    )
    benchmark.pedantic(lambda edit: analyse(edit, SHELF), setup=lambda: ((next(edits),), {}), rounds=50)
    tell(benchmark, reference, "analyse 10S4P after an edit")


@pytest.mark.parametrize(("series", "parallel"), [(10, 4), (20, 10), (40, 25)])
def test_an_edit_shown(benchmark, reference, series, parallel, qapp, tmp_path):
    from PySide6.QtCore import QSettings

    from firmcell.app.main_window import MainWindow
    from firmcell.app.theme import base_font, load_fonts
    from firmcell.app.tidy import Tidy
    from firmcell.core.analysis.findings import Stage
    from firmcell.store.job_file import JobFile

    qapp.setStyle("Fusion")
    load_fonts()
    qapp.setFont(base_font())
    JobFile.create(tmp_path / "a.firmcell", big(series, parallel)).close()
    window = MainWindow(SHELF, QSettings(str(tmp_path / "s.ini"), QSettings.Format.IniFormat), tmp_path)
    window.show()
    window.opening.open_path(tmp_path / "a.firmcell")
    window.go(Stage.STRIPS)
    qapp.processEvents()
    # As in the program: garbage is looked for between edits.
    tidy = Tidy(window)
    amps = iter(20 + n / 100 for n in range(10_000))

    def edit() -> None:
        window.session.edit("brief.current_steady_a", next(amps), "edit")
        window.view.repaint()

    benchmark.pedantic(edit, rounds=25, warmup_rounds=3)
    tidy.end()
    tell(benchmark, reference, f"an edit of {series}S{parallel}P to the painted window")
    window.close()


def test_start_to_painted_window(benchmark, tmp_path):
    """In turn with a bare window, since the machine's speed drifts; the budget is two and a half times that window."""
    environment = {
        **os.environ,
        "XDG_DATA_HOME": str(tmp_path),
        "XDG_CONFIG_HOME": str(tmp_path),
        "QT_QPA_PLATFORM": "offscreen",
        "FIRMCELL_QUIT_WHEN_PAINTED": "1",
    }
    # Byte code compiled, as the set-up leaves it; a tree that was edited since would be compiled at every start.
    subprocess.run(
        [sys.executable, "-m", "compileall", "-q", "src"], cwd=Path(__file__).parents[1], check=True
    )
    ratios = []

    def seconds(*command: str) -> float:
        done = subprocess.run(
            [sys.executable, *command], env=environment, capture_output=True, text=True, check=True
        )
        return float(re.search(r"painted after ([0-9.]+) s", done.stdout)[1])

    def both() -> None:
        bare = seconds(str(Path(__file__).with_name("bare_window.py")))
        ratios.append(seconds("-m", "firmcell", "--demo") / bare)

    benchmark.pedantic(both, rounds=9, warmup_rounds=1)
    ratio = statistics.median(ratios[1:])
    benchmark.extra_info["ratio"] = ratio
    print(f"\ndemo job to painted window: {ratio:.2f} × a bare window")


# -- layout engine and metal ------------------------------------------------------------------------------


def in_box(series: int, parallel: int, length_m: float, width_m: float) -> design.Design:
    return hoist_in_rows(SHELF).with_edits(
        ("brief.space", "box"),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("brief.box_length_m", length_m),
        ("brief.box_width_m", width_m),
        ("series", series),
        ("parallel", parallel),
        ("arrangement.rows", parallel),
        ("bms.board", None),
    )


TRIANGLE = ((0.0, 0.0), (0.5, 0.0), (0.1, 0.45))


@pytest.mark.parametrize("case", ["10S4P box", "10S4P odd tray", "20S10P triangle", "40S25P box"])
def test_lay_out(benchmark, reference, case):
    pack = {
        "10S4P box": in_box(10, 4, 0.24, 0.11),
        "10S4P odd tray": hoist_in_rows(SHELF),
        "20S10P triangle": in_box(20, 10, 0.24, 0.11).with_edits(
            ("brief.space", "outline"), ("brief.outline_m", TRIANGLE)
        ),
        "40S25P box": in_box(40, 25, 0.9, 0.6),
    }[case]
    benchmark.pedantic(lambda: laid_out(arrange(pack, trials=False)), rounds=3, warmup_rounds=1)
    tell(benchmark, reference, f"lay out {case}")


def grid_network(series: int, parallel: int) -> resistor_network.Network:
    pack = hoist_in_rows(SHELF)
    grid = cell_places.lay_out(pack.cell, series, parallel, design.Arrangement(rows=parallel))
    per_metre = made_of.ohms_per_metre(grid, pack.joining)
    return network.metalwork(grid, runs.strip_runs(grid), per_metre, pack.cell.resistance_ohm).network


def fresh(network: resistor_network.Network) -> resistor_network.Network:
    return resistor_network.Network(
        network.nodes, network.ends, network.ohm, network.cell_ends, network.cell_ohm, network.poles
    )


@pytest.mark.parametrize(("series", "parallel"), [(10, 4), (20, 40), (100, 100)])
def test_circuit(benchmark, reference, series, parallel):
    network = grid_network(series, parallel)
    benchmark(lambda: resistor_network.solve(fresh(network), 3.6, 25.0))
    tell(benchmark, reference, f"circuit of {series * parallel} cells, from numbers to all currents")


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="no ngspice here")
def test_circuit_of_800_against_ngspice(tmp_path):
    """The named reference: ngspice on the same network in the same run, as a process, without its printing."""
    pack = in_box(20, 40, 0.9, 0.9)
    grid = cell_places.lay_out(pack.cell, 20, 40, pack.arrangement)
    solved = under_load.solve_under_load(pack, grid, 2400.0)
    text = spice_netlist(solved, analyse(pack, SHELF).leads, 3.6, 25.0, "800 cells").replace(
        "print all\n", ""
    )
    path = tmp_path / "800.cir"
    path.write_text(text)
    theirs, ours = [], []
    for _ in range(3):
        start = time.perf_counter()
        subprocess.run(["ngspice", "-b", str(path)], capture_output=True, check=False)
        theirs.append(time.perf_counter() - start)
        start = time.perf_counter()
        resistor_network.solve(fresh(solved.network), 3.6, 25.0)
        ours.append(time.perf_counter() - start)
    a, b = statistics.median(ours), statistics.median(theirs)
    print(f"\n800 cells: {a * 1e3:.1f} ms, ngspice {b * 1e3:.0f} ms, ratio {a / b:.4f}")


def test_all_failures_of_800(benchmark, reference):
    pack = in_box(20, 40, 0.9, 0.9)
    solved = under_load.solve_under_load(
        pack, cell_places.lay_out(pack.cell, 20, 40, pack.arrangement), 2400.0
    )
    benchmark.pedantic(lambda: list(all_failures(solved, 10.0)), rounds=3, warmup_rounds=1)
    tell(benchmark, reference, "every single failure of 800 cells")


def test_monte_carlo_of_10s4p(benchmark, reference):
    pack = in_box(10, 4, 0.24, 0.11)
    solved = under_load.solve_under_load(
        pack, cell_places.lay_out(pack.cell, 10, 4, pack.arrangement), 2400.0
    )
    benchmark.pedantic(lambda: list(monte_carlo(solved, Scatter(), 1000)), rounds=3, warmup_rounds=1)
    tell(benchmark, reference, "1000 packs of 10S4P with scattered cells")


@pytest.mark.parametrize(("series", "parallel"), [(10, 4), (20, 10), (40, 25)])
def test_heat_from_nothing(benchmark, reference, series, parallel):
    pack = big(series, parallel)
    grid = cell_places.lay_out(pack.cell, series, parallel, pack.arrangement)

    def solve() -> None:
        under_load._metal_state.cache_clear()
        under_load.solve_under_load(pack, grid, 2400.0)

    benchmark(solve)
    tell(benchmark, reference, f"metal with its heat, {series * parallel} cells")


def test_slider_to_bands_of_200(benchmark, reference):
    pack = big(20, 10)
    grid = cell_places.lay_out(pack.cell, 20, 10, pack.arrangement)
    solved = under_load.solve_under_load(pack, grid, 2400.0)
    axis = pack.arrangement.turn_axis
    benchmark(lambda: strip_paint(solved, at_load(solved, 22.0, 303.15), Shown.TEMPERATURE, axis))
    tell(benchmark, reference, "slider to coloured bands, 200 cells (without painting)")


@pytest.mark.parametrize("series", [10, 24, 32])
def test_tap_doctor(benchmark, reference, series):
    """An answer for any single fault or pair; asked is under 100 ms. A pair is the slowest, since no single fault explains it."""
    cell = hoist_in_rows(SHELF).cell
    asked = PackAsked(series, cell, 3.6)
    table = faults_of(asked)
    swapped = table.faults.index((Fault(FaultKind.SWAPPED, (2, series - 2)),))
    empty = table.faults.index((Fault(FaultKind.EMPTY, (series // 2,)),))
    readings = practice_pack(asked, swapped, 1, empty).readings()
    benchmark.pedantic(diagnose, (readings, asked), rounds=10, warmup_rounds=1)
    tell(benchmark, reference, f"tap doctor, two faults, {series} groups")


# -- the run ------------------------------------------------------------------------------------------------


def ready(pack: design.Design, scatter: float = 0.0) -> PackInTime:
    analysis = analyse(pack, SHELF)
    metal = under_load.solve_under_load(pack, analysis.layout, 3600.0)
    return pack_in_time(pack, analysis, metal, CellsAs(scatter=scatter))


def test_a_whole_discharge(benchmark, reference):
    pack = ready(orchard_hoist(SHELF))
    benchmark.pedantic(lambda: discharge(pack, steady(10.0), 1.0, 298.15), rounds=10, warmup_rounds=1)
    tell(benchmark, reference, "10S4P from full to the load's cut-off, every cell by itself")


def test_an_hour_of_800_cells(benchmark, reference):
    pack = ready(big(20, 40).with_edits(("bms.board", None), ("leads.fuse", None)), scatter=0.03)
    pack = replace(pack, limits=replace(pack.limits, load_least_v=None, cell_most_k=400.0))
    benchmark.pedantic(lambda: discharge(pack, steady(100.0, lasts_s=3600.0), 1.0, 298.15), rounds=3)
    tell(benchmark, reference, "20S40P for an hour, cells scattered by 3 %")


# -- at the bench -------------------------------------------------------------------------------------------


@pytest.mark.parametrize(("series", "parallel"), [(10, 4), (20, 10)])
def test_live_map_in_the_middle_of_a_build(benchmark, reference, series, parallel):
    """Asked is under 50 ms at 200 cells, with two places told."""
    pack = big(series, parallel)
    analysis = analyse(pack, SHELF)
    plan = jobs.plan_of(pack)
    bench = plan.on_bench(pack, analysis, jobs.steps_of(pack, analysis))
    joints = [step.code for step in bench.steps if step.joins]
    at = len(joints) // 2
    state = BuildState(steps={code: StepState(StepStatus.PASSED) for code in joints[:at]})

    def told() -> None:
        live_map.mapped.cache_clear()
        live_map.live_map(bench, state, joints[at])
        places_told.TwoPlaces(bench, state, joints[at]).told("B0", f"B{series // 2}")

    benchmark(told)
    tell(benchmark, reference, f"live map and two places, {series * parallel} cells")


@pytest.mark.parametrize(("series", "parallel"), [(10, 4), (20, 5), (32, 4)])
def test_order_of_joints(benchmark, reference, series, parallel):
    """Asked is under 2 s at 20S5P."""
    pack = big(series, parallel)
    analysis = analyse(pack, SHELF)
    chain, first = joint_order.chain_and_first(pack, analysis.layout, analysis.strips)
    benchmark.pedantic(lambda: joint_order.least_exposed(chain, first), rounds=5)
    tell(benchmark, reference, f"order of joints, {series}S{parallel}P")
