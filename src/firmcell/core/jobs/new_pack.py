"""The work plan of a new pack: every step from the design, with its caution, its records and what to
expect."""

from collections.abc import Iterator

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.wording import millimetres, plural, volts
from firmcell.core.jobs.joining_steps import joining_steps
from firmcell.core.jobs.plan import JobPlan
from firmcell.core.jobs.proving_steps import closing_steps, proving_steps
from firmcell.core.jobs.wiring_steps import wiring_steps
from firmcell.core.layout.stick import is_stick
from firmcell.core.model.design import BoardPlace, Design, Face
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.limits import (
    FIRST_TOUCH_SPREAD_V,
    GROUP_SPREAD_V,
    LEAST_INSULATION_OHM,
    TOUCH_LIMIT_V,
)
from firmcell.core.records.areas import BOTH_FACES, PADS, RIMS
from firmcell.core.records.step import POLES, Step


def new_pack_steps(design: Design, analysis: Analysis) -> tuple[Step, ...]:
    """Return the steps of a new pack in order."""
    return tuple(
        step
        for part in (
            _prepare,
            joining_steps,
            fold_steps,
            wiring_steps,
            _insulate,
            proving_steps,
            closing_steps,
        )
        for step in part(design, analysis)
    )


def fold_steps(d: Design, a: Analysis) -> Iterator[Step]:
    """Yield the step that folds an open row end to end; none for cells that stand or lie."""
    if not is_stick(d.arrangement) or d.series < 2:
        return
    whole = a.insulation.envelope.bare_length_m
    many = f"{plural(d.parallel, 'cell')} side by side as one, " if d.parallel > 1 else ""
    yield Step(
        "fold-stick",
        "Fold",
        "Fold the cells end to end",
        f"One tab after the other, from the minus end: {many}a disc of insulation on each positive end round its tab, then swing "
        f"the next cell over until the ends face each other, the tab bent once over a rod of about 1 mm, never back and never "
        f"twice. A turn of tape over each fold, a flap over the bend of a tab that a sense lead is joined to; then tape along the whole. Folded, it is about {millimetres(whole)} long.",
        cautions=(
            "A tab that slides over the rim of a positive end shorts that cell: see the disc in place before each fold.",
            "A tab that has cracked or torn at a weld is made new, not bent back.",
        ),
        records=("checked",),
        checks=(
            "Disc on each positive end, the tab through its middle",
            "Each fold smooth, no crack, no weld lifted",
            f"Straight, and {millimetres(whole)} long within 3 mm",
            f"Reads {volts(d.series * d.cell_now_v)} from end to end, as before folding",
        ),
        hold=True,
        covers=(*BOTH_FACES, RIMS),
    )


def _prepare(d: Design, a: Analysis) -> Iterator[Step]:
    if d.brief.box_m:
        yield _measure_space(a)
    # Cells of one group meet at the first touch; groups in series only differ in balance.
    within = (
        f", those of one group within {volts(FIRST_TOUCH_SPREAD_V)} before they are joined"
        if d.parallel > 1
        else f", within {volts(GROUP_SPREAD_V)}: what is left a balance charge evens out"
        if d.series > 1
        else ""
    )
    yield Step(
        "check-cells",
        "Prepare",
        f"Measure all {d.cell_count} cells" if d.cell_count > 1 else "Measure the cell",
        f"Voltage of {'every' if d.cell_count > 1 else 'the'} {d.cell.name}, and look at every wrap and both ends. Note the lowest and the highest.",
        cautions=("A dented, leaking or rusty cell does not go into a pack.",),
        records=("cell-check",),
        counted=d.cell_count,
        offers=("cell-reading", "cell-test"),
        expected=f"about {volts(d.cell_now_v)}{' each' if d.cell_count > 1 else ''}{within}",
        spread_v=FIRST_TOUCH_SPREAD_V if d.parallel > 1 else GROUP_SPREAD_V,
        hold=True,
    )
    if d.insulation.rings and d.cell.is_round:
        yield Step(
            "rings",
            "Prepare",
            "Ring on every positive end",
            "Press an insulator ring on every positive end, centred, metal of the nub clear inside it.",
            cautions=("The can is negative right up to the rim: without the ring a strip shorts the cell.",),
            records=("checked",),
            checks=("Ring on each positive", "Each ring centred and stuck down"),
            hold=True,
            covers=(RIMS,),
        )
    yield _dry_fit(d, a)


def _measure_space(a: Analysis) -> Step:
    e = a.insulation.envelope
    return Step(
        "measure-space",
        "Prepare",
        "Measure the real space",
        f"Measure the compartment itself, not its drawing: length, width, height at several places. The pack will be "
        f"{e.length_m * 1e3:.1f} × {e.width_m * 1e3:.1f} × {e.height_m * 1e3:.1f} mm.",
        records=("checked",),
        checks=(
            "Length takes the pack with clearance",
            "Width takes it",
            "Height takes it",
            "Leads have a way out",
        ),
        hold=True,
    )


def _dry_fit(d: Design, a: Analysis) -> Step:
    first = "plus" if a.layout.group_up(1) else "minus"
    return Step(
        "dry-fit",
        "Prepare",
        "Set the cells, mark plus and minus",
        (
            f"Stand the cells {a.layout.rows} across, {a.layout.columns} columns, group by group as drawn; "
            if a.layout.in_rows
            else "Stand each cell in its numbered place, in the holder or on the template printed at 1:1; "
        )
        + (
            f"group 1 with {first} up, each next group the other way. "
            if d.series > 1
            else f"all with {first} up. "
        )
        + "Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.",
        cautions=(
            "Check each group's direction against the drawing twice: one cell the wrong way is a dead short.",
        ),
        records=("checked",),
        offers=("cell-fitted",) if d.cell_serials else (),
        checks=(
            "Every cell's direction as drawn, first time",
            "Every cell's direction as drawn, second time",
            "Marks on the bench",
            "Tape or holder between neighbouring cells",
            "Cells held firm, fibre tape round them so that they cannot shift",
        ),
        face=Face.TOP,
        hold=True,
        refs=tuple(f"cell:{c.number}" for c in a.layout.cells if c.positive_up),
    )


def _insulate(d: Design, a: Analysis) -> Iterator[Step]:
    ring = d.insulation.rings and d.cell.is_round
    looks = [
        *(("Ring under every positive",) if ring else ()),
        "Sheet over all joints, both faces",
        "No bare metal anywhere",
        "No lead across a strip edge",
    ]
    if d.bms.board is not None:
        where = {BoardPlace.END: "at the end", BoardPlace.TOP: "on top", BoardPlace.OUTSIDE: "outside"}[
            d.bms.place
        ]
        looks.append(f"Sheet under the board, board fixed {where}")
    yield Step(
        "insulation-look",
        "Insulate",
        "Look over the insulation",
        f"Sheet {d.insulation.sheet_m * 1e3:.2f} mm over both faces, tape to hold it, sheet round the sides.",
        records=("checked",),
        checks=tuple(looks),
        hold=True,
        covers=(*BOTH_FACES, RIMS, PADS),
    )
    # Below the touch limit it tells little that the look-over did not.
    asked = a.pack.voltage_full_v > TOUCH_LIMIT_V
    yield Step(
        "insulation-resistance",
        "Insulate",
        "Measure the insulation" if asked else "Measure the insulation, if you want it on record",
        "Each pole against the outside of the pack (foil laid round it), with a meter or an insulation tester of low voltage."
        + ("" if asked else f" Below {TOUCH_LIMIT_V:g} V it may be left out."),
        cautions=("Never an insulation tester between the two poles of a live pack.",),
        records=("insulation-reading",) if asked else (),
        poles=POLES if asked else (),
        offers=() if asked else ("insulation-reading",),
        expected=f"more than {LEAST_INSULATION_OHM / 1e6:g} MΩ",
        hold=asked,
    )


PLAN = JobPlan(kind=JobKind.NEW_PACK, own_steps=new_pack_steps)
