"""What a job is built of, counted again from the picture of the pack and not from the list."""

import csv
import io
from math import ceil

import pytest

from firmcell.cli.main import main
from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.lay_out import laid_out
from firmcell.core.jobs.parts_list import parts_list
from firmcell.store import demo
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()


def listed(design):
    analysis = analyse(design, SHELF)
    return analysis, plan_of(design).steps(design, analysis)


def cut_lengths(text):
    """Lengths in mm as a builder reads them off the list."""
    found = []
    for part in text.split(", "):
        count, _, length = part.removesuffix(" mm").partition(" × ")
        found += [int(length)] * int(count)
    return sorted(found)


def test_the_hoists_parts_are_what_its_picture_shows():
    design = demo.orchard_hoist(SHELF)
    analysis, steps = listed(design)
    lines = {(line.what, line.name): line for line in parts_list(design, analysis, steps)}
    cells = lines["cells", "21700 high-energy 5.0 Ah"]
    assert (cells.count, cells.spare) == (40, 2), "a twentieth more: two of forty"
    assert cells.mass_kg == pytest.approx(40 * 0.069)
    nickel = lines["strip", "pure nickel strip 0.3 × 10"]
    pieces = [
        ceil(p.length_m * 1e3 - 1e-6)
        for p in analysis.strips
        if p.strip == nickel.name
        for _ in range(p.layers)
    ]
    assert cut_lengths(nickel.cut) == sorted(pieces)
    assert nickel.metres == pytest.approx(sum(cut_lengths(nickel.cut)) / 1e3, abs=len(pieces) * 1e-3)
    assert nickel.spare == pytest.approx(0.3 + 0.05 * nickel.metres)
    copper = next(line for line in lines.values() if "copper" in line.name)
    assert sum(cut_lengths(copper.cut)) / 1e3 == pytest.approx(copper.metres, abs=5e-3)
    sense = lines["wire", "24 AWG wire"]
    taps = [w.wire.length_m for w in analysis.wiring.wires if w.wire and w.wire.gauge == "24 AWG"]
    assert sense.metres == pytest.approx(sum(taps))
    assert len(cut_lengths(sense.cut)) == len(taps) >= 11, "eleven sense leads and the thermistor's"
    assert {"rings", "connector", "fuse", "board", "sleeve"} <= {what for what, _ in lines}
    assert laid_out(design, analysis, steps).parts == tuple(line.words for line in lines.values())


@pytest.mark.parametrize("name", sorted(demo.DEMO_JOBS))
def test_every_kind_of_job_has_its_list_as_a_file(name, tmp_path, capsys):
    path = demo.make_demo(name, tmp_path)
    assert main(["export", str(path), "--to", "parts", "-"]) == 0
    rows = list(csv.DictReader(io.StringIO(capsys.readouterr().out)))
    assert (
        list(rows[0])
        == ["what", "class", "pieces", "metres", "spare", "cut", "mass_kg", "price_each", "supplier"]
        if rows
        else True
    )
    for row in rows:
        assert bool(row["pieces"]) != bool(row["metres"]), "counted or measured"
        if row["cut"] and row["what"] != "strip":
            assert sum(cut_lengths(row["cut"])) / 1e3 == pytest.approx(float(row["metres"]), abs=0.02)
    kinds = {row["what"] for row in rows}
    if name in ("log-splitter-cable", "gate-charge-lead", "sprayer-lead-change"):
        assert not kinds & {"cells", "strip", "rings"}, "a lead holds no cells"
