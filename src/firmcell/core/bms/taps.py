"""The tap list B0 … BS: face, place, lead length and what a meter should read there."""

from functools import lru_cache

from firmcell.core.base.quantity import Frozen
from firmcell.core.layout.cell_places import CellPlace, Layout
from firmcell.core.model.chemistry import FACTS
from firmcell.core.model.design import Bms, BoardPlace, Face
from firmcell.core.model.parts import Cell
from firmcell.core.strips.current_shares import StripShares
from firmcell.core.strips.tap_points import Node, nodes_of


class Tap(Frozen):
    """One sense point.

    Attributes
    ----------
    number : 0 is on the pack's negative; each next one reads one group more.
    cell : number of the cell on whose pad the lead is joined.
    wire_length_m : cut length to the board or balance plug along the pack's edges, with service loop; 0
        where none is needed.
    shift_ohm : how far it reads off its tap point's middle for each ampere of load, Ω; 0 where that is
        not known. It does not change with the load, and neither does the picture.
    empty_v … now_v : expected against B0.
    """

    number: int
    name: str
    printed: str
    face: Face
    cell: int
    x_m: float
    y_m: float
    wire_length_m: float
    shift_ohm: float
    empty_v: float
    nominal_v: float
    full_v: float
    now_v: float


def tap_name(number: int) -> str:
    """Return the trade's name, B0, B1 …; B0 is often printed B−, the last one B+.

    Parameters
    ----------
    number : int
        From the pack's minus.

    Returns
    -------
    name : str

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> tap_name(0), tap_name(3)
    ('B0', 'B3')
    """
    return f"B{number}"


MM_FOR_A_MV = 3.0
"""Way in mm that a millivolt of shift under load is worth; engineering judgement: 10 mV are as bad as 30 mm
of wire."""


def _shifts(touching: tuple[CellPlace, ...], node: int, shares: StripShares | None) -> dict[int, float]:
    """How far each pad of a tap point stands off their mean for each ampere of load, Ω, by cell."""
    if shares is None or shares.open_at is not None:
        return {}
    if not touching:
        # A hand painted the group at this end empty.
        return {}
    volts = {c.number: shares.pads[c.number, c.group == node] for c in touching}
    middle = sum(volts.values()) / len(volts)
    return {number: v - middle for number, v in volts.items()}


@lru_cache(maxsize=32)
def tap_list(
    layout: Layout,
    cell: Cell,
    bms: Bms,
    cell_now_v: float,
    stack_height_m: float,
    board_x_m: float | None = None,
    shares: StripShares | None = None,
    steady_a: float = 0.0,
) -> tuple[Tap, ...]:
    """Return the S + 1 taps in order from the negative end.

    Each lead leaves its pad straight to the rear long edge (y greatest), runs along that edge to the
    board and, from the bottom face, up the height of the pack. The board is at the end of the pack
    where its positive lead is not, on top in the middle, or at `board_x_m` along the pack. Of the pads of a
    tap point the one is taken whose lead is shortest, each millivolt that the load shifts it counting as
    `MM_FOR_A_MV` of way: a lead off a piece that carries much current reads wrong under load. Without
    `shares` only the way counts.
    """
    series = layout.series
    printed_step = FACTS[cell.chemistry].printed_step_v
    board_x = (
        board_x_m if board_x_m is not None else 0.0 if bms.place is BoardPlace.TOP else layout.length_m / 2
    )
    edge_y = layout.width_m / 2
    taps = []
    for node in nodes_of(layout):
        shifts = _shifts(node.minus_cells + node.plus_cells, node.number, shares)
        at = _nearest_pad(layout, node, {c: abs(ohm) * steady_a * MM_FOR_A_MV for c, ohm in shifts.items()})
        x, y = layout.pad(at, at.group == node.number)
        route = (edge_y - y) + abs(board_x - x)
        if node.face is Face.BOTTOM:
            route += stack_height_m
        # A nickel pack without a board is charged in series: its taps are only places to measure.
        led_out = bms.board is not None or cell.chemistry.is_lithium
        taps.append(
            Tap.model_construct(
                number=node.number,
                name=tap_name(node.number),
                printed="B−"
                if node.number == 0
                else "B+"
                if node.number == series
                else f"{node.number * printed_step:.1f}",
                face=node.face,
                cell=at.number,
                x_m=x,
                y_m=y,
                shift_ohm=shifts.get(at.number, 0.0),
                wire_length_m=route + bms.service_loop_m if led_out else 0.0,
                empty_v=node.number * cell.empty_v,
                nominal_v=node.number * cell.nominal_v,
                full_v=node.number * cell.full_v,
                now_v=node.number * cell_now_v,
            )
        )
    return tuple(taps)


def _nearest_pad(layout: Layout, node: Node, off_m: dict[int, float]) -> CellPlace:
    """The cell of a tap point whose pad a lead from the rear edge reaches best; `off_m` counts as more way,
    by cell."""

    def cost(c: CellPlace) -> tuple[float, float, float]:
        # The way along the edge is the same for most; the way to it decides.
        way = layout.width_m / 2 - layout.pad(c, c.group == node.number)[1]
        return (round(way + off_m.get(c.number, 0.0), 6), -c.y_m, -c.x_m)

    # Where a hand painted the group at an end empty, any cell stands in for it; the rules speak of it.
    return min(node.minus_cells + node.plus_cells or layout.cells, key=cost)
