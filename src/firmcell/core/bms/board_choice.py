"""Which board: why each fits or not, how long it balances, what it drains, and whether it opens before fuse
and wire suffer."""

from collections.abc import Sequence

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import Frozen
from firmcell.core.base.suitability import Judged
from firmcell.core.base.wording import amperes, figures, volts
from firmcell.core.leads.fuse_timing import opening_times, strip_times, wire_times
from firmcell.core.leads.wire_rating import carriers, rated_current
from firmcell.core.model.chemistry import resting_voltage
from firmcell.core.model.duty import NEVER_S, Duty
from firmcell.core.model.parts import Board, Cell, Fuse, Strip, Wire
from firmcell.core.model.wire_laying import WireLaying

OVER_FULL_V, UNDER_EMPTY_V = 0.12, 0.35
"""How far a board's thresholds may lie beyond the cell's own limits; generic class value."""
TRIP_OVER_PEAK = 1.1
"""A board should trip only above this times the load's peak; engineering judgement."""
BALANCE_DUTY = 0.5
"""Boards balance only near full, about this part of the charge; generic class value."""


@frozen
class BoardAsk:
    """What is asked of a board."""

    cell: Cell
    series: int
    steady_a: float
    peak_a: float
    charge_a: float


@frozen
class BoardFit(Judged):
    """One board against what is asked."""

    board: Board


def threshold_faults(board: Board, cell: Cell) -> tuple[str, str]:
    """Return in words what is wrong with the voltages at which a board cuts charge and load; "" where nothing
    is."""
    over = under = ""
    if not cell.full_v - 1e-9 <= board.over_voltage_v <= cell.full_v + OVER_FULL_V + 1e-9:
        over = f"cuts charge at {volts(board.over_voltage_v)}, the cells are full at {volts(cell.full_v)}"
    if not cell.empty_v - 0.01 <= board.under_voltage_v <= cell.empty_v + 2 * UNDER_EMPTY_V:
        under = f"cuts off at {volts(board.under_voltage_v)}, the cells are empty at {volts(cell.empty_v)}"
    return over, under


def fit_board(board: Board, ask: BoardAsk) -> BoardFit:
    """Return how a board suits a pack."""
    cell = ask.cell
    stops, marks = [], []
    if board.series != ask.series:
        stops.append(f"for {board.series} groups")
    if board.chemistry is not cell.chemistry:
        stops.append(f"for {board.chemistry.value}")
    else:
        over, under = threshold_faults(board, cell)
        stops += [over] if over else []
        marks += [under] if under else []
    if board.current_continuous_a < ask.steady_a:
        stops.append(f"carries {amperes(board.current_continuous_a)}")
    if board.current_peak_a < ask.peak_a:
        stops.append(f"trips at {amperes(board.current_peak_a)}")
    elif board.current_peak_a < TRIP_OVER_PEAK * ask.peak_a:
        marks.append(f"trips at {amperes(board.current_peak_a)}, close to the peak of {amperes(ask.peak_a)}")
    if board.current_charge_a < ask.charge_a:
        stops.append(f"charges with {amperes(board.current_charge_a)}")
    if board.balance_current_a == 0 and ask.series > 1:
        marks.append("does not balance")
    if board.temperature_sensors == 0:
        marks.append("no temperature sensor")
    return BoardFit(tuple(stops), tuple(marks), board)


def ranked_boards(boards: Sequence[Board], ask: BoardAsk) -> tuple[BoardFit, ...]:
    """Return all boards, those that fit first, then by how much is against them, then the smallest."""
    fits = [fit_board(b, ask) for b in boards]
    return tuple(
        sorted(
            fits,
            key=lambda f: (
                len(f.stops),
                abs(f.board.series - ask.series),
                len(f.marks),
                f.board.current_continuous_a,
                f.board.name,
            ),
        )
    )


def spread_charge(cell: Cell, capacity_as: float, low_v: float, high_v: float) -> float:
    """Return the charge that one group is behind another, by their resting voltages.

    Parameters
    ----------
    cell : Cell
        Its chemistry gives the curve.
    capacity_as : float
        Of a group, A·s.
    low_v, high_v : float
        Resting voltages of the two groups, V.

    Returns
    -------
    charge : float
        A·s.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from types import SimpleNamespace
    >>> from firmcell.core.model.chemistry import Chemistry, resting_voltage
    >>> ion = SimpleNamespace(chemistry=Chemistry.LI_ION)
    >>> low, high = (float(resting_voltage(Chemistry.LI_ION, soc)) for soc in (0.40, 0.60))
    >>> round(spread_charge(ion, 10_000.0, low, high), -1)  # a fifth of the charge apart
    2000.0
    """
    soc = np.linspace(0.0, 1.0, 401)
    rest = resting_voltage(cell.chemistry, soc)
    at = np.interp([low_v, high_v], rest, soc)
    return float(at[1] - at[0]) * capacity_as


def balancing_time(charge_as: float, balance_a: float) -> float:
    """Return how long in s a board that draws `balance_a` takes to even out `charge_as`, half of each charge
    being balanced.

    No current gives infinity.

    Parameters
    ----------
    charge_as : float
        A·s.
    balance_a : float
        A.

    Returns
    -------
    time : float
        s.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> balancing_time(360.0, 0.1)  # an hour at full time, two at half
    7200.0
    """
    return charge_as / (balance_a * BALANCE_DUTY) if balance_a > 0 else float("inf")


class Selectivity(Frozen):
    """Who opens first, from the load's peak up.

    Attributes
    ----------
    margin : the board's trip over the load's peak.
    board_first : whether the board opens before the fuse does, at its trip current.
    wire_stands : whether the wire stands the trip current for the board's delay.
    strip_stands : whether the collecting strip stands the trip current for the board's delay.
    fuse_saves : whether the fuse opens, at the board's trip current, before wire and strip are damaged.
    fuse_covers_short : whether the fuse opens the prospective short circuit, should the board's switches not.
    gap_from_a, gap_to_a : currents above the wire's limit at which neither board nor fuse is sure to
        open; None if there are none.
    words : in one sentence.
    """

    margin: float
    board_first: bool
    wire_stands: bool
    strip_stands: bool
    fuse_saves: bool
    fuse_covers_short: bool
    gap_from_a: float | None
    gap_to_a: float | None
    words: str

    @property
    def good(self) -> bool:
        """Everything is in its order."""
        return (
            self.margin >= TRIP_OVER_PEAK
            and self.board_first
            and self.wire_stands
            and self.gap_from_a is None
        )

    @property
    def harms(self) -> bool:
        """Whether something is damaged, or the pack cuts out in use: not only opens in another order."""
        unprotected = not (self.wire_stands and self.strip_stands) and not self.fuse_saves
        return self.margin < TRIP_OVER_PEAK or unprotected or self.gap_from_a is not None


def selectivity(
    board: Board,
    fuse: Fuse | None,
    wire: Wire,
    laying: WireLaying,
    strip: tuple[Strip, int, float],
    duty: Duty,
    short_a: float,
    ambient_k: float,
    parallel: int = 1,
) -> Selectivity:
    """Return whether load, board, fuse and wire open in that order; currents in A, `strip` with its layers
    and share, `parallel` leads of each pole side by side."""
    trip, delay = board.current_peak_a, max(board.trip_delay_s, 1e-3)
    limit_k = wire.insulation_limit_k
    share = carriers(parallel)
    limit = share * float(rated_current((wire,), limit_k, ambient_k, laying, 2)[0])
    opens = float(opening_times(fuse, trip)[1]) if fuse is not None else 0.0
    until = max(delay, opens if opens < NEVER_S else 0.0)
    asked = trip / share, duty.lasting_a / share, limit_k, ambient_k, laying, 2
    wire_s = float(wire_times(wire, *asked, until))
    strip_s = float(strip_times(*strip, trip, duty.lasting_a, ambient_k))
    stands, strip_stands = wire_s > delay, strip_s > delay
    saves = fuse is not None and opens < min(wire_s, strip_s)
    first = fuse is None or float(opening_times(fuse, trip)[0]) > delay
    covers = fuse is not None and fuse.breaking_a >= short_a
    gap = (limit, trip) if limit < trip and (fuse is None or fuse.rating_a > limit) else (None, None)
    parts = []
    if trip < TRIP_OVER_PEAK * duty.peak_a:
        parts.append(f"the board trips at {amperes(trip)}, {figures(trip / duty.peak_a)} times the peak")
    if not first and fuse is not None:
        parts.append(f"at {amperes(trip)} the {fuse.name} may blow before the board trips")
    if not stands and not saves:
        parts.append(f"the wire does not stand {amperes(trip)} for the board's {figures(delay)} s")
    if not strip_stands and not saves:
        parts.append(
            f"the collecting strip does not stand {amperes(trip)} for the board's {figures(delay)} s"
        )
    if gap[0] is not None and gap[1] is not None:
        parts.append(
            f"from {amperes(gap[0])} to {amperes(gap[1])} neither board nor fuse protects the wire's insulation"
        )
    words = (
        "; ".join(parts)
        or "load, board, fuse and wire in this order: the board trips first, the fuse is for what the board cannot open"
    )
    return Selectivity.model_construct(
        margin=trip / duty.peak_a,
        board_first=first,
        wire_stands=stands,
        strip_stands=strip_stands,
        fuse_saves=saves,
        fuse_covers_short=covers,
        gap_from_a=gap[0],
        gap_to_a=gap[1],
        words=words[0].upper() + words[1:],
    )
