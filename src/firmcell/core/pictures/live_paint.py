"""The bare metal of one moment on the picture: each piece in the colour of its potential, the pair that is
most dangerous between its two ends."""

from collections.abc import Callable
from dataclasses import replace

from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes, figures, volts
from firmcell.core.bench.cell_by_cell import cell_end
from firmcell.core.bench.live_map import LiveMap, Piece
from firmcell.core.layout.cell_places import Layout
from firmcell.core.model.design import Face, Joining, TurnAxis
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR
from firmcell.core.pictures.drawing import Point
from firmcell.core.pictures.face import as_it_lies
from firmcell.core.pictures.stage_marks import StagePaint
from firmcell.core.pictures.strip_colours import MM, Band, Scale
from firmcell.core.strips.made_of import width_laid
from firmcell.core.strips.runs import metal_runs

Place = Callable[[float, float], Point]

DOT = 0.01
"""Length of the line whose round ends are a disc, mm: a line of no length is not drawn."""
STRIP_SHARE = 0.55
"""Width of the coloured line over that of a strip: what the step marks on it stays in sight."""
NUB_SHARE, CAN_SHARE = 0.9, 0.55
"""Width of the coloured disc over that of the nub, and over that of the can's flat end."""
LONE = 2
"""Pieces of a cell that is joined to nothing."""


@frozen
class LivePaint:
    """What is laid over the faces.

    Attributes
    ----------
    bands : of each face.
    scale : of the colours.
    covered : refs that lie under a cover, of each face.
    """

    bands: dict[Face, tuple[Band, ...]]
    scale: Scale | None
    covered: dict[Face, frozenset[str]]


def live_paint(live: LiveMap, layout: Layout, joining: Joining, axis: TurnAxis) -> LivePaint:
    """Return what is laid over the picture of a pack that is turned about `axis`."""
    covered = {face: frozenset(ref for at, ref in live.covered if at is face) for face in Face}
    high = max((p.volts for p in live.bare), default=0.0)
    if high <= 0:
        return LivePaint(dict.fromkeys(Face, ()), None, covered)
    place = {face: as_it_lies(face, axis) for face in Face}
    bands: dict[Face, list[Band]] = {face: [] for face in Face}
    crowd: dict[int, int] = {}
    for p in live.bare:
        crowd[p.part] = crowd.get(p.part, 0) + 1
    told: set[tuple[Face, int, int]] = set()
    for p in live.bare:
        if p.face is None or p.at_m is None or p.rim:
            continue
        at = place[p.face](p.at_m[0] * MM, p.at_m[1] * MM)
        key = (p.face, p.part, round(p.volts * 100))
        text = "" if key in told or crowd[p.part] <= LONE else _number(p.volts)
        told.add(key)
        wide = 2 * p.radius_m * MM * (NUB_SHARE if p.ref.startswith("strip") or _nub(p) else CAN_SHARE)
        bands[p.face].append(Band((at, (at[0] + DOT, at[1])), wide, p.volts / high, p.ref, text))
    for face, band in _spans(live, layout, joining, place, high):
        bands[face].insert(0, band)
    _danger(live, bands, place)
    title = "bare metal, V against its lowest"
    return LivePaint({f: tuple(b) for f, b in bands.items()}, Scale(title, "0 V", volts(high)), covered)


def with_live(paint: StagePaint, live: LiveMap) -> StagePaint:
    """Return the marks of the bench with the voltage of every bare wire end beside its wire."""
    values = {p.ref: _number(p.volts) for p in live.bare if p.face is None}
    caption = f"{paint.caption} Hatched: under a cover." if live.covered else paint.caption
    return replace(paint, values=values, caption=caption)


def _number(value: float) -> str:
    return f"{figures(value, 3)} V" if value else "0 V"


def _nub(p: Piece) -> bool:
    return p.label.startswith("plus")


def _spans(
    live: LiveMap, layout: Layout, joining: Joining, place: dict[Face, Place], high: float
) -> list[tuple[Face, Band]]:
    """Every span of a strip between two pads that lie bare, with its face."""
    bare = {(p.node, p.face): p for p in live.bare if p.face is not None and not p.rim}
    found = []
    for run in metal_runs(layout, joining):
        if run.node not in live.moment.on:
            continue
        for i, j in run.spans:
            names = [
                cell_end(run.cells[n], layout.by_number[run.cells[n]].group == run.nodes[n]) for n in (i, j)
            ]
            first, second = (bare.get((name, run.face)) for name in names)
            if first is None or second is None:
                continue
            a, b = (place[run.face](x * MM, y * MM) for x, y in (run.points_m[i], run.points_m[j]))
            wide = width_laid(joining, run.kind) * MM * STRIP_SHARE
            found.append((run.face, Band((a, b), wide, first.volts / high, f"strip:{run.id}")))
    return found


def _danger(live: LiveMap, bands: dict[Face, list[Band]], place: dict[Face, Place]) -> None:
    """Mark the pair that is most dangerous."""
    w = live.worst
    if w is None or w.low.face is None or w.high.face is None or w.low.at_m is None or w.high.at_m is None:
        return
    words = f"{figures(w.volts, 3)} V, {amperes(w.short_a / SHORT_CIRCUIT_FACTOR)}"
    low, high = (place[p.face](p.at_m[0] * MM, p.at_m[1] * MM) for p in (w.low, w.high) if p.face and p.at_m)
    if w.low.face is w.high.face and low != high:
        bands[w.low.face].append(Band((low, high), 1.2, 0.0, w.high.ref, words, danger=True))
        return
    beside = " to its rim" if w.low.rim else " to the other face"
    for face, at in {w.low.face: low, w.high.face: high}.items():
        ring = (at, (at[0] + DOT, at[1]))
        bands[face].append(Band(ring, 1.2, 0.0, w.high.ref, words + beside, danger=True))
