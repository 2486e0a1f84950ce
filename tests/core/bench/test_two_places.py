"""Any two places at any moment: packs that are wrong are simulated from first principles, cell by cell, and read."""

import random
from collections import deque

import pytest

from firmcell.core.bench.cell_by_cell import cell_end
from firmcell.core.bench.live_map import LiveMap
from firmcell.core.bench.moment import not_there
from firmcell.core.bench.places_told import TwoPlaces, place_of_ref
from firmcell.core.bench.two_places import Between, in_words, places_of
from firmcell.core.jobs import as_job
from firmcell.core.model.design import Face
from firmcell.core.model.job_details import JobKind
from firmcell.core.records.build_state import EMPTY_STATE, BuildState, StepState, StepStatus
from firmcell.core.records.events import CellCheck
from firmcell.core.wiring.graph import EdgePart
from tests.conftest import CI
from tests.core.bench.test_live_map import SHELF, Job, only_metal, random_design

BAND = (3.54, 3.58)


def read(wiring, gone, volts, black, red):
    """What a meter shows by a walk through what conducts: cells with voltages of their own, everything else a wire."""
    way, at = deque([black]), {black: 0.0}
    near = {}
    for e in wiring.edges:
        if e.id not in gone:
            v = volts.get(e.id, 0.0) if e.part is EdgePart.CELL else 0.0
            near.setdefault(e.start, []).append((e.end, v))
            near.setdefault(e.end, []).append((e.start, -v))
    while way:
        node = way.popleft()
        for other, v in near.get(node, ()):
            if other not in at:
                at[other] = at[node] + v
                way.append(other)
    return at.get(red)


@pytest.fixture
def job(hoist):
    return Job(hoist)


def between(job, nodes, black, red):
    return Between(
        job.wiring, job.analysis.layout, job.design, only_metal(job.design, nodes), (black, red), BAND
    )


def test_two_groups_joined_read_the_sum_of_both_and_others_nothing(job):
    """Common practice, no source: after two series joins the sum of both within a few hundredths of a volt."""
    first, second, third = (job.analysis.layout.group_cells(g)[0].number for g in (1, 2, 3))
    joined = between(job, {1}, cell_end(first, False), cell_end(second, True)).shows()
    assert joined.volts == pytest.approx(2 * 3.56)
    assert joined.is_right(7.11)
    assert not joined.is_right(7.30)
    assert between(job, {1}, cell_end(second, True), cell_end(first, False)).shows().volts == pytest.approx(
        -7.12
    )
    assert between(job, {1}, cell_end(first, False), cell_end(third, False)).shows().volts is None


def test_packs_as_they_must_be_are_never_called_wrong():
    rng = random.Random(2)
    seen = 0
    packs = 15 if CI else 40
    for _ in range(packs):
        job = Job(random_design(rng))
        now = job.design.cell_now_v
        nodes = {n for n in range(job.design.series + 1) if rng.random() < 0.6}
        moment = only_metal(job.design, nodes)
        gone = not_there(job.wiring, job.analysis.layout, job.design, moment)
        volts = {e.id: rng.uniform(now - 0.02, now + 0.02) for e in job.wiring.of(EdgePart.CELL)}
        ends = [cell_end(c.number, plus) for c in job.analysis.layout.cells for plus in (False, True)]
        for _ in range(10):
            black, red = rng.sample(ends, 2)
            # A meter of the class is off by half a percent and a digit.
            true = read(job.wiring, gone, volts, black, red)
            shown = (rng.uniform(-0.2, 0.2) if true is None else true) * rng.uniform(0.996, 1.004)
            asked = Between(
                job.wiring, job.analysis.layout, job.design, moment, (black, red), (now - 0.02, now + 0.02)
            )
            assert asked.shows().is_right(shown), (black, red, true, asked.shows())
            assert asked.means(shown) == ()
            seen += 1
    assert seen == 10 * packs


def faulty(job, rng, moment):
    """One fault on the way between two places: what is read, and a word that must be among what it is said to mean."""
    layout, design = job.analysis.layout, job.design
    each = design.cell_now_v
    volts = {e.id: each for e in job.wiring.of(EdgePart.CELL)}
    gone = set(not_there(job.wiring, layout, design, moment))
    low, high = sorted(rng.sample(range(1, design.series + 1), 2))
    black = cell_end(layout.group_cells(low)[0].number, False)
    red = cell_end(layout.group_cells(high)[0].number, True)
    group = rng.randint(low, high)
    own = [f"cell.{c.number}" for c in layout.group_cells(group)]
    kind = rng.choice(["turned", "open", "weak", "exchanged", "shorted", "other"])
    match kind:
        case "turned":
            volts |= dict.fromkeys(own, -each)
            word = "wrong way"
        case "open":
            node = rng.randint(low, high - 1)
            for e in job.wiring.edges:
                if e.part in (EdgePart.STRIP, EdgePart.WIRE) and e.id.startswith(
                    (f"span.N{node}-", f"bridge.{node}")
                ):
                    gone.add(e.id)
            word = "not joined"
        case "weak":
            volts |= dict.fromkeys(own, each - rng.uniform(0.4, 2.0))
            word = "low"
        case "exchanged":
            black, red = red, black
            found = read(job.wiring, gone, volts, black, red)
            return kind, (red, black), found, "exchanged", 0
        case "shorted":
            volts |= dict.fromkeys(own, 0.0)
            word = "shorted"
        case _:
            red = cell_end(layout.group_cells(min(high + 1, design.series))[0].number, True)
            found = read(job.wiring, gone, volts, black, red)
            return kind, (black, cell_end(layout.group_cells(high)[0].number, True)), found, "tap", 0
    return kind, (black, red), read(job.wiring, gone, volts, black, red), word, 0 if kind == "open" else group


def test_a_wrong_pack_is_never_called_right_and_its_fault_is_among_what_is_told(hoist):
    rng, job = random.Random(7), Job(hoist)
    count, first = 0, 0
    for _ in range(300):
        moment = only_metal(job.design, range(job.design.series + 1))
        kind, (black, red), found, word, group = faulty(job, rng, moment)
        asked = Between(job.wiring, job.analysis.layout, job.design, moment, (black, red), BAND)
        if kind == "other" and asked.shows().is_right(found):
            continue  # There was no further tap.
        shown = (found if found is not None else 0.0) * rng.uniform(0.997, 1.003)
        assert not asked.shows().is_right(shown), kind
        meanings = asked.means(shown)
        told = in_words(meanings)
        assert any(word in words for words, _, _ in told), (kind, word, shown, told)
        if group:
            assert any(g == group for m in meanings if word in m.words for g, _ in m.alone), (
                kind,
                group,
                told,
            )
        first += word in told[0][0]
        count += 1
    assert count > 250
    assert first / count > 0.6, "the fault itself is mostly the first that is told"


def test_the_next_reading_halves_what_is_left(job):
    """One of ten groups the wrong way round: reading on, black staying, finds which in a few more."""
    moment = only_metal(job.design, range(11))
    gone = not_there(job.wiring, job.analysis.layout, job.design, moment)
    layout = job.analysis.layout
    for turned in (1, 4, 10):
        volts = {e.id: 3.56 for e in job.wiring.of(EdgePart.CELL)}
        volts |= {f"cell.{c.number}": -3.56 for c in layout.group_cells(turned)}
        black, red = (
            cell_end(layout.group_cells(1)[0].number, False),
            cell_end(layout.group_cells(10)[0].number, True),
        )
        asked = Between(job.wiring, layout, job.design, moment, (black, red), BAND)
        meanings = [m for m in asked.means(read(job.wiring, gone, volts, black, red)) if m.alone]
        assert {dict(m.alone).popitem()[0] for m in meanings} == set(range(1, 11))
        place, shows = asked.next_place(tuple(meanings))
        group = layout.by_number[int(place.removeprefix("cell.")[:-1])].group
        assert 4 <= group <= 7, "about the middle"
        assert shows.is_right(read(job.wiring, gone, volts, black, place)) is (turned > group)


def test_a_reading_where_nothing_should_join_says_what_is_on_already(job):
    layout = job.analysis.layout
    places = cell_end(layout.group_cells(1)[0].number, False), cell_end(layout.group_cells(2)[0].number, True)
    asked = between(job, set(), *places)
    assert asked.shows().volts is None
    assert asked.shows().is_right(0.05)
    words = in_words(asked.means(7.12))
    assert "B1 is on already" in words[0][0]
    assert all(dangerous for _, _, dangerous in words[:1])


def test_cells_by_the_records_decide_what_is_right(job):
    check = CellCheck(count=40, lowest_v=3.40, highest_v=3.60, wraps_sound=True)
    two = TwoPlaces(job.bench, BuildState(cell_checks=(check,)), "weld-bottom-N2")
    told = two.told("cell.1-", "cell.1+")
    assert told.now.least_v == pytest.approx(3.40 - 0.005 * 3.56 - 0.01)
    charged = BuildState(
        cell_checks=(check,), steps={"first-charge": StepState(StepStatus.PASSED, records=(1,))}
    )
    later = TwoPlaces(job.bench, charged, "balance-charge")
    assert later.told("cell.1-", "cell.1+").now.is_right(4.2)


def test_told_now_after_and_at_the_end(job):
    state = BuildState(steps={"weld-bottom-N0": StepState(StepStatus.PASSED)})
    two = TwoPlaces(job.bench, state, "weld-bottom-N2")
    first = job.analysis.layout.group_cells(2)[0].number
    last = job.analysis.layout.group_cells(3)[0].number
    words = dict(two.told(cell_end(first, False), cell_end(last, True)).words)
    assert words["Now"].startswith("nothing steady")
    assert words["After this step"].startswith("7.12 V")
    assert "At the end" not in words, "at the end it is the same"
    assert "first moment" in words["A tool across"]
    assert two.judged(cell_end(first, False), cell_end(last, True), 7.1)[0].endswith(
        "is right once this step's metal is on."
    )
    right = two.judged(cell_end(first, False), cell_end(last, True), 0.01)[0]
    assert "right as it is now; once this step's metal is on" in right
    wrong = two.judged(cell_end(first, False), cell_end(last, True), -7.12)
    assert "exchanged" in wrong[1]


def test_what_lies_under_a_cover_is_named(job):
    two = TwoPlaces(job.bench, EMPTY_STATE, "sense-harness")
    assert two.told("B0", "B1").under == ()
    passed = {s.code: StepState(StepStatus.PASSED) for s in job.steps[:23]}
    two = TwoPlaces(job.bench, BuildState(steps=passed), "sense-harness")
    assert len(two.told("B0", "B1").under) == 2
    assert two.told("load.-", "load.+").under == (), "a probe reaches contacts in their shroud"


def test_parts_of_the_picture_are_places(job):
    layout = job.analysis.layout
    up = next(c for c in layout.cells if c.positive_up)
    assert place_of_ref(f"cell:{up.number}", Face.TOP, job.bench) == cell_end(up.number, True)
    assert place_of_ref(f"cell:{up.number}", Face.BOTTOM, job.bench) == cell_end(up.number, False)
    assert place_of_ref("strip:N2-L1", Face.BOTTOM, job.bench) == "B2"
    assert place_of_ref("tap:3", Face.TOP, job.bench).startswith("sense.pin.")
    assert place_of_ref("lead:plus", Face.TOP, job.bench) == "load.+"
    assert place_of_ref("sleeve", Face.TOP, job.bench) is None


@pytest.mark.parametrize("kind", list(JobKind))
def test_every_kind_has_places_and_is_told(hoist, kind):
    job = Job(as_job(hoist, kind, SHELF))
    places = places_of(job.bench.probed)
    assert len(places) >= 2
    two = TwoPlaces(job.bench, EMPTY_STATE, job.steps[0].code)
    assert two.told(places[0][0], places[-1][0]).words
    assert isinstance(job.at(job.steps[0].code), LiveMap)
    assert two.judged(places[0][0], places[-1][0], 1234.0)
