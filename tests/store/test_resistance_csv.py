"""Measured resistances from files: headings, numbers, units, and one sentence for what is wrong."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.store.resistance_csv import resistances_from_csv


def test_columns_are_found_by_heading_and_read_in_their_unit():
    assert resistances_from_csv("resistance mΩ\n25\n26.5\n", "m", 3) == pytest.approx((0.025, 0.0265, 0.0))
    assert resistances_from_csv("cell,R (mOhm)\n3,25\n1,0.03 Ω\n", "m", 3) == pytest.approx((0.03, 0, 0.025))
    assert resistances_from_csv("# meter\nNo;DCIR [Ω]\n1;0,0255\n2;0,026\n", "m", 2) == pytest.approx(
        (0.0255, 0.026)
    )
    # Voltage first, resistance in the middle, the order of the columns is the file's own.
    text = "voltage V,resistance_mohm,capacity Ah,cell\n3.61,24.5,4.9,2\n3.62,25.5,5.0,1\n"
    assert resistances_from_csv(text, "m", 2) == pytest.approx((0.0255, 0.0245))
    assert resistances_from_csv("cell,resistance\n1,23 mΩ\n", "m", 1) == pytest.approx((0.023,))


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("", "no resistance"),
        ("25\n26.5\n", "headed “resistance”"),
        ("1,25\n2,26\n", "headed “resistance”"),
        ("cell,voltage V\n1,3.6\n", "headed “resistance”"),
        ("cell,resistance\n1,25\n", "no unit"),
        ("cell,AC resistance 1kHz mΩ\n1,25\n", "a.c. reading"),
        ("cell,R mΩ,IR mΩ\n1,25,26\n", "both"),
        ("name,resistance mΩ\nzebra,25\n", "headed “cell”"),
        ("cell,resistance mΩ\n1,25\nzebra,x\n", "line 3"),
        ("cell,resistance mΩ\n1,25\n2\n", "line 3"),
        ("cell,resistance mΩ\n1.5,25\n", "no number of a cell"),
        ("cell,resistance mΩ\n1,25\n1,26\n", "a second time"),
        ("cell,resistance mΩ\n4,25\n", "no cell 4"),
        ("cell,resistance mΩ\n1,-3\n", "no resistance of a cell"),
        ("cell,resistance mΩ\n", "no resistance beneath"),
    ],
)
def test_what_is_wrong_is_told_in_one_sentence(text, words):
    with pytest.raises(Refusal, match=words):
        resistances_from_csv(text, "m.csv", 3)


@given(st.text(max_size=200), st.integers(1, 50), st.sampled_from(["", "cell,resistance mΩ\n", "R Ω\n"]))
def test_anything_is_read_or_refused(text, cells, heading):
    try:
        found = resistances_from_csv(heading + text, "fuzz", cells)
    except Refusal as refusal:
        found, sentence = (), refusal.sentence
    if not found:
        assert sentence.startswith("fuzz")
        assert sentence.endswith(".")
        return
    assert len(found) == cells
    assert any(found)
    assert all(0 <= ohm <= 10 for ohm in found)
