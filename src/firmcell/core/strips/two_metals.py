"""Strips of two metals one on the other, as one strip with the same current, heat and mass."""

from functools import lru_cache

from firmcell.core.model.parts import Strip


@lru_cache(maxsize=64)
def laid_together(strip: Strip, layers: int, under: Strip | None) -> tuple[Strip, int]:
    """Return one strip and its number of layers that stand for `layers` of `strip` with one of `under` below.

    Parameters
    ----------
    strip : Strip
        What lies on top and is welded through.
    layers : int
        Of it.
    under : Strip or None
        One layer of better metal on the pads; None leaves the strip as it is.

    Notes
    -----
    The metals lie side by side for current and heat: conductances add (Kirchhoff), the temperature
    coefficient is their mean weighted by conductance at 20 °C, density and heat capacity are weighted by
    section and by mass. It gives off heat over the wider of the two. That the joint shares the current evenly
    is assumed: every weld goes through both.

    References
    ----------
    .. [1] kirchhoff

    Examples
    --------
    >>> from firmcell.core.model.parts import Strip, StripMetal
    >>> nickel = Strip(name="nickel 0.15 × 8", metal=StripMetal.NICKEL, thickness_m=1.5e-4, width_m=8e-3,
    ...     resistivity_ohm_m=6.93e-8, temperature_coefficient_per_k=0.006, density_kg_m3=8900.0,
    ...     heat_capacity_j_kg_k=444.0)
    >>> laid_together(nickel, 2, None) == (nickel, 2)
    True
    """
    return (strip, layers) if under is None else (_as_one(strip, layers, under), 1)


def _as_one(strip: Strip, layers: int, under: Strip) -> Strip:
    top, below = strip.section_m2 * layers, under.section_m2
    top_s, below_s = top / strip.resistivity_ohm_m, below / under.resistivity_ohm_m
    section, siemens = top + below, top_s + below_s
    width = max(strip.width_m, under.width_m)
    top_kg, below_kg = top * strip.density_kg_m3, below * under.density_kg_m3
    return strip.model_copy(
        update={
            "name": f"{strip.name} on {under.name}",
            "width_m": width,
            "thickness_m": section / width,
            "resistivity_ohm_m": section / siemens,
            "temperature_coefficient_per_k": (
                strip.temperature_coefficient_per_k * top_s + under.temperature_coefficient_per_k * below_s
            )
            / siemens,
            "density_kg_m3": (top_kg + below_kg) / section,
            "heat_capacity_j_kg_k": (
                strip.heat_capacity_j_kg_k * top_kg + under.heat_capacity_j_kg_k * below_kg
            )
            / (top_kg + below_kg),
            "conducts_heat_w_m_k": (strip.conductivity_w_m_k * top + under.conductivity_w_m_k * below)
            / section,
        }
    )
