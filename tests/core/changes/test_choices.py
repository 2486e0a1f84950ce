"""The packs that appear while a brief is typed."""

import pytest

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.refusal import Refusal
from firmcell.core.changes.choices import PackChoice, pack_choices
from firmcell.core.changes.first_design import propose
from firmcell.core.model.brief import Brief
from firmcell.store.part_files import shipped_library

SHELF = shipped_library()
HOIST = Brief(
    title="hoist",
    load_voltage_min_v=32,
    load_voltage_max_v=43,
    current_steady_a=25,
    current_peak_a=45,
    energy_j=500 * 3600,
)


def test_packs_that_do_it_come_by_counts_first_then_whole_and_the_first_is_the_programs_own():
    steps = list(pack_choices(HOIST, SHELF, most=3))
    assert len(steps) == 4, "by counts, then one more worked out each time"
    assert [sum(c.design is not None for c in s) for s in steps] == [0, 1, 2, 3]
    first, last = steps[0], steps[-1]
    assert [c.cell for c in first] == [c.cell for c in last], "none changes its place under the hand"
    assert propose(HOIST, SHELF).cell == last[0].cell
    for choice in last:
        assert not choice.lacks
        pack = analyse(choice.design, SHELF).pack
        assert choice.mass_kg == pack.mass_kg
        # By hand: cells of a series string within the window, and enough of them for the current and the energy.
        assert choice.series * choice.cell.full_v <= 43
        assert choice.parallel * choice.cell.current_continuous_a >= 25
        assert choice.energy_j >= 500 * 3600
        assert choice.mass_kg > choice.series * choice.parallel * choice.cell.mass_kg
        assert f"{choice.mass_kg:.2f} kg" in choice.words()
        assert "warms to" in choice.words()
        assert choice.title.startswith(f"{choice.series}S{choice.parallel}P of ")
    masses = [c.series * c.parallel * (c.cell.mass_kg + 0.01) for c in last]
    assert masses == sorted(masses), "lightest first, a hundredth of a kilogram for the work of each cell"


def test_where_nothing_does_it_the_nearest_says_what_it_lacks():
    heavy = HOIST.model_copy(update={"mass_limit_kg": 0.3})
    (choice,) = list(pack_choices(heavy, SHELF))[-1]
    assert "the limit is 300 g" in choice.words()
    with pytest.raises(Refusal, match="No cell in the part library"):
        list(pack_choices(HOIST, SHELF.model_copy(update={"cells": ()})))


def test_sizes_are_told_in_inches_and_the_price_of_cells_where_it_is_known():
    cell = SHELF.cells[0].model_copy(update={"price": 3.5})
    choice = PackChoice(cell, 4, 2, (), 1.0, 3.6e5, size_m=(0.0508, 0.0254, 0.127))
    assert "51 × 25 × 127 mm" in choice.words()
    assert "2.00 × 1.00 × 5.00 in" in choice.words(inch=True)
    assert "cells for 28.00" in choice.words()
