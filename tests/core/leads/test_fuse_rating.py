"""A fuse between load, wire and fault."""

import pytest

from firmcell.core.leads.fuse_rating import fit_fuse, least_rating
from firmcell.core.model.parts import Fuse
from firmcell.store.part_files import part_named


def test_fuse_between_load_and_wire(library):
    """Common practice: steady at most 80 %, a short peak at most 135 % of the rating: 25 A and 45 A need 33.3 A."""
    assert least_rating(25, 45) == pytest.approx(33.33, rel=1e-3)
    assert least_rating(30, 31) == pytest.approx(37.5)
    fuse = part_named(library, Fuse, "bolted fuse 80 V, 40 A")
    assert fit_fuse(fuse, 25, 45, 51, 650, 42).fits
    assert not fit_fuse(fuse, 35, 45, 51, 650, 42).carries_load
    assert not fit_fuse(fuse, 25, 45, 38, 650, 42).protects_wire
    assert not fit_fuse(fuse, 25, 45, 51, 2600, 42).breaks_fault
    assert not fit_fuse(fuse, 25, 45, 51, 650, 84).voltage_is_enough
