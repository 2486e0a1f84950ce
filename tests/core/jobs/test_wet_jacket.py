"""A pack made tight against water: geometry by shapely, what is refused, the clock of the cure, the dip."""

from datetime import datetime, timedelta
from math import pi

import pytest
from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Polygon, box

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.findings import Severity
from firmcell.core.bench.pass_check import obstacle, waits_until
from firmcell.core.insulation.wet_jacket import NOTCH_EASE_M, jacketed, notches_apart, rounded
from firmcell.core.jobs import passport_of, plan_of, steps_of
from firmcell.core.jobs.passport import Bound
from firmcell.core.model.job_details import JacketVent, WetJacket
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.wet_jacket import jacket_drawing, plate_outline
from firmcell.core.records.build_state import EMPTY_STATE, fold
from firmcell.core.records.events import Checked, InsulationReading, StepPassed, Weighing, sealed
from firmcell.store.demo_mending import pond_wet_jacket
from firmcell.store.part_files import part_named, shipped_library
from tests.conftest import found

SHELF = shipped_library()
POND = pond_wet_jacket(SHELF)
AA = part_named(SHELF, Cell, "AA metal hydride 2.5 Ah")


def steps(design=POND):
    return steps_of(design, analyse(design, SHELF))


def events(*records):
    made = []
    for time, step, data in records:
        made.append(sealed(len(made) + 1, time.isoformat(), "Wren", "", step, 1, data, "0" * 64))
    return made


@given(w=st.floats(0.01, 0.2), h=st.floats(0.01, 0.2), r=st.floats(0, 0.1))
def test_circumference_and_area_are_shapelys(w, h, r):
    r_used = min(r, w / 2, h / 2)
    shape = (
        box(r_used, r_used, w - r_used, h - r_used).buffer(r_used, quad_segs=256)
        if r_used > 1e-6
        else box(0, 0, w, h)
    )
    around, area = rounded(w, h, r)
    assert around == pytest.approx(shape.length, rel=1e-4)
    assert area == pytest.approx(shape.area, rel=1e-4)


@given(
    w=st.floats(0.03, 0.12),
    h=st.floats(0.02, 0.08),
    r=st.floats(0.0, 0.009),
    wires=st.lists(st.floats(0.001, 0.004), min_size=1, max_size=6),
)
def test_plates_are_the_section_less_the_wall_with_a_notch_for_each_wire(w, h, r, wires):
    """Against shapely: a valid outline, each notch takes its wire whole, and its area is what is cut out."""
    job = WetJacket(width_m=w, height_m=h, corner_m=r)
    made = jacketed(job, AA, 6, tuple(wires), 0.2, SHELF.sleeves)
    if notches_apart(made) < 0.001 + r:
        return
    plain, cut = (Polygon(plate_outline(made, r, notched)) for notched in (False, True))
    assert plain.is_valid
    assert cut.is_valid
    assert plain.bounds == pytest.approx(
        [-(w - 0.0008) * 500, -(h - 0.0008) * 500, (w - 0.0008) * 500, (h - 0.0008) * 500]
    )
    for notch, wire in zip(made.notches, wires, strict=True):
        middle = (made.plate_m[1] / 2 - notch.deep_m + notch.wide_m / 2) * 1e3 * (1 if notch.upper else -1)
        from shapely.geometry import Point

        disc = Point(notch.at_m * 1e3, middle).buffer(wire * 500)
        assert cut.intersection(disc).area < 0.02 * disc.area
    gone = sum(n.wide_m * (n.deep_m - n.wide_m / 2) + pi * (n.wide_m / 2) ** 2 / 2 for n in made.notches)
    assert plain.area - cut.area == pytest.approx(gone * 1e6, rel=0.03)
    assert len(made.notches) == len(wires)
    assert made.notches[0].upper
    if len(wires) > 1:
        assert not made.notches[1].upper, "plus and minus lie at opposite edges"


def test_the_demo_by_hand():
    """By hand: 90 mm of pack, two plates of 6 mm, two lips of 8 mm; sleeve half of the circumference and more."""
    made = jacketed(POND.wet_jacket, AA, 6, (0.0018, 0.0018, 0.0015, 0.0015), 0.21, (POND.insulation.sleeve,))
    assert made.size_m[0] == pytest.approx(0.118)
    assert made.around_m == pytest.approx(2 * (0.046 + 0.016) - (8 - 2 * pi) * 0.007)
    assert made.sleeve is POND.insulation.sleeve
    assert made.cut_m * (1 - made.sleeve.lengthwise_shrink) == pytest.approx(0.118 + 0.02)
    assert made.notches[0].wide_m == pytest.approx(0.0018 + NOTCH_EASE_M)
    inside = rounded(0.0468, 0.0168, 0.0074)[1] * 0.102
    assert made.lift_n == pytest.approx((inside * 998 - made.mass_kg) * 9.81)
    assert made.lift_n < 0, "it sinks"
    light = jacketed(POND.wet_jacket, AA, 1, (0.0018, 0.0018), 0.03, ())
    assert light.lift_n > 0
    assert light.air_m3 > made.air_m3
    assert light.sleeve is None


def test_the_demo_is_made_without_a_stop_in_the_order_of_the_trade():
    assert not [f for f in found(POND, SHELF).values() if f.severity is not Severity.NOTE]
    codes = [s.code for s in steps()]
    order = (
        "reading",
        "cut",
        "plates",
        "shrink",
        "seal-wires",
        "seal-far",
        "cure",
        "look",
        "connector",
        "polarity",
        "dip",
        "hand-over",
    )
    assert codes == [f"jacket-{name}" for name in order]
    assert {f"jacket-{n}" for n in ("reading", "plates", "cure", "look", "dip")} <= {
        s.code for s in steps() if s.hold
    }


@pytest.mark.parametrize(
    ("edits", "code", "severity", "words"),
    [
        ([("wet_jacket.sealed_lead", True)], "WJ-1", Severity.STOP, "cover its terminals"),
        ([("cell", "pouch lithium-ion 10 Ah")], "WJ-2", Severity.STOP, "they swell"),
        ([("cell", "18650 balanced 3.0 Ah")], "WJ-2", Severity.STOP, "watertight enclosure"),
        ([("cell", "18650 balanced 3.0 Ah"), ("wet_jacket.override", "glass tank, watched")], "WJ-2", Severity.ATTENTION, "because: glass tank"),
        ([("wet_jacket.vent", JacketVent.OPEN)], "WJ-3", Severity.ATTENTION, "never be charged closed"),
        ([("wet_jacket.vent", JacketVent.ENCLOSURE)], "WJ-3", Severity.STOP, "enclosure instead"),
        ([("insulation.sleeve", None)], "WJ-4", Severity.STOP, "No sleeve is chosen"),
        ([("wet_jacket.width_m", 0.2)], "WJ-4", Severity.STOP, "does not slide on"),
        ([("wet_jacket.thin_wires", 30)], "WJ-5", Severity.STOP, "1 mm of plate between"),
        ([("wet_jacket.height_m", 0.004), ("wet_jacket.width_m", 0.058)], "WJ-5", Severity.STOP, "past the middle"),
    ],
)  # fmt: skip
def test_what_must_not_be_jacketed_or_cannot_be_is_told(edits, code, severity, words):
    design = POND.with_edits(*((p, part_named(SHELF, Cell, v) if p == "cell" else v) for p, v in edits))
    told = found(design, SHELF)[code]
    assert told.severity is severity
    assert words in told.sentence
    if told.fix:
        assert code not in found(told.fix.applied(design), SHELF)
    if code == "WJ-2" and severity is Severity.ATTENTION:
        page = passport_of(design, analyse(design, SHELF), EMPTY_STATE, (), Bound(""))
        assert page.cautions[0].endswith("glass tank, watched")


def test_a_cure_is_not_passed_before_the_clock_says_so():
    plan = steps()
    codes = [s.code for s in plan]
    cure = plan[codes.index("jacket-cure")]
    began = datetime.fromisoformat("2026-03-01T10:00:00+00:00")
    before = [(began, c, StepPassed()) for c in codes[: codes.index("jacket-cure")]]
    log = events(*before, (began, "jacket-cure", Checked(right=cure.checks)))
    assert waits_until(cure, plan, log) == began + timedelta(hours=36)
    early = obstacle(cure, plan, fold(log), log, POND, began + timedelta(hours=10))
    assert early == "It lasts until Monday 22:00: 26 h more."
    assert (
        obstacle(cure, plan, fold(log), log, POND, began + timedelta(hours=35, minutes=45))
        == "It lasts until 22:00: 16 min more."
    )
    assert obstacle(cure, plan, fold(log), log, POND, began + timedelta(hours=36)) is None
    assert waits_until(cure, plan, events()) is None
    assert waits_until(plan[0], plan, log) is None
    late = events(*before, (began + timedelta(hours=5), "jacket-seal-far", StepPassed()))
    assert waits_until(cure, plan, late) == began + timedelta(hours=41), (
        "sealed again, the clock begins again"
    )


def test_a_pack_that_took_up_water_does_not_pass():
    plan = steps()
    dip = plan[[s.code for s in plan].index("jacket-dip")]
    alone = (dip,)
    time = datetime.fromisoformat("2026-03-03T10:00:00+00:00")
    dry = InsulationReading(between="plus to water", test_v=9.0, ohms=2e7)
    wet = events(
        (time, dip.code, Weighing(before_kg=0.2281, after_kg=0.2292, under_s=1800)), (time, dip.code, dry)
    )
    assert "1.1 g heavier" in obstacle(dip, alone, fold(wet), wet, POND)
    tight = events(
        (time, dip.code, Weighing(before_kg=0.2281, after_kg=0.2283, under_s=1800)), (time, dip.code, dry)
    )
    assert "minus is not read yet" in obstacle(dip, alone, fold(tight), tight, POND)
    both = events(
        (time, dip.code, Weighing(before_kg=0.2281, after_kg=0.2283, under_s=1800)),
        (time, dip.code, dry),
        (time, dip.code, dry.model_copy(update={"between": "minus to water"})),
    )
    assert obstacle(dip, alone, fold(both), both, POND) is None
    # A low reading of one pole is not hidden by a good one of the other.
    low = events(
        (time, dip.code, Weighing(before_kg=0.2281, after_kg=0.2283, under_s=1800)),
        (time, dip.code, dry.model_copy(update={"ohms": 1e6})),
        (time, dip.code, dry.model_copy(update={"between": "minus to water"})),
    )
    assert "too low" in obstacle(dip, alone, fold(low), low, POND)
    assert fold(tight).weighings[0].before_kg == 0.2281


def test_it_is_drawn_to_scale_and_its_plates_are_templates():
    design, analysis = POND, analyse(POND, SHELF)
    drawing = plan_of(design).pictures(design, analysis)[0]
    words = [getattr(s, "text", "") for s in drawing.shapes]
    assert any(w.startswith("118.0 mm finished") for w in words)
    first, blind = plan_of(design).templates(design, analysis)
    outline = Polygon(next(s for s in first.drawing.shapes if s.role == "template.plate").points)
    assert (
        outline.area
        < Polygon(next(s for s in blind.drawing.shapes if s.role == "template.plate").points).area
    )
    x0, _, x1, _ = outline.bounds
    assert x1 - x0 == pytest.approx(45.2)
    made = jacketed(design.wet_jacket, AA, 6, (0.0018, 0.0018), 0.21, ())
    assert jacket_drawing(design, made).targets["sealant"][0] == pytest.approx(102.0)


def test_the_passport_says_how_it_is_charged_and_when_to_look():
    page = passport_of(POND, analyse(POND, SHELF), EMPTY_STATE, (), Bound(""))
    assert "vent" in page.cautions[0]
    assert "every 4 weeks" in page.cautions[1]
    assert "118.0" in dict(page.ratings)["Size"]
    opened = POND.edited("wet_jacket.vent", JacketVent.OPEN)
    assert (
        "Never charged closed"
        in passport_of(opened, analyse(opened, SHELF), EMPTY_STATE, (), Bound("")).cautions[0]
    )
    assert "Charge only out of the water" in steps(opened)[-1].words
