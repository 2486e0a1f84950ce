"""Parts in stock from tables of all kinds, and back."""

from contextlib import suppress

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.stock.part_entries import PartKind
from firmcell.register.parts_csv import parts_csv, parts_from_csv, parts_merged
from firmcell.register.register import Register

TABLE = """Class;Kind;There;Where;Supplier;Price;Least;Sold
pure nickel strip 0.15 × 8;strip;7,4;rail 1;Fell Lane;1,90;2 m;5
24 AWG silicone;wire;38 ft;spool rack;;;;
"bolted fuse 80 V, 40 A";fuse;3;drawer D3;;3.5;1;10
"""


@pytest.fixture
def register(tmp_path):
    with Register(str(tmp_path / "r.sqlite"), bench="A") as made:
        yield made


def take_in(register, text):
    read = parts_merged(register, parts_from_csv(text, "t.csv"), "Ada")
    register.write([entry for each in read for entry in each.entries])
    return [each.words for each in read]


def test_a_table_comes_in_and_goes_out_as_it_is(register):
    words = take_in(register, TABLE)
    assert words[0] == "pure nickel strip 0.15 × 8 (rail 1): comes in, 7.4 m"
    strip, wire, fuse = register.parts()
    assert (strip.amount, strip.is_.least, strip.is_.sold, strip.is_.price) == (7.4, 2.0, 5.0, 1.9)
    assert wire.amount == pytest.approx(38 * 0.3048)
    assert (fuse.amount, fuse.is_.part, fuse.is_.sold) == (3, PartKind.FUSE, 10)
    written = parts_csv(register.parts())
    assert [w.rpartition(": ")[2] for w in take_in(register, written)] == ["as it is known"] * 3
    counted = written.replace("7.4 m", "6.9 m").replace("Fell Lane", "Brack")
    assert take_in(register, counted)[0].endswith("counted, 6.9 m; 7.4 m by the register, told anew")
    first = register.parts()[0]
    assert (first.amount, first.is_.supplier) == (6.9, "Brack")
    assert len(register.parts()) == 3


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("class,there\n", "no cell beneath|holds headings"),
        ("there,place\n1,x\n", "no column is headed “class”"),
        ("class,where,location,there\na,b,c,1\n", "two columns are headed “place”"),
        ("class,there\na,\n", "is not told; 4.5 m or 12 is right"),
        ("class,there\n,3\n", "line 2"),
        ("class,kind,there\nf,fuse,2.5\n", "2.5 is no whole number"),
        ("class,kind,there\nf,cell,2\n", "“cell” is no kind of part; there are strip"),
        ("class,there\na,lots\n", "line 2"),
        ("class,there\na,-3\n", "line 2"),
        ("class,there,price\na,3,-2\n", "line 2"),
        ("class,there,place\na,3,x\nA ,4,X\n", "stands on line 2 already"),
    ],
)
def test_what_cannot_be_read_is_told_in_a_sentence_with_its_line(text, words):
    with pytest.raises(Refusal, match=words):
        parts_from_csv(text, "t.csv")


@settings(max_examples=150, deadline=None)
@given(st.text(alphabet='classther,;\t\n"0123456789.m-×µ ', max_size=120))
def test_no_table_makes_it_fall_over(text):
    with suppress(Refusal):
        rows = parts_from_csv("class,there\n" + text, "t.csv")
        assert all(row.amount >= 0 and row.is_.name for row in rows)
