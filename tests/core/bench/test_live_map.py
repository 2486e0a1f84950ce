"""What bare metal is live at each step, and what a tool across it drives: against circuits in ngspice, against a count by
groups, and by hand."""

import random
import re
import shutil
import subprocess
from dataclasses import replace

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.bench import live_map as live_map_module
from firmcell.core.bench import touch_limit
from firmcell.core.bench.cell_by_cell import cell_end
from firmcell.core.bench.live_map import _Mapper, live_map, mapped
from firmcell.core.bench.moment import Moment, moment_of, moments_in_order, not_there
from firmcell.core.bench.touch_limit import ends_of_groups, open_groups
from firmcell.core.jobs import as_job, plan_of, steps_of
from firmcell.core.model.design import Face
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR
from firmcell.core.model.job_details import JobKind, Wired
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.records.build_state import BuildState, StepState, StepStatus
from firmcell.core.strips.tap_points import nodes_of
from firmcell.core.strips.under_load import between, solve_under_load
from firmcell.core.wiring.graph import EdgePart
from firmcell.core.wiring.solved import sources_in
from tests.conftest import CI
from tests.core.wiring.test_graph import SHELF, random_design

PASSED, BEGUN = StepState(StepStatus.PASSED), StepState(StepStatus.BEGUN)


def only_metal(design, nodes):
    """A moment with the metal of some tap points on, no wire made, and nothing covered."""
    return Moment(
        frozenset(nodes), frozenset(range(1, design.series + 1)), frozenset(), frozenset(), False, True, ()
    )


class Job:
    """A design with its plan, and the live map of any step as the plan goes."""

    def __init__(self, design):
        self.design, self.analysis, self.plan = design, analyse(design, SHELF), plan_of(design)
        self.steps = self.plan.steps(design, self.analysis)
        self.bench = self.plan.on_bench(design, self.analysis, self.steps)
        self.wiring = self.bench.probed

    def at(self, code, state=None):
        return live_map(self.bench, state, code)

    def with_metal(self, *nodes):
        return mapped(self.bench, only_metal(self.design, nodes))


@pytest.fixture
def job(hoist):
    return Job(hoist)


def test_a_loose_cell_is_worst_between_its_nub_and_its_rim_until_the_ring_is_on(job):
    before, after = job.at("check-cells"), job.at("dry-fit")
    assert before.worst.low.rim
    cell = job.design.cell
    assert before.worst.apart_m == pytest.approx((0.86 * cell.diameter_m - cell.nub_diameter_m) / 2)
    assert not after.worst.low.rim
    # 3.56 V over the cell's resistance with two joints, and half as much again in the first moment.
    ohm = cell.resistance_ohm + 2 * 0.0002
    for live in (before, after):
        assert live.highest_v == pytest.approx(3.56)
        assert live.worst.short_a == pytest.approx(1.5 * 3.56 / ohm, rel=0.02)


def test_one_face_alone_never_has_more_than_two_groups_in_series(job):
    """The order of the work plan: one face, then the other."""
    for wanted in (0, 1):
        nodes = [n.number for n in nodes_of(job.analysis.layout) if n.number % 2 == wanted]
        assert job.with_metal(*nodes).highest_v == pytest.approx(2 * 3.56)


def test_what_is_covered_is_not_counted_and_hatched(job):
    welded, covered = job.at("cover-bottom"), job.at("turn-top")
    assert {p.face for p in welded.bare} == {Face.TOP, Face.BOTTOM}
    assert {p.face for p in covered.bare} == {Face.TOP}
    assert {face for face, _ in covered.covered} == {Face.BOTTOM}
    assert any(ref == "strip:N2-L1" for _, ref in covered.covered)
    # B0 and B10 lie on the covered face: of 35.6 V in series the open metal has 28.5 V.
    assert job.at("weld-top-N9").highest_v == pytest.approx(8 * 3.56)
    # Through their flaps they are read.
    assert job.at("measure-total").highest_v == pytest.approx(10 * 3.56)
    assert job.at("sense-harness").words == "All live metal is covered in this step."
    assert job.at("final-look").bare == ()


def test_the_short_grows_from_one_cell_to_four(job):
    loose = job.with_metal().strongest_a
    minus_on = job.with_metal(0).strongest_a
    group = job.with_metal(0, 1).strongest_a
    assert minus_on == pytest.approx(loose, rel=0.02), (
        "minus ends alone join nothing that a tool could short twice"
    )
    assert 3.0 * loose < group < 4.0 * loose
    everything = job.with_metal(*range(11)).strongest_a
    # By hand: no more than 1.5 × 3.56 V over 24 mΩ / 4, and strips and joints take less than a third of it.
    most = 1.5 * 3.56 / (job.design.cell.resistance_ohm / 4)
    assert 0.7 * most < everything < most


def test_all_metal_on_is_the_solved_pack(job):
    metal = solve_under_load(job.design, job.analysis.layout, 600.0)
    without = not_there(job.wiring, job.analysis.layout, job.design, only_metal(job.design, range(11)))
    for first, second in (((1, False), (40, True)), ((7, True), (29, False)), ((3, False), (3, True))):
        solved, _ = between(metal, second, first, job.design.cell_now_v)
        part = job.wiring.reached(cell_end(*first), without)
        found = sources_in(job.wiring, part, [(cell_end(*first), cell_end(*second))], without)[0]
        assert found.volts == pytest.approx(solved, abs=1e-6)


def test_the_records_say_what_is_on_and_the_step_at_hand_counts_as_on(job):
    state = BuildState(steps={"weld-bottom-N2": BEGUN, "rings": PASSED})
    assert job.at("weld-top-N1", state).highest_v == pytest.approx(3 * 3.56)
    assert job.at("weld-bottom-N8", state).moment.on == {2, 8}
    assert job.at("dry-fit", state).highest_v == pytest.approx(2 * 3.56)
    # A cover that was begun and not passed covers nothing.
    begun = BuildState(steps={"weld-bottom-N2": PASSED, "cover-bottom": BEGUN})
    assert {p.face for p in job.at("weld-top-N1", begun).bare} == {Face.TOP, Face.BOTTOM}


def test_wire_ends_are_bare_until_they_are_covered(job):
    taps = job.at("taps-bottom")
    ends = [p for p in taps.bare if p.face is None]
    assert len(ends) == 6
    assert taps.worst.volts == pytest.approx(35.6)
    leads = {p.node for p in job.at("lead-plus").bare if p.face is None}
    assert {"fuse.a", "fuse.b", "bms.B-"} <= leads
    assert "cup.load.+" not in leads, "the connector was sleeved before its leads went on the pack"
    assert "bms.P-" not in leads, "nothing beyond the board's open switch is live"
    assert {p.node for p in job.at("connector-reading").bare} == {"bms.P-"}


def test_a_pack_that_stays_closed_shows_only_the_end_that_is_worked_on(hoist):
    job = Job(as_job(hoist, JobKind.LEAD_CHANGE, SHELF))
    assert not job.at("lead-change-mark").bare
    assert job.at("lead-off-minus").words.startswith("Bare: cut end of the minus lead.")
    assert "covered" in job.at("lead-on-plus").words
    assert not job.at("lead-change-polarity").bare


def test_every_kind_of_job_is_told_at_every_step(hoist):
    for kind in JobKind:
        job = Job(as_job(hoist, kind, SHELF))
        for step in job.steps:
            live = job.at(step.code)
            assert live.words.endswith("."), (kind, step.code)
            assert live.highest_v <= job.design.series * job.design.cell.full_v + 15.0


def test_with_the_source_off_nothing_is_called_safe_for_ever(hoist):
    words = Job(as_job(hoist, JobKind.POWER_CABLE, SHELF)).at("cable-cut").words
    assert words == "Nothing here is live as long as the source stays off."


def test_a_probe_is_never_sent_under_a_sheet(hoist):
    """Readings asked for: both places are open, or contacts that a probe reaches in their shroud."""
    rng = random.Random(11)
    for design in [
        hoist,
        *(as_job(hoist, kind, SHELF) for kind in JobKind),
        *(random_design(rng) for _ in range(25)),
    ]:
        job = Job(design)
        by_end = {
            f"B{t.number}": cell_end(t.cell, job.analysis.layout.by_number[t.cell].group == t.number)
            for t in job.analysis.bms.taps
            if design.details.wired is Wired.PACK
        }
        for step in job.steps:
            if not step.probes or not all(p in by_end for p in step.probes):
                continue
            if job.plan.closed and step.phase == "Before":
                continue  # Read at the leads of a pack that is closed still.
            bare = {p.node for p in job.at(step.code).bare}
            assert {by_end[p] for p in step.probes} <= bare, (design.kind, step.code)


def test_the_touch_limit_speaks_of_what_is_open(hoist):
    """24 groups: 85 V in series once all are joined, and 7 V while one face is; then with one face covered, 78 V."""
    tall = hoist.with_edits(("series", 24), ("parallel", 1), ("arrangement.rows", 1))
    tall = tall.with_edits(("brief.space", "box"), ("brief.outline_m", ()), ("brief.blocked", ()))
    job = Job(tall)
    said = {s.code: [c for c in s.cautions if "touch limit" in c] for s in job.steps}
    assert said["weld-bottom-N24"] == []
    assert said["weld-top-N1"] == []
    assert said["weld-top-N23"]
    assert said["tap-voltages"]
    assert not said["sense-harness"]
    for step in job.steps:
        if not said[step.code] and step.code not in ("connector-reading", "balance-charge"):
            assert job.at(step.code).highest_v <= 60.0, step.code


def test_open_metal_by_groups_is_open_metal_by_cells():
    """The quick count over groups, which warns while a design is edited, against the wiring cell by cell, at every step of
    random packs."""
    rng = random.Random(3)
    seen = 0
    for _ in range(25):
        job = Job(random_design(rng))
        for step in job.steps:
            live = job.at(step.code)
            a = job.analysis
            groups = open_groups(ends_of_groups(a.layout, a.bms.taps), a.wiring, live.moment)
            assert groups * job.design.cell_now_v == pytest.approx(live.highest_v, abs=1e-6), step.code
            seen += 1
    assert seen > 500


def half_built(count):
    """Random packs of every arrangement at a random step of their plan: job and live map."""
    rng = random.Random(5)
    for _ in range(count):
        design = random_design(rng)
        job = Job(design.edited("joining.joined_by", rng.choice(list(JoinedBy))))
        if rng.random() < 0.5:
            nodes = [n for n in range(job.design.series + 1) if rng.random() < 0.6]
            yield job, job.with_metal(*nodes), rng
        else:
            yield job, job.at(rng.choice(job.steps).code), rng


def netlist(job, live, places, mark, lines):
    """Write the pack twice, once with a meter of 10 GΩ and once with a tool of 0.1 µΩ between two places."""
    without = not_there(job.wiring, job.analysis.layout, job.design, live.moment)
    part = job.wiring.reached(places[0], without)
    for kind, ohm in (("m", 1e10), ("t", 1e-7)):

        def name(node, kind=kind):
            return f"{kind}{mark}_" + re.sub(r"\W", lambda m: {"+": "p", "-": "m"}.get(m[0], "_"), node)

        lines.append(f"Vref{kind}{mark} {name(places[0])} 0 0")
        for k, e in enumerate(job.wiring.edges):
            if e.id in without or e.start not in part:
                continue
            a, b = name(e.start), name(e.end)
            if e.part is EdgePart.CELL:
                lines += [
                    f"V{kind}{mark}_{k} {kind}{mark}_x{k} {a} {e.volts!r}",
                    f"R{kind}{mark}_{k} {kind}{mark}_x{k} {b} {e.ohm!r}",
                ]
            else:
                lines.append(f"R{kind}{mark}_{k} {a} {b} {max(e.ohm, 1e-6)!r}")
        lines += [
            f"Rtool{kind}{mark} {name(places[1])} {kind}{mark}_s {ohm!r}",
            f"Vam{kind}{mark} {kind}{mark}_s {name(places[0])} 0",
        ]


@pytest.mark.skipif(shutil.which("ngspice") is None, reason="ngspice is not installed")
@pytest.mark.slow
def test_potentials_and_shorts_of_200_half_built_packs_are_what_ngspice_says(tmp_path):
    """The pair that is called most dangerous, and another bare pair taken at random, with a meter and with a tool."""
    lines, expected = ["* half-built packs"], []
    packs = 60 if CI else 200
    for n, (job, live, rng) in enumerate(half_built(packs)):
        if live.worst is None:
            continue
        of_part = [p for p in live.bare if p.part == live.worst.low.part]
        any_two = rng.sample(of_part, 2)
        for which, (low, high) in enumerate(((live.worst.low, live.worst.high), any_two)):
            if low.node == high.node:
                continue
            mark = f"{n}x{which}"
            netlist(job, live, (low.node, high.node), mark, lines)
            expected.append((mark, low, high, live, which))
    path = tmp_path / "half.cir"
    tail = [
        ".options reltol=1e-9 abstol=1e-12",
        ".control",
        "set width=200",
        "op",
        "print all",
        ".endc",
        ".end",
    ]
    path.write_text("\n".join([*lines, *tail]) + "\n")
    done = subprocess.run(["ngspice", "-b", str(path)], capture_output=True, text=True, check=False)
    amps = {m[1]: float(m[2]) for m in re.finditer(r"^vam(\w+)#branch = (\S+)$", done.stdout, re.M)}
    assert len(expected) > 1.2 * packs
    for mark, low, high, live, which in expected:
        read = amps[f"m{mark}"] * 1e10
        assert read == pytest.approx(high.volts - low.volts, rel=1e-3, abs=1e-3), mark
        driven = abs(amps[f"t{mark}"])
        assert live.highest_v >= abs(read) - 1e-3, mark
        assert live.strongest_a >= driven * SHORT_CIRCUIT_FACTOR * 0.97, (
            mark,
            "never less than a tool drives",
        )
        if which == 0:
            assert live.worst.short_a == pytest.approx(SHORT_CIRCUIT_FACTOR * driven, rel=3e-3, abs=0.2), mark


@pytest.mark.slow
def test_in_a_pack_too_large_to_try_every_pair_no_less_is_told(monkeypatch):
    """The likely pairs with their margin against every pair, over half-built packs small enough for both."""
    cases = [(job, live) for job, live, _ in half_built(30 if CI else 80)]
    monkeypatch.setattr(live_map_module, "MOST_ENDS", 1)
    worst = 0.0
    for job, live in cases:
        likely = _Mapper(job.bench, live.moment).mapped()
        assert likely.strongest_a >= live.strongest_a - 1e-9
        assert likely.highest_v == live.highest_v
        if live.strongest_a:
            worst = max(worst, likely.strongest_a / live.strongest_a)
    assert worst < 1.6


def test_an_unknown_step_is_the_build_as_the_records_say(job):
    state = BuildState(steps={"weld-bottom-N2": PASSED})
    assert job.at("", state).moment.on == {2}
    assert replace(job.at("", state).moment, acts=()) == replace(only_metal(job.design, {2}), acts=())


def test_moments_in_order_are_the_moments_of_each_step():
    rng = random.Random(8)
    for _ in range(12):
        job = Job(random_design(rng))
        before = plan_of(job.design).before(job.design)
        together = moments_in_order(job.analysis.wiring, job.steps, before, job.design.series)
        for step, moment in zip(job.steps, together, strict=True):
            assert moment == moment_of(
                job.analysis.wiring, job.steps, None, step.code, before, job.design.series
            ), step.code


def test_what_is_open_is_told_anew_when_the_plan_changes_and_not_for_a_current():
    """Kept between edits by all that it reads: a plan of other steps is looked at again."""
    rng = random.Random(9)
    for _ in range(10):
        design = random_design(rng)
        for edit in (
            ("brief.current_steady_a", design.brief.current_steady_a * 0.9),
            ("cell_now_v", design.cell_now_v * 0.97),
            ("joining.welds_per_pad", 3),
            ("bms.board", None),
        ):
            changed = design.with_edits(edit)
            kept = [s.cautions for s in steps_of(changed, analyse(changed, SHELF))]
            touch_limit._open_at.cache_clear()
            assert kept == [s.cautions for s in steps_of(changed, analyse(changed, SHELF))]
