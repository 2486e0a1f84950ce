"""A torn wrap on one cell, or on a batch of like cells, is replaced."""

from collections.abc import Iterator, Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import millimetres, plural, volts
from firmcell.core.insulation.cell_sleeve import SleevedCell, sleeved_cell
from firmcell.core.jobs.cautions import FIRE_PLAN
from firmcell.core.jobs.cooling import SLEEVED_CELL_S
from firmcell.core.jobs.parts_used import Used, Uses
from firmcell.core.jobs.passport import HandedOver, cell_handed_over
from firmcell.core.jobs.plan import JobPlan, PageSection, Subject, electrical_ratings
from firmcell.core.jobs.readings import READS
from firmcell.core.model.cell_sleeves import cell_sleeve_name
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import JobKind
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.sleeved_cell import sleeved_cell_drawing
from firmcell.core.records.areas import RIMS, end_area
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.step import Step
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, RuleTable

OWN = RuleTable()
DISPOSE = (
    "It gets no sleeve: tape both ends, put it outdoors in sand in a metal box, and take it to a collection point for batteries; never "
    "into household waste"
)


def _made(d: Design) -> SleevedCell:
    return sleeved_cell(d.cell, d.re_sleeve)


def re_sleeve_steps(d: Design, a: Analysis) -> tuple[Step, ...]:
    """Return the steps of a new sleeve in order; of a batch each step is done for every cell before the
    next."""
    return (*_judged(d), *_bared(d), *_sleeved(d), *_handed_back(d))


def _each(d: Design) -> str:
    return "" if d.re_sleeve.cells == 1 else f" Each of the {d.re_sleeve.cells} cells, one after the other."


def _judged(d: Design) -> tuple[Step, ...]:
    """Each cell is measured and judged by itself: none of a batch goes unmeasured."""
    judged = tuple(_judge(d, number) for number in range(1, d.re_sleeve.cells + 1))
    return (
        *judged,
        Step(
            "re-sleeve-bench",
            "Before",
            "Clear the bench",
            "Nothing conducting under the cell: wood or a dry mat. New sleeve and ring laid out; rings and watch off.",
            cautions=("From here on the whole can is bare and negative.",),
            records=("checked",),
            checks=("Nothing conducting within reach of the can", "Sleeve cut, ring ready"),
        ),
    )


def _judge(d: Design, number: int) -> Step:
    many = d.re_sleeve.cells > 1
    title = "Measure, look, decide"
    if many:
        title = f"Cell {number} of {d.re_sleeve.cells}: measure, look, decide"
    return Step(
        "re-sleeve-judge" if number == 1 else f"re-sleeve-judge-{number}",
        "Before",
        title,
        "Voltage, both ends, and what shows through the tear. A torn wrap is replaced now: the bare can is negative up to the rim of the "
        "positive. A weak cell stays weak; a sleeve does not cure it."
        + (" Write its number on it." if many else ""),
        cautions=(f"Dented, leaking, rusted, warm, or under {volts(d.cell.empty_v)}: {DISPOSE}.", FIRE_PLAN),
        records=("polarity-reading",),
        expected=f"{READS}, red on the positive end",
        probes=("B0", "B1"),
        any_charge=True,
        refs=("cell:1",),
        hold=True,
    )


def _bared(d: Design) -> tuple[Step, ...]:
    return (
        Step(
            "re-sleeve-strip",
            "Bare",
            "Tear the old wrap off",
            f"From the tear, with fingers or blunt tweezers.{_each(d)}",
            cautions=(
                "No blade: through the wrap it scores the can, and across the positive's rim it shorts the cell.",
            ),
            records=("checked",),
            checks=("Wrap off, nothing of it left under the ring", "Can not scored"),
            refs=("sleeve",),
            bares=(RIMS, end_area("B0")),
        ),
        Step(
            "re-sleeve-look",
            "Bare",
            "Look at the bare can",
            "All round and at both ends, in good light.",
            cautions=(f"A dent, a wet or white place, rust that can be felt: {DISPOSE}.",),
            records=("checked",),
            checks=("No dent", "Nothing wet or white", "No rust that can be felt", "Not warm"),
            refs=("cell:1",),
            hold=True,
        ),
        Step(
            "re-sleeve-ring",
            "Bare",
            "Ring on the positive end",
            "A new insulator ring, pressed on and centred; the old one only if it is whole and still sticks. The nub stands clear in its hole.",
            cautions=("Without the ring a strip or a spring shorts nub and rim.",),
            records=("checked",),
            checks=("Ring whole and stuck down", "Nub clear all round"),
            refs=("ring",),
            hold=True,
            covers=(RIMS,),
        ),
    )


def _sleeved(d: Design) -> tuple[Step, ...]:
    made = _made(d)
    flat = f"{millimetres(made.flat_m)} flat" if made.flat_m else "a sleeve that slides on and grips"
    return (
        Step(
            "re-sleeve-shrink",
            "Sleeve",
            "Slide it on, shrink it",
            f"{flat}, cut {millimetres(made.cut_m)}, equally far over both ends.{_each(d)} Hot air, low, moving, from the middle outwards, the cell held "
            "by a cool end.",
            cautions=(
                "Hot air, no flame: the cell must stay cool enough to hold. Stop when the sleeve lies.",
            ),
            records=("checked",),
            checks=(
                "Both lips lie over the edge alike",
                "No wrinkle, no bubble",
                "Ring centred, positive bare",
                "Cell no more than hand-warm",
            ),
            measures=("overlap_m",),
            cools_s=SLEEVED_CELL_S,
            refs=("sleeve",),
            hold=True,
            covers=(RIMS, end_area("B0")),
        ),
    )


def _handed_back(d: Design) -> tuple[Step, ...]:
    """Each cell is read again by itself: a short under a new sleeve shows here or never."""
    return tuple(_proven(d, number) for number in range(1, d.re_sleeve.cells + 1))


def _proven(d: Design, number: int) -> Step:
    title = "Mark it, read it, try it"
    if d.re_sleeve.cells > 1:
        title = f"Cell {number} of {d.re_sleeve.cells}: mark it, read it, try it"
    return Step(
        "re-sleeve-mark" if number == 1 else f"re-sleeve-mark-{number}",
        "Prove",
        title,
        "Rating, a plus at the positive end, and the date on the sleeve. Voltage again, then into its holder: it goes in and out without force.",
        records=("polarity-reading", "checked"),
        checks=(
            "Marked: rating, plus, date",
            "Goes into its holder without force",
        ),
        expected=f"as before, {READS}, red on the positive end",
        probes=("load.-", "load.+"),
        any_charge=True,
        same_as="re-sleeve-judge" if number == 1 else f"re-sleeve-judge-{number}",
        refs=("sleeve",),
        hold=True,
    )


@OWN.rule(
    "RS-1",
    Stage.CELLS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="What is wrong inside does not get better under a new sleeve; it only cannot be seen any more.",
)
def not_to_be_sleeved(s: Situation) -> Iterator[Hit]:
    """A cell that is dented, leaking, rusted or warm."""
    job = s.design.re_sleeve
    seen = [
        word
        for word, yes in (
            ("dented", job.dented),
            ("leaking", job.leaking),
            ("rusted", job.rusted),
            ("warm by itself", job.warm),
        )
        if yes
    ]
    if seen:
        yield Hit(f"The cell is {' and '.join(seen)}. {DISPOSE}.", ("cell:1",))


@OWN.rule(
    "RS-2",
    Stage.CELLS,
    Severity.STOP,
    source="flat width is half the circumference; stock sizes are generic",
    reason="A sleeve that does not grip slides off its lips.",
)
def no_stock_sleeve(s: Situation) -> Iterator[Hit]:
    """No stock sleeve slides on and grips."""
    made = _made(s.design)
    if made.flat_m is None:
        yield Hit(
            f"No stock sleeve slides over {millimetres(made.bare_m)} and shrinks on to it.", ("sleeve",)
        )


@OWN.rule(
    "RS-3",
    Stage.CELLS,
    Severity.STOP,
    source="bare size as measured, or the largest of the class, and the sleeve's wall",
    reason="A cell that is forced in tears its new sleeve at the first spring.",
)
def sleeved_too_large(s: Situation) -> Iterator[Hit]:
    """The finished cell no longer fits its holder."""
    job, made = s.design.re_sleeve, _made(s.design)
    for fits, limit, size, word in (
        (made.fits_length, job.holder_m, made.length_m, "long"),
        (made.fits_width, job.holder_width_m, made.diameter_m, "thick"),
    ):
        if fits is False and limit is not None:
            yield Hit(
                f"With its sleeve the cell is {millimetres(size)} {word}; the holder takes {millimetres(limit)}.",
                ("sleeve",),
            )


@OWN.rule(
    "RS-4",
    Stage.CELLS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="Flat cells have no ring and no lips; their wrap is another job.",
)
def not_a_round_cell(s: Situation) -> Iterator[Hit]:
    """A re-sleeve of what is not one round cell at a time."""
    d = s.design
    if not d.cell.is_round or d.series * d.parallel != 1:
        yield Hit(
            f"A re-sleeve is for round cells one by one; this job has {d.series}S{d.parallel}P of {d.cell.form.value} cells."
        )


@OWN.rule(
    "RS-5",
    Stage.CELLS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Cells of one class differ by tenths of a millimetre, and so do what they are bought as and what they are.",
)
def measured_is_not_the_class(s: Situation) -> Iterator[Hit]:
    """A can that measures other than its class: it may be another cell."""
    job, cell = s.design.re_sleeve, s.design.cell
    for word, measured, usual, excess in (
        ("thick", job.diameter_m, cell.diameter_m, cell.diameter_tolerance_m),
        ("long", job.length_m, cell.length_m, cell.length_tolerance_m),
    ):
        # A bare can is thinner than the wrapped cell of its class by two walls.
        if measured is not None and not usual - FAR_OFF_M < measured <= usual + excess:
            yield Hit(
                f"The bare can is {millimetres(measured)} {word}; {cell.name} is {millimetres(usual)} with its wrap: is it that cell?",
                ("cell:1",),
            )


FAR_OFF_M = 0.001
"""A bare can may be thinner or shorter than its wrapped class by so much, m; engineering judgement."""


def _picture(design: Design, analysis: Analysis) -> Drawing:
    return sleeved_cell_drawing(design)


def _plate(design: Design, analysis: Analysis) -> tuple[str, tuple[tuple[str, str], ...]]:
    made = _made(design)
    flat = f"{millimetres(made.flat_m)} flat" if made.flat_m else "no stock size"
    return analysis.pack.designation, (
        *electrical_ratings(design, analysis),
        ("Cells", str(design.re_sleeve.cells)),
        ("Sleeve", flat),
        ("Becomes", f"⌀ {made.diameter_m * 1e3:.1f} × {made.length_m * 1e3:.1f} mm"),
    )


def _handed_over(parts: HandedOver, design: Design, analysis: Analysis, state: BuildState) -> HandedOver:
    """The cell as it becomes: no fuse, no plug, no size of a pack."""
    made = _made(design)
    size = f"⌀ {made.diameter_m * 1e3:.1f} × {made.length_m * 1e3:.1f} mm at most"
    caution = "The can under the sleeve is negative up to the rim of the positive end."
    return cell_handed_over(parts, size, caution, state)


def _sleeve(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = _made(d)
    flat = f"{millimetres(made.flat_m)} flat" if made.flat_m else "no stock size"
    total = d.re_sleeve.cells * made.cut_m
    more = f"; {total:.2f} m for {d.re_sleeve.cells} cells" if d.re_sleeve.cells > 1 else ""
    return f"{flat}, cut {millimetres(made.cut_m)}{more}"


def _becomes(d: Design, a: Analysis, library: PartLibrary) -> str:
    made = _made(d)
    return f"{millimetres(made.diameter_m)} thick, {millimetres(made.length_m)} long"


def _fits(d: Design, a: Analysis, library: PartLibrary) -> str:
    told = {True: "yes", False: "NO", None: "not entered"}
    made = _made(d)
    return f"length {told[made.fits_length]}, width {told[made.fits_width]}"


class ReSleeveReport(Frozen):
    """A cell with its new sleeve."""

    cells: int
    sleeve_flat_m: float | None
    sleeve_cut_m: float
    diameter_m: float
    length_m: float


def _report(design: Design, library: PartLibrary) -> ReSleeveReport:
    made = _made(design)
    return ReSleeveReport(
        cells=design.re_sleeve.cells,
        sleeve_flat_m=made.flat_m,
        sleeve_cut_m=made.cut_m,
        diameter_m=made.diameter_m,
        length_m=made.length_m,
    )


def _summary(made: ReSleeveReport) -> tuple[tuple[str, str], ...]:
    flat = f"{made.sleeve_flat_m * 1e3:.1f} mm flat" if made.sleeve_flat_m else "no stock size"
    return (
        ("sleeve", f"{flat}, cut {made.sleeve_cut_m * 1e3:.1f} mm, {plural(made.cells, 'cell')}"),
        ("becomes", f"{made.diameter_m * 1e3:.1f} mm thick, {made.length_m * 1e3:.1f} mm long"),
    )


def _first_edits(design: Design) -> tuple[tuple[str, object], ...]:
    cell, brief = design.cell, design.brief
    steady = min(brief.current_steady_a, cell.current_continuous_a)
    return (
        ("series", 1),
        ("parallel", 1),
        ("arrangement.rows", 1),
        ("bms.board", None),
        # No load hangs on it: what was asked of a pack is asked of no cell here.
        ("brief.current_steady_a", steady),
        ("brief.current_peak_a", max(steady, min(brief.current_peak_a, cell.current_peak_a))),
        ("brief.peak_every_s", None),
        ("charge_current_a", cell.current_charge_a / 2),
    )


def _uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """A ring and a sleeve for each cell, if any gets one."""
    codes, made, cells = {step.code for step in steps}, sleeved_cell(d.cell, d.re_sleeve), d.re_sleeve.cells
    if "re-sleeve-ring" in codes:
        yield Used("re-sleeve-ring", "rings", f"insulator ring for {d.cell.size}", cells)
    if "re-sleeve-shrink" in codes and made.flat_m is not None:
        yield Used("re-sleeve-shrink", "sleeve", cell_sleeve_name(made.flat_m), cuts=(made.cut_m,) * cells)


PLAN = JobPlan(
    kind=JobKind.RE_SLEEVE,
    subject=Subject.ONE_CELL,
    stages=(Stage.BRIEF, Stage.CELLS, Stage.BENCH, Stage.PASSPORT),
    own_steps=re_sleeve_steps,
    uses=_uses,
    topics=frozenset(),
    own=OWN,
    first_edits=_first_edits,
    sections={
        Stage.CELLS: (
            PageSection(
                "New sleeve on a cell",
                tuple(
                    f"re_sleeve.{name}"
                    for name in (
                        "cells",
                        "diameter_m",
                        "length_m",
                        "dented",
                        "leaking",
                        "rusted",
                        "warm",
                        "wall_m",
                        "ring_m",
                        "holder_m",
                        "holder_width_m",
                    )
                ),
                (("Sleeve", _sleeve), ("Becomes", _becomes), ("Still fits", _fits)),
            ),
        )
    },
    picture=_picture,
    caption="The cell with its new sleeve, cut along its axis; the positive end at the right.",
    plate=_plate,
    handed_over=_handed_over,
    reported=_report,
    report_model=ReSleeveReport,
    summary=_summary,
)
