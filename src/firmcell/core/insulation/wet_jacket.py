"""A pack sealed in clear sleeve: sleeve, plates with their notches, sealant, air inside, and whether it
floats."""

from itertools import pairwise
from math import pi

from firmcell.core.base.frozen import frozen
from firmcell.core.insulation.outer_size import SLIDE_ON_M, next_stock_size
from firmcell.core.model.job_details import WetJacket
from firmcell.core.model.parts import Cell, Sleeve

NOTCH_EASE_M = 0.0003
"""A notch is wider than its wire by so much, so that sealant gets in all round, m; common practice, no source."""
TRIM_M = 0.010
"""Sleeve past the lip at each end before it is trimmed, m; common practice, no source."""
WASTE = 1.3
"""Sealant laid for sealant that stays; engineering judgement."""
WATER_KG_M3, PLATE_KG_M3, SLEEVE_KG_M3, GRAVITY = 998.0, 1200.0, 1300.0, 9.81


@frozen
class Notch:
    """A notch in the rim of a plate, for one wire: middle from the middle of the plate's width, width and
    depth,
    m; in its upper or its lower edge."""

    at_m: float
    wide_m: float
    deep_m: float
    upper: bool


@frozen
class JacketedPack:
    """What a wet jacket takes and becomes.

    Attributes
    ----------
    around_m : circumference of the pack's section, m.
    flat_m : least flat width of sleeve that slides on, m.
    sleeve : that of stock; None where none slides on and grips.
    cut_m : sleeve, with lips and what is trimmed off, lengthwise shrink in it.
    plate_m : width and height of the end plates, m.
    notches : in the plate that the wires leave through.
    bead_m : length of fillet at both ends, rims and wires, m.
    sealant_m3 : with waste.
    size_m : finished, m.
    air_m3 : inside, at most: what neither cells nor plates fill.
    mass_kg : finished, about.
    lift_n : buoyancy less weight, N; above 0 it floats.
    """

    around_m: float
    flat_m: float
    sleeve: Sleeve | None
    cut_m: float
    plate_m: tuple[float, float]
    notches: tuple[Notch, ...]
    bead_m: float
    sealant_m3: float
    size_m: tuple[float, float, float]
    air_m3: float
    mass_kg: float
    lift_n: float


def rounded(width_m: float, height_m: float, corner_m: float) -> tuple[float, float]:
    """Return circumference and area of a rectangle with round corners.

    Parameters
    ----------
    width_m, height_m, corner_m : float
        m; a corner larger than half a side counts as half the smaller side.

    Returns
    -------
    around_m, area_m2 : float

    References
    ----------
    .. [1] plane-geometry

    Examples
    --------
    >>> around, area = rounded(2.0, 2.0, 1.0)  # a circle
    >>> round(around / pi, 9), round(area / pi, 9)
    (2.0, 1.0)
    """
    r = min(corner_m, width_m / 2, height_m / 2)
    return 2 * (width_m + height_m) - (8 - 2 * pi) * r, width_m * height_m - (4 - pi) * r**2


def jacketed(
    job: WetJacket,
    cell: Cell,
    count: int,
    wires_m: tuple[float, ...],
    pack_kg: float,
    stock: tuple[Sleeve, ...],
) -> JacketedPack:
    """Return what a wet jacket takes and what the pack becomes.

    Parameters
    ----------
    job : WetJacket
    cell, count : Cell, int
        What fills the pack: the air inside is what they leave.
    wires_m : tuple of float
        Outer diameters of all wires that leave through a plate, m.
    pack_kg : float
        Of the pack as it is, kg.
    stock : tuple of Sleeve

    Returns
    -------
    jacketed : JacketedPack

    Notes
    -----
    Plates are the pack's section less
    the sleeve's
    wall all round, so that the sleeve locks them as it goes tight. The fillet goes round the rim of both
    plates, inside
    the lip, and round each wire on both sides of its plate.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> made = jacketed(WetJacket(corner_m=0.0), CELL, 5, (0.003, 0.003), 0.3, ())
    >>> round(made.flat_m * 1e3, 6)  # half of 180 mm, and the ease
    92.0
    """
    around, area = rounded(job.width_m, job.height_m, job.corner_m)
    found = next_stock_size(stock, around / 4, around / 4)
    shrink = found.lengthwise_shrink if found else 0.1
    inside_long = job.length_m + 2 * job.plate_m
    plate = (job.width_m - 2 * job.wall_m, job.height_m - 2 * job.wall_m)
    notches = _notches(wires_m, plate[0])
    bead, sealant = _sealant(job, plate, notches, wires_m)
    size = (inside_long + 2 * job.lip_m, job.width_m + 2 * job.wall_m, job.height_m + 2 * job.wall_m)
    air = area * job.length_m - count * _cell_volume(cell)
    mass, lift = _in_water(job, around, size, plate, pack_kg, sealant)
    cut = (inside_long + 2 * (job.lip_m + TRIM_M)) / (1 - shrink)
    flat = around / 2 + SLIDE_ON_M
    return JacketedPack(
        around, flat, found, cut, plate, notches, bead, sealant, size, max(air, 0.0), mass, lift
    )


def _cell_volume(cell: Cell) -> float:
    face = cell.diameter_m**2 * pi / 4 if cell.is_round else cell.diameter_m * cell.width_m
    return face * cell.length_m


def _in_water(
    job: WetJacket,
    around_m: float,
    size_m: tuple[float, float, float],
    plate_m: tuple[float, float],
    pack_kg: float,
    sealant_m3: float,
) -> tuple[float, float]:
    """Mass of the jacketed pack, kg, and its buoyancy less its weight, N."""
    plates_m3 = 2 * rounded(*plate_m, job.corner_m)[1] * job.plate_m
    sleeve_m3 = around_m * job.wall_m * size_m[0]
    mass = pack_kg + PLATE_KG_M3 * (plates_m3 + sealant_m3) + SLEEVE_KG_M3 * sleeve_m3
    # The lips stand open to the water: they displace nothing but their own wall.
    displaced = rounded(size_m[1], size_m[2], job.corner_m + job.wall_m)[1] * (size_m[0] - 2 * job.lip_m)
    return mass, (displaced * WATER_KG_M3 - mass) * GRAVITY


def _sealant(
    job: WetJacket, plate_m: tuple[float, float], notches: tuple[Notch, ...], wires_m: tuple[float, ...]
) -> tuple[float, float]:
    """Length of the fillet round both rims and both sides of each wire, m, and the sealant with what fills
    the
    notches, m³."""
    bead = 2 * rounded(*plate_m, job.corner_m)[0] + 2 * sum(pi * d for d in wires_m)
    around_wires = (n.wide_m * n.deep_m - pi * d**2 / 4 for n, d in zip(notches, wires_m, strict=True))
    return bead, WASTE * (bead * job.bead_m**2 / 2 + max(sum(around_wires), 0.0) * job.plate_m)


def _notches(wires_m: tuple[float, ...], width_m: float) -> tuple[Notch, ...]:
    """Notches in turn in the upper and the lower edge, so that plus and minus lie far from each other;
    along an edge
    evenly, each as deep as its wire is thick and a little more."""
    found = {}
    for upper in (True, False):
        numbers = range(0 if upper else 1, len(wires_m), 2)
        step = width_m / (len(numbers) + 1)
        for place, number in enumerate(numbers, start=1):
            size = wires_m[number] + NOTCH_EASE_M
            found[number] = Notch(-width_m / 2 + step * place, size, size, upper)
    return tuple(found[number] for number in range(len(wires_m)))


def notches_apart(made: JacketedPack) -> float:
    """Return the least wall between two notches, or between one and the plate's edge.

    Parameters
    ----------
    made : JacketedPack

    Returns
    -------
    apart : float
        m; below 0 they overlap.

    References
    ----------
    .. [1] plane-geometry

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import CELL
    >>> round(notches_apart(jacketed(WetJacket(), CELL, 5, (0.003, 0.003), 0.3, ())) * 1e3, 6)
    22.95
    """
    half = made.plate_m[0] / 2
    apart = []
    for upper in (True, False):
        along = sorted(
            (n.at_m - n.wide_m / 2, n.at_m + n.wide_m / 2) for n in made.notches if n.upper is upper
        )
        apart += [b[0] - a[1] for a, b in pairwise([(-half, -half), *along, (half, half)])]
    return min(apart)
