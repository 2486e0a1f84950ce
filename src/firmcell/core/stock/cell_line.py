"""A cell in one line: what it is, where it is, and its newest values; what lists, searches and matching
read."""

from firmcell.core.base.frozen import frozen
from firmcell.core.stock.cell_history import CellHistory, when
from firmcell.core.stock.entries import Origin, PlaceKind


@frozen
class CellLine:
    """The newest values of one cell; None for what was never measured.

    Attributes
    ----------
    key, serial, class_name, lot, origin, pack : what it is.
    place_kind, place, place_group, placed_by : where it is.
    capacity_as, ohms, rest_v, cycles : A·s, Ω, V.
    rest_first_v, rest_second_v, rest_s : the longest rest up to now, V and s.
    tested : when it was measured last, ISO 8601; "" for never.
    waits : whether what it is waits for the server.
    """

    key: str
    serial: str
    class_name: str
    lot: str
    origin: Origin
    pack: str
    place_kind: PlaceKind
    place: str
    place_group: int | None
    placed_by: str
    capacity_as: float | None
    ohms: float | None
    rest_v: float | None
    cycles: int | None
    rest_first_v: float | None
    rest_second_v: float | None
    rest_s: float | None
    tested: str
    waits: bool = False

    @property
    def loss_v_s(self) -> float | None:
        """Voltage lost at rest, V/s; None where it was not read twice or rose: it recovered."""
        if self.rest_first_v is None or self.rest_second_v is None or not self.rest_s:
            return None
        lost = (self.rest_first_v - self.rest_second_v) / self.rest_s
        return lost if lost >= 0 else None


def line_of(cell: CellHistory, waits: bool = False) -> CellLine:
    """Return the line of a cell."""

    def newest(name: str) -> float | None:
        found = cell.latest(name)
        return None if found is None else found[1]

    rest, cycles = cell.rest, newest("cycles")
    tested = max((e.time for e, _ in cell.tests), key=when, default="")
    return CellLine(
        cell.key,
        cell.serial,
        cell.class_name,
        cell.lot,
        cell.origin,
        cell.pack,
        cell.to,
        cell.place,
        cell.group,
        cell.placed_by,
        newest("capacity_as"),
        newest("ohms"),
        newest("rest_v"),
        None if cycles is None else int(cycles),
        None if rest is None else rest.first_v,
        None if rest is None else rest.second_v,
        None if rest is None else rest.seconds,
        tested,
        waits,
    )
