"""The commands: their output, exit codes and errors, as a Linux user expects."""

import importlib
import io
import json
import subprocess
import sys
import tomllib
from pathlib import Path

import pytest

from firmcell.cli.main import main
from firmcell.cli.parser import INSULATIONS_TAKEN
from firmcell.core.leads.insulation_class import INSULATIONS
from firmcell.core.model.job_details import JobKind
from firmcell.store.demo import make_demo
from firmcell.store.job_file import JobFile

BRIEF = {
    "title": "Sheep fence", "load_voltage_min": "10,5 V", "load_voltage_max": "14.8 V", "current_steady": "3 A",
    "current_peak": "6 A", "energy": "40 Wh", "box_length": "4 in", "box_width": "3 1/8 in", "box_height": "80 mm",
    "ambient_max": "95 °F",
}  # fmt: skip


@pytest.fixture
def path(tmp_path):
    return make_demo("orchard-hoist", tmp_path)


def run(capsys, *arguments):
    code = main([str(a) for a in arguments])
    out = capsys.readouterr()
    return code, out.out, out.err


def test_a_brief_that_nothing_meets_says_what_stops_it(capsys, tmp_path):
    impossible = {**BRIEF, "load_voltage_min": "1 V", "load_voltage_max": "1.1 V"}
    (tmp_path / "b.json").write_text(json.dumps(impossible))
    code, out, _ = run(capsys, "new", "--brief", tmp_path / "b.json", "-o", tmp_path / "n.firmcell")
    assert code == 0
    assert "findings stop it" in out


def test_analyse_in_words_and_json(capsys, path):
    code, out, err = run(capsys, "analyse", path)
    assert (code, err) == (0, "")
    assert "10INR22/71-4 (10S4P)" in out
    assert "ATTENTION BR-2" in out
    code, out, err = run(capsys, "analyse", path, "--json")
    report = json.loads(out)
    assert report["format"] == 2
    assert report["analysis"]["pack"]["energy_wh"] == pytest.approx(720)
    assert report["analysis"]["bms"]["taps"][10]["full_v"] == pytest.approx(42)
    assert {"code", "severity", "stage", "sentence", "reason", "source", "refs", "fix"} == set(
        report["findings"][0]
    )


def test_new_from_a_brief_with_units(capsys, tmp_path):
    (tmp_path / "b.json").write_text(json.dumps(BRIEF))
    code, out, _ = run(capsys, "new", "--brief", tmp_path / "b.json", "-o", tmp_path / "n.firmcell")
    assert code == 0
    assert "4S1P" in out
    with JobFile.open(tmp_path / "n.firmcell") as job:
        brief = job.latest().design().brief
    assert brief.box_width_m == pytest.approx(3.125 * 0.0254)
    assert brief.ambient_max_k == pytest.approx(308.15)
    fixed = {**BRIEF, "cell": "18650 iron phosphate 1.5 Ah"}
    (tmp_path / "c.json").write_text(json.dumps(fixed))
    assert run(capsys, "new", "--brief", tmp_path / "c.json", "-o", tmp_path / "m.firmcell")[0] == 0
    with JobFile.open(tmp_path / "m.firmcell") as job:
        assert job.latest().design().cell.size == "18650"


@pytest.mark.parametrize(
    ("change", "words"),
    [
        ({"current_steady": "3 V"}, "measures something else"), ({"current_steady": "3"}, "has no unit"),
        ({"current_steady": 3}, "has no unit"), ({"current_steady": "NaN A"}, "not a number"),
        ({"current_steady": ""}, "Nothing is entered"), ({"current_steady": "-3 A"}, "above 0"),
        ({"colour": "red"}, "unknown field “colour”"), ({"cell": "spoon"}, "no cell called “spoon”"),
        ({"current_peak": "1 A"}, "peak current must be at least"), ({"wet": "perhaps"}, "wet"),
    ],
)  # fmt: skip
def test_a_wrong_brief_is_one_sentence_and_leaves_nothing(capsys, tmp_path, change, words):
    (tmp_path / "b.json").write_text(json.dumps({**BRIEF, **change}))
    code, out, err = run(capsys, "new", "--brief", tmp_path / "b.json", "-o", tmp_path / "n.firmcell")
    assert (code, out) == (3, "")
    assert words in err
    assert err.startswith("firm-cell: ")
    assert err.count("\n") == 1
    assert not (tmp_path / "n.firmcell").exists()


@pytest.mark.parametrize(
    ("kind", "begins"), [("json", b"{"), ("csv", b"table,"), ("pdf", b"%PDF"), ("html", b"<!doctype")]
)
def test_export_to_every_format(capsys, path, tmp_path, kind, begins):
    assert run(capsys, "export", path, "--to", kind, tmp_path / "out")[0] == 0
    assert (tmp_path / "out").read_bytes().startswith(begins)
    assert not (tmp_path / "out.part").exists()


def test_export_json_and_import_it_again(capsys, path, tmp_path):
    run(capsys, "export", path, "--to", "json", tmp_path / "a.json")
    assert run(capsys, "import", tmp_path / "a.json", "-o", tmp_path / "b.firmcell")[0] == 0
    run(capsys, "export", tmp_path / "b.firmcell", "--to", "json", tmp_path / "b.json")
    assert (tmp_path / "a.json").read_text() == (tmp_path / "b.json").read_text()


def test_log_and_verify(capsys, path):
    code, out, _ = run(capsys, "log", path)
    assert code == 0
    assert "22 of 22 sample welds held" in out
    _, out, _ = run(capsys, "log", path, "--json")
    lines = [json.loads(line) for line in out.splitlines()]
    assert [e["seq"] for e in lines] == list(range(1, len(lines) + 1))
    code, out, _ = run(capsys, "verify", path)
    assert code == 0
    assert out.startswith(f"{path}: {len(lines)} records, ")
    assert "the chain holds\n  the chain: begun Firm Cell" in out
    assert "signed by this workshop's key" in out


def test_verify_fails_on_a_changed_record(capsys, path):
    import sqlite3

    other = sqlite3.connect(path)
    other.execute("DROP TRIGGER events_no_update")
    other.execute("UPDATE events SET person = 'somebody else' WHERE seq = 3")
    other.commit()
    other.close()
    code, _, err = run(capsys, "verify", path)
    assert code == 1
    assert "Record 3" in err


@pytest.mark.parametrize("command", ["analyse", "log", "verify"])
def test_missing_and_foreign_files(capsys, tmp_path, command):
    code, _, err = run(capsys, command, tmp_path / "none.firmcell")
    assert code == 3
    assert "There is no file" in err
    (tmp_path / "x").write_text("hello")
    assert "not a Firm Cell job" in run(capsys, command, tmp_path / "x")[2]


def test_export_to_a_place_that_cannot_be_written(capsys, path, tmp_path):
    code, _, err = run(capsys, "export", path, "--to", "csv", tmp_path / "no" / "out.csv")
    assert code == 3
    assert "does not exist" in err
    code, _, err = run(capsys, "export", path, "--to", "csv", "/dev/full/x")
    assert code == 3


def test_wrong_calls_exit_2_and_help_has_examples(capsys):
    for arguments in (["analyse"], ["export", "x", "--to", "png", "y"], ["--nonsense"]):
        with pytest.raises(SystemExit) as caught:
            main(arguments)
        assert caught.value.code == 2
    with pytest.raises(SystemExit) as caught:
        main(["--help"])
    assert caught.value.code == 0
    assert "examples:" in capsys.readouterr().out
    with pytest.raises(SystemExit):
        main(["new", "--help"])
    assert "example:" in capsys.readouterr().out


def test_brief_from_standard_input(capsys, tmp_path, monkeypatch):
    monkeypatch.setattr(sys, "stdin", io.StringIO(json.dumps(BRIEF)))
    assert run(capsys, "new", "--brief", "-", "-o", tmp_path / "n.firmcell")[0] == 0


def test_a_reader_that_goes_away_is_no_error(path):
    done = subprocess.run(
        f"{sys.executable} -m firmcell analyse {path} --json | head -n 1",
        shell=True,
        capture_output=True,
        text=True,
        check=False,
    )
    assert done.stdout == "{\n"
    assert "Traceback" not in done.stderr


def test_demo_names_are_checked(capsys, monkeypatch):
    monkeypatch.setenv("QT_QPA_PLATFORM", "offscreen")
    code, _, err = run(capsys, "--demo", "moon-base")
    assert code == 3
    assert "There is no demo job “moon-base”" in err


def test_shots_draw_every_stage(tmp_path):
    done = subprocess.run(
        [sys.executable, "-m", "firmcell", "shots", str(tmp_path)], capture_output=True, text=True, check=True
    )
    names = [line.rsplit("/", 1)[1] for line in done.stdout.splitlines()]
    assert len(names) == 19
    for name in names:
        assert (tmp_path / name).stat().st_size > 15_000


def test_wire_answers_in_the_shell(capsys):
    code, out, err = run(
        capsys, "wire", "--current", "30", "--length", "1.2 m", "--drop", "2%", "--ambient", "35C"
    )
    assert (code, err) == (0, "")
    assert "→ 12 AWG silicone" in out
    assert "limited by current" in out
    assert "NFPA 70 310.17 75 °C 35 A" in out
    code, out, _ = run(capsys, "wire", "--current", "30", "--length", "4 ft", "--drop", "0,7 V", "--json")
    answer = json.loads(out)
    assert answer["proposed"] in {w["wire"] for w in answer["wires"]}
    code, _, err = run(capsys, "wire", "--current", "9000", "--length", "1 m")
    assert code == 1
    assert "No wire in the part library" in err
    code, _, err = run(capsys, "wire", "--current", "zebra", "--length", "1 m")
    assert code == 2
    assert "zebra" in err


def test_lay_finds_places_and_export_writes_the_layout(capsys, path, tmp_path):
    outline = tmp_path / "tray.csv"
    outline.write_text("0,0\n260,0\n260,115\n0,115\n")
    code, out, err = run(
        capsys, "layout", path, "--outline", outline, "--lattice", "staggered", "--effort", "0.1"
    )
    assert (code, err) == (0, "")
    assert "40 cells placed, staggered" in out
    assert "impossible" in out
    for kind, head in (
        ("spice", b"* "),
        ("dxf", b"  0"),
        ("positions", b"cell,"),
        ("template", b"%PDF"),
        ("svg", b"<svg"),
        ("segments", b"segment,"),
    ):
        target = tmp_path / f"out.{kind}"
        assert run(capsys, "export", path, "--to", kind, target)[0] == 0
        assert target.read_bytes().startswith(head)
    outline.write_text("0,0\n1,1\n")
    code, _, err = run(capsys, "layout", path, "--outline", outline)
    assert code == 3
    assert "tray.csv" in err
    code, out, _ = run(capsys, "analyse", path, "--json")
    assert json.loads(out)["under_load"]["whole"] is True


@pytest.fixture
def made(tmp_path):
    def make(name):
        return make_demo(name, tmp_path)

    return make


def test_taps_from_the_shell_become_a_diagnosis(made, capsys):
    job = made("orchard-hoist")
    volts = [3.56 * n for n in range(1, 11)]
    volts[2], volts[3] = volts[3], volts[2]
    code, out, _ = run(capsys, "taps", job, *[f"{v:.2f}" for v in volts])
    assert code == 1
    assert out.startswith("Do not plug in. The leads of B3 and B4 are exchanged.")
    code, out, _ = run(capsys, "taps", job, *[f"{3.56 * n:.2f}" for n in range(1, 11)], "--json")
    assert code == 0
    assert json.loads(out)["right"]
    code, out, _ = run(capsys, "taps", job, "strip-B3:B3=7,1", "B3=3.56")
    assert code == 1
    assert "Next: from" in out


@pytest.mark.parametrize(
    ("reading", "words"),
    [("x", "not a number"), ("B99=3", "no point of this pack"), ("B1:=3", "no point of this pack")],
)
def test_odd_readings_get_one_sentence(made, capsys, reading, words):
    code, _, err = run(capsys, "taps", made("bee-house-scale"), reading)
    assert code == (2 if reading == "x" else 3)
    assert words in err
    assert err.count("\n") == 1


def test_a_job_of_any_kind_is_made_from_a_brief(tmp_path, capsys):
    brief = tmp_path / "brief.json"
    brief.write_text(
        '{"title": "w", "load_voltage_min": "10 V", "load_voltage_max": "15 V", "current_steady": "30 A", "current_peak": "50 A"}'
    )
    code, _, err = run(capsys, "new", "--brief", brief, "--kind", "umbrella", "-o", tmp_path / "x.firmcell")
    assert code == 2
    for kind in JobKind:
        assert kind.value.replace(" ", "-").lower() in err
    for kind in ("power-cable", "bms-retrofit"):
        path = tmp_path / f"{kind}.firmcell"
        assert run(capsys, "new", "--brief", brief, "--kind", kind, "-o", path)[0] == 0
        code, out, _ = run(capsys, "analyse", path, "--json")
        assert code == 0
        told = json.loads(out)
        assert told["kind"].lower() == kind.replace("-", " ")
        assert told["steps"]
        assert told["connectors"]


def test_analyse_says_nothing_of_a_pack_it_does_not_know(made, capsys):
    _, out, _ = run(capsys, "analyse", made("log-splitter-cable"))
    assert out.startswith("Log splitter cable: power cable")
    assert "10INR" not in out
    assert "1800 A" in out


@pytest.mark.parametrize(
    ("name", "field"),
    [("log-splitter-cable", "drop_v"), ("sprayer-lead-change", "left_m"), ("lamp-cell-bms", "length_m")],
)
def test_the_report_carries_the_figures_of_its_kind(made, capsys, name, field):
    told = json.loads(run(capsys, "analyse", made(name), "--json")[1])
    assert told["details"][field] > 0
    assert told["joint"]["iron_w"] > 0
    assert json.loads(run(capsys, "analyse", made("orchard-hoist"), "--json")[1])["details"] is None


def test_wire_takes_an_insulation(capsys):
    assert set(INSULATIONS_TAKEN) == {name.replace(" ", "-").lower() for name in INSULATIONS}
    code, out, _ = run(
        capsys,
        "wire",
        "--current",
        "30",
        "--length",
        "1.2 m",
        "--drop",
        "2%",
        "--ambient",
        "35C",
        "--insulation",
        "pvc-80",
    )
    assert code == 0
    assert "PVC 80; limited by" in out


@pytest.mark.parametrize("kind", ["wires", "wiring"])
def test_wiring_is_exported(made, tmp_path, capsys, kind):
    out = tmp_path / "out"
    assert run(capsys, "export", made("orchard-hoist"), "--to", kind, out)[0] == 0
    assert out.stat().st_size > 500


@pytest.mark.parametrize(
    "name", ["log-splitter-cable", "sprayer-lead-change", "barrow-machine-leads", "lamp-cell-bms"]
)
def test_the_passport_of_another_job_tells_what_it_is_about(made, tmp_path, capsys, name):
    out = tmp_path / "passport.html"
    assert run(capsys, "export", made(name), "--to", "html", out)[0] == 0
    text = out.read_text()
    if name != "lamp-cell-bms":
        assert "10INR22" not in text
        assert "A short drives" in text


def test_one_cell_is_told_as_it_becomes(made, capsys):
    code, out, _ = run(capsys, "analyse", made("lamp-cell-bms"))
    assert code == 0
    assert "18.9 mm thick, 68.4 mm long at most; the board adds 2.8 mm" in out
    for word in ("  lead", "  size", "  sag"):
        assert word not in out


def test_the_wheel_has_the_command_and_asks_for_what_meters_need(capsys, monkeypatch):
    project = tomllib.loads((Path(__file__).parents[2] / "pyproject.toml").read_text())["project"]
    assert {"pyserial", "pyusb"} <= set(project["dependencies"])
    module, _, name = project["scripts"]["firm-cell"].partition(":")
    monkeypatch.setattr(sys, "argv", ["firm-cell", "--version"])
    with pytest.raises(SystemExit) as ended:
        getattr(importlib.import_module(module), name)()
    assert ended.value.code == 0
    assert project["version"] in capsys.readouterr().out


def test_a_job_on_a_pack_that_is_there_keeps_its_counts(tmp_path, capsys):
    """`new` for a 6S pack proposed 5S, for a 4S1P 4S2P with a fuse added."""
    brief = tmp_path / "brief.json"
    brief.write_text('{"title": "lamp", "current_steady": "3 A", "current_peak": "5 A"}')
    made = tmp_path / "lamp.firmcell"
    told = ["--series", "6", "--cell", "unknown 18650", "--wire", "20 AWG silicone", "--fuse", "none"]
    code, out, err = run(capsys, "new", "--brief", brief, "--kind", "lead-change", "-o", made, *told)
    assert code == 0, err
    assert "6S1P" in out
    analysed = json.loads(run(capsys, "analyse", made, "--json")[1])
    assert "EX-1" in {f["code"] for f in analysed["findings"]}
    for wrong, words in (
        (["--series", "400", "--cell", "unknown 18650"], "at most 64"),
        (["--series", "6", "--cell", "unknown 99"], "no cell of size"),
        (["--series", "6"], "Name the cell"),
        (["--cell", "unknown 18650"], "give --series too"),
    ):
        code, _, err = run(
            capsys, "new", "--brief", brief, "--kind", "lead-change", "-o", tmp_path / "x.firmcell", *wrong
        )
        assert code == (2 if wrong[0] == "--cell" else 3)
        assert words in err
    code, _, err = run(capsys, "new", "--brief", brief, "-o", tmp_path / "x.firmcell", *told)
    assert "does not begin with a pack that is there" in err
