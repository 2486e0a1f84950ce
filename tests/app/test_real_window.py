"""The program as its own process: in a real window under Xvfb, killed while recording, and without a screen."""

import os
import re
import shutil
import signal
import subprocess
import sys
import time
from pathlib import Path

import pytest

from firmcell.app.start import check_screen
from firmcell.core.base.refusal import Refusal
from firmcell.store.job_file import JobFile

# Opens the window on a job, goes to Proof and records tap after tap through the page, saying each one it shows.
RECORDING = """
import sys
from pathlib import Path
from PySide6.QtCore import QSettings, QTimer
from PySide6.QtWidgets import QApplication
from firmcell.app.main_window import MainWindow
from firmcell.core.analysis.findings import Stage
from firmcell.store.part_files import shipped_library
app = QApplication([])
window = MainWindow(shipped_library(), QSettings(sys.argv[2], QSettings.Format.IniFormat), Path(sys.argv[1]).parent)
window.show()
assert window.opening.open_path(Path(sys.argv[1]))
window.go(Stage.TESTS)
page = window.page(Stage.TESTS)
count = 0
def record():
    global count
    tap = count % 10 + 1
    page._lines[tap - 1].setText(f"{tap * 3.56 + count / 10000:.4f}")
    page._lines[tap - 1].setModified(True)
    assert page.enter(tap), window.banner.text()
    count += 1
    print(count, flush=True)
timer = QTimer(); timer.timeout.connect(record); timer.start(1)
app.exec()
"""


def _environment(tmp_path: Path, **more: str) -> dict[str, str]:
    return {
        **os.environ,
        "HOME": str(tmp_path),
        "XDG_DATA_HOME": str(tmp_path),
        "XDG_CONFIG_HOME": str(tmp_path),
        **more,
    }


def test_sigkill_while_recording_loses_nothing_that_was_shown(job, tmp_path):
    path = job.path
    job.close()
    process = subprocess.Popen(
        [sys.executable, "-c", RECORDING, str(path), str(tmp_path / "s.ini")],
        stdout=subprocess.PIPE,
        text=True,
        env=_environment(tmp_path, QT_QPA_PLATFORM="offscreen"),
    )
    try:
        shown = [process.stdout.readline() for _ in range(23)]
    finally:
        process.send_signal(signal.SIGKILL)
    shown += process.stdout.readlines()
    process.wait()
    process.stdout.close()
    last = int([line for line in shown if line.endswith("\n")][-1])
    assert last >= 23
    with JobFile.open(path) as again:
        assert again.read_only_because is None
        events = again.events()
        assert len(events) >= last
        assert again.verify().fault is None
        for number, event in enumerate(events[:last]):
            assert event.data.tap == number % 10 + 1
            assert event.data.volts == pytest.approx((number % 10 + 1) * 3.56 + number / 10000)


@pytest.mark.window
def test_demo_opens_a_real_window(tmp_path):
    if shutil.which("Xvfb") is None:
        pytest.skip("Xvfb is not installed; ./check installs it when root")
    display = ":97"
    server = subprocess.Popen(
        ["Xvfb", display, "-screen", "0", "1024x640x24", "-nolisten", "tcp"], stderr=subprocess.DEVNULL
    )
    try:
        _wait(lambda: Path("/tmp/.X11-unix/X97").exists())
        environment = _environment(
            tmp_path, DISPLAY=display, QT_QPA_PLATFORM="xcb", FIRMCELL_QUIT_WHEN_PAINTED="1"
        )
        environment.pop("WAYLAND_DISPLAY", None)
        for arguments in (["--demo"], []):
            done = subprocess.run(
                [sys.executable, "-m", "firmcell", *arguments],
                env=environment,
                timeout=60,
                capture_output=True,
                text=True,
                check=False,
            )
            assert done.returncode == 0, done.stderr
            assert "painted after" in done.stdout
            # The desktop is smaller than the window would like to be.
            width, height = map(int, re.search(r"window (\d+) × (\d+)", done.stdout).groups())
            assert width <= 1024
            assert height <= 640
        assert (tmp_path / "firm-cell/demo/orchard-hoist.firmcell").exists()
    finally:
        server.terminate()
        server.wait()


def _wait(ready) -> None:
    for _ in range(200):
        if ready():
            return
        time.sleep(0.05)
    raise AssertionError("it did not come up in 10 s")


@pytest.mark.parametrize("display", ["", ":4711"])
def test_without_a_screen_it_says_so_and_names_what_to_do(tmp_path, display):
    environment = _environment(tmp_path)
    for name in ("QT_QPA_PLATFORM", "WAYLAND_DISPLAY", "DISPLAY"):
        environment.pop(name, None)
    if display:
        environment["DISPLAY"] = display
    done = subprocess.run(
        [sys.executable, "-m", "firmcell", "--demo"],
        env=environment,
        capture_output=True,
        text=True,
        check=False,
    )
    assert done.returncode == 3
    assert "there is no screen" in done.stderr
    assert "firm-cell analyse JOB" in done.stderr
    assert "Traceback" not in done.stderr


def test_screens_that_are_there_are_taken():
    check_screen({"WAYLAND_DISPLAY": "wayland-0"})
    check_screen({"QT_QPA_PLATFORM": "offscreen"})
    check_screen({"DISPLAY": "far.example:10.0"})
    with pytest.raises(Refusal):
        check_screen({})
