"""Collecting bars for more current than strip carries: thick copper, to which tabs are soldered off the
pack and then welded to the cells."""

from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell, Strip, StripMetal
from firmcell.core.physics.strip_heat import long_run_limit
from firmcell.core.strips.made_of import PLACING_M

BAR_FROM_M = 0.0005
"""From this thickness on copper is a bar, m; engineering judgement."""
TAB_WIDEST_M = 0.010
"""Nickel that lies flat as a tab of a bar, m; common practice, no source."""
Edits = tuple[tuple[str, object], ...]


MOST_BARS = 4
"""Bars laid on each other at most; engineering judgement."""


def least_bar(
    design: Design, layout: Layout, library: PartLibrary, current_a: float
) -> tuple[str, Edits] | None:
    """Return the bar that carries a current in as few layers as can be, as `bar_on_tabs` does."""
    tried = (bar_on_tabs(design, layout, library, current_a, n) for n in range(1, MOST_BARS + 1))
    return next((found for found in tried if found is not None), None)


def bar_on_tabs(
    design: Design, layout: Layout, library: PartLibrary, current_a: float, layers: int
) -> tuple[str, Edits] | None:
    """Return the least copper bar that carries a current in so many layers, with tabs of nickel: in words,
    and the edits.

    Only for round cells that are welded: a thick bar cannot be welded itself, and other cells have screws.
    None where there is no such bar in the part library.
    """
    if design.joining.joined_by is not JoinedBy.WELD or not design.cell.is_round:
        return None
    nickel = [
        s
        for s in library.strips
        if s.metal is StripMetal.NICKEL
        and s.thickness_m <= design.joining.welder.thickest_m + 1e-9
        and s.width_m <= TAB_WIDEST_M
    ]
    room_m = layout.pitch_m - 2 * (design.joining.gap_m + PLACING_M)
    bars = _carrying(library, room_m, layers, current_a, design.cell, design.brief.ambient_max_k)
    if not nickel or not bars:
        return None
    tab, bar = max(nickel, key=lambda s: s.section_m2), min(bars, key=lambda s: s.section_m2)
    many = f", {layers} layers" if layers > 1 else ""
    return f"{bar.name}{many} for collecting, on tabs of {tab.name}", (
        ("joining.collector_strip", bar),
        ("joining.collector_layers", layers),
        ("joining.collector_under", None),
        ("joining.collector_tabs", tab),
    )


def a_bar_carries(cell: Cell, library: PartLibrary, gap_m: float, current_a: float, ambient_k: float) -> bool:
    """Return whether some bar in `MOST_BARS` layers or less carries a current along one row of touching round
    cells, with `gap_m` to the metal of another potential."""
    room_m = cell.diameter_m + cell.diameter_tolerance_m - 2 * (gap_m + PLACING_M)
    layers = range(1, MOST_BARS + 1)
    return any(_carrying(library, room_m, n, current_a, cell, ambient_k) for n in layers)


def _carrying(
    library: PartLibrary, room_m: float, layers: int, current_a: float, cell: Cell, ambient_k: float
) -> list[Strip]:
    """Bars that carry a current in so many layers beside this cell, on either face. Each lies over its own
    group only, in the `room_m` that keeps its distance to the cells of the next."""
    return [
        s
        for s in library.strips
        if s.metal is StripMetal.COPPER
        and s.thickness_m >= BAR_FROM_M
        and s.width_m <= room_m
        and long_run_limit(s, layers, cell.temperature_max_k, ambient_k, down=True) >= current_a
    ]
