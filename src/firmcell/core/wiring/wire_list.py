"""The wire list: every wire from where it begins to where it ends, to cut, mark and lay from."""

from firmcell.core.base.quantity import Frozen
from firmcell.core.strips.under_load import UnderLoad
from firmcell.core.wiring.graph import NodeKind, Wiring

UNSOLVED_PLACE = "between the cells in the middle of the pack"


class WireEntry(Frozen):
    """One wire of the list.

    Attributes
    ----------
    number : on its marker.
    name : such as B3, P− or NTC1.
    from_where, to_where : the tap on its face, and the pad of the board as printed.
    length_m : cut length, with service loop.
    colour, end : and how it ends.
    ref : on the picture.
    id : of the wire in the wiring.
    """

    number: int
    name: str
    from_where: str
    to_where: str
    length_m: float
    gauge: str
    colour: str
    end: str
    ref: str
    id: str

    @property
    def briefly(self) -> tuple[str, str]:
        """Where from and where to, as short as the name beside it allows."""
        start = (
            self.from_where.rpartition(" at ")[2]
            .removesuffix(" face")
            .replace("collecting strip of ", "strip ")
        )
        start = start.partition(", the ")[0].replace("on the wrap of ", "wrap of ")
        end = self.to_where.removeprefix("plug ").partition(", printed")[0]
        plug, _, sign = end.rpartition(", ")
        if plug and sign in ("+", "−"):
            end = f"{'charger' if plug.startswith('charger') else 'connector'} {sign}"
        return start, end


def wire_list(wiring: Wiring, metal: UnderLoad | None = None) -> tuple[WireEntry, ...]:
    """Return the wires to cut: sense leads by tap, main leads, thermistors.

    `metal` gives the hottest cell, where the first thermistor lies; without it that place is left open.
    """
    entries = []
    for edge in wiring.wires:
        made = edge.wire
        assert made is not None
        start, end = wiring.by_id[edge.start], wiring.by_id[edge.end]
        where, ref = start.label, made.ref
        if start.kind is NodeKind.SENSOR and start.id != "ntc.host":
            where, ref = _sensor_place(int(start.id.rpartition(".")[2]), metal)
        entries.append(
            WireEntry(
                number=made.number,
                name=made.name,
                from_where=where,
                to_where=end.label,
                length_m=made.length_m,
                gauge=made.gauge,
                colour=made.colour,
                end=made.ending,
                ref=ref,
                id=edge.id,
            )
        )
    return tuple(entries)


def _sensor_place(sensor: int, metal: UnderLoad | None) -> tuple[str, str]:
    if metal is None:
        return UNSOLVED_PLACE, "board"
    ranked = sorted(metal.figures.cells, key=lambda c: -c.temperature_k)
    cell = ranked[min(sensor - 1, len(ranked) - 1)]
    which = "hottest" if sensor == 1 else "next hottest"
    return f"on the wrap of cell {cell.number}, the {which} by the solved heat", f"cell:{cell.number}"
