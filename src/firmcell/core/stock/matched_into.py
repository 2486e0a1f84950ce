"""One matching of cells of the drawers into a pack, and all that is told of it."""

from collections.abc import Sequence

from firmcell.core.analysis.analyse import analyse
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import AH
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.serials import serial_key
from firmcell.core.base.visible import visible
from firmcell.core.model.design import Design
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.first_charge import first_charge
from firmcell.core.stock.into_pack import (
    Candidates,
    Limits,
    Order,
    candidates,
    gives,
    into_design,
    picking_list,
    placed,
)
from firmcell.core.stock.into_pack_words import into_pack_words
from firmcell.core.stock.matching import ALIKE, Wanted, matched
from firmcell.core.strips.under_load import solve_under_load

Rows = list[tuple[str, tuple[str, ...]]]


@frozen
class Question:
    """What is asked of a matching.

    Attributes
    ----------
    limits, alike, order : which cells may go in, how alike groups are to be, who stands where.
    locked : serials, and the group that each is to stay in.
    """

    limits: Limits = Limits()
    alike: float = ALIKE
    order: Order = Order.RESISTANCE
    locked: tuple[tuple[str, int], ...] = ()


@frozen(eq=False)
class Matched:
    """A matching into a pack.

    Attributes
    ----------
    words : what is told of it.
    group_rows, picking_rows : as tables show them.
    edits : by which the cells become those of the design.
    group_of_line : the cells taken, each with its group.
    """

    words: tuple[str, ...]
    group_rows: Rows
    picking_rows: Rows
    edits: tuple[tuple[str, object], ...]
    group_of_line: tuple[tuple[CellLine, int], ...]


def match_into(design: Design, library: PartLibrary, lines: Sequence[CellLine], asked: Question) -> Matched:
    """Return the cells of the drawers matched into a design.

    Raises
    ------
    Refusal
        If too few of them may go in, or one that is locked to a group may not.
    """
    found = candidates(lines, design, asked.limits)
    locked = _locked(found, asked.locked, design)
    matching = matched(found.stock, Wanted(design.series, design.parallel, alike=asked.alike, locked=locked))
    analysis = analyse(design, library)
    places = placed(design, analysis, found, matching, asked.order)
    edits = into_design(found, places.cell_of)
    design = design.with_edits(*edits)
    analysis = analyse(design, library)
    metal = solve_under_load(design, analysis.layout, analysis.pack.run_time_s)
    told = into_pack_words(
        design, found, matching, places, gives(design, analysis, metal, found, matching), asked.alike
    )
    charged = first_charge(design, analysis, metal, found.stock.capacity_as[places.cell_of])
    if charged is not None:
        told.append(charged.words)
    number = {found.lines[at].serial: n for n, at in enumerate(places.cell_of.tolist(), start=1)}
    group_rows: Rows = []
    for group in range(1, design.series + 1):
        cells = sorted(number[found.lines[n].serial] for n in (matching.group_of == group).nonzero()[0])
        serials = ", ".join(design.cell_serials[n - 1] for n in cells)
        ohm = matching.ohm[group - 1]
        held = f"{matching.capacity_as[group - 1] / AH:.3f}"
        group_rows.append(
            (f"group:{group}", (str(group), held, f"{ohm * 1e3:.2f}" if ohm == ohm else "", serials))
        )
    picking: Rows = [(row[1], row) for row in picking_list(found.lines, number, analysis.layout)]
    groups = tuple(
        (line, int(group)) for line, group in zip(found.lines, matching.group_of, strict=True) if group
    )
    return Matched(tuple(told), group_rows, picking, edits, groups)


def _locked(found: Candidates, asked: Sequence[tuple[str, int]], design: Design) -> dict[int, int]:
    """Cells of the stock by number, and the group that each is locked to."""
    number = {serial_key(line.serial): n for n, line in enumerate(found.lines)}
    locked = dict[int, int]()
    for serial, group in asked:
        at = number.get(serial_key(serial))
        if at is None:
            raise Refusal(
                f"{visible(serial)} is locked to group {group}, but may not go in: it is in no drawer that is ticked, not tested, or out by its measurements."
            )
        if not 1 <= group <= design.series:
            raise Refusal(f"{visible(serial)} is locked to group {group}; this pack has {design.series}.")
        locked[at] = group
    return locked
