"""What is typed to assay a strip, and what the sections of the Strips page share."""

from pydantic import Field as ModelField

from firmcell.core.base.quantity import Amperes, Frozen, Kelvin, Kilograms, Metres, Volts

WORST_JOINTS = 12


SAMPLES = 1000


class FourWire(Frozen):
    """A current through a strip, and the drop between two points on it."""

    current_a: Amperes = ModelField(5.0, title="Current", gt=0)
    drop_v: Volts = ModelField(0.03, title="Drop between the probes", gt=0)
    length_m: Metres = ModelField(0.1, title="Between the probes", gt=0)
    width_m: Metres = ModelField(0.008, title="Width", gt=0)
    thickness_m: Metres = ModelField(0.00015, title="Thickness", gt=0)
    temperature_k: Kelvin = ModelField(293.15, title="Strip is at")


class Weighed(Frozen):
    """A piece of strip, weighed and measured."""

    mass_kg: Kilograms = ModelField(0.0107, title="Weight", gt=0)
    length_m: Metres = ModelField(1.0, title="Length", gt=0)
    width_m: Metres = ModelField(0.008, title="Width", gt=0)
    thickness_m: Metres = ModelField(0.00015, title="Thickness", gt=0)


UNCERTAIN = {
    "current_a": 0.005,
    "drop_v": 0.005,
    "length_m": 0.005,
    "width_m": 0.01,
    "thickness_m": 0.03,
    "mass_kg": 0.01,
}
"""Standard uncertainty of a hand measurement, relative: a common meter, a steel rule, a caliper on thin
strip; common practice, no source."""
