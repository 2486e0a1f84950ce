"""What a job is built of, counted again from the picture of the pack and not from the list."""

import csv
import io
from math import ceil

import pytest
from pypdf import PdfReader

from firmcell.cli.main import main
from firmcell.core.analysis.analyse import analyse
from firmcell.core.changes.first_design import propose
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.lay_out import laid_out
from firmcell.core.jobs.parts_list import parts_list, priced, used_in
from firmcell.core.jobs.parts_used import Used
from firmcell.core.jobs.shopping import JobWants, cut_words, iron_words, shopping
from firmcell.core.leads.soldering import joint_work
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import CellForm
from firmcell.core.stock.things import ToolInShop
from firmcell.core.stock.tool_entries import ToolIs, ToolKind
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
    sense = lines["wire", "24 AWG silicone"]
    taps = [w.wire.length_m for w in analysis.wiring.wires if w.wire and w.wire.gauge == "24 AWG"]
    assert sense.metres == pytest.approx(sum(taps))
    assert len(cut_lengths(sense.cut)) == len(taps) >= 11, "eleven sense leads and the thermistor's"
    assert {"rings", "connector", "fuse", "board", "sleeve"} <= {what for what, _ in lines}
    told = laid_out(design, analysis, steps)
    joint_sleeves = [line for line in lines.values() if line.name == "6.4 mm 2:1 sleeve"]
    assert told.parts == tuple(line.words for line in lines.values() if line not in joint_sleeves)
    assert told.first[0].startswith("4 pieces of 6.4 mm 2:1 sleeve"), "both cups, both sides of the fuse"


ASKED_BY_HAND = {
    # Counted from the steps of each kind as a builder would, not from the list.
    "sprayer-lead-change": {
        ("connector", "keyed twin-bullet 3.5 mm"): 1,
        ("fuse", "blade fuse 58 V, 20 A"): 1,
    },
    "barrow-machine-leads": {
        ("connector", "bare bullet pair 4 mm"): 3,
        ("connector", "keyed twin-bullet 4.5 mm"): 1,
    },
    "lamp-cell-bms": {
        ("rings", "insulator ring for 18650"): 1,
        ("rings", "insulator disc for 18650"): 1,
        ("board", "lithium-ion BMS 1S 5 A"): 1,
    },
    "torch-re-sleeve": {("rings", "insulator ring for 18650"): 4},
    "gate-charge-lead": {
        ("connector", "keyed twin-bullet 3.5 mm"): 1,
        ("connector", "bare bullet pair 4 mm"): 1,
        ("fuse", "blade fuse 32 V, 10 A"): 1,
    },
    "pond-wet-jacket": {
        ("connector", "keyed twin-bullet 2 mm"): 1,
        ("other", "end plate 45 × 15 × 6 mm"): 2,
        ("other", "sealant, 2 ml in all"): 1,
    },
    "log-splitter-cable": {
        ("lug", "crimp lug 50 mm² (1/0 AWG), M10"): 3,
        ("lug", "crimp lug 50 mm² (1/0 AWG), M8"): 3,
        ("fuse", "bolted fuse 80 V, 200 A"): 1,
    },
}


@pytest.mark.parametrize("name", sorted(ASKED_BY_HAND))
def test_each_kind_of_job_asks_for_what_its_steps_build_in_and_for_nothing_else(name):
    """A list that tells to buy a fuse for a torn wrap, or none of the lugs of a cable, is no list."""
    design = demo.DEMO_JOBS[name][1](SHELF)
    lines = parts_list(design, *listed(design))
    assert {(line.what, line.name): line.count for line in lines if line.count} == ASKED_BY_HAND[name]


def test_sleeves_of_single_cells_are_cut_for_each():
    design = demo.torch_re_sleeve(SHELF)
    sleeve = next(line for line in parts_list(design, *listed(design)) if line.what == "sleeve")
    # Half of π × 18.2 mm is 28.6 mm: 29.5 flat; 65 mm and two lips, a little more for shrinking along.
    assert sleeve.name == "cell sleeve 29.5 mm flat"
    assert len(sleeve.cuts) == 4
    assert all(0.070 < cut < 0.085 for cut in sleeve.cuts)


@pytest.mark.parametrize("name", sorted(demo.DEMO_JOBS))
def test_every_wire_is_cut_in_one_step_and_every_strip_joined_in_one(name):
    design = demo.DEMO_JOBS[name][1](SHELF)
    analysis, steps = listed(design)
    used = used_in(design, analysis, steps)
    assert {u.step for u in used} <= {s.code for s in steps}
    made = {w for s in steps for w in (*s.wires, *s.begins)}
    if any(u.what == "wire" for u in used):
        cut = sorted(c for u in used if u.what == "wire" for c in u.cuts)
        wanted = sorted(w.wire.length_m for w in analysis.wiring.wires if w.id in made)
        assert cut == pytest.approx(wanted)
    if any(s.code.startswith("weld-") for s in steps) and "re-sleeve" not in name and "cell-bms" not in name:
        strip: dict[str, float] = {}
        for u in used:
            if u.what == "strip" and not u.spoilt:
                strip[u.name] = strip.get(u.name, 0.0) + u.much
        assert strip == pytest.approx(analysis.strip_stock_m, rel=0.01)


def test_screws_of_a_screwed_pack_are_in_the_list():
    cell = next(c for c in SHELF.cells if c.form is CellForm.PRISMATIC)
    brief = demo.bee_house_scale(SHELF).brief.model_copy(update={"box_length_m": 0.0})
    design = propose(brief, SHELF, cell).edited("joining.joined_by", JoinedBy.SCREW)
    analysis, steps = listed(design)
    screws = [line for line in parts_list(design, analysis, steps) if line.what == "screws"]
    assert len(screws) == 1, "one thread"
    assert screws[0].count == 2 * design.cell_count, "one in each terminal: a link is one bar over two"


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
    sense = by_what["wire", "24 AWG silicone"]
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


def test_an_iron_that_is_too_weak_for_the_leads_is_told():
    """10 AWG and a 4.5 mm bullet ask for 80 W by the joint's own figures; the shop's stronger iron counts."""
    design = demo.orchard_hoist(SHELF)
    _, steps = listed(design)
    asked = joint_work(design.leads.wire, design.leads.outlet, design.leads.length_m).iron_class_w
    assert asked == 80

    def told(*watts):
        tools = [
            ToolInShop(key="1" * 32, is_=ToolIs(tool=ToolKind.IRON, name="i", watts=w), told_by="1" * 32)
            for w in watts
        ]
        return iron_words(design, steps, tools)

    assert told(60.0, 40.0) == "Its leads ask for an iron of 80 W; the shop's strongest has 60 W."
    assert told(60.0, 100.0) == told(80.0) == told() == told(None) == ""
    cable = demo.log_splitter_cable(SHELF)
    assert (
        iron_words(
            cable,
            listed(cable)[1],
            [
                ToolInShop(
                    key="1" * 32, is_=ToolIs(tool=ToolKind.IRON, name="i", watts=10.0), told_by="1" * 32
                )
            ],
        )
        == ""
    ), "it is crimped"


def test_what_is_cut_from_a_length_and_what_is_bought_are_one_figure():
    # By hand: 4 × 31 + 2 × 18 = 160 mm, 300 mm for samples, a twentieth of 160 mm spare: 468 mm, so 0.47 m.
    used = (
        Used("join", "strip", "pure nickel strip 0.1 × 5", cuts=(0.031,) * 4 + (0.018,) * 2),
        Used("samples", "strip", "pure nickel strip 0.1 × 5", cuts=(0.3,), spoilt=True),
    )
    (each,) = shopping([JobWants("lamp", used, {})], (), {})
    assert each.buy == pytest.approx(0.47)
    assert cut_words(each, ()) == ("From the 0.47 m bought: 4 × 31 mm, 2 × 18 mm; 310 mm left",)
