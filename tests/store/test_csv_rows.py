"""Headings of a.c. readings: refused by every reader, however they are written."""

import pytest

from firmcell.core.base.refusal import Refusal
from firmcell.store.cell_tests_csv import cell_tests_from_csv
from firmcell.store.csv_rows import is_alternating
from firmcell.store.resistance_csv import resistances_from_csv
from firmcell.store.stock_csv import drawer_from_csv

ALTERNATING = (
    "resistance AC mΩ",
    "resistance a.c. mΩ",
    "resistance (a.c.) mΩ",
    "resistance_ac_mohm",
    "resistance 1 kHz mΩ",
    "resistance mΩ @1kHz",
    "resistance at 1000 Hz mΩ",
    "resistance Z mΩ",
    "a.c. resistance mΩ",
    "impedance mΩ",
    "ACIR mΩ",
)


@pytest.mark.parametrize("heading", ALTERNATING)
def test_no_reader_takes_an_alternating_reading_for_a_resistance(heading):
    """A reading at 1 kHz lies below the d.c. resistance (IEC 61960-3): a pack looks better than it is."""
    for read in (
        lambda: drawer_from_csv(f"serial,capacity Ah,{heading}\nA,2.5,20\n", "t.csv"),
        lambda: cell_tests_from_csv(f"cell,capacity Ah,{heading}\n1,2.5,20\n", "t.csv", 8),
        lambda: resistances_from_csv(f"cell,{heading}\n1,20\n", "t.csv", 8),
    ):
        with pytest.raises(Refusal, match=r"is an a\.c\. reading"):
            read()


@pytest.mark.parametrize(
    "heading",
    ["resistance mΩ", "capacity Ah", "DCIR [Ω]", "cell", "resistance_mohm", "Cell A capacity", "days"],
)
def test_other_headings_are_not_taken_for_one(heading):
    assert not is_alternating(heading)
