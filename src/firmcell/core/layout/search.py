"""The layout engine: places for the cells in the real space, then which cell belongs to which group."""

from collections import deque
from collections.abc import Callable, Generator, Iterator, Sequence
from functools import cached_property
from itertools import groupby

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.geometry.packing import Places
from firmcell.core.geometry.region import Region
from firmcell.core.layout.cell_places import NEIGHBOUR, lay_out, neighbour_indices, pitches
from firmcell.core.layout.grouping import group_cells
from firmcell.core.layout.grouping_problem import Grouping, PlacesToGroup
from firmcell.core.layout.places import ORDER, Choice, box_round, compact, find_places, push_in, shares_of
from firmcell.core.layout.space import Room
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.brief import SpaceShape
from firmcell.core.model.design import Arrangement, Design, Lattice, Lie, PlacedCell
from firmcell.core.model.parts import Cell

TRIAL_EFFORT = 0.25


PILOT_EFFORT = 0.15


@frozen
class Arranged:
    """Where the search is.

    Attributes
    ----------
    fraction : of the work planned.
    words : what is being done, or what came of it.
    arrangement : the best so far, None before there is any.
    choices : all lattices looked at.
    advice : what would make a better layout, where the outline makes a good one impossible.
    """

    fraction: float
    words: str
    arrangement: Arrangement | None = None
    choices: tuple[Choice, ...] = ()
    advice: tuple[str, ...] = ()


def arrange(
    design: Design,
    lattices: Sequence[Lattice] = ORDER,
    seed: int = 1,
    effort: float = 1.0,
    trials: bool = True,
    work: Callable[[Design], int] | None = None,
) -> Iterator[Arranged]:
    """Yield better and better arrangements of the cells of `design` in its space; stop reading to cancel.

    Parameters
    ----------
    design : Design
    lattices : sequence of Lattice
        Which to look at; of those that hold the cells the best grouping wins.
    seed : int
        The same seed gives the same result.
    effort : float
        Moves of the search in proportion.
    trials : bool
        Whether to try, where links are few, what would help.
    work : callable, optional
        What a layout takes, by which those of two lattices with equal links are compared, such as its pieces
        of strip; without it the straight lines that its groups lie on are.

    Raises
    ------
    Refusal
        If there is no space, or too little; the sentence says how many cells fit and what would help.
    """
    choices: list[Choice] = []
    fit: list[Choice] = []
    yield from _look_at(design, lattices, choices, fit)
    if not fit:
        raise Refusal(_too_few(design, choices))
    best = yield from _searched(design, fit, choices, seed, effort, work)
    yield Arranged(1.0, "looking what would help", best.arrangement, tuple(choices))
    advice: list[str] = []
    for told in _advice(design, best.groupings, choices, seed) if trials else ():
        advice += [told] if told else []
        yield Arranged(1.0, "looking what would help", best.arrangement, tuple(choices))
    yield Arranged(1.0, "done", best.arrangement, tuple(choices), tuple(advice))


def _searched(
    design: Design,
    fit: list[Choice],
    choices: list[Choice],
    seed: int,
    effort: float,
    work: Callable[[Design], int] | None,
) -> Generator[Arranged, None, "_Found"]:
    """Group the cells on every lattice that holds them; returns the best."""
    best: _Found | None = None
    # A short look at each lattice, then all the effort on the one that does best.
    looks = [(choice, PILOT_EFFORT * effort, None) for choice in fit] if len(fit) > 1 else []
    spent, whole = 0.0, effort * (1 + PILOT_EFFORT * len(looks))
    while True:
        if looks:
            choice, share, keep = looks.pop(0)
        elif best is None or (best.rank[0] < _most_worth(design) and spent < effort):
            choice = best.choice if best else fit[0]
            share, keep = effort, _groups_by_block(design, choice, best.groupings) if best else None
        else:
            break
        first: _Found | None = None
        last: _Found | None = None
        for part, groupings in _group(design, choice, seed, share, keep, rows=keep is None):
            now = _Found(design, choice, groupings, work) if groupings else None
            if now is not None and (last is None or now.rank > last.rank):
                last = now
                if first is None or last.rank[0] > first.rank[0]:
                    first = last
            shown = first if best is None or (first is not None and first.rank[0] > best.rank[0]) else best
            done = min((spent + share * part) / whole, 1.0)
            laid = shown.arrangement if shown else None
            yield Arranged(done, "sorting cells into groups", laid, tuple(choices))
        spent += share
        # Of those with most links the first found, often rows, and the one that the search holds best.
        for found in (first, last):
            if found is not None and (best is None or found.worth > best.worth):
                best = found
        if best is not None and best.as_by_hand:
            break
    assert best is not None
    return best


@frozen(eq=False)
class _Found:
    """A grouping of all blocks, with the layout it gives, and what is asked how much work that is."""

    design: Design
    choice: Choice
    groupings: list[Grouping]
    work: Callable[[Design], int] | None

    @cached_property
    def rank(self) -> tuple[float, int, float]:
        """What is compared on one lattice: links, then straight rows, then the search's own score."""
        bends, score = sum(g.bends for g in self.groupings), sum(g.score for g in self.groupings)
        return _worth(self.design, self.groupings), -bends, score

    @cached_property
    def arrangement(self) -> Arrangement:
        """The design's arrangement with these groups."""
        return _arranged(self.design, self.choice, self.groupings)

    @cached_property
    def worth(self) -> tuple[float, float]:
        """What is compared whatever the lattice: links, then work or straight rows."""
        if self.work is None:
            return self.rank[:2]
        return self.rank[0], -self.work(self.design.model_copy(update={"arrangement": self.arrangement}))

    @property
    def as_by_hand(self) -> bool:
        """Whether every cell has its link and every group is a straight row."""
        return self.rank[0] >= _most_worth(self.design) and not self.rank[1]


def _look_at(
    design: Design, lattices: Sequence[Lattice], choices: list[Choice], fit: list[Choice]
) -> Iterator[Arranged]:
    """Add what each lattice offers to `choices`, and what of it holds all groups to `fit`."""
    if design.brief.space is SpaceShape.PROFILE and design.arrangement.lie is not Lie.ALONG:
        raise Refusal(
            "In a space that is given as seen from its end the cells lie along it: choose that first."
        )
    if is_stick(design.arrangement):
        raise Refusal("Cells folded end to end stand one after the other: there are no places to look for.")
    for lattice in sorted(lattices, key=ORDER.index):
        if fit and lattice is Lattice.FREE:
            # Free places hug the edges but leave gaps that links must cross; they are for what no lattice
            # holds.
            return
        for choice in find_places(design, (lattice,)):
            choices.append(choice)
            if shares_of(design.series, choice.groups_in(design.parallel)) is not None:
                fit.append(compact(choice, design))
            words = f"{choice.lattice.value}: {choice.count} places, more than {choice.bound} are impossible"
            yield Arranged(0.0, words, None, tuple(choices))
    if fit or Lattice.FREE not in lattices:
        return
    for more in push_in(design, max(choices, key=lambda c: c.count)):
        if more is not None:
            choices.append(more)
            if shares_of(design.series, more.groups_in(design.parallel)) is not None:
                fit.append(more)
        yield Arranged(0.0, "pushing cells together", None, tuple(choices))


def regroup(design: Design, seed: int = 1, effort: float = 1.0) -> Iterator[Arranged]:
    """Yield better and better groupings of cells that keep their places; locked cells keep their group too.

    Free places of the arrangement may be used and cells moved out of others, unless they are locked.

    Raises
    ------
    Refusal
        If the cells stand in whole rows, or a block cannot hold its whole groups.
    """
    a = design.arrangement
    if a.in_rows:
        raise Refusal("The cells stand in whole rows; find places first, or move a cell by hand.")
    blocks = sorted({p.block for p in a.placed})
    points, holders = [], []
    for block in blocks:
        mine = [p for p in a.placed if p.block == block]
        spare = [s for s in a.spare_m if s[2] == block]
        points.append(np.array([(p.x_m, p.y_m) for p in mine] + [(s[0], s[1]) for s in spare]).reshape(-1, 2))
        holders.append(mine)
    pitch = pitches(design.cell, a.gap_m)
    angles = [mine[0].angle_rad if mine else 0.0 for mine in holders]
    rooms = tuple(
        Room(block, 1, Region(box_round(p, pitch[0]))) for block, p in zip(blocks, points, strict=True)
    )
    choice = Choice(
        a.lattice,
        rooms,
        tuple(Places(p, a.lattice.value, angle, pitch) for p, angle in zip(points, angles, strict=True)),
        sum(len(p) for p in points),
    )
    if shares_of(design.series, choice.groups_in(design.parallel)) is None:
        raise Refusal(_too_few(design, [choice]))
    present = [[p.group for p in mine] for mine in holders]
    locked = [[p.group if p.locked else -1 for p in mine] for mine in holders]
    best, score = None, -np.inf
    for part, groupings in _group(design, choice, seed, effort, present, locked):
        if groupings and sum(g.score for g in groupings) > score:
            score = sum(g.score for g in groupings)
            best = _arranged(design, choice, groupings, locked)
        yield Arranged(part, "sorting cells into groups", best, (choice,))
    yield Arranged(1.0, "done", best, (choice,))


def _group(
    design: Design,
    choice: Choice,
    seed: int,
    effort: float,
    present: list[list[int]] | None = None,
    locked: list[list[int]] | None = None,
    rows: bool = True,
) -> Iterator[tuple[float, list[Grouping] | None]]:
    """Group block after block; groupings are given once every block has one."""
    shares = _shares_with_locked(design, choice, locked)
    blocks = [b for b, share in enumerate(shares) if share]
    done: list[Grouping] = []
    first = 1
    for order, block in enumerate(blocks):
        places, share = choice.places[block], shares[block]
        minus = design.arrangement.minus_at_m if order == 0 else _middle(choice.places[blocks[order - 1]])
        plus = (
            design.arrangement.plus_at_m
            if order == len(blocks) - 1
            else _middle(choice.places[blocks[order + 1]])
        )
        n = len(places)
        fixed: tuple[int, ...] = ()
        if locked and any(g > 0 for g in locked[block]):
            held = [g - first + 1 if 0 < g - first + 1 <= share else -1 for g in locked[block]]
            fixed = tuple(held + [-1] * (n - len(held)))
        keep = None
        if present is not None:
            mine = [g - first + 1 if 0 < g - first + 1 <= share else 0 for g in present[block]]
            keep = mine + [0] * (n - len(mine))
        pitch = places.spacing_m[0]
        pairs = _pairs(design.cell, places)
        to_group = PlacesToGroup(places.points_m, pitch, pairs, places.angle_rad, fixed)
        grouping = None
        for progress in group_cells(to_group, share, design.parallel, minus, plus, seed, effort, keep, rows):
            grouping = progress.best
            last = order == len(blocks) - 1
            yield (order + progress.fraction) / len(blocks), [*done, grouping] if last else None
        assert grouping is not None
        done.append(grouping)
        first += share


def _groups_by_block(design: Design, choice: Choice, groupings: list[Grouping]) -> list[list[int]]:
    """The group of every place, counted over the whole pack; a block without groups has none."""
    shares = _shares_with_locked(design, choice, None)
    found: list[list[int]] = [[] for _ in shares]
    first, left = 1, iter(groupings)
    for block, share in enumerate(shares):
        if share:
            found[block] = [first - 1 + g if g else 0 for g in next(left).groups]
        first += share
    return found


def _pairs(cell: Cell, places: Places) -> NDArray[np.intp]:
    n = len(places)
    aside = None if cell.is_round else places.spacing_m[1] / 4
    angles = np.full(n, places.angle_rad)
    return neighbour_indices(places.points_m, [1] * n, places.spacing_m[0] * NEIGHBOUR, angles, aside)


def _shares_with_locked(design: Design, choice: Choice, locked: list[list[int]] | None) -> list[int]:
    room = choice.groups_in(design.parallel)
    shares = shares_of(design.series, room)
    assert shares is not None
    if locked and len(shares) > 1:
        # The boundary between two blocks goes where the locked cells of both allow it.
        first = 1
        for block, share in enumerate(shares[:-1]):
            mine = [g for g in locked[block] if g > 0]
            if mine and max(mine) > first + share - 1:
                more = min(max(mine) - first + 1, room[block]) - share
                shares[block] += more
                shares[block + 1] -= more
            first += shares[block]
    return shares


def _middle(places: Places) -> tuple[float, float]:
    x, y = places.points_m.mean(axis=0)
    return float(x), float(y)


def _most_worth(design: Design) -> float:
    """What `_worth` gives where every cell has its link."""
    return 5.0 * design.parallel + (design.series - 1) * design.parallel


def _worth(design: Design, groupings: list[Grouping]) -> float:
    """How good a grouping is whatever the lattice: whole groups first, then links up to one a cell."""
    links = [k for g in groupings for k in g.served]
    torn = sum(len(g.torn) for g in groupings)
    enough = sum(min(k, design.parallel) for k in links)
    return -1000.0 * torn + 5.0 * min([*links, design.parallel], default=0) + enough


def _arranged(
    design: Design, choice: Choice, groupings: list[Grouping], locked: list[list[int]] | None = None
) -> Arrangement:
    shares = _shares_with_locked(design, choice, locked)
    held = {(round(p.x_m, 7), round(p.y_m, 7), p.block) for p in design.arrangement.placed if p.locked}
    placed: list[PlacedCell] = []
    spare: list[tuple[float, float, int]] = []
    blocks = [b for b, share in enumerate(shares) if share]
    first = 1
    for block, grouping in zip(blocks, groupings, strict=True):
        places, number = choice.places[block], choice.rooms[block].block
        for (x, y), group in zip(places.points_m.tolist(), grouping.groups, strict=True):
            if not group:
                spare.append((x, y, number))
                continue
            whole = first - 1 + group
            placed.append(
                PlacedCell(
                    x_m=x,
                    y_m=y,
                    group=whole,
                    up=(whole % 2 == 1) == design.arrangement.first_positive_up,
                    angle_rad=0.0 if design.cell.is_round else places.angle_rad,
                    block=number,
                    locked=(round(x, 7), round(y, 7), number) in held,
                )
            )
        first += shares[block]
    for block, places in enumerate(choice.places):
        if block not in blocks:
            spare += [(x, y, choice.rooms[block].block) for x, y in places.points_m.tolist()]
    placed = _in_order(placed)
    if not design.cell.is_round:
        placed = _turned_for_short_links(placed, design.cell)
    return design.arrangement.model_copy(
        update={
            "lattice": choice.lattice,
            "placed": tuple(placed),
            "spare_m": tuple(spare),
            "drawn": (),
            "removed": (),
        }
    )


def _in_order(placed: list[PlacedCell]) -> list[PlacedCell]:
    """Number the cells of each group along its longer side, groups in order."""
    ordered: list[PlacedCell] = []
    for _, cells in groupby(sorted(placed, key=lambda p: p.group), key=lambda p: p.group):
        group = list(cells)
        xs, ys = [p.x_m for p in group], [p.y_m for p in group]
        along_x = max(xs) - min(xs) >= max(ys) - min(ys)
        ordered += sorted(
            group,
            key=lambda p: (
                (round(p.x_m, 5), round(p.y_m, 5)) if along_x else (round(p.y_m, 5), round(p.x_m, 5))
            ),
        )
    return ordered


def _turned_for_short_links(placed: list[PlacedCell], cell: Cell) -> list[PlacedCell]:
    """Choose for each group of flat cells which way its plus terminals lie, so that all links together are
    shortest.

    A chain of choices of two each, solved exactly from the last group back.
    """
    half = cell.terminal_spacing_m / 2
    groups = [list(g) for _, g in groupby(placed, key=lambda p: p.group)]

    def terminals(cells: list[PlacedCell], up: bool, plus: bool) -> Array:
        out = half if up == plus else -half
        return np.array(
            [(p.x_m - out * np.sin(p.angle_rad), p.y_m + out * np.cos(p.angle_rad)) for p in cells]
        )

    def link(k: int, up: bool, next_up: bool) -> float:
        a, b = terminals(groups[k], up, True), terminals(groups[k + 1], next_up, False)
        return float(np.hypot(*(a[:, None] - b[None]).transpose(2, 0, 1)).min(axis=1).sum())

    cost = {True: 0.0, False: 0.0}
    choice: list[dict[bool, bool]] = []
    for k in reversed(range(len(groups) - 1)):
        step = {up: min((link(k, up, n) + cost[n], n) for n in (True, False)) for up in (True, False)}
        cost = {up: step[up][0] for up in step}
        choice.insert(0, {up: step[up][1] for up in step})
    up = groups[0][0].up
    turned: list[PlacedCell] = []
    for k, group in enumerate(groups):
        turned += [p.model_copy(update={"up": up}) for p in group]
        if k < len(choice):
            up = choice[k][up]
    return turned


def _too_few(design: Design, choices: Sequence[Choice]) -> str:
    wanted = design.series * design.parallel
    best = max(choices, key=lambda c: sum(c.groups_in(design.parallel)) * design.parallel)
    groups = sum(best.groups_in(design.parallel))
    if best.count >= wanted:
        return (
            f"{best.count} places are found for {wanted} cells, but a group must stand whole in one block: the blocks hold "
            f"{' and '.join(str(g) for g in best.groups_in(design.parallel))} groups of {design.parallel}."
        )
    most: dict[str, int] = {}
    for c in choices:
        most[c.lattice.value] = max(c.count, most.get(c.lattice.value, 0))
    counts = ", ".join(f"{lattice} {count}" for lattice, count in most.items())
    less = groups and best.count // design.series
    help_ = f" With {less} in parallel it would fit." if less else ""
    return f"{wanted} cells do not fit: places found are {counts}; more than {best.bound} are impossible there.{help_}"


def _advice(
    design: Design, groupings: list[Grouping], choices: Sequence[Choice], seed: int
) -> Iterator[str | None]:
    """Say which group suffers and what would help, tried out before it is said; None while it is tried."""
    # Each grouping counts its groups from 1; over the whole pack they follow each other.
    links, torn, first = [], [], 0
    for g in groupings:
        links += [(served, first + k) for k, served in enumerate(g.served, start=1)]
        torn += [first + t for t in g.torn]
        first += len(g.served) + 1
    least, k = min(links, default=(design.parallel, 0))
    if not torn and least >= (design.parallel if design.cell.is_round else 1):
        return
    if torn:
        yield f"Group {torn[0]} does not hang together in this outline."
    else:
        yield f"Of groups {k} and {k + 1} only {least} of {design.parallel} cells touch the other group."
    if design.parallel > 1:
        smaller = design.edited("parallel", design.parallel - 1)
        found: Arrangement | None = None
        for step in arrange(smaller, seed=seed, effort=TRIAL_EFFORT, trials=False):
            found = step.arrangement
            yield None
        if found is not None and fewest_links(smaller, found) >= design.parallel - 1:
            yield f"One cell fewer in parallel ({design.parallel - 1}) would give every cell its link."
    for choice in choices:
        if choice.count < design.cell_count:
            short = design.cell_count - choice.count
            yield f"{choice.lattice.value.capitalize()} holds {choice.count}: {short} too few."


def laid_out(steps: Iterator[Arranged]) -> Arranged:
    """Read a search to its end and return its last step; raises as the search does."""
    return deque(steps, maxlen=1).pop()


def fewest_links(design: Design, arrangement: Arrangement) -> int:
    """Return the fewest direct neighbour links between two consecutive groups of one block."""
    layout = lay_out(design.cell, design.series, design.parallel, arrangement)
    blocks = [{c.block for c in layout.group_cells(g)} for g in range(1, design.series + 1)]
    return min((k for g, k in enumerate(layout.links) if blocks[g] == blocks[g + 1]), default=design.parallel)
