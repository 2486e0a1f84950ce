"""Designations and transport lines."""

import pytest

from firmcell.core.base.quantity import WH
from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.designation import cell_designation, pack_designation, transport_class
from firmcell.core.model.parts import Cell
from firmcell.store.part_files import part_named


@pytest.mark.parametrize(
    ("name", "designation"),
    [
        ("21700 high-energy 5.0 Ah", "INR22/71"),  # IEC 61960-3: dimensions rounded up (from memory)
        ("18650 power 2.5 Ah", "INR19/65"),
        ("26650 iron phosphate 3.3 Ah", "IFpR27/66"),
        ("AA metal hydride 2.0 Ah", "HR15/51"),  # IEC 61951-2 (from memory)
        ("sub-C cadmium 1.8 Ah", "KR23/43"),
    ],
)
def test_cell_designations(library, name, designation):
    assert cell_designation(part_named(library, Cell, name)) == designation


def test_pack_designation(library):
    cell = part_named(library, Cell, "21700 high-energy 5.0 Ah")
    assert pack_designation(cell, 10, 4) == "10INR22/71-4"
    assert pack_designation(cell, 1, 1) == "INR22/71"


def test_transport_lines_of_20_and_100_wh():
    """UN 38.3 and air transport: 20 Wh a cell, 100 Wh a battery (from memory)."""
    assert "small" in transport_class(Chemistry.LI_ION, 20 * WH, 100 * WH)
    assert "fully regulated" in transport_class(Chemistry.LI_ION, 20.1 * WH, 60 * WH)
    assert "fully regulated" in transport_class(Chemistry.LFP, 10 * WH, 100.1 * WH)
    assert "nickel" in transport_class(Chemistry.NIMH, 3 * WH, 300 * WH)
