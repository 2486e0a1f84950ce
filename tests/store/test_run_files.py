"""Profiles from files: units, separators, and whatever else a file may hold."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.store.run_files import profile_from_csv


def test_columns_are_found_by_their_headings():
    demand = profile_from_csv('note,power_w,time_min\nclimb,300,0\nflat,"120.5",2\nend,0,5\n', "p.csv")
    assert demand.watts
    assert demand.at(0.0) == 300.0
    assert demand.at(121.0) == 120.5
    assert demand.lasts_s == 300.0
    assert not profile_from_csv("Time (s);Current [A]\n0;10,5\n60;0\n", "p.csv").watts


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("", "no profile"),
        ("when,what\n0,1\n", "line 1"),
        ("time_s,current_a,power_w\n0,1,2\n", "line 1"),
        ("time_s,current_a\n0,1\n0,2\n", "rise"),
        ("time_s,current_a\n5,1\n9,2\n", "begin at 0"),
        ("time_s,current_a\n0,1\n", "two rows"),
        ("time_s,current_a\n0,much\n9,1\n", "line 2"),
        ("time_s,current_a\n0,1\n9\n", "line 3"),
    ],
)
def test_what_is_wrong_is_named(text, words):
    with pytest.raises(Refusal) as refused:
        profile_from_csv(text, "p.csv")
    assert words in refused.value.sentence
    assert "p.csv" in refused.value.sentence


@given(st.text(max_size=200) | st.text("time_scurrent_ap,;0123456789.-eE\n nainf", max_size=200))
def test_any_text_is_a_profile_or_refused(text):
    try:
        said = profile_from_csv(text, "p.csv").lasts_s > 0
    except Refusal as refusal:
        said = refusal.sentence.endswith(".")
    assert said
