"""What all jobs show together, by hand from a few entries."""

from itertools import count

import pytest
from pydantic import ValidationError

from firmcell.core.stock.across import (
    NOT_TAKEN,
    came_back,
    capacities,
    joints_by_strip,
    mean_and_doubt,
    peels_by_setting,
    times_by_family,
    used_by_class,
)
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import CellMoved, Entry, Origin, PlaceKind
from firmcell.core.stock.lessons import (
    CapacityMeasured,
    JointMeasured,
    PeelMeasured,
    SettingPeeled,
    StepTimed,
)
from firmcell.core.stock.settings_library import known_settings

NUMBERS = count(1)


def entry(data, day=1, about=""):
    key = f"{next(NUMBERS):032x}"
    return Entry(key=key, about=about or key, time=f"2026-11-{day:02d}T10:00:00+01:00", data=data)


def peel(force=None, torn=None, setting="6", strip="nickel"):
    return PeelMeasured(
        strip=strip, layers=1, cell="c", machine="w", setting=setting, force_n=force, torn_m=torn
    )


def test_peels_lie_together_by_setting():
    told = [peel(40.0), peel(44.0), peel(torn=0.002), peel(20.0, setting="5"), peel(30.0, strip="steel")]
    groups = peels_by_setting(entry(d, day) for day, d in enumerate(told, start=1))
    assert [(g.strip, g.setting, g.forces_n, g.torn_m) for g in groups] == [
        ("nickel", "6", (40.0, 44.0), (0.002,)),
        ("nickel", "5", (20.0,), ()),
        ("steel", "6", (30.0,), ()),
    ]
    assert peels_by_setting([entry(peel(1.0, setting=""))])[0].setting == "no setting recorded"
    with pytest.raises(ValidationError, match="a peel wants"):
        peel()


def test_joints_times_and_capacity_are_put_in_order():
    def joint(ohms, strip):
        return JointMeasured(strip=strip, joined_by="spot welds", joint="x", ohms=ohms, expected_ohm=2e-4)

    (one, other) = joints_by_strip(
        [entry(joint(3e-4, "b"), 2), entry(joint(1e-4, "b"), 1), entry(joint(1e-4, "a"))]
    )
    assert (one.strip, other.ohms) == ("a", (1e-4, 3e-4))
    times = times_by_family(
        entry(StepTimed(family=f, seconds=s))
        for f, s in (("rings", 60), ("weld", 50), ("weld", 70), ("weld", 90))
    )
    assert [(t.family, t.median_s) for t in times] == [("weld", 70), ("rings", 60)]
    pack = CapacityMeasured(cell="c", predicted_as=36_000, measured_as=34_200, nominal_v=10.0, job="Hoist")
    (point,) = capacities([entry(pack, 3), entry(peel(1.0))])
    assert point.share == pytest.approx(0.95)
    assert point.energy_j == (360_000.0, 342_000.0)


def line(key, serial, class_name="21700"):
    return CellLine(
        key,
        serial,
        class_name,
        "L7",
        Origin.NEW,
        "",
        PlaceKind.DRAWER,
        "",
        None,
        "",
        None,
        None,
        None,
        None,
        None,
        None,
        None,
        "",
    )


def test_cells_that_came_out_of_a_pack_are_found_and_those_never_fitted_are_not():
    def moved(cell, day, to, place="", reason=""):
        return entry(CellMoved(to=to, place=place, reason=reason, after="0" * 32), day, cell)

    a, b, c, d = (f"{n}" * 32 for n in "abcd")
    job, drawer, out = PlaceKind.JOB, PlaceKind.DRAWER, PlaceKind.SCRAPPED
    moves = [
        moved(a, 1, job, "Hoist"),
        moved(a, 9, out, reason="drains"),
        moved(b, 1, job, "Hoist"),
        moved(b, 2, drawer, "A1", NOT_TAKEN),
        moved(c, 1, job, "Hoist"),
        moved(c, 2, job, "Hoist"),
        moved(d, 3, drawer, "A2"),
        # Came out twice, of two packs; written in another order than it was done.
        moved(c, 7, job, "Scale"),
        moved(c, 8, drawer, "A1", "too weak"),
        moved(c, 5, drawer, "A1", "opened"),
    ]
    lines = [line(a, "HL-1"), line(b, "HL-2"), line(c, "HL-3"), line(d, "HL-4")]
    told = [
        (e.serial, e.job, e.went[8:10], e.came[8:10], e.scrapped, e.reason) for e in came_back(moves, lines)
    ]
    assert told == [
        ("HL-1", "Hoist", "01", "09", True, "drains"),
        ("HL-3", "Scale", "07", "08", False, "too weak"),
        ("HL-3", "Hoist", "02", "05", False, "opened"),
    ]
    assert used_by_class(moves, lines) == (("21700", 2),), (
        "the one never fitted and the one never moved are not"
    )
    assert came_back(moves, []) == ()


def test_what_samples_prove_of_a_setting():
    """22 without a failure prove 90 % with 90 % confidence: 0.1^(1/22) = 0.9006 (zero-failure binomial)."""

    def sample(peeled, held, setting="6"):
        return entry(
            SettingPeeled(
                strip="nickel",
                layers=1,
                cell="c",
                welder="w",
                machine="m",
                setting=setting,
                pulses=2,
                peeled=peeled,
                held=held,
            )
        )

    (best, other) = known_settings([sample(10, 9, "5"), sample(12, 12), sample(10, 10)])
    assert (best.peeled, best.held, best.proven_words) == (22, 22, "90 %")
    assert best.proven == pytest.approx(0.1 ** (1 / 22))
    # One failure in ten: the lower limit of Clopper and Pearson, 66.3 % (tables of the binomial, value from memory).
    assert other.proven == pytest.approx(0.663, abs=0.002)


def test_a_mean_has_its_doubt_from_three_values_on():
    assert mean_and_doubt([1.0, 3.0]) == (2.0, None)
    mean, doubt = mean_and_doubt([2.0, 4.0, 4.0, 4.0, 5.0, 5.0, 7.0, 9.0])
    # Standard deviation of the textbook's eight numbers: 2 over all, 2.138 of a sample; twice it over √8.
    assert (mean, doubt) == (5.0, pytest.approx(2 * 2.13809 / 8**0.5, rel=1e-5))
