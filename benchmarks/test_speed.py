"""Speed as ratios against a named reference in the same run.

    .venv/bin/python -m pytest benchmarks --benchmark-only

The reference is NumPy inverting a 400 × 400 matrix, done here ten times: what this machine does at this moment. Each
benchmark prints its median, and its ratio to the reference's.
"""

import statistics
import subprocess
import sys
import time

import numpy as np
import pytest

from firmcell.core import chemistry, design, layout, leads, stack, strips, taps
from firmcell.core.analysis import analyse
from firmcell.store.demo import orchard_hoist
from firmcell.store.parts import shipped_shelf

SHELF = shipped_shelf()
CACHED = [
    getattr(module, name)
    for module in (chemistry, design, layout, leads, stack, strips, taps)
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

    from firmcell.app.theme import base_font, load_fonts
    from firmcell.app.window import MainWindow
    from firmcell.core.findings import Stage
    from firmcell.store.jobfile import JobFile

    qapp.setStyle("Fusion")
    load_fonts()
    qapp.setFont(base_font())
    JobFile.create(tmp_path / "a.firmcell", big(series, parallel)).close()
    window = MainWindow(SHELF, QSettings(str(tmp_path / "s.ini"), QSettings.Format.IniFormat), tmp_path)
    window.show()
    window.open_path(tmp_path / "a.firmcell")
    window.go(Stage.METAL)
    qapp.processEvents()
    amps = iter(20 + n / 100 for n in range(10_000))

    def edit() -> None:
        window.session.edit("brief.current_steady_a", next(amps), "edit")
        window.view.repaint()

    benchmark.pedantic(edit, rounds=25, warmup_rounds=3)
    tell(benchmark, reference, f"an edit of {series}S{parallel}P to the painted window")
    window.close()


def test_start_to_painted_window(benchmark, reference, tmp_path):
    import os

    environment = {**os.environ, "XDG_DATA_HOME": str(tmp_path), "XDG_CONFIG_HOME": str(tmp_path),
                   "QT_QPA_PLATFORM": "offscreen", "FIRMCELL_QUIT_WHEN_PAINTED": "1"}  # fmt: skip
    said = []

    def start() -> None:
        done = subprocess.run(
            [sys.executable, "-m", "firmcell", "--demo"],
            env=environment,
            capture_output=True,
            text=True,
            check=True,
        )
        said.append(float(done.stdout.split("painted after ")[1].split()[0]))

    benchmark.pedantic(start, rounds=5, warmup_rounds=1)
    print(f"\ndemo job to painted window, from process start: median {statistics.median(said):.2f} s")
    tell(benchmark, reference, "the same with starting and ending the process")
