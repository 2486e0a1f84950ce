"""What a run gave."""

from enum import StrEnum

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen


class EndedBy(StrEnum):
    """What ended a run."""

    LOAD = "load cut-off"
    CELL_EMPTY = "cell empty"
    BOARD_UNDER = "board: group under-voltage"
    BOARD_OVER = "board: group over-voltage"
    CELL_OVER = "cell over its full voltage"
    BOARD_TRIP = "board: current trip"
    FUSE = "fuse"
    TOO_HOT = "cell too hot"
    TOO_COLD = "too cold to charge"
    COLD_TO_GIVE = "too cold to discharge"
    TOO_MUCH = "more power than the pack can give"
    FULL = "full"
    FALL = "full: voltage fell"
    RISE = "full: warms fast"
    TIME = "end of what was asked"
    STOPPED = "stopped before its end"
    OPEN = "no way for the current"


@frozen(eq=False)
class RunResult:
    """A run of a pack of n cells, at k moments.

    Attributes
    ----------
    time_s, voltage_v, current_a : at the load (k,); current out of the pack is positive.
    group_least_v, group_most_v : of the weakest and the strongest group (k,), V.
    temperature_max_k, temperature_mean_k, charge_min, charge_max : over the cells (k,).
    cell_charge, cell_a, cell_k : of each cell at each moment (k, n).
    energy_j, delivered_as : to the load; negative in charge.
    heat_j, drop_j, chemical_j : heat of the cells, lost in strips, joints and leads, and taken from the
    cells' resting
        voltage with the reversible heat: they and the energy close the balance.
    ended_by, ended_at : what ended it, and the number of the group or cell where, 0 for none.
    """

    numbers: NDArray[np.intp]
    groups: NDArray[np.intp]
    time_s: Array
    voltage_v: Array
    current_a: Array
    group_least_v: Array
    group_most_v: Array
    temperature_max_k: Array
    temperature_mean_k: Array
    charge_min: Array
    charge_max: Array
    cell_charge: Array
    cell_a: Array
    cell_k: Array
    energy_j: float
    delivered_as: float
    heat_j: float
    drop_j: float
    chemical_j: float
    ended_by: EndedBy
    ended_at: int

    @property
    def balance(self) -> float:
        """What is missing in the energy balance over what was taken from the cells; 0 if it closes."""
        whole = max(abs(self.chemical_j), abs(self.heat_j), 1e-9)
        return (self.chemical_j - self.energy_j - self.heat_j - self.drop_j) / whole

    def at(self, time_s: float) -> int:
        """Return the number of the moment nearest to a time."""
        return int(np.abs(self.time_s - time_s).argmin())
