"""A BMS added to a bare pack that works already."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Stage
from firmcell.core.base.wording import millimetres, plural, volts
from firmcell.core.jobs.before_after import Compared, pack_compared
from firmcell.core.jobs.cautions import FIRE_PLAN, lead_joint
from firmcell.core.jobs.host_charge import HOST_CHARGE
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.jobs.proving_steps import closing_steps, proving_steps
from firmcell.core.jobs.readings import READS
from firmcell.core.jobs.wiring_steps import (
    board_last,
    harness_steps,
    ids,
    outlet_steps,
    sensor_steps,
    tap_steps,
)
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.limits import GROUP_SPREAD_V, TOUCH_LIMIT_V
from firmcell.core.records.areas import BOTH_FACES, ENDS, EVERYTHING, tap_area
from firmcell.core.records.step import Step
from firmcell.core.rules.table import ALL_TOPICS, RuleTable, Topic
from firmcell.core.wiring.pack_wiring import pole_through_board

OWN = RuleTable()


def bms_retrofit_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of adding a board to a bare pack that works already, in order.

    The pack stays live throughout. B first, then the sense plug, P last: until P is on, nothing can be drawn
    past the board.
    """
    parts = (
        _fit_before,
        harness_steps,
        tap_steps,
        sensor_steps,
        _cut_in,
        outlet_steps,
        proving_steps,
        _fixed,
    )
    return tuple(step for part in (*parts, closing_steps) for step in part(d, a))


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
        expected=f"{READS}, red on the pack's plus",
        probes=("B0", f"B{d.series}"),
        any_charge=True,
        refs=("lead:plus", "lead:minus"),
        hold=True,
    )
    yield Step(
        "fit-open",
        "Before",
        "Open the sleeve",
        "Slit it along a side where no lead and no strip lies, blade flat and short, and peel it off whole if it will go on again. Look at every joint, "
        "sheet and wrap: what is rippled, browned or cut is mended first.",
        cautions=("Never cut towards a cell. Under the sleeve every strip is live.",),
        records=("checked",),
        checks=(
            "No wrap cut",
            "Sheets whole or renewed",
            "No joint loose",
            "Strips covered again but for the taps",
        ),
        hold=True,
        opens=BOTH_FACES,
        bares=_taps(d),
    )
    yield Step(
        "fit-groups",
        "Before",
        f"Measure {'all ' + str(d.series) + ' groups' if d.series > 1 else 'the group'} on the strips",
        f"From strip to strip, {plural(d.series, 'group')}. A board evens out little: groups that differ by more than {volts(GROUP_SPREAD_V)} are charged "
        "one by one first.",
        records=("cell-check",),
        counted=d.series,
        offers=("cell-reading",),
        expected=f"all groups within {volts(GROUP_SPREAD_V)}",
        spread_v=GROUP_SPREAD_V,
        refs=tuple(f"group:{g}" for g in range(1, d.series + 1)),
        hold=True,
    )


def _taps(d: Design) -> tuple[str, ...]:
    return tuple(tap_area(n) for n in range(d.series + 1))


def _cut_in(d: Design, a: Analysis) -> Iterator[Step]:
    """The board's pole is cut in; the other lead stays as it is, but for its fuse."""
    pole = pole_through_board(d.bms.board) or "minus"
    sign, other = ("+", "minus") if pole == "plus" else ("−", "plus")
    plain, kept = ("+", "-") if pole == "plus" else ("-", "+")
    late = board_last(d, a)
    main = [e for e in a.wiring.wires if e.id.startswith("main.")]
    cut = [e for e in main if e.id.split(".")[1] == plain]
    begun = [e for e in cut if e in late]
    to_board = (
        f"and a wire for the board's B{sign} goes on that strip, its other end covered until the sense leads are on"
        if begun
        else f"and that strip goes to the board's B{sign}"
    )
    stays = [e for e in main if e.id.split(".")[1] == kept]
    fused = any(e.end == "fuse.a" for e in stays)
    yield Step(
        f"fit-{other}-lead",
        "Wire",
        f"The {other} lead {'gets its fuse' if fused else 'stays'}",
        (
            f"One cut, {millimetres(d.leads.fuse_at_m)} from the pack, the other lead covered; the {d.leads.fuse.name} goes in, each end sleeved before the next."
            if fused and d.leads.fuse
            else "Look at its joint on the strip and at the connector, tug both, cover the connector."
        ),
        cautions=(f"The {other} lead is live against everything on the pack.",),
        records=("solder-joint",) if fused else ("checked",),
        checks=() if fused else ("Joint smooth, no bare metal", "Connector covered"),
        expected="smooth joints, tug holds" if fused else "",
        refs=(f"lead:{other}",),
        wires=ids(stays),
        hold=fused,
        covers=(ENDS,),
    )
    yield Step(
        f"fit-{pole}-lead",
        "Wire",
        f"Main {pole}: cut in the board",
        f"The pack's {pole} lead comes off the collecting strip, {to_board}, one conductor at a time, the {other} lead "
        f"covered. The old {pole} lead waits, covered: it goes to P{sign} last, when the taps are proven.",
        **lead_joint(
            "solder-joint",
            "One conductor at a time; the other end covered.",
            "A slip here shorts the pack: what it drives stands below.",
            covered=True,
        ),
        expected="smooth joint, tug holds",
        face=a.bms.taps[-1 if pole == "plus" else 0].face,
        refs=(f"lead:{pole}", "board"),
        wires=ids([e for e in cut if e not in begun]),
        begins=ids(begun),
        hold=True,
        covers=(ENDS,),
    )


def _fixed(d: Design, a: Analysis) -> Iterator[Step]:
    yield Step(
        "fit-fixed",
        "Close",
        "Fix board and leads",
        "A sheet under the board, tape or glue so that it cannot slide; sense leads flat, none across an edge of strip; the covers of the strips back.",
        records=("checked",),
        checks=(
            "Board cannot slide",
            "Sheet under it",
            "No bare metal anywhere",
            "A pull on the connector moves no joint",
        ),
        refs=("board",),
        hold=True,
        covers=(EVERYTHING,),
    )


def _as_it_was(d: Design) -> Design | None:
    """The bare pack, for the comparison."""
    return d.edited("bms.board", None) if d.bms.board else None


def _worth(d: Design, a: Analysis) -> tuple[Compared, ...]:
    before = _as_it_was(d)
    return pack_compared(before, d, a) if before is not None else ()


PLAN = JobPlan(
    worth=_worth,
    sections={Stage.BRIEF: (HOST_CHARGE,)},
    kind=JobKind.BMS_RETROFIT,
    closed=True,
    proposes=("bms.", "insulation."),
    own_steps=bms_retrofit_steps,
    topics=ALL_TOPICS - {Topic.BUILT},
    own=OWN,
    stages=tuple(stage for stage in Stage if stage is not Stage.STRIPS),
)
