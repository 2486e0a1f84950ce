"""A round protection board under one bare cell, a strap up its side, a new sleeve."""

from collections.abc import Iterator, Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import (
    amperes,
    millimetres,
)
from firmcell.core.bms.single_cell import CellWithBoard, cell_with_board
from firmcell.core.jobs.cautions import FIRE_PLAN
from firmcell.core.jobs.cooling import SLEEVED_CELL_S
from firmcell.core.jobs.parts_used import SAMPLE_M, Used, Uses, board_used
from firmcell.core.jobs.passport import HandedOver, cell_handed_over
from firmcell.core.jobs.plan import JobPlan, PageSection, Subject, electrical_ratings
from firmcell.core.jobs.readings import READS
from firmcell.core.model.cell_sleeves import cell_sleeve_name
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.single_cell import cell_bms_drawing
from firmcell.core.records.areas import EVERYTHING, RIMS, end_area
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import Step
from firmcell.core.rules.table import ALL_TOPICS, COMMON_PRACTICE, Hit, RuleTable, Topic

OWN = RuleTable()


def cell_bms_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of putting a protection board under one cell, in order."""
    made = cell_with_board(d)
    return (*_before(d, made), *_welded(d), *_woken(d), *_closed(made), *_tripped(d))


def _before(d: Design, made: CellWithBoard) -> tuple[Step, ...]:
    return (
        Step(
            "cell-bms-cell-check",
            "Before",
            "Look at the cell and measure it",
            f"Voltage, wrap, both ends. With its board it will be {millimetres(made.length_m)} long and {millimetres(made.diameter_m)} thick: try holder "
            "and charger with a dummy of that size first.",
            cautions=("Dispose of a dented, leaking or rusty cell; it gets no board.", FIRE_PLAN),
            records=("polarity-reading",),
            expected=f"{READS}, red on the positive end",
            probes=("B0", "B1"),
            any_charge=True,
            refs=("cell:1",),
            hold=True,
        ),
        Step(
            "cell-bms-ring",
            "Before",
            "Ring on the positive, disc on the negative",
            "A new insulator ring on the positive end. On the negative end an insulator disc, with a hole for the board's B− tab.",
            cautions=("The can is negative right up to the rim beside the positive.",),
            records=("checked",),
            checks=(
                "Ring centred, nub clear inside it",
                "Disc covers the can to its edge",
                "Wrap whole along the side where the strap runs",
            ),
            refs=("ring",),
            hold=True,
            covers=(RIMS,),
        ),
    )


FEW_SAMPLES = 5
"""Samples peeled before the few welds of one cell; common practice, no source."""


def _welded(d: Design) -> tuple[Step, ...]:
    job = d.cell_bms
    name = d.bms.board.name if d.bms.board else "the board"
    return (
        Step(
            "weld-sample",
            "Weld",
            "Peel sample welds",
            f"Weld strip like the board's tab and the strap ({job.strap_thickness_m * 1e3:.2f} mm) on scrap or a dead cell, with the setting that you will "
            f"use, and peel. A good weld leaves a nugget and tears a hole in the strip. {FEW_SAMPLES} of {FEW_SAMPLES} must hold.",
            cautions=(
                "The two electrodes must never touch each other.",
                "Glasses on: sparks, and sharp strip when peeling.",
            ),
            records=("weld-sample",),
            counted=FEW_SAMPLES,
            expected="every peeled weld leaves a nugget or a torn hole",
            hold=True,
        ),
        Step(
            "cell-bms-minus",
            "Weld",
            "B− tab to the cell's negative, first",
            f"Weld the B− tab of {name} to the middle of the can's bottom. The board's B+ stays free and covered.",
            cautions=("Never solder on the cell. Electrodes must not touch each other.",),
            records=("weld-row",),
            expected="tug holds, tab flat",
            refs=("board",),
            hold=True,
            bares=(end_area("bms.B-"),),
        ),
        Step(
            "cell-bms-strap",
            "Weld",
            "Strap up the side, then to the positive",
            f"Lay the strap ({job.strap_thickness_m * 1e3:.2f} × {job.strap_width_m * 1e3:.0f} mm) on polyimide tape along the wrap, tape over it, and "
            "over the ring to the nub. Join it to the board's B+ first, then weld it to the positive: that is the moment it is live.",
            cautions=("A strap that touches the rim shorts the cell: ring and tape under it all the way.",),
            records=("weld-row",),
            expected="strap flat, nowhere near the rim",
            refs=("strap",),
            hold=True,
            bares=(end_area("bms.B+"),),
        ),
    )


def _woken(d: Design) -> tuple[Step, ...]:
    return (
        Step(
            "cell-bms-wake",
            "Prove",
            "Wake the board and measure it",
            "Some boards sleep until they see a charger: touch a charger of the cell's voltage to P+ and P− for a moment.",
            records=("polarity-reading",),
            expected=f"{READS} at the outside ends, red on the positive",
            probes=("load.-", "load.+"),
            any_charge=True,
            refs=("board",),
            hold=True,
        ),
    )


def _closed(made: CellWithBoard) -> tuple[Step, ...]:
    flat = made.sleeve_flat_m
    sleeve = f"{millimetres(flat)} flat" if flat else "a sleeve that slides on and grips"
    return (
        Step(
            "cell-bms-sleeve",
            "Close",
            "Sleeve",
            f"{sleeve}, cut {millimetres(made.sleeve_cut_m)}. Hot air from the middle outwards, low heat, cell held by a cool end.",
            cautions=("Hot air tool, no flame; stop when the sleeve lies.",),
            records=("checked",),
            checks=(
                "Both ends lip over the edge alike",
                "Ring centred, positive exposed",
                "Strap covered everywhere",
                "No wrinkle over the strap",
            ),
            cools_s=SLEEVED_CELL_S,
            refs=("sleeve",),
            hold=True,
            covers=(EVERYTHING,),
        ),
    )


def _tripped(d: Design) -> tuple[Step, ...]:
    board = d.bms.board
    return (
        Step(
            "cell-bms-proof",
            "Prove",
            "It opens and it comes back",
            f"Short load: briefly more than {amperes(board.current_peak_a if board else 0.0)} through a resistor, not a bare short; the board opens, and comes back "
            "when the load is off or a charger is on. Then once into holder and charger.",
            cautions=("Not a bare short: a board that fails to open leaves the cell in it.",),
            records=("checked",),
            checks=(
                "Opened and came back",
                "Goes into the holder without force",
                "Charger takes it and ends",
            ),
            hold=True,
        ),
    )


@OWN.rule(
    "CB-1",
    Stage.BMS,
    Severity.STOP,
    source="sum of lengths, largest cell of the class",
    reason="A cell that is too long bends the holder's springs, or does not go in at all.",
)
def cell_with_board_too_long(s: Situation) -> Iterator[Hit]:
    """The cell with its board fits holder or charger no longer."""
    job, made = s.design.cell_bms, cell_with_board(s.design)
    for fits, limit, size, where in (
        (made.fits_holder, job.holder_m, made.length_m, "The holder takes"),
        (made.fits_charger, job.charger_m, made.length_m, "The charger takes"),
        (made.fits_width, job.holder_width_m, made.diameter_m, "The holder is wide enough for"),
    ):
        if fits is False and limit is not None:
            yield Hit(
                f"{where} {millimetres(limit)}; with board, strap and sleeve the cell is {millimetres(size)}.",
                ("board",),
            )


@OWN.rule(
    "CB-2",
    Stage.BMS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A BMS for one cell goes under one cell; more cells want a board that watches each group.",
)
def not_one_cell(s: Situation) -> Iterator[Hit]:
    """A board under a cell on more than one cell, or one that is not round."""
    d = s.design
    if d.series != 1 or d.parallel != 1 or not d.cell.is_round:
        yield Hit(
            f"A board under the cell is for one round cell; this job has {d.series}S{d.parallel}P.",
            ("board",),
        )


@OWN.rule(
    "CB-3",
    Stage.BMS,
    Severity.ATTENTION,
    source="flat width is half the circumference; stock sizes are generic",
    reason="A sleeve that does not grip leaves the strap to rub through.",
)
def no_sleeve_for_the_cell(s: Situation) -> Iterator[Hit]:
    """No stock sleeve slides over cell and strap and shrinks on to them."""
    if cell_with_board(s.design).sleeve_flat_m is None:
        yield Hit(
            f"No stock sleeve slides over {millimetres(cell_with_board(s.design).diameter_m)} and shrinks on to it.",
            ("board",),
        )


def _picture(design: Design, analysis: Analysis) -> Drawing:
    return cell_bms_drawing(design)


def _plate(design: Design, analysis: Analysis) -> tuple[str, tuple[tuple[str, str], ...]]:
    p, made = analysis.pack, cell_with_board(design)
    return p.designation, (
        *electrical_ratings(design, analysis),
        ("Board adds", millimetres(made.added_m)),
        ("Becomes", f"⌀ {made.diameter_m * 1e3:.1f} × {made.length_m * 1e3:.1f} mm"),
    )


def _handed_over(parts: HandedOver, design: Design, analysis: Analysis, state: BuildState) -> HandedOver:
    """No fuse, no plug, no size of a pack: the cell as it becomes."""
    made = cell_with_board(design)
    size = f"⌀ {made.diameter_m * 1e3:.1f} × {made.length_m * 1e3:.1f} mm at most; the board adds {millimetres(made.added_m)}"
    caution = "Always live inside: never cut or pierce the sleeve."
    return cell_handed_over(parts, size, caution, state)


def _sleeve(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = cell_with_board(d)
    flat = f"{millimetres(made.sleeve_flat_m)} flat" if made.sleeve_flat_m else "no stock size"
    return f"{flat}, cut {millimetres(made.sleeve_cut_m)}"


def _fits(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = cell_with_board(d)
    told = {True: "yes", False: "NO", None: "not entered"}
    return f"holder {told[made.fits_holder]}, its width {told[made.fits_width]}, charger {told[made.fits_charger]}"


def _order(d: Design, a: Analysis, library: PartLibrary) -> str:
    return "ring and disc, B− to the can, strap to B+, strap to the positive last, sleeve, trip test"


def _becomes(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = cell_with_board(d)
    return f"{millimetres(made.length_m)} long, {millimetres(made.diameter_m)} thick; {millimetres(made.added_m)} added"


class CellBmsReport(Frozen):
    """A cell with its protection board."""

    added_m: float
    length_m: float
    diameter_m: float
    sleeve_flat_m: float | None
    sleeve_cut_m: float


def _report(design: Design, library: PartLibrary) -> CellBmsReport:
    made = cell_with_board(design)
    return CellBmsReport(
        added_m=made.added_m,
        length_m=made.length_m,
        diameter_m=made.diameter_m,
        sleeve_flat_m=made.sleeve_flat_m,
        sleeve_cut_m=made.sleeve_cut_m,
    )


def _summary(made: CellBmsReport) -> tuple[tuple[str, str], ...]:
    size = f"{made.diameter_m * 1e3:.1f} mm thick, {made.length_m * 1e3:.1f} mm long at most"
    return (("becomes", f"{size}; the board adds {made.added_m * 1e3:.1f} mm"),)


def _first_edits(design: Design) -> tuple[tuple[str, object], ...]:
    return ("series", 1), ("parallel", 1), ("arrangement.rows", 1)


def _uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """Ring and disc, the board, a strap up the side, and a sleeve."""
    job, made = d.cell_bms, cell_with_board(d)
    strap = f"strap {job.strap_thickness_m * 1e3:g} × {job.strap_width_m * 1e3:g} mm"
    yield Used("cell-bms-ring", "rings", f"insulator ring for {d.cell.size}", 1)
    yield Used("cell-bms-ring", "rings", f"insulator disc for {d.cell.size}", 1)
    yield from board_used(d, steps)
    yield Used("cell-bms-strap", "strip", strap, cuts=(made.length_m + d.cell.diameter_m,))
    yield Used("weld-sample", "strip", strap, cuts=(SAMPLE_M,), spoilt=True)
    if made.sleeve_flat_m is not None:
        yield Used(
            "cell-bms-sleeve", "sleeve", cell_sleeve_name(made.sleeve_flat_m), cuts=(made.sleeve_cut_m,)
        )


PLAN = JobPlan(
    kind=JobKind.CELL_BMS,
    subject=Subject.ONE_CELL,
    stages=(Stage.BRIEF, Stage.CELLS, Stage.BMS, Stage.BENCH, Stage.PASSPORT),
    own_steps=cell_bms_steps,
    uses=_uses,
    topics=ALL_TOPICS - {Topic.TAPS, Topic.BUILT},
    own=OWN,
    first_edits=_first_edits,
    sections={
        Stage.BMS: (
            PageSection(
                "Cell with its board",
                tuple(
                    f"cell_bms.{name}"
                    for name in (
                        "strap_thickness_m",
                        "strap_width_m",
                        "ring_m",
                        "sleeve_wall_m",
                        "holder_m",
                        "holder_width_m",
                        "charger_m",
                    )
                ),
                (("Becomes", _becomes), ("Still fits", _fits), ("Sleeve", _sleeve), ("Order", _order)),
            ),
        )
    },
    picture=_picture,
    caption="The cell as it becomes, to scale; the positive end at the right.",
    plate=_plate,
    handed_over=_handed_over,
    reported=_report,
    report_model=CellBmsReport,
    summary=_summary,
)
