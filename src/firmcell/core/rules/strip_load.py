"""Rules on what strips carry and how warm the pack gets."""

import math
from collections.abc import Iterator

from firmcell.core.analysis.findings import Fix, Severity, Situation, Stage
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.base.wording import amperes, celsius, plural
from firmcell.core.cells.class_models import hottest_edge
from firmcell.core.model.design import Face, JudgedBy, Lie, StripStyle
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.limits import LEAD_TAIL_M, PAD_OVERHANG_M
from firmcell.core.model.parts import Strip, StripMetal
from firmcell.core.physics.strip_heat import long_run_limit, resistance_per_metre
from firmcell.core.rules.table import Hit, rule
from firmcell.core.strips.bars import least_bar
from firmcell.core.strips.heat_envelope import AIR_EDGE
from firmcell.core.strips.joints import joint_k_per_w, joint_resistance
from firmcell.core.strips.made_of import WELDABLE_M, metal_of, strip_takes_screw
from firmcell.core.strips.pack_heat import fin_limit
from firmcell.core.strips.pieces import MOST_LAYERS, StripPiece
from firmcell.core.strips.runs import StripKind, facing_down
from firmcell.core.strips.under_load import UnderLoad

LAYERS_WORTH_WELDING = 3


WIDEST_BAR = 0.9
"""Bars between flat cells may be as wide as the cells are thick, less a gap; the distances are checked."""


WIDEST = 0.55
"""Strip wider than this part of the pitch comes too near to the next one; a first sieve before the distances
are checked."""


SOURCE = "heat balance of a long strip, Churchill and Chu, and radiation"


def _worst(s: Situation, collectors: bool) -> StripPiece | None:
    pieces = [p for p in s.analysis.strips if (p.kind is StripKind.COLLECTOR) == collectors]
    return max(pieces, key=lambda p: p.share_of_limit, default=None)


def _stronger(s: Situation, piece: StripPiece, part: str) -> Fix | None:
    """One layer of what the shop's welder joins, thicker or wider; then more layers if three are enough; then
    the least strip in layers, bars on tabs, and the least of any metal."""
    if piece.kind is StripKind.LADDER:
        # Another strip for the links would change nothing of a ladder.
        return _stronger_ladder(s, piece)
    if s.design.joining.joined_by is JoinedBy.WELD and not (part == "collector" and s.design.joining.on_tabs):
        one = _least_strip(s, piece, part, easily_welded=True, most_layers=1)
        if one is not None:
            return one
    if piece.layers_needed <= LAYERS_WORTH_WELDING:
        return Fix(f"Use {piece.layers_needed} layers", ((f"joining.{part}_layers", piece.layers_needed),))
    welded = s.design.joining.joined_by is JoinedBy.WELD
    easy = _least_strip(s, piece, part, easily_welded=True) if welded else None
    if easy is not None:
        return easy
    if part == "collector" and not s.design.joining.on_tabs:
        found = least_bar(s.design, s.analysis.layout, s.library, piece.current_steady_a)
        if found is not None:
            return Fix(*found)
    any_metal = _least_strip(s, piece, part, easily_welded=False)
    if any_metal is None and piece.layers_needed <= MOST_LAYERS:
        return Fix(f"Use {piece.layers_needed} layers", ((f"joining.{part}_layers", piece.layers_needed),))
    return any_metal


def _stronger_ladder(s: Situation, piece: StripPiece) -> Fix | None:
    """More layers of a ladder where three are enough; else strips in its place, which are judged in turn."""
    if piece.layers_needed <= LAYERS_WORTH_WELDING:
        return Fix(f"Use {piece.layers_needed} layers", (("joining.link_layers", piece.layers_needed),))
    return Fix("Strips in place of the ladder", (("joining.ladder_strip", None),))


def _least_strip(
    s: Situation,
    piece: StripPiece,
    part: str,
    easily_welded: bool,
    most_layers: int = LAYERS_WORTH_WELDING,
) -> Fix | None:
    """The least metal that carries what a piece does in few layers."""
    joining, ambient = s.design.joining, s.design.brief.ambient_max_k
    down = s.design.arrangement.lie is Lie.STANDING
    best: tuple[float, int, Strip] | None = None
    for strip in s.library.strips:
        welded = joining.joined_by is JoinedBy.WELD
        if (welded and strip.thickness_m > WELDABLE_M) or strip.width_m > WIDEST * s.analysis.layout.pitch_m:
            continue
        if easily_welded and (
            strip.metal is StripMetal.COPPER or strip.thickness_m > joining.welder.thickest_m + 1e-9
        ):
            continue
        if not strip_takes_screw(strip, joining):
            continue
        for layers in range(1, most_layers + 1):
            if (
                long_run_limit(strip, layers, s.analysis.strip_limit_k, ambient, down)
                >= piece.current_steady_a
            ):
                metal = strip.section_m2 * layers
                if best is None or metal < best[0]:
                    best = (metal, layers, strip)
                break
    if best is None:
        return None
    _, layers, strip = best
    return Fix(
        f"{strip.name}, {layers} layer{'s' if layers > 1 else ''}",
        ((f"joining.{part}_strip", strip), (f"joining.{part}_layers", layers)),
    )


def _overload(s: Situation, collectors: bool, words: str, part: str) -> Iterator[Hit]:
    if s.metal is not None:
        yield from _solved_overload(s, s.metal, collectors, words)
        return
    piece = _worst(s, collectors)
    if s.design.joining.judged_by is JudgedBy.IN_PLACE:
        return  # known once the heat is solved, a moment later
    if piece is not None and piece.share_of_limit > 1 + 1e-9:
        others = [p for p in s.analysis.strips if (p.kind is StripKind.COLLECTOR) == collectors]
        yield Hit(
            f"{words} {amperes(piece.current_steady_a)} of {amperes(piece.limit_a)} "
            f"({celsius(piece.temperature_k)} in the long run, {celsius(s.analysis.strip_limit_k)} allowed).",
            refs=tuple(f"strip:{p.id}" for p in others if p.share_of_limit > 1),
            fix=_stronger(s, piece, part),
        )


def _solved_overload(s: Situation, metal: UnderLoad, collectors: bool, words: str) -> Iterator[Hit]:
    """The same from the solved pack, with strips at their own temperature and judged as the design says; its
    fix is solved too."""
    segments = [
        g
        for g in metal.figures.segments
        if (g.kind is StripKind.COLLECTOR) == collectors and g.share > 1 + 1e-9
    ]
    if not segments:
        return
    worst = max(segments, key=lambda g: g.share)
    if worst.kind is StripKind.PLATE:
        tab = worst.cells[0] == worst.cells[1]
        words = f"{'The tab of plate' if tab else 'Plate'} {worst.piece} carries"
    yield Hit(
        f"{words} {amperes(worst.current_a)} of {amperes(worst.limit_a)} ({celsius(worst.long_run_k)} as a long strip, "
        f"{celsius(worst.in_place_k)} in place; judged by {s.design.joining.judged_by.value}).",
        refs=tuple(dict.fromkeys(f"strip:{g.piece}" for g in segments)),
        fix=s.strip_fixes[0] if s.strip_fixes else None,
    )


@rule(
    "SR-1",
    Stage.STRIPS,
    Severity.STOP,
    source=SOURCE,
    reason="Hot strip ripples, sags on to the rim and melts the wrap; the rim is the other pole.",
)
def link_over_limit(s: Situation) -> Iterator[Hit]:
    """Series link over its long-run limit."""
    yield from _overload(s, False, "Series links carry", "link")


@rule(
    "SR-2",
    Stage.STRIPS,
    Severity.STOP,
    source=SOURCE + "; k/P in the k-th span",
    reason="A collecting strip carries more the nearer it is to the lead.",
)
def collector_over_limit(s: Situation) -> Iterator[Hit]:
    """Collecting strip over its long-run limit, and its end that the main lead is joined to."""
    hits = list(_overload(s, True, "Beside the main lead the collecting strip carries", "collector"))
    yield from hits
    if s.metal is not None and not hits:
        yield from _tail_overload(s, s.metal)


def _tail_overload(s: Situation, metal: UnderLoad) -> Iterator[Hit]:
    """The end of the strip between the last cell and the lead, which no span between two cells is: of a
    single cell it is all there is. It is short, so it is judged in place: a cell at one end, the lead at
    the other."""
    joining, layout = s.design.joining, metal.layout
    if joining.leads_bolted or joining.style is StripStyle.PLATES:
        return
    strip, layers = metal_of(layout, joining, StripKind.COLLECTOR)
    current, ambient = s.design.brief.duty.lasting_a, s.design.brief.ambient_max_k
    for pole, (first, second) in enumerate(zip(layout.lead_cells, layout.second_lead_cells, strict=True)):
        cell_k = next(c.temperature_k for c in metal.figures.cells if c.number == first)
        one, long = current * (0.6 if second else 1.0), LEAD_TAIL_M + PAD_OVERHANG_M
        ohm = float(resistance_per_metre(strip, layers, s.analysis.strip_limit_k)) * long
        through_w = one**2 * (ohm + joint_resistance(joining)) / 2
        joint_k = through_w * joint_k_per_w(joining)
        down = facing_down(
            _face_of(metal, layout.series if pole else 0), s.design.arrangement.lie is Lie.STANDING
        )
        limit = float(
            fin_limit(strip, layers, long, s.analysis.strip_limit_k, ambient, cell_k, joint_k, down)
        )
        if one > limit:
            yield Hit(
                f"The end of the collecting strip at the {'plus' if pole else 'minus'} lead carries {amperes(one)} of "
                f"{amperes(limit)}, {layers} × {strip.name}.",
                refs=(f"cell:{first}",),
                fix=Fix(f"Use {layers + 1} layers", (("joining.collector_layers", layers + 1),))
                if layers < LAYERS_WORTH_WELDING
                else None,
            )


def _face_of(metal: UnderLoad, node: int) -> Face:
    """The face that the strips of a tap point lie on."""
    return next((r.face for r in metal.runs if r.node == node), Face.TOP)


@rule(
    "SR-3",
    Stage.STRIPS,
    Severity.ATTENTION,
    source="adiabatic rise during the peak, from the steady temperature",
    reason="The peak alone brings the strip past the cell's temperature limit.",
)
def strip_over_peak(s: Situation) -> Iterator[Hit]:
    """Strip too hot after the peak though fine in steady use."""
    hot = [
        p
        for p in s.analysis.strips
        if p.share_of_limit <= 1 and p.peak_temperature_k > s.analysis.strip_limit_k
    ]
    if hot:
        worst = max(hot, key=lambda p: p.peak_temperature_k)
        part = "collector" if worst.kind is StripKind.COLLECTOR else "link"
        fix = Fix(f"Use {worst.layers + 1} layers", ((f"joining.{part}_layers", worst.layers + 1),))
        yield Hit(
            f"After the peak {'a collecting strip' if part == 'collector' else 'the series links'} may be at "
            f"{celsius(_rounded_up(worst.peak_temperature_k))}; {celsius(s.analysis.strip_limit_k)} is allowed.",
            refs=tuple(f"strip:{p.id}" for p in hot),
            fix=fix if worst.layers < LAYERS_WORTH_WELDING else None,
        )


def _rounded_up(kelvin: float) -> float:
    """To the next whole degree, so that what is over its limit also reads so."""
    return math.ceil(round(kelvin - ZERO_CELSIUS, 6)) + ZERO_CELSIUS


NEAR_K = 5.0


@rule(
    "SR-11",
    Stage.STRIPS,
    Severity.STOP,
    source="one lump a cell, natural convection and radiation through the insulation",
    reason="A cell above its greatest temperature ages fast, and gives off gas where it goes on.",
)
def cells_too_hot(s: Situation) -> Iterator[Hit]:
    """Cells too hot, or nearly, at the end of a run at the steady current."""
    if s.metal is None or not s.metal.figures.whole:
        return
    f, limit, ambient = s.metal.figures, s.design.cell.temperature_max_k, s.design.brief.ambient_max_k
    edge = ambient + (f.hottest_cell_k - ambient) * heat_edge(s) * AIR_EDGE
    if max(edge, f.hottest_cell_k + NEAR_K) > limit:
        over = f.hottest_cell_k > limit
        band = (
            f", up to {celsius(edge)} by how cells of its class and still air differ"
            if edge - f.hottest_cell_k > 1
            else ""
        )
        yield Hit(
            f"At the end of a run at {amperes(s.metal.current_a)} in {celsius(ambient)} cell "
            f"{f.hottest_cell} is at about {celsius(f.hottest_cell_k)}{band}; {celsius(limit)} is allowed"
            + (": run it shorter, cool it, or take more cells in parallel." if over else "."),
            refs=(f"cell:{f.hottest_cell}",),
            severity=Severity.STOP if over else Severity.ATTENTION,
        )


def heat_edge(s: Situation) -> float:
    """By how much the heat of the cells may be above what was worked out: nothing where all were measured."""
    known = s.design.measured_ohm[: s.design.cell_count]
    if len(known) == s.design.cell_count and all(ohm > 0 for ohm in known):
        return 1.0
    return hottest_edge(s.design.cell)


@rule(
    "SR-12",
    Stage.STRIPS,
    Severity.ATTENTION,
    source="nodal equations of the real layout",
    reason="The cell that carries most ages first and takes its whole group along.",
)
def uneven_cells(s: Situation) -> Iterator[Hit]:
    """Cells of a group that share the current unevenly."""
    if s.metal is None or not s.metal.figures.whole:
        return
    cells = [c for c in s.metal.figures.cells if abs(c.deviation) > UNEVEN]
    if cells:
        worst = max(cells, key=lambda c: abs(c.deviation))
        way = "more" if worst.deviation > 0 else "less"
        yield Hit(
            f"Cell {worst.number} of group {worst.group} carries {abs(worst.deviation) * 100:.0f} % {way} than its even part; "
            f"{plural(len(cells), 'cell')} {'is' if len(cells) == 1 else 'are'} off by more than {UNEVEN * 100:.0f} %.",
            refs=tuple(f"cell:{c.number}" for c in cells),
        )


UNEVEN = 0.15
"""A cell's current may differ by this from an even part before it is told; engineering judgement."""


@rule(
    "SR-13",
    Stage.STRIPS,
    Severity.STOP,
    source="resistance and temperature worked out in turn until they settle",
    reason="Hot metal resists more and gets hotter still; there is no temperature at which it would stay.",
)
def heat_runs_away(s: Situation) -> Iterator[Hit]:
    """Resistance and temperature that drive each other up without end."""
    if s.metal is not None and s.metal.figures.runs_away and s.metal.figures.whole:
        worst = max(s.metal.figures.segments, key=lambda g: g.in_place_k, default=None)
        where = f" (worst: {worst.piece})" if worst else ""
        yield Hit(
            f"At {amperes(s.design.brief.current_steady_a)} the strips do not settle at any temperature{where}.",
            refs=(f"strip:{worst.piece}",) if worst else (),
        )
