"""Parts of round numbers for the worked examples of formulae: their results can be followed with a pencil."""

from firmcell.core.model.chemistry import Chemistry
from firmcell.core.model.parts import Cell, Connector, Fuse, FuseKind, Keying, Strip, StripMetal, Wire

WIRE = Wire(
    name="sample wire",
    gauge="2 mm²",
    area_m2=2e-6,
    resistance_ohm_per_m=0.01,
    insulation_limit_k=473.15,
    outer_diameter_m=3e-3,
    mass_kg_per_m=0.03,
)
"""2 mm² of copper under silicone to 3 mm; 0.01 Ω/m at 20 °C."""

NICKEL = Strip(
    name="nickel 0.15 × 8",
    metal=StripMetal.NICKEL,
    thickness_m=1.5e-4,
    width_m=8e-3,
    resistivity_ohm_m=6.93e-8,
    temperature_coefficient_per_k=0.006,
    density_kg_m3=8900.0,
    heat_capacity_j_kg_k=444.0,
)
"""Nickel 0.15 × 8 mm, 1.2 mm²; metal by the CRC Handbook."""

PLUG = Connector(
    name="sample plug",
    contacts=2,
    keying=Keying.KEYED,
    pack_half="sockets",
    pack_half_shrouded=True,
    current_continuous_a=40.0,
    current_peak_a=60.0,
    voltage_v=100.0,
    contact_resistance_ohm=0.0005,
    wire_area_max_m2=4e-6,
    cup_depth_m=0.01,
    temperature_max_k=383.15,
)
"""40 A at 30 °C, 0.5 mΩ a contact, cups for 4 mm², 10 mm deep, to 110 °C."""

BLADE = Fuse(
    name="sample blade",
    rating_a=20.0,
    voltage_dc_v=58.0,
    breaking_a=1000.0,
    construction=FuseKind.BLADE,
)
"""A 20 A blade."""

CELL = Cell(
    name="sample cell",
    chemistry=Chemistry.LI_ION,
    size="18650",
    diameter_m=0.0184,
    length_m=0.0652,
    capacity_as=3600.0 * 3,
    resistance_ohm=0.03,
    current_continuous_a=6.0,
    current_peak_a=10.0,
    current_charge_a=1.5,
    mass_kg=0.046,
    empty_v=2.5,
    nominal_v=3.6,
    full_v=4.2,
)
"""A round cell of 18 × 65 mm, 3 Ah and 30 mΩ."""
