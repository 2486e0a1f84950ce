"""Fuse wires at the cells: what one carries, what melts it, and which shorted cell it lets go.

Schools differ: some builders give each cell of a large group a thin wire so that a cell that fails shorted is
left alone by its neighbours; others trust the cells. Both are supported.
"""

from math import inf

from firmcell.core.base.frozen import frozen
from firmcell.core.leads.fuse_timing import opening_times
from firmcell.core.model.design import Design
from firmcell.core.model.parts import Fuse
from firmcell.core.physics.short_wire import melts_for_certain, melts_no_sooner, middle_rise, resistance

STOCK_M = (0.0002, 0.00025, 0.0003, 0.00035, 0.0004, 0.0005, 0.0006, 0.0007, 0.0008)
"""Diameters of bare copper wire that are easy to find, m; generic."""
RISE_K = 60.0
"""Most that the middle of a fuse wire may be hotter than its ends in use, K: solder and the cell's wrap are near;
engineering judgement."""
UNEVEN = 1.25
"""The most loaded cell's current over an even part, since cells differ; engineering judgement."""
ENDS_COOL_K = 293.15
"""A fuse wire must melt even while plate and cell are as cool as this, K."""


@frozen
class CellFuse:
    """What a fuse wire of one diameter does in a pack.

    Attributes
    ----------
    diameter_m, free_m : m.
    peak_a : most that flows through one in use, cells differing, A.
    rise_k : how much hotter its middle is than its ends at that current, K; infinite where it does not
        settle.
    melts_a : the least current that is certain to melt it, A.
    hard_a : current into a cell shorted as hard as it can be, limited by its neighbours and the wires
        alone, A; cells nearly empty.
    softest_ohm : the softest short inside a cell that still opens its wire, Ω; negative where none
        does.
    neighbours_too : whether a neighbour's wire carries so much that it melts as well.
    pack_short_s : how long they stand a short of the whole pack at least, s.
    """

    diameter_m: float
    free_m: float
    peak_a: float
    rise_k: float
    melts_a: float
    hard_a: float
    softest_ohm: float
    neighbours_too: bool
    pack_short_s: float

    @property
    def carries(self) -> bool:
        """Whether it stays cool enough in use."""
        return self.rise_k <= RISE_K

    def leaves(self, cell_ohm: float) -> bool:
        """Whether it opens for a short no harder than a cell's own resistance, and only it does."""
        return self.softest_ohm >= cell_ohm and not self.neighbours_too


def cell_fuse(design: Design, diameter_m: float, short_a: float) -> CellFuse:
    """Return what a fuse wire of `diameter_m` at each cell does.

    Parameters
    ----------
    design : Design
    diameter_m : float
        m.
    short_a : float
        What a short of the whole pack drives, A.

    Returns
    -------
    figures : CellFuse

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from types import SimpleNamespace as Of
    >>> from firmcell.core.model.sample_parts import CELL
    >>> duty = Of(peak_a=20.0, lasting_a=10.0)
    >>> pack = Of(cell=CELL, brief=Of(duty=duty), joining=Of(fuse_free_m=0.008), parallel=4)
    >>> four = cell_fuse(pack, 0.0003, 500.0)
    >>> round(four.peak_a, 9), round(four.hard_a * (0.00195 + 0.03195 / 3), 1)  # Ohm: 2.5 V empty
    (6.25, 2.5)
    """
    cell, others, duty = design.cell, design.parallel - 1, design.brief.duty
    free = design.joining.fuse_free_m
    wire = resistance(diameter_m, free)
    warm = design.cell.temperature_max_k
    peak = UNEVEN * max(duty.peak_a, duty.lasting_a) / design.parallel
    melts = melts_for_certain(diameter_m, free, ENDS_COOL_K)
    # Nearly empty cells drive least.
    fed_by = (cell.resistance_ohm + wire) / others if others else inf
    hard = cell.empty_v / (wire + fed_by)
    return CellFuse(
        diameter_m=diameter_m,
        free_m=free,
        peak_a=peak,
        rise_k=middle_rise(diameter_m, free, warm, peak),
        melts_a=melts,
        hard_a=hard,
        softest_ohm=cell.empty_v / melts - wire - fed_by,
        neighbours_too=others < 2,
        pack_short_s=melts_no_sooner(diameter_m, UNEVEN * short_a / design.parallel, warm),
    )


def best_wire(design: Design, short_a: float, fuse: Fuse | None) -> CellFuse | None:
    """Return the thickest stock wire that carries the load, leaves a shorted cell alone, and outlasts the
    main fuse in a short of the pack; None where no wire does."""
    figures = [cell_fuse(design, diameter, short_a) for diameter in STOCK_M]
    fit = [
        f
        for f in figures
        if f.carries and f.leaves(design.cell.resistance_ohm) and (fuse is None or outlasts(f, fuse, short_a))
    ]
    return max(fit, key=lambda f: f.diameter_m, default=None)


def outlasts(wire: CellFuse, fuse: Fuse, short_a: float) -> bool:
    """Whether wires stand a short of the pack longer than its main fuse, at `short_a` and two thirds of it.

    Else they burn first, a whole group at once, with the pack's voltage across their arcs. `short_a` is
    taken high elsewhere, where a fuse must break it.
    """
    return all(
        float(opening_times(fuse, share * short_a)[1]) < wire.pack_short_s / share**2
        for share in (1.0, 2 / 3)
    )
