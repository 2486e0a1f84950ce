"""The wheel and the source package: everything is in them, and what is installed starts."""

import os
import subprocess
import sys
import tarfile
import zipfile
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[1]
BUILD = "from setuptools import build_meta as build; import sys; print(build.build_{}(sys.argv[1]))"


@pytest.fixture(scope="module")
def clean(tmp_path_factory):
    """The tree as it is committed, without what lies beside it."""
    place = tmp_path_factory.mktemp("tree")
    listed = subprocess.run(["git", "ls-files", "-z"], cwd=ROOT, capture_output=True, check=True).stdout
    for name in listed.decode().split("\0"):
        if name and (ROOT / name).is_file():
            (place / name).parent.mkdir(parents=True, exist_ok=True)
            (place / name).write_bytes((ROOT / name).read_bytes())
    return place


def built(what, tree, out):
    done = subprocess.run(
        [sys.executable, "-c", BUILD.format(what), str(out)],
        cwd=tree,
        capture_output=True,
        text=True,
        check=True,
    )
    return out / done.stdout.splitlines()[-1]


def tracked(tree, *, under=""):
    return {
        str(p.relative_to(tree))
        for p in (tree / under).rglob("*")
        if p.is_file() and "egg-info" not in str(p)
    }


@pytest.mark.slow
@pytest.mark.skipif(not (ROOT / ".git").exists(), reason="what belongs to the program is told by git")
def test_both_packages_are_whole_and_what_is_installed_starts(clean, tmp_path):
    mine = {name for name in tracked(clean) if not name.startswith("build/")}
    source = built("sdist", clean, tmp_path)
    with tarfile.open(source) as packed:
        inside = {name.partition("/")[2] for name in packed.getnames()}
        packed.extractall(tmp_path, filter="data")
    assert not {name for name in mine - inside if not name.startswith(".git")}
    tree = next(p for p in tmp_path.iterdir() if p.is_dir())
    wheel = built("wheel", tree, tmp_path)
    with zipfile.ZipFile(wheel) as packed:
        names = set(packed.namelist())
        packed.extractall(tmp_path / "installed")
    wanted = {name.removeprefix("src/") for name in mine if name.startswith("src/firmcell/")}
    assert not wanted - names
    points = next((tmp_path / "installed").glob("*.dist-info/entry_points.txt")).read_text(encoding="utf-8")
    assert "[console_scripts]\nfirm-cell = firmcell.__main__:run" in points
    assert "[gui_scripts]\nfirm-cell-window = firmcell.__main__:run" in points
    here = {
        **os.environ,
        "PYTHONPATH": str(tmp_path / "installed"),
        "XDG_DATA_HOME": str(tmp_path / "data"),
        "XDG_CONFIG_HOME": str(tmp_path / "config"),
        "XDG_CACHE_HOME": str(tmp_path / "cache"),
        "QT_QPA_PLATFORM": "offscreen",
        "FIRMCELL_QUIT_WHEN_PAINTED": "1",
    }
    where = "import firmcell; print(firmcell.__file__)"
    told = subprocess.run(
        [sys.executable, "-c", where], env=here, cwd=tmp_path, capture_output=True, text=True, check=True
    )
    assert told.stdout.startswith(str(tmp_path / "installed"))
    shown = subprocess.run(
        [sys.executable, "-m", "firmcell", "--language", "fr", "--demo"],
        env=here,
        cwd=tmp_path,
        capture_output=True,
        text=True,
        check=True,
    )
    assert "painted after" in shown.stdout
