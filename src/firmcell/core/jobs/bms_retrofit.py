"""A BMS added to a bare pack that works already."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.wording import (
    amperes,
    plural,
    volts,
)
from firmcell.core.jobs.cautions import FIRE_PLAN
from firmcell.core.jobs.new_pack import closing_steps, proving_steps, tap_steps
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.limits import GROUP_SPREAD_V, TOUCH_LIMIT_V
from firmcell.core.records.step import Step
from firmcell.core.rules.table import ALL_TOPICS, RuleTable, Topic
from firmcell.core.wiring.pack_wiring import pole_through_board

OWN = RuleTable()


def bms_retrofit_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of adding a board to a bare pack that works already, in order."""
    return tuple(
        step
        for part in (_fit_before, tap_steps, _fit_plug, proving_steps, closing_steps)
        for step in part(d, a)
    )


def _fit_before(d: Design, a: Analysis) -> Iterator[Step]:
    over = (f"Over {TOUCH_LIMIT_V:g} V: gloves and covers.",) if a.pack.voltage_full_v > TOUCH_LIMIT_V else ()
    yield Step(
        "fit-record",
        "Before",
        "Record the pack as it is",
        "Photograph both faces before anything moves. Measure plus to minus, and find which end is negative: B0 belongs there, whichever "
        "end one began building with.",
        cautions=("The pack is live and cannot be switched off.", FIRE_PLAN, *over),
        records=("polarity-reading",),
        expected=f"{volts(d.series * d.cell.empty_v)} to {volts(a.pack.voltage_full_v)}, red on the pack's plus",
        refs=("lead:plus", "lead:minus"),
        hold=True,
    )
    yield Step(
        "fit-groups",
        "Before",
        f"Measure all {d.series} groups on their strips",
        f"From strip to strip, {plural(d.series, 'group')}. A board evens out little: groups that differ by more than {volts(GROUP_SPREAD_V)} are charged "
        "one by one first.",
        records=("cell-check",),
        offers=("cell-reading",),
        expected=f"all groups within {volts(GROUP_SPREAD_V)}",
        spread_v=GROUP_SPREAD_V,
        refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
        hold=True,
    )
    yield Step(
        "fit-harness",
        "Before",
        "Make the harness off the pack",
        f"On the nail board printed at 1:1: {plural(len([w for w in a.wiring.wires if w.id.startswith('sense.')]), 'wire')}, each with its number, crimped "
        "into the plug in the order of the pads as printed. The plug stays out of the board to the end.",
        cautions=("Make it off the pack: a harness that is crimped live shorts groups.",),
        records=("checked",),
        checks=(
            "Every wire numbered",
            "Order as the pads are printed",
            "Continuity from each end to its place in the plug",
            "No two places joined",
        ),
        refs=("board",),
        hold=True,
    )


def _fit_plug(d: Design, a: Analysis) -> Iterator[Step]:
    pole = pole_through_board(d.bms.board) or "minus"
    sign, other = ("+", "minus") if pole == "plus" else ("−", "plus")
    tap = a.bms.taps[-1 if pole == "plus" else 0]
    yield Step(
        f"fit-{pole}-lead",
        "Wire",
        f"Main {pole}: cut in the board",
        f"The pack's {pole} lead comes off the collecting strip, and that strip goes to the board's B{sign}, one conductor at a time, the {other} lead "
        f"covered. The old {pole} lead goes to P{sign}.",
        cautions=(
            "One conductor at a time; the other end covered.",
            f"A slip here shorts the pack: about {amperes(a.pack.short_circuit_a)}.",
        ),
        records=("solder-joint",),
        expected="smooth joint, tug holds",
        face=tap.face,
        refs=(f"lead:{pole}", "board"),
        hold=True,
    )


PLAN = JobPlan(
    kind=JobKind.BMS_RETROFIT,
    steps=bms_retrofit_steps,
    topics=ALL_TOPICS - {Topic.BUILT},
    own=OWN,
    stages=tuple(stage for stage in Stage if stage is not Stage.STRIPS),
)
