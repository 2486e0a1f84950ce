"""Commands load no more than they need: the log of a job is read in the time Python and pydantic take to start."""

import os
import subprocess
import sys

import pytest

SAY = """
import sys
from firmcell.cli.main import main
assert main(sys.argv[1:]) == 0
print("loaded", *sorted(m for m in sys.modules if m.startswith(("firmcell.", "PySide6", "numpy", "scipy", "shapely"))))
"""


@pytest.mark.parametrize("command", ["log", "verify"])
def test_log_and_verify_load_no_analysis_and_no_window(job, command):
    path = job.path
    job.close()
    done = subprocess.run(
        [sys.executable, "-c", SAY, command, str(path)], capture_output=True, text=True, check=True
    )
    loaded = done.stdout.splitlines()[-1].split()
    assert "firmcell.store.job_file" in loaded
    rooms = {name.split(".")[2] for name in loaded if name.startswith("firmcell.core.")}
    assert rooms <= {"base", "geometry", "model", "records"}, rooms
    assert not [name for name in loaded if name.startswith(("firmcell.app", "PySide6", "scipy"))]


def test_the_window_loads_all_that_needs_no_qt_before_qt():
    """Qt's Python layer reads the source of each module imported after it, 0.2 ms a module."""
    say = """
import sys, firmcell.app.start as start
class Stop(Exception): pass
class Finder:
    def find_spec(self, name, path=None, target=None):
        if name.startswith("PySide6"): raise Stop
sys.meta_path.insert(0, Finder())
try: start.run_window(None, None)
except Stop: print(*sys.modules)
"""
    done = subprocess.run([sys.executable, "-c", say], capture_output=True, text=True, check=True)
    assert {"firmcell.core.jobs", "firmcell.core.analysis.analyse", "firmcell.store.part_files"} <= set(
        done.stdout.split()
    )


def test_the_first_window_loads_no_solver_it_does_not_need(tmp_path):
    """SciPy takes 0.2 s to load, shapely 60 ms, numpy.ma (by np.unique) 18 ms; the demo of 40 cells needs none of them."""
    say = """
import atexit, sys
atexit.register(lambda: print("loaded", *sys.modules))
from firmcell.cli.main import main
main(["--demo"])
"""
    environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "FIRMCELL_QUIT_WHEN_PAINTED": "1"}
    done = subprocess.run(
        [sys.executable, "-c", say], capture_output=True, text=True, check=True, env=environment
    )
    loaded = next(line for line in done.stdout.splitlines() if line.startswith("loaded")).split()
    assert "firmcell.app.main_window" in loaded
    assert not {"scipy", "shapely", "numpy.ma", "networkx", "pyqtgraph"} & set(loaded)


def test_modules_imported_after_qt_are_not_read_for_features_that_none_wants():
    say = """
import builtins, inspect, sys
import PySide6.QtWidgets, firmcell.app.start as start
read = []
inspect.getsource = lambda module: read.append(module.__name__) or ""
import colorsys
start._import_without_features()
import wave
print(*read)
"""
    done = subprocess.run([sys.executable, "-c", say], capture_output=True, text=True, check=True)
    assert "colorsys" in done.stdout, "PySide reads no module any more: nothing is left to spare"
    assert "wave" not in done.stdout
