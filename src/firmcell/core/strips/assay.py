"""Is a strip pure nickel or plated steel? From a four-wire measurement or from weight and size, with
uncertainty."""

from math import erf, exp, pi, sqrt

from firmcell.core.base.frozen import frozen
from firmcell.core.base.refusal import Refusal
from firmcell.core.model.parts import Strip, StripMetal
from firmcell.core.physics.short_wire import COPPER_RESISTIVITY
from firmcell.core.physics.wire_heat import COPPER_DENSITY

NICKEL_OHM_M, NICKEL_KG_M3 = (6.93e-8, 9.6e-8), 8900.0
"""Ω·m at 20 °C, from high purity (CRC Handbook) to the commercially pure metal that strip is made of (makers' sheets,
85 to 96 nΩ·m), and kg/m³; values from memory."""
STEEL_OHM_M, STEEL_KG_M3 = (1.0e-7, 1.8e-7), 7850.0
"""Nickel-plated steel strip as sold, generic class value; density of steel (values from memory)."""
COPPER_OHM_M, COPPER_KG_M3 = COPPER_RESISTIVITY, COPPER_DENSITY


@frozen
class Measured:
    """A measured value and its standard uncertainty, in one unit."""

    value: float
    uncertainty: float

    @property
    def relative(self) -> float:
        """Uncertainty over value."""
        return self.uncertainty / abs(self.value)


@frozen
class Assay:
    """What a strip is.

    Attributes
    ----------
    quantity : “resistivity” (Ω·m at 20 °C) or “density” (kg/m³).
    result : with its uncertainty.
    metal : most likely, or None if two fit alike.
    likelihood : how much of all it is, among nickel, plated steel and copper, alike before the measurement.
    words : the verdict in a sentence.
    """

    quantity: str
    result: Measured
    metal: StripMetal | None
    likelihood: dict[StripMetal, float]
    words: str


def _above_zero(**measured: Measured) -> None:
    for name, m in measured.items():
        if m.value <= 0 or m.uncertainty < 0:
            raise Refusal(f"The {name} must be above zero.")


def by_resistance(
    current_a: Measured,
    volts: Measured,
    length_m: Measured,
    width_m: Measured,
    thickness_m: Measured,
    temperature_k: float = 293.15,
) -> Assay:
    """Return the verdict from a current, the drop over a measured length and the size of the strip.

    ρ = U·w·t/(I·l), brought to 20 °C with nickel's coefficient (0.006 /K); relative uncertainties add as
    squares.

    Raises
    ------
    Refusal
        If a value is not above zero.

    Parameters
    ----------
    current_a, volts : Measured
        A and V, with their uncertainties.
    length_m, width_m, thickness_m : Measured
        m.
    temperature_k : float
        Of the strip, K.

    Returns
    -------
    assay : Assay
        Resistivity in Ω·m and the metal it fits.

    References
    ----------
    .. [1] crc
    .. [2] kirchhoff

    Examples
    --------
    >>> current, drop, length = Measured(10.0, 0.0), Measured(0.5775, 0.0), Measured(1.0, 0.0)
    >>> exact = (current, drop, length, Measured(0.008, 0.0), Measured(0.00015, 0.0))
    >>> round(by_resistance(*exact).result.value * 1e9, 1)  # 0.5775 V × 1.2 mm² / 10 A m, in nΩ·m
    69.3
    """
    _above_zero(current=current_a, voltage=volts, length=length_m, width=width_m, thickness=thickness_m)
    value = volts.value * width_m.value * thickness_m.value / (current_a.value * length_m.value)
    value /= 1 + 0.006 * (temperature_k - 293.15)
    relative = sqrt(sum(m.relative**2 for m in (current_a, volts, length_m, width_m, thickness_m)))
    result = Measured(value, value * relative)
    likely = {
        StripMetal.NICKEL: _within(result, *NICKEL_OHM_M),
        StripMetal.PLATED_STEEL: _within(result, *STEEL_OHM_M),
        StripMetal.COPPER: _at(result, COPPER_OHM_M, COPPER_OHM_M * 0.03),
    }
    return _verdict("resistivity", result, likely, f"{value * 1e9:.1f} ± {result.uncertainty * 1e9:.1f} nΩ·m")


def by_weight(mass_kg: Measured, length_m: Measured, width_m: Measured, thickness_m: Measured) -> Assay:
    """Return the verdict from weight and size; nickel and copper cannot be told apart by it, colour can.

    Raises
    ------
    Refusal
        If a value is not above zero.

    Parameters
    ----------
    mass_kg : Measured
        kg, with its uncertainty.
    length_m, width_m, thickness_m : Measured
        m.

    Returns
    -------
    assay : Assay
        Density in kg/m³ and the metal it fits.

    References
    ----------
    .. [1] crc

    Examples
    --------
    >>> sizes = Measured(1.0, 0.0), Measured(0.008, 0.0), Measured(0.00015, 0.0)
    >>> round(by_weight(Measured(0.01068, 0.0), *sizes).result.value)  # 10.68 g over 1.2 cm³
    8900
    """
    _above_zero(weight=mass_kg, length=length_m, width=width_m, thickness=thickness_m)
    value = mass_kg.value / (length_m.value * width_m.value * thickness_m.value)
    relative = sqrt(sum(m.relative**2 for m in (mass_kg, length_m, width_m, thickness_m)))
    result = Measured(value, value * relative)
    likely = {
        StripMetal.NICKEL: _at(result, NICKEL_KG_M3, 30.0),
        StripMetal.PLATED_STEEL: _at(result, STEEL_KG_M3 + 20.0, 40.0),
    }
    return _verdict("density", result, likely, f"{value / 1e3:.2f} ± {result.uncertainty / 1e3:.2f} g/cm³")


def _at(result: Measured, middle: float, spread: float) -> float:
    """Density of the measurement if the metal lies about `middle`."""
    width = sqrt(result.uncertainty**2 + spread**2)
    return exp(-0.5 * ((result.value - middle) / width) ** 2) / (width * sqrt(2 * pi))


def _within(result: Measured, low: float, high: float) -> float:
    """Density of the measurement if the metal lies anywhere between two values alike."""
    u = max(result.uncertainty, 1e-12)
    inside = 0.5 * (erf((high - result.value) / (u * sqrt(2))) - erf((low - result.value) / (u * sqrt(2))))
    return inside / (high - low)


SURE = 0.95


def _verdict(quantity: str, result: Measured, likely: dict[StripMetal, float], text: str) -> Assay:
    total = sum(likely.values())
    if total < 1e-9 * max(1 / max(result.uncertainty, 1e-15), 1e-9):
        return Assay(
            quantity,
            result,
            None,
            dict.fromkeys(likely, 0.0),
            f"{text}: none of nickel, plated steel or copper. Measure again.",
        )
    shares = {metal: value / total for metal, value in likely.items()}
    metal = max(shares, key=lambda m: shares[m])
    if shares[metal] < SURE:
        return Assay(
            quantity,
            result,
            None,
            shares,
            f"{text}: cannot tell {' from '.join(m.value for m in sorted(shares, key=lambda m: -shares[m])[:2])}; measure more exactly. "
            "Until then count it as plated steel.",
        )
    return Assay(
        quantity, result, metal, shares, f"{text}: {metal.value}, {shares[metal] * 100:.0f} % likely."
    )


def assayed_strip(strip: Strip, assay: Assay, width_m: float, thickness_m: float) -> Strip:
    """Return the strip of this job as it was measured.

    A measured resistivity is taken with twice its uncertainty on top, so that a doubtful one errs to the safe
    side; a weight gives the metal alone, whose usual resistivity counts. If the metal cannot be told it is
    plated steel.
    """
    metal = assay.metal or StripMetal.PLATED_STEEL
    usual = {
        StripMetal.NICKEL: NICKEL_OHM_M[1],
        StripMetal.PLATED_STEEL: STEEL_OHM_M[1],
        StripMetal.COPPER: COPPER_OHM_M,
    }
    resistivity = (
        assay.result.value + 2 * assay.result.uncertainty if assay.quantity == "resistivity" else usual[metal]
    )
    return strip.model_copy(
        update={
            "name": f"measured {metal.value} strip {thickness_m * 1e3:.2f} × {width_m * 1e3:.1f}",
            "metal": metal,
            "width_m": width_m,
            "thickness_m": thickness_m,
            "resistivity_ohm_m": resistivity,
            "temperature_coefficient_per_k": {
                StripMetal.NICKEL: 0.006,
                StripMetal.PLATED_STEEL: 0.005,
                StripMetal.COPPER: 0.00393,
            }[metal],
            "density_kg_m3": {
                StripMetal.NICKEL: NICKEL_KG_M3,
                StripMetal.PLATED_STEEL: STEEL_KG_M3,
                StripMetal.COPPER: COPPER_KG_M3,
            }[metal],
            "source": f"measured: {assay.words}"[:200],
        }
    )
