"""Kinds of instrument at the bench: what each measures, and how it is asked for it in SCPI."""

from enum import StrEnum

from firmcell.core.base.frozen import frozen


class Kind(StrEnum):
    """What an instrument is."""

    METER = "bench meter"
    MILLIOHM = "milliohm meter, four wires"
    INSULATION = "insulation tester"
    THERMOMETER = "thermometer, two channels"
    SCALE = "scale"
    LOAD = "electronic load"
    CHARGER = "charger"


@frozen
class Quantity:
    """One thing that an instrument measures.

    Attributes
    ----------
    ask : the query.
    si : unit of what `value` gives.
    factor, offset : SI = answer × factor + offset.
    least, most : what can be right, in SI.
    """

    ask: str
    si: str
    factor: float = 1.0
    offset: float = 0.0
    least: float = -1e9
    most: float = 1e9


MEASURES: dict[Kind, dict[str, Quantity]] = {
    Kind.METER: {"volts": Quantity("MEAS:VOLT:DC?", "V", least=-2000, most=2000)},
    Kind.MILLIOHM: {"ohms": Quantity("MEAS:FRES?", "Ω", least=0.0, most=10.0)},
    Kind.INSULATION: {"ohms": Quantity("MEAS:RES?", "Ω", least=0.0, most=1e12)},
    Kind.THERMOMETER: {
        "first": Quantity("MEAS:TEMP? (@101)", "K", offset=273.15, least=173.15, most=1300.0),
        "second": Quantity("MEAS:TEMP? (@102)", "K", offset=273.15, least=173.15, most=1300.0),
    },
    Kind.SCALE: {"weight": Quantity("MEAS:WEIG?", "kg", factor=1e-3, least=-1.0, most=1000.0)},
    Kind.LOAD: {
        "volts": Quantity("MEAS:VOLT?", "V", least=-10, most=2000),
        "amps": Quantity("MEAS:CURR?", "A", least=-1, most=2000),
    },
    Kind.CHARGER: {
        "volts": Quantity("MEAS:VOLT?", "V", least=-10, most=2000),
        "amps": Quantity("MEAS:CURR?", "A", least=-2000, most=2000),
    },
}
"""By kind and name of what is measured; temperatures are answered in °C, weights in g."""

READ_FOR: dict[tuple[str, str], tuple[Kind, str]] = {
    ("polarity-reading", "volts"): (Kind.METER, "volts"),
    ("tap-reading", "volts"): (Kind.METER, "volts"),
    ("point-reading", "volts"): (Kind.METER, "volts"),
    ("cell-check", "lowest_v"): (Kind.METER, "volts"),
    ("cell-check", "highest_v"): (Kind.METER, "volts"),
    ("cell-reading", "volts"): (Kind.METER, "volts"),
    ("cell-reading", "ohms"): (Kind.MILLIOHM, "ohms"),
    ("joint-reading", "ohms"): (Kind.MILLIOHM, "ohms"),
    ("insulation-reading", "ohms"): (Kind.INSULATION, "ohms"),
    ("weighing", "before_kg"): (Kind.SCALE, "weight"),
    ("weighing", "after_kg"): (Kind.SCALE, "weight"),
}
"""Which instrument reads a field of a record."""
