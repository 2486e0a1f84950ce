"""What fixes an overloaded strip: the smallest changes, each verified by solving the whole pack before it is
offered."""

from collections.abc import Iterator
from math import hypot

from firmcell.core.analysis.figures import Analysis
from firmcell.core.analysis.findings import Fix
from firmcell.core.base.frozen import frozen
from firmcell.core.layout.cell_places import CellPlace, Layout, lay_out, place_in_space
from firmcell.core.model.design import Design, Joining, Lie, StripRef
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.part_library import PartLibrary
from firmcell.core.model.parts import Strip, StripMetal
from firmcell.core.physics.strip_heat import long_run_limit
from firmcell.core.strips.bars import least_bar
from firmcell.core.strips.joints import joint_count
from firmcell.core.strips.made_of import WELDABLE_M, strip_takes_screw
from firmcell.core.strips.runs import StripKind, strip_runs
from firmcell.core.strips.under_load import UnderLoad, solve_under_load

WORTH = 3
MOST_LAYERS_OFFERED = 4
MOST_LINKS_TRIED = 12
"""Strips for links, the least metal first, that are tried with other collecting strips at once."""
MOST_HELPFUL, MOST_PAIRS = 8, 20
"""Changes that help but are not enough, tried two at a time."""
WIDEST_STRIP_M, WIDEST_BAR_M = 0.012, 0.025
"""Widest strip over round cells, and bar over threaded terminals, that is offered, m; the distances are
solved after it."""
SOLDERED = " (soldered, or welded through nickel on top)"
SHARE_OF_TWO = 0.6
"""Of the current in the busier one of two leads of a pole, to choose a bar by; the solved pack decides."""
WELDED_THROUGH_M = 0.00016
"""Thickest copper that small welders weld through nickel on top of it, m; common practice, no source."""


@frozen
class VerifiedFix:
    """A change of the design that was solved and fixes every overload.

    Attributes
    ----------
    fix : the edits, in words.
    share : greatest share of limit after it.
    mass_kg, joints : added to the pack, weld pairs or other joints.
    """

    fix: Fix
    share: float
    mass_kg: float
    joints: int


def strip_fixes(
    design: Design, layout: Layout, metal: UnderLoad, library: PartLibrary, run_time_s: float
) -> Iterator[tuple[float, tuple[VerifiedFix, ...]]]:
    """Yield how far the search is and the best three fixes so far; the last is the answer.

    Tried are: one to three layers more, wider or thicker strip, copper, copper under the strip, a link drawn
    beside the overloaded one, the lead moved to another cell of its group, and a second lead there; if none
    of them is enough, the most helpful of them two at a time. Fixes are ordered by the metal they add (of a
    second lead its wire), then by joints.
    """
    if metal.figures.worst_share <= 1:
        yield 1.0, ()
        return
    tries = list(_candidates(design, layout, metal, library))
    before = _mass_and_joints(metal, design)
    found: list[VerifiedFix] = []
    helps: list[tuple[float, Fix]] = []
    now = _excess(metal)

    def solve(fix: Fix) -> None:
        changed = fix.applied(design)
        new_layout = lay_out(changed.cell, changed.series, changed.parallel, changed.arrangement)
        solved = solve_under_load(changed, new_layout, run_time_s)
        if not solved.figures.whole:
            return
        if solved.figures.worst_share <= 1:
            mass, joints = _mass_and_joints(solved, changed)
            found.append(VerifiedFix(fix, solved.figures.worst_share, mass - before[0], joints - before[1]))
            found.sort(key=lambda c: (round(max(c.mass_kg, 0.0), 4), c.joints, c.share))
        elif _excess(solved) < now:
            helps.append((_excess(solved), fix))

    for number, fix in enumerate(tries, start=1):
        solve(fix)
        yield number / (len(tries) + MOST_PAIRS), tuple(found[:WORTH])
    pairs = [] if found else _pairs([fix for _, fix in sorted(helps, key=lambda h: h[0])])
    for number, fix in enumerate(pairs, start=1):
        solve(fix)
        yield (len(tries) + number) / (len(tries) + MOST_PAIRS), tuple(found[:WORTH])
    yield 1.0, tuple(found[:WORTH])


def _excess(metal: UnderLoad) -> float:
    """By how much all segments together are over their limits."""
    return sum(max(s.share - 1.0, 0.0) for s in metal.figures.segments)


def _pairs(helpful: list[Fix]) -> list[Fix]:
    """Two changes that help and do not undo each other, the most helpful first."""
    found: list[Fix] = []
    for second in range(1, min(len(helpful), MOST_HELPFUL)):
        for first in range(second):
            one, two = helpful[first], helpful[second]
            if not {path for path, _ in one.edits} & {path for path, _ in two.edits}:
                words = f"{one.words}; {two.words[0].lower()}{two.words[1:]}"
                found.append(Fix(words, one.edits + two.edits))
    return found[:MOST_PAIRS]


def verified_fixes(
    design: Design, analysis: Analysis, metal: UnderLoad, library: PartLibrary
) -> tuple[VerifiedFix, ...]:
    """Return the best three fixes of overloaded metal, found and solved at once; none if nothing is
    overloaded."""
    *_, (_, fixes) = strip_fixes(design, analysis.layout, metal, library, analysis.pack.run_time_s)
    return fixes


def _mass_and_joints(metal: UnderLoad, design: Design) -> tuple[float, int]:
    mass, joints = 0.0, 0
    for run in metal.runs:
        strip, layers = metal.strips.get(run.kind, (design.joining.link_strip, 1))
        mass += run.run_m * strip.section_m2 * layers * strip.density_kg_m3
        joints += joint_count(run, design.joining)
    seconds = sum(1 for number in metal.layout.second_lead_cells if number)
    return mass + seconds * design.leads.length_m * design.leads.wire.mass_kg_per_m, joints


def _candidates(design: Design, layout: Layout, metal: UnderLoad, library: PartLibrary) -> Iterator[Fix]:
    over = [s for s in metal.figures.segments if s.share > 1]
    collecting = (StripKind.COLLECTOR, StripKind.BRIDGE)
    parts = {"collector" if s.kind in collecting else "link" for s in over}
    for part in sorted(parts):
        yield from _stronger(design, library, part)
    if any(s.kind is StripKind.LADDER for s in over):
        yield from _other_ladders(design, library)
    poles = {s.node for s in over if s.kind is StripKind.COLLECTOR} & {0, layout.series}
    if len(poles) == 1:
        yield from _other_lead_cells(design, layout, next(iter(poles)))
    elif poles:
        yield from _both_leads(layout)
    linked = {s.node for s in over if s.kind not in collecting}
    if linked and (not design.arrangement.in_rows or design.arrangement.placed):
        yield from _further_links(design, layout, linked)
    if "collector" in parts:
        yield from _bars_on_tabs(design, layout, library)
    if len(parts) == 2:
        joining = design.joining
        yield from _both_stronger(design, layout, library)
        for more in range(1, MOST_LAYERS_OFFERED):
            link, collector = joining.link_layers + more, joining.collector_layers + more
            if max(link, collector) <= 8:
                words = f"Use {link} layers of links and {collector} of collecting strip"
                yield Fix(words, (("joining.link_layers", link), ("joining.collector_layers", collector)))
        for copper in _copper(library, joining):
            words = f"{copper.name} under links and collecting strips{_through(joining)}"
            yield Fix(words, (("joining.link_under", copper), ("joining.collector_under", copper)))
            words = f"{copper.name} for links and collecting strips, 1 layer"
            yield Fix(
                words,
                (
                    ("joining.link_strip", copper),
                    ("joining.link_layers", 1),
                    ("joining.collector_strip", copper),
                    ("joining.collector_layers", max(1, joining.collector_layers)),
                ),
            )


def _too_thick(strip: Strip, joining: Joining) -> bool:
    """Whether the shop's welder does not join a strip; copper is soldered, or welded through nickel."""
    if joining.joined_by is not JoinedBy.WELD:
        return False
    copper = strip.metal is StripMetal.COPPER
    return strip.thickness_m > (WELDABLE_M if copper else joining.welder.thickest_m) + 1e-9


def _stronger(design: Design, library: PartLibrary, part: str) -> Iterator[Fix]:
    layers, strip = getattr(design.joining, f"{part}_layers"), getattr(design.joining, f"{part}_strip")
    what = "links" if part == "link" else "collecting strip"
    welded = design.joining.joined_by is JoinedBy.WELD
    for more in range(1, MOST_LAYERS_OFFERED):
        if layers + more <= 8:
            yield Fix(f"Use {layers + more} layers of {what}", ((f"joining.{part}_layers", layers + more),))
    if strip.metal is not StripMetal.COPPER:
        for copper in _copper(library, design.joining):
            if copper != getattr(design.joining, f"{part}_under"):
                words = f"{copper.name} under the {what}{_through(design.joining)}"
                yield Fix(words, ((f"joining.{part}_under", copper),))
    for other in library.strips:
        larger = other.section_m2 / other.resistivity_ohm_m > strip.section_m2 / strip.resistivity_ohm_m
        too_thick = _too_thick(other, design.joining)
        widest = WIDEST_STRIP_M if design.joining.joined_by is not JoinedBy.SCREW else WIDEST_BAR_M
        if other.name == strip.name or not larger or too_thick or other.width_m > widest:
            continue
        if not strip_takes_screw(other, design.joining):
            continue
        how = SOLDERED if welded and other.metal is StripMetal.COPPER else ""
        for count in sorted({1, 2, 3, layers}):
            many = f", {count} layers" if count > 1 else ""
            yield Fix(
                f"{other.name}{many} for {what}{how}",
                ((f"joining.{part}_strip", other), (f"joining.{part}_layers", count)),
            )


def _other_ladders(design: Design, library: PartLibrary) -> Iterator[Fix]:
    """Thicker ladder strip of that width that the shop's welder joins; or strips in its place."""
    now = design.joining.ladder_strip
    if now is None:
        return
    for other in library.strips:
        alike = other.metal is now.metal and other.width_m == now.width_m
        if alike and other.thickness_m > now.thickness_m and not _too_thick(other, design.joining):
            yield Fix(other.name, (("joining.ladder_strip", other),))
    yield Fix("Strips in place of the ladder", (("joining.ladder_strip", None),))


def _bars_on_tabs(design: Design, layout: Layout, library: PartLibrary) -> Iterator[Fix]:
    """The least copper bar that carries the whole current in so many layers, on tabs."""
    if design.joining.on_tabs:
        return
    current = design.brief.duty.lasting_a
    one = least_bar(design, layout, library, current)
    if one is not None:
        yield Fix(*one)
    # Two leads at the ends of a group have about half each.
    half = least_bar(design, layout, library, SHARE_OF_TWO * current)
    if half is not None:
        words, edits = half
        for leads in _both_leads(layout):
            if any("also" in path for path, _ in leads.edits):
                yield Fix(f"{words}; {leads.words[0].lower()}{leads.words[1:]}", edits + leads.edits)


def _both_stronger(design: Design, layout: Layout, library: PartLibrary) -> Iterator[Fix]:
    """Larger strip or bar for links and collecting strips at once, in one to four layers."""
    joining = design.joining
    widest = WIDEST_STRIP_M if joining.joined_by is not JoinedBy.SCREW else WIDEST_BAR_M
    present = joining.link_strip.section_m2 * joining.link_layers / joining.link_strip.resistivity_ohm_m
    links = []
    down = design.arrangement.lie is Lie.STANDING
    share_a = design.brief.duty.lasting_a / (design.parallel if design.cell.is_round else 1)
    limit_k, ambient_k = design.cell.temperature_max_k, design.brief.ambient_max_k
    for strip in library.strips:
        too_thick = _too_thick(strip, joining)
        # More layers of the present strip are offered by name above.
        same = strip == joining.link_strip == joining.collector_strip
        if too_thick or same or strip.width_m > widest or not strip_takes_screw(strip, joining):
            continue
        for layers in range(1, MOST_LAYERS_OFFERED + 1):
            better = strip.section_m2 * layers / strip.resistivity_ohm_m > present
            # What cannot carry its even share as a long strip is not worth solving the pack for.
            if better and long_run_limit(strip, layers, limit_k, ambient_k, down) >= share_a:
                links.append((strip.section_m2 * layers, strip, layers))
    bars = list(_bars_on_tabs(design, layout, library))
    for _, strip, layers in sorted(links, key=lambda each: each[0])[:MOST_LINKS_TRIED]:
        link = (("joining.link_strip", strip), ("joining.link_layers", layers))
        many = f"{strip.name}{f', {layers} layers' if layers > 1 else ''}"
        if joining.on_tabs:
            yield Fix(f"{many} for links", link)
            continue
        both = (("joining.collector_strip", strip), ("joining.collector_layers", layers))
        copper = joining.joined_by is JoinedBy.WELD and strip.metal is StripMetal.COPPER
        yield Fix(f"{many} for links and collecting strips{SOLDERED if copper else ''}", link + both)
        if layers == 1 or strip.metal is StripMetal.COPPER:
            for bar in bars:
                yield Fix(f"{many} for links; {bar.words}", link + bar.edits)


def _copper(library: PartLibrary, joining: Joining) -> Iterator[Strip]:
    """Copper, thin enough to be welded through the strip that lies on it where that is how it is joined."""
    thickest = WELDED_THROUGH_M if joining.joined_by is JoinedBy.WELD else float("inf")
    return (s for s in library.strips if s.metal is StripMetal.COPPER and s.thickness_m <= thickest)


def _through(joining: Joining) -> str:
    return ", welded through the strip on it" if joining.joined_by is JoinedBy.WELD else ""


def _other_lead_cells(design: Design, layout: Layout, node: int) -> Iterator[Fix]:
    """The lead at each other cell of its pole's group, or a second one there."""
    pole = "minus" if node == 0 else "plus"
    for cell in layout.group_cells(1 if node == 0 else layout.series):
        if cell.number in layout.lead_cells:
            continue
        place = place_in_space(layout, cell)
        yield Fix(f"Connect the {pole} lead at cell {cell.number}", ((f"arrangement.{pole}_at_m", place),))
        if cell.number not in layout.second_lead_cells:
            words = f"A second {pole} lead at cell {cell.number}, led to the same contact"
            yield Fix(words, ((f"arrangement.{pole}_also_m", place),))


def _both_leads(layout: Layout) -> Iterator[Fix]:
    """Both leads in the middle of their groups, or second ones at the far ends."""
    middle: list[CellPlace] = []
    far: list[CellPlace] = []
    for group, lead in ((1, layout.lead_cells[0]), (layout.series, layout.lead_cells[1])):
        cells = layout.group_cells(group)
        x, y = (sum(getattr(c, name) for c in cells) / len(cells) for name in ("x_m", "y_m"))
        at = layout.by_number[lead]
        middle.append(min(cells, key=lambda c: hypot(c.x_m - x, c.y_m - y)))
        far.append(max(cells, key=lambda c: hypot(c.x_m - at.x_m, c.y_m - at.y_m)))
    for words, name, chosen in (
        ("Connect both leads in the middle, at cells {} and {}", "at_m", middle),
        ("Second leads of both poles at cells {} and {}, led to the same contacts", "also_m", far),
    ):
        if all(c.number not in (*layout.lead_cells, *layout.second_lead_cells) for c in chosen):
            edits = tuple(
                (f"arrangement.{pole}_{name}", place_in_space(layout, cell))
                for pole, cell in zip(("minus", "plus"), chosen, strict=True)
            )
            yield Fix(words.format(*(c.number for c in chosen)), edits)


def _further_links(design: Design, layout: Layout, nodes: set[int]) -> Iterator[Fix]:
    """All direct links that are not there yet at the overloaded tap points, drawn in."""
    laid = {
        frozenset(pair) for run in strip_runs(layout) for pair in zip(run.cells, run.cells[1:], strict=False)
    }
    drawn = list(design.arrangement.drawn)
    added = 0
    for run in strip_runs(layout):
        if run.node not in nodes or run.kind is not StripKind.LINK:
            continue
        ours = {c.number for c in layout.group_cells(run.node)}
        theirs = {c.number for c in layout.group_cells(run.node + 1)}
        for a in sorted(ours):
            for b in layout.adjacency[a]:
                if b in theirs and frozenset((a, b)) not in laid:
                    laid.add(frozenset((a, b)))
                    drawn.append(StripRef(face=run.face, cells=(a, b)))
                    added += 1
    if added:
        words = f"Draw {added} more direct link{'s' if added > 1 else ''}"
        yield Fix(words, (("arrangement.drawn", tuple(drawn)),))
