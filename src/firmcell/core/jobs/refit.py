"""An old tool, appliance or instrument pack gets new cells: recorded as it was found, opened, joined,
closed, compared."""

from collections.abc import Iterator
from dataclasses import replace

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.wording import amperes, millimetres, percent, volts
from firmcell.core.charging.in_host import charged_in_host
from firmcell.core.insulation.cell_pocket import taken_by_cell
from firmcell.core.jobs.before_after import Compared, pack_compared
from firmcell.core.jobs.host_charge import HOST_CHARGE
from firmcell.core.jobs.passport import HandedOver
from firmcell.core.jobs.plan import JobPlan, PageSection, StagePicture
from firmcell.core.jobs.refit_steps import refit_steps
from firmcell.core.model.design import Design
from firmcell.core.model.host_charger import ChargeEnd
from firmcell.core.model.job_details import JobKind, OldTabs
from firmcell.core.model.limits import OTHER_VOLTS
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Cell
from firmcell.core.pictures.drawing import Drawing
from firmcell.core.pictures.pocket import pocket_drawing
from firmcell.core.records.build_state import BuildState
from firmcell.core.records.event_words import found_words
from firmcell.core.rules.table import ALL_TOPICS, COMMON_PRACTICE, Hit, RuleTable

OWN = RuleTable()
# -- rules ----------------------------------------------------------------------------------------------


@OWN.rule(
    "RF-1",
    Stage.CELLS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="Every number of the pack comes from its cells.",
)
def new_cells_not_chosen(s: Situation) -> Iterator[Hit]:
    """The cells that go in are not known."""
    if not s.design.cell.known:
        best = _like(s.library, s.design.cell)
        fix = (
            Fix(f"Take {best.name}", (("cell", best), ("cell_now_v", best.facts.storage_v))) if best else None
        )
        yield Hit("Which new cells go in is not chosen.", ("cell:1",), fix)


def _like(library: PartLibrary, old: Cell) -> Cell | None:
    """The class of the same size and chemistry that holds most."""
    same = [c for c in library.cells if c.size == old.size and c.chemistry is old.chemistry]
    return max(same, key=lambda c: c.capacity_as, default=None)


@OWN.rule(
    "RF-2",
    Stage.CELLS,
    Severity.STOP,
    source="largest of the class, nub and strip included, against the room as measured",
    reason="A pack that is squeezed wears its wraps through, and metal that touches a lid is live outside.",
)
def no_room_for_cell(s: Situation) -> Iterator[Hit]:
    """A new cell is too long or too thick for its place."""
    job, cell = s.design.refit, s.design.cell
    length, width = _taken(s.design)
    for room, size, word in ((job.pocket_length_m, length, "long"), (job.pocket_width_m, width, "wide")):
        if room is not None and size > room:
            clear = f", strip on both ends and {millimetres(job.clear_m)} to spare" if word == "long" else ""
            yield Hit(
                f"{cell.name} wants {millimetres(size)} ({word}, at worst{clear}); there are {millimetres(room)}.",
                ("cell:1",),
            )


def _taken(d: Design) -> tuple[float, float]:
    return taken_by_cell(d.cell, d.joining, d.refit.clear_m)


@OWN.rule(
    "RF-3",
    Stage.BRIEF,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Old cells were chosen together with their charger.",
)
def chemistry_changes(s: Situation) -> Iterator[Hit]:
    """How the host charges is not entered; a stop where the chemistry changes."""
    d, old = s.design, s.design.refit.old_cell
    if d.host_charger.end is not ChargeEnd.NOT_ENTERED:
        return
    changed = old is not None and d.cell.known and old.chemistry is not d.cell.chemistry
    words = f" {old.facts.label} comes out, {d.cell.facts.label.lower()} goes in." if changed and old else ""
    yield Hit(
        f"How the host charges is not entered: current, what ends it, its clock.{words}",
        severity=Severity.STOP if changed else None,
    )


@OWN.rule(
    "RF-4",
    Stage.CELLS,
    Severity.ATTENTION,
    source="class values of old and new cell",
    reason="A gain in capacity is welcome; a lower discharge rating is not noticed until it gets hot.",
)
def weaker_than_the_old(s: Situation) -> Iterator[Hit]:
    """The new cells may give less current than the old ones did."""
    d, job, old = s.design, s.design.refit, s.design.refit.old_cell
    if old is None or not old.known or not d.cell.known:
        return
    was, now = old.current_continuous_a * job.old_parallel, d.cell.current_continuous_a * d.parallel
    if now < was:
        yield Hit(
            f"The old cells gave {amperes(was)} steadily, the new ones give {amperes(now)}: what the host draws must be known.",
            ("cell:1",),
        )


@OWN.rule(
    "RF-5",
    Stage.BRIEF,
    Severity.ATTENTION,
    source="full voltage of both packs; " + COMMON_PRACTICE,
    reason="A motor, a lamp or a capacitor that was made for the old voltage takes the new one for as long as it lasts.",
)
def higher_than_the_old(s: Situation) -> Iterator[Hit]:
    """The full new pack is more than a tenth over, or under, the old one."""
    d, job = s.design, s.design.refit
    if job.old_cell is None or not d.cell.known:
        return
    was, now = job.old_series * job.old_cell.full_v, d.series * d.cell.full_v
    if abs(now - was) > OTHER_VOLTS * was:
        word = "over" if now > was else "under"
        yield Hit(
            f"Full, the new pack has {volts(now)}; the old had {volts(was)}: {percent(abs(now / was - 1))} {word}. What the host stands must be known and written down."
        )


@OWN.rule(
    "RF-6",
    Stage.STRIPS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="A weld that did not go through lets go in use, under current.",
)
def old_tabs_too_thick(s: Situation) -> Iterator[Hit]:
    """Old tabs are welded again and are thicker than the welder joins."""
    job = s.design.refit
    if job.old_tabs is not OldTabs.WELD:
        return
    if job.old_tab_m is None:
        yield Hit("The thickness of the old tabs is not entered.", severity=Severity.ATTENTION)
    elif job.old_tab_m > job.welder_m + 1e-9:
        yield Hit(
            f"Old tabs of {job.old_tab_m * 1e3:.2f} mm are more than the welder joins ({job.welder_m * 1e3:.2f} mm).",
            fix=Fix(
                "Weld a thin tab to the cell, solder the old one to it", (("refit.old_tabs", OldTabs.BRIDGE),)
            ),
        )


@OWN.rule(
    "RF-7",
    Stage.CELLS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="The weakest cell of a series decides when the pack is empty, and is driven backwards after that.",
)
def reclaimed_unknown(s: Situation) -> Iterator[Hit]:
    """Reclaimed cells go in, and not each of them was measured."""
    d = s.design
    tested = sum(1 for n in s.state.cell_tests if n <= d.cell_count)
    if d.refit.reclaimed and tested < d.cell_count:
        yield Hit(
            f"The new cells are reclaimed; {tested} of {d.cell_count} are tested. Capacity, resistance and a week's rest of each come first.",
            ("cell:1",),
        )


# -- what it hands over ---------------------------------------------------------------------------------


def as_it_was(d: Design) -> Design | None:
    """Return the pack with its old cells, for the comparison; None where nothing is known of it."""
    job = d.refit
    if job.old_cell is None:
        return None
    old = (
        job.old_cell
        if job.old_capacity_as is None
        else job.old_cell.model_copy(update={"capacity_as": job.old_capacity_as})
    )
    return d.with_edits(
        ("cell", old),
        ("series", job.old_series),
        ("parallel", job.old_parallel),
        ("arrangement.rows", min(d.arrangement.rows, job.old_series * job.old_parallel)),
    )


def _handed_over(parts: HandedOver, d: Design, a: Analysis, state: BuildState) -> HandedOver:
    found = tuple(f"Found: {found_words(f)}." for f in state.as_found)
    stops = charged_in_host(d).stops
    caution = (f"Never charged in its host. {stops[0]}",) if stops else ()
    return replace(parts, records=(*parts.records, *found), cautions=(*caution, *parts.cautions))


def _old(d: Design, a: Analysis, library: PartLibrary) -> str:
    job = d.refit
    name = job.old_cell.name if job.old_cell else "not entered"
    return f"{job.old_series}S{job.old_parallel}P of {name}"


def _takes(d: Design, a: Analysis, library: PartLibrary) -> str:
    length, width = _taken(d)
    return f"{millimetres(length)} long with metal on both ends, {millimetres(width)} wide, at worst"


def _pocket(design: Design, analysis: Analysis) -> Drawing:
    return pocket_drawing(design)


class RefitReport(Frozen):
    """A pack with new cells."""

    old_series: int
    old_parallel: int
    old_cell: str | None
    cell_takes_length_m: float
    cell_takes_width_m: float
    charge_stops: tuple[str, ...]
    charge_marks: tuple[str, ...]
    charge_full_after_s: float | None


def _report(design: Design, library: PartLibrary) -> RefitReport:
    length, width = _taken(design)
    charge, job = charged_in_host(design), design.refit
    return RefitReport(
        old_series=job.old_series,
        old_parallel=job.old_parallel,
        old_cell=job.old_cell.name if job.old_cell else None,
        cell_takes_length_m=length,
        cell_takes_width_m=width,
        charge_stops=charge.stops,
        charge_marks=charge.marks,
        charge_full_after_s=charge.full_after_s,
    )


def _first_edits(design: Design) -> tuple[tuple[str, object], ...]:
    """The pack as it is, is the old one; like goes in for like."""
    return (
        ("refit.old_cell", design.cell),
        ("refit.old_series", design.series),
        ("refit.old_parallel", design.parallel),
        ("refit.leads_stay", True),
    )


def _worth(d: Design, a: Analysis) -> tuple[Compared, ...]:
    before = as_it_was(d)
    return pack_compared(before, d, a) if before is not None else ()


PLAN = JobPlan(
    kind=JobKind.REFIT,
    closed=True,
    own_steps=refit_steps,
    topics=ALL_TOPICS,
    own=OWN,
    proposes=("refit.", "cell", "cell_now_v", "joining.", "arrangement.", "insulation.", "host_charger."),
    first_edits=_first_edits,
    worth=_worth,
    stage_pictures={
        Stage.CELLS: StagePicture(
            "The room for one cell: what came out above, what goes in below; to scale.", _pocket
        )
    },
    sections={
        Stage.BRIEF: (HOST_CHARGE,),
        Stage.CELLS: (
            PageSection(
                "What comes out",
                tuple(f"refit.{n}" for n in ("old_cell", "old_series", "old_parallel", "old_capacity_as")),
                (("Old pack", _old),),
            ),
            PageSection(
                "What goes in, and what stays",
                tuple(
                    f"refit.{n}"
                    for n in (
                        "reclaimed",
                        "halves",
                        "switched",
                        "leads_stay",
                        "board_stays",
                        "frame_stays",
                        "old_tabs",
                        "old_tab_m",
                        "welder_m",
                        "pocket_length_m",
                        "pocket_width_m",
                        "clear_m",
                    )
                ),
                (("One cell takes", _takes),),
            ),
        ),
    },
    handed_over=_handed_over,
    reported=_report,
    report_model=RefitReport,
)
