"""`firm-cell match`: the cells of a drawer in groups, by text, CSV and JSON, and bad tables in a sentence each."""

import csv
import io
import json
from contextlib import suppress

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.cli.main import main
from firmcell.core.base.refusal import Refusal
from firmcell.core.records.events import StepPassed
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.matching import Stock, Wanted, matched
from firmcell.core.stock.matching_words import matching_words
from firmcell.register.register import Register
from firmcell.store.demo import bee_house_scale
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library
from firmcell.store.stock_csv import drawer_from_csv, groups_csv


@pytest.fixture
def drawer(tmp_path):
    random = np.random.default_rng(4)
    lines = ["serial;capacity mAh;resistance mΩ;first V;second V;days;group"]
    for n in range(26):
        capacity, ohm = f"{random.normal(2500, 50):.0f}", f"{random.normal(30, 3):.1f}".replace(".", ",")
        lines.append(
            f"HL-{n:02d};{capacity};{ohm};3,650;{3.650 - 0.0005 * n:.4f};30;{2 if n == 3 else ''}".replace(
                "3.6", "3,6"
            )
        )
    path = tmp_path / "cells.csv"
    path.write_text("\n".join(lines) + "\n", encoding="utf-8")
    return path


def test_a_drawer_becomes_groups(drawer, tmp_path, capsys):
    out = tmp_path / "groups.csv"
    asked = [
        "match",
        str(drawer),
        "--series",
        "6",
        "--parallel",
        "4",
        "--balance",
        "60 mA",
        "--csv",
        str(out),
    ]
    assert main(asked) == 0
    told = capsys.readouterr().out
    assert "2 cells left over" in told
    assert "60 mA need about" in told
    rows = list(csv.DictReader(io.StringIO(out.read_text(encoding="utf-8"))))
    assert len(rows) == 26
    assert next(r["group"] for r in rows if r["serial"] == "HL-03") == "2"
    assert [r["group"] for r in rows][-2:] == ["0", "0"]
    assert main([*asked, "--json"]) == 3
    assert "is there already" in capsys.readouterr().err
    assert main([*asked, "--json", "--force"]) == 0
    data = json.loads(capsys.readouterr().out)
    assert len(data["groups"]) == 6
    assert len(data["spares"]) == 2
    assert "HL-03" in data["groups"][1]
    assert data["bound_as"] <= data["spread_as"]


def test_what_is_alike_lets_resistances_be_evened_out(drawer, capsys):
    def shares(*more):
        assert main(["match", str(drawer), "--series", "6", "--parallel", "4", "--json", *more]) == 0
        data = json.loads(capsys.readouterr().out)
        cells = drawer_from_csv(drawer.read_text(encoding="utf-8"), "a")
        ohm = dict(zip(cells.serials, cells.stock.ohm, strict=True))
        groups = [1 / sum(1 / ohm[s] for s in group) for group in data["groups"]]
        return data["spread_as"] / np.mean(data["capacity_as"]), np.ptp(groups) / np.mean(groups)

    (close, apart), (loose, even) = shares(), shares("--alike", "1 %")
    assert close < loose <= 0.0101
    assert even < 0.5 * apart


@pytest.mark.parametrize(
    ("text", "said"),
    [
        ("", "is empty; a first line such as"),
        ("serial,mass\nA,3\n", "no column is headed “capacity”"),
        ("capacity\n3\n", "no column is headed “serial”"),
        ("serial,capacity Ah,capacity mAh\nA,3,3000\n", "two columns are headed “capacity”"),
        ("serial,capacity\nA,2.5\nA,2.4\n", "line 3: the serial “A” stands here a second time"),
        ("serial,capacity\nA,much\n", "line 2: "),
        ("serial,capacity\nA,-2\n", "a capacity is more than 0"),
        ("serial,capacity\n,2.5\n", "the cell has no serial"),
        ("serial,capacity,impedance mΩ\nA,2.5,20\n", "is an a.c. reading"),
        ("serial,capacity,group\nA,2.5,1.5\n", "no number of a group"),
        ("serial,capacity\n", "headings but no cell"),
    ],
)
def test_a_bad_table_is_a_sentence(text, said):
    with pytest.raises(Refusal, match=said):
        drawer_from_csv(text, "cells.csv")


def test_a_voltage_that_rises_at_rest_is_no_measure_of_loss():
    text = "serial,capacity,first,second,days\nA,2.5,3.9,3.95,7\nB,2.5,3.9,3.89,10\n"
    rising, falling = drawer_from_csv(text, "cells.csv").stock.loss_v_s
    assert np.isnan(rising)
    assert falling == pytest.approx(0.01 / (10 * 86400))


def test_wrong_calls(drawer, capsys):
    assert main(["match", str(drawer), "--series", "9", "--parallel", "4"]) == 3
    assert "26 of 26 cells are within the limits; 9S4P takes 36" in capsys.readouterr().err
    assert main(["match", str(drawer), "--series", "2", "--parallel", "2", "--alike", "40 %"]) == 2


@given(st.text(max_size=300))
def test_no_text_stops_the_reader(text):
    with suppress(Refusal):
        found = drawer_from_csv("serial,capacity\n" + text, "a.csv")
        assert len(found.serials) == len(set(found.serials)) >= 1


def test_words_tell_what_a_test_cannot_and_what_is_not_known():
    unknown = np.full(4, np.nan)
    words = " ".join(
        matching_words(
            matched(Stock(np.array([9000.0, 9010.0, 9020.0, 9030.0]), unknown, unknown), Wanted(2, 2))
        )
    )
    assert "A capacity test is good for about 0.5 %" in words
    assert "Resistances were not all measured" in words
    assert "What cells lose at rest was not measured of all of them" in words
    # 9000 against 6000 A·s: a sixth of the mean is the difference, half of it below.
    apart = matched(Stock(np.array([9000.0, 6000.0]), unknown[:2], unknown[:2]), Wanted(2, 1))
    told = " ".join(matching_words(apart))
    assert "40 % apart" in told
    assert "Less than 40 % cannot be had" in told
    assert "20 % of the content of the others" in told


def test_a_serial_that_a_spreadsheet_would_run_is_harmless():
    found = drawer_from_csv("serial,capacity\n=1+1,2.5\nB,2.4\n", "a")
    told = groups_csv(found, matched(found.stock, Wanted(1, 2)))
    assert "\n1,=1+1," not in told


def test_cells_of_the_register_go_into_a_job(tmp_path, monkeypatch, capsys):
    monkeypatch.setenv("FIRMCELL_REGISTER", str(tmp_path / "r.sqlite"))
    design = bee_house_scale(shipped_library())
    job = tmp_path / "scale.firmcell"
    JobFile.create(job, design, "Ada", "made for a test").close()
    rows = "".join(f"HF-{n},{design.cell.name},B{n % 2},{3.2 + n / 100}\n" for n in range(10))
    (tmp_path / "cells.csv").write_text("serial,class,drawer,capacity Ah\n" + rows)
    assert main(["stock", "import", str(tmp_path / "cells.csv"), "--quiet"]) == 0
    capsys.readouterr()
    assert main(["match", str(job), "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert sorted(told["serials"]) == sorted(told["groups"])
    with JobFile.open(job, read_only=True) as file:
        assert file.latest().design().cell_serials == ()
    assert main(["match", str(job), "--drawer", "B1"]) == 3
    assert "4S2P takes 8" in capsys.readouterr().err
    assert main(["match", str(job), "--save", "--person", "Ada"]) == 0
    out = capsys.readouterr().out
    assert "In a run at 1.5 A the pack gives" in out
    assert "group   1  place" in out
    with JobFile.open(job, read_only=True) as file:
        saved = file.latest()
        assert list(saved.design().cell_serials) == told["serials"]
        assert (saved.note, saved.person) == ("Take matched cells", "Ada")
    with Register() as register:
        here = {
            line.serial: line.place_group for line in register.lines() if line.place_kind is PlaceKind.JOB
        }
    assert here == told["groups"]
    with JobFile.open(job) as file:
        file.append(StepPassed(), "dry-fit", "Ada")
    assert main(["match", str(job), "--save"]) == 3
    assert "are set already" in capsys.readouterr().err
    for words, says in (
        ((str(job), "--series", "2"), "Of a job what is made is known"),
        ((str(tmp_path / "cells.csv"),), "--series and --parallel say"),
        ((str(tmp_path / "cells.csv"), "--series", "2", "--parallel", "2", "--save"), "--save is for a job"),
    ):
        assert main(["match", *words]) == 2
        assert says in capsys.readouterr().err
