"""Cells of the drawers matched into a pack: which fit, who stands where, and what it gives."""

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import replace
from enum import StrEnum

import numpy as np
from numpy.typing import NDArray

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.run_of_design import Asked, pack_in_time, run_of
from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.base.visible import visible
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Design
from firmcell.core.run.demand import steady
from firmcell.core.run.run_result import EndedBy, RunResult
from firmcell.core.stock.cell_line import CellLine
from firmcell.core.stock.entries import PlaceKind
from firmcell.core.stock.matching import Matching, Stock
from firmcell.core.stock.stock_words import judged
from firmcell.core.strips.under_load import UnderLoad, solve_under_load

WARM_K = 298.15
GENTLY_IT = 0.2
EMPTY = (EndedBy.LOAD, EndedBy.CELL_EMPTY, EndedBy.BOARD_UNDER)
"""A group is empty, or the pack at its lowest voltage."""


class Order(StrEnum):
    """By what the cells of a group get their places."""

    SERIAL = "as their serials follow"
    RESISTANCE = "by resistance, where that keeps the pack cooler"


@frozen
class Limits:
    """Which cells may go in.

    Attributes
    ----------
    drawers : of these alone; all of them if empty.
    least_share, most_share : capacity and resistance over those of the class.
    marked : whether cells with a word against them may: worn ones, ones not rested yet. Those that are out
        never may.
    job : cells that the register has in this job already may go in again; "" for none.
    """

    drawers: frozenset[str] = frozenset()
    least_share: float = 0.0
    most_share: float = float("inf")
    marked: bool = True
    job: str = ""


@frozen(eq=False)
class Candidates:
    """Cells of the drawers that may go in.

    Attributes
    ----------
    lines : of n cells.
    stock : their values (n,).
    left_out : how many cells of the class were left out, by the reason.
    """

    lines: tuple[CellLine, ...]
    stock: Stock
    left_out: Mapping[str, int]


def candidates(lines: Iterable[CellLine], design: Design, limits: Limits) -> Candidates:
    """Return which cells of the register may go into a pack."""
    cell, fit, left = design.cell, list[CellLine](), dict[str, int]()

    def out(why: str) -> None:
        left[why] = left.get(why, 0) + 1

    for line in lines:
        if line.class_name != cell.name:
            continue
        verdict = judged(line, cell)
        assert verdict is not None
        here = line.place_kind is PlaceKind.JOB and bool(limits.job) and line.place == limits.job
        if line.place_kind is not PlaceKind.DRAWER and not here:
            out("in other jobs or scrapped")
        elif limits.drawers and line.place not in limits.drawers and not here:
            out("in other drawers")
        elif line.capacity_as is None:
            out("capacity not tested")
        elif verdict.stops:
            out("out by their measurements")
        elif verdict.marks and not limits.marked:
            out("with a word against them")
        elif line.capacity_as < limits.least_share * cell.capacity_as:
            out("hold too little")
        elif line.ohms is not None and line.ohms > limits.most_share * cell.resistance_ohm:
            out("resist too much")
        else:
            fit.append(line)

    def column(of: Callable[[CellLine], float | None]) -> Array:
        return np.array([np.nan if (value := of(line)) is None else value for line in fit], dtype=float)

    stock = Stock(column(lambda c: c.capacity_as), column(lambda c: c.ohms), column(lambda c: c.loss_v_s))
    return Candidates(tuple(fit), stock, left)


@frozen(eq=False)
class Placed:
    """Who stands where.

    Attributes
    ----------
    cell_of : place in the stock of the cell at each number of the pack (n,); number 1 first.
    hottest_k, most_it : of the pack so placed, at the end of a run; NaN where resistances were not all
    measured. plain_k, plain_it : the same as the serials follow.
    """

    cell_of: NDArray[np.intp]
    hottest_k: float = float("nan")
    most_it: float = float("nan")
    plain_k: float = float("nan")
    plain_it: float = float("nan")


def placed(design: Design, analysis: Analysis, found: Candidates, matching: Matching, order: Order) -> Placed:
    """Return a place for each cell of a matching.

    Notes
    -----
    By resistance three orders are tried: the least resistance where it is warmest, where the strips draw
    most, and the most resistance there. The pack is solved with each; the one that leaves its hottest cell
    coolest is taken, and told beside the plain order. The cells keep their groups, so capacity stays as it
    is.
    """
    layout, ohm = analysis.layout, found.stock.ohm
    plain = _in_places(layout, matching, _by_serial(found))
    if order is Order.SERIAL or not np.isfinite(ohm[matching.group_of > 0]).all():
        return Placed(plain)
    even = solve_under_load(design.with_edits(("measured_ohm", ())), layout, analysis.pack.run_time_s)
    numbers = [c.number - 1 for c in layout.cells]
    warmth, current = np.zeros(len(numbers)), np.zeros(len(numbers))
    warmth[numbers], current[numbers] = even.cell_k, even.state.cell_a
    tried = [plain]
    for rank, sign in ((warmth, 1.0), (current, 1.0), (current, -1.0)):
        tried.append(_in_places(layout, matching, sign * ohm, rank))
    solved = [_hottest(design, analysis, found, cells) for cells in tried]
    best = min(range(len(tried)), key=lambda n: (round(solved[n][0], 2), solved[n][1], n))
    return Placed(tried[best], *solved[best], *solved[0])


def _in_places(
    layout: Layout, matching: Matching, value: Array, rank: Array | None = None
) -> NDArray[np.intp]:
    """Cells of each group by rising value, at its places by falling rank, or by number (n,)."""
    cell_of = np.zeros(len(layout.cells), dtype=np.intp)
    for group in range(1, layout.series + 1):
        places = np.array(sorted(c.number for c in layout.group_cells(group)))
        if rank is not None:
            places = places[np.argsort(-rank[places - 1], kind="stable")]
        cells = np.flatnonzero(matching.group_of == group)
        if len(cells) != len(places):
            raise Refusal(
                f"Group {group} of the pack has {len(places)} places, {len(cells)} cells were matched into it; match anew."
            )
        cell_of[places - 1] = cells[np.argsort(value[cells], kind="stable")]
    return cell_of


def _hottest(
    design: Design, analysis: Analysis, found: Candidates, cell_of: NDArray[np.intp]
) -> tuple[float, float]:
    """Temperature of the hottest cell, K, and the greatest current for what a cell holds, It."""
    metal = solve_under_load(
        design.with_edits(("measured_ohm", tuple(found.stock.ohm[cell_of].tolist()))),
        analysis.layout,
        analysis.pack.run_time_s,
    )
    at = cell_of[[c.number - 1 for c in metal.layout.cells]]
    return max(cell.temperature_k for cell in metal.figures.cells), float(
        (metal.state.cell_a * 3600.0 / found.stock.capacity_as[at]).max()
    )


def into_design(found: Candidates, cell_of: NDArray[np.intp]) -> tuple[tuple[str, object], ...]:
    """Return the edits by which the cells of the drawers become those of a design: serials, and what was
    measured of them in place of their class's values."""
    stock = found.stock
    ohms = np.nan_to_num(stock.ohm[cell_of])
    return (
        ("cell_serials", tuple(found.lines[n].serial for n in cell_of)),
        ("measured_as", tuple(stock.capacity_as[cell_of].tolist())),
        ("measured_ohm", tuple(ohms.tolist()) if ohms.any() else ()),
    )


@frozen
class Gives:
    """What a pack gives in one run from full, in J.

    Attributes
    ----------
    current_a : of the run, A.
    gently : whether that is a fifth of what the pack holds an hour, since at the brief's steady current
    warmth ends
        the run before a group is empty.
    matched_j : as matched.
    by_hand_j : with the cells dealt out by hand.
    alike_j : if all groups held what they do in the mean: what the spread costs is the difference.
    """

    current_a: float
    gently: bool
    matched_j: float
    by_hand_j: float
    alike_j: float


def gives(
    design: Design,
    analysis: Analysis,
    metal: UnderLoad,
    found: Candidates,
    matching: Matching,
    told: Callable[[float], bool] | None = None,
) -> Gives | None:
    """Return what the run of the pack says of a matching; None if it was stopped, or cannot run.

    Parameters
    ----------
    design, analysis, metal
        With the matched cells in it.
    found, matching
        As they were matched.
    told : callable, optional
        Told of progress; False stops the run.

    Notes
    -----
    A pack whose run ends otherwise even at a fifth of its capacity an hour, by its board's current or a fuse,
    tells nothing of the spread.
    """
    layout, whole = analysis.layout, found.stock.capacity_as
    serials = _by_serial(found)
    held = [
        whole[_in_places(layout, replace(matching, group_of=groups), serials)]
        for groups in (matching.group_of, matching.by_hand)
    ]
    mean = float(whole[matching.group_of > 0].mean())
    held.append(np.full(design.cell_count, mean))
    slow = GENTLY_IT * design.parallel * mean / 3600.0
    for current, gently in ((design.brief.duty.steady_a, False), (slow, True)):
        asked = Asked(steady(current), 1.0, max(design.brief.ambient_min_k, WARM_K))
        runs = list[RunResult]()
        for capacity in held:
            run = run_of(design, pack_in_time(design, analysis, metal, None, capacity), asked, told)
            if run.ended_by is EndedBy.STOPPED:
                return None
            runs.append(run)
            if run.ended_by not in EMPTY:
                break
        if len(runs) == len(held):
            return Gives(current, gently, *(run.energy_j for run in runs))
    return None


def _by_serial(found: Candidates) -> Array:
    """Rank of each cell by its serial (n,)."""
    return np.argsort(np.argsort([line.serial for line in found.lines])).astype(float)


def picking_list(
    lines: Sequence[CellLine], numbers: Mapping[str, int], layout: Layout
) -> list[tuple[str, ...]]:
    """Return rows of drawer, serial, group and place in the pack, drawer by drawer, as one walks along
    them."""
    group = {c.number: c.group for c in layout.cells}
    rows = [
        (visible(line.place), visible(line.serial), str(group[number]), str(number))
        for line in lines
        if (number := numbers.get(line.serial)) is not None
    ]
    return sorted(rows)
