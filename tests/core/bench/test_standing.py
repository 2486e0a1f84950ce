"""Evidence that cannot be fooled: each test is one way to a finished passport over bad records, and why it is closed."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity, Situation
from firmcell.core.bench.pass_check import obstacle
from firmcell.core.bench.record_faults import record_fault
from firmcell.core.bench.standing import Counting, standing
from firmcell.core.jobs import findings_of, passport_of, steps_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.model.part_library import EMPTY_LIBRARY
from firmcell.core.records.build_state import StepStatus
from firmcell.core.records.event_words import initials, others_named
from firmcell.core.records.events import (
    CellCheck,
    Checked,
    Correction,
    CrimpJoint,
    Incident,
    InsulationReading,
    NotRight,
    PointReading,
    PolarityReading,
    Remark,
    Resolution,
    ScrewJoint,
    SolderJoint,
    StepPassed,
    TapReading,
    WeldRow,
    WeldSample,
)
from firmcell.core.records.incidents import tells_of_one
from firmcell.core.records.ledger import Ledger
from firmcell.core.records.step import Step
from firmcell.store.demo import hoist_in_rows
from firmcell.store.part_files import shipped_library
from tests.conftest import cases
from tests.core.records.test_records import chain

SETTING = {"machine": "m", "setting": "6", "pulses": 2, "strip": "s"}


def good_records(step: Step, design):
    """What a builder who does all right records in a step, in order."""
    made = []
    for kind in step.records:
        match kind:
            case "cell-check":
                now = design.cell_now_v
                made.append(
                    CellCheck(count=step.counted, lowest_v=now - 0.01, highest_v=now + 0.01, wraps_sound=True)
                )
            case "weld-sample":
                made.append(WeldSample(**SETTING, peeled=22, held=22))
            case "weld-row":
                made.append(WeldRow(**SETTING, welds=max(step.joints, 1), flat=True, tug=True))
            case "solder-joint":
                made.append(
                    SolderJoint(
                        joint=step.title, iron_w=80, tip_k=653, alloy="a", seconds=3, smooth=True, tug=True
                    )
                )
            case "screw-joint":
                made.append(
                    ScrewJoint(
                        joint="j", screws=max(step.joints, 1), torque_nm=4.5, faces_clean=True, marked=True
                    )
                )
            case "crimp-joint":
                made.append(CrimpJoint(joint="j", die="d", crimps=1, strands_in=True, tug=True))
            case "checked":
                made.append(Checked(right=step.checks))
            case "insulation-reading":
                made += [
                    InsulationReading(between=f"{pole} to outside", test_v=9, ohms=2e7)
                    for pole in step.poles or ("plus",)
                ]
            case "polarity-reading":
                read = sum(step.reads_v) / 2 if step.reads_v else design.cell_now_v
                made.append(PolarityReading(at="there", volts=read))
            case "tap-reading":
                made += [
                    TapReading(tap=n, volts=round(design.cell_now_v * n, 2) + 0.001)
                    for n in range(1, design.series + 1)
                ]
                made.append(PointReading(black="B1", red="B2", volts=design.cell_now_v + 0.001))
    return made


def whole_build(design, analysis, upto=None):
    """Every step done right and passed, as pairs of step code and record."""
    pairs = []
    for step in steps_of(design, analysis):
        pairs += [(step.code, r) for r in good_records(step, design)] + [(step.code, StepPassed())]
        if step.code == upto:
            break
    return pairs


def told(design, analysis, pairs, revision=lambda number: None):
    events = chain(*pairs)
    return standing(steps_of(design, analysis), events, design, revision), events


def finished(design, analysis, pairs, revision=lambda number: None, stops=()):
    now, events = told(design, analysis, pairs, revision)
    return passport_of(
        design, analysis, now.state, steps_of(design, analysis), Bound(events[-1].hash, 1, stops)
    )


def seq_of(pairs, code, kind):
    return next(n for n, (c, r) in enumerate(pairs, start=1) if c == code and r.kind == kind)


@pytest.fixture
def pairs(hoist, hoist_analysis):
    return whole_build(hoist, hoist_analysis)


def test_a_build_done_right_is_finished(hoist, hoist_analysis, pairs):
    page = finished(hoist, hoist_analysis, pairs)
    assert page.finished, page.unfinished
    # The whole head and the revision are on the page and in its code.
    head = told(hoist, hoist_analysis, pairs)[1][-1].hash
    assert head in " ".join(page.records).replace(" ", "")
    assert head in page.essentials
    assert "design revision 1" in " ".join(page.records)


def test_a_step_said_to_be_passed_without_its_records_is_open(hoist, hoist_analysis):
    """A file in which somebody else wrote that every step is passed."""
    bare = [(s.code, StepPassed()) for s in steps_of(hoist, hoist_analysis)]
    page = finished(hoist, hoist_analysis, bare)
    assert not page.finished
    now, _ = told(hoist, hoist_analysis, bare)
    asked = [s for s in steps_of(hoist, hoist_analysis) if s.records]
    assert all(now.state.step(s.code).status is StepStatus.BEGUN for s in asked)


def test_readings_before_a_weld_prove_nothing_of_it(hoist, hoist_analysis, pairs):
    """Every reading first, every weld afterwards."""
    early = [p for p in pairs if p[0] == "tap-voltages"]
    rest = [p for p in pairs if p[0] != "tap-voltages"]
    now, _ = told(hoist, hoist_analysis, [*early, *rest])
    assert not now.state.tap_volts
    assert "it proves nothing of that" in now.reasons["tap-voltages"]
    assert not finished(hoist, hoist_analysis, [*early, *rest]).finished


@pytest.mark.parametrize("code", ["weld-bottom-N4", "weld-top-N3", "lead-plus"])
def test_a_joint_made_again_opens_every_proof_that_rested_on_it(hoist, hoist_analysis, pairs, code):
    step = next(s for s in steps_of(hoist, hoist_analysis) if s.code == code)
    again = [
        *pairs,
        (code, NotRight(reason="tug let go")),
        *((code, r) for r in good_records(step, hoist)),
        (code, StepPassed()),
    ]
    now, _ = told(hoist, hoist_analysis, again)
    assert now.state.step(code).status is StepStatus.PASSED
    assert {"tap-voltages", "first-charge"} <= set(now.reasons)
    assert step.title in now.reasons["tap-voltages"]
    assert "check-cells" not in now.reasons
    # Done again in order, all is well.
    later = [s for s in steps_of(hoist, hoist_analysis) if s.code in now.reasons]
    redone = [
        p for s in later for p in [*((s.code, r) for r in good_records(s, hoist)), (s.code, StepPassed())]
    ]
    assert finished(hoist, hoist_analysis, [*again, *redone]).finished


def test_a_record_taken_back_opens_its_step_and_what_rested_on_it(hoist, hoist_analysis, pairs):
    seq = seq_of(pairs, "weld-bottom-N4", "weld-row")
    back = [*pairs, ("", Correction(seq=seq, reason="wrong row"))]
    now, _ = told(hoist, hoist_analysis, back)
    assert "Record the welds first" in now.reasons["weld-bottom-N4"]
    assert "taken back" in now.reasons["tap-voltages"]
    # What takes it back may itself be taken back.
    undone = [*back, ("", Correction(seq=len(back), reason="it was the right row"))]
    assert finished(hoist, hoist_analysis, undone).finished


def test_a_design_edited_after_the_build_is_not_the_one_that_was_built(hoist, hoist_analysis, pairs):
    before = hoist.edited("joining.welds_per_pad", 3)
    page = finished(hoist, hoist_analysis, pairs, lambda number: before)
    assert not page.finished
    now, _ = told(hoist, hoist_analysis, pairs, lambda number: before)
    assert "strips and joints" in now.reasons["weld-bottom-N4"]
    assert "check-cells" not in now.reasons
    # What changes no metal leaves everything as it is.
    said = hoist.with_edits(("brief.title", "another"), ("joining.welder", "strong: nickel to 0.3 mm"))
    assert finished(hoist, hoist_analysis, pairs, lambda number: said).finished


def test_more_welds_on_one_cell_open_only_the_rows_that_plan_them(hoist):
    """The builder doubles the welds of cell 7 after all is welded: its two rows and what rests on them are open again."""
    before = whole_build(hoist, analyse(hoist, EMPTY_LIBRARY))
    doubled = hoist.edited("joining.doubled", (7,))
    now, _ = told(doubled, analyse(doubled, EMPTY_LIBRARY), before, lambda number: hoist)
    rows = {code for code in now.reasons if code.startswith("weld-")}
    assert rows == {"weld-top-N1", "weld-bottom-N2"}
    assert "are planned" in now.reasons["weld-top-N1"]


def test_a_meter_found_wrong_takes_its_readings_with_it(hoist, hoist_analysis, pairs):
    wrong = [*pairs, ("meter-check", PolarityReading(at="cell", volts=-3.56))]
    now, _ = told(hoist, hoist_analysis, wrong)
    assert not now.state.tap_volts
    assert "The meter was found wrong" in now.reasons["tap-voltages"]
    # Proven again and found right, it takes nothing.
    right = [*pairs, ("meter-check", PolarityReading(at="cell", volts=3.56)), ("meter-check", StepPassed())]
    assert finished(hoist, hoist_analysis, right).finished


def test_a_stop_that_stands_is_printed_and_ends_the_finish(hoist, hoist_analysis, pairs):
    page = finished(hoist, hoist_analysis, pairs, stops=("SR-1: too hot.",))
    assert not page.finished
    assert "STOP: SR-1: too hot." in page.records


@pytest.mark.parametrize(
    ("code", "bad", "words"),
    [
        ("check-cells", CellCheck(count=12, lowest_v=3.55, highest_v=3.57, wraps_sound=True), "12 of 40"),
        ("check-cells", CellCheck(count=40, lowest_v=3.57, highest_v=3.55, wraps_sound=True), "above the highest"),
        ("check-cells", CellCheck(count=40, lowest_v=1.2, highest_v=1.25, wraps_sound=True), "stands between"),
        ("check-cells", CellCheck(count=40, lowest_v=3.55, highest_v=3.57, highest_ohm=0.2, wraps_sound=True), "stands out"),
        ("weld-sample", WeldSample(**SETTING, peeled=5, held=5), "5 samples peeled; 22"),
        ("weld-bottom-N0", WeldRow(**SETTING, welds=3, flat=True, tug=True), "3 weld pairs made"),
        ("weld-bottom-N0", WeldRow(**SETTING | {"setting": "9"}, welds=99, flat=True, tug=True), "No sample was peeled"),
        ("weld-bottom-N0", WeldRow(**SETTING, welds=99, sparks=True, flat=True, tug=True), "It sparked"),
        ("lead-minus", SolderJoint(joint="j", iron_w=80, tip_k=423, alloy="a", seconds=3, smooth=True, tug=True), "150 °C"),
        ("lead-minus", SolderJoint(joint="j", iron_w=80, tip_k=653, alloy="a", seconds=200, smooth=True, tug=True), "on the joint"),
    ],
)  # fmt: skip
def test_values_that_cannot_be_right_pass_no_step(hoist, hoist_analysis, pairs, code, bad, words):
    steps = steps_of(hoist, hoist_analysis)
    step = next(s for s in steps if s.code == code)
    # Joined otherwise here: the hoist's leads are soldered or bolted by its design.
    if bad.kind not in step.records:
        step = next(s for s in steps if bad.kind in s.records)
    upto = [p for p in whole_build(hoist, hoist_analysis, step.code) if p[0] != step.code]
    upto += [(step.code, r) for r in good_records(step, hoist) if r.kind != bad.kind]
    now, events = told(hoist, hoist_analysis, [*upto, (step.code, bad)])
    said = obstacle(step, steps, now.state, list(now.events), hoist)
    assert said is not None
    assert words in said
    # Recorded all the same, and it stands in the way until it is done again.
    assert events[-1].data == bad
    again = [
        *upto,
        (step.code, bad),
        (step.code, NotRight(reason="no")),
        *((step.code, r) for r in good_records(step, hoist)),
    ]
    now, _ = told(hoist, hoist_analysis, again)
    assert record_fault(step, now.events, now.state, hoist) is None


def test_both_poles_of_the_insulation_are_asked_for(hoist, hoist_analysis):
    step = Step("i", "Insulate", "t", "w", records=("insulation-reading",), poles=("plus", "minus"))
    one = chain(("i", InsulationReading(between="plus to outside", test_v=9, ohms=2e7)))
    assert "minus" in record_fault(step, one, told(hoist, hoist_analysis, [])[0].state, hoist)


def test_rows_of_welds_and_leads_are_hold_points(hoist, hoist_analysis):
    steps = steps_of(hoist, hoist_analysis)
    rows = [s for s in steps if {"weld-row", "solder-joint", "screw-joint"} & set(s.records)]
    assert len(rows) > 10
    assert all(s.hold for s in rows)


# -- incidents, taking back ----------------------------------------------------------------------------


@pytest.mark.parametrize(
    "record",
    [
        Incident(words="it got hot"),
        Remark(text="A puff of smoke at cell 12"),
        NotRight(reason="Cell is swollen"),
    ],
)
def test_an_incident_ends_everything_until_it_is_resolved(hoist, hoist_analysis, pairs, record):
    now, events = told(hoist, hoist_analysis, [*pairs, ("check-cells", record)])
    assert now.state.incidents[0].seq == len(events)
    steps = steps_of(hoist, hoist_analysis)
    assert "incident" in obstacle(steps[0], steps, now.state, list(now.events), hoist)
    assert any(
        f.code == "BE-5" and f.severity is Severity.STOP
        for f in findings_in(hoist, hoist_analysis, now.state)
    )
    resolved, _ = told(
        hoist,
        hoist_analysis,
        [
            *pairs,
            ("check-cells", record),
            ("", Resolution(seq=len(events), words="cell 12 taken out, ring replaced")),
        ],
    )
    assert resolved.state.incidents == ()


def findings_in(design, analysis, state):
    return findings_of(Situation(design, analysis, state, EMPTY_LIBRARY))


@pytest.mark.parametrize(
    ("words", "tells"),
    [
        *(
            (words, False)
            for words in ("no smoke, all cool", "without any hissing", "ring set", "ventilated room")
        ),
        *(
            (words, True)
            for words in ("Smoke!", "burnt smell", "vented at the plus", "it SMOKED", "it caught fire")
        ),
        ("No burnt place, but it smoulders", True),
    ],
)
def test_words_that_tell_of_smoke_or_fire_are_an_incident_unless_they_deny_it(words, tells):
    assert tells_of_one(words) is tells


def test_initials_and_who_else_is_named():
    events = [
        e.model_copy(update={"person": name})
        for e, name in zip(
            chain(*[("s", Remark(text="x"))] * 3), ("Wren Ashby", "", "Rowan Mill"), strict=True
        )
    ]
    assert others_named(events, "Wren Ashby") == ("Rowan Mill",)
    assert (initials("Rowan Mill"), initials("wren")) == ("RM", "W")


@settings(max_examples=cases(40), deadline=None)
@given(st.data())
def test_no_order_of_records_breaks_it_or_passes_a_step_without_its_records(data):
    """Records, passes, rework, corrections and incidents in any order, some of steps that do not exist."""
    steps, design = PLAN, HOIST
    kinds = [r for s in steps for r in [*good_records(s, design), StepPassed(), NotRight(reason="no")]]
    codes = st.sampled_from([*(s.code for s in steps), "nowhere", ""])
    some = data.draw(st.lists(st.tuples(codes, st.sampled_from(kinds)), max_size=25))
    some += [("", Correction(seq=n, reason="x")) for n in data.draw(st.lists(st.integers(1, 30), max_size=4))]
    events = chain(*some)
    other = design.edited("series", 9)
    before = {0: None, 1: data.draw(st.sampled_from([None, design, other]))}
    now = standing(steps, events, design, before.get)
    grown = Ledger()
    counting = Counting(grown)
    for event in events:
        grown.append(event)
        one_by_one = counting.now(steps, design, before.get)
    if events:
        assert (one_by_one.state, one_by_one.reasons) == (now.state, now.reasons)
        assert list(one_by_one.events) == list(now.events)
    assert {e.seq for e in now.events} <= {e.seq for e in events}
    for step in steps:
        if now.state.step(step.code).status is StepStatus.PASSED:
            assert record_fault(step, now.events, now.state, design, passed=True) is None
    again = standing(steps, list(now.events), design, lambda number: None)
    assert {s.code for s in steps if again.state.step(s.code).status is StepStatus.PASSED} <= {
        s.code for s in steps if now.state.step(s.code).status is StepStatus.PASSED
    } | set(now.reasons)


HOIST = hoist_in_rows(shipped_library())
PLAN = steps_of(HOIST, analyse(HOIST, EMPTY_LIBRARY))
