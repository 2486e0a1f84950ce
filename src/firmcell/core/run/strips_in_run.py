"""The strips of a pack through a run: what they resist as they warm, and which cells their heat goes to."""

import numpy as np
from numpy.typing import NDArray

from firmcell.core.base.arrays import Array
from firmcell.core.base.frozen import frozen
from firmcell.core.model.limits import RUNAWAY_K
from firmcell.core.physics.wire_heat import CELSIUS_20
from firmcell.core.strips.under_load import UnderLoad


@frozen(eq=False)
class StripsInRun:
    """The resistors of a network of n cells, as they were solved at one current.

    Attributes
    ----------
    ohm, kelvin, more : of each resistor (m,): Ω, at which temperature, K, and by what share of that it grows
        for each kelvin, 1/K.
    cells : the two cells each lies between (m, 2), by place.
    own_k : how much warmer than their mean it was (m,), K.
    current_a : of the pack, at which that was so, A.
    weight : share of all loss in cells and strips that each had (m,).
    of_cell : share of the strips' heat that goes into each cell (n,).
    """

    ohm: Array
    kelvin: Array
    more: Array
    cells: NDArray[np.intp]
    own_k: Array
    current_a: float
    weight: Array
    of_cell: Array

    def grown(self, cell_k: Array, current_a: float) -> Array:
        """Return what each resists over what it was solved with (m,), with cells at `cell_k` (n,), K, and a
        current of the pack, A.

        What a strip is warmer than its cells goes with the square of the current; it follows within
        seconds, and is taken to do so at once.
        """
        square = (current_a / self.current_a) ** 2
        between = (cell_k[self.cells[:, 0]] + cell_k[self.cells[:, 1]]) / 2
        return 1 + self.more * (warmed(between, self.own_k * square, self.kelvin, self.more) - self.kelvin)


def warmed(between_k: Array, own_k: Array, solved_k: Array, more: Array) -> Array:
    """Return the temperature of metal between cells, its own heat growing with its resistance.

    Parameters
    ----------
    between_k : ndarray
        Of the cells it lies between, K.
    own_k : ndarray
        What it would be warmer than they are with the resistance it was solved with, K.
    solved_k, more : ndarray
        At which temperature that was, K, and by what share of it it grows for each kelvin, 1/K.

    Returns
    -------
    temperature : ndarray
        K, `RUNAWAY_K` at most.

    Notes
    -----
    T = Tc + ϑ (1 + a (T − T₀)), solved for T; it runs away where ϑ a reaches 1.

    References
    ----------
    .. [1] incropera

    Examples
    --------
    >>> found = warmed(np.array([300.0]), np.array([10.0]), np.array([310.0]), np.array([0.005]))
    >>> found.tolist()  # as warm as it was solved: nothing changes
    [310.0]
    >>> round(float(warmed(np.array([300.0]), np.array([40.0]), np.array([310.0]), np.array([0.005]))[0]), 3)
    347.5
    """
    left = 1 - own_k * more
    kelvin = between_k + own_k * (1 + more * (between_k - solved_k)) / np.maximum(left, 1e-9)
    return np.asarray(np.clip(kelvin, between_k, RUNAWAY_K))


def strips_in_run(metal: UnderLoad) -> StripsInRun:
    """Return the strips of a pack solved at its steady current."""
    network, figures = metal.network, metal.figures
    count, spans = len(network.ohm), len(metal.kinds)
    place = {c.number: n for n, c in enumerate(metal.layout.cells)}
    kelvin, per_k = np.full(count, CELSIUS_20), np.zeros(count)
    cells = np.zeros((count, 2), dtype=np.intp)
    for n, (segment, kind) in enumerate(zip(figures.segments, metal.kinds, strict=False)):
        cells[n] = [place[number] for number in segment.cells]
        per_k[n] = metal.strips[kind][0].temperature_coefficient_per_k
    kelvin[:spans] = [segment.in_place_k for segment in figures.segments[:spans]]
    for at, one in metal.work.sheets.items():
        between, siemens = one.sheet.pairs()
        joints = np.array([place[n] for n in (*metal.runs[at].cells, *one.sheet.tab_cells)], dtype=np.intp)
        cells[one.ohms] = joints[between]
        per_k[one.ohms] = metal.bands.strip.temperature_coefficient_per_k
        if metal.bands.strip.temperature_coefficient_per_k > 0:
            kelvin[one.ohms] += (network.ohm[one.ohms] * siemens - 1) / per_k[one.ohms]
    lost = metal.state.current_a**2 * network.ohm
    all_lost = lost.sum() + (metal.state.cell_a**2 * network.cell_ohm).sum()
    own_k = np.maximum(kelvin - metal.cell_k[cells].mean(axis=1), 0.0)
    own_k[:spans] = metal.own_k[:spans]
    return StripsInRun(
        network.ohm,
        kelvin,
        per_k / (1 + per_k * (kelvin - CELSIUS_20)),
        cells,
        np.where(per_k > 0, own_k, 0.0),
        max(metal.current_a, 1e-9),
        lost / max(float(all_lost), 1e-12),
        _heated(metal, place),
    )


def _heated(metal: UnderLoad, place: dict[int, int]) -> Array:
    """Share of the strips' heat that goes into each cell (n,): half of a segment's to each of its ends."""
    found = np.zeros(len(place))
    for segment in metal.figures.segments:
        for number in segment.cells:
            found[place[number]] += segment.heat_w / 2
    whole = float(found.sum())
    return found / whole if whole > 0 else np.full(len(found), 1 / len(found))
