"""What bare metal is live at one moment of a build: where it lies, at what potential, and the pair that is
most dangerous: by voltage, by how easily one thing touches both, and by what that would drive."""

from collections.abc import Iterator, Mapping, Sequence
from functools import lru_cache

import numpy as np

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.wording import amperes, volts
from firmcell.core.bench.cell_by_cell import cell_end
from firmcell.core.bench.moment import Moment, not_there
from firmcell.core.bench.on_bench import OnBench
from firmcell.core.model.design import Face
from firmcell.core.model.duty import SHORT_CIRCUIT_FACTOR
from firmcell.core.model.job_details import Wired
from firmcell.core.model.limits import TOUCH_LIMIT_V
from firmcell.core.records.areas import (
    FREE,
    PADS,
    PINS,
    RIMS,
    end_area,
    face_area,
    node_area,
    tap_area,
)
from firmcell.core.records.build_state import BuildState
from firmcell.core.wiring.graph import EdgePart, NodeKind
from firmcell.core.wiring.solved import shorts_between, sources_in

REACH_M = 0.06
"""How far apart two pieces of bare metal are for a tool, a strip or a ring to bridge them one time in three: what lies on
a bench is between a ring and a pair of pliers long. Engineering judgement."""
RIM = 0.86
"""Radius of the rim over that of the can, as it is drawn."""
OFF_PACK_M = 0.02
"""Ends of wires lie where they fall: so far from all else."""
LIVE_V = 0.1
"""From which voltage on two pieces count as live against each other, V."""
MOST_ENDS = 400
"""Up to so many bare ends every pair of them is looked at for the greatest current."""
BETWEEN_OTHERS = 1.5
"""By how much a short between other ends than those looked at may be greater: 80 half-built packs needed up to
1.23. Engineering judgement."""
OF_KIND = {
    NodeKind.SENSE_PIN: PINS,
    NodeKind.BALANCE_PIN: PINS,
    NodeKind.BOARD_PAD: PADS,
}
ENDS_OF_WIRES = frozenset(
    (
        NodeKind.SENSE_PIN,
        NodeKind.BALANCE_PIN,
        NodeKind.BOARD_PAD,
        NodeKind.CUP,
        NodeKind.STUD,
        NodeKind.FUSE_END,
        NodeKind.JOINT,
    )
)
"""Kinds of point that are bare metal once a wire reaches them, until they are covered."""
OWN_METAL = frozenset((NodeKind.TERMINAL, NodeKind.STUD, NodeKind.TAP))
"""Kinds that are bare by themselves in a job that is no pack: studs, contacts of a host, the ends of one cell."""


@frozen
class Piece:
    """A piece of metal that can be touched.

    Attributes
    ----------
    node : its id in the wiring.
    label : in words.
    ref : on the picture.
    face : on which it lies; None away from the faces.
    at_m : where, x and y in the pack's plane and z upwards, m; None where wire ends lie.
    radius_m : of a disc as large as it, m.
    part : number of what hangs together with it.
    volts : against the lowest of its part, V.
    rim : whether it is the rim of a can beside its own positive end.
    """

    node: str
    label: str
    ref: str
    face: Face | None
    at_m: tuple[float, float, float] | None
    radius_m: float
    part: int
    volts: float
    rim: bool = False


@frozen
class Pair:
    """Two bare pieces that are live against each other.

    Attributes
    ----------
    low, high : the one at the lower and at the higher potential.
    volts : between them, V.
    apart_m : of their edges, m.
    short_a : what a tool across them drives in the first moment at most, A.
    """

    low: Piece
    high: Piece
    volts: float
    apart_m: float
    short_a: float


@frozen
class LiveMap:
    """All metal at one moment.

    Attributes
    ----------
    bare : pieces that lie bare and are live or joined to what is.
    covered : what of each face's picture is under a cover: the face, and the ref there.
    worst : the pair with the greatest voltage × reach; None where nothing bare is live against other bare
    metal.
    highest_v : between any two bare pieces, V.
    strongest_a : that a tool across any two bare pieces drives at most, A.
    on : whether anything is a source at all: cells are in, or what feeds the job is on.
    of_cells : whether cells are what feeds it.
    moment : what was looked at.
    """

    bare: tuple[Piece, ...]
    covered: frozenset[tuple[Face, str]]
    worst: Pair | None
    highest_v: float
    strongest_a: float
    on: bool
    of_cells: bool
    moment: Moment

    @property
    def over_touch_limit(self) -> bool:
        """Whether bare metal may not be touched at two places at once."""
        return self.highest_v > TOUCH_LIMIT_V

    @property
    def over_words(self) -> str:
        """The caution where bare metal stands over the touch limit."""
        return f"Up to {volts(self.highest_v)} between bare metal now: over the touch limit. One hand, gloves, covers."

    @property
    def short_words(self) -> str:
        """What is live now, in few words."""
        w = self.worst
        if w is None:
            return self.words if not self.bare else f"Bare: {self.bare[0].label}."
        return (
            f"Bare and live: up to {volts(self.highest_v)}. {w.high.label[:1].upper()}{w.high.label[1:]} and {w.low.label}: "
            f"{amperes(w.short_a / SHORT_CIRCUIT_FACTOR)}."
        )

    @property
    def words(self) -> str:
        """What is live now, in words."""
        if self.worst is None:
            if not self.bare:
                return ALL_COVERED if self.on else NOTHING_ON[self.of_cells]
            first = self.bare[0]
            return f"Bare: {first.label}. It is live against all other metal of the pack, which is covered."
        w = self.worst
        placed = w.low.at_m is not None and w.high.at_m is not None
        apart = f"{w.apart_m * 1e3:.0f} mm apart, " if placed else ""
        told = (
            f"Bare and live now: up to {volts(self.highest_v)}. Most dangerous: {w.high.label} and {w.low.label}, "
            f"{apart}{volts(w.volts)}; a tool across them drives about {_driven(w.short_a)}."
        )
        if self.strongest_a > 1.2 * w.short_a:
            told += f" Elsewhere it may drive {_driven(self.strongest_a)}."
        return told


ALL_COVERED = "All live metal is covered in this step."
NOTHING_ON = {
    True: "No cell is in its place yet: nothing is live.",
    False: "Nothing here is live as long as the source stays off.",
}


def _driven(first_a: float) -> str:
    return f"{amperes(first_a / SHORT_CIRCUIT_FACTOR)}, in the first moment up to {amperes(first_a)}"


def live_map(bench: OnBench, state: BuildState | None, code: str) -> LiveMap:
    """Return what bare metal is live while the step of this code is at hand.

    Parameters
    ----------
    bench : OnBench
        With cells at the voltage they were measured at.
    state : BuildState or None
        The records; None takes every earlier step as passed.
    code : str
        Of the step; empty for none.

    Notes
    -----
    Its own metal counts as on, and what it covers as bare: the worst that the step passes through. Currents
    are those of the solved circuit times `SHORT_CIRCUIT_FACTOR`: perhaps too high, not too low.
    """
    return mapped(bench, bench.moment(state, code))


@lru_cache(maxsize=64)
def mapped(bench: OnBench, moment: Moment) -> LiveMap:
    """Return what bare metal is live at a moment."""
    return _Mapper(bench, moment).mapped()


class _Mapper:
    """Works one map out."""

    def __init__(self, bench: OnBench, moment: Moment) -> None:
        self.bench, self.moment = bench, moment
        self.design, self.layout, self.taps = bench.design, bench.layout, bench.taps
        self.wiring = bench.probed
        self.strips_at = _strips_by_pad(bench)
        self.covered: set[tuple[Face, str]] = set()

    def mapped(self) -> LiveMap:
        d = self.design
        without = not_there(self.wiring, self.layout, d, self.moment)
        self.part_of: dict[str, tuple[int, float]] = {}
        parts = self.wiring.parts(without)
        for number, part in enumerate(parts):
            self.part_of |= {node: (number, v) for node, v in part.items()}
        pieces = [*self._ends()]
        if self.bench.opened:
            pieces += self._pads()
        # What hangs together with nothing at another potential is not live.
        matters = [max(part.values()) > LIVE_V for part in parts]
        pieces = [p for p in pieces if matters[p.part]]
        if not pieces:
            return self._map((), None, 0.0, 0.0)
        return self._judged(pieces, parts, without)

    # -- pieces -----------------------------------------------------------------------------------------

    def _piece(
        self,
        node: str,
        label: str,
        ref: str,
        face: Face | None = None,
        at_m: tuple[float, float, float] | None = None,
        radius_m: float = 0.0,
        rim: bool = False,
    ) -> Piece:
        part, volts_now = self.part_of[node]
        return Piece(node, label, ref, face, at_m, radius_m, part, volts_now, rim)

    def _pads(self) -> Iterator[Piece]:
        layout, cell, moment = self.layout, self.design.cell, self.moment
        tap_at = {tap.number: tap.cell for tap in self.taps}
        ring = cell.is_round and not layout.terminal_m
        for c in layout.cells:
            for plus in (True, False):
                node = c.group if plus else c.group - 1
                if c.group not in moment.seated and node not in moment.on:
                    continue  # Neither a cell nor a clip is there.
                face = layout.face_of(c, plus)
                x, y = layout.pad(c, plus)
                # Layers lie side by side on the bench, all with their faces at the same height.
                z = cell.length_m if face is Face.TOP else 0.0
                areas = [face_area(face), node_area(node)]
                if tap_at[node] == c.number:
                    areas.append(tap_area(node))
                on = node in moment.on
                refs = self.strips_at.get((c.number, plus), []) if on else []
                ref = refs[0] if refs else f"cell:{c.number}"
                name = f"{'plus' if plus else 'minus'} of cell {c.number}"
                label = f"strip of B{node} at cell {c.number}" if on else name
                radius = (cell.nub_diameter_m if plus or not ring else RIM * cell.diameter_m) / 2
                if moment.is_bare(areas):
                    yield self._piece(cell_end(c.number, plus), label, ref, face, (x, y, z), radius)
                else:
                    self.covered |= {(face, name) for name in refs or [ref]}
                if plus and ring and c.group in moment.seated and moment.is_bare((RIMS, face_area(face))):
                    rim = f"rim of cell {c.number}, which is its minus"
                    at = (x, y, z)
                    yield self._piece(
                        cell_end(c.number, False),
                        rim,
                        f"cell:{c.number}",
                        face,
                        at,
                        RIM * cell.diameter_m / 2,
                        True,
                    )

    def _ends(self) -> Iterator[Piece]:
        """Ends of wires, pads and pins that a wire reaches, and what is bare by itself."""
        moment, wiring = self.moment, self.wiring
        wires = moment.made | moment.begun
        reached: dict[str, set[str]] = {}
        for edge in wiring.of(EdgePart.WIRE):
            if edge.id in wires:
                for node in (edge.start, edge.end):
                    reached.setdefault(node, set()).add(edge.id)
        own = self.design.details.wired is not Wired.PACK
        for n in wiring.nodes:
            if n.kind not in ENDS_OF_WIRES and not (own and n.kind in OWN_METAL):
                continue
            by = reached.get(n.id, set())
            areas = [end_area(n.id), *([OF_KIND[n.kind]] if n.kind in OF_KIND else [])]
            free = bool(by) and by <= moment.begun
            if free:
                areas.append(FREE)
            there = bool(by) or (own and n.kind in OWN_METAL)
            if moment.is_bare(areas, unless=there and n.kind is not NodeKind.JOINT):
                ref = next((e.wire.ref for e in wiring.at(n.id) if e.wire is not None), "board")
                words = f"the free end for the {n.label}" if free else n.label
                if n.kind is NodeKind.JOINT and not self.design.details.opens_pack:
                    words = f"cut end of the {ref.removeprefix('lead:')} lead"
                yield self._piece(n.id, words, ref)

    # -- pairs ------------------------------------------------------------------------------------------

    def _judged(self, pieces: list[Piece], parts: list[dict[str, float]], without: frozenset[str]) -> LiveMap:
        volts_at = np.array([p.volts for p in pieces])
        part = np.array([p.part for p in pieces])
        apart = _apart(pieces)
        between = np.where(part[:, None] == part[None, :], volts_at[None, :] - volts_at[:, None], 0.0)
        score = between * np.exp(-apart / REACH_M)
        highest = float(between.max())
        if highest < LIVE_V:
            return self._map(pieces, None, 0.0, 0.0)
        low, high = np.unravel_index(int(np.argmax(score)), score.shape)
        a, b = pieces[int(low)], pieces[int(high)]
        drives, strongest = self._drives(pieces, parts, without, (a, b))
        worst = Pair(a, b, float(between[low, high]), float(apart[low, high]), drives)
        return self._map(pieces, worst, highest, max(strongest, drives))

    def _map(
        self, pieces: Sequence[Piece], worst: Pair | None, highest_v: float, strongest_a: float
    ) -> LiveMap:
        m = self.moment
        of_cells = self.design.details.wired in (Wired.PACK, Wired.ONE_CELL)
        on = bool(m.seated) if of_cells else m.powered
        return LiveMap(tuple(pieces), frozenset(self.covered), worst, highest_v, strongest_a, on, of_cells, m)

    def _drives(
        self,
        pieces: list[Piece],
        parts: list[dict[str, float]],
        without: frozenset[str],
        pair: tuple[Piece, Piece],
    ) -> tuple[float, float]:
        """What a tool across `pair` drives, and across any two pieces at most, A."""
        nodes: dict[int, dict[str, None]] = {}
        for p in pieces:
            nodes.setdefault(p.part, {})[p.node] = None
        drives, strongest = 0.0, 0.0
        lone_known = False
        for number, ends in nodes.items():
            mine = number == pair[0].part
            lone = len(parts[number]) <= LONE
            if lone and lone_known and not mine:
                continue  # One loose cell is as good as another.
            lone_known = lone_known or lone
            names = list(dict.fromkeys((pair[0].node, pair[1].node, *ends))) if mine else list(ends)
            if len(names) > MOST_ENDS:
                some, factor = self._likely(names, parts[number], without), BETWEEN_OTHERS
            else:
                shorts = shorts_between(self.wiring, parts[number], names, without)
                some, factor = float(shorts.max(initial=0.0)), 1.0
            strongest = max(strongest, SHORT_CIRCUIT_FACTOR * factor * some)
            if mine:
                two = (pair[0].node, pair[1].node)
                own = shorts_between(self.wiring, parts[number], two, without)
                drives = SHORT_CIRCUIT_FACTOR * float(own[0, 1])
        return drives, strongest

    def _likely(self, names: list[str], part: Mapping[str, float], without: frozenset[str]) -> float:
        """The greatest current over single cells, and between wire ends and one cell end of each potential,
        A: a short over one group meets the least resistance, one over all the highest voltage."""
        of_cells = [n for n in names if self.wiring.by_id[n].kind is NodeKind.CELL_END]
        levels: dict[int, str] = {}
        for name in of_cells:
            levels.setdefault(round(part[name] * 100), name)
        ends = (n for n in names if self.wiring.by_id[n].kind is not NodeKind.CELL_END)
        some = [*dict.fromkeys((*levels.values(), *ends))]
        found = float(shorts_between(self.wiring, part, some, without).max(initial=0.0))
        there = set(of_cells)
        cells = [(n, n[:-1] + "+") for n in of_cells if n.endswith("-") and n[:-1] + "+" in there]
        if cells:
            told = sources_in(self.wiring, part, cells, without)
            found = max(found, *(s.volts / s.ohm for s in told if s.ohm > 0))
        return found


LONE = 2
"""Points that hang together where a cell is joined to nothing."""


def _apart(pieces: list[Piece]) -> Array:
    """How far the edges of pieces are from each other (n, n), m."""
    known = np.array([p.at_m is not None for p in pieces])
    at = np.array([p.at_m or (0.0, 0.0, 0.0) for p in pieces])
    radius = np.array([p.radius_m for p in pieces])
    squares = np.zeros((len(pieces), len(pieces)))
    for along in at.T:
        off = np.subtract.outer(along, along)
        squares += off * off
    middles = np.sqrt(squares)
    apart = np.maximum(middles - radius[:, None] - radius[None, :], 0.0)
    # The rim lies round its own nub: from edge to edge it is the difference of the radii.
    rim = np.array([p.rim for p in pieces])
    own = (middles < 1e-9) & (rim[:, None] != rim[None, :])
    apart = np.where(own, np.abs(radius[:, None] - radius[None, :]), apart)
    return np.where(known[:, None] & known[None, :], apart, OFF_PACK_M)


def _strips_by_pad(bench: OnBench) -> dict[tuple[int, bool], list[str]]:
    """The strips that lie on each pad, by cell and pole, as the picture refers to them."""
    found: dict[tuple[int, bool], list[str]] = {}
    layout = bench.layout
    for piece in bench.strips:
        for number in piece.cells:
            plus = layout.by_number[number].group == piece.node
            found.setdefault((number, plus), []).append(f"strip:{piece.id}")
    return found
