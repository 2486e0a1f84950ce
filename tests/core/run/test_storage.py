"""A pack in store: by hand, against the equations solved step by step, and what must hold of any pack."""

import csv
import io
import json

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.integrate import solve_ivp
from tests.core.wiring.test_graph import SHELF

from firmcell.core.analysis.analyse import analyse
from firmcell.core.analysis.storage_words import storage_words, stored
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.run.storage import AT_K, MONTH_S, SELF_A_MONTH, in_store
from firmcell.store.demo import hay_loft_lantern
from firmcell.store.run_files import storage_csv, storage_data

DAY = 86_400.0
PACKS = given(
    chemistry=st.sampled_from(list(Chemistry)),
    hours=st.floats(0.5, 100.0),
    drain=st.floats(0.0, 1e-3),
    start=st.floats(0.1, 1.0),
    kelvin=st.floats(258.15, 323.15),
)


def test_lithium_by_hand():
    """20 Ah half full down to 5 %, 20 µA and 2 % a month: 9 Ah / (0.48 mAh + 13.3 mAh a day) = 652 days."""
    found = in_store(Chemistry.LI_ION, 72_000.0, 20e-6, 0.5, AT_K)
    assert found.nearly_empty_s[1] / DAY == pytest.approx(9.0 / (20e-6 * 24 + 20 * 0.02 / 30), rel=1e-9)
    assert found.board_share == pytest.approx(0.48 / (0.48 + 13.33), rel=1e-3)


def test_nickel_by_hand():
    """A cell that loses a quarter of what it holds each month holds 0.75^n after n months without a board."""
    found = in_store(Chemistry.NIMH, 7200.0, 0.0, 1.0, AT_K)
    assert np.interp(3 * MONTH_S, found.time_s, found.charge[1]) == pytest.approx(0.75**3, rel=5e-3)
    assert np.isinf(found.empty_s).all()


@PACKS
def test_the_same_as_solved_step_by_step(chemistry, hours, drain, start, kelvin):
    found = in_store(chemistry, hours * 3600.0, drain, start, kelvin)
    warm = 2.0 ** ((kelvin - 298.15) / 10.0)
    for edge, share in enumerate(SELF_A_MONTH[chemistry]):

        def falls(_, q, share=share):
            own = share if chemistry.is_lithium else -np.log(1 - share) * q[0]
            return [-(drain / (hours * 3600.0)) - own * warm / MONTH_S]

        until = float(min(found.nearly_empty_s[edge], 20 * 365 * DAY))
        solved = solve_ivp(falls, (0.0, until), [start], rtol=1e-8, atol=1e-10)
        told = np.interp(until, found.time_s, found.charge[edge])
        assert told == pytest.approx(solved.y[0, -1], abs=2e-3)
        if np.isfinite(found.nearly_empty_s[edge]):
            assert solved.y[0, -1] == pytest.approx(0.05, abs=1e-5)


@PACKS
def test_what_holds_of_any_pack(chemistry, hours, drain, start, kelvin):
    def last(**other):
        asked = {"drain": drain, "start": start, "kelvin": kelvin} | other
        return in_store(
            chemistry, hours * 3600.0, asked["drain"], asked["start"], asked["kelvin"]
        ).nearly_empty_s

    own = last()
    assert own[0] >= own[1] >= own[2] > 0
    assert (last(drain=drain + 1e-4) <= own).all()
    assert (last(kelvin=kelvin + 5) <= own).all()
    assert (last(start=min(start + 0.1, 1.0)) >= own).all()
    found = in_store(chemistry, hours * 3600.0, drain, start, kelvin)
    assert (np.diff(found.charge, axis=1) <= 1e-12).all()
    assert 0 <= found.board_share <= 1


def test_the_words_err_to_the_early_side(hoist):
    analysis = analyse(hoist, SHELF)
    found = stored(hoist, analysis, 0.5, 288.15)
    words = " ".join(storage_words(found, hoist, 0.5))
    assert "Put away 50 % full at 15 °C" in words
    every = int(words.split("every ")[1].split(" ")[0])
    assert (
        every * (1 if "days" in words.split("every ")[1][:12] else 30.4)
        <= found.nearly_empty_s[2] / DAY / 2 + 16
    )
    assert "goes on when it has opened" in words
    # A group at 5 % a month beside others at 2 %, at 15 °C half of that: 1.5 % of the capacity a month.
    months = found.nearly_empty_s[2] / 2 / MONTH_S
    assert found.apart(months * MONTH_S) == pytest.approx(0.015 * months, rel=1e-3)
    assert f"is {0.015 * months:.0%} behind the others".replace("%", " %") in words
    assert "measure each, not just the pack" in words
    alone = "\n".join(storage_words(found, hoist.with_edits(("bms.board", None)), 0.5))
    assert "balance before the next charge" in alone
    lantern = hay_loft_lantern(SHELF)
    told = " ".join(storage_words(stored(lantern, analyse(lantern, SHELF), 1.0, AT_K), lantern, 1.0))
    assert "bear being empty" in told


def test_it_is_handed_out_as_csv_and_json(hoist):
    found = stored(hoist, analyse(hoist, SHELF), 0.6, AT_K)
    rows = list(csv.DictReader(io.StringIO(storage_csv(found))))
    assert float(rows[0]["charge_likely"]) == 0.6
    assert float(rows[-1]["charge_earliest"]) == 0.0
    data = json.loads(json.dumps(storage_data(found, ["a"])))
    assert data["group_behind"][0] == 0.0
    assert max(data["group_behind"]) > 0.1
    assert data["nearly_empty_s"]["earliest"] < data["nearly_empty_s"]["latest"]
    nickel = in_store(Chemistry.NIMH, 7200.0, 0.0, 1.0, AT_K)
    assert storage_data(nickel, [])["empty_s"]["latest"] is None
