"""Measured resistances from files: order, numbers, units, and one sentence for what is wrong."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.refusal import Refusal
from firmcell.store.measured import resistances_from_csv


def test_values_in_order_by_number_and_with_units():
    assert resistances_from_csv("25\n26.5\n", "m", 3) == pytest.approx((0.025, 0.0265, 0.0))
    assert resistances_from_csv("cell,mOhm\n3,25\n1,0.03 Ω\n", "m", 3) == pytest.approx((0.03, 0.0, 0.025))
    assert resistances_from_csv("# bench meter\n1;25,5\n2;26\n", "m", 2) == pytest.approx((0.0255, 0.026))


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("", "no resistance"),
        ("1,25\nzebra,x\n", "line 2"),
        ("4,25\n", "no cell 4"),
        ("1,-3\n", "no resistance of a cell"),
    ],
)
def test_what_is_wrong_is_told_in_one_sentence(text, words):
    with pytest.raises(Refusal, match=words):
        resistances_from_csv(text, "m.csv", 3)


@given(st.text(max_size=200), st.integers(1, 50))
def test_anything_is_read_or_refused(text, cells):
    try:
        found = resistances_from_csv(text, "fuzz", cells)
    except Refusal:
        return
    assert len(found) == cells
    assert any(found)
