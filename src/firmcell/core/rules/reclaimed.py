"""Rules on reclaimed cells that were tested: which are out, which go together, what gets hot."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.serials import serial_key
from firmcell.core.base.visible import visible
from firmcell.core.base.wording import figures, percent
from firmcell.core.bench.reclaimed import (
    BESIDE_OHM,
    GROUPS_OUT,
    GROUPS_WITHIN,
    matched,
    reclaimed_cell,
    spread_of,
)
from firmcell.core.rules.table import COMMON_PRACTICE, PHYSICS, Hit, rule

MOST_NAMED = 4


def _groups(s: Situation) -> tuple[tuple[int, ...], ...]:
    layout = s.analysis.layout
    return tuple(tuple(c.number for c in layout.group_cells(g)) for g in range(1, layout.series + 1))


def _here(s: Situation) -> dict[int, float]:
    """Tested capacities of the pack's cells, As."""
    tests = s.state.cell_tests
    return {n: t.capacity_as for n, t in tests.items() if t.capacity_as and n <= s.design.cell_count}


@rule(
    "RC-1",
    Stage.CELLS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="The weakest cell decides when a pack is empty, and is driven backwards after that.",
)
def reclaimed_cell_is_out(s: Situation) -> Iterator[Hit]:
    """A tested cell that must not go in."""
    out = [
        found
        for n, test in sorted(s.state.cell_tests.items())
        if n <= s.design.cell_count and not (found := reclaimed_cell(s.design.cell, test)).fits
    ]
    for found in out[:MOST_NAMED]:
        yield Hit(f"Cell {found.number} is out: it {'; it '.join(found.stops)}.", (f"cell:{found.number}",))
    if len(out) > MOST_NAMED:
        yield Hit(f"{len(out) - MOST_NAMED} more of the tested cells are out.")


@rule(
    "RC-2",
    Stage.CELLS,
    Severity.ATTENTION,
    source="sums of the tested capacities; " + COMMON_PRACTICE,
    reason="In series the smallest group is empty first, and full first.",
)
def groups_differ(s: Situation) -> Iterator[Hit]:
    """Groups as they stand hold differently, where every cell was tested."""
    d, held = s.design, _here(s)
    if len(held) < d.cell_count or d.series < 2:
        return
    now, best = spread_of(_groups(s), held), matched(held, d.series, d.parallel)
    if now <= GROUPS_WITHIN:
        return
    can = spread_of(best, held)
    words = f"The groups' capacities differ by {percent(now)}."
    if can < now - 0.005:
        told = "; ".join(f"group {g}: {', '.join(map(str, cells))}" for g, cells in enumerate(best, start=1))
        words += f" Sorted otherwise by {percent(can)}: {told}."
    yield Hit(words, severity=Severity.STOP if min(now, can) > GROUPS_OUT else None)


@rule(
    "RC-3",
    Stage.CELLS,
    Severity.ATTENTION,
    source=PHYSICS + ": currents as one over resistance; heat as I²R",
    reason="Side by side the better cell carries the worse one's share; in series the worse one gets hot.",
)
def unlike_resistances(s: Situation) -> Iterator[Hit]:
    """Cells whose measured resistances do not go together."""
    tests = s.state.cell_tests
    ohms = {n: t.ohms for n, t in tests.items() if t.ohms and n <= s.design.cell_count}
    for group in _groups(s):
        known = {n: ohms[n] for n in group if n in ohms}
        if len(known) > 1 and max(known.values()) > BESIDE_OHM * min(known.values()):
            best = min(known, key=lambda n: known[n])
            share = (1 / known[best]) / sum(1 / r for r in known.values()) * len(known)
            yield Hit(
                f"Cell {best} carries {figures(share, 2)} times its fair share beside {', '.join(str(n) for n in known if n != best)}.",
                (f"cell:{best}",),
            )
            return
    if s.design.parallel == 1 and len(ohms) > 1:
        hot = max(ohms, key=lambda n: ohms[n])
        middle = sorted(ohms.values())[len(ohms) // 2]
        if ohms[hot] > BESIDE_OHM * middle:
            yield Hit(
                f"Cell {hot} makes {figures(ohms[hot] / middle, 2)} times the heat of the others in the same current.",
                (f"cell:{hot}",),
            )


@rule(
    "RC-4",
    Stage.CELLS,
    Severity.ATTENTION,
    source="the serials that were matched and scanned",
    reason="What was measured on the planned cell counts for the place; another cell there holds and resists otherwise.",
)
def another_cell_is_set(s: Situation) -> Iterator[Hit]:
    """A cell was set in a place planned for another."""
    serials = s.design.cell_serials
    for number, serial in sorted(s.state.fitted.items()):
        planned = serials[number - 1] if number <= len(serials) else ""
        if planned and serial_key(planned) != serial_key(serial):
            yield Hit(
                f"Place {number} holds {visible(serial)}; {visible(planned)} was matched for it.",
                (f"cell:{number}",),
            )
