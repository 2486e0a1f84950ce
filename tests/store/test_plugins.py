"""Plug-ins: a workshop's own package with parts, an importer and a rule, installed beside the program; and faulty ones."""

import json
import os
import subprocess
import sys
from pathlib import Path

import pytest

from firmcell import shop
from firmcell.core.base.refusal import Refusal
from firmcell.core.rules.table import PLUGGED, RULES, plugged
from firmcell.store import plugins as plugins_module
from firmcell.store.demo import make_demo
from firmcell.store.plugins import Plugins

PACKAGE = '''
from pathlib import Path
from firmcell import shop
from firmcell.store.demo import orchard_hoist
from firmcell.store.part_files import shipped_library

PARTS = Path(__file__).with_name("parts.toml")


def read(path):
    groups = int(path.read_text())
    if groups > 100:
        raise shop.Refusal(f"{path.name} asks for {groups} groups; 100 are the most.")
    return orchard_hoist(shipped_library()).with_edits(("serial", f"farm {10 // (groups - 13)}"))


IMPORTER = shop.Importer("the farm's own sheets", (".farm",), read)


@shop.rule("FARM-1", shop.Stage.BRIEF, shop.Severity.NOTE, reason="The mule is old.", source="our own measuring")
def heavy(situation):
    """Too heavy for the mule."""
    if situation.analysis.pack.mass_kg > 1.0:
        yield shop.Hit(f"The mule carries 1 kg; this is {situation.analysis.pack.mass_kg:.1f} kg.")


@shop.rule("FARM-2", shop.Stage.BRIEF, shop.Severity.NOTE, reason="None.", source="our own measuring")
def broken(situation):
    yield shop.Hit(str(1 / (situation.design.series - 10)))
'''
POINTS = """
[firmcell.parts]
own = farm_shop:PARTS
[firmcell.importers]
own = farm_shop:IMPORTER
[firmcell.rules]
own = farm_shop
"""


@pytest.fixture
def farm(tmp_path):
    """A folder of packages with the farm's own, and what runs the command line with it."""
    place = tmp_path / "packages"
    place.mkdir()
    (place / "farm_shop.py").write_text(PACKAGE, encoding="utf-8")
    part = next(p for p in shop_cells() if p.name.startswith("21700")).model_copy(
        update={"name": "21700 of the farm"}
    )
    from firmcell.store.part_files import part_to_toml

    (place / "parts.toml").write_text(part_to_toml(part), encoding="utf-8")
    install(place, POINTS)

    def run(*command):
        here = {**os.environ, "PYTHONPATH": str(place), "XDG_CACHE_HOME": str(tmp_path / "cache")}
        here["XDG_DATA_HOME"] = str(tmp_path / "data")
        done = subprocess.run(
            [sys.executable, "-m", "firmcell", *map(str, command)],
            env=here,
            capture_output=True,
            text=True,
            check=False,
        )
        assert "Traceback" not in done.stderr
        return done

    return place, run


def shop_cells():
    from firmcell.store.part_files import shipped_library

    return shipped_library().cells


def install(place: Path, points: str) -> None:
    about = place / "farm_shop-1.0.dist-info"
    about.mkdir(exist_ok=True)
    (about / "METADATA").write_text(
        "Metadata-Version: 2.1\nName: farm-shop\nVersion: 1.0\n", encoding="utf-8"
    )
    (about / "entry_points.txt").write_text(points, encoding="utf-8")


def test_a_rule_of_the_workshop_speaks_and_a_broken_one_says_so(farm, tmp_path):
    _, run = farm
    job = make_demo("orchard-hoist", tmp_path)
    told = json.loads(run("analyse", job, "--json").stdout)
    by_code = {f["code"]: f for f in told["findings"]}
    assert by_code["FARM-1"]["sentence"] == "The mule carries 1 kg; this is 2.9 kg."
    assert by_code["FARM-1"]["source"] == "our own measuring"
    assert "ZeroDivisionError" in by_code["FARM-2"]["sentence"]
    assert "is not known" in by_code["FARM-2"]["sentence"]


def test_a_file_of_the_workshop_becomes_a_job_or_a_sentence(farm, tmp_path):
    _, run = farm
    sheet = tmp_path / "hoist.farm"
    sheet.write_text("14", encoding="utf-8")
    made = run("import", sheet, "-o", tmp_path / "made.firmcell")
    assert made.returncode == 0, made.stderr
    with shop.open_job(tmp_path / "made.firmcell") as job:
        assert job.design.serial == "farm 10"
    sheet.write_text("300", encoding="utf-8")
    refused = run("import", sheet, "-o", tmp_path / "other.firmcell")
    assert refused.returncode == 3
    assert "hoist.farm asks for 300 groups" in refused.stderr
    sheet.write_text("13", encoding="utf-8")
    failed = run("import", sheet, "-o", tmp_path / "other.firmcell")
    assert "The importer for the farm's own sheets fails on hoist.farm (ZeroDivisionError" in failed.stderr
    assert not (tmp_path / "other.firmcell").exists()


def test_parts_of_the_workshop_are_in_the_library(farm, tmp_path):
    place, _ = farm
    asked = "from firmcell.store.part_files import load_library as of; print([c.name for c in of()[0].cells])"
    here = {**os.environ, "PYTHONPATH": str(place), "XDG_CACHE_HOME": str(tmp_path / "cache")}
    told = subprocess.run([sys.executable, "-c", asked], env=here, capture_output=True, text=True, check=True)
    assert "21700 of the farm" in told.stdout


def test_what_cannot_be_loaded_is_said_and_left_out(farm, tmp_path):
    place, run = farm
    job = make_demo("bee-house-scale", tmp_path)
    install(place, "[firmcell.rules]\ngone = no_such_module\n[firmcell.importers]\nodd = farm_shop:PARTS\n")
    os.utime(place, (1, 1))
    told = run("analyse", job)
    assert told.returncode in (0, 1)
    assert "The plug-in “gone” (no_such_module) could not be loaded: ModuleNotFoundError" in told.stderr
    assert (
        "“odd” (farm_shop:PARTS) could not be loaded: Refusal: it is no firmcell.shop.Importer" in told.stderr
    )


def test_a_search_is_believed_until_a_folder_of_packages_changes(tmp_path, monkeypatch):
    monkeypatch.setattr(plugins_module, "user_cache_path", lambda _: tmp_path / "cache")
    packages = tmp_path / "packages"
    packages.mkdir()
    monkeypatch.setattr(sys, "path", [str(packages)])
    seen = []
    monkeypatch.setattr(
        plugins_module, "_searched", lambda: seen.append(1) or [("firmcell.rules", "own", "a:b")]
    )
    assert (
        plugins_module.entry_points() == plugins_module.entry_points() == [("firmcell.rules", "own", "a:b")]
    )
    assert len(seen) == 1
    install(packages, POINTS)
    plugins_module.entry_points()
    assert len(seen) == 2
    (tmp_path / "cache" / "plugins.json").write_text("{", encoding="utf-8")
    plugins_module.entry_points()
    assert len(seen) == 3


def test_a_rule_has_a_code_of_its_own_kind():
    assert not any(PLUGGED.fullmatch(code) for code in RULES)
    for code in ("SR-1", "farm-1", "FARM1", "TOOLONGER-1"):
        with pytest.raises(Refusal, match="three to six capitals"):
            plugged(code, shop.Stage.BRIEF, shop.Severity.NOTE, reason="", source="")


def test_an_importer_is_found_by_its_suffix():
    own = shop.Importer("sheets", (".farm",), lambda path: None)
    assert Plugins(importers=(own,)).importer_of(Path("A.FARM")) is own
    assert Plugins(importers=(own,)).importer_of(Path("a.json")) is None


def test_a_name_that_changed_works_and_warns_until_it_goes(monkeypatch):
    monkeypatch.setitem(shop.RENAMED, "look_into", ("open_job", "1.0"))
    with pytest.warns(
        DeprecationWarning, match=r"look_into is called open_job now; the old name goes with version 1\.0"
    ):
        assert shop.look_into is shop.open_job
    with pytest.raises(AttributeError, match="did you mean open_job"):
        shop.open_jobs  # noqa: B018
