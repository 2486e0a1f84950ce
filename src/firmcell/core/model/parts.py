"""The parts a pack is made of, as generic classes; a user may add parts of their own."""

from enum import StrEnum
from typing import Annotated, ClassVar, Self

from pydantic import Field, model_validator

from firmcell.core.base.quantity import (
    Amperes,
    Coulombs,
    Count,
    Fraction,
    Frozen,
    Kelvin,
    Kilograms,
    Metres,
    OhmMetres,
    Ohms,
    OhmsPerMetre,
    Price,
    SquareMetres,
    Unit,
    Volts,
)
from firmcell.core.model.chemistry import FACTS, Chemistry, ChemistryFacts

GENERIC = "generic class value"


NOT_KNOWN = "not known"
"""How the source of a part begins that stands, at the safe side, for one that is not known."""


class Part(Frozen):
    """What every part has: a name in the trade's terms and where its values come from."""

    kind: ClassVar[str] = "part"
    name: str = Field(title="Name", min_length=1, max_length=80)
    source: str = Field(GENERIC, title="Source of the values", max_length=200)
    price: Price | None = Field(None, title="Price of one, or of a metre, in the money of the shop")

    @property
    def known(self) -> bool:
        """Whether it is a part of a known class, and not what stands for one that nobody knows."""
        return not self.source.startswith(NOT_KNOWN)


class CellForm(StrEnum):
    """What a cell looks like and where its terminals are."""

    ROUND = "round"
    PRISMATIC = "prismatic, both terminals on top"
    POUCH = "pouch, both tabs at the top edge"


class Cell(Part):
    """A cell: round, prismatic with both terminals on top, or a pouch with both tabs at its top edge.

    Attributes
    ----------
    diameter_m : diameter of a round cell; thickness of a flat one (at the pressure it is held at).
    width_m : width of a flat cell along its terminals; 0 for a round one.
    length_m : from the bottom to the top, without tabs.
    nub_diameter_m : metal of the positive end; width of the terminal or tab of a flat cell.
    terminal_spacing_m : between the middles of the two terminals of a flat cell.
    """

    kind: ClassVar[str] = "cell"
    form: CellForm = Field(CellForm.ROUND, title="Form")
    chemistry: Chemistry = Field(title="Chemistry")
    size: str = Field(title="Size", max_length=20)
    diameter_m: Metres = Field(title="Diameter (flat: thickness)", gt=0)
    diameter_tolerance_m: Metres = Field(0.0002, title="Diameter or thickness, worst excess")
    width_m: Metres = Field(0.0, title="Width of a flat cell")
    terminal_spacing_m: Metres = Field(0.0, title="Terminals apart, flat cell")
    length_m: Metres = Field(title="Length", gt=0)
    length_tolerance_m: Metres = Field(0.0003, title="Length, worst excess")
    nub_diameter_m: Metres = Field(0.008, title="Positive end, diameter of the metal")
    capacity_as: Coulombs = Field(title="Capacity", gt=0)
    resistance_ohm: Ohms = Field(title="D.C. resistance", gt=0)
    current_continuous_a: Amperes = Field(title="Discharge, continuous", gt=0)
    current_peak_a: Amperes = Field(title="Discharge, peak", gt=0)
    current_charge_a: Amperes = Field(title="Charge, greatest", gt=0)
    mass_kg: Kilograms = Field(title="Mass", gt=0)
    temperature_max_k: Kelvin = Field(333.15, title="Greatest temperature")
    temperature_charge_min_k: Kelvin = Field(273.15, title="Least temperature for charging")
    temperature_discharge_min_k: Kelvin = Field(253.15, title="Least temperature for discharge")
    empty_v: Volts = Field(title="Empty", gt=0)
    nominal_v: Volts = Field(title="Nominal", gt=0)
    full_v: Volts = Field(title="Full", gt=0)

    @model_validator(mode="after")
    def _has_its_sides(self) -> Self:
        if self.form is not CellForm.ROUND and not 0 < self.terminal_spacing_m < self.width_m:
            raise ValueError("a flat cell needs a width, and its terminals apart by less than that")
        return self

    @property
    def is_round(self) -> bool:
        """Whether it is a cylinder with one pole at each end."""
        return self.form is CellForm.ROUND

    @property
    def largest_m(self) -> tuple[float, float]:
        """Largest size across: diameter twice, or thickness and width, m."""
        thick = self.diameter_m + self.diameter_tolerance_m
        return (thick, thick if self.is_round else self.width_m + self.diameter_tolerance_m)

    @property
    def facts(self) -> ChemistryFacts:
        """The facts of this cell's chemistry."""
        return FACTS[self.chemistry]


class StripMetal(StrEnum):
    """Metal of a strip."""

    NICKEL = "nickel"
    PLATED_STEEL = "nickel-plated steel"
    COPPER = "copper"


METAL_CONDUCTIVITY = {StripMetal.NICKEL: 90.7, StripMetal.PLATED_STEEL: 60.0, StripMetal.COPPER: 401.0}
"""W/m·K at 300 K: nickel and copper after Incropera's tables (from memory); mild steel strip is a generic
class value."""


class Strip(Part):
    """Flat strip for joining cells."""

    kind: ClassVar[str] = "strip"
    metal: StripMetal = Field(title="Metal")
    thickness_m: Metres = Field(title="Thickness", gt=0, le=0.01)
    width_m: Metres = Field(title="Width", gt=0, le=0.2)
    resistivity_ohm_m: OhmMetres = Field(title="Resistivity at 20 °C")
    temperature_coefficient_per_k: Annotated[float, Unit("1/K")] = Field(
        title="Temperature coefficient at 20 °C", ge=0, le=0.02
    )
    density_kg_m3: Annotated[float, Unit("kg/m³")] = Field(title="Density", gt=0, le=30_000)
    heat_capacity_j_kg_k: Annotated[float, Unit("J/kg·K")] = Field(title="Heat capacity", gt=0, le=5000)
    conducts_heat_w_m_k: Annotated[float, Unit("W/m·K")] | None = Field(
        None, title="Thermal conductivity, if not that of its metal", gt=0, le=1000
    )

    @property
    def section_m2(self) -> float:
        """Metal cross-section of one layer, m²."""
        return self.thickness_m * self.width_m

    @property
    def conductivity_w_m_k(self) -> float:
        """Thermal conductivity of the metal, W/m·K."""
        return self.conducts_heat_w_m_k or METAL_CONDUCTIVITY[self.metal]


class Conductor(StrEnum):
    """How the copper of a wire is made up."""

    FINE = "fine-stranded"
    STRANDED = "stranded"
    SOLID = "solid"


class Wire(Part):
    """Single insulated copper conductor.

    Attributes
    ----------
    insulation : one of the classes in `insulation.INSULATIONS`, or a name of the user's own.
    bend_radius_m : smallest radius it may be laid with, on its inside; None is that of its class, see
        `smallest_bend`.
    """

    kind: ClassVar[str] = "wire"
    conductor: Conductor = Field(Conductor.FINE, title="Conductor")
    tinned: bool = Field(False, title="Strands tinned")
    bend_radius_m: Metres | None = Field(None, title="Smallest bend, inside radius", gt=0)
    gauge: str = Field(title="Gauge", max_length=20)
    area_m2: SquareMetres = Field(title="Copper area")
    resistance_ohm_per_m: OhmsPerMetre = Field(title="Resistance at 20 °C")
    insulation: str = Field("silicone", title="Insulation", max_length=30)
    insulation_limit_k: Kelvin = Field(title="Insulation, greatest temperature")
    rated_v: Volts = Field(300.0, title="Insulation, rated voltage", gt=0)
    outer_diameter_m: Metres = Field(title="Outer diameter", gt=0)
    mass_kg_per_m: Annotated[float, Unit("kg/m")] = Field(title="Mass per metre", gt=0, le=50)


class Keying(StrEnum):
    """What keeps a connector from being mated backwards."""

    KEYED = "keyed"
    UNKEYED = "unkeyed"


class Contact(StrEnum):
    """How the contacts of a connector are made; it sets the face that is drawn."""

    TWIN_BULLET = "twin bullet"
    BULLET = "bare bullets"
    T_BLADE = "T-blade"
    MODULAR_BLADE = "modular genderless blades"
    CRIMP_HOUSING = "crimp housing"
    MAGNETIC = "magnetic"
    SCREW = "screw terminals"
    HOST_PLUG = "many-pin host plug"
    OTHER = "other"


class Connector(Part):
    """A connector by its class of contact.

    Attributes
    ----------
    contact, contact_size_m : kind of contact; diameter of a bullet, width of a blade, pitch of a housing.
    mating_cycles : how often it may be mated; None is not known.
    polarity_mark : what tells plus from minus on its body.
    """

    kind: ClassVar[str] = "connector"
    contacts: Count = Field(title="Contacts", ge=1, le=64)
    keying: Keying = Field(title="Keying")
    pack_half: str = Field(title="Half that goes on the pack", max_length=80)
    pack_half_shrouded: bool = Field(title="Contacts of that half are shrouded")
    current_continuous_a: Amperes = Field(title="Current, continuous", gt=0)
    current_peak_a: Amperes = Field(title="Current, peak", gt=0)
    voltage_v: Volts = Field(title="Voltage", gt=0)
    contact_resistance_ohm: Ohms = Field(title="Contact resistance, one pair", gt=0)
    wire_area_max_m2: SquareMetres = Field(title="Largest wire that fits the cup")
    cup_depth_m: Metres = Field(title="Depth of the cup", gt=0)
    temperature_max_k: Kelvin = Field(378.15, title="Greatest temperature of the body")
    anti_spark: bool = Field(False, title="Has a spark-limiting contact")
    contact: Contact = Field(Contact.OTHER, title="Kind of contact")
    contact_size_m: Metres = Field(0.004, title="Bullet, blade or pitch", gt=0)
    mating_cycles: Count | None = Field(None, title="Mating cycles", le=1_000_000)
    polarity_mark: str = Field("", title="Polarity mark", max_length=80)

    @property
    def loose_contacts(self) -> bool:
        """Whether each contact is joined by itself and then pushed into the body until it latches."""
        return self.contact in (Contact.MODULAR_BLADE, Contact.CRIMP_HOUSING)


class FuseKind(StrEnum):
    """How a fuse or breaker is built; it sets how long it lets an overcurrent through."""

    BLADE = "blade"
    BOLTED = "bolted"
    TUBE = "ceramic tube"
    BLOCK = "ceramic block"
    BREAKER = "thermal breaker"


FUSE_DROP_V = {
    FuseKind.BLADE: 0.12,
    FuseKind.BOLTED: 0.10,
    FuseKind.TUBE: 0.15,
    FuseKind.BLOCK: 0.10,
    FuseKind.BREAKER: 0.20,
}
"""What is lost over the element at the rated current, V; generic class values on the high side, from memory."""


class Fuse(Part):
    """A fuse or breaker."""

    kind: ClassVar[str] = "fuse"
    construction: FuseKind = Field(FuseKind.BOLTED, title="Kind")
    rating_a: Amperes = Field(title="Rated current", gt=0)
    voltage_dc_v: Volts = Field(title="Voltage, d.c.", gt=0)
    breaking_a: Amperes = Field(title="Breaking capacity", gt=0)
    resettable: bool = Field(False, title="Can be reset")

    @property
    def element_ohm(self) -> float:
        """Resistance of the element, warm, Ω: the smaller the rating, the more."""
        return FUSE_DROP_V[self.construction] / self.rating_a


class Lug(Part):
    """A crimped ring lug for heavy cable: the conductor areas its barrel takes and the stud it goes on."""

    kind: ClassVar[str] = "lug"
    area_min_m2: SquareMetres = Field(title="Conductor from")
    area_max_m2: SquareMetres = Field(title="Conductor to", gt=0)
    stud_m: Metres = Field(title="Stud", gt=0, le=0.03)
    barrel_depth_m: Metres = Field(title="Depth of the barrel", gt=0)
    barrel_outer_m: Metres = Field(title="Barrel, outer diameter", gt=0)
    palm_width_m: Metres = Field(title="Width at the stud", gt=0)
    crimps: Count = Field(1, title="Crimps the barrel has room for", ge=1, le=3)

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        if self.area_min_m2 > self.area_max_m2:
            raise ValueError("a lug's smallest conductor is not above its largest")
        return self


class ChargePort(StrEnum):
    """Whether charge and load share the board's output."""

    COMMON = "common"
    SEPARATE = "separate"


class SwitchSide(StrEnum):
    """Which line the board opens."""

    LOW = "minus line"
    HIGH = "plus line"


class SenseJoined(StrEnum):
    """How sense leads are joined to a board."""

    PLUG = "in a plug"
    SOLDERED = "soldered to its pads"


class Board(Part):
    """A BMS, or protection board.

    Attributes
    ----------
    short_trip_a, trip_delay_s : current at which it opens at once (0: not known), and how long it takes
        above `current_peak_a`.
    pads : names as printed on the pads of the sense plug, in the order they lie, commas between; empty is
        B− to B+ in order.
    ntc_ohm, ntc_b_k : of its temperature sensors.
    """

    kind: ClassVar[str] = "board"
    chemistry: Chemistry = Field(title="Chemistry")
    series: Count = Field(title="Groups in series", ge=1, le=64)
    current_continuous_a: Amperes = Field(title="Discharge, continuous", gt=0)
    current_peak_a: Amperes = Field(title="Discharge, trips above", gt=0)
    current_charge_a: Amperes = Field(title="Charge, greatest", gt=0)
    over_voltage_v: Volts = Field(title="Group over-voltage trip", gt=0)
    under_voltage_v: Volts = Field(title="Group under-voltage trip", gt=0)
    balance_current_a: Amperes = Field(title="Balance current")
    resistance_ohm: Ohms = Field(title="Resistance in the main line", gt=0)
    standby_current_a: Amperes = Field(title="Standby current")
    short_trip_a: Amperes = Field(0.0, title="Opens at once from (0: not known)")
    trip_delay_s: Annotated[float, Unit("s")] = Field(
        0.1, title="Delay of the over-current trip", ge=0, le=60
    )
    charge_port: ChargePort = Field(ChargePort.COMMON, title="Charge port")
    switch_side: SwitchSide = Field(SwitchSide.LOW, title="Switches the")
    pads: str = Field("", title="Pads as printed, in order", max_length=400)
    sense_joined: SenseJoined = Field(SenseJoined.PLUG, title="Sense leads are joined")
    ntc_ohm: Ohms = Field(10_000.0, title="Sensor at 25 °C", gt=0)
    ntc_b_k: Annotated[float, Unit("1")] = Field(3435.0, title="Sensor, B value in K", gt=500, le=8000)
    temperature_sensors: Count = Field(0, title="Temperature sensors", le=16)
    length_m: Metres = Field(title="Length", gt=0)
    width_m: Metres = Field(title="Width", gt=0)
    height_m: Metres = Field(title="Height with parts", gt=0)

    @property
    def pad_names(self) -> tuple[str, ...]:
        """Names on the pads of the sense plug in the order they lie."""
        named = tuple(n.strip() for n in self.pads.split(",") if n.strip())
        return named or tuple(f"B{n}" for n in range(self.series + 1))


class Sleeve(Part):
    """Heat-shrink sleeve for whole packs, by its flat width as supplied."""

    kind: ClassVar[str] = "sleeve"
    flat_width_m: Metres = Field(title="Flat width as supplied", gt=0)
    wall_m: Metres = Field(0.00015, title="Wall as supplied", gt=0)
    recovered_ratio: Fraction = Field(0.5, title="Recovered over supplied width", gt=0)
    lengthwise_shrink: Fraction = Field(0.10, title="Shrink in length, worst")


PART_KINDS: dict[str, type[Part]] = {
    each.kind: each for each in (Cell, Strip, Wire, Connector, Fuse, Lug, Board, Sleeve)
}
