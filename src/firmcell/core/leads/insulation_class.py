"""Insulation of wires: classes by material and temperature, and any wire of the part library covered with
another of them."""

from functools import lru_cache

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.model.parts import GENERIC, Conductor, Wire
from firmcell.core.physics.wire_heat import CLASS_2_OHM_PER_KM, COPPER_DENSITY, conductor_diameter


@frozen
class Insulation:
    """One class of insulation.

    Attributes
    ----------
    limit_k : greatest temperature of the conductor, K.
    walls : wall in mm up to a copper area in mm², thinnest first.
    density_kg_m3 : of the insulation.
    bend : smallest inside radius of a laid wire, in outer diameters, fine-stranded.
    """

    name: str
    limit_k: float
    walls: tuple[tuple[float, float], ...]
    density_kg_m3: float
    bend: float
    words: str


PVC_WALLS = ((0.55, 0.40), (1.6, 0.60), (6.1, 0.80), (16.1, 1.0), (35.1, 1.2), (70.1, 1.4), (1e3, 1.6))
THIN_WALLS = ((0.6, 0.25), (1.6, 0.30), (6.1, 0.45), (16.1, 0.65), (35.1, 0.80), (70.1, 1.0), (1e3, 1.2))
INSULATIONS = {
    i.name: i
    for i in (
        Insulation("silicone", 453.15, (), 1200.0, 3.0, "soft, stands the iron, cut by sharp edges"),
        Insulation("silicone 200", 473.15, (), 1200.0, 3.0, "soft, stands the iron, cut by sharp edges"),
        Insulation("PVC 80", 353.15, PVC_WALLS, 1400.0, 4.0, "melts back at the iron; stiff in the cold"),
        Insulation("PVC 105", 378.15, PVC_WALLS, 1400.0, 4.0, "melts back at the iron; stiff in the cold"),
        Insulation(
            "XLPE 125", 398.15, THIN_WALLS, 950.0, 4.0, "thin and tough; does not melt, stiffer than silicone"
        ),
        Insulation("PTFE 200", 473.15, THIN_WALLS, 2150.0, 5.0, "thin, stands the iron, stiff; nicks run"),
    )
}
"""Limits as the classes are named; silicone is rated 180 °C unless it says 200. Walls, densities and bends
are generic class values."""
STIFFER = {Conductor.FINE: 1.0, Conductor.STRANDED: 1.5, Conductor.SOLID: 2.0}
"""Smallest bend against that of a fine-stranded wire; generic class value."""
FINE_OVER_STRANDED = 1.10
TINNED = 1.03
"""Resistance of tinned strands over plain ones; about what IEC 60228 allows in class 5 (value from
memory)."""


@lru_cache(maxsize=1024)
def covered(wire: Wire, insulation: str, conductor: Conductor = Conductor.FINE, tinned: bool = False) -> Wire:
    """Return the wire of the same gauge with another insulation, conductor or tinning.

    Parameters
    ----------
    wire : Wire
        A plain, fine-stranded one of the part library.
    insulation : str
        A name in `INSULATIONS`; an unknown one leaves the covering as it is.

    Notes
    -----
    Solid and stranded metric conductors have the resistance of IEC 60228 classes 1 and 2. Solid AWG
    conductors have about 2 % less than stranded ones; that is not counted, which errs high. Silicone keeps
    the diameter it has in the part library.
    """
    asked = INSULATIONS.get(insulation)
    if asked is None or (
        wire.insulation == insulation and wire.conductor is conductor and wire.tinned == tinned
    ):
        return wire
    area = wire.area_m2 * 1e6
    plain = wire.resistance_ohm_per_m / (TINNED if wire.tinned else 1.0)
    if wire.conductor is not Conductor.FINE and conductor is Conductor.FINE:
        # What the fine-stranded one of this gauge has is not known here; class 5 lies up to a tenth over
        # class 2.
        plain *= FINE_OVER_STRANDED
    if conductor is not Conductor.FINE and wire.gauge.endswith("mm²"):
        plain = CLASS_2_OHM_PER_KM.get(round(area, 4), plain * 1e3) * 1e-3
    resistance = plain * (TINNED if tinned else 1.0)
    outer = wire.outer_diameter_m
    if asked.walls:
        copper = conductor_diameter(wire.area_m2)
        if conductor is Conductor.SOLID:
            copper = np.sqrt(4 * wire.area_m2 / np.pi)
        outer = float(copper) + 2e-3 * next(wall for most, wall in asked.walls if area <= most)
    covering = max(np.pi / 4 * outer**2 - wire.area_m2, 0.0)
    kind = "" if conductor is Conductor.FINE else f", {conductor.value}"
    return wire.model_copy(
        update={
            "name": f"{wire.gauge} {insulation}{kind}{', tinned' if tinned else ''}",
            "insulation": insulation,
            "insulation_limit_k": asked.limit_k,
            "conductor": conductor,
            "tinned": tinned,
            "resistance_ohm_per_m": resistance,
            "outer_diameter_m": outer,
            "mass_kg_per_m": wire.area_m2 * COPPER_DENSITY + covering * asked.density_kg_m3,
            "source": f"{GENERIC}; copper as {wire.name}",
        }
    )


def smallest_bend(wire: Wire) -> float:
    """Return the smallest inside radius that a wire may be laid with; as given, else that of its class.

    Parameters
    ----------
    wire : Wire

    Returns
    -------
    radius : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> round(smallest_bend(WIRE) * 1e3, 6)  # fine strands under silicone: three times 3 mm
    9.0
    """
    if wire.bend_radius_m is not None:
        return wire.bend_radius_m
    kind = INSULATIONS.get(wire.insulation)
    return (kind.bend if kind else 4.0) * STIFFER[wire.conductor] * wire.outer_diameter_m


def like(wires: tuple[Wire, ...], wire: Wire) -> tuple[Wire, ...]:
    """Return the wires of a library covered and made up as `wire` is, so that gauges are compared and nothing
    else."""
    return tuple(covered(w, wire.insulation, wire.conductor, wire.tinned) for w in wires)
