"""Rules on the cell and what is asked of it."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, volts
from firmcell.core.bench.measured_values import at_first_touch
from firmcell.core.model.limits import FIRST_TOUCH_SPREAD_V
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule

CLOSE_TO_LIMIT = 0.85


def _more_parallel(s: Situation, least: float) -> Fix | None:
    parallel = int(-(-least // 1))
    if parallel <= s.design.parallel or s.design.series * parallel > 2000:
        return None
    edits: tuple[tuple[str, object], ...] = (("parallel", parallel), ("arrangement.rows", parallel))
    return Fix(f"Make it {s.design.series}S{parallel}P", edits)


def _side_by_side(parallel: int) -> str:
    return "the cell takes" if parallel == 1 else f"{parallel} cells in parallel take"


@rule(
    "CE-1",
    Stage.CELLS,
    Severity.STOP,
    source="cell class",
    reason="Above its continuous current a cell overheats and ages within weeks; it may vent.",
)
def cell_over_steady(s: Situation) -> Iterator[Hit]:
    """Steady current of one cell over its limit."""
    current, limit = s.analysis.pack.cell_current_steady_a, s.design.cell.current_continuous_a
    if current > limit * (1 + 1e-9):
        need = s.design.brief.duty.lasting_a / limit
        yield Hit(
            f"Each cell gives {amperes(current)} steadily; its limit is {amperes(limit)}.",
            fix=_more_parallel(s, need),
        )
    else:
        yield from _fullest_over(s, s.design.brief.duty.lasting_a, limit, "steadily")


def _fullest_over(s: Situation, load_a: float, limit_a: float, when: str) -> Iterator[Hit]:
    """The cell that carries most over the real layout, where that is over a limit that an even part is
    not."""
    if s.metal is None or not s.metal.figures.whole or not s.metal.current_a:
        return
    fullest = max(s.metal.figures.cells, key=lambda c: abs(c.current_a))
    most = abs(fullest.current_a) * load_a / s.metal.current_a
    if most > limit_a * (1 + 1e-9):
        yield Hit(
            f"Cell {fullest.number} gives {amperes(most)} {when}, more than its even part: the strips and its resistance make it "
            f"so; the limit is {amperes(limit_a)}.",
            refs=(f"cell:{fullest.number}",),
            fix=_more_parallel(s, s.design.parallel * most / limit_a),
        )


@rule(
    "CE-2",
    Stage.CELLS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Cells scatter and age; the best of a group carries more than its share.",
)
def cell_near_steady(s: Situation) -> Iterator[Hit]:
    """Steady current of one cell close to its limit."""
    current, limit = s.analysis.pack.cell_current_steady_a, s.design.cell.current_continuous_a
    if CLOSE_TO_LIMIT * limit < current <= limit * (1 + 1e-9):
        yield Hit(
            f"Each cell gives {amperes(current)} of its {amperes(limit)} steadily; there is little margin."
        )


@rule(
    "CE-3",
    Stage.CELLS,
    Severity.STOP,
    source="cell class",
    reason="The peak rating already allows for its short time.",
)
def cell_over_peak(s: Situation) -> Iterator[Hit]:
    """Peak current of one cell over its limit."""
    current, limit = s.analysis.pack.cell_current_peak_a, s.design.cell.current_peak_a
    if current > limit * (1 + 1e-9):
        need = s.design.brief.current_peak_a / limit
        yield Hit(
            f"Each cell gives {amperes(current)} at the peak; its limit is {amperes(limit)}.",
            fix=_more_parallel(s, need),
        )
    else:
        yield from _fullest_over(s, s.design.brief.current_peak_a, limit, "at the peak")


@rule(
    "CE-4",
    Stage.CELLS,
    Severity.STOP,
    source="cell class",
    reason="Charging too fast plates lithium or overheats the cell.",
)
def charge_too_fast(s: Situation) -> Iterator[Hit]:
    """Charge current of one cell over its limit."""
    allowed = s.design.cell.current_charge_a * s.design.parallel
    if s.design.charge_current_a > allowed * (1 + 1e-9):
        yield Hit(
            f"The charger gives {amperes(s.design.charge_current_a)}; {_side_by_side(s.design.parallel)} "
            f"{amperes(allowed)}.",
            fix=Fix(f"Charge with {amperes(allowed)}", (("charge_current_a", allowed),)),
        )


@rule(
    "CE-5",
    Stage.CELLS,
    Severity.STOP,
    source="cell class",
    reason="A cell outside its window is damaged; charging it again may start a fire.",
)
def cells_outside_window(s: Situation) -> Iterator[Hit]:
    """Cells as measured are below empty or above full."""
    now, cell = s.design.cell_now_v, s.design.cell
    if now < cell.empty_v or now > cell.full_v + 0.01:
        yield Hit(
            f"The cells measure {volts(now)}; sound ones lie between {volts(cell.empty_v)} and {volts(cell.full_v)}."
        )


@rule(
    "CE-6",
    Stage.CELLS,
    Severity.STOP,
    source=COMMON_PRACTICE + "; I = ΔV/(R1 + R2)",
    reason="The moment the strip touches, the difference drives a current limited only by the cells.",
)
def cells_not_alike(s: Situation) -> Iterator[Hit]:
    """Measured cells differ too much to be joined in parallel."""
    for check in s.state.cell_checks[-1:]:
        spread = check.highest_v - check.lowest_v
        if s.design.parallel > 1 and spread > FIRST_TOUCH_SPREAD_V:
            rush = spread / (2 * s.design.cell.resistance_ohm)
            yield Hit(
                f"The cells differ by {volts(spread)}: joined in parallel two of them would exchange about "
                f"{amperes(rush)}. Bring them within {volts(FIRST_TOUCH_SPREAD_V)} first."
            )
        if not check.wraps_sound:
            yield Hit("A wrap is not sound: the can under it is negative and live.", severity=Severity.STOP)


@rule(
    "CE-7",
    Stage.CELLS,
    Severity.STOP,
    source=COMMON_PRACTICE + "; network of the real layout at rest",
    reason="The moment the strip touches, the fuller cell drives a current into the emptier one.",
)
def cells_of_a_group_not_alike(s: Situation) -> Iterator[Hit]:
    """Cells recorded one by one that differ too much within their group."""
    groups: dict[int, dict[int, float]] = {}
    for cell in s.analysis.layout.cells:
        if cell.number in s.state.cell_volts:
            groups.setdefault(cell.group, {})[cell.number] = s.state.cell_volts[cell.number]
    gives: dict[int, float] = {}
    if groups and s.metal is not None and s.metal.figures.whole:
        numbers = (c.number for c in s.metal.layout.cells)
        gives = dict(zip(numbers, at_first_touch(s.metal, s.state.cell_volts).tolist(), strict=True))
    for group, read in sorted(groups.items()):
        high, low = max(read, key=read.__getitem__), min(read, key=read.__getitem__)
        if read[high] - read[low] <= FIRST_TOUCH_SPREAD_V:
            continue
        rush = f": joined, cell {high} would give {amperes(gives[high])}" if gives else ""
        yield Hit(
            f"In group {group} cell {high} stands at {volts(read[high])} and cell {low} at {volts(read[low])}{rush}. Bring them "
            f"within {volts(FIRST_TOUCH_SPREAD_V)}, or put one in another group.",
            refs=(f"cell:{high}", f"cell:{low}"),
        )
