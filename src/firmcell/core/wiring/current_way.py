"""The whole way of the current, from the cells to the plug and back: what it loses in each piece, out to
the load and in from the charger."""

from functools import lru_cache

from firmcell.core.base.frozen import frozen
from firmcell.core.leads.main_leads import Loop
from firmcell.core.model.design import Leads
from firmcell.core.model.parts import Wire
from firmcell.core.physics.wire_heat import COPPER_COEFFICIENT, resistance_at
from firmcell.core.wiring.graph import Edge, EdgePart, Wiring
from firmcell.core.wiring.solved import Passed, passed


@frozen
class Piece:
    """One piece on the way of the current.

    Attributes
    ----------
    words : what it is.
    start, end : ids of the nodes where it begins and ends.
    current_a : through it, A.
    ohm : at working temperature, Ω.
    ref : on the pictures.
    """

    words: str
    start: str
    end: str
    current_a: float
    ohm: float
    ref: str

    @property
    def drop_v(self) -> float:
        """Lost in it, V."""
        return self.current_a * self.ohm

    @property
    def heat_w(self) -> float:
        """Heat in it, W."""
        return self.current_a**2 * self.ohm


def outlet_ends(wiring: Wiring, outlet: str) -> list[tuple[str, str]]:
    """Return between which pairs of nodes the current of a connector runs: from its minus to its plus, or,
    where no source is in the wiring, from the machine to each contact."""
    if "controller.-" in wiring.by_id:
        return [(f"controller.{sign}", f"{outlet}.{sign}") for sign in "-+"]
    return [(f"{outlet}.-", f"{outlet}.+")]


@lru_cache(maxsize=32)
def _all_passed(wiring: Wiring, outlet: str) -> tuple[Passed, ...]:
    """The pieces between each two ends, in order from the one to the other; kept while the same wiring is
    asked for again, as it is while a brief is edited."""
    return tuple(
        each
        for black, red in outlet_ends(wiring, outlet)
        if {black, red} <= wiring.by_id.keys()
        for each in _in_order(wiring, passed(wiring, black, red), black)
    )


def loop_of(wiring: Wiring, outlet: str = "load", gauge: str = "") -> Loop:
    """Return the loop outside the pack that a connector's current runs through.

    Parameters
    ----------
    wiring : Wiring
    outlet : str
        ``load`` or ``charge``.
    gauge : str
        Wires of another gauge count as resistance and not as metres; empty counts all.

    Returns
    -------
    loop : Loop
        Metres of main lead, each counted by the square of its share, so that two side by side count as half
        of one; and the resistance of contacts and fuse, Ω. The board's switch is not in it, nor are the
        tails of the strips with their joints.

    References
    ----------
    .. [1] kirchhoff
    """
    metres = ohm = 0.0
    for each in _all_passed(wiring, outlet):
        weight = each.share**2
        if each.edge.id.startswith("bridge."):
            continue  # Between two modules: it counts with the strips.
        wire = each.edge.wire
        if wire is not None and wire.gauge == (gauge or wire.gauge):
            metres += weight * wire.length_m
        elif wire is not None or each.edge.part in (EdgePart.FUSE, EdgePart.CONTACT):
            ohm += weight * each.edge.ohm
    return Loop(metres, ohm)


def charge_loop(wiring: Wiring, leads: Leads) -> tuple[Loop, Wire]:
    """Return the loop that the charger's current runs through, and the wire its metres are of."""
    outlet = charge_outlet(wiring)
    wire = leads.to_charger if outlet == "charge" else leads.wire
    return loop_of(wiring, outlet, wire.gauge), wire


def tails_ohm(wiring: Wiring) -> float:
    """Return the resistance of the tails of the collecting strips with the joints of the leads, for the
    whole current, Ω."""
    tails = (EdgePart.STRIP, EdgePart.JOINT)
    return sum(p.share**2 * p.edge.ohm for p in _all_passed(wiring, "load") if p.edge.part in tails)


def way_of(
    wiring: Wiring, outlet: str, current_a: float, copper_k: float, pack_ohm: float
) -> tuple[Piece, ...]:
    """Return the pieces that a current passes between the cells and a connector, in order from minus to plus.

    Parameters
    ----------
    wiring : Wiring
    outlet : str
        ``load`` or ``charge``.
    current_a, copper_k : float
        A, and the temperature of the leads' copper, K.
    pack_ohm : float
        Of all cells and strips, which are told as one piece, Ω.
    """
    pieces: list[Piece] = []
    inside: list[Edge] = []
    for each in _all_passed(wiring, outlet):
        edge = each.edge
        if edge.part is EdgePart.CELL or edge.id.startswith("bridge."):
            if not inside:
                pieces.append(Piece("cells and strips", "", "", current_a, pack_ohm, ""))
            inside.append(edge)
            continue
        ohm = edge.ohm
        if edge.wire is not None:
            ohm = float(resistance_at(ohm, copper_k, COPPER_COEFFICIENT))
        if ohm <= 0:
            continue
        ref = edge.wire.ref if edge.wire else REFS.get(edge.part, "")
        pieces.append(Piece(_words(edge), edge.start, edge.end, abs(each.share) * current_a, ohm, ref))
    return tuple(_named(piece, inside) if not piece.start else piece for piece in pieces)


REFS = {EdgePart.FUSE: "fuse", EdgePart.BMS: "board", EdgePart.CONTACT: "connector"}


def _named(piece: Piece, inside: list[Edge]) -> Piece:
    """The cells between the tap points at both ends."""
    groups = [e for e in inside if e.part is EdgePart.CELL]
    start, end = groups[0].start, groups[-1].end
    words = "source" if groups[0].id == "cell.source" else piece.words
    return Piece(words, start, end, piece.current_a, piece.ohm, piece.ref)


def _in_order(wiring: Wiring, found: tuple[Passed, ...], start: str) -> list[Passed]:
    """By how far along the way from `start` each edge begins."""
    ids = {p.edge.id for p in found}
    way = {start: 0}
    for node in (reach := [start]):
        for edge in wiring.at(node):
            other = edge.end if edge.start == node else edge.start
            if edge.id in ids and other not in way:
                way[other] = len(way)
                reach.append(other)
    return sorted(found, key=lambda p: min(way[p.edge.start], way[p.edge.end]))


def _words(edge: Edge) -> str:
    if edge.wire is not None:
        return f"{edge.wire.length_m * 1e3:.0f} mm"
    return {
        EdgePart.STRIP: "tail of the collecting strip",
        EdgePart.JOINT: "joint",
        EdgePart.FUSE: "fuse",
        EdgePart.BMS: "switch of the board",
        EdgePart.CONTACT: "contact",
    }.get(edge.part, edge.part.value)


def charge_outlet(wiring: Wiring) -> str:
    """Return where the charger's current comes in: at a connector of its own, or at the load's."""
    return "charge" if "charge.+" in wiring.by_id else "load"
