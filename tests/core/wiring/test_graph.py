"""The wiring of random designs over every arrangement: nothing past the board, every wire made once, readings as ngspice says."""

import random
import re
import shutil
import subprocess

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.changes.by_hand import second_terminal
from firmcell.core.jobs import PLANS, as_job, steps_of
from firmcell.core.layout.cell_places import lay_out
from firmcell.core.layout.search import arrange
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import LeadEnds, Pole
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import ChargePort, SenseJoined, SwitchSide
from firmcell.core.wiring.graph import EdgePart, NodeKind
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import CI, cases

SHELF = shipped_library()
DESIGNS = cases(320)


pytestmark = pytest.mark.slow
"""Many random designs, each with its wiring solved."""


def random_design(rng: random.Random):
    """A pack in one of the arrangements in use; what it is made of does not matter here, how it is wired does."""
    series, parallel = rng.randint(1, 16), rng.randint(1, 4)
    pack = hoist_in_rows(SHELF).with_edits(
        ("brief.space", SpaceShape.BOX),
        ("brief.outline_m", ()),
        ("brief.blocked", ()),
        ("series", series),
        ("parallel", parallel),
        ("arrangement.rows", parallel),
    )
    cell = rng.choice([c for c in SHELF.cells if c.form.value == "round"])
    plugs = rng.sample(SHELF.connectors, 3)
    fuse = rng.choice([None, *SHELF.fuses])
    edits = [
        ("cell", cell),
        ("cell_now_v", cell.nominal_v),
        ("leads.connector", plugs[0]),
        ("leads.second_connector", rng.choice([None, None, plugs[2]])),
        ("leads.charge_connector", rng.choice([None, plugs[1]])),
        ("leads.ends", rng.choice(list(LeadEnds))),
        ("leads.fuse", fuse),
        ("leads.fuse_in", rng.choice(list(Pole))),
        ("bms.sense_fuses", rng.random() < 0.3),
        ("bms.balance_plug", rng.random() < 0.4),
    ]
    board = rng.choice([*[None] * 6, *SHELF.boards])
    if board is not None:
        names = [rng.choice(("B", "C", "VC", "S")) + str(n) for n in range(series + 1)]
        prefix = names[0][:-1]
        names = [f"{prefix}{n}" for n in range(series + 1)]
        if rng.random() < 0.4:
            names[0] = "B-"
        if rng.random() < 0.3:
            names[-1] = "B+"
        if rng.random() < 0.3 and series > 2:
            names = names[1:]
        if rng.random() < 0.3 and series > 2:
            names = names[:-1]
        if rng.random() < 0.4:
            names.reverse()
        board = board.model_copy(
            update={
                "series": series,
                "pads": ", ".join(names),
                "switch_side": rng.choice(list(SwitchSide)),
                "charge_port": rng.choice(list(ChargePort)),
                "sense_joined": rng.choice(list(SenseJoined)),
                "temperature_sensors": rng.choice((0, 1, 2)),
            }
        )
    edits.append(("bms.board", board))
    pack = pack.with_edits(*edits)
    if parallel > 1 and rng.random() < 0.3:
        layout = lay_out(pack.cell, series, parallel, pack.arrangement)
        other = next(c for c in layout.cells if c.group == 1 and c.number != layout.lead_cells[0])
        pack = pack.with_edits(*second_terminal(pack, False, other.x_m, other.y_m).edits)
    return pack


@pytest.fixture(scope="module")
def designs():
    rng = random.Random(12)
    made = [random_design(rng) for _ in range(DESIGNS)]
    return [(d, analyse(d, SHELF)) for d in made]


def switches(wiring):
    return {e.id for e in wiring.of(EdgePart.BMS)}


def test_the_designs_cover_every_arrangement(designs):
    kinds = {node.kind for _, a in designs for node in a.wiring.nodes}
    assert {
        NodeKind.TAP, NodeKind.STRIP_END, NodeKind.JOINT, NodeKind.BOARD_PAD, NodeKind.FUSE_END, NodeKind.SENSE_PIN,
        NodeKind.BALANCE_PIN, NodeKind.CUP, NodeKind.CONTACT, NodeKind.SENSOR, NodeKind.STUD,
    } <= kinds  # fmt: skip
    boards = [d.bms.board for d, _ in designs]
    assert sum(b is None for b in boards) > 1
    assert {(b.switch_side, b.charge_port) for b in boards if b} == {
        (s, p) for s in SwitchSide for p in ChargePort
    }
    assert {d.leads.fuse_in for d, _ in designs if d.leads.fuse} == set(Pole)
    assert any("lead.-.2" in a.wiring.by_id for _, a in designs)


def test_the_current_reaches_every_connector_and_only_through_the_board(designs):
    for design, analysis in designs:
        wiring = analysis.wiring
        outlets = [n for n in ("load", "load2", "charge") if f"{n}.+" in wiring.by_id]
        whole = wiring.reached("B0")
        for outlet in outlets:
            assert whole[f"{outlet}.+"] - whole[f"{outlet}.-"] == pytest.approx(
                design.series * design.cell_now_v
            )
            if design.bms.board is None:
                continue
            cut = wiring.reached("B0", switches(wiring))
            assert (f"{outlet}.+" in cut) != (f"{outlet}.-" in cut), "past the board"
            sign = "+" if design.bms.board.switch_side is SwitchSide.HIGH else "-"
            assert f"{outlet}.{sign}" not in cut
            way = wiring.path("B0" if sign == "-" else f"B{design.series}", f"{outlet}.{sign}")
            by = [e.id for e in way if e.part is EdgePart.BMS]
            separate = design.bms.board.charge_port is ChargePort.SEPARATE
            assert by == ["bms.charge switch" if outlet == "charge" and separate else "bms.switch"]


def test_the_fuse_lies_in_every_way_of_its_pole(designs):
    for design, analysis in designs:
        if design.leads.fuse is None:
            continue
        wiring = analysis.wiring
        sign, node = ("+", f"B{design.series}") if design.leads.fuse_in is Pole.PLUS else ("-", "B0")
        cut = wiring.reached(node, {"fuse"})
        assert not [n for n in ("load", "load2", "charge") if f"{n}.{sign}" in cut]


def test_no_pad_of_the_plug_is_left_out_and_each_sense_pin_reads_its_tap(designs):
    for design, analysis in designs:
        wiring = analysis.wiring
        volts = wiring.reached("B0")
        board = design.bms.board
        if board is None:
            pins = {
                n.id: int(n.id.rpartition(".")[2]) for n in wiring.nodes if n.kind is NodeKind.BALANCE_PIN
            }
        else:
            printed = [name.strip() for name in board.pads.split(",")]
            meant = {
                p: design.series if n == "B+" else 0 if n == "B-" else int(re.sub(r"\D", "", n))
                for p, n in enumerate(printed)
            }
            pins = {f"bms.pad.{p}": tap for p, tap in meant.items()}
        for pin, tap in pins.items():
            assert volts[pin] == pytest.approx(tap * design.cell_now_v), (pin, tap)


def test_two_wires_never_share_a_number_a_name_or_an_end_of_a_plug(designs):
    for _, analysis in designs:
        wires = analysis.wiring.wires
        assert [e.wire.number for e in wires] == list(range(1, len(wires) + 1))
        assert len({e.id for e in wires}) == len(wires)
        names = [e.wire.name for e in wires]
        assert len(set(names)) == len(names), names
        pins = [e.end for e in wires if ".pin." in e.end or e.end.startswith("balance.")]
        assert len(set(pins)) == len(pins)


# -- steps ------------------------------------------------------------------------------------------------


def made_by(steps):
    return [wire for step in steps for wire in step.wires]


def test_every_wire_is_made_by_exactly_one_step(designs):
    for design, analysis in designs:
        made = made_by(steps_of(design, analysis))
        assert sorted(made) == sorted(e.id for e in analysis.wiring.wires)


@pytest.mark.parametrize("kind", list(JobKind))
def test_every_wire_of_every_kind_is_made_by_exactly_one_step(kind, designs):
    for design, _ in designs[:: 12 if CI else 8]:
        job = as_job(design, kind, SHELF)
        analysis = analyse(job, SHELF)
        made = made_by(PLANS[kind].steps(job, analysis))
        assert sorted(made) == sorted(e.id for e in analysis.wiring.wires), kind
        kinds = {node.kind for node in analysis.wiring.nodes}
        assert kinds & {NodeKind.TAP, NodeKind.TERMINAL, NodeKind.STUD}


# -- readings against a circuit simulator -------------------------------------------------------------------


def spice(designs, closed: bool) -> str:
    """All designs as one netlist: each node with a prefix, each pack's minus at 0 V, 1 kΩ across every outlet if the board is open."""
    lines = ["* wiring of random designs"]
    for n, (_, analysis) in enumerate(designs):

        def name(node: str, n: int = n) -> str:
            return f"d{n}_" + re.sub(r"\W", lambda m: {"+": "p", "-": "m"}.get(m[0], "_"), node)

        wiring = analysis.wiring
        lines.append(f"Vref{n} {name('B0')} 0 0")
        used = {"B0"}
        for k, edge in enumerate(wiring.edges):
            if not closed and edge.part is EdgePart.BMS:
                continue
            used |= {edge.start, edge.end}
            a, b = name(edge.start), name(edge.end)
            if edge.part is EdgePart.CELL:
                lines.append(f"V{n}_{k} d{n}_x{k} {a} {edge.volts!r}")
                lines.append(f"R{n}_{k} d{n}_x{k} {b} {max(edge.ohm, 1e-9)!r}")
            else:
                lines.append(f"R{n}_{k} {a} {b} {max(edge.ohm, 1e-6)!r}")
        for k, node in enumerate(sorted(used)):
            lines.append(f"Rl{n}_{k} {name(node)} 0 1e12")
        if not closed:
            for outlet in ("load", "load2", "charge"):
                if f"{outlet}.+" in wiring.by_id:
                    lines.append(f"Rout{n}_{outlet} {name(f'{outlet}.+')} {name(f'{outlet}.-')} 1000")
    return "\n".join([*lines, ".op", ".end"]) + "\n"


def solved(netlist: str, tmp_path) -> dict[str, float]:
    path = tmp_path / "wiring.cir"
    path.write_text(netlist.replace(".op\n", ".control\nset width=200\nop\nprint all\n.endc\n"))
    done = subprocess.run(["ngspice", "-b", str(path)], capture_output=True, text=True, check=False)
    return {m[1]: float(m[2]) for m in re.finditer(r"^(d\d+_\w+) = (\S+)$", done.stdout, re.M)}


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is not installed")
def test_what_a_meter_reads_is_what_ngspice_says(designs, tmp_path):
    volts = solved(spice(designs, True), tmp_path)
    compared = 0
    for n, (_, analysis) in enumerate(designs):
        for node, expected in analysis.wiring.reached("B0").items():
            key = f"d{n}_" + re.sub(r"\W", lambda m: {"+": "p", "-": "m"}.get(m[0], "_"), node).lower()
            assert volts[key] == pytest.approx(expected, abs=1e-4), (n, node)
            compared += 1
    assert compared > 30 * DESIGNS


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is not installed")
def test_with_the_boards_switches_open_no_load_draws_anything(designs, tmp_path):
    boarded = [(d, a) for d, a in designs if d.bms.board is not None]
    volts = solved(spice(boarded, False), tmp_path)
    for n, (_, analysis) in enumerate(boarded):
        for outlet in ("load", "load2", "charge"):
            if f"{outlet}.+" in analysis.wiring.by_id:
                across = volts[f"d{n}_{outlet}_p"] - volts[f"d{n}_{outlet}_m"]
                assert abs(across) < 1e-3, (n, outlet)


def test_without_a_board_a_reading_says_so_and_lead_jobs_have_a_wiring_too():
    pack = hoist_in_rows(SHELF).edited("bms.board", None)
    assert not list(analyse(pack, SHELF).wiring.of(EdgePart.BMS))
    cable = as_job(pack, JobKind.POWER_CABLE, SHELF)
    wiring = analyse(cable, SHELF).wiring
    volts = wiring.reached("source.-")
    assert volts["load.+"] == pytest.approx(cable.cable.source_v)


def test_a_host_plug_stands_in_for_the_connector_and_brings_its_thermistor():
    plug = next(c for c in SHELF.connectors if "host plug" in c.name)
    holder = as_job(hoist_in_rows(SHELF), JobKind.HOLDER_PACK, SHELF).edited("holder.host_plug", plug)
    analysis = analyse(holder, SHELF)
    wiring = analysis.wiring
    assert wiring.by_id["cup.load.+"].label.startswith(plug.name)
    assert [e.end for e in wiring.wires if e.id == "ntc.host"] == ["load.ntc"]
    assert "load.ntc" not in wiring.reached("B0"), "the host's sensor is not in the circuit"
    made = made_by(PLANS[JobKind.HOLDER_PACK].steps(holder, analysis))
    assert sorted(made) == sorted(e.id for e in wiring.wires)


def test_two_modules_are_joined_by_leads_that_the_joining_steps_make():
    split = hoist_in_rows(SHELF).with_edits(
        ("series", 6), ("parallel", 3), ("arrangement.rows", 3), ("brief.outline_m", ()), ("brief.blocked", ()),
        ("brief.space", SpaceShape.BOX), ("brief.box_length_m", 0.3), ("brief.box_width_m", 0.2),
        ("arrangement.split_gap_m", 0.03),
    )  # fmt: skip
    for progress in arrange(split, trials=False):
        laid = progress
    design = split.edited("arrangement", laid.arrangement)
    analysis = analyse(design, SHELF)
    bridges = [e for e in analysis.wiring.wires if e.id.startswith("bridge.")]
    assert bridges
    assert sorted(made_by(steps_of(design, analysis))) == sorted(e.id for e in analysis.wiring.wires)
    volts = analysis.wiring.reached("B0")
    assert volts["load.+"] - volts["load.-"] == pytest.approx(6 * design.cell_now_v)
    cut = analysis.wiring.reached("B0", {e.id for e in bridges} | switches(analysis.wiring))
    assert f"B{design.series}" not in cut
