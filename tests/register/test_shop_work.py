"""Parts in stock and what jobs taught: what a step used goes out once, whatever happens to its record."""

import itertools

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.jobs import plan_of
from firmcell.core.jobs.parts_list import parts_list
from firmcell.core.records.events import (
    GENESIS,
    Correction,
    JointReading,
    PeelTest,
    StepPassed,
    Watched,
    WatchedRun,
    WeldSample,
    sealed,
)
from firmcell.core.stock.entries import Entry, TakenBack
from firmcell.core.stock.part_entries import (
    PartAdded,
    PartChanged,
    PartCounted,
    PartDescribed,
    PartIs,
    PartKind,
    ThingLeft,
)
from firmcell.core.stock.taking import Need, takings
from firmcell.core.stock.things import PartInStock, thing_of, why_not_of_thing
from firmcell.core.stock.tool_entries import SHOP_KEY, ToolAdded, ToolChecked, ToolIs, ToolKind, WaysTold
from firmcell.register.learn_jobs import learn_from_jobs
from firmcell.register.learned import exchange_lessons
from firmcell.register.register import Register, new_key
from firmcell.register.shop_work import Noted, note
from firmcell.store import demo, step_times, weld_settings
from firmcell.store.job_file import JobFile
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()
NUMBERS = itertools.count(1)
NICKEL = "pure nickel strip 0.3 × 10"


def part(name, amount, kind=PartKind.STRIP, **also):
    return PartAdded(is_=PartIs(part=kind, name=name, **also), amount=amount)


@pytest.fixture
def register(tmp_path):
    with Register(str(tmp_path / "r.sqlite"), bench="A") as made:
        yield made


@pytest.fixture(scope="module")
def hoist():
    design = demo.orchard_hoist(SHELF)
    analysis = analyse(design, SHELF)
    return design, analysis, plan_of(design).steps(design, analysis)


def recorded(data, step="", seq=1, time="2026-11-28T10:00:00+01:00"):
    return sealed(seq, time, "Ada", "", step, 1, data, GENESIS)


def noted(hoist, event, **also):
    return Noted(event, *hoist, **also)


def amounts(register):
    return {(p.is_.name, p.is_.place): p.amount for p in register.parts()}


def added(register, *told, time="2026-11-28T08:00:00+01:00"):
    entries = [register.entry(new_key(), data, "Ada", time) for data in told]
    register.write(entries)
    return [e.about for e in entries]


def test_a_step_takes_its_strip_once_and_a_record_taken_back_puts_it_back(register, hoist):
    added(register, part(NICKEL, 5.0, place="rail 1"), part("bolted fuse 80 V, 40 A", 3, PartKind.FUSE))
    strip = next(s for s in hoist[2] if s.code == "weld-bottom-N0")
    metres = sum(p.length_m * p.layers for p in hoist[1].strips if p.id == "N0-C1" and p.strip == NICKEL)
    assert metres > 0, "the collecting strip is nickel"
    passed = recorded(StepPassed(), strip.code)
    sentence = note(register, noted(hoist, passed))
    left = 5.0 - metres
    assert amounts(register)[NICKEL, "rail 1"] == pytest.approx(left)
    assert NICKEL in sentence
    assert "left" in sentence
    note(register, noted(hoist, passed))
    assert amounts(register)[NICKEL, "rail 1"] == pytest.approx(left), "the same record twice is once"
    assert note(register, noted(hoist, recorded(StepPassed(), strip.code, 3), again=True)) == ""
    assert amounts(register)[NICKEL, "rail 1"] == pytest.approx(left), "a rework is told by hand"
    back = recorded(Correction(seq=1, reason="wrong job"), seq=4)
    assert "put back" in note(register, noted(hoist, back, corrected=passed))
    assert amounts(register)[NICKEL, "rail 1"] == pytest.approx(5.0)
    assert note(register, noted(hoist, recorded(StepPassed(), "tap-voltages", 5))) == "", "it uses nothing"


def test_more_used_than_was_there_is_told(register, hoist):
    added(register, part(NICKEL, 0.01))
    sentence = note(register, noted(hoist, recorded(StepPassed(), "weld-bottom-N0")))
    assert "more was used than was there: count it" in sentence
    assert amounts(register)[NICKEL, ""] < 0


def test_a_count_stands_against_what_was_used_before_it(register):
    (key,) = added(register, part(NICKEL, 5.0))

    def write(data, time):
        register.write([register.entry(key, data, "Ada", f"2026-11-28T{time}:00+01:00")])

    write(PartChanged(by=-1.0), "09:00")
    write(PartCounted(amount=3.5), "10:00")
    # A bench that was away sends its use of half past nine after that count.
    write(PartChanged(by=-0.4), "09:30")
    write(PartChanged(by=-0.5), "11:00")
    assert amounts(register)[NICKEL, ""] == pytest.approx(3.0)


def test_short_rests_are_used_up_first_and_no_piece_is_pieced_together():
    def roll(key, amount, name="n"):
        is_ = PartIs(part=PartKind.STRIP, name=name)
        return PartInStock(key=key * 32, is_=is_, amount=amount, counted="", told_by="0" * 32)

    stock = [roll("a", 4.0), roll("b", 0.55), roll("c", 0.25), roll("d", 9.0, "other")]

    def met(much, *cuts):
        return {t.key[0]: (t.much, t.short) for t in takings([Need("strip", "N", much, cuts)], stock)}

    assert met(0.5, 0.25, 0.25) == {"b": (0.5, 0.0)}, "the smallest that is enough"
    assert met(0.2, 0.2) == {"c": (0.2, 0.0)}
    # Seven pieces leave 0.71 m in a, the eighth 0.24; the ninth goes into b, the tenth fits nowhere.
    assert met(4.7, *[0.47] * 10) == {"a": (4.23, 0.23), "b": (0.47, 0.0)}
    found = met(4.4, *[0.2] * 22)
    assert sum(much for much, _ in found.values()) == pytest.approx(4.4)
    assert all(round(much / 0.2, 6) == round(much / 0.2) for much, _ in found.values()), "whole pieces"
    assert takings([Need("strip", "not kept", 1.0, (1.0,))], stock) == ()


@settings(max_examples=60, deadline=None)
@given(
    st.lists(st.floats(0.0, 6.0), min_size=1, max_size=5),
    st.lists(st.floats(0.01, 1.5), min_size=1, max_size=12),
)
def test_what_is_taken_is_what_was_needed(rests, cuts):
    """Nothing is lost and nothing made: and where it fits at all without joining pieces, nothing is short
    that stands in one rest."""
    stock = [
        PartInStock(key=f"{n:032x}", is_=PartIs(name="n"), amount=amount, counted="", told_by="0" * 32)
        for n, amount in enumerate(rests)
    ]
    found = takings([Need("strip", "n", sum(cuts), tuple(cuts))], stock)
    assert sum(t.much for t in found) == pytest.approx(sum(cuts), abs=1e-5)
    for each in found:
        there = stock[int(each.key, 16)].amount
        assert each.short == pytest.approx(max(each.much - there, 0.0), abs=2e-5)
    if max(rests) >= sum(cuts):
        assert all(t.short == 0 for t in found)
        assert len(found) == 1


ACTS = st.lists(
    st.tuples(
        st.sampled_from(["count", "change", "back", "leave"]), st.integers(-40, 40), st.integers(0, 59)
    ),
    max_size=12,
)


@settings(max_examples=120, deadline=None)
@given(ACTS, st.randoms(use_true_random=False))
def test_the_order_in_which_benches_send_does_not_matter(acts, rng):
    """An amount depends on when things were done, not on when they came in."""

    def entry(data, minute, about="1" * 32):
        time = f"2026-11-28T10:{minute:02d}:{next(NUMBERS) % 60:02d}+01:00"
        return Entry(key=f"{next(NUMBERS):032x}", about=about, time=time, data=data)

    first = Entry(
        key=f"{next(NUMBERS):032x}", about="1" * 32, time="2026-11-28T09:00:00+01:00", data=part("n", 10.0)
    )
    rest, times = [], set()
    for kind, value, minute in acts:
        if minute in times:
            continue
        times.add(minute)
        if kind == "count":
            rest.append(entry(PartCounted(amount=abs(value)), minute))
        elif kind == "change" and value:
            rest.append(entry(PartChanged(by=value), minute))
    shuffled = rest[:]
    rng.shuffle(shuffled)
    one, other = thing_of([first, *rest]), thing_of([first, *shuffled])
    assert one == other
    # By hand: from the last count on.
    by_time = sorted(rest, key=lambda e: e.time)
    amount = 10.0
    for each in by_time:
        amount = each.data.amount if isinstance(each.data, PartCounted) else amount + each.data.by
    assert one.amount == pytest.approx(amount)


def test_what_cannot_be_is_refused_in_a_sentence(register):
    fuse, strip = added(register, part("f", 3, PartKind.FUSE), part("s", 1.0))
    for about, data, words in (
        (new_key(), part("f", 2.5, PartKind.FUSE), "no whole number"),
        (fuse, PartCounted(amount=1.5), "no whole number"),
        (fuse, PartChanged(by=0), "the change is 0"),
        (new_key(), PartCounted(amount=1), "no such thing"),
        (fuse, ToolChecked(right=True), "another kind of thing"),
        (fuse, TakenBack(entry="9" * 32, reason="x"), "no such entry"),
        (new_key(), WaysTold(), "of the shop itself"),
        (
            strip,
            PartDescribed(is_=PartIs(part=PartKind.FUSE, name="s"), after=register.parts()[0].told_by),
            "counted in m",
        ),
    ):
        with pytest.raises(Refusal, match=words):
            register.write([register.entry(about, data)])
    now = next(p for p in register.parts() if p.key == strip)
    is_ = PartIs(part=PartKind.STRIP, name="s", place="rail 2")
    register.write([register.entry(strip, PartDescribed(is_=is_, after=now.told_by))])
    with pytest.raises(Refusal, match="changed meanwhile"):
        register.write([register.entry(strip, PartDescribed(is_=is_, after=now.told_by))])
    register.write([register.entry(strip, ThingLeft(reason="given away"))])
    assert [p.key for p in register.parts()] == [fuse]
    # What another bench had used before it heard of it goes in and changes nothing.
    register.write([register.entry(strip, PartChanged(by=-0.1))])
    assert [p.key for p in register.parts()] == [fuse]


def test_tools_tell_when_they_were_checked_and_ways_have_one_writer(register):
    (key,) = added(register, ToolAdded(is_=ToolIs(tool=ToolKind.METER, name="bench meter", every_days=365)))
    register.write([register.entry(key, ToolChecked(right=False, found="4.012 V for 4.000 V"), "Ada")])
    (tool,) = register.tools()
    assert (tool.was_right, tool.found) == (False, "4.012 V for 4.000 V")
    register.write([register.entry(SHOP_KEY, WaysTold(ways=(("leads.flux", '"rosin core only"'),)))])
    told = register.ways()
    assert told.ways == (("leads.flux", '"rosin core only"'),)
    register.write([register.entry(SHOP_KEY, WaysTold(after=told.told_by))])
    with pytest.raises(Refusal, match="changed meanwhile"):
        register.write([register.entry(SHOP_KEY, WaysTold(after=told.told_by))])


def test_settings_and_times_of_all_benches_reach_each(register, hoist, tmp_path, monkeypatch):
    monkeypatch.setattr(step_times, "_file", lambda: tmp_path / "times.json")
    monkeypatch.setattr(weld_settings, "_file", lambda: tmp_path / "settings.json")
    strip = hoist[0].joining.link_strip.name

    def sample(held):
        return WeldSample(machine="w", setting="6", pulses=2, strip=strip, peeled=10, held=held)

    weld_settings.keep_setting(hoist[0], sample(10))
    step_times.keep_time("rings", 300.0)
    exchange_lessons(register)
    assert len(register.lessons("setting-peeled")) == len(register.lessons("step-timed")) == 1, "brought in"
    exchange_lessons(register)
    assert len(register.lessons("setting-peeled")) == 1, "only once"
    peeled = recorded(sample(9), "weld-sample", 7)
    note(register, noted(hoist, peeled))
    note(register, noted(hoist, recorded(StepPassed(), "rings", 8), timed=("rings", 240.0)))
    exchange_lessons(register)
    known = weld_settings.setting_that_worked(hoist[0], strip)
    assert (known["peeled"], known["held"]) == (20, 19)
    assert sorted(t for _, t in step_times.every_time()) == [240.0, 300.0]
    note(register, noted(hoist, recorded(Correction(seq=7, reason="x"), seq=9), corrected=peeled))
    exchange_lessons(register)
    assert weld_settings.setting_that_worked(hoist[0], strip)["peeled"] == 10, "taken back"


def test_an_entry_of_no_time_is_refused():
    entry = Entry(key="1" * 32, about="2" * 32, time="noon", data=part("n", 1.0))
    assert "is no time" in why_not_of_thing(entry, ())


def test_peels_joints_and_capacity_are_kept_as_they_are_recorded_and_learned_from_old_jobs(
    register, hoist, tmp_path
):
    """The same record noted live and read from its job later is one entry; a record that was taken back teaches
    nothing."""
    design = hoist[0]
    strip = design.joining.link_strip.name
    sample = WeldSample(machine="w", setting="6", pulses=2, strip=strip, peeled=4, held=4)
    path = tmp_path / "old.firmcell"
    with JobFile.create(path, design, "Ada", "x") as job:
        first = job.append(PeelTest(force_n=30.0), "weld-sample", "Ada")
        job.append(sample, "weld-sample", "Ada")
        second = job.append(PeelTest(force_n=44.0), "weld-sample", "Ada")
        gone = job.append(PeelTest(force_n=1.0), "weld-sample", "Ada")
        job.append(Correction(seq=gone.seq, reason="slipped"))
        job.append(JointReading(joint="strip B2", ohms=2.4e-4), "", "Ada")
        run = WatchedRun(what=Watched.CAPACITY, seconds=3600, readings=60, outside=0, capacity_as=68_000.0)
        job.append(run, "", "Ada")
        job.append(WatchedRun(seconds=3600, readings=60, outside=0), "", "Ada")
    note(register, noted(hoist, second, sample=sample, library=SHELF))
    assert learn_from_jobs(str(register.url.database), tmp_path, SHELF) == 3
    assert learn_from_jobs(str(register.url.database), tmp_path, SHELF) == 0, "once"
    peels = sorted((e.data.setting, e.data.force_n) for e in register.lessons("peel-measured"))
    assert peels == [("", 30.0), ("6", 44.0)], "the first was peeled before any samples were recorded"
    (joint,) = register.lessons("joint-measured")
    assert (joint.data.ohms, joint.data.expected_ohm) == (2.4e-4, 2e-4)
    (pack,) = register.lessons("capacity-measured")
    assert pack.data.predicted_as == pytest.approx(4 * 5.0 * 3600), "4P of 5 Ah"
    assert pack.data.measured_as == 68_000.0
    assert register.lessons("setting-peeled") == [], "samples of old jobs are not counted twice"
    (tmp_path / "bad.firmcell").write_text("x")
    assert learn_from_jobs(str(register.url.database), tmp_path, SHELF) == 0, (
        "what cannot be read teaches nothing"
    )
    with pytest.raises(Refusal, match="is not a folder"):
        learn_from_jobs(str(register.url.database), tmp_path / "none", SHELF)
    back = recorded(Correction(seq=second.seq, reason="x"), seq=99)
    note(register, noted(hoist, back, corrected=second))
    assert [e.data.force_n for e in register.lessons("peel-measured")] == [30.0]
    assert first.seq == 1


@pytest.mark.parametrize(
    "name", ["orchard-hoist", "log-splitter-cable", "barrow-machine-leads", "gate-charge-lead"]
)
def test_a_whole_job_takes_what_its_parts_list_says_and_no_more(name, register):
    """Every step passed once: what went out of stock is what the list builds in, and the strip for samples."""
    design = demo.DEMO_JOBS[name][1](SHELF)
    analysis = analyse(design, SHELF)
    job = design, analysis, plan_of(design).steps(design, analysis)
    lines = [line for line in parts_list(*job) if line.what != "cells"]
    added(register, *(part(line.name, 1000.0, PartKind(line.what)) for line in lines))
    for seq, step in enumerate(job[2], start=1):
        note(register, Noted(recorded(StepPassed(), step.code, seq), *job))
    gone = {(p.is_.part.value, p.is_.name): 1000.0 - p.amount for p in register.parts()}
    samples = 0.3 if any(s.code == "weld-sample" for s in job[2]) else 0.0
    for line in lines:
        wanted = line.count or line.metres + (samples if line.what == "strip" else 0.0)
        assert gone[line.what, line.name] == pytest.approx(wanted, abs=1e-5), line.name
