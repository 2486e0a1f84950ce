"""The Debian package, built twice and installed in a clean Debian up to its window. By hand: FIRMCELL_DEB=1 ./check tests/test_deb.py
(as root, some ten minutes, debootstrap and the package mirror)."""

import hashlib
import os
import subprocess
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[1]


@pytest.mark.slow
@pytest.mark.skipif(
    "FIRMCELL_DEB" not in os.environ, reason="takes ten minutes and a mirror; FIRMCELL_DEB=1 asks for it"
)
def test_one_commit_makes_one_package_and_it_starts_in_a_clean_debian(tmp_path):
    digests = []
    for _ in range(2):
        tree = tmp_path / "tree"
        subprocess.run(["rm", "-rf", str(tree)], check=True)
        subprocess.run(["git", "clone", "-q", str(ROOT), str(tree)], check=True)
        made = subprocess.run(["tools/build_deb.sh"], cwd=tree, capture_output=True, text=True, check=True)
        package = tree / made.stdout.splitlines()[-1]
        digests.append(hashlib.sha256(package.read_bytes()).hexdigest())
    assert digests[0] == digests[1]
    tried = subprocess.run(
        ["tools/try_deb.sh", str(package), str(tmp_path / "debian")],
        cwd=ROOT,
        capture_output=True,
        text=True,
        check=True,
    )
    assert "the window was painted" in tried.stdout
    assert "nothing is left after removing it" in tried.stdout
