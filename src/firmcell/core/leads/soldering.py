"""What a soldered or crimped joint of a lead asks of the bench: iron, time, strip length, sleeve, pull."""

from math import ceil, erfc, pi, sqrt

import numpy as np

from firmcell.core.base.frozen import frozen
from firmcell.core.leads.wire_rating import gauge_number
from firmcell.core.model.parts import Connector, Wire
from firmcell.core.physics.wire_heat import COPPER_DENSITY, COPPER_HEAT_CAPACITY, conductor_diameter

COPPER_CONDUCTIVITY = 401.0
"""W/m·K at 300 K (Incropera's tables, value from memory)."""
BRASS_DENSITY, BRASS_HEAT_CAPACITY = 8500.0, 380.0
"""kg/m³ and J/kg·K of brass contacts (value from memory)."""
SOLDERING_RISE_K = 210.0
"""From the bench to 40 K over the melting of the common alloys (183 °C leaded, 217 to 227 °C lead-free)."""
REACHES = 0.75
"""Part of an iron's rated power that gets into the joint with a clean, tinned tip; generic class value."""
SLOW_S, QUICK_S = 6.0, 3.0
"""Time for a large and for a small cup to come to heat: 5 to 6 s for a large one, common practice, no
source."""
LARGE_M2, SMALL_M2 = 5.26e-6, 1.31e-6
TOUCH_K = 20.0
"""A cell or pouch tab at the other end should not warm by more; engineering judgement."""
IRONS_W = (25, 40, 60, 80, 100, 150, 200, 300, 500)
SLEEVES_M = tuple(mm * 1e-3 for mm in (1.2, 1.6, 2.4, 3.2, 4.8, 6.4, 9.5, 12.7, 19.1, 25.4, 38.1))
"""Stock sizes of joint sleeve by supplied inner diameter, m; generic class values."""
RATIOS, LINED_RATIOS = (2.0, 3.0, 4.0), (3.0, 4.0)
"""Shrink ratios of joint sleeve, and of such with adhesive inside; generic class values."""
CRIMP_ALLOWANCE_M = 0.001
"""Strip past the barrel's depth, m; common practice, no source."""

IEC_60352_2 = {
    0.22: 28,
    0.32: 40,
    0.5: 60,
    0.75: 85,
    1.0: 108,
    1.5: 150,
    2.5: 230,
    4.0: 310,
    6.0: 360,
    10.0: 380,
}
"""Least pull-out of crimped contacts, N by mm² (values from memory)."""
UL_486A = {
    22: 8,
    20: 13,
    18: 20,
    16: 30,
    14: 50,
    12: 70,
    10: 80,
    8: 90,
    6: 100,
    4: 140,
    2: 180,
    0: 250,
    -1: 300,
    -3: 450,
}
"""UL 486A-486B, pounds-force by AWG (values from memory)."""
POUND_FORCE_N = 4.4482216


@frozen
class SleeveChoice:
    """A joint sleeve.

    Attributes
    ----------
    supplied_m, recovered_m, cut_m : inner diameter as bought and shrunk right down, and cut length, m.
    ratio : of the two.
    lined : whether it has adhesive inside that melts and seals; such sleeve is made at 3:1 and 4:1.
    """

    supplied_m: float
    ratio: float
    recovered_m: float
    cut_m: float
    lined: bool = False

    @property
    def words(self) -> str:
        """Size and kind as it is bought: 12.7 mm 3:1 adhesive-lined sleeve."""
        kind = " adhesive-lined" if self.lined else ""
        return f"{self.supplied_m * 1e3:.3g} mm {self.ratio:g}:1{kind} sleeve"


@frozen
class JointWork:
    """What one joint asks for.

    Attributes
    ----------
    energy_j : heat that wire end and contact take up.
    iron_w, iron_class_w : least power, and the next common iron.
    seconds : until it is hot with that least power.
    strip_m : insulation to take off for a cup; for a barrel add `CRIMP_ALLOWANCE_M`.
    far_rise_k : how warm the other end of the lead gets while it is soldered, twice as long for good measure.
    sleeve : that slides over the contact and grips the wire; None if no stock size does both.
    pull_n, pull_source : least pull-out of a crimp instead, and the standard; None outside its table.
    """

    energy_j: float
    iron_w: float
    iron_class_w: int
    seconds: float
    strip_m: float
    far_rise_k: float
    sleeve: SleeveChoice | None
    pull_n: float | None
    pull_source: str


def contact_mass(connector: Connector) -> float:
    """Return the mass of one contact, taken as a brass rod of 2½ cup depths and 1½ times the largest wire.

    Parameters
    ----------
    connector : Connector

    Returns
    -------
    mass : float
        kg.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> round(contact_mass(PLUG) * 1e3, 6)  # 8500 kg/m³ × 25 mm × 6 mm²
    1.275
    """
    return BRASS_DENSITY * 2.5 * connector.cup_depth_m * 1.5 * connector.wire_area_max_m2


def cup_diameter(connector: Connector) -> float:
    """Return the outer diameter of the cup: the circle round its largest wire and a wall of a fifth of it
    each side.

    Parameters
    ----------
    connector : Connector

    Returns
    -------
    diameter : float
        m.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> from firmcell.core.leads.soldering import conductor_diameter
    >>> from firmcell.core.model.sample_parts import PLUG
    >>> bool(abs(cup_diameter(PLUG) - 1.4 * conductor_diameter(4e-6)) < 1e-12)
    True
    """
    return float(conductor_diameter(connector.wire_area_max_m2)) * 1.4


def heating_seconds(area_m2: float) -> float:
    """Return how long a joint should take to come to heat: quick, so that little is cooked.

    Parameters
    ----------
    area_m2 : float
        Copper of the wire, m².

    Returns
    -------
    time : float
        s; 3 s up to 16 AWG, 6 s from 10 AWG, between them in proportion.

    References
    ----------
    .. [1] common-practice

    Examples
    --------
    >>> heating_seconds(1.31e-6), heating_seconds(5.26e-6), heating_seconds(16e-6)
    (3.0, 6.0, 6.0)
    """
    return float(np.interp(area_m2, (SMALL_M2, LARGE_M2), (QUICK_S, SLOW_S)))


def far_end_rise(length_m: float, seconds: float) -> float:
    """Return the rise in K at a distance along a copper wire whose end is held at soldering heat for a time.

    ΔT erfc(x/2√(αt)), a half-infinite rod without loss (Carslaw and Jaeger, from memory): errs high.

    Parameters
    ----------
    length_m : float
        From the soldered end, m.
    seconds : float
        s.

    Returns
    -------
    rise : float
        K.

    References
    ----------
    .. [1] carslaw-jaeger

    Examples
    --------
    >>> share = far_end_rise(0.0482, 5.0) / far_end_rise(0.0, 5.0)
    >>> round(share, 2)  # erfc(1) where x = 2 √(α t), α of copper 1.16e-4 m²/s
    0.16
    """
    diffusivity = COPPER_CONDUCTIVITY / (COPPER_DENSITY * COPPER_HEAT_CAPACITY)
    return SOLDERING_RISE_K * erfc(length_m / (2 * sqrt(diffusivity * seconds))) if seconds > 0 else 0.0


def joint_work(wire: Wire, connector: Connector, length_m: float) -> JointWork:
    """Return what soldering one lead into its cup asks for; `length_m` is the way to the pack.

    Power: the heat that contact and wire end take up in the time it should need, and what runs off along the
    wire meanwhile, on average 2 k A ΔT/√(π α t); over the part of the iron's power that gets in.
    """
    seconds = heating_seconds(wire.area_m2)
    end_kg = wire.area_m2 * connector.cup_depth_m * COPPER_DENSITY
    energy = SOLDERING_RISE_K * (
        contact_mass(connector) * BRASS_HEAT_CAPACITY + end_kg * COPPER_HEAT_CAPACITY
    )
    diffusivity = COPPER_CONDUCTIVITY / (COPPER_DENSITY * COPPER_HEAT_CAPACITY)
    along = 2 * COPPER_CONDUCTIVITY * wire.area_m2 * SOLDERING_RISE_K / sqrt(pi * diffusivity * seconds)
    power = (energy / seconds + along) / REACHES
    pull, source = pull_out(wire)
    return JointWork(
        energy_j=energy,
        iron_w=power,
        iron_class_w=next((w for w in IRONS_W if w >= power), 100 * ceil(power / 100)),
        seconds=seconds,
        strip_m=connector.cup_depth_m,
        far_rise_k=far_end_rise(length_m, 2 * seconds),
        sleeve=joint_sleeve(cup_diameter(connector), wire.outer_diameter_m, connector.cup_depth_m),
        pull_n=pull,
        pull_source=source,
    )


def heated_after(work: JointWork, wire: Wire, iron_w: float) -> float:
    """Return after how long an iron has brought a joint to soldering heat.

    From the balance of `joint_work`: E/t + 2 k A ΔT/√(π α t) = the power that gets in. The end of the wire
    counts as hot all the time, so that the time errs long.

    Parameters
    ----------
    work : JointWork
    wire : Wire
    iron_w : float
        Power of the iron, W.

    Returns
    -------
    time : float
        s.

    References
    ----------
    .. [1] carslaw-jaeger

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import PLUG, WIRE
    >>> work = joint_work(WIRE, PLUG, 0.1)
    >>> abs(heated_after(work, WIRE, work.iron_w) / work.seconds - 1) < 1e-9
    True
    """
    diffusivity = COPPER_CONDUCTIVITY / (COPPER_DENSITY * COPPER_HEAT_CAPACITY)
    along = 2 * COPPER_CONDUCTIVITY * wire.area_m2 * SOLDERING_RISE_K / sqrt(pi * diffusivity)
    # With x = 1/√t it is E x² + along x = power.
    root = (sqrt(along**2 + 4 * work.energy_j * iron_w * REACHES) - along) / (2 * work.energy_j)
    return 1.0 / root**2


def joint_sleeve(passes_m: float, grips_m: float, bare_m: float, lined: bool = False) -> SleeveChoice | None:
    """Return the smallest stock sleeve that slides over the largest thing and shrinks on to the smallest, m.

    Supplied diameter over `passes_m` with a tenth of ease, recovered under `grips_m`; of one size the lower
    ratio, which is softer; `lined` asks for adhesive-lined sleeve. It covers the bare part and two wire
    diameters of insulation, a tenth more for
    shrinking along.
    """
    for supplied in SLEEVES_M:
        if supplied < max(passes_m, grips_m) * 1.1:
            continue
        for ratio in LINED_RATIOS if lined else RATIOS:
            if supplied / ratio < grips_m:
                cut = (bare_m + 2 * grips_m + 0.003) * 1.1
                return SleeveChoice(supplied, ratio, supplied / ratio, cut, lined)
        return None
    return None


def pull_out(wire: Wire) -> tuple[float | None, str]:
    """Return the least pull-out of a crimped wire; between sizes of a table the next smaller counts.

    Parameters
    ----------
    wire : Wire

    Returns
    -------
    force : float or None
        N; None outside the tables.
    standard : str
        Its name, or "".

    References
    ----------
    .. [1] iec-60352-2
    .. [2] ul-486a

    Examples
    --------
    >>> from firmcell.core.model.sample_parts import WIRE
    >>> pull_out(WIRE)  # 2 mm² counts as 1.5
    (150.0, 'IEC 60352-2')
    >>> force, standard = pull_out(WIRE.model_copy(update={"gauge": "14 AWG"}))
    >>> round(force / 4.4482216, 6), standard  # 50 pounds-force
    (50.0, 'UL 486A-486B')
    """
    number = gauge_number(wire)
    if number is not None:
        if number in UL_486A:
            return UL_486A[number] * POUND_FORCE_N, "UL 486A-486B"
        return None, ""
    area = wire.area_m2 * 1e6
    sizes = [size for size in IEC_60352_2 if size <= area * 1.001]
    return (float(IEC_60352_2[max(sizes)]), "IEC 60352-2") if sizes and area <= 10.01 else (None, "")


def held_straight(connector: Connector) -> str:
    """Return how the contacts of a connector are kept straight and in place while they are joined, as a
    sentence.

    A mate keeps contacts straight that sit in their body; loose ones it cannot hold.
    """
    if connector.loose_contacts:
        return (
            "Its contacts are loose: the cap goes on the wires before anything else; hold each contact in a jig while it is joined, then push it into the body "
            "until it latches, and tug. A mate cannot hold them straight."
        )
    return "An unconnected mate plugged in keeps the contacts straight (never a live one)."
