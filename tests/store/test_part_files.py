"""The shipped libraries and the user's own part files."""

import contextlib

import pytest
from hypothesis import given
from hypothesis import strategies as st

from firmcell.core.base.refusal import Refusal
from firmcell.core.model.chemistry import FACTS, Chemistry
from firmcell.core.model.parts import PART_KINDS, Cell, Keying, StripMetal, Wire
from firmcell.store.part_files import load_library, part_named, parts_from_csv, parts_from_toml

WIRE = """
[[wire]]
name = "own 3 mm²"
gauge = "3 mm²"
area = "3 mm²"
resistance = "6,2 Ω/km"
insulation_limit = "356 °F"
outer_diameter = "1/8 in"
mass = "40 g/m"
"""


def test_the_library_has_what_the_trade_needs(library):
    assert len(library.cells) >= 14
    assert {c.chemistry for c in library.cells} == set(Chemistry)
    assert {c.size for c in library.cells} >= {"14500", "18650", "21700", "26650", "32700", "AA", "sub-C"}
    assert len(library.strips) >= 8
    assert {s.metal for s in library.strips} == set(StripMetal)
    assert len(library.connectors) >= 12
    assert {c.keying for c in library.connectors} == set(Keying)
    assert all(c.pack_half for c in library.connectors)
    assert len(library.boards) >= 10
    gauges = {w.gauge for w in library.wires}
    assert {"30 AWG", "4/0 AWG", "0.14 mm²", "120 mm²"} <= gauges
    assert library.fuses
    assert library.sleeves


def test_values_are_plausible_and_sourced(library):
    for cell in library.cells:
        facts = FACTS[cell.chemistry]
        assert (cell.empty_v, cell.nominal_v, cell.full_v) == (facts.empty_v, facts.nominal_v, facts.full_v)
        assert cell.current_continuous_a <= cell.current_peak_a
    for kind in PART_KINDS.values():
        for part in library.of(kind):
            assert part.source
    # CRC Handbook, elements at 293 K (from memory): copper 1.7241e-8 (IACS) Ω·m; commercially pure
    # nickel 85 to 96 nΩ·m (makers' sheets, from memory), of which the warm edge is taken.
    for strip in library.strips:
        expected = {StripMetal.NICKEL: 9.6e-8, StripMetal.COPPER: 1.7241e-8}.get(strip.metal)
        if expected:
            assert strip.resistivity_ohm_m == pytest.approx(expected, rel=1e-3)
        else:
            assert 0.10e-6 <= strip.resistivity_ohm_m <= 0.18e-6


def test_own_parts_by_toml_and_csv_join_the_library(tmp_path):
    (tmp_path / "own.toml").write_text(WIRE)
    (tmp_path / "more.csv").write_text(
        "kind,name,rating,voltage_dc,breaking,resettable\nfuse,own 25 A,25 A,60 V,1 kA,no\n"
    )
    (tmp_path / "bad.toml").write_text("[[wire]]\nname = 'x'\n")
    library, faults = load_library(tmp_path)
    wire = part_named(library, Wire, "own 3 mm²")
    assert wire.area_m2 == pytest.approx(3e-6)
    assert wire.outer_diameter_m == pytest.approx(0.003175)
    assert wire.insulation_limit_k == pytest.approx(453.15)
    assert any(f.name == "own 25 A" and f.breaking_a == 1000 for f in library.fuses)
    assert len(faults) == 1
    assert faults[0].startswith("bad.toml: wire “x”")


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("not toml [", "is not a TOML file"),
        ("[[spoon]]\nname='x'", "no kind of part"),
        (WIRE.replace('"3 mm²"\nresistance', '"3 V"\nresistance'), "measures something else"),
        (WIRE.replace('"6,2 Ω/km"', "6.2"), "has no unit"),
        (WIRE.replace("mass", "weight"), "unknown field “weight”"),
        (WIRE.replace('"40 g/m"', '"-40 g/m"'), "above 0"),
        ("[[wire]]\nname=''", "name"),
    ],
)
def test_faults_in_libraries_are_told(text, words):
    with pytest.raises(Refusal) as caught:
        parts_from_toml(text, "own.toml")
    assert words in caught.value.sentence


@given(st.text(max_size=120))
def test_any_text_is_parts_or_a_refusal(text):
    for read in (parts_from_toml, parts_from_csv):
        with contextlib.suppress(Refusal):
            read(text, "x")


@given(st.dictionaries(st.sampled_from(["name", "size", "capacity", "diameter", "chemistry", "mass"]),
                       st.one_of(st.text(max_size=8), st.integers(), st.floats(), st.booleans())))  # fmt: skip
def test_any_table_is_a_cell_or_a_refusal(table):
    from firmcell.store.part_files import part_from_table

    with pytest.raises(Refusal):
        part_from_table(Cell, table, "x")


def test_a_missing_part_is_told_with_what_there_is(library):
    with pytest.raises(Refusal, match="There is no cell called “nothing”"):
        part_named(library, Cell, "nothing")
