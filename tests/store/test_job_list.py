"""The jobs of a folder, in the store and on the command line."""

import json
import shutil

import pytest
from pydantic import ValidationError

from firmcell.cli.main import main
from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import StepPassed
from firmcell.store.demo import hay_loft_lantern, make_demo
from firmcell.store.job_file import JobFile
from firmcell.store.job_list import job_files, line_of, lines_of
from firmcell.store.part_files import shipped_library

LIBRARY = shipped_library()


@pytest.fixture(scope="module")
def made(tmp_path_factory):
    """Two jobs, one in a folder of its own, one that is damaged, and what is no job."""
    folder = tmp_path_factory.mktemp("jobs")
    make_demo("orchard-hoist", folder)
    make_demo("log-splitter-cable", folder / "cables" / "2026")
    (folder / "broken.firmcell").write_bytes(b"not a job" * 200)
    (folder / "notes.txt").write_text("x")
    (folder / ".hidden.firmcell").write_bytes(b"x")
    return folder


@pytest.fixture
def folder(made, tmp_path):
    return shutil.copytree(made, tmp_path / "jobs")


def test_every_job_of_a_folder_has_a_line_and_a_damaged_one_says_why(folder):
    assert [p.name for p in job_files(folder)] == [
        "broken.firmcell",
        "orchard-hoist.firmcell",
        "log-splitter-cable.firmcell",
    ]
    before = {p: p.read_bytes() for p in job_files(folder)}
    *_, lines = lines_of(folder, LIBRARY)
    broken, hoist, cable = lines
    assert "broken.firmcell" in broken.at
    assert (broken.stands, broken.title) == ("cannot be read", "")
    assert (hoist.title, hoist.what, hoist.stops, hoist.passed) == ("Orchard hoist", "10S4P", 1, 8)
    assert hoist.at == f"8 of {hoist.steps}, next: B4: join group 4 to group 5"
    assert hoist.stands == "1 stop", "a cell gets too warm: told by the heat, as in the window"
    assert cable.what == "", "a cable has no pack"
    assert cable.kind == "power cable"
    assert {p: p.read_bytes() for p in job_files(folder)} == before
    assert {p.name for p in folder.iterdir()} == {
        "orchard-hoist.firmcell",
        "cables",
        "broken.firmcell",
        "notes.txt",
        ".hidden.firmcell",
    }


def test_a_job_that_is_open_elsewhere_is_listed_as_it_is_on_disk(folder):
    path = folder / "orchard-hoist.firmcell"
    with JobFile.open(path) as job:
        job.append(StepPassed(), "weld-bottom-N4", "Wren")
        line = line_of(path, LIBRARY)
    assert line.passed == 8, "passed without its record proves nothing"
    assert not line.fault


def test_what_is_no_folder_or_holds_too_much_is_refused(folder, monkeypatch):
    with pytest.raises(Refusal, match="is not a folder"):
        job_files(folder / "notes.txt")
    monkeypatch.setattr("firmcell.store.job_list.MOST_JOBS", 2)
    with pytest.raises(Refusal, match="more than 2 jobs"):
        job_files(folder)


def test_the_command_line_lists_them(folder, capsys):
    assert main(["list", str(folder)]) == 0
    out = capsys.readouterr().out
    assert out.count("\n") == 3
    assert "Orchard hoist 10S4P" in out
    assert main(["list", str(folder), "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert [line["passed"] for line in told] == [0, 8, 0]
    assert main(["list", str(folder / "gone")]) == 3
    assert "is not a folder" in capsys.readouterr().err


@pytest.mark.parametrize(
    ("typed", "kept"), [("24.12.2026", "2026-12-24"), ("2026-12-24", "2026-12-24"), ("", "")]
)
def test_a_promised_day_is_kept_in_one_way(typed, kept):
    assert hay_loft_lantern(shipped_library()).edited("brief.promised", typed).brief.promised == kept


def test_what_is_no_day_is_told():
    with pytest.raises(ValidationError, match=r"“12/24” is no day; 2026-12-24 or 24\.12\.2026 is right"):
        hay_loft_lantern(shipped_library()).edited("brief.promised", "12/24")
