"""Rules on cells with a board and holder packs."""

from collections.abc import Iterator

from firmcell.core.analysis.findings import Severity, Situation, Stage
from firmcell.core.base.wording import amperes, figures, millimetres
from firmcell.core.bms.single_cell import cell_with_board
from firmcell.core.model.job_details import JobKind
from firmcell.core.rules.table import COMMON_PRACTICE, Hit, rule


@rule("CB-1", Stage.BMS, Severity.STOP, source="sum of lengths, largest cell of the class",
      reason="A cell that is too long bends the holder's springs, or does not go in at all.")  # fmt: skip
def cell_with_board_too_long(s: Situation) -> Iterator[Hit]:
    """The cell with its board fits holder or charger no longer."""
    if s.design.kind is not JobKind.CELL_BMS:
        return
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


@rule("CB-2", Stage.BMS, Severity.STOP, source=COMMON_PRACTICE,
      reason="A BMS for one cell goes under one cell; more cells want a board that watches each group.")  # fmt: skip
def not_one_cell(s: Situation) -> Iterator[Hit]:
    """A board under a cell on more than one cell, or one that is not round."""
    d = s.design
    if d.kind is JobKind.CELL_BMS and (d.series != 1 or d.parallel != 1 or not d.cell.is_round):
        yield Hit(
            f"A board under the cell is for one round cell; this job has {d.series}S{d.parallel}P.",
            ("board",),
        )


@rule("CB-3", Stage.BMS, Severity.ATTENTION, source="flat width is half the circumference; stock sizes are generic",
      reason="A sleeve that does not grip leaves the strap to rub through.")  # fmt: skip
def no_sleeve_for_the_cell(s: Situation) -> Iterator[Hit]:
    """No stock sleeve slides over cell and strap and shrinks on to them."""
    if s.design.kind is JobKind.CELL_BMS and cell_with_board(s.design).sleeve_flat_m is None:
        yield Hit(
            f"No stock sleeve slides over {millimetres(cell_with_board(s.design).diameter_m)} and shrinks on to it.",
            ("board",),
        )


@rule("HP-1", Stage.LAYOUT, Severity.STOP, source="class value of the clips",
      reason="A clip that is too warm loses its spring, then its grip, and arcs.")  # fmt: skip
def clip_overloaded(s: Situation) -> Iterator[Hit]:
    """Clips carry more than they may."""
    d = s.design
    if d.kind is not JobKind.HOLDER_PACK:
        return
    each = d.brief.current_steady_a / d.parallel
    if each > d.holder.clip_a:
        yield Hit(f"Each clip carries {amperes(each)} of {amperes(d.holder.clip_a)}.", ("group:1",))


@rule("HP-2", Stage.LAYOUT, Severity.NOTE, source="two clips a cell in the way",
      reason="Clips lose more than welds do, and it is lost as heat at the cell's ends.")  # fmt: skip
def clips_lose(s: Situation) -> Iterator[Hit]:
    """What the clips lose at the steady current."""
    d = s.design
    if d.kind is not JobKind.HOLDER_PACK:
        return
    each = d.brief.current_steady_a / d.parallel
    lost = 2 * d.holder.clip_ohm * each * d.series
    if lost > 0.02 * s.analysis.pack.voltage_nominal_v:
        yield Hit(
            f"The clips lose {figures(lost * 1e3)} mV at the steady current, {figures(2 * d.holder.clip_ohm * each**2)} W at each cell.",
            ("group:1",),
        )
