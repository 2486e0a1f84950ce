"""A fuse between load, wire and fault."""

import pytest

from firmcell.core.leads.fuse_rating import fit_fuse, least_rating
from firmcell.core.model.duty import Duty
from firmcell.core.model.parts import Fuse
from firmcell.store.part_files import part_named


def test_fuse_between_load_and_wire(library):
    """Common practice: steady at most 80 % of the rating."""
    assert least_rating(Duty(30, 31, 10.0)) == pytest.approx(37.5)
    fuse = part_named(library, Fuse, "bolted fuse 80 V, 40 A")
    assert fit_fuse(fuse, Duty(25, 45, 10.0), 51, 650, 42).fits
    assert not fit_fuse(fuse, Duty(35, 45, 10.0), 51, 650, 42).carries_load
    assert not fit_fuse(fuse, Duty(25, 45, 10.0), 38, 650, 42).protects_wire
    assert not fit_fuse(fuse, Duty(25, 45, 10.0), 51, 2600, 42).breaks_fault
    assert not fit_fuse(fuse, Duty(25, 45, 10.0), 51, 650, 84).voltage_is_enough
