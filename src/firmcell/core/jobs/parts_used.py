"""What each step of a job uses up: so much strip, wire and sleeve, so many rings, lugs and screws."""

from collections.abc import Iterable, Iterator, Sequence

from firmcell.core.analysis.figures import Analysis
from firmcell.core.base.frozen import frozen
from firmcell.core.leads.soldering import SleeveChoice, joint_work
from firmcell.core.model.design import Design
from firmcell.core.model.job_details import Wired
from firmcell.core.model.joint_kinds import JoinedBy
from firmcell.core.model.parts import Fuse, Part, Wire
from firmcell.core.records.step import MAKING, Step
from firmcell.core.strips.joints import TAB_M
from firmcell.core.strips.pieces import StripPiece
from firmcell.core.strips.runs import StripKind
from firmcell.core.wiring.graph import Edge, EdgePart

SAMPLE_M = 0.3
"""Strip for sample welds and settings beside what is cut, m; engineering judgement."""
SLEEVED = ("cup", "fuse", "near")
"""Points, by how their ids begin, at which the end of a main wire wants a sleeve."""
MAIN_WIRES = ("main", "branch", "charge", "load2", "phase")
"""How the ids of wires begin whose joints a sleeve covers."""


@frozen
class Used:
    """Some of one part, used up in one step.

    Attributes
    ----------
    step : code of the step.
    what : strip, wire, sleeve, rings, connector, fuse, lug, board, screws or cells.
    name : its class, as in the part library where that has it.
    count : pieces, of what is counted.
    cuts : lengths, of what is cut, m.
    spoilt : whether it is used up and not built in, as strip for sample welds.
    first : whether it goes on before any joint.
    """

    step: str
    what: str
    name: str
    count: int = 0
    cuts: tuple[float, ...] = ()
    spoilt: bool = False
    first: bool = False

    @property
    def much(self) -> float:
        """How much that is, m or pieces."""
        return sum(self.cuts) if self.cuts else float(self.count)


Uses = Iterator[Used]


def pack_uses(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """Return what a job uses whose parts are those of a pack and its leads."""
    yield from cells_used(d, steps)
    yield from strips_used(d, a, steps)
    yield from _rings(d, steps)
    if d.details.wired is not Wired.PACK or d.details.opens_pack:
        yield from wires_used(d, a, steps)
    yield from sleeves_used(d, a, steps)
    yield from connector_used(d, a, steps)
    yield from fuses_used(d, a, steps)
    yield from board_used(d, steps)
    for step in steps:
        if step.code == "sleeve" and a.insulation.sleeve is not None:
            chosen = a.insulation.sleeve
            yield Used(step.code, "sleeve", chosen.sleeve, cuts=(chosen.cut_length_m,))


def known_parts(d: Design) -> dict[tuple[str, str], Part]:
    """Return the parts of a design by what they are and their class: for their mass and price."""
    j, leads, bms = d.joining, d.leads, d.bms
    named: tuple[tuple[str, Part | None], ...] = (
        ("cells", d.cell),
        *(
            ("strip", strip)
            for strip in (
                j.link_strip,
                j.link_under,
                j.ladder_strip,
                j.collector_strip,
                j.collector_under,
                j.collector_tabs,
            )
        ),
        *(("wire", wire) for wire in (leads.wire, leads.to_charger, bms.sense_wire)),
        *(("connector", c) for c in (leads.outlet, leads.connector, leads.charge_connector)),
        *(("fuse", fuse) for fuse in (leads.fuse, leads.charge_fuse)),
        ("board", bms.board),
        ("sleeve", d.insulation.sleeve),
    )
    return {(what, part.name): part for what, part in named if part is not None}


def cells_used(d: Design, steps: Iterable[Step]) -> Uses:
    """All cells of the pack, in the step that measures them."""
    for step in steps:
        if step.code == "check-cells":
            yield Used(step.code, "cells", d.cell.name, d.cell_count)


def strips_used(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """Strip by the step that joins it, with its layers, what lies under it, and tabs; and for samples."""
    pieces, laid = {piece.id: piece for piece in a.strips}, set[str]()
    names = dict[str, None]()
    for step in steps:
        if not step.code.startswith("weld-"):
            continue
        cut: dict[str, list[float]] = {}
        for ref in step.refs:
            piece = pieces.get(ref.removeprefix("strip:"))
            if piece is None or piece.id in laid:
                continue
            laid.add(piece.id)
            if piece.kind is StripKind.PLATE:
                yield Used(step.code, "other", _plate(piece), piece.layers)
            else:
                cut.setdefault(piece.strip, []).extend([piece.length_m] * piece.layers)
            if piece.under:
                cut.setdefault(piece.under, []).append(piece.length_m)
            if piece.tabs:
                cut.setdefault(piece.tabs, []).extend([TAB_M] * len(piece.cells))
        names |= dict.fromkeys(cut)
        for name, lengths in cut.items():
            yield Used(step.code, "strip", name, cuts=tuple(lengths))
        if cut and d.joining.joined_by is JoinedBy.SCREW and step.joints:
            yield Used(step.code, "screws", f"screw {_thread(d.joining.thread_m)}", step.joints)
    sample = next((s.code for s in steps if s.code in ("weld-sample", "solder-sample")), "")
    for name in names if sample else ():
        yield Used(sample, "strip", name, cuts=(SAMPLE_M,), spoilt=True)


def _plate(piece: StripPiece) -> str:
    """A plate as it is cut from sheet: its largest size."""
    size = f"{piece.length_m * 1e3:.0f} × {piece.width_m * 1e3:.0f} mm"
    return f"plate {size} of the sheet of {piece.strip}"


def _thread(metres: float) -> str:
    return f"M{metres * 1e3:g}"


def _rings(d: Design, steps: Iterable[Step]) -> Uses:
    for step in steps:
        if step.code == "rings":
            yield Used(step.code, "rings", f"insulator ring for {d.cell.size}", d.cell_count)


def wires_used(d: Design, a: Analysis, steps: Iterable[Step]) -> Uses:
    """Each wire in the first step that joins an end of it."""
    for step, wires in _first_joined(a, steps):
        cut: dict[str, list[float]] = {}
        for edge in wires:
            assert edge.wire is not None
            cut.setdefault(edge.wire.gauge, []).append(edge.wire.length_m)
        for gauge, lengths in cut.items():
            yield Used(step.code, "wire", wire_name(d, gauge), cuts=tuple(lengths))


def sleeves_used(d: Design, a: Analysis, steps: Iterable[Step]) -> Uses:
    """A sleeve for each end of a main wire that is soldered into a cup or at a fuse."""
    at = {"near": d.leads.connector}
    for step, wires in _first_joined(a, steps):
        for edge in wires:
            for kind in (edge.start.split(".")[0], edge.end.split(".")[0]):
                if kind in SLEEVED and edge.id.split(".")[0] in MAIN_WIRES:
                    work = joint_work(d.leads.wire, at.get(kind, d.leads.outlet), d.leads.length_m)
                    yield from joint_sleeves(step.code, work.sleeve, 1)


def _first_joined(a: Analysis, steps: Iterable[Step]) -> Iterator[tuple[Step, list[Edge]]]:
    """Steps, and the wires of which each is the first to join an end."""
    wires = {edge.id: edge for edge in a.wiring.wires if edge.wire is not None}
    for step in steps:
        found = [wires.pop(ident) for ident in (*step.begins, *step.wires) if ident in wires]
        if found:
            yield step, found


def wire_name(d: Design, gauge: str) -> str:
    """Return the class of the wire of a gauge: as the design has it."""
    of: tuple[Wire, ...] = (d.leads.wire, d.leads.to_charger, d.bms.sense_wire)
    return next((wire.name for wire in of if wire.gauge == gauge), gauge)


def joint_sleeves(step: str, sleeve: SleeveChoice | None, count: int) -> Uses:
    """Sleeves that go on before their joints."""
    if sleeve is not None:
        yield Used(step, "sleeve", sleeve.words, cuts=(sleeve.cut_m,) * count, first=True)


def connector_used(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """The connector in the first step that joins something to it, or makes the wire that ends in it."""
    ends = {e.id for e in a.wiring.wires if e.end.startswith("cup.load")}
    for step in steps:
        joins = MAKING & set(step.records)
        if joins and ("connector" in step.refs or ends & {*step.wires, *step.begins}):
            yield Used(step.code, "connector", d.leads.outlet.name, 1)
            return


def fuses_used(d: Design, a: Analysis, steps: Sequence[Step]) -> Uses:
    """Each fuse in the step that is about it, or else in the first that makes a wire at it."""
    for edge in a.wiring.edges:
        if edge.part is not EdgePart.FUSE:
            continue
        fuse: Fuse | None = d.leads.charge_fuse if "charge" in edge.id else d.leads.fuse
        at = {w.id for w in a.wiring.wires if {w.start, w.end} & {edge.start, edge.end}}
        about = [s for s in steps if "fuse" in s.refs and {"checked", "solder-joint"} & set(s.records)]
        making = [s for s in steps if at & {*s.wires, *s.begins}]
        found = next(iter((*about, *making)), None)
        if fuse is not None and found is not None and making:
            yield Used(found.code, "fuse", fuse.name, 1)


def board_used(d: Design, steps: Iterable[Step]) -> Uses:
    """The board in the first step that is about it."""
    step = next((s for s in steps if "board" in s.refs), None)
    if d.bms.board is not None and step is not None:
        yield Used(step.code, "board", d.bms.board.name, 1)


def strip_like(thickness_m: float, width_m: float) -> str:
    """Return what strip of a size is called that is in no library."""
    return f"strip {thickness_m * 1e3:g} × {width_m * 1e3:g} mm"
