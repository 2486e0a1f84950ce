"""What measured welds prove: charts against a textbook's example, chance against drift by many random series."""

import random

import pytest
from scipy.stats import binom

from firmcell.core.bench.weld_control import (
    FEW,
    capability,
    control_chart,
    drift,
    held_words,
    joints_words,
    least_good,
    peels_of,
    samples_words,
    weld_verdict,
)
from firmcell.core.records.events import Correction, Event, PeelTest, Upkeep, UpkeepKind, WeldSample

NIST = [49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1]
"""NIST/SEMATECH e-Handbook, individuals control chart, ten batches; values from memory."""


def test_the_limits_are_those_of_the_textbook():
    """Centre 50.81, limits 45.8159 and 55.8041, mean moving range 1.8778 (values from memory)."""
    chart = control_chart(NIST)
    assert chart.centre == pytest.approx(50.81)
    assert chart.range_mean == pytest.approx(1.8778, abs=1e-4)
    assert (chart.low, chart.high) == pytest.approx((45.8159, 55.8041), abs=0.01)
    assert not chart.out.any()
    assert chart.range_high == pytest.approx(3.267 * 1.8778, abs=1e-3)
    assert capability(chart, 45.8159) == pytest.approx(1.0, abs=0.002), "three sigma to the limit"


def test_few_values_make_no_chart():
    assert control_chart(NIST[: FEW - 1]) is None
    told = weld_verdict(NIST[:3], 0, "N", None, "peel force")
    assert told.go is None
    assert "5 make a chart" in told.words


def series(rng, count, slope=0.0, mean=50.0, sd=2.0):
    return [rng.gauss(mean, sd) + slope * n for n in range(count)]


def test_chance_hardly_stops_and_a_worn_electrode_does():
    """400 random series of 20: by chance under 5 % are stopped, and under 10 % called drifting; of those that lose a fifth of a
    standard deviation each time nine in ten are told."""
    rng = random.Random(4)
    steady = [weld_verdict(series(rng, 20), 0, "N", None, "peel force") for _ in range(400)]
    stopped = sum(v.go is False for v in steady)
    warned = sum(v.go is None for v in steady)
    assert stopped < 20
    assert warned < 40
    worn = [weld_verdict(series(rng, 20, slope=-0.4), 0, "N", None, "peel force") for _ in range(400)]
    assert sum(v.go is not True for v in worn) > 360


def test_what_was_before_an_upkeep_is_no_drift():
    rng = random.Random(9)
    before = series(rng, 12, slope=-0.8)
    after = series(rng, 12)
    told = weld_verdict([*before, *after], 12, "N", 30.0, "peel force")
    assert told.go is True
    assert drift(before)[1]
    assert any("capability" in w for w in told.more)


def test_under_the_least_force_it_stops():
    told = weld_verdict([*NIST, 44.0], 0, "N", 45.0, "peel force")
    assert told.go is False
    assert "under 45.0 N" in told.words or "under 45 N" in told.words


@pytest.mark.parametrize(("peeled", "held"), [(22, 22), (22, 21), (30, 27), (5, 0)])
def test_samples_prove_what_the_binomial_says(peeled, held):
    """With the share that is told, so many or more held has a chance of one in ten (scipy's binomial)."""
    share = least_good(peeled, held)
    if held:
        assert binom.sf(held - 1, peeled, share) == pytest.approx(0.10, abs=1e-6)
    else:
        assert share == 0.0
    assert f"{held} of {peeled} held" in held_words(peeled, held)


def event(seq, data):
    return Event(
        seq=seq,
        time="2026-11-27T08:00:00+00:00",
        person="Wren Ashby",
        step="weld-sample",
        revision=1,
        data=data,
        prev="0" * 64,
        hash="0" * 64,
    )


def test_records_become_series_and_what_is_taken_back_is_out():
    events = [event(n, PeelTest(force_n=40.0 + n)) for n in range(1, 7)]
    events.append(event(7, Upkeep(what=UpkeepKind.DRESSED)))
    events.append(event(8, PeelTest(force_n=50.0, torn_m=0.003)))
    events.append(event(9, Correction(seq=1, reason="slipped")))
    found = peels_of(events)
    assert found.values == (42.0, 43.0, 44.0, 45.0, 46.0, 50.0)
    assert found.since == 5
    holes = peels_of([event(n, PeelTest(torn_m=0.002)) for n in range(1, 4)])
    assert (holes.values, holes.unit) == ((2.0, 2.0, 2.0), "mm")


def test_only_samples_of_the_setting_in_use_count():
    def sample(seq, setting, peeled, held):
        return event(
            seq, WeldSample(machine="w", setting=setting, pulses=2, strip="s", peeled=peeled, held=held)
        )

    words = samples_words(
        [sample(1, "level 5", 6, 4), sample(2, "level 6", 12, 12), sample(3, "level 6", 10, 10)]
    )
    assert words.startswith("22 of 22 held")
    assert samples_words([]) == ""


def test_a_peel_test_without_a_value_is_refused():
    with pytest.raises(ValueError, match="peel force or the diameter"):
        PeelTest()


def test_joints_are_held_against_their_class():
    assert joints_words([], 2e-4) == ""
    assert "stand" not in joints_words([2e-4] * 4, 2e-4)
    assert "2 stand out" in joints_words([2e-4, 5e-4, 6e-4], 2e-4)
