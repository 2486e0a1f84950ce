"""Random use of the window: memory does not grow, nothing blocks for long; half an hour in the long form."""

import subprocess
import sys

import pytest

from tests.faults.rounds import rounds


@pytest.mark.slow
def test_random_use_neither_grows_nor_fails():
    """In the short form six seconds only show that nothing fails; growth shows in the long one."""
    seconds = rounds(6, 1800)
    done = subprocess.run(
        [sys.executable, "-m", "tests.faults.soak", str(seconds), "5"],
        capture_output=True,
        text=True,
        timeout=seconds + 120,
        check=False,
    )
    print(done.stdout)
    assert done.returncode == 0, done.stderr[-2000:]
    assert "Traceback" not in done.stderr, done.stderr[-3000:]
    ratio = float(done.stdout.split("ratio ")[1].split()[0])
    assert ratio <= 1.3, done.stdout
