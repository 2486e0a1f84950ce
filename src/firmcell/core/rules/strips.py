"""Rules on strip and welds."""

import itertools
from collections.abc import Iterator
from math import hypot

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.wording import amperes, millimetres, plural
from firmcell.core.layout.cell_places import lay_out, lead_cell, place_in_space
from firmcell.core.model.design import Joining, StripStyle
from firmcell.core.model.joint_kinds import LEAST_BAR_THREADS, JoinedBy, terminal_torque
from firmcell.core.model.parts import CellForm, Strip, StripMetal
from firmcell.core.rules.strip_load import WIDEST_BAR
from firmcell.core.rules.table import COMMON_PRACTICE, PHYSICS, Hit, rule
from firmcell.core.strips.clearances import TooNear, strips_too_near
from firmcell.core.strips.joints import tab_rise
from firmcell.core.strips.lead_ends import lead_end_width
from firmcell.core.strips.made_of import WELDABLE_M, strip_takes_screw
from firmcell.core.strips.plates import gap_wanted, lead_gap, least_gap, plates
from firmcell.core.strips.runs import StripRun, leads_on, metal_runs, strip_runs


@rule(
    "SR-4",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Copper spreads current and heat so well that a small welder makes no nugget.",
)
def hard_to_weld(s: Situation) -> Iterator[Hit]:
    """Strip that the shop's welder cannot join."""
    if s.design.joining.joined_by is not JoinedBy.WELD:
        return
    for words, strip in (
        ("Series links", s.design.joining.link_strip),
        ("Collecting strips", _welded_to_cells(s.design.joining)),
        *((("Ladder strips", s.design.joining.ladder_strip),) if s.design.joining.ladder_strip else ()),
    ):
        if strip.metal is StripMetal.COPPER:
            yield Hit(
                f"{words} are copper: weld through nickel on top, or solder; peel samples before trusting it."
            )
        elif strip.thickness_m > s.design.joining.welder.thickest_m + 1e-9:
            yield Hit(
                f"{words} are {strip.thickness_m * 1e3:.2f} mm thick: a welder of this class ({s.design.joining.welder.value}) will not get through."
            )


def _welded_to_cells(joining: Joining) -> Strip:
    """What of the collecting strips the welder meets: of a bar on tabs the tabs."""
    return joining.collector_tabs if joining.on_tabs and joining.collector_tabs else joining.collector_strip


MOST_PILED = 4
"""Layers that are welded one on another before the pile is springy and the welds shallow; common practice, no source."""


@rule(
    "SR-17",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Each layer is welded to the one below: more heat into the cell, and a weld that lets go deep down is never seen.",
)
def many_layers(s: Situation) -> Iterator[Hit]:
    """A pile of more layers than are welded well."""
    joining = s.design.joining
    if joining.joined_by is not JoinedBy.WELD:
        return
    for words, part in (("Series links", "link"), ("Collecting strips", "collector")):
        layers, strip = getattr(joining, f"{part}_layers"), getattr(joining, f"{part}_strip")
        if layers <= MOST_PILED or (part == "collector" and joining.on_tabs):
            continue
        yield Hit(
            f"{words} are {layers} layers of {strip.name}, welded one on another; {MOST_PILED} are as many as hold well.",
            fix=_fewer_layers(s, part, strip, layers),
        )


TAB_WARMER_K = 5.0
"""By how much a tab may be warmer than its ends before it is told; engineering judgement."""


@rule(
    "SR-18",
    Stage.STRIPS,
    Severity.ATTENTION,
    source="a short conductor with both ends held, no heat given off on the way (Incropera)",
    reason="A thin tab is the fuse nobody meant: it glows where its bar and its cell are still cool.",
)
def thin_tabs(s: Situation) -> Iterator[Hit]:
    """Tabs of a collecting bar that are hot in their middle."""
    joining, duty = s.design.joining, s.design.brief.duty
    current = duty.lasting_a / s.design.parallel
    rise = tab_rise(joining, current, s.analysis.strip_limit_k)
    if joining.collector_tabs is None or rise <= TAB_WARMER_K:
        return
    wide = [
        other
        for other in s.library.strips
        if other.metal is StripMetal.NICKEL
        and other.thickness_m <= joining.welder.thickest_m + 1e-9
        and tab_rise(joining.model_copy(update={"collector_tabs": other}), current, s.analysis.strip_limit_k)
        <= TAB_WARMER_K
    ]
    best = min(wide, key=lambda other: other.section_m2, default=None)
    yield Hit(
        f"A tab of {joining.collector_tabs.name} carries {amperes(current)} and is {rise:.0f} K hotter in its middle than bar and cell.",
        fix=Fix(f"Tabs of {best.name}", (("joining.collector_tabs", best),)) if best else None,
    )


def _fewer_layers(s: Situation, part: str, strip: Strip, layers: int) -> Fix | None:
    """Strip that carries as much in four layers or fewer and is no wider, the least metal first."""
    asked = strip.section_m2 * layers / strip.resistivity_ohm_m
    found = [
        (other.section_m2 * n, n, other)
        for other in s.library.strips
        for n in range(1, MOST_PILED + 1)
        if other.thickness_m <= WELDABLE_M
        and other.width_m <= strip.width_m
        and other.section_m2 * n / other.resistivity_ohm_m >= asked
    ]
    if not found:
        return None
    _, n, other = min(found, key=lambda each: each[:2])
    return Fix(
        f"{other.name}, {plural(n, 'layer')}",
        ((f"joining.{part}_strip", other), (f"joining.{part}_layers", n)),
    )


@rule(
    "SR-5",
    Stage.STRIPS,
    Severity.STOP,
    source=COMMON_PRACTICE,
    reason="The can is negative right up to the rim; strip over the rim is positive.",
)
def strip_over_bare_rim(s: Situation) -> Iterator[Hit]:
    """Strip reaches over the rim of a positive end and there is no ring."""
    nub = s.design.cell.nub_diameter_m
    if s.design.cell.is_round and not s.design.insulation.rings:
        yield Hit(
            f"Strip runs over the rim of every positive end (the metal there is {millimetres(nub)} wide) and there is "
            "no ring between.",
            fix=Fix("Put a ring on every positive end", (("insulation.rings", True),)),
        )


@rule(
    "SR-6",
    Stage.STRIPS,
    Severity.STOP,
    source=PHYSICS,
    reason="Strip over pads of two tap points shorts the group between them.",
)
def strip_joins_two_points(s: Situation) -> Iterator[Hit]:
    """A strip drawn by hand that joins different tap points."""
    # A generated strip is of one point by the way it is made; without one drawn there is nothing to look for.
    for run in strip_runs(s.analysis.layout) if s.analysis.layout.drawn else ():
        points = sorted(set(run.nodes))
        if len(points) > 1:
            names = " and ".join(f"B{n}" for n in points)
            yield Hit(
                f"Strip {run.id} over cells {', '.join(str(n) for n in run.cells[:6])} joins {names}: a dead short.",
                refs=(f"strip:{run.id}",),
                fix=_without(s, run),
            )


def _without(s: Situation, run: StripRun) -> Fix:
    drawn = tuple(
        r
        for r in s.design.arrangement.drawn
        if not (r.face is run.face and r.cells in (run.cells, run.cells[::-1]))
    )
    return Fix(f"Take strip {run.id} away", (("arrangement.drawn", drawn),))


@rule(
    "SR-7",
    Stage.STRIPS,
    Severity.STOP,
    source="network of the layout",
    reason="A pad without metal leaves its cell out of the pack; an open series link stops the current.",
)
def pad_without_metal(s: Situation) -> Iterator[Hit]:
    """Pads that no strip covers, or a pack that is open between its poles."""
    layout = s.analysis.layout
    covered = {
        (n, node)
        for r in metal_runs(layout, s.design.joining)
        for n, node in zip(r.cells, r.nodes, strict=True)
    }
    bare = [
        c.number for c in layout.cells for node in (c.group - 1, c.group) if (c.number, node) not in covered
    ]
    if s.analysis.open_at is not None:
        yield Hit(
            f"No current can flow from minus to plus: it is open at B{s.analysis.open_at}.",
            refs=tuple(f"cell:{n}" for n in dict.fromkeys(bare)),
            fix=_nothing_removed(s),
        )
    elif bare:
        yield Hit(
            f"{plural(len(bare), 'pad')} without strip, the first on cell {bare[0]}.",
            refs=tuple(f"cell:{n}" for n in dict.fromkeys(bare)),
            fix=_nothing_removed(s),
        )


def _nothing_removed(s: Situation) -> Fix | None:
    removed = s.design.arrangement.removed
    return (
        Fix(f"Lay {plural(len(removed), 'strip')} again", (("arrangement.removed", ()),)) if removed else None
    )


@rule(
    "SR-8",
    Stage.STRIPS,
    Severity.STOP,
    source="geometry with tolerances; the distance asked for in Strips, or by IEC 60664-1 for the voltage (values from memory)",
    reason="Metal of two potentials that touches is a short; heat and vibration bring it nearer.",
)
def too_near(s: Situation) -> Iterator[Hit]:
    """Strips crossing or nearer to other metal than asked for; plates with no room for the gap asked for."""
    if s.design.joining.style is StripStyle.PLATES:
        gap, asked = (
            least_gap(plates(s.analysis.layout, s.design.joining, s.design.cell)),
            gap_wanted(s.analysis.layout, s.design.joining, s.design.cell),
        )
        if gap is not None and gap < asked * 0.999:
            yield Hit(
                f"There is no room for plates {millimetres(asked)} apart; as drawn two are {millimetres(gap)} apart.",
                refs=("joining.gap_m",),
            )
        width = lead_end_width(s.design.joining, s.design.leads)
        bare = lead_gap(plates(s.analysis.layout, s.design.joining, s.design.cell), width)
        if bare is not None and bare < asked * 0.999:
            yield Hit(
                f"The bare end of a main lead, {millimetres(width)} wide on its tab, comes within {millimetres(bare)} of "
                f"other metal; {millimetres(asked)} is needed. Let the lead leave at another cell.",
                refs=("lead:plus", "lead:minus"),
            )
        return
    near = s.analysis.too_near
    if not near:
        return
    worst = near[0]
    other = (
        f"cell {worst.other[5:]}, to which it is not welded"
        if worst.other.startswith("cell:")
        else worst.other
    )
    more = f"; {len(near) - 1} more places" if len(near) > 1 else ""
    needed_for = (
        "needed for the voltage between them"
        if worst.needed_m > s.design.joining.gap_m + 1e-9
        else "asked for"
    )
    touching = (
        "lies over"
        if worst.gap_m == 0 and worst.other.startswith("cell:")
        else "crosses or touches"
        if worst.gap_m == 0
        else f"comes within {millimetres(worst.gap_m)} of"
    )
    yield Hit(
        f"{'The bare end of a main lead on strip' if worst.by_lead else 'Strip'} {worst.strip} {touching} {other}; {millimetres(worst.needed_m)} is {needed_for}{more}.",
        refs=tuple(
            dict.fromkeys(
                r
                for n in near
                for r in (f"strip:{n.strip}", n.other if ":" in n.other else f"strip:{n.other}")
            )
        ),
        fix=_tails_clear(s) or _narrower(s),
    )


def _near_after(s: Situation, edit: tuple[str, object]) -> tuple[TooNear, ...]:
    """What is too near after an edit of where a lead leaves."""
    after = s.design.edited(*edit)
    layout = lay_out(after.cell, after.series, after.parallel, after.arrangement)
    return strips_too_near(layout, after.joining, after.cell, after.leads)


def _tails_clear(s: Situation) -> Fix | None:
    """The lead at another cell of its pole, where the tail of the collecting strip keeps clear of other
    metal."""
    layout, near = s.analysis.layout, s.analysis.too_near
    if s.design.joining.style is StripStyle.PLATES:
        return None
    named = {name for n in near for name in (n.strip, n.other)}
    for run in strip_runs(layout):
        if run.id not in named or leads_on(layout, run):
            continue
        pole, group = ("minus", 1) if run.node == 0 else ("plus", layout.series)
        here = lead_cell(layout, run.node != 0)
        cells = sorted(
            (c for c in layout.group_cells(group) if c.number != here.number),
            key=lambda c: hypot(c.x_m - here.x_m, c.y_m - here.y_m),
        )
        tried: list[tuple[int, int, int, tuple[str, object]]] = []
        for cell in cells:
            edit: tuple[str, object] = (f"arrangement.{pole}_at_m", place_in_space(layout, cell))
            other = _near_after(s, edit)
            tried.append((len(other), len(tried), cell.number, edit))
        if tried and min(tried)[0] < len(near):
            best = min(tried)
            return Fix(f"Connect the {pole} lead at cell {best[2]}", (best[3],))
    return None


def _narrower(s: Situation) -> Fix | None:
    """The widest strips of the same metal that leave the distance asked for, about as thick as now."""
    layout, joining = s.analysis.layout, s.design.joining

    def choices(now: Strip) -> list[Strip]:
        by_width = {now.width_m: now}
        for t in sorted(s.library.strips, key=lambda t: abs(t.thickness_m - now.thickness_m)):
            if t.metal is now.metal and t.width_m < now.width_m and strip_takes_screw(t, joining):
                by_width.setdefault(t.width_m, t)
        return list(by_width.values())

    named = frozenset(name for n in s.analysis.too_near for name in (n.strip, n.other))
    parts = ("collector_strip", "link_strip")
    pairs = itertools.product(choices(joining.collector_strip), choices(joining.link_strip))
    for pair in sorted(pairs, key=lambda two: -two[0].width_m - two[1].width_m):
        now = {
            part: strip for part, strip in zip(parts, pair, strict=True) if strip != getattr(joining, part)
        }
        after = joining.model_copy(update=now)
        if now and not strips_too_near(layout, after, s.design.cell, s.design.leads, named):
            names = " and ".join(dict.fromkeys(strip.name for strip in now.values()))
            return Fix(f"Use {names}", tuple((f"joining.{part}", strip) for part, strip in now.items()))
    return None


@rule(
    "SR-9",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Strip lies flat only along a straight line; bent on edge it stands off the pads.",
)
def strip_bends(s: Situation) -> Iterator[Hit]:
    """A strip drawn by hand that is not straight."""
    for run in strip_runs(s.analysis.layout):
        if run.bends:
            yield Hit(
                f"Strip {run.id} bends on its way over cells {', '.join(str(n) for n in run.cells[:6])}: "
                "make it of straight pieces that overlap at the corner.",
                refs=(f"strip:{run.id}",),
            )


@rule(
    "SR-10",
    Stage.STRIPS,
    Severity.STOP,
    source="plates as they would be cut",
    reason="A plate that falls apart cannot carry its group.",
)
def plate_in_parts(s: Situation) -> Iterator[Hit]:
    """A plate that is not one piece."""
    if s.design.joining.style is StripStyle.PLATES:
        for plate in plates(s.analysis.layout, s.design.joining, s.design.cell):
            if plate.parts > 1:
                yield Hit(
                    f"The plate of B{plate.node} falls into {plate.parts} pieces: its cells do not all touch.",
                    refs=(f"node:{plate.node}",),
                    fix=Fix(
                        words="Join the cells with strips", edits=(("joining.style", StripStyle.STRIPS),)
                    ),
                )


@rule(
    "SR-14",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="What joins strip to a cell depends on what its terminals are made of, and on how much heat they lead inside.",
)
def joint_suits_cell(s: Situation) -> Iterator[Hit]:
    """A way of joining that the cell's terminals do not take, or that schools differ about."""
    by, cell = s.design.joining.joined_by, s.design.cell

    def instead(other: JoinedBy) -> Fix:
        return Fix(f"Join by {other.value}", (("joining.joined_by", other),))

    match cell.form, by:
        case CellForm.ROUND, JoinedBy.SCREW:
            yield Hit(
                "A round cell has no thread to screw into: weld it, or take cells with factory tabs.",
                severity=Severity.STOP,
                fix=instead(JoinedBy.WELD),
            )
        case CellForm.ROUND, JoinedBy.SOLDER:
            yield Hit(
                "Soldered straight on the cell: schools differ. With 70 W or more and a wide tip, under 3 s a joint; cells with "
                "factory tabs are safer.",
                fix=instead(JoinedBy.TABS),
            )
        case CellForm.PRISMATIC, JoinedBy.WELD:
            yield Hit(
                "A small welder makes no nugget on the thick terminal of a prismatic cell: screw the bars on.",
                fix=instead(JoinedBy.SCREW),
            )
        case CellForm.PRISMATIC, JoinedBy.SOLDER | JoinedBy.TABS:
            yield Hit(
                "The terminal of a prismatic cell leads an iron's heat straight inside: screw the bars on.",
                severity=Severity.STOP,
                fix=instead(JoinedBy.SCREW),
            )
        case CellForm.POUCH, JoinedBy.SOLDER | JoinedBy.TABS:
            yield Hit(
                "No iron on anything that leads straight into a pouch: put a clip between iron and cell, or weld the tabs."
            )


@rule(
    "SR-16",
    Stage.STRIPS,
    Severity.ATTENTION,
    source=COMMON_PRACTICE,
    reason="Round the hole of a screw the current has only what is left of the bar, and the washer no seat.",
)
def bar_too_narrow_for_screw(s: Situation) -> Iterator[Hit]:
    """A hole that leaves too little of the strip."""
    joining = s.design.joining
    for words, part in (("Series links", "link"), ("Collecting strips", "collector")):
        strip: Strip = getattr(joining, f"{part}_strip")
        if strip_takes_screw(strip, joining):
            continue
        section = strip.section_m2 / strip.resistivity_ohm_m
        bars = [
            b
            for b in s.library.strips
            if strip_takes_screw(b, joining)
            and b.section_m2 / b.resistivity_ohm_m >= section
            and b.width_m <= WIDEST_BAR * s.analysis.layout.pitch_m
        ]
        bar = min(bars, key=lambda b: (b.section_m2 / b.resistivity_ohm_m, b.width_m), default=None)
        edits = ((f"joining.{part}_strip", bar), (f"joining.{part}_layers", 1))
        yield Hit(
            f"{words} are {millimetres(strip.width_m)} wide; a screw of {millimetres(joining.thread_m)} asks for "
            f"{millimetres(LEAST_BAR_THREADS * joining.thread_m)}.",
            fix=Fix(f"{bar.name}, 1 layer", edits) if bar else None,
        )


@rule(
    "SR-15",
    Stage.STRIPS,
    Severity.NOTE,
    source="generic torque table",
    reason="A loose screw heats; one too tight strips the thread of a terminal.",
)
def torque_unknown(s: Situation) -> Iterator[Hit]:
    """Screws of a thread for which no generic torque is known."""
    joining = s.design.joining
    if joining.joined_by is JoinedBy.SCREW and terminal_torque(joining.thread_m) is None:
        yield Hit(
            f"No torque is known for a thread of {millimetres(joining.thread_m)}: take it from the cell's sheet."
        )
