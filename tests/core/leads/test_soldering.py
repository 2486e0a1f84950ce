"""What a joint asks of the bench: against the check values of the trade, published pull-outs, and closed forms."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.leads.lugs import fitting_lugs, lug_work
from firmcell.core.leads.soldering import (
    IEC_60352_2,
    REACHES,
    SLEEVES_M,
    SOLDERING_RISE_K,
    UL_486A,
    far_end_rise,
    heated_after,
    heating_seconds,
    joint_sleeve,
    joint_work,
    pull_out,
)
from firmcell.core.model.parts import Connector, Wire
from firmcell.store.part_files import part_named, shipped_library

SHELF = shipped_library()


def work(gauge, connector, length=0.25):
    return joint_work(
        part_named(SHELF, Wire, f"{gauge} silicone"), part_named(SHELF, Connector, connector), length
    )


@pytest.mark.parametrize(
    ("gauge", "connector", "classes"),
    [
        ("22 AWG", "keyed twin-bullet 2 mm", {25}),
        ("16 AWG", "keyed twin-bullet 2 mm", {25, 40}),
        ("14 AWG", "keyed twin-bullet 3.5 mm", {40, 60}),
        ("10 AWG", "keyed twin-bullet 4.5 mm", {80}),
    ],
)
def test_iron_lies_where_the_trade_has_it(gauge, connector, classes):
    """Small leads 25 W, pack leads 40 W, 12 to 10 AWG and large connectors about 80 W (common practice, no source)."""
    found = work(gauge, connector)
    assert found.iron_class_w in classes
    assert found.iron_class_w >= found.iron_w


def test_a_large_cup_takes_five_to_six_seconds():
    """Common practice, no source."""
    assert 5 <= heating_seconds(5.26e-6) <= 6
    assert heating_seconds(0.3e-6) == 3


def test_far_end_by_finite_differences():
    """A half-infinite copper rod held at one end: explicit differences over 0.4 m against the closed form."""
    alpha, seconds, n, length = 401 / (8960 * 385), 12.0, 400, 0.4
    step = length / n
    dt = 0.4 * step**2 / alpha
    rise = np.zeros(n + 1)
    rise[0] = 210.0
    for _ in range(int(seconds / dt)):
        rise[1:-1] += alpha * dt / step**2 * (rise[2:] - 2 * rise[1:-1] + rise[:-2])
    for x in (0.03, 0.06, 0.1):
        assert far_end_rise(x, seconds) == pytest.approx(rise[round(x / step)], rel=0.02, abs=0.05)


@given(st.floats(0.005, 0.5), st.floats(0.5, 20))
def test_shorter_wire_and_longer_heat_warm_the_pack_more(length, seconds):
    assert far_end_rise(length, seconds) >= far_end_rise(length + 0.01, seconds)
    assert far_end_rise(length, seconds) <= far_end_rise(length, seconds + 1)


def test_a_short_lead_is_warned_of():
    assert work("10 AWG", "keyed twin-bullet 4.5 mm", 0.03).far_rise_k > 20
    assert work("10 AWG", "keyed twin-bullet 4.5 mm", 0.3).far_rise_k < 1


@given(st.floats(0.0008, 0.03), st.floats(0.0008, 0.03), st.floats(0.002, 0.02))
def test_sleeve_slides_on_and_grips(passes, grips, bare):
    """Supplied over the largest thing it passes, recovered under the smallest it grips (REFERENCES.md)."""
    found = joint_sleeve(passes, grips, bare)
    if found is None:
        assert passes * 1.1 > SLEEVES_M[-1] or grips * 1.1 > SLEEVES_M[-1] or passes / grips > 2
        return
    assert found.supplied_m >= max(passes, grips)
    assert found.recovered_m < grips
    assert found.supplied_m in SLEEVES_M
    assert found.cut_m > bare + 2 * grips


def test_thin_leads_get_the_sleeve_the_trade_uses():
    """2.4 mm shrinking to 1.2 mm over 22 to 24 AWG lead (common practice, no source)."""
    for gauge in ("22 AWG", "24 AWG"):
        wire = part_named(SHELF, Wire, f"{gauge} silicone")
        found = joint_sleeve(wire.outer_diameter_m, wire.outer_diameter_m, 0.003)
        assert (found.supplied_m, found.recovered_m) == pytest.approx((0.0024, 0.0012))


def test_pull_out_is_that_of_the_standards():
    """IEC 60352-2 in N by mm², UL 486A-486B in pounds-force by AWG (values from memory)."""
    ten = part_named(SHELF, Wire, "10 AWG silicone")
    assert pull_out(ten) == (pytest.approx(80 * 4.448, rel=1e-3), "UL 486A-486B")
    assert pull_out(part_named(SHELF, Wire, "2.5 mm² silicone")) == (230.0, "IEC 60352-2")
    odd = part_named(SHELF, Wire, "2.5 mm² silicone").model_copy(update={"area_m2": 3.1e-6})
    assert pull_out(odd)[0] == IEC_60352_2[2.5]
    assert pull_out(part_named(SHELF, Wire, "50 mm² silicone"))[0] is None
    assert sorted(UL_486A.values()) == [UL_486A[g] for g in sorted(UL_486A, reverse=True)]


def test_the_work_plan_tells_iron_strip_and_sleeve(hoist, hoist_analysis):
    from firmcell.core.jobs.new_pack import new_pack_steps

    step = next(s for s in new_pack_steps(hoist, hoist_analysis) if s.code == "connector-plug-in")
    assert "W iron or more" in step.words
    assert "{" not in step.words
    assert "sleeve, cut" in step.words


def test_ends_of_heavy_cable_get_adhesive_lined_sleeve_that_slides_on_and_grips():
    """Dual-wall sleeve is made at 3:1 and 4:1 (common practice, no source)."""
    checked = 0
    for wire in (w for w in SHELF.wires if w.area_m2 > 8e-6):
        for lug in fitting_lugs(SHELF.lugs, wire, 0.008):
            sleeve = lug_work(lug, wire, 0.05).sleeve
            if sleeve is None:
                continue
            checked += 1
            assert sleeve.lined
            assert sleeve.ratio in (3.0, 4.0)
            assert sleeve.supplied_m > max(wire.outer_diameter_m, lug.barrel_outer_m)
            assert sleeve.recovered_m < min(wire.outer_diameter_m, lug.barrel_outer_m)
            assert "adhesive-lined sleeve" in sleeve.words
    assert checked > 10


@pytest.mark.parametrize("watts", [40.0, 60.0, 100.0, 150.0, 300.0])
def test_how_long_an_iron_takes_against_a_rod_in_slices(watts):
    """Written here from first principles: the contact as one lump, the wire as a rod in slices of 1 mm, constant power
    into the lump, nothing lost to the air. A wire that is hot at once takes up more: never told too short, by theory
    at most (4/π)² = 1.62 times too long."""
    wire, plug = (
        part_named(SHELF, Wire, "12 AWG silicone"),
        part_named(SHELF, Connector, "keyed twin-bullet 4.5 mm"),
    )
    work = joint_work(wire, plug, 0.1)
    told = heated_after(work, wire, watts)
    slice_m, step_s = 1e-3, 2e-3
    slices = round(4 * np.sqrt(1.16e-4 * 1.7 * told) / slice_m) + 40
    per_k = 8960.0 * 385.0 * wire.area_m2 * slice_m
    flow = 398.0 * wire.area_m2 / slice_m
    rises, lump, time = np.zeros(slices), 0.0, 0.0
    while lump < SOLDERING_RISE_K:
        between = flow * -np.diff(np.concatenate([[lump], rises]))
        lump += (watts * REACHES - between[0]) * step_s / (work.energy_j / SOLDERING_RISE_K)
        rises += (between - np.append(between[1:], 0.0)) * step_s / per_k
        time += step_s
        assert time < 2 * told
    assert 0.98 < told / time < 1.65


def test_a_stronger_iron_is_quicker():
    wire, plug = (
        part_named(SHELF, Wire, "12 AWG silicone"),
        part_named(SHELF, Connector, "keyed twin-bullet 4.5 mm"),
    )
    work = joint_work(wire, plug, 0.1)
    assert heated_after(work, wire, 60.0) > heated_after(work, wire, 100.0) > 0
    assert heated_after(work, wire, work.iron_w) == pytest.approx(work.seconds)
