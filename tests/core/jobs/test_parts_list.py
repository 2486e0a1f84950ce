"""What a job is built of, counted again from the picture of the pack and not from the list."""

import csv
import io
from math import ceil

import pytest
from pypdf import PdfReader

from firmcell.cli.main import main
from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.lay_out import laid_out
from firmcell.core.jobs.parts_list import parts_list, priced
from firmcell.store import demo
from firmcell.store.csv_tables import parts_csv
from firmcell.store.part_files import shipped_library
from firmcell.store.parts_pdf import parts_pdf

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
        == ["what", "class", "pieces", "metres", "spare", "cut", "mass_kg", "price_each", "cost", "supplier"]
        if rows
        else True
    )
    assert main(["export", str(path), "--to", "parts-pdf", str(tmp_path / "p.pdf")]) == 0
    text = " ".join(" ".join(p.extract_text() for p in PdfReader(tmp_path / "p.pdf").pages).split())
    for row in rows:
        assert row["class"] in text.replace("- ", "-")
    for row in rows:
        assert bool(row["pieces"]) != bool(row["metres"]), "counted or measured"
        if row["cut"] and row["what"] != "strip":
            assert sum(cut_lengths(row["cut"])) / 1e3 == pytest.approx(float(row["metres"]), abs=0.02)
    kinds = {row["what"] for row in rows}
    if name in ("log-splitter-cable", "gate-charge-lead", "sprayer-lead-change"):
        assert not kinds & {"cells", "strip", "rings"}, "a lead holds no cells"


def test_what_parts_cost_is_counted_with_spares_and_what_has_no_price_is_told():
    """42 cells at 4.50, 24 AWG wire with a twentieth more at 0.80 a metre; by hand."""
    design = demo.orchard_hoist(SHELF)
    design = design.edited("cell", design.cell.model_copy(update={"price": 4.5}))
    design = design.edited("bms.sense_wire", design.bms.sense_wire.model_copy(update={"price": 0.8}))
    analysis, steps = listed(design)
    lines = parts_list(design, analysis, steps)
    by_what = {(line.what, line.name): line for line in lines}
    assert by_what["cells", "21700 high-energy 5.0 Ah"].cost == pytest.approx(42 * 4.5)
    sense = by_what["wire", "24 AWG wire"]
    assert sense.cost == pytest.approx(1.05 * sense.metres * 0.8)
    total = 189.0 + 1.05 * sense.metres * 0.8
    assert priced(lines) == (
        f"{total:.2f} with spares, in the money of the shop; {len(lines) - 2} parts without a price"
    )
    assert priced(()) == ""
    row = next(r for r in csv.DictReader(io.StringIO(parts_csv(lines))) if r["what"] == "cells")
    assert (row["price_each"], row["cost"]) == ("4.5", "189.00")
    text = " ".join(PdfReader(io.BytesIO(parts_pdf("hoist", lines))).pages[0].extract_text().split())
    assert "189.00" in text
    assert f"Together {total:.2f}" in text


@pytest.mark.parametrize("price", [-1.0, float("nan"), float("inf")])
def test_a_price_is_a_number_from_nothing_up(price):
    cell = demo.orchard_hoist(SHELF).cell
    with pytest.raises(ValueError, match="price"):
        type(cell).model_validate({**cell.model_dump(), "price": price})
