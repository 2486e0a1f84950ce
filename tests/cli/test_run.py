"""`firm-cell run`: what it prints and hands out, and what it refuses."""

import csv
import json

import pytest

from firmcell.cli.main import main
from firmcell.store.demo import make_demo


@pytest.fixture(scope="module")
def jobs(tmp_path_factory):
    folder = tmp_path_factory.mktemp("jobs")
    return {
        name: make_demo(name, folder) for name in ("orchard-hoist", "hay-loft-lantern", "sprayer-lead-change")
    }


def run(capsys, *arguments):
    code = main(["run", *(str(a) for a in arguments)])
    said = capsys.readouterr()
    return code, said.out, said.err


def test_the_words_of_a_run(jobs, capsys):
    code, out, _ = run(
        capsys,
        jobs["orchard-hoist"],
        "--current",
        "12A",
        "--from",
        "80%",
        "--ambient",
        "-10C",
        "--age",
        "half",
    )
    assert code == 0
    assert out.startswith("It ends after ")
    assert "the load gets no more than the 32.00 V it needs" in out
    assert "Cells of a class differ" in out


def test_json_holds_the_run_over_time(jobs, capsys):
    _, out, _ = run(capsys, jobs["orchard-hoist"], "--power", "200W", "--json")
    data = json.loads(out)
    assert data["format"] == 1
    columns = ("time_s", "voltage_v", "current_a", "temperature_max_k", "charge_min")
    assert len({len(data[name]) for name in columns}) == 1
    assert data["ended_by"] == "load cut-off"
    assert data["energy_j"] == pytest.approx(200 * data["time_s"][-1], rel=1e-3)
    assert data["voltage_v"][10] * data["current_a"][10] == pytest.approx(200.0, rel=1e-4)


def test_a_profile_in_and_a_table_out(jobs, capsys, tmp_path):
    profile = tmp_path / "p.csv"
    profile.write_text("time_min;power_w\n0;100\n2;400,5\n3;0\n", encoding="utf-8")
    out = tmp_path / "out.csv"
    assert run(capsys, jobs["orchard-hoist"], "--profile", profile, "--csv", out)[0] == 0
    rows = list(csv.DictReader(out.read_text(encoding="utf-8").splitlines()))
    assert float(rows[-1]["time_s"]) == pytest.approx(180.0)
    # Never over a file that is there.
    code, _, err = run(capsys, jobs["orchard-hoist"], "--profile", profile, "--csv", out)
    assert code == 3
    assert err.startswith("firm-cell: ")


def test_charges_and_the_duty(jobs, capsys):
    assert "the pack is full" in run(capsys, jobs["orchard-hoist"], "--charge", "--from", "50%")[1]
    assert "too cold to charge" in run(capsys, jobs["orchard-hoist"], "--charge", "--ambient", "-5C")[1]
    assert (
        "its clock ends the charge" in run(capsys, jobs["hay-loft-lantern"], "--charge", "--from", "10%")[1]
    )
    assert run(capsys, jobs["orchard-hoist"], "--duty", "--csv", "-")[1].startswith("time_s,")


@pytest.mark.parametrize(
    ("wrong", "words"),
    [
        (("--current", "0A"), "more than 0"),
        (("--current", "12V"), "use A"),
        (("--from", "140%"), "100 %"),
        (("--ambient", "warm"), "warm"),
    ],
)
def test_what_cannot_be_is_refused_in_a_sentence(jobs, capsys, wrong, words):
    code, _, err = run(capsys, jobs["orchard-hoist"], *wrong)
    assert code == 2
    assert words in err
    assert "Traceback" not in err


def test_a_job_without_a_pack_does_not_run(jobs, capsys):
    code, _, err = run(capsys, jobs["sprayer-lead-change"])
    assert code == 3
    assert "no pack" in err


def test_the_plan_of_a_charge(jobs, capsys, tmp_path):
    out = tmp_path / "plan.csv"
    assert run(capsys, jobs["orchard-hoist"], "--charge", "--from", "30%", "--plan", out)[0] == 0
    rows = list(csv.DictReader(out.read_text(encoding="utf-8").splitlines()))
    assert list(rows[0]) == ["time_s", "low_v", "high_v", "low_a", "high_a", "most_k"]
    assert [float(r["time_s"]) for r in rows[:3]] == [0.0, 60.0, 120.0]
    assert all(float(r["low_v"]) < float(r["high_v"]) for r in rows)
    code, _, said = run(capsys, jobs["orchard-hoist"], "--plan", "-")
    assert code != 0
    assert "give --charge as well" in said


def test_a_log_is_held_against_the_plan(jobs, capsys, tmp_path):
    plan, log = tmp_path / "plan.csv", tmp_path / "log.csv"
    charge = (jobs["orchard-hoist"], "--charge", "--from", "30%")
    run(capsys, *charge, "--plan", plan)
    rows = list(csv.DictReader(plan.read_text(encoding="utf-8").splitlines()))[::10]
    # Another order of columns, minutes, millivolts, as a logger might write it.
    lines = [
        f"{(float(r['low_v']) + float(r['high_v'])) / 2 * 1000:.0f};{float(r['time_s']) / 60:.2f};25,4"
        for r in rows
    ]
    log.write_text(
        "Voltage [mV];Time (min);Temperature (°C)\n".replace("Voltage [mV]", "mV") + "\n".join(lines)
    )
    code, out, _ = run(capsys, *charge, "--against", log)
    assert (code, out) == (0, f"All {len(rows)} readings lie within the plan.\n")
    log.write_text("time_s,voltage_v\n600,36.4\n1200,31.9\n")
    code, out, _ = run(capsys, *charge, "--against", log)
    assert code == 1
    assert "After 20 min it is at 31.90 V" in out
    log.write_text("time_s,voltage_v,temperature_c\n600,38.0,71\n")
    assert "a cell is at 71 °C" in run(capsys, *charge, "--against", log)[1]


@pytest.mark.parametrize(
    ("text", "right"),
    [
        ("", "holds no readings"),
        ("time_s,voltage_v\n", "holds no readings"),
        ("time_s,current_a\n1,2\n", "line 1: one column of voltage"),
        ("voltage_v,v,time_s\n1,2,3\n", "line 1: one column of voltage"),
        ("time_s,voltage_v\n60,many\n", "line 2: a number is wanted"),
        ("time_s,voltage_v\n60\n", "line 2: a number is wanted"),
    ],
)
def test_a_wrong_log_gets_a_sentence(jobs, capsys, tmp_path, text, right):
    log = tmp_path / "log.csv"
    log.write_text(text)
    code, _, said = run(capsys, jobs["orchard-hoist"], "--charge", "--from", "30%", "--against", log)
    assert code != 0
    assert right in said
