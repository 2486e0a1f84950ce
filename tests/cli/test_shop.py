"""`firm-cell shop` from a terminal: parts in and out, what to buy, the day, what falls due."""

import csv
import io
import json

import pytest
from icalendar import Calendar

from firmcell.cli.main import main
from firmcell.store.demo import make_demo


@pytest.fixture
def shop(tmp_path, capsys):
    place = str(tmp_path / "shop.sqlite")

    def call(*arguments, code=0):
        assert main(["shop", *arguments, "--register", place]) == code
        return capsys.readouterr().out

    return call


@pytest.fixture
def jobs(tmp_path):
    folder = tmp_path / "jobs"
    make_demo("bee-house-scale", folder)
    make_demo("log-splitter-cable", folder)
    return folder


def test_parts_are_read_counted_and_written(shop, tmp_path):
    table = tmp_path / "parts.csv"
    table.write_text(
        'kind,class,there,place,least\nstrip,plated steel strip 0.15 × 8,4,rail 2,5\nfuse,"blade fuse 32 V, 5 A",12,D3,\n'
    )
    assert "comes in, 4 m" in shop("import", str(table), "--dry-run")
    assert "No part is in stock" in shop("parts")
    shop("import", str(table), "--person", "Ada")
    listed = shop("parts")
    assert "little left" in listed
    assert json.loads(shop("parts", "--json"))[0]["amount"] == 4.0
    rows = list(csv.DictReader(io.StringIO(shop("csv", "-"))))
    assert [r["there"] for r in rows] == ["4 m", "12"]
    shop("csv", str(tmp_path / "out.csv"))
    assert main(["shop", "csv", str(tmp_path / "out.csv"), "--register", str(tmp_path / "shop.sqlite")]) == 3
    assert shop("tools") == ""


def test_what_to_buy_is_counted_against_the_stock(shop, jobs, tmp_path):
    out = shop("buy", str(jobs))
    assert "to buy" in out.splitlines()[-1]
    (tmp_path / "p.csv").write_text('kind,class,there\nfuse,"blade fuse 32 V, 5 A",12\n')
    shop("import", str(tmp_path / "p.csv"))
    assert "blade fuse" in out
    assert "blade fuse" not in shop("buy", str(jobs))
    shop("buy", str(jobs), "-o", str(tmp_path / "list.pdf"))
    assert (tmp_path / "list.pdf").read_bytes().startswith(b"%PDF")
    rows = list(
        csv.DictReader(io.StringIO(shop("buy", str(jobs / "log-splitter-cable.firmcell"), "-o", "-")))
    )
    assert {r["jobs"] for r in rows} == {"Log splitter cable"}
    assert main(["shop", "buy"]) == 2


def test_the_day_is_planned_and_written_as_a_calendar(shop, jobs, tmp_path):
    out = shop("day", str(jobs), "--hours", "07:30-16:00", "--people", "2")
    assert "55 steps in 2 jobs, done" in out
    shop("day", str(jobs), "-o", str(tmp_path / "d.ics"))
    assert Calendar.from_ical((tmp_path / "d.ics").read_bytes()).walk("VEVENT")
    for hours in ("8-17", "17:00-08:00", "08:00-25:00", "08:70-09:00"):
        assert main(["shop", "day", str(jobs), "--hours", hours]) == 2
    assert shop("due", str(jobs)) == ""
