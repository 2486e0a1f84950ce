"""The way of the current and what a meter reads on it, for random designs of every arrangement, against ngspice and by hand."""

import re
import shutil
import subprocess

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.jobs import PLANS, as_job, steps_of
from firmcell.core.jobs.readings import not_there
from firmcell.core.model.design import Pole
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.parts import ChargePort, SwitchSide
from firmcell.core.pictures.way_table import routes, way_tables
from firmcell.core.wiring.current_way import charge_outlet, loop_of, way_of
from firmcell.core.wiring.graph import EdgePart
from firmcell.core.wiring.solved import pin_groups
from firmcell.store.demo import hoist_in_rows
from tests.core.wiring.test_graph import SHELF, designs  # noqa: F401

NGSPICE = pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is not installed")
COLD_K = 293.15


pytestmark = pytest.mark.slow
"""Many random designs, each with its wiring solved."""


def spice_name(prefix, node):
    return prefix + re.sub(r"\W", lambda m: {"+": "p", "-": "m"}.get(m[0], "_"), node).lower()


def run(lines, tmp_path):
    path = tmp_path / "way.cir"
    tail = [
        ".options reltol=1e-9 abstol=1e-12 vntol=1e-12",
        ".control",
        "set width=200",
        "op",
        "print all",
        ".endc",
        ".end",
    ]
    path.write_text("\n".join(["* ways of current", *lines, *tail]) + "\n")
    done = subprocess.run(["ngspice", "-b", str(path)], capture_output=True, text=True, check=False)
    return {m[1]: float(m[2]) for m in re.finditer(r"^(\w+) = (\S+)$", done.stdout, re.M)}


@NGSPICE
def test_the_loop_is_what_ngspice_finds_of_the_netlist(designs, tmp_path):  # noqa: F811
    """One ampere through the wiring with all cells, strips and the board's switches of no resistance: what is lost is the loop."""
    lines, expected = [], {}
    for n, (_, analysis) in enumerate(designs):
        wiring = analysis.wiring
        for outlet in ("load", "charge"):
            if f"{outlet}.+" not in wiring.by_id:
                continue
            p = f"d{n}{outlet}_"
            lines.append(f"V{p} {spice_name(p, f'{outlet}.-')} 0 0")
            reached = wiring.reached(f"{outlet}.-")
            for k, e in enumerate(wiring.edges):
                if e.start in reached:
                    left_out = (EdgePart.CELL, EdgePart.BMS, EdgePart.STRIP, EdgePart.JOINT)
                    gone = e.part in left_out or e.id.startswith("bridge.")
                    ohm = 1e-10 if gone else max(e.ohm, 1e-10)
                    lines.append(f"R{p}{k} {spice_name(p, e.start)} {spice_name(p, e.end)} {ohm!r}")
            lines.append(f"I{p} 0 {spice_name(p, f'{outlet}.+')} 1")
            expected[spice_name(p, f"{outlet}.+")] = wiring, outlet
    found = run(lines, tmp_path)
    assert len(expected) > 1.5 * len(designs)
    ohm_per_m = {id(a.wiring): d.leads.wire.resistance_ohm_per_m for d, a in designs}
    for node, (wiring, outlet) in expected.items():
        loop = loop_of(wiring, outlet)
        # Where a pole has two leads the tails left out here shift a little current from one to the other.
        two = any(f"lead.{s}.2" in wiring.by_id for s in "-+")
        assert loop.metres * ohm_per_m[id(wiring)] + loop.ohm == pytest.approx(
            found[node], rel=0.02 if two else 1e-3
        ), node


def test_what_the_pieces_lose_is_what_the_leads_are_said_to_lose(designs):  # noqa: F811
    for design, analysis in designs[::5]:
        leads, amps = analysis.leads, design.brief.current_steady_a
        copper = min(leads.temperature_k, design.leads.wire.insulation_limit_k)
        pieces = way_of(analysis.wiring, "load", amps, copper, 0.1)
        inside = ("cells and strips", "switch of the board", "joint", "tail of the collecting strip")
        outside = [p for p in pieces if p.words not in inside]
        # Heat is exact; drops of two leads side by side both stand in the table.
        assert sum(p.heat_w for p in outside) == pytest.approx(leads.heat_steady_w, rel=1e-6)
        inside = next(p for p in pieces if p.words == "cells and strips")
        assert (inside.start, inside.end) == ("B0", f"B{design.series}")
        assert inside.current_a == pytest.approx(amps)


def test_the_current_goes_through_the_boards_switch_of_its_direction(designs):  # noqa: F811
    for design, analysis in designs[::3]:
        if design.bms.board is None:
            continue
        wiring = analysis.wiring
        separate = design.bms.board.charge_port is ChargePort.SEPARATE
        out = [p.start for p in way_of(wiring, "load", 1.0, COLD_K, 0.1) if p.ref == "board"]
        back = [p.end for p in way_of(wiring, charge_outlet(wiring), 1.0, COLD_K, 0.1) if p.ref == "board"]
        assert len(out) == len(back) == 1
        assert back[0].startswith("bms.C") == separate


def test_the_table_of_the_hoist_by_hand():
    """25 A: the fuse of 40 A (1 mΩ holder, 2.5 mΩ element) loses 87.5 mV, a contact of 0.4 mΩ 10 mV, the board's 5 mΩ 125 mV."""
    hoist = hoist_in_rows(SHELF)
    out, back = way_tables(hoist, analyse(hoist, SHELF))
    told = {row[0]: row for _, row in out.rows}
    assert told["fuse"][2] == "87.5 mV"
    assert told["contact connector +"][2] == "10 mV"
    assert told["board B− to P−"][2] == "125 mV"
    assert [row[0] for _, row in out.rows].index("cells and strips B0 to B10") in range(4, 8)
    assert "the same connector" in back.title


def test_a_cable_and_a_machine_have_a_way_of_their_own():
    pack = hoist_in_rows(SHELF)
    for kind, piece in ((JobKind.POWER_CABLE, "source"), (JobKind.MACHINE_LEADS, "contact connector −")):
        job = as_job(pack, kind, SHELF)
        (table,) = way_tables(job, analyse(job, SHELF))
        assert piece in [row[0] for _, row in table.rows]


def test_the_passport_says_by_which_points_each_pole_leaves_the_pack(designs):  # noqa: F811
    """The pole that the board switches goes through its pads, the other not; a fuse stands where it is."""
    hoist = hoist_in_rows(SHELF)
    told = dict(routes(analyse(hoist, SHELF).wiring))
    assert told == {
        "Minus": "B0 → strip − → B− → P− → connector −",
        "Plus": "B10 → strip + → fuse → connector +",
    }
    for design, analysis in designs[::4]:
        told = dict(routes(analysis.wiring))
        assert {"Minus", "Plus"} <= told.keys()
        board = design.bms.board
        through = [pole for pole, way in told.items() if "B− →" in way or "B+ →" in way]
        if board is None:
            assert not through
            continue
        switched = "plus" if board.switch_side is SwitchSide.HIGH else "minus"
        assert through
        assert all(pole.lower().endswith(switched) for pole in through)
        if design.leads.fuse:
            pole = "Plus" if design.leads.fuse_in is Pole.PLUS else "Minus"
            assert "fuse" in told[pole]
        charger = told.get(f"Charger's {switched}", "")
        assert ("C−" in charger or "C+" in charger) is (board.charge_port is ChargePort.SEPARATE)


# -- readings -------------------------------------------------------------------------------------------------


@NGSPICE
@pytest.mark.parametrize("kind", list(JobKind))
def test_what_each_step_must_read_is_what_ngspice_says_at_that_moment(kind, designs, tmp_path):  # noqa: F811
    """Every step with probes, with only the wires made so far: a meter of 10 MΩ across its probes."""
    lines, expected = [], {}
    for n, (design, _) in enumerate(designs[::20]):
        job = as_job(design, kind, SHELF)
        analysis = analyse(job, SHELF)
        steps = steps_of(job, analysis)
        for m, step in enumerate(s for s in steps if s.probes):
            p = f"d{n}s{m}_"
            without = not_there(analysis.wiring, steps, step.code)
            black, red = (spice_name(p, node) for node in step.probes)
            lines += [f"V{p} {black} 0 0", f"Rm{p} {red} {black} 1e7"]
            used = {black, red}
            for k, e in enumerate(analysis.wiring.edges):
                if e.id in without:
                    continue
                a, b = spice_name(p, e.start), spice_name(p, e.end)
                used |= {a, b}
                if e.part is EdgePart.CELL:
                    lines += [f"V{p}{k} {p}x{k} {a} {e.volts!r}", f"R{p}{k} {p}x{k} {b} {max(e.ohm, 1e-9)!r}"]
                else:
                    lines.append(f"R{p}{k} {a} {b} {max(e.ohm, 1e-6)!r}")
            lines += [f"Rl{p}{k} {node} 0 1e12" for k, node in enumerate(sorted(used))]
            expected[red] = step
    if kind is JobKind.MACHINE_LEADS:
        assert not expected, "a machine without a pack has nothing to read"
        return
    found = run(lines, tmp_path)
    assert len(expected) >= len(designs) / 20
    for node, step in expected.items():
        low, high = step.reads_v
        assert low < found[node] < high, step.code
        assert step.expected


def test_every_tap_is_read_where_its_lead_ends(designs):  # noqa: F811
    for design, analysis in designs:
        assert pin_groups(analysis.wiring) == tuple(range(design.series + 1))


def test_no_plan_of_a_pack_ends_without_its_connector_being_read(designs):  # noqa: F811
    for kind in (JobKind.NEW_PACK, JobKind.HOLDER_PACK, JobKind.BMS_RETROFIT):
        for design, _ in designs[::20]:
            job = as_job(design, kind, SHELF)
            analysis = analyse(job, SHELF)
            read = [s.probes for s in PLANS[kind].steps(job, analysis) if "polarity-reading" in s.records]
            assert ("load.-", "load.+") in read, kind
