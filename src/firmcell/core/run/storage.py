"""A pack that is left in store: what its board and its cells take by themselves, and until when."""

from math import log

import numpy as np
from numpy.typing import ArrayLike

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.base.quantity import ZERO_CELSIUS
from firmcell.core.model.chemistry import Chemistry

MONTH_S = 30 * 86_400.0
SELF_A_MONTH: dict[Chemistry, tuple[float, float, float]] = {
    Chemistry.LI_ION: (0.01, 0.02, 0.05),
    Chemistry.LFP: (0.01, 0.02, 0.05),
    Chemistry.LTO: (0.01, 0.02, 0.05),
    Chemistry.NIMH: (0.02, 0.25, 0.35),
    Chemistry.NICD: (0.08, 0.15, 0.25),
}
"""Share lost in a month at 25 °C, least, likely and most: of a lithium cell's capacity, of what a nickel cell holds (the
least of metal hydride is that of cells made to hold their charge). Common practice, no source."""
AT_K, DOUBLES_K = ZERO_CELSIUS + 25.0, 10.0
"""Self-discharge is told at this temperature, and doubles for so many degrees; common practice, no source."""
NEARLY_EMPTY, STORED_AT_SOC = 0.05, 0.5
NOTHING = 1e-15
"""Share of a capacity a second that is as good as none: not a millionth in twenty years."""
LONGEST_S = 20 * 365.25 * 86_400.0
POINTS = 120


@frozen(eq=False)
class Storage:
    """A pack in store; of three edges the first is the one that empties last, the third the one that empties
    first.

    Attributes
    ----------
    time_s : (n,).
    charge : state of charge (3, n).
    nearly_empty_s, empty_s : when a twentieth is left, and when nothing is (3,); infinite where it is later
        than twenty years.
    kelvin : of the store.
    board_share : of what is lost in the likely case, what the board takes.
    """

    time_s: Array
    charge: Array
    nearly_empty_s: Array
    empty_s: Array
    kelvin: float
    board_share: float

    def apart(self, time_s: float) -> float:
        """Return how far a group that loses as the worst of its class is behind one that loses as is likely,
        as a share of the capacity, after some time in store."""
        likely, worst = (float(np.interp(time_s, self.time_s, edge)) for edge in self.charge[1:])
        return likely - worst


def in_store(
    chemistry: Chemistry, capacity_as: float, standby_a: float, start: float, kelvin: float
) -> Storage:
    """Return what becomes of a pack in store, until the last edge is empty.

    Parameters
    ----------
    chemistry : Chemistry
    capacity_as : float
        Of the pack, A·s.
    standby_a : float
        What its board draws all the time, A; 0 without one.
    start : float
        State of charge at which it is put away, 0 to 1.
    kelvin : float
        Of the store.

    Notes
    -----
    Lithium: the charge falls by a constant share of the capacity. Nickel: by a share of what is left,
    ``q = (q0 + s/k) exp(-k t) - s/k`` with the board's share s of the capacity a second. Groups are taken
    alike; the least of a pack empties sooner.
    """
    board = standby_a / capacity_as
    warm = 2.0 ** ((kelvin - AT_K) / DOUBLES_K)
    shares = np.array(SELF_A_MONTH[chemistry])
    if chemistry.is_lithium:
        own = shares * warm / MONTH_S
        board_share = board / (board + own[1])
    else:
        own = -np.log(1.0 - shares) * warm / MONTH_S
        board_share = board / (board + own[1] * start)
    nearly = _until(chemistry, own, board, start, NEARLY_EMPTY)
    empty = _until(chemistry, own, board, start, 0.0)
    # A nickel cell without a board never is quite empty.
    last = float(max(np.where(np.isfinite(empty), empty, nearly).max(), MONTH_S))
    # Closer at the start, where nickel falls fastest.
    time = min(last, LONGEST_S) * np.linspace(0.0, 1.0, POINTS) ** 2
    return Storage(
        time, charge_after(chemistry, own, board, start, time), nearly, empty, kelvin, float(board_share)
    )


def charge_after(chemistry: Chemistry, own: Array, board: float, start: float, time_s: ArrayLike) -> Array:
    """Return the state of charge after some time in store (3, n), never below nothing; `own` and `board` are
    what cells and board take a second."""
    time = np.asarray(time_s, dtype=float)[None, :]
    rate = own[:, None]
    if chemistry.is_lithium:
        left = start - (board + rate) * time
    else:
        left = (start + board / rate) * np.exp(-rate * time) - board / rate
    return np.asarray(np.maximum(left, 0.0))


def _until(chemistry: Chemistry, own: Array, board: float, start: float, least: float) -> Array:
    """When the charge has fallen to `least` (3,), s."""
    if start <= least:
        return np.zeros(3)
    if chemistry.is_lithium:
        found = (start - least) / (board + own)
    elif board < NOTHING and least == 0.0:
        found = np.full(3, np.inf)
    else:
        found = np.asarray([(log(start + board / k) - log(least + board / k)) / k for k in own])
    return np.where(found > LONGEST_S, np.inf, found)
