"""What hangs together while the pack is built, read from the wiring cell by cell: voltages between any two points, and what a
short there drives, before and after each step."""

import random
import re
import shutil
import subprocess

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.bench import live_points
from firmcell.core.bench.cell_by_cell import cell_by_cell, cell_end
from firmcell.core.bench.live_points import live_now, live_words, not_joined, welded_nodes
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.records.build_state import BuildState, StepState, StepStatus
from firmcell.core.strips.tap_points import nodes_of
from firmcell.core.strips.under_load import between, solve_under_load
from firmcell.core.wiring.graph import EdgePart
from firmcell.core.wiring.solved import sources_in
from tests.core.wiring.test_graph import SHELF, random_design


def source_between(wiring, black, red, without=()):
    """What two points are, seen from outside; None where nothing joins them."""
    part = wiring.reached(black, without)
    return sources_in(wiring, part, [(black, red)], without)[0] if red in part else None


@pytest.fixture
def bench(hoist):
    a = analyse(hoist, SHELF)
    return a.layout, cell_by_cell(a.wiring, a.layout, hoist, a.bms.taps)


def read(wiring, layout, design, nodes, black, red):
    source = source_between(
        wiring, cell_end(*black), cell_end(*red), not_joined(wiring, layout, design, nodes)
    )
    return None if source is None else source.volts


def test_loose_cells_read_one_cell_and_nothing_between(hoist, bench):
    layout, wiring = bench
    assert read(wiring, layout, hoist, (), (1, False), (1, True)) == pytest.approx(hoist.cell_now_v)
    assert read(wiring, layout, hoist, (), (1, False), (2, False)) is None
    live = live_now(wiring, layout, hoist, frozenset())
    assert live.volts == pytest.approx(hoist.cell_now_v)
    # A loose cell alone: 3.56 V over its resistance with two joints, first current one and a half times that.
    ohm = hoist.cell.resistance_ohm + 2 * 0.0002
    assert live.short_a == pytest.approx(1.5 * hoist.cell_now_v / ohm, rel=0.02)


def test_two_joined_groups_read_the_sum_of_both(hoist, bench):
    """Open circuit after a series join: the sum of both (common practice, no source, within a few hundredths of a volt)."""
    layout, wiring = bench
    first, second, third = (layout.group_cells(g)[0].number for g in (1, 2, 3))
    on = frozenset({1})
    assert read(wiring, layout, hoist, on, (first, False), (second, True)) == pytest.approx(
        2 * hoist.cell_now_v
    )
    assert read(wiring, layout, hoist, on, (second, True), (first, False)) == pytest.approx(
        -2 * hoist.cell_now_v
    )
    assert read(wiring, layout, hoist, on, (first, False), (third, False)) is None


def test_one_face_alone_never_has_more_than_two_groups_in_series(hoist, bench):
    """The order of the work plan: one face, then the other."""
    layout, wiring = bench
    for wanted in (0, 1):
        nodes = frozenset(n.number for n in nodes_of(layout) if n.number % 2 == wanted)
        assert live_now(wiring, layout, hoist, nodes).volts == pytest.approx(2 * hoist.cell_now_v)


def test_all_metal_on_is_the_solved_pack(hoist, bench):
    layout, wiring = bench
    everything = frozenset(range(hoist.series + 1))
    metal = solve_under_load(hoist, layout, 600.0)
    without = not_joined(wiring, layout, hoist, everything)
    for first, second in (((1, False), (40, True)), ((7, True), (29, False)), ((3, False), (3, True))):
        solved, _ = between(metal, second, first, hoist.cell_now_v)
        source = source_between(wiring, cell_end(*first), cell_end(*second), without)
        assert source.volts == pytest.approx(solved, abs=1e-6)
    live = live_now(wiring, layout, hoist, everything)
    assert live.volts == pytest.approx(hoist.series * hoist.cell_now_v)
    # By hand: no more than 1.5 × 3.56 V over 24 mΩ / 4, and strips and joints take less than a third of it.
    most = 1.5 * hoist.cell_now_v / (hoist.cell.resistance_ohm / 4)
    assert 0.7 * most < live.short_a < most


def test_the_short_grows_from_one_cell_to_the_whole_pack(hoist, bench):
    """A tool drives one cell's current while nothing is joined, and four cells' as soon as one group is joined at both ends."""
    layout, wiring = bench
    loose = live_now(wiring, layout, hoist, frozenset()).short_a
    pair = live_now(wiring, layout, hoist, frozenset({0})).short_a
    group = live_now(wiring, layout, hoist, frozenset({0, 1})).short_a
    assert pair == pytest.approx(loose, rel=0.02), (
        "minus ends alone join nothing that a tool could short twice"
    )
    assert 3.0 * loose < group < 4.0 * loose


def test_what_is_live_is_told_before_and_after_a_weld(hoist, bench):
    layout, wiring = bench
    state = BuildState(
        steps={
            "weld-bottom-N2": StepState(StepStatus.PASSED),
            "weld-bottom-N4": StepState(),
            "dry-fit": StepState(StepStatus.PASSED),
        }
    )
    assert welded_nodes(state) == {2}
    words = live_words(wiring, layout, hoist, state, "weld-top-N1")
    assert words.startswith("Live now: up to 7.12 V")
    assert "After it: up to 10.68 V" in words
    assert "After it" not in live_words(wiring, layout, hoist, state, "lead-minus")
    assert "Live now and after it" in live_words(wiring, layout, hoist, state, "weld-bottom-N8")


def half_built(count):
    """Random designs of every arrangement with some of their metal on: design, layout, wiring cell by cell, tap points joined."""
    rng = random.Random(5)
    for _ in range(count):
        design = random_design(rng)
        design = design.edited("joining.joined_by", rng.choice(list(JoinedBy)))
        a = analyse(design, SHELF)
        wiring = cell_by_cell(a.wiring, a.layout, design, a.bms.taps)
        nodes = frozenset(n for n in range(design.series + 1) if rng.random() < 0.6)
        yield design, a.layout, wiring, nodes, rng


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is not installed")
@pytest.mark.slow
def test_a_short_anywhere_in_a_half_built_pack_is_what_ngspice_says(tmp_path):
    """A meter (10 GΩ), then a tool of 0.1 µΩ, between any two cell ends that hang together."""
    lines, expected = (
        ["* half-built packs, each once with a meter and once with a tool across two points"],
        [],
    )
    for n, (design, layout, wiring, nodes, rng) in enumerate(half_built(60)):
        without = not_joined(wiring, layout, design, nodes)
        part = max(wiring.parts(without), key=len)
        ends = [name for name in part if name.startswith("cell.")]
        black, red = rng.sample(ends, 2)
        source = source_between(wiring, black, red, without)
        expected.append((n, source, design, layout, wiring, nodes))
        for kind, ohm in (("m", 1e10), ("t", 1e-7)):

            def name(node, kind=kind, n=n):
                return f"{kind}{n}_" + re.sub(r"\W", lambda m: {"+": "p", "-": "m"}.get(m[0], "_"), node)

            lines.append(f"Vref{kind}{n} {name(black)} 0 0")
            for k, e in enumerate(wiring.edges):
                if e.id in without or e.start not in part:
                    continue
                a, b = name(e.start), name(e.end)
                if e.part is EdgePart.CELL:
                    lines += [
                        f"V{kind}{n}_{k} {kind}{n}_x{k} {a} {e.volts!r}",
                        f"R{kind}{n}_{k} {kind}{n}_x{k} {b} {e.ohm!r}",
                    ]
                else:
                    lines.append(f"R{kind}{n}_{k} {a} {b} {max(e.ohm, 1e-6)!r}")
            lines += [
                f"Rtool{kind}{n} {name(red)} {kind}{n}_s {ohm!r}",
                f"Vam{kind}{n} {kind}{n}_s {name(black)} 0",
            ]
    path = tmp_path / "half.cir"
    path.write_text(
        "\n".join(
            [
                *lines,
                ".options reltol=1e-9 abstol=1e-12",
                ".control",
                "set width=200",
                "op",
                "print all",
                ".endc",
                ".end",
            ]
        )
        + "\n"
    )
    done = subprocess.run(["ngspice", "-b", str(path)], capture_output=True, text=True, check=False)
    amps = {m[1]: float(m[2]) for m in re.finditer(r"^vam(\w+)#branch = (\S+)$", done.stdout, re.M)}
    for n, source, design, layout, wiring, nodes in expected:
        assert amps[f"m{n}"] * 1e10 == pytest.approx(source.volts, rel=1e-3, abs=1e-3), n
        assert amps[f"t{n}"] == pytest.approx(source.volts / source.ohm, rel=2e-3, abs=0.1), n
        told = live_now(wiring, layout, design, nodes)
        assert told.volts >= abs(source.volts) - 1e-6
        assert told.short_a >= abs(amps[f"t{n}"]) * SHORT_CIRCUIT_FACTOR * 0.97, (
            "never less than a tool drives"
        )


@pytest.mark.slow
def test_in_a_pack_too_large_to_try_every_pair_no_less_is_told(monkeypatch):
    """The likely pairs with their margin against every pair, over 60 half-built packs small enough for both."""
    every = [live_now.__wrapped__(w, lay, d, n).short_a for d, lay, w, n, _ in half_built(60)]
    monkeypatch.setattr(live_points, "MOST_ENDS", 1)
    likely = [live_now.__wrapped__(w, lay, d, n).short_a for d, lay, w, n, _ in half_built(60)]
    assert all(b >= a - 1e-9 for a, b in zip(every, likely, strict=True))
    assert max(b / a for a, b in zip(every, likely, strict=True) if a) < 1.6
